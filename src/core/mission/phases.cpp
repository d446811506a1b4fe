#include "core/mission/phases.hpp"

#include <array>

namespace sobremesa::mission {

namespace {

constexpr double same_place_m = 1.0;

class Course {
public:
    explicit Course(const PlanRequest& request) : mission_(request.mission) {}

    void climb_to_height() {
        // The climb leads towards the first waypoint; its leg then goes on from where the climb ended.
        list.push_back({PhaseKind::launch, {}, {}, 0.0, mission_.height_m, 0.0, false, -1});
        height_m_ = mission_.height_m;
    }

    void open_leg(double bearing_deg) {
        constexpr double any_m = 1000.0;
        const double way_m = mission_.farthest_m.value_or(any_m);
        list.push_back({PhaseKind::leg, at_, geodesy::offset(at_, bearing_deg, way_m), height_m_, height_m_, 0.0,
                        !mission_.farthest_m, -1});
    }

    void to_waypoint(const Waypoint& point, int index) {
        const double height_m = point.height_m.value_or(mission_.height_m);
        if (geodesy::distance_m(at_, point.at) > same_place_m) {
            const PhaseKind kind = height_m > height_m_   ? PhaseKind::climb
                                   : height_m < height_m_ ? PhaseKind::glide
                                                          : PhaseKind::leg;
            list.push_back({kind, at_, point.at, height_m_, height_m, 0.0, false, index});
        } else if (height_m != height_m_) {
            // Straight up or down over the place, in circles.
            list.push_back({PhaseKind::loiter, at_, at_, height_m_, height_m, 0.0, false, index});
        }
        at_ = point.at;
        height_m_ = height_m;
        if (point.loiter_s > 0.0 || point.loiter_to_the_last)
            loiter(point.loiter_s, point.loiter_to_the_last, index);
    }

    void loiter(double seconds, bool open, int index) {
        list.push_back({PhaseKind::loiter, at_, at_, height_m_, height_m_, seconds, open, index});
    }

    std::vector<Phase> list;

private:
    const Mission& mission_;
    geodesy::EastNorth at_;
    double height_m_ = 0.0;
};

} // namespace

const char* phase_word(PhaseKind kind) {
    static constexpr std::array<const char*, 8> words = {"launch", "climb",   "leg",     "glide",
                                                         "loiter", "descent", "landing", "turn"};
    return words[std::size_t(kind)];
}

std::vector<Phase> phases(const PlanRequest& request) {
    Course course(request);
    course.climb_to_height();
    const Mission& mission = request.mission;
    switch (mission.kind) {
    case MissionKind::out_and_back:
    case MissionKind::farthest_point: course.open_leg(mission.bearing_deg); break;
    case MissionKind::on_sun:
    case MissionKind::endurance: course.loiter(0.0, true, -1); break;
    case MissionKind::visit: {
        // One place; without a time of its own, as long there as it goes.
        Waypoint place = mission.waypoints.front();
        place.loiter_to_the_last = place.loiter_to_the_last || place.loiter_s <= 0.0;
        course.to_waypoint(place, 0);
        break;
    }
    case MissionKind::route:
    case MissionKind::one_way:
        for (std::size_t i = 0; i < mission.waypoints.size(); ++i) {
            course.to_waypoint(mission.waypoints[i], int(i));
            if (mission.waypoints[i].loiter_to_the_last) break;
        }
        break;
    }
    return course.list;
}

} // namespace sobremesa::mission

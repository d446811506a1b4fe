#include "session/plan_session.hpp"

#include <algorithm>
#include <utility>

#include "core/mission/make_plan.hpp"
#include "io/all_cores.hpp"
#include "io/plan_document.hpp"
#include "io/terrain.hpp"
#include "io/text_file.hpp"

namespace sobremesa::session {

PlanSession::PlanSession(QObject* parent) : QObject(parent), request_(first_request()) {
    soon_.setSingleShot(true);
    soon_.setInterval(0);
    connect(&soon_, &QTimer::timeout, this, &PlanSession::lookOut);
}

std::optional<units::Error> PlanSession::setRequest(const mission::PlanRequest& request) {
    const auto valid = mission::validate(request);
    if (!valid) return valid.error();
    const mission::PlanRequest before = std::exchange(request_, *valid);
    emit requestEdited(before);
    emit requestChanged();
    workOut();
    return std::nullopt;
}

void PlanSession::show(const mission::PlanRequest& request, std::int64_t document) {
    request_ = request;
    document_ = document;
    emit requestChanged();
    workOut();
}

void PlanSession::clear() {
    soon_.stop();
    job_.cancel();
    outlook_job_.cancel();
    chance_job_.cancel();
    ++cleared_;
    plan_.reset();
    outlook_.reset();
    untried_ = {};
    plan_document_ = -1;
    document_ = 0;
    request_ = first_request();
    emit requestChanged();
    emit planChanged();
}

namespace {

struct Worked {
    std::shared_ptr<const mission::Plan> plan;
    /// The verdict comes with the plan: a go that was another plan's must not stand beside it even for a moment. To
    /// try the cures takes several times what the plan takes, and waits for its turn.
    mission::LimitsReport untried;
    std::optional<units::Error> trouble;
    std::optional<units::Error> terrain;
};

constexpr int bearings = 120;

/// While something is dragged, an offered cure stands until it has been tried anew: what comes and goes thirty
/// times a second cannot be read, and moves what is under it.
mission::LimitsReport with_earlier_cures(mission::LimitsReport limits, const mission::LimitsReport& earlier) {
    for (mission::LimitCheck& check : limits.checks) {
        if (check.verdict != mission::Verdict::broken || !check.cure) continue;
        const auto same = std::find_if(earlier.checks.begin(), earlier.checks.end(), [&](const auto& before) {
            return before.kind == check.kind && before.verdict == mission::Verdict::broken;
        });
        check.cure = same == earlier.checks.end() ? std::nullopt : same->cure;
    }
    return limits;
}

} // namespace

void PlanSession::workOut() {
    soon_.stop();
    outlook_job_.cancel();
    chance_job_.cancel();
    job_.start(
        [request = request_, looks_out = looks_out_](const std::stop_token&) {
            mission::PlanRequest with = request;
            Worked worked;
            // The first time a raster takes a moment; after that it is shared.
            worked.terrain = io::add_terrain(with);
            auto plan = mission::make_plan(with, io::on_all_cores);
            if (!plan) {
                worked.trouble = plan.error();
                return worked;
            }
            if (looks_out) worked.untried = mission::untried_limits(*plan);
            worked.plan = std::make_shared<const mission::Plan>(std::move(*plan));
            return worked;
        },
        [this, document = document_, cleared = cleared_](Worked worked) {
            if (cleared != cleared_) return;
            if (!worked.plan) {
                emit refused(*worked.trouble);
                return;
            }
            auto outlook = std::make_shared<PlanOutlook>();
            if (outlook_ && plan_document_ == document) *outlook = *outlook_;
            outlook->plan = worked.plan;
            untried_ = std::move(worked.untried);
            outlook->limits = with_earlier_cures(untried_, outlook->limits);
            plan_document_ = document;
            plan_ = worked.plan;
            if (looks_out_) outlook_ = std::move(outlook);
            const std::string& raster = plan_->request.mission.terrain_file;
            if (worked.terrain && raster != told_terrain_) {
                told_terrain_ = raster;
                emit terrainRefused(*worked.terrain);
            }
            emit planChanged();
            if (!looks_out_) return;
            emit outlookChanged();
            soon_.start();
        });
}

void PlanSession::lookOut() {
    outlook_job_.start(
        [plan = plan_, before = outlook_, untried = untried_](const std::stop_token& stop) {
            auto outlook = std::make_shared<PlanOutlook>();
            outlook->plan = plan;
            const auto& terrain = plan->request.mission.terrain;
            outlook->limits = mission::with_tried_cures(*plan, untried, stop, io::on_all_cores);
            const bool same_ground = before->relief && before->relief_of == terrain.get();
            if (same_ground)
                outlook->relief = before->relief;
            else if (terrain)
                outlook->relief = std::make_shared<const geodesy::Relief>(geodesy::relief(*terrain, 500, stop));
            outlook->relief_of = terrain.get();
            outlook->reach = mission::reach(plan->request, plan->conditions, bearings, stop, io::on_all_cores);
            if (plan->turn && !plan->request.mission.alternates.empty())
                outlook->landing_places = mission::bail_out_map(*plan, plan->turn->distance_m.value);
            if (const auto question = matching::question_of(plan->request)) {
                if (auto sun = matching::sun_day(plan->request, *question)) outlook->sun = std::move(*sun);
            }
            return stop.stop_requested() ? nullptr : outlook;
        },
        [this](std::shared_ptr<PlanOutlook> outlook) {
            if (!outlook || outlook->plan != plan_) return;
            outlook_ = std::move(outlook);
            emit outlookChanged();
            drawChance();
        });
}

void PlanSession::drawChance() {
    if (!plan_ || !plan_->turn) return;
    chance_job_.start(
        [outlook = outlook_](const std::stop_token& stop) -> std::shared_ptr<PlanOutlook> {
            auto drawn = mission::chance(*outlook->plan, mission::usual_days, 1, stop, io::on_all_cores);
            if (!drawn) return nullptr;
            auto with = std::make_shared<PlanOutlook>(*outlook);
            auto plan = std::make_shared<mission::Plan>(*outlook->plan);
            plan->chance = std::make_shared<const mission::Chance>(std::move(*drawn));
            with->plan = std::move(plan);
            return with;
        },
        [this, of = plan_](std::shared_ptr<PlanOutlook> outlook) {
            if (!outlook || of != plan_) return;
            plan_ = outlook->plan;
            outlook_ = std::move(outlook);
            emit outlookChanged();
        });
}

units::Result<bool> PlanSession::save(const QString& path) {
    return io::write_text_file(path.toStdString(), io::json_from_plan(request_));
}

mission::PlanRequest first_request() {
    mission::PlanRequest request;
    request.aircraft.craft = airframe::Craft::wing;
    request.aircraft.mass_kg = 0.9;
    request.aircraft.cruise_airspeed_mps = 15.0;
    request.aircraft.cruise_power_w = 70.0;
    request.pack.chemistry = battery::Chemistry::li_ion;
    request.pack.series = 4;
    request.pack.parallel = 2;
    request.pack.cell_capacity_ah = 3.0;
    request.pack.mass_kg = 0.4;
    request.weather.wind = {3.0, 270.0};
    request.mission.bearing_deg = 270.0;
    request.mission.height_m = 80.0;
    return request;
}

} // namespace sobremesa::session

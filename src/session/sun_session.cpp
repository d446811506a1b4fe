#include "session/sun_session.hpp"

#include <cmath>

#include <QDateTime>

#include "io/calendar.hpp"

namespace sobremesa::session {

SunSession::SunSession(Workspace& workspace, PlanSession& plan, QObject* parent)
    : QObject(parent), workspace_(workspace), plan_(plan) {
    question_.day_utc_s =
        double(QDateTime(QDateTime::currentDateTimeUtc().date(), QTime(0, 0), Qt::UTC).toSecsSinceEpoch());
    connect(&workspace_, &Workspace::aircraftChanged, this, &SunSession::workOut);
    connect(&plan_, &PlanSession::requestChanged, this, &SunSession::workOut);
}

void SunSession::choose(std::optional<Id> aircraft) {
    if (aircraft == chosen_) return;
    chosen_ = aircraft;
    // What the plan says of day and sky is where one starts from.
    if (const auto& sun = plan_.request().sun) {
        question_.cloud_okta = sun->cloud_okta;
        if (sun->start_utc_s) {
            question_.day_utc_s = *io::day_utc_s(io::date_text(*sun->start_utc_s));
            question_.start_utc_s = sun->start_utc_s;
        }
    }
    report_.reset();
    workOut();
}

void SunSession::ask(const matching::SunQuestion& question) {
    question_ = question;
    workOut();
}

void SunSession::setPlace(std::optional<geodesy::Position> place) {
    place_ = place;
    workOut();
}

std::optional<geodesy::Position> SunSession::place() const {
    return place_ ? place_ : plan_.request().mission.home;
}

std::optional<matching::SunQuestion> SunSession::questionThere() const {
    const auto at = place();
    if (!at) return std::nullopt;
    matching::SunQuestion question = question_;
    question.at = *at;
    // The day of the place, by its sun: that of UTC would fall apart into two afternoons on the other side of the
    // world.
    constexpr double seconds_per_degree = 240.0; // a day over 360 °
    question.day_utc_s -= 60.0 * std::round(seconds_per_degree * at->longitude_deg / 60.0);
    return question;
}

std::optional<mission::PlanRequest> SunSession::request() const {
    if (!chosen_) return std::nullopt;
    const auto kept = workspace_.library().aircraft.find(*chosen_);
    if (kept == workspace_.library().aircraft.end()) return std::nullopt;
    mission::PlanRequest request = plan_.request();
    request.aircraft = kept->second.aircraft;
    return request;
}

std::optional<units::Error> SunSession::setRequest(const mission::PlanRequest& request) {
    if (!chosen_) return std::nullopt;
    auto kept = workspace_.library().aircraft.at(*chosen_);
    kept.aircraft = request.aircraft;
    const auto put = workspace_.put(logbook::EditKind::change_aircraft, *chosen_, kept);
    return put ? std::nullopt : std::optional(put.error());
}

void SunSession::workOut() {
    const auto flown = request();
    const auto at = place();
    error_.reset();
    if (!flown || !flown->aircraft.array || !at) {
        report_.reset();
        if (flown && flown->aircraft.array)
            error_ = units::Error{units::ErrorCode::value_missing, {{}, {}, {}, "mission.home"}, {}};
        emit changed();
        return;
    }
    job_.start([request = *flown, question = *questionThere()](
                   const std::stop_token&) { return matching::sun_day(request, question); },
               [this](units::Result<matching::SunDayReport> result) {
                   if (result) {
                       report_ = std::make_shared<const matching::SunDayReport>(std::move(*result));
                   } else {
                       report_.reset();
                       error_ = result.error();
                   }
                   emit changed();
               });
}

} // namespace sobremesa::session

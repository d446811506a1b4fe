#include "session/plan_session.hpp"

#include <utility>

#include "io/plan_document.hpp"
#include "io/text_file.hpp"

namespace sobremesa::session {

PlanSession::PlanSession(QObject* parent) : QObject(parent), request_(first_request()) {}

std::optional<units::Error> PlanSession::setRequest(const mission::PlanRequest& request) {
    const auto checked = mission::checked(request);
    if (!checked) return checked.error();
    const mission::PlanRequest before = std::exchange(request_, *checked);
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
    plan_.reset();
    plan_document_ = -1;
    document_ = 0;
    request_ = first_request();
    emit requestChanged();
    emit planChanged();
}

void PlanSession::workOut() {
    job_.start([request = request_](const std::stop_token&) { return mission::make_plan(request); },
               [this, document = document_](units::Result<mission::Plan> plan) {
                   if (!plan) {
                       emit refused(plan.error());
                       return;
                   }
                   plan_document_ = document;
                   plan_ = std::make_shared<const mission::Plan>(std::move(*plan));
                   emit planChanged();
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

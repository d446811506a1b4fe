#include "io/document_parts.hpp"

#include "core/mission/cruise_current.hpp"
#include "io/plan_fields.hpp"

namespace sobremesa::io {

using mission::PlanRequest;
using nlohmann::json;

namespace {

constexpr double default_height_m = 80.0;

} // namespace

void take_cruise_current(DocumentReader& in, PlanRequest& request) {
    const json* object = in.object("aircraft");
    if (in.error() || !object) return;
    DocumentReader aircraft(*object, in.file(), in.path_of("aircraft"));
    const auto current_a = cruise_current_a(aircraft);
    if (!current_a || aircraft.has("cruise_voltage_v")) return;
    // The pack decides: one that cannot be is said before it is asked.
    if (!battery::validate(request.pack)) return;
    request.aircraft.cruise_power_w = mission::power_from_current_w(request, *current_a);
}

json optional_value(const std::optional<double>& value) {
    return value ? json(*value) : json(nullptr);
}

void read_aircraft(DocumentReader& in, airframe::Aircraft& aircraft) {
    FieldReader reader(in);
    describe_aircraft(reader, aircraft);
}

void read_pack(DocumentReader& in, battery::Pack& pack) {
    FieldReader reader(in);
    describe_pack(reader, pack);
}

json aircraft_to_json(const airframe::Aircraft& aircraft) {
    return FieldWriter::written(aircraft, [](auto& v, const auto& a) { describe_aircraft(v, a); });
}

json pack_to_json(const battery::Pack& pack) {
    return FieldWriter::written(pack, [](auto& v, const auto& p) { describe_pack(v, p); });
}

json request_to_json(const PlanRequest& request) {
    return FieldWriter::written(request, [](auto& v, const auto& r) { describe_plan(v, r); });
}

units::Result<PlanRequest> read_request(DocumentReader& in) {
    PlanRequest request;
    request.mission.height_m = default_height_m;
    FieldReader reader(in);
    describe_plan(reader, request);
    if (in.error()) return tl::unexpected(*in.error());
    auto valid = mission::validate(request);
    if (!valid) {
        units::Error error = valid.error();
        error.where.file = in.file();
        return tl::unexpected(error);
    }
    return valid;
}

} // namespace sobremesa::io

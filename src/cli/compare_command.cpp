#include "cli/compare_command.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "cli/read_flight.hpp"
#include "cli/said.hpp"
#include "core/debrief/compare.hpp"
#include "core/units/constants.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/names.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::cli {

namespace {

units::Result<debrief::ComparedFlight> flight_from(const std::string& log_file, const std::string& plan_file) {
    const auto read = read_flight(log_file, plan_file);
    if (!read) return tl::unexpected(read.error());
    const std::string name = wording::file_title(log_file).toStdString();
    auto flight = debrief::compared_flight(name, read->flown, read->summary);
    if (flight) return *flight;
    units::Where where;
    where.file = log_file;
    return units::failure(units::ErrorCode::wind_not_shown, where);
}

Json row_json(const debrief::ComparedRow& row) {
    const double km = units::metres_per_kilometre;
    return {{"name", row.name},
            {"flown_wh_per_km", row.flown_wh_per_m ? or_null(*row.flown_wh_per_m * km) : Json(nullptr)},
            {"flown_mass_kg", row.flown_mass_kg},
            {"flown_airspeed_mps", row.flown_airspeed_mps},
            {"equal_wh_per_km", row.energy_wh_per_m.value * km},
            {"equal_sd_wh_per_km", row.energy_wh_per_m.sd * km},
            {"equal_power_w", row.power_w.value},
            {"equal_energy_wh", row.energy_wh.value},
            {"share_of_pack", row.share_of_pack.value},
            {"share_of_pack_sd", row.share_of_pack.sd},
            {"endurance_s", row.endurance_s.value},
            {"endurance_sd_s", row.endurance_s.sd}};
}

} // namespace

int compare(const CompareOptions& options, std::ostream& out, std::ostream& err) {
    std::vector<debrief::ComparedFlight> flights;
    for (std::size_t i = 0; i + 1 < options.flights.size(); i += 2) {
        auto flight = flight_from(options.flights[i], options.flights[i + 1]);
        if (!flight) return unusable(flight.error(), err);
        flights.push_back(std::move(*flight));
    }
    const auto compared =
        debrief::compare(flights, {options.airspeed_mps, options.all_up_mass_kg, options.distance_m});
    if (!compared) return unusable(compared.error(), err);
    if (options.json) {
        Json rows = Json::array();
        for (const auto& row : compared->rows) rows.push_back(row_json(row));
        out << Json{{"airspeed_mps", compared->airspeed_mps},
                    {"all_up_mass_kg", compared->all_up_mass_kg},
                    {"distance_m", compared->distance_m},
                    {"differ", compared->differ},
                    {"flights", rows}}
                   .dump(2)
            << "\n";
        return exit_done;
    }
    const wording::Quantities q;
    for (const auto& row : compared->rows) {
        const auto why = debrief::explain(row, units::Quantity::compared_energy_per_distance);
        const auto time = debrief::explain(row, units::Quantity::compared_endurance);
        out << "  " << row.name << ": " << q.text(why.quantity, why.value).toStdString() << " "
            << q.error_text(why.quantity, why.value).toStdString() << ", "
            << q.text(time.quantity, time.value).toStdString() << " "
            << q.error_text(time.quantity, time.value).toStdString() << "\n";
    }
    return exit_done;
}

} // namespace sobremesa::cli

#include "cli/debrief_command.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "core/battery/discharge.hpp"
#include "core/telemetry/consumption.hpp"
#include "core/units/constants.hpp"
#include "io/csv_log_reader.hpp"
#include "io/plan_document.hpp"
#include "io/text_file.hpp"
#include "io/text_number.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::cli {

namespace {

int unusable(const units::Error& error, std::ostream& err) {
    err << "sobremesa-cli: " << wording::message(error).toStdString() << "\n";
    return exit_unusable_input;
}

/// "LAT,LON" in degrees.
units::Result<geodesy::Position> position_from(const std::string& text) {
    const auto comma = text.find(',');
    const auto latitude = io::number_from_text(text.substr(0, comma));
    const auto longitude = comma == std::string::npos ? std::nullopt : io::number_from_text(text.substr(comma + 1));
    const geodesy::Position position{latitude.value_or(std::nan("")), longitude.value_or(std::nan(""))};
    if (geodesy::is_possible(position)) return position;
    units::Where where;
    where.field = "--home";
    return units::failure(units::ErrorCode::position_impossible, where,
                          {{"latitude", position.latitude_deg}, {"longitude", position.longitude_deg}});
}

/// Usable charge of a pack at the mean power of the flight, Ah.
units::Result<double> usable_charge_ah(const std::string& path, const telemetry::LogSummary& summary) {
    const auto text = io::read_text_file(path);
    if (!text) return tl::unexpected(text.error());
    const auto document = io::pack_from_json(*text, path);
    if (!document) return tl::unexpected(document.error());
    const double landing_v = battery::traits(document->pack.chemistry).default_landing_cell_v;
    const double power_w = summary.energy.mean_power_w.value_or(0.0);
    const battery::PackModel pack(document->pack);
    return battery::discharge_at_power(pack, pack.atStart(battery::reference_temperature_c), power_w,
                                       {landing_v, 1e9})
        .last()
        .charge_used_ah;
}

Json left_json(const telemetry::LogSummary& s, const std::optional<telemetry::LeftByCharge>& left,
               const std::optional<double>& recharged_mah) {
    Json recharge = nullptr;
    if (recharged_mah) {
        const double recharged_ah = *recharged_mah / units::milliamp_hours_per_amp_hour;
        const auto counted = telemetry::charge_used_ah(s);
        recharge = {{"recharged_ah", recharged_ah},
                    {"counted_ah", or_null(counted)},
                    {"counted_over_recharged",
                     counted && recharged_ah > 0.0 ? or_null(counted->value / recharged_ah) : Json(nullptr)}};
    }
    return {{"by_counted_charge_ah", left ? or_null(left->charge_ah.value) : Json(nullptr)},
            {"by_counted_charge_sd_ah", left ? or_null(left->charge_ah.sd) : Json(nullptr)},
            {"share_of_usable", left ? or_null(left->share.value) : Json(nullptr)},
            {"recharge", recharge}};
}

Json channels_json(const telemetry::FlightLog& log) {
    Json channels = Json::array();
    for (std::size_t i = 0; i < telemetry::channel_count; ++i) {
        const auto channel = static_cast<telemetry::Channel>(i);
        if (log.has(channel)) channels.push_back(telemetry::channel_word(channel));
    }
    return channels;
}

Json debrief_json(const telemetry::CleanLog& log, const telemetry::LogSummary& s,
                  const std::optional<telemetry::LeftByCharge>& left, const DebriefOptions& options) {
    Json set_aside = Json::array();
    for (const auto& entry : log.set_aside) {
        set_aside.push_back({{"reason", telemetry::set_aside_word(entry.reason)},
                             {"rows", entry.rows},
                             {"first_row", entry.first_row}});
    }
    Json gaps = Json::array();
    for (const auto& gap : log.gaps) gaps.push_back({{"start_s", gap.start_s}, {"end_s", gap.end_s}});
    const auto& e = s.energy;
    const auto lowest_cell =
        e.lowest_voltage_v && options.cells ? std::optional(*e.lowest_voltage_v / *options.cells) : std::nullopt;
    const auto& per_m = s.energy_wh_per_m;
    const auto& charge_per_m = s.charge_ah_per_m;
    const double mah_per_km = units::milliamp_hours_per_amp_hour * units::metres_per_kilometre;
    return {
        {"log",
         {{"rows_read", log.raw->rows_met},
          {"rows_set_aside", log.rows_set_aside},
          {"duration_s", s.duration_s},
          {"channels", channels_json(*log.raw)},
          {"gaps", gaps}}},
        {"distance",
         {{"ground_m", or_null(s.distance.ground_m)},
          {"ground_sd_m", sd_or_null(s.distance.ground_m)},
          {"ground_from_speed_m", or_null(s.distance.from_speed_m)},
          {"air_m", nullptr},
          {"farthest_from_home_m", or_null(s.distance.farthest_from_home_m)}}},
        {"energy",
         {{"charge_ah", or_null(telemetry::charge_used_ah(s))},
          {"charge_integrated_ah", or_null(e.charge_ah)},
          {"charge_counter_ah", or_null(e.counter_ah)},
          {"energy_wh", or_null(e.energy_wh)},
          {"energy_sd_wh", sd_or_null(e.energy_wh)},
          {"mean_current_a", or_null(e.mean_current_a)},
          {"mean_power_w", or_null(e.mean_power_w)},
          {"lowest_voltage_v", or_null(e.lowest_voltage_v)},
          {"lowest_cell_voltage_v", or_null(lowest_cell)}}},
        {"wind",
         {{"observable", false},
          {"reason", "not-estimated-by-this-version"},
          {"speed_mps", nullptr},
          {"speed_sd_mps", nullptr},
          {"from_deg", nullptr},
          {"from_sd_deg", nullptr},
          {"airspeed_mps", nullptr}}},
        {"consumption",
         {{"ground_wh_per_km", per_m ? or_null(per_m->value * units::metres_per_kilometre) : Json(nullptr)},
          {"ground_mah_per_km", charge_per_m ? or_null(charge_per_m->value * mah_per_km) : Json(nullptr)},
          {"still_air_level_wh_per_km", nullptr},
          {"still_air_level_sd_wh_per_km", nullptr}}},
        {"left", left_json(s, left, options.recharged_mah)},
        {"stretches", nullptr},
        {"set_aside", set_aside},
        {"warnings", warnings(s.notices, wording::Quantities())},
    };
}

void print_text(const telemetry::CleanLog& log, const telemetry::LogSummary& s,
                const std::optional<telemetry::LeftByCharge>& left, std::ostream& out) {
    const wording::Quantities q;
    out << wording::without_markup(wording::debrief_sentence(s, left, q)).toStdString() << "\n\n";
    for (const units::Quantity quantity :
         {units::Quantity::charge_per_distance, units::Quantity::energy_per_distance, units::Quantity::mean_power,
          units::Quantity::mean_current, units::Quantity::lowest_voltage, units::Quantity::integrated_charge}) {
        if (const auto explanation = telemetry::explain(s, quantity)) {
            const QString error = q.error_text(quantity, explanation->value);
            out << "  " << wording::name(quantity).toStdString() << ": "
                << q.text(quantity, explanation->value).toStdString() << (error.isEmpty() ? "" : " ")
                << error.toStdString() << "\n";
        }
    }
    for (const auto& entry : log.set_aside) {
        out << "  set aside: " << entry.rows << " x " << wording::name(entry.reason).toStdString()
            << ", first in line " << entry.first_row << "\n";
    }
}

} // namespace

int debrief(const DebriefOptions& options, std::ostream& out, std::ostream& err) {
    telemetry::CleaningRules rules;
    if (!options.home.empty()) {
        const auto home = position_from(options.home);
        if (!home) return unusable(home.error(), err);
        rules.home = *home;
    }
    const auto read = io::read_csv_log(options.log);
    if (!read) return unusable(read.error(), err);
    const auto log = telemetry::clean(*read, rules);
    if (!log) return unusable(log.error(), err);
    const auto summary = telemetry::summarise(*log);
    if (!summary) return unusable(summary.error(), err);

    std::optional<telemetry::LeftByCharge> left;
    if (!options.pack.empty()) {
        const auto usable = usable_charge_ah(options.pack, *summary);
        if (!usable) return unusable(usable.error(), err);
        left = telemetry::left_by_charge(*summary, *usable);
    }
    for (const auto& notice : summary->notices) {
        if (notice.severity == units::Severity::warning) {
            err << "sobremesa-cli: " << wording::message(notice, wording::Quantities()).toStdString() << "\n";
        }
    }
    if (options.json)
        out << debrief_json(*log, *summary, left, options).dump(2) << "\n";
    else
        print_text(*log, *summary, left, out);
    return exit_done;
}

} // namespace sobremesa::cli

#include "cli/debrief_report.hpp"

namespace sobremesa::cli {

namespace {

Json shares_json(const debrief::EnergyShares& shares) {
    Json parts = Json::array();
    for (const auto& part : shares.electronics)
        parts.push_back({{"name", part.name}, {"share", part.share.value}, {"share_sd", part.share.sd}});
    return {{"electronics", or_null(shares.electronics_together)},
            {"electronics_sd", sd_or_null(shares.electronics_together)},
            {"parts", parts},
            {"climb", or_null(shares.climb)},
            {"climb_sd", sd_or_null(shares.climb)},
            {"gust_power_sd_w", or_null(shares.gust_w)}};
}

Json link_json(const std::optional<radio::LinkReach>& link) {
    if (!link) return nullptr;
    const bool signal = link->kind == radio::LinkKind::signal_dbm;
    return {{"kind", signal ? "signal_dbm" : "link_quality_share"},
            {"worst", link->worst.reading},
            {"worst_at_m", link->worst.distance_m},
            {"failsafe_level", link->failsafe_level},
            {"failsafe_m", or_null(link->failsafe_m)},
            {"failsafe_sd_m", sd_or_null(link->failsafe_m)},
            {signal ? "fall_db_per_decade" : "fall_per_km", link->fall}};
}

Json video_json(const std::optional<debrief::VideoLink>& video) {
    if (!video) return nullptr;
    const auto reading = [](const std::optional<radio::LinkReading>& at, const char* name) {
        return at ? Json{{name, at->reading}, {"at_m", at->distance_m}} : Json(nullptr);
    };
    const bool signal = video->kind == radio::LinkKind::signal_dbm;
    return {{"worst", reading(video->worst, signal ? "signal_dbm" : "quality_share")},
            {"reach", link_json(video->reach)},
            {"lowest_bitrate", reading(video->lowest_bitrate, "mbit_s")}};
}

Json ledger_json(const std::optional<debrief::CurrentLedger>& ledger) {
    if (!ledger) return nullptr;
    return {{"array_wh", ledger->array_wh},
            {"motor_wh", ledger->motor_wh},
            {"pack_wh", ledger->pack_wh},
            {"charged_wh", ledger->charged_wh},
            {"electronics_wh", ledger->electronics_wh},
            {"missing_wh", ledger->missing_wh},
            {"motor_measured", ledger->has_motor}};
}

Json sun_json(const std::optional<debrief::SunReading>& sun) {
    if (!sun) return nullptr;
    Json parts = Json::array();
    for (const auto& part : sun->parts) {
        parts.push_back({{"part", debrief::sun_part_word(part.kind)},
                         {"start_s", part.start_s},
                         {"end_s", part.end_s},
                         {"load_w", part.load_w},
                         {"pack_w", or_null(part.pack_w)},
                         {"pack_sd_w", sd_or_null(part.pack_w)},
                         {"array_w", or_null(part.array_w)},
                         {"array_sd_w", sd_or_null(part.array_w)},
                         {"start_v", part.start_v},
                         {"end_v", part.end_v}});
    }
    return {{"verdict", debrief::sun_verdict_word(sun->verdict)},
            {"evidence", debrief::sun_evidence_word(sun->evidence)},
            {"balance_w", sun->used_s > 0.0 ? or_null(sun->balance_w.value) : Json(nullptr)},
            {"balance_sd_w", sun->used_s > 0.0 ? or_null(sun->balance_w.sd) : Json(nullptr)},
            {"array_w", or_null(sun->array_w)},
            {"array_sd_w", sd_or_null(sun->array_w)},
            {"glide_array_w", or_null(sun->glide_array_w)},
            {"switched_off_w", or_null(sun->switched_off_w)},
            {"level_w", sun->level_w},
            {"threshold_w", sun->threshold_w},
            {"used_s", sun->used_s},
            {"left_out_s", sun->left_out_s},
            {"shaded_s", sun->shaded_s},
            {"full_s", sun->full_s},
            {"drifting_s", sun->drifting_s},
            {"parts", parts}};
}

} // namespace

Json flight_report_json(const debrief::FlightReport& flight_report) {
    Json further = Json::array();
    for (const auto& f : flight_report.further) {
        further.push_back({{"landing", battery::landing_practice_word(f.rule.practice)},
                           {"cell_voltage_v", f.rule.cell_v},
                           {"at_rest", f.rule.at_rest},
                           {"time_s", or_null(f.time_s.value)},
                           {"time_sd_s", or_null(f.time_s.sd)},
                           {"distance_m", or_null(f.distance_m.value)},
                           {"distance_sd_m", or_null(f.distance_m.sd)},
                           {"time_without_reserve_s", or_null(f.without_reserve_s)}});
    }
    Json limits = Json::array();
    for (const auto& limit : flight_report.limits) {
        limits.push_back({{"part", debrief::limit_word(limit.part)},
                          {"limit_a", limit.limit_a},
                          {"above_s", limit.above_s},
                          {"highest_a", limit.above_s > 0.0 ? Json(limit.highest_a) : Json(nullptr)}});
    }
    Json turns = Json::array();
    for (const auto& turn : flight_report.turns) {
        const auto known = [&](double value) { return turn.reached ? or_null(value) : Json(nullptr); };
        const auto both = [&](Json& row, const std::string& name, const units::Estimate& value) {
            const auto unit = name.rfind('_');
            row[name] = known(value.value);
            row[name.substr(0, unit) + "_sd" + name.substr(unit)] = known(value.sd);
        };
        Json row = {{"school", mission::turn_rule_word(turn.turn_rule)},
                    {"reached", turn.reached},
                    {"after_farthest", turn.reached && turn.after_farthest}};
        both(row, "time_s", turn.time_s);
        both(row, "from_home_m", turn.from_home_m);
        both(row, "charge_used_ah", turn.charge_used_ah);
        both(row, "spare_wh", turn.margin_wh);
        turns.push_back(row);
    }
    return {{"further", further},
            {"shares", shares_json(flight_report.shares)},
            {"limits", limits},
            {"turns", turns},
            {"link", link_json(flight_report.link)},
            {"video_link", video_json(flight_report.video)},
            {"ledger", ledger_json(flight_report.ledger)},
            {"sun", sun_json(flight_report.sun)},
            {"idle_offset_a", or_null(flight_report.idle_offset_a)},
            {"idle_offset_sd_a", sd_or_null(flight_report.idle_offset_a)}};
}

} // namespace sobremesa::cli

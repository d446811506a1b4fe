#include "core/telemetry/pack_trace.hpp"

#include <cmath>
#include <limits>

#include "core/telemetry/clean_log.hpp"
#include "core/telemetry/sag.hpp"
#include "core/units/constants.hpp"

namespace sobremesa::telemetry {

namespace {

// Chosen for logs of 0.2 to 100 rows a second, no source.
constexpr double bin_s = 5.0;
constexpr double changed_share = 1.0 / 3.0;
constexpr std::size_t most_parts = 4 * trace_parts;
constexpr double least_charge_ah = 0.01;

/// What a bin or a part has gathered.
struct Sum {
    double seconds = 0.0;
    double charge_ah = 0.0;
    double volt_seconds = 0.0;
    bool gap = false;

    double current_a() const { return charge_ah * units::seconds_per_hour / seconds; }
    void add(const Sum& other) {
        seconds += other.seconds;
        charge_ah += other.charge_ah;
        volt_seconds += other.volt_seconds;
    }
};

std::vector<Sum> bins_of(const CleanLog& log, const std::vector<double>& charge_ah,
                         const std::vector<double>& volts) {
    std::vector<Sum> bins;
    Sum bin;
    const auto close = [&] {
        if (bin.seconds > 0.0) bins.push_back(bin);
        bin = {};
    };
    for (std::size_t i = 1; i < log.rows.size(); ++i) {
        const double step_s = log.time_s(i) - log.time_s(i - 1);
        if (log.step_is_gap(i)) {
            const double before_a = bin.seconds > 0.0 ? bin.current_a()
                                    : bins.empty()    ? 0.0
                                                      : bins.back().current_a();
            close();
            bins.push_back({step_s, before_a * step_s / units::seconds_per_hour, 0.0, true});
            continue;
        }
        bin.add({step_s, charge_ah[i] - charge_ah[i - 1], 0.5 * (volts[i] + volts[i - 1]) * step_s, false});
        if (bin.seconds >= bin_s) close();
    }
    close();
    return bins;
}

bool changed(const Sum& part, const Sum& bin) {
    return std::abs(bin.current_a() - part.current_a()) > changed_share * std::abs(part.current_a());
}

std::vector<Sum> parts_of(const std::vector<Sum>& bins, double part_ah, bool by_current) {
    std::vector<Sum> parts;
    Sum part;
    const auto close = [&] {
        if (part.seconds > 0.0) parts.push_back(part);
        part = {};
    };
    for (std::size_t i = 0; i < bins.size(); ++i) {
        if (bins[i].gap) {
            close();
            parts.push_back(bins[i]);
            continue;
        }
        // One bin is a gust; two are another throttle.
        const bool lasts = i + 1 < bins.size() && !bins[i + 1].gap;
        if (by_current && part.seconds >= bin_s && lasts && changed(part, bins[i]) && changed(part, bins[i + 1]))
            close();
        part.add(bins[i]);
        if (part.charge_ah >= part_ah) close();
    }
    close();
    return parts;
}

} // namespace

PackTrace pack_trace(const CleanLog& log, const std::vector<double>& charge_ah, const std::vector<double>& volts,
                     double before_ah) {
    PackTrace trace;
    if (log.rows.size() < 2 || charge_ah.size() != log.rows.size() || volts.size() != log.rows.size()) return trace;
    const double all_ah = charge_ah.back();
    if (!(all_ah > least_charge_ah)) return trace;
    const auto bins = bins_of(log, charge_ah, volts);
    auto parts = parts_of(bins, all_ah / trace_parts, true);
    if (parts.size() > most_parts) parts = parts_of(bins, all_ah / trace_parts, false);
    double drawn_ah = before_ah;
    for (const Sum& part : parts) {
        drawn_ah += part.charge_ah;
        const double volts_mean =
            part.gap ? std::numeric_limits<double>::quiet_NaN() : part.volt_seconds / part.seconds;
        trace.points.push_back({part.seconds, drawn_ah, part.current_a(), volts_mean});
    }
    if (const auto sag = measured_sag(log)) trace.sag_ohm = sag->pack_ohm;
    return trace;
}

} // namespace sobremesa::telemetry

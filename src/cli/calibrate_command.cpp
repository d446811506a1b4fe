#include "cli/calibrate_command.hpp"

#include <ostream>

#include "cli/command_line.hpp"
#include "cli/json_text.hpp"
#include "cli/said.hpp"
#include "core/telemetry/calibration.hpp"
#include "core/units/constants.hpp"
#include "io/text_number.hpp"
#include "wording/findings.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::cli {

namespace {

/// "A,B" in thousandths.
std::optional<std::pair<double, double>> two_milli(const std::string& text) {
    const auto comma = text.find(',');
    if (comma == std::string::npos) return std::nullopt;
    const auto a = io::number_from_text(text.substr(0, comma));
    const auto b = io::number_from_text(text.substr(comma + 1));
    if (!a || !b) return std::nullopt;
    return std::pair{*a / units::milliamp_hours_per_amp_hour, *b / units::milliamp_hours_per_amp_hour};
}

} // namespace

int calibrate(const CalibrateOptions& options, std::ostream& out, std::ostream& err) {
    const auto convention = telemetry::scale_convention_from_word(options.convention);
    if (!convention) return exit_usage;
    std::vector<telemetry::CalibrationPair> pairs;
    for (const std::string& text : options.pairs) {
        const auto pair = two_milli(text);
        if (!pair) {
            err << "--pair wants COUNTED,RECHARGED in mAh, as 510,275; this is not: " << text << "\n";
            return exit_usage;
        }
        pairs.push_back({pair->first, pair->second});
    }
    std::optional<units::Estimate> offset_a;
    if (!options.idle.empty()) {
        const auto idle = two_milli(options.idle);
        if (!idle) {
            err << "--idle wants READ,ACTUAL in mA, as 420,310; this is not: " << options.idle << "\n";
            return exit_usage;
        }
        offset_a = telemetry::current_offset({idle->first, 0.0}, {idle->second, 0.0});
    }
    const auto found = telemetry::calibrate(options.scale, *convention, pairs, options.charger_percent / 100.0);
    if (!found) return unusable(found.error(), err);
    if (options.json) {
        Json outliers = Json::array();
        for (const int at : found->outliers) outliers.push_back(at + 1);
        out << Json{{"scale", found->scale.value},
                    {"scale_sd", found->scale.sd},
                    {"flights", found->flights},
                    {"counted_over_recharged", found->reads.value},
                    {"counted_over_recharged_sd", found->reads.sd},
                    {"scatter", found->scatter},
                    {"outlier_pairs", outliers},
                    {"more_flights", found->more_flights},
                    {"offset_a", or_null(offset_a)}}
                   .dump(2)
            << "\n";
    } else {
        out << wording::without_markup(wording::calibration_sentence(*found, *convention)).toStdString() << "\n";
        if (offset_a) out << wording::offset_set_to(*offset_a).toStdString() << "\n";
    }
    return exit_done;
}

} // namespace sobremesa::cli

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

/// "COUNTED,RECHARGED" in mAh.
std::optional<telemetry::CalibrationPair> pair_from(const std::string& text) {
    const auto comma = text.find(',');
    if (comma == std::string::npos) return std::nullopt;
    const auto counted = io::number_from_text(text.substr(0, comma));
    const auto recharged = io::number_from_text(text.substr(comma + 1));
    if (!counted || !recharged) return std::nullopt;
    return telemetry::CalibrationPair{*counted / units::milliamp_hours_per_amp_hour,
                                      *recharged / units::milliamp_hours_per_amp_hour};
}

} // namespace

int calibrate(const CalibrateOptions& options, std::ostream& out, std::ostream& err) {
    const auto convention = telemetry::scale_convention_from_word(options.convention);
    if (!convention) return exit_usage;
    std::vector<telemetry::CalibrationPair> pairs;
    for (const std::string& text : options.pairs) {
        const auto pair = pair_from(text);
        if (!pair) {
            err << "--pair wants COUNTED,RECHARGED in mAh, as 510,275; this is not: " << text << "\n";
            return exit_usage;
        }
        pairs.push_back(*pair);
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
                    {"more_flights", found->more_flights}}
                   .dump(2)
            << "\n";
    } else {
        out << wording::without_markup(wording::calibration_sentence(*found, *convention)).toStdString() << "\n";
    }
    return exit_done;
}

} // namespace sobremesa::cli

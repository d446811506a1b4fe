#include "session/debrief_session.hpp"

#include <future>

#include "core/battery/discharge.hpp"
#include "core/debrief/sun_verdict.hpp"
#include "core/telemetry/level_points.hpp"
#include "core/telemetry/rescale.hpp"
#include "io/log_file.hpp"

namespace sobremesa::session {

namespace {

/// What was once said of a table with this header.
std::vector<telemetry::ColumnChoice> remembered_columns(const ColumnMemory& memory, const QString& path) {
    const auto format = io::log_format(path.toStdString());
    if (!format || !io::is_table(*format)) return {};
    const auto head = io::read_head_of_log(path.toStdString());
    if (!head || head->header_line.empty()) return {};
    return memory.recall(head->header_line);
}

} // namespace

DebriefSession::DebriefSession(QObject* parent) : QObject(parent) {}

void DebriefSession::open(const QString& path, const ReadingChoices& wanted) {
    // Opening another log while one is being read: the one being read is not wanted any more.
    job_.cancel();
    const int mine = ++latest_;
    emit opening(path);
    const auto progress = [this](double share) {
        progress_ = share;
        QMetaObject::invokeMethod(this, &DebriefSession::tellProgress, Qt::QueuedConnection);
    };
    job_.start(
        [path, progress, wanted, memory = memory_](const std::stop_token& stop) {
            ReadingChoices choices = wanted;
            if (choices.columns.empty()) choices.columns = remembered_columns(memory, path);
            return debrief_file(path, stop, progress, choices);
        },
        [this, mine](units::Result<Debrief> result) {
            if (mine != latest_) return;
            if (!result) {
                emit refused(result.error());
                return;
            }
            debrief_ = std::make_shared<const Debrief>(std::move(*result));
            emit debriefChanged();
        });
}

void DebriefSession::tellProgress() {
    emit progressed(progress_);
}

void DebriefSession::openAgain(const ReadingChoices& choices) {
    if (debrief_) open(debrief_->path, choices);
}

void DebriefSession::openWithColumns(const QString& path, const io::CsvHead& head,
                                     const std::vector<telemetry::ColumnChoice>& columns) {
    // What was said of a log without a header is not said of the next one without a header.
    if (!head.header_line.empty()) memory_.remember(head.header_line, columns);
    ReadingChoices choices;
    if (debrief_ && debrief_->path == path) choices = debrief_->choices;
    choices.columns = columns;
    open(path, choices);
}

LeftAtLanding DebriefSession::left(const mission::PlanRequest& flown) const {
    // A counter at the load holds what the sun gave as well.
    if (!debrief_ || debrief::counts_the_sun(debrief_->clean, flown.aircraft)) return {};
    const battery::Pack& pack = flown.pack;
    const double air_c = flown.weather.temperature_c;
    const telemetry::LogSummary& summary = debrief_->summary;
    if (!telemetry::volts_fit(summary, pack)) {
        return {std::nullopt, units::Diagnostic{units::DiagnosticCode::pack_does_not_fit,
                                                units::Severity::warning,
                                                {{"highest_v", *summary.energy.highest_voltage_v},
                                                 {"series", double(pack.series)}}}};
    }
    const double power_w = debrief::power_of_pack_w(summary, flown.aircraft, pack);
    const battery::PackModel model(pack);
    const auto usable = battery::discharge_at_power(model, model.atStart(air_c), power_w,
                                                    {mission::landing_cell_v(flown), 1e9}, {air_c, true});
    return {telemetry::left_by_charge(summary, usable.last().charge_used_ah), std::nullopt};
}

units::Result<Debrief> debrief_file(const QString& path, const std::stop_token& stop,
                                    std::function<void(double)> progress, const ReadingChoices& choices) {
    Debrief debrief;
    debrief.path = path;
    debrief.choices = choices;
    auto log = io::read_log(path.toStdString(), {stop, std::move(progress), choices.columns});
    if (!log) return tl::unexpected(log.error());
    debrief.log = telemetry::rescaled(*log, choices.current_factor);
    telemetry::CleaningRules rules;
    rules.flight = choices.part;
    rules.series = choices.series;
    auto clean = telemetry::clean(debrief.log, rules, stop);
    if (!clean) return tl::unexpected(clean.error());
    debrief.clean = std::move(*clean);
    // Neither needs the other: two cores.
    auto summing = std::async(std::launch::async, [&] { return telemetry::summarise(debrief.clean, stop); });
    auto findings = telemetry::find_out(debrief.clean, stop);
    auto summary = summing.get();
    if (!summary) return tl::unexpected(summary.error());
    debrief.summary = std::move(*summary);
    if (!findings) return tl::unexpected(findings.error());
    debrief.findings = std::move(*findings);
    telemetry::complete(debrief.summary, debrief.findings);
    return debrief;
}

} // namespace sobremesa::session

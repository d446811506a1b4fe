#include "session/debrief_session.hpp"

#include "core/battery/discharge.hpp"
#include "core/telemetry/rescale.hpp"
#include "io/log_file.hpp"

namespace sobremesa::session {

DebriefSession::DebriefSession(QObject* parent) : QObject(parent) {}

void DebriefSession::open(const QString& path, double current_factor) {
    // Opening another log while one is being read: the one being read is not wanted any more.
    job_.cancel();
    const int mine = ++latest_;
    emit opening(path);
    const auto progress = [this](double share) {
        progress_ = share;
        QMetaObject::invokeMethod(
            this, [this] { emit progressed(progress_); }, Qt::QueuedConnection);
    };
    job_.start([path, progress, current_factor](
                   const std::stop_token& stop) { return debrief_file(path, stop, progress, current_factor); },
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

LeftAtLanding DebriefSession::left(const battery::Pack& pack, double landing_cell_v) const {
    if (!debrief_) return {};
    const telemetry::LogSummary& summary = debrief_->summary;
    if (!telemetry::volts_fit(summary, pack)) {
        return {std::nullopt,
                units::Notice{units::NoticeCode::pack_does_not_fit,
                              units::Severity::warning,
                              {{"highest_v", *summary.energy.highest_voltage_v}, {"series", double(pack.series)}}}};
    }
    const double power_w = summary.energy.mean_power_w.value_or(0.0);
    const battery::PackModel model(pack);
    const auto usable = battery::discharge_at_power(model, model.atStart(battery::reference_temperature_c), power_w,
                                                    {landing_cell_v, 1e9});
    return {telemetry::left_by_charge(summary, usable.last().charge_used_ah), std::nullopt};
}

units::Result<Debrief> debrief_file(const QString& path, const std::stop_token& stop,
                                    std::function<void(double)> progress, double current_factor) {
    Debrief debrief;
    debrief.path = path;
    auto log = io::read_log(path.toStdString(), {stop, std::move(progress)});
    if (!log) return tl::unexpected(log.error());
    debrief.log = telemetry::rescaled(*log, current_factor);
    auto clean = telemetry::clean(debrief.log, {}, stop);
    if (!clean) return tl::unexpected(clean.error());
    debrief.clean = std::move(*clean);
    auto summary = telemetry::summarise(debrief.clean, stop);
    if (!summary) return tl::unexpected(summary.error());
    debrief.summary = std::move(*summary);
    auto findings = telemetry::find_out(debrief.clean, stop);
    if (!findings) return tl::unexpected(findings.error());
    debrief.findings = std::move(*findings);
    return debrief;
}

} // namespace sobremesa::session

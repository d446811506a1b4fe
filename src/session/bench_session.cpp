#include "session/bench_session.hpp"

#include <algorithm>

#include "core/matching/plan_bench.hpp"

namespace sobremesa::session {

namespace {

BenchShown work_out(BenchShown shown, const std::vector<std::size_t>& chosen, bool compares) {
    shown.matches = matching::match(shown.bench, shown.candidates);
    std::vector<matching::ScaledMatch> scaled;
    if (compares) {
        std::vector<matching::Candidate> compared;
        compared.reserve(chosen.size());
        for (const std::size_t i : chosen) compared.push_back(shown.candidates[i]);
        scaled = matching::compare(shown.bench, compared, shown.basis);
    }
    for (std::size_t n = 0; n < chosen.size(); ++n) {
        const std::size_t i = chosen[n];
        BenchCurve curve;
        curve.candidate = i;
        curve.load.load = {battery::LoadPhase::Kind::power, shown.matches[i].cruise_power_w.value, 1e9};
        curve.load.temperature_c = shown.bench.air_temperature_c;
        curve.load.landing_cell_v = shown.bench.landing_cell_v;
        curve.result = battery::on_the_bench(*shown.candidates[i].model, curve.load);
        if (compares) curve.compared = scaled[n];
        if (compares && n == 0) curve.best = matching::best_range_scale(shown.bench, shown.candidates[i]);
        shown.curves.push_back(std::move(curve));
    }
    if (!shown.curves.empty()) shown.diagnostics = shown.curves.front().result.diagnostics;
    if (const auto misled = matching::charge_misleads(shown.candidates, shown.matches, chosen))
        shown.diagnostics.push_back(*misled);
    return shown;
}

} // namespace

BenchSession::BenchSession(Workspace& workspace, PlanSession& plan_session, QObject* parent)
    : QObject(parent), workspace_(workspace), plan_session_(plan_session) {
    connect(&workspace_, &Workspace::packsChanged, this, &BenchSession::workOut);
    connect(&workspace_, &Workspace::openPlanChanged, this, &BenchSession::workOut);
    connect(&plan_session_, &PlanSession::requestChanged, this, &BenchSession::workOut);
}

void BenchSession::setActive(bool active) {
    if (active == active_) return;
    active_ = active;
    workOut();
}

void BenchSession::setLanding(std::optional<double> cell_v) {
    if (cell_v == landing_cell_v_) return;
    landing_cell_v_ = cell_v;
    workOut();
}

void BenchSession::setBasis(matching::Basis basis) {
    if (basis == basis_) return;
    basis_ = basis;
    workOut();
}

void BenchSession::setChosen(const std::vector<Id>& ids) {
    std::vector<Id> wanted(ids.begin(), ids.begin() + std::ptrdiff_t(std::min(ids.size(), most_chosen)));
    if (wanted == chosen_) return;
    chosen_ = std::move(wanted);
    workOut();
}

std::vector<matching::Candidate> BenchSession::candidates(const std::vector<Id>& ids) {
    std::vector<matching::Candidate> list;
    std::map<Id, matching::Candidate> kept;
    for (const Id id : ids) {
        const battery::Pack& pack = workspace_.library().packs.at(id).pack;
        const auto found = made_.find(id);
        const bool same = found != made_.end() && found->second.pack == pack;
        kept[id] = same ? found->second : matching::candidates_of({pack}).front();
        list.push_back(kept[id]);
    }
    made_ = std::move(kept);
    return list;
}

void BenchSession::workOut() {
    if (!active_) return;
    BenchShown shown;
    const auto bench = matching::bench_of(plan_session_.request());
    if (!bench) {
        emit refused(bench.error());
        return;
    }
    shown.bench = *bench;
    shown.bench.landing_cell_v = landing_cell_v_;
    shown.basis = basis_;
    for (const auto& [id, kept] : workspace_.library().packs) {
        if (!kept.retired) shown.ids.push_back(id);
    }
    shown.candidates = candidates(shown.ids);
    std::vector<std::size_t> chosen;
    for (const Id id : curves_of_all_ ? shown.ids : chosen_) {
        const auto at = std::find(shown.ids.begin(), shown.ids.end(), id);
        if (at != shown.ids.end()) chosen.push_back(std::size_t(at - shown.ids.begin()));
    }
    job_.start([shown = std::move(shown), chosen,
                compares = !curves_of_all_](const std::stop_token&) { return work_out(shown, chosen, compares); },
               [this](BenchShown result) {
                   shown_ = std::make_shared<const BenchShown>(std::move(result));
                   emit changed();
               });
}

} // namespace sobremesa::session

#include "app/places/packs/bench_page.hpp"

#include <algorithm>

#include <QComboBox>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>
#include <QSortFilterProxyModel>
#include <QStackedLayout>

#include "app/charts/bench_chart.hpp"
#include "app/charts/frontier_chart.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/explained_number.hpp"
#include "app/widgets/figure_row.hpp"
#include "app/widgets/fold.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/scroll_column.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

/// Landing voltages to try on all packs alike; 0 is each chemistry's usual one.
constexpr double landings_v[] = {0.0, 3.7, 3.6, 3.5, 3.3, 3.0, 2.8, 2.7, 2.5};

/// Sorts by what stands behind the text.
class BySortRole : public QSortFilterProxyModel {
public:
    using QSortFilterProxyModel::QSortFilterProxyModel;

    /// A head that stands at the right makes room for the sort arrow, which stands there too.
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override {
        QVariant data = QSortFilterProxyModel::headerData(section, orientation, role);
        if (role != Qt::DisplayRole || orientation != Qt::Horizontal || section != sortColumn()) return data;
        const int alignment =
            QSortFilterProxyModel::headerData(section, orientation, Qt::TextAlignmentRole).toInt();
        return alignment & Qt::AlignRight ? QVariant(data.toString() + QString(2, QChar(0x2002))) : data;
    }

protected:
    bool lessThan(const QModelIndex& left, const QModelIndex& right) const override {
        const QVariant a = left.data(sort_role);
        const QVariant b = right.data(sort_role);
        if (a.userType() == QMetaType::Double && b.userType() == QMetaType::Double)
            return a.toDouble() < b.toDouble();
        return compare_as_read(a.toString(), b.toString()) < 0;
    }
};

} // namespace

BenchPage::BenchPage(session::Workspace& workspace, session::PlanSession& plan_session, QWidget* parent)
    : QWidget(parent), workspace_(workspace), session_(workspace, plan_session), pages_(new QStackedLayout(this)) {
    setObjectName(QStringLiteral("benchPage"));
    pages_->addWidget(makeEmpty());
    auto* fold = new Fold;
    QWidget* charts = makeCharts();
    QWidget* frontier = makeFrontier();
    QWidget* answer = makeAnswer();
    QWidget* table = makeTable();
    fold->addPane(tr("Answer"), answer);
    fold->addPane(tr("Under load"), charts);
    fold->addPane(tr("Endurance and mass"), frontier);
    fold->addPane(tr("Candidates"), table, true);
    fold->setWideArrangement([=](QWidget* page) {
        auto* column = new QVBoxLayout(page);
        column->setContentsMargins(0, 0, 0, 0);
        column->setSpacing(0);
        auto* row = new QHBoxLayout;
        row->setSpacing(0);
        row->addWidget(charts, 5);
        row->addWidget(new Hairline(Qt::Vertical));
        row->addWidget(frontier, 3);
        row->addWidget(new Hairline(Qt::Vertical));
        row->addWidget(answer, 4);
        column->addLayout(row, 5);
        column->addWidget(new Hairline(Qt::Horizontal));
        column->addWidget(table, 4);
    });
    pages_->addWidget(fold);
    connect(&session_, &session::BenchSession::changed, this, &BenchPage::refresh);
    connect(&workspace_, &session::Workspace::packsChanged, this, [this] {
        pages_->setCurrentIndex(0);
        refresh();
    });
    connect(&Look::instance(), &Look::changed, this, &BenchPage::refresh);
    connect(frontier_, &FrontierChart::picked, this, &BenchPage::choose);
    refresh();
}

QWidget* BenchPage::makeEmpty() {
    const Look& look = Look::instance();
    auto* page = new Panel;
    auto* column = new QVBoxLayout(page);
    column->setContentsMargins(look.scaled(60), look.scaled(60), look.scaled(60), look.scaled(40));
    column->setSpacing(look.scaled(12));
    empty_sentence_ = new TextLabel(Role::sentence, tr("Compare your packs on the aircraft of your plan: how long "
                                                       "each one flies, and how it behaves under load."));
    empty_sentence_->setMaximumWidth(look.scaled(620));
    column->addWidget(empty_sentence_);
    column->addWidget(
        new TextLabel(Role::quiet, tr("You need a plan (for aircraft, cruise and wind) and at least one pack.")));
    auto* button = new QPushButton(tr("Go to Plan"));
    button->setObjectName(QStringLiteral("benchPlanButton"));
    connect(button, &QPushButton::clicked, this, &BenchPage::planWanted);
    column->addWidget(button, 0, Qt::AlignLeft);
    column->addStretch(1);
    return page;
}

QWidget* BenchPage::makeCharts() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(10), look.scaled(8), look.scaled(6));
    column->setSpacing(look.scaled(4));
    auto* top = new QHBoxLayout;
    top->addWidget(new TextLabel(Role::heading, tr("Under load")));
    const auto choice = [&](const char* name, const QString& spoken, const QStringList& words, auto call) {
        auto* box = new ChoiceBox;
        box->setObjectName(QLatin1String(name));
        box->setAccessibleName(spoken);
        box->setToolTip(spoken);
        box->addItems(words);
        box->setSizeAdjustPolicy(QComboBox::AdjustToContents);
        box->setMinimumWidth(Look::instance().scaled(128));
        connect(box, &QComboBox::currentIndexChanged, this, call);
        return box;
    };
    shows_ = choice("benchShows", tr("Chart shows"),
                    {tr("cell voltage"), tr("cell current"), tr("temperature"), tr("peak power")},
                    [this](int index) { chart_->setShows(BenchChart::Shows(index)); });
    QStringList landings{tr("usual landing")};
    for (const double volts : landings_v) {
        if (volts > 0.0) landings << tr("all at %1 V").arg(wording::written(volts, 0.0, {1.0, {}, 1}));
    }
    landing_ = choice("benchLanding", tr("Landing voltage"), landings, [this](int index) {
        const double volts = landings_v[index];
        session_.setLanding(volts > 0.0 ? std::optional(volts) : std::nullopt);
    });
    top->addStretch(1);
    top->addWidget(shows_);
    top->addWidget(landing_);
    column->addLayout(top);
    chart_ = new BenchChart;
    chart_->setObjectName(QStringLiteral("benchChart"));
    column->addWidget(chart_, 1);
    cursor_ = new TextLabel(Role::quiet);
    cursor_->setObjectName(QStringLiteral("benchCursor"));
    connect(chart_, &BenchChart::cursorMoved, cursor_, &TextLabel::setWords);
    column->addWidget(cursor_);
    return panel;
}

QWidget* BenchPage::makeFrontier() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(16), look.scaled(10), look.scaled(8), look.scaled(6));
    column->setSpacing(look.scaled(4));
    column->addWidget(new TextLabel(Role::heading, tr("Endurance and mass")));
    column->addWidget(new TextLabel(
        Role::quiet,
        tr("filled: Li-ion, open: LiPo; reserve intact; the line joins the packs that no other beats")));
    frontier_ = new FrontierChart;
    frontier_->setObjectName(QStringLiteral("frontierChart"));
    column->addWidget(frontier_, 1);
    return panel;
}

QWidget* BenchPage::makeAnswer() {
    const Look& look = Look::instance();
    auto* inside = new Panel;
    auto* column = new QVBoxLayout(inside);
    column->setContentsMargins(look.scaled(20), look.scaled(10), look.scaled(20), look.scaled(8));
    column->setSpacing(look.scaled(8));
    sentence_ = new TextLabel(Role::sentence);
    sentence_->setObjectName(QStringLiteral("benchSentence"));
    column->addWidget(sentence_);
    figures_ = new FigureRow(6);
    column->addWidget(figures_);
    alarms_ = new TextLabel(Role::plain);
    alarms_->setObjectName(QStringLiteral("benchAlarms"));
    column->addWidget(alarms_);
    warnings_ = new TextLabel(Role::warning);
    warnings_->setObjectName(QStringLiteral("benchWarnings"));
    column->addWidget(warnings_);
    basis_ = new ChoiceBox;
    basis_->setObjectName(QStringLiteral("benchBasis"));
    basis_->setAccessibleName(tr("Compare the selected packs"));
    basis_->addItems({tr("compare as they are"), tr("compare at equal mass"), tr("compare at equal energy")});
    connect(basis_, &QComboBox::currentIndexChanged, this,
            [this](int index) { session_.setBasis(matching::Basis(index)); });
    column->addWidget(basis_, 0, Qt::AlignLeft);
    compared_ = new TextLabel(Role::quiet);
    compared_->setObjectName(QStringLiteral("benchCompared"));
    column->addWidget(compared_);
    column->addWidget(new TextLabel(
        Role::quiet, tr("An estimate; you decide. Charge attended, never below the floor; retire a puffed, hot or "
                        "unbalanced pack. A heavy pack needs straps that hold in a dive.")));
    column->addStretch(1);
    auto* scroll = new ScrollColumn(inside);
    scroll->setMinimumWidth(look.scaled(300));
    return scroll;
}

QWidget* BenchPage::makeTable() {
    const Look& look = Look::instance();
    auto* panel = new Panel;
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(8), look.scaled(16), look.scaled(8));
    model_ = new CellModel(this);
    sorted_ = new BySortRole(this);
    sorted_->setSourceModel(model_);
    table_ = new DataTable(QStringLiteral("benchTable"), tr("Candidates"));
    table_->setModel(sorted_);
    table_->setSortingEnabled(true);
    table_->sortByColumn(8, Qt::DescendingOrder);
    table_->setSelectionMode(QAbstractItemView::ExtendedSelection);
    table_->setSelectionBehavior(QAbstractItemView::SelectRows);
    table_->setToolTip(
        tr("Ctrl+click or Shift+arrows select up to %1 packs to overlay").arg(session::BenchSession::most_chosen));
    table_->horizontalHeader()->setStretchLastSection(true);
    connect(table_->selectionModel(), &QItemSelectionModel::selectionChanged, this, [this] { choiceMade(); });
    column->addWidget(table_);
    return panel;
}

void BenchPage::showEvent(QShowEvent* event) {
    QWidget::showEvent(event);
    session_.setActive(true);
}

void BenchPage::hideEvent(QHideEvent* event) {
    QWidget::hideEvent(event);
    session_.setActive(false);
}

void BenchPage::choose(session::Id id) {
    const auto shown = session_.shown();
    if (!shown) return;
    const auto at = std::find(shown->ids.begin(), shown->ids.end(), id);
    if (at == shown->ids.end()) return;
    const QModelIndex index = sorted_->mapFromSource(model_->index(int(at - shown->ids.begin()), 0));
    table_->selectRow(index.row());
    table_->scrollTo(index);
}

/// The current row first, then the others in the order of the table.
void BenchPage::choiceMade() {
    const auto shown = session_.shown();
    if (filling_ || !shown) return;
    std::vector<session::Id> ids;
    const auto add = [&](const QModelIndex& index) {
        const int row = sorted_->mapToSource(index).row();
        if (row < 0 || std::size_t(row) >= shown->ids.size()) return;
        const session::Id id = shown->ids[std::size_t(row)];
        if (std::find(ids.begin(), ids.end(), id) == ids.end()) ids.push_back(id);
    };
    auto rows = table_->selectionModel()->selectedRows();
    if (rows.contains(table_->currentIndex().siblingAtColumn(0))) add(table_->currentIndex());
    std::sort(rows.begin(), rows.end());
    for (const QModelIndex& index : rows) add(index);
    session_.setChosen(ids);
}

void BenchPage::refresh() {
    const auto shown = session_.shown();
    const bool can = shown && !shown->candidates.empty() && workspace_.openPlanId();
    pages_->setCurrentIndex(can ? 1 : 0);
    if (!can) return;
    chart_->setShown(shown);
    frontier_->setShown(shown);
    fillTable();
    fillAnswer();
    if (!fitted_) {
        table_->fitColumns();
        fitted_ = true;
    }
    if (session_.chosen().empty()) {
        // The pack of the plan, or the first of the table.
        const auto& plan = workspace_.library().plans.at(*workspace_.openPlanId());
        choose(plan.pack_id.value_or(shown->ids.front()));
        if (session_.chosen().empty()) table_->selectRow(0);
    }
}

void BenchPage::fillTable() {
    const auto shown = session_.shown();
    const auto& q = Look::instance().quantities();
    std::vector<std::vector<Cell>> rows;
    for (std::size_t i = 0; i < shown->matches.size(); ++i) {
        const auto& match = shown->matches[i];
        const auto& candidate = shown->candidates[i];
        const battery::Pack& pack = candidate.pack;
        const auto why = [&](Quantity quantity) {
            return explained_cell(matching::explain(shown->bench, candidate, match, quantity));
        };
        Cell mass = text_cell(q.text(Quantity::pack_mass, {pack.mass_kg, 0.0}));
        mass.figure = true;
        mass.sort = pack.mass_kg;
        Cell rated = text_cell(q.text(Quantity::rated_charge, {battery::rated_charge_ah(pack), 0.0}));
        rated.figure = true;
        rated.sort = battery::rated_charge_ah(pack);
        Cell limit =
            text_cell(match.within_current ? wording::written(match.continuous_cell_a, 0.0, {1.0, tr("A"), 0})
                                           : QStringLiteral("▲ ") +
                                                 wording::written(match.continuous_cell_a, 0.0, {1.0, tr("A"), 0}));
        limit.figure = true;
        limit.sort = match.continuous_cell_a;
        QStringList remarks;
        if (match.on_frontier) remarks << tr("none lighter flies longer");
        if (!match.flies()) remarks << tr("cannot supply this cruise");
        if (match.fits_bay == false) remarks << tr("does not fit the bay");
        if (match.light_enough == false) remarks << tr("too heavy");
        if (!match.within_current) remarks << tr("above its current rating");
        rows.push_back({text_cell(wording::title(pack), true), text_cell(wording::build(pack)), rated,
                        why(Quantity::usable_energy), mass, why(Quantity::all_up_mass),
                        why(Quantity::energy_density), why(Quantity::price_per_energy), why(Quantity::endurance),
                        why(Quantity::flight_range), why(Quantity::cell_current), limit,
                        text_cell(remarks.join(QStringLiteral(", ")))});
    }
    filling_ = true;
    model_->setCells({tr("pack"), tr("build"), tr("rated"), tr("usable"), tr("mass"), tr("all-up"), tr("per mass"),
                      tr("price"), tr("time"), tr("distance"), tr("per cell"), tr("continuous"), tr("remarks")},
                     std::move(rows));
    filling_ = false;
}

void BenchPage::fillAnswer() {
    const auto shown = session_.shown();
    const auto& q = Look::instance().quantities();
    const bool some = !shown->curves.empty();
    figures_->setVisible(some);
    if (!some) {
        sentence_->setWords(tr("Select a pack in the table, or several to overlay them."));
        for (TextLabel* label : {alarms_, warnings_, compared_}) label->setWords({});
        return;
    }
    const auto& curve = shown->curves.front();
    const auto& candidate = shown->candidates[curve.candidate];
    sentence_->setWords(wording::bench_sentence(candidate.pack, curve.load, curve.result, q));
    const auto bench = [&](Quantity quantity) {
        return battery::explain(*candidate.model, curve.load, curve.result, quantity);
    };
    const auto& match = shown->matches[curve.candidate];
    const std::pair<std::optional<units::Explanation>, QString> figures[] = {
        {bench(q.leading(Quantity::usable_charge, Quantity::usable_energy)), tr("usable")},
        {bench(q.leading(Quantity::usable_energy, Quantity::usable_charge)), tr("usable")},
        {bench(Quantity::flight_time), tr("to landing voltage")},
        {matching::explain(shown->bench, candidate, match, Quantity::endurance), tr("with the reserve intact")},
        {bench(Quantity::landing_energy_left), tr("remaining above the floor")},
        {bench(Quantity::temperature), tr("peak temperature")}};
    for (std::size_t i = 0; i < std::size(figures); ++i)
        figures_->figures()[i]->setExplanation(figures[i].first, figures[i].second);
    figures_->layOutAgain();
    const auto& alarms = curve.result.alarms;
    alarms_->setWords(tr("Into the flight controller: capacity %1, warning at %2, landing at %3.")
                          .arg(q.charge(alarms.capacity_ah), wording::cell_volts(alarms.warning_cell_v),
                               wording::cell_volts(alarms.landing_cell_v)));
    QStringList warnings;
    for (const auto& diagnostic : shown->diagnostics) warnings << wording::message(diagnostic, q);
    warnings_->setWords(warnings.join(QStringLiteral("\n▲ ")));
    warnings_->setVisible(!warnings.isEmpty());
    QStringList compared;
    for (const auto& other : shown->curves) {
        compared << tr("%1: %2, %3, %4 pack", "pack: time, way, mass")
                        .arg(wording::title(shown->candidates[other.candidate].pack),
                             q.duration(other.compared.endurance_s), q.distance(other.compared.range_m),
                             q.text(Quantity::pack_mass, {other.compared.pack_mass_kg, 0.0}));
    }
    if (curve.best) {
        compared << tr("Adding more of these cells stops adding range at %1 of pack.")
                        .arg(q.text(Quantity::pack_mass, {curve.best->pack_mass_kg, 0.0}));
    }
    compared_->setWords(compared.join(QLatin1Char('\n')));
}

} // namespace sobremesa::app

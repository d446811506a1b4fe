#include "app/places/plan/limits_panel.hpp"

#include <QVBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/editable_word.hpp"
#include "app/widgets/popover.hpp"
#include "app/widgets/sensitivity_bars.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/units/explanation.hpp"
#include "core/units/quantity.hpp"
#include "wording/plans.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using mission::Verdict;

LimitsPanel::LimitsPanel(QWidget* parent) : QWidget(parent) {
    const Look& look = Look::instance();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, 0, 0, 0);
    column->setSpacing(look.scaled(5));
    go_ = new TextLabel(Role::plain);
    go_->setObjectName(QStringLiteral("planGo"));
    go_->setTextFormat(Qt::RichText);
    lines_ = new QVBoxLayout;
    lines_->setSpacing(look.scaled(4));
    column->addLayout(lines_);
    rest_ = new EditableWord;
    rest_->setObjectName(QStringLiteral("allLimits"));
    connect(rest_, &EditableWord::clicked, this, &LimitsPanel::showAll);
    column->addWidget(rest_, 0, Qt::AlignLeft);
    reach_ = new TextLabel(Role::quiet);
    reach_->setObjectName(QStringLiteral("planReach"));
    column->addWidget(reach_);
    places_ = new TextLabel(Role::quiet);
    places_->setObjectName(QStringLiteral("landingPlaces"));
    column->addWidget(places_);
    moves_heading_ = new TextLabel(Role::heading, tr("What moves it most"));
    column->addWidget(moves_heading_);
    moves_ = new SensitivityBars;
    moves_->setObjectName(QStringLiteral("sensitivityBars"));
    column->addWidget(moves_);
    for (TextLabel* label : {go_, reach_, places_}) label->setFillsColumn();
    setOutlook(nullptr);
}

void LimitsPanel::setOutlook(std::shared_ptr<const session::PlanOutlook> outlook) {
    outlook_ = std::move(outlook);
    const auto& q = Look::instance().quantities();
    const bool any = outlook_ != nullptr;
    for (QWidget* one : {static_cast<QWidget*>(go_), static_cast<QWidget*>(rest_), static_cast<QWidget*>(reach_)})
        one->setVisible(any);
    const bool moves = any && !outlook_->plan->turn_sensitivities.empty();
    moves_heading_->setVisible(moves);
    moves_->setVisible(moves);
    places_->setVisible(any && outlook_->plan->turn && !outlook_->plan->request.mission.alternates.empty());
    if (!any) {
        hideLinesFrom(0);
        return;
    }
    const mission::Plan& plan = *outlook_->plan;
    go_->setWords(wording::go_sentence(outlook_->limits, plan, q));
    int kept = 0;
    int unknown = 0;
    int lines = 0;
    for (const auto& check : outlook_->limits.checks) {
        kept += check.verdict == Verdict::kept ? 1 : 0;
        unknown += check.verdict == Verdict::unknown ? 1 : 0;
        if (check.verdict != Verdict::broken && check.verdict != Verdict::near_it) continue;
        TextLabel* const line = lineAt(lines++);
        line->setRole(check.verdict == Verdict::broken ? Role::warning : Role::plain);
        line->setWords(tr("%1: %2", "limit: what it is about")
                           .arg(wording::name(check.kind), wording::limit_sentence(check, q)));
    }
    hideLinesFrom(lines);
    rest_->setText(unknown > 0 ? tr("%1 limits OK, %2 unknown").arg(kept).arg(unknown)
                               : tr("%1 limits OK").arg(kept));
    rest_->setAccessibleName(tr("All limits: %1").arg(rest_->text()));
    rest_->updateGeometry();
    // It comes a moment after the verdict.
    reach_->setVisible(!outlook_->reach.points.empty());
    if (!outlook_->reach.points.empty()) reach_->setWords(wording::reach_sentence(outlook_->reach, q));
    if (plan.turn) {
        QStringList places;
        for (const auto& way : mission::bail_outs(plan, mission::outward_at(plan, plan.turn->distance_m.value)))
            places << wording::bail_out_sentence(way, q);
        QStringList said = {
            tr("From the turn point, using the reserve: %1.").arg(places.join(QStringLiteral("; ")))};
        for (const auto& place : outlook_->landing_places) {
            // Home is within reach up to the turn: that is what a turn is.
            if (!place.home) said << wording::within_reach(place, q);
        }
        places_->setWords(said.join(QLatin1Char(' ')));
    }
    const bool time = mission::stays(plan.request);
    moves_->setSensitivities(plan.turn_sensitivities,
                             time ? units::Quantity::turn_time : units::Quantity::turn_distance);
}

QSize LimitsPanel::sizeHint() const {
    return {layout()->minimumSize().width(), layout()->totalHeightForWidth(width())};
}

/// The lines stay from one answer to the next: while something is dragged, most of them say the same.
TextLabel* LimitsPanel::lineAt(int at) {
    if (at == lines_->count()) {
        auto* line = new TextLabel(Role::plain);
        line->setFillsColumn();
        lines_->addWidget(line);
    }
    auto* line = static_cast<TextLabel*>(lines_->itemAt(at)->widget());
    line->show();
    return line;
}

void LimitsPanel::hideLinesFrom(int at) {
    for (; at < lines_->count(); ++at) lines_->itemAt(at)->widget()->hide();
}

void LimitsPanel::showAll() {
    if (!outlook_) return;
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    auto* sheet = new Popover(window());
    sheet->setAccessibleName(tr("All limits"));
    sheet->setFixedWidth(look.scaled(620));
    sheet->column()->addWidget(new TextLabel(Role::heading, tr("Limits along the flight")));
    auto* table = new DataTable(QStringLiteral("limitsTable"), tr("Limits along the flight"));
    auto* model = new CellModel(table);
    std::vector<std::vector<Cell>> rows;
    const auto words = [](const QString& text) {
        Cell cell;
        cell.text = text;
        return cell;
    };
    for (const auto& check : outlook_->limits.checks) {
        const bool known = check.verdict != Verdict::unknown;
        Cell met = words(known ? q.text(check.quantity, {check.worst, 0.0}) : QStringLiteral("–"));
        if (known) met.explanation = mission::explain(check);
        met.figure = true;
        Cell allowed = words(wording::limit_figure(check, q));
        allowed.figure = true;
        rows.push_back({words(wording::name(check.kind)), words(wording::name(check.verdict)), met, allowed});
    }
    model->setCells({tr("limit"), tr("verdict"), tr("worst value"), tr("allowed")}, std::move(rows));
    table->setModel(model);
    table->fitColumns(230);
    table->setMinimumHeight(look.scaled(420));
    sheet->column()->addWidget(table);
    sheet->popUpBy(rest_, rest_->rect());
}

} // namespace sobremesa::app

#include "app/places/plan/alarms_sheet.hpp"

#include <QGridLayout>
#include <QHBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/matching/headroom.hpp"
#include "core/units/quantity.hpp"
#include "wording/plans.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

TextLabel* cell(const QString& text, Role role, bool right = false) {
    auto* label = new TextLabel(role, text);
    label->setWordWrap(false);
    if (right) label->setAlignment(Qt::AlignRight | Qt::AlignVCenter);
    return label;
}

} // namespace

AlarmsSheet::AlarmsSheet(const mission::Plan& plan, QWidget* parent) : Popover(parent) {
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    setAccessibleName(tr("Alarms"));
    column()->addWidget(new TextLabel(Role::heading, tr("Alarms for this pack and this plan")));
    const auto sheet = mission::alarm_sheet(plan);
    if (!sheet) {
        column()->addWidget(
            new TextLabel(Role::plain, tr("This pack cannot supply this cruise: there is nothing to set.")));
        return;
    }
    auto* sides = new QHBoxLayout;
    sides->setSpacing(look.scaled(28));
    auto* settings = new QGridLayout;
    settings->setHorizontalSpacing(look.scaled(18));
    settings->setVerticalSpacing(look.scaled(5));
    int row = 0;
    auto lines = wording::alarm_lines(*sheet, q);
    for (auto& line : wording::throttle_lines(matching::headroom(plan), sheet->flight_time_s, q))
        lines.push_back(std::move(line));
    for (const auto& line : lines) {
        settings->addWidget(cell(line.what, Role::plain), row, 0);
        settings->addWidget(cell(QStringLiteral("<b>%1</b>").arg(line.figure), Role::plain, true), row, 1);
        ++row;
    }
    settings->setRowStretch(row, 1);
    sides->addLayout(settings);
    sides->addWidget(new Hairline(Qt::Vertical));
    auto* callouts = new QGridLayout;
    callouts->setHorizontalSpacing(look.scaled(14));
    callouts->setVerticalSpacing(look.scaled(2));
    callouts->addWidget(cell(tr("used"), Role::quiet, true), 0, 0);
    callouts->addWidget(cell(tr("counter"), Role::quiet, true), 0, 1);
    callouts->addWidget(cell(tr("remaining"), Role::quiet, true), 0, 2);
    callouts->addWidget(cell(tr("voltage"), Role::quiet, true), 0, 3);
    row = 1;
    for (const auto& line : wording::callout_lines(*sheet, q)) {
        callouts->addWidget(cell(line.used, Role::plain, true), row, 0);
        callouts->addWidget(cell(line.charge, Role::plain, true), row, 1);
        callouts->addWidget(cell(line.left, Role::plain, true), row, 2);
        callouts->addWidget(cell(line.volts, Role::plain, true), row, 3);
        ++row;
    }
    callouts->setRowStretch(row, 1);
    sides->addLayout(callouts);
    column()->addLayout(sides);
    const auto turns = mission::turn_table(plan);
    if (turns.empty()) return;
    column()->addWidget(new Hairline(Qt::Horizontal));
    column()->addWidget(new TextLabel(Role::heading, wording::turn_table_heading(plan)));
    const bool by_time = mission::stays(plan.request) && plan.station;
    auto* table = new QGridLayout;
    table->setHorizontalSpacing(look.scaled(18));
    table->setVerticalSpacing(look.scaled(2));
    const QStringList heads = {by_time ? tr("time") : tr("flown"), tr("counter at most"), tr("as planned"),
                               tr("still needed")};
    for (int i = 0; i < heads.size(); ++i) table->addWidget(cell(heads[i], Role::quiet, true), 0, i);
    row = 1;
    for (const auto& turn : turns) {
        const auto charge = [&](double ah) { return q.text(Quantity::alarm_charge, {ah, 0.0}); };
        table->addWidget(cell(by_time ? q.duration(turn.time_s) : q.distance(turn.distance_m), Role::plain, true),
                         row, 0);
        table->addWidget(cell(charge(turn.most_used_ah), Role::plain, true), row, 1);
        table->addWidget(cell(charge(turn.planned_ah), Role::plain, true), row, 2);
        table->addWidget(cell(q.energy(turn.needed_wh), Role::plain, true), row, 3);
        ++row;
    }
    column()->addLayout(table);
}

} // namespace sobremesa::app

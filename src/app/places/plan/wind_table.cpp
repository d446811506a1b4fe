#include "app/places/plan/wind_table.hpp"

#include <QVBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/button_row.hpp"
#include "app/widgets/small_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "io/text_number.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

enum WindColumn { wind_height_at, wind_speed_at, wind_from_at };
constexpr int most_rows_shown = 6;

} // namespace

WindTable::WindTable(FormSubject subject, QWidget* parent)
    : RequestTable(std::move(subject), QStringLiteral("windTrouble"), parent) {
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, look.scaled(10), 0, 0);
    column->setSpacing(look.scaled(4));
    column->addWidget(new TextLabel(Role::heading, tr("Winds by height")));
    column->addWidget(new TextLabel(
        Role::quiet, tr("Where a forecast gives winds by height, they replace the single wind and its power law. "
                        "Heights are above home; between two heights the wind is interpolated linearly.")));
    auto* winds = new SmallTable(QStringLiteral("windTable"), tr("Winds by height"),
                                 {tr("height, %1").arg(q.notation(Quantity::height).unit),
                                  tr("wind, %1").arg(q.notation(Quantity::wind_speed).unit), tr("from, °")},
                                 0);
    column->addWidget(winds);
    column->addWidget(trouble());
    auto* buttons = new ButtonRow;
    buttons->add(tr("Add a height"), QStringLiteral("addWindHeight"), this, [this] {
        change(mission::add_wind_height);
        table()->setCurrentCell(table()->rowCount() - 1, wind_height_at);
    });
    remove_ = buttons->add(tr("Remove"), QStringLiteral("removeWindHeight"), this, [this] {
        const int row = table()->currentRow();
        if (row >= 0) change([row](mission::PlanRequest& r) { mission::remove_wind_height(r, std::size_t(row)); });
    });
    buttons->addStretch(1);
    column->addLayout(buttons);
    setTable(winds);
}

void WindTable::fill(const mission::PlanRequest& request) {
    const auto& q = Look::instance().quantities();
    const auto& winds = request.weather.wind_table;
    table()->setRowCount(int(winds.size()));
    for (int row = 0; row < int(winds.size()); ++row) {
        const auto& one = winds[std::size_t(row)];
        table()->put(row, wind_height_at, SmallTable::figure(one.height_m * q.notation(Quantity::height).factor, 0),
                     true);
        table()->put(row, wind_speed_at,
                     SmallTable::figure(one.wind.speed_mps * q.notation(Quantity::wind_speed).factor, 1), true);
        table()->put(row, wind_from_at, SmallTable::figure(one.wind.from_deg, 0), true);
    }
    table()->setVisible(!winds.empty());
    remove_->setVisible(!winds.empty());
    table()->fitRows(most_rows_shown);
}

void WindTable::edited(int row, int column, const QString& typed) {
    const auto number = io::number_from_text(typed.toStdString());
    if (!number) {
        sayNoNumber(typed);
        return;
    }
    const auto& q = Look::instance().quantities();
    change([&](mission::PlanRequest& request) {
        auto& one = request.weather.wind_table[std::size_t(row)];
        switch (WindColumn(column)) {
        case wind_height_at: one.height_m = *number / q.notation(Quantity::height).factor; break;
        case wind_speed_at: one.wind.speed_mps = *number / q.notation(Quantity::wind_speed).factor; break;
        case wind_from_at: one.wind.from_deg = units::wrap_degrees(*number); break;
        }
        mission::sort_wind_heights(request.weather);
    });
}

} // namespace sobremesa::app

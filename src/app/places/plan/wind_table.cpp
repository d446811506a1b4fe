#include "app/places/plan/wind_table.hpp"

#include <QHBoxLayout>
#include <QPushButton>
#include <QVBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/small_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/constants.hpp"
#include "io/text_number.hpp"
#include "wording/messages.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;
using units::Quantity;

namespace {

enum Column { height_at, speed_at, from_at };
constexpr int most_rows_shown = 6;

} // namespace

WindTable::WindTable(FormSubject subject, QWidget* parent)
    : QWidget(parent), subject_(std::move(subject)), trouble_(new TextLabel(Role::warning)) {
    const Look& look = Look::instance();
    const auto& q = look.quantities();
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(0, look.scaled(10), 0, 0);
    column->setSpacing(look.scaled(4));
    column->addWidget(new TextLabel(Role::heading, tr("Winds by height")));
    column->addWidget(new TextLabel(
        Role::quiet, tr("Where a forecast gives them: they take the place of the one wind and its law. "
                        "Heights are above home; between two of them the wind goes straight from one "
                        "to the other.")));
    table_ = new SmallTable(QStringLiteral("windTable"), tr("Winds by height"),
                            {tr("height, %1").arg(q.notation(Quantity::height).unit),
                             tr("wind, %1").arg(q.notation(Quantity::wind_speed).unit), tr("from, °")},
                            0);
    column->addWidget(table_);
    trouble_->setObjectName(QStringLiteral("windTrouble"));
    trouble_->hide();
    column->addWidget(trouble_);
    auto* buttons = new QHBoxLayout;
    const auto button = [&](const QString& text, const char* object, auto call) {
        auto* made = new QPushButton(text);
        made->setObjectName(QLatin1String(object));
        connect(made, &QPushButton::clicked, this, call);
        buttons->addWidget(made);
        return made;
    };
    button(tr("Add a height"), "addWindHeight", [this] {
        change(mission::add_wind_height);
        table_->setCurrentCell(table_->rowCount() - 1, height_at);
    });
    remove_ = button(tr("Remove"), "removeWindHeight", [this] {
        const int row = table_->currentRow();
        if (row >= 0) change([row](mission::PlanRequest& r) { mission::remove_wind_height(r, std::size_t(row)); });
    });
    buttons->addStretch(1);
    column->addLayout(buttons);
    connect(table_, &QTableWidget::cellChanged, this, &WindTable::edited);
    refresh();
}

void WindTable::refresh() {
    if (filling_ || table_->isTypedIn()) return;
    filling_ = true;
    const auto request = subject_.request();
    const auto& q = Look::instance().quantities();
    const auto& winds = request.weather.wind_table;
    const int chosen = table_->currentRow();
    table_->setRowCount(int(winds.size()));
    for (int row = 0; row < int(winds.size()); ++row) {
        const auto& one = winds[std::size_t(row)];
        table_->put(row, height_at, SmallTable::figure(one.height_m * q.notation(Quantity::height).factor, 0),
                    true);
        table_->put(row, speed_at,
                    SmallTable::figure(one.wind.speed_mps * q.notation(Quantity::wind_speed).factor, 1), true);
        table_->put(row, from_at, SmallTable::figure(one.wind.from_deg, 0), true);
    }
    if (chosen >= 0 && chosen < table_->rowCount()) table_->setCurrentCell(chosen, height_at);
    table_->setVisible(!winds.empty());
    remove_->setVisible(!winds.empty());
    table_->fitRows(most_rows_shown);
    filling_ = false;
}

void WindTable::change(const std::function<void(mission::PlanRequest&)>& make) {
    auto request = subject_.request();
    make(request);
    const auto error = subject_.set(request);
    trouble_->setVisible(error.has_value());
    if (error) {
        units::Error here = *error;
        here.where = {};
        trouble_->setWords(wording::message(here));
    }
    refresh();
}

void WindTable::edited(int row, int column) {
    if (filling_) return;
    const auto& q = Look::instance().quantities();
    const QString typed = table_->item(row, column)->text().trimmed();
    const auto number = io::number_from_text(typed.toStdString());
    if (!number) {
        trouble_->setWords(tr("“%1” is no number. Write digits, with a comma or a point.").arg(typed));
        trouble_->show();
        return;
    }
    change([&](mission::PlanRequest& request) {
        auto& one = request.weather.wind_table[std::size_t(row)];
        switch (Column(column)) {
        case height_at: one.height_m = *number / q.notation(Quantity::height).factor; break;
        case speed_at: one.wind.speed_mps = *number / q.notation(Quantity::wind_speed).factor; break;
        case from_at: one.wind.from_deg = units::wrap_degrees(*number); break;
        }
        mission::sort_wind_heights(request.weather);
    });
}

} // namespace sobremesa::app

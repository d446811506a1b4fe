#include "app/places/plan/beside_panel.hpp"

#include <algorithm>

#include <QHBoxLayout>
#include <QHeaderView>
#include <QPushButton>

#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/text_labels.hpp"
#include "core/mission/differences.hpp"
#include "core/mission/explain.hpp"
#include "core/units/explanation.hpp"
#include "wording/names.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

BesidePanel::BesidePanel(QWidget* parent)
    : QWidget(parent), name_(new TextLabel(Role::heading)), sentence_(new TextLabel(Role::sentence)),
      model_(new CellModel(this)),
      table_(new DataTable(QStringLiteral("besideTable"), tr("Two plans side by side"))) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("besidePanel"));
    auto* panel = new Panel;
    auto* whole = new QVBoxLayout(this);
    whole->setContentsMargins(0, 0, 0, 0);
    whole->addWidget(panel);
    auto* column = new QVBoxLayout(panel);
    column->setContentsMargins(look.scaled(24), look.scaled(12), look.scaled(24), look.scaled(8));
    column->setSpacing(look.scaled(8));
    auto* top = new QHBoxLayout;
    top->addWidget(name_, 1);
    auto* close = new QPushButton(tr("Back to the map"));
    close->setObjectName(QStringLiteral("besideClose"));
    connect(close, &QPushButton::clicked, this, &BesidePanel::closeWanted);
    top->addWidget(close);
    column->addLayout(top);
    sentence_->setObjectName(QStringLiteral("besideSentence"));
    column->addWidget(sentence_);
    table_->setModel(model_);
    table_->horizontalHeader()->setSectionsMovable(false);
    column->addWidget(table_, 1);
}

void BesidePanel::setPlans(const QString& one_name, const mission::Plan& one, const QString& other_name,
                           const mission::Plan& other) {
    const auto& q = Look::instance().quantities();
    name_->setWords(tr("Compared with: %1", "name of a plan").arg(other_name));
    sentence_->setWords(wording::plan_sentence(other, q));
    std::vector<std::vector<Cell>> rows;
    for (const auto& line : mission::differences(one, other)) {
        const auto cell = [&](const mission::Plan& plan, const units::Estimate& value) {
            if (line.computed) return explained_cell(mission::explain(plan, line.quantity));
            Cell given;
            given.figure = true;
            given.text = q.text(line.quantity, value);
            given.sort = value.value;
            return given;
        };
        Cell name;
        name.text = wording::name(line.quantity);
        rows.push_back({name, cell(one, line.one), cell(other, line.other)});
        if (line.computed) {
            for (Cell& c : rows.back()) c.strong = true;
        }
    }
    // What comes of it first: it is what one looks for.
    std::stable_partition(rows.begin(), rows.end(), [](const auto& row) { return row.front().strong; });
    model_->setCells({tr("results and differences"), one_name, other_name}, std::move(rows));
    table_->horizontalHeader()->setSectionResizeMode(0, QHeaderView::Stretch);
    table_->horizontalHeader()->setSectionResizeMode(1, QHeaderView::ResizeToContents);
    table_->horizontalHeader()->setSectionResizeMode(2, QHeaderView::ResizeToContents);
}

} // namespace sobremesa::app

#include "app/places/watch/callouts_sheet.hpp"

#include <QCheckBox>
#include <QGridLayout>

#include "app/theme/look.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/text_labels.hpp"
#include "wording/watch.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

CalloutsSheet::CalloutsSheet(const watch::CalloutRules& rules, bool speaks, QWidget* parent)
    : Popover(parent), rules_(rules) {
    setAccessibleName(tr("Callouts"));
    column()->addWidget(new TextLabel(Role::heading, tr("Spoken callouts")));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(Look::instance().scaled(24));
    constexpr int columns = 2;
    const int rows = (int(watch::callout_kinds) + columns - 1) / columns;
    for (int i = 0; i < int(watch::callout_kinds); ++i) {
        const auto kind = static_cast<watch::CalloutKind>(i);
        auto* box = new QCheckBox(wording::name(kind));
        box->setObjectName(QStringLiteral("callout-") + QLatin1String(watch::callout_word(kind)));
        box->setChecked(!rules_.muted[std::size_t(i)]);
        connect(box, &QCheckBox::toggled, this, [this, i](bool on) {
            rules_.muted[std::size_t(i)] = !on;
            emit changed(rules_);
        });
        grid->addWidget(box, i % rows, i / rows);
    }
    column()->addLayout(grid);
    column()->addWidget(new Hairline(Qt::Horizontal));
    auto* down = new QCheckBox(tr("Count down: call what remains"));
    down->setObjectName(QStringLiteral("calloutCountDown"));
    down->setChecked(rules_.count_down);
    connect(down, &QCheckBox::toggled, this, [this](bool on) {
        rules_.count_down = on;
        emit changed(rules_);
    });
    column()->addWidget(down);
    column()->addWidget(new TextLabel(
        Role::quiet,
        speaks
            ? tr("Callouts that are off are still listed.")
            : tr("No speech engine works here: a tone sounds instead. Callouts that are off are still listed.")));
}

} // namespace sobremesa::app

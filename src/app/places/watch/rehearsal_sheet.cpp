#include "app/places/watch/rehearsal_sheet.hpp"

#include <QGridLayout>
#include <QLineEdit>
#include <QPushButton>
#include <QRandomGenerator>
#include <QRegularExpressionValidator>

#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

namespace {

constexpr double rehearsal_speeds[] = {1.0, 5.0, 10.0, 20.0, 30.0};
constexpr int usual_speed = 3;
constexpr practice::Day rehearsal_days[] = {practice::Day::drawn, practice::Day::as_forecast,
                                            practice::Day::growing_wind, practice::Day::worst_in_twenty};
constexpr int highest_seed = 9999;

} // namespace

RehearsalSheet::RehearsalSheet(QWidget* parent) : Popover(parent) {
    const Look& look = Look::instance();
    setAccessibleName(tr("Rehearse this plan"));
    column()->addWidget(new TextLabel(Role::heading, tr("Rehearse this plan")));
    auto* what = new TextLabel(
        Role::quiet,
        tr("A simulated aircraft flies it; callouts sound as they would in flight. You decide when to turn."));
    what->setMaximumWidth(look.scaled(320));
    column()->addWidget(what);
    auto* grid = new QGridLayout;
    grid->addWidget(new TextLabel(Role::plain, tr("Day")), 0, 0);
    auto* day = new ChoiceBox;
    day->setObjectName(QStringLiteral("rehearsalDay"));
    day->setAccessibleName(tr("Day"));
    day->addItems({tr("drawn from the forecast's errors"), tr("as forecast"), tr("the wind grows by half"),
                   tr("the worst in twenty")});
    grid->addWidget(day, 0, 1);
    grid->addWidget(new TextLabel(Role::plain, tr("Seed")), 1, 0);
    auto* seed = new QLineEdit(QString::number(QRandomGenerator::global()->bounded(1, highest_seed + 1)));
    seed->setObjectName(QStringLiteral("rehearsalSeed"));
    seed->setAccessibleName(tr("Seed: the same seed is the same day"));
    seed->setToolTip(tr("The same seed is the same day"));
    seed->setValidator(new QRegularExpressionValidator(QRegularExpression(QStringLiteral("[0-9]{1,9}")), seed));
    grid->addWidget(seed, 1, 1);
    grid->addWidget(new TextLabel(Role::plain, tr("Speed")), 2, 0);
    auto* speed = new ChoiceBox;
    speed->setObjectName(QStringLiteral("rehearsalSpeed"));
    speed->setAccessibleName(tr("Speed"));
    for (const double s : rehearsal_speeds) speed->addItem(QStringLiteral("× %1").arg(s));
    speed->setCurrentIndex(usual_speed);
    grid->addWidget(speed, 2, 1);
    column()->addLayout(grid);
    auto* start = new QPushButton(tr("Take off"));
    start->setObjectName(QStringLiteral("rehearsalStart"));
    column()->addWidget(start, 0, Qt::AlignRight);
    const auto take = [this, day, seed, speed] {
        const practice::PracticeDay wanted{rehearsal_days[std::max(day->currentIndex(), 0)],
                                           seed->text().toULongLong()};
        const double times = rehearsal_speeds[std::max(speed->currentIndex(), 0)];
        close();
        emit chosen(wanted, times);
    };
    connect(start, &QPushButton::clicked, this, take);
    connect(seed, &QLineEdit::returnPressed, this, take);
    start->setFocus();
}

} // namespace sobremesa::app

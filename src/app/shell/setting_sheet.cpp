#include "app/shell/setting_sheet.hpp"

#include <cmath>

#include <QGridLayout>

#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/number_field.hpp"
#include "app/widgets/text_labels.hpp"
#include "wording/messages.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

SettingSheet::SettingSheet(const SettingWord& word, session::PlanSession& session, QWidget* parent)
    : Popover(parent), session_(session), trouble_(new TextLabel(Role::warning)) {
    const Look& look = Look::instance();
    setAccessibleName(word.spoken);
    column()->addWidget(new TextLabel(Role::heading, word.spoken));
    auto* grid = new QGridLayout;
    grid->setHorizontalSpacing(look.scaled(12));
    grid->setVerticalSpacing(look.scaled(4));
    column()->addLayout(grid);
    int row = 0;
    for (const SettingField& field : word.fields) {
        grid->addWidget(new TextLabel(Role::plain, field.label), row, 0);
        switch (field.kind) {
        case SettingField::Kind::number: addNumber(grid, row, field); break;
        case SettingField::Kind::text: addText(grid, row, field); break;
        case SettingField::Kind::choice: addChoice(grid, row, field); break;
        }
        if (!field.hint.isEmpty()) grid->addWidget(new TextLabel(Role::quiet, field.hint), ++row, 0, 1, 3);
        ++row;
    }
    trouble_->setObjectName(QStringLiteral("settingTrouble"));
    trouble_->hide();
    column()->addWidget(trouble_);
    setFixedWidth(look.scaled(430));
}

void SettingSheet::addNumber(QGridLayout* grid, int row, const SettingField& field) {
    auto* edit = new NumberField;
    edit->setObjectName(field.label);
    edit->setAccessibleName(field.label);
    edit->setStep(field.step);
    edit->setFixedWidth(Look::instance().scaled(96));
    const auto show = [this, edit, field] {
        edit->setValue(field.number(session_.request()) * field.notation.factor, field.notation.decimals);
    };
    show();
    connect(edit, &NumberField::valueEdited, this, [this, edit, field](double value) {
        if (field.whole && value != std::floor(value)) {
            edit->setWrong(true);
            complain(tr("Cells come whole: write a number without a fraction."));
            return;
        }
        mission::PlanRequest request = session_.request();
        field.setNumber(request, value / field.notation.factor);
        edit->setProperty("typing", true);
        edit->setWrong(!apply(request));
        edit->setProperty("typing", false);
    });
    connect(edit, &NumberField::unreadable, this,
            [this] { complain(tr("This is not one number. Write 12.5 or 12,5.")); });
    // A choice in the same sheet may change this value; what the pilot is typing is never touched.
    connect(&session_, &session::PlanSession::requestChanged, edit, [edit, show] {
        if (!edit->hasFocus() && !edit->property("typing").toBool()) show();
    });
    grid->addWidget(edit, row, 1);
    grid->addWidget(new TextLabel(Role::quiet, field.notation.unit), row, 2);
}

void SettingSheet::addText(QGridLayout* grid, int row, const SettingField& field) {
    auto* edit = new QLineEdit(field.text(session_.request()));
    edit->setObjectName(field.label);
    edit->setAccessibleName(field.label);
    connect(edit, &QLineEdit::textEdited, this, [this, field](const QString& text) {
        mission::PlanRequest request = session_.request();
        field.setText(request, text);
        apply(request);
    });
    grid->addWidget(edit, row, 1, 1, 2);
}

void SettingSheet::addChoice(QGridLayout* grid, int row, const SettingField& field) {
    auto* box = new ChoiceBox;
    box->setMinimumHeight(Look::instance().scaled(26));
    box->setObjectName(field.label);
    box->setAccessibleName(field.label);
    box->addItems(field.choices);
    box->setCurrentIndex(field.choice(session_.request()));
    connect(box, &QComboBox::activated, this, [this, field](int index) {
        mission::PlanRequest request = session_.request();
        field.setChoice(request, index);
        apply(request);
    });
    grid->addWidget(box, row, 1, 1, 2);
}

void SettingSheet::complain(const QString& words) {
    trouble_->setWords(words);
    trouble_->show();
    adjustSize();
}

bool SettingSheet::apply(const mission::PlanRequest& request) {
    const auto error = session_.setRequest(request);
    trouble_->setVisible(error.has_value());
    if (error) {
        // The field is under the pilot's eyes; its name in the document would only distract.
        units::Error here = *error;
        here.where = {};
        trouble_->setWords(wording::message(here));
    }
    adjustSize();
    return !error.has_value();
}

} // namespace sobremesa::app

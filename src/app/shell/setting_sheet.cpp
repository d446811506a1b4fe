#include "app/shell/setting_sheet.hpp"

#include <QHBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/hairline.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

using Role = TextLabel::Role;

SettingSheet::SettingSheet(const SettingWord& word, FormSubject subject, const RecordListChoice& record_list,
                           QWidget* parent)
    : Popover(parent), form_(new FieldForm(word.fields, std::move(subject))) {
    const Look& look = Look::instance();
    setAccessibleName(word.spoken);
    if (record_list.choose) {
        auto* row = new QHBoxLayout;
        row->addWidget(new TextLabel(Role::heading, word.spoken));
        auto* box = new ChoiceBox;
        box->setObjectName(QStringLiteral("listChoice"));
        box->setAccessibleName(tr("%1 from the list").arg(word.spoken));
        box->setMinimumHeight(look.scaled(26));
        box->addItems(record_list.names);
        if (record_list.chosen < 0) box->setPlaceholderText(tr("not from the list"));
        box->setCurrentIndex(record_list.chosen);
        connect(box, &QComboBox::activated, this, [this, choose = record_list.choose](int index) {
            choose(index);
            form_->refresh();
        });
        row->addWidget(box, 1);
        column()->addLayout(row);
        column()->addWidget(new Hairline(Qt::Horizontal));
    } else {
        column()->addWidget(new TextLabel(Role::heading, word.spoken));
    }
    column()->addWidget(form_);
    connect(form_, &FieldForm::troubleChanged, this, [this] {
        // The form asks for its new height first, or the sheet keeps the room of a line that is gone.
        form_->layout()->activate();
        adjustSize();
    });
    setFixedWidth(look.scaled(430));
}

} // namespace sobremesa::app

#pragma once

#include <functional>

#include "app/fields/field_form.hpp"
#include "app/shell/setting_fields.hpp"
#include "app/widgets/popover.hpp"

namespace sobremesa::app {

/// What the library offers for one word of the setting.
struct RecordListChoice {
    QStringList names;
    int chosen = -1;
    std::function<void(int)> choose;
};

/// The fields behind one word of the setting, under the choice from the list where there is one.
class SettingSheet : public Popover {
    Q_OBJECT
public:
    SettingSheet(const SettingWord& word, FormSubject subject, const RecordListChoice& record_list,
                 QWidget* parent = nullptr);
    FieldForm& form() { return *form_; }

private:
    FieldForm* form_;
};

} // namespace sobremesa::app

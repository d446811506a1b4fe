#pragma once

#include "app/shell/setting_fields.hpp"
#include "app/widgets/popover.hpp"
#include "session/plan_session.hpp"

class QGridLayout;

namespace sobremesa::app {

class TextLabel;

/// The fields behind one word of the setting. Every keystroke that can be read takes effect at once; one that
/// cannot is marked where it was typed, with the reason below.
class SettingSheet : public Popover {
    Q_OBJECT
public:
    SettingSheet(const SettingWord& word, session::PlanSession& session, QWidget* parent);

private:
    void addNumber(QGridLayout* grid, int row, const SettingField& field);
    void addText(QGridLayout* grid, int row, const SettingField& field);
    void addChoice(QGridLayout* grid, int row, const SettingField& field);
    void complain(const QString& words);
    /// @return whether the session took it
    bool apply(const mission::PlanRequest& request);

    session::PlanSession& session_;
    TextLabel* trouble_;
};

} // namespace sobremesa::app

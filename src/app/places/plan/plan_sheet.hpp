#pragma once

#include "app/widgets/popover.hpp"
#include "session/workspace.hpp"

class QListView;
class QPushButton;
class QStringListModel;

namespace sobremesa::app {

/// The kept plans: open one, name it, duplicate it, lay one beside another, remove it.
class PlanSheet : public Popover {
    Q_OBJECT
public:
    PlanSheet(session::Workspace& workspace, QWidget* parent = nullptr);

signals:
    void besideWanted(session::Id id);

private:
    void refresh();
    std::optional<session::Id> chosen() const;

    session::Workspace& workspace_;
    QStringListModel* names_;
    QListView* list_;
    std::vector<session::Id> ids_;
    std::vector<QPushButton*> for_chosen_;
};

/// A plan's name, or what it is where it has none.
QString plan_title(const mission::PlanRequest& request);

} // namespace sobremesa::app

#pragma once

#include <memory>

#include <QWidget>

#include "core/mission/plan.hpp"

namespace sobremesa::app {

class CellModel;
class DataTable;
class TextLabel;

/// Another plan beside the open one: its answer, and where the two differ.
class BesidePanel : public QWidget {
    Q_OBJECT
public:
    explicit BesidePanel(QWidget* parent = nullptr);
    void setPlans(const QString& one_name, const mission::Plan& one, const QString& other_name,
                  const mission::Plan& other);

signals:
    void closeWanted();

private:
    TextLabel* name_;
    TextLabel* sentence_;
    CellModel* model_;
    DataTable* table_;
};

} // namespace sobremesa::app

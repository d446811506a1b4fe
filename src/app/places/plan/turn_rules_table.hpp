#pragma once

#include <QTableView>

#include "app/places/plan/turn_rules_model.hpp"

namespace sobremesa::app {

/// The table of rules: hairlines only, as tall as its rows; F1 or a click on a figure says why.
class TurnRulesTable : public QTableView {
    Q_OBJECT
public:
    explicit TurnRulesTable(QWidget* parent = nullptr);
    TurnRulesModel& turnRules() { return *model_; }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return {260, sizeHint().height()}; }

protected:
    void keyPressEvent(QKeyEvent* event) override;
    void paintEvent(QPaintEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    void dress();
    void fitColumns();
    void explainCell(const QModelIndex& index);
    TurnRulesModel* model_;
};

} // namespace sobremesa::app

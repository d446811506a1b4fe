#pragma once

#include <memory>
#include <optional>

#include <QAbstractTableModel>

#include "core/mission/plan.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::app {

/// Where each rule turns, sorted by distance. The box before a rule says whether it counts.
class TurnRulesModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { rule, distance, used, left, column_count };

    explicit TurnRulesModel(QObject* parent = nullptr);
    void setPlan(std::shared_ptr<const mission::Plan> plan);
    std::optional<units::Explanation> explanation(const QModelIndex& index) const;

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;
    Qt::ItemFlags flags(const QModelIndex& index) const override;
    bool setData(const QModelIndex& index, const QVariant& value, int role) override;

signals:
    void countedChanged(const std::vector<mission::TurnRule>& counted);
    /// The figure of a rule that has one, as it was typed.
    void figureTyped(mission::TurnRule rule, const QString& typed);

private:
    std::shared_ptr<const mission::Plan> plan_;
};

} // namespace sobremesa::app

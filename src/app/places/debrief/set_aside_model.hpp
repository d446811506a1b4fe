#pragma once

#include <QAbstractTableModel>

#include "core/telemetry/flight_log.hpp"

namespace sobremesa::app {

/// What was set aside, reason by reason, and where it first stands.
class SetAsideModel : public QAbstractTableModel {
    Q_OBJECT
public:
    enum Column { reason, rows, first_row, column_count };
    explicit SetAsideModel(QObject* parent = nullptr);
    void setList(std::vector<telemetry::SetAside> list);

    int rowCount(const QModelIndex& parent = {}) const override;
    int columnCount(const QModelIndex& parent = {}) const override;
    QVariant data(const QModelIndex& index, int role) const override;
    QVariant headerData(int section, Qt::Orientation orientation, int role) const override;

private:
    std::vector<telemetry::SetAside> list_;
};

} // namespace sobremesa::app

#pragma once

#include <QDialog>

#include "io/csv_head.hpp"

class QTableWidget;

namespace sobremesa::app {

class ChoiceBox;
class TextLabel;

/// What each column of a log was understood to be, with its first values as they stand and as they were read;
/// quantity and unit can be changed, and the reading follows at once.
class ColumnsSheet : public QDialog {
    Q_OBJECT
public:
    /// @param head  as it is understood now
    ColumnsSheet(const QString& path, io::CsvHead head, QWidget* parent = nullptr);

    /// Of the columns that the pilot changed, or that were chosen before.
    std::vector<telemetry::ColumnChoice> choices() const;

signals:
    void chosen(const QString& path, const io::CsvHead& head, const std::vector<telemetry::ColumnChoice>& columns);

private:
    struct Row {
        ChoiceBox* meaning = nullptr;
        ChoiceBox* unit = nullptr;
        TextLabel* read = nullptr;
        telemetry::ColumnChoice found;
        bool changed = false;
    };
    void fillUnits(std::size_t row);
    void changed(std::size_t row);
    void showReading();

    QString path_;
    io::CsvHead head_;
    std::vector<Row> rows_;
    TextLabel* state_;
    QPushButton* take_;
};

} // namespace sobremesa::app

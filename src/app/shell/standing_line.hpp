#pragma once

#include <QWidget>

class QPushButton;

namespace sobremesa::app {

class TextLabel;

/// What holds as long as this logbook is open: that it is a copy of the demo flights, or can only be read. One line
/// over every place, with the outbound leg where there is one; hidden otherwise.
class StandingLine : public QWidget {
    Q_OBJECT
public:
    explicit StandingLine(QWidget* parent = nullptr);
    /// @param way_out  what its button says; empty: no button
    void show(const QString& words, const QString& way_out = {});
    void clear() { setVisible(false); }
    QString text() const;

signals:
    void wayOutWanted();

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    TextLabel* words_;
    QPushButton* way_out_;
};

} // namespace sobremesa::app

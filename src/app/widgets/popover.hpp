#pragma once

#include <QFrame>
#include <QVBoxLayout>

namespace sobremesa::app {

/// A small sheet that hangs from what it is about; Escape or a click elsewhere closes it.
class Popover : public QFrame {
    Q_OBJECT
public:
    explicit Popover(QWidget* parent);
    QVBoxLayout* column() { return column_; }
    /// Shows it under (or, without room, above) a place of the anchor.
    void popUpBy(const QWidget* anchor, const QRect& place);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QVBoxLayout* column_;
};

} // namespace sobremesa::app

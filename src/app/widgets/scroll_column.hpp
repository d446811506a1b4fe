#pragma once

#include <QScrollArea>

namespace sobremesa::app {

/// A column that scrolls up and down, never sideways, and gives wrapped text the height that it needs.
class ScrollColumn : public QScrollArea {
    Q_OBJECT
public:
    /// @param inside  with its layout set
    explicit ScrollColumn(QWidget* inside, QWidget* parent = nullptr);

protected:
    bool event(QEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    /// A scroll area of Qt's asks its widget for a height without telling it the width.
    void fitHeight();
};

} // namespace sobremesa::app

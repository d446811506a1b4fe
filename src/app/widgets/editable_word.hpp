#pragma once

#include <QAbstractButton>

namespace sobremesa::app {

/// A dotted word in a sentence. Click or Enter opens what is behind it; dragging sideways or the arrow keys step
/// it.
class EditableWord : public QAbstractButton {
    Q_OBJECT
public:
    explicit EditableWord(QWidget* parent = nullptr);
    void setSteppable(bool steppable) { steppable_ = steppable; }
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }
    int baseline() const;

signals:
    void stepped(int steps);
    void dragFinished();

protected:
    void paintEvent(QPaintEvent* event) override;
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;

private:
    /// Of the text's shape, in a font of so many pixels.
    mutable QSize hint_;
    mutable QString hint_of_;
    mutable int hint_px_ = 0;
    bool steppable_ = false;
    bool dragging_ = false;
    int press_x_ = 0;
    int steps_sent_ = 0;
};

} // namespace sobremesa::app

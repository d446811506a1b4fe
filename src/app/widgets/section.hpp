#pragma once

#include <QWidget>

class QToolButton;
class QVBoxLayout;

namespace sobremesa::app {

/// A heading that folds away what stands under it.
class Section : public QWidget {
    Q_OBJECT
public:
    /// @param object  names it, and its button as object + "Fold"
    Section(const QString& object, const QString& title, QWidget* parent = nullptr);

    /// Where its content goes.
    QVBoxLayout* inside() { return inside_; }
    void setTitle(const QString& title);
    bool isOpen() const;
    void setOpen(bool open);

signals:
    void folded(bool open);

private:
    QToolButton* head_;
    QWidget* content_;
    QVBoxLayout* inside_;
};

} // namespace sobremesa::app

#pragma once

#include <QApplication>

namespace sobremesa::app {

/// The application with a last guard: nothing in the program throws for what a pilot did or wrote, and what throws
/// all the same is a fault of ours that must not take the window, and what was typed into it, along.
class GuardedApplication : public QApplication {
    Q_OBJECT
public:
    using QApplication::QApplication;
    bool notify(QObject* receiver, QEvent* event) override;

signals:
    /// An exception ended the handling of one event; the others go on.
    void faulted(const QString& what);
};

} // namespace sobremesa::app

#pragma once

#include <QApplication>

namespace sobremesa::app {

/// Property of a widget: name of the button that Enter presses in its fields.
inline constexpr const char* enter_presses = "enterPresses";

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

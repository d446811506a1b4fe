#include "app/shell/guarded_application.hpp"

#include <exception>

#include <QKeyEvent>
#include <QLineEdit>
#include <QPointer>
#include <QPushButton>

namespace sobremesa::app {

namespace {

bool is_enter(QEvent* event) {
    if (event->type() != QEvent::KeyPress) return false;
    const auto* key = static_cast<QKeyEvent*>(event);
    return (key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) &&
           (key->modifiers() & ~Qt::KeypadModifier) == 0;
}

/// Enter presses a focused button, as it does in dialogs and everywhere else on a desktop.
bool presses(QObject* receiver) {
    auto* button = qobject_cast<QPushButton*>(receiver);
    if (!button || !button->isEnabled()) return false;
    button->click();
    return true;
}

/// In a field of a form, after the field has taken its text, it presses the button that the form names.
void press_button_of_form(const QPointer<QObject>& field) {
    if (!qobject_cast<QLineEdit*>(field)) return;
    for (auto* form = static_cast<QWidget*>(field.data())->parentWidget(); form; form = form->parentWidget()) {
        const QString name = form->property(enter_presses).toString();
        if (name.isEmpty()) continue;
        auto* button = form->findChild<QPushButton*>(name);
        if (button && button->isVisible() && button->isEnabled()) button->click();
        return;
    }
}

} // namespace

bool GuardedApplication::notify(QObject* receiver, QEvent* event) {
    try {
        if (!is_enter(event)) return QApplication::notify(receiver, event);
        if (presses(receiver)) return true;
        const QPointer<QObject> field = receiver;
        const bool taken = QApplication::notify(receiver, event);
        press_button_of_form(field);
        return taken;
    } catch (const std::exception& fault) {
        qWarning("a fault inside the program: %s", fault.what());
        emit faulted(QString::fromLocal8Bit(fault.what()));
    }
    return true;
}

} // namespace sobremesa::app

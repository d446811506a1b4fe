#include "app/shell/guarded_application.hpp"

#include <exception>

namespace sobremesa::app {

bool GuardedApplication::notify(QObject* receiver, QEvent* event) {
    try {
        return QApplication::notify(receiver, event);
    } catch (const std::exception& fault) {
        qWarning("a fault inside the program: %s", fault.what());
        emit faulted(QString::fromLocal8Bit(fault.what()));
    }
    return true;
}

} // namespace sobremesa::app

#pragma once

class QMenu;
class QPoint;

namespace sobremesa::app {

/// What a widget adds to the menu under the right mouse button, or the menu key.
class ContextActions {
public:
    virtual ~ContextActions() = default;
    /// @param at  where, in the widget; outside it when the menu was asked for by key
    virtual void fillMenu(QMenu& menu, const QPoint& at) = 0;
};

} // namespace sobremesa::app

#pragma once

#include "app/widgets/popover.hpp"
#include "core/watch/callouts.hpp"

namespace sobremesa::app {

/// Which callouts are spoken, and how tenths are counted.
class CalloutsSheet : public Popover {
    Q_OBJECT
public:
    CalloutsSheet(const watch::CalloutRules& rules, bool speaks, QWidget* parent);

signals:
    void changed(const sobremesa::watch::CalloutRules& rules);

private:
    watch::CalloutRules rules_;
};

} // namespace sobremesa::app

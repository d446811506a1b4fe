#pragma once

#include "app/widgets/popover.hpp"
#include "core/units/explanation_fwd.hpp"

namespace sobremesa::app {

/// The answer to "why?": what the number is, how it follows, from what, from which source, and what moves it.
class ExplanationSheet : public Popover {
    Q_OBJECT
public:
    ExplanationSheet(const units::Explanation& explanation, QWidget* parent);
    /// Makes a sheet and hangs it from a place of the anchor.
    static void showFor(const units::Explanation& explanation, QWidget* anchor, const QRect& place);
};

} // namespace sobremesa::app

#include "app/widgets/mass_bar.hpp"

#include <QPainter>

#include "app/theme/look.hpp"
#include "core/units/quantity.hpp"

namespace sobremesa::app {

namespace {

constexpr int bar_px = 30;

QString part_text(const MassBar::Part& part) {
    const auto& q = Look::instance().quantities();
    return MassBar::tr("%1 %2", "part, mass")
        .arg(part.name, q.text(units::Quantity::pack_mass, {part.mass_kg, 0.0}));
}

} // namespace

MassBar::MassBar(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
}

void MassBar::setParts(std::vector<Part> parts) {
    parts_ = std::move(parts);
    QStringList spoken;
    for (const Part& part : parts_) spoken << part_text(part);
    setAccessibleName(spoken.join(QStringLiteral(", ")));
    setToolTip(accessibleName());
    update();
}

QSize MassBar::sizeHint() const {
    return {Look::instance().scaled(240), Look::instance().scaled(bar_px)};
}

QSize MassBar::minimumSizeHint() const {
    return {Look::instance().scaled(120), Look::instance().scaled(bar_px)};
}

void MassBar::paintEvent(QPaintEvent*) {
    double all_kg = 0.0;
    for (const Part& part : parts_) all_kg += part.mass_kg;
    if (!(all_kg > 0.0)) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QPainter painter(this);
    painter.setFont(look.font(Look::small_px));
    double x = 0.5;
    for (std::size_t i = 0; i < parts_.size(); ++i) {
        const double wide = (width() - 1.0) * parts_[i].mass_kg / all_kg;
        const QRectF box(x, 0.5, wide, height() - 1.0);
        painter.setPen(QPen(theme.field_border, 1));
        // Told apart by their words and their edge; the ground only helps the eye.
        painter.setBrush(i % 2 == 0 ? theme.paper : theme.panel);
        painter.drawRect(box);
        painter.setPen(theme.ink);
        painter.drawText(
            box.adjusted(look.scaled(8), 0, -look.scaled(4), 0), Qt::AlignVCenter | Qt::AlignLeft,
            painter.fontMetrics().elidedText(part_text(parts_[i]), Qt::ElideRight, int(wide) - look.scaled(12)));
        x += wide;
    }
}

} // namespace sobremesa::app

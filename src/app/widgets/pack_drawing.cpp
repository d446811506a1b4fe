#include "app/widgets/pack_drawing.hpp"

#include <algorithm>

#include <QPainter>

#include "app/theme/look.hpp"
#include "core/matching/candidates.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

namespace {

QString millimetres(double metres) {
    return wording::written(metres, 0.0, {1000.0, {}, 0});
}

} // namespace

PackDrawing::PackDrawing(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Expanding);
    connect(&Look::instance(), &Look::changed, this, qOverload<>(&QWidget::update));
}

QSize PackDrawing::sizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(280), look.scaled(186)};
}

void PackDrawing::setBuild(const battery::Build& build, const std::optional<battery::Size>& bay,
                           const QString& aircraft) {
    build_ = build;
    laid_ = battery::layout(build);
    bay_.reset();
    fits_ = false;
    bay_words_.clear();
    if (bay) {
        bay_ = matching::turned_for(*bay, laid_.size);
        fits_ = matching::fits(laid_.size, *bay);
        const QString sides =
            tr("%1 × %2 × %3 mm", "sides of a bay")
                .arg(millimetres(bay->length_m), millimetres(bay->width_m), millimetres(bay->height_m));
        bay_words_ =
            (fits_ ? tr("Fits the bay of %1, %2.") : tr("Does not fit the bay of %1, %2.")).arg(aircraft, sides);
    }
    setAccessibleName(tr("The pack from above, to scale"));
    setAccessibleDescription(tr("%1 × %2 mm. %3", "sides of a pack, whether it fits")
                                 .arg(millimetres(laid_.size.length_m), millimetres(laid_.size.width_m), bay_words_)
                                 .trimmed());
    setToolTip(accessibleDescription());
    update();
}

void PackDrawing::paintEvent(QPaintEvent*) {
    if (laid_.cells.empty()) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QPainter painter(this);
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setFont(look.font(Look::small_px));
    const QFontMetrics metrics(painter.font());
    // Room for the sides' figures below and at the right, and for the bay's line.
    const double line = metrics.height() + look.scaled(4);
    const double beside = metrics.horizontalAdvance(QStringLiteral("000 mm")) + look.scaled(14);
    const double room_w = width() - beside - look.scaled(8);
    const double room_h = height() - line * (bay_ ? 2.0 : 1.0) - look.scaled(12);
    const double most_w = std::max(laid_.size.length_m, bay_ ? bay_->length_m : 0.0);
    const double most_h = std::max(laid_.size.width_m, bay_ ? bay_->width_m : 0.0);
    if (room_w < 20.0 || room_h < 20.0) return;
    const double scale = std::min(room_w / most_w, room_h / most_h);
    const QPointF corner(look.scaled(4), look.scaled(4));
    const auto at = [&](double x_m, double y_m) { return corner + scale * QPointF(x_m, y_m); };

    if (bay_) {
        QPen pen(fits_ ? theme.soft_ink : theme.warning, look.scaled(1.2), Qt::DashLine);
        painter.setPen(pen);
        painter.setBrush(Qt::NoBrush);
        painter.drawRect(QRectF(at(0.0, 0.0), at(bay_->length_m, bay_->width_m)));
    }
    // The wrap.
    painter.setPen(QPen(theme.ink, look.scaled(1.2)));
    painter.setBrush(theme.panel);
    painter.drawRoundedRect(QRectF(at(0.0, 0.0), at(laid_.size.length_m, laid_.size.width_m)), look.scaled(3),
                            look.scaled(3));
    const bool round = build_.cell.chemistry == battery::Chemistry::li_ion;
    const double cell_w = scale * build_.cell.size.length_m;
    const double cell_h = scale * build_.cell.size.width_m;
    painter.setPen(QPen(theme.field_border, 1));
    for (const auto& cell : laid_.cells) {
        const QPointF middle = at(cell.x_m, cell.y_m);
        const QRectF box(middle.x() - 0.5 * cell_w, middle.y() - 0.5 * cell_h, cell_w, cell_h);
        painter.setBrush(cell.group % 2 == 0 ? band_fill(theme.soft_ink) : theme.panel);
        if (round)
            painter.drawEllipse(box);
        else
            painter.drawRect(box);
    }
    // Strips that are seen are filled; those on the other side are dotted.
    const double wide = std::min(scale * build_.strip_width_m, std::min(cell_w, cell_h));
    for (const bool seen : {false, true}) {
        for (const auto& strip : laid_.strips) {
            if (strip.seen != seen) continue;
            const auto& from = laid_.cells[strip.from];
            const auto& to = laid_.cells[strip.to];
            const QPointF a = at(from.x_m, from.y_m);
            const QPointF b = at(to.x_m, to.y_m);
            const double reach = 0.25 * wide;
            const bool across = std::abs(a.x() - b.x()) > std::abs(a.y() - b.y());
            const QRectF box = across ? QRectF(std::min(a.x(), b.x()) - reach, a.y() - 0.5 * wide,
                                               std::abs(a.x() - b.x()) + 2.0 * reach, wide)
                                      : QRectF(a.x() - 0.5 * wide, std::min(a.y(), b.y()) - reach, wide,
                                               std::abs(a.y() - b.y()) + 2.0 * reach);
            painter.setPen(QPen(theme.soft_ink, 1, seen ? Qt::SolidLine : Qt::DotLine));
            painter.setBrush(seen ? QBrush(theme.hairline) : QBrush(Qt::NoBrush));
            painter.drawRect(box);
        }
    }
    painter.setPen(theme.ink);
    painter.setFont(look.font(Look::small_px, Look::Weight::semibold));
    if (std::min(cell_w, cell_h) > metrics.height()) {
        for (const auto& cell : laid_.cells) {
            const QPointF middle = at(cell.x_m, cell.y_m);
            painter.drawText(QRectF(middle.x() - cell_w, middle.y() - cell_h, 2.0 * cell_w, 2.0 * cell_h),
                             Qt::AlignCenter, cell.positive_up ? QStringLiteral("+") : QStringLiteral("−"));
        }
    }
    painter.setFont(look.font(Look::small_px));
    painter.setPen(theme.soft_ink);
    const QPointF far = at(laid_.size.length_m, laid_.size.width_m);
    const QPointF most = at(most_w, most_h);
    painter.drawText(QRectF(corner.x(), most.y() + look.scaled(2), far.x() - corner.x(), line), Qt::AlignCenter,
                     tr("%1 mm").arg(millimetres(laid_.size.length_m)));
    painter.drawText(QRectF(most.x() + look.scaled(6), corner.y(), beside, far.y() - corner.y()),
                     Qt::AlignVCenter | Qt::AlignLeft, tr("%1 mm").arg(millimetres(laid_.size.width_m)));
    if (!bay_) return;
    painter.setPen(fits_ ? theme.soft_ink : theme.warning);
    const QRectF words(corner.x(), most.y() + look.scaled(2) + line, width() - 2.0 * corner.x(), line);
    painter.drawText(words, Qt::AlignLeft | Qt::AlignVCenter,
                     metrics.elidedText(fits_ ? bay_words_ : QStringLiteral("▲ ") + bay_words_, Qt::ElideRight,
                                        int(words.width())));
}

} // namespace sobremesa::app

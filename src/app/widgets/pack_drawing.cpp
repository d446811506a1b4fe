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

/// A pack to scale: metres of the pack become pixels of the widget.
class ToScale {
public:
    ToScale(QPainter& painter, const battery::Build& build, const battery::PackLayout& laid, double px_per_m)
        : painter_(painter), build_(build), laid_(laid), px_per_m_(px_per_m) {}

    QPointF at(double x_m, double y_m) const {
        const Look& look = Look::instance();
        return QPointF(look.scaled(4), look.scaled(4)) + px_per_m_ * QPointF(x_m, y_m);
    }

    void bay(const battery::Size& bay, bool fits) {
        const Look& look = Look::instance();
        painter_.setPen(QPen(fits ? look.theme().soft_ink : look.theme().warning, look.scaled(1.2), Qt::DashLine));
        painter_.setBrush(Qt::NoBrush);
        painter_.drawRect(QRectF(at(0.0, 0.0), at(bay.length_m, bay.width_m)));
    }

    void wrap() {
        const Look& look = Look::instance();
        painter_.setPen(QPen(look.theme().ink, look.scaled(1.2)));
        painter_.setBrush(look.theme().panel);
        painter_.drawRoundedRect(QRectF(at(0.0, 0.0), at(laid_.size.length_m, laid_.size.width_m)), look.scaled(3),
                                 look.scaled(3));
    }

    void cells() {
        const Theme& theme = Look::instance().theme();
        const bool round = build_.cell.chemistry == battery::Chemistry::li_ion;
        painter_.setPen(QPen(theme.field_border, 1));
        for (const auto& cell : laid_.cells) {
            painter_.setBrush(cell.group % 2 == 0 ? band_fill(theme.soft_ink) : theme.panel);
            const QRectF box = around(at(cell.x_m, cell.y_m), cellSize());
            if (round)
                painter_.drawEllipse(box);
            else
                painter_.drawRect(box);
        }
    }

    /// Those that are seen are filled; those on the other side are dotted.
    void strips() {
        const Theme& theme = Look::instance().theme();
        for (const bool seen : {false, true}) {
            painter_.setPen(QPen(theme.soft_ink, 1, seen ? Qt::SolidLine : Qt::DotLine));
            painter_.setBrush(seen ? QBrush(theme.hairline) : QBrush(Qt::NoBrush));
            for (const auto& strip : laid_.strips) {
                if (strip.seen == seen) painter_.drawRect(stripBox(strip));
            }
        }
    }

    /// Where the cells are large enough for a sign.
    void poles() {
        const Look& look = Look::instance();
        if (std::min(cellSize().width(), cellSize().height()) <= QFontMetrics(painter_.font()).height()) return;
        painter_.save();
        painter_.setPen(look.theme().ink);
        painter_.setFont(look.font(Look::small_px, Look::Weight::semibold));
        for (const auto& cell : laid_.cells)
            painter_.drawText(around(at(cell.x_m, cell.y_m), 2.0 * cellSize()), Qt::AlignCenter,
                              cell.positive_up ? QStringLiteral("+") : QStringLiteral("−"));
        painter_.restore();
    }

private:
    static QRectF around(const QPointF& middle, const QSizeF& size) {
        return {middle - QPointF(0.5 * size.width(), 0.5 * size.height()), size};
    }

    QSizeF cellSize() const { return px_per_m_ * QSizeF(build_.cell.size.length_m, build_.cell.size.width_m); }

    QRectF stripBox(const battery::PackLayout::Strip& strip) const {
        const double wide = std::min({px_per_m_ * build_.strip_width_m, cellSize().width(), cellSize().height()});
        const auto& from = laid_.cells[strip.from];
        const auto& to = laid_.cells[strip.to];
        const QRectF between = QRectF(at(from.x_m, from.y_m), at(to.x_m, to.y_m)).normalized();
        const double reach = 0.25 * wide;
        return between.width() > between.height()
                   ? QRectF(between.left() - reach, between.top() - 0.5 * wide, between.width() + 2.0 * reach, wide)
                   : QRectF(between.left() - 0.5 * wide, between.top() - reach, wide,
                            between.height() + 2.0 * reach);
    }

    QPainter& painter_;
    const battery::Build& build_;
    const battery::PackLayout& laid_;
    double px_per_m_;
};

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
    ToScale drawing(painter, build_, laid_, std::min(room_w / most_w, room_h / most_h));
    if (bay_) drawing.bay(*bay_, fits_);
    drawing.wrap();
    drawing.cells();
    drawing.strips();
    drawing.poles();

    painter.setPen(theme.soft_ink);
    const QPointF corner = drawing.at(0.0, 0.0);
    const QPointF far = drawing.at(laid_.size.length_m, laid_.size.width_m);
    const QPointF most = drawing.at(most_w, most_h);
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

#include "app/widgets/sensitivity_bars.hpp"

#include <algorithm>
#include <cmath>

#include <QPainter>

#include "app/theme/look.hpp"
#include "wording/sentences.hpp"

namespace sobremesa::app {

namespace {

constexpr int bar_row_px = 20;
constexpr double bars_share = 0.22;

} // namespace

SensitivityBars::SensitivityBars(QWidget* parent) : QWidget(parent) {
    setSizePolicy(QSizePolicy::Expanding, QSizePolicy::Fixed);
    connect(&Look::instance(), &Look::changed, this, [this] {
        updateGeometry();
        update();
    });
}

void SensitivityBars::setSensitivities(std::vector<units::Sensitivity> sensitivities, units::Quantity of) {
    sensitivities_ = std::move(sensitivities);
    of_ = of;
    QStringList spoken;
    for (const auto& s : sensitivities_) spoken << wording::sensitivity(s, of_, Look::instance().quantities());
    setAccessibleName(tr("What moves it most"));
    setAccessibleDescription(spoken.join(QStringLiteral("; ")));
    updateGeometry();
    update();
}

QSize SensitivityBars::sizeHint() const {
    const Look& look = Look::instance();
    return {look.scaled(260), int(sensitivities_.size()) * look.scaled(bar_row_px)};
}

void SensitivityBars::paintEvent(QPaintEvent*) {
    double most = 0.0;
    for (const auto& s : sensitivities_) most = std::max(most, std::abs(s.change));
    if (!(most > 0.0)) return;
    const Look& look = Look::instance();
    const Theme& theme = look.theme();
    QPainter painter(this);
    painter.setFont(look.font(Look::small_px));
    const double row = look.scaled(bar_row_px);
    const double zero = 0.5 * bars_share * width();
    for (std::size_t i = 0; i < sensitivities_.size(); ++i) {
        const auto& s = sensitivities_[i];
        const double y = row * double(i);
        const double long_px = s.change / most * 0.95 * zero;
        const QRectF bar(std::min(zero, zero + long_px), y + 0.25 * row, std::abs(long_px), 0.5 * row);
        painter.setPen(QPen(theme.ink, 1));
        // Filled where it makes more of it, open where less.
        painter.setBrush(s.change > 0.0 ? QBrush(theme.soft_ink) : QBrush(Qt::NoBrush));
        painter.drawRect(bar);
        painter.setPen(theme.ink);
        const QRectF words(bars_share * width() + look.scaled(8), y, (1.0 - bars_share) * width() - look.scaled(8),
                           row);
        painter.drawText(words, Qt::AlignVCenter | Qt::AlignLeft,
                         painter.fontMetrics().elidedText(wording::sensitivity(s, of_, look.quantities()),
                                                          Qt::ElideRight, int(words.width())));
    }
    painter.setPen(QPen(theme.field_border, 1));
    painter.drawLine(QPointF(zero, 0), QPointF(zero, row * double(sensitivities_.size())));
}

} // namespace sobremesa::app

#include "app/widgets/figure_row.hpp"

#include <algorithm>

#include "app/theme/look.hpp"
#include "app/widgets/explained_number.hpp"
#include "core/units/explanation.hpp"

namespace sobremesa::app {

FigureRow::FigureRow(int count, QWidget* parent) : QWidget(parent) {
    for (int i = 0; i < count; ++i) figures_.push_back(new ExplainedNumber(this));
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);
}

void FigureRow::layOutAgain() {
    layOut(width(), true);
    updateGeometry();
}

int FigureRow::layOut(int width, bool move) const {
    const Look& look = Look::instance();
    // They move a little closer before one of them goes to another line.
    int together = 0;
    int count = 0;
    for (const ExplainedNumber* figure : figures_) {
        if (!figure->explanation()) continue;
        together += figure->sizeHint().width();
        ++count;
    }
    const int usual = look.scaled(20);
    const int least = look.scaled(10);
    const int left = count > 1 ? (width - together) / (count - 1) : usual;
    const int gap = left >= least ? std::min(left, usual) : usual;
    int x = 0;
    int y = 0;
    int line = 0;
    for (ExplainedNumber* figure : figures_) {
        if (!figure->explanation()) continue;
        const QSize size = figure->sizeHint();
        if (x > 0 && x + size.width() > width) {
            x = 0;
            y += line + look.scaled(6);
        }
        if (move) figure->setGeometry(QRect(QPoint(x, y), size));
        x += size.width() + gap;
        line = std::max(line, size.height());
    }
    return y + line;
}

int FigureRow::heightForWidth(int width) const {
    return layOut(width, false);
}

QSize FigureRow::sizeHint() const {
    return {Look::instance().scaled(200), heightForWidth(std::max(width(), Look::instance().scaled(200)))};
}

QSize FigureRow::minimumSizeHint() const {
    return {Look::instance().scaled(120), heightForWidth(std::max(width(), Look::instance().scaled(120)))};
}

void FigureRow::resizeEvent(QResizeEvent*) {
    layOut(width(), true);
}

} // namespace sobremesa::app

#include "app/widgets/explanation_sheet.hpp"

#include <QGridLayout>
#include <QLabel>

#include "app/theme/look.hpp"
#include "core/units/explanation.hpp"
#include "wording/explanations.hpp"

namespace sobremesa::app {

namespace {

constexpr double sheet_width = 380.0;

QLabel* line(const QString& text, bool soft, bool bold = false) {
    const Look& look = Look::instance();
    auto* label = new QLabel(text);
    label->setWordWrap(true);
    label->setFont(look.font(Look::text_px, bold ? Look::Weight::semibold : Look::Weight::regular));
    QPalette palette = label->palette();
    palette.setColor(QPalette::WindowText, soft ? look.theme().soft_ink : look.theme().ink);
    label->setPalette(palette);
    label->setTextInteractionFlags(Qt::TextSelectableByMouse);
    return label;
}

} // namespace

ExplanationSheet::ExplanationSheet(const units::Explanation& explanation, QWidget* parent) : Popover(parent) {
    const Look& look = Look::instance();
    const auto text = wording::explanation_text(explanation, look.quantities());
    setFixedWidth(look.scaled(sheet_width));
    setAccessibleName(text.title);
    setAccessibleDescription(wording::plain_text(text));

    auto* heading = line(tr("Why %1?", "value").arg(text.value), false, true);
    heading->setFont(look.font(16, Look::Weight::semibold));
    column()->addWidget(heading);
    column()->addWidget(line(text.title, true));
    column()->addWidget(line(text.relation, false));

    if (!text.inputs.empty()) {
        auto* grid = new QGridLayout;
        grid->setHorizontalSpacing(look.scaled(12));
        grid->setVerticalSpacing(look.scaled(2));
        grid->setColumnStretch(0, 1);
        int row = 0;
        for (const auto& input : text.inputs) {
            grid->addWidget(line(input.name, true), row, 0);
            auto* value = line(input.value, false);
            value->setWordWrap(false);
            value->setAlignment(Qt::AlignRight);
            grid->addWidget(value, row, 1);
            grid->addWidget(line(input.origin, true), row, 2);
            ++row;
        }
        column()->addLayout(grid);
    }
    if (!text.sensitivities.empty()) {
        column()->addWidget(line(tr("What moves it:"), true));
        const QStringList all(text.sensitivities.begin(), text.sensitivities.end());
        column()->addWidget(line(all.join(QLatin1Char('\n')), false));
    }
    column()->addWidget(line(tr("Source: %1").arg(text.source), true));
}

void ExplanationSheet::showFor(const units::Explanation& explanation, QWidget* anchor, const QRect& place) {
    auto* sheet = new ExplanationSheet(explanation, anchor->window());
    sheet->popUpBy(anchor, place);
}

} // namespace sobremesa::app

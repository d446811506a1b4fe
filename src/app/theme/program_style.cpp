#include "app/theme/program_style.hpp"

#include <algorithm>

#include <QAbstractSpinBox>
#include <QComboBox>
#include <QHeaderView>
#include <QLineEdit>
#include <QListView>
#include <QMenu>
#include <QPainter>
#include <QPlainTextEdit>
#include <QPushButton>
#include <QScrollArea>
#include <QSlider>
#include <QStyleFactory>
#include <QStyleOption>
#include <QTableView>

#include "app/theme/look.hpp"

namespace sobremesa::app {

namespace {

constexpr double corner_px = 3.0;
constexpr int focus_edge_px = 2;

int scaled(double length) {
    return Look::instance().scaled(length);
}

const Theme& theme() {
    return Look::instance().theme();
}

/// A rectangle with round corners, its edge inside.
void draw_box(QPainter& painter, const QRect& place, const QColor& fill, const QColor& edge, int edge_px = 1) {
    const double half = 0.5 * edge_px;
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(edge, edge_px));
    painter.setBrush(fill.isValid() ? QBrush(fill) : Qt::NoBrush);
    painter.drawRoundedRect(QRectF(place).adjusted(half, half, -half, -half), corner_px, corner_px);
    painter.restore();
}

/// That field draws the edge, then.
bool is_within_field(const QWidget* widget) {
    return widget && (qobject_cast<QAbstractSpinBox*>(widget->parentWidget()) ||
                      qobject_cast<QComboBox*>(widget->parentWidget()));
}

void draw_line_edit(QPainter& painter, const QStyleOption& option, const QWidget* widget) {
    const bool wrong = widget && widget->property("wrong").toBool();
    const bool focused = option.state.testFlag(QStyle::State_HasFocus);
    draw_box(painter, option.rect, theme().panel,
             wrong     ? theme().warning
             : focused ? theme().ink
                       : theme().field_border,
             wrong || focused ? focus_edge_px : 1);
}

void draw_button(QPainter& painter, const QStyleOption& option) {
    const QStyle::State state = option.state;
    const bool enabled = state.testFlag(QStyle::State_Enabled);
    const bool focused = state.testFlag(QStyle::State_HasFocus);
    const bool lit = enabled && (state & (QStyle::State_MouseOver | QStyle::State_Sunken | QStyle::State_On));
    draw_box(painter, option.rect, lit ? theme().selection : theme().panel,
             focused   ? theme().ink
             : enabled ? theme().field_border
                       : theme().hairline,
             focused ? focus_edge_px : 1);
}

/// A check mark in the middle of a place.
void draw_tick(QPainter& painter, const QRect& place, double half, const QColor& colour) {
    const QPointF middle = QRectF(place).center();
    const QPointF tick[] = {middle + QPointF(-half, 0), middle + QPointF(-0.25 * half, 0.75 * half),
                            middle + QPointF(half, -0.75 * half)};
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(QPen(colour, scaled(2), Qt::SolidLine, Qt::RoundCap, Qt::RoundJoin));
    painter.drawPolyline(tick, 3);
    painter.restore();
}

void draw_check_box(QPainter& painter, const QStyleOption& option) {
    const bool checked = option.state.testFlag(QStyle::State_On);
    draw_box(painter, option.rect, checked ? theme().ink : theme().panel,
             checked ? theme().ink : theme().field_border);
    if (checked) draw_tick(painter, option.rect, 0.25 * option.rect.width(), theme().panel);
}

/// A filled triangle in the middle of a place, pointing down, up or to the right.
void draw_arrow(QPainter& painter, const QRect& place, Qt::ArrowType direction, const QColor& colour) {
    const double half = scaled(4);
    const QPointF middle = QRectF(place).center();
    const QPointF along = direction == Qt::DownArrow ? QPointF(0, half)
                          : direction == Qt::UpArrow ? QPointF(0, -half)
                                                     : QPointF(half, 0);
    const QPointF across(along.y(), along.x());
    const QPointF corners[] = {middle - 0.5 * along - across, middle - 0.5 * along + across, middle + 0.5 * along};
    painter.save();
    painter.setRenderHint(QPainter::Antialiasing);
    painter.setPen(Qt::NoPen);
    painter.setBrush(colour);
    painter.drawPolygon(corners, 3);
    painter.restore();
}

/// The head of a section: an arrow, its words, and a line below.
void draw_tool_button(QPainter& painter, const QStyleOptionToolButton& button) {
    const QRect place = button.rect;
    if (button.state.testFlag(QStyle::State_MouseOver)) painter.fillRect(place, theme().selection);
    const int arrow = scaled(20);
    draw_arrow(painter, QRect(place.left(), place.top(), arrow, place.height()), button.arrowType,
               theme().soft_ink);
    painter.save();
    painter.setFont(button.font);
    painter.setPen(theme().ink);
    painter.drawText(place.adjusted(arrow, 0, 0, 0), Qt::AlignLeft | Qt::AlignVCenter, button.text);
    painter.restore();
    if (button.state.testFlag(QStyle::State_HasFocus))
        draw_box(painter, place, {}, theme().ink, focus_edge_px);
    else
        painter.fillRect(place.left(), place.bottom(), place.width(), 1, theme().hairline);
}

/// @param of_menu  else of the list of a combo box, which is no wider than the box
void draw_menu_item(QPainter& painter, const QStyleOptionMenuItem& item, bool of_menu) {
    const QRect place = item.rect;
    if (item.menuItemType == QStyleOptionMenuItem::Separator) {
        const int margin = scaled(4);
        painter.fillRect(place.left() + margin, place.center().y(), place.width() - 2 * margin, 1,
                         theme().hairline);
        return;
    }
    const bool enabled = item.state.testFlag(QStyle::State_Enabled);
    if (enabled && item.state.testFlag(QStyle::State_Selected)) painter.fillRect(place, theme().selection);
    const QColor colour = enabled ? theme().ink : theme().field_border;
    const int beside = scaled(24);
    const QRect text = place.adjusted(beside, 0, of_menu ? -beside : 0, 0);
    painter.save();
    painter.setFont(item.font);
    painter.setPen(colour);
    const auto tab = item.text.indexOf(QLatin1Char('\t'));
    painter.drawText(text, Qt::AlignLeft | Qt::AlignVCenter | Qt::TextShowMnemonic | Qt::TextSingleLine,
                     item.text.left(tab));
    if (tab >= 0)
        painter.drawText(text, Qt::AlignRight | Qt::AlignVCenter | Qt::TextSingleLine, item.text.mid(tab + 1));
    if (item.menuItemType == QStyleOptionMenuItem::SubMenu)
        draw_arrow(painter, QRect(text.right(), place.top(), beside, place.height()), Qt::RightArrow, colour);
    if (item.checkType != QStyleOptionMenuItem::NotCheckable && item.checked)
        draw_tick(painter, QRect(place.left(), place.top(), beside, place.height()), scaled(4), colour);
    painter.restore();
}

void draw_tab(QPainter& painter, const QStyleOption& tab) {
    if (!tab.state.testFlag(QStyle::State_Selected)) return;
    if (tab.state.testFlag(QStyle::State_HasFocus)) painter.fillRect(tab.rect, theme().selection);
    painter.fillRect(tab.rect.left(), tab.rect.bottom() - 1, tab.rect.width(), 2, theme().ink);
}

/// How much is done, as a share; all where nobody knows how much there is.
void draw_progress(QPainter& painter, const QStyleOptionProgressBar& bar) {
    const double range = double(bar.maximum) - bar.minimum;
    const double share = range > 0.0 ? std::clamp((double(bar.progress) - bar.minimum) / range, 0.0, 1.0) : 1.0;
    const QRect inside = bar.rect.adjusted(1, 1, -1, -1);
    painter.fillRect(inside.left(), inside.top(), int(share * inside.width()), inside.height(), theme().selection);
}

bool lies_along(const QStyleOptionSlider& bar) {
    return bar.orientation == Qt::Horizontal;
}

/// What is drawn of a scroll bar: as long as what is seen is of the whole.
QRect scroll_handle(const QStyleOptionSlider& bar) {
    constexpr int margin = 2;
    const QRect room = bar.rect.adjusted(margin, margin, -margin, -margin);
    const int length = lies_along(bar) ? room.width() : room.height();
    const qint64 range = qint64(bar.maximum) - bar.minimum;
    int handle = length;
    if (range > 0)
        handle =
            std::min(length, std::max(scaled(24), int(qint64(length) * bar.pageStep / (range + bar.pageStep))));
    const int at = QStyle::sliderPositionFromValue(bar.minimum, bar.maximum, bar.sliderPosition, length - handle,
                                                   bar.upsideDown);
    return lies_along(bar) ? QRect(room.left() + at, room.top(), handle, room.height())
                           : QRect(room.left(), room.top() + at, room.width(), handle);
}

QRect scroll_part(const QStyleOptionSlider& bar, QStyle::SubControl part) {
    const QRect handle = scroll_handle(bar);
    const bool along = lies_along(bar);
    QRect result = bar.rect;
    switch (part) {
    case QStyle::SC_ScrollBarGroove: return result;
    case QStyle::SC_ScrollBarSlider: return handle;
    case QStyle::SC_ScrollBarSubPage:
        if (along)
            result.setRight(handle.left() - 1);
        else
            result.setBottom(handle.top() - 1);
        return result;
    case QStyle::SC_ScrollBarAddPage:
        if (along)
            result.setLeft(handle.right() + 1);
        else
            result.setTop(handle.bottom() + 1);
        return result;
    // No arrows at the ends.
    default: return {};
    }
}

/// A copy with another colour of its text.
template <class Option>
Option with_text_in(const Option& option, QPalette::ColorRole role, const QColor& colour) {
    Option copy(option);
    copy.palette.setColor(role, colour);
    return copy;
}

constexpr int header_margin_px = 3;

int sort_arrow_width() {
    return scaled(14);
}

bool is_sorted_by(const QStyleOption* option) {
    const auto* header = qstyleoption_cast<const QStyleOptionHeader*>(option);
    return header && header->sortIndicator != QStyleOptionHeader::None;
}

} // namespace

ProgramStyle::ProgramStyle() : QProxyStyle(QStyleFactory::create(QStringLiteral("Fusion"))) {}

void ProgramStyle::polish(QWidget* widget) {
    QProxyStyle::polish(widget);
    // Tables, their heads and scrolled columns lie on the ground that they are put on, without an edge.
    auto* column = qobject_cast<QScrollArea*>(widget);
    if (!column && !qobject_cast<QTableView*>(widget) && !qobject_cast<QHeaderView*>(widget)) return;
    auto* area = static_cast<QAbstractScrollArea*>(widget);
    area->setFrameShape(QFrame::NoFrame);
    area->viewport()->setAutoFillBackground(false);
    if (column && column->widget()) column->widget()->setAutoFillBackground(false);
}

void ProgramStyle::drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                                 const QWidget* widget) const {
    switch (element) {
    case PE_PanelLineEdit:
        if (!is_within_field(widget)) return draw_line_edit(*painter, *option, widget);
        break;
    case PE_FrameFocusRect:
        if (!qobject_cast<const QSlider*>(widget)) return;
        break;
    case PE_Frame: {
        if (!qobject_cast<const QAbstractScrollArea*>(widget)) break;
        const bool focused =
            option->state.testFlag(State_HasFocus) && qobject_cast<const QPlainTextEdit*>(widget) != nullptr;
        return draw_box(*painter, option->rect, {}, focused ? theme().ink : theme().field_border,
                        focused ? focus_edge_px : 1);
    }
    case PE_PanelButtonCommand: return draw_button(*painter, *option);
    case PE_IndicatorCheckBox:
    case PE_IndicatorItemViewItemCheck: return draw_check_box(*painter, *option);
    case PE_PanelTipLabel:
    case PE_PanelMenu:
        painter->fillRect(option->rect, theme().field_border);
        return painter->fillRect(option->rect.adjusted(1, 1, -1, -1), theme().panel);
    case PE_FrameMenu:
        painter->save();
        painter->setPen(theme().field_border);
        painter->setBrush(Qt::NoBrush);
        painter->drawRect(option->rect.adjusted(0, 0, -1, -1));
        return painter->restore();
    case PE_IndicatorHeaderArrow: {
        const auto* header = qstyleoption_cast<const QStyleOptionHeader*>(option);
        const bool down = header && header->sortIndicator == QStyleOptionHeader::SortDown;
        return draw_arrow(*painter, option->rect, down ? Qt::DownArrow : Qt::UpArrow, theme().soft_ink);
    }
    case PE_FrameTabWidget:
    case PE_FrameTabBarBase:
    case PE_PanelScrollAreaCorner:
    case PE_FrameDefaultButton: return;
    default: break;
    }
    QProxyStyle::drawPrimitive(element, option, painter, widget);
}

void ProgramStyle::drawControl(ControlElement element, const QStyleOption* option, QPainter* painter,
                               const QWidget* widget) const {
    switch (element) {
    case CE_PushButtonLabel:
        if (const auto* button = qstyleoption_cast<const QStyleOptionButton*>(option)) {
            const bool enabled = button->state.testFlag(State_Enabled);
            const QColor colour = enabled ? theme().ink : theme().field_border;
            if (button->features.testFlag(QStyleOptionButton::Flat)) {
                painter->setPen(colour);
                painter->drawText(button->rect, Qt::AlignLeft | Qt::AlignVCenter, button->text);
                return;
            }
            const auto drawn = with_text_in(*button, QPalette::ButtonText, colour);
            return QProxyStyle::drawControl(element, &drawn, painter, widget);
        }
        break;
    case CE_CheckBoxLabel:
        if (option->state.testFlag(State_HasFocus)) {
            painter->save();
            QFont underlined = painter->font();
            underlined.setUnderline(true);
            painter->setFont(underlined);
            QProxyStyle::drawControl(element, option, painter, widget);
            return painter->restore();
        }
        break;
    case CE_MenuItem:
        if (const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option))
            return draw_menu_item(*painter, *item, qobject_cast<const QMenu*>(widget) != nullptr);
        break;
    case CE_TabBarTabShape: return draw_tab(*painter, *option);
    case CE_TabBarTabLabel:
        if (const auto* tab = qstyleoption_cast<const QStyleOptionTab*>(option)) {
            const auto drawn = with_text_in(*tab, QPalette::WindowText,
                                            tab->state.testFlag(State_Selected) ? theme().ink : theme().soft_ink);
            return QProxyStyle::drawControl(element, &drawn, painter, widget);
        }
        break;
    case CE_HeaderSection:
        return painter->fillRect(option->rect.left(), option->rect.bottom(), option->rect.width(), 1,
                                 theme().hairline);
    case CE_HeaderEmptyArea:
    case CE_MenuEmptyArea: return;
    case CE_HeaderLabel:
        if (const auto* header = qstyleoption_cast<const QStyleOptionHeaderV2*>(option)) {
            const auto drawn = with_text_in(*header, QPalette::ButtonText, theme().soft_ink);
            return QProxyStyle::drawControl(element, &drawn, painter, widget);
        }
        break;
    case CE_ProgressBarGroove: return draw_box(*painter, option->rect, theme().paper, theme().field_border);
    case CE_ProgressBarContents:
        if (const auto* bar = qstyleoption_cast<const QStyleOptionProgressBar*>(option))
            return draw_progress(*painter, *bar);
        break;
    case CE_ProgressBarLabel:
        if (const auto* bar = qstyleoption_cast<const QStyleOptionProgressBar*>(option)) {
            painter->setPen(theme().ink);
            return painter->drawText(bar->rect, Qt::AlignCenter, bar->text);
        }
        break;
    default: break;
    }
    QProxyStyle::drawControl(element, option, painter, widget);
}

void ProgramStyle::drawComplexControl(ComplexControl control, const QStyleOptionComplex* option, QPainter* painter,
                                      const QWidget* widget) const {
    if (control == CC_ScrollBar) {
        if (const auto* bar = qstyleoption_cast<const QStyleOptionSlider*>(option)) {
            painter->save();
            painter->setRenderHint(QPainter::Antialiasing);
            painter->setPen(Qt::NoPen);
            painter->setBrush(theme().field_border);
            painter->drawRoundedRect(scroll_handle(*bar), scaled(4), scaled(4));
            return painter->restore();
        }
    }
    if (control == CC_ToolButton) {
        const auto* button = qstyleoption_cast<const QStyleOptionToolButton*>(option);
        // Those of a dialogue of Qt's own are pictures.
        if (button && !button->text.isEmpty() && button->icon.isNull()) return draw_tool_button(*painter, *button);
    }
    QProxyStyle::drawComplexControl(control, option, painter, widget);
}

QSize ProgramStyle::sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& contents,
                                     const QWidget* widget) const {
    const int least = std::max(contents.height(), scaled(20));
    switch (type) {
    case CT_LineEdit: return {contents.width() + 2 * (scaled(6) + 1), least + 2 * (scaled(2) + 1)};
    // What a ChoiceBox keeps free for its arrow.
    // The ink of a word, which Qt measures, is narrower than the room that it is laid out in.
    case CT_ComboBox: return {contents.width() + scaled(8) + scaled(24) + scaled(3), least + 2 * (scaled(2) + 1)};
    case CT_PushButton: {
        const auto* button = qstyleoption_cast<const QStyleOptionButton*>(option);
        if (button && button->features.testFlag(QStyleOptionButton::Flat))
            return {contents.width(), contents.height() + 2 * scaled(4)};
        return {contents.width() + 2 * (scaled(12) + 1), least + 2 * (scaled(4) + 1)};
    }
    case CT_MenuItem: {
        const auto* item = qstyleoption_cast<const QStyleOptionMenuItem*>(option);
        if (!item) break;
        if (item->menuItemType == QStyleOptionMenuItem::Separator) return {contents.width(), 1 + 2 * scaled(4)};
        const int between = item->text.contains(QLatin1Char('\t')) ? scaled(20) : 0;
        // The list of a combo box asks with a height that says nothing.
        return {contents.width() + 2 * scaled(24) + between, item->fontMetrics.height() + 2 * scaled(6)};
    }
    case CT_ItemViewItem: {
        QSize size = QProxyStyle::sizeFromContents(type, option, contents, widget);
        if (qobject_cast<const QListView*>(widget)) size.setHeight(std::max(size.height(), scaled(24)));
        return size;
    }
    case CT_ProgressBar: {
        const QSize size = QProxyStyle::sizeFromContents(type, option, contents, widget);
        return {size.width(), std::max(size.height(), scaled(18) + 2)};
    }
    default: break;
    }
    return QProxyStyle::sizeFromContents(type, option, contents, widget);
}

QRect ProgramStyle::subElementRect(SubElement element, const QStyleOption* option, const QWidget* widget) const {
    switch (element) {
    case SE_LineEditContents: {
        if (is_within_field(widget)) break;
        const int across = scaled(6) + 1;
        const int down = scaled(2) + 1;
        return option->rect.adjusted(across, down, -across, -down);
    }
    case SE_HeaderLabel: {
        const QRect room = option->rect.adjusted(header_margin_px, 0, -header_margin_px, 0);
        return is_sorted_by(option) ? room.adjusted(0, 0, -sort_arrow_width(), 0) : room;
    }
    case SE_HeaderArrow: {
        const int width = sort_arrow_width();
        return {option->rect.right() - width, option->rect.top(), width, option->rect.height()};
    }
    case SE_ProgressBarGroove:
    case SE_ProgressBarContents:
    case SE_ProgressBarLabel: return option->rect;
    default: break;
    }
    return QProxyStyle::subElementRect(element, option, widget);
}

QRect ProgramStyle::subControlRect(ComplexControl control, const QStyleOptionComplex* option, SubControl part,
                                   const QWidget* widget) const {
    if (control == CC_ScrollBar) {
        if (const auto* bar = qstyleoption_cast<const QStyleOptionSlider*>(option)) return scroll_part(*bar, part);
    }
    return QProxyStyle::subControlRect(control, option, part, widget);
}

int ProgramStyle::pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const {
    switch (metric) {
    case PM_ScrollBarExtent: return scaled(10);
    case PM_ScrollBarSliderMin: return scaled(24);
    case PM_IndicatorWidth:
    case PM_IndicatorHeight: return scaled(12) + 2;
    case PM_CheckBoxLabelSpacing: return scaled(6);
    case PM_ToolTipLabelFrameWidth: return 1 + scaled(4);
    case PM_MenuPanelWidth: return 1;
    case PM_MenuHMargin:
    case PM_MenuVMargin: return scaled(4);
    case PM_HeaderMargin: return header_margin_px;
    case PM_ButtonDefaultIndicator:
    case PM_TabBarTabShiftHorizontal:
    case PM_TabBarTabShiftVertical:
    case PM_TabBarTabOverlap:
    case PM_TabBarBaseOverlap:
    case PM_TabBarBaseHeight: return 0;
    case PM_TabBarTabHSpace: return 2 * scaled(12);
    case PM_TabBarTabVSpace: return 2 * scaled(6) + 2;
    default: return QProxyStyle::pixelMetric(metric, option, widget);
    }
}

} // namespace sobremesa::app

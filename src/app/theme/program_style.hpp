#pragma once

#include <QProxyStyle>

namespace sobremesa::app {

/// Draws Qt's own widgets as the rest of the program looks: flat, edges of a pixel, two where the keyboard is.
/// Colours and sizes are asked of `Look` at each painting, so that another theme is a matter of painting anew; a
/// style sheet would be matched against every widget that there is.
///
/// A `QLineEdit` whose property "wrong" is true has an edge in the colour of warnings. A flat `QPushButton` is a
/// line of text.
class ProgramStyle : public QProxyStyle {
    Q_OBJECT
public:
    ProgramStyle();

    void polish(QWidget* widget) override;
    using QProxyStyle::polish;
    void drawPrimitive(PrimitiveElement element, const QStyleOption* option, QPainter* painter,
                       const QWidget* widget) const override;
    void drawControl(ControlElement element, const QStyleOption* option, QPainter* painter,
                     const QWidget* widget) const override;
    void drawComplexControl(ComplexControl control, const QStyleOptionComplex* option, QPainter* painter,
                            const QWidget* widget) const override;
    QSize sizeFromContents(ContentsType type, const QStyleOption* option, const QSize& contents,
                           const QWidget* widget) const override;
    QRect subElementRect(SubElement element, const QStyleOption* option, const QWidget* widget) const override;
    QRect subControlRect(ComplexControl control, const QStyleOptionComplex* option, SubControl part,
                         const QWidget* widget) const override;
    int pixelMetric(PixelMetric metric, const QStyleOption* option, const QWidget* widget) const override;
};

} // namespace sobremesa::app

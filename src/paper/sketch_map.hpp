#pragma once

#include <QFont>
#include <QFontMetricsF>

#include "paper/flight_card.hpp"

namespace sobremesa::paper {

/// The flight from above on paper: north up, without colours, with its legs, places, wind and a scale.
class SketchMap {
public:
    /// @param room       of the page
    /// @param font       of the words
    /// @param px_per_pt  of the page
    SketchMap(QPainter& painter, const FlightCard::Sketch& sketch, const QRectF& room, const QFont& font,
              double px_per_pt);

    /// Whether there is anything to see from above.
    static bool worthDrawing(const FlightCard::Sketch& sketch);
    void draw();

private:
    struct Label {
        QPointF middle;
        QString words;
    };

    double px(double pt) const { return pt * px_per_pt_; }
    /// @param metres  east and north of home
    QPointF at(const QPointF& metres) const;
    void areas();
    void leg(const FlightCard::SketchLeg& leg);
    void place(const FlightCard::SketchPlace& place);
    void home();
    void arrow(const QPointF& foot, double towards_deg);
    void north();
    void wind();
    void scale();
    void text(QPointF middle, const QString& words);

    QPainter& painter_;
    const FlightCard::Sketch& sketch_;
    QRectF room_;
    QRectF bounds_; ///< of all that is drawn, m from home
    QFont font_;
    QFontMetricsF metrics_;
    double px_per_pt_;
    double per_m_;
    std::vector<Label> labels_;
};

} // namespace sobremesa::paper

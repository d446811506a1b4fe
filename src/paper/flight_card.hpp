#pragma once

#include <QPointF>
#include <QPolygonF>
#include <QRectF>
#include <QString>
#include <QStringList>

#include "core/mission/plan.hpp"
#include "core/units/error.hpp"
#include "wording/plans.hpp"

class QPainter;

namespace sobremesa::paper {

/// What stands on the flight card: words and figures only, so that a test can read them.
struct FlightCard {
    QString title;
    QString setting;
    QString sentence; ///< figures in <b>…</b>
    QString go;
    /// At this distance, turn unless at least this is left.
    struct TurnLine {
        QString distance;
        QString counter;
        QString planned;
        QString needed;
        bool is_turn = false;
    };
    /// The flight from above, metres east and north of home.
    struct SketchLeg {
        std::vector<QPointF> points;
        QString label;
        bool homeward = false;
    };
    struct SketchPlace {
        QPointF at;
        QString name;
        bool landing = false;
    };
    struct Sketch {
        std::vector<SketchLeg> legs;
        std::vector<SketchPlace> places;
        /// No-landing areas: the rings of each.
        std::vector<std::vector<QPolygonF>> areas;
        double wind_from_deg = 0.0;
        /// Empty: calm.
        QString wind;
        /// Written distance per metre, and its unit: for the scale.
        double per_metre = 0.001;
        QString unit;
    };
    Sketch sketch;
    QString turn_heading;
    std::vector<TurnLine> turns;
    std::vector<wording::LegRow> legs;
    std::vector<wording::AlarmLine> alarms;
    std::vector<wording::CalloutLine> callouts;
    std::vector<wording::AlarmLine> speeds;
    QStringList limits;
    QStringList landing_places;
    QStringList checklist;
    QString caution;
};

FlightCard flight_card(const mission::Plan& plan, const wording::Quantities& quantities);

/// Paints the card into a page: as large as it fits, down to three quarters; then the legs are cut.
/// @param family  of the typeface; empty: the system's
void paint(QPainter& painter, const QRectF& page, const FlightCard& card, const QString& family);

/// The card as a PDF of one A4 page.
/// @error `file_unwritable`
units::Result<void> write_pdf(const FlightCard& card, const QString& path, const QString& family);

/// The program's own typeface, from its resources. @return its family; empty where it is not built in
QString own_typeface();

} // namespace sobremesa::paper

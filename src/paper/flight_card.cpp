#include "paper/flight_card.hpp"

#include <algorithm>
#include <cmath>

#include <QBuffer>
#include <QCoreApplication>
#include <QFontDatabase>
#include <QImage>
#include <QPageLayout>
#include <QPainter>
#include <QPdfWriter>
#include <QTextDocument>
#include <QTextOption>

#include "core/matching/headroom.hpp"
#include "core/mission/leg_sums.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/imperial_units.hpp"
#include "core/units/quantity.hpp"
#include "io/text_file.hpp"
#include "paper/sketch_map.hpp"
#include "wording/messages.hpp"
#include "wording/names.hpp"
#include "wording/quantities.hpp"
#include "wording/sentences.hpp"
#include "wording/sun.hpp"

namespace sobremesa::paper {

namespace {

struct CardWords {
    Q_DECLARE_TR_FUNCTIONS(CardWords)
};

using units::Quantity;

// Sizes in points: read at arm's length, the sentence from farther.
constexpr double title_pt = 19.0;
constexpr double sentence_pt = 15.0;
constexpr double heading_pt = 9.0;
constexpr double text_pt = 9.5;
constexpr double figure_pt = 11.0;
constexpr double small_pt = 7.5;
constexpr double sketch_pt = 120.0;
constexpr std::size_t most_legs = 12;
// Tried from the largest: a short card is read from farther.
constexpr double largest = 1.3;
constexpr double smallest = 0.75;
constexpr double step = 0.05;

QString setting_text(const mission::Plan& plan, const wording::Quantities& q) {
    const auto& r = plan.request;
    return CardWords::tr("%1 · %2 · wind %3 · %4 · %5 above home")
        .arg(wording::title(r.aircraft), wording::title(r.pack), wording::wind_text(r, q),
             q.text(Quantity::temperature, {r.weather.temperature_c, 0.0}), q.height(r.mission.height_m));
}

/// Draws down a column of a page, one block under the other.
class Column {
public:
    Column(QPainter& painter, const QRectF& room, const QString& family, double scale)
        : painter_(painter), room_(room), family_(family), y_(room.top()),
          px_per_pt_(scale * painter.device()->logicalDpiY() / 72.0) {}

    double y() const { return y_; }
    void moveTo(double y) { y_ = y; }
    double px(double pt) const { return pt * px_per_pt_; }

    QFont font(double pt, bool bold = false) const {
        QFont f(family_);
        f.setPixelSize(int(std::lround(px(pt))));
        f.setWeight(bold ? QFont::DemiBold : QFont::Normal);
        return f;
    }

    void gap(double pt) { y_ += px(pt); }

    void rule(double pt = 0.6) {
        painter_.fillRect(QRectF(room_.left(), y_, room_.width(), px(pt)), Qt::black);
        y_ += px(pt) + px(2.0);
    }

    void heading(const QString& text) {
        gap(7.0);
        // A heading is read whole: what does not fit goes on in a second line.
        painter_.setFont(font(heading_pt, true));
        const QRectF room(room_.left(), y_, room_.width(), px(3.0 * heading_pt));
        QRectF taken;
        painter_.drawText(room, int(Qt::AlignLeft) | int(Qt::TextWordWrap), text, &taken);
        y_ += taken.height();
        rule();
    }

    /// Words that may run over several lines, figures in <b>.
    void paragraph(const QString& html, double pt, double indent_pt = 0.0) {
        QTextDocument document;
        document.setDocumentMargin(0.0);
        document.setDefaultFont(font(pt));
        document.setDefaultStyleSheet(QStringLiteral("b { font-weight: 600; }"));
        document.setHtml(wording::unbroken(html));
        document.setTextWidth(room_.width() - px(indent_pt));
        painter_.save();
        painter_.translate(room_.left() + px(indent_pt), y_);
        document.drawContents(&painter_);
        painter_.restore();
        y_ += document.size().height() + px(1.5);
    }

    void line(const QString& text, double pt, bool bold = false) {
        painter_.setFont(font(pt, bold));
        const QFontMetricsF metrics(painter_.font(), painter_.device());
        painter_.drawText(QRectF(room_.left(), y_, room_.width(), metrics.height()),
                          Qt::AlignLeft | Qt::AlignVCenter,
                          metrics.elidedText(text, Qt::ElideRight, room_.width()));
        y_ += metrics.height();
    }

    struct TableRow {
        QStringList cells;
        bool is_turn = false;
    };

    /// A table in one size: the largest, up to `pt`, in which every cell is read whole.
    void table(const QStringList& heads, const std::vector<TableRow>& rows, const std::vector<double>& shares,
               double pt) {
        const auto fitted = [&](const std::vector<TableRow>& all, double wanted) {
            constexpr double least = 0.6;
            double size = wanted;
            const auto fits = [&] {
                return std::all_of(all.begin(), all.end(), [&](const TableRow& one) {
                    return fitsWhole(one.cells, shares, size, one.is_turn);
                });
            };
            while (size > least * wanted && !fits()) size *= 0.97;
            return size;
        };
        if (!heads.isEmpty()) row(heads, shares, fitted({{heads, false}}, small_pt));
        const double size = fitted(rows, pt);
        for (const TableRow& one : rows) row(one.cells, shares, size, one.is_turn, one.is_turn);
    }

    bool fitsWhole(const QStringList& cells, const std::vector<double>& shares, double pt, bool bold) const {
        const QFontMetricsF at(font(pt, bold), painter_.device());
        for (int i = 0; i < cells.size(); ++i) {
            const double room = room_.width() * shares[std::size_t(i)] - px(i == 0 ? 2.0 : 4.0);
            if (at.horizontalAdvance(cells[i]) > room) return false;
        }
        return true;
    }

    /// One row of a table: the first column to the left, the others to the right.
    void row(const QStringList& cells, const std::vector<double>& shares, double pt, bool bold = false,
             bool shaded = false) {
        const double height = QFontMetricsF(font(pt, bold), painter_.device()).height() + px(2.6);
        painter_.setFont(font(pt, bold));
        const QFontMetricsF metrics(painter_.font(), painter_.device());
        if (shaded) painter_.fillRect(QRectF(room_.left(), y_, room_.width(), height), QColor(0xdd, 0xdd, 0xdd));
        double x = room_.left();
        for (int i = 0; i < cells.size(); ++i) {
            const double wide = room_.width() * shares[std::size_t(i)];
            const QRectF cell(x, y_, wide - px(2.0), height);
            painter_.drawText(cell, Qt::AlignVCenter | (i == 0 ? Qt::AlignLeft : Qt::AlignRight),
                              metrics.elidedText(cells[i], Qt::ElideRight, cell.width()));
            x += wide;
        }
        y_ += height;
    }

    /// What is said of it beside what it is.
    void pair(const wording::AlarmLine& line_of) {
        painter_.setFont(font(text_pt));
        const QFontMetricsF words(painter_.font(), painter_.device());
        const double what = words.horizontalAdvance(line_of.what) + px(6.0);
        const double height = words.height() + px(2.0);
        painter_.drawText(QRectF(room_.left(), y_, room_.width(), height), Qt::AlignVCenter | Qt::AlignLeft,
                          line_of.what);
        painter_.setFont(font(text_pt, true));
        const QFontMetricsF figures(painter_.font(), painter_.device());
        const double wide = figures.horizontalAdvance(line_of.figure);
        // A figure to be typed into a radio is never cut: what has no room beside its words stands below them, and
        // on as many lines as it takes.
        if (wide > room_.width() - what) y_ += height;
        constexpr int wrapped = Qt::AlignTop | Qt::AlignRight | Qt::TextWordWrap;
        const QRectF lines =
            figures.boundingRect(QRectF(room_.left(), y_, room_.width(), room_.height()), wrapped, line_of.figure);
        painter_.drawText(QRectF(room_.left(), y_ + px(1.0), room_.width(), lines.height()), wrapped,
                          line_of.figure);
        y_ += lines.height() + px(2.0);
    }

    void map(const FlightCard::Sketch& sketch, double high_pt) {
        if (!SketchMap::worthDrawing(sketch)) return;
        const QRectF room(room_.left(), y_, room_.width(), px(high_pt));
        SketchMap(painter_, sketch, room, font(small_pt), px_per_pt_).draw();
        y_ += room.height();
    }

    void box(const QString& text) {
        const double side = px(7.0);
        painter_.setPen(QPen(Qt::black, px(0.8)));
        painter_.drawRect(QRectF(room_.left(), y_ + px(1.5), side, side));
        paragraph(text.toHtmlEscaped(), text_pt, 12.0);
        gap(1.0);
    }

private:
    QPainter& painter_;
    QRectF room_;
    QString family_;
    double y_;
    double px_per_pt_;
};

FlightCard::Sketch sketch_of(const mission::Plan& plan, const wording::Quantities& q) {
    FlightCard::Sketch sketch;
    for (const auto& sum : mission::leg_sums(plan, false)) {
        FlightCard::SketchLeg leg;
        leg.homeward = sum.homeward;
        for (const auto& at : sum.points) leg.points.emplace_back(at.east_m, at.north_m);
        if (sum.ground_mps() > 0.0 && leg.points.size() > 1) {
            leg.label = CardWords::tr("%1, %2, %3", "course, distance, time")
                            .arg(wording::course_text(sum, q), q.distance(sum.ground_m), q.legTime(sum.duration_s));
        }
        if (leg.points.size() > 1) sketch.legs.push_back(std::move(leg));
    }
    for (const auto& place : plan.request.mission.alternates)
        sketch.places.push_back({{place.at.east_m, place.at.north_m}, QString::fromStdString(place.name), true});
    for (const auto& point : plan.request.mission.waypoints)
        sketch.places.push_back({{point.at.east_m, point.at.north_m}, QString::fromStdString(point.name), false});
    for (const auto& area : plan.request.mission.no_landing) {
        auto& rings = sketch.areas.emplace_back();
        for (const auto& ring : area.rings) {
            auto& corners = rings.emplace_back();
            for (const auto& corner : ring) corners << QPointF(corner.east_m, corner.north_m);
        }
    }
    const auto wind = mission::spoken_wind(plan.request);
    sketch.wind_from_deg = wind.from_deg;
    if (wind.speed_mps > 0.05) sketch.wind = q.text(Quantity::wind_speed, {wind.speed_mps, 0.0});
    const auto notation = q.notation(Quantity::turn_distance);
    sketch.per_metre = notation.factor;
    sketch.unit = notation.unit;
    return sketch;
}

} // namespace

FlightCard flight_card(const mission::Plan& plan, const wording::Quantities& q) {
    FlightCard card;
    const auto& r = plan.request;
    card.title = r.name.empty() ? wording::name(r.mission.kind) : QString::fromStdString(r.name);
    card.setting = setting_text(plan, q);
    card.sentence = wording::plan_sentence(plan, q);
    const auto report = mission::check_limits(plan);
    card.go = wording::go_sentence(report, plan, q);
    const bool by_time = mission::stays(r) && plan.station;
    card.turn_heading = wording::turn_table_heading(plan);
    for (const auto& row : mission::turn_table(plan)) {
        const bool is_turn = plan.turn && row.distance_m == plan.turn->distance_m.value;
        card.turns.push_back({by_time ? q.duration(row.time_s) : q.distance(row.distance_m),
                              q.text(Quantity::alarm_charge, {row.most_used_ah, 0.0}),
                              q.text(Quantity::alarm_charge, {row.planned_ah, 0.0}), q.energy(row.needed_wh),
                              is_turn});
    }
    card.legs = wording::leg_rows(plan, q);
    card.sketch = sketch_of(plan, q);
    if (const auto sheet = mission::alarm_sheet(plan)) {
        card.alarms = wording::alarm_lines(*sheet, q);
        const auto throttle = wording::throttle_lines(matching::headroom(plan), sheet->flight_time_s, q);
        card.alarms.insert(card.alarms.end(), throttle.begin(), throttle.end());
        card.callouts = wording::callout_lines(*sheet, q);
    }
    const auto& c = plan.conditions;
    card.speeds.push_back({CardWords::tr("outbound airspeed"), q.speed(c.airspeed_out_mps)});
    card.speeds.push_back({CardWords::tr("return airspeed"), q.speed(c.airspeed_home_mps)});
    if (c.out && c.home) {
        card.speeds.push_back(
            {CardWords::tr("ground speed, out and home"),
             CardWords::tr("%1 and %2").arg(q.speed(c.out->ground_speed_mps), q.speed(c.home->ground_speed_mps))});
    }
    for (const auto& check : report.checks) {
        if (check.verdict != mission::Verdict::broken && check.verdict != mission::Verdict::near_it) continue;
        card.limits << CardWords::tr("%1: %2", "limit: what it is about")
                           .arg(wording::name(check.kind), wording::limit_sentence(check, q));
    }
    if (card.limits.isEmpty()) card.limits << CardWords::tr("None.");
    if (plan.turn && !r.mission.alternates.empty()) {
        for (const auto& way : mission::bail_outs(plan, mission::outward_at(plan, plan.turn->distance_m.value)))
            card.landing_places << wording::bail_out_sentence(way, q);
    }
    card.checklist = wording::checklist(plan, q);
    if (const auto room = matching::headroom(plan); room && room->throttle_cap)
        card.checklist << CardWords::tr("Throttle limited to %1 on a full pack, as among the alarms.")
                              .arg(q.share(*room->throttle_cap));
    if (r.mission.kind == mission::MissionKind::on_sun && r.aircraft.array)
        card.checklist << wording::sun_protocol();
    card.caution = wording::cautions();
    return card;
}

namespace {

/// @return where it ends
double lay_out(QPainter& painter, const QRectF& page, const FlightCard& card, const QString& family, double scale) {
    painter.setPen(Qt::black);
    Column head(painter, page, family, scale);
    head.line(card.title, title_pt, true);
    head.line(card.setting, text_pt);
    head.gap(2.0);
    head.rule(1.6);
    head.gap(2.0);
    head.paragraph(card.sentence, sentence_pt);
    head.paragraph(card.go, text_pt + 1.0);

    const double between = head.px(18.0);
    const double half = 0.5 * (page.width() - between);
    Column left(painter, QRectF(page.left(), head.y(), half, page.bottom() - head.y()), family, scale);
    Column right(painter, QRectF(page.left() + half + between, head.y(), half, page.bottom() - head.y()), family,
                 scale);

    left.heading(card.turn_heading);
    std::vector<Column::TableRow> turns;
    turns.reserve(card.turns.size());
    for (const auto& row : card.turns)
        turns.push_back({{row.distance, row.counter, row.planned, row.needed}, row.is_turn});
    left.table({CardWords::tr("at"), CardWords::tr("counter at most"), CardWords::tr("as planned"),
                CardWords::tr("still needed")},
               turns, {0.21, 0.28, 0.28, 0.23}, figure_pt);
    left.heading(CardWords::tr("Alarms to enter"));
    for (const auto& line : card.alarms) left.pair(line);
    left.heading(CardWords::tr("Counter callouts"));
    const std::size_t rows = (card.callouts.size() + 1) / 2;
    std::vector<Column::TableRow> callouts;
    for (std::size_t i = 0; i < rows; ++i) {
        QStringList cells;
        for (const std::size_t k : {i, i + rows}) {
            if (k >= card.callouts.size()) break;
            cells << card.callouts[k].used << card.callouts[k].charge << card.callouts[k].volts;
        }
        callouts.push_back({cells, false});
    }
    left.table({}, callouts, {0.12, 0.20, 0.17, 0.14, 0.20, 0.17}, small_pt + 1.0);

    if (!card.sketch.legs.empty()) {
        right.heading(CardWords::tr("Sketch, north up"));
        right.map(card.sketch, sketch_pt);
    }
    right.heading(CardWords::tr("Legs"));
    std::vector<Column::TableRow> legs;
    for (std::size_t i = 0; i < std::min(card.legs.size(), most_legs); ++i) {
        const auto& leg = card.legs[i];
        legs.push_back({{leg.what, leg.course, leg.ground, leg.time, leg.energy, leg.charge_so_far}, false});
    }
    right.table({QString(), CardWords::tr("course"), CardWords::tr("distance"), CardWords::tr("time"),
                 CardWords::tr("energy"), CardWords::tr("counter")},
                legs, {0.28, 0.11, 0.155, 0.135, 0.155, 0.165}, text_pt);
    if (card.legs.size() > most_legs)
        right.line(CardWords::tr("and %1 more").arg(card.legs.size() - most_legs), small_pt);
    right.heading(CardWords::tr("Speeds to fly"));
    for (const auto& line : card.speeds) right.pair(line);
    right.heading(CardWords::tr("Limits near or exceeded"));
    for (const QString& limit : card.limits) right.paragraph(limit.toHtmlEscaped(), text_pt);
    if (!card.landing_places.isEmpty()) {
        right.heading(CardWords::tr("Landing places from the turn point, using the reserve"));
        for (const QString& place : card.landing_places) right.paragraph(place.toHtmlEscaped(), text_pt);
    }

    Column foot(painter, page, family, scale);
    foot.moveTo(std::max(left.y(), right.y()));
    foot.heading(CardWords::tr("Before launch"));
    const double list_y = foot.y();
    Column first(painter, QRectF(page.left(), list_y, half, page.bottom() - list_y), family, scale);
    Column second(painter, QRectF(page.left() + half + between, list_y, half, page.bottom() - list_y), family,
                  scale);
    const auto in_first = (card.checklist.size() + 1) / 2;
    for (qsizetype i = 0; i < card.checklist.size(); ++i) (i < in_first ? first : second).box(card.checklist[i]);
    foot.moveTo(std::max(first.y(), second.y()));
    foot.gap(3.0);
    foot.rule();
    foot.paragraph(card.caution.toHtmlEscaped(), small_pt);
    return foot.y();
}

} // namespace

void paint(QPainter& painter, const QRectF& page, const FlightCard& card, const QString& family) {
    // Measured on a page of the same resolution that nobody sees.
    QImage measure(1, 1, QImage::Format_Grayscale8);
    measure.setDotsPerMeterX(int(std::lround(painter.device()->logicalDpiX() / units::metres_per_inch)));
    measure.setDotsPerMeterY(int(std::lround(painter.device()->logicalDpiY() / units::metres_per_inch)));
    double scale = largest;
    {
        QPainter unseen(&measure);
        while (scale > smallest && lay_out(unseen, page, card, family, scale) > page.bottom()) scale -= step;
    }
    lay_out(painter, page, card, family, scale);
}

units::Result<void> write_pdf(const FlightCard& card, const QString& path, const QString& family) {
    // Made whole first, then put in place: a full disk leaves no half card, and is seen.
    QByteArray made;
    QBuffer buffer(&made);
    buffer.open(QIODevice::WriteOnly);
    QPdfWriter writer(&buffer);
    writer.setPageSize(QPageSize(QPageSize::A4));
    writer.setPageMargins(QMarginsF(13.0, 12.0, 13.0, 10.0), QPageLayout::Millimeter);
    constexpr int dots_per_inch = 600;
    writer.setResolution(dots_per_inch);
    writer.setTitle(card.title);
    writer.setCreator(QStringLiteral("Sobremesa"));
    QPainter painter;
    if (!painter.begin(&writer)) {
        units::Where where;
        where.file = path.toStdString();
        return units::failure(units::ErrorCode::file_unwritable, where);
    }
    paint(painter, QRectF(0.0, 0.0, writer.width(), writer.height()), card, family);
    painter.end();
    if (const auto written = io::write_text_file(path.toStdString(), made.toStdString()); !written)
        return tl::unexpected(written.error());
    return {};
}

QString own_typeface() {
    QString family;
    for (const char* style : {"Regular", "Medium", "SemiBold"}) {
        const int id = QFontDatabase::addApplicationFont(
            QStringLiteral(":/typeface/SobremesaSans-%1.otf").arg(QLatin1String(style)));
        const QStringList families = QFontDatabase::applicationFontFamilies(id);
        if (!families.isEmpty()) family = families.first();
    }
    return family;
}

} // namespace sobremesa::paper

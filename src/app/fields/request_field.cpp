#include "app/fields/request_field.hpp"

#include <algorithm>
#include <cmath>

#include <QCoreApplication>

#include "app/fields/field_makers.hpp"
#include "core/mission/cruise_current.hpp"
#include "core/mission/wind_rows.hpp"
#include "core/units/constants.hpp"
#include "core/units/quantity.hpp"
#include "io/electronics_text.hpp"
#include "io/rate_table_text.hpp"
#include "io/text_number.hpp"
#include "io/typed_number.hpp"
#include "io/typed_wind.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

namespace {

using mission::PlanRequest;
using units::Quantity;
using wording::Notation;
using wording::Quantities;

struct RequestFieldWords {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Fields)
};

/// A text that is open while it is empty.
RequestField unless_written(RequestField field) {
    field.isOpen = [text = field.text](const PlanRequest& r) { return text(r).isEmpty(); };
    return field;
}

constexpr double grams_a_kg = 1000.0;

/// As many digits as the figure has, and no grouping.
QString cell_figure(double value) {
    constexpr int most_decimals = 3;
    QString text = QString::fromStdString(io::text_from_number(value, most_decimals));
    while (text.endsWith(QLatin1Char('0'))) text.chop(1);
    if (text.endsWith(QLatin1Char('.'))) text.chop(1);
    return text;
}

/// A figure as documents have it, with a decimal comma or a point; what is none stays, to be refused.
QString read_cell(const QString& typed) {
    const auto number = io::typed_number(typed.toStdString());
    return number && !number->unit ? cell_figure(number->number) : typed;
}

/// The same with a unit behind it, unless it was typed with one.
QString read_cell(const QString& typed, const char* unit) {
    const QString read = read_cell(typed);
    return !read.isEmpty() && read.back().isDigit() ? read + QLatin1Char(' ') + QLatin1String(unit) : read;
}

/// "video 6, camera 3 85g": parts, their watts and their grams.
RequestField electronics_parts() {
    RequestField field = text(
        "aircraft.electronics", RequestFieldWords::tr("Electronics by parts"),
        [](const PlanRequest& r) { return QString::fromStdString(io::text_of_parts(r.aircraft.electronics)); }, {});
    field.readText = [](PlanRequest& r, const QString& typed) -> QString {
        auto parts = io::parts_from_text(typed.toStdString());
        if (!parts) return RequestFieldWords::tr("Each part needs a name and its watts.");
        r.aircraft.electronics = std::move(*parts);
        return {};
    };
    field.heads = {RequestFieldWords::tr("part"), RequestFieldWords::tr("W"), RequestFieldWords::tr("g")};
    field.cells = [](const PlanRequest& r) {
        std::vector<QStringList> rows;
        rows.reserve(r.aircraft.electronics.size());
        for (const auto& part : r.aircraft.electronics) {
            rows.push_back({QString::fromStdString(part.name), cell_figure(part.power_w),
                            part.mass_kg ? cell_figure(*part.mass_kg * grams_a_kg) : QString()});
        }
        return rows;
    };
    field.textOfCells = [](const std::vector<QStringList>& rows) {
        QStringList parts;
        for (const auto& row : rows) {
            // What parts are told apart by cannot be in a name.
            QString name = row[0];
            name.replace(QLatin1Char(';'), QLatin1Char(' ')).replace(QStringLiteral(", "), QStringLiteral(" "));
            parts << name + QLatin1Char(' ') + read_cell(row[1]) +
                         (row[2].isEmpty() ? QString() : QLatin1Char(' ') + read_cell(row[2]) + QLatin1Char('g'));
        }
        return parts.join(QStringLiteral("; "));
    };
    field.hint = RequestFieldWords::tr("their watts, whose sum then counts, and grams where known");
    return unless_written(std::move(field));
}

/// "138 × 45 × 40": its three sides in mm, which go together.
RequestField pack_size() {
    constexpr double millimetres = 1000.0;
    RequestField field =
        text("pack.size", RequestFieldWords::tr("Size, mm"),
             [](const PlanRequest& r) {
                 if (!r.pack.size) return QString();
                 const auto side = [](double metres) {
                     return QString::fromStdString(io::text_from_number(metres * millimetres, 0));
                 };
                 return QStringLiteral("%1 × %2 × %3")
                     .arg(side(r.pack.size->length_m), side(r.pack.size->width_m), side(r.pack.size->height_m));
             },
             {});
    field.readText = [](PlanRequest& r, const QString& typed) -> QString {
        if (typed.isEmpty()) {
            r.pack.size.reset();
            return {};
        }
        QString list = typed;
        list.remove(QStringLiteral("mm"), Qt::CaseInsensitive);
        for (const QChar times : {QChar(u'×'), QChar(u'x'), QChar(u'X'), QChar(u'*')}) list.replace(times, u' ');
        const auto sides = io::numbers_from_list(list.toStdString());
        if (!sides || sides->size() != 3)
            return RequestFieldWords::tr("Enter length × width × height in mm, such as “138 × 45 × 40”.");
        r.pack.size =
            battery::Size{(*sides)[0] / millimetres, (*sides)[1] / millimetres, (*sides)[2] / millimetres};
        return {};
    };
    field.hint = RequestFieldWords::tr("length × width × height; the bench then tells whether it fits the bay");
    return unless_written(std::move(field));
}

/// "10 A 2.9 Ah; 20 A 2.75 Ah".
RequestField rate_table() {
    RequestField field = text(
        "pack.rate_table", RequestFieldWords::tr("Maker's rate table, one cell"),
        [](const PlanRequest& r) { return QString::fromStdString(io::text_of_rate_table(r.pack.rate_table)); }, {});
    field.readText = [](PlanRequest& r, const QString& typed) -> QString {
        auto table = io::rate_table_from_text(typed.toStdString(), r.pack.cell_capacity_ah);
        if (!table) return RequestFieldWords::tr("Each row needs a current and a charge.");
        r.pack.rate_table = std::move(*table);
        return {};
    };
    field.heads = {RequestFieldWords::tr("A"), RequestFieldWords::tr("Ah")};
    field.cells = [](const PlanRequest& r) {
        std::vector<QStringList> rows;
        rows.reserve(r.pack.rate_table.size());
        for (const auto& rate : r.pack.rate_table)
            rows.push_back({cell_figure(rate.current_a), cell_figure(rate.charge_ah)});
        return rows;
    };
    field.textOfCells = [](const std::vector<QStringList>& rows) {
        QStringList rates;
        for (const auto& row : rows) rates << read_cell(row[0], "A") + QLatin1Char(' ') + read_cell(row[1], "Ah");
        return rates.join(QStringLiteral("; "));
    };
    field.hint =
        RequestFieldWords::tr("constant current and what came out; “5C” and “97 %” are of the cell's capacity");
    return unless_written(std::move(field));
}

/// A choice whose first word is that nobody says.
RequestField unless_said(RequestField field) {
    field.isOpen = [choice = field.choice](const PlanRequest& r) { return choice(r) == 0; };
    return field;
}

std::vector<RequestField> with_headers(const QStringList& headers, std::vector<RequestField> fields) {
    for (std::size_t i = 0; i < fields.size(); ++i) fields[i].header = headers.value(int(i));
    return fields;
}

/// The figure of whichever reserve holds, in the unit of its kind.
double reserve_figure(const mission::Reserve& reserve) {
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&reserve)) return share->share * 100.0;
    if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve)) return loiter->minutes;
    return std::get<mission::FactorOnReturn>(reserve).factor;
}

void set_reserve_figure(mission::Reserve& reserve, double figure) {
    if (auto* share = std::get_if<mission::ShareOfUsable>(&reserve))
        share->share = figure / 100.0;
    else if (auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve))
        loiter->minutes = figure;
    else
        std::get<mission::FactorOnReturn>(reserve).factor = figure;
}

} // namespace

QString RequestField::written(const PlanRequest& request) const {
    switch (kind) {
    case Kind::text: return text(request);
    case Kind::choice: return choices.value(choice(request));
    case Kind::number: break;
    }
    return wording::written(number(request), 0.0, notation);
}

QString RequestField::read(PlanRequest& request, const QString& typed_text) const {
    if (kind == Kind::text && readText) return readText(request, typed_text.trimmed());
    if (kind == Kind::text) {
        setText(request, typed_text.trimmed());
        return {};
    }
    if (kind == Kind::choice) {
        const auto index = choices.indexOf(typed_text);
        if (index < 0) return RequestFieldWords::tr("Use one of: %1.").arg(choices.join(QStringLiteral(", ")));
        setChoice(request, int(index));
        return {};
    }
    if (typed_text.trimmed().isEmpty() && leaveOpen) {
        leaveOpen(request);
        return {};
    }
    if (readMore && readMore(request, typed_text)) return {};
    const auto typed = io::typed_number(typed_text.toStdString());
    if (!typed) return RequestFieldWords::tr("This is not a number. Enter 12.5 or 12,5.");
    auto value = io::in_field_unit(*typed, notation.unit.toStdString());
    const auto unit = io::typed_unit(notation.unit.toStdString());
    if (!value && unit && unit->kind == io::TypedKind::power && typed->unit &&
        typed->unit->kind == io::TypedKind::current) {
        // Pilots know amps: at the volts of this pack.
        const double power_w = mission::power_from_current_w(request, typed->number * typed->unit->scale);
        value = power_w / unit->scale;
    }
    if (!value && unit && unit->kind == io::TypedKind::current && (typed->word == "C" || typed->word == "c") &&
        path.rfind("pack.", 0) == 0) {
        // Labels say the current in capacities an hour.
        value = typed->number * battery::rated_charge_ah(request.pack) / unit->scale;
    }
    if (!value) {
        const QString word = QString::fromStdString(typed->word);
        if (notation.unit.isEmpty())
            return RequestFieldWords::tr("“%1” is not a unit of this field: enter a plain number.").arg(word);
        return RequestFieldWords::tr("“%1” is not a unit of this field. Enter the number in %2.")
            .arg(word, notation.unit);
    }
    if (whole && *value != std::floor(*value))
        return RequestFieldWords::tr("The number of cells is a whole number: enter one without a fraction.");
    setNumber(request, notation.fromShown(*value));
    return {};
}

std::vector<RequestField> aircraft_fields(const Quantities& q) {
    return with_headers(
        {RequestFieldWords::tr("name"), RequestFieldWords::tr("kind"), RequestFieldWords::tr("mass"),
         RequestFieldWords::tr("cruise"), RequestFieldWords::tr("power"), RequestFieldWords::tr("current"),
         RequestFieldWords::tr("electronics"), RequestFieldWords::tr("full power")},
        {
            text(
                "aircraft.name", RequestFieldWords::tr("Name"),
                [](const PlanRequest& r) { return QString::fromStdString(r.aircraft.name); },
                [](PlanRequest& r, const QString& s) { r.aircraft.name = s.toStdString(); }),
            choice(
                "aircraft.craft", RequestFieldWords::tr("Kind"),
                {wording::name(airframe::Craft::rotor), wording::name(airframe::Craft::wing)},
                [](const PlanRequest& r) { return int(r.aircraft.craft); },
                [](PlanRequest& r, int i) { r.aircraft.craft = airframe::Craft(i); }),
            number(
                "aircraft.mass_kg", RequestFieldWords::tr("Mass without pack"), q.notation(Quantity::aircraft_mass),
                10, [](const PlanRequest& r) { return r.aircraft.mass_kg; },
                [](PlanRequest& r, double v) { r.aircraft.mass_kg = v; }),
            number(
                "aircraft.cruise_airspeed_mps", RequestFieldWords::tr("Cruise airspeed"),
                q.notation(Quantity::airspeed), 1,
                [](const PlanRequest& r) { return r.aircraft.cruise_airspeed_mps; },
                [](PlanRequest& r, double v) { r.aircraft.cruise_airspeed_mps = v; }),
            number(
                "aircraft.cruise_power_w", RequestFieldWords::tr("Cruise power"),
                q.notation(Quantity::cruise_power), 1,
                [](const PlanRequest& r) { return r.aircraft.cruise_power_w; },
                [](PlanRequest& r, double v) { r.aircraft.cruise_power_w = v; },
                RequestFieldWords::tr("total, from the pack, in still air; amps are understood too")),
            number(
                "aircraft.cruise_current_a", RequestFieldWords::tr("or cruise current"),
                typed(q.notation(Quantity::cruise_current), 1), 0.1,
                [](const PlanRequest& r) { return mission::cruise_current_a(r); },
                [](PlanRequest& r, double v) { mission::set_cruise_current(r, v); },
                RequestFieldWords::tr("from this pack at half charge, instead of watts")),
            open_number(
                "aircraft.electronics_w", RequestFieldWords::tr("Electronics"),
                typed(q.notation(Quantity::electronics_power), 1), 1,
                [](const PlanRequest& r) { return airframe::electronics_power_w(r.aircraft); },
                [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.electronics_w; },
                RequestFieldWords::tr("video, camera, control. Empty: by the video, 5 W where nothing is said, "
                                      "and 1.5 W for a wing's servos (common practice)")),
            open_number(
                "aircraft.full_power_w", RequestFieldWords::tr("Full power"), q.notation(Quantity::cruise_power),
                10, [](const PlanRequest& r) { return r.aircraft.full_power_w.value_or(0.0); },
                [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.full_power_w; },
                RequestFieldWords::tr("full stick, level, full pack. Empty: headroom is not checked")),
        });
}

std::vector<RequestField> pack_fields(const Quantities& q) {
    const Notation count{1.0, {}, 0};
    const auto whole = [](RequestField field) {
        field.whole = true;
        return field;
    };
    return with_headers(
        {RequestFieldWords::tr("name"), RequestFieldWords::tr("chemistry"), RequestFieldWords::tr("series"),
         RequestFieldWords::tr("parallel"), RequestFieldWords::tr("per cell"), RequestFieldWords::tr("resistance"),
         RequestFieldWords::tr("mass")},
        {
            text(
                "pack.name", RequestFieldWords::tr("Name"),
                [](const PlanRequest& r) { return QString::fromStdString(r.pack.name); },
                [](PlanRequest& r, const QString& s) { r.pack.name = s.toStdString(); }),
            choice(
                "pack.chemistry", RequestFieldWords::tr("Chemistry"), wording::chemistry_names(),
                [](const PlanRequest& r) { return int(r.pack.chemistry); },
                [](PlanRequest& r, int i) {
                    r.pack.chemistry = battery::Chemistry(i);
                    // The landing voltage goes with the chemistry: keeping the old one is the classic mistake.
                    r.landing_cell_v.reset();
                }),
            whole(number(
                "pack.series", RequestFieldWords::tr("Cells in series"), count, 1,
                [](const PlanRequest& r) { return r.pack.series; },
                [](PlanRequest& r, double v) { r.pack.series = int(v); })),
            whole(number(
                "pack.parallel", RequestFieldWords::tr("Cells in parallel"), count, 1,
                [](const PlanRequest& r) { return r.pack.parallel; },
                [](PlanRequest& r, double v) { r.pack.parallel = int(v); })),
            number(
                "pack.cell_capacity_ah", RequestFieldWords::tr("Cell capacity"),
                q.notation(Quantity::cell_capacity), 50,
                [](const PlanRequest& r) { return r.pack.cell_capacity_ah; },
                [](PlanRequest& r, double v) { r.pack.cell_capacity_ah = v; }),
            open_number(
                "pack.cell_resistance_ohm", RequestFieldWords::tr("Cell resistance"),
                q.notation(Quantity::cell_resistance), 1,
                [](const PlanRequest& r) { return battery::cell_resistance_ohm(r.pack); },
                [](PlanRequest& r) -> std::optional<double>& { return r.pack.cell_resistance_ohm; },
                RequestFieldWords::tr(
                    "as a charger shows it. Empty: assumed by chemistry and size (common practice)")),
            number(
                "pack.mass_kg", RequestFieldWords::tr("Pack mass"), q.notation(Quantity::pack_mass), 5,
                [](const PlanRequest& r) { return r.pack.mass_kg; },
                [](PlanRequest& r, double v) { r.pack.mass_kg = v; }),
        });
}

std::vector<RequestField> more_aircraft_fields(const Quantities& q) {
    const Notation millimetres{1000.0, RequestFieldWords::tr("mm"), 0};
    const auto side = [&](const char* path, const QString& label, std::optional<double> airframe::Aircraft::*member,
                          const QString& hint) {
        return open_number(
            path, label, millimetres, 1,
            [member](const PlanRequest& r) { return (r.aircraft.*member).value_or(0.0); },
            [member](PlanRequest& r) -> std::optional<double>& { return r.aircraft.*member; }, hint);
    };
    return {
        open_number(
            "aircraft.most_pack_mass_kg", RequestFieldWords::tr("Heaviest pack"), q.notation(Quantity::pack_mass),
            10, [](const PlanRequest& r) { return r.aircraft.most_pack_mass_kg.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.most_pack_mass_kg; },
            RequestFieldWords::tr("that it flies well with; the bench then flags heavier packs")),
        side("aircraft.bay_length_m", RequestFieldWords::tr("Bay, length"), &airframe::Aircraft::bay_length_m, {}),
        side("aircraft.bay_width_m", RequestFieldWords::tr("Bay, width"), &airframe::Aircraft::bay_width_m, {}),
        side("aircraft.bay_height_m", RequestFieldWords::tr("Bay, height"), &airframe::Aircraft::bay_height_m,
             RequestFieldWords::tr("with all three, the bench flags packs that do not fit")),
        unless_said(choice(
            "aircraft.video", RequestFieldWords::tr("Video"),
            {RequestFieldWords::tr("not said"), RequestFieldWords::tr("none"), RequestFieldWords::tr("analog"),
             RequestFieldWords::tr("digital")},
            [](const PlanRequest& r) { return int(r.aircraft.video); },
            [](PlanRequest& r, int i) { r.aircraft.video = airframe::Video(i); })),
        electronics_parts(),
        open_number(
            "aircraft.controller_current_a", RequestFieldWords::tr("Controller rating"),
            {1.0, RequestFieldWords::tr("A"), 0}, 1,
            [](const PlanRequest& r) { return r.aircraft.controller_current_a.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.controller_current_a; },
            RequestFieldWords::tr("all controllers together, continuous")),
        open_number(
            "aircraft.motor_current_a", RequestFieldWords::tr("Motor rating"), {1.0, RequestFieldWords::tr("A"), 0},
            1, [](const PlanRequest& r) { return r.aircraft.motor_current_a.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.motor_current_a; },
            RequestFieldWords::tr("all motors together, continuous: four of 20 A are 80")),
        open_number(
            "aircraft.failsafe_signal_dbm", RequestFieldWords::tr("Link failsafe at"),
            {1.0, RequestFieldWords::tr("dBm"), 0}, 1,
            [](const PlanRequest& r) { return r.aircraft.failsafe_signal_dbm.value_or(-105.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.failsafe_signal_dbm; },
            RequestFieldWords::tr("receiver sensitivity. Empty: −105 (common practice)")),
        open_number(
            "aircraft.failsafe_link_share", RequestFieldWords::tr("Link failsafe at quality"),
            {100.0, RequestFieldWords::tr("%"), 0}, 5,
            [](const PlanRequest& r) { return r.aircraft.failsafe_link_share.value_or(0.5); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.failsafe_link_share; },
            RequestFieldWords::tr("link quality at which it fails. Empty: 50 % (common practice)")),
        open_number(
            "aircraft.cruise_all_up_mass_kg", RequestFieldWords::tr("Known cruise flown at"),
            q.notation(Quantity::pack_mass), 10, [](const PlanRequest& r) { return mission::all_up_mass_kg(r); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.cruise_all_up_mass_kg; },
            RequestFieldWords::tr("all-up mass when its power was read. Empty: with the pack of the plan")),
        open_number(
            "aircraft.cruise_density_kgm3", RequestFieldWords::tr("Known cruise in air of"),
            {1.0, RequestFieldWords::tr("kg/m³"), 3}, 0.01,
            [](const PlanRequest& r) { return r.aircraft.cruise_density_kgm3.value_or(1.225); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.cruise_density_kgm3; },
            RequestFieldWords::tr("Empty: 1.225, the standard atmosphere at sea level")),
        open_number(
            "aircraft.wing.cl_max", RequestFieldWords::tr("Maximum lift coefficient"), {1.0, {}, 2}, 0.05,
            [](const PlanRequest&) { return 1.1; },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.wing.cl_max; },
            RequestFieldWords::tr("for the stall speed. Empty: 1.1 (common practice)")),
        open_number(
            "aircraft.wing.area_m2", RequestFieldWords::tr("Wing area"), {100.0, RequestFieldWords::tr("dm²"), 0},
            1, [](const PlanRequest& r) { return r.aircraft.wing.area_m2.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.wing.area_m2; },
            RequestFieldWords::tr("gives the stall speed, and so the slowest speed to fly")),
        open_number(
            "aircraft.wing.span_m", RequestFieldWords::tr("Wing span"), millimetres, 10,
            [](const PlanRequest& r) { return r.aircraft.wing.span_m.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.wing.span_m; },
            RequestFieldWords::tr("gives the induced power")),
        open_number(
            "aircraft.rotor.rotors", RequestFieldWords::tr("Rotors"), {1.0, {}, 0}, 1,
            [](const PlanRequest&) { return 4.0; },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.rotor.rotors; }, {}),
        open_number(
            "aircraft.rotor.propeller_diameter_m", RequestFieldWords::tr("Propellers"), millimetres, 1,
            [](const PlanRequest& r) { return r.aircraft.rotor.propeller_diameter_m.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.aircraft.rotor.propeller_diameter_m; },
            RequestFieldWords::tr("diameter: with the rotors it gives the induced power")),
    };
}

std::vector<RequestField> more_pack_fields(const Quantities& q) {
    const Notation volts{1.0, RequestFieldWords::tr("V"), 2};
    const Notation amps{1.0, RequestFieldWords::tr("A"), 0};
    return {
        unless_said(choice(
            "pack.construction", RequestFieldWords::tr("Cell type"),
            {RequestFieldWords::tr("not known"), RequestFieldWords::tr("high capacity"),
             RequestFieldWords::tr("high drain")},
            [](const PlanRequest& r) { return r.pack.construction ? 1 + int(*r.pack.construction) : 0; },
            [](PlanRequest& r, int i) {
                r.pack.construction.reset();
                if (i > 0) r.pack.construction = battery::Construction(i - 1);
            })),
        open_number(
            "pack.start_temperature_c", RequestFieldWords::tr("Temperature at launch"),
            q.notation(Quantity::temperature), 1,
            [](const PlanRequest& r) { return r.pack.start_temperature_c.value_or(r.weather.temperature_c); },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.start_temperature_c; },
            RequestFieldWords::tr("Empty: the air temperature. A pack kept warm holds more usable energy")),
        open_number(
            "pack.start_cell_v", RequestFieldWords::tr("Charged to, per cell"), volts, 0.05,
            [](const PlanRequest& r) { return battery::traits(r.pack.chemistry).full_cell_v; },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.start_cell_v; },
            RequestFieldWords::tr("at rest before launch. Empty: full")),
        number(
            "pack.capacity_factor", RequestFieldWords::tr("State of health"),
            {100.0, RequestFieldWords::tr("%"), 0}, 1,
            [](const PlanRequest& r) { return battery::capacity_share(r.pack); },
            [](PlanRequest& r, double v) {
                // The pilot's word goes before what was fitted.
                r.pack.known.reset();
                r.pack.capacity_factor = v;
            },
            RequestFieldWords::tr("falls with age: a full recharge over the rated capacity")),
        open_number(
            "pack.rated_current_a", RequestFieldWords::tr("Rated current"), amps, 1,
            [](const PlanRequest& r) { return battery::cells_current_a(r.pack); },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.rated_current_a; },
            RequestFieldWords::tr("of the whole pack, or as the label has it: “10C”. Empty: usual for such cells")),
        unless_said(choice(
            "pack.current_label", RequestFieldWords::tr("Rating printed by"),
            {RequestFieldWords::tr("not known"), RequestFieldWords::tr("the cell's maker"),
             RequestFieldWords::tr("a pack's C rating"), RequestFieldWords::tr("a burst rating")},
            [](const PlanRequest& r) { return int(r.pack.current_label); },
            [](PlanRequest& r, int i) { r.pack.current_label = battery::CurrentLabel(i); })),
        open_number(
            "pack.strips_current_a", RequestFieldWords::tr("Strip rating"), amps, 1,
            [](const PlanRequest& r) { return battery::cells_current_a(r.pack); },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.strips_current_a; },
            RequestFieldWords::tr("between the cells, continuous; Build computes it")),
        open_number(
            "pack.connector_current_a", RequestFieldWords::tr("Connector rating"), amps, 1,
            [](const PlanRequest& r) { return battery::cells_current_a(r.pack); },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.connector_current_a; },
            RequestFieldWords::tr("with its leads, continuous")),
        open_number(
            "pack.measured_cell_ohm", RequestFieldWords::tr("Sag measured in flight"),
            q.notation(Quantity::cell_resistance), 1,
            [](const PlanRequest& r) { return r.pack.measured_cell_ohm.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.measured_cell_ohm; },
            RequestFieldWords::tr(
                "per cell, leads included; once known, it decides the continuous current in place of the label")),
        rate_table(),
        open_number(
            "pack.rate_table_cutoff_v", RequestFieldWords::tr("Rate table ends at"), volts, 0.1,
            [](const PlanRequest& r) { return battery::traits(r.pack.chemistry).floor_cell_v; },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.rate_table_cutoff_v; },
            RequestFieldWords::tr("cutoff voltage of that table. Empty: the chemistry's floor")),
        choice(
            "pack.rate_table_held_temperature", RequestFieldWords::tr("Cells of the rate table"),
            {RequestFieldWords::tr("warmed up in still air"), RequestFieldWords::tr("held at 23 °C")},
            [](const PlanRequest& r) { return r.pack.rate_table_held_temperature ? 1 : 0; },
            [](PlanRequest& r, int i) { r.pack.rate_table_held_temperature = i == 1; }),
        number(
            "pack.lead_resistance_ohm", RequestFieldWords::tr("Lead resistance"),
            q.notation(Quantity::cell_resistance), 1,
            [](const PlanRequest& r) { return r.pack.lead_resistance_ohm; },
            [](PlanRequest& r, double v) { r.pack.lead_resistance_ohm = v; },
            RequestFieldWords::tr("leads, connector and strips together; 0 where the cell's figure includes them")),
        number(
            "pack.resistance_factor", RequestFieldWords::tr("Resistance by age"), {1.0, QStringLiteral("×"), 2},
            0.05, [](const PlanRequest& r) { return r.pack.resistance_factor; },
            [](PlanRequest& r, double v) {
                // The pilot's word goes before what was fitted.
                r.pack.known.reset();
                r.pack.resistance_factor = v;
            },
            RequestFieldWords::tr("over that of the new pack")),
        open_number(
            "pack.weakest_cell_below_v", RequestFieldWords::tr("Weakest cell below the mean"), volts, 0.01,
            [](const PlanRequest& r) { return battery::weakest_cell_below_v(r.pack); },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.weakest_cell_below_v; },
            RequestFieldWords::tr("under load; the pack lands when that cell does")),
        pack_size(),
        choice(
            "pack.mass_on_scale", RequestFieldWords::tr("Pack mass is from"),
            {RequestFieldWords::tr("a label or its parts"), RequestFieldWords::tr("a scale")},
            [](const PlanRequest& r) { return r.pack.mass_on_scale ? 1 : 0; },
            [](PlanRequest& r, int i) { r.pack.mass_on_scale = i == 1; }),
        open_number(
            "pack.price", RequestFieldWords::tr("Price"), {1.0, {}, 2}, 1,
            [](const PlanRequest& r) { return r.pack.price.value_or(0.0); },
            [](PlanRequest& r) -> std::optional<double>& { return r.pack.price; },
            RequestFieldWords::tr("in your own currency; only for comparing")),
    };
}

namespace {

/// "12 kn NW", "270/12" or an airfield's report in place of the one number.
RequestField or_whole_wind(RequestField field, const wording::Notation& speed) {
    field.readMore = [speed](PlanRequest& r, const QString& typed) {
        const auto wind = io::typed_wind(typed.toStdString());
        const auto shown = wind ? io::in_field_unit(wind->speed, speed.unit.toStdString()) : std::nullopt;
        if (!shown) return false;
        const double speed_mps = speed.fromShown(*shown);
        mission::set_spoken_wind(r, {speed_mps, units::wrap_degrees(wind->from_deg)});
        if (wind->gust)
            r.weather.gust_mps = std::max(*wind->gust - wind->speed.number, 0.0) * wind->speed.unit->scale;
        if (wind->of_airfield) r.weather.wind_height_m = io::airfield_wind_height_m;
        return true;
    };
    return field;
}

} // namespace

std::vector<RequestField> wind_fields(const Quantities& q) {
    const wording::Notation speed = typed(q.notation(Quantity::wind_speed), 1);
    return {
        or_whole_wind(number(
                          "weather.wind_mps", RequestFieldWords::tr("Wind speed"), speed, 0.5,
                          [](const PlanRequest& r) { return mission::spoken_wind(r).speed_mps; },
                          [](PlanRequest& r, double v) {
                              mission::set_spoken_wind(r, {v, mission::spoken_wind(r).from_deg});
                          },
                          RequestFieldWords::tr("at mission height unless Weather says another; also whole: “12 kn "
                                                "NW”, “270/12”, “27012G18KT” (airfield, 10 m)")),
                      speed),
        or_whole_wind(
            number(
                "weather.wind_from_deg", RequestFieldWords::tr("Coming from"), q.notation(Quantity::wind_from), 5,
                [](const PlanRequest& r) { return mission::spoken_wind(r).from_deg; },
                [](PlanRequest& r, double v) {
                    mission::set_spoken_wind(r, {mission::spoken_wind(r).speed_mps, units::wrap_degrees(v)});
                }),
            speed),
        number(
            "weather.home_wind_factor", RequestFieldWords::tr("Worst credible wind factor"),
            {1.0, QStringLiteral("×"), 2}, 0.05, [](const PlanRequest& r) { return r.weather.home_wind_factor; },
            [](PlanRequest& r, double v) { r.weather.home_wind_factor = v; },
            RequestFieldWords::tr(
                "for the return leg: times or over the forecast, whichever costs more; 1 trusts it")),
    };
}

std::vector<RequestField> temperature_fields(const Quantities& q) {
    return {
        number(
            "weather.temperature_c", RequestFieldWords::tr("Air temperature at the field"),
            q.notation(Quantity::temperature), 1, [](const PlanRequest& r) { return r.weather.temperature_c; },
            [](PlanRequest& r, double v) { r.weather.temperature_c = v; }),
        number(
            "weather.field_elevation_m", RequestFieldWords::tr("Field elevation"), q.notation(Quantity::height), 50,
            [](const PlanRequest& r) { return r.weather.field_elevation_m; },
            [](PlanRequest& r, double v) { r.weather.field_elevation_m = v; }),
    };
}

std::vector<RequestField> bearing_fields() {
    return {mission_kind_field(),
            number(
                "mission.bearing_deg", RequestFieldWords::tr("Outbound bearing"),
                {1.0, QStringLiteral("°"), 0, false}, 5, [](const PlanRequest& r) { return r.mission.bearing_deg; },
                [](PlanRequest& r, double v) { r.mission.bearing_deg = units::wrap_degrees(v); })};
}

std::vector<RequestField> height_fields(const Quantities& q) {
    const Notation rate = q.notation(Quantity::climb_rate);
    const double rate_step = rate.decimals > 0 ? 0.5 : 50.0;
    return {
        number(
            "mission.height_m", RequestFieldWords::tr("Height above home"), q.notation(Quantity::height), 5,
            [](const PlanRequest& r) { return r.mission.height_m; },
            [](PlanRequest& r, double v) { r.mission.height_m = v; },
            RequestFieldWords::tr("120 m (400 ft) above ground is a common limit; local rules decide")),
        number(
            "mission.climb_rate_mps", RequestFieldWords::tr("Climb"), rate, rate_step,
            [](const PlanRequest& r) { return r.mission.climb_rate_mps; },
            [](PlanRequest& r, double v) { r.mission.climb_rate_mps = v; }),
        number(
            "mission.descent_rate_mps", RequestFieldWords::tr("Descent"), rate, rate_step,
            [](const PlanRequest& r) { return r.mission.descent_rate_mps; },
            [](PlanRequest& r, double v) { r.mission.descent_rate_mps = v; }),
    };
}

std::vector<RequestField> reserve_fields() {
    return {
        number(
            "reserve", RequestFieldWords::tr("Reserve"), {1.0, {}, 1}, 1,
            [](const PlanRequest& r) { return reserve_figure(r.reserve); },
            [](PlanRequest& r, double v) { set_reserve_figure(r.reserve, v); }),
        choice(
            "reserve", RequestFieldWords::tr("Reserve counted as"),
            {RequestFieldWords::tr("% of the usable energy"), RequestFieldWords::tr("minutes over home"),
             RequestFieldWords::tr("times the return leg")},
            [](const PlanRequest& r) { return int(r.reserve.index()); },
            [](PlanRequest& r, int i) {
                if (i == 0) r.reserve = mission::ShareOfUsable{};
                if (i == 1) r.reserve = mission::LoiterAtHome{};
                if (i == 2) r.reserve = mission::FactorOnReturn{};
            }),
    };
}

std::vector<RequestField> landing_fields() {
    return {open_number(
        "landing.cell_voltage_v", RequestFieldWords::tr("Landing voltage per cell"), {1.0, QStringLiteral("V"), 2},
        0.05, [](const PlanRequest& r) { return mission::landing_cell_v(r); },
        [](PlanRequest& r) -> std::optional<double>& { return r.landing_cell_v; },
        RequestFieldWords::tr("under cruise load. Empty: usual for the chemistry (LiPo 3.5, Li-ion 2.8)"))};
}

} // namespace sobremesa::app

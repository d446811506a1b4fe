#include "app/shell/setting_fields.hpp"

#include <QCoreApplication>

#include "core/units/constants.hpp"
#include "wording/names.hpp"

namespace sobremesa::app {

namespace {

using mission::PlanRequest;
using units::Quantity;
using wording::Notation;
using wording::Quantities;

struct Words {
    Q_DECLARE_TR_FUNCTIONS(sobremesa::Setting)
};

using Get = std::function<double(const PlanRequest&)>;
using Set = std::function<void(PlanRequest&, double)>;

SettingField number(const QString& label, const Notation& notation, double step, Get get, Set set,
                    const QString& hint = {}) {
    SettingField field;
    field.label = label;
    field.notation = notation;
    field.step = step;
    field.number = std::move(get);
    field.setNumber = std::move(set);
    field.hint = hint;
    return field;
}

SettingField text(const QString& label, std::function<QString(const PlanRequest&)> get,
                  std::function<void(PlanRequest&, const QString&)> set) {
    SettingField field;
    field.kind = SettingField::Kind::text;
    field.label = label;
    field.text = std::move(get);
    field.setText = std::move(set);
    return field;
}

SettingField choice(const QString& label, const QStringList& choices, std::function<int(const PlanRequest&)> get,
                    std::function<void(PlanRequest&, int)> set) {
    SettingField field;
    field.kind = SettingField::Kind::choice;
    field.label = label;
    field.choices = choices;
    field.choice = std::move(get);
    field.setChoice = std::move(set);
    return field;
}

const Notation grams{1000.0, QStringLiteral("g"), 0};
const Notation watts{1.0, QStringLiteral("W"), 0};

SettingWord aircraft_word(const Quantities& q) {
    SettingWord word;
    word.id = QStringLiteral("settingAircraft");
    word.spoken = Words::tr("Aircraft");
    word.words = [](const PlanRequest& r, const Quantities&) { return wording::title(r.aircraft); };
    word.fields = {
        text(
            Words::tr("Name"), [](const PlanRequest& r) { return QString::fromStdString(r.aircraft.name); },
            [](PlanRequest& r, const QString& s) { r.aircraft.name = s.toStdString(); }),
        choice(
            Words::tr("Kind"), {wording::name(airframe::Craft::rotor), wording::name(airframe::Craft::wing)},
            [](const PlanRequest& r) { return int(r.aircraft.craft); },
            [](PlanRequest& r, int i) { r.aircraft.craft = airframe::Craft(i); }),
        number(
            Words::tr("Mass without pack"), grams, 10, [](const PlanRequest& r) { return r.aircraft.mass_kg; },
            [](PlanRequest& r, double v) { r.aircraft.mass_kg = v; }),
        number(
            Words::tr("Airspeed in cruise"), q.notation(Quantity::airspeed), 1,
            [](const PlanRequest& r) { return r.aircraft.cruise_airspeed_mps; },
            [](PlanRequest& r, double v) { r.aircraft.cruise_airspeed_mps = v; }),
        number(
            Words::tr("Power in that cruise"), watts, 1,
            [](const PlanRequest& r) { return r.aircraft.cruise_power_w; },
            [](PlanRequest& r, double v) { r.aircraft.cruise_power_w = v; },
            Words::tr("all of it, from the pack, in still air: volts times amps")),
        number(
            Words::tr("Electronics"), watts, 1,
            [](const PlanRequest& r) { return airframe::electronics_power_w(r.aircraft); },
            [](PlanRequest& r, double v) { r.aircraft.electronics_w = v; },
            Words::tr("video, camera, control; 5 W is assumed where you say nothing")),
    };
    return word;
}

SettingWord pack_word() {
    SettingWord word;
    word.id = QStringLiteral("settingPack");
    word.spoken = Words::tr("Pack");
    word.words = [](const PlanRequest& r, const Quantities&) {
        return r.pack.name.empty() ? wording::build(r.pack)
                                   : Words::tr("%1, %2", "name of the pack, its build")
                                         .arg(wording::title(r.pack), wording::build(r.pack));
    };
    const Notation milliamp_hours{1000.0, QStringLiteral("mAh"), 0};
    const Notation milliohms{1000.0, QStringLiteral("mΩ"), 1};
    const Notation count{1.0, {}, 0};
    const auto whole = [](SettingField field) {
        field.whole = true;
        return field;
    };
    word.fields = {
        text(
            Words::tr("Name"), [](const PlanRequest& r) { return QString::fromStdString(r.pack.name); },
            [](PlanRequest& r, const QString& s) { r.pack.name = s.toStdString(); }),
        choice(
            Words::tr("Chemistry"),
            {wording::name(battery::Chemistry::lipo), wording::name(battery::Chemistry::lipo_hv),
             wording::name(battery::Chemistry::li_ion)},
            [](const PlanRequest& r) { return int(r.pack.chemistry); },
            [](PlanRequest& r, int i) {
                r.pack.chemistry = battery::Chemistry(i);
                // The landing voltage goes with the chemistry: keeping the old one is the classic mistake.
                r.landing_cell_v.reset();
            }),
        whole(number(
            Words::tr("Cells in series"), count, 1, [](const PlanRequest& r) { return r.pack.series; },
            [](PlanRequest& r, double v) { r.pack.series = int(v); })),
        whole(number(
            Words::tr("Cells in parallel"), count, 1, [](const PlanRequest& r) { return r.pack.parallel; },
            [](PlanRequest& r, double v) { r.pack.parallel = int(v); })),
        number(
            Words::tr("Rated charge of a cell"), milliamp_hours, 50,
            [](const PlanRequest& r) { return r.pack.cell_capacity_ah; },
            [](PlanRequest& r, double v) { r.pack.cell_capacity_ah = v; }),
        number(
            Words::tr("Resistance of a cell"), milliohms, 1,
            [](const PlanRequest& r) { return r.pack.cell_resistance_ohm; },
            [](PlanRequest& r, double v) { r.pack.cell_resistance_ohm = v; },
            Words::tr("as a charger shows it; typical: LiPo 2–7, Li-ion 15–30")),
        number(
            Words::tr("Mass of the pack"), grams, 5, [](const PlanRequest& r) { return r.pack.mass_kg; },
            [](PlanRequest& r, double v) { r.pack.mass_kg = v; }),
    };
    return word;
}

SettingWord wind_word() {
    SettingWord word;
    word.id = QStringLiteral("settingWind");
    word.spoken = Words::tr("Wind");
    word.words = [](const PlanRequest& r, const Quantities& q) {
        return Words::tr("%1 from %2", "wind speed, direction")
            .arg(wording::written(r.weather.wind.speed_mps, 0.0, q.notation(Quantity::wind_speed)),
                 q.direction(r.weather.wind.from_deg));
    };
    word.fields = {
        number(
            Words::tr("Wind at mission height"), {1.0, QStringLiteral("m/s"), 1}, 0.5,
            [](const PlanRequest& r) { return r.weather.wind.speed_mps; },
            [](PlanRequest& r, double v) { r.weather.wind.speed_mps = v; }),
        number(
            Words::tr("Coming from"), {1.0, QStringLiteral("°"), 0, false}, 5,
            [](const PlanRequest& r) { return r.weather.wind.from_deg; },
            [](PlanRequest& r, double v) { r.weather.wind.from_deg = units::wrap_degrees(v); }),
        number(
            Words::tr("Worst credible on the way home"), {1.0, QStringLiteral("×"), 2}, 0.05,
            [](const PlanRequest& r) { return r.weather.home_wind_factor; },
            [](PlanRequest& r, double v) { r.weather.home_wind_factor = v; },
            Words::tr("times or over the forecast, whichever is dearer; 1 trusts it")),
    };
    word.dragged = 0;
    return word;
}

SettingWord temperature_word() {
    SettingWord word;
    word.id = QStringLiteral("settingTemperature");
    word.spoken = Words::tr("Temperature");
    word.words = [](const PlanRequest& r, const Quantities& q) {
        return wording::written(r.weather.temperature_c, 0.0, q.notation(Quantity::temperature));
    };
    word.fields = {
        number(
            Words::tr("Air at the field"), {1.0, QStringLiteral("°C"), 0}, 1,
            [](const PlanRequest& r) { return r.weather.temperature_c; },
            [](PlanRequest& r, double v) { r.weather.temperature_c = v; }),
        number(
            Words::tr("Field above sea level"), {1.0, QStringLiteral("m"), 0}, 50,
            [](const PlanRequest& r) { return r.weather.field_elevation_m; },
            [](PlanRequest& r, double v) { r.weather.field_elevation_m = v; }),
    };
    word.dragged = 0;
    return word;
}

SettingWord bearing_word() {
    SettingWord word;
    word.id = QStringLiteral("settingBearing");
    word.spoken = Words::tr("Bearing out");
    word.words = [](const PlanRequest& r, const Quantities& q) { return q.direction(r.mission.bearing_deg); };
    word.fields = {number(
        Words::tr("Bearing out"), {1.0, QStringLiteral("°"), 0, false}, 5,
        [](const PlanRequest& r) { return r.mission.bearing_deg; },
        [](PlanRequest& r, double v) { r.mission.bearing_deg = units::wrap_degrees(v); })};
    word.dragged = 0;
    return word;
}

SettingWord height_word(const Quantities& q) {
    SettingWord word;
    word.id = QStringLiteral("settingHeight");
    word.spoken = Words::tr("Height");
    word.words = [](const PlanRequest& r, const Quantities& quantities) {
        return quantities.height(r.mission.height_m);
    };
    const Notation rate{1.0, QStringLiteral("m/s"), 1};
    word.fields = {
        number(
            Words::tr("Height above home"), q.notation(Quantity::height), 5,
            [](const PlanRequest& r) { return r.mission.height_m; },
            [](PlanRequest& r, double v) { r.mission.height_m = v; },
            Words::tr("120 m (400 ft) above ground is a common limit; local rules decide")),
        number(
            Words::tr("Climb"), rate, 0.5, [](const PlanRequest& r) { return r.mission.climb_rate_mps; },
            [](PlanRequest& r, double v) { r.mission.climb_rate_mps = v; }),
        number(
            Words::tr("Descent"), rate, 0.5, [](const PlanRequest& r) { return r.mission.descent_rate_mps; },
            [](PlanRequest& r, double v) { r.mission.descent_rate_mps = v; }),
    };
    word.dragged = 0;
    return word;
}

/// The figure of whichever reserve holds, in the unit of its kind.
double reserve_figure(const mission::Reserve& reserve) {
    if (const auto* share = std::get_if<mission::ShareOfUsable>(&reserve)) return share->share * 100.0;
    if (const auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve)) return loiter->minutes;
    return std::get<mission::FactorOnWayHome>(reserve).factor;
}

void set_reserve_figure(mission::Reserve& reserve, double figure) {
    if (auto* share = std::get_if<mission::ShareOfUsable>(&reserve))
        share->share = figure / 100.0;
    else if (auto* loiter = std::get_if<mission::LoiterAtHome>(&reserve))
        loiter->minutes = figure;
    else
        std::get<mission::FactorOnWayHome>(reserve).factor = figure;
}

SettingWord reserve_word() {
    SettingWord word;
    word.id = QStringLiteral("settingReserve");
    word.spoken = Words::tr("Reserve");
    word.words = [](const PlanRequest& r, const Quantities& q) { return wording::name(r.reserve, q); };
    word.fields = {
        number(
            Words::tr("Kept back"), {1.0, {}, 1}, 1, [](const PlanRequest& r) { return reserve_figure(r.reserve); },
            [](PlanRequest& r, double v) { set_reserve_figure(r.reserve, v); }),
        choice(
            Words::tr("counted as"),
            {Words::tr("% of the usable energy"), Words::tr("minutes over home"), Words::tr("times the way home")},
            [](const PlanRequest& r) { return int(r.reserve.index()); },
            [](PlanRequest& r, int i) {
                if (i == 0) r.reserve = mission::ShareOfUsable{};
                if (i == 1) r.reserve = mission::LoiterAtHome{};
                if (i == 2) r.reserve = mission::FactorOnWayHome{};
            }),
    };
    word.dragged = 0;
    return word;
}

SettingWord landing_word() {
    SettingWord word;
    word.id = QStringLiteral("settingLanding");
    word.spoken = Words::tr("Landing voltage");
    word.words = [](const PlanRequest& r, const Quantities& q) {
        return wording::written(mission::landing_cell_v(r), 0.0, q.notation(Quantity::landing_cell_voltage));
    };
    word.fields = {number(
        Words::tr("Landing voltage a cell"), {1.0, QStringLiteral("V"), 2}, 0.05,
        [](const PlanRequest& r) { return mission::landing_cell_v(r); },
        [](PlanRequest& r, double v) { r.landing_cell_v = v; },
        Words::tr("under cruise load; usual: LiPo 3.5, Li-ion 2.8"))};
    word.dragged = 0;
    return word;
}

} // namespace

QString plan_setting_sentence() {
    return Words::tr("%1 with %2 in %3 , %4 , out and back on %5 at %6 , home with %7 in hand, landing at %8",
                     "aircraft, pack, wind, temperature, bearing, height, reserve, landing voltage");
}

QString debrief_setting_sentence() {
    return Words::tr("Flown by %1 with %2 , counted down to %8", "aircraft, pack, landing voltage");
}

std::vector<SettingWord> setting_words(const Quantities& q) {
    return {aircraft_word(q), pack_word(),    wind_word(),    temperature_word(),
            bearing_word(),   height_word(q), reserve_word(), landing_word()};
}

} // namespace sobremesa::app

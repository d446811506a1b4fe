#pragma once

#include <functional>
#include <optional>
#include <string>
#include <vector>

#include <QString>
#include <QStringList>

#include "core/mission/plan_request.hpp"
#include "wording/quantities.hpp"

namespace sobremesa::app {

/// One editable value of a request: what it is called, how it is written, where it lives. The same fields serve the
/// setting, the library and the first plan.
struct RequestField {
    enum class Kind { number, text, choice };
    Kind kind = Kind::number;
    /// Where it stands in the documents: how an error finds its field.
    std::string path;
    QString label;
    QString header;             ///< short, for the head of a column
    wording::Notation notation; ///< numbers only
    double step = 1.0;          ///< numbers only, in the written unit
    bool whole = false;         ///< numbers only: counts, of which there is no half
    QStringList choices;        ///< choices only
    std::function<double(const mission::PlanRequest&)> number;
    std::function<void(mission::PlanRequest&, double)> setNumber;
    /// Numbers only: takes a text that says more than this number, and says whether it did.
    std::function<bool(mission::PlanRequest&, const QString&)> readMore;
    std::function<QString(const mission::PlanRequest&)> text;
    std::function<void(mission::PlanRequest&, const QString&)> setText;
    /// In place of `setText` where not every text will do: says what is wrong, and then changes nothing.
    std::function<QString(mission::PlanRequest&, const QString&)> readText;
    std::function<int(const mission::PlanRequest&)> choice;
    std::function<void(mission::PlanRequest&, int)> setChoice;
    /// Texts that are a list of rows: heads of their columns, their cells, and the text that cells make.
    QStringList heads;
    std::function<std::vector<QStringList>(const mission::PlanRequest&)> cells;
    std::function<QString(const std::vector<QStringList>&)> textOfCells;
    /// Values that may be left open: whether it is, and how to leave it open again. The number is then the one
    /// assumed.
    std::function<bool(const mission::PlanRequest&)> isOpen;
    std::function<void(mission::PlanRequest&)> leaveOpen;
    /// Shown under the label: what is meant, or what is assumed where nothing is said, and by whom.
    QString hint;
    /// Texts that name a file: what a dialog offers; empty where no file is meant.
    QString file_filter;

    /// As it stands in a table.
    QString written(const mission::PlanRequest& request) const;
    /// Reads what was typed. @return what is wrong, in words; empty when it was taken
    QString read(mission::PlanRequest& request, const QString& typed) const;
};

std::vector<RequestField> aircraft_fields(const wording::Quantities& quantities);
std::vector<RequestField> pack_fields(const wording::Quantities& quantities);
/// What the bay takes.
std::vector<RequestField> more_aircraft_fields(const wording::Quantities& quantities);
/// What is rarely known of a pack, and worth saying where it is.
std::vector<RequestField> more_pack_fields(const wording::Quantities& quantities);
std::vector<RequestField> wind_fields(const wording::Quantities& quantities);
std::vector<RequestField> temperature_fields(const wording::Quantities& quantities);
/// What is flown, and on which bearing.
std::vector<RequestField> bearing_fields();
RequestField mission_kind_field();
/// The rest of a mission: speeds, climb, clearance, circles, home and its terrain.
std::vector<RequestField> mission_fields(const wording::Quantities& quantities);
/// When a flight on the sun begins, under what sky, and whether the sun counts.
std::vector<RequestField> sun_fields();
/// What is known of the weather besides wind and temperature.
std::vector<RequestField> weather_fields(const wording::Quantities& quantities);
/// The aircraft's own return, the link, and what it is supplied by.
std::vector<RequestField> safety_fields(const wording::Quantities& quantities);
/// How long things on the ground last.
std::vector<RequestField> ground_fields();
/// On the return leg, clear of the no-landing areas.
RequestField over_land_field(const wording::Quantities& quantities);
/// The figure of a turn rule, where it has one of its own.
std::optional<RequestField> turn_rule_field(mission::TurnRule rule, const wording::Quantities& quantities);
std::vector<RequestField> height_fields(const wording::Quantities& quantities);
std::vector<RequestField> reserve_fields();
std::vector<RequestField> landing_fields();

} // namespace sobremesa::app

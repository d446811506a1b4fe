#pragma once

#include <QString>

#include "core/units/estimate.hpp"

namespace sobremesa::units {
enum class Quantity : int;
}

namespace sobremesa::wording {

enum class Measure;

/// What the pilot thinks in. One choice, everywhere.
struct UnitChoice {
    enum class Distance { kilometres, miles };
    enum class Speed { kilometres_per_hour, metres_per_second, miles_per_hour, knots };
    enum class Height { metres, feet };
    enum class Temperature { celsius, fahrenheit };
    /// Which of the two leads where there is room for one: the counter's, or the one that compares across packs.
    enum class Lead { charge, energy };
    Distance distance = Distance::kilometres;
    Speed speed = Speed::kilometres_per_hour;
    Speed wind = Speed::metres_per_second;
    Height height = Height::metres;
    Temperature temperature = Temperature::celsius;
    Lead lead = Lead::charge;
    friend bool operator==(const UnitChoice&, const UnitChoice&) = default;
};

/// How one kind of number is written: factor from SI, unit, and the digits shown when nothing says how sure it is.
/// Temperatures are °C in the core, and °F need a zero of their own.
struct Notation {
    double factor = 1.0;
    QString unit;
    int decimals = 1;
    /// "20 %" has a space, "45°" none.
    bool space_before_unit = true;
    /// Added after the factor. Of differences and errors it is left out.
    double zero = 0.0;

    double shown(double value) const { return value * factor + zero; }
    double fromShown(double number) const { return (number - zero) / factor; }
    /// For a difference of two such numbers.
    Notation ofDifference() const {
        Notation without = *this;
        without.zero = 0.0;
        return without;
    }
};

/// A number as text: digits in groups of three with a narrow space, a point as decimal sign under every locale, and
/// no more digits than the error allows (two figures of an error that begins with 1 or 2, else one).
QString written(double value, double sd, const Notation& notation);
/// Only the error, with the digits that `written` gives the value: "± 0.4".
QString written_error(double sd, const Notation& notation);

/// Turns SI numbers into what a pilot reads.
class Quantities {
public:
    explicit Quantities(UnitChoice choice = {}) : choice_(choice) {}

    Notation notation(units::Quantity quantity) const;
    Notation notation(Measure measure) const;
    /// Value with unit.
    QString text(units::Quantity quantity, const units::Estimate& estimate) const;
    /// "± 3", or empty where the number is exact.
    QString error_text(units::Quantity quantity, const units::Estimate& estimate) const;

    QString distance(double metres, double sd = 0.0) const;
    QString speed(double mps) const;
    QString height(double metres) const;
    QString charge(double ah, double sd = 0.0) const; ///< mAh, as on-screen counters count
    QString energy(double wh, double sd = 0.0) const;
    QString duration(double seconds) const; ///< "58 min", "1 h 12 min", "45 s"
    /// As a leg is timed: "2 min 20 s" where whole minutes would be a tenth or more beside it.
    QString legTime(double seconds) const;
    /// Until something has to be done: `duration`, and never later than it is.
    QString timeLeft(double seconds) const;
    /// As a timer is set: "12:31", "1:02:31". It never runs out later than that.
    QString timer(double seconds) const;
    QString share(double share) const;
    QString direction(double degrees) const; ///< "265°"

    /// Of two quantities that say the same, the one the pilot thinks in.
    units::Quantity leading(units::Quantity charge, units::Quantity energy) const {
        return choice_.lead == UnitChoice::Lead::energy ? energy : charge;
    }

    const UnitChoice& choice() const { return choice_; }

private:
    UnitChoice choice_;
};

/// Compass word for a direction: "west", "north-east".
QString compass_word(double degrees);

/// For Qt's rich text, which breaks lines at a narrow no-break space and behind a slash: figures stay with their
/// units.
QString unbroken(QString rich_text);
/// For plain text: a line may not break within the unit of a figure ("63 km/h"); it may within a path.
QString whole_units(QString plain_text);

/// A moment of a flight as a stopwatch shows it: "22:05", "1:02:05".
QString stopwatch_text(double seconds);

} // namespace sobremesa::wording

#pragma once

#include <optional>
#include <string>

namespace sobremesa::logbook {

/// What an edit was, as the menu's "Undo …" names it.
enum class EditKind {
    add_aircraft,
    change_aircraft,
    duplicate_aircraft,
    retire_aircraft,
    return_aircraft,
    remove_aircraft,
    add_pack,
    change_pack,
    duplicate_pack,
    retire_pack,
    return_pack,
    remove_pack,
    add_plan,
    duplicate_plan,
    remove_plan,
    rename_plan,
    choose_aircraft,
    choose_pack,
    change_wind,
    change_temperature,
    change_bearing,
    change_height,
    change_mission,
    change_reserve,
    change_landing,
    change_rules,
    change_plan, ///< more than one of the above at once
    file_flight,
    change_flight,
    remove_flight,
    calibrate_flights,
    bring_in,
    learn_aircraft,
    forget_curve,
    set_flight_apart,
    learn_pack,
    forget_pack,
    freeze_pack,
};

/// Stable word for the book.
const char* edit_word(EditKind kind);
std::optional<EditKind> edit_from_word(const std::string& word);

} // namespace sobremesa::logbook

#include "logbook/edit_kind.hpp"

namespace sobremesa::logbook {

const char* edit_word(EditKind kind) {
    switch (kind) {
    case EditKind::add_aircraft: return "add-aircraft";
    case EditKind::change_aircraft: return "change-aircraft";
    case EditKind::duplicate_aircraft: return "duplicate-aircraft";
    case EditKind::retire_aircraft: return "retire-aircraft";
    case EditKind::return_aircraft: return "return-aircraft";
    case EditKind::remove_aircraft: return "remove-aircraft";
    case EditKind::add_pack: return "add-pack";
    case EditKind::change_pack: return "change-pack";
    case EditKind::duplicate_pack: return "duplicate-pack";
    case EditKind::retire_pack: return "retire-pack";
    case EditKind::return_pack: return "return-pack";
    case EditKind::remove_pack: return "remove-pack";
    case EditKind::add_plan: return "add-plan";
    case EditKind::duplicate_plan: return "duplicate-plan";
    case EditKind::remove_plan: return "remove-plan";
    case EditKind::rename_plan: return "rename-plan";
    case EditKind::choose_aircraft: return "choose-aircraft";
    case EditKind::choose_pack: return "choose-pack";
    case EditKind::change_wind: return "change-wind";
    case EditKind::change_temperature: return "change-temperature";
    case EditKind::change_bearing: return "change-bearing";
    case EditKind::change_height: return "change-height";
    case EditKind::change_mission: return "change-mission";
    case EditKind::change_reserve: return "change-reserve";
    case EditKind::change_landing: return "change-landing";
    case EditKind::change_rules: return "change-rules";
    case EditKind::change_plan: return "change-plan";
    case EditKind::file_flight: return "file-flight";
    case EditKind::change_flight: return "change-flight";
    case EditKind::remove_flight: return "remove-flight";
    case EditKind::calibrate_flights: return "calibrate-flights";
    case EditKind::bring_in: return "bring-in";
    case EditKind::learn_aircraft: return "learn-aircraft";
    case EditKind::forget_curve: return "forget-curve";
    case EditKind::set_flight_apart: return "set-flight-apart";
    case EditKind::learn_pack: return "learn-pack";
    case EditKind::forget_pack: return "forget-pack";
    case EditKind::freeze_pack: return "freeze-pack";
    }
    return "";
}

std::optional<EditKind> edit_from_word(const std::string& word) {
    for (int i = 0; i <= int(EditKind::freeze_pack); ++i) {
        if (word == edit_word(EditKind(i))) return EditKind(i);
    }
    return std::nullopt;
}

} // namespace sobremesa::logbook

#include "io/pack_words.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <cmath>
#include <vector>

#include "core/units/imperial_units.hpp"
#include "io/cell_forms.hpp"
#include "io/log_units.hpp"
#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using Words = std::vector<std::string>;

struct UnitOfPack {
    PackColumn of;
    std::string_view word;
    double scale;
};

/// Of mass, capacity, resistance, length; columns of one kind share them.
constexpr std::array units_of_packs = {
    UnitOfPack{PackColumn::mass, "g", 1e-3},
    UnitOfPack{PackColumn::mass, "gr", 1e-3},
    UnitOfPack{PackColumn::mass, "grams", 1e-3},
    UnitOfPack{PackColumn::mass, "kg", 1.0},
    UnitOfPack{PackColumn::mass, "oz", units::kilograms_per_ounce},
    UnitOfPack{PackColumn::mass, "lb", units::kilograms_per_pound},
    UnitOfPack{PackColumn::capacity, "mah", 1e-3},
    UnitOfPack{PackColumn::capacity, "ah", 1.0},
    UnitOfPack{PackColumn::cell_resistance, "mohm", 1e-3},
    UnitOfPack{PackColumn::cell_resistance, "mω", 1e-3},
    UnitOfPack{PackColumn::cell_resistance, "mΩ", 1e-3},
    UnitOfPack{PackColumn::cell_resistance, "milliohm", 1e-3},
    UnitOfPack{PackColumn::cell_resistance, "ohm", 1.0},
    UnitOfPack{PackColumn::cell_resistance, "Ω", 1.0},
    UnitOfPack{PackColumn::length, "mm", 1e-3},
    UnitOfPack{PackColumn::length, "cm", 1e-2},
    UnitOfPack{PackColumn::length, "in", units::metres_per_inch},
    UnitOfPack{PackColumn::rated_current, "a", 1.0},
    UnitOfPack{PackColumn::rated_current, "amps", 1.0},
    UnitOfPack{PackColumn::c_rating, "c", 1.0},
    UnitOfPack{PackColumn::c_rating, "×c", 1.0},
};

PackColumn kind_of(PackColumn column) {
    switch (column) {
    case PackColumn::cell_capacity: return PackColumn::capacity;
    case PackColumn::pack_resistance: return PackColumn::cell_resistance;
    case PackColumn::width:
    case PackColumn::height: return PackColumn::length;
    default: return column;
    }
}

std::optional<double> unit_scale(PackColumn column, std::string_view word) {
    const auto* const unit = std::find_if(units_of_packs.begin(), units_of_packs.end(), [&](const UnitOfPack& u) {
        return u.of == kind_of(column) && u.word == word;
    });
    return unit == units_of_packs.end() ? std::nullopt : std::optional(unit->scale);
}

/// In small letters; "mAh" and "4S" are one each.
Words words_of(std::string_view header) {
    Words words;
    std::string word;
    for (const char c : lower(header) + " ") {
        if (std::isalnum(static_cast<unsigned char>(c)) || (static_cast<unsigned char>(c) & 0x80U)) {
            word += c;
        } else if (!word.empty()) {
            words.push_back(std::move(word));
            word.clear();
        }
    }
    return words;
}

bool has(const Words& words, std::initializer_list<std::string_view> any) {
    return std::any_of(words.begin(), words.end(),
                       [&](const std::string& w) { return std::find(any.begin(), any.end(), w) != any.end(); });
}

std::optional<PackColumn> column_of(const Words& words) {
    const bool of_cell = has(words, {"cell", "cells", "zelle", "zellen", "celda", "celdas", "cellule"});
    const bool alone = words.size() == 1;
    if (has(words, {"date", "cycles", "zyklen", "ciclos", "count"}) && !of_cell) return std::nullopt;
    if (has(words, {"capacity", "capa", "cap", "kapazität", "kapazitaet", "capacidad", "capacité", "mah", "ah"}))
        return of_cell ? PackColumn::cell_capacity : PackColumn::capacity;
    if (has(words,
            {"resistance", "ir", "ri", "innenwiderstand", "widerstand", "resistencia", "résistance", "mohm"}))
        return has(words, {"pack", "total", "whole", "akku", "batería"}) ? PackColumn::pack_resistance
                                                                         : PackColumn::cell_resistance;
    if (has(words, {"mass", "weight", "masse", "gewicht", "peso", "poids", "masa"}) ||
        (alone && has(words, {"g", "kg"})))
        return of_cell ? std::nullopt : std::optional(PackColumn::mass);
    if (has(words, {"price", "preis", "precio", "prix", "cost", "kosten", "coste"})) return PackColumn::price;
    if (has(words, {"chemistry", "chemie", "química", "quimica", "chimie", "chem", "type", "typ", "tipo"}))
        return PackColumn::chemistry;
    if (has(words, {"config", "configuration", "layout", "konfiguration", "configuración", "aufbau"}))
        return PackColumn::layout;
    if (has(words, {"series", "serie", "seriell", "série", "s"}) || (alone && of_cell) ||
        (of_cell && has(words, {"count", "number", "anzahl", "número"})))
        return PackColumn::series;
    if (has(words, {"parallel", "paralelo", "parallèle", "p"})) return PackColumn::parallel;
    if (has(words, {"crating", "crate", "rate", "rating"}) || (alone && has(words, {"c"})))
        return PackColumn::c_rating;
    if (has(words, {"current", "amps", "strom", "dauerstrom", "corriente", "courant"}))
        return PackColumn::rated_current;
    if (has(words, {"length", "länge", "largo", "longueur"})) return PackColumn::length;
    if (has(words, {"width", "breite", "ancho", "largeur"})) return PackColumn::width;
    if (has(words, {"height", "höhe", "alto", "hauteur", "thickness"})) return PackColumn::height;
    if (has(words, {"name", "pack", "battery", "label", "id", "akku", "batterie", "batería", "bateria",
                    "bezeichnung", "nombre", "nom", "nr", "no"}))
        return PackColumn::name;
    return std::nullopt;
}

} // namespace

std::optional<PackHeader> pack_column_from_header(std::string_view header) {
    Words words = words_of(header);
    const auto column = column_of(words);
    if (!column) return std::nullopt;
    PackHeader found{*column, std::nullopt, has(words, {"pack", "total", "whole", "akku", "batería", "gesamt"})};
    // The last word that is a unit of it: "Weight (g)", "capacity_mah", "IR / mOhm".
    for (auto word = words.rbegin(); word != words.rend() && !found.scale; ++word)
        found.scale = unit_scale(*column, *word);
    return found;
}

const char* pack_column_word(PackColumn column) {
    switch (column) {
    case PackColumn::name: return "name";
    case PackColumn::chemistry: return "chemistry";
    case PackColumn::layout:
    case PackColumn::series: return "series";
    case PackColumn::parallel: return "parallel";
    case PackColumn::capacity:
    case PackColumn::cell_capacity: return "cell_capacity_mah";
    case PackColumn::mass: return "mass_g";
    case PackColumn::cell_resistance:
    case PackColumn::pack_resistance: return "cell_resistance_mohm";
    case PackColumn::price: return "price";
    case PackColumn::c_rating:
    case PackColumn::rated_current: return "rated_current_a";
    case PackColumn::length: return "length_mm";
    case PackColumn::width: return "width_mm";
    case PackColumn::height: break;
    }
    return "height_mm";
}

bool says(PackColumn column, std::string_view own_name) {
    return own_name == pack_column_word(column);
}

bool is_needed(PackColumn column) {
    switch (column) {
    case PackColumn::name:
    case PackColumn::chemistry:
    case PackColumn::layout:
    case PackColumn::series:
    case PackColumn::capacity:
    case PackColumn::cell_capacity:
    case PackColumn::mass: return true;
    default: return false;
    }
}

bool has_unit(PackColumn column) {
    const PackColumn kind = kind_of(column);
    return kind == PackColumn::mass || kind == PackColumn::capacity || kind == PackColumn::cell_resistance ||
           kind == PackColumn::length;
}

PackUnit likely_unit(PackColumn column, double most) {
    // No pack that flies weighs 20 kg, or less than 20 g; none has 50 Ah, or less than 50 mAh.
    constexpr double most_kg = 20.0;
    constexpr double most_ah = 50.0;
    constexpr double most_ohm = 0.5;
    switch (kind_of(column)) {
    case PackColumn::mass: return most > most_kg ? PackUnit{"g", 1e-3} : PackUnit{"kg", 1.0};
    case PackColumn::capacity: return most > most_ah ? PackUnit{"mAh", 1e-3} : PackUnit{"Ah", 1.0};
    case PackColumn::cell_resistance: return most > most_ohm ? PackUnit{"mΩ", 1e-3} : PackUnit{"Ω", 1.0};
    default: return {"mm", 1e-3};
    }
}

std::optional<PackAmount> pack_amount(std::string_view cell, PackColumn column) {
    const auto begin = cell.find_first_of("0123456789");
    if (begin == std::string_view::npos) return std::nullopt;
    // Before it stands at most the sign of a currency.
    if (column != PackColumn::price && begin > 0) return std::nullopt;
    cell.remove_prefix(begin);
    const auto end = std::min(cell.find_first_not_of("0123456789.,"), cell.size());
    const auto value = number_from_text(cell.substr(0, end));
    if (!value) return std::nullopt;
    PackAmount amount{*value, std::nullopt};
    const std::string rest = lower(trimmed(cell.substr(end)));
    if (rest.empty() || column == PackColumn::price) return amount;
    amount.scale = unit_scale(column, rest);
    if (!amount.scale && column == PackColumn::parallel && rest == "p") return amount;
    return amount.scale ? std::optional(amount) : std::nullopt;
}

std::optional<PackLayout> pack_layout(std::string_view cell) {
    const std::string text = lower(trimmed(cell));
    std::string_view rest = text;
    const auto count = [&](char letter) -> std::optional<int> {
        const auto end = std::min(rest.find_first_not_of("0123456789"), rest.size());
        if (end == 0 || end > 3) return std::nullopt;
        int value = 0;
        for (const char c : rest.substr(0, end)) value = 10 * value + (c - '0');
        rest = trimmed(rest.substr(end));
        if (!rest.empty() && rest.front() == letter) rest = trimmed(rest.substr(1));
        return value;
    };
    const auto series = count('s');
    if (!series) return std::nullopt;
    PackLayout layout{*series, 0};
    if (rest.empty()) return layout;
    const auto parallel = count('p');
    if (!parallel || !rest.empty()) return std::nullopt;
    layout.parallel = *parallel;
    return layout;
}

std::optional<battery::Chemistry> chemistry_in(std::string_view cell) {
    if (const auto exact = battery::chemistry_from_word(cell)) return exact;
    std::string word;
    for (const char c : lower(cell)) {
        if (std::isalpha(static_cast<unsigned char>(c))) word += c;
    }
    // Sizes of round cells are Li-ion; what else stands there names a maker or a shape.
    if (word.find("hv") != std::string::npos) return battery::Chemistry::lipo_hv;
    if (word.find("lipo") != std::string::npos || word.find("polymer") != std::string::npos)
        return battery::Chemistry::lipo;
    const bool round = cell.find("18650") != std::string_view::npos || cell.find("21700") != std::string_view::npos;
    if (round || word.find("liion") != std::string::npos || word.find("lithiumion") != std::string::npos ||
        word == "lion")
        return battery::Chemistry::li_ion;
    return std::nullopt;
}

} // namespace sobremesa::io

#include "io/header_words.hpp"

#include <algorithm>
#include <array>

namespace sobremesa::io {

namespace {

struct Translation {
    std::string_view word;
    std::string_view english;
};

// Left out is what means something else as well: German "Länge" alone may be a length.
constexpr std::array translations = {
    Translation{"akkuspannung", "voltage"},
    Translation{"altezza", "altitude"},
    Translation{"altitud", "altitude"},
    Translation{"altitudine", "altitude"},
    Translation{"altura", "altitude"},
    Translation{"batería", "battery"},
    Translation{"batterie", "battery"},
    Translation{"batteriespannung", "voltage"},
    Translation{"breite", "latitude"},
    Translation{"breitengrad", "latitude"},
    Translation{"cellule", "cell"},
    Translation{"consommation", "consumed"},
    Translation{"consommé", "consumed"},
    Translation{"consumido", "consumed"},
    Translation{"consumo", "consumed"},
    Translation{"corrente", "current"},
    Translation{"corriente", "current"},
    Translation{"courant", "current"},
    Translation{"data", "date"},
    Translation{"datum", "date"},
    Translation{"eigengeschwindigkeit", "airspeed"},
    Translation{"energia", "energy"},
    Translation{"energie", "energy"},
    Translation{"energía", "energy"},
    Translation{"fecha", "date"},
    Translation{"fluggeschwindigkeit", "airspeed"},
    Translation{"flugzeit", "time"},
    Translation{"geschwindigkeit", "speed"},
    Translation{"grondsnelheid", "groundspeed"},
    Translation{"grundgeschwindigkeit", "groundspeed"},
    Translation{"hauteur", "height"},
    Translation{"heure", "time"},
    Translation{"hoehe", "height"},
    Translation{"hoogte", "height"},
    Translation{"hora", "time"},
    Translation{"höhe", "height"},
    Translation{"kapazität", "consumed"},
    Translation{"kurs", "course"},
    Translation{"laengengrad", "longitude"},
    Translation{"latitud", "latitude"},
    Translation{"latitudine", "latitude"},
    Translation{"longitud", "longitude"},
    Translation{"longitudine", "longitude"},
    Translation{"luchtsnelheid", "airspeed"},
    Translation{"luftgeschwindigkeit", "airspeed"},
    Translation{"länge", "longitude"},
    Translation{"längengrad", "longitude"},
    Translation{"ora", "time"},
    Translation{"rumbo", "course"},
    Translation{"satelliten", "satellites"},
    Translation{"satelliti", "satellites"},
    Translation{"satélites", "satellites"},
    Translation{"signalstärke", "signal"},
    Translation{"snelheid", "speed"},
    Translation{"spanning", "voltage"},
    Translation{"spannung", "voltage"},
    Translation{"steigen", "climb"},
    Translation{"steiggeschwindigkeit", "climb"},
    Translation{"steigrate", "climb"},
    Translation{"strom", "current"},
    Translation{"stroom", "current"},
    Translation{"tempo", "time"},
    Translation{"temps", "time"},
    Translation{"tension", "voltage"},
    Translation{"tensione", "voltage"},
    Translation{"tensión", "voltage"},
    Translation{"tensão", "voltage"},
    Translation{"tiempo", "time"},
    Translation{"tijd", "time"},
    Translation{"uhrzeit", "time"},
    Translation{"velocidad", "speed"},
    Translation{"velocidade", "speed"},
    Translation{"velocità", "speed"},
    Translation{"verbrauch", "consumed"},
    Translation{"verbruik", "consumed"},
    Translation{"vertikalgeschwindigkeit", "climb"},
    Translation{"vitesse", "speed"},
    Translation{"voltaje", "voltage"},
    Translation{"windgeschwindigkeit", "wind speed"},
    Translation{"windrichtung", "wind direction"},
    Translation{"zeit", "time"},
    Translation{"zeitstempel", "time"},
    Translation{"zelle", "cell"},
    Translation{"zellenspannung", "cell voltage"},
    Translation{"zellspannung", "cell voltage"},
};

} // namespace

std::string_view header_word_in_english(std::string_view word) {
    const auto* const found = std::find_if(translations.begin(), translations.end(),
                                           [&](const Translation& t) { return t.word == word; });
    return found == translations.end() ? word : found->english;
}

} // namespace sobremesa::io

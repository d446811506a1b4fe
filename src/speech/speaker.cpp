#include "speech/speaker.hpp"

#include <algorithm>

#include <QLocale>
#include <QTextToSpeech>

namespace sobremesa::speech {

Speaker::Speaker(QObject* parent) : QObject(parent) {}

Speaker::~Speaker() = default;

void Speaker::find_engine() {
    looked_ = true;
    const QStringList installed = QTextToSpeech::availableEngines();
    for (const QString& name : engines_.value_or(installed)) {
        if (!installed.contains(name)) continue;
        // Of Qt's own: says nothing, for its tests.
        if (name == QLatin1String("mock")) continue;
        auto engine = std::make_unique<QTextToSpeech>(name);
        // One whose daemon does not run is there as well, and mute.
        if (engine->state() == QTextToSpeech::Error || engine->availableVoices().isEmpty()) continue;
        // A voice of that language; where there is none, the engine's own does what it can.
        const auto voices = engine->availableLocales();
        const auto fitting = std::find_if(voices.begin(), voices.end(), [&](const QLocale& voice) {
            return voice.language() == QLocale(language_).language();
        });
        if (fitting != voices.end()) engine->setLocale(*fitting);
        engine_ = std::move(engine);
        return;
    }
}

void Speaker::setLanguage(const QString& code) {
    language_ = code;
    engine_.reset();
    looked_ = false;
}

void Speaker::setEngines(const QStringList& engines) {
    engines_ = engines;
    engine_.reset();
    looked_ = false;
}

bool Speaker::can_speak() {
    if (sink_) return true;
    if (!looked_) find_engine();
    return engine_ != nullptr;
}

void Speaker::say(const QString& sentence, bool urgent) {
    if (sink_) {
        sink_(sentence, urgent);
        return;
    }
    if (!can_speak()) {
        if (tone_) tone_();
        return;
    }
    if (urgent) engine_->stop();
    engine_->say(sentence);
}

void Speaker::hush() {
    if (engine_) engine_->stop();
}

} // namespace sobremesa::speech

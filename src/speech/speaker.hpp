#pragma once

#include <functional>
#include <memory>
#include <optional>

#include <QObject>
#include <QString>
#include <QStringList>

class QTextToSpeech;

namespace sobremesa::speech {

/// Says sentences out loud with whatever engine is installed and works; offline. Missing speech is no error: then
/// it sounds a tone.
class Speaker : public QObject {
    Q_OBJECT
public:
    explicit Speaker(QObject* parent = nullptr);
    ~Speaker() override;

    /// @param urgent  breaks off what is being said
    void say(const QString& sentence, bool urgent);
    void hush();
    /// Finds out when it is first asked.
    bool can_speak();
    /// Which engines are tried, in this order; all that are installed by default.
    void setEngines(const QStringList& engines);
    /// What the sentences are in, ISO 639-1; English by default.
    void setLanguage(const QString& code);
    /// In place of an engine: what is said goes there. For tests, and for machines without sound.
    void setSink(std::function<void(const QString& sentence, bool urgent)> sink) { sink_ = std::move(sink); }
    void setTone(std::function<void()> tone) { tone_ = std::move(tone); }

private:
    void find_engine();

    std::unique_ptr<QTextToSpeech> engine_;
    std::optional<QStringList> engines_;
    QString language_ = QStringLiteral("en");
    bool looked_ = false;
    std::function<void(const QString&, bool)> sink_;
    std::function<void()> tone_;
};

} // namespace sobremesa::speech

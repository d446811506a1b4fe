#include "session/column_memory.hpp"

#include <QFile>
#include <QJsonArray>
#include <QJsonDocument>
#include <QJsonObject>
#include <QSaveFile>

namespace sobremesa::session {

namespace {

constexpr auto key_header_line = "header_line";
constexpr auto key_columns = "columns";

QString text_of(const QJsonObject& object, const char* key) {
    return object.value(QLatin1String(key)).toString();
}

} // namespace

ColumnMemory::ColumnMemory(const QString& file) : file_(file) {
    QFile in(file_);
    if (file_.isEmpty() || !in.open(QIODevice::ReadOnly)) return;
    const QJsonArray entries = QJsonDocument::fromJson(in.readAll()).array();
    for (const auto& entry : entries) {
        const QJsonObject object = entry.toObject();
        auto& choices = choices_[text_of(object, key_header_line).toStdString()];
        const QJsonArray columns = object.value(QLatin1String(key_columns)).toArray();
        for (const auto& column : columns) {
            const QJsonObject c = column.toObject();
            choices.push_back({text_of(c, "header").toStdString(), text_of(c, "meaning").toStdString(),
                               text_of(c, "unit").toStdString()});
        }
    }
}

std::vector<telemetry::ColumnChoice> ColumnMemory::recall(const std::string& header_line) const {
    const auto found = choices_.find(header_line);
    return found == choices_.end() ? std::vector<telemetry::ColumnChoice>() : found->second;
}

void ColumnMemory::remember(const std::string& header_line, std::vector<telemetry::ColumnChoice> choices) {
    if (choices.empty())
        choices_.erase(header_line);
    else
        choices_.insert_or_assign(header_line, std::move(choices));
    save();
}

void ColumnMemory::save() const {
    if (file_.isEmpty()) return;
    QJsonArray entries;
    for (const auto& [header_line, choices] : choices_) {
        QJsonArray columns;
        for (const auto& choice : choices) {
            columns.append(QJsonObject{{QStringLiteral("header"), QString::fromStdString(choice.header)},
                                       {QStringLiteral("meaning"), QString::fromStdString(choice.meaning)},
                                       {QStringLiteral("unit"), QString::fromStdString(choice.unit)}});
        }
        entries.append(QJsonObject{{QLatin1String(key_header_line), QString::fromStdString(header_line)},
                                   {QLatin1String(key_columns), columns}});
    }
    QSaveFile out(file_);
    if (!out.open(QIODevice::WriteOnly)) return;
    out.write(QJsonDocument(entries).toJson());
    out.commit();
}

} // namespace sobremesa::session

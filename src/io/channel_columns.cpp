#include "io/channel_columns.hpp"

#include <algorithm>
#include <array>
#include <charconv>
#include <cmath>

#include "io/text_number.hpp"

namespace sobremesa::io {

namespace {

using telemetry::Channel;
using telemetry::FlightLog;

constexpr const char* system_word = "system";
constexpr const char* battery_word = "battery";

/// Rows that are looked at; a hint of what is in a channel, no more.
constexpr std::size_t rows_shown = 200;

std::vector<Channel> channels_of(const FlightLog& log) {
    std::vector<Channel> channels;
    for (std::size_t i = 0; i < telemetry::channel_count; ++i) {
        if (log.has(Channel(i))) channels.push_back(Channel(i));
    }
    return channels;
}

std::string cell_of(double value, Channel channel) {
    if (!std::isfinite(value)) return {};
    const bool place = channel == Channel::latitude_deg || channel == Channel::longitude_deg;
    return text_from_number(value, place ? 7 : 3);
}

units::Result<std::uint8_t> number_of(const telemetry::ColumnChoice& choice, int least) {
    constexpr int most = 255;
    int number = -1;
    const char* const end = choice.meaning.data() + choice.meaning.size();
    const auto [stopped, error] = std::from_chars(choice.meaning.data(), end, number);
    if (error != std::errc() || stopped != end || number < least || number > most) {
        units::Where where;
        where.field = choice.header;
        return units::failure(units::ErrorCode::word_unknown, where,
                              {{"word", choice.meaning},
                               {"allowed", text_from_number(least, 0) + " … " + text_from_number(most, 0)}});
    }
    return std::uint8_t(number);
}

units::Result<UnderstoodColumns> understood(const FlightLog& log, const std::vector<Channel>& channels,
                                            const std::vector<telemetry::ColumnChoice>& choices,
                                            std::vector<std::vector<std::string>>* first_rows) {
    const std::size_t rows = std::min(log.rows(), rows_shown);
    std::vector<std::vector<std::string>> cells(channels.size());
    std::vector<ColumnText> texts(channels.size());
    for (std::size_t i = 0; i < channels.size(); ++i) {
        for (std::size_t row = 0; row < rows; ++row)
            cells[i].push_back(cell_of(log[channels[i]][row], channels[i]));
        texts[i].label = texts[i].name = telemetry::channel_word(channels[i]);
        for (const std::string& cell : cells[i]) texts[i].cells.push_back(cell);
    }
    if (first_rows) {
        for (std::size_t row = 0; row < std::min(rows, head_rows); ++row) {
            std::vector<std::string>& shown = first_rows->emplace_back();
            for (const auto& column : cells) shown.push_back(column[row]);
        }
    }
    return understand_columns(texts, rows, choices);
}

} // namespace

telemetry::ColumnChoice vehicle_choice(std::uint8_t system) {
    return {system_word, text_from_number(system, 0), {}};
}

telemetry::ColumnChoice battery_choice(std::uint8_t battery) {
    return {battery_word, text_from_number(battery, 0), {}};
}

bool is_vehicle_choice(const telemetry::ColumnChoice& choice) {
    return choice.header == system_word || choice.header == battery_word;
}

units::Result<SaidOfLog> said_of_log(const std::vector<telemetry::ColumnChoice>& choices) {
    SaidOfLog said;
    for (const auto& choice : choices) {
        if (!is_vehicle_choice(choice)) {
            said.channels.push_back(choice);
            continue;
        }
        const bool system = choice.header == system_word;
        const auto number = number_of(choice, system ? 1 : 0);
        if (!number) return tl::unexpected(number.error());
        (system ? said.vehicle.system : said.vehicle.battery) = *number;
    }
    return said;
}

units::Result<CsvHead> head_of_channels(const FlightLog& log, const std::vector<telemetry::ColumnChoice>& choices) {
    CsvHead head;
    const auto channels = channels_of(log);
    auto columns = understood(log, channels, choices, &head.first_rows);
    if (!columns) return tl::unexpected(columns.error());
    head.columns = std::move(columns->columns);
    head.diagnostics = std::move(columns->diagnostics);
    // Without a word of the pilot's a channel is what the format says it is, whatever its figures look like.
    for (std::size_t i = 0; i < channels.size(); ++i) {
        LogColumn& column = head.columns[i];
        if (column.chosen) continue;
        column = {};
        column.kind = LogColumn::Kind::number;
        column.channel = channels[i];
        column.header = telemetry::channel_word(channels[i]);
    }
    return head;
}

units::Result<std::shared_ptr<const FlightLog>>
with_channels_as_said(std::shared_ptr<const FlightLog> log, const std::vector<telemetry::ColumnChoice>& choices) {
    if (choices.empty()) return log;
    const auto channels = channels_of(*log);
    std::string headers;
    for (const Channel channel : channels)
        headers += (headers.empty() ? "" : ", ") + std::string(telemetry::channel_word(channel));
    for (const auto& choice : choices) {
        const auto channel = telemetry::channel_from_word(choice.header);
        if (!channel || !log->has(*channel))
            return units::failure(units::ErrorCode::column_missing, {log->name, {}, {}, {}},
                                  {{"header", choice.header}, {"headers", headers}});
    }
    const auto columns = understood(*log, channels, choices, nullptr);
    if (!columns) return tl::unexpected(columns.error());
    auto changed = std::make_shared<FlightLog>(*log);
    // First everything goes that is something else now, then what it is comes: two channels may change places.
    for (std::size_t i = 0; i < channels.size(); ++i) {
        if (columns->columns[i].chosen) (*changed)[channels[i]].clear();
    }
    for (std::size_t i = 0; i < channels.size(); ++i) {
        const LogColumn& column = columns->columns[i];
        if (!column.chosen || column.kind == LogColumn::Kind::ignored) continue;
        if (column.kind != LogColumn::Kind::number) {
            units::Where where;
            where.field = column.header;
            return units::failure(units::ErrorCode::word_unknown, where,
                                  {{"word", choice_of(column).meaning}, {"allowed", headers}});
        }
        std::vector<double> values = (*log)[channels[i]];
        for (double& value : values) value *= column.scale;
        (*changed)[column.channel] = std::move(values);
    }
    if (!changed->has(Channel::time_s))
        return units::failure(units::ErrorCode::no_time, {log->name, {}, {}, {}}, {{"header", headers}});
    return changed;
}

} // namespace sobremesa::io

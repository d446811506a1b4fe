#pragma once

#include <cstdint>
#include <memory>
#include <optional>
#include <string>
#include <utility>
#include <variant>
#include <vector>

#include <tl/expected.hpp>

namespace sobremesa::units {

/// Everything that can be wrong with what the pilot gives us. The words for each are made in `wording`.
enum class ErrorCode {
    file_not_found,
    file_unreadable,
    file_unwritable,
    file_empty,
    file_binary,
    line_too_long,
    file_too_large,
    archive_unreadable,
    archive_too_large,
    archive_of_many,
    xml_syntax,
    no_track,
    format_not_written,
    no_header,
    header_without_rows,
    no_time,
    no_usable_rows,
    time_stands_still,
    json_syntax,
    json_wrong_type,
    value_missing,
    value_out_of_range,
    word_unknown,
    values_conflict,
    format_unknown,
    version_newer,
    height_outside_atmosphere,
    position_impossible,
    wind_too_strong,
    wind_not_shown,
    not_in_book,
    // about rasters and routes
    raster_unreadable,
    raster_elsewhere,
    raster_module_missing,
    no_route,
    no_areas,
    airspeed_outside_model,
    // about the logbook
    book_damaged,
    book_not_ours,
    book_full,
    book_read_only,
    book_in_use,
    backup_is_the_book,
    backup_exists,
    book_failed,
    log_damaged,
    log_not_the_file,
    log_missing,
    table_missing,
    record_damaged,
    history_damaged,
    count_behind,
    import_path_refused,
    wind_table_short,
    rate_table_above_label,
    cells_above_wing,
    column_missing,
    file_exists,
    link_not_opened,
    cancelled,
};

/// Where the trouble is: as much of file, line, column (both from 1) and field as is known.
struct Where {
    std::string file;
    std::optional<std::int64_t> line;
    std::optional<std::int64_t> column;
    /// Name of the document field or the log column, as the pilot sees it in the file.
    std::string field;
};

/// A value that a message needs, in SI, by name.
struct Parameter {
    std::string name;
    std::variant<double, std::string> value;
};

struct Error {
    ErrorCode code;
    Where where;
    std::vector<Parameter> parameters;
    /// What is wrong with the thing that this is about, where that is an error of its own.
    std::shared_ptr<const Error> cause = nullptr;
};

template <class T>
using Result = tl::expected<T, Error>;

inline tl::unexpected<Error> failure(ErrorCode code, Where where = {}, std::vector<Parameter> parameters = {}) {
    return tl::unexpected<Error>(Error{code, std::move(where), std::move(parameters)});
}

/// A value outside what is physically possible, with the limits that would be accepted.
inline tl::unexpected<Error> out_of_range(std::string field, double value, double least, double most) {
    Where where;
    where.field = std::move(field);
    return failure(ErrorCode::value_out_of_range, std::move(where),
                   {{"value", value}, {"least", least}, {"most", most}});
}

} // namespace sobremesa::units

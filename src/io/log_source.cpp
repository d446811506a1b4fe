#include "io/log_source.hpp"

#include <algorithm>
#include <array>
#include <cctype>
#include <filesystem>
#include <utility>

#include <sys/mman.h>
#include <unistd.h>

#include "io/archive.hpp"
#include "io/mavlink_log.hpp"
#include "io/open_file.hpp"
#include "io/text_logs.hpp"
#include "io/text_number.hpp"
#include "io/workbook.hpp"

namespace sobremesa::io {

namespace {

using units::ErrorCode;

constexpr std::uint64_t most_table_bytes = std::uint64_t(256) << 20;
/// A document of JSON takes some twenty times its size while it is read.
constexpr std::uint64_t most_json_bytes = std::uint64_t(48) << 20;

/// A text format that is read as a table, in the order in which they are asked.
struct TextFormat {
    LogFormat format;
    bool (*looks_like)(std::string_view head);
    TableOfLog (*as_table)(std::string_view text);
    std::uint64_t most_bytes = most_table_bytes;
    /// It is recognised by a line that may be longer than what is looked at.
    bool long_lines = false;
};
constexpr std::array text_formats = {
    TextFormat{LogFormat::html, looks_like_html, html_as_table, most_json_bytes},
    TextFormat{LogFormat::xml, looks_like_xml, xml_as_table, most_json_bytes},
    TextFormat{LogFormat::sql, looks_like_sql, sql_as_table, most_table_bytes, true},
    TextFormat{LogFormat::nmea, looks_like_nmea, nmea_as_table},
    TextFormat{LogFormat::igc, looks_like_igc, igc_as_table},
    TextFormat{LogFormat::subrip, looks_like_subrip, subrip_as_table},
    TextFormat{LogFormat::json, looks_like_json, json_as_table, most_json_bytes},
    TextFormat{LogFormat::named_lines, looks_like_named_lines, named_lines_as_table},
    TextFormat{LogFormat::named_blocks, looks_like_named_blocks, named_blocks_as_table},
    TextFormat{LogFormat::long_table, looks_like_long_table, long_table_as_table},
    TextFormat{LogFormat::transposed, looks_like_transposed, transposed_as_table, most_table_bytes, true},
    TextFormat{LogFormat::records, looks_like_records, records_as_table},
};

std::string path_of(int descriptor) {
    return "/proc/self/fd/" + text_from_number(descriptor, 0);
}

/// "flights.zip/day/one.csv": the archive, and the file in it.
std::optional<std::pair<std::string, std::string>> split_at_archive(const std::string& path) {
    for (auto slash = path.find('/', 1); slash != std::string::npos; slash = path.find('/', slash + 1)) {
        const std::string front = path.substr(0, slash);
        std::error_code ignored;
        if (!std::filesystem::is_regular_file(front, ignored)) continue;
        if (!is_archive(front)) return std::nullopt;
        return std::pair{front, path.substr(slash + 1)};
    }
    return std::nullopt;
}

/// GPX or KML, which have a reader of their own: its root is named after declarations and comments.
bool is_track(std::string_view xml) {
    for (auto open = xml.find('<'); open != std::string_view::npos; open = xml.find('<', open + 1)) {
        const std::string_view rest = xml.substr(open + 1);
        if (rest.starts_with("!--")) {
            open = xml.find("-->", open);
            if (open == std::string_view::npos) return false;
            continue;
        }
        if (rest.starts_with('?') || rest.starts_with('!')) continue;
        const std::string_view name = rest.substr(0, rest.find_first_of(" \t\r\n>/"));
        const std::string_view local =
            name.substr(name.find(':') == std::string_view::npos ? 0 : name.find(':') + 1);
        return local == "gpx" || local == "kml";
    }
    return false;
}

/// Endings of what is no log: settings, pictures, documents of this program.
bool may_be_log(const std::string& name) {
    static constexpr std::array others = {".json",   ".png",  ".jpg", ".jpeg", ".mp4", ".mov",     ".pdf",
                                          ".md",     ".html", ".htm", ".tif",  ".kml", ".geojson", ".db",
                                          ".sqlite", ".py",   ".sh",  ".xml",  ".ini", ".exe",     ".svg"};
    std::string lower = name;
    std::transform(lower.begin(), lower.end(), lower.begin(),
                   [](unsigned char c) { return char(std::tolower(c)); });
    return std::none_of(others.begin(), others.end(), [&](const char* ending) { return lower.ends_with(ending); });
}

} // namespace

LogSource::LogSource(LogSource&& other) noexcept
    : path_(std::move(other.path_)), readable_(std::move(other.readable_)), format_(other.format_),
      held_(std::exchange(other.held_, {})), diagnostics_(std::move(other.diagnostics_)) {}

LogSource::~LogSource() {
    for (const int descriptor : held_) ::close(descriptor);
}

void LogSource::hold(int descriptor) {
    held_.push_back(descriptor);
    readable_ = path_of(descriptor);
}

units::Result<LogSource> LogSource::open(const std::string& path) {
    auto opened = unpacked(path);
    if (!opened) return opened;
    LogSource source = std::move(*opened);
    if (auto found = source.find_format(); !found) return tl::unexpected(source.named(found.error()));
    if (auto rewritten = source.rewrite_text(); !rewritten) return tl::unexpected(source.named(rewritten.error()));
    return source;
}

units::Result<LogSource> LogSource::unpacked(const std::string& path) {
    LogSource source(path);
    std::error_code ignored;
    if (!std::filesystem::exists(path, ignored)) {
        if (const auto inside = split_at_archive(path)) {
            const auto memory = unpack(inside->first, inside->second);
            if (!memory) return tl::unexpected(memory.error());
            source.hold(*memory);
        }
    } else if (is_archive(path) && !is_workbook(path)) {
        auto names = files_in_archive(path);
        if (!names) return tl::unexpected(names.error());
        std::erase_if(*names, [](const std::string& name) { return !may_be_log(name); });
        if (names->empty()) return units::failure(ErrorCode::file_empty, in_file(path));
        if (names->size() > 1) {
            std::string list;
            constexpr std::size_t most_named = 8;
            for (std::size_t i = 0; i < std::min(names->size(), most_named); ++i)
                list += (i > 0 ? ", " : "") + (*names)[i];
            if (names->size() > most_named) list += ", …";
            return units::failure(ErrorCode::archive_of_many, in_file(path),
                                  {{"files", double(names->size())}, {"names", list}});
        }
        const auto memory = unpack(path, names->front());
        if (!memory) return tl::unexpected(memory.error());
        source.hold(*memory);
    }
    return source;
}

units::Error LogSource::named(units::Error error) const {
    if (readable_ != path_ && (error.where.file == readable_ || error.where.file.starts_with("/proc/self/fd/")))
        error.where.file = path_;
    return error;
}

units::Result<void> LogSource::find_format() {
    std::uint64_t size = 0;
    const auto file = open_for_reading(readable_, size);
    if (!file) return tl::unexpected(file.error());
    // As much as holds a whole packet, wherever in one the recording began.
    std::array<unsigned char, 4096> head{};
    const auto read = ::pread(*file, head.data(), head.size(), 0);
    ::close(*file);
    if (read < 0) return system_failure(ErrorCode::file_unreadable, readable_);
    if (read == 0) return units::failure(ErrorCode::file_empty, in_file(readable_));
    if (looks_like_mavlink(head.data(), std::size_t(read))) {
        format_ = LogFormat::mavlink;
        return {};
    }
    // A byte-order mark and blanks may come first.
    std::size_t at = read >= 3 && head[0] == 0xEF && head[1] == 0xBB && head[2] == 0xBF ? 3 : 0;
    while (at < std::size_t(read) && std::isspace(head[at])) ++at;
    const std::string_view start(reinterpret_cast<const char*>(head.data()), std::size_t(read));
    if (at < std::size_t(read) && head[at] == '<' && is_track(start.substr(at))) {
        format_ = LogFormat::gpx;
        return {};
    }
    if (is_workbook(readable_)) {
        format_ = LogFormat::workbook;
        return {};
    }
    const auto text = open_text_for_reading(readable_, size);
    if (!text) return tl::unexpected(text.error());
    const std::string beginning = content_of(*text, std::min<std::uint64_t>(size, head.size()));
    ::close(*text);
    // Behind a byte-order mark, and without a last line that was cut.
    std::string_view whole = beginning;
    if (whole.starts_with("\xEF\xBB\xBF")) whole.remove_prefix(3);
    const std::string_view with_cut_line = whole;
    if (size > head.size()) whole = whole.substr(0, whole.find_last_of('\n'));
    for (const TextFormat& format : text_formats) {
        if (!format.looks_like(format.long_lines ? with_cut_line : whole)) continue;
        format_ = format.format;
        break;
    }
    return {};
}

units::Result<void> LogSource::rewrite_text() {
    if (format_ == LogFormat::workbook) {
        auto csv = workbook_as_csv(readable_);
        if (!csv) return tl::unexpected(csv.error());
        return take_table({std::move(*csv), 0, 0});
    }
    const auto* const format = std::find_if(text_formats.begin(), text_formats.end(),
                                            [&](const TextFormat& each) { return each.format == format_; });
    if (format == text_formats.end()) return {};
    std::uint64_t size = 0;
    const auto file = open_text_for_reading(readable_, size);
    if (!file) return tl::unexpected(file.error());
    if (size > format->most_bytes) {
        ::close(*file);
        return units::failure(ErrorCode::file_too_large, in_file(path_),
                              {{"most_mb", double(format->most_bytes >> 20U)}});
    }
    const std::string text = content_of(*file, size);
    ::close(*file);
    return take_table(format->as_table(std::string_view(text).substr(text.starts_with("\xEF\xBB\xBF") ? 3 : 0)));
}

units::Result<void> LogSource::take_table(const TableOfLog& table) {
    // A header and no row: a receiver that never had a fix. Speaking of columns would mislead.
    if (std::count(table.csv.begin(), table.csv.end(), '\n') < 2)
        return units::failure(ErrorCode::no_track, in_file(path_));
    const int memory = ::memfd_create("sobremesa-table", MFD_CLOEXEC);
    if (memory < 0) return system_failure(ErrorCode::file_unreadable, path_);
    std::size_t put = 0;
    while (put < table.csv.size()) {
        const ssize_t n = ::write(memory, table.csv.data() + put, table.csv.size() - put);
        if (n <= 0) break;
        put += std::size_t(n);
    }
    hold(memory);
    if (table.unread > 0) {
        diagnostics_.push_back({units::DiagnosticCode::records_unreadable,
                                units::Severity::warning,
                                {{"records", double(table.unread)}, {"line", double(table.first_unread)}}});
    }
    return {};
}

bool is_log_document(const std::string& path) {
    std::string ending = std::filesystem::path(path).extension().string();
    std::transform(ending.begin(), ending.end(), ending.begin(),
                   [](unsigned char c) { return char(std::tolower(c)); });
    if (ending != ".json" && ending != ".geojson" && ending != ".kml" && ending != ".xml" && ending != ".html" &&
        ending != ".htm")
        return false;
    constexpr std::uintmax_t most_looked_at = std::uintmax_t(16) << 20U;
    std::error_code trouble;
    const auto size = std::filesystem::file_size(path, trouble);
    if (trouble || size > most_looked_at) return false;
    constexpr std::size_t least_rows = 10;
    const auto log = read_log(path);
    return log && (*log)->rows() >= least_rows;
}

units::Result<std::vector<std::string>> logs_below(const std::vector<std::string>& paths) {
    std::vector<std::string> logs;
    const auto add_file = [&](const std::string& path) -> units::Result<void> {
        if (!is_archive(path) || is_workbook(path)) {
            logs.push_back(path);
            return {};
        }
        auto names = files_in_archive(path);
        if (!names) return tl::unexpected(names.error());
        std::erase_if(*names, [](const std::string& name) { return !may_be_log(name); });
        if (names->size() == 1) {
            logs.push_back(path);
        } else {
            for (const std::string& name : *names) logs.push_back((std::filesystem::path(path) / name).string());
        }
        return {};
    };
    for (const std::string& path : paths) {
        std::error_code trouble;
        if (std::filesystem::is_directory(path, trouble)) {
            std::vector<std::string> files;
            using Walk = std::filesystem::recursive_directory_iterator;
            for (Walk it(path, std::filesystem::directory_options::skip_permission_denied, trouble), end;
                 !trouble && it != end; it.increment(trouble)) {
                const std::string name = it->path().filename().string();
                std::error_code ignored;
                if (name.starts_with('.')) {
                    if (it->is_directory(ignored)) it.disable_recursion_pending();
                    continue;
                }
                if (!it->is_regular_file(ignored)) continue;
                if (may_be_log(name) || is_log_document(it->path().string())) files.push_back(it->path().string());
            }
            std::sort(files.begin(), files.end());
            for (const std::string& file : files) {
                // A broken archive among many files is met again when it is read.
                if (!add_file(file)) logs.push_back(file);
            }
            continue;
        }
        if (!std::filesystem::exists(path, trouble) && !split_at_archive(path)) {
            std::uint64_t size = 0;
            const auto missing = open_for_reading(path, size);
            if (!missing) return tl::unexpected(missing.error());
            ::close(*missing);
        }
        if (auto added = add_file(path); !added) return tl::unexpected(added.error());
    }
    return logs;
}

} // namespace sobremesa::io

// Raw logs, kept whole: whatever a later version reads out of a log, it reads out of the very bytes that were
// flown.

#include <filesystem>
#include <fstream>

#include <sqlite3.h>
#include <zlib.h>

#include "logbook/book.hpp"

namespace sobremesa::logbook {

namespace {

constexpr std::size_t chunk_bytes = std::size_t(2) << 20;

std::uint32_t crc_of(std::uint32_t before, std::string_view bytes) {
    return std::uint32_t(crc32(before, reinterpret_cast<const Bytef*>(bytes.data()), uInt(bytes.size())));
}

/// Empty where there was no memory for it: then nothing may be kept in the log's name.
std::optional<std::string> compressed(std::string_view raw) {
    uLongf size = compressBound(uLong(raw.size()));
    std::string packed(size, '\0');
    if (compress2(reinterpret_cast<Bytef*>(packed.data()), &size, reinterpret_cast<const Bytef*>(raw.data()),
                  uLong(raw.size()), Z_DEFAULT_COMPRESSION) != Z_OK)
        return std::nullopt;
    packed.resize(size);
    return packed;
}

std::optional<std::string> expanded(std::string_view packed, std::size_t raw_bytes, std::uint32_t crc) {
    // A damaged length must not ask for the whole memory.
    if (raw_bytes > 2 * chunk_bytes) return std::nullopt;
    std::string raw(raw_bytes, '\0');
    uLongf size = uLongf(raw_bytes);
    const int code = uncompress(reinterpret_cast<Bytef*>(raw.data()), &size,
                                reinterpret_cast<const Bytef*>(packed.data()), uLong(packed.size()));
    if (code != Z_OK || size != raw_bytes || crc_of(0, raw) != crc) return std::nullopt;
    return raw;
}

std::string last_segment(const std::string& path) {
    const auto slash = path.find_last_of('/');
    return slash == std::string::npos ? path : path.substr(slash + 1);
}

} // namespace

std::optional<std::uint32_t> crc_of_file(const std::string& path) {
    std::ifstream in(path, std::ios::binary);
    std::string raw(chunk_bytes, '\0');
    std::uint32_t crc = 0;
    while (in) {
        in.read(raw.data(), std::streamsize(raw.size()));
        crc = crc_of(crc, std::string_view(raw).substr(0, std::size_t(in.gcount())));
    }
    return in.eof() ? std::optional(crc) : std::nullopt;
}

const StoredLog* same_log(const std::vector<StoredLog>& logs, const std::string& path) {
    std::error_code trouble;
    const auto bytes = std::filesystem::file_size(path, trouble);
    if (trouble) return nullptr;
    std::optional<std::uint32_t> crc;
    for (const StoredLog& log : logs) {
        // The file is read only where a log of its length is there.
        if (std::uint64_t(log.bytes) != bytes) continue;
        if (!crc) crc = crc_of_file(path);
        if (crc == log.crc32) return &log;
    }
    return nullptr;
}

units::Result<StoredLog> Book::storeLog(const std::string& file, const std::stop_token& stop,
                                        const std::function<void(double)>& progress) {
    std::ifstream in(file, std::ios::binary | std::ios::ate);
    if (!in) return units::failure(units::ErrorCode::file_not_found, {file, {}, {}, {}});
    const double whole = double(in.tellg());
    in.seekg(0);
    Transaction transaction(connection_);
    if (!transaction.begun()) return tl::unexpected(transaction.begun().error());
    StoredLog log{0, last_segment(file), 0, 0};
    Statement head = connection_.prepare("INSERT INTO log (name, bytes, crc32, stored_utc) VALUES (?, 0, 0, ?)");
    head.bind(log.name).bind(utc_now());
    if (auto done = connection_.run(head); !done) return tl::unexpected(done.error());
    log.id = connection_.lastRow();

    std::string raw;
    for (std::int64_t number = 0;; ++number) {
        raw.resize(chunk_bytes);
        in.read(raw.data(), std::streamsize(raw.size()));
        raw.resize(std::size_t(in.gcount()));
        if (raw.empty()) break;
        if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
        Statement chunk = connection_.prepare("INSERT INTO log_chunk VALUES (?, ?, ?, ?, ?)");
        chunk.bind(log.id).bind(number).bind(std::int64_t(raw.size())).bind(std::int64_t(crc_of(0, raw)));
        const auto packed = compressed(raw);
        if (!packed) return tl::unexpected(book_error(path(), SQLITE_NOMEM, "no memory to compress the log"));
        chunk.bindBlob(*packed);
        if (auto done = connection_.run(chunk); !done) return tl::unexpected(done.error());
        log.bytes += std::int64_t(raw.size());
        log.crc32 = crc_of(log.crc32, raw);
        if (progress) progress(double(log.bytes) / whole);
    }
    if (in.bad()) return units::failure(units::ErrorCode::file_unreadable, {file, {}, {}, {}});
    Statement size = connection_.prepare("UPDATE log SET bytes = ?, crc32 = ? WHERE id = ?");
    size.bind(log.bytes).bind(std::int64_t(log.crc32)).bind(log.id);
    if (auto done = connection_.run(size); !done) return tl::unexpected(done.error());
    if (auto done = transaction.commit(); !done) return tl::unexpected(done.error());
    return log;
}

/// Hands on the chunks of a log that are whole, in order, until `take` says no.
/// @return what is damaged: chunks by number, and the whole where it is not the file that was filed
units::Result<std::vector<units::Error>> Book::unpack(std::int64_t log_id, const std::stop_token& stop,
                                                      const std::function<bool(std::string_view)>& take) {
    std::vector<units::Error> damage;
    std::string name = "log " + digits(log_id);
    const auto report = [&](units::ErrorCode code, std::int64_t number) {
        damage.push_back({code, {path(), {}, {}, {}}, {{"chunk", double(number + 1)}, {"log", name}}});
    };
    std::optional<std::int64_t> bytes;
    std::uint32_t crc = 0;
    Statement head = connection_.prepare("SELECT bytes, crc32, name FROM log WHERE id = ?");
    head.bind(log_id);
    if (head.step()) {
        bytes = head.integer(0);
        crc = std::uint32_t(head.integer(1));
        name = head.text(2);
    } else if (head.code() != SQLITE_DONE && head.code() != SQLITE_ERROR) {
        return tl::unexpected(connection_.error());
    }
    Statement chunks = connection_.prepare(
        "SELECT number, raw_bytes, crc32, data FROM log_chunk WHERE log_id = ? ORDER BY number");
    chunks.bind(log_id);
    std::int64_t found = 0;
    std::int64_t next = 0;
    std::uint32_t found_crc = 0;
    while (chunks.step()) {
        if (stop.stop_requested()) return units::failure(units::ErrorCode::cancelled);
        for (; next < chunks.integer(0); ++next) report(units::ErrorCode::log_damaged, next);
        next = chunks.integer(0) + 1;
        const auto raw = expanded(chunks.blob(3), std::size_t(chunks.integer(1)), std::uint32_t(chunks.integer(2)));
        if (!raw) {
            report(units::ErrorCode::log_damaged, chunks.integer(0));
            continue;
        }
        found += std::int64_t(raw->size());
        found_crc = crc_of(found_crc, *raw);
        if (!take(*raw)) return damage;
    }
    // A page that cannot be read ends this log, not the others.
    if (chunks.code() != SQLITE_DONE) report(units::ErrorCode::log_damaged, next);
    if (damage.empty() && bytes && found < *bytes) report(units::ErrorCode::log_damaged, next);
    if (damage.empty() && (!bytes || found != *bytes || found_crc != crc))
        report(units::ErrorCode::log_not_the_file, next);
    return damage;
}

units::Result<void> Book::writeLog(std::int64_t log_id, const std::string& file) {
    const auto damage = rescueLog(log_id, file);
    if (!damage) return tl::unexpected(damage.error());
    if (!damage->empty()) return tl::unexpected(damage->front());
    return {};
}

units::Result<std::vector<units::Error>> Book::rescueLog(std::int64_t log_id, const std::string& file) {
    std::ofstream out(file, std::ios::binary | std::ios::trunc);
    auto damage = unpack(log_id, {}, [&out](std::string_view raw) {
        out.write(raw.data(), std::streamsize(raw.size()));
        return bool(out);
    });
    out.flush();
    if (damage && !out) {
        return units::failure(units::ErrorCode::file_unwritable, {file, {}, {}, {}},
                              {{"reason", std::string("no space, or no permission")}});
    }
    return damage;
}

} // namespace sobremesa::logbook

// Raw logs, kept whole: whatever a later version reads out of a log, it reads out of the very bytes that were
// flown.

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

std::string compressed(std::string_view raw) {
    uLongf size = compressBound(uLong(raw.size()));
    std::string packed(size, '\0');
    compress2(reinterpret_cast<Bytef*>(packed.data()), &size, reinterpret_cast<const Bytef*>(raw.data()),
              uLong(raw.size()), Z_DEFAULT_COMPRESSION);
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
        chunk.bindBlob(compressed(raw));
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

units::Result<void> Book::writeLog(std::int64_t log_id, const std::string& file) {
    const auto damaged = [&](std::int64_t number) {
        return units::failure(units::ErrorCode::log_damaged, {path(), {}, {}, {}}, {{"chunk", double(number + 1)}});
    };
    std::ofstream out(file, std::ios::binary | std::ios::trunc);
    Statement head = connection_.prepare("SELECT bytes FROM log WHERE id = ?");
    head.bind(log_id);
    if (!head.step()) {
        if (head.code() != SQLITE_DONE) return tl::unexpected(connection_.error());
        return damaged(0);
    }
    const std::int64_t wanted = head.integer(0);
    Statement chunks = connection_.prepare(
        "SELECT number, raw_bytes, crc32, data FROM log_chunk WHERE log_id = ? ORDER BY number");
    chunks.bind(log_id);
    std::int64_t written = 0;
    std::int64_t next = 0;
    while (chunks.step()) {
        if (chunks.integer(0) != next) return damaged(next);
        const auto raw = expanded(chunks.blob(3), std::size_t(chunks.integer(1)), std::uint32_t(chunks.integer(2)));
        if (!raw) return damaged(next);
        out.write(raw->data(), std::streamsize(raw->size()));
        written += std::int64_t(raw->size());
        ++next;
    }
    if (chunks.code() != SQLITE_DONE) return tl::unexpected(connection_.error());
    if (written != wanted) return damaged(next);
    out.flush();
    if (!out) {
        return units::failure(units::ErrorCode::file_unwritable, {file, {}, {}, {}},
                              {{"reason", std::string("no space, or no permission")}});
    }
    return {};
}

} // namespace sobremesa::logbook

#include "io/binary_workbook.hpp"

#include <array>
#include <bit>
#include <charconv>
#include <cstdint>
#include <cstring>
#include <map>
#include <memory>
#include <optional>
#include <string_view>
#include <utility>

#include <boost/locale/encoding_utf.hpp>
#include <librevenge-stream/librevenge-stream.h>
#include <unistd.h>

#include "io/open_file.hpp"
#include "io/workbook.hpp"

namespace sobremesa::io {

namespace {

using units::ErrorCode;

/// A sheet of that time has no more ([MS-XLS] 2.5.51, Col and Rw).
constexpr std::size_t most_binary_columns = 256;

// [MS-XLS] 2.3.1: the records that hold cells, and what is needed to understand them.
enum RecordType : std::uint16_t {
    formula_record = 0x0006,
    end_of_part = 0x000A,
    epoch_record = 0x0022,
    protection_record = 0x002F,
    continue_record = 0x003C,
    sheet_record = 0x0085,
    compressed_row_record = 0x00BD,
    rich_text_record = 0x00D6,
    style_record = 0x00E0,
    shared_strings_record = 0x00FC,
    shared_string_record = 0x00FD,
    number_record = 0x0203,
    text_record = 0x0204,
    truth_record = 0x0205,
    formula_text_record = 0x0207,
    compressed_number_record = 0x027E,
    format_record = 0x041E,
    begin_of_part = 0x0809,
};

/// Little-endian; zero where the bytes end.
template <class T>
T little_endian(std::string_view bytes, std::size_t place) {
    T value{};
    if (place + sizeof value <= bytes.size()) std::memcpy(&value, bytes.data() + place, sizeof value);
    return value;
}

struct BookRecord {
    std::uint16_t type = 0;
    std::string_view body;
};

/// The records of a stream from a place on, until it ends or is cut.
class BookRecords {
public:
    BookRecords(std::string_view stream, std::size_t place) : stream_(stream), place_(place) {}

    std::optional<BookRecord> next() {
        constexpr std::size_t head = 4;
        if (place_ + head > stream_.size()) return std::nullopt;
        const std::size_t length = little_endian<std::uint16_t>(stream_, place_ + 2);
        const BookRecord record{little_endian<std::uint16_t>(stream_, place_),
                                stream_.substr(place_ + head, length)};
        place_ += head + length;
        return record;
    }

    /// The body of the next record, where it goes on with this one.
    std::optional<std::string_view> continued() {
        if (little_endian<std::uint16_t>(stream_, place_) != continue_record) return std::nullopt;
        const auto record = next();
        return record ? std::optional(record->body) : std::nullopt;
    }

private:
    std::string_view stream_;
    std::size_t place_;
};

/// BookStrings one after another that may go on in the next record; characters say there anew how wide they are
/// ([MS-XLS] 2.4.265 SST, 2.5.293 XLUnicodeRichExtendedString).
class BookStrings {
public:
    explicit BookStrings(std::vector<std::string_view> parts) : parts_(std::move(parts)) {}

    /// Nothing at the end.
    std::optional<std::string> next() {
        const auto length = take<std::uint16_t>();
        const auto flags = take<std::uint8_t>();
        if (!length || !flags) return std::nullopt;
        constexpr std::uint8_t with_extension = 0x04;
        constexpr std::uint8_t with_runs = 0x08;
        const std::size_t runs = (*flags & with_runs) != 0 ? take<std::uint16_t>().value_or(0) : 0;
        const std::size_t extension = (*flags & with_extension) != 0 ? take<std::uint32_t>().value_or(0) : 0;
        std::string text = characters(*length, *flags);
        constexpr std::size_t bytes_per_run = 4;
        skip(bytes_per_run * runs + extension);
        return text;
    }

    /// Characters of one byte or two, the first being those of Latin-1.
    std::string characters(std::size_t count, std::uint8_t flags) {
        std::u16string wide;
        bool two_bytes = (flags & 1U) != 0;
        while (wide.size() < count && part_ < parts_.size()) {
            const std::size_t step = two_bytes ? 2 : 1;
            if (place_ + step > parts_[part_].size()) {
                ++part_;
                place_ = 0;
                if (part_ < parts_.size() && !parts_[part_].empty())
                    two_bytes = (little_endian<std::uint8_t>(parts_[part_], place_++) & 1U) != 0;
                continue;
            }
            wide += two_bytes ? char16_t(little_endian<std::uint16_t>(parts_[part_], place_))
                              : char16_t(little_endian<std::uint8_t>(parts_[part_], place_));
            place_ += step;
        }
        return boost::locale::conv::utf_to_utf<char>(wide);
    }

private:
    /// Heads of strings are not divided between records.
    template <class T>
    std::optional<T> take() {
        while (part_ < parts_.size() && place_ >= parts_[part_].size()) {
            ++part_;
            place_ = 0;
        }
        if (part_ == parts_.size() || place_ + sizeof(T) > parts_[part_].size()) return std::nullopt;
        const T value = little_endian<T>(parts_[part_], place_);
        place_ += sizeof(T);
        return value;
    }

    void skip(std::size_t bytes) {
        while (part_ < parts_.size() && bytes >= parts_[part_].size() - place_) {
            bytes -= parts_[part_].size() - place_;
            ++part_;
            place_ = 0;
        }
        place_ += bytes;
    }

    std::vector<std::string_view> parts_;
    std::size_t part_ = 0;
    std::size_t place_ = 0;
};

/// A length of two bytes, how wide, and the characters.
std::string book_text(std::string_view body, std::size_t place) {
    constexpr std::size_t head = 3;
    if (place + head > body.size()) return {};
    return BookStrings({body.substr(place + head)})
        .characters(little_endian<std::uint16_t>(body, place), little_endian<std::uint8_t>(body, place + 2));
}

/// [MS-XLS] 2.5.217 RkNumber: a whole number of 30 bits or the upper 30 of a double, as they are or in hundredths.
double compressed_number(std::uint32_t bits) {
    constexpr std::uint32_t kinds = 3;
    const double value = (bits & 2U) != 0 ? double(std::int32_t(bits) >> 2)
                                          : std::bit_cast<double>(std::uint64_t(bits & ~kinds) << 32U);
    return (bits & 1U) != 0 ? value / 100.0 : value;
}

class BinaryBook {
public:
    explicit BinaryBook(std::string_view stream) : stream_(stream) {}

    /// Nothing where it is protected, or of another time.
    std::optional<std::vector<Sheet>> sheets() {
        if (!read_globals()) return std::nullopt;
        std::vector<Sheet> result;
        result.reserve(sheet_begins_.size());
        for (const std::size_t begin : sheet_begins_) result.push_back(sheet_from(begin));
        return result;
    }

private:
    bool read_globals() {
        BookRecords records(stream_, 0);
        const auto first = records.next();
        constexpr std::uint16_t version_8 = 0x0600;
        if (!first || first->type != begin_of_part || little_endian<std::uint16_t>(first->body, 0) != version_8)
            return false;
        std::map<int, Shown> formats;
        std::vector<int> styles;
        for (auto record = records.next(); record && record->type != end_of_part; record = records.next()) {
            const std::string_view body = record->body;
            switch (record->type) {
            case protection_record: return false;
            case epoch_record: from_1904_ = little_endian<std::uint16_t>(body, 0) == 1; break;
            case sheet_record:
                // Charts and macros are no sheets of cells.
                if (little_endian<std::uint8_t>(body, 5) == 0)
                    sheet_begins_.push_back(little_endian<std::uint32_t>(body, 0));
                break;
            case format_record:
                formats[little_endian<std::uint16_t>(body, 0)] = shown_by_code(book_text(body, 2));
                break;
            case style_record: styles.push_back(little_endian<std::uint16_t>(body, 2)); break;
            case shared_strings_record: read_strings(records, body); break;
            default: break;
            }
        }
        for (const int id : styles) {
            const auto own = formats.find(id);
            styles_.push_back(own == formats.end() ? shown_by_id(id) : own->second);
        }
        return true;
    }

    void read_strings(BookRecords& records, std::string_view body) {
        constexpr std::size_t counts = 8;
        if (body.size() < counts) return;
        std::vector<std::string_view> parts{body.substr(counts)};
        while (const auto more = records.continued()) parts.push_back(*more);
        BookStrings strings(std::move(parts));
        while (auto text = strings.next()) strings_.push_back(std::move(*text));
    }

    /// Rows and columns are counted from 0; what is beyond a sheet's columns is none.
    static void put(Sheet& sheet, std::size_t row, std::size_t column, std::string text) {
        if (column >= most_binary_columns || text.empty()) return;
        if (row >= sheet.size()) sheet.resize(row + 1);
        if (column >= sheet[row].size()) sheet[row].resize(column + 1);
        sheet[row][column] = std::move(text);
    }

    std::string number_text(double value, std::size_t style) const {
        const Shown how = style < styles_.size() ? styles_[style] : Shown::number;
        if (may_be_shown_as(value, how)) return shown_as(value, how, from_1904_);
        std::array<char, 32> text{};
        // Fifteen digits, as spreadsheets keep: 16.39 rather than 16.389999999999997.
        constexpr int digits = 15;
        const auto end =
            std::to_chars(text.data(), text.data() + text.size(), value, std::chars_format::general, digits);
        return {text.data(), end.ptr};
    }

    /// [MS-XLS] 2.5.133 FormulaValue: a number, or what is none, told by its last two bytes.
    /// @return whether a text follows in a record of its own
    bool put_formula(Sheet& sheet, std::string_view body) const {
        const std::size_t row = little_endian<std::uint16_t>(body, 0);
        const std::size_t column = little_endian<std::uint16_t>(body, 2);
        constexpr std::size_t value = 6;
        if (little_endian<std::uint16_t>(body, value + 6) != 0xFFFF) {
            put(sheet, row, column,
                number_text(little_endian<double>(body, value), little_endian<std::uint16_t>(body, 4)));
            return false;
        }
        const auto kind = little_endian<std::uint8_t>(body, value);
        if (kind == 1) put(sheet, row, column, little_endian<std::uint8_t>(body, value + 2) != 0 ? "1" : "0");
        return kind == 0;
    }

    void put_compressed_row(Sheet& sheet, std::string_view body) const {
        constexpr std::size_t head = 4;
        constexpr std::size_t cell = 6;
        constexpr std::size_t tail = 2;
        const std::size_t first = little_endian<std::uint16_t>(body, 2);
        for (std::size_t i = 0; head + cell * (i + 1) + tail <= body.size(); ++i) {
            const std::size_t place = head + cell * i;
            put(sheet, little_endian<std::uint16_t>(body, 0), first + i,
                number_text(compressed_number(little_endian<std::uint32_t>(body, place + 2)),
                            little_endian<std::uint16_t>(body, place)));
        }
    }

    Sheet sheet_from(std::size_t begin) const {
        Sheet sheet;
        BookRecords records(stream_, begin);
        const auto first = records.next();
        if (!first || first->type != begin_of_part) return sheet;
        // Charts stand inside, as parts of their own.
        int depth = 1;
        std::optional<std::pair<std::size_t, std::size_t>> text_of_formula;
        for (auto record = records.next(); record && depth > 0; record = records.next()) {
            if (record->type == begin_of_part) ++depth;
            if (record->type == end_of_part) --depth;
            if (depth != 1) continue;
            const std::string_view body = record->body;
            const std::size_t row = little_endian<std::uint16_t>(body, 0);
            const std::size_t column = little_endian<std::uint16_t>(body, 2);
            const std::size_t style = little_endian<std::uint16_t>(body, 4);
            constexpr std::size_t value = 6;
            switch (record->type) {
            case number_record:
                put(sheet, row, column, number_text(little_endian<double>(body, value), style));
                break;
            case compressed_number_record:
                put(sheet, row, column,
                    number_text(compressed_number(little_endian<std::uint32_t>(body, value)), style));
                break;
            case compressed_row_record: put_compressed_row(sheet, body); break;
            case shared_string_record: {
                const std::size_t index = little_endian<std::uint32_t>(body, value);
                if (index < strings_.size()) put(sheet, row, column, strings_[index]);
                break;
            }
            case text_record:
            case rich_text_record: put(sheet, row, column, book_text(body, value)); break;
            case truth_record:
                // The second byte tells errors, which say nothing.
                if (little_endian<std::uint8_t>(body, value + 1) == 0)
                    put(sheet, row, column, little_endian<std::uint8_t>(body, value) != 0 ? "1" : "0");
                break;
            case formula_record:
                text_of_formula.reset();
                if (put_formula(sheet, body)) text_of_formula = {row, column};
                break;
            case formula_text_record:
                if (text_of_formula)
                    put(sheet, text_of_formula->first, text_of_formula->second, book_text(body, 0));
                text_of_formula.reset();
                break;
            default: break;
            }
        }
        return sheet;
    }

    std::string_view stream_;
    bool from_1904_ = false;
    std::vector<std::size_t> sheet_begins_;
    std::vector<std::string> strings_;
    std::vector<Shown> styles_;
};

constexpr const char* stream_name = "Workbook";
/// Before 1997.
constexpr const char* older_stream_name = "Book";

/// [MS-CFB] 2.2.
bool is_compound_file(int descriptor) {
    constexpr std::array<unsigned char, 8> signature{0xD0, 0xCF, 0x11, 0xE0, 0xA1, 0xB1, 0x1A, 0xE1};
    std::array<unsigned char, 8> head{};
    return ::pread(descriptor, head.data(), head.size(), 0) == ssize_t(head.size()) && head == signature;
}

/// @return nothing where the file is no compound file, or there is no such stream in it
std::optional<std::string> stream_of(const std::string& content, const char* name) {
    librevenge::RVNGStringStream file(reinterpret_cast<const unsigned char*>(content.data()),
                                      static_cast<unsigned>(content.size()));
    if (!file.isStructured() || !file.existsSubStream(name)) return std::nullopt;
    const std::unique_ptr<librevenge::RVNGInputStream> stream(file.getSubStreamByName(name));
    if (!stream) return std::nullopt;
    unsigned long got = 0;
    const unsigned char* const bytes = stream->read(content.size(), got);
    if (bytes == nullptr) return std::nullopt;
    return std::string(reinterpret_cast<const char*>(bytes), got);
}

/// Empty where the file is no compound file.
units::Result<std::string> content_of_compound_file(const std::string& path) {
    std::uint64_t size = 0;
    const auto file = open_for_reading(path, size);
    if (!file) return tl::unexpected(file.error());
    std::string content;
    const bool compound = is_compound_file(*file);
    if (compound && size <= most_sheet_bytes) content = content_of(*file, size);
    ::close(*file);
    if (compound && size > most_sheet_bytes) {
        return units::failure(ErrorCode::file_too_large, in_file(path),
                              {{"most_mb", double(most_sheet_bytes >> 20U)}});
    }
    return content;
}

} // namespace

bool is_binary_workbook(const std::string& path) {
    const auto content = content_of_compound_file(path);
    if (!content) return content.error().code == ErrorCode::file_too_large;
    return !content->empty() && (stream_of(*content, stream_name) || stream_of(*content, older_stream_name));
}

units::Result<std::vector<Sheet>> binary_workbook_sheets(const std::string& path) {
    const auto content = content_of_compound_file(path);
    if (!content) return tl::unexpected(content.error());
    const auto stream = stream_of(*content, stream_name);
    auto sheets = stream ? BinaryBook(*stream).sheets() : std::nullopt;
    if (!sheets) return units::failure(ErrorCode::file_binary, in_file(path));
    return std::move(*sheets);
}

} // namespace sobremesa::io

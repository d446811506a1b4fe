#include "link/address.hpp"

#include <array>
#include <charconv>
#include <limits>

namespace sobremesa::link {

namespace {

using Kind = Address::Kind;

/// @error naming the kind's word
units::Result<int> whole(const std::string& text, Kind kind, int least, int most) {
    std::int64_t value = 0;
    const auto [end, trouble] = std::from_chars(text.data(), text.data() + text.size(), value);
    const bool number = !text.empty() && end == text.data() + text.size();
    if (!number || trouble == std::errc::invalid_argument) {
        units::Where place;
        place.field = kind_word(kind);
        return units::failure(units::ErrorCode::json_wrong_type, place,
                              {{"wanted", std::string("whole number")}, {"given", text}});
    }
    if (trouble != std::errc()) value = std::numeric_limits<std::int64_t>::max();
    if (value < least || value > most)
        return units::out_of_range(kind_word(kind), double(value), double(least), double(most));
    return int(value);
}

/// `HOST:PORT`, or a port alone.
units::Result<Address> network_address(Kind kind, const std::string& text, int least_port) {
    constexpr int most = 65535;
    Address address;
    const auto colon = text.rfind(':');
    if (colon != std::string::npos && colon > 0) address.host = text.substr(0, colon);
    const auto port = whole(colon == std::string::npos ? text : text.substr(colon + 1), kind, least_port, most);
    if (!port) return tl::unexpected(port.error());
    address.port = std::uint16_t(*port);
    return address;
}

units::Result<Address> udp(const std::string& text) {
    // 0: any that is free.
    return network_address(Kind::udp, text, 0);
}

units::Result<Address> tcp(const std::string& text) {
    return network_address(Kind::tcp, text, 1);
}

units::Result<Address> serial(const std::string& text) {
    constexpr int slowest = 1200;
    constexpr int fastest = 4000000;
    Address address;
    address.path = text;
    const auto colon = text.rfind(':');
    if (colon == std::string::npos) return address;
    const auto baud = whole(text.substr(colon + 1), Kind::serial, slowest, fastest);
    if (!baud) return tl::unexpected(baud.error());
    address.path = text.substr(0, colon);
    address.baud = *baud;
    return address;
}

units::Result<Address> file(const std::string& text) {
    Address address;
    address.path = text;
    return address;
}

struct Traits {
    Kind kind;
    const char* word;
    const char* usual;
    units::Result<Address> (*read)(const std::string& text);
};
constexpr std::array<Traits, 4> kinds = {{{Kind::udp, "udp", "14550", udp},
                                          {Kind::tcp, "tcp", "127.0.0.1:5760", tcp},
                                          {Kind::serial, "serial", "/dev/ttyUSB0:57600", serial},
                                          {Kind::file, "file", "", file}}};

const Traits& traits_of(Kind kind) {
    return kinds[std::size_t(kind)];
}

} // namespace

const std::vector<Address::Kind>& all_kinds() {
    static const auto all = [] {
        std::vector<Kind> list;
        list.reserve(kinds.size());
        for (const Traits& each : kinds) list.push_back(each.kind);
        return list;
    }();
    return all;
}

const char* kind_word(Address::Kind kind) {
    return traits_of(kind).word;
}

const char* usual_address(Address::Kind kind) {
    return traits_of(kind).usual;
}

units::Result<Address> address_of(Address::Kind kind, const std::string& text) {
    auto address = traits_of(kind).read(text);
    if (address) address->kind = kind;
    return address;
}

} // namespace sobremesa::link

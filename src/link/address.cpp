#include "link/address.hpp"

#include <charconv>
#include <optional>

namespace sobremesa::link {

namespace {

std::optional<int> whole(const std::string& text) {
    int value = 0;
    const auto [end, trouble] = std::from_chars(text.data(), text.data() + text.size(), value);
    if (trouble != std::errc() || end != text.data() + text.size() || text.empty()) return std::nullopt;
    return value;
}

units::Result<std::uint16_t> port(const std::string& text, const char* option, int least) {
    constexpr int most = 65535;
    const auto value = whole(text);
    if (!value || *value < least || *value > most)
        return units::out_of_range(option, double(value.value_or(-1)), double(least), double(most));
    return std::uint16_t(*value);
}

} // namespace

units::Result<Address> udp_address(const std::string& text) {
    Address address;
    const auto colon = text.rfind(':');
    if (colon != std::string::npos) address.host = text.substr(0, colon);
    // 0: any that is free.
    const auto found = port(colon == std::string::npos ? text : text.substr(colon + 1), "--udp", 0);
    if (!found) return tl::unexpected(found.error());
    address.port = *found;
    return address;
}

units::Result<Address> tcp_address(const std::string& text) {
    Address address;
    address.kind = Address::Kind::tcp;
    const auto colon = text.rfind(':');
    if (colon != std::string::npos && colon > 0) address.host = text.substr(0, colon);
    const auto found = port(colon == std::string::npos ? text : text.substr(colon + 1), "--tcp", 1);
    if (!found) return tl::unexpected(found.error());
    address.port = *found;
    return address;
}

units::Result<Address> serial_address(const std::string& text) {
    Address address;
    address.kind = Address::Kind::serial;
    address.path = text;
    constexpr int slowest = 1200;
    constexpr int fastest = 4000000;
    const auto colon = text.rfind(':');
    if (colon == std::string::npos) return address;
    const auto baud = whole(text.substr(colon + 1));
    if (!baud || *baud < slowest || *baud > fastest)
        return units::out_of_range("--serial", double(baud.value_or(0)), slowest, fastest);
    address.path = text.substr(0, colon);
    address.baud = *baud;
    return address;
}

} // namespace sobremesa::link

#pragma once

#include <memory>

#include <QByteArray>
#include <QObject>

#include "link/address.hpp"

namespace sobremesa::link {

/// Bytes of a live link. It only listens: nothing is ever written to it, and what could be written to is opened for
/// reading alone.
class Source : public QObject {
    Q_OBJECT
public:
    using QObject::QObject;
    /// Begins to listen. A caller (TCP), a port that is unplugged and a file that is not there yet are tried again
    /// every two seconds.
    /// @error `link_not_opened` where trying again would not help
    virtual units::Result<void> open() = 0;
    /// For people: "udp 127.0.0.1:14550".
    virtual std::string where() const = 0;
    virtual bool is_connected() const = 0;

signals:
    /// @param arrival_s  since 1970
    void received(const QByteArray& bytes, double arrival_s);
    void connectedChanged(bool connected);
};

std::unique_ptr<Source> make_source(const Address& address);

} // namespace sobremesa::link

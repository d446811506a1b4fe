#include "link/source.hpp"

#include <cerrno>
#include <chrono>
#include <cstring>

#include <QNetworkProxy>
#include <QSerialPort>
#include <QTcpSocket>
#include <QTimer>
#include <QUdpSocket>

#include <fcntl.h>
#include <sys/stat.h>
#include <unistd.h>

namespace sobremesa::link {

namespace {

constexpr int try_again_ms = 2000;
constexpr int look_at_file_ms = 200;
/// Bursts of a stream that is played fast wait here until they are read.
constexpr int receive_buffer = 8 << 20;
constexpr qint64 largest_read = 1 << 20;

double now_s() {
    return std::chrono::duration<double>(std::chrono::system_clock::now().time_since_epoch()).count();
}

tl::unexpected<units::Error> not_opened(const std::string& where, const QString& why) {
    units::Where place;
    place.file = where;
    return units::failure(units::ErrorCode::link_not_opened, place,
                          {{"link", where}, {"reason", why.toStdString()}});
}

/// To the address that was given and nowhere else: looking for a proxy would ask the desktop, and the network.
void goes_straight(QAbstractSocket& socket) {
    socket.setProxy(QNetworkProxy::NoProxy);
}

class UdpSource : public Source {
public:
    explicit UdpSource(const Address& address) : address_(address) {
        goes_straight(socket_);
        connect(&socket_, &QUdpSocket::readyRead, this, [this] {
            while (socket_.hasPendingDatagrams()) {
                QByteArray bytes(int(socket_.pendingDatagramSize()), Qt::Uninitialized);
                const qint64 got = socket_.readDatagram(bytes.data(), bytes.size());
                if (got <= 0) continue;
                bytes.truncate(int(got));
                emit received(bytes, now_s());
            }
        });
    }
    units::Result<void> open() override {
        const QHostAddress host(QString::fromStdString(address_.host));
        if (host.isNull())
            return not_opened(where(), QStringLiteral("%1").arg(QString::fromStdString(address_.host)));
        if (!socket_.bind(host, address_.port, QUdpSocket::DontShareAddress))
            return not_opened(where(), socket_.errorString());
        socket_.setSocketOption(QAbstractSocket::ReceiveBufferSizeSocketOption, receive_buffer);
        address_.port = socket_.localPort();
        emit connectedChanged(true);
        return {};
    }
    std::string where() const override {
        return "udp " + address_.host + ":" + QString::number(address_.port).toStdString();
    }
    bool is_connected() const override { return socket_.state() == QAbstractSocket::BoundState; }

private:
    Address address_;
    QUdpSocket socket_;
};

class TcpSource : public Source {
public:
    explicit TcpSource(const Address& address) : address_(address) {
        goes_straight(socket_);
        again_.setSingleShot(true);
        again_.setInterval(try_again_ms);
        connect(&again_, &QTimer::timeout, this, [this] { call(); });
        connect(&socket_, &QTcpSocket::connected, this, [this] { emit connectedChanged(true); });
        connect(&socket_, &QTcpSocket::readyRead, this, [this] {
            while (socket_.bytesAvailable() > 0) emit received(socket_.read(largest_read), now_s());
        });
        connect(&socket_, &QTcpSocket::disconnected, this, [this] {
            emit connectedChanged(false);
            again_.start();
        });
        connect(&socket_, &QTcpSocket::errorOccurred, this, [this] {
            if (socket_.state() != QAbstractSocket::ConnectedState) again_.start();
        });
    }
    ~TcpSource() override { socket_.disconnect(this); }
    units::Result<void> open() override {
        call();
        return {};
    }
    std::string where() const override {
        return "tcp " + address_.host + ":" + QString::number(address_.port).toStdString();
    }
    bool is_connected() const override { return socket_.state() == QAbstractSocket::ConnectedState; }

private:
    void call() {
        socket_.abort();
        socket_.connectToHost(QString::fromStdString(address_.host), address_.port, QIODevice::ReadOnly);
    }
    Address address_;
    QTcpSocket socket_;
    QTimer again_;
};

class SerialSource : public Source {
public:
    explicit SerialSource(const Address& address) : address_(address) {
        again_.setInterval(try_again_ms);
        connect(&again_, &QTimer::timeout, this, [this] { try_to_open(); });
        connect(&port_, &QSerialPort::readyRead, this, [this] {
            while (port_.bytesAvailable() > 0) emit received(port_.read(largest_read), now_s());
        });
        connect(&port_, &QSerialPort::errorOccurred, this, [this](QSerialPort::SerialPortError error) {
            if (error == QSerialPort::NoError || error == QSerialPort::TimeoutError || !port_.isOpen()) return;
            // Unplugged: it may be plugged in again.
            port_.close();
            emit connectedChanged(false);
            again_.start();
        });
    }
    ~SerialSource() override { port_.disconnect(this); }
    units::Result<void> open() override {
        if (try_to_open()) return {};
        const auto why = port_.error();
        if (why == QSerialPort::PermissionError) return not_opened(where(), port_.errorString());
        again_.start();
        return {};
    }
    std::string where() const override {
        return "serial " + address_.path + ":" + QString::number(address_.baud).toStdString();
    }
    bool is_connected() const override { return port_.isOpen(); }

private:
    bool try_to_open() {
        port_.setPortName(QString::fromStdString(address_.path));
        port_.setBaudRate(address_.baud);
        if (!port_.open(QIODevice::ReadOnly)) return false;
        again_.stop();
        emit connectedChanged(true);
        return true;
    }
    Address address_;
    QSerialPort port_;
    QTimer again_;
};

/// A log file that is still written.
class FileSource : public Source {
public:
    explicit FileSource(const Address& address) : address_(address) {
        look_.setInterval(look_at_file_ms);
        connect(&look_, &QTimer::timeout, this, [this] { look(); });
    }
    ~FileSource() override {
        if (file_ >= 0) ::close(file_);
    }
    units::Result<void> open() override {
        look_.start();
        look();
        return {};
    }
    std::string where() const override { return "file " + address_.path; }
    bool is_connected() const override { return file_ >= 0; }

private:
    void look() {
        if (file_ < 0) {
            file_ = ::open(address_.path.c_str(), O_RDONLY | O_CLOEXEC);
            if (file_ < 0) return;
            emit connectedChanged(true);
        }
        struct stat now {};
        // Begun anew, or made shorter: what is there now is another log.
        if (::fstat(file_, &now) == 0 && now.st_size < at_) at_ = 0;
        QByteArray bytes(int(largest_read), Qt::Uninitialized);
        for (;;) {
            const auto got = ::pread(file_, bytes.data(), std::size_t(bytes.size()), at_);
            if (got <= 0) break;
            at_ += got;
            emit received(QByteArray(bytes.constData(), int(got)), now_s());
        }
    }
    Address address_;
    QTimer look_;
    int file_ = -1;
    off_t at_ = 0;
};

} // namespace

std::unique_ptr<Source> make_source(const Address& address) {
    switch (address.kind) {
    case Address::Kind::udp: return std::make_unique<UdpSource>(address);
    case Address::Kind::tcp: return std::make_unique<TcpSource>(address);
    case Address::Kind::serial: return std::make_unique<SerialSource>(address);
    case Address::Kind::file: return std::make_unique<FileSource>(address);
    }
    return nullptr;
}

} // namespace sobremesa::link

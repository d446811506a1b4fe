#pragma once

#include <cstdint>
#include <optional>

#include "app/widgets/popover.hpp"
#include "io/mavlink_rows.hpp"
#include "link/address.hpp"

class QLineEdit;
class QPushButton;
class QSettings;

namespace sobremesa::app {

class ChoiceBox;
class TextLabel;

/// Where telemetry comes from: asked once, remembered.
class SourceSheet : public Popover {
    Q_OBJECT
public:
    SourceSheet(QSettings& settings, QWidget* parent);

signals:
    void chosen(const sobremesa::link::Address& address, const sobremesa::io::mavlink::Choice& choice);

private:
    void makeWhich();
    void showKind();
    void take();
    void refuse(const QString& words);
    /// A number of a vehicle or a battery, or nothing where the field is empty.
    /// @return false where something else stands there
    bool number(const QLineEdit& field, int least, std::optional<std::uint8_t>& found);

    QSettings& settings_;
    ChoiceBox* kind_;
    QLineEdit* where_;
    QWidget* which_;
    QLineEdit* vehicle_;
    QLineEdit* battery_;
    TextLabel* help_;
    TextLabel* trouble_;
    QPushButton* browse_;
};

} // namespace sobremesa::app

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
class NumberField;
class TextLabel;

/// Where telemetry comes from: asked once, remembered; the current sensor's factor for each aircraft.
class SourceSheet : public Popover {
    Q_OBJECT
public:
    /// @param aircraft  by name, as the plan has it
    SourceSheet(QSettings& settings, const QString& aircraft, QWidget* parent);

signals:
    void chosen(const sobremesa::link::Address& address, const sobremesa::io::mavlink::Choice& choice,
                std::optional<double> current_factor);

private:
    void makeWhich();
    void makeFactor();
    QString factorKey() const;
    link::Address::Kind chosenKind() const;
    void showKind();
    void take();
    void refuse(const QString& words);
    /// A number of a vehicle or a battery, or nothing where the field is empty.
    /// @return false where something else stands there
    bool number(const QLineEdit& field, int least, std::optional<std::uint8_t>& found);

    QSettings& settings_;
    QString aircraft_;
    ChoiceBox* kind_;
    QLineEdit* where_;
    QWidget* which_;
    QLineEdit* vehicle_;
    QLineEdit* battery_;
    NumberField* factor_;
    TextLabel* help_;
    TextLabel* trouble_;
    QPushButton* browse_;
};

} // namespace sobremesa::app

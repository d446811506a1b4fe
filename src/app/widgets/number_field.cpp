#include "app/widgets/number_field.hpp"

#include <QKeyEvent>

#include "io/text_number.hpp"
#include "io/typed_number.hpp"
#include "wording/language.hpp"

namespace sobremesa::app {

NumberField::NumberField(QWidget* parent) : QLineEdit(parent) {
    setAlignment(Qt::AlignRight);
    connect(this, &QLineEdit::textEdited, this, &NumberField::readAgain);
}

QString NumberField::written(double value, int decimals) {
    return QString::fromStdString(io::text_from_number(value, decimals))
        .replace(QLatin1Char('.'), wording::decimal_mark());
}

void NumberField::setValue(double value, int decimals) {
    decimals_ = decimals;
    setText(written(value, decimals));
    setWrong(false);
}

std::optional<double> NumberField::value() const {
    const auto typed = io::typed_number(text().toStdString());
    if (!typed) return std::nullopt;
    return io::in_field_unit(*typed, unit_.toStdString());
}

void NumberField::setWrong(bool wrong) {
    if (property("wrong").toBool() == wrong) return;
    setProperty("wrong", wrong);
    update();
}

void NumberField::readAgain() {
    const auto number = value();
    setWrong(!number);
    if (number)
        emit valueEdited(*number);
    else
        emit unreadable();
}

void NumberField::keyPressEvent(QKeyEvent* event) {
    const bool up = event->key() == Qt::Key_Up;
    if (up || event->key() == Qt::Key_Down) {
        if (const auto number = value()) {
            setValue(*number + (up ? step_ : -step_), decimals_);
            readAgain();
        }
        return;
    }
    QLineEdit::keyPressEvent(event);
}

} // namespace sobremesa::app

#pragma once

#include <functional>
#include <optional>

#include <QLineEdit>

namespace sobremesa::app {

/// A field for one number. Comma and point both mean decimal, only a blank groups; what cannot be read is marked
/// where it is typed and never silently changed. A unit may be typed with the number.
class NumberField : public QLineEdit {
    Q_OBJECT
public:
    explicit NumberField(QWidget* parent = nullptr);

    /// As a field shows it: ungrouped, with the decimal mark of the language.
    static QString written(double value, int decimals);
    void setValue(double value, int decimals);
    /// The number typed, or nothing while it cannot be read.
    std::optional<double> value() const;
    /// The unit that the field is in, as it stands beside it: another of its kind can be typed with the number.
    void setUnit(const QString& unit) { unit_ = unit; }
    /// Steps of the arrow keys.
    void setStep(double step) { step_ = step; }
    void setWrong(bool wrong);

signals:
    void valueEdited(double value);
    void unreadable();

protected:
    void keyPressEvent(QKeyEvent* event) override;

private:
    void readAgain();
    QString unit_;
    double step_ = 1.0;
    int decimals_ = 1;
};

} // namespace sobremesa::app

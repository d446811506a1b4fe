#pragma once

#include <vector>

#include <QWidget>

namespace sobremesa::app {

/// What a mass is made of, as one bar: each part as long as it is heavy, its name and mass inside where there is
/// room.
class MassBar : public QWidget {
    Q_OBJECT
public:
    explicit MassBar(QWidget* parent = nullptr);

    struct Part {
        QString name;
        double mass_kg = 0.0;
    };
    void setParts(std::vector<Part> parts);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<Part> parts_;
};

} // namespace sobremesa::app

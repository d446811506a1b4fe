#pragma once

#include <vector>

#include <QWidget>

#include "core/units/sensitivity.hpp"

namespace sobremesa::app {

/// What moves a figure most: one bar for each input, to the left where it makes it less, to the right where more,
/// as long as it moves it, with its words.
class SensitivityBars : public QWidget {
    Q_OBJECT
public:
    explicit SensitivityBars(QWidget* parent = nullptr);
    /// @param of  which figure is moved
    void setSensitivities(std::vector<units::Sensitivity> sensitivities, units::Quantity of);

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    std::vector<units::Sensitivity> sensitivities_;
    units::Quantity of_{};
};

} // namespace sobremesa::app

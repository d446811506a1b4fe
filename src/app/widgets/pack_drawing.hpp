#pragma once

#include <optional>

#include <QWidget>

#include "core/battery/pack_builder.hpp"

namespace sobremesa::app {

/// A pack that is being built, from above and to scale: its cells with the poles that are seen, its strips, its
/// sides; and around it the bay of the aircraft, where that is known.
class PackDrawing : public QWidget {
    Q_OBJECT
public:
    explicit PackDrawing(QWidget* parent = nullptr);
    /// @param bay       its sides, turned as the pack goes in; empty: not known
    /// @param aircraft  whose bay it is
    void setBuild(const battery::Build& build, const std::optional<battery::Size>& bay, const QString& aircraft);
    QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    battery::Build build_;
    battery::PackLayout laid_;
    std::optional<battery::Size> bay_;
    QString bay_words_;
    bool fits_ = false;
};

} // namespace sobremesa::app

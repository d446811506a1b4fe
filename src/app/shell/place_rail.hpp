#pragma once

#include <functional>
#include <vector>

#include <QAbstractButton>
#include <QWidget>

class QVBoxLayout;

namespace sobremesa::app {

/// One place on the rail: a drawn sign and its name.
class RailButton : public QAbstractButton {
    Q_OBJECT
public:
    using Sign = std::function<void(QPainter&, const QRectF&)>;
    RailButton(const QString& name, Sign sign, QWidget* parent = nullptr);
    QSize sizeHint() const override;
    void setSignOnly(bool sign_only);

protected:
    void paintEvent(QPaintEvent* event) override;
    void focusInEvent(QFocusEvent* event) override;

private:
    Sign sign_;
    /// The ring is for those who walk by keyboard.
    bool focus_ring_ = false;
    bool sign_only_ = false;
};

/// The slim rail at the left: the places in the order of the day, and the menu at its foot.
class PlaceRail : public QWidget {
    Q_OBJECT
public:
    explicit PlaceRail(QWidget* parent = nullptr);
    RailButton* addPlace(const QString& name, RailButton::Sign sign);
    RailButton* addFoot(const QString& name, RailButton::Sign sign);
    /// Signs without names, for narrow windows and large text; the names stay in tool tips and for screen readers.
    void setSignsOnly(bool signs_only);

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QVBoxLayout* column_;
    std::vector<RailButton*> buttons_;
};

void paint_fleet_sign(QPainter& painter, const QRectF& box);
void paint_packs_sign(QPainter& painter, const QRectF& box);
void paint_sensors_sign(QPainter& painter, const QRectF& box);
void paint_logbook_sign(QPainter& painter, const QRectF& box);
void paint_plan_sign(QPainter& painter, const QRectF& box);
void paint_watch_sign(QPainter& painter, const QRectF& box);
void paint_debrief_sign(QPainter& painter, const QRectF& box);
void paint_menu_sign(QPainter& painter, const QRectF& box);

} // namespace sobremesa::app

#pragma once

#include <QString>
#include <QWidget>

namespace sobremesa::app {

/// A figure that is read from two metres away: large, with its unit, and a line below.
class BigFigure : public QWidget {
    Q_OBJECT
public:
    explicit BigFigure(const QString& caption, QWidget* parent = nullptr);
    /// @param warns  stands in the colour of warnings, with their triangle
    void setFigure(const QString& figure, const QString& unit, const QString& below = {}, bool warns = false);
    QString text() const { return figure_ + QLatin1Char(' ') + unit_; }
    bool warns() const { return warns_; }

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void paintEvent(QPaintEvent* event) override;

private:
    QString caption_;
    QString figure_;
    QString unit_;
    QString below_;
    bool warns_ = false;
};

} // namespace sobremesa::app

#pragma once

#include <optional>

#include <QWidget>

#include "app/widgets/context_actions.hpp"
#include "core/units/explanation.hpp"

namespace sobremesa::app {

/// A figure with its error, unit and name. Click it, or press F1 with it focused, and it says why.
class ExplainedNumber : public QWidget, public ContextActions {
    Q_OBJECT
public:
    explicit ExplainedNumber(QWidget* parent = nullptr);
    /// @param caption  what stands below; empty: the quantity's own name
    void setExplanation(const std::optional<units::Explanation>& explanation, const QString& caption = {});
    const std::optional<units::Explanation>& explanation() const { return explanation_; }
    void showWhy();
    void fillMenu(QMenu& menu, const QPoint& at) override;

    QSize sizeHint() const override;
    QSize minimumSizeHint() const override { return sizeHint(); }

protected:
    void paintEvent(QPaintEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void enterEvent(QEnterEvent* event) override;
    void leaveEvent(QEvent* event) override;

private:
    struct Parts {
        QString figure;
        QString rest; ///< "± 3 Wh"
    };
    void write();

    std::optional<units::Explanation> explanation_;
    QString caption_;
    Parts parts_;
    /// Of the shapes of what stands on it, at that scale.
    mutable QSize hint_;
    mutable QString hint_of_;
    mutable double hint_scale_ = 0.0;
    bool hovered_ = false;
};

} // namespace sobremesa::app

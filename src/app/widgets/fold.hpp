#pragma once

#include <functional>
#include <vector>

#include <QWidget>

class QTabWidget;
class QVBoxLayout;

namespace sobremesa::app {

/// Several panes side by side where there is room; where there is less, one of them keeps its place below the
/// others as tabs; and all of them as tabs where there is none.
class Fold : public QWidget {
    Q_OBJECT
public:
    /// One of two panes that stand beside each other, with a hairline between.
    struct Half {
        QString name;
        QWidget* pane;
        /// Share of the width, in parts.
        int parts;
    };

    explicit Fold(QWidget* parent = nullptr);
    Fold(const Half& left, const Half& right);
    /// A page of two panes and nothing else.
    static void fill(QWidget& page, const Half& left, const Half& right);
    /// @param kept  stays in sight below the tabs of the others as long as the height allows
    void addPane(const QString& name, QWidget* pane, bool kept = false);
    /// The kept pane stands beside the tabs instead of below them: for what needs height more than width.
    void setKeptBeside() { kept_beside_ = true; }
    /// Lays all panes out on one page; called again whenever the window becomes wide.
    void setWideArrangement(std::function<void(QWidget* page)> arrange);
    /// Panes that need less height than usual stay unfolded in less of it, px of the design.
    void setLeastHeight(int height) { least_height_ = height; }
    enum class Shape { wide, tabs_and_kept, tabs };
    Shape shape() const { return shape_; }
    /// Room below which panes fold, in pixels of the design: narrower windows, or larger text.
    static constexpr int fold_width = 1000;
    static constexpr int fold_height = 560;

protected:
    void resizeEvent(QResizeEvent* event) override;
    void showEvent(QShowEvent* event) override;

private:
    void arrange(Shape shape);
    QWidget* makeTabs(bool with_kept);
    struct Pane {
        QString name;
        QWidget* widget;
        bool kept;
    };
    std::vector<Pane> panes_;
    std::function<void(QWidget*)> arrange_wide_;
    QVBoxLayout* column_;
    QWidget* page_ = nullptr;
    Shape shape_ = Shape::wide;
    bool kept_beside_ = false;
    int least_height_ = fold_height;
};

} // namespace sobremesa::app

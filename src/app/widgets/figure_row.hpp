#pragma once

#include <vector>

#include <QWidget>

namespace sobremesa::app {

class ExplainedNumber;

/// Figures side by side, going on in the next line where a line is full.
class FigureRow : public QWidget {
    Q_OBJECT
public:
    FigureRow(int count, QWidget* parent = nullptr);
    const std::vector<ExplainedNumber*>& figures() const { return figures_; }
    /// To be called when figures came, went or changed.
    void layOutAgain();

    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;

private:
    int layOut(int width, bool move) const;
    std::vector<ExplainedNumber*> figures_;
};

} // namespace sobremesa::app

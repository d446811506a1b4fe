#pragma once

#include <vector>

#include <QWidget>

#include "app/shell/setting_fields.hpp"
#include "app/shell/setting_sheet.hpp"
#include "session/plan_session.hpp"

namespace sobremesa::app {

class EditableWord;

/// The setting as one readable sentence, editable in place; wraps to two lines where one is not enough.
class SettingLine : public QWidget {
    Q_OBJECT
public:
    /// @param names  what the names of the words begin with, for tests and the keyboard
    explicit SettingLine(session::PlanSession& session, const QString& names = QStringLiteral("setting"),
                         QWidget* parent = nullptr);

    /// What the library offers for a word (by its place among the words), asked when its sheet opens.
    void setLibrary(std::function<RecordListChoice(std::size_t)> library) { library_ = std::move(library); }

    /// Another place, another sentence: of the same words, those it needs.
    void setSentence(const QString& sentence);
    /// To the first word that can be edited; Tab goes on from there.
    void focusFirst();

    bool hasHeightForWidth() const override { return true; }
    int heightForWidth(int width) const override;
    QSize sizeHint() const override;
    QSize minimumSizeHint() const override;

protected:
    void resizeEvent(QResizeEvent* event) override;
    void paintEvent(QPaintEvent* event) override;

private:
    struct Piece {
        EditableWord* word = nullptr; ///< or plain text
        QString text;
        QRect place;
        int wide = 0; ///< of plain text
    };
    void measure();
    void refresh();
    int layOut(int width, bool move);
    void openSheet(std::size_t index);
    void step(std::size_t index, int steps);

    session::PlanSession& session_;
    std::vector<SettingWord> words_;
    std::vector<EditableWord*> buttons_;
    std::vector<Piece> pieces_;
    std::function<RecordListChoice(std::size_t)> library_;
};

} // namespace sobremesa::app

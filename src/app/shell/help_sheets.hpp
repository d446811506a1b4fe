#pragma once

#include <QDialog>

class QListWidget;
class QTextBrowser;
class QLineEdit;

namespace sobremesa::app {

class Commands;

/// The user guide, as it ships with the program, in the language that it speaks: its chapters at the left, the text
/// beside them, and a search.
class GuideWindow : public QDialog {
    Q_OBJECT
public:
    explicit GuideWindow(QWidget* parent = nullptr);
    /// Scrolls to the chapter that the English guide heads so; to the beginning where there is none. The guides of
    /// all languages have the same chapters.
    void showChapter(const QString& heading);
    /// The next place, from the cursor on, where the words stand. @return whether there is one
    bool find(const QString& words);
    QString chapter() const;

private:
    void dress();
    QLineEdit* words_;
    QListWidget* chapters_;
    QTextBrowser* text_;
};

/// Every command that has keys, and what else keys do: one sheet.
class ShortcutsSheet : public QDialog {
    Q_OBJECT
public:
    explicit ShortcutsSheet(const Commands& commands, QWidget* parent = nullptr);
};

/// Version, licence, and what it is made of.
class AboutSheet : public QDialog {
    Q_OBJECT
public:
    explicit AboutSheet(QWidget* parent = nullptr);
};

} // namespace sobremesa::app

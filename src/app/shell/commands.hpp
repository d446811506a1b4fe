#pragma once

#include <functional>
#include <vector>

#include <QAction>
#include <QObject>

class QMenu;
class QMainWindow;

namespace sobremesa::app {

/// Every command of the window, in the menus and in the command search alike.
class Commands : public QObject {
    Q_OBJECT
public:
    explicit Commands(QMainWindow& window);

    QMenu& menu() { return *menu_; }
    /// Under which heading the next commands stand; empty: in the menu itself.
    void begin(const QString& heading);
    QAction* add(const char* name, const QString& text, const QKeySequence& keys, std::function<void()> call);
    /// One of several that exclude each other.
    QAction* addChoice(const char* name, const QString& text, bool chosen, std::function<void()> call);
    /// Other words that the search finds it by; nothing happens where there is no such command.
    void setSynonyms(const char* name, const QString& words);
    void separate();
    QMenu* heading() { return current_; }
    /// The command of that name; there must be one.
    QAction* find(const char* name) const;
    const std::vector<QAction*>& all() const { return all_; }

    /// Ctrl+K: find any command by its words.
    void search();

private:
    QMainWindow& window_;
    QMenu* menu_;
    QMenu* current_;
    class QActionGroup* group_ = nullptr;
    std::vector<QAction*> all_;
};

} // namespace sobremesa::app

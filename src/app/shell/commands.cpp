#include "app/shell/commands.hpp"

#include <QActionGroup>
#include <QKeyEvent>
#include <QLineEdit>
#include <QListView>
#include <QMainWindow>
#include <QMenu>
#include <QSortFilterProxyModel>
#include <QStandardItemModel>

#include "app/theme/look.hpp"
#include "app/widgets/popover.hpp"
#include "app/widgets/text_labels.hpp"

namespace sobremesa::app {

namespace {

constexpr int searched_role = Qt::UserRole + 2;

/// The search's list: arrows move in it while the words are being typed.
class CommandSearch : public Popover {
public:
    CommandSearch(const std::vector<QAction*>& commands, QWidget* parent) : Popover(parent) {
        const Look& look = Look::instance();
        setAccessibleName(Commands::tr("Find a command"));
        setFixedWidth(look.scaled(480));
        typed_ = new QLineEdit;
        typed_->setObjectName(QStringLiteral("commandWords"));
        typed_->setAccessibleName(Commands::tr("Words of a command"));
        typed_->setPlaceholderText(Commands::tr("Find a command: undo, backup, knots, evening…"));
        column()->addWidget(typed_);
        auto* model = new QStandardItemModel(this);
        for (QAction* action : commands) {
            if (!action->isEnabled() || !action->isVisible()) continue;
            const QString heading = action->property("heading").toString();
            QString text = action->text();
            if (!heading.isEmpty()) text = Commands::tr("%1: %2", "heading, command").arg(heading, text);
            const QString keys = action->shortcut().toString(QKeySequence::NativeText);
            if (!keys.isEmpty()) text += QStringLiteral("   ") + keys;
            auto* item = new QStandardItem(text);
            item->setData(QVariant::fromValue(action));
            item->setData(text + QLatin1Char(' ') + action->property("synonyms").toString(), searched_role);
            item->setEditable(false);
            item->setSizeHint(QSize(0, look.scaled(26)));
            model->appendRow(item);
        }
        found_ = new QSortFilterProxyModel(this);
        found_->setSourceModel(model);
        found_->setFilterCaseSensitivity(Qt::CaseInsensitive);
        found_->setFilterRole(searched_role);
        list_ = new QListView;
        list_->setObjectName(QStringLiteral("commandList"));
        list_->setAccessibleName(Commands::tr("Commands found"));
        list_->setModel(found_);
        list_->setFrameShape(QFrame::NoFrame);
        list_->setFocusPolicy(Qt::NoFocus);
        list_->setFixedHeight(look.scaled(340));
        column()->addWidget(list_);
        connect(typed_, &QLineEdit::textChanged, this, [this](const QString& words) {
            // Every word must be there, in any order.
            QString pattern;
            for (const QString& word : words.split(QLatin1Char(' '), Qt::SkipEmptyParts))
                pattern += QStringLiteral("(?=.*%1)").arg(QRegularExpression::escape(word));
            found_->setFilterRegularExpression(
                QRegularExpression(pattern, QRegularExpression::CaseInsensitiveOption));
            list_->setCurrentIndex(found_->index(0, 0));
        });
        connect(typed_, &QLineEdit::returnPressed, this, [this] { trigger(); });
        connect(list_, &QListView::clicked, this, [this] { trigger(); });
        list_->setCurrentIndex(found_->index(0, 0));
        setFocusProxy(typed_);
    }
    void start() { typed_->setFocus(); }

protected:
    bool event(QEvent* event) override {
        if (event->type() == QEvent::KeyPress) {
            const int key = static_cast<QKeyEvent*>(event)->key();
            const int step = key == Qt::Key_Down ? 1 : key == Qt::Key_Up ? -1 : 0;
            if (step != 0) {
                const int row =
                    std::clamp(list_->currentIndex().row() + step, 0, std::max(0, found_->rowCount() - 1));
                list_->setCurrentIndex(found_->index(row, 0));
                return true;
            }
        }
        return Popover::event(event);
    }

private:
    void trigger() {
        const QVariant found = found_->data(list_->currentIndex(), Qt::UserRole + 1);
        auto* action = found.value<QAction*>();
        close();
        if (action) action->trigger();
    }
    QLineEdit* typed_;
    QSortFilterProxyModel* found_;
    QListView* list_;
};

} // namespace

Commands::Commands(QMainWindow& window)
    : QObject(&window), window_(window), menu_(new QMenu(&window)), current_(menu_) {}

void Commands::begin(const QString& heading) {
    current_ = heading.isEmpty() ? menu_ : menu_->addMenu(heading);
    group_ = nullptr;
}

QAction* Commands::add(const char* name, const QString& text, const QKeySequence& keys,
                       std::function<void()> call) {
    auto* action = new QAction(text, &window_);
    action->setObjectName(QLatin1String(name));
    action->setShortcut(keys);
    if (current_ != menu_) action->setProperty("heading", current_->title());
    connect(action, &QAction::triggered, this, [call = std::move(call)] { call(); });
    current_->addAction(action);
    window_.addAction(action);
    all_.push_back(action);
    return action;
}

QAction* Commands::addChoice(const char* name, const QString& text, bool chosen, std::function<void()> call) {
    if (!group_) group_ = new QActionGroup(this);
    QAction* action = add(name, text, {}, std::move(call));
    action->setCheckable(true);
    action->setChecked(chosen);
    group_->addAction(action);
    return action;
}

QAction* Commands::find(const char* name) const {
    for (QAction* action : all_) {
        if (action->objectName() == QLatin1String(name)) return action;
    }
    qFatal("there is no command %s", name);
}

void Commands::setSynonyms(const char* name, const QString& words) {
    for (QAction* action : all_) {
        if (action->objectName() == QLatin1String(name)) action->setProperty("synonyms", words);
    }
}

void Commands::separate() {
    current_->addSeparator();
    group_ = nullptr;
}

void Commands::search() {
    auto* sheet = new CommandSearch(all_, &window_);
    const int left = (window_.width() - sheet->width()) / 2;
    sheet->popUpBy(&window_, QRect(left, 0, sheet->width(), Look::instance().scaled(60)));
    sheet->start();
}

} // namespace sobremesa::app

#include "app/shell/help_sheets.hpp"

#include <algorithm>

#include <QAbstractTextDocumentLayout>
#include <QApplication>
#include <QFile>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLineEdit>
#include <QListWidget>
#include <QPushButton>
#include <QScrollBar>
#include <QTextBlock>
#include <QTextBrowser>
#include <QTextDocument>
#include <QVBoxLayout>

#include "app/shell/commands.hpp"
#include "app/theme/look.hpp"
#include "app/widgets/cell_model.hpp"
#include "app/widgets/data_table.hpp"
#include "app/widgets/text_labels.hpp"
#include "wording/language.hpp"

/// Outside of every namespace, as Qt's macro asks for.
static void load_guide() {
    Q_INIT_RESOURCE(guide);
}

namespace sobremesa::app {

namespace {

/// Chapters of the text and where they begin.
std::vector<std::pair<QString, QTextBlock>> headings(const QTextDocument& document) {
    std::vector<std::pair<QString, QTextBlock>> found;
    for (QTextBlock block = document.begin(); block.isValid(); block = block.next()) {
        const int level = block.blockFormat().headingLevel();
        if (level == 2 || level == 3)
            found.emplace_back((level == 3 ? QStringLiteral("    ") : QString()) + block.text(), block);
    }
    return found;
}

/// The guide in that language; English where there is none.
QString guide_text(const QString& language) {
    load_guide();
    QFile file(QStringLiteral(":/guide/user-guide.%1.md").arg(language));
    if (!file.exists()) file.setFileName(QStringLiteral(":/guide/user-guide.md"));
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

} // namespace

GuideWindow::GuideWindow(QWidget* parent)
    : QDialog(parent), words_(new QLineEdit), chapters_(new QListWidget), text_(new QTextBrowser) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("guideWindow"));
    setWindowTitle(tr("User guide"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(look.scaled(16), look.scaled(14), look.scaled(16), look.scaled(12));
    auto* top = new QHBoxLayout;
    words_->setObjectName(QStringLiteral("guideWords"));
    words_->setAccessibleName(tr("Words to find in the guide"));
    words_->setPlaceholderText(tr("Find in the guide"));
    words_->setClearButtonEnabled(true);
    top->addWidget(words_, 1);
    auto* next = new QPushButton(tr("Find next"));
    next->setObjectName(QStringLiteral("guideNext"));
    next->setAutoDefault(false);
    top->addWidget(next);
    auto* trouble = new TextLabel(TextLabel::Role::quiet);
    trouble->setObjectName(QStringLiteral("guideTrouble"));
    column->addLayout(top);
    column->addWidget(trouble);
    trouble->hide();
    auto* row = new QHBoxLayout;
    chapters_->setObjectName(QStringLiteral("guideChapters"));
    chapters_->setAccessibleName(tr("Chapters of the guide"));
    chapters_->setFixedWidth(look.scaled(270));
    chapters_->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    row->addWidget(chapters_);
    text_->setObjectName(QStringLiteral("guideText"));
    text_->setAccessibleName(tr("Text of the guide"));
    text_->setOpenLinks(false);
    text_->setFrameShape(QFrame::NoFrame);
    row->addWidget(text_, 1);
    column->addLayout(row, 1);
    resize(look.scaled(920), look.scaled(640));
    dress();
    for (const auto& [name, block] : headings(*text_->document())) chapters_->addItem(name);
    connect(chapters_, &QListWidget::currentRowChanged, this, [this](int chosen) {
        const auto all = headings(*text_->document());
        if (chosen < 0 || chosen >= int(all.size())) return;
        text_->setTextCursor(QTextCursor(all[std::size_t(chosen)].second));
        // The heading at the top, not at the edge where a cursor comes into sight.
        const auto top_of = [&](const QTextBlock& block) {
            return int(text_->document()->documentLayout()->blockBoundingRect(block).top());
        };
        text_->verticalScrollBar()->setValue(top_of(all[std::size_t(chosen)].second));
    });
    const auto search = [this, trouble] {
        const bool found = words_->text().trimmed().isEmpty() || find(words_->text());
        trouble->setVisible(!found);
        trouble->setWords(found ? QString() : tr("“%1” is not in the guide.").arg(words_->text()));
    };
    connect(words_, &QLineEdit::returnPressed, this, search);
    connect(next, &QPushButton::clicked, this, search);
    connect(&look, &Look::changed, this, &GuideWindow::dress);
    words_->setFocus();
}

void GuideWindow::dress() {
    const Look& look = Look::instance();
    const int kept = text_->verticalScrollBar()->value();
    text_->document()->setDefaultFont(look.font(Look::text_px));
    text_->document()->setDocumentMargin(look.scaled(12));
    text_->document()->setMarkdown(guide_text(wording::language()));
    // Markdown comes in without room between its paragraphs.
    for (QTextBlock block = text_->document()->begin(); block.isValid(); block = block.next()) {
        QTextBlockFormat format = block.blockFormat();
        format.setBottomMargin(look.scaled(6));
        if (format.headingLevel() > 0) format.setTopMargin(look.scaled(14));
        QTextCursor(block).setBlockFormat(format);
    }
    text_->verticalScrollBar()->setValue(kept);
    QPalette palette = text_->palette();
    palette.setColor(QPalette::Base, look.theme().panel);
    palette.setColor(QPalette::Text, look.theme().ink);
    text_->setPalette(palette);
}

void GuideWindow::showChapter(const QString& heading) {
    QTextDocument english;
    english.setMarkdown(guide_text({}));
    const auto all = headings(english);
    const auto found =
        std::find_if(all.begin(), all.end(), [&](const auto& chapter) { return chapter.first.contains(heading); });
    // The same chapter again is scrolled to again.
    chapters_->setCurrentRow(-1);
    chapters_->setCurrentRow(found == all.end() ? 0 : int(found - all.begin()));
}

QString GuideWindow::chapter() const {
    const auto* item = chapters_->currentItem();
    return item ? item->text().trimmed() : QString();
}

bool GuideWindow::find(const QString& words) {
    if (text_->find(words.trimmed())) return true;
    // Once more from the beginning.
    const QTextCursor before = text_->textCursor();
    text_->moveCursor(QTextCursor::Start);
    if (text_->find(words.trimmed())) return true;
    text_->setTextCursor(before);
    return false;
}

ShortcutsSheet::ShortcutsSheet(const Commands& commands, QWidget* parent) : QDialog(parent) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("shortcutsSheet"));
    setWindowTitle(tr("Keyboard shortcuts"));
    auto* column = new QVBoxLayout(this);
    auto* table = new DataTable(QStringLiteral("shortcutsTable"), tr("Keyboard shortcuts"));
    auto* cells = new CellModel(this);
    std::vector<std::vector<Cell>> rows;
    const auto row = [&](const QString& what, const QString& keys) {
        Cell name;
        name.text = what;
        Cell key;
        key.text = keys;
        rows.push_back({name, key});
    };
    for (const QAction* action : commands.all()) {
        QStringList keys;
        for (const QKeySequence& key : action->shortcuts()) keys << key.toString(QKeySequence::NativeText);
        keys.removeAll(QString());
        if (!keys.isEmpty()) row(action->text(), keys.join(QStringLiteral(", ")));
    }
    row(tr("Why? of a number; elsewhere the guide"), tr("F1"));
    row(tr("Press the form's button"), tr("Enter"));
    row(tr("Change a focused word of the setting, or a slider"), tr("← →"));
    row(tr("Move the cursor of a chart"), tr("← →, with Ctrl faster"));
    row(tr("Move a place on the map; next place"), tr("Ctrl+arrows; N"));
    row(tr("Zoom a strip chart, show all of it"), tr("+ −, Home"));
    cells->setCells({tr("command"), tr("keys")}, std::move(rows));
    table->setModel(cells);
    table->horizontalHeader()->setStretchLastSection(true);
    table->fitColumns();
    column->addWidget(table);
    resize(look.scaled(560), look.scaled(600));
}

AboutSheet::AboutSheet(QWidget* parent) : QDialog(parent) {
    const Look& look = Look::instance();
    setObjectName(QStringLiteral("aboutSheet"));
    setWindowTitle(tr("About Sobremesa"));
    auto* column = new QVBoxLayout(this);
    column->setContentsMargins(look.scaled(28), look.scaled(22), look.scaled(28), look.scaled(18));
    column->setSpacing(look.scaled(10));
    column->addWidget(new TextLabel(TextLabel::Role::sentence,
                                    tr("<b>Sobremesa</b> %1").arg(QApplication::applicationVersion())));
    column->addWidget(new TextLabel(
        TextLabel::Role::plain,
        tr("Plans endurance and distance flights of long-range model aircraft, watches them, and learns from every "
           "log. Its figures are estimates; you decide, and local rules come first.")));
    column->addWidget(new TextLabel(
        TextLabel::Role::plain,
        tr("Free software under the GNU General Public License, version 3, without any warranty. The typeface is "
           "derived from Inter (SIL Open Font License 1.1).")));
    column->addWidget(new TextLabel(
        TextLabel::Role::quiet,
        tr("Made with Qt %1 (LGPL 3), QCustomPlot (GPL 3), GeographicLib (MIT), GDAL (MIT), SQLite (public "
           "domain), "
           "libnova (LGPL 2), libarchive (BSD), Boost (BSL 1.0), Eigen (MPL 2.0), fast_float (MIT), nlohmann/json "
           "(MIT), pugixml (MIT), CLI11 (BSD), tl::expected (CC0) and zlib.")
            .arg(QLatin1String(qVersion()))));
    auto* close = new QPushButton(tr("Close"));
    close->setObjectName(QStringLiteral("aboutClose"));
    connect(close, &QPushButton::clicked, this, &QDialog::accept);
    column->addWidget(close, 0, Qt::AlignRight);
    setMinimumWidth(look.scaled(520));
}

} // namespace sobremesa::app

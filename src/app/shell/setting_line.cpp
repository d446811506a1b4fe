#include "app/shell/setting_line.hpp"

#include <QPainter>
#include <QRegularExpression>

#include "app/theme/look.hpp"
#include "app/widgets/editable_word.hpp"

namespace sobremesa::app {

namespace {
constexpr double plain_px = 15.0;
}

SettingLine::SettingLine(session::PlanSession& session, const QString& names, QWidget* parent)
    : QWidget(parent), session_(session), words_(setting_words(Look::instance().quantities())) {
    setObjectName(QStringLiteral("settingLine"));
    QSizePolicy policy(QSizePolicy::Expanding, QSizePolicy::Preferred);
    policy.setHeightForWidth(true);
    setSizePolicy(policy);

    for (std::size_t index = 0; index < words_.size(); ++index) {
        auto* word = new EditableWord(this);
        word->setObjectName(names + words_[index].id);
        word->setSteppable(words_[index].dragged >= 0);
        connect(word, &EditableWord::clicked, this, [this, index] { openSheet(index); });
        connect(word, &EditableWord::stepped, this, [this, index](int steps) { step(index, steps); });
        buttons_.push_back(word);
    }
    connect(&session_, &session::PlanSession::requestChanged, this, &SettingLine::refresh);
    connect(&Look::instance(), &Look::changed, this, [this] {
        words_ = setting_words(Look::instance().quantities());
        measure();
        refresh();
    });
    setSentence(plan_setting_sentence());
}

void SettingLine::setSentence(const QString& sentence) {
    pieces_.clear();
    for (EditableWord* word : buttons_) word->hide();
    // The template is one whole sentence for the translators; here it is cut at its placeholders.
    static const QRegularExpression placeholder(QStringLiteral("%(\\d)"));
    const auto add_plain = [this](const QString& text) {
        for (const QString& word : text.split(QLatin1Char(' '), Qt::SkipEmptyParts))
            pieces_.push_back({nullptr, word, {}, 0});
    };
    qsizetype from = 0;
    for (auto match = placeholder.globalMatch(sentence); match.hasNext();) {
        const auto found = match.next();
        add_plain(sentence.mid(from, found.capturedStart() - from));
        from = found.capturedEnd();
        const auto index = std::size_t(found.captured(1).toInt() - 1);
        buttons_[index]->show();
        pieces_.push_back({buttons_[index], QString::number(index), {}, 0});
    }
    add_plain(sentence.mid(from));
    measure();
    refresh();
}

void SettingLine::measure() {
    const QFontMetrics plain(Look::instance().font(plain_px));
    for (Piece& piece : pieces_) piece.wide = piece.word ? 0 : plain.horizontalAdvance(piece.text);
}

void SettingLine::refresh() {
    for (Piece& piece : pieces_) {
        if (!piece.word) continue;
        const SettingWord& word = words_[std::size_t(piece.text.toInt())];
        const QString text = word.words(session_.request(), Look::instance().quantities());
        piece.word->setText(text);
        piece.word->setAccessibleName(tr("%1: %2", "name of the setting, its value").arg(word.spoken, text));
        piece.word->setToolTip(word.dragged >= 0
                                   ? tr("%1: click to edit, drag sideways or use the arrow keys").arg(word.spoken)
                                   : tr("%1: click to edit").arg(word.spoken));
    }
    layOut(width(), true);
    updateGeometry();
    update();
}

int SettingLine::layOut(int width, bool move) {
    const Look& look = Look::instance();
    const QFontMetrics plain(look.font(plain_px));
    const int gap = plain.horizontalAdvance(QLatin1Char(' ')) + look.scaled(1);
    const int line = std::max(look.scaled(24), plain.height() + look.scaled(6));
    int x = 0;
    int y = 0;
    for (std::size_t i = 0; i < pieces_.size(); ++i) {
        Piece& piece = pieces_[i];
        const int w = piece.word ? piece.word->sizeHint().width() : piece.wide;
        // Punctuation stays with what it follows.
        const QString comma = QStringLiteral(",");
        const bool hangs = !piece.word && piece.text == comma;
        const bool comma_follows = i + 1 < pieces_.size() && !pieces_[i + 1].word && pieces_[i + 1].text == comma;
        const int wanted = w + (comma_follows ? plain.horizontalAdvance(comma) + look.scaled(1) : 0);
        if (hangs) x -= gap - look.scaled(1);
        if (x > 0 && x + wanted > width && !hangs) {
            x = 0;
            y += line;
        }
        const QRect place(x, y, w, line);
        if (move) {
            piece.place = place;
            if (piece.word) piece.word->setGeometry(place);
        }
        x += w + gap;
    }
    return y + line;
}

void SettingLine::focusFirst() {
    for (const Piece& piece : pieces_) {
        if (!piece.word || !piece.word->isVisible()) continue;
        piece.word->setFocus(Qt::ShortcutFocusReason);
        return;
    }
}

int SettingLine::heightForWidth(int width) const {
    return const_cast<SettingLine*>(this)->layOut(width, false);
}

QSize SettingLine::sizeHint() const {
    return {Look::instance().scaled(900), heightForWidth(std::max(width(), Look::instance().scaled(600)))};
}

QSize SettingLine::minimumSizeHint() const {
    return {Look::instance().scaled(300), Look::instance().scaled(24)};
}

void SettingLine::resizeEvent(QResizeEvent*) {
    layOut(width(), true);
    updateGeometry();
}

void SettingLine::paintEvent(QPaintEvent*) {
    const Look& look = Look::instance();
    QPainter painter(this);
    painter.setFont(look.font(plain_px));
    painter.setPen(look.theme().soft_ink);
    for (const Piece& piece : pieces_) {
        if (!piece.word) painter.drawText(piece.place, Qt::AlignLeft | Qt::AlignVCenter, piece.text);
    }
}

void SettingLine::openSheet(std::size_t index) {
    for (const Piece& piece : pieces_) {
        if (!piece.word || std::size_t(piece.text.toInt()) != index) continue;
        const FormSubject subject{
            [this] { return session_.request(); },
            [this](const mission::PlanRequest& request) { return session_.setRequest(request); }};
        auto* sheet =
            new SettingSheet(words_[index], subject, library_ ? library_(index) : RecordListChoice{}, window());
        connect(&session_, &session::PlanSession::requestChanged, sheet, [sheet] { sheet->form().refresh(); });
        sheet->popUpBy(piece.word, piece.word->rect());
    }
}

void SettingLine::step(std::size_t index, int steps) {
    const RequestField& field = words_[index].fields[std::size_t(words_[index].dragged)];
    mission::PlanRequest request = session_.request();
    field.setNumber(request, field.number(request) + steps * field.step / field.notation.factor);
    // A step past what is possible changes nothing: the word stays where it can go no further.
    session_.setRequest(request);
}

} // namespace sobremesa::app

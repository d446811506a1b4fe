#include <QTest>

#include <QAbstractItemView>
#include <QApplication>
#include <QCheckBox>
#include <QFontInfo>
#include <QFontMetrics>
#include <QMenu>
#include <QPushButton>
#include <QScrollBar>
#include <QStyleOption>
#include <QVBoxLayout>

#include "app/theme/look.hpp"
#include "app/widgets/choice_box.hpp"
#include "app/widgets/number_field.hpp"
#include "support/compare.hpp"
#include "support/test_program.hpp"

using namespace sobremesa::app;

namespace {

struct Rgb {
    double r, g, b;
};

double linear(double c) {
    return c <= 0.04045 ? c / 12.92 : std::pow((c + 0.055) / 1.055, 2.4);
}

/// A colour as seen with a deficiency of full strength: Machado, Oliveira & Fernandes, IEEE TVCG 15 (2009),
/// severity 1.0.
Rgb seen(const QColor& colour, int deficiency) {
    static constexpr double matrices[3][9] = {
        {0.152286, 1.052583, -0.204868, 0.114503, 0.786281, 0.099216, -0.003882, -0.048116, 1.051998}, // protan
        {0.367322, 0.860646, -0.227968, 0.280085, 0.672501, 0.047413, -0.011820, 0.042940, 0.968881},  // deutan
        {1.255528, -0.076749, -0.178779, -0.078411, 0.930809, 0.147602, 0.004733, 0.691367, 0.303900}, // tritan
    };
    const double* m = matrices[deficiency];
    const double r = linear(colour.redF()), g = linear(colour.greenF()), b = linear(colour.blueF());
    return {m[0] * r + m[1] * g + m[2] * b, m[3] * r + m[4] * g + m[5] * b, m[6] * r + m[7] * g + m[8] * b};
}

/// Distance in CIE L*a*b* (D65).
double lab_distance(const Rgb& p, const Rgb& q) {
    const auto lab = [](const Rgb& c) {
        const auto f = [](double t) { return t > 0.008856 ? std::cbrt(t) : 7.787 * t + 16.0 / 116.0; };
        const double x = f(std::max(0.0, 0.4124 * c.r + 0.3576 * c.g + 0.1805 * c.b) / 0.95047);
        const double y = f(std::max(0.0, 0.2126 * c.r + 0.7152 * c.g + 0.0722 * c.b));
        const double z = f(std::max(0.0, 0.0193 * c.r + 0.1192 * c.g + 0.9505 * c.b) / 1.08883);
        return Rgb{116.0 * y - 16.0, 500.0 * (x - y), 200.0 * (y - z)};
    };
    const Rgb a = lab(p), b = lab(q);
    return std::sqrt((a.r - b.r) * (a.r - b.r) + (a.g - b.g) * (a.g - b.g) + (a.b - b.b) * (a.b - b.b));
}

} // namespace

class ThemeTest : public QObject {
    Q_OBJECT
private slots:
    void cleanup() {
        Look::instance().setTheme(day_theme());
        Look::instance().setTextScale(1.0);
    }
    void contrastOfBlackAndWhite();
    void textAndEdgesCanBeRead_data();
    void textAndEdgesCanBeRead();
    void theFieldThemeIsTheStrongest();
    void meaningsAreToldApart_data();
    void meaningsAreToldApart();
    void figuresAreTabular();
    void lengthsFollowTheTextSize();
    void smallestTextIsTwelvePixels();
    void qtsOwnWidgetsFollowTheTheme();
    void whatIsWrongHasAnEdgeOfWarning();
    void aScrollBarIsAsLongAsWhatIsSeen();
    void aMenuHasRoomForWordsAndKeys();
    void theListOfAChoiceShowsItsWordsWhole();
};

void ThemeTest::contrastOfBlackAndWhite() {
    // WCAG 2.1: 21 : 1 by definition.
    VERIFY_NEAR(contrast(Qt::black, Qt::white), 21.0, 1e-9);
    VERIFY_NEAR(contrast(Qt::white, Qt::white), 1.0, 1e-9);
}

void ThemeTest::textAndEdgesCanBeRead_data() {
    QTest::addColumn<int>("which");
    for (std::size_t i = 0; i < all_themes().size(); ++i)
        QTest::newRow(qPrintable(all_themes()[i]->name)) << int(i);
}

void ThemeTest::textAndEdgesCanBeRead() {
    QFETCH(int, which);
    const Theme& t = *all_themes()[std::size_t(which)];
    for (const QColor& ground : {t.paper, t.panel, t.selection}) {
        for (const QColor& text : {t.ink, t.soft_ink, t.outward, t.homeward, t.warning}) {
            QVERIFY2(
                contrast(text, ground) >= 4.5,
                qPrintable(
                    QStringLiteral("%1 on %2: %3").arg(text.name(), ground.name()).arg(contrast(text, ground))));
        }
    }
    QVERIFY(contrast(t.field_border, t.panel) >= 3.0);
    QVERIFY(contrast(t.field_border, t.paper) >= 3.0);
}

void ThemeTest::theFieldThemeIsTheStrongest() {
    // Sun on a screen takes contrast away: the field theme has the most of it, and larger type.
    for (const auto* other : {&day_theme(), &evening_theme()}) {
        QVERIFY(contrast(field_theme().ink, field_theme().panel) > contrast(other->ink, other->panel));
        QVERIFY(contrast(field_theme().soft_ink, field_theme().panel) > contrast(other->soft_ink, other->panel));
    }
    Look& look = Look::instance();
    const int before = look.scaled(100);
    look.setTheme(field_theme());
    QVERIFY(look.scaled(100) > before);
    look.setTextScale(1.5);
    QCOMPARE(look.scaled(100), 150); // and never larger than the layout is tested for
    look.setTextScale(1.0);
    look.setTheme(day_theme());
    QCOMPARE(look.scaled(100), before);
}

void ThemeTest::meaningsAreToldApart_data() {
    textAndEdgesCanBeRead_data();
}

void ThemeTest::meaningsAreToldApart() {
    QFETCH(int, which);
    const Theme& t = *all_themes()[std::size_t(which)];
    const QColor meanings[] = {t.outward, t.homeward, t.warning};
    for (int deficiency = 0; deficiency < 3; ++deficiency) {
        for (int i = 0; i < 3; ++i) {
            for (int k = i + 1; k < 3; ++k) {
                // 10 is four to five just noticeable differences of side-by-side colours; dashes, hatching and
                // labels tell the rest, for colour never stands alone here.
                const double distance = lab_distance(seen(meanings[i], deficiency), seen(meanings[k], deficiency));
                QVERIFY2(distance >= 10.0, qPrintable(QStringLiteral("%1 and %2 under deficiency %3: %4")
                                                          .arg(meanings[i].name(), meanings[k].name())
                                                          .arg(deficiency)
                                                          .arg(distance)));
            }
        }
    }
}

void ThemeTest::figuresAreTabular() {
    const QFont font = Look::instance().font(40);
    QCOMPARE(QFontInfo(font).family(), QStringLiteral("Sobremesa Sans"));
    const QFontMetricsF metrics(font);
    for (const QChar digit : QStringLiteral("123456789")) {
        VERIFY_NEAR(metrics.horizontalAdvance(digit), metrics.horizontalAdvance(QLatin1Char('0')), 1e-6);
    }
}

void ThemeTest::lengthsFollowTheTextSize() {
    Look& look = Look::instance();
    look.setTextScale(1.5);
    QCOMPARE(look.scaled(24), 36);
    QCOMPARE(look.font(Look::text_px).pixelSize(), 20);
    look.setTextScale(9.0);
    QCOMPARE(look.textScale(), 1.5);
    look.setTextScale(1.0);
    QCOMPARE(look.scaled(24), 24);
}

void ThemeTest::smallestTextIsTwelvePixels() {
    QVERIFY(Look::small_px >= 12.0);
}

/// Without a style sheet: it would be matched against every widget, seconds for a window that has been about.
void ThemeTest::qtsOwnWidgetsFollowTheTheme() {
    QWidget page;
    auto* column = new QVBoxLayout(&page);
    auto* field = new NumberField;
    auto* button = new QPushButton(QStringLiteral("Fly"));
    auto* check = new QCheckBox(QStringLiteral("Gusts"));
    check->setChecked(true);
    for (QWidget* each : std::initializer_list<QWidget*>{field, button, check}) column->addWidget(each);
    page.show();
    QVERIFY(QTest::qWaitForWindowExposed(&page));
    page.setFocus();
    for (const Theme* theme : all_themes()) {
        Look::instance().setTheme(*theme);
        QCoreApplication::processEvents();
        const int corner = Look::instance().scaled(6);
        QCOMPARE(field->grab().toImage().pixelColor(corner, corner), theme->panel);
        QCOMPARE(button->grab().toImage().pixelColor(corner, corner), theme->panel);
        QStyleOptionButton option;
        option.initFrom(check);
        const QRect box = check->style()->subElementRect(QStyle::SE_CheckBoxIndicator, &option, check);
        QCOMPARE(check->grab().toImage().pixelColor(box.center()), theme->ink);
        QCOMPARE(page.grab().toImage().pixelColor(2, 2), theme->paper);
    }
    QVERIFY(qApp->styleSheet().isEmpty());
}

void ThemeTest::whatIsWrongHasAnEdgeOfWarning() {
    NumberField field;
    field.resize(120, 26);
    const auto edge = [&] { return field.grab().toImage().pixelColor(0, 13); };
    QCOMPARE(edge(), day_theme().field_border);
    QTest::keyClicks(&field, QStringLiteral("abc"));
    QCOMPARE(edge(), day_theme().warning);
    field.setValue(3.0, 0);
    QCOMPARE(edge(), day_theme().field_border);
}

void ThemeTest::aScrollBarIsAsLongAsWhatIsSeen() {
    QScrollBar bar(Qt::Vertical);
    bar.setRange(0, 100);
    bar.setPageStep(100);
    bar.resize(10, 204);
    QStyleOptionSlider option;
    const auto handle = [&] {
        option.initFrom(&bar);
        option.orientation = bar.orientation();
        option.subControls = QStyle::SC_All;
        option.maximum = bar.maximum();
        option.pageStep = bar.pageStep();
        option.sliderPosition = bar.sliderPosition();
        return bar.style()->subControlRect(QStyle::CC_ScrollBar, &option, QStyle::SC_ScrollBarSlider, &bar);
    };
    QCOMPARE(handle().height(), 100); // half is seen; two pixels are left free at each end
    QCOMPARE(handle().top(), 2);
    QTest::mouseClick(&bar, Qt::LeftButton, {}, QPoint(5, 190));
    QCOMPARE(bar.value(), 100);
    QCOMPARE(handle().bottom(), 201);
    // Drawn by its handle to the middle.
    QTest::mousePress(&bar, Qt::LeftButton, {}, QPoint(5, 150));
    QTest::mouseMove(&bar, QPoint(5, 100));
    QTest::mouseRelease(&bar, Qt::LeftButton, {}, QPoint(5, 100));
    QCOMPARE(bar.value(), 50);
    // Of very much, a handle that can still be caught.
    bar.setRange(0, 1'000'000);
    QCOMPARE(handle().height(), Look::instance().scaled(24));
}

void ThemeTest::aMenuHasRoomForWordsAndKeys() {
    QMenu menu;
    const QString words = QStringLiteral("Look around with demo flights");
    QAction* action = menu.addAction(words);
    action->setShortcut(QKeySequence(QStringLiteral("Ctrl+Shift+F12")));
    action->setShortcutVisibleInContextMenu(true);
    const QFontMetrics metrics(menu.font());
    const int needed =
        metrics.horizontalAdvance(words) + metrics.horizontalAdvance(QStringLiteral("Ctrl+Shift+F12"));
    for (const double scale : {1.0, 1.5}) {
        Look::instance().setTextScale(scale);
        QCoreApplication::processEvents();
        QVERIFY(menu.sizeHint().width() > 0);
        const double least = scale * needed + 3 * Look::instance().scaled(20);
        QVERIFY2(
            menu.actionGeometry(action).width() >= least,
            qPrintable(
                QStringLiteral("%1 < %2 at %3").arg(menu.actionGeometry(action).width()).arg(least).arg(scale)));
    }
    Look::instance().setTextScale(1.0);
}

/// The list is as wide as the box: a word that fits into the box fits into it.
void ThemeTest::theListOfAChoiceShowsItsWordsWhole() {
    for (const double scale : {1.0, 1.5}) {
        Look::instance().setTextScale(scale);
        QWidget page;
        auto* column = new QVBoxLayout(&page);
        auto* box = new ChoiceBox;
        // A full block at the end: what is cut is seen.
        box->addItems({QStringLiteral("level"), QStringLiteral("outbound and inbound \u2588")});
        column->addWidget(box, 0, Qt::AlignLeft);
        page.show();
        QVERIFY(QTest::qWaitForWindowExposed(&page));
        box->showPopup();
        QCoreApplication::processEvents();
        const QImage list = box->view()->viewport()->grab().toImage();
        const QRect line = box->view()->visualRect(box->model()->index(1, 0));
        QVERIFY(line.height() < 2 * Look::instance().scaled(20));
        int block = 0;
        for (int x = line.left(); x < list.width(); ++x)
            block += list.pixelColor(x, line.center().y()) == day_theme().ink ? 1 : 0;
        const int whole = QFontMetrics(box->font()).horizontalAdvance(QChar(0x2588));
        QVERIFY2(block >= whole - 1,
                 qPrintable(QStringLiteral("%1 of %2 px at %3").arg(block).arg(whole).arg(scale)));
        box->hidePopup();
    }
}

SOBREMESA_TEST(ThemeTest)
#include "tst_theme.moc"

#include <QTest>

#include <QFontInfo>
#include <QFontMetrics>

#include "app/theme/look.hpp"
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
    void contrastOfBlackAndWhite();
    void textAndEdgesCanBeRead_data();
    void textAndEdgesCanBeRead();
    void theFieldThemeIsTheStrongest();
    void meaningsAreToldApart_data();
    void meaningsAreToldApart();
    void figuresAreTabular();
    void lengthsFollowTheTextSize();
    void smallestTextIsTwelvePixels();
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

SOBREMESA_TEST(ThemeTest)
#include "tst_theme.moc"

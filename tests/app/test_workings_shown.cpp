// Mathematics as it is set, and workings as they are drawn and told.

#include "app/details/math_picture.h"
#include "app/details/working_panel.h"
#include "app/details/working_view.h"
#include "app/theme/theme.h"
#include "core/engine/functions/catalogue.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "pebbles_document.h"

#include <QApplication>
#include <QClipboard>
#include <QPainter>
#include <QtTest>

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

MathPicture set(const char* formula, double points = 11, double width = 1000) {
    return MathPicture(mathematics_of(*parse_formula(formula).tree, &typesetting_of), {}, points, width);
}

/// The picture painted in black on white.
QImage painted(const MathPicture& picture) {
    QImage image(static_cast<int>(std::ceil(picture.width())) + 8, static_cast<int>(std::ceil(picture.height())) + 8,
                 QImage::Format_ARGB32);
    image.fill(Qt::white);
    QPainter painter(&image);
    picture.paint(painter, {4, 4});
    return image;
}

/// The rectangle of what is not white.
QRect inked(const QImage& image) {
    QRect rect;
    for (int y = 0; y < image.height(); ++y) {
        for (int x = 0; x < image.width(); ++x) {
            if (image.pixelColor(x, y) != QColor(Qt::white)) {
                rect |= QRect(x, y, 1, 1);
            }
        }
    }
    return rect;
}

} // namespace

class TestWorkingsShown : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

    void mathematics_is_as_large_as_it_has_to_be() {
        const MathPicture plain = set("x");
        QVERIFY(set("x / y").height() > plain.height() * 1.5);
        QVERIFY(set("x / y").width() < set("x - y").width());
        QVERIFY(set("x^2").width() > plain.width());
        QVERIFY(set("x^2^3").height() >= set("x^2").height());
        QVERIFY(set("sqrt(x / y)").height() > set("x / y").height());
        QVERIFY(set("sum(1/k! for k in 0..10)").height() > set("sum(x)").height());
        QVERIFY(set("if x > 1 then 2 else if x > 0 then 1 else 0").height() > 3 * plain.height());
        QVERIFY(set("x", 22).height() > 1.8 * plain.height());
        QCOMPARE(MathPicture().width(), 0.0);
    }

    void mathematics_stays_within_its_frame_data() {
        QTest::addColumn<QString>("formula");
        for (const char* formula : {"x",
                                    "x + y",
                                    "x / (y + 1)",
                                    "sqrt(x^2 + y^2)",
                                    "cbrt(x)",
                                    "|x - mean(x)|",
                                    "mean(x)",
                                    "sum((x - mean(x))^2) / (count(x) - 1)",
                                    "sum(1/k! for k in 0..10)",
                                    "product(x)",
                                    "x[i-1] * (1 + rate)",
                                    "if x > 0 then ln(x) else 0",
                                    "x!",
                                    "first 1 then 2 * x[i-1]",
                                    "P(binomial(12, p) <= 4)",
                                    "exp(-x / tau)",
                                    "a <= x < b",
                                    "x in (1, 2)",
                                    "not (x > 1 and y < 2)",
                                    "mean(x where site = \"pool\")",
                                    "((x / y) / (y / x)) / 2"}) {
            QTest::newRow(formula) << QString::fromUtf8(formula);
        }
    }

    void mathematics_stays_within_its_frame() {
        QFETCH(QString, formula);
        const MathPicture picture = set(formula.toUtf8().constData());
        const QImage image = painted(picture);
        const QRect ink = inked(image);
        QVERIFY(!ink.isEmpty());
        QVERIFY2(image.rect().adjusted(1, 1, -1, -1).contains(ink), qPrintable(QStringLiteral("%1,%2 %3x%4 of %5x%6")
                                                                                   .arg(ink.x())
                                                                                   .arg(ink.y())
                                                                                   .arg(ink.width())
                                                                                   .arg(ink.height())
                                                                                   .arg(image.width())
                                                                                   .arg(image.height())));
        QVERIFY(ink.width() > picture.width() * 0.5);
    }

    void a_wide_row_is_broken_before_an_operator() {
        const char* formula = "aaaa + bbbb + cccc + dddd + eeee";
        const MathPicture whole = set(formula);
        const MathPicture narrow = set(formula, 11, whole.width() / 2);
        QVERIFY(narrow.width() <= whole.width() / 2 + 1);
        QVERIFY(narrow.height() > 1.8 * whole.height());
        const MathPicture fits = set(formula, 11, whole.width() + 1);
        QCOMPARE(fits.height(), whole.height());
    }

    void what_stays_and_what_follows_have_their_colours() {
        PebblesDocument open;
        const std::string formula = "x - m";
        const auto tree = parse_formula(formula).tree;
        const MathPicture picture(mathematics_of(*tree, &typesetting_of),
                                  marks_of(*tree, open.document.study(), &open.own()), 40, 1000);
        const QImage image = painted(picture);
        int water = 0;
        int stone = 0;
        for (int x = 0; x < image.width(); ++x) {
            for (int y = 0; y < image.height(); ++y) {
                water += image.pixelColor(x, y) == theme().follows;
                stone += image.pixelColor(x, y) == theme().stays;
            }
        }
        QVERIFY(water > 20);
        QVERIFY(stone > 20);
    }

    void a_working_is_drawn_and_copied() {
        PebblesDocument open;
        QVERIFY(open.settle());
        const auto working = working_of(open.document.study(), open.document.results(), open.id("dev"), 2);
        WorkingView paper;
        paper.resize(240, 400);
        QCOMPARE(paper.heightForWidth(240), 0);
        paper.show_working(*working, open.document.study(), &open.own(), nullptr);
        QVERIFY(paper.text().contains(QStringLiteral("57 − 49.5")));
        const int wide = paper.heightForWidth(300);
        QVERIFY(wide > 20);
        QVERIFY(paper.heightForWidth(60) >= wide);
        QVERIFY(!paper.grab().isNull());
        paper.setFocus();
        QTest::keyClick(&paper, Qt::Key_C, Qt::ControlModifier);
        QCOMPARE(QApplication::clipboard()->text(), paper.text());
        paper.clear();
        QVERIFY(paper.text().isEmpty());
    }

    void every_demo_study_has_workings_that_can_be_drawn() {
        for (const char* name :
             {"marrow-beck", "frequency", "temperatures", "germination", "diversity", "cooling", "settling", "dates"}) {
            Document document;
            QFile file(QStringLiteral(DEMO_FOLDER "/%1.ledgefall").arg(QLatin1String(name)));
            QVERIFY2(file.open(QIODevice::ReadOnly) && document.open_text(file.readAll()), name);
            QVERIFY(QTest::qWaitFor([&] { return !document.computing(); }));
            WorkingView paper;
            int drawn = 0;
            for (const auto& table : document.study().tables) {
                const std::size_t rows = document.results().rows(table->id);
                for (const auto& column : table->columns) {
                    for (const std::size_t row : {std::size_t{1}, rows / 2 + 1, rows}) {
                        const auto working = working_of(document.study(), document.results(), column->id, row);
                        if (working) {
                            paper.show_working(*working, document.study(), &*table, nullptr);
                            QVERIFY(paper.heightForWidth(220) > 0);
                            ++drawn;
                        }
                    }
                }
            }
            QVERIFY2(drawn > 3, name);
        }
    }

    void the_working_panel_tells_of_everything_that_has_a_value() {
        PebblesDocument open;
        Id line;
        QVERIFY(open.document.perform(QStringLiteral("foot"), add_foot_line(open.document.study(), open.table, "mean",
                                                                            "mean(each)", {open.id("x")}, &line)));
        QVERIFY(open.document.perform(QStringLiteral("check"),
                                      add_check(open.document.study(), open.table, {"few", "count(x) < 9", "many"})));
        QVERIFY(open.document.perform(QStringLiteral("function"), hold(open.document.study(), Id(), "f(r) = p * r")));
        QVERIFY(open.settle());
        WorkingPanel panel(open.document);
        const auto shown = [&](const WorkingPlace& place) {
            panel.show_place(place);
            (void)QTest::qWaitFor([&] { return !panel.busy(); });
            return panel.heading() + QStringLiteral(" | ") + panel.story() + QStringLiteral(" | ") +
                   panel.working_text();
        };
        QVERIFY(shown({open.id("x"), 1}).contains(QStringLiteral("42")));
        QVERIFY(shown({open.id("x"), 1}).contains(QStringLiteral("given")));
        QVERIFY(shown({open.id("p"), 0}).contains(QStringLiteral("0.5")));
        QVERIFY(shown({DefinitionId::foot_value(line, open.id("x")), 0}).contains(QStringLiteral("49.5")));
        const QString check = shown({open.document.study().checks[0]->id, 0});
        QVERIFY2(check.contains(QStringLiteral("few")) && check.contains(QStringLiteral("4 < 9")), qPrintable(check));
        QVERIFY(shown({open.document.study().held_named("f")->id, 0}).contains(QStringLiteral("a function")));
        QVERIFY(shown({open.id("x"), 99}).startsWith(QStringLiteral(" |"))); // there is no such row
        QVERIFY(shown({}).startsWith(QStringLiteral(" |")));
        QSignalSpy wanted(&panel, &WorkingPanel::place_wanted);
        panel.show_place({open.id("dev"), 2});
        QVERIFY(panel.uses().contains(QStringLiteral("Pebbles.x")));
        panel.follow(QStringLiteral("go:0"));
        QCOMPARE(wanted.size(), 1);
        QVERIFY(wanted[0][0].value<DefinitionId>() == DefinitionId(open.id("x")));
    }
};

LEDGEFALL_TEST(TestWorkingsShown)
#include "test_workings_shown.moc"

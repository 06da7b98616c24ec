// Pieces of the window by themselves: mathematics as it is set, workings as they are drawn, figures, summaries, drafts
// of formulas, dialogs, and the ledge's cards.

#include "app/details/chosen_summary.h"
#include "app/details/math_picture.h"
#include "app/details/name_value_list.h"
#include "app/details/working_panel.h"
#include "app/details/working_view.h"
#include "app/dialogs/check_dialog.h"
#include "app/dialogs/continue_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/held_dialog.h"
#include "app/formula_editor/completion_list.h"
#include "app/formula_editor/formula_draft.h"
#include "app/formula_editor/suggestion_bar.h"
#include "app/ledge/held_card.h"
#include "app/ledge/ledge_list.h"
#include "app/numbers/number_text.h"
#include "app/shell/command_finder.h"
#include "app/table/fast_digits.h"
#include "app/theme/theme.h"
#include "core/engine/functions/catalogue.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"

#include <QApplication>
#include <QClipboard>
#include <QPainter>
#include <QPointer>
#include <QSemaphore>
#include <QSignalSpy>
#include <QThread>
#include <QtTest>

#include <cmath>

using namespace ledgefall;

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

Study pebbles(Id* table) {
    Study study = *add_table(Study(), "Pebbles", table);
    study = *add_columns(study, *table,
                         {{"x", "x", "mm", Column::numbers({42, 57, 38, 61})},
                          {"site", "site", "", Column::of(Kind::text, {Value::text(Text("pool")), Value::missing()})}});
    study = *hold(study, Id(), "p = 0.5");
    study = *hold(study, *table, "m = mean(x)");
    return *write_column(study, *table, "dev = x - m");
}

struct Open {
    Open() { document.perform(QStringLiteral("pebbles"), pebbles(&table)); }
    bool settle() {
        return QTest::qWaitFor([this] { return !document.computing(); });
    }
    const Table& own() const { return *document.study().table(table); }
    Id id(const char* name) const {
        const ColumnDefinition* column = own().column_named(name);
        return column != nullptr ? column->id : document.study().held_named(name)->id;
    }
    Document document;
    Id table;
};

} // namespace

class TestPieces : public QObject {
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
        Open open;
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
        Open open;
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
        Open open;
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

    void figures_are_drawn_where_their_text_would_be() {
        const QRect cell(4, 4, 120, 24);
        for (const char* text : {"0", "−12.875", "1234.5", "6.0221·10²³", "22.3\u202F%"}) {
            QImage fast(130, 32, QImage::Format_ARGB32);
            QImage plain(130, 32, QImage::Format_ARGB32);
            fast.fill(Qt::white);
            plain.fill(Qt::white);
            QPainter fast_painter(&fast);
            fast_painter.setPen(Qt::black);
            QVERIFY2(draw_digits(fast_painter, cell, QString::fromUtf8(text)), text);
            QPainter plain_painter(&plain);
            plain_painter.setPen(Qt::black);
            plain_painter.setFont(theme().text(10.0));
            plain_painter.drawText(cell, Qt::AlignRight | Qt::AlignVCenter, QString::fromUtf8(text));
            const QRect a = inked(fast);
            const QRect b = inked(plain);
            QVERIFY2(std::abs(a.right() - b.right()) <= 2 && std::abs(a.top() - b.top()) <= 2 &&
                         std::abs(a.width() - b.width()) <= 4,
                     text);
        }
        QImage image(20, 20, QImage::Format_ARGB32);
        QPainter painter(&image);
        QVERIFY(!draw_digits(painter, {0, 0, 20, 20}, QStringLiteral("123456789012345"))); // does not fit
        QVERIFY(!draw_digits(painter, {0, 0, 200, 20}, QStringLiteral("漢")));             // is not in these letters
    }

    void chosen_cells_are_summed_up() {
        const auto numbers = std::make_shared<const Column>(
            Column::of(Kind::number, {Value::number(1), Value::missing(), Value::unparsed(Text("n/a")),
                                      Value::number(4), Value::number(9)}));
        const auto texts = std::make_shared<const Column>(Column::of(Kind::text, {Value::text(Text("pool"))}));
        const ChosenSummary all = summary_of({{numbers, 0, 5}, {texts, 0, 1}, {nullptr, 0, 9}}, {});
        QCOMPARE(all.cells, std::size_t{6});
        QCOMPARE(all.faults, std::size_t{1});
        QCOMPARE(all.n.number(), 3.0);
        QCOMPARE(all.sum.number(), 14.0);
        QCOMPARE(all.mean.number(), 14.0 / 3);
        QCOMPARE(all.smallest.number(), 1.0);
        QCOMPARE(all.largest.number(), 9.0);
        const ChosenSummary some = summary_of({{numbers, 3, 100}}, {});
        QCOMPARE(some.cells, std::size_t{2});
        QCOMPARE(some.sum.number(), 13.0);
        QCOMPARE(summary_of({}, {}).n.number(), 0.0);
        std::vector<double> many(20'000);
        for (std::size_t row = 0; row < many.size(); ++row) {
            many[row] = static_cast<double>(row);
        }
        const auto long_one = std::make_shared<const Column>(Column::numbers(many));
        QCOMPARE(summary_of({{long_one, 100, 19'000}}, {}).sum.number(), (100.0 + 18'999.0) * 18'900 / 2);
        std::stop_source stop;
        stop.request_stop();
        QVERIFY_THROWS_EXCEPTION(Stopped, summary_of({{long_one, 0, 20'000}}, StopToken(stop.get_token())));
    }

    void a_list_of_figures_shows_what_it_is_given() {
        NameValueList list;
        list.show_rows({{QStringLiteral("n"), QStringLiteral("3")}, {QStringLiteral("sum"), QStringLiteral("14")}});
        QCOMPARE(list.text(), QStringLiteral("n 3\nsum 14"));
        const int two = list.height();
        list.show_rows({{QStringLiteral("n"), QStringLiteral("3")}});
        QVERIFY(list.height() < two);
        QCOMPARE(list.accessibleDescription(), QStringLiteral("n 3"));
        QVERIFY(!list.grab().isNull());
    }

    void a_draft_knows_what_is_wrong_and_what_is_meant() {
        Open open;
        QVERIFY(open.settle());
        FormulaDraft draft(open.document);
        draft.begin(open.table, Id());
        draft.set_text(QStringLiteral("y"), 0);
        QVERIFY(!draft.is_valid() && !draft.trouble()); // only begun
        draft.set_text(QStringLiteral("y = 2x"), 0);
        QCOMPARE(draft.trouble()->from, 4);
        QCOMPARE(QString::fromStdString(draft.trouble()->correction->text), QStringLiteral("*"));
        draft.set_text(QStringLiteral("y [mm] = x * faktor"), 0);
        QCOMPARE(draft.trouble()->from, 13);
        QCOMPARE(draft.trouble()->to, 19);
        draft.set_text(QStringLiteral("y = x / whole"), 0);
        QCOMPARE(QString::fromStdString(draft.trouble()->hold), QStringLiteral("whole = sum(x)"));
        QVERIFY(!draft.hold_too(draft.trouble()->hold, true));
        draft.set_text(QStringLiteral("y = x / whole"), 0);
        QVERIFY(draft.is_valid());
        QCOMPARE(draft.marks().size(), std::size_t{2});
        QCOMPARE(draft.formats().first().start, 4);
        QVERIFY(draft.hold_too("x +", false).has_value()); // told why not
        QSignalSpy computed(&draft, &FormulaDraft::computed);
        draft.set_text(QStringLiteral("y = x / whole * 2"), 0);
        QTRY_VERIFY(!computed.isEmpty());
        QCOMPARE(draft.turning_at(5, 2)->turned, std::string("x[2]"));
        QVERIFY(!draft.turning_at(1, 2));
        QVERIFY(draft.liftable_at(17).has_value());
        QVERIFY(!draft.liftable_at(5).has_value());
        draft.set_text(QStringLiteral("x = 3"), 0); // a column with typed values
        QVERIFY(draft.warning().contains(QStringLiteral("replaces the typed values")));
        draft.set_text(QStringLiteral("y = mean(abs(x - x[i-1]))"), 0);
        QVERIFY(draft.warning().contains(QStringLiteral("step")));
        draft.set_text(QStringLiteral("y = y + 1"), 0);
        QVERIFY(draft.trouble().has_value()); // a ring
    }

    void a_draft_tells_what_takes_long() {
        Id table;
        const Column cells = Column::numbers(std::vector<double>(40'000, 1));
        Document document;
        document.perform(QStringLiteral("data"), add_table(Study(), "Data", &table));
        document.perform(QStringLiteral("data"),
                         add_columns(document.study(), table, {{"x", "x", "", cells}, {"y", "y", "", cells}}));
        QTRY_VERIFY(!document.computing());
        FormulaDraft draft(document);
        draft.begin(table, Id());
        draft.set_text(QStringLiteral("m = median(x where y < y[i])"), 0);
        QVERIFY2(draft.warning().contains(QStringLiteral("takes a while")), qPrintable(draft.warning()));
        draft.set_text(QStringLiteral("m = sum(x where y < y[i])"), 0);
        QVERIFY(draft.warning().isEmpty());
    }

    void a_draft_in_each_is_written_for_all() {
        Open open;
        FormulaDraft draft(open.document);
        draft.begin(open.table, Id(), {open.id("x"), open.id("dev")});
        draft.set_text(QStringLiteral("part = each / sum(each)"), 0);
        QVERIFY2(draft.is_valid(), qPrintable(draft.trouble() ? draft.trouble()->what : QString()));
        QCOMPARE(draft.written()->table(open.table)->columns.size(), std::size_t{5});
        draft.set_text(QStringLiteral("part = each / summ(each)"), 0);
        QVERIFY(draft.trouble().has_value());
        QCOMPARE(draft.trouble()->from, draft.formula_from());
    }

    void completions_are_walked_through() {
        QWidget window;
        window.resize(600, 400);
        CompletionList list(&window);
        using What = Completion::What;
        list.offer({{What::column, "x", "mm"}, {What::held, "p", "0.5"}, {What::function, "pi()", ""}}, {10, 20});
        QVERIFY(!list.isHidden());
        QVERIFY(!list.stepped());
        QCOMPARE(list.chosen()->text, std::string("x"));
        list.step(1);
        QVERIFY(list.stepped());
        QCOMPARE(list.chosen()->text, std::string("p"));
        list.step(-2);
        QCOMPARE(list.chosen()->text, std::string("pi()"));
        list.step(1);
        QCOMPARE(list.chosen()->text, std::string("x"));
        list.offer({}, {0, 0});
        QVERIFY(list.isHidden());
        QVERIFY(list.chosen() == nullptr);
        list.offer({{What::column, "x", ""}}, {9000, 20}); // at the edge it still lies within the window
        QVERIFY(list.geometry().right() <= window.width() || list.width() > window.width());
    }

    void the_finder_finds_by_letters_of_any_word() {
        QWidget window;
        window.resize(800, 500);
        CommandFinder finder(&window);
        finder.setGeometry(500, 0, 250, 24);
        window.show();
        QVERIFY(QTest::qWaitForWindowExposed(&window));
        QAction sort(QStringLiteral("Sort by this column, ascending"));
        QAction save(QStringLiteral("Save"));
        finder.setFocus();
        finder.offer({{QStringLiteral("Sort by this column, ascending"), QStringLiteral("Table"), &sort, Id()},
                      {QStringLiteral("Save"), QStringLiteral("Study"), &save, Id()},
                      {QStringLiteral("Sand"), QStringLiteral("column"), nullptr, Id("c9")}});
        const auto match = [&](const char* text) {
            finder.setText(QString::fromUtf8(text));
            return finder.matches().join(QStringLiteral(", "));
        };
        QCOMPARE(match("sa"), QStringLiteral("Save, Sand"));
        QCOMPARE(match("column"), QStringLiteral("Sort by this column, ascending, Sand"));
        QCOMPARE(match("col sor"), QStringLiteral("Sort by this column, ascending"));
        QCOMPARE(match("zzz"), QString());
        QCOMPARE(match(""), QString());
        QSignalSpy sorted(&sort, &QAction::triggered);
        QSignalSpy went(&finder, &CommandFinder::place_chosen);
        finder.setText(QStringLiteral("sort"));
        QTest::keyClick(&finder, Qt::Key_Return);
        QCOMPARE(sorted.size(), 1);
        finder.setFocus();
        finder.setText(QStringLiteral("sa"));
        QTest::keyClick(&finder, Qt::Key_Down);
        QTest::keyClick(&finder, Qt::Key_Return);
        QCOMPARE(went.size(), 1);
        finder.setText(QStringLiteral("x"));
        QTest::keyClick(&finder, Qt::Key_Escape);
        QVERIFY(finder.text().isEmpty());
    }

    void a_card_shows_what_it_is() {
        Open open;
        QVERIFY(open.settle());
        HeldCard given(open.document, open.id("p"), nullptr);
        HeldCard computed(open.document, open.own().ledge[0]->id, &open.own());
        QVERIFY(given.accessibleName().contains(QStringLiteral("given")));
        QVERIFY(computed.accessibleName().contains(QStringLiteral("computed")));
        QVERIFY(computed.story().contains(QStringLiteral("Used by Pebbles.dev")));
        QCOMPARE(computed.definition(), QStringLiteral("m = mean(x)"));
        QVERIFY(given.track().isEmpty());
        given.slide_to(0.9); // has no range: nothing happens
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.5);
        QVERIFY(open.document.perform(QStringLiteral("slider"), detail_held(open.document.study(), open.id("p"),
                                                                            {"", "", "", Slider{0, 1, 0.1}, {}})));
        given.resize(given.sizeHint());
        QVERIFY(!given.track().isEmpty());
        given.slide_to(0.3000001);
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.3); // a step, as it is written
        given.slide_to(7);
        QCOMPARE(open.document.study().held_named("p")->value.number(), 1.0);
        given.slide_to(-7);
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.0);
        QCOMPARE(open.document.undo_name(), QStringLiteral("sliding p"));
        open.document.undo(); // all the sliding is one step
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.5);
        QVERIFY(!given.grab().isNull() && !computed.grab().isNull());
    }

    void sliding_joins_only_what_belongs_together() {
        Open open;
        const auto give = [&](double value) {
            return give_held(open.document.study(), open.id("p"), Value::number(value));
        };
        QVERIFY(open.document.slide(QStringLiteral("sliding p"), give(0.1)));
        QVERIFY(open.document.slide(QStringLiteral("sliding p"), give(0.2)));
        open.document.end_sliding();
        QVERIFY(open.document.slide(QStringLiteral("sliding p"), give(0.3)));
        open.document.undo();
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.2);
        open.document.undo();
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.5);
        open.document.redo();
        QVERIFY(open.document.slide(QStringLiteral("sliding p"), give(0.7))); // after redo a step of its own
        open.document.undo();
        QCOMPARE(open.document.study().held_named("p")->value.number(), 0.2);
        QVERIFY(!open.document.slide(QStringLiteral("sliding p"), Result<Study>(Sentence{"No.", {}})));
    }

    void a_long_change_is_made_on_the_side() {
        QSemaphore early_is_made; // outlives the change that waits for it
        Open open;
        QVERIFY(open.settle());
        bool taken = false;
        int count = 0;
        const auto change = [&count, &early_is_made](const Study& study, const StopToken&) {
            if (++count == 1) {
                (void)early_is_made.tryAcquire(1, 5000);
            }
            return hold(study, Id(), "late = 1");
        };
        open.document.perform_aside(&open.document, QStringLiteral("late"), change,
                                    [&taken](bool done) { taken = done; });
        QVERIFY(open.document.computing());
        QVERIFY(open.document.study().held_named("late") == nullptr); // the interface goes on
        QVERIFY(open.document.perform(QStringLiteral("early"), hold(open.document.study(), Id(), "early = 2")));
        early_is_made.release();
        QVERIFY(open.settle());
        QVERIFY(taken);
        QCOMPARE(count, 2); // once more, over what had changed
        QVERIFY(open.document.study().held_named("early") != nullptr);
        QVERIFY(open.document.study().held_named("late") != nullptr);
        open.document.undo();
        QVERIFY(open.document.study().held_named("early") != nullptr);
        open.document.perform_aside(
            &open.document, QStringLiteral("no"),
            [](const Study&, const StopToken&) {
                return Result<Study>(Sentence{"No.", {}});
            },
            [&taken](bool done) { taken = done; });
        QVERIFY(open.settle());
        QVERIFY(!taken);
    }

    /// It does not wait for the change, whose completion does not come.
    void a_document_can_go_while_a_change_is_made() {
        QSemaphore began;
        QSemaphore goes_on;
        bool completed = false;
        auto open = std::make_unique<Open>();
        open->document.perform_aside(
            this, QStringLiteral("late"),
            [&](const Study& study, const StopToken&) {
                began.release();
                goes_on.acquire();
                return Result<Study>(study);
            },
            [&completed](bool) { completed = true; });
        began.acquire();
        open.reset();
        goes_on.release();
        QTRY_VERIFY(goes_on.available() == 0);
        QCoreApplication::processEvents();
        QVERIFY(!completed);
    }

    void dialogs_give_what_they_show() {
        Open open;
        HeldDialog held(open.document.study(), *open.document.study().held_named("p"), nullptr);
        QVERIFY(!held.details().slider);
        QVERIFY(held.details().choices.empty());
        const auto boxes = held.findChildren<QComboBox*>();
        boxes.front()->setCurrentIndex(2); // the first given column
        QCOMPARE(held.details().choices.column, open.id("x"));
        HeldDialog computed(open.document.study(), *open.own().ledge[0], nullptr);
        computed.show();
        QVERIFY(!computed.findChild<QCheckBox*>()->isVisible());
        CheckDialog check(open.document.study(), open.table, {"few", "count(x) < 9", "many"}, nullptr);
        QCOMPARE(QString::fromStdString(check.text().condition), QStringLiteral("count(x) < 9"));
        QSignalSpy accepted(&check, &QDialog::accepted);
        for (QLineEdit* line : check.findChildren<QLineEdit*>()) {
            if (line->text() == QStringLiteral("count(x) < 9")) {
                line->setText(QStringLiteral("count(x <"));
            }
        }
        QMetaObject::invokeMethod(&check, "accept");
        QVERIFY(accepted.isEmpty()); // a condition that cannot be read stays in its line
        ContinueDialog dates({Value::of(20000, Kind::date, State::plain)}, 1, 1, nullptr);
        QCOMPARE(static_cast<int>(dates.pattern().way), static_cast<int>(Pattern::Way::days));
        QCOMPARE(dates.to_row(), std::size_t{2});
        ContinueDialog names({Value::text(Text("pool"))}, 1, 9, nullptr);
        QVERIFY(names.preview().startsWith(QStringLiteral("pool · pool")));
    }

    void classes_are_chosen_over_their_counts() {
        std::vector<double> values;
        for (int k = 0; k < 60; ++k) {
            values.push_back(30 + (k * 37 % 60) * 0.75);
        }
        FrequencyDialog dialog(std::make_shared<const Column>(Column::numbers(values)), QStringLiteral("x"), nullptr);
        dialog.resize(600, 500);
        dialog.show();
        QVERIFY(dialog.is_valid());
        QCOMPARE(dialog.classes().boundaries.front(), 30.0);
        const std::size_t proposed = dialog.classes().boundaries.size();
        ClassPreview& preview = dialog.preview();
        const int second = preview.place_of(dialog.classes().boundaries[1]);
        QTest::mousePress(&preview, Qt::LeftButton, Qt::NoModifier, {second, 60}); // wider by dragging
        QTest::mouseMove(&preview, {second + 60, 60});
        QTest::mouseRelease(&preview, Qt::LeftButton, Qt::NoModifier, {second + 60, 60});
        QVERIFY(dialog.classes().boundaries.size() < proposed);
        const int first = preview.place_of(dialog.classes().boundaries[0]);
        QTest::mousePress(&preview, Qt::LeftButton, Qt::NoModifier, {first, 60}); // further up: some are left out
        QTest::mouseMove(&preview, {first + 40, 60});
        QTest::mouseRelease(&preview, Qt::LeftButton, Qt::NoModifier, {first + 40, 60});
        QVERIFY(dialog.classes().boundaries.front() > 30);
        QVERIFY2(dialog.message().contains(QStringLiteral("In no class")), qPrintable(dialog.message()));
        dialog.width_line().setText(QStringLiteral("0"));
        QVERIFY(!dialog.is_valid());
        QVERIFY(dialog.message().contains(QStringLiteral("above 0")));
        dialog.rule().setCurrentIndex(1);
        QVERIFY(dialog.is_valid());
        QVERIFY(!dialog.grab().isNull());
    }

    void an_offer_is_taken_or_left() {
        Open open;
        QVERIFY(open.document.perform(QStringLiteral("share"),
                                      write_column(open.document.study(), open.table, "share = x / 200")));
        QVERIFY(open.settle());
        SuggestionBar strip(open.document);
        strip.offer_check(open.table, open.id("dev")); // no share
        QVERIFY(!strip.is_offered());
        strip.offer_check(open.table, open.id("share"));
        QVERIFY(strip.is_offered());
        strip.leave();
        QVERIFY(!strip.is_offered());
        QVERIFY(open.document.study().checks.empty());
        strip.offer_check(open.table, open.id("share"));
        strip.take();
        QVERIFY(open.settle());
        QCOMPARE(open.document.study().checks.size(), std::size_t{1});
        QTRY_VERIFY(strip.is_offered()); // it does not hold: 198 of 200
        strip.take();
        QVERIFY(open.settle());
        QCOMPARE(open.own().column_named("share")->pieces[0].formula.text(), std::string("x / sum(x)"));
        strip.offer_correction(open.document.study().checks[0]->id);
        QVERIFY(!strip.is_offered()); // nothing is to be corrected any more
    }

    void fractions_and_dates_are_shown_in_words() {
        const auto fraction = [](double number, int largest) {
            return number_text(number, {Format::Style::fraction, largest}).replace(QChar(0x2005), u' ');
        };
        QCOMPARE(fraction(3.25, 9), QStringLiteral("3 1⁄4"));
        QCOMPARE(fraction(-0.5, 9), QStringLiteral("−1⁄2"));
        QCOMPARE(fraction(1.0 / 3, 9), QStringLiteral("1⁄3"));
        QCOMPARE(fraction(5.0 / 16, 16), QStringLiteral("5⁄16"));
        QCOMPARE(fraction(3.14159265358979, 999), QStringLiteral("3 16⁄113"));
        QCOMPARE(fraction(7, 1), QStringLiteral("7"));
        QCOMPARE(fraction(0, 1), QStringLiteral("0"));
        QCOMPARE(fraction(0.9999, 1), QStringLiteral("1"));
        QCOMPARE(fraction(1.9999, 1), QStringLiteral("2"));
        QCOMPARE(fraction(0.0001, 1), QStringLiteral("0"));
        QCOMPARE(fraction(-0.0001, 1), QStringLiteral("0"));
        const Value day = read_cell("2026-05-20", Kind::date);
        QCOMPARE(value_text(day, {Format::Style::day_month, 0}), QStringLiteral("20 May 2026"));
        QCOMPARE(value_text(day, {Format::Style::weekday, 0}), QStringLiteral("Wed 20 May 2026"));
        QCOMPARE(value_text(day, {Format::Style::month_year, 0}), QStringLiteral("May 2026"));
        QCOMPARE(value_text(read_cell("1969-12-31", Kind::date), {Format::Style::day_month, 0}),
                 QStringLiteral("31 Dec 1969"));
    }

    void what_only_seems_exact_says_so_data() {
        QTest::addColumn<double>("number");
        QTest::addColumn<int>("style");
        QTest::addColumn<int>("digits");
        QTest::addColumn<bool>("seems");
        const auto row = [](const char* name, double number, Format::Style style, int digits, bool seems) {
            QTest::newRow(name) << number << static_cast<int>(style) << digits << seems;
        };
        using Style = Format::Style;
        row("nought", 0, Style::decimals, 2, false);
        row("nearly nought", 0.004, Style::decimals, 2, true);
        row("not nearly", 0.006, Style::decimals, 2, false);
        row("left over", 1e-16, Style::decimals, 2, false);
        row("nearly no per cent", 0.0004, Style::percent, 0, true);
        row("nearly all", 0.9996, Style::percent, 0, true);
        row("all", 1, Style::percent, 0, false);
        row("all but what arithmetic leaves", 0.9999999999999999, Style::percent, 1, false);
        row("over all", 1.0004, Style::percent, 0, true);
        row("half", 0.5, Style::percent, 0, false);
        row("negative", -0.001, Style::decimals, 2, true);
        row("as needed", 0.001, Style::automatic, 0, false);
        row("one", 0.999, Style::decimals, 1, false);
    }
    void what_only_seems_exact_says_so() {
        QFETCH(double, number);
        QFETCH(int, style);
        QFETCH(int, digits);
        QFETCH(bool, seems);
        const Format format{static_cast<Format::Style>(style), digits};
        QCOMPARE(seems_exact(number, format), seems);
        QCOMPARE(value_text(Value::number(number), format).startsWith(QStringLiteral("≈")), seems);
    }
};

LEDGEFALL_TEST(TestPieces)
#include "test_pieces.moc"

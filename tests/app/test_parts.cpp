// The window's parts without the window: how numbers are shown, the thread that computes, the table's model.

#include "app/document/computer.h"
#include "app/document/document.h"
#include "app/numbers/formula_text.h"
#include "app/numbers/locale_text.h"
#include "app/numbers/number_text.h"
#include "app/table_model/table_model.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"

#include <QSignalSpy>
#include <QtTest>

using namespace ledgefall;

namespace {

Study small_study(Id* table) {
    Study study = *add_table(Study(), "T", table);
    study = *add_columns(study, *table, {{"x", "x", "mm", Column::numbers({1, 2, 3})}});
    return *write_column(study, *table, "y = x * 2");
}

} // namespace

class TestParts : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void numbers_as_shown_data() {
        QTest::addColumn<double>("number");
        QTest::addColumn<int>("style");
        QTest::addColumn<int>("digits");
        QTest::addColumn<QString>("expected");
        const auto row = [](const char* name, double number, Format::Style style, int digits, const char* expected) {
            QTest::newRow(name) << number << static_cast<int>(style) << digits << QString::fromUtf8(expected);
        };
        using Style = Format::Style;
        row("whole", 42, Style::automatic, 0, "42");
        row("true minus", -0.5, Style::automatic, 0, "−0.5");
        row("third", 1.0 / 3, Style::automatic, 0, "0.33333");
        row("six figures", 82.46195652, Style::automatic, 0, "82.462");
        row("rounded zeros go", 79.02604166, Style::automatic, 0, "79.026");
        row("leftover of arithmetic", 0.1 + 0.2, Style::automatic, 0, "0.3");
        row("huge", 6.02214076e23, Style::automatic, 0, "6.0221·10²³");
        row("tiny", -3.2e-7, Style::automatic, 0, "−3.2000·10⁻⁷");
        row("small", 0.00012345678, Style::automatic, 0, "0.00012346");
        row("no minus before nothing", -0.0, Style::automatic, 0, "0");
        row("decimals", 2.5, Style::decimals, 3, "2.500");
        row("Per cent", 0.2226, Style::percent, 1, "22.3\u202F%");
        row("significant", 0.012345, Style::significant, 3, "0.0123");
        row("significant, large", 123456, Style::significant, 3, "1.23·10⁵");
        row("powers of ten", 12345, Style::scientific, 2, "1.23·10⁴");
        row("degrees", std::atan2(1, 1), Style::degrees, 1, "45.0°");
        row("degrees as needed", -std::acos(-1) / 3, Style::degrees, 0, "−60°");
        row("minutes", 1.0, Style::degrees_minutes, 0, "57°17′45″"); // 57.29577951°
        row("minutes carry", std::acos(-1) / 180 * 59.99999, Style::degrees_minutes, 0, "60°0′0″");
    }
    void numbers_as_the_study_says() {
        using Sign = Settings::DecimalSign;
        using Grouping = Settings::Grouping;
        const auto shown = [](Sign sign, Grouping grouping, double number, int decimals) {
            Settings settings;
            settings.decimal_sign = sign;
            settings.grouping = grouping;
            spell_numbers_by(settings);
            return number_text(number, {Format::Style::decimals, decimals});
        };
        QCOMPARE(shown(Sign::comma, Grouping::none, 1234.5, 2), QStringLiteral("1234,50"));
        QCOMPARE(typed_number(QStringLiteral("1234,5")).value_or(0), 1234.5);
        QCOMPARE(field_text(0.25), QStringLiteral("0,25"));
        QCOMPARE(shown(Sign::comma, Grouping::sign, -1234567.5, 1), QStringLiteral("−1.234.567,5"));
        QCOMPARE(shown(Sign::point, Grouping::sign, 1234.5, 1), QStringLiteral("1,234.5"));
        QCOMPARE(typed_number(QStringLiteral("1,234.5")).value_or(0), 1234.5);
        QCOMPARE(shown(Sign::point, Grouping::space, 1234.25, 2), QStringLiteral("1234.25"));
        QCOMPARE(shown(Sign::point, Grouping::space, 12345.25, 2), QStringLiteral("12\u202F345.25"));
        QCOMPARE(shown(Sign::point, Grouping::space, 123, 0), QStringLiteral("123"));
        QCOMPARE(shown(Sign::point, Grouping::sign, 999, 0), QStringLiteral("999"));
        QVERIFY(spell_numbers_by(Settings()));
        QVERIFY(!spell_numbers_by(Settings()));
    }

    void numbers_as_shown() {
        QFETCH(double, number);
        QFETCH(int, style);
        QFETCH(int, digits);
        QFETCH(QString, expected);
        QCOMPARE(number_text(number, {static_cast<Format::Style>(style), digits}), expected);
    }

    void a_columns_decimals_are_found_together() {
        const auto shown = [](const std::vector<double>& values, double value) {
            return number_text(value, settled_format({}, Column::numbers(values)));
        };
        QCOMPARE(shown({1, 2.5, 3.25}, 1), QStringLiteral("1.00"));
        QCOMPARE(shown({1, 2, 3}, 2), QStringLiteral("2"));
        QCOMPARE(shown({0.1 + 0.2, 0.4}, 0.1 + 0.2), QStringLiteral("0.3"));
        QCOMPARE(shown({1.0 / 3, 1000}, 1.0 / 3), QStringLiteral("0.33"));
        QCOMPARE(shown({1e15, 2e15}, 1e15), QStringLiteral("1.0000·10¹⁵"));
        QCOMPARE(shown({}, 5), QStringLiteral("5"));
        const Column own = Column::numbers({1.23456});
        QCOMPARE(settled_format({Format::Style::percent, 1}, own), (Format{Format::Style::percent, 1}));
    }

    void values_of_every_kind_are_shown() {
        QCOMPARE(value_text(Value::missing(), {}), QString());
        QCOMPARE(value_text(Value::yes_no(true), {}), QStringLiteral("yes"));
        QCOMPARE(value_text(Value::text(Text("pool")), {}), QStringLiteral("pool"));
        QCOMPARE(value_text(Value::unparsed(Text("n/a")), {}), QStringLiteral("n/a"));
        QCOMPARE(value_text(read_cell("2026-05-04", Kind::date), {}), QStringLiteral("2026-05-04"));
        const std::uint32_t site = fault_site({Cause::division_by_zero, Id("c"), {"division by zero", {}}, 0, 0});
        QCOMPARE(value_text(Value::fault({site, 1}), {}), QStringLiteral("÷ 0"));
        QCOMPARE(exact_text(Value::number(-1.0 / 3)), QStringLiteral("−0.3333333333333333"));
    }

    void formulas_are_read_with_their_marks() {
        Id table;
        Study study = small_study(&table);
        study = *hold(study, Id(), "p = 2");
        const ReadableFormula shown = readable(Formula("x^2 * p - mean(x) <= x[i-1]"), study, study.table(table));
        QCOMPARE(shown.text, QStringLiteral("x² · p − mean(x) ≤ x[i−1]"));
        QStringList marked;
        for (const auto& range : shown.formats) {
            marked << shown.text.mid(range.start, range.length) +
                          (range.format.underlineStyle() == QTextCharFormat::NoUnderline ? QStringLiteral(" follows")
                                                                                         : QStringLiteral(" stays"));
        }
        QCOMPARE(marked.join(QStringLiteral("; ")), QStringLiteral("x follows; p stays; x stays; x[i−1] follows"));
        QCOMPARE(readable(Formula("x +"), study, study.table(table)).text, QStringLiteral("x +"));
        QCOMPARE(position_of("µx", 2), 1);
    }

    void the_latest_question_is_answered() {
        Id table;
        Study study = small_study(&table);
        Computer computer;
        ResultsPtr last;
        QSignalSpy busy(&computer, &Computer::busy_changed);
        connect(&computer, &Computer::finished, this, [&last](const ResultsPtr& results) { last = results; });
        for (int k = 0; k < 200; ++k) {
            study = *type_block(study, table, 0, 0, {{std::to_string(k)}});
            computer.ask(study);
        }
        QTRY_VERIFY(!computer.busy());
        QVERIFY(last != nullptr);
        QCOMPARE(last->cell(study.table(table)->columns[1]->id, 0).number(), 398.0);
        QCOMPARE(busy.first().first().toBool(), true);
        QCOMPARE(busy.last().first().toBool(), false);
    }

    void long_work_gives_way_and_can_be_stopped() {
        std::vector<double> many(300'000, 1.0);
        Id table;
        Study slow = *add_table(Study(), "T", &table);
        slow = *add_columns(slow, table, {{"x", "x", "", Column::numbers(many)}});
        slow = *write_column(slow, table, "y = sum(abs(x - x[i]))");
        Computer computer;
        int answers = 0;
        connect(&computer, &Computer::finished, this,
                [&answers](const ResultsPtr& results) { answers += results ? 1 : 0; });
        computer.ask(slow);
        QVERIFY(computer.busy());
        computer.stop();
        QTRY_VERIFY(!computer.busy());
        QCOMPARE(answers, 0);
        QSignalSpy progress(&computer, &Computer::progressed);
        computer.ask(slow);
        QTRY_VERIFY_WITH_TIMEOUT(progress.size() >= 2, 20'000); // by then it has taken long
        Id other;
        computer.ask(small_study(&other)); // newer, and the first has taken long already
        QTRY_VERIFY(!computer.busy());
        QCOMPARE(answers, 1);
    }

    void a_computer_can_go_while_it_works() {
        std::vector<double> many(300'000, 1.0);
        Id table;
        Study slow = *add_table(Study(), "T", &table);
        slow = *add_columns(slow, table, {{"x", "x", "", Column::numbers(many)}});
        slow = *write_column(slow, table, "y = sum(abs(x - x[i]))");
        QElapsedTimer timer;
        timer.start();
        {
            Computer computer;
            computer.ask(slow);
        }
        QVERIFY(timer.elapsed() < 5000);
    }

    void the_model_has_a_row_and_a_column_for_adding() {
        Document document;
        Id table;
        QVERIFY(document.perform(QStringLiteral("small"), small_study(&table)));
        TableModel model(document, table);
        QTRY_VERIFY(!document.computing());
        QCOMPARE(model.rowCount(), 4);
        QCOMPARE(model.columnCount(), 3);
        QVERIFY(model.index(3, 0).data(TableModel::BeyondRole).toBool());
        QVERIFY(model.index(0, 2).data(TableModel::BeyondRole).toBool());
        QVERIFY(!model.flags(model.index(3, 1)).testFlag(Qt::ItemIsEditable)); // a computed column grows with its table
        QCOMPARE(model.index(1, 1).data().toString(), QStringLiteral("4"));
        QSignalSpy rows(&model, &QAbstractItemModel::rowsInserted);
        QVERIFY(model.setData(model.index(3, 0), QStringLiteral("10")));
        QCOMPARE(rows.size(), 1);
        QTRY_COMPARE(model.index(3, 1).data().toString(), QStringLiteral("20"));
        QVERIFY(!model.setData(model.index(3, 0), QStringLiteral("10"))); // nothing has changed, nothing to undo
        QVERIFY(model.setData(model.index(0, 0), QStringLiteral("abc")));
        QCOMPARE(model.index(0, 0).data(TableModel::ValueStateRole).toInt(), static_cast<int>(State::unparsed));
        QVERIFY(
            model.index(0, 0).data(TableModel::ExplanationRole).toString().contains(QStringLiteral("not a number")));
        QSignalSpy removed(&model, &QAbstractItemModel::rowsRemoved);
        document.undo();
        document.undo();
        QCOMPARE(removed.size(), 1);
        QCOMPARE(model.rowCount(), 4);
    }

    void the_document_tells_of_refusals_and_states() {
        Document document;
        QSignalSpy refused(&document, &Document::refused);
        QVERIFY(!document.perform(QStringLiteral("x"), Result<Study>(Sentence{"No %1.", {"rows"}})));
        QCOMPARE(refused.first().first().toString(), QStringLiteral("No rows."));
        QVERIFY(!document.modified());
        Id table;
        QVERIFY(document.perform(QStringLiteral("small"), small_study(&table)));
        QVERIFY(document.modified());
        QCOMPARE(document.undo_name(), QStringLiteral("small"));
        QVERIFY(document.perform(QStringLiteral("nothing"), document.study())); // no change, no step
        QCOMPARE(document.undo_name(), QStringLiteral("small"));
        document.read_study_file(QStringLiteral("/nowhere.ledgefall"), [](const Study&) { QFAIL("it is not there"); });
        QTRY_VERIFY(!document.file_task().running());
        QSignalSpy not_saved(&document, &Document::saving_failed);
        std::optional<bool> saved;
        document.save(QStringLiteral("/nowhere/x.ledgefall"), [&saved](bool done) { saved = done; });
        QTRY_COMPARE(saved, std::optional(false));
        QCOMPARE(refused.size(), 2);
        QCOMPARE(not_saved.size(), 1);
        document.start_new();
        QVERIFY(!document.can_undo());
    }
};

LEDGEFALL_TEST(TestParts)
#include "test_parts.moc"

// The command line's work: options in their order, faults in one line, nothing written half.

#include "calc/calculator.h"
#include "calc/reference_page.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "harness/test_program.h"

#include <QFile>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

using namespace ledgefall;

namespace {

using Do = Step::Do;

std::string out(const std::vector<Step>& steps, const std::string& file = "", const std::string& in = "") {
    std::vector<Step> all = steps;
    if (!in.empty()) {
        all.insert(all.begin(), {Do::in, in});
    }
    const Result<std::string> done = Calculator().run(file, all);
    return done ? *done : "refused: " + done.refusal().text();
}

} // namespace

class TestCalculator : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void options_apply_in_their_order() {
        QCOMPARE(out({{Do::hold, "p = 0.25"}, {Do::value, "p"}, {Do::hold, "p = 0.5"}, {Do::value, "1 - p"}}),
                 std::string("0.25\n0.5\n"));
        QCOMPARE(out({{Do::rows, "4"}, {Do::column, "z = row^2"}, {Do::value, "sum(z)"}, {Do::table, "Data"}}),
                 std::string("30\nz\n1\n4\n9\n16\n"));
    }

    void values_read_back_to_the_same_double() {
        QCOMPARE(out({{Do::value, "1/3"}}), std::string("0.3333333333333333\n"));
        QCOMPARE(out({{Do::value, "0.1 + 0.2"}}), std::string("0.30000000000000004\n"));
        QCOMPARE(out({{Do::value, "1e300 * 1e-10"}}), std::string("1e+290\n"));
    }

    void the_demo_is_worked_out() {
        const std::string demo = DEMO_FOLDER "/marrow-beck.ledgefall";
        QCOMPARE(out({{Do::value, "s"}, {Do::value, "sd(x)"}}, demo),
                 std::string("9.080856596254515\n9.080856596254515\n"));
        QCOMPARE(out({{Do::value, "sum(share)"}}, demo, "Invertebrates"), std::string("1\n"));
        QCOMPARE(out({{Do::check, ""}}, demo),
                 std::string("holds: by hand equals the measure\nholds: shares add up to 1\nholds: deviations "
                             "cancel\nholds: every value of Length is in a class\nholds: every dish is counted\n"));
        QCOMPARE(out({{Do::hold, "k = 0"}, {Do::value, "round(x[last], 6)"}}, demo, "Puck"), std::string("0.8\n"));
    }

    void broken_checks_say_so() {
        const std::string demo = DEMO_FOLDER "/marrow-beck.ledgefall";
        const std::string text = out({{Do::column, "sq = dev^2 + 1"}, {Do::check, ""}}, demo);
        QVERIFY2(text.find("fails: by hand equals the measure (the standard deviation by hand differs from sd(x))") !=
                     std::string::npos,
                 text.c_str());
    }

    void faults_name_column_row_and_cause() {
        const QTemporaryDir folder;
        const std::string file = folder.filePath(QStringLiteral("x.csv")).toStdString();
        QVERIFY(write_file(file, "x\n4\n0\n2\n"));
        QCOMPARE(out({{Do::column, "y = 1 / x"}, {Do::table, "Data"}}, file),
                 std::string("refused: Data.y, row 2: division by zero."));
        QVERIFY(out({{Do::value, "mean(y)"}}, file).starts_with("refused: "));
        QVERIFY(out({{Do::value, "1 +"}}).find("character 4") != std::string::npos);
        QVERIFY(out({{Do::table, "Nope"}}).starts_with("refused: There is no table"));
        QVERIFY(out({{Do::value, "1"}}, "/nowhere/x.csv").starts_with("refused: "));
        QVERIFY(out({{Do::value, "1"}}, file, "Nope").starts_with("refused: "));
    }

    /// A number of rows that is no number is a fault in all that is taken of the rows, never a sum of 0.
    void a_faulty_number_of_rows_reaches_every_measure() {
        for (const char* rows : {"abc", "1/0", "-5", "2.5", "n + 1", "1e9"}) {
            for (const char* taken : {"sum(a)", "count(a)", "mean(a)", "rows", "a[1]", "a[last]", "max(row)",
                                      "count(a > 3)", "sum(1/k for k in 1..rows)", "count(1 <= a < 3)"}) {
                const std::vector<Step> steps = {
                    {Do::hold, "n = sqrt(-1)"}, {Do::rows, rows}, {Do::column, "a = row"}, {Do::value, taken}};
                QVERIFY2(out(steps).starts_with("refused: "), (std::string(rows) + ": " + taken).c_str());
            }
        }
        // A ring through the number of rows, and a stopping condition that is in error.
        QVERIFY(out({{Do::rows, "sum(a)"}, {Do::column, "a = row"}, {Do::value, "sum(a)"}}).starts_with("refused: "));
        const std::string study = R"({"format": "ledgefall-study", "version": 1, "tables": [{"name": "T",
            "axes": [{"source": "counted", "count": "5", "until": "1 / (a - 3) > 9"}],
            "columns": [{"name": "a", "pieces": [{"formula": "row"}]}]}]})";
        const QTemporaryDir folder;
        const std::string file = folder.filePath(QStringLiteral("stops.ledgefall")).toStdString();
        QVERIFY(write_file(file, study));
        const std::string stopped = out({{Do::value, "sum(a)"}}, file);
        QVERIFY2(stopped.starts_with("refused: ") && stopped.find("zero") != std::string::npos, stopped.c_str());
    }

    void mistakes_say_in_which_option() {
        QCOMPARE(out({{Do::column, "z = x +"}}).substr(0, 36), std::string("refused: In z = x +, at character 8:"));
        QVERIFY(out({{Do::hold, "p = = 2"}}).find("In p = = 2, at character 5:") != std::string::npos);
        QVERIFY(out({{Do::column, "if = 2"}}).find("if = 2") != std::string::npos);
        const std::string two = out({{Do::rows, "2"}, {Do::column, "z = sum(A.x + B.y)"}, {Do::value, "z[1]"}});
        QVERIFY2(two.find("z") != std::string::npos && two.find("A") != std::string::npos, two.c_str());
    }

    void settings_are_changed() {
        QCOMPARE(*Calculator().run("", {{Do::setting, "quantile_type = 6"}, {Do::value, "q1(1, 2, 3, 10)"}}),
                 std::string("1.25\n"));
        QCOMPARE(*Calculator().run("", {{Do::setting, "as_of = 20 May 2026"}, {Do::value, "today()"}}),
                 std::string("2026-05-20\n"));
        const std::string written = *Calculator().run("", {{Do::setting, "decimal_sign = comma"}, {Do::value, "1/4"}});
        QCOMPARE(written, std::string("0.25\n")); // what the command line prints is for programs
        for (const char* wrong :
             {"quantile_type = 12", "quantile_type = 2.5", "tolerance = 0", "tolerance = nan", "seed = -1",
              "seed = 1e20", "as_of = 31/02/2026", "mood = good", "angles = grads", ""}) {
            QVERIFY2(!Calculator().run("", {{Do::setting, wrong}}), wrong);
        }
    }

    void several_tables_are_named_in_turn() {
        const std::string demo = DEMO_FOLDER "/marrow-beck.ledgefall";
        QCOMPARE(
            out({{Do::in, "Invertebrates"}, {Do::value, "sum(share)"}, {Do::in, "Pebbles"}, {Do::value, "count(x)"}},
                demo),
            std::string("1\n24\n"));
        QVERIFY(out({{Do::in, "Nope"}}, demo).starts_with("refused: There is no table"));
    }

    void what_was_odd_about_a_file_is_told() {
        const QTemporaryDir folder;
        const std::string file = folder.filePath(QStringLiteral("ragged.csv")).toStdString();
        QVERIFY(write_file(file, "a,b\n1,2\n3\n"));
        Calculator calculator;
        QVERIFY(calculator.run(file, {{Do::value, "sum(a)"}}));
        QVERIFY2(calculator.notes().find("line 3") != std::string::npos, calculator.notes().c_str());
    }

    /// All checks are printed, even if one is in error, and any that does not hold is told by the exit status.
    void checks_are_all_printed() {
        const QTemporaryDir folder;
        const std::string file = folder.filePath(QStringLiteral("checks.ledgefall")).toStdString();
        QVERIFY(write_file(file, R"({"format": "ledgefall-study", "version": 1, "checks": [
            {"label": "good", "condition": "1 < 2"}, {"label": "bad", "condition": "1 > 2", "message": "it is not"},
            {"label": "odd", "condition": "1 / 0 > 2"}, {"label": "open", "condition": "missing > 2"}]})"));
        QCOMPARE(
            out({{Do::check, ""}}, file),
            std::string(
                "holds: good\nfails: bad (it is not)\nerror: odd (The check odd: division by zero.)\nunknown: open\n"));
        Calculator calculator;
        QVERIFY(calculator.run(file, {{Do::value, "1"}}) && calculator.all_hold());
        QVERIFY(calculator.run(file, {{Do::check, ""}}) && !calculator.all_hold());
    }

    void nothing_is_written_where_a_later_step_fails() {
        const QTemporaryDir folder;
        const std::string file = folder.filePath(QStringLiteral("out.ledgefall")).toStdString();
        QVERIFY(out({{Do::save, file}, {Do::value, "1/0"}}).starts_with("refused"));
        QVERIFY(!QFile::exists(QString::fromStdString(file)));
        QCOMPARE(out({{Do::rows, "3"}, {Do::column, "z = row"}, {Do::save, file}}), std::string());
        QCOMPARE(out({{Do::value, "sum(z)"}}, file), std::string("6\n"));
    }

    void the_reference_page_is_current() {
        const Result<std::string> page = read_file(DEMO_FOLDER "/../docs/help/functions.html");
        QVERIFY2(page && *page == reference_page(),
                 "run build/bin/ledgefall-calc --functions > docs/help/functions.html");
    }

    /// Under limits between too little and enough memory the program says so, or gives the right number.
    void too_little_memory_is_told() {
#if defined(__SANITIZE_ADDRESS__) || defined(__SANITIZE_THREAD__) || defined(__clang__)
        QSKIP("The sanitizers need more address space than the limits leave.");
#endif
        const QTemporaryDir folder;
        QByteArray text = "a,b\n";
        constexpr int rows = 300'000;
        for (int row = 1; row <= rows; ++row) {
            text += QByteArray::number(row) + ",1\n";
        }
        QFile file(folder.filePath(QStringLiteral("long.csv")));
        QVERIFY(file.open(QIODevice::WriteOnly) && file.write(text) == text.size());
        file.close();
        int told = 0;
        int computed = 0;
        for (int limit = 60'000; limit < 220'000; limit += 4'000) { // 40 of them, in kilobytes
            QProcess shell;
            const QString command =
                QStringLiteral("ulimit -v %1; exec \"$0\" \"$1\" --column 'z = a + b' --value 'sum(z)'");
            shell.start(QStringLiteral("/bin/sh"),
                        {QStringLiteral("-c"), command.arg(limit),
                         QCoreApplication::applicationDirPath() + QStringLiteral("/ledgefall-calc"), file.fileName()});
            QVERIFY(shell.waitForFinished());
            const QByteArray what = shell.readAllStandardError();
            QVERIFY2(shell.exitStatus() == QProcess::NormalExit && shell.exitCode() <= 1, what);
            told += what.contains("not enough memory") ? 1 : 0;
            computed += shell.readAllStandardOutput().trimmed() == "45000450000" ? 1 : 0;
        }
        QCOMPARE(told + computed, 40);
        QVERIFY2(told > 0 && computed > 0, qPrintable(QStringLiteral("%1 %2").arg(told).arg(computed)));
    }

    void the_program_keeps_its_exit_statuses() {
        const auto run = [](const QStringList& arguments) {
            QProcess process;
            process.start(QCoreApplication::applicationDirPath() + QStringLiteral("/../bin/ledgefall-calc"), arguments);
            process.waitForFinished();
            return std::tuple(process.exitCode(), process.readAllStandardOutput(), process.readAllStandardError());
        };
        const auto fine = run({QStringLiteral("--value"), QStringLiteral("6*7"), QStringLiteral("--hold"),
                               QStringLiteral("p = 1"), QStringLiteral("--value"), QStringLiteral("-p")});
        QCOMPARE(std::get<0>(fine), 0);
        QCOMPARE(std::get<1>(fine), QByteArray("42\n-1\n"));
        const auto fault =
            run({QStringLiteral("--value"), QStringLiteral("2"), QStringLiteral("--value"), QStringLiteral("1/0")});
        QCOMPARE(std::get<0>(fault), 1);
        QCOMPARE(std::get<1>(fault), QByteArray());
        QCOMPARE(std::get<2>(fault).count('\n'), 1);
        QCOMPARE(std::get<0>(run({QStringLiteral("--nonsense")})), 2);
        QCOMPARE(std::get<0>(run({QStringLiteral("--value")})), 2);
    }
};

LEDGEFALL_TEST(TestCalculator)
#include "test_calculator.moc"

// Studies written as worksheets: their formulas are evaluated by a program that shares no code with Ledgefall
// (openformula_evaluate.py), and the worksheets are read again as studies that compute the same.

#include "core/engine/running/results.h"
#include "core/study/edits/edits.h"
#include "files/formats/file_format.h"
#include "files/io/atomic_file.h"
#include "files/study_json/study_json.h"
#include "files/worksheet_reading/worksheet_readers.h"
#include "files/worksheet_writing/workbook_of_study.h"
#include "harness/test_program.h"

#include <QDir>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include <cmath>
#include <limits>

using namespace ledgefall;

namespace {

Study study_in(const QString& path) {
    const Result<std::string> text = read_file(path.toStdString());
    const Result<Study> study = text ? read_study(*text) : Result<Study>(text.refusal());
    return study ? *study : Study();
}

/// The studies that ship with Ledgefall.
QStringList all_studies() {
    QStringList out;
    for (const char* folder : {DEMO_FOLDER, DEMO_FOLDER "/../starters"}) {
        const QDir in{QString::fromUtf8(folder)};
        for (const QString& name : in.entryList({QStringLiteral("*.ledgefall")}, QDir::Files, QDir::Name)) {
            out << in.filePath(name);
        }
    }
    return out;
}

const FileFormat& format_named(std::string_view name) {
    const auto& all = file_formats();
    return *std::find_if(all.begin(), all.end(), [name](const FileFormat& one) { return one.name == name; });
}

bool same_value(const Value& a, const Value& b) {
    if (!a.plain() || !b.plain()) {
        return !a.plain() && !b.plain();
    }
    if (a.kind() == Kind::text || b.kind() == Kind::text) {
        return write_cell(a) == write_cell(b);
    }
    return std::fabs(a.number() - b.number()) <= 1e-9 * std::max(1.0, std::fabs(a.number()));
}

/// Columns of a study are looked for by what they are called in their headings.
const ColumnDefinition* column_headed(const Study& study, const std::string& label, const Column& like,
                                      const Results& results) {
    for (const auto& table : study.tables) {
        for (const auto& column : table->columns) {
            const Column* cells = results.column(column->id);
            const std::string with_unit = column->label + (column->unit.empty() ? "" : " (" + column->unit + ")");
            if ((column->label != label && with_unit != label) || cells == nullptr || cells->size() < like.size()) {
                continue;
            }
            bool same = true;
            for (std::size_t row = 0; same && row < like.size(); ++row) {
                same = same_value(like.at(row), cells->at(row));
            }
            if (same) {
                return &*column;
            }
        }
    }
    return nullptr;
}

Study table_of(const std::vector<NewColumn>& columns, const std::vector<std::string>& computed) {
    Id table;
    Study study = *add_columns(*add_table(Study(), "Data", &table), table, columns);
    study = study.tables.empty() ? *add_table(study, "Data", &table) : study;
    for (const std::string& definition : computed) {
        const Result<Study> with = write_column(study, study.tables.front()->id, definition);
        if (!with) {
            qFatal("refused: %s", with.refusal().text().c_str());
        }
        study = *with;
    }
    return study;
}

} // namespace

class OpenFormulaWriting : public QObject {
    Q_OBJECT
    QTemporaryDir folder_;

    std::string written(const Study& study, std::string_view format, std::vector<Sentence>& reports) const {
        const Result<std::string> bytes = format_named(format).write_worksheet(study, *compute(study), {}, reports, {});
        return bytes ? *bytes : std::string();
    }

    /// What the evaluator says of a study in both formats: nothing where all formulas agree.
    QString evaluated(const Study& study, std::size_t* compared = nullptr) const {
        QStringList files;
        for (const std::string_view format : {"ods", "xlsx"}) {
            std::vector<Sentence> reports;
            const QString path = folder_.filePath(QStringLiteral("one.") + QString::fromUtf8(format.data()));
            (void)write_file(path.toStdString(), written(study, format, reports));
            files << path;
        }
        return run_evaluator(files, compared);
    }

    static QString run_evaluator(const QStringList& files, std::size_t* compared) {
        QProcess evaluator;
        const QString program =
            QFileInfo(QStringLiteral(WORKSHEETS)).path() + QStringLiteral("/openformula_evaluate.py");
        evaluator.start(QStringLiteral("/usr/bin/python3"), QStringList{program} + files);
        if (!evaluator.waitForFinished(240000)) {
            return QStringLiteral("it does not end");
        }
        const QString said = QString::fromUtf8(evaluator.readAllStandardOutput());
        std::size_t count = 0;
        for (const QString& line : said.split(u'\n')) {
            count += line.section(u' ', 1).toULongLong();
        }
        if (compared != nullptr) {
            *compared = count;
        }
        const QString wrong = QString::fromUtf8(evaluator.readAllStandardError());
        return evaluator.exitCode() != 0 && wrong.isEmpty() ? QStringLiteral("it failed") : wrong;
    }

  private Q_SLOTS:
    /// Every formula of every study that ships, in both formats, by the other program.
    void formulas_give_what_is_written_beside_them() {
        QStringList files;
        for (const QString& path : all_studies()) {
            const Study study = study_in(path);
            QVERIFY2(!study.tables.empty(), qPrintable(path));
            for (const std::string_view format : {"ods", "xlsx"}) {
                std::vector<Sentence> reports;
                const QString out =
                    folder_.filePath(QFileInfo(path).completeBaseName() + QString::number(files.size()) + u'.' +
                                     QString::fromUtf8(format.data()));
                QVERIFY(write_file(out.toStdString(), written(study, format, reports)));
                files << out;
            }
        }
        std::size_t compared = 0;
        const QString wrong = run_evaluator(files, &compared);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong.left(2000)));
        QVERIFY2(compared > 25000, qPrintable(QString::number(compared)));
    }

    /// Read again, every column is there with its values, and no formula gives another value than the file has.
    void what_is_written_is_read_again() {
        std::size_t columns = 0;
        for (const QString& path : all_studies()) {
            const Study study = study_in(path);
            const ResultsPtr results = compute(study);
            for (const std::string_view format : {"ods", "xlsx"}) {
                std::vector<Sentence> reports;
                const Result<WorksheetStudy> read =
                    format_named(format).read_worksheet(written(study, format, reports), {});
                QVERIFY2(read, qPrintable(path));
                QVERIFY2(read->report.count(WorksheetReport::Line::Is::difference) == 0,
                         (path.toStdString() + "\n" + read->report.text()).c_str());
                const ResultsPtr again = compute(read->study);
                for (const auto& table : study.tables) {
                    for (const auto& column : table->columns) {
                        if (table->two_way() || results->rows(table->id) == 0) {
                            continue;
                        }
                        QVERIFY2(
                            column_headed(read->study, column->shown_label(), *results->column(column->id), *again),
                            (path.toStdString() + " " + column->shown_label()).c_str());
                        ++columns;
                    }
                }
            }
        }
        QVERIFY(columns > 150);
    }

    /// Missing cells stay missing, and are no zeros.
    void missing_stays_missing() {
        const Column gaps =
            Column::of(Kind::number, {Value::number(2), Value::missing(), Value::number(5), Value::missing()});
        const Study study = table_of({{"a", "a", "", gaps}, {"b", "b", "", Column::numbers({1, 2, 3, 4})}},
                                     {"c = a * b", "d = c + 1", "m = sum(a[1..i])", "before = a[i-1]"});
        std::size_t compared = 0;
        const QString wrong = evaluated(study, &compared);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong));
        QVERIFY(compared >= 24);
        std::vector<Sentence> reports;
        const auto read = format_named("ods").read_worksheet(written(study, "ods", reports), {});
        QVERIFY(read && reports.empty());
        QCOMPARE(read->report.count(WorksheetReport::Line::Is::difference), std::size_t(0));
        const ColumnDefinition& c = *read->study.tables.front()->column_named("c");
        QCOMPARE(QString::fromStdString(c.pieces.front().formula.text()), QStringLiteral("a * b"));
    }

    /// A branch that is not taken may have missing cells; what is asked about being missing is not missing by it.
    void branches_and_questions_about_missing_cells() {
        const Column gaps = Column::of(Kind::number, {Value::number(2), Value::missing(), Value::number(5)});
        const std::vector<NewColumn> columns = {{"a", "a", "", gaps}, {"b", "b", "", Column::numbers({1, 2, 3})}};
        for (const char* formula : {"if b > 1 then b else a", "if b = 2 then b else a",
                                    "if is_missing(a) then 0 else a * b", "if is_missing(a * b) then 7 else b"}) {
            const Study study = table_of(columns, {std::string("c = ") + formula, "d = c + 1"});
            const QString wrong = evaluated(study);
            QVERIFY2(wrong.isEmpty(), qPrintable(QString::fromUtf8(formula) + u'\n' + wrong));
            for (const std::string_view format : {"ods", "xlsx"}) {
                std::vector<Sentence> reports;
                const auto read = format_named(format).read_worksheet(written(study, format, reports), {});
                QVERIFY(read);
                const ResultsPtr before = compute(study);
                const ResultsPtr after = compute(read->study);
                for (std::size_t row = 0; row < 3; ++row) {
                    const Value was = before->cell(study.tables.front()->column_named("c")->id, row);
                    const Value is = after->cell(read->study.tables.front()->column_named("c")->id, row);
                    QVERIFY2(same_value(was, is), formula);
                }
            }
        }
    }

    /// Every form of formula that the standards can say, each by the other program; and no note that it could not be.
    void each_form_is_said() {
        const std::vector<NewColumn> columns = {
            {"x", "x", "", Column::numbers({3, 1, 4, 1, 5, 9})},
            {"y", "y", "", Column::numbers({2, 7, 1, 8, 2, 8})},
            {"site", "site", "",
             Column::of(Kind::text,
                        {Value::text(Text("riffle")), Value::text(Text("pool")), Value::text(Text("riffle")),
                         Value::text(Text("weir")), Value::text(Text("pool")), Value::text(Text("pool"))})}};
        const char* const formulas[] = {
            "x + y * 2 - x / y",
            "-x^2",
            "(-x)^2",
            "2^3^2 - (2^3)^2",
            "(x - y) - (x - (y - 1))",
            "12% * x",
            "x / sum(x)",
            "x - mean(x)",
            "sum(x[1..i])",
            "mean(x[i..last])",
            "if x > y then x else if x = y then 0 else y",
            "if x > 1 and not (y > 7) or x = 1 then 1 else 2",
            "if 1 < x <= 4 then 1 else 0",
            "count(x < x[i]) + 1",
            "count(site = site[i])",
            "sum(x where site = site[i])",
            "mean(y where site = \"pool\" and x > 0)",
            "sum(x[i] .. y[i])",
            "max(x[i], y[i])",
            "abs(x - y)",
            "|x - y|",
            "sqrt(x) + ln(y) + exp(-x) + log10(y) + log(x, 2) + log2(y)",
            "sin(x) * cos(y) + atan2(y, x) + pi",
            "x mod 3",
            "choose(9, x) + factorial(x) + 3!",
            "round(x / y, 2) + floor(x / y)",
            "hypot(x, y) + cbrt(x)",
            "larger(x, y) - smaller(x, y)",
            "x[1] + x[last]",
            "sd(x) + var(y) + sd_pop(x) + var_pop(y) + median(x) + min(x) + max(y)",
            "quantile(x, 0.25) + q3(y)",
            "corr(x, y) + slope(y, x) + intercept(y, x)",
            "P(binomial(9, 0.4) <= x) + P(binomial(9, 0.4) = x)",
            "P(normal(3, 2) <= x) + P(poisson(2) = x)",
            "row",
            "x / rows",
            "first 100 then before[i-1] * 1.06",
        };
        std::size_t said = 0;
        for (const char* formula : formulas) {
            const std::string name = std::string(formula).find("before") == std::string::npos ? "z" : "before";
            const Study study = table_of(columns, {name + " = " + formula});
            std::vector<Sentence> reports;
            (void)written(study, "xlsx", reports);
            QVERIFY2(reports.empty(), reports.empty() ? "" : reports.front().text().c_str());
            std::size_t compared = 0;
            const QString wrong = evaluated(study, &compared);
            QVERIFY2(wrong.isEmpty(), qPrintable(QString::fromUtf8(formula) + u'\n' + wrong));
            QVERIFY2(compared >= 10, formula); // both formats; the first row of a recurrence is a number
            ++said;
        }
        QCOMPARE(said, std::size(formulas));
    }

    /// The tables of the demo laid across: their sheets have their rows to the right, and read again they lie so.
    void tables_laid_across() {
        std::size_t laid = 0;
        for (const char* name : {"/marrow-beck.ledgefall", "/cooling.ledgefall", "/diversity.ledgefall"}) {
            Study study = study_in(QStringLiteral(DEMO_FOLDER) + QString::fromLatin1(name));
            bool other = false; // every second one, so that formulas look from one that lies so to one that does not
            for (const auto& table : std::vector<Shared<Table>>(study.tables)) {
                if (!table->two_way() && (other = !other)) {
                    study = *lay_across(study, table->id, true);
                }
            }
            std::size_t compared = 0;
            const QString wrong = evaluated(study, &compared);
            QVERIFY2(wrong.isEmpty(), qPrintable(wrong.left(2000)));
            QVERIFY2(compared > 50, name);
            for (const std::string_view format : {"ods", "xlsx"}) {
                std::vector<Sentence> reports;
                const auto read = format_named(format).read_worksheet(written(study, format, reports), {});
                QVERIFY(read);
                QVERIFY2(read->report.count(WorksheetReport::Line::Is::difference) == 0, read->report.text().c_str());
                for (const auto& table : study.tables) {
                    const bool computed = std::any_of(table->columns.begin(), table->columns.end(),
                                                      [](const auto& column) { return column->computed(); });
                    const auto again =
                        std::find_if(read->study.tables.begin(), read->study.tables.end(),
                                     [&](const auto& one) { return one->shown_label() == table->shown_label(); });
                    if (table->laid_across && computed && again != read->study.tables.end()) {
                        QVERIFY2((*again)->laid_across, table->name.c_str());
                        ++laid;
                    }
                }
            }
        }
        QVERIFY2(laid >= 6, qPrintable(QString::number(laid)));
    }

    /// Feet, sides and corners of two-way tables, checks with their state, notes and pictures.
    void what_stands_beside_the_cells() {
        Study study = study_in(QStringLiteral(DEMO_FOLDER "/two-axes.ledgefall"));
        const ResultsPtr results = compute(study);
        const std::string png("\x89PNG\r\n\x1a\n-", 9);
        std::vector<ChartPicture> pictures;
        for (const auto& chart : study.charts) {
            pictures.push_back({chart->id, png, 640, 420});
        }
        QVERIFY(!pictures.empty());
        for (const std::string_view format : {"ods", "xlsx"}) {
            std::vector<Sentence> reports;
            const auto bytes = format_named(format).write_worksheet(study, *results, pictures, reports, {});
            QVERIFY(bytes);
            QVERIFY(bytes->find("Pictures/1.png") != std::string::npos ||
                    bytes->find("xl/media/sheet") != std::string::npos);
            const Result<Workbook> read = format == "ods" ? read_open_document(*bytes) : read_open_xml(*bytes);
            QVERIFY(read);
            const Sheet* checks = read->sheet_named("Checks");
            QVERIFY(checks != nullptr);
            QVERIFY(std::any_of(checks->cells.begin(), checks->cells.end(), [](const SheetCell& cell) {
                return cell.place.column == 2 && cell.formula != nullptr && cell.kind == Kind::yes_no &&
                       cell.number == 1;
            }));
            for (const auto& table : study.tables) {
                for (const auto& line : table->foot) {
                    if (!table->two_way() || line->place != FootLine::Place::under_and_beside) {
                        continue;
                    }
                    const auto sheet = std::find_if(read->sheets.begin(), read->sheets.end(), [&](const Sheet& one) {
                        return one.at({0, 0}) != nullptr && one.at({0, 0})->text == (*table->axis.column)->name +
                                                                                        " \\ " +
                                                                                        (*table->across->column)->name;
                    });
                    QVERIFY(sheet != read->sheets.end());
                    const double whole = results->foot(line->id, table->columns.front()->id).number();
                    QVERIFY(std::any_of(sheet->cells.begin(), sheet->cells.end(), [whole](const SheetCell& cell) {
                        return cell.formula != nullptr && std::abs(cell.number - whole) < 1e-9;
                    }));
                }
            }
        }
    }

    /// Held functions are put in where they are called, in one another too.
    void held_functions_are_put_in() {
        Study study = table_of({{"x", "x", "", Column::numbers({1, 2, 4})}}, {});
        study = *hold(*hold(study, Id(), "k = 3"), Id(), "force(r) = k / r^2");
        study = *hold(study, Id(), "both(a, b) = force(a) - force(b + 1) * a");
        study = *write_column(study, study.tables.front()->id, "z = both(x, 2 * x) + force(x - 0.5)");
        std::vector<Sentence> reports;
        (void)written(study, "ods", reports);
        QCOMPARE(reports.size(), std::size_t(2)); // that the functions themselves are not written
        std::size_t compared = 0;
        const QString wrong = evaluated(study, &compared);
        QVERIFY2(wrong.isEmpty(), qPrintable(wrong));
        QCOMPARE(compared, std::size_t(6));
        // Where a column has the name of a held value that the function uses, it would be taken for that.
        Study other = table_of({{"x", "x", "", Column::numbers({1, 2})}, {"k", "k", "", Column::numbers({5, 6})}}, {});
        other = *hold(*hold(other, Id(), "k = 3"), Id(), "force(r) = k / r^2");
        other = *write_column(other, other.tables.front()->id, "z = force(x)");
        reports.clear();
        (void)written(other, "ods", reports);
        QVERIFY(std::any_of(reports.begin(), reports.end(), [](const Sentence& one) {
            return one.text().find("mean something else in the table") != std::string::npos;
        }));
    }

    /// What the standards cannot say is a value, and that is told.
    void what_cannot_be_said_is_a_value() {
        const std::pair<const char*, const char*> all[] = {
            {"max(x) * k with k = 2", "cannot express it"},
            {"sum(1/j! for j in 0..10)", "cannot express it"},
            {"shannon(x)", "no function for shannon"},
            {"sum(ln(x))", "put these in a separate column"},
            {"if x in (2, 3) then 1 else 0", "cannot express it"},
            {"x[row mod 3 + 1]", "whose number is computed"},
            {"draw(normal(0, 1))", "no function for draw"},
        };
        for (const auto& [formula, why] : all) {
            Study study = table_of({{"x", "x", "", Column::numbers({1, 2, 3})}}, {});
            study = *hold(*hold(study, Id(), "k = 3"), Id(), "force(r) = k / r^2");
            study = *write_column(study, study.tables.front()->id, std::string("z = ") + formula);
            std::vector<Sentence> reports;
            const std::string bytes = written(study, "ods", reports);
            const bool told =
                std::any_of(reports.begin(), reports.end(), [why = std::string(why)](const Sentence& one) {
                    return one.text().find(why) != std::string::npos &&
                           one.text().starts_with("Data.z is exported as values");
                });
            QVERIFY2(told, (std::string(formula) + (reports.empty() ? "" : reports.back().text())).c_str());
            const auto read = read_open_document(bytes);
            QVERIFY(read);
            const Value before = compute(study)->cell(study.tables.front()->column_named("z")->id, 1);
            const SheetCell* cell = read->sheets.front().at({2, 1});
            QVERIFY2(cell != nullptr && cell->formula == nullptr && cell->number == before.number(), formula);
        }
    }

    /// Texts that worksheets take for others, by capitals or by signs for any text, are compared by no formula.
    void texts_that_compare_otherwise_are_values() {
        for (const char* other : {"Pool", "p*", "p?ol", "05", "2024-05-01"}) {
            const Study study = table_of(
                {{"site", "site", "", Column::of(Kind::text, {Value::text(Text("pool")), Value::text(Text(other))})}},
                {"n = count(site = site[i])"});
            std::vector<Sentence> reports;
            (void)written(study, "xlsx", reports);
            QVERIFY2(reports.size() == 1 &&
                         reports.front().text().find("which worksheets compare differently") != std::string::npos,
                     other);
        }
    }

    /// A text in a formula may differ by its capitals alone too, and one that is made in it.
    void texts_in_formulas_compare_otherwise() {
        for (const char* formula :
             {"c = count(site = \"Pool\")", "c = if site = \"POOL\" then 1 else 0",
              "c = if site = upper(\"pool\") then 1 else 0", "c = if site = wanted then 1 else 0"}) {
            Id table;
            Study study = *add_table(*hold(Study(), Id(), "wanted = \"pOOl\""), "Sites", &table);
            study =
                *add_columns(study, table, {{"site", "site", "", Column::of(Kind::text, {Value::text(Text("pool"))})}});
            study = *write_column(study, table, formula);
            std::vector<Sentence> reports;
            QVERIFY(!written(study, "ods", reports).empty());
            QVERIFY2(!reports.empty() && reports.front().text().find("compares") != std::string::npos, formula);
        }
    }

    /// Numbers to the last bit, texts that look like formulas, blanks, signs of XML, dates before 1900.
    void values_come_back_to_the_last_bit() {
        std::vector<Value> numbers;
        for (const double one :
             {0.1 + 0.2, 1.0 / 3, 1e-300, 1.7976931348623157e308, -5.684341886080802e-14, 5e-324, 2e15 + 0.25}) {
            numbers.push_back(Value::number(one));
        }
        std::vector<Value> texts;
        for (const char* one : {"=1+1", "+2", "-x", "@sum", "a  b & <c> \"d\"", " both ends ", "µ ≈ 3 ‰"}) {
            texts.push_back(Value::text(Text(one)));
        }
        std::vector<Value> dates;
        for (const double one : {-719162.0, -25600.0, -25509.0, -25508.0, 0.0, 20000.5, 2932896.0}) {
            dates.push_back(Value::of(one, Kind::date, State::plain));
        }
        const Study study = table_of({{"n", "n", "", Column::of(Kind::number, numbers)},
                                      {"t", "t", "", Column::of(Kind::text, texts)},
                                      {"d", "d", "", Column::of(Kind::date, dates)}},
                                     {});
        for (const std::string_view format : {"ods", "xlsx"}) {
            std::vector<Sentence> reports;
            const auto read = format_named(format).read_worksheet(written(study, format, reports), {});
            QVERIFY(read);
            const Table& table = *read->study.tables.front();
            QCOMPARE(table.columns.size(), std::size_t(3));
            for (std::size_t row = 0; row < numbers.size(); ++row) {
                QVERIFY(table.columns[0]->cells->at(row) == numbers[row]);
                QCOMPARE(write_cell(table.columns[1]->cells->at(row)), write_cell(texts[row]));
                QCOMPARE(write_cell(table.columns[2]->cells->at(row)), write_cell(dates[row]));
            }
        }
    }
};

LEDGEFALL_TEST(OpenFormulaWriting)
#include "openformula_writing.moc"

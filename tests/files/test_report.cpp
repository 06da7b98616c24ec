// What a report of a study says, and how its files write it: HTML that is well-formed, LaTeX with every cell.

#include "core/report/report.h"
#include "core/study/edits/edit_grid.h"
#include "files/reports/report_files.h"
#include "harness/test_program.h"

#include <QXmlStreamReader>
#include <QtTest>

using namespace ledgefall;

namespace {

std::string shown(const Value& value, const Format& format) {
    return value.is_fault()                                ? "error"
           : value.kind() == Kind::number && value.plain() ? format.text(value.number())
                                                           : write_cell(value);
}

Column numbers(const std::vector<double>& values) {
    Column column(Kind::number);
    for (const double value : values) {
        column.append(Value::number(value));
    }
    return column;
}

/// A table of lengths with deviations, a mean on the ledge, a foot line and two checks of which one fails.
Study pebbles() {
    Id table;
    Study study = *add_table(Study(), "Pebbles & sand", &table);
    study.title = "Week <one>";
    study.note = "From the gravel bar.";
    study = *add_columns(study, table, {{"Length", "x", "mm", numbers({42, 57.5, 38, 61})}});
    study = *hold(study, table, "m = mean(x)");
    study = *write_column(study, table, "dev = (x - m) / 2");
    study = *write_column(study, table, "wrong = 1 / (x - 38)");
    study = *add_foot_line(study, table, "sum", "sum(each)", {study.table(table)->columns[0]->id});
    study = *add_check(study, table, {"n is 4", "count(x) = 4", ""});
    study = *add_check(study, table, {"all are long", "min(x) > 40", "Look at the short ones."});
    return study;
}

Report report(const Study& study, const ReportRequest& request = {}) {
    const auto made = report_of(study, *compute(study), request, shown);
    if (!made) {
        qFatal("%s", made.refusal().text().c_str());
    }
    return *made;
}

/// The elements of a page, which must be well-formed but for what HTML leaves open.
struct Elements {
    QMap<QString, int> count;
    int headers_without_scope = 0;
    QString language, title;

    explicit Elements(const std::string& html) {
        QString text = QString::fromStdString(html);
        text.replace(QStringLiteral("<meta charset=\"utf-8\">"), QString());
        text.replace(QStringLiteral("<br>"), QStringLiteral("<br/>"));
        QXmlStreamReader reader(text.mid(text.indexOf(QStringLiteral("<html"))));
        while (!reader.atEnd()) {
            if (reader.readNext() != QXmlStreamReader::StartElement) {
                continue;
            }
            const QString name = reader.name().toString();
            ++count[name];
            const bool scope = reader.attributes().hasAttribute(QStringLiteral("scope"));
            headers_without_scope += name == u"th" && !scope ? 1 : 0;
            language = name == u"html" ? reader.attributes().value(QStringLiteral("lang")).toString() : language;
            title = name == u"title" ? reader.readElementText() : title;
        }
        if (reader.hasError()) {
            qFatal("not well-formed: %s", qPrintable(reader.errorString()));
        }
    }
};

} // namespace

class TestReport : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void a_report_has_what_the_study_shows() {
        ReportRequest request;
        const Study study = pebbles();
        request.workings = {study.tables.front()->name + ".dev[2]"};
        const Report made = report(study, request);
        QCOMPARE(made.title, std::string("Week <one>"));
        QCOMPARE(made.held.size(), std::size_t{1});
        QCOMPARE(made.held.front().value, std::string("49.625"));
        QCOMPARE(made.held.front().formula.typed, std::string("mean(x)"));
        const ReportTable& table = made.tables.front();
        QCOMPARE(table.columns.size(), std::size_t{4});
        QCOMPARE(table.columns[1].unit, std::string("mm"));
        std::string row;
        for (const std::string& text : table.rows[1]) {
            row += text + " ";
        }
        QCOMPARE(QString::fromStdString(row), QStringLiteral("2 57.5 3.9375 0.05128 "));
        QCOMPARE(table.rows[2].back(), std::string("error"));
        QCOMPARE(table.foot.front(), (std::vector<std::string>{"sum", "198.5", "", ""}));
        QVERIFY(made.checks[0].holds && !made.checks[1].holds);
        QCOMPARE(made.checks[1].message, std::string("Look at the short ones."));
        QVERIFY(made.workings.front().lines.size() > 2);
        QVERIFY(made.workings.front().lines.back().find("3.9375") != std::string::npos);
        QVERIFY(
            std::any_of(made.sources.begin(), made.sources.end(), [](const auto& one) { return one.first == "mean"; }));
    }

    void what_rows_do_not_show_is_said() {
        Study study = pebbles();
        const Id table = study.tables.front()->id;
        study = *type_block(study, table, 1, 1, {{"9"}});
        const ReportTable made = report(study).tables.front();
        QCOMPARE(made.remarks, std::vector<std::string>{"In dev, values are typed over the formula: 1."});
        QVERIFY(write_html_report(report(study), {}).find("typed over the formula") != std::string::npos);
        QVERIFY(write_latex_report(report(study), {}).find("typed over the formula") != std::string::npos);
    }

    void rows_in_the_middle_are_left_out() {
        Id table;
        Study study = *add_table(Study(), "Long", &table);
        study = *count_rows(study, table, "100");
        study = *write_column(study, table, "k = row^2");
        ReportRequest request;
        request.rows = ReportRequest::Rows::first_and_last;
        request.row_count = 3;
        const ReportTable some = report(study, request).tables.front();
        QCOMPARE(some.rows.size(), std::size_t{6});
        QCOMPARE(some.left_out, std::size_t{94});
        QCOMPARE(some.rows[3], (std::vector<std::string>{"98", "9604"}));
        QVERIFY(write_html_report(report(study, request), {}).find("94 rows are left out") != std::string::npos);
        request.rows = ReportRequest::Rows::none;
        QVERIFY(report(study, request).tables.front().rows.empty());
        request.full_numbers = true;
        request.rows = ReportRequest::Rows::all;
        QCOMPARE(report(study, request).tables.front().rows.size(), std::size_t{100});
    }

    void two_way_tables_have_their_axes() {
        Id table;
        Study study = *add_two_way_table(Study(), "Products", {"a", "", "", "1..3"}, {"b", "", "", "2, 4"}, &table);
        study = *write_column(study, table, "p = a * b");
        const ReportTable grid = report(study).tables.front();
        QCOMPARE(grid.columns.size(), std::size_t{3});
        QCOMPARE(grid.columns[2].label, std::string("4"));
        QCOMPARE(grid.rows[2], (std::vector<std::string>{"3", "6", "12"}));
        QCOMPARE(grid.formula.typed, std::string("a * b"));
    }

    void html_is_well_formed_with_header_cells_and_mathematics() {
        const Elements page(write_html_report(report(pebbles()), [](Id) { return std::string("<svg/>"); }));
        QCOMPARE(page.language, QStringLiteral("en"));
        QCOMPARE(page.title, QStringLiteral("Week <one>"));
        QCOMPARE(page.count[QStringLiteral("table")], 2); // held values and the table
        QCOMPARE(page.count[QStringLiteral("mfrac")], 2);
        QCOMPARE(page.count[QStringLiteral("tfoot")], 1);
        QCOMPARE(page.headers_without_scope, 0);
        ReportRequest request;
        request.formulas = ReportRequest::Formulas::typed;
        const std::string typed = write_html_report(report(pebbles(), request), {});
        QVERIFY(typed.find("<code>(x - m) / 2</code>") != std::string::npos &&
                typed.find("<math") == std::string::npos);
    }

    void every_form_of_mathematics_is_an_element() {
        Id table;
        Study study = *add_table(Study(), "Forms", &table);
        study = *add_columns(study, table, {{"x", "x", "", numbers({1, 2, 3})}});
        for (const char* formula :
             {"a = sqrt(x) + cbrt(x) + |x| + x^2 / 3", "b = sum(x[1..i]) + mean(x)", "c = if x > 1 then x else -x",
              "d = x! + exp(x)", "f = sum(1/k! for k in 0..10)", "g = product(x)", "h = \"a & b\""}) {
            study = *write_column(study, table, formula);
        }
        const Elements page(write_html_report(report(study), {}));
        for (const char* wanted : {"msqrt", "mroot", "msup", "mfrac", "mtable", "mover", "mtext"}) {
            QVERIFY2(page.count.contains(QString::fromLatin1(wanted)), wanted);
        }
    }

    void latex_has_every_cell_and_escapes_what_is_special() {
        const std::string text = write_latex_report(report(pebbles()), [](Id) { return std::string(); });
        for (const char* wanted : {"\\documentclass", "Pebbles \\& sand", "57.5", "\\begin{longtable}", "\\toprule",
                                   "\\bottomrule", "\\frac", "Look at the short ones.", "\\end{document}"}) {
            QVERIFY2(text.find(wanted) != std::string::npos, wanted);
        }
        Id table;
        Study wide = *add_table(Study(), "Wide", &table);
        wide = *count_rows(wide, table, "2");
        for (int column = 0; column < 12; ++column) {
            wide =
                *write_column(wide, table, "c" + std::to_string(column) + " = row * " + std::to_string(100 + column));
        }
        const std::string parts = write_latex_report(report(wide), {});
        QVERIFY(parts.find("continues") != std::string::npos);
        for (int column = 0; column < 12; ++column) {
            QVERIFY(parts.find(std::to_string(2 * (100 + column))) != std::string::npos);
        }
    }

    void a_working_that_does_not_exist_is_refused() {
        ReportRequest request;
        request.workings = {"Nothing.x[1]"};
        QVERIFY(!report_of(pebbles(), *compute(pebbles()), request, shown));
    }
};

LEDGEFALL_TEST(TestReport)
#include "test_report.moc"

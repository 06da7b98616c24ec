// Named areas with headings, whose parts formulas take by name.

#include "files/formats/file_format.h"
#include "files/io/atomic_file.h"
#include "files/worksheet_reading/table_areas.h"
#include "harness/test_program.h"

#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

using namespace ledgefall;
using Is = WorksheetReport::Line::Is;

class OpenFormulaAreas : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void parts_are_cells_and_ranges() {
        const std::vector<TableArea> areas = {
            {"Dishes", "Readings", {1, 1}, {6, 3}, 1, 1, {"Site", "Depth [mm]", "A]b"}}};
        const std::pair<const char*, const char*> all[] = {
            {"SUM(Dishes[Site])", "SUM($B$3:$B$6)"},
            {"dishes[[#this row],[depth '[mm']]]*2", "$C5*2"},
            {"Dishes[[#This Row],Site]", "$B5"},
            {"Dishes[[#This Row],[Site]:[A']b]]", "$B5:$D5"},
            {"SUM(Dishes[])", "SUM($B$3:$D$6)"},
            {"Dishes[#All]", "$B$2:$D$7"},
            {"Dishes[[#Headers],[A']b]]", "$D$2"},
            {"Dishes[[#Totals],[Site]]", "$B$7"},
            {"SUM(Dishes[[#Headers],[#Data],[Site]])", "SUM($B$2:$B$6)"},
            {"SUM( Dishes[ [#Data] , [Site] ] )", "SUM($B$3:$B$6)"},
            {"[[#This Row],[Site]]+1", "$B5+1"},
            {"SUM([Site])", "SUM($B$3:$B$6)"},
        };
        for (const auto& [written, meant] : all) {
            const SheetFormula read = read_sheet_formula(written, FormulaNotation::plain, {4, 3}, {&areas, "Readings"});
            QVERIFY2(read.tree, written);
            QCOMPARE(QString::fromStdString(write_sheet_formula(*read.tree, {4, 3})), QString(meant));
        }
        const SheetFormula elsewhere =
            read_sheet_formula("SUM(Dishes[Site])", FormulaNotation::plain, {0, 0}, {&areas, "Other"});
        QCOMPARE(write_sheet_formula(*elsewhere.tree, {0, 0}), std::string("SUM(Readings!$B$3:$B$6)"));
        for (const char* wrong : {"Dishes[Depth]", "Dishes[", "Dishes[[Site]", "Dishes[[Site],[A']b]]",
                                  "Dishes[[Site]:]", "Dishes[#Other]", "Nets[Site]", "Dishes[[#This Row],[Site]"}) {
            QVERIFY2(!read_sheet_formula(wrong, FormulaNotation::plain, {4, 3}, {&areas, "Readings"}).tree, wrong);
        }
        // The own row of another sheet's area is none.
        QVERIFY(
            !read_sheet_formula("Dishes[[#This Row],[Site]]", FormulaNotation::plain, {4, 3}, {&areas, "Other"}).tree);
    }

    void a_workbook_with_areas_is_recovered() {
        const QTemporaryDir folder;
        QProcess writer;
        writer.start("/usr/bin/python3", {WORKSHEETS, folder.path()});
        QVERIFY(writer.waitForFinished(60000) && writer.exitCode() == 0);
        const std::string path = folder.filePath("areas.xlsx").toStdString();
        const auto read = format_of(path).read_worksheet(*read_file(path), {});
        QVERIFY(read);
        QStringList formulas;
        for (const auto& line : read->report.lines) {
            if (line.is == Is::recovered) {
                formulas << QString::fromStdString(line.what.text());
            }
        }
        formulas.sort();
        const QStringList expected = {"Total under Count: sum(each)",
                                      "all = sum(Dishes.count)",
                                      "both = sum(Dishes.count, Dishes.mass)",
                                      "half = sum(Dishes.count) / 2",
                                      "heading = \"Site\"",
                                      "largest = max(Dishes.mean_mass)",
                                      "mean_mass = mass / count",
                                      "pools = sum(Dishes.count where Dishes.site = \"pool\")"};
        QCOMPARE(formulas, expected);
        QCOMPARE(read->report.count(Is::difference), std::size_t(0));
        QCOMPARE(read->report.count(Is::slip), std::size_t(0));
        QCOMPARE(read->report.count(Is::not_said), std::size_t(1)); // a column that is not there
    }
};

LEDGEFALL_TEST(OpenFormulaAreas)
#include "openformula_areas.moc"

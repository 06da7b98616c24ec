// Formulas made at random, written to worksheets and computed there by a program that shares no code with Ledgefall:
// each that is written gives the number that stands beside it.

#include "core/engine/running/results.h"
#include "files/formats/file_format.h"
#include "files/io/atomic_file.h"
#include "harness/random_studies.h"
#include "harness/test_program.h"

#include <QFileInfo>
#include <QProcess>
#include <QTemporaryDir>
#include <QtTest>

#include <functional>

using namespace ledgefall;
using namespace ledgefall::testing;

class OpenFormulaRandom : public QObject {
    Q_OBJECT

    /// Writes studies to both formats by turns, reads them again, and has them computed; how many formulas were
    /// compared, none where anything differs.
    static int compared(unsigned count, const std::function<Study(unsigned)>& study_of) {
        QTemporaryDir folder;
        QStringList files;
        for (unsigned number = 1; number <= count; ++number) {
            const Study study = study_of(number);
            const QString path = folder.filePath(QString::number(number) + (number % 2 == 0 ? ".ods" : ".xlsx"));
            std::vector<Sentence> reports;
            const auto bytes = format_of(path.toStdString()).write_worksheet(study, *compute(study), {}, reports, {});
            if (!bytes || !write_file(path.toStdString(), *bytes)) {
                return 0;
            }
            files << path;
            const auto again = format_of(path.toStdString()).read_worksheet(*bytes, {});
            if (!again || (number <= RandomStudies::without_feet &&
                           again->report.count(WorksheetReport::Line::Is::difference) > 0)) {
                qWarning().noquote() << number
                                     << (again ? QString::fromStdString(again->report.text()).left(2000) : QString());
                return 0;
            }
        }
        QProcess evaluator;
        evaluator.start("/usr/bin/python3",
                        QStringList{QFileInfo(WORKSHEETS).path() + "/openformula_evaluate.py"} + files);
        evaluator.waitForFinished(120000);
        const QByteArray wrong = evaluator.readAllStandardError();
        int out = 0;
        for (const QByteArray& line : evaluator.readAllStandardOutput().split('\n')) {
            out += line.mid(line.indexOf(' ') + 1).toInt();
        }
        if (evaluator.exitCode() != 0 || !wrong.isEmpty()) {
            qWarning().noquote() << wrong.left(3000);
            return 0;
        }
        return out;
    }

  private Q_SLOTS:
    void columns_give_what_stands_beside_them() {
        const int count = compared(100, [](unsigned number) { return RandomStudies(number).table(number); });
        QVERIFY2(count > 800, qPrintable(QString::number(count)));
    }

    void tables_that_take_others_give_what_stands_beside_them() {
        const int count = compared(80, [](unsigned number) { return RandomStudies(number + 1000).two_tables(number); });
        QVERIFY2(count > 1500, qPrintable(QString::number(count)));
    }

    /// Cells at the edges, whose neighbours are not there, have no formulas that take headings for them.
    void two_way_tables_give_what_stands_beside_them() {
        const int count = compared(60, [](unsigned number) { return RandomStudies(number).grid(); });
        QVERIFY2(count > 800, qPrintable(QString::number(count)));
    }
};

LEDGEFALL_TEST(OpenFormulaRandom)
#include "openformula_random.moc"

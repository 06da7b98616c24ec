// The box in which commands, names and tables are found.

#include "app/shell/command_finder.h"
#include "app/theme/theme.h"
#include "harness/test_program.h"

#include <QSignalSpy>
#include <QtTest>

using namespace ledgefall;

class TestFinder : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

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
};

LEDGEFALL_TEST(TestFinder)
#include "test_finder.moc"

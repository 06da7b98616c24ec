// What dialogs show, and what they give.

#include "app/dialogs/check_dialog.h"
#include "app/dialogs/continue_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/held_dialog.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "pebbles_document.h"

#include <QSignalSpy>
#include <QtTest>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestDialogs : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

    void dialogs_give_what_they_show() {
        PebblesDocument open;
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

    /// What is recorded to another unit keeps the start and width that were chosen, and a width must fit it.
    void a_recording_unit_leaves_chosen_classes() {
        const Column cells = Column::numbers({30, 31, 33, 36, 38, 41, 44});
        FrequencyDialog dialog(std::make_shared<const Column>(cells), QStringLiteral("x"), nullptr);
        Classes classes;
        classes.boundaries = {30, 35, 40, 45};
        dialog.begin_with(classes);
        dialog.show();
        QCOMPARE(dialog.classes().recorded_to, 0.0);
        dialog.recorded_to_line().clear();
        QTest::keyClicks(&dialog.recorded_to_line(), QStringLiteral("1"));
        QCOMPARE(dialog.start().text(), QStringLiteral("30"));
        QCOMPARE(dialog.classes().boundaries, std::vector<double>({29.5, 34.5, 39.5, 44.5}));
        dialog.width_line().setText(QStringLiteral("2.5"));
        QVERIFY(!dialog.is_valid() && dialog.message().contains(QStringLiteral("multiple")));
        dialog.width_line().setText(QStringLiteral("5"));
        ClassPreview& preview = dialog.preview();
        const int second = preview.place_of(dialog.classes().boundaries[1]);
        QTest::mousePress(&preview, Qt::LeftButton, Qt::NoModifier, {second, 60});
        QTest::mouseMove(&preview, {second + 17, 60});
        QTest::mouseRelease(&preview, Qt::LeftButton, Qt::NoModifier, {second + 17, 60});
        QVERIFY2(dialog.is_valid(), qPrintable(dialog.message())); // dragged by whole units
    }

    void classes_are_chosen_over_their_counts() {
        std::vector<double> values;
        for (int k = 0; k < 60; ++k) {
            values.push_back(30 + (k * 37 % 60) * 0.75);
        }
        FrequencyDialog dialog(std::make_shared<const Column>(Column::numbers(values)), QStringLiteral("x"), nullptr);
        QCOMPARE(dialog.recorded_to_line().text(), QStringLiteral("0.25")); // 30, 30.75, 31.5 …
        dialog.recorded_to_line().clear();
        QTest::keyClicks(&dialog.recorded_to_line(), QStringLiteral("0"));
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
};

LEDGEFALL_TEST(TestDialogs)
#include "test_dialogs.moc"

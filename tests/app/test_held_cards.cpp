// The cards of the ledge.

#include "app/ledge/held_card.h"
#include "app/ledge/ledge_list.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "pebbles_document.h"

#include <QSignalSpy>
#include <QtTest>

using namespace ledgefall;
using namespace ledgefall::testing;

class TestHeldCards : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

    void a_card_shows_what_it_is() {
        PebblesDocument open;
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
};

LEDGEFALL_TEST(TestHeldCards)
#include "test_held_cards.moc"

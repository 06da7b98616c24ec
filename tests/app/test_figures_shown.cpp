// Figures of the details panel, and digits as they are drawn.

#include "app/details/chosen_summary.h"
#include "app/details/name_value_list.h"
#include "app/numbers/number_text.h"
#include "app/table/fast_digits.h"
#include "app/theme/theme.h"
#include "core/study/edits/edits.h"
#include "harness/test_program.h"
#include "pebbles_document.h"

#include <QPainter>
#include <QtTest>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

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

} // namespace

class TestFiguresShown : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { apply_application_theme(); }

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
};

LEDGEFALL_TEST(TestFiguresShown)
#include "test_figures_shown.moc"

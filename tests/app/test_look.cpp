// What is drawn can be seen: contrasts as WCAG 2.2 asks, by day and by lamplight.

#include "app/charts/series_look.h"
#include "app/theme/theme.h"
#include "harness/test_program.h"
#include "window_driver.h"

#include <QCheckBox>
#include <QLineEdit>
#include <QRadioButton>

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

double luminance(const QColor& colour) {
    const auto linear = [](double part) {
        return part <= 0.04045 ? part / 12.92 : std::pow((part + 0.055) / 1.055, 2.4);
    };
    return 0.2126 * linear(colour.redF()) + 0.7152 * linear(colour.greenF()) + 0.0722 * linear(colour.blueF());
}

double contrast(const QColor& a, const QColor& b) {
    const double one = luminance(a) + 0.05;
    const double other = luminance(b) + 0.05;
    return std::max(one, other) / std::min(one, other);
}

/// The best contrast that a widget's edge has to its surroundings, as painted, along a line from outside to inside.
double painted_edge(QWidget& widget, const QPoint& from, const QPoint& to) {
    const QImage image = widget.grab().toImage();
    const QColor ground = theme().margin;
    double best = 1;
    for (int step = 0; step <= 12; ++step) {
        const QPoint at = from + (to - from) * step / 12;
        best = std::max(best, contrast(image.pixelColor(at), ground));
    }
    return best;
}

} // namespace

class TestLook : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }
    void cleanup() { set_dark(false); }

    /// What cannot be done is dimmer than what can; lines of charts are seen, and differ without their colours.
    void what_is_disabled_is_dimmer_and_six_series_differ() {
        for (const bool dark : {false, true}) {
            set_dark(dark);
            const QPalette palette = QApplication::palette();
            const QColor ground = palette.color(QPalette::Window);
            for (const auto role : {QPalette::WindowText, QPalette::Text, QPalette::ButtonText}) {
                QVERIFY(contrast(palette.color(QPalette::Disabled, role), ground) <
                        contrast(palette.color(QPalette::Active, role), ground) / 2);
            }
            for (std::size_t one = 0; one < 6; ++one) {
                const SeriesLook look = series_look(one);
                QVERIFY2(contrast(look.line, theme().paper) >= 3, qPrintable(look.line.name()));
                for (std::size_t other = 0; other < one; ++other) {
                    const SeriesLook second = series_look(other);
                    QVERIFY(!(look.mark == second.mark));
                    QVERIFY(look.dash != second.dash || contrast(look.line, second.line) > 1.2);
                }
            }
        }
    }

    void texts_and_edges_are_seen_data() {
        QTest::addColumn<bool>("dark");
        QTest::newRow("by day") << false;
        QTest::newRow("by lamplight") << true;
    }
    void texts_and_edges_are_seen() {
        QFETCH(bool, dark);
        set_dark(dark);
        const Theme& now = theme();
        constexpr double for_text = 4.5;
        constexpr double for_edges = 3;
        for (const QColor& ground : {now.paper, now.computed, now.margin, now.stone_light}) {
            for (const QColor& text : {now.ink, now.faint_ink, now.stays, now.follows, now.fault}) {
                QVERIFY2(contrast(text, ground) >= for_text, qPrintable(text.name() + u' ' + ground.name() + u' ' +
                                                                        QString::number(contrast(text, ground))));
            }
        }
        QVERIFY(contrast(now.ink, now.follows_wash) >= for_text);
        QVERIFY(contrast(now.fault, now.fault_wash) >= for_text);
        QVERIFY(contrast(now.follows, now.paper) >= for_edges); // the lines of water
        QWidget window;
        QLineEdit line(&window);
        QCheckBox box(&window);
        QRadioButton button(&window);
        line.setGeometry(10, 10, 120, 26);
        box.setGeometry(10, 50, 20, 20);
        button.setGeometry(10, 90, 20, 20);
        window.resize(160, 120);
        window.show();
        QVERIFY(QTest::qWaitForWindowExposed(&window));
        line.clearFocus();
        QVERIFY(painted_edge(window, {70, 6}, {70, 14}) >= for_edges);
        QVERIFY(painted_edge(window, {6, 60}, {18, 60}) >= for_edges);
        QVERIFY(painted_edge(window, {6, 100}, {18, 100}) >= for_edges);
    }
};

LEDGEFALL_TEST(TestLook)
#include "test_look.moc"

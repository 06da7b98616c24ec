// Stories of charts and of what is made of columns, through the real window.

#include "app/charts/chart_dialog.h"
#include "app/charts/chart_files.h"
#include "app/charts/chart_ticks.h"
#include "app/contents/contents_panel.h"
#include "app/dialogs/category_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/summary_dialog.h"
#include "app/theme/theme.h"
#include "core/stats/classing.h"
#include "harness/test_program.h"
#include "story_steps.h"
#include "window_driver.h"

#include <QClipboard>
#include <QSvgRenderer>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

ChartPage& chart_of(WindowDriver& drive) {
    return *drive.window.pages().chart_page();
}

/// Shows one of the demo's charts beside its table, and waits until it is drawn.
bool show_chart(WindowDriver& drive, const char* label) {
    const Study& study = drive.window.document().study();
    for (const auto& chart : study.charts) {
        if (chart->label == label) {
            drive.window.show_table(chart->table);
            drive.window.pages().show_chart(chart->id);
            return QTest::qWaitFor([&drive] {
                return drive.settle() && chart_of(drive).settled() && chart_of(drive).plot().figures() != nullptr;
            });
        }
    }
    return false;
}

bool drawn(WindowDriver& drive) {
    return QTest::qWaitFor([&drive] {
        return drive.settle() && drive.window.pages().chart_page() != nullptr && chart_of(drive).settled() &&
               chart_of(drive).plot().figures() != nullptr;
    });
}

QPoint place_of(ChartPlot& plot, double x, double y) {
    plot.replot();
    return QPointF(plot.xAxis->coordToPixel(x), plot.yAxis->coordToPixel(y)).toPoint();
}

/// Answers the next dialog of a kind.
template <class Dialog>
void answer_with(const std::function<void(Dialog&)>& fill) {
    auto* waiting = new QTimer(qApp);
    QObject::connect(waiting, &QTimer::timeout, waiting, [waiting, fill] {
        auto* dialog = qobject_cast<Dialog*>(QApplication::activeModalWidget());
        if (dialog != nullptr) {
            waiting->stop();
            fill(*dialog);
            dialog->accept();
            waiting->deleteLater();
        }
    });
    waiting->start(10);
}

} // namespace

class TestChartStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    /// One click, one command, one button: and counts, chart and check agree.
    void raw_lengths_become_a_histogram() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(0, 0);
        std::vector<std::size_t> previewed;
        answer_with<FrequencyDialog>([&previewed](FrequencyDialog& dialog) {
            const Column cells = Column::numbers(
                {42, 57, 38, 61, 49, 53, 44, 70, 35, 58, 47, 51, 66, 40, 55, 48, 62, 45, 52, 39, 59, 50, 46, 54});
            Q_EMIT dialog.preview().width_dragged(9.97); // snaps to ten
            Q_EMIT dialog.preview().start_dragged(30.1);
            Q_EMIT dialog.preview().drag_ended();
            previewed = count_in_classes(cells, dialog.classes().boundaries, true, false, false).counts;
        });
        drive.command("frequency-table");
        QVERIFY(drawn(drive));
        const SeriesFigures& histogram = chart_of(drive).plot().figures()->series.front();
        QVERIFY(histogram.form == SeriesForm::histogram);
        QCOMPARE(histogram.y.size(), previewed.size());
        QCOMPARE(histogram.limits, std::vector<double>({30.5, 40.5, 50.5, 60.5, 70.5})); // in whole millimetres
        for (std::size_t row = 0; row < previewed.size(); ++row) {
            QCOMPARE(histogram.y[row], static_cast<double>(previewed[row]));
            QCOMPARE(drive.shown(static_cast<int>(row), 3), QString::number(previewed[row]));
        }
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("checks that hold: 6")));
        drive.window.document().undo(); // table and chart go in one step
        QVERIFY(drive.settle());
        QVERIFY(drive.window.pages().chart_page() == nullptr);
        QCOMPARE(drive.window.document().study().tables.size(), std::size_t{9});
    }

    void unequal_limits_are_drawn_by_density() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(drive.settle());
        drive.click_cell(0, 0);
        answer_with<FrequencyDialog>([](FrequencyDialog& dialog) {
            dialog.own_limits().setText(QStringLiteral("30, 45, x"));
            QVERIFY(!dialog.is_valid());
            QVERIFY(dialog.message().contains(QStringLiteral("x cannot be a limit")));
            dialog.own_limits().setText(QStringLiteral("30, 45, 50, 75"));
            QVERIFY(dialog.is_valid());
        });
        drive.command("frequency-table");
        QVERIFY(drawn(drive));
        const SeriesFigures& histogram = chart_of(drive).plot().figures()->series.front();
        QCOMPARE(histogram.limits, std::vector<double>({29.5, 44.5, 49.5, 74.5})); // recorded to millimetres
        QCOMPARE(histogram.y[1], 1.0);                                             // five pebbles on five millimetres
        QCOMPARE(histogram.y[2], 13.0 / 25);                                       // thirteen on twenty-five
        QVERIFY(drive.table().column_named("density") != nullptr);
    }

    void classes_are_changed_where_they_stand() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Pebble lengths in classes"));
        answer_with<FrequencyDialog>([](FrequencyDialog& dialog) {
            QCOMPARE(dialog.start().text(), QStringLiteral("35"));
            QCOMPARE(dialog.width_line().text(), QStringLiteral("5"));
            dialog.width_line().setText(QStringLiteral("20"));
        });
        drive.command("change-classes");
        QVERIFY(drawn(drive));
        QTRY_COMPARE(chart_of(drive).plot().figures()->series.front().y, std::vector<double>({16, 8}));
        QCOMPARE(drive.shown(0, 3), QStringLiteral("16"));
        QVERIFY(drive.window.checks().text().contains(QStringLiteral("checks that hold: 5")));
        drive.window.show_table(drive.window.document().study().tables[0]->id);
        drive.command("change-classes");
        QVERIFY(drive.notice().contains(QStringLiteral("not classes")));
    }

    void bars_and_rows_choose_each_other() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Pebble lengths in classes"));
        ChartPlot& plot = chart_of(drive).plot();
        QTest::mouseClick(&plot, Qt::LeftButton, Qt::NoModifier, place_of(plot, 62.5, 1));
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 5); // 60 to 65
        QCOMPARE(drive.window.page()->view().selected_rows(), std::pair(5, 1));
        QTest::mouseMove(&plot, place_of(plot, 47, 2));
        QTRY_VERIFY(plot.message().contains(QStringLiteral("45 to 49")));
        QVERIFY(plot.message().contains(QStringLiteral("5")));
        QCOMPARE(chart_of(drive).message(), plot.message());
    }

    void points_drawn_around_choose_their_rows() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Drift times by site"));
        ChartPlot& boxes = chart_of(drive).plot();
        QTest::mouseClick(&boxes, Qt::LeftButton, Qt::NoModifier, place_of(boxes, 1, 58.4)); // the one beyond
        QCOMPARE(drive.table().name, std::string("Drift"));
        QCOMPARE(drive.shown(drive.window.page()->view().currentIndex().row(), 1), QStringLiteral("58.4"));
        drive.window.show_table(drive.window.document().study().tables[0]->id);
        drive.click_heading(0);
        drive.command("draw");
        QVERIFY(drawn(drive));
        ChartPlot& points = chart_of(drive).plot();
        QVERIFY(points.figures()->series.front().form == SeriesForm::points);
        const QPoint from = place_of(points, 2.5, 65);
        const QPoint to = place_of(points, 4.5, 30);
        QTest::mousePress(&points, Qt::LeftButton, Qt::ShiftModifier, from);
        QTest::mouseMove(&points, to);
        QTest::mouseRelease(&points, Qt::LeftButton, Qt::ShiftModifier, to);
        QCOMPARE(drive.window.page()->view().selected_rows(), std::pair(2, 2)); // 38 and 61
    }

    void a_chart_is_read_and_moved_from_the_keyboard() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Pebble lengths in classes"));
        ChartPlot& plot = chart_of(drive).plot();
        plot.setFocus();
        QTest::keyClick(&plot, Qt::Key_Right);
        QVERIFY(plot.message().contains(QStringLiteral("35 to 39")));
        QTest::keyClick(&plot, Qt::Key_Right);
        QVERIFY(plot.message().contains(QStringLiteral("40 to 44")));
        QCOMPARE(plot.accessibleDescription(), plot.message());
        QTest::keyClick(&plot, Qt::Key_Return);
        QCOMPARE(drive.window.page()->view().currentIndex().row(), 1);
        const QCPRange before = plot.xAxis->range();
        QTest::keyClick(&plot, Qt::Key_Plus);
        QVERIFY(plot.xAxis->range().size() < before.size());
        QTest::keyClick(&plot, Qt::Key_Right, Qt::ControlModifier);
        QVERIFY(plot.zoomed());
        QTest::keyClick(&plot, Qt::Key_Home);
        QVERIFY(!plot.zoomed());
        QCOMPARE(plot.xAxis->range().lower, before.lower);
    }

    void the_cumulative_curve_reads_median_and_quartiles() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Pebbles up to a length"));
        const auto readings = ReferencePlot::readings(*chart_of(drive).plot().figures());
        QCOMPARE(readings.size(), std::size_t{3});
        QCOMPARE(readings[0].first, 44.5);
        QCOMPARE(readings[1].first, 50.5); // as grouped_median on the ledge
        QCOMPARE(readings[2].first, 57.0);
        ChartPlot& plot = chart_of(drive).plot();
        QTest::mouseMove(&plot, place_of(plot, 55, 0.3));
        const QRegularExpression reading(QStringLiteral("up to 5[45].*: 6[5-8]\\.\\d.% of all")); // 16 of 24 below 55
        QTRY_VERIFY2(reading.match(plot.message()).hasMatch(), qPrintable(plot.message()));
    }

    void a_chart_follows_while_a_held_value_slides() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Germination, observed and expected"));
        const auto expected = [&drive] { return chart_of(drive).plot().figures()->series[1].y; };
        const auto references = [&drive] { return chart_of(drive).plot().figures()->references[0].numbers[0]; };
        QVERIFY(std::abs(expected()[4] - 40 * 0.23669235431027727) < 1e-9); // of SciPy
        const auto& ledge = drive.table().ledge;
        const auto p = std::find_if(ledge.begin(), ledge.end(), [](const auto& held) { return held->name == "p"; });
        drive.window.ledge().card((*p)->id)->slide_to(0.5);
        QVERIFY(drawn(drive));
        QVERIFY(std::abs(expected()[6] - 40 * 0.2255859375) < 1e-9);
        QCOMPARE(references(), 6.0); // the line at n p has moved along
    }

    void equal_scales_are_equal() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Path of the puck"));
        ChartPlot& plot = chart_of(drive).plot();
        for (const QSize size : {QSize(500, 300), QSize(300, 500)}) {
            plot.resize(size);
            plot.replot();
            const double across = plot.xAxis->coordToPixel(1) - plot.xAxis->coordToPixel(0);
            const double up = plot.yAxis->coordToPixel(0) - plot.yAxis->coordToPixel(1);
            QVERIFY2(std::abs(across - up) < 0.02 * up, qPrintable(QStringLiteral("%1 %2").arg(across).arg(up)));
        }
        QVERIFY(plot.figures()->references.front().form == Reference::Form::circle);
    }

    void a_chart_is_changed_in_its_dialog() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Pebble lengths in classes"));
        answer_with<ChartDialog>([](ChartDialog& dialog) {
            dialog.title().setText(QStringLiteral("Lengths"));
            dialog.form_of(0).setCurrentIndex(static_cast<int>(SeriesForm::polygon));
            dialog.add_reference(0);
            dialog.number_of(1, 0).setText(QStringLiteral("max(f) / 0"));
            QTRY_VERIFY(dialog.message().contains(QStringLiteral("division by zero")));
            dialog.number_of(1, 0).setText(QStringLiteral("max(f)"));
            QTRY_VERIFY(dialog.message().isEmpty());
        });
        drive.command("change-chart");
        QVERIFY(drawn(drive));
        QTRY_VERIFY(chart_of(drive).plot().figures()->series.front().form == SeriesForm::polygon);
        QCOMPARE(chart_of(drive).chart()->label, std::string("Lengths"));
        QCOMPARE(chart_of(drive).plot().figures()->references[1].numbers, std::vector<double>({5}));
        drive.window.document().undo();
        QCOMPARE(chart_of(drive).chart()->label, std::string("Pebble lengths in classes"));
    }

    void pictures_are_written_and_copied() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Germination, observed and expected"));
        const QTemporaryDir folder;
        const QString png = folder.filePath(QStringLiteral("chart.png"));
        QVERIFY(chart_of(drive).export_to(png));
        const QImage image(png);
        QVERIFY(image.width() > 1900); // 17 cm at 300 dots to the inch
        QCOMPARE(image.dotsPerMeterX(), 11811);
        QCOMPARE(image.pixelColor(2, 2), QColor(Qt::white));
        const QString svg = folder.filePath(QStringLiteral("chart.svg"));
        QVERIFY(chart_of(drive).export_to(svg));
        QSvgRenderer renderer(svg);
        QVERIFY(renderer.isValid());
        QFile text(svg);
        QVERIFY(text.open(QIODevice::ReadOnly));
        QVERIFY(text.readAll().contains("Germination, observed and expected"));
        const QString pdf = folder.filePath(QStringLiteral("chart.pdf"));
        QVERIFY(chart_of(drive).export_to(pdf));
        QFile bytes(pdf);
        QVERIFY(bytes.open(QIODevice::ReadOnly) && bytes.read(4) == "%PDF");
        QVERIFY(!chart_of(drive).export_to(folder.filePath(QStringLiteral("chart.xyz"))));
        QVERIFY(drive.notice().contains(QStringLiteral(".png, .svg or .pdf")));
        QVERIFY(!chart_of(drive).export_to(folder.filePath(QStringLiteral("none/chart.png"))));
        WindowCommands::set_dark(true); // on white paper all the same
        chart_of(drive).copy();
        WindowCommands::set_dark(false);
        const QMimeData* copied = QGuiApplication::clipboard()->mimeData();
        QVERIFY(copied->hasImage());
        QCOMPARE(qvariant_cast<QImage>(copied->imageData()).pixelColor(2, 2), QColor(Qt::white));
        QVERIFY(copied->hasFormat(QStringLiteral("image/svg+xml")));
    }

    void charts_stand_in_the_contents_and_go_with_what_they_draw() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        QVERIFY(show_chart(drive, "Path of the puck"));
        chart_of(drive).tool(QStringLiteral("close")).click();
        QTRY_VERIFY(drive.window.pages().chart_page() == nullptr);
        auto* contents = drive.window.findChild<ContentsPanel*>();
        QTreeWidgetItem* third = contents->topLevelItem(1)->child(2);
        QTest::mouseClick(contents->viewport(), Qt::LeftButton, Qt::NoModifier,
                          contents->visualItemRect(third).center());
        QVERIFY(drawn(drive));
        QCOMPARE(chart_of(drive).chart()->label, std::string("Drift times by site"));
        drive.command("turn-chart");
        drive.command("turn-chart");
        drive.window.show_table(drive.window.document().study().table_named("Drift")->id);
        const Id chart = chart_of(drive).chart_id();
        const auto removed = remove_table(drive.window.document().study(), drive.table().id, IfUsed::remove_anyway);
        QVERIFY(drive.window.document().perform(QStringLiteral("removing"), removed));
        QVERIFY(drive.settle());
        QVERIFY(drive.window.document().study().chart(chart)->series.empty()); // kept, and says that it draws nothing
        drive.window.document().undo();
        drive.window.pages().show_chart(chart);
        drive.command("remove-chart");
        QVERIFY(drive.window.pages().chart_page() == nullptr);
        QCOMPARE(drive.window.document().study().charts.size(), std::size_t{5});
    }

    void texts_are_counted_and_drawn_as_bars() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().table_named("Drift")->id);
        QVERIFY(drive.settle());
        drive.click_cell(0, 0);
        answer_with<CategoryDialog>([](CategoryDialog& dialog) {
            QVERIFY(dialog.message().contains(QStringLiteral("riffle, pool, weir")));
            dialog.order().setCurrentIndex(static_cast<int>(Categories::Order::rising));
            QVERIFY(dialog.message().contains(QStringLiteral("pool, riffle, weir")));
            dialog.first().setText(QStringLiteral("weir"));
            QVERIFY(dialog.message().contains(QStringLiteral("weir, pool, riffle")));
        });
        drive.command("frequency-table");
        QVERIFY(drawn(drive));
        QCOMPARE(chart_of(drive).plot().figures()->x.names.size(), std::size_t{3});
        QCOMPARE(drive.window.page()->model().headerData(0, Qt::Vertical).toString(), QStringLiteral("weir"));
        QCOMPARE(drive.shown(2, 0), QStringLiteral("12"));
    }

    void columns_are_summed_up_by_site() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().table_named("Drift")->id);
        QVERIFY(drive.settle());
        drive.click_cell(0, 0);
        answer_with<SummaryDialog>([](SummaryDialog& dialog) {
            QCOMPARE(dialog.by().count(), 2);
            dialog.by().setCurrentIndex(1);
            dialog.quantiles().setCurrentIndex(5);
            dialog.draw().setChecked(true);
        });
        drive.command("summary");
        QVERIFY(drawn(drive));
        QVERIFY(drive.table().axis.source->kind() == "categories");
        QCOMPARE(drive.table().columns.front()->shown_label(), std::string("n"));
        QVERIFY(drive.table().column_named("lower_q")->label.find("type 6") != std::string::npos);
        QCOMPARE(chart_of(drive).plot().figures()->series.front().boxes.size(), std::size_t{3});
    }

    void a_share_is_asked_for_on_the_ledge() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        drive.window.show_table(drive.window.document().study().table_named("Drift")->id);
        QVERIFY(drive.settle());
        drive.click_cell(1, 0); // pool
        drive.command("share");
        QVERIFY(drive.settle());
        const auto& ledge = drive.table().ledge;
        QCOMPARE(ledge.size(), std::size_t{3});
        QVERIFY(ledge[0]->value == Value::text(Text("pool")));
        QCOMPARE(drive.window.document().results().single(ledge[1]->id).number(), 12.0);
        QCOMPARE(drive.window.document().results().single(ledge[2]->id).number(), 1.0 / 3);
    }

    void in_a_cloud_of_points_the_lone_one_shows() {
        auto figures = std::make_shared<ChartFigures>();
        SeriesFigures cloud;
        for (int at = 0; at < 200'000; ++at) {
            cloud.x.push_back(at % 1000);
            cloud.y.push_back(at % 997 / 10.0);
            cloud.rows.push_back(static_cast<std::uint32_t>(at));
        }
        cloud.x.push_back(1500);
        cloud.y.push_back(400);
        cloud.rows.push_back(200'000);
        cloud.rising = false;
        figures->series.push_back(cloud);
        ChartPlot plot;
        plot.resize(600, 400);
        plot.show_figures(figures, QStringLiteral("cloud"));
        plot.show_all();
        plot.replot(QCustomPlot::rpImmediateRefresh);
        const QImage picture = plot.toPixmap(600, 400).toImage();
        const QPoint lone = place_of(plot, 1500, 400);
        bool marked = false;
        for (int dx = -3; dx <= 3; ++dx) {
            for (int dy = -3; dy <= 3; ++dy) {
                const QColor colour = picture.pixelColor(lone + QPoint(dx, dy));
                marked = marked || colour.lightness() < 180;
            }
        }
        QVERIFY(marked);
        QVERIFY(plot.hit(QPointF(lone))->second.rows == std::vector<std::uint32_t>({200'000}));
    }

    void series_are_told_apart_in_grey() {
        for (const bool dark : {false, true}) {
            set_dark(dark);
            for (std::size_t a = 0; a < 6; ++a) {
                for (std::size_t b = 0; b < a; ++b) {
                    const int apart = std::abs(qGray(series_look(a).line.rgb()) - qGray(series_look(b).line.rgb()));
                    QVERIFY2(apart >= (a < 4 ? 20 : 9),
                             qPrintable(QStringLiteral("%1 %2: %3").arg(a).arg(b).arg(apart)));
                    QVERIFY(series_look(a).mark != series_look(b).mark);
                }
            }
        }
        set_dark(false);
    }

    void tick_labels_never_touch() {
        WindowDriver drive;
        QVERIFY(drive.window.open_demo());
        for (const auto& chart : drive.window.document().study().charts) {
            QVERIFY(show_chart(drive, chart->label.c_str()));
            ChartPlot& plot = chart_of(drive).plot();
            for (const QSize size : {QSize(220, 200), QSize(420, 300), QSize(900, 500)}) {
                plot.resize(size);
                plot.replot();
                double last = -INFINITY;
                const QFontMetricsF metrics(plot.xAxis->tickLabelFont());
                const auto places = plot.xAxis->ticker();
                QVector<double> ticks;
                QVector<QString> texts;
                places->generate(plot.xAxis->range(), QLocale(), QLatin1Char('g'), 6, ticks, nullptr, &texts);
                for (qsizetype at = 0; at < ticks.size(); ++at) {
                    if (texts[at].isEmpty()) {
                        continue;
                    }
                    const double middle = plot.xAxis->coordToPixel(ticks[at]);
                    const double half = metrics.horizontalAdvance(texts[at]) / 2;
                    QVERIFY2(middle - half > last, chart->label.c_str());
                    last = middle + half;
                }
            }
        }
    }

    /// Axes of other steps, an axis at the right, error bars and the legend in a corner, as the dialog and the mouse
    /// give them.
    void a_chart_has_axes_bars_and_legend_as_asked() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Settling"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("d\ttime\tdepth\terr\n1\t1000\t5\t100\n10\t10\t6\t2\n100\t0.1\t7\t0.02\n"));
        QVERIFY(drive.settle());
        choose(drive, 0, 2, 0, 2);
        drive.command("draw");
        QVERIFY(drawn(drive));
        answer_with<ChartDialog>([](ChartDialog& dialog) {
            dialog.form_of(0).setCurrentIndex(static_cast<int>(SeriesForm::line));
            dialog.form_of(1).setCurrentIndex(static_cast<int>(SeriesForm::line));
            dialog.logarithmic_upwards().setChecked(true);
            dialog.second_axis_of(1).setChecked(true);
            dialog.error_of(0).setCurrentIndex(dialog.error_of(0).findText(QStringLiteral("err")));
            dialog.accept();
        });
        drive.command("change-chart");
        QVERIFY(drawn(drive));
        ChartPlot& plot = chart_of(drive).plot();
        QVERIFY(plot.figures()->y.logarithmic);
        QCOMPARE(plot.yAxis->scaleType(), QCPAxis::stLogarithmic);
        QCOMPARE(plot.figures()->series[0].error, (std::vector<double>{100, 2, 0.02}));
        QVERIFY(plot.yAxis2->visible());
        QVERIFY(plot.yAxis->range().contains(1100) && plot.yAxis->range().contains(0.08));
        QVERIFY(plot.yAxis2->range().contains(7) && !plot.yAxis2->range().contains(1000));
        QCOMPARE(plot.plots()[1]->valueAxis(), plot.yAxis2);
        plot.replot(); // now the legend has its place
        QVERIFY(plot.legend->visible());
        const QPoint from = plot.legend->rect().center();
        QTest::mousePress(&plot, Qt::LeftButton, Qt::NoModifier, from);
        QTest::mouseRelease(&plot, Qt::LeftButton, Qt::NoModifier,
                            plot.axisRect()->rect().bottomLeft() + QPoint(40, -40));
        QVERIFY(drawn(drive));
        QCOMPARE(drive.window.document().study().charts.front()->legend, LegendPlace::bottom_left);
        drive.window.document().undo();
        QCOMPARE(drive.window.document().study().charts.front()->legend, LegendPlace::above);
    }

    void a_chart_of_chosen_rows_says_so() {
        WindowDriver drive;
        drive.new_table(QStringLiteral("Readings"));
        drive.click_cell(0, 0);
        paste(drive, QStringLiteral("x\ty\n1\t10\n2\t20\n3\t15\n4\t40\n"));
        QVERIFY(drive.settle());
        choose(drive, 1, 2, 0, 1);
        drive.command("draw");
        QVERIFY(drawn(drive));
        QCOMPARE(chart_of(drive).plot().figures()->series[0].y, (std::vector<double>{20, 15}));
        QCOMPARE(drive.window.document().study().charts.front()->label, std::string("y over x, rows 2 to 3"));
    }

    void logarithmic_axes_are_labelled_at_round_numbers() {
        const auto ticks = [](double from, double to) {
            QVector<double> all;
            LogarithmicTicks().generate({from, to}, QLocale::c(), QLatin1Char('g'), 6, all, nullptr, nullptr);
            return all;
        };
        QCOMPARE(ticks(4.5, 110), (QVector<double>{5, 10, 20, 50, 100}));
        QCOMPARE(ticks(0.005, 150), (QVector<double>{0.01, 0.1, 1, 10, 100}));
        QVERIFY(ticks(2, 9).size() >= 3); // within one power: even steps
        const QVector<double> even = ticks(2, 9);
        QVERIFY(std::all_of(even.begin(), even.end(), [](double at) { return at >= 2 && at <= 9; }));
        QVERIFY(ticks(1e-300, 1e300).size() > 2 && ticks(1e-300, 1e300).size() < 12);
        QVERIFY(ticks(0, 1).isEmpty());
    }
};

LEDGEFALL_TEST(TestChartStories)
#include "test_chart_stories.moc"

// What each subject hands in, from an empty window with mouse and keys, within so many actions: grouped tables, means
// with their ±, own distributions, fitted counts, diversity of sites, motions in steps.

#include "app/charts/chart_page.h"
#include "app/dialogs/distribution_dialog.h"
#include "app/dialogs/diversity_dialog.h"
#include "app/dialogs/frequency_dialog.h"
#include "app/dialogs/mean_dialog.h"
#include "app/dialogs/motion_dialog.h"
#include "app/ledge/held_card.h"
#include "core/study/builders/frequency.h"
#include "harness/test_program.h"
#include "user_simulator.h"

#include <cmath>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

/// Beside what is wanted, to so many significant figures.
bool close_to(double a, double b, double relative = 1e-9) {
    return std::fabs(a - b) <= relative * std::max(1.0, std::fabs(b));
}

void hold(UserSimulator& hands, const QString& definition) {
    hands.key(Qt::Key_H, Qt::ControlModifier);
    hands.type(definition);
    hands.key(Qt::Key_Return);
}

const QStringList made_tables = {QStringLiteral("Compute"), QStringLiteral("Tables from columns")};

QStringList in_made_tables(const QString& entry) {
    return made_tables + QStringList{entry};
}

ChartPage& chart_of(UserSimulator& hands) {
    return *hands.drive.window.pages().chart_page();
}

bool drawn(UserSimulator& hands) {
    return hands.drive.settle() && QTest::qWaitFor([&] {
               ChartPage* page = hands.drive.window.pages().chart_page();
               return page != nullptr && page->plot().figures() != nullptr && !page->plot().figures()->empty();
           });
}

} // namespace

class TestSubjectStories : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void initTestCase() { prepare_application(); }

    void whole_numbers_are_grouped_with_their_spread_and_quartiles() {
        UserSimulator hands(QStringLiteral("S31"));
        hands.paste(
            QStringLiteral("eggs\n31\n34\n28\n40\n37\n33\n29\n36\n42\n35\n30\n38\n27\n33\n39\n34\n32\n36\n35\n41\n"));
        hands.click_heading(0);
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<FrequencyDialog*>(&dialog);
            QCOMPARE(form.recorded_to_line().text(), QStringLiteral("1"));
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.key(Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(drawn(hands));
        double n = 0;
        double sum = 0;
        double squares = 0;
        const int rows = hands.drive.window.page()->model().table_rows();
        for (int row = 0; row < rows; ++row) {
            n += hands.number("f", row);
            sum += hands.number("f", row) * hands.number("mid", row);
        }
        for (int row = 0; row < rows; ++row) {
            squares += hands.number("f", row) * std::pow(hands.number("mid", row) - sum / n, 2);
        }
        QCOMPARE(n, 20.0);
        QVERIFY(close_to(hands.held("grouped_sd"), std::sqrt(squares / (n - 1))));
        QVERIFY(hands.held("grouped_q1") < hands.held("grouped_median"));
        QVERIFY(hands.held("grouped_median") < hands.held("grouped_q3"));
        QVERIFY2(hands.actions <= 4, qPrintable(QString::number(hands.actions)));
    }

    void two_samples_stand_in_the_same_classes() {
        UserSimulator hands(QStringLiteral("S32"));
        QString text = QStringLiteral("site\tlength\n");
        const int riffle[] = {31, 36, 42, 38, 44, 35, 47, 40, 39, 33};
        const int pool[] = {28, 33, 30, 36, 27, 31, 29, 34, 38, 32};
        for (int row = 0; row < 10; ++row) {
            text += QStringLiteral("riffle\t%1\npool\t%2\n").arg(riffle[row]).arg(pool[row]);
        }
        hands.paste(text);
        hands.click_heading(1);
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<FrequencyDialog*>(&dialog);
            form.by().setFocus();
            hands.key_in_dialog(Qt::Key_Down); // each value of site
            QCOMPARE(form.by().currentIndex(), 1);
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.key(Qt::Key_F, Qt::ControlModifier | Qt::ShiftModifier);
        QVERIFY(drawn(hands));
        double riffles = 0;
        double pools = 0;
        for (int row = 0; row < hands.drive.window.page()->model().table_rows(); ++row) {
            riffles += hands.number("f_riffle", row);
            pools += hands.number("f_pool", row);
        }
        QCOMPARE(riffles, 10.0);
        QCOMPARE(pools, 10.0);
        const FiguresPtr figures = chart_of(hands).plot().figures();
        QCOMPARE(figures->series.size(), std::size_t{2});
        QVERIFY(figures->series[1].downwards);
        QVERIFY(std::all_of(figures->series[1].y.begin(), figures->series[1].y.end(), [](double y) { return y <= 0; }));
        QCOMPARE(hands.drive.window.document().study().charts.size(), std::size_t{2});
        QVERIFY2(hands.actions <= 5, qPrintable(QString::number(hands.actions)));
    }

    void means_are_written_with_their_standard_error_by_site() {
        UserSimulator hands(QStringLiteral("S33"));
        hands.paste(QStringLiteral("site\tdrift\nriffle\t14\npool\t31\nriffle\t15\npool\t34\nriffle\t13\npool\t40\n"));
        hands.click_cell(0, 1);
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<MeanDialog*>(&dialog);
            form.by().setFocus();
            hands.key_in_dialog(Qt::Key_Down);
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.menu(in_made_tables(QStringLiteral("Mean with ± as text…")));
        QVERIFY(hands.drive.settle());
        const int column = hands.section("mean_text");
        QCOMPARE(hands.drive.shown(0, column), QStringLiteral("14.00 ± 0.58 (SE, n = 3)"));
        QCOMPARE(hands.drive.shown(1, column), QStringLiteral("35.0 ± 2.6 (SE, n = 3)"));
        QVERIFY2(hands.actions <= 8, qPrintable(QString::number(hands.actions)));
    }

    void a_table_of_probabilities_gives_expectation_and_tail() {
        UserSimulator hands(QStringLiteral("S34"));
        hands.paste(QStringLiteral("x\tp\n0\t0.3\n1\t0.4\n2\t0.2\n3\t0.1\n"));
        hold(hands, QStringLiteral("X = discrete(x, p)"));
        hold(hands, QStringLiteral("E = mean(X)"));
        hold(hands, QStringLiteral("tail = P(X >= 2)"));
        QVERIFY(hands.drive.settle());
        QVERIFY2(close_to(hands.held("E"), 1.1), qPrintable(hands.drive.notice()));
        QVERIFY(close_to(hands.held("tail"), 0.3));
        QVERIFY2(hands.actions <= 10, qPrintable(QString::number(hands.actions)));
    }

    void observed_counts_meet_a_fitted_distribution() {
        UserSimulator hands(QStringLiteral("S35"));
        hands.paste(QStringLiteral("k\tobserved\n0\t12\n1\t27\n2\t29\n3\t19\n4\t8\n5\t4\n6\t1\n"));
        hands.click_heading(0);
        hands.click_heading(1, Qt::ShiftModifier);
        hands.in_next_dialog([&](QDialog&) { hands.key_in_dialog(Qt::Key_Return); }); // Poisson
        hands.menu(in_made_tables(QStringLiteral("Counts expected by a fitted distribution…")));
        QVERIFY(hands.drive.settle());
        const double mean = (27 + 58 + 57 + 32 + 20 + 6) / 100.0;
        QVERIFY(close_to(hands.number("expected", 0), 100 * std::exp(-mean)));
        hands.click_heading(1);
        hands.click_heading(2, Qt::ShiftModifier);
        hands.menu(in_made_tables(QStringLiteral("Compare observed with expected counts")));
        QVERIFY(hands.drive.settle());
        hands.card("fitted", QStringLiteral("1")); // the mean was estimated
        QVERIFY(hands.drive.settle());
        QCOMPARE(hands.held("freedom"), hands.drive.window.page()->model().table_rows() - 2.0);
        QVERIFY(hands.held("smallest_expected") >= 5);
        QVERIFY(hands.held("p_value") > 0.3);
        QVERIFY2(hands.actions <= 17, qPrintable(QString::number(hands.actions)));
    }

    void a_list_of_finds_becomes_indices_and_a_matrix() {
        UserSimulator hands(QStringLiteral("S36"));
        hands.paste(QStringLiteral("site\tspecies\tnumber\nriffle\tMayflies (order)\t12\nriffle\tMidges (family)\t5\n"
                                   "riffle\tMayflies (order)\t3\npool\tMidges (family)\t20\npool\tSnails (class)\t4\n"
                                   "weir\tMayflies (order)\t6\nweir\tSnails (class)\t2\nweir\tMidges (family)\t8\n"));
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<DiversityDialog*>(&dialog);
            QVERIFY2(form.message().contains(QStringLiteral("Sites: 3")), qPrintable(form.message()));
            form.matrix().setFocus();
            hands.key_in_dialog(Qt::Key_Down); // Bray–Curtis
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.menu(in_made_tables(QStringLiteral("Diversity of sites…")));
        QVERIFY(hands.drive.settle());
        QCOMPARE(hands.number("N", 0), 20.0);
        QCOMPARE(hands.number("S", 2), 3.0);
        QVERIFY(close_to(hands.number("H", 0), -(0.75 * std::log(0.75) + 0.25 * std::log(0.25))));
        hands.picture(QStringLiteral("sites"));
        const Study& study = hands.drive.window.document().study();
        QCOMPARE(study.tables.size(), std::size_t{4}); // the list, species by site, indices, the matrix
        const Id matrix = study.tables.back()->columns.front()->id;
        const Value apart = hands.drive.window.document().results().cell(matrix, 1); // riffle with pool
        QVERIFY(close_to(apart.number(), (15 + 15 + 4) / 44.0));
        QVERIFY2(hands.actions <= 7, qPrintable(QString::number(hands.actions)));
    }

    /// Beside a table with many cards of its own, what is made for the study is in view.
    void a_critical_region_is_in_view() {
        UserSimulator hands(QStringLiteral("-"));
        hands.in_next_dialog([&](QDialog&) { hands.key_in_dialog(Qt::Key_Return); });
        hands.menu({QStringLiteral("Compute"), QStringLiteral("Motion and rates"), QStringLiteral("Motion in steps…")});
        QVERIFY(drawn(hands));
        hands.in_next_dialog([&](QDialog&) { hands.key_in_dialog(Qt::Key_Return); });
        hands.menu(in_made_tables(QStringLiteral("From a distribution…")));
        QVERIFY(hands.drive.settle());
        QCOMPARE(hands.held("critical_from"), 8.0);
        const HeldValue* size = hands.drive.window.document().study().held_named("actual_size");
        QVERIFY(size != nullptr);
        const auto cards = hands.drive.window.findChildren<HeldCard*>();
        const auto card =
            std::find_if(cards.begin(), cards.end(), [size](const HeldCard* one) { return one->held() == size->id; });
        QVERIFY(card != cards.end());
        QCOMPARE((*card)->visibleRegion().boundingRect().width(), (*card)->width());
    }

    void values_beyond_the_fences_are_selected() {
        UserSimulator hands(QStringLiteral("-"));
        hands.paste(QStringLiteral("x\n10\n12\n11\n13\n60\n12\n11\n-30\n"));
        hands.click_heading(0);
        hands.menu(in_made_tables(QStringLiteral("Select values beyond the fences")));
        QVERIFY(hands.drive.settle());
        QVERIFY(close_to(hands.held("x_upper_fence"), 12.25 + 1.5 * 1.5));
        const auto [first, count] = hands.drive.window.page()->view().selected_rows();
        QCOMPARE(first, 4); // 60, and below it −30
        QCOMPARE(hands.drive.window.page()->view().chosen_blocks().size(), 2);
        const std::size_t cards = hands.drive.table().ledge.size();
        hands.menu(in_made_tables(QStringLiteral("Select values beyond the fences")));
        QCOMPARE(hands.drive.table().ledge.size(), cards); // the fences are held once
        Q_UNUSED(count);
    }

    void a_population_is_asked_for_once() {
        UserSimulator hands(QStringLiteral("-"));
        hands.paste(QStringLiteral("x\n5\n15\n15\n25\n"));
        hands.click_heading(0);
        hands.in_next_dialog([&](QDialog& dialog) {
            auto& form = *qobject_cast<MeanDialog*>(&dialog);
            form.findChild<ValuesBox*>()->setFocus();
            hands.key_in_dialog(Qt::Key_Down);
            form.spread().setCurrentIndex(0);
            hands.key_in_dialog(Qt::Key_Return);
        });
        hands.menu(in_made_tables(QStringLiteral("Mean with ± as text…")));
        QVERIFY(hands.drive.settle());
        QCOMPARE(hands.drive.window.document().study().settings.values, Settings::Values::population);
        hands.button_menu(QStringLiteral("foot line"), {QStringLiteral("sd —")});
        QVERIFY(hands.drive.settle());
        QVERIFY(close_to(hands.foot(QStringLiteral("σ"), "x"), std::sqrt(50)));
    }

    void a_reading_of_a_cumulative_curve_is_held() {
        UserSimulator hands(QStringLiteral("-"));
        hands.paste(QStringLiteral("x\n1\n4\n12\n15\n18\n22\n27\n36\n"));
        Study study = hands.drive.window.document().study();
        Id table;
        study = *frequency_table(study, study.tables[0]->columns[0]->id, {{0, 10, 20, 30, 40}}, {}, &table);
        Chart chart;
        chart.table = table;
        chart.reader = true;
        const Table& classes = *study.table(table);
        chart.series.push_back(
            {SeriesForm::cumulative, (*classes.axis.column)->id, classes.column_named("cum")->id, false, false, ""});
        Id drawn_chart;
        study = *add_chart(study, chart, &drawn_chart);
        QVERIFY(hands.drive.window.document().perform(QStringLiteral("test"), study));
        hands.drive.window.pages().show_chart(drawn_chart);
        QVERIFY(drawn(hands));
        hands.drive.answer(QStringLiteral("15"));
        hands.drive.command("hold-reading");
        QVERIFY(hands.drive.settle());
        QVERIFY(close_to(hands.held("share_up_to"), (2 + 1.5) / 8));
        ChartPlot& plot = chart_of(hands).plot();
        const QPoint at(static_cast<int>(plot.xAxis->coordToPixel(25)), plot.axisRect()->center().y() + 40);
        QTest::mouseMove(&plot, at);
        QTest::mouseClick(&plot, Qt::LeftButton, Qt::NoModifier, at);
        QVERIFY(hands.drive.settle());
        QVERIFY(std::fabs(hands.held("share_up_to_2") - 6.0 / 8) < 0.02);
    }

    void rates_follow_measured_columns() {
        UserSimulator hands(QStringLiteral("-"));
        hands.paste(QStringLiteral("t\ts\n0\t0\n1\t2\n3\t12\n4\t20\n"));
        hands.click_heading(1);
        hands.click_heading(0, Qt::ControlModifier);
        hands.menu({QStringLiteral("Compute"), QStringLiteral("Motion and rates"),
                    QStringLiteral("Rate of change of one column by another")});
        QVERIFY(hands.drive.settle());
        const std::string name = hands.drive.table().columns.back()->name;
        QCOMPARE(name, std::string("rate_of_s"));
        QVERIFY(close_to(hands.number("rate_of_s", 1), (2.0 * 2 + 5.0 * 1) / 3));
    }

    void a_throw_with_drag_by_two_methods_lands() {
        UserSimulator hands(QStringLiteral("S37"));
        double landed[2] = {};
        for (int method = 0; method < 2; ++method) {
            hands.in_next_dialog([&](QDialog& dialog) {
                auto& form = *qobject_cast<MotionDialog*>(&dialog);
                form.begin().setFocus();
                hands.key_in_dialog(Qt::Key_Down); // a throw
                if (method == 1) {
                    form.method().setFocus();
                    hands.key_in_dialog(Qt::Key_Down); // Runge–Kutta 4
                }
                hands.key_in_dialog(Qt::Key_Return);
            });
            hands.menu(
                {QStringLiteral("Compute"), QStringLiteral("Motion and rates"), QStringLiteral("Motion in steps…")});
            QVERIFY(drawn(hands));
            landed[method] = hands.held("event_x");
            QVERIFY(std::fabs(hands.held("event_y")) < 1e-9);
        }
        QVERIFY(std::fabs(landed[0] - landed[1]) < 1e-3 && landed[0] > 10);
        QVERIFY2(hands.actions <= 12, qPrintable(QString::number(hands.actions)));
    }
};

LEDGEFALL_TEST(TestSubjectStories)
#include "test_subject_stories.moc"

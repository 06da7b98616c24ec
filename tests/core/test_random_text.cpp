// Formulas put together at random from the language's pieces, and what is said of each: completions fit what has been
// begun, mends lead on, turned references are formulas still, marks lie within their text, workings end in the value.

#include "core/authoring/completion.h"
#include "core/authoring/turning.h"
#include "core/engine/functions/catalogue.h"
#include "core/engine/workings/working.h"
#include "core/formula/mathematics.h"
#include "core/formula/print.h"
#include "core/study/edits/series.h"
#include "core/value/date.h"
#include "harness/test_program.h"
#include "working.h"

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

const char* const pieces[] = {
    "x",       "y",      "p",       "m",         "1",       "2.5",   "0",    "\"pool\"", "site",    " + ",    " - ",
    " * ",     " / ",    "^",       "(",         ")",       "[i-1]", "[3]",  "[1..i]",   "[last]",  "sum(",   "mean(",
    "count(",  "sd(",    " where ", " < ",       " = ",     " and ", " or ", " not ",    "if ",     " then ", " else ",
    "first ",  " mod ",  "%",       "!",         "√",       "|",     ",",    " in ",     "row",     "rows",   "missing",
    "Rates.r", "Rates.", "ledge.p", "quantile(", "larger(", "sqrt(", "ln(",  "xlnx(",    "median(", "²"};

class Soup {
  public:
    explicit Soup(unsigned seed)
        : engine_(seed) {}
    std::string of(std::size_t most) {
        std::string text;
        const std::size_t length = 1 + engine_() % most;
        for (std::size_t at = 0; at < length; ++at) {
            text += pieces[engine_() % std::size(pieces)];
        }
        return text;
    }
    /// A formula that can be read.
    std::string readable() {
        for (;;) {
            std::string text = of(7);
            if (parse_formula(text).tree) {
                return text;
            }
        }
    }
    std::size_t pick(std::size_t count) { return engine_() % count; }

  private:
    std::mt19937 engine_;
};

Bench pebbles() {
    Bench bench;
    bench.numbers("x", {4, 1, 7, 3})
        .numbers("y", {2, 0, 5, 8})
        .texts("site", {"pool", "weir", "pool", "riffle"})
        .held("p = 2");
    bench.take(hold(bench.study, bench.table, "m = mean(x)"));
    Id other;
    bench.take(add_table(bench.study, "Rates", &other));
    bench.take(add_columns(bench.study, other, {{"r", "r", "", Column::numbers({1, 2})}}));
    return bench;
}

} // namespace

class TestRandomText : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void completions_fit_what_has_been_begun() {
        const Bench bench = pebbles();
        const Table* own = bench.study.table(bench.table);
        const TextsOf texts = [](const ColumnDefinition&) { return std::vector<std::string>{"pool", "weir"}; };
        Soup soup(1);
        int offered = 0;
        for (int turn = 0; turn < 20000; ++turn) {
            std::string text = soup.of(6);
            text.resize(1 + soup.pick(text.size())); // somewhere within a name
            const Completions completions = completions_for(text, bench.study, own, texts);
            QVERIFY2(completions.from <= text.size(), text.c_str());
            const std::string begun = text.substr(completions.from);
            for (const Completion& one : completions.all) {
                QVERIFY2(one.text.starts_with(begun), (text + " | " + one.text).c_str());
                QVERIFY(one.text.size() > begun.size());
                ++offered;
            }
            (void)open_call(text, bench.study, own);
        }
        QVERIFY(offered > 1000);
    }

    void mends_lead_on_and_come_to_an_end() {
        Soup soup(2);
        int mended = 0;
        int sound = 0;
        for (int turn = 0; turn < 20000; ++turn) {
            std::string text = soup.of(6);
            const std::string began = text;
            for (int step = 0; step < 12; ++step) {
                const ParsedFormula parsed = parse_formula(text);
                if (!parsed.mistake || !parsed.mistake->correction) {
                    sound += step > 0 && parsed.tree ? 1 : 0;
                    break;
                }
                const SuggestedCorrection& correction = *parsed.mistake->correction;
                QVERIFY2(correction.span.from <= correction.span.to && correction.span.to <= text.size(),
                         began.c_str());
                const std::string before = text;
                text.replace(correction.span.from, correction.span.to - correction.span.from, correction.text);
                QVERIFY2(text != before, (began + ": " + before).c_str());
                QVERIFY2(step < 11, (began + ": " + text).c_str());
                ++mended;
            }
        }
        QVERIFY(mended > 2000);
        QVERIFY(sound > 300);
    }

    void turned_references_are_formulas_still() {
        const Bench bench = pebbles();
        const Table* own = bench.study.table(bench.table);
        Soup soup(3);
        int turned = 0;
        for (int turn = 0; turn < 6000; ++turn) {
            const std::string text = soup.readable();
            const Formula formula(text);
            const auto place = static_cast<std::uint32_t>(soup.pick(text.size() + 1));
            const auto turning = turning_at(text, *formula.tree(), place, bench.study, own, 2);
            if (!turning) {
                continue;
            }
            QVERIFY2(turning->span.from <= place && place <= turning->span.to, text.c_str());
            QCOMPARE(text.substr(turning->span.from, turning->span.to - turning->span.from), turning->now);
            if (turning->turned.empty()) {
                continue;
            }
            std::string next = text;
            next.replace(turning->span.from, turning->span.to - turning->span.from, turning->turned);
            QVERIFY2(parse_formula(next).tree != nullptr, (text + " to " + next).c_str());
            ++turned;
        }
        QVERIFY(turned > 500);
    }

    void marks_lie_within_their_text_and_mean_rows_of_it() {
        const Bench bench = pebbles();
        const Table* own = bench.study.table(bench.table);
        Soup soup(4);
        for (int turn = 0; turn < 6000; ++turn) {
            const std::string text = soup.readable();
            const Formula formula(text);
            for (const Mark& mark : marks_of(*formula.tree(), bench.study, own)) {
                QVERIFY2(mark.span.from < mark.span.to && mark.span.to <= text.size(), text.c_str());
                if (const auto rows = rows_meant(*formula.tree(), mark, 3, 4)) {
                    QVERIFY2(1 <= rows->from && rows->from <= rows->to && rows->to <= 4, text.c_str());
                }
            }
        }
    }

    void what_is_printed_is_read_back_the_same() {
        Soup soup(5);
        for (int turn = 0; turn < 6000; ++turn) {
            const std::string text = soup.readable();
            const auto tree = parse_formula(text).tree;
            const std::string once = print(*tree);
            const auto again = parse_formula(once);
            QVERIFY2(again.tree != nullptr, (text + ": " + once).c_str());
            QCOMPARE(print(*again.tree), once);
            QVERIFY(!in_one_line(mathematics_of(*tree, &typesetting_of)).empty());
        }
    }

    /// Whatever the formula, its working ends in the value that the engine gives.
    void workings_end_in_the_value() {
        Soup soup(6);
        int computed = 0;
        for (int turn = 0; turn < 1500; ++turn) {
            Bench bench = pebbles();
            const std::string text = soup.readable();
            const Result<Study> with = write_column(bench.study, bench.table, "soup = " + text);
            if (!with) {
                continue;
            }
            bench.take(with);
            for (const std::size_t row : {1U, 3U}) {
                const auto working = working_of(bench.study, *bench.results, bench.id("soup"), row);
                QVERIFY2(static_cast<bool>(working), text.c_str());
                QVERIFY2(working->result == bench.cell("soup", row), text.c_str());
                const Value value = working->result;
                if (value.plain() && value.kind() == Kind::number) {
                    std::string last = working->lines.back();
                    const std::string minus = "−";
                    if (last.starts_with(minus)) {
                        last.replace(0, minus.size(), "-");
                    }
                    const auto number = read_number(last);
                    QVERIFY2(number && near(*number, value.number(), 5e-12),
                             (text + ": " + working->lines.back()).c_str());
                    ++computed;
                }
            }
        }
        QVERIFY(computed > 300);
    }

    /// To go on by three and then by two is to go on by five.
    void continuing_in_two_goes_is_continuing_in_one() {
        std::mt19937 engine(7);
        using Way = Pattern::Way;
        for (int turn = 0; turn < 2000; ++turn) {
            std::vector<Value> started;
            Pattern pattern;
            const auto number = [&engine](int range) {
                return static_cast<double>(static_cast<int>(engine() % 2001) - 1000) / 1000 * range;
            };
            switch (turn % 5) {
            case 0:
                started = {Value::number(std::round(number(1000)) / 100)};
                pattern = {Way::steps, std::round(number(500)) / 100};
                break;
            case 1:
                started = {Value::of(std::floor(number(30000)), Kind::date, State::plain)};
                pattern = {Way::days, std::floor(number(40))};
                break;
            case 2:
                started = {Value::of(std::floor(number(30000)), Kind::date, State::plain)};
                pattern = {Way::weekdays, 1.0 + static_cast<double>(engine() % 9)};
                break;
            case 3:
                started = {Value::text(Text("dish " + std::to_string(engine() % 900)))};
                pattern = {Way::labels, 1.0 + static_cast<double>(engine() % 4)};
                break;
            default:
                started = {Value::of(std::floor(number(30000)), Kind::date, State::plain)};
                pattern = {Way::months, 1.0 + static_cast<double>(engine() % 14)};
                break;
            }
            std::vector<Value> longer = started;
            for (std::size_t further = 1; further <= 3; ++further) {
                longer.push_back(continued(started, pattern, further));
            }
            const Value once = continued(started, pattern, 5);
            const Value twice = continued(longer, pattern, 2);
            QVERIFY2(write_cell(once) == write_cell(twice),
                     (std::to_string(turn % 5) + ": " + write_cell(started[0]) + " by " + shortest(pattern.step) +
                      ": " + write_cell(once) + ", " + write_cell(twice))
                         .c_str());
            if (pattern.way == Way::weekdays) {
                const auto weekday = (static_cast<long long>(once.number()) % 7 + 10) % 7; // 1970-01-01 was a Thursday
                QVERIFY2(weekday < 5, write_cell(once).c_str());
            }
        }
    }
};

LEDGEFALL_TEST(TestRandomText)
#include "test_random_text.moc"

// Formulas as people write them who know another way: what is suggested, and that taking it gives the right value. The
// expected values are those of x = 2, 4, 4, 6 and y = 1, 4, 2, 5 in the second row, worked out by hand.

#include "core/authoring/familiar_forms.h"
#include "core/working.h"
#include "files/worksheet_recovery/openformula_functions.h"
#include "harness/test_program.h"

#include <random>

using namespace ledgefall;
using namespace ledgefall::testing;

namespace {

struct Written {
    const char* formula;
    const char* value; ///< in the second row
};

// Functions in capitals.
const Written capitals[] = {
    {"SUM(x)", "16"},
    {"MEAN(x)", "4"},
    {"Mean(x)", "4"},
    {"MEDIAN(y)", "3"},
    {"MAX(x) - MIN(x)", "4"},
    {"SQRT(x)", "2"},
    {"Sqrt(y)", "2"},
    {"ABS(x - 9)", "5"},
    {"ROUND(x / 3, 2)", "1.33"},
    {"EXP(0)", "1"},
    {"LN(1)", "0"},
    {"COUNT(x)", "4"},
    {"SD_POP(x)^2", "2.0000000000000004"},
    {"SUM(x*y)", "56"},
    {"SUM(X)", "16"},
    {"CHOOSE(x, 2)", "6"},
    {"FACTORIAL(x)", "24"},
    {"UPPER(site)", "WEIR"},
    {"LENGTH(site)", "4"},
    {"Q1(y)", "1.75"},
};

// Other names of the field, and functions of the worksheet standards.
const Written other_names[] = {
    {"average(x)", "4"},
    {"AVERAGE(x)", "4"},
    {"avg(x)", "4"},
    {"AVG(y)", "3"},
    {"ave(y)", "3"},
    {"std(x)^2", "2.6666666666666665"},
    {"stdev(x)^2", "2.6666666666666665"},
    {"STDEV(x)^2", "2.6666666666666665"},
    {"STDEV.S(x)^2", "2.6666666666666665"},
    {"STDEV.P(x)^2", "2.0000000000000004"},
    {"stdevp(x)", "1.4142135623730951"},
    {"STDEVP(x)", "1.4142135623730951"},
    {"variance(x)", "2.6666666666666665"},
    {"VAR.S(x)", "2.6666666666666665"},
    {"VARP(x)", "2"},
    {"total(x)", "16"},
    {"TOTAL(y)", "12"},
    {"percentile(y, 50)", "3"},
    {"percentile(y, 0.5)", "3"},
    {"PERCENTILE(y, 0.25)", "1.75"},
    {"QUARTILE(y, 1)", "1.75"},
    {"len(site)", "4"},
    {"LEN(site)", "4"},
    {"concat(site, x)", "weir4"},
    {"CONCATENATE(site, x)", "weir4"},
    {"maximum(x)", "6"},
    {"minimum(x)", "2"},
    {"med(y)", "3"},
    {"cor(x, y)^2", "0.7999999999999999"},
    {"CORREL(x, y)^2", "0.7999999999999999"},
    {"SUMSQ(x)", "72"},
    {"SUMPRODUCT(x, y)", "56"},
    {"DEVSQ(x)", "8"},
    {"POWER(x, 3)", "64"},
    {"pow(x, 3)", "64"},
    {"MOD(x, 3)", "1"},
    {"INT(x / 3)", "1"},
    {"FACT(x)", "24"},
    {"fact(x)", "24"},
    {"COMBIN(x, 2)", "6"},
    {"ncr(x, 2)", "6"},
    {"PERMUT(x, 2)", "12"},
    {"ceiling(x / 3)", "2"},
    {"PI() * x", "12.566370614359172"},
    {"DEGREES(0) + x", "4"},
    {"RANK(x, x)", "2"},
    {"lg(100)", "2"},
    {"LOG10(100)", "2"},
    {"NOT(x = 4)", "no"},
    {"EXACT(site, \"weir\")", "yes"},
};

// Signs, words and quotation marks.
const Written signs[] = {
    {"x**2", "16"},
    {"x ** 2 + 1", "17"},
    {"x <> 4", "no"},
    {"x<>y", "no"},
    {"x = 4 && y = 4", "yes"},
    {"x = 4 || y = 9", "yes"},
    {"x == 4 && y == 4", "yes"},
    {"x => 4", "yes"},
    {"x =< 3", "no"},
    {"TRUE", "yes"},
    {"FALSE", "no"},
    {"true", "yes"},
    {"(x = 4) = TRUE", "yes"},
    {"x = 4 AND y = 4", "yes"},
    {"x = 3 OR y = 4", "yes"},
    {"NOT x = 4", "no"},
    {"x MOD 3", "1"},
    {"!(x = 4)", "no"},
    {"site = 'weir'", "yes"},
    {"site = \u201Eweir\u201C", "yes"},
    {"site = \u2018weir\u2019", "yes"},
    {"site = \u201Dweir\u201D", "yes"},
    {"site <> \u201Cpool\u201D", "yes"},
    {"site = \u00ABweir\u00BB", "yes"},
    {"x \u00F7 2", "2"},
    {"2x", "8"},
    {"2x + 3y", "20"},
    {"2(x)", "8"},
    {"2(x + 1)", "10"},
    {"(x + 1)(y + 1)", "25"},
    {"x(y + 1)", "20"},
    {"0.5x", "2"},
    {"=x + 1", "5"},
    {"= = x", "4"},
    {"==mean(x)", "4"},
    {"={x} * 2", "8"},
};

// Conditions, separators, means, addresses.
const Written shapes[] = {
    {"if(x > 3, 1, 0)", "1"},
    {"IF(x > 3, 1, 0)", "1"},
    {"IF(x > 3; 1; 0)", "1"},
    {"if(x>3;\"long\";\"short\")", "long"},
    {"if(x > 5, 2, if(x > 3, 1, 0))", "1"},
    {"1 + if(x > 3, 1, 0)", "2"},
    {"IF(AND(x > 3, y > 3), 1, 0)", "1"},
    {"IF(OR(x > 9, y > 3), 1, 0)", "1"},
    {"IF(x > 9, 1)", "missing"},
    {"ROUND(x / 3; 2)", "1.33"},
    {"round(x/3; 1)", "1.3"},
    {"ROUND(x*0,5; 1)", "2"},
    {"0,5 * x", "2"},
    {"x + 1,25", "5.25"},
    {"SUM(x; y)", "28"},
    {"mean x", "4"},
    {"sqrt x", "2"},
    {"mean x + 1", "5"},
    {"sum x / count x", "4"},
    {"AVERAGE x", "4"},
    {"x bar", "4"},
    {"x - x bar", "0"},
    {"x\u0304", "4"},
    {"x - x\u0304", "0"},
    {"y\u0304 * 2", "6"},
    {"A2", "4"},
    {"A2 * 2", "8"},
    {"=A2*B2", "16"},
    {"$A2 + 1", "5"},
    {"SUM(A1:A9)", "16"},
    {"=AVERAGE(B2:B5)", "3"},
    {"=SUM($A$2:$A$5)", "16"},
    {"=A2-AVERAGE(A2:A5)", "0"},
    {"=IF(A2>3;\"long\";\"short\")", "long"},
    {"COUNTIF(x; \">3\")", "3"},
    {"COUNTIF(site, \"pool\")", "2"},
    {"SUMIF(site, \"pool\", x)", "6"},
    {"AVERAGEIF(x, \">=4\")", "4.666666666666667"},
    {"=ROUND(AVERAGE(x)**2 + 2(x); 1)", "24"},
    {"Y", "4"},
    {"SITE", "weir"},
};

class Reader {
  public:
    Reader() {
        bench_.numbers("x", {2, 4, 4, 6});
        bench_.numbers("y", {1, 4, 2, 5});
        bench_.texts("site", {"pool", "weir", "pool", "riffle"});
    }

    std::vector<std::string> forms(const std::string& formula) const {
        return familiar_forms(formula, bench_.study, bench_.study.table(bench_.table),
                              [](std::string_view name, std::size_t arguments) {
                                  const OpenFormulaFunction* function = openformula_function(name, arguments);
                                  return function == nullptr ? std::string_view() : function->form;
                              });
    }

    /// The value in the second row, as it is written into a cell; the sentence of what is wrong.
    std::string value(const std::string& formula) const {
        Id column;
        const Result<Study> with = write_column(bench_.study, bench_.table, "wanted = " + formula, &column);
        if (!with) {
            return with.refusal().text();
        }
        const ResultsPtr results = compute(*with);
        const Value value = results->cell(column, 1);
        return value.is_missing() ? "missing" : write_cell(value);
    }

    const Study& study() const { return bench_.study; }
    const Table* table() const { return bench_.study.table(bench_.table); }

  private:
    Bench bench_;
};

template <std::size_t Count>
void compare(const Written (&all)[Count]) {
    const Reader reader;
    for (const Written& one : all) {
        const std::vector<std::string> forms = reader.forms(one.formula);
        QVERIFY2(forms.size() == 1, one.formula);
        const std::string value = reader.value(forms.front());
        QVERIFY2(value == one.value, (std::string(one.formula) + " is suggested as " + forms.front() + ", which is " +
                                      value + " and not " + one.value)
                                         .c_str());
    }
}

} // namespace

class FamiliarForms : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void functions_in_capitals() { compare(capitals); }
    void other_names_of_functions() { compare(other_names); }
    void signs_and_words() { compare(signs); }
    void conditions_separators_means_and_addresses() { compare(shapes); }

    void a_logarithm_is_meant_in_two_ways() {
        const Reader reader;
        QCOMPARE(reader.forms("log(x)"), (std::vector<std::string>{"ln(x)", "log10(x)"}));
        QCOMPARE(reader.forms("LOG(100) * 2"), (std::vector<std::string>{"ln(100) * 2", "log10(100) * 2"}));
        QCOMPARE(reader.value("log10(100) * 2"), std::string("4"));
    }

    /// What is written in this language stays as it is.
    void what_is_right_is_left_alone() {
        const Reader reader;
        for (const char* formula :
             {"x - mean(x)", "if x > 3 then 1 else 0", "if (x > 3) then 1 else 0", "mean(x where site = \"pool\")",
              "x[i-1] + y[1..i]", "not (x = 4)", "x = 4 and (y = 4 or y = 5)", "round(x, 2)", "2 * (x + 1)", "5!",
              "sum(1/k! for k in 0..10)", "first 1 then 2 * x[i-1]", "|x - 3|", "x in (1, 2, 4)", "1e-3 * x"}) {
            const std::vector<std::string> forms = reader.forms(formula);
            QVERIFY2(forms.empty(), (std::string(formula) + " as " + (forms.empty() ? "" : forms.front())).c_str());
        }
    }

    /// Whatever is typed, something or nothing is suggested, at once.
    void any_text_can_be_looked_at() {
        const Reader reader;
        const std::vector<std::string> pieces{"(",  ")", ";", ",", "x", "IF", "A2",  "$B$3", ":", "1",      "2.5", "\"",
                                              "**", "=", "!", "[", "]", "if", "bar", "mean", " ", "\u0304", "{",   "%"};
        std::mt19937 draw(7);
        for (int round = 0; round < 20'000; ++round) {
            std::string text;
            for (auto length = draw() % 14; length > 0; --length) {
                text += pieces[draw() % pieces.size()];
            }
            for (const std::string& form : reader.forms(text)) {
                QVERIFY2(form.size() < 40 * (text.size() + 10), text.c_str());
            }
            (void)cell_address_in(text, reader.study(), reader.table());
        }
        QVERIFY(reader.forms(std::string(100'000, '(')).empty());
        QVERIFY(reader.forms(std::string(3'000, '(')).empty());
    }

    /// What no column stands for is only told: a fixed cell, a column that is not there.
    void addresses_are_recognized() {
        const Reader reader;
        QCOMPARE(cell_address_in("x + $B$3", reader.study(), reader.table()), std::optional<std::string>("$B$3"));
        QCOMPARE(cell_address_in("Z9 * 2", reader.study(), reader.table()), std::optional<std::string>("Z9"));
        QCOMPARE(cell_address_in("x + y", reader.study(), reader.table()), std::nullopt);
        QVERIFY(reader.forms("x + $B$3").empty());
    }
};

LEDGEFALL_TEST(FamiliarForms)
#include "openformula_familiar_forms.moc"

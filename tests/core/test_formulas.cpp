// From text to tree: precedence, forms, positions, refusals, bounds.

#include "core/formula/parser.h"
#include "core/formula/print.h"
#include "harness/test_program.h"

#include <QtTest>

using namespace ledgefall;

namespace {

/// As people type it; what stands before or behind its operand by a word, so that it is told from what stands between.
std::string sign(Operator op) {
    return op == Operator::negate   ? "neg"
           : op == Operator::degree ? "deg"
           : op == Operator::root   ? "root"
                                    : std::string(sign_of(op, Signs::typed));
}

/// The tree in prefix form, so that its shape can be written down.
std::string shape(const Node* node) {
    if (node == nullptr) {
        return "_";
    }
    std::string head;
    switch (node->type) {
    case NodeType::number:
    case NodeType::word:
        return node->text;
    case NodeType::text:
        return '"' + node->text + '"';
    case NodeType::name:
        return node->owner.empty() ? node->text : node->owner + "." + node->text;
    case NodeType::index:
        head = "at";
        break;
    case NodeType::range:
        head = "..";
        break;
    case NodeType::call:
        head = node->text;
        break;
    case NodeType::where:
        head = "where";
        break;
    case NodeType::bound:
        head = "for " + node->text;
        break;
    case NodeType::given:
        head = "given";
        break;
    case NodeType::what_if:
        head = "with";
        break;
    case NodeType::unary:
    case NodeType::binary:
        head = sign(node->op);
        break;
    case NodeType::chain:
        for (const Operator op : node->ops) {
            head += sign(op);
        }
        break;
    case NodeType::choice:
        head = "if";
        break;
    case NodeType::recurrence:
        head = "first";
        break;
    case NodeType::absolute:
        head = "abs";
        break;
    case NodeType::list:
        head = "list";
        break;
    }
    std::string out = "(" + head;
    for (const NodePtr& kid : node->kids) {
        out += " " + shape(kid.get());
    }
    return out + ")";
}

} // namespace

class TestFormulas : public QObject {
    Q_OBJECT

  private Q_SLOTS:
    void dates_raised_digits_and_long_numbers_are_read_as_they_are_meant() {
        QCOMPARE(parse_formula("3²³").tree->kid(1).number, 23.0);
        QCOMPARE(parse_formula("x⁴ + 1").tree->kid(0).kid(1).number, 4.0);
        QCOMPARE(parse_formula("1e−3").tree->number, 1e-3);
        const ParsedFormula date = parse_formula("x - 2024-02-09");
        QVERIFY(date.mistake && date.mistake->correction);
        QCOMPARE(date.mistake->correction->text, std::string("date(2024, 2, 9)"));
        QVERIFY(parse_formula("2024-13-45").tree != nullptr); // not a date, so a subtraction
        QVERIFY(parse_formula("2024 - 02 - 29").tree != nullptr);
        QVERIFY(parse_formula("9007199254740993").mistake.has_value());
        QVERIFY(parse_formula("9007199254740992").tree != nullptr);
        for (const char* incomplete : {"sum(1,)", "(1 + )"}) {
            QVERIFY2(parse_formula(incomplete).mistake->what.text().starts_with("Something is missing between"),
                     incomplete);
        }
    }

    void shapes_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<QString>("expected");
        const char* rows[][2] = {
            {"1 + 2 * 3", "(+ 1 (* 2 3))"},
            {"-2^2", "(neg (^ 2 2))"},
            {"2^-1", "(^ 2 (neg 1))"},
            {"2^3^2", "(^ 2 (^ 3 2))"},
            {"20%", "(% 20)"},
            {"50% * x", "(* (% 50) x)"},
            {"n!", "(! n)"},
            {"30°", "(deg 30)"},
            {"√x²", "(root (^ x 2))"},
            {"√4 + 1", "(+ (root 4) 1)"},
            {"x³ × 2 · y ÷ 3 − 1", "(- (/ (* (* (^ x 3) 2) y) 3) 1)"},
            {"a <= x < b", "(<=< a x b)"},
            {"x ≠ 1 and not y or z", "(or (and (!= x 1) (not y)) z)"},
            {"x == 1", "(= x 1)"},
            {"a or b with k = 8", "(with (or a b) k 8)"},
            {"max(r) - 1 with (k = x + 1, T.m = -2)", "(with (- (max r) 1) k (+ x 1) T.m (neg 2))"},
            {"a with k = 1 with m = 2", "(with (with a k 1) m 2)"},
            {"if a then b else c with k = 1", "(with (if a b c) k 1)"},
            {"first 1 then a with k = row", "(first 1 (with a k row))"},
            {"sum(a with k = j for j in 1..5)", "(sum (for j (with a k j) (.. 1 5)))"},
            {"with + 1", "(+ with 1)"},
            {"a ≈ b", "(~= a b)"},
            {"x in (\"A\", \"B\")", "(in x (list \"A\" \"B\"))"},
            {"7 mod 3 + 1", "(+ (mod 7 3) 1)"},
            {"|x - 1| * 2", "(* (abs (- x 1)) 2)"},
            {"if a then b else c + 1", "(if a b (+ c 1))"},
            {"first 100 then x[i-1] + v[i-1]*dt", "(first 100 (+ (at x (- i 1)) (* (at v (- i 1)) dt)))"},
            {"first 1; 1 then f[i-1] + f[i-2]", "(first 1 1 (+ (at f (- i 1)) (at f (- i 2))))"},
            {"sum(x[1..i])", "(sum (at x (.. 1 i)))"},
            {"sum(f[..i-1])", "(sum (at f (.. _ (- i 1))))"},
            {"mean(x[i-2..])", "(mean (at x (.. (- i 2) _)))"},
            {"x[last]", "(at x last)"},
            {"f[i, ..] + f[.., j]", "(+ (at f i (.. _ _)) (at f (.. _ _) j))"},
            {"mean(t1[i] .. t4[i])", "(mean (.. (at t1 i) (at t4 i)))"},
            {"quantile((a, b), 0.25)", "(quantile (list a b) 0.25)"},
            {"mean(x where site = \"pool\")", "(mean (where x (= site \"pool\")))"},
            {"sum(1/k! for k in 0..10)", "(sum (for k (/ 1 (! k)) (.. 0 10)))"},
            {"P(D > 3 | D > 1)", "(P (given (> D 3) (> D 1)))"},
            {"count(lower <= Stones.size < upper)", "(count (<=< lower Stones.size upper))"},
            {"ledge.n + Other.x[2]", "(+ ledge.n (at Other.x 2))"},
            {"each / sum(each)", "(/ each (sum each))"},
            {"i + j", "(+ i j)"},
            {"\"say \"\"yes\"\"\"", "\"say \"yes\"\""},
            {"Σf / µ₁", "(/ Σf μ₁)"},
            {"1e-9 + 1.5E3", "(+ 1e-9 1.5E3)"},
            {"1 - -1", "(- 1 (neg 1))"},
        };
        for (const auto& row : rows) {
            QTest::newRow(row[0]) << QString::fromUtf8(row[0]) << QString::fromUtf8(row[1]);
        }
    }
    void shapes() {
        QFETCH(QString, text);
        QFETCH(QString, expected);
        const ParsedFormula parsed = parse_formula(text.toStdString());
        QVERIFY2(parsed.tree != nullptr, parsed.mistake ? parsed.mistake->what.text().c_str() : "");
        QCOMPARE(QString::fromStdString(shape(parsed.tree.get())), expected);
    }

    void mistakes_point_at_their_characters_data() {
        QTest::addColumn<QString>("text");
        QTest::addColumn<int>("from");
        QTest::addColumn<QString>("part");
        const std::tuple<const char*, int, const char*> rows[] = {
            {"2x + 1", 0, "2*x"},
            {"20 % 5", 3, "mod"},
            {"(1 + 2", 0, "closed"},
            {"1 + ", 4, "incomplete"},
            {"1 2", 2, "missing before"},
            {"x # y", 2, "has no meaning"},
            {"\"open", 0, "not closed"},
            {"if x then 1", 11, "else"},
            {"first 1 x", 8, "then"},
            {"1 + first 2 then 3", 4, "only start"},
            {"1e999", 0, "too large"},
            {"x)", 1, "extra )"},
            {"sum(x for 3 in 1..2)", 10, "After for"},
            {"ledge", 0, "dot"},
            {"", 0, "Write a formula here"},
        };
        for (const auto& [text, from, part] : rows) {
            QTest::newRow(text) << QString::fromUtf8(text) << from << QString::fromUtf8(part);
        }
    }
    void mistakes_point_at_their_characters() {
        QFETCH(QString, text);
        QFETCH(int, from);
        QFETCH(QString, part);
        const ParsedFormula parsed = parse_formula(text.toStdString());
        QVERIFY(parsed.tree == nullptr);
        QVERIFY2(QString::fromStdString(parsed.mistake->what.text()).contains(part),
                 parsed.mistake->what.text().c_str());
        QCOMPARE(static_cast<int>(parsed.mistake->span.from), from);
        QVERIFY(parsed.mistake->span.to <= static_cast<std::uint32_t>(text.toStdString().size()));
    }

    void definitions_have_a_left_side() {
        const ParsedDefinition parsed = parse_definition("avg_cm [cm @ 25 °C] = avg / 10", true);
        QVERIFY(!parsed.mistake);
        QCOMPARE(parsed.definition.name, std::string("avg_cm"));
        QCOMPARE(parsed.definition.unit, std::string("cm @ 25 °C"));
        QCOMPARE(parsed.definition.formula_text(), std::string("avg / 10"));
        QCOMPARE(parse_definition("force(r, s) = G / r^2").definition.parameters.size(), std::size_t{2});
        QVERIFY(parse_definition("x + 1").definition.name.empty());
        QVERIFY(parse_definition("x + 1", true).mistake.has_value());
        QVERIFY(parse_definition("and = 1", true).mistake.has_value());
        const ParsedDefinition wrong = parse_definition("y = 2 +", true);
        QCOMPARE(wrong.mistake->span.from, std::uint32_t{7});
    }

    void spans_cover_what_is_referred_to() {
        const ParsedFormula parsed = parse_formula("1 + Other.x[i-1]");
        const Node& index = parsed.tree->kid(1);
        QCOMPARE(index.span, (Span{4, 16}));
        QCOMPARE(index.kid(0).span, (Span{4, 11}));
        QCOMPARE(index.kid(0).name_span, (Span{10, 11}));
    }

    void bounds_hold() {
        const auto refused = [](const std::string& text) { return parse_formula(text).mistake.has_value(); };
        QVERIFY(refused(std::string(100000, '1')));
        QVERIFY(refused(std::string(10000, '(') + "1" + std::string(10000, ')')));
        QVERIFY(refused(std::string(10000, '-') + "1"));
        QVERIFY(refused(std::string(10000, '|') + "1"));
        std::string nots;
        std::string ifs;
        std::string powers = "2";
        std::string sum = "1";
        for (int k = 0; k < 1500; ++k) {
            nots += "not ";
            ifs += "if x then ";
            powers += "^2";
            sum += "+1";
        }
        QVERIFY(refused(nots + "x"));
        QVERIFY(refused(ifs + "1"));
        QVERIFY(refused(powers));
        QVERIFY(refused(sum)); // more steps than a tree may be deep
        QVERIFY(refused(std::string(9000, '[')));
        QVERIFY(!refused(sum.substr(0, 1201)));
        std::string bytes;
        for (int k = 0; k < 4000; ++k) {
            bytes += static_cast<char>((k * 7919) % 256);
        }
        QVERIFY(refused(bytes));
    }
};

LEDGEFALL_TEST(TestFormulas)
#include "test_formulas.moc"

#include "app/numbers/formula_text.h"

#include "core/formula/expressions.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// Colour is never the only sign: what stays has a line under it, what follows the column dots, what follows both the
/// colour of water over the dots of the column.
QTextCharFormat format_of(Manner manner) {
    QTextCharFormat format;
    format.setForeground(colour_of(manner));
    if (manner == Manner::stays) {
        format.setUnderlineStyle(QTextCharFormat::SingleUnderline);
        format.setUnderlineColor(theme().stone_edge);
    } else if (manner != Manner::follows) {
        format.setUnderlineStyle(QTextCharFormat::DotLine);
        format.setUnderlineColor(theme().across);
    }
    return format;
}

/// How an operator's sign is shown where it is only read.
QString shown_sign(const std::string& sign) {
    static const std::pair<const char*, const char*> shown[] = {{"*", "·"},  {"-", "−"},  {"<=", "≤"},
                                                                {">=", "≥"}, {"!=", "≠"}, {"~=", "≈"}};
    for (const auto& [typed, read] : shown) {
        if (sign == typed) {
            return QString::fromUtf8(read);
        }
    }
    return QString::fromStdString(sign);
}

bool is_whole(const Token& token) {
    return token.type == TokenType::number && token.text.find_first_not_of("0123456789") == std::string::npos;
}

QString raised(const std::string& digits) {
    static const QString superscripts = QStringLiteral("⁰¹²³⁴⁵⁶⁷⁸⁹");
    QString out;
    for (const char digit : digits) {
        out += superscripts[digit - '0'];
    }
    return out;
}

} // namespace

QColor colour_of(Manner manner) {
    return manner == Manner::stays ? theme().stays : manner == Manner::across ? theme().across : theme().follows;
}

int position_of(const std::string& text, std::uint32_t byte) {
    return static_cast<int>(
        QString::fromUtf8(text.data(), static_cast<qsizetype>(std::min<std::size_t>(byte, text.size()))).size());
}

QList<QTextLayout::FormatRange> reference_formats(const std::string& formula, const std::vector<Mark>& marks) {
    QList<QTextLayout::FormatRange> formats;
    for (const Mark& mark : marks) {
        QTextLayout::FormatRange range;
        range.start = position_of(formula, mark.span.from);
        range.length = position_of(formula, mark.span.to) - range.start;
        range.format = format_of(mark.manner);
        formats.append(range);
    }
    return formats;
}

namespace {

/// Appends a range so that none overlaps another: one that lies within the last divides it.
void append_apart(QList<QTextLayout::FormatRange>& ranges, const QTextLayout::FormatRange& range) {
    QTextLayout::FormatRange after{0, 0, {}};
    if (!ranges.isEmpty()) {
        QTextLayout::FormatRange& last = ranges.last();
        const int end = last.start + last.length;
        after = last;
        after.start = range.start + range.length;
        after.length = end - after.start;
        last.length = std::min(last.length, range.start - last.start);
    }
    ranges.append(range);
    if (after.length > 0) {
        ranges.append(after);
    }
}

} // namespace

ReadableFormula readable(const Formula& formula, const Study& study, const Table* own, const ColumnDefinition* each) {
    ReadableFormula out;
    const std::string& written = formula.text();
    if (!formula.tree()) {
        return {QString::fromStdString(written), {}};
    }
    const std::vector<Mark> marks = marks_of(*formula.tree(), study, own, each);
    std::vector<std::pair<std::uint32_t, int>> moved; // where each token's first byte has come to stand
    std::uint32_t at = 0;
    const std::vector<Token> tokens = read_tokens(written).all;
    int in_square_brackets = 0; // where x[i-1] stays close
    bool blank_wanted = false;
    for (std::size_t number = 0; number < tokens.size(); ++number) {
        const Token& token = tokens[number];
        in_square_brackets += token.text == "[" ? 1 : token.text == "]" ? -1 : 0;
        const bool adds = token.type == TokenType::sign && (token.text == "+" || token.text == "-") && number > 0 &&
                          in_square_brackets == 0 && ends_operand(tokens[number - 1]);
        if (token.text == "^" && token.type == TokenType::sign && is_whole(tokens[number + 1])) { // x^2 is read as x²
            moved.emplace_back(token.span.from, out.text.size());
            out.text += raised(tokens[number + 1].text);
            at = tokens[++number].span.to;
            moved.emplace_back(at, out.text.size());
            continue;
        }
        out.text += QString::fromUtf8(written.data() + at, static_cast<qsizetype>(token.span.from - at));
        if ((adds || blank_wanted) && !out.text.endsWith(u' ') && token.type != TokenType::end) {
            out.text += u' ';
        }
        blank_wanted = adds;
        moved.emplace_back(token.span.from, out.text.size());
        const std::string own_text = written.substr(token.span.from, token.span.to - token.span.from);
        out.text += token.type == TokenType::sign && token.text != "^" ? shown_sign(token.text)
                                                                       : QString::fromStdString(own_text);
        moved.emplace_back(token.span.to, out.text.size());
        at = token.span.to;
    }
    const auto place = [&moved](std::uint32_t byte) {
        const auto it = std::find_if(moved.begin(), moved.end(), [byte](const auto& one) { return one.first >= byte; });
        return it == moved.end() ? 0 : it->second;
    };
    for (const Mark& mark : marks) {
        QTextLayout::FormatRange range;
        range.start = place(mark.span.from);
        range.length = place(mark.span.to) - range.start;
        range.format = format_of(mark.manner);
        append_apart(out.formats, range);
    }
    return out;
}

} // namespace ledgefall

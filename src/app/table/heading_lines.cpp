#include "app/table/heading_lines.h"

#include <QStringList>

namespace ledgefall {

qsizetype length_of_line(const QString& text, const QFontMetrics& metrics, int width) {
    static const QString signs = QStringLiteral(" ·/^=<>≤≥≠≈,;(|)]");
    static const QString closing = QStringLiteral(")],;²³");
    qsizetype blank_break = 0, reader_break = 0, name_break = 0, any_break = 0;
    for (qsizetype length = 1; length <= text.size(); ++length) {
        const QString part = text.left(length);
        const QStringView seen = QStringView(part).trimmed(); // a blank at the end of a line needs no room
        if (length > 1 && metrics.horizontalAdvance(seen.toString()) > width) {
            break;
        }
        any_break = length;
        const QChar last = part.back();
        const bool before_closing = length < text.size() && closing.contains(text[length]);
        blank_break = last == u' ' ? length : blank_break;
        reader_break = signs.contains(last) && !before_closing ? length : reader_break;
        name_break = last == u'_' || last == u'.' ? length : name_break;
    }
    const QString next = text.mid(blank_break).section(u' ', 0, 0);
    const bool next_fits = blank_break > 0 && metrics.horizontalAdvance(next) <= width;
    return any_break == text.size() ? any_break
           : next_fits              ? blank_break
           : reader_break > 0       ? reader_break
           : name_break > 0         ? name_break
                                    : any_break;
}

QString divisible(const QString& label, const QFontMetrics& metrics, int width) {
    QStringList words = label.split(u' ');
    for (QString& word : words) {
        if (metrics.horizontalAdvance(word) > width) {
            static const QString no_width = QString(QChar(0x200B));
            word.replace(u'_', u'_' + no_width).replace(u'.', u'.' + no_width);
        }
    }
    return words.join(u' ');
}

} // namespace ledgefall

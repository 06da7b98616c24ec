#pragma once

#include <QSyntaxHighlighter>
#include <QTextLayout>

namespace ledgefall {

/// Gives a line of text the formats that it is told.
class FormulaHighlighter : public QSyntaxHighlighter {
  public:
    using QSyntaxHighlighter::QSyntaxHighlighter;
    QList<QTextLayout::FormatRange> ranges;

  protected:
    void highlightBlock(const QString&) override {
        for (const auto& range : ranges) {
            setFormat(range.start, range.length, range.format);
        }
    }
};

} // namespace ledgefall

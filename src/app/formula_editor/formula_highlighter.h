#pragma once

#include <QSyntaxHighlighter>
#include <QTextLayout>

#include <algorithm>

namespace ledgefall {

/// Gives a text its formats; their places count from the beginning of the whole text.
class FormulaHighlighter : public QSyntaxHighlighter {
  public:
    using QSyntaxHighlighter::QSyntaxHighlighter;
    QList<QTextLayout::FormatRange> ranges;

  protected:
    void highlightBlock(const QString&) override {
        const int block = currentBlock().position();
        for (const auto& range : ranges) {
            const int from = std::max(0, range.start - block);
            setFormat(from, range.start + range.length - block - from, range.format);
        }
    }
};

} // namespace ledgefall

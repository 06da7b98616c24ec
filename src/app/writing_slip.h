#pragma once

#include "app/computer.h"
#include "app/document.h"
#include "core/engine/hints.h"

#include <QFrame>
#include <QLabel>
#include <QPlainTextEdit>
#include <QSyntaxHighlighter>

namespace ledgefall {

/// A slip of paper above a table's headings, on which a column's formula is written. What stays and what follows
/// have their colours while it is written, a mistake is marked at its characters, and the first, a middle and the last
/// row show their results. Enter fills the column, Escape leaves all as it was.
class WritingSlip : public QFrame {
    Q_OBJECT
  public:
    WritingSlip(Document& document, QWidget* parent = nullptr);

    /// Opens for a column (empty: a new one) of a table, with a text to begin from.
    void write(Id table, Id column, const QString& text);
    bool is_open() const { return isVisible(); }
    void insert_name(const QString& name);
    QPlainTextEdit& line() { return *line_; }
    QString message() const { return message_->isHidden() ? QString() : message_->text(); }
    QString preview() const { return preview_->text(); }

  Q_SIGNALS:
    void filled(ledgefall::Id column);
    void left();

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    class Highlighter;
    void look_over(); ///< after every change of the text
    void fill();
    void leave();
    void show_warning(const std::optional<Hint>& hint);
    void show_mistake(const Sentence& what, int from, int to);
    void show_preview(const ResultsPtr& results);
    Result<Study> written(Id* column) const;
    int line_height() const;

    Document& document_;
    Computer trial_; ///< works out what is being written, beside the study
    Id table_, column_;
    Study tried_;
    Id tried_column_;
    bool sound_ = false;
    QPlainTextEdit* line_;
    Highlighter* highlighter_;
    QLabel* message_;
    QLabel* preview_;
};

} // namespace ledgefall

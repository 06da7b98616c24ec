#pragma once

#include "app/document/working_computer.h"
#include "app/formula_editor/active_editor.h"
#include "app/formula_editor/completion_list.h"
#include "app/formula_editor/formula_draft.h"

#include <QFrame>
#include <QLabel>
#include <QPlainTextEdit>
#include <QPointer>
#include <QScrollArea>
#include <QToolButton>

namespace ledgefall {

class FormulaHighlighter;

/// The editor above a table's headings, in which a column's formula is written. What stays and what follows
/// have their colours while it is written, and the reference at the cursor can be turned from one to the other; names
/// complete; a mistake is marked at its characters and corrected by a key where it is clear how; the first, a middle
/// and the last row are shown with their numbers put in. Enter fills the column, Escape leaves all as it was.
class FormulaEditor : public QFrame {
    Q_OBJECT
  public:
    FormulaEditor(Document& document, ActiveEditor& active_editor, QWidget* parent = nullptr);
    ~FormulaEditor() override;

    /// Opens for a column (empty: a new one) of a table, with a text to begin from. `row` (from 1) is the formula's own
    /// row, for which what is pointed at is read.
    void write(Id table, Id column, const QString& text, std::size_t row);
    /// Opens for one definition in `each` for several columns.
    void spread(Id table, std::vector<Id> columns, const QString& text);
    bool is_open() const { return !isHidden(); }
    std::size_t row() const { return row_; }

    /// Puts a reference in at the cursor, in place of one that has just been pointed at, or with a comma behind it.
    enum class Pointing { replaces, adds };
    void point_at(const QString& reference, Pointing how = Pointing::replaces);
    void turn();       ///< the reference at the cursor: from following the row to held, and back
    void lift();       ///< the number or held cell at the cursor onto the ledge
    void correction(); ///< the first one that is suggested
    void other_correction();
    void lift_as(const QString& name);
    /// Fills the column as Enter does, or leaves where nothing has been changed; else why it cannot be filled.
    std::optional<QString> finish();
    QPlainTextEdit& line() { return *line_; }
    CompletionList& completions() { return *list_; }
    FormulaDraft& draft() { return draft_; }
    const FormulaDraft& draft() const { return draft_; }
    QString message() const { return message_->isHidden() ? QString() : message_->text(); }
    QString preview() const; ///< without its colours
    QString aid() const;
    bool has_changes() const { return line_->toPlainText() != begun_; } ///< since it was opened
    bool can_correct() const { return !correction_->isHidden(); }

  Q_SIGNALS:
    void filled(ledgefall::Id column);
    void left();
    void drafted();                                   ///< the text, or what its names mean
    void tried(const ledgefall::ResultsPtr& results); ///< of the draft; null where there are none
    void pointer_jumped(Qt::Key key);                 ///< by Alt and Home, End, Page up or Page down
    void pointer_moved(int rows, int columns);        ///< by Alt and an arrow

  protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

  private:
    void lay_out();
    void open(const QString& text, std::size_t row);
    void close();
    void apply_theme();
    void look_over(); ///< after every change of the text
    void show_aid();  ///< after every move of the cursor
    void complete();
    void take_completion();
    void fill();
    void leave();
    bool only_begun() const; ///< unfinished, with the cursor where it can go on
    void show_trouble();
    void mark_trouble();
    void show_preview(const ResultsPtr& results);
    void replace(int from, int to, const QString& text);
    void take_correction(const SuggestedCorrection& correction);
    bool handle_key(int key, Qt::KeyboardModifiers modifiers);
    void reserve_height();

    Document& document_;
    QPointer<ActiveEditor> active_editor_;
    FormulaDraft draft_;
    WorkingComputer working_computer_;
    std::size_t row_ = 1;
    QString begun_;                           ///< the text with which it was opened
    bool insisted_ = false;                   ///< Enter was pressed on a formula that has a mistake
    QString announced_;                       ///< the last mistake that was announced
    QString confirmed_;                       ///< the text of which it was said that typed values give way to it
    int pointed_from_ = -1, pointed_to_ = -1; ///< the reference that was pointed at last, while nothing was typed since
    bool replacing_ = false;
    int block_ = 0; ///< the line of the text in which the cursor is
    QPlainTextEdit* line_;
    FormulaHighlighter* highlighter_;
    QLabel *aid_, *message_, *preview_, *hint_;
    QScrollArea* under_; ///< message, results and hint share its height
    QToolButton *turn_, *lift_, *correction_, *other_;
    CompletionList* list_;
};

} // namespace ledgefall

#pragma once

#include "app/numbers/formula_text.h"
#include "app/table_model/table_model.h"

#include <QHash>
#include <QHeaderView>
#include <QLineEdit>
#include <QPointer>

#include <functional>

namespace ledgefall {

/// The headings of a table: label and unit, and under them the column's formula with what stays and what follows in
/// their colours. A heading over several columns stands above theirs, between two posts. Nothing in them is ever cut:
/// labels and formulas wrap, and the headings are as high as the highest needs.
class TableHeading : public QHeaderView {
    Q_OBJECT
  public:
    /// Horizontal over columns; vertical at the left of a table that is laid across.
    TableHeading(Qt::Orientation orientation, TableModel& model, Document& document, QWidget* parent = nullptr);

    QSize sizeHint() const override;
    /// The sections by which it is sized: all, or of very many the first and those that are seen.
    std::vector<int> measured_sections() const;
    /// The width that a column's label and its content (in pixels, with its margins) ask for; its formula wraps, and
    /// widens it by no more than half.
    int fitting_width(int section, int content_width) const;
    int height_at(int section, int width) const; ///< which a section's label and formula need, wrapped at that width

    /// Opens a line over a heading's label, in which it is typed; over the next column's it makes one.
    void edit_label(int section);
    QLineEdit* label_line() const { return label_line_; }
    std::function<bool()> is_pointing; ///< whether a formula is being written, so that clicks and drags point

  Q_SIGNALS:
    /// A heading was typed; `then` is Return (its first cell is next), Tab or Backtab (the next heading), else Escape.
    void label_typed(int section, const QString& text, Qt::Key then);
    void headings_pointed(int from, int to, bool adds); ///< clicked or dragged over while a formula is written
    void label_wanted(int section);                     ///< double click on a label
    void formula_wanted(int section);                   ///< double click on a formula

  protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    bool eventFilter(QObject* watched, QEvent* event) override;
    void paintSection(QPainter* painter, const QRect& rect, int section) const override;
    QSize sectionSizeFromContents(int section) const override;

  private:
    struct Content {
        QString label, unit, note;
        QString waits_for; ///< a name that is not there yet
        ReadableFormula formula;
        bool computed = false, beyond = false;
        bool across = false; ///< a value of the axis across
        bool asked = false;  ///< by the handout that the study is
        std::size_t faults = 0, overrides = 0;
    };
    Content content(int section) const;
    static QString counts_text(const Content& content); ///< how many cells are in error, how many typed over
    void end_label(Qt::Key then);
    bool at_left() const { return orientation() == Qt::Vertical; }
    int band_height() const; ///< of the headings over several columns, which stand above all; at the left, their width
    QRect rect_of(int section) const; ///< below, or beside, those
    void paint_band(QPainter* painter, const QRect& rect, int section) const;
    /// The label and, behind it or, where it does not fit there, under it, the unit.
    struct Title {
        QString text; ///< of the label, divided where it has to be
        QRect label, unit;
        int height = 0;
    };
    static Title title_of(const Content& content, int width);
    int height_of(const Content& content, int width) const;
    int width_of(const Content& content, int content_width) const;
    /// What laying out a content came to before; texts are measured only when they are new.
    int remembered(const QString& question, const Content& content, const std::function<int()>& measure) const;
    void paint_value(QPainter* painter, const QRect& rect, int section) const;
    int lay_out(QTextLayout& layout, const Content& content, int width) const;

    TableModel& table_;
    Document& document_;
    QPointer<QLineEdit> label_line_;
    int pointing_from_ = -1, pointing_to_ = -1;
    int labelled_ = -1; ///< the section whose label is being typed
    mutable QHash<QString, int> measured_;
};

} // namespace ledgefall

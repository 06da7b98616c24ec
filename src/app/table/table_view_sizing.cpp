// How wide a table's columns are drawn.

#include "app/numbers/number_text.h"
#include "app/table/table_view.h"
#include "app/theme/theme.h"

namespace ledgefall {
namespace {

/// How wide the widest of several texts is. Of numbers only those with the most figures are measured, for all figures
/// are of one width and measuring is slow.
class WidestText {
  public:
    explicit WidestText(const QFont& font)
        : metrics_(font) {}

    void add(const QString& text) {
        const bool number = std::none_of(text.begin(), text.end(), [](QChar c) { return c.isLetter(); });
        const auto figures = std::count_if(text.begin(), text.end(), [](QChar c) { return c.isDigit(); });
        if (number && (text.size() < length_ || (text.size() == length_ && figures <= figures_))) {
            return;
        }
        if (number) {
            length_ = text.size();
            figures_ = figures;
        }
        width_ = std::max(width_, metrics_.horizontalAdvance(beginning_of(text)));
    }
    int width() const { return width_; }

  private:
    QFontMetrics metrics_;
    qsizetype length_ = 0, figures_ = 0; ///< of the longest number
    int width_ = 0;
};

} // namespace

int TableView::content_width(int section) const {
    const ColumnDefinition* column = table_.column(section);
    if (table_.two_way()) {
        const int below = width_below && column == nullptr ? width_below(section) : 0;
        return std::max(std::min(width_in_grid(section), theme().px(280)) + theme().px(28), below);
    }
    if (column == nullptr) {
        return theme().px(28);
    }
    const Column* cells = column->computed() ? document_.results().column(column->id) : &*column->cells;
    const Format format = table_.shown_format(section);
    Fitted& fitted = fitted_[column->id];
    if (fitted.cells != cells || !(fitted.format == format) || fitted.zoom != theme().zoom ||
        fitted.rows != table_.table_rows()) {
        fitted = {cells, format, theme().zoom, table_.table_rows(), widest_of(section, format)};
    }
    const int below = width_below && !laid_across() ? width_below(section) : 0;
    return std::max(std::min(fitted.width, theme().px(280)) + theme().px(28), std::min(below, theme().px(200)));
}

/// The width of a two-way table's columns, of which all are of one: that of the widest of some cells, headings and foot
/// values. What stands beside the rows has its own.
int TableView::width_in_grid(int section) const {
    const ColumnDefinition* layer = table_.column(section);
    if (layer == nullptr) {
        return widest_of(section, {});
    }
    const Column* cells = document_.results().column(layer->id);
    const Format format = table_.shown_format(section);
    Fitted& fitted = fitted_[layer->id];
    const bool trial = table_.in_trial(section) || table_.lines() > 1; // of several layers
    if (!trial && fitted.cells == cells && fitted.format == format && fitted.zoom == theme().zoom &&
        fitted.rows == table_.table_columns()) {
        return fitted.width;
    }
    constexpr int looked_at = 400;
    WidestText texts(theme().text());
    WidestText headings(theme().text(10.5, true));
    const int rows = std::max(1, table_.table_rows());
    int columns = 0;
    while (columns < table_.table_columns() && table_.column(columns) != nullptr) {
        ++columns;
    }
    int below = 0;
    const int step = std::max(1, columns / looked_at);
    for (int at = 0; at < columns; at += step) {
        headings.add(table_.headerData(at, Qt::Horizontal).toString());
        below = std::max(below, width_below ? width_below(at) - theme().px(28) : 0);
    }
    const int all = rows * columns;
    const int stride = std::max(1, all / looked_at);
    for (int at = 0; at < all; at += stride) {
        texts.add(value_text(table_.value(at / columns, at % columns), format));
        for (const QString& line :
             table_.index(at / columns, at % columns).data(TableModel::LinesRole).toStringList()) {
            texts.add(line);
        }
    }
    if (all > 0) {
        texts.add(value_text(table_.value(rows - 1, columns - 1), format));
    }
    const int widest = std::max({below, headings.width(), texts.width()});
    fitted = {trial ? nullptr : cells, format, theme().zoom, table_.table_columns(), widest};
    return widest;
}

/// The width of the widest of some cells.
int TableView::widest_of(int section, const Format& format) const {
    constexpr int looked_at = 60;
    WidestText texts(theme().text());
    const int rows = table_.table_rows();
    const int step = std::max(1, rows / looked_at);
    for (int row = 0; row < rows; row += step) {
        texts.add(table_.two_way() ? table_.index(row, section).data().toString()
                                   : value_text(table_.value(row, section), format));
    }
    return texts.width();
}

void TableView::fit_columns() {
    if (laid_across()) {
        return fit_across();
    }
    fitting_ = true;
    bool changed = heading_->sizeHint().height() != heading_->height();
    const auto set_width = [&](int section, int width) {
        changed = changed || columnWidth(section) != width;
        setColumnWidth(section, width);
    };
    for (int section = 0; section < table_.columnCount(); ++section) {
        const ColumnDefinition* column = table_.column(section);
        if (column != nullptr && column->width > 0) {
            set_width(section, theme().px(column->width));
        }
        const bool hidden = column != nullptr && column->hidden;
        if (isColumnHidden(section) != hidden) {
            setColumnHidden(section, hidden);
        }
    }
    for (const int section : heading_->measured_sections()) {
        const ColumnDefinition* column = table_.column(section);
        if (column == nullptr || column->width == 0) {
            set_width(section, heading_->fitting_width(section, content_width(section)));
        }
    }
    fitting_ = false;
    if (changed) {
        updateGeometries();
        keep_current_in_view();
    }
}

int TableView::names_width() const {
    constexpr int looked_at = 60;
    WidestText names(theme().text(10.5, true));
    const int rows = table_.two_way() ? table_.table_rows() : 0;
    for (int row = 0; row < rows; row += std::max(1, rows / looked_at)) {
        names.add(table_.headerData(row, Qt::Vertical).toString());
        for (const QString& line : table_.headerData(row, Qt::Vertical, TableModel::LinesRole).toStringList()) {
            names.add(line);
        }
    }
    return names.width() == 0 ? 0 : std::min(names.width() + theme().px(18), theme().px(220));
}

} // namespace ledgefall

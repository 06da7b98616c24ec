#pragma once

#include "app/charts/chart_plot.h"
#include "app/charts/figure_maker.h"
#include "app/document/document.h"

#include <QLabel>
#include <QToolButton>
#include <QWidget>

namespace ledgefall {

/// A chart of the study as it is looked at: its picture, which follows the study while it changes, what is told of it
/// below, and its tools above.
class ChartPage : public QWidget {
    Q_OBJECT
  public:
    ChartPage(Document& document, Id chart, QWidget* parent = nullptr);

    Id chart_id() const { return chart_; }
    const Chart* chart() const { return document_.study().chart(chart_); }
    ChartPlot& plot() { return *plot_; }
    QString message() const { return message_->text(); }
    bool settled() const { return !maker_.busy(); } ///< the picture shows the study as it is
    QToolButton& tool(const QString& name);
    /// Whether the last few pictures stay faintly under the present one while it changes.
    bool leaves_trail() const { return leaves_trail_; }
    std::size_t trail_length() const { return trail_.size(); }

    void export_picture();
    bool export_to(const QString& path);
    /// Holds the share up to x that the cumulative curve shows.
    void hold_reading_at(double x);
    void copy();

  Q_SIGNALS:
    void rows_chosen(ledgefall::Id table, const std::vector<std::uint32_t>& rows);
    void change_wanted();
    void close_wanted();
    void turn_wanted(); ///< below the table, or beside it
    void shown();       ///< a new picture

  private:
    void refresh();
    void show_figures(const FiguresPtr& figures);
    void extend_trail(const FiguresPtr& next);
    void leave_trail(bool yes);
    void set_equal_scales(bool equal);
    void tell(const QString& text);
    void apply_theme();
    QToolButton* add_tool(const char* symbol, const QString& name, const QString& tip,
                          const std::function<void()>& done);

    Document& document_;
    Id chart_;
    ChartPlot* plot_;
    QLabel* message_;
    QLabel* missing_;
    QWidget* tools_;
    FigureMaker maker_;
    bool leaves_trail_ = false;
    std::vector<FiguresPtr> trail_; ///< the latest last
};

} // namespace ledgefall

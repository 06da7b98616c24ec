#pragma once

#include "app/charts/colour_key.h"
#include "app/charts/reference_plot.h"

namespace ledgefall {

/// The picture of a chart. It is dragged to pan and turned to zoom; the pointer tells the values under it; what is
/// clicked, or drawn around with Shift held, chooses its rows. From the keyboard: arrows go from value to value, Enter
/// chooses its row, with Ctrl they pan, + and − zoom, Home shows all.
class ChartPlot : public QCustomPlot {
    Q_OBJECT
  public:
    explicit ChartPlot(QWidget* parent = nullptr);
    ~ChartPlot() override;

    /// `trail`: what it drew before, the latest last, to be left faintly under it.
    void show_figures(FiguresPtr figures, const QString& title, std::vector<FiguresPtr> trail = {});
    const FiguresPtr& figures() const { return figures_; }
    const ColourKey& colour_key() const { return colour_key_; } ///< of a heat map
    /// Marks rows of a table that are chosen elsewhere.
    void mark_rows(Id table, RowRanges rows);
    void show_all(); ///< the ranges that follow the data
    bool zoomed() const { return zoomed_; }
    void zoom(double factor);
    void apply_theme(); ///< after a change of look
    const QString& message() const { return message_; }
    const std::vector<FigurePlot*>& plots() const { return plots_; }
    /// What is under a place of the picture.
    std::optional<std::pair<FigurePlot*, FigurePlot::Hit>> hit(const QPointF& at) const;
    void paint_overlay(QCPPainter& painter) const;

  Q_SIGNALS:
    void rows_chosen(ledgefall::Id table, const std::vector<std::uint32_t>& rows);
    void told_changed(const QString& text);
    void reading_chosen(double x); ///< of a cumulative curve
    void legend_moved(ledgefall::LegendPlace place);

  protected:
    void mousePressEvent(QMouseEvent* event) override;
    void mouseMoveEvent(QMouseEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void mouseDoubleClickEvent(QMouseEvent* event) override;
    void wheelEvent(QWheelEvent* event) override;
    void leaveEvent(QEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;
    void keyPressEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;

  private:
    void make_plots();
    void make_trail();
    void make_legend();
    void place_legend(bool in_corner);
    LegendPlace legend_place_at(const QPointF& at) const;
    bool has_second_axis() const;
    void make_ticks();
    void keep_scales_equal();
    void look_at(const QPointF& at);
    void tell(const QString& text, std::optional<QPointF> place);
    void step(int by);
    void pan(double across, double up);
    void choose_within(const QRect& area);
    double rounded_reading(double x) const;
    QString read_at(double x) const; ///< of a cumulative curve

    FiguresPtr figures_;
    std::vector<FigurePlot*> plots_;
    std::vector<FiguresPtr> trail_;
    std::unique_ptr<ReferencePlot> references_;
    std::unique_ptr<QCPLayerable> overlay_;
    QCPTextElement* title_;
    QCPLayoutGrid* legend_row_; ///< the legend, with room at its right
    ColourKey colour_key_{*this};
    Id marked_table_;
    RowRanges marked_;
    std::optional<QPointF> pointed_; ///< where the value that is told stands
    std::optional<double> reading_;  ///< at which x the cumulative curve is being read
    QString message_;
    QPoint pressed_;
    bool zoomed_ = false, dragging_ = false, moving_legend_ = false;
    std::size_t stepped_ = 0; ///< the value that the keyboard is at, from 1; 0: none
};

} // namespace ledgefall

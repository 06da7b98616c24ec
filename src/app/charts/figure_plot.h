#pragma once

#include "app/charts/plotting.h"
#include "app/charts/series_look.h"
#include "core/charts/chart_figures.h"

#include <memory>
#include <optional>

namespace ledgefall {

using FiguresPtr = std::shared_ptr<const ChartFigures>;

/// Rows of a table, as ranges with both ends, in order.
using RowRanges = std::vector<std::pair<std::uint32_t, std::uint32_t>>;
/// What a series is called: by its label, or one line of a two-way table by its axis's value.
QString series_text(const SeriesFigures& series);

bool in_ranges(const RowRanges& ranges, std::uint32_t row);

/// One series of a chart as it is drawn. It finds what is under the pointer, and marks chosen rows.
class FigurePlot : public QCPAbstractPlottable {
    Q_OBJECT
  public:
    /// What is near a place of the picture.
    struct Hit {
        double distance = 0; ///< in pixels
        QPointF place;       ///< where it is drawn
        std::vector<std::uint32_t> rows;
        QString description; ///< its values
    };

    FigurePlot(QCPAxis* x, QCPAxis* y, FiguresPtr figures, std::size_t series);

    const SeriesFigures& series() const { return figures_->series[number_]; }
    const ChartFigures& figures() const { return *figures_; }
    std::size_t number() const { return number_; }
    const SeriesLook& own_look() const { return look_; }

    /// What the legend calls it: where runs are drawn, by what differs between them.
    virtual QString legend_text() const;
    /// Mixes its colours with the paper's: 0 leaves them, 1 is the paper.
    void fade(double part);
    virtual std::optional<Hit> hit(const QPointF& at) const = 0;
    virtual void paint_chosen(QCPPainter& painter, const RowRanges& rows) const = 0;
    /// The rows of what is drawn in a part of the picture.
    virtual std::vector<std::uint32_t> rows_in(const QRectF& area) const;

    double selectTest(const QPointF& at, bool only_selectable, QVariant* details = nullptr) const override;
    QCPRange getKeyRange(bool& match, QCP::SignDomain domain = QCP::sdBoth) const override;
    QCPRange getValueRange(bool& match, QCP::SignDomain domain = QCP::sdBoth,
                           const QCPRange& within = QCPRange()) const override;

  protected:
    virtual QCPRange across() const;
    virtual QCPRange upwards() const;
    void drawLegendIcon(QCPPainter* painter, const QRectF& rect) const override;
    QString x_text(double x) const; ///< a number across, as it is shown
    QString y_text(double y) const;
    QString place_described(std::size_t at) const; ///< what a point, bar or class says of itself
    double pixel_x(double x) const { return keyAxis()->coordToPixel(x); }
    double pixel_y(double y) const { return valueAxis()->coordToPixel(y); }
    QPen pen_of(double width = 1.6) const;
    /// With the ends of the error bars.
    QCPRange with_errors(QCPRange range) const;
    void draw_errors(QCPPainter& painter, double shift = 0) const; ///< `shift`: in pixels to the right of the points

  private:
    FiguresPtr figures_;
    std::size_t number_;
    SeriesLook look_;
};

/// A value across or up as it is shown: a number, a date, or the name of a category.
QString axis_text(const AxisFigures& axis, double value);
/// The name of a category.
QString name_text(const AxisFigures& axis, const Value& name);

} // namespace ledgefall

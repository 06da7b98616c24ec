#pragma once

#include "app/charts/plotting.h"
#include "core/charts/chart_figures.h"

namespace ledgefall {

/// The ticks of a logarithmic axis, written as people write numbers.
class LogarithmicTicks : public QCPAxisTickerLog {
  protected:
    QVector<double> createTickVector(double tick_step, const QCPRange& range) override;
    QString getTickLabel(double tick, const QLocale& locale, QChar form, int precision) override;
};

/// The ticks of one axis, written as the column is; never so many that their texts touch.
class ChartTicks : public QCPAxisTicker {
  public:
    ChartTicks(const QCPAxis& axis, const AxisFigures& figures, bool between_limits);
    void generate(const QCPRange& range, const QLocale& locale, QChar form, int precision, QVector<double>& ticks,
                  QVector<double>* between, QVector<QString>* texts) override;

  private:
    double room(double from, double to) const; ///< between two places, in pixels
    double needed(const QString& text) const;
    void keep_apart(QVector<double>& ticks, QVector<QString>& texts, bool leave_gaps) const;
    void fixed(const QCPRange& range, QVector<double>& ticks, QVector<QString>& texts) const;
    QString text_of(double tick, double step) const;
    void calendar(const QCPRange& range, QVector<double>& ticks, QVector<QString>& texts) const;

    const QCPAxis& axis_;
    AxisFigures figures_;
    bool between_limits_; ///< classes are named at their middles
};

} // namespace ledgefall

#include "app/charts/chart_ticks.h"

#include "app/charts/figure_plot.h"
#include "app/numbers/number_text.h"
#include "core/value/decimals.h"

#include <QDate>

#include <algorithm>
#include <cmath>

namespace ledgefall {

ChartTicks::ChartTicks(const QCPAxis& axis, const AxisFigures& figures, bool between_limits)
    : axis_(axis)
    , figures_(figures)
    , between_limits_(between_limits) {}

double ChartTicks::room(double from, double to) const {
    return std::abs(axis_.coordToPixel(to) - axis_.coordToPixel(from));
}

double ChartTicks::needed(const QString& text) const {
    const QFontMetricsF metrics(axis_.tickLabelFont());
    return axis_.orientation() == Qt::Horizontal ? metrics.horizontalAdvance(text) + 10 : metrics.height() * 1.3;
}

/// Leaves out every so many texts, so that those that are left do not touch: the same number between all.
void ChartTicks::keep_apart(QVector<double>& ticks, QVector<QString>& texts, bool leave_gaps) const {
    qsizetype every = 1;
    const auto touch = [&] {
        for (qsizetype at = every; at < ticks.size(); at += every) {
            const double wide = (needed(texts[at]) + needed(texts[at - every])) / 2;
            if (room(ticks[at - every], ticks[at]) < wide) {
                return true;
            }
        }
        return false;
    };
    while (every < ticks.size() && touch()) {
        ++every;
    }
    for (qsizetype at = ticks.size() - 1; at >= 0 && every > 1; --at) {
        if (at % every != 0) {
            texts[at].clear();
            if (!leave_gaps) {
                ticks.remove(at);
                texts.remove(at);
            }
        }
    }
}

/// The limits of classes, their middles, or the places of categories.
void ChartTicks::fixed(const QCPRange& range, QVector<double>& ticks, QVector<QString>& texts) const {
    const auto add = [&](double place, const QString& text) {
        if (range.contains(place)) {
            ticks << place;
            texts << text;
        }
    };
    if (!figures_.names.empty()) {
        const double each = figures_.names.size() < 2 ? 400 : room(0, 1);
        const QFontMetricsF metrics(axis_.tickLabelFont());
        for (std::size_t at = 0; at < figures_.names.size(); ++at) {
            const QString name = name_text(figures_, figures_.names[at]);
            const double wide = std::max(each - 8, 46.0);
            add(static_cast<double>(at), metrics.elidedText(name, Qt::ElideRight, wide));
        }
        return;
    }
    for (std::size_t at = 0; at < figures_.ticks.size(); ++at) {
        const double limit = figures_.ticks[at];
        if (!between_limits_) {
            add(limit, axis_text(figures_, limit));
        } else if (at + 1 < figures_.ticks.size()) {
            const double next = figures_.ticks[at + 1];
            const QString lower = axis_text(figures_, stepped(limit, figures_.recorded_to / 2, 1));
            const QString upper = axis_text(figures_, stepped(next, figures_.recorded_to / 2, -1));
            add((limit + next) / 2, lower == upper ? lower : lower + QStringLiteral("–") + upper);
        }
    }
}

QString ChartTicks::text_of(double place, double step) const {
    const double tick = figures_.both_ways ? std::abs(place) : place;
    if (const double scale = figures_.format.shown_as().scale; scale != 1) {
        return number_text(tick, {figures_.format.style, decimals_of(rounded_to(step * scale, 6))});
    }
    const double size = std::abs(tick);
    if (size != 0 && (size >= 1e7 || size < 1e-4)) {
        return number_text(tick, {});
    }
    const int decimals = std::max(0, -static_cast<int>(std::floor(std::log10(step) + 1e-9)));
    const bool half = std::abs(rounded_to(step, decimals) - step) > 1e-9 * step; // 2.5 takes one more than 2
    return number_text(tick, {Format::Style::decimals, std::min(12, decimals + (half ? 1 : 0))});
}

void ChartTicks::calendar(const QCPRange& range, QVector<double>& ticks, QVector<QString>& texts) const {
    const QDate epoch(1970, 1, 1);
    const double days = range.size();
    const double fit = std::max(2.0, room(range.lower, range.upper) / needed(QStringLiteral("30 May 2026")));
    const double step = days / fit;
    const auto add = [&](const QDate& day, const QString& text) {
        const auto place = static_cast<double>(epoch.daysTo(day));
        if (range.contains(place)) {
            ticks << place;
            texts << text;
        }
    };
    const QDate first = epoch.addDays(static_cast<qint64>(std::floor(range.lower)));
    if (days > 4e6) {
        return;
    }
    if (step < 1.0 / 24 || days < 2) { // hours within a day or two: as parts of days
        const double hours = std::max(1.0, std::ceil(step * 24));
        for (double at = std::ceil(range.lower * 24 / hours) * hours / 24; at <= range.upper; at += hours / 24) {
            ticks << at;
            texts << axis_text(figures_, at);
        }
    } else if (step <= 16) {
        const auto every = static_cast<int>(step <= 1 ? 1 : step <= 2 ? 2 : step <= 7 ? 7 : 14);
        const double from = std::ceil(range.lower / every) * every;
        for (double at = from; at <= range.upper; at += every) {
            const QDate day = epoch.addDays(static_cast<qint64>(at));
            add(day, QLocale().toString(day, QCoreApplication::translate("Date", "d MMM yyyy")));
        }
    } else {
        const int months = step <= 31    ? 1
                           : step <= 92  ? 3
                           : step <= 183 ? 6
                                         : 12 * std::max(1, static_cast<int>(step / 365));
        for (QDate day(first.year(), 1, 1); static_cast<double>(epoch.daysTo(day)) <= range.upper;
             day = day.addMonths(months)) {
            add(day, QLocale().toString(day, months >= 12 ? QStringLiteral("yyyy") : QStringLiteral("MMM yyyy")));
        }
    }
}

/// Powers of ten, over few of them 1, 2 and 5 of each, and within one of them even steps.
QVector<double> LogarithmicTicks::createTickVector(double tick_step, const QCPRange& range) {
    constexpr double most_labels = 8;
    if (!(range.lower > 0) || !std::isfinite(range.upper)) {
        return {};
    }
    const double powers = std::log10(range.upper) - std::log10(range.lower); // the quotient might be too large
    if (powers < 1) {
        QVector<double> even;
        QCPAxisTicker().generate(range, QLocale::c(), QLatin1Char('g'), 6, even, nullptr, nullptr);
        return even;
    }
    const int stride = static_cast<int>(std::ceil(powers / most_labels));
    QVector<double> ticks;
    const auto first = static_cast<int>(std::floor(std::log10(range.lower)));
    for (int power = first; power <= std::log10(range.upper); power += stride) {
        for (const double part : {1.0, 2.0, 5.0}) {
            const double tick = part * std::pow(10.0, power);
            if ((part == 1 || powers <= 3) && range.contains(tick)) {
                ticks << tick;
            }
        }
    }
    return ticks.size() > 1 ? ticks : QCPAxisTickerLog::createTickVector(tick_step, range);
}

QString LogarithmicTicks::getTickLabel(double tick, const QLocale&, QChar, int) {
    return number_text(tick, {});
}

void ChartTicks::generate(const QCPRange& range, const QLocale& locale, QChar form, int precision,
                          QVector<double>& ticks, QVector<double>* between, QVector<QString>* texts) {
    ticks.clear();
    QVector<QString> written;
    if (between != nullptr) {
        between->clear();
    }
    if (!figures_.names.empty() || !figures_.ticks.empty()) {
        fixed(range, ticks, written);
        keep_apart(ticks, written, figures_.names.empty());
    } else if (figures_.dates) {
        calendar(range, ticks, written);
        keep_apart(ticks, written, false);
    } else {
        const double sample = needed(text_of(range.upper * 0.913, range.size() / 5));
        const double length = room(range.lower, range.upper);
        const double fit = axis_.orientation() == Qt::Horizontal ? length / (sample * 1.5) : length / (sample * 2.6);
        const double most = figures_.whole ? std::max(1.0, range.size()) : 9.0; // no halves of what is counted
        setTickCount(std::clamp(static_cast<int>(std::min(fit, most)), 1, 9));
        QCPAxisTicker::generate(range, locale, form, precision, ticks, between, nullptr);
        if (figures_.whole) {
            ticks.removeIf([](double tick) { return std::abs(tick - std::round(tick)) > 1e-6; });
        }
        const double step = ticks.size() > 1 ? ticks[1] - ticks[0] : range.size(); // of those that are left
        for (const double tick : ticks) {
            written << text_of(tick, step);
        }
        keep_apart(ticks, written, true);
    }
    if (texts != nullptr) {
        *texts = written;
    }
}

} // namespace ledgefall

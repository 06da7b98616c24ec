#include "app/numbers/cause_info.h"

#include <QCoreApplication>

#include <algorithm>
#include <array>

namespace ledgefall {
namespace {

struct CauseInfo {
    Cause cause;
    const char* word;
    const char* anchor; ///< in docs/help/faults.html
};

/// Every cause once, in the order of `Cause`.
constexpr std::array<CauseInfo, cause_count> causes = {{
    {Cause::syntax, QT_TRANSLATE_NOOP("Fault", "unreadable"), "syntax"},
    {Cause::unknown_name, QT_TRANSLATE_NOOP("Fault", "unknown name"), "unknown_name"},
    {Cause::wrong_kind, QT_TRANSLATE_NOOP("Fault", "wrong kind"), "wrong_kind"},
    {Cause::wrong_arguments, QT_TRANSLATE_NOOP("Fault", "wrong arguments"), "wrong_arguments"},
    {Cause::cycle, QT_TRANSLATE_NOOP("Fault", "cycle"), "cycle"},
    {Cause::no_first, QT_TRANSLATE_NOOP("Fault", "no first value"), "no_first"},
    {Cause::row_not_computed_yet, QT_TRANSLATE_NOOP("Fault", "later row"), "later_row"},
    {Cause::division_by_zero, QT_TRANSLATE_NOOP("Fault", "÷ 0"), "division_by_zero"},
    {Cause::out_of_domain, QT_TRANSLATE_NOOP("Fault", "no result"), "out_of_domain"},
    {Cause::too_large, QT_TRANSLATE_NOOP("Fault", "too large"), "too_large"},
    {Cause::not_a_number, QT_TRANSLATE_NOOP("Fault", "not a number"), "not_a_number"},
    {Cause::no_such_row, QT_TRANSLATE_NOOP("Fault", "no such row"), "no_such_row"},
    {Cause::several_rows, QT_TRANSLATE_NOOP("Fault", "several rows"), "several_rows"},
}};
static_assert(std::ranges::all_of(causes, [at = 0](const CauseInfo& info) mutable {
    return static_cast<int>(info.cause) == at++;
}));

const CauseInfo& info_of(Cause cause) {
    return causes[static_cast<std::size_t>(cause)];
}

} // namespace

QString cause_word(Cause cause) {
    return QCoreApplication::translate("Fault", info_of(cause).word);
}

QString cause_help_topic(Cause cause) {
    return QStringLiteral("faults#") + QLatin1String(info_of(cause).anchor);
}

} // namespace ledgefall

#include "core/study/builders/mean_text.h"

#include "core/formula/text_literal.h"
#include "core/study/builders/table_maker.h"
#include "core/study/model/parts.h"

namespace ledgefall {
namespace {

/// What stands behind the ±, as a formula of a sample.
std::string half_width(const MeanTextRequest& request, const std::string& sample) {
    switch (request.spread) {
    case MeanSpread::standard_deviation:
        return (request.population ? "sd_pop(" : "sd(") + sample + ")";
    case MeanSpread::standard_error:
        return "se(" + sample + ")";
    case MeanSpread::interval:
        break;
    }
    return "quantile(student_t(count(" + sample + ") - 1), 0.975) * se(" + sample + ")";
}

std::string abbreviation(MeanSpread spread) {
    return spread == MeanSpread::standard_deviation ? worded({N_("SD")})
           : spread == MeanSpread::standard_error   ? worded({N_("SE")})
                                                    : worded({N_("95 % CI")});
}

} // namespace

Result<Study> mean_text(const Study& study, const MeanTextRequest& request, Id* added) {
    const Table* source = table_with(study, &Table::columns, request.column);
    if (source == nullptr || (!request.by.empty() && source->column(request.by) == nullptr)) {
        return no_such_part;
    }
    const ColumnDefinition& column = *source->column(request.column);
    const std::string data = source->name + "." + column.name;
    const std::string unit = column.unit.empty() ? "" : " " + column.unit;
    const std::string behind = text_literal(unit + " (" + abbreviation(request.spread) + ", n = ");
    const auto text = [&](const std::string& mean, const std::string& spread, const std::string& n) {
        return "join(plus_minus(" + mean + ", " + spread + "), " + behind + ", " + n + ", \")\")";
    };
    if (request.by.empty()) {
        TableMaker maker(study, Id());
        const std::string name = maker.free_here(column.name + "_mean");
        maker.held(name + " = " + text("mean(" + data + ")", half_width(request, data), "count(" + data + ")"),
                   {N_("mean of %1 with its ±"), {column.shown_label()}});
        if (added != nullptr && maker.study()) {
            *added = maker.study()->held_named(name)->id;
        }
        return maker.study();
    }
    const ColumnDefinition& by = *source->column(request.by);
    Id table;
    Categories categories;
    categories.of = request.by;
    Result<Study> begun =
        add_table(study, worded({N_("%1 by %2, means"), {column.shown_label(), by.shown_label()}}), &table);
    begun = begun ? category_rows(*begun, table, by.name, categories) : begun;
    if (!begun) {
        return begun;
    }
    TableMaker maker(*begun, table);
    const std::string sample = data + " where " + source->name + "." + by.name + " = " + by.name;
    const std::string n = maker.free_here("n");
    const std::string mean = maker.free_here("m");
    const std::string spread = maker.free_here("spread");
    const std::string written = maker.free_here("mean_text");
    maker.column({"n"}, n + " = count(" + sample + ")");
    maker.column({N_("Mean")}, mean + " = mean(" + sample + ")", {Format::Style::significant, 4});
    maker.column({"± %1", {abbreviation(request.spread)}}, spread + " = " + half_width(request, sample),
                 {Format::Style::significant, 3});
    maker.column({N_("Mean with ±")},
                 written + " = if is_missing(" + spread + ") then missing else " + text(mean, spread, n));
    maker.check(
        {N_("every group has two values or more")}, "min(" + n + ") >= 2",
        {N_("A group with one value has no spread, so its mean stands without ±. Collect more, or leave the group "
            "out.")});
    if (added != nullptr) {
        *added = table;
    }
    return maker.study();
}

} // namespace ledgefall

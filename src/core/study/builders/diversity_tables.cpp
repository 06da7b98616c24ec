#include "core/study/builders/diversity_tables.h"

#include "core/formula/names.h"
#include "core/formula/text_literal.h"
#include "core/study/builders/table_maker.h"
#include "core/study/edits/edit_grid.h"
#include "core/study/model/parts.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// Puts a text in place of each `$word`.
std::string filled_in(std::string text, std::initializer_list<std::pair<std::string_view, std::string>> words) {
    for (const auto& [word, instead] : words) {
        for (std::size_t at = text.find(word); at != std::string::npos; at = text.find(word, at + instead.size())) {
            text.replace(at, word.size(), instead);
        }
    }
    return text;
}

/// The texts of the sites or species, as a list for an axis.
std::string listed(const std::vector<std::string>& texts) {
    std::string out;
    for (const std::string& text : texts) {
        out += (out.empty() ? "" : ", ") + text_literal(text);
    }
    return out;
}

struct NamedColumn {
    std::string label, formula;
};

/// `if site = "riffle" then … else if site = "pool" then … else missing`.
std::string chosen_by(const std::string& axis, const std::vector<NamedColumn>& columns) {
    std::string out;
    for (const NamedColumn& one : columns) {
        out += "if " + axis + " = " + text_literal(one.label) + " then " + one.formula + " else ";
    }
    return out + "missing";
}

Sentence needs_columns() {
    return {N_("This needs the names of the sites or species, and their counts. Choose a column for each."), {}};
}

/// What the formulas of the tables below say of the layer.
struct Grid {
    std::string species, site, counts; ///< `Counts.group`, `Counts.site`, `Counts.n`
    const Table* table;
    std::string of_site(const std::string& number) const { return counts + "[.., " + number + "]"; }
    std::string of_named_site(const std::string& name) const {
        return counts + " where " + site + " = " + text_literal(name);
    }
};

Result<Grid> grid_of(const Study& study, Id layer) {
    const Table* table = table_with(study, &Table::columns, layer);
    if (table == nullptr || !table->two_way()) {
        return Sentence{
            N_("Indices of sites need a two-way table of counts, with the species down and the sites across."), {}};
    }
    const std::string owner = table->name + ".";
    return Grid{owner + (*table->axis.column)->name, owner + (*table->across->column)->name,
                owner + table->column(layer)->name, table};
}

} // namespace

Result<Study> species_by_site(const Study& study, const SiteCounts& counts, Id* layer) {
    const Table* source = study.table(counts.table);
    if (source == nullptr) {
        return needs_columns();
    }
    if (counts.form == SiteCounts::Form::layer) {
        *layer = counts.number;
        return study;
    }
    const ColumnDefinition* site = source->column(counts.site);
    const ColumnDefinition* species = source->column(counts.species);
    const ColumnDefinition* number = source->column(counts.number);
    const std::string owner = source->name + ".";
    std::vector<std::string> labels;
    for (const Id id : counts.counts) {
        labels.push_back(source->column(id)->shown_label());
    }
    WrittenAxis down{worded({N_("Species")}), "species", "", ""};
    WrittenAxis across{worded({N_("Site")}), "site", "", ""};
    std::string cell;
    switch (counts.form) {
    case SiteCounts::Form::list:
        if (site == nullptr || species == nullptr || number == nullptr || site == species) {
            return needs_columns();
        }
        down.values = owner + species->name;
        across.values = owner + site->name;
        cell = "sum(" + owner + number->name + " where " + owner + species->name + " = species and " + owner +
               site->name + " = site)";
        break;
    case SiteCounts::Form::sites_in_columns:
    case SiteCounts::Form::sites_in_rows: {
        const bool in_columns = counts.form == SiteCounts::Form::sites_in_columns;
        const ColumnDefinition* names = in_columns ? species : site;
        if (names == nullptr || labels.empty()) {
            return needs_columns();
        }
        (in_columns ? down : across).values = owner + names->name;
        (in_columns ? across : down).values = listed(labels); // as they stand in the table
        std::sort(labels.begin(), labels.end());
        if (const auto twice = std::adjacent_find(labels.begin(), labels.end()); twice != labels.end()) {
            return Sentence{N_("Two of the columns are called %1. Give each a name of its own."), {*twice}};
        }
        const std::string here = " where " + owner + names->name + " = " + (in_columns ? "species" : "site") + ")";
        const auto counted_here = [&](const ColumnDefinition& column) { return "sum(" + owner + column.name + here; };
        std::vector<NamedColumn> columns;
        for (const Id id : counts.counts) {
            columns.push_back({source->column(id)->shown_label(), counted_here(*source->column(id))});
        }
        cell = chosen_by(in_columns ? "site" : "species", columns);
        break;
    }
    case SiteCounts::Form::layer:
        break;
    }
    Id table;
    Result<Study> begun =
        add_two_way_table(study, worded({N_("%1, species by site"), {source->shown_label()}}), down, across, &table);
    const auto taken = [&study](const std::string& name) { return study.table_named(name) != nullptr; };
    begun = begun ? rename_table(*begun, table, free_name("Counts", taken)) : begun; // formulas stay short
    if (!begun) {
        return begun;
    }
    TableMaker maker(*begun, table);
    maker.column({N_("Number")}, "n = " + cell);
    if (counts.form == SiteCounts::Form::list) {
        maker.column({N_("Times noted")},
                     "noted = count(" + owner + species->name + " = species and " + owner + site->name + " = site)");
        maker.check({N_("no species is noted twice at a site")}, "max(noted) <= 1",
                    {N_("A species is noted more than once at a site. Its numbers are added up: look whether that is "
                        "meant.")});
    }
    maker.foot({N_("sum")}, "sum(each)", {"n"});
    maker.check({N_("counts are whole numbers of 0 or more")}, "count(n < 0 or n ≠ floor(n)) = 0",
                {N_("Some values are no counts. Indices that need individuals refuse percentages and cover.")});
    if (maker.study()) {
        *layer = maker.study()->table(table)->column_named("n")->id;
    }
    return maker.study();
}

const std::vector<SiteIndex>& site_indices() {
    static const std::vector<SiteIndex> all = {
        {"N", N_("individuals N"), "sum($n)", true, true},
        {"S", N_("species S"), "richness($n)", true, true},
        {"H", N_("Shannon H′ (base e)"), "shannon($n)", true, false, "shannon($n, $base)"},
        {"J", N_("Pielou J′ = H′ / ln S"), "pielou($n)", true},
        {"D", N_("Simpson 1 − Σp²"), "gini_simpson($n)", true},
        {"D_inverse", N_("inverse Simpson 1/Σp²"), "inverse_simpson($n)"},
        {"D_sum", N_("dominance Σp²"), "dominance($n)"},
        {"D_unbiased", N_("Simpson 1 − Σn(n−1)/N(N−1)"), "simpson_unbiased($n)"},
        {"E_simpson", N_("Simpson's evenness (1/Σp²)/S"), "simpson_evenness($n)"},
        {"hill_1", N_("Hill number of order 1, exp(H′)"), "hill($n, 1)"},
        {"d_max", N_("Berger–Parker, largest share"), "berger_parker($n)"},
        {"margalef_d", N_("Margalef (S − 1)/ln N"), "margalef($n)"},
        {"menhinick_d", N_("Menhinick S/√N"), "menhinick($n)"},
        {"alpha", N_("Fisher's α"), "fisher_alpha($n)"},
        {"brillouin_h", N_("Brillouin"), "brillouin($n)"},
        {"chao", N_("Chao1, estimated species"), "chao1($n)"},
        {"coverage", N_("Good's coverage 1 − f₁/N"), "good_coverage($n)"},
        {"singletons", N_("species found once"), "count($n = 1)", false, true},
        {"zeros", N_("species absent"), "count($n = 0)", false, true},
    };
    return all;
}

Result<Study> index_table(const Study& study, Id layer, const IndexRequest& request, Id* added) {
    const Result<Grid> grid = grid_of(study, layer);
    if (!grid) {
        return grid.refusal();
    }
    Id table;
    Result<Study> begun = add_table(study, worded({N_("%1, diversity"), {grid->table->shown_label()}}), &table);
    begun = begun ? count_rows(*begun, table, "count(" + grid->site + ")") : begun;
    if (!begun) {
        return begun;
    }
    *added = table;
    TableMaker maker(*begun, table);
    const std::string here = grid->of_site("row");
    maker.column({N_("Site")}, "site = " + grid->site + "[row]");
    const Format three{Format::Style::decimals, 3};
    const std::string base = request.base == 0 ? "" : shortest(request.base);
    for (const SiteIndex& index : site_indices()) {
        if (std::find(request.indices.begin(), request.indices.end(), index.name) == request.indices.end()) {
            continue;
        }
        const bool other_base = !base.empty() && !index.to_base.empty();
        const std::string formula =
            filled_in(other_base ? index.to_base : index.formula, {{"$n", here}, {"$base", base}});
        maker.column(other_base ? Sentence{N_("Shannon H′ (base %1)"), {base}} : Sentence{index.label},
                     index.name + " = " + formula, index.whole ? Format() : three);
    }
    if (request.rarefied) {
        const std::string smallest = maker.free_here("smallest_N");
        maker.held(smallest + " = min(sum(" + grid->of_site("k") + ") for k in 1..count(" + grid->site + "))",
                   {N_("fewest individuals at a site: samples are compared at this size")});
        maker.column({N_("species expected in the smallest N")},
                     "rarefied_S = rarefied(" + here + ", " + smallest + ")", three);
        maker.column({N_("its standard deviation")}, "rarefied_S_sd = rarefied_sd(" + here + ", " + smallest + ")",
                     three);
    }
    maker.check({N_("every site has individuals")},
                "count(sum(" + grid->of_site("k") + ") = 0 for k in 1..count(" + grid->site + ")) = 0",
                {N_("A site without individuals has no index. Its row stays empty.")});
    return maker.study();
}

const std::vector<SitePairIndex>& pair_indices() {
    static const std::vector<SitePairIndex> all = {
        {"bray_curtis", N_("dissimilarity, Bray–Curtis Σ|a − b| / Σ(a + b)"),
         "sum(abs($a - $b) $each) / sum($a + $b $each)"},
        {"jaccard_dissimilarity", N_("dissimilarity, 1 − Jaccard"),
         "1 - count($a > 0 and $b > 0 $each) / count($a > 0 or $b > 0 $each)"},
        {"sorensen_dissimilarity", N_("dissimilarity, 1 − Sørensen"),
         "1 - 2 * count($a > 0 and $b > 0 $each) / (count($a > 0 $each) + count($b > 0 $each))"},
        {"euclidean", N_("dissimilarity, Euclidean √Σ(a − b)²"), "sqrt(sum(($a - $b)^2 $each))"},
        {"jaccard", N_("similarity, Jaccard: shared / all species"),
         "count($a > 0 and $b > 0 $each) / count($a > 0 or $b > 0 $each)"},
        {"sorensen", N_("similarity, Sørensen: 2 shared / (S₁ + S₂)"),
         "2 * count($a > 0 and $b > 0 $each) / (count($a > 0 $each) + count($b > 0 $each))"},
        {"morisita_horn", N_("similarity, Morisita–Horn"),
         "2 * sum($a * $b $each) / ((sum($a^2 $each) / sum($a $each)^2 + sum($b^2 $each) / sum($b $each)^2) * "
         "sum($a $each) * sum($b $each))"},
    };
    return all;
}

Result<Study> pair_matrix(const Study& study, Id layer, const std::string& index, Id* added) {
    const Result<Grid> grid = grid_of(study, layer);
    if (!grid) {
        return grid.refusal();
    }
    const auto& all = pair_indices();
    const auto chosen = std::find_if(all.begin(), all.end(), [&index](const auto& one) { return one.name == index; });
    Id table;
    const Sentence title{"%1, %2", {grid->table->shown_label(), worded({chosen->label})}};
    Result<Study> begun = add_two_way_table(study, worded(title), {worded({N_("Site")}), "site", "", grid->site},
                                            {worded({N_("with")}), "with_site", "", grid->site}, &table);
    if (!begun) {
        return begun;
    }
    *added = table;
    TableMaker maker(*begun, table);
    const std::string formula = filled_in(chosen->formula, {{"$each", "for s in 1..count(" + grid->species + ")"},
                                                            {"$a", grid->counts + "[s, row]"},
                                                            {"$b", grid->counts + "[s, col]"}});
    maker.column({chosen->label}, chosen->name + "_of = " + formula, {Format::Style::decimals, 3});
    maker.check({N_("every site is in the matrix once")}, "count(site) = count(" + grid->site + ")",
                {N_("Two sites have the same name, or a site has none. Name each differently.")});
    return maker.study();
}

Result<Study> site_curves(const Study& study, Id layer, const std::vector<std::string>& sites, SiteCurves curves,
                          Id* added, Id* chart) {
    const Result<Grid> grid = grid_of(study, layer);
    if (!grid) {
        return grid.refusal();
    }
    struct Columns {
        Sentence title, x_label;
        std::string rows, x, y; ///< `$n`: the counts of a site
    };
    const std::string all = "sum($n)";
    const Columns forms[] = {
        {{N_("%1, rarefaction"), {grid->table->shown_label()}},
         {N_("Individuals")},
         "26",
         "m = round((row - 1) / 25 * max(sum(" + grid->of_site("k") + ") for k in 1..count(" + grid->site + ")))",
         "if m <= " + all + " then rarefied($n, smaller(m, " + all + ")) else missing"},
        {{N_("%1, Hill numbers by order"), {grid->table->shown_label()}},
         {N_("Order q")},
         "31",
         "q = (row - 1) / 10",
         "hill($n, q)"},
        {{N_("%1, rank and abundance"), {grid->table->shown_label()}},
         {N_("Rank")},
         "count(" + grid->species + ")",
         "place = row",
         "if row <= richness($n) then kth($n, count($n) + 1 - row) / " + all + " else missing"},
    };
    const Columns& form = forms[static_cast<std::size_t>(curves)];
    Id table;
    Result<Study> begun = add_table(study, worded(form.title), &table);
    begun = begun ? count_rows(*begun, table, form.rows) : begun;
    if (!begun) {
        return begun;
    }
    *added = table;
    TableMaker maker(*begun, table);
    maker.column(form.x_label, form.x);
    std::vector<std::string> names;
    for (std::size_t at = 0; at < sites.size(); ++at) {
        names.push_back(maker.free_here(name_from_label(sites[at])));
        maker.column({"%1", {sites[at]}},
                     names.back() + " = " + filled_in(form.y, {{"$n", grid->of_named_site(sites[at])}}),
                     {Format::Style::decimals, 3});
    }
    if (!maker.study()) {
        return maker.study();
    }
    const Table& made = *maker.study()->table(table);
    Chart drawn;
    drawn.table = table;
    drawn.label = made.shown_label();
    drawn.y.logarithmic = curves == SiteCurves::rank_abundance;
    for (const std::string& name : names) {
        drawn.series.push_back(
            {SeriesForm::line, made.columns.front()->id, made.column_named(name)->id, false, false, ""});
    }
    return add_chart(*maker.study(), drawn, chart);
}

} // namespace ledgefall

#pragma once

#include "core/study/edits/edits.h"

namespace ledgefall {

/// How the counts of species at sites stand in a table.
struct SiteCounts {
    enum class Form : std::uint8_t {
        list,             ///< a row for each find: site, species, number
        sites_in_columns, ///< a row for each species
        sites_in_rows,    ///< a column for each species
        layer,            ///< a two-way table with the species down and the sites across
    };
    Form form = Form::list;
    Id table;
    Id site;                ///< the column of site names, of a list and of sites in rows
    Id species;             ///< the column of species names, of a list and of sites in columns
    Id number;              ///< the counts of a list, or the layer
    std::vector<Id> counts; ///< the columns of counts of the other two
};

/// The same counts as a two-way table, species down and sites across, that follows the columns: of a list each cell is
/// the sum of its rows, so that a species noted twice counts whole.
Result<Study> species_by_site(const Study& study, const SiteCounts& counts, Id* layer);

/// A measure of a site that the table of indices can have.
struct SiteIndex {
    std::string name;    ///< of its column
    std::string label;   ///< with the form: "D = 1 − Σp²"
    std::string formula; ///< of the counts `$n`
    bool usual = false;
    bool whole = false;       ///< it counts, so that it is shown without decimals
    std::string to_base = {}; ///< the formula where the logarithm has another base, `$base`; empty where there is none
};
const std::vector<SiteIndex>& site_indices();

/// A table with a row for each site across a layer and a column for each index asked for; with the rarefied number of
/// species at the smallest N and its standard deviation where `rarefied`.
struct IndexRequest {
    std::vector<std::string> indices;
    double base = 0; ///< of the logarithm in Shannon's H′; 0: natural
    bool rarefied = false;
};
Result<Study> index_table(const Study& study, Id layer, const IndexRequest& request, Id* added);

/// An index of two sites, in one letter each: counts `$a` and `$b` of a species, `$each` before what is summed.
struct SitePairIndex {
    std::string name, label;
    std::string formula; ///< of sums and counts over the species, written `sum(… $each)`
};
const std::vector<SitePairIndex>& pair_indices();

/// A two-way table of an index of all pairs of the sites of a layer.
Result<Study> pair_matrix(const Study& study, Id layer, const std::string& index, Id* added);

/// Curves with a column for each site: the expected number of species by the number of individuals, Hill numbers by
/// their order, or the shares of the species from the commonest to the rarest. `chart` is their chart.
enum class SiteCurves : std::uint8_t { rarefaction, hill_profile, rank_abundance };
Result<Study> site_curves(const Study& study, Id layer, const std::vector<std::string>& sites, SiteCurves curves,
                          Id* added, Id* chart);

} // namespace ledgefall

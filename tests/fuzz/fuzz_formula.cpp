// Any text as a formula: it is read or refused, what is read prints back to the same tree, and a study that has it
// comes to an end.

#include "core/engine/functions/catalogue.h"
#include "core/engine/running/results.h"
#include "core/formula/mathematics.h"
#include "core/formula/print.h"
#include "core/study/edits/edits.h"

#include <cstdlib>

using namespace ledgefall;

namespace {

Study small_study() {
    Study study;
    Id table;
    study = *add_table(study, "Data", &table);
    study = *add_columns(study, table,
                         {{"x", "x", "", Column::numbers({1, 2, 4})}, {"y", "y", "", Column::numbers({-1, 0, 0.5})}});
    study = *hold(study, Id(), "p = 0.35");
    return *hold(study, Id(), "force(r) = p / r^2");
}

} // namespace

extern "C" int LLVMFuzzerTestOneInput(const std::uint8_t* data, std::size_t size) {
    const std::string text(reinterpret_cast<const char*>(data), size);
    const ParsedDefinition parsed = parse_definition(text);
    if (parsed.mistake || !parsed.definition.formula) {
        return 0;
    }
    const Node& tree = *parsed.definition.formula;
    const ParsedFormula again = parse_formula(print(tree));
    // What is printed may be longer than a formula may be; what is read of it must be the same.
    if (again.tree && !same_tree(&tree, again.tree.get())) {
        std::abort();
    }
    in_one_line(mathematics_of(tree, &typesetting_of));
    static const Study study = small_study();
    if (size < 60) { // a short formula cannot ask for much, a long one may take its whole allowance
        const Result<Study> with =
            write_column(study, study.tables.front()->id, "w = " + parsed.definition.formula_text());
        if (with) {
            compute(*with);
        }
    }
    return 0;
}

#pragma once

#include "core/study/model/study.h"
#include "core/value/definition_id.h"

#include <functional>
#include <unordered_map>

namespace ledgefall {

/// What a name in a formula means. Exactly one of column, held and group is set where it means anything. A table's axis
/// is a column too.
struct Binding {
    const Table* table = nullptr; ///< the column's, or the one that the held value belongs to
    const ColumnDefinition* column = nullptr;
    const HeldValue* held = nullptr;
    const Group* group = nullptr;

    bool exists() const { return column != nullptr || held != nullptr || group != nullptr; }
    Id id() const {
        return column != nullptr ? column->id : held != nullptr ? held->id : group != nullptr ? group->id : Id();
    }
};

/// While it lives, its thread finds the held values of `study`'s own ledge and the columns of its tables by an index,
/// where looking through all of them for each name would take the square of their number. The study must not change
/// meanwhile.
class NameIndex {
  public:
    explicit NameIndex(const Study& study);
    NameIndex(const NameIndex&) = delete;
    NameIndex& operator=(const NameIndex&) = delete;
    ~NameIndex();

    /// What is on the study's ledge, or a column of a table, under that name; null where there is none.
    static const HeldValue* held(const Study& study, std::string_view name);
    static const ColumnDefinition* column(const Table& table, std::string_view name);

  private:
    template <class Part>
    using ByName = std::unordered_map<std::string_view, const Part*>;

    const Study& study_;
    const NameIndex* outer_;
    ByName<HeldValue> held_;
    std::unordered_map<const Table*, ByName<ColumnDefinition>> columns_;
};

/// Looks `name` up as a formula of `own` (null: of the study's ledge) means it: the table's columns and groups, its
/// axis, its held values, the study's. An `owner` names a table, or the ledge.
Binding look_up(const Study& study, const Table* own, std::string_view owner, std::string_view name);

/// The foot line that `name`, alone in the formula of a foot line of `own`, means where nothing else is called so: one
/// with that label. It stands for that line's value under the same column. Null where there is none.
const FootLine* foot_line_meant(const Study& study, const Table* own, const Node& name);

/// The held function that a call of `name` means, the table's own before the study's; null where there is none.
const HeldValue* called_function(const Study& study, const Table* own, std::string_view owner, std::string_view name);

/// What a name, or the function of a call, means in a formula of `own`.
Binding meaning_of(const Study& study, const Table* own, const Node& node);

/// All names that a formula of `own` could use alone, for completion and for offering the nearest one.
std::vector<std::string> known_names(const Study& study, const Table* own);

/// Calls `visit` with every name of a formula that is looked up, that of a function that is called among them (a node
/// of type call): not with bound names, which are the k of `for k in 0..10` and a held function's own `parameters`.
void for_each_name(const Node& tree, const std::function<void(const Node& name)>& visit,
                   const std::vector<std::string>& parameters = {});

/// A formula of a study, and where it stands.
struct FormulaPlace {
    const Table* table = nullptr;        ///< null: on the study's ledge
    Id owner;                            ///< the column, held value, foot line or table (for its row count)
    std::string display_name;            ///< `Pebbles.dev`, `ledge.q`, …: for sentences
    std::vector<std::string> parameters; ///< of a held function
};

void for_each_formula(const Study& study, const std::function<void(const FormulaPlace&, const Formula&)>& visit);

/// The study with every formula replaced by what `change` gives for it; what does not change stays shared.
Study with_formulas(const Study& study, const std::function<Formula(const FormulaPlace&, const Formula&)>& change);

/// `Pebbles.dev`, `Pebbles.n`, `ledge.n`, or the foot line's "sum of Pebbles.dev": what `id` is called in a sentence.
std::string display_name(const Study& study, const DefinitionId& id);

} // namespace ledgefall

#pragma once

#include "core/engine/binding/binder.h"

namespace ledgefall {

/// Binds measures: over which rows they run, what of them runs there, and what follows the formula's own row.
class MeasureBinder : PartBinder {
  public:
    MeasureBinder(BindingContext& context, Binder& binder)
        : PartBinder(context, binder) {}

    TermPtr measure(const Node& node, const Function& function);
    /// `root(E for t in a..b)` and its like: the ends are any numbers, and t any number between them.
    TermPtr search(const Node& node, const Function& function);

  private:
    using Level = BindingContext::Level;

    /// What the names in a measure tell of the rows that it runs over.
    struct Named {
        std::vector<const Table*> others;
        bool own = false;
        std::vector<Id> axes; ///< of two-way tables, whose own values run where nothing else is named
        std::vector<const Table*> of_axes;
        bool sound = true;
    };
    bool find_domain(const Node& node, std::size_t samples, Level& level);
    void scan_domain(const Node& node, Level& level, Named& named);
    void scan_places(const Node& node, const Node& rows, const Node* columns, Level& level, Named& named);
    void see_table(const Table* table, Named& named) const;
    bool add_condition(const Node& where, MeasureTerm& measure);
    bool check_arguments(const Node& node, const Function& function);
    bool bind_plain(const Node& node, const Function& function, MeasureTerm& measure);
    bool bind_samples(const Node& node, const Function& function, MeasureTerm& measure);
    bool refuse_single_values(const Node& node, const Function& function, const MeasureTerm& measure, bool conditional);
    TermPtr sample_value(const Node& node, const Function& function, const Argument& wanted);
    bool add_paired(const Node& node, const Function& function, MeasureTerm& measure);
    bool add_sample(const Node& node, const Function& function, MeasureTerm& measure);
    bool add_columns_between(const Node& range, const Function& function, MeasureTerm& measure);
    bool add_group(const Node& node, const Binding& group, const Function& function, MeasureTerm& measure);
    bool add_column(const Node& named, const Binding& binding, const Function& function, MeasureTerm& measure);
    TermPtr rank(const Node& node, const Function& function);
    TermPtr count_compared(const Node& node, Operator op, const Level& level, const TermPtr& own);
    TermPtr by_simpler_form(const Node& node, const Function& function);
    bool one_value_before_optional(const Node& node, const Function& function);
    bool bind_range(const Node* range, MeasureTerm& measure);
    TermPtr over_bound(const Node& call, const Function& function);
    TermPtr finish_measure(const Node& node, std::shared_ptr<MeasureTerm> measure);
};

} // namespace ledgefall

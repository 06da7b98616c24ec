#pragma once

#include "core/engine/term.h"

#include <map>
#include <string>

namespace ledgefall {

/// Binds one formula. Divided over files by what is bound: binder.cpp names and operators, bind_index.cpp what stands
/// in square brackets, bind_measure.cpp measures.
class Binder {
  public:
    explicit Binder(const BindingScope& scope)
        : scope_(scope)
        , frame_{scope.own, scope.has_rows, scope.each, {}, 0} {}
    BoundFormula bind(const Node& tree);

  private:
    /// The rows that run at one level of measures.
    struct Level {
        Id table;            ///< empty for a bound number
        std::string counter; ///< the bound number's name
        LinkType link = LinkType::whole;
        const Node* range = nullptr; ///< the range that all of the measure's ranged names have
    };

    /// In what names are read: that of the formula itself, or of a held function that it calls.
    struct Frame {
        const Table* own = nullptr;
        bool has_rows = false;
        const ColumnDefinition* each = nullptr;
        std::map<std::string, TermPtr> parameters;
        std::size_t levels = 0; ///< of measures outside of it, whose rows its names do not run over
    };

    Span here(Span span) const { return call_span_.value_or(span); }
    const TermPtr* parameter(const Node& node) const;
    TermPtr term(const Node& node);
    TermPtr constant(const Node& node, Value value) const;
    TermPtr word(const Node& node);
    TermPtr name(const Node& node);
    TermPtr nameless(const Node& node);
    TermPtr column(const Node& node, const Binding& binding);
    TermPtr operate(const Node& node, Operator op, const std::vector<const Node*>& kids);
    TermPtr operate(const Node& node, Operator op, std::vector<TermPtr> kids);
    TermPtr chain(const Node& node);
    TermPtr membership(const Node& node, const TermPtr& left, const Node& list);
    TermPtr choice(const Node& node);
    TermPtr call(const Node& node);
    TermPtr plain_call(const Node& node, const Function& function);
    bool check_count(const Node& node, const Function& function);
    TermPtr today(const Node& node);
    TermPtr conversion(const Node& node, const Function& function);
    TermPtr held_function(const Node& node, const HeldValue& function);
    TermPtr interval_part(const Node& node, const TermPtr& interval, std::string_view part);

    std::shared_ptr<Term> begin_operation(const Node& node, const Function& function) const;
    static TermPtr end_operation(std::shared_ptr<Term> operation);
    bool gives_distribution(const Node& node) const;
    bool add_distribution(const Node& node, std::vector<TermPtr>& arguments);
    bool add_keys(const Node& node, std::vector<TermPtr>& arguments);
    TermPtr distribution_call(const Node& node, const Function& function);
    TermPtr probability(const Node& node);
    struct Event;
    bool add_event(const Node& node, Event& event);
    bool add_comparisons(const Node& node, Event& event);
    bool add_comparison(const Node& node, Operator op, const Node& left, const Node& right, Event& event);
    bool unify(const Node& node, std::vector<TermPtr>& kids, std::size_t from);

    TermPtr index(const Node& node);
    TermPtr indexed_column(const Node& node, const Binding& binding, const Node& place);
    std::optional<std::int64_t> shift_of(const Node& place) const;
    TermPtr row_of_formula(const Node& node);
    void link(LinkType type, const Binding& binding, std::uint64_t row = 0);

    TermPtr measure(const Node& node, const Function& function);
    bool find_domain(const Node& node, std::size_t samples, Level& level);
    void scan_domain(const Node& node, Level& level, std::vector<const Table*>& others, bool& own, bool& ok);
    TermPtr where_condition(const Node& where);
    bool check_arguments(const Node& node, const Function& function);
    bool bind_plain(const Node& node, const Function& function, MeasureTerm& measure);
    bool bind_samples(const Node& node, const Function& function, MeasureTerm& measure);
    TermPtr sample_value(const Node& node, const Function& function, const Argument& wanted);
    bool add_paired(const Node& node, const Function& function, MeasureTerm& measure);
    bool add_sample(const Node& node, const Function& function, MeasureTerm& measure, const Node* where = nullptr);
    bool add_columns_between(const Node& range, const Function& function, MeasureTerm& measure, const Node* where);
    bool add_group(const Node& node, const Binding& group, const Function& function, MeasureTerm& measure,
                   const Node* where);
    bool add_column(const Node& named, const Binding& binding, const Function& function, MeasureTerm& measure,
                    const Node* where);
    TermPtr rank(const Node& node);
    TermPtr simpler(const Node& node, const Function& function);
    bool bind_range(const Node* range, MeasureTerm& measure);
    TermPtr bound_sum(const Node& node, const Function& function);
    TermPtr finish_measure(const Node& node, std::shared_ptr<MeasureTerm> measure);
    LinkType link_of_range(const Node& range) const;

    TermPtr fail(Cause cause, Span span, Sentence what);
    /// With what, in place of the characters at `span`, would set the formula right.
    TermPtr fail(Cause cause, Span span, Sentence what, std::string mend);
    Binding bound(const Node& name) const;
    const Table* table_of_level(std::uint32_t level) const;
    std::uint32_t level_over(Id table, bool& found) const;

    const BindingScope& scope_;
    Frame frame_;
    std::vector<const HeldValue*> calling_; ///< the held functions whose formulas are being read, outermost first
    std::size_t calls_ = 0;
    std::uint64_t draws_ = 0;
    std::optional<Span> call_span_; ///< of the outermost of those calls, to which all in them belongs
    std::vector<Level> levels_;     ///< of the measures that are open, outermost first
    std::vector<Link> links_;
    std::optional<StaticFault> fault_;
    friend class OpenLevel;
};

/// The reserved words that mean a row within square brackets.
bool is_word(const Node& node, std::string_view word);

} // namespace ledgefall

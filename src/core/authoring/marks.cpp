#include "core/authoring/marks.h"

#include "core/authoring/two_axes.h"
#include "core/engine/functions/catalogue.h"

#include <algorithm>

namespace ledgefall {
namespace {

class Marker {
  public:
    Marker(const Study& study, const Table* own, const ColumnDefinition* each)
        : study_(study)
        , own_(own)
        , each_(each) {}

    std::vector<Mark> marks;

    /// `over`: the table whose rows run in the measure around this, if there is one.
    void visit(const Node& node, const Table* over) {
        switch (node.type) {
        case NodeType::name:
            reference(node, node.span, over, nullptr, &node);
            break;
        case NodeType::word:
            if (node.text == "each" && each_ != nullptr) {
                marks.push_back({node.span, over == nullptr ? Manner::follows : Manner::stays, each_->id});
            } else if (own_ != nullptr && own_->two_way() && (node.text == "i" || node.text == "j")) {
                marks.push_back({node.span, node.text == "i" ? Manner::follows : Manner::across, Id()});
            } else if ((node.text == "row" || node.text == "rows") && own_ != nullptr) {
                const bool follows = node.text == "row" && (over == nullptr || !(over->id == own_->id));
                marks.push_back({node.span, follows ? Manner::follows : Manner::stays, Id()});
            }
            break;
        case NodeType::index:
            indexed(node, over);
            break;
        case NodeType::call: {
            if (const HeldValue* function = called_function(study_, own_, node.owner, node.text)) {
                marks.push_back({{node.span.from, node.name_span.to}, Manner::stays, function->id});
            }
            const Table* inside = is_measure(node) ? table_over(node) : over;
            for (const NodePtr& kid : node.kids) {
                visit(*kid, inside);
            }
            break;
        }
        case NodeType::range:
            between(node, over);
            [[fallthrough]];
        default:
            for (const NodePtr& kid : node.kids) {
                if (kid) {
                    visit(*kid, over);
                }
            }
        }
    }

  private:
    static bool is_measure(const Node& call) {
        const Function* function = find_function(call.text);
        return function != nullptr && function->is_measure() && call.owner.empty();
    }

    /// The columns between two, where a range is one of columns.
    void between(const Node& range, const Table* over) {
        const Node* first = range.kids[0].get();
        const Node* last = range.kids[1].get();
        if (first == nullptr || last == nullptr || first->type != last->type) {
            return;
        }
        const bool indexed = first->type == NodeType::index;
        const Node& first_name = indexed ? first->kid(0) : *first;
        const Node& last_name = indexed ? last->kid(0) : *last;
        if (first_name.type != NodeType::name || last_name.type != NodeType::name) {
            return;
        }
        const Binding from = bound(first_name);
        const Binding to = bound(last_name);
        if (from.column == nullptr || to.column == nullptr || from.table != to.table) {
            return;
        }
        bool within = false;
        for (const auto& column : from.table->columns) {
            if (column->id == to.column->id) {
                return;
            }
            if (within) {
                const std::size_t before = marks.size();
                reference(first_name, first->span, over, indexed ? &first->kid(1) : nullptr);
                for (std::size_t at = before; at < marks.size(); ++at) {
                    marks[at].id = column->id;
                    marks[at].between = true;
                }
            }
            within = within || column->id == from.column->id;
        }
    }

    Binding bound(const Node& name) const { return meaning_of(study_, own_, name); }

    void reference(const Node& name, Span span, const Table* over, const Node* place, const Node* reference = nullptr) {
        const Binding binding = bound(name);
        const bool of_grid = name.owner.empty() && own_ != nullptr && own_->two_way();
        if (!binding.exists() && of_grid && (name.text == "col" || name.text == "cols")) {
            marks.push_back({span, name.text == "col" ? Manner::across : Manner::stays, Id()});
        }
        if (!binding.exists()) {
            return;
        }
        const bool runs_in_measure = over != nullptr && binding.table != nullptr && over->id == binding.table->id;
        if (binding.column != nullptr && binding.table->two_way() && reference != nullptr) {
            const bool running = runs_in_measure || own_ == nullptr || own_->id != binding.table->id;
            marks.push_back({span, manner_in_grid(*binding.table, *binding.column, *reference, running), binding.id()});
            return;
        }
        const bool stays = binding.held != nullptr || (place != nullptr ? !follows(*place) : runs_in_measure);
        marks.push_back({span, stays ? Manner::stays : Manner::follows, binding.id()});
    }

    void indexed(const Node& node, const Table* over) {
        const Node& base = node.kid(0);
        const Node& place = node.kid(1);
        if (base.type == NodeType::name) {
            reference(base, node.span, over, &place, &node);
        } else {
            visit(base, over);
        }
        if (base.type != NodeType::name || !only_numbers(place)) {
            visit(place, over); // a column or held value that says which row
        }
        if (node.kids.size() > 2 && (base.type != NodeType::name || !only_numbers(node.kid(2)))) {
            visit(node.kid(2), over);
        }
    }

    static bool only_numbers(const Node& place) {
        return place.type == NodeType::number || place.type == NodeType::word;
    }

    /// Whether a place moves with the row: it names `i`, or a column's own row.
    bool follows(const Node& place) const {
        if (place.type == NodeType::word) {
            return place.text == "i" || place.text == "row";
        }
        if (place.type == NodeType::name) {
            return bound(place).column != nullptr; // its own row says which
        }
        return std::any_of(place.kids.begin(), place.kids.end(),
                           [this](const NodePtr& kid) { return kid && follows(*kid); });
    }

    /// The table that a measure runs over: another one where one is named in it, else its own.
    const Table* table_over(const Node& call) const {
        const Table* own_table = own_;
        for_each_name(call, [&](const Node& name) {
            const Binding binding = bound(name);
            const bool of_rows = binding.column != nullptr || binding.group != nullptr;
            if (of_rows && (own_ == nullptr || !(binding.table->id == own_->id))) {
                own_table = binding.table;
            }
        });
        return own_table;
    }

    const Study& study_;
    const Table* own_;
    const ColumnDefinition* each_;
};

} // namespace

std::vector<Mark> marks_of(const Node& tree, const Study& study, const Table* own, const ColumnDefinition* each) {
    Marker marker(study, own, each);
    marker.visit(tree, nullptr);
    std::stable_sort(marker.marks.begin(), marker.marks.end(),
                     [](const Mark& a, const Mark& b) { return a.span.from < b.span.from; });
    return marker.marks;
}

} // namespace ledgefall

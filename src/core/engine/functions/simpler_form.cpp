#include "core/engine/functions/simpler_form.h"

#include "core/formula/parser.h"
#include "core/formula/substitute.h"

namespace ledgefall {

NodePtr simpler_form(const Node& call, const Function& function) {
    if (function.simpler_form.empty() || call.kids.size() != function.arguments.size()) {
        return nullptr;
    }
    const ParsedFormula pattern = parse_formula(function.simpler_form);
    std::map<std::string, Filling> fillings;
    for (std::size_t at = 0; at < call.kids.size(); ++at) {
        const bool conditional = call.kid(at).type == NodeType::where;
        const Node& value = conditional ? call.kid(at).kid(0) : call.kid(at);
        if (value.type == NodeType::list || value.type == NodeType::range || value.type == NodeType::bound) {
            return nullptr;
        }
        fillings[std::string(function.arguments[at].name)] = {&value, conditional ? &call.kid(at).kid(1) : nullptr};
    }
    return filled(*pattern.tree, fillings, call.span, [](const Node& node) {
        const Function* inner = find_function(node.text);
        return inner != nullptr && inner->is_measure();
    });
}

} // namespace ledgefall

#include "core/formula/tree.h"

namespace ledgefall {

bool same_tree(const Node* a, const Node* b) {
    if (a == nullptr || b == nullptr) {
        return a == b;
    }
    if (a->type != b->type || a->op != b->op || a->text != b->text || a->owner != b->owner || a->ops != b->ops ||
        a->kids.size() != b->kids.size()) {
        return false;
    }
    for (std::size_t at = 0; at < a->kids.size(); ++at) {
        if (!same_tree(a->kids[at].get(), b->kids[at].get())) {
            return false;
        }
    }
    return true;
}

} // namespace ledgefall

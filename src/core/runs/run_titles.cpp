#include "core/runs/run_titles.h"

#include "core/basics/sentence.h"

#include <algorithm>

namespace ledgefall {
namespace {

/// What was set when a run was kept, or is set now.
struct Basis {
    std::vector<RunSetting> held;
    std::uint64_t seed = 1;

    const RunSetting* find(Id id) const {
        const auto place =
            std::find_if(held.begin(), held.end(), [id](const RunSetting& one) { return one.held == id; });
        return place == held.end() ? nullptr : &*place;
    }
};

/// What is held now in its order, then what was held by runs and has gone.
std::vector<Id> all_held(const std::vector<Basis>& all) {
    std::vector<Id> ids;
    const auto add = [&ids](const Basis& basis) {
        for (const RunSetting& one : basis.held) {
            if (std::find(ids.begin(), ids.end(), one.held) == ids.end()) {
                ids.push_back(one.held);
            }
        }
    };
    add(all.back());
    std::for_each(all.begin(), all.end(), add);
    return ids;
}

bool differs(const std::vector<Basis>& all, Id id) {
    const RunSetting* first = nullptr;
    return std::any_of(all.begin(), all.end(), [&](const Basis& one) {
        const RunSetting* setting = one.find(id);
        first = first == nullptr ? setting : first;
        return setting != nullptr && !(setting->value == first->value);
    });
}

} // namespace

std::vector<RunSetting> settings_of(const Study& study) {
    std::vector<RunSetting> settings;
    const auto add = [&settings](const std::vector<Shared<HeldValue>>& ledge) {
        for (const auto& held : ledge) {
            if (!held->computed() && !held->is_function()) {
                settings.push_back({held->id, held->name, held->unit, held->value.persistent()});
            }
        }
    };
    add(study.ledge);
    for (const auto& table : study.tables) {
        add(table->ledge);
    }
    return settings;
}

std::vector<RunTitle> run_titles(const Study& study) {
    std::vector<Basis> all;
    for (const auto& run : study.runs) {
        all.push_back({run->settings, run->seed});
    }
    all.push_back({settings_of(study), study.settings.seed});
    std::vector<RunTitle> titles(all.size());
    for (const Id id : all_held(all)) {
        if (!differs(all, id)) {
            continue;
        }
        for (std::size_t at = 0; at < all.size(); ++at) {
            if (const RunSetting* setting = all[at].find(id)) {
                titles[at].settings.push_back(*setting);
            }
        }
    }
    const bool seeds =
        std::any_of(all.begin(), all.end(), [&](const Basis& one) { return one.seed != all.front().seed; });
    for (std::size_t at = 0; at < all.size(); ++at) {
        if (seeds) {
            titles[at].settings.push_back({{}, "seed", "", Value::number(static_cast<double>(all[at].seed))});
        }
        titles[at].name = at < study.runs.size() ? study.runs[at]->name : "";
        titles[at].number = at < study.runs.size() ? at + 1 : 0;
        std::size_t same = 0;
        for (std::size_t before = 0; before < at && titles[at].name.empty(); ++before) {
            same += titles[before].settings == titles[at].settings ? 1 : 0;
        }
        titles[at].again = same > 0 && at < study.runs.size() && !titles[at].settings.empty() ? same + 1 : 0;
    }
    return titles;
}

std::string title_text(const RunTitle& title, const std::function<std::string(const Value&)>& written) {
    constexpr std::size_t most_named = 4;
    if (!title.name.empty()) {
        return title.name;
    }
    if (title.settings.empty()) {
        return title.number == 0 ? "" : worded({N_("Run %1"), {std::to_string(title.number)}});
    }
    std::string text;
    for (std::size_t at = 0; at < std::min(most_named, title.settings.size()); ++at) {
        const RunSetting& one = title.settings[at];
        text += (text.empty() ? "" : ", ") + one.name + " = " + (one.value.is_missing() ? "—" : written(one.value));
    }
    text += title.settings.size() > most_named ? ", …" : "";
    return title.again > 0 ? text + " (" + std::to_string(title.again) + ")" : text;
}

std::string title_text(const RunTitle& title) {
    return title_text(title, write_cell);
}

} // namespace ledgefall

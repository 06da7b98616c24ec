#include "app/commands/held_choice.h"

#include "app/dialogs/prompts.h"

namespace ledgefall {

Id choose_held(Document& document, QWidget* window, const QString& title, const QString& question,
               const std::function<bool(const HeldValue&)>& offered) {
    QStringList names;
    std::vector<Id> ids;
    const auto list = [&](const std::vector<Shared<HeldValue>>& ledge, const QString& owner) {
        for (const auto& held : ledge) {
            const Results::Entry* entry = document.results().find(held->id);
            if (entry != nullptr && entry->kind == Kind::number && !held->is_function() && offered(*held)) {
                names << owner + QString::fromStdString(held->name);
                ids.push_back(held->id);
            }
        }
    };
    list(document.study().ledge, {});
    for (const auto& table : document.study().tables) {
        list(table->ledge, QString::fromStdString(table->name) + QLatin1Char('.'));
    }
    if (ids.empty()) {
        document.refuse({N_("There is no held number to try values of. Put one on the ledge first."), {}});
        return {};
    }
    const int chosen = ids.size() == 1
                           ? 0
                           : ask_from_list(window, title, question, names,
                                           QCoreApplication::translate("ledgefall::WhatIfCommands", "Choose"));
    return chosen < 0 ? Id() : ids[static_cast<std::size_t>(chosen)];
}

} // namespace ledgefall

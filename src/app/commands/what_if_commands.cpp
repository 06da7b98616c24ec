#include "app/commands/what_if_commands.h"

#include "app/commands/held_choice.h"
#include "app/commands/made_table.h"
#include "app/dialogs/find_value_dialog.h"
#include "app/dialogs/prompts.h"
#include "app/dialogs/try_values_dialog.h"
#include "app/dialogs/two_way_dialog.h"
#include "app/ledge/held_card.h"
#include "core/study/edits/edits.h"
#include "core/study/model/study_part.h"

#include <QApplication>

namespace ledgefall {

QList<Command> WhatIfCommands::list() {
    const auto with_held = [this](void (WhatIfCommands::*act)(Id)) {
        return [this, act] {
            if (const Id held = held_to_try(); !held.empty()) {
                (this->*act)(held);
            }
        };
    };
    return {
        {"what-if", "work", tr("What-&if and runs"), no_keys, {}, Needs::nothing, no_words, "hold"},
        {"try-values", "what-if", tr("Try &values of a held value…"), no_keys, with_held(&WhatIfCommands::try_values),
         Needs::nothing, tr("what if trial vary change parameter sensitivity halve the step order")},
        {"try-two-values", "what-if", tr("Try values of &two held values…"), no_keys,
         with_held(&WhatIfCommands::try_two_values), Needs::nothing,
         tr("what if trial vary two parameters grid two-way")},
        {"find-value", "what-if", tr("&Find the value for which…"), no_keys, with_held(&WhatIfCommands::find_value),
         Needs::nothing, tr("solve equation root zero reach wanted result backwards")},
    };
}

/// The held value whose card has the focus, or the one that is chosen from a list; empty where there is none.
Id WhatIfCommands::held_to_try() {
    const auto* card = qobject_cast<HeldCard*>(QApplication::focusWidget());
    return card != nullptr && window_->isAncestorOf(card) ? card->held() : chosen_held({});
}

/// A held number that is chosen from a list; `beside`: not this one.
Id WhatIfCommands::chosen_held(Id beside) {
    return choose_held(document_, window_, tr("Choose a held value"),
                       tr("Other values of it are tried; the study does not change."),
                       [beside](const HeldValue& held) { return held.id != beside; });
}

void WhatIfCommands::try_values(Id id) {
    const HeldValue* held = find_part(document_.study(), id).held;
    if (held == nullptr) {
        return;
    }
    TryValuesDialog dialog(document_.study(), *held, window_);
    if (dialog.exec() != QDialog::Accepted) {
        return;
    }
    Id table;
    Id chart;
    Result<Study> next = trial_table(document_.study(), dialog.request(), &table);
    if (next && dialog.draws()) {
        const Table& trials = *next->table(table);
        Chart drawn;
        drawn.label = trials.label;
        drawn.table = table;
        drawn.x.title = trials.columns.front()->shown_label();
        for (std::size_t at = 1; at <= dialog.request().outcomes.size(); ++at) {
            drawn.series.push_back(
                {SeriesForm::joined, trials.columns.front()->id, trials.columns[at]->id, false, false, ""});
        }
        next = add_chart(*next, drawn, &chart);
    }
    MadeTable(document_, pages_).take(tr("trials"), next, table, chart);
}

/// A two-way table of an outcome by the values of two held numbers.
void WhatIfCommands::try_two_values(Id first) {
    const Id second = chosen_held(first);
    if (second.empty()) {
        return;
    }
    const Result<TwoWayTrial> trial = two_way_trial(document_.study(), first, second);
    if (!trial) {
        return document_.refuse(trial.refusal());
    }
    TwoWayDialog dialog(document_.study(), document_.snapshot(),
                        {QString::fromStdString(trial->down), QString::fromStdString(trial->across),
                         QString::fromStdString(trial->formula)},
                        window_);
    Id made;
    if (dialog.exec() == QDialog::Accepted && document_.perform(tr("trials"), dialog.made(&made))) {
        pages_.show_table(made);
    }
}

void WhatIfCommands::find_value(Id id) {
    const StudyPart part = find_part(document_.study(), id);
    if (part.held == nullptr) {
        return;
    }
    FindValueDialog dialog(document_.study(), *part.held, document_.snapshot(), window_);
    if (dialog.exec() != QDialog::Accepted || !dialog.found()) {
        return;
    }
    const std::string definition = part.held->left_side() +
                                   (part.held->unit.empty() ? "" : " [" + part.held->unit + "]") + " = " +
                                   (dialog.stays_live() ? dialog.formula() : shortest(*dialog.found()));
    document_.perform(tr("found value"), rehold(document_.study(), id, definition));
}

} // namespace ledgefall

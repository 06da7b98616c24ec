#include "app/contents/contents_panel.h"

#include "app/contents/contents_roles.h"
#include "app/dialogs/check_dialog.h"
#include "app/document/run_text.h"
#include "app/theme/theme.h"
#include "core/study/model/fault_explanation.h"

namespace ledgefall {

ContentsPanel::ContentsPanel(Document& document, QWidget* parent)
    : QTreeWidget(parent)
    , document_(document) {
    setHeaderHidden(true);
    setFrameShape(QFrame::NoFrame);
    setIndentation(10);
    setRootIsDecorated(false);
    setItemsExpandable(false);
    setTextElideMode(Qt::ElideMiddle); // names that begin alike are told apart
    setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    setAccessibleName(tr("Contents of the study"));
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &ContentsPanel::apply_theme);
    connect(&document, &Document::study_changed, this, &ContentsPanel::rebuild);
    connect(&document, &Document::results_changed, this, &ContentsPanel::rebuild);
    connect(&document, &Document::shows_old_changed, this, &ContentsPanel::rebuild);
    connect(this, &QTreeWidget::currentItemChanged, this, [this](QTreeWidgetItem* item) {
        const QString id = item == nullptr ? QString() : item->data(0, id_role).toString();
        const QString check = item == nullptr ? QString() : item->data(0, check_role).toString();
        const QString chart = item == nullptr ? QString() : item->data(0, chart_role).toString();
        chosen_check_ = Id(check.toStdString());
        if (!check.isEmpty()) {
            Q_EMIT check_chosen(chosen_check_);
        } else if (!chart.isEmpty()) {
            Q_EMIT chart_chosen(Id(chart.toStdString()));
        } else if (const Id run = run_of(item); !run.empty()) {
            Q_EMIT run_chosen(run_described(document_.study(), run).join(QStringLiteral("; ")));
        } else if (!id.isEmpty()) {
            Q_EMIT table_chosen(Id(id.toStdString()));
        }
    });
    connect(this, &QTreeWidget::itemDoubleClicked, this, [this](QTreeWidgetItem* item) {
        if (const QString check = item->data(0, check_role).toString(); !check.isEmpty()) {
            change_check(Id(check.toStdString()));
        }
        if (const QString chart = item->data(0, chart_role).toString(); !chart.isEmpty()) {
            Q_EMIT chart_change_wanted(Id(chart.toStdString()));
        }
        if (!run_of(item).empty()) {
            editItem(item); // its name, in place
        }
    });
    connect(this, &QTreeWidget::itemChanged, this, [this](QTreeWidgetItem* item) { change_run(*item); });
    setEditTriggers(QAbstractItemView::EditKeyPressed);
    connect(this, &QTreeWidget::itemClicked, this, [this](QTreeWidgetItem* item) { // one that was put away
        if (const QString chart = item->data(0, chart_role).toString(); !chart.isEmpty()) {
            Q_EMIT chart_chosen(Id(chart.toStdString()));
        }
    });
    setContextMenuPolicy(Qt::CustomContextMenu);
    connect(this, &QWidget::customContextMenuRequested, this, &ContentsPanel::open_menu);
    apply_theme();
}

void ContentsPanel::apply_theme() {
    setStyleSheet(QStringLiteral(
                      "QTreeWidget { background: %1; } QTreeWidget::item { padding: 3px 2px; border: none; color: %3; }"
                      "QTreeWidget::item:selected { background: %2; color: %3; }")
                      .arg(theme().margin.name(), theme().follows_wash.name(), theme().ink.name()));
    setFont(theme().text());
    rebuild();
}

/// What the panel shows, in a text: it is built anew only where that changes.
QString ContentsPanel::shown_now() const {
    QStringList all{QString::fromStdString(current_.str()), QString::number(is_dark()), QString::number(theme().zoom)};
    for (const auto& table : document_.study().tables) {
        all << QString::fromStdString(table->id.str()) << QString::fromStdString(table->shown_label());
    }
    all << QString::fromStdString(shown_chart_.str()) << QString::fromStdString(chosen_check_.str());
    for (const auto& chart : document_.study().charts) {
        all << QString::fromStdString(chart->id.str()) << QString::fromStdString(chart->label);
    }
    const QStringList runs = run_names(document_.study());
    for (qsizetype at = 0; at < runs.size(); ++at) {
        const Run& run = *document_.study().runs[static_cast<std::size_t>(at)];
        all << QString::fromStdString(run.id.str()) << runs[at] << QString::number(run.drawn);
    }
    for (const auto& check : document_.study().checks) {
        const Value value = document_.results().single(check->id);
        all << QString::fromStdString(check->id.str()) << QString::fromStdString(check->label)
            << QString::fromStdString(check->condition.text()) << QString::fromStdString(check->message)
            << QString::number(value.is_fault()) << QString::number(static_cast<int>(document_.check_state(check->id)));
    }
    return all.join(QChar(0));
}

void ContentsPanel::rebuild() {
    const QString now = shown_now();
    if (now == shown_) {
        return;
    }
    shown_ = now;
    const QSignalBlocker quiet(this);
    clear();
    const auto group = [this](const QString& name) {
        auto* item = new QTreeWidgetItem(this, {name});
        item->setFlags(Qt::ItemIsEnabled);
        item->setFont(0, theme().text(8.5, true));
        item->setForeground(0, theme().faint_ink);
        return item;
    };
    QTreeWidgetItem* tables = group(tr("Tables"));
    for (const auto& table : document_.study().tables) {
        auto* item = new QTreeWidgetItem(tables, {QString::fromStdString(table->shown_label())});
        item->setIcon(0, drawn_icon(QStringLiteral("table")));
        item->setToolTip(0, item->text(0));
        item->setData(0, id_role, QString::fromStdString(table->id.str()));
        if (table->id == current_) {
            setCurrentItem(item);
        }
    }
    if (!document_.study().charts.empty()) {
        QTreeWidgetItem* charts = group(tr("Charts"));
        for (const auto& chart : document_.study().charts) {
            const QString label = chart->label.empty() ? tr("Chart") : QString::fromStdString(chart->label);
            auto* item = new QTreeWidgetItem(charts, {label});
            item->setIcon(0, drawn_icon(QStringLiteral("chart")));
            item->setFont(0, theme().text(10, chart->id == shown_chart_));
            item->setToolTip(0, label);
            item->setData(0, chart_role, QString::fromStdString(chart->id.str()));
        }
    }
    if (!document_.study().runs.empty()) {
        add_runs(*group(tr("Runs")));
    }
    if (!document_.study().checks.empty()) {
        QTreeWidgetItem* checks = group(tr("Checks"));
        for (const auto& check : document_.study().checks) {
            const Value value = document_.results().single(check->id);
            const bool holds = document_.check_state(check->id) == Document::CheckState::holds;
            const bool open = document_.check_state(check->id) == Document::CheckState::unknown;
            const QString label = QString::fromStdString(check->label);
            auto* item = new QTreeWidgetItem(checks, {label});
            item->setData(0, Qt::AccessibleTextRole,
                          open    ? tr("%1, not known yet").arg(label)
                          : holds ? tr("%1, holds").arg(label)
                                  : tr("%1, fails").arg(label));
            item->setIcon(0, open ? QIcon() : drawn_icon(holds ? QStringLiteral("holds") : QStringLiteral("broken")));
            item->setForeground(0, open ? theme().faint_ink : holds ? theme().ink : theme().fault);
            const QString state =
                open ? tr("being computed")
                : value.is_fault()
                    ? Document::translated(explain(document_.study(), document_.results(), value.fault()))
                : holds ? tr("holds")
                        : QString::fromStdString(check->message);
            item->setToolTip(0, QString::fromStdString(check->condition.text()) + QStringLiteral("\n") + state);
            item->setData(0, check_role, QString::fromStdString(check->id.str()));
            if (check->id == chosen_check_) {
                setCurrentItem(item);
            }
        }
    }
    expandAll();
    scrollToItem(currentItem());
    if (document_.study().table(current_) == nullptr) {
        setCurrentItem(nullptr);
    }
}

void ContentsPanel::new_check() {
    CheckDialog dialog(document_.study(), current_, {}, this);
    if (dialog.exec() == QDialog::Accepted) {
        Id added;
        if (document_.perform(tr("a check"), add_check(document_.study(), current_, dialog.text(), &added))) {
            chosen_check_ = added;
            rebuild();
            Q_EMIT check_chosen(added);
        }
    }
}

void ContentsPanel::change_check(Id id) {
    for (const auto& check : document_.study().checks) {
        if (check->id == id) {
            CheckDialog dialog(document_.study(), check->table, {check->label, check->condition.text(), check->message},
                               this);
            if (dialog.exec() == QDialog::Accepted) {
                document_.perform(tr("a check"), rewrite_check(document_.study(), id, dialog.text()));
            }
            return;
        }
    }
}

void ContentsPanel::open_menu(const QPoint& at) {
    QMenu menu(this);
    menu.addAction(tr("Add a check…"), this, &ContentsPanel::new_check);
    QTreeWidgetItem* item = itemAt(at);
    if (!run_of(item).empty()) {
        fill_run_menu(menu, *item);
    }
    const QString check = item == nullptr ? QString() : item->data(0, check_role).toString();
    if (!check.isEmpty()) {
        const Id id(check.toStdString());
        menu.addAction(tr("Change check…"), this, [this, id] { change_check(id); });
        menu.addAction(drawn_icon(QStringLiteral("remove")), tr("Remove check"), this,
                       [this, id] { document_.perform(tr("removing a check"), remove_check(document_.study(), id)); });
    }
    const QString chart = item == nullptr ? QString() : item->data(0, chart_role).toString();
    if (!chart.isEmpty()) {
        const Id id(chart.toStdString());
        menu.addAction(drawn_icon(QStringLiteral("change")), tr("Change chart…"), this,
                       [this, id] { Q_EMIT chart_change_wanted(id); });
        menu.addAction(drawn_icon(QStringLiteral("remove")), tr("Remove chart from study"), this,
                       [this, id] { Q_EMIT chart_removal_wanted(id); });
    }
    menu.exec(viewport()->mapToGlobal(at));
}

void ContentsPanel::show_current(Id table) {
    chosen_check_ = table == current_ ? chosen_check_ : Id();
    current_ = table;
    rebuild();
}

void ContentsPanel::show_chart(Id chart) {
    shown_chart_ = chart;
    rebuild();
}

} // namespace ledgefall

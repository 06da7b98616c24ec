#include "app/handout/handout_dialog.h"

#include "app/dialogs/prompts.h"
#include "app/document/document.h"
#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/study/model/study_part.h"

#include <QComboBox>
#include <QDialogButtonBox>
#include <QFileInfo>
#include <QFormLayout>
#include <QHBoxLayout>
#include <QHeaderView>
#include <QLocale>
#include <QStyledItemDelegate>
#include <QVBoxLayout>

namespace ledgefall {
namespace {

enum PartColumn { name_column, question_column, points_column, data_column };
constexpr int part_role = Qt::UserRole;
constexpr int answer_role = Qt::UserRole + 1;

/// Cells that cannot be typed into.
class ReadOnlyCells : public QStyledItemDelegate {
  public:
    using QStyledItemDelegate::QStyledItemDelegate;
    QWidget* createEditor(QWidget*, const QStyleOptionViewItem&, const QModelIndex&) const override { return nullptr; }
};

Id part_of(const QTreeWidgetItem* item) {
    return Id(item->data(name_column, part_role).toString().toStdString());
}

bool is_ticked(const QTreeWidgetItem* item) {
    return !part_of(item).empty() && item->checkState(name_column) == Qt::Checked;
}

template <class Visit>
void for_each_part(const QTreeWidget* tree, Visit visit) {
    for (int at = 0; at < tree->topLevelItemCount(); ++at) {
        QTreeWidgetItem* group = tree->topLevelItem(at);
        for (int place = 0; place < group->childCount(); ++place) {
            visit(group->child(place));
        }
    }
}

} // namespace

HandoutDialog::HandoutDialog(const Study& study, const QString& target, const QString& key, QWidget* parent)
    : QDialog(parent)
    , study_(study)
    , key_(key)
    , parts_(new QTreeWidget(this))
    , words_(nullptr)
    , locked_(new QCheckBox(tr("&Lock everything else"), this))
    , names_(new QPlainTextEdit(this))
    , target_(new QLineEdit(target, this))
    , message_(new QLabel(this)) {
    setWindowTitle(tr("Make a handout"));
    target_->setObjectName(QStringLiteral("target"));
    auto* intro = new QLabel(tr("Tick what the student is to fill in. It is empty in the handout."), this);
    parts_->setHeaderLabels({tr("Asked"), tr("Question"), tr("Points"), tr("Given data")});
    parts_->setEditTriggers(QAbstractItemView::DoubleClicked | QAbstractItemView::EditKeyPressed |
                            QAbstractItemView::SelectedClicked);
    for (const int column : {int(name_column), int(data_column)}) {
        parts_->setItemDelegateForColumn(column, new ReadOnlyCells(parts_));
    }
    parts_->setStyleSheet(QStringLiteral("QTreeWidget::item { min-height: %1px; }").arg(theme().px(22)));
    parts_->setAccessibleName(tr("Parts of the study"));
    filling_ = true;
    QTreeWidgetItem* group = nullptr;
    const Table* of = nullptr;
    for (const Id part : parts_to_ask(study_)) {
        const Table* table = find_part(study_, part).table;
        if (group == nullptr || table != of) {
            group = new QTreeWidgetItem(
                parts_, {table == nullptr ? tr("Ledge") : QString::fromStdString(table->shown_label())});
            group->setExpanded(true);
            of = table;
        }
        add_part(group, part);
    }
    words_ = new QTreeWidgetItem(parts_, {tr("Questions in words")});
    words_->setExpanded(true);
    if (study.handout) {
        for (const AskedItem& item : study.handout->asked) {
            if (!find_part(study, item.part).exists()) {
                add_question(item);
            }
        }
    }
    parts_->header()->setStretchLastSection(false);
    parts_->header()->setSectionResizeMode(question_column, QHeaderView::Stretch);
    parts_->setColumnWidth(name_column, theme().px(230));
    parts_->setColumnWidth(points_column, theme().px(60));
    parts_->setColumnWidth(data_column, theme().px(150));
    filling_ = false;
    locked_->setChecked(true);
    auto* add = new QPushButton(tr("Add a &question in words…"), this);
    add->setAutoDefault(false);
    connect(add, &QPushButton::clicked, this, [this] {
        const auto question = ask_text(this, tr("Question in words"), tr("What is asked?"), QString());
        if (question && !question->trimmed().isEmpty()) {
            AskedItem item;
            item.part = Id("question_" + std::to_string(words_->childCount() + 1));
            item.question = question->trimmed().toStdString();
            const auto answer = ask_text(this, tr("Question in words"),
                                         tr("Which answer is right? Leave it empty to mark by hand."), QString());
            item.answer = answer.value_or(QString()).trimmed().toStdString();
            add_question(item);
            look_over();
        }
    });
    names_->setPlaceholderText(tr("One name a line. With names, a handout for each is written into a folder."));
    names_->setTabChangesFocus(true);
    names_->setMaximumHeight(theme().px(84));
    auto* browse_button = new QPushButton(tr("&Browse…"), this);
    browse_button->setAutoDefault(false);
    connect(browse_button, &QPushButton::clicked, this, &HandoutDialog::browse);
    auto* where = new QHBoxLayout;
    where->addWidget(target_, 1);
    where->addWidget(browse_button);
    auto* form = new QFormLayout;
    form->addRow(QString(), locked_);
    form->addRow(tr("&Names"), names_);
    auto* where_label = new QLabel(tr("&Write to"), this);
    where_label->setBuddy(target_);
    form->addRow(where_label, where);
    message_->setWordWrap(true);
    message_->setStyleSheet(QStringLiteral("color: %1;").arg(theme().fault.name()));
    message_->setMinimumHeight(2 * message_->fontMetrics().lineSpacing());
    auto* buttons = new QDialogButtonBox(QDialogButtonBox::Cancel, this);
    make_ = buttons->addButton(tr("&Make"), QDialogButtonBox::AcceptRole);
    connect(buttons, &QDialogButtonBox::accepted, this, &HandoutDialog::accept);
    connect(buttons, &QDialogButtonBox::rejected, this, &QDialog::reject);
    auto* bottom = new QHBoxLayout;
    bottom->addWidget(add);
    bottom->addWidget(buttons);
    auto* layout = new QVBoxLayout(this);
    layout->addWidget(intro);
    layout->addWidget(parts_, 1);
    layout->addLayout(form);
    layout->addWidget(message_);
    layout->addLayout(bottom);
    resize(theme().px(760), theme().px(620));
    connect(parts_, &QTreeWidget::itemChanged, this, &HandoutDialog::look_over);
    connect(names_, &QPlainTextEdit::textChanged, this, &HandoutDialog::look_over);
    look_over();
}

void HandoutDialog::add_part(QTreeWidgetItem* under, Id part) {
    const AskedItem* before = study_.handout ? study_.handout->item(part) : nullptr;
    const StudyPart there = find_part(study_, part);
    const std::string name = there.held != nullptr        ? there.held->name
                             : there.foot_line != nullptr ? there.foot_line->label
                                                          : there.column->name;
    const QString kind = there.is_axis                ? tr("%1, its limits")
                         : there.foot_line != nullptr ? tr("%1, foot line")
                                                      : QStringLiteral("%1");
    const QString question =
        QString::fromStdString(before != nullptr ? before->question : usual_question(study_, part));
    auto* item = new QTreeWidgetItem(under, {kind.arg(QString::fromStdString(name)), question,
                                             QLocale().toString(before != nullptr ? before->points : 1.0)});
    item->setData(name_column, part_role, QString::fromStdString(part.str()));
    item->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable | Qt::ItemIsEditable);
    item->setCheckState(name_column, before != nullptr ? Qt::Checked : Qt::Unchecked);
    const bool column =
        there.column != nullptr && !there.is_axis && !there.column->computed() && there.column->cells->any_filled();
    const bool number = there.held != nullptr && there.held->formula.empty() && there.held->value.plain() &&
                        there.held->value.kind() == Kind::number;
    if (column || number) {
        auto* choice = new QComboBox(parts_);
        choice->addItem(tr("as it is"));
        if (column) {
            choice->addItem(tr("shuffled"), static_cast<int>(Variation::Way::shuffled));
        }
        if (number || there.column->cells->kind() == Kind::number) {
            choice->addItem(tr("drawn for each"), static_cast<int>(Variation::Way::drawn));
        }
        name_field(*choice, tr("Given data of %1 for each student").arg(QString::fromStdString(name)));
        parts_->setItemWidget(item, data_column, choice);
        connect(choice, &QComboBox::currentIndexChanged, this, &HandoutDialog::look_over);
    }
}

QTreeWidgetItem* HandoutDialog::add_question(const AskedItem& item) {
    auto* entry = new QTreeWidgetItem(
        words_, {tr("answer in words"), QString::fromStdString(item.question), QLocale().toString(item.points)});
    entry->setData(name_column, part_role, QString::fromStdString(item.part.str()));
    entry->setData(name_column, answer_role, QString::fromStdString(item.answer));
    entry->setFlags(Qt::ItemIsEnabled | Qt::ItemIsSelectable | Qt::ItemIsUserCheckable | Qt::ItemIsEditable);
    entry->setCheckState(name_column, Qt::Checked);
    return entry;
}

std::vector<AskedItem> HandoutDialog::asked() const {
    std::vector<AskedItem> all;
    for_each_part(parts_, [&all](const QTreeWidgetItem* item) {
        if (is_ticked(item)) {
            AskedItem asked;
            asked.part = part_of(item);
            asked.question = item->text(question_column).trimmed().toStdString();
            asked.points = QLocale().toDouble(item->text(points_column));
            asked.answer = item->data(name_column, answer_role).toString().toStdString();
            all.push_back(asked);
        }
    });
    return all;
}

HandoutRequest HandoutDialog::request() const {
    HandoutRequest request;
    request.asked = asked();
    request.locked = locked_->isChecked();
    for_each_part(parts_, [&](const QTreeWidgetItem* item) {
        const auto* choice =
            qobject_cast<QComboBox*>(parts_->itemWidget(const_cast<QTreeWidgetItem*>(item), data_column));
        if (choice != nullptr && choice->currentIndex() > 0 && !is_ticked(item)) {
            request.varied.push_back({part_of(item), static_cast<Variation::Way>(choice->currentData().toInt())});
        }
    });
    return request;
}

QString HandoutDialog::refused() const {
    QString points;
    for_each_part(parts_, [&points](const QTreeWidgetItem* item) {
        bool read = false;
        const double number = QLocale().toDouble(item->text(points_column), &read);
        if (is_ticked(item) && (!read || number < 0)) {
            points = tr("Points are a number from 0 on: %1").arg(item->text(points_column));
        }
    });
    if (!points.isEmpty()) {
        return points;
    }
    if (!names().trimmed().isEmpty()) {
        if (const auto list = student_names(names().toStdString()); !list) {
            return Document::translated(list.refusal());
        }
    }
    const Result<Study> made = make_handout(study_, request());
    return made ? QString() : Document::translated(made.refusal());
}

void HandoutDialog::look_over() {
    if (filling_ || make_ == nullptr) {
        return;
    }
    const QString why = refused();
    message_->setText(why);
    make_->setEnabled(why.isEmpty());
    const bool many = !names().trimmed().isEmpty();
    const QString suffix = QStringLiteral(".ledgefall");
    const QString now = target();
    if (many && now.endsWith(suffix)) { // a folder is asked now
        target_->setText(now.chopped(suffix.size()));
    } else if (!many && !now.isEmpty() && !now.endsWith(suffix)) {
        target_->setText(now + suffix);
    }
}

void HandoutDialog::browse() {
    const bool many = !names().trimmed().isEmpty();
    const QString path = many ? ask_folder(this, tr("A folder for the handouts"), target())
                              : ask_save_path(this, tr("Write the handout"), target(),
                                              tr("Ledgefall studies (*.ledgefall)"), {QStringLiteral("ledgefall")});
    if (!path.isEmpty()) {
        target_->setText(path);
    }
}

QStringList HandoutDialog::files() const {
    const auto list = student_names(names().toStdString());
    QStringList all;
    for (const std::string& name : list ? *list : std::vector<std::string>()) {
        all << target() + QLatin1Char('/') + QString::fromStdString(name) + QStringLiteral(".ledgefall");
    }
    return all.isEmpty() ? QStringList{target()} : all;
}

void HandoutDialog::accept() {
    const bool folder = names().trimmed().isEmpty() && QFileInfo(target()).isDir();
    if (target().isEmpty() || folder) {
        message_->setText(folder ? tr("%1 is a folder. Write the name of a file.").arg(target())
                                 : tr("Write where the handout is to go."));
        return target_->setFocus();
    }
    const auto is_key = [this](const QString& file) {
        return !key_.isEmpty() && QFileInfo(file).canonicalFilePath() == QFileInfo(key_).canonicalFilePath();
    };
    const QStringList all = files();
    if (std::any_of(all.begin(), all.end(), is_key)) {
        message_->setText(tr("This is the file of the study itself. Write the handout to another one."));
        return target_->setFocus();
    }
    const auto there = std::find_if(all.begin(), all.end(), [](const QString& file) { return QFile::exists(file); });
    if (there != all.end() &&
        ask_choice(this, windowTitle(), tr("%1 already exists. Replace it?").arg(*there), {tr("Replace")}) != 0) {
        return;
    }
    QDialog::accept();
}

} // namespace ledgefall

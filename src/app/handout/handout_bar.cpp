#include "app/handout/handout_bar.h"

#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/study/builders/handout.h"
#include "core/study/edits/handout_edits.h"
#include "core/study/model/study_part.h"

#include <QHBoxLayout>
#include <QLocale>
#include <QVBoxLayout>

namespace ledgefall {

HandoutBar::HandoutBar(Document& document, QWidget* parent)
    : QFrame(parent)
    , document_(document)
    , name_(new QLineEdit(this))
    , back_(new QToolButton(this))
    , next_(new QToolButton(this))
    , question_(new QToolButton(this))
    , answer_(new QLineEdit(this))
    , progress_(new QLabel(this))
    , locked_(new QLabel(tr("The rest is locked"), this)) {
    setObjectName(QStringLiteral("handout bar"));
    name_->setPlaceholderText(tr("Your name"));
    name_->setAccessibleName(tr("Your name"));
    name_->setMaximumWidth(theme().px(170));
    answer_->setPlaceholderText(tr("Your answer"));
    answer_->setAccessibleName(tr("Your answer"));
    back_->setArrowType(Qt::LeftArrow);
    name_field(*back_, tr("The question before"));
    next_->setArrowType(Qt::RightArrow);
    name_field(*next_, tr("The next question"));
    question_->setToolTip(tr("Go to what is asked"));
    for (QToolButton* button : {back_, next_, question_}) {
        button->setAutoRaise(true);
        button->setFocusPolicy(Qt::TabFocus);
    }
    locked_->setToolTip(tr("Only what is asked can be changed. You can add columns and held values of your own."));
    auto* line = new QHBoxLayout(this);
    line->setContentsMargins(theme().px(14), theme().px(4), theme().px(14), theme().px(4));
    line->addWidget(name_);
    line->addWidget(back_);
    line->addWidget(next_);
    line->addWidget(question_);
    line->addWidget(answer_, 1);
    line->addStretch(1);
    line->addWidget(progress_);
    line->addWidget(locked_);
    connect(back_, &QToolButton::clicked, this, [this] { step(-1); });
    connect(next_, &QToolButton::clicked, this, [this] { step(1); });
    connect(question_, &QToolButton::clicked, this, &HandoutBar::go);
    connect(name_, &QLineEdit::editingFinished, this, [this] {
        document_.perform(tr("name"), with_student(document_.study(), name_->text().trimmed().toStdString()));
    });
    connect(answer_, &QLineEdit::editingFinished, this, [this] {
        if (const AskedItem* asked = item()) {
            document_.perform(tr("answer"),
                              answer_in_words(document_.study(), asked->part, answer_->text().trimmed().toStdString()));
        }
    });
    connect(&document_, &Document::study_changed, this, &HandoutBar::refresh);
    refresh();
}

const AskedItem* HandoutBar::item() const {
    const std::optional<Handout>& handout = document_.study().handout;
    return handout && !handout->is_key && at_ < handout->asked.size() ? &handout->asked[at_] : nullptr;
}

void HandoutBar::refresh() {
    const Study& study = document_.study();
    const bool is_handout = study.handout && !study.handout->is_key && !study.handout->asked.empty();
    setVisible(is_handout);
    if (!is_handout) {
        at_ = 0;
        return;
    }
    const auto& asked = study.handout->asked;
    at_ = std::min(at_, asked.size() - 1);
    const AskedItem& now = asked[at_];
    const auto done =
        std::count_if(asked.begin(), asked.end(), [&study](const AskedItem& one) { return is_answered(study, one); });
    if (!name_->hasFocus()) {
        name_->setText(QString::fromStdString(study.handout->student));
    }
    const bool in_words = !find_part(study, now.part).exists();
    answer_->setVisible(in_words);
    if (!answer_->hasFocus()) {
        answer_->setText(QString::fromStdString(now.answer));
    }
    question_->setText(tr("%1 of %2: %3 (points: %4)")
                           .arg(at_ + 1)
                           .arg(asked.size())
                           .arg(QString::fromStdString(now.question))
                           .arg(QLocale().toString(now.points)));
    question_->setAccessibleDescription(QString::fromStdString(item_name(study, now)));
    back_->setEnabled(at_ > 0);
    next_->setEnabled(at_ + 1 < asked.size());
    progress_->setText(tr("filled in: %1 of %2").arg(done).arg(asked.size()));
    locked_->setVisible(!study.handout->locked.empty());
}

void HandoutBar::step(int by) {
    at_ = static_cast<std::size_t>(std::max(0, static_cast<int>(at_) + by));
    answer_->clearFocus();
    refresh();
    go();
}

void HandoutBar::go() {
    const AskedItem* asked = item();
    if (asked == nullptr) {
        return;
    }
    if (answer_->isVisible()) {
        return answer_->setFocus();
    }
    Q_EMIT item_wanted(asked->part);
}

} // namespace ledgefall

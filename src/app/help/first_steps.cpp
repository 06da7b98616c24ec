#include "app/help/first_steps.h"

#include "app/theme/theme.h"

#include <QHBoxLayout>
#include <QPainter>
#include <QToolButton>

namespace ledgefall {
namespace {

/// Lies over the window and lets everything through but its own line.
class Frame : public QWidget {
  public:
    explicit Frame(QWidget* window)
        : QWidget(window) {
        setAttribute(Qt::WA_TransparentForMouseEvents);
        setFocusPolicy(Qt::NoFocus);
        hide();
    }

  protected:
    void paintEvent(QPaintEvent*) override {
        QPainter painter(this);
        painter.setRenderHint(QPainter::Antialiasing);
        painter.setPen(QPen(theme().follows, theme().px(3)));
        painter.drawRoundedRect(QRectF(rect()).adjusted(2, 2, -2, -2), 6, 6);
    }
};

} // namespace

FirstSteps::FirstSteps(QWidget* window, QWidget* parent)
    : QFrame(parent)
    , window_(window)
    , frame_(new Frame(window))
    , text_(new QLabel(this))
    , skip_(new QPushButton(tr("Next step"), this)) {
    setObjectName(QStringLiteral("steps"));
    setAccessibleName(tr("A first table in five steps"));
    text_->setWordWrap(true);
    text_->setTextFormat(Qt::PlainText);
    auto* leave_button = new QPushButton(tr("Close"), this);
    auto* layout = new QHBoxLayout(this);
    layout->setContentsMargins(14, 6, 10, 6);
    layout->addWidget(text_, 1);
    layout->addWidget(skip_);
    layout->addWidget(leave_button);
    for (QPushButton* button : {skip_, leave_button}) {
        button->setFocusPolicy(Qt::TabFocus); // a click on them takes the focus from no cell
    }
    connect(skip_, &QPushButton::clicked, this, [this] {
        ++at_;
        show_step();
    });
    connect(leave_button, &QPushButton::clicked, this, &FirstSteps::leave);
    connect(&looking_, &QTimer::timeout, this, &FirstSteps::look_again);
    hide();
}

void FirstSteps::begin(QList<FirstStep> steps, const QString& at_end) {
    steps_ = std::move(steps);
    at_end_ = at_end;
    at_ = 0;
    constexpr int looks_every = 150; // ms
    looking_.start(looks_every);
    setStyleSheet(QStringLiteral("#steps { background: %1; border-top: 2px solid %2; }")
                      .arg(theme().follows_wash.name(), theme().follows.name()));
    show();
    show_step();
}

void FirstSteps::leave() {
    looking_.stop();
    frame_->hide();
    hide();
    at_ = -1;
}

void FirstSteps::show_step() {
    if (at_ >= steps_.size()) {
        looking_.stop();
        frame_->hide();
        skip_->hide();
        text_->setText(at_end_);
        return;
    }
    skip_->show();
    text_->setText(tr("Step %1 of %2. %3").arg(at_ + 1).arg(steps_.size()).arg(steps_[at_].text));
    look_again();
}

void FirstSteps::look_again() {
    if (at_ < 0 || at_ >= steps_.size()) {
        return;
    }
    if (steps_[at_].done()) {
        ++at_;
        return show_step();
    }
    const QRect where = steps_[at_].where();
    frame_->setVisible(!where.isEmpty());
    if (!where.isEmpty()) {
        frame_->setGeometry(where.adjusted(-4, -4, 4, 4).intersected(window_->rect()));
        frame_->raise();
    }
}

} // namespace ledgefall

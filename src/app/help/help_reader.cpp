#include "app/help/help_reader.h"

#include "app/theme/accessibility.h"
#include "app/theme/theme.h"
#include "core/engine/functions/catalogue.h"

#include <QDir>
#include <QFile>
#include <QHBoxLayout>
#include <QRegularExpression>
#include <QVBoxLayout>

#include <algorithm>

namespace ledgefall {
namespace {

QString page_text(const QString& page) {
    QFile file(QStringLiteral(":/help/%1.html").arg(page));
    return file.open(QIODevice::ReadOnly) ? QString::fromUtf8(file.readAll()) : QString();
}

QString title_of(const QString& text) {
    return text.section(QStringLiteral("<title>"), 1).section(QStringLiteral("</title>"), 0, 0);
}

} // namespace

HelpReader::HelpReader(QWidget* parent)
    : QWidget(parent)
    , text_(new QTextBrowser(this))
    , back_(new QToolButton(this)) {
    name_panel(*this, tr("Help"));
    auto* contents = new QToolButton(this);
    auto* close = new QToolButton(this);
    back_->setText(tr("Back"));
    contents->setText(tr("All pages"));
    close->setText(tr("Close"));
    close->setToolTip(tr("Close help (Escape)"));
    for (QToolButton* button : {back_, contents, close}) {
        button->setAutoRaise(true);
    }
    auto* bar = new QHBoxLayout;
    bar->setContentsMargins(8, 4, 8, 2);
    bar->addWidget(back_);
    bar->addWidget(contents);
    bar->addStretch(1);
    bar->addWidget(close);
    auto* layout = new QVBoxLayout(this);
    layout->setContentsMargins(0, 0, 0, 0);
    layout->setSpacing(0);
    layout->addLayout(bar);
    layout->addWidget(text_, 1);
    text_->setOpenLinks(false);
    text_->setFrameShape(QFrame::NoFrame);
    text_->setAccessibleName(tr("Help page"));
    connect(text_, &QTextBrowser::anchorClicked, this, &HelpReader::follow);
    connect(back_, &QToolButton::clicked, this, [this] {
        if (!before_.isEmpty()) {
            const QString place = before_.takeLast();
            place_.clear();
            open(place);
        }
    });
    connect(contents, &QToolButton::clicked, this, [this] { open(QStringLiteral("index")); });
    connect(close, &QToolButton::clicked, this, &HelpReader::closed);
    connect(&theme_notifier(), &ThemeNotifier::changed, this, &HelpReader::apply_theme);
    apply_theme();
}

void HelpReader::apply_theme() {
    const Theme& in_use = theme();
    text_->setFont(in_use.text());
    text_->setStyleSheet(
        QStringLiteral("QTextBrowser { background: %1; color: %2; }").arg(in_use.paper.name(), in_use.ink.name()));
    text_->document()->setDefaultStyleSheet(
        QStringLiteral("a { color: %1; } code { font-family: '%3'; color: %2; } h1 { font-size: 15pt; }"
                       "h2 { font-size: 12pt; } h3 { font-size: 11pt; margin-bottom: 0; }")
            .arg(in_use.follows.name(), in_use.stays.name(), in_use.formula().family()));
    if (!place_.isEmpty()) {
        show_page(place_.section(u'#', 0, 0), place_.section(u'#', 1));
    }
}

void HelpReader::open(const QString& place) {
    if (!place_.isEmpty() && place_ != place) {
        before_.append(place_);
    }
    place_ = place;
    back_->setEnabled(!before_.isEmpty());
    show_page(place.section(u'#', 0, 0), place.section(u'#', 1));
}

void HelpReader::show_page(const QString& page, const QString& anchor) {
    QString text = page_text(page);
    if (page == QStringLiteral("keys")) {
        text = keys_page(keys_);
    }
    if (text.isEmpty()) {
        text = tr("There is no such page.").toHtmlEscaped();
    }
    // In the window an example can be taken; in the page as a file it is only read.
    static const QRegularExpression example(QStringLiteral("<code class=\"example\">(.*?)</code>"));
    qsizetype from = 0;
    for (auto match = example.match(text); match.hasMatch(); match = example.match(text, from)) {
        QString formula = match.captured(1);
        formula.replace(QStringLiteral("&lt;"), QStringLiteral("<"))
            .replace(QStringLiteral("&gt;"), QStringLiteral(">"));
        formula.replace(QStringLiteral("&amp;"), QStringLiteral("&"));
        const QString link = QStringLiteral("<a href=\"example:%1\" title=\"%2\"><code>%3</code></a>")
                                 .arg(QString::fromLatin1(QUrl::toPercentEncoding(formula)),
                                      tr("Insert it into the study").toHtmlEscaped(), match.captured(1));
        text.replace(match.capturedStart(), match.capturedLength(), link);
        from = match.capturedStart() + link.size();
    }
    text.replace(QStringLiteral("../screenshots/"), QStringLiteral(":/screenshots/"));
    constexpr int around = 40; // the margins, and a scroll bar
    text.replace(QStringLiteral("width=\"520\""),
                 QStringLiteral("width=\"%1\"").arg(std::max(200, text_->width() - around)));
    text_->setHtml(text);
    text_->document()->setDocumentMargin(theme().px(12));
    anchor.isEmpty() ? text_->moveCursor(QTextCursor::Start) : text_->scrollToAnchor(anchor);
}

QString HelpReader::keys_page(const QString& rows) {
    return QStringLiteral(
               "<!DOCTYPE html>\n<html lang=\"en\">\n<head><meta charset=\"utf-8\"><title>%1</title></head>\n<body>\n"
               "<p><a href=\"index.html\">%2</a></p>\n<h1>%1</h1>\n"
               "<table cellspacing=\"0\" cellpadding=\"3\">\n%3</table>\n</body>\n</html>\n")
        .arg(tr("Keyboard shortcuts"), tr("All pages"), rows);
}

void HelpReader::follow(const QUrl& link) {
    if (link.scheme() == QStringLiteral("example")) {
        Q_EMIT example_wanted(QUrl::fromPercentEncoding(link.toString(QUrl::FullyEncoded).mid(8).toUtf8()));
    } else if (link.scheme() == QStringLiteral("steps")) {
        Q_EMIT first_steps_wanted();
    } else {
        open(link.toString().remove(QStringLiteral(".html")));
    }
}

QList<HelpTopic> HelpReader::topics() {
    QList<HelpTopic> all;
    for (const QFileInfo& file :
         QDir(QStringLiteral(":/help")).entryInfoList({QStringLiteral("*.html")}, QDir::Files)) {
        const QString page = file.completeBaseName();
        all.append({page, title_of(page_text(page)), page});
    }
    all.append({QStringLiteral("keys"), tr("Keyboard shortcuts"), tr("keys hotkeys")});
    for (const Function& function : catalogue()) {
        const QString name = QString::fromUtf8(function.name.data(), static_cast<qsizetype>(function.name.size()));
        all.append({QStringLiteral("functions#") + name, QString::fromStdString(function.signature()),
                    QString::fromUtf8(function.purpose.data(), static_cast<qsizetype>(function.purpose.size()))});
    }
    return all;
}

} // namespace ledgefall

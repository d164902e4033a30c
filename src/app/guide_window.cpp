#include "app/guide_window.h"

#include "app/page.h"
#include "app/theme.h"
#include "report/language.h"

#include <QDir>
#include <QImage>
#include <QKeyEvent>
#include <QLabel>
#include <QLineEdit>
#include <QListWidget>
#include <QScrollBar>
#include <QShortcut>
#include <QTextBlock>
#include <QTextBrowser>
#include <QVBoxLayout>

#include <algorithm>

namespace riflesso {
namespace {

constexpr int kBlockOfRow = Qt::UserRole;

QString guideFolder() { return shareFolder() + QStringLiteral("/guide"); }

/// Pictures as wide as the text, at most as they are.
class GuideText : public QTextBrowser {
public:
    using QTextBrowser::QTextBrowser;

protected:
    QVariant loadResource(int type, const QUrl& name) override {
        QVariant out = QTextBrowser::loadResource(type, name);
        if (type != QTextDocument::ImageResource)
            return out;
        QImage image = out.canConvert<QImage>() ? out.value<QImage>() : QImage();
        if (image.isNull() && out.canConvert<QByteArray>())
            image = QImage::fromData(out.toByteArray());
        constexpr int kMargins = 48;
        const int wide = viewport()->width() - kMargins;
        return image.width() > wide && wide > 0 ? QVariant(image.scaledToWidth(wide, Qt::SmoothTransformation))
                                                : QVariant(image);
    }
};

} // namespace

QString GuideWindow::chapterOf(const QString& id) {
    const std::pair<const char*, const char*> chapters[] = {
        {"athlete", "1 Athlete"},    {"film", "2 Film"},       {"mark", "3 Mark"},         {"mirror", "4 Mirror"},
        {"findings", "5 Findings"},  {"plan", "6 Plan"},       {"practice", "7 Practice"}, {"progress", "8 Progress"},
        {"handover", "9 Hand-over"}, {"packs", "Skill packs"}, {"settings", "Settings"},   {"start", "Cases"},
        {"bench", "Bench"}};
    for (const auto& [page, chapter] : chapters)
        if (id == QLatin1String(page))
            return QLatin1String(chapter);
    return {};
}

GuideWindow::GuideWindow(QWidget* parent) : QDialog(parent, Qt::Window) {
    setObjectName(QStringLiteral("guide"));
    setWindowTitle(tr("The guide"));
    resize(980, 760);
    auto* column = new QVBoxLayout(this);
    auto* top = new QHBoxLayout;
    search_ = new QLineEdit;
    search_->setObjectName(QStringLiteral("guideSearch"));
    search_->setAccessibleName(tr("Find in the guide"));
    search_->setPlaceholderText(tr("Find in the guide; Enter goes on, Shift Enter back"));
    search_->setClearButtonEnabled(true);
    top->addWidget(search_, 1);
    found_ = label({}, theme::kQuiet);
    found_->setObjectName(QStringLiteral("guideFound"));
    top->addWidget(found_);
    column->addLayout(top);
    auto* across = new QHBoxLayout;
    chapters_ = new QListWidget;
    chapters_->setObjectName(QStringLiteral("guideChapters"));
    chapters_->setAccessibleName(tr("Chapters"));
    constexpr int kChaptersWide = 190;
    chapters_->setFixedWidth(kChaptersWide);
    across->addWidget(chapters_);
    text_ = new GuideText;
    text_->setObjectName(QStringLiteral("guideText"));
    text_->setAccessibleName(tr("The guide"));
    text_->setOpenExternalLinks(false);
    text_->document()->setDocumentMargin(16);
    across->addWidget(text_, 1);
    column->addLayout(across, 1);
    connect(chapters_, &QListWidget::currentRowChanged, this, [this](int row) {
        if (row >= 0)
            goTo(chapters_->item(row)->data(kBlockOfRow).toInt());
    });
    connect(text_, &QTextBrowser::sourceChanged, this, &GuideWindow::fillChapters);
    connect(search_, &QLineEdit::textChanged, this, [this] {
        text_->moveCursor(QTextCursor::Start);
        find(false);
    });
    connect(search_, &QLineEdit::returnPressed, this, [this] { find(false); });
    search_->installEventFilter(this);
    connect(new QShortcut(QKeySequence::Find, this), &QShortcut::activated, this, [this] {
        search_->setFocus();
        search_->selectAll();
    });
}

void GuideWindow::showPage(const QString& id) {
    const QString file = QDir::cleanPath(guideFolder() + QStringLiteral("/guide.md"));
    if (text_->source() != QUrl::fromLocalFile(file) || text_->document()->isEmpty()) {
        show(); // pictures are as wide as the text, which has its width then
        text_->setSource(QUrl::fromLocalFile(file));
        fillChapters();
    }
    if (text_->document()->isEmpty())
        text_->setPlainText(tr("%1 is not there: the guide is not installed.").arg(file));
    show();
    raise();
    activateWindow();
    const auto rows = chapters_->findItems(chapterOf(id), Qt::MatchExactly);
    chapters_->setCurrentRow(-1);
    chapters_->setCurrentRow(rows.isEmpty() ? 0 : chapters_->row(rows[0]));
    text_->setFocus();
}

bool GuideWindow::eventFilter(QObject* watched, QEvent* event) {
    if (watched == search_ && event->type() == QEvent::KeyPress) {
        const auto* key = static_cast<QKeyEvent*>(event);
        if ((key->key() == Qt::Key_Return || key->key() == Qt::Key_Enter) && key->modifiers() & Qt::ShiftModifier) {
            find(true);
            return true;
        }
    }
    return QDialog::eventFilter(watched, event);
}

void GuideWindow::fillChapters() {
    const QSignalBlocker quiet(chapters_);
    chapters_->clear();
    constexpr int kDeepest = 2;
    for (QTextBlock block = text_->document()->begin(); block.isValid(); block = block.next())
        if (const int level = block.blockFormat().headingLevel(); level > 0 && level <= kDeepest) {
            auto* row = new QListWidgetItem(block.text(), chapters_);
            row->setData(kBlockOfRow, block.blockNumber());
        }
}

void GuideWindow::goTo(int block) {
    QTextCursor cursor(text_->document()->findBlockByNumber(block));
    text_->moveCursor(QTextCursor::End); // from below, so that the heading comes to the top
    text_->setTextCursor(cursor);
    text_->verticalScrollBar()->setValue(text_->verticalScrollBar()->value() + text_->cursorRect().top());
}

void GuideWindow::find(bool backwards) {
    const QString words = search_->text();
    if (words.isEmpty()) {
        found_->clear();
        return;
    }
    const auto flags = backwards ? QTextDocument::FindBackward : QTextDocument::FindFlags();
    if (!text_->find(words, flags)) { // round
        text_->moveCursor(backwards ? QTextCursor::End : QTextCursor::Start);
        (void)text_->find(words, flags);
    }
    int count = 0, at = 0;
    for (QTextCursor hit = text_->document()->find(words); !hit.isNull(); hit = text_->document()->find(words, hit)) {
        ++count;
        if (hit.selectionStart() <= text_->textCursor().selectionStart())
            at = count;
    }
    found_->setText(count == 0 ? tr("not there") : tr("%1 of %2").arg(std::max(1, at)).arg(count));
}

} // namespace riflesso

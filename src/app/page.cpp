#include "app/page.h"

#include <QFrame>
#include <QKeyEvent>
#include <QLayout>
#include <QScrollArea>

#include <map>
#include <tuple>

namespace riflesso {

namespace {

/// Knows how high it was at a width: QLabel sets the words anew each time a layout asks, which nested layouts do over
/// and over.
class WordsLabel : public QLabel {
public:
    using QLabel::QLabel;
    [[nodiscard]] int heightForWidth(int width) const override {
        const QString words = text();
        if (words.isEmpty()) // a picture, whose size nothing here tells of
            return QLabel::heightForWidth(width);
        const std::tuple setting(words, wordWrap(), margin(), indent());
        if (setting != setting_ || heights_.size() > kWidths) {
            setting_ = setting;
            heights_.clear();
        }
        const auto [entry, isNew] = heights_.try_emplace(width, 0);
        if (isNew)
            entry->second = QLabel::heightForWidth(width);
        return entry->second;
    }

protected:
    void changeEvent(QEvent* event) override {
        heights_.clear(); // another font or style
        QLabel::changeEvent(event);
    }

private:
    static constexpr std::size_t kWidths = 16;
    mutable std::tuple<QString, bool, int, int> setting_;
    mutable std::map<int, int> heights_;
};

} // namespace

QList<KeyHint> Page::keys() {
    QList<KeyHint> out;
    for (const PageKey& row : keyTable())
        if (row.now && !row.line.isEmpty())
            out.append(KeyHint{row.shown, row.line});
    return out;
}

QList<KeyHint> Page::allKeys() {
    QList<KeyHint> out;
    for (const PageKey& row : keyTable())
        if (row.listed)
            out.append(KeyHint{row.shown, row.list.isEmpty() ? row.line : row.list});
    return out;
}

void Page::keyPressEvent(QKeyEvent* event) {
    const KeyPress press{event->key(), event->modifiers().testFlag(Qt::ShiftModifier)};
    if (!(event->modifiers() & (Qt::ControlModifier | Qt::AltModifier | Qt::MetaModifier))) {
        if (takeKey(press))
            return;
        for (const PageKey& row : keyTable())
            if (row.now && row.act && row.keys.contains(press.key)) {
                row.act(press);
                return;
            }
    }
    QWidget::keyPressEvent(event);
}

std::vector<PageKey> undoRow(const Workspace& workspace) {
    const QString name = workspace.undoName();
    if (name.isEmpty())
        return {};
    return {
        {.shown = QStringLiteral("Ctrl Z"), .line = Page::tr("undo \"%1\"").arg(name), .list = {}, .listed = false}};
}

QLabel* label(const QString& text, const char* role, QWidget* parent) {
    auto* out = new WordsLabel(text, parent);
    out->setWordWrap(true);
    if (role)
        out->setProperty("role", QLatin1String(role));
    return out;
}

QScrollArea* scrolled(QWidget* inner) {
    auto* scroll = new QScrollArea;
    scroll->setFrameShape(QFrame::NoFrame);
    scroll->setWidgetResizable(true);
    scroll->setHorizontalScrollBarPolicy(Qt::ScrollBarAlwaysOff);
    scroll->setWidget(inner);
    return scroll;
}

QWidget* hairline(QWidget* parent) {
    auto* line = new QFrame(parent);
    line->setObjectName(QStringLiteral("line"));
    return line;
}

void clearLayout(QLayout* layout) {
    while (QLayoutItem* item = layout->takeAt(0)) {
        if (QWidget* widget = item->widget()) {
            widget->hide();
            widget->deleteLater();
        } else if (QLayout* inner = item->layout()) {
            clearLayout(inner);
        }
        delete item;
    }
}

} // namespace riflesso

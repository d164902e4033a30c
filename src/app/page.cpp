#include "app/page.h"

#include <QFrame>
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

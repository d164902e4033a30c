#include "app/start/skill_box.h"

#include "app/packs/shipped_packs.h"
#include "app/theme.h"
#include "core/pack/pack_reader.h"
#include "report/words.h"

#include <QApplication>
#include <QCompleter>
#include <QFocusEvent>
#include <QLineEdit>
#include <QListView>
#include <QPainter>
#include <QPixmapCache>
#include <QStandardItemModel>
#include <QStyledItemDelegate>
#include <QTimer>

#include <algorithm>

namespace riflesso {
namespace {

enum Role { TextRole = Qt::UserRole, LineRole, PictureRole, SearchRole, WordsRole };
constexpr int kPictureWide = 72, kPictureHigh = 54, kMargin = 6, kMostRows = 7;

/// A picture, the name, and a line under it.
class SkillRow : public QStyledItemDelegate {
public:
    using QStyledItemDelegate::QStyledItemDelegate;
    [[nodiscard]] QSize sizeHint(const QStyleOptionViewItem& option, const QModelIndex&) const override {
        return {option.rect.width(), kPictureHigh + 2 * kMargin};
    }
    void paint(QPainter* painter, const QStyleOptionViewItem& option, const QModelIndex& index) const override {
        QStyleOptionViewItem plain = option;
        initStyleOption(&plain, index);
        plain.text.clear();
        plain.icon = {};
        QApplication::style()->drawControl(QStyle::CE_ItemViewItem, &plain, painter, option.widget);
        const bool chosen = option.state & QStyle::State_Selected;
        const QRect room = option.rect.adjusted(kMargin, kMargin, -kMargin, -kMargin);
        const QRect picture(room.topLeft(), QSize(kPictureWide, kPictureHigh));
        QPixmap drawn;
        if (const QString file = index.data(PictureRole).toString();
            !file.isEmpty() && !QPixmapCache::find(file, &drawn) && drawn.load(file))
            QPixmapCache::insert(file, drawn);
        if (drawn.isNull())
            painter->fillRect(picture, theme::colours().raised);
        else
            painter->drawPixmap(picture, drawn);
        const QRect words = room.adjusted(kPictureWide + 2 * kMargin, 0, 0, 0);
        painter->save();
        QFont strong = option.font;
        strong.setBold(true);
        painter->setFont(strong);
        painter->setPen(option.palette.color(chosen ? QPalette::HighlightedText : QPalette::Text));
        const int line = QFontMetrics(strong).height();
        painter->drawText(
            words, Qt::AlignLeft | Qt::AlignTop,
            QFontMetrics(strong).elidedText(index.data(Qt::DisplayRole).toString(), Qt::ElideRight, words.width()));
        painter->setFont(option.font);
        if (!chosen)
            painter->setPen(theme::colours().slate);
        painter->drawText(words.adjusted(0, line, 0, 0), Qt::AlignLeft | Qt::AlignTop | Qt::TextWordWrap,
                          index.data(LineRole).toString());
        painter->restore();
    }
};

} // namespace

SkillBox::SkillBox(QWidget* parent) : QComboBox(parent) {
    setEditable(true);
    setInsertPolicy(QComboBox::NoInsert);
    setMaxVisibleItems(kMostRows);
    setSizeAdjustPolicy(QComboBox::AdjustToMinimumContentsLengthWithIcon);
    setMinimumContentsLength(24);
    setAccessibleName(tr("Skill"));
    auto* list = new QListView;
    list->setUniformItemSizes(true);
    setView(list);
    list->setItemDelegate(new SkillRow(list));
    lineEdit()->setPlaceholderText(tr("Type a sport, a movement, a part of the body"));
    auto* found = new QCompleter(this);
    found->setCompletionMode(QCompleter::PopupCompletion);
    found->setFilterMode(Qt::MatchContains);
    found->setCaseSensitivity(Qt::CaseInsensitive);
    found->setCompletionRole(SearchRole);
    found->setMaxVisibleItems(kMostRows);
    auto* foundList = new QListView;
    foundList->setUniformItemSizes(true);
    found->setPopup(foundList);
    setCompleter(found);
    connect(found, qOverload<const QModelIndex&>(&QCompleter::activated), this,
            [this](const QModelIndex& index) { setCurrentIndex(findText(index.data(Qt::DisplayRole).toString())); });
    connect(lineEdit(), &QLineEdit::editingFinished, this, [this] { search(lineEdit()->text()); });
    lineEdit()->installEventFilter(this);
}

bool SkillBox::eventFilter(QObject* watched, QEvent* event) {
    const bool taken = QComboBox::eventFilter(watched, event);
    // Whoever clicks into it wants to type another one, not to add letters to the name.
    if (watched == lineEdit() && event->type() == QEvent::FocusIn &&
        static_cast<QFocusEvent*>(event)->reason() == Qt::MouseFocusReason)
        QTimer::singleShot(0, lineEdit(), &QLineEdit::selectAll); // after the click has set the cursor
    return taken;
}

void SkillBox::fill(const QStringList& lastUsed, const std::vector<OwnSkill>& own) {
    QStringList ownTexts;
    for (const OwnSkill& skill : own)
        if (!skill.editions.empty())
            ownTexts << skill.editions.back().pack;
    if (count() > 0 && order_ == lastUsed && ownTexts_ == ownTexts)
        return;
    order_ = lastUsed;
    ownTexts_ = ownTexts;
    const QString chosen = packTitle();
    std::vector<ShippedPack> packs = shippedPacks();
    for (const QString& text : ownTexts) {
        const PackReading reading = readPack(text.toStdString());
        if (reading.faults.empty())
            packs.push_back({words::text(reading.pack.id),
                             words::text(reading.pack.title),
                             text,
                             tr("Your own"),
                             words::text(reading.pack.about).section(QStringLiteral(". "), 0, 0),
                             {},
                             {}});
    }
    const auto rank = [&](const ShippedPack& pack) {
        const auto at = lastUsed.indexOf(pack.title);
        return at < 0 ? lastUsed.size() : at;
    };
    std::stable_sort(packs.begin(), packs.end(), [&](const ShippedPack& a, const ShippedPack& b) {
        return rank(a) != rank(b) ? rank(a) < rank(b) : a.group < b.group;
    });
    auto* model = new QStandardItemModel(this);
    for (const ShippedPack& pack : packs) {
        auto* item = new QStandardItem(pack.title);
        item->setData(pack.text, TextRole);
        item->setData(pack.group.isEmpty() ? pack.line : QStringLiteral("%1 · %2").arg(pack.group, pack.line),
                      LineRole);
        item->setData(pack.picture, PictureRole);
        item->setData(QStringLiteral("%1 %2 %3").arg(pack.title, pack.group, pack.words), SearchRole);
        item->setData(pack.words, WordsRole);
        item->setToolTip(pack.line);
        model->appendRow(item);
    }
    setModel(model);
    completer()->setModel(model);
    completer()->popup()->setItemDelegate(new SkillRow(completer()->popup())); // a new model brings the plain one back
    setCurrentIndex(std::max(0, findText(chosen)));
}

/// What was typed and chosen from no list: the skill that it fits best, by its title, else by how early it stands among
/// the words of a skill; where it fits none, the one that was chosen before.
void SkillBox::search(const QString& typed) {
    if (typed == itemText(currentIndex()))
        return;
    const QString sought = typed.trimmed();
    int best = -1;
    qsizetype bestAt = 0;
    for (int i = 0; i < count(); ++i) {
        if (sought.isEmpty() || !itemData(i, SearchRole).toString().contains(sought, Qt::CaseInsensitive))
            continue;
        constexpr qsizetype kByGroup = 1 << 20;
        const qsizetype among = itemData(i, WordsRole).toString().indexOf(sought, 0, Qt::CaseInsensitive);
        const qsizetype at = itemText(i).contains(sought, Qt::CaseInsensitive) ? -1 : among < 0 ? kByGroup : among;
        if (best < 0 || at < bestAt) {
            best = i;
            bestAt = at;
        }
    }
    if (best >= 0)
        setCurrentIndex(best);
    else
        setEditText(itemText(currentIndex()));
}

QString SkillBox::packText() const {
    return currentIndex() < 0 ? QString() : itemData(currentIndex(), TextRole).toString();
}
QString SkillBox::packTitle() const { return currentIndex() < 0 ? QString() : itemText(currentIndex()); }

} // namespace riflesso

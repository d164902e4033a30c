#include "app/widgets/kept_labels.h"

#include "app/page.h"

#include <QGridLayout>

namespace riflesso {

QLabel* KeptLabels::put(const QString& text, const char* role, const QString& name, int row, int column, int columns) {
    const QString wanted = QString::fromLatin1(role);
    if (used_ < entries_.size()) {
        const Entry& entry = entries_[used_];
        if (entry.role == wanted && entry.name == name && entry.row == row && entry.column == column &&
            entry.columns == columns) {
            entry.label->setText(text);
            ++used_;
            return entry.label;
        }
        end(); // from here on other things stand
    }
    QLabel* made = label(text, role);
    made->setObjectName(name);
    grid_.addWidget(made, row, column, 1, columns);
    entries_.push_back({made, wanted, name, row, column, columns});
    ++used_;
    return made;
}

void KeptLabels::end() {
    for (std::size_t i = used_; i < entries_.size(); ++i) {
        grid_.removeWidget(entries_[i].label);
        entries_[i].label->hide();
        entries_[i].label->deleteLater();
    }
    entries_.erase(entries_.begin() + static_cast<std::ptrdiff_t>(used_), entries_.end());
}

} // namespace riflesso

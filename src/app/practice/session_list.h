#pragma once
// Today's session as a running sheet: step by step, with what was done of each.

#include "app/workspace.h"
#include "work/practice_session.h"

#include <QWidget>

class QLabel;
class QVBoxLayout;

namespace riflesso {

class SessionList : public QWidget {
    Q_OBJECT
public:
    explicit SessionList(QWidget* parent = nullptr);
    /// current: the step that is followed.
    void setItems(const Pack& pack, const std::vector<SessionItem>& items, std::size_t current);

signals:
    void chosen(std::size_t item);

private:
    struct Row {
        QString text, tip;
        bool here = false, begun = false;
        bool operator==(const Row&) const = default;
    };
    static Row rowOf(const Pack& pack, const SessionItem& item, std::size_t index, bool here);
    QVBoxLayout* rows_;
    std::vector<Row> shown_;
};

/// "Recall", "Warm up", "Main", …
[[nodiscard]] QString partName(LessonItem::Part part);
/// The steps with a drill of which nothing was logged today: "Upright shin, Counted block".
[[nodiscard]] QString leftOut(const Pack& pack, const std::vector<SessionItem>& items);

} // namespace riflesso

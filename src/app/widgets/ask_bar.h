#pragma once
// A question in its place, with yes and no; nothing is shown until something is asked.

#include <QWidget>

#include <functional>

class QLabel;
class QPushButton;

namespace riflesso {

class AskBar : public QWidget {
    Q_OBJECT
public:
    /// Its parts are called NAMEQuestion, NAMEYes, NAMENo.
    AskBar(const QString& name, QWidget* parent);
    /// `work` is done after yes. Asking anew drops what was asked before.
    void ask(const QString& question, const QString& yes, std::function<void()> work);
    void drop() { ask({}, {}, {}); }

private:
    QLabel* question_;
    QPushButton *yes_, *no_;
    std::function<void()> work_;
};

} // namespace riflesso

#pragma once
// Text of several lines that says when the person has left it.

#include <QPlainTextEdit>

#include <functional>

namespace riflesso {

class LinesEdit : public QPlainTextEdit {
public:
    explicit LinesEdit(std::function<void()> left) : left_(std::move(left)) { setTabChangesFocus(true); }

protected:
    void focusOutEvent(QFocusEvent* event) override {
        QPlainTextEdit::focusOutEvent(event);
        left_();
    }

private:
    std::function<void()> left_;
};

} // namespace riflesso

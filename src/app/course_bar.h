#pragma once
// The course: the steps in the order of the work, each with its state.

#include "app/page.h"

#include <QAbstractButton>

#include <map>

class QVBoxLayout;

namespace riflesso {

class StepButton : public QAbstractButton {
    Q_OBJECT
public:
    StepButton(const QString& title, bool isStep, QWidget* parent);
    void setState(const StepState& state);
    [[nodiscard]] QSize sizeHint() const override;

protected:
    void paintEvent(QPaintEvent*) override;
    bool event(QEvent*) override;

private:
    StepState state_;
    bool isStep_;
    bool hovered_ = false;
};

class CourseBar : public QWidget {
    Q_OBJECT
public:
    explicit CourseBar(QWidget* parent = nullptr);
    /// Adds a step (or, below the steps, a plain entry) that asks for `page`.
    void add(const QString& page, const QString& title, bool isStep);
    void setCurrent(const QString& page);
    [[nodiscard]] QString titleOf(const QString& page) const;
    void setState(const QString& page, const StepState& state);

signals:
    void asked(const QString& page);

private:
    std::map<QString, StepButton*> buttons_;
    QVBoxLayout *steps_, *rest_;
};

} // namespace riflesso

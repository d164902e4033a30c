#pragma once
// A page of the course. It shows values of the workspace and changes them through Workspace::apply.

#include "app/workspace.h"

#include <QLabel>
#include <QWidget>

class QScrollArea;

namespace riflesso {

/// How a step of the course stands.
struct StepState {
    enum class Kind { Untouched, InWork, Done, Attention } kind = Kind::Untouched;
    QString detail; ///< "12 of 16"
};

struct KeyHint {
    QString key, what;
};

class Page : public QWidget {
    Q_OBJECT
public:
    Page(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {}

    /// One line: what is shown, what is missing, what to do next. May hold <b>.
    [[nodiscard]] virtual QString headline() const = 0;
    [[nodiscard]] virtual StepState state() const = 0;
    /// Keys that work right now.
    [[nodiscard]] virtual QList<KeyHint> keys() const { return {}; }
    /// Every key of the page, for the list of keys; the window adds its own.
    [[nodiscard]] virtual QList<KeyHint> allKeys() const { return keys(); }
    /// Shows the workspace's values. Called when they change and the page is seen, and when it comes to the front.
    virtual void refresh() = 0;
    /// Another library is opened: drops what is kept of the one before, whose row ids mean other things there.
    virtual void forget() {}

signals:
    void headlineChanged();
    /// Asks the window for another page: "mark", with an optional event or frame to show.
    void goTo(const QString& page, const QString& detail = {});
    /// Asks for the explanation of a number.
    void why(const QString& measure, const QString& trial = {});

public slots:
    /// Detail of a goTo that led here.
    virtual void show(const QString& detail) { Q_UNUSED(detail) }

protected:
    [[nodiscard]] Workspace& workspace() const { return workspace_; }

private:
    Workspace& workspace_;
};

/// A label with a role of the style sheet (theme.h).
[[nodiscard]] QLabel* label(const QString& text, const char* role = nullptr, QWidget* parent = nullptr);
/// `inner` in a frameless area that scrolls up and down.
[[nodiscard]] QScrollArea* scrolled(QWidget* inner);
/// A thin line.
[[nodiscard]] QWidget* hairline(QWidget* parent = nullptr);
/// Removes everything from a layout.
void clearLayout(QLayout* layout);

} // namespace riflesso

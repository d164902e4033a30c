#pragma once
// A page of the course. It shows values of the workspace and changes them through Workspace::apply.

#include "app/workspace.h"

#include <QLabel>
#include <QWidget>

#include <functional>
#include <vector>

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

/// A key as a page sees it; with Ctrl, Alt or Meta it is none of a page's.
struct KeyPress {
    int key = 0; ///< Qt::Key
    bool shift = false;
};

/// One row of a page's table of keys, which feeds the list of keys, the status line and what a key does.
struct PageKey {
    QString shown;        ///< "← →"
    QString line;         ///< what it does, in the status line; empty: not said there
    QString list;         ///< the same in the list of keys; empty: as in the line
    QList<int> keys = {}; ///< Qt::Key; none: the mouse, or a key of the window
    std::function<void(KeyPress)> act = {};
    bool now = true;    ///< it works as things stand
    bool listed = true; ///< in the list of keys
};
/// "Ctrl Z: undo ..." for the status line, nothing where there is nothing to undo.
[[nodiscard]] std::vector<PageKey> undoRow(const Workspace& workspace);

class Page : public QWidget {
    Q_OBJECT
public:
    Page(Workspace& workspace, QWidget* parent) : QWidget(parent), workspace_(workspace) {}

    /// One line: what is shown, what is missing, what to do next. May hold <b>.
    [[nodiscard]] virtual QString headline() const = 0;
    [[nodiscard]] virtual StepState state() const = 0;
    /// Keys that work right now, for the status line.
    [[nodiscard]] QList<KeyHint> keys();
    /// Every key of the page, for the list of keys; the window adds its own.
    [[nodiscard]] QList<KeyHint> allKeys();
    /// The page's keys as things stand. Of two rows with one key the first that works counts.
    [[nodiscard]] virtual std::vector<PageKey> keyTable() { return {}; }
    /// Shows the workspace's values. Called when they change and the page is seen, and when it comes to the front.
    virtual void refresh() = 0;
    /// Another library is opened: drops what is kept of the one before, whose row ids mean other things there.
    virtual void forget() {}

signals:
    /// Opens the own target of a measure.
    void changeTarget(const QString& measure);
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
    void keyPressEvent(QKeyEvent* event) override;
    /// A key that something asked for, before the table: true when it was taken.
    virtual bool takeKey(KeyPress press) {
        Q_UNUSED(press)
        return false;
    }

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

#pragma once
// Drives the real window: clicks, keys, waiting for a state instead of a time.

#include "app/main_window.h"
#include "app/theme.h"
#include "app/widgets/stage_view.h"
#include "demo/demo_library.h"
#include "support/built_demo.h"

#include <QAbstractButton>
#include <QTemporaryDir>
#include <QtTest>

#include "support/sanitized.h" // after QtTest, whose waits it makes longer

namespace riflesso::test {

inline DemoSources demoSources() { return {QStringLiteral(DEMO_CLIPS), QStringLiteral(PACKS)}; }

/// A copy of the demo library: of CTest's, or of one built once for a test program that is run by itself.
inline QString demoCopy(const QTemporaryDir& into) {
    static QTemporaryDir own;
    static const QString built = [] {
        if (!builtDemo().isEmpty())
            return builtDemo();
        if (!buildDemoLibrary(own.path(), demoSources()))
            qFatal("the demo could not be built");
        return own.path();
    }();
    if (!copyLibrary(built, into.path()))
        qFatal("the demo could not be copied");
    return into.path();
}

struct Driver {
    Workspace workspace;
    std::unique_ptr<MainWindow> window;
    QStringList errors; ///< what was said as an error

    Driver() {
        theme::apply(*qApp, theme::Choice::Light);
        window = std::make_unique<MainWindow>(workspace);
        window->resize(1280, 800);
        window->show();
        QApplication::setActiveWindow(window.get()); // shortcuts belong to the active window
        QObject::connect(&workspace, &Workspace::said, &workspace, [this](const QString& text, bool isError) {
            if (isError)
                errors << text;
            qInfo("said: %s", qPrintable(text));
        });
    }
    template <class T> T* find(const char* name) const {
        T* widget = window->findChild<T*>(QString::fromUtf8(name));
        if (!widget)
            qWarning("no widget called %s", name);
        return widget;
    }
    void click(const char* name) const {
        auto* button = find<QAbstractButton>(name);
        QVERIFY2(button && button->isEnabled(), name);
        QTest::mouseClick(button, Qt::LeftButton);
    }
    void step(const char* page) const { click((std::string("step-") + page).c_str()); }
    void key(int key, Qt::KeyboardModifiers modifiers = Qt::NoModifier) const {
        QTest::keyClick(window->page(window->currentPage()), static_cast<Qt::Key>(key), modifiers);
    }
    /// A shortcut of the window, as the keyboard gives it: to the active window, not to a widget.
    void shortcut(Qt::Key key, Qt::KeyboardModifiers modifiers) const {
        window->activateWindow();
        QVERIFY(QTest::qWaitForWindowActive(window.get()));
        window->page(window->currentPage())->setFocus(); // a text field keeps Ctrl Z for its own text
        QTest::keyClick(window->windowHandle(), key, modifiers);
    }
    void type(const char* name, const QString& text) const {
        auto* edit = find<QWidget>(name);
        edit->setFocus();
        QTest::keyClicks(edit, text);
    }
    void selectAthlete(const QString& name) {
        const auto cases = workspace.library()->cases();
        for (const CaseEntry& entry : *cases)
            if (entry.athlete == name)
                workspace.selectCase(entry.id);
        QCOMPARE(workspace.data().athlete.name, name);
    }
    [[nodiscard]] bool quiet() const {
        return workspace.assessment() != nullptr && !workspace.assessing() &&
               const_cast<Workspace&>(workspace).jobs().idle();
    }
    [[nodiscard]] QString headline() const { return find<QLabel>("headline")->text(); }
    /// Waits until a stage shows a picture of this frame's clip.
    [[nodiscard]] bool shows(const char* stage) const {
        auto* view = find<StageView>(stage);
        return QTest::qWaitFor([view] { return !view->image().isNull(); }, 10000);
    }
    /// Clicks a place of the picture on a stage.
    void clickPixel(const char* stage, QPointF pixel) const {
        auto* view = find<StageView>(stage);
        QTest::mouseClick(view, Qt::LeftButton, {}, view->transform().toWidget(pixel).toPoint());
    }
    void dragPixel(const char* stage, QPointF from, QPointF to) const {
        auto* view = find<StageView>(stage);
        const QPoint at = view->transform().toWidget(from).toPoint(), end = view->transform().toWidget(to).toPoint();
        QTest::mousePress(view, Qt::LeftButton, {}, at);
        QTest::mouseMove(view, (at + end) / 2);
        QTest::mouseMove(view, end);
        QTest::mouseRelease(view, Qt::LeftButton, {}, end);
    }
    [[nodiscard]] const CaseData& data() const { return workspace.data(); }
};

} // namespace riflesso::test

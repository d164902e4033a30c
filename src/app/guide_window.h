#pragma once
// The guide beside the program: docs/guide.md with its pictures, at the page at hand, to be searched.

#include <QDialog>

class QLabel;
class QLineEdit;
class QListWidget;
class QTextBrowser;

namespace riflesso {

class GuideWindow : public QDialog {
    Q_OBJECT
public:
    explicit GuideWindow(QWidget* parent = nullptr);
    /// At the chapter of a page (MainWindow::pageIds); at its beginning for any other id.
    void showPage(const QString& id);
    /// The chapter of a page, as its heading stands in the guide; empty: none.
    [[nodiscard]] static QString chapterOf(const QString& id);

protected:
    bool eventFilter(QObject* watched, QEvent* event) override;

private:
    void fillChapters();
    void goTo(int block);
    void find(bool backwards);
    QLineEdit* search_;
    QLabel* found_;
    QListWidget* chapters_;
    QTextBrowser* text_;
};

} // namespace riflesso

#pragma once
// The window: course, case line, headline, pages, status line. Delegates all work to the pages.

#include "app/course_bar.h"
#include "app/picture_out.h"
#include "app/status_line.h"
#include "app/tour/tour.h"
#include "app/why_panel.h"

#include <QStackedWidget>

#include <map>

class QLineEdit;

namespace riflesso {

class GuideWindow;
class WalkRecorder;

class MainWindow : public QWidget {
    Q_OBJECT
public:
    explicit MainWindow(Workspace& workspace, QWidget* parent = nullptr);
    /// Page ids: athlete film mark mirror findings plan practice handover packs settings start.
    void showPage(const QString& id, const QString& detail = {});
    [[nodiscard]] QString currentPage() const { return current_; }
    [[nodiscard]] Page* page(const QString& id) const;
    [[nodiscard]] static QStringList pageIds();
    /// Adds clips to the chosen session (a new one where there is none) and shows them.
    void addClips(const QStringList& paths);
    /// Files dropped or opened from outside: case archives are brought in, anything else is a clip.
    void takeFiles(const QStringList& paths);
    /// The ten-minute tour, in the demo; opens that first where another library is open.
    void takeTour();
    [[nodiscard]] const Tour& tour() const { return *tour_; }

protected:
    void contextMenuEvent(QContextMenuEvent* event) override;
    void resizeEvent(QResizeEvent*) override;
    void dragEnterEvent(QDragEnterEvent*) override;
    void dropEvent(QDropEvent*) override;

private:
    void addPage(const QString& id, const QString& title, Page* page, bool isStep);
    void explain(const QString& measure, const QString& trial);
    void refreshAll();
    void listKeys(); ///< all keys of the page, over it
    void showFrameOfTrial(const QString& trial, int frame);
    void runSearch(const QString& text);
    void fillSearch();

    Workspace& workspace_;
    CourseBar* course_;
    QLabel *caseLine_, *headline_, *message_;
    QLineEdit* search_;
    QStackedWidget* stack_;
    StatusLine* status_;
    WhyPanel* why_;
    PictureMenu* pictures_;
    GuideWindow* guide_ = nullptr; ///< made when it is first asked for
    Tour* tour_;
    WalkRecorder* walk_;
    std::map<QString, QString> titles_; ///< of the pages
    std::map<QString, Page*> pages_;
    std::map<QString, std::function<void()>> found_; ///< what a search entry does
    QString current_;
};

} // namespace riflesso

#pragma once
// The time strip of a repetition: phases, key events, where marks are, and two traces. Click or drag to go there.

#include <QColor>
#include <QPixmap>
#include <QString>
#include <QWidget>

#include <vector>

namespace riflesso {

struct StripTrace {
    QString title;
    QString unit; ///< as it follows a number: "°", " s"
    std::vector<double> frames, values;
    std::vector<double> expandedU = {}; ///< one a value, drawn as a band; empty: not known
    bool operator==(const StripTrace&) const = default;
};
struct StripEvent {
    QString id, title;
    double frame = 0;
    bool selected = false;
    bool operator==(const StripEvent&) const = default;
};
struct StripSpan {
    QString title;
    double from = 0, to = 0;
    bool operator==(const StripSpan&) const = default;
};
struct StripContent {
    int from = 0, to = 0; ///< frames shown
    std::vector<StripSpan> phases;
    std::vector<StripEvent> events;
    std::vector<double> coverage; ///< share of the landmarks marked, per frame from `from`
    enum class Trust { Set, Proposed, Doubtful };
    std::vector<Trust> trust; ///< of the least sure mark, per frame; empty: all set by hand
    std::vector<StripTrace> traces;
    bool numbers = true; ///< traces say their value at the frame shown
    bool operator==(const StripContent&) const = default;
};

class TimeStrip : public QWidget {
    Q_OBJECT
public:
    explicit TimeStrip(QWidget* parent = nullptr);
    void setContent(StripContent content);
    void setFrame(int frame);

signals:
    void frameAsked(int frame);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;
    void mouseMoveEvent(QMouseEvent*) override;

private:
    [[nodiscard]] double xOf(double frame) const;
    void ask(double x);
    struct Rows;
    void drawPhasesAndMarks(QPainter& painter, const Rows& rows) const;
    void drawTrace(QPainter& painter, const Rows& rows, const StripTrace& trace, double y) const;
    void drawEvents(QPainter& painter, const Rows& rows) const;
    void drawValue(QPainter& painter, const Rows& rows, const StripTrace& trace, double y) const;
    StripContent content_;
    int frame_ = 0;
    QPixmap drawn_; ///< all but the frame shown; null: to be drawn
    QColor ink_;    ///< of the theme it is drawn in
};

} // namespace riflesso

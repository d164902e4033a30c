#pragma once
// The cause map: of the chosen finding, what causes it to its left and what follows from it to its right; or of the
// whole case, every finding and cause in its place.

#include "core/judge/findings.h"
#include "core/pack/pack.h"

#include <QWidget>

namespace riflesso {

class CauseMap : public QWidget {
    Q_OBJECT
public:
    explicit CauseMap(QWidget* parent = nullptr);
    void setFinding(const Pack& pack, const Findings& findings, const std::string& fault);
    /// All findings with what causes them, from left to right; `chosen` stands out.
    void setCase(const Pack& pack, const Findings& findings, const std::string& chosen);
    [[nodiscard]] QSize sizeHint() const override { return {320, 190}; }

signals:
    void faultClicked(const QString& fault);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    struct Box {
        std::string fault; ///< empty: a cause outside the movement
        QString title, kind;
        std::size_t column = 0, row = 0;
        bool present = false, chosen = false;
        State state = State::Within;
    };
    struct Tie {
        std::size_t from = 0, to = 0; ///< boxes
        double weight = 0;
    };
    std::size_t add(const Pack& pack, const Findings& findings, const std::string& fault, std::size_t column);
    std::size_t addOutside(const CauseDef& cause, std::size_t column);
    void tie(std::size_t from, std::size_t to, double weight) { ties_.push_back({from, to, weight}); }
    void clear();
    void settle();
    [[nodiscard]] QRectF rectOf(const Box& box) const;
    [[nodiscard]] QString wordsOf(std::size_t box) const;
    std::vector<Box> boxes_;
    std::vector<Tie> ties_;
    std::vector<std::size_t> rows_; ///< boxes in each column
};

} // namespace riflesso

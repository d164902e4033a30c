#pragma once
// The cause map: the chosen finding, what causes it to its left, what follows from it to its right.

#include "core/findings.h"
#include "core/pack.h"

#include <QWidget>

namespace riflesso {

class CauseMap : public QWidget {
    Q_OBJECT
public:
    explicit CauseMap(QWidget* parent = nullptr);
    void setFinding(const Pack& pack, const Findings& findings, const std::string& fault);
    [[nodiscard]] QSize sizeHint() const override { return {320, 190}; }

signals:
    void faultClicked(const QString& fault);

protected:
    void paintEvent(QPaintEvent*) override;
    void mousePressEvent(QMouseEvent*) override;

private:
    struct Box {
        std::string fault;
        QString title;
        int column = 0;
        int row = 0;
        double weight = 0;
        bool present = false;
        State state = State::Within;
    };
    [[nodiscard]] QRectF rectOf(const Box& box) const;
    [[nodiscard]] static QString wordsOf(const Box& box);
    std::vector<Box> boxes_; ///< first: the finding itself
    int rows_[3] = {0, 0, 0};
};

} // namespace riflesso

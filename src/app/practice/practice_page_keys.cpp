#include "app/practice/court_panel.h"
#include "app/practice/home_grid.h"
#include "app/practice/practice_page.h"
#include "app/practice/share_bar.h"
#include "app/practice/stop_box.h"

#include <QPushButton>

// Its keys, and measured feedback beside the block.

namespace riflesso {

std::vector<PageKey> PracticePage::keyTable() {
    std::vector<PageKey> keys = {
        {QStringLiteral("G N"),
         tr("good, not"),
         tr("good (also Page Down)"),
         {Qt::Key_G, Qt::Key_PageDown},
         [this](KeyPress) { log(true); }},
        {QStringLiteral("N"),
         {},
         tr("not good (also Page Up)"),
         {Qt::Key_N, Qt::Key_PageUp},
         [this](KeyPress) { log(false); }},
        {QStringLiteral("F O"),
         tr("felt"),
         tr("felt right, before it is judged"),
         {Qt::Key_F},
         [this](KeyPress) { felt(true); }},
        {QStringLiteral("O"), {}, tr("felt off, before it is judged"), {Qt::Key_O}, [this](KeyPress) { felt(false); }},
        {QStringLiteral("T S A"),
         tr("told"),
         tr("the cue was said after it (also B)"),
         {Qt::Key_T, Qt::Key_B},
         [this](KeyPress) { told(Told::Cue); }},
        {QStringLiteral("S"), {}, tr("it was shown after it"), {Qt::Key_S}, [this](KeyPress) { told(Told::Shown); }},
        {QStringLiteral("A"),
         {},
         tr("the athlete asked for feedback"),
         {Qt::Key_A},
         [this](KeyPress) { told(Told::Asked); }},
        {QStringLiteral("M"),
         {},
         tr("a measured value was told"),
         {Qt::Key_M},
         [this](KeyPress) { told(Told::Measured); }},
        {QStringLiteral("1…9"),
         tr("result"),
         tr("its result"),
         {Qt::Key_1, Qt::Key_2, Qt::Key_3, Qt::Key_4, Qt::Key_5, Qt::Key_6, Qt::Key_7, Qt::Key_8, Qt::Key_9},
         [this](KeyPress press) { result(static_cast<std::size_t>(press.key - Qt::Key_1)); }},
        {tr("Enter"),
         tr("finish"),
         tr("what the number says; without one finish the block, go on to the next step"),
         {Qt::Key_Return, Qt::Key_Enter},
         [this](KeyPress) { court_->proposed() ? accept() : finish(); }},
        {tr("Backspace"), tr("take back"), {}, {Qt::Key_Backspace}, [this](KeyPress) { takeBack(); }},
        {QStringLiteral("C"),
         {},
         tr("film and measure"),
         {Qt::Key_C},
         [this](KeyPress) { showCourt(!court_->isOpen()); }},
        {tr("Space"),
         {},
         tr("the movement is over, while a camera films"),
         {Qt::Key_Space},
         [this](KeyPress) { court_->endMovement(); },
         court_->isOpen()},
        {QStringLiteral("V"),
         {},
         tr("show the number of what was filmed"),
         {Qt::Key_V},
         [this](KeyPress) { court_->showNumber(); },
         court_->isOpen()},
        {tr("Esc"), {}, tr("stop filming"), {Qt::Key_Escape}, [this](KeyPress) { showCourt(false); }, court_->isOpen()},
        {QStringLiteral("H"),
         {},
         tr("the home sheet, typed back"),
         {Qt::Key_H},
         [this](KeyPress) { showHome(home_->isHidden()); }},
        {QStringLiteral("P"), tr("stop"), tr("stop: pain or dizzy"), {Qt::Key_P}, [this](KeyPress) {
             stopBox_->ask();
         }}};
    return keys;
}

void PracticePage::showCourt(bool court) {
    if (court && (!drill() || !home_->isHidden() || !film_->isEnabled()))
        return;
    if (court)
        court_->open(choice().fault);
    else
        court_->close();
    court_->setVisible(court);
    for (QWidget* each : std::initializer_list<QWidget*>{share_, verdict_, bar_, detail_, good_})
        each->setVisible(!court);
    if (workspace().hasCase())
        refresh();
    setFocus();
}

void PracticePage::accept() {
    if (const auto good = court_->proposed())
        log(*good);
}

} // namespace riflesso

#pragma once
// Hand-over: the plan as it will print, frozen with its numbers, as PDF.

#include "app/page.h"
#include "report/report_content.h"

class QLineEdit;
class QPushButton;
class QVBoxLayout;

namespace riflesso {

class HandoverPage : public Page {
    Q_OBJECT
public:
    HandoverPage(Workspace& workspace, QWidget* parent);
    [[nodiscard]] QString headline() const override;
    [[nodiscard]] StepState state() const override;
    [[nodiscard]] QList<KeyHint> keys() const override;
    void refresh() override;

protected:
    void keyPressEvent(QKeyEvent*) override;

private:
    [[nodiscard]] ReportContent compose() const;
    [[nodiscard]] QString suggestedPath() const;
    void preview();
    void freezeAndPrint();
    void printStored(const StoredAssessment& stored, const QString& path);

    QVBoxLayout *pages_, *stored_;
    QLineEdit* path_;
    QPushButton* print_;
    QLabel *what_, *leaves_;
    const Assessment* shown_ = nullptr;
    bool pathEdited_ = false;
};

} // namespace riflesso

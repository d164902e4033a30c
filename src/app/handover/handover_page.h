#pragma once
// Hand-over: the papers as they will print, from an assessment frozen with its numbers, as PDF.

#include "app/page.h"
#include "report/paper.h"

class QComboBox;
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
    [[nodiscard]] std::vector<PageKey> keyTable() override;
    void refresh() override;

public slots:
    /// The word of a paper: plan, page, home, positions, card.
    void show(const QString& detail) override;

private:
    [[nodiscard]] ReportContent compose() const;
    [[nodiscard]] QString suggestedPath() const;
    void showPapers(const ReportContent& content);
    void preview();
    void freezeAndPrint();
    void printStored(const StoredAssessment& stored, const QString& path);

    QVBoxLayout *pages_, *stored_;
    QLineEdit* path_;
    QPushButton* print_;
    QLabel *what_, *leaves_;
    QComboBox* papers_;
    Paper paper_ = Paper::Plan;
    std::shared_ptr<const Assessment> shown_; ///< held: another must not lie where it lay
    bool pathEdited_ = false;
};

} // namespace riflesso

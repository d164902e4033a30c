#pragma once
// Two copies of one case brought together: what will be taken from there, and what both have changed, to be decided.

#include <QWidget>

#include <memory>
#include <vector>

class QLabel;
class QPushButton;
class QTreeWidget;

namespace riflesso {

class CaseArchive;
struct CaseData;
struct CaseMerge;

class TogetherBox : public QWidget {
    Q_OBJECT
public:
    explicit TogetherBox(QWidget* parent = nullptr);
    ~TogetherBox() override;
    /// Nothing is shown before it is asked.
    void ask(const std::shared_ptr<CaseArchive>& archive, const CaseData& here, const CaseMerge& merge);
    void drop();
    [[nodiscard]] const std::shared_ptr<CaseArchive>& archive() const { return archive_; }
    [[nodiscard]] const CaseMerge& merge() const { return *merge_; }
    /// For each question: as it is there.
    [[nodiscard]] std::vector<bool> answers() const;

signals:
    void together();
    void beside(); ///< as a case of its own
    void left();   ///< nothing at all

private:
    std::shared_ptr<CaseArchive> archive_;
    std::unique_ptr<CaseMerge> merge_;
    QLabel* said_;
    QTreeWidget* questions_;
    QPushButton* together_;
};

} // namespace riflesso

#pragma once
// A story of the demo world: one athlete, one skill, what was filmed, noted, decided and practised. Kept as
// NAME.story.json beside the clips; days count from the baseline.

#include "core/result.h"
#include "store/case_data.h"

#include <map>
#include <optional>
#include <set>
#include <string>
#include <vector>

namespace riflesso {

/// What the analyst notes beside the marks, repetition after repetition; a list that ends begins again.
struct StoryNotes {
    std::vector<std::string> variants;
    std::optional<bool> variantFits;
    std::vector<std::string> results, felt;
    std::map<std::string, std::vector<std::string>> observations;
    void noteIn(Repetition& repetition, std::size_t index) const;
};
struct StoryClip {
    std::string clip; ///< name of the files beside the story
    QString title;
    std::optional<Stress> stress; ///< of the athlete's repetitions; none: a model's clip
    StoryNotes notes;
    std::set<std::string> unseen;   ///< landmarks that this view hides: they are not marked
    std::set<std::string> unmarked; ///< key events that are not marked in it
    std::string sameAs; ///< its repetitions are those of the same numbers in this clip, seen by another camera
};
struct StorySession {
    QDate date;
    QString title;
    bool isModel = false;
    std::vector<StoryClip> clips;
};
/// What the analyst says of the first session, over what is shown.
struct StoryTalk {
    struct Part {
        QString page, title, say;
        double fromS = 0, toS = 0; ///< of the voice
        int finding = 0;           ///< which of those that are worked on
    };
    QDateTime at;
    QString voice; ///< a sound beside the story
    std::vector<Part> parts;
};
struct Story {
    int shelf = 0; ///< its place among the stories, from 1
    std::string packFile;
    QString title;
    Athlete athlete;
    PlanSettings plan;
    std::vector<Competition> competitions;
    std::vector<Belief> beliefs;
    std::optional<GoalTarget> goal;
    std::vector<Decision> decisions;
    std::vector<StorySession> sessions; ///< the first is where the case opens
    std::vector<PracticeBlock> practice;
    StoryTalk talk;
};

/// Every fault of a story is bad input, with its path. `name`: for errors.
[[nodiscard]] Result<Story> readStory(const std::string& text, const std::string& name);

} // namespace riflesso

#include "core/uncertainty/noise_bank.h"

#include "core/signal/signal.h"
#include "core/uncertainty/dual.h"

#include <algorithm>
#include <cmath>
#include <list>
#include <mutex>
#include <numeric>
#include <random>

namespace riflesso {
namespace {

constexpr std::uint64_t kBankSeed = 20240612;
constexpr std::size_t kBankBytes = std::size_t(96) << 20; // of all banks kept

} // namespace

std::shared_ptr<const NoiseBank> noiseBank(int samples, double cutoffHz, double rateHz) {
    struct Entry {
        int samples;
        double cutoff, rate;
        std::shared_ptr<const NoiseBank> bank;
    };
    static std::mutex mutex; // guards kept, keptBytes, raw
    static std::list<Entry> kept;
    static std::size_t keptBytes = 0;
    constexpr double kSame = 1e-9;
    const std::lock_guard lock(mutex);
    for (const Entry& entry : kept)
        if (entry.samples == samples && std::abs(entry.cutoff - cutoffHz) < kSame &&
            std::abs(entry.rate - rateHz) < kSame * rateHz)
            return entry.bank;
    // Raw noise is drawn once, for the longest run so far; a shorter one takes the first of it.
    static Eigen::MatrixXd raw;
    if (raw.rows() < samples) {
        std::mt19937_64 random(kBankSeed);
        std::normal_distribution<double> normal;
        constexpr Eigen::Index kFirstRows = 256;
        const Eigen::Index rows = std::max<Eigen::Index>({kFirstRows, samples, 2 * raw.rows()});
        raw.resize(rows, kDraws);
        for (Eigen::Index r = 0; r < rows; ++r) // row after row: a longer one begins as a shorter one
            for (Eigen::Index c = 0; c < kDraws; ++c)
                raw(r, c) = normal(random);
    }
    const LowPass filter = designDualPass(cutoffHz, rateHz);
    auto bank = std::make_shared<NoiseBank>();
    bank->columns.resize(samples, kDraws);
    std::vector<double> column(static_cast<std::size_t>(samples));
    for (Eigen::Index c = 0; c < kDraws; ++c) {
        std::copy_n(raw.col(c).data(), samples, column.begin());
        const std::vector<double> smooth = filterZeroLag(column, filter);
        bank->columns.col(c) = Eigen::Map<const Eigen::VectorXd>(smooth.data(), samples);
    }
    bank->rows.resize(static_cast<std::size_t>(samples) * 2 * kDraws);
    using Rows = Eigen::Matrix<float, Eigen::Dynamic, Eigen::Dynamic, Eigen::RowMajor>;
    Eigen::Map<Rows> rows(bank->rows.data(), samples, Eigen::Index{2} * kDraws);
    rows.leftCols(kDraws) = bank->columns.cast<float>();
    rows.rightCols(kDraws) = rows.leftCols(kDraws);
    const Eigen::Index middle = samples / 2;
    const double draws = std::sqrt(double(kDraws));
    bank->level = bank->columns.row(middle).norm() / draws;
    bank->step = (bank->columns.row(middle + 1) - bank->columns.row(middle - 1)).norm() / draws;
    const auto bytes = [](const Entry& entry) { return static_cast<std::size_t>(entry.samples) * kDraws * 16; };
    kept.push_front({samples, cutoffHz, rateHz, bank});
    keptBytes += bytes(kept.front());
    while (keptBytes > kBankBytes && kept.size() > 1) {
        keptBytes -= bytes(kept.back());
        kept.pop_back();
    }
    return bank;
}

const DrawTable& drawTable() {
    static const DrawTable kTable = [] {
        std::mt19937_64 random(kBankSeed + 1);
        std::normal_distribution<double> normal;
        DrawTable table;
        const auto fill = [&](auto& matrix, Eigen::Index rows) {
            matrix.resize(rows, kDraws);
            for (Eigen::Index c = 0; c < kDraws; ++c)
                for (Eigen::Index r = 0; r < rows; ++r)
                    matrix(r, c) = normal(random);
        };
        fill(table.common, Eigen::Index{2} * kMaxInputs);
        fill(table.unit, 1);
        fill(table.from, 1);
        fill(table.to, 1);
        for (Eigen::Index c = 0; c < table.common.rows(); ++c)
            for (int draw = 0; draw < kDraws; ++draw)
                table.commonLanes.push_back(static_cast<float>(table.common(c, draw)));
        table.unitLanes.assign(table.unit.begin(), table.unit.end());
        const auto rising = [](const Eigen::RowVectorXd& numbers) {
            std::vector<int> draws(kDraws);
            std::iota(draws.begin(), draws.end(), 0);
            std::sort(draws.begin(), draws.end(), [&](int a, int b) { return numbers[a] < numbers[b]; });
            return draws;
        };
        table.byFrom = rising(table.from);
        table.byTo = rising(table.to);
        return table;
    }();
    return kTable;
}

std::vector<int> firstNotBefore(const std::vector<double>& timesS, double baseS, double uS,
                                const Eigen::RowVectorXd& normal, const std::vector<int>& order, double shiftS) {
    std::vector<int> out(kDraws);
    std::size_t i = 0;
    for (const int draw : order) {
        const double t = std::clamp(baseS + uS * normal[draw], timesS.front(), timesS.back()) + shiftS;
        while (i < timesS.size() && timesS[i] < t)
            ++i;
        out[static_cast<std::size_t>(draw)] = static_cast<int>(i);
    }
    return out;
}

} // namespace riflesso

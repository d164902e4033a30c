#pragma once
// Motion capture in BVH: joint positions by forward kinematics. Test data: CMU trial 01_01 of Debian's
// assimp-testmodels (mocap.cs.cmu.edu, NSF EIA-0196217), repeated two-foot jumps.

#include <Eigen/Geometry>

#include <fstream>
#include <map>
#include <string>
#include <vector>

namespace riflesso::test {

class Bvh {
public:
    /// Empty (no frames) when the file cannot be read.
    explicit Bvh(const std::string& path) {
        std::ifstream in(path);
        std::string word;
        std::vector<int> open;
        while (in >> word && word != "MOTION") {
            if (word == "ROOT" || word == "JOINT" || word == "End") {
                Joint joint;
                in >> joint.name;
                joint.parent = open.empty() ? -1 : open.back();
                joints_.push_back(joint);
            } else if (word == "{") {
                open.push_back(static_cast<int>(joints_.size()) - 1);
            } else if (word == "}") {
                open.pop_back();
            } else if (word == "OFFSET") {
                in >> joints_.back().offset[0] >> joints_.back().offset[1] >> joints_.back().offset[2];
            } else if (word == "CHANNELS") {
                std::size_t count = 0;
                in >> count;
                joints_.back().channels.resize(count);
                for (std::string& channel : joints_.back().channels)
                    in >> channel;
            }
        }
        int frames = 0;
        in >> word >> frames >> word >> word >> frameTimeS_;
        std::size_t channels = 0;
        for (const Joint& joint : joints_)
            channels += joint.channels.size();
        for (int f = 0; f < frames; ++f) {
            std::vector<double> row(channels);
            for (double& value : row)
                in >> value;
            if (in)
                rows_.push_back(row);
        }
    }
    [[nodiscard]] std::size_t frames() const { return rows_.size(); }
    [[nodiscard]] double frameTimeS() const { return frameTimeS_; }
    /// Places of all joints in a frame, in the file's unit.
    [[nodiscard]] std::map<std::string, Eigen::Vector3d> positions(std::size_t frame) const {
        std::vector<Eigen::Affine3d> world(joints_.size());
        std::map<std::string, Eigen::Vector3d> out;
        std::size_t next = 0;
        for (std::size_t i = 0; i < joints_.size(); ++i) {
            const Joint& joint = joints_[i];
            Eigen::Vector3d moved = joint.offset;
            Eigen::Matrix3d turned = Eigen::Matrix3d::Identity();
            for (const std::string& channel : joint.channels) {
                const double value = rows_[frame][next++];
                const int axis = channel[0] - 'X';
                if (channel.ends_with("position"))
                    moved[axis] += value;
                else
                    turned = turned * Eigen::AngleAxisd(value * 0.017453292519943295, Eigen::Vector3d::Unit(axis));
            }
            const Eigen::Affine3d own = Eigen::Translation3d(moved) * Eigen::Affine3d(turned);
            world[i] = joint.parent < 0 ? own : world[static_cast<std::size_t>(joint.parent)] * own;
            out[joint.name] = world[i].translation();
        }
        return out;
    }

private:
    struct Joint {
        std::string name;
        int parent = -1;
        Eigen::Vector3d offset = Eigen::Vector3d::Zero();
        std::vector<std::string> channels;
    };
    std::vector<Joint> joints_;
    std::vector<std::vector<double>> rows_;
    double frameTimeS_ = 0;
};

constexpr const char* kCmuJumps = "/usr/share/assimp/models/BVH/01_01.bvh";

} // namespace riflesso::test

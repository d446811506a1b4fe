#pragma once

#include <cmath>
#include <cstdint>
#include <cstdio>
#include <fstream>
#include <map>
#include <sstream>
#include <string>
#include <vector>

#include <QByteArray>
#include <QString>

#include "cli/command_line.hpp"
#include "support/flat_answer.hpp"

namespace sobremesa::tests {

/// Between nothing and one, by the letters (FNV-1a).
inline double share_of(const std::string& text) {
    std::uint64_t hash = 0xcbf29ce484222325U;
    for (const char c : text) hash = (hash ^ static_cast<unsigned char>(c)) * 0x100000001b3U;
    return double(hash >> 11U) * 0x1.0p-53;
}

/// One figure for a part of an answer, and how many figures and words are in it.
struct Told {
    double figure = 0.0;
    int of = 0;

    /// A thousandth of a number moves it by a thousandth, whatever the number's size; a word moves it at random.
    void add(const std::string& path, const nlohmann::json& value) {
        const double given = value.is_number() ? value.get<double>() : NAN;
        // What has no end is written as it is.
        const double number = std::isfinite(given) ? std::asinh(1000.0 * given)
                                                   : 10.0 * share_of(path + (given > 0.0 ? "inf" : value.dump()));
        figure += (1.0 + share_of(path)) * number;
        ++of;
    }
    /// What another order of a sum, or another machine, makes of it.
    double tolerance() const { return 4e-6 * of + 2e-4; }
};

using ToldParts = std::map<std::string, Told>;

/// What was answered to one question, gathered part by part.
class ToldAnswers {
public:
    explicit ToldAnswers(std::string name)
        : name_(std::move(name)), shown_(qEnvironmentVariable("SOBREMESA_SHOW") == QString::fromStdString(name_)) {}

    const std::string& name() const { return name_; }
    const ToldParts& parts() const { return parts_; }

    void show(const nlohmann::json& document) const {
        if (shown_) std::printf("%s\n", document.dump(1).c_str());
    }
    void add(const std::string& part, const nlohmann::json& answer) {
        std::map<std::string, nlohmann::json> flat;
        flatten(answer, {}, flat);
        for (const auto& [path, value] : flat) {
            // Where the files lie is no answer.
            if (value.is_string() && value.get_ref<const std::string&>().find('/') != std::string::npos) continue;
            if (shown_) std::printf("%s %s %s\n", part.c_str(), path.c_str(), value.dump().c_str());
            parts_[part].add(path, value);
        }
    }
    /// A command's answer, each of its top members a part; or what it says to a refusal.
    void ask(const std::string& title, std::vector<std::string> arguments, const std::string& folder) {
        std::ostringstream out;
        std::ostringstream err;
        arguments.emplace_back("--json");
        const int code = cli::run(arguments, out, err);
        if (code != cli::exit_done) {
            std::string said = err.str();
            for (auto at = said.find(folder); at != std::string::npos; at = said.find(folder))
                said.erase(at, folder.size());
            std::replace(said.begin(), said.end(), '/', ' ');
            add(title + ".refused", said);
            return;
        }
        const auto answer = nlohmann::json::parse(out.str());
        for (const auto& [key, value] : answer.items()) add(title + "." + key, value);
    }

private:
    std::string name_;
    bool shown_;
    ToldParts parts_;
};

/// What was told when it was last recorded, in a file with a line for each question. SOBREMESA_RECORD=1 writes it
/// anew.
class ToldRecord {
public:
    explicit ToldRecord(std::string file)
        : file_(std::move(file)), recording_(qEnvironmentVariableIsSet("SOBREMESA_RECORD")) {
        std::ifstream lines(file_);
        for (std::string line; std::getline(lines, line);) {
            std::istringstream words(line);
            std::string name;
            words >> name;
            std::string part;
            double figure = 0.0;
            while (words >> part >> figure) then_[name][part] = {figure, 0};
        }
    }

    /// Takes answers in. @return what of them moved since they were recorded; empty: nothing
    std::string moved(const ToldAnswers& answers) {
        now_[answers.name()] = answers.parts();
        if (recording_) return {};
        const ToldParts& then = then_[answers.name()];
        std::string moved;
        for (const auto& [part, told] : answers.parts()) {
            const auto at = then.find(part);
            if (at == then.end())
                moved += "\n  " + part + " is new";
            else if (std::abs(at->second.figure - told.figure) > told.tolerance())
                moved += "\n  " + part + " moved by " + std::to_string(told.figure - at->second.figure);
        }
        for (const auto& [part, told] : then)
            if (!answers.parts().contains(part)) moved += "\n  " + part + " is gone";
        if (moved.empty()) return {};
        return answers.name() + ":" + moved + "\nSOBREMESA_SHOW=" + answers.name() +
               " prints what is in it. If that is meant: SOBREMESA_RECORD=1.";
    }
    /// All questions were asked: writes the record where that is wanted. @return a question of it that was not;
    /// empty: none
    std::string closed() const {
        if (recording_) {
            std::ofstream file(file_);
            for (const auto& [name, parts] : now_) {
                file << name;
                for (const auto& [part, told] : parts)
                    file << ' ' << part << ' ' << QByteArray::number(told.figure, 'f', 4).constData();
                file << '\n';
            }
            return {};
        }
        for (const auto& [name, parts] : then_)
            if (!now_.contains(name)) return name;
        return {};
    }
    std::size_t asked() const { return now_.size(); }

private:
    std::string file_;
    bool recording_;
    std::map<std::string, ToldParts> then_;
    std::map<std::string, ToldParts> now_;
};

} // namespace sobremesa::tests

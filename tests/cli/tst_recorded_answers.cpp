// Answers of the command line as they were when somebody last looked at them: a net under everything that has no
// test of its own. It does not say what is right (the reference tests do); it says which figures a change moved.
//
// After a change that is meant: SOBREMESA_RECORD=1 with this test writes the answers anew; read what `git diff`
// shows.

#include <cmath>
#include <fstream>
#include <map>
#include <sstream>

#include <QDir>
#include <QFile>
#include <QTemporaryDir>
#include <QTest>

#include <nlohmann/json.hpp>

#include "cli/command_line.hpp"
#include "io/text_file.hpp"
#include "support/flat_answer.hpp"
#include "support/test_program.hpp"

using namespace sobremesa;
using nlohmann::json;

namespace {

const QString folder = QStringLiteral(SOURCE_DIR "/tests/cli/recorded/");

std::vector<json> cases() {
    return json::parse(*io::read_text_file((folder + QStringLiteral("cases.json")).toStdString()));
}

std::string written(const json& value) {
    if (!value.is_number_float()) return value.dump();
    std::ostringstream text;
    text.precision(9);
    text << value.get<double>();
    return text.str();
}

/// The same but for what another compiler or another order of a sum makes of it. A chance is drawn days: a few of
/// hundreds may fall on the other side.
bool agree(const json& now, const json& then) {
    if (!now.is_number() || !then.is_number()) return now == then;
    const double a = now.get<double>();
    const double b = then.get<double>();
    constexpr double share = 2e-6;
    constexpr double least = 1e-7;
    return std::abs(a - b) <= share * std::max(std::abs(a), std::abs(b)) + least;
}

} // namespace

class RecordedAnswersTest : public QObject {
    Q_OBJECT
private slots:
    void answersAreAsRecorded_data();
    void answersAreAsRecorded();
    void everyRecordHasItsCase();
    void cleanup() { tests::end_at_failure(); }

private:
    std::string argument(const std::string& word, const json& one);
    QTemporaryDir made_;
};

/// "@document" is the case's own, made of a demo document and what is changed in it (RFC 7396); "@demo/…" a file of
/// the demo.
std::string RecordedAnswersTest::argument(const std::string& word, const json& one) {
    if (word.starts_with("@demo/")) return DEMO_DIR + word.substr(5);
    if (word != "@document") return word;
    json document = one.value("document", json::object());
    if (one.contains("base")) {
        document = json::parse(*io::read_text_file(DEMO_DIR "/" + one["base"].get<std::string>()));
        document.merge_patch(one.value("change", json::object()));
        // Rasters are named as seen from the document.
        if (document["mission"].contains("terrain_file"))
            document["mission"]["terrain_file"] =
                DEMO_DIR "/" + document["mission"]["terrain_file"].get<std::string>();
    }
    const std::string path = made_.filePath(QStringLiteral("document.json")).toStdString();
    std::ofstream(path) << document;
    return path;
}

void RecordedAnswersTest::answersAreAsRecorded_data() {
    QTest::addColumn<int>("index");
    const auto all = cases();
    for (int i = 0; i < int(all.size()); ++i)
        QTest::addRow("%s", all[std::size_t(i)]["name"].get<std::string>().c_str()) << i;
}

void RecordedAnswersTest::answersAreAsRecorded() {
    QFETCH(int, index);
    const json one = cases()[std::size_t(index)];
    std::vector<std::string> arguments;
    for (const std::string word : one["arguments"]) arguments.push_back(argument(word, one));
    std::ostringstream out;
    std::ostringstream err;
    const int code = cli::run(arguments, out, err);
    QVERIFY2(code == cli::exit_done, err.str().c_str());
    std::map<std::string, json> now;
    tests::flatten(json::parse(out.str()), {}, now);
    // Where the files lie is no answer.
    std::erase_if(now, [](const auto& each) {
        return each.second.is_string() && each.second.template get<std::string>().find('/') != std::string::npos;
    });

    const QString file = folder + QString::fromStdString(one["name"]) + QStringLiteral(".txt");
    if (qEnvironmentVariableIsSet("SOBREMESA_RECORD")) {
        std::ofstream record(file.toStdString());
        for (const auto& [path, value] : now) record << path << ' ' << written(value) << '\n';
        return;
    }
    std::ifstream record(file.toStdString());
    QVERIFY2(record, qPrintable(file));
    std::map<std::string, json> then;
    for (std::string line; std::getline(record, line);) {
        const auto blank = line.find(' ');
        then[line.substr(0, blank)] = json::parse(line.substr(blank + 1));
    }
    std::string moved;
    std::size_t count = 0;
    constexpr std::size_t most_told = 12;
    const auto tell = [&](const std::string& what) {
        if (++count <= most_told) moved += "\n  " + what;
    };
    for (const auto& [path, value] : then) {
        const auto at = now.find(path);
        if (at == now.end())
            tell(path + " is gone, was " + written(value));
        else if (!agree(at->second, value))
            tell(path + " is " + written(at->second) + ", was " + written(value));
    }
    for (const auto& [path, value] : now) {
        if (!then.contains(path)) tell(path + " is new: " + written(value));
    }
    if (count > most_told) moved += "\n  and " + std::to_string(count - most_told) + " more";
    QVERIFY2(count == 0, (moved + "\nIf that is meant: SOBREMESA_RECORD=1, and read the difference.").c_str());
}

void RecordedAnswersTest::everyRecordHasItsCase() {
    QStringList names{QStringLiteral("cases.json")};
    for (const json& one : cases()) names << QString::fromStdString(one["name"]) + QStringLiteral(".txt");
    for (const QString& file : QDir(folder).entryList(QDir::Files))
        QVERIFY2(names.contains(file), qPrintable(file));
}

SOBREMESA_TEST(RecordedAnswersTest)
#include "tst_recorded_answers.moc"

#include "io/build_document.hpp"

#include "io/document_parts.hpp"
#include "io/pack_fields.hpp"

namespace sobremesa::io {

namespace {

constexpr int build_version = 1;

} // namespace

units::Result<BuildDocument> build_from_json(const std::string& text, const std::string& file) {
    const auto tree = parse_json(text, file);
    if (!tree) return tl::unexpected(tree.error());
    if (auto error = check_format(*tree, file, "sobremesa-build", build_version)) return tl::unexpected(*error);
    BuildDocument document;
    DocumentReader in(*tree, file, "");
    in.allow({"format", "version"});
    FieldReader reader(in);
    describe_build(reader, document.build);
    if (in.error()) return tl::unexpected(*in.error());
    document.diagnostics = in.unknown_keys();
    return document;
}

std::string json_from_pack(const battery::Pack& pack) {
    nlohmann::json document = pack_to_json(pack);
    document["format"] = "sobremesa-pack";
    document["version"] = 1;
    return document.dump(2);
}

} // namespace sobremesa::io

// Writes the tables of documents' fields in docs/file-formats.md anew; scripts/field-tables runs it, and
// tests/io/tst_document_fields.cpp fails where they are not up to date.

#include <fstream>
#include <iostream>
#include <sstream>

#include "io/field_tables.hpp"

int main(int argc, char** argv) {
    if (argc != 2) {
        std::cerr << "usage: field_tables FILE.md\n";
        return 2;
    }
    std::stringstream page;
    page << std::ifstream(argv[1]).rdbuf();
    std::ofstream(argv[1]) << sobremesa::io::with_field_tables(page.str());
    return 0;
}

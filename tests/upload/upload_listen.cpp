// Listens as the window does and says on standard output where, and then of each picture how many bytes came; for
// tools/browser-upload. Ends with its standard input.

#include "upload/upload_server.h"

#include <cstdio>
#include <iostream>

int main() {
    try {
        const zokran::UploadServer server(
            {"127.0.0.1"}, [](const char* english) { return std::string(english); },
            [](const std::string& bytes, zokran::PictureFormat format) {
                std::printf("%zu%s\n", bytes.size(), std::string(zokran::extensionOf(format)).c_str());
                std::fflush(stdout);
            });
        std::printf("%s\n", server.urls().front().c_str());
        std::fflush(stdout);
        std::string line;
        while (std::getline(std::cin, line)) {
        }
        return 0;
    } catch (const zokran::UploadError& e) {
        std::fprintf(stderr, "%s\n", e.what());
        return 2;
    }
}

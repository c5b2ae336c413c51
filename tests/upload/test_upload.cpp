// The server for telephones' pictures, asked as a telephone asks and as nobody should.

#include "upload/upload_page.h"
#include "upload/upload_server.h"

#include <algorithm>
#include <arpa/inet.h>
#include <atomic>
#include <catch2/catch.hpp>
#include <chrono>
#include <condition_variable>
#include <fstream>
#include <mutex>
#include <sys/socket.h>
#include <thread>
#include <unistd.h>

using namespace zokran;

namespace {

const std::string jpeg = "\xFF\xD8\xFF\xE0 a picture of sorts";

/// What arrived, to be waited for.
class Inbox {
public:
    UploadServer::Arrived taker() {
        return [this](std::string bytes, PictureFormat format) {
            const std::lock_guard lock(mutex_);
            all_.emplace_back(std::move(bytes), format);
        };
    }
    std::vector<std::pair<std::string, PictureFormat>> all() {
        const std::lock_guard lock(mutex_);
        return all_;
    }

private:
    std::mutex mutex_;
    std::vector<std::pair<std::string, PictureFormat>> all_;
};

std::string sameWords(const char* english) {
    return english;
}

struct Address {
    int port;
    std::string path;
};
Address addressOf(const UploadServer& server) {
    const std::string& url = server.urls().front();
    const auto colon = url.rfind(':'), slash = url.find('/', colon);
    return {std::stoi(url.substr(colon + 1, slash - colon - 1)), url.substr(slash)};
}

/// One connection to the server.
class Client {
public:
    explicit Client(int port) : socket_(::socket(AF_INET, SOCK_STREAM, 0)) {
        sockaddr_in at{};
        at.sin_family = AF_INET;
        at.sin_port = htons(static_cast<std::uint16_t>(port));
        inet_pton(AF_INET, "127.0.0.1", &at.sin_addr);
        isOpen_ = ::connect(socket_, reinterpret_cast<sockaddr*>(&at), sizeof at) == 0;
        timeval patience{5, 0};
        ::setsockopt(socket_, SOL_SOCKET, SO_RCVTIMEO, &patience, sizeof patience);
        ::setsockopt(socket_, SOL_SOCKET, SO_SNDTIMEO, &patience, sizeof patience);
    }
    ~Client() { ::close(socket_); }
    Client(const Client&) = delete;
    Client& operator=(const Client&) = delete;

    bool isOpen() const { return isOpen_; }
    /// False once the other side has closed.
    bool send(const std::string& bytes) {
        for (std::size_t at = 0; at < bytes.size();) {
            const auto n = ::send(socket_, bytes.data() + at, bytes.size() - at, MSG_NOSIGNAL);
            if (n <= 0)
                return false;
            at += static_cast<std::size_t>(n);
        }
        return true;
    }
    /// Everything until the other side closes or has said the whole of its `Content-Length`.
    std::string answer() {
        std::string all;
        char some[4096];
        for (;;) {
            const auto n = ::recv(socket_, some, sizeof some, 0);
            if (n <= 0)
                return all;
            all.append(some, static_cast<std::size_t>(n));
            const auto head = all.find("\r\n\r\n"), length = all.find("Content-Length: ");
            if (head != std::string::npos && length < head &&
                all.size() >= head + 4 + std::stoul(all.substr(length + 16)))
                return all;
        }
    }

private:
    int socket_;
    bool isOpen_ = false;
};

std::string get(const Address& at, const std::string& path, const std::string& method = "GET") {
    Client client(at.port);
    client.send(method + " " + path + " HTTP/1.1\r\nHost: x\r\n\r\n");
    return client.answer();
}

std::string formOf(const std::vector<std::string>& files, const std::string& name = "head.jpg") {
    std::string body;
    for (const std::string& file : files)
        body += "--cut\r\nContent-Disposition: form-data; name=\"chosen\"; filename=\"" + name +
                "\"\r\nContent-Type: image/jpeg\r\n\r\n" + file + "\r\n";
    return body + "--cut--\r\n";
}

std::string post(const Address& at, const std::string& body, const std::string& path = {}) {
    Client client(at.port);
    client.send("POST " + (path.empty() ? at.path : path) +
                " HTTP/1.1\r\nHost: x\r\nContent-Type: multipart/form-data; boundary=cut\r\nContent-Length: " +
                std::to_string(body.size()) + "\r\n\r\n" + body);
    return client.answer();
}

bool saysStatus(const std::string& answer, int status) {
    return answer.starts_with("HTTP/1.1 " + std::to_string(status));
}

/// The most memory the process had, MB.
double peakMegabytes() {
    std::ifstream status("/proc/self/status");
    std::string word;
    while (status >> word)
        if (word == "VmHWM:") {
            double kilobytes = 0;
            status >> kilobytes;
            return kilobytes / 1024;
        }
    return 0;
}

} // namespace

TEST_CASE("A picture's format is told by its first bytes") {
    CHECK(formatOf(jpeg) == PictureFormat::Jpeg);
    CHECK(formatOf("\x89PNG\r\n\x1A\n....") == PictureFormat::Png);
    CHECK(formatOf(std::string("RIFF\0\0\0\0WEBPVP8 ", 16)) == PictureFormat::WebP);
    CHECK(formatOf(std::string("\0\0\0\x18" "ftypheic", 12)) == PictureFormat::Heif);
    CHECK(formatOf(std::string("\0\0\0\x18" "ftypisom", 12)) == PictureFormat::Unknown); // a film
    for (const char* other : {"", "\xFF\xD8", "GIF89a", "<svg>", "PK\x03\x04"})
        CHECK(formatOf(other) == PictureFormat::Unknown);
    CHECK_FALSE(isReadable(PictureFormat::Heif));
    CHECK(extensionOf(PictureFormat::WebP) == ".webp");
}

TEST_CASE("The page is one file with nothing from elsewhere, and pictures arrive whole") {
    Inbox inbox;
    const UploadServer server({"127.0.0.1"}, sameWords, inbox.taker());
    const Address at = addressOf(server);
    CHECK(at.path.size() == 33); // a slash and 128 bits
    const std::string page = get(at, at.path);
    REQUIRE(saysStatus(page, 200));
    CHECK(page.find("capture=\"environment\"") != std::string::npos);
    CHECK(page.find("Content-Security-Policy: default-src 'none'") != std::string::npos);
    CHECK(page.find("no-store") != std::string::npos);
    // Nothing is loaded: the only addresses are those it sends to.
    CHECK(page.find("src=") == std::string::npos);
    CHECK(page.find("href=") == std::string::npos);
    CHECK(page.find("://") == std::string::npos);

    std::string binary = jpeg;
    for (int i = 0; i < 300000; ++i)
        binary += static_cast<char>(i * 7);
    const std::string answer = post(at, formOf({binary, jpeg}));
    CHECK(saysStatus(answer, 200));
    CHECK(answer.find("It is on the bench.") != std::string::npos);
    REQUIRE(inbox.all().size() == 2);
    CHECK(inbox.all()[0].first == binary);
    CHECK(inbox.all()[1].second == PictureFormat::Jpeg);
    // A field in which nothing was chosen is no picture, nor is a text or a film.
    CHECK(post(at, formOf({"", jpeg})).find("It is on the bench.") != std::string::npos);
    CHECK(post(at, formOf({""})).find("No picture came with it") != std::string::npos);
    CHECK(post(at, formOf({"hello"})).find("no picture that Zokran can read") != std::string::npos);
    CHECK(post(at, formOf({std::string("\0\0\0\x18" "ftypheic", 12)})).find("HEIC") != std::string::npos);
    CHECK(inbox.all().size() == 3);
    // Two servers are found under two paths.
    const UploadServer other({"127.0.0.1"}, sameWords, inbox.taker());
    CHECK(addressOf(other).path != at.path);
}

TEST_CASE("Words of the page are shown as text, whatever a translation holds") {
    const std::string page = uploadPage("/a", "n", UploadNotice::Received, [](const char*) { return "<b onload=\"x\">&"; });
    CHECK(page.find("<b ") == std::string::npos);
    CHECK(page.find("&lt;b onload=&quot;x&quot;&gt;&amp;") != std::string::npos);
}

TEST_CASE("Whoever does not know the path gets nothing, however often") {
    Inbox inbox;
    const UploadServer server({"127.0.0.1"}, sameWords, inbox.taker());
    const Address at = addressOf(server);
    for (const std::string& path : {std::string("/"), at.path + "/", at.path + "x", at.path.substr(0, 32), std::string("/../etc/passwd"),
                                    std::string("/%2e%2e/"), "//" + at.path.substr(1), std::string(3000, '/')}) {
        INFO(path);
        const std::string answer = get(at, path);
        CHECK(saysStatus(answer, 404));
        CHECK(answer.find("Zokran") == std::string::npos);
    }
    CHECK(saysStatus(post(at, formOf({jpeg}), "/wrong"), 404));
    for (const char* method : {"PUT", "DELETE", "OPTIONS", "TRACE", "PATCH", "CONNECT"})
        CHECK_FALSE(saysStatus(get(at, at.path, method), 200));
    int refused = 0;
    constexpr int often = 10000;
    for (int i = 0; i < often; ++i)
        refused += saysStatus(get(at, "/" + std::to_string(i)), 404);
    CHECK(refused == often);
    CHECK(inbox.all().empty());
    CHECK(saysStatus(get(at, at.path), 200));
}

TEST_CASE("What is too large, too often or no request at all is cut off, and memory stays bounded") {
    Inbox inbox;
    UploadLimits limits;
    limits.pictureBytes = 2 << 20;
    limits.inFlightBytes = 8 << 20;
    limits.picturesPerMinute = 5;
    const UploadServer server({"127.0.0.1"}, sameWords, inbox.taker(), limits);
    const Address at = addressOf(server);
    const double before = peakMegabytes();
    {
        // Five gigabytes are announced, and sent until nobody listens.
        Client client(at.port);
        REQUIRE(client.send("POST " + at.path + " HTTP/1.1\r\nHost: x\r\nContent-Type: multipart/form-data; boundary=cut\r\n"
                            "Content-Length: 5368709120\r\n\r\n--cut\r\nContent-Disposition: form-data; name=\"chosen\"; "
                            "filename=\"a.jpg\"\r\n\r\n" + jpeg));
        const std::string more(1 << 20, 'x');
        int sent = 0;
        while (sent < 5120 && client.send(more))
            ++sent;
        CHECK(sent < 64);
    }
    {
        // Without an announced length, in chunks.
        Client client(at.port);
        client.send("POST " + at.path + " HTTP/1.1\r\nHost: x\r\nContent-Type: multipart/form-data; boundary=cut\r\n"
                    "Transfer-Encoding: chunked\r\n\r\n");
        const std::string head = "--cut\r\nContent-Disposition: form-data; name=\"a\"; filename=\"a\"\r\n\r\n";
        char size[16];
        std::snprintf(size, sizeof size, "%zx\r\n", head.size());
        client.send(size + head + "\r\n");
        const std::string more = "100000\r\n" + std::string(1 << 20, 'x') + "\r\n";
        int sent = 0;
        while (sent < 200 && client.send(more))
            ++sent;
        CHECK(sent < 64);
    }
    {
        // Headers without end.
        Client client(at.port);
        client.send("GET " + at.path + " HTTP/1.1\r\n");
        const std::string more = "X-More: " + std::string(8000, 'h') + "\r\n";
        int sent = 0;
        while (sent < 20000 && client.send(more))
            ++sent;
        CHECK(sent < 2000);
    }
    // One picture half as large again as is allowed, while all together are not.
    CHECK_FALSE(saysStatus(post(at, formOf({jpeg + std::string(3 << 20, 'x')})), 200));
    for (const std::string& noise : {std::string("\x16\x03\x01\x02\x00\x01\x00", 7), std::string(5000, '\0'), std::string("GET"),
                                     std::string("POST / HTTP/9.9\r\n\r\n"), std::string("\r\n\r\n\r\n")}) {
        Client client(at.port);
        client.send(noise);
    }
    CHECK(saysStatus(post(at, "--cut\r\nno form at all"), 200)); // told that no picture came
    // A boundary that never comes, parts without names, more parts than anybody sends.
    post(at, std::string(100000, '-'));
    post(at, formOf(std::vector<std::string>(500, "x")));
    CHECK(inbox.all().empty());
    CHECK(peakMegabytes() - before < 60);
    // Its own limit is told, and held.
    int taken = 0;
    for (int i = 0; i < 8; ++i)
        taken += post(at, formOf({jpeg})).find("It is on the bench.") != std::string::npos;
    CHECK(taken == 5);
    CHECK(inbox.all().size() == 5);
}

TEST_CASE("Slow and silent connections neither block others nor hold the sheet open") {
    Inbox inbox;
    UploadLimits limits;
    limits.silence = std::chrono::seconds(1);
    auto server = std::make_unique<UploadServer>(std::vector<std::string>{"127.0.0.1"}, sameWords, inbox.taker(), limits);
    const Address at = addressOf(*server);
    std::vector<std::unique_ptr<Client>> crowd;
    for (int i = 0; i < 1000; ++i) {
        crowd.push_back(std::make_unique<Client>(at.port));
        if (crowd.back()->isOpen() && i % 3 == 0)
            crowd.back()->send("POST " + at.path + " HTTP/1.1\r\nHost: x\r\nContent-Le");
    }
    crowd.clear();
    // Once those are gone, or their time is over, others are heard.
    bool heard = false;
    for (int i = 0; i < 50 && !heard; ++i) {
        heard = saysStatus(get(at, at.path), 200);
        if (!heard)
            std::this_thread::sleep_for(std::chrono::milliseconds(100));
    }
    CHECK(heard);
    // Closing waits for nobody.
    Client slow(at.port);
    slow.send("POST " + at.path + " HTTP/1.1\r\nHost: x\r\nContent-Type: multipart/form-data; boundary=cut\r\n"
              "Content-Length: 1000\r\n\r\n--cut\r\n");
    const auto begun = std::chrono::steady_clock::now();
    server.reset();
    CHECK(std::chrono::steady_clock::now() - begun < std::chrono::seconds(3));
    CHECK_FALSE(Client(at.port).isOpen());
    CHECK(inbox.all().empty());
}

TEST_CASE("Where nothing can be listened on it is said") {
    CHECK_THROWS_AS(UploadServer({}, sameWords, {}), UploadError);
    CHECK_THROWS_AS(UploadServer({"not an address", "203.0.113.7"}, sameWords, {}), UploadError);
}

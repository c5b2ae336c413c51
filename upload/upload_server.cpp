#include "upload/upload_server.h"

#include "upload/upload_page.h"

#include <arpa/inet.h>
#include <atomic>
#include <cstring>
#include <deque>
#include <microhttpd.h>
#include <mutex>
#include <random>

namespace zokran {

namespace {

using Clock = std::chrono::steady_clock;

/// So many random bits as hexadecimal digits.
std::string randomHex(int bits) {
    std::random_device device; // the system's own generator
    std::string hex;
    for (int i = 0; i < bits / 4; i += 8) {
        char eight[9];
        std::snprintf(eight, sizeof eight, "%08x", static_cast<unsigned>(device()));
        hex += eight;
    }
    return hex;
}

} // namespace

class UploadServer::Daemons {
public:
    Daemons(const std::vector<std::string>& addresses, Say say, Arrived arrived, UploadLimits limits)
        : say_(std::move(say)), arrived_(std::move(arrived)), limits_(limits), path_("/" + randomHex(128)) {
        for (const std::string& address : addresses)
            listenOn(address);
        if (daemons_.empty())
            throw UploadError("no address of this machine could be listened on");
    }
    ~Daemons() {
        for (MHD_Daemon* daemon : daemons_)
            MHD_stop_daemon(daemon);
    }
    const std::vector<std::string>& urls() const { return urls_; }

private:
    /// One upload, from its headers to its answer.
    struct Upload {
        Daemons& server;
        MHD_PostProcessor* parts = nullptr;
        Clock::time_point begun = Clock::now();
        std::vector<std::string> pictures; ///< one for each part that is a file
        std::size_t received = 0;          ///< of these bytes so many are counted in flight
        bool isTooLarge = false;

        explicit Upload(Daemons& of) : server(of) {}
        ~Upload() {
            if (parts)
                MHD_destroy_post_processor(parts);
            server.inFlight_ -= received;
        }
    };

    void listenOn(const std::string& address) {
        sockaddr_in at{};
        at.sin_family = AF_INET;
        if (inet_pton(AF_INET, address.c_str(), &at.sin_addr) != 1)
            return;
        MHD_Daemon* daemon = MHD_start_daemon(
            MHD_USE_AUTO | MHD_USE_INTERNAL_POLLING_THREAD, 0, nullptr, nullptr, &Daemons::answer, this, MHD_OPTION_SOCK_ADDR,
            reinterpret_cast<sockaddr*>(&at), MHD_OPTION_NOTIFY_COMPLETED, &Daemons::completed, this,
            MHD_OPTION_CONNECTION_LIMIT, limits_.connections, MHD_OPTION_PER_IP_CONNECTION_LIMIT,
            limits_.connectionsFromOneAddress, MHD_OPTION_CONNECTION_TIMEOUT, static_cast<unsigned>(limits_.silence.count()),
            MHD_OPTION_CONNECTION_MEMORY_LIMIT, std::size_t{128 * 1024}, MHD_OPTION_EXTERNAL_LOGGER, &Daemons::quiet, nullptr,
            MHD_OPTION_END);
        if (!daemon)
            return;
        daemons_.push_back(daemon);
        const MHD_DaemonInfo* port = MHD_get_daemon_info(daemon, MHD_DAEMON_INFO_BIND_PORT);
        urls_.push_back("http://" + address + ":" + std::to_string(port ? port->port : 0) + path_);
    }

    static void quiet(void*, const char*, va_list) {}

    MHD_Result respond(MHD_Connection* connection, unsigned status, UploadNotice notice, bool isPage = true) const {
        const std::string nonce = isPage ? randomHex(96) : std::string();
        const std::string body = isPage ? uploadPage(path_, nonce, notice, say_) : std::string();
        MHD_Response* response =
            MHD_create_response_from_buffer(body.size(), const_cast<char*>(body.data()), MHD_RESPMEM_MUST_COPY);
        if (!response)
            return MHD_NO;
        MHD_add_response_header(response, "Cache-Control", "no-store");
        if (isPage) {
            const std::string policy = "default-src 'none'; connect-src 'self'; form-action 'self'; style-src 'nonce-" + nonce +
                                       "'; script-src 'nonce-" + nonce + "'";
            MHD_add_response_header(response, "Content-Type", "text/html; charset=utf-8");
            MHD_add_response_header(response, "Content-Security-Policy", policy.c_str());
            MHD_add_response_header(response, "X-Content-Type-Options", "nosniff");
            MHD_add_response_header(response, "Referrer-Policy", "no-referrer");
        }
        if (status != MHD_HTTP_OK)
            MHD_add_response_header(response, "Connection", "close");
        const MHD_Result queued = MHD_queue_response(connection, status, response);
        MHD_destroy_response(response);
        return queued;
    }

    static MHD_Result answer(void* self, MHD_Connection* connection, const char* url, const char* method, const char*,
                             const char* data, std::size_t* size, void** state) {
        auto& server = *static_cast<Daemons*>(self);
        try {
            return *state ? server.receive(connection, *static_cast<Upload*>(*state), data, size)
                          : server.begin(connection, url, method, state);
        } catch (const std::exception&) {
            return MHD_NO; // such as no memory: the connection is closed
        }
    }

    MHD_Result begin(MHD_Connection* connection, const char* url, const char* method, void** state) {
        if (path_ != url)
            return respond(connection, MHD_HTTP_NOT_FOUND, UploadNotice::None, false);
        if (std::strcmp(method, MHD_HTTP_METHOD_GET) == 0)
            return respond(connection, MHD_HTTP_OK, UploadNotice::None);
        if (std::strcmp(method, MHD_HTTP_METHOD_POST) != 0)
            return respond(connection, MHD_HTTP_METHOD_NOT_ALLOWED, UploadNotice::None, false);
        auto upload = std::make_unique<Upload>(*this);
        upload->parts = MHD_create_post_processor(connection, 64 * 1024, &Daemons::part, upload.get());
        if (!upload->parts)
            return respond(connection, MHD_HTTP_BAD_REQUEST, UploadNotice::NoPicture);
        *state = upload.release();
        return MHD_YES;
    }

    MHD_Result receive(MHD_Connection* connection, Upload& upload, const char* data, std::size_t* size) {
        if (upload.isTooLarge || Clock::now() - upload.begun > limits_.upload)
            return MHD_NO;
        if (*size > 0) {
            MHD_post_process(upload.parts, data, *size);
            *size = 0;
            return upload.isTooLarge ? MHD_NO : MHD_YES;
        }
        MHD_destroy_post_processor(upload.parts);
        upload.parts = nullptr;
        UploadNotice notice = UploadNotice::NoPicture;
        for (std::string& picture : upload.pictures) {
            if (picture.empty())
                continue; // a field in which nothing was chosen
            const PictureFormat format = formatOf(picture);
            if (!isReadable(format))
                notice = format == PictureFormat::Heif ? UploadNotice::Heif : UploadNotice::Unreadable;
            else if (!mayTake())
                notice = UploadNotice::TooMany;
            else {
                arrived_(std::move(picture), format);
                notice = UploadNotice::Received;
            }
        }
        return respond(connection, notice == UploadNotice::TooMany ? MHD_HTTP_TOO_MANY_REQUESTS : MHD_HTTP_OK, notice);
    }

    /// A stretch of one part of the form. `offset` is 0 where a part begins.
    static MHD_Result part(void* state, MHD_ValueKind, const char*, const char* fileName, const char*, const char*,
                           const char* data, std::uint64_t offset, std::size_t size) {
        auto& upload = *static_cast<Upload*>(state);
        constexpr std::size_t mostParts = 20;
        if (!fileName)
            return MHD_YES; // no file
        if (offset == 0)
            upload.pictures.emplace_back();
        if (upload.pictures.empty() || upload.pictures.size() > mostParts ||
            upload.pictures.back().size() + size > upload.server.limits_.pictureBytes ||
            upload.server.inFlight_ + size > upload.server.limits_.inFlightBytes) {
            upload.isTooLarge = true;
            return MHD_NO;
        }
        upload.pictures.back().append(data, size);
        upload.received += size;
        upload.server.inFlight_ += size;
        return MHD_YES;
    }

    static void completed(void*, MHD_Connection*, void** state, MHD_RequestTerminationCode) {
        delete static_cast<Upload*>(*state);
        *state = nullptr;
    }

    /// Whether one more picture may be taken in this minute; counts it.
    bool mayTake() {
        const std::lock_guard lock(mutex_);
        const Clock::time_point now = Clock::now();
        while (!taken_.empty() && now - taken_.front() > std::chrono::minutes(1))
            taken_.pop_front();
        if (static_cast<int>(taken_.size()) >= limits_.picturesPerMinute)
            return false;
        taken_.push_back(now);
        return true;
    }

    const Say say_;
    const Arrived arrived_;
    const UploadLimits limits_;
    const std::string path_;
    std::vector<std::string> urls_;
    std::vector<MHD_Daemon*> daemons_;
    std::atomic<std::size_t> inFlight_{0}; ///< bytes of pictures that are being received
    std::mutex mutex_;
    std::deque<Clock::time_point> taken_; ///< when each picture of the last minute came
};

UploadServer::UploadServer(const std::vector<std::string>& addresses, Say say, Arrived arrived, UploadLimits limits)
    : daemons_(std::make_unique<Daemons>(addresses, std::move(say), std::move(arrived), limits)) {}

UploadServer::~UploadServer() = default;

const std::vector<std::string>& UploadServer::urls() const {
    return daemons_->urls();
}

} // namespace zokran

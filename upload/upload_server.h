#pragma once

#include "upload/picture_format.h"

#include <chrono>
#include <cstdint>
#include <functional>
#include <memory>
#include <stdexcept>
#include <string>
#include <string_view>
#include <vector>

namespace zokran {

/// No address could be listened on; the message names the cause.
class UploadError : public std::runtime_error {
public:
    using std::runtime_error::runtime_error;
};

/// What a hostile or clumsy client is held to.
struct UploadLimits {
    std::size_t pictureBytes = 40u << 20;  ///< of one picture; larger uploads are cut off
    std::size_t inFlightBytes = 120u << 20; ///< of all that are being received at one time
    int picturesPerMinute = 30;
    unsigned connections = 32, connectionsFromOneAddress = 8;
    std::chrono::seconds silence{10}; ///< a connection that says nothing for so long is closed
    std::chrono::seconds upload{180}; ///< one upload takes no longer, however steadily it drips
};

/// A web server for one page, by which a telephone in the same network sends pictures. It listens from construction to
/// destruction, under a path that cannot be guessed (128 random bits); everything else is answered by 404. Nothing is
/// ever written to disk or sent anywhere, and names of files are not looked at. Plain HTTP.
class UploadServer {
public:
    /// A picture has arrived: its bytes and what they begin like. Called on the server's own thread.
    using Arrived = std::function<void(std::string bytes, PictureFormat format)>;
    /// Says a sentence of the page in the learner's language; called on the server's thread.
    using Say = std::function<std::string(const char* english)>;

    /// `addresses`: IPv4 addresses of this machine in dotted form. Each is listened on at a port the system chooses.
    /// Throws UploadError where none of them can be.
    UploadServer(const std::vector<std::string>& addresses, Say say, Arrived arrived, UploadLimits limits = {});
    /// Closes every connection at once.
    ~UploadServer();
    UploadServer(const UploadServer&) = delete;
    UploadServer& operator=(const UploadServer&) = delete;

    /// Where the page is: one address for each that is listened on, such as `http://192.168.1.7:40213/3f…`.
    const std::vector<std::string>& urls() const;

private:
    class Daemons;
    std::unique_ptr<Daemons> daemons_;
};

} // namespace zokran

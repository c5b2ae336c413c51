#include "upload/upload_page.h"

#include "core/base/translatable.h"

namespace zokran {

namespace {

std::string escaped(const std::string& text) {
    std::string html;
    for (const char c : text)
        switch (c) {
        case '<':
            html += "&lt;";
            break;
        case '>':
            html += "&gt;";
            break;
        case '&':
            html += "&amp;";
            break;
        case '"':
            html += "&quot;";
            break;
        default:
            html += c;
        }
    return html;
}

const char* sentenceOf(UploadNotice notice) {
    switch (notice) {
    case UploadNotice::Received:
        return ZOKRAN_WORDS("It is on the bench.");
    case UploadNotice::NoPicture:
        return ZOKRAN_WORDS("No picture came with it. Choose one, then send.");
    case UploadNotice::Heif:
        return ZOKRAN_WORDS("This is a HEIC picture, which Zokran cannot read. Set your camera to its most compatible format, "
                            "JPEG, and take it again.");
    case UploadNotice::Unreadable:
        return ZOKRAN_WORDS("This is no picture that Zokran can read: send a JPEG or a PNG.");
    case UploadNotice::TooMany:
        return ZOKRAN_WORDS("That was many pictures in one minute. Wait a little, then send again.");
    case UploadNotice::None:
        break;
    }
    return nullptr;
}

constexpr const char* style = R"(
body{font:18px/1.5 sans-serif;margin:0;padding:1.2em;background:#f0e9dd;color:#2e2a26}
h1{font-size:1.4em;margin:.2em 0 .6em}
label,button{display:block;width:100%;box-sizing:border-box;margin:.7em 0;padding:1em;font:inherit;font-weight:bold;text-align:center;border:2px solid #1f5a8c;border-radius:.5em;background:#fff;color:#1f5a8c}
button{background:#1f5a8c;color:#fff}
input[type=file]{display:block;width:100%;font:inherit;font-weight:normal;margin-top:.6em}
p.notice{padding:.8em;background:#fff;border-left:.4em solid #a33a22}
progress{width:100%;height:1.4em}
small{color:#5c554d}
)";

// Sends as soon as something was chosen and shows how far it is; without JavaScript the button sends.
constexpr const char* script = R"(
var form=document.forms[0],bar=document.getElementById('bar'),how=document.getElementById('how');
function send(){var r=new XMLHttpRequest();r.open('POST',form.action);
r.upload.onprogress=function(e){bar.hidden=false;if(e.lengthComputable){bar.max=e.total;bar.value=e.loaded}};
r.onload=function(){document.open();document.write(r.responseText);document.close()};
r.onerror=function(){bar.hidden=true;how.hidden=false};
r.send(new FormData(form))}
var inputs=form.querySelectorAll('input[type=file]');
for(var i=0;i<inputs.length;i++)inputs[i].onchange=function(){if(this.files.length)send()};
form.onsubmit=function(e){e.preventDefault();send()};
)";

} // namespace

std::string uploadPage(const std::string& path, const std::string& nonce, UploadNotice notice,
                       const std::function<std::string(const char* english)>& say) {
    const auto words = [&](const char* english) { return escaped(say(english)); };
    std::string html = "<!DOCTYPE html><html><head><meta charset=\"utf-8\">"
                       "<meta name=\"viewport\" content=\"width=device-width,initial-scale=1\"><title>Zokran</title><style nonce=\"" +
                       nonce + "\">" + style + "</style></head><body><h1>" +
                       words(ZOKRAN_WORDS("A picture for the bench")) + "</h1>";
    if (const char* sentence = sentenceOf(notice))
        html += "<p class=\"notice\" id=\"notice\">" + words(sentence) + "</p>";
    html +=
        "<form method=\"post\" enctype=\"multipart/form-data\" action=\"" + escaped(path) +
        "\">"
        "<label>" +
        words(ZOKRAN_WORDS("Take a picture")) +
        "<input type=\"file\" name=\"taken\" accept=\"image/*\" capture=\"environment\"></label>"
        "<label>" +
        words(ZOKRAN_WORDS("Choose pictures")) +
        "<input type=\"file\" name=\"chosen\" accept=\"image/*\" multiple></label>"
        "<button type=\"submit\">" +
        words(ZOKRAN_WORDS("Send")) +
        "</button>"
        "<progress id=\"bar\" hidden></progress><p class=\"notice\" id=\"how\" hidden>" +
        words(ZOKRAN_WORDS("It could not be sent. Is the window with the code still open on the computer?")) +
        "</p></form><p><small>" + words(ZOKRAN_WORDS("From straight above, in even light, the whole page in view.")) + "<br>" +
        words(
            ZOKRAN_WORDS("The picture goes to your own computer and nowhere else. It passes through this network unencrypted.")) +
        "</small></p><script nonce=\"" + nonce + "\">" + script + "</script></body></html>";
    return html;
}

} // namespace zokran

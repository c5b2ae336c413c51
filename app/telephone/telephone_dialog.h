#pragma once

#include "app/document/document.h"
#include "upload/upload_server.h"

#include <QDialog>
#include <QTemporaryDir>

class QComboBox;
class QLabel;

namespace zokran {

class QrCode;

/// The sheet with the code by which a telephone in the same network sends pictures to the bench. While it is open, and no
/// longer, a server listens.
class TelephoneDialog : public QDialog {
    Q_OBJECT

public:
    explicit TelephoneDialog(Document& document, QWidget* parent = nullptr);
    ~TelephoneDialog() override;

    /// Where the page is; empty where nothing could be listened on.
    QStringList addresses() const;
    /// The learner lets telephones send pictures at all. Remembered; so at first.
    static bool isAllowed();
    static void allow(bool on);

signals:
    /// A picture has arrived and lies in this file.
    void arrived(const QString& file, Side side);

private:
    void take(const QByteArray& bytes, const QString& extension);
    void showAddress();

    Document& document_;
    QTemporaryDir received_; ///< pictures lie here until the logbook has its copy
    int count_ = 0;
    QrCode* code_;
    QLabel *address_, *status_;
    QComboBox *which_, *becomes_;
    std::unique_ptr<UploadServer> server_; ///< stops before anything it calls is gone
};

} // namespace zokran

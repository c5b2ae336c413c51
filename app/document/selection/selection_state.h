#pragma once

#include <QObject>

namespace zokran {

/// One topic of what the learner points at or has chosen to see. It belongs to the screen and is kept nowhere.
class SelectionState : public QObject {
    Q_OBJECT

public:
    using QObject::QObject;
    /// Back to what it is when a study is opened; says nothing of it.
    virtual void clear() = 0;

signals:
    void changed();

protected:
    /// Stores a value; says so where it is another one.
    template <class T>
    void set(T& stored, const T& value) {
        if (stored == value)
            return;
        stored = value;
        emit changed();
    }
};

} // namespace zokran

// A station's sentence, with a leaf of controls under each of its phrases.
#pragma once

#include "ui/job_model.h"
#include "ui/theme.h"

#include <QWidget>

#include <map>

namespace ink::ui {

class Leaf;
class SentenceBar;

class SentenceHead : public QWidget
{
    Q_OBJECT
public:
    /// Leaves lie over `page`, which has to outlive it.
    SentenceHead(JobModel& job, const Theme& theme, const char* sentence_name, QWidget* page);

    SentenceBar& sentence() { return *m_sentence; }
    Leaf& leaf() { return *m_leaf; }
    /// What opens under the phrase of that key; phrases "key-a", "key-b" open it too.
    void add(const QString& key, QWidget* controls);
    /// Opens it, or closes it where it is open. What is done in it is one run of steps, which Escape takes back.
    void open(const QString& key);

private:
    JobModel& m_job;
    SentenceBar* m_sentence = nullptr;
    Leaf* m_leaf = nullptr;
    std::map<QString, QWidget*> m_leaves;
    int m_opened_at = 0;
};

} // namespace ink::ui

#include "core/rights/dossier.h"
#include "core/rights/known_licences.h"
#include "core/rights/licence_texts.h"
#include "tests/support/environment.h"

#include <QRegularExpression>

#include <random>

using namespace ink;

/// Mutation of the texts of the SPDX License List: no single word can be changed unseen.
class TestLicenceEdits : public QObject
{
    Q_OBJECT
private slots:
    void oneChangedWordIsShown_data();
    void oneChangedWordIsShown();
};

void TestLicenceEdits::oneChangedWordIsShown_data()
{
    QTest::addColumn<QString>("id");
    for (const auto& licence : knownLicences())
        if (!licenceText(licence.id).empty() && licence.sell_goods != Answer::No)
            QTest::addRow("%s", licence.id.data()) << QString::fromUtf8(licence.id.data());
}

/// 200 random edits in what grants and conditions: a word put in, dropped, swapped with its neighbour or
/// negated. None of them leaves a yes, and each is shown.
void TestLicenceEdits::oneChangedWordIsShown()
{
    QFETCH(QString, id);
    const KnownLicence& licence = *licenceById(id.toStdString());
    const auto whole = licenceText(licence.id);
    const QString text = QString::fromUtf8(whole.data(), static_cast<qsizetype>(whole.size()));
    // Words of the operative part, by where they stand in the text.
    const auto operative = [&] {
        static const QRegularExpression word(QStringLiteral("[A-Za-z]{3,}"));
        const auto asPattern = [](std::string_view words) {
            return QString::fromUtf8(words.data(), static_cast<qsizetype>(words.size()))
                .replace(' ', QStringLiteral("\\W+"));
        };
        const auto placeOf = [&](std::string_view words, qsizetype otherwise, qsizetype after) {
            if (words.empty())
                return otherwise;
            const auto match = QRegularExpression(asPattern(words), QRegularExpression::CaseInsensitiveOption)
                                   .match(text, after);
            return match.hasMatch() ? match.capturedStart() : otherwise;
        };
        const qsizetype from = placeOf(licence.from, 0, 0), to = placeOf(licence.to, text.size(), from);
        // Headings between the sentences grant nothing.
        const auto isHeading = [&](qsizetype place) {
            const qsizetype line = text.lastIndexOf('\n', place) + 1;
            const QString words = text.mid(line, text.indexOf('\n', place) - line).simplified();
            return words.count(' ') < 7 && !words.contains(QRegularExpression(QStringLiteral("[.,;:]$")));
        };
        std::vector<std::pair<qsizetype, qsizetype>> words;
        for (auto it = word.globalMatch(text, from); it.hasNext();) {
            const auto match = it.next();
            const bool is_number =
                QRegularExpression(QStringLiteral("^[ivx]+$")).match(match.captured()).hasMatch();
            if (match.capturedStart() < to && !is_number && !isHeading(match.capturedStart()))
                words.emplace_back(match.capturedStart(), match.capturedLength());
        }
        return words;
    }();
    QVERIFY(operative.size() > 5);
    static const QStringList kPutIn{"not",      "never",  "hardly", "only", "personal", "non-commercial",
                                    "students", "unless", "paid"};
    std::mt19937 random(static_cast<unsigned>(id.size()) * 7919U + static_cast<unsigned>(text.size()));
    const auto any = [&](std::size_t below) { return random() % below; };
    const int edits = qEnvironmentVariableIntValue("INK_RIGHTS_ALL") > 0 ? 200 : 60; // 25 texts
    for (int i = 0; i < edits; ++i) {
        QString changed = text;
        const std::size_t at = any(operative.size() - 1);
        const auto [begin, length] = operative[at];
        const auto [next, next_length] = operative[at + 1];
        const QString one = text.mid(begin, length), other = text.mid(next, next_length);
        switch (any(4)) {
        case 0:
            changed.insert(
                begin, kPutIn[static_cast<qsizetype>(any(static_cast<std::size_t>(kPutIn.size())))] + ' ');
            break;
        case 1:
            changed.remove(begin, length);
            break;
        case 2:
            if (one.compare(other, Qt::CaseInsensitive) == 0)
                continue;
            changed.replace(next, next_length, one);
            changed.replace(begin, length, other);
            break;
        default:
            changed.insert(begin + length, QStringLiteral(" not"));
        }
        const EvidenceText evidence{EvidenceKind::Document, "licence.txt", changed.toStdString()};
        const auto dossier = judge({&evidence, 1});
        const auto what =
            QStringLiteral("edit %1 at “%2”").arg(i).arg(changed.mid(std::max<qsizetype>(begin - 30, 0), 90));
        QVERIFY2(dossier.verdict != Verdict::MaySell && dossier.verdict != Verdict::SellWithinLimits,
                 qPrintable(what));
        const bool is_told = !dossier.not_understood.empty() || dossier.verdict == Verdict::GiftsOnly ||
                             dossier.verdict == Verdict::EvidenceDisagrees;
        QVERIFY2(is_told, qPrintable(what));
        QVERIFY2(std::ranges::any_of(dossier.notes,
                                     [](const std::string& n) {
                                         return n.find("any more") != std::string::npos ||
                                                n.find("part of") != std::string::npos;
                                     }),
                 qPrintable(what));
    }
}

INK_TEST_CORE_MAIN(TestLicenceEdits)
#include "test_licence_edits.moc"

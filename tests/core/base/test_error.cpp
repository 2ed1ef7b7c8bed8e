#include "core/base/error.h"
#include "tests/support/environment.h"

#include <set>

using namespace ink;

class TestError : public QObject
{
    Q_OBJECT
private slots:
    void everyCodeHasItsOwnSentences();
    void messageNamesSubjectWhatHappenedAndWhatToDo();
    void messageStaysOnOneLine();
};

void TestError::everyCodeHasItsOwnSentences()
{
    std::set<std::string_view> seen;
    for (const auto code : {ErrorCode::FileNotFound,
                            ErrorCode::FileUnreadable,
                            ErrorCode::FileUnwritable,
                            ErrorCode::DiskFull,
                            ErrorCode::NotAFont,
                            ErrorCode::FontTruncated,
                            ErrorCode::FontDamaged,
                            ErrorCode::FontWithoutOutlines,
                            ErrorCode::FontColourOnly,
                            ErrorCode::NoSuchFace,
                            ErrorCode::NoSuchInstance,
                            ErrorCode::BadFeature,
                            ErrorCode::EmptyText,
                            ErrorCode::TextTooLong,
                            ErrorCode::TextNotUtf8,
                            ErrorCode::NoGlyphs,
                            ErrorCode::NothingToCut,
                            ErrorCode::SizeOutOfRange,
                            ErrorCode::TrackingOutOfRange,
                            ErrorCode::CoordinateOutOfRange,
                            ErrorCode::NonFinite,
                            ErrorCode::TooManyNodes,
                            ErrorCode::WeldFailed,
                            ErrorCode::Cancelled,
                            ErrorCode::DistanceOutOfRange,
                            ErrorCode::DocumentDamaged,
                            ErrorCode::FontUnsafe,
                            ErrorCode::DocumentUnreadable,
                            ErrorCode::StoreTooNew,
                            ErrorCode::StoreDamaged,
                            ErrorCode::StoreBusy,
                            ErrorCode::FontNotOnShelf,
                            ErrorCode::FontInstalled,
                            ErrorCode::MotifNotInTray,
                            ErrorCode::ShelfFileMissing,
                            ErrorCode::PackageDamaged,
                            ErrorCode::PackageLocked,
                            ErrorCode::HelperFailed,
                            ErrorCode::ServiceUnreachable,
                            ErrorCode::ServiceSilent,
                            ErrorCode::ServiceFault,
                            ErrorCode::DownloadCutOff,
                            ErrorCode::DownloadWrong,
                            ErrorCode::ShapeUnknown,
                            ErrorCode::SettingUnknown,
                            ErrorCode::ProjectTooNew,
                            ErrorCode::ProjectDamaged,
                            ErrorCode::FontMissing,
                            ErrorCode::PictureWithoutOutlines,
                            ErrorCode::Internal}) {
        QVERIFY2(seen.insert(errorText(code)).second, errorText(code).data());
        QVERIFY(!errorAdvice(code).empty());
        QVERIFY(errorNumber(code) >= 100);
    }
}

void TestError::messageNamesSubjectWhatHappenedAndWhatToDo()
{
    const Error error{ErrorCode::FontTruncated, "honey.ttf", "600 of 1000 bytes are there"};
    QCOMPARE(error.message(),
             std::string("honey.ttf: the font file ends too early (600 of 1000 bytes are there). "
                         "Fetch it again: a part of it is missing."));
    QCOMPARE((Error{ErrorCode::EmptyText, {}, {}}.message()),
             std::string("there are no words yet. Type the words of the job."));
}

void TestError::messageStaysOnOneLine()
{
    const Error error{ErrorCode::NotAFont, "two\nlines.ttf", "x\ny"};
    QVERIFY(error.message().find('\n') == std::string::npos);
}

INK_TEST_CORE_MAIN(TestError)
#include "test_error.moc"

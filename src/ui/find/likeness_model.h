// What the fonts of the list are to look like: nothing, lettering in a picture, or one of them. Looked at away from the
// interface thread, the likest told first.
#pragma once

#include "core/match/face_likeness.h"
#include "core/match/picture_match.h"
#include "shelf/descriptor_store.h"
#include "ui/find/font_list_model.h"
#include "ui/slot_pool.h"

#include <QHash>
#include <QPainterPath>
#include <QTimer>

namespace ink::ui {

class LikenessModel : public QObject
{
    Q_OBJECT
public:
    enum class Wanted { Nothing, Picture, Font };

    LikenessModel(FontListModel& fonts, CatalogueClient& catalogue, QObject* parent = nullptr);
    ~LikenessModel() override;

    Wanted wanted() const { return m_wanted; }
    /// "this picture", "Pennyfold"; empty for nothing.
    QString inWords() const;

    /// Fonts that look like that of a row; letters of the job's words count more than others.
    void lookLike(int row);
    /// Reads a picture file; what is wrong with it is in trouble().
    void openPicture(const QString& path);
    /// Fonts that look like lettering; wishes and words as they were for another picture are forgotten.
    void setPicture(std::shared_ptr<const Picture> picture);
    void setReading(const InkWishes& wishes);
    /// The corners go onto the label or sign that is seen; plateMissed() where none is.
    void straightenPlate();
    void setWords(const QString& words);
    /// Back to nothing; the picture is forgotten.
    void clear();
    /// The picture, or the font, counts as a wish from now on.
    void setWished(bool is_wished);
    bool isWished() const { return m_is_wished && m_wanted != Wanted::Nothing; }

    const std::shared_ptr<const Picture>& picture() const { return m_picture; }
    const InkWishes& reading() const { return m_wishes; }
    const QString& words() const { return m_words; }
    /// As it was understood the last time; null before, and where it could not be.
    const std::shared_ptr<const PictureInk>& ink() const { return m_ink; }
    /// Why nothing is found: of the picture, or of its words.
    const std::optional<Error>& trouble() const { return m_trouble; }

    struct Likeness
    {
        double likeness = 0.0;
        LikenessWord words = LikenessWord::Unlike;
        /// Of a picture: the letter that agrees least, and the candidate's outline over it, in px of PictureInk.
        QString worst_letter;
        QPainterPath outline_px;
        /// The picture's words as the font sets them, at the same size.
        QPainterPath words_px;
    };
    /// Null as long as it is not known.
    const Likeness* of(int row) const;
    /// Rows that were found, the likest first; what is unlike is left out.
    std::vector<int> likestRows() const;

    bool isLooking() const { return !m_pool.isIdle() || m_look_timer.isActive() || m_asked_outlines > 0; }
    bool isIdle() const { return !isLooking(); }
    /// How many faces were described, of how many, while that takes time.
    std::pair<int, int> described() const { return m_described; }
    /// Stops looking; what was found stays.
    void stop();

signals:
    /// What is wanted, the picture or its reading are others.
    void wantedChanged();
    void inkChanged();
    void plateMissed();
    /// Likenesses arrived, or went.
    void found();
    void progressed();

private:
    struct Candidate;
    struct SentLetters;
    struct Round;
    QString keyOf(int row) const;
    void readInk(const InkWishes& wishes);
    void askToLook();
    void look();
    void askForOutlines();
    void take(const QHash<QString, Likeness>& likenesses, bool is_all);
    std::vector<Candidate> candidates() const;
    void lookLikePicture(std::vector<Candidate> faces);
    void level(double slope_left_deg);
    void lookLikeFont(std::vector<Candidate> faces);

    FontListModel& m_fonts;
    CatalogueClient& m_catalogue;
    std::shared_ptr<DescriptorStore> m_store;
    Wanted m_wanted = Wanted::Nothing;
    bool m_is_wished = false;
    std::shared_ptr<const Picture> m_picture;
    InkWishes m_wishes;
    QString m_words, m_font_key, m_font_name;
    std::shared_ptr<const PictureInk> m_ink;
    std::optional<Error> m_trouble;
    QHash<QString, Likeness> m_found;
    /// Letters that the catalogue sent of its listings; null while they are asked for.
    QHash<QString, std::shared_ptr<const SentLetters>> m_sent;
    int m_asked_outlines = 0;
    std::pair<int, int> m_described{0, 0};
    quint64 m_round = 0;
    /// The letters of the best face said how the line lies, where nobody else did.
    int m_levellings = 0;
    QTimer m_look_timer;
    SlotPool m_pool; // last: its work ends before what it speaks of goes
};

/// "nearly the same", "in its manner".
QString inWords(LikenessWord word);

} // namespace ink::ui

// Findings as sentences, the worst first, each with what can be done about it; what is in order below, quietly.
#pragma once

#include "ui/proof/proof_words.h"
#include "ui/theme.h"

#include <QListView>

#include <memory>
#include <optional>
#include <vector>

namespace ink::ui {

class ProofRows;

class ProofList : public QListView
{
    Q_OBJECT
public:
    explicit ProofList(const Theme& theme, QWidget* parent = nullptr);

    struct Contents
    {
        std::vector<ProofFinding> findings;
        /// Mended as far as there is room.
        std::vector<Mended::Left> left;
        std::vector<StencilBridge> bridges;
        std::vector<InOrder> in_order;
        Job job;
    };
    /// The row that is current stays so, by its place in the list.
    void show(Contents contents);
    const Contents& contents() const;
    /// The usual one first.
    std::vector<Offer> offersFor(std::size_t finding) const;
    /// The current row tells of all of a kind; currentFinding() is the worst of them.
    bool isGroupCurrent() const;

    std::optional<std::size_t> currentFinding() const;
    std::optional<std::size_t> currentBridge() const;
    void chooseFinding(std::size_t finding);
    void chooseBridge(std::size_t bridge);
    /// The buttons of the current row.
    QWidget* actions() const { return m_actions; }

    /// As Enter and Delete do.
    void takeUsual();
    void leaveCurrent();

signals:
    void currentMoved();
    /// Pressed: the place is wanted, large.
    void placeWanted();
    void offerTaken(std::size_t finding, const ink::ui::Offer& offer);
    void leaveWanted(std::size_t finding, bool is_everywhere);
    void bridgeOffWanted(std::size_t bridge);
    /// Along its stroke, by so many mm of its own way.
    void bridgeMoveWanted(std::size_t bridge, double mm);
    void bridgeOppositeWanted(std::size_t bridge);
    /// Space is held down, or let go.
    void unmendedWanted(bool is_wanted);

protected:
    void currentChanged(const QModelIndex& current, const QModelIndex& previous) override;
    void keyPressEvent(QKeyEvent* event) override;
    void keyReleaseEvent(QKeyEvent* event) override;
    void focusOutEvent(QFocusEvent* event) override;
    void mouseReleaseEvent(QMouseEvent* event) override;
    void resizeEvent(QResizeEvent* event) override;

private:
    std::vector<Offer> groupOffers(std::size_t worst) const;
    void buildActions();

    const Theme& m_theme;
    ProofRows* m_rows = nullptr;
    QWidget* m_actions = nullptr;
    bool m_is_filling = false;
};

} // namespace ink::ui

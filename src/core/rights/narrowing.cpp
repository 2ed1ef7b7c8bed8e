#include "core/rights/narrowing.h"

#include "core/rights/sentences.h"

#include <algorithm>
#include <array>
#include <cctype>
#include <initializer_list>
#include <string>
#include <string_view>
#include <unordered_set>
#include <vector>

namespace ink {
namespace {

/// Folded words between spaces; a star stands for any ending.
class Words
{
public:
    explicit Words(std::initializer_list<std::string_view> lists)
    {
        for (auto list : lists)
            while (!list.empty()) {
                const auto space = std::min(list.find(' '), list.size());
                const auto word = list.substr(0, space);
                list.remove_prefix(std::min(space + 1, list.size()));
                if (word.ends_with('*'))
                    m_stems[static_cast<unsigned char>(word.front())].push_back(
                        word.substr(0, word.size() - 1));
                else if (!word.empty())
                    m_words.insert(word);
            }
    }

    bool has(std::string_view word) const
    {
        if (word.empty())
            return false;
        const auto& stems = m_stems[static_cast<unsigned char>(word.front())];
        return m_words.contains(word) ||
               std::ranges::any_of(stems, [&](std::string_view stem) { return word.starts_with(stem); });
    }

    std::size_t count(const Sentence& sentence) const
    {
        return static_cast<std::size_t>(
            std::ranges::count_if(sentence.tokens, [&](const Token& t) { return has(t.word); }));
    }

private:
    std::unordered_set<std::string_view> m_words;
    /// By first byte.
    std::array<std::vector<std::string_view>, 256> m_stems;
};

/// Trade in the seven languages, and how others write it.
const Words& trade()
{
    static const Words words{
        "commerc* business businesses profit profits profitable money merchandise merchandising earn earning "
        "revenue income royalt* professional professionally "
        "resale resell* retail paid client clients for-profit goods monetis* monetiz*",
        "kommerz* kommerc* kommers* komerc* gewerb* geschaftlich* gewinn* geld umsatz waren",
        "vente ventes lucrati* professionnel* argent",
        "comerci* lucr* negoci* profesional* dinero",
        "commerci* guadagn* lucro professional*",
        "profissiona* dinheiro",
        "komersi* bisnis keuntungan uang",
        "ticari kaupalli* zakelijk* zarobkow* kereskedelmi verkoop firemn*",
        "коммерч* бизнес* комерц* комерц\u0456йн* 商用 商业 商業 営利 販売 상업 εμπορικ* thuong"};
    return words;
}

/// Selling, of whatever.
const Words& selling()
{
    static const Words words{"sell sells selling sold sale sales reselling resold",
                             "verkauf* weiterverkauf*",
                             "vendre vendu* vend* revend* reventa venda* venta*",
                             "vendere venduto vendita rivend*",
                             "jual menjual dijual penjualan",
                             "sprzeda* prodej* verkopen salj* myyd* satis"};
    return words;
}

/// The font itself, as something to sell or pass on.
const Words& fontFile()
{
    static const Words words{
        "font fonts typeface typefaces file files schrift schriften schriftart schriftdatei datei police "
        "polices fonte fontes fuente fuentes tipografia carattere caratteri fichier fichiers archivo "
        "archivos arquivo ficheiro "
        "itself themselves"};
    return words;
}

/// What is made with it.
const Words& made()
{
    static const Words words{"product products goods item items things anything something everything "
                             "merchandise shirts mugs work works make made design "
                             "designs produkt* waren dinge artikel produits objets articles productos "
                             "objetos articulos prodotti oggetti articoli produtos "
                             "objetos itens produk barang stuff prints crafts"};
    return words;
}

/// Licences and what they do.
const Words& terms()
{
    static const Words words{"licens* licenc* permission permissions permit* allow allowed allows authori* "
                             "eula agreement terms entitle* grant grants granted",
                             "lizenz* erlaub* gestatt* genehmig* nutzung* nutzen verwend*",
                             "autoris* permis* droits",
                             "permis* permit* autoriz* derechos",
                             "licenz* permess* consent* autorizz* diritti",
                             "permiti* autoriz* direitos liberad*",
                             "lisensi izin ijin boleh diperbolehkan penggunaan",
                             "personal private privat privee personnel* pessoal personale pribadi"};
    return words;
}

/// What refuses.
const Words& refusals()
{
    static const Words words{
        "not no never nor neither cannot cant dont don doesn isn aren wasn mustn none nobody nothing only "
        "solely exclusively strictly except excepting exception "
        "exceptions excluding exclude* excluded without unless forbid* forbidden prohibit* illegal unlawful "
        "restrict* limited limitation limitations "
        "violat* infring* refus* object instead rather barring barely hardly scarcely rarely seldom non "
        "short than",
        "nicht kein keine keinen keiner keinem nie niemals nur ausschliesslich ausser ausgenommen verboten "
        "untersagt lediglich ohne tabu unerwunscht ausnahme gilt",
        "pas aucun aucune jamais ni seulement uniquement exclusivement sauf hormis interdit* exclu* reserve "
        "reservee exception n",
        "nunca ningun ninguna solo solamente unicamente excepto salvo menos prohib* excluido sin excepcion "
        "tampoco",
        "nessun nessuna mai soltanto esclusivamente tranne eccetto salvo vietat* esclus* senza eccezione",
        "nao nunca nenhum nenhuma apenas somente so exceto salvo menos proib* vedad* sem excecao jamais",
        "tidak jangan bukan hanya kecuali dilarang selain tanpa belum"};
    return words;
}

/// What puts a condition or an end.
const Words& conditions()
{
    static const Words words{
        "if until till before after once when provided providing subject must need needs require* required "
        "condition conditions conditional additional "
        "additionally further furthermore addendum amendment amended supplement separate separately however "
        "but although expire* expired ended ends void revoke* "
        "withdrawn terminated former formerly previous previously old earlier member* subscriber* supporter* "
        "patron* student* charit* customer* company "
        "companies employee* register* registration registered subscribe* instead buy buying bought "
        "purchase* order pay pays payment fee fees price prices shop store ask contact "
        "enquir* inquir* touch write mail email message request* quote approval consent agree* donate "
        "donation* extended corporate premium basic tier edition editions",
        "wenn falls sofern bis vor nach sobald bedingung* muss mussen erforderlich notig kaufen kauf "
        "erwerben bezahlen gebuhr preis anfrage absprache "
        "rucksprache zustimmung spende mitglied* aber jedoch zusatz* abgelaufen",
        "si jusqu avant apres condition conditions reserve doit devez achat achetez acheter payer payant* "
        "devis demande contactez accord don inscription membres mais toutefois",
        "hasta antes despues condicion* siempre debe compra* pagar pago precio solicitud contact* acuerdo "
        "donacion registro miembros pero",
        "se fino prima dopo condizion* deve acquist* pagare pagamento prezzo richiesta contatt* accordo "
        "donazione registrazione iscri* ma pero",
        "ate antes depois apos mediante condic* deve compr* pagar pagamento preco consulta contat* acordo "
        "doacao cadastro mas porem",
        "jika kalau sampai sebelum setelah asalkan syarat harus wajib beli membeli bayar harga hubungi "
        "kontak izin donasi daftar anggota tetapi tapi namun"};
    return words;
}

/// What ends a licence, or gives it to some only.
const Words& bounds()
{
    static const Words words{"until expire* ended ends void revoke* withdrawn terminated member* subscriber* "
                             "supporter* patron* student* charit* employee* register* registration "
                             "subscribe* donation* donate* bis spende mitglied* abgelaufen jusqu membres "
                             "inscription hasta miembros registro donacion fino membri donazione ate "
                             "membros cadastro doacao sampai anggota donasi daftar"};
    return words;
}

/// What speaks of money to be paid.
const Words& prices()
{
    static const Words words{"price prices pricing priced fee fees pounds dollars euros preis preise gebuhr "
                             "prix tarif tarifs precio precios prezzo prezzi preco precos harga biaya"};
    return words;
}

/// What says that there is another, fuller version.
const Words& versions()
{
    static const Words words{"demo trial tester evaluation shareware sampler testversion demoversion "
                             "probeversion demonstration trialware"};
    return words;
}

/// What begins a sentence that takes back the one before it.
const Words& turns()
{
    static const Words words{"not except excepting exception exceptions excluding only never but however "
                             "unless until just sorry addendum although provided almost nor hardly barely "
                             "nicht ausser ausgenommen ausnahme nur aber jedoch gilt sofern leider sauf "
                             "excepte hormis mais uniquement seulement exception pas toutefois "
                             "excepto salvo menos pero solo solamente aunque tranne eccetto ma pero soltanto "
                             "exceto salvo menos mas porem apenas somente "
                             "kecuali tapi tetapi namun hanya selain"};
    return words;
}

/// What takes back wherever it stands.
const Words& retractions()
{
    static const Words words{"kidding joke joking wrong false lie lies untrue outdated obsolete invalid "
                             "cancelled canceled ignore disregard psych ended ends expired void "
                             "revoked withdrawn terminated",
                             "scherz falsch gelogen ungultig abgelaufen",
                             "blague faux",
                             "broma falso mentira",
                             "scherzo falso",
                             "brincadeira",
                             "bercanda salah"};
    return words;
}

/// What points to the sentence before, and what then takes it back: "That was the old licence.", "At least that is what they
/// say.", "It was, I mean."
bool pointsBack(const Sentence& sentence)
{
    static const Words pointers{
        "that this these those above which das dies dieses cela ceci eso esto questo cio isso isto itu ini"};
    static const Words past{"was were old earlier former formerly previous previously over gone no longer "
                            "war alte etait fue era adalah dulu"};
    static const Words hearsay{"say says said tell tells told claim claims claimed heard guess think thought "
                               "suppose supposedly allegedly apparently presumably mean meant",
                               "sagt sagte angeblich heisst",
                               "dit disait parait",
                               "dice dicen dicono pare",
                               "diz dizem",
                               "katanya"};
    const auto& tokens = sentence.tokens;
    if (tokens.size() < 2)
        return false;
    const auto& first = tokens[0].word;
    const bool points = pointers.has(first) && !fontFile().has(tokens[1].word);
    const bool hedges = (first == "at" && tokens[1].word == "least") || first == "or";
    // "It was drawn in 2019" takes nothing back; "It was, once" does.
    const bool is_over =
        first == "it" && tokens[1].word == "was" &&
        (tokens.size() == 2 || tokens[2].word == "," || tokens[2].word == "." || tokens[2].word == "once");
    return is_over || (points && past.count(sentence) + refusals().count(sentence) > 0) ||
           ((points || hedges) && hearsay.count(sentence) > 0);
}

bool hasPair(const Sentence& sentence, std::string_view first, std::string_view second)
{
    for (std::size_t i = 0; i + 1 < sentence.tokens.size(); ++i)
        if (sentence.tokens[i].word == first && sentence.tokens[i + 1].word == second)
            return true;
    return false;
}

/// "At no cost" refuses nothing.
std::size_t refusalsIn(const Sentence& sentence)
{
    std::size_t count = refusals().count(sentence);
    for (const std::string_view what : {"cost", "charge", "extra", "fee", "warranty", "problem"})
        count -= std::min<std::size_t>(count, hasPair(sentence, "no", what) ? 1 : 0);
    return count;
}

/// Selling the font file, which no maker wants to do.
bool isAboutTheFile(const Sentence& sentence)
{
    return trade().count(sentence) == 0 && made().count(sentence) == 0 && fontFile().count(sentence) > 0;
}

bool asksForNothing(const Sentence& sentence)
{
    static const Words donation{
        "donat* spende* don dons donacion* donazion* doac* doacoes donasi coffee paypal tip"};
    static const Words optional{"welcome appreciated optional like want wish nice happy willkommen freu* "
                                "bienvenu* bienvenid* benvenut* bem-vindas "
                                "dipersilakan encouraged consider support"};
    return donation.count(sentence) > 0 && optional.count(sentence) > 0 && trade().count(sentence) == 0;
}

} // namespace

bool speaksOfSelling(const Sentence& sentence)
{
    return trade().count(sentence) > 0 || (selling().count(sentence) > 0 && !isAboutTheFile(sentence));
}

bool namesLess(const Sentence& sentence)
{
    static const Words words{
        "personal personally private privately privat private* prive privee personnel* pessoal personale "
        "pribadi particular prywatn* osobist* "
        "soukrom* yksity* personlig* eula agreement endast alleen alene tylko pouze vain kun uitsluitend"};
    constexpr std::size_t kShort = 8; // half a sentence; a whole one says what is personal
    return sentence.tokens.size() <= kShort && words.count(sentence) > 0 && !hasPair(sentence, "use", "area");
}

bool namesGoods(const Sentence& sentence)
{
    return made().count(sentence) > 0;
}

bool isTelling(std::string_view word)
{
    return refusals().has(word) || conditions().has(word) || trade().has(word) || selling().has(word) ||
           bounds().has(word) || terms().has(word);
}

bool mayNarrow(const Sentence& sentence)
{
    if (isCommonNotice(sentence) || asksForNothing(sentence))
        return false;
    const auto refused = refusalsIn(sentence), conditioned = conditions().count(sentence);
    const bool has_price = !priceIn(sentence).empty() || prices().count(sentence) > 0;
    if (speaksOfSelling(sentence) && (refused + conditioned > 0 || has_price))
        return true;
    if (selling().count(sentence) > 0) // of the font file
        return has_price;
    if (versions().count(sentence) > 0 && !hasPair(sentence, "not", "a") && !hasPair(sentence, "no", "demo"))
        return true;
    // "Not for students' use", "the licence ends": speaks of the licence and takes something away.
    const bool is_licence = terms().count(sentence) > 0;
    if (prices().count(sentence) > 0)
        return true;
    static const Words buying{"buy buys buying bought purchase* pay paid payment kaufen "
                              "gekauft erwerben acheter achet* compra* acquist* beli membeli"};
    static const Words others{
        "more other others another further weitere andere autres otras otros altri outras lain coffee"};
    if (buying.count(sentence) > 0 && (is_licence || fontFile().count(sentence) > 0) &&
        others.count(sentence) == 0)
        return true;
    return (is_licence && (refused > 0 || has_price || bounds().count(sentence) > 0)) ||
           (has_price && conditioned > 0);
}

bool mayNarrowWhatWasBought(const Sentence& sentence)
{
    return !isCommonNotice(sentence) && speaksOfSelling(sentence) && refusalsIn(sentence) > 0;
}

bool mayTakeBack(const Sentence& sentence)
{
    constexpr std::size_t kShort = 16;
    const auto& tokens = sentence.tokens;
    if (tokens.empty() || tokens.size() > kShort || isCommonNotice(sentence) || asksForNothing(sentence))
        return false;
    const bool says_no = tokens[0].word == "no" && (tokens.size() == 1 || tokens[1].word == "." ||
                                                    tokens[1].word == "," || tokens[1].word == "!");
    // "Everyone but you."
    const bool is_only_that = tokens.size() <= 5 && std::ranges::any_of(tokens, [](const Token& t) {
                                  return refusals().has(t.word) || conditions().has(t.word);
                              });
    // "If you own a licence." is half of a sentence; "If you like it, write me." is none.
    static const Words halves{"if when wenn falls si quando se jika kalau cuando"};
    const bool is_half =
        halves.has(tokens[0].word) && std::ranges::find(tokens, ",", &Token::word) == tokens.end();
    return says_no || is_half || conditions().count(sentence) > 1 || is_only_that ||
           turns().has(tokens[0].word) || retractions().count(sentence) > 0 || pointsBack(sentence);
}

bool isShortAside(const Sentence& sentence)
{
    constexpr std::size_t kShortest = 5;
    return sentence.is_aside && sentence.tokens.size() <= kShortest;
}

bool isCommonNotice(const Sentence& sentence)
{
    // Wordings of the notices that go with open licences (Apache License 2.0, appendix; GNU GPL, "How to
    // apply"; SIL OFL FAQ).
    static constexpr std::array<std::string_view, 20> kNotices{
        "distributed on an as is basis without warranties or conditions of any kind",
        "without any warranty without even the implied warranty", "without even the implied warranty",
        "see the gnu general public license for more details",
        "see the sil open font license for the specific language permissions and limitations",
        "see the license for the specific language governing permissions and limitations",
        "see the gnu lesser general public license for more details",
        "the license for the specific language permissions and limitations",
        "you may not use this file except in compliance with the license",
        "unless required by applicable law or agreed to in writing", "you should have received a copy of the",
        "provided as is without warranty", "the font software is provided as is without warranty",
        "you may not use this font software except in compliance with the license",
        "this license is copied below and is also available with a faq", "if not see",
        "no modification of the license is permitted only verbatim copy is allowed",
        "does not grant any rights under trademark law",
        // What authors of public domain works add, "in case this is not legally possible" (Wikimedia Commons,
        // PD-self).
        "the right to use this work for any purpose without any conditions unless such conditions are "
        "required by "
        "law",
        "shall be liable for any"};
    std::string words;
    for (const auto& token : sentence.tokens)
        if (token.word.size() > 1 || std::isalnum(static_cast<unsigned char>(token.word[0])) != 0)
            words += (words.empty() ? "" : " ") + token.word;
    // A disclaimer speaks of business and profits that are lost.
    if (words.starts_with("in no event shall") && words.find(" liable for any ") != std::string::npos &&
        words.find("commercial") == std::string::npos)
        return true;
    if (trade().count(sentence) > 0)
        return false;
    if (words.find("all rights reserved") != std::string::npos) // alone, or behind whose copyright it is
        return refusals().count(sentence) + conditions().count(sentence) + bounds().count(sentence) == 0;
    // The notice and little more.
    return std::ranges::any_of(kNotices, [&](std::string_view notice) {
        return words.find(notice) != std::string::npos && words.size() < 3 * notice.size() + 120;
    });
}

} // namespace ink

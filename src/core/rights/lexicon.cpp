#include "core/rights/lexicon.h"

#include <algorithm>
#include <array>
#include <map>
#include <string_view>

namespace ink::detail {
namespace {

struct Entry
{
    Concept what;
    /// Phrases between bars, folded as Sentence::words are; a star stands for any ending.
    std::string_view phrases;
};

// From memory of how such sentences are written; the table of tests/core/rights holds examples of each.
constexpr std::array kEntries{
    // English
    Entry{Concept::Not,
          "not|no|never|cannot|nor|neither|don t|doesn t|isn t|aren t|can t|won t|mustn t|none|dont|cant"},
    Entry{Concept::May,
          "may|can|allowed|permitted|permit|permits|allow|allows|ok|okay|fine|welcome|granted|grants|grant|"
          "feel free|yes|"
          "you are free to|free to use|free to sell|permission is hereby granted|permission is granted|no "
          "problem|go ahead|"
          "don t mind|licensed for|authorized|authorised|happily|are free to|is good for|good "
          "for|entitled|covers|"
          "you don t need|don t need to|do not need|do not need to|no need to|no license needed|no licence "
          "needed|no license required|no licence required|"
          "no license is needed|no licence is needed|no license is required|no licence is required|not "
          "required|no need|need not|no restrictions|no restriction|without restriction|"
          "without restrictions|without limitation|without any restriction|without any restrictions|no "
          "limits|no limit|no strings attached|"
          "not restricted|not limited|including|includes|included|also for|suitable for|intended for|can be "
          "used"},
    Entry{Concept::Forbidden, "prohibited|forbidden|disallowed|not allowed|not "
                              "permitted|unlawful|illegal|excluded|refrain|prohibits|forbids|restricted|"
                              "violation|infringe*|not authorized|not authorised|strictly prohibited"},
    Entry{Concept::Only, "only|solely|strictly|exclusively|limited to|restricted to|just for"},
    Entry{Concept::Free,
          "free|freeware|free of charge|at no cost|gratis|without charge|no charge|for free|free font"},
    Entry{Concept::Commercial, "commercial|commercially|for profit|business use|business purposes|for "
                               "business|commercial use|commercial purposes|"
                               "commercial projects|commercial work|to make money|money making|paid "
                               "work|client work|paid projects|for sale|promotional use"},
    Entry{Concept::NonCommercial, "non commercial|noncommercial|non commercially|not for profit|non "
                                  "profit|nonprofit|non commercial use|without profit"},
    Entry{
        Concept::AnyUse,
        "personal and commercial|personal or commercial|commercial and personal|commercial or "
        "personal|personal commercial|"
        "commercial and non commercial|commercial or non commercial|commercial and noncommercial|commercial "
        "or noncommercial|"
        "non commercial and commercial|noncommercial and commercial|non commercial or commercial|any "
        "purpose|any use|all uses|any kind of use|every purpose|"
        "private and commercial|private or commercial|commercial and private|commercial or private|anything "
        "you like|anything you want|"
        "personal as well as commercial|personal commercial use|personal , commercial|personal , and "
        "commercial|whatever you want|whatever you like|"
        "personal use and commercial use|personal use and for commercial use|personal use or commercial use|"
        "whether personal or commercial|not only for personal use but also for commercial use|not only "
        "personal but also commercial"},
    Entry{Concept::Personal, "personal use|personal|private use|personal projects|home use|hobby|private "
                             "projects|personal purposes|for yourself"},
    Entry{Concept::Buy,
          "buy|purchase|purchasing|purchased|buying|license fee|licence fee|pay|paying|paid license|paid "
          "licence|commercial license|commercial licence|"
          "paid version|a license is required|a licence is required|requires a license|requires a licence|"
          "need a license|need a licence|needs a license|needs a licence|obtain a license|obtain a "
          "licence|get a license|get a licence|"
          "for a fee|order a|order the|order it|to order|please order|available for purchase|license "
          "required|licence required|separate license|separate licence|commercial licenses|"
          "commercial licences|license for commercial|licence for commercial|acquire|get the commercial|"
          "must have a license|must have a licence|without a license|without a licence|without "
          "license|without licence"},
    Entry{Concept::Ask,
          "contact|contact me|contact us|email me|e mail me|mail me|email us|write to|write me|ask|ask "
          "me|ask us|asking|permission|get in touch|drop me|"
          "let me know|message me|consent|approval|written consent|inquire|enquire|reach out|reach us"},
    Entry{Concept::Donate,
          "donate|donation|donations|donating|tip jar|buy me a coffee|pay what you want|paypal"},
    Entry{Concept::Need,
          "require|requires|required|needed|need|needs|must|have to|has to|necessary|mandatory"},
    Entry{Concept::Credit, "credit|credits|crediting|attribution|attribute|name the author|mention the "
                           "author|mention my name|mention the name|credited|give credit|acknowledg*"},
    Entry{Concept::Demo, "demo|demo version|trial|trial version|test version|preview version|free "
                         "version|personal version|sample version|limited version"},
    Entry{Concept::FullVersion, "full version|complete version|pro version|premium version|full font|full "
                                "family|complete family|paid version|commercial version"},
    Entry{Concept::Goods, "products|product|goods|items|item|merchandise|merch|physical products|end "
                          "products|end product|t shirts|shirts|mugs|physical items|physical goods|"
                          "physical end products|works made|crafts|designs made|things made|things you "
                          "make|objects|tangible|handmade|decals|signs"},
    Entry{Concept::PrintOnDemand,
          "print on demand|pod|print on demand services|on demand|on demand printing"},
    Entry{Concept::OwnShop, "your own shop|own shop|your own store|own store|single shop|one shop|your own "
                            "small business|a single business"},
    Entry{Concept::CutFile, "digital products|digital product|digital items|digital files|svg|svg files|cut "
                            "files|cut file|cutting files|cutting file|templates|"
                            "embroidery files|stitch files|stitch file|digital downloads|digital goods|clip "
                            "art|clipart|printables"},
    Entry{Concept::TheFont, "private use area|font|fonts|the font|this font|these fonts|the fonts|font "
                            "file|font files|the files|the file|font "
                            "software|typeface|zip|this file|the typeface|it as is|this typeface|letters "
                            "themselves|alphabet itself|stitched letters|stitches themselves"},
    Entry{Concept::Sell,
          "sell|sold|selling|resell|resold|reselling|resale|re sell|re sale|sale|sales|rent|lease"},
    Entry{Concept::Share, "share|sharing|redistribute|redistributed|redistribution|distribute|distributed|"
                          "distribution|upload|uploaded|re upload|reupload|give away|pass on|sublicense"},
    Entry{Concept::Alter,
          "modify|modified|modifying|modification|modifications|alter|altered|altering|edit|editing|adapt|"
          "change the|changed|convert|derivative|derivatives|derivative works|weld|outline"},
    Entry{Concept::Logo, "logo|logos|trademark|trademarks|brand mark|logotype"},
    Entry{Concept::StitchedAlphabet,
          "digitize|digitise|digitized|digitised|digitizing|digitising|embroidery font|embroidery "
          "fonts|stitched alphabet|stitch alphabet|embroidery alphabet|"
          "embroidery alphabets|machine embroidery font"},
    Entry{Concept::UpTo,
          "up to|maximum of|a maximum of|max|maximum|no more than|not more than|not exceed|not "
          "exceeding|limited to|limit of|a limit of|fewer than|less than|at most|within"},
    Entry{Concept::MoreThan, "more than|over|above|exceeding|beyond|exceed|exceeds"},
    Entry{Concept::Units, "units|unit|sales|copies|copy|pieces|impressions|items|products|end "
                          "products|prints|physical items|physical products|goods|sold items"},
    Entry{Concept::Unlimited,
          "unlimited|any number|as many as you like|as many as you want|no limit on|no limit to"},
    Entry{Concept::But, "but|however|although|though|whereas|while"},
    Entry{Concept::Except, "except|excluding|other than|apart from|unless|with the exception "
                           "of|excludes|does not include|not including|not included"},
    Entry{Concept::Without, "without|w o"},
    Entry{Concept::PublicDomain, "public domain|no rights reserved|released into the public domain|dedicated "
                                 "to the public domain|unlicensed into"},
    Entry{Concept::Tier,
          "standard license|standard licence|basic license|basic licence|desktop license|desktop "
          "licence|personal license|personal licence|extended license|extended licence|"
          "corporate license|corporate licence|hobby license|hobby licence|small business license|small "
          "business licence|professional license|professional licence"},
    Entry{Concept::Anew, "you|please|it is|this is|they are|we|i"},
    // French
    Entry{Concept::Not, "ne|pas|aucun|aucune|jamais|ni|n"},
    Entry{Concept::May,
          "autorise|autorisee|autorises|permis|permise|pouvez|libre de|sans restriction|sans limite"},
    Entry{Concept::Forbidden,
          "interdit|interdite|interdits|interdites|prohibe|prohibee|non autorise|non autorisee|defendu"},
    Entry{
        Concept::Only,
        "uniquement|seulement|exclusivement|strictement|reserve a l|reservee a l|reserve a un|reservee a un"},
    Entry{Concept::Free, "gratuit|gratuite|gratuitement|gratuits|libre"},
    Entry{Concept::Commercial,
          "usage commercial|utilisation commerciale|commerciale|commerciales|commerciaux|fins "
          "commerciales|commercialement|professionnel|a des fins commerciales"},
    Entry{
        Concept::NonCommercial,
        "non commerciale|non commerciales|usage non commercial|utilisation non commerciale|non commerciaux"},
    Entry{Concept::AnyUse,
          "usage personnel et commercial|usage personnel ou commercial|personnel et commercial|personnel ou "
          "commercial|personnelle et commerciale|personnelle ou commerciale|"
          "tout usage|tous usages|tous les usages|personnels et commerciaux|prive et commercial|commercial "
          "et personnel"},
    Entry{Concept::Personal, "usage personnel|personnel|personnelle|personnelles|usage "
                             "prive|prive|privee|utilisation personnelle"},
    Entry{Concept::Buy, "acheter|achetez|achat|licence commerciale|payer|payante|payant|acquerir|commander"},
    Entry{Concept::Ask, "contactez|contacter|contactez moi|ecrivez moi|me contacter|nous "
                        "contacter|autorisation|accord|demander|demandez"},
    Entry{Concept::Donate, "don|dons|faire un don"},
    Entry{Concept::Need, "necessite|obligatoire|doit|devez|faut|requis|requise"},
    Entry{Concept::Credit, "citer|mentionner|mention de l auteur|crediter"},
    Entry{Concept::But, "mais|cependant|toutefois|par contre"},
    Entry{Concept::Without, "sans"},
    Entry{Concept::Except, "sauf|hormis"},
    Entry{Concept::Sell, "vendre|vendu|vendue|vente|revendre|revente|vendus"},
    Entry{Concept::Goods, "produits|objets|articles|marchandises"},
    Entry{Concept::TheFont, "police|la police|cette police|polices|fonte|fichier"},
    Entry{Concept::UpTo, "jusqu a|maximum de|au plus|au maximum|limite a"},
    Entry{Concept::Units, "exemplaires|unites"},
    Entry{Concept::PublicDomain, "domaine public"},
    // German
    Entry{Concept::Not, "nicht|kein|keine|keinen|keinem|keiner|nie|niemals|weder"},
    Entry{Concept::May, "erlaubt|gestattet|darf|durfen|zulassig|frei verwendbar|ohne einschrankung|ohne "
                        "einschrankungen|kann|konnen|freigegeben"},
    Entry{Concept::Forbidden, "verboten|untersagt|ausgeschlossen|unzulassig|nicht erlaubt|nicht gestattet"},
    Entry{Concept::Only, "nur|ausschliesslich|lediglich"},
    Entry{Concept::Free, "kostenlos|kostenfrei|frei|kostenlose|umsonst|freie"},
    Entry{Concept::Commercial,
          "kommerziell|kommerzielle|kommerziellen|kommerzieller|kommerzielles|gewerblich|gewerbliche|"
          "gewerblichen|gewerblicher|geschaftlich|geschaftliche|kommerziell nutzen"},
    Entry{Concept::NonCommercial,
          "nicht kommerziell|nicht kommerzielle|nicht kommerziellen|nichtkommerziell*|nicht gewerblich|nicht "
          "gewerbliche|nicht gewerblichen|unkommerziell"},
    Entry{Concept::AnyUse,
          "privat und kommerziell|privat oder kommerziell|private und kommerzielle|private und "
          "gewerbliche|privaten und kommerziellen|privaten und gewerblichen|"
          "private oder kommerzielle|jeden zweck|alle zwecke|beliebige zwecke|kommerziell und privat|privat "
          "wie gewerblich|privat und gewerblich|privat als auch gewerblich|"
          "privaten als auch kommerziellen|private als auch kommerzielle|private wie kommerzielle"},
    Entry{Concept::Personal, "privat|private|privaten|privater|privatgebrauch|personlichen "
                             "gebrauch|personliche|personlichen|eigengebrauch|privatnutzung"},
    Entry{Concept::Buy, "kaufen|erwerben|kauf|bezahlen|kostenpflichtig|kostenpflichtige|kommerzielle "
                        "lizenz|lizenz erforderlich|gewerbliche lizenz|lizenz notig|lizenz kaufen|lizenz "
                        "gekauft|gekauft|lizenz erwerben|bestellen"},
    Entry{Concept::Ask, "kontaktieren|kontakt|genehmigung|zustimmung|erlaubnis|anfragen|fragen|einwilligung|"
                        "schreiben sie|melden"},
    Entry{Concept::Donate, "spende|spenden"},
    Entry{Concept::Need, "erforderlich|notwendig|muss|mussen|notig|benotigt|benotigen|bedarf"},
    Entry{Concept::Credit, "namensnennung|nennung|urheber nennen|nennen sie|quellenangabe"},
    Entry{Concept::But, "aber|jedoch|allerdings|hingegen|dagegen"},
    Entry{Concept::Without, "ohne"},
    Entry{Concept::Except, "ausser|ausgenommen"},
    Entry{Concept::Sell, "verkauf|verkaufen|verkauft|weiterverkauf|weiterverkaufen"},
    Entry{Concept::Goods, "produkte|produkten|waren|gegenstande|artikel"},
    Entry{Concept::TheFont,
          "schrift|schriftart|die schrift|diese schrift|dieser schrift|schriftdatei|schriften"},
    Entry{Concept::UpTo, "bis zu|hochstens|maximal"},
    Entry{Concept::Units, "stuck|exemplare|exemplaren"},
    Entry{Concept::PublicDomain, "gemeinfrei"},
    Entry{Concept::Anew, "sie"},
    // Spanish and Portuguese
    Entry{Concept::Not, "nunca|ningun|ninguna|tampoco|nao|nem|nenhum|nenhuma"},
    Entry{Concept::May,
          "permitido|permitida|permite|puede|puedes|autorizado|autorizada|se puede|pode|podes|permitidos|sem "
          "restricoes|sin restricciones|liberado|liberada|pode ser"},
    Entry{Concept::Forbidden, "prohibido|prohibida|prohibidos|proibido|proibida|vedado|vedada|prohibe"},
    Entry{Concept::Only, "solo|solamente|unicamente|exclusivamente|apenas|somente|so para"},
    Entry{Concept::Free,
          "gratis|gratuita|gratuito|gratuitamente|libre para|livre para|livre|de graca|gratuitas"},
    Entry{Concept::Commercial,
          "comercial|comerciales|comercialmente|comerciais|uso comercial|fines comerciales|fins "
          "comerciais|uso profesional|uso profissional|lucro|fines de lucro"},
    Entry{Concept::NonCommercial, "no comercial|no comerciales|sin fines de lucro|sin animo de lucro|nao "
                                  "comercial|nao comerciais|sem fins lucrativos|sem fins comerciais"},
    Entry{Concept::AnyUse, "personal y comercial|personal o comercial|comercial y personal|cualquier "
                           "uso|cualquier proposito|cualquier fin|pessoal e comercial|pessoal ou comercial|"
                           "comercial e pessoal|qualquer uso|qualquer finalidade|qualquer fim|personales y "
                           "comerciales|pessoais e comerciais|todo uso|personal como comercial"},
    Entry{Concept::Personal,
          "uso personal|personales|uso privado|uso pessoal|pessoal|pessoais|uso particular|privado"},
    Entry{Concept::Buy, "comprar|compre|compra|compra la|licencia comercial|licenca "
                        "comercial|adquirir|adquiera|adquira|pagar|pague|de pago|paga"},
    Entry{Concept::Ask,
          "contacta|contacte|contactar|contactame|contacto|contato|entre em contato|escribeme|escribe "
          "a|escribir|permiso|autorizacion|autorizacao|permissao|pedir|consulte|consulta|contate"},
    Entry{Concept::Donate, "donacion|donaciones|donar|doacao|doacoes|doar|doe"},
    Entry{Concept::Need, "requiere|necesita|necesario|necesaria|debe|hay "
                         "que|requer|precisa|necessario|deve|obligatorio|obrigatorio|exige"},
    Entry{Concept::Credit, "credito|creditos|atribucion|atribuicao|mencionar al autor|citar"},
    Entry{Concept::But, "pero|sin embargo|mas|porem|contudo|no entanto|ma|pero|tuttavia"},
    Entry{Concept::Without, "sin|sem|senza|tanpa"},
    Entry{Concept::Except, "excepto|salvo|exceto|eccetto|tranne|kecuali"},
    Entry{Concept::Sell, "vender|venda|venta|reventa|revender|revenda|vendido|vendidos|vendida"},
    Entry{Concept::Goods, "productos|objetos|articulos|produtos|artigos|mercancias"},
    Entry{Concept::TheFont,
          "fuente|la fuente|esta fuente|tipografia|a fonte|esta fonte|fonte|fontes|fuentes"},
    Entry{Concept::UpTo, "hasta|maximo de|un maximo de|como maximo|ate|no maximo|um maximo de"},
    Entry{Concept::Units, "unidades|ejemplares|exemplares|copias"},
    Entry{Concept::PublicDomain, "dominio publico"},
    // Italian
    Entry{Concept::Not, "non|nessun|nessuna|mai|ne"},
    Entry{Concept::May, "consentito|consentita|permesso l|permessa|e "
                        "permesso|puoi|puo|autorizzato|potete|senza limiti|senza limitazioni|ammesso"},
    Entry{Concept::Forbidden, "vietato|vietata|proibito|proibita|vietati|non consentito|non consentita"},
    Entry{Concept::Only, "soltanto|esclusivamente|unicamente|solo per"},
    Entry{Concept::Free, "gratuiti|libero|libera|gratuitamente"},
    Entry{Concept::Commercial, "commerciale|commerciali|commercialmente|scopi commerciali|fini "
                               "commerciali|uso commerciale|scopo di lucro"},
    Entry{Concept::NonCommercial, "non commerciale|non commerciali|senza scopo di lucro|senza fini di lucro"},
    Entry{Concept::AnyUse, "personale e commerciale|personale o commerciale|commerciale e "
                           "personale|qualsiasi uso|qualsiasi scopo|qualunque scopo|personali e "
                           "commerciali|sia personale che commerciale|sia personale sia commerciale"},
    Entry{Concept::Personal, "uso personale|personale|personali|uso privato|privato"},
    Entry{Concept::Buy,
          "acquistare|acquista|comprare|compra|licenza commerciale|acquisto|pagamento|a pagamento"},
    Entry{Concept::Ask, "contattami|contattare|contatta|contattateci|contattatemi|scrivi|scrivetemi|permesso|"
                        "autorizzazione|chiedere|chiedi"},
    Entry{Concept::Donate, "donazione|donazioni"},
    Entry{Concept::Need, "richiede|necessario|bisogna|occorre|serve|deve|richiesta|necessaria"},
    Entry{Concept::Credit, "attribuzione|citare l autore|menzionare|credito all autore"},
    Entry{Concept::Sell, "vendere|venduto|vendita|rivendere|rivendita"},
    Entry{Concept::Goods, "prodotti|oggetti|articoli|merci"},
    Entry{Concept::TheFont, "il font|questo font|carattere|il carattere"},
    Entry{Concept::UpTo, "fino a|al massimo|massimo"},
    Entry{Concept::Units, "pezzi|copie|unita|esemplari"},
    Entry{Concept::PublicDomain, "pubblico dominio|dominio pubblico"},
    // Indonesian
    Entry{Concept::Not, "tidak|jangan|bukan|belum|tdk"},
    Entry{Concept::May, "boleh|diperbolehkan|diizinkan|bisa|dapat|dibolehkan|tidak perlu"},
    Entry{Concept::Forbidden, "dilarang|terlarang|tidak boleh|tidak diperbolehkan|tidak diizinkan"},
    Entry{Concept::Only, "hanya|semata|hanya untuk"},
    Entry{Concept::Free, "bebas|cuma cuma|gratis"},
    Entry{Concept::Commercial,
          "komersial|komersil|penggunaan komersial|keperluan komersial|kepentingan komersial|keuntungan"},
    Entry{Concept::NonCommercial, "non komersial|nonkomersial|bukan komersial|tidak komersial|non komersil"},
    Entry{Concept::AnyUse, "pribadi dan komersial|pribadi maupun komersial|pribadi atau komersial|komersial "
                           "dan pribadi|keperluan apa pun|keperluan apapun|segala keperluan|apa saja"},
    Entry{Concept::Personal, "pribadi|penggunaan pribadi|keperluan pribadi|personal use"},
    Entry{Concept::Buy, "membeli|beli|pembelian|lisensi komersial|membayar|bayar|belilah"},
    Entry{Concept::Ask, "hubungi|menghubungi|izin|ijin|kontak"},
    Entry{Concept::Donate, "donasi|sumbangan"},
    Entry{Concept::Need, "harus|wajib|perlu|silakan|silahkan|diperlukan|membutuhkan"},
    Entry{Concept::But, "tetapi|tapi|namun|sedangkan"},
    Entry{Concept::Sell, "menjual|jual|dijual|dijual kembali"},
    Entry{Concept::Goods, "produk|barang"},
    Entry{Concept::Units, "buah|unit"},
    Entry{Concept::UpTo, "hingga|sampai|maksimal"},
    // Marks
    Entry{Concept::Comma, ","},
    Entry{Concept::But, ";"},
    Entry{Concept::Link, "<url>|<mail>"},
};

struct Phrase
{
    Concept what;
    std::vector<std::string> words;
    bool has_open_end = false;
};

using PhraseTable = std::map<std::string, std::vector<Phrase>, std::less<>>;

/// By first word; "infringe*" under its first four letters.
PhraseTable makeTable()
{
    PhraseTable table;
    for (const auto& entry : kEntries) {
        std::string_view rest = entry.phrases;
        while (!rest.empty()) {
            const auto bar = rest.find('|');
            std::string_view text = rest.substr(0, bar);
            rest.remove_prefix(bar == std::string_view::npos ? rest.size() : bar + 1);
            Phrase phrase{entry.what, {}, text.ends_with('*')};
            if (phrase.has_open_end)
                text.remove_suffix(1);
            while (!text.empty()) {
                const auto space = text.find(' ');
                phrase.words.emplace_back(text.substr(0, space));
                text.remove_prefix(space == std::string_view::npos ? text.size() : space + 1);
            }
            std::string key = phrase.words.size() == 1 && phrase.has_open_end ? phrase.words[0].substr(0, 4)
                                                                              : phrase.words.front();
            table[std::move(key)].push_back(std::move(phrase));
        }
    }
    for (auto& [key, phrases] : table) // the longest phrase wins; of equals, the earlier in the table
        std::stable_sort(phrases.begin(), phrases.end(),
                         [](const Phrase& a, const Phrase& b) { return a.words.size() > b.words.size(); });
    return table;
}

bool matches(const Phrase& phrase, const std::vector<std::string>& words, std::size_t at)
{
    if (at + phrase.words.size() > words.size())
        return false;
    for (std::size_t i = 0; i < phrase.words.size(); ++i) {
        const bool is_open = phrase.has_open_end && i + 1 == phrase.words.size();
        if (is_open ? !words[at + i].starts_with(phrase.words[i]) : words[at + i] != phrase.words[i])
            return false;
    }
    return true;
}

const Phrase* longestAt(const PhraseTable& table, const std::vector<std::string>& words, std::size_t at)
{
    const Phrase* best = nullptr;
    for (const std::string_view key :
         {std::string_view(words[at]), std::string_view(words[at]).substr(0, 4)}) {
        const auto it = table.find(key);
        if (it == table.end())
            continue;
        for (const auto& phrase : it->second)
            if ((!best || phrase.words.size() > best->words.size()) && matches(phrase, words, at))
                best = &phrase;
    }
    return best;
}

} // namespace

std::vector<Item> itemsOf(const std::vector<std::string>& words)
{
    static const PhraseTable table = makeTable();
    std::vector<Item> items;
    for (std::size_t at = 0; at < words.size();) {
        const Phrase* phrase = longestAt(table, words, at);
        if (!phrase) {
            ++at;
            continue;
        }
        items.push_back({phrase->what, at, at + phrase->words.size()});
        at += phrase->words.size();
    }
    return items;
}

} // namespace ink::detail

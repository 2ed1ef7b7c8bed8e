<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en_GB" sourcelanguage="en_GB">
  <context>
    <name>ComposeSentence</name>
    <message numerus="yes">
      <source>%n line(s) of one width</source>
      <translation>
        <numerusform>%n line of one width</numerusform>
        <numerusform>%n lines of one width</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s) about their middle</source>
      <translation>
        <numerusform>%n line about their middle</numerusform>
        <numerusform>%n lines about their middle</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s), right edges in line</source>
      <translation>
        <numerusform>%n line, right edges in line</numerusform>
        <numerusform>%n lines, right edges in line</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s), left edges in line</source>
      <translation>
        <numerusform>%n line, left edges in line</numerusform>
        <numerusform>%n lines, left edges in line</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n other form(s)</source>
      <translation>
        <numerusform>%n other form</numerusform>
        <numerusform>%n other forms</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n piece</numerusform>
        <numerusform>%n pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>wear %n other form(s)</source>
      <translation>
        <numerusform>wear %n other form</numerusform>
        <numerusform>wear %n other forms</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>have %n piece(s) beside them</source>
      <translation>
        <numerusform>have %n piece beside them</numerusform>
        <numerusform>have %n pieces beside them</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n guide(s)</source>
      <translation>
        <numerusform>%n guide</numerusform>
        <numerusform>%n guides</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>Proof</name>
    <message numerus="yes">
      <source>%n node(s) for each cm</source>
      <translation>
        <numerusform>%n node for each cm</numerusform>
        <numerusform>%n nodes for each cm</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) missing</source>
      <translation>
        <numerusform>%n letter missing</numerusform>
        <numerusform>%n letters missing</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n layer(s) of thread</source>
      <translation>
        <numerusform>%n layer of thread</numerusform>
        <numerusform>%n layers of thread</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>The machine stutters from %n on.</source>
      <translation>
        <numerusform>The machine stutters from %n on.</numerusform>
        <numerusform>The machine stutters from %n on.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>From %n on the needle may break.</source>
      <translation>
        <numerusform>From %n on the needle may break.</numerusform>
        <numerusform>From %n on the needle may break.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n thin stroke(s), down to %1</source>
      <translation>
        <numerusform>%n thin stroke, down to %1</numerusform>
        <numerusform>%n thin strokes, down to %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n tight gap(s), down to %1</source>
      <translation>
        <numerusform>%n tight gap, down to %1</numerusform>
        <numerusform>%n tight gaps, down to %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n speck(s), down to %1</source>
      <translation>
        <numerusform>%n speck, down to %1</numerusform>
        <numerusform>%n specks, down to %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n small middle(s), down to %1</source>
      <translation>
        <numerusform>%n small middle, down to %1</numerusform>
        <numerusform>%n small middles, down to %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n sharp point(s), down to %1</source>
      <translation>
        <numerusform>%n sharp point, down to %1</numerusform>
        <numerusform>%n sharp points, down to %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) by a thread, down to %1</source>
      <translation>
        <numerusform>%n part by a thread, down to %1</numerusform>
        <numerusform>%n parts by a thread, down to %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n loose piece(s)</source>
      <translation>
        <numerusform>%n loose piece</numerusform>
        <numerusform>%n loose pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) that (falls|fall) out</source>
      <translation>
        <numerusform>%n middle that falls out</numerusform>
        <numerusform>%n middles that fall out</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n edge(s) cut twice</source>
      <translation>
        <numerusform>%n edge cut twice</numerusform>
        <numerusform>%n edges cut twice</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n low line(s), down to %1</source>
      <translation>
        <numerusform>%n low line, down to %1</numerusform>
        <numerusform>%n low lines, down to %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n wide stroke(s), up to %1</source>
      <translation>
        <numerusform>%n wide stroke, up to %1</numerusform>
        <numerusform>%n wide strokes, up to %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n to look at</numerusform>
        <numerusform>%n to look at</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n bridge(s)</source>
      <translation>
        <numerusform>%n bridge</numerusform>
        <numerusform>%n bridges</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>no more than %n layer(s)</source>
      <translation>
        <numerusform>no more than %n layer</numerusform>
        <numerusform>no more than %n layers</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n stroke(s) thicker</source>
      <translation>
        <numerusform>%n stroke thicker</numerusform>
        <numerusform>%n strokes thicker</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n gap(s) mended</source>
      <translation>
        <numerusform>%n gap mended</numerusform>
        <numerusform>%n gaps mended</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n speck(s) mended</source>
      <translation>
        <numerusform>%n speck mended</numerusform>
        <numerusform>%n specks mended</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) mended</source>
      <translation>
        <numerusform>%n middle mended</numerusform>
        <numerusform>%n middles mended</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n point(s) blunted</source>
      <translation>
        <numerusform>%n point blunted</numerusform>
        <numerusform>%n points blunted</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n thread(s) parted</source>
      <translation>
        <numerusform>%n thread parted</numerusform>
        <numerusform>%n threads parted</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n loose piece(s) tied</source>
      <translation>
        <numerusform>%n loose piece tied</numerusform>
        <numerusform>%n loose pieces tied</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) tied to the sheet</source>
      <translation>
        <numerusform>%n middle tied to the sheet</numerusform>
        <numerusform>%n middles tied to the sheet</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n place(s) left: %1</source>
      <translation>
        <numerusform>%n place left: %1</numerusform>
        <numerusform>%n places left: %1</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>QObject</name>
    <message numerus="yes">
      <source>piece(s)</source>
      <translation>
        <numerusform>piece</numerusform>
        <numerusform>pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>swash(es)</source>
      <translation>
        <numerusform>swash</numerusform>
        <numerusform>swashes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>other form(s)</source>
      <translation>
        <numerusform>other form</numerusform>
        <numerusform>other forms</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>For %1; and %n other form(s) in all.</source>
      <translation>
        <numerusform>For %1; and %n other form in all.</numerusform>
        <numerusform>For %1; and %n other forms in all.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>middle(s)</source>
      <translation>
        <numerusform>middle</numerusform>
        <numerusform>middles</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>sharp point(s)</source>
      <translation>
        <numerusform>sharp point</numerusform>
        <numerusform>sharp points</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n piece</numerusform>
        <numerusform>%n pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n middle</numerusform>
        <numerusform>%n middles</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n node(s)</source>
      <translation>
        <numerusform>%n node</numerusform>
        <numerusform>%n nodes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n font(s) were installed for this job only: %1. Take them away from your other programs now?</source>
      <translation>
        <numerusform>%n font were installed for this job only: %1. Take them away from your other programs now?</numerusform>
        <numerusform>%n fonts were installed for this job only: %1. Take them away from your other programs now?</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1, %n page(s). %2</source>
      <translation>
        <numerusform>%1, %n page. %2</numerusform>
        <numerusform>%1, %n pages. %2</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n font</numerusform>
        <numerusform>%n fonts</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CardPage</name>
    <message numerus="yes">
      <source>fetched %Ln time(s)</source>
      <translation>
        <numerusform>fetched %Ln time</numerusform>
        <numerusform>fetched %Ln times</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CarryPage</name>
    <message numerus="yes">
      <source>%1: %n font(s), %2 new on this shelf</source>
      <translation>
        <numerusform>%1: %n font, %2 new on this shelf</numerusform>
        <numerusform>%1: %n fonts, %2 new on this shelf</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposePage</name>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n piece</numerusform>
        <numerusform>%n pieces</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposeSentence</name>
    <message numerus="yes">
      <source>%1, and %n more in Proof.</source>
      <translation>
        <numerusform>%1, and %n more in Proof.</numerusform>
        <numerusform>%1, and %n more in Proof.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposeStrip</name>
    <message numerus="yes">
      <source>%n letter(s)</source>
      <translation>
        <numerusform>%n letter</numerusform>
        <numerusform>%n letters</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n form(s)</source>
      <translation>
        <numerusform>%n form</numerusform>
        <numerusform>%n forms</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n piece</numerusform>
        <numerusform>%n pieces</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CutFiles</name>
    <message numerus="yes">
      <source>Saved %1: %2 wide, %3 high, %n piece(s), mirrored. It is in %4</source>
      <translation>
        <numerusform>Saved %1: %2 wide, %3 high, %n piece, mirrored. It is in %4</numerusform>
        <numerusform>Saved %1: %2 wide, %3 high, %n pieces, mirrored. It is in %4</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %2 wide, %3 high, %n piece(s). It is in %4</source>
      <translation>
        <numerusform>Saved %1: %2 wide, %3 high, %n piece. It is in %4</numerusform>
        <numerusform>Saved %1: %2 wide, %3 high, %n pieces. It is in %4</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::DressingStrip</name>
    <message numerus="yes">
      <source>%n letter(s) dressed</source>
      <translation>
        <numerusform>%n letter dressed</numerusform>
        <numerusform>%n letters dressed</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 of %n pair(s) joined</source>
      <translation>
        <numerusform>%1 of %n pair joined</numerusform>
        <numerusform>%1 of %n pairs joined</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FindPage</name>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n font</numerusform>
        <numerusform>%n fonts</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HandOffPage</name>
    <message numerus="yes">
      <source>%n name(s)</source>
      <translation>
        <numerusform>%n name</numerusform>
        <numerusform>%n names</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 on %n sheet(s)</source>
      <translation>
        <numerusform>%1 on %n sheet</numerusform>
        <numerusform>%1 on %n sheets</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n page(s)</source>
      <translation>
        <numerusform>%n page</numerusform>
        <numerusform>%n pages</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1, %n sheet(s)</source>
      <translation>
        <numerusform>%1, %n sheet</numerusform>
        <numerusform>%1, %n sheets</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 of %n made</source>
      <translation>
        <numerusform>%1 of %n made</numerusform>
        <numerusform>%1 of %n made</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n sheet(s) are on their way to the cutter.</source>
      <translation>
        <numerusform>%n sheet are on their way to the cutter.</numerusform>
        <numerusform>%n sheets are on their way to the cutter.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>These words, %n time(s),</source>
      <translation>
        <numerusform>These words, %n time,</numerusform>
        <numerusform>These words, %n times,</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n gap(s) that hold</source>
      <translation>
        <numerusform>%n gap that hold</numerusform>
        <numerusform>%n gaps that hold</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HandedFiles</name>
    <message numerus="yes">
      <source>%1-and-%n-more</source>
      <translation>
        <numerusform>%1-and-%n-more</numerusform>
        <numerusform>%1-and-%n-more</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n sheet(s), the first %2 wide and %3 long. It is in %4</source>
      <translation>
        <numerusform>Saved %1: %n sheet, the first %2 wide and %3 long. It is in %4</numerusform>
        <numerusform>Saved %1: %n sheets, the first %2 wide and %3 long. It is in %4</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n page(s). It is in %2</source>
      <translation>
        <numerusform>Saved %1: %n page. It is in %2</numerusform>
        <numerusform>Saved %1: %n pages. It is in %2</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n file(s), %2 stitches. It is in %3</source>
      <translation>
        <numerusform>Saved %1: %n file, %2 stitches. It is in %3</numerusform>
        <numerusform>Saved %1: %n files, %2 stitches. It is in %3</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n page(s) are with the printer.</source>
      <translation>
        <numerusform>%n page are with the printer.</numerusform>
        <numerusform>%n pages are with the printer.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HealthPage</name>
    <message numerus="yes">
      <source>%n font(s): %1 installed, %2 set aside, %3 never used</source>
      <translation>
        <numerusform>%n font: %1 installed, %2 set aside, %3 never used</numerusform>
        <numerusform>%n fonts: %1 installed, %2 set aside, %3 never used</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::IntakePage</name>
    <message numerus="yes">
      <source>Take in %n font(s)</source>
      <translation>
        <numerusform>Take in %n font</numerusform>
        <numerusform>Take in %n fonts</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Taken in: %n font(s), %1 new on the shelf.</source>
      <translation>
        <numerusform>Taken in: %n font, %1 new on the shelf.</numerusform>
        <numerusform>Taken in: %n fonts, %1 new on the shelf.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Taken in: %n font(s), %1 new on the shelf. What they replace was set aside: you find it on the shelf.</source>
      <translation>
        <numerusform>Taken in: %n font, %1 new on the shelf. What they replace was set aside: you find it on the shelf.</numerusform>
        <numerusform>Taken in: %n fonts, %1 new on the shelf. What they replace was set aside: you find it on the shelf.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobBand</name>
    <message numerus="yes">
      <source>Words of this job · %1 of %n name(s)</source>
      <translation>
        <numerusform>Words of this job · %1 of %n name</numerusform>
        <numerusform>Words of this job · %1 of %n names</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobSession</name>
    <message numerus="yes">
      <source>Saved the job as %1, without %n paper(s). %2</source>
      <translation>
        <numerusform>Saved the job as %1, without %n paper. %2</numerusform>
        <numerusform>Saved the job as %1, without %n papers. %2</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LettersPage</name>
    <message numerus="yes">
      <source>%n letter(s) to look at: say what (it|they) (is|are), or (it|they) cannot be typed.</source>
      <translation>
        <numerusform>%n letter to look at: say what it is, or it cannot be typed.</numerusform>
        <numerusform>%n letters to look at: say what they are, or they cannot be typed.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MainWindow</name>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n piece</numerusform>
        <numerusform>%n pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n middle</numerusform>
        <numerusform>%n middles</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n node(s)</source>
      <translation>
        <numerusform>%n node</numerusform>
        <numerusform>%n nodes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n font file(s) could not be used. The first: %1</source>
      <translation>
        <numerusform>%n font file could not be used. The first: %1</numerusform>
        <numerusform>%n font files could not be used. The first: %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 is open now. Open the other %n package(s) after it.</source>
      <translation>
        <numerusform>%1 is open now. Open the other %n package after it.</numerusform>
        <numerusform>%1 is open now. Open the other %n packages after it.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MaterialSection</name>
    <message numerus="yes">
      <source>%n corner(s)</source>
      <translation>
        <numerusform>%n corner</numerusform>
        <numerusform>%n corners</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n smooth node(s)</source>
      <translation>
        <numerusform>%n smooth node</numerusform>
        <numerusform>%n smooth nodes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n place(s) where strokes meet</source>
      <translation>
        <numerusform>%n place where strokes meet</numerusform>
        <numerusform>%n places where strokes meet</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MotifTray</name>
    <message numerus="yes">
      <source>Where %n motif(s) (belongs|belong)</source>
      <translation>
        <numerusform>Where %n motif belongs</numerusform>
        <numerusform>Where %n motifs belong</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::NameList</name>
    <message numerus="yes">
      <source>%1: %2, %n piece(s) of it</source>
      <translation>
        <numerusform>%1: %2, %n piece of it</numerusform>
        <numerusform>%1: %2, %n pieces of it</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n to look at</numerusform>
        <numerusform>%n to look at</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::NamesSection</name>
    <message numerus="yes">
      <source>%n name(s).</source>
      <translation>
        <numerusform>%n name.</numerusform>
        <numerusform>%n names.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>And %n more remark(s).</source>
      <translation>
        <numerusform>And %n more remark.</numerusform>
        <numerusform>And %n more remarks.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::NeedlePage</name>
    <message numerus="yes">
      <source>%n stroke(s) thinner than %1, down to %2: a larger size, or thicken them in Proof.</source>
      <translation>
        <numerusform>%n stroke thinner than %1, down to %2: a larger size, or thicken them in Proof.</numerusform>
        <numerusform>%n strokes thinner than %1, down to %2: a larger size, or thicken them in Proof.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) wider than %1 are filled in rows.</source>
      <translation>
        <numerusform>%n part wider than %1 are filled in rows.</numerusform>
        <numerusform>%n parts wider than %1 are filled in rows.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%Ln stitch(es)</source>
      <translation>
        <numerusform>%Ln stitch</numerusform>
        <numerusform>%Ln stitches</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n cut(s) of the thread</source>
      <translation>
        <numerusform>%n cut of the thread</numerusform>
        <numerusform>%n cuts of the thread</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n stop(s)</source>
      <translation>
        <numerusform>%n stop</numerusform>
        <numerusform>%n stops</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n thing(s) to look at</source>
      <translation>
        <numerusform>%n thing to look at</numerusform>
        <numerusform>%n things to look at</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n layer(s)</source>
      <translation>
        <numerusform>%n layer</numerusform>
        <numerusform>%n layers</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PatternView</name>
    <message numerus="yes">
      <source>%1, of %n. Arrows choose another, Enter shows it alone.</source>
      <translation>
        <numerusform>%1, of %n. Arrows choose another, Enter shows it alone.</numerusform>
        <numerusform>%1, of %n. Arrows choose another, Enter shows it alone.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PicturePage</name>
    <message numerus="yes">
      <source>Getting to know the fonts, %1 of %n so far; that happens once.</source>
      <translation>
        <numerusform>Getting to know the fonts, %1 of %n so far; that happens once.</numerusform>
        <numerusform>Getting to know the fonts, %1 of %n so far; that happens once.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n font(s) look like it.</source>
      <translation>
        <numerusform>%n font look like it.</numerusform>
        <numerusform>%n fonts look like it.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PiecesView</name>
    <message numerus="yes">
      <source>and %n smaller piece(s)</source>
      <translation>
        <numerusform>and %n smaller piece</numerusform>
        <numerusform>and %n smaller pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) (falls|fall) out of the sheet</source>
      <translation>
        <numerusform>%n middle falls out of the sheet</numerusform>
        <numerusform>%n middles fall out of the sheet</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ProofList</name>
    <message numerus="yes">
      <source>and %n more</source>
      <translation>
        <numerusform>and %n more</numerusform>
        <numerusform>and %n more</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ProofPage</name>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n to look at</numerusform>
        <numerusform>%n to look at</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n in order</source>
      <translation>
        <numerusform>%n in order</numerusform>
        <numerusform>%n in order</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>about %n min to weed</source>
      <translation>
        <numerusform>about %n min to weed</numerusform>
        <numerusform>about %n min to weed</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) to pick</source>
      <translation>
        <numerusform>%n part to pick</numerusform>
        <numerusform>%n parts to pick</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n piece</numerusform>
        <numerusform>%n pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n middle</numerusform>
        <numerusform>%n middles</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n mending(s)</source>
      <translation>
        <numerusform>%n mending</numerusform>
        <numerusform>%n mendings</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SheetPage</name>
    <message numerus="yes">
      <source>%1 · %n page(s) of A4, at true size</source>
      <translation>
        <numerusform>%1 · %n page of A4, at true size</numerusform>
        <numerusform>%1 · %n pages of A4, at true size</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfKeeper</name>
    <message numerus="yes">
      <source>Their day is over: %n font(s) (was|were) taken away from the other programs.</source>
      <translation>
        <numerusform>Their day is over: %n font was taken away from the other programs.</numerusform>
        <numerusform>Their day is over: %n fonts were taken away from the other programs.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfPage</name>
    <message numerus="yes">
      <source>%n new font(s) (is|are) on the shelf now.</source>
      <translation>
        <numerusform>%n new font is on the shelf now.</numerusform>
        <numerusform>%n new fonts are on the shelf now.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n glyph(s). What is on which key, its code point, and the glyph's name; crossed out: somebody else's mark.</source>
      <translation>
        <numerusform>%n glyph. What is on which key, its code point, and the glyph's name; crossed out: somebody else's mark.</numerusform>
        <numerusform>%n glyphs. What is on which key, its code point, and the glyph's name; crossed out: somebody else's mark.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n letter(s). %2</source>
      <translation>
        <numerusform>Saved %1 with %n letter. %2</numerusform>
        <numerusform>Saved %1 with %n letters. %2</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>“%1” in %n font(s)</source>
      <translation>
        <numerusform>“%1” in %n font</numerusform>
        <numerusform>“%1” in %n fonts</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n font(s), their documents, rights, sets, tags and notes. Read it on the other computer with “Read a carried shelf”.</source>
      <translation>
        <numerusform>Saved %1 with %n font, their documents, rights, sets, tags and notes. Read it on the other computer with “Read a carried shelf”.</numerusform>
        <numerusform>Saved %1 with %n fonts, their documents, rights, sets, tags and notes. Read it on the other computer with “Read a carried shelf”.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n font(s). READ-ME-FIRST.txt in it says what whoever looks after the computer has to do.</source>
      <translation>
        <numerusform>Saved %1 with %n font. READ-ME-FIRST.txt in it says what whoever looks after the computer has to do.</numerusform>
        <numerusform>Saved %1 with %n fonts. READ-ME-FIRST.txt in it says what whoever looks after the computer has to do.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n font</numerusform>
        <numerusform>%n fonts</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfPanel</name>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n font</numerusform>
        <numerusform>%n fonts</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::TwinsPage</name>
    <message numerus="yes">
      <source>%n group(s) of fonts (is|are) the same in some way</source>
      <translation>
        <numerusform>%n group of fonts is the same in some way</numerusform>
        <numerusform>%n groups of fonts are the same in some way</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WeldView</name>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n piece</numerusform>
        <numerusform>%n pieces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n middle</numerusform>
        <numerusform>%n middles</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WishBar</name>
    <message numerus="yes">
      <source>among %1 of %n font(s) so far</source>
      <translation>
        <numerusform>among %1 of %n font so far</numerusform>
        <numerusform>among %1 of %n fonts so far</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WornSection</name>
    <message numerus="yes">
      <source>%n letter(s) wear another form.</source>
      <translation>
        <numerusform>%n letter wear another form.</numerusform>
        <numerusform>%n letters wear another form.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s) stand beside them.</source>
      <translation>
        <numerusform>%n piece stand beside them.</numerusform>
        <numerusform>%n pieces stand beside them.</numerusform>
      </translation>
    </message>
  </context>
</TS>

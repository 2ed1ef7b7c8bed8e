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
    <name>QObject</name>
    <message numerus="yes">
      <source>%n font(s) were installed for this job only: %1. Take them away from your other programs now?</source>
      <translation>
        <numerusform>%n font were installed for this job only: %1. Take them away from your other programs now?</numerusform>
        <numerusform>%n fonts were installed for this job only: %1. Take them away from your other programs now?</numerusform>
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
    <name>ink::ui::ShelfPage</name>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n font</numerusform>
        <numerusform>%n fonts</numerusform>
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

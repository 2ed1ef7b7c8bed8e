<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en_GB">
  <context>
    <name>ComposeSentence</name>
    <message>
      <source>close up by %1</source>
      <translation>rücken um %1 zusammen</translation>
    </message>
    <message>
      <source>stand as the font spaces them</source>
      <translation>stehen, wie die Schrift sie setzt</translation>
    </message>
    <message>
      <source>over a hill of %1 %</source>
      <translation>über einen Hügel von %1 %</translation>
    </message>
    <message>
      <source>through a valley of %1 %</source>
      <translation>durch ein Tal von %1 %</translation>
    </message>
    <message>
      <source>on an arch of %1°</source>
      <translation>auf einem Bogen von %1°</translation>
    </message>
    <message>
      <source>inside a circle, %1° of it</source>
      <translation>innen im Kreis, %1° davon</translation>
    </message>
    <message>
      <source>round a circle, %1° of it</source>
      <translation>um einen Kreis, %1° davon</translation>
    </message>
    <message>
      <source>on a wave of %1 %</source>
      <translation>auf einer Welle von %1 %</translation>
    </message>
    <message>
      <source>on a line that rises by %1°</source>
      <translation>auf einer Zeile, die um %1° steigt</translation>
    </message>
    <message>
      <source>tapered by %1 %</source>
      <translation>um %1 % verjüngt</translation>
    </message>
    <message>
      <source>bulged by %1 %</source>
      <translation>um %1 % gewölbt</translation>
    </message>
    <message>
      <source>slanted by %1°</source>
      <translation>um %1° geneigt</translation>
    </message>
    <message>
      <source>in mirror writing</source>
      <translation>in Spiegelschrift</translation>
    </message>
    <message>
      <source>between four pulled corners</source>
      <translation>zwischen vier gezogenen Ecken</translation>
    </message>
    <message>
      <source>straight</source>
      <translation>gerade</translation>
    </message>
    <message>
      <source>one line</source>
      <translation>einer Zeile</translation>
    </message>
    <message numerus="yes">
      <source>%n line(s) of one width</source>
      <translation>
        <numerusform>%n Zeile von einer Breite</numerusform>
        <numerusform>%n Zeilen von einer Breite</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s) about their middle</source>
      <translation>
        <numerusform>%n Zeile um ihre Mitte</numerusform>
        <numerusform>%n Zeilen um ihre Mitte</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s), right edges in line</source>
      <translation>
        <numerusform>%n Zeile, rechts bündig</numerusform>
        <numerusform>%n Zeilen, rechts bündig</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s), left edges in line</source>
      <translation>
        <numerusform>%n Zeile, links bündig</numerusform>
        <numerusform>%n Zeilen, links bündig</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 out of proportion</source>
      <translation>%1 aus dem Verhältnis</translation>
    </message>
    <message>
      <source>wear %1 and %2</source>
      <translation>tragen %1 und %2</translation>
    </message>
    <message numerus="yes">
      <source>%n other form(s)</source>
      <translation>
        <numerusform>%n andere Form</numerusform>
        <numerusform>%n andere Formen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Teil</numerusform>
        <numerusform>%n Teile</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>wear %n other form(s)</source>
      <translation>
        <numerusform>tragen %n andere Form</numerusform>
        <numerusform>tragen %n andere Formen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>have %n piece(s) beside them</source>
      <translation>
        <numerusform>haben %n Teil neben sich</numerusform>
        <numerusform>haben %n Teile neben sich</numerusform>
      </translation>
    </message>
    <message>
      <source>wear nothing more</source>
      <translation>tragen nichts weiter</translation>
    </message>
    <message>
      <source>%1 % of the em</source>
      <translation>%1 % des Gevierts</translation>
    </message>
    <message>
      <source>a tail</source>
      <translation>ein Schweif</translation>
    </message>
    <message numerus="yes">
      <source>%n guide(s)</source>
      <translation>
        <numerusform>%n Hilfslinie</numerusform>
        <numerusform>%n Hilfslinien</numerusform>
      </translation>
    </message>
    <message>
      <source>mirrored</source>
      <translation>gespiegelt</translation>
    </message>
  </context>
  <context>
    <name>Core</name>
    <message>
      <source>there is no such file</source>
      <translation>es gibt keine solche Datei</translation>
    </message>
    <message>
      <source>Check the name and the folder.</source>
      <translation>Prüfen Sie Name und Ordner.</translation>
    </message>
    <message>
      <source>the file could not be read</source>
      <translation>die Datei konnte nicht gelesen werden</translation>
    </message>
    <message>
      <source>Check that you may read it.</source>
      <translation>Prüfen Sie, ob Sie sie lesen dürfen.</translation>
    </message>
    <message>
      <source>the file could not be written</source>
      <translation>die Datei konnte nicht geschrieben werden</translation>
    </message>
    <message>
      <source>Choose a folder you may write to; nothing there was changed.</source>
      <translation>Wählen Sie einen Ordner, in den Sie schreiben dürfen; dort wurde nichts geändert.</translation>
    </message>
    <message>
      <source>the disk is full</source>
      <translation>der Datenträger ist voll</translation>
    </message>
    <message>
      <source>Make room or choose another place; the old file, if any, is untouched.</source>
      <translation>Schaffen Sie Platz oder wählen Sie einen anderen Ort; die alte Datei, falls vorhanden, ist unberührt.</translation>
    </message>
    <message>
      <source>that is the file it is made from</source>
      <translation>das ist die Datei, aus der es gemacht wird</translation>
    </message>
    <message>
      <source>Write to another name; nothing was written.</source>
      <translation>Schreiben Sie unter anderem Namen; nichts wurde geschrieben.</translation>
    </message>
    <message>
      <source>two results would go to one place</source>
      <translation>zwei Ergebnisse gingen an einen Ort</translation>
    </message>
    <message>
      <source>Give each a place of its own; nothing was written.</source>
      <translation>Geben Sie jedem einen eigenen Ort; nichts wurde geschrieben.</translation>
    </message>
    <message>
      <source>somebody else changed the file since it was opened here</source>
      <translation>jemand anderes hat die Datei geändert, seit sie hier geöffnet wurde</translation>
    </message>
    <message>
      <source>Save it under another name, or open it again; nothing was written over.</source>
      <translation>Speichern Sie sie unter anderem Namen oder öffnen Sie sie neu; nichts wurde überschrieben.</translation>
    </message>
    <message>
      <source>this is not a font</source>
      <translation>das ist keine Schrift</translation>
    </message>
    <message>
      <source>Choose a TTF, OTF, TTC, WOFF or WOFF2 file.</source>
      <translation>Wählen Sie eine TTF-, OTF-, TTC-, WOFF- oder WOFF2-Datei.</translation>
    </message>
    <message>
      <source>the font file ends too early</source>
      <translation>die Schriftdatei endet zu früh</translation>
    </message>
    <message>
      <source>Fetch it again: a part of it is missing.</source>
      <translation>Holen Sie sie noch einmal: ein Teil fehlt.</translation>
    </message>
    <message>
      <source>the font is damaged</source>
      <translation>die Schrift ist beschädigt</translation>
    </message>
    <message>
      <source>Fetch it again or choose another font.</source>
      <translation>Holen Sie sie noch einmal oder wählen Sie eine andere.</translation>
    </message>
    <message>
      <source>the font holds pixels, not outlines, so there is nothing to cut</source>
      <translation>die Schrift enthält Pixel, keine Umrisse, also gibt es nichts zu schneiden</translation>
    </message>
    <message>
      <source>Choose an outline font.</source>
      <translation>Wählen Sie eine Umrissschrift.</translation>
    </message>
    <message>
      <source>the font holds colour pictures only, no outlines to cut</source>
      <translation>die Schrift enthält nur Farbbilder, keine Umrisse zum Schneiden</translation>
    </message>
    <message>
      <source>the file has no face of that number</source>
      <translation>die Datei hat keinen Schnitt dieser Nummer</translation>
    </message>
    <message>
      <source>Faces are counted from 0.</source>
      <translation>Schnitte werden ab 0 gezählt.</translation>
    </message>
    <message>
      <source>the font has no instance of that name</source>
      <translation>die Schrift hat keine Ausprägung dieses Namens</translation>
    </message>
    <message>
      <source>Use one of the names the font gives.</source>
      <translation>Nehmen Sie einen der Namen, die die Schrift nennt.</translation>
    </message>
    <message>
      <source>a font feature is not written as expected</source>
      <translation>eine Schriftfunktion ist nicht wie erwartet geschrieben</translation>
    </message>
    <message>
      <source>Write features like ss01,swsh=1.</source>
      <translation>Schreiben Sie Funktionen wie ss01,swsh=1.</translation>
    </message>
    <message>
      <source>the font did not pass the safety check for fonts from outside</source>
      <translation>die Schrift bestand die Sicherheitsprüfung für fremde Schriften nicht</translation>
    </message>
    <message>
      <source>Fetch it again, or ask its author for a sound copy.</source>
      <translation>Holen Sie sie noch einmal, oder bitten Sie den Autor um eine heile.</translation>
    </message>
    <message>
      <source>this is no picture that can be read</source>
      <translation>das ist kein lesbares Bild</translation>
    </message>
    <message>
      <source>Choose a PNG, JPEG or WebP file.</source>
      <translation>Wählen Sie eine PNG-, JPEG- oder WebP-Datei.</translation>
    </message>
    <message>
      <source>the picture is damaged or ends too early</source>
      <translation>das Bild ist beschädigt oder endet zu früh</translation>
    </message>
    <message>
      <source>the picture is too large</source>
      <translation>das Bild ist zu groß</translation>
    </message>
    <message>
      <source>Cut out the part with the lettering; a thousand pixels are plenty.</source>
      <translation>Schneiden Sie den Teil mit dem Schriftzug aus; tausend Pixel sind reichlich.</translation>
    </message>
    <message>
      <source>the picture moves</source>
      <translation>das Bild bewegt sich</translation>
    </message>
    <message>
      <source>Save one still of it and choose that.</source>
      <translation>Speichern Sie ein Standbild davon und wählen Sie das.</translation>
    </message>
    <message>
      <source>the picture is all of one tone</source>
      <translation>das Bild hat nur einen Ton</translation>
    </message>
    <message>
      <source>Choose a picture, or a frame, that shows lettering.</source>
      <translation>Wählen Sie ein Bild oder einen Rahmen, in dem ein Schriftzug zu sehen ist.</translation>
    </message>
    <message>
      <source>there is no lettering to be told from its ground</source>
      <translation>es ist kein Schriftzug vom Grund zu unterscheiden</translation>
    </message>
    <message>
      <source>Draw the frame closer round the lettering, or say whether it is light or dark.</source>
      <translation>Ziehen Sie den Rahmen enger um den Schriftzug, oder sagen Sie, ob er hell oder dunkel ist.</translation>
    </message>
    <message>
      <source>the frame is too small to hold lettering</source>
      <translation>der Rahmen ist zu klein für einen Schriftzug</translation>
    </message>
    <message>
      <source>Draw it round the lettering; 8 pixels are the least.</source>
      <translation>Ziehen Sie ihn um den Schriftzug; 8 Pixel sind das Mindeste.</translation>
    </message>
    <message>
      <source>it holds no stitched letters</source>
      <translation>es enthält keine gestickten Buchstaben</translation>
    </message>
    <message>
      <source>Choose a folder or a package with one DST or EXP file for each letter.</source>
      <translation>Wählen Sie einen Ordner oder ein Paket mit einer DST- oder EXP-Datei je Buchstabe.</translation>
    </message>
    <message>
      <source>stitched letters cannot be made that much larger or smaller</source>
      <translation>gestickte Buchstaben lassen sich nicht so viel größer oder kleiner machen</translation>
    </message>
    <message>
      <source>Choose 85 to 120 % of their size, or letters of another size from the package.</source>
      <translation>Wählen Sie 85 bis 120 % ihrer Größe, oder Buchstaben anderer Größe aus dem Paket.</translation>
    </message>
    <message>
      <source>stitched letters are not installed</source>
      <translation>gestickte Buchstaben werden nicht installiert</translation>
    </message>
    <message>
      <source>Other programs would show their outlines and sew none of their stitches; type them in Compose.</source>
      <translation>Andere Programme zeigten ihre Umrisse und stickten keinen ihrer Stiche; tippen Sie sie in „Setzen“.</translation>
    </message>
    <message>
      <source>there is no stitched alphabet of that name</source>
      <translation>es gibt kein Stickalphabet dieses Namens</translation>
    </message>
    <message>
      <source>uink alphabet list names those that are kept.</source>
      <translation>uink alphabet list nennt die aufbewahrten.</translation>
    </message>
    <message>
      <source>there are no words yet</source>
      <translation>es gibt noch keine Wörter</translation>
    </message>
    <message>
      <source>Type the words of the job.</source>
      <translation>Tippen Sie die Wörter des Auftrags.</translation>
    </message>
    <message>
      <source>the words are too long for one job</source>
      <translation>die Wörter sind zu lang für einen Auftrag</translation>
    </message>
    <message>
      <source>Split them over several jobs; nothing was shortened.</source>
      <translation>Verteilen Sie sie auf mehrere Aufträge; nichts wurde gekürzt.</translation>
    </message>
    <message>
      <source>the words are not valid UTF-8</source>
      <translation>die Wörter sind kein gültiges UTF-8</translation>
    </message>
    <message>
      <source>Type them again.</source>
      <translation>Tippen Sie sie noch einmal.</translation>
    </message>
    <message>
      <source>the font has none of these letters</source>
      <translation>die Schrift hat keinen dieser Buchstaben</translation>
    </message>
    <message>
      <source>Choose another font or other words.</source>
      <translation>Wählen Sie eine andere Schrift oder andere Wörter.</translation>
    </message>
    <message>
      <source>these words leave no ink in this font</source>
      <translation>diese Wörter hinterlassen in dieser Schrift keine Farbe</translation>
    </message>
    <message>
      <source>the finished size cannot be made</source>
      <translation>die fertige Größe lässt sich nicht machen</translation>
    </message>
    <message>
      <source>Choose 0.5 mm to 10 m.</source>
      <translation>Wählen Sie 0,5 mm bis 10 m.</translation>
    </message>
    <message>
      <source>there is no such shape</source>
      <translation>es gibt keine solche Form</translation>
    </message>
    <message>
      <source>Write a name and a number, as in arch:120, hill:18 or taper:50; uink weld --help lists them.</source>
      <translation>Schreiben Sie einen Namen und eine Zahl, wie arch:120, hill:18 oder taper:50; uink weld --help nennt sie.</translation>
    </message>
    <message>
      <source>a job has no such setting</source>
      <translation>ein Auftrag hat keine solche Einstellung</translation>
    </message>
    <message>
      <source>Write words=… or a size, as in width_mm=120; uink compose --help lists them.</source>
      <translation>Schreiben Sie words=… oder eine Größe, wie width_mm=120; uink compose --help nennt sie.</translation>
    </message>
    <message>
      <source>there is no such letter</source>
      <translation>es gibt keinen solchen Buchstaben</translation>
    </message>
    <message>
      <source>Count the letters of the words from 1, spaces left out.</source>
      <translation>Zählen Sie die Buchstaben der Wörter ab 1, ohne Leerzeichen.</translation>
    </message>
    <message>
      <source>there is no such day</source>
      <translation>es gibt keinen solchen Tag</translation>
    </message>
    <message>
      <source>Write it as year-month-day, as in 2027-01-31.</source>
      <translation>Schreiben Sie ihn als Jahr-Monat-Tag, wie 2027-01-31.</translation>
    </message>
    <message>
      <source>it has no name</source>
      <translation>es hat keinen Namen</translation>
    </message>
    <message>
      <source>Give it one.</source>
      <translation>Geben Sie ihm einen.</translation>
    </message>
    <message>
      <source>a newer Under Ink saved this job</source>
      <translation>ein neueres Under Ink hat diesen Auftrag gespeichert</translation>
    </message>
    <message>
      <source>Open it with that version; nothing was changed.</source>
      <translation>Öffnen Sie ihn mit jener Version; nichts wurde geändert.</translation>
    </message>
    <message>
      <source>the file of this job is damaged</source>
      <translation>die Datei dieses Auftrags ist beschädigt</translation>
    </message>
    <message>
      <source>Open an earlier version of it from the job's menu, or a copy; the file was left as it is.</source>
      <translation>Öffnen Sie eine frühere Version aus dem Menü des Auftrags, oder eine Kopie; die Datei blieb, wie sie war.</translation>
    </message>
    <message>
      <source>the font is not here, so its letters stay as they were stored</source>
      <translation>die Schrift ist nicht hier, ihre Buchstaben bleiben also wie gespeichert</translation>
    </message>
    <message>
      <source>Bring the font back through Find to change them.</source>
      <translation>Bringen Sie die Schrift über „Finden“ zurück, um sie zu ändern.</translation>
    </message>
    <message>
      <source>the picture holds no filled outlines</source>
      <translation>das Bild enthält keine gefüllten Umrisse</translation>
    </message>
    <message>
      <source>Turn its strokes and pixels into outlines in the program it comes from, then try again.</source>
      <translation>Machen Sie Striche und Pixel im Ursprungsprogramm zu Umrissen und versuchen Sie es erneut.</translation>
    </message>
    <message>
      <source>the letter spacing cannot be made</source>
      <translation>der Buchstabenabstand lässt sich nicht machen</translation>
    </message>
    <message>
      <source>Choose -1 to 10 em.</source>
      <translation>Wählen Sie -1 bis 10 Geviert.</translation>
    </message>
    <message>
      <source>a distance cannot be made</source>
      <translation>ein Abstand lässt sich nicht machen</translation>
    </message>
    <message>
      <source>Choose another one.</source>
      <translation>Wählen Sie einen anderen.</translation>
    </message>
    <message>
      <source>the outline is too large to compute with</source>
      <translation>der Umriss ist zu groß zum Rechnen</translation>
    </message>
    <message>
      <source>Use fewer words or a smaller spacing.</source>
      <translation>Nehmen Sie weniger Wörter oder einen kleineren Abstand.</translation>
    </message>
    <message>
      <source>the outline has a coordinate that is not a number</source>
      <translation>der Umriss hat eine Koordinate, die keine Zahl ist</translation>
    </message>
    <message>
      <source>Choose another font; this one is damaged.</source>
      <translation>Wählen Sie eine andere Schrift; diese ist beschädigt.</translation>
    </message>
    <message>
      <source>the outline has too many nodes</source>
      <translation>der Umriss hat zu viele Knoten</translation>
    </message>
    <message>
      <source>Use fewer words or a simpler font.</source>
      <translation>Nehmen Sie weniger Wörter oder eine einfachere Schrift.</translation>
    </message>
    <message>
      <source>this would take minutes, not moments</source>
      <translation>das würde Minuten dauern, nicht Augenblicke</translation>
    </message>
    <message>
      <source>Use fewer words, a smaller distance, or round corners.</source>
      <translation>Nehmen Sie weniger Wörter, einen kleineren Abstand oder runde Ecken.</translation>
    </message>
    <message>
      <source>the letters could not be joined</source>
      <translation>die Buchstaben ließen sich nicht verbinden</translation>
    </message>
    <message>
      <source>Choose another font; please report this one.</source>
      <translation>Wählen Sie eine andere Schrift; bitte melden Sie diese.</translation>
    </message>
    <message>
      <source>stopped</source>
      <translation>angehalten</translation>
    </message>
    <message>
      <source>Start it again when you like.</source>
      <translation>Beginnen Sie es wieder, wann Sie mögen.</translation>
    </message>
    <message>
      <source>the saved job cannot be read</source>
      <translation>der gespeicherte Auftrag kann nicht gelesen werden</translation>
    </message>
    <message>
      <source>It was put aside under that name; a new job has been started.</source>
      <translation>Er wurde unter diesem Namen beiseitegelegt; ein neuer Auftrag ist begonnen.</translation>
    </message>
    <message>
      <source>the document cannot be read here</source>
      <translation>das Dokument kann hier nicht gelesen werden</translation>
    </message>
    <message>
      <source>Open it in another program and read it yourself.</source>
      <translation>Öffnen Sie es in einem anderen Programm und lesen Sie es selbst.</translation>
    </message>
    <message>
      <source>the shelf was written by a newer version of Under Ink</source>
      <translation>das Regal wurde von einer neueren Version von Under Ink geschrieben</translation>
    </message>
    <message>
      <source>Open it with that version; nothing was touched.</source>
      <translation>Öffnen Sie es mit jener Version; nichts wurde angefasst.</translation>
    </message>
    <message>
      <source>the shelf cannot be read</source>
      <translation>das Regal kann nicht gelesen werden</translation>
    </message>
    <message>
      <source>Put back the newest copy from the folder 'backups' beside it; the fonts themselves lie in 'files'.</source>
      <translation>Legen Sie die neueste Kopie aus dem Ordner „backups“ daneben zurück; die Schriften selbst liegen in „files“.</translation>
    </message>
    <message>
      <source>another window is changing the shelf</source>
      <translation>ein anderes Fenster ändert gerade das Regal</translation>
    </message>
    <message>
      <source>Try again when it is done; nothing was changed.</source>
      <translation>Versuchen Sie es danach noch einmal; nichts wurde geändert.</translation>
    </message>
    <message>
      <source>no font on the shelf fits</source>
      <translation>keine Schrift im Regal passt</translation>
    </message>
    <message>
      <source>Give its full name, or more of its digest.</source>
      <translation>Geben Sie ihren vollen Namen an, oder mehr von ihrer Prüfsumme.</translation>
    </message>
    <message>
      <source>the font is installed</source>
      <translation>die Schrift ist installiert</translation>
    </message>
    <message>
      <source>Remove it from the other programs first.</source>
      <translation>Nehmen Sie sie zuerst aus den anderen Programmen.</translation>
    </message>
    <message>
      <source>its file is missing from the shelf</source>
      <translation>ihre Datei fehlt im Regal</translation>
    </message>
    <message>
      <source>Look at the shelf's health: it finds the file again by its content, wherever it lies.</source>
      <translation>Sehen Sie unter „Zustand“ im Regal nach: es findet die Datei am Inhalt wieder, wo immer sie liegt.</translation>
    </message>
    <message>
      <source>the motif is no longer in the tray</source>
      <translation>das Motiv ist nicht mehr im Kasten</translation>
    </message>
    <message>
      <source>Look for it again: another window may have removed it.</source>
      <translation>Suchen Sie es noch einmal: ein anderes Fenster hat es vielleicht entfernt.</translation>
    </message>
    <message>
      <source>the package cannot be unpacked</source>
      <translation>das Paket lässt sich nicht entpacken</translation>
    </message>
    <message>
      <source>Fetch it again: it may be damaged or only half here.</source>
      <translation>Holen Sie es noch einmal: es ist vielleicht beschädigt oder nur halb da.</translation>
    </message>
    <message>
      <source>the package is locked with a password</source>
      <translation>das Paket ist mit einem Passwort verschlossen</translation>
    </message>
    <message>
      <source>Unpack it with its password, then choose the folder.</source>
      <translation>Entpacken Sie es mit dem Passwort, dann wählen Sie den Ordner.</translation>
    </message>
    <message>
      <source>a small program that Under Ink needs did not do its work</source>
      <translation>ein kleines Programm, das Under Ink braucht, hat seine Arbeit nicht getan</translation>
    </message>
    <message>
      <source>Run ./start once more; it installs what is missing.</source>
      <translation>Starten Sie ./start noch einmal; es installiert, was fehlt.</translation>
    </message>
    <message>
      <source>it cannot be reached</source>
      <translation>es ist nicht zu erreichen</translation>
    </message>
    <message>
      <source>Check the connection, then try again; your own fonts are all here.</source>
      <translation>Prüfen Sie die Verbindung und versuchen Sie es erneut; Ihre eigenen Schriften sind alle da.</translation>
    </message>
    <message>
      <source>it does not answer</source>
      <translation>es antwortet nicht</translation>
    </message>
    <message>
      <source>Try again in a while; your own fonts are all here.</source>
      <translation>Versuchen Sie es später noch einmal; Ihre eigenen Schriften sind alle da.</translation>
    </message>
    <message>
      <source>it has a problem of its own</source>
      <translation>es hat selbst ein Problem</translation>
    </message>
    <message>
      <source>Try again in a while.</source>
      <translation>Versuchen Sie es später noch einmal.</translation>
    </message>
    <message>
      <source>the transfer broke off</source>
      <translation>die Übertragung brach ab</translation>
    </message>
    <message>
      <source>Go on with it: what is here is kept.</source>
      <translation>Fahren Sie damit fort: was da ist, bleibt.</translation>
    </message>
    <message>
      <source>what came is not what the listing says, so it was thrown away</source>
      <translation>was kam, ist nicht, was der Eintrag sagt, und wurde verworfen</translation>
    </message>
    <message>
      <source>Try again; if it happens twice, tell the author.</source>
      <translation>Versuchen Sie es noch einmal; geschieht es wieder, sagen Sie es dem Autor.</translation>
    </message>
    <message>
      <source>no machine answers there</source>
      <translation>dort antwortet keine Maschine</translation>
    </message>
    <message>
      <source>Look whether it is on and the address is right, then send again.</source>
      <translation>Sehen Sie nach, ob sie an ist und die Adresse stimmt, dann senden Sie noch einmal.</translation>
    </message>
    <message>
      <source>the machine is busy with somebody else</source>
      <translation>die Maschine ist mit jemand anderem beschäftigt</translation>
    </message>
    <message>
      <source>Send again when it is free.</source>
      <translation>Senden Sie noch einmal, wenn sie frei ist.</translation>
    </message>
    <message>
      <source>the line to the machine broke, or something was lost on it</source>
      <translation>die Leitung zur Maschine riss, oder etwas ging darauf verloren</translation>
    </message>
    <message>
      <source>Look at what it has done before you send again.</source>
      <translation>Sehen Sie nach, was sie getan hat, bevor Sie noch einmal senden.</translation>
    </message>
    <message>
      <source>something went wrong inside Under Ink</source>
      <translation>in Under Ink ist etwas schiefgegangen</translation>
    </message>
    <message>
      <source>Please report it.</source>
      <translation>Bitte melden Sie es.</translation>
    </message>
    <message>
      <source>May sell</source>
      <translation>Verkauf erlaubt</translation>
    </message>
    <message>
      <source>Sell within limits</source>
      <translation>Verkauf in Grenzen</translation>
    </message>
    <message>
      <source>Gifts only</source>
      <translation>Nur Geschenke</translation>
    </message>
    <message>
      <source>Ask first</source>
      <translation>Erst fragen</translation>
    </message>
    <message>
      <source>Evidence disagrees</source>
      <translation>Beweise widersprechen sich</translation>
    </message>
    <message>
      <source>Sell goods made with it</source>
      <translation>Damit gemachte Waren verkaufen</translation>
    </message>
    <message>
      <source>How many, in what way</source>
      <translation>Wie viele, auf welche Weise</translation>
    </message>
    <message>
      <source>Sell or share the cut or stitch file</source>
      <translation>Die Schneide- oder Stickdatei verkaufen oder teilen</translation>
    </message>
    <message>
      <source>Alter the outlines</source>
      <translation>Die Umrisse ändern</translation>
    </message>
    <message>
      <source>Sell it as a stitched alphabet</source>
      <translation>Als Stickalphabet verkaufen</translation>
    </message>
    <message>
      <source>Use in a logo</source>
      <translation>In einem Logo verwenden</translation>
    </message>
    <message>
      <source>Credit needed</source>
      <translation>Nennung nötig</translation>
    </message>
    <message>
      <source>What it costs</source>
      <translation>Was es kostet</translation>
    </message>
    <message>
      <source>Joining script</source>
      <translation>Verbundene Schreibschrift</translation>
    </message>
    <message>
      <source>Hand</source>
      <translation>Handschrift</translation>
    </message>
    <message>
      <source>Serif</source>
      <translation>Serifenschrift</translation>
    </message>
    <message>
      <source>Sans</source>
      <translation>Serifenlose</translation>
    </message>
    <message>
      <source>Fixed width</source>
      <translation>Feste Breite</translation>
    </message>
    <message>
      <source>Decorative</source>
      <translation>Zierschrift</translation>
    </message>
    <message>
      <source>Picture font</source>
      <translation>Bilderschrift</translation>
    </message>
    <message>
      <source>Knife</source>
      <translation>Messer</translation>
    </message>
    <message>
      <source>in adhesive vinyl</source>
      <translation>in Klebefolie</translation>
    </message>
    <message>
      <source>in heat-transfer material</source>
      <translation>in Flexfolie</translation>
    </message>
    <message>
      <source>in card</source>
      <translation>in Karton</translation>
    </message>
    <message>
      <source>Laser</source>
      <translation>Laser</translation>
    </message>
    <message>
      <source>in wood</source>
      <translation>in Holz</translation>
    </message>
    <message>
      <source>Stencil</source>
      <translation>Schablone</translation>
    </message>
    <message>
      <source>to paint through</source>
      <translation>zum Durchmalen</translation>
    </message>
    <message>
      <source>Pen</source>
      <translation>Stift</translation>
    </message>
    <message>
      <source>on paper or card</source>
      <translation>auf Papier oder Karton</translation>
    </message>
    <message>
      <source>Appliqué</source>
      <translation>Applikation</translation>
    </message>
    <message>
      <source>on cloth</source>
      <translation>auf Stoff</translation>
    </message>
    <message>
      <source>Satin</source>
      <translation>Satinstich</translation>
    </message>
    <message>
      <source>Paper pattern</source>
      <translation>Papierschnitt</translation>
    </message>
    <message>
      <source>to trace</source>
      <translation>zum Durchzeichnen</translation>
    </message>
    <message>
      <source>One sentence allows selling, another one forbids it.</source>
      <translation>Ein Satz erlaubt den Verkauf, ein anderer verbietet ihn.</translation>
    </message>
    <message>
      <source>You have a permission or a receipt.</source>
      <translation>Sie haben eine Erlaubnis oder einen Beleg.</translation>
    </message>
    <message>
      <source>The text that comes with the font allows it.</source>
      <translation>Der Text, der mit der Schrift kommt, erlaubt es.</translation>
    </message>
    <message>
      <source>Only the listing speaks of it, and it says no.</source>
      <translation>Nur der Eintrag spricht davon, und er sagt nein.</translation>
    </message>
    <message>
      <source>Something speaks of selling, and not all of it was understood.</source>
      <translation>Etwas spricht vom Verkauf, und nicht alles davon wurde verstanden.</translation>
    </message>
    <message>
      <source>There are hints, but nothing that decides.</source>
      <translation>Es gibt Hinweise, aber nichts, was entscheidet.</translation>
    </message>
    <message>
      <source>Nothing that came with the font speaks of selling.</source>
      <translation>Nichts, was mit der Schrift kam, spricht vom Verkauf.</translation>
    </message>
    <message>
      <source>What is said does not tell which licence is yours.</source>
      <translation>Was gesagt wird, verrät nicht, welche Lizenz Ihre ist.</translation>
    </message>
    <message>
      <source>Card, cream, 305 x 305 mm</source>
      <translation>Karton, creme, 305 x 305 mm</translation>
    </message>
    <message>
      <source>Cotton, stabilised, 500 x 500 mm</source>
      <translation>Baumwolle, verstärkt, 500 x 500 mm</translation>
    </message>
    <message>
      <source>Felt, ochre, 300 x 300 mm</source>
      <translation>Filz, ocker, 300 x 300 mm</translation>
    </message>
    <message>
      <source>Heat-transfer vinyl, red, roll 305 mm</source>
      <translation>Flexfolie, rot, Rolle 305 mm</translation>
    </message>
    <message>
      <source>Cut from the back: mirrored.</source>
      <translation>Von hinten geschnitten: gespiegelt.</translation>
    </message>
    <message>
      <source>Heat-transfer vinyl, white, roll 305 mm</source>
      <translation>Flexfolie, weiß, Rolle 305 mm</translation>
    </message>
    <message>
      <source>Matt vinyl, black, roll 305 mm</source>
      <translation>Mattfolie, schwarz, Rolle 305 mm</translation>
    </message>
    <message>
      <source>Matt vinyl, red, roll 305 mm</source>
      <translation>Mattfolie, rot, Rolle 305 mm</translation>
    </message>
    <message>
      <source>Paper, white, A4</source>
      <translation>Papier, weiß, A4</translation>
    </message>
    <message>
      <source>Paper, white, roll 600 mm</source>
      <translation>Papier, weiß, Rolle 600 mm</translation>
    </message>
    <message>
      <source>Poplar ply, 3 mm, 300 x 300 mm</source>
      <translation>Pappelsperrholz, 3 mm, 300 x 300 mm</translation>
    </message>
    <message>
      <source>Stencil film, A4</source>
      <translation>Schablonenfolie, A4</translation>
    </message>
    <message>
      <source>an empty file</source>
      <translation>eine leere Datei</translation>
    </message>
    <message>
      <source>a TrueType font</source>
      <translation>eine TrueType-Schrift</translation>
    </message>
    <message>
      <source>an OpenType font</source>
      <translation>eine OpenType-Schrift</translation>
    </message>
    <message>
      <source>a font collection</source>
      <translation>eine Schriftsammlung</translation>
    </message>
    <message>
      <source>a WOFF font</source>
      <translation>eine WOFF-Schrift</translation>
    </message>
    <message>
      <source>a WOFF2 font</source>
      <translation>eine WOFF2-Schrift</translation>
    </message>
    <message>
      <source>a PNG picture</source>
      <translation>ein PNG-Bild</translation>
    </message>
    <message>
      <source>a JPEG picture</source>
      <translation>ein JPEG-Bild</translation>
    </message>
    <message>
      <source>a GIF picture</source>
      <translation>ein GIF-Bild</translation>
    </message>
    <message>
      <source>a WebP picture</source>
      <translation>ein WebP-Bild</translation>
    </message>
    <message>
      <source>an SVG drawing</source>
      <translation>eine SVG-Zeichnung</translation>
    </message>
    <message>
      <source>a PDF document</source>
      <translation>ein PDF-Dokument</translation>
    </message>
    <message>
      <source>an RTF document</source>
      <translation>ein RTF-Dokument</translation>
    </message>
    <message>
      <source>a DOCX document</source>
      <translation>ein DOCX-Dokument</translation>
    </message>
    <message>
      <source>an ODT document</source>
      <translation>ein ODT-Dokument</translation>
    </message>
    <message>
      <source>a package</source>
      <translation>ein Paket</translation>
    </message>
    <message>
      <source>a web page</source>
      <translation>eine Webseite</translation>
    </message>
    <message>
      <source>a text</source>
      <translation>ein Text</translation>
    </message>
    <message>
      <source>an unknown kind of file</source>
      <translation>eine unbekannte Art von Datei</translation>
    </message>
    <message>
      <source>a square to try on</source>
      <translation>ein Probequadrat</translation>
    </message>
    <message>
      <source>a tote bag</source>
      <translation>eine Stofftasche</translation>
    </message>
    <message>
      <source>an apron</source>
      <translation>eine Schürze</translation>
    </message>
    <message>
      <source>a tea towel</source>
      <translation>ein Geschirrtuch</translation>
    </message>
    <message>
      <source>a cushion</source>
      <translation>ein Kissen</translation>
    </message>
    <message>
      <source>a mug, unrolled</source>
      <translation>eine Tasse, abgerollt</translation>
    </message>
    <message>
      <source>a wooden board</source>
      <translation>ein Holzbrett</translation>
    </message>
    <message>
      <source>a card, folded</source>
      <translation>eine Karte, gefaltet</translation>
    </message>
    <message>
      <source>100 × 100 mm</source>
      <translation>100 × 100 mm</translation>
    </message>
    <message>
      <source>130 × 180 mm</source>
      <translation>130 × 180 mm</translation>
    </message>
    <message>
      <source>160 × 260 mm</source>
      <translation>160 × 260 mm</translation>
    </message>
    <message>
      <source>200 × 300 mm</source>
      <translation>200 × 300 mm</translation>
    </message>
    <message>
      <source>a cap's front, 130 × 60 mm</source>
      <translation>die Stirn einer Kappe, 130 × 60 mm</translation>
    </message>
    <message>
      <source>Swash</source>
      <translation>Schwung</translation>
    </message>
    <message>
      <source>Swash between letters</source>
      <translation>Schwung zwischen Buchstaben</translation>
    </message>
    <message>
      <source>Other drawing</source>
      <translation>Andere Zeichnung</translation>
    </message>
    <message>
      <source>Beginning</source>
      <translation>Anfang</translation>
    </message>
    <message>
      <source>Middle</source>
      <translation>Mitte</translation>
    </message>
    <message>
      <source>Ending</source>
      <translation>Ende</translation>
    </message>
    <message>
      <source>Alone</source>
      <translation>Allein</translation>
    </message>
    <message>
      <source>End of the line</source>
      <translation>Zeilenende</translation>
    </message>
    <message>
      <source>For large titles</source>
      <translation>Für große Titel</translation>
    </message>
    <message>
      <source>Historical</source>
      <translation>Historisch</translation>
    </message>
    <message>
      <source>Historical ligature</source>
      <translation>Historische Ligatur</translation>
    </message>
    <message>
      <source>Ornament</source>
      <translation>Ornament</translation>
    </message>
    <message>
      <source>Between certain letters</source>
      <translation>Zwischen bestimmten Buchstaben</translation>
    </message>
    <message>
      <source>Ligature between certain letters</source>
      <translation>Ligatur zwischen bestimmten Buchstaben</translation>
    </message>
    <message>
      <source>Ligature</source>
      <translation>Ligatur</translation>
    </message>
    <message>
      <source>Decorative ligature</source>
      <translation>Schmuckligatur</translation>
    </message>
    <message>
      <source>Small capital</source>
      <translation>Kapitälchen</translation>
    </message>
    <message>
      <source>Petite capital</source>
      <translation>Kleines Kapitälchen</translation>
    </message>
    <message>
      <source>Mixed capital</source>
      <translation>Gemischte Versalie</translation>
    </message>
    <message>
      <source>Old-style figure</source>
      <translation>Mediävalziffer</translation>
    </message>
    <message>
      <source>Lining figure</source>
      <translation>Versalziffer</translation>
    </message>
    <message>
      <source>Even-width figure</source>
      <translation>Tabellenziffer</translation>
    </message>
    <message>
      <source>Natural-width figure</source>
      <translation>Proportionalziffer</translation>
    </message>
    <message>
      <source>Slashed zero</source>
      <translation>Durchgestrichene Null</translation>
    </message>
    <message>
      <source>Fraction</source>
      <translation>Bruch</translation>
    </message>
    <message>
      <source>Raised</source>
      <translation>Hochgestellt</translation>
    </message>
    <message>
      <source>Lowered</source>
      <translation>Tiefgestellt</translation>
    </message>
    <message>
      <source>Ordinal</source>
      <translation>Ordnungszahl</translation>
    </message>
    <message>
      <source>Above the fraction bar</source>
      <translation>Über dem Bruchstrich</translation>
    </message>
    <message>
      <source>Below the fraction bar</source>
      <translation>Unter dem Bruchstrich</translation>
    </message>
    <message>
      <source>Beside capitals</source>
      <translation>Neben Versalien</translation>
    </message>
    <message>
      <source>By chance</source>
      <translation>Zufällig</translation>
    </message>
    <message>
      <source>Other form</source>
      <translation>Andere Form</translation>
    </message>
    <message>
      <source>Local form</source>
      <translation>Örtliche Form</translation>
    </message>
    <message>
      <source>Put together</source>
      <translation>Zusammengesetzt</translation>
    </message>
    <message>
      <source>It is in the package twice, byte for byte the same.</source>
      <translation>Sie ist zweimal im Paket, Byte für Byte gleich.</translation>
    </message>
    <message>
      <source>A folder in the package has the same name.</source>
      <translation>Ein Ordner im Paket heißt ebenso.</translation>
    </message>
    <message>
      <source>Another file in the package has the same name.</source>
      <translation>Eine andere Datei im Paket heißt ebenso.</translation>
    </message>
    <message>
      <source>It is a link, which could lead anywhere.</source>
      <translation>Es ist ein Verweis, der überallhin führen könnte.</translation>
    </message>
    <message>
      <source>A package with so much in it is seldom a font package; you can lift the limits for this one.</source>
      <translation>Ein Paket mit so viel darin ist selten ein Schriftpaket; für dieses lassen sich die Grenzen aufheben.</translation>
    </message>
    <message>
      <source>Left behind by a file manager.</source>
      <translation>Von einem Dateiverwalter zurückgelassen.</translation>
    </message>
    <message>
      <source>It cannot be read.</source>
      <translation>Es lässt sich nicht lesen.</translation>
    </message>
    <message>
      <source>It is larger than any font.</source>
      <translation>Es ist größer als jede Schrift.</translation>
    </message>
    <message>
      <source>It is empty.</source>
      <translation>Es ist leer.</translation>
    </message>
    <message>
      <source>It ends too early: a part of it is missing.</source>
      <translation>Es endet zu früh: Ein Teil fehlt.</translation>
    </message>
    <message>
      <source>It is called .otf, but its outlines are TrueType.</source>
      <translation>Sie heißt .otf, aber ihre Umrisse sind TrueType.</translation>
    </message>
    <message>
      <source>It is called .ttf, but its outlines are OpenType (CFF).</source>
      <translation>Sie heißt .ttf, aber ihre Umrisse sind OpenType (CFF).</translation>
    </message>
    <message>
      <source>It is not called a font, but it is one.</source>
      <translation>Sie heißt nicht wie eine Schrift, ist aber eine.</translation>
    </message>
    <message>
      <source>It is a file for programs.</source>
      <translation>Es ist eine Datei für Programme.</translation>
    </message>
    <message>
      <source>It has no name.</source>
      <translation>Es hat keinen Namen.</translation>
    </message>
    <message>
      <source>Its name holds a line break or another control character.</source>
      <translation>Sein Name enthält einen Zeilenumbruch oder ein anderes Steuerzeichen.</translation>
    </message>
    <message>
      <source>Its name points to a fixed place outside the folder.</source>
      <translation>Sein Name zeigt auf einen festen Ort außerhalb des Ordners.</translation>
    </message>
    <message>
      <source>Its name is too long.</source>
      <translation>Sein Name ist zu lang.</translation>
    </message>
    <message>
      <source>Its name climbs out of the folder.</source>
      <translation>Sein Name führt aus dem Ordner hinaus.</translation>
    </message>
    <message>
      <source>It shares its name with other fonts here.</source>
      <translation>Andere Schriften hier heißen ebenso.</translation>
    </message>
    <message>
      <source>It is neither a file nor a folder.</source>
      <translation>Es ist weder eine Datei noch ein Ordner.</translation>
    </message>
    <message>
      <source>It is locked with a password.</source>
      <translation>Es ist mit einem Passwort verschlossen.</translation>
    </message>
    <message>
      <source>The font says that its keys carry pictures.</source>
      <translation>Die Schrift sagt, dass auf ihren Tasten Bilder liegen.</translation>
    </message>
    <message>
      <source>It has no letter A.</source>
      <translation>Sie hat keinen Buchstaben A.</translation>
    </message>
    <message>
      <source>All its letters are equally wide.</source>
      <translation>Alle ihre Buchstaben sind gleich breit.</translation>
    </message>
    <message>
      <source>The font calls itself hand written (PANOSE).</source>
      <translation>Die Schrift nennt sich handgeschrieben (PANOSE).</translation>
    </message>
    <message>
      <source>The font calls itself decorative (PANOSE).</source>
      <translation>Die Schrift nennt sich dekorativ (PANOSE).</translation>
    </message>
    <message>
      <source>The font calls itself sans (PANOSE).</source>
      <translation>Die Schrift nennt sich serifenlos (PANOSE).</translation>
    </message>
    <message>
      <source>The font calls itself serif (PANOSE).</source>
      <translation>Die Schrift nennt sich Serifenschrift (PANOSE).</translation>
    </message>
    <message>
      <source>Its I is much wider at the foot than in the middle.</source>
      <translation>Ihr I ist am Fuß viel breiter als in der Mitte.</translation>
    </message>
    <message>
      <source>Its I is as wide at the foot as in the middle.</source>
      <translation>Ihr I ist am Fuß so breit wie in der Mitte.</translation>
    </message>
    <message>
      <source>Nothing in its outlines or its name says otherwise.</source>
      <translation>Nichts in ihren Umrissen oder ihrem Namen spricht dagegen.</translation>
    </message>
    <message>
      <source>Selling is allowed in one place, and something that was not understood could take it back.</source>
      <translation>An einer Stelle ist das Verkaufen erlaubt, und etwas nicht Verstandenes könnte es zurücknehmen.</translation>
    </message>
    <message>
      <source>It may be used for yourself and for gifts; selling is not allowed.</source>
      <translation>Für sich selbst und für Geschenke erlaubt; Verkaufen ist nicht erlaubt.</translation>
    </message>
    <message>
      <source>It may be embedded in documents that are edited later.</source>
      <translation>Sie darf in Dokumente eingebettet werden, die später bearbeitet werden.</translation>
    </message>
    <message>
      <source>It may be embedded in documents for viewing and printing.</source>
      <translation>Sie darf zum Ansehen und Drucken in Dokumente eingebettet werden.</translation>
    </message>
    <message>
      <source>It may not be embedded in documents without a licence for that.</source>
      <translation>Sie darf ohne eine Lizenz dafür nicht in Dokumente eingebettet werden.</translation>
    </message>
    <message>
      <source>It may be embedded in documents and installed from them.</source>
      <translation>Sie darf in Dokumente eingebettet und aus ihnen installiert werden.</translation>
    </message>
    <message>
      <source>Only whole, not in parts.</source>
      <translation>Nur ganz, nicht in Teilen.</translation>
    </message>
    <message>
      <source>Only as pixels.</source>
      <translation>Nur als Pixel.</translation>
    </message>
    <message>
      <source>It speaks of less.</source>
      <translation>Er spricht von weniger.</translation>
    </message>
    <message>
      <source>The text goes on, and was not read to its end.</source>
      <translation>Der Text geht weiter und wurde nicht zu Ende gelesen.</translation>
    </message>
    <message>
      <source>It may take back the sentence before it.</source>
      <translation>Er könnte den Satz davor zurücknehmen.</translation>
    </message>
    <message>
      <source>It may narrow what is allowed elsewhere.</source>
      <translation>Er könnte einschränken, was anderswo erlaubt ist.</translation>
    </message>
    <message>
      <source>It is too long to be understood.</source>
      <translation>Er ist zu lang, um verstanden zu werden.</translation>
    </message>
    <message>
      <source>It speaks of selling.</source>
      <translation>Er spricht vom Verkaufen.</translation>
    </message>
    <message>
      <source>A sentence about a demo version was left out: this is not the demo.</source>
      <translation>Ein Satz über eine Demoversion blieb unbeachtet: Dies ist nicht die Demo.</translation>
    </message>
    <message>
      <source>The author asks for a donation.</source>
      <translation>Der Urheber bittet um eine Spende.</translation>
    </message>
    <message>
      <source>Its box is not ticked.</source>
      <translation>Sein Kästchen ist nicht angekreuzt.</translation>
    </message>
    <message>
      <source>It is a heading: what stands below it counts.</source>
      <translation>Es ist eine Überschrift: Was darunter steht, zählt.</translation>
    </message>
    <message>
      <source>It is a question.</source>
      <translation>Es ist eine Frage.</translation>
    </message>
    <message>
      <source>It introduces a list, and the list counts.</source>
      <translation>Es leitet eine Liste ein, und die Liste zählt.</translation>
    </message>
    <message>
      <source>The question is not answered with a yes.</source>
      <translation>Die Frage wird nicht mit Ja beantwortet.</translation>
    </message>
    <message>
      <source>the stitches in it cannot be read</source>
      <translation>die Stiche darin lassen sich nicht lesen</translation>
    </message>
    <message>
      <source>the font has no stitches</source>
      <translation>die Schrift hat keine Stiche</translation>
    </message>
    <message>
      <source>5 to 200 mm for stitched letters</source>
      <translation>5 bis 200 mm für gestickte Buchstaben</translation>
    </message>
    <message>
      <source>it is not a file</source>
      <translation>es ist keine Datei</translation>
    </message>
    <message>
      <source>it is a folder</source>
      <translation>es ist ein Ordner</translation>
    </message>
    <message>
      <source>it is no material card</source>
      <translation>es ist keine Materialkarte</translation>
    </message>
    <message>
      <source>the card has no name</source>
      <translation>die Karte hat keinen Namen</translation>
    </message>
    <message>
      <source>a field of the card is of the wrong kind</source>
      <translation>ein Feld der Karte ist von der falschen Art</translation>
    </message>
    <message>
      <source>a paper pattern is at most 3 m long; print fewer designs at a time</source>
      <translation>ein Papierschnitt ist höchstens 3 m lang; drucken Sie weniger Entwürfe auf einmal</translation>
    </message>
    <message>
      <source>this takes more than 500 pages; print fewer designs at a time</source>
      <translation>das braucht mehr als 500 Seiten; drucken Sie weniger Entwürfe auf einmal</translation>
    </message>
    <message>
      <source>a sheet is 10 mm to 3 m wide and at most 50 m long</source>
      <translation>ein Bogen ist 10 mm bis 3 m breit und höchstens 50 m lang</translation>
    </message>
    <message>
      <source>the margins leave nothing of the sheet</source>
      <translation>die Ränder lassen vom Bogen nichts übrig</translation>
    </message>
    <message>
      <source>things on a sheet lie 0 to 200 mm apart</source>
      <translation>Dinge auf einem Bogen liegen 0 bis 200 mm auseinander</translation>
    </message>
    <message>
      <source>a bridge is 0 to 100 mm wide</source>
      <translation>ein Steg ist 0 bis 100 mm breit</translation>
    </message>
    <message>
      <source>nodes are reduced within 0 to 100 mm</source>
      <translation>Knoten werden innerhalb von 0 bis 100 mm verringert</translation>
    </message>
    <message>
      <source>middles to fill are 0 mm² or larger</source>
      <translation>zu füllende Punzen sind 0 mm² groß oder größer</translation>
    </message>
    <message>
      <source>an offset is at most 1000 mm either way</source>
      <translation>ein Abstand ist höchstens 1000 mm nach jeder Seite</translation>
    </message>
    <message>
      <source>the offset leaves nothing of them</source>
      <translation>der Abstand lässt nichts von ihnen übrig</translation>
    </message>
    <message>
      <source>an outline in it is larger than any can be</source>
      <translation>ein Umriss darin ist größer, als einer sein kann</translation>
    </message>
    <message>
      <source>it is larger than stitch files are</source>
      <translation>sie ist größer, als Stickdateien sind</translation>
    </message>
    <message>
      <source>only DST and EXP files are read</source>
      <translation>nur DST- und EXP-Dateien werden gelesen</translation>
    </message>
    <message>
      <source>it is shorter than the header of a DST file</source>
      <translation>sie ist kürzer als der Kopf einer DST-Datei</translation>
    </message>
    <message>
      <source>a record is none of a DST file</source>
      <translation>ein Satz darin gehört in keine DST-Datei</translation>
    </message>
    <message>
      <source>there is no stitch in it</source>
      <translation>es ist kein Stich darin</translation>
    </message>
    <message>
      <source>an order is none of an EXP file</source>
      <translation>ein Befehl darin gehört in keine EXP-Datei</translation>
    </message>
    <message>
      <source>a list is up to 4 MB</source>
      <translation>eine Liste hat bis zu 4 MB</translation>
    </message>
    <message>
      <source>it is no list of words</source>
      <translation>es ist keine Liste von Wörtern</translation>
    </message>
    <message>
      <source>the hoop is smaller than each of them</source>
      <translation>der Rahmen ist kleiner als jedes von ihnen</translation>
    </message>
    <message>
      <source>it is damaged</source>
      <translation>es ist beschädigt</translation>
    </message>
    <message>
      <source>it is locked with a password</source>
      <translation>es ist mit einem Passwort verschlossen</translation>
    </message>
    <message>
      <source>it holds pictures of pages, no text</source>
      <translation>es enthält Bilder von Seiten, keinen Text</translation>
    </message>
    <message>
      <source>it holds more than text</source>
      <translation>es enthält mehr als Text</translation>
    </message>
    <message>
      <source>this kind of file holds no text</source>
      <translation>diese Art Datei enthält keinen Text</translation>
    </message>
    <message>
      <source>the check did not come to an end</source>
      <translation>die Prüfung kam nicht zum Ende</translation>
    </message>
    <message>
      <source>it broke off</source>
      <translation>es brach ab</translation>
    </message>
    <message>
      <source>it is not installed</source>
      <translation>es ist nicht installiert</translation>
    </message>
    <message>
      <source>it is not a folder</source>
      <translation>es ist kein Ordner</translation>
    </message>
    <message>
      <source>a link there leads out of the folder</source>
      <translation>ein Verweis dort führt aus dem Ordner hinaus</translation>
    </message>
    <message>
      <source>it holds nothing</source>
      <translation>es enthält nichts</translation>
    </message>
    <message>
      <source>its end is missing</source>
      <translation>sein Ende fehlt</translation>
    </message>
    <message>
      <source>a mending is 0 to 100 mm</source>
      <translation>eine Ausbesserung ist 0 bis 100 mm groß</translation>
    </message>
    <message>
      <source>the mending leaves nothing of them</source>
      <translation>die Ausbesserung lässt nichts von ihnen übrig</translation>
    </message>
    <message>
      <source>a border of 100 mm does not make one piece of them</source>
      <translation>auch ein Rand von 100 mm macht sie nicht zu einem Teil</translation>
    </message>
    <message>
      <source>this would take more than a million stitches; make it smaller, or lay cloth on</source>
      <translation>das bräuchte mehr als eine Million Stiche; machen Sie es kleiner, oder legen Sie Stoff auf</translation>
    </message>
    <message>
      <source>this would take more than a million stitches; make it smaller</source>
      <translation>das bräuchte mehr als eine Million Stiche; machen Sie es kleiner</translation>
    </message>
    <message>
      <source>FreeType did not start</source>
      <translation>FreeType ist nicht gestartet</translation>
    </message>
    <message>
      <source>the file is empty</source>
      <translation>die Datei ist leer</translation>
    </message>
    <message>
      <source>it has no outline table</source>
      <translation>sie hat keine Tabelle mit Umrissen</translation>
    </message>
    <message>
      <source>it has no glyphs</source>
      <translation>sie hat keine Glyphen</translation>
    </message>
    <message>
      <source>it is not a shelf that was written to a file</source>
      <translation>es ist kein Regal, das in eine Datei geschrieben wurde</translation>
    </message>
    <message>
      <source>its list of fonts cannot be read</source>
      <translation>seine Liste von Schriften lässt sich nicht lesen</translation>
    </message>
    <message>
      <source>no such folder</source>
      <translation>kein solcher Ordner</translation>
    </message>
    <message>
      <source>it was made by an earlier version and has to be changed before it can be read</source>
      <translation>eine frühere Version hat es angelegt, und es muss vor dem Lesen umgestellt werden</translation>
    </message>
    <message>
      <source>a set</source>
      <translation>eine Gruppe</translation>
    </message>
    <message>
      <source>the catalogue</source>
      <translation>der Katalog</translation>
    </message>
    <message>
      <source>its answer cannot be read</source>
      <translation>seine Antwort lässt sich nicht lesen</translation>
    </message>
    <message>
      <source>it has not been started yet</source>
      <translation>er ist noch nicht gestartet</translation>
    </message>
    <message>
      <source>the file ends before its end</source>
      <translation>die Datei endet vor ihrem Ende</translation>
    </message>
    <message>
      <source>no letter is told by its name</source>
      <translation>ihr Name verrät keinen Buchstaben</translation>
    </message>
    <message>
      <source>the description names no letter, or the file is not there</source>
      <translation>die Beschreibung nennt keinen Buchstaben, oder die Datei fehlt</translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1: %2</translation>
    </message>
    <message>
      <source>the font lacks it</source>
      <translation>es fehlt der Schrift</translation>
    </message>
    <message>
      <source>%1 mm is the nearest</source>
      <translation>%1 mm sind am nächsten</translation>
    </message>
    <message>
      <source>the words are %1 mm long, more than the circle is round</source>
      <translation>die Wörter sind %1 mm lang, mehr als der Kreis Umfang hat</translation>
    </message>
    <message>
      <source>it is larger than %1 MB</source>
      <translation>es ist größer als %1 MB</translation>
    </message>
    <message>
      <source>a list is placed up to %1 pieces at once</source>
      <translation>von einer Liste werden höchstens %1 Stück auf einmal gelegt</translation>
    </message>
    <message>
      <source>the longer side would be %1 m</source>
      <translation>die längere Seite wäre %1 m</translation>
    </message>
    <message>
      <source>some nodes stayed: without them the outline would have crossed itself</source>
      <translation>einige Knoten blieben: ohne sie hätte sich der Umriss gekreuzt</translation>
    </message>
    <message>
      <source>the font lacks %1; left out</source>
      <translation>der Schrift fehlt %1; weggelassen</translation>
    </message>
    <message>
      <source>%1: the font is not here</source>
      <translation>%1: die Schrift ist nicht hier</translation>
    </message>
    <message>
      <source>Proof looks at up to %1 nodes at once, and these have %2</source>
      <translation>„Prüfen“ sieht höchstens %1 Knoten auf einmal an, und diese haben %2</translation>
    </message>
    <message>
      <source>%1 mm</source>
      <translation>%1 mm</translation>
    </message>
    <message>
      <source>%1 characters, at most %2</source>
      <translation>%1 Zeichen, höchstens %2</translation>
    </message>
    <message>
      <source>it lacks %1</source>
      <translation>es fehlt %1</translation>
    </message>
    <message>
      <source>Its name says “%1”.</source>
      <translation>Ihr Name sagt „%1“.</translation>
    </message>
    <message>
      <source>%1 of %2 pairs of common small letters hang together.</source>
      <translation>%1 von %2 Paaren häufiger Kleinbuchstaben hängen zusammen.</translation>
    </message>
    <message>
      <source>path data after %1 of %2 bytes</source>
      <translation>Pfaddaten nach %1 von %2 Bytes</translation>
    </message>
    <message>
      <source>%1 nodes; so far out it does with %2</source>
      <translation>%1 Knoten; so weit draußen genügen %2</translation>
    </message>
    <message>
      <source>a list is placed up to %1 pieces at once, and these are %2</source>
      <translation>von einer Liste werden höchstens %1 Stück auf einmal gelegt, und dies sind %2</translation>
    </message>
    <message>
      <source>“%1” is a file and a folder in the package; the file is kept as “%2”.</source>
      <translation>„%1“ ist im Paket eine Datei und ein Ordner; die Datei wird „%2“ genannt.</translation>
    </message>
    <message>
      <source>“%1” is in the package twice, with different content; the second is kept as “%2”.</source>
      <translation>„%1“ ist zweimal im Paket, mit verschiedenem Inhalt; das zweite wird „%2“ genannt.</translation>
    </message>
    <message>
      <source>it gave no reason</source>
      <translation>ohne Angabe von Gründen</translation>
    </message>
    <message>
      <source>It cannot be read: %1.</source>
      <translation>Es lässt sich nicht lesen: %1.</translation>
    </message>
    <message>
      <source>It cannot be read: %1 (%2).</source>
      <translation>Es lässt sich nicht lesen: %1 (%2).</translation>
    </message>
    <message>
      <source>The package breaks off: %1. What came before is listed.</source>
      <translation>Das Paket bricht ab: %1. Was davor kam, ist aufgeführt.</translation>
    </message>
    <message>
      <source>It has more than %1 files; the rest was not read.</source>
      <translation>Es hat mehr als %1 Dateien; der Rest wurde nicht gelesen.</translation>
    </message>
    <message>
      <source>Its name was written in %1.</source>
      <translation>Sein Name war in %1 geschrieben.</translation>
    </message>
    <message>
      <source>It is a package inside packages, deeper than %1.</source>
      <translation>Es ist ein Paket in Paketen, tiefer als %1.</translation>
    </message>
    <message>
      <source>This package inside cannot be unpacked: %1.</source>
      <translation>Dieses Paket darin lässt sich nicht entpacken: %1.</translation>
    </message>
    <message>
      <source>This package cannot be unpacked: %1.</source>
      <translation>Dieses Paket lässt sich nicht entpacken: %1.</translation>
    </message>
    <message>
      <source>It is %1; Under Ink has no use for it.</source>
      <translation>Es ist %1; Under Ink kann damit nichts anfangen.</translation>
    </message>
    <message>
      <source>It is called a font, but it is %1.</source>
      <translation>Es heißt wie eine Schrift, ist aber %1.</translation>
    </message>
    <message>
      <source>It did not pass the safety check for fonts from outside: %1.</source>
      <translation>Sie hat die Sicherheitsprüfung für fremde Schriften nicht bestanden: %1.</translation>
    </message>
    <message>
      <source>It cannot be cut: %1.</source>
      <translation>Sie lässt sich nicht schneiden: %1.</translation>
    </message>
    <message>
      <source>the font itself, %1</source>
      <translation>die Schrift selbst, %1</translation>
    </message>
    <message>
      <source>licence</source>
      <translation>Lizenz</translation>
    </message>
    <message>
      <source>licence address</source>
      <translation>Lizenzadresse</translation>
    </message>
    <message>
      <source>copyright</source>
      <translation>Urheberrecht</translation>
    </message>
    <message>
      <source>trademark</source>
      <translation>Marke</translation>
    </message>
    <message>
      <source>description</source>
      <translation>Beschreibung</translation>
    </message>
    <message>
      <source>the catalogue's listing</source>
      <translation>der Eintrag im Katalog</translation>
    </message>
    <message>
      <source>it took too long</source>
      <translation>es dauerte zu lange</translation>
    </message>
    <message>
      <source>it said too much</source>
      <translation>es sagte zu viel</translation>
    </message>
    <message>
      <source>%1 different fonts call themselves “%2”: %3. They are told apart by their file names.</source>
      <translation>%1 verschiedene Schriften nennen sich „%2“: %3. Sie werden an ihren Dateinamen unterschieden.</translation>
    </message>
    <message>
      <source>“%1” is here in %2 formats. %3 is recommended: OpenType (CFF) keeps the curves as they were drawn, with fewer nodes to cut.</source>
      <translation>„%1“ ist hier in %2 Formaten. Empfohlen wird %3: OpenType (CFF) behält die Kurven, wie sie gezeichnet wurden, mit weniger Knoten zum Schneiden.</translation>
    </message>
    <message>
      <source>“%1” is here in %2 formats. %3 is recommended: other programs can install it, the web formats they cannot.</source>
      <translation>„%1“ ist hier in %2 Formaten. Empfohlen wird %3: Andere Programme können sie installieren, die Webformate nicht.</translation>
    </message>
    <message>
      <source>It is byte for byte the same as %1.</source>
      <translation>Sie ist Byte für Byte gleich wie %1.</translation>
    </message>
    <message>
      <source>Stitched letters: %1.</source>
      <translation>Gestickte Buchstaben: %1.</translation>
    </message>
    <message>
      <source>%1 not told surely: look at the letters before they are typed.</source>
      <translation>Nicht sicher erkannt: %1. Sehen Sie die Buchstaben an, bevor sie getippt werden.</translation>
    </message>
    <message>
      <source>It lacks %1.</source>
      <translation>Es fehlt %1.</translation>
    </message>
    <message>
      <source>It is no letter that could be typed: %1.</source>
      <translation>Es ist kein Buchstabe, der sich tippen ließe: %1.</translation>
    </message>
    <message>
      <source>%1: a file stands where its folder would be.</source>
      <translation>%1: Wo sein Ordner läge, steht eine Datei.</translation>
    </message>
    <message>
      <source>%1 x %2 pixels</source>
      <translation>%1 × %2 Pixel</translation>
    </message>
    <message>
      <source>It is damaged: %1.</source>
      <translation>Es ist beschädigt: %1.</translation>
    </message>
    <message>
      <source>It unpacks to more than %1 MB.</source>
      <translation>Es wird entpackt größer als %1 MB.</translation>
    </message>
    <message>
      <source>It unpacks to more than %1 times its packed size, as packages made to fill a disk do.</source>
      <translation>Es wird entpackt mehr als %1-mal so groß, wie Pakete, die eine Festplatte füllen sollen.</translation>
    </message>
    <message>
      <source>With it the package would unpack to more than %1 MB.</source>
      <translation>Mit ihm würde das Paket entpackt größer als %1 MB.</translation>
    </message>
    <message>
      <source>It has more than %1 entries; the rest was not read.</source>
      <translation>Es hat mehr als %1 Einträge; der Rest wurde nicht gelesen.</translation>
    </message>
    <message>
      <source>this mending takes up to %1 nodes at once, and these have %2</source>
      <translation>diese Ausbesserung nimmt höchstens %1 Knoten auf einmal, und diese haben %2</translation>
    </message>
    <message>
      <source>there is room for one of the two only: the stroke, or the gap beside it</source>
      <translation>es ist nur für eines von beiden Platz: den Strich oder die Lücke daneben</translation>
    </message>
    <message>
      <source>no place on its edge is sound enough for a bridge</source>
      <translation>keine Stelle an ihrem Rand trägt einen Steg</translation>
    </message>
    <message>
      <source>For yourself and for gifts; selling %1.</source>
      <translation>Für sich selbst und für Geschenke; das Verkaufen %1.</translation>
    </message>
    <message>
      <source>with credit to the author</source>
      <translation>mit Nennung des Urhebers</translation>
    </message>
    <message>
      <source>The listing says “%1”, which the font's own text does not bear out.</source>
      <translation>Der Eintrag sagt „%1“, was der eigene Text der Schrift nicht bestätigt.</translation>
    </message>
    <message>
      <source>The font's embedding bits say “restricted”: %1 That is about documents, not about goods.</source>
      <translation>Die Einbettungsbits der Schrift sagen „eingeschränkt“: %1 Das betrifft Dokumente, nicht Waren.</translation>
    </message>
    <message>
      <source>%1 is very long; only its first part was read.</source>
      <translation>%1 ist sehr lang; nur der erste Teil wurde gelesen.</translation>
    </message>
    <message>
      <source>%1 only speaks of the %2; that is weaker than its text.</source>
      <translation>%1 nennt die %2 nur; das ist schwächer als ihr Text.</translation>
    </message>
    <message>
      <source>%1 reserves the name “%2”, which is another font's: it frees that one.</source>
      <translation>%1 behält den Namen „%2“ vor, der einer anderen Schrift gehört: Er gibt jene frei.</translation>
    </message>
    <message>
      <source>%1 holds only a part of the %2.</source>
      <translation>%1 enthält nur einen Teil der %2.</translation>
    </message>
    <message>
      <source>%1 is not the %2 any more: words of it were changed.</source>
      <translation>%1 ist nicht mehr die %2: Wörter darin wurden geändert.</translation>
    </message>
    <message>
      <source>Too much of the %1 is different.</source>
      <translation>Von der %1 ist zu viel anders.</translation>
    </message>
    <message>
      <source>Put into the %1: “%2”.</source>
      <translation>In die %1 eingefügt: „%2“.</translation>
    </message>
    <message>
      <source>Left out of the %1: “%2”.</source>
      <translation>Aus der %1 weggelassen: „%2“.</translation>
    </message>
    <message>
      <source>Changed in the %1: “%2” for “%3”.</source>
      <translation>In der %1 geändert: „%2“ statt „%3“.</translation>
    </message>
    <message>
      <source>%1 is written in %2 in part, which is not read.</source>
      <translation>%1 ist zum Teil auf %2 geschrieben; diese Sprache wird nicht gelesen.</translation>
    </message>
    <message>
      <source>It is written in %1, which is not read.</source>
      <translation>Es ist auf %1 geschrieben; diese Sprache wird nicht gelesen.</translation>
    </message>
    <message>
      <source>a file that holds the outlines goes under the same licence, with its source</source>
      <translation>eine Datei mit den Umrissen steht unter derselben Lizenz, mit ihrer Quelle</translation>
    </message>
    <message>
      <source>with credit; what you make from the font itself goes under the same licence</source>
      <translation>mit Nennung; was Sie aus der Schrift selbst machen, steht unter derselben Lizenz</translation>
    </message>
    <message>
      <source>with credit; whether welding counts as altering, ask</source>
      <translation>mit Nennung; ob Verschweißen als Ändern gilt, fragen Sie</translation>
    </message>
    <message>
      <source>in your own shop only</source>
      <translation>nur im eigenen Laden</translation>
    </message>
    <message>
      <source>no print on demand</source>
      <translation>kein Druck auf Bestellung</translation>
    </message>
    <message>
      <source>up to %1</source>
      <translation>bis zu %1</translation>
    </message>
    <message>
      <source>needs the author's permission</source>
      <translation>braucht die Erlaubnis des Urhebers</translation>
    </message>
    <message>
      <source>needs a donation</source>
      <translation>braucht eine Spende</translation>
    </message>
    <message>
      <source>any number</source>
      <translation>beliebig viele</translation>
    </message>
    <message>
      <source>a donation is welcome</source>
      <translation>eine Spende ist willkommen</translation>
    </message>
    <message>
      <source>needs a commercial licence</source>
      <translation>braucht eine kommerzielle Lizenz</translation>
    </message>
    <message>
      <source>%1 of %2 bytes are there</source>
      <translation>%1 von %2 Bytes sind da</translation>
    </message>
    <message>
      <source>it has %1, asked for %2</source>
      <translation>sie hat %1, gefragt war %2</translation>
    </message>
    <message>
      <source>it is not a variable font</source>
      <translation>es ist keine variable Schrift</translation>
    </message>
    <message>
      <source>it has %1</source>
      <translation>sie hat %1</translation>
    </message>
    <message>
      <source>the font exchanges it for “%1”</source>
      <translation>die Schrift tauscht sie gegen „%1“</translation>
    </message>
    <message>
      <source>it is named %1</source>
      <translation>sie heißt %1</translation>
    </message>
    <message>
      <source>%1 % of “%2” lies within it</source>
      <translation>%1 % von „%2“ liegen darin</translation>
    </message>
    <message>
      <source>you said so</source>
      <translation>Sie haben es gesagt</translation>
    </message>
    <message>
      <source>%1 em</source>
      <translation>%1 em</translation>
    </message>
    <message>
      <source>Set %1</source>
      <translation>Satz %1</translation>
    </message>
    <message>
      <source>Variant %1</source>
      <translation>Variante %1</translation>
    </message>
    <message>
      <source>its file is missing, or has other content than it should</source>
      <translation>seine Datei fehlt oder hat einen anderen Inhalt als sie sollte</translation>
    </message>
    <message>
      <source>it is no font</source>
      <translation>es ist keine Schrift</translation>
    </message>
    <message>
      <source>version %1, this program knows %2</source>
      <translation>Version %1, dieses Programm kennt %2</translation>
    </message>
    <message>
      <source>it may be %1</source>
      <translation>vielleicht %1</translation>
    </message>
    <message>
      <source>status %1</source>
      <translation>Status %1</translation>
    </message>
    <message>
      <source>%1 of %2 bytes are here</source>
      <translation>%1 von %2 Bytes sind hier</translation>
    </message>
    <message>
      <source>it is packed in a way that is not known here</source>
      <translation>es ist auf eine Art gepackt, die hier nicht bekannt ist</translation>
    </message>
    <message>
      <source>what is packed in it is damaged</source>
      <translation>was darin gepackt ist, ist beschädigt</translation>
    </message>
    <message>
      <source>%1 lies in a folder of its own, and frees the fonts in that folder only.</source>
      <translation>%1 liegt in einem eigenen Ordner und gibt nur die Schriften in jenem Ordner frei.</translation>
    </message>
    <message>
      <source>%1 describes more than one licence and does not say which one is yours.</source>
      <translation>%1 beschreibt mehr als eine Lizenz und sagt nicht, welche Ihre ist.</translation>
    </message>
    <message>
      <source>papers: %1, decisions: %2, sold: %3</source>
      <translation>Papiere: %1, Entscheidungen: %2, verkauft: %3</translation>
    </message>
    <message>
      <source>%1 and %2 more</source>
      <translation>%1 und %2 weitere</translation>
    </message>
    <message>
      <source>%1, collection</source>
      <translation>%1, Sammlung</translation>
    </message>
    <message>
      <source>%1, variable</source>
      <translation>%1, variabel</translation>
    </message>
    <message>
      <source>name</source>
      <translation>Name</translation>
    </message>
    <message>
      <source>file</source>
      <translation>Datei</translation>
    </message>
    <message>
      <source>maker</source>
      <translation>Hersteller</translation>
    </message>
    <message>
      <source>version</source>
      <translation>Version</translation>
    </message>
    <message>
      <source>format</source>
      <translation>Format</translation>
    </message>
    <message>
      <source>size</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>styles in the file</source>
      <translation>Schnitte in der Datei</translation>
    </message>
    <message>
      <source>glyphs</source>
      <translation>Glyphen</translation>
    </message>
    <message>
      <source>characters</source>
      <translation>Zeichen</translation>
    </message>
    <message>
      <source>features</source>
      <translation>Schriftfunktionen</translation>
    </message>
    <message>
      <source>drawn differently</source>
      <translation>anders gezeichnet</translation>
    </message>
    <message>
      <source>only here</source>
      <translation>nur hier</translation>
    </message>
    <message>
      <source>package</source>
      <translation>Paket</translation>
    </message>
    <message>
      <source>documents</source>
      <translation>Dokumente</translation>
    </message>
    <message>
      <source>taken in</source>
      <translation>aufgenommen</translation>
    </message>
    <message>
      <source>last used</source>
      <translation>zuletzt benutzt</translation>
    </message>
    <message>
      <source>it is version %1</source>
      <translation>es ist Version %1</translation>
    </message>
    <message>
      <source>%1, given by %2</source>
      <translation>%1, von %2</translation>
    </message>
    <message>
      <source>The font's papers say nothing of stitched letters: sew goods as its licence says, and ask its author before you pass the letters themselves on.</source>
      <translation>Die Unterlagen der Schrift sagen nichts zu gestickten Buchstaben: Sticke Waren, wie ihre Lizenz es sagt, und frage den Urheber, bevor du die Buchstaben selbst weitergibst.</translation>
    </message>
    <message>
      <source>The font's licence allows stitched letters: “%1” (%2, line %3).</source>
      <translation>Die Lizenz der Schrift erlaubt gestickte Buchstaben: „%1“ (%2, Zeile %3).</translation>
    </message>
    <message>
      <source>The font's licence allows stitched letters within limits: “%1” (%2, line %3).</source>
      <translation>Die Lizenz der Schrift erlaubt gestickte Buchstaben in Grenzen: „%1“ (%2, Zeile %3).</translation>
    </message>
    <message>
      <source>The font's licence forbids stitched letters: “%1” (%2, line %3).</source>
      <translation>Die Lizenz der Schrift verbietet gestickte Buchstaben: „%1“ (%2, Zeile %3).</translation>
    </message>
    <message>
      <source>Use them for yourself, and pass them on to nobody.</source>
      <translation>Benutze sie für dich und gib sie an niemanden weiter.</translation>
    </message>
    <message>
      <source>Poplar ply, 3 mm, 600 x 300 mm</source>
      <translation>Pappelsperrholz, 3 mm, 600 x 300 mm</translation>
    </message>
    <message>
      <source>Stencil film, roll 600 mm</source>
      <translation>Schablonenfolie, Rolle 600 mm</translation>
    </message>
  </context>
  <context>
    <name>Likeness</name>
    <message>
      <source>%1, %2 %</source>
      <translation>%1, %2 %</translation>
    </message>
    <message>
      <source>the same</source>
      <translation>dieselbe</translation>
    </message>
    <message>
      <source>nearly the same</source>
      <translation>fast dieselbe</translation>
    </message>
    <message>
      <source>like it</source>
      <translation>ähnlich</translation>
    </message>
    <message>
      <source>in its manner</source>
      <translation>von ihrer Art</translation>
    </message>
    <message>
      <source>unlike</source>
      <translation>unähnlich</translation>
    </message>
  </context>
  <context>
    <name>Measures</name>
    <message>
      <source>free of charge</source>
      <translation>kostenlos</translation>
    </message>
  </context>
  <context>
    <name>Proof</name>
    <message>
      <source>a motif</source>
      <translation>ein Motiv</translation>
    </message>
    <message>
      <source>%1 and %2</source>
      <translation>%1 und %2</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>%1 %2 holds %3.</source>
      <translation>%1 %2 hält %3.</translation>
    </message>
    <message>
      <source>Thin: %1 in %2</source>
      <translation>Dünn: %1 in %2</translation>
    </message>
    <message>
      <source>Thin: %1</source>
      <translation>Dünn: %1</translation>
    </message>
    <message>
      <source>Tight gap: %1 between %2</source>
      <translation>Enge Lücke: %1 zwischen %2</translation>
    </message>
    <message>
      <source>Tight gap: %1</source>
      <translation>Enge Lücke: %1</translation>
    </message>
    <message>
      <source>Tight gap: %1 in %2</source>
      <translation>Enge Lücke: %1 in %2</translation>
    </message>
    <message>
      <source>A speck of %1 in %2</source>
      <translation>Ein Splitter von %1 in %2</translation>
    </message>
    <message>
      <source>A speck of %1</source>
      <translation>Ein Splitter von %1</translation>
    </message>
    <message>
      <source>A middle of %1 in %2</source>
      <translation>Eine Punze von %1 in %2</translation>
    </message>
    <message>
      <source>A middle of %1</source>
      <translation>Eine Punze von %1</translation>
    </message>
    <message>
      <source>A point of %1 in %2</source>
      <translation>Eine Spitze von %1 in %2</translation>
    </message>
    <message>
      <source>A point of %1</source>
      <translation>Eine Spitze von %1</translation>
    </message>
    <message>
      <source>Hangs by %1 at %2</source>
      <translation>Hängt an %1 bei %2</translation>
    </message>
    <message>
      <source>Hangs by %1</source>
      <translation>Hängt an %1</translation>
    </message>
    <message>
      <source>A loose piece</source>
      <translation>Ein loses Teil</translation>
    </message>
    <message>
      <source>A loose piece: %1</source>
      <translation>Ein loses Teil: %1</translation>
    </message>
    <message>
      <source>A middle that falls out</source>
      <translation>Eine Punze, die herausfällt</translation>
    </message>
    <message>
      <source>The middle of %1 falls out</source>
      <translation>Die Punze von %1 fällt heraus</translation>
    </message>
    <message numerus="yes">
      <source>%n node(s) for each cm</source>
      <translation>
        <numerusform>%n Knoten je cm</numerusform>
        <numerusform>%n Knoten je cm</numerusform>
      </translation>
    </message>
    <message>
      <source>Cut twice, %1 apart, at %2</source>
      <translation>Doppelt geschnitten, %1 auseinander, bei %2</translation>
    </message>
    <message>
      <source>Cut twice, %1 apart</source>
      <translation>Doppelt geschnitten, %1 auseinander</translation>
    </message>
    <message>
      <source>Too large: %1</source>
      <translation>Zu groß: %1</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) missing</source>
      <translation>
        <numerusform>%n Buchstabe fehlt</numerusform>
        <numerusform>%n Buchstaben fehlen</numerusform>
      </translation>
    </message>
    <message>
      <source>The font lacks %1</source>
      <translation>Der Schrift fehlt %1</translation>
    </message>
    <message>
      <source>Not settled for a sale</source>
      <translation>Für einen Verkauf nicht geklärt</translation>
    </message>
    <message>
      <source>Low: a line of %1</source>
      <translation>Niedrig: eine Zeile von %1</translation>
    </message>
    <message>
      <source>Wide: %1 in %2</source>
      <translation>Breit: %1 in %2</translation>
    </message>
    <message>
      <source>Wide: %1</source>
      <translation>Breit: %1</translation>
    </message>
    <message numerus="yes">
      <source>%n layer(s) of thread</source>
      <translation>
        <numerusform>%n Lage Garn</numerusform>
        <numerusform>%n Lagen Garn</numerusform>
      </translation>
    </message>
    <message>
      <source>Stitched letters at a size of %1</source>
      <translation>Gestickte Buchstaben in einer Größe von %1</translation>
    </message>
    <message>
      <source>Short stitches: %1 %</source>
      <translation>Kurze Stiche: %1 %</translation>
    </message>
    <message>
      <source>%1 at the least</source>
      <translation>mindestens %1</translation>
    </message>
    <message>
      <source>%1 without care</source>
      <translation>%1 unbedenklich</translation>
    </message>
    <message>
      <source>Gaps under %1 close up.</source>
      <translation>Lücken unter %1 gehen zu.</translation>
    </message>
    <message>
      <source>Pieces under %1 come off.</source>
      <translation>Teile unter %1 lösen sich.</translation>
    </message>
    <message>
      <source>Middles under %1 cannot be picked clean.</source>
      <translation>Punzen unter %1 lassen sich nicht sauber entgittern.</translation>
    </message>
    <message>
      <source>Points under %1 lift.</source>
      <translation>Spitzen unter %1 heben sich ab.</translation>
    </message>
    <message>
      <source>Two parts hold together here by less than %1.</source>
      <translation>Zwei Teile hängen hier an weniger als %1.</translation>
    </message>
    <message>
      <source>This thing has to be one piece.</source>
      <translation>Das Stück muss aus einem Teil sein.</translation>
    </message>
    <message>
      <source>Nothing ties it to the sheet.</source>
      <translation>Nichts hält sie am Bogen.</translation>
    </message>
    <message numerus="yes">
      <source>The machine stutters from %n on.</source>
      <translation>
        <numerusform>Ab %n stottert die Maschine.</numerusform>
        <numerusform>Ab %n stottert die Maschine.</numerusform>
      </translation>
    </message>
    <message>
      <source>Two pieces share %1 of edge.</source>
      <translation>Zwei Teile teilen sich %1 Kante.</translation>
    </message>
    <message>
      <source>The hoop has %1, also when it is turned.</source>
      <translation>Der Rahmen hat %1, auch gedreht.</translation>
    </message>
    <message>
      <source>The sheet has %1.</source>
      <translation>Der Bogen hat %1.</translation>
    </message>
    <message>
      <source>They are left out.</source>
      <translation>Sie werden weggelassen.</translation>
    </message>
    <message>
      <source>The job is for sale, and its font does not plainly allow it.</source>
      <translation>Der Auftrag ist zum Verkauf, und die Schrift erlaubt ihn nicht klar.</translation>
    </message>
    <message>
      <source>Letters under %1 run together when they are sewn.</source>
      <translation>Buchstaben unter %1 laufen beim Sticken zu.</translation>
    </message>
    <message>
      <source>Wider than %1 satin comes loose: it is filled in rows.</source>
      <translation>Satin breiter als %1 löst sich: er wird in Reihen gefüllt.</translation>
    </message>
    <message>
      <source>Their stitches can be moved apart up to %1; beyond, cloth shows between them.</source>
      <translation>Ihre Stiche lassen sich bis %1 auseinanderziehen; darüber scheint der Stoff durch.</translation>
    </message>
    <message>
      <source>Their stitches can be moved together down to %1; below, thread breaks.</source>
      <translation>Ihre Stiche lassen sich bis %1 zusammenschieben; darunter reißt das Garn.</translation>
    </message>
    <message numerus="yes">
      <source>From %n on the needle may break.</source>
      <translation>
        <numerusform>Ab %n kann die Nadel brechen.</numerusform>
        <numerusform>Ab %n kann die Nadel brechen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Under 0.3 mm, more than one in a hundred: the thread may break.</source>
      <translation>Unter 0,3 mm, mehr als einer von hundert: das Garn kann reißen.</translation>
    </message>
    <message>
      <source>%1 long. %2</source>
      <translation>%1 lang. %2</translation>
    </message>
    <message numerus="yes">
      <source>%n thin stroke(s), down to %1</source>
      <translation>
        <numerusform>%n dünner Strich, bis %1</numerusform>
        <numerusform>%n dünne Striche, bis %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n tight gap(s), down to %1</source>
      <translation>
        <numerusform>%n enge Lücke, bis %1</numerusform>
        <numerusform>%n enge Lücken, bis %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n speck(s), down to %1</source>
      <translation>
        <numerusform>%n Splitter, bis %1</numerusform>
        <numerusform>%n Splitter, bis %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n small middle(s), down to %1</source>
      <translation>
        <numerusform>%n kleine Punze, bis %1</numerusform>
        <numerusform>%n kleine Punzen, bis %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n sharp point(s), down to %1</source>
      <translation>
        <numerusform>%n scharfe Spitze, bis %1</numerusform>
        <numerusform>%n scharfe Spitzen, bis %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) by a thread, down to %1</source>
      <translation>
        <numerusform>%n Stelle an einem Faden, bis %1</numerusform>
        <numerusform>%n Stellen an einem Faden, bis %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n loose piece(s)</source>
      <translation>
        <numerusform>%n loses Teil</numerusform>
        <numerusform>%n lose Teile</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) that (falls|fall) out</source>
      <translation>
        <numerusform>%n Punze fällt heraus</numerusform>
        <numerusform>%n Punzen fallen heraus</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n edge(s) cut twice</source>
      <translation>
        <numerusform>%n Kante doppelt geschnitten</numerusform>
        <numerusform>%n Kanten doppelt geschnitten</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n low line(s), down to %1</source>
      <translation>
        <numerusform>%n niedrige Zeile, bis %1</numerusform>
        <numerusform>%n niedrige Zeilen, bis %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n wide stroke(s), up to %1</source>
      <translation>
        <numerusform>%n breiter Strich, bis %1</numerusform>
        <numerusform>%n breite Striche, bis %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n anzusehen</numerusform>
        <numerusform>%n anzusehen</numerusform>
      </translation>
    </message>
    <message>
      <source>gap %1</source>
      <translation>Lücke %1</translation>
    </message>
    <message>
      <source>loose</source>
      <translation>lose</translation>
    </message>
    <message>
      <source>falls out</source>
      <translation>fällt heraus</translation>
    </message>
    <message>
      <source>twice</source>
      <translation>doppelt</translation>
    </message>
    <message>
      <source>Thicken here to %1</source>
      <translation>Hier auf %1 verdicken</translation>
    </message>
    <message>
      <source>All of them</source>
      <translation>Alle</translation>
    </message>
    <message>
      <source>Everything thicker by %1</source>
      <translation>Alles um %1 dicker</translation>
    </message>
    <message>
      <source>Part them by %1</source>
      <translation>Um %1 trennen</translation>
    </message>
    <message>
      <source>Close it</source>
      <translation>Schließen</translation>
    </message>
    <message>
      <source>Close all</source>
      <translation>Alle schließen</translation>
    </message>
    <message>
      <source>Open here to %1</source>
      <translation>Hier auf %1 öffnen</translation>
    </message>
    <message>
      <source>Open all</source>
      <translation>Alle öffnen</translation>
    </message>
    <message>
      <source>Leave it out</source>
      <translation>Weglassen</translation>
    </message>
    <message>
      <source>Enlarge it</source>
      <translation>Vergrößern</translation>
    </message>
    <message>
      <source>Tie it</source>
      <translation>Anbinden</translation>
    </message>
    <message>
      <source>Leave out all</source>
      <translation>Alle weglassen</translation>
    </message>
    <message>
      <source>Fill it</source>
      <translation>Füllen</translation>
    </message>
    <message>
      <source>Fill all</source>
      <translation>Alle füllen</translation>
    </message>
    <message>
      <source>Blunt it by %1</source>
      <translation>Um %1 abstumpfen</translation>
    </message>
    <message>
      <source>Blunt all</source>
      <translation>Alle abstumpfen</translation>
    </message>
    <message>
      <source>Tie by the shortest bridges</source>
      <translation>Mit den kürzesten Stegen verbinden</translation>
    </message>
    <message>
      <source>A bar under the words</source>
      <translation>Ein Balken unter den Wörtern</translation>
    </message>
    <message>
      <source>A plate behind them</source>
      <translation>Eine Platte dahinter</translation>
    </message>
    <message>
      <source>Bridges of %1 for all</source>
      <translation>Stege von %1 für alle</translation>
    </message>
    <message>
      <source>One here</source>
      <translation>Einer hier</translation>
    </message>
    <message>
      <source>Fewer, within %1</source>
      <translation>Weniger, innerhalb von %1</translation>
    </message>
    <message>
      <source>Bring it to %1</source>
      <translation>Auf %1 bringen</translation>
    </message>
    <message>
      <source>Fit to it</source>
      <translation>Einpassen</translation>
    </message>
    <message>
      <source>Larger letters</source>
      <translation>Größere Buchstaben</translation>
    </message>
    <message>
      <source>Sew them as lines</source>
      <translation>Als Linien sticken</translation>
    </message>
    <message>
      <source>Sew it as satin all the same</source>
      <translation>Trotzdem als Satin sticken</translation>
    </message>
    <message>
      <source>Without underlay</source>
      <translation>Ohne Unterlage</translation>
    </message>
    <message>
      <source>Stitches wider apart</source>
      <translation>Stiche weiter auseinander</translation>
    </message>
    <message>
      <source>Weld or space them in Compose</source>
      <translation>In „Setzen“ verschweißen oder sperren</translation>
    </message>
    <message>
      <source>Choose a font</source>
      <translation>Eine Schrift wählen</translation>
    </message>
    <message>
      <source>Open its right</source>
      <translation>Ihr Recht öffnen</translation>
    </message>
    <message>
      <source>thin strokes</source>
      <translation>dünne Striche</translation>
    </message>
    <message>
      <source>tight gaps</source>
      <translation>enge Lücken</translation>
    </message>
    <message>
      <source>specks</source>
      <translation>Splitter</translation>
    </message>
    <message>
      <source>small middles</source>
      <translation>kleine Punzen</translation>
    </message>
    <message>
      <source>sharp points</source>
      <translation>scharfe Spitzen</translation>
    </message>
    <message>
      <source>what hangs by a thread</source>
      <translation>was an einem Faden hängt</translation>
    </message>
    <message>
      <source>loose pieces</source>
      <translation>lose Teile</translation>
    </message>
    <message>
      <source>middles without a bridge</source>
      <translation>Punzen ohne Steg</translation>
    </message>
    <message>
      <source>many nodes</source>
      <translation>viele Knoten</translation>
    </message>
    <message>
      <source>what is cut twice</source>
      <translation>was doppelt geschnitten wird</translation>
    </message>
    <message>
      <source>what is too large</source>
      <translation>was zu groß ist</translation>
    </message>
    <message>
      <source>missing letters</source>
      <translation>fehlende Buchstaben</translation>
    </message>
    <message>
      <source>the right</source>
      <translation>das Recht</translation>
    </message>
    <message>
      <source>low letters</source>
      <translation>niedrige Buchstaben</translation>
    </message>
    <message>
      <source>wide strokes</source>
      <translation>breite Striche</translation>
    </message>
    <message>
      <source>thick thread</source>
      <translation>dickes Garn</translation>
    </message>
    <message>
      <source>short stitches</source>
      <translation>kurze Stiche</translation>
    </message>
    <message>
      <source>stitched letters</source>
      <translation>gestickte Buchstaben</translation>
    </message>
    <message>
      <source>thin strokes to %1</source>
      <translation>dünne Striche auf %1</translation>
    </message>
    <message>
      <source>one stroke to %1</source>
      <translation>ein Strich auf %1</translation>
    </message>
    <message>
      <source>gaps opened to %1</source>
      <translation>Lücken auf %1 geöffnet</translation>
    </message>
    <message>
      <source>one gap opened to %1</source>
      <translation>eine Lücke auf %1 geöffnet</translation>
    </message>
    <message>
      <source>gaps under %1 closed</source>
      <translation>Lücken unter %1 geschlossen</translation>
    </message>
    <message>
      <source>one gap under %1 closed</source>
      <translation>eine Lücke unter %1 geschlossen</translation>
    </message>
    <message>
      <source>specks under %1 left out</source>
      <translation>Splitter unter %1 weggelassen</translation>
    </message>
    <message>
      <source>one speck under %1 left out</source>
      <translation>ein Splitter unter %1 weggelassen</translation>
    </message>
    <message>
      <source>specks enlarged to %1</source>
      <translation>Splitter auf %1 vergrößert</translation>
    </message>
    <message>
      <source>one speck enlarged to %1</source>
      <translation>ein Splitter auf %1 vergrößert</translation>
    </message>
    <message>
      <source>specks tied by %1</source>
      <translation>Splitter mit %1 angebunden</translation>
    </message>
    <message>
      <source>one speck tied by %1</source>
      <translation>ein Splitter mit %1 angebunden</translation>
    </message>
    <message>
      <source>middles under %1 filled</source>
      <translation>Punzen unter %1 gefüllt</translation>
    </message>
    <message>
      <source>one middle under %1 filled</source>
      <translation>eine Punze unter %1 gefüllt</translation>
    </message>
    <message>
      <source>middles enlarged to %1</source>
      <translation>Punzen auf %1 vergrößert</translation>
    </message>
    <message>
      <source>one middle enlarged to %1</source>
      <translation>eine Punze auf %1 vergrößert</translation>
    </message>
    <message>
      <source>points blunted by %1</source>
      <translation>Spitzen um %1 abgestumpft</translation>
    </message>
    <message>
      <source>one point blunted by %1</source>
      <translation>eine Spitze um %1 abgestumpft</translation>
    </message>
    <message>
      <source>all tied by bridges of %1</source>
      <translation>alles mit Stegen von %1 verbunden</translation>
    </message>
    <message>
      <source>a bar of %1 under the words</source>
      <translation>ein Balken von %1 unter den Wörtern</translation>
    </message>
    <message>
      <source>a plate behind the words</source>
      <translation>eine Platte hinter den Wörtern</translation>
    </message>
    <message>
      <source>bridges of %1</source>
      <translation>Stege von %1</translation>
    </message>
    <message>
      <source>one more bridge of %1</source>
      <translation>ein weiterer Steg von %1</translation>
    </message>
    <message>
      <source>one bridge taken off</source>
      <translation>ein Steg weggenommen</translation>
    </message>
    <message>
      <source>one stroke sewn as satin</source>
      <translation>ein Strich als Satin gestickt</translation>
    </message>
    <message>
      <source>one stroke sewn in rows</source>
      <translation>ein Strich in Reihen gestickt</translation>
    </message>
    <message>
      <source>one stroke sewn as a line</source>
      <translation>ein Strich als Linie gestickt</translation>
    </message>
    <message>
      <source>one place of %1 left as it is</source>
      <translation>eine Stelle von %1 bleibt, wie sie ist</translation>
    </message>
    <message>
      <source>%1 left as they are</source>
      <translation>%1 bleiben, wie sie sind</translation>
    </message>
    <message>
      <source>Strokes</source>
      <translation>Striche</translation>
    </message>
    <message>
      <source>none under %1</source>
      <translation>keiner unter %1</translation>
    </message>
    <message>
      <source>Gaps</source>
      <translation>Lücken</translation>
    </message>
    <message>
      <source>No specks</source>
      <translation>Keine Splitter</translation>
    </message>
    <message>
      <source>Middles open</source>
      <translation>Punzen offen</translation>
    </message>
    <message>
      <source>Points</source>
      <translation>Spitzen</translation>
    </message>
    <message>
      <source>One piece</source>
      <translation>Ein Teil</translation>
    </message>
    <message>
      <source>all hangs together</source>
      <translation>alles hängt zusammen</translation>
    </message>
    <message>
      <source>Every middle is tied</source>
      <translation>Jede Punze ist gehalten</translation>
    </message>
    <message numerus="yes">
      <source>%n bridge(s)</source>
      <translation>
        <numerusform>%n Steg</numerusform>
        <numerusform>%n Stege</numerusform>
      </translation>
    </message>
    <message>
      <source>Nodes</source>
      <translation>Knoten</translation>
    </message>
    <message>
      <source>%1 → %2, off by %3</source>
      <translation>%1 → %2, Abweichung %3</translation>
    </message>
    <message>
      <source>Fits the hoop</source>
      <translation>Passt in den Rahmen</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>Thread</source>
      <translation>Garn</translation>
    </message>
    <message numerus="yes">
      <source>no more than %n layer(s)</source>
      <translation>
        <numerusform>höchstens %n Lage</numerusform>
        <numerusform>höchstens %n Lagen</numerusform>
      </translation>
    </message>
    <message>
      <source>Fits its sheet</source>
      <translation>Passt auf den Bogen</translation>
    </message>
    <message>
      <source>May sell</source>
      <translation>Verkauf erlaubt</translation>
    </message>
    <message numerus="yes">
      <source>%n stroke(s) thicker</source>
      <translation>
        <numerusform>%n Strich dicker</numerusform>
        <numerusform>%n Striche dicker</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n gap(s) mended</source>
      <translation>
        <numerusform>%n Lücke behoben</numerusform>
        <numerusform>%n Lücken behoben</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n speck(s) mended</source>
      <translation>
        <numerusform>%n Splitter behoben</numerusform>
        <numerusform>%n Splitter behoben</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) mended</source>
      <translation>
        <numerusform>%n Punze behoben</numerusform>
        <numerusform>%n Punzen behoben</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n point(s) blunted</source>
      <translation>
        <numerusform>%n Spitze abgestumpft</numerusform>
        <numerusform>%n Spitzen abgestumpft</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n loose piece(s) tied</source>
      <translation>
        <numerusform>%n loses Teil verbunden</numerusform>
        <numerusform>%n lose Teile verbunden</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) tied to the sheet</source>
      <translation>
        <numerusform>%n Punze am Bogen gehalten</numerusform>
        <numerusform>%n Punzen am Bogen gehalten</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 % more ink</source>
      <translation>%1 % mehr Fläche</translation>
    </message>
    <message>
      <source>%1 % less ink</source>
      <translation>%1 % weniger Fläche</translation>
    </message>
    <message numerus="yes">
      <source>%n place(s) left: %1</source>
      <translation>
        <numerusform>%n Stelle bleibt: %1</numerusform>
        <numerusform>%n Stellen bleiben: %1</numerusform>
      </translation>
    </message>
    <message>
      <source>Nothing had to be mended.</source>
      <translation>Nichts musste behoben werden.</translation>
    </message>
    <message>
      <source>Touches in a point only</source>
      <translation>Berührt sich nur in einem Punkt</translation>
    </message>
    <message>
      <source>Touches in a point only: %1</source>
      <translation>Berührt sich nur in einem Punkt: %1</translation>
    </message>
    <message>
      <source>one thread parted by %1</source>
      <translation>ein Faden um %1 getrennt</translation>
    </message>
    <message numerus="yes">
      <source>%n thread(s) parted</source>
      <translation>
        <numerusform>%n Faden getrennt</numerusform>
        <numerusform>%n Fäden getrennt</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>QObject</name>
    <message>
      <source>%1, line %2</source>
      <translation>%1, Zeile %2</translation>
    </message>
    <message>
      <source>%1, %2</source>
      <translation>%1, %2</translation>
    </message>
    <message>
      <source>yes</source>
      <translation>ja</translation>
    </message>
    <message>
      <source>no</source>
      <translation>nein</translation>
    </message>
    <message>
      <source>within limits</source>
      <translation>in Grenzen</translation>
    </message>
    <message>
      <source>not said</source>
      <translation>nicht gesagt</translation>
    </message>
    <message>
      <source>cut in this vinyl</source>
      <translation>in dieser Folie schneidbar sind</translation>
    </message>
    <message>
      <source>cut in heat-transfer material</source>
      <translation>in Flexfolie schneidbar sind</translation>
    </message>
    <message>
      <source>cut in card</source>
      <translation>in Karton schneidbar sind</translation>
    </message>
    <message>
      <source>hold in wood</source>
      <translation>in Holz halten</translation>
    </message>
    <message>
      <source>hold as a stencil</source>
      <translation>als Schablone halten</translation>
    </message>
    <message>
      <source>can be drawn with a pen</source>
      <translation>mit dem Stift zu zeichnen sind</translation>
    </message>
    <message>
      <source>hold as appliqué</source>
      <translation>als Applikation halten</translation>
    </message>
    <message>
      <source>can be stitched in satin</source>
      <translation>in Satin zu sticken sind</translation>
    </message>
    <message>
      <source>can be traced</source>
      <translation>zum Durchzeichnen taugen</translation>
    </message>
    <message>
      <source>may be sold</source>
      <translation>verkauft werden dürfen</translation>
    </message>
    <message>
      <source>join every letter</source>
      <translation>alle Buchstaben verbinden</translation>
    </message>
    <message>
      <source>have a swash for these letters</source>
      <translation>einen Schwung für diese Buchstaben haben</translation>
    </message>
    <message>
      <source>have every letter</source>
      <translation>alle Buchstaben haben</translation>
    </message>
    <message>
      <source>are mine already</source>
      <translation>schon mir gehören</translation>
    </message>
    <message>
      <source>have strokes that hold</source>
      <translation>Striche haben, die halten</translation>
    </message>
    <message>
      <source>have gaps that stay open</source>
      <translation>Lücken haben, die offen bleiben</translation>
    </message>
    <message>
      <source>have no piece that is too small</source>
      <translation>kein zu kleines Teil haben</translation>
    </message>
    <message>
      <source>have fewer than 40 nodes a letter</source>
      <translation>weniger als 40 Knoten je Buchstabe haben</translation>
    </message>
    <message>
      <source>have no sharp points</source>
      <translation>keine scharfen Spitzen haben</translation>
    </message>
    <message>
      <source>have no middles to weed</source>
      <translation>keine Punzen zum Entgittern haben</translation>
    </message>
    <message>
      <source>have hidden forms</source>
      <translation>verborgene Formen haben</translation>
    </message>
    <message>
      <source>may be sold within limits</source>
      <translation>in Grenzen verkauft werden dürfen</translation>
    </message>
    <message>
      <source>are for gifts only</source>
      <translation>nur für Geschenke sind</translation>
    </message>
    <message>
      <source>need a question first</source>
      <translation>erst eine Frage brauchen</translation>
    </message>
    <message>
      <source>cost nothing</source>
      <translation>nichts kosten</translation>
    </message>
    <message>
      <source>are of this year</source>
      <translation>aus diesem Jahr sind</translation>
    </message>
    <message>
      <source>are often fetched</source>
      <translation>oft geholt werden</translation>
    </message>
    <message>
      <source>mine first</source>
      <translation>meine zuerst</translation>
    </message>
    <message>
      <source>best fit first</source>
      <translation>was am besten passt zuerst</translation>
    </message>
    <message>
      <source>by name</source>
      <translation>nach Namen</translation>
    </message>
    <message>
      <source>cheapest first</source>
      <translation>günstigste zuerst</translation>
    </message>
    <message>
      <source>newest first</source>
      <translation>neueste zuerst</translation>
    </message>
    <message>
      <source>most fetched first</source>
      <translation>meistgeholte zuerst</translation>
    </message>
    <message>
      <source>last used first</source>
      <translation>zuletzt benutzte zuerst</translation>
    </message>
    <message>
      <source>last taken in first</source>
      <translation>zuletzt aufgenommene zuerst</translation>
    </message>
    <message>
      <source>thickest strokes first</source>
      <translation>dickste Striche zuerst</translation>
    </message>
    <message>
      <source>widest gaps first</source>
      <translation>weiteste Lücken zuerst</translation>
    </message>
    <message>
      <source>fewest pieces first</source>
      <translation>wenigste Teile zuerst</translation>
    </message>
    <message>
      <source>fewest nodes first</source>
      <translation>wenigste Knoten zuerst</translation>
    </message>
    <message>
      <source>fewest middles first</source>
      <translation>wenigste Punzen zuerst</translation>
    </message>
    <message>
      <source>fewest sharp points first</source>
      <translation>wenigste scharfe Spitzen zuerst</translation>
    </message>
    <message>
      <source>best joined first</source>
      <translation>am besten verbundene zuerst</translation>
    </message>
    <message>
      <source>most other forms first</source>
      <translation>meiste andere Formen zuerst</translation>
    </message>
    <message>
      <source>most complete first</source>
      <translation>vollständigste zuerst</translation>
    </message>
    <message>
      <source>freest to sell first</source>
      <translation>am freiesten verkäufliche zuerst</translation>
    </message>
    <message>
      <source>likest first</source>
      <translation>ähnlichste zuerst</translation>
    </message>
    <message>
      <source>somebody else's</source>
      <translation>fremdes Zeichen</translation>
    </message>
    <message>
      <source>You flagged this as somebody else's mark: do not sell goods that show it, whatever the font's licence says.</source>
      <translation>Als fremdes Zeichen markiert: keine Waren verkaufen, die es zeigen, was immer die Lizenz der Schrift sagt.</translation>
    </message>
    <message>
      <source>You flagged this as somebody else's mark: keep it to gifts.</source>
      <translation>Als fremdes Zeichen markiert: nur für Geschenke.</translation>
    </message>
    <message>
      <source>missing</source>
      <translation>fehlt</translation>
    </message>
    <message>
      <source>The font does not have %1.</source>
      <translation>Die Schrift hat %1 nicht.</translation>
    </message>
    <message>
      <source>It may hold; from %1 on no care is needed.</source>
      <translation>Es kann halten; ab %1 ist es unbedenklich.</translation>
    </message>
    <message>
      <source>Too thin: this process holds %1.</source>
      <translation>Zu dünn: dieses Verfahren hält %1.</translation>
    </message>
    <message>
      <source>It holds in this process.</source>
      <translation>Es hält in diesem Verfahren.</translation>
    </message>
    <message>
      <source>thinnest stroke</source>
      <translation>dünnster Strich</translation>
    </message>
    <message>
      <source>narrowest gap</source>
      <translation>engste Lücke</translation>
    </message>
    <message>
      <source>Too narrow: this process keeps %1 open.</source>
      <translation>Zu eng: dieses Verfahren hält %1 offen.</translation>
    </message>
    <message>
      <source>It stays open in this process.</source>
      <translation>Sie bleibt in diesem Verfahren offen.</translation>
    </message>
    <message>
      <source>The smallest has %1; this process holds %2.</source>
      <translation>Das kleinste hat %1; dieses Verfahren hält %2.</translation>
    </message>
    <message>
      <source>The smallest has %1.</source>
      <translation>Das kleinste hat %1.</translation>
    </message>
    <message numerus="yes">
      <source>piece(s)</source>
      <translation>
        <numerusform>Teil</numerusform>
        <numerusform>Teile</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 of %2</source>
      <translation>%1 von %2</translation>
    </message>
    <message>
      <source>join</source>
      <translation>verbunden</translation>
    </message>
    <message>
      <source>All neighbours hang together.</source>
      <translation>Alle Nachbarn hängen zusammen.</translation>
    </message>
    <message>
      <source>Letters that join, except where shown.</source>
      <translation>Buchstaben, die sich verbinden, außer wo gezeigt.</translation>
    </message>
    <message>
      <source>Letters that stand apart, some of them touch.</source>
      <translation>Buchstaben, die einzeln stehen; einige berühren sich.</translation>
    </message>
    <message numerus="yes">
      <source>swash(es)</source>
      <translation>
        <numerusform>Schwung</numerusform>
        <numerusform>Schwünge</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>other form(s)</source>
      <translation>
        <numerusform>andere Form</numerusform>
        <numerusform>andere Formen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>For %1; and %n other form(s) in all.</source>
      <translation>
        <numerusform>Für %1; und insgesamt %n andere Form.</numerusform>
        <numerusform>Für %1; und insgesamt %n andere Formen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Other forms of these letters, none of them a swash.</source>
      <translation>Andere Formen dieser Buchstaben, keine davon ein Schwung.</translation>
    </message>
    <message numerus="yes">
      <source>middle(s)</source>
      <translation>
        <numerusform>Punze</numerusform>
        <numerusform>Punzen</numerusform>
      </translation>
    </message>
    <message>
      <source>Each needs bridges, or it falls out.</source>
      <translation>Jede braucht Stege, sonst fällt sie heraus.</translation>
    </message>
    <message>
      <source>To be weeded one by one.</source>
      <translation>Einzeln zu entgittern.</translation>
    </message>
    <message>
      <source>nodes a letter</source>
      <translation>Knoten je Buchstabe</translation>
    </message>
    <message>
      <source>%1 in all%2.</source>
      <translation>Insgesamt %1%2.</translation>
    </message>
    <message>
      <source>; the knife may stutter, fewer nodes can be asked for in Compose</source>
      <translation>; das Messer kann stottern, weniger Knoten gibt es in „Setzen“</translation>
    </message>
    <message numerus="yes">
      <source>sharp point(s)</source>
      <translation>
        <numerusform>scharfe Spitze</numerusform>
        <numerusform>scharfe Spitzen</numerusform>
      </translation>
    </message>
    <message>
      <source>Ends of less than 30 degrees lift when weeding.</source>
      <translation>Enden unter 30 Grad heben sich beim Entgittern.</translation>
    </message>
    <message>
      <source>hidden forms</source>
      <translation>verborgene Formen</translation>
    </message>
    <message>
      <source>Characters with a code of their own only (Private Use Area); the key map shows them.</source>
      <translation>Zeichen nur mit eigenem Code (Private Use Area); der Tastenplan zeigt sie.</translation>
    </message>
    <message>
      <source>stitched letters, %1 mm</source>
      <translation>gestickte Buchstaben, %1 mm</translation>
    </message>
    <message>
      <source>comes with Under Ink</source>
      <translation>kommt mit Under Ink</translation>
    </message>
    <message>
      <source>from your folder</source>
      <translation>aus Ihrem Ordner</translation>
    </message>
    <message>
      <source>dropped in</source>
      <translation>hereingezogen</translation>
    </message>
    <message>
      <source>on the shelf</source>
      <translation>im Regal</translation>
    </message>
    <message>
      <source>installed on this computer</source>
      <translation>auf diesem Rechner installiert</translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Teil</numerusform>
        <numerusform>%n Teile</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n Punze</numerusform>
        <numerusform>%n Punzen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n node(s)</source>
      <translation>
        <numerusform>%n Knoten</numerusform>
        <numerusform>%n Knoten</numerusform>
      </translation>
    </message>
    <message>
      <source>Letters, capital and small side by side</source>
      <translation>Buchstaben, groß und klein nebeneinander</translation>
    </message>
    <message>
      <source>Digits, marks and other characters</source>
      <translation>Ziffern, Zeichen und anderes</translation>
    </message>
    <message>
      <source>With a code of their own only (Private Use Area)</source>
      <translation>Nur mit eigenem Code (Private Use Area)</translation>
    </message>
    <message>
      <source>Without a key: reached through other forms only</source>
      <translation>Ohne Taste: nur über andere Formen zu erreichen</translation>
    </message>
    <message>
      <source>Capitals</source>
      <translation>Großbuchstaben</translation>
    </message>
    <message>
      <source>Small letters</source>
      <translation>Kleinbuchstaben</translation>
    </message>
    <message>
      <source>Digits and marks</source>
      <translation>Ziffern und Zeichen</translation>
    </message>
    <message>
      <source>Letters of other languages</source>
      <translation>Buchstaben anderer Sprachen</translation>
    </message>
    <message>
      <source>Fonts (%1)</source>
      <translation>Schriften (%1)</translation>
    </message>
    <message>
      <source>Documents, kept with the fonts (%1)</source>
      <translation>Dokumente, bei den Schriften aufbewahrt (%1)</translation>
    </message>
    <message>
      <source>Key maps, kept (%1)</source>
      <translation>Tastenpläne, aufbewahrt (%1)</translation>
    </message>
    <message>
      <source>Pictures, kept (%1)</source>
      <translation>Bilder, aufbewahrt (%1)</translation>
    </message>
    <message>
      <source>Stitch files, in the letters above (%1)</source>
      <translation>Stickdateien, in den Buchstaben oben (%1)</translation>
    </message>
    <message>
      <source>Damaged, not taken (%1)</source>
      <translation>Beschädigt, nicht übernommen (%1)</translation>
    </message>
    <message>
      <source>Refused (%1)</source>
      <translation>Abgelehnt (%1)</translation>
    </message>
    <message>
      <source>Junk, not taken (%1)</source>
      <translation>Abfall, nicht übernommen (%1)</translation>
    </message>
    <message>
      <source>Other files, not taken (%1)</source>
      <translation>Andere Dateien, nicht übernommen (%1)</translation>
    </message>
    <message>
      <source>You have it already, byte for byte: %1.</source>
      <translation>Schon vorhanden, Byte für Byte: %1.</translation>
    </message>
    <message>
      <source>You have one of this name and version, with other content: %1.</source>
      <translation>Eine dieses Namens und dieser Version ist da, mit anderem Inhalt: %1.</translation>
    </message>
    <message>
      <source>You have another version of it: %1.</source>
      <translation>Eine andere Version davon ist da: %1.</translation>
    </message>
    <message>
      <source>Press to see where.</source>
      <translation>Drücken, um zu sehen, wo.</translation>
    </message>
    <message>
      <source>Attach a receipt or a permission</source>
      <translation>Beleg oder Erlaubnis beilegen</translation>
    </message>
    <message>
      <source>Save the letter</source>
      <translation>Brief speichern</translation>
    </message>
    <message>
      <source>Save for your machine</source>
      <translation>Für Ihre Maschine speichern</translation>
    </message>
    <message>
      <source>Open a folder with fonts</source>
      <translation>Einen Ordner mit Schriften öffnen</translation>
    </message>
    <message>
      <source>Open a package</source>
      <translation>Ein Paket öffnen</translation>
    </message>
    <message>
      <source>Packages and fonts (*.zip *.7z *.rar *.tar *.gz *.ttf *.otf *.ttc *.woff *.woff2);;All files (*)</source>
      <translation>Pakete und Schriften (*.zip *.7z *.rar *.tar *.gz *.ttf *.otf *.ttc *.woff *.woff2);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>Open a job</source>
      <translation>Einen Auftrag öffnen</translation>
    </message>
    <message>
      <source>Jobs (*.uink)</source>
      <translation>Aufträge (*.uink)</translation>
    </message>
    <message>
      <source>Save the job</source>
      <translation>Auftrag speichern</translation>
    </message>
    <message>
      <source>Save as a template</source>
      <translation>Als Vorlage speichern</translation>
    </message>
    <message>
      <source>Name of the template</source>
      <translation>Name der Vorlage</translation>
    </message>
    <message>
      <source>Outlines from a picture</source>
      <translation>Umrisse aus einem Bild</translation>
    </message>
    <message>
      <source>SVG (*.svg *.svgz)</source>
      <translation>SVG (*.svg *.svgz)</translation>
    </message>
    <message>
      <source>A picture of lettering</source>
      <translation>Ein Bild mit einem Schriftzug</translation>
    </message>
    <message>
      <source>Pictures (*.png *.jpg *.jpeg *.webp)</source>
      <translation>Bilder (*.png *.jpg *.jpeg *.webp)</translation>
    </message>
    <message>
      <source>Under Ink</source>
      <translation>Under Ink</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s) were installed for this job only: %1. Take them away from your other programs now?</source>
      <translation>
        <numerusform>%n Schrift war nur für diesen Auftrag installiert: %1. Jetzt aus den anderen Programmen nehmen?</numerusform>
        <numerusform>%n Schriften waren nur für diesen Auftrag installiert: %1. Jetzt aus den anderen Programmen nehmen?</numerusform>
      </translation>
    </message>
    <message>
      <source>Take away</source>
      <translation>Wegnehmen</translation>
    </message>
    <message>
      <source>Leave installed for good</source>
      <translation>Dauerhaft installiert lassen</translation>
    </message>
    <message>
      <source>Leave it</source>
      <translation>So lassen</translation>
    </message>
    <message>
      <source>Handed off for sale</source>
      <translation>Zum Verkauf übergeben</translation>
    </message>
    <message>
      <source>The font says: %1. On what ground do you sell it? It is written down beside the font, once.</source>
      <translation>Die Schrift sagt: %1. Mit welcher Begründung verkaufen Sie? Sie wird einmal bei der Schrift notiert.</translation>
    </message>
    <message>
      <source>Read a list of names</source>
      <translation>Eine Namensliste lesen</translation>
    </message>
    <message>
      <source>Lists (*.csv *.tsv *.txt);;All files (*)</source>
      <translation>Listen (*.csv *.tsv *.txt);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>Look into a stitch file</source>
      <translation>In eine Stickdatei sehen</translation>
    </message>
    <message>
      <source>Stitches (*.dst *.DST *.exp *.EXP)</source>
      <translation>Stiche (*.dst *.DST *.exp *.EXP)</translation>
    </message>
    <message>
      <source>It is %1: open it in its own program.</source>
      <translation>Es ist %1: im eigenen Programm öffnen.</translation>
    </message>
    <message>
      <source>%1 ms</source>
      <translation>%1 ms</translation>
    </message>
    <message>
      <source>What installed fonts cost could not be measured: fontconfig's fc-list is missing.</source>
      <translation>Was installierte Schriften kosten, ließ sich nicht messen: fc-list von fontconfig fehlt.</translation>
    </message>
    <message>
      <source>Nothing is installed from here. A program that starts needs %1 to learn all fonts of this computer (the quickest of three measurements).</source>
      <translation>Von hier ist nichts installiert. Ein startendes Programm braucht %1, um alle Schriften dieses Rechners zu lernen (die schnellste von drei Messungen).</translation>
    </message>
    <message>
      <source>A program that starts needs %1 to learn all fonts of this computer; without the %2 that you installed from here it would need %3 (the quickest of three measurements each).</source>
      <translation>Ein startendes Programm braucht %1, um alle Schriften dieses Rechners zu lernen; ohne die %2 von hier installierten bräuchte es %3 (jeweils die schnellste von drei Messungen).</translation>
    </message>
    <message>
      <source> · shown at %1 %, the page is too small for it</source>
      <translation> · in %1 % gezeigt, die Seite ist zu klein</translation>
    </message>
    <message>
      <source>no key</source>
      <translation>keine Taste</translation>
    </message>
    <message numerus="yes">
      <source>%1, %n page(s). %2</source>
      <translation>
        <numerusform>%1, %n Seite. %2</numerusform>
        <numerusform>%1, %n Seiten. %2</numerusform>
      </translation>
    </message>
    <message>
      <source>installed</source>
      <translation>installiert</translation>
    </message>
    <message>
      <source>set aside</source>
      <translation>beiseitegelegt</translation>
    </message>
    <message>
      <source>elsewhere</source>
      <translation>anderswo</translation>
    </message>
    <message>
      <source>Save as</source>
      <translation>Speichern als</translation>
    </message>
    <message>
      <source>Read a carried shelf</source>
      <translation>Ein mitgenommenes Regal lesen</translation>
    </message>
    <message>
      <source>Carried shelves (*.zip);;All files (*)</source>
      <translation>Mitgenommene Regale (*.zip);;Alle Dateien (*)</translation>
    </message>
    <message>
      <source>Look for missing fonts in</source>
      <translation>Fehlende Schriften suchen in</translation>
    </message>
    <message>
      <source>the same font in another format</source>
      <translation>dieselbe Schrift in anderem Format</translation>
    </message>
    <message>
      <source>the same letters, another file</source>
      <translation>dieselben Buchstaben, andere Datei</translation>
    </message>
    <message>
      <source>the same letters under another name</source>
      <translation>dieselben Buchstaben unter anderem Namen</translation>
    </message>
    <message>
      <source>the same name, drawn differently</source>
      <translation>derselbe Name, anders gezeichnet</translation>
    </message>
    <message>
      <source> and %1 more</source>
      <translation> und %1 weitere</translation>
    </message>
    <message>
      <source> These are open and see the change once they are started again: %1.</source>
      <translation> Diese sind offen und sehen die Änderung nach einem Neustart: %1.</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n Schrift</numerusform>
        <numerusform>%n Schriften</numerusform>
      </translation>
    </message>
    <message>
      <source>Installed %1 until %2.</source>
      <translation>%1 bis %2 installiert.</translation>
    </message>
    <message>
      <source>Installed %1, for every program of yours.</source>
      <translation>%1 installiert, für alle Ihre Programme.</translation>
    </message>
    <message>
      <source>Installed %1 for this job.</source>
      <translation>%1 für diesen Auftrag installiert.</translation>
    </message>
    <message>
      <source>Set %1 aside.</source>
      <translation>%1 beiseitegelegt.</translation>
    </message>
    <message>
      <source>%1: on the shelf now, only Under Ink sees it.</source>
      <translation>%1: jetzt im Regal, nur Under Ink sieht sie.</translation>
    </message>
    <message>
      <source>Demo: all of this is made up</source>
      <translation>Demo: alles davon ist erfunden</translation>
    </message>
    <message>
      <source>change the words</source>
      <translation>Wörter ändern</translation>
    </message>
    <message>
      <source>change the size</source>
      <translation>Größe ändern</translation>
    </message>
    <message>
      <source>change the unit</source>
      <translation>Einheit ändern</translation>
    </message>
    <message>
      <source>change the process</source>
      <translation>Verfahren ändern</translation>
    </message>
    <message>
      <source>change sale or gift</source>
      <translation>Verkauf oder Geschenk ändern</translation>
    </message>
    <message>
      <source>change mirroring</source>
      <translation>Spiegelung ändern</translation>
    </message>
    <message>
      <source>change the letter spacing</source>
      <translation>Buchstabenabstand ändern</translation>
    </message>
    <message>
      <source>change the font</source>
      <translation>Schrift ändern</translation>
    </message>
    <message>
      <source>change what the process holds</source>
      <translation>ändern, was das Verfahren hält</translation>
    </message>
    <message>
      <source>change the lettering</source>
      <translation>Schriftzug ändern</translation>
    </message>
    <message>
      <source>A notch that narrows to a point: its end may close up.</source>
      <translation>Eine Kerbe, die spitz zuläuft: Ihr Ende kann zugehen.</translation>
    </message>
    <message>
      <source>The smallest has %1; under %2 it closes.</source>
      <translation>Die kleinste hat %1; unter %2 geht sie zu.</translation>
    </message>
    <message>
      <source>Stitched letters</source>
      <translation>Gestickte Buchstaben</translation>
    </message>
    <message>
      <source>How high are the capitals to be, in mm? Set in words, they can be sewn up to 15 % smaller and 20 % larger.</source>
      <translation>Wie hoch sollen die Großbuchstaben sein, in mm? In Wörter gesetzt lassen sie sich bis zu 15 % kleiner und 20 % größer sticken.</translation>
    </message>
    <message>
      <source>Large enough to stay open.</source>
      <translation>Groß genug, um offen zu bleiben.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CardPage</name>
    <message>
      <source>Picture that came with the font</source>
      <translation>Bild, das mit der Schrift kam</translation>
    </message>
    <message>
      <source>What the package holds</source>
      <translation>Was das Paket enthält</translation>
    </message>
    <message>
      <source>Asking what the package holds …</source>
      <translation>Fragen, was das Paket enthält …</translation>
    </message>
    <message>
      <source>%1 kB. Author: %2, %3. Tags: %4.</source>
      <translation>%1 kB. Autor: %2, %3. Stichwörter: %4.</translation>
    </message>
    <message>
      <source>on the shelf</source>
      <translation>im Regal</translation>
    </message>
    <message>
      <source>from %1</source>
      <translation>von %1</translation>
    </message>
    <message>
      <source>What speaks of it</source>
      <translation>Was darüber spricht</translation>
    </message>
    <message>
      <source>Alphabet</source>
      <translation>Alphabet</translation>
    </message>
    <message>
      <source>All fonts</source>
      <translation>Alle Schriften</translation>
    </message>
    <message>
      <source>Buy a licence…</source>
      <translation>Eine Lizenz kaufen…</translation>
    </message>
    <message>
      <source>Try again</source>
      <translation>Noch einmal versuchen</translation>
    </message>
    <message>
      <source>Your words</source>
      <translation>Ihre Wörter</translation>
    </message>
    <message>
      <source>Key map</source>
      <translation>Tastenplan</translation>
    </message>
    <message>
      <source>Sizes</source>
      <translation>Größen</translation>
    </message>
    <message>
      <source>Package</source>
      <translation>Paket</translation>
    </message>
    <message>
      <source>Rights</source>
      <translation>Rechte</translation>
    </message>
    <message>
      <source>Any other words to try; empty shows the job's</source>
      <translation>Andere Wörter zum Probieren; leer zeigt die des Auftrags</translation>
    </message>
    <message>
      <source>Other words to try in this font</source>
      <translation>Andere Wörter in dieser Schrift probieren</translation>
    </message>
    <message>
      <source>With swashes</source>
      <translation>Mit Schwüngen</translation>
    </message>
    <message>
      <source>Fit marks</source>
      <translation>Eignung</translation>
    </message>
    <message>
      <source>Somebody else's mark</source>
      <translation>Fremdes Zeichen</translation>
    </message>
    <message>
      <source>A picture of somebody else's mark or character stays theirs, whatever the font's licence says</source>
      <translation>Ein Bild eines fremden Zeichens oder einer fremden Figur bleibt fremd, was immer die Lizenz der Schrift sagt</translation>
    </message>
    <message>
      <source>Press a key to see what is known of it.</source>
      <translation>Eine Taste drücken, um zu sehen, was über sie bekannt ist.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;, without a key</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;, ohne Taste</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt; on the key &lt;b&gt;%2&lt;/b&gt;</source>
      <translation>&lt;b&gt;%1&lt;/b&gt; auf der Taste &lt;b&gt;%2&lt;/b&gt;</translation>
    </message>
    <message>
      <source>%1. Flagged as somebody else's mark: not for goods to sell.</source>
      <translation>%1. Als fremdes Zeichen markiert: nicht für Waren zum Verkauf.</translation>
    </message>
    <message>
      <source>flag a picture as somebody else's</source>
      <translation>ein Bild als fremd markieren</translation>
    </message>
    <message>
      <source>take back a flag</source>
      <translation>eine Markierung zurücknehmen</translation>
    </message>
    <message>
      <source>%1, by %2</source>
      <translation>%1, von %2</translation>
    </message>
    <message>
      <source>since %1</source>
      <translation>seit %1</translation>
    </message>
    <message>
      <source>Fetch it</source>
      <translation>Holen</translation>
    </message>
    <message>
      <source>Set the words in it</source>
      <translation>Die Wörter darin setzen</translation>
    </message>
    <message>
      <source>All %1 styles</source>
      <translation>Alle %1 Schnitte</translation>
    </message>
    <message>
      <source>attach a paper</source>
      <translation>ein Papier beilegen</translation>
    </message>
    <message>
      <source>The words in several sizes</source>
      <translation>Die Wörter in mehreren Größen</translation>
    </message>
    <message>
      <source>high</source>
      <translation>hoch</translation>
    </message>
    <message>
      <source>thinnest %1</source>
      <translation>dünnster %1</translation>
    </message>
    <message numerus="yes">
      <source>fetched %Ln time(s)</source>
      <translation>
        <numerusform>%Ln mal geholt</numerusform>
        <numerusform>%Ln mal geholt</numerusform>
      </translation>
    </message>
    <message>
      <source>font</source>
      <translation>Schrift</translation>
    </message>
    <message>
      <source>document</source>
      <translation>Dokument</translation>
    </message>
    <message>
      <source>key map</source>
      <translation>Tastenplan</translation>
    </message>
    <message>
      <source>picture</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>stitch file</source>
      <translation>Stickdatei</translation>
    </message>
    <message>
      <source>junk</source>
      <translation>Abfall</translation>
    </message>
    <message>
      <source>damaged</source>
      <translation>beschädigt</translation>
    </message>
    <message>
      <source>refused</source>
      <translation>abgelehnt</translation>
    </message>
    <message>
      <source>other file</source>
      <translation>andere Datei</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CarryPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Alle meine Schriften</translation>
    </message>
    <message>
      <source>Where the two computers differ</source>
      <translation>Worin sich die beiden Rechner unterscheiden</translation>
    </message>
    <message>
      <source>Reading %1 …</source>
      <translation>%1 wird gelesen …</translation>
    </message>
    <message numerus="yes">
      <source>%1: %n font(s), %2 new on this shelf</source>
      <translation>
        <numerusform>%1: %n Schrift, %2 neu in diesem Regal</numerusform>
        <numerusform>%1: %n Schriften, %2 neu in diesem Regal</numerusform>
      </translation>
    </message>
    <message>
      <source>Not taken: %1</source>
      <translation>Nicht übernommen: %1</translation>
    </message>
    <message>
      <source>Theirs were taken where you chose them.</source>
      <translation>Deren wurden übernommen, wo Sie sie gewählt haben.</translation>
    </message>
    <message>
      <source>Sets, tags, notes and rights came with them. What is yours alone stays as it is.</source>
      <translation>Sätze, Stichwörter, Notizen und Rechte kamen mit. Was nur Ihnen gehört, bleibt, wie es ist.</translation>
    </message>
    <message>
      <source>Both computers know something of these, and not the same. Yours stays unless you choose.</source>
      <translation>Beide Rechner wissen etwas über diese, und nicht dasselbe. Ihres bleibt, außer Sie wählen anders.</translation>
    </message>
    <message>
      <source>Keep all of mine</source>
      <translation>Alle meine behalten</translation>
    </message>
    <message>
      <source>note</source>
      <translation>Notiz</translation>
    </message>
    <message>
      <source>rights you keep</source>
      <translation>Rechte, die Sie aufbewahren</translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1: %2</translation>
    </message>
    <message>
      <source>Mine: %1</source>
      <translation>Meine: %1</translation>
    </message>
    <message>
      <source>Theirs: %1</source>
      <translation>Deren: %1</translation>
    </message>
    <message>
      <source>Take theirs for %1</source>
      <translation>Deren für %1 nehmen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CatalogueFeed</name>
    <message>
      <source>Opening the catalogue …</source>
      <translation>Der Katalog wird geöffnet …</translation>
    </message>
    <message>
      <source>Fetching the catalogue: %1 of %2 …</source>
      <translation>Der Katalog wird geholt: %1 von %2 …</translation>
    </message>
    <message>
      <source>Asking the catalogue …</source>
      <translation>Der Katalog wird gefragt …</translation>
    </message>
    <message>
      <source>%1 in the catalogue</source>
      <translation>%1 im Katalog</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CloseUpSection</name>
    <message>
      <source>Close up, overlapping by</source>
      <translation>Zusammenrücken, Überlappung</translation>
    </message>
    <message>
      <source>How deep letters overlap</source>
      <translation>Wie weit Buchstaben überlappen</translation>
    </message>
    <message>
      <source>by one equal step</source>
      <translation>in gleichen Schritten</translation>
    </message>
    <message>
      <source>close up</source>
      <translation>zusammenrücken</translation>
    </message>
    <message>
      <source>close up evenly</source>
      <translation>gleichmäßig zusammenrücken</translation>
    </message>
    <message>
      <source>Letters stand as the font spaces them.</source>
      <translation>Buchstaben stehen, wie die Schrift sie setzt.</translation>
    </message>
    <message>
      <source>✓ %1 of %2 join</source>
      <translation>✓ %1 von %2 verbunden</translation>
    </message>
    <message>
      <source>%1 of %2 join; left as drawn: %3</source>
      <translation>%1 von %2 verbunden; wie gezeichnet gelassen: %3</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ClothView</name>
    <message>
      <source>1 or 2 layers</source>
      <translation>1 oder 2 Lagen</translation>
    </message>
    <message>
      <source>3 to 5: as it should be</source>
      <translation>3 bis 5: wie es sein soll</translation>
    </message>
    <message>
      <source>6 to 8: thick</source>
      <translation>6 bis 8: dick</translation>
    </message>
    <message>
      <source>9 and more: the needle may break</source>
      <translation>9 und mehr: die Nadel kann brechen</translation>
    </message>
    <message>
      <source>What is sewn, on the cloth</source>
      <translation>Was gestickt wird, auf dem Stoff</translation>
    </message>
    <message>
      <source>Threads on the cloth, as they will look</source>
      <translation>Garn auf dem Stoff, wie es aussehen wird</translation>
    </message>
    <message>
      <source>The needle's way, with trims and stops</source>
      <translation>Der Weg der Nadel, mit Schnitten und Stopps</translation>
    </message>
    <message>
      <source>How many layers of thread lie where</source>
      <translation>Wie viele Lagen Garn wo liegen</translation>
    </message>
    <message>
      <source>a cut of the thread, and the way without it</source>
      <translation>ein Fadenschnitt, und der Weg ohne Faden</translation>
    </message>
    <message>
      <source>a stop</source>
      <translation>ein Stopp</translation>
    </message>
    <message>
      <source>begins at the ring, ends at the dot</source>
      <translation>beginnt am Ring, endet am Punkt</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComparePage</name>
    <message>
      <source>All fonts</source>
      <translation>Alle Schriften</translation>
    </message>
    <message>
      <source>Side by side, at true size</source>
      <translation>Nebeneinander, in wahrer Größe</translation>
    </message>
    <message>
      <source>With swashes below</source>
      <translation>Mit Schwüngen darunter</translation>
    </message>
    <message>
      <source>Fonts side by side</source>
      <translation>Schriften nebeneinander</translation>
    </message>
    <message>
      <source>Choose %1</source>
      <translation>%1 wählen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposePage</name>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Teil</numerusform>
        <numerusform>%n Teile</numerusform>
      </translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>noch nicht</translation>
    </message>
    <message>
      <source>Material</source>
      <translation>Material</translation>
    </message>
    <message>
      <source>Show the words in their material</source>
      <translation>Die Wörter in ihrem Material zeigen</translation>
    </message>
    <message>
      <source>Outline</source>
      <translation>Umriss</translation>
    </message>
    <message>
      <source>Show what the knife follows</source>
      <translation>Zeigen, welchem Weg das Messer folgt</translation>
    </message>
    <message>
      <source>True size</source>
      <translation>Wahre Größe</translation>
    </message>
    <message>
      <source>Show the words as large as they will be (Ctrl+1)</source>
      <translation>Die Wörter so groß zeigen, wie sie werden (Strg+1)</translation>
    </message>
    <message>
      <source>All of it</source>
      <translation>Alles davon</translation>
    </message>
    <message>
      <source>Show all of the words (Ctrl+0)</source>
      <translation>Alle Wörter zeigen (Strg+0)</translation>
    </message>
    <message>
      <source>Choose a font in Find: the words appear here as one welded shape.</source>
      <translation>Wählen Sie in „Finden“ eine Schrift: die Wörter erscheinen hier als eine verschweißte Form.</translation>
    </message>
    <message>
      <source>Part of %1</source>
      <translation>Teil von %1</translation>
    </message>
    <message>
      <source>Own letters</source>
      <translation>Eigene Buchstaben</translation>
    </message>
    <message>
      <source>place a motif</source>
      <translation>ein Motiv platzieren</translation>
    </message>
    <message>
      <source>true size</source>
      <translation>wahre Größe</translation>
    </message>
    <message>
      <source>×%1 true size</source>
      <translation>×%1 wahre Größe</translation>
    </message>
    <message>
      <source>Compose</source>
      <translation>Setzen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposeSentence</name>
    <message>
      <source>Letter spacing</source>
      <translation>Buchstabenabstand</translation>
    </message>
    <message>
      <source>A tail under the words</source>
      <translation>Ein Schweif unter den Wörtern</translation>
    </message>
    <message>
      <source>Guides</source>
      <translation>Hilfslinien</translation>
    </message>
    <message>
      <source>Material, mirrored, overlaps and nodes</source>
      <translation>Material, gespiegelt, Überlappungen und Knoten</translation>
    </message>
    <message>
      <source>Hand it off</source>
      <translation>Übergeben</translation>
    </message>
    <message>
      <source>Onto the material, and into a file for your machine (Ctrl+S saves an SVG at once)</source>
      <translation>Auf das Material und in eine Datei für Ihre Maschine (Strg+S speichert sofort ein SVG)</translation>
    </message>
    <message>
      <source>Dress the words</source>
      <translation>Die Wörter schmücken</translation>
    </message>
    <message>
      <source>Whole sets of beginnings, endings and loops that join and can be cut</source>
      <translation>Ganze Sätze von Anfängen, Enden und Schleifen, die verbinden und schneidbar sind</translation>
    </message>
    <message>
      <source>These words {close-up}, run {shape} in {lines}, and {worn}.</source>
      <translation>Diese Wörter {close-up}, laufen {shape} in {lines} und {worn}.</translation>
    </message>
    <message>
      <source>Their letters stand {spacing} further apart.</source>
      <translation>Ihre Buchstaben stehen {spacing} weiter auseinander.</translation>
    </message>
    <message>
      <source>Their letters stand {spacing} nearer to each other.</source>
      <translation>Ihre Buchstaben stehen {spacing} näher beieinander.</translation>
    </message>
    <message>
      <source>There is {tail} under them.</source>
      <translation>Darunter ist {tail}.</translation>
    </message>
    <message>
      <source>Moves stop at {guides}.</source>
      <translation>Bewegungen rasten an {guides} ein.</translation>
    </message>
    <message>
      <source>The file is {material}.</source>
      <translation>Die Datei ist {material}.</translation>
    </message>
    <message>
      <source>Sold in {font}: {right}.</source>
      <translation>Verkauft in {font}: {right}.</translation>
    </message>
    <message>
      <source>A gift in {font}: {right}.</source>
      <translation>Ein Geschenk in {font}: {right}.</translation>
    </message>
    <message>
      <source>Sold in {font}.</source>
      <translation>Verkauft in {font}.</translation>
    </message>
    <message>
      <source>A gift in {font}.</source>
      <translation>Ein Geschenk in {font}.</translation>
    </message>
    <message>
      <source>and more…</source>
      <translation>und mehr…</translation>
    </message>
    <message>
      <source>%1 is for gifts only, and this job is for sale. Open its right, or choose another font.</source>
      <translation>%1 ist nur für Geschenke, und dieser Auftrag ist zum Verkauf. Öffnen Sie ihr Recht, oder wählen Sie eine andere Schrift.</translation>
    </message>
    <message>
      <source>Letters are missing: this font lacks%1. They are left out. Choose another font or other words.</source>
      <translation>Buchstaben fehlen: dieser Schrift fehlt%1. Sie werden weggelassen. Wählen Sie eine andere Schrift oder andere Wörter.</translation>
    </message>
    <message>
      <source>%1 is missing: its letters stand as they were stored. Bring the font back through Find to change them.</source>
      <translation>%1 fehlt: ihre Buchstaben stehen wie gespeichert. Bringen Sie die Schrift über „Finden“ zurück, um sie zu ändern.</translation>
    </message>
    <message>
      <source>%1. %2 Proof mends it.</source>
      <translation>%1. %2 „Prüfen“ behebt es.</translation>
    </message>
    <message numerus="yes">
      <source>%1, and %n more in Proof.</source>
      <translation>
        <numerusform>%1, und %n weiterer in „Prüfen“.</numerusform>
        <numerusform>%1, und %n weitere in „Prüfen“.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposeStrip</name>
    <message>
      <source>← → to try, Enter to keep, Backspace to take off</source>
      <translation>← → probieren, Eingabe behält, Rücktaste nimmt ab</translation>
    </message>
    <message>
      <source>Forms</source>
      <translation>Formen</translation>
    </message>
    <message>
      <source>Pieces</source>
      <translation>Teile</translation>
    </message>
    <message>
      <source>Motifs</source>
      <translation>Motive</translation>
    </message>
    <message>
      <source>Tails</source>
      <translation>Schweife</translation>
    </message>
    <message>
      <source>Dressings</source>
      <translation>Schmuck</translation>
    </message>
    <message>
      <source>Put the caret behind a letter to see its other forms.</source>
      <translation>Setzen Sie den Zeiger hinter einen Buchstaben, um seine anderen Formen zu sehen.</translation>
    </message>
    <message>
      <source>Other forms of a letter stand here once there are words in a font.</source>
      <translation>Andere Formen eines Buchstabens stehen hier, sobald Wörter in einer Schrift da sind.</translation>
    </message>
    <message>
      <source>This font has no pieces that belong to no letter. Motifs can be put beside a letter, too.</source>
      <translation>Diese Schrift hat keine Teile, die zu keinem Buchstaben gehören. Auch Motive lassen sich neben einen Buchstaben setzen.</translation>
    </message>
    <message>
      <source>This piece</source>
      <translation>Dieses Teil</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s)</source>
      <translation>
        <numerusform>%n Buchstabe</numerusform>
        <numerusform>%n Buchstaben</numerusform>
      </translation>
    </message>
    <message>
      <source>This motif</source>
      <translation>Dieses Motiv</translation>
    </message>
    <message>
      <source>%1: %2, %3</source>
      <translation>%1: %2, %3</translation>
    </message>
    <message numerus="yes">
      <source>%n form(s)</source>
      <translation>
        <numerusform>%n Form</numerusform>
        <numerusform>%n Formen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Teil</numerusform>
        <numerusform>%n Teile</numerusform>
      </translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1: %2</translation>
    </message>
    <message>
      <source>%1, %2</source>
      <translation>%1, %2</translation>
    </message>
    <message>
      <source>%1°</source>
      <translation>%1°</translation>
    </message>
    <message>
      <source>%1 %</source>
      <translation>%1 %</translation>
    </message>
    <message>
      <source>placed by hand</source>
      <translation>von Hand gesetzt</translation>
    </message>
    <message>
      <source>as it falls</source>
      <translation>wie es fällt</translation>
    </message>
    <message>
      <source>moved {moved}</source>
      <translation>verschoben {moved}</translation>
    </message>
    <message>
      <source>turned {turned}</source>
      <translation>gedreht {turned}</translation>
    </message>
    <message>
      <source>size {size}</source>
      <translation>Größe {size}</translation>
    </message>
    <message>
      <source>before it {before}</source>
      <translation>davor {before}</translation>
    </message>
    <message>
      <source>try a form on</source>
      <translation>eine Form anprobieren</translation>
    </message>
    <message>
      <source>It belongs to no letter</source>
      <translation>Es gehört zu keinem Buchstaben</translation>
    </message>
    <message>
      <source>It belongs to a letter…</source>
      <translation>Es gehört zu einem Buchstaben…</translation>
    </message>
    <message>
      <source>It belongs to another letter…</source>
      <translation>Es gehört zu einem anderen Buchstaben…</translation>
    </message>
    <message>
      <source>Which letter?</source>
      <translation>Zu welchem Buchstaben?</translation>
    </message>
    <message>
      <source>This form is a</source>
      <translation>Diese Form ist ein</translation>
    </message>
    <message>
      <source>Looking for forms that join and hold …</source>
      <translation>Formen werden gesucht, die verbinden und halten …</translation>
    </message>
    <message>
      <source>dress the words</source>
      <translation>die Wörter schmücken</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CutFiles</name>
    <message>
      <source>There is nothing to save yet: choose a font in Find and type the words.</source>
      <translation>Es gibt noch nichts zu speichern: wählen Sie in „Finden“ eine Schrift und tippen Sie die Wörter.</translation>
    </message>
    <message>
      <source>The words are still being welded. Save again in a moment.</source>
      <translation>Die Wörter werden noch verschweißt. Gleich noch einmal speichern.</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %2 wide, %3 high, %n piece(s), mirrored. It is in %4</source>
      <translation>
        <numerusform>%1 gespeichert: %2 breit, %3 hoch, %n Teil, gespiegelt. Es liegt in %4</numerusform>
        <numerusform>%1 gespeichert: %2 breit, %3 hoch, %n Teile, gespiegelt. Es liegt in %4</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %2 wide, %3 high, %n piece(s). It is in %4</source>
      <translation>
        <numerusform>%1 gespeichert: %2 breit, %3 hoch, %n Teil. Es liegt in %4</numerusform>
        <numerusform>%1 gespeichert: %2 breit, %3 hoch, %n Teile. Es liegt in %4</numerusform>
      </translation>
    </message>
    <message>
      <source>There is nothing to copy yet: choose a font in Find and type the words.</source>
      <translation>Es gibt noch nichts zu kopieren: wählen Sie in „Finden“ eine Schrift und tippen Sie die Wörter.</translation>
    </message>
    <message>
      <source>Copied as SVG at true size: paste it where you need it.</source>
      <translation>Als SVG in wahrer Größe kopiert: fügen Sie es ein, wo Sie es brauchen.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::DocumentPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Alle meine Schriften</translation>
    </message>
    <message>
      <source>Open in its own program</source>
      <translation>Im eigenen Programm öffnen</translation>
    </message>
    <message>
      <source>Reading it …</source>
      <translation>Wird gelesen …</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::DossierView</name>
    <message>
      <source>Rights dossier</source>
      <translation>Rechtemappe</translation>
    </message>
    <message>
      <source>Press a sentence to see the document it stands in.</source>
      <translation>Drücken Sie einen Satz, um das Dokument zu sehen, in dem er steht.</translation>
    </message>
    <message>
      <source>The document</source>
      <translation>Das Dokument</translation>
    </message>
    <message>
      <source>The listing says nothing about selling.</source>
      <translation>Der Eintrag sagt nichts über den Verkauf.</translation>
    </message>
    <message>
      <source>The listing says: “%1”</source>
      <translation>Der Eintrag sagt: „%1“</translation>
    </message>
    <message>
      <source>A listing is a hint. Fetch the package: the author's own text in it decides.</source>
      <translation>Ein Eintrag ist ein Hinweis. Holen Sie das Paket: der Text des Autors darin entscheidet.</translation>
    </message>
    <message>
      <source>Reading what came with the font …</source>
      <translation>Was mit der Schrift kam, wird gelesen …</translation>
    </message>
    <message>
      <source>What decides</source>
      <translation>Was entscheidet</translation>
    </message>
    <message>
      <source>Also worth knowing</source>
      <translation>Auch wissenswert</translation>
    </message>
    <message>
      <source>Weighed, but not deciding</source>
      <translation>Gewogen, aber nicht entscheidend</translation>
    </message>
    <message>
      <source>This is not legal advice: it is what a careful maker would gather and keep. It holds for this file (SHA-256 %1…); another version is asked again.</source>
      <translation>Dies ist keine Rechtsberatung: es ist, was umsichtige Leute sammeln und aufbewahren. Es gilt für diese Datei (SHA-256 %1…); eine andere Version wird neu gefragt.</translation>
    </message>
    <message>
      <source>You decided on %1: %2</source>
      <translation>Sie haben am %1 entschieden: %2</translation>
    </message>
    <message>
      <source>Limits: %1.</source>
      <translation>Grenzen: %1.</translation>
    </message>
    <message>
      <source>A licence costs %1.</source>
      <translation>Eine Lizenz kostet %1.</translation>
    </message>
    <message>
      <source>“%1”</source>
      <translation>„%1“</translation>
    </message>
    <message>
      <source>“%1”, %2</source>
      <translation>„%1“, %2</translation>
    </message>
    <message>
      <source>What was not understood</source>
      <translation>Was nicht verstanden wurde</translation>
    </message>
    <message>
      <source>Without this sentence: %1.</source>
      <translation>Ohne diesen Satz: %1.</translation>
    </message>
    <message>
      <source>Without the underlined words: %1.</source>
      <translation>Ohne die unterstrichenen Wörter: %1.</translation>
    </message>
    <message>
      <source>“%1”, not understood: %2. %3</source>
      <translation>„%1“, nicht verstanden: %2. %3</translation>
    </message>
    <message>
      <source>What a licence is asked</source>
      <translation>Was eine Lizenz gefragt wird</translation>
    </message>
    <message>
      <source>“%1”
%2</source>
      <translation>„%1“
%2</translation>
    </message>
    <message>
      <source>Sold so far</source>
      <translation>Bisher verkauft</translation>
    </message>
    <message>
      <source>of %1: %2 too many</source>
      <translation>von %1: %2 zu viel</translation>
    </message>
    <message>
      <source>of %1, %2 left</source>
      <translation>von %1, %2 übrig</translation>
    </message>
    <message>
      <source>sold so far</source>
      <translation>bisher verkauft</translation>
    </message>
    <message>
      <source>Receipts and permissions</source>
      <translation>Belege und Erlaubnisse</translation>
    </message>
    <message>
      <source>%1, attached on %2%3</source>
      <translation>%1, beigelegt am %2%3</translation>
    </message>
    <message>
      <source>What it allows, as in: You may sell products made with this font.</source>
      <translation>Was es erlaubt, etwa: Sie dürfen mit dieser Schrift gemachte Produkte verkaufen.</translation>
    </message>
    <message>
      <source>What the paper allows</source>
      <translation>Was das Papier erlaubt</translation>
    </message>
    <message>
      <source>Attach a paper…</source>
      <translation>Ein Papier beilegen…</translation>
    </message>
    <message>
      <source>What you decided</source>
      <translation>Was Sie entschieden haben</translation>
    </message>
    <message>
      <source>%1: %2 (the verdict was: %3)</source>
      <translation>%1: %2 (das Urteil war: %3)</translation>
    </message>
    <message>
      <source>What you decided, and why</source>
      <translation>Was Sie entschieden haben, und warum</translation>
    </message>
    <message>
      <source>Write it down</source>
      <translation>Aufschreiben</translation>
    </message>
    <message>
      <source>decision</source>
      <translation>Entscheidung</translation>
    </message>
    <message>
      <source>A letter to the author</source>
      <translation>Ein Brief an den Autor</translation>
    </message>
    <message>
      <source>Letter to the author, yours to change</source>
      <translation>Brief an den Autor, von Ihnen zu ändern</translation>
    </message>
    <message>
      <source>Copy</source>
      <translation>Kopieren</translation>
    </message>
    <message>
      <source>Save…</source>
      <translation>Speichern…</translation>
    </message>
    <message>
      <source>Saved %1</source>
      <translation>%1 gespeichert</translation>
    </message>
    <message>
      <source>Open in the mail program</source>
      <translation>Im Mailprogramm öffnen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::DressingStrip</name>
    <message>
      <source>What the words can be dressed in</source>
      <translation>Womit die Wörter geschmückt werden können</translation>
    </message>
    <message>
      <source>This font has no forms that would join and hold at this size. Try a larger size or another font: Find shows which have swashes.</source>
      <translation>Diese Schrift hat keine Formen, die in dieser Größe verbinden und halten. Versuchen Sie eine größere Größe oder eine andere Schrift: „Finden“ zeigt, welche Schwünge haben.</translation>
    </message>
    <message>
      <source>Plain</source>
      <translation>Schlicht</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) dressed</source>
      <translation>
        <numerusform>%n Buchstabe geschmückt</numerusform>
        <numerusform>%n Buchstaben geschmückt</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 wider</source>
      <translation>%1 breiter</translation>
    </message>
    <message>
      <source>%1 narrower</source>
      <translation>%1 schmaler</translation>
    </message>
    <message>
      <source>all joined</source>
      <translation>alle verbunden</translation>
    </message>
    <message numerus="yes">
      <source>%1 of %n pair(s) joined</source>
      <translation>
        <numerusform>%1 von %n Paar verbunden</numerusform>
        <numerusform>%1 von %n Paaren verbunden</numerusform>
      </translation>
    </message>
    <message>
      <source>, </source>
      <comment>between two things that are listed</comment>
      <translation>, </translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1: %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FindPage</name>
    <message>
      <source>See %1 side by side</source>
      <translation>%1 nebeneinander ansehen</translation>
    </message>
    <message>
      <source>Show fonts whose name holds</source>
      <translation>Schriften zeigen, deren Name enthält</translation>
    </message>
    <message>
      <source>A word in the name</source>
      <translation>Ein Wort im Namen</translation>
    </message>
    <message>
      <source>Order of the fonts</source>
      <translation>Ordnung der Schriften</translation>
    </message>
    <message>
      <source>Try again</source>
      <translation>Noch einmal versuchen</translation>
    </message>
    <message>
      <source>Open a package…</source>
      <translation>Ein Paket öffnen…</translation>
    </message>
    <message>
      <source>Or drop a package, a font or a folder anywhere on the window</source>
      <translation>Oder ein Paket, eine Schrift oder einen Ordner irgendwo auf das Fenster ziehen</translation>
    </message>
    <message>
      <source>Open a folder…</source>
      <translation>Einen Ordner öffnen…</translation>
    </message>
    <message>
      <source>My downloads too</source>
      <translation>Auch meine Downloads</translation>
    </message>
    <message>
      <source>Offer packages that lie in your download folder</source>
      <translation>Pakete anbieten, die in Ihrem Download-Ordner liegen</translation>
    </message>
    <message>
      <source>Fonts, each with the job's words</source>
      <translation>Schriften, jede mit den Wörtern des Auftrags</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n Schrift</numerusform>
        <numerusform>%n Schriften</numerusform>
      </translation>
    </message>
    <message>
      <source>, %1</source>
      <translation>, %1</translation>
    </message>
    <message>
      <source> · looking for more</source>
      <translation> · sucht weiter</translation>
    </message>
    <message>
      <source> · looking what is like it</source>
      <translation> · sieht, was ihr ähnelt</translation>
    </message>
    <message>
      <source>Looking for fonts …</source>
      <translation>Schriften werden gesucht …</translation>
    </message>
    <message>
      <source>No fonts yet.
Drop a font file here, or open a folder that holds some.</source>
      <translation>Noch keine Schriften.
Ziehen Sie eine Schriftdatei hierher, oder öffnen Sie einen Ordner mit Schriften.</translation>
    </message>
    <message>
      <source>Looking what is like %1 …</source>
      <translation>Sucht, was %1 ähnelt …</translation>
    </message>
    <message>
      <source>No font is all of this.
Take one of the wishes back to see more.</source>
      <translation>Keine Schrift ist all das.
Nehmen Sie einen Wunsch zurück, um mehr zu sehen.</translation>
    </message>
    <message>
      <source>Find</source>
      <translation>Finden</translation>
    </message>
    <message>
      <source>No font with “%1” is all of this.
Clear the search, or take one of the wishes back.</source>
      <translation>Keine Schrift mit „%1“ ist all das.
Leeren Sie die Suche, oder nehmen Sie einen Wunsch zurück.</translation>
    </message>
    <message>
      <source>“%1” is in no font's name, maker or tags.
Clear the search to see all %L2.</source>
      <translation>„%1“ steht in keinem Namen, Hersteller oder Stichwort einer Schrift.
Leeren Sie die Suche, um alle %L2 zu sehen.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FirstStart</name>
    <message>
      <source>Under Ink</source>
      <translation>Under Ink</translation>
    </message>
    <message>
      <source>How would you like to begin?</source>
      <translation>Womit möchten Sie beginnen?</translation>
    </message>
    <message>
      <source>With the demo</source>
      <translation>Mit der Demo</translation>
    </message>
    <message>
      <source>Made-up fonts, packages, jobs and machines, in a home of their own. Nothing of yours is touched, and you are asked again the next time.</source>
      <translation>Erfundene Schriften, Pakete, Aufträge und Maschinen, in einem eigenen Ordner. Nichts von Ihnen wird angefasst, und beim nächsten Mal werden Sie wieder gefragt.</translation>
    </message>
    <message>
      <source>With my own fonts</source>
      <translation>Mit meinen eigenen Schriften</translation>
    </message>
    <message>
      <source>An empty shelf, the fonts of this computer, and those you bring. The demo stays at hand: under-ink --demo.</source>
      <translation>Ein leeres Regal, die Schriften dieses Rechners und die, die Sie bringen. Die Demo bleibt zur Hand: under-ink --demo.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FontLineDelegate</name>
    <message>
      <source>in the catalogue</source>
      <translation>im Katalog</translation>
    </message>
    <message>
      <source>%1 styles</source>
      <translation>%1 Schnitte</translation>
    </message>
    <message>
      <source>pictures on the keys</source>
      <translation>Bilder auf den Tasten</translation>
    </message>
    <message>
      <source>listing says: “%1”</source>
      <translation>Eintrag sagt: „%1“</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FontListModel</name>
    <message>
      <source>%1 (%2)</source>
      <translation>%1 (%2)</translation>
    </message>
    <message>
      <source>in the catalogue</source>
      <translation>im Katalog</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FontPanel</name>
    <message>
      <source>The chosen font</source>
      <translation>Die gewählte Schrift</translation>
    </message>
    <message>
      <source>About the chosen font</source>
      <translation>Über die gewählte Schrift</translation>
    </message>
    <message>
      <source>Set the words in it</source>
      <translation>Die Wörter darin setzen</translation>
    </message>
    <message>
      <source>Open the card</source>
      <translation>Karte öffnen</translation>
    </message>
    <message>
      <source>Alphabet, key map, sizes, package (Ctrl+Enter)</source>
      <translation>Alphabet, Tastenplan, Größen, Paket (Strg+Eingabe)</translation>
    </message>
    <message>
      <source>Compare</source>
      <translation>Vergleichen</translation>
    </message>
    <message>
      <source>Put two to six fonts side by side (Ctrl+K)</source>
      <translation>Zwei bis sechs Schriften nebeneinander stellen (Strg+K)</translation>
    </message>
    <message>
      <source>What looks like it</source>
      <translation>Was ihr ähnelt</translation>
    </message>
    <message>
      <source>On the shelf, on this computer and in the catalogue (Ctrl+L)</source>
      <translation>Im Regal, auf diesem Rechner und im Katalog (Strg+L)</translation>
    </message>
    <message>
      <source>Rights dossier</source>
      <translation>Rechtemappe</translation>
    </message>
    <message>
      <source>Evidence, letter to the author, receipts (Ctrl+R)</source>
      <translation>Beweise, Brief an den Autor, Belege (Strg+R)</translation>
    </message>
    <message>
      <source>Try again</source>
      <translation>Noch einmal versuchen</translation>
    </message>
    <message>
      <source>Fetch it</source>
      <translation>Holen</translation>
    </message>
    <message>
      <source>Do not compare</source>
      <translation>Nicht vergleichen</translation>
    </message>
    <message>
      <source>No font chosen</source>
      <translation>Keine Schrift gewählt</translation>
    </message>
    <message>
      <source>Pick one from the list: arrow keys move, Enter sets the words in it.</source>
      <translation>Wählen Sie eine aus der Liste: Pfeiltasten bewegen, Eingabe setzt die Wörter darin.</translation>
    </message>
    <message>
      <source>by %1</source>
      <translation>von %1</translation>
    </message>
    <message>
      <source>pictures on the keys</source>
      <translation>Bilder auf den Tasten</translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1: %2</translation>
    </message>
    <message>
      <source>The listing says nothing about selling.</source>
      <translation>Der Eintrag sagt nichts über den Verkauf.</translation>
    </message>
    <message>
      <source>the listing, a hint only: the text in the package decides</source>
      <translation>der Eintrag, nur ein Hinweis: der Text im Paket entscheidet</translation>
    </message>
    <message>
      <source>Reading what came with the font …</source>
      <translation>Was mit der Schrift kam, wird gelesen …</translation>
    </message>
    <message>
      <source>The dossier has a letter to the author for you.</source>
      <translation>Die Rechtemappe hat einen Brief an den Autor für Sie.</translation>
    </message>
    <message>
      <source>%1, line %2</source>
      <translation>%1, Zeile %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FontWords</name>
    <message>
      <source>The words in %1</source>
      <translation>Die Wörter in %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::GlyphGrid</name>
    <message>
      <source>%1: %2</source>
      <translation>%1: %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::GuideSection</name>
    <message>
      <source>Upright</source>
      <translation>Senkrecht</translation>
    </message>
    <message>
      <source>A guide at the caret; or pull one from the left ruler</source>
      <translation>Eine Hilfslinie am Zeiger; oder eine aus dem linken Lineal ziehen</translation>
    </message>
    <message>
      <source>Level</source>
      <translation>Waagrecht</translation>
    </message>
    <message>
      <source>A guide on the baseline; or pull one from the upper ruler</source>
      <translation>Eine Hilfslinie auf der Grundlinie; oder eine aus dem oberen Lineal ziehen</translation>
    </message>
    <message>
      <source>Where the guide stands on its ruler</source>
      <translation>Wo die Hilfslinie auf ihrem Lineal steht</translation>
    </message>
    <message>
      <source>Take away</source>
      <translation>Wegnehmen</translation>
    </message>
    <message>
      <source>Guides</source>
      <translation>Hilfslinien</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HandOffPage</name>
    <message>
      <source>%1 is cut.</source>
      <translation>%1 ist geschnitten.</translation>
    </message>
    <message>
      <source>show another name</source>
      <translation>einen anderen Namen zeigen</translation>
    </message>
    <message>
      <source>change the copies</source>
      <translation>die Stückzahl ändern</translation>
    </message>
    <message>
      <source>take a name off the list</source>
      <translation>einen Namen von der Liste nehmen</translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>noch nicht</translation>
    </message>
    <message numerus="yes">
      <source>%n name(s)</source>
      <translation>
        <numerusform>%n Name</numerusform>
        <numerusform>%n Namen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 on %n sheet(s)</source>
      <translation>
        <numerusform>%1 auf %n Bogen</numerusform>
        <numerusform>%1 auf %n Bögen</numerusform>
      </translation>
    </message>
    <message>
      <source>Choose a font in Find: here your words come to lie on paper.</source>
      <translation>Wählen Sie in „Finden“ eine Schrift: hier kommen Ihre Wörter auf Papier.</translation>
    </message>
    <message>
      <source>Making the words …</source>
      <translation>Die Wörter werden gemacht …</translation>
    </message>
    <message numerus="yes">
      <source>%n page(s)</source>
      <translation>
        <numerusform>%n Seite</numerusform>
        <numerusform>%n Seiten</numerusform>
      </translation>
    </message>
    <message>
      <source>%1; put together they are %2 wide and %3 high</source>
      <translation>%1; zusammengelegt sind sie %2 breit und %3 hoch</translation>
    </message>
    <message>
      <source>%1; each design is whole on its page</source>
      <translation>%1; jedes Stück steht ganz auf seiner Seite</translation>
    </message>
    <message>
      <source>Sheet %1 of %2</source>
      <translation>Bogen %1 von %2</translation>
    </message>
    <message>
      <source>Nothing of it goes onto this sheet. Choose a larger one, or make the words smaller.</source>
      <translation>Nichts davon passt auf diesen Bogen. Wählen Sie einen größeren, oder machen Sie die Wörter kleiner.</translation>
    </message>
    <message>
      <source>Choose a font in Find: here your words come to lie on the material.</source>
      <translation>Wählen Sie in „Finden“ eine Schrift: hier kommen Ihre Wörter auf das Material.</translation>
    </message>
    <message>
      <source>%1: done</source>
      <translation>%1: fertig</translation>
    </message>
    <message>
      <source>%1: the weeding frame</source>
      <translation>%1: der Entgitterrahmen</translation>
    </message>
    <message>
      <source>%1: a registration cross</source>
      <translation>%1: ein Passkreuz</translation>
    </message>
    <message>
      <source>%1: a middle in %2</source>
      <translation>%1: eine Punze in %2</translation>
    </message>
    <message>
      <source>%1: %2, part %3 of %4</source>
      <translation>%1: %2, Teil %3 von %4</translation>
    </message>
    <message>
      <source>Move the handle to see any moment of it.</source>
      <translation>Griff bewegen: jeder Augenblick.</translation>
    </message>
    <message>
      <source>One design</source>
      <translation>Ein Stück</translation>
    </message>
    <message numerus="yes">
      <source>%1, %n sheet(s)</source>
      <translation>
        <numerusform>%1, %n Bogen</numerusform>
        <numerusform>%1, %n Bögen</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 used</source>
      <translation>%1 gebraucht</translation>
    </message>
    <message>
      <source>%1 of material</source>
      <translation>%1 Material</translation>
    </message>
    <message numerus="yes">
      <source>%1 of %n made</source>
      <translation>
        <numerusform>%1 von %n gemacht</numerusform>
        <numerusform>%1 von %n gemacht</numerusform>
      </translation>
    </message>
    <message>
      <source> · </source>
      <translation> · </translation>
    </message>
    <message>
      <source>seen from the back: cut mirrored</source>
      <translation>von hinten gesehen: gespiegelt geschnitten</translation>
    </message>
    <message>
      <source>For a gift: nobody asks for a licence.</source>
      <translation>Für ein Geschenk: niemand fragt nach einer Lizenz.</translation>
    </message>
    <message>
      <source>What the font allows is not known yet.</source>
      <translation>Was die Schrift erlaubt, ist noch nicht bekannt.</translation>
    </message>
    <message>
      <source>The font: %1</source>
      <translation>Die Schrift: %1</translation>
    </message>
    <message>
      <source>What fills a sheet, or lies over another sheet, is placed by itself.</source>
      <translation>Was einen Bogen füllt oder über einem anderen liegt, wird von selbst gelegt.</translation>
    </message>
    <message>
      <source>There is no room for it there.</source>
      <translation>Dort ist kein Platz dafür.</translation>
    </message>
    <message>
      <source>move it on the sheet</source>
      <translation>auf dem Bogen verschieben</translation>
    </message>
    <message>
      <source>There is no list of names: paste one in Hand off.</source>
      <translation>Es gibt keine Namensliste: fügen Sie in „Übergeben“ eine ein.</translation>
    </message>
    <message>
      <source>This is the first name.</source>
      <translation>Das ist der erste Name.</translation>
    </message>
    <message>
      <source>This is the last name.</source>
      <translation>Das ist der letzte Name.</translation>
    </message>
    <message>
      <source>There is nothing to save yet: choose a font in Find and type the words.</source>
      <translation>Es gibt noch nichts zu speichern: wählen Sie in „Finden“ eine Schrift und tippen Sie die Wörter.</translation>
    </message>
    <message>
      <source>The sheets are still being laid. Save again in a moment.</source>
      <translation>Die Bögen werden noch gelegt. Gleich noch einmal speichern.</translation>
    </message>
    <message>
      <source>The sheets are still being laid. Send again in a moment.</source>
      <translation>Die Bögen werden noch gelegt. Gleich noch einmal senden.</translation>
    </message>
    <message>
      <source>Nothing was handed off.</source>
      <translation>Nichts wurde übergeben.</translation>
    </message>
    <message numerus="yes">
      <source>%n sheet(s) are on their way to the cutter.</source>
      <translation>
        <numerusform>%n Bogen ist unterwegs zum Schneider.</numerusform>
        <numerusform>%n Bögen sind unterwegs zum Schneider.</numerusform>
      </translation>
    </message>
    <message>
      <source>Hand off</source>
      <translation>Übergeben</translation>
    </message>
    <message>
      <source>SVG</source>
      <translation>SVG</translation>
    </message>
    <message>
      <source>DXF</source>
      <translation>DXF</translation>
    </message>
    <message>
      <source>HPGL</source>
      <translation>HPGL</translation>
    </message>
    <message>
      <source>PDF</source>
      <translation>PDF</translation>
    </message>
    <message>
      <source>EPS</source>
      <translation>EPS</translation>
    </message>
    <message>
      <source>Picture</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>The run</source>
      <translation>Der Lauf</translation>
    </message>
    <message>
      <source>Sheet</source>
      <translation>Bogen</translation>
    </message>
    <message>
      <source>Paper pattern</source>
      <translation>Papierschnitt</translation>
    </message>
    <message>
      <source>‹</source>
      <translation>‹</translation>
    </message>
    <message>
      <source>The sheet before</source>
      <translation>Der Bogen davor</translation>
    </message>
    <message>
      <source>›</source>
      <translation>›</translation>
    </message>
    <message>
      <source>The next sheet</source>
      <translation>Der nächste Bogen</translation>
    </message>
    <message>
      <source>Paste a list of names…</source>
      <translation>Eine Namensliste einfügen…</translation>
    </message>
    <message>
      <source>Send to the practice cutter</source>
      <translation>An Übungsschneider senden</translation>
    </message>
    <message>
      <source>Save for your machine:</source>
      <translation>Für Ihre Maschine speichern:</translation>
    </message>
    <message>
      <source>Save as %1</source>
      <translation>Als %1 speichern</translation>
    </message>
    <message>
      <source>Save the pattern (PDF)</source>
      <translation>Den Papierschnitt speichern (PDF)</translation>
    </message>
    <message>
      <source>Print…</source>
      <translation>Drucken…</translation>
    </message>
    <message>
      <source>These words, as often as the sheet takes them,</source>
      <translation>Diese Wörter, so oft der Bogen sie fasst,</translation>
    </message>
    <message numerus="yes">
      <source>These words, %n time(s),</source>
      <translation>
        <numerusform>Diese Wörter, %n Mal,</numerusform>
        <numerusform>Diese Wörter, %n Mal,</numerusform>
      </translation>
    </message>
    <message>
      <source>These words</source>
      <translation>Diese Wörter</translation>
    </message>
    <message>
      <source>%1 (%2 wide)</source>
      <translation>%1 (%2 breit)</translation>
    </message>
    <message>
      <source>%1 (%2 × %3)</source>
      <translation>%1 (%2 × %3)</translation>
    </message>
    <message>
      <source>%1 apart</source>
      <translation>%1 auseinander</translation>
    </message>
    <message>
      <source>%1, in rows</source>
      <translation>%1, in Reihen</translation>
    </message>
    <message>
      <source>%1, upright</source>
      <translation>%1, aufrecht</translation>
    </message>
    <message>
      <source>%1, some upside down</source>
      <translation>%1, einige auf dem Kopf</translation>
    </message>
    <message>
      <source>%1, turned by quarters</source>
      <translation>%1, in Vierteln gedreht</translation>
    </message>
    <message>
      <source>%1, turned any way</source>
      <translation>%1, beliebig gedreht</translation>
    </message>
    <message>
      <source>a frame round each and round all</source>
      <translation>einem Rahmen um jedes und um alles</translation>
    </message>
    <message>
      <source>a frame round each</source>
      <translation>einem Rahmen um jedes</translation>
    </message>
    <message>
      <source>a frame round all</source>
      <translation>einem Rahmen um alles</translation>
    </message>
    <message>
      <source>no frame</source>
      <translation>keinem Rahmen</translation>
    </message>
    <message>
      <source>half of %1 outside the line</source>
      <translation>die Hälfte von %1 außerhalb der Linie</translation>
    </message>
    <message>
      <source>a blade that trails by %1</source>
      <translation>mit einer Klinge, die um %1 nachläuft</translation>
    </message>
    <message>
      <source>%1 past the start</source>
      <translation>%1 über den Anfang hinaus</translation>
    </message>
    <message numerus="yes">
      <source>%n gap(s) that hold</source>
      <translation>
        <numerusform>mit %n Haltesteg</numerusform>
        <numerusform>mit %n Haltestegen</numerusform>
      </translation>
    </message>
    <message>
      <source>on the line</source>
      <translation>auf der Linie</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>a border of %1 behind them</source>
      <translation>einem Rand von %1 dahinter</translation>
    </message>
    <message>
      <source>no border</source>
      <translation>keinem Rand</translation>
    </message>
    <message>
      <source>{names} are drawn on {material}, {apart}, with {frames} and {border}; the tool goes {tool}.</source>
      <translation>{names} werden auf {material} gezeichnet, {apart}, mit {frames} und {border}; das Werkzeug geht {tool}.</translation>
    </message>
    <message>
      <source>{names} are scored on {material}, {apart}, with {frames} and {border}; the tool goes {tool}.</source>
      <translation>{names} werden auf {material} gerillt, {apart}, mit {frames} und {border}; das Werkzeug geht {tool}.</translation>
    </message>
    <message>
      <source>{names} are cut from {material}, {apart}, with {frames} and {border}; the tool goes {tool}.</source>
      <translation>{names} werden aus {material} geschnitten, {apart}, mit {frames} und {border}; das Werkzeug geht {tool}.</translation>
    </message>
    <message>
      <source>%1 paper, filled lightly</source>
      <translation>%1 Papier, leicht gefüllt</translation>
    </message>
    <message>
      <source>%1 paper, in lines</source>
      <translation>%1 Papier, in Linien</translation>
    </message>
    <message>
      <source>%1, for the back</source>
      <translation>%1, für die Rückseite</translation>
    </message>
    <message>
      <source>nothing round them</source>
      <translation>nichts darum</translation>
    </message>
    <message>
      <source>%1 round each</source>
      <translation>%1 um jedes</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>{names} at true size on {paper}, with {blank}.</source>
      <translation>{names} in wahrer Größe auf {paper}, mit {blank}.</translation>
    </message>
    <message>
      <source>What is handed off</source>
      <translation>Was übergeben wird</translation>
    </message>
    <message>
      <source>Nothing of it goes onto this sheet as it stands. Turned by a quarter it does.</source>
      <translation>Nichts davon geht so auf diesen Bogen. Um ein Viertel gedreht geht es.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HandbookWindow</name>
    <message>
      <source>Handbook</source>
      <translation>Handbuch</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Zurück</translation>
    </message>
    <message>
      <source>Forward</source>
      <translation>Vor</translation>
    </message>
    <message>
      <source>Contents</source>
      <translation>Inhalt</translation>
    </message>
    <message>
      <source>All keys</source>
      <translation>Alle Tasten</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HandedFiles</name>
    <message>
      <source>Rights slip</source>
      <translation>Rechteschein</translation>
    </message>
    <message>
      <source>%1, for sale, %2 in all</source>
      <translation>%1, zum Verkauf, insgesamt %2</translation>
    </message>
    <message>
      <source>%1, a gift, %2 in all</source>
      <translation>%1, ein Geschenk, insgesamt %2</translation>
    </message>
    <message>
      <source>Verdict: %1</source>
      <translation>Urteil: %1</translation>
    </message>
    <message>
      <source>Sold on this ground, as the maker said: %1</source>
      <translation>Mit dieser Begründung verkauft, wie der Hersteller sagte: %1</translation>
    </message>
    <message>
      <source>What was made</source>
      <translation>Was gemacht wurde</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>SHA-256 of its file: %1</source>
      <translation>SHA-256 der Datei: %1</translation>
    </message>
    <message>
      <source>%1. %2</source>
      <translation>%1. %2</translation>
    </message>
    <message>
      <source>Limit: %1</source>
      <translation>Grenze: %1</translation>
    </message>
    <message>
      <source>Sold with these: %1 of %2</source>
      <translation>Mit diesen verkauft: %1 von %2</translation>
    </message>
    <message>
      <source>“%1” (%2, line %3)</source>
      <translation>„%1“ (%2, Zeile %3)</translation>
    </message>
    <message>
      <source>Attached: %1</source>
      <translation>Beigelegt: %1</translation>
    </message>
    <message>
      <source>This is no legal advice: it is what was read when it was handed off.</source>
      <translation>Dies ist keine Rechtsberatung: es ist, was bei der Übergabe gelesen wurde.</translation>
    </message>
    <message numerus="yes">
      <source>%1-and-%n-more</source>
      <translation>
        <numerusform>%1-und-%n-weiterer</numerusform>
        <numerusform>%1-und-%n-weitere</numerusform>
      </translation>
    </message>
    <message>
      <source>%1-%2</source>
      <translation>%1-%2</translation>
    </message>
    <message>
      <source>Nothing was handed off.</source>
      <translation>Nichts wurde übergeben.</translation>
    </message>
    <message>
      <source>%1 %2</source>
      <translation>%1 %2</translation>
    </message>
    <message>
      <source>Print at 100 %, without fitting to the page, and measure the squares.</source>
      <translation>Mit 100 % drucken, ohne an die Seite anzupassen, und die Quadrate messen.</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n sheet(s), the first %2 wide and %3 long. It is in %4</source>
      <translation>
        <numerusform>%1 gespeichert: %n Bogen, %2 breit und %3 lang. Es liegt in %4</numerusform>
        <numerusform>%1 gespeichert: %n Bögen, der erste %2 breit und %3 lang. Es liegt in %4</numerusform>
      </translation>
    </message>
    <message>
      <source>pattern</source>
      <translation>Papierschnitt</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n page(s). It is in %2</source>
      <translation>
        <numerusform>%1 gespeichert: %n Seite. Es liegt in %2</numerusform>
        <numerusform>%1 gespeichert: %n Seiten. Es liegt in %2</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n file(s), %2 stitches. It is in %3</source>
      <translation>
        <numerusform>%1 gespeichert: %n Datei, %2 Stiche. Es liegt in %3</numerusform>
        <numerusform>%1 gespeichert: %n Dateien, %2 Stiche. Es liegt in %3</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 Left out, since they cannot be sewn: %2</source>
      <translation>%1 Weggelassen, weil nicht zu sticken: %2</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>cloth</source>
      <translation>Stoff</translation>
    </message>
    <message>
      <source>Saved %1: the cloth, to be cut at its size. It is in %2</source>
      <translation>%1 gespeichert: der Stoff, in seiner Größe zu schneiden. Es liegt in %2</translation>
    </message>
    <message>
      <source>Nothing was printed.</source>
      <translation>Nichts wurde gedruckt.</translation>
    </message>
    <message numerus="yes">
      <source>%n page(s) are with the printer.</source>
      <translation>
        <numerusform>%n Seite ist beim Drucker.</numerusform>
        <numerusform>%n Seiten sind beim Drucker.</numerusform>
      </translation>
    </message>
    <message>
      <source>The printer took nothing. Look whether it is on, or save the PDF.</source>
      <translation>Der Drucker hat nichts genommen. Sehen Sie nach, ob er an ist, oder speichern Sie das PDF.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HealthPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Alle meine Schriften</translation>
    </message>
    <message>
      <source>Look again</source>
      <translation>Noch einmal ansehen</translation>
    </message>
    <message>
      <source>How the collection is</source>
      <translation>Wie es um die Sammlung steht</translation>
    </message>
    <message>
      <source>Reading every file of the shelf …</source>
      <translation>Jede Datei des Regals wird gelesen …</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s): %1 installed, %2 set aside, %3 never used</source>
      <translation>
        <numerusform>%n Schrift: %1 installiert, %2 beiseitegelegt, %3 nie benutzt</numerusform>
        <numerusform>%n Schriften: %1 installiert, %2 beiseitegelegt, %3 nie benutzt</numerusform>
      </translation>
    </message>
    <message>
      <source>Every file is there and whole.</source>
      <translation>Jede Datei ist da und ganz.</translation>
    </message>
    <message>
      <source>Missing</source>
      <translation>Fehlend</translation>
    </message>
    <message>
      <source>Their files are gone from the shelf. If they lie elsewhere, under whatever name, they are found by their content.</source>
      <translation>Ihre Dateien sind aus dem Regal verschwunden. Wenn sie anderswo liegen, unter welchem Namen auch immer, werden sie am Inhalt erkannt.</translation>
    </message>
    <message>
      <source>Look for them in a folder…</source>
      <translation>In einem Ordner suchen…</translation>
    </message>
    <message>
      <source>Damaged</source>
      <translation>Beschädigt</translation>
    </message>
    <message>
      <source>Their content is no longer what was taken in.</source>
      <translation>Ihr Inhalt ist nicht mehr der, der aufgenommen wurde.</translation>
    </message>
    <message>
      <source>Look for whole ones in a folder…</source>
      <translation>Ganze in einem Ordner suchen…</translation>
    </message>
    <message>
      <source>Found again</source>
      <translation>Wiedergefunden</translation>
    </message>
    <message>
      <source>Put back from a file with the same content.</source>
      <translation>Aus einer Datei mit demselben Inhalt zurückgelegt.</translation>
    </message>
    <message>
      <source>Installed, and no longer there</source>
      <translation>Installiert und nicht mehr da</translation>
    </message>
    <message>
      <source>Somebody took away or changed what was put among the fonts of your programs.</source>
      <translation>Jemand hat weggenommen oder verändert, was bei den Schriften Ihrer Programme lag.</translation>
    </message>
    <message>
      <source>Install them again</source>
      <translation>Wieder installieren</translation>
    </message>
    <message>
      <source>Without papers</source>
      <translation>Ohne Papiere</translation>
    </message>
    <message>
      <source>No document came with them: what they say of themselves is all there is to go by.</source>
      <translation>Kein Dokument kam mit ihnen: es gilt nur, was sie von sich selbst sagen.</translation>
    </message>
    <message>
      <source>Never used</source>
      <translation>Nie benutzt</translation>
    </message>
    <message>
      <source>No words were handed out in them yet.</source>
      <translation>Noch keine Wörter wurden in ihnen übergeben.</translation>
    </message>
    <message>
      <source>Set them aside</source>
      <translation>Beiseitelegen</translation>
    </message>
    <message>
      <source>and %1 more</source>
      <translation>und %1 weitere</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::InkView</name>
    <message>
      <source>Arrow keys move the brush, Space paints out what is no lettering.</source>
      <translation>Pfeiltasten bewegen den Pinsel, Leertaste malt weg, was kein Schriftzug ist.</translation>
    </message>
    <message>
      <source>Paint out what is no lettering</source>
      <translation>Wegmalen, was kein Schriftzug ist</translation>
    </message>
    <message>
      <source>What was understood, dark on light</source>
      <translation>Was verstanden wurde, dunkel auf hell</translation>
    </message>
    <message>
      <source>What was understood, with the outline of %1 over it</source>
      <translation>Was verstanden wurde, mit dem Umriss von %1 darüber</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::IntakePage</name>
    <message>
      <source>All fonts</source>
      <translation>Alle Schriften</translation>
    </message>
    <message>
      <source>Lift the limits for this package</source>
      <translation>Die Grenzen für dieses Paket aufheben</translation>
    </message>
    <message>
      <source>What is in the package</source>
      <translation>Was im Paket ist</translation>
    </message>
    <message>
      <source>What is in it</source>
      <translation>Was darin ist</translation>
    </message>
    <message>
      <source>May it be sold?</source>
      <translation>Darf verkauft werden?</translation>
    </message>
    <message>
      <source>What to know</source>
      <translation>Was zu wissen ist</translation>
    </message>
    <message>
      <source>Stop</source>
      <translation>Anhalten</translation>
    </message>
    <message>
      <source>What I have already</source>
      <translation>Was ich schon habe</translation>
    </message>
    <message>
      <source>keep what I have</source>
      <translation>meine behalten</translation>
    </message>
    <message>
      <source>replace what I have</source>
      <translation>meine ersetzen</translation>
    </message>
    <message>
      <source>keep both</source>
      <translation>beide behalten</translation>
    </message>
    <message>
      <source>Look at the letters</source>
      <translation>Buchstaben ansehen</translation>
    </message>
    <message>
      <source>Stopped. Nothing was taken.</source>
      <translation>Angehalten. Nichts wurde übernommen.</translation>
    </message>
    <message>
      <source>Looking into it …</source>
      <translation>Wird angesehen …</translation>
    </message>
    <message>
      <source>Looking into it: %1 entries so far …</source>
      <translation>Wird angesehen: bisher %1 Einträge …</translation>
    </message>
    <message>
      <source>There is not enough memory to look into it.</source>
      <translation>Der Speicher reicht nicht, um es anzusehen.</translation>
    </message>
    <message>
      <source>%1  (%2)</source>
      <translation>%1  (%2)</translation>
    </message>
    <message>
      <source>“%1”
%2</source>
      <translation>„%1“
%2</translation>
    </message>
    <message>
      <source>The same face in another format: %1 is recommended.</source>
      <translation>Dieselbe Schrift in anderem Format: %1 ist zu empfehlen.</translation>
    </message>
    <message>
      <source>“%1”</source>
      <translation>„%1“</translation>
    </message>
    <message>
      <source>and %1 more</source>
      <translation>und %1 weitere</translation>
    </message>
    <message numerus="yes">
      <source>Take in %n font(s)</source>
      <translation>
        <numerusform>%n Schrift aufnehmen</numerusform>
        <numerusform>%n Schriften aufnehmen</numerusform>
      </translation>
    </message>
    <message>
      <source>Take in</source>
      <translation>Aufnehmen</translation>
    </message>
    <message>
      <source>There is no font in it that could be used.</source>
      <translation>Es ist keine brauchbare Schrift darin.</translation>
    </message>
    <message>
      <source>Drawing the letters …</source>
      <translation>Die Buchstaben werden gezeichnet …</translation>
    </message>
    <message>
      <source>Putting the letters right …</source>
      <translation>Die Buchstaben werden berichtigt …</translation>
    </message>
    <message>
      <source>Taking it in …</source>
      <translation>Wird aufgenommen …</translation>
    </message>
    <message numerus="yes">
      <source>Taken in: %n font(s), %1 new on the shelf.</source>
      <translation>
        <numerusform>Aufgenommen: %n Schrift, %1 neu im Regal.</numerusform>
        <numerusform>Aufgenommen: %n Schriften, %1 neu im Regal.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Taken in: %n font(s), %1 new on the shelf. What they replace was set aside: you find it on the shelf.</source>
      <translation>
        <numerusform>Aufgenommen: %n Schrift, %1 neu im Regal. Was sie ersetzt, wurde beiseitegelegt: Sie finden es im Regal.</numerusform>
        <numerusform>Aufgenommen: %n Schriften, %1 neu im Regal. Was sie ersetzen, wurde beiseitegelegt: Sie finden es im Regal.</numerusform>
      </translation>
    </message>
    <message>
      <source>Set the words in %1</source>
      <translation>Die Wörter in %1 setzen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobBand</name>
    <message>
      <source>Words of this job</source>
      <translation>Wörter dieses Auftrags</translation>
    </message>
    <message>
      <source>Finished size</source>
      <translation>Fertige Größe</translation>
    </message>
    <message>
      <source>Made with</source>
      <translation>Gemacht mit</translation>
    </message>
    <message>
      <source>For %1</source>
      <translation>Für %1</translation>
    </message>
    <message>
      <source>sale</source>
      <translation>Verkauf</translation>
    </message>
    <message>
      <source>a gift</source>
      <translation>Geschenk</translation>
    </message>
    <message>
      <source>For</source>
      <translation>Für</translation>
    </message>
    <message>
      <source>Unit</source>
      <translation>Einheit</translation>
    </message>
    <message>
      <source>mm</source>
      <translation>mm</translation>
    </message>
    <message>
      <source>in</source>
      <translation>Zoll</translation>
    </message>
    <message>
      <source>Which side the size is</source>
      <translation>Welche Seite die Größe ist</translation>
    </message>
    <message>
      <source>wide</source>
      <translation>breit</translation>
    </message>
    <message>
      <source>high</source>
      <translation>hoch</translation>
    </message>
    <message>
      <source>capitals</source>
      <translation>Versalien</translation>
    </message>
    <message>
      <source>small letters</source>
      <translation>Minuskeln</translation>
    </message>
    <message>
      <source>em</source>
      <translation>Geviert</translation>
    </message>
    <message numerus="yes">
      <source>Words of this job · %1 of %n name(s)</source>
      <translation>
        <numerusform>Wörter dieses Auftrags · %1 von %n Name</numerusform>
        <numerusform>Wörter dieses Auftrags · %1 von %n Namen</numerusform>
      </translation>
    </message>
    <message>
      <source>Asked for as well: the proportions are not kept</source>
      <translation>Auch verlangt: die Verhältnisse bleiben nicht</translation>
    </message>
    <message>
      <source>Follows from the size and the proportions</source>
      <translation>Folgt aus der Größe und den Verhältnissen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobMenu</name>
    <message>
      <source>Job: not a file yet</source>
      <translation>Auftrag: noch keine Datei</translation>
    </message>
    <message>
      <source>Job: %1, changed since it was saved</source>
      <translation>Auftrag: %1, seit dem Speichern geändert</translation>
    </message>
    <message>
      <source>Job: %1, as saved</source>
      <translation>Auftrag: %1, wie gespeichert</translation>
    </message>
    <message>
      <source>Open jobs, save this one as a file, go back to earlier versions</source>
      <translation>Aufträge öffnen, diesen als Datei speichern, zu früheren Versionen zurück</translation>
    </message>
    <message>
      <source>New job	Ctrl+N</source>
      <translation>Neuer Auftrag	Ctrl+N</translation>
    </message>
    <message>
      <source>Open a job…	Ctrl+Shift+O</source>
      <translation>Einen Auftrag öffnen…	Ctrl+Shift+O</translation>
    </message>
    <message>
      <source>Recent jobs</source>
      <translation>Letzte Aufträge</translation>
    </message>
    <message>
      <source>Left without saving</source>
      <translation>Ungespeichert verlassen</translation>
    </message>
    <message>
      <source>%1, left %2</source>
      <translation>%1, verlassen %2</translation>
    </message>
    <message>
      <source>No words</source>
      <translation>Keine Wörter</translation>
    </message>
    <message>
      <source>New from a template</source>
      <translation>Neu aus einer Vorlage</translation>
    </message>
    <message>
      <source>Save the job	Ctrl+Shift+S</source>
      <translation>Auftrag speichern	Ctrl+Shift+S</translation>
    </message>
    <message>
      <source>Save the job as…</source>
      <translation>Auftrag speichern unter…</translation>
    </message>
    <message>
      <source>Earlier versions</source>
      <translation>Frühere Versionen</translation>
    </message>
    <message>
      <source>Save as a template…</source>
      <translation>Als Vorlage speichern…</translation>
    </message>
    <message>
      <source>Copy as SVG	Ctrl+Shift+C</source>
      <translation>Als SVG kopieren	Ctrl+Shift+C</translation>
    </message>
    <message>
      <source>Job</source>
      <translation>Auftrag</translation>
    </message>
    <message>
      <source>Handbook	F1</source>
      <translation>Handbuch	F1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobSection</name>
    <message>
      <source>choose the material</source>
      <translation>das Material wählen</translation>
    </message>
    <message>
      <source>Material</source>
      <translation>Material</translation>
    </message>
    <message>
      <source>Width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <source>Length; 0 for a roll</source>
      <translation>Länge; 0 für eine Rolle</translation>
    </message>
    <message>
      <source>Kept free at the edges</source>
      <translation>An den Rändern frei</translation>
    </message>
    <message>
      <source>Seen from the back: mirrored</source>
      <translation>Von hinten gesehen: gespiegelt</translation>
    </message>
    <message>
      <source>mirror</source>
      <translation>spiegeln</translation>
    </message>
    <message>
      <source>Your own materials are files in the folder “materials” beside your jobs.</source>
      <translation>Ihre eigenen Materialien sind Dateien im Ordner „materials“ bei Ihren Aufträgen.</translation>
    </message>
    <message>
      <source>change how they lie</source>
      <translation>ändern, wie sie liegen</translation>
    </message>
    <message>
      <source>Between any two</source>
      <translation>Zwischen je zweien</translation>
    </message>
    <message>
      <source>Turned</source>
      <translation>Gedreht</translation>
    </message>
    <message>
      <source>not at all</source>
      <translation>gar nicht</translation>
    </message>
    <message>
      <source>upside down where that saves</source>
      <translation>auf den Kopf, wo das spart</translation>
    </message>
    <message>
      <source>by quarters where that saves</source>
      <translation>in Vierteln, wo das spart</translation>
    </message>
    <message>
      <source>any way that saves</source>
      <translation>beliebig, wo das spart</translation>
    </message>
    <message>
      <source>In rows, as lines of words</source>
      <translation>In Reihen, wie Zeilen</translation>
    </message>
    <message>
      <source>Copies of one without a list</source>
      <translation>Stückzahl ohne Liste</translation>
    </message>
    <message>
      <source>As many as the sheet takes</source>
      <translation>So viele, wie der Bogen fasst</translation>
    </message>
    <message>
      <source>Of a roll, this length is filled</source>
      <translation>Von einer Rolle wird diese Länge gefüllt</translation>
    </message>
    <message>
      <source>Widest; 0 for any width</source>
      <translation>Breiteste; 0 für jede Breite</translation>
    </message>
    <message>
      <source>change the widest width</source>
      <translation>die größte Breite ändern</translation>
    </message>
    <message>
      <source>What is wider is closed up where letters do not join, then made smaller, and says so.</source>
      <translation>Was breiter ist, rückt zusammen, wo Buchstaben nicht verbunden sind, wird dann kleiner gemacht, und sagt es.</translation>
    </message>
    <message>
      <source>Each name of a list ends in a quiet form that suits it</source>
      <translation>Jeder Name einer Liste endet in einer stillen Form, die zu ihm passt</translation>
    </message>
    <message>
      <source>dress each name quietly</source>
      <translation>jeden Namen still schmücken</translation>
    </message>
    <message>
      <source>Place all of it again</source>
      <translation>Alles neu legen</translation>
    </message>
    <message>
      <source>On the sheet: arrows move what is chosen, with Shift further, R turns it, Page Down chooses the next.</source>
      <translation>Auf dem Bogen: Pfeile bewegen das Gewählte, mit Umschalt weiter, R dreht es, Bild ab wählt das nächste.</translation>
    </message>
    <message>
      <source>change what is cut along</source>
      <translation>ändern, was mitgeschnitten wird</translation>
    </message>
    <message>
      <source>A frame round each, off it by</source>
      <translation>Ein Rahmen um jedes, Abstand</translation>
    </message>
    <message>
      <source>Lines through it, off the words by</source>
      <translation>Trennlinien hindurch, Abstand von den Wörtern</translation>
    </message>
    <message>
      <source>A frame round all, off them by</source>
      <translation>Ein Rahmen um alles, Abstand</translation>
    </message>
    <message>
      <source>0 is none. Frames are cut last.</source>
      <translation>0 heißt keiner. Rahmen werden zuletzt geschnitten.</translation>
    </message>
    <message>
      <source>change what the tool does</source>
      <translation>ändern, was das Werkzeug tut</translation>
    </message>
    <message>
      <source>The letters are</source>
      <translation>Die Buchstaben werden</translation>
    </message>
    <message>
      <source>cut</source>
      <translation>geschnitten</translation>
    </message>
    <message>
      <source>scored</source>
      <translation>gerillt</translation>
    </message>
    <message>
      <source>drawn with a pen</source>
      <translation>mit dem Stift gezeichnet</translation>
    </message>
    <message>
      <source>Cut on past the start by</source>
      <translation>Über den Anfang hinaus um</translation>
    </message>
    <message>
      <source>A drag knife's tip trails by</source>
      <translation>Die Spitze eines Schleppmessers läuft nach um</translation>
    </message>
    <message>
      <source>The cut is as wide as</source>
      <translation>Der Schnitt ist so breit wie</translation>
    </message>
    <message>
      <source>Outer edges clockwise, middles the other way</source>
      <translation>Außenkanten im Uhrzeigersinn, Punzen andersherum</translation>
    </message>
    <message>
      <source>Gaps that hold each piece</source>
      <translation>Haltestege je Teil</translation>
    </message>
    <message>
      <source>Width of a gap</source>
      <translation>Breite eines Stegs</translation>
    </message>
    <message>
      <source>How fast it goes is on the material's card.</source>
      <translation>Wie schnell es geht, steht auf der Karte des Materials.</translation>
    </message>
    <message>
      <source>change the border</source>
      <translation>den Rand ändern</translation>
    </message>
    <message>
      <source>A border behind the words, of</source>
      <translation>Ein Rand hinter den Wörtern, von</translation>
    </message>
    <message>
      <source>From</source>
      <translation>Aus</translation>
    </message>
    <message>
      <source>It comes on a sheet of its own, with crosses in the same places, to be laid under the words.</source>
      <translation>Er kommt auf einen eigenen Bogen, mit Kreuzen an denselben Stellen, und wird unter die Wörter gelegt.</translation>
    </message>
    <message>
      <source>change the pattern</source>
      <translation>den Papierschnitt ändern</translation>
    </message>
    <message>
      <source>Paper</source>
      <translation>Papier</translation>
    </message>
    <message>
      <source>Pages share</source>
      <translation>Seiten überlappen um</translation>
    </message>
    <message>
      <source>Width of the lines</source>
      <translation>Breite der Linien</translation>
    </message>
    <message>
      <source>Filled lightly</source>
      <translation>Leicht gefüllt</translation>
    </message>
    <message>
      <source>For the back: mirrored</source>
      <translation>Für die Rückseite: gespiegelt</translation>
    </message>
    <message>
      <source>A first page with squares to check the printer</source>
      <translation>Eine erste Seite mit Quadraten, um den Drucker zu prüfen</translation>
    </message>
    <message>
      <source>Drawn round each</source>
      <translation>Um jedes gezeichnet</translation>
    </message>
    <message>
      <source>nothing</source>
      <translation>nichts</translation>
    </message>
    <message>
      <source>change what it goes onto</source>
      <translation>ändern, worauf es kommt</translation>
    </message>
    <message>
      <source>madder</source>
      <translation>Krapp</translation>
    </message>
    <message>
      <source>ink</source>
      <translation>Tinte</translation>
    </message>
    <message>
      <source>leaf</source>
      <translation>Laub</translation>
    </message>
    <message>
      <source>honey</source>
      <translation>Honig</translation>
    </message>
    <message>
      <source>lake</source>
      <translation>See</translation>
    </message>
    <message>
      <source>plum</source>
      <translation>Pflaume</translation>
    </message>
    <message>
      <source>rose</source>
      <translation>Rosa</translation>
    </message>
    <message>
      <source>chalk</source>
      <translation>Kreide</translation>
    </message>
    <message>
      <source>linen</source>
      <translation>Leinen</translation>
    </message>
    <message>
      <source>white cotton</source>
      <translation>weißer Baumwolle</translation>
    </message>
    <message>
      <source>denim</source>
      <translation>Denim</translation>
    </message>
    <message>
      <source>slate</source>
      <translation>Schiefer</translation>
    </message>
    <message>
      <source>moss</source>
      <translation>Moos</translation>
    </message>
    <message>
      <source>blush</source>
      <translation>Zartrosa</translation>
    </message>
    <message>
      <source>change how it is sewn</source>
      <translation>ändern, wie gestickt wird</translation>
    </message>
    <message>
      <source>Letters are</source>
      <translation>Buchstaben sind</translation>
    </message>
    <message>
      <source>satin columns</source>
      <translation>Satinsäulen</translation>
    </message>
    <message>
      <source>filled in rows</source>
      <translation>in Reihen gefüllt</translation>
    </message>
    <message>
      <source>outlined</source>
      <translation>umrandet</translation>
    </message>
    <message>
      <source>The edge of cloth laid on</source>
      <translation>Die Kante aufgelegten Stoffs</translation>
    </message>
    <message>
      <source>satin</source>
      <translation>Satin</translation>
    </message>
    <message>
      <source>blanket stitch</source>
      <translation>Schlingstich</translation>
    </message>
    <message>
      <source>Between stitches</source>
      <translation>Zwischen den Stichen</translation>
    </message>
    <message>
      <source>Wider by, since thread pulls</source>
      <translation>Breiter um, weil Garn zieht</translation>
    </message>
    <message>
      <source>Width over an edge</source>
      <translation>Breite über einer Kante</translation>
    </message>
    <message>
      <source>Underlay beneath the cover</source>
      <translation>Unterlage unter der Decke</translation>
    </message>
    <message>
      <source>Rows at an angle of</source>
      <translation>Reihen im Winkel von</translation>
    </message>
    <message>
      <source>change the colours</source>
      <translation>die Farben ändern</translation>
    </message>
    <message>
      <source>Thread</source>
      <translation>Garn</translation>
    </message>
    <message>
      <source>Cloth</source>
      <translation>Stoff</translation>
    </message>
    <message>
      <source>Machines' files hold no colours: a note beside the file names them in order.</source>
      <translation>Dateien für Maschinen kennen keine Farben: eine Notiz daneben nennt sie der Reihe nach.</translation>
    </message>
    <message>
      <source>change the hoop</source>
      <translation>den Rahmen ändern</translation>
    </message>
    <message>
      <source>Hoop</source>
      <translation>Rahmen</translation>
    </message>
    <message>
      <source>no hoop</source>
      <translation>kein Rahmen</translation>
    </message>
    <message>
      <source>Stitches a minute</source>
      <translation>Stiche in der Minute</translation>
    </message>
    <message>
      <source>Names of a list together in it, as many as fit</source>
      <translation>Namen einer Liste zusammen darin, so viele passen</translation>
    </message>
    <message>
      <source>What is wider than the hoop and fits when it is turned is turned.</source>
      <translation>Was breiter als der Rahmen ist und gedreht passt, wird gedreht.</translation>
    </message>
    <message>
      <source>%1 apart</source>
      <translation>%1 auseinander</translation>
    </message>
    <message>
      <source>satin columns, %1</source>
      <translation>Satinsäulen, %1</translation>
    </message>
    <message>
      <source>rows of stitches, %1</source>
      <translation>Stichreihen, %1</translation>
    </message>
    <message>
      <source>a line round each</source>
      <translation>einer Linie um jeden</translation>
    </message>
    <message>
      <source>cloth laid on in three rounds, edged in satin</source>
      <translation>in drei Runden aufgelegtem Stoff, mit Satin eingefasst</translation>
    </message>
    <message>
      <source>cloth laid on in three rounds, edged in blanket stitch</source>
      <translation>in drei Runden aufgelegtem Stoff, mit Schlingstich eingefasst</translation>
    </message>
    <message>
      <source>thread, stitched as they came</source>
      <translation>Garn, gestickt wie geliefert</translation>
    </message>
    <message>
      <source>%1, stitched ones as they came</source>
      <translation>%1, gestickte wie geliefert</translation>
    </message>
    <message>
      <source>%1 thread on %2</source>
      <translation>%1-Garn auf %2</translation>
    </message>
    <message>
      <source>a hoop of %1 × %2</source>
      <translation>einem Rahmen von %1 × %2</translation>
    </message>
    <message>
      <source>%1, names together</source>
      <translation>%1, Namen zusammen</translation>
    </message>
    <message>
      <source>These letters become {sewn}, in {thread}, in {hoop}.</source>
      <translation>Diese Buchstaben werden zu {sewn}, in {thread}, in {hoop}.</translation>
    </message>
    <message>
      <source>All of it hangs together</source>
      <translation>Alles hängt zusammen</translation>
    </message>
    <message>
      <source>ask for one piece</source>
      <translation>ein Teil verlangen</translation>
    </message>
    <message>
      <source>For a name sign, a topper or a tag. Loose pieces become findings, with what ties them beside.</source>
      <translation>Für ein Namensschild, einen Tortenstecker oder einen Anhänger. Lose Teile werden zu Befunden, und was sie verbindet, steht daneben.</translation>
    </message>
    <message>
      <source>choose the sheet</source>
      <translation>den Bogen wählen</translation>
    </message>
    <message>
      <source>Width of the sheet, mat or hoop</source>
      <translation>Breite von Bogen, Matte oder Rahmen</translation>
    </message>
    <message>
      <source>Its height</source>
      <translation>Seine Höhe</translation>
    </message>
    <message>
      <source>0 is any size.</source>
      <translation>0 heißt jede Größe.</translation>
    </message>
    <message>
      <source>change how weeding is told</source>
      <translation>ändern, wie das Entgittern berechnet wird</translation>
    </message>
    <message>
      <source>A frame round the words, off them by</source>
      <translation>Ein Rahmen um die Wörter, Abstand</translation>
    </message>
    <message>
      <source>Parting lines, off the words by</source>
      <translation>Trennlinien, Abstand von den Wörtern</translation>
    </message>
    <message>
      <source>0 is none. How long weeding takes is told by your own hands:</source>
      <translation>0 heißt keiner. Wie lange das Entgittern dauert, sagen Ihre eigenen Hände:</translation>
    </message>
    <message>
      <source>For each part</source>
      <translation>Für jedes Teil</translation>
    </message>
    <message>
      <source>More for small parts</source>
      <translation>Mehr für kleine Teile</translation>
    </message>
    <message>
      <source>Small is under</source>
      <translation>Klein ist unter</translation>
    </message>
    <message>
      <source>Edge lifted</source>
      <translation>Gelöste Kante</translation>
    </message>
    <message>
      <source>Fewer nodes</source>
      <translation>Weniger Knoten</translation>
    </message>
    <message>
      <source>change the nodes</source>
      <translation>die Knoten ändern</translation>
    </message>
    <message>
      <source>No further from the drawn curves than</source>
      <translation>Nicht weiter von den gezeichneten Kurven als</translation>
    </message>
    <message>
      <source> in</source>
      <translation> Zoll</translation>
    </message>
    <message>
      <source> mm</source>
      <translation> mm</translation>
    </message>
    <message>
      <source> in²</source>
      <translation> Zoll²</translation>
    </message>
    <message>
      <source> mm²</source>
      <translation> mm²</translation>
    </message>
    <message>
      <source> s</source>
      <translation> s</translation>
    </message>
    <message>
      <source> in a s</source>
      <translation> Zoll je s</translation>
    </message>
    <message>
      <source> mm a s</source>
      <translation> mm je s</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobSession</name>
    <message>
      <source>not a file yet</source>
      <translation>noch keine Datei</translation>
    </message>
    <message>
      <source>start a new job</source>
      <translation>einen neuen Auftrag beginnen</translation>
    </message>
    <message>
      <source>Not everything in %1 could be read; it stays in the file when you save. %2</source>
      <translation>Nicht alles in %1 ließ sich lesen; es bleibt beim Speichern in der Datei. %2</translation>
    </message>
    <message>
      <source>open a job</source>
      <translation>einen Auftrag öffnen</translation>
    </message>
    <message>
      <source>go back to an earlier version</source>
      <translation>zu einer früheren Version zurück</translation>
    </message>
    <message>
      <source>start from a template</source>
      <translation>aus einer Vorlage beginnen</translation>
    </message>
    <message>
      <source>take up a job again</source>
      <translation>einen Auftrag wieder aufnehmen</translation>
    </message>
    <message>
      <source>%1 was changed by somebody else since you opened it. What it holds now is kept as an earlier version.</source>
      <translation>%1 wurde von jemand anderem geändert, seit Sie es geöffnet haben. Was jetzt darin steht, wird als frühere Version behalten.</translation>
    </message>
    <message>
      <source>Save over it</source>
      <translation>Darüber speichern</translation>
    </message>
    <message numerus="yes">
      <source>Saved the job as %1, without %n paper(s). %2</source>
      <translation>
        <numerusform>Auftrag als %1 gespeichert, ohne %n Papier. %2</numerusform>
        <numerusform>Auftrag als %1 gespeichert, ohne %n Papiere. %2</numerusform>
      </translation>
    </message>
    <message>
      <source>Saved the job as %1. It holds its letters and papers, so it opens without its fonts.</source>
      <translation>Auftrag als %1 gespeichert. Er enthält seine Buchstaben und Papiere und öffnet sich ohne seine Schriften.</translation>
    </message>
    <message>
      <source>There is a template “%1” already. It is kept as an earlier version.</source>
      <translation>Es gibt schon eine Vorlage „%1“. Sie wird als frühere Version behalten.</translation>
    </message>
    <message>
      <source>Replace it</source>
      <translation>Ersetzen</translation>
    </message>
    <message>
      <source>“%1” is a template now.</source>
      <translation>„%1“ ist jetzt eine Vorlage.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LeftOutCard</name>
    <message>
      <source>Turn by a quarter</source>
      <translation>Um ein Viertel drehen</translation>
    </message>
    <message>
      <source>turn by a quarter</source>
      <translation>um ein Viertel drehen</translation>
    </message>
    <message>
      <source>choose the material</source>
      <translation>das Material wählen</translation>
    </message>
    <message>
      <source>Larger than the sheet, and left out: %1</source>
      <translation>Größer als der Bogen und weggelassen: %1</translation>
    </message>
    <message>
      <source>Take %1</source>
      <translation>%1 nehmen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LetterSection</name>
    <message>
      <source>Moved across (Alt and arrows)</source>
      <translation>Seitwärts verschoben (Alt und Pfeile)</translation>
    </message>
    <message>
      <source>Moved up (Alt and arrows)</source>
      <translation>Nach oben verschoben (Alt und Pfeile)</translation>
    </message>
    <message>
      <source>Turned (Ctrl, Alt, left and right)</source>
      <translation>Gedreht (Strg, Alt, links und rechts)</translation>
    </message>
    <message>
      <source>Size (Ctrl, Alt, up and down)</source>
      <translation>Größe (Strg, Alt, auf und ab)</translation>
    </message>
    <message>
      <source>Space before it (Alt, comma and full stop)</source>
      <translation>Raum davor (Alt, Komma und Punkt)</translation>
    </message>
    <message>
      <source>moved</source>
      <translation>verschoben</translation>
    </message>
    <message>
      <source>moved across</source>
      <translation>seitwärts verschoben</translation>
    </message>
    <message>
      <source>moved up</source>
      <translation>nach oben verschoben</translation>
    </message>
    <message>
      <source>turned</source>
      <translation>gedreht</translation>
    </message>
    <message>
      <source>size</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>space before</source>
      <translation>Raum davor</translation>
    </message>
    <message>
      <source>Put it back</source>
      <translation>Zurücksetzen</translation>
    </message>
    <message>
      <source>As the font places it (Alt+0)</source>
      <translation>Wie die Schrift sie setzt (Alt+0)</translation>
    </message>
    <message>
      <source>Font of these letters</source>
      <translation>Schrift dieser Buchstaben</translation>
    </message>
    <message>
      <source>Into the tray</source>
      <translation>In den Motivkasten</translation>
    </message>
    <message>
      <source>Keeps the chosen letters as one motif, welded</source>
      <translation>Behält die gewählten Buchstaben als ein Motiv, verschweißt</translation>
    </message>
    <message>
      <source>A part into the tray</source>
      <translation>Einen Teil in den Kasten</translation>
    </message>
    <message>
      <source>Draw a frame over a part of the words: what is inside becomes a motif</source>
      <translation>Ziehen Sie einen Rahmen über einen Teil der Wörter: was darin ist, wird ein Motiv</translation>
    </message>
    <message>
      <source>font of letters</source>
      <translation>Schrift von Buchstaben</translation>
    </message>
    <message>
      <source>Material of these letters</source>
      <translation>Material dieser Buchstaben</translation>
    </message>
    <message>
      <source>What is of another material comes on a sheet of its own, with crosses to lay it over</source>
      <translation>Was aus anderem Material ist, kommt auf einen eigenen Bogen, mit Kreuzen zum Auflegen</translation>
    </message>
    <message>
      <source>What the tool does with these letters</source>
      <translation>Was das Werkzeug mit diesen Buchstaben tut</translation>
    </message>
    <message>
      <source>cut as the rest</source>
      <translation>geschnitten wie der Rest</translation>
    </message>
    <message>
      <source>cut out</source>
      <translation>ausgeschnitten</translation>
    </message>
    <message>
      <source>only scored</source>
      <translation>nur gerillt</translation>
    </message>
    <message>
      <source>drawn with a pen</source>
      <translation>mit dem Stift gezeichnet</translation>
    </message>
    <message>
      <source>How these letters are sewn</source>
      <translation>Wie diese Buchstaben gestickt werden</translation>
    </message>
    <message>
      <source>sewn as the rest</source>
      <translation>gestickt wie der Rest</translation>
    </message>
    <message>
      <source>sewn as satin</source>
      <translation>als Satin gestickt</translation>
    </message>
    <message>
      <source>filled in rows</source>
      <translation>in Reihen gefüllt</translation>
    </message>
    <message>
      <source>sewn as lines</source>
      <translation>als Linien gestickt</translation>
    </message>
    <message>
      <source>how letters are sewn</source>
      <translation>wie Buchstaben gestickt werden</translation>
    </message>
    <message>
      <source>material of letters</source>
      <translation>Material von Buchstaben</translation>
    </message>
    <message>
      <source>what is done with letters</source>
      <translation>was mit Buchstaben getan wird</translation>
    </message>
    <message>
      <source>move letters</source>
      <translation>Buchstaben verschieben</translation>
    </message>
    <message>
      <source>turn letters</source>
      <translation>Buchstaben drehen</translation>
    </message>
    <message>
      <source>resize letters</source>
      <translation>Buchstabengröße ändern</translation>
    </message>
    <message>
      <source>space before a letter</source>
      <translation>Raum vor einem Buchstaben</translation>
    </message>
    <message>
      <source>the job's font</source>
      <translation>die Schrift des Auftrags</translation>
    </message>
    <message>
      <source>of the job's thread</source>
      <translation>aus dem Garn des Auftrags</translation>
    </message>
    <message>
      <source>of the job's material</source>
      <translation>aus dem Material des Auftrags</translation>
    </message>
    <message>
      <source>%1 thread</source>
      <translation>%1-Garn</translation>
    </message>
    <message>
      <source>This piece (Alt and arrows move it)</source>
      <translation>Dieses Teil (Alt und Pfeile bewegen es)</translation>
    </message>
    <message>
      <source>This letter</source>
      <translation>Dieser Buchstabe</translation>
    </message>
    <message>
      <source>This motif</source>
      <translation>Dieses Motiv</translation>
    </message>
    <message>
      <source>This letter: %1</source>
      <translation>Dieser Buchstabe: %1</translation>
    </message>
    <message>
      <source>These %1 letters</source>
      <translation>Diese %1 Buchstaben</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LetterView</name>
    <message>
      <source>The letter %1 as it is sewn</source>
      <translation>Der Buchstabe %1, wie er gestickt wird</translation>
    </message>
    <message>
      <source>No letter chosen</source>
      <translation>Kein Buchstabe gewählt</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LetteringView</name>
    <message>
      <source>move letters</source>
      <translation>Buchstaben verschieben</translation>
    </message>
    <message>
      <source>%1 wide, %2 high</source>
      <translation>%1 breit, %2 hoch</translation>
    </message>
    <message>
      <source>width of letters</source>
      <translation>Breite der Buchstaben</translation>
    </message>
    <message>
      <source>size of lines</source>
      <translation>Größe der Zeilen</translation>
    </message>
    <message>
      <source>Draw a frame, or move it with the arrows (with Shift: its size). Enter takes it.</source>
      <translation>Einen Rahmen ziehen oder ihn mit den Pfeilen bewegen (mit Umschalt: seine Größe). Eingabe nimmt ihn.</translation>
    </message>
    <message>
      <source>move a block</source>
      <translation>einen Block verschieben</translation>
    </message>
    <message>
      <source>bend the words</source>
      <translation>die Wörter biegen</translation>
    </message>
    <message>
      <source>%1 across, %2 up</source>
      <translation>%1 seitwärts, %2 nach oben</translation>
    </message>
    <message>
      <source>%1 to the next ink</source>
      <translation>%1 bis zur nächsten Farbe</translation>
    </message>
    <message>
      <source>touches</source>
      <translation>berührt</translation>
    </message>
    <message>
      <source>move a piece</source>
      <translation>ein Teil verschieben</translation>
    </message>
    <message>
      <source>grows on</source>
      <translation>wächst an</translation>
    </message>
    <message>
      <source>set a guide</source>
      <translation>eine Hilfslinie setzen</translation>
    </message>
    <message>
      <source>move a guide</source>
      <translation>eine Hilfslinie verschieben</translation>
    </message>
    <message>
      <source>take a guide away</source>
      <translation>eine Hilfslinie wegnehmen</translation>
    </message>
    <message>
      <source>take a piece away</source>
      <translation>ein Teil wegnehmen</translation>
    </message>
    <message>
      <source>The words. Type to change them; Alt and arrows move a letter.</source>
      <translation>Die Wörter. Tippen ändert sie; Alt und Pfeile bewegen einen Buchstaben.</translation>
    </message>
    <message>
      <source>turn letters</source>
      <translation>Buchstaben drehen</translation>
    </message>
    <message>
      <source>resize letters</source>
      <translation>Buchstabengröße ändern</translation>
    </message>
    <message>
      <source>space before a letter</source>
      <translation>Raum vor einem Buchstaben</translation>
    </message>
    <message>
      <source>put letters back</source>
      <translation>Buchstaben zurücksetzen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LettersPage</name>
    <message>
      <source>Back</source>
      <translation>Zurück</translation>
    </message>
    <message>
      <source> mm</source>
      <translation> mm</translation>
    </message>
    <message>
      <source>This is the letter</source>
      <translation>Das ist der Buchstabe</translation>
    </message>
    <message>
      <source>in its form</source>
      <translation>in der Form</translation>
    </message>
    <message>
      <source>Form of the letter; empty for the usual one</source>
      <translation>Form des Buchstabens; leer für die übliche</translation>
    </message>
    <message>
      <source>usual</source>
      <translation>üblich</translation>
    </message>
    <message>
      <source>It is</source>
      <translation>So ist es</translation>
    </message>
    <message>
      <source>Leave it out</source>
      <translation>Weglassen</translation>
    </message>
    <message>
      <source>Take back</source>
      <translation>Zurücknehmen</translation>
    </message>
    <message>
      <source>It hangs below the line by</source>
      <translation>Er hängt unter der Zeile um</translation>
    </message>
    <message>
      <source>Room before it</source>
      <translation>Raum davor</translation>
    </message>
    <message>
      <source>Room after it</source>
      <translation>Raum danach</translation>
    </message>
    <message>
      <source>Keep these letters</source>
      <translation>Diese Buchstaben behalten</translation>
    </message>
    <message>
      <source>Letters of %1</source>
      <translation>Buchstaben von %1</translation>
    </message>
    <message>
      <source>To look at</source>
      <translation>Anzusehen</translation>
    </message>
    <message>
      <source>Told</source>
      <translation>Erkannt</translation>
    </message>
    <message>
      <source>%1, %2</source>
      <translation>%1, %2</translation>
    </message>
    <message>
      <source>“%1”: as you said, or as its package says.</source>
      <translation>„%1“: wie Sie sagten, oder wie das Paket sagt.</translation>
    </message>
    <message>
      <source>“%1”: told from its name.</source>
      <translation>„%1“: am Namen erkannt.</translation>
    </message>
    <message>
      <source>“%1”: its name does not tell surely. It is typed once you have said what it is.</source>
      <translation>„%1“: der Name sagt es nicht sicher. Er wird getippt, sobald Sie gesagt haben, was es ist.</translation>
    </message>
    <message>
      <source>Every letter is told.</source>
      <translation>Jeder Buchstabe ist erkannt.</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) to look at: say what (it|they) (is|are), or (it|they) cannot be typed.</source>
      <translation>
        <numerusform>%n Buchstabe anzusehen: sagen Sie, welcher es ist, sonst kann er nicht getippt werden.</numerusform>
        <numerusform>%n Buchstaben anzusehen: sagen Sie, welche es sind, sonst können sie nicht getippt werden.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 Missing: %2.</source>
      <translation>%1 Es fehlen: %2.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LikenessModel</name>
    <message>
      <source>this picture</source>
      <translation>dieses Bild</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LinesSection</name>
    <message>
      <source>How the lines stand under each other</source>
      <translation>Wie die Zeilen untereinander stehen</translation>
    </message>
    <message>
      <source>left edges</source>
      <translation>linken Kanten</translation>
    </message>
    <message>
      <source>middles</source>
      <translation>Mitten</translation>
    </message>
    <message>
      <source>right edges</source>
      <translation>rechten Kanten</translation>
    </message>
    <message>
      <source>lines of one width</source>
      <translation>Zeilen von einer Breite</translation>
    </message>
    <message>
      <source>Lines meet at their</source>
      <translation>Zeilen treffen sich an den</translation>
    </message>
    <message>
      <source>Distance of the lines, of the font's own</source>
      <translation>Zeilenabstand, beim eigenen der Schrift</translation>
    </message>
    <message>
      <source>Size of these lines beside the others</source>
      <translation>Größe dieser Zeilen neben den anderen</translation>
    </message>
    <message>
      <source>Width of the letters beside their own proportions</source>
      <translation>Breite der Buchstaben neben ihrem eigenen Verhältnis</translation>
    </message>
    <message>
      <source>line to line</source>
      <translation>Zeile zu Zeile</translation>
    </message>
    <message>
      <source>size of these lines</source>
      <translation>Größe dieser Zeilen</translation>
    </message>
    <message>
      <source>width of their letters</source>
      <translation>Breite ihrer Buchstaben</translation>
    </message>
    <message>
      <source>align lines</source>
      <translation>Zeilen ausrichten</translation>
    </message>
    <message>
      <source>line distance</source>
      <translation>Zeilenabstand</translation>
    </message>
    <message>
      <source>size of lines</source>
      <translation>Größe der Zeilen</translation>
    </message>
    <message>
      <source>width of letters</source>
      <translation>Breite der Buchstaben</translation>
    </message>
    <message>
      <source>keeps its proportions</source>
      <translation>behält das Verhältnis</translation>
    </message>
    <message>
      <source>The other side of the finished size</source>
      <translation>Die andere Seite der fertigen Größe</translation>
    </message>
    <message>
      <source>height of the whole</source>
      <translation>Höhe des Ganzen</translation>
    </message>
    <message>
      <source>width of the whole</source>
      <translation>Breite des Ganzen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MainWindow</name>
    <message>
      <source>Kept as you work</source>
      <translation>Wird laufend behalten</translation>
    </message>
    <message>
      <source>Open %1</source>
      <translation>%1 öffnen</translation>
    </message>
    <message>
      <source>Save the cut file</source>
      <translation>Schneidedatei speichern</translation>
    </message>
    <message>
      <source>Show the name before</source>
      <translation>Den vorigen Namen zeigen</translation>
    </message>
    <message>
      <source>Show the next name</source>
      <translation>Den nächsten Namen zeigen</translation>
    </message>
    <message>
      <source>Open a folder with fonts</source>
      <translation>Einen Ordner mit Schriften öffnen</translation>
    </message>
    <message>
      <source>Open a job</source>
      <translation>Einen Auftrag öffnen</translation>
    </message>
    <message>
      <source>Save the job</source>
      <translation>Auftrag speichern</translation>
    </message>
    <message>
      <source>New job</source>
      <translation>Neuer Auftrag</translation>
    </message>
    <message>
      <source>Copy as SVG</source>
      <translation>Als SVG kopieren</translation>
    </message>
    <message>
      <source>Find fonts that look like this one</source>
      <translation>Schriften finden, die dieser ähneln</translation>
    </message>
    <message>
      <source>To the words of the job</source>
      <translation>Zu den Wörtern des Auftrags</translation>
    </message>
    <message>
      <source>Keeping …</source>
      <translation>Wird behalten …</translation>
    </message>
    <message>
      <source>Kept a moment ago</source>
      <translation>Eben behalten</translation>
    </message>
    <message>
      <source>Not kept</source>
      <translation>Nicht behalten</translation>
    </message>
    <message>
      <source>%1 lies in the motif tray now.</source>
      <translation>%1 liegt jetzt im Motivkasten.</translation>
    </message>
    <message>
      <source>%1 of %2 that may be sold</source>
      <translation>%1 von %2, die verkauft werden dürfen</translation>
    </message>
    <message>
      <source>nothing that is known here</source>
      <translation>nichts, was hier bekannt ist</translation>
    </message>
    <message>
      <source>decision</source>
      <translation>Entscheidung</translation>
    </message>
    <message>
      <source>%1 of %2 sold with %3.</source>
      <translation>%1 von %2 mit %3 verkauft.</translation>
    </message>
    <message>
      <source>count what was sold</source>
      <translation>zählen, was verkauft wurde</translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Teil</numerusform>
        <numerusform>%n Teile</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n Punze</numerusform>
        <numerusform>%n Punzen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n node(s)</source>
      <translation>
        <numerusform>%n Knoten</numerusform>
        <numerusform>%n Knoten</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 to cut</source>
      <translation>%1 zu schneiden</translation>
    </message>
    <message>
      <source>Undo: %1</source>
      <translation>Rückgängig: %1</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Rückgängig</translation>
    </message>
    <message>
      <source>Redo: %1</source>
      <translation>Wiederholen: %1</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Wiederholen</translation>
    </message>
    <message>
      <source>Choose a font with pictures in Find first; then take it in here.</source>
      <translation>Wählen Sie zuerst in „Finden“ eine Schrift mit Bildern; dann nehmen Sie sie hier auf.</translation>
    </message>
    <message numerus="yes">
      <source>%n font file(s) could not be used. The first: %1</source>
      <translation>
        <numerusform>%n Schriftdatei war nicht zu gebrauchen: %1</numerusform>
        <numerusform>%n Schriftdateien waren nicht zu gebrauchen. Die erste: %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 is open now. Open the other %n package(s) after it.</source>
      <translation>
        <numerusform>%1 ist jetzt offen. Öffnen Sie danach das andere Paket.</numerusform>
        <numerusform>%1 ist jetzt offen. Öffnen Sie danach die anderen %n Pakete.</numerusform>
      </translation>
    </message>
    <message>
      <source>Under Ink</source>
      <translation>Under Ink</translation>
    </message>
    <message>
      <source>%1[*] – Under Ink</source>
      <translation>%1[*] – Under Ink</translation>
    </message>
    <message>
      <source>The cutter is not done yet. What it has not been told stays uncut when the window closes.</source>
      <translation>Der Schneider ist noch nicht fertig. Was ihm nicht gesagt wurde, bleibt ungeschnitten, wenn das Fenster zugeht.</translation>
    </message>
    <message>
      <source>Close all the same</source>
      <translation>Trotzdem schließen</translation>
    </message>
    <message>
      <source>The embroidery machine is not done yet. It stops where it is when the window closes.</source>
      <translation>Die Stickmaschine ist noch nicht fertig. Sie hält, wo sie ist, wenn das Fenster zugeht.</translation>
    </message>
    <message>
      <source>Handbook</source>
      <translation>Handbuch</translation>
    </message>
    <message>
      <source>%1 of outline</source>
      <translation>%1 Umriss</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MarkPanel</name>
    <message>
      <source>%1 %2 holds</source>
      <translation>%1 %2 hält</translation>
    </message>
    <message>
      <source>strokes from %1 (no care from %2), gaps from %3, pieces from %4</source>
      <translation>Striche ab %1 (unbedenklich ab %2), Lücken ab %3, Teile ab %4</translation>
    </message>
    <message>
      <source>Your own figures.</source>
      <translation>Ihre eigenen Werte.</translation>
    </message>
    <message>
      <source>Usual figures, from memory of the trade.</source>
      <translation>Übliche Werte, aus der Erfahrung des Handwerks.</translation>
    </message>
    <message>
      <source>Change them</source>
      <translation>Ändern</translation>
    </message>
    <message>
      <source>Your machine and material may hold more, or less</source>
      <translation>Ihre Maschine und Ihr Material halten vielleicht mehr oder weniger</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MaterialSection</name>
    <message>
      <source>Deep ink</source>
      <translation>Tiefe Tinte</translation>
    </message>
    <message>
      <source>Brick</source>
      <translation>Ziegel</translation>
    </message>
    <message>
      <source>Moss</source>
      <translation>Moos</translation>
    </message>
    <message>
      <source>Honey</source>
      <translation>Honig</translation>
    </message>
    <message>
      <source>Lavender</source>
      <translation>Lavendel</translation>
    </message>
    <message>
      <source>Slate</source>
      <translation>Schiefer</translation>
    </message>
    <message>
      <source>Chalk</source>
      <translation>Kreide</translation>
    </message>
    <message>
      <source>Kraft</source>
      <translation>Kraftpapier</translation>
    </message>
    <message>
      <source>Colour of the material</source>
      <translation>Farbe des Materials</translation>
    </message>
    <message>
      <source>Mirrored in the file</source>
      <translation>In der Datei gespiegelt</translation>
    </message>
    <message>
      <source>Show the overlaps</source>
      <translation>Überlappungen zeigen</translation>
    </message>
    <message>
      <source>How the letters lay over each other before they were welded</source>
      <translation>Wie die Buchstaben übereinanderlagen, bevor sie verschweißt wurden</translation>
    </message>
    <message>
      <source>Show the nodes</source>
      <translation>Knoten zeigen</translation>
    </message>
    <message>
      <source>Corners, smooth nodes, and the places where strokes met before they were welded</source>
      <translation>Ecken, glatte Knoten und die Stellen, an denen Striche sich vor dem Verschweißen trafen</translation>
    </message>
    <message>
      <source>Material</source>
      <translation>Material</translation>
    </message>
    <message numerus="yes">
      <source>%n corner(s)</source>
      <translation>
        <numerusform>%n Ecke</numerusform>
        <numerusform>%n Ecken</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n smooth node(s)</source>
      <translation>
        <numerusform>%n glatter Knoten</numerusform>
        <numerusform>%n glatte Knoten</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n place(s) where strokes meet</source>
      <translation>
        <numerusform>%n Stelle, an der Striche sich treffen</numerusform>
        <numerusform>%n Stellen, an denen Striche sich treffen</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MendingsSection</name>
    <message>
      <source>change a mending</source>
      <translation>eine Ausbesserung ändern</translation>
    </message>
    <message>
      <source>take back</source>
      <translation>zurücknehmen</translation>
    </message>
    <message>
      <source>Take back: %1</source>
      <translation>Zurücknehmen: %1</translation>
    </message>
    <message>
      <source>take back a mending</source>
      <translation>eine Ausbesserung zurücknehmen</translation>
    </message>
    <message>
      <source>Take all of it back</source>
      <translation>Alles zurücknehmen</translation>
    </message>
    <message>
      <source>take all mendings back</source>
      <translation>alle Ausbesserungen zurücknehmen</translation>
    </message>
    <message>
      <source>Enter mends the finding that is chosen, Delete leaves it as it is, Ctrl+Enter mends all that has a usual mending. Hold Space to see the words as they were.</source>
      <translation>Eingabe behebt den gewählten Befund, Entf lässt ihn, wie er ist, Strg+Eingabe behebt alles, wofür es eine übliche Ausbesserung gibt. Leertaste halten zeigt die Wörter, wie sie waren.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MessageLine</name>
    <message>
      <source>Close</source>
      <translation>Schließen</translation>
    </message>
    <message>
      <source>Close the message</source>
      <translation>Die Meldung schließen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MotifTray</name>
    <message>
      <source>take a font into the tray</source>
      <translation>eine Schrift in den Kasten nehmen</translation>
    </message>
    <message>
      <source>take a picture into the tray</source>
      <translation>ein Bild in den Kasten nehmen</translation>
    </message>
    <message>
      <source>take letters into the tray</source>
      <translation>Buchstaben in den Kasten nehmen</translation>
    </message>
    <message>
      <source>A name or a tag</source>
      <translation>Ein Name oder ein Stichwort</translation>
    </message>
    <message>
      <source>Find a motif by name, tag or collection; Enter puts the first into the line</source>
      <translation>Ein Motiv nach Name, Stichwort oder Sammlung finden; Eingabe setzt das erste in die Zeile</translation>
    </message>
    <message>
      <source>Collection</source>
      <translation>Sammlung</translation>
    </message>
    <message>
      <source>Into the line</source>
      <translation>In die Zeile</translation>
    </message>
    <message>
      <source>At the caret, as large as the letters</source>
      <translation>Am Zeiger, so groß wie die Buchstaben</translation>
    </message>
    <message>
      <source>Beside the letter</source>
      <translation>Neben den Buchstaben</translation>
    </message>
    <message>
      <source>Free beside the letter at the caret</source>
      <translation>Frei neben dem Buchstaben am Zeiger</translation>
    </message>
    <message>
      <source>As the tail</source>
      <translation>Als Schweif</translation>
    </message>
    <message>
      <source>Under the words, stretched to suit them</source>
      <translation>Unter den Wörtern, passend gestreckt</translation>
    </message>
    <message>
      <source>Mirror</source>
      <translation>Spiegeln</translation>
    </message>
    <message>
      <source>Left and right changed over</source>
      <translation>Links und rechts vertauscht</translation>
    </message>
    <message>
      <source>Weld</source>
      <translation>Verschweißen</translation>
    </message>
    <message>
      <source>Overlapping parts become one outline</source>
      <translation>Überlappende Teile werden ein Umriss</translation>
    </message>
    <message>
      <source>Take apart</source>
      <translation>Zerlegen</translation>
    </message>
    <message>
      <source>Each piece becomes a motif of its own</source>
      <translation>Jedes Teil wird ein eigenes Motiv</translation>
    </message>
    <message>
      <source>Sort…</source>
      <translation>Ordnen…</translation>
    </message>
    <message>
      <source>Their collection and their tags</source>
      <translation>Ihre Sammlung und ihre Stichwörter</translation>
    </message>
    <message>
      <source>Remove</source>
      <translation>Entfernen</translation>
    </message>
    <message>
      <source>Out of the tray</source>
      <translation>Aus dem Kasten</translation>
    </message>
    <message>
      <source>remove motifs</source>
      <translation>Motive entfernen</translation>
    </message>
    <message>
      <source>Take in this font</source>
      <translation>Diese Schrift aufnehmen</translation>
    </message>
    <message>
      <source>Every picture of the job's font becomes a motif</source>
      <translation>Jedes Bild der Schrift des Auftrags wird ein Motiv</translation>
    </message>
    <message>
      <source>From an SVG…</source>
      <translation>Aus einem SVG…</translation>
    </message>
    <message>
      <source>The filled outlines of a picture file</source>
      <translation>Die gefüllten Umrisse einer Bilddatei</translation>
    </message>
    <message>
      <source>Motifs</source>
      <translation>Motive</translation>
    </message>
    <message>
      <source>all collections</source>
      <translation>alle Sammlungen</translation>
    </message>
    <message>
      <source>%1, in %2%3. F2 renames it.</source>
      <translation>%1, in %2%3. F2 benennt es um.</translation>
    </message>
    <message>
      <source>; somebody else's mark</source>
      <translation>; fremdes Zeichen</translation>
    </message>
    <message>
      <source>Nothing lies in the tray yet. Choose a picture font in Find and take it in here at one stroke, or bring outlines from an SVG file.</source>
      <translation>Im Kasten liegt noch nichts. Wählen Sie in „Finden“ eine Bilderschrift und nehmen Sie sie hier in einem Zug auf, oder bringen Sie Umrisse aus einer SVG-Datei.</translation>
    </message>
    <message>
      <source>No motif is called so.</source>
      <translation>Kein Motiv heißt so.</translation>
    </message>
    <message numerus="yes">
      <source>Where %n motif(s) (belongs|belong)</source>
      <translation>
        <numerusform>Wohin %n Motiv gehört</numerusform>
        <numerusform>Wohin %n Motive gehören</numerusform>
      </translation>
    </message>
    <message>
      <source>as they are</source>
      <translation>wie sie sind</translation>
    </message>
    <message>
      <source>winter, bees</source>
      <translation>Winter, Bienen</translation>
    </message>
    <message>
      <source>Collection: a season, a theme</source>
      <translation>Sammlung: eine Jahreszeit, ein Thema</translation>
    </message>
    <message>
      <source>Tags, with commas between</source>
      <translation>Stichwörter, mit Kommas dazwischen</translation>
    </message>
    <message>
      <source>sort motifs</source>
      <translation>Motive ordnen</translation>
    </message>
    <message>
      <source>rename a motif</source>
      <translation>ein Motiv umbenennen</translation>
    </message>
    <message>
      <source>change motifs</source>
      <translation>Motive ändern</translation>
    </message>
    <message>
      <source>take motifs apart</source>
      <translation>Motive zerlegen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::NameList</name>
    <message>
      <source>not made yet</source>
      <translation>noch nicht gemacht</translation>
    </message>
    <message numerus="yes">
      <source>%1: %2, %n piece(s) of it</source>
      <translation>
        <numerusform>%1: %2, %n Stück</numerusform>
        <numerusform>%1: %2, %n Stück</numerusform>
      </translation>
    </message>
    <message>
      <source>× %1</source>
      <translation>× %1</translation>
    </message>
    <message>
      <source>…</source>
      <translation>…</translation>
    </message>
    <message>
      <source>the font lacks %1</source>
      <translation>der Schrift fehlt %1</translation>
    </message>
    <message>
      <source>too wide</source>
      <translation>zu breit</translation>
    </message>
    <message>
      <source>holds, made smaller</source>
      <translation>hält, kleiner gemacht</translation>
    </message>
    <message>
      <source>holds, closed up</source>
      <translation>hält, zusammengerückt</translation>
    </message>
    <message>
      <source>holds</source>
      <translation>hält</translation>
    </message>
    <message>
      <source>look</source>
      <translation>ansehen</translation>
    </message>
    <message>
      <source>%1 stroke, look</source>
      <translation>Strich %1, ansehen</translation>
    </message>
    <message>
      <source>%1 gap, look</source>
      <translation>Lücke %1, ansehen</translation>
    </message>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n anzusehen</numerusform>
        <numerusform>%n anzusehen</numerusform>
      </translation>
    </message>
    <message>
      <source>Names of this job</source>
      <translation>Namen dieses Auftrags</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::NamesSection</name>
    <message numerus="yes">
      <source>%n name(s).</source>
      <translation>
        <numerusform>%n Name.</numerusform>
        <numerusform>%n Namen.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>And %n more remark(s).</source>
      <translation>
        <numerusform>Und %n weitere Bemerkung.</numerusform>
        <numerusform>Und %n weitere Bemerkungen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Line %1 is empty: left out.</source>
      <translation>Zeile %1 ist leer: weggelassen.</translation>
    </message>
    <message>
      <source>Line %1: “%2” is in the list already. Both stay.</source>
      <translation>Zeile %1: „%2“ steht schon in der Liste. Beide bleiben.</translation>
    </message>
    <message>
      <source>Line %1 is longer than names are: “%2…”.</source>
      <translation>Zeile %1 ist länger, als Namen sind: „%2…“.</translation>
    </message>
    <message>
      <source>Line %1: how many of “%2” is no number from 1 to 1000: one.</source>
      <translation>Zeile %1: wie viele von „%2“, ist keine Zahl von 1 bis 1000: einmal.</translation>
    </message>
    <message>
      <source>Line %1: “%2” is beyond 2000 names: left out.</source>
      <translation>Zeile %1: „%2“ ist jenseits von 2000 Namen: weggelassen.</translation>
    </message>
    <message>
      <source>“%1” is taken for the heading of the list.</source>
      <translation>„%1“ wird als Überschrift der Liste genommen.</translation>
    </message>
    <message>
      <source>Names, one to a line</source>
      <translation>Namen, je einer in einer Zeile</translation>
    </message>
    <message>
      <source>Paste names here, one to a line, or a table with a heading: name, copies, colour, note</source>
      <translation>Namen hier einfügen, je einer in einer Zeile, oder eine Tabelle mit Überschrift: name, copies, colour, note</translation>
    </message>
    <message>
      <source>Make these</source>
      <translation>Diese machen</translation>
    </message>
    <message>
      <source>From a file…</source>
      <translation>Aus einer Datei…</translation>
    </message>
    <message>
      <source>No list: only the words that are shown</source>
      <translation>Keine Liste: nur die gezeigten Wörter</translation>
    </message>
    <message>
      <source>leave the list</source>
      <translation>die Liste verlassen</translation>
    </message>
    <message>
      <source>take a list of names</source>
      <translation>eine Namensliste nehmen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::NeedlePage</name>
    <message>
      <source>DST</source>
      <translation>DST</translation>
    </message>
    <message>
      <source>EXP</source>
      <translation>EXP</translation>
    </message>
    <message>
      <source>SVG</source>
      <translation>SVG</translation>
    </message>
    <message>
      <source>Picture</source>
      <translation>Bild</translation>
    </message>
    <message>
      <source>the letters</source>
      <translation>die Buchstaben</translation>
    </message>
    <message>
      <source>where the cloth lies</source>
      <translation>wo der Stoff liegt</translation>
    </message>
    <message>
      <source>the cloth held down</source>
      <translation>der Stoff geheftet</translation>
    </message>
    <message>
      <source>its edge covered</source>
      <translation>seine Kante eingefasst</translation>
    </message>
    <message>
      <source>%1 %</source>
      <translation>%1 %</translation>
    </message>
    <message>
      <source>%1 high: letters lower than %2 run together.</source>
      <translation>%1 hoch: Buchstaben unter %2 laufen zu.</translation>
    </message>
    <message numerus="yes">
      <source>%n stroke(s) thinner than %1, down to %2: a larger size, or thicken them in Proof.</source>
      <translation>
        <numerusform>%n Strich dünner als %1, bis %2: eine größere Größe, oder in „Prüfen“ verdicken.</numerusform>
        <numerusform>%n Striche dünner als %1, bis %2: eine größere Größe, oder in „Prüfen“ verdicken.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) wider than %1 are filled in rows.</source>
      <translation>
        <numerusform>%n Stelle breiter als %1 ist in Reihen gefüllt.</numerusform>
        <numerusform>%n Stellen breiter als %1 sind in Reihen gefüllt.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 layers of thread in places: the needle may break. Try it without underlay, or wider apart.</source>
      <translation>Stellenweise %1 Lagen Garn: die Nadel kann brechen. Versuchen Sie es ohne Unterlage, oder weiter auseinander.</translation>
    </message>
    <message>
      <source>%1 of the stitches are shorter than 0.3 mm: thread may break.</source>
      <translation>%1 der Stiche sind kürzer als 0,3 mm: das Garn kann reißen.</translation>
    </message>
    <message>
      <source>%1 of the letters are covered: cloth shows through.</source>
      <translation>%1 der Buchstaben sind gedeckt: der Stoff scheint durch.</translation>
    </message>
    <message>
      <source>%1 wide: larger than the hoop, also when it is turned.</source>
      <translation>%1 breit: größer als der Rahmen, auch gedreht.</translation>
    </message>
    <message>
      <source>The sewing</source>
      <translation>Das Sticken</translation>
    </message>
    <message>
      <source>%1 is sewn.</source>
      <translation>%1 ist gestickt.</translation>
    </message>
    <message>
      <source>show another name</source>
      <translation>einen anderen Namen zeigen</translation>
    </message>
    <message>
      <source>On the cloth</source>
      <translation>Auf dem Stoff</translation>
    </message>
    <message>
      <source>The needle's way</source>
      <translation>Der Weg der Nadel</translation>
    </message>
    <message>
      <source>How thick it lies</source>
      <translation>Wie dick es liegt</translation>
    </message>
    <message>
      <source>All of it</source>
      <translation>Alles davon</translation>
    </message>
    <message>
      <source>Show all of the sewing (0)</source>
      <translation>Das ganze Sticken zeigen (0)</translation>
    </message>
    <message>
      <source>Send to the practice machine</source>
      <translation>An Übungsmaschine senden</translation>
    </message>
    <message>
      <source>Save for your machine:</source>
      <translation>Für Ihre Maschine speichern:</translation>
    </message>
    <message>
      <source>Save as %1</source>
      <translation>Als %1 speichern</translation>
    </message>
    <message>
      <source>Save the cloth to cut (SVG)</source>
      <translation>Den Stoff zum Schneiden speichern (SVG)</translation>
    </message>
    <message>
      <source>Look into a stitch file…</source>
      <translation>In eine Stickdatei sehen…</translation>
    </message>
    <message numerus="yes">
      <source>%Ln stitch(es)</source>
      <translation>
        <numerusform>%Ln Stich</numerusform>
        <numerusform>%Ln Stiche</numerusform>
      </translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>noch nicht</translation>
    </message>
    <message>
      <source>Choose a font in Find: here your words are sewn.</source>
      <translation>Wählen Sie in „Finden“ eine Schrift: hier werden Ihre Wörter gestickt.</translation>
    </message>
    <message>
      <source>Threading the needle …</source>
      <translation>Die Nadel wird eingefädelt …</translation>
    </message>
    <message>
      <source>%1 m of thread</source>
      <translation>%1 m Garn</translation>
    </message>
    <message numerus="yes">
      <source>%n cut(s) of the thread</source>
      <translation>
        <numerusform>%n Fadenschnitt</numerusform>
        <numerusform>%n Fadenschnitte</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n stop(s)</source>
      <translation>
        <numerusform>%n Stopp</numerusform>
        <numerusform>%n Stopps</numerusform>
      </translation>
    </message>
    <message>
      <source> · </source>
      <translation> · </translation>
    </message>
    <message>
      <source>It cannot be sewn</source>
      <translation>Es lässt sich nicht sticken</translation>
    </message>
    <message>
      <source>Nothing is sewn yet</source>
      <translation>Noch ist nichts gestickt</translation>
    </message>
    <message>
      <source>Sews well</source>
      <translation>Stickt gut</translation>
    </message>
    <message numerus="yes">
      <source>%n thing(s) to look at</source>
      <translation>
        <numerusform>%n Sache anzusehen</numerusform>
        <numerusform>%n Sachen anzusehen</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>%1, fits the hoop</source>
      <translation>%1, passt in den Rahmen</translation>
    </message>
    <message>
      <source>%1, turned to fit the hoop</source>
      <translation>%1, gedreht, damit es in den Rahmen passt</translation>
    </message>
    <message>
      <source>%1, larger than the hoop</source>
      <translation>%1, größer als der Rahmen</translation>
    </message>
    <message>
      <source>Covers the letters</source>
      <translation>Deckt die Buchstaben</translation>
    </message>
    <message>
      <source>Columns</source>
      <translation>Säulen</translation>
    </message>
    <message>
      <source>%1 to %2</source>
      <translation>%1 bis %2</translation>
    </message>
    <message>
      <source>Shortest and longest stitch</source>
      <translation>Kürzester und längster Stich</translation>
    </message>
    <message>
      <source>Thickest</source>
      <translation>Am dicksten</translation>
    </message>
    <message numerus="yes">
      <source>%n layer(s)</source>
      <translation>
        <numerusform>%n Lage</numerusform>
        <numerusform>%n Lagen</numerusform>
      </translation>
    </message>
    <message>
      <source>%1. %2</source>
      <translation>%1. %2</translation>
    </message>
    <message>
      <source>Move the handle to see any moment of it.</source>
      <translation>Griff bewegen: jeder Augenblick.</translation>
    </message>
    <message>
      <source>%1: done</source>
      <translation>%1: fertig</translation>
    </message>
    <message>
      <source>%1: it stops, for you to lay or trim the cloth</source>
      <translation>%1: sie hält, damit Sie den Stoff auflegen oder beschneiden</translation>
    </message>
    <message>
      <source>%1: stitch %2, round %3</source>
      <translation>%1: Stich %2, Runde %3</translation>
    </message>
    <message>
      <source>There is nothing to save yet: choose a font in Find and type the words.</source>
      <translation>Es gibt noch nichts zu speichern: wählen Sie in „Finden“ eine Schrift und tippen Sie die Wörter.</translation>
    </message>
    <message>
      <source>It is still being sewn. Save again in a moment.</source>
      <translation>Es wird noch gestickt. Gleich noch einmal speichern.</translation>
    </message>
    <message>
      <source>It is still being sewn. Send again in a moment.</source>
      <translation>Es wird noch gestickt. Gleich noch einmal senden.</translation>
    </message>
    <message>
      <source>Nothing was handed off.</source>
      <translation>Nichts wurde übergeben.</translation>
    </message>
    <message>
      <source>%1 is on its way to the machine.</source>
      <translation>%1 ist unterwegs zur Maschine.</translation>
    </message>
    <message>
      <source>It ends before its end: what is there is shown. Change the job to come back to it.</source>
      <translation>Sie endet vor ihrem Ende: was da ist, wird gezeigt. Eine Änderung am Auftrag führt zu ihm zurück.</translation>
    </message>
    <message>
      <source>A file, not the job: change the job to come back to it.</source>
      <translation>Eine Datei, nicht der Auftrag: eine Änderung am Auftrag führt zu ihm zurück.</translation>
    </message>
    <message>
      <source>Size</source>
      <translation>Größe</translation>
    </message>
    <message>
      <source>Stitches</source>
      <translation>Stiche</translation>
    </message>
    <message>
      <source>Colours</source>
      <translation>Farben</translation>
    </message>
    <message>
      <source>Cuts of the thread</source>
      <translation>Fadenschnitte</translation>
    </message>
    <message>
      <source>What is sewn and how</source>
      <translation>Was gestickt wird und wie</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PairCallout</name>
    <message>
      <source>join them</source>
      <translation>verbinden</translation>
    </message>
    <message>
      <source>%1 and %2: left as drawn</source>
      <translation>%1 und %2: wie gezeichnet</translation>
    </message>
    <message>
      <source>%1 and %2: nothing stands side by side</source>
      <translation>%1 und %2: nichts steht nebeneinander</translation>
    </message>
    <message>
      <source>%1 and %2: do not touch</source>
      <translation>%1 und %2: berühren sich nicht</translation>
    </message>
    <message>
      <source>Join %1 and %2</source>
      <translation>%1 und %2 verbinden</translation>
    </message>
    <message>
      <source>join two letters</source>
      <translation>zwei Buchstaben verbinden</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PanelSection</name>
    <message>
      <source> in</source>
      <translation> Zoll</translation>
    </message>
    <message>
      <source> mm</source>
      <translation> mm</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PatternView</name>
    <message>
      <source>The pages of the pattern</source>
      <translation>Die Seiten des Papierschnitts</translation>
    </message>
    <message>
      <source>The first page: squares to check the printer with</source>
      <translation>Die erste Seite: Quadrate, um den Drucker zu prüfen</translation>
    </message>
    <message>
      <source>Page %1</source>
      <translation>Seite %1</translation>
    </message>
    <message numerus="yes">
      <source>%1, of %n. Arrows choose another, Enter shows it alone.</source>
      <translation>
        <numerusform>%1, von %n. Pfeile wählen eine andere, Eingabe zeigt sie allein.</numerusform>
        <numerusform>%1, von %n. Pfeile wählen eine andere, Eingabe zeigt sie allein.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PicturePage</name>
    <message>
      <source>All fonts</source>
      <translation>Alle Schriften</translation>
    </message>
    <message>
      <source>What is this lettering, and what looks like it?</source>
      <translation>Was ist dieser Schriftzug, und was ähnelt ihm?</translation>
    </message>
    <message>
      <source>Open a picture…</source>
      <translation>Ein Bild öffnen…</translation>
    </message>
    <message>
      <source>Paste a picture</source>
      <translation>Ein Bild einfügen</translation>
    </message>
    <message>
      <source>Nothing that was copied is a picture. Copy one first.</source>
      <translation>Was kopiert wurde, ist kein Bild. Kopieren Sie zuerst eines.</translation>
    </message>
    <message>
      <source>Drop a picture of lettering here, paste one, or open a file.
It stays on this computer.</source>
      <translation>Ziehen Sie ein Bild mit einem Schriftzug hierher, fügen Sie eines ein, oder öffnen Sie eine Datei.
Es bleibt auf diesem Rechner.</translation>
    </message>
    <message>
      <source>It says</source>
      <translation>Es sagt</translation>
    </message>
    <message>
      <source>What the lettering says</source>
      <translation>Was der Schriftzug sagt</translation>
    </message>
    <message>
      <source>type what you read</source>
      <translation>tippen Sie, was Sie lesen</translation>
    </message>
    <message>
      <source>in</source>
      <translation>Zoll</translation>
    </message>
    <message>
      <source>Tone of the lettering</source>
      <translation>Ton des Schriftzugs</translation>
    </message>
    <message>
      <source>that rise by</source>
      <translation>die steigen um</translation>
    </message>
    <message>
      <source>How far the line rises to the right, in degrees</source>
      <translation>Wie weit die Zeile nach rechts steigt, in Grad</translation>
    </message>
    <message>
      <source>°</source>
      <translation>°</translation>
    </message>
    <message>
      <source>Straighten the plate</source>
      <translation>Das Schild geraderücken</translation>
    </message>
    <message>
      <source>Put the corners on the label or sign that is seen</source>
      <translation>Die Ecken auf das Etikett oder Schild legen, das zu sehen ist</translation>
    </message>
    <message>
      <source>Whole picture</source>
      <translation>Ganzes Bild</translation>
    </message>
    <message>
      <source>Take the frame away</source>
      <translation>Den Rahmen wegnehmen</translation>
    </message>
    <message>
      <source>Take the last stroke back</source>
      <translation>Den letzten Strich zurück</translation>
    </message>
    <message>
      <source>What was painted out last comes back</source>
      <translation>Was zuletzt weggemalt wurde, kommt zurück</translation>
    </message>
    <message>
      <source>No label or sign stands out from its ground. Drag the corners by hand.</source>
      <translation>Kein Etikett und kein Schild hebt sich vom Grund ab. Ziehen Sie die Ecken von Hand.</translation>
    </message>
    <message>
      <source>Fonts that look like it, the likest first</source>
      <translation>Schriften, die ihm ähneln, die ähnlichsten zuerst</translation>
    </message>
    <message>
      <source>Show them with the job's words</source>
      <translation>Mit den Wörtern des Auftrags zeigen</translation>
    </message>
    <message>
      <source>Choose this font</source>
      <translation>Diese Schrift wählen</translation>
    </message>
    <message>
      <source>Stop looking</source>
      <translation>Suche beenden</translation>
    </message>
    <message>
      <source>the tone found</source>
      <translation>der gefundene Ton</translation>
    </message>
    <message>
      <source>light letters</source>
      <translation>helle Buchstaben</translation>
    </message>
    <message>
      <source>dark letters</source>
      <translation>dunkle Buchstaben</translation>
    </message>
    <message>
      <source>as found</source>
      <translation>wie gefunden</translation>
    </message>
    <message>
      <source>because I say so</source>
      <translation>weil ich es sage</translation>
    </message>
    <message>
      <source>The outline of %1 over what was understood: “%2” is furthest off. A font's name says nothing of its licence; the verdict does.</source>
      <translation>Der Umriss von %1 über dem, was verstanden wurde: „%2“ weicht am weitesten ab. Der Name einer Schrift sagt nichts über ihre Lizenz; das Urteil sagt es.</translation>
    </message>
    <message>
      <source>Type what the lettering says: the same words are laid over it in every font.</source>
      <translation>Tippen Sie, was der Schriftzug sagt: dieselben Wörter werden in jeder Schrift darübergelegt.</translation>
    </message>
    <message numerus="yes">
      <source>Getting to know the fonts, %1 of %n so far; that happens once.</source>
      <translation>
        <numerusform>Die Schriften werden kennengelernt, bisher %1 von %n; das geschieht einmal.</numerusform>
        <numerusform>Die Schriften werden kennengelernt, bisher %1 von %n; das geschieht einmal.</numerusform>
      </translation>
    </message>
    <message>
      <source>Looking …</source>
      <translation>Sucht …</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s) look like it.</source>
      <translation>
        <numerusform>%n Schrift ähnelt ihm.</numerusform>
        <numerusform>%n Schriften ähneln ihm.</numerusform>
      </translation>
    </message>
    <message>
      <source>No font here looks like it. Check what it says, and the frame.</source>
      <translation>Keine Schrift hier ähnelt ihm. Prüfen Sie, was es sagt, und den Rahmen.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PictureView</name>
    <message>
      <source>Draw a frame round the lettering; drag its corners where it is seen at an angle</source>
      <translation>Ziehen Sie einen Rahmen um den Schriftzug; ziehen Sie seine Ecken, wo er schräg zu sehen ist</translation>
    </message>
    <message>
      <source>The picture, with a frame round its lettering</source>
      <translation>Das Bild, mit einem Rahmen um seinen Schriftzug</translation>
    </message>
    <message>
      <source>Corner %1 of 4, at %2, %3. Page Down goes to the next corner, arrow keys move it.</source>
      <translation>Ecke %1 von 4, bei %2, %3. Bild ab geht zur nächsten Ecke, Pfeiltasten bewegen sie.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PiecesView</name>
    <message>
      <source>The pieces, each on its own</source>
      <translation>Die Teile, jedes für sich</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>%1 · %2</source>
      <translation>%1 · %2</translation>
    </message>
    <message>
      <source>There are no pieces yet.</source>
      <translation>Es gibt noch keine Teile.</translation>
    </message>
    <message>
      <source>Piece %1 of %2: %3</source>
      <translation>Teil %1 von %2: %3</translation>
    </message>
    <message>
      <source>, too small to hold</source>
      <translation>, zu klein, um zu halten</translation>
    </message>
    <message>
      <source>%1, a speck</source>
      <translation>%1, ein Splitter</translation>
    </message>
    <message numerus="yes">
      <source>and %n smaller piece(s)</source>
      <translation>
        <numerusform>und %n kleineres Teil</numerusform>
        <numerusform>und %n kleinere Teile</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) (falls|fall) out of the sheet</source>
      <translation>
        <numerusform>%n Punze fällt aus dem Bogen</numerusform>
        <numerusform>%n Punzen fallen aus dem Bogen</numerusform>
      </translation>
    </message>
    <message>
      <source>The sheet is one piece: nothing falls out.</source>
      <translation>Der Bogen ist ein Stück: nichts fällt heraus.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ProcessLimitsDialog</name>
    <message>
      <source>What it holds</source>
      <translation>Was es hält</translation>
    </message>
    <message>
      <source>Every font and every word is judged by these. Cut a test of your own and put in what held.</source>
      <translation>Jede Schrift und jedes Wort wird danach beurteilt. Schneiden Sie eine eigene Probe und tragen Sie ein, was gehalten hat.</translation>
    </message>
    <message>
      <source>Thinnest stroke</source>
      <translation>Dünnster Strich</translation>
    </message>
    <message>
      <source>thinner ones fail</source>
      <translation>dünnere versagen</translation>
    </message>
    <message>
      <source>No care needed from</source>
      <translation>Unbedenklich ab</translation>
    </message>
    <message>
      <source>between the two, look at it</source>
      <translation>zwischen beiden: ansehen</translation>
    </message>
    <message>
      <source>Narrowest gap</source>
      <translation>Engste Lücke</translation>
    </message>
    <message>
      <source>narrower ones close up</source>
      <translation>engere gehen zu</translation>
    </message>
    <message>
      <source>Smallest piece</source>
      <translation>Kleinstes Teil</translation>
    </message>
    <message>
      <source>smaller ones come off</source>
      <translation>kleinere lösen sich</translation>
    </message>
    <message>
      <source>Smallest middle</source>
      <translation>Kleinste Punze</translation>
    </message>
    <message>
      <source>smaller ones close, or cannot be picked</source>
      <translation>kleinere gehen zu oder lassen sich nicht entgittern</translation>
    </message>
    <message>
      <source>Bridge of a stencil</source>
      <translation>Steg einer Schablone</translation>
    </message>
    <message>
      <source>as wide as this</source>
      <translation>so breit</translation>
    </message>
    <message>
      <source>Back to the usual figures</source>
      <translation>Zurück zu den üblichen Werten</translation>
    </message>
    <message>
      <source>Done</source>
      <translation>Fertig</translation>
    </message>
    <message>
      <source>%1 %2 holds</source>
      <translation>%1 %2 hält</translation>
    </message>
    <message>
      <source> in²</source>
      <translation> Zoll²</translation>
    </message>
    <message>
      <source> in</source>
      <translation> Zoll</translation>
    </message>
    <message>
      <source> mm²</source>
      <translation> mm²</translation>
    </message>
    <message>
      <source> mm</source>
      <translation> mm</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ProofList</name>
    <message numerus="yes">
      <source>and %n more</source>
      <translation>
        <numerusform>und %n weiterer</numerusform>
        <numerusform>und %n weitere</numerusform>
      </translation>
    </message>
    <message>
      <source>Bridge %1</source>
      <translation>Steg %1</translation>
    </message>
    <message>
      <source>%1 Mended as far as it goes: %2.</source>
      <translation>%1 Behoben, so weit es geht: %2.</translation>
    </message>
    <message>
      <source>What is done to all of a kind is done to these too.</source>
      <translation>Was mit allen dieser Art geschieht, geschieht auch mit diesen.</translation>
    </message>
    <message>
      <source>%1 across</source>
      <translation>%1 quer</translation>
    </message>
    <message>
      <source>Findings</source>
      <translation>Befunde</translation>
    </message>
    <message>
      <source>Leave them all</source>
      <translation>Alle lassen</translation>
    </message>
    <message>
      <source>Leave it</source>
      <translation>So lassen</translation>
    </message>
    <message>
      <source>Take it off</source>
      <translation>Wegnehmen</translation>
    </message>
    <message>
      <source>Back along the stroke</source>
      <translation>Den Strich zurück</translation>
    </message>
    <message>
      <source>On along the stroke</source>
      <translation>Den Strich weiter</translation>
    </message>
    <message>
      <source>One more, opposite</source>
      <translation>Noch einer, gegenüber</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ProofPage</name>
    <message>
      <source>In the material</source>
      <translation>Im Material</translation>
    </message>
    <message>
      <source>Outline and nodes</source>
      <translation>Umriss und Knoten</translation>
    </message>
    <message>
      <source>Before the weld</source>
      <translation>Vor dem Verschweißen</translation>
    </message>
    <message>
      <source>Pieces</source>
      <translation>Teile</translation>
    </message>
    <message>
      <source>All of it</source>
      <translation>Alles davon</translation>
    </message>
    <message>
      <source>Show all of the words (Ctrl+0)</source>
      <translation>Alle Wörter zeigen (Strg+0)</translation>
    </message>
    <message>
      <source>Mend all</source>
      <translation>Alle beheben</translation>
    </message>
    <message>
      <source>All that has a usual mending, each kind as one rule (Ctrl+Enter)</source>
      <translation>Alles, wofür es eine übliche Ausbesserung gibt, jede Art als eine Regel (Strg+Eingabe)</translation>
    </message>
    <message>
      <source>What it holds…</source>
      <translation>Was es hält…</translation>
    </message>
    <message>
      <source>take a bridge off</source>
      <translation>einen Steg wegnehmen</translation>
    </message>
    <message>
      <source>add a bridge</source>
      <translation>einen Steg hinzufügen</translation>
    </message>
    <message>
      <source>looking …</source>
      <translation>sieht nach …</translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>noch nicht</translation>
    </message>
    <message>
      <source>in order</source>
      <translation>in Ordnung</translation>
    </message>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n anzusehen</numerusform>
        <numerusform>%n anzusehen</numerusform>
      </translation>
    </message>
    <message>
      <source>Looking at the words …</source>
      <translation>Die Wörter werden angesehen …</translation>
    </message>
    <message>
      <source>Choose a font in Find: here you see what its words hold.</source>
      <translation>Wählen Sie in „Finden“ eine Schrift: hier sehen Sie, was ihre Wörter halten.</translation>
    </message>
    <message>
      <source>Nothing to look at yet</source>
      <translation>Noch nichts anzusehen</translation>
    </message>
    <message>
      <source>All in order</source>
      <translation>Alles in Ordnung</translation>
    </message>
    <message>
      <source>%1, %2</source>
      <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
      <source>%n in order</source>
      <translation>
        <numerusform>%n in Ordnung</numerusform>
        <numerusform>%n in Ordnung</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 %2 holds %3.</source>
      <translation>%1 %2 hält %3.</translation>
    </message>
    <message>
      <source>%1 %2 holds %3 well, %4 at the least.</source>
      <translation>%1 %2 hält %3 gut, %4 mindestens.</translation>
    </message>
    <message numerus="yes">
      <source>about %n min to weed</source>
      <translation>
        <numerusform>etwa %n Minute zu entgittern</numerusform>
        <numerusform>etwa %n Minuten zu entgittern</numerusform>
      </translation>
    </message>
    <message>
      <source>%1, the smallest middle %2, %3 of edge</source>
      <translation>%1, die kleinste Punze %2, %3 Kante</translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) to pick</source>
      <translation>
        <numerusform>%n Teil zu entgittern</numerusform>
        <numerusform>%n Teile zu entgittern</numerusform>
      </translation>
    </message>
    <message>
      <source>%1, %2 of edge</source>
      <translation>%1, %2 Kante</translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Teil</numerusform>
        <numerusform>%n Teile</numerusform>
      </translation>
    </message>
    <message>
      <source>%1, %2, %3 to cut</source>
      <translation>%1, %2, %3 zu schneiden</translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n Punze</numerusform>
        <numerusform>%n Punzen</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n mending(s)</source>
      <translation>
        <numerusform>%n Ausbesserung</numerusform>
        <numerusform>%n Ausbesserungen</numerusform>
      </translation>
    </message>
    <message>
      <source>are cut as they are drawn</source>
      <translation>werden geschnitten, wie sie gezeichnet sind</translation>
    </message>
    <message>
      <source>These words {mended}, {whole}, and keep {nodes}.</source>
      <translation>Diese Wörter {mended}, {whole} und behalten {nodes}.</translation>
    </message>
    <message>
      <source>These words have {mended}, {whole}, and keep {nodes}.</source>
      <translation>Diese Wörter haben {mended}, {whole} und behalten {nodes}.</translation>
    </message>
    <message>
      <source>These words have %1, {whole}, and keep {nodes}.</source>
      <translation>Diese Wörter haben %1, {whole} und behalten {nodes}.</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>hang together as one</source>
      <translation>hängen als eines zusammen</translation>
    </message>
    <message>
      <source>may be of several pieces</source>
      <translation>dürfen aus mehreren Teilen sein</translation>
    </message>
    <message>
      <source>fewer nodes, within %1</source>
      <translation>weniger Knoten, innerhalb von %1</translation>
    </message>
    <message>
      <source>every node as drawn</source>
      <translation>jeden Knoten wie gezeichnet</translation>
    </message>
    <message>
      <source>a sheet of %1 × %2</source>
      <translation>einem Bogen von %1 × %2</translation>
    </message>
    <message>
      <source>a sheet %1 wide</source>
      <translation>einem %1 breiten Bogen</translation>
    </message>
    <message>
      <source>a sheet %1 high</source>
      <translation>einem %1 hohen Bogen</translation>
    </message>
    <message>
      <source>any sheet</source>
      <translation>jedem Bogen</translation>
    </message>
    <message>
      <source>They come from {sheet}.</source>
      <translation>Sie kommen aus {sheet}.</translation>
    </message>
    <message>
      <source>without a frame</source>
      <translation>ohne Rahmen</translation>
    </message>
    <message>
      <source>inside a frame with parting lines</source>
      <translation>in einem Rahmen mit Trennlinien</translation>
    </message>
    <message>
      <source>inside a frame</source>
      <translation>in einem Rahmen</translation>
    </message>
    <message>
      <source>They come from {sheet}, {weeding}.</source>
      <translation>Sie kommen aus {sheet}, {weeding}.</translation>
    </message>
    <message>
      <source>mend %1</source>
      <translation>%1 beheben</translation>
    </message>
    <message>
      <source>everything thicker</source>
      <translation>alles dicker</translation>
    </message>
    <message>
      <source>fewer nodes</source>
      <translation>weniger Knoten</translation>
    </message>
    <message>
      <source>sew low letters as lines</source>
      <translation>niedrige Buchstaben als Linien sticken</translation>
    </message>
    <message>
      <source>no underlay</source>
      <translation>keine Unterlage</translation>
    </message>
    <message>
      <source>stitches wider apart</source>
      <translation>Stiche weiter auseinander</translation>
    </message>
    <message>
      <source>leave %1 as they are</source>
      <translation>%1 lassen, wie sie sind</translation>
    </message>
    <message>
      <source>mend all</source>
      <translation>alle beheben</translation>
    </message>
    <message>
      <source>Nothing has to be mended.</source>
      <translation>Nichts muss behoben werden.</translation>
    </message>
    <message>
      <source>What is left has no usual mending: choose for each.</source>
      <translation>Für den Rest gibt es keine übliche Ausbesserung: wählen Sie einzeln.</translation>
    </message>
    <message>
      <source>move a bridge</source>
      <translation>einen Steg verschieben</translation>
    </message>
    <message>
      <source>Proof</source>
      <translation>Prüfen</translation>
    </message>
    <message>
      <source>%1, %2, %3 of outline</source>
      <translation>%1, %2, %3 Umriss</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::RunCard</name>
    <message>
      <source>%1, from its beginning to its end</source>
      <translation>%1, vom Anfang bis zum Ende</translation>
    </message>
    <message>
      <source>Play</source>
      <translation>Abspielen</translation>
    </message>
    <message>
      <source>See it being made (Space on the ribbon)</source>
      <translation>Zusehen, wie es gemacht wird (Leertaste auf dem Band)</translation>
    </message>
    <message>
      <source>How fast it plays</source>
      <translation>Wie schnell es läuft</translation>
    </message>
    <message>
      <source>as fast as the machine</source>
      <translation>so schnell wie die Maschine</translation>
    </message>
    <message>
      <source>%1 times as fast</source>
      <translation>%1-mal so schnell</translation>
    </message>
    <message>
      <source>Pause</source>
      <translation>Anhalten</translation>
    </message>
    <message>
      <source>middles first, then letters, frames last</source>
      <translation>Punzen zuerst, dann Buchstaben, Rahmen zuletzt</translation>
    </message>
    <message>
      <source>middles first, then letters</source>
      <translation>Punzen zuerst, dann Buchstaben</translation>
    </message>
    <message>
      <source>%1 · %2 to cut, %3 in the air</source>
      <translation>%1 · %2 zu schneiden, %3 in der Luft</translation>
    </message>
    <message>
      <source>%1 · %2</source>
      <translation>%1 · %2</translation>
    </message>
    <message>
      <source>%1 · %2 to draw, %3 in the air</source>
      <translation>%1 · %2 zu zeichnen, %3 in der Luft</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::RunRibbon</name>
    <message>
      <source>%1 s</source>
      <translation>%1 s</translation>
    </message>
    <message>
      <source>%1 min %2 s</source>
      <translation>%1 min %2 s</translation>
    </message>
    <message>
      <source>%1 h %2 min</source>
      <translation>%1 h %2 min</translation>
    </message>
    <message>
      <source>%1 of %2</source>
      <translation>%1 von %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SendStrip</name>
    <message>
      <source>Parts that are cut</source>
      <translation>Geschnittene Teile</translation>
    </message>
    <message>
      <source>Start again</source>
      <translation>Von vorn beginnen</translation>
    </message>
    <message>
      <source>Give up</source>
      <translation>Aufgeben</translation>
    </message>
    <message>
      <source>Calling the cutter …</source>
      <translation>Der Schneider wird gerufen …</translation>
    </message>
    <message>
      <source>Cutting part %1 of %2</source>
      <translation>Schneidet Teil %1 von %2</translation>
    </message>
    <message>
      <source>Paused: the cutter ends what it was told, then rests</source>
      <translation>Angehalten: der Schneider beendet, was ihm gesagt wurde, und ruht dann</translation>
    </message>
    <message>
      <source>The lid is open. Close it, and the cutter goes on.</source>
      <translation>Der Deckel ist offen. Schließen Sie ihn, und der Schneider fährt fort.</translation>
    </message>
    <message>
      <source>The material has come to its end. Load more, and the cutter goes on.</source>
      <translation>Das Material ist zu Ende. Legen Sie nach, und der Schneider fährt fort.</translation>
    </message>
    <message>
      <source>That sheet is cut. Lay the next one, then go on.</source>
      <translation>Dieser Bogen ist geschnitten. Legen Sie den nächsten ein, dann weiter.</translation>
    </message>
    <message>
      <source>All of it is cut.</source>
      <translation>Alles ist geschnitten.</translation>
    </message>
    <message>
      <source>No cutter answers there. Switch it on, then go on.</source>
      <translation>Dort antwortet kein Schneider. Schalten Sie ihn ein, dann weiter.</translation>
    </message>
    <message>
      <source>The cutter is busy with something else. Wait, then go on.</source>
      <translation>Der Schneider ist mit etwas anderem beschäftigt. Warten Sie, dann weiter.</translation>
    </message>
    <message>
      <source>The line to the cutter broke after part %1 of %2.</source>
      <translation>Die Leitung zum Schneider riss nach Teil %1 von %2.</translation>
    </message>
    <message>
      <source>The cutter says nothing any more. Look after it, then go on.</source>
      <translation>Der Schneider sagt nichts mehr. Sehen Sie nach ihm, dann weiter.</translation>
    </message>
    <message>
      <source>The cutter lost a part of what was sent: part %1 of %2 is not as it should be. Look at the sheet before you go on.</source>
      <translation>Der Schneider hat einen Teil des Gesendeten verloren: Teil %1 von %2 ist nicht, wie es sein soll. Sehen Sie den Bogen an, bevor Sie weitermachen.</translation>
    </message>
    <message>
      <source>What answers there is no cutter. Look at the address.</source>
      <translation>Was dort antwortet, ist kein Schneider. Prüfen Sie die Adresse.</translation>
    </message>
    <message>
      <source>Resume</source>
      <translation>Fortsetzen</translation>
    </message>
    <message>
      <source>Pause</source>
      <translation>Anhalten</translation>
    </message>
    <message>
      <source>Go on</source>
      <translation>Weiter</translation>
    </message>
    <message>
      <source>Go on from part %1</source>
      <translation>Ab Teil %1 weiter</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SentenceBar</name>
    <message>
      <source>%1, can be changed</source>
      <translation>%1, änderbar</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SewStrip</name>
    <message>
      <source>Stitches that are sewn</source>
      <translation>Gestickte Stiche</translation>
    </message>
    <message>
      <source>Start again</source>
      <translation>Von vorn beginnen</translation>
    </message>
    <message>
      <source>Give up</source>
      <translation>Aufgeben</translation>
    </message>
    <message>
      <source>No machine answers there. Switch it on, then go on.</source>
      <translation>Dort antwortet keine Maschine. Schalten Sie sie ein, dann weiter.</translation>
    </message>
    <message>
      <source>The machine sews for somebody else. Wait, then go on.</source>
      <translation>Die Maschine stickt für jemand anderen. Warten Sie, dann weiter.</translation>
    </message>
    <message>
      <source>The machine went off after stitch %1. Switch it on, leave the hoop as it is, then go on.</source>
      <translation>Die Maschine ging nach Stich %1 aus. Schalten Sie sie ein, lassen Sie den Rahmen, wie er ist, dann weiter.</translation>
    </message>
    <message>
      <source>The machine says nothing any more. Look after it, then go on.</source>
      <translation>Die Maschine sagt nichts mehr. Sehen Sie nach ihr, dann weiter.</translation>
    </message>
    <message>
      <source>Another hoop is on than this needs. Change it, then go on.</source>
      <translation>Es ist ein anderer Rahmen eingespannt, als dies braucht. Wechseln Sie ihn, dann weiter.</translation>
    </message>
    <message>
      <source>Not all of the file came through. Send it again.</source>
      <translation>Nicht die ganze Datei kam an. Senden Sie sie noch einmal.</translation>
    </message>
    <message>
      <source>What answers there is no embroidery machine. Look at the address.</source>
      <translation>Was dort antwortet, ist keine Stickmaschine. Prüfen Sie die Adresse.</translation>
    </message>
    <message>
      <source>Calling the machine …</source>
      <translation>Die Maschine wird gerufen …</translation>
    </message>
    <message>
      <source>Sewing: stitch %1 of %2</source>
      <translation>Stickt: Stich %1 von %2</translation>
    </message>
    <message>
      <source>Paused at stitch %1</source>
      <translation>Bei Stich %1 angehalten</translation>
    </message>
    <message>
      <source>It stops after stitch %1: lay or trim the cloth, or change the thread.</source>
      <translation>Sie hält nach Stich %1: legen Sie den Stoff auf oder beschneiden Sie ihn, oder wechseln Sie das Garn.</translation>
    </message>
    <message>
      <source>The thread broke at stitch %1. Thread it again.</source>
      <translation>Das Garn riss bei Stich %1. Fädeln Sie es wieder ein.</translation>
    </message>
    <message>
      <source>All of it is sewn.</source>
      <translation>Alles ist gestickt.</translation>
    </message>
    <message>
      <source>Pause</source>
      <translation>Anhalten</translation>
    </message>
    <message>
      <source>Go on sewing</source>
      <translation>Weitersticken</translation>
    </message>
    <message>
      <source>Send it again</source>
      <translation>Noch einmal senden</translation>
    </message>
    <message>
      <source>Go on from stitch %1</source>
      <translation>Ab Stich %1 weiter</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShapeSection</name>
    <message>
      <source>Straight</source>
      <translation>Gerade</translation>
    </message>
    <message>
      <source>Hill</source>
      <translation>Hügel</translation>
    </message>
    <message>
      <source>Valley</source>
      <translation>Tal</translation>
    </message>
    <message>
      <source>Arch</source>
      <translation>Bogen</translation>
    </message>
    <message>
      <source>Circle</source>
      <translation>Kreis</translation>
    </message>
    <message>
      <source>Wave</source>
      <translation>Welle</translation>
    </message>
    <message>
      <source>Rising</source>
      <translation>Steigend</translation>
    </message>
    <message>
      <source>Taper</source>
      <translation>Verjüngt</translation>
    </message>
    <message>
      <source>Bulge</source>
      <translation>Gewölbt</translation>
    </message>
    <message>
      <source>Slant</source>
      <translation>Geneigt</translation>
    </message>
    <message>
      <source>Mirror</source>
      <translation>Spiegeln</translation>
    </message>
    <message>
      <source>By its four corners</source>
      <translation>An den vier Ecken</translation>
    </message>
    <message>
      <source>Shape</source>
      <translation>Form</translation>
    </message>
    <message>
      <source>How much</source>
      <translation>Wie viel</translation>
    </message>
    <message>
      <source>Where on the circle the words stand, from the top</source>
      <translation>Wo auf dem Kreis die Wörter stehen, von oben</translation>
    </message>
    <message>
      <source>letters bend with it</source>
      <translation>Buchstaben biegen sich mit</translation>
    </message>
    <message>
      <source>inside the circle</source>
      <translation>innen im Kreis</translation>
    </message>
    <message>
      <source>lower left</source>
      <translation>untere linke</translation>
    </message>
    <message>
      <source>lower right</source>
      <translation>untere rechte</translation>
    </message>
    <message>
      <source>upper right</source>
      <translation>obere rechte</translation>
    </message>
    <message>
      <source>upper left</source>
      <translation>obere linke</translation>
    </message>
    <message>
      <source>%1 corner, up</source>
      <translation>%1 Ecke, nach oben</translation>
    </message>
    <message>
      <source>%1 corner, across</source>
      <translation>%1 Ecke, seitwärts</translation>
    </message>
    <message>
      <source>bend the words</source>
      <translation>die Wörter biegen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SheetPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Alle meine Schriften</translation>
    </message>
    <message>
      <source>Save as PDF…</source>
      <translation>Als PDF speichern…</translation>
    </message>
    <message>
      <source>The sheet as it will be printed</source>
      <translation>Das Blatt, wie es gedruckt wird</translation>
    </message>
    <message>
      <source>Making the sheet …</source>
      <translation>Das Blatt wird gemacht …</translation>
    </message>
    <message numerus="yes">
      <source>%1 · %n page(s) of A4, at true size</source>
      <translation>
        <numerusform>%1 · %n Seite A4, in wahrer Größe</numerusform>
        <numerusform>%1 · %n Seiten A4, in wahrer Größe</numerusform>
      </translation>
    </message>
    <message>
      <source>Saved %1. Print it at 100 %, so that the sizes hold. It is in %2</source>
      <translation>%1 gespeichert. Mit 100 % drucken, damit die Größen stimmen. Es liegt in %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SheetView</name>
    <message>
      <source>The sheet</source>
      <translation>Der Bogen</translation>
    </message>
    <message>
      <source>cut off here · %1 of the roll used</source>
      <translation>hier abgeschnitten · %1 der Rolle gebraucht</translation>
    </message>
    <message>
      <source>%1 of the sheet used · the rest stays whole</source>
      <translation>%1 des Bogens gebraucht · der Rest bleibt ganz</translation>
    </message>
    <message>
      <source>Tab and arrows choose and move what lies on the sheet.</source>
      <translation>Tab und Pfeile wählen und bewegen, was auf dem Bogen liegt.</translation>
    </message>
    <message>
      <source>%1: %2 from the left, %3 from the top, %4 wide, %5 high</source>
      <translation>%1: %2 von links, %3 von oben, %4 breit, %5 hoch</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfDelegate</name>
    <message>
      <source>no other letters for these words</source>
      <translation>keine anderen Buchstaben für diese Wörter</translation>
    </message>
    <message>
      <source>for this job only</source>
      <translation>nur für diesen Auftrag</translation>
    </message>
    <message>
      <source>until %1</source>
      <translation>bis %1</translation>
    </message>
    <message>
      <source>without %1</source>
      <translation>ohne %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfKeeper</name>
    <message>
      <source>change the shelf</source>
      <translation>das Regal ändern</translation>
    </message>
    <message numerus="yes">
      <source>Their day is over: %n font(s) (was|were) taken away from the other programs.</source>
      <translation>
        <numerusform>Ihr Tag ist um: %n Schrift wurde aus den anderen Programmen genommen.</numerusform>
        <numerusform>Ihr Tag ist um: %n Schriften wurden aus den anderen Programmen genommen.</numerusform>
      </translation>
    </message>
    <message>
      <source>Undone: %1 as before.</source>
      <translation>Rückgängig: %1 wie zuvor.</translation>
    </message>
    <message>
      <source>%1: in the set “%2”.</source>
      <translation>%1: im Satz „%2“.</translation>
    </message>
    <message>
      <source>%1: no longer in the set “%2”.</source>
      <translation>%1: nicht mehr im Satz „%2“.</translation>
    </message>
    <message>
      <source>%1: tagged “%2”.</source>
      <translation>%1: mit Stichwort „%2“.</translation>
    </message>
    <message>
      <source>%1: no longer tagged “%2”.</source>
      <translation>%1: ohne Stichwort „%2“.</translation>
    </message>
    <message>
      <source>Kept the note on %1.</source>
      <translation>Die Notiz zu %1 ist behalten.</translation>
    </message>
    <message>
      <source>The note on %1 is as before.</source>
      <translation>Die Notiz zu %1 ist wie zuvor.</translation>
    </message>
    <message>
      <source>The letters are put right. Those they were before are set aside.</source>
      <translation>Die Buchstaben sind berichtigt. Die früheren sind beiseitegelegt.</translation>
    </message>
    <message>
      <source>The letters are as before. Those that were put right are set aside.</source>
      <translation>Die Buchstaben sind wie zuvor. Die berichtigten sind beiseitegelegt.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfPage</name>
    <message numerus="yes">
      <source>%n new font(s) (is|are) on the shelf now.</source>
      <translation>
        <numerusform>%n neue Schrift ist jetzt im Regal.</numerusform>
        <numerusform>%n neue Schriften sind jetzt im Regal.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n glyph(s). What is on which key, its code point, and the glyph's name; crossed out: somebody else's mark.</source>
      <translation>
        <numerusform>%n Glyphe. Was auf welcher Taste liegt, ihr Code und der Name der Glyphe; durchgestrichen: fremdes Zeichen.</numerusform>
        <numerusform>%n Glyphen. Was auf welcher Taste liegt, ihr Code und der Name der Glyphe; durchgestrichen: fremdes Zeichen.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1: key map</source>
      <translation>%1: Tastenplan</translation>
    </message>
    <message>
      <source>%1 wide, %2 high</source>
      <translation>%1 breit, %2 hoch</translation>
    </message>
    <message numerus="yes">
      <source>“%1” in %n font(s)</source>
      <translation>
        <numerusform>„%1“ in %n Schrift</numerusform>
        <numerusform>„%1“ in %n Schriften</numerusform>
      </translation>
    </message>
    <message>
      <source>As large as they will be cut. Print at 100 %.</source>
      <translation>So groß, wie sie geschnitten werden. Mit 100 % drucken.</translation>
    </message>
    <message>
      <source>my shelf.zip</source>
      <translation>mein Regal.zip</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n font(s), their documents, rights, sets, tags and notes. Read it on the other computer with “Read a carried shelf”.</source>
      <translation>
        <numerusform>%1 mit %n Schrift gespeichert, mit Dokumenten, Rechten, Sätzen, Stichwörtern und Notizen. Auf dem anderen Rechner mit „Ein mitgenommenes Regal lesen“ lesen.</numerusform>
        <numerusform>%1 mit %n Schriften gespeichert, mit Dokumenten, Rechten, Sätzen, Stichwörtern und Notizen. Auf dem anderen Rechner mit „Ein mitgenommenes Regal lesen“ lesen.</numerusform>
      </translation>
    </message>
    <message>
      <source>fonts for all users.zip</source>
      <translation>Schriften für alle.zip</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n font(s). READ-ME-FIRST.txt in it says what whoever looks after the computer has to do.</source>
      <translation>
        <numerusform>%1 mit %n Schrift gespeichert. READ-ME-FIRST.txt darin sagt, was zu tun ist, wer sich um den Rechner kümmert.</numerusform>
        <numerusform>%1 mit %n Schriften gespeichert. READ-ME-FIRST.txt darin sagt, was zu tun ist, wer sich um den Rechner kümmert.</numerusform>
      </translation>
    </message>
    <message>
      <source>Show fonts that have this in name, set, tag or note</source>
      <translation>Schriften zeigen, die das in Name, Satz, Stichwort oder Notiz haben</translation>
    </message>
    <message>
      <source>Name, set, tag or note</source>
      <translation>Name, Satz, Stichwort oder Notiz</translation>
    </message>
    <message>
      <source>Order of your fonts</source>
      <translation>Ordnung Ihrer Schriften</translation>
    </message>
    <message>
      <source>with their other letters</source>
      <translation>mit ihren anderen Buchstaben</translation>
    </message>
    <message>
      <source>narrow down</source>
      <translation>eingrenzen</translation>
    </message>
    <message>
      <source>Last used</source>
      <translation>Zuletzt benutzt</translation>
    </message>
    <message>
      <source>used at any time</source>
      <translation>irgendwann benutzt</translation>
    </message>
    <message>
      <source>used this month</source>
      <translation>diesen Monat benutzt</translation>
    </message>
    <message>
      <source>used this year</source>
      <translation>dieses Jahr benutzt</translation>
    </message>
    <message>
      <source>not used for a year</source>
      <translation>ein Jahr nicht benutzt</translation>
    </message>
    <message>
      <source>never used</source>
      <translation>nie benutzt</translation>
    </message>
    <message>
      <source>Taken in</source>
      <translation>Aufgenommen</translation>
    </message>
    <message>
      <source>taken in at any time</source>
      <translation>irgendwann aufgenommen</translation>
    </message>
    <message>
      <source>taken in this month</source>
      <translation>diesen Monat aufgenommen</translation>
    </message>
    <message>
      <source>taken in this year</source>
      <translation>dieses Jahr aufgenommen</translation>
    </message>
    <message>
      <source>taken in longer ago</source>
      <translation>vor längerem aufgenommen</translation>
    </message>
    <message>
      <source>Of which set</source>
      <translation>Aus welchem Satz</translation>
    </message>
    <message>
      <source>From which package</source>
      <translation>Aus welchem Paket</translation>
    </message>
    <message>
      <source>Take in a package…</source>
      <translation>Ein Paket aufnehmen…</translation>
    </message>
    <message>
      <source>Read a carried shelf…</source>
      <translation>Ein mitgenommenes Regal lesen…</translation>
    </message>
    <message>
      <source>Twins</source>
      <translation>Doppelgänger</translation>
    </message>
    <message>
      <source>Health</source>
      <translation>Zustand</translation>
    </message>
    <message>
      <source>Your fonts, each with the job's words</source>
      <translation>Ihre Schriften, jede mit den Wörtern des Auftrags</translation>
    </message>
    <message>
      <source>Put the fonts that come with Under Ink here</source>
      <translation>Die Schriften, die mit Under Ink kommen, hierher stellen</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n Schrift</numerusform>
        <numerusform>%n Schriften</numerusform>
      </translation>
    </message>
    <message>
      <source>closed</source>
      <translation>geschlossen</translation>
    </message>
    <message>
      <source>of any set</source>
      <translation>aus jedem Satz</translation>
    </message>
    <message>
      <source>of the set “%1”</source>
      <translation>aus dem Satz „%1“</translation>
    </message>
    <message>
      <source>from any package</source>
      <translation>aus jedem Paket</translation>
    </message>
    <message>
      <source>from %1</source>
      <translation>von %1</translation>
    </message>
    <message>
      <source>Show fonts that are %1</source>
      <translation>Schriften zeigen, die %1 sind</translation>
    </message>
    <message>
      <source>Opening the shelf …</source>
      <translation>Das Regal wird geöffnet …</translation>
    </message>
    <message>
      <source>Nothing is on your shelf yet.
Take a package in, drop a font on the window, or begin with the fonts that come with Under Ink.</source>
      <translation>In Ihrem Regal ist noch nichts.
Nehmen Sie ein Paket auf, ziehen Sie eine Schrift auf das Fenster, oder beginnen Sie mit den Schriften, die mit Under Ink kommen.</translation>
    </message>
    <message>
      <source>No font is all of this.
Take one of the wishes back to see more.</source>
      <translation>Keine Schrift ist all das.
Nehmen Sie einen Wunsch zurück, um mehr zu sehen.</translation>
    </message>
    <message>
      <source>Specimen of %1</source>
      <translation>Muster von %1</translation>
    </message>
    <message>
      <source>Carry %1…</source>
      <translation>%1 mitnehmen…</translation>
    </message>
    <message>
      <source>For all users…</source>
      <translation>Für alle Benutzer…</translation>
    </message>
    <message>
      <source>Shelf</source>
      <translation>Regal</translation>
    </message>
    <message>
      <source>%1 stitched %2 mm</source>
      <translation>%1 gestickt %2 mm</translation>
    </message>
    <message>
      <source>Making stitches of %1 …</source>
      <translation>Aus %1 werden Stiche …</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n letter(s). %2</source>
      <translation>
        <numerusform>%1 mit %n Buchstaben gespeichert. %2</numerusform>
        <numerusform>%1 mit %n Buchstaben gespeichert. %2</numerusform>
      </translation>
    </message>
    <message>
      <source>No stitched letters were made.</source>
      <translation>Es wurden keine gestickten Buchstaben gemacht.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfPanel</name>
    <message>
      <source>The chosen fonts</source>
      <translation>Die gewählten Schriften</translation>
    </message>
    <message>
      <source>Install</source>
      <translation>Installieren</translation>
    </message>
    <message>
      <source>How long it stays installed</source>
      <translation>Wie lange sie installiert bleibt</translation>
    </message>
    <message>
      <source>for good</source>
      <translation>dauerhaft</translation>
    </message>
    <message>
      <source>for this job only</source>
      <translation>nur für diesen Auftrag</translation>
    </message>
    <message>
      <source>until a day</source>
      <translation>bis zu einem Tag</translation>
    </message>
    <message>
      <source>The last day it is needed</source>
      <translation>Der letzte Tag, an dem sie gebraucht wird</translation>
    </message>
    <message>
      <source>Take away from other programs</source>
      <translation>Aus anderen Programmen nehmen</translation>
    </message>
    <message>
      <source>Set aside</source>
      <translation>Beiseitelegen</translation>
    </message>
    <message>
      <source>Put back on the shelf</source>
      <translation>Zurück ins Regal</translation>
    </message>
    <message>
      <source>Put on the shelf</source>
      <translation>Ins Regal stellen</translation>
    </message>
    <message>
      <source>Set the words in it</source>
      <translation>Die Wörter darin setzen</translation>
    </message>
    <message>
      <source>Sets</source>
      <translation>Sätze</translation>
    </message>
    <message>
      <source>New set: a season, a customer</source>
      <translation>Neuer Satz: eine Jahreszeit, ein Kunde</translation>
    </message>
    <message>
      <source>Tags</source>
      <translation>Stichwörter</translation>
    </message>
    <message>
      <source>New tag</source>
      <translation>Neues Stichwort</translation>
    </message>
    <message>
      <source>Note</source>
      <translation>Notiz</translation>
    </message>
    <message>
      <source>Note on this font</source>
      <translation>Notiz zu dieser Schrift</translation>
    </message>
    <message>
      <source>Look at its letters</source>
      <translation>Ihre Buchstaben ansehen</translation>
    </message>
    <message>
      <source>Key map sheet</source>
      <translation>Blatt mit Tastenplan</translation>
    </message>
    <message>
      <source>Rights dossier</source>
      <translation>Rechtemappe</translation>
    </message>
    <message>
      <source>No font chosen</source>
      <translation>Keine Schrift gewählt</translation>
    </message>
    <message>
      <source>Choose one, or several with Shift or Ctrl: then install them, set them aside, or put them into a set.</source>
      <translation>Wählen Sie eine, oder mehrere mit Umschalt oder Strg: dann installieren, beiseitelegen oder in einen Satz geben.</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n Schrift</numerusform>
        <numerusform>%n Schriften</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 %2</source>
      <translation>%1 %2</translation>
    </message>
    <message>
      <source>Installed by other software. It is shown here and never touched.</source>
      <translation>Von anderer Software installiert. Sie wird hier gezeigt und nie angefasst.</translation>
    </message>
    <message>
      <source>Not on the shelf: it %1.</source>
      <translation>Nicht im Regal: %1.</translation>
    </message>
    <message>
      <source>On the shelf. Its letters come as stitches, made for capitals of %1; they are typed here and installed nowhere.</source>
      <translation>Im Regal. Ihre Buchstaben kommen als Stiche, gemacht für Großbuchstaben von %1; sie werden hier getippt und nirgends installiert.</translation>
    </message>
    <message>
      <source>On the shelf: only Under Ink sees it.</source>
      <translation>Im Regal: nur Under Ink sieht sie.</translation>
    </message>
    <message>
      <source>Set aside: kept, and out of the way.</source>
      <translation>Beiseitegelegt: behalten und aus dem Weg.</translation>
    </message>
    <message>
      <source>Installed until %1: every program of yours sees it.</source>
      <translation>Installiert bis %1: alle Ihre Programme sehen sie.</translation>
    </message>
    <message>
      <source>Installed for “%1” only: you are asked when that job is closed.</source>
      <translation>Nur für „%1“ installiert: Sie werden gefragt, wenn der Auftrag geschlossen wird.</translation>
    </message>
    <message>
      <source>Installed: every program of yours sees it.</source>
      <translation>Installiert: alle Ihre Programme sehen sie.</translation>
    </message>
    <message>
      <source>%1 (%2 of them)</source>
      <translation>%1 (%2 davon)</translation>
    </message>
    <message>
      <source>In the set %1</source>
      <translation>Im Satz %1</translation>
    </message>
    <message>
      <source>%1  ×</source>
      <translation>%1  ×</translation>
    </message>
    <message>
      <source>Take away the tag %1</source>
      <translation>Das Stichwort %1 wegnehmen</translation>
    </message>
    <message>
      <source>Taken in on %1.</source>
      <translation>Aufgenommen am %1.</translation>
    </message>
    <message>
      <source>From %1, taken in on %2.</source>
      <translation>Aus %1, aufgenommen am %2.</translation>
    </message>
    <message>
      <source>File: %1, %2 kB.</source>
      <translation>Datei: %1, %2 kB.</translation>
    </message>
    <message>
      <source>Not used yet.</source>
      <translation>Noch nicht benutzt.</translation>
    </message>
    <message>
      <source>“%1” (%2)</source>
      <translation>„%1“ (%2)</translation>
    </message>
    <message>
      <source>Used on %1.</source>
      <translation>Benutzt für %1.</translation>
    </message>
    <message>
      <source>No document came with it.</source>
      <translation>Kein Dokument kam mit.</translation>
    </message>
    <message>
      <source>Open the document %1</source>
      <translation>Das Dokument %1 öffnen</translation>
    </message>
    <message>
      <source>Stop making stitches</source>
      <translation>Nicht weiter zu Stichen machen</translation>
    </message>
    <message>
      <source>Make stitched letters of it…</source>
      <translation>Gestickte Buchstaben daraus machen…</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SizeSection</name>
    <message>
      <source>Width</source>
      <translation>Breite</translation>
    </message>
    <message>
      <source>Height</source>
      <translation>Höhe</translation>
    </message>
    <message>
      <source>Keep this size</source>
      <translation>Diese Größe behalten</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>keep a size</source>
      <translation>eine Größe behalten</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SmallerButton</name>
    <message>
      <source>Make it %1 wide</source>
      <translation>%1 breit machen</translation>
    </message>
    <message>
      <source>Make it %1 high</source>
      <translation>%1 hoch machen</translation>
    </message>
    <message>
      <source>Make its letters %1</source>
      <translation>Die Buchstaben %1 groß machen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SpacingSection</name>
    <message>
      <source>Letter spacing</source>
      <translation>Buchstabenabstand</translation>
    </message>
    <message>
      <source>As drawn</source>
      <translation>Wie gezeichnet</translation>
    </message>
    <message>
      <source>The spacing the font was drawn with</source>
      <translation>Der Abstand, mit dem die Schrift gezeichnet wurde</translation>
    </message>
    <message>
      <source>as drawn</source>
      <translation>wie gezeichnet</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::StationRail</name>
    <message>
      <source>Stations</source>
      <translation>Stationen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::StrokeBox</name>
    <message>
      <source>This stroke is a line, %1 wide as drawn.</source>
      <translation>Dieser Strich ist eine Linie, gezeichnet %1 breit.</translation>
    </message>
    <message>
      <source>This stroke is satin of %1.</source>
      <translation>Dieser Strich ist Satin von %1.</translation>
    </message>
    <message>
      <source>This stroke is satin of %1, split in the middle.</source>
      <translation>Dieser Strich ist Satin von %1, in der Mitte geteilt.</translation>
    </message>
    <message>
      <source>This is filled in rows, up to %1 wide.</source>
      <translation>Dies ist in Reihen gefüllt, bis %1 breit.</translation>
    </message>
    <message>
      <source>How this stroke is sewn</source>
      <translation>Wie dieser Strich gestickt wird</translation>
    </message>
    <message>
      <source>sewn as the rest</source>
      <translation>gestickt wie der Rest</translation>
    </message>
    <message>
      <source>as satin</source>
      <translation>als Satin</translation>
    </message>
    <message>
      <source>in rows</source>
      <translation>in Reihen</translation>
    </message>
    <message>
      <source>as a line</source>
      <translation>als Linie</translation>
    </message>
    <message>
      <source>Press a stroke to see what it is, and to sew it otherwise (Page Down goes through them).</source>
      <translation>Drücken Sie einen Strich, um zu sehen, was er ist, und ihn anders zu sticken (Bild ab geht durch alle).</translation>
    </message>
    <message>
      <source>%1 Names one by one can be sewn otherwise.</source>
      <translation>%1 Einzelne Namen lassen sich anders sticken.</translation>
    </message>
    <message>
      <source>how a stroke is sewn</source>
      <translation>wie ein Strich gestickt wird</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::TailSection</name>
    <message>
      <source>Tail under the words, below them by</source>
      <translation>Schweif unter den Wörtern, Abstand</translation>
    </message>
    <message>
      <source>How far below the letters</source>
      <translation>Wie weit unter den Buchstaben</translation>
    </message>
    <message>
      <source>tail under the words</source>
      <translation>Schweif unter den Wörtern</translation>
    </message>
    <message>
      <source>hang the tail</source>
      <translation>den Schweif anhängen</translation>
    </message>
    <message>
      <source>The font's own tail of the nearest width, or a motif: choose one among the motifs and press “As a tail”.</source>
      <translation>Der eigene Schweif der Schrift von nächster Breite, oder ein Motiv: wählen Sie eines unter den Motiven und drücken Sie „Als Schweif“.</translation>
    </message>
    <message>
      <source>It is the motif %1.</source>
      <translation>Es ist das Motiv %1.</translation>
    </message>
    <message>
      <source>It is one of the font's own.</source>
      <translation>Es ist einer der Schrift.</translation>
    </message>
    <message>
      <source>This font has no tail: choose a motif and press “As a tail”.</source>
      <translation>Diese Schrift hat keinen Schweif: wählen Sie ein Motiv und drücken Sie „Als Schweif“.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::Transfers</name>
    <message>
      <source>Progress of %1</source>
      <translation>Fortschritt von %1</translation>
    </message>
    <message>
      <source>Pause</source>
      <translation>Anhalten</translation>
    </message>
    <message>
      <source>Go on</source>
      <translation>Weiter</translation>
    </message>
    <message>
      <source>Cancel</source>
      <translation>Abbrechen</translation>
    </message>
    <message>
      <source>Open the package</source>
      <translation>Das Paket öffnen</translation>
    </message>
    <message>
      <source>Try again</source>
      <translation>Noch einmal versuchen</translation>
    </message>
    <message>
      <source>%1 of %2 kB</source>
      <translation>%1 von %2 kB</translation>
    </message>
    <message>
      <source>Paused at %1 of %2 kB</source>
      <translation>Angehalten bei %1 von %2 kB</translation>
    </message>
    <message>
      <source>Here, and its checksum is right</source>
      <translation>Da, und die Prüfsumme stimmt</translation>
    </message>
    <message>
      <source>In your download folder: %1</source>
      <translation>In Ihrem Download-Ordner: %1</translation>
    </message>
    <message>
      <source>Not now</source>
      <translation>Nicht jetzt</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::TryOnStrip</name>
    <message>
      <source>Other forms of the letter</source>
      <translation>Andere Formen des Buchstabens</translation>
    </message>
    <message>
      <source>plain</source>
      <translation>schlicht</translation>
    </message>
    <message>
      <source>%1, too thin</source>
      <translation>%1, zu dünn</translation>
    </message>
    <message>
      <source>touches another letter</source>
      <translation>berührt einen anderen Buchstaben</translation>
    </message>
    <message>
      <source>grows on</source>
      <translation>wächst an</translation>
    </message>
    <message>
      <source>stands beside</source>
      <translation>steht daneben</translation>
    </message>
    <message>
      <source>runs through its neighbour</source>
      <translation>läuft durch den Nachbarn</translation>
    </message>
    <message>
      <source>does not join</source>
      <translation>verbindet nicht</translation>
    </message>
    <message>
      <source>joins</source>
      <translation>verbindet</translation>
    </message>
    <message>
      <source>stands alone</source>
      <translation>steht allein</translation>
    </message>
    <message>
      <source>%1 (%2 % sure)</source>
      <translation>%1 (%2 % sicher)</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::TwinsPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Alle meine Schriften</translation>
    </message>
    <message>
      <source>Stop</source>
      <translation>Anhalten</translation>
    </message>
    <message>
      <source>Fonts that are the same in some way</source>
      <translation>Schriften, die einander irgendwie gleichen</translation>
    </message>
    <message>
      <source>Comparing your fonts …</source>
      <translation>Ihre Schriften werden verglichen …</translation>
    </message>
    <message>
      <source>Comparing your fonts: %1 of %2 …</source>
      <translation>Ihre Schriften werden verglichen: %1 von %2 …</translation>
    </message>
    <message>
      <source>No two of your fonts draw the same letters or share a name.</source>
      <translation>Keine zwei Ihrer Schriften zeichnen dieselben Buchstaben oder heißen gleich.</translation>
    </message>
    <message numerus="yes">
      <source>%n group(s) of fonts (is|are) the same in some way</source>
      <translation>
        <numerusform>%n Gruppe von Schriften gleicht sich irgendwie</numerusform>
        <numerusform>%n Gruppen von Schriften gleichen sich irgendwie</numerusform>
      </translation>
    </message>
    <message>
      <source>and %1 more. They come into sight as these are sorted out.</source>
      <translation>und %1 weitere. Sie kommen in Sicht, wenn diese geordnet sind.</translation>
    </message>
    <message>
      <source>the first one</source>
      <translation>die erste</translation>
    </message>
    <message>
      <source>none</source>
      <translation>keine</translation>
    </message>
    <message>
      <source>The same: %1.</source>
      <translation>Gleich: %1.</translation>
    </message>
    <message>
      <source>and %1 more of this group</source>
      <translation>und %1 weitere dieser Gruppe</translation>
    </message>
    <message>
      <source>Keep this, set the other aside</source>
      <translation>Diese behalten, die andere beiseitelegen</translation>
    </message>
    <message>
      <source>Keep this, set the others aside</source>
      <translation>Diese behalten, die anderen beiseitelegen</translation>
    </message>
    <message>
      <source>Keep %1, set the others of its group aside</source>
      <translation>%1 behalten, die anderen der Gruppe beiseitelegen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WeldView</name>
    <message>
      <source>in</source>
      <translation>Zoll</translation>
    </message>
    <message>
      <source>mm</source>
      <translation>mm</translation>
    </message>
    <message>
      <source>The welded words at true size</source>
      <translation>Die verschweißten Wörter in wahrer Größe</translation>
    </message>
    <message>
      <source>%1, %2, %3 wide, %4 high</source>
      <translation>%1, %2, %3 breit, %4 hoch</translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n Teil</numerusform>
        <numerusform>%n Teile</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n Punze</numerusform>
        <numerusform>%n Punzen</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WishBar</name>
    <message>
      <source>Show me fonts that</source>
      <translation>Zeige mir Schriften, die</translation>
    </message>
    <message>
      <source>lettering in a picture…</source>
      <translation>einem Schriftzug im Bild…</translation>
    </message>
    <message>
      <source>the font chosen here</source>
      <translation>der hier gewählten Schrift</translation>
    </message>
    <message>
      <source>only these</source>
      <translation>nur diese</translation>
    </message>
    <message>
      <source>take this wish back</source>
      <translation>diesen Wunsch zurücknehmen</translation>
    </message>
    <message>
      <source>look like …</source>
      <translation>aussehen wie …</translation>
    </message>
    <message>
      <source>look like %1  %2</source>
      <translation>aussehen wie %1  %2</translation>
    </message>
    <message>
      <source>Show me fonts that %1</source>
      <translation>Zeige mir Schriften, die %1</translation>
    </message>
    <message numerus="yes">
      <source>among %1 of %n font(s) so far</source>
      <translation>
        <numerusform>unter %1 von bisher %n Schrift</numerusform>
        <numerusform>unter %1 von bisher %n Schriften</numerusform>
      </translation>
    </message>
    <message>
      <source>more …</source>
      <translation>mehr …</translation>
    </message>
    <message>
      <source> and </source>
      <translation> und </translation>
    </message>
    <message>
      <source>More wishes: %1</source>
      <translation>Weitere Wünsche: %1</translation>
    </message>
    <message>
      <source>are of any kind</source>
      <translation>von jeder Art sind</translation>
    </message>
    <message>
      <source>are %1</source>
      <translation>%1 sind</translation>
    </message>
    <message>
      <source> or </source>
      <translation> oder </translation>
    </message>
    <message>
      <source>Kinds of font: %1</source>
      <translation>Arten von Schrift: %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WordsEdit</name>
    <message>
      <source>Type the words to be made</source>
      <translation>Die zu machenden Wörter tippen</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WordsView</name>
    <message>
      <source>The words “%1”</source>
      <translation>Die Wörter „%1“</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WornSection</name>
    <message>
      <source>Plain, for comparison</source>
      <translation>Schlicht, zum Vergleich</translation>
    </message>
    <message>
      <source>Dress the words</source>
      <translation>Die Wörter schmücken</translation>
    </message>
    <message>
      <source>Wear nothing more</source>
      <translation>Nichts weiter tragen</translation>
    </message>
    <message>
      <source>Take the pieces off</source>
      <translation>Die Teile abnehmen</translation>
    </message>
    <message>
      <source>wear nothing more</source>
      <translation>tragen nichts weiter</translation>
    </message>
    <message>
      <source>take the pieces off</source>
      <translation>die Teile abnehmen</translation>
    </message>
    <message>
      <source>The letters are the font's own. Put the caret behind one to see what it could wear.</source>
      <translation>Die Buchstaben sind die der Schrift. Setzen Sie den Zeiger hinter einen, um zu sehen, was er tragen könnte.</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) wear another form.</source>
      <translation>
        <numerusform>%n Buchstabe trägt eine andere Form.</numerusform>
        <numerusform>%n Buchstaben tragen eine andere Form.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s) stand beside them.</source>
      <translation>
        <numerusform>%n Teil steht daneben.</numerusform>
        <numerusform>%n Teile stehen daneben.</numerusform>
      </translation>
    </message>
  </context>
</TS>

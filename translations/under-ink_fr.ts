<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="fr_FR" sourcelanguage="en_GB">
  <context>
    <name>ComposeSentence</name>
    <message>
      <source>close up by %1</source>
      <translation>se serrent de %1</translation>
    </message>
    <message>
      <source>stand as the font spaces them</source>
      <translation>sont espacés comme la police le veut</translation>
    </message>
    <message>
      <source>over a hill of %1 %</source>
      <translation>sur une colline de %1 %</translation>
    </message>
    <message>
      <source>through a valley of %1 %</source>
      <translation>dans une vallée de %1 %</translation>
    </message>
    <message>
      <source>on an arch of %1°</source>
      <translation>sur un arc de %1°</translation>
    </message>
    <message>
      <source>inside a circle, %1° of it</source>
      <translation>dans un cercle, sur %1°</translation>
    </message>
    <message>
      <source>round a circle, %1° of it</source>
      <translation>autour d’un cercle, sur %1°</translation>
    </message>
    <message>
      <source>on a wave of %1 %</source>
      <translation>sur une vague de %1 %</translation>
    </message>
    <message>
      <source>on a line that rises by %1°</source>
      <translation>sur une ligne qui monte de %1°</translation>
    </message>
    <message>
      <source>tapered by %1 %</source>
      <translation>effilés de %1 %</translation>
    </message>
    <message>
      <source>bulged by %1 %</source>
      <translation>bombés de %1 %</translation>
    </message>
    <message>
      <source>slanted by %1°</source>
      <translation>penchés de %1°</translation>
    </message>
    <message>
      <source>in mirror writing</source>
      <translation>en miroir</translation>
    </message>
    <message>
      <source>between four pulled corners</source>
      <translation>entre quatre coins tirés</translation>
    </message>
    <message>
      <source>straight</source>
      <translation>tout droit</translation>
    </message>
    <message>
      <source>one line</source>
      <translation>une ligne</translation>
    </message>
    <message numerus="yes">
      <source>%n line(s) of one width</source>
      <translation>
        <numerusform>%n ligne d’une même largeur</numerusform>
        <numerusform>%n lignes d’une même largeur</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s) about their middle</source>
      <translation>
        <numerusform>%n ligne centrée</numerusform>
        <numerusform>%n lignes centrées</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s), right edges in line</source>
      <translation>
        <numerusform>%n ligne alignée à droite</numerusform>
        <numerusform>%n lignes alignées à droite</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n line(s), left edges in line</source>
      <translation>
        <numerusform>%n ligne alignée à gauche</numerusform>
        <numerusform>%n lignes alignées à gauche</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 out of proportion</source>
      <translation>%1 hors proportions</translation>
    </message>
    <message>
      <source>wear %1 and %2</source>
      <translation>portent %1 et %2</translation>
    </message>
    <message numerus="yes">
      <source>%n other form(s)</source>
      <translation>
        <numerusform>%n autre forme</numerusform>
        <numerusform>%n autres formes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>wear %n other form(s)</source>
      <translation>
        <numerusform>portent %n autre forme</numerusform>
        <numerusform>portent %n autres formes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>have %n piece(s) beside them</source>
      <translation>
        <numerusform>ont %n pièce à côté d’eux</numerusform>
        <numerusform>ont %n pièces à côté d’eux</numerusform>
      </translation>
    </message>
    <message>
      <source>wear nothing more</source>
      <translation>ne portent rien de plus</translation>
    </message>
    <message>
      <source>%1 % of the em</source>
      <translation>%1 % du cadratin</translation>
    </message>
    <message>
      <source>a tail</source>
      <translation>un paraphe</translation>
    </message>
    <message numerus="yes">
      <source>%n guide(s)</source>
      <translation>
        <numerusform>%n guide</numerusform>
        <numerusform>%n guides</numerusform>
      </translation>
    </message>
    <message>
      <source>mirrored</source>
      <translation>en miroir</translation>
    </message>
  </context>
  <context>
    <name>Core</name>
    <message>
      <source>there is no such file</source>
      <translation>il n’y a pas de tel fichier</translation>
    </message>
    <message>
      <source>Check the name and the folder.</source>
      <translation>Vérifiez le nom et le dossier.</translation>
    </message>
    <message>
      <source>the file could not be read</source>
      <translation>le fichier n’a pas pu être lu</translation>
    </message>
    <message>
      <source>Check that you may read it.</source>
      <translation>Vérifiez que vous avez le droit de le lire.</translation>
    </message>
    <message>
      <source>the file could not be written</source>
      <translation>le fichier n’a pas pu être écrit</translation>
    </message>
    <message>
      <source>Choose a folder you may write to; nothing there was changed.</source>
      <translation>Choisissez un dossier où vous pouvez écrire ; rien n’y a été changé.</translation>
    </message>
    <message>
      <source>the disk is full</source>
      <translation>le disque est plein</translation>
    </message>
    <message>
      <source>Make room or choose another place; the old file, if any, is untouched.</source>
      <translation>Faites de la place ou choisissez un autre endroit ; l’ancien fichier, s’il y en a un, est intact.</translation>
    </message>
    <message>
      <source>that is the file it is made from</source>
      <translation>c’est le fichier dont il est fait</translation>
    </message>
    <message>
      <source>Write to another name; nothing was written.</source>
      <translation>Écrivez sous un autre nom ; rien n’a été écrit.</translation>
    </message>
    <message>
      <source>two results would go to one place</source>
      <translation>deux résultats iraient au même endroit</translation>
    </message>
    <message>
      <source>Give each a place of its own; nothing was written.</source>
      <translation>Donnez à chacun son endroit ; rien n’a été écrit.</translation>
    </message>
    <message>
      <source>somebody else changed the file since it was opened here</source>
      <translation>quelqu’un d’autre a changé le fichier depuis qu’il a été ouvert ici</translation>
    </message>
    <message>
      <source>Save it under another name, or open it again; nothing was written over.</source>
      <translation>Enregistrez-le sous un autre nom, ou rouvrez-le ; rien n’a été écrasé.</translation>
    </message>
    <message>
      <source>this is not a font</source>
      <translation>ce n’est pas une police</translation>
    </message>
    <message>
      <source>Choose a TTF, OTF, TTC, WOFF or WOFF2 file.</source>
      <translation>Choisissez un fichier TTF, OTF, TTC, WOFF ou WOFF2.</translation>
    </message>
    <message>
      <source>the font file ends too early</source>
      <translation>le fichier de police finit trop tôt</translation>
    </message>
    <message>
      <source>Fetch it again: a part of it is missing.</source>
      <translation>Cherchez-le de nouveau : une partie manque.</translation>
    </message>
    <message>
      <source>the font is damaged</source>
      <translation>la police est abîmée</translation>
    </message>
    <message>
      <source>Fetch it again or choose another font.</source>
      <translation>Cherchez-la de nouveau ou choisissez-en une autre.</translation>
    </message>
    <message>
      <source>the font holds pixels, not outlines, so there is nothing to cut</source>
      <translation>la police contient des pixels, pas de contours : il n’y a rien à couper</translation>
    </message>
    <message>
      <source>Choose an outline font.</source>
      <translation>Choisissez une police à contours.</translation>
    </message>
    <message>
      <source>the font holds colour pictures only, no outlines to cut</source>
      <translation>la police ne contient que des images en couleurs, pas de contours à couper</translation>
    </message>
    <message>
      <source>the file has no face of that number</source>
      <translation>le fichier n’a pas de style de ce numéro</translation>
    </message>
    <message>
      <source>Faces are counted from 0.</source>
      <translation>Les styles se comptent à partir de 0.</translation>
    </message>
    <message>
      <source>the font has no instance of that name</source>
      <translation>la police n’a pas d’instance de ce nom</translation>
    </message>
    <message>
      <source>Use one of the names the font gives.</source>
      <translation>Prenez l’un des noms que donne la police.</translation>
    </message>
    <message>
      <source>a font feature is not written as expected</source>
      <translation>une fonction de police n’est pas écrite comme attendu</translation>
    </message>
    <message>
      <source>Write features like ss01,swsh=1.</source>
      <translation>Écrivez les fonctions comme ss01,swsh=1.</translation>
    </message>
    <message>
      <source>the font did not pass the safety check for fonts from outside</source>
      <translation>la police n’a pas passé le contrôle de sûreté des polices venues d’ailleurs</translation>
    </message>
    <message>
      <source>Fetch it again, or ask its author for a sound copy.</source>
      <translation>Cherchez-la de nouveau, ou demandez à son auteur un exemplaire sain.</translation>
    </message>
    <message>
      <source>this is no picture that can be read</source>
      <translation>ce n’est pas une image lisible</translation>
    </message>
    <message>
      <source>Choose a PNG, JPEG or WebP file.</source>
      <translation>Choisissez un fichier PNG, JPEG ou WebP.</translation>
    </message>
    <message>
      <source>the picture is damaged or ends too early</source>
      <translation>l’image est abîmée ou finit trop tôt</translation>
    </message>
    <message>
      <source>the picture is too large</source>
      <translation>l’image est trop grande</translation>
    </message>
    <message>
      <source>Cut out the part with the lettering; a thousand pixels are plenty.</source>
      <translation>Découpez la partie au lettrage ; mille pixels suffisent largement.</translation>
    </message>
    <message>
      <source>the picture moves</source>
      <translation>l’image bouge</translation>
    </message>
    <message>
      <source>Save one still of it and choose that.</source>
      <translation>Enregistrez-en une vue fixe et choisissez celle-là.</translation>
    </message>
    <message>
      <source>the picture is all of one tone</source>
      <translation>l’image est d’un seul ton</translation>
    </message>
    <message>
      <source>Choose a picture, or a frame, that shows lettering.</source>
      <translation>Choisissez une image, ou un cadre, qui montre du lettrage.</translation>
    </message>
    <message>
      <source>there is no lettering to be told from its ground</source>
      <translation>aucun lettrage ne se distingue du fond</translation>
    </message>
    <message>
      <source>Draw the frame closer round the lettering, or say whether it is light or dark.</source>
      <translation>Serrez le cadre autour du lettrage, ou dites s’il est clair ou sombre.</translation>
    </message>
    <message>
      <source>the frame is too small to hold lettering</source>
      <translation>le cadre est trop petit pour du lettrage</translation>
    </message>
    <message>
      <source>Draw it round the lettering; 8 pixels are the least.</source>
      <translation>Tracez-le autour du lettrage ; 8 pixels au moins.</translation>
    </message>
    <message>
      <source>it holds no stitched letters</source>
      <translation>il n’y a pas de lettres brodées dedans</translation>
    </message>
    <message>
      <source>Choose a folder or a package with one DST or EXP file for each letter.</source>
      <translation>Choisissez un dossier ou un paquet avec un fichier DST ou EXP par lettre.</translation>
    </message>
    <message>
      <source>stitched letters cannot be made that much larger or smaller</source>
      <translation>des lettres brodées ne peuvent pas être faites tellement plus grandes ou plus petites</translation>
    </message>
    <message>
      <source>Choose 85 to 120 % of their size, or letters of another size from the package.</source>
      <translation>Choisissez de 85 à 120 % de leur taille, ou des lettres d’une autre taille du paquet.</translation>
    </message>
    <message>
      <source>stitched letters are not installed</source>
      <translation>les lettres brodées ne s’installent pas</translation>
    </message>
    <message>
      <source>Other programs would show their outlines and sew none of their stitches; type them in Compose.</source>
      <translation>D’autres programmes montreraient leurs contours sans broder aucun point ; tapez-les dans « Composer ».</translation>
    </message>
    <message>
      <source>there is no stitched alphabet of that name</source>
      <translation>il n’y a pas d’alphabet brodé de ce nom</translation>
    </message>
    <message>
      <source>uink alphabet list names those that are kept.</source>
      <translation>uink alphabet list nomme ceux qui sont gardés.</translation>
    </message>
    <message>
      <source>there are no words yet</source>
      <translation>il n’y a pas encore de mots</translation>
    </message>
    <message>
      <source>Type the words of the job.</source>
      <translation>Tapez les mots du travail.</translation>
    </message>
    <message>
      <source>the words are too long for one job</source>
      <translation>les mots sont trop longs pour un travail</translation>
    </message>
    <message>
      <source>Split them over several jobs; nothing was shortened.</source>
      <translation>Répartissez-les sur plusieurs travaux ; rien n’a été raccourci.</translation>
    </message>
    <message>
      <source>the words are not valid UTF-8</source>
      <translation>les mots ne sont pas de l’UTF-8 valide</translation>
    </message>
    <message>
      <source>Type them again.</source>
      <translation>Tapez-les de nouveau.</translation>
    </message>
    <message>
      <source>the font has none of these letters</source>
      <translation>la police n’a aucune de ces lettres</translation>
    </message>
    <message>
      <source>Choose another font or other words.</source>
      <translation>Choisissez une autre police ou d’autres mots.</translation>
    </message>
    <message>
      <source>these words leave no ink in this font</source>
      <translation>ces mots ne laissent pas d’encre dans cette police</translation>
    </message>
    <message>
      <source>the finished size cannot be made</source>
      <translation>la taille finie ne peut être faite</translation>
    </message>
    <message>
      <source>Choose 0.5 mm to 10 m.</source>
      <translation>Choisissez de 0,5 mm à 10 m.</translation>
    </message>
    <message>
      <source>there is no such shape</source>
      <translation>il n’y a pas de telle forme</translation>
    </message>
    <message>
      <source>Write a name and a number, as in arch:120, hill:18 or taper:50; uink weld --help lists them.</source>
      <translation>Écrivez un nom et un nombre, comme arch:120, hill:18 ou taper:50 ; uink weld --help les nomme.</translation>
    </message>
    <message>
      <source>a job has no such setting</source>
      <translation>un travail n’a pas de tel réglage</translation>
    </message>
    <message>
      <source>Write words=… or a size, as in width_mm=120; uink compose --help lists them.</source>
      <translation>Écrivez words=… ou une taille, comme width_mm=120 ; uink compose --help les nomme.</translation>
    </message>
    <message>
      <source>there is no such letter</source>
      <translation>il n’y a pas de telle lettre</translation>
    </message>
    <message>
      <source>Count the letters of the words from 1, spaces left out.</source>
      <translation>Comptez les lettres des mots à partir de 1, sans les espaces.</translation>
    </message>
    <message>
      <source>there is no such day</source>
      <translation>il n’y a pas de tel jour</translation>
    </message>
    <message>
      <source>Write it as year-month-day, as in 2027-01-31.</source>
      <translation>Écrivez-le année-mois-jour, comme 2027-01-31.</translation>
    </message>
    <message>
      <source>it has no name</source>
      <translation>il n’a pas de nom</translation>
    </message>
    <message>
      <source>Give it one.</source>
      <translation>Donnez-lui-en un.</translation>
    </message>
    <message>
      <source>a newer Under Ink saved this job</source>
      <translation>un Under Ink plus récent a enregistré ce travail</translation>
    </message>
    <message>
      <source>Open it with that version; nothing was changed.</source>
      <translation>Ouvrez-le avec cette version ; rien n’a été changé.</translation>
    </message>
    <message>
      <source>the file of this job is damaged</source>
      <translation>le fichier de ce travail est abîmé</translation>
    </message>
    <message>
      <source>Open an earlier version of it from the job's menu, or a copy; the file was left as it is.</source>
      <translation>Ouvrez-en une ancienne version par le menu du travail, ou une copie ; le fichier est resté tel quel.</translation>
    </message>
    <message>
      <source>the font is not here, so its letters stay as they were stored</source>
      <translation>la police n’est pas là, ses lettres restent donc telles qu’enregistrées</translation>
    </message>
    <message>
      <source>Bring the font back through Find to change them.</source>
      <translation>Ramenez la police par « Trouver » pour les changer.</translation>
    </message>
    <message>
      <source>the picture holds no filled outlines</source>
      <translation>l’image ne contient pas de contours remplis</translation>
    </message>
    <message>
      <source>Turn its strokes and pixels into outlines in the program it comes from, then try again.</source>
      <translation>Changez ses traits et pixels en contours dans le programme d’où elle vient, puis réessayez.</translation>
    </message>
    <message>
      <source>the letter spacing cannot be made</source>
      <translation>l’espacement ne peut être fait</translation>
    </message>
    <message>
      <source>Choose -1 to 10 em.</source>
      <translation>Choisissez de -1 à 10 cadratins.</translation>
    </message>
    <message>
      <source>a distance cannot be made</source>
      <translation>une distance ne peut être faite</translation>
    </message>
    <message>
      <source>Choose another one.</source>
      <translation>Choisissez-en une autre.</translation>
    </message>
    <message>
      <source>the outline is too large to compute with</source>
      <translation>le contour est trop grand pour être calculé</translation>
    </message>
    <message>
      <source>Use fewer words or a smaller spacing.</source>
      <translation>Prenez moins de mots ou un espacement plus petit.</translation>
    </message>
    <message>
      <source>the outline has a coordinate that is not a number</source>
      <translation>le contour a une coordonnée qui n’est pas un nombre</translation>
    </message>
    <message>
      <source>Choose another font; this one is damaged.</source>
      <translation>Choisissez une autre police ; celle-ci est abîmée.</translation>
    </message>
    <message>
      <source>the outline has too many nodes</source>
      <translation>le contour a trop de nœuds</translation>
    </message>
    <message>
      <source>Use fewer words or a simpler font.</source>
      <translation>Prenez moins de mots ou une police plus simple.</translation>
    </message>
    <message>
      <source>this would take minutes, not moments</source>
      <translation>cela prendrait des minutes, pas un instant</translation>
    </message>
    <message>
      <source>Use fewer words, a smaller distance, or round corners.</source>
      <translation>Prenez moins de mots, une distance plus petite, ou des coins ronds.</translation>
    </message>
    <message>
      <source>the letters could not be joined</source>
      <translation>les lettres n’ont pas pu être reliées</translation>
    </message>
    <message>
      <source>Choose another font; please report this one.</source>
      <translation>Choisissez une autre police ; signalez celle-ci, s’il vous plaît.</translation>
    </message>
    <message>
      <source>stopped</source>
      <translation>arrêté</translation>
    </message>
    <message>
      <source>Start it again when you like.</source>
      <translation>Recommencez quand vous voulez.</translation>
    </message>
    <message>
      <source>the saved job cannot be read</source>
      <translation>le travail enregistré ne peut être lu</translation>
    </message>
    <message>
      <source>It was put aside under that name; a new job has been started.</source>
      <translation>Il a été mis de côté sous ce nom ; un nouveau travail est commencé.</translation>
    </message>
    <message>
      <source>the document cannot be read here</source>
      <translation>le document ne peut être lu ici</translation>
    </message>
    <message>
      <source>Open it in another program and read it yourself.</source>
      <translation>Ouvrez-le dans un autre programme et lisez-le vous-même.</translation>
    </message>
    <message>
      <source>the shelf was written by a newer version of Under Ink</source>
      <translation>l’étagère a été écrite par une version plus récente d’Under Ink</translation>
    </message>
    <message>
      <source>Open it with that version; nothing was touched.</source>
      <translation>Ouvrez-la avec cette version ; rien n’a été touché.</translation>
    </message>
    <message>
      <source>the shelf cannot be read</source>
      <translation>l’étagère ne peut être lue</translation>
    </message>
    <message>
      <source>Put back the newest copy from the folder 'backups' beside it; the fonts themselves lie in 'files'.</source>
      <translation>Remettez la copie la plus récente du dossier « backups » à côté ; les polices elles-mêmes sont dans « files ».</translation>
    </message>
    <message>
      <source>another window is changing the shelf</source>
      <translation>une autre fenêtre change l’étagère</translation>
    </message>
    <message>
      <source>Try again when it is done; nothing was changed.</source>
      <translation>Réessayez quand elle a fini ; rien n’a été changé.</translation>
    </message>
    <message>
      <source>no font on the shelf fits</source>
      <translation>aucune police de l’étagère ne convient</translation>
    </message>
    <message>
      <source>Give its full name, or more of its digest.</source>
      <translation>Donnez son nom complet, ou plus de son empreinte.</translation>
    </message>
    <message>
      <source>the font is installed</source>
      <translation>la police est installée</translation>
    </message>
    <message>
      <source>Remove it from the other programs first.</source>
      <translation>Retirez-la d’abord des autres programmes.</translation>
    </message>
    <message>
      <source>its file is missing from the shelf</source>
      <translation>son fichier manque sur l’étagère</translation>
    </message>
    <message>
      <source>Look at the shelf's health: it finds the file again by its content, wherever it lies.</source>
      <translation>Regardez la santé de l’étagère : elle retrouve le fichier à son contenu, où qu’il soit.</translation>
    </message>
    <message>
      <source>the motif is no longer in the tray</source>
      <translation>le motif n’est plus dans la casse</translation>
    </message>
    <message>
      <source>Look for it again: another window may have removed it.</source>
      <translation>Cherchez-le de nouveau : une autre fenêtre l’a peut-être enlevé.</translation>
    </message>
    <message>
      <source>the package cannot be unpacked</source>
      <translation>le paquet ne peut être dépaqueté</translation>
    </message>
    <message>
      <source>Fetch it again: it may be damaged or only half here.</source>
      <translation>Cherchez-le de nouveau : il est peut-être abîmé, ou à moitié là.</translation>
    </message>
    <message>
      <source>the package is locked with a password</source>
      <translation>le paquet est fermé par un mot de passe</translation>
    </message>
    <message>
      <source>Unpack it with its password, then choose the folder.</source>
      <translation>Dépaquetez-le avec son mot de passe, puis choisissez le dossier.</translation>
    </message>
    <message>
      <source>a small program that Under Ink needs did not do its work</source>
      <translation>un petit programme dont Under Ink a besoin n’a pas fait son travail</translation>
    </message>
    <message>
      <source>Run ./start once more; it installs what is missing.</source>
      <translation>Lancez ./start encore une fois ; il installe ce qui manque.</translation>
    </message>
    <message>
      <source>it cannot be reached</source>
      <translation>on ne peut l’atteindre</translation>
    </message>
    <message>
      <source>Check the connection, then try again; your own fonts are all here.</source>
      <translation>Vérifiez la connexion, puis réessayez ; vos propres polices sont toutes là.</translation>
    </message>
    <message>
      <source>it does not answer</source>
      <translation>il ne répond pas</translation>
    </message>
    <message>
      <source>Try again in a while; your own fonts are all here.</source>
      <translation>Réessayez dans un moment ; vos propres polices sont toutes là.</translation>
    </message>
    <message>
      <source>it has a problem of its own</source>
      <translation>il a lui-même un problème</translation>
    </message>
    <message>
      <source>Try again in a while.</source>
      <translation>Réessayez dans un moment.</translation>
    </message>
    <message>
      <source>the transfer broke off</source>
      <translation>le transfert s’est interrompu</translation>
    </message>
    <message>
      <source>Go on with it: what is here is kept.</source>
      <translation>Continuez-le : ce qui est là est gardé.</translation>
    </message>
    <message>
      <source>what came is not what the listing says, so it was thrown away</source>
      <translation>ce qui est venu n’est pas ce que dit l’annonce, et a été jeté</translation>
    </message>
    <message>
      <source>Try again; if it happens twice, tell the author.</source>
      <translation>Réessayez ; si cela se répète, dites-le à l’auteur.</translation>
    </message>
    <message>
      <source>no machine answers there</source>
      <translation>aucune machine n’y répond</translation>
    </message>
    <message>
      <source>Look whether it is on and the address is right, then send again.</source>
      <translation>Regardez si elle est allumée et si l’adresse est juste, puis renvoyez.</translation>
    </message>
    <message>
      <source>the machine is busy with somebody else</source>
      <translation>la machine est occupée avec quelqu’un d’autre</translation>
    </message>
    <message>
      <source>Send again when it is free.</source>
      <translation>Renvoyez quand elle est libre.</translation>
    </message>
    <message>
      <source>the line to the machine broke, or something was lost on it</source>
      <translation>la liaison avec la machine a rompu, ou quelque chose s’y est perdu</translation>
    </message>
    <message>
      <source>Look at what it has done before you send again.</source>
      <translation>Regardez ce qu’elle a fait avant de renvoyer.</translation>
    </message>
    <message>
      <source>something went wrong inside Under Ink</source>
      <translation>quelque chose a mal tourné dans Under Ink</translation>
    </message>
    <message>
      <source>Please report it.</source>
      <translation>Signalez-le, s’il vous plaît.</translation>
    </message>
    <message>
      <source>May sell</source>
      <translation>Vente permise</translation>
    </message>
    <message>
      <source>Sell within limits</source>
      <translation>Vente dans des limites</translation>
    </message>
    <message>
      <source>Gifts only</source>
      <translation>Cadeaux seulement</translation>
    </message>
    <message>
      <source>Ask first</source>
      <translation>Demander d’abord</translation>
    </message>
    <message>
      <source>Evidence disagrees</source>
      <translation>Les preuves se contredisent</translation>
    </message>
    <message>
      <source>Sell goods made with it</source>
      <translation>Vendre des objets faits avec</translation>
    </message>
    <message>
      <source>How many, in what way</source>
      <translation>Combien, de quelle façon</translation>
    </message>
    <message>
      <source>Sell or share the cut or stitch file</source>
      <translation>Vendre ou partager le fichier de coupe ou de broderie</translation>
    </message>
    <message>
      <source>Alter the outlines</source>
      <translation>Modifier les contours</translation>
    </message>
    <message>
      <source>Sell it as a stitched alphabet</source>
      <translation>La vendre comme alphabet brodé</translation>
    </message>
    <message>
      <source>Use in a logo</source>
      <translation>L’utiliser dans un logo</translation>
    </message>
    <message>
      <source>Credit needed</source>
      <translation>Mention nécessaire</translation>
    </message>
    <message>
      <source>What it costs</source>
      <translation>Ce qu’elle coûte</translation>
    </message>
    <message>
      <source>Joining script</source>
      <translation>Cursive liée</translation>
    </message>
    <message>
      <source>Hand</source>
      <translation>Manuscrite</translation>
    </message>
    <message>
      <source>Serif</source>
      <translation>À empattements</translation>
    </message>
    <message>
      <source>Sans</source>
      <translation>Sans empattements</translation>
    </message>
    <message>
      <source>Fixed width</source>
      <translation>Chasse fixe</translation>
    </message>
    <message>
      <source>Decorative</source>
      <translation>Décorative</translation>
    </message>
    <message>
      <source>Picture font</source>
      <translation>Police à images</translation>
    </message>
    <message>
      <source>Knife</source>
      <translation>Lame</translation>
    </message>
    <message>
      <source>in adhesive vinyl</source>
      <translation>dans le vinyle adhésif</translation>
    </message>
    <message>
      <source>in heat-transfer material</source>
      <translation>dans le flex</translation>
    </message>
    <message>
      <source>in card</source>
      <translation>dans la carte</translation>
    </message>
    <message>
      <source>Laser</source>
      <translation>Laser</translation>
    </message>
    <message>
      <source>in wood</source>
      <translation>dans le bois</translation>
    </message>
    <message>
      <source>Stencil</source>
      <translation>Pochoir</translation>
    </message>
    <message>
      <source>to paint through</source>
      <translation>à peindre au travers</translation>
    </message>
    <message>
      <source>Pen</source>
      <translation>Stylo</translation>
    </message>
    <message>
      <source>on paper or card</source>
      <translation>sur papier ou carte</translation>
    </message>
    <message>
      <source>Appliqué</source>
      <translation>Appliqué</translation>
    </message>
    <message>
      <source>on cloth</source>
      <translation>sur tissu</translation>
    </message>
    <message>
      <source>Satin</source>
      <translation>Passé plat</translation>
    </message>
    <message>
      <source>Paper pattern</source>
      <translation>Patron en papier</translation>
    </message>
    <message>
      <source>to trace</source>
      <translation>à décalquer</translation>
    </message>
    <message>
      <source>One sentence allows selling, another one forbids it.</source>
      <translation>Une phrase permet la vente, une autre l’interdit.</translation>
    </message>
    <message>
      <source>You have a permission or a receipt.</source>
      <translation>Vous avez une permission ou un reçu.</translation>
    </message>
    <message>
      <source>The text that comes with the font allows it.</source>
      <translation>Le texte qui vient avec la police le permet.</translation>
    </message>
    <message>
      <source>Only the listing speaks of it, and it says no.</source>
      <translation>Seule l’annonce en parle, et elle dit non.</translation>
    </message>
    <message>
      <source>Something speaks of selling, and not all of it was understood.</source>
      <translation>Quelque chose parle de vente, et tout n’a pas été compris.</translation>
    </message>
    <message>
      <source>There are hints, but nothing that decides.</source>
      <translation>Il y a des indices, mais rien qui décide.</translation>
    </message>
    <message>
      <source>Nothing that came with the font speaks of selling.</source>
      <translation>Rien de ce qui vient avec la police ne parle de vente.</translation>
    </message>
    <message>
      <source>What is said does not tell which licence is yours.</source>
      <translation>Ce qui est dit n’indique pas quelle licence est la vôtre.</translation>
    </message>
    <message>
      <source>Card, cream, 305 x 305 mm</source>
      <translation>Carte crème, 305 x 305 mm</translation>
    </message>
    <message>
      <source>Cotton, stabilised, 500 x 500 mm</source>
      <translation>Coton stabilisé, 500 x 500 mm</translation>
    </message>
    <message>
      <source>Felt, ochre, 300 x 300 mm</source>
      <translation>Feutrine ocre, 300 x 300 mm</translation>
    </message>
    <message>
      <source>Heat-transfer vinyl, red, roll 305 mm</source>
      <translation>Flex rouge, rouleau 305 mm</translation>
    </message>
    <message>
      <source>Cut from the back: mirrored.</source>
      <translation>Coupé au dos : en miroir.</translation>
    </message>
    <message>
      <source>Heat-transfer vinyl, white, roll 305 mm</source>
      <translation>Flex blanc, rouleau 305 mm</translation>
    </message>
    <message>
      <source>Matt vinyl, black, roll 305 mm</source>
      <translation>Vinyle mat noir, rouleau 305 mm</translation>
    </message>
    <message>
      <source>Matt vinyl, red, roll 305 mm</source>
      <translation>Vinyle mat rouge, rouleau 305 mm</translation>
    </message>
    <message>
      <source>Paper, white, A4</source>
      <translation>Papier blanc, A4</translation>
    </message>
    <message>
      <source>Paper, white, roll 600 mm</source>
      <translation>Papier blanc, rouleau 600 mm</translation>
    </message>
    <message>
      <source>Poplar ply, 3 mm, 300 x 300 mm</source>
      <translation>Contreplaqué de peuplier, 3 mm, 300 x 300 mm</translation>
    </message>
    <message>
      <source>Stencil film, A4</source>
      <translation>Film à pochoir, A4</translation>
    </message>
    <message>
      <source>an empty file</source>
      <translation>un fichier vide</translation>
    </message>
    <message>
      <source>a TrueType font</source>
      <translation>une police TrueType</translation>
    </message>
    <message>
      <source>an OpenType font</source>
      <translation>une police OpenType</translation>
    </message>
    <message>
      <source>a font collection</source>
      <translation>une collection de polices</translation>
    </message>
    <message>
      <source>a WOFF font</source>
      <translation>une police WOFF</translation>
    </message>
    <message>
      <source>a WOFF2 font</source>
      <translation>une police WOFF2</translation>
    </message>
    <message>
      <source>a PNG picture</source>
      <translation>une image PNG</translation>
    </message>
    <message>
      <source>a JPEG picture</source>
      <translation>une image JPEG</translation>
    </message>
    <message>
      <source>a GIF picture</source>
      <translation>une image GIF</translation>
    </message>
    <message>
      <source>a WebP picture</source>
      <translation>une image WebP</translation>
    </message>
    <message>
      <source>an SVG drawing</source>
      <translation>un dessin SVG</translation>
    </message>
    <message>
      <source>a PDF document</source>
      <translation>un document PDF</translation>
    </message>
    <message>
      <source>an RTF document</source>
      <translation>un document RTF</translation>
    </message>
    <message>
      <source>a DOCX document</source>
      <translation>un document DOCX</translation>
    </message>
    <message>
      <source>an ODT document</source>
      <translation>un document ODT</translation>
    </message>
    <message>
      <source>a package</source>
      <translation>un paquet</translation>
    </message>
    <message>
      <source>a web page</source>
      <translation>une page web</translation>
    </message>
    <message>
      <source>a text</source>
      <translation>un texte</translation>
    </message>
    <message>
      <source>an unknown kind of file</source>
      <translation>un fichier de type inconnu</translation>
    </message>
    <message>
      <source>a square to try on</source>
      <translation>un carré d’essai</translation>
    </message>
    <message>
      <source>a tote bag</source>
      <translation>un sac en toile</translation>
    </message>
    <message>
      <source>an apron</source>
      <translation>un tablier</translation>
    </message>
    <message>
      <source>a tea towel</source>
      <translation>un torchon</translation>
    </message>
    <message>
      <source>a cushion</source>
      <translation>un coussin</translation>
    </message>
    <message>
      <source>a mug, unrolled</source>
      <translation>une tasse, déroulée</translation>
    </message>
    <message>
      <source>a wooden board</source>
      <translation>une planche de bois</translation>
    </message>
    <message>
      <source>a card, folded</source>
      <translation>une carte, pliée</translation>
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
      <translation>le devant d’une casquette, 130 × 60 mm</translation>
    </message>
    <message>
      <source>Swash</source>
      <translation>Lettre ornée</translation>
    </message>
    <message>
      <source>Swash between letters</source>
      <translation>Ornement entre lettres</translation>
    </message>
    <message>
      <source>Other drawing</source>
      <translation>Autre dessin</translation>
    </message>
    <message>
      <source>Beginning</source>
      <translation>Début</translation>
    </message>
    <message>
      <source>Middle</source>
      <translation>Milieu</translation>
    </message>
    <message>
      <source>Ending</source>
      <translation>Fin</translation>
    </message>
    <message>
      <source>Alone</source>
      <translation>Seule</translation>
    </message>
    <message>
      <source>End of the line</source>
      <translation>Fin de ligne</translation>
    </message>
    <message>
      <source>For large titles</source>
      <translation>Pour grands titres</translation>
    </message>
    <message>
      <source>Historical</source>
      <translation>Historique</translation>
    </message>
    <message>
      <source>Historical ligature</source>
      <translation>Ligature historique</translation>
    </message>
    <message>
      <source>Ornament</source>
      <translation>Ornement</translation>
    </message>
    <message>
      <source>Between certain letters</source>
      <translation>Entre certaines lettres</translation>
    </message>
    <message>
      <source>Ligature between certain letters</source>
      <translation>Ligature entre certaines lettres</translation>
    </message>
    <message>
      <source>Ligature</source>
      <translation>Ligature</translation>
    </message>
    <message>
      <source>Decorative ligature</source>
      <translation>Ligature décorative</translation>
    </message>
    <message>
      <source>Small capital</source>
      <translation>Petite capitale</translation>
    </message>
    <message>
      <source>Petite capital</source>
      <translation>Capitale minuscule</translation>
    </message>
    <message>
      <source>Mixed capital</source>
      <translation>Capitale mixte</translation>
    </message>
    <message>
      <source>Old-style figure</source>
      <translation>Chiffre elzévirien</translation>
    </message>
    <message>
      <source>Lining figure</source>
      <translation>Chiffre aligné</translation>
    </message>
    <message>
      <source>Even-width figure</source>
      <translation>Chiffre tabulaire</translation>
    </message>
    <message>
      <source>Natural-width figure</source>
      <translation>Chiffre proportionnel</translation>
    </message>
    <message>
      <source>Slashed zero</source>
      <translation>Zéro barré</translation>
    </message>
    <message>
      <source>Fraction</source>
      <translation>Fraction</translation>
    </message>
    <message>
      <source>Raised</source>
      <translation>En exposant</translation>
    </message>
    <message>
      <source>Lowered</source>
      <translation>En indice</translation>
    </message>
    <message>
      <source>Ordinal</source>
      <translation>Ordinal</translation>
    </message>
    <message>
      <source>Above the fraction bar</source>
      <translation>Au-dessus de la barre de fraction</translation>
    </message>
    <message>
      <source>Below the fraction bar</source>
      <translation>Sous la barre de fraction</translation>
    </message>
    <message>
      <source>Beside capitals</source>
      <translation>À côté des capitales</translation>
    </message>
    <message>
      <source>By chance</source>
      <translation>Au hasard</translation>
    </message>
    <message>
      <source>Other form</source>
      <translation>Autre forme</translation>
    </message>
    <message>
      <source>Local form</source>
      <translation>Forme locale</translation>
    </message>
    <message>
      <source>Put together</source>
      <translation>Composée</translation>
    </message>
    <message>
      <source>It is in the package twice, byte for byte the same.</source>
      <translation>Il est deux fois dans le paquet, identique à l’octet près.</translation>
    </message>
    <message>
      <source>A folder in the package has the same name.</source>
      <translation>Un dossier du paquet porte le même nom.</translation>
    </message>
    <message>
      <source>Another file in the package has the same name.</source>
      <translation>Un autre fichier du paquet porte le même nom.</translation>
    </message>
    <message>
      <source>It is a link, which could lead anywhere.</source>
      <translation>C’est un lien, qui pourrait mener n’importe où.</translation>
    </message>
    <message>
      <source>A package with so much in it is seldom a font package; you can lift the limits for this one.</source>
      <translation>Un paquet aussi rempli est rarement un paquet de polices ; vous pouvez lever les limites pour celui-ci.</translation>
    </message>
    <message>
      <source>Left behind by a file manager.</source>
      <translation>Laissé par un gestionnaire de fichiers.</translation>
    </message>
    <message>
      <source>It cannot be read.</source>
      <translation>Il ne peut être lu.</translation>
    </message>
    <message>
      <source>It is larger than any font.</source>
      <translation>Il est plus gros que toute police.</translation>
    </message>
    <message>
      <source>It is empty.</source>
      <translation>Il est vide.</translation>
    </message>
    <message>
      <source>It ends too early: a part of it is missing.</source>
      <translation>Il finit trop tôt : une partie manque.</translation>
    </message>
    <message>
      <source>It is called .otf, but its outlines are TrueType.</source>
      <translation>Elle s’appelle .otf, mais ses contours sont TrueType.</translation>
    </message>
    <message>
      <source>It is called .ttf, but its outlines are OpenType (CFF).</source>
      <translation>Elle s’appelle .ttf, mais ses contours sont OpenType (CFF).</translation>
    </message>
    <message>
      <source>It is not called a font, but it is one.</source>
      <translation>Son nom n’est pas celui d’une police, mais c’en est une.</translation>
    </message>
    <message>
      <source>It is a file for programs.</source>
      <translation>C’est un fichier pour programmes.</translation>
    </message>
    <message>
      <source>It has no name.</source>
      <translation>Il n’a pas de nom.</translation>
    </message>
    <message>
      <source>Its name holds a line break or another control character.</source>
      <translation>Son nom contient un saut de ligne ou un autre caractère de commande.</translation>
    </message>
    <message>
      <source>Its name points to a fixed place outside the folder.</source>
      <translation>Son nom désigne un endroit fixe hors du dossier.</translation>
    </message>
    <message>
      <source>Its name is too long.</source>
      <translation>Son nom est trop long.</translation>
    </message>
    <message>
      <source>Its name climbs out of the folder.</source>
      <translation>Son nom sort du dossier.</translation>
    </message>
    <message>
      <source>It shares its name with other fonts here.</source>
      <translation>D’autres polices ici portent le même nom.</translation>
    </message>
    <message>
      <source>It is neither a file nor a folder.</source>
      <translation>Ce n’est ni un fichier ni un dossier.</translation>
    </message>
    <message>
      <source>It is locked with a password.</source>
      <translation>Il est fermé par un mot de passe.</translation>
    </message>
    <message>
      <source>The font says that its keys carry pictures.</source>
      <translation>La police dit que ses touches portent des images.</translation>
    </message>
    <message>
      <source>It has no letter A.</source>
      <translation>Elle n’a pas de lettre A.</translation>
    </message>
    <message>
      <source>All its letters are equally wide.</source>
      <translation>Toutes ses lettres ont la même largeur.</translation>
    </message>
    <message>
      <source>The font calls itself hand written (PANOSE).</source>
      <translation>La police se dit manuscrite (PANOSE).</translation>
    </message>
    <message>
      <source>The font calls itself decorative (PANOSE).</source>
      <translation>La police se dit décorative (PANOSE).</translation>
    </message>
    <message>
      <source>The font calls itself sans (PANOSE).</source>
      <translation>La police se dit sans empattement (PANOSE).</translation>
    </message>
    <message>
      <source>The font calls itself serif (PANOSE).</source>
      <translation>La police se dit à empattements (PANOSE).</translation>
    </message>
    <message>
      <source>Its I is much wider at the foot than in the middle.</source>
      <translation>Son I est bien plus large au pied qu’au milieu.</translation>
    </message>
    <message>
      <source>Its I is as wide at the foot as in the middle.</source>
      <translation>Son I est aussi large au pied qu’au milieu.</translation>
    </message>
    <message>
      <source>Nothing in its outlines or its name says otherwise.</source>
      <translation>Rien dans ses contours ni dans son nom ne dit le contraire.</translation>
    </message>
    <message>
      <source>Selling is allowed in one place, and something that was not understood could take it back.</source>
      <translation>La vente est permise à un endroit, et quelque chose qui n’a pas été compris pourrait la reprendre.</translation>
    </message>
    <message>
      <source>It may be used for yourself and for gifts; selling is not allowed.</source>
      <translation>Permis pour vous-même et pour offrir ; la vente n’est pas permise.</translation>
    </message>
    <message>
      <source>It may be embedded in documents that are edited later.</source>
      <translation>Elle peut être incorporée dans des documents modifiés par la suite.</translation>
    </message>
    <message>
      <source>It may be embedded in documents for viewing and printing.</source>
      <translation>Elle peut être incorporée dans des documents à voir et à imprimer.</translation>
    </message>
    <message>
      <source>It may not be embedded in documents without a licence for that.</source>
      <translation>Elle ne peut être incorporée dans des documents sans une licence pour cela.</translation>
    </message>
    <message>
      <source>It may be embedded in documents and installed from them.</source>
      <translation>Elle peut être incorporée dans des documents et installée à partir d’eux.</translation>
    </message>
    <message>
      <source>Only whole, not in parts.</source>
      <translation>Seulement entière, pas en parties.</translation>
    </message>
    <message>
      <source>Only as pixels.</source>
      <translation>Seulement en pixels.</translation>
    </message>
    <message>
      <source>It speaks of less.</source>
      <translation>Elle parle de moins.</translation>
    </message>
    <message>
      <source>The text goes on, and was not read to its end.</source>
      <translation>Le texte continue et n’a pas été lu jusqu’au bout.</translation>
    </message>
    <message>
      <source>It may take back the sentence before it.</source>
      <translation>Elle pourrait reprendre la phrase d’avant.</translation>
    </message>
    <message>
      <source>It may narrow what is allowed elsewhere.</source>
      <translation>Elle pourrait restreindre ce qui est permis ailleurs.</translation>
    </message>
    <message>
      <source>It is too long to be understood.</source>
      <translation>Elle est trop longue pour être comprise.</translation>
    </message>
    <message>
      <source>It speaks of selling.</source>
      <translation>Elle parle de vente.</translation>
    </message>
    <message>
      <source>A sentence about a demo version was left out: this is not the demo.</source>
      <translation>Une phrase sur une version de démonstration a été écartée : ceci n’est pas la démonstration.</translation>
    </message>
    <message>
      <source>The author asks for a donation.</source>
      <translation>L’auteur demande un don.</translation>
    </message>
    <message>
      <source>Its box is not ticked.</source>
      <translation>Sa case n’est pas cochée.</translation>
    </message>
    <message>
      <source>It is a heading: what stands below it counts.</source>
      <translation>C’est un titre : ce qui est dessous compte.</translation>
    </message>
    <message>
      <source>It is a question.</source>
      <translation>C’est une question.</translation>
    </message>
    <message>
      <source>It introduces a list, and the list counts.</source>
      <translation>Elle introduit une liste, et c’est la liste qui compte.</translation>
    </message>
    <message>
      <source>The question is not answered with a yes.</source>
      <translation>La question n’a pas oui pour réponse.</translation>
    </message>
    <message>
      <source>the stitches in it cannot be read</source>
      <translation>ses points ne peuvent être lus</translation>
    </message>
    <message>
      <source>the font has no stitches</source>
      <translation>la police n’a pas de points</translation>
    </message>
    <message>
      <source>5 to 200 mm for stitched letters</source>
      <translation>5 à 200 mm pour des lettres brodées</translation>
    </message>
    <message>
      <source>it is not a file</source>
      <translation>ce n’est pas un fichier</translation>
    </message>
    <message>
      <source>it is a folder</source>
      <translation>c’est un dossier</translation>
    </message>
    <message>
      <source>it is no material card</source>
      <translation>ce n’est pas une fiche de matière</translation>
    </message>
    <message>
      <source>the card has no name</source>
      <translation>la fiche n’a pas de nom</translation>
    </message>
    <message>
      <source>a field of the card is of the wrong kind</source>
      <translation>un champ de la fiche n’est pas du bon type</translation>
    </message>
    <message>
      <source>a paper pattern is at most 3 m long; print fewer designs at a time</source>
      <translation>un patron de papier fait au plus 3 m de long ; imprimez moins de dessins à la fois</translation>
    </message>
    <message>
      <source>this takes more than 500 pages; print fewer designs at a time</source>
      <translation>il faut plus de 500 pages ; imprimez moins de dessins à la fois</translation>
    </message>
    <message>
      <source>a sheet is 10 mm to 3 m wide and at most 50 m long</source>
      <translation>une feuille fait de 10 mm à 3 m de large et au plus 50 m de long</translation>
    </message>
    <message>
      <source>the margins leave nothing of the sheet</source>
      <translation>les marges ne laissent rien de la feuille</translation>
    </message>
    <message>
      <source>things on a sheet lie 0 to 200 mm apart</source>
      <translation>les choses sont à 0 à 200 mm l’une de l’autre sur une feuille</translation>
    </message>
    <message>
      <source>a bridge is 0 to 100 mm wide</source>
      <translation>un pont fait de 0 à 100 mm de large</translation>
    </message>
    <message>
      <source>nodes are reduced within 0 to 100 mm</source>
      <translation>les nœuds sont réduits à 0 à 100 mm près</translation>
    </message>
    <message>
      <source>middles to fill are 0 mm² or larger</source>
      <translation>les contreformes à remplir font 0 mm² ou plus</translation>
    </message>
    <message>
      <source>an offset is at most 1000 mm either way</source>
      <translation>un décalage fait au plus 1000 mm d’un côté ou de l’autre</translation>
    </message>
    <message>
      <source>the offset leaves nothing of them</source>
      <translation>le décalage n’en laisse rien</translation>
    </message>
    <message>
      <source>an outline in it is larger than any can be</source>
      <translation>un contour y est plus grand que possible</translation>
    </message>
    <message>
      <source>it is larger than stitch files are</source>
      <translation>il est plus gros que ne le sont les fichiers de broderie</translation>
    </message>
    <message>
      <source>only DST and EXP files are read</source>
      <translation>seuls les fichiers DST et EXP sont lus</translation>
    </message>
    <message>
      <source>it is shorter than the header of a DST file</source>
      <translation>il est plus court que l’en-tête d’un fichier DST</translation>
    </message>
    <message>
      <source>a record is none of a DST file</source>
      <translation>un enregistrement n’est pas d’un fichier DST</translation>
    </message>
    <message>
      <source>there is no stitch in it</source>
      <translation>il n’y a aucun point dedans</translation>
    </message>
    <message>
      <source>an order is none of an EXP file</source>
      <translation>un ordre n’est pas d’un fichier EXP</translation>
    </message>
    <message>
      <source>a list is up to 4 MB</source>
      <translation>une liste fait jusqu’à 4 Mo</translation>
    </message>
    <message>
      <source>it is no list of words</source>
      <translation>ce n’est pas une liste de mots</translation>
    </message>
    <message>
      <source>the hoop is smaller than each of them</source>
      <translation>le cadre est plus petit que chacun d’eux</translation>
    </message>
    <message>
      <source>it is damaged</source>
      <translation>il est endommagé</translation>
    </message>
    <message>
      <source>it is locked with a password</source>
      <translation>il est fermé par un mot de passe</translation>
    </message>
    <message>
      <source>it holds pictures of pages, no text</source>
      <translation>il contient des images de pages, pas de texte</translation>
    </message>
    <message>
      <source>it holds more than text</source>
      <translation>il contient plus que du texte</translation>
    </message>
    <message>
      <source>this kind of file holds no text</source>
      <translation>ce type de fichier ne contient pas de texte</translation>
    </message>
    <message>
      <source>the check did not come to an end</source>
      <translation>le contrôle n’est pas arrivé à son terme</translation>
    </message>
    <message>
      <source>it broke off</source>
      <translation>il s’est interrompu</translation>
    </message>
    <message>
      <source>it is not installed</source>
      <translation>il n’est pas installé</translation>
    </message>
    <message>
      <source>it is not a folder</source>
      <translation>ce n’est pas un dossier</translation>
    </message>
    <message>
      <source>a link there leads out of the folder</source>
      <translation>un lien y mène hors du dossier</translation>
    </message>
    <message>
      <source>it holds nothing</source>
      <translation>il ne contient rien</translation>
    </message>
    <message>
      <source>its end is missing</source>
      <translation>sa fin manque</translation>
    </message>
    <message>
      <source>a mending is 0 to 100 mm</source>
      <translation>une réparation fait de 0 à 100 mm</translation>
    </message>
    <message>
      <source>the mending leaves nothing of them</source>
      <translation>la réparation n’en laisse rien</translation>
    </message>
    <message>
      <source>a border of 100 mm does not make one piece of them</source>
      <translation>une bordure de 100 mm n’en fait pas une seule pièce</translation>
    </message>
    <message>
      <source>this would take more than a million stitches; make it smaller, or lay cloth on</source>
      <translation>il faudrait plus d’un million de points ; faites plus petit, ou posez du tissu</translation>
    </message>
    <message>
      <source>this would take more than a million stitches; make it smaller</source>
      <translation>il faudrait plus d’un million de points ; faites plus petit</translation>
    </message>
    <message>
      <source>FreeType did not start</source>
      <translation>FreeType n’a pas démarré</translation>
    </message>
    <message>
      <source>the file is empty</source>
      <translation>le fichier est vide</translation>
    </message>
    <message>
      <source>it has no outline table</source>
      <translation>elle n’a pas de table de contours</translation>
    </message>
    <message>
      <source>it has no glyphs</source>
      <translation>elle n’a pas de glyphes</translation>
    </message>
    <message>
      <source>it is not a shelf that was written to a file</source>
      <translation>ce n’est pas une étagère écrite dans un fichier</translation>
    </message>
    <message>
      <source>its list of fonts cannot be read</source>
      <translation>sa liste de polices ne peut être lue</translation>
    </message>
    <message>
      <source>no such folder</source>
      <translation>pas de tel dossier</translation>
    </message>
    <message>
      <source>it was made by an earlier version and has to be changed before it can be read</source>
      <translation>elle vient d’une version antérieure et doit être convertie avant d’être lue</translation>
    </message>
    <message>
      <source>a set</source>
      <translation>un groupe</translation>
    </message>
    <message>
      <source>the catalogue</source>
      <translation>le catalogue</translation>
    </message>
    <message>
      <source>its answer cannot be read</source>
      <translation>sa réponse ne peut être lue</translation>
    </message>
    <message>
      <source>it has not been started yet</source>
      <translation>il n’a pas encore démarré</translation>
    </message>
    <message>
      <source>the file ends before its end</source>
      <translation>le fichier finit avant sa fin</translation>
    </message>
    <message>
      <source>no letter is told by its name</source>
      <translation>son nom ne dit aucune lettre</translation>
    </message>
    <message>
      <source>the description names no letter, or the file is not there</source>
      <translation>la description ne nomme aucune lettre, ou le fichier n’est pas là</translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1 : %2</translation>
    </message>
    <message>
      <source>the font lacks it</source>
      <translation>la police ne l’a pas</translation>
    </message>
    <message>
      <source>%1 mm is the nearest</source>
      <translation>%1 mm est le plus proche</translation>
    </message>
    <message>
      <source>the words are %1 mm long, more than the circle is round</source>
      <translation>les mots font %1 mm de long, plus que le tour du cercle</translation>
    </message>
    <message>
      <source>it is larger than %1 MB</source>
      <translation>il fait plus de %1 Mo</translation>
    </message>
    <message>
      <source>a list is placed up to %1 pieces at once</source>
      <translation>une liste se place par %1 pièces au plus à la fois</translation>
    </message>
    <message>
      <source>the longer side would be %1 m</source>
      <translation>le grand côté ferait %1 m</translation>
    </message>
    <message>
      <source>some nodes stayed: without them the outline would have crossed itself</source>
      <translation>quelques nœuds sont restés : sans eux le contour se serait croisé</translation>
    </message>
    <message>
      <source>the font lacks %1; left out</source>
      <translation>la police n’a pas %1 ; omis</translation>
    </message>
    <message>
      <source>%1: the font is not here</source>
      <translation>%1 : la police n’est pas ici</translation>
    </message>
    <message>
      <source>Proof looks at up to %1 nodes at once, and these have %2</source>
      <translation>« Vérifier » regarde au plus %1 nœuds à la fois, et ceux-ci en ont %2</translation>
    </message>
    <message>
      <source>%1 mm</source>
      <translation>%1 mm</translation>
    </message>
    <message>
      <source>%1 characters, at most %2</source>
      <translation>%1 caractères, au plus %2</translation>
    </message>
    <message>
      <source>it lacks %1</source>
      <translation>il y manque %1</translation>
    </message>
    <message>
      <source>Its name says “%1”.</source>
      <translation>Son nom dit « %1 ».</translation>
    </message>
    <message>
      <source>%1 of %2 pairs of common small letters hang together.</source>
      <translation>%1 paires de minuscules courantes sur %2 se tiennent.</translation>
    </message>
    <message>
      <source>path data after %1 of %2 bytes</source>
      <translation>données de tracé après %1 octets sur %2</translation>
    </message>
    <message>
      <source>%1 nodes; so far out it does with %2</source>
      <translation>%1 nœuds ; si loin il en suffit de %2</translation>
    </message>
    <message>
      <source>a list is placed up to %1 pieces at once, and these are %2</source>
      <translation>une liste se place par %1 pièces au plus à la fois, et en voici %2</translation>
    </message>
    <message>
      <source>“%1” is a file and a folder in the package; the file is kept as “%2”.</source>
      <translation>« %1 » est un fichier et un dossier dans le paquet ; le fichier devient « %2 ».</translation>
    </message>
    <message>
      <source>“%1” is in the package twice, with different content; the second is kept as “%2”.</source>
      <translation>« %1 » est deux fois dans le paquet, avec un contenu différent ; le second devient « %2 ».</translation>
    </message>
    <message>
      <source>it gave no reason</source>
      <translation>sans donner de raison</translation>
    </message>
    <message>
      <source>It cannot be read: %1.</source>
      <translation>Il ne peut être lu : %1.</translation>
    </message>
    <message>
      <source>It cannot be read: %1 (%2).</source>
      <translation>Il ne peut être lu : %1 (%2).</translation>
    </message>
    <message>
      <source>The package breaks off: %1. What came before is listed.</source>
      <translation>Le paquet s’interrompt : %1. Ce qui précède figure dans la liste.</translation>
    </message>
    <message>
      <source>It has more than %1 files; the rest was not read.</source>
      <translation>Il a plus de %1 fichiers ; le reste n’a pas été lu.</translation>
    </message>
    <message>
      <source>Its name was written in %1.</source>
      <translation>Son nom était écrit en %1.</translation>
    </message>
    <message>
      <source>It is a package inside packages, deeper than %1.</source>
      <translation>C’est un paquet dans des paquets, à plus de %1 niveaux.</translation>
    </message>
    <message>
      <source>This package inside cannot be unpacked: %1.</source>
      <translation>Ce paquet intérieur ne peut être dépaqueté : %1.</translation>
    </message>
    <message>
      <source>This package cannot be unpacked: %1.</source>
      <translation>Ce paquet ne peut être dépaqueté : %1.</translation>
    </message>
    <message>
      <source>It is %1; Under Ink has no use for it.</source>
      <translation>C’est %1 ; Under Ink n’en a pas l’usage.</translation>
    </message>
    <message>
      <source>It is called a font, but it is %1.</source>
      <translation>Son nom est celui d’une police, mais c’est %1.</translation>
    </message>
    <message>
      <source>It did not pass the safety check for fonts from outside: %1.</source>
      <translation>Elle n’a pas passé le contrôle de sûreté des polices venues d’ailleurs : %1.</translation>
    </message>
    <message>
      <source>It cannot be cut: %1.</source>
      <translation>Elle ne peut être découpée : %1.</translation>
    </message>
    <message>
      <source>the font itself, %1</source>
      <translation>la police elle-même, %1</translation>
    </message>
    <message>
      <source>licence</source>
      <translation>licence</translation>
    </message>
    <message>
      <source>licence address</source>
      <translation>adresse de la licence</translation>
    </message>
    <message>
      <source>copyright</source>
      <translation>droit d’auteur</translation>
    </message>
    <message>
      <source>trademark</source>
      <translation>marque</translation>
    </message>
    <message>
      <source>description</source>
      <translation>description</translation>
    </message>
    <message>
      <source>the catalogue's listing</source>
      <translation>l’annonce du catalogue</translation>
    </message>
    <message>
      <source>it took too long</source>
      <translation>c’était trop long</translation>
    </message>
    <message>
      <source>it said too much</source>
      <translation>il en a trop dit</translation>
    </message>
    <message>
      <source>%1 different fonts call themselves “%2”: %3. They are told apart by their file names.</source>
      <translation>%1 polices différentes se nomment « %2 » : %3. Leurs noms de fichier les distinguent.</translation>
    </message>
    <message>
      <source>“%1” is here in %2 formats. %3 is recommended: OpenType (CFF) keeps the curves as they were drawn, with fewer nodes to cut.</source>
      <translation>« %1 » est ici en %2 formats. %3 est conseillé : OpenType (CFF) garde les courbes comme elles furent dessinées, avec moins de nœuds à découper.</translation>
    </message>
    <message>
      <source>“%1” is here in %2 formats. %3 is recommended: other programs can install it, the web formats they cannot.</source>
      <translation>« %1 » est ici en %2 formats. %3 est conseillé : d’autres programmes peuvent l’installer, pas les formats web.</translation>
    </message>
    <message>
      <source>It is byte for byte the same as %1.</source>
      <translation>Elle est identique à %1, à l’octet près.</translation>
    </message>
    <message>
      <source>Stitched letters: %1.</source>
      <translation>Lettres brodées : %1.</translation>
    </message>
    <message>
      <source>%1 not told surely: look at the letters before they are typed.</source>
      <translation>Pas sûrement reconnues : %1. Regardez les lettres avant de les taper.</translation>
    </message>
    <message>
      <source>It lacks %1.</source>
      <translation>Il y manque %1.</translation>
    </message>
    <message>
      <source>It is no letter that could be typed: %1.</source>
      <translation>Ce n’est pas une lettre qui se tape : %1.</translation>
    </message>
    <message>
      <source>%1: a file stands where its folder would be.</source>
      <translation>%1 : un fichier se trouve là où serait son dossier.</translation>
    </message>
    <message>
      <source>%1 x %2 pixels</source>
      <translation>%1 × %2 pixels</translation>
    </message>
    <message>
      <source>It is damaged: %1.</source>
      <translation>Il est endommagé : %1.</translation>
    </message>
    <message>
      <source>It unpacks to more than %1 MB.</source>
      <translation>Dépaqueté, il dépasse %1 Mo.</translation>
    </message>
    <message>
      <source>It unpacks to more than %1 times its packed size, as packages made to fill a disk do.</source>
      <translation>Dépaqueté, il fait plus de %1 fois sa taille, comme les paquets faits pour remplir un disque.</translation>
    </message>
    <message>
      <source>With it the package would unpack to more than %1 MB.</source>
      <translation>Avec lui, le paquet dépasserait %1 Mo une fois dépaqueté.</translation>
    </message>
    <message>
      <source>It has more than %1 entries; the rest was not read.</source>
      <translation>Il a plus de %1 entrées ; le reste n’a pas été lu.</translation>
    </message>
    <message>
      <source>this mending takes up to %1 nodes at once, and these have %2</source>
      <translation>cette réparation prend au plus %1 nœuds à la fois, et ceux-ci en ont %2</translation>
    </message>
    <message>
      <source>there is room for one of the two only: the stroke, or the gap beside it</source>
      <translation>il n’y a de place que pour l’un des deux : le trait, ou le jour à côté</translation>
    </message>
    <message>
      <source>no place on its edge is sound enough for a bridge</source>
      <translation>aucun endroit de son bord n’est assez sain pour un pont</translation>
    </message>
    <message>
      <source>For yourself and for gifts; selling %1.</source>
      <translation>Pour vous-même et pour offrir ; la vente %1.</translation>
    </message>
    <message>
      <source>with credit to the author</source>
      <translation>en nommant l’auteur</translation>
    </message>
    <message>
      <source>The listing says “%1”, which the font's own text does not bear out.</source>
      <translation>L’annonce dit « %1 », ce que le texte de la police ne confirme pas.</translation>
    </message>
    <message>
      <source>The font's embedding bits say “restricted”: %1 That is about documents, not about goods.</source>
      <translation>Les bits d’incorporation de la police disent « restreint » : %1 Cela concerne les documents, pas les objets.</translation>
    </message>
    <message>
      <source>%1 is very long; only its first part was read.</source>
      <translation>%1 est très long ; seul le début a été lu.</translation>
    </message>
    <message>
      <source>%1 only speaks of the %2; that is weaker than its text.</source>
      <translation>%1 ne fait que parler de la %2 ; c’est plus faible que son texte.</translation>
    </message>
    <message>
      <source>%1 reserves the name “%2”, which is another font's: it frees that one.</source>
      <translation>%1 réserve le nom « %2 », celui d’une autre police : c’est elle qu’il libère.</translation>
    </message>
    <message>
      <source>%1 holds only a part of the %2.</source>
      <translation>%1 ne contient qu’une partie de la %2.</translation>
    </message>
    <message>
      <source>%1 is not the %2 any more: words of it were changed.</source>
      <translation>%1 n’est plus la %2 : des mots y ont été changés.</translation>
    </message>
    <message>
      <source>Too much of the %1 is different.</source>
      <translation>Trop de la %1 est différent.</translation>
    </message>
    <message>
      <source>Put into the %1: “%2”.</source>
      <translation>Ajouté à la %1 : « %2 ».</translation>
    </message>
    <message>
      <source>Left out of the %1: “%2”.</source>
      <translation>Omis de la %1 : « %2 ».</translation>
    </message>
    <message>
      <source>Changed in the %1: “%2” for “%3”.</source>
      <translation>Changé dans la %1 : « %2 » au lieu de « %3 ».</translation>
    </message>
    <message>
      <source>%1 is written in %2 in part, which is not read.</source>
      <translation>%1 est en partie en %2, langue qui n’est pas lue.</translation>
    </message>
    <message>
      <source>It is written in %1, which is not read.</source>
      <translation>C’est écrit en %1, langue qui n’est pas lue.</translation>
    </message>
    <message>
      <source>a file that holds the outlines goes under the same licence, with its source</source>
      <translation>un fichier qui contient les contours passe sous la même licence, avec sa source</translation>
    </message>
    <message>
      <source>with credit; what you make from the font itself goes under the same licence</source>
      <translation>en nommant l’auteur ; ce que vous faites de la police elle-même passe sous la même licence</translation>
    </message>
    <message>
      <source>with credit; whether welding counts as altering, ask</source>
      <translation>en nommant l’auteur ; demandez si souder compte comme modifier</translation>
    </message>
    <message>
      <source>in your own shop only</source>
      <translation>seulement dans votre propre boutique</translation>
    </message>
    <message>
      <source>no print on demand</source>
      <translation>pas d’impression à la demande</translation>
    </message>
    <message>
      <source>up to %1</source>
      <translation>jusqu’à %1</translation>
    </message>
    <message>
      <source>needs the author's permission</source>
      <translation>demande la permission de l’auteur</translation>
    </message>
    <message>
      <source>needs a donation</source>
      <translation>demande un don</translation>
    </message>
    <message>
      <source>any number</source>
      <translation>sans limite de nombre</translation>
    </message>
    <message>
      <source>a donation is welcome</source>
      <translation>un don est bienvenu</translation>
    </message>
    <message>
      <source>needs a commercial licence</source>
      <translation>demande une licence commerciale</translation>
    </message>
    <message>
      <source>%1 of %2 bytes are there</source>
      <translation>%1 octets sur %2 sont là</translation>
    </message>
    <message>
      <source>it has %1, asked for %2</source>
      <translation>elle en a %1, demandé %2</translation>
    </message>
    <message>
      <source>it is not a variable font</source>
      <translation>ce n’est pas une police variable</translation>
    </message>
    <message>
      <source>it has %1</source>
      <translation>elle a %1</translation>
    </message>
    <message>
      <source>the font exchanges it for “%1”</source>
      <translation>la police l’échange contre « %1 »</translation>
    </message>
    <message>
      <source>it is named %1</source>
      <translation>elle se nomme %1</translation>
    </message>
    <message>
      <source>%1 % of “%2” lies within it</source>
      <translation>%1 % de « %2 » y tient</translation>
    </message>
    <message>
      <source>you said so</source>
      <translation>vous l’avez dit</translation>
    </message>
    <message>
      <source>%1 em</source>
      <translation>%1 em</translation>
    </message>
    <message>
      <source>Set %1</source>
      <translation>Jeu %1</translation>
    </message>
    <message>
      <source>Variant %1</source>
      <translation>Variante %1</translation>
    </message>
    <message>
      <source>its file is missing, or has other content than it should</source>
      <translation>son fichier manque, ou a un autre contenu qu’il ne devrait</translation>
    </message>
    <message>
      <source>it is no font</source>
      <translation>ce n’est pas une police</translation>
    </message>
    <message>
      <source>version %1, this program knows %2</source>
      <translation>version %1, ce programme connaît la %2</translation>
    </message>
    <message>
      <source>it may be %1</source>
      <translation>peut-être %1</translation>
    </message>
    <message>
      <source>status %1</source>
      <translation>statut %1</translation>
    </message>
    <message>
      <source>%1 of %2 bytes are here</source>
      <translation>%1 octets sur %2 sont ici</translation>
    </message>
    <message>
      <source>it is packed in a way that is not known here</source>
      <translation>il est comprimé d’une façon inconnue ici</translation>
    </message>
    <message>
      <source>what is packed in it is damaged</source>
      <translation>son contenu comprimé est endommagé</translation>
    </message>
    <message>
      <source>%1 lies in a folder of its own, and frees the fonts in that folder only.</source>
      <translation>%1 est dans un dossier à part, et ne libère que les polices de ce dossier.</translation>
    </message>
    <message>
      <source>%1 describes more than one licence and does not say which one is yours.</source>
      <translation>%1 décrit plus d’une licence et ne dit pas laquelle est la vôtre.</translation>
    </message>
    <message>
      <source>papers: %1, decisions: %2, sold: %3</source>
      <translation>papiers : %1, décisions : %2, vendus : %3</translation>
    </message>
    <message>
      <source>%1 and %2 more</source>
      <translation>%1 et %2 de plus</translation>
    </message>
    <message>
      <source>%1, collection</source>
      <translation>%1, collection</translation>
    </message>
    <message>
      <source>%1, variable</source>
      <translation>%1, variable</translation>
    </message>
    <message>
      <source>name</source>
      <translation>nom</translation>
    </message>
    <message>
      <source>file</source>
      <translation>fichier</translation>
    </message>
    <message>
      <source>maker</source>
      <translation>créateur</translation>
    </message>
    <message>
      <source>version</source>
      <translation>version</translation>
    </message>
    <message>
      <source>format</source>
      <translation>format</translation>
    </message>
    <message>
      <source>size</source>
      <translation>taille</translation>
    </message>
    <message>
      <source>styles in the file</source>
      <translation>styles dans le fichier</translation>
    </message>
    <message>
      <source>glyphs</source>
      <translation>glyphes</translation>
    </message>
    <message>
      <source>characters</source>
      <translation>caractères</translation>
    </message>
    <message>
      <source>features</source>
      <translation>fonctions</translation>
    </message>
    <message>
      <source>drawn differently</source>
      <translation>dessinés autrement</translation>
    </message>
    <message>
      <source>only here</source>
      <translation>seulement ici</translation>
    </message>
    <message>
      <source>package</source>
      <translation>paquet</translation>
    </message>
    <message>
      <source>documents</source>
      <translation>documents</translation>
    </message>
    <message>
      <source>taken in</source>
      <translation>ajoutée</translation>
    </message>
    <message>
      <source>last used</source>
      <translation>dernier emploi</translation>
    </message>
    <message>
      <source>it is version %1</source>
      <translation>c’est la version %1</translation>
    </message>
    <message>
      <source>%1, given by %2</source>
      <translation>%1, donné par %2</translation>
    </message>
    <message>
      <source>The font's papers say nothing of stitched letters: sew goods as its licence says, and ask its author before you pass the letters themselves on.</source>
      <translation>Les documents de la police ne disent rien des lettres brodées : brodez des articles comme sa licence le dit, et demandez à son auteur avant de transmettre les lettres elles-mêmes.</translation>
    </message>
    <message>
      <source>The font's licence allows stitched letters: “%1” (%2, line %3).</source>
      <translation>La licence de la police permet les lettres brodées : « %1 » (%2, ligne %3).</translation>
    </message>
    <message>
      <source>The font's licence allows stitched letters within limits: “%1” (%2, line %3).</source>
      <translation>La licence de la police permet les lettres brodées dans certaines limites : « %1 » (%2, ligne %3).</translation>
    </message>
    <message>
      <source>The font's licence forbids stitched letters: “%1” (%2, line %3).</source>
      <translation>La licence de la police interdit les lettres brodées : « %1 » (%2, ligne %3).</translation>
    </message>
    <message>
      <source>Use them for yourself, and pass them on to nobody.</source>
      <translation>Utilisez-les pour vous et ne les transmettez à personne.</translation>
    </message>
    <message>
      <source>Poplar ply, 3 mm, 600 x 300 mm</source>
      <translation>Contreplaqué de peuplier, 3 mm, 600 x 300 mm</translation>
    </message>
    <message>
      <source>Stencil film, roll 600 mm</source>
      <translation>Film à pochoir, rouleau 600 mm</translation>
    </message>
  </context>
  <context>
    <name>Likeness</name>
    <message>
      <source>%1, %2 %</source>
      <translation>%1, %2 %</translation>
    </message>
    <message>
      <source>the same</source>
      <translation>la même</translation>
    </message>
    <message>
      <source>nearly the same</source>
      <translation>presque la même</translation>
    </message>
    <message>
      <source>like it</source>
      <translation>ressemblante</translation>
    </message>
    <message>
      <source>in its manner</source>
      <translation>de la même manière</translation>
    </message>
    <message>
      <source>unlike</source>
      <translation>différente</translation>
    </message>
  </context>
  <context>
    <name>Measures</name>
    <message>
      <source>free of charge</source>
      <translation>gratuit</translation>
    </message>
  </context>
  <context>
    <name>Proof</name>
    <message>
      <source>a motif</source>
      <translation>un motif</translation>
    </message>
    <message>
      <source>%1 and %2</source>
      <translation>%1 et %2</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>%1 %2 holds %3.</source>
      <translation>%1 %2 tient %3.</translation>
    </message>
    <message>
      <source>Thin: %1 in %2</source>
      <translation>Mince : %1 dans %2</translation>
    </message>
    <message>
      <source>Thin: %1</source>
      <translation>Mince : %1</translation>
    </message>
    <message>
      <source>Tight gap: %1 between %2</source>
      <translation>Jour étroit : %1 entre %2</translation>
    </message>
    <message>
      <source>Tight gap: %1</source>
      <translation>Jour étroit : %1</translation>
    </message>
    <message>
      <source>Tight gap: %1 in %2</source>
      <translation>Jour étroit : %1 dans %2</translation>
    </message>
    <message>
      <source>A speck of %1 in %2</source>
      <translation>Un éclat de %1 dans %2</translation>
    </message>
    <message>
      <source>A speck of %1</source>
      <translation>Un éclat de %1</translation>
    </message>
    <message>
      <source>A middle of %1 in %2</source>
      <translation>Une contreforme de %1 dans %2</translation>
    </message>
    <message>
      <source>A middle of %1</source>
      <translation>Une contreforme de %1</translation>
    </message>
    <message>
      <source>A point of %1 in %2</source>
      <translation>Une pointe de %1 dans %2</translation>
    </message>
    <message>
      <source>A point of %1</source>
      <translation>Une pointe de %1</translation>
    </message>
    <message>
      <source>Hangs by %1 at %2</source>
      <translation>Tient par %1 en %2</translation>
    </message>
    <message>
      <source>Hangs by %1</source>
      <translation>Tient par %1</translation>
    </message>
    <message>
      <source>A loose piece</source>
      <translation>Une pièce détachée</translation>
    </message>
    <message>
      <source>A loose piece: %1</source>
      <translation>Une pièce détachée : %1</translation>
    </message>
    <message>
      <source>A middle that falls out</source>
      <translation>Une contreforme qui tombe</translation>
    </message>
    <message>
      <source>The middle of %1 falls out</source>
      <translation>La contreforme de %1 tombe</translation>
    </message>
    <message numerus="yes">
      <source>%n node(s) for each cm</source>
      <translation>
        <numerusform>%n nœud par cm</numerusform>
        <numerusform>%n nœuds par cm</numerusform>
      </translation>
    </message>
    <message>
      <source>Cut twice, %1 apart, at %2</source>
      <translation>Coupé deux fois, à %1 d’écart, en %2</translation>
    </message>
    <message>
      <source>Cut twice, %1 apart</source>
      <translation>Coupé deux fois, à %1 d’écart</translation>
    </message>
    <message>
      <source>Too large: %1</source>
      <translation>Trop grand : %1</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) missing</source>
      <translation>
        <numerusform>%n lettre manque</numerusform>
        <numerusform>%n lettres manquent</numerusform>
      </translation>
    </message>
    <message>
      <source>The font lacks %1</source>
      <translation>Il manque à la police %1</translation>
    </message>
    <message>
      <source>Not settled for a sale</source>
      <translation>Pas réglé pour une vente</translation>
    </message>
    <message>
      <source>Low: a line of %1</source>
      <translation>Basse : une ligne de %1</translation>
    </message>
    <message>
      <source>Wide: %1 in %2</source>
      <translation>Large : %1 dans %2</translation>
    </message>
    <message>
      <source>Wide: %1</source>
      <translation>Large : %1</translation>
    </message>
    <message numerus="yes">
      <source>%n layer(s) of thread</source>
      <translation>
        <numerusform>%n couche de fil</numerusform>
        <numerusform>%n couches de fil</numerusform>
      </translation>
    </message>
    <message>
      <source>Stitched letters at a size of %1</source>
      <translation>Lettres brodées à une taille de %1</translation>
    </message>
    <message>
      <source>Short stitches: %1 %</source>
      <translation>Points courts : %1 %</translation>
    </message>
    <message>
      <source>%1 at the least</source>
      <translation>%1 au moins</translation>
    </message>
    <message>
      <source>%1 without care</source>
      <translation>%1 sans souci</translation>
    </message>
    <message>
      <source>Gaps under %1 close up.</source>
      <translation>Les jours de moins de %1 se ferment.</translation>
    </message>
    <message>
      <source>Pieces under %1 come off.</source>
      <translation>Les pièces de moins de %1 se détachent.</translation>
    </message>
    <message>
      <source>Middles under %1 cannot be picked clean.</source>
      <translation>Les contreformes de moins de %1 ne s’échenillent pas proprement.</translation>
    </message>
    <message>
      <source>Points under %1 lift.</source>
      <translation>Les pointes de moins de %1 se soulèvent.</translation>
    </message>
    <message>
      <source>Two parts hold together here by less than %1.</source>
      <translation>Deux parties tiennent ici par moins de %1.</translation>
    </message>
    <message>
      <source>This thing has to be one piece.</source>
      <translation>Cet objet doit être d’une seule pièce.</translation>
    </message>
    <message>
      <source>Nothing ties it to the sheet.</source>
      <translation>Rien ne la retient à la feuille.</translation>
    </message>
    <message numerus="yes">
      <source>The machine stutters from %n on.</source>
      <translation>
        <numerusform>À partir de %n, la machine bégaie.</numerusform>
        <numerusform>À partir de %n, la machine bégaie.</numerusform>
      </translation>
    </message>
    <message>
      <source>Two pieces share %1 of edge.</source>
      <translation>Deux pièces partagent %1 de bord.</translation>
    </message>
    <message>
      <source>The hoop has %1, also when it is turned.</source>
      <translation>Le cadre fait %1, même tourné.</translation>
    </message>
    <message>
      <source>The sheet has %1.</source>
      <translation>La feuille fait %1.</translation>
    </message>
    <message>
      <source>They are left out.</source>
      <translation>Elles sont laissées de côté.</translation>
    </message>
    <message>
      <source>The job is for sale, and its font does not plainly allow it.</source>
      <translation>Le travail est à vendre, et sa police ne le permet pas clairement.</translation>
    </message>
    <message>
      <source>Letters under %1 run together when they are sewn.</source>
      <translation>Les lettres de moins de %1 se bouchent à la broderie.</translation>
    </message>
    <message>
      <source>Wider than %1 satin comes loose: it is filled in rows.</source>
      <translation>Au-delà de %1, le passé plat se défait : il est rempli en rangs.</translation>
    </message>
    <message>
      <source>Their stitches can be moved apart up to %1; beyond, cloth shows between them.</source>
      <translation>Leurs points peuvent s’écarter jusqu’à %1 ; au-delà, le tissu se voit.</translation>
    </message>
    <message>
      <source>Their stitches can be moved together down to %1; below, thread breaks.</source>
      <translation>Leurs points peuvent se resserrer jusqu’à %1 ; en deçà, le fil casse.</translation>
    </message>
    <message numerus="yes">
      <source>From %n on the needle may break.</source>
      <translation>
        <numerusform>À partir de %n, l’aiguille peut casser.</numerusform>
        <numerusform>À partir de %n, l’aiguille peut casser.</numerusform>
      </translation>
    </message>
    <message>
      <source>Under 0.3 mm, more than one in a hundred: the thread may break.</source>
      <translation>Moins de 0,3 mm, plus d’un sur cent : le fil peut casser.</translation>
    </message>
    <message>
      <source>%1 long. %2</source>
      <translation>Long de %1. %2</translation>
    </message>
    <message numerus="yes">
      <source>%n thin stroke(s), down to %1</source>
      <translation>
        <numerusform>%n trait mince, jusqu’à %1</numerusform>
        <numerusform>%n traits minces, jusqu’à %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n tight gap(s), down to %1</source>
      <translation>
        <numerusform>%n jour étroit, jusqu’à %1</numerusform>
        <numerusform>%n jours étroits, jusqu’à %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n speck(s), down to %1</source>
      <translation>
        <numerusform>%n éclat, jusqu’à %1</numerusform>
        <numerusform>%n éclats, jusqu’à %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n small middle(s), down to %1</source>
      <translation>
        <numerusform>%n petite contreforme, jusqu’à %1</numerusform>
        <numerusform>%n petites contreformes, jusqu’à %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n sharp point(s), down to %1</source>
      <translation>
        <numerusform>%n pointe aiguë, jusqu’à %1</numerusform>
        <numerusform>%n pointes aiguës, jusqu’à %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) by a thread, down to %1</source>
      <translation>
        <numerusform>%n partie tenue par un fil, jusqu’à %1</numerusform>
        <numerusform>%n parties tenues par un fil, jusqu’à %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n loose piece(s)</source>
      <translation>
        <numerusform>%n pièce détachée</numerusform>
        <numerusform>%n pièces détachées</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) that (falls|fall) out</source>
      <translation>
        <numerusform>%n contreforme tombe</numerusform>
        <numerusform>%n contreformes tombent</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n edge(s) cut twice</source>
      <translation>
        <numerusform>%n bord coupé deux fois</numerusform>
        <numerusform>%n bords coupés deux fois</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n low line(s), down to %1</source>
      <translation>
        <numerusform>%n ligne basse, jusqu’à %1</numerusform>
        <numerusform>%n lignes basses, jusqu’à %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n wide stroke(s), up to %1</source>
      <translation>
        <numerusform>%n trait large, jusqu’à %1</numerusform>
        <numerusform>%n traits larges, jusqu’à %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n à regarder</numerusform>
        <numerusform>%n à regarder</numerusform>
      </translation>
    </message>
    <message>
      <source>gap %1</source>
      <translation>jour %1</translation>
    </message>
    <message>
      <source>loose</source>
      <translation>détaché</translation>
    </message>
    <message>
      <source>falls out</source>
      <translation>tombe</translation>
    </message>
    <message>
      <source>twice</source>
      <translation>deux fois</translation>
    </message>
    <message>
      <source>Thicken here to %1</source>
      <translation>Épaissir ici à %1</translation>
    </message>
    <message>
      <source>All of them</source>
      <translation>Tous</translation>
    </message>
    <message>
      <source>Everything thicker by %1</source>
      <translation>Tout plus épais de %1</translation>
    </message>
    <message>
      <source>Part them by %1</source>
      <translation>Les écarter de %1</translation>
    </message>
    <message>
      <source>Close it</source>
      <translation>Le fermer</translation>
    </message>
    <message>
      <source>Close all</source>
      <translation>Tout fermer</translation>
    </message>
    <message>
      <source>Open here to %1</source>
      <translation>Ouvrir ici à %1</translation>
    </message>
    <message>
      <source>Open all</source>
      <translation>Tout ouvrir</translation>
    </message>
    <message>
      <source>Leave it out</source>
      <translation>La laisser de côté</translation>
    </message>
    <message>
      <source>Enlarge it</source>
      <translation>L’agrandir</translation>
    </message>
    <message>
      <source>Tie it</source>
      <translation>L’attacher</translation>
    </message>
    <message>
      <source>Leave out all</source>
      <translation>Tous de côté</translation>
    </message>
    <message>
      <source>Fill it</source>
      <translation>La remplir</translation>
    </message>
    <message>
      <source>Fill all</source>
      <translation>Tout remplir</translation>
    </message>
    <message>
      <source>Blunt it by %1</source>
      <translation>L’émousser de %1</translation>
    </message>
    <message>
      <source>Blunt all</source>
      <translation>Tout émousser</translation>
    </message>
    <message>
      <source>Tie by the shortest bridges</source>
      <translation>Relier par les ponts les plus courts</translation>
    </message>
    <message>
      <source>A bar under the words</source>
      <translation>Une barre sous les mots</translation>
    </message>
    <message>
      <source>A plate behind them</source>
      <translation>Une plaque derrière</translation>
    </message>
    <message>
      <source>Bridges of %1 for all</source>
      <translation>Des ponts de %1 pour tous</translation>
    </message>
    <message>
      <source>One here</source>
      <translation>Un ici</translation>
    </message>
    <message>
      <source>Fewer, within %1</source>
      <translation>Moins, à %1 près</translation>
    </message>
    <message>
      <source>Bring it to %1</source>
      <translation>L’amener à %1</translation>
    </message>
    <message>
      <source>Fit to it</source>
      <translation>L’ajuster</translation>
    </message>
    <message>
      <source>Larger letters</source>
      <translation>Lettres plus grandes</translation>
    </message>
    <message>
      <source>Sew them as lines</source>
      <translation>Les broder en lignes</translation>
    </message>
    <message>
      <source>Sew it as satin all the same</source>
      <translation>Le broder quand même au passé plat</translation>
    </message>
    <message>
      <source>Without underlay</source>
      <translation>Sans sous-couche</translation>
    </message>
    <message>
      <source>Stitches wider apart</source>
      <translation>Points plus écartés</translation>
    </message>
    <message>
      <source>Weld or space them in Compose</source>
      <translation>Souder ou espacer dans « Composer »</translation>
    </message>
    <message>
      <source>Choose a font</source>
      <translation>Choisir une police</translation>
    </message>
    <message>
      <source>Open its right</source>
      <translation>Ouvrir ses droits</translation>
    </message>
    <message>
      <source>thin strokes</source>
      <translation>les traits minces</translation>
    </message>
    <message>
      <source>tight gaps</source>
      <translation>les jours étroits</translation>
    </message>
    <message>
      <source>specks</source>
      <translation>les éclats</translation>
    </message>
    <message>
      <source>small middles</source>
      <translation>les petites contreformes</translation>
    </message>
    <message>
      <source>sharp points</source>
      <translation>les pointes aiguës</translation>
    </message>
    <message>
      <source>what hangs by a thread</source>
      <translation>ce qui tient par un fil</translation>
    </message>
    <message>
      <source>loose pieces</source>
      <translation>les pièces détachées</translation>
    </message>
    <message>
      <source>middles without a bridge</source>
      <translation>les contreformes sans pont</translation>
    </message>
    <message>
      <source>many nodes</source>
      <translation>beaucoup de nœuds</translation>
    </message>
    <message>
      <source>what is cut twice</source>
      <translation>ce qui est coupé deux fois</translation>
    </message>
    <message>
      <source>what is too large</source>
      <translation>ce qui est trop grand</translation>
    </message>
    <message>
      <source>missing letters</source>
      <translation>les lettres manquantes</translation>
    </message>
    <message>
      <source>the right</source>
      <translation>les droits</translation>
    </message>
    <message>
      <source>low letters</source>
      <translation>les lettres basses</translation>
    </message>
    <message>
      <source>wide strokes</source>
      <translation>les traits larges</translation>
    </message>
    <message>
      <source>thick thread</source>
      <translation>le fil épais</translation>
    </message>
    <message>
      <source>short stitches</source>
      <translation>les points courts</translation>
    </message>
    <message>
      <source>stitched letters</source>
      <translation>les lettres brodées</translation>
    </message>
    <message>
      <source>thin strokes to %1</source>
      <translation>traits minces à %1</translation>
    </message>
    <message>
      <source>one stroke to %1</source>
      <translation>un trait à %1</translation>
    </message>
    <message>
      <source>gaps opened to %1</source>
      <translation>jours ouverts à %1</translation>
    </message>
    <message>
      <source>one gap opened to %1</source>
      <translation>un jour ouvert à %1</translation>
    </message>
    <message>
      <source>gaps under %1 closed</source>
      <translation>jours de moins de %1 fermés</translation>
    </message>
    <message>
      <source>one gap under %1 closed</source>
      <translation>un jour de moins de %1 fermé</translation>
    </message>
    <message>
      <source>specks under %1 left out</source>
      <translation>éclats de moins de %1 laissés de côté</translation>
    </message>
    <message>
      <source>one speck under %1 left out</source>
      <translation>un éclat de moins de %1 laissé de côté</translation>
    </message>
    <message>
      <source>specks enlarged to %1</source>
      <translation>éclats agrandis à %1</translation>
    </message>
    <message>
      <source>one speck enlarged to %1</source>
      <translation>un éclat agrandi à %1</translation>
    </message>
    <message>
      <source>specks tied by %1</source>
      <translation>éclats attachés par %1</translation>
    </message>
    <message>
      <source>one speck tied by %1</source>
      <translation>un éclat attaché par %1</translation>
    </message>
    <message>
      <source>middles under %1 filled</source>
      <translation>contreformes de moins de %1 remplies</translation>
    </message>
    <message>
      <source>one middle under %1 filled</source>
      <translation>une contreforme de moins de %1 remplie</translation>
    </message>
    <message>
      <source>middles enlarged to %1</source>
      <translation>contreformes agrandies à %1</translation>
    </message>
    <message>
      <source>one middle enlarged to %1</source>
      <translation>une contreforme agrandie à %1</translation>
    </message>
    <message>
      <source>points blunted by %1</source>
      <translation>pointes émoussées de %1</translation>
    </message>
    <message>
      <source>one point blunted by %1</source>
      <translation>une pointe émoussée de %1</translation>
    </message>
    <message>
      <source>all tied by bridges of %1</source>
      <translation>tout relié par des ponts de %1</translation>
    </message>
    <message>
      <source>a bar of %1 under the words</source>
      <translation>une barre de %1 sous les mots</translation>
    </message>
    <message>
      <source>a plate behind the words</source>
      <translation>une plaque derrière les mots</translation>
    </message>
    <message>
      <source>bridges of %1</source>
      <translation>des ponts de %1</translation>
    </message>
    <message>
      <source>one more bridge of %1</source>
      <translation>un pont de plus, de %1</translation>
    </message>
    <message>
      <source>one bridge taken off</source>
      <translation>un pont enlevé</translation>
    </message>
    <message>
      <source>one stroke sewn as satin</source>
      <translation>un trait brodé au passé plat</translation>
    </message>
    <message>
      <source>one stroke sewn in rows</source>
      <translation>un trait brodé en rangs</translation>
    </message>
    <message>
      <source>one stroke sewn as a line</source>
      <translation>un trait brodé en ligne</translation>
    </message>
    <message>
      <source>one place of %1 left as it is</source>
      <translation>un endroit de %1 laissé tel quel</translation>
    </message>
    <message>
      <source>%1 left as they are</source>
      <translation>%1 laissés tels quels</translation>
    </message>
    <message>
      <source>Strokes</source>
      <translation>Traits</translation>
    </message>
    <message>
      <source>none under %1</source>
      <translation>aucun sous %1</translation>
    </message>
    <message>
      <source>Gaps</source>
      <translation>Jours</translation>
    </message>
    <message>
      <source>No specks</source>
      <translation>Pas d’éclats</translation>
    </message>
    <message>
      <source>Middles open</source>
      <translation>Contreformes ouvertes</translation>
    </message>
    <message>
      <source>Points</source>
      <translation>Pointes</translation>
    </message>
    <message>
      <source>One piece</source>
      <translation>Une pièce</translation>
    </message>
    <message>
      <source>all hangs together</source>
      <translation>tout se tient</translation>
    </message>
    <message>
      <source>Every middle is tied</source>
      <translation>Chaque contreforme est retenue</translation>
    </message>
    <message numerus="yes">
      <source>%n bridge(s)</source>
      <translation>
        <numerusform>%n pont</numerusform>
        <numerusform>%n ponts</numerusform>
      </translation>
    </message>
    <message>
      <source>Nodes</source>
      <translation>Nœuds</translation>
    </message>
    <message>
      <source>%1 → %2, off by %3</source>
      <translation>%1 → %2, à %3 près</translation>
    </message>
    <message>
      <source>Fits the hoop</source>
      <translation>Tient dans le cadre</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>Thread</source>
      <translation>Fil</translation>
    </message>
    <message numerus="yes">
      <source>no more than %n layer(s)</source>
      <translation>
        <numerusform>pas plus de %n couche</numerusform>
        <numerusform>pas plus de %n couches</numerusform>
      </translation>
    </message>
    <message>
      <source>Fits its sheet</source>
      <translation>Tient sur sa feuille</translation>
    </message>
    <message>
      <source>May sell</source>
      <translation>Vente permise</translation>
    </message>
    <message numerus="yes">
      <source>%n stroke(s) thicker</source>
      <translation>
        <numerusform>%n trait épaissi</numerusform>
        <numerusform>%n traits épaissis</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n gap(s) mended</source>
      <translation>
        <numerusform>%n jour réparé</numerusform>
        <numerusform>%n jours réparés</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n speck(s) mended</source>
      <translation>
        <numerusform>%n éclat réparé</numerusform>
        <numerusform>%n éclats réparés</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) mended</source>
      <translation>
        <numerusform>%n contreforme réparée</numerusform>
        <numerusform>%n contreformes réparées</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n point(s) blunted</source>
      <translation>
        <numerusform>%n pointe émoussée</numerusform>
        <numerusform>%n pointes émoussées</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n loose piece(s) tied</source>
      <translation>
        <numerusform>%n pièce détachée reliée</numerusform>
        <numerusform>%n pièces détachées reliées</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) tied to the sheet</source>
      <translation>
        <numerusform>%n contreforme retenue à la feuille</numerusform>
        <numerusform>%n contreformes retenues à la feuille</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 % more ink</source>
      <translation>%1 % de surface en plus</translation>
    </message>
    <message>
      <source>%1 % less ink</source>
      <translation>%1 % de surface en moins</translation>
    </message>
    <message numerus="yes">
      <source>%n place(s) left: %1</source>
      <translation>
        <numerusform>%n endroit reste : %1</numerusform>
        <numerusform>%n endroits restent : %1</numerusform>
      </translation>
    </message>
    <message>
      <source>Nothing had to be mended.</source>
      <translation>Rien n’était à réparer.</translation>
    </message>
    <message>
      <source>Touches in a point only</source>
      <translation>Ne se touche qu’en un point</translation>
    </message>
    <message>
      <source>Touches in a point only: %1</source>
      <translation>Ne se touche qu’en un point : %1</translation>
    </message>
    <message>
      <source>one thread parted by %1</source>
      <translation>un fil séparé de %1</translation>
    </message>
    <message numerus="yes">
      <source>%n thread(s) parted</source>
      <translation>
        <numerusform>%n fil séparé</numerusform>
        <numerusform>%n fils séparés</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>QObject</name>
    <message>
      <source>%1, line %2</source>
      <translation>%1, ligne %2</translation>
    </message>
    <message>
      <source>%1, %2</source>
      <translation>%1, %2</translation>
    </message>
    <message>
      <source>yes</source>
      <translation>oui</translation>
    </message>
    <message>
      <source>no</source>
      <translation>non</translation>
    </message>
    <message>
      <source>within limits</source>
      <translation>dans des limites</translation>
    </message>
    <message>
      <source>not said</source>
      <translation>non dit</translation>
    </message>
    <message>
      <source>cut in this vinyl</source>
      <translation>se coupent dans ce vinyle</translation>
    </message>
    <message>
      <source>cut in heat-transfer material</source>
      <translation>se coupent dans le flex</translation>
    </message>
    <message>
      <source>cut in card</source>
      <translation>se coupent dans la carte</translation>
    </message>
    <message>
      <source>hold in wood</source>
      <translation>tiennent dans le bois</translation>
    </message>
    <message>
      <source>hold as a stencil</source>
      <translation>tiennent en pochoir</translation>
    </message>
    <message>
      <source>can be drawn with a pen</source>
      <translation>se dessinent au stylo</translation>
    </message>
    <message>
      <source>hold as appliqué</source>
      <translation>tiennent en appliqué</translation>
    </message>
    <message>
      <source>can be stitched in satin</source>
      <translation>se brodent au passé plat</translation>
    </message>
    <message>
      <source>can be traced</source>
      <translation>se décalquent</translation>
    </message>
    <message>
      <source>may be sold</source>
      <translation>peuvent être vendues</translation>
    </message>
    <message>
      <source>join every letter</source>
      <translation>relient toutes les lettres</translation>
    </message>
    <message>
      <source>have a swash for these letters</source>
      <translation>ont une lettre ornée pour ces lettres</translation>
    </message>
    <message>
      <source>have every letter</source>
      <translation>ont toutes les lettres</translation>
    </message>
    <message>
      <source>are mine already</source>
      <translation>sont déjà à moi</translation>
    </message>
    <message>
      <source>have strokes that hold</source>
      <translation>ont des traits qui tiennent</translation>
    </message>
    <message>
      <source>have gaps that stay open</source>
      <translation>ont des jours qui restent ouverts</translation>
    </message>
    <message>
      <source>have no piece that is too small</source>
      <translation>n’ont aucune pièce trop petite</translation>
    </message>
    <message>
      <source>have fewer than 40 nodes a letter</source>
      <translation>ont moins de 40 nœuds par lettre</translation>
    </message>
    <message>
      <source>have no sharp points</source>
      <translation>n’ont pas de pointes aiguës</translation>
    </message>
    <message>
      <source>have no middles to weed</source>
      <translation>n’ont pas de contreformes à écheniller</translation>
    </message>
    <message>
      <source>have hidden forms</source>
      <translation>ont des formes cachées</translation>
    </message>
    <message>
      <source>may be sold within limits</source>
      <translation>peuvent être vendues dans des limites</translation>
    </message>
    <message>
      <source>are for gifts only</source>
      <translation>ne sont que pour des cadeaux</translation>
    </message>
    <message>
      <source>need a question first</source>
      <translation>demandent d’abord une question</translation>
    </message>
    <message>
      <source>cost nothing</source>
      <translation>ne coûtent rien</translation>
    </message>
    <message>
      <source>are of this year</source>
      <translation>sont de cette année</translation>
    </message>
    <message>
      <source>are often fetched</source>
      <translation>sont souvent cherchées</translation>
    </message>
    <message>
      <source>mine first</source>
      <translation>les miennes d’abord</translation>
    </message>
    <message>
      <source>best fit first</source>
      <translation>les mieux adaptées d’abord</translation>
    </message>
    <message>
      <source>by name</source>
      <translation>par nom</translation>
    </message>
    <message>
      <source>cheapest first</source>
      <translation>les moins chères d’abord</translation>
    </message>
    <message>
      <source>newest first</source>
      <translation>les plus récentes d’abord</translation>
    </message>
    <message>
      <source>most fetched first</source>
      <translation>les plus cherchées d’abord</translation>
    </message>
    <message>
      <source>last used first</source>
      <translation>les dernières utilisées d’abord</translation>
    </message>
    <message>
      <source>last taken in first</source>
      <translation>les dernières prises d’abord</translation>
    </message>
    <message>
      <source>thickest strokes first</source>
      <translation>traits les plus épais d’abord</translation>
    </message>
    <message>
      <source>widest gaps first</source>
      <translation>jours les plus larges d’abord</translation>
    </message>
    <message>
      <source>fewest pieces first</source>
      <translation>le moins de pièces d’abord</translation>
    </message>
    <message>
      <source>fewest nodes first</source>
      <translation>le moins de nœuds d’abord</translation>
    </message>
    <message>
      <source>fewest middles first</source>
      <translation>le moins de contreformes d’abord</translation>
    </message>
    <message>
      <source>fewest sharp points first</source>
      <translation>le moins de pointes aiguës d’abord</translation>
    </message>
    <message>
      <source>best joined first</source>
      <translation>les mieux reliées d’abord</translation>
    </message>
    <message>
      <source>most other forms first</source>
      <translation>le plus d’autres formes d’abord</translation>
    </message>
    <message>
      <source>most complete first</source>
      <translation>les plus complètes d’abord</translation>
    </message>
    <message>
      <source>freest to sell first</source>
      <translation>les plus libres à vendre d’abord</translation>
    </message>
    <message>
      <source>likest first</source>
      <translation>les plus ressemblantes d’abord</translation>
    </message>
    <message>
      <source>somebody else's</source>
      <translation>à quelqu’un d’autre</translation>
    </message>
    <message>
      <source>You flagged this as somebody else's mark: do not sell goods that show it, whatever the font's licence says.</source>
      <translation>Vous l’avez signalé comme la marque de quelqu’un d’autre : ne vendez rien qui la montre, quoi que dise la licence de la police.</translation>
    </message>
    <message>
      <source>You flagged this as somebody else's mark: keep it to gifts.</source>
      <translation>Vous l’avez signalé comme la marque de quelqu’un d’autre : seulement pour des cadeaux.</translation>
    </message>
    <message>
      <source>missing</source>
      <translation>manque</translation>
    </message>
    <message>
      <source>The font does not have %1.</source>
      <translation>La police n’a pas %1.</translation>
    </message>
    <message>
      <source>It may hold; from %1 on no care is needed.</source>
      <translation>Cela peut tenir ; à partir de %1, sans souci.</translation>
    </message>
    <message>
      <source>Too thin: this process holds %1.</source>
      <translation>Trop mince : ce procédé tient %1.</translation>
    </message>
    <message>
      <source>It holds in this process.</source>
      <translation>Cela tient dans ce procédé.</translation>
    </message>
    <message>
      <source>thinnest stroke</source>
      <translation>trait le plus mince</translation>
    </message>
    <message>
      <source>narrowest gap</source>
      <translation>jour le plus étroit</translation>
    </message>
    <message>
      <source>Too narrow: this process keeps %1 open.</source>
      <translation>Trop étroit : ce procédé garde %1 ouvert.</translation>
    </message>
    <message>
      <source>It stays open in this process.</source>
      <translation>Il reste ouvert dans ce procédé.</translation>
    </message>
    <message>
      <source>The smallest has %1; this process holds %2.</source>
      <translation>La plus petite fait %1 ; ce procédé tient %2.</translation>
    </message>
    <message>
      <source>The smallest has %1.</source>
      <translation>La plus petite fait %1.</translation>
    </message>
    <message numerus="yes">
      <source>piece(s)</source>
      <translation>
        <numerusform>pièce</numerusform>
        <numerusform>pièces</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 of %2</source>
      <translation>%1 sur %2</translation>
    </message>
    <message>
      <source>join</source>
      <translation>relient</translation>
    </message>
    <message>
      <source>All neighbours hang together.</source>
      <translation>Toutes les voisines se tiennent.</translation>
    </message>
    <message>
      <source>Letters that join, except where shown.</source>
      <translation>Des lettres qui se relient, sauf où c’est montré.</translation>
    </message>
    <message>
      <source>Letters that stand apart, some of them touch.</source>
      <translation>Des lettres séparées, dont certaines se touchent.</translation>
    </message>
    <message numerus="yes">
      <source>swash(es)</source>
      <translation>
        <numerusform>lettre ornée</numerusform>
        <numerusform>lettres ornées</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>other form(s)</source>
      <translation>
        <numerusform>autre forme</numerusform>
        <numerusform>autres formes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>For %1; and %n other form(s) in all.</source>
      <translation>
        <numerusform>Pour %1 ; et %n autre forme en tout.</numerusform>
        <numerusform>Pour %1 ; et %n autres formes en tout.</numerusform>
      </translation>
    </message>
    <message>
      <source>Other forms of these letters, none of them a swash.</source>
      <translation>D’autres formes de ces lettres, aucune ornée.</translation>
    </message>
    <message numerus="yes">
      <source>middle(s)</source>
      <translation>
        <numerusform>contreforme</numerusform>
        <numerusform>contreformes</numerusform>
      </translation>
    </message>
    <message>
      <source>Each needs bridges, or it falls out.</source>
      <translation>Chacune demande des ponts, ou elle tombe.</translation>
    </message>
    <message>
      <source>To be weeded one by one.</source>
      <translation>À écheniller une par une.</translation>
    </message>
    <message>
      <source>nodes a letter</source>
      <translation>nœuds par lettre</translation>
    </message>
    <message>
      <source>%1 in all%2.</source>
      <translation>%1 en tout%2.</translation>
    </message>
    <message>
      <source>; the knife may stutter, fewer nodes can be asked for in Compose</source>
      <translation> ; la lame peut bégayer, « Composer » en demande moins</translation>
    </message>
    <message numerus="yes">
      <source>sharp point(s)</source>
      <translation>
        <numerusform>pointe aiguë</numerusform>
        <numerusform>pointes aiguës</numerusform>
      </translation>
    </message>
    <message>
      <source>Ends of less than 30 degrees lift when weeding.</source>
      <translation>Les bouts de moins de 30 degrés se soulèvent à l’échenillage.</translation>
    </message>
    <message>
      <source>hidden forms</source>
      <translation>formes cachées</translation>
    </message>
    <message>
      <source>Characters with a code of their own only (Private Use Area); the key map shows them.</source>
      <translation>Des caractères qui n’ont qu’un code à eux (zone privée) ; la carte des touches les montre.</translation>
    </message>
    <message>
      <source>stitched letters, %1 mm</source>
      <translation>lettres brodées, %1 mm</translation>
    </message>
    <message>
      <source>comes with Under Ink</source>
      <translation>vient avec Under Ink</translation>
    </message>
    <message>
      <source>from your folder</source>
      <translation>de votre dossier</translation>
    </message>
    <message>
      <source>dropped in</source>
      <translation>déposée</translation>
    </message>
    <message>
      <source>on the shelf</source>
      <translation>sur l’étagère</translation>
    </message>
    <message>
      <source>installed on this computer</source>
      <translation>installée sur cet ordinateur</translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n contreforme</numerusform>
        <numerusform>%n contreformes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n node(s)</source>
      <translation>
        <numerusform>%n nœud</numerusform>
        <numerusform>%n nœuds</numerusform>
      </translation>
    </message>
    <message>
      <source>Letters, capital and small side by side</source>
      <translation>Lettres, majuscule et minuscule côte à côte</translation>
    </message>
    <message>
      <source>Digits, marks and other characters</source>
      <translation>Chiffres, signes et autres</translation>
    </message>
    <message>
      <source>With a code of their own only (Private Use Area)</source>
      <translation>Avec un code à eux seulement (zone privée)</translation>
    </message>
    <message>
      <source>Without a key: reached through other forms only</source>
      <translation>Sans touche : seulement par d’autres formes</translation>
    </message>
    <message>
      <source>Capitals</source>
      <translation>Majuscules</translation>
    </message>
    <message>
      <source>Small letters</source>
      <translation>Minuscules</translation>
    </message>
    <message>
      <source>Digits and marks</source>
      <translation>Chiffres et signes</translation>
    </message>
    <message>
      <source>Letters of other languages</source>
      <translation>Lettres d’autres langues</translation>
    </message>
    <message>
      <source>Fonts (%1)</source>
      <translation>Polices (%1)</translation>
    </message>
    <message>
      <source>Documents, kept with the fonts (%1)</source>
      <translation>Documents, gardés avec les polices (%1)</translation>
    </message>
    <message>
      <source>Key maps, kept (%1)</source>
      <translation>Cartes des touches, gardées (%1)</translation>
    </message>
    <message>
      <source>Pictures, kept (%1)</source>
      <translation>Images, gardées (%1)</translation>
    </message>
    <message>
      <source>Stitch files, in the letters above (%1)</source>
      <translation>Fichiers de broderie, dans les lettres ci-dessus (%1)</translation>
    </message>
    <message>
      <source>Damaged, not taken (%1)</source>
      <translation>Abîmés, pas pris (%1)</translation>
    </message>
    <message>
      <source>Refused (%1)</source>
      <translation>Refusés (%1)</translation>
    </message>
    <message>
      <source>Junk, not taken (%1)</source>
      <translation>Rebut, pas pris (%1)</translation>
    </message>
    <message>
      <source>Other files, not taken (%1)</source>
      <translation>Autres fichiers, pas pris (%1)</translation>
    </message>
    <message>
      <source>You have it already, byte for byte: %1.</source>
      <translation>Vous l’avez déjà, octet pour octet : %1.</translation>
    </message>
    <message>
      <source>You have one of this name and version, with other content: %1.</source>
      <translation>Vous en avez une de ce nom et de cette version, au contenu différent : %1.</translation>
    </message>
    <message>
      <source>You have another version of it: %1.</source>
      <translation>Vous en avez une autre version : %1.</translation>
    </message>
    <message>
      <source>Press to see where.</source>
      <translation>Appuyez pour voir où.</translation>
    </message>
    <message>
      <source>Attach a receipt or a permission</source>
      <translation>Joindre un reçu ou une permission</translation>
    </message>
    <message>
      <source>Save the letter</source>
      <translation>Enregistrer la lettre</translation>
    </message>
    <message>
      <source>Save for your machine</source>
      <translation>Enregistrer pour votre machine</translation>
    </message>
    <message>
      <source>Open a folder with fonts</source>
      <translation>Ouvrir un dossier de polices</translation>
    </message>
    <message>
      <source>Open a package</source>
      <translation>Ouvrir un paquet</translation>
    </message>
    <message>
      <source>Packages and fonts (*.zip *.7z *.rar *.tar *.gz *.ttf *.otf *.ttc *.woff *.woff2);;All files (*)</source>
      <translation>Paquets et polices (*.zip *.7z *.rar *.tar *.gz *.ttf *.otf *.ttc *.woff *.woff2);;Tous les fichiers (*)</translation>
    </message>
    <message>
      <source>Open a job</source>
      <translation>Ouvrir un travail</translation>
    </message>
    <message>
      <source>Jobs (*.uink)</source>
      <translation>Travaux (*.uink)</translation>
    </message>
    <message>
      <source>Save the job</source>
      <translation>Enregistrer le travail</translation>
    </message>
    <message>
      <source>Save as a template</source>
      <translation>Enregistrer comme modèle</translation>
    </message>
    <message>
      <source>Name of the template</source>
      <translation>Nom du modèle</translation>
    </message>
    <message>
      <source>Outlines from a picture</source>
      <translation>Contours d’une image</translation>
    </message>
    <message>
      <source>SVG (*.svg *.svgz)</source>
      <translation>SVG (*.svg *.svgz)</translation>
    </message>
    <message>
      <source>A picture of lettering</source>
      <translation>Une image de lettrage</translation>
    </message>
    <message>
      <source>Pictures (*.png *.jpg *.jpeg *.webp)</source>
      <translation>Images (*.png *.jpg *.jpeg *.webp)</translation>
    </message>
    <message>
      <source>Under Ink</source>
      <translation>Under Ink</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s) were installed for this job only: %1. Take them away from your other programs now?</source>
      <translation>
        <numerusform>%n police n’était installée que pour ce travail : %1. La retirer maintenant des autres programmes ?</numerusform>
        <numerusform>%n polices n’étaient installées que pour ce travail : %1. Les retirer maintenant des autres programmes ?</numerusform>
      </translation>
    </message>
    <message>
      <source>Take away</source>
      <translation>Retirer</translation>
    </message>
    <message>
      <source>Leave installed for good</source>
      <translation>Laisser installé pour de bon</translation>
    </message>
    <message>
      <source>Leave it</source>
      <translation>Laisser ainsi</translation>
    </message>
    <message>
      <source>Handed off for sale</source>
      <translation>Remis pour la vente</translation>
    </message>
    <message>
      <source>The font says: %1. On what ground do you sell it? It is written down beside the font, once.</source>
      <translation>La police dit : %1. À quel titre vendez-vous ? C’est noté une fois à côté de la police.</translation>
    </message>
    <message>
      <source>Read a list of names</source>
      <translation>Lire une liste de noms</translation>
    </message>
    <message>
      <source>Lists (*.csv *.tsv *.txt);;All files (*)</source>
      <translation>Listes (*.csv *.tsv *.txt);;Tous les fichiers (*)</translation>
    </message>
    <message>
      <source>Look into a stitch file</source>
      <translation>Regarder un fichier de broderie</translation>
    </message>
    <message>
      <source>Stitches (*.dst *.DST *.exp *.EXP)</source>
      <translation>Points (*.dst *.DST *.exp *.EXP)</translation>
    </message>
    <message>
      <source>It is %1: open it in its own program.</source>
      <translation>C’est %1 : ouvrez-le dans son programme.</translation>
    </message>
    <message>
      <source>%1 ms</source>
      <translation>%1 ms</translation>
    </message>
    <message>
      <source>What installed fonts cost could not be measured: fontconfig's fc-list is missing.</source>
      <translation>On n’a pas pu mesurer ce que coûtent les polices installées : fc-list de fontconfig manque.</translation>
    </message>
    <message>
      <source>Nothing is installed from here. A program that starts needs %1 to learn all fonts of this computer (the quickest of three measurements).</source>
      <translation>Rien n’est installé d’ici. Un programme qui démarre met %1 à apprendre toutes les polices de cet ordinateur (la plus rapide de trois mesures).</translation>
    </message>
    <message>
      <source>A program that starts needs %1 to learn all fonts of this computer; without the %2 that you installed from here it would need %3 (the quickest of three measurements each).</source>
      <translation>Un programme qui démarre met %1 à apprendre toutes les polices de cet ordinateur ; sans les %2 que vous avez installées d’ici, il mettrait %3 (la plus rapide de trois mesures à chaque fois).</translation>
    </message>
    <message>
      <source> · shown at %1 %, the page is too small for it</source>
      <translation> · montré à %1 %, la page est trop petite</translation>
    </message>
    <message>
      <source>no key</source>
      <translation>aucune touche</translation>
    </message>
    <message numerus="yes">
      <source>%1, %n page(s). %2</source>
      <translation>
        <numerusform>%1, %n page. %2</numerusform>
        <numerusform>%1, %n pages. %2</numerusform>
      </translation>
    </message>
    <message>
      <source>installed</source>
      <translation>installées</translation>
    </message>
    <message>
      <source>set aside</source>
      <translation>mises de côté</translation>
    </message>
    <message>
      <source>elsewhere</source>
      <translation>ailleurs</translation>
    </message>
    <message>
      <source>Save as</source>
      <translation>Enregistrer sous</translation>
    </message>
    <message>
      <source>Read a carried shelf</source>
      <translation>Lire une étagère emportée</translation>
    </message>
    <message>
      <source>Carried shelves (*.zip);;All files (*)</source>
      <translation>Étagères emportées (*.zip);;Tous les fichiers (*)</translation>
    </message>
    <message>
      <source>Look for missing fonts in</source>
      <translation>Chercher les polices manquantes dans</translation>
    </message>
    <message>
      <source>the same font in another format</source>
      <translation>la même police dans un autre format</translation>
    </message>
    <message>
      <source>the same letters, another file</source>
      <translation>les mêmes lettres, un autre fichier</translation>
    </message>
    <message>
      <source>the same letters under another name</source>
      <translation>les mêmes lettres sous un autre nom</translation>
    </message>
    <message>
      <source>the same name, drawn differently</source>
      <translation>le même nom, dessiné autrement</translation>
    </message>
    <message>
      <source> and %1 more</source>
      <translation> et %1 de plus</translation>
    </message>
    <message>
      <source> These are open and see the change once they are started again: %1.</source>
      <translation> Ceux-ci sont ouverts et verront le changement une fois redémarrés : %1.</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n police</numerusform>
        <numerusform>%n polices</numerusform>
      </translation>
    </message>
    <message>
      <source>Installed %1 until %2.</source>
      <translation>%1 installée jusqu’au %2.</translation>
    </message>
    <message>
      <source>Installed %1, for every program of yours.</source>
      <translation>%1 installée, pour tous vos programmes.</translation>
    </message>
    <message>
      <source>Installed %1 for this job.</source>
      <translation>%1 installée pour ce travail.</translation>
    </message>
    <message>
      <source>Set %1 aside.</source>
      <translation>%1 mise de côté.</translation>
    </message>
    <message>
      <source>%1: on the shelf now, only Under Ink sees it.</source>
      <translation>%1 : maintenant sur l’étagère, seul Under Ink la voit.</translation>
    </message>
    <message>
      <source>Demo: all of this is made up</source>
      <translation>Démo : tout est inventé</translation>
    </message>
    <message>
      <source>change the words</source>
      <translation>changer les mots</translation>
    </message>
    <message>
      <source>change the size</source>
      <translation>changer la taille</translation>
    </message>
    <message>
      <source>change the unit</source>
      <translation>changer l’unité</translation>
    </message>
    <message>
      <source>change the process</source>
      <translation>changer le procédé</translation>
    </message>
    <message>
      <source>change sale or gift</source>
      <translation>changer vente ou cadeau</translation>
    </message>
    <message>
      <source>change mirroring</source>
      <translation>changer le miroir</translation>
    </message>
    <message>
      <source>change the letter spacing</source>
      <translation>changer l’espacement</translation>
    </message>
    <message>
      <source>change the font</source>
      <translation>changer la police</translation>
    </message>
    <message>
      <source>change what the process holds</source>
      <translation>changer ce que tient le procédé</translation>
    </message>
    <message>
      <source>change the lettering</source>
      <translation>changer le lettrage</translation>
    </message>
    <message>
      <source>A notch that narrows to a point: its end may close up.</source>
      <translation>Une encoche qui se termine en pointe : son bout peut se fermer.</translation>
    </message>
    <message>
      <source>The smallest has %1; under %2 it closes.</source>
      <translation>La plus petite a %1 ; au-dessous de %2 elle se ferme.</translation>
    </message>
    <message>
      <source>Stitched letters</source>
      <translation>Lettres brodées</translation>
    </message>
    <message>
      <source>How high are the capitals to be, in mm? Set in words, they can be sewn up to 15 % smaller and 20 % larger.</source>
      <translation>Quelle hauteur pour les capitales, en mm ? Dans les mots, elles peuvent être brodées jusqu’à 15 % plus petites et 20 % plus grandes.</translation>
    </message>
    <message>
      <source>Large enough to stay open.</source>
      <translation>Assez grandes pour rester ouvertes.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CardPage</name>
    <message>
      <source>Picture that came with the font</source>
      <translation>Image venue avec la police</translation>
    </message>
    <message>
      <source>What the package holds</source>
      <translation>Ce que contient le paquet</translation>
    </message>
    <message>
      <source>Asking what the package holds …</source>
      <translation>On demande ce que contient le paquet …</translation>
    </message>
    <message>
      <source>%1 kB. Author: %2, %3. Tags: %4.</source>
      <translation>%1 ko. Auteur : %2, %3. Mots-clés : %4.</translation>
    </message>
    <message>
      <source>on the shelf</source>
      <translation>sur l’étagère</translation>
    </message>
    <message>
      <source>from %1</source>
      <translation>de %1</translation>
    </message>
    <message>
      <source>What speaks of it</source>
      <translation>Ce qui en parle</translation>
    </message>
    <message>
      <source>Alphabet</source>
      <translation>Alphabet</translation>
    </message>
    <message>
      <source>All fonts</source>
      <translation>Toutes les polices</translation>
    </message>
    <message>
      <source>Buy a licence…</source>
      <translation>Acheter une licence…</translation>
    </message>
    <message>
      <source>Try again</source>
      <translation>Réessayer</translation>
    </message>
    <message>
      <source>Your words</source>
      <translation>Vos mots</translation>
    </message>
    <message>
      <source>Key map</source>
      <translation>Carte des touches</translation>
    </message>
    <message>
      <source>Sizes</source>
      <translation>Tailles</translation>
    </message>
    <message>
      <source>Package</source>
      <translation>Paquet</translation>
    </message>
    <message>
      <source>Rights</source>
      <translation>Droits</translation>
    </message>
    <message>
      <source>Any other words to try; empty shows the job's</source>
      <translation>D’autres mots à essayer ; vide montre ceux du travail</translation>
    </message>
    <message>
      <source>Other words to try in this font</source>
      <translation>D’autres mots à essayer dans cette police</translation>
    </message>
    <message>
      <source>With swashes</source>
      <translation>Avec lettres ornées</translation>
    </message>
    <message>
      <source>Fit marks</source>
      <translation>Aptitudes</translation>
    </message>
    <message>
      <source>Somebody else's mark</source>
      <translation>Marque d’autrui</translation>
    </message>
    <message>
      <source>A picture of somebody else's mark or character stays theirs, whatever the font's licence says</source>
      <translation>L’image de la marque ou du personnage d’autrui lui reste, quoi que dise la licence de la police</translation>
    </message>
    <message>
      <source>Press a key to see what is known of it.</source>
      <translation>Appuyez sur une touche pour voir ce qu’on en sait.</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt;, without a key</source>
      <translation>&lt;b&gt;%1&lt;/b&gt;, sans touche</translation>
    </message>
    <message>
      <source>&lt;b&gt;%1&lt;/b&gt; on the key &lt;b&gt;%2&lt;/b&gt;</source>
      <translation>&lt;b&gt;%1&lt;/b&gt; sur la touche &lt;b&gt;%2&lt;/b&gt;</translation>
    </message>
    <message>
      <source>%1. Flagged as somebody else's mark: not for goods to sell.</source>
      <translation>%1. Signalé comme la marque d’autrui : pas pour des objets à vendre.</translation>
    </message>
    <message>
      <source>flag a picture as somebody else's</source>
      <translation>signaler une image comme celle d’autrui</translation>
    </message>
    <message>
      <source>take back a flag</source>
      <translation>retirer un signalement</translation>
    </message>
    <message>
      <source>%1, by %2</source>
      <translation>%1, par %2</translation>
    </message>
    <message>
      <source>since %1</source>
      <translation>depuis %1</translation>
    </message>
    <message>
      <source>Fetch it</source>
      <translation>La chercher</translation>
    </message>
    <message>
      <source>Set the words in it</source>
      <translation>Y mettre les mots</translation>
    </message>
    <message>
      <source>All %1 styles</source>
      <translation>Les %1 styles</translation>
    </message>
    <message>
      <source>attach a paper</source>
      <translation>joindre un papier</translation>
    </message>
    <message>
      <source>The words in several sizes</source>
      <translation>Les mots en plusieurs tailles</translation>
    </message>
    <message>
      <source>high</source>
      <translation>haut</translation>
    </message>
    <message>
      <source>thinnest %1</source>
      <translation>le plus mince %1</translation>
    </message>
    <message numerus="yes">
      <source>fetched %Ln time(s)</source>
      <translation>
        <numerusform>téléchargée %Ln fois</numerusform>
        <numerusform>téléchargée %Ln fois</numerusform>
      </translation>
    </message>
    <message>
      <source>font</source>
      <translation>police</translation>
    </message>
    <message>
      <source>document</source>
      <translation>document</translation>
    </message>
    <message>
      <source>key map</source>
      <translation>carte des touches</translation>
    </message>
    <message>
      <source>picture</source>
      <translation>image</translation>
    </message>
    <message>
      <source>stitch file</source>
      <translation>fichier de broderie</translation>
    </message>
    <message>
      <source>junk</source>
      <translation>rebut</translation>
    </message>
    <message>
      <source>damaged</source>
      <translation>endommagé</translation>
    </message>
    <message>
      <source>refused</source>
      <translation>refusé</translation>
    </message>
    <message>
      <source>other file</source>
      <translation>autre fichier</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CarryPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Toutes mes polices</translation>
    </message>
    <message>
      <source>Where the two computers differ</source>
      <translation>Où les deux ordinateurs diffèrent</translation>
    </message>
    <message>
      <source>Reading %1 …</source>
      <translation>Lecture de %1 …</translation>
    </message>
    <message numerus="yes">
      <source>%1: %n font(s), %2 new on this shelf</source>
      <translation>
        <numerusform>%1 : %n police, %2 nouvelle sur cette étagère</numerusform>
        <numerusform>%1 : %n polices, %2 nouvelles sur cette étagère</numerusform>
      </translation>
    </message>
    <message>
      <source>Not taken: %1</source>
      <translation>Pas pris : %1</translation>
    </message>
    <message>
      <source>Theirs were taken where you chose them.</source>
      <translation>Les leurs ont été pris où vous l’avez choisi.</translation>
    </message>
    <message>
      <source>Sets, tags, notes and rights came with them. What is yours alone stays as it is.</source>
      <translation>Jeux, mots-clés, notes et droits sont venus avec. Ce qui n’est qu’à vous reste tel quel.</translation>
    </message>
    <message>
      <source>Both computers know something of these, and not the same. Yours stays unless you choose.</source>
      <translation>Les deux ordinateurs en savent quelque chose, et pas la même chose. Le vôtre reste, sauf si vous choisissez.</translation>
    </message>
    <message>
      <source>Keep all of mine</source>
      <translation>Garder tous les miens</translation>
    </message>
    <message>
      <source>note</source>
      <translation>note</translation>
    </message>
    <message>
      <source>rights you keep</source>
      <translation>droits que vous gardez</translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1 : %2</translation>
    </message>
    <message>
      <source>Mine: %1</source>
      <translation>Le mien : %1</translation>
    </message>
    <message>
      <source>Theirs: %1</source>
      <translation>Le leur : %1</translation>
    </message>
    <message>
      <source>Take theirs for %1</source>
      <translation>Prendre le leur pour %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CatalogueFeed</name>
    <message>
      <source>Opening the catalogue …</source>
      <translation>Ouverture du catalogue …</translation>
    </message>
    <message>
      <source>Fetching the catalogue: %1 of %2 …</source>
      <translation>Le catalogue arrive : %1 sur %2 …</translation>
    </message>
    <message>
      <source>Asking the catalogue …</source>
      <translation>On demande au catalogue …</translation>
    </message>
    <message>
      <source>%1 in the catalogue</source>
      <translation>%1 dans le catalogue</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CloseUpSection</name>
    <message>
      <source>Close up, overlapping by</source>
      <translation>Serrer, en recouvrant de</translation>
    </message>
    <message>
      <source>How deep letters overlap</source>
      <translation>De combien les lettres se recouvrent</translation>
    </message>
    <message>
      <source>by one equal step</source>
      <translation>d’un même pas</translation>
    </message>
    <message>
      <source>close up</source>
      <translation>serrer</translation>
    </message>
    <message>
      <source>close up evenly</source>
      <translation>serrer également</translation>
    </message>
    <message>
      <source>Letters stand as the font spaces them.</source>
      <translation>Les lettres sont espacées comme la police le veut.</translation>
    </message>
    <message>
      <source>✓ %1 of %2 join</source>
      <translation>✓ %1 sur %2 reliées</translation>
    </message>
    <message>
      <source>%1 of %2 join; left as drawn: %3</source>
      <translation>%1 sur %2 reliées ; laissées comme dessinées : %3</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ClothView</name>
    <message>
      <source>1 or 2 layers</source>
      <translation>1 ou 2 couches</translation>
    </message>
    <message>
      <source>3 to 5: as it should be</source>
      <translation>3 à 5 : comme il faut</translation>
    </message>
    <message>
      <source>6 to 8: thick</source>
      <translation>6 à 8 : épais</translation>
    </message>
    <message>
      <source>9 and more: the needle may break</source>
      <translation>9 et plus : l’aiguille peut casser</translation>
    </message>
    <message>
      <source>What is sewn, on the cloth</source>
      <translation>Ce qui est brodé, sur le tissu</translation>
    </message>
    <message>
      <source>Threads on the cloth, as they will look</source>
      <translation>Le fil sur le tissu, tel qu’il sera</translation>
    </message>
    <message>
      <source>The needle's way, with trims and stops</source>
      <translation>Le chemin de l’aiguille, avec coupes et arrêts</translation>
    </message>
    <message>
      <source>How many layers of thread lie where</source>
      <translation>Combien de couches de fil sont où</translation>
    </message>
    <message>
      <source>a cut of the thread, and the way without it</source>
      <translation>une coupe du fil, et le chemin sans lui</translation>
    </message>
    <message>
      <source>a stop</source>
      <translation>un arrêt</translation>
    </message>
    <message>
      <source>begins at the ring, ends at the dot</source>
      <translation>commence à l’anneau, finit au point</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComparePage</name>
    <message>
      <source>All fonts</source>
      <translation>Toutes les polices</translation>
    </message>
    <message>
      <source>Side by side, at true size</source>
      <translation>Côte à côte, en vraie grandeur</translation>
    </message>
    <message>
      <source>With swashes below</source>
      <translation>Avec lettres ornées dessous</translation>
    </message>
    <message>
      <source>Fonts side by side</source>
      <translation>Polices côte à côte</translation>
    </message>
    <message>
      <source>Choose %1</source>
      <translation>Choisir %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposePage</name>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>pas encore</translation>
    </message>
    <message>
      <source>Material</source>
      <translation>Matière</translation>
    </message>
    <message>
      <source>Show the words in their material</source>
      <translation>Montrer les mots dans leur matière</translation>
    </message>
    <message>
      <source>Outline</source>
      <translation>Contour</translation>
    </message>
    <message>
      <source>Show what the knife follows</source>
      <translation>Montrer ce que suit la lame</translation>
    </message>
    <message>
      <source>True size</source>
      <translation>Vraie grandeur</translation>
    </message>
    <message>
      <source>Show the words as large as they will be (Ctrl+1)</source>
      <translation>Montrer les mots grands comme ils seront (Ctrl+1)</translation>
    </message>
    <message>
      <source>All of it</source>
      <translation>Tout</translation>
    </message>
    <message>
      <source>Show all of the words (Ctrl+0)</source>
      <translation>Montrer tous les mots (Ctrl+0)</translation>
    </message>
    <message>
      <source>Choose a font in Find: the words appear here as one welded shape.</source>
      <translation>Choisissez une police dans « Trouver » : les mots apparaissent ici, soudés en une forme.</translation>
    </message>
    <message>
      <source>Part of %1</source>
      <translation>Partie de %1</translation>
    </message>
    <message>
      <source>Own letters</source>
      <translation>Lettres à soi</translation>
    </message>
    <message>
      <source>place a motif</source>
      <translation>placer un motif</translation>
    </message>
    <message>
      <source>true size</source>
      <translation>vraie grandeur</translation>
    </message>
    <message>
      <source>×%1 true size</source>
      <translation>×%1 de la vraie grandeur</translation>
    </message>
    <message>
      <source>Compose</source>
      <translation>Composer</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposeSentence</name>
    <message>
      <source>Letter spacing</source>
      <translation>Espacement des lettres</translation>
    </message>
    <message>
      <source>A tail under the words</source>
      <translation>Un paraphe sous les mots</translation>
    </message>
    <message>
      <source>Guides</source>
      <translation>Guides</translation>
    </message>
    <message>
      <source>Material, mirrored, overlaps and nodes</source>
      <translation>Matière, miroir, recouvrements et nœuds</translation>
    </message>
    <message>
      <source>Hand it off</source>
      <translation>Remettre</translation>
    </message>
    <message>
      <source>Onto the material, and into a file for your machine (Ctrl+S saves an SVG at once)</source>
      <translation>Sur la matière, puis dans un fichier pour votre machine (Ctrl+S enregistre aussitôt un SVG)</translation>
    </message>
    <message>
      <source>Dress the words</source>
      <translation>Habiller les mots</translation>
    </message>
    <message>
      <source>Whole sets of beginnings, endings and loops that join and can be cut</source>
      <translation>Des ensembles complets de débuts, de fins et de boucles qui se relient et se coupent</translation>
    </message>
    <message>
      <source>These words {close-up}, run {shape} in {lines}, and {worn}.</source>
      <translation>Ces mots {close-up}, vont {shape} en {lines}, et {worn}.</translation>
    </message>
    <message>
      <source>Their letters stand {spacing} further apart.</source>
      <translation>Leurs lettres sont écartées de {spacing}.</translation>
    </message>
    <message>
      <source>Their letters stand {spacing} nearer to each other.</source>
      <translation>Leurs lettres sont rapprochées de {spacing}.</translation>
    </message>
    <message>
      <source>There is {tail} under them.</source>
      <translation>Il y a {tail} dessous.</translation>
    </message>
    <message>
      <source>Moves stop at {guides}.</source>
      <translation>Les déplacements s’arrêtent à {guides}.</translation>
    </message>
    <message>
      <source>The file is {material}.</source>
      <translation>Le fichier est {material}.</translation>
    </message>
    <message>
      <source>Sold in {font}: {right}.</source>
      <translation>Vendu en {font} : {right}.</translation>
    </message>
    <message>
      <source>A gift in {font}: {right}.</source>
      <translation>Un cadeau en {font} : {right}.</translation>
    </message>
    <message>
      <source>Sold in {font}.</source>
      <translation>Vendu en {font}.</translation>
    </message>
    <message>
      <source>A gift in {font}.</source>
      <translation>Un cadeau en {font}.</translation>
    </message>
    <message>
      <source>and more…</source>
      <translation>et plus…</translation>
    </message>
    <message>
      <source>%1 is for gifts only, and this job is for sale. Open its right, or choose another font.</source>
      <translation>%1 n’est que pour des cadeaux, et ce travail est à vendre. Ouvrez ses droits, ou choisissez une autre police.</translation>
    </message>
    <message>
      <source>Letters are missing: this font lacks%1. They are left out. Choose another font or other words.</source>
      <translation>Des lettres manquent : cette police n’a pas%1. Elles sont laissées de côté. Choisissez une autre police ou d’autres mots.</translation>
    </message>
    <message>
      <source>%1 is missing: its letters stand as they were stored. Bring the font back through Find to change them.</source>
      <translation>%1 manque : ses lettres sont telles qu’enregistrées. Ramenez la police par « Trouver » pour les changer.</translation>
    </message>
    <message>
      <source>%1. %2 Proof mends it.</source>
      <translation>%1. %2 « Vérifier » le répare.</translation>
    </message>
    <message numerus="yes">
      <source>%1, and %n more in Proof.</source>
      <translation>
        <numerusform>%1, et %n de plus dans « Vérifier ».</numerusform>
        <numerusform>%1, et %n de plus dans « Vérifier ».</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ComposeStrip</name>
    <message>
      <source>← → to try, Enter to keep, Backspace to take off</source>
      <translation>← → essaie, Entrée garde, Retour arrière enlève</translation>
    </message>
    <message>
      <source>Forms</source>
      <translation>Formes</translation>
    </message>
    <message>
      <source>Pieces</source>
      <translation>Pièces</translation>
    </message>
    <message>
      <source>Motifs</source>
      <translation>Motifs</translation>
    </message>
    <message>
      <source>Tails</source>
      <translation>Paraphes</translation>
    </message>
    <message>
      <source>Dressings</source>
      <translation>Habits</translation>
    </message>
    <message>
      <source>Put the caret behind a letter to see its other forms.</source>
      <translation>Placez le curseur derrière une lettre pour voir ses autres formes.</translation>
    </message>
    <message>
      <source>Other forms of a letter stand here once there are words in a font.</source>
      <translation>Les autres formes d’une lettre sont ici dès qu’il y a des mots dans une police.</translation>
    </message>
    <message>
      <source>This font has no pieces that belong to no letter. Motifs can be put beside a letter, too.</source>
      <translation>Cette police n’a pas de pièces sans lettre. On peut aussi placer des motifs à côté d’une lettre.</translation>
    </message>
    <message>
      <source>This piece</source>
      <translation>Cette pièce</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s)</source>
      <translation>
        <numerusform>%n lettre</numerusform>
        <numerusform>%n lettres</numerusform>
      </translation>
    </message>
    <message>
      <source>This motif</source>
      <translation>Ce motif</translation>
    </message>
    <message>
      <source>%1: %2, %3</source>
      <translation>%1 : %2, %3</translation>
    </message>
    <message numerus="yes">
      <source>%n form(s)</source>
      <translation>
        <numerusform>%n forme</numerusform>
        <numerusform>%n formes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1 : %2</translation>
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
      <translation>%1 %</translation>
    </message>
    <message>
      <source>placed by hand</source>
      <translation>placé à la main</translation>
    </message>
    <message>
      <source>as it falls</source>
      <translation>comme il tombe</translation>
    </message>
    <message>
      <source>moved {moved}</source>
      <translation>déplacé de {moved}</translation>
    </message>
    <message>
      <source>turned {turned}</source>
      <translation>tourné de {turned}</translation>
    </message>
    <message>
      <source>size {size}</source>
      <translation>taille {size}</translation>
    </message>
    <message>
      <source>before it {before}</source>
      <translation>avant {before}</translation>
    </message>
    <message>
      <source>try a form on</source>
      <translation>essayer une forme</translation>
    </message>
    <message>
      <source>It belongs to no letter</source>
      <translation>Elle n’est à aucune lettre</translation>
    </message>
    <message>
      <source>It belongs to a letter…</source>
      <translation>Elle est à une lettre…</translation>
    </message>
    <message>
      <source>It belongs to another letter…</source>
      <translation>Elle est à une autre lettre…</translation>
    </message>
    <message>
      <source>Which letter?</source>
      <translation>À quelle lettre ?</translation>
    </message>
    <message>
      <source>This form is a</source>
      <translation>Cette forme est un</translation>
    </message>
    <message>
      <source>Looking for forms that join and hold …</source>
      <translation>On cherche des formes qui se relient et tiennent …</translation>
    </message>
    <message>
      <source>dress the words</source>
      <translation>habiller les mots</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::CutFiles</name>
    <message>
      <source>There is nothing to save yet: choose a font in Find and type the words.</source>
      <translation>Il n’y a encore rien à enregistrer : choisissez une police dans « Trouver » et tapez les mots.</translation>
    </message>
    <message>
      <source>The words are still being welded. Save again in a moment.</source>
      <translation>Les mots se soudent encore. Enregistrez de nouveau dans un instant.</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %2 wide, %3 high, %n piece(s), mirrored. It is in %4</source>
      <translation>
        <numerusform>%1 enregistré : large de %2, haut de %3, %n pièce, en miroir. Il est dans %4</numerusform>
        <numerusform>%1 enregistré : large de %2, haut de %3, %n pièces, en miroir. Il est dans %4</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %2 wide, %3 high, %n piece(s). It is in %4</source>
      <translation>
        <numerusform>%1 enregistré : large de %2, haut de %3, %n pièce. Il est dans %4</numerusform>
        <numerusform>%1 enregistré : large de %2, haut de %3, %n pièces. Il est dans %4</numerusform>
      </translation>
    </message>
    <message>
      <source>There is nothing to copy yet: choose a font in Find and type the words.</source>
      <translation>Il n’y a encore rien à copier : choisissez une police dans « Trouver » et tapez les mots.</translation>
    </message>
    <message>
      <source>Copied as SVG at true size: paste it where you need it.</source>
      <translation>Copié en SVG à la vraie grandeur : collez-le où il le faut.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::DocumentPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Toutes mes polices</translation>
    </message>
    <message>
      <source>Open in its own program</source>
      <translation>Ouvrir dans son programme</translation>
    </message>
    <message>
      <source>Reading it …</source>
      <translation>Lecture …</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::DossierView</name>
    <message>
      <source>Rights dossier</source>
      <translation>Dossier des droits</translation>
    </message>
    <message>
      <source>Press a sentence to see the document it stands in.</source>
      <translation>Appuyez sur une phrase pour voir le document où elle se trouve.</translation>
    </message>
    <message>
      <source>The document</source>
      <translation>Le document</translation>
    </message>
    <message>
      <source>The listing says nothing about selling.</source>
      <translation>L’annonce ne dit rien de la vente.</translation>
    </message>
    <message>
      <source>The listing says: “%1”</source>
      <translation>L’annonce dit : « %1 »</translation>
    </message>
    <message>
      <source>A listing is a hint. Fetch the package: the author's own text in it decides.</source>
      <translation>Une annonce est un indice. Cherchez le paquet : le texte de l’auteur y décide.</translation>
    </message>
    <message>
      <source>Reading what came with the font …</source>
      <translation>Lecture de ce qui vient avec la police …</translation>
    </message>
    <message>
      <source>What decides</source>
      <translation>Ce qui décide</translation>
    </message>
    <message>
      <source>Also worth knowing</source>
      <translation>Bon à savoir aussi</translation>
    </message>
    <message>
      <source>Weighed, but not deciding</source>
      <translation>Pesé, mais pas décisif</translation>
    </message>
    <message>
      <source>This is not legal advice: it is what a careful maker would gather and keep. It holds for this file (SHA-256 %1…); another version is asked again.</source>
      <translation>Ceci n’est pas un conseil juridique : c’est ce qu’une personne soigneuse rassemble et garde. Cela vaut pour ce fichier (SHA-256 %1…) ; une autre version est redemandée.</translation>
    </message>
    <message>
      <source>You decided on %1: %2</source>
      <translation>Vous avez décidé le %1 : %2</translation>
    </message>
    <message>
      <source>Limits: %1.</source>
      <translation>Limites : %1.</translation>
    </message>
    <message>
      <source>A licence costs %1.</source>
      <translation>Une licence coûte %1.</translation>
    </message>
    <message>
      <source>“%1”</source>
      <translation>« %1 »</translation>
    </message>
    <message>
      <source>“%1”, %2</source>
      <translation>« %1 », %2</translation>
    </message>
    <message>
      <source>What was not understood</source>
      <translation>Ce qui n’a pas été compris</translation>
    </message>
    <message>
      <source>Without this sentence: %1.</source>
      <translation>Sans cette phrase : %1.</translation>
    </message>
    <message>
      <source>Without the underlined words: %1.</source>
      <translation>Sans les mots soulignés : %1.</translation>
    </message>
    <message>
      <source>“%1”, not understood: %2. %3</source>
      <translation>« %1 », pas compris : %2. %3</translation>
    </message>
    <message>
      <source>What a licence is asked</source>
      <translation>Ce qu’on demande à une licence</translation>
    </message>
    <message>
      <source>“%1”
%2</source>
      <translation>« %1 »
%2</translation>
    </message>
    <message>
      <source>Sold so far</source>
      <translation>Vendus jusqu’ici</translation>
    </message>
    <message>
      <source>of %1: %2 too many</source>
      <translation>sur %1 : %2 de trop</translation>
    </message>
    <message>
      <source>of %1, %2 left</source>
      <translation>sur %1, il en reste %2</translation>
    </message>
    <message>
      <source>sold so far</source>
      <translation>vendus jusqu’ici</translation>
    </message>
    <message>
      <source>Receipts and permissions</source>
      <translation>Reçus et permissions</translation>
    </message>
    <message>
      <source>%1, attached on %2%3</source>
      <translation>%1, joint le %2%3</translation>
    </message>
    <message>
      <source>What it allows, as in: You may sell products made with this font.</source>
      <translation>Ce qu’il permet, par exemple : vous pouvez vendre des objets faits avec cette police.</translation>
    </message>
    <message>
      <source>What the paper allows</source>
      <translation>Ce que permet le papier</translation>
    </message>
    <message>
      <source>Attach a paper…</source>
      <translation>Joindre un papier…</translation>
    </message>
    <message>
      <source>What you decided</source>
      <translation>Ce que vous avez décidé</translation>
    </message>
    <message>
      <source>%1: %2 (the verdict was: %3)</source>
      <translation>%1 : %2 (le verdict était : %3)</translation>
    </message>
    <message>
      <source>What you decided, and why</source>
      <translation>Ce que vous avez décidé, et pourquoi</translation>
    </message>
    <message>
      <source>Write it down</source>
      <translation>Le noter</translation>
    </message>
    <message>
      <source>decision</source>
      <translation>décision</translation>
    </message>
    <message>
      <source>A letter to the author</source>
      <translation>Une lettre à l’auteur</translation>
    </message>
    <message>
      <source>Letter to the author, yours to change</source>
      <translation>Lettre à l’auteur, à vous de la changer</translation>
    </message>
    <message>
      <source>Copy</source>
      <translation>Copier</translation>
    </message>
    <message>
      <source>Save…</source>
      <translation>Enregistrer…</translation>
    </message>
    <message>
      <source>Saved %1</source>
      <translation>%1 enregistré</translation>
    </message>
    <message>
      <source>Open in the mail program</source>
      <translation>Ouvrir dans le courrier</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::DressingStrip</name>
    <message>
      <source>What the words can be dressed in</source>
      <translation>De quoi habiller les mots</translation>
    </message>
    <message>
      <source>This font has no forms that would join and hold at this size. Try a larger size or another font: Find shows which have swashes.</source>
      <translation>Cette police n’a pas de formes qui se relient et tiennent à cette taille. Essayez plus grand ou une autre police : « Trouver » montre lesquelles ont des lettres ornées.</translation>
    </message>
    <message>
      <source>Plain</source>
      <translation>Simple</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) dressed</source>
      <translation>
        <numerusform>%n lettre habillée</numerusform>
        <numerusform>%n lettres habillées</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 wider</source>
      <translation>plus large de %1</translation>
    </message>
    <message>
      <source>%1 narrower</source>
      <translation>plus étroit de %1</translation>
    </message>
    <message>
      <source>all joined</source>
      <translation>toutes reliées</translation>
    </message>
    <message numerus="yes">
      <source>%1 of %n pair(s) joined</source>
      <translation>
        <numerusform>%1 paire reliée sur %n</numerusform>
        <numerusform>%1 paires reliées sur %n</numerusform>
      </translation>
    </message>
    <message>
      <source>, </source>
      <comment>between two things that are listed</comment>
      <translation>, </translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1 : %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FindPage</name>
    <message>
      <source>See %1 side by side</source>
      <translation>Voir %1 côte à côte</translation>
    </message>
    <message>
      <source>Show fonts whose name holds</source>
      <translation>Montrer les polices dont le nom contient</translation>
    </message>
    <message>
      <source>A word in the name</source>
      <translation>Un mot du nom</translation>
    </message>
    <message>
      <source>Order of the fonts</source>
      <translation>Ordre des polices</translation>
    </message>
    <message>
      <source>Try again</source>
      <translation>Réessayer</translation>
    </message>
    <message>
      <source>Open a package…</source>
      <translation>Ouvrir un paquet…</translation>
    </message>
    <message>
      <source>Or drop a package, a font or a folder anywhere on the window</source>
      <translation>Ou déposez un paquet, une police ou un dossier n’importe où sur la fenêtre</translation>
    </message>
    <message>
      <source>Open a folder…</source>
      <translation>Ouvrir un dossier…</translation>
    </message>
    <message>
      <source>My downloads too</source>
      <translation>Mes téléchargements aussi</translation>
    </message>
    <message>
      <source>Offer packages that lie in your download folder</source>
      <translation>Proposer les paquets qui sont dans votre dossier de téléchargement</translation>
    </message>
    <message>
      <source>Fonts, each with the job's words</source>
      <translation>Polices, chacune avec les mots du travail</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n police</numerusform>
        <numerusform>%n polices</numerusform>
      </translation>
    </message>
    <message>
      <source>, %1</source>
      <translation>, %1</translation>
    </message>
    <message>
      <source> · looking for more</source>
      <translation> · en cherche d’autres</translation>
    </message>
    <message>
      <source> · looking what is like it</source>
      <translation> · cherche ce qui lui ressemble</translation>
    </message>
    <message>
      <source>Looking for fonts …</source>
      <translation>On cherche des polices …</translation>
    </message>
    <message>
      <source>No fonts yet.
Drop a font file here, or open a folder that holds some.</source>
      <translation>Pas encore de polices.
Déposez ici un fichier de police, ou ouvrez un dossier qui en contient.</translation>
    </message>
    <message>
      <source>Looking what is like %1 …</source>
      <translation>On cherche ce qui ressemble à %1 …</translation>
    </message>
    <message>
      <source>No font is all of this.
Take one of the wishes back to see more.</source>
      <translation>Aucune police n’est tout cela.
Retirez un souhait pour en voir plus.</translation>
    </message>
    <message>
      <source>Find</source>
      <translation>Trouver</translation>
    </message>
    <message>
      <source>No font with “%1” is all of this.
Clear the search, or take one of the wishes back.</source>
      <translation>Aucune police avec « %1 » n’est tout cela.
Videz la recherche, ou retirez un souhait.</translation>
    </message>
    <message>
      <source>“%1” is in no font's name, maker or tags.
Clear the search to see all %L2.</source>
      <translation>« %1 » n’est dans aucun nom, fondeur ou mot-clé.
Videz la recherche pour voir les %L2.</translation>
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
      <translation>Comment voulez-vous commencer ?</translation>
    </message>
    <message>
      <source>With the demo</source>
      <translation>Avec la démo</translation>
    </message>
    <message>
      <source>Made-up fonts, packages, jobs and machines, in a home of their own. Nothing of yours is touched, and you are asked again the next time.</source>
      <translation>Des polices, paquets, travaux et machines inventés, dans un dossier à eux. Rien à vous n’est touché, et on vous redemandera la prochaine fois.</translation>
    </message>
    <message>
      <source>With my own fonts</source>
      <translation>Avec mes propres polices</translation>
    </message>
    <message>
      <source>An empty shelf, the fonts of this computer, and those you bring. The demo stays at hand: under-ink --demo.</source>
      <translation>Une étagère vide, les polices de cet ordinateur, et celles que vous apportez. La démo reste à portée : under-ink --demo.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FontLineDelegate</name>
    <message>
      <source>in the catalogue</source>
      <translation>dans le catalogue</translation>
    </message>
    <message>
      <source>%1 styles</source>
      <translation>%1 styles</translation>
    </message>
    <message>
      <source>pictures on the keys</source>
      <translation>images sur les touches</translation>
    </message>
    <message>
      <source>listing says: “%1”</source>
      <translation>l’annonce dit : « %1 »</translation>
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
      <translation>dans le catalogue</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FontPanel</name>
    <message>
      <source>The chosen font</source>
      <translation>La police choisie</translation>
    </message>
    <message>
      <source>About the chosen font</source>
      <translation>Sur la police choisie</translation>
    </message>
    <message>
      <source>Set the words in it</source>
      <translation>Y mettre les mots</translation>
    </message>
    <message>
      <source>Open the card</source>
      <translation>Ouvrir la fiche</translation>
    </message>
    <message>
      <source>Alphabet, key map, sizes, package (Ctrl+Enter)</source>
      <translation>Alphabet, carte des touches, tailles, paquet (Ctrl+Entrée)</translation>
    </message>
    <message>
      <source>Compare</source>
      <translation>Comparer</translation>
    </message>
    <message>
      <source>Put two to six fonts side by side (Ctrl+K)</source>
      <translation>Mettre deux à six polices côte à côte (Ctrl+K)</translation>
    </message>
    <message>
      <source>What looks like it</source>
      <translation>Ce qui lui ressemble</translation>
    </message>
    <message>
      <source>On the shelf, on this computer and in the catalogue (Ctrl+L)</source>
      <translation>Sur l’étagère, sur cet ordinateur et dans le catalogue (Ctrl+L)</translation>
    </message>
    <message>
      <source>Rights dossier</source>
      <translation>Dossier des droits</translation>
    </message>
    <message>
      <source>Evidence, letter to the author, receipts (Ctrl+R)</source>
      <translation>Preuves, lettre à l’auteur, reçus (Ctrl+R)</translation>
    </message>
    <message>
      <source>Try again</source>
      <translation>Réessayer</translation>
    </message>
    <message>
      <source>Fetch it</source>
      <translation>La chercher</translation>
    </message>
    <message>
      <source>Do not compare</source>
      <translation>Ne pas comparer</translation>
    </message>
    <message>
      <source>No font chosen</source>
      <translation>Aucune police choisie</translation>
    </message>
    <message>
      <source>Pick one from the list: arrow keys move, Enter sets the words in it.</source>
      <translation>Prenez-en une dans la liste : les flèches déplacent, Entrée y met les mots.</translation>
    </message>
    <message>
      <source>by %1</source>
      <translation>par %1</translation>
    </message>
    <message>
      <source>pictures on the keys</source>
      <translation>images sur les touches</translation>
    </message>
    <message>
      <source>%1: %2</source>
      <translation>%1 : %2</translation>
    </message>
    <message>
      <source>The listing says nothing about selling.</source>
      <translation>L’annonce ne dit rien de la vente.</translation>
    </message>
    <message>
      <source>the listing, a hint only: the text in the package decides</source>
      <translation>l’annonce, un indice seulement : le texte du paquet décide</translation>
    </message>
    <message>
      <source>Reading what came with the font …</source>
      <translation>Lecture de ce qui vient avec la police …</translation>
    </message>
    <message>
      <source>The dossier has a letter to the author for you.</source>
      <translation>Le dossier a une lettre à l’auteur pour vous.</translation>
    </message>
    <message>
      <source>%1, line %2</source>
      <translation>%1, ligne %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::FontWords</name>
    <message>
      <source>The words in %1</source>
      <translation>Les mots en %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::GlyphGrid</name>
    <message>
      <source>%1: %2</source>
      <translation>%1 : %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::GuideSection</name>
    <message>
      <source>Upright</source>
      <translation>Vertical</translation>
    </message>
    <message>
      <source>A guide at the caret; or pull one from the left ruler</source>
      <translation>Un guide au curseur ; ou tirez-en un de la règle de gauche</translation>
    </message>
    <message>
      <source>Level</source>
      <translation>Horizontal</translation>
    </message>
    <message>
      <source>A guide on the baseline; or pull one from the upper ruler</source>
      <translation>Un guide sur la ligne de base ; ou tirez-en un de la règle du haut</translation>
    </message>
    <message>
      <source>Where the guide stands on its ruler</source>
      <translation>Où le guide se tient sur sa règle</translation>
    </message>
    <message>
      <source>Take away</source>
      <translation>Retirer</translation>
    </message>
    <message>
      <source>Guides</source>
      <translation>Guides</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HandOffPage</name>
    <message>
      <source>%1 is cut.</source>
      <translation>%1 est coupé.</translation>
    </message>
    <message>
      <source>show another name</source>
      <translation>montrer un autre nom</translation>
    </message>
    <message>
      <source>change the copies</source>
      <translation>changer le nombre</translation>
    </message>
    <message>
      <source>take a name off the list</source>
      <translation>enlever un nom de la liste</translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>pas encore</translation>
    </message>
    <message numerus="yes">
      <source>%n name(s)</source>
      <translation>
        <numerusform>%n nom</numerusform>
        <numerusform>%n noms</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 on %n sheet(s)</source>
      <translation>
        <numerusform>%1 sur %n feuille</numerusform>
        <numerusform>%1 sur %n feuilles</numerusform>
      </translation>
    </message>
    <message>
      <source>Choose a font in Find: here your words come to lie on paper.</source>
      <translation>Choisissez une police dans « Trouver » : vos mots viennent ici sur le papier.</translation>
    </message>
    <message>
      <source>Making the words …</source>
      <translation>On fait les mots …</translation>
    </message>
    <message numerus="yes">
      <source>%n page(s)</source>
      <translation>
        <numerusform>%n page</numerusform>
        <numerusform>%n pages</numerusform>
      </translation>
    </message>
    <message>
      <source>%1; put together they are %2 wide and %3 high</source>
      <translation>%1 ; assemblées, elles font %2 de large et %3 de haut</translation>
    </message>
    <message>
      <source>%1; each design is whole on its page</source>
      <translation>%1 ; chaque dessin est entier sur sa page</translation>
    </message>
    <message>
      <source>Sheet %1 of %2</source>
      <translation>Feuille %1 sur %2</translation>
    </message>
    <message>
      <source>Nothing of it goes onto this sheet. Choose a larger one, or make the words smaller.</source>
      <translation>Rien n’en tient sur cette feuille. Choisissez-en une plus grande, ou des mots plus petits.</translation>
    </message>
    <message>
      <source>Choose a font in Find: here your words come to lie on the material.</source>
      <translation>Choisissez une police dans « Trouver » : vos mots viennent ici sur la matière.</translation>
    </message>
    <message>
      <source>%1: done</source>
      <translation>%1 : fini</translation>
    </message>
    <message>
      <source>%1: the weeding frame</source>
      <translation>%1 : le cadre d’échenillage</translation>
    </message>
    <message>
      <source>%1: a registration cross</source>
      <translation>%1 : une croix de repérage</translation>
    </message>
    <message>
      <source>%1: a middle in %2</source>
      <translation>%1 : une contreforme dans %2</translation>
    </message>
    <message>
      <source>%1: %2, part %3 of %4</source>
      <translation>%1 : %2, partie %3 sur %4</translation>
    </message>
    <message>
      <source>Move the handle to see any moment of it.</source>
      <translation>La poignée montre chaque instant.</translation>
    </message>
    <message>
      <source>One design</source>
      <translation>Un dessin</translation>
    </message>
    <message numerus="yes">
      <source>%1, %n sheet(s)</source>
      <translation>
        <numerusform>%1, %n feuille</numerusform>
        <numerusform>%1, %n feuilles</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 used</source>
      <translation>%1 utilisé</translation>
    </message>
    <message>
      <source>%1 of material</source>
      <translation>%1 de matière</translation>
    </message>
    <message numerus="yes">
      <source>%1 of %n made</source>
      <translation>
        <numerusform>%1 fait sur %n</numerusform>
        <numerusform>%1 faits sur %n</numerusform>
      </translation>
    </message>
    <message>
      <source> · </source>
      <translation> · </translation>
    </message>
    <message>
      <source>seen from the back: cut mirrored</source>
      <translation>vu de dos : coupé en miroir</translation>
    </message>
    <message>
      <source>For a gift: nobody asks for a licence.</source>
      <translation>Pour un cadeau : personne ne demande de licence.</translation>
    </message>
    <message>
      <source>What the font allows is not known yet.</source>
      <translation>On ne sait pas encore ce que permet la police.</translation>
    </message>
    <message>
      <source>The font: %1</source>
      <translation>La police : %1</translation>
    </message>
    <message>
      <source>What fills a sheet, or lies over another sheet, is placed by itself.</source>
      <translation>Ce qui remplit une feuille, ou se pose sur une autre, se place tout seul.</translation>
    </message>
    <message>
      <source>There is no room for it there.</source>
      <translation>Il n’y a pas la place là.</translation>
    </message>
    <message>
      <source>move it on the sheet</source>
      <translation>le déplacer sur la feuille</translation>
    </message>
    <message>
      <source>There is no list of names: paste one in Hand off.</source>
      <translation>Il n’y a pas de liste de noms : collez-en une dans « Remettre ».</translation>
    </message>
    <message>
      <source>This is the first name.</source>
      <translation>C’est le premier nom.</translation>
    </message>
    <message>
      <source>This is the last name.</source>
      <translation>C’est le dernier nom.</translation>
    </message>
    <message>
      <source>There is nothing to save yet: choose a font in Find and type the words.</source>
      <translation>Il n’y a encore rien à enregistrer : choisissez une police dans « Trouver » et tapez les mots.</translation>
    </message>
    <message>
      <source>The sheets are still being laid. Save again in a moment.</source>
      <translation>Les feuilles se remplissent encore. Enregistrez de nouveau dans un instant.</translation>
    </message>
    <message>
      <source>The sheets are still being laid. Send again in a moment.</source>
      <translation>Les feuilles se remplissent encore. Envoyez de nouveau dans un instant.</translation>
    </message>
    <message>
      <source>Nothing was handed off.</source>
      <translation>Rien n’a été remis.</translation>
    </message>
    <message numerus="yes">
      <source>%n sheet(s) are on their way to the cutter.</source>
      <translation>
        <numerusform>%n feuille est en route vers le plotter.</numerusform>
        <numerusform>%n feuilles sont en route vers le plotter.</numerusform>
      </translation>
    </message>
    <message>
      <source>Hand off</source>
      <translation>Remettre</translation>
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
      <translation>Image</translation>
    </message>
    <message>
      <source>The run</source>
      <translation>La course</translation>
    </message>
    <message>
      <source>Sheet</source>
      <translation>Feuille</translation>
    </message>
    <message>
      <source>Paper pattern</source>
      <translation>Patron en papier</translation>
    </message>
    <message>
      <source>‹</source>
      <translation>‹</translation>
    </message>
    <message>
      <source>The sheet before</source>
      <translation>La feuille d’avant</translation>
    </message>
    <message>
      <source>›</source>
      <translation>›</translation>
    </message>
    <message>
      <source>The next sheet</source>
      <translation>La feuille suivante</translation>
    </message>
    <message>
      <source>Paste a list of names…</source>
      <translation>Coller une liste de noms…</translation>
    </message>
    <message>
      <source>Send to the practice cutter</source>
      <translation>Envoyer au plotter d’essai</translation>
    </message>
    <message>
      <source>Save for your machine:</source>
      <translation>Enregistrer pour votre machine :</translation>
    </message>
    <message>
      <source>Save as %1</source>
      <translation>Enregistrer en %1</translation>
    </message>
    <message>
      <source>Save the pattern (PDF)</source>
      <translation>Enregistrer le patron (PDF)</translation>
    </message>
    <message>
      <source>Print…</source>
      <translation>Imprimer…</translation>
    </message>
    <message>
      <source>These words, as often as the sheet takes them,</source>
      <translation>Ces mots, autant que la feuille en prend,</translation>
    </message>
    <message numerus="yes">
      <source>These words, %n time(s),</source>
      <translation>
        <numerusform>Ces mots, %n fois,</numerusform>
        <numerusform>Ces mots, %n fois,</numerusform>
      </translation>
    </message>
    <message>
      <source>These words</source>
      <translation>Ces mots</translation>
    </message>
    <message>
      <source>%1 (%2 wide)</source>
      <translation>%1 (large de %2)</translation>
    </message>
    <message>
      <source>%1 (%2 × %3)</source>
      <translation>%1 (%2 × %3)</translation>
    </message>
    <message>
      <source>%1 apart</source>
      <translation>à %1 l’un de l’autre</translation>
    </message>
    <message>
      <source>%1, in rows</source>
      <translation>%1, en rangs</translation>
    </message>
    <message>
      <source>%1, upright</source>
      <translation>%1, debout</translation>
    </message>
    <message>
      <source>%1, some upside down</source>
      <translation>%1, certains tête en bas</translation>
    </message>
    <message>
      <source>%1, turned by quarters</source>
      <translation>%1, tournés par quarts</translation>
    </message>
    <message>
      <source>%1, turned any way</source>
      <translation>%1, tournés librement</translation>
    </message>
    <message>
      <source>a frame round each and round all</source>
      <translation>un cadre autour de chacun et de tout</translation>
    </message>
    <message>
      <source>a frame round each</source>
      <translation>un cadre autour de chacun</translation>
    </message>
    <message>
      <source>a frame round all</source>
      <translation>un cadre autour de tout</translation>
    </message>
    <message>
      <source>no frame</source>
      <translation>aucun cadre</translation>
    </message>
    <message>
      <source>half of %1 outside the line</source>
      <translation>à la moitié de %1 hors de la ligne</translation>
    </message>
    <message>
      <source>a blade that trails by %1</source>
      <translation>avec une lame qui traîne de %1</translation>
    </message>
    <message>
      <source>%1 past the start</source>
      <translation>%1 au-delà du départ</translation>
    </message>
    <message numerus="yes">
      <source>%n gap(s) that hold</source>
      <translation>
        <numerusform>avec %n attache</numerusform>
        <numerusform>avec %n attaches</numerusform>
      </translation>
    </message>
    <message>
      <source>on the line</source>
      <translation>sur la ligne</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>a border of %1 behind them</source>
      <translation>un bord de %1 derrière</translation>
    </message>
    <message>
      <source>no border</source>
      <translation>aucun bord</translation>
    </message>
    <message>
      <source>{names} are drawn on {material}, {apart}, with {frames} and {border}; the tool goes {tool}.</source>
      <translation>{names} sont dessinés sur {material}, {apart}, avec {frames} et {border} ; l’outil va {tool}.</translation>
    </message>
    <message>
      <source>{names} are scored on {material}, {apart}, with {frames} and {border}; the tool goes {tool}.</source>
      <translation>{names} sont rainés sur {material}, {apart}, avec {frames} et {border} ; l’outil va {tool}.</translation>
    </message>
    <message>
      <source>{names} are cut from {material}, {apart}, with {frames} and {border}; the tool goes {tool}.</source>
      <translation>{names} sont coupés dans {material}, {apart}, avec {frames} et {border} ; l’outil va {tool}.</translation>
    </message>
    <message>
      <source>%1 paper, filled lightly</source>
      <translation>papier %1, légèrement rempli</translation>
    </message>
    <message>
      <source>%1 paper, in lines</source>
      <translation>papier %1, au trait</translation>
    </message>
    <message>
      <source>%1, for the back</source>
      <translation>%1, pour le dos</translation>
    </message>
    <message>
      <source>nothing round them</source>
      <translation>rien autour</translation>
    </message>
    <message>
      <source>%1 round each</source>
      <translation>%1 autour de chacun</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>{names} at true size on {paper}, with {blank}.</source>
      <translation>{names} en vraie grandeur sur {paper}, avec {blank}.</translation>
    </message>
    <message>
      <source>What is handed off</source>
      <translation>Ce qui est remis</translation>
    </message>
    <message>
      <source>Nothing of it goes onto this sheet as it stands. Turned by a quarter it does.</source>
      <translation>Rien n’en tient sur cette feuille tel quel. Tourné d’un quart, si.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HandbookWindow</name>
    <message>
      <source>Handbook</source>
      <translation>Manuel</translation>
    </message>
    <message>
      <source>Back</source>
      <translation>Retour</translation>
    </message>
    <message>
      <source>Forward</source>
      <translation>Suivant</translation>
    </message>
    <message>
      <source>Contents</source>
      <translation>Sommaire</translation>
    </message>
    <message>
      <source>All keys</source>
      <translation>Toutes les touches</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HandedFiles</name>
    <message>
      <source>Rights slip</source>
      <translation>Fiche de droits</translation>
    </message>
    <message>
      <source>%1, for sale, %2 in all</source>
      <translation>%1, à vendre, %2 en tout</translation>
    </message>
    <message>
      <source>%1, a gift, %2 in all</source>
      <translation>%1, un cadeau, %2 en tout</translation>
    </message>
    <message>
      <source>Verdict: %1</source>
      <translation>Verdict : %1</translation>
    </message>
    <message>
      <source>Sold on this ground, as the maker said: %1</source>
      <translation>Vendu à ce titre, selon la personne qui l’a fait : %1</translation>
    </message>
    <message>
      <source>What was made</source>
      <translation>Ce qui a été fait</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>SHA-256 of its file: %1</source>
      <translation>SHA-256 de son fichier : %1</translation>
    </message>
    <message>
      <source>%1. %2</source>
      <translation>%1. %2</translation>
    </message>
    <message>
      <source>Limit: %1</source>
      <translation>Limite : %1</translation>
    </message>
    <message>
      <source>Sold with these: %1 of %2</source>
      <translation>Vendu avec ceux-ci : %1 sur %2</translation>
    </message>
    <message>
      <source>“%1” (%2, line %3)</source>
      <translation>« %1 » (%2, ligne %3)</translation>
    </message>
    <message>
      <source>Attached: %1</source>
      <translation>Joint : %1</translation>
    </message>
    <message>
      <source>This is no legal advice: it is what was read when it was handed off.</source>
      <translation>Ceci n’est pas un conseil juridique : c’est ce qu’on a lu à la remise.</translation>
    </message>
    <message numerus="yes">
      <source>%1-and-%n-more</source>
      <translation>
        <numerusform>%1-et-%n-de-plus</numerusform>
        <numerusform>%1-et-%n-de-plus</numerusform>
      </translation>
    </message>
    <message>
      <source>%1-%2</source>
      <translation>%1-%2</translation>
    </message>
    <message>
      <source>Nothing was handed off.</source>
      <translation>Rien n’a été remis.</translation>
    </message>
    <message>
      <source>%1 %2</source>
      <translation>%1 %2</translation>
    </message>
    <message>
      <source>Print at 100 %, without fitting to the page, and measure the squares.</source>
      <translation>Imprimez à 100 %, sans ajuster à la page, et mesurez les carrés.</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n sheet(s), the first %2 wide and %3 long. It is in %4</source>
      <translation>
        <numerusform>%1 enregistré : %n feuille, large de %2 et longue de %3. Il est dans %4</numerusform>
        <numerusform>%1 enregistré : %n feuilles, la première large de %2 et longue de %3. Il est dans %4</numerusform>
      </translation>
    </message>
    <message>
      <source>pattern</source>
      <translation>patron</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n page(s). It is in %2</source>
      <translation>
        <numerusform>%1 enregistré : %n page. Il est dans %2</numerusform>
        <numerusform>%1 enregistré : %n pages. Il est dans %2</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Saved %1: %n file(s), %2 stitches. It is in %3</source>
      <translation>
        <numerusform>%1 enregistré : %n fichier, %2 points. Il est dans %3</numerusform>
        <numerusform>%1 enregistré : %n fichiers, %2 points. Il est dans %3</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 Left out, since they cannot be sewn: %2</source>
      <translation>%1 Laissés de côté, car ils ne peuvent être brodés : %2</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>cloth</source>
      <translation>tissu</translation>
    </message>
    <message>
      <source>Saved %1: the cloth, to be cut at its size. It is in %2</source>
      <translation>%1 enregistré : le tissu, à couper à sa taille. Il est dans %2</translation>
    </message>
    <message>
      <source>Nothing was printed.</source>
      <translation>Rien n’a été imprimé.</translation>
    </message>
    <message numerus="yes">
      <source>%n page(s) are with the printer.</source>
      <translation>
        <numerusform>%n page est à l’imprimante.</numerusform>
        <numerusform>%n pages sont à l’imprimante.</numerusform>
      </translation>
    </message>
    <message>
      <source>The printer took nothing. Look whether it is on, or save the PDF.</source>
      <translation>L’imprimante n’a rien pris. Regardez si elle est allumée, ou enregistrez le PDF.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::HealthPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Toutes mes polices</translation>
    </message>
    <message>
      <source>Look again</source>
      <translation>Regarder encore</translation>
    </message>
    <message>
      <source>How the collection is</source>
      <translation>Comment va la collection</translation>
    </message>
    <message>
      <source>Reading every file of the shelf …</source>
      <translation>On lit chaque fichier de l’étagère …</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s): %1 installed, %2 set aside, %3 never used</source>
      <translation>
        <numerusform>%n police : %1 installée, %2 mise de côté, %3 jamais utilisée</numerusform>
        <numerusform>%n polices : %1 installées, %2 mises de côté, %3 jamais utilisées</numerusform>
      </translation>
    </message>
    <message>
      <source>Every file is there and whole.</source>
      <translation>Chaque fichier est là et entier.</translation>
    </message>
    <message>
      <source>Missing</source>
      <translation>Manquants</translation>
    </message>
    <message>
      <source>Their files are gone from the shelf. If they lie elsewhere, under whatever name, they are found by their content.</source>
      <translation>Leurs fichiers ne sont plus sur l’étagère. S’ils sont ailleurs, sous n’importe quel nom, on les retrouve à leur contenu.</translation>
    </message>
    <message>
      <source>Look for them in a folder…</source>
      <translation>Les chercher dans un dossier…</translation>
    </message>
    <message>
      <source>Damaged</source>
      <translation>Abîmés</translation>
    </message>
    <message>
      <source>Their content is no longer what was taken in.</source>
      <translation>Leur contenu n’est plus celui qui a été pris.</translation>
    </message>
    <message>
      <source>Look for whole ones in a folder…</source>
      <translation>En chercher des entiers dans un dossier…</translation>
    </message>
    <message>
      <source>Found again</source>
      <translation>Retrouvés</translation>
    </message>
    <message>
      <source>Put back from a file with the same content.</source>
      <translation>Remis d’un fichier au même contenu.</translation>
    </message>
    <message>
      <source>Installed, and no longer there</source>
      <translation>Installés, et plus là</translation>
    </message>
    <message>
      <source>Somebody took away or changed what was put among the fonts of your programs.</source>
      <translation>Quelqu’un a enlevé ou changé ce qui était parmi les polices de vos programmes.</translation>
    </message>
    <message>
      <source>Install them again</source>
      <translation>Les réinstaller</translation>
    </message>
    <message>
      <source>Without papers</source>
      <translation>Sans papiers</translation>
    </message>
    <message>
      <source>No document came with them: what they say of themselves is all there is to go by.</source>
      <translation>Aucun document n’est venu avec : on n’a que ce qu’elles disent d’elles-mêmes.</translation>
    </message>
    <message>
      <source>Never used</source>
      <translation>Jamais utilisées</translation>
    </message>
    <message>
      <source>No words were handed out in them yet.</source>
      <translation>Aucun mot n’a encore été remis avec elles.</translation>
    </message>
    <message>
      <source>Set them aside</source>
      <translation>Les mettre de côté</translation>
    </message>
    <message>
      <source>and %1 more</source>
      <translation>et %1 de plus</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::InkView</name>
    <message>
      <source>Arrow keys move the brush, Space paints out what is no lettering.</source>
      <translation>Les flèches déplacent le pinceau, Espace efface ce qui n’est pas du lettrage.</translation>
    </message>
    <message>
      <source>Paint out what is no lettering</source>
      <translation>Effacer ce qui n’est pas du lettrage</translation>
    </message>
    <message>
      <source>What was understood, dark on light</source>
      <translation>Ce qui a été compris, sombre sur clair</translation>
    </message>
    <message>
      <source>What was understood, with the outline of %1 over it</source>
      <translation>Ce qui a été compris, avec le contour de %1 dessus</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::IntakePage</name>
    <message>
      <source>All fonts</source>
      <translation>Toutes les polices</translation>
    </message>
    <message>
      <source>Lift the limits for this package</source>
      <translation>Lever les limites pour ce paquet</translation>
    </message>
    <message>
      <source>What is in the package</source>
      <translation>Ce qu’il y a dans le paquet</translation>
    </message>
    <message>
      <source>What is in it</source>
      <translation>Ce qu’il y a dedans</translation>
    </message>
    <message>
      <source>May it be sold?</source>
      <translation>Peut-on vendre ?</translation>
    </message>
    <message>
      <source>What to know</source>
      <translation>Ce qu’il faut savoir</translation>
    </message>
    <message>
      <source>Stop</source>
      <translation>Arrêter</translation>
    </message>
    <message>
      <source>What I have already</source>
      <translation>Ce que j’ai déjà</translation>
    </message>
    <message>
      <source>keep what I have</source>
      <translation>garder ce que j’ai</translation>
    </message>
    <message>
      <source>replace what I have</source>
      <translation>remplacer ce que j’ai</translation>
    </message>
    <message>
      <source>keep both</source>
      <translation>garder les deux</translation>
    </message>
    <message>
      <source>Look at the letters</source>
      <translation>Regarder les lettres</translation>
    </message>
    <message>
      <source>Stopped. Nothing was taken.</source>
      <translation>Arrêté. Rien n’a été pris.</translation>
    </message>
    <message>
      <source>Looking into it …</source>
      <translation>On regarde dedans …</translation>
    </message>
    <message>
      <source>Looking into it: %1 entries so far …</source>
      <translation>On regarde dedans : %1 entrées jusqu’ici …</translation>
    </message>
    <message>
      <source>There is not enough memory to look into it.</source>
      <translation>Il n’y a pas assez de mémoire pour regarder dedans.</translation>
    </message>
    <message>
      <source>%1  (%2)</source>
      <translation>%1  (%2)</translation>
    </message>
    <message>
      <source>“%1”
%2</source>
      <translation>« %1 »
%2</translation>
    </message>
    <message>
      <source>The same face in another format: %1 is recommended.</source>
      <translation>La même police dans un autre format : %1 est conseillé.</translation>
    </message>
    <message>
      <source>“%1”</source>
      <translation>« %1 »</translation>
    </message>
    <message>
      <source>and %1 more</source>
      <translation>et %1 de plus</translation>
    </message>
    <message numerus="yes">
      <source>Take in %n font(s)</source>
      <translation>
        <numerusform>Prendre %n police</numerusform>
        <numerusform>Prendre %n polices</numerusform>
      </translation>
    </message>
    <message>
      <source>Take in</source>
      <translation>Prendre</translation>
    </message>
    <message>
      <source>There is no font in it that could be used.</source>
      <translation>Il n’y a pas de police utilisable dedans.</translation>
    </message>
    <message>
      <source>Drawing the letters …</source>
      <translation>On dessine les lettres …</translation>
    </message>
    <message>
      <source>Putting the letters right …</source>
      <translation>On corrige les lettres …</translation>
    </message>
    <message>
      <source>Taking it in …</source>
      <translation>On la prend …</translation>
    </message>
    <message numerus="yes">
      <source>Taken in: %n font(s), %1 new on the shelf.</source>
      <translation>
        <numerusform>Prise : %n police, %1 nouvelle sur l’étagère.</numerusform>
        <numerusform>Prises : %n polices, %1 nouvelles sur l’étagère.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>Taken in: %n font(s), %1 new on the shelf. What they replace was set aside: you find it on the shelf.</source>
      <translation>
        <numerusform>Prise : %n police, %1 nouvelle sur l’étagère. Ce qu’elle remplace est mis de côté : c’est sur l’étagère.</numerusform>
        <numerusform>Prises : %n polices, %1 nouvelles sur l’étagère. Ce qu’elles remplacent est mis de côté : c’est sur l’étagère.</numerusform>
      </translation>
    </message>
    <message>
      <source>Set the words in %1</source>
      <translation>Mettre les mots en %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobBand</name>
    <message>
      <source>Words of this job</source>
      <translation>Mots de ce travail</translation>
    </message>
    <message>
      <source>Finished size</source>
      <translation>Taille finie</translation>
    </message>
    <message>
      <source>Made with</source>
      <translation>Fait avec</translation>
    </message>
    <message>
      <source>For %1</source>
      <translation>Pour %1</translation>
    </message>
    <message>
      <source>sale</source>
      <translation>vente</translation>
    </message>
    <message>
      <source>a gift</source>
      <translation>cadeau</translation>
    </message>
    <message>
      <source>For</source>
      <translation>Pour</translation>
    </message>
    <message>
      <source>Unit</source>
      <translation>Unité</translation>
    </message>
    <message>
      <source>mm</source>
      <translation>mm</translation>
    </message>
    <message>
      <source>in</source>
      <translation>po</translation>
    </message>
    <message>
      <source>Which side the size is</source>
      <translation>De quel côté est la taille</translation>
    </message>
    <message>
      <source>wide</source>
      <translation>de large</translation>
    </message>
    <message>
      <source>high</source>
      <translation>haut</translation>
    </message>
    <message>
      <source>capitals</source>
      <translation>majuscules</translation>
    </message>
    <message>
      <source>small letters</source>
      <translation>minuscules</translation>
    </message>
    <message>
      <source>em</source>
      <translation>cadratin</translation>
    </message>
    <message numerus="yes">
      <source>Words of this job · %1 of %n name(s)</source>
      <translation>
        <numerusform>Mots de ce travail · %1 sur %n nom</numerusform>
        <numerusform>Mots de ce travail · %1 sur %n noms</numerusform>
      </translation>
    </message>
    <message>
      <source>Asked for as well: the proportions are not kept</source>
      <translation>Demandé aussi : les proportions ne sont pas gardées</translation>
    </message>
    <message>
      <source>Follows from the size and the proportions</source>
      <translation>Suit de la taille et des proportions</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobMenu</name>
    <message>
      <source>Job: not a file yet</source>
      <translation>Travail : pas encore un fichier</translation>
    </message>
    <message>
      <source>Job: %1, changed since it was saved</source>
      <translation>Travail : %1, changé depuis l’enregistrement</translation>
    </message>
    <message>
      <source>Job: %1, as saved</source>
      <translation>Travail : %1, tel qu’enregistré</translation>
    </message>
    <message>
      <source>Open jobs, save this one as a file, go back to earlier versions</source>
      <translation>Ouvrir des travaux, enregistrer celui-ci, revenir à d’anciennes versions</translation>
    </message>
    <message>
      <source>New job	Ctrl+N</source>
      <translation>Nouveau travail	Ctrl+N</translation>
    </message>
    <message>
      <source>Open a job…	Ctrl+Shift+O</source>
      <translation>Ouvrir un travail…	Ctrl+Shift+O</translation>
    </message>
    <message>
      <source>Recent jobs</source>
      <translation>Travaux récents</translation>
    </message>
    <message>
      <source>Left without saving</source>
      <translation>Quittés sans enregistrer</translation>
    </message>
    <message>
      <source>%1, left %2</source>
      <translation>%1, quitté %2</translation>
    </message>
    <message>
      <source>No words</source>
      <translation>Aucun mot</translation>
    </message>
    <message>
      <source>New from a template</source>
      <translation>Nouveau d’après un modèle</translation>
    </message>
    <message>
      <source>Save the job	Ctrl+Shift+S</source>
      <translation>Enregistrer le travail	Ctrl+Shift+S</translation>
    </message>
    <message>
      <source>Save the job as…</source>
      <translation>Enregistrer le travail sous…</translation>
    </message>
    <message>
      <source>Earlier versions</source>
      <translation>Anciennes versions</translation>
    </message>
    <message>
      <source>Save as a template…</source>
      <translation>Enregistrer comme modèle…</translation>
    </message>
    <message>
      <source>Copy as SVG	Ctrl+Shift+C</source>
      <translation>Copier en SVG	Ctrl+Shift+C</translation>
    </message>
    <message>
      <source>Job</source>
      <translation>Travail</translation>
    </message>
    <message>
      <source>Handbook	F1</source>
      <translation>Manuel	F1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobSection</name>
    <message>
      <source>choose the material</source>
      <translation>choisir la matière</translation>
    </message>
    <message>
      <source>Material</source>
      <translation>Matière</translation>
    </message>
    <message>
      <source>Width</source>
      <translation>Largeur</translation>
    </message>
    <message>
      <source>Length; 0 for a roll</source>
      <translation>Longueur ; 0 pour un rouleau</translation>
    </message>
    <message>
      <source>Kept free at the edges</source>
      <translation>Libre aux bords</translation>
    </message>
    <message>
      <source>Seen from the back: mirrored</source>
      <translation>Vu de dos : en miroir</translation>
    </message>
    <message>
      <source>mirror</source>
      <translation>miroir</translation>
    </message>
    <message>
      <source>Your own materials are files in the folder “materials” beside your jobs.</source>
      <translation>Vos propres matières sont des fichiers du dossier « materials » près de vos travaux.</translation>
    </message>
    <message>
      <source>change how they lie</source>
      <translation>changer leur placement</translation>
    </message>
    <message>
      <source>Between any two</source>
      <translation>Entre deux</translation>
    </message>
    <message>
      <source>Turned</source>
      <translation>Tournés</translation>
    </message>
    <message>
      <source>not at all</source>
      <translation>pas du tout</translation>
    </message>
    <message>
      <source>upside down where that saves</source>
      <translation>tête en bas où cela épargne</translation>
    </message>
    <message>
      <source>by quarters where that saves</source>
      <translation>par quarts où cela épargne</translation>
    </message>
    <message>
      <source>any way that saves</source>
      <translation>librement où cela épargne</translation>
    </message>
    <message>
      <source>In rows, as lines of words</source>
      <translation>En rangs, comme des lignes</translation>
    </message>
    <message>
      <source>Copies of one without a list</source>
      <translation>Nombre sans liste</translation>
    </message>
    <message>
      <source>As many as the sheet takes</source>
      <translation>Autant que la feuille en prend</translation>
    </message>
    <message>
      <source>Of a roll, this length is filled</source>
      <translation>D’un rouleau, on remplit cette longueur</translation>
    </message>
    <message>
      <source>Widest; 0 for any width</source>
      <translation>Le plus large ; 0 pour toute largeur</translation>
    </message>
    <message>
      <source>change the widest width</source>
      <translation>changer la plus grande largeur</translation>
    </message>
    <message>
      <source>What is wider is closed up where letters do not join, then made smaller, and says so.</source>
      <translation>Ce qui est plus large se serre où les lettres ne se relient pas, puis devient plus petit, et le dit.</translation>
    </message>
    <message>
      <source>Each name of a list ends in a quiet form that suits it</source>
      <translation>Chaque nom d’une liste finit par une forme discrète qui lui va</translation>
    </message>
    <message>
      <source>dress each name quietly</source>
      <translation>habiller discrètement chaque nom</translation>
    </message>
    <message>
      <source>Place all of it again</source>
      <translation>Tout replacer</translation>
    </message>
    <message>
      <source>On the sheet: arrows move what is chosen, with Shift further, R turns it, Page Down chooses the next.</source>
      <translation>Sur la feuille : les flèches déplacent ce qui est choisi, avec Maj plus loin, R le tourne, Page suivante choisit le prochain.</translation>
    </message>
    <message>
      <source>change what is cut along</source>
      <translation>changer ce qu’on coupe avec</translation>
    </message>
    <message>
      <source>A frame round each, off it by</source>
      <translation>Un cadre autour de chacun, à</translation>
    </message>
    <message>
      <source>Lines through it, off the words by</source>
      <translation>Des lignes au travers, à distance des mots</translation>
    </message>
    <message>
      <source>A frame round all, off them by</source>
      <translation>Un cadre autour de tout, à</translation>
    </message>
    <message>
      <source>0 is none. Frames are cut last.</source>
      <translation>0 pour aucun. Les cadres se coupent en dernier.</translation>
    </message>
    <message>
      <source>change what the tool does</source>
      <translation>changer ce que fait l’outil</translation>
    </message>
    <message>
      <source>The letters are</source>
      <translation>Les lettres sont</translation>
    </message>
    <message>
      <source>cut</source>
      <translation>coupées</translation>
    </message>
    <message>
      <source>scored</source>
      <translation>rainées</translation>
    </message>
    <message>
      <source>drawn with a pen</source>
      <translation>dessinées au stylo</translation>
    </message>
    <message>
      <source>Cut on past the start by</source>
      <translation>Couper au-delà du départ de</translation>
    </message>
    <message>
      <source>A drag knife's tip trails by</source>
      <translation>La pointe d’une lame traînante suit de</translation>
    </message>
    <message>
      <source>The cut is as wide as</source>
      <translation>La coupe est large de</translation>
    </message>
    <message>
      <source>Outer edges clockwise, middles the other way</source>
      <translation>Bords extérieurs dans le sens des aiguilles, contreformes dans l’autre</translation>
    </message>
    <message>
      <source>Gaps that hold each piece</source>
      <translation>Attaches par pièce</translation>
    </message>
    <message>
      <source>Width of a gap</source>
      <translation>Largeur d’une attache</translation>
    </message>
    <message>
      <source>How fast it goes is on the material's card.</source>
      <translation>La vitesse est sur la fiche de la matière.</translation>
    </message>
    <message>
      <source>change the border</source>
      <translation>changer le bord</translation>
    </message>
    <message>
      <source>A border behind the words, of</source>
      <translation>Un bord derrière les mots, de</translation>
    </message>
    <message>
      <source>From</source>
      <translation>En</translation>
    </message>
    <message>
      <source>It comes on a sheet of its own, with crosses in the same places, to be laid under the words.</source>
      <translation>Il vient sur sa propre feuille, avec des croix aux mêmes endroits, à poser sous les mots.</translation>
    </message>
    <message>
      <source>change the pattern</source>
      <translation>changer le patron</translation>
    </message>
    <message>
      <source>Paper</source>
      <translation>Papier</translation>
    </message>
    <message>
      <source>Pages share</source>
      <translation>Les pages se recouvrent de</translation>
    </message>
    <message>
      <source>Width of the lines</source>
      <translation>Largeur des lignes</translation>
    </message>
    <message>
      <source>Filled lightly</source>
      <translation>Légèrement rempli</translation>
    </message>
    <message>
      <source>For the back: mirrored</source>
      <translation>Pour le dos : en miroir</translation>
    </message>
    <message>
      <source>A first page with squares to check the printer</source>
      <translation>Une première page de carrés pour vérifier l’imprimante</translation>
    </message>
    <message>
      <source>Drawn round each</source>
      <translation>Dessiné autour de chacun</translation>
    </message>
    <message>
      <source>nothing</source>
      <translation>rien</translation>
    </message>
    <message>
      <source>change what it goes onto</source>
      <translation>changer sur quoi cela va</translation>
    </message>
    <message>
      <source>madder</source>
      <translation>garance</translation>
    </message>
    <message>
      <source>ink</source>
      <translation>encre</translation>
    </message>
    <message>
      <source>leaf</source>
      <translation>feuille</translation>
    </message>
    <message>
      <source>honey</source>
      <translation>miel</translation>
    </message>
    <message>
      <source>lake</source>
      <translation>lac</translation>
    </message>
    <message>
      <source>plum</source>
      <translation>prune</translation>
    </message>
    <message>
      <source>rose</source>
      <translation>rose</translation>
    </message>
    <message>
      <source>chalk</source>
      <translation>craie</translation>
    </message>
    <message>
      <source>linen</source>
      <translation>lin</translation>
    </message>
    <message>
      <source>white cotton</source>
      <translation>coton blanc</translation>
    </message>
    <message>
      <source>denim</source>
      <translation>denim</translation>
    </message>
    <message>
      <source>slate</source>
      <translation>ardoise</translation>
    </message>
    <message>
      <source>moss</source>
      <translation>mousse</translation>
    </message>
    <message>
      <source>blush</source>
      <translation>rose pâle</translation>
    </message>
    <message>
      <source>change how it is sewn</source>
      <translation>changer la broderie</translation>
    </message>
    <message>
      <source>Letters are</source>
      <translation>Les lettres sont</translation>
    </message>
    <message>
      <source>satin columns</source>
      <translation>colonnes au passé plat</translation>
    </message>
    <message>
      <source>filled in rows</source>
      <translation>remplies en rangs</translation>
    </message>
    <message>
      <source>outlined</source>
      <translation>contournées</translation>
    </message>
    <message>
      <source>The edge of cloth laid on</source>
      <translation>Le bord du tissu appliqué</translation>
    </message>
    <message>
      <source>satin</source>
      <translation>passé plat</translation>
    </message>
    <message>
      <source>blanket stitch</source>
      <translation>point de feston</translation>
    </message>
    <message>
      <source>Between stitches</source>
      <translation>Entre les points</translation>
    </message>
    <message>
      <source>Wider by, since thread pulls</source>
      <translation>Plus large de, car le fil tire</translation>
    </message>
    <message>
      <source>Width over an edge</source>
      <translation>Largeur sur un bord</translation>
    </message>
    <message>
      <source>Underlay beneath the cover</source>
      <translation>Une sous-couche sous la couverture</translation>
    </message>
    <message>
      <source>Rows at an angle of</source>
      <translation>Rangs à un angle de</translation>
    </message>
    <message>
      <source>change the colours</source>
      <translation>changer les couleurs</translation>
    </message>
    <message>
      <source>Thread</source>
      <translation>Fil</translation>
    </message>
    <message>
      <source>Cloth</source>
      <translation>Tissu</translation>
    </message>
    <message>
      <source>Machines' files hold no colours: a note beside the file names them in order.</source>
      <translation>Les fichiers des machines n’ont pas de couleurs : une note à côté les nomme dans l’ordre.</translation>
    </message>
    <message>
      <source>change the hoop</source>
      <translation>changer le cadre</translation>
    </message>
    <message>
      <source>Hoop</source>
      <translation>Cadre</translation>
    </message>
    <message>
      <source>no hoop</source>
      <translation>aucun cadre</translation>
    </message>
    <message>
      <source>Stitches a minute</source>
      <translation>Points par minute</translation>
    </message>
    <message>
      <source>Names of a list together in it, as many as fit</source>
      <translation>Les noms d’une liste ensemble, autant qu’il en tient</translation>
    </message>
    <message>
      <source>What is wider than the hoop and fits when it is turned is turned.</source>
      <translation>Ce qui est plus large que le cadre et tient tourné est tourné.</translation>
    </message>
    <message>
      <source>%1 apart</source>
      <translation>à %1 l’un de l’autre</translation>
    </message>
    <message>
      <source>satin columns, %1</source>
      <translation>colonnes au passé plat, %1</translation>
    </message>
    <message>
      <source>rows of stitches, %1</source>
      <translation>rangs de points, %1</translation>
    </message>
    <message>
      <source>a line round each</source>
      <translation>une ligne autour de chacune</translation>
    </message>
    <message>
      <source>cloth laid on in three rounds, edged in satin</source>
      <translation>tissu appliqué en trois tours, bordé au passé plat</translation>
    </message>
    <message>
      <source>cloth laid on in three rounds, edged in blanket stitch</source>
      <translation>tissu appliqué en trois tours, bordé au feston</translation>
    </message>
    <message>
      <source>thread, stitched as they came</source>
      <translation>fil, brodées comme elles sont venues</translation>
    </message>
    <message>
      <source>%1, stitched ones as they came</source>
      <translation>%1, les brodées comme elles sont venues</translation>
    </message>
    <message>
      <source>%1 thread on %2</source>
      <translation>fil %1 sur %2</translation>
    </message>
    <message>
      <source>a hoop of %1 × %2</source>
      <translation>un cadre de %1 × %2</translation>
    </message>
    <message>
      <source>%1, names together</source>
      <translation>%1, noms ensemble</translation>
    </message>
    <message>
      <source>These letters become {sewn}, in {thread}, in {hoop}.</source>
      <translation>Ces lettres deviennent {sewn}, en {thread}, dans {hoop}.</translation>
    </message>
    <message>
      <source>All of it hangs together</source>
      <translation>Tout se tient</translation>
    </message>
    <message>
      <source>ask for one piece</source>
      <translation>demander une seule pièce</translation>
    </message>
    <message>
      <source>For a name sign, a topper or a tag. Loose pieces become findings, with what ties them beside.</source>
      <translation>Pour une enseigne, un décor de gâteau ou une étiquette. Les pièces détachées deviennent des constats, avec ce qui les relie à côté.</translation>
    </message>
    <message>
      <source>choose the sheet</source>
      <translation>choisir la feuille</translation>
    </message>
    <message>
      <source>Width of the sheet, mat or hoop</source>
      <translation>Largeur de la feuille, du tapis ou du cadre</translation>
    </message>
    <message>
      <source>Its height</source>
      <translation>Sa hauteur</translation>
    </message>
    <message>
      <source>0 is any size.</source>
      <translation>0 pour toute taille.</translation>
    </message>
    <message>
      <source>change how weeding is told</source>
      <translation>changer le compte de l’échenillage</translation>
    </message>
    <message>
      <source>A frame round the words, off them by</source>
      <translation>Un cadre autour des mots, à</translation>
    </message>
    <message>
      <source>Parting lines, off the words by</source>
      <translation>Lignes de partage, à distance des mots</translation>
    </message>
    <message>
      <source>0 is none. How long weeding takes is told by your own hands:</source>
      <translation>0 pour aucun. Le temps d’échenillage, ce sont vos mains qui le disent :</translation>
    </message>
    <message>
      <source>For each part</source>
      <translation>Pour chaque pièce</translation>
    </message>
    <message>
      <source>More for small parts</source>
      <translation>De plus pour les petites</translation>
    </message>
    <message>
      <source>Small is under</source>
      <translation>Petit, c’est moins de</translation>
    </message>
    <message>
      <source>Edge lifted</source>
      <translation>Bord soulevé</translation>
    </message>
    <message>
      <source>Fewer nodes</source>
      <translation>Moins de nœuds</translation>
    </message>
    <message>
      <source>change the nodes</source>
      <translation>changer les nœuds</translation>
    </message>
    <message>
      <source>No further from the drawn curves than</source>
      <translation>Pas plus loin des courbes dessinées que</translation>
    </message>
    <message>
      <source> in</source>
      <translation> po</translation>
    </message>
    <message>
      <source> mm</source>
      <translation> mm</translation>
    </message>
    <message>
      <source> in²</source>
      <translation> po²</translation>
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
      <translation> po par s</translation>
    </message>
    <message>
      <source> mm a s</source>
      <translation> mm par s</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::JobSession</name>
    <message>
      <source>not a file yet</source>
      <translation>pas encore un fichier</translation>
    </message>
    <message>
      <source>start a new job</source>
      <translation>commencer un nouveau travail</translation>
    </message>
    <message>
      <source>Not everything in %1 could be read; it stays in the file when you save. %2</source>
      <translation>Tout n’a pas pu être lu dans %1 ; cela reste dans le fichier à l’enregistrement. %2</translation>
    </message>
    <message>
      <source>open a job</source>
      <translation>ouvrir un travail</translation>
    </message>
    <message>
      <source>go back to an earlier version</source>
      <translation>revenir à une ancienne version</translation>
    </message>
    <message>
      <source>start from a template</source>
      <translation>partir d’un modèle</translation>
    </message>
    <message>
      <source>take up a job again</source>
      <translation>reprendre un travail</translation>
    </message>
    <message>
      <source>%1 was changed by somebody else since you opened it. What it holds now is kept as an earlier version.</source>
      <translation>%1 a été changé par quelqu’un d’autre depuis que vous l’avez ouvert. Ce qu’il contient maintenant est gardé comme ancienne version.</translation>
    </message>
    <message>
      <source>Save over it</source>
      <translation>Enregistrer par-dessus</translation>
    </message>
    <message numerus="yes">
      <source>Saved the job as %1, without %n paper(s). %2</source>
      <translation>
        <numerusform>Travail enregistré comme %1, sans %n papier. %2</numerusform>
        <numerusform>Travail enregistré comme %1, sans %n papiers. %2</numerusform>
      </translation>
    </message>
    <message>
      <source>Saved the job as %1. It holds its letters and papers, so it opens without its fonts.</source>
      <translation>Travail enregistré comme %1. Il contient ses lettres et ses papiers, et s’ouvre donc sans ses polices.</translation>
    </message>
    <message>
      <source>There is a template “%1” already. It is kept as an earlier version.</source>
      <translation>Il y a déjà un modèle « %1 ». Il est gardé comme ancienne version.</translation>
    </message>
    <message>
      <source>Replace it</source>
      <translation>Le remplacer</translation>
    </message>
    <message>
      <source>“%1” is a template now.</source>
      <translation>« %1 » est maintenant un modèle.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LeftOutCard</name>
    <message>
      <source>Turn by a quarter</source>
      <translation>Tourner d’un quart</translation>
    </message>
    <message>
      <source>turn by a quarter</source>
      <translation>tourner d’un quart</translation>
    </message>
    <message>
      <source>choose the material</source>
      <translation>choisir la matière</translation>
    </message>
    <message>
      <source>Larger than the sheet, and left out: %1</source>
      <translation>Plus grand que la feuille, et laissé de côté : %1</translation>
    </message>
    <message>
      <source>Take %1</source>
      <translation>Prendre %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LetterSection</name>
    <message>
      <source>Moved across (Alt and arrows)</source>
      <translation>Déplacé de côté (Alt et flèches)</translation>
    </message>
    <message>
      <source>Moved up (Alt and arrows)</source>
      <translation>Déplacé vers le haut (Alt et flèches)</translation>
    </message>
    <message>
      <source>Turned (Ctrl, Alt, left and right)</source>
      <translation>Tourné (Ctrl, Alt, gauche et droite)</translation>
    </message>
    <message>
      <source>Size (Ctrl, Alt, up and down)</source>
      <translation>Taille (Ctrl, Alt, haut et bas)</translation>
    </message>
    <message>
      <source>Space before it (Alt, comma and full stop)</source>
      <translation>Espace avant (Alt, virgule et point)</translation>
    </message>
    <message>
      <source>moved</source>
      <translation>déplacé</translation>
    </message>
    <message>
      <source>moved across</source>
      <translation>déplacé de côté</translation>
    </message>
    <message>
      <source>moved up</source>
      <translation>déplacé vers le haut</translation>
    </message>
    <message>
      <source>turned</source>
      <translation>tourné</translation>
    </message>
    <message>
      <source>size</source>
      <translation>taille</translation>
    </message>
    <message>
      <source>space before</source>
      <translation>espace avant</translation>
    </message>
    <message>
      <source>Put it back</source>
      <translation>La remettre</translation>
    </message>
    <message>
      <source>As the font places it (Alt+0)</source>
      <translation>Comme la police la place (Alt+0)</translation>
    </message>
    <message>
      <source>Font of these letters</source>
      <translation>Police de ces lettres</translation>
    </message>
    <message>
      <source>Into the tray</source>
      <translation>Dans la casse à motifs</translation>
    </message>
    <message>
      <source>Keeps the chosen letters as one motif, welded</source>
      <translation>Garde les lettres choisies comme un motif, soudées</translation>
    </message>
    <message>
      <source>A part into the tray</source>
      <translation>Une partie dans la casse</translation>
    </message>
    <message>
      <source>Draw a frame over a part of the words: what is inside becomes a motif</source>
      <translation>Tracez un cadre sur une partie des mots : ce qu’il contient devient un motif</translation>
    </message>
    <message>
      <source>font of letters</source>
      <translation>police de lettres</translation>
    </message>
    <message>
      <source>Material of these letters</source>
      <translation>Matière de ces lettres</translation>
    </message>
    <message>
      <source>What is of another material comes on a sheet of its own, with crosses to lay it over</source>
      <translation>Ce qui est d’une autre matière vient sur sa propre feuille, avec des croix pour le poser</translation>
    </message>
    <message>
      <source>What the tool does with these letters</source>
      <translation>Ce que l’outil fait de ces lettres</translation>
    </message>
    <message>
      <source>cut as the rest</source>
      <translation>coupées comme le reste</translation>
    </message>
    <message>
      <source>cut out</source>
      <translation>découpées</translation>
    </message>
    <message>
      <source>only scored</source>
      <translation>rainées seulement</translation>
    </message>
    <message>
      <source>drawn with a pen</source>
      <translation>dessinées au stylo</translation>
    </message>
    <message>
      <source>How these letters are sewn</source>
      <translation>Comment ces lettres sont brodées</translation>
    </message>
    <message>
      <source>sewn as the rest</source>
      <translation>brodées comme le reste</translation>
    </message>
    <message>
      <source>sewn as satin</source>
      <translation>brodées au passé plat</translation>
    </message>
    <message>
      <source>filled in rows</source>
      <translation>remplies en rangs</translation>
    </message>
    <message>
      <source>sewn as lines</source>
      <translation>brodées en lignes</translation>
    </message>
    <message>
      <source>how letters are sewn</source>
      <translation>broderie de lettres</translation>
    </message>
    <message>
      <source>material of letters</source>
      <translation>matière de lettres</translation>
    </message>
    <message>
      <source>what is done with letters</source>
      <translation>ce qu’on fait de lettres</translation>
    </message>
    <message>
      <source>move letters</source>
      <translation>déplacer des lettres</translation>
    </message>
    <message>
      <source>turn letters</source>
      <translation>tourner des lettres</translation>
    </message>
    <message>
      <source>resize letters</source>
      <translation>changer la taille de lettres</translation>
    </message>
    <message>
      <source>space before a letter</source>
      <translation>espace avant une lettre</translation>
    </message>
    <message>
      <source>the job's font</source>
      <translation>la police du travail</translation>
    </message>
    <message>
      <source>of the job's thread</source>
      <translation>du fil du travail</translation>
    </message>
    <message>
      <source>of the job's material</source>
      <translation>de la matière du travail</translation>
    </message>
    <message>
      <source>%1 thread</source>
      <translation>fil %1</translation>
    </message>
    <message>
      <source>This piece (Alt and arrows move it)</source>
      <translation>Cette pièce (Alt et flèches la déplacent)</translation>
    </message>
    <message>
      <source>This letter</source>
      <translation>Cette lettre</translation>
    </message>
    <message>
      <source>This motif</source>
      <translation>Ce motif</translation>
    </message>
    <message>
      <source>This letter: %1</source>
      <translation>Cette lettre : %1</translation>
    </message>
    <message>
      <source>These %1 letters</source>
      <translation>Ces %1 lettres</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LetterView</name>
    <message>
      <source>The letter %1 as it is sewn</source>
      <translation>La lettre %1 telle qu’elle est brodée</translation>
    </message>
    <message>
      <source>No letter chosen</source>
      <translation>Aucune lettre choisie</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LetteringView</name>
    <message>
      <source>move letters</source>
      <translation>déplacer des lettres</translation>
    </message>
    <message>
      <source>%1 wide, %2 high</source>
      <translation>%1 de large, %2 de haut</translation>
    </message>
    <message>
      <source>width of letters</source>
      <translation>largeur de lettres</translation>
    </message>
    <message>
      <source>size of lines</source>
      <translation>taille de lignes</translation>
    </message>
    <message>
      <source>Draw a frame, or move it with the arrows (with Shift: its size). Enter takes it.</source>
      <translation>Tracez un cadre, ou déplacez-le avec les flèches (avec Maj : sa taille). Entrée le prend.</translation>
    </message>
    <message>
      <source>move a block</source>
      <translation>déplacer un bloc</translation>
    </message>
    <message>
      <source>bend the words</source>
      <translation>courber les mots</translation>
    </message>
    <message>
      <source>%1 across, %2 up</source>
      <translation>%1 de côté, %2 vers le haut</translation>
    </message>
    <message>
      <source>%1 to the next ink</source>
      <translation>%1 jusqu’à l’encre voisine</translation>
    </message>
    <message>
      <source>touches</source>
      <translation>touche</translation>
    </message>
    <message>
      <source>move a piece</source>
      <translation>déplacer une pièce</translation>
    </message>
    <message>
      <source>grows on</source>
      <translation>pousse dessus</translation>
    </message>
    <message>
      <source>set a guide</source>
      <translation>poser un guide</translation>
    </message>
    <message>
      <source>move a guide</source>
      <translation>déplacer un guide</translation>
    </message>
    <message>
      <source>take a guide away</source>
      <translation>enlever un guide</translation>
    </message>
    <message>
      <source>take a piece away</source>
      <translation>enlever une pièce</translation>
    </message>
    <message>
      <source>The words. Type to change them; Alt and arrows move a letter.</source>
      <translation>Les mots. Tapez pour les changer ; Alt et flèches déplacent une lettre.</translation>
    </message>
    <message>
      <source>turn letters</source>
      <translation>tourner des lettres</translation>
    </message>
    <message>
      <source>resize letters</source>
      <translation>changer la taille de lettres</translation>
    </message>
    <message>
      <source>space before a letter</source>
      <translation>espace avant une lettre</translation>
    </message>
    <message>
      <source>put letters back</source>
      <translation>remettre des lettres</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LettersPage</name>
    <message>
      <source>Back</source>
      <translation>Retour</translation>
    </message>
    <message>
      <source> mm</source>
      <translation> mm</translation>
    </message>
    <message>
      <source>This is the letter</source>
      <translation>C’est la lettre</translation>
    </message>
    <message>
      <source>in its form</source>
      <translation>dans sa forme</translation>
    </message>
    <message>
      <source>Form of the letter; empty for the usual one</source>
      <translation>Forme de la lettre ; vide pour l’ordinaire</translation>
    </message>
    <message>
      <source>usual</source>
      <translation>ordinaire</translation>
    </message>
    <message>
      <source>It is</source>
      <translation>C’est elle</translation>
    </message>
    <message>
      <source>Leave it out</source>
      <translation>La laisser de côté</translation>
    </message>
    <message>
      <source>Take back</source>
      <translation>Revenir</translation>
    </message>
    <message>
      <source>It hangs below the line by</source>
      <translation>Elle descend sous la ligne de</translation>
    </message>
    <message>
      <source>Room before it</source>
      <translation>Place avant</translation>
    </message>
    <message>
      <source>Room after it</source>
      <translation>Place après</translation>
    </message>
    <message>
      <source>Keep these letters</source>
      <translation>Garder ces lettres</translation>
    </message>
    <message>
      <source>Letters of %1</source>
      <translation>Lettres de %1</translation>
    </message>
    <message>
      <source>To look at</source>
      <translation>À regarder</translation>
    </message>
    <message>
      <source>Told</source>
      <translation>Reconnues</translation>
    </message>
    <message>
      <source>%1, %2</source>
      <translation>%1, %2</translation>
    </message>
    <message>
      <source>“%1”: as you said, or as its package says.</source>
      <translation>« %1 » : comme vous l’avez dit, ou comme le dit son paquet.</translation>
    </message>
    <message>
      <source>“%1”: told from its name.</source>
      <translation>« %1 » : reconnue à son nom.</translation>
    </message>
    <message>
      <source>“%1”: its name does not tell surely. It is typed once you have said what it is.</source>
      <translation>« %1 » : son nom ne le dit pas sûrement. Elle se tape une fois que vous avez dit ce qu’elle est.</translation>
    </message>
    <message>
      <source>Every letter is told.</source>
      <translation>Chaque lettre est reconnue.</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) to look at: say what (it|they) (is|are), or (it|they) cannot be typed.</source>
      <translation>
        <numerusform>%n lettre à regarder : dites ce qu’elle est, sinon elle ne peut être tapée.</numerusform>
        <numerusform>%n lettres à regarder : dites ce qu’elles sont, sinon elles ne peuvent être tapées.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 Missing: %2.</source>
      <translation>%1 Il manque : %2.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LikenessModel</name>
    <message>
      <source>this picture</source>
      <translation>cette image</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::LinesSection</name>
    <message>
      <source>How the lines stand under each other</source>
      <translation>Comment les lignes se suivent</translation>
    </message>
    <message>
      <source>left edges</source>
      <translation>bords gauches</translation>
    </message>
    <message>
      <source>middles</source>
      <translation>milieux</translation>
    </message>
    <message>
      <source>right edges</source>
      <translation>bords droits</translation>
    </message>
    <message>
      <source>lines of one width</source>
      <translation>lignes d’une même largeur</translation>
    </message>
    <message>
      <source>Lines meet at their</source>
      <translation>Les lignes se rencontrent à leurs</translation>
    </message>
    <message>
      <source>Distance of the lines, of the font's own</source>
      <translation>Interligne, par rapport à celui de la police</translation>
    </message>
    <message>
      <source>Size of these lines beside the others</source>
      <translation>Taille de ces lignes par rapport aux autres</translation>
    </message>
    <message>
      <source>Width of the letters beside their own proportions</source>
      <translation>Largeur des lettres par rapport à leurs proportions</translation>
    </message>
    <message>
      <source>line to line</source>
      <translation>d’une ligne à l’autre</translation>
    </message>
    <message>
      <source>size of these lines</source>
      <translation>taille de ces lignes</translation>
    </message>
    <message>
      <source>width of their letters</source>
      <translation>largeur de leurs lettres</translation>
    </message>
    <message>
      <source>align lines</source>
      <translation>aligner des lignes</translation>
    </message>
    <message>
      <source>line distance</source>
      <translation>interligne</translation>
    </message>
    <message>
      <source>size of lines</source>
      <translation>taille de lignes</translation>
    </message>
    <message>
      <source>width of letters</source>
      <translation>largeur de lettres</translation>
    </message>
    <message>
      <source>keeps its proportions</source>
      <translation>garde ses proportions</translation>
    </message>
    <message>
      <source>The other side of the finished size</source>
      <translation>L’autre côté de la taille finie</translation>
    </message>
    <message>
      <source>height of the whole</source>
      <translation>hauteur du tout</translation>
    </message>
    <message>
      <source>width of the whole</source>
      <translation>largeur du tout</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MainWindow</name>
    <message>
      <source>Kept as you work</source>
      <translation>Gardé au fur et à mesure</translation>
    </message>
    <message>
      <source>Open %1</source>
      <translation>Ouvrir %1</translation>
    </message>
    <message>
      <source>Save the cut file</source>
      <translation>Enregistrer le fichier de coupe</translation>
    </message>
    <message>
      <source>Show the name before</source>
      <translation>Montrer le nom d’avant</translation>
    </message>
    <message>
      <source>Show the next name</source>
      <translation>Montrer le nom suivant</translation>
    </message>
    <message>
      <source>Open a folder with fonts</source>
      <translation>Ouvrir un dossier de polices</translation>
    </message>
    <message>
      <source>Open a job</source>
      <translation>Ouvrir un travail</translation>
    </message>
    <message>
      <source>Save the job</source>
      <translation>Enregistrer le travail</translation>
    </message>
    <message>
      <source>New job</source>
      <translation>Nouveau travail</translation>
    </message>
    <message>
      <source>Copy as SVG</source>
      <translation>Copier en SVG</translation>
    </message>
    <message>
      <source>Find fonts that look like this one</source>
      <translation>Trouver des polices qui ressemblent à celle-ci</translation>
    </message>
    <message>
      <source>To the words of the job</source>
      <translation>Aux mots du travail</translation>
    </message>
    <message>
      <source>Keeping …</source>
      <translation>On garde …</translation>
    </message>
    <message>
      <source>Kept a moment ago</source>
      <translation>Gardé à l’instant</translation>
    </message>
    <message>
      <source>Not kept</source>
      <translation>Pas gardé</translation>
    </message>
    <message>
      <source>%1 lies in the motif tray now.</source>
      <translation>%1 est maintenant dans la casse à motifs.</translation>
    </message>
    <message>
      <source>%1 of %2 that may be sold</source>
      <translation>%1 sur %2 qui peuvent être vendues</translation>
    </message>
    <message>
      <source>nothing that is known here</source>
      <translation>rien qu’on sache ici</translation>
    </message>
    <message>
      <source>decision</source>
      <translation>décision</translation>
    </message>
    <message>
      <source>%1 of %2 sold with %3.</source>
      <translation>%1 sur %2 vendus avec %3.</translation>
    </message>
    <message>
      <source>count what was sold</source>
      <translation>compter ce qui a été vendu</translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n contreforme</numerusform>
        <numerusform>%n contreformes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n node(s)</source>
      <translation>
        <numerusform>%n nœud</numerusform>
        <numerusform>%n nœuds</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 to cut</source>
      <translation>%1 à couper</translation>
    </message>
    <message>
      <source>Undo: %1</source>
      <translation>Annuler : %1</translation>
    </message>
    <message>
      <source>Undo</source>
      <translation>Annuler</translation>
    </message>
    <message>
      <source>Redo: %1</source>
      <translation>Rétablir : %1</translation>
    </message>
    <message>
      <source>Redo</source>
      <translation>Rétablir</translation>
    </message>
    <message>
      <source>Choose a font with pictures in Find first; then take it in here.</source>
      <translation>Choisissez d’abord une police à images dans « Trouver » ; prenez-la ensuite ici.</translation>
    </message>
    <message numerus="yes">
      <source>%n font file(s) could not be used. The first: %1</source>
      <translation>
        <numerusform>%n fichier de police était inutilisable : %1</numerusform>
        <numerusform>%n fichiers de police étaient inutilisables. Le premier : %1</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%1 is open now. Open the other %n package(s) after it.</source>
      <translation>
        <numerusform>%1 est maintenant ouvert. Ouvrez ensuite l’autre paquet.</numerusform>
        <numerusform>%1 est maintenant ouvert. Ouvrez ensuite les %n autres paquets.</numerusform>
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
      <translation>Le plotter n’a pas fini. Ce qu’on ne lui a pas dit reste non coupé quand la fenêtre se ferme.</translation>
    </message>
    <message>
      <source>Close all the same</source>
      <translation>Fermer quand même</translation>
    </message>
    <message>
      <source>The embroidery machine is not done yet. It stops where it is when the window closes.</source>
      <translation>La machine à broder n’a pas fini. Elle s’arrête où elle est quand la fenêtre se ferme.</translation>
    </message>
    <message>
      <source>Handbook</source>
      <translation>Manuel</translation>
    </message>
    <message>
      <source>%1 of outline</source>
      <translation>%1 de contour</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MarkPanel</name>
    <message>
      <source>%1 %2 holds</source>
      <translation>%1 %2 tient</translation>
    </message>
    <message>
      <source>strokes from %1 (no care from %2), gaps from %3, pieces from %4</source>
      <translation>des traits à partir de %1 (sans souci à partir de %2), des jours à partir de %3, des pièces à partir de %4</translation>
    </message>
    <message>
      <source>Your own figures.</source>
      <translation>Vos propres chiffres.</translation>
    </message>
    <message>
      <source>Usual figures, from memory of the trade.</source>
      <translation>Chiffres usuels, de la mémoire du métier.</translation>
    </message>
    <message>
      <source>Change them</source>
      <translation>Les changer</translation>
    </message>
    <message>
      <source>Your machine and material may hold more, or less</source>
      <translation>Votre machine et votre matière tiennent peut-être plus, ou moins</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MaterialSection</name>
    <message>
      <source>Deep ink</source>
      <translation>Encre profonde</translation>
    </message>
    <message>
      <source>Brick</source>
      <translation>Brique</translation>
    </message>
    <message>
      <source>Moss</source>
      <translation>Mousse</translation>
    </message>
    <message>
      <source>Honey</source>
      <translation>Miel</translation>
    </message>
    <message>
      <source>Lavender</source>
      <translation>Lavande</translation>
    </message>
    <message>
      <source>Slate</source>
      <translation>Ardoise</translation>
    </message>
    <message>
      <source>Chalk</source>
      <translation>Craie</translation>
    </message>
    <message>
      <source>Kraft</source>
      <translation>Kraft</translation>
    </message>
    <message>
      <source>Colour of the material</source>
      <translation>Couleur de la matière</translation>
    </message>
    <message>
      <source>Mirrored in the file</source>
      <translation>En miroir dans le fichier</translation>
    </message>
    <message>
      <source>Show the overlaps</source>
      <translation>Montrer les recouvrements</translation>
    </message>
    <message>
      <source>How the letters lay over each other before they were welded</source>
      <translation>Comment les lettres se couvraient avant d’être soudées</translation>
    </message>
    <message>
      <source>Show the nodes</source>
      <translation>Montrer les nœuds</translation>
    </message>
    <message>
      <source>Corners, smooth nodes, and the places where strokes met before they were welded</source>
      <translation>Coins, nœuds lisses, et les endroits où des traits se rencontraient avant la soudure</translation>
    </message>
    <message>
      <source>Material</source>
      <translation>Matière</translation>
    </message>
    <message numerus="yes">
      <source>%n corner(s)</source>
      <translation>
        <numerusform>%n coin</numerusform>
        <numerusform>%n coins</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n smooth node(s)</source>
      <translation>
        <numerusform>%n nœud lisse</numerusform>
        <numerusform>%n nœuds lisses</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n place(s) where strokes meet</source>
      <translation>
        <numerusform>%n endroit où des traits se rencontrent</numerusform>
        <numerusform>%n endroits où des traits se rencontrent</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MendingsSection</name>
    <message>
      <source>change a mending</source>
      <translation>changer une réparation</translation>
    </message>
    <message>
      <source>take back</source>
      <translation>retirer</translation>
    </message>
    <message>
      <source>Take back: %1</source>
      <translation>Retirer : %1</translation>
    </message>
    <message>
      <source>take back a mending</source>
      <translation>retirer une réparation</translation>
    </message>
    <message>
      <source>Take all of it back</source>
      <translation>Tout retirer</translation>
    </message>
    <message>
      <source>take all mendings back</source>
      <translation>retirer toutes les réparations</translation>
    </message>
    <message>
      <source>Enter mends the finding that is chosen, Delete leaves it as it is, Ctrl+Enter mends all that has a usual mending. Hold Space to see the words as they were.</source>
      <translation>Entrée répare le constat choisi, Suppr le laisse tel quel, Ctrl+Entrée répare tout ce qui a une réparation usuelle. Maintenez Espace pour voir les mots tels qu’ils étaient.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MessageLine</name>
    <message>
      <source>Close</source>
      <translation>Fermer</translation>
    </message>
    <message>
      <source>Close the message</source>
      <translation>Fermer le message</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::MotifTray</name>
    <message>
      <source>take a font into the tray</source>
      <translation>prendre une police dans la casse</translation>
    </message>
    <message>
      <source>take a picture into the tray</source>
      <translation>prendre une image dans la casse</translation>
    </message>
    <message>
      <source>take letters into the tray</source>
      <translation>prendre des lettres dans la casse</translation>
    </message>
    <message>
      <source>A name or a tag</source>
      <translation>Un nom ou un mot-clé</translation>
    </message>
    <message>
      <source>Find a motif by name, tag or collection; Enter puts the first into the line</source>
      <translation>Trouver un motif par nom, mot-clé ou collection ; Entrée met le premier dans la ligne</translation>
    </message>
    <message>
      <source>Collection</source>
      <translation>Collection</translation>
    </message>
    <message>
      <source>Into the line</source>
      <translation>Dans la ligne</translation>
    </message>
    <message>
      <source>At the caret, as large as the letters</source>
      <translation>Au curseur, grand comme les lettres</translation>
    </message>
    <message>
      <source>Beside the letter</source>
      <translation>À côté de la lettre</translation>
    </message>
    <message>
      <source>Free beside the letter at the caret</source>
      <translation>Libre, à côté de la lettre au curseur</translation>
    </message>
    <message>
      <source>As the tail</source>
      <translation>En paraphe</translation>
    </message>
    <message>
      <source>Under the words, stretched to suit them</source>
      <translation>Sous les mots, étiré à leur mesure</translation>
    </message>
    <message>
      <source>Mirror</source>
      <translation>Miroir</translation>
    </message>
    <message>
      <source>Left and right changed over</source>
      <translation>Gauche et droite échangées</translation>
    </message>
    <message>
      <source>Weld</source>
      <translation>Souder</translation>
    </message>
    <message>
      <source>Overlapping parts become one outline</source>
      <translation>Les parties qui se recouvrent deviennent un contour</translation>
    </message>
    <message>
      <source>Take apart</source>
      <translation>Défaire</translation>
    </message>
    <message>
      <source>Each piece becomes a motif of its own</source>
      <translation>Chaque pièce devient un motif à elle</translation>
    </message>
    <message>
      <source>Sort…</source>
      <translation>Trier…</translation>
    </message>
    <message>
      <source>Their collection and their tags</source>
      <translation>Leur collection et leurs mots-clés</translation>
    </message>
    <message>
      <source>Remove</source>
      <translation>Enlever</translation>
    </message>
    <message>
      <source>Out of the tray</source>
      <translation>Hors de la casse</translation>
    </message>
    <message>
      <source>remove motifs</source>
      <translation>enlever des motifs</translation>
    </message>
    <message>
      <source>Take in this font</source>
      <translation>Prendre cette police</translation>
    </message>
    <message>
      <source>Every picture of the job's font becomes a motif</source>
      <translation>Chaque image de la police du travail devient un motif</translation>
    </message>
    <message>
      <source>From an SVG…</source>
      <translation>D’un SVG…</translation>
    </message>
    <message>
      <source>The filled outlines of a picture file</source>
      <translation>Les contours remplis d’un fichier d’image</translation>
    </message>
    <message>
      <source>Motifs</source>
      <translation>Motifs</translation>
    </message>
    <message>
      <source>all collections</source>
      <translation>toutes les collections</translation>
    </message>
    <message>
      <source>%1, in %2%3. F2 renames it.</source>
      <translation>%1, dans %2%3. F2 le renomme.</translation>
    </message>
    <message>
      <source>; somebody else's mark</source>
      <translation> ; marque d’autrui</translation>
    </message>
    <message>
      <source>Nothing lies in the tray yet. Choose a picture font in Find and take it in here at one stroke, or bring outlines from an SVG file.</source>
      <translation>La casse est encore vide. Choisissez une police à images dans « Trouver » et prenez-la ici d’un coup, ou apportez des contours d’un fichier SVG.</translation>
    </message>
    <message>
      <source>No motif is called so.</source>
      <translation>Aucun motif ne s’appelle ainsi.</translation>
    </message>
    <message numerus="yes">
      <source>Where %n motif(s) (belongs|belong)</source>
      <translation>
        <numerusform>Où va %n motif</numerusform>
        <numerusform>Où vont %n motifs</numerusform>
      </translation>
    </message>
    <message>
      <source>as they are</source>
      <translation>tels quels</translation>
    </message>
    <message>
      <source>winter, bees</source>
      <translation>hiver, abeilles</translation>
    </message>
    <message>
      <source>Collection: a season, a theme</source>
      <translation>Collection : une saison, un thème</translation>
    </message>
    <message>
      <source>Tags, with commas between</source>
      <translation>Mots-clés, séparés par des virgules</translation>
    </message>
    <message>
      <source>sort motifs</source>
      <translation>trier des motifs</translation>
    </message>
    <message>
      <source>rename a motif</source>
      <translation>renommer un motif</translation>
    </message>
    <message>
      <source>change motifs</source>
      <translation>changer des motifs</translation>
    </message>
    <message>
      <source>take motifs apart</source>
      <translation>défaire des motifs</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::NameList</name>
    <message>
      <source>not made yet</source>
      <translation>pas encore fait</translation>
    </message>
    <message numerus="yes">
      <source>%1: %2, %n piece(s) of it</source>
      <translation>
        <numerusform>%1 : %2, %n exemplaire</numerusform>
        <numerusform>%1 : %2, %n exemplaires</numerusform>
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
      <translation>il manque à la police %1</translation>
    </message>
    <message>
      <source>too wide</source>
      <translation>trop large</translation>
    </message>
    <message>
      <source>holds, made smaller</source>
      <translation>tient, rapetissé</translation>
    </message>
    <message>
      <source>holds, closed up</source>
      <translation>tient, serré</translation>
    </message>
    <message>
      <source>holds</source>
      <translation>tient</translation>
    </message>
    <message>
      <source>look</source>
      <translation>à regarder</translation>
    </message>
    <message>
      <source>%1 stroke, look</source>
      <translation>trait %1, à regarder</translation>
    </message>
    <message>
      <source>%1 gap, look</source>
      <translation>jour %1, à regarder</translation>
    </message>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n à regarder</numerusform>
        <numerusform>%n à regarder</numerusform>
      </translation>
    </message>
    <message>
      <source>Names of this job</source>
      <translation>Noms de ce travail</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::NamesSection</name>
    <message numerus="yes">
      <source>%n name(s).</source>
      <translation>
        <numerusform>%n nom.</numerusform>
        <numerusform>%n noms.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>And %n more remark(s).</source>
      <translation>
        <numerusform>Et %n autre remarque.</numerusform>
        <numerusform>Et %n autres remarques.</numerusform>
      </translation>
    </message>
    <message>
      <source>Line %1 is empty: left out.</source>
      <translation>La ligne %1 est vide : laissée de côté.</translation>
    </message>
    <message>
      <source>Line %1: “%2” is in the list already. Both stay.</source>
      <translation>Ligne %1 : « %2 » est déjà dans la liste. Les deux restent.</translation>
    </message>
    <message>
      <source>Line %1 is longer than names are: “%2…”.</source>
      <translation>La ligne %1 est plus longue qu’un nom : « %2… ».</translation>
    </message>
    <message>
      <source>Line %1: how many of “%2” is no number from 1 to 1000: one.</source>
      <translation>Ligne %1 : combien de « %2 » n’est pas un nombre de 1 à 1000 : un.</translation>
    </message>
    <message>
      <source>Line %1: “%2” is beyond 2000 names: left out.</source>
      <translation>Ligne %1 : « %2 » dépasse 2000 noms : laissé de côté.</translation>
    </message>
    <message>
      <source>“%1” is taken for the heading of the list.</source>
      <translation>« %1 » est pris pour le titre de la liste.</translation>
    </message>
    <message>
      <source>Names, one to a line</source>
      <translation>Des noms, un par ligne</translation>
    </message>
    <message>
      <source>Paste names here, one to a line, or a table with a heading: name, copies, colour, note</source>
      <translation>Collez des noms ici, un par ligne, ou un tableau avec un titre : name, copies, colour, note</translation>
    </message>
    <message>
      <source>Make these</source>
      <translation>Faire ceux-ci</translation>
    </message>
    <message>
      <source>From a file…</source>
      <translation>D’un fichier…</translation>
    </message>
    <message>
      <source>No list: only the words that are shown</source>
      <translation>Pas de liste : seulement les mots montrés</translation>
    </message>
    <message>
      <source>leave the list</source>
      <translation>quitter la liste</translation>
    </message>
    <message>
      <source>take a list of names</source>
      <translation>prendre une liste de noms</translation>
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
      <translation>Image</translation>
    </message>
    <message>
      <source>the letters</source>
      <translation>les lettres</translation>
    </message>
    <message>
      <source>where the cloth lies</source>
      <translation>où va le tissu</translation>
    </message>
    <message>
      <source>the cloth held down</source>
      <translation>le tissu maintenu</translation>
    </message>
    <message>
      <source>its edge covered</source>
      <translation>son bord couvert</translation>
    </message>
    <message>
      <source>%1 %</source>
      <translation>%1 %</translation>
    </message>
    <message>
      <source>%1 high: letters lower than %2 run together.</source>
      <translation>%1 de haut : les lettres de moins de %2 se bouchent.</translation>
    </message>
    <message numerus="yes">
      <source>%n stroke(s) thinner than %1, down to %2: a larger size, or thicken them in Proof.</source>
      <translation>
        <numerusform>%n trait plus mince que %1, jusqu’à %2 : une taille plus grande, ou épaississez-le dans « Vérifier ».</numerusform>
        <numerusform>%n traits plus minces que %1, jusqu’à %2 : une taille plus grande, ou épaississez-les dans « Vérifier ».</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) wider than %1 are filled in rows.</source>
      <translation>
        <numerusform>%n partie plus large que %1 est remplie en rangs.</numerusform>
        <numerusform>%n parties plus larges que %1 sont remplies en rangs.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 layers of thread in places: the needle may break. Try it without underlay, or wider apart.</source>
      <translation>%1 couches de fil par endroits : l’aiguille peut casser. Essayez sans sous-couche, ou plus écarté.</translation>
    </message>
    <message>
      <source>%1 of the stitches are shorter than 0.3 mm: thread may break.</source>
      <translation>%1 des points font moins de 0,3 mm : le fil peut casser.</translation>
    </message>
    <message>
      <source>%1 of the letters are covered: cloth shows through.</source>
      <translation>%1 des lettres sont couvertes : le tissu se voit.</translation>
    </message>
    <message>
      <source>%1 wide: larger than the hoop, also when it is turned.</source>
      <translation>%1 de large : plus grand que le cadre, même tourné.</translation>
    </message>
    <message>
      <source>The sewing</source>
      <translation>La broderie</translation>
    </message>
    <message>
      <source>%1 is sewn.</source>
      <translation>%1 est brodé.</translation>
    </message>
    <message>
      <source>show another name</source>
      <translation>montrer un autre nom</translation>
    </message>
    <message>
      <source>On the cloth</source>
      <translation>Sur le tissu</translation>
    </message>
    <message>
      <source>The needle's way</source>
      <translation>Le chemin de l’aiguille</translation>
    </message>
    <message>
      <source>How thick it lies</source>
      <translation>Son épaisseur</translation>
    </message>
    <message>
      <source>All of it</source>
      <translation>Tout</translation>
    </message>
    <message>
      <source>Show all of the sewing (0)</source>
      <translation>Montrer toute la broderie (0)</translation>
    </message>
    <message>
      <source>Send to the practice machine</source>
      <translation>Envoyer à la machine d’essai</translation>
    </message>
    <message>
      <source>Save for your machine:</source>
      <translation>Enregistrer pour votre machine :</translation>
    </message>
    <message>
      <source>Save as %1</source>
      <translation>Enregistrer en %1</translation>
    </message>
    <message>
      <source>Save the cloth to cut (SVG)</source>
      <translation>Enregistrer le tissu à couper (SVG)</translation>
    </message>
    <message>
      <source>Look into a stitch file…</source>
      <translation>Regarder un fichier de broderie…</translation>
    </message>
    <message numerus="yes">
      <source>%Ln stitch(es)</source>
      <translation>
        <numerusform>%Ln point</numerusform>
        <numerusform>%Ln points</numerusform>
      </translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>pas encore</translation>
    </message>
    <message>
      <source>Choose a font in Find: here your words are sewn.</source>
      <translation>Choisissez une police dans « Trouver » : vos mots sont brodés ici.</translation>
    </message>
    <message>
      <source>Threading the needle …</source>
      <translation>On enfile l’aiguille …</translation>
    </message>
    <message>
      <source>%1 m of thread</source>
      <translation>%1 m de fil</translation>
    </message>
    <message numerus="yes">
      <source>%n cut(s) of the thread</source>
      <translation>
        <numerusform>%n coupe du fil</numerusform>
        <numerusform>%n coupes du fil</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n stop(s)</source>
      <translation>
        <numerusform>%n arrêt</numerusform>
        <numerusform>%n arrêts</numerusform>
      </translation>
    </message>
    <message>
      <source> · </source>
      <translation> · </translation>
    </message>
    <message>
      <source>It cannot be sewn</source>
      <translation>Cela ne peut être brodé</translation>
    </message>
    <message>
      <source>Nothing is sewn yet</source>
      <translation>Rien n’est encore brodé</translation>
    </message>
    <message>
      <source>Sews well</source>
      <translation>Se brode bien</translation>
    </message>
    <message numerus="yes">
      <source>%n thing(s) to look at</source>
      <translation>
        <numerusform>%n chose à regarder</numerusform>
        <numerusform>%n choses à regarder</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>%1, fits the hoop</source>
      <translation>%1, tient dans le cadre</translation>
    </message>
    <message>
      <source>%1, turned to fit the hoop</source>
      <translation>%1, tourné pour tenir dans le cadre</translation>
    </message>
    <message>
      <source>%1, larger than the hoop</source>
      <translation>%1, plus grand que le cadre</translation>
    </message>
    <message>
      <source>Covers the letters</source>
      <translation>Couvre les lettres</translation>
    </message>
    <message>
      <source>Columns</source>
      <translation>Colonnes</translation>
    </message>
    <message>
      <source>%1 to %2</source>
      <translation>%1 à %2</translation>
    </message>
    <message>
      <source>Shortest and longest stitch</source>
      <translation>Point le plus court et le plus long</translation>
    </message>
    <message>
      <source>Thickest</source>
      <translation>Au plus épais</translation>
    </message>
    <message numerus="yes">
      <source>%n layer(s)</source>
      <translation>
        <numerusform>%n couche</numerusform>
        <numerusform>%n couches</numerusform>
      </translation>
    </message>
    <message>
      <source>%1. %2</source>
      <translation>%1. %2</translation>
    </message>
    <message>
      <source>Move the handle to see any moment of it.</source>
      <translation>La poignée montre chaque instant.</translation>
    </message>
    <message>
      <source>%1: done</source>
      <translation>%1 : fini</translation>
    </message>
    <message>
      <source>%1: it stops, for you to lay or trim the cloth</source>
      <translation>%1 : elle s’arrête, pour poser ou rogner le tissu</translation>
    </message>
    <message>
      <source>%1: stitch %2, round %3</source>
      <translation>%1 : point %2, tour %3</translation>
    </message>
    <message>
      <source>There is nothing to save yet: choose a font in Find and type the words.</source>
      <translation>Il n’y a encore rien à enregistrer : choisissez une police dans « Trouver » et tapez les mots.</translation>
    </message>
    <message>
      <source>It is still being sewn. Save again in a moment.</source>
      <translation>Cela se brode encore. Enregistrez de nouveau dans un instant.</translation>
    </message>
    <message>
      <source>It is still being sewn. Send again in a moment.</source>
      <translation>Cela se brode encore. Envoyez de nouveau dans un instant.</translation>
    </message>
    <message>
      <source>Nothing was handed off.</source>
      <translation>Rien n’a été remis.</translation>
    </message>
    <message>
      <source>%1 is on its way to the machine.</source>
      <translation>%1 est en route vers la machine.</translation>
    </message>
    <message>
      <source>It ends before its end: what is there is shown. Change the job to come back to it.</source>
      <translation>Il finit avant sa fin : ce qui est là est montré. Changez le travail pour y revenir.</translation>
    </message>
    <message>
      <source>A file, not the job: change the job to come back to it.</source>
      <translation>Un fichier, pas le travail : changez le travail pour y revenir.</translation>
    </message>
    <message>
      <source>Size</source>
      <translation>Taille</translation>
    </message>
    <message>
      <source>Stitches</source>
      <translation>Points</translation>
    </message>
    <message>
      <source>Colours</source>
      <translation>Couleurs</translation>
    </message>
    <message>
      <source>Cuts of the thread</source>
      <translation>Coupes du fil</translation>
    </message>
    <message>
      <source>What is sewn and how</source>
      <translation>Ce qui est brodé et comment</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PairCallout</name>
    <message>
      <source>join them</source>
      <translation>les relier</translation>
    </message>
    <message>
      <source>%1 and %2: left as drawn</source>
      <translation>%1 et %2 : laissées comme dessinées</translation>
    </message>
    <message>
      <source>%1 and %2: nothing stands side by side</source>
      <translation>%1 et %2 : rien n’est côte à côte</translation>
    </message>
    <message>
      <source>%1 and %2: do not touch</source>
      <translation>%1 et %2 : ne se touchent pas</translation>
    </message>
    <message>
      <source>Join %1 and %2</source>
      <translation>Relier %1 et %2</translation>
    </message>
    <message>
      <source>join two letters</source>
      <translation>relier deux lettres</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PanelSection</name>
    <message>
      <source> in</source>
      <translation> po</translation>
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
      <translation>Les pages du patron</translation>
    </message>
    <message>
      <source>The first page: squares to check the printer with</source>
      <translation>La première page : des carrés pour vérifier l’imprimante</translation>
    </message>
    <message>
      <source>Page %1</source>
      <translation>Page %1</translation>
    </message>
    <message numerus="yes">
      <source>%1, of %n. Arrows choose another, Enter shows it alone.</source>
      <translation>
        <numerusform>%1, sur %n. Les flèches en choisissent une autre, Entrée la montre seule.</numerusform>
        <numerusform>%1, sur %n. Les flèches en choisissent une autre, Entrée la montre seule.</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PicturePage</name>
    <message>
      <source>All fonts</source>
      <translation>Toutes les polices</translation>
    </message>
    <message>
      <source>What is this lettering, and what looks like it?</source>
      <translation>Quel est ce lettrage, et qu’est-ce qui lui ressemble ?</translation>
    </message>
    <message>
      <source>Open a picture…</source>
      <translation>Ouvrir une image…</translation>
    </message>
    <message>
      <source>Paste a picture</source>
      <translation>Coller une image</translation>
    </message>
    <message>
      <source>Nothing that was copied is a picture. Copy one first.</source>
      <translation>Rien de ce qui est copié n’est une image. Copiez-en une d’abord.</translation>
    </message>
    <message>
      <source>Drop a picture of lettering here, paste one, or open a file.
It stays on this computer.</source>
      <translation>Déposez ici une image de lettrage, collez-en une, ou ouvrez un fichier.
Elle reste sur cet ordinateur.</translation>
    </message>
    <message>
      <source>It says</source>
      <translation>Il dit</translation>
    </message>
    <message>
      <source>What the lettering says</source>
      <translation>Ce que dit le lettrage</translation>
    </message>
    <message>
      <source>type what you read</source>
      <translation>tapez ce que vous lisez</translation>
    </message>
    <message>
      <source>in</source>
      <translation>po</translation>
    </message>
    <message>
      <source>Tone of the lettering</source>
      <translation>Ton du lettrage</translation>
    </message>
    <message>
      <source>that rise by</source>
      <translation>qui montent de</translation>
    </message>
    <message>
      <source>How far the line rises to the right, in degrees</source>
      <translation>De combien la ligne monte vers la droite, en degrés</translation>
    </message>
    <message>
      <source>°</source>
      <translation>°</translation>
    </message>
    <message>
      <source>Straighten the plate</source>
      <translation>Redresser la plaque</translation>
    </message>
    <message>
      <source>Put the corners on the label or sign that is seen</source>
      <translation>Poser les coins sur l’étiquette ou l’enseigne que l’on voit</translation>
    </message>
    <message>
      <source>Whole picture</source>
      <translation>Image entière</translation>
    </message>
    <message>
      <source>Take the frame away</source>
      <translation>Enlever le cadre</translation>
    </message>
    <message>
      <source>Take the last stroke back</source>
      <translation>Reprendre le dernier trait</translation>
    </message>
    <message>
      <source>What was painted out last comes back</source>
      <translation>Ce qui a été effacé en dernier revient</translation>
    </message>
    <message>
      <source>No label or sign stands out from its ground. Drag the corners by hand.</source>
      <translation>Aucune étiquette ni enseigne ne se détache du fond. Tirez les coins à la main.</translation>
    </message>
    <message>
      <source>Fonts that look like it, the likest first</source>
      <translation>Les polices qui lui ressemblent, la plus proche d’abord</translation>
    </message>
    <message>
      <source>Show them with the job's words</source>
      <translation>Les montrer avec les mots du travail</translation>
    </message>
    <message>
      <source>Choose this font</source>
      <translation>Choisir cette police</translation>
    </message>
    <message>
      <source>Stop looking</source>
      <translation>Cesser de chercher</translation>
    </message>
    <message>
      <source>the tone found</source>
      <translation>le ton trouvé</translation>
    </message>
    <message>
      <source>light letters</source>
      <translation>lettres claires</translation>
    </message>
    <message>
      <source>dark letters</source>
      <translation>lettres sombres</translation>
    </message>
    <message>
      <source>as found</source>
      <translation>comme trouvé</translation>
    </message>
    <message>
      <source>because I say so</source>
      <translation>parce que je le dis</translation>
    </message>
    <message>
      <source>The outline of %1 over what was understood: “%2” is furthest off. A font's name says nothing of its licence; the verdict does.</source>
      <translation>Le contour de %1 sur ce qui a été compris : « %2 » s’en écarte le plus. Le nom d’une police ne dit rien de sa licence ; le verdict le dit.</translation>
    </message>
    <message>
      <source>Type what the lettering says: the same words are laid over it in every font.</source>
      <translation>Tapez ce que dit le lettrage : les mêmes mots sont posés dessus dans chaque police.</translation>
    </message>
    <message numerus="yes">
      <source>Getting to know the fonts, %1 of %n so far; that happens once.</source>
      <translation>
        <numerusform>On fait connaissance avec les polices, %1 sur %n ; cela n’arrive qu’une fois.</numerusform>
        <numerusform>On fait connaissance avec les polices, %1 sur %n ; cela n’arrive qu’une fois.</numerusform>
      </translation>
    </message>
    <message>
      <source>Looking …</source>
      <translation>On cherche …</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s) look like it.</source>
      <translation>
        <numerusform>%n police lui ressemble.</numerusform>
        <numerusform>%n polices lui ressemblent.</numerusform>
      </translation>
    </message>
    <message>
      <source>No font here looks like it. Check what it says, and the frame.</source>
      <translation>Aucune police ici ne lui ressemble. Vérifiez ce qu’il dit, et le cadre.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PictureView</name>
    <message>
      <source>Draw a frame round the lettering; drag its corners where it is seen at an angle</source>
      <translation>Tracez un cadre autour du lettrage ; tirez ses coins où on le voit de biais</translation>
    </message>
    <message>
      <source>The picture, with a frame round its lettering</source>
      <translation>L’image, avec un cadre autour de son lettrage</translation>
    </message>
    <message>
      <source>Corner %1 of 4, at %2, %3. Page Down goes to the next corner, arrow keys move it.</source>
      <translation>Coin %1 sur 4, à %2, %3. Page suivante va au coin suivant, les flèches le déplacent.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::PiecesView</name>
    <message>
      <source>The pieces, each on its own</source>
      <translation>Les pièces, chacune à part</translation>
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
      <translation>Il n’y a pas encore de pièces.</translation>
    </message>
    <message>
      <source>Piece %1 of %2: %3</source>
      <translation>Pièce %1 sur %2 : %3</translation>
    </message>
    <message>
      <source>, too small to hold</source>
      <translation>, trop petite pour tenir</translation>
    </message>
    <message>
      <source>%1, a speck</source>
      <translation>%1, un éclat</translation>
    </message>
    <message numerus="yes">
      <source>and %n smaller piece(s)</source>
      <translation>
        <numerusform>et %n pièce plus petite</numerusform>
        <numerusform>et %n pièces plus petites</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s) (falls|fall) out of the sheet</source>
      <translation>
        <numerusform>%n contreforme tombe de la feuille</numerusform>
        <numerusform>%n contreformes tombent de la feuille</numerusform>
      </translation>
    </message>
    <message>
      <source>The sheet is one piece: nothing falls out.</source>
      <translation>La feuille est d’une pièce : rien ne tombe.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ProcessLimitsDialog</name>
    <message>
      <source>What it holds</source>
      <translation>Ce qu’il tient</translation>
    </message>
    <message>
      <source>Every font and every word is judged by these. Cut a test of your own and put in what held.</source>
      <translation>Chaque police et chaque mot est jugé d’après cela. Coupez votre propre essai et mettez ce qui a tenu.</translation>
    </message>
    <message>
      <source>Thinnest stroke</source>
      <translation>Trait le plus mince</translation>
    </message>
    <message>
      <source>thinner ones fail</source>
      <translation>de plus minces échouent</translation>
    </message>
    <message>
      <source>No care needed from</source>
      <translation>Sans souci à partir de</translation>
    </message>
    <message>
      <source>between the two, look at it</source>
      <translation>entre les deux : regardez</translation>
    </message>
    <message>
      <source>Narrowest gap</source>
      <translation>Jour le plus étroit</translation>
    </message>
    <message>
      <source>narrower ones close up</source>
      <translation>de plus étroits se ferment</translation>
    </message>
    <message>
      <source>Smallest piece</source>
      <translation>Plus petite pièce</translation>
    </message>
    <message>
      <source>smaller ones come off</source>
      <translation>de plus petites se détachent</translation>
    </message>
    <message>
      <source>Smallest middle</source>
      <translation>Plus petite contreforme</translation>
    </message>
    <message>
      <source>smaller ones close, or cannot be picked</source>
      <translation>de plus petites se ferment, ou ne s’échenillent pas</translation>
    </message>
    <message>
      <source>Bridge of a stencil</source>
      <translation>Pont d’un pochoir</translation>
    </message>
    <message>
      <source>as wide as this</source>
      <translation>large ainsi</translation>
    </message>
    <message>
      <source>Back to the usual figures</source>
      <translation>Revenir aux chiffres usuels</translation>
    </message>
    <message>
      <source>Done</source>
      <translation>Fini</translation>
    </message>
    <message>
      <source>%1 %2 holds</source>
      <translation>%1 %2 tient</translation>
    </message>
    <message>
      <source> in²</source>
      <translation> po²</translation>
    </message>
    <message>
      <source> in</source>
      <translation> po</translation>
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
        <numerusform>et %n de plus</numerusform>
        <numerusform>et %n de plus</numerusform>
      </translation>
    </message>
    <message>
      <source>Bridge %1</source>
      <translation>Pont %1</translation>
    </message>
    <message>
      <source>%1 Mended as far as it goes: %2.</source>
      <translation>%1 Réparé autant qu’il se peut : %2.</translation>
    </message>
    <message>
      <source>What is done to all of a kind is done to these too.</source>
      <translation>Ce qu’on fait à tous de cette sorte, on le fait à ceux-ci aussi.</translation>
    </message>
    <message>
      <source>%1 across</source>
      <translation>%1 de travers</translation>
    </message>
    <message>
      <source>Findings</source>
      <translation>Constats</translation>
    </message>
    <message>
      <source>Leave them all</source>
      <translation>Tous les laisser</translation>
    </message>
    <message>
      <source>Leave it</source>
      <translation>Laisser ainsi</translation>
    </message>
    <message>
      <source>Take it off</source>
      <translation>L’enlever</translation>
    </message>
    <message>
      <source>Back along the stroke</source>
      <translation>En arrière le long du trait</translation>
    </message>
    <message>
      <source>On along the stroke</source>
      <translation>En avant le long du trait</translation>
    </message>
    <message>
      <source>One more, opposite</source>
      <translation>Un de plus, en face</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ProofPage</name>
    <message>
      <source>In the material</source>
      <translation>Dans la matière</translation>
    </message>
    <message>
      <source>Outline and nodes</source>
      <translation>Contour et nœuds</translation>
    </message>
    <message>
      <source>Before the weld</source>
      <translation>Avant la soudure</translation>
    </message>
    <message>
      <source>Pieces</source>
      <translation>Pièces</translation>
    </message>
    <message>
      <source>All of it</source>
      <translation>Tout</translation>
    </message>
    <message>
      <source>Show all of the words (Ctrl+0)</source>
      <translation>Montrer tous les mots (Ctrl+0)</translation>
    </message>
    <message>
      <source>Mend all</source>
      <translation>Tout réparer</translation>
    </message>
    <message>
      <source>All that has a usual mending, each kind as one rule (Ctrl+Enter)</source>
      <translation>Tout ce qui a une réparation usuelle, chaque sorte comme une règle (Ctrl+Entrée)</translation>
    </message>
    <message>
      <source>What it holds…</source>
      <translation>Ce qu’il tient…</translation>
    </message>
    <message>
      <source>take a bridge off</source>
      <translation>enlever un pont</translation>
    </message>
    <message>
      <source>add a bridge</source>
      <translation>ajouter un pont</translation>
    </message>
    <message>
      <source>looking …</source>
      <translation>regarde …</translation>
    </message>
    <message>
      <source>not yet</source>
      <translation>pas encore</translation>
    </message>
    <message>
      <source>in order</source>
      <translation>en ordre</translation>
    </message>
    <message numerus="yes">
      <source>%n to look at</source>
      <translation>
        <numerusform>%n à regarder</numerusform>
        <numerusform>%n à regarder</numerusform>
      </translation>
    </message>
    <message>
      <source>Looking at the words …</source>
      <translation>On regarde les mots …</translation>
    </message>
    <message>
      <source>Choose a font in Find: here you see what its words hold.</source>
      <translation>Choisissez une police dans « Trouver » : vous voyez ici ce que tiennent ses mots.</translation>
    </message>
    <message>
      <source>Nothing to look at yet</source>
      <translation>Rien encore à regarder</translation>
    </message>
    <message>
      <source>All in order</source>
      <translation>Tout est en ordre</translation>
    </message>
    <message>
      <source>%1, %2</source>
      <translation>%1, %2</translation>
    </message>
    <message numerus="yes">
      <source>%n in order</source>
      <translation>
        <numerusform>%n en ordre</numerusform>
        <numerusform>%n en ordre</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 %2 holds %3.</source>
      <translation>%1 %2 tient %3.</translation>
    </message>
    <message>
      <source>%1 %2 holds %3 well, %4 at the least.</source>
      <translation>%1 %2 tient bien %3, %4 au moins.</translation>
    </message>
    <message numerus="yes">
      <source>about %n min to weed</source>
      <translation>
        <numerusform>environ %n minute à écheniller</numerusform>
        <numerusform>environ %n minutes à écheniller</numerusform>
      </translation>
    </message>
    <message>
      <source>%1, the smallest middle %2, %3 of edge</source>
      <translation>%1, la plus petite contreforme %2, %3 de bord</translation>
    </message>
    <message numerus="yes">
      <source>%n part(s) to pick</source>
      <translation>
        <numerusform>%n partie à retirer</numerusform>
        <numerusform>%n parties à retirer</numerusform>
      </translation>
    </message>
    <message>
      <source>%1, %2 of edge</source>
      <translation>%1, %2 de bord</translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message>
      <source>%1, %2, %3 to cut</source>
      <translation>%1, %2, %3 à couper</translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n contreforme</numerusform>
        <numerusform>%n contreformes</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n mending(s)</source>
      <translation>
        <numerusform>%n réparation</numerusform>
        <numerusform>%n réparations</numerusform>
      </translation>
    </message>
    <message>
      <source>are cut as they are drawn</source>
      <translation>sont coupés comme ils sont dessinés</translation>
    </message>
    <message>
      <source>These words {mended}, {whole}, and keep {nodes}.</source>
      <translation>Ces mots {mended}, {whole}, et gardent {nodes}.</translation>
    </message>
    <message>
      <source>These words have {mended}, {whole}, and keep {nodes}.</source>
      <translation>Ces mots ont {mended}, {whole}, et gardent {nodes}.</translation>
    </message>
    <message>
      <source>These words have %1, {whole}, and keep {nodes}.</source>
      <translation>Ces mots ont %1, {whole}, et gardent {nodes}.</translation>
    </message>
    <message>
      <source>, </source>
      <translation>, </translation>
    </message>
    <message>
      <source>hang together as one</source>
      <translation>se tiennent d’une pièce</translation>
    </message>
    <message>
      <source>may be of several pieces</source>
      <translation>peuvent être de plusieurs pièces</translation>
    </message>
    <message>
      <source>fewer nodes, within %1</source>
      <translation>moins de nœuds, à %1 près</translation>
    </message>
    <message>
      <source>every node as drawn</source>
      <translation>chaque nœud comme dessiné</translation>
    </message>
    <message>
      <source>a sheet of %1 × %2</source>
      <translation>une feuille de %1 × %2</translation>
    </message>
    <message>
      <source>a sheet %1 wide</source>
      <translation>une feuille large de %1</translation>
    </message>
    <message>
      <source>a sheet %1 high</source>
      <translation>une feuille haute de %1</translation>
    </message>
    <message>
      <source>any sheet</source>
      <translation>n’importe quelle feuille</translation>
    </message>
    <message>
      <source>They come from {sheet}.</source>
      <translation>Ils viennent de {sheet}.</translation>
    </message>
    <message>
      <source>without a frame</source>
      <translation>sans cadre</translation>
    </message>
    <message>
      <source>inside a frame with parting lines</source>
      <translation>dans un cadre avec lignes de partage</translation>
    </message>
    <message>
      <source>inside a frame</source>
      <translation>dans un cadre</translation>
    </message>
    <message>
      <source>They come from {sheet}, {weeding}.</source>
      <translation>Ils viennent de {sheet}, {weeding}.</translation>
    </message>
    <message>
      <source>mend %1</source>
      <translation>réparer %1</translation>
    </message>
    <message>
      <source>everything thicker</source>
      <translation>tout plus épais</translation>
    </message>
    <message>
      <source>fewer nodes</source>
      <translation>moins de nœuds</translation>
    </message>
    <message>
      <source>sew low letters as lines</source>
      <translation>broder les lettres basses en lignes</translation>
    </message>
    <message>
      <source>no underlay</source>
      <translation>sans sous-couche</translation>
    </message>
    <message>
      <source>stitches wider apart</source>
      <translation>points plus écartés</translation>
    </message>
    <message>
      <source>leave %1 as they are</source>
      <translation>laisser %1 tels quels</translation>
    </message>
    <message>
      <source>mend all</source>
      <translation>tout réparer</translation>
    </message>
    <message>
      <source>Nothing has to be mended.</source>
      <translation>Rien n’est à réparer.</translation>
    </message>
    <message>
      <source>What is left has no usual mending: choose for each.</source>
      <translation>Ce qui reste n’a pas de réparation usuelle : choisissez pour chacun.</translation>
    </message>
    <message>
      <source>move a bridge</source>
      <translation>déplacer un pont</translation>
    </message>
    <message>
      <source>Proof</source>
      <translation>Vérifier</translation>
    </message>
    <message>
      <source>%1, %2, %3 of outline</source>
      <translation>%1, %2, %3 de contour</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::RunCard</name>
    <message>
      <source>%1, from its beginning to its end</source>
      <translation>%1, de son début à sa fin</translation>
    </message>
    <message>
      <source>Play</source>
      <translation>Jouer</translation>
    </message>
    <message>
      <source>See it being made (Space on the ribbon)</source>
      <translation>Le voir se faire (Espace sur le ruban)</translation>
    </message>
    <message>
      <source>How fast it plays</source>
      <translation>À quelle vitesse cela se joue</translation>
    </message>
    <message>
      <source>as fast as the machine</source>
      <translation>aussi vite que la machine</translation>
    </message>
    <message>
      <source>%1 times as fast</source>
      <translation>%1 fois plus vite</translation>
    </message>
    <message>
      <source>Pause</source>
      <translation>Pause</translation>
    </message>
    <message>
      <source>middles first, then letters, frames last</source>
      <translation>contreformes d’abord, puis lettres, cadres en dernier</translation>
    </message>
    <message>
      <source>middles first, then letters</source>
      <translation>contreformes d’abord, puis lettres</translation>
    </message>
    <message>
      <source>%1 · %2 to cut, %3 in the air</source>
      <translation>%1 · %2 à couper, %3 en l’air</translation>
    </message>
    <message>
      <source>%1 · %2</source>
      <translation>%1 · %2</translation>
    </message>
    <message>
      <source>%1 · %2 to draw, %3 in the air</source>
      <translation>%1 · %2 à tracer, %3 en l’air</translation>
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
      <translation>%1 sur %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SendStrip</name>
    <message>
      <source>Parts that are cut</source>
      <translation>Parties coupées</translation>
    </message>
    <message>
      <source>Start again</source>
      <translation>Recommencer</translation>
    </message>
    <message>
      <source>Give up</source>
      <translation>Abandonner</translation>
    </message>
    <message>
      <source>Calling the cutter …</source>
      <translation>On appelle le plotter …</translation>
    </message>
    <message>
      <source>Cutting part %1 of %2</source>
      <translation>Coupe la partie %1 sur %2</translation>
    </message>
    <message>
      <source>Paused: the cutter ends what it was told, then rests</source>
      <translation>En pause : le plotter finit ce qu’on lui a dit, puis se repose</translation>
    </message>
    <message>
      <source>The lid is open. Close it, and the cutter goes on.</source>
      <translation>Le capot est ouvert. Fermez-le, et le plotter continue.</translation>
    </message>
    <message>
      <source>The material has come to its end. Load more, and the cutter goes on.</source>
      <translation>La matière est à sa fin. Rechargez, et le plotter continue.</translation>
    </message>
    <message>
      <source>That sheet is cut. Lay the next one, then go on.</source>
      <translation>Cette feuille est coupée. Posez la suivante, puis continuez.</translation>
    </message>
    <message>
      <source>All of it is cut.</source>
      <translation>Tout est coupé.</translation>
    </message>
    <message>
      <source>No cutter answers there. Switch it on, then go on.</source>
      <translation>Aucun plotter n’y répond. Allumez-le, puis continuez.</translation>
    </message>
    <message>
      <source>The cutter is busy with something else. Wait, then go on.</source>
      <translation>Le plotter est occupé à autre chose. Attendez, puis continuez.</translation>
    </message>
    <message>
      <source>The line to the cutter broke after part %1 of %2.</source>
      <translation>La liaison avec le plotter a rompu après la partie %1 sur %2.</translation>
    </message>
    <message>
      <source>The cutter says nothing any more. Look after it, then go on.</source>
      <translation>Le plotter ne dit plus rien. Allez le voir, puis continuez.</translation>
    </message>
    <message>
      <source>The cutter lost a part of what was sent: part %1 of %2 is not as it should be. Look at the sheet before you go on.</source>
      <translation>Le plotter a perdu une partie de l’envoi : la partie %1 sur %2 n’est pas comme il faut. Regardez la feuille avant de continuer.</translation>
    </message>
    <message>
      <source>What answers there is no cutter. Look at the address.</source>
      <translation>Ce qui y répond n’est pas un plotter. Regardez l’adresse.</translation>
    </message>
    <message>
      <source>Resume</source>
      <translation>Reprendre</translation>
    </message>
    <message>
      <source>Pause</source>
      <translation>Pause</translation>
    </message>
    <message>
      <source>Go on</source>
      <translation>Continuer</translation>
    </message>
    <message>
      <source>Go on from part %1</source>
      <translation>Continuer à partir de %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SentenceBar</name>
    <message>
      <source>%1, can be changed</source>
      <translation>%1, peut être changé</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SewStrip</name>
    <message>
      <source>Stitches that are sewn</source>
      <translation>Points brodés</translation>
    </message>
    <message>
      <source>Start again</source>
      <translation>Recommencer</translation>
    </message>
    <message>
      <source>Give up</source>
      <translation>Abandonner</translation>
    </message>
    <message>
      <source>No machine answers there. Switch it on, then go on.</source>
      <translation>Aucune machine n’y répond. Allumez-la, puis continuez.</translation>
    </message>
    <message>
      <source>The machine sews for somebody else. Wait, then go on.</source>
      <translation>La machine brode pour quelqu’un d’autre. Attendez, puis continuez.</translation>
    </message>
    <message>
      <source>The machine went off after stitch %1. Switch it on, leave the hoop as it is, then go on.</source>
      <translation>La machine s’est éteinte après le point %1. Allumez-la, laissez le cadre tel quel, puis continuez.</translation>
    </message>
    <message>
      <source>The machine says nothing any more. Look after it, then go on.</source>
      <translation>La machine ne dit plus rien. Allez la voir, puis continuez.</translation>
    </message>
    <message>
      <source>Another hoop is on than this needs. Change it, then go on.</source>
      <translation>Un autre cadre est monté que celui qu’il faut. Changez-le, puis continuez.</translation>
    </message>
    <message>
      <source>Not all of the file came through. Send it again.</source>
      <translation>Tout le fichier n’est pas arrivé. Envoyez-le encore.</translation>
    </message>
    <message>
      <source>What answers there is no embroidery machine. Look at the address.</source>
      <translation>Ce qui y répond n’est pas une machine à broder. Regardez l’adresse.</translation>
    </message>
    <message>
      <source>Calling the machine …</source>
      <translation>On appelle la machine …</translation>
    </message>
    <message>
      <source>Sewing: stitch %1 of %2</source>
      <translation>Brode : point %1 sur %2</translation>
    </message>
    <message>
      <source>Paused at stitch %1</source>
      <translation>En pause au point %1</translation>
    </message>
    <message>
      <source>It stops after stitch %1: lay or trim the cloth, or change the thread.</source>
      <translation>Elle s’arrête après le point %1 : posez ou rognez le tissu, ou changez le fil.</translation>
    </message>
    <message>
      <source>The thread broke at stitch %1. Thread it again.</source>
      <translation>Le fil a cassé au point %1. Renfilez-le.</translation>
    </message>
    <message>
      <source>All of it is sewn.</source>
      <translation>Tout est brodé.</translation>
    </message>
    <message>
      <source>Pause</source>
      <translation>Pause</translation>
    </message>
    <message>
      <source>Go on sewing</source>
      <translation>Continuer à broder</translation>
    </message>
    <message>
      <source>Send it again</source>
      <translation>L’envoyer encore</translation>
    </message>
    <message>
      <source>Go on from stitch %1</source>
      <translation>Continuer à partir du point %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShapeSection</name>
    <message>
      <source>Straight</source>
      <translation>Droit</translation>
    </message>
    <message>
      <source>Hill</source>
      <translation>Colline</translation>
    </message>
    <message>
      <source>Valley</source>
      <translation>Vallée</translation>
    </message>
    <message>
      <source>Arch</source>
      <translation>Arc</translation>
    </message>
    <message>
      <source>Circle</source>
      <translation>Cercle</translation>
    </message>
    <message>
      <source>Wave</source>
      <translation>Vague</translation>
    </message>
    <message>
      <source>Rising</source>
      <translation>Montant</translation>
    </message>
    <message>
      <source>Taper</source>
      <translation>Effilé</translation>
    </message>
    <message>
      <source>Bulge</source>
      <translation>Bombé</translation>
    </message>
    <message>
      <source>Slant</source>
      <translation>Penché</translation>
    </message>
    <message>
      <source>Mirror</source>
      <translation>Miroir</translation>
    </message>
    <message>
      <source>By its four corners</source>
      <translation>Par ses quatre coins</translation>
    </message>
    <message>
      <source>Shape</source>
      <translation>Forme</translation>
    </message>
    <message>
      <source>How much</source>
      <translation>Combien</translation>
    </message>
    <message>
      <source>Where on the circle the words stand, from the top</source>
      <translation>Où les mots se tiennent sur le cercle, depuis le haut</translation>
    </message>
    <message>
      <source>letters bend with it</source>
      <translation>les lettres se courbent avec</translation>
    </message>
    <message>
      <source>inside the circle</source>
      <translation>dans le cercle</translation>
    </message>
    <message>
      <source>lower left</source>
      <translation>bas gauche</translation>
    </message>
    <message>
      <source>lower right</source>
      <translation>bas droit</translation>
    </message>
    <message>
      <source>upper right</source>
      <translation>haut droit</translation>
    </message>
    <message>
      <source>upper left</source>
      <translation>haut gauche</translation>
    </message>
    <message>
      <source>%1 corner, up</source>
      <translation>coin %1, vers le haut</translation>
    </message>
    <message>
      <source>%1 corner, across</source>
      <translation>coin %1, de côté</translation>
    </message>
    <message>
      <source>bend the words</source>
      <translation>courber les mots</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SheetPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Toutes mes polices</translation>
    </message>
    <message>
      <source>Save as PDF…</source>
      <translation>Enregistrer en PDF…</translation>
    </message>
    <message>
      <source>The sheet as it will be printed</source>
      <translation>La feuille telle qu’elle sera imprimée</translation>
    </message>
    <message>
      <source>Making the sheet …</source>
      <translation>On fait la feuille …</translation>
    </message>
    <message numerus="yes">
      <source>%1 · %n page(s) of A4, at true size</source>
      <translation>
        <numerusform>%1 · %n page A4, en vraie grandeur</numerusform>
        <numerusform>%1 · %n pages A4, en vraie grandeur</numerusform>
      </translation>
    </message>
    <message>
      <source>Saved %1. Print it at 100 %, so that the sizes hold. It is in %2</source>
      <translation>%1 enregistré. Imprimez à 100 %, pour que les tailles soient justes. Il est dans %2</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SheetView</name>
    <message>
      <source>The sheet</source>
      <translation>La feuille</translation>
    </message>
    <message>
      <source>cut off here · %1 of the roll used</source>
      <translation>coupé ici · %1 du rouleau utilisé</translation>
    </message>
    <message>
      <source>%1 of the sheet used · the rest stays whole</source>
      <translation>%1 de la feuille utilisé · le reste demeure entier</translation>
    </message>
    <message>
      <source>Tab and arrows choose and move what lies on the sheet.</source>
      <translation>Tab et les flèches choisissent et déplacent ce qui est sur la feuille.</translation>
    </message>
    <message>
      <source>%1: %2 from the left, %3 from the top, %4 wide, %5 high</source>
      <translation>%1 : à %2 de la gauche, à %3 du haut, %4 de large, %5 de haut</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfDelegate</name>
    <message>
      <source>no other letters for these words</source>
      <translation>pas d’autres lettres pour ces mots</translation>
    </message>
    <message>
      <source>for this job only</source>
      <translation>pour ce travail seulement</translation>
    </message>
    <message>
      <source>until %1</source>
      <translation>jusqu’au %1</translation>
    </message>
    <message>
      <source>without %1</source>
      <translation>sans %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfKeeper</name>
    <message>
      <source>change the shelf</source>
      <translation>changer l’étagère</translation>
    </message>
    <message numerus="yes">
      <source>Their day is over: %n font(s) (was|were) taken away from the other programs.</source>
      <translation>
        <numerusform>Leur jour est passé : %n police a été retirée des autres programmes.</numerusform>
        <numerusform>Leur jour est passé : %n polices ont été retirées des autres programmes.</numerusform>
      </translation>
    </message>
    <message>
      <source>Undone: %1 as before.</source>
      <translation>Annulé : %1 comme avant.</translation>
    </message>
    <message>
      <source>%1: in the set “%2”.</source>
      <translation>%1 : dans le jeu « %2 ».</translation>
    </message>
    <message>
      <source>%1: no longer in the set “%2”.</source>
      <translation>%1 : plus dans le jeu « %2 ».</translation>
    </message>
    <message>
      <source>%1: tagged “%2”.</source>
      <translation>%1 : mot-clé « %2 ».</translation>
    </message>
    <message>
      <source>%1: no longer tagged “%2”.</source>
      <translation>%1 : plus le mot-clé « %2 ».</translation>
    </message>
    <message>
      <source>Kept the note on %1.</source>
      <translation>La note sur %1 est gardée.</translation>
    </message>
    <message>
      <source>The note on %1 is as before.</source>
      <translation>La note sur %1 est comme avant.</translation>
    </message>
    <message>
      <source>The letters are put right. Those they were before are set aside.</source>
      <translation>Les lettres sont corrigées. Celles d’avant sont mises de côté.</translation>
    </message>
    <message>
      <source>The letters are as before. Those that were put right are set aside.</source>
      <translation>Les lettres sont comme avant. Celles qui ont été corrigées sont mises de côté.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfPage</name>
    <message numerus="yes">
      <source>%n new font(s) (is|are) on the shelf now.</source>
      <translation>
        <numerusform>%n nouvelle police est maintenant sur l’étagère.</numerusform>
        <numerusform>%n nouvelles polices sont maintenant sur l’étagère.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n glyph(s). What is on which key, its code point, and the glyph's name; crossed out: somebody else's mark.</source>
      <translation>
        <numerusform>%n glyphe. Ce qui est sur quelle touche, son code, et le nom du glyphe ; barré : la marque d’autrui.</numerusform>
        <numerusform>%n glyphes. Ce qui est sur quelle touche, son code, et le nom du glyphe ; barré : la marque d’autrui.</numerusform>
      </translation>
    </message>
    <message>
      <source>%1: key map</source>
      <translation>%1 : carte des touches</translation>
    </message>
    <message>
      <source>%1 wide, %2 high</source>
      <translation>%1 de large, %2 de haut</translation>
    </message>
    <message numerus="yes">
      <source>“%1” in %n font(s)</source>
      <translation>
        <numerusform>« %1 » dans %n police</numerusform>
        <numerusform>« %1 » dans %n polices</numerusform>
      </translation>
    </message>
    <message>
      <source>As large as they will be cut. Print at 100 %.</source>
      <translation>Grands comme ils seront coupés. Imprimez à 100 %.</translation>
    </message>
    <message>
      <source>my shelf.zip</source>
      <translation>mon étagère.zip</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n font(s), their documents, rights, sets, tags and notes. Read it on the other computer with “Read a carried shelf”.</source>
      <translation>
        <numerusform>%1 enregistré avec %n police, ses documents, droits, jeux, mots-clés et notes. Lisez-le sur l’autre ordinateur avec « Lire une étagère emportée ».</numerusform>
        <numerusform>%1 enregistré avec %n polices, leurs documents, droits, jeux, mots-clés et notes. Lisez-le sur l’autre ordinateur avec « Lire une étagère emportée ».</numerusform>
      </translation>
    </message>
    <message>
      <source>fonts for all users.zip</source>
      <translation>polices pour tous.zip</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n font(s). READ-ME-FIRST.txt in it says what whoever looks after the computer has to do.</source>
      <translation>
        <numerusform>%1 enregistré avec %n police. READ-ME-FIRST.txt y dit ce que doit faire qui s’occupe de l’ordinateur.</numerusform>
        <numerusform>%1 enregistré avec %n polices. READ-ME-FIRST.txt y dit ce que doit faire qui s’occupe de l’ordinateur.</numerusform>
      </translation>
    </message>
    <message>
      <source>Show fonts that have this in name, set, tag or note</source>
      <translation>Montrer les polices qui ont ceci dans nom, jeu, mot-clé ou note</translation>
    </message>
    <message>
      <source>Name, set, tag or note</source>
      <translation>Nom, jeu, mot-clé ou note</translation>
    </message>
    <message>
      <source>Order of your fonts</source>
      <translation>Ordre de vos polices</translation>
    </message>
    <message>
      <source>with their other letters</source>
      <translation>avec leurs autres lettres</translation>
    </message>
    <message>
      <source>narrow down</source>
      <translation>restreindre</translation>
    </message>
    <message>
      <source>Last used</source>
      <translation>Dernier usage</translation>
    </message>
    <message>
      <source>used at any time</source>
      <translation>utilisées n’importe quand</translation>
    </message>
    <message>
      <source>used this month</source>
      <translation>utilisées ce mois-ci</translation>
    </message>
    <message>
      <source>used this year</source>
      <translation>utilisées cette année</translation>
    </message>
    <message>
      <source>not used for a year</source>
      <translation>pas utilisées depuis un an</translation>
    </message>
    <message>
      <source>never used</source>
      <translation>jamais utilisées</translation>
    </message>
    <message>
      <source>Taken in</source>
      <translation>Prises</translation>
    </message>
    <message>
      <source>taken in at any time</source>
      <translation>prises n’importe quand</translation>
    </message>
    <message>
      <source>taken in this month</source>
      <translation>prises ce mois-ci</translation>
    </message>
    <message>
      <source>taken in this year</source>
      <translation>prises cette année</translation>
    </message>
    <message>
      <source>taken in longer ago</source>
      <translation>prises il y a plus longtemps</translation>
    </message>
    <message>
      <source>Of which set</source>
      <translation>De quel jeu</translation>
    </message>
    <message>
      <source>From which package</source>
      <translation>De quel paquet</translation>
    </message>
    <message>
      <source>Take in a package…</source>
      <translation>Prendre un paquet…</translation>
    </message>
    <message>
      <source>Read a carried shelf…</source>
      <translation>Lire une étagère emportée…</translation>
    </message>
    <message>
      <source>Twins</source>
      <translation>Jumelles</translation>
    </message>
    <message>
      <source>Health</source>
      <translation>Santé</translation>
    </message>
    <message>
      <source>Your fonts, each with the job's words</source>
      <translation>Vos polices, chacune avec les mots du travail</translation>
    </message>
    <message>
      <source>Put the fonts that come with Under Ink here</source>
      <translation>Mettre ici les polices qui viennent avec Under Ink</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n police</numerusform>
        <numerusform>%n polices</numerusform>
      </translation>
    </message>
    <message>
      <source>closed</source>
      <translation>fermé</translation>
    </message>
    <message>
      <source>of any set</source>
      <translation>de tout jeu</translation>
    </message>
    <message>
      <source>of the set “%1”</source>
      <translation>du jeu « %1 »</translation>
    </message>
    <message>
      <source>from any package</source>
      <translation>de tout paquet</translation>
    </message>
    <message>
      <source>from %1</source>
      <translation>de %1</translation>
    </message>
    <message>
      <source>Show fonts that are %1</source>
      <translation>Montrer les polices qui sont %1</translation>
    </message>
    <message>
      <source>Opening the shelf …</source>
      <translation>Ouverture de l’étagère …</translation>
    </message>
    <message>
      <source>Nothing is on your shelf yet.
Take a package in, drop a font on the window, or begin with the fonts that come with Under Ink.</source>
      <translation>Il n’y a encore rien sur votre étagère.
Prenez un paquet, déposez une police sur la fenêtre, ou commencez par les polices qui viennent avec Under Ink.</translation>
    </message>
    <message>
      <source>No font is all of this.
Take one of the wishes back to see more.</source>
      <translation>Aucune police n’est tout cela.
Retirez un souhait pour en voir plus.</translation>
    </message>
    <message>
      <source>Specimen of %1</source>
      <translation>Spécimen de %1</translation>
    </message>
    <message>
      <source>Carry %1…</source>
      <translation>Emporter %1…</translation>
    </message>
    <message>
      <source>For all users…</source>
      <translation>Pour tous les utilisateurs…</translation>
    </message>
    <message>
      <source>Shelf</source>
      <translation>Étagère</translation>
    </message>
    <message>
      <source>%1 stitched %2 mm</source>
      <translation>%1 brodée %2 mm</translation>
    </message>
    <message>
      <source>Making stitches of %1 …</source>
      <translation>%1 devient des points…</translation>
    </message>
    <message numerus="yes">
      <source>Saved %1 with %n letter(s). %2</source>
      <translation>
        <numerusform>%1 enregistré avec %n lettre. %2</numerusform>
        <numerusform>%1 enregistré avec %n lettres. %2</numerusform>
      </translation>
    </message>
    <message>
      <source>No stitched letters were made.</source>
      <translation>Aucune lettre brodée n’a été faite.</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::ShelfPanel</name>
    <message>
      <source>The chosen fonts</source>
      <translation>Les polices choisies</translation>
    </message>
    <message>
      <source>Install</source>
      <translation>Installer</translation>
    </message>
    <message>
      <source>How long it stays installed</source>
      <translation>Combien de temps elle reste installée</translation>
    </message>
    <message>
      <source>for good</source>
      <translation>pour de bon</translation>
    </message>
    <message>
      <source>for this job only</source>
      <translation>pour ce travail seulement</translation>
    </message>
    <message>
      <source>until a day</source>
      <translation>jusqu’à un jour</translation>
    </message>
    <message>
      <source>The last day it is needed</source>
      <translation>Le dernier jour où l’on en a besoin</translation>
    </message>
    <message>
      <source>Take away from other programs</source>
      <translation>Retirer des autres programmes</translation>
    </message>
    <message>
      <source>Set aside</source>
      <translation>Mettre de côté</translation>
    </message>
    <message>
      <source>Put back on the shelf</source>
      <translation>Remettre sur l’étagère</translation>
    </message>
    <message>
      <source>Put on the shelf</source>
      <translation>Mettre sur l’étagère</translation>
    </message>
    <message>
      <source>Set the words in it</source>
      <translation>Y mettre les mots</translation>
    </message>
    <message>
      <source>Sets</source>
      <translation>Jeux</translation>
    </message>
    <message>
      <source>New set: a season, a customer</source>
      <translation>Nouveau jeu : une saison, un client</translation>
    </message>
    <message>
      <source>Tags</source>
      <translation>Mots-clés</translation>
    </message>
    <message>
      <source>New tag</source>
      <translation>Nouveau mot-clé</translation>
    </message>
    <message>
      <source>Note</source>
      <translation>Note</translation>
    </message>
    <message>
      <source>Note on this font</source>
      <translation>Note sur cette police</translation>
    </message>
    <message>
      <source>Look at its letters</source>
      <translation>Regarder ses lettres</translation>
    </message>
    <message>
      <source>Key map sheet</source>
      <translation>Feuille de la carte des touches</translation>
    </message>
    <message>
      <source>Rights dossier</source>
      <translation>Dossier des droits</translation>
    </message>
    <message>
      <source>No font chosen</source>
      <translation>Aucune police choisie</translation>
    </message>
    <message>
      <source>Choose one, or several with Shift or Ctrl: then install them, set them aside, or put them into a set.</source>
      <translation>Choisissez-en une, ou plusieurs avec Maj ou Ctrl : installez-les, mettez-les de côté, ou dans un jeu.</translation>
    </message>
    <message numerus="yes">
      <source>%n font(s)</source>
      <translation>
        <numerusform>%n police</numerusform>
        <numerusform>%n polices</numerusform>
      </translation>
    </message>
    <message>
      <source>%1 %2</source>
      <translation>%1 %2</translation>
    </message>
    <message>
      <source>Installed by other software. It is shown here and never touched.</source>
      <translation>Installée par un autre logiciel. Elle est montrée ici et jamais touchée.</translation>
    </message>
    <message>
      <source>Not on the shelf: it %1.</source>
      <translation>Pas sur l’étagère : %1.</translation>
    </message>
    <message>
      <source>On the shelf. Its letters come as stitches, made for capitals of %1; they are typed here and installed nowhere.</source>
      <translation>Sur l’étagère. Ses lettres viennent en points, faites pour des majuscules de %1 ; elles se tapent ici et ne s’installent nulle part.</translation>
    </message>
    <message>
      <source>On the shelf: only Under Ink sees it.</source>
      <translation>Sur l’étagère : seul Under Ink la voit.</translation>
    </message>
    <message>
      <source>Set aside: kept, and out of the way.</source>
      <translation>Mise de côté : gardée, et hors du chemin.</translation>
    </message>
    <message>
      <source>Installed until %1: every program of yours sees it.</source>
      <translation>Installée jusqu’au %1 : tous vos programmes la voient.</translation>
    </message>
    <message>
      <source>Installed for “%1” only: you are asked when that job is closed.</source>
      <translation>Installée pour « %1 » seulement : on vous demande à la fermeture de ce travail.</translation>
    </message>
    <message>
      <source>Installed: every program of yours sees it.</source>
      <translation>Installée : tous vos programmes la voient.</translation>
    </message>
    <message>
      <source>%1 (%2 of them)</source>
      <translation>%1 (%2 d’entre elles)</translation>
    </message>
    <message>
      <source>In the set %1</source>
      <translation>Dans le jeu %1</translation>
    </message>
    <message>
      <source>%1  ×</source>
      <translation>%1  ×</translation>
    </message>
    <message>
      <source>Take away the tag %1</source>
      <translation>Enlever le mot-clé %1</translation>
    </message>
    <message>
      <source>Taken in on %1.</source>
      <translation>Prise le %1.</translation>
    </message>
    <message>
      <source>From %1, taken in on %2.</source>
      <translation>De %1, prise le %2.</translation>
    </message>
    <message>
      <source>File: %1, %2 kB.</source>
      <translation>Fichier : %1, %2 ko.</translation>
    </message>
    <message>
      <source>Not used yet.</source>
      <translation>Pas encore utilisée.</translation>
    </message>
    <message>
      <source>“%1” (%2)</source>
      <translation>« %1 » (%2)</translation>
    </message>
    <message>
      <source>Used on %1.</source>
      <translation>Utilisée pour %1.</translation>
    </message>
    <message>
      <source>No document came with it.</source>
      <translation>Aucun document n’est venu avec.</translation>
    </message>
    <message>
      <source>Open the document %1</source>
      <translation>Ouvrir le document %1</translation>
    </message>
    <message>
      <source>Stop making stitches</source>
      <translation>Arrêter la broderie des lettres</translation>
    </message>
    <message>
      <source>Make stitched letters of it…</source>
      <translation>En faire des lettres brodées…</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SizeSection</name>
    <message>
      <source>Width</source>
      <translation>Largeur</translation>
    </message>
    <message>
      <source>Height</source>
      <translation>Hauteur</translation>
    </message>
    <message>
      <source>Keep this size</source>
      <translation>Garder cette taille</translation>
    </message>
    <message>
      <source>%1 × %2</source>
      <translation>%1 × %2</translation>
    </message>
    <message>
      <source>keep a size</source>
      <translation>garder une taille</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SmallerButton</name>
    <message>
      <source>Make it %1 wide</source>
      <translation>Ramener à %1 de large</translation>
    </message>
    <message>
      <source>Make it %1 high</source>
      <translation>Ramener à %1 de haut</translation>
    </message>
    <message>
      <source>Make its letters %1</source>
      <translation>Ramener les lettres à %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::SpacingSection</name>
    <message>
      <source>Letter spacing</source>
      <translation>Espacement des lettres</translation>
    </message>
    <message>
      <source>As drawn</source>
      <translation>Comme dessiné</translation>
    </message>
    <message>
      <source>The spacing the font was drawn with</source>
      <translation>L’espacement du dessin de la police</translation>
    </message>
    <message>
      <source>as drawn</source>
      <translation>comme dessiné</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::StationRail</name>
    <message>
      <source>Stations</source>
      <translation>Stations</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::StrokeBox</name>
    <message>
      <source>This stroke is a line, %1 wide as drawn.</source>
      <translation>Ce trait est une ligne, dessinée large de %1.</translation>
    </message>
    <message>
      <source>This stroke is satin of %1.</source>
      <translation>Ce trait est un passé plat de %1.</translation>
    </message>
    <message>
      <source>This stroke is satin of %1, split in the middle.</source>
      <translation>Ce trait est un passé plat de %1, partagé au milieu.</translation>
    </message>
    <message>
      <source>This is filled in rows, up to %1 wide.</source>
      <translation>Ceci est rempli en rangs, large jusqu’à %1.</translation>
    </message>
    <message>
      <source>How this stroke is sewn</source>
      <translation>Comment ce trait est brodé</translation>
    </message>
    <message>
      <source>sewn as the rest</source>
      <translation>brodées comme le reste</translation>
    </message>
    <message>
      <source>as satin</source>
      <translation>au passé plat</translation>
    </message>
    <message>
      <source>in rows</source>
      <translation>en rangs</translation>
    </message>
    <message>
      <source>as a line</source>
      <translation>en ligne</translation>
    </message>
    <message>
      <source>Press a stroke to see what it is, and to sew it otherwise (Page Down goes through them).</source>
      <translation>Appuyez sur un trait pour voir ce qu’il est, et le broder autrement (Page suivante les parcourt).</translation>
    </message>
    <message>
      <source>%1 Names one by one can be sewn otherwise.</source>
      <translation>%1 Des noms un à un peuvent être brodés autrement.</translation>
    </message>
    <message>
      <source>how a stroke is sewn</source>
      <translation>comment un trait est brodé</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::TailSection</name>
    <message>
      <source>Tail under the words, below them by</source>
      <translation>Paraphe sous les mots, à</translation>
    </message>
    <message>
      <source>How far below the letters</source>
      <translation>À quelle distance sous les lettres</translation>
    </message>
    <message>
      <source>tail under the words</source>
      <translation>paraphe sous les mots</translation>
    </message>
    <message>
      <source>hang the tail</source>
      <translation>accrocher le paraphe</translation>
    </message>
    <message>
      <source>The font's own tail of the nearest width, or a motif: choose one among the motifs and press “As a tail”.</source>
      <translation>Le paraphe de la police à la largeur la plus proche, ou un motif : choisissez-en un parmi les motifs et appuyez sur « En paraphe ».</translation>
    </message>
    <message>
      <source>It is the motif %1.</source>
      <translation>C’est le motif %1.</translation>
    </message>
    <message>
      <source>It is one of the font's own.</source>
      <translation>C’en est un de la police.</translation>
    </message>
    <message>
      <source>This font has no tail: choose a motif and press “As a tail”.</source>
      <translation>Cette police n’a pas de paraphe : choisissez un motif et appuyez sur « En paraphe ».</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::Transfers</name>
    <message>
      <source>Progress of %1</source>
      <translation>Avancement de %1</translation>
    </message>
    <message>
      <source>Pause</source>
      <translation>Pause</translation>
    </message>
    <message>
      <source>Go on</source>
      <translation>Continuer</translation>
    </message>
    <message>
      <source>Cancel</source>
      <translation>Annuler</translation>
    </message>
    <message>
      <source>Open the package</source>
      <translation>Ouvrir le paquet</translation>
    </message>
    <message>
      <source>Try again</source>
      <translation>Réessayer</translation>
    </message>
    <message>
      <source>%1 of %2 kB</source>
      <translation>%1 sur %2 ko</translation>
    </message>
    <message>
      <source>Paused at %1 of %2 kB</source>
      <translation>En pause à %1 sur %2 ko</translation>
    </message>
    <message>
      <source>Here, and its checksum is right</source>
      <translation>Là, et sa somme de contrôle est juste</translation>
    </message>
    <message>
      <source>In your download folder: %1</source>
      <translation>Dans votre dossier de téléchargement : %1</translation>
    </message>
    <message>
      <source>Not now</source>
      <translation>Pas maintenant</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::TryOnStrip</name>
    <message>
      <source>Other forms of the letter</source>
      <translation>Autres formes de la lettre</translation>
    </message>
    <message>
      <source>plain</source>
      <translation>simple</translation>
    </message>
    <message>
      <source>%1, too thin</source>
      <translation>%1, trop mince</translation>
    </message>
    <message>
      <source>touches another letter</source>
      <translation>touche une autre lettre</translation>
    </message>
    <message>
      <source>grows on</source>
      <translation>pousse dessus</translation>
    </message>
    <message>
      <source>stands beside</source>
      <translation>se tient à côté</translation>
    </message>
    <message>
      <source>runs through its neighbour</source>
      <translation>traverse sa voisine</translation>
    </message>
    <message>
      <source>does not join</source>
      <translation>ne se relie pas</translation>
    </message>
    <message>
      <source>joins</source>
      <translation>se relie</translation>
    </message>
    <message>
      <source>stands alone</source>
      <translation>se tient seule</translation>
    </message>
    <message>
      <source>%1 (%2 % sure)</source>
      <translation>%1 (sûr à %2 %)</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::TwinsPage</name>
    <message>
      <source>All my fonts</source>
      <translation>Toutes mes polices</translation>
    </message>
    <message>
      <source>Stop</source>
      <translation>Arrêter</translation>
    </message>
    <message>
      <source>Fonts that are the same in some way</source>
      <translation>Polices qui se ressemblent d’une façon ou d’une autre</translation>
    </message>
    <message>
      <source>Comparing your fonts …</source>
      <translation>On compare vos polices …</translation>
    </message>
    <message>
      <source>Comparing your fonts: %1 of %2 …</source>
      <translation>On compare vos polices : %1 sur %2 …</translation>
    </message>
    <message>
      <source>No two of your fonts draw the same letters or share a name.</source>
      <translation>Aucune paire de vos polices ne dessine les mêmes lettres ni ne porte le même nom.</translation>
    </message>
    <message numerus="yes">
      <source>%n group(s) of fonts (is|are) the same in some way</source>
      <translation>
        <numerusform>%n groupe de polices se ressemble</numerusform>
        <numerusform>%n groupes de polices se ressemblent</numerusform>
      </translation>
    </message>
    <message>
      <source>and %1 more. They come into sight as these are sorted out.</source>
      <translation>et %1 de plus. Ils apparaissent quand ceux-ci sont rangés.</translation>
    </message>
    <message>
      <source>the first one</source>
      <translation>la première</translation>
    </message>
    <message>
      <source>none</source>
      <translation>aucune</translation>
    </message>
    <message>
      <source>The same: %1.</source>
      <translation>Les mêmes : %1.</translation>
    </message>
    <message>
      <source>and %1 more of this group</source>
      <translation>et %1 de plus de ce groupe</translation>
    </message>
    <message>
      <source>Keep this, set the other aside</source>
      <translation>Garder celle-ci, mettre l’autre de côté</translation>
    </message>
    <message>
      <source>Keep this, set the others aside</source>
      <translation>Garder celle-ci, mettre les autres de côté</translation>
    </message>
    <message>
      <source>Keep %1, set the others of its group aside</source>
      <translation>Garder %1, mettre les autres de son groupe de côté</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WeldView</name>
    <message>
      <source>in</source>
      <translation>po</translation>
    </message>
    <message>
      <source>mm</source>
      <translation>mm</translation>
    </message>
    <message>
      <source>The welded words at true size</source>
      <translation>Les mots soudés en vraie grandeur</translation>
    </message>
    <message>
      <source>%1, %2, %3 wide, %4 high</source>
      <translation>%1, %2, %3 de large, %4 de haut</translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s)</source>
      <translation>
        <numerusform>%n pièce</numerusform>
        <numerusform>%n pièces</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n middle(s)</source>
      <translation>
        <numerusform>%n contreforme</numerusform>
        <numerusform>%n contreformes</numerusform>
      </translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WishBar</name>
    <message>
      <source>Show me fonts that</source>
      <translation>Montre-moi les polices qui</translation>
    </message>
    <message>
      <source>lettering in a picture…</source>
      <translation>à un lettrage d’une image…</translation>
    </message>
    <message>
      <source>the font chosen here</source>
      <translation>à la police choisie ici</translation>
    </message>
    <message>
      <source>only these</source>
      <translation>seulement celles-ci</translation>
    </message>
    <message>
      <source>take this wish back</source>
      <translation>retirer ce souhait</translation>
    </message>
    <message>
      <source>look like …</source>
      <translation>ressemblent …</translation>
    </message>
    <message>
      <source>look like %1  %2</source>
      <translation>ressemblent à %1  %2</translation>
    </message>
    <message>
      <source>Show me fonts that %1</source>
      <translation>Montre-moi les polices qui %1</translation>
    </message>
    <message numerus="yes">
      <source>among %1 of %n font(s) so far</source>
      <translation>
        <numerusform>parmi %1 sur %n police jusqu’ici</numerusform>
        <numerusform>parmi %1 sur %n polices jusqu’ici</numerusform>
      </translation>
    </message>
    <message>
      <source>more …</source>
      <translation>plus …</translation>
    </message>
    <message>
      <source> and </source>
      <translation> et </translation>
    </message>
    <message>
      <source>More wishes: %1</source>
      <translation>Autres souhaits : %1</translation>
    </message>
    <message>
      <source>are of any kind</source>
      <translation>sont de toute sorte</translation>
    </message>
    <message>
      <source>are %1</source>
      <translation>sont %1</translation>
    </message>
    <message>
      <source> or </source>
      <translation> ou </translation>
    </message>
    <message>
      <source>Kinds of font: %1</source>
      <translation>Sortes de police : %1</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WordsEdit</name>
    <message>
      <source>Type the words to be made</source>
      <translation>Taper les mots à faire</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WordsView</name>
    <message>
      <source>The words “%1”</source>
      <translation>Les mots « %1 »</translation>
    </message>
  </context>
  <context>
    <name>ink::ui::WornSection</name>
    <message>
      <source>Plain, for comparison</source>
      <translation>Simple, pour comparer</translation>
    </message>
    <message>
      <source>Dress the words</source>
      <translation>Habiller les mots</translation>
    </message>
    <message>
      <source>Wear nothing more</source>
      <translation>Ne rien porter de plus</translation>
    </message>
    <message>
      <source>Take the pieces off</source>
      <translation>Enlever les pièces</translation>
    </message>
    <message>
      <source>wear nothing more</source>
      <translation>ne portent rien de plus</translation>
    </message>
    <message>
      <source>take the pieces off</source>
      <translation>enlever les pièces</translation>
    </message>
    <message>
      <source>The letters are the font's own. Put the caret behind one to see what it could wear.</source>
      <translation>Les lettres sont celles de la police. Placez le curseur derrière l’une d’elles pour voir ce qu’elle pourrait porter.</translation>
    </message>
    <message numerus="yes">
      <source>%n letter(s) wear another form.</source>
      <translation>
        <numerusform>%n lettre porte une autre forme.</numerusform>
        <numerusform>%n lettres portent une autre forme.</numerusform>
      </translation>
    </message>
    <message numerus="yes">
      <source>%n piece(s) stand beside them.</source>
      <translation>
        <numerusform>%n pièce se tient à côté.</numerusform>
        <numerusform>%n pièces se tiennent à côté.</numerusform>
      </translation>
    </message>
  </context>
</TS>

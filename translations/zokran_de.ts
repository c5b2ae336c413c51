<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de" sourcelanguage="en">
<context>
    <name>CameraDialog</name>
    <message>
        <source>when the hand has left the page and nothing moves</source>
        <translation>wenn die Hand das Blatt verlassen hat und sich nichts bewegt</translation>
    </message>
    <message>
        <source>by hand: the space bar</source>
        <translation>von Hand: die Leertaste</translation>
    </message>
    <message>
        <source>every minute</source>
        <translation>jede Minute</translation>
    </message>
    <message>
        <source>every 2 minutes</source>
        <translation>alle 2 Minuten</translation>
    </message>
    <message>
        <source>every 5 minutes</source>
        <translation>alle 5 Minuten</translation>
    </message>
    <message>
        <source>every 10 minutes</source>
        <translation>alle 10 Minuten</translation>
    </message>
</context>
<context>
    <name>CameraSource</name>
    <message>
        <source>The camera cannot be used: %1</source>
        <translation>Die Kamera lässt sich nicht benutzen: %1</translation>
    </message>
    <message>
        <source>%1: there is no picture to be played</source>
        <translation>%1: Da ist kein Bild, das sich abspielen ließe</translation>
    </message>
    <message>
        <source>%1: the picture cannot be read</source>
        <translation>%1: Das Bild lässt sich nicht lesen</translation>
    </message>
    <message>
        <source>Simulated: the pictures of a folder</source>
        <translation>Nachgestellt: die Bilder eines Ordners</translation>
    </message>
</context>
<context>
    <name>CardText</name>
    <message>
        <source>not drawn yet</source>
        <translation>noch nicht gezeichnet</translation>
    </message>
    <message>
        <source>drawn, not compared yet</source>
        <translation>gezeichnet, noch nicht verglichen</translation>
    </message>
    <message>
        <source>facing you</source>
        <translation>dir zugewandt</translation>
    </message>
    <message>
        <source>turned right %1°</source>
        <translation>nach rechts gedreht %1°</translation>
    </message>
    <message>
        <source>turned left %1°</source>
        <translation>nach links gedreht %1°</translation>
    </message>
    <message>
        <source>chin up %1°</source>
        <translation>Kinn hoch %1°</translation>
    </message>
    <message>
        <source>chin down %1°</source>
        <translation>Kinn tief %1°</translation>
    </message>
    <message>
        <source>nothing to mend</source>
        <translation>nichts zu bessern</translation>
    </message>
    <message>
        <source>%1 % off</source>
        <translation>%1 % daneben</translation>
    </message>
</context>
<context>
    <name>LightStep</name>
    <message>
        <source>%1 (here: %2)</source>
        <translation>%1 (hier: %2)</translation>
    </message>
</context>
<context>
    <name>main</name>
    <message>
        <source>Keep the logbook in this folder.</source>
        <translation>Das Arbeitsbuch in diesem Ordner führen.</translation>
    </message>
    <message>
        <source>Use the demo&apos;s own logbook, filled with a course of studies.</source>
        <translation>Das eigene Arbeitsbuch der Vorführung nehmen, mit einer Folge von Studien gefüllt.</translation>
    </message>
    <message>
        <source>Leave a PNG of each main view in this folder and quit.</source>
        <translation>Ein PNG jeder Hauptansicht in diesen Ordner legen und enden.</translation>
    </message>
    <message>
        <source>Play the pictures of this folder as a camera: &quot;Watch with a camera&quot; offers it.</source>
        <translation>Die Bilder dieses Ordners als Kamera abspielen: „Mit einer Kamera zusehen“ bietet sie an.</translation>
    </message>
    <message>
        <source>Measures portrait drawings against their reference.</source>
        <translation>Misst Porträtzeichnungen an ihrer Vorlage.</translation>
    </message>
    <message>
        <source>Photographs, folders of them, and bundles to open.</source>
        <translation>Fotos, Ordner davon und Bündel zum Öffnen.</translation>
    </message>
</context>
<context>
    <name>std</name>
    <message>
        <source>{number} eyes</source>
        <translation>{number} Augen</translation>
    </message>
    <message>
        <source>{number} %</source>
        <translation>{number} %</translation>
    </message>
    <message>
        <source>move them towards the crown by</source>
        <translation>zum Scheitel hin um</translation>
    </message>
    <message>
        <source>move it towards the crown by</source>
        <translation>zum Scheitel hin um</translation>
    </message>
    <message>
        <source>move them towards the chin by</source>
        <translation>zum Kinn hin um</translation>
    </message>
    <message>
        <source>move it towards the chin by</source>
        <translation>zum Kinn hin um</translation>
    </message>
    <message>
        <source>raise them</source>
        <translation>nach oben um</translation>
    </message>
    <message>
        <source>raise it</source>
        <translation>nach oben um</translation>
    </message>
    <message>
        <source>lower them</source>
        <translation>nach unten um</translation>
    </message>
    <message>
        <source>lower it</source>
        <translation>nach unten um</translation>
    </message>
    <message>
        <source>right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>down</source>
        <translation>nach unten</translation>
    </message>
    <message>
        <source>up</source>
        <translation>nach oben</translation>
    </message>
    <message>
        <source>Your drawing is turned {amount} away from the front: even out the two halves of the face.</source>
        <translation>Deine Zeichnung ist um {amount} von vorn weggedreht: gleich die zwei Gesichtshälften aus.</translation>
    </message>
    <message>
        <source>Your drawing reads {amount} less turned than the photo: the far half of the face is too wide. Move the centre line further round, {way}.</source>
        <translation>Deine Zeichnung liest sich um {amount} weniger gedreht als das Foto: die ferne Gesichtshälfte ist zu breit. Rück die Mittellinie weiter herum, {way}.</translation>
    </message>
    <message>
        <source>Your drawing reads {amount} more turned than the photo: the far half of the face is too narrow. Bring the centre line back, {way}.</source>
        <translation>Deine Zeichnung liest sich um {amount} mehr gedreht als das Foto: die ferne Gesichtshälfte ist zu schmal. Hol die Mittellinie zurück, {way}.</translation>
    </message>
    <message>
        <source>Your drawing looks {amount} further up than the photo: bend the brow line and the lines below it further down in the middle.</source>
        <translation>Deine Zeichnung blickt um {amount} weiter nach oben als das Foto: bieg die Brauenlinie und die Linien darunter in der Mitte weiter nach unten.</translation>
    </message>
    <message>
        <source>Your drawing looks {amount} further down than the photo: bend the brow line and the lines below it further up in the middle.</source>
        <translation>Deine Zeichnung blickt um {amount} weiter nach unten als das Foto: bieg die Brauenlinie und die Linien darunter in der Mitte weiter nach oben.</translation>
    </message>
    <message>
        <source>{mm} mm</source>
        <translation>{mm} mm</translation>
    </message>
    <message>
        <source>{percent} % of the head</source>
        <translation>{percent} % des Kopfes</translation>
    </message>
    <message>
        <source>The arrow takes it {way} by {amount} as well.</source>
        <translation>Der Pfeil führt es außerdem {amount} {way}.</translation>
    </message>
    <message>
        <source>{mm} mm ({percent} % of the head)</source>
        <translation>{mm} mm ({percent} % des Kopfes)</translation>
    </message>
    <message>
        <source>{percent} % of the head ({eyes} eye-widths)</source>
        <translation>{percent} % des Kopfes ({eyes} Augenbreiten)</translation>
    </message>
    <message>
        <source>Give or take {amount}.</source>
        <translation>Auf {amount} genau.</translation>
    </message>
    <message>
        <source>Every feature lies where it belongs, as far as the marks can tell.</source>
        <translation>Jeder Zug liegt, wo er hingehört, so weit die Marken es sagen können.</translation>
    </message>
    <message>
        <source>To lay them over one another, the sketch was taken as {scale} times the photo&apos;s size and turned by {angle}. That is allowed for.</source>
        <translation>Um sie übereinanderzulegen, wurde die Skizze als {scale}-mal so groß wie das Foto und um {angle} gedreht genommen. Das ist eingerechnet.</translation>
    </message>
    <message>
        <source>Or only a part has slipped ({what}): these marks allow both. Mark more of the drawing to tell them apart.</source>
        <translation>Oder nur ein Teil ist gerutscht ({what}): diese Marken lassen beides zu. Markiere mehr von der Zeichnung, um sie zu unterscheiden.</translation>
    </message>
    <message>
        <source>clockwise</source>
        <translation>im Uhrzeigersinn</translation>
    </message>
    <message>
        <source>anticlockwise</source>
        <translation>gegen den Uhrzeigersinn</translation>
    </message>
    <message>
        <source>Or the whole head is turned {by} too far to your right: these marks allow both.</source>
        <translation>Oder der ganze Kopf ist, von dir aus, um {by} zu weit nach rechts gedreht: diese Marken lassen beides zu.</translation>
    </message>
    <message>
        <source>Or the whole head is turned {by} too far to your left: these marks allow both.</source>
        <translation>Oder der ganze Kopf ist, von dir aus, um {by} zu weit nach links gedreht: diese Marken lassen beides zu.</translation>
    </message>
    <message>
        <source>Compare the near half of the face with the far half, along the brow line.</source>
        <translation>Vergleich an der Brauenlinie die nahe Gesichtshälfte mit der fernen.</translation>
    </message>
    <message>
        <source>Run a level line from the top of the ear to the face and see which feature it meets.</source>
        <translation>Zieh eine Waagerechte von der Oberkante des Ohrs zum Gesicht und sieh, welchen Zug sie trifft.</translation>
    </message>
    <message>
        <source>the eyes</source>
        <translation>die Augen</translation>
    </message>
    <message>
        <source>Measure it: {from} to {to} is {seen} of {unit_from} to {unit_to} on the photo, and {drawn} on yours.</source>
        <translation>Miss es: {from} bis {to} ist auf dem Foto {seen} von {unit_from} bis {unit_to}, in deiner Zeichnung {drawn}.</translation>
    </message>
    <message>
        <source>Your school starts from {share}; the sitter decides.</source>
        <translation>Deine Schule geht von {share} aus; das Modell entscheidet.</translation>
    </message>
    <message>
        <source>lids</source>
        <translation>Lider</translation>
    </message>
    <message>
        <source>lips&apos; edges</source>
        <translation>Lippenkanten</translation>
    </message>
    <message>
        <source>{count} places were compared: {seen}. Not looked at: {unseen}.</source>
        <translation>{count} Stellen wurden verglichen: {seen}. Nicht angesehen: {unseen}.</translation>
    </message>
    <message>
        <source>the nose</source>
        <translation>die Nase</translation>
    </message>
    <message>
        <source>the mouth</source>
        <translation>der Mund</translation>
    </message>
    <message>
        <source>the chin</source>
        <translation>das Kinn</translation>
    </message>
    <message>
        <source>the ears</source>
        <translation>die Ohren</translation>
    </message>
    <message>
        <source>hairline and crown</source>
        <translation>Haaransatz und Scheitel</translation>
    </message>
    <message>
        <source>turn and tilt</source>
        <translation>drehen und neigen</translation>
    </message>
    <message>
        <source>the eyebrows</source>
        <translation>die Augenbrauen</translation>
    </message>
    <message>
        <source>the lids</source>
        <translation>die Lider</translation>
    </message>
    <message>
        <source>the lips&apos; edges</source>
        <translation>die Lippenkanten</translation>
    </message>
    <message>
        <source>Much is off yet, and that is information: mend this first, and the rest will read more easily. A drawing can be changed; likeness comes late.</source>
        <translation>Vieles liegt noch daneben, und das ist eine Auskunft: besser dies zuerst, dann liest sich der Rest leichter. Eine Zeichnung lässt sich ändern; die Ähnlichkeit kommt spät.</translation>
    </message>
    <message>
        <source>What holds: {list}.</source>
        <translation>Was hält: {list}.</translation>
    </message>
    <message>
        <source>Within the face as you drew it these sit right to one another: {list}. With the turn they all move together.</source>
        <translation>Im Gesicht, wie du es gezeichnet hast, sitzen diese richtig zueinander: {list}. Mit der Drehung wandern sie alle zusammen.</translation>
    </message>
    <message>
        <source>turn of the head</source>
        <translation>Drehung des Kopfes</translation>
    </message>
    <message>
        <source>tilt of the head</source>
        <translation>Neigung des Kopfes</translation>
    </message>
    <message>
        <source>turned {by}° too little</source>
        <translation>um {by}° zu wenig gedreht</translation>
    </message>
    <message>
        <source>turned {by}° too far</source>
        <translation>um {by}° zu weit gedreht</translation>
    </message>
    <message>
        <source>turned {by}° too far to your right</source>
        <translation>um {by}° zu weit nach rechts gedreht</translation>
    </message>
    <message>
        <source>turned {by}° too far to your left</source>
        <translation>um {by}° zu weit nach links gedreht</translation>
    </message>
    <message>
        <source>chin {by}° too high</source>
        <translation>Kinn um {by}° zu hoch</translation>
    </message>
    <message>
        <source>chin {by}° too low</source>
        <translation>Kinn um {by}° zu tief</translation>
    </message>
    <message>
        <source>leaning {by}° too far right</source>
        <translation>um {by}° zu weit nach rechts geneigt</translation>
    </message>
    <message>
        <source>leaning {by}° too far left</source>
        <translation>um {by}° zu weit nach links geneigt</translation>
    </message>
    <message>
        <source>ball {by} % too large</source>
        <translation>Kugel um {by} % zu groß</translation>
    </message>
    <message>
        <source>ball {by} % too small</source>
        <translation>Kugel um {by} % zu klein</translation>
    </message>
    <message>
        <source>chin too short</source>
        <translation>Kinn zu kurz</translation>
    </message>
    <message>
        <source>chin too long</source>
        <translation>Kinn zu lang</translation>
    </message>
    <message>
        <source>Your guess was as good as the measuring.</source>
        <translation>Deine Schätzung war so gut wie das Messen.</translation>
    </message>
    <message>
        <source>Your guess, against the fit: {list}.</source>
        <translation>Deine Schätzung gegen die Messung: {list}.</translation>
    </message>
    <message>
        <source>from the front</source>
        <translation>von vorn</translation>
    </message>
    <message>
        <source>from behind on the right</source>
        <translation>von hinten rechts</translation>
    </message>
    <message>
        <source>from behind on the left</source>
        <translation>von hinten links</translation>
    </message>
    <message>
        <source>from the right side</source>
        <translation>von der rechten Seite</translation>
    </message>
    <message>
        <source>from the left side</source>
        <translation>von der linken Seite</translation>
    </message>
    <message>
        <source>from the front right</source>
        <translation>von vorn rechts</translation>
    </message>
    <message>
        <source>from the front left</source>
        <translation>von vorn links</translation>
    </message>
    <message>
        <source>{where}, from high above</source>
        <translation>{where}, von hoch oben</translation>
    </message>
    <message>
        <source>{where}, from above</source>
        <translation>{where}, von oben</translation>
    </message>
    <message>
        <source>{where}, level</source>
        <translation>{where}, auf Augenhöhe</translation>
    </message>
    <message>
        <source>{where}, from below</source>
        <translation>{where}, von unten</translation>
    </message>
    <message>
        <source>{place}, right</source>
        <translation>{place}, rechts</translation>
    </message>
    <message>
        <source>{place}, left</source>
        <translation>{place}, links</translation>
    </message>
    <message>
        <source>The sketch is all line so far; there is no tone to compare.</source>
        <translation>Die Skizze ist bisher nur Linie; es gibt keinen Ton zu vergleichen.</translation>
    </message>
    <message>
        <source>Your darks are too timid: press the darkest of them down to their value.</source>
        <translation>Deine Dunkelheiten sind zu zaghaft: drück die dunkelste bis auf ihren Tonwert hinab.</translation>
    </message>
    <message>
        <source>Your drawing is darker than the photo on the whole: keep the paper for the lights.</source>
        <translation>Deine Zeichnung ist im Ganzen dunkler als das Foto: lass den Lichtern das Papier.</translation>
    </message>
    <message>
        <source>Your middle values are missing: between light and dark the form turns through a half-tone.</source>
        <translation>Deine mittleren Tonwerte fehlen: zwischen Licht und Dunkel wendet sich die Form durch einen Halbton.</translation>
    </message>
    <message>
        <source>centre line</source>
        <translation>Mittellinie</translation>
    </message>
    <message>
        <source>brow line</source>
        <translation>Brauenlinie</translation>
    </message>
    <message>
        <source>edge of the hair</source>
        <translation>Rand des Haars</translation>
    </message>
    <message>
        <source>hairline</source>
        <translation>Haaransatz</translation>
    </message>
    <message>
        <source>nostrils</source>
        <translation>Nasenlöcher</translation>
    </message>
    <message>
        <source>outline of the face</source>
        <translation>Umriss des Gesichts</translation>
    </message>
    <message>
        <source>edge of a shape</source>
        <translation>Kante einer Form</translation>
    </message>
    <message>
        <source>line of the shoulders</source>
        <translation>Linie der Schultern</translation>
    </message>
    <message>
        <source>sides of the neck</source>
        <translation>Seiten des Halses</translation>
    </message>
    <message>
        <source>Put the rings on the line down the middle of the face: near its top, about its middle, and at the chin.</source>
        <translation>Leg die Ringe auf die Linie, die mitten durchs Gesicht hinabläuft: nahe ihrem oberen Ende, etwa in ihrer Mitte und am Kinn.</translation>
    </message>
    <message>
        <source>Put the rings on the line round the ball at the brow: near one end, on the middle of the face, and near the other end.</source>
        <translation>Leg die Ringe auf die Linie, die in Brauenhöhe um die Kugel läuft: nahe dem einen Ende, mitten im Gesicht und nahe dem anderen Ende.</translation>
    </message>
    <message>
        <source>Put the rings on the outer edge of the hair: where it is widest on one side, at its highest, and where it is widest on the other side. On a bald head, on the skull.</source>
        <translation>Leg die Ringe auf den äußeren Rand des Haars: wo es auf der einen Seite am breitesten ist, an seine höchste Stelle und wo es auf der anderen Seite am breitesten ist. Bei einem kahlen Kopf auf den Schädel.</translation>
    </message>
    <message>
        <source>Put the rings where hair and forehead meet: at the temple on your left, at the middle or where the hair parts, and at the other temple.</source>
        <translation>Leg die Ringe dorthin, wo Haar und Stirn sich treffen: an die Schläfe zu deiner Linken, in die Mitte oder an den Scheitel des Haars, und an die andere Schläfe.</translation>
    </message>
    <message>
        <source>Put the rings on the two ends of each nostril&apos;s dark, from your left to your right. They say how wide it shows, not where it lies.</source>
        <translation>Setz die Ringe auf die zwei Enden des Dunkels jedes Nasenlochs, von links nach rechts. Sie sagen, wie breit es sich zeigt, nicht wo es liegt.</translation>
    </message>
    <message>
        <source>Straights along the edge of the face, from the temple on your left down round the chin and up to the other temple. Put a ring where one straight ends and the next begins.</source>
        <translation>Geraden entlang der Gesichtskante, von der Schläfe links von dir hinab, um das Kinn und hinauf zur anderen Schläfe. Setz einen Ring, wo eine Gerade endet und die nächste beginnt.</translation>
    </message>
    <message>
        <source>Straights along any edge: hair, a shadow, or negative space, the shape of the ground between head and shoulder. Put a ring where one straight ends and the next begins.</source>
        <translation>Geraden entlang irgendeiner Kante: Haar, ein Schatten oder der Zwischenraum, die Form des Grundes zwischen Kopf und Schulter. Setz einen Ring, wo eine Gerade endet und die nächste beginnt.</translation>
    </message>
    <message>
        <source>Put the rings on the pit between the collar bones, and on each shoulder where its slope turns down into the arm.</source>
        <translation>Leg die Ringe auf die Grube zwischen den Schlüsselbeinen und auf jede Schulter, wo ihre Schräge in den Arm hinabbiegt.</translation>
    </message>
    <message>
        <source>Put the rings on the two sides of the neck: of each the upper one under the jaw, the lower one just above where it runs out into the shoulder.</source>
        <translation>Leg die Ringe auf die beiden Seiten des Halses: jeweils den oberen unter den Kiefer, den unteren knapp über die Stelle, wo er in die Schulter ausläuft.</translation>
    </message>
    <message>
        <source>{mark} (the sitter&apos;s left, on your right)</source>
        <translation>{mark} (links vom Modell aus, rechts von dir)</translation>
    </message>
    <message>
        <source>{mark} (the sitter&apos;s right, on your left)</source>
        <translation>{mark} (rechts vom Modell aus, links von dir)</translation>
    </message>
    <message>
        <source>{number} square eyes</source>
        <translation>{number} Quadrataugen</translation>
    </message>
    <message>
        <source>{number} ball radii</source>
        <translation>{number} Kugelradien</translation>
    </message>
    <message>
        <source>on the {mark}</source>
        <translation>auf: {mark}</translation>
    </message>
    <message>
        <source>through the {mark}</source>
        <translation>durch: {mark}</translation>
    </message>
    <message>
        <source>{number} eyes from the {mark}</source>
        <translation>{number} Augen entfernt: {mark}</translation>
    </message>
    <message>
        <source>You said {said}; it is {is}. Well seen.</source>
        <translation>Du sagtest {said}; es ist {is}. Gut gesehen.</translation>
    </message>
    <message>
        <source>You said {said}; it is {is}: {off} too much.</source>
        <translation>Du sagtest {said}; es ist {is}: {off} zu viel.</translation>
    </message>
    <message>
        <source>You said {said}; it is {is}: {off} too little.</source>
        <translation>Du sagtest {said}; es ist {is}: {off} zu wenig.</translation>
    </message>
    <message>
        <source>Yours agrees, as far as the marks can tell.</source>
        <translation>Deine stimmt überein, so weit die Marken es sagen können.</translation>
    </message>
    <message>
        <source>Yours is {amount}° more.</source>
        <translation>Deine hat {amount}° mehr.</translation>
    </message>
    <message>
        <source>Yours is {amount}° less.</source>
        <translation>Deine hat {amount}° weniger.</translation>
    </message>
    <message>
        <source>Yours is {percent} % larger.</source>
        <translation>Deine ist {percent} % größer.</translation>
    </message>
    <message>
        <source>Yours is {percent} % smaller.</source>
        <translation>Deine ist {percent} % kleiner.</translation>
    </message>
    <message>
        <source>Yours is {percent} % longer, {mm} mm.</source>
        <translation>Deine ist {percent} % länger, {mm} mm.</translation>
    </message>
    <message>
        <source>Yours is {percent} % shorter, {mm} mm.</source>
        <translation>Deine ist {percent} % kürzer, {mm} mm.</translation>
    </message>
    <message>
        <source>Yours is {percent} % longer.</source>
        <translation>Deine ist {percent} % länger.</translation>
    </message>
    <message>
        <source>Yours is {percent} % shorter.</source>
        <translation>Deine ist {percent} % kürzer.</translation>
    </message>
    <message>
        <source>Letter</source>
        <translation>Letter</translation>
    </message>
    <message>
        <source>Legal</source>
        <translation>Legal</translation>
    </message>
    <message>
        <source>Tabloid</source>
        <translation>Tabloid</translation>
    </message>
    <message>
        <source>Imperial</source>
        <translation>Imperial</translation>
    </message>
    <message>
        <source>Half imperial</source>
        <translation>Halbes Imperial</translation>
    </message>
    <message>
        <source>Quarter imperial</source>
        <translation>Viertel Imperial</translation>
    </message>
    <message>
        <source>Sketchbook 9 by 12 inches</source>
        <translation>Skizzenbuch 9 mal 12 Zoll</translation>
    </message>
    <message>
        <source>Sketchbook 11 by 14 inches</source>
        <translation>Skizzenbuch 11 mal 14 Zoll</translation>
    </message>
    <message>
        <source>Sketchbook 14 by 17 inches</source>
        <translation>Skizzenbuch 14 mal 17 Zoll</translation>
    </message>
    <message>
        <source>Sketchbook 18 by 24 inches</source>
        <translation>Skizzenbuch 18 mal 24 Zoll</translation>
    </message>
    <message>
        <source>{what}, {width} by {height} mm</source>
        <translation>{what}, {width} mal {height} mm</translation>
    </message>
    <message>
        <source>The hair runs over the border.</source>
        <translation>Das Haar läuft über den Rand.</translation>
    </message>
    <message>
        <source>The chin runs over the border.</source>
        <translation>Das Kinn läuft über den Rand.</translation>
    </message>
    <message>
        <source>An ear runs over the border.</source>
        <translation>Ein Ohr läuft über den Rand.</translation>
    </message>
    <message>
        <source>Neck or shoulder runs over the border at the side.</source>
        <translation>Hals oder Schulter laufen seitlich über den Rand.</translation>
    </message>
    <message>
        <source>The head eats the page: it takes more than half of its height.</source>
        <translation>Der Kopf frisst das Blatt: er nimmt mehr als die Hälfte seiner Höhe.</translation>
    </message>
    <message>
        <source>The head is small for the page: let it fill more of it, or take smaller paper.</source>
        <translation>Der Kopf ist klein für das Blatt: lass ihn mehr davon füllen, oder nimm ein kleineres Blatt.</translation>
    </message>
    <message>
        <source>The head sits low on the page.</source>
        <translation>Der Kopf sitzt tief auf dem Blatt.</translation>
    </message>
    <message>
        <source>The head looks out of the page: leave more room before its face.</source>
        <translation>Der Kopf blickt aus dem Blatt: lass vor seinem Gesicht mehr Raum.</translation>
    </message>
    <message>
        <source>Against its plan the drawing has grown by {percent} %.</source>
        <translation>Gegen ihren Plan ist die Zeichnung um {percent} % gewachsen.</translation>
    </message>
    <message>
        <source>Against its plan the drawing is {percent} % smaller.</source>
        <translation>Gegen ihren Plan ist die Zeichnung um {percent} % kleiner.</translation>
    </message>
    <message>
        <source>It stands {mm} mm too far to the right.</source>
        <translation>Sie steht {mm} mm zu weit rechts.</translation>
    </message>
    <message>
        <source>It stands {mm} mm too far to the left.</source>
        <translation>Sie steht {mm} mm zu weit links.</translation>
    </message>
    <message>
        <source>It stands {mm} mm too low.</source>
        <translation>Sie steht {mm} mm zu tief.</translation>
    </message>
    <message>
        <source>It stands {mm} mm too high.</source>
        <translation>Sie steht {mm} mm zu hoch.</translation>
    </message>
    <message>
        <source>The drawing keeps to its plan.</source>
        <translation>Die Zeichnung hält sich an ihren Plan.</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>Tilt</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>Lean</source>
        <translation>Seitneigung</translation>
    </message>
    <message>
        <source>faces you</source>
        <translation>sieht dich an</translation>
    </message>
    <message>
        <source>turned to your right</source>
        <translation>von dir aus nach rechts gedreht</translation>
    </message>
    <message>
        <source>turned to your left</source>
        <translation>von dir aus nach links gedreht</translation>
    </message>
    <message>
        <source>looks straight ahead</source>
        <translation>blickt geradeaus</translation>
    </message>
    <message>
        <source>chin up</source>
        <translation>Kinn hoch</translation>
    </message>
    <message>
        <source>chin down</source>
        <translation>Kinn tief</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>aufrecht</translation>
    </message>
    <message>
        <source>leans to your right</source>
        <translation>von dir aus nach rechts geneigt</translation>
    </message>
    <message>
        <source>leans to your left</source>
        <translation>von dir aus nach links geneigt</translation>
    </message>
    <message>
        <source>You straighten turned heads: {share} % of a turn is lost on the way to the paper (between {low} and {high} %).</source>
        <translation>Du begradigst gedrehte Köpfe: {share} % einer Drehung gehen auf dem Weg zum Papier verloren (zwischen {low} und {high} %).</translation>
    </message>
    <message>
        <source>You turn heads {share} % further than they are.</source>
        <translation>Du drehst Köpfe um {share} % weiter, als sie sind.</translation>
    </message>
    <message>
        <source>Turned heads stay turned: no straightening that can be told.</source>
        <translation>Gedrehte Köpfe bleiben gedreht: kein Begradigen, das sich sagen ließe.</translation>
    </message>
    <message>
        <source>facing you</source>
        <translation>dir zugewandt</translation>
    </message>
    <message>
        <source>turned {low}° to {high}° to your right</source>
        <translation>{low}° bis {high}° von dir aus nach rechts gedreht</translation>
    </message>
    <message>
        <source>turned {low}° to {high}° to your left</source>
        <translation>{low}° bis {high}° von dir aus nach links gedreht</translation>
    </message>
    <message>
        <source>{turned}, level</source>
        <translation>{turned}, gerade</translation>
    </message>
    <message>
        <source>{turned}, looking far up</source>
        <translation>{turned}, weit nach oben blickend</translation>
    </message>
    <message>
        <source>{turned}, chin up</source>
        <translation>{turned}, Kinn hoch</translation>
    </message>
    <message>
        <source>{turned}, looking far down</source>
        <translation>{turned}, weit nach unten blickend</translation>
    </message>
    <message>
        <source>{turned}, chin down</source>
        <translation>{turned}, Kinn tief</translation>
    </message>
    <message>
        <source>{part} ({before} % to {after} %)</source>
        <translation>{part} ({before} % auf {after} %)</translation>
    </message>
    <message>
        <source>Since the photograph before, nearer: {list}.</source>
        <translation>Seit dem Foto davor näher: {list}.</translation>
    </message>
    <message>
        <source>Further off: {list}.</source>
        <translation>Weiter weg: {list}.</translation>
    </message>
    <message>
        <source>Since the photograph before nothing has moved that can be told.</source>
        <translation>Seit dem Foto davor hat sich nichts bewegt, was sich sagen ließe.</translation>
    </message>
    <message>
        <source>The drawing has grown by {percent} %.</source>
        <translation>Die Zeichnung ist um {percent} % gewachsen.</translation>
    </message>
    <message>
        <source>The drawing has shrunk by {percent} %.</source>
        <translation>Die Zeichnung ist um {percent} % geschrumpft.</translation>
    </message>
    <message>
        <source>It has slid {mm} mm to the right on the paper.</source>
        <translation>Sie ist auf dem Papier {mm} mm nach rechts gerutscht.</translation>
    </message>
    <message>
        <source>It has slid {mm} mm to the left on the paper.</source>
        <translation>Sie ist auf dem Papier {mm} mm nach links gerutscht.</translation>
    </message>
    <message>
        <source>whole shape</source>
        <translation>ganze Form</translation>
    </message>
    <message>
        <source>turn or tilt of the head</source>
        <translation>Drehung oder Neigung des Kopfes</translation>
    </message>
    <message>
        <source>eyes</source>
        <translation>Augen</translation>
    </message>
    <message>
        <source>nose</source>
        <translation>Nase</translation>
    </message>
    <message>
        <source>mouth</source>
        <translation>Mund</translation>
    </message>
    <message>
        <source>chin or jaw</source>
        <translation>Kinn oder Kiefer</translation>
    </message>
    <message>
        <source>ears</source>
        <translation>Ohren</translation>
    </message>
    <message>
        <source>forehead or hair</source>
        <translation>Stirn oder Haar</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>eyebrows</source>
        <translation>Augenbrauen</translation>
    </message>
    <message>
        <source>Your own eye put the {part} first, and so does the check.</source>
        <translation>Dein eigenes Auge nannte dies zuerst: {part}. Die Prüfung auch.</translation>
    </message>
    <message>
        <source>Your own eye put the {part} first; it is number {rank} here.</source>
        <translation>Dein eigenes Auge nannte dies zuerst: {part}. Hier steht es an Stelle {rank}.</translation>
    </message>
    <message>
        <source>Your own eye put the {part} first; nothing of it was marked, so nobody has measured it yet.</source>
        <translation>Dein eigenes Auge setzte {part} an die erste Stelle; davon ist nichts markiert, also hat es noch niemand gemessen.</translation>
    </message>
    <message>
        <source>Your own eye put the {part} first; measured, it holds.</source>
        <translation>Dein eigenes Auge nannte dies zuerst: {part}. Gemessen hält es.</translation>
    </message>
    <message>
        <source>None of the {said} you named is off.</source>
        <translation>Nichts von den {said}, die du nanntest, liegt daneben.</translation>
    </message>
    <message>
        <source>One of the {said} you named is off.</source>
        <translation>Eines von den {said}, die du nanntest, liegt daneben.</translation>
    </message>
    <message>
        <source>{right} of the {said} you named are off.</source>
        <translation>{right} von den {said}, die du nanntest, liegen daneben.</translation>
    </message>
    <message>
        <source>Beside an average adult this sitter has {list}.</source>
        <translation>Neben einem durchschnittlichen Erwachsenen hat dieses Modell {list}.</translation>
    </message>
    <message>
        <source>the {mark} sits {by} % of the head higher than its twin</source>
        <translation>{mark} sitzt um {by} % des Kopfes höher als der Zwilling</translation>
    </message>
    <message>
        <source>the {mark} sits {by} % of the head lower than its twin</source>
        <translation>{mark} sitzt um {by} % des Kopfes tiefer als der Zwilling</translation>
    </message>
    <message>
        <source>the {mark} lies {by} % of the head further out than its twin</source>
        <translation>{mark} liegt um {by} % des Kopfes weiter außen als der Zwilling</translation>
    </message>
    <message>
        <source>the {mark} lies {by} % of the head further in than its twin</source>
        <translation>{mark} liegt um {by} % des Kopfes weiter innen als der Zwilling</translation>
    </message>
    <message>
        <source>The two sides differ: {list}.</source>
        <translation>Die zwei Seiten unterscheiden sich: {list}.</translation>
    </message>
    <message>
        <source>In this sitter brow to nose base and nose base to chin are about equal.</source>
        <translation>Bei diesem Modell sind Braue bis Nasenbasis und Nasenbasis bis Kinn etwa gleich.</translation>
    </message>
    <message>
        <source>In this sitter the step from nose base to chin is {by} % longer than the one from brow to nose base.</source>
        <translation>Bei diesem Modell ist der Schritt von Nasenbasis zu Kinn um {by} % länger als der von Braue zu Nasenbasis.</translation>
    </message>
    <message>
        <source>In this sitter the step from nose base to chin is {by} % shorter than the one from brow to nose base.</source>
        <translation>Bei diesem Modell ist der Schritt von Nasenbasis zu Kinn um {by} % kürzer als der von Braue zu Nasenbasis.</translation>
    </message>
    <message>
        <source>Another photograph of this sitter sharpens the reading.</source>
        <translation>Ein weiteres Foto dieses Modells schärft die Lesung.</translation>
    </message>
    <message>
        <source>{count} other photographs of this sitter sharpen the reading.</source>
        <translation>{count} weitere Fotos dieses Modells schärfen die Lesung.</translation>
    </message>
    <message>
        <source>The head has grown {percent} % since the first photograph, from {from} to {to} mm: going on like this it leaves its place on the page. Step its height off again before you go on.</source>
        <translation>Der Kopf ist seit dem ersten Foto um {percent} % gewachsen, von {from} auf {to} mm: Geht es so weiter, verlässt er seinen Platz auf dem Blatt. Schreite seine Höhe noch einmal ab, bevor du weitermachst.</translation>
    </message>
    <message>
        <source>The head has shrunk {percent} % since the first photograph, from {from} to {to} mm. Step its height off again before you go on.</source>
        <translation>Der Kopf ist seit dem ersten Foto um {percent} % geschrumpft, von {from} auf {to} mm. Schreite seine Höhe noch einmal ab, bevor du weitermachst.</translation>
    </message>
    <message>
        <source>The turn is slipping: {figures}. The photograph shows {seen}. Draw the centre line anew before the features follow it.</source>
        <translation>Die Drehung gleitet ab: {figures}. Das Foto zeigt {seen}. Zieh die Mittellinie neu, bevor die Züge ihr folgen.</translation>
    </message>
    <message>
        <source>The tilt is slipping: {figures}. The photograph shows {seen}. Draw the brow line anew before the features follow it.</source>
        <translation>Die Neigung gleitet ab: {figures}. Das Foto zeigt {seen}. Zieh die Brauenlinie neu, bevor die Züge ihr folgen.</translation>
    </message>
    <message>
        <source>What you mended holds: {list}.</source>
        <translation>Was du verbessert hast, hält: {list}.</translation>
    </message>
    <message>
        <source>{finding}: from the first photograph on</source>
        <translation>{finding}: vom ersten Foto an</translation>
    </message>
    <message>
        <source>{finding}: since photograph {number}</source>
        <translation>{finding}: seit Foto {number}</translation>
    </message>
    <message>
        <source>{place}: one value of {all} too light</source>
        <translation>{place}: um einen von {all} Tonwerten zu hell</translation>
    </message>
    <message>
        <source>{place}: one value of {all} too dark</source>
        <translation>{place}: um einen von {all} Tonwerten zu dunkel</translation>
    </message>
    <message>
        <source>{place}: {count} values of {all} too light</source>
        <translation>{place}: um {count} von {all} Tonwerten zu hell</translation>
    </message>
    <message>
        <source>{place}: {count} values of {all} too dark</source>
        <translation>{place}: um {count} von {all} Tonwerten zu dunkel</translation>
    </message>
    <message>
        <source>the darkest dark is still grey: lightness {drawn} where the photo has {seen}, white is 100</source>
        <translation>das tiefste Dunkel ist noch grau: Helligkeit {drawn}, wo das Foto {seen} hat; Weiß ist 100</translation>
    </message>
    <message>
        <source>the darkest dark is {place}; yours is {other}</source>
        <translation>am dunkelsten ist {place}; bei dir ist es {other}</translation>
    </message>
    <message>
        <source>Darken it: one even layer of B or 2B, then look again.</source>
        <translation>Mach es dunkler: eine gleichmäßige Lage mit B oder 2B, dann sieh wieder hin.</translation>
    </message>
    <message>
        <source>Darken it: two layers of 2B, or one of 4B, then look again.</source>
        <translation>Mach es dunkler: zwei Lagen mit 2B oder eine mit 4B, dann sieh wieder hin.</translation>
    </message>
    <message>
        <source>Darken it: layer over layer up to 4B or 6B, looking again after each.</source>
        <translation>Mach es dunkler: Lage über Lage bis 4B oder 6B, und sieh nach jeder wieder hin.</translation>
    </message>
    <message>
        <source>Lighten it: lift the dark, then a touch of white chalk.</source>
        <translation>Mach es heller: nimm das Dunkle ab, dann ein Hauch weißer Kreide.</translation>
    </message>
    <message>
        <source>Lighten it: press a kneaded eraser on it once.</source>
        <translation>Mach es heller: drück einmal den Knetradierer darauf.</translation>
    </message>
    <message>
        <source>Lighten it: press a kneaded eraser on it again and again; do not rub.</source>
        <translation>Mach es heller: drück den Knetradierer wieder und wieder darauf; reib nicht.</translation>
    </message>
    <message>
        <source>Press the darkest dark down first, with 4B to 6B; the other tones then find their place.</source>
        <translation>Setz zuerst das tiefste Dunkel, mit 4B bis 6B; die anderen Töne finden dann ihren Platz.</translation>
    </message>
    <message>
        <source>Keep the deepest tone for the one, and hold the other a little back.</source>
        <translation>Spar den tiefsten Ton für das eine auf und nimm das andere ein wenig zurück.</translation>
    </message>
    <message>
        <source>{place}: your shadow&apos;s edge has crept into the light, by {share} % of the head</source>
        <translation>{place}: der Rand deines Schattens ist ins Licht gekrochen, um {share} % des Kopfes</translation>
    </message>
    <message>
        <source>{place}: your shadow&apos;s edge has drawn back, by {share} % of the head</source>
        <translation>{place}: der Rand deines Schattens ist zurückgewichen, um {share} % des Kopfes</translation>
    </message>
    <message>
        <source>The values hold, but the edge of the shadow lies elsewhere: compare it at the letters on both sheets.</source>
        <translation>Die Tonwerte stimmen, aber der Rand des Schattens liegt anderswo: Vergleiche ihn bei den Buchstaben auf beiden Blättern.</translation>
    </message>
    <message>
        <source>The values hold: no place stands out of the drawing&apos;s own key.</source>
        <translation>Die Tonwerte stimmen: Keine Stelle fällt aus der Tonart der Zeichnung.</translation>
    </message>
    <message>
        <source>1 more mark is needed; these would serve: {marks}</source>
        <translation>es fehlt noch 1 Marke; diese wären gut: {marks}</translation>
    </message>
    <message>
        <source>{count} more marks are needed; these would serve: {marks}</source>
        <translation>es fehlen noch {count} Marken; diese wären gut: {marks}</translation>
    </message>
    <message>
        <source>all marks lie on one line, so the head could turn about it; add one to the side, such as: {marks}</source>
        <translation>alle Marken liegen auf einer Linie, der Kopf könnte sich um sie drehen; setz eine daneben, etwa: {marks}</translation>
    </message>
    <message>
        <source>the mark &quot;{mark}&quot; lies nowhere near the picture</source>
        <translation>die Marke „{mark}“ liegt nicht in der Nähe des Bildes</translation>
    </message>
    <message>
        <source>the ball needs a place near the picture and a radius above zero</source>
        <translation>die Kugel braucht einen Ort beim Bild und einen Radius über null</translation>
    </message>
    <message>
        <source>these marks fit a head that faces away; are left and right swapped? They are always the sitter&apos;s own</source>
        <translation>diese Marken passen zu einem Kopf, der wegsieht; sind links und rechts vertauscht? Sie sind immer die des Modells</translation>
    </message>
    <message>
        <source>at least two marks must be seen in both pictures, apart from each other</source>
        <translation>mindestens zwei Marken müssen in beiden Bildern zu sehen sein, getrennt voneinander</translation>
    </message>
    <message>
        <source>to hold the ball, lay it over both the reference and the sketch</source>
        <translation>um die Kugel festzuhalten, leg sie über Vorlage und Skizze</translation>
    </message>
    <message>
        <source>no head could be fitted to these marks</source>
        <translation>zu diesen Marken ließ sich kein Kopf einpassen</translation>
    </message>
    <message>
        <source>in the sketch, {trouble}</source>
        <translation>in der Skizze: {trouble}</translation>
    </message>
    <message>
        <source>something in this file or picture is not as it should be</source>
        <translation>etwas in dieser Datei oder diesem Bild ist nicht, wie es sein soll</translation>
    </message>
    <message>
        <source>A picture for the bench</source>
        <translation>Ein Bild für den Tisch</translation>
    </message>
    <message>
        <source>Take a picture</source>
        <translation>Ein Bild aufnehmen</translation>
    </message>
    <message>
        <source>Choose pictures</source>
        <translation>Bilder wählen</translation>
    </message>
    <message>
        <source>Send</source>
        <translation>Schicken</translation>
    </message>
    <message>
        <source>It could not be sent. Is the window with the code still open on the computer?</source>
        <translation>Es ließ sich nicht schicken. Ist das Fenster mit dem Code am Rechner noch offen?</translation>
    </message>
    <message>
        <source>From straight above, in even light, the whole page in view.</source>
        <translation>Senkrecht von oben, in gleichmäßigem Licht, das ganze Blatt im Bild.</translation>
    </message>
    <message>
        <source>The picture goes to your own computer and nowhere else. It passes through this network unencrypted.</source>
        <translation>Das Bild geht auf deinen eigenen Rechner und nirgendwo anders hin. Es geht unverschlüsselt durch dieses Netz.</translation>
    </message>
</context>
<context>
    <name>zokran</name>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
    <message>
        <source>%1 % of the head</source>
        <translation>%1 % des Kopfes</translation>
    </message>
    <message>
        <source>Head and shoulders</source>
        <translation>Kopf und Schultern</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Nah</translation>
    </message>
    <message>
        <source>With air</source>
        <translation>Mit Luft</translation>
    </message>
    <message>
        <source>Stand by eyebrows, lids and lips</source>
        <translation>Zu Augenbrauen, Lidern und Lippen stehen</translation>
    </message>
    <message>
        <source>Lay the %1</source>
        <translation>%1 legen</translation>
    </message>
    <message>
        <source>Take the %1 away</source>
        <translation>%1 wegnehmen</translation>
    </message>
    <message>
        <source>Leave out what is not drawn yet</source>
        <translation>Weglassen, was noch nicht gezeichnet ist</translation>
    </message>
    <message>
        <source>Go on to the check</source>
        <translation>Weiter zur Prüfung</translation>
    </message>
    <message>
        <source>Say what looks wrong</source>
        <translation>Sagen, was falsch wirkt</translation>
    </message>
    <message>
        <source>Place the %1</source>
        <translation>Setzen: %1</translation>
    </message>
    <message>
        <source>Hair covers ears and hairline</source>
        <translation>Haar verdeckt Ohren und Haaransatz</translation>
    </message>
    <message>
        <source>Cannot see the %1</source>
        <translation>Nicht zu sehen: %1</translation>
    </message>
    <message>
        <source>The %1 is not drawn</source>
        <translation>Nicht gezeichnet: %1</translation>
    </message>
    <message>
        <source>Confirm suggested marks</source>
        <translation>Vorgeschlagene Marken bestätigen</translation>
    </message>
    <message>
        <source>Lay the ball</source>
        <translation>Die Kugel legen</translation>
    </message>
    <message>
        <source>Guess first</source>
        <translation>Erst schätzen</translation>
    </message>
    <message>
        <source>Commit the guess</source>
        <translation>Zur Schätzung stehen</translation>
    </message>
    <message>
        <source>Take the guess away</source>
        <translation>Die Schätzung zurücknehmen</translation>
    </message>
    <message>
        <source>Set an end of a measurement</source>
        <translation>Ein Ende einer Messung setzen</translation>
    </message>
    <message>
        <source>Measure: %1</source>
        <translation>Messen: %1</translation>
    </message>
    <message>
        <source>Guess a number</source>
        <translation>Eine Zahl schätzen</translation>
    </message>
    <message>
        <source>Name a measurement</source>
        <translation>Eine Messung benennen</translation>
    </message>
    <message>
        <source>Take a measurement away</source>
        <translation>Eine Messung wegnehmen</translation>
    </message>
    <message>
        <source>Set its ends on the photograph first; then it can be the unit on both.</source>
        <translation>Setze erst seine Enden auf dem Foto; dann kann es auf beiden die Einheit sein.</translation>
    </message>
    <message>
        <source>Choose the unit</source>
        <translation>Die Einheit wählen</translation>
    </message>
    <message>
        <source>The eye as the unit</source>
        <translation>Das Auge als Einheit</translation>
    </message>
    <message>
        <source>Photographs (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.bmp);;All files (*)</source>
        <translation>Fotos (*.jpg *.jpeg *.png *.webp *.tif *.tiff *.bmp);;Alle Dateien (*)</translation>
    </message>
    <message>
        <source>the file is not there any more</source>
        <translation>die Datei ist nicht mehr da</translation>
    </message>
    <message>
        <source>the file cannot be read</source>
        <translation>die Datei lässt sich nicht lesen</translation>
    </message>
    <message>
        <source>this is not a picture that can be read</source>
        <translation>das ist kein lesbares Bild</translation>
    </message>
    <message>
        <source>the picture has no size</source>
        <translation>das Bild hat keine Größe</translation>
    </message>
    <message>
        <source>the picture is %1 by %2 pixels, which is too large to work with</source>
        <translation>das Bild hat %1 mal %2 Pixel, das ist zu groß, um damit zu arbeiten</translation>
    </message>
    <message>
        <source>the picture is damaged or cut short</source>
        <translation>das Bild ist beschädigt oder abgeschnitten</translation>
    </message>
    <message>
        <source>the picture is damaged or cut short (%1)</source>
        <translation>das Bild ist beschädigt oder abgeschnitten (%1)</translation>
    </message>
    <message>
        <source>A sketch was drawn from this photograph as it lies. Begin a new study to draw it another way round.</source>
        <translation>Nach diesem Foto wurde schon gezeichnet, wie es liegt. Beginn eine neue Studie, um es anders herum zu zeichnen.</translation>
    </message>
    <message>
        <source>%1: the picture cannot be written</source>
        <translation>%1: das Bild lässt sich nicht schreiben</translation>
    </message>
    <message>
        <source>Mirror the photograph</source>
        <translation>Das Foto spiegeln</translation>
    </message>
    <message>
        <source>Turn the photograph</source>
        <translation>Das Foto drehen</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>Twelve balls to draw on</source>
        <translation>Zwölf Kugeln zum Bezeichnen</translation>
    </message>
    <message>
        <source>a sketch that is marked and compared</source>
        <translation>eine markierte und verglichene Skizze</translation>
    </message>
    <message>
        <source>Correction sheet</source>
        <translation>Korrekturblatt</translation>
    </message>
    <message>
        <source>Photo and paper under a grid</source>
        <translation>Foto und Papier unter einem Raster</translation>
    </message>
    <message>
        <source>The form alone, to trace</source>
        <translation>Die Form allein, zum Durchzeichnen</translation>
    </message>
    <message>
        <source>Photo beside its form, and a ruler of eyes</source>
        <translation>Foto neben seiner Form, und ein Augenlineal</translation>
    </message>
    <message>
        <source>Materials and steps</source>
        <translation>Material und Schritte</translation>
    </message>
    <message>
        <source>The head in planes</source>
        <translation>Der Kopf in Flächen</translation>
    </message>
    <message>
        <source>The form, step by step</source>
        <translation>Die Form, Schritt für Schritt</translation>
    </message>
    <message>
        <source>Value strips</source>
        <translation>Tonwertstreifen</translation>
    </message>
    <message>
        <source>a head that is blocked in</source>
        <translation>ein angelegter Kopf</translation>
    </message>
    <message>
        <source>Two drawings, side by side with what changed: after the second one.</source>
        <translation>Zwei Zeichnungen nebeneinander, mit dem, was sich änderte: nach der zweiten.</translation>
    </message>
    <message>
        <source>Before and after</source>
        <translation>Vorher und nachher</translation>
    </message>
    <message>
        <source>Two drawings side by side. One of each is no proof, but it is a pleasure.</source>
        <translation>Zwei Zeichnungen nebeneinander. Je eine ist kein Beweis, aber eine Freude.</translation>
    </message>
    <message>
        <source>Too few drawings yet: four of each feature are needed.</source>
        <translation>Noch zu wenige Zeichnungen: von jedem Zug braucht es vier.</translation>
    </message>
    <message>
        <source>Where features land</source>
        <translation>Wo die Züge landen</translation>
    </message>
    <message>
        <source>From the ring, where it belongs, to where it lands on average, with the ellipse of its doubt. Dotted and grey may be chance.</source>
        <translation>Vom Ring, wo es hingehört, dorthin, wo es im Mittel landet, mit der Ellipse der Unsicherheit. Gepunktet und grau kann Zufall sein.</translation>
    </message>
    <message>
        <source>Nothing to mend has been found yet.</source>
        <translation>Bisher war nichts zu bessern.</translation>
    </message>
    <message>
        <source>What came back</source>
        <translation>Was wiederkam</translation>
    </message>
    <message>
        <source>What was to be mended, and whether it comes more seldom.</source>
        <translation>Was zu bessern war, und ob es seltener kommt.</translation>
    </message>
    <message>
        <source>Turn as measured, degrees</source>
        <translation>Drehung, wie gemessen, Grad</translation>
    </message>
    <message>
        <source>Turn as you guessed it, degrees</source>
        <translation>Drehung, wie geschätzt, Grad</translation>
    </message>
    <message>
        <source>No guesses yet. At the step Block in you can judge the pose before it is measured.</source>
        <translation>Noch keine Schätzungen. Beim Schritt Anlegen kannst du die Haltung beurteilen, bevor gemessen wird.</translation>
    </message>
    <message>
        <source>Guess against fit</source>
        <translation>Schätzung gegen Messung</translation>
    </message>
    <message>
        <source>How you judged turns by eye. On the dashed line the guess was right.</source>
        <translation>Wie du Drehungen mit dem Auge beurteilt hast. Auf der gestrichelten Linie war die Schätzung richtig.</translation>
    </message>
    <message>
        <source>Minutes it took</source>
        <translation>Minuten, die es dauerte</translation>
    </message>
    <message>
        <source>Marks off by, % of the head&apos;s height</source>
        <translation>Marken daneben, % der Kopfhöhe</translation>
    </message>
    <message>
        <source>No times yet. Set the clock at the step Draw; the time is kept with the sketch.</source>
        <translation>Noch keine Zeiten. Stell beim Schritt Zeichnen die Uhr; die Zeit wird mit der Skizze aufgehoben.</translation>
    </message>
    <message>
        <source>Time and accuracy</source>
        <translation>Zeit und Genauigkeit</translation>
    </message>
    <message>
        <source>Whether longer drawings come nearer.</source>
        <translation>Ob längere Zeichnungen näher kommen.</translation>
    </message>
    <message>
        <source>Poses drawn</source>
        <translation>Gezeichnete Haltungen</translation>
    </message>
    <message>
        <source>How often each tilt and turn; the dashed ones never.</source>
        <translation>Wie oft jede Neigung und Drehung; die gestrichelten nie.</translation>
    </message>
    <message>
        <source>No drawing has been compared yet.</source>
        <translation>Noch keine Zeichnung wurde verglichen.</translation>
    </message>
    <message>
        <source>Turn of the head you drew from, degrees</source>
        <translation>Drehung des Kopfes, nach dem du zeichnetest, Grad</translation>
    </message>
    <message>
        <source>Turn as you drew it, degrees</source>
        <translation>Drehung, wie gezeichnet, Grad</translation>
    </message>
    <message>
        <source>Straightening</source>
        <translation>Begradigen</translation>
    </message>
    <message>
        <source>Each dot a drawing. On the dashed line a turn comes out as it is; a flatter line straightens.</source>
        <translation>Jeder Punkt eine Zeichnung. Auf der gestrichelten Linie kommt eine Drehung heraus, wie sie ist; eine flachere begradigt.</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Over time</source>
        <translation>Mit der Zeit</translation>
    </message>
    <message>
        <source>How far the marks of each drawing lie off on average. Lower is nearer.</source>
        <translation>Wie weit die Marken jeder Zeichnung im Mittel daneben liegen. Tiefer ist näher.</translation>
    </message>
    <message>
        <source>Pictures (*.png);;Documents (*.pdf);;Drawings (*.svg)</source>
        <translation>Bilder (*.png);;Dokumente (*.pdf);;Zeichnungen (*.svg)</translation>
    </message>
    <message>
        <source>Frame the photograph</source>
        <translation>Das Foto rahmen</translation>
    </message>
    <message>
        <source>Paper</source>
        <translation>Papier</translation>
    </message>
    <message>
        <source>Another size</source>
        <translation>Eine andere Größe</translation>
    </message>
    <message>
        <source>Warm paper</source>
        <translation>Warmes Papier</translation>
    </message>
    <message>
        <source>Slate</source>
        <translation>Schiefer</translation>
    </message>
    <message>
        <source>Dark studio, red and graphite</source>
        <translation>Dunkles Atelier, Rötel und Graphit</translation>
    </message>
    <message>
        <source>Black on white, high contrast</source>
        <translation>Schwarz auf Weiß, hoher Kontrast</translation>
    </message>
    <message>
        <source>%1: %2 studies, saved %3 times</source>
        <translation>%1: %2 Studien, %3-mal gespeichert</translation>
    </message>
    <message>
        <source>%1: cannot be read</source>
        <translation>%1: nicht lesbar</translation>
    </message>
    <message>
        <source>This is the bench: a head that was seen, and what was drawn of it. Along the top the steps, at the foot the next thing to do.</source>
        <translation>Das ist der Tisch: ein Kopf, der gesehen wurde, und was danach gezeichnet wurde. Oben die Schritte, unten das Nächste, was zu tun ist.</translation>
    </message>
    <message>
        <source>Block in: the marks on the photograph. From them the turn, tilt and lean are read, at the upper right, each with its doubt.</source>
        <translation>Anlegen: die Marken auf dem Foto. Aus ihnen werden Drehung, Neigung und Seitneigung gelesen, oben rechts, jede mit ihrer Unsicherheit.</translation>
    </message>
    <message>
        <source>Guides: the construction sits on the head, hidden lines dashed. Point at a line and it lights up on both sheets.</source>
        <translation>Hilfslinien: die Konstruktion sitzt auf dem Kopf, Verdecktes gestrichelt. Zeig auf eine Linie, und sie leuchtet auf beiden Blättern auf.</translation>
    </message>
    <message>
        <source>Measure: the pencil held out, on both sheets alike. One eye is the unit.</source>
        <translation>Messen: der vorgehaltene Bleistift, auf beiden Blättern gleich. Ein Auge ist die Einheit.</translation>
    </message>
    <message>
        <source>Draw: on paper. The form shows one step at a time, and a quiet clock keeps the time if you like.</source>
        <translation>Zeichnen: auf Papier. Die Form zeigt einen Schritt nach dem anderen, und eine stille Uhr misst die Zeit, wenn du magst.</translation>
    </message>
    <message>
        <source>Check: the sketch was photographed. One thing to mend first, where it belongs, and how far on your paper.</source>
        <translation>Prüfen: die Skizze wurde fotografiert. Eines ist zuerst zu bessern, wohin es gehört, und wie weit auf deinem Papier.</translation>
    </message>
    <message>
        <source>The shelf keeps every study. Nothing leaves this machine.</source>
        <translation>Das Regal bewahrt jede Studie. Nichts verlässt diesen Rechner.</translation>
    </message>
    <message>
        <source>The cast room: plaster heads that hold still in any pose and light, for days without a sitter.</source>
        <translation>Der Gipssaal: Köpfe, die in jeder Haltung und jedem Licht stillhalten, für Tage ohne Modell.</translation>
    </message>
    <message>
        <source>Progress: what many drawings say together, and what to practise. Now a photograph of your own: then follow the blue button.</source>
        <translation>Fortschritt: was viele Zeichnungen zusammen sagen, und was zu üben ist. Jetzt ein Foto von dir: dann folge dem blauen Knopf.</translation>
    </message>
    <message>
        <source>A light ball for the skull, and the ovals that slice off its sides.</source>
        <translation>Eine helle Kugel für den Schädel, und die Ovale, die ihre Seiten abschneiden.</translation>
    </message>
    <message>
        <source>Brow line and centre line wrapped round it: they carry turn and tilt.</source>
        <translation>Brauenlinie und Mittellinie darum gelegt: sie tragen Drehung und Neigung.</translation>
    </message>
    <message>
        <source>Step the levels down the centre line to nose base and chin.</source>
        <translation>Die Höhen die Mittellinie hinab zu Nasenbasis und Kinn schreiten.</translation>
    </message>
    <message>
        <source>The front plane from the brow&apos;s corners to the chin, then the jaw from under the ear.</source>
        <translation>Die Vorderebene von den Brauenecken zum Kinn, dann der Kiefer vom Ohr her.</translation>
    </message>
    <message>
        <source>Ear, neck, and the hair standing off the skull.</source>
        <translation>Ohr, Hals, und das Haar, das vom Schädel absteht.</translation>
    </message>
    <message>
        <source>Features on their lines, as plain lines first.</source>
        <translation>Die Züge auf ihren Linien, zuerst als schlichte Striche.</translation>
    </message>
    <message>
        <source>Ball with planes</source>
        <translation>Kugel mit Ebenen</translation>
    </message>
    <message>
        <source>A ball sliced flat at the sides, the face hung on its brow line. Best for heads tilted and turned.</source>
        <translation>Eine Kugel, seitlich flach geschnitten, das Gesicht an ihre Brauenlinie gehängt. Am besten für geneigte und gedrehte Köpfe.</translation>
    </message>
    <message>
        <source>The front of the box: its upright edges, its top and its foot.</source>
        <translation>Die Vorderseite des Kastens: seine senkrechten Kanten, oben und unten.</translation>
    </message>
    <message>
        <source>Level edges run together far off; draw on until you see where.</source>
        <translation>Waagerechte Kanten laufen in der Ferne zusammen; zeichne weiter, bis du siehst, wo.</translation>
    </message>
    <message>
        <source>The middle of the front, and brow and nose base carried round to the side.</source>
        <translation>Die Mitte der Vorderseite, und Braue und Nasenbasis zur Seite herumgeführt.</translation>
    </message>
    <message>
        <source>The head inside: profile, edge of the face, jaw.</source>
        <translation>Der Kopf darin: Profil, Gesichtskante, Kiefer.</translation>
    </message>
    <message>
        <source>Ear, neck and hair; then the features.</source>
        <translation>Ohr, Hals und Haar; dann die Züge.</translation>
    </message>
    <message>
        <source>Box in perspective</source>
        <translation>Kasten in Perspektive</translation>
    </message>
    <message>
        <source>Edges and their vanishing points make tilt and turn plain; best for heads from far above or below.</source>
        <translation>Kanten und ihre Fluchtpunkte machen Neigung und Drehung klar; am besten für Köpfe von weit oben oder unten.</translation>
    </message>
    <message>
        <source>A circle from the crown to the nose base, and half its height again to the chin.</source>
        <translation>Ein Kreis vom Scheitel zur Nasenbasis, und seine halbe Höhe noch einmal zum Kinn.</translation>
    </message>
    <message>
        <source>Centre line and brow line across it, turned as the head turns.</source>
        <translation>Mittellinie und Brauenlinie darüber, gedreht, wie der Kopf sich dreht.</translation>
    </message>
    <message>
        <source>Eyes at half the whole, nose base on the circle&apos;s lower edge, mouth a third below.</source>
        <translation>Augen auf der Hälfte des Ganzen, Nasenbasis am unteren Kreisrand, Mund ein Drittel tiefer.</translation>
    </message>
    <message>
        <source>The face&apos;s own edge and the jaw, in place of the half circle.</source>
        <translation>Die eigene Kante des Gesichts und der Kiefer statt des Halbkreises.</translation>
    </message>
    <message>
        <source>Circle and a half</source>
        <translation>Anderthalb Kreise</translation>
    </message>
    <message>
        <source>Quick and roomy; good for heads seen from the front.</source>
        <translation>Schnell und geräumig; gut für Köpfe von vorn.</translation>
    </message>
    <message>
        <source>One light egg, round at the skull and drawn out to the chin.</source>
        <translation>Ein helles Ei, am Schädel rund und zum Kinn ausgezogen.</translation>
    </message>
    <message>
        <source>Centre line and brow line wrapped round it.</source>
        <translation>Mittellinie und Brauenlinie darum gelegt.</translation>
    </message>
    <message>
        <source>Hairline, eyes, nose base and mouth as rings about it.</source>
        <translation>Haaransatz, Augen, Nasenbasis und Mund als Ringe darum.</translation>
    </message>
    <message>
        <source>The face&apos;s own edge and the jaw, where they leave the egg.</source>
        <translation>Die eigene Kante des Gesichts und der Kiefer, wo sie das Ei verlassen.</translation>
    </message>
    <message>
        <source>Ear, neck and hair; then the features on their rings.</source>
        <translation>Ohr, Hals und Haar; dann die Züge auf ihren Ringen.</translation>
    </message>
    <message>
        <source>Egg</source>
        <translation>Ei</translation>
    </message>
    <message>
        <source>A round skull drawn out to the chin, for those who see the contour first.</source>
        <translation>Ein runder Schädel, zum Kinn ausgezogen, für die, die zuerst den Umriss sehen.</translation>
    </message>
    <message>
        <source>Five long straights round the whole head: its height, its width, its slant.</source>
        <translation>Fünf lange helle Geraden um den ganzen Kopf: seine Höhe, seine Breite, seine Schräge.</translation>
    </message>
    <message>
        <source>Cut the corners off, one straight after another.</source>
        <translation>Schneide die Ecken ab, eine Gerade nach der anderen.</translation>
    </message>
    <message>
        <source>Inside it the centre line and the brow.</source>
        <translation>Darin die Mittellinie und die Braue.</translation>
    </message>
    <message>
        <source>The levels of eyes, nose base and mouth.</source>
        <translation>Die Höhen von Augen, Nasenbasis und Mund.</translation>
    </message>
    <message>
        <source>Round the straights off into the face&apos;s edge, jaw, ear and hair.</source>
        <translation>Runde die Geraden zu Gesichtskante, Kiefer, Ohr und Haar.</translation>
    </message>
    <message>
        <source>Straight-line envelope</source>
        <translation>Hülle aus Geraden</translation>
    </message>
    <message>
        <source>The outline between a few straights, for those who measure by angles.</source>
        <translation>Der Umriss zwischen wenigen Geraden, für die, die nach Winkeln messen.</translation>
    </message>
    <message>
        <source>The near eye, as large as you want the head: everything is measured with it.</source>
        <translation>Das nahe Auge, so groß, wie du den Kopf willst: alles wird damit gemessen.</translation>
    </message>
    <message>
        <source>One eye-width on, foreshortened, the far eye.</source>
        <translation>Eine Augenbreite weiter, verkürzt, das ferne Auge.</translation>
    </message>
    <message>
        <source>The nose as a wedge, as wide as the gap between the eyes.</source>
        <translation>Die Nase als Keil, so breit wie der Abstand der Augen.</translation>
    </message>
    <message>
        <source>The mouth, its corners under the pupils; the chin.</source>
        <translation>Der Mund, seine Winkel unter den Pupillen; das Kinn.</translation>
    </message>
    <message>
        <source>Brow, edge of the face, jaw.</source>
        <translation>Braue, Gesichtskante, Kiefer.</translation>
    </message>
    <message>
        <source>Ear, hair and neck, last of all.</source>
        <translation>Ohr, Haar und Hals, ganz zuletzt.</translation>
    </message>
    <message>
        <source>Features first</source>
        <translation>Züge zuerst</translation>
    </message>
    <message>
        <source>From one eye outward, for those who see the likeness first. Mind the skull: it comes last and is easily cut.</source>
        <translation>Von einem Auge nach außen, für die, die zuerst die Ähnlichkeit sehen. Achte auf den Schädel: er kommt zuletzt und gerät leicht zu klein.</translation>
    </message>
    <message>
        <source>A cross through the middle of where the head will be, on the paper too.</source>
        <translation>Ein Kreuz durch die Mitte, wo der Kopf sein wird, auch auf dem Papier.</translation>
    </message>
    <message>
        <source>Whole squares outward from the cross, of the size your paper asks for.</source>
        <translation>Ganze Quadrate vom Kreuz nach außen, so groß, wie dein Papier es verlangt.</translation>
    </message>
    <message>
        <source>Square by square: where does the outline cross each line?</source>
        <translation>Quadrat für Quadrat: wo schneidet der Umriss jede Linie?</translation>
    </message>
    <message>
        <source>Tick the paper&apos;s edges as the photograph&apos;s are ticked.</source>
        <translation>Teile die Kanten des Papiers wie die des Fotos.</translation>
    </message>
    <message>
        <source>Find crown, chin, eyes and nose by letter and number, then join them.</source>
        <translation>Finde Scheitel, Kinn, Augen und Nase nach Buchstabe und Zahl, dann verbinde sie.</translation>
    </message>
    <message>
        <source>Squares from the centre</source>
        <translation>Quadrate von der Mitte</translation>
    </message>
    <message>
        <source>For carrying a head over to a paper of another size. It copies; it does not teach the form.</source>
        <translation>Um einen Kopf auf ein Papier anderer Größe zu übertragen. Es kopiert; es lehrt die Form nicht.</translation>
    </message>
    <message>
        <source>Edge coordinates</source>
        <translation>Randkoordinaten</translation>
    </message>
    <message>
        <source>Letters and numbers along the edges and no line across the face.</source>
        <translation>Buchstaben und Zahlen an den Rändern und keine Linie über dem Gesicht.</translation>
    </message>
    <message>
        <source>The whole head, crown to chin</source>
        <translation>Der ganze Kopf, Scheitel bis Kinn</translation>
    </message>
    <message>
        <source>Hairline to brow</source>
        <translation>Haaransatz bis Braue</translation>
    </message>
    <message>
        <source>Brow to the base of the nose</source>
        <translation>Braue bis Nasenfuß</translation>
    </message>
    <message>
        <source>Base of the nose to the chin</source>
        <translation>Nasenfuß bis Kinn</translation>
    </message>
    <message>
        <source>Parting of the lips to the chin</source>
        <translation>Lippenspalte bis Kinn</translation>
    </message>
    <message>
        <source>Between the eyes</source>
        <translation>Zwischen den Augen</translation>
    </message>
    <message>
        <source>The farther eye</source>
        <translation>Das fernere Auge</translation>
    </message>
    <message>
        <source>The mouth, corner to corner</source>
        <translation>Der Mund, Winkel zu Winkel</translation>
    </message>
    <message>
        <source>The nose, wing to wing</source>
        <translation>Die Nase, Flügel zu Flügel</translation>
    </message>
    <message>
        <source>The nearer eye&apos;s outer corner to its ear</source>
        <translation>Äußerer Winkel des näheren Auges bis zu seinem Ohr</translation>
    </message>
    <message>
        <source>The nearer eye&apos;s inner corner to the tip of the nose</source>
        <translation>Innerer Winkel des näheren Auges bis zur Nasenspitze</translation>
    </message>
    <message>
        <source>Slant through the eyes&apos; outer corners</source>
        <translation>Schräge durch die äußeren Augenwinkel</translation>
    </message>
    <message>
        <source>Slant through the mouth&apos;s corners</source>
        <translation>Schräge durch die Mundwinkel</translation>
    </message>
    <message>
        <source>Slant from the nearer ear&apos;s top to the brow</source>
        <translation>Schräge vom Oberrand des näheren Ohrs zum Braue</translation>
    </message>
    <message>
        <source>Brow to chin, off the plumb line</source>
        <translation>Braue bis Kinn, gegen das Lot</translation>
    </message>
    <message>
        <source>Brow to the tip of the nose, off the plumb line</source>
        <translation>Braue bis Nasenspitze, gegen das Lot</translation>
    </message>
    <message>
        <source>the forehead</source>
        <translation>die Stirn</translation>
    </message>
    <message>
        <source>the eyes</source>
        <translation>die Augen</translation>
    </message>
    <message>
        <source>the nose</source>
        <translation>die Nase</translation>
    </message>
    <message>
        <source>the mouth</source>
        <translation>der Mund</translation>
    </message>
    <message>
        <source>the jaw</source>
        <translation>der Kiefer</translation>
    </message>
    <message>
        <source>the ears</source>
        <translation>die Ohren</translation>
    </message>
    <message>
        <source>Sphere</source>
        <translation>Kugel</translation>
    </message>
    <message>
        <source>Cube</source>
        <translation>Würfel</translation>
    </message>
    <message>
        <source>Wedge</source>
        <translation>Keil</translation>
    </message>
    <message>
        <source>Cylinder</source>
        <translation>Zylinder</translation>
    </message>
    <message>
        <source>Ring</source>
        <translation>Ring</translation>
    </message>
    <message>
        <source>the side of the head</source>
        <translation>die Seite des Kopfes</translation>
    </message>
    <message>
        <source>the brow bone</source>
        <translation>der Brauenknochen</translation>
    </message>
    <message>
        <source>the eye socket</source>
        <translation>die Augenhöhle</translation>
    </message>
    <message>
        <source>under the nose</source>
        <translation>unter der Nase</translation>
    </message>
    <message>
        <source>the cheekbone</source>
        <translation>das Jochbein</translation>
    </message>
    <message>
        <source>the cheek</source>
        <translation>die Wange</translation>
    </message>
    <message>
        <source>the upper lip</source>
        <translation>die Oberlippe</translation>
    </message>
    <message>
        <source>the lower lip</source>
        <translation>die Unterlippe</translation>
    </message>
    <message>
        <source>under the lower lip</source>
        <translation>unter der Unterlippe</translation>
    </message>
    <message>
        <source>the chin</source>
        <translation>das Kinn</translation>
    </message>
    <message>
        <source>under the chin</source>
        <translation>unter dem Kinn</translation>
    </message>
    <message>
        <source>the neck</source>
        <translation>der Hals</translation>
    </message>
    <message>
        <source>the background</source>
        <translation>der Hintergrund</translation>
    </message>
    <message>
        <source>the hair on top</source>
        <translation>das Haar oben</translation>
    </message>
    <message>
        <source>the hair at the side</source>
        <translation>das Haar an der Seite</translation>
    </message>
    <message>
        <source>the temple</source>
        <translation>die Schläfe</translation>
    </message>
    <message>
        <source>the eyebrow</source>
        <translation>die Augenbraue</translation>
    </message>
    <message>
        <source>the pupil</source>
        <translation>die Pupille</translation>
    </message>
    <message>
        <source>under the eye</source>
        <translation>unter dem Auge</translation>
    </message>
    <message>
        <source>the ear</source>
        <translation>das Ohr</translation>
    </message>
    <message>
        <source>the bridge of the nose</source>
        <translation>der Nasenrücken</translation>
    </message>
    <message>
        <source>the side of the nose</source>
        <translation>die Seite der Nase</translation>
    </message>
    <message>
        <source>the tip of the nose</source>
        <translation>die Nasenspitze</translation>
    </message>
    <message>
        <source>the nostril</source>
        <translation>das Nasenloch</translation>
    </message>
    <message>
        <source>the corner of the mouth</source>
        <translation>der Mundwinkel</translation>
    </message>
    <message>
        <source>the parting of the lips</source>
        <translation>die Lippenspalte</translation>
    </message>
    <message>
        <source>Angle to level</source>
        <translation>Winkel zur Waagerechten</translation>
    </message>
    <message>
        <source>How steep is this line?</source>
        <translation>Wie steil ist diese Linie?</translation>
    </message>
    <message>
        <source>Between two lines</source>
        <translation>Zwischen zwei Linien</translation>
    </message>
    <message>
        <source>How do these two lines run against one another?</source>
        <translation>Wie laufen diese zwei Linien zueinander?</translation>
    </message>
    <message>
        <source>Laid on again</source>
        <translation>Noch einmal abgetragen</translation>
    </message>
    <message>
        <source>Where does this distance end, laid on once more?</source>
        <translation>Wo endet diese Strecke, noch einmal abgetragen?</translation>
    </message>
    <message>
        <source>Five eyes</source>
        <translation>Fünf Augen</translation>
    </message>
    <message>
        <source>Is this head five of its eyes wide, and where do they fall?</source>
        <translation>Ist dieser Kopf fünf seiner Augen breit, und wo fallen sie hin?</translation>
    </message>
    <message>
        <source>to its twin, across the picture</source>
        <translation>zu seinem Zwilling, quer über das Bild</translation>
    </message>
    <message>
        <source>to its twin, through the head</source>
        <translation>zu seinem Zwilling, durch den Kopf</translation>
    </message>
    <message>
        <source>from there to the sitter&apos;s own twin</source>
        <translation>von dort zum eigenen Zwilling des Modells</translation>
    </message>
    <message>
        <source>Over the centre line</source>
        <translation>Über die Mittellinie</translation>
    </message>
    <message>
        <source>Where would its twin fall on the other half?</source>
        <translation>Wohin fiele sein Zwilling auf der anderen Hälfte?</translation>
    </message>
    <message>
        <source>Prolonged line</source>
        <translation>Verlängerte Linie</translation>
    </message>
    <message>
        <source>Where would this line land?</source>
        <translation>Wo käme diese Linie an?</translation>
    </message>
    <message>
        <source>Ratio of lengths</source>
        <translation>Verhältnis zweier Längen</translation>
    </message>
    <message>
        <source>How does this length go into that one?</source>
        <translation>Wie geht diese Länge in jene?</translation>
    </message>
    <message>
        <source>as wide as high</source>
        <translation>so breit wie hoch</translation>
    </message>
    <message>
        <source>Negative shape</source>
        <translation>Negativform</translation>
    </message>
    <message>
        <source>What shape does the space beside the head make?</source>
        <translation>Welche Form hat der Raum neben dem Kopf?</translation>
    </message>
    <message>
        <source>Unit stick</source>
        <translation>Einheitsstab</translation>
    </message>
    <message>
        <source>How many eyes is it from here to there?</source>
        <translation>Wie viele Augen sind es von hier nach dort?</translation>
    </message>
    <message>
        <source>Level line</source>
        <translation>Waagerechte</translation>
    </message>
    <message>
        <source>What lies level with this?</source>
        <translation>Was liegt auf gleicher Höhe?</translation>
    </message>
    <message>
        <source>Plumb line</source>
        <translation>Lotlinie</translation>
    </message>
    <message>
        <source>What stands under or over this?</source>
        <translation>Was steht darunter oder darüber?</translation>
    </message>
    <message>
        <source>at the other end</source>
        <translation>am anderen Ende</translation>
    </message>
    <message>
        <source>Third point</source>
        <translation>Dritter Punkt</translation>
    </message>
    <message>
        <source>At which two angles does the third point stand?</source>
        <translation>Unter welchen zwei Winkeln steht der dritte Punkt?</translation>
    </message>
    <message>
        <source>crown to hairline</source>
        <translation>Scheitel bis Haaransatz</translation>
    </message>
    <message>
        <source>a low hairline</source>
        <translation>ein tiefer Haaransatz</translation>
    </message>
    <message>
        <source>a high hairline</source>
        <translation>ein hoher Haaransatz</translation>
    </message>
    <message>
        <source>crown to brow</source>
        <translation>Scheitel bis Braue</translation>
    </message>
    <message>
        <source>a low brow</source>
        <translation>eine tiefe Braue</translation>
    </message>
    <message>
        <source>a high brow</source>
        <translation>eine hohe Braue</translation>
    </message>
    <message>
        <source>crown to eyes</source>
        <translation>Scheitel bis Augen</translation>
    </message>
    <message>
        <source>eyes set low in the head</source>
        <translation>tief im Kopf sitzende Augen</translation>
    </message>
    <message>
        <source>eyes set high in the head</source>
        <translation>hoch im Kopf sitzende Augen</translation>
    </message>
    <message>
        <source>crown to nose base</source>
        <translation>Scheitel bis Nasenbasis</translation>
    </message>
    <message>
        <source>a low nose base</source>
        <translation>eine tiefe Nasenbasis</translation>
    </message>
    <message>
        <source>a high nose base</source>
        <translation>eine hohe Nasenbasis</translation>
    </message>
    <message>
        <source>crown to mouth</source>
        <translation>Scheitel bis Mund</translation>
    </message>
    <message>
        <source>a low mouth</source>
        <translation>ein tiefer Mund</translation>
    </message>
    <message>
        <source>a high mouth</source>
        <translation>ein hoher Mund</translation>
    </message>
    <message>
        <source>nose base on the way from brow to chin</source>
        <translation>Nasenbasis auf dem Weg von Braue zu Kinn</translation>
    </message>
    <message>
        <source>a long middle of the face</source>
        <translation>eine lange Gesichtsmitte</translation>
    </message>
    <message>
        <source>a long lower face</source>
        <translation>ein langes Untergesicht</translation>
    </message>
    <message>
        <source>mouth on the way from nose base to chin</source>
        <translation>Mund auf dem Weg von Nasenbasis zu Kinn</translation>
    </message>
    <message>
        <source>a mouth close to the chin</source>
        <translation>ein Mund nah am Kinn</translation>
    </message>
    <message>
        <source>a mouth close to the nose</source>
        <translation>ein Mund nah an der Nase</translation>
    </message>
    <message>
        <source>forehead beside the nose</source>
        <translation>Stirn neben der Nase</translation>
    </message>
    <message>
        <source>a tall forehead</source>
        <translation>eine hohe Stirn</translation>
    </message>
    <message>
        <source>a low forehead</source>
        <translation>eine niedrige Stirn</translation>
    </message>
    <message>
        <source>brow above the eyes</source>
        <translation>Braue über den Augen</translation>
    </message>
    <message>
        <source>brows far over the eyes</source>
        <translation>Brauen weit über den Augen</translation>
    </message>
    <message>
        <source>brows close over the eyes</source>
        <translation>Brauen dicht über den Augen</translation>
    </message>
    <message>
        <source>nose base below the eyes</source>
        <translation>Nasenbasis unter den Augen</translation>
    </message>
    <message>
        <source>a long nose</source>
        <translation>eine lange Nase</translation>
    </message>
    <message>
        <source>a short nose</source>
        <translation>eine kurze Nase</translation>
    </message>
    <message>
        <source>mouth below the nose base</source>
        <translation>Mund unter der Nasenbasis</translation>
    </message>
    <message>
        <source>a long upper lip</source>
        <translation>eine lange Oberlippe</translation>
    </message>
    <message>
        <source>a short upper lip</source>
        <translation>eine kurze Oberlippe</translation>
    </message>
    <message>
        <source>chin below the mouth</source>
        <translation>Kinn unter dem Mund</translation>
    </message>
    <message>
        <source>a long chin</source>
        <translation>ein langes Kinn</translation>
    </message>
    <message>
        <source>a short chin</source>
        <translation>ein kurzes Kinn</translation>
    </message>
    <message>
        <source>eyes across the face</source>
        <translation>Augen über die Breite des Gesichts</translation>
    </message>
    <message>
        <source>a wide face for its eyes</source>
        <translation>ein breites Gesicht für seine Augen</translation>
    </message>
    <message>
        <source>a narrow face for its eyes</source>
        <translation>ein schmales Gesicht für seine Augen</translation>
    </message>
    <message>
        <source>between the eyes</source>
        <translation>zwischen den Augen</translation>
    </message>
    <message>
        <source>eyes set wide</source>
        <translation>weit stehende Augen</translation>
    </message>
    <message>
        <source>eyes set close</source>
        <translation>eng stehende Augen</translation>
    </message>
    <message>
        <source>nose across its wings</source>
        <translation>Nase über ihre Flügel</translation>
    </message>
    <message>
        <source>a wide nose</source>
        <translation>eine breite Nase</translation>
    </message>
    <message>
        <source>a narrow nose</source>
        <translation>eine schmale Nase</translation>
    </message>
    <message>
        <source>mouth across its corners</source>
        <translation>Mund über seine Winkel</translation>
    </message>
    <message>
        <source>a wide mouth</source>
        <translation>ein breiter Mund</translation>
    </message>
    <message>
        <source>a narrow mouth</source>
        <translation>ein schmaler Mund</translation>
    </message>
    <message>
        <source>ear&apos;s top above the eyes</source>
        <translation>Oberkante des Ohrs über den Augen</translation>
    </message>
    <message>
        <source>high ears</source>
        <translation>hohe Ohren</translation>
    </message>
    <message>
        <source>low ears</source>
        <translation>tiefe Ohren</translation>
    </message>
    <message>
        <source>ear from top to lobe</source>
        <translation>Ohr von oben bis zum Läppchen</translation>
    </message>
    <message>
        <source>long ears</source>
        <translation>lange Ohren</translation>
    </message>
    <message>
        <source>short ears</source>
        <translation>kurze Ohren</translation>
    </message>
    <message>
        <source>{what}: {name} {sitter}; rule {rule}.</source>
        <translation>{what}: {name} {sitter}; Regel {rule}.</translation>
    </message>
    <message>
        <source>inner end of the left eyebrow</source>
        <translation>inneres Ende der linken Augenbraue</translation>
    </message>
    <message>
        <source>Next to the nose, in the middle of the eyebrow&apos;s thickness.</source>
        <translation>Neben der Nase, in der Mitte der Dicke der Augenbraue.</translation>
    </message>
    <message>
        <source>inner end of the right eyebrow</source>
        <translation>inneres Ende der rechten Augenbraue</translation>
    </message>
    <message>
        <source>peak of the left eyebrow</source>
        <translation>höchster Punkt der linken Augenbraue</translation>
    </message>
    <message>
        <source>Its highest place, in the middle of its thickness.</source>
        <translation>Ihre höchste Stelle, in der Mitte ihrer Dicke.</translation>
    </message>
    <message>
        <source>peak of the right eyebrow</source>
        <translation>höchster Punkt der rechten Augenbraue</translation>
    </message>
    <message>
        <source>outer end of the left eyebrow</source>
        <translation>äußeres Ende der linken Augenbraue</translation>
    </message>
    <message>
        <source>Next to the temple, where the eyebrow runs out.</source>
        <translation>Neben der Schläfe, wo die Augenbraue ausläuft.</translation>
    </message>
    <message>
        <source>outer end of the right eyebrow</source>
        <translation>äußeres Ende der rechten Augenbraue</translation>
    </message>
    <message>
        <source>upper lid of the left eye</source>
        <translation>Oberlid des linken Auges</translation>
    </message>
    <message>
        <source>The highest place of the lid&apos;s edge, not of its fold.</source>
        <translation>Die höchste Stelle der Lidkante, nicht der Lidfalte.</translation>
    </message>
    <message>
        <source>upper lid of the right eye</source>
        <translation>Oberlid des rechten Auges</translation>
    </message>
    <message>
        <source>lower lid of the left eye</source>
        <translation>Unterlid des linken Auges</translation>
    </message>
    <message>
        <source>The lowest place of the lid&apos;s edge.</source>
        <translation>Die tiefste Stelle der Lidkante.</translation>
    </message>
    <message>
        <source>lower lid of the right eye</source>
        <translation>Unterlid des rechten Auges</translation>
    </message>
    <message>
        <source>upper edge of the upper lip</source>
        <translation>obere Kante der Oberlippe</translation>
    </message>
    <message>
        <source>On the centre line, in the dip of the lip&apos;s bow.</source>
        <translation>Auf der Mittellinie, in der Senke des Lippenbogens.</translation>
    </message>
    <message>
        <source>lower edge of the lower lip</source>
        <translation>untere Kante der Unterlippe</translation>
    </message>
    <message>
        <source>On the centre line, where the lip&apos;s red ends.</source>
        <translation>Auf der Mittellinie, wo das Lippenrot endet.</translation>
    </message>
    <message>
        <source>height of the eyebrows</source>
        <translation>Höhe der Augenbrauen</translation>
    </message>
    <message>
        <source>Both eyebrows sit too high: {lower_them} {amount}.</source>
        <translation>Beide Augenbrauen sitzen zu hoch: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>Both eyebrows sit too low: {raise_them} {amount}.</source>
        <translation>Beide Augenbrauen sitzen zu tief: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>Compare the space between upper lid and eyebrow with the height of the open eye.</source>
        <translation>Vergleiche den Abstand zwischen Oberlid und Augenbraue mit der Höhe des offenen Auges.</translation>
    </message>
    <message>
        <source>slant of the eyebrows</source>
        <translation>Neigung der Augenbrauen</translation>
    </message>
    <message>
        <source>Both eyebrows rise too steeply towards the temples. Turn each by {amount}, outer end down and inner end up.</source>
        <translation>Beide Augenbrauen steigen zu den Schläfen hin zu steil an. Dreh jede um {amount}, das äußere Ende nach unten, das innere nach oben.</translation>
    </message>
    <message>
        <source>Both eyebrows slope too far down towards the temples. Turn each by {amount}, outer end up and inner end down.</source>
        <translation>Beide Augenbrauen fallen zu den Schläfen hin zu stark ab. Dreh jede um {amount}, das äußere Ende nach oben, das innere nach unten.</translation>
    </message>
    <message>
        <source>Hold the pencil along the eyebrow, from its start to its end, and carry the slant over.</source>
        <translation>Halt den Stift an die Augenbraue, vom Anfang zum Ende, und übertrage die Neigung.</translation>
    </message>
    <message>
        <source>length of the eyebrows</source>
        <translation>Länge der Augenbrauen</translation>
    </message>
    <message>
        <source>Both eyebrows are too long: bring their outer ends in {amount}.</source>
        <translation>Beide Augenbrauen sind zu lang: nimm ihre äußeren Enden um {amount} zurück.</translation>
    </message>
    <message>
        <source>Both eyebrows are too short: take their outer ends out {amount}.</source>
        <translation>Beide Augenbrauen sind zu kurz: führ ihre äußeren Enden um {amount} weiter hinaus.</translation>
    </message>
    <message>
        <source>Lay the pencil from the wing of the nose past the outer corner of the eye and see where the eyebrow ends.</source>
        <translation>Leg den Stift vom Nasenflügel am äußeren Augenwinkel vorbei und sieh, wo die Augenbraue endet.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow sits too high: {lower_it} {amount}.</source>
        <translation>Die linke Augenbraue des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow sits too low: {raise_it} {amount}.</source>
        <translation>Die linke Augenbraue des Modells sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow rises too steeply towards the temple. Turn it by {amount}, outer end down and inner end up.</source>
        <translation>Die linke Augenbraue des Modells steigt zur Schläfe hin zu steil an. Dreh sie um {amount}, das äußere Ende nach unten, das innere nach oben.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow slopes too far down towards the temple. Turn it by {amount}, outer end up and inner end down.</source>
        <translation>Die linke Augenbraue des Modells fällt zur Schläfe hin zu stark ab. Dreh sie um {amount}, das äußere Ende nach oben, das innere nach unten.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow is too long: bring its outer end in {amount}.</source>
        <translation>Die linke Augenbraue des Modells ist zu lang: nimm ihr äußeres Ende um {amount} zurück.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow is too short: take its outer end out {amount}.</source>
        <translation>Die linke Augenbraue des Modells ist zu kurz: führ ihr äußeres Ende um {amount} weiter hinaus.</translation>
    </message>
    <message>
        <source>outer end of an eyebrow</source>
        <translation>äußeres Ende einer Augenbraue</translation>
    </message>
    <message>
        <source>The outer end of the sitter&apos;s left eyebrow sits too high: {lower_it} {amount}.</source>
        <translation>Das äußere Ende der linken Augenbraue des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The outer end of the sitter&apos;s left eyebrow hangs too low: {raise_it} {amount}.</source>
        <translation>Das äußere Ende der linken Augenbraue des Modells hängt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>See how far the eyebrow&apos;s outer end stands above the outer corner of the eye.</source>
        <translation>Sieh, wie weit das äußere Ende der Augenbraue über dem äußeren Augenwinkel steht.</translation>
    </message>
    <message>
        <source>inner end of an eyebrow</source>
        <translation>inneres Ende einer Augenbraue</translation>
    </message>
    <message>
        <source>The inner end of the sitter&apos;s left eyebrow sits too high: {lower_it} {amount}.</source>
        <translation>Das innere Ende der linken Augenbraue des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The inner end of the sitter&apos;s left eyebrow sits too low: {raise_it} {amount}.</source>
        <translation>Das innere Ende der linken Augenbraue des Modells sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>See how far the eyebrow&apos;s inner end stands above the inner corner of the eye.</source>
        <translation>Sieh, wie weit das innere Ende der Augenbraue über dem inneren Augenwinkel steht.</translation>
    </message>
    <message>
        <source>arch of an eyebrow</source>
        <translation>Wölbung einer Augenbraue</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow arches too high: its peak, {lower_it} {amount}.</source>
        <translation>Die linke Augenbraue des Modells wölbt sich zu hoch. Ihr höchster Punkt: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow is too flat: its peak, {raise_it} {amount}.</source>
        <translation>Die linke Augenbraue des Modells ist zu flach. Ihr höchster Punkt: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Hold the pencil from one end of the eyebrow to the other and see how far its peak rises above it.</source>
        <translation>Halt den Stift von einem Ende der Augenbraue zum anderen und sieh, wie weit ihr höchster Punkt darüber hinausragt.</translation>
    </message>
    <message>
        <source>where an eyebrow peaks</source>
        <translation>wo eine Augenbraue am höchsten ist</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow peaks too far out: move its peak {way} {amount}.</source>
        <translation>Der höchste Punkt der linken Augenbraue des Modells liegt zu weit außen: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eyebrow peaks too near the nose: move its peak {way} {amount}.</source>
        <translation>Der höchste Punkt der linken Augenbraue des Modells liegt zu nah an der Nase: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop a plumb line from the eyebrow&apos;s peak and see where it meets the eye.</source>
        <translation>Fälle ein Lot vom höchsten Punkt der Augenbraue und sieh, wo es das Auge trifft.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow sits too high: {lower_it} {amount}.</source>
        <translation>Die rechte Augenbraue des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow sits too low: {raise_it} {amount}.</source>
        <translation>Die rechte Augenbraue des Modells sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow rises too steeply towards the temple. Turn it by {amount}, outer end down and inner end up.</source>
        <translation>Die rechte Augenbraue des Modells steigt zur Schläfe hin zu steil an. Dreh sie um {amount}, das äußere Ende nach unten, das innere nach oben.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow slopes too far down towards the temple. Turn it by {amount}, outer end up and inner end down.</source>
        <translation>Die rechte Augenbraue des Modells fällt zur Schläfe hin zu stark ab. Dreh sie um {amount}, das äußere Ende nach oben, das innere nach unten.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow is too long: bring its outer end in {amount}.</source>
        <translation>Die rechte Augenbraue des Modells ist zu lang: nimm ihr äußeres Ende um {amount} zurück.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow is too short: take its outer end out {amount}.</source>
        <translation>Die rechte Augenbraue des Modells ist zu kurz: führ ihr äußeres Ende um {amount} weiter hinaus.</translation>
    </message>
    <message>
        <source>The outer end of the sitter&apos;s right eyebrow sits too high: {lower_it} {amount}.</source>
        <translation>Das äußere Ende der rechten Augenbraue des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The outer end of the sitter&apos;s right eyebrow hangs too low: {raise_it} {amount}.</source>
        <translation>Das äußere Ende der rechten Augenbraue des Modells hängt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The inner end of the sitter&apos;s right eyebrow sits too high: {lower_it} {amount}.</source>
        <translation>Das innere Ende der rechten Augenbraue des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The inner end of the sitter&apos;s right eyebrow sits too low: {raise_it} {amount}.</source>
        <translation>Das innere Ende der rechten Augenbraue des Modells sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow arches too high: its peak, {lower_it} {amount}.</source>
        <translation>Die rechte Augenbraue des Modells wölbt sich zu hoch. Ihr höchster Punkt: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow is too flat: its peak, {raise_it} {amount}.</source>
        <translation>Die rechte Augenbraue des Modells ist zu flach. Ihr höchster Punkt: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow peaks too far out: move its peak {way} {amount}.</source>
        <translation>Der höchste Punkt der rechten Augenbraue des Modells liegt zu weit außen: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eyebrow peaks too near the nose: move its peak {way} {amount}.</source>
        <translation>Der höchste Punkt der rechten Augenbraue des Modells liegt zu nah an der Nase: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>opening of the eyes</source>
        <translation>Öffnung der Augen</translation>
    </message>
    <message>
        <source>Both eyes are too wide open: bring the lids together by {amount}.</source>
        <translation>Beide Augen sind zu weit offen: rück die Lider um {amount} zusammen.</translation>
    </message>
    <message>
        <source>Both eyes are not open enough: part the lids by {amount}.</source>
        <translation>Beide Augen sind nicht weit genug offen: rück die Lider um {amount} auseinander.</translation>
    </message>
    <message>
        <source>Compare the height of the open eye with its width.</source>
        <translation>Vergleiche die Höhe des offenen Auges mit seiner Breite.</translation>
    </message>
    <message>
        <source>upper lid</source>
        <translation>Oberlid</translation>
    </message>
    <message>
        <source>Both upper lids sit too high, which makes the eyes look startled: {lower_them} {amount}.</source>
        <translation>Beide Oberlider sitzen zu hoch, und die Augen wirken erschrocken: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>Both upper lids sit too low, which makes the eyes look sleepy: {raise_them} {amount}.</source>
        <translation>Beide Oberlider sitzen zu tief, und die Augen wirken schläfrig: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>See how much of the iris the upper lid covers.</source>
        <translation>Sieh, wie viel von der Iris das Oberlid bedeckt.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eye is too wide open: bring its lids together by {amount}.</source>
        <translation>Das linke Auge des Modells ist zu weit offen: rück seine Lider um {amount} zusammen.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eye is not open enough: part its lids by {amount}.</source>
        <translation>Das linke Auge des Modells ist nicht weit genug offen: rück seine Lider um {amount} auseinander.</translation>
    </message>
    <message>
        <source>The upper lid of the sitter&apos;s left eye sits too high: {lower_it} {amount}.</source>
        <translation>Das Oberlid des linken Auges des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The upper lid of the sitter&apos;s left eye sits too low: {raise_it} {amount}.</source>
        <translation>Das Oberlid des linken Auges des Modells sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>lower lid</source>
        <translation>Unterlid</translation>
    </message>
    <message>
        <source>The lower lid of the sitter&apos;s left eye sits too low: {raise_it} {amount}.</source>
        <translation>Das Unterlid des linken Auges des Modells sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The lower lid of the sitter&apos;s left eye sits too high: {lower_it} {amount}.</source>
        <translation>Das Unterlid des linken Auges des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>See whether the lower lid touches the iris or leaves white below it.</source>
        <translation>Sieh, ob das Unterlid die Iris berührt oder Weiß darunter lässt.</translation>
    </message>
    <message>
        <source>where the upper lid peaks</source>
        <translation>wo das Oberlid am höchsten ist</translation>
    </message>
    <message>
        <source>The upper lid of the sitter&apos;s left eye peaks too far out: move its highest place {way} {amount}.</source>
        <translation>Die höchste Stelle des Oberlids am linken Auge des Modells liegt zu weit außen: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>The upper lid of the sitter&apos;s left eye peaks too near the nose: move its highest place {way} {amount}.</source>
        <translation>Die höchste Stelle des Oberlids am linken Auge des Modells liegt zu nah an der Nase: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>The upper lid seldom peaks over the middle of the eye: compare its highest place with the iris.</source>
        <translation>Das Oberlid ist selten über der Mitte des Auges am höchsten: vergleiche seine höchste Stelle mit der Iris.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eye is too wide open: bring its lids together by {amount}.</source>
        <translation>Das rechte Auge des Modells ist zu weit offen: rück seine Lider um {amount} zusammen.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eye is not open enough: part its lids by {amount}.</source>
        <translation>Das rechte Auge des Modells ist nicht weit genug offen: rück seine Lider um {amount} auseinander.</translation>
    </message>
    <message>
        <source>The upper lid of the sitter&apos;s right eye sits too high: {lower_it} {amount}.</source>
        <translation>Das Oberlid des rechten Auges des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The upper lid of the sitter&apos;s right eye sits too low: {raise_it} {amount}.</source>
        <translation>Das Oberlid des rechten Auges des Modells sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The lower lid of the sitter&apos;s right eye sits too low: {raise_it} {amount}.</source>
        <translation>Das Unterlid des rechten Auges des Modells sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The lower lid of the sitter&apos;s right eye sits too high: {lower_it} {amount}.</source>
        <translation>Das Unterlid des rechten Auges des Modells sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The upper lid of the sitter&apos;s right eye peaks too far out: move its highest place {way} {amount}.</source>
        <translation>Die höchste Stelle des Oberlids am rechten Auge des Modells liegt zu weit außen: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>The upper lid of the sitter&apos;s right eye peaks too near the nose: move its highest place {way} {amount}.</source>
        <translation>Die höchste Stelle des Oberlids am rechten Auge des Modells liegt zu nah an der Nase: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>direction of the look</source>
        <translation>Richtung des Blicks</translation>
    </message>
    <message>
        <source>Both irises sit too far to your right, and the look goes elsewhere: move them {way} {amount}.</source>
        <translation>Beide Iriden sitzen, von dir aus gesehen, zu weit rechts, und der Blick geht woandershin: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>Both irises sit too far to your left, and the look goes elsewhere: move them {way} {amount}.</source>
        <translation>Beide Iriden sitzen, von dir aus gesehen, zu weit links, und der Blick geht woandershin: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>Compare the white on either side of each iris.</source>
        <translation>Vergleiche das Weiß zu beiden Seiten jeder Iris.</translation>
    </message>
    <message>
        <source>height of the look</source>
        <translation>Höhe des Blicks</translation>
    </message>
    <message>
        <source>Both irises sit too high, and the look goes elsewhere: {lower_them} {amount}.</source>
        <translation>Beide Iriden sitzen zu hoch, und der Blick geht woandershin: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>Both irises sit too low, and the look goes elsewhere: {raise_them} {amount}.</source>
        <translation>Beide Iriden sitzen zu tief, und der Blick geht woandershin: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>See how much of each iris the lids cover, above and below.</source>
        <translation>Sieh, wie viel von jeder Iris die Lider oben und unten bedecken.</translation>
    </message>
    <message>
        <source>The iris of the sitter&apos;s left eye sits too far to your right, and the eyes look two ways: move it {way} {amount}.</source>
        <translation>Die Iris des linken Auges des Modells sitzt, von dir aus gesehen, zu weit rechts, und die Augen schauen in zwei Richtungen: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>The iris of the sitter&apos;s left eye sits too far to your left, and the eyes look two ways: move it {way} {amount}.</source>
        <translation>Die Iris des linken Auges des Modells sitzt, von dir aus gesehen, zu weit links, und die Augen schauen in zwei Richtungen: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>The iris of the sitter&apos;s left eye sits too high, and the eyes look two ways: {lower_it} {amount}.</source>
        <translation>Die Iris des linken Auges des Modells sitzt zu hoch, und die Augen schauen in zwei Richtungen: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The iris of the sitter&apos;s left eye sits too low, and the eyes look two ways: {raise_it} {amount}.</source>
        <translation>Die Iris des linken Auges des Modells sitzt zu tief, und die Augen schauen in zwei Richtungen: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The iris of the sitter&apos;s right eye sits too far to your right, and the eyes look two ways: move it {way} {amount}.</source>
        <translation>Die Iris des rechten Auges des Modells sitzt, von dir aus gesehen, zu weit rechts, und die Augen schauen in zwei Richtungen: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>The iris of the sitter&apos;s right eye sits too far to your left, and the eyes look two ways: move it {way} {amount}.</source>
        <translation>Die Iris des rechten Auges des Modells sitzt, von dir aus gesehen, zu weit links, und die Augen schauen in zwei Richtungen: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>The iris of the sitter&apos;s right eye sits too high, and the eyes look two ways: {lower_it} {amount}.</source>
        <translation>Die Iris des rechten Auges des Modells sitzt zu hoch, und die Augen schauen in zwei Richtungen: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The iris of the sitter&apos;s right eye sits too low, and the eyes look two ways: {raise_it} {amount}.</source>
        <translation>Die Iris des rechten Auges des Modells sitzt zu tief, und die Augen schauen in zwei Richtungen: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>thickness of the lips</source>
        <translation>Dicke der Lippen</translation>
    </message>
    <message>
        <source>Both lips are too thick: bring each outer edge in by {amount}.</source>
        <translation>Beide Lippen sind zu dick: rück jede äußere Kante um {amount} herein.</translation>
    </message>
    <message>
        <source>Both lips are too thin: take each outer edge out by {amount}.</source>
        <translation>Beide Lippen sind zu dünn: rück jede äußere Kante um {amount} hinaus.</translation>
    </message>
    <message>
        <source>Compare both lips together with the width of the mouth.</source>
        <translation>Vergleiche beide Lippen zusammen mit der Breite des Mundes.</translation>
    </message>
    <message>
        <source>thickness of the upper lip</source>
        <translation>Dicke der Oberlippe</translation>
    </message>
    <message>
        <source>The upper lip is too thick: its upper edge sits too high, {lower_it} {amount}.</source>
        <translation>Die Oberlippe ist zu dick: ihre obere Kante sitzt zu hoch, {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The upper lip is too thin: its upper edge sits too low, {raise_it} {amount}.</source>
        <translation>Die Oberlippe ist zu dünn: ihre obere Kante sitzt zu tief, {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Compare the upper lip with the lower one, on the centre line.</source>
        <translation>Vergleiche Ober- und Unterlippe auf der Mittellinie.</translation>
    </message>
    <message>
        <source>thickness of the lower lip</source>
        <translation>Dicke der Unterlippe</translation>
    </message>
    <message>
        <source>The lower lip is too thick: its lower edge sits too low, {raise_it} {amount}.</source>
        <translation>Die Unterlippe ist zu dick: ihre untere Kante sitzt zu tief, {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The lower lip is too thin: its lower edge sits too high, {lower_it} {amount}.</source>
        <translation>Die Unterlippe ist zu dünn: ihre untere Kante sitzt zu hoch, {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>Step the lips&apos; parting to the lower lip&apos;s edge against that edge to the chin.</source>
        <translation>Trage die Strecke vom Lippenspalt zur Kante der Unterlippe gegen die von dort zum Kinn ab.</translation>
    </message>
    <message>
        <source>highlight</source>
        <translation>Glanzlicht</translation>
    </message>
    <message>
        <source>where the light is thrown straight at you; the paper stays bare</source>
        <translation>wo das Licht geradewegs zu dir geworfen wird; das Papier bleibt frei</translation>
    </message>
    <message>
        <source>light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>turned to the lamp; nothing here is as dark as the lightest shadow</source>
        <translation>der Lampe zugewandt; nichts hier ist so dunkel wie der hellste Schatten</translation>
    </message>
    <message>
        <source>halftone</source>
        <translation>Halbton</translation>
    </message>
    <message>
        <source>turning away from the lamp; it still belongs to the light</source>
        <translation>wendet sich von der Lampe ab; gehört noch zum Licht</translation>
    </message>
    <message>
        <source>form shadow</source>
        <translation>Eigenschatten</translation>
    </message>
    <message>
        <source>turned away from the lamp; lay it in as one shape first</source>
        <translation>von der Lampe abgewandt; leg ihn zuerst als eine Fläche an</translation>
    </message>
    <message>
        <source>core shadow</source>
        <translation>Kernschatten</translation>
    </message>
    <message>
        <source>just past where the light ends, the darkest of the form shadow; its edge is soft</source>
        <translation>gleich hinter dem Ende des Lichts, das Dunkelste des Eigenschattens; sein Rand ist weich</translation>
    </message>
    <message>
        <source>reflected light</source>
        <translation>Reflexlicht</translation>
    </message>
    <message>
        <source>light that comes back into the shadow; always darker than the halftone, however light it looks</source>
        <translation>Licht, das in den Schatten zurückkommt; immer dunkler als der Halbton, so hell es auch scheint</translation>
    </message>
    <message>
        <source>cast shadow</source>
        <translation>Schlagschatten</translation>
    </message>
    <message>
        <source>what something else keeps the lamp from; its edge is crisp near what throws it, and softens away from it</source>
        <translation>wovon etwas anderes die Lampe fernhält; sein Rand ist scharf nahe bei dem, was ihn wirft, und wird weicher, je weiter weg</translation>
    </message>
    <message>
        <source>crown of the head</source>
        <translation>Scheitel des Kopfes</translation>
    </message>
    <message>
        <source>The highest point of the skull. Look through the hair to the bone beneath.</source>
        <translation>Der höchste Punkt des Schädels. Sieh durch das Haar auf den Knochen darunter.</translation>
    </message>
    <message>
        <source>hairline</source>
        <translation>Haaransatz</translation>
    </message>
    <message>
        <source>On the centre line, where the forehead meets the hair.</source>
        <translation>Auf der Mittellinie, wo die Stirn auf das Haar trifft.</translation>
    </message>
    <message>
        <source>brow</source>
        <translation>Braue</translation>
    </message>
    <message>
        <source>On the centre line, between the eyebrows, where the forehead stands out most.</source>
        <translation>Auf der Mittellinie, zwischen den Augenbrauen, wo die Stirn am weitesten vorsteht.</translation>
    </message>
    <message>
        <source>root of the nose</source>
        <translation>Nasenwurzel</translation>
    </message>
    <message>
        <source>On the centre line, the deepest dip between forehead and nose.</source>
        <translation>Auf der Mittellinie, die tiefste Senke zwischen Stirn und Nase.</translation>
    </message>
    <message>
        <source>inner corner of the left eye</source>
        <translation>innerer Winkel des linken Auges</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eye, the corner next to the nose.</source>
        <translation>Das linke Auge des Modells, der Winkel neben der Nase.</translation>
    </message>
    <message>
        <source>inner corner of the right eye</source>
        <translation>innerer Winkel des rechten Auges</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eye, the corner next to the nose.</source>
        <translation>Das rechte Auge des Modells, der Winkel neben der Nase.</translation>
    </message>
    <message>
        <source>outer corner of the left eye</source>
        <translation>äußerer Winkel des linken Auges</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eye, the corner next to the temple.</source>
        <translation>Das linke Auge des Modells, der Winkel neben der Schläfe.</translation>
    </message>
    <message>
        <source>outer corner of the right eye</source>
        <translation>äußerer Winkel des rechten Auges</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eye, the corner next to the temple.</source>
        <translation>Das rechte Auge des Modells, der Winkel neben der Schläfe.</translation>
    </message>
    <message>
        <source>pupil of the left eye</source>
        <translation>Pupille des linken Auges</translation>
    </message>
    <message>
        <source>The middle of the sitter&apos;s left pupil.</source>
        <translation>Die Mitte der linken Pupille des Modells.</translation>
    </message>
    <message>
        <source>pupil of the right eye</source>
        <translation>Pupille des rechten Auges</translation>
    </message>
    <message>
        <source>The middle of the sitter&apos;s right pupil.</source>
        <translation>Die Mitte der rechten Pupille des Modells.</translation>
    </message>
    <message>
        <source>tip of the nose</source>
        <translation>Nasenspitze</translation>
    </message>
    <message>
        <source>The point of the nose that stands out furthest.</source>
        <translation>Der Punkt der Nase, der am weitesten vorsteht.</translation>
    </message>
    <message>
        <source>base of the nose</source>
        <translation>Basis der Nase</translation>
    </message>
    <message>
        <source>On the centre line, where the nose meets the upper lip.</source>
        <translation>Auf der Mittellinie, wo die Nase auf die Oberlippe trifft.</translation>
    </message>
    <message>
        <source>left wing of the nose</source>
        <translation>linker Nasenflügel</translation>
    </message>
    <message>
        <source>The outermost curve of the sitter&apos;s left nostril.</source>
        <translation>Der äußerste Bogen des linken Nasenlochs des Modells.</translation>
    </message>
    <message>
        <source>right wing of the nose</source>
        <translation>rechter Nasenflügel</translation>
    </message>
    <message>
        <source>The outermost curve of the sitter&apos;s right nostril.</source>
        <translation>Der äußerste Bogen des rechten Nasenlochs des Modells.</translation>
    </message>
    <message>
        <source>left corner of the mouth</source>
        <translation>linker Mundwinkel</translation>
    </message>
    <message>
        <source>On the sitter&apos;s left, where the lips meet.</source>
        <translation>Auf der linken Seite des Modells, wo die Lippen sich treffen.</translation>
    </message>
    <message>
        <source>right corner of the mouth</source>
        <translation>rechter Mundwinkel</translation>
    </message>
    <message>
        <source>On the sitter&apos;s right, where the lips meet.</source>
        <translation>Auf der rechten Seite des Modells, wo die Lippen sich treffen.</translation>
    </message>
    <message>
        <source>parting of the lips</source>
        <translation>Lippenspalt</translation>
    </message>
    <message>
        <source>On the centre line, where the lips meet.</source>
        <translation>Auf der Mittellinie, wo die Lippen sich treffen.</translation>
    </message>
    <message>
        <source>chin</source>
        <translation>Kinn</translation>
    </message>
    <message>
        <source>On the centre line, the lowest point of the chin.</source>
        <translation>Auf der Mittellinie, der tiefste Punkt des Kinns.</translation>
    </message>
    <message>
        <source>angle of the left jaw</source>
        <translation>linker Kieferwinkel</translation>
    </message>
    <message>
        <source>Below the sitter&apos;s left ear, where the jaw turns towards the chin.</source>
        <translation>Unter dem linken Ohr des Modells, wo der Kiefer zum Kinn abbiegt.</translation>
    </message>
    <message>
        <source>angle of the right jaw</source>
        <translation>rechter Kieferwinkel</translation>
    </message>
    <message>
        <source>Below the sitter&apos;s right ear, where the jaw turns towards the chin.</source>
        <translation>Unter dem rechten Ohr des Modells, wo der Kiefer zum Kinn abbiegt.</translation>
    </message>
    <message>
        <source>top of the left ear</source>
        <translation>Oberkante des linken Ohrs</translation>
    </message>
    <message>
        <source>The highest point of the sitter&apos;s left ear.</source>
        <translation>Der höchste Punkt des linken Ohrs des Modells.</translation>
    </message>
    <message>
        <source>top of the right ear</source>
        <translation>Oberkante des rechten Ohrs</translation>
    </message>
    <message>
        <source>The highest point of the sitter&apos;s right ear.</source>
        <translation>Der höchste Punkt des rechten Ohrs des Modells.</translation>
    </message>
    <message>
        <source>base of the left ear</source>
        <translation>Unterkante des linken Ohrs</translation>
    </message>
    <message>
        <source>The lowest point of the sitter&apos;s left ear lobe.</source>
        <translation>Der tiefste Punkt des linken Ohrläppchens des Modells.</translation>
    </message>
    <message>
        <source>base of the right ear</source>
        <translation>Unterkante des rechten Ohrs</translation>
    </message>
    <message>
        <source>The lowest point of the sitter&apos;s right ear lobe.</source>
        <translation>Der tiefste Punkt des rechten Ohrläppchens des Modells.</translation>
    </message>
    <message>
        <source>back of the head</source>
        <translation>Hinterkopf</translation>
    </message>
    <message>
        <source>The point of the skull furthest behind the brow. Mark it only from the side.</source>
        <translation>Der Punkt des Schädels am weitesten hinter der Braue. Markier ihn nur von der Seite.</translation>
    </message>
    <message>
        <source>Crown: {down} from the top, {across} from the left</source>
        <translation>Scheitel: {down} von oben, {across} von links</translation>
    </message>
    <message>
        <source>Chin: {down} from the top, {across} from the left</source>
        <translation>Kinn: {down} von oben, {across} von links</translation>
    </message>
    <message>
        <source>Sides: {left} from the left, {right} from the right</source>
        <translation>Seiten: {left} von links, {right} von rechts</translation>
    </message>
    <message>
        <source>Brow line: from {a} down, {b} across, to {c} down, {d} across</source>
        <translation>Brauenlinie: von {a} unten, {b} quer, bis {c} unten, {d} quer</translation>
    </message>
    <message>
        <source>Centre line: from {a} down, {b} across, to {c} down, {d} across</source>
        <translation>Mittellinie: von {a} unten, {b} quer, bis {c} unten, {d} quer</translation>
    </message>
    <message>
        <source>Too few drawings yet to tell habit from chance: {count} of at least {needed}. Every head counts.</source>
        <translation>Noch zu wenige Zeichnungen, um Gewohnheit von Zufall zu trennen: {count} von mindestens {needed}. Jeder Kopf zählt.</translation>
    </message>
    <message>
        <source>{habit}, in {same} of {count}.</source>
        <translation>{habit}, in {same} von {count}.</translation>
    </message>
    <message>
        <source>It was {before} % at first and is {lately} % now.</source>
        <translation>Anfangs waren es {before} %, jetzt sind es {lately} %.</translation>
    </message>
    <message>
        <source>It has grown from {before} % to {lately} %.</source>
        <translation>Es ist von {before} % auf {lately} % gewachsen.</translation>
    </message>
    <message>
        <source>On the whole your marks come nearer by {percent} % of the head a month.</source>
        <translation>Im Ganzen kommen deine Marken im Monat um {percent} % des Kopfes näher.</translation>
    </message>
    <message>
        <source>On the whole your marks drift off by {percent} % of the head a month: shorter sittings, or easier poses for a while?</source>
        <translation>Im Ganzen rücken deine Marken im Monat um {percent} % des Kopfes weg: kürzere Sitzungen oder eine Weile leichtere Haltungen?</translation>
    </message>
    <message>
        <source>No trend over time that can be told yet.</source>
        <translation>Noch kein Verlauf über die Zeit, der sich sagen ließe.</translation>
    </message>
    <message>
        <source>In {count} drawings that you photographed again the marks came from {before} % of the head off to {after} %: this is what mending is worth.</source>
        <translation>In {count} Zeichnungen, die du noch einmal fotografiert hast, kamen die Marken von {before} % des Kopfes Abstand auf {after} %: So viel ist das Verbessern wert.</translation>
    </message>
    <message>
        <source>Measuring before you draw serves you: your marks lie nearer by {percent} % of the head (between {low} and {high} %).</source>
        <translation>Vor dem Zeichnen zu messen hilft dir: Deine Marken liegen um {percent} % des Kopfes näher (zwischen {low} und {high} %).</translation>
    </message>
    <message>
        <source>Drawing first and measuring afterwards serves you: your marks lie nearer by {percent} % of the head (between {low} and {high} %).</source>
        <translation>Erst zu zeichnen und danach zu messen hilft dir: Deine Marken liegen um {percent} % des Kopfes näher (zwischen {low} und {high} %).</translation>
    </message>
    <message>
        <source>Whether you measure before you draw or after makes no difference that can be told.</source>
        <translation>Ob du vor dem Zeichnen misst oder danach, macht keinen Unterschied, der sich sagen ließe.</translation>
    </message>
    <message>
        <source>Your guesses of the turn are {degrees}° off on average.</source>
        <translation>Deine Schätzungen der Drehung liegen im Mittel {degrees}° daneben.</translation>
    </message>
    <message>
        <source>Before the check your own eye named the first thing to mend in {agreed} of {asked}.</source>
        <translation>Vor der Prüfung nannte dein eigenes Auge das Erste, was zu bessern war, in {agreed} von {asked}.</translation>
    </message>
    <message>
        <source>The marks lay {before} % of the head from their places, and then {after} %.</source>
        <translation>Die Marken lagen {before} % des Kopfes neben ihren Plätzen, dann {after} %.</translation>
    </message>
    <message>
        <source>The turn was off by {before}°, and then by {after}°.</source>
        <translation>Die Drehung lag {before}° daneben, dann {after}°.</translation>
    </message>
    <message>
        <source>No longer to mend: {list}.</source>
        <translation>Nicht mehr zu bessern: {list}.</translation>
    </message>
    <message>
        <source>Still there: {list}.</source>
        <translation>Noch da: {list}.</translation>
    </message>
    <message>
        <source>New: {list}.</source>
        <translation>Neu: {list}.</translation>
    </message>
    <message>
        <source>a longer middle of the face</source>
        <translation>eine längere Gesichtsmitte</translation>
    </message>
    <message>
        <source>a shorter middle of the face</source>
        <translation>eine kürzere Gesichtsmitte</translation>
    </message>
    <message>
        <source>a longer chin</source>
        <translation>ein längeres Kinn</translation>
    </message>
    <message>
        <source>a shorter chin</source>
        <translation>ein kürzeres Kinn</translation>
    </message>
    <message>
        <source>a higher mouth</source>
        <translation>einen höheren Mund</translation>
    </message>
    <message>
        <source>a lower mouth</source>
        <translation>einen tieferen Mund</translation>
    </message>
    <message>
        <source>higher eyes</source>
        <translation>höhere Augen</translation>
    </message>
    <message>
        <source>lower eyes</source>
        <translation>tiefere Augen</translation>
    </message>
    <message>
        <source>a wider face</source>
        <translation>ein breiteres Gesicht</translation>
    </message>
    <message>
        <source>a narrower face</source>
        <translation>ein schmaleres Gesicht</translation>
    </message>
    <message>
        <source>eyes set wider apart</source>
        <translation>weiter stehende Augen</translation>
    </message>
    <message>
        <source>eyes set closer together</source>
        <translation>enger stehende Augen</translation>
    </message>
    <message>
        <source>wider eyes</source>
        <translation>breitere Augen</translation>
    </message>
    <message>
        <source>narrower eyes</source>
        <translation>schmalere Augen</translation>
    </message>
    <message>
        <source>a wider jaw</source>
        <translation>einen breiteren Kiefer</translation>
    </message>
    <message>
        <source>a narrower jaw</source>
        <translation>einen schmaleren Kiefer</translation>
    </message>
    <message>
        <source>a nose tip that stands higher</source>
        <translation>eine höher stehende Nasenspitze</translation>
    </message>
    <message>
        <source>a nose tip that hangs lower</source>
        <translation>eine tiefer hängende Nasenspitze</translation>
    </message>
    <message>
        <source>a nose that stands out more</source>
        <translation>eine weiter vorstehende Nase</translation>
    </message>
    <message>
        <source>a nose that stands out less</source>
        <translation>eine weniger vorstehende Nase</translation>
    </message>
    <message>
        <source>a wider nose</source>
        <translation>eine breitere Nase</translation>
    </message>
    <message>
        <source>a narrower nose</source>
        <translation>eine schmalere Nase</translation>
    </message>
    <message>
        <source>a wider mouth</source>
        <translation>einen breiteren Mund</translation>
    </message>
    <message>
        <source>a narrower mouth</source>
        <translation>einen schmaleren Mund</translation>
    </message>
    <message>
        <source>higher ears</source>
        <translation>höhere Ohren</translation>
    </message>
    <message>
        <source>lower ears</source>
        <translation>tiefere Ohren</translation>
    </message>
    <message>
        <source>a higher hairline</source>
        <translation>einen höheren Haaransatz</translation>
    </message>
    <message>
        <source>a lower hairline</source>
        <translation>einen tieferen Haaransatz</translation>
    </message>
    <message>
        <source>a higher crown</source>
        <translation>einen höheren Scheitel</translation>
    </message>
    <message>
        <source>a flatter crown</source>
        <translation>einen flacheren Scheitel</translation>
    </message>
    <message>
        <source>size of the whole head</source>
        <translation>Größe des ganzen Kopfes</translation>
    </message>
    <message>
        <source>The whole head is {amount} too large. Set its height on the paper before you start.</source>
        <translation>Der ganze Kopf ist um {amount} zu groß. Leg seine Höhe auf dem Papier fest, bevor du anfängst.</translation>
    </message>
    <message>
        <source>The whole head is {amount} too small. Set its height on the paper before you start.</source>
        <translation>Der ganze Kopf ist um {amount} zu klein. Leg seine Höhe auf dem Papier fest, bevor du anfängst.</translation>
    </message>
    <message>
        <source>Mark crown and chin on the paper first and keep between them.</source>
        <translation>Markiere zuerst Scheitel und Kinn auf dem Papier und bleib dazwischen.</translation>
    </message>
    <message>
        <source>place of the head, up and down</source>
        <translation>Ort des Kopfes, hoch und tief</translation>
    </message>
    <message>
        <source>The whole head sits too high on the page: move it {way} {amount}.</source>
        <translation>Der ganze Kopf sitzt zu hoch auf dem Blatt: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>The whole head sits too low on the page: move it {way} {amount}.</source>
        <translation>Der ganze Kopf sitzt zu tief auf dem Blatt: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>Mark the middle of the head on the paper before the first line.</source>
        <translation>Markiere vor der ersten Linie die Mitte des Kopfes auf dem Papier.</translation>
    </message>
    <message>
        <source>place of the head, across</source>
        <translation>Ort des Kopfes, quer</translation>
    </message>
    <message>
        <source>The whole head sits too far right on the page: move it {way} {amount}.</source>
        <translation>Der ganze Kopf sitzt zu weit rechts auf dem Blatt: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>The whole head sits too far left on the page: move it {way} {amount}.</source>
        <translation>Der ganze Kopf sitzt zu weit links auf dem Blatt: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop a plumb line through the middle of photo and paper.</source>
        <translation>Zieh ein Lot durch die Mitte von Foto und Papier.</translation>
    </message>
    <message>
        <source>lean of the head</source>
        <translation>Seitneigung des Kopfes</translation>
    </message>
    <message>
        <source>The whole head leans {amount} too far to your right.</source>
        <translation>Der ganze Kopf neigt sich um {amount} zu weit nach rechts.</translation>
    </message>
    <message>
        <source>The whole head leans {amount} too far to your left.</source>
        <translation>Der ganze Kopf neigt sich um {amount} zu weit nach links.</translation>
    </message>
    <message>
        <source>Hold the pencil along the centre line and compare its slope.</source>
        <translation>Halt den Bleistift an die Mittellinie und vergleich ihre Schräge.</translation>
    </message>
    <message>
        <source>slope of the eyes</source>
        <translation>Schräge der Augen</translation>
    </message>
    <message>
        <source>The line of the eyes slopes: the sitter&apos;s left eye rides high. Turn the line by {amount}, that eye down and the other up.</source>
        <translation>Die Augenlinie steht schief: das linke Auge des Modells sitzt hoch. Dreh die Linie um {amount}, dieses Auge hinunter und das andere hinauf.</translation>
    </message>
    <message>
        <source>The line of the eyes slopes: the sitter&apos;s right eye rides high. Turn the line by {amount}, that eye down and the other up.</source>
        <translation>Die Augenlinie steht schief: das rechte Auge des Modells sitzt hoch. Dreh die Linie um {amount}, dieses Auge hinunter und das andere hinauf.</translation>
    </message>
    <message>
        <source>Hold the pencil across both inner eye corners: it runs with the brow line.</source>
        <translation>Halt den Bleistift über beide inneren Augenwinkel: er läuft mit der Brauenlinie.</translation>
    </message>
    <message>
        <source>width of the whole head</source>
        <translation>Breite des ganzen Kopfes</translation>
    </message>
    <message>
        <source>The whole head is {amount} too wide for its height. Bring both sides in.</source>
        <translation>Der ganze Kopf ist um {amount} zu breit für seine Höhe. Hol beide Seiten herein.</translation>
    </message>
    <message>
        <source>The whole head is {amount} too narrow for its height. Take both sides out.</source>
        <translation>Der ganze Kopf ist um {amount} zu schmal für seine Höhe. Nimm beide Seiten hinaus.</translation>
    </message>
    <message>
        <source>Lay the width of the head along its height and count how often it goes.</source>
        <translation>Leg die Breite des Kopfes an seine Höhe und zähl, wie oft sie hineingeht.</translation>
    </message>
    <message>
        <source>width of the face</source>
        <translation>Breite des Gesichts</translation>
    </message>
    <message>
        <source>The face is {amount} too wide inside the head. Bring its features towards the centre line.</source>
        <translation>Das Gesicht ist im Kopf um {amount} zu breit. Hol seine Züge zur Mittellinie.</translation>
    </message>
    <message>
        <source>The face is {amount} too narrow inside the head. Move its features away from the centre line.</source>
        <translation>Das Gesicht ist im Kopf um {amount} zu schmal. Rück seine Züge von der Mittellinie weg.</translation>
    </message>
    <message>
        <source>Count five eye-widths across the face.</source>
        <translation>Zähl fünf Augenbreiten über das Gesicht.</translation>
    </message>
    <message>
        <source>height of all features</source>
        <translation>Höhe aller Züge</translation>
    </message>
    <message>
        <source>All the features sit too high in the head: {lower_them} {amount}.</source>
        <translation>Alle Züge sitzen zu hoch im Kopf: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>All the features sit too low in the head: {raise_them} {amount}.</source>
        <translation>Alle Züge sitzen zu tief im Kopf: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>Halve the height from crown to chin: the eyes lie close to the half.</source>
        <translation>Halbier die Höhe vom Scheitel zum Kinn: die Augen liegen nahe der Hälfte.</translation>
    </message>
    <message>
        <source>length of the chin</source>
        <translation>Länge des Kinns</translation>
    </message>
    <message>
        <source>The chin is too short: {lower_it} {amount}.</source>
        <translation>Das Kinn ist zu kurz: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The chin is too long: {raise_it} {amount}.</source>
        <translation>Das Kinn ist zu lang: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Step nose base to chin against brow to nose base.</source>
        <translation>Schreite Nasenbasis bis Kinn gegen Braue bis Nasenbasis ab.</translation>
    </message>
    <message>
        <source>lower face</source>
        <translation>Untergesicht</translation>
    </message>
    <message>
        <source>The face below the nose is {amount} too long. Shorten it.</source>
        <translation>Das Gesicht unter der Nase ist um {amount} zu lang. Kürz es.</translation>
    </message>
    <message>
        <source>The face below the nose is {amount} too short. Lengthen it.</source>
        <translation>Das Gesicht unter der Nase ist um {amount} zu kurz. Verlänger es.</translation>
    </message>
    <message>
        <source>The hairline is too high: {lower_it} {amount}.</source>
        <translation>Der Haaransatz ist zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The forehead is cut short: the hairline is too low, {raise_it} {amount}.</source>
        <translation>Die Stirn ist abgeschnitten: der Haaransatz ist zu tief, {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Step brow to hairline against brow to nose base.</source>
        <translation>Schreite Braue bis Haaransatz gegen Braue bis Nasenbasis ab.</translation>
    </message>
    <message>
        <source>height of the crown</source>
        <translation>Höhe des Scheitels</translation>
    </message>
    <message>
        <source>The skull is too tall: the crown is too high, {lower_it} {amount}.</source>
        <translation>Der Schädel ist zu hoch: der Scheitel sitzt zu hoch, {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The top of the skull is cut off: the crown is too low, {raise_it} {amount}.</source>
        <translation>Die Schädeldecke ist abgeschnitten: der Scheitel sitzt zu tief, {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Halve crown to chin: the eyes lie close to the half.</source>
        <translation>Halbier Scheitel bis Kinn: die Augen liegen nahe der Hälfte.</translation>
    </message>
    <message>
        <source>height of the forehead</source>
        <translation>Höhe der Stirn</translation>
    </message>
    <message>
        <source>The forehead and skull are too tall: {lower_them} {amount}.</source>
        <translation>Stirn und Schädel sind zu hoch: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>The forehead and skull are cut short: {raise_them} {amount}.</source>
        <translation>Stirn und Schädel sind abgeschnitten: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>depth of the skull</source>
        <translation>Tiefe des Schädels</translation>
    </message>
    <message>
        <source>The head goes too far back: bring the back of the skull in {amount}.</source>
        <translation>Der Kopf reicht zu weit nach hinten: hol den Hinterkopf {amount} herein.</translation>
    </message>
    <message>
        <source>The back of the skull is cut off: take it out {amount}.</source>
        <translation>Der Hinterkopf ist abgeschnitten: nimm ihn {amount} hinaus.</translation>
    </message>
    <message>
        <source>From the side, lay brow to back of the skull along crown to chin.</source>
        <translation>Leg von der Seite Braue bis Hinterkopf an Scheitel bis Kinn.</translation>
    </message>
    <message>
        <source>height of the mouth</source>
        <translation>Höhe des Munds</translation>
    </message>
    <message>
        <source>The mouth sits too high: {lower_it} {amount}.</source>
        <translation>Der Mund sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The mouth sits too low: {raise_it} {amount}.</source>
        <translation>Der Mund sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Divide nose base to chin in three: the lips part at about the first third.</source>
        <translation>Teil Nasenbasis bis Kinn in drei: die Lippen teilen sich etwa am ersten Drittel.</translation>
    </message>
    <message>
        <source>length of the nose</source>
        <translation>Länge der Nase</translation>
    </message>
    <message>
        <source>The nose is too short: its base sits too high, {lower_it} {amount}.</source>
        <translation>Die Nase ist zu kurz: ihre Basis sitzt zu hoch, {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The nose is too long: its base sits too low, {raise_it} {amount}.</source>
        <translation>Die Nase ist zu lang: ihre Basis sitzt zu tief, {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Step brow to nose base against nose base to chin.</source>
        <translation>Schreite Braue bis Nasenbasis gegen Nasenbasis bis Kinn ab.</translation>
    </message>
    <message>
        <source>height of nose and mouth</source>
        <translation>Höhe von Nase und Mund</translation>
    </message>
    <message>
        <source>Nose and mouth sit too high: {lower_them} {amount}.</source>
        <translation>Nase und Mund sitzen zu hoch: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>Nose and mouth sit too low: {raise_them} {amount}.</source>
        <translation>Nase und Mund sitzen zu tief: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>height of mouth and chin</source>
        <translation>Höhe von Mund und Kinn</translation>
    </message>
    <message>
        <source>Mouth and chin sit too high: {lower_them} {amount}.</source>
        <translation>Mund und Kinn sitzen zu hoch: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>Mouth and chin sit too low: {raise_them} {amount}.</source>
        <translation>Mund und Kinn sitzen zu tief: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>mouth and chin off the centre line</source>
        <translation>Mund und Kinn neben der Mittellinie</translation>
    </message>
    <message>
        <source>Mouth and chin have slipped off the centre line: move them {way} {amount}.</source>
        <translation>Mund und Kinn sind von der Mittellinie abgerutscht: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop the centre line from the nose base through the middle of the chin.</source>
        <translation>Fälle die Mittellinie vom Nasenbasis durch die Mitte des Kinns.</translation>
    </message>
    <message>
        <source>height of all below the eyes</source>
        <translation>Höhe von allem unter den Augen</translation>
    </message>
    <message>
        <source>All that lies below the eyes sits too high: {lower_it} {amount}.</source>
        <translation>Alles unterhalb der Augen sitzt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>All that lies below the eyes sits too low: {raise_it} {amount}.</source>
        <translation>Alles unterhalb der Augen sitzt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Step brow to nose base against hairline to brow.</source>
        <translation>Trage die Strecke von der Braue zum Nasenbasis gegen die vom Haaransatz zur Braue ab.</translation>
    </message>
    <message>
        <source>all below the eyes off the centre line</source>
        <translation>alles unter den Augen neben der Mittellinie</translation>
    </message>
    <message>
        <source>Nose, mouth and chin have slipped off the centre line: move them {way} {amount}.</source>
        <translation>Nase, Mund und Kinn sind von der Mittellinie abgerutscht: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop the centre line from between the eyes to the chin.</source>
        <translation>Fälle die Mittellinie von der Mitte zwischen den Augen zum Kinn.</translation>
    </message>
    <message>
        <source>height of eyes and nose</source>
        <translation>Höhe von Augen und Nase</translation>
    </message>
    <message>
        <source>Eyes and nose sit too high: {lower_them} {amount}.</source>
        <translation>Augen und Nase sitzen zu hoch: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>Eyes and nose sit too low: {raise_them} {amount}.</source>
        <translation>Augen und Nase sitzen zu tief: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>Compare brow to eyes, and nose base to mouth, with the photograph.</source>
        <translation>Vergleiche Braue bis Augen und Nasenbasis bis Mund mit dem Foto.</translation>
    </message>
    <message>
        <source>eyes and nose off the centre line</source>
        <translation>Augen und Nase neben der Mittellinie</translation>
    </message>
    <message>
        <source>Eyes and nose have slipped across the face: move them {way} {amount}.</source>
        <translation>Augen und Nase sind im Gesicht gerutscht: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop the centre line from the brow to the chin and see what it halves.</source>
        <translation>Fälle die Mittellinie von der Braue zum Kinn und sieh, was sie halbiert.</translation>
    </message>
    <message>
        <source>height of eyes and brow</source>
        <translation>Höhe von Augen und Braue</translation>
    </message>
    <message>
        <source>Eyes and brow sit too high: {lower_them} {amount}.</source>
        <translation>Augen und Braue sitzen zu hoch: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>Eyes and brow sit too low: {raise_them} {amount}.</source>
        <translation>Augen und Braue sitzen zu tief: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>eyes and brow off the centre line</source>
        <translation>Augen und Braue neben der Mittellinie</translation>
    </message>
    <message>
        <source>Eyes and brow have slipped across the face: move them {way} {amount}.</source>
        <translation>Augen und Braue sind im Gesicht gerutscht: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>nose and mouth off the centre line</source>
        <translation>Nase und Mund neben der Mittellinie</translation>
    </message>
    <message>
        <source>Nose and mouth have slipped off the centre line: move them {way} {amount}.</source>
        <translation>Nase und Mund sind von der Mittellinie abgerutscht: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop the centre line from the brow through the parting of the lips to the chin.</source>
        <translation>Fälle die Mittellinie von der Braue durch den Lippenspalt zum Kinn.</translation>
    </message>
    <message>
        <source>height of the eyes</source>
        <translation>Höhe der Augen</translation>
    </message>
    <message>
        <source>The eyes sit too high: {lower_them} {amount}.</source>
        <translation>Die Augen sitzen zu hoch: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>The eyes sit too low: {raise_them} {amount}.</source>
        <translation>Die Augen sitzen zu tief: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>Compare brow to eye with eye to nose base: about one to three.</source>
        <translation>Vergleich Braue bis Auge mit Auge bis Nasenbasis: etwa eins zu drei.</translation>
    </message>
    <message>
        <source>height of the ears</source>
        <translation>Höhe der Ohren</translation>
    </message>
    <message>
        <source>The ears sit too high: {lower_them} {amount}.</source>
        <translation>Die Ohren sitzen zu hoch: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>The ears sit too low: {raise_them} {amount}.</source>
        <translation>Die Ohren sitzen zu tief: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>Run the brow line and the nose-base line back: the ear hangs between them.</source>
        <translation>Führ Brauenlinie und Nasenbasislinie nach hinten: das Ohr hängt dazwischen.</translation>
    </message>
    <message>
        <source>how far back the ears sit</source>
        <translation>wie weit hinten die Ohren sitzen</translation>
    </message>
    <message>
        <source>The ears sit too far forward: move them back {amount}.</source>
        <translation>Die Ohren sitzen zu weit vorn: rück sie {amount} nach hinten.</translation>
    </message>
    <message>
        <source>The ears sit too far back: bring them forward {amount}.</source>
        <translation>Die Ohren sitzen zu weit hinten: hol sie {amount} nach vorn.</translation>
    </message>
    <message>
        <source>The ear stands behind the upright through the middle of the side oval.</source>
        <translation>Das Ohr steht hinter der Senkrechten durch die Mitte des Seitenovals.</translation>
    </message>
    <message>
        <source>mouth off the centre line</source>
        <translation>Mund neben der Mittellinie</translation>
    </message>
    <message>
        <source>The mouth has slipped off the centre line: move it {way} {amount}.</source>
        <translation>Der Mund ist von der Mittellinie gerutscht: rück ihn {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop the centre line from the nose base through the parting of the lips.</source>
        <translation>Führ die Mittellinie von der Nasenbasis durch den Lippenspalt hinab.</translation>
    </message>
    <message>
        <source>nose off the centre line</source>
        <translation>Nase neben der Mittellinie</translation>
    </message>
    <message>
        <source>The nose has slipped off the centre line: move it {way} {amount}.</source>
        <translation>Die Nase ist von der Mittellinie gerutscht: rück sie {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop the centre line from the brow to the middle of the lips.</source>
        <translation>Führ die Mittellinie von der Braue zur Mitte der Lippen hinab.</translation>
    </message>
    <message>
        <source>eyes off the centre line</source>
        <translation>Augen neben der Mittellinie</translation>
    </message>
    <message>
        <source>The eyes have slipped across the face: move both {way} {amount}.</source>
        <translation>Die Augen sind im Gesicht gerutscht: rück beide {amount} {way}.</translation>
    </message>
    <message>
        <source>Measure from the centre line to each inner eye corner.</source>
        <translation>Miss von der Mittellinie zu jedem inneren Augenwinkel.</translation>
    </message>
    <message>
        <source>distance of the eyes</source>
        <translation>Abstand der Augen</translation>
    </message>
    <message>
        <source>The eyes stand too far apart: bring them together by {amount}.</source>
        <translation>Die Augen stehen zu weit auseinander: rück sie um {amount} zusammen.</translation>
    </message>
    <message>
        <source>The eyes stand too close together: part them by {amount}.</source>
        <translation>Die Augen stehen zu eng: rück sie um {amount} auseinander.</translation>
    </message>
    <message>
        <source>One eye-width fits between the eyes.</source>
        <translation>Zwischen die Augen passt eine Augenbreite.</translation>
    </message>
    <message>
        <source>spread of the eyes</source>
        <translation>Spannweite der Augen</translation>
    </message>
    <message>
        <source>The eyes are {amount} too wide across. Bring the outer corners in.</source>
        <translation>Die Augen sind zusammen um {amount} zu breit. Hol die äußeren Winkel herein.</translation>
    </message>
    <message>
        <source>The eyes are {amount} too narrow across. Take the outer corners out.</source>
        <translation>Die Augen sind zusammen um {amount} zu schmal. Nimm die äußeren Winkel hinaus.</translation>
    </message>
    <message>
        <source>size of the eyes</source>
        <translation>Größe der Augen</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eye is {amount} too wide. Narrow it.</source>
        <translation>Das linke Auge des Modells ist um {amount} zu breit. Mach es schmaler.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eye is {amount} too narrow. Widen it.</source>
        <translation>Das linke Auge des Modells ist um {amount} zu schmal. Mach es breiter.</translation>
    </message>
    <message>
        <source>Measure one eye with the pencil and carry it to the other.</source>
        <translation>Miss ein Auge mit dem Bleistift und trag es zum anderen.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eye is {amount} too wide. Narrow it.</source>
        <translation>Das rechte Auge des Modells ist um {amount} zu breit. Mach es schmaler.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eye is {amount} too narrow. Widen it.</source>
        <translation>Das rechte Auge des Modells ist um {amount} zu schmal. Mach es breiter.</translation>
    </message>
    <message>
        <source>height of one eye</source>
        <translation>Höhe eines Auges</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eye rides high: {lower_it} {amount}.</source>
        <translation>Das linke Auge des Modells sitzt hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s left eye sags: {raise_it} {amount}.</source>
        <translation>Das linke Auge des Modells hängt: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eye rides high: {lower_it} {amount}.</source>
        <translation>Das rechte Auge des Modells sitzt hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The sitter&apos;s right eye sags: {raise_it} {amount}.</source>
        <translation>Das rechte Auge des Modells hängt: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Both eyes are {amount} too wide. Narrow them.</source>
        <translation>Beide Augen sind um {amount} zu breit. Mach sie schmaler.</translation>
    </message>
    <message>
        <source>Both eyes are {amount} too narrow. Widen them.</source>
        <translation>Beide Augen sind um {amount} zu schmal. Mach sie breiter.</translation>
    </message>
    <message>
        <source>Lay one eye into the gap between the eyes.</source>
        <translation>Leg ein Auge in die Lücke zwischen den Augen.</translation>
    </message>
    <message>
        <source>width of the mouth</source>
        <translation>Breite des Munds</translation>
    </message>
    <message>
        <source>The mouth is {amount} too wide. Bring its corners in.</source>
        <translation>Der Mund ist um {amount} zu breit. Hol seine Winkel herein.</translation>
    </message>
    <message>
        <source>The mouth is {amount} too narrow. Take its corners out.</source>
        <translation>Der Mund ist um {amount} zu schmal. Nimm seine Winkel hinaus.</translation>
    </message>
    <message>
        <source>Drop plumb lines from the pupils to the corners of the mouth.</source>
        <translation>Lass Lote von den Pupillen auf die Mundwinkel fallen.</translation>
    </message>
    <message>
        <source>width of the nose</source>
        <translation>Breite der Nase</translation>
    </message>
    <message>
        <source>The nose is {amount} too wide. Bring its wings in.</source>
        <translation>Die Nase ist um {amount} zu breit. Hol ihre Flügel herein.</translation>
    </message>
    <message>
        <source>The nose is {amount} too narrow. Take its wings out.</source>
        <translation>Die Nase ist um {amount} zu schmal. Nimm ihre Flügel hinaus.</translation>
    </message>
    <message>
        <source>Drop plumb lines from the inner eye corners to the wings of the nose.</source>
        <translation>Lass Lote von den inneren Augenwinkeln auf die Nasenflügel fallen.</translation>
    </message>
    <message>
        <source>wings of the nose</source>
        <translation>Nasenflügel</translation>
    </message>
    <message>
        <source>The wing of the nose on your right is too large beside the nose&apos;s base, the other too small: move both {way} {amount}.</source>
        <translation>Der Nasenflügel zu deiner Rechten ist neben der Nasenbasis zu groß, der andere zu klein: Rück beide um {amount} {way}.</translation>
    </message>
    <message>
        <source>The wing of the nose on your left is too large beside the nose&apos;s base, the other too small: move both {way} {amount}.</source>
        <translation>Der Nasenflügel zu deiner Linken ist neben der Nasenbasis zu groß, der andere zu klein: Rück beide um {amount} {way}.</translation>
    </message>
    <message>
        <source>From the nose&apos;s base compare wing and nostril on either side: on a turned head the far ones show much less.</source>
        <translation>Vergleich von der Nasenbasis aus Flügel und Nasenloch beider Seiten: Am gedrehten Kopf zeigen sich die fernen viel schmaler.</translation>
    </message>
    <message>
        <source>hair round the skull</source>
        <translation>Haar um den Schädel</translation>
    </message>
    <message>
        <source>The hair stands {amount} too far out from the skull. Bring its edge in.</source>
        <translation>Das Haar steht {amount} zu weit vom Schädel ab. Hol seinen Rand herein.</translation>
    </message>
    <message>
        <source>The hair adds too little to the skull: take its edge out {amount}.</source>
        <translation>Das Haar legt dem Schädel zu wenig zu: Setz seinen Rand {amount} weiter hinaus.</translation>
    </message>
    <message>
        <source>Find the skull&apos;s circle first; then see how far the hair stands outside it.</source>
        <translation>Such zuerst den Kreis des Schädels; dann sieh, wie weit das Haar darüber hinaus steht.</translation>
    </message>
    <message>
        <source>hair at one side</source>
        <translation>Haar an einer Seite</translation>
    </message>
    <message>
        <source>The hair stands {amount} too far out on your left. Bring its edge in.</source>
        <translation>Das Haar steht links von dir um {amount} zu weit ab. Hol seine Kante herein.</translation>
    </message>
    <message>
        <source>The hair on your left lies too near the skull: take its edge out {amount}.</source>
        <translation>Das Haar links von dir liegt zu nah am Schädel: führ seine Kante um {amount} hinaus.</translation>
    </message>
    <message>
        <source>hair at the top</source>
        <translation>Haar oben</translation>
    </message>
    <message>
        <source>The hair stands {amount} too high over the skull. Bring its edge down.</source>
        <translation>Das Haar steht um {amount} zu hoch über dem Schädel. Hol seine Kante herunter.</translation>
    </message>
    <message>
        <source>The hair lies too flat over the skull: take its edge up {amount}.</source>
        <translation>Das Haar liegt zu flach auf dem Schädel: führ seine Kante um {amount} hinauf.</translation>
    </message>
    <message>
        <source>The hair stands {amount} too far out on your right. Bring its edge in.</source>
        <translation>Das Haar steht rechts von dir um {amount} zu weit ab. Hol seine Kante herein.</translation>
    </message>
    <message>
        <source>The hair on your right lies too near the skull: take its edge out {amount}.</source>
        <translation>Das Haar rechts von dir liegt zu nah am Schädel: führ seine Kante um {amount} hinaus.</translation>
    </message>
    <message>
        <source>The whole hairline runs too high: {lower_it} {amount}.</source>
        <translation>Der ganze Haaransatz liegt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The whole hairline runs too low: {raise_it} {amount}.</source>
        <translation>Der ganze Haaransatz liegt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>hairline at a temple</source>
        <translation>Haaransatz an einer Schläfe</translation>
    </message>
    <message>
        <source>The hairline at the temple on your left runs too high: {lower_it} {amount}.</source>
        <translation>Der Haaransatz an der Schläfe zu deiner Linken liegt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The hairline at the temple on your left runs too low: {raise_it} {amount}.</source>
        <translation>Der Haaransatz an der Schläfe zu deiner Linken liegt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>Go up from the outer corner of the eye: see where you meet the hair.</source>
        <translation>Geh vom äußeren Augenwinkel nach oben: Sieh, wo du auf das Haar triffst.</translation>
    </message>
    <message>
        <source>middle of the hairline</source>
        <translation>Mitte des Haaransatzes</translation>
    </message>
    <message>
        <source>The hairline at its middle runs too high: {lower_it} {amount}.</source>
        <translation>Der Haaransatz liegt in der Mitte zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The hairline at its middle runs too low: {raise_it} {amount}.</source>
        <translation>Der Haaransatz liegt in der Mitte zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>The hairline at the temple on your right runs too high: {lower_it} {amount}.</source>
        <translation>Der Haaransatz an der Schläfe zu deiner Rechten liegt zu hoch: {lower_it} {amount}.</translation>
    </message>
    <message>
        <source>The hairline at the temple on your right runs too low: {raise_it} {amount}.</source>
        <translation>Der Haaransatz an der Schläfe zu deiner Rechten liegt zu tief: {raise_it} {amount}.</translation>
    </message>
    <message>
        <source>width of the nostrils</source>
        <translation>Breite der Nasenlöcher</translation>
    </message>
    <message>
        <source>Both nostrils show {amount} too wide: draw them smaller.</source>
        <translation>Beide Nasenlöcher zeigen sich {amount} zu breit: Zeichne sie kleiner.</translation>
    </message>
    <message>
        <source>Both nostrils show {amount} too narrow: draw them wider.</source>
        <translation>Beide Nasenlöcher zeigen sich {amount} zu schmal: Zeichne sie breiter.</translation>
    </message>
    <message>
        <source>Hold the pencil under one nostril: see how often its width goes into the nose from wing to wing.</source>
        <translation>Halt den Bleistift unter ein Nasenloch: Sieh, wie oft seine Breite in die Nase geht, von Flügel zu Flügel.</translation>
    </message>
    <message>
        <source>width of a nostril</source>
        <translation>Breite eines Nasenlochs</translation>
    </message>
    <message>
        <source>The nostril on your left shows {amount} too wide: bring its ends together.</source>
        <translation>Das Nasenloch links von dir zeigt sich {amount} zu breit: Rück seine Enden zusammen.</translation>
    </message>
    <message>
        <source>The nostril on your left shows {amount} too narrow: take its ends apart.</source>
        <translation>Das Nasenloch links von dir zeigt sich {amount} zu schmal: Rück seine Enden auseinander.</translation>
    </message>
    <message>
        <source>Set the pencil against the one nostril, then against the other: on a turned head the farther one shows less.</source>
        <translation>Leg den Bleistift an das eine Nasenloch, dann an das andere: Bei gedrehtem Kopf zeigt sich das fernere schmaler.</translation>
    </message>
    <message>
        <source>The nostril on your right shows {amount} too wide: bring its ends together.</source>
        <translation>Das Nasenloch rechts von dir zeigt sich {amount} zu breit: Rück seine Enden zusammen.</translation>
    </message>
    <message>
        <source>The nostril on your right shows {amount} too narrow: take its ends apart.</source>
        <translation>Das Nasenloch rechts von dir zeigt sich {amount} zu schmal: Rück seine Enden auseinander.</translation>
    </message>
    <message>
        <source>place of the neck</source>
        <translation>Stelle des Halses</translation>
    </message>
    <message>
        <source>The neck stands too far to your right: move both sides {way} {amount}.</source>
        <translation>Der Hals steht von dir aus zu weit rechts: rück beide Seiten {amount} {way}.</translation>
    </message>
    <message>
        <source>The neck stands too far to your left: move both sides {way} {amount}.</source>
        <translation>Der Hals steht von dir aus zu weit links: rück beide Seiten {amount} {way}.</translation>
    </message>
    <message>
        <source>Drop plumb lines from the ear and from the chin: see where they meet the neck.</source>
        <translation>Lass Lote von Ohr und Kinn fallen: sieh, wo sie den Hals treffen.</translation>
    </message>
    <message>
        <source>slants of the neck</source>
        <translation>Schrägen des Halses</translation>
    </message>
    <message>
        <source>The neck&apos;s side on your left runs out too far: swing its lower end in by {amount}.</source>
        <translation>Die Halsseite zu deiner Linken läuft zu weit nach außen: Schwenk ihr unteres Ende um {amount} nach innen.</translation>
    </message>
    <message>
        <source>The neck&apos;s side on your left runs in too far: swing its lower end out by {amount}.</source>
        <translation>Die Halsseite zu deiner Linken läuft zu weit nach innen: Schwenk ihr unteres Ende um {amount} nach außen.</translation>
    </message>
    <message>
        <source>Hold the pencil along the side of the neck and carry its slant over.</source>
        <translation>Halt den Stift an die Seite des Halses und übertrag ihre Schräge.</translation>
    </message>
    <message>
        <source>The neck&apos;s side on your right runs out too far: swing its lower end in by {amount}.</source>
        <translation>Die Halsseite zu deiner Rechten läuft zu weit nach außen: Schwenk ihr unteres Ende um {amount} nach innen.</translation>
    </message>
    <message>
        <source>The neck&apos;s side on your right runs in too far: swing its lower end out by {amount}.</source>
        <translation>Die Halsseite zu deiner Rechten läuft zu weit nach innen: Schwenk ihr unteres Ende um {amount} nach außen.</translation>
    </message>
    <message>
        <source>length of the neck</source>
        <translation>Länge des Halses</translation>
    </message>
    <message>
        <source>The neck is too long: take its pit and the shoulders up {amount}.</source>
        <translation>Der Hals ist zu lang: Setz Halsgrube und Schultern um {amount} höher.</translation>
    </message>
    <message>
        <source>The neck is too short: take its pit and the shoulders down {amount}.</source>
        <translation>Der Hals ist zu kurz: Setz Halsgrube und Schultern um {amount} tiefer.</translation>
    </message>
    <message>
        <source>Step from the chin to the pit of the neck, and see how often it goes into the face.</source>
        <translation>Nimm die Strecke vom Kinn zur Halsgrube und sieh, wie oft sie ins Gesicht passt.</translation>
    </message>
    <message>
        <source>width of the shoulders</source>
        <translation>Breite der Schultern</translation>
    </message>
    <message>
        <source>The shoulders are {amount} too wide. Bring both in.</source>
        <translation>Die Schultern sind um {amount} zu breit. Hol beide herein.</translation>
    </message>
    <message>
        <source>The shoulders are {amount} too narrow. Take both out.</source>
        <translation>Die Schultern sind um {amount} zu schmal. Setz beide weiter hinaus.</translation>
    </message>
    <message>
        <source>Count how many heads go into the shoulders from side to side.</source>
        <translation>Zähl, wie viele Köpfe von Schulter zu Schulter passen.</translation>
    </message>
    <message>
        <source>slope of the shoulders</source>
        <translation>Neigung der Schultern</translation>
    </message>
    <message>
        <source>The shoulders slope too far down to your right: turn their line by {amount}, the shoulder on your right up and the other down.</source>
        <translation>Die Schultern fallen nach rechts zu stark ab: Dreh ihre Linie um {amount}, die Schulter zu deiner Rechten nach oben, die andere nach unten.</translation>
    </message>
    <message>
        <source>The shoulders slope too far down to your left: turn their line by {amount}, the shoulder on your left up and the other down.</source>
        <translation>Die Schultern fallen nach links zu stark ab: Dreh ihre Linie um {amount}, die Schulter zu deiner Linken nach oben, die andere nach unten.</translation>
    </message>
    <message>
        <source>Hold the pencil level at one shoulder: see how far above it or below the other lies.</source>
        <translation>Halt den Stift waagrecht an die eine Schulter: Sieh, wie weit darüber oder darunter die andere liegt.</translation>
    </message>
    <message>
        <source>slants of an outline</source>
        <translation>Neigungen eines Umrisses</translation>
    </message>
    <message>
        <source>{line}, straight {number}, is {amount} too steep. Turn it {turn}.</source>
        <translation>{line}, Gerade {number}, ist um {amount} zu steil. Dreh sie {turn}.</translation>
    </message>
    <message>
        <source>{line}, straight {number}, is {amount} too flat. Turn it {turn}.</source>
        <translation>{line}, Gerade {number}, ist um {amount} zu flach. Dreh sie {turn}.</translation>
    </message>
    <message>
        <source>Hold the pencil along the straight and carry its slant over.</source>
        <translation>Halt den Stift an die Gerade und übertrage ihre Neigung.</translation>
    </message>
    <message>
        <source>straights of an outline</source>
        <translation>Geraden eines Umrisses</translation>
    </message>
    <message>
        <source>{line}, straight {number}, lies too far out: bring it in {amount} and keep its slant.</source>
        <translation>{line}, Gerade {number}, liegt zu weit außen: hol sie um {amount} herein und behalt ihre Neigung.</translation>
    </message>
    <message>
        <source>{line}, straight {number}, lies too far in: take it out {amount} and keep its slant.</source>
        <translation>{line}, Gerade {number}, liegt zu weit innen: führ sie um {amount} hinaus und behalt ihre Neigung.</translation>
    </message>
    <message>
        <source>Look along the straight: see what it meets when it runs on.</source>
        <translation>Schau die Gerade entlang: sieh, was sie trifft, wenn sie weiterläuft.</translation>
    </message>
    <message>
        <source>corners of an outline</source>
        <translation>Ecken eines Umrisses</translation>
    </message>
    <message>
        <source>{line}, corner {number}, stands too far out: bring it in {amount}.</source>
        <translation>{line}, Ecke {number}, steht zu weit außen: hol sie um {amount} herein.</translation>
    </message>
    <message>
        <source>{line}, corner {number}, stands too far in: take it out {amount}.</source>
        <translation>{line}, Ecke {number}, steht zu weit innen: führ sie um {amount} hinaus.</translation>
    </message>
    <message>
        <source>From the corner look straight down and straight across: see what lies there.</source>
        <translation>Schau von der Ecke gerade hinunter und gerade hinüber: sieh, was dort liegt.</translation>
    </message>
    <message>
        <source>width of the neck</source>
        <translation>Breite des Halses</translation>
    </message>
    <message>
        <source>The neck is {amount} too thick. Bring its sides in.</source>
        <translation>Der Hals ist {amount} zu dick. Hol seine Seiten herein.</translation>
    </message>
    <message>
        <source>The neck is {amount} too thin. Take its sides out.</source>
        <translation>Der Hals ist {amount} zu dünn. Setz seine Seiten weiter hinaus.</translation>
    </message>
    <message>
        <source>Drop plumb lines from the corners of the jaw: see how far within them the neck stands.</source>
        <translation>Fälle Lote von den Kieferwinkeln: Sieh, wie weit innerhalb davon der Hals steht.</translation>
    </message>
    <message>
        <source>width of the jaw</source>
        <translation>Breite des Kiefers</translation>
    </message>
    <message>
        <source>The jaw is {amount} too wide. Bring its angles in.</source>
        <translation>Der Kiefer ist um {amount} zu breit. Hol seine Winkel herein.</translation>
    </message>
    <message>
        <source>The jaw is {amount} too narrow. Take its angles out.</source>
        <translation>Der Kiefer ist um {amount} zu schmal. Nimm seine Winkel hinaus.</translation>
    </message>
    <message>
        <source>Compare the jaw at the height of the mouth with the width at the brow.</source>
        <translation>Vergleich den Kiefer auf Höhe des Munds mit der Breite an der Braue.</translation>
    </message>
    <message>
        <source>length of the ears</source>
        <translation>Länge der Ohren</translation>
    </message>
    <message>
        <source>The ears are {amount} too long. Shorten them.</source>
        <translation>Die Ohren sind um {amount} zu lang. Kürz sie.</translation>
    </message>
    <message>
        <source>The ears are {amount} too short. Lengthen them.</source>
        <translation>Die Ohren sind um {amount} zu kurz. Verlänger sie.</translation>
    </message>
    <message>
        <source>slope of the mouth</source>
        <translation>Schräge des Munds</translation>
    </message>
    <message>
        <source>The mouth slopes: its corner on the sitter&apos;s left rides high. Turn its line by {amount}, that corner down and the other up.</source>
        <translation>Der Mund steht schief: sein Winkel auf der linken Seite des Modells sitzt hoch. Dreh seine Linie um {amount}, diesen Winkel hinunter und den anderen hinauf.</translation>
    </message>
    <message>
        <source>The mouth slopes: its corner on the sitter&apos;s right rides high. Turn its line by {amount}, that corner down and the other up.</source>
        <translation>Der Mund steht schief: sein Winkel auf der rechten Seite des Modells sitzt hoch. Dreh seine Linie um {amount}, diesen Winkel hinunter und den anderen hinauf.</translation>
    </message>
    <message>
        <source>Hold the pencil through both corners of the mouth: it runs with the eyes.</source>
        <translation>Halt den Bleistift durch beide Mundwinkel: er läuft mit den Augen.</translation>
    </message>
    <message>
        <source>corners of the mouth</source>
        <translation>Mundwinkel</translation>
    </message>
    <message>
        <source>The corners of the mouth turn up further than the sitter&apos;s: {lower_them} {amount}.</source>
        <translation>Die Mundwinkel gehen höher hinauf als beim Modell: {lower_them} {amount}.</translation>
    </message>
    <message>
        <source>The corners of the mouth hang lower than the sitter&apos;s: {raise_them} {amount}.</source>
        <translation>Die Mundwinkel hängen tiefer als beim Modell: {raise_them} {amount}.</translation>
    </message>
    <message>
        <source>Hold the pencil level through the parting of the lips: see whether the corners lie above it or below.</source>
        <translation>Halt den Stift waagrecht durch den Lippenspalt: sieh, ob die Winkel darüber oder darunter liegen.</translation>
    </message>
    <message>
        <source>The {mark} is {amount} out of place: move it {way}, along the arrow.</source>
        <translation>{mark}: um {amount} am falschen Ort. Rück {way}, dem Pfeil nach.</translation>
    </message>
    <message>
        <source>Find it again from two marks you trust.</source>
        <translation>Such es neu von zwei Marken aus, denen du traust.</translation>
    </message>
    <message>
        <source>You set the mouth {percent} % of the head too high</source>
        <translation>Du setzt den Mund um {percent} % des Kopfes zu hoch</translation>
    </message>
    <message>
        <source>You set the mouth {percent} % of the head too low</source>
        <translation>Du setzt den Mund um {percent} % des Kopfes zu tief</translation>
    </message>
    <message>
        <source>You set the base of the nose {percent} % of the head too high</source>
        <translation>Du setzt die Nasenbasis um {percent} % des Kopfes zu hoch</translation>
    </message>
    <message>
        <source>You set the base of the nose {percent} % of the head too low</source>
        <translation>Du setzt die Nasenbasis um {percent} % des Kopfes zu tief</translation>
    </message>
    <message>
        <source>You set the eyes {percent} % of the head too high</source>
        <translation>Du setzt die Augen um {percent} % des Kopfes zu hoch</translation>
    </message>
    <message>
        <source>You set the eyes {percent} % of the head too low</source>
        <translation>Du setzt die Augen um {percent} % des Kopfes zu tief</translation>
    </message>
    <message>
        <source>You draw the chin {percent} % of the head too short</source>
        <translation>Du zeichnest das Kinn um {percent} % des Kopfes zu kurz</translation>
    </message>
    <message>
        <source>You draw the chin {percent} % of the head too long</source>
        <translation>Du zeichnest das Kinn um {percent} % des Kopfes zu lang</translation>
    </message>
    <message>
        <source>You draw forehead and skull {percent} % of the head too high</source>
        <translation>Du zeichnest Stirn und Schädel um {percent} % des Kopfes zu hoch</translation>
    </message>
    <message>
        <source>You cut forehead and skull short by {percent} % of the head</source>
        <translation>Du kürzt Stirn und Schädel um {percent} % des Kopfes</translation>
    </message>
    <message>
        <source>You set the ears {percent} % of the head too high</source>
        <translation>Du setzt die Ohren um {percent} % des Kopfes zu hoch</translation>
    </message>
    <message>
        <source>You set the ears {percent} % of the head too low</source>
        <translation>Du setzt die Ohren um {percent} % des Kopfes zu tief</translation>
    </message>
    <message>
        <source>In turned heads you draw the far eye {percent} % of the head too far out</source>
        <translation>Bei gedrehten Köpfen zeichnest du das ferne Auge um {percent} % des Kopfes zu weit außen</translation>
    </message>
    <message>
        <source>In turned heads you draw the far eye {percent} % of the head too far in</source>
        <translation>Bei gedrehten Köpfen zeichnest du das ferne Auge um {percent} % des Kopfes zu weit innen</translation>
    </message>
    <message>
        <source>In turned heads you draw the near eye {percent} % of the head too far out</source>
        <translation>Bei gedrehten Köpfen zeichnest du das nahe Auge um {percent} % des Kopfes zu weit außen</translation>
    </message>
    <message>
        <source>In turned heads you draw the near eye {percent} % of the head too far in</source>
        <translation>Bei gedrehten Köpfen zeichnest du das nahe Auge um {percent} % des Kopfes zu weit innen</translation>
    </message>
    <message>
        <source>In turned heads you draw the mouth&apos;s far corner {percent} % of the head too far out</source>
        <translation>Bei gedrehten Köpfen zeichnest du den fernen Mundwinkel um {percent} % des Kopfes zu weit außen</translation>
    </message>
    <message>
        <source>In turned heads you draw the mouth&apos;s far corner {percent} % of the head too far in</source>
        <translation>Bei gedrehten Köpfen zeichnest du den fernen Mundwinkel um {percent} % des Kopfes zu weit innen</translation>
    </message>
    <message>
        <source>You set the eyebrows {percent} % of the head too high</source>
        <translation>Du setzt die Augenbrauen um {percent} % des Kopfes zu hoch</translation>
    </message>
    <message>
        <source>You set the eyebrows {percent} % of the head too low</source>
        <translation>Du setzt die Augenbrauen um {percent} % des Kopfes zu tief</translation>
    </message>
    <message>
        <source>You draw the eyes {percent} % of the head too far open</source>
        <translation>Du zeichnest die Augen um {percent} % des Kopfes zu weit offen</translation>
    </message>
    <message>
        <source>You draw the eyes {percent} % of the head too far shut</source>
        <translation>Du zeichnest die Augen um {percent} % des Kopfes zu weit geschlossen</translation>
    </message>
    <message>
        <source>You draw the upper lip {percent} % of the head too thick</source>
        <translation>Du zeichnest die Oberlippe um {percent} % des Kopfes zu dick</translation>
    </message>
    <message>
        <source>You draw the upper lip {percent} % of the head too thin</source>
        <translation>Du zeichnest die Oberlippe um {percent} % des Kopfes zu dünn</translation>
    </message>
    <message>
        <source>You draw the lower lip {percent} % of the head too thick</source>
        <translation>Du zeichnest die Unterlippe um {percent} % des Kopfes zu dick</translation>
    </message>
    <message>
        <source>You draw the lower lip {percent} % of the head too thin</source>
        <translation>Du zeichnest die Unterlippe um {percent} % des Kopfes zu dünn</translation>
    </message>
    <message>
        <source>100 mm: measure it; print at 100 %</source>
        <translation>100 mm: miss nach; drucke mit 100 %</translation>
    </message>
    <message>
        <source>Twelve balls: cut the sides, put brow line and centre line</source>
        <translation>Zwölf Kugeln: schneide die Seiten, setz Brauenlinie und Mittellinie</translation>
    </message>
    <message>
        <source>The answers</source>
        <translation>Die Antworten</translation>
    </message>
    <message>
        <source>{page} of {pages}</source>
        <translation>{page} von {pages}</translation>
    </message>
    <message>
        <source>Your own lines, where the photo has them.</source>
        <translation>Deine eigenen Linien, wo das Foto sie hat.</translation>
    </message>
    <message>
        <source>Not to size: how large the paper is was not said.</source>
        <translation>Nicht maßstäblich: wie groß das Papier ist, wurde nicht gesagt.</translation>
    </message>
    <message>
        <source>True to size: lay it under your drawing or measure on it.</source>
        <translation>In wahrer Größe: leg es unter deine Zeichnung oder miss darauf.</translation>
    </message>
    <message>
        <source>At 1 to {ratio} of your drawing; lengths are those on your paper.</source>
        <translation>Im Verhältnis 1 zu {ratio} deiner Zeichnung; Längen sind die auf deinem Papier.</translation>
    </message>
    <message>
        <source>{length} mm</source>
        <translation>{length} mm</translation>
    </message>
    <message>
        <source>This drawing&apos;s own ruler: one unit is the nearer eye, {length} mm; halves and thirds between.</source>
        <translation>Das eigene Lineal dieser Zeichnung: eine Einheit ist das nähere Auge, {length} mm; Halbe und Drittel dazwischen.</translation>
    </message>
    <message>
        <source>Beside the easel</source>
        <translation>Neben der Staffelei</translation>
    </message>
    <message>
        <source>What lies ready</source>
        <translation>Was bereitliegt</translation>
    </message>
    <message>
        <source>Paper with some tooth, on a board that stands as upright as the sitter</source>
        <translation>Papier mit etwas Korn, auf einem Brett, das so aufrecht steht wie das Modell</translation>
    </message>
    <message>
        <source>A pencil of HB or softer, held lightly, for the form; a soft one (2B to 6B) or charcoal for the tones</source>
        <translation>Ein Bleistift, HB oder weicher, leicht gehalten, für die Form; ein weicher (2B bis 6B) oder Kohle für die Töne</translation>
    </message>
    <message>
        <source>A kneaded eraser and a hard one; a blade or sharpener, and somewhere for the shavings</source>
        <translation>Ein Knetgummi und ein harter; eine Klinge oder ein Spitzer, und ein Platz für die Späne</translation>
    </message>
    <message>
        <source>A ruler for border, crown and chin; a strip of paper to fold for the unit; a thread with a weight</source>
        <translation>Ein Lineal für Rand, Scheitel und Kinn; ein Papierstreifen zum Falten der Einheit; ein Faden mit Gewicht</translation>
    </message>
    <message>
        <source>The reference, turned upright, and this print</source>
        <translation>Die Vorlage, aufrecht gedreht, und dieser Bogen</translation>
    </message>
    <message>
        <source>In this order</source>
        <translation>In dieser Folge</translation>
    </message>
    <message>
        <source>Border first; then crown and chin, so that the head does not eat the page.</source>
        <translation>Erst der Rand; dann Scheitel und Kinn, damit der Kopf das Blatt nicht auffrisst.</translation>
    </message>
    <message>
        <source>Features as plain lines, cheap to move.</source>
        <translation>Züge als schlichte Linien, billig zu verschieben.</translation>
    </message>
    <message>
        <source>Stop before any shading: measure, look at it in a mirror, photograph it and check.</source>
        <translation>Halt vor jedem Schattieren an: miss, sieh es im Spiegel an, fotografier es und prüf es.</translation>
    </message>
    <message>
        <source>Then the light, in three values first.</source>
        <translation>Dann das Licht, zuerst in drei Tonwerten.</translation>
    </message>
    <message>
        <source>While you draw</source>
        <translation>Beim Zeichnen</translation>
    </message>
    <message>
        <source>Press lightly until the placement holds: begin with what can be erased, end with what cannot.</source>
        <translation>Drück leicht, bis die Anlage hält: beginn mit dem, was sich wegnehmen lässt, ende mit dem, was bleibt.</translation>
    </message>
    <message>
        <source>Finish no eye before the rest stands. Set a new line first, then rub the old one out.</source>
        <translation>Mach kein Auge fertig, ehe der Rest steht. Setz erst die neue Linie, dann nimm die alte weg.</translation>
    </message>
    <message>
        <source>Step back often: the eye stops seeing what it stares at.</source>
        <translation>Tritt oft zurück: das Auge sieht nicht mehr, was es anstarrt.</translation>
    </message>
    <message>
        <source>The white of an eye is seldom white: keep the highlight. Few teeth, and faint. Hard outlines flatten.</source>
        <translation>Das Weiße im Auge ist selten weiß: bewahr das Glanzlicht. Wenige Zähne, und blass. Harte Umrisse machen flach.</translation>
    </message>
    <message>
        <source>Care</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>Look up every few minutes; let neck and hand rest; after about five heads or half an hour stop.</source>
        <translation>Sieh alle paar Minuten auf; lass Nacken und Hand ruhen; hör nach etwa fünf Köpfen oder eine halbe Stunde auf.</translation>
    </message>
    <message>
        <source>Sharpen away from you, on a table, and put the blade away closed.</source>
        <translation>Spitz vom Körper weg, auf einem Tisch, und leg die Klinge geschlossen weg.</translation>
    </message>
    <message>
        <source>Charcoal and pastel dust: wipe it up damp, do not blow it about, and do not eat where you draw.</source>
        <translation>Kohle- und Pastellstaub: feucht aufwischen, nicht umherpusten, und nicht essen, wo du zeichnest.</translation>
    </message>
    <message>
        <source>Fixative is sprayed outdoors or by an open window, away from flames and from people; the makers&apos; safety sheets have the last word.</source>
        <translation>Fixativ wird im Freien oder am offenen Fenster gesprüht, fern von Flammen und Menschen; das letzte Wort haben die Sicherheitsblätter der Hersteller.</translation>
    </message>
    <message>
        <source>A drawing can always be changed. Likeness comes late; an error tells you where to look next.</source>
        <translation>Eine Zeichnung lässt sich immer ändern. Die Ähnlichkeit kommt spät; ein Fehler sagt dir, wohin du als Nächstes sehen sollst.</translation>
    </message>
    <message>
        <source>Each plane has one value, and each shadow is one shape. Block in the large planes first, as below; then break them into the small ones.</source>
        <translation>Jede Fläche hat einen Tonwert, und jeder Schatten ist eine Form. Leg zuerst die großen Flächen an, wie unten; dann brich sie in die kleinen.</translation>
    </message>
    <message>
        <source>Cut them out and lay them beside the drawing, eyes half shut. Paper is the lightest value and your softest pencil the darkest: a printer&apos;s black is neither, so compare steps, not blacks.</source>
        <translation>Schneid sie aus und leg sie neben die Zeichnung, die Augen halb geschlossen. Papier ist der hellste Tonwert, dein weichster Bleistift der dunkelste: das Schwarz eines Druckers ist keines von beiden, also vergleich Stufen, nicht Schwarz.</translation>
    </message>
    <message>
        <source>middle of the scale</source>
        <translation>Mitte der Skala</translation>
    </message>
    <message>
        <source>What angle has the line against level? Rising to the right is plus.</source>
        <translation>Welchen Winkel hat die Linie zur Waagerechten? Nach rechts steigend ist plus.</translation>
    </message>
    <message>
        <source>Angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>Judge an angle</source>
        <translation>Einen Winkel schätzen</translation>
    </message>
    <message>
        <source>A line of the face against level.</source>
        <translation>Eine Linie des Gesichts gegen die Waagerechte.</translation>
    </message>
    <message>
        <source>The far eye is covered. Put down its two corners.</source>
        <translation>Das ferne Auge ist abgedeckt. Setz seine zwei Winkel.</translation>
    </message>
    <message>
        <source>Its inner corner</source>
        <translation>Sein innerer Winkel</translation>
    </message>
    <message>
        <source>Its outer corner</source>
        <translation>Sein äußerer Winkel</translation>
    </message>
    <message>
        <source>The far eye</source>
        <translation>Das ferne Auge</translation>
    </message>
    <message>
        <source>Where the far eye goes as a head turns away.</source>
        <translation>Wohin das ferne Auge wandert, wenn ein Kopf sich wegdreht.</translation>
    </message>
    <message>
        <source>The mouth sits too high</source>
        <translation>Der Mund sitzt zu hoch</translation>
    </message>
    <message>
        <source>The mouth sits too low</source>
        <translation>Der Mund sitzt zu tief</translation>
    </message>
    <message>
        <source>The nose is too short</source>
        <translation>Die Nase ist zu kurz</translation>
    </message>
    <message>
        <source>The nose is too long</source>
        <translation>Die Nase ist zu lang</translation>
    </message>
    <message>
        <source>The chin is too short</source>
        <translation>Das Kinn ist zu kurz</translation>
    </message>
    <message>
        <source>The chin is too long</source>
        <translation>Das Kinn ist zu lang</translation>
    </message>
    <message>
        <source>The eyes sit too high</source>
        <translation>Die Augen sitzen zu hoch</translation>
    </message>
    <message>
        <source>The eyes sit too low</source>
        <translation>Die Augen sitzen zu tief</translation>
    </message>
    <message>
        <source>The ears sit too high</source>
        <translation>Die Ohren sitzen zu hoch</translation>
    </message>
    <message>
        <source>The ears sit too low</source>
        <translation>Die Ohren sitzen zu tief</translation>
    </message>
    <message>
        <source>Beside the head a drawing of it: what is wrong there?</source>
        <translation>Neben dem Kopf eine Zeichnung von ihm: was ist da falsch?</translation>
    </message>
    <message>
        <source>And also</source>
        <translation>Und außerdem</translation>
    </message>
    <message>
        <source>Wrong</source>
        <translation>Falsch</translation>
    </message>
    <message>
        <source>Beside the photograph your drawing of it: what would you mend first there?</source>
        <translation>Neben dem Foto deine Zeichnung danach: was würdest du dort zuerst bessern?</translation>
    </message>
    <message>
        <source>First</source>
        <translation>Zuerst</translation>
    </message>
    <message>
        <source>Find what is wrong</source>
        <translation>Finde, was falsch ist</translation>
    </message>
    <message>
        <source>One planted error in a drawing, then two.</source>
        <translation>Ein gesetzter Fehler in einer Zeichnung, dann zwei.</translation>
    </message>
    <message>
        <source>Where does the light stand? From the right and from above are plus. Draw the form in {values} values on paper before you look.</source>
        <translation>Wo steht das Licht? Von rechts und von oben sind plus. Zeichne die Form in {values} Tonwerten auf Papier, bevor du nachsiehst.</translation>
    </message>
    <message>
        <source>Across</source>
        <translation>Seitlich</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Hoch</translation>
    </message>
    <message>
        <source>Basic forms in light</source>
        <translation>Grundformen im Licht</translation>
    </message>
    <message>
        <source>Ball, egg, box and ring at an angle under a light.</source>
        <translation>Kugel, Ei, Kasten und Ring schräg unter einem Licht.</translation>
    </message>
    <message>
        <source>A ball turned {turn}°, tilted {tilt}°, leaning {lean}° (right and up are plus). Put down where these lie on it.</source>
        <translation>Eine Kugel, {turn}° gedreht, {tilt}° geneigt, {lean}° seitlich geneigt (rechts und hoch sind plus). Setz, wo dies auf ihr liegt.</translation>
    </message>
    <message>
        <source>Where brow line and centre line cross</source>
        <translation>Wo Brauenlinie und Mittellinie sich kreuzen</translation>
    </message>
    <message>
        <source>The hairline on the centre line</source>
        <translation>Der Haaransatz auf der Mittellinie</translation>
    </message>
    <message>
        <source>The middle of the nearer side oval</source>
        <translation>Die Mitte des näheren Seitenovals</translation>
    </message>
    <message>
        <source>Guides on a ball</source>
        <translation>Hilfslinien auf einer Kugel</translation>
    </message>
    <message>
        <source>Where the lines of a turned ball come to lie.</source>
        <translation>Wo die Linien einer gedrehten Kugel zu liegen kommen.</translation>
    </message>
    <message>
        <source>Put down the middle between the two rings, and the first third, from the upper or left ring.</source>
        <translation>Setz die Mitte zwischen den zwei Ringen, und das erste Drittel, vom oberen oder linken Ring aus.</translation>
    </message>
    <message>
        <source>Put down the middle between the two rings.</source>
        <translation>Setz die Mitte zwischen den zwei Ringen.</translation>
    </message>
    <message>
        <source>The middle</source>
        <translation>Die Mitte</translation>
    </message>
    <message>
        <source>The first third</source>
        <translation>Das erste Drittel</translation>
    </message>
    <message>
        <source>Find the middle</source>
        <translation>Die Mitte finden</translation>
    </message>
    <message>
        <source>Half and third of a length of the face, without a ruler.</source>
        <translation>Hälfte und Drittel einer Länge des Gesichts, ohne Lineal.</translation>
    </message>
    <message>
        <source>A plumb line hangs from the upper ring. Where does it pass the level of the lower one?</source>
        <translation>Vom oberen Ring hängt ein Lot. Wo geht es an der Höhe des unteren vorbei?</translation>
    </message>
    <message>
        <source>Where it passes</source>
        <translation>Wo es vorbeigeht</translation>
    </message>
    <message>
        <source>Drop a plumb line</source>
        <translation>Ein Lot fällen</translation>
    </message>
    <message>
        <source>What lies straight below an eye, a nose, a brow.</source>
        <translation>Was senkrecht unter einem Auge, einer Nase, einer Braue liegt.</translation>
    </message>
    <message>
        <source>How is this head held? Right, up and to the right count as plus.</source>
        <translation>Wie ist dieser Kopf gehalten? Rechts, hoch und nach rechts zählen als plus.</translation>
    </message>
    <message>
        <source>Turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>Tilt</source>
        <translation>Neigung</translation>
    </message>
    <message>
        <source>Lean</source>
        <translation>Seitneigung</translation>
    </message>
    <message>
        <source>Read the pose</source>
        <translation>Die Haltung lesen</translation>
    </message>
    <message>
        <source>Turn, tilt and lean of a cast head at a glance.</source>
        <translation>Drehung, Neigung und Seitneigung eines Gipskopfs auf einen Blick.</translation>
    </message>
    <message>
        <source>How often does the dashed length go into the red one?</source>
        <translation>Wie oft geht die gestrichelte Länge in die rote?</translation>
    </message>
    <message>
        <source>Red over dashed</source>
        <translation>Rot durch gestrichelt</translation>
    </message>
    <message>
        <source>Judge a proportion</source>
        <translation>Ein Verhältnis schätzen</translation>
    </message>
    <message>
        <source>How one length of the face goes into another.</source>
        <translation>Wie eine Länge des Gesichts in eine andere geht.</translation>
    </message>
    <message>
        <source>Beside the head two drawings of it: which one has straightened it?</source>
        <translation>Neben dem Kopf zwei Zeichnungen von ihm: welche hat ihn begradigt?</translation>
    </message>
    <message>
        <source>Straightened</source>
        <translation>Begradigt</translation>
    </message>
    <message>
        <source>The first drawing</source>
        <translation>Die erste Zeichnung</translation>
    </message>
    <message>
        <source>The second drawing</source>
        <translation>Die zweite Zeichnung</translation>
    </message>
    <message>
        <source>Which is straightened</source>
        <translation>Welche ist begradigt</translation>
    </message>
    <message>
        <source>A turned head, and a drawing of it that faces you too much.</source>
        <translation>Ein gedrehter Kopf und eine Zeichnung, die dich zu sehr ansieht.</translation>
    </message>
    <message>
        <source>In {values} values from black to white, which has the spot in the ring? 1 is the darkest.</source>
        <translation>In {values} Tonwerten von Schwarz bis Weiß: welchen hat die Stelle im Ring? 1 ist der dunkelste.</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Tonwert</translation>
    </message>
    <message>
        <source>Which value</source>
        <translation>Welcher Tonwert</translation>
    </message>
    <message>
        <source>How dark a spot is, on a scale of few values: on a plaster head, or on one in planes.</source>
        <translation>Wie dunkel eine Stelle ist, auf einer Skala weniger Tonwerte: an einem Gipskopf oder an einem in Flächen.</translation>
    </message>
    <message>
        <source>a child of {age} who does not exist</source>
        <translation>ein Kind von {age} Jahren, das es nicht gibt</translation>
    </message>
    <message>
        <source>a woman of {age} who does not exist</source>
        <translation>eine Frau von {age} Jahren, die es nicht gibt</translation>
    </message>
    <message>
        <source>a man of {age} who does not exist</source>
        <translation>ein Mann von {age} Jahren, den es nicht gibt</translation>
    </message>
    <message>
        <source>It is on the bench.</source>
        <translation>Es liegt auf dem Tisch.</translation>
    </message>
    <message>
        <source>No picture came with it. Choose one, then send.</source>
        <translation>Es war kein Bild dabei. Wähl eines und schick es dann.</translation>
    </message>
    <message>
        <source>This is a HEIC picture, which Zokran cannot read. Set your camera to its most compatible format, JPEG, and take it again.</source>
        <translation>Das ist ein HEIC-Bild, das Zokran nicht lesen kann. Stell deine Kamera auf das kompatibelste Format, JPEG, und nimm es noch einmal auf.</translation>
    </message>
    <message>
        <source>This is no picture that Zokran can read: send a JPEG or a PNG.</source>
        <translation>Das ist kein Bild, das Zokran lesen kann: Schick ein JPEG oder ein PNG.</translation>
    </message>
    <message>
        <source>That was many pictures in one minute. Wait a little, then send again.</source>
        <translation>Das waren viele Bilder in einer Minute. Warte ein wenig und schick dann wieder.</translation>
    </message>
</context>
<context>
    <name>zokran::Analysis</name>
    <message>
        <source>there is no sketch yet</source>
        <translation>es gibt noch keine Skizze</translation>
    </message>
    <message>
        <source>mark the reference first</source>
        <translation>markiere zuerst die Vorlage</translation>
    </message>
</context>
<context>
    <name>zokran::AnotherFaceButton</name>
    <message>
        <source>The picture shows several faces: mark the next one instead</source>
        <translation>Das Bild zeigt mehrere Gesichter: stattdessen das nächste markieren</translation>
    </message>
    <message>
        <source>An&amp;other face (%1 of %2)</source>
        <translation>Ein an&amp;deres Gesicht (%1 von %2)</translation>
    </message>
</context>
<context>
    <name>zokran::Background</name>
    <message>
        <source>Something went wrong that has no name.</source>
        <translation>Etwas ist schiefgegangen, das keinen Namen hat.</translation>
    </message>
</context>
<context>
    <name>zokran::BallTool</name>
    <message>
        <source>Move the ball</source>
        <translation>Die Kugel verschieben</translation>
    </message>
    <message>
        <source>Size the ball</source>
        <translation>Die Größe der Kugel ändern</translation>
    </message>
</context>
<context>
    <name>zokran::BeforeAfter</name>
    <message>
        <source>Before</source>
        <translation>Vorher</translation>
    </message>
    <message>
        <source>After</source>
        <translation>Nachher</translation>
    </message>
    <message>
        <source>Open it on the bench</source>
        <translation>Auf dem Tisch öffnen</translation>
    </message>
</context>
<context>
    <name>zokran::BiasHead</name>
    <message>
        <source>%1: up %2 % (%3 to %4), across %5 % (%6 to %7)</source>
        <translation>%1: hoch %2 % (%3 bis %4), quer %5 % (%6 bis %7)</translation>
    </message>
</context>
<context>
    <name>zokran::BlockInStep</name>
    <message>
        <source>Block in</source>
        <translation>Anlegen</translation>
    </message>
    <message>
        <source>marks on the reference</source>
        <translation>Marken auf der Vorlage</translation>
    </message>
    <message>
        <source>Your guess alone</source>
        <translation>Deine Schätzung allein</translation>
    </message>
    <message>
        <source>Lay the ball over the cranium; your construction stands here then.</source>
        <translation>Leg die Kugel über den Schädel; dann steht deine Konstruktion hier.</translation>
    </message>
    <message>
        <source>Turn it under your hand until it sits on the head, then stand by it.</source>
        <translation>Dreh sie unter der Hand, bis sie auf dem Kopf sitzt, dann steh dazu.</translation>
    </message>
    <message>
        <source>Drag the ball out over the cranium, from one side of it to the other.</source>
        <translation>Zieh die Kugel über den Schädel auf, von einer Seite zur anderen.</translation>
    </message>
    <message>
        <source>This is my guess</source>
        <translation>Das ist meine Schätzung</translation>
    </message>
    <message>
        <source>Mark at once</source>
        <translation>Gleich markieren</translation>
    </message>
    <message>
        <source>I marked the face. Is the %1 right? Enter, or drag it; %2 to look at.</source>
        <translation>Ich habe das Gesicht markiert. Stimmt es hier: %1? Enter oder zurechtziehen; %2 anzusehen.</translation>
    </message>
    <message>
        <source>They are right</source>
        <translation>Sie stimmen</translation>
    </message>
    <message>
        <source>Guess first: lay the construction on the head and turn it until it sits.</source>
        <translation>Schätze zuerst: Lege die Konstruktion auf den Kopf und drehe sie, bis sie sitzt.</translation>
    </message>
    <message>
        <source>Guess first</source>
        <translation>Erst schätzen</translation>
    </message>
    <message>
        <source>On to the guides</source>
        <translation>Weiter zu den Hilfslinien</translation>
    </message>
    <message>
        <source>Click the %1 on the photograph.</source>
        <translation>Klick auf dem Foto an: %1.</translation>
    </message>
    <message>
        <source>So far this reads %1. Few heads are held so: look whether each mark sits where it should. Else click the %2.</source>
        <translation>Bisher liest sich das als %1. Wenige Köpfe werden so gehalten: Sieh nach, ob jede Marke sitzt, wo sie soll. Sonst klick an: %2.</translation>
    </message>
    <message>
        <source>Cannot see it</source>
        <translation>Nicht zu sehen</translation>
    </message>
    <message>
        <source>The head is fitted. See the guides that turn with it.</source>
        <translation>Der Kopf ist eingepasst. Sieh die Hilfslinien, die sich mit ihm drehen.</translation>
    </message>
    <message>
        <source>Too few marks can be seen: %1.</source>
        <translation>Zu wenige Marken sind zu sehen: %1.</translation>
    </message>
    <message>
        <source>Plan the page</source>
        <translation>Das Blatt planen</translation>
    </message>
</context>
<context>
    <name>zokran::BundleTransfer</name>
    <message numerus="yes">
        <source>%n pictures were left out, for they are gone from the logbook. The first: %1</source>
        <translation>
            <numerusform>%n Bild wurde ausgelassen, denn es fehlt im Arbeitsbuch: %1</numerusform>
            <numerusform>%n Bilder wurden ausgelassen, denn sie fehlen im Arbeitsbuch. Das erste: %1</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::ByForm</name>
    <message>
        <source>By the first form</source>
        <translation>Nach der ersten Form</translation>
    </message>
    <message>
        <source>One step at a time; the form on the right shows as far as you are. Light lines are rubbed out again.</source>
        <translation>Ein Schritt nach dem anderen; die Form rechts zeigt, wie weit du bist. Helle Linien werden wieder wegradiert.</translation>
    </message>
</context>
<context>
    <name>zokran::BySlants</name>
    <message>
        <source>By slants</source>
        <translation>Nach Schrägen</translation>
    </message>
    <message>
        <source>No ball and no rules: long straights, each compared with its neighbour. It trains the eye, and it shows whether the whole shape stands before anything stands inside it.</source>
        <translation>Keine Kugel und keine Regeln: lange Geraden, jede mit ihrer Nachbarin verglichen. Das schult das Auge und zeigt, ob die ganze Form steht, bevor innen etwas steht.</translation>
    </message>
    <message>
        <source>Two ticks for crown and chin, and nothing outside them.</source>
        <translation>Zwei Striche für Scheitel und Kinn, und nichts außerhalb davon.</translation>
    </message>
    <message>
        <source>Hold the pencil along the longest edge of the head. Keep its slant, carry it over, draw it as one straight.</source>
        <translation>Halt den Stift an die längste Kante des Kopfes. Behalt seine Schräge, übertrag sie, zeichne sie als eine Gerade.</translation>
    </message>
    <message>
        <source>Hang the next straight on its end: is it steeper or flatter than the first, longer or shorter? Go round the head.</source>
        <translation>Häng die nächste Gerade an ihr Ende: Ist sie steiler oder flacher als die erste, länger oder kürzer? Geh um den Kopf herum.</translation>
    </message>
    <message>
        <source>Where the last straight should meet the first, see how far it misses, and find the slant that is to blame.</source>
        <translation>Wo die letzte Gerade die erste treffen sollte, sieh, wie weit sie sie verfehlt, und such die Schräge, die schuld ist.</translation>
    </message>
    <message>
        <source>Lay slants inside: from the chin to the nose&apos;s wing, from the nose to the outer eye, across both eyes.</source>
        <translation>Leg Schrägen ins Innere: vom Kinn zum Nasenflügel, von der Nase zum äußeren Augenwinkel, quer über beide Augen.</translation>
    </message>
    <message>
        <source>Now break the straights into shorter ones. In the check, lay “Outline of the face” over them: each is compared by its slant.</source>
        <translation>Teil die Geraden nun in kürzere. Leg in der Prüfung den „Umriss des Gesichts“ darüber: Jede wird nach ihrer Schräge verglichen.</translation>
    </message>
</context>
<context>
    <name>zokran::CameBack</name>
    <message>
        <source>hatched: the earlier half of your drawings; full: the later half</source>
        <translation>schraffiert: die frühere Hälfte deiner Zeichnungen; voll: die spätere</translation>
    </message>
</context>
<context>
    <name>zokran::CameraDialog</name>
    <message>
        <source>What the camera sees</source>
        <translation>Was die Kamera sieht</translation>
    </message>
    <message>
        <source>The camera at the easel</source>
        <translation>Die Kamera an der Staffelei</translation>
    </message>
    <message>
        <source>&amp;Camera</source>
        <translation>&amp;Kamera</translation>
    </message>
    <message>
        <source>A picture is &amp;taken</source>
        <translation>Ein Bild wird &amp;aufgenommen</translation>
    </message>
    <message>
        <source>The picture &amp;becomes</source>
        <translation>Das Bild &amp;wird</translation>
    </message>
    <message>
        <source>the sketch of this study</source>
        <translation>die Skizze dieser Studie</translation>
    </message>
    <message>
        <source>a new reference</source>
        <translation>eine neue Vorlage</translation>
    </message>
    <message>
        <source>What the camera sees stays on this computer, and only the pictures that are taken are kept. Closing this window stops the camera.</source>
        <translation>Was die Kamera sieht, bleibt auf diesem Rechner, und nur die aufgenommenen Bilder werden behalten. Schließt du dieses Fenster, hält die Kamera an.</translation>
    </message>
    <message>
        <source>Take it &amp;now</source>
        <translation>&amp;Jetzt aufnehmen</translation>
    </message>
    <message>
        <source>C&amp;lose</source>
        <translation>Sch&amp;ließen</translation>
    </message>
    <message>
        <source>A picture was taken, but it could not be kept: %1</source>
        <translation>Ein Bild wurde aufgenommen, ließ sich aber nicht behalten: %1</translation>
    </message>
    <message>
        <source>No camera is connected. A telephone can send pictures instead, or a folder of scans can be watched.</source>
        <translation>Keine Kamera ist angeschlossen. Stattdessen kann ein Telefon Bilder schicken, oder ein Ordner mit Scans wird überwacht.</translation>
    </message>
    <message>
        <source>Waiting for the camera…</source>
        <translation>Warten auf die Kamera…</translation>
    </message>
    <message>
        <source>No page is seen yet: let all four corners of the paper show, on something darker.</source>
        <translation>Noch ist kein Blatt zu sehen: Lass alle vier Ecken des Papiers sehen, auf etwas Dunklerem.</translation>
    </message>
    <message>
        <source>The page is seen. Something moves.</source>
        <translation>Das Blatt ist zu sehen. Etwas bewegt sich.</translation>
    </message>
    <message>
        <source>The page is seen, and nothing moves.</source>
        <translation>Das Blatt ist zu sehen, und nichts bewegt sich.</translation>
    </message>
    <message numerus="yes">
        <source>%n pictures are on the bench.</source>
        <translation>
            <numerusform>Ein Bild liegt auf dem Tisch.</numerusform>
            <numerusform>%n Bilder liegen auf dem Tisch.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::CastRoom</name>
    <message>
        <source>Turn the head until it is worth drawing, then take its picture.</source>
        <translation>Dreh den Kopf, bis er sich zu zeichnen lohnt, dann nimm ihn auf.</translation>
    </message>
    <message>
        <source>Taking the picture</source>
        <translation>Die Aufnahme entsteht</translation>
    </message>
    <message>
        <source>S&amp;urprise me</source>
        <translation>Ü&amp;berrasch mich</translation>
    </message>
    <message>
        <source>A pose at random within the ranges at the right</source>
        <translation>Eine zufällige Haltung innerhalb der Grenzen rechts</translation>
    </message>
    <message>
        <source>&amp;Take the picture</source>
        <translation>&amp;Aufnehmen</translation>
    </message>
    <message>
        <source>Cast room</source>
        <translation>Gipssaal</translation>
    </message>
    <message>
        <source>S&amp;itter</source>
        <translation>M&amp;odell</translation>
    </message>
    <message>
        <source>Sitter</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Someone ne&amp;w</source>
        <translation>Jemand &amp;Neues</translation>
    </message>
    <message>
        <source>A head of nobody who exists, as often as you like</source>
        <translation>Ein Kopf, den es nicht gibt, so oft du willst</translation>
    </message>
    <message>
        <source>Someone %1</source>
        <translation>Jemand %1</translation>
    </message>
    <message>
        <source>Pose</source>
        <translation>Haltung</translation>
    </message>
    <message>
        <source>Tu&amp;rn, + to the right</source>
        <translation>D&amp;rehung, + nach rechts</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>Ti&amp;lt, + chin up</source>
        <translation>Nei&amp;gung, + Kinn hoch</translation>
    </message>
    <message>
        <source>Lea&amp;n, + to the right</source>
        <translation>&amp;Seitneigung, + nach rechts</translation>
    </message>
    <message>
        <source>Light and lens</source>
        <translation>Licht und Objektiv</translation>
    </message>
    <message>
        <source>Light from the si&amp;de</source>
        <translation>Licht von der Se&amp;ite</translation>
    </message>
    <message>
        <source>Light from a&amp;bove</source>
        <translation>Licht von o&amp;ben</translation>
    </message>
    <message>
        <source>S&amp;oftness</source>
        <translation>Weich&amp;heit</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Light of the roo&amp;m</source>
        <translation>Licht des Ra&amp;ums</translation>
    </message>
    <message>
        <source>L&amp;ens</source>
        <translation>Ob&amp;jektiv</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Dist&amp;ance</source>
        <translation>Absta&amp;nd</translation>
    </message>
    <message>
        <source> cm</source>
        <translation> cm</translation>
    </message>
    <message>
        <source>as framed</source>
        <translation>wie gerahmt</translation>
    </message>
    <message>
        <source>As framed, the head takes half the picture whatever the lens</source>
        <translation>Wie gerahmt: der Kopf nimmt mit jedem Objektiv das halbe Bild ein</translation>
    </message>
    <message>
        <source>Surprises within</source>
        <translation>Überraschungen innerhalb von</translation>
    </message>
    <message>
        <source>Turn up to</source>
        <translation>Drehung bis</translation>
    </message>
    <message>
        <source>Tilt up to</source>
        <translation>Neigung bis</translation>
    </message>
    <message>
        <source>Lean up to</source>
        <translation>Seitneigung bis</translation>
    </message>
    <message>
        <source>Drag the head to turn it, with Shift to lean it; or use the arrow keys, comma and full stop. The plaster heads are invented and hold still.</source>
        <translation>Zieh am Kopf, um ihn zu drehen, mit Umschalt zum Seitneigen; oder nimm Pfeiltasten, Komma und Punkt. Die Gipsköpfe sind erfunden und halten still.</translation>
    </message>
    <message>
        <source>S&amp;top</source>
        <translation>S&amp;topp</translation>
    </message>
</context>
<context>
    <name>zokran::CastView</name>
    <message>
        <source>The plaster head, as the camera sees it</source>
        <translation>Der Gipskopf, wie ihn die Kamera sieht</translation>
    </message>
    <message>
        <source>The light is being switched on…</source>
        <translation>Das Licht geht an…</translation>
    </message>
</context>
<context>
    <name>zokran::CheckStep</name>
    <message>
        <source>Check</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>marks on the sketch</source>
        <translation>Marken auf der Skizze</translation>
    </message>
</context>
<context>
    <name>zokran::ClockFace</name>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>Free</source>
        <translation>Frei</translation>
    </message>
    <message numerus="yes">
        <source>%n minutes</source>
        <translation>
            <numerusform>%n Minute</numerusform>
            <numerusform>%n Minuten</numerusform>
        </translation>
    </message>
    <message>
        <source>Draw for %1 minutes</source>
        <translation>%1 Minuten zeichnen</translation>
    </message>
    <message>
        <source>Draw as long as it takes</source>
        <translation>Zeichnen, so lange es dauert</translation>
    </message>
    <message>
        <source>One more &amp;minute</source>
        <translation>Noch eine &amp;Minute</translation>
    </message>
    <message>
        <source>I have res&amp;ted</source>
        <translation>Ich habe ger&amp;uht</translation>
    </message>
    <message>
        <source>Ne&amp;xt head</source>
        <translation>Nä&amp;chster Kopf</translation>
    </message>
    <message>
        <source>&amp;End the sitting</source>
        <translation>Die Sitzung b&amp;eenden</translation>
    </message>
    <message>
        <source>About five heads, or half an hour: a break now. Look into the distance, roll the shoulders, open and close the hand, drink something.</source>
        <translation>Etwa fünf Köpfe oder eine halbe Stunde: jetzt eine Pause. Sieh in die Ferne, lass die Schultern kreisen, öffne und schließ die Hand, trink etwas.</translation>
    </message>
    <message>
        <source>How long will you draw, in minutes? The time is kept with the sketch.</source>
        <translation>Wie lange willst du zeichnen, in Minuten? Die Zeit wird mit der Skizze aufgehoben.</translation>
    </message>
    <message>
        <source>The time is up. The next head comes in %1 seconds; photograph this one later.</source>
        <translation>Die Zeit ist um. Der nächste Kopf kommt in %1 Sekunden; fotografiere diesen später.</translation>
    </message>
    <message>
        <source>The time is up, and the sitting with it.</source>
        <translation>Die Zeit ist um, und mit ihr die Sitzung.</translation>
    </message>
    <message>
        <source>The time is up. Photograph it as it is, or take one more minute.</source>
        <translation>Die Zeit ist um. Fotografiere ihn, wie er ist, oder nimm noch eine Minute.</translation>
    </message>
    <message>
        <source>Paused.</source>
        <translation>Angehalten.</translation>
    </message>
    <message>
        <source>Half an hour: put the pencil down at the next good place. Look up, stand up, shake out the hand.</source>
        <translation>Eine halbe Stunde: Leg den Bleistift an der nächsten guten Stelle hin. Sieh auf, steh auf, schüttle die Hand aus.</translation>
    </message>
    <message>
        <source>left of %1 minutes</source>
        <translation>übrig von %1 Minuten</translation>
    </message>
    <message>
        <source>so far</source>
        <translation>bisher</translation>
    </message>
    <message>
        <source>Head %1 of %2 · </source>
        <translation>Kopf %1 von %2 · </translation>
    </message>
    <message>
        <source>Pa&amp;use</source>
        <translation>An&amp;halten</translation>
    </message>
    <message>
        <source>Go o&amp;n</source>
        <translation>&amp;Weiter</translation>
    </message>
</context>
<context>
    <name>zokran::CommandFinder</name>
    <message>
        <source>Find</source>
        <translation>Finden</translation>
    </message>
    <message>
        <source>Type a few letters: an action, a place, a study, a mark, a line, a page of the manual</source>
        <translation>Tipp ein paar Buchstaben: eine Tätigkeit, ein Ort, eine Studie, eine Marke, eine Linie, eine Seite des Handbuchs</translation>
    </message>
    <message>
        <source>What to find</source>
        <translation>Was zu finden ist</translation>
    </message>
    <message>
        <source>Found</source>
        <translation>Gefunden</translation>
    </message>
    <message>
        <source>Nothing is called so.</source>
        <translation>Nichts heißt so.</translation>
    </message>
</context>
<context>
    <name>zokran::CorrectionsTable</name>
    <message>
        <source>Corrections</source>
        <translation>Korrekturen</translation>
    </message>
    <message>
        <source>Feature</source>
        <translation>Zug</translation>
    </message>
    <message>
        <source>up %</source>
        <translation>hoch %</translation>
    </message>
    <message>
        <source>right %</source>
        <translation>rechts %</translation>
    </message>
    <message>
        <source>mm</source>
        <translation>mm</translation>
    </message>
</context>
<context>
    <name>zokran::Detail</name>
    <message>
        <source>ball</source>
        <translation>Kugel</translation>
    </message>
    <message>
        <source>side oval</source>
        <translation>Seitenoval</translation>
    </message>
    <message>
        <source>brow level on the side plane</source>
        <translation>Brauenhöhe auf der Seitenebene</translation>
    </message>
    <message>
        <source>plumb line on the side plane</source>
        <translation>Lotlinie auf der Seitenebene</translation>
    </message>
    <message>
        <source>hair&apos;s outer shell</source>
        <translation>Außenhülle des Haars</translation>
    </message>
    <message>
        <source>hair&apos;s inner edge</source>
        <translation>Innenkante des Haars</translation>
    </message>
    <message>
        <source>centre line</source>
        <translation>Mittellinie</translation>
    </message>
    <message>
        <source>edge of the face</source>
        <translation>Gesichtskante</translation>
    </message>
    <message>
        <source>edge of the front plane</source>
        <translation>Kante der Vorderebene</translation>
    </message>
    <message>
        <source>brow line</source>
        <translation>Brauenlinie</translation>
    </message>
    <message>
        <source>crown</source>
        <translation>Scheitel</translation>
    </message>
    <message>
        <source>hairline</source>
        <translation>Haaransatz</translation>
    </message>
    <message>
        <source>eye line</source>
        <translation>Augenlinie</translation>
    </message>
    <message>
        <source>nose base</source>
        <translation>Nasenbasis</translation>
    </message>
    <message>
        <source>mouth</source>
        <translation>Mund</translation>
    </message>
    <message>
        <source>lower lip</source>
        <translation>Unterlippe</translation>
    </message>
    <message>
        <source>chin</source>
        <translation>Kinn</translation>
    </message>
    <message>
        <source>jaw</source>
        <translation>Kiefer</translation>
    </message>
    <message>
        <source>throat under the jaw</source>
        <translation>Kehle unter dem Kiefer</translation>
    </message>
    <message>
        <source>ear</source>
        <translation>Ohr</translation>
    </message>
    <message>
        <source>ear&apos;s inner curve</source>
        <translation>innerer Bogen des Ohrs</translation>
    </message>
    <message>
        <source>ear band</source>
        <translation>Ohrband</translation>
    </message>
    <message>
        <source>five eyes across</source>
        <translation>fünf Augen quer</translation>
    </message>
    <message>
        <source>inner eye over nose wing</source>
        <translation>innerer Augenwinkel über dem Nasenflügel</translation>
    </message>
    <message>
        <source>pupil over mouth corner</source>
        <translation>Pupille über dem Mundwinkel</translation>
    </message>
    <message>
        <source>nose wing, outer eye, end of the brow</source>
        <translation>Nasenflügel, äußerer Augenwinkel, Brauenende</translation>
    </message>
    <message>
        <source>jaw&apos;s turn at the mouth&apos;s level</source>
        <translation>Kieferwinkel auf der Höhe des Munds</translation>
    </message>
    <message>
        <source>near half carried over</source>
        <translation>nahe Hälfte hinübergetragen</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>pit of the neck</source>
        <translation>Halsgrube</translation>
    </message>
    <message>
        <source>neck from behind the ear to the pit</source>
        <translation>Hals von hinter dem Ohr zur Grube</translation>
    </message>
    <message>
        <source>shoulders</source>
        <translation>Schultern</translation>
    </message>
    <message>
        <source>collar bones</source>
        <translation>Schlüsselbeine</translation>
    </message>
    <message>
        <source>line of the shoulders</source>
        <translation>Linie der Schultern</translation>
    </message>
    <message>
        <source>planes of the forehead</source>
        <translation>Ebenen der Stirn</translation>
    </message>
    <message>
        <source>eye socket</source>
        <translation>Augenhöhle</translation>
    </message>
    <message>
        <source>wedge of the nose</source>
        <translation>Keil der Nase</translation>
    </message>
    <message>
        <source>plane of the cheek</source>
        <translation>Ebene der Wange</translation>
    </message>
    <message>
        <source>barrel of the mouth</source>
        <translation>Tonne des Munds</translation>
    </message>
    <message>
        <source>block of the chin</source>
        <translation>Block des Kinns</translation>
    </message>
    <message>
        <source>eyeballs with their lids</source>
        <translation>Augäpfel mit ihren Lidern</translation>
    </message>
    <message>
        <source>lids</source>
        <translation>Lider</translation>
    </message>
    <message>
        <source>nose as wedge, ball and wings</source>
        <translation>Nase als Keil, Kugel und Flügel</translation>
    </message>
    <message>
        <source>lips as five masses</source>
        <translation>Lippen als fünf Massen</translation>
    </message>
    <message>
        <source>ear&apos;s rim, bowl and lobe</source>
        <translation>Rand, Muschel und Läppchen des Ohrs</translation>
    </message>
    <message>
        <source>egg</source>
        <translation>Ei</translation>
    </message>
    <message>
        <source>circle</source>
        <translation>Kreis</translation>
    </message>
    <message>
        <source>half a circle more</source>
        <translation>ein halber Kreis mehr</translation>
    </message>
    <message>
        <source>axis of the head</source>
        <translation>Achse des Kopfes</translation>
    </message>
    <message>
        <source>box</source>
        <translation>Kasten</translation>
    </message>
    <message>
        <source>vanishing line</source>
        <translation>Fluchtlinie</translation>
    </message>
    <message>
        <source>envelope</source>
        <translation>Hülle</translation>
    </message>
    <message>
        <source>first straights</source>
        <translation>erste Geraden</translation>
    </message>
    <message>
        <source>near eye</source>
        <translation>nahes Auge</translation>
    </message>
    <message>
        <source>far eye</source>
        <translation>fernes Auge</translation>
    </message>
    <message>
        <source>eye-widths from eye to eye</source>
        <translation>Augenbreiten von Auge zu Auge</translation>
    </message>
    <message>
        <source>middle of the squares</source>
        <translation>Mitte der Quadrate</translation>
    </message>
    <message>
        <source>square</source>
        <translation>Quadrat</translation>
    </message>
    <message>
        <source>edge coordinate</source>
        <translation>Randkoordinate</translation>
    </message>
</context>
<context>
    <name>zokran::Document</name>
    <message>
        <source>The page for the sitter could not be written.</source>
        <translation>Das Blatt für das Modell konnte nicht geschrieben werden.</translation>
    </message>
    <message>
        <source>A sitter who was there</source>
        <translation>Jemand, der Modell saß</translation>
    </message>
    <message>
        <source>Take in a sketch</source>
        <translation>Eine Skizze aufnehmen</translation>
    </message>
    <message>
        <source>The sketch was put with &quot;%1&quot;, for which it was opened.</source>
        <translation>Die Skizze kam zu „%1“, wofür sie geöffnet wurde.</translation>
    </message>
    <message>
        <source>Another window changed this study meanwhile. Yours is kept apart from it, as a study of its own; both are on the shelf.</source>
        <translation>Ein anderes Fenster hat diese Studie inzwischen geändert. Deine wird getrennt davon als eigene Studie aufgehoben; beide stehen im Regal.</translation>
    </message>
    <message>
        <source>The last change cannot be saved: %1. It is still here.</source>
        <translation>Die letzte Änderung kann nicht gespeichert werden: %1. Sie ist noch hier.</translation>
    </message>
    <message>
        <source>This study was deleted by another window or program. It is still here.</source>
        <translation>Diese Studie wurde von einem anderen Fenster oder Programm gelöscht. Hier liegt sie noch.</translation>
    </message>
    <message>
        <source>The last change is not saved yet. %1</source>
        <translation>Die letzte Änderung ist noch nicht gespeichert. %1</translation>
    </message>
</context>
<context>
    <name>zokran::DrawPanel</name>
    <message>
        <source>Draw on paper</source>
        <translation>Auf Papier zeichnen</translation>
    </message>
    <message>
        <source>&amp;Going about it</source>
        <translation>&amp;Wie du vorgehst</translation>
    </message>
    <message>
        <source>Going about it</source>
        <translation>Wie du vorgehst</translation>
    </message>
    <message>
        <source>Go about it otherwise</source>
        <translation>Anders vorgehen</translation>
    </message>
    <message>
        <source>Print the form to trace…</source>
        <translation>Die Form zum Durchpausen drucken …</translation>
    </message>
    <message>
        <source>Before any shading: photograph the sketch and check it here. A placement error never gets cheaper. From straight above, in even light, the whole page in view.</source>
        <translation>Vor jedem Schattieren: fotografiere die Skizze und prüf sie hier. Ein Fehler in der Anlage wird nie billiger. Senkrecht von oben, in gleichmäßigem Licht, das ganze Blatt im Bild.</translation>
    </message>
    <message>
        <source>Watch with a camera…</source>
        <translation>Mit einer Kamera zusehen…</translation>
    </message>
    <message>
        <source>A camera over the easel takes a picture whenever the hand has left the page</source>
        <translation>Eine Kamera über der Staffelei nimmt ein Bild auf, sooft die Hand das Blatt verlassen hat</translation>
    </message>
    <message>
        <source>Care for hand, eyes and lungs</source>
        <translation>Achte auf Hand, Augen und Lunge</translation>
    </message>
    <message>
        <source>Look up every few minutes, let neck and hand rest, and stop after about five heads. Sharpen charcoal pencils away from you. Charcoal dust and spray fixative belong out of the lungs: wipe, do not blow, and spray outdoors or by an open window. The makers&apos; safety sheets have the last word.</source>
        <translation>Sieh alle paar Minuten auf, lass Nacken und Hand ruhen, und hör nach etwa fünf Köpfen auf. Spitz Kohlestifte vom Körper weg. Kohlestaub und Fixierspray gehören nicht in die Lunge: wischen, nicht pusten, und im Freien oder am offenen Fenster sprühen. Das letzte Wort haben die Sicherheitsblätter der Hersteller.</translation>
    </message>
</context>
<context>
    <name>zokran::DrawStep</name>
    <message>
        <source>Draw</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>a sketch</source>
        <translation>eine Skizze</translation>
    </message>
    <message>
        <source>Open the sketch&apos;s photograph…</source>
        <translation>Das Foto der Skizze öffnen…</translation>
    </message>
    <message>
        <source>Draw what you see; block in now, or when it is drawn.</source>
        <translation>Zeichne, was du siehst; leg jetzt an, oder wenn es gezeichnet ist.</translation>
    </message>
    <message>
        <source>Block in</source>
        <translation>Anlegen</translation>
    </message>
    <message>
        <source>Draw it on paper, one step after another.</source>
        <translation>Zeichne es aufs Papier, einen Schritt nach dem anderen.</translation>
    </message>
    <message>
        <source>First step</source>
        <translation>Erster Schritt</translation>
    </message>
    <message>
        <source>Next step</source>
        <translation>Nächster Schritt</translation>
    </message>
</context>
<context>
    <name>zokran::DrillPage</name>
    <message>
        <source>&amp;Answer</source>
        <translation>&amp;Antworten</translation>
    </message>
    <message>
        <source>&amp;Next task</source>
        <translation>&amp;Nächste Aufgabe</translation>
    </message>
    <message>
        <source>Lay this s&amp;tudy on the bench</source>
        <translation>Diese S&amp;tudie auf den Tisch legen</translation>
    </message>
    <message>
        <source>A minute each, with the answer at once.</source>
        <translation>Je eine Minute, mit der Antwort sofort.</translation>
    </message>
    <message>
        <source>A drill of a &amp;minute</source>
        <translation>Eine Übung von einer &amp;Minute</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>with heads of</source>
        <translation>mit Köpfen aus</translation>
    </message>
    <message>
        <source>the cast &amp;room</source>
        <translation>dem Gips&amp;saal</translation>
    </message>
    <message>
        <source>m&amp;y own studies</source>
        <translation>meinen Stu&amp;dien</translation>
    </message>
    <message>
        <source>None of your drawings is marked far enough yet, with something to mend.</source>
        <translation>Noch ist keine deiner Zeichnungen weit genug markiert und hätte etwas zu bessern.</translation>
    </message>
    <message>
        <source>None of your studies has the marks yet that this drill asks for.</source>
        <translation>Noch hat keine deiner Studien die Marken, nach denen diese Übung fragt.</translation>
    </message>
    <message>
        <source>Level %1 of %2, once more</source>
        <translation>Stufe %1 von %2, noch einmal</translation>
    </message>
    <message>
        <source>Level %1 of %2</source>
        <translation>Stufe %1 von %2</translation>
    </message>
    <message>
        <source>%1: %2. Click it on the picture.</source>
        <translation>%1: %2. Klick es im Bild an.</translation>
    </message>
    <message>
        <source>%1. Click it on the picture.</source>
        <translation>%1. Klick es im Bild an.</translation>
    </message>
    <message>
        <source>%1: you said %2, it is %3.</source>
        <translation>%1: du sagtest %2, es ist %3.</translation>
    </message>
    <message>
        <source>It is: %1.</source>
        <translation>Es ist: %1.</translation>
    </message>
    <message>
        <source>%1: %2 pixels off, up to %3 count.</source>
        <translation>%1: %2 Pixel daneben, bis zu %3 gelten.</translation>
    </message>
    <message>
        <source>Near enough. </source>
        <translation>Nah genug. </translation>
    </message>
    <message>
        <source>Not yet; it comes again. </source>
        <translation>Noch nicht; sie kommt wieder. </translation>
    </message>
    <message>
        <source>Answer a drill</source>
        <translation>Eine Übung beantworten</translation>
    </message>
</context>
<context>
    <name>zokran::DrillView</name>
    <message>
        <source>The drill&apos;s picture</source>
        <translation>Das Bild der Übung</translation>
    </message>
    <message>
        <source>The cast room sets it up…</source>
        <translation>Der Gipssaal baut sie auf…</translation>
    </message>
    <message>
        <source>Choose a drill; each takes a minute.</source>
        <translation>Wähl eine Übung; jede dauert eine Minute.</translation>
    </message>
</context>
<context>
    <name>zokran::EaselView</name>
    <message>
        <source>Easel view</source>
        <translation>Von der Staffelei</translation>
    </message>
    <message>
        <source>From the easel</source>
        <translation>Von der Staffelei aus</translation>
    </message>
    <message>
        <source>Time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>Space: on. Backspace: back. Escape: to the bench.</source>
        <translation>Leertaste: weiter. Rücktaste: zurück. Escape: zum Tisch.</translation>
    </message>
</context>
<context>
    <name>zokran::ExpressionPanel</name>
    <message>
        <source>Delete, with the sheet in focus</source>
        <translation>Entf, wenn das Blatt im Fokus ist</translation>
    </message>
    <message>
        <source>&amp;Bring back what was set aside</source>
        <translation>&amp;Beiseitegelegtes zurückholen</translation>
    </message>
    <message>
        <source>Bring back eyebrows, lids and lips</source>
        <translation>Augenbrauen, Lider und Lippen zurückholen</translation>
    </message>
    <message>
        <source>They are looked at when the head stands, and never change how its turn is read. Draw what this sitter has: no two eyebrows are alike.</source>
        <translation>Sie werden angesehen, wenn der Kopf steht, und ändern nie, wie seine Drehung gelesen wird. Zeichne, was dieses Modell hat: keine zwei Augenbrauen sind gleich.</translation>
    </message>
    <message>
        <source>A click on a dashed ring says that it lies right. Keys on the sheet: Space says so and takes the next ring, arrows move it, with Shift by more; Enter is done.</source>
        <translation>Ein Klick auf einen gestrichelten Ring sagt, dass er richtig liegt. Tasten auf dem Blatt: Leertaste sagt es und nimmt den nächsten Ring, Pfeile bewegen ihn, mit Umschalt weiter; Eingabe ist fertig.</translation>
    </message>
    <message>
        <source>Over the photograph and over your sketch</source>
        <translation>Über das Foto und über deine Zeichnung</translation>
    </message>
    <message>
        <source>Over the photograph</source>
        <translation>Über das Foto</translation>
    </message>
    <message>
        <source>Over your sketch</source>
        <translation>Über deine Skizze</translation>
    </message>
    <message>
        <source>Eyebrows, lids and lips</source>
        <translation>Augenbrauen, Lider und Lippen</translation>
    </message>
    <message>
        <source>Drag each ring onto its place, on both sheets.</source>
        <translation>Zieh jeden Ring auf seine Stelle, auf beiden Blättern.</translation>
    </message>
    <message>
        <source>&amp;Cannot see it</source>
        <translation>&amp;Nicht zu sehen</translation>
    </message>
    <message>
        <source>&amp;Not drawn</source>
        <translation>&amp;Nicht gezeichnet</translation>
    </message>
    <message>
        <source>Set by the program and not looked at yet: %1.</source>
        <translation>Vom Programm gesetzt und noch nicht angesehen: %1.</translation>
    </message>
</context>
<context>
    <name>zokran::ExpressionStage</name>
    <message>
        <source>Drag the rings onto eyebrows, lids and lips, on both sheets. What stays dashed is not judged.</source>
        <translation>Zieh die Ringe auf Augenbrauen, Lider und Lippen, auf beiden Blättern. Was gestrichelt bleibt, wird nicht beurteilt.</translation>
    </message>
    <message>
        <source>They lie there</source>
        <translation>Sie liegen dort</translation>
    </message>
    <message>
        <source>Leave them</source>
        <translation>Lass sie</translation>
    </message>
</context>
<context>
    <name>zokran::FaceChoice</name>
    <message>
        <source>Mark by hand</source>
        <translation>Von Hand markieren</translation>
    </message>
    <message>
        <source>This may be a face, but it is doubtful. Shall it be marked?</source>
        <translation>Das könnte ein Gesicht sein, aber es ist zweifelhaft. Soll es markiert werden?</translation>
    </message>
    <message>
        <source>Mark it</source>
        <translation>Markieren</translation>
    </message>
    <message>
        <source>Several faces are in this photograph. Click the one you draw, or press its number.</source>
        <translation>In diesem Foto sind mehrere Gesichter. Klicke das an, das du zeichnest, oder drücke seine Ziffer.</translation>
    </message>
    <message>
        <source>The largest</source>
        <translation>Das größte</translation>
    </message>
</context>
<context>
    <name>zokran::FaceFinding</name>
    <message>
        <source>No face was found in this photograph. Place the marks by hand.</source>
        <translation>In diesem Foto wurde kein Gesicht gefunden. Setze die Marken von Hand.</translation>
    </message>
    <message>
        <source>Find the face</source>
        <translation>Das Gesicht finden</translation>
    </message>
    <message>
        <source>Find the marks on the sketch</source>
        <translation>Die Marken auf der Zeichnung finden</translation>
    </message>
    <message>
        <source>Another face</source>
        <translation>Ein anderes Gesicht</translation>
    </message>
</context>
<context>
    <name>zokran::Faded</name>
    <message>
        <source>Faded</source>
        <translation>Verblasst</translation>
    </message>
</context>
<context>
    <name>zokran::FindingsPanel</name>
    <message>
        <source>The finding before (Page up)</source>
        <translation>Der Befund davor (Bild auf)</translation>
    </message>
    <message>
        <source>The next finding (Page down)</source>
        <translation>Der nächste Befund (Bild ab)</translation>
    </message>
    <message>
        <source>&amp;Look them over</source>
        <translation>&amp;Ansehen</translation>
    </message>
    <message>
        <source>From the most doubtful on: Enter when it is right, or drag it</source>
        <translation>Vom zweifelhaftesten an: Enter, wenn er stimmt, sonst zurechtziehen</translation>
    </message>
    <message>
        <source>What is held while laying over</source>
        <translation>Was beim Übereinanderlegen festgehalten wird</translation>
    </message>
    <message>
        <source>Hold still while laying over</source>
        <translation>Beim Übereinanderlegen festhalten</translation>
    </message>
    <message>
        <source>All features</source>
        <translation>Alle Züge</translation>
    </message>
    <message>
        <source>The eyes</source>
        <translation>Die Augen</translation>
    </message>
    <message>
        <source>The ball</source>
        <translation>Die Kugel</translation>
    </message>
    <message>
        <source>The page</source>
        <translation>Die Seite</translation>
    </message>
    <message>
        <source>Hold something else</source>
        <translation>Etwas anderes festhalten</translation>
    </message>
    <message>
        <source>Eyebrows, lids and lips…</source>
        <translation>Augenbrauen, Lider und Lippen …</translation>
    </message>
    <message>
        <source>Look over the rings on both sheets, or lay them</source>
        <translation>Die Ringe auf beiden Blättern durchsehen oder legen</translation>
    </message>
    <message>
        <source>Lines as you drew them</source>
        <translation>Linien, wie du sie gezeichnet hast</translation>
    </message>
    <message>
        <source>All numbers</source>
        <translation>Alle Zahlen</translation>
    </message>
    <message>
        <source>Where each feature is to go, as the arrows show: up and right on the paper, in % of the head&apos;s height, and the whole way in mm. Bold: beyond the marks&apos; own doubt.</source>
        <translation>Wohin jeder Zug gehört, wie die Pfeile zeigen: auf dem Blatt nach oben und rechts, in % der Kopfhöhe, und der ganze Weg in mm. Fett: mehr als die Unsicherheit der Marken.</translation>
    </message>
    <message>
        <source>Correction sheet…</source>
        <translation>Korrekturblatt …</translation>
    </message>
    <message>
        <source>As far as I can see; %1 of my marks are doubtful. Look at these first: %2.</source>
        <translation>Soweit ich sehe; %1 meiner Marken sind zweifelhaft. Sieh zuerst diese an: %2.</translation>
    </message>
    <message>
        <source>As far as I can see. You have not looked my marks over; none is doubtful.</source>
        <translation>Soweit ich sehe. Du hast meine Marken noch nicht angesehen; keine ist zweifelhaft.</translation>
    </message>
    <message>
        <source>What is worth mending</source>
        <translation>Was zu bessern lohnt</translation>
    </message>
    <message>
        <source>Errors from here on are to be mended, and watched from about half.</source>
        <translation>Ab hier sind Fehler zu bessern, ab etwa der Hälfte im Auge zu behalten.</translation>
    </message>
    <message>
        <source>Choose what is worth mending</source>
        <translation>Wählen, was zu bessern lohnt</translation>
    </message>
    <message>
        <source>A place, of the head</source>
        <translation>Eine Stelle, vom Kopf</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>A size, of itself</source>
        <translation>Eine Größe, von sich selbst</translation>
    </message>
    <message>
        <source>An angle</source>
        <translation>Ein Winkel</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>■ Stop here first</source>
        <translation>■ Hier zuerst anhalten</translation>
    </message>
    <message>
        <source>◇ Too few places to judge</source>
        <translation>◇ Zu wenige Stellen für ein Urteil</translation>
    </message>
    <message>
        <source>● Placement holds</source>
        <translation>● Die Anlage hält</translation>
    </message>
    <message>
        <source>◇ Nearly there</source>
        <translation>◇ Fast da</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Nothing is off of the few places that are marked.</source>
        <translation>An den wenigen markierten Stellen ist nichts daneben.</translation>
    </message>
    <message>
        <source>Mark more of the sketch before you trust it.</source>
        <translation>Markiere mehr von der Skizze, ehe du dich darauf verlässt.</translation>
    </message>
    <message>
        <source>Would have caught it: %1</source>
        <translation>Hätte es gezeigt: %1</translation>
    </message>
    <message>
        <source>On the page: %1</source>
        <translation>Auf dem Blatt: %1</translation>
    </message>
    <message>
        <source>To hold the ball, lay it over both heads first</source>
        <translation>Um die Kugel zu halten, leg sie erst über beide Köpfe</translation>
    </message>
</context>
<context>
    <name>zokran::FindingsStage</name>
    <message>
        <source>Drawn: the photo&apos;s construction laid over it</source>
        <translation>Gezeichnet: die Konstruktion des Fotos darüber</translation>
    </message>
    <message>
        <source>Photograph it again…</source>
        <translation>Noch einmal fotografieren…</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Aufheben</translation>
    </message>
    <message>
        <source>Few places are marked yet. Mark more of the sketch; then it can be judged.</source>
        <translation>Erst wenige Stellen sind markiert. Markiere mehr von der Skizze; dann lässt sie sich beurteilen.</translation>
    </message>
    <message>
        <source>Mark more</source>
        <translation>Mehr markieren</translation>
    </message>
    <message>
        <source>Mark more of the sketch</source>
        <translation>Mehr von der Skizze markieren</translation>
    </message>
    <message>
        <source>The placement holds. See whether eyebrows, lids and lips do, or shade it and keep what you noticed.</source>
        <translation>Die Platzierung hält. Sieh nach, ob Augenbrauen, Lider und Lippen es auch tun, oder schattiere und behalte, was dir auffiel.</translation>
    </message>
    <message>
        <source>Look at the features</source>
        <translation>Die Gesichtszüge ansehen</translation>
    </message>
    <message>
        <source>Look at the hair</source>
        <translation>Das Haar ansehen</translation>
    </message>
    <message>
        <source>Look at the neck</source>
        <translation>Den Hals ansehen</translation>
    </message>
    <message>
        <source>The placement holds. See whether hair and neck do, or shade it and keep what you noticed.</source>
        <translation>Die Anlage hält. Sieh, ob Haar und Hals es tun, oder schattiere sie und behalte, was dir aufgefallen ist.</translation>
    </message>
    <message>
        <source>The placement holds. Shade it, and keep what you noticed.</source>
        <translation>Die Anlage hält. Schattiere sie und heb auf, was dir aufgefallen ist.</translation>
    </message>
    <message>
        <source>On the paper: set the line anew, lightly, %1 along the arrow; then rub the dashed one out, and look again.</source>
        <translation>Auf dem Papier: Setze die Linie leicht neu, %1 dem Pfeil entlang; radiere dann die gestrichelte aus und sieh noch einmal hin.</translation>
    </message>
    <message>
        <source>Next finding</source>
        <translation>Nächster Befund</translation>
    </message>
</context>
<context>
    <name>zokran::Flicker</name>
    <message>
        <source>Flicker</source>
        <translation>Wechselnd</translation>
    </message>
</context>
<context>
    <name>zokran::FrameTool</name>
    <message>
        <source>drag a frame round the head</source>
        <translation>zieh einen Rahmen um den Kopf</translation>
    </message>
</context>
<context>
    <name>zokran::FreshStage</name>
    <message>
        <source>Go on to the check</source>
        <translation>Weiter zur Prüfung</translation>
    </message>
    <message>
        <source>Mirrored, what leans or hangs? Note it, then turn both upside down.</source>
        <translation>Im Spiegel: was kippt oder hängt? Merk es dir, dann stell beide auf den Kopf.</translation>
    </message>
    <message>
        <source>Upside down</source>
        <translation>Kopfüber</translation>
    </message>
    <message>
        <source>Upside down there are only shapes. Which are too wide, too long? Then measure.</source>
        <translation>Kopfüber sind es nur Formen. Welche sind zu breit, zu lang? Dann miss.</translation>
    </message>
    <message>
        <source>You put this drawing aside. Look at it with fresh eyes before it is measured: mirrored first.</source>
        <translation>Du hast diese Zeichnung beiseitegelegt. Sieh sie mit frischen Augen an, bevor gemessen wird: zuerst im Spiegel.</translation>
    </message>
    <message>
        <source>Mirrored</source>
        <translation>Gespiegelt</translation>
    </message>
</context>
<context>
    <name>zokran::GuessPanel</name>
    <message>
        <source>Guess first</source>
        <translation>Erst schätzen</translation>
    </message>
    <message>
        <source>Judge the head before anything is measured. Drag the ball out over the cranium, then turn it under your hand; being wrong is how the eye learns.</source>
        <translation>Schätze den Kopf, bevor etwas gemessen wird. Zieh die Kugel über den Schädel auf, dann dreh sie unter der Hand; am Irrtum lernt das Auge.</translation>
    </message>
    <message>
        <source>Turn the construction</source>
        <translation>Die Konstruktion drehen</translation>
    </message>
    <message>
        <source>&amp;Turn, + to the right</source>
        <translation>&amp;Drehung, + nach rechts</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>T&amp;ilt, + chin up</source>
        <translation>Nei&amp;gung, + Kinn hoch</translation>
    </message>
    <message>
        <source>&amp;Lean, + to the right</source>
        <translation>&amp;Seitneigung, + nach rechts</translation>
    </message>
    <message>
        <source>&amp;Width of the head to its length</source>
        <translation>&amp;Breite des Kopfes zu seiner Länge</translation>
    </message>
    <message>
        <source> %</source>
        <translation> %</translation>
    </message>
    <message>
        <source>Brow to &amp;chin, to the ball&apos;s radius</source>
        <translation>Brauen bis &amp;Kinn, zum Kugelradius</translation>
    </message>
    <message>
        <source>On the ball: turn and tilt.  Along its rim: lean.  Its middle: move.  Its edge: size.  The chin: drop it.</source>
        <translation>Auf der Kugel: drehen und neigen.  Am Rand: seitlich neigen.  Ihre Mitte: verschieben.  Ihre Kante: Größe.  Das Kinn: herunterziehen.</translation>
    </message>
    <message>
        <source>Keys on the photograph: arrows turn and tilt by a degree, comma and full stop lean, W A S D move, [ and ] size, C drops the chin, with Shift by more; Enter stands by the guess.</source>
        <translation>Tasten auf dem Foto: Pfeile drehen und neigen um ein Grad, Komma und Punkt neigen zur Seite, W A S D verschieben, [ und ] Größe, C senkt das Kinn, mit Umschalt um mehr; Eingabe steht zur Schätzung.</translation>
    </message>
</context>
<context>
    <name>zokran::GuessTool</name>
    <message>
        <source>Turn the construction</source>
        <translation>Die Konstruktion drehen</translation>
    </message>
    <message>
        <source>Lay the ball</source>
        <translation>Die Kugel legen</translation>
    </message>
    <message>
        <source>drag the ball out over the cranium</source>
        <translation>zieh die Kugel über den Schädel auf</translation>
    </message>
    <message>
        <source>move</source>
        <translation>verschieben</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Größe</translation>
    </message>
    <message>
        <source>turn and tilt</source>
        <translation>drehen und neigen</translation>
    </message>
    <message>
        <source>lean</source>
        <translation>seitlich neigen</translation>
    </message>
    <message>
        <source>chin</source>
        <translation>Kinn</translation>
    </message>
</context>
<context>
    <name>zokran::GuidesPanel</name>
    <message>
        <source>Guides</source>
        <translation>Hilfslinien</translation>
    </message>
    <message>
        <source>Point at a line: beside its name stands how far it may lie off, in % of the head&apos;s height.</source>
        <translation>Zeig auf eine Linie: Neben ihrem Namen steht, wie weit sie daneben liegen kann, in % der Kopfhöhe.</translation>
    </message>
    <message>
        <source>Planes</source>
        <translation>Ebenen</translation>
    </message>
    <message>
        <source>Ball and planes</source>
        <translation>Kugel und Ebenen</translation>
    </message>
    <message>
        <source>With guides</source>
        <translation>Mit Hilfslinien</translation>
    </message>
    <message>
        <source>Head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>Planes of the head</source>
        <translation>Ebenen des Kopfes</translation>
    </message>
    <message>
        <source>Change the depth of detail</source>
        <translation>Die Tiefe der Einzelheiten ändern</translation>
    </message>
    <message>
        <source>&amp;Levels by</source>
        <translation>&amp;Höhen nach</translation>
    </message>
    <message>
        <source>&amp;First form</source>
        <translation>&amp;Erste Form</translation>
    </message>
    <message>
        <source>Change the canon</source>
        <translation>Die Schule wechseln</translation>
    </message>
    <message>
        <source>Change the first form</source>
        <translation>Die erste Form wechseln</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>This sitter</source>
        <translation>Dieses Modell</translation>
    </message>
    <message>
        <source>Lines</source>
        <translation>Linien</translation>
    </message>
    <message>
        <source>Show: %1</source>
        <translation>Zeigen: %1</translation>
    </message>
    <message>
        <source>Hide: %1</source>
        <translation>Ausblenden: %1</translation>
    </message>
    <message>
        <source>More of the form</source>
        <translation>Mehr von der Form</translation>
    </message>
    <message>
        <source>A &amp;second school over it, dotted</source>
        <translation>Eine &amp;zweite Schule darüber, gepunktet</translation>
    </message>
    <message>
        <source>A second school over it</source>
        <translation>Eine zweite Schule darüber</translation>
    </message>
    <message>
        <source>Mass of the &amp;hair</source>
        <translation>Masse der H&amp;aare</translation>
    </message>
    <message>
        <source>S&amp;traights of the envelope</source>
        <translation>G&amp;eraden der Hülle</translation>
    </message>
    <message>
        <source>Keep this sitter as a school…</source>
        <translation>Dieses Modell als Schule aufheben…</translation>
    </message>
    <message>
        <source>Add a school from a file…</source>
        <translation>Eine Schule aus einer Datei hinzufügen…</translation>
    </message>
    <message>
        <source>Lay a second school over it</source>
        <translation>Eine zweite Schule darüberlegen</translation>
    </message>
    <message>
        <source>Change the hair&apos;s mass</source>
        <translation>Die Masse der Haare ändern</translation>
    </message>
    <message>
        <source>Change the straights</source>
        <translation>Die Geraden ändern</translation>
    </message>
    <message>
        <source>Add a school from a file</source>
        <translation>Eine Schule aus einer Datei hinzufügen</translation>
    </message>
    <message>
        <source>Schools (*.json)</source>
        <translation>Schulen (*.json)</translation>
    </message>
    <message>
        <source>Keep this sitter as a school</source>
        <translation>Dieses Modell als Schule aufheben</translation>
    </message>
    <message>
        <source>What is the school called?</source>
        <translation>Wie heißt die Schule?</translation>
    </message>
    <message>
        <source>Each line lies where this sitter&apos;s own features are.</source>
        <translation>Jede Linie liegt, wo die Züge dieses Modells liegen.</translation>
    </message>
</context>
<context>
    <name>zokran::GuidesStep</name>
    <message>
        <source>Guides</source>
        <translation>Hilfslinien</translation>
    </message>
    <message>
        <source>marks on the reference</source>
        <translation>Marken auf der Vorlage</translation>
    </message>
    <message>
        <source>The guides follow from the marks on the head: %1.</source>
        <translation>Die Hilfslinien folgen aus den Marken am Kopf: %1.</translation>
    </message>
    <message>
        <source>Block in</source>
        <translation>Anlegen</translation>
    </message>
    <message>
        <source>Follow each guide round the head. Switch off what you do not need.</source>
        <translation>Folge jeder Hilfslinie um den Kopf. Schalt aus, was du nicht brauchst.</translation>
    </message>
    <message>
        <source>Draw it</source>
        <translation>Zeichnen</translation>
    </message>
</context>
<context>
    <name>zokran::HalfPortrait</name>
    <message>
        <source>Half a portrait, mirrored</source>
        <translation>Ein halbes Porträt, gespiegelt</translation>
    </message>
    <message>
        <source>The nearer half is drawn from the photograph, the other half out of the first: every place at the same height, as far beyond the centre line as the turn allows. It shows how the two halves hang together.</source>
        <translation>Die nähere Hälfte wird nach dem Foto gezeichnet, die andere aus der ersten: jede Stelle auf gleicher Höhe, so weit jenseits der Mittellinie, wie die Drehung es zulässt. Das zeigt, wie die beiden Hälften zusammenhängen.</translation>
    </message>
    <message>
        <source>Centre line, brow line, crown and chin, over the whole head.</source>
        <translation>Mittellinie, Brauenlinie, Scheitel und Kinn, über den ganzen Kopf.</translation>
    </message>
    <message>
        <source>Draw the half that is not covered: brow, eye, half a nose, half a mouth, cheek and jaw.</source>
        <translation>Zeichne die Hälfte, die nicht verdeckt ist: Braue, Auge, halbe Nase, halber Mund, Wange und Kiefer.</translation>
    </message>
    <message>
        <source>From each place go along the head&apos;s own level, square to the centre line: eyes run with eyes, corners with corners. On a turned head the far half is the narrower.</source>
        <translation>Geh von jeder Stelle auf der eigenen Waagrechten des Kopfes hinüber, im rechten Winkel zur Mittellinie: Augen zu Augen, Winkel zu Winkeln. Am gedrehten Kopf ist die ferne Hälfte die schmalere.</translation>
    </message>
    <message>
        <source>The crosses show where this half falls on the other. Draw the second half from them, without the photograph.</source>
        <translation>Die Kreuze zeigen, wohin diese Hälfte auf der anderen fällt. Zeichne die zweite Hälfte danach, ohne das Foto.</translation>
    </message>
    <message>
        <source>Stand a mirror upright on the centre line: on a head from the front it shows the half you drew as a whole face.</source>
        <translation>Stell einen Spiegel aufrecht auf die Mittellinie: Bei einem Kopf von vorn zeigt er die gezeichnete Hälfte als ganzes Gesicht.</translation>
    </message>
    <message>
        <source>Now take the cover away: in “By the first form” the photograph is whole again. What does not match the mirror is this sitter: draw that, do not mend it.</source>
        <translation>Nun nimm die Abdeckung weg: Unter „Nach der ersten Form“ ist das Foto wieder ganz. Was nicht zum Spiegel passt, ist dieses Modell: Zeichne das, bessere es nicht aus.</translation>
    </message>
</context>
<context>
    <name>zokran::HeadAsDrawn</name>
    <message>
        <source>The head you drew</source>
        <translation>Der Kopf, den du gezeichnet hast</translation>
    </message>
    <message>
        <source>The head you were shown</source>
        <translation>Der Kopf, der dir gezeigt wurde</translation>
    </message>
</context>
<context>
    <name>zokran::HeadLight</name>
    <message>
        <source>Read the light</source>
        <translation>Das Licht lesen</translation>
    </message>
</context>
<context>
    <name>zokran::HeadPanel</name>
    <message>
        <source>Which head?</source>
        <translation>Welcher Kopf?</translation>
    </message>
    <message>
        <source>This page shows several drawings. One is checked at a time, against the photograph at the left; photograph or open the page once more for the next.</source>
        <translation>Dieses Blatt zeigt mehrere Zeichnungen. Geprüft wird eine auf einmal, gegen das Foto links; fotografiere oder öffne das Blatt für die nächste noch einmal.</translation>
    </message>
    <message>
        <source>Head %1</source>
        <translation>Kopf %1</translation>
    </message>
    <message>
        <source>Keys on the page: the head&apos;s number.</source>
        <translation>Tasten auf dem Blatt: die Nummer des Kopfes.</translation>
    </message>
</context>
<context>
    <name>zokran::HeadStage</name>
    <message>
        <source>Several heads are on this page. Click the one to be checked.</source>
        <translation>Auf diesem Blatt sind mehrere Köpfe. Klick den an, der geprüft werden soll.</translation>
    </message>
    <message>
        <source>It is one drawing</source>
        <translation>Es ist eine Zeichnung</translation>
    </message>
</context>
<context>
    <name>zokran::HeadsFilling</name>
    <message>
        <source>Heads of the plan</source>
        <translation>Köpfe des Plans</translation>
    </message>
    <message>
        <source>%1 of %2 drawn</source>
        <translation>%1 von %2 gezeichnet</translation>
    </message>
</context>
<context>
    <name>zokran::KeepPanel</name>
    <message>
        <source>Keep</source>
        <translation>Aufheben</translation>
    </message>
    <message>
        <source>S&amp;ketch on the bench</source>
        <translation>S&amp;kizze auf dem Tisch</translation>
    </message>
    <message>
        <source>Sketch on the bench</source>
        <translation>Skizze auf dem Tisch</translation>
    </message>
    <message>
        <source>How it came about</source>
        <translation>Wie es kam</translation>
    </message>
    <message>
        <source>&amp;Notes</source>
        <translation>&amp;Notizen</translation>
    </message>
    <message>
        <source>Notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>What did you notice? What will you measure first next time?</source>
        <translation>Was ist dir aufgefallen? Was misst du nächstes Mal zuerst?</translation>
    </message>
    <message>
        <source>Correction sheet…</source>
        <translation>Korrekturblatt …</translation>
    </message>
    <message>
        <source>A drawing is changeable and likeness comes late. An error is information: the ones that come back are the ones worth practising.</source>
        <translation>Eine Zeichnung lässt sich ändern, und die Ähnlichkeit kommt spät. Ein Fehler ist eine Auskunft: die wiederkehren, lohnen das Üben.</translation>
    </message>
    <message>
        <source>Write notes</source>
        <translation>Notizen schreiben</translation>
    </message>
    <message>
        <source>Lay another sketch on the bench</source>
        <translation>Eine andere Skizze auf den Tisch legen</translation>
    </message>
    <message>
        <source>Write the diary</source>
        <translation>Das Tagebuch schreiben</translation>
    </message>
    <message>
        <source>&amp;Materials</source>
        <translation>&amp;Material</translation>
    </message>
    <message>
        <source>2B, grey paper</source>
        <translation>2B, graues Papier</translation>
    </message>
    <message>
        <source>M&amp;ood</source>
        <translation>&amp;Stimmung</translation>
    </message>
    <message>
        <source>of the day, in a word</source>
        <translation>des Tages, in einem Wort</translation>
    </message>
    <message>
        <source>Ta&amp;gs</source>
        <translation>Sti&amp;chwörter</translation>
    </message>
    <message>
        <source>words, a space between</source>
        <translation>Wörter, mit Leerzeichen dazwischen</translation>
    </message>
    <message>
        <source>Meas&amp;ured</source>
        <translation>Ge&amp;messen</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source>before it was drawn</source>
        <translation>vor dem Zeichnen</translation>
    </message>
    <message>
        <source>after it was drawn</source>
        <translation>nach dem Zeichnen</translation>
    </message>
    <message>
        <source>not at all</source>
        <translation>gar nicht</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>There is no comparison to keep yet.</source>
        <translation>Es gibt noch keinen Vergleich zum Aufheben.</translation>
    </message>
    <message>
        <source>To watch on the next head: the %1.</source>
        <translation>Beim nächsten Kopf darauf achten: %1.</translation>
    </message>
    <message>
        <source>Measure it before the features: %1</source>
        <translation>Miss es vor den Zügen: %1</translation>
    </message>
    <message>
        <source>The pose was straightened by %1 %: people draw the head they know and not the head they see.</source>
        <translation>Die Haltung wurde um %1 % begradigt: man zeichnet den Kopf, den man kennt, nicht den, den man sieht.</translation>
    </message>
    <message>
        <source>The pose was exaggerated by %1 %.</source>
        <translation>Die Haltung wurde um %1 % übertrieben.</translation>
    </message>
    <message>
        <source>First form: %1.</source>
        <translation>Erste Form: %1.</translation>
    </message>
    <message>
        <source>Drawn in %1 min %2 s.</source>
        <translation>Gezeichnet in %1 min %2 s.</translation>
    </message>
    <message>
        <source>Sketch %1, %2</source>
        <translation>Skizze %1, %2</translation>
    </message>
</context>
<context>
    <name>zokran::KeepStep</name>
    <message>
        <source>Keep</source>
        <translation>Aufheben</translation>
    </message>
    <message>
        <source>your notes</source>
        <translation>deine Notizen</translation>
    </message>
    <message>
        <source>Write down what you noticed, then take the next head.</source>
        <translation>Schreib auf, was dir aufgefallen ist, dann nimm den nächsten Kopf.</translation>
    </message>
    <message>
        <source>Open the next photograph…</source>
        <translation>Das nächste Foto öffnen…</translation>
    </message>
</context>
<context>
    <name>zokran::LaidOver</name>
    <message>
        <source>Laid over</source>
        <translation>Übereinander</translation>
    </message>
    <message>
        <source>How much of the photo shows</source>
        <translation>Wie viel vom Foto zu sehen ist</translation>
    </message>
</context>
<context>
    <name>zokran::Launch</name>
    <message numerus="yes">
        <source>The logbook was damaged. %n studies could be read and are here, %1 could not. The damaged file is kept as %2.</source>
        <translation>
            <numerusform>Das Arbeitsbuch war beschädigt. %n Studie ließ sich lesen und ist hier, %1 nicht. Die beschädigte Datei ist als %2 aufgehoben.</numerusform>
            <numerusform>Das Arbeitsbuch war beschädigt. %n Studien ließen sich lesen und sind hier, %1 nicht. Die beschädigte Datei ist als %2 aufgehoben.</numerusform>
        </translation>
    </message>
    <message>
        <source>You are only looking: nothing you change here is kept.</source>
        <translation>Du siehst nur zu: nichts, was du hier änderst, wird aufgehoben.</translation>
    </message>
    <message>
        <source>You go on in %1, as last time, because your first logbook cannot be opened. %2</source>
        <translation>Du arbeitest in %1 weiter, wie beim letzten Mal, weil sich dein erstes Arbeitsbuch nicht öffnen lässt. %2</translation>
    </message>
    <message>
        <source>Go back to the last daily backup</source>
        <translation>Zur letzten täglichen Sicherung zurück</translation>
    </message>
    <message>
        <source>Welcome. A walk round the bench, with the demo&apos;s heads, takes three minutes.</source>
        <translation>Willkommen. Ein Rundgang um den Tisch, mit den Köpfen der Vorführung, dauert drei Minuten.</translation>
    </message>
    <message>
        <source>Take the &amp;walk</source>
        <translation>Den &amp;Rundgang machen</translation>
    </message>
    <message>
        <source>Today&apos;s copy of the logbook could not be made. %1</source>
        <translation>Die Sicherung des Arbeitsbuchs von heute ließ sich nicht anlegen. %1</translation>
    </message>
    <message>
        <source>The copy of %1 is in place.</source>
        <translation>Die Kopie vom %1 ist an ihrem Platz.</translation>
    </message>
    <message>
        <source>The copy of %1 is in place. What stood there before is kept as %2.</source>
        <translation>Die Sicherung vom %1 ist an ihrem Platz. Was vorher da stand, ist als %2 aufgehoben.</translation>
    </message>
    <message>
        <source>A folder for your logbook</source>
        <translation>Ein Ordner für dein Arbeitsbuch</translation>
    </message>
    <message>
        <source>Zokran</source>
        <translation>Zokran</translation>
    </message>
    <message>
        <source>Your logbook cannot be opened</source>
        <translation>Dein Arbeitsbuch lässt sich nicht öffnen</translation>
    </message>
    <message>
        <source>Nothing has been changed or lost by trying.</source>
        <translation>Durch den Versuch wurde nichts geändert und nichts verloren.</translation>
    </message>
    <message>
        <source>Go back to a daily &amp;backup:</source>
        <translation>Zu einer &amp;Tagessicherung zurückkehren:</translation>
    </message>
    <message>
        <source>Begin a &amp;new, empty logbook here</source>
        <translation>Hier ein &amp;neues, leeres Arbeitsbuch beginnen</translation>
    </message>
    <message>
        <source>&amp;Try again</source>
        <translation>Noch einmal &amp;versuchen</translation>
    </message>
    <message>
        <source>Keep it in another &amp;folder…</source>
        <translation>In einem anderen &amp;Ordner führen…</translation>
    </message>
    <message>
        <source>Work on a &amp;copy of what can be read</source>
        <translation>Mit einer &amp;Kopie des Lesbaren arbeiten</translation>
    </message>
    <message>
        <source>Only &amp;look, change nothing</source>
        <translation>Nur &amp;ansehen, nichts ändern</translation>
    </message>
    <message>
        <source>The daily backups, the last one first</source>
        <translation>Die Tagessicherungen, die letzte zuerst</translation>
    </message>
</context>
<context>
    <name>zokran::LengthPanel</name>
    <message>
        <source>A known length</source>
        <translation>Eine bekannte Länge</translation>
    </message>
    <message>
        <source>Put the two rings on the ends of something you can measure with a ruler: an edge of the paper, a line you drew, the whole head. Photograph it from straight above; nothing is straightened here.</source>
        <translation>Setz die zwei Ringe auf die Enden von etwas, das du mit dem Lineal messen kannst: eine Kante des Papiers, eine gezogene Linie, den ganzen Kopf. Fotografiere senkrecht von oben; hier wird nichts entzerrt.</translation>
    </message>
    <message>
        <source>It is so &amp;long on the paper</source>
        <translation>So &amp;lang ist es auf dem Papier</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Keys on the photograph: Space takes the other end, arrows move it, with Shift by more; Enter is done.</source>
        <translation>Tasten auf dem Foto: Leertaste nimmt das andere Ende, Pfeile bewegen es, mit Umschalt um mehr; Eingabe ist fertig.</translation>
    </message>
</context>
<context>
    <name>zokran::LengthStage</name>
    <message>
        <source>Put the rings on the ends of what you can measure, and say how long it is.</source>
        <translation>Setz die Ringe auf die Enden von etwas Messbarem und sag, wie lang es ist.</translation>
    </message>
    <message>
        <source>That is its length</source>
        <translation>Das ist die Länge</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>%1 mm</source>
        <translation>%1 mm</translation>
    </message>
</context>
<context>
    <name>zokran::Library</name>
    <message>
        <source>Your studies</source>
        <translation>Deine Studien</translation>
    </message>
    <message>
        <source>Find a study</source>
        <translation>Eine Studie finden</translation>
    </message>
    <message>
        <source>Find: title, sitter, notes, materials, mood, tags, date</source>
        <translation>Finden: Titel, Modell, Notizen, Material, Stimmung, Stichwörter, Datum</translation>
    </message>
    <message>
        <source>On the shelf, or put away</source>
        <translation>Im Regal oder weggelegt</translation>
    </message>
    <message>
        <source>On the shelf</source>
        <translation>Im Regal</translation>
    </message>
    <message>
        <source>Put away</source>
        <translation>Weggelegt</translation>
    </message>
    <message>
        <source>Sitter</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>How the head is held</source>
        <translation>Wie der Kopf gehalten ist</translation>
    </message>
    <message>
        <source>Any pose</source>
        <translation>Jede Haltung</translation>
    </message>
    <message>
        <source>From the front</source>
        <translation>Von vorn</translation>
    </message>
    <message>
        <source>Three-quarter</source>
        <translation>Dreiviertel</translation>
    </message>
    <message>
        <source>Profile</source>
        <translation>Profil</translation>
    </message>
    <message>
        <source>Looking up</source>
        <translation>Nach oben</translation>
    </message>
    <message>
        <source>Looking down</source>
        <translation>Nach unten</translation>
    </message>
    <message>
        <source>What is to be mended</source>
        <translation>Was zu bessern ist</translation>
    </message>
    <message>
        <source>Any error</source>
        <translation>Jeder Fehler</translation>
    </message>
    <message>
        <source>Order</source>
        <translation>Reihenfolge</translation>
    </message>
    <message>
        <source>Last changed first</source>
        <translation>Zuletzt geändert zuerst</translation>
    </message>
    <message>
        <source>Last drawn first</source>
        <translation>Zuletzt gezeichnet zuerst</translation>
    </message>
    <message>
        <source>By title</source>
        <translation>Nach Titel</translation>
    </message>
    <message>
        <source>By sitter</source>
        <translation>Nach Modell</translation>
    </message>
    <message>
        <source>&amp;Contact sheet…</source>
        <translation>&amp;Kontaktbogen…</translation>
    </message>
    <message>
        <source>Save as a &amp;bundle…</source>
        <translation>Als &amp;Bündel speichern…</translation>
    </message>
    <message>
        <source>&amp;New from a photograph…</source>
        <translation>&amp;Neu nach einem Foto…</translation>
    </message>
    <message>
        <source>A whole &amp;folder…</source>
        <translation>Ein ganzer &amp;Ordner…</translation>
    </message>
    <message>
        <source>Put the last one &amp;back</source>
        <translation>Das letzte &amp;zurück</translation>
    </message>
    <message>
        <source>Put &amp;away</source>
        <translation>&amp;Weglegen</translation>
    </message>
    <message>
        <source>&amp;Delete for good…</source>
        <translation>Endgültig &amp;löschen…</translation>
    </message>
    <message>
        <source>&amp;Open on the bench</source>
        <translation>Auf dem Tisch &amp;öffnen</translation>
    </message>
    <message>
        <source>Delete for good</source>
        <translation>Endgültig löschen</translation>
    </message>
    <message numerus="yes">
        <source>%n studies with their sketches, marks and notes are deleted for good. This cannot be undone.</source>
        <translation>
            <numerusform>%n Studie mit Skizze, Marken und Notizen wird endgültig gelöscht. Das lässt sich nicht rückgängig machen.</numerusform>
            <numerusform>%n Studien mit ihren Skizzen, Marken und Notizen werden endgültig gelöscht. Das lässt sich nicht rückgängig machen.</numerusform>
        </translation>
    </message>
    <message>
        <source>Pictures that no other study shows are deleted from the logbook with them; the files they came from are not touched.</source>
        <translation>Bilder, die keine andere Studie zeigt, werden mit ihnen aus dem Arbeitsbuch gelöscht; die Dateien, aus denen sie kamen, bleiben unberührt.</translation>
    </message>
    <message>
        <source>Keep them</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>One of them lies on the bench; open another study first.</source>
        <translation>Eine davon liegt auf dem Tisch; öffne erst eine andere Studie.</translation>
    </message>
    <message>
        <source>Any sitter</source>
        <translation>Jedes Modell</translation>
    </message>
    <message>
        <source>drawn %1</source>
        <translation>gezeichnet %1</translation>
    </message>
    <message>
        <source>No study is like that.</source>
        <translation>Keine Studie ist so.</translation>
    </message>
    <message>
        <source>Nothing is put away.</source>
        <translation>Nichts ist weggelegt.</translation>
    </message>
    <message>
        <source>No study yet. Begin with a photograph, or in the cast room.</source>
        <translation>Noch keine Studie. Fang mit einem Foto an oder im Gipssaal.</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Put %1 &amp;away</source>
        <translation>%1 &amp;weglegen</translation>
    </message>
    <message>
        <source>Put &amp;back</source>
        <translation>&amp;Zurückstellen</translation>
    </message>
    <message>
        <source>Put the last %1 &amp;back</source>
        <translation>Die letzten %1 &amp;zurück</translation>
    </message>
    <message>
        <source>How much is done</source>
        <translation>Wie viel getan ist</translation>
    </message>
    <message>
        <source>&amp;Stop</source>
        <translation>&amp;Stopp</translation>
    </message>
    <message>
        <source>Saved: %1</source>
        <translation>Gesichert: %1</translation>
    </message>
    <message numerus="yes">
        <source>%n studies taken in; %1 were here already.</source>
        <translation>
            <numerusform>%n Studie aufgenommen; %1 waren schon hier.</numerusform>
            <numerusform>%n Studien aufgenommen; %1 waren schon hier.</numerusform>
        </translation>
    </message>
    <message>
        <source>%1 had been changed here: both are kept.</source>
        <translation>%1 wurden hier geändert: beide sind aufgehoben.</translation>
    </message>
    <message>
        <source>%1 were left out. The first: %2</source>
        <translation>%1 wurden ausgelassen. Das erste: %2</translation>
    </message>
    <message>
        <source>Taking studies in…</source>
        <translation>Studien werden aufgenommen…</translation>
    </message>
    <message>
        <source>logbook</source>
        <translation>Arbeitsbuch</translation>
    </message>
    <message>
        <source>study</source>
        <translation>Studie</translation>
    </message>
    <message>
        <source>studies</source>
        <translation>Studien</translation>
    </message>
    <message>
        <source>Back up the whole logbook</source>
        <translation>Das ganze Arbeitsbuch sichern</translation>
    </message>
    <message>
        <source>Save the chosen studies</source>
        <translation>Die gewählten Studien speichern</translation>
    </message>
    <message>
        <source>Studies (*.zokran)</source>
        <translation>Studien (*.zokran)</translation>
    </message>
    <message>
        <source>Writing studies…</source>
        <translation>Studien werden geschrieben…</translation>
    </message>
    <message>
        <source>Taking in %1 of %2…</source>
        <translation>%1 von %2 wird aufgenommen…</translation>
    </message>
    <message>
        <source>Save the contact sheet</source>
        <translation>Den Kontaktbogen speichern</translation>
    </message>
    <message>
        <source>Documents (*.pdf)</source>
        <translation>Dokumente (*.pdf)</translation>
    </message>
    <message>
        <source>Writing the contact sheet…</source>
        <translation>Der Kontaktbogen wird geschrieben…</translation>
    </message>
    <message numerus="yes">
        <source>%n heads</source>
        <translation>
            <numerusform>%n Kopf</numerusform>
            <numerusform>%n Köpfe</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::LightBall</name>
    <message>
        <source>Where the light stands</source>
        <translation>Wo das Licht steht</translation>
    </message>
    <message>
        <source>Drag the handle, or use the arrow keys</source>
        <translation>Zieh am Griff, oder nimm die Pfeiltasten</translation>
    </message>
</context>
<context>
    <name>zokran::LightPanel</name>
    <message>
        <source>A second light</source>
        <translation>Ein zweites Licht</translation>
    </message>
    <message>
        <source>&amp;Read it from the photo</source>
        <translation>&amp;Aus dem Foto lesen</translation>
    </message>
    <message>
        <source>Turn the light</source>
        <translation>Das Licht drehen</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Tonwerte</translation>
    </message>
    <message>
        <source>%1 values</source>
        <translation>%1 Tonwerte</translation>
    </message>
    <message>
        <source>Choose the values</source>
        <translation>Die Tonwerte wählen</translation>
    </message>
    <message>
        <source>On the ri&amp;ght</source>
        <translation>&amp;Rechts</translation>
    </message>
    <message>
        <source>On the right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>The head in planes</source>
        <translation>Der Kopf in Flächen</translation>
    </message>
    <message>
        <source>Its large planes</source>
        <translation>Seine großen Flächen</translation>
    </message>
    <message>
        <source>The round form</source>
        <translation>Die runde Form</translation>
    </message>
    <message>
        <source>Your sketch</source>
        <translation>Deine Skizze</translation>
    </message>
    <message>
        <source>S&amp;quint both pictures</source>
        <translation>Beide Bilder &amp;blinzeln</translation>
    </message>
    <message>
        <source>The s&amp;hapes as outlines</source>
        <translation>Die &amp;Formen als Umrisse</translation>
    </message>
    <message>
        <source>&amp;Edges of the shadows</source>
        <translation>&amp;Ränder der Schatten</translation>
    </message>
    <message>
        <source>&amp;Name light and shadow</source>
        <translation>Licht und Schatten be&amp;nennen</translation>
    </message>
    <message>
        <source>Highlight, halftone, core, reflected light and cast shadow, on the form and on the photo</source>
        <translation>Glanzlicht, Halbton, Kern, Reflexlicht und Schlagschatten, auf der Form und auf dem Foto</translation>
    </message>
    <message>
        <source>Standing on a &amp;table</source>
        <translation>Auf einem &amp;Tisch stehend</translation>
    </message>
    <message>
        <source>Set by hand: light %1</source>
        <translation>Von Hand gestellt: Licht %1</translation>
    </message>
    <message>
        <source>Light %1</source>
        <translation>Licht %1</translation>
    </message>
    <message>
        <source>%1° across, %2° up</source>
        <translation>%1° seitlich, %2° hoch</translation>
    </message>
    <message>
        <source>Reading the photo…</source>
        <translation>Das Foto wird gelesen…</translation>
    </message>
    <message>
        <source>Cannot tell from this photo: its light is too flat, or the face too small.</source>
        <translation>Aus diesem Foto nicht zu sagen: das Licht ist zu flach oder das Gesicht zu klein.</translation>
    </message>
    <message>
        <source>
read from the photo, ±%1°</source>
        <translation>
aus dem Foto gelesen, ±%1°</translation>
    </message>
    <message>
        <source>Values that are off, place by place</source>
        <translation>Tonwerte, die nicht stimmen, Stelle für Stelle</translation>
    </message>
    <message>
        <source>Place by place, the surest first</source>
        <translation>Stelle für Stelle, das Sicherste zuerst</translation>
    </message>
    <message>
        <source>Comparing the values…</source>
        <translation>Die Tonwerte werden verglichen…</translation>
    </message>
    <message>
        <source>Once the sketch is checked, its values are compared place by place.</source>
        <translation>Sobald die Skizze geprüft ist, werden ihre Tonwerte Stelle für Stelle verglichen.</translation>
    </message>
    <message>
        <source>Catches the light</source>
        <translation>Fängt das Licht</translation>
    </message>
    <message>
        <source>Stays dark</source>
        <translation>Bleibt dunkel</translation>
    </message>
    <message>
        <source>Then: %1.</source>
        <translation>Danach: %1.</translation>
    </message>
</context>
<context>
    <name>zokran::LightStep</name>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>where the light stands</source>
        <translation>wo das Licht steht</translation>
    </message>
    <message>
        <source>The form under this light</source>
        <translation>Die Form in diesem Licht</translation>
    </message>
    <message>
        <source>Turn it in the hand</source>
        <translation>Dreh sie in der Hand</translation>
    </message>
    <message>
        <source>Keep it</source>
        <translation>Aufheben</translation>
    </message>
    <message>
        <source>The light falls on the form: block in the head first, or try a basic form.</source>
        <translation>Das Licht fällt auf die Form: leg erst den Kopf an, oder nimm eine Grundform.</translation>
    </message>
    <message>
        <source>Block in</source>
        <translation>Anlegen</translation>
    </message>
    <message>
        <source>First: %1. %2</source>
        <translation>Zuerst: %1. %2</translation>
    </message>
    <message>
        <source>Where does the light come from? Say it to yourself; then read it, or drag the handle on the ball until form and photo agree.</source>
        <translation>Woher kommt das Licht? Sag es dir selbst; dann lies es ab, oder zieh am Griff auf der Kugel, bis Form und Foto übereinstimmen.</translation>
    </message>
    <message>
        <source>Read it</source>
        <translation>Ablesen</translation>
    </message>
    <message>
        <source>Leave the paper bare first here: %1. The deepest tone: %2.</source>
        <translation>Hier bleibt zuerst das Papier frei: %1. Der tiefste Ton: %2.</translation>
    </message>
    <message>
        <source>Draw it in these values, then compare.</source>
        <translation>Zeichne es in diesen Tonwerten, dann vergleich.</translation>
    </message>
</context>
<context>
    <name>zokran::LinePanel</name>
    <message>
        <source>Take it &amp;away</source>
        <translation>&amp;Wegnehmen</translation>
    </message>
    <message>
        <source>The sketch shows no such line, or it is not to be judged</source>
        <translation>Die Skizze zeigt keine solche Linie, oder sie soll nicht beurteilt werden</translation>
    </message>
    <message>
        <source>A click beside the rings puts the next corner there. Insert adds a corner after the ring taken up, Delete takes it away; five to nine straights serve.</source>
        <translation>Ein Klick neben die Ringe setzt die nächste Ecke dorthin. Einfg fügt nach dem aufgenommenen Ring eine Ecke ein, Entf nimmt ihn weg; fünf bis neun Geraden genügen.</translation>
    </message>
    <message>
        <source>Keys on the sheet: Space takes the next ring, arrows move it, with Shift by more; Enter is done.</source>
        <translation>Tasten auf dem Blatt: Leertaste nimmt den nächsten Ring, Pfeile bewegen ihn, mit Umschalt weiter; Eingabe ist fertig.</translation>
    </message>
    <message>
        <source>Over the photograph, then over your sketch</source>
        <translation>Über das Foto, dann über deine Skizze</translation>
    </message>
    <message>
        <source>Over your sketch</source>
        <translation>Über deine Skizze</translation>
    </message>
    <message>
        <source>A click beside the rings puts the next one there. Insert adds a ring after the one taken up, Delete takes it away: as many as the hair has bends, up to fifteen.</source>
        <translation>Ein Klick neben die Ringe setzt den nächsten dorthin. Einfg fügt nach dem aufgenommenen Ring einen hinzu, Entf nimmt ihn weg: so viele, wie das Haar Biegungen hat, bis zu fünfzehn.</translation>
    </message>
</context>
<context>
    <name>zokran::LineStage</name>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Drag the rings onto the %1 in the photograph; press one that lies right.</source>
        <translation>Zieh die Ringe im Foto auf: %1. Drück auf einen, der schon richtig liegt.</translation>
    </message>
    <message>
        <source>Drag the rings onto the %1 as you drew it; press one that lies right.</source>
        <translation>Zieh die Ringe, wie du gezeichnet hast, auf: %1. Drück auf einen, der schon richtig liegt.</translation>
    </message>
    <message>
        <source>Drag the rings onto the %1 in the photograph.</source>
        <translation>Zieh die Ringe im Foto auf: %1.</translation>
    </message>
    <message>
        <source>Drag the rings onto the %1 as you drew it.</source>
        <translation>Zieh die Ringe, wie du gezeichnet hast, auf: %1.</translation>
    </message>
    <message>
        <source>It lies there</source>
        <translation>Da liegt sie</translation>
    </message>
</context>
<context>
    <name>zokran::LiveSitterDialog</name>
    <message>
        <source>A sitter who is there</source>
        <translation>Jemand, der Modell sitzt</translation>
    </message>
    <message>
        <source>Hold the pencil out at arm&apos;s length, one eye shut. Take the nearer eye&apos;s width as one, and type what you read; leave out what you cannot see. Five readings serve, ten serve well.</source>
        <translation>Halt den Stift mit gestrecktem Arm vor dich, ein Auge zu. Die Breite des näheren Auges zählt als eins; tipp ein, was du abliest, und lass weg, was du nicht siehst. Fünf Maße reichen, zehn sind besser.</translation>
    </message>
    <message>
        <source>The &amp;nearer half of the face</source>
        <translation>Die &amp;nähere Gesichtshälfte</translation>
    </message>
    <message>
        <source>on your left</source>
        <translation>links von dir aus</translation>
    </message>
    <message>
        <source>neither: it faces me</source>
        <translation>keine: es sieht mich an</translation>
    </message>
    <message>
        <source>on your right</source>
        <translation>rechts von dir aus</translation>
    </message>
    <message>
        <source>&amp;Who sits</source>
        <translation>&amp;Wer sitzt</translation>
    </message>
    <message>
        <source>not read</source>
        <translation>nicht gemessen</translation>
    </message>
    <message>
        <source> eyes</source>
        <translation> Augen</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source>Above 0 where its foot lies to your right</source>
        <translation>Über 0, wo ihr Fuß rechts von dir aus liegt</translation>
    </message>
    <message>
        <source>Above 0 where it rises to your right</source>
        <translation>Über 0, wo sie nach rechts steigt</translation>
    </message>
    <message>
        <source>The head as read</source>
        <translation>Der Kopf, wie gemessen</translation>
    </message>
    <message>
        <source>&amp;Lay it on the bench</source>
        <translation>Auf den &amp;Tisch legen</translation>
    </message>
    <message>
        <source>C&amp;lose</source>
        <translation>Sch&amp;ließen</translation>
    </message>
    <message>
        <source>Read off with the pencil:</source>
        <translation>Mit dem Stift abgelesen:</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 more readings, and the head stands here.</source>
        <translation>Noch %1 Maße, dann steht der Kopf hier.</translation>
    </message>
    <message>
        <source>%1.
Give or take %2° of turn and %3° of tilt.</source>
        <translation>%1.
Auf %2° Drehung und %3° Neigung genau.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; goes with no such head: measure it again.</source>
        <translation>„%1“ passt zu keinem solchen Kopf: Miss noch einmal.</translation>
    </message>
</context>
<context>
    <name>zokran::MainWindow</name>
    <message>
        <source>Zokran</source>
        <translation>Zokran</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Tisch</translation>
    </message>
    <message>
        <source>Shelf</source>
        <translation>Regal</translation>
    </message>
    <message>
        <source>Cast room</source>
        <translation>Gipssaal</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>Progress</source>
        <translation>Fortschritt</translation>
    </message>
    <message>
        <source>Saved: %1</source>
        <translation>Gesichert: %1</translation>
    </message>
    <message>
        <source>Keep it in another &amp;folder…</source>
        <translation>In einem anderen &amp;Ordner führen…</translation>
    </message>
    <message>
        <source>Keep it as a &amp;new study</source>
        <translation>Als &amp;neue Studie behalten</translation>
    </message>
    <message>
        <source>&amp;Let it go</source>
        <translation>&amp;Gehen lassen</translation>
    </message>
    <message>
        <source>%1 – Zokran</source>
        <translation>%1 – Zokran</translation>
    </message>
    <message>
        <source>There is nothing on this sheet yet.</source>
        <translation>Auf diesem Blatt liegt noch nichts.</translation>
    </message>
    <message>
        <source>Save this sheet</source>
        <translation>Dieses Blatt speichern</translation>
    </message>
    <message>
        <source>%1: this needs %2.</source>
        <translation>%1: das braucht %2.</translation>
    </message>
    <message>
        <source>Save for printing</source>
        <translation>Zum Drucken speichern</translation>
    </message>
    <message>
        <source>Documents (*.pdf);;Drawings (*.svg)</source>
        <translation>Dokumente (*.pdf);;Zeichnungen (*.svg)</translation>
    </message>
    <message>
        <source>Documents (*.pdf)</source>
        <translation>Dokumente (*.pdf)</translation>
    </message>
    <message>
        <source>Change the canon</source>
        <translation>Die Schule wechseln</translation>
    </message>
    <message>
        <source>The last change could not be saved, so Zokran stays open. %1</source>
        <translation>Die letzte Änderung ließ sich nicht speichern, darum bleibt Zokran offen. %1</translation>
    </message>
    <message>
        <source>Try again and quit</source>
        <translation>Noch einmal versuchen und beenden</translation>
    </message>
    <message>
        <source>Quit without it</source>
        <translation>Ohne sie beenden</translation>
    </message>
    <message>
        <source>Step</source>
        <translation>Schritt</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Mark, to be placed next</source>
        <translation>Marke, als nächste zu setzen</translation>
    </message>
    <message>
        <source>Line, lit on both sheets</source>
        <translation>Linie, auf beiden Blättern erleuchtet</translation>
    </message>
    <message>
        <source>Study</source>
        <translation>Studie</translation>
    </message>
    <message>
        <source>Manual</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>&amp;Study</source>
        <translation>&amp;Studie</translation>
    </message>
    <message>
        <source>&amp;New from a photograph…</source>
        <translation>&amp;Neu nach einem Foto…</translation>
    </message>
    <message>
        <source>A s&amp;itter who is there…</source>
        <translation>Jemand, der Modell s&amp;itzt…</translation>
    </message>
    <message>
        <source>A f&amp;older of photographs…</source>
        <translation>Ein &amp;Ordner mit Fotos…</translation>
    </message>
    <message>
        <source>Take in a &amp;bundle of studies…</source>
        <translation>Ein &amp;Bündel Studien aufnehmen…</translation>
    </message>
    <message>
        <source>A bundle of studies</source>
        <translation>Ein Bündel Studien</translation>
    </message>
    <message>
        <source>Studies (*.zokran *.zip)</source>
        <translation>Studien (*.zokran *.zip)</translation>
    </message>
    <message>
        <source>Back &amp;up the whole logbook…</source>
        <translation>Das ganze Arbeitsbuch s&amp;ichern…</translation>
    </message>
    <message>
        <source>Open the &amp;sketch&apos;s photograph…</source>
        <translation>Das Foto der S&amp;kizze öffnen…</translation>
    </message>
    <message>
        <source>There is no sketch on the bench yet.</source>
        <translation>Auf dem Tisch liegt noch keine Skizze.</translation>
    </message>
    <message>
        <source>Lay the sketch&apos;s pa&amp;ge flat…</source>
        <translation>Das &amp;Blatt der Skizze flach legen…</translation>
    </message>
    <message>
        <source>Scale the sketch by a &amp;known length…</source>
        <translation>Die Skizze nach einer be&amp;kannten Länge skalieren…</translation>
    </message>
    <message>
        <source>The page is laid flat, and tells the scale by itself.</source>
        <translation>Das Blatt liegt flach und sagt den Maßstab von selbst.</translation>
    </message>
    <message>
        <source>Lay a dra&amp;wn line over the sketch</source>
        <translation>Eine gezeichnete &amp;Linie über die Skizze legen</translation>
    </message>
    <message>
        <source>Mark eyebrows, lids and lips</source>
        <translation>Augenbrauen, Lider und Lippen markieren</translation>
    </message>
    <message>
        <source>Eyebrows, lids and lips are marked when the head is fitted and the sketch is compared.</source>
        <translation>Augenbrauen, Lider und Lippen werden markiert, wenn der Kopf angepasst und die Zeichnung verglichen ist.</translation>
    </message>
    <message>
        <source>Paste a &amp;picture</source>
        <translation>Ein Bild ein&amp;fügen</translation>
    </message>
    <message>
        <source>Take it with the &amp;telephone…</source>
        <translation>Mit dem &amp;Telefon aufnehmen …</translation>
    </message>
    <message>
        <source>Watch with a &amp;camera…</source>
        <translation>Mit einer &amp;Kamera zusehen…</translation>
    </message>
    <message>
        <source>Take in scans from a &amp;folder…</source>
        <translation>Scans aus einem Or&amp;dner aufnehmen…</translation>
    </message>
    <message>
        <source>Take a picture in the &amp;cast room</source>
        <translation>Ein Bild im &amp;Gipssaal aufnehmen</translation>
    </message>
    <message>
        <source>Save the &amp;left sheet…</source>
        <translation>Das &amp;linke Blatt speichern…</translation>
    </message>
    <message>
        <source>Save the &amp;right sheet…</source>
        <translation>Das &amp;rechte Blatt speichern…</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>&amp;Change</source>
        <translation>Ä&amp;ndern</translation>
    </message>
    <message>
        <source>&amp;Undo</source>
        <translation>&amp;Rückgängig</translation>
    </message>
    <message>
        <source>&amp;Redo</source>
        <translation>&amp;Wiederholen</translation>
    </message>
    <message>
        <source>Copy the &amp;left sheet</source>
        <translation>Das &amp;linke Blatt kopieren</translation>
    </message>
    <message>
        <source>&amp;Copy the right sheet</source>
        <translation>Das re&amp;chte Blatt kopieren</translation>
    </message>
    <message>
        <source>Copy the &amp;numbers</source>
        <translation>Die &amp;Zahlen kopieren</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Manual: this step</source>
        <translation>&amp;Handbuch: dieser Schritt</translation>
    </message>
    <message>
        <source>&amp;Keys</source>
        <translation>&amp;Tasten</translation>
    </message>
    <message>
        <source>&amp;Find anything…</source>
        <translation>&amp;Alles finden…</translation>
    </message>
    <message>
        <source>A &amp;walk round, three minutes</source>
        <translation>Ein &amp;Rundgang, drei Minuten</translation>
    </message>
    <message>
        <source>&amp;Look</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>Zoom &amp;in</source>
        <translation>Ver&amp;größern</translation>
    </message>
    <message>
        <source>Zoom &amp;out</source>
        <translation>Ver&amp;kleinern</translation>
    </message>
    <message>
        <source>&amp;Whole pictures</source>
        <translation>&amp;Ganze Bilder</translation>
    </message>
    <message>
        <source>From the &amp;easel</source>
        <translation>Von der &amp;Staffelei aus</translation>
    </message>
    <message>
        <source>Ball and &amp;planes</source>
        <translation>Kugel und &amp;Ebenen</translation>
    </message>
    <message>
        <source>With &amp;guides</source>
        <translation>Mit &amp;Hilfslinien</translation>
    </message>
    <message>
        <source>Planes of the &amp;head</source>
        <translation>Ebenen des K&amp;opfes</translation>
    </message>
    <message>
        <source>Change the depth of detail</source>
        <translation>Die Tiefe der Einzelheiten ändern</translation>
    </message>
    <message>
        <source>Only what is &amp;seen</source>
        <translation>Nur was &amp;gesehen ist</translation>
    </message>
    <message>
        <source>Only what is &amp;drawn</source>
        <translation>Nur was ge&amp;zeichnet ist</translation>
    </message>
    <message>
        <source>&amp;Link the two sheets</source>
        <translation>Die zwei Blätter &amp;koppeln</translation>
    </message>
    <message>
        <source>Lay the &amp;construction over the sketch</source>
        <translation>Die Konstr&amp;uktion über die Skizze legen</translation>
    </message>
    <message>
        <source>Tell me when the drawing &amp;drifts</source>
        <translation>Sagen, wenn die Zeichnung &amp;wandert</translation>
    </message>
    <message>
        <source>&amp;Colours</source>
        <translation>&amp;Farben</translation>
    </message>
    <message>
        <source>&amp;Next colours</source>
        <translation>&amp;Nächste Farben</translation>
    </message>
    <message>
        <source>Lan&amp;guage</source>
        <translation>&amp;Sprache</translation>
    </message>
    <message>
        <source>The &amp;system&apos;s</source>
        <translation>Die des &amp;Systems</translation>
    </message>
    <message>
        <source>&amp;Print on paper</source>
        <translation>Auf Papier &amp;drucken</translation>
    </message>
    <message>
        <source>Sa&amp;ve for printing</source>
        <translation>Zum Drucken &amp;speichern</translation>
    </message>
    <message>
        <source>A photograph of a head</source>
        <translation>Ein Foto eines Kopfes</translation>
    </message>
    <message>
        <source>A photograph of your sketch</source>
        <translation>Ein Foto deiner Skizze</translation>
    </message>
    <message>
        <source>%1: there are no photographs in this folder.</source>
        <translation>%1: in diesem Ordner sind keine Fotos.</translation>
    </message>
    <message>
        <source>A folder of photographs of heads</source>
        <translation>Ein Ordner mit Fotos von Köpfen</translation>
    </message>
    <message>
        <source>pasted</source>
        <translation>eingefügt</translation>
    </message>
    <message>
        <source>There is no picture on the clipboard.</source>
        <translation>In der Zwischenablage ist kein Bild.</translation>
    </message>
    <message>
        <source>The folder your scanner writes to</source>
        <translation>Der Ordner, in den dein Scanner schreibt</translation>
    </message>
    <message>
        <source>You switched listening for a telephone off.</source>
        <translation>Du hast das Warten auf ein Telefon abgeschaltet.</translation>
    </message>
    <message>
        <source>Allow it again</source>
        <translation>Wieder erlauben</translation>
    </message>
</context>
<context>
    <name>zokran::Manual</name>
    <message>
        <source>Manual</source>
        <translation>Handbuch</translation>
    </message>
    <message>
        <source>Pages of the manual</source>
        <translation>Seiten des Handbuchs</translation>
    </message>
    <message>
        <source>The page</source>
        <translation>Die Seite</translation>
    </message>
</context>
<context>
    <name>zokran::MarkDiagram</name>
    <message>
        <source>Where the next mark lies, from the front and from the side</source>
        <translation>Wo die nächste Marke liegt, von vorn und von der Seite</translation>
    </message>
    <message>
        <source>front</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>side</source>
        <translation>Seite</translation>
    </message>
</context>
<context>
    <name>zokran::MarkPanel</name>
    <message>
        <source>&amp;Cannot see it</source>
        <translation>&amp;Nicht zu sehen</translation>
    </message>
    <message>
        <source>Not drawn &amp;yet</source>
        <translation>N&amp;och nicht gezeichnet</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>&amp;Lay the ball</source>
        <translation>Kugel &amp;legen</translation>
    </message>
    <message>
        <source>Lay the ball over the cranium and drag it into place</source>
        <translation>Leg die Kugel über den Schädel und zieh sie zurecht</translation>
    </message>
    <message>
        <source>Hair co&amp;vers ears and hairline</source>
        <translation>Haar &amp;verdeckt Ohren und Haaransatz</translation>
    </message>
    <message>
        <source>Neither ears nor hairline are asked for any more</source>
        <translation>Nach Ohren und Haaransatz wird nicht mehr gefragt</translation>
    </message>
    <message>
        <source>All marks</source>
        <translation>Alle Marken</translation>
    </message>
    <message>
        <source>Choose a mark to place it again</source>
        <translation>Wähl eine Marke, um sie neu zu setzen</translation>
    </message>
    <message>
        <source>Look for a face and mark it; then look each mark over</source>
        <translation>Ein Gesicht suchen und markieren; sieh dann jede Marke an</translation>
    </message>
    <message>
        <source>&amp;Guess by hand</source>
        <translation>Von Hand &amp;schätzen</translation>
    </message>
    <message>
        <source>Lay the construction on the head and turn it by hand</source>
        <translation>Leg die Konstruktion auf den Kopf und dreh sie von Hand</translation>
    </message>
    <message>
        <source>S&amp;miling, or the mouth open</source>
        <translation>Läch&amp;elnd oder der Mund offen</translation>
    </message>
    <message>
        <source>Mouth, chin and the wings of the nose then count for less</source>
        <translation>Mund, Kinn und Nasenflügel zählen dann weniger</translation>
    </message>
    <message>
        <source>The sitter smiles</source>
        <translation>Das Modell lächelt</translation>
    </message>
    <message>
        <source>The sitter does not smile</source>
        <translation>Das Modell lächelt nicht</translation>
    </message>
    <message>
        <source>That is &amp;all I have drawn</source>
        <translation>Mehr habe ich nicht &amp;gezeichnet</translation>
    </message>
    <message>
        <source>Judge what is marked and leave out the rest, as for a bare block-in</source>
        <translation>Beurteilen, was markiert ist, und den Rest weglassen, wie bei einer bloßen Anlage</translation>
    </message>
    <message>
        <source>Put the paper&apos;s corners right and say which paper it is</source>
        <translation>Die Ecken des Papiers richtigstellen und sagen, welches Papier es ist</translation>
    </message>
    <message>
        <source>&amp;Scale it by a known length</source>
        <translation>Nach einer bekannten Länge &amp;skalieren</translation>
    </message>
    <message>
        <source>For a sketch that fills no page: something on it you can measure with a ruler</source>
        <translation>Für eine Skizze, die kein Blatt füllt: etwas darauf, das du mit dem Lineal messen kannst</translation>
    </message>
    <message>
        <source>Lines as you drew them</source>
        <translation>Linien, wie du sie gezeichnet hast</translation>
    </message>
    <message>
        <source>There is no sketch yet</source>
        <translation>Es gibt noch keine Skizze</translation>
    </message>
    <message>
        <source>Open its photograph; the marks are found on it, or placed by hand.</source>
        <translation>Öffne ihr Foto; die Marken werden darauf gefunden oder von Hand gesetzt.</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>Compare it with the photograph, where the same ring is taken up.</source>
        <translation>Vergleiche ihn mit dem Foto: Dort ist derselbe Ring hervorgehoben.</translation>
    </message>
    <message>
        <source>Every mark is placed</source>
        <translation>Jede Marke ist gesetzt</translation>
    </message>
    <message>
        <source>Drag a mark to move it; the arrow keys nudge the last one by a pixel.</source>
        <translation>Zieh an einer Marke, um sie zu bewegen; die Pfeiltasten schieben die letzte um ein Pixel.</translation>
    </message>
    <message>
        <source> It would take %1 % off the doubt of the reading.</source>
        <translation> Es nähme %1 % von der Unsicherheit der Lesung.</translation>
    </message>
    <message>
        <source> More marks hardly sharpen the reading now; you may go on.</source>
        <translation> Weitere Marken schärfen die Lesung kaum noch; du kannst weitergehen.</translation>
    </message>
    <message>
        <source>  (doubtful)</source>
        <translation>  (zweifelhaft)</translation>
    </message>
    <message>
        <source>  (not seen)</source>
        <translation>  (nicht zu sehen)</translation>
    </message>
    <message>
        <source>  (not drawn)</source>
        <translation>  (nicht gezeichnet)</translation>
    </message>
    <message>
        <source>  (suggested)</source>
        <translation>  (vorgeschlagen)</translation>
    </message>
    <message>
        <source>%1 of %2 marks</source>
        <translation>%1 von %2 Marken</translation>
    </message>
    <message>
        <source>No face was found in this photograph. Place the marks by hand.</source>
        <translation>In diesem Foto wurde kein Gesicht gefunden. Setze die Marken von Hand.</translation>
    </message>
    <message>
        <source>No face could be read on this drawing, or none in its photograph: too little is drawn yet, or the head is turned too far. Place the marks by hand.</source>
        <translation>Auf dieser Zeichnung oder auf ihrem Foto ist kein Gesicht zu lesen: Es ist noch zu wenig gezeichnet, oder der Kopf ist zu weit gedreht. Setze die Marken von Hand.</translation>
    </message>
    <message>
        <source>The face that was found on this drawing is unlike the photographed one, or was read wrongly. Place the marks by hand.</source>
        <translation>Das Gesicht, das auf dieser Zeichnung gefunden wurde, ist anders als das fotografierte, oder es wurde falsch gelesen. Setze die Marken von Hand.</translation>
    </message>
    <message>
        <source>Looking for a face… stop</source>
        <translation>Ein Gesicht wird gesucht… Stopp</translation>
    </message>
    <message>
        <source>S&amp;uggest marks</source>
        <translation>Marken v&amp;orschlagen</translation>
    </message>
    <message>
        <source>&amp;Page laid flat: %1 by %2 mm…</source>
        <translation>&amp;Blatt flach gelegt: %1 mal %2 mm…</translation>
    </message>
    <message>
        <source>Lay the &amp;page flat…</source>
        <translation>Das &amp;Blatt flach legen…</translation>
    </message>
</context>
<context>
    <name>zokran::MarkStage</name>
    <message>
        <source>Photograph your sketch and open it here.</source>
        <translation>Fotografiere deine Skizze und öffne sie hier.</translation>
    </message>
    <message>
        <source>Open the sketch&apos;s photograph…</source>
        <translation>Das Foto der Skizze öffnen…</translation>
    </message>
    <message>
        <source>Does the ring sit where you drew the %1? Confirm it with Enter, or drag it right. %2 to look at.</source>
        <translation>Sitzt der Ring hier richtig: %1? Bestätige mit Enter oder zieh ihn zurecht. Noch %2 anzusehen.</translation>
    </message>
    <message>
        <source>It is right</source>
        <translation>Er stimmt</translation>
    </message>
    <message>
        <source>The rest is right</source>
        <translation>Der Rest stimmt</translation>
    </message>
    <message>
        <source>Looking for the features on your sketch…</source>
        <translation>Die Merkmale auf deiner Zeichnung werden gesucht…</translation>
    </message>
    <message>
        <source>Mark by hand</source>
        <translation>Von Hand markieren</translation>
    </message>
    <message>
        <source>Enough for a quick check</source>
        <translation>Genug für eine schnelle Prüfung</translation>
    </message>
    <message>
        <source>Not drawn yet</source>
        <translation>Noch nicht gezeichnet</translation>
    </message>
    <message>
        <source>Is the ring on your %1? Confirm it with Enter, or click the right place.</source>
        <translation>Liegt der Ring richtig (%1)? Bestätige mit Eingabe oder klick die richtige Stelle an.</translation>
    </message>
    <message>
        <source>It is</source>
        <translation>Er liegt richtig</translation>
    </message>
    <message>
        <source>Click the %1 on your sketch, or put it aside and look again tomorrow.</source>
        <translation>Klick auf deiner Skizze an: %1. Oder leg sie beiseite und sieh morgen wieder hin.</translation>
    </message>
    <message>
        <source>Put it aside till tomorrow</source>
        <translation>Bis morgen beiseitelegen</translation>
    </message>
    <message>
        <source>Click the %1 on your sketch.</source>
        <translation>Klick auf deiner Skizze an: %1.</translation>
    </message>
    <message>
        <source>The sketch cannot be compared yet: %1.</source>
        <translation>Die Skizze lässt sich noch nicht vergleichen: %1.</translation>
    </message>
    <message>
        <source>Block in</source>
        <translation>Anlegen</translation>
    </message>
    <message>
        <source>Hold all features</source>
        <translation>Alle Züge halten</translation>
    </message>
    <message>
        <source>Hold something else</source>
        <translation>Etwas anderes festhalten</translation>
    </message>
</context>
<context>
    <name>zokran::MarkTool</name>
    <message>
        <source>Cannot see the %1</source>
        <translation>Nicht zu sehen: %1</translation>
    </message>
    <message>
        <source>The %1 is not drawn</source>
        <translation>Nicht gezeichnet: %1</translation>
    </message>
    <message>
        <source>The %1 is right</source>
        <translation>Stimmt: %1</translation>
    </message>
</context>
<context>
    <name>zokran::MarksOverlay</name>
    <message>
        <source>doubtful</source>
        <translation>zweifelhaft</translation>
    </message>
</context>
<context>
    <name>zokran::MeasurePanel</name>
    <message>
        <source>Measurements</source>
        <translation>Messungen</translation>
    </message>
    <message>
        <source>Name of the measurement</source>
        <translation>Name der Messung</translation>
    </message>
    <message>
        <source>Give it a name</source>
        <translation>Gib ihr einen Namen</translation>
    </message>
    <message>
        <source>As the &amp;unit</source>
        <translation>Als &amp;Einheit</translation>
    </message>
    <message>
        <source>Take it &amp;away</source>
        <translation>&amp;Wegnehmen</translation>
    </message>
    <message>
        <source>The nearer &amp;eye as the unit</source>
        <translation>Das nähere &amp;Auge als Einheit</translation>
    </message>
    <message>
        <source>&amp;Guess the number first</source>
        <translation>Erst die Zahl &amp;schätzen</translation>
    </message>
    <message>
        <source>Guides &amp;underneath</source>
        <translation>&amp;Hilfslinien darunter</translation>
    </message>
    <message>
        <source>Ends take hold of them, as they do of marks</source>
        <translation>Enden haften an ihnen wie an Marken</translation>
    </message>
    <message>
        <source>What you think it is</source>
        <translation>Was du meinst</translation>
    </message>
    <message>
        <source>That is my &amp;guess</source>
        <translation>Das ist meine S&amp;chätzung</translation>
    </message>
    <message>
        <source>&amp;Tell me</source>
        <translation>Sag es &amp;mir</translation>
    </message>
    <message>
        <source>°</source>
        <translation>°</translation>
    </message>
    <message>
        <source> eyes</source>
        <translation> Augen</translation>
    </message>
    <message>
        <source>By names, without the mouse</source>
        <translation>Nach Namen, ohne Maus</translation>
    </message>
    <message>
        <source>End %1</source>
        <translation>Ende %1</translation>
    </message>
    <message>
        <source>&amp;Lay it</source>
        <translation>An&amp;legen</translation>
    </message>
    <message>
        <source>%1%2
what do you think?</source>
        <translation>%1%2
was meinst du?</translation>
    </message>
    <message>
        <source>%1%2
seen %3</source>
        <translation>%1%2
gesehen %3</translation>
    </message>
    <message>
        <source>%1%2
seen %3 · drawn %4</source>
        <translation>%1%2
gesehen %3 · gezeichnet %4</translation>
    </message>
    <message>
        <source>On the photo: %1.</source>
        <translation>Auf dem Foto: %1.</translation>
    </message>
    <message>
        <source>On your sketch: %1.</source>
        <translation>Auf deiner Skizze: %1.</translation>
    </message>
    <message>
        <source>Also: %1.</source>
        <translation>Auch: %1.</translation>
    </message>
    <message>
        <source>It is not compared before its ends are set on both sheets.</source>
        <translation>Verglichen wird es erst, wenn seine Enden auf beiden Blättern gesetzt sind.</translation>
    </message>
</context>
<context>
    <name>zokran::MeasureStep</name>
    <message>
        <source>Measure</source>
        <translation>Messen</translation>
    </message>
    <message>
        <source>a measurement</source>
        <translation>eine Messung</translation>
    </message>
    <message>
        <source>?</source>
        <translation>?</translation>
    </message>
    <message>
        <source>Draw it</source>
        <translation>Zeichnen</translation>
    </message>
    <message>
        <source>The nearer eye is the unit. Click its corner on the photograph: the %1.</source>
        <translation>Das nähere Auge ist die Einheit. Klick seinen Winkel auf dem Foto: %1.</translation>
    </message>
    <message>
        <source>The nearer eye is the unit. Click its corner on your sketch: the %1.</source>
        <translation>Das nähere Auge ist die Einheit. Klick seinen Winkel auf deiner Skizze: %1.</translation>
    </message>
    <message>
        <source>The nearer eye is the unit: mark its two corners first.</source>
        <translation>Das nähere Auge ist die Einheit: markiere zuerst seine zwei Winkel.</translation>
    </message>
    <message>
        <source>Block in</source>
        <translation>Anlegen</translation>
    </message>
    <message>
        <source>Click the next corner, or close the shape.</source>
        <translation>Klick die nächste Ecke an, oder schließ die Form.</translation>
    </message>
    <message>
        <source>Close it</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>What do you think it is? Say a number, then look.</source>
        <translation>Was meinst du? Sag eine Zahl, dann sieh nach.</translation>
    </message>
    <message>
        <source>Tell me</source>
        <translation>Sag es mir</translation>
    </message>
    <message>
        <source>Now set the same place on your sketch. The ring shows where it is expected; look where it is.</source>
        <translation>Setze jetzt dieselbe Stelle auf deiner Skizze. Der Ring zeigt, wo sie zu erwarten ist; sieh hin, wo sie ist.</translation>
    </message>
    <message>
        <source>Now set the same place on the photograph. The ring shows where it is expected; look where it is.</source>
        <translation>Setze jetzt dieselbe Stelle auf dem Foto. Der Ring zeigt, wo sie zu erwarten ist; sieh hin, wo sie ist.</translation>
    </message>
    <message>
        <source>Worth measuring next: %1 (%2).</source>
        <translation>Als Nächstes lohnt zu messen: %1 (%2).</translation>
    </message>
    <message>
        <source>Lay it</source>
        <translation>Anlegen</translation>
    </message>
    <message>
        <source>%1: click where it begins; marks take hold of it.</source>
        <translation>%1: klick an, wo es beginnt; Marken halten es fest.</translation>
    </message>
    <message>
        <source>%1: click its next end.</source>
        <translation>%1: klick das nächste Ende an.</translation>
    </message>
</context>
<context>
    <name>zokran::Mended</name>
    <message>
        <source>Mended</source>
        <translation>Korrigiert</translation>
    </message>
    <message>
        <source>From as drawn to as seen</source>
        <translation>Von gezeichnet bis gesehen</translation>
    </message>
    <message>
        <source>This finding alone</source>
        <translation>Nur dieser Befund</translation>
    </message>
    <message>
        <source>Your drawing, this finding mended</source>
        <translation>Deine Zeichnung, dieser Befund korrigiert</translation>
    </message>
    <message>
        <source>Your drawing, mended</source>
        <translation>Deine Zeichnung, korrigiert</translation>
    </message>
</context>
<context>
    <name>zokran::MessageBar</name>
    <message>
        <source>All ri&amp;ght</source>
        <translation>In &amp;Ordnung</translation>
    </message>
</context>
<context>
    <name>zokran::Mirrored</name>
    <message>
        <source>Mirrored</source>
        <translation>Gespiegelt</translation>
    </message>
</context>
<context>
    <name>zokran::OtherViews</name>
    <message>
        <source>This head at other turns</source>
        <translation>Dieser Kopf in anderen Drehungen</translation>
    </message>
    <message>
        <source>turn %1°, tilt %2°</source>
        <translation>Drehung %1°, Neigung %2°</translation>
    </message>
</context>
<context>
    <name>zokran::PageDetection</name>
    <message>
        <source>Scale by the scan&apos;s resolution</source>
        <translation>Maßstab aus der Auflösung des Scans</translation>
    </message>
    <message>
        <source>Lay the page flat</source>
        <translation>Das Blatt flach legen</translation>
    </message>
    <message>
        <source>Scale by a known length</source>
        <translation>Nach einer bekannten Länge skalieren</translation>
    </message>
    <message>
        <source>Move the page&apos;s corner</source>
        <translation>Die Ecke des Blatts bewegen</translation>
    </message>
    <message>
        <source>Choose the paper</source>
        <translation>Das Papier wählen</translation>
    </message>
    <message>
        <source>Even the light</source>
        <translation>Das Licht ausgleichen</translation>
    </message>
    <message>
        <source>Leave the light as it is</source>
        <translation>Das Licht lassen, wie es ist</translation>
    </message>
    <message>
        <source>Say whether the paper is toned</source>
        <translation>Sagen, ob das Papier getönt ist</translation>
    </message>
    <message>
        <source>Use the photograph as it is</source>
        <translation>Das Foto nehmen, wie es ist</translation>
    </message>
</context>
<context>
    <name>zokran::PagePanel</name>
    <message>
        <source>Your page</source>
        <translation>Dein Blatt</translation>
    </message>
    <message>
        <source>Put each ring on a corner of the paper, also where it runs out of the picture. The dashed lines are the paper&apos;s quarters: they should look as the paper lies.</source>
        <translation>Setz jeden Ring auf eine Ecke des Papiers, auch wo es aus dem Bild läuft. Die gestrichelten Linien sind die Viertel des Blatts: sie sollen liegen wie das Blatt.</translation>
    </message>
    <message>
        <source>&amp;Paper</source>
        <translation>&amp;Papier</translation>
    </message>
    <message>
        <source>Its &amp;width</source>
        <translation>Seine &amp;Breite</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>Its hei&amp;ght</source>
        <translation>Seine &amp;Höhe</translation>
    </message>
    <message>
        <source>Its &amp;tone</source>
        <translation>Sein &amp;Ton</translation>
    </message>
    <message>
        <source>Its tone</source>
        <translation>Sein Ton</translation>
    </message>
    <message>
        <source>As the photograph shows it</source>
        <translation>Wie das Foto es zeigt</translation>
    </message>
    <message>
        <source>White</source>
        <translation>Weiß</translation>
    </message>
    <message>
        <source>Toned; what is lighter is white chalk</source>
        <translation>Getönt; was heller ist, ist weiße Kreide</translation>
    </message>
    <message>
        <source>&amp;Even light, stronger pencil</source>
        <translation>&amp;Licht eben, Bleistift stärker</translation>
    </message>
    <message>
        <source>The photograph itself is kept as it came.</source>
        <translation>Das Foto selbst bleibt, wie es kam.</translation>
    </message>
    <message>
        <source>Loo&amp;k for the page again</source>
        <translation>Das Blatt noch einmal s&amp;uchen</translation>
    </message>
    <message>
        <source>Keys on the photograph: Space takes the next corner, arrows move it, with Shift by more; Enter lays the page flat.</source>
        <translation>Tasten auf dem Foto: Leertaste nimmt die nächste Ecke, Pfeile bewegen sie, mit Umschalt um mehr; Eingabe legt das Blatt flach.</translation>
    </message>
</context>
<context>
    <name>zokran::PageStage</name>
    <message>
        <source>The photograph of your page</source>
        <translation>Das Foto deines Blatts</translation>
    </message>
    <message>
        <source>Use the photograph as it is</source>
        <translation>Das Foto nehmen, wie es ist</translation>
    </message>
    <message>
        <source>Looking for the page in your photograph…</source>
        <translation>Das Blatt in deinem Foto wird gesucht…</translation>
    </message>
    <message>
        <source>Drag each ring on to a corner of the paper.</source>
        <translation>Zieh jeden Ring auf eine Ecke des Papiers.</translation>
    </message>
    <message>
        <source>Lay it flat</source>
        <translation>Flach legen</translation>
    </message>
</context>
<context>
    <name>zokran::PhotoIntake</name>
    <message>
        <source>One was left out. %1</source>
        <translation>Eines wurde ausgelassen. %1</translation>
    </message>
    <message>
        <source>%1 were left out. The first: %2</source>
        <translation>%1 wurden ausgelassen. Das erste: %2</translation>
    </message>
</context>
<context>
    <name>zokran::PlaceTool</name>
    <message>
        <source>Move the head on the paper</source>
        <translation>Den Kopf auf dem Papier verschieben</translation>
    </message>
    <message>
        <source>Size the head on the paper</source>
        <translation>Die Größe des Kopfes auf dem Papier ändern</translation>
    </message>
    <message>
        <source>Put the head well</source>
        <translation>Den Kopf gut setzen</translation>
    </message>
    <message>
        <source>move</source>
        <translation>verschieben</translation>
    </message>
    <message>
        <source>larger or smaller</source>
        <translation>größer oder kleiner</translation>
    </message>
</context>
<context>
    <name>zokran::PlanPage</name>
    <message>
        <source>Plan of heads</source>
        <translation>Plan der Köpfe</translation>
    </message>
    <message>
        <source>&amp;Next head</source>
        <translation>&amp;Nächster Kopf</translation>
    </message>
    <message>
        <source>&amp;Heads</source>
        <translation>&amp;Köpfe</translation>
    </message>
    <message>
        <source>in so many &amp;days</source>
        <translation>in so vielen &amp;Tagen</translation>
    </message>
    <message>
        <source>Days off</source>
        <translation>Freie Tage</translation>
    </message>
    <message>
        <source>%1 off</source>
        <translation>%1 frei</translation>
    </message>
    <message>
        <source>Put it &amp;away</source>
        <translation>We&amp;glegen</translation>
    </message>
    <message>
        <source>Into my &amp;calendar…</source>
        <translation>In meinen K&amp;alender…</translation>
    </message>
    <message>
        <source>&amp;Spread of its heads…</source>
        <translation>&amp;Übersicht seiner Köpfe…</translation>
    </message>
    <message>
        <source>Saved: %1</source>
        <translation>Gesichert: %1</translation>
    </message>
    <message>
        <source>Put the plan of heads away</source>
        <translation>Den Plan der Köpfe weglegen</translation>
    </message>
    <message>
        <source>A timed sitting</source>
        <translation>Eine Sitzung nach der Uhr</translation>
    </message>
    <message>
        <source>Heads of the sitting</source>
        <translation>Köpfe der Sitzung</translation>
    </message>
    <message>
        <source> heads</source>
        <translation> Köpfe</translation>
    </message>
    <message>
        <source>Minutes for each</source>
        <translation>Minuten für jeden</translation>
    </message>
    <message>
        <source> min each</source>
        <translation> min je Kopf</translation>
    </message>
    <message>
        <source>B&amp;egin the sitting</source>
        <translation>Die Sitzung b&amp;eginnen</translation>
    </message>
    <message numerus="yes">
        <source>&amp;Look again: %n drawings put aside</source>
        <translation>
            <numerusform>&amp;Wieder hinsehen: die beiseitegelegte Zeichnung</numerusform>
            <numerusform>&amp;Wieder hinsehen: %n beiseitegelegte Zeichnungen</numerusform>
        </translation>
    </message>
    <message>
        <source>No head of the plan is drawn yet.</source>
        <translation>Vom Plan ist noch kein Kopf gezeichnet.</translation>
    </message>
    <message>
        <source>Save the spread</source>
        <translation>Die Übersicht speichern</translation>
    </message>
    <message>
        <source>Documents (*.pdf)</source>
        <translation>Dokumente (*.pdf)</translation>
    </message>
    <message>
        <source>%1 of %2 heads</source>
        <translation>%1 von %2 Köpfen</translation>
    </message>
    <message>
        <source>Every day is a day off; leave one to draw.</source>
        <translation>Jeder Tag ist frei; lass einen zum Zeichnen.</translation>
    </message>
    <message>
        <source>Change the plan of heads</source>
        <translation>Den Plan der Köpfe ändern</translation>
    </message>
    <message>
        <source>Begin a plan of heads</source>
        <translation>Einen Plan der Köpfe beginnen</translation>
    </message>
    <message>
        <source>Save the plan</source>
        <translation>Den Plan speichern</translation>
    </message>
    <message>
        <source>Calendars (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>Draw %1 heads</source>
        <translation>%1 Köpfe zeichnen</translation>
    </message>
    <message>
        <source>&amp;Change it</source>
        <translation>&amp;Ändern</translation>
    </message>
    <message>
        <source>&amp;Begin today</source>
        <translation>Heute &amp;beginnen</translation>
    </message>
    <message>
        <source>Many heads in few days, about five a sitting: a hundred in ten is the classic.</source>
        <translation>Viele Köpfe in wenigen Tagen, etwa fünf je Sitzung: hundert in zehn ist der Klassiker.</translation>
    </message>
    <message>
        <source>Any goal will do; a smaller one that is kept is worth more.</source>
        <translation>Jedes Ziel ist recht; ein kleineres, das gehalten wird, ist mehr wert.</translation>
    </message>
    <message numerus="yes">
        <source>All %n heads are drawn. Look at the first and the last side by side.</source>
        <translation>
            <numerusform>Der eine Kopf ist gezeichnet.</numerusform>
            <numerusform>Alle %n Köpfe sind gezeichnet. Sieh den ersten und den letzten nebeneinander an.</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n heads are drawn, and the days are over. Take more days, or begin anew.</source>
        <translation>
            <numerusform>Ein Kopf ist gezeichnet, und die Tage sind um. Nimm mehr Tage oder beginn von vorn.</numerusform>
            <numerusform>%n Köpfe sind gezeichnet, und die Tage sind um. Nimm mehr Tage oder beginn von vorn.</numerusform>
        </translation>
    </message>
    <message>
        <source>A day off. %1 of %2 are drawn.</source>
        <translation>Ein freier Tag. %1 von %2 sind gezeichnet.</translation>
    </message>
    <message>
        <source>Today&apos;s heads are done: %1 of %2 in all.</source>
        <translation>Die Köpfe von heute sind fertig: %1 von %2 im Ganzen.</translation>
    </message>
    <message>
        <source>%1 more today; %2 of %3 are drawn.</source>
        <translation>Heute noch %1; %2 von %3 sind gezeichnet.</translation>
    </message>
    <message>
        <source>Until %1. About five to a sitting; then rest eyes, neck and hand.</source>
        <translation>Bis %1. Etwa fünf je Sitzung; dann lass Augen, Nacken und Hand ruhen.</translation>
    </message>
</context>
<context>
    <name>zokran::Poses</name>
    <message>
        <source>Never drawn, turn/tilt: %1</source>
        <translation>Nie gezeichnet, Drehung/Neigung: %1</translation>
    </message>
    <message>
        <source>to the left</source>
        <translation>nach links</translation>
    </message>
    <message>
        <source>facing you</source>
        <translation>dir zugewandt</translation>
    </message>
    <message>
        <source>to the right</source>
        <translation>nach rechts</translation>
    </message>
    <message>
        <source>chin up</source>
        <translation>Kinn hoch</translation>
    </message>
    <message>
        <source>level</source>
        <translation>gerade</translation>
    </message>
    <message>
        <source>chin down</source>
        <translation>Kinn tief</translation>
    </message>
</context>
<context>
    <name>zokran::ProgressPlace</name>
    <message>
        <source>What your drawings say</source>
        <translation>Was deine Zeichnungen sagen</translation>
    </message>
    <message>
        <source>Comparing drawings</source>
        <translation>Zeichnungen werden verglichen</translation>
    </message>
    <message>
        <source>&amp;Save this chart, or the table…</source>
        <translation>Dieses Diagramm oder die Tabelle &amp;speichern…</translation>
    </message>
    <message>
        <source>Your drawings are being compared…</source>
        <translation>Deine Zeichnungen werden verglichen…</translation>
    </message>
    <message>
        <source>Practise it: a drill of a minute</source>
        <translation>Üben: eine Übung von einer Minute</translation>
    </message>
    <message>
        <source>A head %1</source>
        <translation>Ein Kopf: %1</translation>
    </message>
    <message>
        <source>Drawn least, or least well, so far; the cast room sets it up</source>
        <translation>Bisher am seltensten oder am wenigsten treffend gezeichnet; der Gipssaal baut ihn auf</translation>
    </message>
    <message>
        <source>Save</source>
        <translation>Speichern</translation>
    </message>
    <message>
        <source>Pictures (*.png);;Drawings (*.svg);;Tables (*.csv)</source>
        <translation>Bilder (*.png);;Zeichnungen (*.svg);;Tabellen (*.csv)</translation>
    </message>
</context>
<context>
    <name>zokran::Readings</name>
    <message>
        <source>your guess</source>
        <translation>deine Schätzung</translation>
    </message>
    <message>
        <source>   drawn: %1</source>
        <translation>   gezeichnet: %1</translation>
    </message>
    <message>
        <source>   guessed: %1</source>
        <translation>   geschätzt: %1</translation>
    </message>
    <message>
        <source>%1: unlike any other head&apos;s, or marked wrongly. Look at the marks there again; the head&apos;s pose is read without them.</source>
        <translation>%1: anders als bei jedem anderen Kopf, oder falsch markiert. Sieh dir die Marken dort noch einmal an; die Haltung des Kopfes ist ohne sie gelesen.</translation>
    </message>
    <message>
        <source>The %1 disagrees with the other marks. Look at it again.</source>
        <translation>Diese Marke widerspricht den anderen: %1. Sieh sie noch einmal an.</translation>
    </message>
    <message>
        <source>It could also be read as %1 %2, %3 %4. The %5 would tell.</source>
        <translation>Es ließe sich auch als %1 %2, %3 %4 lesen. Entscheiden würde: %5.</translation>
    </message>
</context>
<context>
    <name>zokran::Scenes</name>
    <message>
        <source>Seen</source>
        <translation>Gesehen</translation>
    </message>
    <message>
        <source>Drawn</source>
        <translation>Gezeichnet</translation>
    </message>
    <message>
        <source>Seen: %1</source>
        <translation>Gesehen: %1</translation>
    </message>
    <message>
        <source>The photograph you draw from lies here.</source>
        <translation>Hier liegt das Foto, nach dem du zeichnest.</translation>
    </message>
    <message>
        <source>A photograph of your sketch lies here.</source>
        <translation>Hier liegt ein Foto deiner Skizze.</translation>
    </message>
    <message>
        <source>This picture cannot be shown. %1</source>
        <translation>Dieses Bild lässt sich nicht zeigen. %1</translation>
    </message>
    <message>
        <source>Opening the picture…</source>
        <translation>Das Bild wird geöffnet…</translation>
    </message>
    <message>
        <source>The form alone</source>
        <translation>Die Form allein</translation>
    </message>
    <message>
        <source>Here the construction will stand alone, turned like your sitter, for you to copy on to paper.</source>
        <translation>Hier wird die Konstruktion allein stehen, gedreht wie dein Modell, damit du sie aufs Papier übertragen kannst.</translation>
    </message>
    <message>
        <source>The form alone, turned in the hand</source>
        <translation>Die Form allein, in der Hand gedreht</translation>
    </message>
    <message>
        <source>±%1 %</source>
        <translation>±%1 %</translation>
    </message>
</context>
<context>
    <name>zokran::SelfAssessmentPanel</name>
    <message>
        <source>Say it first</source>
        <translation>Sag es zuerst</translation>
    </message>
    <message>
        <source>Look from a step away. What looks wrong, the biggest first? Point at it on your sketch, or choose it here. It trains the eye; nobody marks you for it.</source>
        <translation>Sieh aus einem Schritt Abstand. Was wirkt falsch, das Größte zuerst? Zeig auf der Skizze darauf oder wähl es hier. Es schult das Auge; niemand benotet dich dafür.</translation>
    </message>
    <message>
        <source>Or go straight on: Enter on the sketch shows the check.</source>
        <translation>Oder geh gleich weiter: Eingabe auf der Skizze zeigt die Prüfung.</translation>
    </message>
</context>
<context>
    <name>zokran::SelfAssessmentStage</name>
    <message>
        <source>Anything else? Then see what the measuring says.</source>
        <translation>Noch etwas? Dann sieh, was das Messen sagt.</translation>
    </message>
    <message>
        <source>Point at what looks wrong to you, the biggest first.</source>
        <translation>Zeig auf das, was dir falsch vorkommt, das Größte zuerst.</translation>
    </message>
    <message>
        <source>Show the check</source>
        <translation>Die Prüfung zeigen</translation>
    </message>
    <message>
        <source>Skip: show the check</source>
        <translation>Überspringen: die Prüfung zeigen</translation>
    </message>
</context>
<context>
    <name>zokran::SetUpPanel</name>
    <message>
        <source>Put the head well</source>
        <translation>Den Kopf gut setzen</translation>
    </message>
    <message>
        <source>Name the study</source>
        <translation>Die Studie benennen</translation>
    </message>
    <message>
        <source>&amp;Title</source>
        <translation>&amp;Titel</translation>
    </message>
    <message>
        <source>&amp;Sitter</source>
        <translation>M&amp;odell</translation>
    </message>
    <message>
        <source>Whose head it is</source>
        <translation>Wessen Kopf es ist</translation>
    </message>
    <message>
        <source>The photograph itself</source>
        <translation>Das Foto selbst</translation>
    </message>
    <message>
        <source>Turn a &amp;quarter</source>
        <translation>Viertel&amp;drehung</translation>
    </message>
    <message>
        <source>&amp;Mirror it</source>
        <translation>&amp;Spiegeln</translation>
    </message>
    <message>
        <source>M&amp;ore of this sitter…</source>
        <translation>W&amp;eitere dieses Modells…</translation>
    </message>
    <message>
        <source>&amp;Lens, as on 36 × 24 mm</source>
        <translation>&amp;Objektiv, wie auf 36 × 24 mm</translation>
    </message>
    <message>
        <source> mm</source>
        <translation> mm</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>From the photograph&apos;s own data where it has any; the sharper the pose is read</source>
        <translation>Aus den eigenen Daten des Fotos, wo es welche hat; umso schärfer wird die Haltung gelesen</translation>
    </message>
    <message>
        <source>Set the lens</source>
        <translation>Das Objektiv setzen</translation>
    </message>
    <message>
        <source>Give the sitter a name first; it is what keeps their photographs together.</source>
        <translation>Gib dem Modell erst einen Namen; er hält die Fotos zusammen.</translation>
    </message>
    <message>
        <source>More photographs of %1</source>
        <translation>Weitere Fotos von %1</translation>
    </message>
    <message>
        <source>&amp;Whole photograph</source>
        <translation>&amp;Ganzes Foto</translation>
    </message>
    <message>
        <source>&amp;Frame the head</source>
        <translation>Den Kopf &amp;rahmen</translation>
    </message>
    <message>
        <source>Taking in %1 of %2…</source>
        <translation>%1 von %2 wird aufgenommen…</translation>
    </message>
    <message>
        <source>%1 photographs of this sitter are on the shelf. Each one blocked in tells the others more about the head.</source>
        <translation>%1 Fotos dieses Modells stehen im Regal. Jedes angelegte sagt den anderen mehr über den Kopf.</translation>
    </message>
    <message>
        <source>Several photographs of one sitter, blocked in, tell more about the head than one.</source>
        <translation>Mehrere Fotos eines Modells, angelegt, sagen mehr über den Kopf als eines.</translation>
    </message>
    <message>
        <source>&amp;Lying on its side</source>
        <translation>&amp;Quer liegend</translation>
    </message>
    <message>
        <source>&amp;Crown to chin</source>
        <translation>&amp;Scheitel bis Kinn</translation>
    </message>
    <message>
        <source>&amp;Border</source>
        <translation>&amp;Rand</translation>
    </message>
    <message>
        <source>Plan the page</source>
        <translation>Das Blatt planen</translation>
    </message>
    <message>
        <source>Choose a composition</source>
        <translation>Einen Aufbau wählen</translation>
    </message>
    <message>
        <source>Put it &amp;well</source>
        <translation>Gut &amp;setzen</translation>
    </message>
    <message>
        <source>A photo of the sketch without its edges</source>
        <translation>Ein Foto der Skizze ohne die Blattränder</translation>
    </message>
    <message>
        <source>It shows a &amp;width of</source>
        <translation>Es zeigt eine &amp;Breite von</translation>
    </message>
    <message>
        <source>Where all four edges are in the photograph the page is found and measured by itself.</source>
        <translation>Sind alle vier Ränder im Foto, wird das Blatt von selbst gefunden und gemessen.</translation>
    </message>
    <message>
        <source>&amp;Find and mark faces by itself</source>
        <translation>Gesichter von selbst &amp;finden und markieren</translation>
    </message>
    <message>
        <source>In a photograph and in a picture of your sketch; you look over what was found</source>
        <translation>In einem Foto und im Bild deiner Zeichnung; du siehst nach, was gefunden wurde</translation>
    </message>
    <message>
        <source>Let me &amp;guess first</source>
        <translation>Ich will zuerst &amp;schätzen</translation>
    </message>
    <message>
        <source>The face is found all the same; its construction is shown when your guess stands</source>
        <translation>Das Gesicht wird trotzdem gefunden; seine Konstruktion erscheint, wenn deine Schätzung steht</translation>
    </message>
    <message>
        <source>Photographs of people stay on this machine. Zokran sends nothing anywhere.</source>
        <translation>Fotos von Menschen bleiben auf diesem Rechner. Zokran sendet nichts, nirgendwohin.</translation>
    </message>
    <message>
        <source>Set the paper&apos;s width</source>
        <translation>Die Breite des Papiers setzen</translation>
    </message>
    <message>
        <source>In mm from the paper&apos;s edges:
%1</source>
        <translation>In mm von den Papierkanten:
%1</translation>
    </message>
</context>
<context>
    <name>zokran::SetUpStep</name>
    <message>
        <source>Set up</source>
        <translation>Einrichten</translation>
    </message>
    <message>
        <source>a reference photograph</source>
        <translation>ein Foto als Vorlage</translation>
    </message>
    <message>
        <source>Here your paper will lie, with the head where it is to stand.</source>
        <translation>Hier wird dein Papier liegen, mit dem Kopf, wo er stehen soll.</translation>
    </message>
    <message>
        <source>Your paper, %1 × %2 mm</source>
        <translation>Dein Papier, %1 × %2 mm</translation>
    </message>
    <message>
        <source>Block in</source>
        <translation>Anlegen</translation>
    </message>
    <message>
        <source>%1 Drag the head on the paper, or let it be put well.</source>
        <translation>%1 Zieh den Kopf auf dem Papier, oder lass ihn gut setzen.</translation>
    </message>
    <message>
        <source>Put it well</source>
        <translation>Gut setzen</translation>
    </message>
    <message>
        <source>An average head stands for your sitter until you have blocked in. Choose the paper, then block in.</source>
        <translation>Ein durchschnittlicher Kopf steht für dein Modell, bis du angelegt hast. Wähl das Papier, dann leg an.</translation>
    </message>
    <message>
        <source>Lay crown and chin off with a ruler, draw the border, and keep inside it.</source>
        <translation>Trag Scheitel und Kinn mit dem Lineal ab, zieh den Rand und bleib darin.</translation>
    </message>
    <message>
        <source>Draw it</source>
        <translation>Zeichnen</translation>
    </message>
</context>
<context>
    <name>zokran::SheetCaption</name>
    <message>
        <source>Drag from here to take the sheet out as a picture</source>
        <translation>Zieh von hier, um das Blatt als Bild mitzunehmen</translation>
    </message>
</context>
<context>
    <name>zokran::SheetView</name>
    <message>
        <source>Show the whole head</source>
        <translation>Den ganzen Kopf zeigen</translation>
    </message>
    <message>
        <source>Larger</source>
        <translation>Größer</translation>
    </message>
    <message>
        <source>Smaller</source>
        <translation>Kleiner</translation>
    </message>
</context>
<context>
    <name>zokran::ShortcutDialog</name>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Alt+1 … Alt+%1</source>
        <translation>Alt+1 … Alt+%1</translation>
    </message>
    <message>
        <source>the steps of the course</source>
        <translation>die Schritte des Kurses</translation>
    </message>
    <message>
        <source>Ctrl+1 … Ctrl+%1</source>
        <translation>Strg+1 … Strg+%1</translation>
    </message>
    <message>
        <source>bench, shelf, cast room, practice, progress</source>
        <translation>Tisch, Regal, Gipssaal, Üben, Fortschritt</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>cannot see the next mark, or it is not drawn; the page&apos;s next corner</source>
        <translation>die nächste Marke ist nicht zu sehen oder nicht gezeichnet; die nächste Ecke des Blatts</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>the next mark lies where it is expected; close a shape; on to the check</source>
        <translation>die nächste Marke liegt, wo sie erwartet wird; eine Form schließen; weiter zur Prüfung</translation>
    </message>
    <message>
        <source>Arrows</source>
        <translation>Pfeile</translation>
    </message>
    <message>
        <source>move the mark that is asked for, or the one clicked; with Shift by more</source>
        <translation>die Marke bewegen, nach der gefragt wird, oder die angeklickte; mit Umschalt weiter</translation>
    </message>
    <message>
        <source>Comma, full stop</source>
        <translation>Komma, Punkt</translation>
    </message>
    <message>
        <source>while guessing: lean; the arrows turn and tilt</source>
        <translation>beim Schätzen: seitlich neigen; die Pfeile drehen und neigen</translation>
    </message>
    <message>
        <source>W A S D, [ ], C</source>
        <translation>W A S D, [ ], C</translation>
    </message>
    <message>
        <source>while guessing: move and size the ball, drop the chin</source>
        <translation>beim Schätzen: die Kugel verschieben und ihre Größe ändern, das Kinn senken</translation>
    </message>
    <message>
        <source>N, Shift+N</source>
        <translation>N, Umschalt+N</translation>
    </message>
    <message>
        <source>name the next line on the sheet, or the one before</source>
        <translation>die nächste Linie auf dem Blatt nennen, oder die davor</translation>
    </message>
    <message>
        <source>at the check: %1</source>
        <translation>bei der Prüfung: %1</translation>
    </message>
    <message>
        <source>Page up, Page down</source>
        <translation>Bild auf, Bild ab</translation>
    </message>
    <message>
        <source>the finding before, and the next</source>
        <translation>der Befund davor, und der nächste</translation>
    </message>
    <message>
        <source>Arrows, Home</source>
        <translation>Pfeile, Pos1</translation>
    </message>
    <message>
        <source>turn the form alone, and turn it back</source>
        <translation>die Form allein drehen, und zurückdrehen</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Rücktaste</translation>
    </message>
    <message>
        <source>back one</source>
        <translation>eines zurück</translation>
    </message>
    <message>
        <source>Plus, Minus, 0</source>
        <translation>Plus, Minus, 0</translation>
    </message>
    <message>
        <source>zoom the sheet in use, or show the whole of it</source>
        <translation>das Blatt vergrößern, verkleinern oder ganz zeigen</translation>
    </message>
    <message>
        <source>Ctrl and drag</source>
        <translation>Strg und ziehen</translation>
    </message>
    <message>
        <source>move the sheet; so does the middle button</source>
        <translation>das Blatt verschieben; die mittlere Maustaste tut es auch</translation>
    </message>
    <message>
        <source>Arrows, Plus, Minus, Home</source>
        <translation>Pfeile, Plus, Minus, Pos1</translation>
    </message>
    <message>
        <source>on the paper: move and size the head, put it well</source>
        <translation>auf dem Papier: den Kopf verschieben, seine Größe ändern, ihn gut setzen</translation>
    </message>
    <message>
        <source>on the small ball: turn the light, with Shift by more</source>
        <translation>auf der kleinen Kugel: das Licht drehen, mit Umschalt um mehr</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>zokran::SideBySide</name>
    <message>
        <source>Side by side</source>
        <translation>Nebeneinander</translation>
    </message>
</context>
<context>
    <name>zokran::SitterFold</name>
    <message>
        <source>This sitter against the schools</source>
        <translation>Dieses Modell gegen die Schulen</translation>
    </message>
    <message>
        <source>&amp;Push the likeness: half, true, double</source>
        <translation>Ähnlichkeit &amp;treiben: halb, wahr, doppelt</translation>
    </message>
    <message>
        <source>Push the likeness</source>
        <translation>Die Ähnlichkeit treiben</translation>
    </message>
    <message>
        <source>This sitter&apos;s levels, and the school&apos;s dashed</source>
        <translation>Die Höhen dieses Modells, die der Schule gestrichelt</translation>
    </message>
    <message>
        <source>Division</source>
        <translation>Teilung</translation>
    </message>
    <message>
        <source>Sitter</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>School</source>
        <translation>Schule</translation>
    </message>
    <message>
        <source>Divisions of this sitter beside the school&apos;s</source>
        <translation>Teilungen dieses Modells neben denen der Schule</translation>
    </message>
    <message>
        <source>Mark the reference first; the sitter is measured from the marks.</source>
        <translation>Markiere zuerst die Vorlage; das Modell wird aus den Marken gemessen.</translation>
    </message>
    <message>
        <source>Adults</source>
        <translation>Erwachsene</translation>
    </message>
    <message>
        <source> ±%1</source>
        <translation> ±%1</translation>
    </message>
</context>
<context>
    <name>zokran::SnapshotStrip</name>
    <message>
        <source>%1: key %2</source>
        <translation>%1: Taste %2</translation>
    </message>
    <message>
        <source>The photograph before</source>
        <translation>Das Foto davor</translation>
    </message>
    <message>
        <source>The photograph after</source>
        <translation>Das Foto danach</translation>
    </message>
    <message>
        <source>Photograph %1 of %2</source>
        <translation>Foto %1 von %2</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Look at another photograph of the drawing</source>
        <translation>Ein anderes Foto der Zeichnung ansehen</translation>
    </message>
</context>
<context>
    <name>zokran::Squint</name>
    <message>
        <source>Squint</source>
        <translation>Blinzeln</translation>
    </message>
</context>
<context>
    <name>zokran::TelephoneButton</name>
    <message>
        <source>Take it with the telephone…</source>
        <translation>Mit dem Telefon aufnehmen …</translation>
    </message>
</context>
<context>
    <name>zokran::TelephoneDialog</name>
    <message>
        <source>Take it with the telephone</source>
        <translation>Mit dem Telefon aufnehmen</translation>
    </message>
    <message>
        <source>Point the telephone&apos;s camera at the code, or type the address into its browser. It must be in the same network.</source>
        <translation>Richte die Kamera des Telefons auf den Code oder tipp die Adresse in seinen Browser. Es muss im selben Netz sein.</translation>
    </message>
    <message>
        <source>Address in which network</source>
        <translation>Adresse in welchem Netz</translation>
    </message>
    <message>
        <source>The picture &amp;becomes</source>
        <translation>Das Bild &amp;wird</translation>
    </message>
    <message>
        <source>The picture becomes</source>
        <translation>Das Bild wird</translation>
    </message>
    <message>
        <source>the sketch of this study</source>
        <translation>die Skizze dieser Studie</translation>
    </message>
    <message>
        <source>a new reference</source>
        <translation>eine neue Vorlage</translation>
    </message>
    <message>
        <source>Waiting for a picture…</source>
        <translation>Warte auf ein Bild …</translation>
    </message>
    <message>
        <source>The picture comes straight to this computer and goes nowhere else. It passes through the network unencrypted, so others in it could see it pass. Closing this window closes the door.</source>
        <translation>Das Bild kommt geradewegs auf diesen Rechner und geht nirgendwo anders hin. Es geht unverschlüsselt durch das Netz, andere darin könnten es vorübergehen sehen. Schließt du dieses Fenster, ist die Tür zu.</translation>
    </message>
    <message>
        <source>&amp;Never listen for a telephone</source>
        <translation>&amp;Nie auf ein Telefon warten</translation>
    </message>
    <message>
        <source>&amp;Close</source>
        <translation>&amp;Schließen</translation>
    </message>
    <message>
        <source>No telephone can be listened for: %1.</source>
        <translation>Auf ein Telefon kann nicht gewartet werden: %1.</translation>
    </message>
    <message>
        <source>A picture came, but it could not be kept: %1.</source>
        <translation>Ein Bild kam an, konnte aber nicht abgelegt werden: %1.</translation>
    </message>
    <message numerus="yes">
        <source>%n pictures are on the bench.</source>
        <translation>
            <numerusform>Ein Bild liegt auf dem Tisch.</numerusform>
            <numerusform>%n Bilder liegen auf dem Tisch.</numerusform>
        </translation>
    </message>
</context>
<context>
    <name>zokran::Thumbnail</name>
    <message>
        <source>A thumbnail first</source>
        <translation>Zuerst eine kleine Skizze</translation>
    </message>
    <message>
        <source>Two minutes, the size of a matchbox: at that size only the whole can be drawn. Both sheets show the head as small as you draw it.</source>
        <translation>Zwei Minuten, so groß wie eine Streichholzschachtel: In dieser Größe lässt sich nur das Ganze zeichnen. Beide Blätter zeigen den Kopf so klein, wie du ihn zeichnest.</translation>
    </message>
    <message>
        <source>Rule three frames as large as a matchbox, in the shape of your paper.</source>
        <translation>Zieh drei Rahmen, so groß wie eine Streichholzschachtel, in der Form deines Blattes.</translation>
    </message>
    <message>
        <source>In each, in two minutes: the egg of the head with its lean, the mass of the hair, the slope of the shoulders.</source>
        <translation>In jeden, in zwei Minuten: das Ei des Kopfes mit seiner Neigung, die Masse des Haars, die Schräge der Schultern.</translation>
    </message>
    <message>
        <source>Two tones, no more: what is dark, and the rest.</source>
        <translation>Zwei Töne, nicht mehr: was dunkel ist, und der Rest.</translation>
    </message>
    <message>
        <source>One line for the turn of the face. No features.</source>
        <translation>Eine Linie für die Drehung des Gesichts. Keine Züge.</translation>
    </message>
    <message>
        <source>Look at the three from across the room. Which head sits best, which is likest? Draw from that one.</source>
        <translation>Sieh dir die drei von der anderen Seite des Zimmers an. Welcher Kopf sitzt am besten, welcher ist am ähnlichsten? Zeichne nach diesem.</translation>
    </message>
    <message>
        <source>In Set up, give the head on the large paper the share it has in the small frame.</source>
        <translation>Gib dem Kopf im Einrichten auf dem großen Blatt den Anteil, den er im kleinen hat.</translation>
    </message>
</context>
<context>
    <name>zokran::ToneFirst</name>
    <message>
        <source>Tone first</source>
        <translation>Zuerst der Ton</translation>
    </message>
    <message>
        <source>For charcoal on its side: grey paper, one dark shape, and the features carved out of it with the eraser. The photograph is squinted for you.</source>
        <translation>Für Kohle auf der Breitseite: ein graues Blatt, eine dunkle Form, und die Züge mit dem Radiergummi daraus gehoben. Das Foto ist für dich zusammengekniffen.</translation>
    </message>
    <message>
        <source>Rub the paper to one even grey, the head&apos;s place a little darker. Wipe the dust up damp, do not blow.</source>
        <translation>Reib das Blatt zu einem gleichmäßigen Grau, am Platz des Kopfes etwas dunkler. Wisch den Staub feucht auf, puste nicht.</translation>
    </message>
    <message>
        <source>Squint. All that runs together in the dark is one shape: hair, sockets, the side in shadow. Lay it down whole.</source>
        <translation>Kneif die Augen zusammen. Was im Dunkeln zusammenläuft, ist eine Form: Haar, Augenhöhlen, die Schattenseite. Leg sie als Ganzes an.</translation>
    </message>
    <message>
        <source>Compare its edge with the photograph&apos;s before you go on: where does it turn, how far from the border?</source>
        <translation>Vergleich ihren Rand mit dem im Foto, bevor du weitergehst: Wo biegt er um, wie weit vom Blattrand?</translation>
    </message>
    <message>
        <source>Lift out the lights with a kneaded eraser: forehead, cheekbone, ridge and tip of the nose, lower lip, chin.</source>
        <translation>Heb die Lichter mit dem Knetgummi heraus: Stirn, Wangenknochen, Nasenrücken und -spitze, Unterlippe, Kinn.</translation>
    </message>
    <message>
        <source>Carve the features out of what is there: the socket&apos;s edge, the nose&apos;s underside, the parting of the lips. Still no line.</source>
        <translation>Heb die Züge aus dem heraus, was da ist: den Rand der Augenhöhle, die Unterseite der Nase, den Lippenspalt. Noch immer keine Linie.</translation>
    </message>
    <message>
        <source>A few lines at the very end, where an edge is sharp. Hard outlines flatten.</source>
        <translation>Ganz am Ende wenige Linien, wo ein Rand scharf ist. Harte Umrisse machen flach.</translation>
    </message>
    <message>
        <source>Stop and photograph it: a tone that sits wrong is a feature that sits wrong.</source>
        <translation>Halt an und fotografier es: Ein Ton, der falsch sitzt, ist ein Zug, der falsch sitzt.</translation>
    </message>
</context>
<context>
    <name>zokran::UpsideDown</name>
    <message>
        <source>Upside down</source>
        <translation>Kopfüber</translation>
    </message>
</context>
<context>
    <name>zokran::ValueStrip</name>
    <message>
        <source>How much of the head lies in each value</source>
        <translation>Wie viel vom Kopf in jedem Tonwert liegt</translation>
    </message>
    <message>
        <source>photo: %1</source>
        <translation>Foto: %1</translation>
    </message>
    <message>
        <source>sketch: %1</source>
        <translation>Skizze: %1</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>From dark to light, %1</source>
        <translation>Von dunkel nach hell, %1</translation>
    </message>
</context>
<context>
    <name>zokran::ViewModeBar</name>
    <message>
        <source>%1: key %2</source>
        <translation>%1: Taste %2</translation>
    </message>
    <message>
        <source>Way of looking</source>
        <translation>Art hinzusehen</translation>
    </message>
</context>
<context>
    <name>zokran::Walk</name>
    <message>
        <source>&amp;Leave the walk</source>
        <translation>Rundgang &amp;verlassen</translation>
    </message>
    <message>
        <source>Bac&amp;k</source>
        <translation>&amp;Zurück</translation>
    </message>
    <message>
        <source>&amp;Open a photograph of yours…</source>
        <translation>Ein eigenes F&amp;oto öffnen …</translation>
    </message>
    <message>
        <source>%1 of %2. %3</source>
        <translation>%1 von %2. %3</translation>
    </message>
    <message>
        <source>Go o&amp;n</source>
        <translation>&amp;Weiter</translation>
    </message>
    <message>
        <source>&amp;Done</source>
        <translation>&amp;Fertig</translation>
    </message>
</context>
<context>
    <name>zokran::DrawingAnimation</name>
    <message>
        <source>Watch it put down</source>
        <translation>Beim Anlegen zusehen</translation>
    </message>
    <message>
        <source>The form, stroke by stroke, on the photo and alone. Draw along on your paper.</source>
        <translation>Die Form, Strich für Strich, auf dem Foto und allein. Zeichne auf deinem Papier mit.</translation>
    </message>
    <message>
        <source>How far it is put down</source>
        <translation>Wie weit es angelegt ist</translation>
    </message>
    <message>
        <source>How f&amp;ar</source>
        <translation>&amp;Wie weit</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>Seconds until all of it stands there</source>
        <translation>Sekunden, bis alles dasteht</translation>
    </message>
    <message>
        <source>&amp;Lasting</source>
        <translation>&amp;Dauer</translation>
    </message>
    <message>
        <source>Save it as a moving drawing…</source>
        <translation>Als bewegte Zeichnung sichern …</translation>
    </message>
    <message>
        <source>Hold still</source>
        <translation>Anhalten</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>Begin</source>
        <translation>Beginnen</translation>
    </message>
    <message>
        <source>Save it as a moving drawing</source>
        <translation>Als bewegte Zeichnung sichern</translation>
    </message>
    <message>
        <source>the way there</source>
        <translation>der Weg dahin</translation>
    </message>
    <message>
        <source>Moving drawings (*.svg)</source>
        <translation>Bewegte Zeichnungen (*.svg)</translation>
    </message>
</context>
<context>
    <name>zokran::Wipe</name>
    <message>
        <source>Wipe</source>
        <translation>Wischen</translation>
    </message>
    <message>
        <source>How far the photo reaches</source>
        <translation>Wie weit das Foto reicht</translation>
    </message>
</context>
<context>
    <name>zokran::Workspace</name>
    <message>
        <source>Seen: the reference</source>
        <translation>Gesehen: die Vorlage</translation>
    </message>
    <message>
        <source>Drawn: the sketch</source>
        <translation>Gezeichnet: die Skizze</translation>
    </message>
    <message>
        <source>Opening the picture</source>
        <translation>Das Bild wird geöffnet</translation>
    </message>
    <message>
        <source>Alt+%1</source>
        <translation>Alt+%1</translation>
    </message>
    <message>
        <source>Still lacks %1. %2</source>
        <translation>Noch fehlt: %1. %2</translation>
    </message>
    <message>
        <source>Choose a photograph of a head to draw from.</source>
        <translation>Wähl ein Foto eines Kopfes, nach dem du zeichnest.</translation>
    </message>
    <message>
        <source>Open a photograph…</source>
        <translation>Ein Foto öffnen…</translation>
    </message>
    <message>
        <source>To the cast room</source>
        <translation>In den Gipssaal</translation>
    </message>
</context>
</TS>

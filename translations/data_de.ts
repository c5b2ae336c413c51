<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
    <context>
        <name>data</name>
        <message>
            <source>a young woman, from a pilot cutter</source>
            <translation>eine junge Frau, von einem Lotsenkutter</translation>
        </message>
        <message>
            <source>a long, gaunt man, from a survey ship</source>
            <translation>ein langer, hagerer Mann, von einem Vermessungsschiff</translation>
        </message>
        <message>
            <source>a round, full-cheeked woman, from a wool barque</source>
            <translation>eine runde Frau mit vollen Wangen, von einer Wollbark</translation>
        </message>
        <message>
            <source>a heavy jaw and a broken nose, from a tug</source>
            <translation>ein schwerer Kiefer und eine gebrochene Nase, von einem Schlepper</translation>
        </message>
        <message>
            <source>a child, from a harbour launch</source>
            <translation>ein Kind, von einer Hafenbarkasse</translation>
        </message>
        <message>
            <source>an old pilot with a beard, from a lightship</source>
            <translation>ein alter Lotse mit Bart, von einem Feuerschiff</translation>
        </message>
        <message>
            <source>a smile, and one side not like the other, from a mail packet</source>
            <translation>ein Lächeln, und die eine Seite nicht wie die andere, von einem Postschiff</translation>
        </message>
        <message>
            <source>laughing with an open mouth, from a steam ferry</source>
            <translation>lachend mit offenem Mund, von einer Dampffähre</translation>
        </message>
        <message>
            <source>an old woman with a plait round her head, from a convict ship</source>
            <translation>eine alte Frau mit einem Zopf um den Kopf, von einem Sträflingsschiff</translation>
        </message>
        <message>
            <source>a bald man with a full beard, from a fruit schooner</source>
            <translation>ein kahler Mann mit Vollbart, von einem Fruchtschoner</translation>
        </message>
        <message>
            <source>a young woman in a headscarf, from a pearling lugger</source>
            <translation>eine junge Frau im Kopftuch, von einem Perlenlogger</translation>
        </message>
        <message>
            <source>a boy with his hair on end, from a sealing brig</source>
            <translation>ein Junge, dem das Haar zu Berge steht, von einer Robbenbrigg</translation>
        </message>
        <message>
            <source>a heavy old man, from a sugar clipper</source>
            <translation>ein schwerer alter Mann, von einem Zuckerklipper</translation>
        </message>
        <message>
            <source>a slender young man, from a light tender</source>
            <translation>ein schlanker junger Mann, von einem Tonnenleger</translation>
        </message>
        <message>
            <source>Upper lids</source>
            <translation>Oberlider</translation>
        </message>
        <message>
            <source>The line of the eyes is taken by the edge of the upper lids, not by the corners, and lies half-way from crown to chin; so the corners, which are what the guide passes through, lie a little below the half. Nose base half-way from the lids to the chin, mouth a third of the way from nose base to chin. Eyebrows are as long as one eye. Agrees with Halves where the eyes are narrow.</source>
            <translation>Die Augenlinie wird am Rand der Oberlider genommen, nicht an den Winkeln, und liegt auf halbem Weg vom Scheitel zum Kinn; so liegen die Winkel, durch die die Hilfslinie geht, etwas unter der Hälfte. Nasenbasis auf halbem Weg von den Lidern zum Kinn, Mund ein Drittel des Wegs von der Nasenbasis zum Kinn. Augenbrauen so lang wie ein Auge. Stimmt mit den Hälften überein, wo die Augen schmal sind.</translation>
        </message>
        <message>
            <source>Above the half</source>
            <translation>Über der Hälfte</translation>
        </message>
        <message>
            <source>Eyes a little above half-way, so that there is more face below them than skull above; nose base and mouth halve on from there. Ears begin a little above the eyes. Like Halves with a longer face and a flatter skull.</source>
            <translation>Die Augen etwas über der Hälfte, so dass unter ihnen mehr Gesicht liegt als Schädel darüber; Nasenbasis und Mund halbieren von dort aus weiter. Die Ohren beginnen etwas über den Augen. Wie die Hälften, mit längerem Gesicht und flacherem Schädel.</translation>
        </message>
        <message>
            <source>Halves from the brow</source>
            <translation>Hälften von der Braue</translation>
        </message>
        <message>
            <source>Nose base half-way from brow to chin; the lower edge of the lower lip half-way from nose base to chin; hairline a third of the way from eyes to crown. Agrees with Thirds on brow and nose; its hairline is the lowest.</source>
            <translation>Nasenbasis auf halbem Weg von der Braue zum Kinn; der untere Rand der Unterlippe auf halbem Weg von der Nasenbasis zum Kinn; Haaransatz ein Drittel des Wegs von den Augen zum Scheitel. Stimmt bei Braue und Nase mit den Dritteln überein; ihr Haaransatz ist der tiefste.</translation>
        </message>
        <message>
            <source>Circle and a half</source>
            <translation>Kreis und ein halber</translation>
        </message>
        <message>
            <source>A circle from the crown to the nose base, and half its height again to the chin: the part below the circle is a third of the whole head. Eyes at half the whole; brow half-way from the circle's middle to the eyes. Agrees with Halves on the eyes; its nose is the shortest.</source>
            <translation>Ein Kreis vom Scheitel bis zur Nasenbasis und noch einmal seine halbe Höhe bis zum Kinn: der Teil unter dem Kreis ist ein Drittel des ganzen Kopfes. Die Augen auf der Hälfte des Ganzen; die Braue auf halbem Weg von der Mitte des Kreises zu den Augen. Stimmt bei den Augen mit den Hälften überein; seine Nase ist die kürzeste.</translation>
        </message>
        <message>
            <source>Eye units</source>
            <translation>Augenbreiten</translation>
        </message>
        <message>
            <source>Everything in eye-widths: nose base one and a half below the eyes, mouth three quarters below the nose base, brow half a width above the eyes and hairline two and a half. Eyes half-way from crown to chin. Its nose is a little shorter than by Thirds; what it measures can be laid off on paper with the width of one eye.</source>
            <translation>Alles in Augenbreiten: die Nasenbasis anderthalb unter den Augen, der Mund drei Viertel unter der Nasenbasis, die Braue eine halbe Breite über den Augen und der Haaransatz zweieinhalb. Die Augen auf halbem Weg vom Scheitel zum Kinn. Die Nase ist etwas kürzer als nach den Dritteln; was gemessen wird, lässt sich mit der Breite eines Auges auf dem Papier abtragen.</translation>
        </message>
        <message>
            <source>Halves</source>
            <translation>Hälften</translation>
        </message>
        <message>
            <source>Halved again and again: eyes half-way from crown to chin, nose base half-way from eyes to chin, mouth half-way from nose base to chin. Ears from the eyes to the nose base. Agrees with Quarters on eyes and nose; its mouth is the lowest of all schools.</source>
            <translation>Immer wieder halbiert: die Augen auf halbem Weg vom Scheitel zum Kinn, die Nasenbasis auf halbem Weg von den Augen zum Kinn, der Mund auf halbem Weg von der Nasenbasis zum Kinn. Die Ohren von den Augen bis zur Nasenbasis. Stimmt bei Augen und Nase mit den Vierteln überein; ihr Mund ist der tiefste von allen Schulen.</translation>
        </message>
        <message>
            <source>Quarters</source>
            <translation>Viertel</translation>
        </message>
        <message>
            <source>Four equal steps down the whole head: crown to hairline, hairline to eyes, eyes to nose base, nose base to chin. Ears from the eyes to the nose base. Agrees with Halves on eyes and nose; its mouth stands higher and its hairline lower than by Thirds.</source>
            <translation>Vier gleiche Schritte den ganzen Kopf hinab: vom Scheitel zum Haaransatz, vom Haaransatz zu den Augen, von den Augen zur Nasenbasis, von der Nasenbasis zum Kinn. Die Ohren von den Augen bis zur Nasenbasis. Stimmt bei Augen und Nase mit den Hälften überein; der Mund steht höher und der Haaransatz tiefer als nach den Dritteln.</translation>
        </message>
        <message>
            <source>Thirds</source>
            <translation>Drittel</translation>
        </message>
        <message>
            <source>Three equal steps down the face: hairline to brow, brow to nose base, nose base to chin. The step is the radius of the side oval. Ears from brow to nose base. It says nothing of the skull above the hairline. Agrees with Halves on the eyes; its nose base stands higher than theirs.</source>
            <translation>Drei gleiche Schritte das Gesicht hinab: vom Haaransatz zur Braue, von der Braue zur Nasenbasis, von der Nasenbasis zum Kinn. Der Schritt ist der Radius des Seitenovals. Die Ohren von der Braue bis zur Nasenbasis. Vom Schädel über dem Haaransatz sagt die Schule nichts. Stimmt bei den Augen mit den Hälften überein; die Nasenbasis steht höher als dort.</translation>
        </message>
    </context>
</TS>

<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de">
<context>
    <name>Core</name>
    <message>
        <source>A fuse is 0.5 A or more.</source>
        <translation>Eine Sicherung hat mindestens 0,5 A.</translation>
    </message>
    <message>
        <source>Leave the field empty for the computed one.</source>
        <translation>Leer lassen für den berechneten Wert.</translation>
    </message>
    <message>
        <source>A place needs a name.</source>
        <translation>Ein Ort braucht einen Namen.</translation>
    </message>
    <message>
        <source>Type one.</source>
        <translation>Einen eingeben.</translation>
    </message>
    <message>
        <source>Type yes or no.</source>
        <translation>ja oder nein eingeben.</translation>
    </message>
    <message>
        <source>Yes: bundled with other cables.</source>
        <translation>ja: mit anderen Kabeln gebündelt.</translation>
    </message>
    <message>
        <source>There is no place &apos;{name}&apos;.</source>
        <translation>Es gibt keinen Ort &apos;{name}&apos;.</translation>
    </message>
    <message>
        <source>Use one of {all}.</source>
        <translation>Einen von diesen verwenden: {all}.</translation>
    </message>
    <message>
        <source>clamp</source>
        <translation>Klemme</translation>
    </message>
    <message>
        <source>blade</source>
        <translation>Flachstecker</translation>
    </message>
    <message>
        <source>crimped contact</source>
        <translation>Crimpkontakt</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is neither together nor alone.</source>
        <translation>&apos;{text}&apos; ist weder zusammen noch allein.</translation>
    </message>
    <message>
        <source>Write &apos;together&apos; or &apos;alone&apos;.</source>
        <translation>&apos;zusammen&apos; oder &apos;allein&apos; eingeben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a supply.</source>
        <translation>&apos;{text}&apos; ist keine Versorgung.</translation>
    </message>
    <message>
        <source>Write &apos;12 V&apos;, &apos;24 V&apos;, &apos;12/24 V&apos; or &apos;mains&apos;.</source>
        <translation>&apos;12 V&apos;, &apos;24 V&apos;, &apos;12/24 V&apos; oder &apos;Netz&apos; eingeben.</translation>
    </message>
    <message>
        <source>An appliance needs a name.</source>
        <translation>Ein Verbraucher braucht einen Namen.</translation>
    </message>
    <message>
        <source>Spirk cannot compute this plan, which is a defect in Spirk ({why}).</source>
        <translation>Spirk kann diesen Plan nicht berechnen, das ist ein Fehler in Spirk ({why}).</translation>
    </message>
    <message>
        <source>The file was left as it is; please report it.</source>
        <translation>Die Datei blieb unverändert; bitte melden.</translation>
    </message>
    <message>
        <source>A plan needs a name.</source>
        <translation>Ein Plan braucht einen Namen.</translation>
    </message>
    <message>
        <source>Type one; it is printed on every page.</source>
        <translation>Einen eingeben; er wird auf jede Seite gedruckt.</translation>
    </message>
    <message>
        <source>An alternator&apos;s rating is 1 to 1000 A.</source>
        <translation>Eine Lichtmaschine hat einen Nennstrom von 1 bis 1000 A.</translation>
    </message>
    <message>
        <source>Read its rating plate: &apos;150 A&apos;.</source>
        <translation>Auf dem Typenschild ablesen: &apos;150 A&apos;.</translation>
    </message>
    <message>
        <source>A supply point needs a name.</source>
        <translation>Ein Anschlusspunkt braucht einen Namen.</translation>
    </message>
    <message>
        <source>Use the name in the vehicle&apos;s manual.</source>
        <translation>Den Namen aus dem Handbuch des Fahrzeugs verwenden.</translation>
    </message>
    <message>
        <source>There is no figure &apos;{figure}&apos;.</source>
        <translation>Es gibt keinen Wert &apos;{figure}&apos;.</translation>
    </message>
    <message>
        <source>Name one of the figures.</source>
        <translation>Einen der Werte nennen.</translation>
    </message>
    <message>
        <source>Figures that contain it:</source>
        <translation>Werte, die ihn enthalten:</translation>
    </message>
    <message>
        <source>This is the plan itself.</source>
        <translation>Das ist der Plan selbst.</translation>
    </message>
    <message>
        <source>Choose another name to export to.</source>
        <translation>Für den Export einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>&apos;{kind}&apos; can&apos;t be exported.</source>
        <translation>&apos;{kind}&apos; lässt sich nicht exportieren.</translation>
    </message>
    <message>
        <source>Use diagram, lists, sheet, parts, cuts, labels, cables or report.</source>
        <translation>diagram, lists, sheet, parts, cuts, labels, cables oder report verwenden.</translation>
    </message>
    <message>
        <source>A report is JSON.</source>
        <translation>Ein Bericht ist JSON.</translation>
    </message>
    <message>
        <source>Give it a name that ends in .json.</source>
        <translation>Einen Namen geben, der auf .json endet.</translation>
    </message>
    <message>
        <source>This version does not know this key; it has no effect.</source>
        <translation>Diese Version kennt diesen Schlüssel nicht; er hat keine Wirkung.</translation>
    </message>
    <message>
        <source>Check its spelling against docs/file-format.md.</source>
        <translation>Seine Schreibweise mit docs/file-format.md vergleichen.</translation>
    </message>
    <message>
        <source>Plans a camper&apos;s electrical system from a .spirk plan.</source>
        <translation>Plant die elektrische Anlage eines Campers aus einem .spirk-Plan.</translation>
    </message>
    <message>
        <source>Folder with the tables (default: found beside the program)</source>
        <translation>Ordner mit den Tabellen (sonst: neben dem Programm)</translation>
    </message>
    <message>
        <source>A .spirk file</source>
        <translation>Eine .spirk-Datei</translation>
    </message>
    <message>
        <source>Print JSON</source>
        <translation>JSON ausgeben</translation>
    </message>
    <message>
        <source>Figures, conductors and findings</source>
        <translation>Werte, Leitungen und Befunde</translation>
    </message>
    <message>
        <source>Findings only</source>
        <translation>Nur Befunde</translation>
    </message>
    <message>
        <source>How a figure is calculated</source>
        <translation>Wie ein Wert berechnet ist</translation>
    </message>
    <message>
        <source>Id of the figure, as &apos;cable.inverter.feed+.size&apos;</source>
        <translation>Kennung des Werts, etwa &apos;cable.inverter.feed+.size&apos;</translation>
    </message>
    <message>
        <source>Write a file</source>
        <translation>Eine Datei schreiben</translation>
    </message>
    <message>
        <source>diagram, lists, sheet, parts, cuts, labels, cables, report</source>
        <translation>diagram, lists, sheet, parts, cuts, labels, cables, report</translation>
    </message>
    <message>
        <source>Where to: .svg, .pdf, .csv or .json; or /dev/stdout</source>
        <translation>Wohin: .svg, .pdf, .csv oder .json; oder /dev/stdout</translation>
    </message>
    <message>
        <source>Replace a file that is there already</source>
        <translation>Eine vorhandene Datei ersetzen</translation>
    </message>
    <message>
        <source>{size}, {fuse}</source>
        <translation>{size}, {fuse}</translation>
    </message>
    <message>
        <source>{size}</source>
        <translation>{size}</translation>
    </message>
    <message>
        <source>{number}  {conductor}</source>
        <translation>{number}  {conductor}</translation>
    </message>
    <message>
        <source>{from} → {to}, {cable}</source>
        <translation>{from} → {to}, {cable}</translation>
    </message>
    <message>
        <source>sum over the parts list</source>
        <translation>Summe über die Teileliste</translation>
    </message>
    <message>
        <source>library and your own gear; appliances are not in it</source>
        <translation>Bibliothek und eigene Geräte; Verbraucher sind nicht enthalten</translation>
    </message>
    <message>
        <source>Σ</source>
        <translation>Σ</translation>
    </message>
    <message>
        <source>parts list</source>
        <translation>Teileliste</translation>
    </message>
    <message>
        <source>Order of magnitude, in {currency} of {date}. Shops differ by half, and copper moves.</source>
        <translation>Größenordnung, in {currency} von {date}. Händler weichen um die Hälfte ab, und der Kupferpreis schwankt.</translation>
    </message>
    <message>
        <source>Weight of what is built in</source>
        <translation>Gewicht des Eingebauten</translation>
    </message>
    <message>
        <source>Price of what is built in</source>
        <translation>Preis des Eingebauten</translation>
    </message>
    <message>
        <source>devices</source>
        <translation>Geräte</translation>
    </message>
    <message>
        <source>fuses</source>
        <translation>Sicherungen</translation>
    </message>
    <message>
        <source>cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>lugs</source>
        <translation>Kabelschuhe</translation>
    </message>
    <message>
        <source>vehicle&apos;s own</source>
        <translation>Teil des Fahrzeugs</translation>
    </message>
    <message>
        <source>{device} ({port})</source>
        <translation>{device} ({port})</translation>
    </message>
    <message>
        <source>ferrule {size}</source>
        <translation>Aderendhülse {size}</translation>
    </message>
    <message>
        <source>blade terminal {size}</source>
        <translation>Flachsteckhülse {size}</translation>
    </message>
    <message>
        <source>crimped contact {size}</source>
        <translation>Crimpkontakt {size}</translation>
    </message>
    <message>
        <source>fuse holder</source>
        <translation>Sicherungshalter</translation>
    </message>
    <message>
        <source>holder for {fuse}</source>
        <translation>Halter für {fuse}</translation>
    </message>
    <message>
        <source>{size}, your own</source>
        <translation>{size}, vorhanden</translation>
    </message>
    <message>
        <source>{size} {insulation}, {colour}</source>
        <translation>{size} {insulation}, {colour}</translation>
    </message>
    <message>
        <source>{family}, {rating}</source>
        <translation>{family}, {rating}</translation>
    </message>
    <message>
        <source>{column}, {size}</source>
        <translation>{column}, {size}</translation>
    </message>
    <message>
        <source>no situation</source>
        <translation>kein Betriebsfall</translation>
    </message>
    <message>
        <source>{conductor}, current</source>
        <translation>{conductor}, Strom</translation>
    </message>
    <message>
        <source>largest current of all situations used for sizing</source>
        <translation>größter Strom aller Betriebsfälle, nach denen bemessen wird</translation>
    </message>
    <message>
        <source>I_B</source>
        <translation>I_B</translation>
    </message>
    <message>
        <source>network solved; loads draw their largest power at the lowest working voltage</source>
        <translation>Netz gelöst; Verbraucher nehmen bei der niedrigsten Arbeitsspannung ihre größte Leistung auf</translation>
    </message>
    <message>
        <source>{conductor}, fuse</source>
        <translation>{conductor}, Sicherung</translation>
    </message>
    <message>
        <source>{conductor}, fuse at its far end</source>
        <translation>{conductor}, Sicherung am fernen Ende</translation>
    </message>
    <message>
        <source>the smallest that is commonly sold</source>
        <translation>die kleinste gängige</translation>
    </message>
    <message>
        <source>needed = f · I_B; I_n: the family&apos;s next rating up; I_cn ≥ I_k</source>
        <translation>nötig = f · I_B; I_n: nächster Nennstrom der Familie; I_cn ≥ I_k</translation>
    </message>
    <message>
        <source>current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>f</source>
        <translation>f</translation>
    </message>
    <message>
        <source>for currents that run for hours</source>
        <translation>für stundenlang fließende Ströme</translation>
    </message>
    <message>
        <source>needed</source>
        <translation>nötig</translation>
    </message>
    <message>
        <source>least rating</source>
        <translation>kleinster Nennstrom</translation>
    </message>
    <message>
        <source>by the formula</source>
        <translation>nach der Formel</translation>
    </message>
    <message>
        <source>I_n</source>
        <translation>I_n</translation>
    </message>
    <message>
        <source>rating</source>
        <translation>Nennstrom</translation>
    </message>
    <message>
        <source>I_cn</source>
        <translation>I_cn</translation>
    </message>
    <message>
        <source>interrupting capacity of the family</source>
        <translation>Ausschaltvermögen der Familie</translation>
    </message>
    <message>
        <source>I_k</source>
        <translation>I_k</translation>
    </message>
    <message>
        <source>largest current it may have to interrupt</source>
        <translation>größter Strom, den sie unterbrechen können muss</translation>
    </message>
    <message>
        <source>NEC 210.20/215.3 (1.25); {source}</source>
        <translation>NEC 210.20/215.3 (1.25); {source}</translation>
    </message>
    <message>
        <source>It is already in the vehicle, as entered in the plan.</source>
        <translation>Es ist schon im Fahrzeug, wie im Plan eingetragen.</translation>
    </message>
    <message>
        <source>Set by you. Computed: {family}, {rating}.</source>
        <translation>Von Ihnen gesetzt. Berechnet: {family}, {rating}.</translation>
    </message>
    <message>
        <source>One rating larger: with a smaller fuse more current would flow this way.</source>
        <translation>Eine Stufe größer: Mit einer kleineren Sicherung flösse hier mehr Strom.</translation>
    </message>
    <message>
        <source>The fuse of &apos;{id}&apos; interrupts for it (back-up protection, IEC 60364-4-43, 434.5.1).</source>
        <translation>Die Sicherung von &apos;{id}&apos; unterbricht für sie (Rückschutz, IEC 60364-4-43, 434.5.1).</translation>
    </message>
    <message>
        <source>{conductor}, ampacity</source>
        <translation>{conductor}, Strombelastbarkeit</translation>
    </message>
    <message>
        <source>I_z = I_table · √((T_max − T_a) / (T_max − T_ref))</source>
        <translation>I_z = I_table · √((T_max − T_a) / (T_max − T_ref))</translation>
    </message>
    <message>
        <source>I_z = I_table · √((T_max − T_a) / (T_max − T_ref)) · k</source>
        <translation>I_z = I_table · √((T_max − T_a) / (T_max − T_ref)) · k</translation>
    </message>
    <message>
        <source>I_table</source>
        <translation>I_table</translation>
    </message>
    <message>
        <source>T_max</source>
        <translation>T_max</translation>
    </message>
    <message>
        <source>of the insulation</source>
        <translation>der Isolierung</translation>
    </message>
    <message>
        <source>T_a</source>
        <translation>T_a</translation>
    </message>
    <message>
        <source>warmest place it passes</source>
        <translation>wärmster Ort auf dem Weg</translation>
    </message>
    <message>
        <source>T_ref</source>
        <translation>T_ref</translation>
    </message>
    <message>
        <source>ambient of the table</source>
        <translation>Umgebungstemperatur der Tabelle</translation>
    </message>
    <message>
        <source>k</source>
        <translation>k</translation>
    </message>
    <message>
        <source>{n} conductors bundled together</source>
        <translation>{n} Leitungen gebündelt</translation>
    </message>
    <message>
        <source>For comparison, not used: {column}, {amps} ({source}).</source>
        <translation>Zum Vergleich, nicht verwendet: {column}, {amps} ({source}).</translation>
    </message>
    <message>
        <source>{conductor}, size</source>
        <translation>{conductor}, Querschnitt</translation>
    </message>
    <message>
        <source>smallest size with I_z ≥ needed, drop within its limit, k²S² ≥ I²t</source>
        <translation>kleinster Querschnitt mit I_z ≥ nötig, Spannungsfall im Grenzwert, k²S² ≥ I²t</translation>
    </message>
    <message>
        <source>continuous current it must carry</source>
        <translation>Strom, den es dauernd tragen muss</translation>
    </message>
    <message>
        <source>I_z</source>
        <translation>I_z</translation>
    </message>
    <message>
        <source>ampacity</source>
        <translation>Strombelastbarkeit</translation>
    </message>
    <message>
        <source>drop</source>
        <translation>Spannungsfall</translation>
    </message>
    <message>
        <source>share of the limit used on its worst path</source>
        <translation>genutzter Anteil des Grenzwerts auf dem ungünstigsten Pfad</translation>
    </message>
    <message>
        <source>fault</source>
        <translation>Mangel</translation>
    </message>
    <message>
        <source>share of k²S² used</source>
        <translation>genutzter Anteil von k²S²</translation>
    </message>
    <message>
        <source>IEC 60364-4-43 (433.1, 434.5); voltage drop limits as chosen in the rules</source>
        <translation>IEC 60364-4-43 (433.1, 434.5); Grenzwerte des Spannungsfalls wie in den Regeln gewählt</translation>
    </message>
    <message>
        <source>{conductor}, drop</source>
        <translation>{conductor}, Spannungsfall</translation>
    </message>
    <message>
        <source>ΔV = I_B · (R_20 · L · (1 + 0.00393 (T − 20)) + joints + fuse)</source>
        <translation>ΔV = I_B · (R_20 · L · (1 + 0.00393 (T − 20)) + Verbindungen + Sicherung)</translation>
    </message>
    <message>
        <source>R_20</source>
        <translation>R_20</translation>
    </message>
    <message>
        <source>per metre at 20 °C</source>
        <translation>je Meter bei 20 °C</translation>
    </message>
    <message>
        <source>L</source>
        <translation>L</translation>
    </message>
    <message>
        <source>length, one way</source>
        <translation>Länge, einfacher Weg</translation>
    </message>
    <message>
        <source>T</source>
        <translation>T</translation>
    </message>
    <message>
        <source>conductor&apos;s temperature under this load</source>
        <translation>Leitertemperatur bei diesem Strom</translation>
    </message>
    <message>
        <source>T_a + (T_max − T_ref) (I / I_table)²</source>
        <translation>T_a + (T_max − T_ref) (I / I_table)²</translation>
    </message>
    <message>
        <source>joints</source>
        <translation>Verbindungen</translation>
    </message>
    <message>
        <source>two lugs</source>
        <translation>zwei Kabelschuhe</translation>
    </message>
    <message>
        <source>Ohm&apos;s law; IEC 60228 resistance and temperature coefficient</source>
        <translation>Ohmsches Gesetz; Widerstand nach IEC 60228 und Temperaturkoeffizient</translation>
    </message>
    <message>
        <source>This conductor alone; the limit applies to the whole path out and back.</source>
        <translation>Nur diese Leitung; der Grenzwert gilt für den ganzen Pfad hin und zurück.</translation>
    </message>
    <message>
        <source>fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>fuse and holder</source>
        <translation>Sicherung und Halter</translation>
    </message>
    <message>
        <source>{conductor}, short circuit</source>
        <translation>{conductor}, Kurzschluss</translation>
    </message>
    <message>
        <source>I²t ≤ k² · S²</source>
        <translation>I²t ≤ k² · S²</translation>
    </message>
    <message>
        <source>I_near</source>
        <translation>I_nah</translation>
    </message>
    <message>
        <source>short circuit at its near end</source>
        <translation>Kurzschluss am nahen Ende</translation>
    </message>
    <message>
        <source>short circuit, cold cable, batteries in the middle of their range</source>
        <translation>Kurzschluss, kaltes Kabel, Batterien in der Mitte ihrer Streuung</translation>
    </message>
    <message>
        <source>I_far</source>
        <translation>I_fern</translation>
    </message>
    <message>
        <source>short circuit at its far end</source>
        <translation>Kurzschluss am fernen Ende</translation>
    </message>
    <message>
        <source>short circuit, warm cable, weak batteries</source>
        <translation>Kurzschluss, warmes Kabel, schwache Batterien</translation>
    </message>
    <message>
        <source>S</source>
        <translation>S</translation>
    </message>
    <message>
        <source>size</source>
        <translation>Querschnitt</translation>
    </message>
    <message>
        <source>k²S²</source>
        <translation>k²S²</translation>
    </message>
    <message>
        <source>what it withstands</source>
        <translation>was es aushält</translation>
    </message>
    <message>
        <source>k in A√s/mm², S in mm²</source>
        <translation>k in A√s/mm², S in mm²</translation>
    </message>
    <message>
        <source>no fuse limits it</source>
        <translation>keine Sicherung begrenzt es</translation>
    </message>
    <message>
        <source>IEC 60364-4-43, adiabatic, t ≤ 5 s; longest opening time of the fuse</source>
        <translation>IEC 60364-4-43, adiabatisch, t ≤ 5 s; längste Ausschaltzeit der Sicherung</translation>
    </message>
    <message>
        <source>Protected by the fuse of &apos;{id}&apos;.</source>
        <translation>Geschützt durch die Sicherung von &apos;{id}&apos;.</translation>
    </message>
    <message>
        <source>Drop, {path}</source>
        <translation>Spannungsfall, {path}</translation>
    </message>
    <message>
        <source>sum of ΔV over the conductors, out and back, over V</source>
        <translation>Summe der ΔV aller Leitungen, hin und zurück, durch V</translation>
    </message>
    <message>
        <source>V</source>
        <translation>V</translation>
    </message>
    <message>
        <source>system voltage</source>
        <translation>Systemspannung</translation>
    </message>
    <message>
        <source>what the limit refers to</source>
        <translation>worauf sich der Grenzwert bezieht</translation>
    </message>
    <message>
        <source>own arithmetic; limit {limit}</source>
        <translation>eigene Rechnung; Grenzwert {limit}</translation>
    </message>
    <message>
        <source>In volts: {drop}.</source>
        <translation>In Volt: {drop}.</translation>
    </message>
    <message>
        <source>ΔV</source>
        <translation>ΔV</translation>
    </message>
    <message>
        <source>{device}, largest current through it</source>
        <translation>{device}, größter Strom hindurch</translation>
    </message>
    <message>
        <source>half the sum of the currents in its conductors</source>
        <translation>halbe Summe der Ströme seiner Leitungen</translation>
    </message>
    <message>
        <source>current of its conductors</source>
        <translation>Strom seiner Leitungen</translation>
    </message>
    <message>
        <source>I</source>
        <translation>I</translation>
    </message>
    <message>
        <source>I_max</source>
        <translation>I_max</translation>
    </message>
    <message>
        <source>it is rated for</source>
        <translation>wofür es ausgelegt ist</translation>
    </message>
    <message>
        <source>network solved</source>
        <translation>Netz gelöst</translation>
    </message>
    <message>
        <source>{device}, choice of model</source>
        <translation>{device}, Wahl des Modells</translation>
    </message>
    <message>
        <source>the smallest of its kind with I_max ≥ I, S_max ≥ S, a lug for its studs, and enough ways</source>
        <translation>das kleinste seiner Art mit I_max ≥ I, S_max ≥ S, einem Kabelschuh für seine Bolzen und genug Abgängen</translation>
    </message>
    <message>
        <source>largest current through it</source>
        <translation>größter Strom hindurch</translation>
    </message>
    <message>
        <source>largest cable connected to it</source>
        <translation>größtes angeschlossenes Kabel</translation>
    </message>
    <message>
        <source>sizes of the conductors</source>
        <translation>Querschnitte der Leitungen</translation>
    </message>
    <message>
        <source>S_max</source>
        <translation>S_max</translation>
    </message>
    <message>
        <source>largest cable its terminals take</source>
        <translation>größtes Kabel, das seine Klemmen aufnehmen</translation>
    </message>
    <message>
        <source>common practice</source>
        <translation>gängige Praxis</translation>
    </message>
    <message>
        <source>n</source>
        <translation>n</translation>
    </message>
    <message>
        <source>ways in use</source>
        <translation>belegte Abgänge</translation>
    </message>
    <message>
        <source>the circuit as wired</source>
        <translation>die Schaltung, wie verdrahtet</translation>
    </message>
    <message>
        <source>n_max</source>
        <translation>n_max</translation>
    </message>
    <message>
        <source>ways it has</source>
        <translation>vorhandene Abgänge</translation>
    </message>
    <message>
        <source>Chosen by you: it is not replaced by a larger one when more is connected to it.</source>
        <translation>Von Ihnen gewählt: Es wird nicht durch ein größeres ersetzt, wenn mehr angeschlossen wird.</translation>
    </message>
    <message>
        <source>rating of the source</source>
        <translation>Nennwert der Quelle</translation>
    </message>
    <message>
        <source>V = n · V_oc · (1 + β ({temperature} − 25))</source>
        <translation>V = n · V_oc · (1 + β ({temperature} − 25))</translation>
    </message>
    <message>
        <source>panels in series</source>
        <translation>Module in Reihe</translation>
    </message>
    <message>
        <source>V_oc</source>
        <translation>V_oc</translation>
    </message>
    <message>
        <source>β</source>
        <translation>β</translation>
    </message>
    <message>
        <source>per kelvin</source>
        <translation>je Kelvin</translation>
    </message>
    <message>
        <source>panel&apos;s temperature coefficient (maker)</source>
        <translation>Temperaturkoeffizient des Moduls (Hersteller)</translation>
    </message>
    <message>
        <source>Wire {s} in series, {p} in parallel</source>
        <translation>{s} in Reihe, {p} parallel verschalten</translation>
    </message>
    <message>
        <source>Open-circuit voltage of a string on a hot day</source>
        <translation>Leerlaufspannung eines Strangs an einem heißen Tag</translation>
    </message>
    <message>
        <source>T_hot</source>
        <translation>T_heiß</translation>
    </message>
    <message>
        <source>cells in full sun, warmest month</source>
        <translation>Zellen in voller Sonne, wärmster Monat</translation>
    </message>
    <message>
        <source>T_c = T_a + G/800 (NOCT − 20)</source>
        <translation>T_c = T_a + G/800 (NOCT − 20)</translation>
    </message>
    <message>
        <source>At maximum power it has {volts}.</source>
        <translation>Im Maximum der Leistung hat er {volts}.</translation>
    </message>
    <message>
        <source>On a hot day a string has {voc} open-circuit and {vmp} at maximum power; the controller starts at {start}.</source>
        <translation>An einem heißen Tag hat ein Strang {voc} im Leerlauf und {vmp} im Maximum der Leistung; der Regler startet bei {start}.</translation>
    </message>
    <message>
        <source>It does not start, or stops before the bank is full.</source>
        <translation>Er startet nicht oder hört auf, bevor die Bank voll ist.</translation>
    </message>
    <message>
        <source>Put more panels in series.</source>
        <translation>Mehr Module in Reihe schalten.</translation>
    </message>
    <message>
        <source>{n} strings are in parallel without a fuse in each.</source>
        <translation>{n} Stränge sind parallel, ohne Sicherung in jedem.</translation>
    </message>
    <message>
        <source>Strings of {here} and {there} at maximum power are in parallel at one controller.</source>
        <translation>Stränge mit {here} und {there} im Maximum der Leistung sind parallel an einem Regler.</translation>
    </message>
    <message>
        <source>All must run at one voltage, which is the best for neither, and part of the power is lost.</source>
        <translation>Alle müssen mit einer Spannung laufen, die für keinen die beste ist, und ein Teil der Leistung geht verloren.</translation>
    </message>
    <message>
        <source>Make the strings nearly equal in voltage, or give these panels a controller of their own.</source>
        <translation>Die Stränge in der Spannung nahezu gleich machen, oder diesen Modulen einen eigenen Regler geben.</translation>
    </message>
    <message>
        <source>The panels&apos; negative goes to the bar; {controller} measures or switches in it.</source>
        <translation>Der Minus der Module geht an die Schiene; {controller} misst oder schaltet darin.</translation>
    </message>
    <message>
        <source>The panels&apos; negative goes to the bar, and the data sheet of {controller} as entered does not say that it may.</source>
        <translation>Der Minus der Module geht an die Schiene, und das eingetragene Datenblatt von {controller} sagt nicht, dass das erlaubt ist.</translation>
    </message>
    <message>
        <source>It cannot limit a current that bypasses it: the panels may overcharge the bank, or the controller may be destroyed.</source>
        <translation>Einen Strom, der an ihm vorbeifließt, kann er nicht begrenzen: Die Module können die Bank überladen, oder der Regler wird zerstört.</translation>
    </message>
    <message>
        <source>Bring the panels&apos; negative to the controller&apos;s terminal, or ask its maker.</source>
        <translation>Den Minus der Module an die Klemme des Reglers führen, oder den Hersteller fragen.</translation>
    </message>
    <message>
        <source>Bring it to the controller</source>
        <translation>An den Regler führen</translation>
    </message>
    <message>
        <source>{name} ({size}) has an ampacity of {ampacity}; {factor} times the short-circuit current is {needed}.</source>
        <translation>{name} ({size}) ist mit {ampacity} belastbar; das {factor}-Fache des Kurzschlussstroms ist {needed}.</translation>
    </message>
    <message>
        <source>No fuse protects it: panels give little more current into a short circuit than in use.</source>
        <translation>Keine Sicherung schützt sie: Module geben in einen Kurzschluss kaum mehr Strom als im Betrieb.</translation>
    </message>
    <message>
        <source>Use {size}.</source>
        <translation>{size} verwenden.</translation>
    </message>
    <message>
        <source>Use {size}</source>
        <translation>{size} verwenden</translation>
    </message>
    <message>
        <source>In the leanest month the panels supply {share} of the daily use, and nothing else charges.</source>
        <translation>Im schwächsten Monat liefern die Module {share} des Tagesverbrauchs, und sonst lädt nichts.</translation>
    </message>
    <message>
        <source>The bank is empty within days, whatever its size.</source>
        <translation>Die Bank ist in wenigen Tagen leer, gleich wie groß sie ist.</translation>
    </message>
    <message>
        <source>Plan more panels, add charging from the engine, or reduce the largest load.</source>
        <translation>Mehr Module planen, Laden vom Motor hinzufügen, oder den größten Verbraucher verringern.</translation>
    </message>
    <message>
        <source>A PWM controller holds the panels at the bank&apos;s voltage: {lost} of their power is lost.</source>
        <translation>Ein PWM-Regler hält die Module auf der Spannung der Bank: {lost} ihrer Leistung gehen verloren.</translation>
    </message>
    <message>
        <source>These panels give their full power at {vmp}.</source>
        <translation>Diese Module geben ihre volle Leistung bei {vmp}.</translation>
    </message>
    <message>
        <source>Use an MPPT controller, or panels for 12 V.</source>
        <translation>Einen MPPT-Regler verwenden, oder Module für 12 V.</translation>
    </message>
    <message>
        <source>Use {count} × {model}</source>
        <translation>{count} × {model} verwenden</translation>
    </message>
    <message>
        <source>The bank carries {has} days without sun; you asked for {asked}.</source>
        <translation>Die Bank reicht {has} Tage ohne Sonne; gewünscht sind {asked}.</translation>
    </message>
    <message>
        <source>It has {usable} usable, and the plan uses {demand} per day.</source>
        <translation>Sie hat {usable} nutzbar, und der Plan verbraucht {demand} pro Tag.</translation>
    </message>
    <message>
        <source>Use a larger bank, ask for fewer days, or reduce the largest load in Needs.</source>
        <translation>Eine größere Bank verwenden, weniger Tage verlangen, oder den größten Verbraucher unter Bedarf verringern.</translation>
    </message>
    <message>
        <source>Largest current out of one battery</source>
        <translation>Größter Strom aus einer Batterie</translation>
    </message>
    <message>
        <source>largest share in the situations used for sizing</source>
        <translation>größter Anteil in den Betriebsfällen, nach denen bemessen wird</translation>
    </message>
    <message>
        <source>everything at full power, at the lowest voltage</source>
        <translation>alles mit voller Leistung, bei niedrigster Spannung</translation>
    </message>
    <message>
        <source>shares solved with every lead&apos;s own resistance</source>
        <translation>Anteile mit dem Widerstand jeder Leitung gelöst</translation>
    </message>
    <message>
        <source>{battery}, discharge limit</source>
        <translation>{battery}, Entladegrenze</translation>
    </message>
    <message>
        <source>own arithmetic</source>
        <translation>eigene Rechnung</translation>
    </message>
    <message>
        <source>Its battery management system (BMS) switches off under load, and everything goes dark at once.</source>
        <translation>Ihr Batteriemanagement (BMS) schaltet unter Last ab, und alles ist auf einmal dunkel.</translation>
    </message>
    <message>
        <source>Use more or larger batteries, or a smaller inverter.</source>
        <translation>Mehr oder größere Batterien verwenden, oder einen kleineren Wechselrichter.</translation>
    </message>
    <message>
        <source>The fuse of {name} ({fuse}) is above the ampacity of its cable ({size}: {ampacity}).</source>
        <translation>Die Sicherung von {name} ({fuse}) liegt über der Belastbarkeit ihres Kabels ({size}: {ampacity}).</translation>
    </message>
    <message>
        <source>An overload could overheat the cable before the fuse opens.</source>
        <translation>Eine Überlast kann das Kabel überhitzen, bevor die Sicherung auslöst.</translation>
    </message>
    <message>
        <source>Fit {fuse}, or {size}.</source>
        <translation>{fuse} einsetzen, oder {size} verlegen.</translation>
    </message>
    <message>
        <source>Choose a fuse and a cable for the load of {load}.</source>
        <translation>Eine Sicherung und ein Kabel für den Strom von {load} wählen.</translation>
    </message>
    <message>
        <source>The fuse of {name} ({fuse}) is below 1.25 times its current ({load}, so {needed}).</source>
        <translation>Die Sicherung von {name} ({fuse}) liegt unter dem 1,25-Fachen des Stroms ({load}, also {needed}).</translation>
    </message>
    <message>
        <source>It will age and open under its normal load.</source>
        <translation>Sie altert und löst unter normaler Last aus.</translation>
    </message>
    <message>
        <source>Fit {fuse}.</source>
        <translation>{fuse} einsetzen.</translation>
    </message>
    <message>
        <source>{path}: {drop} are lost out and back ({fraction}); the limit is {limit}.</source>
        <translation>{path}: {drop} gehen hin und zurück verloren ({fraction}); der Grenzwert ist {limit}.</translation>
    </message>
    <message>
        <source>The device at the end gets too little voltage under full load, or a charger measures the wrong voltage.</source>
        <translation>Das Gerät am Ende bekommt unter voller Last zu wenig Spannung, oder ein Ladegerät misst die falsche Spannung.</translation>
    </message>
    <message>
        <source>Use a thicker cable where most is lost, or a shorter route.</source>
        <translation>Ein dickeres Kabel verwenden, wo am meisten verloren geht, oder einen kürzeren Weg.</translation>
    </message>
    <message>
        <source>A short circuit on {name} lets {through} through its cable, which withstands {bears}.</source>
        <translation>Ein Kurzschluss an {name} lässt {through} durch ihr Kabel, das {bears} aushält.</translation>
    </message>
    <message>
        <source>A short circuit at the far end of {name} gives only {fault}, at which its fuse does not have to open.</source>
        <translation>Ein Kurzschluss am fernen Ende von {name} gibt nur {fault}; dabei muss ihre Sicherung nicht auslösen.</translation>
    </message>
    <message>
        <source>The insulation is destroyed, and the cable can set fire to what is around it.</source>
        <translation>Die Isolierung wird zerstört, und das Kabel kann seine Umgebung in Brand setzen.</translation>
    </message>
    <message>
        <source>Use a thicker or shorter cable, or a smaller fuse.</source>
        <translation>Ein dickeres oder kürzeres Kabel oder eine kleinere Sicherung verwenden.</translation>
    </message>
    <message>
        <source>{name} ({size}) is too large for the terminal {terminal}, which takes up to {largest}.</source>
        <translation>{name} ({size}) ist zu groß für den Anschluss {terminal}, der bis zu {largest} aufnimmt.</translation>
    </message>
    <message>
        <source>Use a smaller cable if the voltage drop allows it, or end it on a stud and go on with a short thinner tail.</source>
        <translation>Ein kleineres Kabel verwenden, wenn der Spannungsfall es erlaubt, oder es an einem Bolzen enden lassen und mit einem kurzen, dünneren Stück weitergehen.</translation>
    </message>
    <message>
        <source>No lug for {size} with a hole for {stud} is commonly sold ({name} at {terminal}).</source>
        <translation>Kein Kabelschuh für {size} mit Loch für {stud} ist gängig ({name} an {terminal}).</translation>
    </message>
    <message>
        <source>Choose another size, or drill a lug whose flat is wide enough.</source>
        <translation>Einen anderen Querschnitt wählen, oder einen Kabelschuh mit genügend breiter Lasche aufbohren.</translation>
    </message>
    <message>
        <source>A cable that does not fit its terminal gets trimmed or squeezed in, and the joint overheats.</source>
        <translation>Ein Kabel, das nicht in seinen Anschluss passt, wird beschnitten oder hineingequetscht, und die Verbindung überhitzt.</translation>
    </message>
    <message>
        <source>{name} is {size}; {least} is the minimum outside a device.</source>
        <translation>{name} hat {size}; außerhalb eines Geräts ist {least} das Mindeste.</translation>
    </message>
    <message>
        <source>Thin conductors break from vibration.</source>
        <translation>Dünne Leiter brechen durch Vibration.</translation>
    </message>
    <message>
        <source>I_sun</source>
        <translation>I_Sonne</translation>
    </message>
    <message>
        <source>controller in full sun</source>
        <translation>Laderegler in voller Sonne</translation>
    </message>
    <message>
        <source>I_engine</source>
        <translation>I_Motor</translation>
    </message>
    <message>
        <source>DC-DC charger</source>
        <translation>Ladebooster</translation>
    </message>
    <message>
        <source>I_both</source>
        <translation>I_beide</translation>
    </message>
    <message>
        <source>charger for engine and sun</source>
        <translation>Ladegerät für Motor und Sonne</translation>
    </message>
    <message>
        <source>I_second</source>
        <translation>I_zweite</translation>
    </message>
    <message>
        <source>second alternator</source>
        <translation>zweite Lichtmaschine</translation>
    </message>
    <message>
        <source>I_shore</source>
        <translation>I_Land</translation>
    </message>
    <message>
        <source>charger on shore power</source>
        <translation>Landstrom-Ladegerät</translation>
    </message>
    <message>
        <source>inverter/charger on shore power</source>
        <translation>Wechselrichter/Ladegerät am Landstrom</translation>
    </message>
    <message>
        <source>the bank accepts</source>
        <translation>die Bank verträgt</translation>
    </message>
    <message>
        <source>Largest charging current of the bank</source>
        <translation>Größter Ladestrom der Bank</translation>
    </message>
    <message>
        <source>sum of all chargers</source>
        <translation>Summe aller Ladegeräte</translation>
    </message>
    <message>
        <source>Everything that charges the bank gives up to {current} together; the bank accepts {limit}.</source>
        <translation>Alles, was die Bank lädt, gibt zusammen bis zu {current}; die Bank verträgt {limit}.</translation>
    </message>
    <message>
        <source>Its BMS switches charging off, and the chargers lose their battery.</source>
        <translation>Ihr BMS schaltet das Laden ab, und die Ladegeräte verlieren ihre Batterie.</translation>
    </message>
    <message>
        <source>It gasses, heats up and ages early.</source>
        <translation>Sie gast, wird heiß und altert früh.</translation>
    </message>
    <message>
        <source>Limit the chargers in their settings, or use a larger bank.</source>
        <translation>Die Ladegeräte in ihren Einstellungen begrenzen, oder eine größere Bank verwenden.</translation>
    </message>
    <message>
        <source>A lead-acid battery that is seldom full sulphates and fails early.</source>
        <translation>Eine Bleibatterie, die selten voll ist, sulfatiert und fällt früh aus.</translation>
    </message>
    <message>
        <source>After a few dull days it takes more than one bright day to recover.</source>
        <translation>Nach einigen trüben Tagen braucht sie mehr als einen hellen Tag, um sich zu erholen.</translation>
    </message>
    <message>
        <source>Plan stronger charging, or a smaller bank.</source>
        <translation>Stärkeres Laden planen, oder eine kleinere Bank.</translation>
    </message>
    <message>
        <source>Charging lithium below freezing plates lithium metal in the cells: permanent damage, and a risk of an internal short circuit.</source>
        <translation>Laden unter dem Gefrierpunkt lagert in Lithiumzellen metallisches Lithium ab: bleibender Schaden und Gefahr eines inneren Kurzschlusses.</translation>
    </message>
    <message>
        <source>Use a heated battery, or keep the bank where it stays above freezing and make sure its BMS stops charging in the cold.</source>
        <translation>Eine beheizte Batterie verwenden, oder die Bank frostfrei unterbringen und sicherstellen, dass ihr BMS das Laden bei Kälte stoppt.</translation>
    </message>
    <message>
        <source>The coldest month of the trip averages {mean}, and no heater is planned.</source>
        <translation>Der kälteste Reisemonat hat im Mittel {mean}, und es ist keine Heizung geplant.</translation>
    </message>
    <message>
        <source>A heater&apos;s fan, pump and glow plug draw from the bank every night.</source>
        <translation>Gebläse, Pumpe und Glühkerze einer Heizung ziehen jede Nacht aus der Bank.</translation>
    </message>
    <message>
        <source>Add the heater in Needs, even if it burns gas or diesel.</source>
        <translation>Die Heizung unter Bedarf eintragen, auch wenn sie Gas oder Diesel verbrennt.</translation>
    </message>
    <message>
        <source>Hydrogen collects under the ceiling, and a spark ignites it.</source>
        <translation>Wasserstoff sammelt sich unter der Decke, und ein Funke entzündet ihn.</translation>
    </message>
    <message>
        <source>{model} gives off hydrogen while charging and is in the living space.</source>
        <translation>{model} gibt beim Laden Wasserstoff ab und steht im Wohnraum.</translation>
    </message>
    <message>
        <source>Put it outside, or in a box that is sealed from the living space and vented to the outside low and high with {opening} cm² each; or use a sealed battery.</source>
        <translation>Nach außen setzen, oder in einen zum Wohnraum dichten Kasten mit Öffnungen nach außen, unten und oben, von je {opening} cm²; oder eine verschlossene Batterie verwenden.</translation>
    </message>
    <message>
        <source>The size of the vents of {model}&apos;s box is not entered.</source>
        <translation>Die Größe der Öffnungen am Kasten ({model}) ist nicht eingetragen.</translation>
    </message>
    <message>
        <source>The vents of {model}&apos;s box have {have} cm² each; {needed} cm² are required.</source>
        <translation>Die Öffnungen am Kasten ({model}) haben je {have} cm²; nötig sind {needed} cm².</translation>
    </message>
    <message>
        <source>Make two openings to the outside, low and high, of {needed} cm² each, and enter them in Supply.</source>
        <translation>Zwei Öffnungen nach außen machen, unten und oben, von je {needed} cm², und sie unter Versorgung eintragen.</translation>
    </message>
    <message>
        <source>Free vent opening for the bank, two of them, in cm²</source>
        <translation>Freie Entlüftungsöffnung der Bank, zwei davon, in cm²</translation>
    </message>
    <message>
        <source>A = 28 · Q, Q = 0.05 · n · I_gas · C / 1000 m³/h</source>
        <translation>A = 28 · Q, Q = 0.05 · n · I_gas · C / 1000 m³/h</translation>
    </message>
    <message>
        <source>cells in series</source>
        <translation>Zellen in Reihe</translation>
    </message>
    <message>
        <source>I_gas</source>
        <translation>I_Gas</translation>
    </message>
    <message>
        <source>mA per Ah, vented lead, boost charge</source>
        <translation>mA je Ah, nasse Bleibatterie, Starkladung</translation>
    </message>
    <message>
        <source>IEC 62485-2</source>
        <translation>IEC 62485-2</translation>
    </message>
    <message>
        <source>C</source>
        <translation>C</translation>
    </message>
    <message>
        <source>capacity in Ah</source>
        <translation>Kapazität in Ah</translation>
    </message>
    <message>
        <source>Air flow: {flow} m³/h.</source>
        <translation>Luftstrom: {flow} m³/h.</translation>
    </message>
    <message>
        <source>The inverter&apos;s idle draw takes {share} of the day&apos;s energy ({energy}).</source>
        <translation>Der Leerlauf des Wechselrichters nimmt {share} der Tagesenergie ({energy}).</translation>
    </message>
    <message>
        <source>An inverter that is left on draws from the bank day and night, also in storage.</source>
        <translation>Ein eingeschalteter Wechselrichter zieht Tag und Nacht aus der Bank, auch im Winterlager.</translation>
    </message>
    <message>
        <source>Switch it off when it is not needed, with a remote switch near the bed, or use a smaller inverter.</source>
        <translation>Bei Nichtgebrauch ausschalten, mit einer Fernbedienung beim Bett, oder einen kleineren Wechselrichter verwenden.</translation>
    </message>
    <message>
        <source>Up to {current} flow through {device}; it is rated {rating}.</source>
        <translation>Durch {device} fließen bis zu {current}; der Nennstrom ist {rating}.</translation>
    </message>
    <message>
        <source>Above its rating a shunt reads wrong and gets hot.</source>
        <translation>Über seinem Nennstrom misst ein Shunt falsch und wird heiß.</translation>
    </message>
    <message>
        <source>It limits its output or switches off, and everything behind it with it.</source>
        <translation>Es begrenzt seinen Ausgang oder schaltet ab, und alles dahinter mit.</translation>
    </message>
    <message>
        <source>Its contacts overheat, oxidise and get hotter still.</source>
        <translation>Seine Kontakte überhitzen, oxidieren und werden noch heißer.</translation>
    </message>
    <message>
        <source>Use one with a higher rating, or split the load behind it.</source>
        <translation>Eines mit höherem Nennstrom verwenden, oder die Last dahinter aufteilen.</translation>
    </message>
    <message>
        <source>{used} conductors end at {device}, which has {ways} terminals.</source>
        <translation>{used} Leitungen enden an {device}, vorhanden sind {ways} Anschlüsse.</translation>
    </message>
    <message>
        <source>Without a terminal of its own a lug is stacked on another, and works loose.</source>
        <translation>Ohne eigenen Anschluss wird ein Kabelschuh auf einen anderen gestapelt und lockert sich.</translation>
    </message>
    <message>
        <source>Use a larger one, or move some of them to a second one.</source>
        <translation>Ein größeres verwenden, oder einige davon an ein zweites legen.</translation>
    </message>
    <message>
        <source>{number} lugs are on one stud of {device} ({terminal}); the limit is {most}.</source>
        <translation>{number} Kabelschuhe sind auf einem Bolzen von {device} ({terminal}); die Grenze ist {most}.</translation>
    </message>
    <message>
        <source>A tall stack works loose, and the upper lugs carry their current through the lower ones.</source>
        <translation>Ein hoher Stapel lockert sich, und die oberen Kabelschuhe leiten ihren Strom durch die unteren.</translation>
    </message>
    <message>
        <source>Move some of them to a bus bar.</source>
        <translation>Einige davon an eine Sammelschiene legen.</translation>
    </message>
    <message>
        <source>All {ways} ways of {device} are taken.</source>
        <translation>Alle {ways} Abgänge von {device} sind belegt.</translation>
    </message>
    <message>
        <source>The next appliance will end up tapped into another circuit.</source>
        <translation>Der nächste Verbraucher wird in einem anderen Stromkreis angezapft.</translation>
    </message>
    <message>
        <source>Plan a second block, or combine two small circuits.</source>
        <translation>Einen zweiten Block planen, oder zwei kleine Stromkreise zusammenlegen.</translation>
    </message>
    <message>
        <source>{name} is made for {made}; the bank is {bank}.</source>
        <translation>{name} ist für {made} gebaut; die Bank hat {bank}.</translation>
    </message>
    <message>
        <source>Too high a voltage destroys it at once; with too low a voltage it does not start.</source>
        <translation>Eine zu hohe Spannung zerstört es sofort; mit einer zu niedrigen startet es nicht.</translation>
    </message>
    <message>
        <source>Choose one for the bank&apos;s voltage, or another bank.</source>
        <translation>Eines für die Spannung der Bank wählen, oder eine andere Bank.</translation>
    </message>
    <message>
        <source>A 12 V bank feeds its loads without a converter.</source>
        <translation>Eine 12-V-Bank speist ihre Verbraucher ohne Spannungswandler.</translation>
    </message>
    <message>
        <source>Remove the converter in Supply.</source>
        <translation>Den Spannungswandler unter Versorgung entfernen.</translation>
    </message>
    <message>
        <source>{name} is made for {made} and is connected to {bank}.</source>
        <translation>{name} ist für {made} gebaut und an {bank} angeschlossen.</translation>
    </message>
    <message>
        <source>Twice its voltage destroys it.</source>
        <translation>Die doppelte Spannung zerstört es.</translation>
    </message>
    <message>
        <source>It does not start on half its voltage.</source>
        <translation>Mit halber Spannung startet es nicht.</translation>
    </message>
    <message>
        <source>Plan a converter for 12 V loads in Supply, or buy the 24 V kind.</source>
        <translation>Unter Versorgung einen Spannungswandler für 12-V-Verbraucher planen, oder die 24-V-Ausführung kaufen.</translation>
    </message>
    <message>
        <source>Buy the 12 V kind.</source>
        <translation>Die 12-V-Ausführung kaufen.</translation>
    </message>
    <message>
        <source>V_out</source>
        <translation>V_out</translation>
    </message>
    <message>
        <source>absorption voltage</source>
        <translation>Absorptionsspannung</translation>
    </message>
    <message>
        <source>I_out</source>
        <translation>I_out</translation>
    </message>
    <message>
        <source>η</source>
        <translation>η</translation>
    </message>
    <message>
        <source>efficiency</source>
        <translation>Wirkungsgrad</translation>
    </message>
    <message>
        <source>V_in</source>
        <translation>V_in</translation>
    </message>
    <message>
        <source>start voltage at its input</source>
        <translation>Startspannung am Eingang</translation>
    </message>
    <message>
        <source>Largest current the DC-DC charger draws from the vehicle</source>
        <translation>Größter Strom des Ladeboosters aus dem Fahrzeug</translation>
    </message>
    <message>
        <source>Largest current all chargers together draw from the vehicle</source>
        <translation>Größter Strom aller Ladegeräte zusammen aus dem Fahrzeug</translation>
    </message>
    <message>
        <source>I_in = V_out · I_out / (η · V_in)</source>
        <translation>I_in = V_out · I_out / (η · V_in)</translation>
    </message>
    <message>
        <source>sum of the chargers, each: I_in = V_out · I_out / (η · V_in)</source>
        <translation>Summe der Ladegeräte, je: I_in = V_out · I_out / (η · V_in)</translation>
    </message>
    <message>
        <source>energy balance of the charger</source>
        <translation>Energiebilanz des Ladegeräts</translation>
    </message>
    <message>
        <source>road</source>
        <translation>Fahrt</translation>
    </message>
    <message>
        <source>half of the alternator&apos;s rating</source>
        <translation>Hälfte des Nennstroms der Lichtmaschine</translation>
    </message>
    <message>
        <source>idle</source>
        <translation>Leerlauf</translation>
    </message>
    <message>
        <source>left at idle, hot, after the vehicle&apos;s own loads</source>
        <translation>bleibt im Leerlauf übrig, heiß, nach den Verbrauchern des Fahrzeugs</translation>
    </message>
    <message>
        <source>idle speed and heat derating</source>
        <translation>Leerlaufdrehzahl und Minderung durch Hitze</translation>
    </message>
    <message>
        <source>The DC-DC charger draws</source>
        <translation>Der Ladebooster zieht</translation>
    </message>
    <message>
        <source>The chargers draw</source>
        <translation>Die Ladegeräte ziehen</translation>
    </message>
    <message>
        <source>{chargers} up to {input}; half of the alternator&apos;s rating is {limit}.</source>
        <translation>{chargers} bis {input}; die Hälfte des Nennstroms der Lichtmaschine ist {limit}.</translation>
    </message>
    <message>
        <source>An alternator at its limit for hours overheats and wears out.</source>
        <translation>Eine Lichtmaschine, die stundenlang am Limit läuft, überhitzt und verschleißt.</translation>
    </message>
    <message>
        <source>Use a smaller charger, or limit its current.</source>
        <translation>Ein kleineres Ladegerät verwenden, oder seinen Strom begrenzen.</translation>
    </message>
    <message>
        <source>{chargers} up to {input}; with the engine idling the alternator has {limit} left.</source>
        <translation>{chargers} bis {input}; im Leerlauf des Motors hat die Lichtmaschine noch {limit} übrig.</translation>
    </message>
    <message>
        <source>The starter battery supplies the rest; the charger cuts out and comes back.</source>
        <translation>Die Starterbatterie liefert den Rest; der Ladebooster schaltet ab und wieder ein.</translation>
    </message>
    <message>
        <source>Do not charge at idle for long, or use a smaller charger.</source>
        <translation>Nicht lange im Leerlauf laden, oder ein kleineres Ladegerät verwenden.</translation>
    </message>
    <message>
        <source>The relay connects the bank to a variable-voltage (smart) alternator.</source>
        <translation>Das Relais verbindet die Bank mit einer Lichtmaschine veränderlicher Spannung.</translation>
    </message>
    <message>
        <source>While the alternator&apos;s voltage is low, nothing charges; under braking it is higher than a bank should get.</source>
        <translation>Solange die Spannung der Lichtmaschine niedrig ist, lädt nichts; beim Bremsen ist sie höher, als eine Bank bekommen soll.</translation>
    </message>
    <message>
        <source>Use a DC-DC charger: it makes the bank&apos;s charging voltage from whatever the alternator gives.</source>
        <translation>Einen Ladebooster verwenden: Er macht aus jeder Spannung der Lichtmaschine die Ladespannung der Bank.</translation>
    </message>
    <message>
        <source>The relay connects a lithium bank to the alternator.</source>
        <translation>Das Relais verbindet eine Lithiumbank mit der Lichtmaschine.</translation>
    </message>
    <message>
        <source>Lithium takes all the current it is given: the alternator runs at its limit for hours, overheats and burns out, and the starter battery is held at the bank&apos;s voltage.</source>
        <translation>Lithium nimmt allen Strom, den es bekommt: Die Lichtmaschine läuft stundenlang am Limit, überhitzt und brennt durch, und die Starterbatterie liegt auf der Spannung der Bank.</translation>
    </message>
    <message>
        <source>Use a DC-DC charger: it takes no more than its rating.</source>
        <translation>Einen Ladebooster verwenden: Er nimmt nie mehr als seinen Nennstrom.</translation>
    </message>
    <message>
        <source>Move it back</source>
        <translation>Zurückverlegen</translation>
    </message>
    <message>
        <source>Only a switch at the driver&apos;s seat tells the DC-DC charger when to run.</source>
        <translation>Nur ein Schalter am Fahrersitz sagt dem Ladebooster, wann er laufen soll.</translation>
    </message>
    <message>
        <source>Left on, it charges with the engine stopped, down to the charger&apos;s stop voltage. In its favour: the driver can spare the alternator.</source>
        <translation>Bleibt er an, lädt er bei stehendem Motor, bis zu seiner Abschaltspannung. Dafür spricht: Der Fahrer kann die Lichtmaschine schonen.</translation>
    </message>
    <message>
        <source>Use a switch with a lamp, and check it when you park; or take the signal from a circuit that is live only while the engine runs.</source>
        <translation>Einen Schalter mit Lampe verwenden und ihn beim Parken prüfen; oder das Signal von einem Stromkreis nehmen, der nur bei laufendem Motor unter Spannung steht.</translation>
    </message>
    <message>
        <source>It charges with the engine stopped, until the vehicle no longer starts.</source>
        <translation>Er lädt bei stehendem Motor, bis das Fahrzeug nicht mehr anspringt.</translation>
    </message>
    <message>
        <source>The charger never starts.</source>
        <translation>Der Ladebooster startet nie.</translation>
    </message>
    <message>
        <source>Take it from a circuit that is live only while the engine runs.</source>
        <translation>Von einem Stromkreis nehmen, der nur bei laufendem Motor unter Spannung steht.</translation>
    </message>
    <message>
        <source>The DC-DC charger starts by the starter battery&apos;s voltage alone, which a relay or a trickle charger raises from the bank.</source>
        <translation>Der Ladebooster startet allein nach der Spannung der Starterbatterie, die ein Relais oder ein Erhaltungslader aus der Bank anhebt.</translation>
    </message>
    <message>
        <source>The DC-DC charger starts by the starter battery&apos;s voltage alone.</source>
        <translation>Der Ladebooster startet allein nach der Spannung der Starterbatterie.</translation>
    </message>
    <message>
        <source>Anything else that charges the starter battery, such as a trickle charger on sun or shore power, looks like a running engine: the charger then drains it into the bank.</source>
        <translation>Alles andere, was die Starterbatterie lädt, etwa ein Erhaltungslader an Sonne oder Landstrom, sieht aus wie ein laufender Motor: Der Ladebooster entleert sie dann in die Bank.</translation>
    </message>
    <message>
        <source>Run an enable lead from a circuit that is live only while the engine runs, or make sure nothing else charges the starter battery.</source>
        <translation>Eine Signalleitung von einem Stromkreis verlegen, der nur bei laufendem Motor unter Spannung steht, oder sicherstellen, dass sonst nichts die Starterbatterie lädt.</translation>
    </message>
    <message>
        <source>Run an enable lead</source>
        <translation>Eine Signalleitung verlegen</translation>
    </message>
    <message>
        <source>A charger from the engine is planned, but no driving.</source>
        <translation>Laden vom Motor ist geplant, aber keine Fahrt.</translation>
    </message>
    <message>
        <source>Use a stronger charger if the alternator allows it, drive longer, or plan shore power for dull weeks.</source>
        <translation>Ein stärkeres Ladegerät verwenden, wenn die Lichtmaschine es erlaubt, länger fahren, oder für trübe Wochen Landstrom planen.</translation>
    </message>
    <message>
        <source>{load} flow through {point}, whose {fuse} fuse carries {bears} continuously.</source>
        <translation>{load} fließen durch {point}, dessen Sicherung ({fuse}) {bears} dauernd trägt.</translation>
    </message>
    <message>
        <source>The vehicle&apos;s fuse opens on a long drive, and everything else on it stops too.</source>
        <translation>Die Sicherung des Fahrzeugs löst auf einer langen Fahrt aus, und alles andere daran fällt mit aus.</translation>
    </message>
    <message>
        <source>Use a smaller charger, or feed it from the starter battery itself. Never fit a larger fuse: nobody knows whether the maker&apos;s cable behind it can carry more.</source>
        <translation>Ein kleineres Ladegerät verwenden, oder es direkt von der Starterbatterie speisen. Nie eine größere Sicherung einsetzen: Niemand weiß, ob das Kabel des Herstellers dahinter mehr trägt.</translation>
    </message>
    <message>
        <source>Not known of {point}: {what}. It is judged as {size} behind {fuse}.</source>
        <translation>Nicht bekannt an {point}: {what}. Beurteilt als {size} hinter {fuse}.</translation>
    </message>
    <message>
        <source>the fuse</source>
        <translation>die Sicherung</translation>
    </message>
    <message>
        <source>the cable</source>
        <translation>das Kabel</translation>
    </message>
    <message>
        <source>cable and fuse</source>
        <translation>Kabel und Sicherung</translation>
    </message>
    <message>
        <source>It may carry more, or less.</source>
        <translation>Es trägt vielleicht mehr, oder weniger.</translation>
    </message>
    <message>
        <source>Read the fuse&apos;s rating in the vehicle&apos;s fuse box or its body builder&apos;s guide; measure the diameter of the bare copper, all strands together.</source>
        <translation>Den Nennstrom im Sicherungskasten des Fahrzeugs oder in der Aufbaurichtlinie ablesen; den Durchmesser des blanken Kupfers messen, alle Litzen zusammen.</translation>
    </message>
    <message>
        <source>{name} is supplied by the starter battery.</source>
        <translation>{name} wird von der Starterbatterie versorgt.</translation>
    </message>
    <message>
        <source>After a few days the engine does not start.</source>
        <translation>Nach wenigen Tagen springt der Motor nicht an.</translation>
    </message>
    <message>
        <source>Move it to the bank&apos;s side.</source>
        <translation>Auf die Seite der Bank verlegen.</translation>
    </message>
    <message>
        <source>{name} ends at {terminal}, on the battery side of the shunt.</source>
        <translation>{name} endet an {terminal}, auf der Batterieseite des Shunts.</translation>
    </message>
    <message>
        <source>Its current is not counted: the monitor&apos;s state of charge drifts day by day.</source>
        <translation>Ihr Strom wird nicht gezählt: Der Ladezustand des Monitors weicht von Tag zu Tag mehr ab.</translation>
    </message>
    <message>
        <source>Move it to the negative bar, on the load side of the shunt.</source>
        <translation>An die Minusschiene verlegen, auf die Lastseite des Shunts.</translation>
    </message>
    <message>
        <source>The bond runs from {from} to {to}, not from the negative bar to the chassis.</source>
        <translation>Die Masseverbindung führt von {from} nach {to}, nicht von der Minusschiene zur Karosserie.</translation>
    </message>
    <message>
        <source>A fault to the chassis has no return path, or bypasses the shunt.</source>
        <translation>Ein Fehler zur Karosserie hat keinen Rückweg, oder umgeht den Shunt.</translation>
    </message>
    <message>
        <source>Bond the negative bar to the chassis once, with bare metal and a short cable.</source>
        <translation>Die Minusschiene einmal mit der Karosserie verbinden, auf blankem Metall und mit kurzem Kabel.</translation>
    </message>
    <message>
        <source>The bond to the chassis is {size}; {needed} is needed.</source>
        <translation>Die Masseverbindung hat {size}; {needed} ist nötig.</translation>
    </message>
    <message>
        <source>Use: {model}</source>
        <translation>Verwenden: {model}</translation>
    </message>
    <message>
        <source>Fit {fuse}</source>
        <translation>{fuse} einsetzen</translation>
    </message>
    <message>
        <source>Fit the computed fuse</source>
        <translation>Die berechnete Sicherung einsetzen</translation>
    </message>
    <message>
        <source>It softens and can short-circuit even without any current.</source>
        <translation>Sie wird weich und kann auch ohne Strom einen Kurzschluss machen.</translation>
    </message>
    <message>
        <source>{n} conductor is sized for the usual ambient temperature of: {places}.</source>
        <translation>{n} Leitung ist für die übliche Umgebungstemperatur bemessen an: {places}.</translation>
    </message>
    <message>
        <source>{n} conductors are sized for the usual ambient temperature of: {places}.</source>
        <translation>{n} Leitungen sind für die übliche Umgebungstemperatur bemessen an: {places}.</translation>
    </message>
    <message>
        <source>If it were {hotter} K hotter there, the cable would be too thin for its fuse.</source>
        <translation>Wäre es dort {hotter} K heißer, wäre das Kabel zu dünn für seine Sicherung.</translation>
    </message>
    <message>
        <source>Measure on a hot day and set the temperature in Cables, Places and routes.</source>
        <translation>An einem heißen Tag messen und die Temperatur unter Kabel, Orte und Wege eintragen.</translation>
    </message>
    <message>
        <source>Put the fuse back</source>
        <translation>Die Sicherung wieder einsetzen</translation>
    </message>
    <message>
        <source>Fit a fuse at each end of the links</source>
        <translation>An jedem Ende der Verbinder eine Sicherung einsetzen</translation>
    </message>
    <message>
        <source>Fit a fuse at each battery</source>
        <translation>An jeder Batterie eine Sicherung einsetzen</translation>
    </message>
    <message>
        <source>{name} has no fuse at {terminal}, from where a fault can be fed.</source>
        <translation>{name} hat keine Sicherung an {terminal}, von wo ein Fehler gespeist werden kann.</translation>
    </message>
    <message>
        <source>The other batteries feed a fault in this one or its lead, and nothing stops the current.</source>
        <translation>Die anderen Batterien speisen einen Fehler in dieser oder ihrer Leitung, und nichts hält den Strom auf.</translation>
    </message>
    <message>
        <source>Nothing stops a short circuit on this cable: it burns.</source>
        <translation>Nichts hält einen Kurzschluss an diesem Kabel auf: Es brennt.</translation>
    </message>
    <message>
        <source>Fit a fuse within {distance} of that end.</source>
        <translation>Eine Sicherung höchstens {distance} von diesem Ende einsetzen.</translation>
    </message>
    <message>
        <source>{name} was moved to {terminal} and has no fuse there.</source>
        <translation>{name} wurde an {terminal} verlegt und hat dort keine Sicherung.</translation>
    </message>
    <message>
        <source>The battery feeds a short circuit on this cable, and nothing stops it.</source>
        <translation>Die Batterie speist einen Kurzschluss an diesem Kabel, und nichts hält ihn auf.</translation>
    </message>
    <message>
        <source>Move it back to where there is a fuse.</source>
        <translation>Dorthin zurückverlegen, wo eine Sicherung ist.</translation>
    </message>
    <message>
        <source>The {family} of {name} can interrupt {capacity}; a short circuit there gives {fault}.</source>
        <translation>Die Sicherung ({family}) von {name} kann {capacity} unterbrechen; ein Kurzschluss dort gibt {fault}.</translation>
    </message>
    <message>
        <source>It can burst, and the arc goes on burning.</source>
        <translation>Sie kann platzen, und der Lichtbogen brennt weiter.</translation>
    </message>
    <message>
        <source>Feed the block by a longer or thinner cable, so that less current flows, or behind a fuse small enough for this circuit&apos;s cable to withstand what it lets through.</source>
        <translation>Den Block mit einem längeren oder dünneren Kabel speisen, damit weniger Strom fließt, oder hinter einer Sicherung, die so klein ist, dass das Kabel dieses Stromkreises ihren Durchlass aushält.</translation>
    </message>
    <message>
        <source>Fit a fuse with enough interrupting capacity upstream, near the bank, or fuses that can interrupt more.</source>
        <translation>Davor, nahe der Bank, eine Sicherung mit genügend Ausschaltvermögen einsetzen, oder Sicherungen, die mehr unterbrechen können.</translation>
    </message>
    <message>
        <source>{family}; {rule}</source>
        <translation>{family}; {rule}</translation>
    </message>
    <message>
        <source>Fit the computed fuse: {family}, {rating}</source>
        <translation>Die berechnete Sicherung einsetzen: {family}, {rating}</translation>
    </message>
    <message>
        <source>The fuse of {name} is {distance} from {terminal}; {allowed} are allowed.</source>
        <translation>Die Sicherung von {name} ist {distance} von {terminal} entfernt; erlaubt sind {allowed}.</translation>
    </message>
    <message>
        <source>The cable up to the fuse is not protected.</source>
        <translation>Das Kabel bis zur Sicherung ist nicht geschützt.</translation>
    </message>
    <message>
        <source>Put it back near its source</source>
        <translation>Wieder nahe an die Quelle setzen</translation>
    </message>
    <message>
        <source>The {family} of {name} is rated {rated}; the circuit has up to {highest}.</source>
        <translation>Die Sicherung ({family}) von {name} ist für {rated} gebaut; der Stromkreis hat bis zu {highest}.</translation>
    </message>
    <message>
        <source>It opens, but the arc inside it may not go out.</source>
        <translation>Sie öffnet, aber der Lichtbogen in ihr erlischt vielleicht nicht.</translation>
    </message>
    <message>
        <source>Fit a fuse for a higher voltage.</source>
        <translation>Eine Sicherung für eine höhere Spannung einsetzen.</translation>
    </message>
    <message>
        <source>The fuse of {name} is {fuse}; a way of its block is limited to {limit}.</source>
        <translation>Die Sicherung von {name} ist {fuse}; ein Abgang ihres Blocks ist auf {limit} begrenzt.</translation>
    </message>
    <message>
        <source>The block&apos;s contacts overheat and lose their spring.</source>
        <translation>Die Kontakte des Blocks überhitzen und verlieren ihre Federkraft.</translation>
    </message>
    <message>
        <source>Fit a smaller fuse, or give this load its own fuse at the bus bars.</source>
        <translation>Eine kleinere Sicherung einsetzen, oder diesem Verbraucher eine eigene Sicherung an den Sammelschienen geben.</translation>
    </message>
    <message>
        <source>The main fuse ({fuse}) is below what the inverter draws at low voltage ({drawn}).</source>
        <translation>Die Hauptsicherung ({fuse}) liegt unter dem Strom des Wechselrichters bei niedriger Spannung ({drawn}).</translation>
    </message>
    <message>
        <source>It opens under full load on a low battery, and everything goes dark.</source>
        <translation>Sie löst bei voller Last und schwacher Batterie aus, und alles ist dunkel.</translation>
    </message>
    <message>
        <source>Fit the computed fuse and the cable that goes with it.</source>
        <translation>Die berechnete Sicherung und das dazu passende Kabel einsetzen.</translation>
    </message>
    <message>
        <source>The battery leads differ: {least} and {most} out and back.</source>
        <translation>Die Leitungen der Batterien unterscheiden sich: {least} und {most} hin und zurück.</translation>
    </message>
    <message>
        <source>The battery with the shortest lead works hardest.</source>
        <translation>Die Batterie mit der kürzesten Leitung arbeitet am härtesten.</translation>
    </message>
    <message>
        <source>Make all leads of the same cable and length; a loop of spare cable does no harm.</source>
        <translation>Alle Leitungen aus gleichem Kabel und gleich lang machen; eine Schlaufe Reservekabel schadet nicht.</translation>
    </message>
    <message>
        <source>Largest share of a battery, above its fair share</source>
        <translation>Größter Anteil einer Batterie, über dem gerechten Anteil</translation>
    </message>
    <message>
        <source>I_most / (Σ I · f) − 1</source>
        <translation>I_most / (Σ I · f) − 1</translation>
    </message>
    <message>
        <source>I_most</source>
        <translation>I_höchst</translation>
    </message>
    <message>
        <source>Σ I</source>
        <translation>Σ I</translation>
    </message>
    <message>
        <source>of all strings</source>
        <translation>aller Stränge</translation>
    </message>
    <message>
        <source>its share of the bank&apos;s capacity</source>
        <translation>ihr Anteil an der Kapazität der Bank</translation>
    </message>
    <message>
        <source>the network solved with every lead&apos;s own resistance</source>
        <translation>Netz gelöst mit dem Widerstand jeder Leitung</translation>
    </message>
    <message>
        <source>One battery carries {share} more than its fair share; up to {limit} is usual.</source>
        <translation>Eine Batterie trägt {share} mehr als ihren gerechten Anteil; bis {limit} ist üblich.</translation>
    </message>
    <message>
        <source>It ages first, and its BMS may switch off while the others could still deliver.</source>
        <translation>Sie altert zuerst, und ihr BMS schaltet vielleicht ab, während die anderen noch liefern könnten.</translation>
    </message>
    <message>
        <source>Equal leads to collecting bars: the same cable and length for each battery.</source>
        <translation>Gleiche Leitungen zu Sammelschienen: gleiches Kabel und gleiche Länge für jede Batterie.</translation>
    </message>
    <message>
        <source>Use equal leads to collecting bars</source>
        <translation>Gleiche Leitungen zu Sammelschienen verwenden</translation>
    </message>
    <message>
        <source>{n} batteries are in series without a balancer.</source>
        <translation>{n} Batterien sind ohne Ausgleich (Balancer) in Reihe.</translation>
    </message>
    <message>
        <source>One drifts away from the others and is overcharged while they are not yet full.</source>
        <translation>Eine driftet von den anderen ab und wird überladen, während sie noch nicht voll sind.</translation>
    </message>
    <message>
        <source>Use batteries of one age and batch, a balancer, or a single battery of the full voltage; compare their voltages now and then.</source>
        <translation>Batterien gleichen Alters und gleicher Charge verwenden, einen Balancer, oder eine Batterie mit der vollen Spannung; ab und zu ihre Spannungen vergleichen.</translation>
    </message>
    <message>
        <source>Batteries of different chemistries are in parallel.</source>
        <translation>Batterien verschiedener Zellchemie sind parallel geschaltet.</translation>
    </message>
    <message>
        <source>No charger suits both: one is overcharged or the other never full, and at rest one drives current into the other.</source>
        <translation>Kein Ladegerät passt für beide: Die eine wird überladen oder die andere nie voll, und in Ruhe treibt eine Strom in die andere.</translation>
    </message>
    <message>
        <source>Batteries of different voltages are in parallel.</source>
        <translation>Batterien verschiedener Spannung sind parallel geschaltet.</translation>
    </message>
    <message>
        <source>The higher one drives all the current it can into the lower one.</source>
        <translation>Die höhere treibt allen Strom, den sie kann, in die niedrigere.</translation>
    </message>
    <message>
        <source>Batteries in parallel differ in capacity, by size or by age.</source>
        <translation>Parallele Batterien unterscheiden sich in der Kapazität, durch Größe oder Alter.</translation>
    </message>
    <message>
        <source>The weaker one is full and empty first, carries more than its share at either end, and ages even faster.</source>
        <translation>Die schwächere ist zuerst voll und leer, trägt an beiden Enden mehr als ihren Anteil und altert noch schneller.</translation>
    </message>
    <message>
        <source>Use batteries of one model and batch; or a fuse for each, and check each one&apos;s voltage and current now and then.</source>
        <translation>Batterien eines Modells und einer Charge verwenden; oder eine Sicherung für jede, und ab und zu Spannung und Strom jeder einzelnen prüfen.</translation>
    </message>
    <message>
        <source>Give each kind a bank of its own, and let one charge the other through a charger.</source>
        <translation>Jeder Art eine eigene Bank geben, und eine die andere über ein Ladegerät laden lassen.</translation>
    </message>
    <message>
        <source>On a morning at {cold} a string of {n} has {voc} open-circuit; the controller takes {limit}.</source>
        <translation>An einem Morgen mit {cold} hat ein Strang von {n} {voc} im Leerlauf; der Regler verträgt {limit}.</translation>
    </message>
    <message>
        <source>Above its limit the controller is destroyed, and can short the array into the bank.</source>
        <translation>Über seinem Grenzwert wird der Regler zerstört und kann die Module auf die Bank kurzschließen.</translation>
    </message>
    <message>
        <source>Put fewer panels in series, or use a controller for a higher voltage.</source>
        <translation>Weniger Module in Reihe schalten, oder einen Regler für höhere Spannung verwenden.</translation>
    </message>
    <message>
        <source>The controller ({limit}) cannot use {cut} of the best month&apos;s yield from {array} of panels.</source>
        <translation>Der Regler ({limit}) kann {cut} des Ertrags im besten Monat aus {array} Modulen nicht nutzen.</translation>
    </message>
    <message>
        <source>The surplus is lost in the bright hours.</source>
        <translation>Der Überschuss geht in den hellen Stunden verloren.</translation>
    </message>
    <message>
        <source>Use a larger controller, or accept it: panels help more on dull days.</source>
        <translation>Einen größeren Regler verwenden, oder es hinnehmen: Module helfen an trüben Tagen mehr.</translation>
    </message>
    <message>
        <source>The solar controller is connected behind the main switch.</source>
        <translation>Der Laderegler ist hinter dem Hauptschalter angeschlossen.</translation>
    </message>
    <message>
        <source>Opening the switch in daylight takes the battery away from a working controller: its output voltage can rise and damage what is still connected. In its favour: one switch makes everything dead.</source>
        <translation>Das Öffnen des Schalters bei Tageslicht nimmt einem arbeitenden Regler die Batterie: Seine Ausgangsspannung kann steigen und beschädigen, was noch angeschlossen ist. Dafür spricht: Ein Schalter macht alles spannungsfrei.</translation>
    </message>
    <message>
        <source>Open the panels&apos; isolator before the main switch, and put a label there; or connect the controller before the switch: it then also charges while the van is switched off.</source>
        <translation>Den Trennschalter der Module vor dem Hauptschalter öffnen, und dort ein Schild anbringen; oder den Regler vor dem Schalter anschließen: Er lädt dann auch bei ausgeschaltetem Fahrzeug.</translation>
    </message>
    <message>
        <source>Connect the controller before the main switch</source>
        <translation>Den Laderegler vor dem Hauptschalter anschließen</translation>
    </message>
    <message>
        <source>Open-circuit voltage of a string on the coldest morning</source>
        <translation>Leerlaufspannung eines Strangs am kältesten Morgen</translation>
    </message>
    <message>
        <source>T_min</source>
        <translation>T_min</translation>
    </message>
    <message>
        <source>coldest to plan for</source>
        <translation>kälteste anzunehmende Temperatur</translation>
    </message>
    <message>
        <source>Nominal voltage does not count here; frost does.</source>
        <translation>Die Nennspannung zählt hier nicht, der Frost schon.</translation>
    </message>
    <message>
        <source>{size}, as set for {conductor}, is not sold in {region}: treated as {used}.</source>
        <translation>{size}, gesetzt für {conductor}, gibt es in {region} nicht: behandelt als {used}.</translation>
    </message>
    <message>
        <source>Sizes in AWG and in mm² are different cables with ratings of their own. A size that is not sold is treated as the next smaller one, never as a larger one.</source>
        <translation>Größen in AWG und in mm² sind verschiedene Kabel mit eigenen Werten. Eine Größe, die es nicht gibt, wird als die nächstkleinere behandelt, nie als eine größere.</translation>
    </message>
    <message>
        <source>Set a size that is sold there, or leave it to the computation.</source>
        <translation>Einen dort erhältlichen Querschnitt setzen, oder ihn berechnen lassen.</translation>
    </message>
    <message>
        <source>{rating}, as set for {conductor}, is not made as {family}.</source>
        <translation>{rating}, gesetzt für {conductor}, gibt es nicht als {family}.</translation>
    </message>
    <message>
        <source>It cannot be bought: what is fitted instead is not the fuse that was checked.</source>
        <translation>Sie ist nicht zu kaufen: Eingesetzt wird dann nicht die Sicherung, die geprüft wurde.</translation>
    </message>
    <message>
        <source>Set a rating that exists, or leave it to the computation.</source>
        <translation>Einen vorhandenen Nennstrom setzen, oder ihn berechnen lassen.</translation>
    </message>
    <message>
        <source>The inverter&apos;s mains side is not planned here: RCD, breaker, sockets and neutral-earth bond are missing.</source>
        <translation>Die Netzseite des Wechselrichters ist hier nicht geplant: FI-Schutzschalter, Leitungsschutzschalter, Steckdosen und die Verbindung von Neutralleiter und Erde fehlen.</translation>
    </message>
    <message>
        <source>An inverter&apos;s output is mains and can kill, also without shore power.</source>
        <translation>Der Ausgang eines Wechselrichters führt Netzspannung und kann töten, auch ohne Landstrom.</translation>
    </message>
    <message>
        <source>Leave its output unplugged. Have the mains side planned, inspected and tested by a licensed electrician before first use.</source>
        <translation>Seinen Ausgang nicht einstecken. Die Netzseite vor der ersten Nutzung von einer Elektrofachkraft planen, prüfen und messen lassen.</translation>
    </message>
    <message>
        <source>The {charger}&apos;s shore side is not planned here: inlet, RCD, breaker and earth are missing.</source>
        <translation>Die Landstromseite ({charger}) ist hier nicht geplant: Einspeisung, FI-Schutzschalter, Leitungsschutzschalter und Erde fehlen.</translation>
    </message>
    <message>
        <source>Shore power is mains and can kill.</source>
        <translation>Landstrom ist Netzspannung und kann töten.</translation>
    </message>
    <message>
        <source>Do not plug it in. Have the mains side planned, inspected and tested by a licensed electrician before first use; never feed the charger from the inverter.</source>
        <translation>Nicht einstecken. Die Netzseite vor der ersten Nutzung von einer Elektrofachkraft planen, prüfen und messen lassen; das Ladegerät nie aus dem Wechselrichter speisen.</translation>
    </message>
    <message>
        <source>The plan has mains appliances ({energy} per day) and no inverter.</source>
        <translation>Der Plan hat Netzverbraucher ({energy} pro Tag) und keinen Wechselrichter.</translation>
    </message>
    <message>
        <source>Nothing supplies them, and their energy is not counted.</source>
        <translation>Nichts versorgt sie, und ihre Energie ist nicht gezählt.</translation>
    </message>
    <message>
        <source>Choose an inverter in Supply, or remove the mains appliances.</source>
        <translation>Unter Versorgung einen Wechselrichter wählen, oder die Netzverbraucher entfernen.</translation>
    </message>
    <message>
        <source>At worst {worst} run at once on an inverter rated {rated}.</source>
        <translation>Im ungünstigsten Fall laufen {worst} gleichzeitig an einem Wechselrichter mit {rated}.</translation>
    </message>
    <message>
        <source>It switches off on overload.</source>
        <translation>Er schaltet bei Überlast ab.</translation>
    </message>
    <message>
        <source>Use a larger inverter, or mark loads that never run together as such in Needs.</source>
        <translation>Einen größeren Wechselrichter verwenden, oder unter Bedarf markieren, welche Verbraucher nie zusammen laufen.</translation>
    </message>
    <message>
        <source>In the situation &apos;{moment}&apos; the loads cannot be supplied: at most {part} of their power, weakest at {load}.</source>
        <translation>Im Betriebsfall &apos;{moment}&apos; lassen sich die Verbraucher nicht versorgen: höchstens {part} ihrer Leistung, am schwächsten {load}.</translation>
    </message>
    <message>
        <source>Cables and batteries cannot deliver that power at any voltage: the voltage collapses.</source>
        <translation>Kabel und Batterien können diese Leistung bei keiner Spannung liefern: Die Spannung bricht zusammen.</translation>
    </message>
    <message>
        <source>Use thicker or shorter cables to that load, or a larger bank.</source>
        <translation>Dickere oder kürzere Kabel zu diesem Verbraucher verwenden, oder eine größere Bank.</translation>
    </message>
    <message>
        <source>inverter/charger</source>
        <translation>Wechselrichter/Ladegerät</translation>
    </message>
    <message>
        <source>shore charger</source>
        <translation>Landstrom-Ladegerät</translation>
    </message>
    <message>
        <source>tanks</source>
        <translation>Tanks</translation>
    </message>
    <message>
        <source>temperatures</source>
        <translation>Temperaturen</translation>
    </message>
    <message>
        <source>voltages</source>
        <translation>Spannungen</translation>
    </message>
    <message>
        <source>{monitor} has {there} ports for {kind}; {asked} are planned.</source>
        <translation>{monitor} hat {there} Anschlüsse für {kind}; {asked} sind geplant.</translation>
    </message>
    <message>
        <source>The others cannot be connected, and you find out when the panel is already cut.</source>
        <translation>Die übrigen lassen sich nicht anschließen, und Sie merken es, wenn die Tafel schon ausgeschnitten ist.</translation>
    </message>
    <message>
        <source>Choose a monitor with more ports, or leave a sensor out.</source>
        <translation>Eine Anzeige mit mehr Anschlüssen wählen, oder einen Sensor weglassen.</translation>
    </message>
    <message>
        <source>{lead} needs {length}; the longest one sold is {longest}.</source>
        <translation>{lead} braucht {length}; die längste erhältliche hat {longest}.</translation>
    </message>
    <message>
        <source>These leads come with their plugs fitted, and spliced ones give wrong readings.</source>
        <translation>Diese Leitungen haben fertige Stecker, und geflickte messen falsch.</translation>
    </message>
    <message>
        <source>Move the ends closer together, or ask the maker for an extension.</source>
        <translation>Die Enden näher zusammenlegen, oder den Hersteller nach einer Verlängerung fragen.</translation>
    </message>
    <message>
        <source>{bar} is entered with {rated}; its copper carries {bears} in an enclosure.</source>
        <translation>{bar} ist mit {rated} eingetragen; ihr Kupfer trägt im Gehäuse {bears}.</translation>
    </message>
    <message>
        <source>{bar} is home-made: bare copper, live on all sides.</source>
        <translation>{bar} ist selbst gebaut: blankes Kupfer, auf allen Seiten unter Spannung.</translation>
    </message>
    <message>
        <source>It gets hotter than the cables bolted to it withstand.</source>
        <translation>Sie wird heißer, als die angeschraubten Kabel aushalten.</translation>
    </message>
    <message>
        <source>A tool that falls on it draws an arc that no downstream fuse can stop.</source>
        <translation>Ein Werkzeug, das darauf fällt, zieht einen Lichtbogen, den keine Sicherung dahinter aufhält.</translation>
    </message>
    <message>
        <source>Use a wider or thicker bar, or enter what its copper carries.</source>
        <translation>Eine breitere oder dickere Schiene verwenden, oder eintragen, was ihr Kupfer trägt.</translation>
    </message>
    <message>
        <source>Mount it on insulators, cover it, deburr the holes and torque its bolts.</source>
        <translation>Auf Isolatoren setzen, abdecken, Löcher entgraten und die Schrauben mit Drehmoment anziehen.</translation>
    </message>
    <message>
        <source>The network cannot supply its loads in this situation: these are the last values of the search.</source>
        <translation>Das Netz kann seine Verbraucher in diesem Betriebsfall nicht versorgen: Das sind die letzten Werte der Suche.</translation>
    </message>
    <message>
        <source>a line through the panels&apos; open-circuit and maximum-power points</source>
        <translation>eine Gerade durch Leerlauf- und Maximalpunkt der Module</translation>
    </message>
    <message>
        <source>the voltage set by its maker</source>
        <translation>die vom Hersteller eingestellte Spannung</translation>
    </message>
    <message>
        <source>its data sheet, times the sun</source>
        <translation>sein Datenblatt, mal der Sonne</translation>
    </message>
    <message>
        <source>{device}, output current: {moment}</source>
        <translation>{device}, Ausgangsstrom: {moment}</translation>
    </message>
    <message>
        <source>I = I_mp + (I_sc - I_mp) (V_mp - V) / V_mp</source>
        <translation>I = I_mp + (I_sc - I_mp) (V_mp - V) / V_mp</translation>
    </message>
    <message>
        <source>I_mp</source>
        <translation>I_mp</translation>
    </message>
    <message>
        <source>current at maximum power</source>
        <translation>Strom im Maximum der Leistung</translation>
    </message>
    <message>
        <source>I_sc</source>
        <translation>I_sc</translation>
    </message>
    <message>
        <source>short-circuit current</source>
        <translation>Kurzschlussstrom</translation>
    </message>
    <message>
        <source>V_mp</source>
        <translation>V_mp</translation>
    </message>
    <message>
        <source>voltage at maximum power</source>
        <translation>Spannung im Maximum der Leistung</translation>
    </message>
    <message>
        <source>voltage at its terminals</source>
        <translation>Spannung an seinen Klemmen</translation>
    </message>
    <message>
        <source>a line through the panels&apos; maximum-power and short-circuit points</source>
        <translation>eine Gerade durch Maximal- und Kurzschlusspunkt der Module</translation>
    </message>
    <message>
        <source>I = (E - V) / R</source>
        <translation>I = (E - V) / R</translation>
    </message>
    <message>
        <source>E</source>
        <translation>E</translation>
    </message>
    <message>
        <source>its rest voltage</source>
        <translation>seine Ruhespannung</translation>
    </message>
    <message>
        <source>R</source>
        <translation>R</translation>
    </message>
    <message>
        <source>its internal resistance</source>
        <translation>sein Innenwiderstand</translation>
    </message>
    <message>
        <source>as used in solving the circuit</source>
        <translation>wie zum Lösen der Schaltung verwendet</translation>
    </message>
    <message>
        <source>Ohm&apos;s law; voltages from the solved network</source>
        <translation>Ohmsches Gesetz; Spannungen aus dem gelösten Netz</translation>
    </message>
    <message>
        <source>{device}, current drawn: {moment}</source>
        <translation>{device}, aufgenommener Strom: {moment}</translation>
    </message>
    <message>
        <source>own arithmetic; voltages from the solved network</source>
        <translation>eigene Rechnung; Spannungen aus dem gelösten Netz</translation>
    </message>
    <message>
        <source>I = P · k / V</source>
        <translation>I = P · k / V</translation>
    </message>
    <message>
        <source>P</source>
        <translation>P</translation>
    </message>
    <message>
        <source>power drawn</source>
        <translation>aufgenommene Leistung</translation>
    </message>
    <message>
        <source>the device&apos;s watts</source>
        <translation>Leistung des Geräts</translation>
    </message>
    <message>
        <source>share of it that the network can supply</source>
        <translation>Anteil davon, den das Netz liefern kann</translation>
    </message>
    <message>
        <source>I, whatever the voltage</source>
        <translation>I, unabhängig von der Spannung</translation>
    </message>
    <message>
        <source>power over the system voltage</source>
        <translation>Leistung durch Systemspannung</translation>
    </message>
    <message>
        <source>I = V / R</source>
        <translation>I = V / R</translation>
    </message>
    <message>
        <source>voltage squared over power</source>
        <translation>Spannung im Quadrat durch Leistung</translation>
    </message>
    <message>
        <source>its data sheet</source>
        <translation>sein Datenblatt</translation>
    </message>
    <message>
        <source>its panels&apos; data sheet, times the sun</source>
        <translation>Datenblatt seiner Module, mal der Sonne</translation>
    </message>
    <message>
        <source>P_sun</source>
        <translation>P_Sonne</translation>
    </message>
    <message>
        <source>what its panels and the bank&apos;s voltage allow</source>
        <translation>was seine Module und die Spannung der Bank erlauben</translation>
    </message>
    <message>
        <source>P = 0: nothing live is connected to its input</source>
        <translation>P = 0: Nichts unter Spannung ist an seinen Eingang angeschlossen</translation>
    </message>
    <message>
        <source>P = P_sun</source>
        <translation>P = P_Sonne</translation>
    </message>
    <message>
        <source>voltage at its input</source>
        <translation>Spannung an seinem Eingang</translation>
    </message>
    <message>
        <source>current at which its panels give most; it draws no more</source>
        <translation>Strom, bei dem seine Module am meisten geben; mehr zieht er nicht</translation>
    </message>
    <message>
        <source>P = the smaller of η · I_mp · V_in and P_sun</source>
        <translation>P = der kleinere Wert von η · I_mp · V_in und P_Sonne</translation>
    </message>
    <message>
        <source>P = η · I_mp · V_in</source>
        <translation>P = η · I_mp · V_in</translation>
    </message>
    <message>
        <source>P = η · P_in · (V_in - V_stop) / (V_start - V_stop), never below zero</source>
        <translation>P = η · P_in · (V_in - V_stop) / (V_start - V_stop), nie unter null</translation>
    </message>
    <message>
        <source>P_in</source>
        <translation>P_in</translation>
    </message>
    <message>
        <source>most that it draws</source>
        <translation>höchste Aufnahme</translation>
    </message>
    <message>
        <source>V_start</source>
        <translation>V_start</translation>
    </message>
    <message>
        <source>full output above this</source>
        <translation>darüber voller Ausgang</translation>
    </message>
    <message>
        <source>V_stop</source>
        <translation>V_stop</translation>
    </message>
    <message>
        <source>no output below this</source>
        <translation>darunter kein Ausgang</translation>
    </message>
    <message>
        <source>I = the smallest of (V_set − V) / R_r, I_max and P / V; never below zero</source>
        <translation>I = der kleinste Wert von (V_set − V) / R_r, I_max und P / V; nie unter null</translation>
    </message>
    <message>
        <source>I = the smallest of (V_set − V) / R_r, I_max; never below zero</source>
        <translation>I = der kleinere Wert von (V_set − V) / R_r und I_max; nie unter null</translation>
    </message>
    <message>
        <source>V_set</source>
        <translation>V_set</translation>
    </message>
    <message>
        <source>voltage it holds</source>
        <translation>Spannung, die es hält</translation>
    </message>
    <message>
        <source>its setting</source>
        <translation>seine Einstellung</translation>
    </message>
    <message>
        <source>R_r</source>
        <translation>R_r</translation>
    </message>
    <message>
        <source>stiffness of its voltage regulation</source>
        <translation>Steifigkeit seiner Spannungsregelung</translation>
    </message>
    <message>
        <source>judgement: nearly ideal</source>
        <translation>Einschätzung: nahezu ideal</translation>
    </message>
    <message>
        <source>its largest current</source>
        <translation>sein größter Strom</translation>
    </message>
    <message>
        <source>The set voltage is reached: the current tapers.</source>
        <translation>Die eingestellte Spannung ist erreicht: Der Strom nimmt ab.</translation>
    </message>
    <message>
        <source>power available from its input</source>
        <translation>vom Eingang verfügbare Leistung</translation>
    </message>
    <message>
        <source>Current out of the bank: {moment}</source>
        <translation>Strom aus der Bank: {moment}</translation>
    </message>
    <message>
        <source>sum over its batteries</source>
        <translation>Summe über ihre Batterien</translation>
    </message>
    <message>
        <source>{device}, power available from its input: {moment}</source>
        <translation>{device}, vom Eingang verfügbare Leistung: {moment}</translation>
    </message>
    <message>
        <source>{device}, input current: {moment}</source>
        <translation>{device}, Eingangsstrom: {moment}</translation>
    </message>
    <message>
        <source>I_in = I_out · V_out / (η · V_in)</source>
        <translation>I_in = I_out · V_out / (η · V_in)</translation>
    </message>
    <message>
        <source>output current</source>
        <translation>Ausgangsstrom</translation>
    </message>
    <message>
        <source>voltage at its output</source>
        <translation>Spannung an seinem Ausgang</translation>
    </message>
    <message>
        <source>{conductor}, current: {moment}</source>
        <translation>{conductor}, Strom: {moment}</translation>
    </message>
    <message>
        <source>what enters through it leaves again: sum of all other currents at its end</source>
        <translation>was hineinfließt, fließt wieder heraus: Summe aller anderen Ströme an ihrem Ende</translation>
    </message>
    <message>
        <source>Kirchhoff&apos;s current law on the solved network</source>
        <translation>Kirchhoffsche Knotenregel am gelösten Netz</translation>
    </message>
    <message>
        <source>Counted from &apos;{from}&apos; to &apos;{to}&apos;; negative means it flows the other way.</source>
        <translation>Gezählt von &apos;{from}&apos; nach &apos;{to}&apos;; negativ heißt, er fließt andersherum.</translation>
    </message>
    <message>
        <source>{device}, input</source>
        <translation>{device}, Eingang</translation>
    </message>
    <message>
        <source>{device}, voltage {from} to {to}: {moment}</source>
        <translation>{device}, Spannung {from} nach {to}: {moment}</translation>
    </message>
    <message>
        <source>V = n · E - ΔV</source>
        <translation>V = n · E - ΔV</translation>
    </message>
    <message>
        <source>V = E - ΔV</source>
        <translation>V = E - ΔV</translation>
    </message>
    <message>
        <source>batteries in series</source>
        <translation>Batterien in Reihe</translation>
    </message>
    <message>
        <source>{device} at rest</source>
        <translation>{device} in Ruhe</translation>
    </message>
    <message>
        <source>lost in the source, cables, fuses and contacts; negative: raised by a charger</source>
        <translation>in Quelle, Kabeln, Sicherungen und Kontakten verloren; negativ: von einem Ladegerät angehoben</translation>
    </message>
    <message>
        <source>{first}; {second}</source>
        <translation>{first}; {second}</translation>
    </message>
    <message>
        <source>{rule}: {what}</source>
        <translation>{rule}: {what}</translation>
    </message>
    <message>
        <source>{what} (as it is) (computed)</source>
        <translation>{what} (wie es ist) (berechnet)</translation>
    </message>
    <message>
        <source>{what} (as it is)</source>
        <translation>{what} (wie es ist)</translation>
    </message>
    <message>
        <source>{what} (computed)</source>
        <translation>{what} (berechnet)</translation>
    </message>
    <message>
        <source>{what}</source>
        <translation>{what}</translation>
    </message>
    <message>
        <source>adds {findings}</source>
        <translation>neue Befunde: {findings}</translation>
    </message>
    <message>
        <source>removes {findings}</source>
        <translation>erledigte Befunde: {findings}</translation>
    </message>
    <message>
        <source>Compared with:</source>
        <translation>Verglichen mit:</translation>
    </message>
    <message>
        <source>{alternative}: {part} of the limit is used</source>
        <translation>{alternative}: {part} des Grenzwerts genutzt</translation>
    </message>
    <message>
        <source>how it is connected</source>
        <translation>wie es angeschlossen ist</translation>
    </message>
    <message>
        <source>{n} danger fewer</source>
        <translation>{n} Gefahr weniger</translation>
    </message>
    <message>
        <source>{n} dangers fewer</source>
        <translation>{n} Gefahren weniger</translation>
    </message>
    <message>
        <source>{n} danger more</source>
        <translation>{n} Gefahr mehr</translation>
    </message>
    <message>
        <source>{n} dangers more</source>
        <translation>{n} Gefahren mehr</translation>
    </message>
    <message>
        <source>{n} fault fewer</source>
        <translation>{n} Mangel weniger</translation>
    </message>
    <message>
        <source>{n} faults fewer</source>
        <translation>{n} Mängel weniger</translation>
    </message>
    <message>
        <source>{n} fault more</source>
        <translation>{n} Mangel mehr</translation>
    </message>
    <message>
        <source>{n} faults more</source>
        <translation>{n} Mängel mehr</translation>
    </message>
    <message>
        <source>{n} piece of advice fewer</source>
        <translation>{n} Hinweis weniger</translation>
    </message>
    <message>
        <source>{n} pieces of advice fewer</source>
        <translation>{n} Hinweise weniger</translation>
    </message>
    <message>
        <source>{n} piece of advice more</source>
        <translation>{n} Hinweis mehr</translation>
    </message>
    <message>
        <source>{n} pieces of advice more</source>
        <translation>{n} Hinweise mehr</translation>
    </message>
    <message>
        <source>{amount} fewer days without sun</source>
        <translation>{amount} Tage weniger ohne Sonne</translation>
    </message>
    <message>
        <source>{amount} days more without sun</source>
        <translation>{amount} Tage mehr ohne Sonne</translation>
    </message>
    <message>
        <source>{amount} less inverter load</source>
        <translation>{amount} weniger Last am Wechselrichter</translation>
    </message>
    <message>
        <source>{amount} more inverter load</source>
        <translation>{amount} mehr Last am Wechselrichter</translation>
    </message>
    <message>
        <source>{amount} less</source>
        <translation>{amount} weniger</translation>
    </message>
    <message>
        <source>{amount} more</source>
        <translation>{amount} mehr</translation>
    </message>
    <message>
        <source>A quote is not closed in line {n}.</source>
        <translation>In Zeile {n} ist ein Anführungszeichen nicht geschlossen.</translation>
    </message>
    <message>
        <source>Close it.</source>
        <translation>Schließen.</translation>
    </message>
    <message>
        <source>{rule} {severity}: {what}</source>
        <translation>{rule} {severity}: {what}</translation>
    </message>
    <message>
        <source>Why: {why}</source>
        <translation>Warum: {why}</translation>
    </message>
    <message>
        <source>To do: {remedy}</source>
        <translation>Zu tun: {remedy}</translation>
    </message>
    <message>
        <source>Source: {source} ({standing})</source>
        <translation>Quelle: {source} ({standing})</translation>
    </message>
    <message>
        <source>Fix: {mend}</source>
        <translation>Abhilfe: {mend}</translation>
    </message>
    <message>
        <source>The rules found nothing.</source>
        <translation>Die Regeln haben nichts gefunden.</translation>
    </message>
    <message>
        <source>Used per day</source>
        <translation>Verbrauch pro Tag</translation>
    </message>
    <message>
        <source>Days without sun</source>
        <translation>Tage ohne Sonne</translation>
    </message>
    <message>
        <source>nothing is used</source>
        <translation>kein Verbrauch</translation>
    </message>
    <message>
        <source>Inverter peak</source>
        <translation>Wechselrichter-Spitze</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>conductor</source>
        <translation>Leitung</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>figure {id}</source>
        <translation>Wert {id}</translation>
    </message>
    <message>
        <source>plan: {path}</source>
        <translation>Plan: {path}</translation>
    </message>
    <message>
        <source>table {table}, {row} ({source}; {certainty})</source>
        <translation>Tabelle {table}, {row} ({source}; {certainty})</translation>
    </message>
    <message>
        <source>solved network, {moment}</source>
        <translation>gelöstes Netz, {moment}</translation>
    </message>
    <message>
        <source>Source: {source}</source>
        <translation>Quelle: {source}</translation>
    </message>
    <message>
        <source>danger</source>
        <translation>Gefahr</translation>
    </message>
    <message>
        <source>advice</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>rule that governs vans</source>
        <translation>Vorschrift, die für Wohnmobile gilt</translation>
    </message>
    <message>
        <source>boat practice, used by choice</source>
        <translation>Bootspraxis, freiwillig angewandt</translation>
    </message>
    <message>
        <source>maker&apos;s figure</source>
        <translation>Herstellerangabe</translation>
    </message>
    <message>
        <source>status: rule that governs vans</source>
        <translation>Stellung: Vorschrift, die für Wohnmobile gilt</translation>
    </message>
    <message>
        <source>status: boat practice, used by choice</source>
        <translation>Stellung: Bootspraxis, freiwillig angewandt</translation>
    </message>
    <message>
        <source>status: maker&apos;s figure</source>
        <translation>Stellung: Herstellerangabe</translation>
    </message>
    <message>
        <source>status: common practice</source>
        <translation>Stellung: gängige Praxis</translation>
    </message>
    <message>
        <source>There is no such file.</source>
        <translation>Es gibt keine solche Datei.</translation>
    </message>
    <message>
        <source>Check its name and folder.</source>
        <translation>Name und Ordner prüfen.</translation>
    </message>
    <message>
        <source>You may not read this file.</source>
        <translation>Sie dürfen diese Datei nicht lesen.</translation>
    </message>
    <message>
        <source>Ask its owner for permission to read.</source>
        <translation>Den Eigentümer um Leserecht bitten.</translation>
    </message>
    <message>
        <source>This name is too long for a file.</source>
        <translation>Dieser Name ist zu lang für eine Datei.</translation>
    </message>
    <message>
        <source>The file can&apos;t be read ({why}).</source>
        <translation>Die Datei lässt sich nicht lesen ({why}).</translation>
    </message>
    <message>
        <source>This is a folder, not a file.</source>
        <translation>Das ist ein Ordner, keine Datei.</translation>
    </message>
    <message>
        <source>Choose a file in it.</source>
        <translation>Eine Datei darin wählen.</translation>
    </message>
    <message>
        <source>This is a device, pipe or socket, not a file.</source>
        <translation>Das ist ein Gerät, eine Pipe oder ein Socket, keine Datei.</translation>
    </message>
    <message>
        <source>Save what comes from it as a file first.</source>
        <translation>Was daraus kommt, zuerst als Datei speichern.</translation>
    </message>
    <message>
        <source>The file is empty.</source>
        <translation>Die Datei ist leer.</translation>
    </message>
    <message>
        <source>Restore it from a copy.</source>
        <translation>Aus einer Kopie wiederherstellen.</translation>
    </message>
    <message>
        <source>The file is larger than {n} MB.</source>
        <translation>Die Datei ist größer als {n} MB.</translation>
    </message>
    <message>
        <source>Choose another; no plan, gear or table is that large.</source>
        <translation>Eine andere wählen; kein Plan, Gerät und keine Tabelle ist so groß.</translation>
    </message>
    <message>
        <source>This name is too long: {size} bytes, and the folder takes {room} beside what saving adds.</source>
        <translation>Dieser Name ist zu lang: {size} Bytes, und der Ordner hat Platz für {room} neben dem, was beim Speichern hinzukommt.</translation>
    </message>
    <message>
        <source>Choose a shorter name; nothing was written.</source>
        <translation>Einen kürzeren Namen wählen; es wurde nichts geschrieben.</translation>
    </message>
    <message>
        <source>This is a folder.</source>
        <translation>Das ist ein Ordner.</translation>
    </message>
    <message>
        <source>Choose a file&apos;s name in it.</source>
        <translation>Den Namen einer Datei darin wählen.</translation>
    </message>
    <message>
        <source>This is a device, pipe or socket, which is never replaced by a file.</source>
        <translation>Das ist ein Gerät, eine Pipe oder ein Socket und wird nie durch eine Datei ersetzt.</translation>
    </message>
    <message>
        <source>Choose a file&apos;s name.</source>
        <translation>Den Namen einer Datei wählen.</translation>
    </message>
    <message>
        <source>This file is read-only.</source>
        <translation>Diese Datei ist schreibgeschützt.</translation>
    </message>
    <message>
        <source>Save under another name, or make it writable; it was left as it is.</source>
        <translation>Unter anderem Namen speichern, oder sie beschreibbar machen; sie blieb unverändert.</translation>
    </message>
    <message>
        <source>The file could not be saved ({why}).</source>
        <translation>Die Datei ließ sich nicht speichern ({why}).</translation>
    </message>
    <message>
        <source>Choose another folder, or make room there; nothing was overwritten.</source>
        <translation>Einen anderen Ordner wählen, oder dort Platz schaffen; es wurde nichts überschrieben.</translation>
    </message>
    <message>
        <source>There is no name to save under.</source>
        <translation>Es gibt keinen Namen, unter dem gespeichert werden kann.</translation>
    </message>
    <message>
        <source>Give the file a name.</source>
        <translation>Der Datei einen Namen geben.</translation>
    </message>
    <message>
        <source>This is an output that is open already, not a file.</source>
        <translation>Das ist eine schon offene Ausgabe, keine Datei.</translation>
    </message>
    <message>
        <source>This link points to nothing.</source>
        <translation>Diese Verknüpfung zeigt ins Leere.</translation>
    </message>
    <message>
        <source>Choose another name.</source>
        <translation>Einen anderen Namen wählen.</translation>
    </message>
    <message>
        <source>A file of this name exists already.</source>
        <translation>Eine Datei dieses Namens gibt es schon.</translation>
    </message>
    <message>
        <source>Choose another name, or replace it by --force.</source>
        <translation>Einen anderen Namen wählen, oder mit --force ersetzen.</translation>
    </message>
    <message>
        <source>This file belongs to another user, and saving would make it yours.</source>
        <translation>Diese Datei gehört einem anderen Benutzer, und durch Speichern würde sie Ihre.</translation>
    </message>
    <message>
        <source>Save under another name; it was left as it is.</source>
        <translation>Unter anderem Namen speichern; sie blieb unverändert.</translation>
    </message>
    <message>
        <source>The file is written, but the disk did not confirm it ({why}).</source>
        <translation>Die Datei ist geschrieben, aber der Datenträger hat es nicht bestätigt ({why}).</translation>
    </message>
    <message>
        <source>Save again, or to another disk.</source>
        <translation>Noch einmal speichern, oder auf einen anderen Datenträger.</translation>
    </message>
    <message>
        <source>{label} ({value})</source>
        <translation>{label} ({value})</translation>
    </message>
    <message>
        <source>The {high} must not be below the {low}.</source>
        <translation>{high} darf nicht unter {low} liegen.</translation>
    </message>
    <message>
        <source>The {high} must be above the {low}.</source>
        <translation>{high} muss über {low} liegen.</translation>
    </message>
    <message>
        <source>Check the data sheet: are the two swapped?</source>
        <translation>Das Datenblatt prüfen: Sind die beiden vertauscht?</translation>
    </message>
    <message>
        <source>The {result} does not match the {first} times the {second}: {product}.</source>
        <translation>{result} passt nicht zu {first} mal {second}: {product}.</translation>
    </message>
    <message>
        <source>Check the data sheet: one of the three was copied wrongly.</source>
        <translation>Das Datenblatt prüfen: Einer der drei Werte wurde falsch abgeschrieben.</translation>
    </message>
    <message>
        <source>Enter its {number}: it cannot be planned without it.</source>
        <translation>Eingeben: {number}; ohne das lässt sich nicht planen.</translation>
    </message>
    <message>
        <source>Count them, or check the data sheet.</source>
        <translation>Zählen, oder im Datenblatt nachsehen.</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>fuses and holders included</source>
        <translation>Sicherungen und Halter liegen bei</translation>
    </message>
    <message>
        <source>leads included</source>
        <translation>Leitungen liegen bei</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>price, approximate</source>
        <translation>Preis, ungefähr</translation>
    </message>
    <message>
        <source>terminal</source>
        <translation>Anschluss</translation>
    </message>
    <message>
        <source>largest cable</source>
        <translation>größtes Kabel</translation>
    </message>
    <message>
        <source>Battery</source>
        <translation>Batterie</translation>
    </message>
    <message>
        <source>chemistry</source>
        <translation>Zellchemie</translation>
    </message>
    <message>
        <source>has a heater for charging in frost</source>
        <translation>hat eine Heizung für das Laden bei Frost</translation>
    </message>
    <message>
        <source>has its own switch or sleep mode</source>
        <translation>hat einen eigenen Schalter oder Ruhezustand</translation>
    </message>
    <message>
        <source>nominal voltage</source>
        <translation>Nennspannung</translation>
    </message>
    <message>
        <source>capacity</source>
        <translation>Kapazität</translation>
    </message>
    <message>
        <source>largest charging current</source>
        <translation>größter Ladestrom</translation>
    </message>
    <message>
        <source>largest continuous discharge</source>
        <translation>größter dauernder Entladestrom</translation>
    </message>
    <message>
        <source>short-circuit current, if stated</source>
        <translation>Kurzschlussstrom, falls angegeben</translation>
    </message>
    <message>
        <source>Panel</source>
        <translation>Solarmodul</translation>
    </message>
    <message>
        <source>rated power</source>
        <translation>Nennleistung</translation>
    </message>
    <message>
        <source>open-circuit voltage</source>
        <translation>Leerlaufspannung</translation>
    </message>
    <message>
        <source>power, change per kelvin</source>
        <translation>Leistung, Änderung je Kelvin</translation>
    </message>
    <message>
        <source>open-circuit voltage, change per kelvin</source>
        <translation>Leerlaufspannung, Änderung je Kelvin</translation>
    </message>
    <message>
        <source>cell temperature at 800 W/m²</source>
        <translation>Zelltemperatur bei 800 W/m²</translation>
    </message>
    <message>
        <source>width</source>
        <translation>Breite</translation>
    </message>
    <message>
        <source>largest series fuse</source>
        <translation>größte Strangsicherung</translation>
    </message>
    <message>
        <source>MPPT (tracks maximum power)</source>
        <translation>MPPT (sucht die größte Leistung)</translation>
    </message>
    <message>
        <source>PWM (panels at the bank&apos;s voltage)</source>
        <translation>PWM (Module auf der Spannung der Bank)</translation>
    </message>
    <message>
        <source>not stated</source>
        <translation>nicht angegeben</translation>
    </message>
    <message>
        <source>joined to the battery&apos;s negative inside</source>
        <translation>innen mit dem Minus der Batterie verbunden</translation>
    </message>
    <message>
        <source>measured or switched inside</source>
        <translation>innen gemessen oder geschaltet</translation>
    </message>
    <message>
        <source>Solar controller</source>
        <translation>Solarladeregler</translation>
    </message>
    <message>
        <source>kind</source>
        <translation>Art</translation>
    </message>
    <message>
        <source>panels&apos; negative</source>
        <translation>Minus der Module</translation>
    </message>
    <message>
        <source>largest voltage of the array</source>
        <translation>höchste Spannung der Module</translation>
    </message>
    <message>
        <source>largest output</source>
        <translation>größter Ausgangsstrom</translation>
    </message>
    <message>
        <source>efficiency (0 to 1)</source>
        <translation>Wirkungsgrad (0 bis 1)</translation>
    </message>
    <message>
        <source>starts this far above the bank&apos;s voltage</source>
        <translation>startet so weit über der Spannung der Bank</translation>
    </message>
    <message>
        <source>input and output isolated</source>
        <translation>Ein- und Ausgang galvanisch getrennt</translation>
    </message>
    <message>
        <source>charges a bank of</source>
        <translation>lädt eine Bank von</translation>
    </message>
    <message>
        <source>output</source>
        <translation>Ausgang</translation>
    </message>
    <message>
        <source>starts above</source>
        <translation>startet über</translation>
    </message>
    <message>
        <source>stops below</source>
        <translation>stoppt unter</translation>
    </message>
    <message>
        <source>starts after</source>
        <translation>startet nach</translation>
    </message>
    <message>
        <source>largest fuse allowed at its input</source>
        <translation>größte erlaubte Sicherung am Eingang</translation>
    </message>
    <message>
        <source>Voltage-sensing relay</source>
        <translation>Spannungsgesteuertes Trennrelais</translation>
    </message>
    <message>
        <source>largest continuous current</source>
        <translation>größter Dauerstrom</translation>
    </message>
    <message>
        <source>resistance of its contact</source>
        <translation>Widerstand des Kontakts</translation>
    </message>
    <message>
        <source>closes above</source>
        <translation>schließt über</translation>
    </message>
    <message>
        <source>opens below</source>
        <translation>öffnet unter</translation>
    </message>
    <message>
        <source>Charger on shore power</source>
        <translation>Landstrom-Ladegerät</translation>
    </message>
    <message>
        <source>Charger for engine and sun</source>
        <translation>Ladegerät für Motor und Sonne</translation>
    </message>
    <message>
        <source>from each while both are available</source>
        <translation>von jedem, solange beide da sind</translation>
    </message>
    <message>
        <source>Second alternator</source>
        <translation>Zweite Lichtmaschine</translation>
    </message>
    <message>
        <source>output, hot</source>
        <translation>Ausgang, heiß</translation>
    </message>
    <message>
        <source>Trickle charger for the starter battery</source>
        <translation>Erhaltungslader für die Starterbatterie</translation>
    </message>
    <message>
        <source>from a bank of</source>
        <translation>aus einer Bank von</translation>
    </message>
    <message>
        <source>full output above</source>
        <translation>voller Ausgang über</translation>
    </message>
    <message>
        <source>no output below</source>
        <translation>kein Ausgang unter</translation>
    </message>
    <message>
        <source>Converter for 12 V loads</source>
        <translation>Spannungswandler für 12-V-Verbraucher</translation>
    </message>
    <message>
        <source>output voltage</source>
        <translation>Ausgangsspannung</translation>
    </message>
    <message>
        <source>Inverter</source>
        <translation>Wechselrichter</translation>
    </message>
    <message>
        <source>on a bank of</source>
        <translation>an einer Bank von</translation>
    </message>
    <message>
        <source>continuous power</source>
        <translation>Dauerleistung</translation>
    </message>
    <message>
        <source>surge power</source>
        <translation>Spitzenleistung</translation>
    </message>
    <message>
        <source>charges the bank from shore with</source>
        <translation>lädt die Bank vom Landstrom mit</translation>
    </message>
    <message>
        <source>idle loss, share of the rating</source>
        <translation>Leerlaufverlust, Anteil der Nennleistung</translation>
    </message>
    <message>
        <source>loss proportional to the load</source>
        <translation>Verlust im Verhältnis zur Last</translation>
    </message>
    <message>
        <source>loss with the square of the load</source>
        <translation>Verlust mit dem Quadrat der Last</translation>
    </message>
    <message>
        <source>bus bar</source>
        <translation>Sammelschiene</translation>
    </message>
    <message>
        <source>fused distributor</source>
        <translation>Sicherungsverteiler</translation>
    </message>
    <message>
        <source>battery switch</source>
        <translation>Batterieschalter</translation>
    </message>
    <message>
        <source>solar isolator</source>
        <translation>Solar-Trennschalter</translation>
    </message>
    <message>
        <source>shunt</source>
        <translation>Shunt</translation>
    </message>
    <message>
        <source>blade fuse block</source>
        <translation>Flachsicherungsblock</translation>
    </message>
    <message>
        <source>breaker panel</source>
        <translation>Automatentafel</translation>
    </message>
    <message>
        <source>terminal strip</source>
        <translation>Klemmleiste</translation>
    </message>
    <message>
        <source>inlet for portable panels</source>
        <translation>Steckdose für mobile Module</translation>
    </message>
    <message>
        <source>plug and socket</source>
        <translation>Stecker und Buchse</translation>
    </message>
    <message>
        <source>Bar, switch, block</source>
        <translation>Schiene, Schalter, Block</translation>
    </message>
    <message>
        <source>fuses its ways take</source>
        <translation>Sicherungen der Abgänge</translation>
    </message>
    <message>
        <source>resistance of a pole or a way</source>
        <translation>Widerstand eines Pols oder Abgangs</translation>
    </message>
    <message>
        <source>ways, or studs of a bar</source>
        <translation>Abgänge, oder Bolzen einer Schiene</translation>
    </message>
    <message>
        <source>largest fuse of a way</source>
        <translation>größte Sicherung eines Abgangs</translation>
    </message>
    <message>
        <source>width of a home-made bar</source>
        <translation>Breite einer selbst gebauten Schiene</translation>
    </message>
    <message>
        <source>its thickness</source>
        <translation>ihre Dicke</translation>
    </message>
    <message>
        <source>Monitor</source>
        <translation>Anzeige</translation>
    </message>
    <message>
        <source>current it draws</source>
        <translation>eigener Strombedarf</translation>
    </message>
    <message>
        <source>ports for shunts</source>
        <translation>Anschlüsse für Shunts</translation>
    </message>
    <message>
        <source>ports for tanks</source>
        <translation>Anschlüsse für Tanks</translation>
    </message>
    <message>
        <source>ports for temperatures</source>
        <translation>Anschlüsse für Temperaturen</translation>
    </message>
    <message>
        <source>ports for voltages</source>
        <translation>Anschlüsse für Spannungen</translation>
    </message>
    <message>
        <source>The id is empty or used twice.</source>
        <translation>Die Kennung ist leer oder doppelt vergeben.</translation>
    </message>
    <message>
        <source>Give each entry its own id.</source>
        <translation>Jedem Eintrag eine eigene Kennung geben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a gauge.</source>
        <translation>&apos;{text}&apos; ist keine AWG-Größe.</translation>
    </message>
    <message>
        <source>Write it like &quot;4&quot; or &quot;2/0&quot;.</source>
        <translation>Etwa als &quot;4&quot; oder &quot;2/0&quot; schreiben.</translation>
    </message>
    <message>
        <source>This is not a file of gear.</source>
        <translation>Das ist keine Gerätedatei.</translation>
    </message>
    <message>
        <source>Choose a .spirkgear file.</source>
        <translation>Eine .spirkgear-Datei wählen.</translation>
    </message>
    <message>
        <source>A table needs a source.</source>
        <translation>Eine Tabelle braucht eine Quelle.</translation>
    </message>
    <message>
        <source>Name it.</source>
        <translation>Sie nennen.</translation>
    </message>
    <message>
        <source>There is no ampacity column &apos;{id}&apos;.</source>
        <translation>Es gibt keine Spalte &apos;{id}&apos; der Strombelastbarkeit.</translation>
    </message>
    <message>
        <source>Name one that exists in regions.json.</source>
        <translation>Eine nennen, die es in regions.json gibt.</translation>
    </message>
    <message>
        <source>There is no chemistry &apos;{id}&apos;.</source>
        <translation>Es gibt keine Zellchemie &apos;{id}&apos;.</translation>
    </message>
    <message>
        <source>Name a row of chemistries.json.</source>
        <translation>Eine Zeile aus chemistries.json nennen.</translation>
    </message>
    <message>
        <source>There is no stud &apos;{id}&apos;.</source>
        <translation>Es gibt keinen Bolzen &apos;{id}&apos;.</translation>
    </message>
    <message>
        <source>Name a row of that table.</source>
        <translation>Eine Zeile dieser Tabelle nennen.</translation>
    </message>
    <message>
        <source>There is no fuse family &apos;{id}&apos;.</source>
        <translation>Es gibt keine Sicherungsfamilie &apos;{id}&apos;.</translation>
    </message>
    <message>
        <source>Name a row of fuses.json.</source>
        <translation>Eine Zeile aus fuses.json nennen.</translation>
    </message>
    <message>
        <source>There is no region.</source>
        <translation>Es gibt keine Region.</translation>
    </message>
    <message>
        <source>Add one.</source>
        <translation>Eine hinzufügen.</translation>
    </message>
    <message>
        <source>{low} to {high}</source>
        <translation>{low} bis {high}</translation>
    </message>
    <message>
        <source>There is no appliance &apos;{id}&apos;.</source>
        <translation>Es gibt keinen Verbraucher &apos;{id}&apos;.</translation>
    </message>
    <message>
        <source>Name a row of appliances.json.</source>
        <translation>Eine Zeile aus appliances.json nennen.</translation>
    </message>
    <message>
        <source>There is no kind of trip.</source>
        <translation>Es gibt keine Reiseart.</translation>
    </message>
    <message>
        <source>No row has hardware of one of the kinds.</source>
        <translation>Keine Zeile hat Teile einer der Arten.</translation>
    </message>
    <message>
        <source>Each kind needs at least one.</source>
        <translation>Jede Art braucht mindestens eine.</translation>
    </message>
    <message>
        <source>The envelope must rise.</source>
        <translation>Die Hüllkurve muss steigen.</translation>
    </message>
    <message>
        <source>Sort its points.</source>
        <translation>Die Punkte sortieren.</translation>
    </message>
    <message>
        <source>The usual colour of a negative is the first of its choices.</source>
        <translation>Die übliche Farbe eines Minusleiters ist die erste der Auswahl.</translation>
    </message>
    <message>
        <source>Put it first.</source>
        <translation>Sie zuerst nennen.</translation>
    </message>
    <message>
        <source>Rows must rise with the area.</source>
        <translation>Die Zeilen müssen mit dem Querschnitt steigen.</translation>
    </message>
    <message>
        <source>Sort the rows.</source>
        <translation>Die Zeilen sortieren.</translation>
    </message>
    <message>
        <source>There is no such ambient.</source>
        <translation>Es gibt keine solche Umgebung.</translation>
    </message>
    <message>
        <source>Name a row of ambients.json.</source>
        <translation>Eine Zeile aus ambients.json nennen.</translation>
    </message>
    <message>
        <source>There is no such place.</source>
        <translation>Es gibt keinen solchen Ort.</translation>
    </message>
    <message>
        <source>Name one of the places above.</source>
        <translation>Einen der Orte oben nennen.</translation>
    </message>
    <message>
        <source>A rule needs a source.</source>
        <translation>Eine Regel braucht eine Quelle.</translation>
    </message>
    <message>
        <source>A check needs a source.</source>
        <translation>Eine Prüfung braucht eine Quelle.</translation>
    </message>
    <message>
        <source>An option has nothing to choose.</source>
        <translation>Eine Option hat keine Auswahl.</translation>
    </message>
    <message>
        <source>Add its choices.</source>
        <translation>Ihre Auswahl hinzufügen.</translation>
    </message>
    <message>
        <source>There is no way of the kind &apos;{kind}&apos;.</source>
        <translation>Es gibt keine Anschlussart für &apos;{kind}&apos;.</translation>
    </message>
    <message>
        <source>{appliance}, energy per day</source>
        <translation>{appliance}, Energie pro Tag</translation>
    </message>
    <message>
        <source>E = n · (P · t + P_s · (24 h − t))</source>
        <translation>E = n · (P · t + P_s · (24 h − t))</translation>
    </message>
    <message>
        <source>how many</source>
        <translation>wie viele</translation>
    </message>
    <message>
        <source>power while on, measured</source>
        <translation>Leistung im Betrieb, gemessen</translation>
    </message>
    <message>
        <source>power while on, from the rating plate</source>
        <translation>Leistung im Betrieb, vom Typenschild</translation>
    </message>
    <message>
        <source>t</source>
        <translation>t</translation>
    </message>
    <message>
        <source>time on per day, duty cycle included</source>
        <translation>Betriebszeit pro Tag, Einschaltdauer eingerechnet</translation>
    </message>
    <message>
        <source>P_s</source>
        <translation>P_s</translation>
    </message>
    <message>
        <source>standby for the rest of the day</source>
        <translation>Bereitschaft für den Rest des Tages</translation>
    </message>
    <message>
        <source>energy is power times time</source>
        <translation>Energie ist Leistung mal Zeit</translation>
    </message>
    <message>
        <source>From the rating plate, which is often wrong. Measure it and this figure follows.</source>
        <translation>Vom Typenschild, das oft falsch ist. Wird sie gemessen, folgt dieser Wert.</translation>
    </message>
    <message>
        <source>12 V appliances, energy per day</source>
        <translation>12-V-Verbraucher, Energie pro Tag</translation>
    </message>
    <message>
        <source>Mains appliances, energy per day at their sockets</source>
        <translation>Netzverbraucher, Energie pro Tag an ihren Steckdosen</translation>
    </message>
    <message>
        <source>sum over the appliances</source>
        <translation>Summe über die Verbraucher</translation>
    </message>
    <message>
        <source>{appliance} (alone)</source>
        <translation>{appliance} (allein)</translation>
    </message>
    <message>
        <source>Worst case on the inverter</source>
        <translation>Ungünstigster Fall am Wechselrichter</translation>
    </message>
    <message>
        <source>P = sum of what may run together + the largest that runs alone</source>
        <translation>P = Summe dessen, was zusammen laufen darf + der größte, der allein läuft</translation>
    </message>
    <message>
        <source>own arithmetic; what may run together is the person&apos;s decision</source>
        <translation>eigene Rechnung; was zusammen laufen darf, entscheidet die Person</translation>
    </message>
    <message>
        <source>With the largest starting surge on top: {watts}.</source>
        <translation>Mit dem größten Anlaufstoß dazu: {watts}.</translation>
    </message>
    <message>
        <source>Largest mains power at once, by the plan of the day</source>
        <translation>Größte gleichzeitige Netzleistung, nach dem Tagesplan</translation>
    </message>
    <message>
        <source>P = sum of what runs in the busiest quarter hour</source>
        <translation>P = Summe dessen, was in der stärksten Viertelstunde läuft</translation>
    </message>
    <message>
        <source>own arithmetic over the day&apos;s schedule</source>
        <translation>eigene Rechnung über den Tagesplan</translation>
    </message>
    <message>
        <source>Nothing runs on the mains.</source>
        <translation>Nichts läuft am Netz.</translation>
    </message>
    <message>
        <source>The quarter hour from {time}.</source>
        <translation>Die Viertelstunde ab {time}.</translation>
    </message>
    <message>
        <source>Remove what is not needed first.</source>
        <translation>Zuerst entfernen, was nicht gebraucht wird.</translation>
    </message>
    <message>
        <source>Shorten it.</source>
        <translation>Kürzen.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} appliances.</source>
        <translation>Ein Plan hat höchstens {n} Verbraucher.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} places.</source>
        <translation>Ein Plan hat höchstens {n} Orte.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} cable routes.</source>
        <translation>Ein Plan hat höchstens {n} Kabelwege.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} amendments.</source>
        <translation>Ein Plan hat höchstens {n} Änderungen.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} numbers of labels.</source>
        <translation>Ein Plan hat höchstens {n} Nummern von Beschriftungen.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} accepted findings.</source>
        <translation>Ein Plan hat höchstens {n} akzeptierte Befunde.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} sources.</source>
        <translation>Ein Plan hat höchstens {n} Quellen.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} inverters.</source>
        <translation>Ein Plan hat höchstens {n} Wechselrichter.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} supply points.</source>
        <translation>Ein Plan hat höchstens {n} Anschlusspunkte.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} variants.</source>
        <translation>Ein Plan hat höchstens {n} Varianten.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} spans of one appliance.</source>
        <translation>Ein Plan hat höchstens {n} Zeitspannen eines Verbrauchers.</translation>
    </message>
    <message>
        <source>A plan holds at most {n} entries of one kind of gear.</source>
        <translation>Ein Plan hat höchstens {n} Einträge einer Geräteart.</translation>
    </message>
    <message>
        <source>&apos;{name}&apos; is in the plan already.</source>
        <translation>&apos;{name}&apos; ist schon im Plan.</translation>
    </message>
    <message>
        <source>&apos;{name}&apos; has the id of library gear ({id}), which stays as it is: it is now {new}.</source>
        <translation>&apos;{name}&apos; hat die Kennung eines Bibliotheksgeräts ({id}), das bleibt, wie es ist: Die Kennung ist jetzt {new}.</translation>
    </message>
    <message>
        <source>&apos;{name}&apos; differs from the plan&apos;s own &apos;{old}&apos; ({id}), which stays as it is: the new one is {new}.</source>
        <translation>&apos;{name}&apos; unterscheidet sich vom eigenen Gerät &apos;{old}&apos; des Plans ({id}), das bleibt, wie es ist: Das neue ist {new}.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a length and a size.</source>
        <translation>&apos;{text}&apos; ist keine Länge mit Querschnitt.</translation>
    </message>
    <message>
        <source>Write it like &apos;6 m of 25 mm²&apos;, several separated by commas.</source>
        <translation>Etwa als &apos;6 m von 25 mm²&apos; schreiben, mehrere durch Kommas getrennt.</translation>
    </message>
    <message>
        <source>{length} of {size}</source>
        <translation>{length} von {size}</translation>
    </message>
    <message>
        <source>{first}, {second}</source>
        <translation>{first}, {second}</translation>
    </message>
    <message>
        <source>isolator</source>
        <translation>Trennschalter</translation>
    </message>
    <message>
        <source>joint on a terminal strip</source>
        <translation>Verbindung auf einer Klemmleiste</translation>
    </message>
    <message>
        <source>size of {id} set to {size}</source>
        <translation>Querschnitt von {id} auf {size} gesetzt</translation>
    </message>
    <message>
        <source>fuse of {id} set to {rating}</source>
        <translation>Sicherung von {id} auf {rating} gesetzt</translation>
    </message>
    <message>
        <source>length of {id} set to {length}</source>
        <translation>Länge von {id} auf {length} gesetzt</translation>
    </message>
    <message>
        <source>{device} inserted into {id}</source>
        <translation>{device} eingesetzt in {id}</translation>
    </message>
    <message>
        <source>fuse put in at the first end of {id}</source>
        <translation>Sicherung am ersten Ende von {id} eingesetzt</translation>
    </message>
    <message>
        <source>fuse put in at the second end of {id}</source>
        <translation>Sicherung am zweiten Ende von {id} eingesetzt</translation>
    </message>
    <message>
        <source>insulation of {id} set to {insulation}</source>
        <translation>Isolierung von {id} auf {insulation} gesetzt</translation>
    </message>
    <message>
        <source>{id} is: {model}</source>
        <translation>{id} ist: {model}</translation>
    </message>
    <message>
        <source>protection at the first end of {id} left out</source>
        <translation>Schutz am ersten Ende von {id} weggelassen</translation>
    </message>
    <message>
        <source>protection at the second end of {id} left out</source>
        <translation>Schutz am zweiten Ende von {id} weggelassen</translation>
    </message>
    <message>
        <source>first end of {id} moved to {terminal}</source>
        <translation>erstes Ende von {id} an {terminal} verlegt</translation>
    </message>
    <message>
        <source>second end of {id} moved to {terminal}</source>
        <translation>zweites Ende von {id} an {terminal} verlegt</translation>
    </message>
    <message>
        <source>fuse at the first end of {id} set {distance} from it</source>
        <translation>Sicherung am ersten Ende von {id} {distance} davon gesetzt</translation>
    </message>
    <message>
        <source>fuse at the second end of {id} set {distance} from it</source>
        <translation>Sicherung am zweiten Ende von {id} {distance} davon gesetzt</translation>
    </message>
    <message>
        <source>New plan</source>
        <translation>Neuer Plan</translation>
    </message>
    <message>
        <source>The id of a unit has no dot.</source>
        <translation>Die Kennung einer Einheit hat keinen Punkt.</translation>
    </message>
    <message>
        <source>Use &apos;_&apos; or &apos;-&apos; instead.</source>
        <translation>Stattdessen &apos;_&apos; oder &apos;-&apos; verwenden.</translation>
    </message>
    <message>
        <source>Spirk itself calls something &apos;{id}&apos;.</source>
        <translation>Spirk selbst nennt etwas &apos;{id}&apos;.</translation>
    </message>
    <message>
        <source>Give the unit another id, there and where it is named.</source>
        <translation>Der Einheit eine andere Kennung geben, dort und wo sie genannt ist.</translation>
    </message>
    <message>
        <source>The id &apos;{id}&apos; is used twice.</source>
        <translation>Die Kennung &apos;{id}&apos; ist doppelt vergeben.</translation>
    </message>
    <message>
        <source>Give each sensor of a monitor an id of its own.</source>
        <translation>Jedem Sensor einer Anzeige eine eigene Kennung geben.</translation>
    </message>
    <message>
        <source>Give each unit an id of its own, whichever list it is in.</source>
        <translation>Jeder Einheit eine eigene Kennung geben, in welcher Liste sie auch steht.</translation>
    </message>
    <message>
        <source>A plan has a bank.</source>
        <translation>Ein Plan hat eine Bank.</translation>
    </message>
    <message>
        <source>A plan has a rail that its bank feeds.</source>
        <translation>Ein Plan hat Schienen, die seine Bank speist.</translation>
    </message>
    <message>
        <source>The id &apos;{id}&apos; can&apos;t be used.</source>
        <translation>Die Kennung &apos;{id}&apos; ist nicht verwendbar.</translation>
    </message>
    <message>
        <source>Use letters, digits, &apos;.&apos;, &apos;_&apos; and &apos;-&apos;, at most 100 bytes.</source>
        <translation>Buchstaben, Ziffern, &apos;.&apos;, &apos;_&apos; und &apos;-&apos; verwenden, höchstens 100 Bytes.</translation>
    </message>
    <message>
        <source>The id of a supply point has no dot.</source>
        <translation>Die Kennung eines Anschlusspunkts hat keinen Punkt.</translation>
    </message>
    <message>
        <source>A terminal is written device:port.</source>
        <translation>Ein Anschluss wird als Gerät:Anschluss geschrieben.</translation>
    </message>
    <message>
        <source>Write it like &apos;bus.neg:bar&apos;.</source>
        <translation>Etwa als &apos;bus.neg:bar&apos; schreiben.</translation>
    </message>
    <message>
        <source>Give each entry an id of its own.</source>
        <translation>Jedem Eintrag eine eigene Kennung geben.</translation>
    </message>
    <message>
        <source>The number {n} is on two conductors: &apos;{first}&apos; and &apos;{second}&apos;.</source>
        <translation>Die Nummer {n} steht an zwei Leitungen: &apos;{first}&apos; und &apos;{second}&apos;.</translation>
    </message>
    <message>
        <source>Give one of them another number, and write it on its labels.</source>
        <translation>Einer von ihnen eine andere Nummer geben, und sie auf ihre Beschriftung schreiben.</translation>
    </message>
    <message>
        <source>An accepted finding needs a reason.</source>
        <translation>Ein akzeptierter Befund braucht eine Begründung.</translation>
    </message>
    <message>
        <source>Write one.</source>
        <translation>Eine schreiben.</translation>
    </message>
    <message>
        <source>This is not a Spirk plan.</source>
        <translation>Das ist kein Spirk-Plan.</translation>
    </message>
    <message>
        <source>Choose a .spirk file.</source>
        <translation>Eine .spirk-Datei wählen.</translation>
    </message>
    <message>
        <source>The format version is not a whole number.</source>
        <translation>Die Formatversion ist keine ganze Zahl.</translation>
    </message>
    <message>
        <source>Restore the file from a copy.</source>
        <translation>Die Datei aus einer Kopie wiederherstellen.</translation>
    </message>
    <message>
        <source>This plan was written by a newer version of Spirk.</source>
        <translation>Dieser Plan wurde von einer neueren Spirk-Version geschrieben.</translation>
    </message>
    <message>
        <source>Open it with that version; the file was left as it is.</source>
        <translation>Mit jener Version öffnen; die Datei blieb unverändert.</translation>
    </message>
    <message>
        <source>The fuse family &apos;{id}&apos; is not known.</source>
        <translation>Die Sicherungsfamilie &apos;{id}&apos; ist nicht bekannt.</translation>
    </message>
    <message>
        <source>The library has gear of the id &apos;{id}&apos; already.</source>
        <translation>Die Bibliothek hat schon ein Gerät mit der Kennung &apos;{id}&apos;.</translation>
    </message>
    <message>
        <source>Give your own another id, there and where it is chosen.</source>
        <translation>Dem eigenen eine andere Kennung geben, dort und wo es gewählt ist.</translation>
    </message>
    <message>
        <source>a limit for a hand meter</source>
        <translation>ein Grenzwert für ein Handmessgerät</translation>
    </message>
    <message>
        <source>Judgement: {reason}</source>
        <translation>Einschätzung: {reason}</translation>
    </message>
    <message>
        <source>Resistance from plus to minus behind each fuse, loads switched off. A reading that climbs is a capacitor charging; one that stays near zero is a short circuit: find it before any fuse goes in.</source>
        <translation>Widerstand von Plus nach Minus hinter jeder Sicherung, Verbraucher ausgeschaltet. Ein steigender Wert ist ein Kondensator, der sich lädt; einer, der nahe null bleibt, ein Kurzschluss: Ihn finden, bevor eine Sicherung eingesetzt wird.</translation>
    </message>
    <message>
        <source>resistance behind each fuse</source>
        <translation>Widerstand hinter jeder Sicherung</translation>
    </message>
    <message>
        <source>{stud}: {torque}</source>
        <translation>{stud}: {torque}</translation>
    </message>
    <message>
        <source>Every nut tightened to its maker&apos;s torque and marked; covers on live terminals.</source>
        <translation>Jede Mutter mit dem Drehmoment des Herstellers angezogen und markiert; Abdeckungen auf allen Klemmen unter Spannung.</translation>
    </message>
    <message>
        <source>Where the maker gives none, for dry brass: {torques}.</source>
        <translation>Wo der Hersteller keines nennt, für trockenes Messing: {torques}.</translation>
    </message>
    <message>
        <source>Resistance behind a fuse, least</source>
        <translation>Widerstand hinter einer Sicherung, mindestens</translation>
    </message>
    <message>
        <source>loads that are switched off read far above this, a short circuit far below.</source>
        <translation>ausgeschaltete Verbraucher zeigen weit mehr, ein Kurzschluss weit weniger.</translation>
    </message>
    <message>
        <source>All fuses out, main switch off, every isolator open, inverter and loads off, engine stopped.</source>
        <translation>Alle Sicherungen heraus, Hauptschalter aus, alle Trennschalter offen, Wechselrichter und Verbraucher aus, Motor aus.</translation>
    </message>
    <message>
        <source>Rings and watch off, insulated tools, one cover off at a time, a second person near. A spanner across a battery welds and burns.</source>
        <translation>Ringe und Uhr ablegen, isoliertes Werkzeug, immer nur eine Abdeckung öffnen, eine zweite Person in der Nähe. Ein Schraubenschlüssel über den Batteriepolen verschweißt und verbrennt.</translation>
    </message>
    <message>
        <source>Polarity at each device: follow each lead by its label from end to end; {positive} to plus, {negative} to minus. The shunt&apos;s battery side faces the bank.</source>
        <translation>Polarität an jedem Gerät: jede Leitung nach ihrer Beschriftung von Ende zu Ende verfolgen; {positive} an Plus, {negative} an Minus. Die Batterieseite des Shunts zeigt zur Bank.</translation>
    </message>
    <message>
        <source>at step {n} of switching on</source>
        <translation>bei Schritt {n} des Einschaltens</translation>
    </message>
    <message>
        <source>Expected {reading}</source>
        <translation>Erwartet: {reading}</translation>
    </message>
    <message>
        <source>rest voltage of the bank at {charge} charge</source>
        <translation>Ruhespannung der Bank bei {charge} Ladung</translation>
    </message>
    <message>
        <source>voltage at {device}, {from} to {to}</source>
        <translation>Spannung an {device}, {from} nach {to}</translation>
    </message>
    <message>
        <source>network solved at this step</source>
        <translation>bei diesem Schritt gelöstes Netz</translation>
    </message>
    <message>
        <source>V ± d</source>
        <translation>V ± d</translation>
    </message>
    <message>
        <source>what the converter holds at this step</source>
        <translation>was der Spannungswandler bei diesem Schritt hält</translation>
    </message>
    <message>
        <source>d</source>
        <translation>d</translation>
    </message>
    <message>
        <source>tolerance of a converter&apos;s setting</source>
        <translation>Toleranz der Einstellung eines Spannungswandlers</translation>
    </message>
    <message>
        <source>judgement</source>
        <translation>Einschätzung</translation>
    </message>
    <message>
        <source>no path from a source to this place yet</source>
        <translation>noch kein Pfad von einer Quelle hierher</translation>
    </message>
    <message>
        <source>A meter may show a few hundredths of a volt.</source>
        <translation>Ein Messgerät kann einige Hundertstel Volt anzeigen.</translation>
    </message>
    <message>
        <source>I ± the larger of d and p · I</source>
        <translation>I ± das Größere von d und p · I</translation>
    </message>
    <message>
        <source>current at this step</source>
        <translation>Strom bei diesem Schritt</translation>
    </message>
    <message>
        <source>least that a clamp meter resolves</source>
        <translation>das Kleinste, was eine Stromzange auflöst</translation>
    </message>
    <message>
        <source>p</source>
        <translation>p</translation>
    </message>
    <message>
        <source>tolerance of clamp meter and rating plate</source>
        <translation>Toleranz von Stromzange und Typenschild</translation>
    </message>
    <message>
        <source>current in full sun</source>
        <translation>Strom in voller Sonne</translation>
    </message>
    <message>
        <source>allowance for a bright, cold day</source>
        <translation>Zuschlag für einen hellen, kalten Tag</translation>
    </message>
    <message>
        <source>Run the largest loads for half an hour, then check every joint with an infrared thermometer. A joint warmer than its cable is loose or badly crimped: switch off, prove dead, remake it.</source>
        <translation>Die größten Verbraucher eine halbe Stunde laufen lassen, dann jede Verbindung mit einem Infrarotthermometer prüfen. Eine Verbindung, die wärmer ist als ihr Kabel, ist locker oder schlecht gecrimpt: ausschalten, Spannungsfreiheit feststellen, neu machen.</translation>
    </message>
    <message>
        <source>Do not touch live joints.</source>
        <translation>Keine unter Spannung stehenden Anschlüsse berühren.</translation>
    </message>
    <message>
        <source>Spirk plans and checks; it certifies nothing. Makers&apos; manuals and local codes come first; mains work is for a licensed electrician.</source>
        <translation>Spirk plant und prüft, es bescheinigt nichts. Herstelleranleitungen und örtliche Vorschriften gehen vor; Netzarbeiten macht eine Elektrofachkraft.</translation>
    </message>
    <message>
        <source>Expected a group of fields in braces.</source>
        <translation>Eine Gruppe von Feldern in geschweiften Klammern erwartet.</translation>
    </message>
    <message>
        <source>Check this place.</source>
        <translation>Diese Stelle prüfen.</translation>
    </message>
    <message>
        <source>This field is missing.</source>
        <translation>Dieses Feld fehlt.</translation>
    </message>
    <message>
        <source>Add it, or restore the file from a copy.</source>
        <translation>Hinzufügen, oder die Datei aus einer Kopie wiederherstellen.</translation>
    </message>
    <message>
        <source>Expected a number.</source>
        <translation>Eine Zahl erwartet.</translation>
    </message>
    <message>
        <source>Write a plain number without quotes.</source>
        <translation>Eine einfache Zahl ohne Anführungszeichen schreiben.</translation>
    </message>
    <message>
        <source>The number {number} is out of range.</source>
        <translation>Die Zahl {number} liegt außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Use {low} to {high}.</source>
        <translation>{low} bis {high} verwenden.</translation>
    </message>
    <message>
        <source>Expected a whole number.</source>
        <translation>Eine ganze Zahl erwartet.</translation>
    </message>
    <message>
        <source>Leave the fraction out.</source>
        <translation>Den Bruchteil weglassen.</translation>
    </message>
    <message>
        <source>Expected text.</source>
        <translation>Text erwartet.</translation>
    </message>
    <message>
        <source>Write it in quotes.</source>
        <translation>In Anführungszeichen schreiben.</translation>
    </message>
    <message>
        <source>Expected true or false.</source>
        <translation>true oder false erwartet.</translation>
    </message>
    <message>
        <source>Write true or false without quotes.</source>
        <translation>true oder false ohne Anführungszeichen schreiben.</translation>
    </message>
    <message>
        <source>Expected a list of numbers.</source>
        <translation>Eine Liste von Zahlen erwartet.</translation>
    </message>
    <message>
        <source>Write them in square brackets.</source>
        <translation>In eckigen Klammern schreiben.</translation>
    </message>
    <message>
        <source>Expected {n} numbers.</source>
        <translation>{n} Zahlen erwartet.</translation>
    </message>
    <message>
        <source>Complete the list.</source>
        <translation>Die Liste vervollständigen.</translation>
    </message>
    <message>
        <source>Expected a list of texts.</source>
        <translation>Eine Liste von Texten erwartet.</translation>
    </message>
    <message>
        <source>Write them in quotes, in square brackets.</source>
        <translation>In Anführungszeichen und eckigen Klammern schreiben.</translation>
    </message>
    <message>
        <source>Expected a list.</source>
        <translation>Eine Liste erwartet.</translation>
    </message>
    <message>
        <source>Write it in square brackets.</source>
        <translation>In eckigen Klammern schreiben.</translation>
    </message>
    <message>
        <source>The list has {n} entries; at most {most} are read.</source>
        <translation>Die Liste hat {n} Einträge; höchstens {most} werden gelesen.</translation>
    </message>
    <message>
        <source>Remove what is not needed.</source>
        <translation>Entfernen, was nicht gebraucht wird.</translation>
    </message>
    <message>
        <source>&apos;{given}&apos; is not known here.</source>
        <translation>&apos;{given}&apos; ist hier nicht bekannt.</translation>
    </message>
    <message>
        <source>The group has {n} fields; at most {most} are read.</source>
        <translation>Die Gruppe hat {n} Felder; höchstens {most} werden gelesen.</translation>
    </message>
    <message>
        <source>More than {n} fields of this file are not known to this version.</source>
        <translation>Mehr als {n} Felder dieser Datei sind dieser Version nicht bekannt.</translation>
    </message>
    <message>
        <source>Is it a plan? Open it with the version that wrote it.</source>
        <translation>Ist es ein Plan? Mit der Version öffnen, die ihn geschrieben hat.</translation>
    </message>
    <message>
        <source>This field is not known to this version.</source>
        <translation>Dieses Feld ist dieser Version nicht bekannt.</translation>
    </message>
    <message>
        <source>Open the file with the version that wrote it, or remove the field.</source>
        <translation>Die Datei mit der Version öffnen, die sie geschrieben hat, oder das Feld entfernen.</translation>
    </message>
    <message>
        <source>This text is longer than {n} bytes.</source>
        <translation>Dieser Text ist länger als {n} Bytes.</translation>
    </message>
    <message>
        <source>({n} more problem in this file.)</source>
        <translation>({n} weiteres Problem in dieser Datei.)</translation>
    </message>
    <message>
        <source>({n} more problems in this file.)</source>
        <translation>({n} weitere Probleme in dieser Datei.)</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a length.</source>
        <translation>&apos;{text}&apos; ist keine Länge.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range for a length.</source>
        <translation>&apos;{text}&apos; ist als Länge außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write it like &apos;1.5 m&apos;, &apos;150 cm&apos; or &apos;5 ft&apos;.</source>
        <translation>Etwa als &apos;1,5 m&apos;, &apos;150 cm&apos; oder &apos;5 ft&apos; schreiben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a cable size.</source>
        <translation>&apos;{text}&apos; ist kein Kabelquerschnitt.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range for a cable size.</source>
        <translation>&apos;{text}&apos; ist als Kabelquerschnitt außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write it like &apos;16 mm2&apos;, &apos;4 AWG&apos; or &apos;2/0&apos;.</source>
        <translation>Etwa als &apos;16 mm2&apos;, &apos;4 AWG&apos; oder &apos;2/0&apos; schreiben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a power.</source>
        <translation>&apos;{text}&apos; ist keine Leistung.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range for a power.</source>
        <translation>&apos;{text}&apos; ist als Leistung außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write it like &apos;60 W&apos; or &apos;1.2 kW&apos;.</source>
        <translation>Etwa als &apos;60 W&apos; oder &apos;1,2 kW&apos; schreiben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a time.</source>
        <translation>&apos;{text}&apos; ist keine Zeit.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range for a time.</source>
        <translation>&apos;{text}&apos; ist als Zeit außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write it like &apos;1.5 h&apos;, &apos;90 min&apos; or &apos;1:30&apos;, up to 24 h.</source>
        <translation>Etwa als &apos;1,5 h&apos;, &apos;90 min&apos; oder &apos;1:30&apos; schreiben, bis 24 h.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a current.</source>
        <translation>&apos;{text}&apos; ist kein Strom.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range for a current.</source>
        <translation>&apos;{text}&apos; ist als Strom außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write it like &apos;30 A&apos;.</source>
        <translation>Etwa als &apos;30 A&apos; schreiben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a voltage.</source>
        <translation>&apos;{text}&apos; ist keine Spannung.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range for a voltage.</source>
        <translation>&apos;{text}&apos; ist als Spannung außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write it like &apos;12.8 V&apos;.</source>
        <translation>Etwa als &apos;12,8 V&apos; schreiben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a capacity.</source>
        <translation>&apos;{text}&apos; ist keine Kapazität.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range for a capacity.</source>
        <translation>&apos;{text}&apos; ist als Kapazität außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write it like &apos;150 Ah&apos;.</source>
        <translation>Etwa als &apos;150 Ah&apos; schreiben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a temperature.</source>
        <translation>&apos;{text}&apos; ist keine Temperatur.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range for a temperature.</source>
        <translation>&apos;{text}&apos; ist als Temperatur außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write it like &apos;25 °C&apos; or &apos;77 °F&apos;.</source>
        <translation>Etwa als &apos;25 °C&apos; oder &apos;77 °F&apos; schreiben.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is not a number.</source>
        <translation>&apos;{text}&apos; ist keine Zahl.</translation>
    </message>
    <message>
        <source>&apos;{text}&apos; is out of range here.</source>
        <translation>&apos;{text}&apos; liegt hier außerhalb des Bereichs.</translation>
    </message>
    <message>
        <source>Write a number from {low} to {high}.</source>
        <translation>Eine Zahl von {low} bis {high} schreiben.</translation>
    </message>
    <message>
        <source>This field&apos;s name is longer than {n} bytes.</source>
        <translation>Der Name dieses Felds ist länger als {n} Bytes.</translation>
    </message>
    <message>
        <source>The field &apos;{name}&apos; appears twice in one group.</source>
        <translation>Das Feld &apos;{name}&apos; steht zweimal in einer Gruppe.</translation>
    </message>
    <message>
        <source>Remove one of the two: Spirk does not guess which one counts.</source>
        <translation>Eines der beiden entfernen: Spirk rät nicht, welches zählt.</translation>
    </message>
    <message>
        <source>This is not complete, valid JSON: {why}.</source>
        <translation>Das ist kein vollständiges, gültiges JSON: {why}.</translation>
    </message>
    <message>
        <source>Restore the file from a copy; this one was left as it is.</source>
        <translation>Die Datei aus einer Kopie wiederherstellen; diese blieb unverändert.</translation>
    </message>
    <message>
        <source>Groups and lists are nested more than {n} deep here.</source>
        <translation>Gruppen und Listen sind hier tiefer als {n} verschachtelt.</translation>
    </message>
    <message>
        <source>Remove what does not belong to a plan; no plan nests that deep.</source>
        <translation>Entfernen, was nicht in einen Plan gehört; kein Plan ist so tief verschachtelt.</translation>
    </message>
    <message>
        <source>and {n} more problem</source>
        <translation>und {n} weiteres Problem</translation>
    </message>
    <message>
        <source>and {n} more problems</source>
        <translation>und {n} weitere Probleme</translation>
    </message>
    <message>
        <source>Inverter, losses per day</source>
        <translation>Wechselrichter, Verluste pro Tag</translation>
    </message>
    <message>
        <source>E = P_n a · t_on + Σ (b P + c P²/P_n) · t</source>
        <translation>E = P_n a · t_on + Σ (b P + c P²/P_n) · t</translation>
    </message>
    <message>
        <source>P_n</source>
        <translation>P_n</translation>
    </message>
    <message>
        <source>inverter&apos;s rating</source>
        <translation>Nennleistung des Wechselrichters</translation>
    </message>
    <message>
        <source>P_n a</source>
        <translation>P_n a</translation>
    </message>
    <message>
        <source>idle draw</source>
        <translation>Leerlaufaufnahme</translation>
    </message>
    <message>
        <source>loss coefficients of &apos;{inverter}&apos; in the library</source>
        <translation>Verlustbeiwerte von &apos;{inverter}&apos; in der Bibliothek</translation>
    </message>
    <message>
        <source>t_on</source>
        <translation>t_on</translation>
    </message>
    <message>
        <source>switched on per day (at least while mains appliances run)</source>
        <translation>pro Tag eingeschaltet (mindestens, solange Netzverbraucher laufen)</translation>
    </message>
    <message>
        <source>conversion loss while appliances run</source>
        <translation>Wandlungsverlust, solange Verbraucher laufen</translation>
    </message>
    <message>
        <source>each appliance by itself</source>
        <translation>jeder Verbraucher für sich</translation>
    </message>
    <message>
        <source>loss / P_n = a + b p + c p², typical inverter (common practice)</source>
        <translation>Verlust / P_n = a + b p + c p², typischer Wechselrichter (gängige Praxis)</translation>
    </message>
    <message>
        <source>Switching it off when it is not needed saves {energy} per day.</source>
        <translation>Ausschalten bei Nichtgebrauch spart {energy} pro Tag.</translation>
    </message>
    <message>
        <source>E_idle</source>
        <translation>E_idle</translation>
    </message>
    <message>
        <source>idle draw of: {inverter}</source>
        <translation>Leerlaufaufnahme: {inverter}</translation>
    </message>
    <message>
        <source>E = P_n a · t_on + Σ (b P + c P²/P_n) · t + Σ E_idle</source>
        <translation>E = P_n a · t_on + Σ (b P + c P²/P_n) · t + Σ E_idle</translation>
    </message>
    <message>
        <source>Converter, losses per day</source>
        <translation>Spannungswandler, Verluste pro Tag</translation>
    </message>
    <message>
        <source>E = E_12 (1/η − 1)</source>
        <translation>E = E_12 (1/η − 1)</translation>
    </message>
    <message>
        <source>E_12</source>
        <translation>E_12</translation>
    </message>
    <message>
        <source>12 V appliances behind it, per day</source>
        <translation>12-V-Verbraucher dahinter, pro Tag</translation>
    </message>
    <message>
        <source>the sum of those appliances in Needs</source>
        <translation>Summe dieser Verbraucher unter Bedarf</translation>
    </message>
    <message>
        <source>converters of the library, or your own</source>
        <translation>Spannungswandler der Bibliothek, oder eigene</translation>
    </message>
    <message>
        <source>{first} + {second}</source>
        <translation>{first} + {second}</translation>
    </message>
    <message>
        <source>Drawn from the bank per day</source>
        <translation>Aus der Bank entnommen pro Tag</translation>
    </message>
    <message>
        <source>E_dc</source>
        <translation>E_dc</translation>
    </message>
    <message>
        <source>DC appliances</source>
        <translation>DC-Verbraucher</translation>
    </message>
    <message>
        <source>E_vehicle</source>
        <translation>E_vehicle</translation>
    </message>
    <message>
        <source>of these, fed by the vehicle&apos;s own battery: subtracted</source>
        <translation>davon aus der Batterie des Fahrzeugs gespeist: abgezogen</translation>
    </message>
    <message>
        <source>E_converter</source>
        <translation>E_converter</translation>
    </message>
    <message>
        <source>converter&apos;s losses</source>
        <translation>Verluste des Spannungswandlers</translation>
    </message>
    <message>
        <source>E_mains</source>
        <translation>E_mains</translation>
    </message>
    <message>
        <source>mains appliances</source>
        <translation>Netzverbraucher</translation>
    </message>
    <message>
        <source>E_inverter</source>
        <translation>E_inverter</translation>
    </message>
    <message>
        <source>inverter&apos;s losses</source>
        <translation>Verluste des Wechselrichters</translation>
    </message>
    <message>
        <source>There is no inverter: mains appliances are not supplied from the bank.</source>
        <translation>Es gibt keinen Wechselrichter: Netzverbraucher werden nicht aus der Bank versorgt.</translation>
    </message>
    <message>
        <source>E_monitor</source>
        <translation>E_monitor</translation>
    </message>
    <message>
        <source>displays and gauges, all day</source>
        <translation>Anzeigen und Instrumente, den ganzen Tag</translation>
    </message>
    <message>
        <source>their power over 24 h</source>
        <translation>ihre Leistung über 24 h</translation>
    </message>
    <message>
        <source>E_heater</source>
        <translation>E_heater</translation>
    </message>
    <message>
        <source>heaters of the batteries, an eighth of a frosty day</source>
        <translation>Heizungen der Batterien, ein Achtel eines Frosttags</translation>
    </message>
    <message>
        <source>their power over 24 h in the trip&apos;s coldest month (common practice)</source>
        <translation>ihre Leistung über 24 h im kältesten Reisemonat (gängige Praxis)</translation>
    </message>
    <message>
        <source>E = {sum}</source>
        <translation>E = {sum}</translation>
    </message>
    <message>
        <source>January</source>
        <translation>Januar</translation>
    </message>
    <message>
        <source>February</source>
        <translation>Februar</translation>
    </message>
    <message>
        <source>March</source>
        <translation>März</translation>
    </message>
    <message>
        <source>April</source>
        <translation>April</translation>
    </message>
    <message>
        <source>May</source>
        <translation>Mai</translation>
    </message>
    <message>
        <source>June</source>
        <translation>Juni</translation>
    </message>
    <message>
        <source>July</source>
        <translation>Juli</translation>
    </message>
    <message>
        <source>August</source>
        <translation>August</translation>
    </message>
    <message>
        <source>September</source>
        <translation>September</translation>
    </message>
    <message>
        <source>October</source>
        <translation>Oktober</translation>
    </message>
    <message>
        <source>November</source>
        <translation>November</translation>
    </message>
    <message>
        <source>December</source>
        <translation>Dezember</translation>
    </message>
    <message>
        <source>Solar yield into the bank, average day of {month}</source>
        <translation>Solarertrag in die Bank, mittlerer Tag: {month}</translation>
    </message>
    <message>
        <source>monthly means; a dull week gives far less</source>
        <translation>Monatsmittel; eine trübe Woche bringt weit weniger</translation>
    </message>
    <message>
        <source>Under trees: down to half.</source>
        <translation>Unter Bäumen: bis zur Hälfte weniger.</translation>
    </message>
    <message>
        <source>E = P · h · f · (1 − cut) · t</source>
        <translation>E = P · h · f · (1 − cut) · t</translation>
    </message>
    <message>
        <source>E = P · h · f · (1 − cut)</source>
        <translation>E = P · h · f · (1 − cut)</translation>
    </message>
    <message>
        <source>panels at standard test conditions</source>
        <translation>Module bei Standard-Testbedingungen</translation>
    </message>
    <message>
        <source>h</source>
        <translation>h</translation>
    </message>
    <message>
        <source>sun on a level roof, in hours at 1 kW/m²</source>
        <translation>Sonne auf einem ebenen Dach, in Stunden mit 1 kW/m²</translation>
    </message>
    <message>
        <source>system factor</source>
        <translation>Systemfaktor</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>cut</translation>
    </message>
    <message>
        <source>share above the controller&apos;s limit</source>
        <translation>Anteil über der Grenze des Reglers</translation>
    </message>
    <message>
        <source>average day as a half sine of ten bright hours (judgement)</source>
        <translation>mittlerer Tag als Halbsinus von zehn hellen Stunden (Einschätzung)</translation>
    </message>
    <message>
        <source>sum of the arrays, each: E = P · h · f · (1 − cut)</source>
        <translation>Summe der Modulgruppen, je: E = P · h · f · (1 − cut)</translation>
    </message>
    <message>
        <source>{watts} on the {controller}</source>
        <translation>{watts} am Regler ({controller})</translation>
    </message>
    <message>
        <source>Panels needed to get through the leanest month on sun alone</source>
        <translation>Nötige Module, um den schwächsten Monat allein mit Sonne zu überstehen</translation>
    </message>
    <message>
        <source>P = E_day / (h · f · η)</source>
        <translation>P = E_day / (h · f · η)</translation>
    </message>
    <message>
        <source>E_day</source>
        <translation>E_day</translation>
    </message>
    <message>
        <source>drawn from the bank per day</source>
        <translation>aus der Bank entnommen pro Tag</translation>
    </message>
    <message>
        <source>sun on a level roof in the leanest month of the trip</source>
        <translation>Sonne auf einem ebenen Dach im schwächsten Reisemonat</translation>
    </message>
    <message>
        <source>charge efficiency of the bank</source>
        <translation>Ladewirkungsgrad der Bank</translation>
    </message>
    <message>
        <source>own arithmetic from monthly means</source>
        <translation>eigene Rechnung aus Monatsmitteln</translation>
    </message>
    <message>
        <source>There is no sun in that month: no panels are enough.</source>
        <translation>In diesem Monat scheint keine Sonne: Keine Module genügen.</translation>
    </message>
    <message>
        <source>series</source>
        <translation>Reihe</translation>
    </message>
    <message>
        <source>in a string</source>
        <translation>in einem Strang</translation>
    </message>
    <message>
        <source>parallel</source>
        <translation>parallel</translation>
    </message>
    <message>
        <source>strings</source>
        <translation>Stränge</translation>
    </message>
    <message>
        <source>P_panel</source>
        <translation>P_Modul</translation>
    </message>
    <message>
        <source>Panels chosen</source>
        <translation>Gewählte Module</translation>
    </message>
    <message>
        <source>P = series · parallel · P_panel</source>
        <translation>P = Reihe · parallel · P_Modul</translation>
    </message>
    <message>
        <source>sum of the arrays, each: P = series · parallel · P_panel</source>
        <translation>Summe der Modulgruppen, je: P = Reihe · parallel · P_Modul</translation>
    </message>
    <message>
        <source>controller&apos;s output</source>
        <translation>Ausgangsstrom des Reglers</translation>
    </message>
    <message>
        <source>controller&apos;s efficiency</source>
        <translation>Wirkungsgrad des Reglers</translation>
    </message>
    <message>
        <source>Most panel power the controller can use</source>
        <translation>Größte Modulleistung, die der Regler nutzen kann</translation>
    </message>
    <message>
        <source>Most panel power the controllers can use</source>
        <translation>Größte Modulleistung, die die Regler nutzen können</translation>
    </message>
    <message>
        <source>P = I_max · V / η</source>
        <translation>P = I_max · V / η</translation>
    </message>
    <message>
        <source>sum of the controllers, each: P = I_max · V / η</source>
        <translation>Summe der Regler, je: P = I_max · V / η</translation>
    </message>
    <message>
        <source>Solar yield into the bank in the leanest month of the trip</source>
        <translation>Solarertrag in die Bank im schwächsten Reisemonat</translation>
    </message>
    <message>
        <source>the smallest of the trip&apos;s months</source>
        <translation>der kleinste der Reisemonate</translation>
    </message>
    <message>
        <source>average day</source>
        <translation>mittlerer Tag</translation>
    </message>
    <message>
        <source>There are no panels.</source>
        <translation>Es gibt keine Module.</translation>
    </message>
    <message>
        <source>Bank needed, usable energy</source>
        <translation>Nötige Bank, nutzbare Energie</translation>
    </message>
    <message>
        <source>E = E_day · days</source>
        <translation>E = E_day · Tage</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tage</translation>
    </message>
    <message>
        <source>days the bank must last by itself</source>
        <translation>Tage, die die Bank allein reichen muss</translation>
    </message>
    <message>
        <source>Share of the rated capacity in the trip&apos;s coldest month</source>
        <translation>Anteil der Nennkapazität im kältesten Reisemonat</translation>
    </message>
    <message>
        <source>k = from the chemistry&apos;s table at the bank&apos;s temperature</source>
        <translation>k = aus der Tabelle der Zellchemie bei der Temperatur der Bank</translation>
    </message>
    <message>
        <source>mean of the coldest month of the trip, in a van that nobody heats</source>
        <translation>Mittel des kältesten Reisemonats, in einem ungeheizten Fahrzeug</translation>
    </message>
    <message>
        <source>table of chemistries</source>
        <translation>Tabelle der Zellchemien</translation>
    </message>
    <message>
        <source>A bank in the heated living space has more.</source>
        <translation>Eine Bank im geheizten Wohnraum hat mehr.</translation>
    </message>
    <message>
        <source>batteries in parallel</source>
        <translation>Batterien parallel</translation>
    </message>
    <message>
        <source>rated capacity of one</source>
        <translation>Nennkapazität einer einzelnen</translation>
    </message>
    <message>
        <source>bank of strings that differ</source>
        <translation>Bank aus ungleichen Strängen</translation>
    </message>
    <message>
        <source>sum of its strings, less loss by age</source>
        <translation>Summe ihrer Stränge, ohne den Verlust durch Alter</translation>
    </message>
    <message>
        <source>nominal voltage, pole to pole</source>
        <translation>Nennspannung von Pol zu Pol</translation>
    </message>
    <message>
        <source>u</source>
        <translation>u</translation>
    </message>
    <message>
        <source>usable share</source>
        <translation>nutzbarer Anteil</translation>
    </message>
    <message>
        <source>share available in the cold</source>
        <translation>in der Kälte verfügbarer Anteil</translation>
    </message>
    <message>
        <source>Bank chosen, usable energy</source>
        <translation>Gewählte Bank, nutzbare Energie</translation>
    </message>
    <message>
        <source>Banks chosen, usable energy together</source>
        <translation>Gewählte Bänke, nutzbare Energie zusammen</translation>
    </message>
    <message>
        <source>A higher usable share gives more days, but fewer cycles in the battery&apos;s life.</source>
        <translation>Ein höherer nutzbarer Anteil gibt mehr Tage, aber weniger Zyklen im Leben der Batterie.</translation>
    </message>
    <message>
        <source>days = E_usable / E_day</source>
        <translation>Tage = E_usable / E_day</translation>
    </message>
    <message>
        <source>E_usable</source>
        <translation>E_usable</translation>
    </message>
    <message>
        <source>usable energy of the bank</source>
        <translation>nutzbare Energie der Bank</translation>
    </message>
    <message>
        <source>From a full bank, without sun, engine or shore power.</source>
        <translation>Von voller Bank, ohne Sonne, Motor und Landstrom.</translation>
    </message>
    <message>
        <source>Most the alternator should give, as current into the bank</source>
        <translation>Das Höchste, was die Lichtmaschine geben soll, als Strom in die Bank</translation>
    </message>
    <message>
        <source>I = share · I_alt · η · V_in / V_out</source>
        <translation>I = Anteil · I_alt · η · V_in / V_out</translation>
    </message>
    <message>
        <source>share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>of the rating, on the road</source>
        <translation>am Nennstrom, auf der Straße</translation>
    </message>
    <message>
        <source>I_alt</source>
        <translation>I_alt</translation>
    </message>
    <message>
        <source>alternator&apos;s rating</source>
        <translation>Nennstrom der Lichtmaschine</translation>
    </message>
    <message>
        <source>charger&apos;s efficiency</source>
        <translation>Wirkungsgrad des Ladegeräts</translation>
    </message>
    <message>
        <source>at the charger&apos;s input</source>
        <translation>am Eingang des Ladegeräts</translation>
    </message>
    <message>
        <source>up to half of the rating on the road (common practice)</source>
        <translation>bis zur Hälfte des Nennstroms auf der Straße (gängige Praxis)</translation>
    </message>
    <message>
        <source>Engine charging needed in the leanest month</source>
        <translation>Nötiges Laden vom Motor im schwächsten Monat</translation>
    </message>
    <message>
        <source>E_sun</source>
        <translation>E_sun</translation>
    </message>
    <message>
        <source>sun on an average day of the leanest month</source>
        <translation>Sonne an einem mittleren Tag des schwächsten Monats</translation>
    </message>
    <message>
        <source>driving per day</source>
        <translation>Fahrzeit pro Tag</translation>
    </message>
    <message>
        <source>No driving is planned: the engine adds nothing.</source>
        <translation>Es ist keine Fahrt geplant: Der Motor trägt nichts bei.</translation>
    </message>
    <message>
        <source>half of the alternator&apos;s rating, within the limits of relay and bank (judgement)</source>
        <translation>Hälfte des Nennstroms der Lichtmaschine, in den Grenzen von Relais und Bank (Einschätzung)</translation>
    </message>
    <message>
        <source>its output, within what the bank accepts</source>
        <translation>sein Ausgangsstrom, soweit die Bank ihn verträgt</translation>
    </message>
    <message>
        <source>Engine charging chosen</source>
        <translation>Gewähltes Laden vom Motor</translation>
    </message>
    <message>
        <source>the charger&apos;s output</source>
        <translation>der Ausgangsstrom des Ladegeräts</translation>
    </message>
    <message>
        <source>sum of the chargers&apos; outputs</source>
        <translation>Summe der Ausgangsströme der Ladegeräte</translation>
    </message>
    <message>
        <source>library</source>
        <translation>Bibliothek</translation>
    </message>
    <message>
        <source>Most power the bank can give the inverter</source>
        <translation>Größte Leistung, die die Bank dem Wechselrichter geben kann</translation>
    </message>
    <message>
        <source>P = n · I_max · V_low · η</source>
        <translation>P = n · I_max · V_low · η</translation>
    </message>
    <message>
        <source>n · I_max</source>
        <translation>n · I_max</translation>
    </message>
    <message>
        <source>discharge limit of the bank</source>
        <translation>Entladegrenze der Bank</translation>
    </message>
    <message>
        <source>V_low</source>
        <translation>V_low</translation>
    </message>
    <message>
        <source>inverter&apos;s low cut-off</source>
        <translation>Unterspannungsabschaltung des Wechselrichters</translation>
    </message>
    <message>
        <source>efficiency at full power</source>
        <translation>Wirkungsgrad bei voller Leistung</translation>
    </message>
    <message>
        <source>Nothing else drawing from the bank.</source>
        <translation>Wenn nichts anderes aus der Bank zieht.</translation>
    </message>
    <message>
        <source>Inverter chosen</source>
        <translation>Gewählter Wechselrichter</translation>
    </message>
    <message>
        <source>the maker&apos;s continuous rating</source>
        <translation>Dauerleistung nach Hersteller</translation>
    </message>
    <message>
        <source>sum of the makers&apos; continuous ratings</source>
        <translation>Summe der Dauerleistungen nach Hersteller</translation>
    </message>
    <message>
        <source>Surge: {has}, needed {asked}.</source>
        <translation>Spitze: {has}, nötig {asked}.</translation>
    </message>
    <message>
        <source>The plan names &apos;{given}&apos; ({field}), which is not in this library.</source>
        <translation>Der Plan nennt &apos;{given}&apos; ({field}), das es in dieser Bibliothek nicht gibt.</translation>
    </message>
    <message>
        <source>Everything that depends on it is left out or computed with another entry.</source>
        <translation>Alles, was davon abhängt, ist weggelassen oder mit einem anderen Eintrag berechnet.</translation>
    </message>
    <message>
        <source>Choose an entry of the library in Supply.</source>
        <translation>Unter Versorgung einen Eintrag der Bibliothek wählen.</translation>
    </message>
    <message>
        <source>Spirk&apos;s library</source>
        <translation>Bibliothek von Spirk</translation>
    </message>
    <message>
        <source>It is left out: not drawn, not sized, not checked.</source>
        <translation>Es ist weggelassen: nicht gezeichnet, nicht bemessen, nicht geprüft.</translation>
    </message>
    <message>
        <source>Spirk</source>
        <translation>Spirk</translation>
    </message>
    <message>
        <source>&apos;{unit}&apos; cannot be live with the main switch off: its rail is fed from behind that switch.</source>
        <translation>&apos;{unit}&apos; kann bei ausgeschaltetem Hauptschalter nicht unter Spannung stehen: Seine Schiene wird hinter diesem Schalter gespeist.</translation>
    </message>
    <message>
        <source>Connect it to a rail of the bank.</source>
        <translation>An eine Schiene der Bank anschließen.</translation>
    </message>
    <message>
        <source>It is wired behind the main switch.</source>
        <translation>Es ist hinter dem Hauptschalter angeschlossen.</translation>
    </message>
    <message>
        <source>&apos;{unit}&apos; is connected to &apos;{on}&apos;, which nothing feeds.</source>
        <translation>&apos;{unit}&apos; ist an &apos;{on}&apos; angeschlossen, das nichts speist.</translation>
    </message>
    <message>
        <source>Name the rail or bank it is connected to in the plan&apos;s file.</source>
        <translation>In der Datei des Plans die Schiene oder Bank nennen, an der es angeschlossen ist.</translation>
    </message>
    <message>
        <source>&apos;{unit}&apos; is connected to &apos;{on}&apos;, which is not a rail of a bank.</source>
        <translation>&apos;{unit}&apos; ist an &apos;{on}&apos; angeschlossen, das keine Schiene einer Bank ist.</translation>
    </message>
    <message>
        <source>Connect it to a rail that the bank feeds.</source>
        <translation>An eine Schiene anschließen, die die Bank speist.</translation>
    </message>
    <message>
        <source>&apos;{unit}&apos; feeds no rail.</source>
        <translation>&apos;{unit}&apos; speist keine Schiene.</translation>
    </message>
    <message>
        <source>Name the rail it feeds in the plan&apos;s file.</source>
        <translation>In der Datei des Plans die Schiene nennen, die es speist.</translation>
    </message>
    <message>
        <source>&apos;{unit}&apos; is connected to &apos;{on}&apos;, which takes no panels.</source>
        <translation>&apos;{unit}&apos; ist an &apos;{on}&apos; angeschlossen, das keine Module aufnimmt.</translation>
    </message>
    <message>
        <source>Name the controller it shares in the plan&apos;s file.</source>
        <translation>In der Datei des Plans den Regler nennen, den es mitnutzt.</translation>
    </message>
    <message>
        <source>&apos;{unit}&apos; does not exist, or is in another module.</source>
        <translation>&apos;{unit}&apos; gibt es nicht, oder es ist in einem anderen Modul.</translation>
    </message>
    <message>
        <source>Remove it from &apos;{module}&apos;.</source>
        <translation>Aus &apos;{module}&apos; entfernen.</translation>
    </message>
    <message>
        <source>It is wired as if it were not in that module.</source>
        <translation>Es ist angeschlossen, als wäre es nicht in diesem Modul.</translation>
    </message>
    <message>
        <source>It is wired to the starter battery itself.</source>
        <translation>Es ist direkt an die Starterbatterie angeschlossen.</translation>
    </message>
    <message>
        <source>Choose in Supply what it is fed from.</source>
        <translation>Unter Versorgung wählen, woraus es gespeist wird.</translation>
    </message>
    <message>
        <source>&apos;{unit}&apos; feeds &apos;{on}&apos;, which is not an engine charger.</source>
        <translation>&apos;{unit}&apos; speist &apos;{on}&apos;, das kein Ladegerät vom Motor ist.</translation>
    </message>
    <message>
        <source>Let it feed a DC-DC charger, or connect it to a rail.</source>
        <translation>Es einen Ladebooster speisen lassen, oder an eine Schiene anschließen.</translation>
    </message>
    <message>
        <source>&apos;{load}&apos; does not exist, is a mains load, or is in another circuit.</source>
        <translation>&apos;{load}&apos; gibt es nicht, ist ein Netzverbraucher oder in einem anderen Stromkreis.</translation>
    </message>
    <message>
        <source>Remove it from &apos;{circuit}&apos;.</source>
        <translation>Aus &apos;{circuit}&apos; entfernen.</translation>
    </message>
    <message>
        <source>It is wired as if it were not in that circuit.</source>
        <translation>Es ist angeschlossen, als wäre es nicht in diesem Stromkreis.</translation>
    </message>
    <message>
        <source>{chemistry} ({n} blocks of 12 V in series)</source>
        <translation>{chemistry} ({n} Blöcke von 12 V in Reihe)</translation>
    </message>
    <message>
        <source>{first} {second}</source>
        <translation>{first} {second}</translation>
    </message>
    <message>
        <source>{name}, fuse</source>
        <translation>{name}, Sicherung</translation>
    </message>
    <message>
        <source>There is no cable route from &apos;{from}&apos; to &apos;{to}&apos; for {name}.</source>
        <translation>Es gibt keinen Kabelweg von &apos;{from}&apos; nach &apos;{to}&apos; für {name}.</translation>
    </message>
    <message>
        <source>Its length is assumed as {length}, and every figure that depends on it is uncertain.</source>
        <translation>Ihre Länge ist mit {length} angenommen, und jeder Wert, der davon abhängt, ist unsicher.</translation>
    </message>
    <message>
        <source>Add a cable route to the van&apos;s table, or set the length of this conductor.</source>
        <translation>Der Tabelle des Fahrzeugs einen Kabelweg hinzufügen, oder die Länge dieser Leitung setzen.</translation>
    </message>
    <message>
        <source>the plan&apos;s table of places</source>
        <translation>Ortstabelle des Plans</translation>
    </message>
    <message>
        <source>The plan gives &apos;{device}&apos; a place (&apos;{place}&apos;), but has no such device now.</source>
        <translation>Der Plan gibt &apos;{device}&apos; einen Ort (&apos;{place}&apos;), hat aber jetzt kein solches Gerät.</translation>
    </message>
    <message>
        <source>It may be equipment that you removed, or a name mistyped in the file.</source>
        <translation>Vielleicht ein entferntes Gerät, oder ein in der Datei falsch geschriebener Name.</translation>
    </message>
    <message>
        <source>Leave it for when the device is back, or correct the name in the file.</source>
        <translation>Stehen lassen, bis das Gerät wieder da ist, oder den Namen in der Datei berichtigen.</translation>
    </message>
    <message>
        <source>{conductor}, length</source>
        <translation>{conductor}, Länge</translation>
    </message>
    <message>
        <source>the plan&apos;s table of places and cable routes</source>
        <translation>Tabelle der Orte und Kabelwege des Plans</translation>
    </message>
    <message>
        <source>Lay the cable out before cutting.</source>
        <translation>Das Kabel vor dem Schneiden auslegen.</translation>
    </message>
    <message>
        <source>set by you</source>
        <translation>von Ihnen gesetzt</translation>
    </message>
    <message>
        <source>as found in the vehicle</source>
        <translation>wie im Fahrzeug vorgefunden</translation>
    </message>
    <message>
        <source>both ends at the same place</source>
        <translation>beide Enden am selben Ort</translation>
    </message>
    <message>
        <source>L = shortest cable route + slack</source>
        <translation>L = kürzester Kabelweg + Zugabe</translation>
    </message>
    <message>
        <source>route</source>
        <translation>Weg</translation>
    </message>
    <message>
        <source>slack</source>
        <translation>Zugabe</translation>
    </message>
    <message>
        <source>bends and ends</source>
        <translation>Bögen und Enden</translation>
    </message>
    <message>
        <source>Fuse of the second alternator in, engine stopped; its regulator set for the bank. Start the engine.</source>
        <translation>Sicherung der zweiten Lichtmaschine ein, Motor aus; ihr Regler auf die Bank eingestellt. Motor starten.</translation>
    </message>
    <message>
        <source>While it runs it must never lose the bank: main switch and fuse stay closed, or the surge destroys its diodes and whatever is on the bus bars.</source>
        <translation>Solange sie läuft, darf sie die Bank nie verlieren: Hauptschalter und Sicherung bleiben geschlossen, sonst zerstört die Überspannung ihre Dioden und alles an den Sammelschienen.</translation>
    </message>
    <message>
        <source>current from the second alternator</source>
        <translation>Strom aus der zweiten Lichtmaschine</translation>
    </message>
    <message>
        <source>second alternator to bus bars</source>
        <translation>zweite Lichtmaschine zu Sammelschienen</translation>
    </message>
    <message>
        <source>An amendment no longer applies: {amendment}.</source>
        <translation>Eine Änderung gilt nicht mehr: {amendment}.</translation>
    </message>
    <message>
        <source>{reason} It is kept in the plan and has no effect.</source>
        <translation>{reason} Sie bleibt im Plan und hat keine Wirkung.</translation>
    </message>
    <message>
        <source>Undo the change that removed its target, or remove the amendment.</source>
        <translation>Den Schritt rückgängig machen, der ihr Ziel entfernt hat, oder die Änderung entfernen.</translation>
    </message>
    <message>
        <source>Two amendments set the same thing; this one is overruled: {amendment}.</source>
        <translation>Zwei Änderungen setzen dasselbe; diese ist überstimmt: {amendment}.</translation>
    </message>
    <message>
        <source>The later one counts. Spirk does not guess which of the two is meant.</source>
        <translation>Die spätere gilt. Spirk rät nicht, welche gemeint ist.</translation>
    </message>
    <message>
        <source>Keep the one you mean.</source>
        <translation>Die gemeinte behalten.</translation>
    </message>
    <message>
        <source>Keep: {amendment}</source>
        <translation>Behalten: {amendment}</translation>
    </message>
    <message>
        <source>{n} more amendments no longer apply.</source>
        <translation>{n} weitere Änderungen gelten nicht mehr.</translation>
    </message>
    <message>
        <source>What they refer to is not in the plan now. They are kept and have no effect.</source>
        <translation>Worauf sie sich beziehen, ist jetzt nicht im Plan. Sie bleiben und haben keine Wirkung.</translation>
    </message>
    <message>
        <source>Undo the change that removed their targets, or remove the amendments.</source>
        <translation>Die Schritte rückgängig machen, die ihre Ziele entfernt haben, oder die Änderungen entfernen.</translation>
    </message>
    <message>
        <source>{conductor}, behind the joint</source>
        <translation>{conductor}, hinter der Verbindung</translation>
    </message>
    <message>
        <source>{conductor}, behind the shunt</source>
        <translation>{conductor}, hinter dem Shunt</translation>
    </message>
    <message>
        <source>There is no fuse at that end.</source>
        <translation>An diesem Ende ist keine Sicherung.</translation>
    </message>
    <message>
        <source>There is a fuse at that end already.</source>
        <translation>An diesem Ende ist schon eine Sicherung.</translation>
    </message>
    <message>
        <source>That insulation does not exist in this region.</source>
        <translation>Diese Isolierung gibt es in dieser Region nicht.</translation>
    </message>
    <message>
        <source>Something is inserted there already.</source>
        <translation>Dort ist schon etwas eingesetzt.</translation>
    </message>
    <message>
        <source>There is no such terminal in this plan now.</source>
        <translation>Diesen Anschluss gibt es im Plan jetzt nicht.</translation>
    </message>
    <message>
        <source>{from} to {to}</source>
        <translation>{from} zu {to}</translation>
    </message>
    <message>
        <source>There is no such device in this plan now.</source>
        <translation>Dieses Gerät gibt es im Plan jetzt nicht.</translation>
    </message>
    <message>
        <source>No hardware of its kind has that name.</source>
        <translation>Kein Teil seiner Art heißt so.</translation>
    </message>
    <message>
        <source>There is no such conductor in this plan now.</source>
        <translation>Diese Leitung gibt es im Plan jetzt nicht.</translation>
    </message>
    <message>
        <source>solar isolator, two pole</source>
        <translation>Solar-Trennschalter, zweipolig</translation>
    </message>
    <message>
        <source>panels to isolator, positive</source>
        <translation>Module zu Trennschalter, plus</translation>
    </message>
    <message>
        <source>panels to isolator, negative</source>
        <translation>Module zu Trennschalter, minus</translation>
    </message>
    <message>
        <source>isolator to controller, positive</source>
        <translation>Trennschalter zu Laderegler, plus</translation>
    </message>
    <message>
        <source>isolator to controller, negative</source>
        <translation>Trennschalter zu Laderegler, minus</translation>
    </message>
    <message>
        <source>outside inlet of the panels</source>
        <translation>Außensteckdose der Module</translation>
    </message>
    <message>
        <source>portable panels to inlet, positive</source>
        <translation>mobile Module zu Steckdose, plus</translation>
    </message>
    <message>
        <source>portable panels to inlet, negative</source>
        <translation>mobile Module zu Steckdose, minus</translation>
    </message>
    <message>
        <source>inlet to controller, positive</source>
        <translation>Steckdose zu Laderegler, plus</translation>
    </message>
    <message>
        <source>inlet to controller, negative</source>
        <translation>Steckdose zu Laderegler, minus</translation>
    </message>
    <message>
        <source>panels to controller, positive</source>
        <translation>Module zu Laderegler, plus</translation>
    </message>
    <message>
        <source>panels to controller, negative</source>
        <translation>Module zu Laderegler, minus</translation>
    </message>
    <message>
        <source>panels to controller</source>
        <translation>Module zu Laderegler</translation>
    </message>
    <message>
        <source>{n} × {panel}</source>
        <translation>{n} × {panel}</translation>
    </message>
    <message>
        <source>Panels covered, solar isolator open.</source>
        <translation>Module abgedeckt, Solar-Trennschalter offen.</translation>
    </message>
    <message>
        <source>Panels are live in daylight: opening the isolator does not make their side dead.</source>
        <translation>Module stehen bei Tageslicht unter Spannung: Das Öffnen des Trennschalters macht ihre Seite nicht spannungsfrei.</translation>
    </message>
    <message>
        <source>Portable panels unplugged, the cap on their inlet.</source>
        <translation>Mobile Module nicht eingesteckt, die Kappe auf ihrer Steckdose.</translation>
    </message>
    <message>
        <source>Panels covered, or their plugs not yet joined.</source>
        <translation>Module abgedeckt, oder ihre Stecker noch nicht verbunden.</translation>
    </message>
    <message>
        <source>Panels are live in daylight, and only covering them makes them dead.</source>
        <translation>Module stehen bei Tageslicht unter Spannung, und nur Abdecken macht sie spannungsfrei.</translation>
    </message>
    <message>
        <source>Then join the covered panels&apos; plugs, and uncover them.</source>
        <translation>Dann die Stecker der abgedeckten Module verbinden und die Module aufdecken.</translation>
    </message>
    <message>
        <source>Then uncover the panels and close the solar isolator.</source>
        <translation>Dann die Module aufdecken und den Solar-Trennschalter schließen.</translation>
    </message>
    <message>
        <source>Then plug the covered panels in, and uncover them.</source>
        <translation>Dann die abgedeckten Module einstecken und aufdecken.</translation>
    </message>
    <message>
        <source>{panels}, at the controller that is running: plus to plus. {uncover}</source>
        <translation>{panels}, an dem laufenden Regler: Plus an Plus. {uncover}</translation>
    </message>
    <message>
        <source>Panels are live in daylight. Opening their plugs under load draws an arc.</source>
        <translation>Module stehen bei Tageslicht unter Spannung. Das Öffnen ihrer Stecker unter Last zieht einen Lichtbogen.</translation>
    </message>
    <message>
        <source>current from the controller in full sun; in proportion on a dull day</source>
        <translation>Strom aus dem Regler in voller Sonne; an trüben Tagen im Verhältnis</translation>
    </message>
    <message>
        <source>{chemistry}, at rest</source>
        <translation>{chemistry}, in Ruhe</translation>
    </message>
    <message>
        <source>battery {n}, link in series</source>
        <translation>Batterie {n}, Reihenverbinder</translation>
    </message>
    <message>
        <source>Each battery off by its own switch or in sleep mode. Switch the loads off first, then the main switch, then the batteries.</source>
        <translation>Jede Batterie aus mit eigenem Schalter oder im Ruhezustand. Zuerst die Verbraucher ausschalten, dann den Hauptschalter, dann die Batterien.</translation>
    </message>
    <message>
        <source>Voltage of each battery by itself, before the leads are joined: they should agree within 0.05 V. Then insert the battery fuses, main switch still off.</source>
        <translation>Spannung jeder einzelnen Batterie, bevor die Leitungen verbunden werden: Sie sollen auf 0,05 V übereinstimmen. Dann die Batteriesicherungen einsetzen, Hauptschalter noch aus.</translation>
    </message>
    <message>
        <source>Voltage of the battery. Then insert its fuse, main switch still off.</source>
        <translation>Spannung der Batterie. Dann ihre Sicherung einsetzen, Hauptschalter noch aus.</translation>
    </message>
    <message>
        <source>Switch each battery on first, or wake it.</source>
        <translation>Zuerst jede Batterie einschalten oder wecken.</translation>
    </message>
    <message>
        <source>From here on the bank is live: covers on, tools away from its terminals.</source>
        <translation>Ab hier steht die Bank unter Spannung: Abdeckungen auf, Werkzeug weg von ihren Klemmen.</translation>
    </message>
    <message>
        <source>its breakers still off</source>
        <translation>seine Automaten noch aus</translation>
    </message>
    <message>
        <source>its ways still empty</source>
        <translation>seine Abgänge noch leer</translation>
    </message>
    <message>
        <source>fuse block</source>
        <translation>Sicherungsblock</translation>
    </message>
    <message>
        <source>converter to {block}</source>
        <translation>Spannungswandler zu {block}</translation>
    </message>
    <message>
        <source>positive bar to {block}</source>
        <translation>Plusschiene zu {block}</translation>
    </message>
    <message>
        <source>{block} to negative bar</source>
        <translation>{block} zu Minusschiene</translation>
    </message>
    <message>
        <source>Close the converter&apos;s isolator.</source>
        <translation>Den Trennschalter des Spannungswandlers schließen.</translation>
    </message>
    <message>
        <source>Close its isolator.</source>
        <translation>Den Trennschalter schließen.</translation>
    </message>
    <message>
        <source>{n} × {name}</source>
        <translation>{n} × {name}</translation>
    </message>
    <message>
        <source>dimmer of {load}</source>
        <translation>Dimmer: {load}</translation>
    </message>
    <message>
        <source>switch of {load}</source>
        <translation>Schalter: {load}</translation>
    </message>
    <message>
        <source>{switch}, on plate {plate}</source>
        <translation>{switch}, auf Platte {plate}</translation>
    </message>
    <message>
        <source>{load}, between its switches</source>
        <translation>{load}, zwischen den Schaltern</translation>
    </message>
    <message>
        <source>{load}, between its switches, second</source>
        <translation>{load}, zwischen den Schaltern, zweite</translation>
    </message>
    <message>
        <source>{load}, behind its switch</source>
        <translation>{load}, hinter dem Schalter</translation>
    </message>
    <message>
        <source>{load}, tail</source>
        <translation>{load}, Stichleitung</translation>
    </message>
    <message>
        <source>{load}, tail, negative</source>
        <translation>{load}, Stichleitung, minus</translation>
    </message>
    <message>
        <source>{loads}, behind its relay</source>
        <translation>{loads}, hinter dem Relais</translation>
    </message>
    <message>
        <source>{loads}, to the body</source>
        <translation>{loads}, zur Karosserie</translation>
    </message>
    <message>
        <source>through the body</source>
        <translation>durch die Karosserie</translation>
    </message>
    <message>
        <source>converter to {load}</source>
        <translation>Spannungswandler zu {load}</translation>
    </message>
    <message>
        <source>bus bars to {load}</source>
        <translation>Sammelschienen zu {load}</translation>
    </message>
    <message>
        <source>current out of the bank, loads of this circuit on</source>
        <translation>Strom aus der Bank, Verbraucher dieses Stromkreises an</translation>
    </message>
    <message>
        <source>Fuse between the bar and the charger for engine and sun in: battery first. Check its settings.</source>
        <translation>Sicherung zwischen Schiene und Ladegerät für Motor und Sonne ein: zuerst die Batterie. Einstellungen prüfen.</translation>
    </message>
    <message>
        <source>current from the unit in full sun; in proportion on a dull day</source>
        <translation>Strom aus dem Gerät in voller Sonne; an trüben Tagen im Verhältnis</translation>
    </message>
    <message>
        <source>The panels&apos; isolator open or the panels covered. Fuse at the starter battery in. {signal} Start the engine; it waits {delay} or as its data sheet says.</source>
        <translation>Trennschalter der Module offen oder Module abgedeckt. Sicherung an der Starterbatterie ein. {signal} Motor starten; es wartet {delay} oder wie im Datenblatt.</translation>
    </message>
    <message>
        <source>current from the charger for engine and sun</source>
        <translation>Strom aus dem Ladegerät für Motor und Sonne</translation>
    </message>
    <message>
        <source>current into it from the starter battery</source>
        <translation>Strom hinein aus der Starterbatterie</translation>
    </message>
    <message>
        <source>positive bar to converter</source>
        <translation>Plusschiene zu Spannungswandler</translation>
    </message>
    <message>
        <source>converter to negative bar</source>
        <translation>Spannungswandler zu Minusschiene</translation>
    </message>
    <message>
        <source>bus bars to converter</source>
        <translation>Sammelschienen zu Spannungswandler</translation>
    </message>
    <message>
        <source>DC-DC charger&apos;s input to starter battery, negative</source>
        <translation>Eingang des Ladeboosters zu Starterbatterie, minus</translation>
    </message>
    <message>
        <source>Both fuses of the DC-DC charger in. {signal} Start the engine; it waits {delay} or as its data sheet says.</source>
        <translation>Beide Sicherungen des Ladeboosters ein. {signal} Motor starten; er wartet {delay} oder wie im Datenblatt.</translation>
    </message>
    <message>
        <source>current from the DC-DC charger</source>
        <translation>Strom aus dem Ladebooster</translation>
    </message>
    <message>
        <source>starter battery</source>
        <translation>Starterbatterie</translation>
    </message>
    <message>
        <source>battery type</source>
        <translation>Batterietyp</translation>
    </message>
    <message>
        <source>absorption</source>
        <translation>Absorption</translation>
    </message>
    <message>
        <source>float</source>
        <translation>Erhaltung</translation>
    </message>
    <message>
        <source>equalise</source>
        <translation>Ausgleich</translation>
    </message>
    <message>
        <source>off</source>
        <translation>aus</translation>
    </message>
    <message>
        <source>hand switch in the engine&apos;s feed</source>
        <translation>Handschalter in der Motorzuleitung</translation>
    </message>
    <message>
        <source>Close its hand switch once the engine runs; open it before it is started again.</source>
        <translation>Den Handschalter schließen, sobald der Motor läuft; vor dem nächsten Start öffnen.</translation>
    </message>
    <message>
        <source>The leads of alternator and starter battery are live with the engine off. Keep clear of belts and fans.</source>
        <translation>Die Leitungen von Lichtmaschine und Starterbatterie stehen auch bei stehendem Motor unter Spannung. Abstand zu Riemen und Lüftern halten.</translation>
    </message>
    <message>
        <source>{source} to {unit}</source>
        <translation>{source} zu {unit}</translation>
    </message>
    <message>
        <source>{unit} to bus bars</source>
        <translation>{unit} zu Sammelschienen</translation>
    </message>
    <message>
        <source>driver&apos;s switch</source>
        <translation>Fahrerschalter</translation>
    </message>
    <message>
        <source>starter battery to the driver&apos;s switch</source>
        <translation>Starterbatterie zu Fahrerschalter</translation>
    </message>
    <message>
        <source>enable lead of the {unit}</source>
        <translation>Signalleitung: {unit}</translation>
    </message>
    <message>
        <source>It has no enable lead: it starts when the starter battery is above {volts}. With the engine stopped it must not run, whatever else charges the starter battery.</source>
        <translation>Er hat keine Signalleitung: Er startet, wenn die Starterbatterie über {volts} liegt. Bei stehendem Motor darf er nicht laufen, was sonst auch die Starterbatterie lädt.</translation>
    </message>
    <message>
        <source>collecting bar of the bank, positive</source>
        <translation>Sammelschiene der Bank, plus</translation>
    </message>
    <message>
        <source>collecting bar of the bank, negative</source>
        <translation>Sammelschiene der Bank, minus</translation>
    </message>
    <message>
        <source>battery {n}, positive lead</source>
        <translation>Batterie {n}, Plusleitung</translation>
    </message>
    <message>
        <source>battery {n}, negative lead</source>
        <translation>Batterie {n}, Minusleitung</translation>
    </message>
    <message>
        <source>Then close each battery&apos;s switch.</source>
        <translation>Dann den Schalter jeder Batterie schließen.</translation>
    </message>
    <message>
        <source>isolator, {lead}</source>
        <translation>Trennschalter, {lead}</translation>
    </message>
    <message>
        <source>{conductor}, behind the isolator</source>
        <translation>{conductor}, hinter dem Trennschalter</translation>
    </message>
    <message>
        <source>The capacitors draw a large spark at a bare connection. Its output is mains voltage and can kill: leave it unplugged until a licensed electrician has inspected and tested the mains side.</source>
        <translation>Die Kondensatoren ziehen an einem blanken Anschluss einen großen Funken. Der Ausgang führt Netzspannung und kann töten: nicht einstecken, bis eine Elektrofachkraft die Netzseite geprüft und gemessen hat.</translation>
    </message>
    <message>
        <source>Its isolator stays open until the capacitors are charged.</source>
        <translation>Sein Trennschalter bleibt offen, bis die Kondensatoren geladen sind.</translation>
    </message>
    <message>
        <source>current out of the bank, inverter idling</source>
        <translation>Strom aus der Bank, Wechselrichter im Leerlauf</translation>
    </message>
    <message>
        <source>Check its charge settings and its limit of shore current. Plug shore power in only once a licensed electrician has inspected and tested the mains side.</source>
        <translation>Ladeeinstellungen und Landstrombegrenzung prüfen. Landstrom erst einstecken, wenn eine Elektrofachkraft die Netzseite geprüft und gemessen hat.</translation>
    </message>
    <message>
        <source>current from the inverter/charger</source>
        <translation>Strom aus dem Wechselrichter/Ladegerät</translation>
    </message>
    <message>
        <source>Inverter off, its output still unplugged. The mains side is not planned here: leave it to a licensed electrician.</source>
        <translation>Wechselrichter aus, sein Ausgang noch nicht eingesteckt. Die Netzseite ist hier nicht geplant: einer Elektrofachkraft überlassen.</translation>
    </message>
    <message>
        <source>inverter</source>
        <translation>Wechselrichter</translation>
    </message>
    <message>
        <source>inverter to bus bars</source>
        <translation>Wechselrichter zu Sammelschienen</translation>
    </message>
    <message>
        <source>low-voltage cut-off</source>
        <translation>Unterspannungsabschaltung</translation>
    </message>
    <message>
        <source>battery {n} to battery {next}, positive</source>
        <translation>Batterie {n} zu Batterie {next}, plus</translation>
    </message>
    <message>
        <source>battery {n} to battery {next}, negative</source>
        <translation>Batterie {n} zu Batterie {next}, minus</translation>
    </message>
    <message>
        <source>kitchen</source>
        <translation>Küche</translation>
    </message>
    <message>
        <source>climate</source>
        <translation>Klima</translation>
    </message>
    <message>
        <source>water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>lighting</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>electronics</source>
        <translation>Elektronik</translation>
    </message>
    <message>
        <source>work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>mains</source>
        <translation>Netz</translation>
    </message>
    <message>
        <source>{kind}, {place}</source>
        <translation>{kind}, {place}</translation>
    </message>
    <message>
        <source>{circuit}, 12 V</source>
        <translation>{circuit}, 12 V</translation>
    </message>
    <message>
        <source>plug</source>
        <translation>Stecker</translation>
    </message>
    <message>
        <source>{conductor}, behind the plug</source>
        <translation>{conductor}, hinter dem Stecker</translation>
    </message>
    <message>
        <source>plug, {lead}</source>
        <translation>Stecker, {lead}</translation>
    </message>
    <message>
        <source>all chargers at once</source>
        <translation>alle Ladegeräte zugleich</translation>
    </message>
    <message>
        <source>driving, lowest voltage at the charger</source>
        <translation>Fahrt, niedrigste Spannung am Ladegerät</translation>
    </message>
    <message>
        <source>full sun into a low bank</source>
        <translation>volle Sonne in eine leere Bank</translation>
    </message>
    <message>
        <source>on shore power, into a low bank</source>
        <translation>am Landstrom, in eine leere Bank</translation>
    </message>
    <message>
        <source>loads that run while driving</source>
        <translation>Verbraucher, die während der Fahrt laufen</translation>
    </message>
    <message>
        <source>all DC loads</source>
        <translation>alle DC-Verbraucher</translation>
    </message>
    <message>
        <source>all 12 V loads</source>
        <translation>alle 12-V-Verbraucher</translation>
    </message>
    <message>
        <source>Evening: worst case on the inverter, {drawing}</source>
        <translation>Abend: ungünstigster Fall am Wechselrichter, {drawing}</translation>
    </message>
    <message>
        <source>Evening: {drawing}</source>
        <translation>Abend: {drawing}</translation>
    </message>
    <message>
        <source>All DC loads</source>
        <translation>Alle DC-Verbraucher</translation>
    </message>
    <message>
        <source>All 12 V loads</source>
        <translation>Alle 12-V-Verbraucher</translation>
    </message>
    <message>
        <source>Inverter idling</source>
        <translation>Wechselrichter im Leerlauf</translation>
    </message>
    <message>
        <source>Noon sun, nothing running</source>
        <translation>Mittagssonne, nichts läuft</translation>
    </message>
    <message>
        <source>Driving, nothing running</source>
        <translation>Fahrt, nichts läuft</translation>
    </message>
    <message>
        <source>On shore power, nothing running</source>
        <translation>Am Landstrom, nichts läuft</translation>
    </message>
    <message>
        <source>Driving in full sun, nothing running</source>
        <translation>Fahrt in voller Sonne, nichts läuft</translation>
    </message>
    <message>
        <source>At rest, main switch off</source>
        <translation>In Ruhe, Hauptschalter aus</translation>
    </message>
    <message>
        <source>At rest</source>
        <translation>In Ruhe</translation>
    </message>
    <message>
        <source>supply of {monitor}</source>
        <translation>Versorgung: {monitor}</translation>
    </message>
    <message>
        <source>supply of {monitor}, negative</source>
        <translation>Versorgung: {monitor}, minus</translation>
    </message>
    <message>
        <source>Insert the fuse of {monitor}: it lights up and shows its sensors.</source>
        <translation>Sicherung einsetzen: {monitor}; sie leuchtet auf und zeigt ihre Sensoren.</translation>
    </message>
    <message>
        <source>positive bar to {unit}</source>
        <translation>Plusschiene zu {unit}</translation>
    </message>
    <message>
        <source>{unit} to negative bar</source>
        <translation>{unit} zu Minusschiene</translation>
    </message>
    <message>
        <source>bond of the negative bar to the chassis</source>
        <translation>Masseverbindung der Minusschiene zur Karosserie</translation>
    </message>
    <message>
        <source>remote panel of {unit}</source>
        <translation>Fernbedienung: {unit}</translation>
    </message>
    <message>
        <source>temperature sensor at the bank</source>
        <translation>Temperatursensor an der Bank</translation>
    </message>
    <message>
        <source>sense point at the bank</source>
        <translation>Spannungsmesspunkt an der Bank</translation>
    </message>
    <message>
        <source>{source} to relay</source>
        <translation>{source} zu Relais</translation>
    </message>
    <message>
        <source>positive bar to relay</source>
        <translation>Plusschiene zu Relais</translation>
    </message>
    <message>
        <source>relay&apos;s negative</source>
        <translation>Minus des Relais</translation>
    </message>
    <message>
        <source>Both fuses of the relay in, engine stopped: no current flows. Start the engine: within a minute, above {joins} at the starter battery, it connects both batteries.</source>
        <translation>Beide Sicherungen des Relais ein, Motor aus: Es fließt kein Strom. Motor starten: Innerhalb einer Minute, über {joins} an der Starterbatterie, verbindet es beide Batterien.</translation>
    </message>
    <message>
        <source>current out of the bank, engine running: negative means charging</source>
        <translation>Strom aus der Bank, Motor läuft: negativ heißt Laden</translation>
    </message>
    <message>
        <source>Fuse of the shore charger in. Plug shore power in only once a licensed electrician has inspected and tested the mains side. The engine charger behind it starts as if the engine ran.</source>
        <translation>Sicherung des Landstrom-Ladegeräts ein. Landstrom erst einstecken, wenn eine Elektrofachkraft die Netzseite geprüft und gemessen hat. Der Ladebooster dahinter startet, als liefe der Motor.</translation>
    </message>
    <message>
        <source>current from the charger behind it</source>
        <translation>Strom aus dem Ladebooster dahinter</translation>
    </message>
    <message>
        <source>charger&apos;s input to shore charger</source>
        <translation>Eingang des Ladeboosters zu Landstrom-Ladegerät</translation>
    </message>
    <message>
        <source>shore charger to charger&apos;s negative</source>
        <translation>Landstrom-Ladegerät zu Minus des Ladeboosters</translation>
    </message>
    <message>
        <source>shore charger to the charger behind it</source>
        <translation>Landstrom-Ladegerät zum Ladebooster dahinter</translation>
    </message>
    <message>
        <source>Fuse of the shore charger in. Plug shore power in only once a licensed electrician has inspected and tested the mains side.</source>
        <translation>Sicherung des Landstrom-Ladegeräts ein. Landstrom erst einstecken, wenn eine Elektrofachkraft die Netzseite geprüft und gemessen hat.</translation>
    </message>
    <message>
        <source>current from the shore charger</source>
        <translation>Strom aus dem Landstrom-Ladegerät</translation>
    </message>
    <message>
        <source>shore charger to bus bars</source>
        <translation>Landstrom-Ladegerät zu Sammelschienen</translation>
    </message>
    <message>
        <source>bank to the controller&apos;s isolator</source>
        <translation>Bank zu Trennschalter des Ladereglers</translation>
    </message>
    <message>
        <source>bank to controller</source>
        <translation>Bank zu Laderegler</translation>
    </message>
    <message>
        <source>The controller and its leads stay live with the main switch off: only its fuse, and its isolator if it has one, disconnect them from the bank.</source>
        <translation>Der Regler und seine Leitungen bleiben bei ausgeschaltetem Hauptschalter unter Spannung: Nur seine Sicherung, und sein Trennschalter, wenn er einen hat, trennen sie von der Bank.</translation>
    </message>
    <message>
        <source>positive bar to the controller&apos;s isolator</source>
        <translation>Plusschiene zu Trennschalter des Ladereglers</translation>
    </message>
    <message>
        <source>positive bar to controller</source>
        <translation>Plusschiene zu Laderegler</translation>
    </message>
    <message>
        <source>isolator of the controller</source>
        <translation>Trennschalter des Ladereglers</translation>
    </message>
    <message>
        <source>isolator to controller</source>
        <translation>Trennschalter zu Laderegler</translation>
    </message>
    <message>
        <source>controller to negative bar</source>
        <translation>Laderegler zu Minusschiene</translation>
    </message>
    <message>
        <source>controller to bus bars</source>
        <translation>Laderegler zu Sammelschienen</translation>
    </message>
    <message>
        <source>Controller&apos;s fuse in and its isolator closed: battery first. Check its settings.</source>
        <translation>Sicherung des Ladereglers ein und sein Trennschalter geschlossen: zuerst die Batterie. Einstellungen prüfen.</translation>
    </message>
    <message>
        <source>Controller&apos;s fuse in: battery first. Check its settings.</source>
        <translation>Sicherung des Ladereglers ein: zuerst die Batterie. Einstellungen prüfen.</translation>
    </message>
    <message>
        <source>fused bus distributor</source>
        <translation>Sicherungsverteiler</translation>
    </message>
    <message>
        <source>positive bus bar</source>
        <translation>Plusschiene</translation>
    </message>
    <message>
        <source>negative bus bar</source>
        <translation>Minusschiene</translation>
    </message>
    <message>
        <source>main switch</source>
        <translation>Hauptschalter</translation>
    </message>
    <message>
        <source>supply lead of the shunt</source>
        <translation>Versorgungsleitung des Shunts</translation>
    </message>
    <message>
        <source>main switch, negative</source>
        <translation>Hauptschalter, minus</translation>
    </message>
    <message>
        <source>{conductor}, behind its switch</source>
        <translation>{conductor}, hinter dem Schalter</translation>
    </message>
    <message>
        <source>bank to main switch</source>
        <translation>Bank zu Hauptschalter</translation>
    </message>
    <message>
        <source>bank to positive bar</source>
        <translation>Bank zu Plusschiene</translation>
    </message>
    <message>
        <source>main switch to positive bar</source>
        <translation>Hauptschalter zu Plusschiene</translation>
    </message>
    <message>
        <source>bank to shunt</source>
        <translation>Bank zu Shunt</translation>
    </message>
    <message>
        <source>bank to negative bar</source>
        <translation>Bank zu Minusschiene</translation>
    </message>
    <message>
        <source>shunt to negative bar</source>
        <translation>Shunt zu Minusschiene</translation>
    </message>
    <message>
        <source>bank to bus bars</source>
        <translation>Bank zu Sammelschienen</translation>
    </message>
    <message>
        <source>common negative of both banks</source>
        <translation>gemeinsamer Minus beider Bänke</translation>
    </message>
    <message>
        <source>Main fuse in, main switch on. Nothing else is connected: no current flows.</source>
        <translation>Hauptsicherung ein, Hauptschalter ein. Sonst ist nichts angeschlossen: Es fließt kein Strom.</translation>
    </message>
    <message>
        <source>Main fuse in. Nothing else is connected: no current flows.</source>
        <translation>Hauptsicherung ein. Sonst ist nichts angeschlossen: Es fließt kein Strom.</translation>
    </message>
    <message>
        <source>current out of the bank</source>
        <translation>Strom aus der Bank</translation>
    </message>
    <message>
        <source>charged voltage</source>
        <translation>Spannung bei voller Ladung</translation>
    </message>
    <message>
        <source>tail current</source>
        <translation>Schweifstrom</translation>
    </message>
    <message>
        <source>zero</source>
        <translation>Nullpunkt</translation>
    </message>
    <message>
        <source>set with everything off</source>
        <translation>setzen, wenn alles aus ist</translation>
    </message>
    <message>
        <source>Both fuses of the trickle charger in. It gives nothing while the bank is below {none}: check again once the bank is above {full}; the starter battery&apos;s voltage then rises.</source>
        <translation>Beide Sicherungen des Erhaltungsladers ein. Er gibt nichts, solange die Bank unter {none} ist: wieder prüfen, wenn die Bank über {full} ist; dann steigt die Spannung der Starterbatterie.</translation>
    </message>
    <message>
        <source>The starter battery&apos;s terminals are live: cover its positive.</source>
        <translation>Die Klemmen der Starterbatterie stehen unter Spannung: den Pluspol abdecken.</translation>
    </message>
    <message>
        <source>trickle charger</source>
        <translation>Erhaltungslader</translation>
    </message>
    <message>
        <source>bus bars to trickle charger</source>
        <translation>Sammelschienen zu Erhaltungslader</translation>
    </message>
    <message>
        <source>starter battery to trickle charger</source>
        <translation>Starterbatterie zu Erhaltungslader</translation>
    </message>
    <message>
        <source>judgement: a charged lead-acid starter battery</source>
        <translation>Einschätzung: eine geladene Blei-Starterbatterie</translation>
    </message>
    <message>
        <source>alternator</source>
        <translation>Lichtmaschine</translation>
    </message>
    <message>
        <source>alternator to {point}</source>
        <translation>Lichtmaschine zu {point}</translation>
    </message>
    <message>
        <source>starter battery to {point}</source>
        <translation>Starterbatterie zu {point}</translation>
    </message>
    <message>
        <source>Engine stopped, the fuses of everything fed from it still out: insert the fuse of {point}.</source>
        <translation>Motor aus, die Sicherungen von allem, was davon gespeist wird, noch heraus: die Sicherung einsetzen: {point}.</translation>
    </message>
    <message>
        <source>It is live from now on, also with the engine off.</source>
        <translation>Ab jetzt steht sie unter Spannung, auch bei stehendem Motor.</translation>
    </message>
    <message>
        <source>supply live with engine running</source>
        <translation>Versorgung, die bei laufendem Motor unter Spannung steht</translation>
    </message>
    <message>
        <source>alternator to starter battery</source>
        <translation>Lichtmaschine zu Starterbatterie</translation>
    </message>
    <message>
        <source>starter battery to chassis</source>
        <translation>Starterbatterie zu Karosserie</translation>
    </message>
    <message>
        <source>alternator&apos;s case to chassis</source>
        <translation>Gehäuse der Lichtmaschine zu Karosserie</translation>
    </message>
    <message>
        <source>{name} ({n})</source>
        <translation>{name} ({n})</translation>
    </message>
    <message>
        <source>{device}: {step}</source>
        <translation>{device}: {step}</translation>
    </message>
    <message>
        <source>A drawing is written as .svg or .pdf.</source>
        <translation>Eine Zeichnung wird als .svg oder .pdf geschrieben.</translation>
    </message>
    <message>
        <source>Choose one of these endings.</source>
        <translation>Eine dieser Endungen wählen.</translation>
    </message>
    <message>
        <source>share of the rating by alternator speed, f = 1.02 (1 - exp(-(n - 1000)/1300)), cold (common practice); rating at 6000 1/min, 25 °C after ISO 8854</source>
        <translation>Anteil am Nennstrom nach Drehzahl der Lichtmaschine, f = 1,02 (1 - exp(-(n - 1000)/1300)), kalt (gängige Praxis); Nennstrom bei 6000 1/min, 25 °C nach ISO 8854</translation>
    </message>
    <message>
        <source>typical generic gear (common practice)</source>
        <translation>typische, allgemeine Geräte (gängige Praxis)</translation>
    </message>
    <message>
        <source>order of magnitude, from memory: what a second alternator gives at idle and hot differs widely; its maker&apos;s curve first</source>
        <translation>Größenordnung, aus dem Gedächtnis: Was eine zweite Lichtmaschine im Leerlauf und heiß gibt, ist sehr verschieden; die Kennlinie des Herstellers geht vor</translation>
    </message>
    <message>
        <source>second alternator, 100 A</source>
        <translation>zweite Lichtmaschine, 100 A</translation>
    </message>
    <message>
        <source>second alternator, 200 A</source>
        <translation>zweite Lichtmaschine, 200 A</translation>
    </message>
    <message>
        <source>second alternator, 24 V, 100 A</source>
        <translation>zweite Lichtmaschine, 24 V, 100 A</translation>
    </message>
    <message>
        <source>design ambients of a van&apos;s places (common practice); engine space 50 °C as in ABYC E-11</source>
        <translation>Auslegungstemperaturen der Orte im Fahrzeug (gängige Praxis); Motorraum 50 °C wie in ABYC E-11</translation>
    </message>
    <message>
        <source>living space</source>
        <translation>Wohnraum</translation>
    </message>
    <message>
        <source>closed electrical cupboard</source>
        <translation>geschlossener Elektroschrank</translation>
    </message>
    <message>
        <source>roof void under dark metal</source>
        <translation>Dachhohlraum unter dunklem Blech</translation>
    </message>
    <message>
        <source>under the floor</source>
        <translation>unter dem Boden</translation>
    </message>
    <message>
        <source>engine space</source>
        <translation>Motorraum</translation>
    </message>
    <message>
        <source>outside in the sun</source>
        <translation>außen in der Sonne</translation>
    </message>
    <message>
        <source>typical generic appliances (common practice)</source>
        <translation>typische, allgemeine Verbraucher (gängige Praxis)</translation>
    </message>
    <message>
        <source>common practice; a measured figure of your own is better</source>
        <translation>gängige Praxis; ein selbst gemessener Wert ist besser</translation>
    </message>
    <message>
        <source>induction hob, one ring</source>
        <translation>Induktionsplatte, einflammig</translation>
    </message>
    <message>
        <source>kettle</source>
        <translation>Wasserkocher</translation>
    </message>
    <message>
        <source>microwave, 700-800 W output</source>
        <translation>Mikrowelle, 700-800 W Abgabe</translation>
    </message>
    <message>
        <source>coffee machine, drip</source>
        <translation>Filterkaffeemaschine</translation>
    </message>
    <message>
        <source>toaster</source>
        <translation>Toaster</translation>
    </message>
    <message>
        <source>hair dryer</source>
        <translation>Haartrockner</translation>
    </message>
    <message>
        <source>compressor fridge, 40-65 l</source>
        <translation>Kompressorkühlschrank, 40-65 l</translation>
    </message>
    <message>
        <source>compressor fridge, 80-100 l</source>
        <translation>Kompressorkühlschrank, 80-100 l</translation>
    </message>
    <message>
        <source>roof fan, high</source>
        <translation>Dachlüfter, hohe Stufe</translation>
    </message>
    <message>
        <source>air heater, diesel</source>
        <translation>Luftheizung, Diesel</translation>
    </message>
    <message>
        <source>water pump, demand</source>
        <translation>Druckwasserpumpe</translation>
    </message>
    <message>
        <source>LED lights, whole van</source>
        <translation>LED-Licht, ganzes Fahrzeug</translation>
    </message>
    <message>
        <source>reading light</source>
        <translation>Leselampe</translation>
    </message>
    <message>
        <source>laptop, 14 in, on USB-C</source>
        <translation>Laptop, 14 Zoll, an USB-C</translation>
    </message>
    <message>
        <source>screen, 27 in</source>
        <translation>Bildschirm, 27 Zoll</translation>
    </message>
    <message>
        <source>phone</source>
        <translation>Telefon</translation>
    </message>
    <message>
        <source>mobile router</source>
        <translation>Mobilfunkrouter</translation>
    </message>
    <message>
        <source>dehumidifier, small compressor</source>
        <translation>Luftentfeuchter, kleiner Kompressor</translation>
    </message>
    <message>
        <source>power tool charger</source>
        <translation>Ladegerät für Werkzeugakkus</translation>
    </message>
    <message>
        <source>TV, 24 in</source>
        <translation>Fernseher, 24 Zoll</translation>
    </message>
    <message>
        <source>travel kettle, 1000 W</source>
        <translation>Reisewasserkocher, 1000 W</translation>
    </message>
    <message>
        <source>coffee machine, capsules</source>
        <translation>Kapselkaffeemaschine</translation>
    </message>
    <message>
        <source>air fryer</source>
        <translation>Heißluftfritteuse</translation>
    </message>
    <message>
        <source>blender</source>
        <translation>Mixer</translation>
    </message>
    <message>
        <source>compressor fridge with freezer, 130-150 l</source>
        <translation>Kompressorkühlschrank mit Gefrierfach, 130-150 l</translation>
    </message>
    <message>
        <source>chest cooler, 35-45 l</source>
        <translation>Kühlbox, 35-45 l</translation>
    </message>
    <message>
        <source>household fridge, 130 l</source>
        <translation>Haushaltskühlschrank, 130 l</translation>
    </message>
    <message>
        <source>roof fan, low</source>
        <translation>Dachlüfter, niedrige Stufe</translation>
    </message>
    <message>
        <source>water and air heater, gas or diesel</source>
        <translation>Wasser- und Luftheizung, Gas oder Diesel</translation>
    </message>
    <message>
        <source>air conditioner, roof, fixed speed</source>
        <translation>Dachklimaanlage, feste Drehzahl</translation>
    </message>
    <message>
        <source>air conditioner, variable speed</source>
        <translation>Klimaanlage, drehzahlgeregelt</translation>
    </message>
    <message>
        <source>electric fan heater</source>
        <translation>Elektro-Heizlüfter</translation>
    </message>
    <message>
        <source>heated blanket</source>
        <translation>Heizdecke</translation>
    </message>
    <message>
        <source>tank heater pad, frost</source>
        <translation>Tankheizmatte, Frost</translation>
    </message>
    <message>
        <source>battery heater pad, frost (besides a heated battery&apos;s own)</source>
        <translation>Batterieheizmatte, Frost (neben der eigenen einer beheizten Batterie)</translation>
    </message>
    <message>
        <source>water heater, electric, 800 W</source>
        <translation>Warmwasserboiler, elektrisch, 800 W</translation>
    </message>
    <message>
        <source>water heater, electric, 1400 W</source>
        <translation>Warmwasserboiler, elektrisch, 1400 W</translation>
    </message>
    <message>
        <source>toilet flush</source>
        <translation>Toilettenspülung</translation>
    </message>
    <message>
        <source>macerator pump</source>
        <translation>Zerhackerpumpe</translation>
    </message>
    <message>
        <source>composting toilet&apos;s fan</source>
        <translation>Lüfter der Trenntoilette</translation>
    </message>
    <message>
        <source>awning or step motor</source>
        <translation>Markisen- oder Trittstufenmotor</translation>
    </message>
    <message>
        <source>red night lights</source>
        <translation>rotes Nachtlicht</translation>
    </message>
    <message>
        <source>outside light</source>
        <translation>Außenlicht</translation>
    </message>
    <message>
        <source>work laptop, 16 in, on USB-C</source>
        <translation>Arbeitslaptop, 16 Zoll, an USB-C</translation>
    </message>
    <message>
        <source>tablet</source>
        <translation>Tablet</translation>
    </message>
    <message>
        <source>camera battery charger</source>
        <translation>Ladegerät für Kameraakkus</translation>
    </message>
    <message>
        <source>drone battery charger</source>
        <translation>Ladegerät für Drohnenakkus</translation>
    </message>
    <message>
        <source>e-bike charger, one bike, 500 Wh</source>
        <translation>Ladegerät für ein E-Bike, 500 Wh</translation>
    </message>
    <message>
        <source>satellite internet, standard</source>
        <translation>Satelliteninternet, Standard</translation>
    </message>
    <message>
        <source>satellite internet, small</source>
        <translation>Satelliteninternet, klein</translation>
    </message>
    <message>
        <source>cell signal booster</source>
        <translation>Mobilfunkverstärker</translation>
    </message>
    <message>
        <source>CPAP without humidifier</source>
        <translation>CPAP ohne Befeuchter</translation>
    </message>
    <message>
        <source>CPAP with humidifier</source>
        <translation>CPAP mit Befeuchter</translation>
    </message>
    <message>
        <source>music system</source>
        <translation>Musikanlage</translation>
    </message>
    <message>
        <source>always on: alarm, monitor or gateway</source>
        <translation>immer an: Alarm, Monitor oder Gateway</translation>
    </message>
    <message>
        <source>gas and smoke alarm</source>
        <translation>Gas- und Rauchmelder</translation>
    </message>
    <message>
        <source>telescope mount</source>
        <translation>Teleskopmontierung</translation>
    </message>
    <message>
        <source>cooled astronomy camera</source>
        <translation>gekühlte Astrokamera</translation>
    </message>
    <message>
        <source>dew heaters, two</source>
        <translation>Tauheizungen, zwei</translation>
    </message>
    <message>
        <source>sewing machine</source>
        <translation>Nähmaschine</translation>
    </message>
    <message>
        <source>tyre compressor</source>
        <translation>Reifenkompressor</translation>
    </message>
    <message>
        <source>vacuum cleaner, hand-held charger</source>
        <translation>Ladegerät für Handstaubsauger</translation>
    </message>
    <message>
        <source>common practice; the data sheet of what you buy first</source>
        <translation>gängige Praxis; das Datenblatt des Gekauften geht vor</translation>
    </message>
    <message>
        <source>lithium battery, 100 Ah</source>
        <translation>Lithiumbatterie, 100 Ah</translation>
    </message>
    <message>
        <source>lithium battery, 150 Ah</source>
        <translation>Lithiumbatterie, 150 Ah</translation>
    </message>
    <message>
        <source>lithium battery, 200 Ah</source>
        <translation>Lithiumbatterie, 200 Ah</translation>
    </message>
    <message>
        <source>lithium battery, 280 Ah</source>
        <translation>Lithiumbatterie, 280 Ah</translation>
    </message>
    <message>
        <source>lithium battery, 100 Ah, heated</source>
        <translation>Lithiumbatterie, 100 Ah, beheizt</translation>
    </message>
    <message>
        <source>lithium battery, 200 Ah, heated</source>
        <translation>Lithiumbatterie, 200 Ah, beheizt</translation>
    </message>
    <message>
        <source>lithium battery, 24 V, 60 Ah</source>
        <translation>Lithiumbatterie, 24 V, 60 Ah</translation>
    </message>
    <message>
        <source>lithium battery, 24 V, 100 Ah</source>
        <translation>Lithiumbatterie, 24 V, 100 Ah</translation>
    </message>
    <message>
        <source>lithium battery, 24 V, 120 Ah</source>
        <translation>Lithiumbatterie, 24 V, 120 Ah</translation>
    </message>
    <message>
        <source>lithium battery, 24 V, 120 Ah, heated</source>
        <translation>Lithiumbatterie, 24 V, 120 Ah, beheizt</translation>
    </message>
    <message>
        <source>lithium battery, 24 V, 200 Ah</source>
        <translation>Lithiumbatterie, 24 V, 200 Ah</translation>
    </message>
    <message>
        <source>AGM battery, 80 Ah</source>
        <translation>AGM-Batterie, 80 Ah</translation>
    </message>
    <message>
        <source>AGM battery, 110 Ah</source>
        <translation>AGM-Batterie, 110 Ah</translation>
    </message>
    <message>
        <source>AGM battery, 200 Ah</source>
        <translation>AGM-Batterie, 200 Ah</translation>
    </message>
    <message>
        <source>gel battery, 90 Ah</source>
        <translation>Gel-Batterie, 90 Ah</translation>
    </message>
    <message>
        <source>gel battery, 110 Ah</source>
        <translation>Gel-Batterie, 110 Ah</translation>
    </message>
    <message>
        <source>gel battery, 200 Ah</source>
        <translation>Gel-Batterie, 200 Ah</translation>
    </message>
    <message>
        <source>flooded deep-cycle battery, 90 Ah</source>
        <translation>Nass-Antriebsbatterie, 90 Ah</translation>
    </message>
    <message>
        <source>flooded deep-cycle battery, 110 Ah</source>
        <translation>Nass-Antriebsbatterie, 110 Ah</translation>
    </message>
    <message>
        <source>flooded deep-cycle battery, 6 V, 225 Ah</source>
        <translation>Nass-Antriebsbatterie, 6 V, 225 Ah</translation>
    </message>
    <message>
        <source>12 V blocks (common practice)</source>
        <translation>12-V-Blöcke (gängige Praxis)</translation>
    </message>
    <message>
        <source>common practice, wide spread between makers; rest volts: flooded well known (specific gravity + 0.845 V a cell), others from memory</source>
        <translation>gängige Praxis, große Spanne zwischen Herstellern; Ruhespannungen: nass gut bekannt (Säuredichte + 0,845 V je Zelle), andere aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>lithium iron phosphate</source>
        <translation>Lithium-Eisenphosphat</translation>
    </message>
    <message>
        <source>AGM lead-acid</source>
        <translation>AGM-Bleibatterie</translation>
    </message>
    <message>
        <source>gel lead-acid</source>
        <translation>Gel-Bleibatterie</translation>
    </message>
    <message>
        <source>flooded deep-cycle lead-acid</source>
        <translation>Nass-Antriebsbleibatterie</translation>
    </message>
    <message>
        <source>monthly means of daily sun on a level surface and of air temperature, from general knowledge; coldest: passed about once in ten years</source>
        <translation>Monatsmittel der täglichen Sonne auf ebener Fläche und der Lufttemperatur, aus allgemeinem Wissen; Kältestes: etwa einmal in zehn Jahren unterschritten</translation>
    </message>
    <message>
        <source>from memory: sun within 10 % (winter north of 50°: 20 %), temperature within 2 K, coldest within 4 K</source>
        <translation>aus dem Gedächtnis: Sonne auf 10 % (im Winter nördlich von 50°: 20 %), Temperatur auf 2 K, Kältestes auf 4 K</translation>
    </message>
    <message>
        <source>Tromsø</source>
        <translation>Tromsø</translation>
    </message>
    <message>
        <source>Oslo</source>
        <translation>Oslo</translation>
    </message>
    <message>
        <source>Hamburg</source>
        <translation>Hamburg</translation>
    </message>
    <message>
        <source>London</source>
        <translation>London</translation>
    </message>
    <message>
        <source>Munich</source>
        <translation>München</translation>
    </message>
    <message>
        <source>Rome</source>
        <translation>Rom</translation>
    </message>
    <message>
        <source>Madrid</source>
        <translation>Madrid</translation>
    </message>
    <message>
        <source>Seville</source>
        <translation>Sevilla</translation>
    </message>
    <message>
        <source>Marrakech</source>
        <translation>Marrakesch</translation>
    </message>
    <message>
        <source>Fairbanks</source>
        <translation>Fairbanks</translation>
    </message>
    <message>
        <source>Calgary</source>
        <translation>Calgary</translation>
    </message>
    <message>
        <source>Seattle</source>
        <translation>Seattle</translation>
    </message>
    <message>
        <source>Montreal</source>
        <translation>Montreal</translation>
    </message>
    <message>
        <source>New York</source>
        <translation>New York</translation>
    </message>
    <message>
        <source>Denver</source>
        <translation>Denver</translation>
    </message>
    <message>
        <source>Los Angeles</source>
        <translation>Los Angeles</translation>
    </message>
    <message>
        <source>Phoenix</source>
        <translation>Phoenix</translation>
    </message>
    <message>
        <source>Miami</source>
        <translation>Miami</translation>
    </message>
    <message>
        <source>Tokyo</source>
        <translation>Tokio</translation>
    </message>
    <message>
        <source>Sydney</source>
        <translation>Sydney</translation>
    </message>
    <message>
        <source>Perth</source>
        <translation>Perth</translation>
    </message>
    <message>
        <source>Cape Town</source>
        <translation>Kapstadt</translation>
    </message>
    <message>
        <source>Christchurch</source>
        <translation>Christchurch</translation>
    </message>
    <message>
        <source>Ushuaia</source>
        <translation>Ushuaia</translation>
    </message>
    <message>
        <source>charger for engine and sun, 25 A</source>
        <translation>Ladegerät für Motor und Sonne, 25 A</translation>
    </message>
    <message>
        <source>charger for engine and sun, 50 A</source>
        <translation>Ladegerät für Motor und Sonne, 50 A</translation>
    </message>
    <message>
        <source>charger for engine and sun, 12 V to 24 V, 25 A</source>
        <translation>Ladegerät für Motor und Sonne, 12 V auf 24 V, 25 A</translation>
    </message>
    <message>
        <source>PWM solar controller, 50 V, 10 A</source>
        <translation>PWM-Solarladeregler, 50 V, 10 A</translation>
    </message>
    <message>
        <source>PWM solar controller, 50 V, 20 A</source>
        <translation>PWM-Solarladeregler, 50 V, 20 A</translation>
    </message>
    <message>
        <source>MPPT solar controller, 75 V, 15 A</source>
        <translation>MPPT-Solarladeregler, 75 V, 15 A</translation>
    </message>
    <message>
        <source>MPPT solar controller, 100 V, 20 A</source>
        <translation>MPPT-Solarladeregler, 100 V, 20 A</translation>
    </message>
    <message>
        <source>MPPT solar controller, 100 V, 30 A</source>
        <translation>MPPT-Solarladeregler, 100 V, 30 A</translation>
    </message>
    <message>
        <source>MPPT solar controller, 100 V, 50 A</source>
        <translation>MPPT-Solarladeregler, 100 V, 50 A</translation>
    </message>
    <message>
        <source>MPPT solar controller, 150 V, 35 A</source>
        <translation>MPPT-Solarladeregler, 150 V, 35 A</translation>
    </message>
    <message>
        <source>MPPT solar controller, 150 V, 60 A</source>
        <translation>MPPT-Solarladeregler, 150 V, 60 A</translation>
    </message>
    <message>
        <source>converter 24 V to 12 V, 10 A</source>
        <translation>Spannungswandler 24 V auf 12 V, 10 A</translation>
    </message>
    <message>
        <source>converter 24 V to 12 V, 20 A</source>
        <translation>Spannungswandler 24 V auf 12 V, 20 A</translation>
    </message>
    <message>
        <source>converter 24 V to 12 V, 30 A</source>
        <translation>Spannungswandler 24 V auf 12 V, 30 A</translation>
    </message>
    <message>
        <source>converter 24 V to 12 V, 60 A</source>
        <translation>Spannungswandler 24 V auf 12 V, 60 A</translation>
    </message>
    <message>
        <source>DC-DC charger, 20 A</source>
        <translation>Ladebooster, 20 A</translation>
    </message>
    <message>
        <source>DC-DC charger, 30 A</source>
        <translation>Ladebooster, 30 A</translation>
    </message>
    <message>
        <source>DC-DC charger, 40 A</source>
        <translation>Ladebooster, 40 A</translation>
    </message>
    <message>
        <source>DC-DC charger, 60 A</source>
        <translation>Ladebooster, 60 A</translation>
    </message>
    <message>
        <source>DC-DC charger, 12 V to 24 V, 10 A</source>
        <translation>Ladebooster, 12 V auf 24 V, 10 A</translation>
    </message>
    <message>
        <source>DC-DC charger, 12 V to 24 V, 15 A</source>
        <translation>Ladebooster, 12 V auf 24 V, 15 A</translation>
    </message>
    <message>
        <source>DC-DC charger, 12 V to 24 V, 30 A</source>
        <translation>Ladebooster, 12 V auf 24 V, 30 A</translation>
    </message>
    <message>
        <source>DC-DC charger, isolated, 20 A</source>
        <translation>Ladebooster, galvanisch getrennt, 20 A</translation>
    </message>
    <message>
        <source>DC-DC charger, isolated, 30 A</source>
        <translation>Ladebooster, galvanisch getrennt, 30 A</translation>
    </message>
    <message>
        <source>one source per column, named there</source>
        <translation>eine Quelle je Spalte, dort genannt</translation>
    </message>
    <message>
        <source>per column</source>
        <translation>je Spalte</translation>
    </message>
    <message>
        <source>70 °C PVC single core</source>
        <translation>PVC-Aderleitung 70 °C</translation>
    </message>
    <message>
        <source>ISO 10133:2012 annex A (now in ISO 13297:2020), single conductor, copper, 30 °C</source>
        <translation>ISO 10133:2012 Anhang A (jetzt in ISO 13297:2020), einzelne Leitung, Kupfer, 30 °C</translation>
    </message>
    <message>
        <source>from memory, check before a release</source>
        <translation>aus dem Gedächtnis, vor einer Freigabe prüfen</translation>
    </message>
    <message>
        <source>IEC 60364-4-43 table 43A, PVC 70 to 160 °C</source>
        <translation>IEC 60364-4-43 Tabelle 43A, PVC 70 bis 160 °C</translation>
    </message>
    <message>
        <source>105 °C battery cable</source>
        <translation>Batteriekabel 105 °C</translation>
    </message>
    <message>
        <source>IEC 60364-4-43 formula with copper, 105 to 160 °C; end temperature assumed</source>
        <translation>Formel der IEC 60364-4-43 mit Kupfer, 105 bis 160 °C; Endtemperatur angenommen</translation>
    </message>
    <message>
        <source>solar cable</source>
        <translation>Solarkabel</translation>
    </message>
    <message>
        <source>IEC 60364-4-43 table 43A, cross-linked 90 to 250 °C</source>
        <translation>IEC 60364-4-43 Tabelle 43A, vernetzt 90 bis 250 °C</translation>
    </message>
    <message>
        <source>thin-wall shop figures</source>
        <translation>Dünnwandkabel, Händlerangaben</translation>
    </message>
    <message>
        <source>shop figures for short runs (common practice)</source>
        <translation>Händlerangaben für kurze Strecken (gängige Praxis)</translation>
    </message>
    <message>
        <source>common practice, optimistic; shown for comparison, never satisfies a check</source>
        <translation>gängige Praxis, optimistisch; zum Vergleich gezeigt, erfüllt nie eine Prüfung</translation>
    </message>
    <message>
        <source>as 105 °C battery cable</source>
        <translation>wie Batteriekabel 105 °C</translation>
    </message>
    <message>
        <source>one source per row, named there</source>
        <translation>eine Quelle je Zeile, dort genannt</translation>
    </message>
    <message>
        <source>clauses from memory, check before a release</source>
        <translation>Abschnitte aus dem Gedächtnis, vor einer Freigabe prüfen</translation>
    </message>
    <message>
        <source>fuse above its cable&apos;s ampacity</source>
        <translation>Sicherung über der Belastbarkeit ihres Kabels</translation>
    </message>
    <message>
        <source>fuse below 1.25 times the load</source>
        <translation>Sicherung unter dem 1,25-Fachen des Stroms</translation>
    </message>
    <message>
        <source>no fuse where a fault can be fed</source>
        <translation>keine Sicherung, wo ein Fehler gespeist werden kann</translation>
    </message>
    <message>
        <source>ISO 10133; ABYC E-11 (device at every source of power). EN 1648: check</source>
        <translation>ISO 10133; ABYC E-11 (Schutz an jeder Stromquelle). EN 1648: prüfen</translation>
    </message>
    <message>
        <source>fuse too far from the source</source>
        <translation>Sicherung zu weit von der Quelle</translation>
    </message>
    <message>
        <source>ISO 10133 (200 mm); ABYC E-11. EN 1648: check</source>
        <translation>ISO 10133 (200 mm); ABYC E-11. EN 1648: prüfen</translation>
    </message>
    <message>
        <source>fuse cannot interrupt the short circuit</source>
        <translation>Sicherung kann den Kurzschluss nicht unterbrechen</translation>
    </message>
    <message>
        <source>ABYC E-11 (interrupting capacity)</source>
        <translation>ABYC E-11 (Ausschaltvermögen)</translation>
    </message>
    <message>
        <source>fuse&apos;s voltage rating below the circuit&apos;s voltage</source>
        <translation>Nennspannung der Sicherung unter der des Stromkreises</translation>
    </message>
    <message>
        <source>maker&apos;s voltage rating, as in the library</source>
        <translation>Nennspannung nach Hersteller, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>voltage drop above its limit</source>
        <translation>Spannungsfall über dem Grenzwert</translation>
    </message>
    <message>
        <source>ABYC E-11: 3 % critical, 10 % others; own limits as in the rules</source>
        <translation>ABYC E-11: 3 % kritisch, 10 % andere; eigene Grenzwerte wie in den Regeln</translation>
    </message>
    <message>
        <source>cable does not withstand a short circuit</source>
        <translation>Kabel hält einen Kurzschluss nicht aus</translation>
    </message>
    <message>
        <source>IEC 60364-4-43, 434.5: I²t ≤ k²S²</source>
        <translation>IEC 60364-4-43, 434.5: I²t ≤ k²S²</translation>
    </message>
    <message>
        <source>fuse not selective with the one upstream</source>
        <translation>Sicherung nicht selektiv zur vorgeschalteten</translation>
    </message>
    <message>
        <source>cable, lug and terminal do not fit</source>
        <translation>Kabel, Kabelschuh und Klemme passen nicht zusammen</translation>
    </message>
    <message>
        <source>terminals as in the library; lugs after DIN 46235, from memory</source>
        <translation>Klemmen wie in der Bibliothek; Kabelschuhe nach DIN 46235, aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>too many lugs on one stud</source>
        <translation>zu viele Kabelschuhe auf einem Bolzen</translation>
    </message>
    <message>
        <source>ABYC E-11 (four lugs)</source>
        <translation>ABYC E-11 (vier Kabelschuhe)</translation>
    </message>
    <message>
        <source>conductor below the minimum size</source>
        <translation>Leitung unter dem Mindestquerschnitt</translation>
    </message>
    <message>
        <source>ISO 10133: 1 mm²; from memory. EN 1648: check</source>
        <translation>ISO 10133: 1 mm²; aus dem Gedächtnis. EN 1648: prüfen</translation>
    </message>
    <message>
        <source>device rated below the current through it</source>
        <translation>Gerät unter dem Strom hindurch ausgelegt</translation>
    </message>
    <message>
        <source>maker&apos;s rating, as in the library</source>
        <translation>Nennwert nach Hersteller, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>blade fuse loaded above 80 % for hours, or above its block&apos;s limit</source>
        <translation>Flachsicherung stundenlang über 80 % belastet, oder über dem Grenzwert ihres Blocks</translation>
    </message>
    <message>
        <source>common practice; the block&apos;s limit is its maker&apos;s</source>
        <translation>gängige Praxis; den Grenzwert des Blocks nennt sein Hersteller</translation>
    </message>
    <message>
        <source>parallel leads of unequal resistance</source>
        <translation>parallele Leitungen mit ungleichem Widerstand</translation>
    </message>
    <message>
        <source>insulation at or above its temperature limit</source>
        <translation>Isolierung an oder über ihrer Temperaturgrenze</translation>
    </message>
    <message>
        <source>IEC 60364-5-52, 522.1 (external influences: heat)</source>
        <translation>IEC 60364-5-52, 522.1 (äußere Einflüsse: Wärme)</translation>
    </message>
    <message>
        <source>no spare way in the fuse block</source>
        <translation>kein freier Abgang im Sicherungsblock</translation>
    </message>
    <message>
        <source>branch cable thinner than the upstream fuse protects</source>
        <translation>Abzweigkabel dünner, als die vorgeschaltete Sicherung schützt</translation>
    </message>
    <message>
        <source>IEC 60364-4-43, 433.2. EN 1648: check</source>
        <translation>IEC 60364-4-43, 433.2. EN 1648: prüfen</translation>
    </message>
    <message>
        <source>main fuse below what the inverter draws at low voltage</source>
        <translation>Hauptsicherung unter dem Strom des Wechselrichters bei niedriger Spannung</translation>
    </message>
    <message>
        <source>own arithmetic from the maker&apos;s low cut-off</source>
        <translation>eigene Rechnung aus der Unterspannungsabschaltung des Herstellers</translation>
    </message>
    <message>
        <source>control lead without its small fuse</source>
        <translation>Steuerleitung ohne ihre kleine Sicherung</translation>
    </message>
    <message>
        <source>ISO 10133; ABYC E-11 (device at every source of power)</source>
        <translation>ISO 10133; ABYC E-11 (Schutz an jeder Stromquelle)</translation>
    </message>
    <message>
        <source>ambient temperature of a place left at the usual value</source>
        <translation>Umgebungstemperatur eines Orts auf dem üblichen Wert belassen</translation>
    </message>
    <message>
        <source>design ambients are common practice</source>
        <translation>Auslegungstemperaturen sind gängige Praxis</translation>
    </message>
    <message>
        <source>size or rating that is not sold</source>
        <translation>Querschnitt oder Nennstrom nicht erhältlich</translation>
    </message>
    <message>
        <source>conductors and fuses, as in the library</source>
        <translation>Leitungen und Sicherungen, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>home-made bar: rated above its copper, or to be covered</source>
        <translation>selbst gebaute Schiene: über ihrem Kupfer eingetragen, oder abzudecken</translation>
    </message>
    <message>
        <source>copper bars in free air, direct current (from memory); common practice</source>
        <translation>Kupferschienen frei in Luft, Gleichstrom (aus dem Gedächtnis); gängige Praxis</translation>
    </message>
    <message>
        <source>bank too small for the days asked</source>
        <translation>Bank zu klein für die gewünschten Tage</translation>
    </message>
    <message>
        <source>discharge above the batteries&apos; limit</source>
        <translation>Entladung über dem Grenzwert der Batterien</translation>
    </message>
    <message>
        <source>maker&apos;s limit, as in the library</source>
        <translation>Grenzwert des Herstellers, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>charging too strong or too slow for the bank</source>
        <translation>Laden zu stark oder zu langsam für die Bank</translation>
    </message>
    <message>
        <source>maker&apos;s charging limit; a day to fill is common practice</source>
        <translation>Ladegrenze des Herstellers; ein Tag bis voll ist gängige Praxis</translation>
    </message>
    <message>
        <source>batteries share unequally</source>
        <translation>Batterien teilen sich den Strom ungleich</translation>
    </message>
    <message>
        <source>shares solved with the resistance of every lead; 10 % is common practice</source>
        <translation>Anteile mit dem Widerstand jeder Leitung gelöst; 10 % ist gängige Praxis</translation>
    </message>
    <message>
        <source>mixed or aged batteries in parallel</source>
        <translation>ungleiche oder gealterte Batterien parallel</translation>
    </message>
    <message>
        <source>common practice; battery makers</source>
        <translation>gängige Praxis; Batteriehersteller</translation>
    </message>
    <message>
        <source>lithium charged in frost</source>
        <translation>Lithium bei Frost geladen</translation>
    </message>
    <message>
        <source>makers: no charge below 0 °C</source>
        <translation>Hersteller: kein Laden unter 0 °C</translation>
    </message>
    <message>
        <source>gassing battery in the living space</source>
        <translation>gasende Batterie im Wohnraum</translation>
    </message>
    <message>
        <source>batteries in series without balancing</source>
        <translation>Batterien in Reihe ohne Ausgleich</translation>
    </message>
    <message>
        <source>cold trip without the heater&apos;s draw in the plan</source>
        <translation>kalte Reise ohne den Verbrauch der Heizung im Plan</translation>
    </message>
    <message>
        <source>standby and idle draw drain the bank while parked</source>
        <translation>Bereitschaft und Leerlauf entleeren die Bank beim Parken</translation>
    </message>
    <message>
        <source>loads on the starter battery</source>
        <translation>Verbraucher an der Starterbatterie</translation>
    </message>
    <message>
        <source>voltage of a cold array above the controller&apos;s limit</source>
        <translation>Spannung kalter Module über der Grenze des Reglers</translation>
    </message>
    <message>
        <source>maker&apos;s limit; panel&apos;s temperature coefficient</source>
        <translation>Grenzwert des Herstellers; Temperaturkoeffizient des Moduls</translation>
    </message>
    <message>
        <source>controller too small for the best month&apos;s sun</source>
        <translation>Laderegler zu klein für die Sonne des besten Monats</translation>
    </message>
    <message>
        <source>monthly means (an hourly simulation of the year would be more accurate)</source>
        <translation>Monatsmittel (eine stündliche Simulation des Jahres wäre genauer)</translation>
    </message>
    <message>
        <source>voltage of a hot array too low for the controller</source>
        <translation>Spannung heißer Module zu niedrig für den Regler</translation>
    </message>
    <message>
        <source>maker&apos;s start voltage; panel&apos;s temperature coefficient</source>
        <translation>Startspannung nach Hersteller; Temperaturkoeffizient des Moduls</translation>
    </message>
    <message>
        <source>IEC 62548; panel&apos;s largest series fuse (maker)</source>
        <translation>IEC 62548; größte Strangsicherung des Moduls (Hersteller)</translation>
    </message>
    <message>
        <source>array cable below the required ampacity</source>
        <translation>Modulkabel unter der nötigen Belastbarkeit</translation>
    </message>
    <message>
        <source>IEC 60364-7-712: 1.25 times short-circuit current</source>
        <translation>IEC 60364-7-712: 1,25-facher Kurzschlussstrom</translation>
    </message>
    <message>
        <source>solar controller without a fuse at the bank</source>
        <translation>Laderegler ohne Sicherung an der Bank</translation>
    </message>
    <message>
        <source>ABYC E-11 (device at every source of power); maker</source>
        <translation>ABYC E-11 (Schutz an jeder Stromquelle); Hersteller</translation>
    </message>
    <message>
        <source>solar controller loses the bank with the main switch</source>
        <translation>Laderegler verliert die Bank mit dem Hauptschalter</translation>
    </message>
    <message>
        <source>common practice; makers: battery first, panels last</source>
        <translation>gängige Praxis; Hersteller: zuerst die Batterie, zuletzt die Module</translation>
    </message>
    <message>
        <source>too little sun, and nothing else charges</source>
        <translation>zu wenig Sonne, und sonst lädt nichts</translation>
    </message>
    <message>
        <source>monthly means</source>
        <translation>Monatsmittel</translation>
    </message>
    <message>
        <source>strings of different voltage at one controller</source>
        <translation>Stränge verschiedener Spannung an einem Laderegler</translation>
    </message>
    <message>
        <source>PWM controller with a high-voltage panel</source>
        <translation>PWM-Regler mit Modul hoher Spannung</translation>
    </message>
    <message>
        <source>panels&apos; negative bypasses a controller that may need it</source>
        <translation>Minus der Module umgeht einen Regler, der ihn vielleicht braucht</translation>
    </message>
    <message>
        <source>controller makers</source>
        <translation>Hersteller von Ladereglern</translation>
    </message>
    <message>
        <source>relay with a variable-voltage alternator</source>
        <translation>Relais an einer Lichtmaschine veränderlicher Spannung</translation>
    </message>
    <message>
        <source>vehicle and relay makers; common practice</source>
        <translation>Fahrzeug- und Relaishersteller; gängige Praxis</translation>
    </message>
    <message>
        <source>nothing limits what lithium takes from the alternator</source>
        <translation>nichts begrenzt, was Lithium aus der Lichtmaschine nimmt</translation>
    </message>
    <message>
        <source>battery makers&apos; charging rules; common practice</source>
        <translation>Laderegeln der Batteriehersteller; gängige Praxis</translation>
    </message>
    <message>
        <source>charger takes too much from the alternator</source>
        <translation>Ladegerät nimmt zu viel aus der Lichtmaschine</translation>
    </message>
    <message>
        <source>half of the rating on the road, what is left at idle (common practice)</source>
        <translation>Hälfte des Nennstroms auf der Straße, im Leerlauf was übrig bleibt (gängige Praxis)</translation>
    </message>
    <message>
        <source>maker&apos;s enable input; common practice</source>
        <translation>Signaleingang nach Hersteller; gängige Praxis</translation>
    </message>
    <message>
        <source>engine feed unfused at a battery</source>
        <translation>Motorzuleitung an einer Batterie ohne Sicherung</translation>
    </message>
    <message>
        <source>ABYC E-11 (both ends where both ends have a battery)</source>
        <translation>ABYC E-11 (beide Enden, wo beide Enden eine Batterie haben)</translation>
    </message>
    <message>
        <source>engine does not run long enough</source>
        <translation>Motor läuft nicht lange genug</translation>
    </message>
    <message>
        <source>supply point of the vehicle: overloaded, or not known</source>
        <translation>Anschlusspunkt des Fahrzeugs: überlastet, oder nicht bekannt</translation>
    </message>
    <message>
        <source>the vehicle maker&apos;s fuse and cable</source>
        <translation>Sicherung und Kabel des Fahrzeugherstellers</translation>
    </message>
    <message>
        <source>house negative not bonded to the chassis once</source>
        <translation>Minus der Anlage nicht einmal mit der Karosserie verbunden</translation>
    </message>
    <message>
        <source>ISO 13297; ABYC E-11. EN 1648: check</source>
        <translation>ISO 13297; ABYC E-11. EN 1648: prüfen</translation>
    </message>
    <message>
        <source>bond conductor too thin</source>
        <translation>Masseverbindung zu dünn</translation>
    </message>
    <message>
        <source>a negative bypasses the shunt</source>
        <translation>ein Minus umgeht den Shunt</translation>
    </message>
    <message>
        <source>common practice: a shunt counts only what passes through it</source>
        <translation>gängige Praxis: Ein Shunt zählt nur, was durch ihn fließt</translation>
    </message>
    <message>
        <source>shunt rated below the peak</source>
        <translation>Shunt unter dem Spitzenstrom ausgelegt</translation>
    </message>
    <message>
        <source>monitor&apos;s supply without a fuse</source>
        <translation>Versorgung der Anzeige ohne Sicherung</translation>
    </message>
    <message>
        <source>more sensors than a monitor has ports</source>
        <translation>mehr Sensoren, als eine Anzeige Anschlüsse hat</translation>
    </message>
    <message>
        <source>monitor&apos;s ports, as in the library</source>
        <translation>Anschlüsse der Anzeige, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>ready-made lead too short</source>
        <translation>fertige Leitung zu kurz</translation>
    </message>
    <message>
        <source>ready-made leads, as in the library</source>
        <translation>fertige Leitungen, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>equipment for another voltage than the bank&apos;s</source>
        <translation>Gerät für eine andere Spannung als die der Bank</translation>
    </message>
    <message>
        <source>maker&apos;s rated voltage, as in the library</source>
        <translation>Nennspannung nach Hersteller, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>appliance for another voltage than its supply</source>
        <translation>Verbraucher für eine andere Spannung als seine Versorgung</translation>
    </message>
    <message>
        <source>maker&apos;s rated voltage</source>
        <translation>Nennspannung nach Hersteller</translation>
    </message>
    <message>
        <source>inverter too small</source>
        <translation>Wechselrichter zu klein</translation>
    </message>
    <message>
        <source>maker&apos;s continuous rating, as in the library</source>
        <translation>Dauerleistung nach Hersteller, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>mains side not planned here</source>
        <translation>Netzseite hier nicht geplant</translation>
    </message>
    <message>
        <source>IEC 60364-7-721 / BS 7671 section 721</source>
        <translation>IEC 60364-7-721 / BS 7671 Abschnitt 721</translation>
    </message>
    <message>
        <source>a load cannot be supplied</source>
        <translation>ein Verbraucher lässt sich nicht versorgen</translation>
    </message>
    <message>
        <source>IEC 60228 class 5, plain copper, largest resistance at 20 °C</source>
        <translation>IEC 60228 Klasse 5, blankes Kupfer, größter Widerstand bei 20 °C</translation>
    </message>
    <message>
        <source>resistance: well known; outer diameter: common practice</source>
        <translation>Widerstand: gut bekannt; Außendurchmesser: gängige Praxis</translation>
    </message>
    <message>
        <source>barrel bores after DIN 46235; below 6 mm² ring terminals</source>
        <translation>Hülsenbohrungen nach DIN 46235; unter 6 mm² Ringkabelschuhe</translation>
    </message>
    <message>
        <source>ABYC and IEC figures well known; ISO 10133 from memory; the rest common practice</source>
        <translation>ABYC- und IEC-Werte gut bekannt; ISO 10133 aus dem Gedächtnis; der Rest gängige Praxis</translation>
    </message>
    <message>
        <source>fuse at least 1.25 times a current that runs for hours</source>
        <translation>Sicherung mindestens das 1,25-Fache eines stundenlangen Stroms</translation>
    </message>
    <message>
        <source>NEC 210.20/215.3, used by choice</source>
        <translation>NEC 210.20/215.3, freiwillig angewandt</translation>
    </message>
    <message>
        <source>maximum voltage drop, out and back: feeders, electronics, chargers</source>
        <translation>größter Spannungsfall, hin und zurück: Zuleitungen, Elektronik, Ladegeräte</translation>
    </message>
    <message>
        <source>ABYC E-11</source>
        <translation>ABYC E-11</translation>
    </message>
    <message>
        <source>maximum voltage drop, out and back: other circuits (10 % is ABYC&apos;s outer limit)</source>
        <translation>größter Spannungsfall, hin und zurück: andere Stromkreise (10 % ist die äußere Grenze der ABYC)</translation>
    </message>
    <message>
        <source>common practice; ABYC E-11 allows 10 %</source>
        <translation>gängige Praxis; ABYC E-11 erlaubt 10 %</translation>
    </message>
    <message>
        <source>maximum voltage drop on the inverter&apos;s leads at its rated power</source>
        <translation>größter Spannungsfall an den Leitungen des Wechselrichters bei Nennleistung</translation>
    </message>
    <message>
        <source>maximum voltage drop, out and back, between the batteries a relay connects: it only makes charging slower</source>
        <translation>größter Spannungsfall, hin und zurück, zwischen den Batterien, die ein Relais verbindet: Er macht nur das Laden langsamer</translation>
    </message>
    <message>
        <source>ABYC E-11: 10 % for what is not critical, by choice</source>
        <translation>ABYC E-11: 10 % für Unkritisches, freiwillig angewandt</translation>
    </message>
    <message>
        <source>maximum voltage drop before a DC-DC charger, out and back: it compensates as long as its input stays above the stop voltage</source>
        <translation>größter Spannungsfall vor einem Ladebooster, hin und zurück: Er gleicht ihn aus, solange sein Eingang über der Abschaltspannung bleibt</translation>
    </message>
    <message>
        <source>common practice; ABYC E-11 requires 3 % for feeders</source>
        <translation>gängige Praxis; ABYC E-11 verlangt 3 % für Zuleitungen</translation>
    </message>
    <message>
        <source>minimum conductor size outside a device</source>
        <translation>Mindestquerschnitt außerhalb eines Geräts</translation>
    </message>
    <message>
        <source>ISO 10133/13297: 1 mm²; from memory</source>
        <translation>ISO 10133/13297: 1 mm²; aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>size assumed for the cable of a vehicle supply point that is not known</source>
        <translation>angenommener Querschnitt am Anschlusspunkt eines Fahrzeugs, wenn er nicht bekannt ist</translation>
    </message>
    <message>
        <source>judgement: what makers fit for a trailer socket or a body-builder interface; measure it</source>
        <translation>Einschätzung: was Hersteller für eine Anhängersteckdose oder Aufbau-Schnittstelle verlegen; messen</translation>
    </message>
    <message>
        <source>largest distance of a fuse from the source</source>
        <translation>größter Abstand einer Sicherung von der Quelle</translation>
    </message>
    <message>
        <source>ISO 10133/13297 (200 mm), from memory; ABYC E-11: 175 mm</source>
        <translation>ISO 10133/13297 (200 mm), aus dem Gedächtnis; ABYC E-11: 175 mm</translation>
    </message>
    <message>
        <source>from the battery, in a sheath</source>
        <translation>von der Batterie, mit Schutzrohr</translation>
    </message>
    <message>
        <source>from a bus bar, in a sheath</source>
        <translation>von einer Sammelschiene, mit Schutzrohr</translation>
    </message>
    <message>
        <source>largest share of the best month&apos;s yield that a controller may lose</source>
        <translation>größter Anteil am Ertrag des besten Monats, den ein Regler verlieren darf</translation>
    </message>
    <message>
        <source>longest time to fill the bank from empty</source>
        <translation>längste Zeit, um die Bank von leer zu füllen</translation>
    </message>
    <message>
        <source>flat roof in the open: soiling 0.95, wiring 0.97, controller 0.97, mismatch 0.98, heat 0.92</source>
        <translation>Flachdach im Freien: Schmutz 0,95, Leitungen 0,97, Regler 0,97, Ungleichheit 0,98, Wärme 0,92</translation>
    </message>
    <message>
        <source>current the vehicle itself draws from the alternator</source>
        <translation>Strom, den das Fahrzeug selbst aus der Lichtmaschine zieht</translation>
    </message>
    <message>
        <source>minimum bond to structural metal</source>
        <translation>Mindestquerschnitt der Masseverbindung zu tragendem Metall</translation>
    </message>
    <message>
        <source>added to a routed length for bends and terminations</source>
        <translation>Zugabe zu einer verlegten Länge für Bögen und Anschlüsse</translation>
    </message>
    <message>
        <source>between two devices at the same place until the board is laid out</source>
        <translation>zwischen zwei Geräten am selben Ort, bis die Platte aufgeteilt ist</translation>
    </message>
    <message>
        <source>from a stud to a separate fuse holder</source>
        <translation>von einem Bolzen zu einem einzelnen Sicherungshalter</translation>
    </message>
    <message>
        <source>within ISO 10133&apos;s 200 mm</source>
        <translation>innerhalb der 200 mm der ISO 10133</translation>
    </message>
    <message>
        <source>a load left on draws its standby power the rest of the day</source>
        <translation>ein angelassener Verbraucher zieht den Rest des Tages seine Bereitschaftsleistung</translation>
    </message>
    <message>
        <source>array conductors: factor on the short-circuit current</source>
        <translation>Modulleitungen: Faktor auf den Kurzschlussstrom</translation>
    </message>
    <message>
        <source>IEC 60364-7-712</source>
        <translation>IEC 60364-7-712</translation>
    </message>
    <message>
        <source>maximum voltage drop of any circuit, out and back</source>
        <translation>größter Spannungsfall eines Stromkreises, hin und zurück</translation>
    </message>
    <message>
        <source>ISO 10133; ABYC E-11</source>
        <translation>ISO 10133; ABYC E-11</translation>
    </message>
    <message>
        <source>maximum number of lugs on one stud</source>
        <translation>größte Zahl von Kabelschuhen auf einem Bolzen</translation>
    </message>
    <message>
        <source>share of a blade fuse&apos;s rating that may flow continuously</source>
        <translation>Anteil des Nennstroms einer Flachsicherung, der dauernd fließen darf</translation>
    </message>
    <message>
        <source>largest departure of a battery from an equal share</source>
        <translation>größte Abweichung einer Batterie vom gleichen Anteil</translation>
    </message>
    <message>
        <source>three current-carrying conductors bundled</source>
        <translation>drei stromführende Leitungen gebündelt</translation>
    </message>
    <message>
        <source>ISO 10133 annex A, from memory</source>
        <translation>ISO 10133 Anhang A, aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>four to six bundled</source>
        <translation>vier bis sechs gebündelt</translation>
    </message>
    <message>
        <source>seven to 24 bundled</source>
        <translation>sieben bis 24 gebündelt</translation>
    </message>
    <message>
        <source>25 and more bundled</source>
        <translation>25 und mehr gebündelt</translation>
    </message>
    <message>
        <source>largest share of the daily use that an idling inverter should take</source>
        <translation>größter Anteil am Tagesverbrauch, den ein Wechselrichter im Leerlauf nehmen soll</translation>
    </message>
    <message>
        <source>smallest share of the daily use that panels should supply in the trip&apos;s leanest month to count as a source</source>
        <translation>kleinster Anteil am Tagesverbrauch, den Module im schwächsten Reisemonat liefern sollen, um als Quelle zu zählen</translation>
    </message>
    <message>
        <source>lithium must not be charged below</source>
        <translation>Lithium darf nicht geladen werden unter</translation>
    </message>
    <message>
        <source>makers; common practice</source>
        <translation>Hersteller; gängige Praxis</translation>
    </message>
    <message>
        <source>cable, per mm² and metre; the price of copper can double within years</source>
        <translation>Kabel, je mm² und Meter; der Kupferpreis kann sich in Jahren verdoppeln</translation>
    </message>
    <message>
        <source>common practice, 0.18 to 0.30</source>
        <translation>gängige Praxis, 0,18 bis 0,30</translation>
    </message>
    <message>
        <source>weight of cable per mm² of copper</source>
        <translation>Kabelgewicht je mm² Kupfer</translation>
    </message>
    <message>
        <source>copper 8.9 g/m per mm², with stranding and jacket</source>
        <translation>Kupfer 8,9 g/m je mm², mit Verseilung und Mantel</translation>
    </message>
    <message>
        <source>weight of cable apart from its copper</source>
        <translation>Kabelgewicht ohne Kupfer</translation>
    </message>
    <message>
        <source>torque for brass terminals of devices, dry: common practice</source>
        <translation>Drehmoment für Messingklemmen von Geräten, trocken: gängige Praxis</translation>
    </message>
    <message>
        <source>M5</source>
        <translation>M5</translation>
    </message>
    <message>
        <source>M6</source>
        <translation>M6</translation>
    </message>
    <message>
        <source>M8</source>
        <translation>M8</translation>
    </message>
    <message>
        <source>M10</source>
        <translation>M10</translation>
    </message>
    <message>
        <source>M12</source>
        <translation>M12</translation>
    </message>
    <message>
        <source>round battery post</source>
        <translation>runder Batteriepol</translation>
    </message>
    <message>
        <source>side post, 3/8 in</source>
        <translation>seitlicher Pol, 3/8 Zoll</translation>
    </message>
    <message>
        <source>what is already in the van, or comes with what is bought (common practice)</source>
        <translation>was schon im Fahrzeug ist oder mit dem Gekauften kommt (gängige Praxis)</translation>
    </message>
    <message>
        <source>common practice; check your own van first</source>
        <translation>gängige Praxis; zuerst das eigene Fahrzeug prüfen</translation>
    </message>
    <message>
        <source>starter battery, 80 Ah</source>
        <translation>Starterbatterie, 80 Ah</translation>
    </message>
    <message>
        <source>chassis point</source>
        <translation>Massepunkt</translation>
    </message>
    <message>
        <source>supply point of the vehicle</source>
        <translation>Anschlusspunkt des Fahrzeugs</translation>
    </message>
    <message>
        <source>rocker switch with lamp, 10 A</source>
        <translation>Wippschalter mit Lampe, 10 A</translation>
    </message>
    <message>
        <source>rocker switch, 10 A</source>
        <translation>Wippschalter, 10 A</translation>
    </message>
    <message>
        <source>two-way rocker switch, 10 A</source>
        <translation>Wechsel-Wippschalter, 10 A</translation>
    </message>
    <message>
        <source>dimmer, 5 A</source>
        <translation>Dimmer, 5 A</translation>
    </message>
    <message>
        <source>relay, live while the engine runs, 40 A</source>
        <translation>Relais, an bei laufendem Motor, 40 A</translation>
    </message>
    <message>
        <source>screw on the body, bare metal</source>
        <translation>Schraube an der Karosserie, blankes Metall</translation>
    </message>
    <message>
        <source>remote panel</source>
        <translation>Fernbedienung</translation>
    </message>
    <message>
        <source>sender of a tank</source>
        <translation>Geber eines Tanks</translation>
    </message>
    <message>
        <source>temperature sensor, on its lead</source>
        <translation>Temperatursensor, an seiner Leitung</translation>
    </message>
    <message>
        <source>sense point, on its lead</source>
        <translation>Spannungsmesspunkt, an seiner Leitung</translation>
    </message>
    <message>
        <source>appliance terminals</source>
        <translation>Anschluss des Verbrauchers</translation>
    </message>
    <message>
        <source>one source per family, named there</source>
        <translation>eine Quelle je Familie, dort genannt</translation>
    </message>
    <message>
        <source>per family</source>
        <translation>je Familie</translation>
    </message>
    <message>
        <source>blade fuse, regular</source>
        <translation>Flachsicherung, normal</translation>
    </message>
    <message>
        <source>ISO 8820-3 type C</source>
        <translation>ISO 8820-3 Typ C</translation>
    </message>
    <message>
        <source>ISO 8820-3, well known</source>
        <translation>ISO 8820-3, gut bekannt</translation>
    </message>
    <message>
        <source>bolt-in strip fuse SF30</source>
        <translation>Schraubstreifensicherung SF30</translation>
    </message>
    <message>
        <source>SF30</source>
        <translation>SF30</translation>
    </message>
    <message>
        <source>ISO 8820-5 SF30</source>
        <translation>ISO 8820-5 SF30</translation>
    </message>
    <message>
        <source>low end of makers&apos; figures, from memory; the maker&apos;s figure first</source>
        <translation>unteres Ende der Herstellerangaben, aus dem Gedächtnis; der Wert des Herstellers geht vor</translation>
    </message>
    <message>
        <source>bolt-in strip fuse SF51</source>
        <translation>Schraubstreifensicherung SF51</translation>
    </message>
    <message>
        <source>SF51</source>
        <translation>SF51</translation>
    </message>
    <message>
        <source>ISO 8820-5 SF51</source>
        <translation>ISO 8820-5 SF51</translation>
    </message>
    <message>
        <source>low end of makers&apos; figures, from memory; marine kinds 5 kA</source>
        <translation>unteres Ende der Herstellerangaben, aus dem Gedächtnis; Marineausführungen 5 kA</translation>
    </message>
    <message>
        <source>terminal cube fuse</source>
        <translation>Würfelsicherung für Batterieklemmen</translation>
    </message>
    <message>
        <source>cube</source>
        <translation>Würfel</translation>
    </message>
    <message>
        <source>typical terminal fuse on the battery stud</source>
        <translation>typische Klemmensicherung auf dem Batteriebolzen</translation>
    </message>
    <message>
        <source>common practice, weak; the maker&apos;s curve first</source>
        <translation>gängige Praxis, schwach belegt; die Kennlinie des Herstellers geht vor</translation>
    </message>
    <message>
        <source>class T fuse</source>
        <translation>Class-T-Sicherung</translation>
    </message>
    <message>
        <source>class T</source>
        <translation>Class T</translation>
    </message>
    <message>
        <source>UL 248-15</source>
        <translation>UL 248-15</translation>
    </message>
    <message>
        <source>UL 248-15, well known</source>
        <translation>UL 248-15, gut bekannt</translation>
    </message>
    <message>
        <source>blade fuse, large</source>
        <translation>Flachsicherung, groß</translation>
    </message>
    <message>
        <source>blade, large</source>
        <translation>Flach, groß</translation>
    </message>
    <message>
        <source>ISO 8820-3 type E</source>
        <translation>ISO 8820-3 Typ E</translation>
    </message>
    <message>
        <source>1 to 2 kA, from memory</source>
        <translation>1 bis 2 kA, aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>ANL fuse</source>
        <translation>ANL-Sicherung</translation>
    </message>
    <message>
        <source>ANL</source>
        <translation>ANL</translation>
    </message>
    <message>
        <source>ANL type (common practice)</source>
        <translation>Typ ANL (gängige Praxis)</translation>
    </message>
    <message>
        <source>6 kA at 32 V, from memory; look-alikes: take 2 kA</source>
        <translation>6 kA bei 32 V, aus dem Gedächtnis; Nachbauten: 2 kA annehmen</translation>
    </message>
    <message>
        <source>IEC 60269-6</source>
        <translation>IEC 60269-6</translation>
    </message>
    <message>
        <source>1.13 and 1.45 times: well known; the rest weak</source>
        <translation>1,13- und 1,45-fach: gut bekannt; der Rest schwach belegt</translation>
    </message>
    <message>
        <source>20 to 30 kA, from memory</source>
        <translation>20 bis 30 kA, aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>thermal breaker, surface mount, manual reset</source>
        <translation>Thermoautomat, Aufbau, von Hand rückstellbar</translation>
    </message>
    <message>
        <source>SAE J553 type III</source>
        <translation>SAE J553 Typ III</translation>
    </message>
    <message>
        <source>common practice, weak</source>
        <translation>gängige Praxis, schwach belegt</translation>
    </message>
    <message>
        <source>marine kinds 5 kA at 12 V, 3 at 24; look-alikes unproven, from memory</source>
        <translation>Marineausführungen 5 kA bei 12 V, 3 bei 24; Nachbauten unbelegt, aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>thermal breaker, self-resetting</source>
        <translation>Thermoautomat, selbst rückstellend</translation>
    </message>
    <message>
        <source>SAE J553 type I</source>
        <translation>SAE J553 Typ I</translation>
    </message>
    <message>
        <source>common practice, weak; closes again into the fault after seconds to a minute</source>
        <translation>gängige Praxis, schwach belegt; schaltet nach Sekunden bis einer Minute wieder auf den Fehler</translation>
    </message>
    <message>
        <source>1 to 2 kA, look-alikes unproven (common practice)</source>
        <translation>1 bis 2 kA, Nachbauten unbelegt (gängige Praxis)</translation>
    </message>
    <message>
        <source>hydraulic-magnetic breaker</source>
        <translation>hydraulisch-magnetischer Automat</translation>
    </message>
    <message>
        <source>breaker</source>
        <translation>Automat</translation>
    </message>
    <message>
        <source>UL 1077/489, medium delay</source>
        <translation>UL 1077/489, mittlere Verzögerung</translation>
    </message>
    <message>
        <source>5 to 10 kA, from memory</source>
        <translation>5 bis 10 kA, aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>words of the trade (common practice)</source>
        <translation>Fachwörter (gängige Praxis)</translation>
    </message>
    <message>
        <source>The second stage of charging, at a constant higher voltage, until the battery is full.</source>
        <translation>Die zweite Stufe des Ladens, mit konstanter höherer Spannung, bis die Batterie voll ist.</translation>
    </message>
    <message>
        <source>AGM</source>
        <translation>AGM</translation>
    </message>
    <message>
        <source>A sealed lead-acid battery with the acid held in a glass mat.</source>
        <translation>Eine verschlossene Bleibatterie, deren Säure in einem Glasvlies gebunden ist.</translation>
    </message>
    <message>
        <source>The generator on the engine.</source>
        <translation>Der Generator am Motor.</translation>
    </message>
    <message>
        <source>ambient</source>
        <translation>Umgebungstemperatur|Umgebung</translation>
    </message>
    <message>
        <source>The temperature of the air around a cable.</source>
        <translation>Die Temperatur der Luft um ein Kabel.</translation>
    </message>
    <message>
        <source>The largest current a conductor can carry continuously without its insulation getting too hot, in the place and bundle where it runs.</source>
        <translation>Der größte Strom, den eine Leitung an ihrem Ort und in ihrem Bündel dauernd führen kann, ohne dass ihre Isolierung zu heiß wird.</translation>
    </message>
    <message>
        <source>ANL fuse|ANL</source>
        <translation>ANL-Sicherung|ANL</translation>
    </message>
    <message>
        <source>A bolt-down fuse of 35 to 750 A with a window, interrupting about 6 kA.</source>
        <translation>Eine Schraubsicherung von 35 bis 750 A mit Sichtfenster, unterbricht etwa 6 kA.</translation>
    </message>
    <message>
        <source>AWG</source>
        <translation>AWG</translation>
    </message>
    <message>
        <source>American Wire Gauge: the smaller the number, the thicker the wire; 4/0 is thicker than 1/0.</source>
        <translation>Amerikanisches Drahtmaß: je kleiner die Zahl, desto dicker der Draht; 4/0 ist dicker als 1/0.</translation>
    </message>
    <message>
        <source>back-up protection</source>
        <translation>Rückschutz</translation>
    </message>
    <message>
        <source>A fuse upstream interrupts what the smaller fuse could not, so the smaller one survives.</source>
        <translation>Eine vorgeschaltete Sicherung unterbricht, was die kleinere nicht könnte, so dass die kleinere heil bleibt.</translation>
    </message>
    <message>
        <source>bank</source>
        <translation>Batteriebank|Bank</translation>
    </message>
    <message>
        <source>All batteries of the camper system together, wired in parallel or series.</source>
        <translation>Alle Batterien der Camperanlage zusammen, parallel oder in Reihe geschaltet.</translation>
    </message>
    <message>
        <source>battery monitor|monitor</source>
        <translation>Batteriemonitor|Monitor</translation>
    </message>
    <message>
        <source>A display that counts what goes into and out of the bank and shows how full it is.</source>
        <translation>Eine Anzeige, die zählt, was in die Bank hinein- und herausfließt, und zeigt, wie voll sie ist.</translation>
    </message>
    <message>
        <source>blade fuse</source>
        <translation>Flachsicherung</translation>
    </message>
    <message>
        <source>The plug-in car fuse: cheap, in every shop, up to about 30 A (large blades to 80 A), interrupting about 1 kA.</source>
        <translation>Die Steckersicherung aus dem Auto: billig, überall zu haben, bis etwa 30 A (große bis 80 A), unterbricht etwa 1 kA.</translation>
    </message>
    <message>
        <source>BMS|battery management system</source>
        <translation>BMS|Batteriemanagement</translation>
    </message>
    <message>
        <source>The electronics inside a lithium battery: it switches the battery off when a voltage, current or temperature is outside its limits.</source>
        <translation>Die Elektronik in einer Lithiumbatterie: Sie schaltet die Batterie ab, wenn Spannung, Strom oder Temperatur außerhalb ihrer Grenzen sind.</translation>
    </message>
    <message>
        <source>body-builder interface|supply point</source>
        <translation>Aufbau-Schnittstelle|Aufbauhersteller-Schnittstelle|Anschlusspunkt</translation>
    </message>
    <message>
        <source>A connection that the vehicle&apos;s maker provides for added equipment, with its own fuse.</source>
        <translation>Ein Anschluss mit eigener Sicherung, den der Fahrzeughersteller für Einbauten vorsieht.</translation>
    </message>
    <message>
        <source>bond</source>
        <translation>Masseverbindung</translation>
    </message>
    <message>
        <source>The cable that connects the camper&apos;s negative to the vehicle&apos;s metal body, once.</source>
        <translation>Das Kabel, das den Minus der Camperanlage einmal mit der Karosserie verbindet.</translation>
    </message>
    <message>
        <source>A switch that opens by itself on overload and can be closed again.</source>
        <translation>Ein Schalter, der bei Überlast von selbst öffnet und sich wieder schließen lässt.</translation>
    </message>
    <message>
        <source>bus bar|bars|bar</source>
        <translation>Sammelschiene|Plusschiene|Minusschiene|Schiene</translation>
    </message>
    <message>
        <source>A metal bar with studs where many cables meet: one for plus, one for minus.</source>
        <translation>Eine Metallschiene mit Bolzen, an der viele Kabel zusammenkommen: eine für Plus, eine für Minus.</translation>
    </message>
    <message>
        <source>chassis</source>
        <translation>Karosserie</translation>
    </message>
    <message>
        <source>The vehicle&apos;s metal body, which the vehicle uses as its negative.</source>
        <translation>Das Metall des Fahrzeugs, das ihm als Minus dient.</translation>
    </message>
    <message>
        <source>clamp meter</source>
        <translation>Stromzange</translation>
    </message>
    <message>
        <source>A meter that measures current by being clamped around one cable, without cutting it.</source>
        <translation>Ein Messgerät, das um ein Kabel gelegt wird und den Strom misst, ohne es aufzutrennen.</translation>
    </message>
    <message>
        <source>class T fuse|class T</source>
        <translation>Class-T-Sicherung|Class T</translation>
    </message>
    <message>
        <source>A fast fuse with a very high interrupting capacity (20 kA): the usual main fuse of a lithium bank.</source>
        <translation>Eine schnelle Sicherung mit sehr hohem Ausschaltvermögen (20 kA): die übliche Hauptsicherung einer Lithiumbank.</translation>
    </message>
    <message>
        <source>converter</source>
        <translation>Spannungswandler</translation>
    </message>
    <message>
        <source>Makes a lower, constant DC voltage from the bank, such as 12 V from 24 V.</source>
        <translation>Macht aus der Bank eine niedrigere, konstante Gleichspannung, etwa 12 V aus 24 V.</translation>
    </message>
    <message>
        <source>cube fuse|terminal cube</source>
        <translation>Würfelsicherung</translation>
    </message>
    <message>
        <source>A cube-shaped fuse that is bolted straight onto a battery terminal or stud; interrupts 10 kA at 14 V.</source>
        <translation>Eine würfelförmige Sicherung, die direkt auf eine Batterieklemme oder einen Bolzen geschraubt wird; unterbricht 10 kA bei 14 V.</translation>
    </message>
    <message>
        <source>D+</source>
        <translation>D+</translation>
    </message>
    <message>
        <source>A terminal of many older alternators that is live as soon as the alternator charges.</source>
        <translation>Eine Klemme vieler älterer Lichtmaschinen, die unter Spannung steht, sobald die Lichtmaschine lädt.</translation>
    </message>
    <message>
        <source>Charges the bank from the vehicle while driving: limits the current and makes the right charging voltage.</source>
        <translation>Lädt die Bank während der Fahrt aus dem Fahrzeug: begrenzt den Strom und macht die richtige Ladespannung.</translation>
    </message>
    <message>
        <source>enable lead|enable</source>
        <translation>Signalleitung</translation>
    </message>
    <message>
        <source>A thin wire that tells a charger that the engine runs.</source>
        <translation>Eine dünne Leitung, die einem Ladegerät sagt, dass der Motor läuft.</translation>
    </message>
    <message>
        <source>A controlled overcharge of flooded lead-acid batteries; never for lithium, gel or AGM.</source>
        <translation>Eine gezielte Überladung nasser Bleibatterien; nie für Lithium, Gel oder AGM.</translation>
    </message>
    <message>
        <source>ferrule</source>
        <translation>Aderendhülse</translation>
    </message>
    <message>
        <source>A thin sleeve crimped over stranded wire that goes into a screw or spring terminal.</source>
        <translation>Eine dünne Hülse, auf feindrähtige Litze gecrimpt, für Schraub- oder Federklemmen.</translation>
    </message>
    <message>
        <source>A lower voltage at which a full battery is kept.</source>
        <translation>Eine niedrigere Spannung, auf der eine volle Batterie gehalten wird.</translation>
    </message>
    <message>
        <source>flooded</source>
        <translation>Nass-Antriebsbatterie|Nass-Bleibatterie|nass</translation>
    </message>
    <message>
        <source>A lead-acid battery with liquid acid: it gives off hydrogen while charging and must be vented and topped up.</source>
        <translation>Eine Bleibatterie mit flüssiger Säure: Sie gibt beim Laden Wasserstoff ab, muss belüftet und nachgefüllt werden.</translation>
    </message>
    <message>
        <source>A box with many plug-in fuses, fed by one cable, for the small circuits.</source>
        <translation>Ein Kasten mit vielen Stecksicherungen, von einem Kabel gespeist, für die kleinen Stromkreise.</translation>
    </message>
    <message>
        <source>fused bus distributor|distributor</source>
        <translation>Sicherungsverteiler|Verteiler</translation>
    </message>
    <message>
        <source>A bus bar with fuse holders built in, under one cover.</source>
        <translation>Eine Sammelschiene mit eingebauten Sicherungshaltern unter einer Abdeckung.</translation>
    </message>
    <message>
        <source>gel</source>
        <translation>Gel</translation>
    </message>
    <message>
        <source>A sealed lead-acid battery with the acid held in a gel; charges slower than AGM.</source>
        <translation>Eine verschlossene Bleibatterie, deren Säure zu Gel gebunden ist; lädt langsamer als AGM.</translation>
    </message>
    <message>
        <source>gPV fuse|gPV</source>
        <translation>gPV-Sicherung|gPV</translation>
    </message>
    <message>
        <source>A fuse made for solar strings: it interrupts direct current at several hundred volts.</source>
        <translation>Eine Sicherung für Solarstränge: Sie unterbricht Gleichstrom bei mehreren hundert Volt.</translation>
    </message>
    <message>
        <source>idle draw|idling|idle</source>
        <translation>Leerlaufaufnahme|Leerlauf</translation>
    </message>
    <message>
        <source>What a device uses while it is on but nothing runs on it.</source>
        <translation>Was ein Gerät verbraucht, solange es an ist, aber nichts daran läuft.</translation>
    </message>
    <message>
        <source>interrupting capacity|interrupt</source>
        <translation>Ausschaltvermögen|unterbrechen</translation>
    </message>
    <message>
        <source>The largest fault current a fuse can switch off safely. Above it the fuse can burst and the arc goes on burning.</source>
        <translation>Der größte Fehlerstrom, den eine Sicherung sicher abschalten kann. Darüber kann sie platzen, und der Lichtbogen brennt weiter.</translation>
    </message>
    <message>
        <source>Makes mains voltage from the bank. Its output can kill.</source>
        <translation>Macht aus der Bank Netzspannung. Sein Ausgang kann töten.</translation>
    </message>
    <message>
        <source>An inverter that also charges the bank when shore power is plugged in.</source>
        <translation>Ein Wechselrichter, der auch die Bank lädt, wenn Landstrom eingesteckt ist.</translation>
    </message>
    <message>
        <source>A switch that makes one device or cable dead so that it can be worked on.</source>
        <translation>Ein Schalter, der ein Gerät oder Kabel spannungsfrei macht, damit daran gearbeitet werden kann.</translation>
    </message>
    <message>
        <source>I²t</source>
        <translation>I²t</translation>
    </message>
    <message>
        <source>Current squared times time: the heat that a fault puts into a cable before the fuse opens.</source>
        <translation>Strom im Quadrat mal Zeit: die Wärme, die ein Fehler in ein Kabel bringt, bevor die Sicherung öffnet.</translation>
    </message>
    <message>
        <source>lithium iron phosphate|LFP|lithium</source>
        <translation>Lithium-Eisenphosphat|LFP|Lithiumbatterie|Lithiumbank|Lithium</translation>
    </message>
    <message>
        <source>The usual lithium battery in campers (LiFePO4): light, long-lived, nearly constant voltage; must not be charged below 0 °C.</source>
        <translation>Die übliche Lithiumbatterie im Camper (LiFePO4): leicht, langlebig, nahezu konstante Spannung; darf unter 0 °C nicht geladen werden.</translation>
    </message>
    <message>
        <source>lug</source>
        <translation>Kabelschuh</translation>
    </message>
    <message>
        <source>A copper eyelet crimped onto the end of a cable, to be bolted onto a stud.</source>
        <translation>Eine Kupferöse, auf das Kabelende gecrimpt, um auf einen Bolzen geschraubt zu werden.</translation>
    </message>
    <message>
        <source>The switch at the bank that makes everything behind it dead.</source>
        <translation>Der Schalter an der Bank, der alles dahinter spannungsfrei macht.</translation>
    </message>
    <message>
        <source>MPPT</source>
        <translation>MPPT</translation>
    </message>
    <message>
        <source>A solar controller that runs the panels at their best voltage and converts it: works with higher panel voltages and gets more out of them.</source>
        <translation>Ein Solarladeregler, der die Module bei ihrer besten Spannung betreibt und diese wandelt: geht mit höheren Modulspannungen und holt mehr heraus.</translation>
    </message>
    <message>
        <source>open-circuit voltage|open-circuit</source>
        <translation>Leerlaufspannung</translation>
    </message>
    <message>
        <source>The voltage of a panel with nothing connected. It rises in the cold, and must stay below the controller&apos;s limit.</source>
        <translation>Die Spannung eines Moduls, an dem nichts angeschlossen ist. Sie steigt in der Kälte und muss unter der Grenze des Reglers bleiben.</translation>
    </message>
    <message>
        <source>plug and socket|plug</source>
        <translation>Stecker und Buchse|Stecker</translation>
    </message>
    <message>
        <source>A connector that is rated for the current and may be parted only without load.</source>
        <translation>Eine Steckverbindung, die für den Strom ausgelegt ist und nur ohne Last getrennt werden darf.</translation>
    </message>
    <message>
        <source>polarity</source>
        <translation>Polarität</translation>
    </message>
    <message>
        <source>Which lead is plus and which is minus.</source>
        <translation>Welche Leitung Plus ist und welche Minus.</translation>
    </message>
    <message>
        <source>prove dead</source>
        <translation>Spannungsfreiheit</translation>
    </message>
    <message>
        <source>Measure that there is no voltage, with a meter that was checked on a live source before and after.</source>
        <translation>Messen, dass keine Spannung da ist, mit einem Messgerät, das vorher und nachher an einer spannungsführenden Quelle geprüft wurde.</translation>
    </message>
    <message>
        <source>PWM</source>
        <translation>PWM</translation>
    </message>
    <message>
        <source>A simple solar controller that connects the panels straight to the bank: cheap, but the panels must match the bank&apos;s voltage.</source>
        <translation>Ein einfacher Solarladeregler, der die Module direkt mit der Bank verbindet: billig, aber die Module müssen zur Spannung der Bank passen.</translation>
    </message>
    <message>
        <source>RCD</source>
        <translation>FI-Schutzschalter|FI</translation>
    </message>
    <message>
        <source>Residual current device: cuts off mains within milliseconds when current leaks to earth, for instance through a person.</source>
        <translation>Schaltet Netzspannung in Millisekunden ab, wenn Strom zur Erde fließt, etwa durch einen Menschen.</translation>
    </message>
    <message>
        <source>selective|selectivity</source>
        <translation>selektiv|Selektivität</translation>
    </message>
    <message>
        <source>Only the fuse nearest to a fault opens, and the rest of the system stays on.</source>
        <translation>Nur die Sicherung direkt am Fehler öffnet, und der Rest der Anlage bleibt an.</translation>
    </message>
    <message>
        <source>sense lead|sense</source>
        <translation>Messleitung</translation>
    </message>
    <message>
        <source>A thin lead without load current, on which a charger measures the voltage at the battery itself.</source>
        <translation>Eine dünne Leitung ohne Laststrom, an der ein Ladegerät die Spannung an der Batterie selbst misst.</translation>
    </message>
    <message>
        <source>shore power|shore</source>
        <translation>Landstrom</translation>
    </message>
    <message>
        <source>Mains power from a campsite or a house, through a cable.</source>
        <translation>Netzstrom von einem Stellplatz oder Haus, über ein Kabel.</translation>
    </message>
    <message>
        <source>short circuit|short-circuit|fault current</source>
        <translation>Kurzschluss|Kurzschlussstrom|Fehlerstrom</translation>
    </message>
    <message>
        <source>A path of almost no resistance between plus and minus: the current is limited only by the battery and the cables, often thousands of amperes.</source>
        <translation>Ein Pfad fast ohne Widerstand zwischen Plus und Minus: Nur Batterie und Kabel begrenzen den Strom, oft auf Tausende Ampere.</translation>
    </message>
    <message>
        <source>A precise resistor in the negative main lead: the battery monitor measures the current through it and counts amp-hours.</source>
        <translation>Ein genauer Widerstand in der Minus-Hauptleitung: Der Batteriemonitor misst den Strom hindurch und zählt Amperestunden.</translation>
    </message>
    <message>
        <source>smart alternator</source>
        <translation>intelligente Lichtmaschine</translation>
    </message>
    <message>
        <source>An alternator whose voltage the engine computer lowers and raises to save fuel. It needs a DC-DC charger, not a relay.</source>
        <translation>Eine Lichtmaschine, deren Spannung der Motorrechner senkt und hebt, um Kraftstoff zu sparen. Sie braucht einen Ladebooster, kein Relais.</translation>
    </message>
    <message>
        <source>solar controller|controller</source>
        <translation>Solarladeregler|Laderegler|Regler</translation>
    </message>
    <message>
        <source>Sits between panels and bank: charges the bank from the panels in proper stages.</source>
        <translation>Sitzt zwischen Modulen und Bank: lädt die Bank aus den Modulen in den richtigen Stufen.</translation>
    </message>
    <message>
        <source>The vehicle&apos;s own battery, which starts the engine.</source>
        <translation>Die Batterie des Fahrzeugs, die den Motor startet.</translation>
    </message>
    <message>
        <source>state of charge</source>
        <translation>Ladezustand</translation>
    </message>
    <message>
        <source>How full the battery is, in percent of its capacity.</source>
        <translation>Wie voll die Batterie ist, in Prozent ihrer Kapazität.</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Strang|Stränge</translation>
    </message>
    <message>
        <source>Panels or batteries wired in series, one after another: their voltages add up.</source>
        <translation>Module oder Batterien in Reihe, eine hinter der anderen: Ihre Spannungen addieren sich.</translation>
    </message>
    <message>
        <source>strip fuse|SF30|SF51</source>
        <translation>Streifensicherung|Schraubstreifensicherung|SF30|SF51</translation>
    </message>
    <message>
        <source>A flat bolt-in fuse (ISO 8820-5); SF30 has holes for M5, SF51 for M8.</source>
        <translation>Eine flache Schraubsicherung (ISO 8820-5); SF30 mit Löchern für M5, SF51 für M8.</translation>
    </message>
    <message>
        <source>stud</source>
        <translation>Bolzen</translation>
    </message>
    <message>
        <source>A threaded bolt onto which lugs are fitted, such as M8.</source>
        <translation>Ein Gewindebolzen, auf den Kabelschuhe kommen, etwa M8.</translation>
    </message>
    <message>
        <source>surge</source>
        <translation>Anlauf|Spitzenleistung</translation>
    </message>
    <message>
        <source>A short peak of power when a motor or compressor starts.</source>
        <translation>Eine kurze Leistungsspitze, wenn ein Motor oder Kompressor anläuft.</translation>
    </message>
    <message>
        <source>tail</source>
        <translation>Stichleitung</translation>
    </message>
    <message>
        <source>The short lead at the end of a circuit, from its last joint to the appliance.</source>
        <translation>Die kurze Leitung am Ende eines Stromkreises, von der letzten Verbindung zum Verbraucher.</translation>
    </message>
    <message>
        <source>A row of screw terminals that joins small wires.</source>
        <translation>Eine Reihe von Schraubklemmen, die kleine Leitungen verbindet.</translation>
    </message>
    <message>
        <source>torque</source>
        <translation>Drehmoment</translation>
    </message>
    <message>
        <source>How hard a nut is tightened, in newton metres: too loose gets hot, too tight breaks.</source>
        <translation>Wie fest eine Mutter angezogen wird, in Newtonmeter: zu locker wird heiß, zu fest bricht.</translation>
    </message>
    <message>
        <source>A small charger that keeps the starter battery full from the bank.</source>
        <translation>Ein kleines Ladegerät, das die Starterbatterie aus der Bank voll hält.</translation>
    </message>
    <message>
        <source>usable share|usable energy|usable</source>
        <translation>nutzbarer Anteil|nutzbare Energie|nutzbar</translation>
    </message>
    <message>
        <source>The part of the capacity that may be used without shortening the battery&apos;s life: about half of a lead-acid battery, most of a lithium one.</source>
        <translation>Der Teil der Kapazität, der sich nutzen lässt, ohne das Leben der Batterie zu verkürzen: etwa die Hälfte einer Bleibatterie, das meiste einer Lithiumbatterie.</translation>
    </message>
    <message>
        <source>voltage drop</source>
        <translation>Spannungsfall|Sp.-Fall</translation>
    </message>
    <message>
        <source>What is lost in cables, fuses and contacts on the way out and back, in volts or as a share of the system voltage.</source>
        <translation>Was in Kabeln, Sicherungen und Kontakten hin und zurück verloren geht, in Volt oder als Anteil der Systemspannung.</translation>
    </message>
    <message>
        <source>voltage-sensing relay|relay</source>
        <translation>Trennrelais|Relais</translation>
    </message>
    <message>
        <source>A switch that connects bank and starter battery when the engine runs, and disconnects them when it stops.</source>
        <translation>Ein Schalter, der Bank und Starterbatterie bei laufendem Motor verbindet und bei stehendem trennt.</translation>
    </message>
    <message>
        <source>way</source>
        <translation>Abgang</translation>
    </message>
    <message>
        <source>One outlet of a fuse block, panel or distributor, with its own fuse.</source>
        <translation>Ein Ausgang eines Sicherungsblocks, einer Tafel oder eines Verteilers, mit eigener Sicherung.</translation>
    </message>
    <message>
        <source>typical generic gear (common practice); strips: IEC 60947-7-1, table of test currents (from memory)</source>
        <translation>typische, allgemeine Geräte (gängige Praxis); Leisten: IEC 60947-7-1, Tabelle der Prüfströme (aus dem Gedächtnis)</translation>
    </message>
    <message>
        <source>bus bar, 150 A, 4 studs M6</source>
        <translation>Sammelschiene, 150 A, 4 Bolzen M6</translation>
    </message>
    <message>
        <source>bus bar, 150 A, 8 studs M6</source>
        <translation>Sammelschiene, 150 A, 8 Bolzen M6</translation>
    </message>
    <message>
        <source>bus bar, 250 A, 4 studs M8</source>
        <translation>Sammelschiene, 250 A, 4 Bolzen M8</translation>
    </message>
    <message>
        <source>bus bar, 250 A, 8 studs M8</source>
        <translation>Sammelschiene, 250 A, 8 Bolzen M8</translation>
    </message>
    <message>
        <source>bus bar, 400 A, 6 studs M8</source>
        <translation>Sammelschiene, 400 A, 6 Bolzen M8</translation>
    </message>
    <message>
        <source>bus bar, 400 A, 12 studs M8</source>
        <translation>Sammelschiene, 400 A, 12 Bolzen M8</translation>
    </message>
    <message>
        <source>bus bar, 600 A, 6 studs M10</source>
        <translation>Sammelschiene, 600 A, 6 Bolzen M10</translation>
    </message>
    <message>
        <source>bus bar, 600 A, 12 studs M10</source>
        <translation>Sammelschiene, 600 A, 12 Bolzen M10</translation>
    </message>
    <message>
        <source>bus bar, 1000 A, 12 studs M10</source>
        <translation>Sammelschiene, 1000 A, 12 Bolzen M10</translation>
    </message>
    <message>
        <source>fused bus distributor, 500 A, 4 ways, strip fuses M8</source>
        <translation>Sicherungsverteiler, 500 A, 4 Abgänge, Streifensicherungen M8</translation>
    </message>
    <message>
        <source>fused bus distributor, 600 A, 6 ways, strip fuses M8</source>
        <translation>Sicherungsverteiler, 600 A, 6 Abgänge, Streifensicherungen M8</translation>
    </message>
    <message>
        <source>fused bus distributor, 500 A, 4 ways, ANL</source>
        <translation>Sicherungsverteiler, 500 A, 4 Abgänge, ANL</translation>
    </message>
    <message>
        <source>fused bus distributor, 600 A, 6 ways, ANL</source>
        <translation>Sicherungsverteiler, 600 A, 6 Abgänge, ANL</translation>
    </message>
    <message>
        <source>battery switch, single pole, 100 A</source>
        <translation>Batterieschalter, einpolig, 100 A</translation>
    </message>
    <message>
        <source>battery switch, single pole, 200 A</source>
        <translation>Batterieschalter, einpolig, 200 A</translation>
    </message>
    <message>
        <source>battery switch, single pole, 275 A</source>
        <translation>Batterieschalter, einpolig, 275 A</translation>
    </message>
    <message>
        <source>battery switch, single pole, 350 A</source>
        <translation>Batterieschalter, einpolig, 350 A</translation>
    </message>
    <message>
        <source>battery switch, single pole, 600 A</source>
        <translation>Batterieschalter, einpolig, 600 A</translation>
    </message>
    <message>
        <source>isolator, two pole, DC, 32 A</source>
        <translation>Trennschalter, zweipolig, DC, 32 A</translation>
    </message>
    <message>
        <source>isolator, two pole, DC, 63 A</source>
        <translation>Trennschalter, zweipolig, DC, 63 A</translation>
    </message>
    <message>
        <source>shunt, 500 A, 50 mV</source>
        <translation>Shunt, 500 A, 50 mV</translation>
    </message>
    <message>
        <source>shunt, 1000 A, 50 mV</source>
        <translation>Shunt, 1000 A, 50 mV</translation>
    </message>
    <message>
        <source>blade-fuse block, 6 ways with negative bus</source>
        <translation>Sicherungsblock, 6 Abgänge mit Minusschiene</translation>
    </message>
    <message>
        <source>blade-fuse block, 12 ways with negative bus</source>
        <translation>Sicherungsblock, 12 Abgänge mit Minusschiene</translation>
    </message>
    <message>
        <source>breaker panel, 8 ways with negative bus</source>
        <translation>Automatentafel, 8 Abgänge mit Minusschiene</translation>
    </message>
    <message>
        <source>breaker panel, 12 ways with negative bus</source>
        <translation>Automatentafel, 12 Abgänge mit Minusschiene</translation>
    </message>
    <message>
        <source>terminal strip, 2.5 mm²</source>
        <translation>Klemmleiste, 2,5 mm²</translation>
    </message>
    <message>
        <source>terminal strip, 4 mm²</source>
        <translation>Klemmleiste, 4 mm²</translation>
    </message>
    <message>
        <source>terminal strip, 6 mm²</source>
        <translation>Klemmleiste, 6 mm²</translation>
    </message>
    <message>
        <source>terminal strip, 10 mm²</source>
        <translation>Klemmleiste, 10 mm²</translation>
    </message>
    <message>
        <source>terminal strip, 16 mm²</source>
        <translation>Klemmleiste, 16 mm²</translation>
    </message>
    <message>
        <source>home-made copper bar, 20 × 5 mm, 6 holes M8</source>
        <translation>selbst gebaute Kupferschiene, 20 × 5 mm, 6 Löcher M8</translation>
    </message>
    <message>
        <source>home-made copper bar, 30 × 10 mm, 8 holes M10</source>
        <translation>selbst gebaute Kupferschiene, 30 × 10 mm, 8 Löcher M10</translation>
    </message>
    <message>
        <source>outside inlet for portable panels, 30 A, two pole, with cap</source>
        <translation>Außensteckdose für mobile Module, 30 A, zweipolig, mit Kappe</translation>
    </message>
    <message>
        <source>outside inlet for portable panels, 50 A, two pole, with cap</source>
        <translation>Außensteckdose für mobile Module, 50 A, zweipolig, mit Kappe</translation>
    </message>
    <message>
        <source>plug and socket, one pole, 50 A</source>
        <translation>Stecker und Buchse, einpolig, 50 A</translation>
    </message>
    <message>
        <source>plug and socket, one pole, 120 A</source>
        <translation>Stecker und Buchse, einpolig, 120 A</translation>
    </message>
    <message>
        <source>plug and socket, one pole, 175 A</source>
        <translation>Stecker und Buchse, einpolig, 175 A</translation>
    </message>
    <message>
        <source>plug and socket, one pole, 350 A</source>
        <translation>Stecker und Buchse, einpolig, 350 A</translation>
    </message>
    <message>
        <source>inverter, 350 W</source>
        <translation>Wechselrichter, 350 W</translation>
    </message>
    <message>
        <source>inverter, 500 W</source>
        <translation>Wechselrichter, 500 W</translation>
    </message>
    <message>
        <source>inverter, 1000 W</source>
        <translation>Wechselrichter, 1000 W</translation>
    </message>
    <message>
        <source>inverter, 1600 W</source>
        <translation>Wechselrichter, 1600 W</translation>
    </message>
    <message>
        <source>inverter, 2000 W</source>
        <translation>Wechselrichter, 2000 W</translation>
    </message>
    <message>
        <source>inverter, 3000 W</source>
        <translation>Wechselrichter, 3000 W</translation>
    </message>
    <message>
        <source>inverter, 24 V, 500 W</source>
        <translation>Wechselrichter, 24 V, 500 W</translation>
    </message>
    <message>
        <source>inverter, 24 V, 1000 W</source>
        <translation>Wechselrichter, 24 V, 1000 W</translation>
    </message>
    <message>
        <source>inverter, 24 V, 2000 W</source>
        <translation>Wechselrichter, 24 V, 2000 W</translation>
    </message>
    <message>
        <source>inverter, 24 V, 3000 W</source>
        <translation>Wechselrichter, 24 V, 3000 W</translation>
    </message>
    <message>
        <source>inverter/charger, 1200 W, 50 A</source>
        <translation>Wechselrichter/Ladegerät, 1200 W, 50 A</translation>
    </message>
    <message>
        <source>inverter/charger, 2400 W, 100 A</source>
        <translation>Wechselrichter/Ladegerät, 2400 W, 100 A</translation>
    </message>
    <message>
        <source>inverter/charger, 24 V, 2400 W, 60 A</source>
        <translation>Wechselrichter/Ladegerät, 24 V, 2400 W, 60 A</translation>
    </message>
    <message>
        <source>display of the shunt</source>
        <translation>Anzeige des Shunts</translation>
    </message>
    <message>
        <source>panel of gauges, 3 tanks</source>
        <translation>Instrumententafel, 3 Tanks</translation>
    </message>
    <message>
        <source>central monitor, 4 tanks, 4 temperatures</source>
        <translation>Zentralanzeige, 4 Tanks, 4 Temperaturen</translation>
    </message>
    <message>
        <source>105 °C boat cable</source>
        <translation>Bootskabel 105 °C</translation>
    </message>
    <message>
        <source>ABYC E-11, under 50 V, one conductor, 30 °C, outside engine spaces, copper, 105 °C</source>
        <translation>ABYC E-11, unter 50 V, eine Leitung, 30 °C, außerhalb von Motorräumen, Kupfer, 105 °C</translation>
    </message>
    <message>
        <source>well known</source>
        <translation>gut bekannt</translation>
    </message>
    <message>
        <source>75 °C cable</source>
        <translation>Kabel 75 °C</translation>
    </message>
    <message>
        <source>ABYC E-11, under 50 V, one conductor, 30 °C, outside engine spaces, copper, 75 °C</source>
        <translation>ABYC E-11, unter 50 V, eine Leitung, 30 °C, außerhalb von Motorräumen, Kupfer, 75 °C</translation>
    </message>
    <message>
        <source>IEC 60364-4-43 formula with copper, 75 to 160 °C</source>
        <translation>Formel der IEC 60364-4-43 mit Kupfer, 75 bis 160 °C</translation>
    </message>
    <message>
        <source>90 °C PV wire</source>
        <translation>PV-Leitung 90 °C</translation>
    </message>
    <message>
        <source>NEC table 310.17 (2023), single in free air, 30 °C, 90 °C</source>
        <translation>NEC-Tabelle 310.17 (2023), einzeln frei in Luft, 30 °C, 90 °C</translation>
    </message>
    <message>
        <source>75 °C building wire in raceway</source>
        <translation>Installationsdraht 75 °C im Kanal</translation>
    </message>
    <message>
        <source>NEC table 310.16 (2023), three in raceway, 30 °C, 75 °C</source>
        <translation>NEC-Tabelle 310.16 (2023), drei im Kanal, 30 °C, 75 °C</translation>
    </message>
    <message>
        <source>well known; shown for comparison, no single conductor in a van</source>
        <translation>gut bekannt; zum Vergleich gezeigt, keine Einzelleitung im Fahrzeug</translation>
    </message>
    <message>
        <source>NEC 240.4, 551.10(E); ABYC E-11</source>
        <translation>NEC 240.4, 551.10(E); ABYC E-11</translation>
    </message>
    <message>
        <source>NEC 210.20(A), 215.3</source>
        <translation>NEC 210.20(A), 215.3</translation>
    </message>
    <message>
        <source>ABYC E-11 (device at every source of power); NEC 551.10(E)</source>
        <translation>ABYC E-11 (Schutz an jeder Stromquelle); NEC 551.10(E)</translation>
    </message>
    <message>
        <source>ABYC E-11 (7 in; 40 in or 72 in in a sheath)</source>
        <translation>ABYC E-11 (7 Zoll; 40 oder 72 Zoll im Schutzrohr)</translation>
    </message>
    <message>
        <source>ABYC E-11 (interrupting capacity); NEC 110.9</source>
        <translation>ABYC E-11 (Ausschaltvermögen); NEC 110.9</translation>
    </message>
    <message>
        <source>ABYC E-11: 3 % critical, 10 % others</source>
        <translation>ABYC E-11: 3 % kritisch, 10 % andere</translation>
    </message>
    <message>
        <source>IEC 60364-4-43, 434.5, used by choice: I²t ≤ k²S²</source>
        <translation>IEC 60364-4-43, 434.5, freiwillig angewandt: I²t ≤ k²S²</translation>
    </message>
    <message>
        <source>terminals and lugs as in the library</source>
        <translation>Klemmen und Kabelschuhe wie in der Bibliothek</translation>
    </message>
    <message>
        <source>ABYC E-11: 16 AWG</source>
        <translation>ABYC E-11: 16 AWG</translation>
    </message>
    <message>
        <source>ABYC E-11 (temperature rating)</source>
        <translation>ABYC E-11 (Temperaturklasse)</translation>
    </message>
    <message>
        <source>NEC 240.21; ABYC E-11</source>
        <translation>NEC 240.21; ABYC E-11</translation>
    </message>
    <message>
        <source>ABYC E-11 (device at every source of power)</source>
        <translation>ABYC E-11 (Schutz an jeder Stromquelle)</translation>
    </message>
    <message>
        <source>ABYC E-10 (ventilation); NEC 551.10(D), from memory</source>
        <translation>ABYC E-10 (Lüftung); NEC 551.10(D), aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>NEC 690.8: 1.56 times short-circuit current</source>
        <translation>NEC 690.8: 1,56-facher Kurzschlussstrom</translation>
    </message>
    <message>
        <source>NEC 551.20, 551.56, from memory; ABYC E-11</source>
        <translation>NEC 551.20, 551.56, aus dem Gedächtnis; ABYC E-11</translation>
    </message>
    <message>
        <source>NEC article 551</source>
        <translation>NEC Artikel 551</translation>
    </message>
    <message>
        <source>area by ASTM B258; resistance at 20 °C 17.241/A of annealed copper, 1.02 times for stranding (ASTM B8/B174)</source>
        <translation>Fläche nach ASTM B258; Widerstand bei 20 °C 17,241/A von geglühtem Kupfer, 1,02-fach für Verseilung (ASTM B8/B174)</translation>
    </message>
    <message>
        <source>lug sizes commonly sold (common practice)</source>
        <translation>gängige Kabelschuhgrößen (gängige Praxis)</translation>
    </message>
    <message>
        <source>ABYC figures well known; NEC 551 from memory; the rest common practice</source>
        <translation>ABYC-Werte gut bekannt; NEC 551 aus dem Gedächtnis; der Rest gängige Praxis</translation>
    </message>
    <message>
        <source>maximum voltage drop, out and back: other circuits</source>
        <translation>größter Spannungsfall, hin und zurück: andere Stromkreise</translation>
    </message>
    <message>
        <source>ABYC E-11: 10 % for what is not critical</source>
        <translation>ABYC E-11: 10 % für Unkritisches</translation>
    </message>
    <message>
        <source>minimum conductor size outside a device (16 AWG)</source>
        <translation>Mindestquerschnitt außerhalb eines Geräts (16 AWG)</translation>
    </message>
    <message>
        <source>largest distance of a fuse from the source (7 in)</source>
        <translation>größter Abstand einer Sicherung von der Quelle (7 Zoll)</translation>
    </message>
    <message>
        <source>minimum bond to the chassis (8 AWG)</source>
        <translation>Mindestquerschnitt der Masseverbindung zur Karosserie (8 AWG)</translation>
    </message>
    <message>
        <source>NEC 551.56 and 551.20, from memory</source>
        <translation>NEC 551.56 und 551.20, aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>within ABYC E-11&apos;s 7 in</source>
        <translation>innerhalb der 7 Zoll der ABYC E-11</translation>
    </message>
    <message>
        <source>array conductors: factor on the short-circuit current, 1.25 for sun above 1000 W/m² times 1.25 for continuous current</source>
        <translation>Modulleitungen: Faktor auf den Kurzschlussstrom, 1,25 für Sonne über 1000 W/m² mal 1,25 für Dauerstrom</translation>
    </message>
    <message>
        <source>NEC 690.8</source>
        <translation>NEC 690.8</translation>
    </message>
    <message>
        <source>ABYC E-11; over 50 V well known, used for bundled 12 V by common practice</source>
        <translation>ABYC E-11; über 50 V gut bekannt, für gebündelte 12 V gängige Praxis</translation>
    </message>
    <message>
        <source>#10</source>
        <translation>#10</translation>
    </message>
    <message>
        <source>1/4 in</source>
        <translation>1/4 Zoll</translation>
    </message>
    <message>
        <source>5/16 in</source>
        <translation>5/16 Zoll</translation>
    </message>
    <message>
        <source>3/8 in</source>
        <translation>3/8 Zoll</translation>
    </message>
    <message>
        <source>1/2 in</source>
        <translation>1/2 Zoll</translation>
    </message>
    <message>
        <source>rigid panel, 100 W</source>
        <translation>Glasmodul, 100 W</translation>
    </message>
    <message>
        <source>rigid panel, 120 W</source>
        <translation>Glasmodul, 120 W</translation>
    </message>
    <message>
        <source>rigid panel, 180 W</source>
        <translation>Glasmodul, 180 W</translation>
    </message>
    <message>
        <source>rigid panel, 200 W</source>
        <translation>Glasmodul, 200 W</translation>
    </message>
    <message>
        <source>rigid panel, 300 W</source>
        <translation>Glasmodul, 300 W</translation>
    </message>
    <message>
        <source>rigid panel, 400 W</source>
        <translation>Glasmodul, 400 W</translation>
    </message>
    <message>
        <source>flexible panel, 110 W, glued</source>
        <translation>flexibles Modul, 110 W, geklebt</translation>
    </message>
    <message>
        <source>portable folding panel, 120 W</source>
        <translation>mobiles Faltmodul, 120 W</translation>
    </message>
    <message>
        <source>flexible panel, 180 W, glued</source>
        <translation>flexibles Modul, 180 W, geklebt</translation>
    </message>
    <message>
        <source>judgement: lengths as usually sold; what your device&apos;s maker sells first</source>
        <translation>Einschätzung: Längen wie üblich verkauft; was der Hersteller des Geräts anbietet, geht vor</translation>
    </message>
    <message>
        <source>data lead of a shunt</source>
        <translation>Datenleitung eines Shunts</translation>
    </message>
    <message>
        <source>lead of a remote panel</source>
        <translation>Leitung einer Fernbedienung</translation>
    </message>
    <message>
        <source>lead of a tank sender</source>
        <translation>Leitung eines Tankgebers</translation>
    </message>
    <message>
        <source>temperature sensor with its lead</source>
        <translation>Temperatursensor mit Leitung</translation>
    </message>
    <message>
        <source>sense lead with a fuse</source>
        <translation>Messleitung mit Sicherung</translation>
    </message>
    <message>
        <source>one source per row&apos;s own tables, in the folder of its id</source>
        <translation>eine Quelle je Tabelle der Region, im Ordner ihrer Kennung</translation>
    </message>
    <message>
        <source>colours: ISO 10133 and ABYC E-11 as remembered</source>
        <translation>Farben: ISO 10133 und ABYC E-11 aus der Erinnerung</translation>
    </message>
    <message>
        <source>Europe</source>
        <translation>Europa</translation>
    </message>
    <message>
        <source>red</source>
        <translation>rot</translation>
    </message>
    <message>
        <source>black</source>
        <translation>schwarz</translation>
    </message>
    <message>
        <source>blue</source>
        <translation>blau</translation>
    </message>
    <message>
        <source>North America</source>
        <translation>Nordamerika</translation>
    </message>
    <message>
        <source>yellow</source>
        <translation>gelb</translation>
    </message>
    <message>
        <source>voltage-sensing relay, 80 A</source>
        <translation>Trennrelais, spannungsgesteuert, 80 A</translation>
    </message>
    <message>
        <source>voltage-sensing relay, 140 A</source>
        <translation>Trennrelais, spannungsgesteuert, 140 A</translation>
    </message>
    <message>
        <source>voltage-sensing relay, 230 A</source>
        <translation>Trennrelais, spannungsgesteuert, 230 A</translation>
    </message>
    <message>
        <source>shore charger, 10 A</source>
        <translation>Landstrom-Ladegerät, 10 A</translation>
    </message>
    <message>
        <source>shore charger, 20 A</source>
        <translation>Landstrom-Ladegerät, 20 A</translation>
    </message>
    <message>
        <source>shore charger, 30 A</source>
        <translation>Landstrom-Ladegerät, 30 A</translation>
    </message>
    <message>
        <source>shore charger, 50 A</source>
        <translation>Landstrom-Ladegerät, 50 A</translation>
    </message>
    <message>
        <source>shore charger, 24 V, 12 A</source>
        <translation>Landstrom-Ladegerät, 24 V, 12 A</translation>
    </message>
    <message>
        <source>shore charger, 24 V, 25 A</source>
        <translation>Landstrom-Ladegerät, 24 V, 25 A</translation>
    </message>
    <message>
        <source>order of magnitude, from memory; the data sheet of what you buy first</source>
        <translation>Größenordnung, aus dem Gedächtnis; das Datenblatt des Gekauften geht vor</translation>
    </message>
    <message>
        <source>trickle charger, 2 A</source>
        <translation>Erhaltungslader, 2 A</translation>
    </message>
    <message>
        <source>trickle charger, 4 A</source>
        <translation>Erhaltungslader, 4 A</translation>
    </message>
    <message>
        <source>trickle charger, 24 V to 12 V, 4 A</source>
        <translation>Erhaltungslader, 24 V auf 12 V, 4 A</translation>
    </message>
    <message>
        <source>kinds of trip that a first plan starts from (common practice)</source>
        <translation>Reisearten, mit denen ein erster Plan beginnt (gängige Praxis)</translation>
    </message>
    <message>
        <source>judgement: a start to change, not advice</source>
        <translation>Einschätzung: ein Anfang zum Ändern, kein Rat</translation>
    </message>
    <message>
        <source>Weekends in the warm half of the year</source>
        <translation>Wochenenden in der warmen Jahreshälfte</translation>
    </message>
    <message>
        <source>A long summer, somewhere else every few days</source>
        <translation>Ein langer Sommer, alle paar Tage woanders</translation>
    </message>
    <message>
        <source>Weeks in one place in summer</source>
        <translation>Wochen an einem Ort im Sommer</translation>
    </message>
    <message>
        <source>All year, working on the way</source>
        <translation>Das ganze Jahr, Arbeit unterwegs</translation>
    </message>
    <message>
        <source>Winter, in the cold</source>
        <translation>Winter, in der Kälte</translation>
    </message>
    <message>
        <source>own estimate, along the frame of a long panel van; ambients by their name in ambients.json</source>
        <translation>eigene Schätzung, entlang des Rahmens eines langen Kastenwagens; Umgebungen nach Namen in ambients.json</translation>
    </message>
    <message>
        <source>own estimate: measure your van</source>
        <translation>eigene Schätzung: das eigene Fahrzeug ausmessen</translation>
    </message>
    <message>
        <source>electrical cupboard</source>
        <translation>Elektroschrank</translation>
    </message>
    <message>
        <source>galley</source>
        <translation>Küche</translation>
    </message>
    <message>
        <source>bed</source>
        <translation>Bett</translation>
    </message>
    <message>
        <source>seat base</source>
        <translation>Sitzkasten</translation>
    </message>
    <message>
        <source>ceiling void</source>
        <translation>Deckenhohlraum</translation>
    </message>
    <message>
        <source>roof</source>
        <translation>Dach</translation>
    </message>
    <message>
        <source>how the parts of a camper&apos;s system are joined (common practice)</source>
        <translation>wie die Teile einer Camperanlage verbunden werden (gängige Praxis)</translation>
    </message>
    <message>
        <source>practitioners disagree: each row says what speaks for it</source>
        <translation>Praktiker sind sich nicht einig: jede Zeile sagt, was dafür spricht</translation>
    </message>
    <message>
        <source>equal leads to collecting bars</source>
        <translation>gleiche Leitungen zu Sammelschienen</translation>
    </message>
    <message>
        <source>Each string has leads of the same length and size and its own fuse: the current is shared evenly, and one bad battery is cut off by itself.</source>
        <translation>Jeder Strang hat Leitungen gleicher Länge und gleichen Querschnitts und eine eigene Sicherung: Der Strom teilt sich gleichmäßig, und eine defekte Batterie wird für sich abgetrennt.</translation>
    </message>
    <message>
        <source>fuses of the batteries</source>
        <translation>Sicherungen der Batterien</translation>
    </message>
    <message>
        <source>one each</source>
        <translation>je eine</translation>
    </message>
    <message>
        <source>Each battery is a source that can feed a faulty neighbour: a fuse at each is sound practice, and required with lithium.</source>
        <translation>Jede Batterie ist eine Quelle, die einen fehlerhaften Nachbarn speisen kann: Eine Sicherung an jeder ist gute Praxis und bei Lithium gefordert.</translation>
    </message>
    <message>
        <source>one in common, the main fuse</source>
        <translation>eine gemeinsame, die Hauptsicherung</translation>
    </message>
    <message>
        <source>Cheaper, fewer terminations. Nothing opens between the batteries: a fault in one is fed by all the others.</source>
        <translation>Billiger, weniger Anschlüsse. Zwischen den Batterien öffnet nichts: Ein Fehler in einer wird von allen anderen gespeist.</translation>
    </message>
    <message>
        <source>switch of each battery</source>
        <translation>Schalter jeder Batterie</translation>
    </message>
    <message>
        <source>Fewer terminations: a battery&apos;s fuse can be taken out instead.</source>
        <translation>Weniger Anschlüsse: Stattdessen lässt sich die Sicherung einer Batterie herausnehmen.</translation>
    </message>
    <message>
        <source>one for each battery</source>
        <translation>einer für jede Batterie</translation>
    </message>
    <message>
        <source>One battery can be taken out of service or charged by itself without tools, while the rest goes on.</source>
        <translation>Eine Batterie lässt sich ohne Werkzeug außer Betrieb nehmen oder für sich laden, während der Rest weiterläuft.</translation>
    </message>
    <message>
        <source>linked, both leads at the first battery</source>
        <translation>verkettet, beide Leitungen an der ersten Batterie</translation>
    </message>
    <message>
        <source>The simplest and shortest. The first battery works hardest, the last hardly at all: suitable for two small ones at most.</source>
        <translation>Das Einfachste und Kürzeste. Die erste Batterie arbeitet am härtesten, die letzte kaum: höchstens für zwei kleine geeignet.</translation>
    </message>
    <message>
        <source>fuses of the links</source>
        <translation>Sicherungen der Verbinder</translation>
    </message>
    <message>
        <source>one at each end</source>
        <translation>eine an jedem Ende</translation>
    </message>
    <message>
        <source>Each battery is a source that can feed a faulty neighbour: a fuse at each end of a link separates them, and is required with lithium. The fuses add a few milliohms to the positive links only: the batteries share less evenly.</source>
        <translation>Jede Batterie ist eine Quelle, die einen fehlerhaften Nachbarn speisen kann: Eine Sicherung an jedem Ende eines Verbinders trennt sie und ist bei Lithium gefordert. Die Sicherungen bringen einige Milliohm nur in die Plusverbinder: Die Batterien teilen weniger gleichmäßig.</translation>
    </message>
    <message>
        <source>Common and cheaper: the main fuse protects everything behind the bank, but nothing separates one battery from another.</source>
        <translation>Gängig und billiger: Die Hauptsicherung schützt alles hinter der Bank, aber nichts trennt eine Batterie von der anderen.</translation>
    </message>
    <message>
        <source>linked, leads at opposite ends</source>
        <translation>verkettet, Leitungen an entgegengesetzten Enden</translation>
    </message>
    <message>
        <source>Positive from the first, negative from the last: two share evenly, three or four fairly well, without bars and long leads.</source>
        <translation>Plus von der ersten, Minus von der letzten: Zwei teilen gleichmäßig, drei oder vier recht gut, ohne Schienen und lange Leitungen.</translation>
    </message>
    <message>
        <source>main fuse to the bars</source>
        <translation>Hauptsicherung zu den Schienen</translation>
    </message>
    <message>
        <source>One fuse at the bank for everything on the bus bars. The shunt is the first thing at the bank&apos;s negative, so that the monitor sees every ampere.</source>
        <translation>Eine Sicherung an der Bank für alles an den Sammelschienen. Der Shunt ist das Erste am Minus der Bank, so dass der Monitor jedes Ampere sieht.</translation>
    </message>
    <message>
        <source>one</source>
        <translation>einer</translation>
    </message>
    <message>
        <source>One turn makes everything behind it dead: for work, for storage, in an emergency.</source>
        <translation>Eine Drehung macht alles dahinter spannungsfrei: zum Arbeiten, im Winterlager, im Notfall.</translation>
    </message>
    <message>
        <source>One connection and one voltage drop less; to make the system dead a battery lead or the main fuse must come off, which is slow in an emergency.</source>
        <translation>Eine Verbindung und ein Spannungsfall weniger; um die Anlage spannungsfrei zu machen, muss eine Batterieleitung oder die Hauptsicherung ab, was im Notfall langsam ist.</translation>
    </message>
    <message>
        <source>one in each pole</source>
        <translation>einer in jedem Pol</translation>
    </message>
    <message>
        <source>Both poles are disconnected: required where the negative is not bonded, as on some boats. Two switches to turn, and the negative one must never be opened first under load.</source>
        <translation>Beide Pole werden getrennt: gefordert, wo der Minus nicht geerdet ist, wie auf manchen Booten. Zwei Schalter zu drehen, und der im Minus darf unter Last nie zuerst geöffnet werden.</translation>
    </message>
    <message>
        <source>The monitor counts every ampere and knows what is left.</source>
        <translation>Der Monitor zählt jedes Ampere und weiß, was noch da ist.</translation>
    </message>
    <message>
        <source>Cheaper; but a voltmeter says little about a lithium bank, whose voltage hardly changes until it is empty.</source>
        <translation>Billiger; aber ein Voltmeter sagt wenig über eine Lithiumbank, deren Spannung sich kaum ändert, bis sie leer ist.</translation>
    </message>
    <message>
        <source>circuits of small loads</source>
        <translation>Stromkreise kleiner Verbraucher</translation>
    </message>
    <message>
        <source>by kind</source>
        <translation>nach Art</translation>
    </message>
    <message>
        <source>All lamps on one fuse, all fans on another: what has stopped tells you which fuse.</source>
        <translation>Alle Lampen an einer Sicherung, alle Lüfter an einer anderen: Was ausgefallen ist, verrät die Sicherung.</translation>
    </message>
    <message>
        <source>by place and kind</source>
        <translation>nach Ort und Art</translation>
    </message>
    <message>
        <source>Loads next to each other share a lead: less cable and shorter tails, and a damaged cable affects one corner only.</source>
        <translation>Benachbarte Verbraucher teilen sich eine Leitung: weniger Kabel und kürzere Stichleitungen, und ein beschädigtes Kabel trifft nur eine Ecke.</translation>
    </message>
    <message>
        <source>fuses of the circuits</source>
        <translation>Sicherungen der Stromkreise</translation>
    </message>
    <message>
        <source>blade fuses in blocks</source>
        <translation>Flachsicherungen in Blöcken</translation>
    </message>
    <message>
        <source>Cheap, small, and every shop has the fuses.</source>
        <translation>Billig, klein, und jeder Laden hat die Sicherungen.</translation>
    </message>
    <message>
        <source>breakers in a panel</source>
        <translation>Automaten in einer Tafel</translation>
    </message>
    <message>
        <source>They reset, they switch, and no spares are needed; often limited to 15 A per way: larger loads go to the bus bars with their own fuse.</source>
        <translation>Sie lassen sich zurückstellen, schalten, und brauchen keinen Ersatz; oft auf 15 A je Abgang begrenzt: Größere Verbraucher gehen mit eigener Sicherung an die Sammelschienen.</translation>
    </message>
    <message>
        <source>isolator of the fuse blocks</source>
        <translation>Trennschalter der Sicherungsblöcke</translation>
    </message>
    <message>
        <source>The main switch, or the fuse of the feed, makes a block dead.</source>
        <translation>Der Hauptschalter oder die Sicherung der Zuleitung macht einen Block spannungsfrei.</translation>
    </message>
    <message>
        <source>one in the feed of each block</source>
        <translation>einer in der Zuleitung jedes Blocks</translation>
    </message>
    <message>
        <source>All small circuits can be made dead for work on them while fridge and inverter go on.</source>
        <translation>Alle kleinen Stromkreise lassen sich für Arbeiten spannungsfrei machen, während Kühlschrank und Wechselrichter weiterlaufen.</translation>
    </message>
    <message>
        <source>taken off at</source>
        <translation>abgenommen an</translation>
    </message>
    <message>
        <source>the bank&apos;s leads</source>
        <translation>den Leitungen der Bank</translation>
    </message>
    <message>
        <source>Everything is connected at one point: how the batteries share depends on nothing else.</source>
        <translation>Alles ist an einem Punkt angeschlossen: Wie die Batterien teilen, hängt von nichts anderem ab.</translation>
    </message>
    <message>
        <source>the other end of a linked bank</source>
        <translation>das andere Ende einer verketteten Bank</translation>
    </message>
    <message>
        <source>With a second rail: chargers at one battery, loads at the other. Some do it for even use; what matters is the resistance of the links, and the computed shares show the result.</source>
        <translation>Mit zweiten Schienen: Ladegeräte an der einen Batterie, Verbraucher an der anderen. Manche tun das für gleichmäßige Nutzung; es kommt auf den Widerstand der Verbinder an, und die berechneten Anteile zeigen das Ergebnis.</translation>
    </message>
    <message>
        <source>supply of the shunt</source>
        <translation>Versorgung des Shunts</translation>
    </message>
    <message>
        <source>through its display</source>
        <translation>durch seine Anzeige</translation>
    </message>
    <message>
        <source>its own lead</source>
        <translation>eigene Leitung</translation>
    </message>
    <message>
        <source>converter at the bus bars</source>
        <translation>Spannungswandler an den Sammelschienen</translation>
    </message>
    <message>
        <source>Constant voltage for 12 V loads on a higher-voltage bank, with one fuse for all of them.</source>
        <translation>Konstante Spannung für 12-V-Verbraucher an einer Bank höherer Spannung, mit einer Sicherung für alle.</translation>
    </message>
    <message>
        <source>its own isolator</source>
        <translation>eigener Trennschalter</translation>
    </message>
    <message>
        <source>The main switch or the fuse makes it dead: one connection less in the path of the largest current.</source>
        <translation>Der Hauptschalter oder die Sicherung macht ihn spannungsfrei: eine Verbindung weniger im Weg des größten Stroms.</translation>
    </message>
    <message>
        <source>It can be made dead for work or storage while everything else goes on.</source>
        <translation>Lässt sich für Arbeit oder Winterlager spannungsfrei machen, während alles andere weiterläuft.</translation>
    </message>
    <message>
        <source>a remote block, on one feed with its own fuse</source>
        <translation>ein abgesetzter Block, an einer Zuleitung mit eigener Sicherung</translation>
    </message>
    <message>
        <source>One thicker feed to the back of the van instead of many long leads; the fuses are near their loads. The feed&apos;s fuse protects the cable up to there.</source>
        <translation>Eine dickere Zuleitung nach hinten statt vieler langer Leitungen; die Sicherungen sind nahe bei ihren Verbrauchern. Die Sicherung der Zuleitung schützt das Kabel bis dorthin.</translation>
    </message>
    <message>
        <source>one bond from the negative bar</source>
        <translation>eine Masseverbindung von der Minusschiene</translation>
    </message>
    <message>
        <source>The camper system&apos;s negative is joined to the body in one place, on the load side of the shunt: what returns through the body is measured too.</source>
        <translation>Der Minus der Camperanlage ist an einer Stelle mit der Karosserie verbunden, auf der Lastseite des Shunts: Was über die Karosserie zurückfließt, wird mitgemessen.</translation>
    </message>
    <message>
        <source>behind the main switch</source>
        <translation>hinter dem Hauptschalter</translation>
    </message>
    <message>
        <source>With the main switch off everything is dead, solar too. The solar isolator must be opened first: most controllers must not lose their battery while the sun shines on the panels.</source>
        <translation>Mit ausgeschaltetem Hauptschalter ist alles spannungsfrei, auch die Sonne. Der Solar-Trennschalter muss zuerst geöffnet werden: Die meisten Regler dürfen ihre Batterie nicht verlieren, solange Sonne auf die Module scheint.</translation>
    </message>
    <message>
        <source>isolator between controller and bank</source>
        <translation>Trennschalter zwischen Laderegler und Bank</translation>
    </message>
    <message>
        <source>The controller can be made dead by itself.</source>
        <translation>Der Laderegler lässt sich allein spannungsfrei machen.</translation>
    </message>
    <message>
        <source>One connection less, and nobody can take the battery away from a controller in sunshine; for work, its fuse is pulled.</source>
        <translation>Eine Verbindung weniger, und niemand kann einem Regler bei Sonne die Batterie nehmen; zum Arbeiten wird seine Sicherung gezogen.</translation>
    </message>
    <message>
        <source>Panels are live in daylight: the isolator opens their current first, without a dangerous arc.</source>
        <translation>Module stehen bei Tageslicht unter Spannung: Der Trennschalter unterbricht ihren Strom zuerst, ohne gefährlichen Lichtbogen.</translation>
    </message>
    <message>
        <source>Cheaper; the panels&apos; plugs must then never be opened under load, and covering the panels is the only way to stop them.</source>
        <translation>Billiger; die Stecker der Module dürfen dann nie unter Last geöffnet werden, und nur Abdecken hält die Module an.</translation>
    </message>
    <message>
        <source>an outside inlet, for portable panels</source>
        <translation>eine Außensteckdose, für mobile Module</translation>
    </message>
    <message>
        <source>For panels set up in the sun while the van is in the shade. They are plugged in by hand: plug in before uncovering them, and cover them before unplugging.</source>
        <translation>Für Module, die in der Sonne aufgestellt werden, während das Fahrzeug im Schatten steht. Sie werden von Hand eingesteckt: vor dem Aufdecken einstecken, vor dem Ausstecken abdecken.</translation>
    </message>
    <message>
        <source>through the controller</source>
        <translation>durch den Laderegler</translation>
    </message>
    <message>
        <source>Right for every controller: some measure or switch in the negative.</source>
        <translation>Für jeden Regler richtig: Manche messen oder schalten im Minus.</translation>
    </message>
    <message>
        <source>straight to the negative bar</source>
        <translation>direkt zur Minusschiene</translation>
    </message>
    <message>
        <source>One lead less at a crowded device, if its maker joins both negatives inside. Never where it measures or switches in its negative.</source>
        <translation>Eine Leitung weniger an einem vollen Gerät, wenn sein Hersteller beide Minus innen verbindet. Nie, wo es in seinem Minus misst oder schaltet.</translation>
    </message>
    <message>
        <source>at the bank</source>
        <translation>an der Bank</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>It measures at its own terminals, which is accurate enough with short thick leads and for lithium.</source>
        <translation>Es misst an seinen eigenen Klemmen, bei kurzen dicken Leitungen und für Lithium genau genug.</translation>
    </message>
    <message>
        <source>a temperature sensor</source>
        <translation>ein Temperatursensor</translation>
    </message>
    <message>
        <source>Lead-acid needs a lower charging voltage in the heat and a higher one in the cold; lithium charging is stopped in frost.</source>
        <translation>Blei braucht in der Hitze eine niedrigere und in der Kälte eine höhere Ladespannung; das Laden von Lithium wird bei Frost gestoppt.</translation>
    </message>
    <message>
        <source>a sense lead</source>
        <translation>eine Messleitung</translation>
    </message>
    <message>
        <source>It regulates the voltage at the bank, not at its own terminals: the drop of its leads no longer matters.</source>
        <translation>Es regelt die Spannung an der Bank, nicht an seinen eigenen Klemmen: Der Spannungsfall seiner Leitungen spielt keine Rolle mehr.</translation>
    </message>
    <message>
        <source>both</source>
        <translation>beides</translation>
    </message>
    <message>
        <source>Voltage and temperature measured where they matter.</source>
        <translation>Spannung und Temperatur dort gemessen, wo es darauf ankommt.</translation>
    </message>
    <message>
        <source>before the main switch</source>
        <translation>vor dem Hauptschalter</translation>
    </message>
    <message>
        <source>The sun goes on charging while the van is stored with its main switch off. The controller&apos;s leads then stay live, from the bank too: they need a fuse at the bank, and only their isolator makes them dead.</source>
        <translation>Die Sonne lädt weiter, während das Fahrzeug mit ausgeschaltetem Hauptschalter abgestellt ist. Die Leitungen des Reglers stehen dann auch von der Bank unter Spannung: Sie brauchen eine Sicherung an der Bank, und nur ihr Trennschalter macht sie spannungsfrei.</translation>
    </message>
    <message>
        <source>DC-DC charger from the starter battery</source>
        <translation>Ladebooster von der Starterbatterie</translation>
    </message>
    <message>
        <source>It limits the current it takes from the alternator and charges the bank in proper stages; it needs a lead that is live only while the engine runs.</source>
        <translation>Er begrenzt den Strom, den er der Lichtmaschine entnimmt, und lädt die Bank in den richtigen Stufen; er braucht eine Leitung, die nur bei laufendem Motor unter Spannung steht.</translation>
    </message>
    <message>
        <source>engine-running signal</source>
        <translation>Signal, dass der Motor läuft</translation>
    </message>
    <message>
        <source>a circuit that is live only while the engine runs</source>
        <translation>ein Stromkreis, der nur bei laufendem Motor unter Spannung steht</translation>
    </message>
    <message>
        <source>0 V with the engine stopped and the key on, about 14 V running: reliable and simple, with a fuse tap.</source>
        <translation>0 V bei stehendem Motor und eingeschalteter Zündung, etwa 14 V bei laufendem: zuverlässig und einfach, mit einem Sicherungsabgriff.</translation>
    </message>
    <message>
        <source>the alternator&apos;s D+ terminal</source>
        <translation>die D+-Klemme der Lichtmaschine</translation>
    </message>
    <message>
        <source>Live as soon as the alternator charges. Many newer vehicles have none.</source>
        <translation>Unter Spannung, sobald die Lichtmaschine lädt. Viele neuere Fahrzeuge haben keine.</translation>
    </message>
    <message>
        <source>the vehicle&apos;s body-builder interface</source>
        <translation>die Aufbau-Schnittstelle des Fahrzeugs</translation>
    </message>
    <message>
        <source>Made for the purpose, with its own fuse, and start-stop is taken care of; not every vehicle has one.</source>
        <translation>Dafür gemacht, mit eigener Sicherung, und Start-Stopp ist berücksichtigt; nicht jedes Fahrzeug hat eine.</translation>
    </message>
    <message>
        <source>none: the charger watches the starter battery&apos;s voltage</source>
        <translation>keines: Der Ladebooster beobachtet die Spannung der Starterbatterie</translation>
    </message>
    <message>
        <source>No lead to run. It is fooled when something else raises the starter battery&apos;s voltage, such as a trickle charger on sun or shore power: it can then drain that battery.</source>
        <translation>Keine Leitung zu verlegen. Er lässt sich täuschen, wenn etwas anderes die Spannung der Starterbatterie anhebt, etwa ein Erhaltungslader an Sonne oder Landstrom: Dann kann er diese Batterie entleeren.</translation>
    </message>
    <message>
        <source>a driver&apos;s switch</source>
        <translation>ein Fahrerschalter</translation>
    </message>
    <message>
        <source>The driver decides, and may forget: left on, the charger drains the starter battery down to its stop voltage.</source>
        <translation>Der Fahrer entscheidet und vergisst es vielleicht: Bleibt er an, entleert der Ladebooster die Starterbatterie bis zu seiner Abschaltspannung.</translation>
    </message>
    <message>
        <source>manual switch in its feed</source>
        <translation>Handschalter in der Zuleitung</translation>
    </message>
    <message>
        <source>Nothing to remember; its fuse makes it dead.</source>
        <translation>Nichts, woran man denken muss; die Sicherung macht sie spannungsfrei.</translation>
    </message>
    <message>
        <source>one at the driver&apos;s seat</source>
        <translation>einer am Fahrersitz</translation>
    </message>
    <message>
        <source>Opened before the engine is started, no cranking current can flow through it, and nothing can drain the starter battery through it.</source>
        <translation>Vor dem Starten geöffnet, fließt kein Anlasserstrom durch ihn, und nichts kann die Starterbatterie durch ihn leeren.</translation>
    </message>
    <message>
        <source>voltage-sensing relay from the starter battery</source>
        <translation>spannungsgesteuertes Trennrelais von der Starterbatterie</translation>
    </message>
    <message>
        <source>Cheap, and as much current as alternator and cables give. Only for lead-acid banks with a constant-voltage alternator: it cannot limit what lithium takes, nor charge in stages.</source>
        <translation>Billig, und so viel Strom, wie Lichtmaschine und Kabel geben. Nur für Bleibänke mit einer Lichtmaschine konstanter Spannung: Es kann nicht begrenzen, was Lithium nimmt, und nicht in Stufen laden.</translation>
    </message>
    <message>
        <source>charger fed from shore, at the bus bars</source>
        <translation>Landstrom-Ladegerät an den Sammelschienen</translation>
    </message>
    <message>
        <source>Charges the bank in proper stages whenever shore power is there; fed from shore only, never from the inverter, or the bank charges itself with losses both ways.</source>
        <translation>Lädt die Bank in den richtigen Stufen, sobald Landstrom da ist; nur vom Landstrom gespeist, nie aus dem Wechselrichter, sonst lädt sich die Bank mit doppelten Verlusten selbst.</translation>
    </message>
    <message>
        <source>Nothing to buy.</source>
        <translation>Nichts zu kaufen.</translation>
    </message>
    <message>
        <source>one, near the bed</source>
        <translation>eine, beim Bett</translation>
    </message>
    <message>
        <source>Its state and current limit can be seen and set from inside.</source>
        <translation>Zustand und Strombegrenzung lassen sich innen sehen und einstellen.</translation>
    </message>
    <message>
        <source>through the engine charger&apos;s input</source>
        <translation>durch den Eingang des Ladeboosters</translation>
    </message>
    <message>
        <source>A plain converter feeds the DC-DC charger that is already there: the bank gets one charging curve, and an old converter stays in use. Never more than the DC-DC charger gives, and the losses of both.</source>
        <translation>Ein einfaches Netzteil speist den vorhandenen Ladebooster: Die Bank bekommt eine Ladekennlinie, und ein altes Netzteil bleibt in Gebrauch. Nie mehr, als der Ladebooster gibt, und die Verluste beider.</translation>
    </message>
    <message>
        <source>one unit for engine and sun, from the starter battery</source>
        <translation>ein Gerät für Motor und Sonne, von der Starterbatterie</translation>
    </message>
    <message>
        <source>Small, few cables, one place to look. While sun and engine are both there each gives a share, usually half; it usually takes only a low panel voltage; and one failure stops both ways of charging.</source>
        <translation>Klein, wenige Kabel, ein Ort zum Nachsehen. Solange Sonne und Motor beide da sind, gibt jedes einen Anteil, meist die Hälfte; es verträgt meist nur niedrige Modulspannung; und ein Ausfall stoppt beide Arten des Ladens.</translation>
    </message>
    <message>
        <source>second alternator with its own regulator</source>
        <translation>zweite Lichtmaschine mit eigenem Regler</translation>
    </message>
    <message>
        <source>The most an engine can give, for the bank alone, and the vehicle&apos;s own electrics stay as they are. Expensive, needs a mount and a belt at the engine, and must never lose the bank while it runs.</source>
        <translation>Das meiste, was ein Motor geben kann, nur für die Bank, und die Elektrik des Fahrzeugs bleibt, wie sie ist. Teuer, braucht Halter und Riemen am Motor, und darf die Bank nie verlieren, solange sie läuft.</translation>
    </message>
    <message>
        <source>trickle charger from the bars to the starter battery</source>
        <translation>Erhaltungslader von den Schienen zur Starterbatterie</translation>
    </message>
    <message>
        <source>A van parked for weeks still starts: sun and shore power keep the starter battery full too. It raises the starter battery&apos;s voltage, which fools chargers that only watch that.</source>
        <translation>Ein wochenlang geparktes Fahrzeug springt noch an: Sonne und Landstrom halten auch die Starterbatterie voll. Er hebt die Spannung der Starterbatterie, was Ladegeräte täuscht, die nur darauf achten.</translation>
    </message>
    <message>
        <source>in parallel at the same controller</source>
        <translation>parallel am selben Laderegler</translation>
    </message>
    <message>
        <source>More panels without a second controller. All strings on one controller must have nearly the same voltage: the lower one pulls the rest down.</source>
        <translation>Mehr Module ohne zweiten Regler. Alle Stränge an einem Regler müssen nahezu gleiche Spannung haben: Der niedrigere zieht die anderen herunter.</translation>
    </message>
    <message>
        <source>isolator of these panels</source>
        <translation>Trennschalter dieser Module</translation>
    </message>
    <message>
        <source>They can be made dead by themselves.</source>
        <translation>Sie lassen sich für sich spannungsfrei machen.</translation>
    </message>
    <message>
        <source>Fewer connections; their plugs must not be opened under load.</source>
        <translation>Weniger Verbindungen; ihre Stecker dürfen nicht unter Last geöffnet werden.</translation>
    </message>
    <message>
        <source>display or gauges</source>
        <translation>Anzeige oder Instrumente</translation>
    </message>
    <message>
        <source>State of the bank and levels of the tanks in one place. Every sensor needs a port of its kind and a lead that is long enough.</source>
        <translation>Zustand der Bank und Stand der Tanks an einem Ort. Jeder Sensor braucht einen Anschluss seiner Art und eine Leitung, die lang genug ist.</translation>
    </message>
    <message>
        <source>its supply</source>
        <translation>ihre Versorgung</translation>
    </message>
    <message>
        <source>It goes on showing the bank while the van is stored; it always draws a little.</source>
        <translation>Sie zeigt die Bank auch im Winterlager; sie zieht immer ein wenig.</translation>
    </message>
    <message>
        <source>It draws nothing in storage.</source>
        <translation>Im Winterlager zieht sie nichts.</translation>
    </message>
    <message>
        <source>at the bus bars, with its own fuse</source>
        <translation>an den Sammelschienen, mit eigener Sicherung</translation>
    </message>
    <message>
        <source>The shortest way for the largest current; the main switch makes it dead.</source>
        <translation>Der kürzeste Weg für den größten Strom; der Hauptschalter macht ihn spannungsfrei.</translation>
    </message>
    <message>
        <source>Nothing to buy; it is switched at the unit.</source>
        <translation>Nichts zu kaufen; geschaltet wird am Gerät.</translation>
    </message>
    <message>
        <source>It can be switched off from the bed: that saves its idle draw every night.</source>
        <translation>Er lässt sich vom Bett ausschalten: Das spart jede Nacht seinen Leerlauf.</translation>
    </message>
    <message>
        <source>blade-fuse blocks with a negative bus</source>
        <translation>Flachsicherungsblöcke mit Minusschiene</translation>
    </message>
    <message>
        <source>Each circuit has its own two wires and a fuse that is easily found and replaced.</source>
        <translation>Jeder Stromkreis hat seine zwei Leitungen und eine Sicherung, die sich leicht finden und ersetzen lässt.</translation>
    </message>
    <message>
        <source>voltage between {device} and {other}: {moment}</source>
        <translation>Spannung zwischen {device} und {other}: {moment}</translation>
    </message>
    <message>
        <source>voltage between {device} and {other}</source>
        <translation>Spannung zwischen {device} und {other}</translation>
    </message>
    <message>
        <source>switch plate, {n} opening</source>
        <translation>Schalterplatte, {n} Ausschnitt</translation>
    </message>
    <message>
        <source>switch plate, {n} openings</source>
        <translation>Schalterplatte, {n} Ausschnitte</translation>
    </message>
    <message>
        <source>{lead}, {cores} × {area}, {length}</source>
        <translation>{lead}, {cores} × {area}, {length}</translation>
    </message>
    <message>
        <source>Usable energy</source>
        <translation>Nutzbare Energie</translation>
    </message>
    <message>
        <source>Insert the fuse of the {block}, {ways}.</source>
        <translation>Sicherung einsetzen: {block}, {ways}.</translation>
    </message>
    <message>
        <source>Insert the fuse of the converter, the ways of its block still empty.</source>
        <translation>Sicherung des Spannungswandlers einsetzen, die Abgänge seines Blocks noch leer.</translation>
    </message>
    <message>
        <source>Switch the breaker of {name} on; then switch its loads on.</source>
        <translation>Automat einschalten: {name}; dann die Verbraucher einschalten.</translation>
    </message>
    <message>
        <source>Insert the fuse of {name}; then switch its loads on.</source>
        <translation>Sicherung einsetzen: {name}; dann die Verbraucher einschalten.</translation>
    </message>
    <message>
        <source>circuit &apos;{loads}&apos;</source>
        <translation>Stromkreis &apos;{loads}&apos;</translation>
    </message>
    <message>
        <source>circuit &apos;{loads}&apos;, negative</source>
        <translation>Stromkreis &apos;{loads}&apos;, minus</translation>
    </message>
    <message>
        <source>The bank is {bank}; appliances, chargers and inverters are made for 12 V or 24 V.</source>
        <translation>Die Bank hat {bank}; Verbraucher, Ladegeräte und Wechselrichter sind für 12 V oder 24 V gebaut.</translation>
    </message>
    <message>
        <source>Nothing works on it, or is destroyed.</source>
        <translation>Daran funktioniert nichts, oder es wird zerstört.</translation>
    </message>
    <message>
        <source>Set how many are in series in Supply, or use another battery.</source>
        <translation>Unter Versorgung die Anzahl in Reihe einstellen, oder eine andere Batterie verwenden.</translation>
    </message>
    <message>
        <source>short circuit at this fuse, itself a link, cold cable, the strongest batteries that are sold</source>
        <translation>Kurzschluss an dieser Sicherung, sie selbst überbrückt, kaltes Kabel, die stärksten Batterien, die es zu kaufen gibt</translation>
    </message>
    <message>
        <source>Decided by: the smallest size that is allowed there.</source>
        <translation>Ausschlaggebend: der kleinste dort zulässige Querschnitt.</translation>
    </message>
    <message>
        <source>Decided by: the current that it must carry for good.</source>
        <translation>Ausschlaggebend: der Strom, den sie dauernd führen muss.</translation>
    </message>
    <message>
        <source>Decided by: what returns through it from another source, as long as that one&apos;s fuse bears it.</source>
        <translation>Ausschlaggebend: was aus einer anderen Quelle durch sie zurückfließt, solange deren Sicherung es führt.</translation>
    </message>
    <message>
        <source>Decided by: the short circuit that it must withstand.</source>
        <translation>Ausschlaggebend: der Kurzschluss, dem sie standhalten muss.</translation>
    </message>
    <message>
        <source>Decided by: the voltage drop of a path through it.</source>
        <translation>Ausschlaggebend: der Spannungsfall eines Weges, zu dem sie gehört.</translation>
    </message>
    <message>
        <source>Decided by: the least size of a bond.</source>
        <translation>Ausschlaggebend: der Mindestquerschnitt einer Masseverbindung.</translation>
    </message>
    <message>
        <source>Decided by: one cable through. Positive and negative, both sides of a switch, and all leads of a bank&apos;s batteries use one size: the largest that any of them needs.</source>
        <translation>Ausschlaggebend: ein Kabel durchgehend. Plus und Minus, beide Seiten eines Schalters und alle Leitungen der Batterien einer Bank haben einen Querschnitt: den größten, den eine von ihnen braucht.</translation>
    </message>
    <message>
        <source>Decided by: the terminal. For thinner cable no lug fits its stud.</source>
        <translation>Ausschlaggebend: der Anschluss. Für dünneres Kabel passt kein Kabelschuh auf seinen Bolzen.</translation>
    </message>
    <message>
        <source>It is there already.</source>
        <translation>Sie ist schon vorhanden.</translation>
    </message>
    <message>
        <source>Decided by: {habit}. {reason}</source>
        <translation>Ausschlaggebend: {habit}. {reason}</translation>
    </message>
    <message>
        <source>Set by you. Computed: {size}.</source>
        <translation>Von Ihnen gesetzt. Berechnet: {size}.</translation>
    </message>
    <message>
        <source>The worst returns through it while the fuse of &apos;{id}&apos; opens.</source>
        <translation>Am meisten fließt durch sie zurück, während die Sicherung von &apos;{id}&apos; auslöst.</translation>
    </message>
    <message>
        <source>all else between its ends: switches, shunts, blocks</source>
        <translation>alles andere zwischen seinen Enden: Schalter, Shunts, Sicherungshalter</translation>
    </message>
    <message>
        <source>The {family} of {name} can interrupt {capacity}; with the strongest batteries that are sold a short circuit there gives {fault}.</source>
        <translation>Die {family} von {name} kann {capacity} abschalten; mit den stärksten Batterien, die es zu kaufen gibt, fließen bei einem Kurzschluss dort {fault}.</translation>
    </message>
    <message>
        <source>Ask the maker for your battery&apos;s short-circuit current and enter it with the battery; or fit a fuse that can interrupt more.</source>
        <translation>Fragen Sie den Hersteller nach dem Kurzschlussstrom Ihrer Batterie und tragen Sie ihn bei der Batterie ein; oder setzen Sie eine Sicherung mit höherem Schaltvermögen ein.</translation>
    </message>
    <message>
        <source>Spirk could not solve the situation &apos;{moment}&apos;. This is a defect of Spirk, not of your plan.</source>
        <translation>Spirk konnte die Situation &apos;{moment}&apos; nicht lösen. Das ist ein Fehler von Spirk, nicht Ihres Plans.</translation>
    </message>
    <message>
        <source>Currents and voltages of this situation are not known, and nothing is said of them.</source>
        <translation>Ströme und Spannungen dieser Situation sind nicht bekannt, und es wird nichts über sie gesagt.</translation>
    </message>
    <message>
        <source>Please report it, with the plan&apos;s file.</source>
        <translation>Bitte melden Sie ihn, zusammen mit der Datei des Plans.</translation>
    </message>
    <message>
        <source>Stop here: mistakes of connection stand in the plan, see Checks. Mend each of them first; all steps and readings below are those of the system without them.</source>
        <translation>Hier anhalten: Der Plan enthält Anschlussfehler, siehe Prüfungen. Beheben Sie zuerst jeden davon; alle Schritte und Messwerte unten gelten für das System ohne sie.</translation>
    </message>
    <message>
        <source>Switched on as it is, this system is destroyed or does not work.</source>
        <translation>So eingeschaltet wird dieses System zerstört oder funktioniert nicht.</translation>
    </message>
    <message>
        <source>{device} is connected before the main fuse.</source>
        <translation>{device} ist vor der Hauptsicherung angeschlossen.</translation>
    </message>
    <message>
        <source>{device} is connected before the main switch.</source>
        <translation>{device} ist vor dem Hauptschalter angeschlossen.</translation>
    </message>
    <message>
        <source>The main fuse does not protect what leads to it, and the main switch does not make it dead.</source>
        <translation>Die Hauptsicherung schützt seine Zuleitung nicht, und der Hauptschalter schaltet es nicht spannungsfrei.</translation>
    </message>
    <message>
        <source>Switching off does not make it dead.</source>
        <translation>Ausschalten macht es nicht spannungsfrei.</translation>
    </message>
    <message>
        <source>Connect it behind the main switch, at the bus bars.</source>
        <translation>Hinter dem Hauptschalter anschließen, an den Sammelschienen.</translation>
    </message>
    <message>
        <source>{device} is connected the wrong way round: the bank is on its load side.</source>
        <translation>{device} ist verkehrt herum angeschlossen: Die Bank liegt an seiner Lastseite.</translation>
    </message>
    <message>
        <source>It counts charging as discharging: the state of charge that it shows falls while the bank fills.</source>
        <translation>Er zählt Laden als Entladen: Der angezeigte Ladezustand sinkt, während sich die Bank füllt.</translation>
    </message>
    <message>
        <source>Swap its two leads: the bank&apos;s negative on its battery side, all else on its load side.</source>
        <translation>Seine beiden Leitungen tauschen: das Minus der Bank an die Batterieseite, alles andere an die Lastseite.</translation>
    </message>
    <message>
        <source>The negative reaches the chassis by a second way, beside the bond.</source>
        <translation>Das Minus erreicht das Chassis auf einem zweiten Weg neben der Masseverbindung.</translation>
    </message>
    <message>
        <source>Working current returns through the body as well: it is not counted, heats joints that nobody looks at, and corrodes them.</source>
        <translation>Betriebsstrom fließt auch durch die Karosserie zurück: Er wird nicht gezählt, erwärmt Verbindungen, die niemand ansieht, und lässt sie korrodieren.</translation>
    </message>
    <message>
        <source>Leave one bond to the chassis; bring every other negative back to the negative bar.</source>
        <translation>Eine Masseverbindung zum Chassis belassen; jedes andere Minus zur Minusschiene zurückführen.</translation>
    </message>
    <message>
        <source>{name} has both ends on {terminal}: it leads nowhere.</source>
        <translation>{name} liegt mit beiden Enden an {terminal}: Die Leitung führt nirgendwohin.</translation>
    </message>
    <message>
        <source>What it should supply or return is not connected.</source>
        <translation>Was sie versorgen oder zurückführen soll, ist nicht angeschlossen.</translation>
    </message>
    <message>
        <source>Move one of its ends back.</source>
        <translation>Eines ihrer Enden zurücksetzen.</translation>
    </message>
    <message>
        <source>Swap its two leads back before anything is connected. Before the first connection hold a meter to the leads: plus must read positive.</source>
        <translation>Die beiden Leitungen tauschen, bevor irgendetwas angeschlossen wird. Vor dem ersten Anschließen ein Messgerät an die Leitungen halten: Plus muss positiv anzeigen.</translation>
    </message>
    <message>
        <source>Beside others it drives twice their voltage around a loop of bare cable; alone it turns the polarity of the whole system. Either destroys what is connected, and the cables burn.</source>
        <translation>Neben anderen treibt sie die doppelte Spannung durch eine Schleife aus bloßem Kabel; allein kehrt sie die Polarität des ganzen Systems um. Beides zerstört, was angeschlossen ist, und die Kabel brennen.</translation>
    </message>
    <message>
        <source>Its input stage is destroyed at once; at best its fuse opens first.</source>
        <translation>Seine Eingangsstufe wird sofort zerstört; bestenfalls löst vorher seine Sicherung aus.</translation>
    </message>
    <message>
        <source>Most electronics are destroyed by the wrong polarity; motors run backwards.</source>
        <translation>Die meiste Elektronik wird durch Verpolung zerstört; Motoren laufen rückwärts.</translation>
    </message>
    <message>
        <source>The controller&apos;s input is destroyed, or takes all that the panels give as a short circuit.</source>
        <translation>Der Eingang des Reglers wird zerstört oder nimmt alles, was die Module liefern, als Kurzschluss auf.</translation>
    </message>
    <message>
        <source>Its output and the battery drive each other: it is destroyed at once, and its fuse opens at best.</source>
        <translation>Sein Ausgang und die Batterie treiben sich gegenseitig: Es wird sofort zerstört, bestenfalls löst seine Sicherung aus.</translation>
    </message>
    <message>
        <source>Move them back</source>
        <translation>Zurücksetzen</translation>
    </message>
    <message>
        <source>{name} joins plus and minus of {source} as soon as the relay closes: it runs from {from} to {to}.</source>
        <translation>{name} verbindet Plus und Minus von {source}, sobald das Relais schließt: Die Leitung läuft von {from} nach {to}.</translation>
    </message>
    <message>
        <source>{name} joins plus and minus of {source}: it runs from {from} to {to}.</source>
        <translation>{name} verbindet Plus und Minus von {source}: Die Leitung läuft von {from} nach {to}.</translation>
    </message>
    <message>
        <source>A dead short: thousands of amperes flow at once, through cables, bars and fuses that are not made for it. No cable and no fuse is sized for that current; they keep the sizes that they have without the mistake.</source>
        <translation>Ein satter Kurzschluss: Sofort fließen Tausende Ampere durch Kabel, Schienen und Sicherungen, die dafür nicht gemacht sind. Kein Kabel und keine Sicherung wird für diesen Strom bemessen; sie behalten die Größen, die sie ohne den Fehler haben.</translation>
    </message>
    <message>
        <source>Move it back to where it belongs before anything is connected.</source>
        <translation>Dorthin zurücksetzen, wo sie hingehört, bevor irgendetwas angeschlossen wird.</translation>
    </message>
    <message>
        <source>It does nothing, and nobody notices before it is needed.</source>
        <translation>Es tut nichts, und niemand merkt es, bevor es gebraucht wird.</translation>
    </message>
    <message>
        <source>Follow both of its leads to where they end, and move them back.</source>
        <translation>Beide Leitungen bis zu ihren Enden verfolgen und zurücksetzen.</translation>
    </message>
    <message>
        <source>Nothing charges the bank: no sun, no engine, no shore power.</source>
        <translation>Nichts lädt die Bank: keine Sonne, kein Motor, kein Landstrom.</translation>
    </message>
    <message>
        <source>When it is empty it stays empty; lead left empty is spoilt within weeks.</source>
        <translation>Ist sie leer, bleibt sie leer; eine leer stehende Bleibatterie ist nach Wochen verdorben.</translation>
    </message>
    <message>
        <source>Add a way to charge it in Supply.</source>
        <translation>Unter Versorgung eine Lademöglichkeit hinzufügen.</translation>
    </message>
    <message>
        <source>Nothing ends the charge: full batteries are overcharged, lead gases, and a BMS switches off while the panels then raise everything else to their own voltage.</source>
        <translation>Nichts beendet die Ladung: Volle Batterien werden überladen, Blei gast, und ein BMS schaltet ab, worauf die Module alles andere auf ihre eigene Spannung heben.</translation>
    </message>
    <message>
        <source>Connect the panels to the controller&apos;s panel side (PV) only.</source>
        <translation>Die Module nur an die Modulseite (PV) des Reglers anschließen.</translation>
    </message>
    <message>
        <source>{a} and {b} are joined for good: nothing between them limits what flows.</source>
        <translation>{a} und {b} sind dauernd verbunden: Nichts zwischen ihnen begrenzt den Strom.</translation>
    </message>
    <message>
        <source>The fuller one drives all it can into the other, the alternator is taken without limit, and loads of the house drain the battery that must start the engine.</source>
        <translation>Die vollere treibt in die andere, was sie kann, die Lichtmaschine wird ohne Grenze belastet, und die Verbraucher des Wohnraums leeren die Batterie, die den Motor starten muss.</translation>
    </message>
    <message>
        <source>Let a charger that limits the current, or a relay where both are lead-acid, stand between them.</source>
        <translation>Dazwischen gehört ein Lader, der den Strom begrenzt, oder, wo beide Blei-Säure sind, ein Relais.</translation>
    </message>
    <message>
        <source>Input and output of {device} are swapped.</source>
        <translation>Eingang und Ausgang von {device} sind vertauscht.</translation>
    </message>
    <message>
        <source>It is built for the other direction: it is destroyed, or drains the battery that it should charge and overcharges the other.</source>
        <translation>Er ist für die andere Richtung gebaut: Er wird zerstört, oder er leert die Batterie, die er laden soll, und überlädt die andere.</translation>
    </message>
    <message>
        <source>Swap its two plus leads back before anything is connected.</source>
        <translation>Die beiden Plusleitungen zurücktauschen, bevor irgendetwas angeschlossen wird.</translation>
    </message>
    <message>
        <source>everything drawing and charging at once</source>
        <translation>alles verbraucht und lädt gleichzeitig</translation>
    </message>
    <message>
        <source>{moment}, without battery {n}</source>
        <translation>{moment}, ohne Batterie {n}</translation>
    </message>
    <message>
        <source>plus joined to minus without a load between</source>
        <translation>Plus mit Minus verbunden, ohne Verbraucher dazwischen</translation>
    </message>
    <message>
        <source>the circuit walked: a source with both poles on one net</source>
        <translation>Stromkreis verfolgt: eine Quelle mit beiden Polen an einem Netz</translation>
    </message>
    <message>
        <source>connected the wrong way round</source>
        <translation>verkehrt herum angeschlossen</translation>
    </message>
    <message>
        <source>the circuit walked: polarity at every terminal</source>
        <translation>Stromkreis verfolgt: Polarität an jedem Anschluss</translation>
    </message>
    <message>
        <source>source joined to a battery without what limits it</source>
        <translation>Quelle ohne das, was sie begrenzt, mit einer Batterie verbunden</translation>
    </message>
    <message>
        <source>chargers&apos; and controllers&apos; makers; the circuit walked</source>
        <translation>Hersteller von Ladern und Reglern; Stromkreis verfolgt</translation>
    </message>
    <message>
        <source>not fed, or not charged</source>
        <translation>nicht versorgt oder nicht geladen</translation>
    </message>
    <message>
        <source>the circuit walked: a way from a source, and one back</source>
        <translation>Stromkreis verfolgt: ein Weg von einer Quelle und einer zurück</translation>
    </message>
    <message>
        <source>batteries of different volts or chemistries in parallel</source>
        <translation>Batterien verschiedener Spannung oder Chemie parallel</translation>
    </message>
    <message>
        <source>before the main fuse and the main switch</source>
        <translation>vor Hauptsicherung und Hauptschalter</translation>
    </message>
    <message>
        <source>ABYC E-11 (device at the source); ISO 13297 (battery switch). EN 1648: check</source>
        <translation>ABYC E-11 (Schutz an der Quelle); ISO 13297 (Batterieschalter). EN 1648: prüfen</translation>
    </message>
    <message>
        <source>conductor that leads nowhere</source>
        <translation>Leitung, die nirgendwohin führt</translation>
    </message>
    <message>
        <source>the circuit walked</source>
        <translation>Stromkreis verfolgt</translation>
    </message>
    <message>
        <source>shunt reversed</source>
        <translation>Shunt verkehrt herum</translation>
    </message>
    <message>
        <source>common practice: battery side to the bank</source>
        <translation>übliche Praxis: Batterieseite zur Bank</translation>
    </message>
    <message>
        <source>bolted fuse at least 1.1 times the largest current of a charger that limits itself</source>
        <translation>geschraubte Sicherung mindestens das 1,1-Fache des größten Stroms eines Laders, der sich selbst begrenzt</translation>
    </message>
    <message>
        <source>maximum voltage drop on leads on which a charger measures (0.2 V of 12 V)</source>
        <translation>größter Spannungsfall auf Leitungen, auf denen ein Lader misst (0,2 V von 12 V)</translation>
    </message>
    <message>
        <source>minimum size of cables from panels to their controller</source>
        <translation>Mindestquerschnitt der Leitungen von Modulen zu ihrem Regler</translation>
    </message>
    <message>
        <source>minimum size of small circuits</source>
        <translation>Mindestquerschnitt kleiner Stromkreise</translation>
    </message>
    <message>
        <source>minimum size of the lead of a single lamp</source>
        <translation>Mindestquerschnitt der Leitung einer einzelnen Leuchte</translation>
    </message>
    <message>
        <source>part of a battery&apos;s continuous limit whose fuse its leads bear</source>
        <translation>Teil der Dauergrenze einer Batterie, dessen Sicherung ihre Leitungen vertragen</translation>
    </message>
    <message>
        <source>number of cable sizes that a system is built from</source>
        <translation>Zahl der Kabelquerschnitte, aus denen ein System gebaut wird</translation>
    </message>
    <message>
        <source>length, one way, below which a size is not worth buying</source>
        <translation>einfache Länge, unter der sich der Kauf eines Querschnitts nicht lohnt</translation>
    </message>
    <message>
        <source>one good lug connection, up to 8 mm²</source>
        <translation>eine gute Kabelschuhverbindung, bis 8 mm²</translation>
    </message>
    <message>
        <source>one good lug connection, above 8 mm²</source>
        <translation>eine gute Kabelschuhverbindung, über 8 mm²</translation>
    </message>
    <message>
        <source>one good lug connection, above 30 mm²</source>
        <translation>eine gute Kabelschuhverbindung, über 30 mm²</translation>
    </message>
    <message>
        <source>one good lug connection, above 60 mm²</source>
        <translation>eine gute Kabelschuhverbindung, über 60 mm²</translation>
    </message>
    <message>
        <source>common practice; IEC 60364-7-721 requires 4 mm² (from memory)</source>
        <translation>übliche Praxis; IEC 60364-7-721 verlangt 4 mm² (aus dem Gedächtnis)</translation>
    </message>
    <message>
        <source>10 kA at 14 V, 5 at 32, 2 at 58, well known</source>
        <translation>10 kA bei 14 V, 5 bei 32, 2 bei 58, allgemein bekannt</translation>
    </message>
    <message>
        <source>common practice of installers</source>
        <translation>übliche Praxis von Installateuren</translation>
    </message>
    <message>
        <source>One cable through</source>
        <translation>Ein Kabel durchgehend</translation>
    </message>
    <message>
        <source>Few sizes</source>
        <translation>Wenige Querschnitte</translation>
    </message>
    <message>
        <source>Battery leads for one battery fewer</source>
        <translation>Batterieleitungen für eine Batterie weniger</translation>
    </message>
    <message>
        <source>Battery leads not thinner than half the battery&apos;s limit</source>
        <translation>Batterieleitungen nicht dünner als für die halbe Grenze der Batterie</translation>
    </message>
    <message>
        <source>Solar cable of one usual size</source>
        <translation>Solarkabel in einem üblichen Querschnitt</translation>
    </message>
    <message>
        <source>A charger&apos;s usual fuse</source>
        <translation>Die übliche Sicherung eines Laders</translation>
    </message>
    <message>
        <source>Small circuits not below 1.5 mm²</source>
        <translation>Kleine Stromkreise nicht unter 1,5 mm²</translation>
    </message>
    <message>
        <source>ABYC E-11 (device at the source); ISO 13297 (battery switch)</source>
        <translation>ABYC E-11 (Schutz an der Quelle); ISO 13297 (Batterieschalter)</translation>
    </message>
    <message>
        <source>A battery feeds {name} with no fuse on the way.</source>
        <translation>Eine Batterie speist {name} ohne Sicherung auf dem Weg.</translation>
    </message>
    <message>
        <source>Fit a fuse at its source end, or move it behind one.</source>
        <translation>Eine Sicherung am Quellenende einsetzen oder hinter eine versetzen.</translation>
    </message>
    <message>
        <source>Fit a fuse at its source end</source>
        <translation>Eine Sicherung am Quellenende einsetzen</translation>
    </message>
    <message>
        <source>Positive as negative, and both sides of a switch, shunt or isolator, have one size: nobody buys two reels for one run, or joins thick to thin in the middle of it.</source>
        <translation>Plus wie Minus und beide Seiten eines Schalters, Shunts oder Trenners haben einen Querschnitt: Niemand kauft zwei Rollen für eine Strecke oder verbindet mittendrin dick mit dünn.</translation>
    </message>
    <message>
        <source>A system is built from few cable sizes. A size that is used for less than a metre, or the least used where there are more than the rules name, gives way to the next larger that is there anyway.</source>
        <translation>Ein System wird aus wenigen Kabelquerschnitten gebaut. Ein Querschnitt, von dem weniger als ein Meter gebraucht wird, oder der am wenigsten gebrauchte, wo es mehr sind, als die Regeln nennen, weicht dem nächstgrößeren, der ohnehin da ist.</translation>
    </message>
    <message>
        <source>Each lead and fuse of batteries in parallel carries its share with one of them gone: otherwise one opened fuse opens the others in a row.</source>
        <translation>Jede Leitung und Sicherung paralleler Batterien führt ihren Anteil auch, wenn eine von ihnen fehlt: Sonst löst eine ausgelöste Sicherung die anderen der Reihe nach aus.</translation>
    </message>
    <message>
        <source>A lead at a battery bears a fuse of half the battery&apos;s continuous discharge limit: what is connected later may draw that, and thin cable on a large battery burns.</source>
        <translation>Eine Leitung an einer Batterie verträgt eine Sicherung für die Hälfte der Dauerentladegrenze der Batterie: Was später angeschlossen wird, kann das ziehen, und dünnes Kabel an einer großen Batterie brennt.</translation>
    </message>
    <message>
        <source>Panels have 4 or 6 mm² solar cable all the way, with the panels&apos; own connectors: their plugs and glands are made for it, and thin single wires with ferrules break.</source>
        <translation>Module haben durchgehend Solarkabel von 4 oder 6 mm² mit den eigenen Steckern der Module: Stecker und Verschraubungen sind dafür gemacht, und dünne Einzeladern mit Aderendhülsen brechen.</translation>
    </message>
    <message>
        <source>A charger or controller cannot exceed its rating: a bolted fuse 1.1 times the largest current of its lead is enough, with the warmth at the fuse counted, and is what its maker usually names. Never above what the maker allows.</source>
        <translation>Ein Lader oder Regler kann seinen Nennstrom nicht überschreiten: Eine geschraubte Sicherung vom 1,1-Fachen des größten Stroms seiner Leitung genügt, die Wärme an der Sicherung eingerechnet, und ist, was der Hersteller meist nennt. Nie mehr, als der Hersteller erlaubt.</translation>
    </message>
    <message>
        <source>Two-core cable of 1.5 mm² for small circuits, 1 mm² for a single lamp: thinner cable breaks where it is stripped, and saves nothing.</source>
        <translation>Zweiadrige Leitung von 1,5 mm² für kleine Stromkreise, 1 mm² für eine einzelne Leuchte: Dünneres Kabel bricht, wo es abisoliert ist, und spart nichts.</translation>
    </message>
    <message>
        <source>What {other} feeds ({fuse}) can return through {name}, whose cable bears less ({size}: {ampacity}).</source>
        <translation>Was {other} speist ({fuse}), kann durch {name} zurückfließen, deren Kabel weniger verträgt ({size}: {ampacity}).</translation>
    </message>
    <message>
        <source>An overload there could overheat this cable before that fuse opens.</source>
        <translation>Eine Überlast dort könnte dieses Kabel überhitzen, bevor jene Sicherung auslöst.</translation>
    </message>
    <message>
        <source>Fit a smaller fuse there.</source>
        <translation>Dort eine kleinere Sicherung einsetzen.</translation>
    </message>
    <message>
        <source>tubular lug for flexible conductors, {size} {stud}</source>
        <translation>Rohrkabelschuh für feindrähtige Leiter, {size} {stud}</translation>
    </message>
    <message>
        <source>ring terminal {size} {stud}</source>
        <translation>Ringkabelschuh {size} {stud}</translation>
    </message>
    <message>
        <source>adhesive heat-shrink 3:1 for {size}</source>
        <translation>Schrumpfschlauch 3:1 mit Kleber für {size}</translation>
    </message>
    <message>
        <source>needed = f · I_B / w; I_n: the family&apos;s next rating up; I_cn ≥ I_k</source>
        <translation>nötig = f · I_B / w; I_n: der nächsthöhere Nennstrom der Bauart; I_cn ≥ I_k</translation>
    </message>
    <message>
        <source>w</source>
        <translation>w</translation>
    </message>
    <message>
        <source>part of its rating that it bears for hours where it stands</source>
        <translation>Teil ihres Nennstroms, den sie an ihrem Ort stundenlang führt</translation>
    </message>
    <message>
        <source>Decided by: the largest fuse that is allowed before a thinner cable.</source>
        <translation>Ausschlaggebend: die größte Sicherung, die vor einem dünneren Kabel zulässig ist.</translation>
    </message>
    <message>
        <source>Decided by: what the maker of what it feeds asks for.</source>
        <translation>Ausschlaggebend: was der Hersteller des gespeisten Geräts verlangt.</translation>
    </message>
    <message>
        <source>Fit a fuse in each string</source>
        <translation>Eine Sicherung in jeden Strang setzen</translation>
    </message>
    <message>
        <source>The others drive up to {others} (1.25 times their short-circuit current) into a faulty one; its panels withstand {bears}.</source>
        <translation>Die anderen treiben bis zu {others} (das 1,25-Fache ihres Kurzschlussstroms) in einen fehlerhaften; seine Module halten {bears} aus.</translation>
    </message>
    <message>
        <source>Fit a gPV fuse of at least {least} and at most {most} in each string: {fuse}.</source>
        <translation>In jeden Strang eine gPV-Sicherung von mindestens {least} und höchstens {most} setzen: {fuse}.</translation>
    </message>
    <message>
        <source>No fuse is made between {least}, which a string needs, and {most}, which its panels withstand: wire fewer strings in parallel, or use panels that withstand more.</source>
        <translation>Zwischen {least}, die ein Strang braucht, und {most}, die seine Module aushalten, gibt es keine Sicherung: weniger Stränge parallel schalten, oder Module verwenden, die mehr aushalten.</translation>
    </message>
    <message>
        <source>The panels&apos; short-circuit current is {array}; {controller} takes up to {limit}.</source>
        <translation>Der Kurzschlussstrom der Module beträgt {array}; {controller} verträgt bis zu {limit}.</translation>
    </message>
    <message>
        <source>With reversed panels, or a fault inside, more flows than its maker reckoned with.</source>
        <translation>Bei verpolten Modulen oder einem Fehler im Gerät fließt mehr, als sein Hersteller vorgesehen hat.</translation>
    </message>
    <message>
        <source>Wire more panels in series, or use a controller that takes more.</source>
        <translation>Mehr Module in Reihe schalten, oder einen Regler verwenden, der mehr verträgt.</translation>
    </message>
    <message>
        <source>Nothing switches the panels off: {volts} in daylight, up to {current}.</source>
        <translation>Nichts schaltet die Module ab: {volts} bei Tageslicht, bis zu {current}.</translation>
    </message>
    <message>
        <source>Their plugs draw an arc when they are opened under load, and the controller&apos;s leads stay live while somebody works on them.</source>
        <translation>Ihre Stecker ziehen einen Lichtbogen, wenn sie unter Last getrennt werden, und die Leitungen des Reglers stehen unter Spannung, während jemand an ihnen arbeitet.</translation>
    </message>
    <message>
        <source>Fit a switch for direct current that opens both poles, near the controller; until then cover the panels first.</source>
        <translation>Einen Gleichstromschalter, der beide Pole trennt, nahe am Regler einbauen; bis dahin die Module zuerst abdecken.</translation>
    </message>
    <message>
        <source>Fit a solar isolator</source>
        <translation>Einen Solartrennschalter einbauen</translation>
    </message>
    <message>
        <source>What runs at once draws {current} out of one battery; its limit is {limit}.</source>
        <translation>Was gleichzeitig läuft, zieht {current} aus einer Batterie; ihre Grenze ist {limit}.</translation>
    </message>
    <message>
        <source>With everything on and the inverter at its rating, one battery must deliver {current}; its limit is {limit}. What your needs draw, {needs}, is within it.</source>
        <translation>Wenn alles läuft und der Wechselrichter seine Nennleistung abgibt, muss eine Batterie {current} liefern; ihre Grenze ist {limit}. Was Ihr Bedarf zieht, {needs}, liegt darunter.</translation>
    </message>
    <message>
        <source>The fuse of {name} ({fuse}) is above {largest}, the largest that is allowed before {size}.</source>
        <translation>Die Sicherung von {name} ({fuse}) liegt über {largest}, der größten vor {size} zulässigen.</translation>
    </message>
    <message>
        <source>Low-voltage wiring of recreational vehicles has a largest fuse for each small size, whatever the table of ampacities allows (NEC 551.10(E)).</source>
        <translation>Für die Kleinspannungsanlage von Wohnmobilen gilt für jeden kleinen Querschnitt eine größte Sicherung, was auch immer die Tabelle der Strombelastbarkeit erlaubt (NEC 551.10(E)).</translation>
    </message>
    <message>
        <source>Use {size}, or a smaller fuse.</source>
        <translation>{size} verwenden, oder eine kleinere Sicherung.</translation>
    </message>
    <message>
        <source>No larger one may stand there: its maker, or the thickest cable, bears no more. Divide the load between two feeds, or choose a higher bank voltage.</source>
        <translation>Eine größere darf dort nicht sitzen: Ihr Hersteller oder das dickste Kabel lässt nicht mehr zu. Die Last auf zwei Zuleitungen verteilen, oder eine höhere Spannung der Bank wählen.</translation>
    </message>
    <message>
        <source>{charger} charges lead-acid only; the bank is {chemistry}.</source>
        <translation>{charger} lädt nur Blei; die Bank ist {chemistry}.</translation>
    </message>
    <message>
        <source>It equalises and floats at volts that lithium must not get, or never fills it; and it may start again and again.</source>
        <translation>Es gleicht aus und erhält mit Spannungen, die Lithium nicht bekommen darf, oder lädt es nie voll; und es fängt womöglich immer wieder von vorn an.</translation>
    </message>
    <message>
        <source>Use a charger whose charging voltages can be set for lithium, or check with both makers.</source>
        <translation>Ein Ladegerät verwenden, dessen Ladespannungen sich auf Lithium einstellen lassen, oder bei beiden Herstellern nachfragen.</translation>
    </message>
    <message>
        <source>{battery} switches itself off to protect itself, and an alternator charges it directly.</source>
        <translation>{battery} schaltet sich zum eigenen Schutz ab, und eine Lichtmaschine lädt sie unmittelbar.</translation>
    </message>
    <message>
        <source>When it switches off at full charging current, the alternator&apos;s voltage shoots up for a moment: its diodes and what hangs on the bars may be destroyed.</source>
        <translation>Schaltet sie bei vollem Ladestrom ab, schießt die Spannung der Lichtmaschine für einen Augenblick hoch: Ihre Dioden und was an den Sammelschienen hängt, können zerstört werden.</translation>
    </message>
    <message>
        <source>Put a DC-DC charger between, or a regulator that the batteries can tell to stop first; a surge protector at the alternator is the least.</source>
        <translation>Einen Ladebooster dazwischensetzen, oder einen Regler, den die Batterien vorher anhalten können; ein Überspannungsschutz an der Lichtmaschine ist das Mindeste.</translation>
    </message>
    <message>
        <source>The bank is at &apos;{place}&apos;, where it gets {ambient}; {chemistry} is charged up to {limit}.</source>
        <translation>Die Bank steht in &apos;{place}&apos;, wo es {ambient} warm wird; {chemistry} wird bis {limit} geladen.</translation>
    </message>
    <message>
        <source>Its BMS stops charging when it is hot, and heat ages the cells for good.</source>
        <translation>Ihr BMS hält das Laden an, wenn sie heiß ist, und Hitze lässt die Zellen dauerhaft altern.</translation>
    </message>
    <message>
        <source>Heat dries it out: each ten degrees more halve its life.</source>
        <translation>Hitze trocknet sie aus: Je zehn Grad mehr halbieren ihr Leben.</translation>
    </message>
    <message>
        <source>Keep the bank where people live, or in a locker with air.</source>
        <translation>Die Bank im Wohnraum unterbringen, oder in einem belüfteten Staufach.</translation>
    </message>
    <message>
        <source>In the same place as a battery that gives off hydrogen: {devices}.</source>
        <translation>Am selben Ort wie eine Batterie, die Wasserstoff abgibt: {devices}.</translation>
    </message>
    <message>
        <source>Their contacts spark when they switch. Nothing that sparks may be within {distance} of its vents.</source>
        <translation>Ihre Kontakte funken beim Schalten. Nichts, was funkt, darf näher als {distance} an ihren Öffnungen sein.</translation>
    </message>
    <message>
        <source>Mount them farther away than {distance}, or behind a gas-tight wall; a box with its own vents ends it.</source>
        <translation>Weiter als {distance} entfernt montieren, oder hinter einer gasdichten Wand; ein Kasten mit eigener Lüftung behebt es.</translation>
    </message>
    <message>
        <source>{name} is counted with the {rated} of its plate; one of its kind usually draws {usual} while it is on.</source>
        <translation>{name} wird mit den {rated} des Typenschilds gerechnet; ein Gerät dieser Art zieht eingeschaltet meist {usual}.</translation>
    </message>
    <message>
        <source>The plate says the most it may draw. Energy per day, bank and charging are sized by what it draws on average.</source>
        <translation>Das Typenschild nennt das meiste, das es ziehen darf. Tagesenergie, Bank und Ladung bemessen sich nach dem, was es im Mittel zieht.</translation>
    </message>
    <message>
        <source>Measure it over a day with a plug-in or clamp meter, and enter what you find in Needs.</source>
        <translation>Einen Tag lang mit Zwischenstecker oder Stromzange messen, und das Ergebnis unter Bedarf eintragen.</translation>
    </message>
    <message>
        <source>Coldest night to plan for</source>
        <translation>Kälteste Nacht, mit der zu rechnen ist</translation>
    </message>
    <message>
        <source>T = T_month − (T_coldest month − T_record) / 2</source>
        <translation>T = T_Monat − (T_kältester Monat − T_Rekord) / 2</translation>
    </message>
    <message>
        <source>T_month</source>
        <translation>T_Monat</translation>
    </message>
    <message>
        <source>mean of {month}, the coldest of the trip</source>
        <translation>Mittel im {month}, dem kältesten der Reise</translation>
    </message>
    <message>
        <source>T_coldest month</source>
        <translation>T_kältester Monat</translation>
    </message>
    <message>
        <source>mean of the year&apos;s coldest month</source>
        <translation>Mittel des kältesten Monats im Jahr</translation>
    </message>
    <message>
        <source>T_record</source>
        <translation>T_Rekord</translation>
    </message>
    <message>
        <source>passed about once in ten years</source>
        <translation>etwa einmal in zehn Jahren unterschritten</translation>
    </message>
    <message>
        <source>judgement: half the span between that month and the record</source>
        <translation>Ermessen: die halbe Spanne zwischen diesem Monat und dem Rekord</translation>
    </message>
    <message>
        <source>On this trip the coldest nights are near {night}; {model} has no heater.</source>
        <translation>Auf dieser Reise haben die kältesten Nächte etwa {night}; {model} hat keine Heizung.</translation>
    </message>
    <message>
        <source>In the leanest month the sun leaves so much to make up that {hours} of driving a day would be needed with {chosen}; {time} are planned.</source>
        <translation>Im magersten Monat lässt die Sonne so viel übrig, dass mit {chosen} {hours} Fahrt am Tag nötig wären; geplant sind {time}.</translation>
    </message>
    <message>
        <source>The bank is emptied a little more each day.</source>
        <translation>Die Bank wird jeden Tag etwas leerer.</translation>
    </message>
    <message>
        <source>What touches the body returns through it until that circuit&apos;s fuse opens, and it must bear that.</source>
        <translation>Was die Karosserie berührt, fließt durch sie zurück, bis die Sicherung jenes Stromkreises auslöst; das muss sie aushalten.</translation>
    </message>
    <message>
        <source>Starting, the loads that run at once draw {worst} for a moment; the inverter can give {surge}.</source>
        <translation>Beim Anlaufen ziehen die gleichzeitig laufenden Verbraucher kurz {worst}; der Wechselrichter kann {surge} abgeben.</translation>
    </message>
    <message>
        <source>A motor that gets too little does not start, and the inverter switches off on overload.</source>
        <translation>Ein Motor, der zu wenig bekommt, läuft nicht an, und der Wechselrichter schaltet wegen Überlast ab.</translation>
    </message>
    <message>
        <source>Use an inverter with a larger surge, an appliance that starts softly, or start it before the others run.</source>
        <translation>Einen Wechselrichter mit mehr Spitzenleistung verwenden, ein Gerät mit Sanftanlauf, oder es einschalten, bevor die anderen laufen.</translation>
    </message>
    <message>
        <source>{name} is {size}; the inverter&apos;s maker asks for {asked}.</source>
        <translation>{name} hat {size}; der Hersteller des Wechselrichters verlangt {asked}.</translation>
    </message>
    <message>
        <source>The maker knows what its terminals and its ripple ask for, and may refuse a claim otherwise.</source>
        <translation>Der Hersteller weiß, was seine Anschlüsse und ihr Wechselanteil verlangen, und lehnt sonst womöglich die Gewährleistung ab.</translation>
    </message>
    <message>
        <source>The fuse of {name} is {rating}; the inverter&apos;s maker asks for {asked}.</source>
        <translation>Die Sicherung von {name} hat {rating}; der Hersteller des Wechselrichters verlangt {asked}.</translation>
    </message>
    <message>
        <source>A fault inside the inverter could burn longer than its maker reckoned with.</source>
        <translation>Ein Fehler im Wechselrichter könnte länger brennen, als sein Hersteller vorgesehen hat.</translation>
    </message>
    <message>
        <source>You use the inverter up to {most} of its {rated}. Its fuse, {fuse}, bears {low} on a low battery and {usual} on a full one.</source>
        <translation>Sie nutzen den Wechselrichter bis {most} von seinen {rated}. Seine Sicherung, {fuse}, trägt {low} bei leerer und {usual} bei voller Batterie.</translation>
    </message>
    <message>
        <source>Above that it opens after a while, sooner the more is drawn: cables, fuse and bank are sized for what you said.</source>
        <translation>Darüber löst sie nach einer Weile aus, umso eher, je mehr gezogen wird: Kabel, Sicherung und Bank sind für das bemessen, was Sie angegeben haben.</translation>
    </message>
    <message>
        <source>Write it beside the inverter&apos;s switch, or size for its whole rating.</source>
        <translation>Schreiben Sie es neben den Schalter des Wechselrichters, oder bemessen Sie für seine ganze Nennleistung.</translation>
    </message>
    <message>
        <source>In the situation &apos;{moment}&apos; the inverter gets {volts}; it gives up below {limit}.</source>
        <translation>In der Situation &apos;{moment}&apos; bekommt der Wechselrichter {volts}; unter {limit} gibt er auf.</translation>
    </message>
    <message>
        <source>It switches off under its largest load although the bank is half full.</source>
        <translation>Er schaltet unter seiner größten Last ab, obwohl die Bank halb voll ist.</translation>
    </message>
    <message>
        <source>Use a larger bank, whose volts fall less, thicker or shorter cables, or run less at once.</source>
        <translation>Eine größere Bank verwenden, deren Spannung weniger fällt, dickere oder kürzere Kabel, oder weniger gleichzeitig betreiben.</translation>
    </message>
    <message>
        <source>Voltage at the inverter under its largest load</source>
        <translation>Spannung am Wechselrichter unter seiner größten Last</translation>
    </message>
    <message>
        <source>U, where loads, cables and the bank&apos;s own resistance come to rest</source>
        <translation>U, bei der Verbraucher, Kabel und der eigene Widerstand der Bank ins Gleichgewicht kommen</translation>
    </message>
    <message>
        <source>U</source>
        <translation>U</translation>
    </message>
    <message>
        <source>between its terminals</source>
        <translation>zwischen seinen Anschlüssen</translation>
    </message>
    <message>
        <source>U_low</source>
        <translation>U_min</translation>
    </message>
    <message>
        <source>its low cut-off</source>
        <translation>seine Abschaltspannung</translation>
    </message>
    <message>
        <source>&apos;{place}&apos; is set to {ambient}: {n} conductor there has insulation for less, {name} for {maximum}.</source>
        <translation>&apos;{place}&apos; steht auf {ambient}: {n} Leitung dort hat eine Isolierung für weniger, {name} für {maximum}.</translation>
    </message>
    <message>
        <source>&apos;{place}&apos; is set to {ambient}: {n} conductors there have insulation for less, {name} for {maximum}.</source>
        <translation>&apos;{place}&apos; steht auf {ambient}: {n} Leitungen dort haben eine Isolierung für weniger, {name} für {maximum}.</translation>
    </message>
    <message>
        <source>Measure how hot that place really gets. If it does: another route, or cable rated for more heat.</source>
        <translation>Messen Sie, wie heiß es dort wirklich wird. Wenn ja: ein anderer Weg, oder Kabel für mehr Wärme.</translation>
    </message>
    <message>
        <source>In &apos;{place}&apos;, at {ambient}, {name} would have to be {size} to carry {needed}: only because of the heat.</source>
        <translation>In &apos;{place}&apos;, bei {ambient}, müsste {name} {size} haben, um {needed} zu führen: nur wegen der Wärme.</translation>
    </message>
    <message>
        <source>Cable with insulation for more heat carries the same there with much less copper.</source>
        <translation>Kabel mit Isolierung für mehr Wärme führt dort dasselbe mit viel weniger Kupfer.</translation>
    </message>
    <message>
        <source>Measure how hot that place really gets; use cable rated for more heat there.</source>
        <translation>Messen Sie, wie heiß es dort wirklich wird; dort Kabel für mehr Wärme verwenden.</translation>
    </message>
    <message>
        <source>Use insulation for more heat there</source>
        <translation>Dort eine Isolierung für mehr Wärme verwenden</translation>
    </message>
    <message>
        <source>Move it closer; even in a sheath or conduit no more than {sheathed} are allowed.</source>
        <translation>Näher heranrücken; auch in einem Mantel oder Rohr sind nicht mehr als {sheathed} zulässig.</translation>
    </message>
    <message>
        <source>A short circuit here may open both, and all that hangs on the one upstream goes dark.</source>
        <translation>Ein Kurzschluss hier löst womöglich beide aus, und alles, was an der vorgelagerten hängt, wird dunkel.</translation>
    </message>
    <message>
        <source>Fit a larger fuse and cable upstream, or give this load a fuse of its own farther up.</source>
        <translation>Vorgelagert eine größere Sicherung und ein größeres Kabel einsetzen, oder dieser Last weiter oben eine eigene Sicherung geben.</translation>
    </message>
    <message>
        <source>The {family} of {name} closes again by itself.</source>
        <translation>{family} von {name}: Sie schließt von selbst wieder.</translation>
    </message>
    <message>
        <source>A fault that nobody sees is fed again and again, and what is damaged gets hotter each time.</source>
        <translation>Ein Fehler, den niemand sieht, wird immer wieder gespeist, und was beschädigt ist, wird jedes Mal heißer.</translation>
    </message>
    <message>
        <source>Fit a fuse, or a breaker that stays open until somebody resets it.</source>
        <translation>Eine Sicherung einsetzen, oder einen Automaten, der offen bleibt, bis ihn jemand zurückstellt.</translation>
    </message>
    <message>
        <source>The {family} of {name} does not fit {device}, whose ways take: {takes}.</source>
        <translation>{family} von {name} passt nicht in {device}; dessen Plätze nehmen: {takes}.</translation>
    </message>
    <message>
        <source>A fuse that is forced between other contacts gets hot, or falls out.</source>
        <translation>Eine Sicherung, die zwischen andere Kontakte gezwängt wird, wird heiß oder fällt heraus.</translation>
    </message>
    <message>
        <source>Fit the family that it takes, or give this fuse a holder of its own.</source>
        <translation>Die Bauart einsetzen, die er nimmt, oder dieser Sicherung einen eigenen Halter geben.</translation>
    </message>
    <message>
        <source>While the relay is closed, the inverter ({power}) draws on the starter battery too.</source>
        <translation>Solange das Relais geschlossen ist, zieht der Wechselrichter ({power}) auch aus der Starterbatterie.</translation>
    </message>
    <message>
        <source>With the engine stopped the relay stays closed until the starter battery has fallen to its limit; with it idling the alternator gives less than a large load takes.</source>
        <translation>Bei stehendem Motor bleibt das Relais geschlossen, bis die Starterbatterie auf ihre Grenze gefallen ist; im Leerlauf gibt die Lichtmaschine weniger, als eine große Last nimmt.</translation>
    </message>
    <message>
        <source>Run large loads on the inverter with the relay&apos;s switch open, or with the engine off for a while; or use a DC-DC charger, through which nothing flows back.</source>
        <translation>Große Lasten am Wechselrichter bei offenem Schalter des Relais betreiben, oder wenn der Motor schon eine Weile steht; oder einen Ladebooster verwenden, durch den nichts zurückfließt.</translation>
    </message>
    <message>
        <source>Current through the closed relay while the engine is started</source>
        <translation>Strom durch das geschlossene Relais beim Anlassen</translation>
    </message>
    <message>
        <source>I = I_start · R_starter / (R_starter + R_way)</source>
        <translation>I = I_Start · R_Starter / (R_Starter + R_Weg)</translation>
    </message>
    <message>
        <source>I_start</source>
        <translation>I_Start</translation>
    </message>
    <message>
        <source>what a starter motor takes while it turns</source>
        <translation>was ein Anlasser nimmt, während er dreht</translation>
    </message>
    <message>
        <source>R_starter</source>
        <translation>R_Starter</translation>
    </message>
    <message>
        <source>inside the starter battery</source>
        <translation>in der Starterbatterie</translation>
    </message>
    <message>
        <source>R_way</source>
        <translation>R_Weg</translation>
    </message>
    <message>
        <source>cables, fuses and relay, the body, and inside the bank</source>
        <translation>Kabel, Sicherungen und Relais, die Karosserie, und in der Bank</translation>
    </message>
    <message>
        <source>drop of the path over its current, and the bank&apos;s own</source>
        <translation>Spannungsfall des Weges durch seinen Strom, und der eigene der Bank</translation>
    </message>
    <message>
        <source>If the relay is closed while the engine is started, {share} flow through it; it is rated {rating}, its fuse {fuse}.</source>
        <translation>Ist das Relais beim Anlassen geschlossen, fließen {share} durch es; sein Nennstrom ist {rating}, der seiner Sicherung {fuse}.</translation>
    </message>
    <message>
        <source>Sun or a charger at the bank can hold it closed: its contacts weld, or its fuse opens on a cold morning.</source>
        <translation>Sonne oder ein Ladegerät an der Bank kann es geschlossen halten: Seine Kontakte verschweißen, oder seine Sicherung löst an einem kalten Morgen aus.</translation>
    </message>
    <message>
        <source>Open it with its own switch before starting, or use a relay, cables and fuses that carry it.</source>
        <translation>Es vor dem Anlassen mit seinem eigenen Schalter öffnen, oder Relais, Kabel und Sicherungen verwenden, die das führen.</translation>
    </message>
    <message>
        <source>On the road in sunshine {unit} takes {part} from the engine and {part} from the panels, not {whole} from either.</source>
        <translation>Während der Fahrt bei Sonne nimmt {unit} {part} vom Motor und {part} von den Modulen, nicht {whole} von einem allein.</translation>
    </message>
    <message>
        <source>Weak sun in the morning can halve what a long drive brings.</source>
        <translation>Schwache Sonne am Morgen kann halbieren, was eine lange Fahrt bringt.</translation>
    </message>
    <message>
        <source>Fit a solar isolator: with it open the engine gives all. Or use two units, each with its own rating.</source>
        <translation>Einen Solartrennschalter einbauen: Ist er offen, gibt der Motor alles. Oder zwei Geräte verwenden, jedes mit eigenem Nennstrom.</translation>
    </message>
    <message>
        <source>{name} is {length} long; {least} is the least that can be crimped at both ends.</source>
        <translation>{name} ist {length} lang; {least} ist das Mindeste, das sich an beiden Enden verpressen lässt.</translation>
    </message>
    <message>
        <source>What joins two terminals is never without length: its resistance and its drop are counted as nothing.</source>
        <translation>Was zwei Anschlüsse verbindet, hat immer eine Länge: Sein Widerstand und sein Spannungsfall zählen sonst als nichts.</translation>
    </message>
    <message>
        <source>Enter the length as cut; or move the end to the terminal itself, where a link or a bar joins both.</source>
        <translation>Die Länge wie zugeschnitten eintragen; oder das Ende an den Anschluss selbst legen, wo eine Brücke oder Schiene beide verbindet.</translation>
    </message>
    <message>
        <source>Use the computed length</source>
        <translation>Die berechnete Länge verwenden</translation>
    </message>
    <message>
        <source>general standard, used by choice</source>
        <translation>allgemeine Norm, freiwillig angewandt</translation>
    </message>
    <message>
        <source>status: general standard, used by choice</source>
        <translation>Status: allgemeine Norm, freiwillig angewandt</translation>
    </message>
    <message>
        <source>charges lead-acid only</source>
        <translation>lädt nur Blei</translation>
    </message>
    <message>
        <source>with an air gap</source>
        <translation>mit Luftspalt</translation>
    </message>
    <message>
        <source>glued to the roof</source>
        <translation>auf das Dach geklebt</translation>
    </message>
    <message>
        <source>in the open, on legs</source>
        <translation>frei aufgestellt</translation>
    </message>
    <message>
        <source>mounted</source>
        <translation>Montage</translation>
    </message>
    <message>
        <source>largest fuse allowed at the bank</source>
        <translation>größte zulässige Sicherung an der Bank</translation>
    </message>
    <message>
        <source>largest short-circuit current of the array</source>
        <translation>größter Kurzschlussstrom der Module</translation>
    </message>
    <message>
        <source>fuse that its maker asks for</source>
        <translation>vom Hersteller verlangte Sicherung</translation>
    </message>
    <message>
        <source>cable that its maker asks for</source>
        <translation>vom Hersteller verlangtes Kabel</translation>
    </message>
    <message>
        <source>It is on for {hours} a day.</source>
        <translation>Es ist {hours} am Tag eingeschaltet.</translation>
    </message>
    <message>
        <source>A day has 24 hours: shorten its times, or raise its number.</source>
        <translation>Ein Tag hat 24 Stunden: seine Zeiten kürzen, oder seine Anzahl erhöhen.</translation>
    </message>
    <message>
        <source>The bond by eye: bare metal, a star washer, one place, tight. It is measured later, under load.</source>
        <translation>Die Masseverbindung mit dem Auge: blankes Metall, Fächerscheibe, eine Stelle, fest. Gemessen wird sie später, unter Last.</translation>
    </message>
    <message>
        <source>Bolted fuses behind the main switch are fitted dead: main switch off, panels and chargers parted, the bar proved dead. Bolt them in, then switch the main switch on.</source>
        <translation>Geschraubte Sicherungen hinter dem Hauptschalter werden spannungsfrei eingesetzt: Hauptschalter aus, Module und Ladegeräte getrennt, Spannungsfreiheit der Schiene festgestellt. Einschrauben, dann den Hauptschalter einschalten.</translation>
    </message>
    <message>
        <source>With the starter battery&apos;s negative clamp off: bolt in the fuse that it keeps live, then put the clamp back.</source>
        <translation>Bei abgenommener Minusklemme der Starterbatterie: die Sicherung einschrauben, die von ihr unter Spannung steht, dann die Klemme wieder aufsetzen.</translation>
    </message>
    <message>
        <source>from V − (E − E_low) − d to V + (E_high − E) + d</source>
        <translation>von V − (E − E_min) − d bis V + (E_max − E) + d</translation>
    </message>
    <message>
        <source>with the bank as it is delivered or charged before</source>
        <translation>mit der Bank, wie sie geliefert oder vorher geladen wird</translation>
    </message>
    <message>
        <source>E_low</source>
        <translation>E_min</translation>
    </message>
    <message>
        <source>E_high</source>
        <translation>E_max</translation>
    </message>
    <message>
        <source>meter, and surface charge</source>
        <translation>Messgerät und Oberflächenladung</translation>
    </message>
    <message>
        <source>Lead comes nearly full, lithium about half; several lithium batteries are charged full before they are joined.</source>
        <translation>Blei wird fast voll geliefert, Lithium etwa halb; mehrere Lithiumbatterien werden voll geladen, bevor sie verbunden werden.</translation>
    </message>
    <message>
        <source>from the larger of d and q · I to I · (1 + p)</source>
        <translation>vom größeren von d und q · I bis I · (1 + p)</translation>
    </message>
    <message>
        <source>q</source>
        <translation>q</translation>
    </message>
    <message>
        <source>share that comes on a dull day</source>
        <translation>Anteil an einem trüben Tag</translation>
    </message>
    <message>
        <source>A lamp of {watts} ({volts}) from a fused plus to bare metal of the body, a metre from the bond: it lights brightly. Measure millivolts between the negative bar and that metal while it is lit; with the lamp off they are gone.</source>
        <translation>Eine Lampe mit {watts} ({volts}) von einem abgesicherten Plus an blankes Metall der Karosserie, einen Meter neben der Masseverbindung: Sie leuchtet hell. Währenddessen Millivolt zwischen der Minusschiene und diesem Metall messen; ohne die Lampe sind sie weg.</translation>
    </message>
    <message>
        <source>voltage, negative bar to the body, lamp lit</source>
        <translation>Spannung, Minusschiene gegen Karosserie, Lampe an</translation>
    </message>
    <message>
        <source>U = I · R</source>
        <translation>U = I · R</translation>
    </message>
    <message>
        <source>the lamp&apos;s current</source>
        <translation>Strom der Lampe</translation>
    </message>
    <message>
        <source>its power over the nominal voltage</source>
        <translation>ihre Leistung durch die Nennspannung</translation>
    </message>
    <message>
        <source>the bond, warm, its joints and the body</source>
        <translation>die Masseverbindung, warm, ihre Kontakte und die Karosserie</translation>
    </message>
    <message>
        <source>the bond&apos;s row in Cables, and the body</source>
        <translation>die Zeile der Masseverbindung unter Kabel, und die Karosserie</translation>
    </message>
    <message>
        <source>Much more means a joint on paint; none at all that the lamp&apos;s current comes back another way, or is not lit.</source>
        <translation>Viel mehr bedeutet einen Kontakt auf Lack; gar nichts, dass der Strom der Lampe anders zurückfließt oder sie nicht leuchtet.</translation>
    </message>
    <message>
        <source>Loads off, one after the other, and what still runs by itself: heater, fridge.</source>
        <translation>Verbraucher aus, einer nach dem anderen, auch was noch von selbst läuft: Heizung, Kühlschrank.</translation>
    </message>
    <message>
        <source>Inverter off at its own switch, its output unplugged.</source>
        <translation>Wechselrichter an seinem eigenen Schalter aus, sein Ausgang ausgesteckt.</translation>
    </message>
    <message>
        <source>Shore power unplugged, at the post first.</source>
        <translation>Landstrom ausgesteckt, zuerst an der Säule.</translation>
    </message>
    <message>
        <source>Panels first: solar isolator open, or the panels covered where there is none.</source>
        <translation>Zuerst die Module: Solartrennschalter offen, oder die Module abgedeckt, wo es keinen gibt.</translation>
    </message>
    <message>
        <source>The panels&apos; side stays live in daylight. Never pull their plugs under load.</source>
        <translation>Die Seite der Module bleibt bei Tageslicht unter Spannung. Ihre Stecker nie unter Last ziehen.</translation>
    </message>
    <message>
        <source>Only then the controller from its battery: its isolator, or its fuse.</source>
        <translation>Erst dann den Regler von seiner Batterie: sein Trennschalter, oder seine Sicherung.</translation>
    </message>
    <message>
        <source>A controller that loses its battery while the sun shines on its panels can be destroyed.</source>
        <translation>Ein Regler, der seine Batterie verliert, während die Sonne auf seine Module scheint, kann zerstört werden.</translation>
    </message>
    <message>
        <source>Engine stopped, ignition off. What comes from the starter battery is still live up to its fuse there.</source>
        <translation>Motor aus, Zündung aus. Was von der Starterbatterie kommt, steht bis zu seiner Sicherung dort noch unter Spannung.</translation>
    </message>
    <message>
        <source>Main switch off. What hangs before it stays live: see its labels.</source>
        <translation>Hauptschalter aus. Was davor hängt, bleibt unter Spannung: siehe die Beschriftung.</translation>
    </message>
    <message>
        <source>There is no main switch: take off the bank&apos;s negative lead.</source>
        <translation>Es gibt keinen Hauptschalter: die Minusleitung der Bank abnehmen.</translation>
    </message>
    <message>
        <source>Wait five minutes: capacitors of inverters and chargers keep their charge. Then prove the bars dead, plus to minus and each to the body, with a meter that has just shown the bank&apos;s voltage.</source>
        <translation>Fünf Minuten warten: Kondensatoren von Wechselrichtern und Ladegeräten halten ihre Ladung. Dann die Spannungsfreiheit der Schienen feststellen, Plus gegen Minus und jede gegen die Karosserie, mit einem Messgerät, das eben noch die Spannung der Bank gezeigt hat.</translation>
    </message>
    <message>
        <source>For work at the bank itself: its negative lead off first, and on last. Bolted fuses come out only when all this is done.</source>
        <translation>Für Arbeiten an der Bank selbst: ihre Minusleitung zuerst ab und zuletzt wieder an. Geschraubte Sicherungen kommen erst heraus, wenn all dies getan ist.</translation>
    </message>
    <message>
        <source>For storage: leave lithium about half full and above freezing, and look at it every two months.</source>
        <translation>Zum Einlagern: Lithium etwa halb voll und über dem Gefrierpunkt lassen, und alle zwei Monate danach sehen.</translation>
    </message>
    <message>
        <source>For storage: leave lead-acid full, and charge it every two months, more often in the warm.</source>
        <translation>Zum Einlagern: Blei voll lassen, und alle zwei Monate laden, in der Wärme öfter.</translation>
    </message>
    <message>
        <source>E_off</source>
        <translation>E_aus</translation>
    </message>
    <message>
        <source>of these, standby while the inverter is off: subtracted</source>
        <translation>davon Bereitschaft, während der Wechselrichter aus ist: abgezogen</translation>
    </message>
    <message>
        <source>their standby power over that time</source>
        <translation>ihre Bereitschaftsleistung über diese Zeit</translation>
    </message>
    <message>
        <source>share a PWM controller uses (bank&apos;s voltage over the panels&apos; best), and what panels as warm as these give</source>
        <translation>Anteil, den ein PWM-Regler nutzt (Spannung der Bank durch die beste der Module), und was so warme Module geben</translation>
    </message>
    <message>
        <source>what panels glued to the roof, which are warmer, give</source>
        <translation>was auf das Dach geklebte Module geben, die wärmer sind</translation>
    </message>
    <message>
        <source>As rated capacity: {capacity} at {volts}, of which {part} can be used: less in the cold, and less where much is drawn at once.</source>
        <translation>Als Nennkapazität: {capacity} bei {volts}, wovon {part} nutzbar sind: weniger in der Kälte, und weniger, wo viel auf einmal gezogen wird.</translation>
    </message>
    <message>
        <source>Share of the capacity at the rate at which it is drawn</source>
        <translation>Anteil der Kapazität bei dem Strom, mit dem sie entnommen wird</translation>
    </message>
    <message>
        <source>p = Σ I / Σ I · max(1, I / I_20)^(k − 1), by quarter hours of a day</source>
        <translation>p = Σ I / Σ I · max(1, I / I_20)^(k − 1), nach Viertelstunden eines Tages</translation>
    </message>
    <message>
        <source>I_20</source>
        <translation>I_20</translation>
    </message>
    <message>
        <source>rated capacity over 20 h</source>
        <translation>Nennkapazität durch 20 h</translation>
    </message>
    <message>
        <source>largest mean of a quarter hour, as the day is drawn in Needs</source>
        <translation>größtes Mittel einer Viertelstunde, wie der Tag unter Bedarf gezeichnet ist</translation>
    </message>
    <message>
        <source>all that hangs on the banks</source>
        <translation>alles, was an den Bänken hängt</translation>
    </message>
    <message>
        <source>Peukert&apos;s exponent, {chemistry}</source>
        <translation>Peukert-Exponent, {chemistry}</translation>
    </message>
    <message>
        <source>Peukert&apos;s law: t = H · (C / (I · H))^k</source>
        <translation>Peukert-Gesetz: t = H · (C / (I · H))^k</translation>
    </message>
    <message>
        <source>share at the rate drawn</source>
        <translation>Anteil beim entnommenen Strom</translation>
    </message>
    <message>
        <source>E = n · C · V · u · k · p</source>
        <translation>E = n · C · V · u · k · p</translation>
    </message>
    <message>
        <source>sum of the banks, each: E = n · C · V · u · k · p</source>
        <translation>Summe der Bänke, je: E = n · C · V · u · k · p</translation>
    </message>
    <message>
        <source>I = (E_day − η · E_sun) / (η · t · V); zero where the sun is enough</source>
        <translation>I = (E_Tag − η · E_Sonne) / (η · t · V); null, wo die Sonne reicht</translation>
    </message>
    <message>
        <source>share that is charged with falling current</source>
        <translation>Anteil, der mit fallendem Strom geladen wird</translation>
    </message>
    <message>
        <source>charge that comes out again, of what goes in</source>
        <translation>Ladung, die wieder herauskommt, von der hineingegangenen</translation>
    </message>
    <message>
        <source>chargers&apos; output</source>
        <translation>Ausgang der Ladegeräte</translation>
    </message>
    <message>
        <source>Driving time from as empty as it is used to full</source>
        <translation>Fahrzeit von so leer, wie sie genutzt wird, bis voll</translation>
    </message>
    <message>
        <source>t = n · C · (u − f) / (η · I) + n · C · f / (η · I) · ln(f / 1 %)</source>
        <translation>t = n · C · (u − f) / (η · I) + n · C · f / (η · I) · ln(f / 1 %)</translation>
    </message>
    <message>
        <source>own arithmetic; the falling current as an exponential (judgement)</source>
        <translation>eigene Rechnung; der fallende Strom als Exponentialfunktion (Ermessen)</translation>
    </message>
    <message>
        <source>Up to where the current falls: {bulk}.</source>
        <translation>Bis dahin, wo der Strom fällt: {bulk}.</translation>
    </message>
    <message>
        <source>panel connectors, pair</source>
        <translation>Solarsteckverbinder, Paar</translation>
    </message>
    <message>
        <source>branch connector of two strings, one pole</source>
        <translation>Abzweigstecker für zwei Stränge, ein Pol</translation>
    </message>
    <message>
        <source>roof gland for two cables</source>
        <translation>Dachdurchführung für zwei Kabel</translation>
    </message>
    <message>
        <source>{family}, {rating}, in line in each string</source>
        <translation>{family}, {rating}, in jedem Strang in der Leitung</translation>
    </message>
    <message>
        <source>Charge each battery full by itself, with a charger for lithium, and let it rest for an hour: in the middle of its charge equal volts prove nothing. Then the voltage of each by itself, before the leads are joined: they should agree within 0.05 V. Then insert the battery fuses, main switch still off.</source>
        <translation>Jede Batterie für sich mit einem Ladegerät für Lithium voll laden und eine Stunde ruhen lassen: In der Mitte der Ladung beweisen gleiche Spannungen nichts. Dann die Spannung jeder für sich, bevor die Leitungen verbunden werden: Sie sollen auf 0,05 V übereinstimmen. Dann die Batteriesicherungen einsetzen, Hauptschalter noch aus.</translation>
    </message>
    <message>
        <source>temperature compensation</source>
        <translation>Temperaturkompensation</translation>
    </message>
    <message>
        <source>{mv} mV/K from 25 °C</source>
        <translation>{mv} mV/K ab 25 °C</translation>
    </message>
    <message>
        <source>no charging below</source>
        <translation>kein Laden unter</translation>
    </message>
    <message>
        <source>starts above, at its input</source>
        <translation>beginnt über, am Eingang</translation>
    </message>
    <message>
        <source>stops below, at its input</source>
        <translation>endet unter, am Eingang</translation>
    </message>
    <message>
        <source>Peukert&apos;s exponent</source>
        <translation>Peukert-Exponent</translation>
    </message>
    <message>
        <source>charge efficiency</source>
        <translation>Ladewirkungsgrad</translation>
    </message>
    <message>
        <source>IEC 60364-4-43, 433.1 (I_n ≤ I_z); ISO 10133 as boat practice. EN 1648: check</source>
        <translation>IEC 60364-4-43, 433.1 (I_n ≤ I_z); ISO 10133 als Bootspraxis. EN 1648: prüfen</translation>
    </message>
    <message>
        <source>common practice after NEC 215.3, which does not govern a van&apos;s 12 V; blade fuses: 80 % of the rating (common practice)</source>
        <translation>übliche Praxis nach NEC 215.3, das für 12 V im Fahrzeug nicht gilt; Flachsicherungen: 80 % des Nennstroms (übliche Praxis)</translation>
    </message>
    <message>
        <source>fuse does not fit what holds it</source>
        <translation>Sicherung passt nicht in ihren Halter</translation>
    </message>
    <message>
        <source>families that a distributor&apos;s or block&apos;s ways take, as in the library</source>
        <translation>Bauarten, die die Plätze eines Verteilers oder Halters nehmen, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>self-resetting breaker</source>
        <translation>selbstrückstellender Automat</translation>
    </message>
    <message>
        <source>common practice; SAE J553 type I closes again by itself</source>
        <translation>übliche Praxis; SAE J553 Typ I schließt von selbst wieder</translation>
    </message>
    <message>
        <source>thicker only because a place is hot</source>
        <translation>dicker nur, weil ein Ort heiß ist</translation>
    </message>
    <message>
        <source>ampacity of insulation for more heat, as in the library</source>
        <translation>Strombelastbarkeit mit Isolierung für mehr Wärme, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>IEC 62485-2 (ventilation of battery rooms). EN 1648: check</source>
        <translation>IEC 62485-2 (Belüftung von Batterieräumen). EN 1648: prüfen</translation>
    </message>
    <message>
        <source>charger without a charging curve for the chemistry</source>
        <translation>Ladegerät ohne Ladekennlinie für die Zellchemie</translation>
    </message>
    <message>
        <source>charger&apos;s and battery&apos;s makers</source>
        <translation>Hersteller von Ladegerät und Batterie</translation>
    </message>
    <message>
        <source>bank that may switch itself off beside a running alternator</source>
        <translation>Bank, die sich neben laufender Lichtmaschine abschalten kann</translation>
    </message>
    <message>
        <source>alternator and battery makers (load dump)</source>
        <translation>Hersteller von Lichtmaschinen und Batterien (Lastabwurf)</translation>
    </message>
    <message>
        <source>bank in a place too hot to charge it in</source>
        <translation>Bank an einem Ort, der zum Laden zu heiß ist</translation>
    </message>
    <message>
        <source>charging temperatures of the chemistry, as in the library</source>
        <translation>Ladetemperaturen der Zellchemie, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>what sparks stands beside a gassing battery</source>
        <translation>Funkendes neben einer gasenden Batterie</translation>
    </message>
    <message>
        <source>IEC 62485-2: no source of sparks within d = 28.8 · ∛(N · I_gas · C) mm, from memory</source>
        <translation>IEC 62485-2: keine Funkenquelle innerhalb d = 28,8 · ∛(N · I_gas · C) mm, aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>strings in parallel without string fuses</source>
        <translation>parallele Stränge ohne Strangsicherungen</translation>
    </message>
    <message>
        <source>panels without a switch of their own</source>
        <translation>Module ohne eigenen Schalter</translation>
    </message>
    <message>
        <source>IEC 60364-7-712 (a switch on the DC side)</source>
        <translation>IEC 60364-7-712 (ein Schalter auf der Gleichstromseite)</translation>
    </message>
    <message>
        <source>one unit for engine and sun halves both</source>
        <translation>ein Gerät für Motor und Sonne halbiert beides</translation>
    </message>
    <message>
        <source>maker&apos;s sharing, as in the library</source>
        <translation>Aufteilung des Herstellers, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>inverter draws on the starter battery through the relay</source>
        <translation>Wechselrichter zieht durch das Relais aus der Starterbatterie</translation>
    </message>
    <message>
        <source>relay carries the starter&apos;s current</source>
        <translation>Relais führt Anlasserstrom</translation>
    </message>
    <message>
        <source>own arithmetic from the resistances of both batteries and what joins them</source>
        <translation>eigene Rechnung aus den Widerständen beider Batterien und dem, was sie verbindet</translation>
    </message>
    <message>
        <source>IEC 60364-7-721 (4 mm², from memory); IEC 60364-4-43, 434.5 (k²S² ≥ I²t)</source>
        <translation>IEC 60364-7-721 (4 mm², aus dem Gedächtnis); IEC 60364-4-43, 434.5 (k²S² ≥ I²t)</translation>
    </message>
    <message>
        <source>conductor too short for its lugs</source>
        <translation>Leitung zu kurz für ihre Kabelschuhe</translation>
    </message>
    <message>
        <source>plate value used where appliances of this kind draw much less</source>
        <translation>Typenschild verwendet, wo Geräte dieser Art viel weniger ziehen</translation>
    </message>
    <message>
        <source>typical appliances, as in the library</source>
        <translation>typische Geräte, wie in der Bibliothek</translation>
    </message>
    <message>
        <source>cable or fuse other than the inverter&apos;s maker asks for</source>
        <translation>anderes Kabel oder andere Sicherung, als der Hersteller des Wechselrichters verlangt</translation>
    </message>
    <message>
        <source>maker&apos;s instructions, as entered</source>
        <translation>Anleitung des Herstellers, wie eingetragen</translation>
    </message>
    <message>
        <source>inverter used below its rating</source>
        <translation>Wechselrichter unter seiner Nennleistung genutzt</translation>
    </message>
    <message>
        <source>inverter gets too little voltage</source>
        <translation>Wechselrichter bekommt zu wenig Spannung</translation>
    </message>
    <message>
        <source>network solved; low cut-off as in the library</source>
        <translation>gelöstes Netz; Abschaltspannung wie in der Bibliothek</translation>
    </message>
    <message>
        <source>array&apos;s short-circuit current above the controller&apos;s limit</source>
        <translation>Kurzschlussstrom der Module über der Grenze des Reglers</translation>
    </message>
    <message>
        <source>from memory</source>
        <translation>aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>fuse of a string of panels: at least so many times its short-circuit current</source>
        <translation>Sicherung eines Modulstrangs: mindestens das Vielfache seines Kurzschlussstroms</translation>
    </message>
    <message>
        <source>IEC 62548 (1.5 times the short-circuit current), from memory</source>
        <translation>IEC 62548 (1,5-facher Kurzschlussstrom), aus dem Gedächtnis</translation>
    </message>
    <message>
        <source>a ferrule</source>
        <translation>eine Aderendhülse</translation>
    </message>
    <message>
        <source>a ring or blade terminal, up to 6 mm²</source>
        <translation>ein Ring- oder Flachstecker, bis 6 mm²</translation>
    </message>
    <message>
        <source>a tubular lug, up to 16 mm²</source>
        <translation>ein Rohrkabelschuh, bis 16 mm²</translation>
    </message>
    <message>
        <source>a tubular lug, up to 50 mm²</source>
        <translation>ein Rohrkabelschuh, bis 50 mm²</translation>
    </message>
    <message>
        <source>a tubular lug, above 50 mm²</source>
        <translation>ein Rohrkabelschuh, über 50 mm²</translation>
    </message>
    <message>
        <source>a piece of adhesive heat-shrink 3:1</source>
        <translation>ein Stück Schrumpfschlauch 3:1 mit Kleber</translation>
    </message>
    <message>
        <source>a pair of panel connectors</source>
        <translation>ein Paar Solarsteckverbinder</translation>
    </message>
    <message>
        <source>a branch connector for two strings, one pole</source>
        <translation>ein Abzweigstecker für zwei Stränge, ein Pol</translation>
    </message>
    <message>
        <source>a gland for two cables through a roof</source>
        <translation>eine Dachdurchführung für zwei Kabel</translation>
    </message>
    <message>
        <source>fused bus distributor, 600 A, 8 ways, strip fuses M8</source>
        <translation>Sicherungsverteiler, 600 A, 8 Plätze, Streifensicherungen M8</translation>
    </message>
    <message>
        <source>fused bus distributor, 600 A, 8 ways, ANL</source>
        <translation>Sicherungsverteiler, 600 A, 8 Plätze, ANL</translation>
    </message>
    <message>
        <source>isolator, two pole, DC, 100 A</source>
        <translation>Trennschalter, zweipolig, DC, 100 A</translation>
    </message>
    <message>
        <source>common practice after NEC 210.20(A) and 215.3, which do not govern a van&apos;s 12 V</source>
        <translation>übliche Praxis nach NEC 210.20(A) und 215.3, die für 12 V im Fahrzeug nicht gelten</translation>
    </message>
    <message>
        <source>NEC 690.7(A): the panel&apos;s temperature coefficient; maker&apos;s limit</source>
        <translation>NEC 690.7(A): Temperaturkoeffizient des Moduls; Grenze des Herstellers</translation>
    </message>
    <message>
        <source>NEC 690.9(A); panel&apos;s largest series fuse (maker)</source>
        <translation>NEC 690.9(A); größte Strangsicherung des Moduls (Hersteller)</translation>
    </message>
    <message>
        <source>NEC 690.13, 690.15</source>
        <translation>NEC 690.13, 690.15</translation>
    </message>
    <message>
        <source>NEC 551.56 (8 AWG), from memory; IEC 60364-4-43, 434.5 (k²S² ≥ I²t)</source>
        <translation>NEC 551.56 (8 AWG), aus dem Gedächtnis; IEC 60364-4-43, 434.5 (k²S² ≥ I²t)</translation>
    </message>
    <message>
        <source>largest_device_a, from memory: NEC 551.10(E), low-voltage wiring of recreational vehicles; area: well known; stranding allowance: from memory; outer diameter: common practice</source>
        <translation>largest_device_a aus dem Gedächtnis: NEC 551.10(E), Kleinspannungsanlage von Wohnmobilen; Querschnitt: gut bekannt; Zuschlag für Verseilung: aus dem Gedächtnis; Außendurchmesser: übliche Praxis</translation>
    </message>
    <message>
        <source>NEC 690.9(B): 1.25 times 1.25 times the short-circuit current</source>
        <translation>NEC 690.9(B): 1,25 mal 1,25 mal der Kurzschlussstrom</translation>
    </message>
    <message>
        <source>fuses of the strings</source>
        <translation>Sicherungen der Stränge</translation>
    </message>
    <message>
        <source>where needed</source>
        <translation>wo nötig</translation>
    </message>
    <message>
        <source>From three strings on the others can drive more into a faulty one than its panels withstand: each then has a fuse in its plug.</source>
        <translation>Ab drei Strängen können die anderen mehr in einen fehlerhaften treiben, als seine Module aushalten: Jeder hat dann eine Sicherung in seinem Stecker.</translation>
    </message>
    <message>
        <source>Fewer plugs. Only where the panels withstand what the others give.</source>
        <translation>Weniger Stecker. Nur wo die Module aushalten, was die anderen geben.</translation>
    </message>
    <message>
        <source>Its voltage collapses under load, and drained so fast it ages early.</source>
        <translation>Ihre Spannung bricht unter Last ein, und so schnell entladen altert sie früh.</translation>
    </message>
    <message>
        <source>At best {current} charge the bank: {time} to put back what of it is used.</source>
        <translation>Bestenfalls laden {current} die Bank: {time}, um zurückzuladen, was von ihr genutzt wird.</translation>
    </message>
    <message>
        <source>Fit another: {family}; or a fuse with enough interrupting capacity upstream.</source>
        <translation>Eine andere einsetzen: {family}; oder vorgelagert eine Sicherung mit genügend Schaltvermögen.</translation>
    </message>
    <message>
        <source>It is always charged and drained the most: it ages first, and the others follow.</source>
        <translation>Sie wird immer am meisten geladen und entladen: Sie altert zuerst, und die anderen folgen.</translation>
    </message>
    <message>
        <source>Use a controller for a higher voltage, or panels of a lower one.</source>
        <translation>Einen Regler für höhere Spannung verwenden, oder Module mit niedrigerer.</translation>
    </message>
    <message>
        <source>In the situation &apos;{moment}&apos; the loads can only just not be supplied, weakest at {load}.</source>
        <translation>In der Situation &apos;{moment}&apos; lassen sich die Verbraucher gerade nicht mehr versorgen, am schwächsten {load}.</translation>
    </message>
    <message>
        <source>starter battery to {unit}</source>
        <translation>Starterbatterie bis {unit}</translation>
    </message>
    <message>
        <source>starter battery to bus bars</source>
        <translation>Starterbatterie bis Sammelschienen</translation>
    </message>
    <message>
        <source>EN 50618, two touching on a surface, 60 °C ambient, 120 °C conductor</source>
        <translation>EN 50618, zwei sich berührend auf einer Fläche, 60 °C Umgebung, 120 °C Leiter</translation>
    </message>
    <message>
        <source>IEC 60364-4-43, by its formula: 120 to 250 °C</source>
        <translation>IEC 60364-4-43, nach ihrer Formel: 120 bis 250 °C</translation>
    </message>
    <message>
        <source>1.1 and 1.35 times: well known; the rest weak; studs likely</source>
        <translation>1,1- und 1,35-fach: gut bekannt; der Rest schwach; Bolzen wahrscheinlich</translation>
    </message>
    <message>
        <source>I_z = I_table, no more in cooler places</source>
        <translation>I_z = I_Tabelle, an kühleren Orten nicht mehr</translation>
    </message>
    <message>
        <source>I_z = I_table · k, no more in cooler places</source>
        <translation>I_z = I_Tabelle · k, an kühleren Orten nicht mehr</translation>
    </message>
    <message>
        <source>Share of the panels&apos; power that a PWM controller leaves unused</source>
        <translation>Anteil der Modulleistung, den ein PWM-Regler ungenutzt lässt</translation>
    </message>
    <message>
        <source>1 − V / V_mp</source>
        <translation>1 − V / V_mp</translation>
    </message>
    <message>
        <source>absorption voltage of the bank</source>
        <translation>Absorptionsspannung der Bank</translation>
    </message>
    <message>
        <source>of a string at maximum power</source>
        <translation>eines Strangs bei größter Leistung</translation>
    </message>
    <message>
        <source>Voltage at {name}</source>
        <translation>Spannung an {name}</translation>
    </message>
    <message>
        <source>the voltage of the bank that it hangs on</source>
        <translation>die Spannung der Bank, an der es hängt</translation>
    </message>
    <message>
        <source>U_n</source>
        <translation>U_n</translation>
    </message>
    <message>
        <source>that it is made for</source>
        <translation>für die es gemacht ist</translation>
    </message>
    <message>
        <source>Share of all loads&apos; power that can be supplied</source>
        <translation>Anteil der Leistung aller Verbraucher, der sich liefern lässt</translation>
    </message>
    <message>
        <source>the largest share of every load&apos;s power at which voltages come to rest</source>
        <translation>der größte Anteil der Leistung jedes Verbrauchers, bei dem sich die Spannungen einstellen</translation>
    </message>
    <message>
        <source>found by solving with less and less</source>
        <translation>gefunden durch Lösen mit immer weniger</translation>
    </message>
    <message>
        <source>size, as it is laid</source>
        <translation>Querschnitt, wie verlegt</translation>
    </message>
    <message>
        <source>the row of this conductor in Cables</source>
        <translation>die Zeile dieser Leitung unter Kabel</translation>
    </message>
    <message>
        <source>rating of the fuse of &apos;{id}&apos;</source>
        <translation>Nennstrom der Sicherung von &apos;{id}&apos;</translation>
    </message>
    <message>
        <source>of these currents the one that lets most through</source>
        <translation>von diesen Strömen der, der am meisten durchlässt</translation>
    </message>
    <message>
        <source>the worse of near and far end</source>
        <translation>der schlimmere von nahem und fernem Ende</translation>
    </message>
    <message>
        <source>longest time that this fuse takes to open at it</source>
        <translation>längste Zeit, die diese Sicherung dabei zum Auslösen braucht</translation>
    </message>
    <message>
        <source>Lengths on the board are assumed, and they decide: twice as long, &apos;{path}&apos; would lose more than its limit.</source>
        <translation>Längen auf der Montageplatte sind angenommen, und sie entscheiden: doppelt so lang verlöre &apos;{path}&apos; mehr als seine Grenze.</translation>
    </message>
    <message>
        <source>Until the board is laid out nobody knows how far its devices stand apart.</source>
        <translation>Bis die Platte aufgeteilt ist, weiß niemand, wie weit ihre Geräte auseinander stehen.</translation>
    </message>
    <message>
        <source>Lay the devices out, measure, and enter the lengths in Cables before you buy or cut.</source>
        <translation>Die Geräte auslegen, messen und die Längen unter Kabel eintragen, bevor Sie kaufen oder schneiden.</translation>
    </message>
    <message>
        <source>length on the board not measured yet</source>
        <translation>Länge auf der Montageplatte noch nicht gemessen</translation>
    </message>
    <message>
        <source>assumed lengths are common practice</source>
        <translation>angenommene Längen sind übliche Praxis</translation>
    </message>
    <message>
        <source>between an inverter and another device at the same place: it stands beside the board</source>
        <translation>zwischen einem Wechselrichter und einem anderen Gerät am selben Ort: Er steht neben der Platte</translation>
    </message>
    <message>
        <source>crimp</source>
        <translation>Crimpkontakt</translation>
    </message>
    <message>
        <source>Bolted fuses behind the main switch are fitted dead: main switch off, panels and chargers parted, the bar proved dead. Bolt them in; the main switch stays off for now.</source>
        <translation>Geschraubte Sicherungen hinter dem Hauptschalter werden spannungsfrei eingesetzt: Hauptschalter aus, Module und Ladegeräte getrennt, Spannungsfreiheit der Schiene festgestellt. Einschrauben; der Hauptschalter bleibt vorerst aus.</translation>
    </message>
    <message>
        <source>All bolted fuses before the main switch, the main fuse among them, are fitted now, while each battery&apos;s last lead is still off; then those leads are joined.</source>
        <translation>Alle geschraubten Sicherungen vor dem Hauptschalter, auch die Hauptsicherung, werden jetzt eingesetzt, solange die letzte Leitung jeder Batterie noch ab ist; dann werden diese Leitungen angeschlossen.</translation>
    </message>
    <message>
        <source>Inverter switched off and its output unplugged, its fuse in. Charge its capacitors through a resistor across the open main switch, or as its maker says; then close the main switch, and switch the inverter on with nothing plugged in.</source>
        <translation>Wechselrichter aus und sein Ausgang ausgesteckt, seine Sicherung sitzt. Seine Kondensatoren über einen Widerstand am offenen Hauptschalter laden, oder wie sein Hersteller es sagt; dann den Hauptschalter schließen und den Wechselrichter einschalten, ohne dass etwas eingesteckt ist.</translation>
    </message>
    <message>
        <source>{n}</source>
        <translation>{n}</translation>
    </message>
    <message>
        <source>Conductor {numbers}.</source>
        <translation>Leiter {numbers}.</translation>
    </message>
    <message>
        <source>Conductors {numbers}.</source>
        <translation>Leiter {numbers}.</translation>
    </message>
    <message>
        <source>Solar: open this FIRST</source>
        <translation>Solar: ZUERST öffnen</translation>
    </message>
    <message>
        <source>then the controller from its battery</source>
        <translation>dann den Regler von seiner Batterie trennen</translation>
    </message>
    <message>
        <source>Solar controller: open this SECOND</source>
        <translation>Solarregler: ERST DANACH öffnen</translation>
    </message>
    <message>
        <source>only with the panels&apos; isolator open or the panels covered</source>
        <translation>nur bei offenem Modultrenner oder abgedeckten Modulen</translation>
    </message>
    <message>
        <source>Live with this switch off:</source>
        <translation>Bei ausgeschaltetem Schalter unter Spannung:</translation>
    </message>
    <message>
        <source>I_off</source>
        <translation>I_aus</translation>
    </message>
    <message>
        <source>off in the others&apos; busiest quarter hour: not counted on the feed</source>
        <translation>in der stärksten Viertelstunde der anderen aus: zählt auf der Zuleitung nicht</translation>
    </message>
    <message>
        <source>What the engine charges is not counted: the monitor shows less than the bank has.</source>
        <translation>Was der Motor lädt, wird nicht gezählt: der Monitor zeigt weniger an, als die Bank hat.</translation>
    </message>
    <message>
        <source>Move it closer. Where the cable lies in a sheath or conduit over this whole stretch, up to {sheathed} are allowed: then say so under Change the selection.</source>
        <translation>Setzen Sie sie näher heran. Wo das Kabel auf der ganzen Strecke in einem Mantel oder Rohr liegt, sind bis zu {sheathed} erlaubt: dann sagen Sie es unter „Auswahl ändern“.</translation>
    </message>
    <message>
        <source>The fuse upstream of {name} is {before}: less than {ratio} times its own {fuse}.</source>
        <translation>Die Sicherung vor {name} hat {before}: weniger als das {ratio}-fache der eigenen {fuse}.</translation>
    </message>
    <message>
        <source>Days until the stored bank is flat</source>
        <translation>Tage, bis die abgestellte Bank leer ist</translation>
    </message>
    <message>
        <source>t = E / (P · 24 h)</source>
        <translation>t = E / (P · 24 h)</translation>
    </message>
    <message>
        <source>usable energy</source>
        <translation>nutzbare Energie</translation>
    </message>
    <message>
        <source>what is on with the main switch off</source>
        <translation>was bei ausgeschaltetem Hauptschalter an ist</translation>
    </message>
    <message>
        <source>loads and displays fed from before it</source>
        <translation>Verbraucher und Anzeigen, die davor versorgt werden</translation>
    </message>
    <message>
        <source>The batteries&apos; own electronics draw a little besides.</source>
        <translation>Die Elektronik der Batterien braucht dazu noch etwas.</translation>
    </message>
    <message>
        <source>With the main switch off the full bank is flat after {days} days. Still drawing: {loads}.</source>
        <translation>Bei ausgeschaltetem Hauptschalter ist die volle Bank nach {days} Tagen leer. Weiter verbraucht: {loads}.</translation>
    </message>
    <message>
        <source>Lead left flat is spoilt within weeks; lithium switches itself off, and some of it does not come back.</source>
        <translation>Leer gelassenes Blei verdirbt in Wochen; Lithium schaltet sich ab, und manches kommt nicht wieder.</translation>
    </message>
    <message>
        <source>For storage pull the fuses of what stays on, once gas is shut off, or charge the bank before then.</source>
        <translation>Ziehen Sie zum Abstellen die Sicherungen dessen, was an bleibt, sobald das Gas abgestellt ist, oder laden Sie die Bank vorher nach.</translation>
    </message>
    <message>
        <source>fuse at the first end of {id} set {distance} from it, in a sheath</source>
        <translation>Sicherung am ersten Ende von {id} um {distance} versetzt, im Schutzrohr</translation>
    </message>
    <message>
        <source>fuse at the second end of {id} set {distance} from it, in a sheath</source>
        <translation>Sicherung am zweiten Ende von {id} um {distance} versetzt, im Schutzrohr</translation>
    </message>
    <message>
        <source>{device} charges nothing: its current cannot return to the vehicle&apos;s battery.</source>
        <translation>{device} lädt nichts: der Strom kann nicht zur Fahrzeugbatterie zurück.</translation>
    </message>
    <message>
        <source>The engine&apos;s charging current returns through the house negative, its bond and the body; without that way back nothing flows.</source>
        <translation>Der Ladestrom des Motors kehrt über Minus des Aufbaus, seine Masseverbindung und die Karosserie zurück; ohne diesen Rückweg fließt nichts.</translation>
    </message>
    <message>
        <source>Follow its negative to the negative bar, and the bond from there to the chassis; move back what ends elsewhere.</source>
        <translation>Verfolgen Sie das Minus bis zur Minusschiene und von dort die Masseverbindung zum Fahrgestell; was anderswo endet, kommt zurück.</translation>
    </message>
    <message>
        <source>Its enable lead, its small fuse in, must read 0 V with the driver&apos;s switch off, about 12 V on.</source>
        <translation>Ihre Freigabeleitung muss bei eingesetzter kleiner Sicherung 0 V zeigen, wenn der Schalter des Fahrers aus ist, und etwa 12 V, wenn er an ist.</translation>
    </message>
    <message>
        <source>Its enable lead, its small fuse in, must read below 2 V with the key on and the engine stopped, about 14 V running.</source>
        <translation>Ihre Freigabeleitung muss bei eingesetzter kleiner Sicherung mit Zündung an und stehendem Motor unter 2 V zeigen, bei laufendem etwa 14 V.</translation>
    </message>
    <message>
        <source>Its enable lead, its small fuse in, must read 0 V with the engine stopped and the key on, about 14 V running.</source>
        <translation>Ihre Freigabeleitung muss bei eingesetzter kleiner Sicherung mit stehendem Motor und Zündung an 0 V zeigen, bei laufendem etwa 14 V.</translation>
    </message>
    <message>
        <source>Insert the fuse of the shunt&apos;s supply lead: its display or its lamp lights up, with the main switch still off.</source>
        <translation>Setzen Sie die Sicherung der Versorgungsleitung des Shunts ein: seine Anzeige oder Lampe leuchtet auf, der Hauptschalter ist noch aus.</translation>
    </message>
    <message>
        <source>ratio of ratings 2:1, of a breaker behind a fuse 2.5:1 (common practice)</source>
        <translation>Verhältnis der Nennströme 2:1, eines Automaten hinter einer Sicherung 2,5:1 (übliche Praxis)</translation>
    </message>
    <message>
        <source>engine&apos;s charging current returns past the shunt, or cannot return</source>
        <translation>Ladestrom des Motors kehrt am Shunt vorbei oder gar nicht zurück</translation>
    </message>
    <message>
        <source>common practice: the way back is half of the circuit</source>
        <translation>übliche Praxis: der Rückweg ist der halbe Stromkreis</translation>
    </message>
    <message>
        <source>a stored bank should last so long with what stays on</source>
        <translation>so lange soll eine abgestellte Bank mit dem reichen, was an bleibt</translation>
    </message>
    <message>
        <source>judgement: a month between two looks at it</source>
        <translation>Einschätzung: ein Monat zwischen zwei Blicken darauf</translation>
    </message>
    <message>
        <source>Alarms before the main switch</source>
        <translation>Melder vor dem Hauptschalter</translation>
    </message>
    <message>
        <source>What has to work with the main switch off, as a gas and smoke alarm, has a lead of its own from before that switch, with a small fuse at the battery: switching the van off for work or storage must not silence it.</source>
        <translation>Was bei ausgeschaltetem Hauptschalter arbeiten muss, etwa ein Gas- und Rauchmelder, hat eine eigene Leitung von vor diesem Schalter, mit kleiner Sicherung an der Batterie: wer das Fahrzeug für Arbeiten oder zum Abstellen ausschaltet, darf ihn nicht stumm schalten.</translation>
    </message>
    <message>
        <source>Drop at a load by what the timetable has on</source>
        <translation>Spannungsfall am Verbraucher nach dem Tagesplan</translation>
    </message>
    <message>
        <source>A circuit&apos;s drop is reckoned with all its own loads on, and on the feed that it shares with others of its block with what the timetable has on in their busiest quarter hour: hardly ever is everything on at once.</source>
        <translation>Der Spannungsfall eines Stromkreises wird mit allen eigenen Verbrauchern gerechnet und auf der Zuleitung, die er mit anderen seines Blocks teilt, mit dem, was der Tagesplan in deren stärkster Viertelstunde an hat: kaum je ist alles zugleich an.</translation>
    </message>
    <message>
        <source>It goes on counting with the main switch off, also without a display: a thin lead from before the switch, with a small fuse at the battery.</source>
        <translation>Er zählt bei ausgeschaltetem Hauptschalter weiter, auch ohne Anzeige: eine dünne Leitung von vor dem Schalter, mit kleiner Sicherung an der Batterie.</translation>
    </message>
    <message>
        <source>The lead to the display also supplies it: nothing more at the bank. Switched off with the display, it loses count.</source>
        <translation>Die Leitung zur Anzeige versorgt ihn mit: an der Bank kommt nichts dazu. Mit der Anzeige ausgeschaltet, verliert er den Stand.</translation>
    </message>
    <message>
        <source>gPV 10×38</source>
        <translation>gPV 10×38</translation>
    </message>
    <message>
        <source>{block}, way {way}</source>
        <translation>{block}, Abgang {way}</translation>
    </message>
    <message>
        <source>gPV fuse 10×38</source>
        <translation>gPV-Sicherung 10×38</translation>
    </message>
    <message>
        <source>There is no such use of fuses.</source>
        <translation>Eine solche Verwendung von Sicherungen gibt es nicht.</translation>
    </message>
    <message>
        <source>Correct the table.</source>
        <translation>Die Tabelle berichtigen.</translation>
    </message>
    <message>
        <source>A use of fuses has no family.</source>
        <translation>Eine Verwendung von Sicherungen hat keine Familie.</translation>
    </message>
    <message>
        <source>Name it in &apos;usual_at&apos; of one.</source>
        <translation>Sie in „usual_at“ einer Familie nennen.</translation>
    </message>
    <message>
        <source>Decided by: the fuse before its own. A short circuit here is more than its own fuse can interrupt; the one before opens instead, and this cable bears what that lets through.</source>
        <translation>Ausschlaggebend: die Sicherung davor. Ein Kurzschluss ist hier mehr, als die eigene unterbrechen kann; die davor öffnet an ihrer Stelle, und dieses Kabel hält aus, was sie durchlässt.</translation>
    </message>
    <message>
        <source>I_B = I_max · U_out / (η · U_low)</source>
        <translation>I_B = I_max · U_aus / (η · U_min)</translation>
    </message>
    <message>
        <source>it gives at most</source>
        <translation>gibt er höchstens</translation>
    </message>
    <message>
        <source>U_out</source>
        <translation>U_aus</translation>
    </message>
    <message>
        <source>at its output</source>
        <translation>an seinem Ausgang</translation>
    </message>
    <message>
        <source>lowest voltage at its input</source>
        <translation>kleinste Spannung an seinem Eingang</translation>
    </message>
    <message>
        <source>It is wired for its whole rating; to wire it only for what hangs on it now, say so on its card in Supply.</source>
        <translation>Er ist für seine ganze Leistung verkabelt; soll er nur für das verkabelt werden, was jetzt an ihm hängt, so wählen Sie das auf seiner Karte in der Versorgung.</translation>
    </message>
    <message>
        <source>rating of the converter</source>
        <translation>Nennstrom des Wandlers</translation>
    </message>
    <message>
        <source>The converter can give {rated}. Its fuse, {fuse}, bears {borne} of that on a low battery.</source>
        <translation>Der Wandler kann {rated} geben. Seine Sicherung, {fuse}, trägt davon bei leerer Batterie {borne}.</translation>
    </message>
    <message>
        <source>Above that it opens after a while: it is wired for what hangs on it now.</source>
        <translation>Darüber löst sie nach einer Weile aus: Er ist für das verkabelt, was jetzt an ihm hängt.</translation>
    </message>
    <message>
        <source>Add up again before you add a load, or wire it for its whole rating.</source>
        <translation>Rechnen Sie nach, bevor ein Verbraucher dazukommt, oder verkabeln Sie ihn für seine ganze Leistung.</translation>
    </message>
    <message>
        <source>Wire it for its whole rating</source>
        <translation>Für seine ganze Leistung verkabeln</translation>
    </message>
    <message>
        <source>{loads}, to its relay&apos;s coil</source>
        <translation>{loads}, zur Spule des Relais</translation>
    </message>
    <message>
        <source>{loads}, back from its relay&apos;s coil</source>
        <translation>{loads}, zurück von der Spule des Relais</translation>
    </message>
    <message>
        <source>Switch the breaker of {name} on, insert the small fuse of its relay&apos;s coil and start the engine; then switch its loads on: they stop with the engine.</source>
        <translation>Den Schutzschalter von {name} einschalten, die kleine Sicherung der Relaisspule einsetzen und den Motor starten; dann die Verbraucher einschalten: Sie gehen mit dem Motor aus.</translation>
    </message>
    <message>
        <source>Insert the fuse of {name} and the small one of its relay&apos;s coil, and start the engine; then switch its loads on: they stop with the engine.</source>
        <translation>Die Sicherung von {name} und die kleine der Relaisspule einsetzen und den Motor starten; dann die Verbraucher einschalten: Sie gehen mit dem Motor aus.</translation>
    </message>
    <message>
        <source>its leads and fuse</source>
        <translation>Leitungen und Sicherung</translation>
    </message>
    <message>
        <source>for its whole rating</source>
        <translation>für seine ganze Leistung</translation>
    </message>
    <message>
        <source>Whatever is plugged in later, the fuse stays in: what limits is the converter itself.</source>
        <translation>Was später auch dazukommt, die Sicherung hält: Es begrenzt der Wandler selbst.</translation>
    </message>
    <message>
        <source>for what hangs on it now</source>
        <translation>für das, was jetzt an ihm hängt</translation>
    </message>
    <message>
        <source>Thinner leads and a smaller fuse; one load more, and the fuse may open.</source>
        <translation>Dünnere Leitungen und eine kleinere Sicherung; ein Verbraucher mehr, und sie löst vielleicht aus.</translation>
    </message>
    <message>
        <source>{load} is dead with the main switch off.</source>
        <translation>{load} ist bei ausgeschaltetem Hauptschalter tot.</translation>
    </message>
    <message>
        <source>It is there for when everything else is off: gas gathers in a van that stands, too.</source>
        <translation>Er ist für die Zeit da, in der alles andere aus ist: Gas sammelt sich auch in einem Fahrzeug, das steht.</translation>
    </message>
    <message>
        <source>Use one for {bank}, or one with a battery of its own: behind a converter it stops with the switch.</source>
        <translation>Nehmen Sie einen für {bank} oder einen mit eigener Batterie: Hinter einem Wandler geht er mit dem Schalter aus.</translation>
    </message>
    <message>
        <source>Give it a small fuse of its own before the main switch: follow that habit, or make it a circuit that is always live.</source>
        <translation>Geben Sie ihm vor dem Hauptschalter eine eigene kleine Sicherung: Folgen Sie dieser Gewohnheit, oder machen Sie daraus einen Stromkreis, der immer Spannung hat.</translation>
    </message>
    <message>
        <source>Bolted fuses before the main switch are in already, fitted before the batteries&apos; last leads were joined: where this step says to insert one, see that it sits.</source>
        <translation>Geschraubte Sicherungen vor dem Hauptschalter sitzen schon, eingesetzt vor dem Anschluss der letzten Leitungen der Batterien: Wo dieser Schritt eine einzusetzen verlangt, prüfen Sie, ob sie sitzt.</translation>
    </message>
    <message>
        <source>alarm is dead with the main switch off</source>
        <translation>Melder ist bei ausgeschaltetem Hauptschalter tot</translation>
    </message>
    <message>
        <source>The wrong way round: {device}. Plus is where minus belongs.</source>
        <translation>Verkehrt herum: {device}. Plus ist, wo Minus hingehört.</translation>
    </message>
    <message>
        <source>{names} and {n} more</source>
        <translation>{names} und {n} weitere</translation>
    </message>
    <message>
        <source>So it is with {devices}.</source>
        <translation>So ist es auch mit: {devices}.</translation>
    </message>
    <message>
        <source>No current can reach {device} and return.</source>
        <translation>Kein Strom kann {device} erreichen und zurückkehren.</translation>
    </message>
    <message>
        <source>There is nothing that {device} could supply.</source>
        <translation>Es gibt nichts, was {device} versorgen könnte.</translation>
    </message>
    <message>
        <source>Nothing is charged by {device}: its source or what it should charge is not connected.</source>
        <translation>Nichts wird geladen von: {device}. Die Quelle oder das, was geladen werden soll, ist nicht angeschlossen.</translation>
    </message>
    <message>
        <source>Between {panels} and {battery} there is no controller.</source>
        <translation>Zwischen {panels} und {battery} ist kein Laderegler.</translation>
    </message>
    <message>
        <source>Nothing tells {device} that the engine runs: its lead ends elsewhere.</source>
        <translation>Nichts meldet {device}, dass der Motor läuft: Die Leitung endet anderswo.</translation>
    </message>
    <message>
        <source>What tells {device} that the engine runs comes from {from}, which is always live.</source>
        <translation>Was {device} meldet, dass der Motor läuft, kommt von {from}; dort ist immer Spannung.</translation>
    </message>
    <message>
        <source>What tells {device} that the engine runs comes from {from}, which is never live.</source>
        <translation>Was {device} meldet, dass der Motor läuft, kommt von {from}; dort ist nie Spannung.</translation>
    </message>
    <message>
        <source>What hangs on it goes on drawing with the engine stopped.</source>
        <translation>Was an ihm hängt, verbraucht bei stehendem Motor weiter.</translation>
    </message>
    <message>
        <source>It never closes, and what hangs on it never runs.</source>
        <translation>Es schließt nie, und was an ihm hängt, läuft nie.</translation>
    </message>
    <message>
        <source>The bond joins plus and the body: it runs from {from} to {to}.</source>
        <translation>Die Masseverbindung verbindet Plus mit der Karosserie: Sie führt von {from} zu {to}.</translation>
    </message>
    <message>
        <source>The body is the vehicle&apos;s minus: whatever else touches it is a short circuit, and the bond has no fuse.</source>
        <translation>Die Karosserie ist der Minuspol des Fahrzeugs: Was sie noch berührt, ist ein Kurzschluss, und die Masseverbindung hat keine Sicherung.</translation>
    </message>
    <message>
        <source>charger or relay has no engine-running signal</source>
        <translation>Lader oder Relais ohne Signal des laufenden Motors</translation>
    </message>
</context>
<context>
    <name>spirk::DiagramPages</name>
    <message>
        <source>Wiring diagram</source>
        <translation>Schaltplan</translation>
    </message>
</context>
<context>
    <name>spirk::DiagramWords</name>
    <message>
        <source>no fuse</source>
        <translation>keine Sicherung</translation>
    </message>
    <message>
        <source>negative of the %1</source>
        <translation>Minus: %1</translation>
    </message>
    <message>
        <source>dead</source>
        <translation>spannungsfrei</translation>
    </message>
    <message>
        <source>isolator, 2-pole DC</source>
        <translation>Trennschalter, 2-polig, DC</translation>
    </message>
    <message>
        <source>outside inlet, 2-pole DC</source>
        <translation>Außensteckdose, 2-polig, DC</translation>
    </message>
    <message>
        <source>Mains side not planned here.

The inverter&apos;s output is mains and can kill, also without shore power. RCD, breaker, sockets and the bond of neutral and earth are missing: leave it unplugged until a licensed electrician has planned, inspected and tested them.</source>
        <translation>Netzseite hier nicht geplant.

Der Ausgang des Wechselrichters führt Netzspannung und kann töten, auch ohne Landstrom. FI-Schutzschalter, Leitungsschutzschalter, Steckdosen und die Verbindung von Neutralleiter und Erde fehlen: Nichts einstecken, bis eine Elektrofachkraft sie geplant, geprüft und gemessen hat.</translation>
    </message>
</context>
<context>
    <name>spirk::ListPages</name>
    <message>
        <source>What was found</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>The rules found nothing.</source>
        <translation>Die Regeln haben nichts gefunden.</translation>
    </message>
    <message>
        <source>Rule</source>
        <translation>Regel</translation>
    </message>
    <message>
        <source>Severity</source>
        <translation>Schwere</translation>
    </message>
    <message>
        <source>What, why, what to do</source>
        <translation>Was, warum, was zu tun ist</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Quantity</source>
        <translation>Menge</translation>
    </message>
    <message>
        <source>Price, about</source>
        <translation>Preis, ca.</translation>
    </message>
    <message>
        <source>Used by</source>
        <translation>Wofür</translation>
    </message>
    <message>
        <source>Have</source>
        <translation>Vorhanden</translation>
    </message>
    <message>
        <source>Cut list</source>
        <translation>Zuschnittliste</translation>
    </message>
    <message>
        <source>Lay each cable out loose before cutting it. Mark the piece before the next one.</source>
        <translation>Jedes Kabel vor dem Schneiden lose auslegen. Ein Stück beschriften, bevor das nächste geschnitten wird.</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>Cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>One end</source>
        <translation>Ein Ende</translation>
    </message>
    <message>
        <source>Other end</source>
        <translation>Anderes Ende</translation>
    </message>
    <message>
        <source>Cut</source>
        <translation>Geschnitten</translation>
    </message>
    <message>
        <source>Labels</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>One at each end of the conductor.</source>
        <translation>Eine an jedem Ende der Leitung.</translation>
    </message>
    <message>
        <source>First line</source>
        <translation>Erste Zeile</translation>
    </message>
    <message>
        <source>Second line</source>
        <translation>Zweite Zeile</translation>
    </message>
    <message>
        <source>above %1</source>
        <translation>über %1</translation>
    </message>
    <message>
        <source>below %1</source>
        <translation>unter %1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Reading</source>
        <translation>Messwert</translation>
    </message>
    <message>
        <source>Expected</source>
        <translation>Erwartet</translation>
    </message>
    <message>
        <source>Correct if between</source>
        <translation>In Ordnung zwischen</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>Parts, cut list, labels</source>
        <translation>Teile, Zuschnittliste, Beschriftung</translation>
    </message>
    <message>
        <source>First switch-on</source>
        <translation>Erstes Einschalten</translation>
    </message>
    <message>
        <source>Dead tests: everything off</source>
        <translation>Prüfungen im spannungsfreien Zustand: alles aus</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Device</source>
        <translation>Gerät</translation>
    </message>
    <message>
        <source>Setting</source>
        <translation>Einstellung</translation>
    </message>
    <message>
        <source>Value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>Done</source>
        <translation>Erledigt</translation>
    </message>
    <message>
        <source>Switching on</source>
        <translation>Einschalten</translation>
    </message>
    <message>
        <source>Expected voltages are for a bank as it is delivered: lead nearly full, lithium about half, several lithium batteries charged full first. Compare with the same meter at the battery. Expected currents are what the monitor or a clamp meter, zeroed beforehand, shows.</source>
        <translation>Erwartete Spannungen gelten für eine Bank, wie sie geliefert wird: Blei fast voll, Lithium etwa halb, mehrere Lithiumbatterien vorher voll geladen. Mit demselben Messgerät an der Batterie vergleichen. Erwartete Ströme sind, was der Monitor oder eine vorher genullte Stromzange zeigt.</translation>
    </message>
    <message>
        <source>Switching off, for work and for storage</source>
        <translation>Ausschalten, für Arbeiten und zum Einlagern</translation>
    </message>
    <message>
        <source>And on these devices:</source>
        <translation>Und an diesen Geräten:</translation>
    </message>
</context>
<context>
    <name>spirk::app::AmendMenu</name>
    <message>
        <source>As computed, %1</source>
        <translation>Wie berechnet, %1</translation>
    </message>
    <message>
        <source>As usual</source>
        <translation>Wie üblich</translation>
    </message>
    <message>
        <source>fuse at its first end</source>
        <translation>Sicherung am ersten Ende</translation>
    </message>
    <message>
        <source>fuse at its second end</source>
        <translation>Sicherung am zweiten Ende</translation>
    </message>
    <message>
        <source>The smallest that is enough</source>
        <translation>Das kleinste, das genügt</translation>
    </message>
    <message>
        <source>&amp;Change the selection</source>
        <translation>&amp;Auswahl ändern</translation>
    </message>
    <message>
        <source>Si&amp;ze</source>
        <translation>&amp;Querschnitt</translation>
    </message>
    <message>
        <source>Set the size of %1</source>
        <translation>Querschnitt setzen: %1</translation>
    </message>
    <message>
        <source>Size of &amp;both its leads</source>
        <translation>Querschnitt &amp;beider Leitungen</translation>
    </message>
    <message>
        <source>Set the size of both leads of %1</source>
        <translation>Querschnitt beider Leitungen setzen: %1</translation>
    </message>
    <message>
        <source>F&amp;use</source>
        <translation>&amp;Sicherung</translation>
    </message>
    <message>
        <source>Set the fuse of %1</source>
        <translation>Sicherung setzen: %1</translation>
    </message>
    <message>
        <source>Insulatio&amp;n</source>
        <translation>&amp;Isolierung</translation>
    </message>
    <message>
        <source>Set the insulation of %1</source>
        <translation>Isolierung setzen: %1</translation>
    </message>
    <message>
        <source>Len&amp;gth…</source>
        <translation>&amp;Länge…</translation>
    </message>
    <message>
        <source>Distance of its fuse from the &amp;source…</source>
        <translation>&amp;Abstand der Sicherung von der Quelle…</translation>
    </message>
    <message>
        <source>&amp;Insert</source>
        <translation>Ei&amp;nsetzen</translation>
    </message>
    <message>
        <source>Insert into %1</source>
        <translation>Einsetzen in %1</translation>
    </message>
    <message>
        <source>&amp;Leave its fuse out</source>
        <translation>Sicherung &amp;weglassen</translation>
    </message>
    <message>
        <source>Move its &amp;first end…</source>
        <translation>&amp;Erstes Ende verlegen…</translation>
    </message>
    <message>
        <source>Move its s&amp;econd end…</source>
        <translation>&amp;Zweites Ende verlegen…</translation>
    </message>
    <message>
        <source>S&amp;wap it with its other lead</source>
        <translation>Mit der anderen Leitung &amp;tauschen</translation>
    </message>
    <message>
        <source>&amp;Model</source>
        <translation>&amp;Modell</translation>
    </message>
    <message>
        <source>Choose what %1 is</source>
        <translation>Modell wählen: %1</translation>
    </message>
    <message>
        <source>&amp;Place of this device</source>
        <translation>&amp;Ort dieses Geräts</translation>
    </message>
    <message>
        <source>Move the %1</source>
        <translation>Verlegen: %1</translation>
    </message>
    <message>
        <source>Remove it fr&amp;om the plan</source>
        <translation>Aus dem &amp;Plan entfernen</translation>
    </message>
    <message>
        <source>&amp;Reset to computed</source>
        <translation>Au&amp;f Berechnetes zurücksetzen</translation>
    </message>
    <message>
        <source>Length of %1</source>
        <translation>Länge von %1</translation>
    </message>
    <message>
        <source>Fuse of %1 from its source</source>
        <translation>Abstand der Sicherung von der Quelle: %1</translation>
    </message>
    <message>
        <source>Put the fuse of %1 back</source>
        <translation>Sicherung wieder einsetzen: %1</translation>
    </message>
    <message>
        <source>Leave the fuse of %1 out</source>
        <translation>Sicherung weglassen: %1</translation>
    </message>
    <message>
        <source>Move the end of %1 to</source>
        <translation>Ende verlegen: %1, nach</translation>
    </message>
    <message>
        <source>Move an end of %1</source>
        <translation>Ein Ende verlegen: %1</translation>
    </message>
    <message>
        <source>Swap the leads of %1</source>
        <translation>Leitungen tauschen: %1</translation>
    </message>
    <message>
        <source>Remove: %1</source>
        <translation>Entfernen: %1</translation>
    </message>
    <message>
        <source>Reset %1 to computed</source>
        <translation>Auf Berechnetes zurücksetzen: %1</translation>
    </message>
    <message>
        <source>Put its fuse bac&amp;k</source>
        <translation>Siche&amp;rung wieder einsetzen</translation>
    </message>
    <message>
        <source>Cable up to its fuse in a shea&amp;th</source>
        <translation>Kabel bis zur Sicherung im Sc&amp;hutzrohr</translation>
    </message>
    <message>
        <source>Cable of %1 up to its fuse without a sheath</source>
        <translation>Kabel von %1 bis zur Sicherung ohne Schutzrohr</translation>
    </message>
    <message>
        <source>Cable of %1 up to its fuse in a sheath</source>
        <translation>Kabel von %1 bis zur Sicherung im Schutzrohr</translation>
    </message>
</context>
<context>
    <name>spirk::app::Asked</name>
    <message>
        <source>Unsaved changes</source>
        <translation>Ungespeicherte Änderungen</translation>
    </message>
    <message>
        <source>&apos;%1&apos; has changes that are not saved.</source>
        <translation>&apos;%1&apos; hat ungespeicherte Änderungen.</translation>
    </message>
    <message>
        <source>Changed by another program</source>
        <translation>Von einem anderen Programm geändert</translation>
    </message>
    <message>
        <source>&apos;%1&apos; has been changed by another program since it was opened here. Which version do you want to keep?</source>
        <translation>&apos;%1&apos; wurde von einem anderen Programm geändert, seit es hier geöffnet wurde. Welche Fassung soll bleiben?</translation>
    </message>
    <message>
        <source>Save mine under &amp;another name…</source>
        <translation>Meine unter &amp;anderem Namen speichern…</translation>
    </message>
    <message>
        <source>Keep &amp;mine: replace the file</source>
        <translation>&amp;Meine behalten: Datei ersetzen</translation>
    </message>
    <message>
        <source>Keep &amp;theirs: open it, discard mine</source>
        <translation>Die &amp;andere behalten: öffnen, meine verwerfen</translation>
    </message>
    <message>
        <source>Replace files</source>
        <translation>Dateien ersetzen</translation>
    </message>
    <message>
        <source>There are files of these names already: %1. Replace them?</source>
        <translation>Dateien dieses Namens gibt es schon: %1. Ersetzen?</translation>
    </message>
</context>
<context>
    <name>spirk::app::BuildStation</name>
    <message>
        <source>&amp;Parts</source>
        <translation>&amp;Teile</translation>
    </message>
    <message>
        <source>C&amp;ut list</source>
        <translation>&amp;Zuschnitt</translation>
    </message>
    <message>
        <source>&amp;Labels</source>
        <translation>&amp;Beschriftung</translation>
    </message>
    <message numerus="yes">
        <source>%n part(s)</source>
        <translation>
            <numerusform>%n Teil</numerusform>
            <numerusform>%n Teile</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n cut(s)</source>
        <translation>
            <numerusform>%n Zuschnitt</numerusform>
            <numerusform>%n Zuschnitte</numerusform>
        </translation>
    </message>
    <message>
        <source>Build</source>
        <translation>Bauen</translation>
    </message>
</context>
<context>
    <name>spirk::app::CablesModel</name>
    <message>
        <source>No.</source>
        <translation>Nr.</translation>
    </message>
    <message>
        <source>Conductor</source>
        <translation>Leitung</translation>
    </message>
    <message>
        <source>Load</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Querschnitt</translation>
    </message>
    <message>
        <source>Fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Sp.-Fall</translation>
    </message>
    <message>
        <source>Fault</source>
        <translation>Kurzschl.</translation>
    </message>
    <message>
        <source>Ampacity</source>
        <translation>Belastbarkeit</translation>
    </message>
    <message>
        <source>Voltage drop</source>
        <translation>Spannungsfall</translation>
    </message>
    <message>
        <source>Studs</source>
        <translation>Bolzen</translation>
    </message>
    <message>
        <source>left out</source>
        <translation>weggelassen</translation>
    </message>
    <message>
        <source>no limit</source>
        <translation>ohne Grenze</translation>
    </message>
    <message>
        <source>Set %1 of %2</source>
        <translation>%1 setzen: %2</translation>
    </message>
</context>
<context>
    <name>spirk::app::CablesStation</name>
    <message>
        <source>Conductors</source>
        <translation>Leitungen</translation>
    </message>
    <message>
        <source>Con&amp;ductors</source>
        <translation>&amp;Leitungen</translation>
    </message>
    <message>
        <source>&amp;Places and routes</source>
        <translation>&amp;Orte und Wege</translation>
    </message>
    <message>
        <source>Size, fuse and length can be set in place; empty goes back to what Spirk computes. ✎ marks what you have set. The bars show how much of what is allowed is used.</source>
        <translation>Querschnitt, Sicherung und Länge lassen sich direkt eingeben; leer heißt: wie von Spirk berechnet. ✎ markiert eigene Werte. Die Balken zeigen, wie viel vom Erlaubten genutzt ist.</translation>
    </message>
    <message>
        <source>Places</source>
        <translation>Orte</translation>
    </message>
    <message>
        <source>Cable routes</source>
        <translation>Kabelwege</translation>
    </message>
    <message>
        <source>Where each device is</source>
        <translation>Wo jedes Gerät ist</translation>
    </message>
    <message>
        <source>%1 m of cable</source>
        <translation>%1 m Kabel</translation>
    </message>
    <message>
        <source>%1 ft of cable</source>
        <translation>%1 ft Kabel</translation>
    </message>
    <message>
        <source>Cables</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>&amp;Good practice</source>
        <translation>&amp;Gute Praxis</translation>
    </message>
</context>
<context>
    <name>spirk::app::ChecksStation</name>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>The rules found nothing. That is not a certificate: check what Spirk cannot see, too.</source>
        <translation>Die Regeln haben nichts gefunden. Das ist keine Abnahme: Auch prüfen, was Spirk nicht sehen kann.</translation>
    </message>
    <message>
        <source>Findings of the rules. A fix is one step that can be undone; none is offered where it could itself be dangerous.</source>
        <translation>Befunde der Regeln. Eine Abhilfe ist ein Schritt, der sich rückgängig machen lässt; wo sie selbst gefährlich sein könnte, wird keine angeboten.</translation>
    </message>
    <message numerus="yes">
        <source>Show more: %n findings are not shown yet</source>
        <translation>
            <numerusform>Mehr zeigen: %n Befund ist noch nicht gezeigt</numerusform>
            <numerusform>Mehr zeigen: %n Befunde sind noch nicht gezeigt</numerusform>
        </translation>
    </message>
    <message>
        <source>Checks</source>
        <translation>Prüfen</translation>
    </message>
</context>
<context>
    <name>spirk::app::DiagramStation</name>
    <message>
        <source>S&amp;ituation</source>
        <translation>&amp;Betriebsfall</translation>
    </message>
    <message>
        <source>Situation whose voltages and currents are shown</source>
        <translation>Betriebsfall, dessen Spannungen und Ströme gezeigt werden</translation>
    </message>
    <message>
        <source>Zoom in (+)</source>
        <translation>Vergrößern (+)</translation>
    </message>
    <message>
        <source>Zoom out (-)</source>
        <translation>Verkleinern (-)</translation>
    </message>
    <message>
        <source>Readable</source>
        <translation>Lesbar</translation>
    </message>
    <message>
        <source>A size at which labels can be read (1)</source>
        <translation>Größe, bei der die Beschriftung lesbar ist (1)</translation>
    </message>
    <message>
        <source>Fit</source>
        <translation>Einpassen</translation>
    </message>
    <message>
        <source>Fit to the window (0)</source>
        <translation>In das Fenster einpassen (0)</translation>
    </message>
    <message numerus="yes">
        <source>%n conductor(s)</source>
        <translation>
            <numerusform>%n Leitung</numerusform>
            <numerusform>%n Leitungen</numerusform>
        </translation>
    </message>
    <message>
        <source>None: sizes and lengths</source>
        <translation>Keiner: Querschnitte und Längen</translation>
    </message>
    <message>
        <source>Diagram</source>
        <translation>Schaltplan</translation>
    </message>
</context>
<context>
    <name>spirk::app::DiagramView</name>
    <message>
        <source>Wiring diagram</source>
        <translation>Schaltplan</translation>
    </message>
    <message>
        <source>Wheel: zoom. Drag: pan. Left and right: next conductor. Double click: open or close a block.</source>
        <translation>Rad: Zoom. Ziehen: verschieben. Links und rechts: nächste Leitung. Doppelklick: Block öffnen oder schließen.</translation>
    </message>
</context>
<context>
    <name>spirk::app::Drawer</name>
    <message>
        <source>Details of the selection</source>
        <translation>Einzelheiten der Auswahl</translation>
    </message>
    <message>
        <source>How this figure is calculated</source>
        <translation>Wie dieser Wert berechnet ist</translation>
    </message>
    <message>
        <source>Comparing…</source>
        <translation>Wird verglichen…</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
    <message>
        <source>This figure is no longer in the plan.</source>
        <translation>Diesen Wert gibt es im Plan nicht mehr.</translation>
    </message>
</context>
<context>
    <name>spirk::app::DrawerWords</name>
    <message>
        <source>Last edit</source>
        <translation>Letzte Änderung</translation>
    </message>
    <message>
        <source>Select an appliance, a device or a conductor to see its details here. Click an underlined figure to see how it is calculated.</source>
        <translation>Einen Verbraucher, ein Gerät oder eine Leitung auswählen, um hier Einzelheiten zu sehen. Ein Klick auf einen unterstrichenen Wert zeigt, wie er berechnet ist.</translation>
    </message>
    <message>
        <source>What matters most now</source>
        <translation>Was jetzt am wichtigsten ist</translation>
    </message>
    <message>
        <source>No finding is open.</source>
        <translation>Kein Befund ist offen.</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Nach</translation>
    </message>
    <message>
        <source>Current</source>
        <translation>Strom</translation>
    </message>
    <message>
        <source>Fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>Fuse at the far end</source>
        <translation>Sicherung am fernen Ende</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Querschnitt</translation>
    </message>
    <message>
        <source>Ampacity</source>
        <translation>Belastbarkeit</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Drop</source>
        <translation>Sp.-Fall</translation>
    </message>
    <message>
        <source>Short circuit</source>
        <translation>Kurzschluss</translation>
    </message>
    <message>
        <source>Terminals</source>
        <translation>Anschlüsse</translation>
    </message>
    <message>
        <source>Status</source>
        <translation>Stellung</translation>
    </message>
    <message>
        <source>part of the vehicle: shown, not sized</source>
        <translation>Teil des Fahrzeugs: gezeigt, nicht bemessen</translation>
    </message>
    <message>
        <source>Diameter</source>
        <translation>Durchmesser</translation>
    </message>
    <message>
        <source>Label</source>
        <translation>Beschriftung</translation>
    </message>
    <message>
        <source>Piece %1</source>
        <translation>Stück %1</translation>
    </message>
    <message>
        <source>Switch-on</source>
        <translation>Einschalten</translation>
    </message>
    <message>
        <source>Expected</source>
        <translation>Erwartet</translation>
    </message>
    <message>
        <source>Current in each situation</source>
        <translation>Strom in jedem Betriebsfall</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Appliance</source>
        <translation>Verbraucher</translation>
    </message>
    <message>
        <source>Energy per day</source>
        <translation>Energie pro Tag</translation>
    </message>
    <message>
        <source>Terminal %1</source>
        <translation>Anschluss %1</translation>
    </message>
    <message>
        <source>Set</source>
        <translation>Gesetzt</translation>
    </message>
    <message>
        <source>In each situation</source>
        <translation>In jedem Betriebsfall</translation>
    </message>
    <message>
        <source>dead</source>
        <translation>spannungsfrei</translation>
    </message>
    <message>
        <source>Share of the day</source>
        <translation>Anteil am Tag</translation>
    </message>
    <message>
        <source>Decides</source>
        <translation>Bestimmend</translation>
    </message>
    <message>
        <source>the largest load: look here first</source>
        <translation>der größte Verbraucher: hier zuerst schauen</translation>
    </message>
    <message>
        <source>In the circuit</source>
        <translation>In der Schaltung</translation>
    </message>
    <message>
        <source>its terminals</source>
        <translation>seine Anschlüsse</translation>
    </message>
    <message>
        <source>On the inverter</source>
        <translation>Am Wechselrichter</translation>
    </message>
    <message>
        <source>Why: %1</source>
        <translation>Warum: %1</translation>
    </message>
    <message>
        <source>Source: %1</source>
        <translation>Quelle: %1</translation>
    </message>
    <message>
        <source>Compared with</source>
        <translation>Verglichen mit</translation>
    </message>
    <message>
        <source>as it is, and as computed</source>
        <translation>wie es ist, und wie berechnet</translation>
    </message>
    <message>
        <source>as it is</source>
        <translation>wie es ist</translation>
    </message>
    <message>
        <source>as computed</source>
        <translation>wie berechnet</translation>
    </message>
    <message>
        <source>%1 used</source>
        <translation>%1 genutzt</translation>
    </message>
    <message>
        <source>Largest load</source>
        <translation>Größter Verbraucher</translation>
    </message>
    <message>
        <source>Way %1</source>
        <translation>Abgang %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::Entry</name>
    <message>
        <source>Kept: %1.</source>
        <translation>Behalten: %1.</translation>
    </message>
</context>
<context>
    <name>spirk::app::ExportFiles</name>
    <message>
        <source>&apos;%1&apos; is the plan itself, which an export would destroy. Choose another name.</source>
        <translation>&apos;%1&apos; ist der Plan selbst, den der Export zerstören würde. Anderen Namen wählen.</translation>
    </message>
    <message>
        <source>Exported: %1</source>
        <translation>Exportiert: %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::ExportMenu</name>
    <message>
        <source>&amp;Export</source>
        <translation>&amp;Exportieren</translation>
    </message>
    <message>
        <source>&amp;Diagram (SVG, PDF)…</source>
        <translation>&amp;Schaltplan (SVG, PDF)…</translation>
    </message>
    <message>
        <source>&amp;Lists (PDF, SVG)…</source>
        <translation>&amp;Listen (PDF, SVG)…</translation>
    </message>
    <message>
        <source>Switch-on &amp;sheet (PDF, SVG)…</source>
        <translation>&amp;Inbetriebnahmeblatt (PDF, SVG)…</translation>
    </message>
    <message>
        <source>&amp;Parts (CSV)…</source>
        <translation>&amp;Teile (CSV)…</translation>
    </message>
    <message>
        <source>&amp;Cut list (CSV)…</source>
        <translation>&amp;Zuschnittliste (CSV)…</translation>
    </message>
    <message>
        <source>La&amp;bels (CSV)…</source>
        <translation>&amp;Beschriftung (CSV)…</translation>
    </message>
    <message>
        <source>C&amp;ables (CSV)…</source>
        <translation>&amp;Kabel (CSV)…</translation>
    </message>
    <message>
        <source>&amp;Report (JSON)…</source>
        <translation>Be&amp;richt (JSON)…</translation>
    </message>
    <message>
        <source>Tables (*.csv *.json)</source>
        <translation>Tabellen (*.csv *.json)</translation>
    </message>
    <message>
        <source>Reports (*.json)</source>
        <translation>Berichte (*.json)</translation>
    </message>
    <message>
        <source>Export</source>
        <translation>Exportieren</translation>
    </message>
    <message>
        <source>PDF (*.pdf);;SVG (*.svg)</source>
        <translation>PDF (*.pdf);;SVG (*.svg)</translation>
    </message>
</context>
<context>
    <name>spirk::app::Finder</name>
    <message>
        <source>Find anything</source>
        <translation>Alles finden</translation>
    </message>
    <message>
        <source>Words to find</source>
        <translation>Suchwörter</translation>
    </message>
    <message>
        <source>A unit, way, device, conductor, figure, rule, action or term</source>
        <translation>Einheit, Anschlussart, Gerät, Leitung, Wert, Regel, Aktion oder Fachwort</translation>
    </message>
    <message>
        <source>What was found</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>%1  ·  %2</source>
        <translation>%1  ·  %2</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>action</source>
        <translation>Aktion</translation>
    </message>
    <message>
        <source>device</source>
        <translation>Gerät</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>conductor</source>
        <translation>Leitung</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>unit</source>
        <translation>Einheit</translation>
    </message>
    <message>
        <source>%1: %2 instead</source>
        <translation>%1: stattdessen %2</translation>
    </message>
    <message>
        <source>way</source>
        <translation>Anschlussart</translation>
    </message>
    <message>
        <source>Choose: %1</source>
        <translation>Wählen: %1</translation>
    </message>
    <message>
        <source>figure</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>term</source>
        <translation>Fachwort</translation>
    </message>
</context>
<context>
    <name>spirk::app::FindingCard</name>
    <message>
        <source>%1. Status: %2.</source>
        <translation>%1. Stellung: %2.</translation>
    </message>
    <message>
        <source>Accepted by you: %1</source>
        <translation>Von Ihnen akzeptiert: %1</translation>
    </message>
    <message>
        <source>Show where</source>
        <translation>Zeigen, wo</translation>
    </message>
    <message>
        <source>Why these figures?</source>
        <translation>Warum diese Werte?</translation>
    </message>
    <message>
        <source>Open it again</source>
        <translation>Wieder öffnen</translation>
    </message>
    <message>
        <source>Open a finding again</source>
        <translation>Befund wieder öffnen</translation>
    </message>
    <message>
        <source>Accept…</source>
        <translation>Akzeptieren…</translation>
    </message>
    <message>
        <source>Leave it as it is, with a reason; the finding stays listed</source>
        <translation>So lassen, mit Begründung; der Befund bleibt in der Liste</translation>
    </message>
    <message>
        <source>Why you accept it</source>
        <translation>Warum Sie es akzeptieren</translation>
    </message>
    <message>
        <source>Why you accept it, then Enter</source>
        <translation>Warum Sie es akzeptieren, dann Eingabetaste</translation>
    </message>
    <message>
        <source>Accept a finding</source>
        <translation>Befund akzeptieren</translation>
    </message>
    <message>
        <source>Trying what would end this…</source>
        <translation>Es wird erprobt, was dies beheben würde …</translation>
    </message>
    <message>
        <source>No single step that Spirk has tried ends this without bringing something as grave.</source>
        <translation>Kein einzelner Schritt, den Spirk erprobt hat, behebt dies, ohne etwas ebenso Schweres zu bringen.</translation>
    </message>
    <message>
        <source>Ends this in one step that can be undone</source>
        <translation>Behebt dies in einem Schritt, der rückgängig gemacht werden kann</translation>
    </message>
    <message>
        <source>Ends this in one step that can be undone: %1</source>
        <translation>Behebt dies in einem Schritt, der rückgängig gemacht werden kann: %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::FirstPlanDialog</name>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>Bank</source>
        <translation>Bank</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Sonne</translation>
    </message>
    <message>
        <source>Engine</source>
        <translation>Motor</translation>
    </message>
    <message>
        <source>Shore</source>
        <translation>Landstrom</translation>
    </message>
    <message>
        <source>Inverter</source>
        <translation>Wechselrichter</translation>
    </message>
    <message>
        <source>12 V loads by</source>
        <translation>12-V-Verbraucher über</translation>
    </message>
    <message>
        <source>Five questions for a first plan</source>
        <translation>Fünf Fragen für einen ersten Plan</translation>
    </message>
    <message>
        <source>The plan this makes</source>
        <translation>Der Plan, der daraus wird</translation>
    </message>
    <message>
        <source>a DC-DC charger</source>
        <translation>ein Ladebooster</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>a relay: an old van with a lead-acid bank</source>
        <translation>ein Trennrelais: älteres Fahrzeug mit Bleibatterien</translation>
    </message>
    <message>
        <source>a charger on shore power</source>
        <translation>ein Landstrom-Ladegerät</translation>
    </message>
    <message>
        <source>1  What kind of trip?</source>
        <translation>1  Was für eine Reise?</translation>
    </message>
    <message>
        <source>&amp;Trip</source>
        <translation>&amp;Reise</translation>
    </message>
    <message>
        <source>2  Where?</source>
        <translation>2  Wo?</translation>
    </message>
    <message>
        <source>&amp;Region</source>
        <translation>Re&amp;gion</translation>
    </message>
    <message>
        <source>&amp;Climate like</source>
        <translation>&amp;Klima wie</translation>
    </message>
    <message>
        <source>3  What do you own already?</source>
        <translation>3  Was ist schon vorhanden?</translation>
    </message>
    <message>
        <source>&amp;Battery</source>
        <translation>&amp;Batterie</translation>
    </message>
    <message>
        <source>How many batteries</source>
        <translation>Anzahl Batterien</translation>
    </message>
    <message>
        <source>&amp;Panel</source>
        <translation>&amp;Modul</translation>
    </message>
    <message>
        <source>How many panels</source>
        <translation>Anzahl Module</translation>
    </message>
    <message>
        <source>&amp;Inverter</source>
        <translation>&amp;Wechselrichter</translation>
    </message>
    <message>
        <source>none; or like &apos;6 m of 25 mm², 3 m of 50 mm²&apos;</source>
        <translation>keines; oder etwa &apos;6 m von 25 mm², 3 m von 50 mm²&apos;</translation>
    </message>
    <message>
        <source>C&amp;able</source>
        <translation>K&amp;abel</translation>
    </message>
    <message>
        <source>4  Which load matters most?</source>
        <translation>4  Welcher Verbraucher ist am wichtigsten?</translation>
    </message>
    <message>
        <source>&amp;Load</source>
        <translation>&amp;Verbraucher</translation>
    </message>
    <message>
        <source>5  What charges the bank besides the sun?</source>
        <translation>5  Was lädt außer der Sonne?</translation>
    </message>
    <message>
        <source>&amp;While driving</source>
        <translation>Beim &amp;Fahren</translation>
    </message>
    <message>
        <source>&amp;Make this plan</source>
        <translation>&amp;Diesen Plan anlegen</translation>
    </message>
    <message>
        <source>Start &amp;empty</source>
        <translation>&amp;Leer beginnen</translation>
    </message>
    <message>
        <source>Look at a &amp;demo</source>
        <translation>Demo anse&amp;hen</translation>
    </message>
    <message>
        <source>none beyond lights, fridge, pump and phones</source>
        <translation>keiner außer Licht, Kühlschrank, Pumpe und Telefonen</translation>
    </message>
    <message>
        <source>%1 (%2 per day)</source>
        <translation>%1 (%2 pro Tag)</translation>
    </message>
    <message>
        <source>Making it…</source>
        <translation>Wird berechnet…</translation>
    </message>
    <message>
        <source>Carries</source>
        <translation>Reicht für</translation>
    </message>
    <message>
        <source>%1 days without sun at %2 per day</source>
        <translation>%1 Tage ohne Sonne bei %2 pro Tag</translation>
    </message>
    <message>
        <source>Built in</source>
        <translation>Eingebaut</translation>
    </message>
    <message>
        <source>about %1 and %2</source>
        <translation>etwa %1 und %2</translation>
    </message>
    <message>
        <source>Cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Pl&amp;ugged in</source>
        <translation>Am &amp;Stromanschluss</translation>
    </message>
</context>
<context>
    <name>spirk::app::HabitsPage</name>
    <message>
        <source>Follow a habit</source>
        <translation>Einer Gewohnheit folgen</translation>
    </message>
    <message>
        <source>Do without a habit</source>
        <translation>Auf eine Gewohnheit verzichten</translation>
    </message>
    <message>
        <source>The least that the rules allow is often not what anybody would build. Each habit has its reason; &apos;why&apos; of a size names the one that decided. Take one out to do without it.</source>
        <translation>Das Mindeste, was die Regeln erlauben, würde oft niemand so bauen. Jede Gewohnheit hat ihren Grund; das Warum eines Querschnitts nennt die ausschlaggebende. Haken entfernen, um auf eine zu verzichten.</translation>
    </message>
</context>
<context>
    <name>spirk::app::Lists</name>
    <message>
        <source>Group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Quantity</source>
        <translation>Menge</translation>
    </message>
    <message>
        <source>Weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>Price, about</source>
        <translation>Preis, ca.</translation>
    </message>
    <message>
        <source>Used by</source>
        <translation>Wofür</translation>
    </message>
    <message>
        <source>Piece</source>
        <translation>Stück</translation>
    </message>
    <message>
        <source>Size</source>
        <translation>Querschnitt</translation>
    </message>
    <message>
        <source>Colour</source>
        <translation>Farbe</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>One end</source>
        <translation>Ein Ende</translation>
    </message>
    <message>
        <source>Lug</source>
        <translation>Kabelschuh</translation>
    </message>
    <message>
        <source>Other end</source>
        <translation>Anderes Ende</translation>
    </message>
    <message>
        <source>First line</source>
        <translation>Erste Zeile</translation>
    </message>
    <message>
        <source>Second line</source>
        <translation>Zweite Zeile</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
</context>
<context>
    <name>spirk::app::MainWindow</name>
    <message>
        <source>Spirk failed on this change and did not make it; your plan is unchanged. This is a defect in Spirk (%1): please report it.</source>
        <translation>Spirk ist an dieser Änderung gescheitert und hat sie nicht ausgeführt; Ihr Plan ist unverändert. Das ist ein Fehler in Spirk (%1): bitte melden.</translation>
    </message>
    <message>
        <source>&amp;File</source>
        <translation>&amp;Datei</translation>
    </message>
    <message>
        <source>&amp;New from five answers…</source>
        <translation>&amp;Neu aus fünf Antworten…</translation>
    </message>
    <message>
        <source>&amp;Open…</source>
        <translation>Ö&amp;ffnen…</translation>
    </message>
    <message>
        <source>Open &amp;recent</source>
        <translation>&amp;Zuletzt geöffnet</translation>
    </message>
    <message>
        <source>Open a &amp;demo</source>
        <translation>&amp;Demo öffnen</translation>
    </message>
    <message>
        <source>&amp;Save</source>
        <translation>&amp;Speichern</translation>
    </message>
    <message>
        <source>Save &amp;as…</source>
        <translation>Speichern &amp;unter…</translation>
    </message>
    <message>
        <source>Reload from dis&amp;k</source>
        <translation>Von der &amp;Platte neu laden</translation>
    </message>
    <message>
        <source>&amp;Quit</source>
        <translation>&amp;Beenden</translation>
    </message>
    <message>
        <source>Nothing yet: plans that you save or open are listed here</source>
        <translation>Noch nichts: Gespeicherte oder geöffnete Pläne stehen hier</translation>
    </message>
    <message>
        <source>&amp;Edit</source>
        <translation>&amp;Bearbeiten</translation>
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
        <source>&amp;Find anything…</source>
        <translation>Alles &amp;finden…</translation>
    </message>
    <message>
        <source>&amp;Help</source>
        <translation>&amp;Hilfe</translation>
    </message>
    <message>
        <source>&amp;Why this figure?</source>
        <translation>&amp;Warum dieser Wert?</translation>
    </message>
    <message>
        <source>not saved yet</source>
        <translation>noch nicht gespeichert</translation>
    </message>
    <message>
        <source>%1[*] (%2) – Spirk</source>
        <translation>%1[*] (%2) – Spirk</translation>
    </message>
    <message>
        <source>never saved</source>
        <translation>nie gespeichert</translation>
    </message>
    <message>
        <source>&apos;%1&apos; (%2) was open when Spirk stopped. It is recovered with all its changes, which are not saved yet: save it, or open the file again to discard them.</source>
        <translation>&apos;%1&apos; (%2) war offen, als Spirk endete. Alle Änderungen sind wiederhergestellt, aber noch nicht gespeichert: speichern, oder die Datei neu öffnen, um sie zu verwerfen.</translation>
    </message>
    <message>
        <source>New, e&amp;mpty</source>
        <translation>Neu, &amp;leer</translation>
    </message>
</context>
<context>
    <name>spirk::app::MarksRule</name>
    <message>
        <source>%1. Click a mark to see how it is calculated. Enter: what is needed; with Shift: what is chosen; with Ctrl: the most that is allowed.</source>
        <translation>%1. Ein Klick auf eine Marke zeigt, wie sie berechnet ist. Eingabetaste: was nötig ist; mit Umschalt: was gewählt ist; mit Strg: das Höchste, das erlaubt ist.</translation>
    </message>
    <message>
        <source>Needed %1, chosen %2.</source>
        <translation>Nötig %1, gewählt %2.</translation>
    </message>
    <message>
        <source>Not chosen.</source>
        <translation>Nicht gewählt.</translation>
    </message>
    <message>
        <source>needed %1</source>
        <translation>nötig %1</translation>
    </message>
    <message>
        <source>chosen %1</source>
        <translation>gewählt %1</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>höchstens %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::MonthsChart</name>
    <message>
        <source>Solar yield by month against daily use</source>
        <translation>Solarertrag je Monat gegen den Tagesverbrauch</translation>
    </message>
    <message>
        <source>Solar yield on an average day; the line is daily use</source>
        <translation>Solarertrag an einem mittleren Tag; die Linie ist der Tagesverbrauch</translation>
    </message>
</context>
<context>
    <name>spirk::app::NeedsModel</name>
    <message>
        <source>Appliance</source>
        <translation>Verbraucher</translation>
    </message>
    <message>
        <source>Supply</source>
        <translation>Versorgung</translation>
    </message>
    <message>
        <source>Count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>Rated</source>
        <translation>Nennwert</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>On</source>
        <translation>An</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>Runs</source>
        <translation>Läuft</translation>
    </message>
    <message>
        <source>Per day</source>
        <translation>Pro Tag</translation>
    </message>
    <message>
        <source>Share</source>
        <translation>Anteil</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>together</source>
        <translation>zusammen</translation>
    </message>
    <message>
        <source>The largest load on the bank: look here first</source>
        <translation>Der größte Verbraucher an der Bank: hier zuerst schauen</translation>
    </message>
    <message>
        <source>Change %1 of %2</source>
        <translation>%1 ändern: %2</translation>
    </message>
</context>
<context>
    <name>spirk::app::NeedsStation</name>
    <message>
        <source>Kitchen</source>
        <translation>Küche</translation>
    </message>
    <message>
        <source>Climate</source>
        <translation>Klima</translation>
    </message>
    <message>
        <source>Water</source>
        <translation>Wasser</translation>
    </message>
    <message>
        <source>Light</source>
        <translation>Licht</translation>
    </message>
    <message>
        <source>Electronics</source>
        <translation>Elektronik</translation>
    </message>
    <message>
        <source>Work</source>
        <translation>Arbeit</translation>
    </message>
    <message>
        <source>Other mains</source>
        <translation>Andere, Netz</translation>
    </message>
    <message>
        <source>Appliances</source>
        <translation>Verbraucher</translation>
    </message>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>&amp;Add appliance</source>
        <translation>Verbraucher &amp;hinzufügen</translation>
    </message>
    <message>
        <source>&amp;Something else…</source>
        <translation>&amp;Etwas anderes…</translation>
    </message>
    <message>
        <source>&amp;Remove</source>
        <translation>&amp;Entfernen</translation>
    </message>
    <message>
        <source>Remove the selected appliance (Delete)</source>
        <translation>Ausgewählten Verbraucher entfernen (Entf)</translation>
    </message>
    <message>
        <source>&amp;Wired</source>
        <translation>&amp;Verdrahtung</translation>
    </message>
    <message>
        <source>Place, switch and circuit of the selected DC appliance</source>
        <translation>Ort, Schalter und Stromkreis des ausgewählten DC-Verbrauchers</translation>
    </message>
    <message>
        <source>Edit in place; &apos;1.2 kW&apos;, &apos;90 min&apos; and &apos;0,75&apos; are understood.</source>
        <translation>Direkt eingeben; &apos;1,2 kW&apos;, &apos;90 min&apos; und &apos;0,75&apos; werden verstanden.</translation>
    </message>
    <message>
        <source>List everything that draws power: DC and mains, also what nobody lists, such as the router and the heater&apos;s fan.

For example: a fridge draws about 45 W while its compressor runs, some 7 hours of the day.</source>
        <translation>Alles auflisten, was Strom braucht: DC und Netz, auch was niemand aufschreibt, wie der Router und das Gebläse der Heizung.

Zum Beispiel: Ein Kühlschrank nimmt etwa 45 W auf, solange der Kompressor läuft, rund 7 Stunden am Tag.</translation>
    </message>
    <message>
        <source>Add the fridge</source>
        <translation>Kühlschrank hinzufügen</translation>
    </message>
    <message>
        <source>nothing listed yet</source>
        <translation>noch nichts eingetragen</translation>
    </message>
    <message>
        <source>%1 per day</source>
        <translation>%1 pro Tag</translation>
    </message>
    <message>
        <source>Add %1</source>
        <translation>Hinzufügen: %1</translation>
    </message>
    <message>
        <source>my appliance</source>
        <translation>mein Verbraucher</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>Entfernen: %1</translation>
    </message>
    <message>
        <source>Needs</source>
        <translation>Bedarf</translation>
    </message>
    <message>
        <source>Heating</source>
        <translation>Heizung</translation>
    </message>
    <message>
        <source>DC %1 · mains %2 · losses, less what is off with the inverter, %3 · from the bank %4 per day</source>
        <translation>Gleichstrom %1 · Netzspannung %2 · Verluste, weniger was mit dem Wechselrichter aus ist, %3 · aus der Bank %4 am Tag</translation>
    </message>
</context>
<context>
    <name>spirk::app::Notices</name>
    <message>
        <source>Close</source>
        <translation>Schließen</translation>
    </message>
</context>
<context>
    <name>spirk::app::OwnGearDialog</name>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Keep gear of your own</source>
        <translation>Eigenes Gerät aufnehmen</translation>
    </message>
    <message>
        <source>Your own gear</source>
        <translation>Eigene Geräte</translation>
    </message>
    <message>
        <source>Start from the most similar entry, then enter what your data sheet says. What you keep is stored in this plan and can be chosen in Supply.</source>
        <translation>Mit dem ähnlichsten Eintrag beginnen, dann die Werte aus dem Datenblatt eintragen. Was aufgenommen wird, steht in diesem Plan und lässt sich unter Versorgung wählen.</translation>
    </message>
    <message>
        <source>Kind of gear</source>
        <translation>Art des Geräts</translation>
    </message>
    <message>
        <source>Start from</source>
        <translation>Beginnen mit</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>&amp;Kind</source>
        <translation>A&amp;rt</translation>
    </message>
    <message>
        <source>&amp;Start from</source>
        <translation>&amp;Beginnen mit</translation>
    </message>
    <message>
        <source>&amp;Name</source>
        <translation>&amp;Name</translation>
    </message>
    <message>
        <source>Kee&amp;p it in the plan</source>
        <translation>In den &amp;Plan aufnehmen</translation>
    </message>
    <message>
        <source>Gear needs a name. Type one without a brand: &apos;lithium battery, 105 Ah&apos;.</source>
        <translation>Ein Gerät braucht einen Namen. Ohne Marke eingeben: &apos;Lithiumbatterie, 105 Ah&apos;.</translation>
    </message>
    <message>
        <source>Kept. Choose &apos;%1&apos; in Supply.</source>
        <translation>Aufgenommen. &apos;%1&apos; unter Versorgung wählen.</translation>
    </message>
</context>
<context>
    <name>spirk::app::PlacedTable</name>
    <message>
        <source>Device</source>
        <translation>Gerät</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>Verschieben: %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::PlacesTable</name>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>How warm it gets</source>
        <translation>Wie warm es wird</translation>
    </message>
    <message>
        <source>Change a place</source>
        <translation>Einen Ort ändern</translation>
    </message>
</context>
<context>
    <name>spirk::app::PlanFiles</name>
    <message>
        <source>Spirk plans (*.spirk)</source>
        <translation>Spirk-Pläne (*.spirk)</translation>
    </message>
    <message>
        <source>A &amp;bookbinder&apos;s long van (Europe, 12 V)</source>
        <translation>Langer Transporter einer &amp;Buchbinderin (Europa, 12 V)</translation>
    </message>
    <message>
        <source>A &amp;stargazer&apos;s high van (North America, 24 V)</source>
        <translation>Hochdach einer &amp;Sternguckerin (Nordamerika, 24 V)</translation>
    </message>
    <message>
        <source>A &amp;paddler&apos;s micro van (Europe, one battery)</source>
        <translation>Kleinbus eines &amp;Paddlers (Europa, eine Batterie)</translation>
    </message>
    <message>
        <source>Open a plan</source>
        <translation>Plan öffnen</translation>
    </message>
    <message>
        <source>&apos;%1&apos; was not opened; the plan that was open stays open.</source>
        <translation>&apos;%1&apos; wurde nicht geöffnet; der offene Plan bleibt offen.</translation>
    </message>
    <message numerus="yes">
        <source>%1 and %n more</source>
        <translation>
            <numerusform>%1 und %n weiteres</numerusform>
            <numerusform>%1 und %n weitere</numerusform>
        </translation>
    </message>
    <message>
        <source>This version does not know these fields of the file; they are kept as they are when you save: %1.</source>
        <translation>Diese Version kennt diese Felder der Datei nicht; beim Speichern bleiben sie, wie sie sind: %1.</translation>
    </message>
    <message>
        <source>Save the plan</source>
        <translation>Plan speichern</translation>
    </message>
    <message>
        <source>&apos;%1&apos; is one of Spirk&apos;s demos and cannot be changed. Save it under another name.</source>
        <translation>&apos;%1&apos; ist eine Demo von Spirk und lässt sich nicht ändern. Unter anderem Namen speichern.</translation>
    </message>
    <message>
        <source>Nothing was imported from &apos;%1&apos;.</source>
        <translation>Aus &apos;%1&apos; wurde nichts importiert.</translation>
    </message>
    <message numerus="yes">
        <source>%n entries imported from &apos;%1&apos;.</source>
        <translation>
            <numerusform>%n Eintrag aus &apos;%1&apos; importiert.</numerusform>
            <numerusform>%n Einträge aus &apos;%1&apos; importiert.</numerusform>
        </translation>
    </message>
    <message>
        <source>and %1 more</source>
        <translation>und %1 weitere</translation>
    </message>
    <message>
        <source>Import gear</source>
        <translation>Geräte importieren</translation>
    </message>
</context>
<context>
    <name>spirk::app::PlanMenu</name>
    <message>
        <source>&amp;Plan</source>
        <translation>&amp;Plan</translation>
    </message>
    <message>
        <source>&amp;Region</source>
        <translation>Re&amp;gion</translation>
    </message>
    <message>
        <source>&amp;Both regions side by side…</source>
        <translation>&amp;Beide Regionen nebeneinander…</translation>
    </message>
    <message>
        <source>&amp;Units</source>
        <translation>&amp;Einheiten</translation>
    </message>
    <message>
        <source>&amp;Metres and kilograms</source>
        <translation>&amp;Meter und Kilogramm</translation>
    </message>
    <message>
        <source>&amp;Feet and pounds</source>
        <translation>&amp;Fuß und Pfund</translation>
    </message>
    <message>
        <source>Degrees &amp;Celsius</source>
        <translation>Grad &amp;Celsius</translation>
    </message>
    <message>
        <source>Degrees Fahren&amp;heit</source>
        <translation>Grad Fahren&amp;heit</translation>
    </message>
    <message>
        <source>Colour of &amp;negative</source>
        <translation>Farbe des Minus&amp;leiters</translation>
    </message>
    <message>
        <source>&amp;Your own gear…</source>
        <translation>Eigene Ge&amp;räte…</translation>
    </message>
    <message>
        <source>Cable that you &amp;own…</source>
        <translation>Vorhandenes &amp;Kabel…</translation>
    </message>
    <message>
        <source>&amp;Import gear from a file…</source>
        <translation>Geräte aus Datei &amp;importieren…</translation>
    </message>
    <message>
        <source>&amp;Export your own gear…</source>
        <translation>Eigene Geräte e&amp;xportieren…</translation>
    </message>
    <message>
        <source>Choose the negative&apos;s colour</source>
        <translation>Farbe des Minusleiters wählen</translation>
    </message>
    <message>
        <source>Change the region: %1</source>
        <translation>Region ändern: %1</translation>
    </message>
    <message>
        <source>Change the units</source>
        <translation>Einheiten ändern</translation>
    </message>
    <message>
        <source>Cable that you own</source>
        <translation>Vorhandenes Kabel</translation>
    </message>
    <message>
        <source>Change the cable that you own</source>
        <translation>Vorhandenes Kabel ändern</translation>
    </message>
    <message>
        <source>Import gear</source>
        <translation>Geräte importieren</translation>
    </message>
    <message>
        <source>Gear (*.spirkgear)</source>
        <translation>Geräte (*.spirkgear)</translation>
    </message>
    <message>
        <source>Export your own gear</source>
        <translation>Eigene Geräte exportieren</translation>
    </message>
</context>
<context>
    <name>spirk::app::PlanTable</name>
    <message>
        <source>Kept: %1.</source>
        <translation>Behalten: %1.</translation>
    </message>
</context>
<context>
    <name>spirk::app::PlanWatch</name>
    <message>
        <source>&apos;%1&apos; is open in another Spirk window too. Whichever window saves last will ask which version to keep.</source>
        <translation>&apos;%1&apos; ist auch in einem anderen Spirk-Fenster offen. Das Fenster, das zuletzt speichert, fragt, welche Fassung bleiben soll.</translation>
    </message>
    <message>
        <source>&apos;%1&apos; has been changed by another program since it was opened here. Saving will ask which version to keep.</source>
        <translation>&apos;%1&apos; wurde von einem anderen Programm geändert, seit es hier geöffnet wurde. Beim Speichern wird gefragt, welche Fassung bleiben soll.</translation>
    </message>
</context>
<context>
    <name>spirk::app::PowerUpStation</name>
    <message>
        <source>Sheet for the first switch-on</source>
        <translation>Blatt für das erste Einschalten</translation>
    </message>
    <message>
        <source>&amp;Print the sheet…</source>
        <translation>Blatt &amp;drucken…</translation>
    </message>
    <message>
        <source>One step at a &amp;time</source>
        <translation>&amp;Ein Schritt nach dem anderen</translation>
    </message>
    <message>
        <source>Large type for reading in the van, by arrow keys or touch</source>
        <translation>Große Schrift zum Lesen im Fahrzeug, mit Pfeiltasten oder Berühren</translation>
    </message>
    <message numerus="yes">
        <source>%n step(s)</source>
        <translation>
            <numerusform>%n Schritt</numerusform>
            <numerusform>%n Schritte</numerusform>
        </translation>
    </message>
    <message>
        <source>Dead tests: everything off</source>
        <translation>Prüfungen im spannungsfreien Zustand: alles aus</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Power-up</source>
        <translation>Einschalten</translation>
    </message>
    <message>
        <source>Switching on: expected readings</source>
        <translation>Einschalten: erwartete Messwerte</translation>
    </message>
    <message>
        <source>Switching off, for work and for storage</source>
        <translation>Ausschalten, für Arbeiten und zum Einlagern</translation>
    </message>
</context>
<context>
    <name>spirk::app::PrintMenu</name>
    <message>
        <source>&amp;Print</source>
        <translation>D&amp;rucken</translation>
    </message>
    <message>
        <source>The switch-on &amp;sheet…</source>
        <translation>&amp;Inbetriebnahmeblatt…</translation>
    </message>
    <message>
        <source>The dia&amp;gram…</source>
        <translation>&amp;Schaltplan…</translation>
    </message>
    <message>
        <source>The &amp;lists…</source>
        <translation>&amp;Listen…</translation>
    </message>
</context>
<context>
    <name>spirk::app::Rail</name>
    <message>
        <source>Stations</source>
        <translation>Stationen</translation>
    </message>
</context>
<context>
    <name>spirk::app::RailModel</name>
    <message>
        <source>%1: %2 (Ctrl+%3)</source>
        <translation>%1: %2 (Strg+%3)</translation>
    </message>
</context>
<context>
    <name>spirk::app::Recovery</name>
    <message>
        <source>Unsaved changes are not kept: &apos;%1&apos; cannot be written.</source>
        <translation>Ungespeicherte Änderungen werden nicht gesichert: &apos;%1&apos; lässt sich nicht schreiben.</translation>
    </message>
    <message>
        <source>Unsaved changes are not kept. %1</source>
        <translation>Ungespeicherte Änderungen werden nicht gesichert. %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::Ribbon</name>
    <message>
        <source>The day in 24 hours</source>
        <translation>Der Tag in 24 Stunden</translation>
    </message>
    <message>
        <source>Up and Down select an appliance, Space its next use; Left and Right move it, with Shift its end, with Alt its start; S splits it, J joins it to the next.</source>
        <translation>Auf und Ab wählen einen Verbraucher, Leertaste seine nächste Nutzung; Links und Rechts verschieben sie, mit Umschalt ihr Ende, mit Alt ihren Anfang; S teilt sie, J verbindet sie mit der nächsten.</translation>
    </message>
    <message>
        <source>DC solid,
mains hatched</source>
        <translation>DC voll,
Netz schraffiert</translation>
    </message>
    <message>
        <source>Move %1</source>
        <translation>Verschieben: %1</translation>
    </message>
    <message>
        <source>Stretch %1</source>
        <translation>Dehnen: %1</translation>
    </message>
    <message>
        <source>Split %1</source>
        <translation>Teilen: %1</translation>
    </message>
    <message>
        <source>Join %1</source>
        <translation>Verbinden: %1</translation>
    </message>
    <message>
        <source>%1: %2 while on, %3 per day
Drag a bar to move it, its ends to stretch it; double click splits it.</source>
        <translation>%1: %2 im Betrieb, %3 pro Tag
Balken ziehen verschiebt, an den Enden ziehen dehnt; Doppelklick teilt.</translation>
    </message>
</context>
<context>
    <name>spirk::app::Session</name>
    <message>
        <source>Spirk has failed (%1), which is a defect in Spirk. Your plan is as it was before; save it under another name, then start Spirk again.</source>
        <translation>Spirk ist gescheitert (%1), das ist ein Fehler in Spirk. Ihr Plan ist wie zuvor; unter anderem Namen speichern, dann Spirk neu starten.</translation>
    </message>
</context>
<context>
    <name>spirk::app::Severities</name>
    <message numerus="yes">
        <source>%n danger(s)</source>
        <translation>
            <numerusform>%n Gefahr</numerusform>
            <numerusform>%n Gefahren</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n fault(s)</source>
        <translation>
            <numerusform>%n Mangel</numerusform>
            <numerusform>%n Mängel</numerusform>
        </translation>
    </message>
    <message numerus="yes">
        <source>%n advice</source>
        <translation>
            <numerusform>%n Hinweis</numerusform>
            <numerusform>%n Hinweise</numerusform>
        </translation>
    </message>
    <message>
        <source>nothing found</source>
        <translation>nichts gefunden</translation>
    </message>
</context>
<context>
    <name>spirk::app::SideBySideDialog</name>
    <message>
        <source>Conductor</source>
        <translation>Leitung</translation>
    </message>
    <message>
        <source>%1: size</source>
        <translation>%1: Querschnitt</translation>
    </message>
    <message>
        <source>%1: fuse</source>
        <translation>%1: Sicherung</translation>
    </message>
    <message>
        <source>Both regions side by side</source>
        <translation>Beide Regionen nebeneinander</translation>
    </message>
    <message>
        <source>Size and fuse of each conductor by region</source>
        <translation>Querschnitt und Sicherung jeder Leitung nach Region</translation>
    </message>
    <message>
        <source>Comparing…</source>
        <translation>Wird verglichen…</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>The same plan with each region&apos;s own cables and rules, without the sizes you have set. %1.</source>
        <translation>Derselbe Plan mit den Kabeln und Regeln jeder Region, ohne die von Ihnen gesetzten Querschnitte. %1.</translation>
    </message>
</context>
<context>
    <name>spirk::app::StepCards</name>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>Set the %1.</source>
        <translation>Einstellen: %1.</translation>
    </message>
    <message>
        <source>above %1</source>
        <translation>über %1</translation>
    </message>
    <message>
        <source>below %1</source>
        <translation>unter %1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Dead tests: everything off</source>
        <translation>Prüfungen im spannungsfreien Zustand: alles aus</translation>
    </message>
    <message>
        <source>Switching on</source>
        <translation>Einschalten</translation>
    </message>
    <message>
        <source>Step %v of %m</source>
        <translation>Schritt %v von %m</translation>
    </message>
    <message>
        <source>The step</source>
        <translation>Der Schritt</translation>
    </message>
    <message>
        <source>&amp;Back</source>
        <translation>&amp;Zurück</translation>
    </message>
    <message>
        <source>Left</source>
        <translation>Links</translation>
    </message>
    <message>
        <source>&amp;Whole sheet</source>
        <translation>&amp;Ganzes Blatt</translation>
    </message>
    <message>
        <source>Escape</source>
        <translation>Escape</translation>
    </message>
    <message>
        <source>&amp;Next</source>
        <translation>&amp;Weiter</translation>
    </message>
    <message>
        <source>Right</source>
        <translation>Rechts</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Nothing to switch on yet.</source>
        <translation>Noch nichts einzuschalten.</translation>
    </message>
    <message>
        <source>Switching off</source>
        <translation>Ausschalten</translation>
    </message>
</context>
<context>
    <name>spirk::app::Strip</name>
    <message>
        <source>Show the findings</source>
        <translation>Befunde zeigen</translation>
    </message>
    <message>
        <source>What the last edit changed</source>
        <translation>Was die letzte Änderung bewirkt hat</translation>
    </message>
    <message>
        <source>Why? Shows how this figure is calculated</source>
        <translation>Warum? Zeigt, wie dieser Wert berechnet ist</translation>
    </message>
    <message>
        <source>%1 days without sun</source>
        <translation>%1 Tage ohne Sonne</translation>
    </message>
    <message>
        <source>nothing used yet</source>
        <translation>noch kein Verbrauch</translation>
    </message>
    <message>
        <source>inverter peak %1</source>
        <translation>Wechselrichter-Spitze %1</translation>
    </message>
    <message>
        <source>no mains loads</source>
        <translation>keine Netzverbraucher</translation>
    </message>
    <message>
        <source>about %1</source>
        <translation>etwa %1</translation>
    </message>
    <message>
        <source>Last edit: %1</source>
        <translation>Letzte Änderung: %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::Supplies</name>
    <message>
        <source>mains</source>
        <translation>Netz</translation>
    </message>
    <message>
        <source>12 V</source>
        <translation>12 V</translation>
    </message>
    <message>
        <source>24 V</source>
        <translation>24 V</translation>
    </message>
    <message>
        <source>12/24 V</source>
        <translation>12/24 V</translation>
    </message>
</context>
<context>
    <name>spirk::app::SupplyStation</name>
    <message>
        <source>Bank</source>
        <translation>Bank</translation>
    </message>
    <message>
        <source>Sun</source>
        <translation>Sonne</translation>
    </message>
    <message>
        <source>Engine</source>
        <translation>Motor</translation>
    </message>
    <message>
        <source>Inverter</source>
        <translation>Wechselrichter</translation>
    </message>
    <message>
        <source>&amp;Name of the plan</source>
        <translation>&amp;Name des Plans</translation>
    </message>
    <message>
        <source>&amp;Climate like</source>
        <translation>&amp;Klima wie</translation>
    </message>
    <message>
        <source>&amp;From</source>
        <translation>&amp;Von</translation>
    </message>
    <message>
        <source>&amp;Days without sun</source>
        <translation>&amp;Tage ohne Sonne</translation>
    </message>
    <message>
        <source>D&amp;riving per day</source>
        <translation>&amp;Fahrzeit pro Tag</translation>
    </message>
    <message>
        <source>&amp;To</source>
        <translation>&amp;Bis</translation>
    </message>
    <message>
        <source>Name of the plan</source>
        <translation>Name des Plans</translation>
    </message>
    <message>
        <source>Name the plan</source>
        <translation>Plan benennen</translation>
    </message>
    <message>
        <source>Climate like</source>
        <translation>Klima wie</translation>
    </message>
    <message>
        <source>From</source>
        <translation>Von</translation>
    </message>
    <message>
        <source>To</source>
        <translation>Nach</translation>
    </message>
    <message>
        <source>Choose the climate</source>
        <translation>Klima wählen</translation>
    </message>
    <message>
        <source>Change the first month</source>
        <translation>Ersten Monat ändern</translation>
    </message>
    <message>
        <source>Change the last month</source>
        <translation>Letzten Monat ändern</translation>
    </message>
    <message>
        <source>Days without sun</source>
        <translation>Tage ohne Sonne</translation>
    </message>
    <message>
        <source>Change days without sun</source>
        <translation>Tage ohne Sonne ändern</translation>
    </message>
    <message>
        <source>Driving per day</source>
        <translation>Fahrzeit pro Tag</translation>
    </message>
    <message>
        <source>Change driving per day</source>
        <translation>Fahrzeit pro Tag ändern</translation>
    </message>
    <message>
        <source>nothing used yet</source>
        <translation>noch kein Verbrauch</translation>
    </message>
    <message>
        <source>%1 of %2 days</source>
        <translation>%1 von %2 Tagen</translation>
    </message>
    <message>
        <source>no panels chosen</source>
        <translation>keine Module gewählt</translation>
    </message>
    <message>
        <source>no engine charging chosen</source>
        <translation>kein Laden vom Motor gewählt</translation>
    </message>
    <message>
        <source>worst case at once; surge %1</source>
        <translation>ungünstigster Fall gleichzeitig; Anlauf %1</translation>
    </message>
    <message>
        <source>no inverter chosen</source>
        <translation>kein Wechselrichter gewählt</translation>
    </message>
    <message>
        <source>Supply</source>
        <translation>Versorgung</translation>
    </message>
    <message>
        <source>%1 days without sun</source>
        <translation>%1 Tage ohne Sonne</translation>
    </message>
    <message>
        <source>panels for %1 alone</source>
        <translation>Module für %1 allein</translation>
    </message>
    <message>
        <source>current into the bank; what of it is used is back after %1 of driving</source>
        <translation>Strom in die Bank; was von ihr genutzt wird, ist nach %1 Fahrt wieder darin</translation>
    </message>
</context>
<context>
    <name>spirk::app::TimeCurrentView</name>
    <message>
        <source>Select a conductor above to see its load, when its fuse opens, and how long its cable withstands a short circuit.</source>
        <translation>Oben eine Leitung auswählen, um ihren Strom zu sehen, wann ihre Sicherung auslöst und wie lange ihr Kabel einen Kurzschluss aushält.</translation>
    </message>
    <message>
        <source>No fuse protects this conductor.</source>
        <translation>Keine Sicherung schützt diese Leitung.</translation>
    </message>
    <message>
        <source>%1. It does not have to open at the lowest short-circuit current, %2: the cable carries %3 continuously.</source>
        <translation>%1. Beim kleinsten Kurzschlussstrom, %2, muss sie nicht auslösen: Das Kabel trägt %3 dauernd.</translation>
    </message>
    <message>
        <source>Time-current curves of the selected conductor</source>
        <translation>Zeit-Strom-Kennlinien der ausgewählten Leitung</translation>
    </message>
    <message>
        <source>load, %1</source>
        <translation>Betriebsstrom, %1</translation>
    </message>
    <message>
        <source>short circuit at the far end, %1</source>
        <translation>Kurzschluss am fernen Ende, %1</translation>
    </message>
    <message>
        <source>short circuit at the near end, %1</source>
        <translation>Kurzschluss am nahen Ende, %1</translation>
    </message>
    <message>
        <source>fuse opens between these lines</source>
        <translation>Sicherung löst zwischen diesen Linien aus</translation>
    </message>
    <message>
        <source>longest the cable withstands</source>
        <translation>so lange hält es das Kabel aus</translation>
    </message>
    <message>
        <source>At the lowest short-circuit current, %1, the %2 opens within %3; its cable withstands %4.</source>
        <translation>Beim kleinsten Kurzschlussstrom, %1, löst die Sicherung (%2) in %3 aus; ihr Kabel hält %4 aus.</translation>
    </message>
</context>
<context>
    <name>spirk::app::UnitCards</name>
    <message>
        <source>Panel</source>
        <translation>Modul</translation>
    </message>
    <message>
        <source>In series</source>
        <translation>In Reihe</translation>
    </message>
    <message>
        <source>Strings in parallel</source>
        <translation>Stränge parallel</translation>
    </message>
    <message>
        <source>the starter battery itself</source>
        <translation>direkt von der Starterbatterie</translation>
    </message>
    <message>
        <source>Fed from</source>
        <translation>Gespeist von</translation>
    </message>
    <message>
        <source>%1 × %2</source>
        <translation>%1 × %2</translation>
    </message>
    <message>
        <source>Charges while the sun shines.</source>
        <translation>Lädt, solange die Sonne scheint.</translation>
    </message>
    <message>
        <source>Controller</source>
        <translation>Laderegler</translation>
    </message>
    <message>
        <source>%1 × %2, beside others</source>
        <translation>%1 × %2, neben anderen</translation>
    </message>
    <message>
        <source>More panels on a controller that already has some.</source>
        <translation>Weitere Module an einem vorhandenen Laderegler.</translation>
    </message>
    <message>
        <source>At</source>
        <translation>An</translation>
    </message>
    <message>
        <source>Charges while you drive.</source>
        <translation>Lädt während der Fahrt.</translation>
    </message>
    <message>
        <source>DC-DC charger</source>
        <translation>Ladebooster</translation>
    </message>
    <message>
        <source>Connects both batteries while you drive.</source>
        <translation>Verbindet beide Batterien während der Fahrt.</translation>
    </message>
    <message>
        <source>Relay</source>
        <translation>Relais</translation>
    </message>
    <message>
        <source>Charges while plugged in.</source>
        <translation>Lädt am Landstrom.</translation>
    </message>
    <message>
        <source>Charger</source>
        <translation>Ladegerät</translation>
    </message>
    <message>
        <source>On shore power per day</source>
        <translation>Am Landstrom pro Tag</translation>
    </message>
    <message>
        <source>Charges while you drive and while the sun shines; when both are there, each gives a share.</source>
        <translation>Lädt während der Fahrt und bei Sonne; ist beides da, gibt jedes einen Anteil.</translation>
    </message>
    <message>
        <source>Charges only the bank, while the engine runs.</source>
        <translation>Lädt nur die Bank, solange der Motor läuft.</translation>
    </message>
    <message>
        <source>Alternator</source>
        <translation>Lichtmaschine</translation>
    </message>
    <message>
        <source>Keeps the starter battery full while the bank is being charged.</source>
        <translation>Hält die Starterbatterie voll, während die Bank geladen wird.</translation>
    </message>
    <message>
        <source>Trickle charger</source>
        <translation>Erhaltungslader</translation>
    </message>
    <message>
        <source>Choose: %1</source>
        <translation>Wählen: %1</translation>
    </message>
    <message>
        <source>Stores the energy for when nothing charges.</source>
        <translation>Speichert die Energie für Zeiten ohne Laden.</translation>
    </message>
    <message>
        <source>Battery</source>
        <translation>Batterie</translation>
    </message>
    <message>
        <source>In parallel</source>
        <translation>Parallel</translation>
    </message>
    <message>
        <source>Ventilation</source>
        <translation>Belüftung</translation>
    </message>
    <message>
        <source>none, in the living space</source>
        <translation>keine, im Wohnraum</translation>
    </message>
    <message>
        <source>vent tube to the outside</source>
        <translation>Entgasungsschlauch nach außen</translation>
    </message>
    <message>
        <source>box with vents to the outside</source>
        <translation>Kasten mit Öffnungen nach außen</translation>
    </message>
    <message>
        <source>installed outside</source>
        <translation>außen eingebaut</translation>
    </message>
    <message>
        <source>Flooded lead-acid batteries give off hydrogen while charging. Sealed ones hardly do, lithium ones not at all.</source>
        <translation>Nass-Bleibatterien geben beim Laden Wasserstoff ab, verschlossene kaum, Lithiumbatterien keinen.</translation>
    </message>
    <message>
        <source>Choose the ventilation</source>
        <translation>Belüftung wählen</translation>
    </message>
    <message>
        <source>Each vent opening, cm²</source>
        <translation>Jede Öffnung, cm²</translation>
    </message>
    <message>
        <source>Heater in each</source>
        <translation>Heizung in jeder</translation>
    </message>
    <message>
        <source>Heats below</source>
        <translation>Heizt unter</translation>
    </message>
    <message>
        <source>Remote fuse block</source>
        <translation>Abgesetzter Sicherungsblock</translation>
    </message>
    <message>
        <source>A fuse block in another place, on one feed.</source>
        <translation>Ein Sicherungsblock an einem anderen Ort, an einer Zuleitung.</translation>
    </message>
    <message>
        <source>Fed by</source>
        <translation>Gespeist von</translation>
    </message>
    <message>
        <source>Place</source>
        <translation>Ort</translation>
    </message>
    <message>
        <source>Choose a place</source>
        <translation>Ort wählen</translation>
    </message>
    <message>
        <source>Makes 12 V from the bank&apos;s voltage.</source>
        <translation>Macht 12 V aus der Spannung der Bank.</translation>
    </message>
    <message>
        <source>Converter</source>
        <translation>Spannungswandler</translation>
    </message>
    <message>
        <source>Bus bars</source>
        <translation>Sammelschienen</translation>
    </message>
    <message>
        <source>Fused distributor</source>
        <translation>Sicherungsverteiler</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>Everything else connects here.</source>
        <translation>Hier wird alles andere angeschlossen.</translation>
    </message>
    <message>
        <source>Distribution</source>
        <translation>Verteilung</translation>
    </message>
    <message>
        <source>bus bars</source>
        <translation>Sammelschienen</translation>
    </message>
    <message>
        <source>fused distributor</source>
        <translation>Sicherungsverteiler</translation>
    </message>
    <message>
        <source>Bars with separate fuse holders are flexible; a distributor holds the fuses, tidy and covered</source>
        <translation>Schienen mit einzelnen Sicherungshaltern sind flexibel; ein Verteiler trägt die Sicherungen ordentlich und abgedeckt</translation>
    </message>
    <message>
        <source>Choose the distribution</source>
        <translation>Verteilung wählen</translation>
    </message>
    <message>
        <source>Makes mains voltage from the bank, and charges the bank from shore power.</source>
        <translation>Macht Netzspannung aus der Bank und lädt die Bank vom Landstrom.</translation>
    </message>
    <message>
        <source>Makes mains voltage from the bank.</source>
        <translation>Macht Netzspannung aus der Bank.</translation>
    </message>
    <message>
        <source>Inverter</source>
        <translation>Wechselrichter</translation>
    </message>
    <message>
        <source>Switched on per day</source>
        <translation>Eingeschaltet pro Tag</translation>
    </message>
    <message>
        <source>Panels with a controller</source>
        <translation>Module mit Laderegler</translation>
    </message>
    <message>
        <source>DC-DC charger from the engine</source>
        <translation>Ladebooster vom Motor</translation>
    </message>
    <message>
        <source>Relay from the starter battery</source>
        <translation>Relais von der Starterbatterie</translation>
    </message>
    <message>
        <source>Charger on shore power</source>
        <translation>Landstrom-Ladegerät</translation>
    </message>
    <message>
        <source>One charger for engine and sun</source>
        <translation>Ein Ladegerät für Motor und Sonne</translation>
    </message>
    <message>
        <source>More panels on the same controller</source>
        <translation>Weitere Module am selben Laderegler</translation>
    </message>
    <message>
        <source>Second alternator</source>
        <translation>Zweite Lichtmaschine</translation>
    </message>
    <message>
        <source>Another bank with its own bars</source>
        <translation>Zweite Bank mit eigenen Schienen</translation>
    </message>
    <message>
        <source>Module behind plugs</source>
        <translation>Modul mit Steckern</translation>
    </message>
    <message>
        <source>Converter for 12 V loads</source>
        <translation>Spannungswandler für 12-V-Verbraucher</translation>
    </message>
    <message>
        <source>Fuse block elsewhere in the van</source>
        <translation>Sicherungsblock an anderem Ort im Fahrzeug</translation>
    </message>
    <message>
        <source>Display or gauges</source>
        <translation>Anzeige oder Instrumente</translation>
    </message>
    <message>
        <source>Trickle charger for the starter battery</source>
        <translation>Erhaltungslader für die Starterbatterie</translation>
    </message>
    <message>
        <source>Add charging</source>
        <translation>Laden hinzufügen</translation>
    </message>
    <message>
        <source>Add storage</source>
        <translation>Speicher hinzufügen</translation>
    </message>
    <message>
        <source>Add output</source>
        <translation>Abgang hinzufügen</translation>
    </message>
    <message>
        <source>Add: %1</source>
        <translation>Hinzufügen: %1</translation>
    </message>
    <message>
        <source>Circuit: %1</source>
        <translation>Stromkreis: %1</translation>
    </message>
    <message>
        <source>Circuit of %1 loads</source>
        <translation>Stromkreis, Verbraucherart %1</translation>
    </message>
    <message>
        <source>One load by itself.</source>
        <translation>Ein einzelner Verbraucher.</translation>
    </message>
    <message>
        <source>the starter battery</source>
        <translation>die Starterbatterie</translation>
    </message>
    <message>
        <source>Supplied by</source>
        <translation>Versorgt von</translation>
    </message>
    <message>
        <source>Starts at</source>
        <translation>Beginnt an</translation>
    </message>
    <message>
        <source>at a way of a block</source>
        <translation>an einem Abgang eines Blocks</translation>
    </message>
    <message>
        <source>with a fuse of its own</source>
        <translation>mit eigener Sicherung</translation>
    </message>
    <message>
        <source>Live</source>
        <translation>Unter Spannung</translation>
    </message>
    <message>
        <source>with the main switch on</source>
        <translation>bei eingeschaltetem Hauptschalter</translation>
    </message>
    <message>
        <source>always</source>
        <translation>immer</translation>
    </message>
    <message>
        <source>while the engine runs</source>
        <translation>solange der Motor läuft</translation>
    </message>
    <message>
        <source>Its return</source>
        <translation>Rückleitung</translation>
    </message>
    <message>
        <source>a cable</source>
        <translation>ein Kabel</translation>
    </message>
    <message>
        <source>the body</source>
        <translation>die Karosserie</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Its loads stay and are grouped automatically again</source>
        <translation>Seine Verbraucher bleiben und werden wieder automatisch gruppiert</translation>
    </message>
    <message>
        <source>Remove a circuit</source>
        <translation>Stromkreis entfernen</translation>
    </message>
    <message>
        <source>the converter</source>
        <translation>der Spannungswandler</translation>
    </message>
    <message>
        <source>remote fuse block</source>
        <translation>abgesetzter Sicherungsblock</translation>
    </message>
    <message>
        <source>remote fuse block (%1)</source>
        <translation>abgesetzter Sicherungsblock (%1)</translation>
    </message>
    <message>
        <source>the bus bars</source>
        <translation>die Sammelschienen</translation>
    </message>
    <message>
        <source>the bus bars of %1</source>
        <translation>die Sammelschienen von %1</translation>
    </message>
    <message>
        <source>as the others</source>
        <translation>wie die anderen</translation>
    </message>
    <message>
        <source>Battery that differs</source>
        <translation>Abweichende Batterie</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Modell</translation>
    </message>
    <message>
        <source>Capacity left, %</source>
        <translation>Restkapazität, %</translation>
    </message>
    <message>
        <source>Same as the others again</source>
        <translation>Wieder wie die anderen</translation>
    </message>
    <message>
        <source>Make a battery the same as the others</source>
        <translation>Batterie wieder wie die anderen machen</translation>
    </message>
    <message>
        <source>One differs or has aged</source>
        <translation>Eine weicht ab oder ist gealtert</translation>
    </message>
    <message>
        <source>A battery of another model, or one that has lost capacity: its share of the current is computed, and problems are reported</source>
        <translation>Eine Batterie eines anderen Modells, oder eine, die Kapazität verloren hat: Ihr Stromanteil wird berechnet, Probleme werden gemeldet</translation>
    </message>
    <message>
        <source>Let a battery differ</source>
        <translation>Batterie abweichen lassen</translation>
    </message>
    <message>
        <source>Shows the bank, tanks and temperatures.</source>
        <translation>Zeigt Bank, Tanks und Temperaturen.</translation>
    </message>
    <message>
        <source>Display</source>
        <translation>Anzeige</translation>
    </message>
    <message>
        <source>Add a sensor</source>
        <translation>Sensor hinzufügen</translation>
    </message>
    <message>
        <source>fresh water</source>
        <translation>Frischwasser</translation>
    </message>
    <message>
        <source>Sensor</source>
        <translation>Sensor</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Misst</translation>
    </message>
    <message>
        <source>how full a tank is</source>
        <translation>wie voll ein Tank ist</translation>
    </message>
    <message>
        <source>a temperature</source>
        <translation>eine Temperatur</translation>
    </message>
    <message>
        <source>a voltage</source>
        <translation>eine Spannung</translation>
    </message>
    <message>
        <source>Remove a sensor</source>
        <translation>Sensor entfernen</translation>
    </message>
    <message>
        <source>Module: %1</source>
        <translation>Modul: %1</translation>
    </message>
    <message>
        <source>Connected by plugs, removable as a whole.</source>
        <translation>Über Stecker angeschlossen, als Ganzes abnehmbar.</translation>
    </message>
    <message>
        <source>Its name</source>
        <translation>Sein Name</translation>
    </message>
    <message>
        <source>Choose what is in a module</source>
        <translation>Inhalt des Moduls wählen</translation>
    </message>
    <message>
        <source>Its contents stay, without the plugs</source>
        <translation>Sein Inhalt bleibt, ohne die Stecker</translation>
    </message>
    <message>
        <source>Remove a module</source>
        <translation>Modul entfernen</translation>
    </message>
    <message>
        <source>Charging</source>
        <translation>Laden</translation>
    </message>
    <message>
        <source>Storage</source>
        <translation>Speicher</translation>
    </message>
    <message>
        <source>Output</source>
        <translation>Abgänge</translation>
    </message>
    <message>
        <source>Compare…</source>
        <translation>Vergleichen…</translation>
    </message>
    <message>
        <source>Each way and each choice on this plan: currents, drops, findings, cost, weight and terminations</source>
        <translation>Jede Anschlussart und jede Wahl an diesem Plan: Ströme, Spannungsfälle, Befunde, Kosten, Gewicht und Anschlüsse</translation>
    </message>
    <message>
        <source>Remove: %1</source>
        <translation>Entfernen: %1</translation>
    </message>
    <message>
        <source>How it is connected</source>
        <translation>Wie es angeschlossen ist</translation>
    </message>
    <message>
        <source>Connected</source>
        <translation>Anschluss</translation>
    </message>
    <message>
        <source>Choose how it is connected</source>
        <translation>Anschlussart wählen</translation>
    </message>
    <message>
        <source>Choose an option</source>
        <translation>Option wählen</translation>
    </message>
    <message>
        <source>Change: %1</source>
        <translation>Ändern: %1</translation>
    </message>
    <message>
        <source>The vehicle</source>
        <translation>Das Fahrzeug</translation>
    </message>
    <message>
        <source>Its voltage</source>
        <translation>Spannung</translation>
    </message>
    <message>
        <source>constant, about 14 V</source>
        <translation>konstant, etwa 14 V</translation>
    </message>
    <message>
        <source>variable (smart alternator)</source>
        <translation>veränderlich (intelligente Lichtmaschine)</translation>
    </message>
    <message>
        <source>Many newer vehicles let the alternator&apos;s voltage fall to save fuel and raise it when braking: a relay then charges badly</source>
        <translation>Viele neuere Fahrzeuge senken die Spannung der Lichtmaschine, um Kraftstoff zu sparen, und heben sie beim Bremsen: Ein Relais lädt dann schlecht</translation>
    </message>
    <message>
        <source>Change the alternator&apos;s voltage</source>
        <translation>Spannung der Lichtmaschine ändern</translation>
    </message>
    <message>
        <source>Supply point</source>
        <translation>Anschlusspunkt</translation>
    </message>
    <message>
        <source>already in the van</source>
        <translation>schon im Fahrzeug</translation>
    </message>
    <message>
        <source>to be installed: one feed for several units</source>
        <translation>einzubauen: eine Zuleitung für mehrere Einheiten</translation>
    </message>
    <message>
        <source>the alternator&apos;s post</source>
        <translation>der Klemme der Lichtmaschine</translation>
    </message>
    <message>
        <source>Its fuse</source>
        <translation>Sicherung</translation>
    </message>
    <message>
        <source>Its cable</source>
        <translation>Kabel</translation>
    </message>
    <message>
        <source>Length of its cable</source>
        <translation>Länge des Kabels</translation>
    </message>
    <message>
        <source>Add a supply point</source>
        <translation>Anschlusspunkt hinzufügen</translation>
    </message>
    <message>
        <source>Where the vehicle&apos;s maker provides a supply for added equipment: a socket, a terminal or a body-builder interface, with its own fuse and cable</source>
        <translation>Wo der Fahrzeughersteller eine Versorgung für Einbauten vorsieht: Steckdose, Klemme oder Aufbauhersteller-Schnittstelle, mit eigener Sicherung und eigenem Kabel</translation>
    </message>
    <message>
        <source>supply point at the seat</source>
        <translation>Anschlusspunkt am Sitz</translation>
    </message>
    <message>
        <source>Used up to</source>
        <translation>Genutzt bis</translation>
    </message>
</context>
<context>
    <name>spirk::app::Value</name>
    <message>
        <source>Change: %1</source>
        <translation>Ändern: %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::ViewMenu</name>
    <message>
        <source>&amp;View</source>
        <translation>&amp;Ansicht</translation>
    </message>
    <message>
        <source>D&amp;rawer</source>
        <translation>&amp;Seitenleiste</translation>
    </message>
    <message>
        <source>&amp;Full screen</source>
        <translation>&amp;Vollbild</translation>
    </message>
    <message>
        <source>&amp;Text size</source>
        <translation>&amp;Textgröße</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>&amp;Colours</source>
        <translation>&amp;Farben</translation>
    </message>
    <message>
        <source>As the &amp;desktop</source>
        <translation>Wie der &amp;Desktop</translation>
    </message>
    <message>
        <source>&amp;Light</source>
        <translation>&amp;Hell</translation>
    </message>
    <message>
        <source>Dar&amp;k</source>
        <translation>D&amp;unkel</translation>
    </message>
    <message>
        <source>Lan&amp;guage</source>
        <translation>S&amp;prache</translation>
    </message>
    <message>
        <source>The language changes when Spirk starts again.</source>
        <translation>Die Sprache wechselt beim nächsten Start von Spirk.</translation>
    </message>
</context>
<context>
    <name>spirk::app::WaysDialog</name>
    <message>
        <source>in the plan now</source>
        <translation>jetzt im Plan</translation>
    </message>
    <message>
        <source>findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>adds findings</source>
        <translation>neue Befunde</translation>
    </message>
    <message>
        <source>removes findings</source>
        <translation>erledigte Befunde</translation>
    </message>
    <message>
        <source>largest current</source>
        <translation>größter Strom</translation>
    </message>
    <message>
        <source>drop, of its limit</source>
        <translation>Spannungsfall, vom Grenzwert</translation>
    </message>
    <message>
        <source>cost of the whole plan</source>
        <translation>Kosten des ganzen Plans</translation>
    </message>
    <message>
        <source>weight</source>
        <translation>Gewicht</translation>
    </message>
    <message>
        <source>terminations</source>
        <translation>Anschlüsse</translation>
    </message>
    <message>
        <source>cable length</source>
        <translation>Kabellänge</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
    </message>
    <message>
        <source>about %1 %2</source>
        <translation>etwa %1 %2</translation>
    </message>
    <message>
        <source>%1 %2 less</source>
        <translation>%1 %2 weniger</translation>
    </message>
    <message>
        <source>%1 %2 more</source>
        <translation>%1 %2 mehr</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>none counted</source>
        <translation>nichts gezählt</translation>
    </message>
    <message>
        <source>Compare: %1</source>
        <translation>Vergleichen: %1</translation>
    </message>
    <message>
        <source>What is compared</source>
        <translation>Was verglichen wird</translation>
    </message>
    <message>
        <source>What each would mean for this plan</source>
        <translation>Was jedes für diesen Plan bedeutet</translation>
    </message>
    <message>
        <source>&amp;Use this one</source>
        <translation>&amp;Dies verwenden</translation>
    </message>
    <message>
        <source>Comparing…</source>
        <translation>Wird verglichen…</translation>
    </message>
    <message>
        <source>Choose: %1</source>
        <translation>Wählen: %1</translation>
    </message>
</context>
<context>
    <name>spirk::app::WaysTable</name>
    <message>
        <source>Cable route from</source>
        <translation>Kabelweg von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>Bundled</source>
        <translation>Gebündelt</translation>
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
        <source>Change a cable route</source>
        <translation>Kabelweg ändern</translation>
    </message>
</context>
<context>
    <name>spirk::app::WiredMenu</name>
    <message>
        <source>&amp;Place</source>
        <translation>&amp;Ort</translation>
    </message>
    <message>
        <source>&amp;Switch</source>
        <translation>&amp;Schalter</translation>
    </message>
    <message>
        <source>&amp;Circuit</source>
        <translation>Strom&amp;kreis</translation>
    </message>
    <message>
        <source>Choose a place</source>
        <translation>Ort wählen</translation>
    </message>
    <message>
        <source>its own switch, or none</source>
        <translation>eigener Schalter oder keiner</translation>
    </message>
    <message>
        <source>Take out a switch</source>
        <translation>Schalter entfernen</translation>
    </message>
    <message>
        <source>a switch at</source>
        <translation>ein Schalter an</translation>
    </message>
    <message>
        <source>two-way switches, the first at</source>
        <translation>Wechselschalter, der erste an</translation>
    </message>
    <message>
        <source>a dimmer at</source>
        <translation>ein Dimmer an</translation>
    </message>
    <message>
        <source>the second one at</source>
        <translation>der zweite an</translation>
    </message>
    <message>
        <source>grouped automatically</source>
        <translation>automatisch gruppiert</translation>
    </message>
    <message>
        <source>Group automatically</source>
        <translation>Automatisch gruppieren</translation>
    </message>
    <message>
        <source>with %1</source>
        <translation>mit %1</translation>
    </message>
    <message>
        <source>Choose a circuit</source>
        <translation>Stromkreis wählen</translation>
    </message>
    <message>
        <source>its own circuit: set in Supply</source>
        <translation>eigener Stromkreis: unter Versorgung</translation>
    </message>
    <message>
        <source>Give it a circuit of its own</source>
        <translation>Eigenen Stromkreis geben</translation>
    </message>
    <message>
        <source>works with the main switch off</source>
        <translation>arbeitet bei ausgeschaltetem Hauptschalter</translation>
    </message>
    <message>
        <source>Choose what the main switch leaves on</source>
        <translation>Wählen, was der Hauptschalter an lässt</translation>
    </message>
</context>
</TS>

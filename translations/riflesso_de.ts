<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="de_DE" sourcelanguage="en">
<context>
    <name>Body</name>
    <message>
        <source>head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>eye</source>
        <translation>Auge</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Hals</translation>
    </message>
    <message>
        <source>shoulder</source>
        <translation>Schulter</translation>
    </message>
    <message>
        <source>elbow</source>
        <translation>Ellbogen</translation>
    </message>
    <message>
        <source>forearm</source>
        <translation>Unterarm</translation>
    </message>
    <message>
        <source>wrist</source>
        <translation>Handgelenk</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>finger</source>
        <translation>Finger</translation>
    </message>
    <message>
        <source>chest</source>
        <translation>Brust</translation>
    </message>
    <message>
        <source>upper back</source>
        <translation>oberer Rücken</translation>
    </message>
    <message>
        <source>lower back</source>
        <translation>unterer Rücken</translation>
    </message>
    <message>
        <source>hip</source>
        <translation>Hüfte</translation>
    </message>
    <message>
        <source>groin</source>
        <translation>Leiste</translation>
    </message>
    <message>
        <source>thigh</source>
        <translation>Oberschenkel</translation>
    </message>
    <message>
        <source>hamstring</source>
        <translation>hinterer Oberschenkel</translation>
    </message>
    <message>
        <source>knee</source>
        <translation>Knie</translation>
    </message>
    <message>
        <source>shin</source>
        <translation>Schienbein</translation>
    </message>
    <message>
        <source>calf</source>
        <translation>Wade</translation>
    </message>
    <message>
        <source>Achilles tendon</source>
        <translation>Achillessehne</translation>
    </message>
    <message>
        <source>ankle</source>
        <translation>Sprunggelenk</translation>
    </message>
    <message>
        <source>foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>toe</source>
        <translation>Zehe</translation>
    </message>
    <message>
        <source>heart and breath</source>
        <translation>Herz und Atmung</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Arm</translation>
    </message>
    <message>
        <source>leg</source>
        <translation>Bein</translation>
    </message>
    <message>
        <source>back</source>
        <translation>Rücken</translation>
    </message>
    <message>
        <source>trunk</source>
        <translation>Rumpf</translation>
    </message>
    <message>
        <source>whole body</source>
        <translation>ganzer Körper</translation>
    </message>
    <message>
        <source>pain</source>
        <translation>Schmerz</translation>
    </message>
    <message>
        <source>healing</source>
        <translation>heilt noch</translation>
    </message>
    <message>
        <source>stiff</source>
        <translation>steif</translation>
    </message>
    <message>
        <source>operated</source>
        <translation>operiert</translation>
    </message>
    <message>
        <source>illness</source>
        <translation>Krankheit</translation>
    </message>
    <message>
        <source>other</source>
        <translation>anderes</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>both sides</source>
        <translation>beidseitig</translation>
    </message>
</context>
<context>
    <name>Landmark</name>
    <message>
        <source>left eye</source>
        <translation>linkes Auge</translation>
    </message>
    <message>
        <source>right eye</source>
        <translation>rechtes Auge</translation>
    </message>
    <message>
        <source>left ear</source>
        <translation>linkes Ohr</translation>
    </message>
    <message>
        <source>right ear</source>
        <translation>rechtes Ohr</translation>
    </message>
    <message>
        <source>left shoulder</source>
        <translation>linke Schulter</translation>
    </message>
    <message>
        <source>right shoulder</source>
        <translation>rechte Schulter</translation>
    </message>
    <message>
        <source>left elbow</source>
        <translation>linker Ellbogen</translation>
    </message>
    <message>
        <source>right elbow</source>
        <translation>rechter Ellbogen</translation>
    </message>
    <message>
        <source>left wrist</source>
        <translation>linkes Handgelenk</translation>
    </message>
    <message>
        <source>right wrist</source>
        <translation>rechtes Handgelenk</translation>
    </message>
    <message>
        <source>left hand</source>
        <translation>linke Hand</translation>
    </message>
    <message>
        <source>right hand</source>
        <translation>rechte Hand</translation>
    </message>
    <message>
        <source>left hip</source>
        <translation>linke Hüfte</translation>
    </message>
    <message>
        <source>right hip</source>
        <translation>rechte Hüfte</translation>
    </message>
    <message>
        <source>left knee</source>
        <translation>linkes Knie</translation>
    </message>
    <message>
        <source>right knee</source>
        <translation>rechtes Knie</translation>
    </message>
    <message>
        <source>left ankle</source>
        <translation>linkes Sprunggelenk</translation>
    </message>
    <message>
        <source>right ankle</source>
        <translation>rechtes Sprunggelenk</translation>
    </message>
    <message>
        <source>left heel</source>
        <translation>linke Ferse</translation>
    </message>
    <message>
        <source>right heel</source>
        <translation>rechte Ferse</translation>
    </message>
    <message>
        <source>left toe</source>
        <translation>linke Zehe</translation>
    </message>
    <message>
        <source>right toe</source>
        <translation>rechte Zehe</translation>
    </message>
    <message>
        <source>nose</source>
        <translation>Nase</translation>
    </message>
    <message>
        <source>chin</source>
        <translation>Kinn</translation>
    </message>
    <message>
        <source>head top</source>
        <translation>Scheitel</translation>
    </message>
    <message>
        <source>neck</source>
        <translation>Hals</translation>
    </message>
</context>
<context>
    <name>LandmarkAfterArticle</name>
    <message>
        <source>left eye</source>
        <translation>linke Auge</translation>
    </message>
    <message>
        <source>right eye</source>
        <translation>rechte Auge</translation>
    </message>
    <message>
        <source>left ear</source>
        <translation>linke Ohr</translation>
    </message>
    <message>
        <source>right ear</source>
        <translation>rechte Ohr</translation>
    </message>
    <message>
        <source>left shoulder</source>
        <translation>linke Schulter</translation>
    </message>
    <message>
        <source>right shoulder</source>
        <translation>rechte Schulter</translation>
    </message>
    <message>
        <source>left elbow</source>
        <translation>linke Ellbogen</translation>
    </message>
    <message>
        <source>right elbow</source>
        <translation>rechte Ellbogen</translation>
    </message>
    <message>
        <source>left wrist</source>
        <translation>linke Handgelenk</translation>
    </message>
    <message>
        <source>right wrist</source>
        <translation>rechte Handgelenk</translation>
    </message>
    <message>
        <source>left hand</source>
        <translation>linke Hand</translation>
    </message>
    <message>
        <source>right hand</source>
        <translation>rechte Hand</translation>
    </message>
    <message>
        <source>left hip</source>
        <translation>linke Hüfte</translation>
    </message>
    <message>
        <source>right hip</source>
        <translation>rechte Hüfte</translation>
    </message>
    <message>
        <source>left knee</source>
        <translation>linke Knie</translation>
    </message>
    <message>
        <source>right knee</source>
        <translation>rechte Knie</translation>
    </message>
    <message>
        <source>left ankle</source>
        <translation>linke Sprunggelenk</translation>
    </message>
    <message>
        <source>right ankle</source>
        <translation>rechte Sprunggelenk</translation>
    </message>
    <message>
        <source>left heel</source>
        <translation>linke Ferse</translation>
    </message>
    <message>
        <source>right heel</source>
        <translation>rechte Ferse</translation>
    </message>
    <message>
        <source>left toe</source>
        <translation>linke Zehe</translation>
    </message>
    <message>
        <source>right toe</source>
        <translation>rechte Zehe</translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message>
        <source>Model</source>
        <translation>Vorbild</translation>
    </message>
    <message>
        <source>, mirrored</source>
        <translation>, gespiegelt</translation>
    </message>
    <message>
        <source>%1, repetition %2: %3</source>
        <translation>%1, Wiederholung %2: %3</translation>
    </message>
    <message>
        <source>%1, repetition %2, %3</source>
        <translation>%1, Wiederholung %2, %3</translation>
    </message>
    <message>
        <source>%1, repetition %2</source>
        <translation>%1, Wiederholung %2</translation>
    </message>
    <message>
        <source> by %1</source>
        <translation> bis %1</translation>
    </message>
    <message>
        <source>, in %1</source>
        <translation>, in %1</translation>
    </message>
    <message>
        <source>day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>days</source>
        <translation>Tagen</translation>
    </message>
    <message>
        <source>, today</source>
        <translation>, heute</translation>
    </message>
    <message>
        <source>, which is past</source>
        <translation>, was vorbei ist</translation>
    </message>
    <message>
        <source> Not measured in this set.</source>
        <translation> In diesem Satz nicht gemessen.</translation>
    </message>
    <message>
        <source> Measured %1</source>
        <translation> Gemessen %1</translation>
    </message>
    <message>
        <source>: reached.</source>
        <translation>: erreicht.</translation>
    </message>
    <message>
        <source>clip not found</source>
        <translation>Clip nicht gefunden</translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation>Seite %1 von %2</translation>
    </message>
    <message>
        <source>the whole plan</source>
        <translation>der ganze Plan</translation>
    </message>
    <message>
        <source>one page for the athlete</source>
        <translation>eine Seite für den Athleten</translation>
    </message>
    <message>
        <source>home sheet</source>
        <translation>Blatt für zu Hause</translation>
    </message>
    <message>
        <source>key positions</source>
        <translation>Schlüsselpositionen</translation>
    </message>
    <message>
        <source>competition card</source>
        <translation>Wettkampfkarte</translation>
    </message>
    <message>
        <source>Stop on pain and ask a licensed professional.</source>
        <translation>Bei Schmerz aufhören und medizinisches Fachpersonal fragen.</translation>
    </message>
    <message>
        <source>no technique changes</source>
        <translation>keine Änderung der Technik</translation>
    </message>
    <message>
        <source>The athlete only performs.</source>
        <translation>Der Athlet tritt nur an.</translation>
    </message>
    <message>
        <source>technique session</source>
        <translation>Technikeinheit</translation>
    </message>
    <message>
        <source>retest</source>
        <translation>Nachtest</translation>
    </message>
    <message>
        <source>Film from the same place, under the same conditions as before.</source>
        <translation>Von derselben Stelle und unter denselben Bedingungen filmen wie zuvor.</translation>
    </message>
    <message>
        <source>retention test</source>
        <translation>Behaltenstest</translation>
    </message>
    <message>
        <source>Film again without a reminder: what has stayed?</source>
        <translation>Noch einmal filmen, ohne zu erinnern: Was ist geblieben?</translation>
    </message>
    <message>
        <source>Filmed %1 · %2 · compared with %3</source>
        <translation>Gefilmt am %1 · %2 · verglichen mit %3</translation>
    </message>
    <message>
        <source>Goal: %1</source>
        <translation>Ziel: %1</translation>
    </message>
    <message>
        <source>Strengths</source>
        <translation>Stärken</translation>
    </message>
    <message>
        <source>No measure stands clearly inside its reference in at least three of four repetitions yet.</source>
        <translation>Noch liegt keine Messgröße in mindestens drei von vier Wiederholungen klar in ihrer Referenz.</translation>
    </message>
    <message>
        <source>What to work on, and why</source>
        <translation>Woran zu arbeiten ist, und warum</translation>
    </message>
    <message>
        <source>Nothing that stands out from the reference was found in this set.</source>
        <translation>In diesem Satz wurde nichts gefunden, das sich von der Referenz abhebt.</translation>
    </message>
    <message>
        <source> · main focus</source>
        <translation> · Hauptpunkt</translation>
    </message>
    <message>
        <source> · minor focus</source>
        <translation> · Nebenpunkt</translation>
    </message>
    <message>
        <source>&lt;p style=&apos;margin-top:8px; margin-bottom:1px&apos;&gt;%1&lt;b&gt;%2&lt;/b&gt; &lt;span style=&apos;color:#55656B&apos;&gt;shown in %3%4&lt;/span&gt;&lt;/p&gt;</source>
        <translation>&lt;p style=&apos;margin-top:8px; margin-bottom:1px&apos;&gt;%1&lt;b&gt;%2&lt;/b&gt; &lt;span style=&apos;color:#55656B&apos;&gt;gezeigt in %3%4&lt;/span&gt;&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Decided: %1</source>
        <translation>Entschieden: %1</translation>
    </message>
    <message>
        <source>Main focus</source>
        <translation>Hauptpunkt</translation>
    </message>
    <message>
        <source>Minor focus</source>
        <translation>Nebenpunkt</translation>
    </message>
    <message>
        <source>Stay on a rung while about three of four repetitions are good; below half, go one back.</source>
        <translation>Auf einer Stufe bleiben, solange etwa drei von vier Wiederholungen gut sind; unter der Hälfte eine Stufe zurück.</translation>
    </message>
    <message>
        <source> (start here)</source>
        <translation> (hier beginnen)</translation>
    </message>
    <message>
        <source> · needs </source>
        <translation> · braucht </translation>
    </message>
    <message>
        <source>Not possible as it stands</source>
        <translation>So nicht möglich</translation>
    </message>
    <message>
        <source>Dates</source>
        <translation>Termine</translation>
    </message>
    <message>
        <source>The next lesson</source>
        <translation>Die nächste Stunde</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>Believed and measured</source>
        <translation>Angenommen und gemessen</translation>
    </message>
    <message>
        <source>All measures</source>
        <translation>Alle Messgrößen</translation>
    </message>
    <message>
        <source>Made with %1 on %2.</source>
        <translation>Erstellt mit %1 am %2.</translation>
    </message>
    <message>
        <source>%1 technique session%2 a week beside normal training, %3 minutes of homework a day.</source>
        <translation>%1 Technikeinheit%2 je Woche neben dem üblichen Training, %3 Minuten Üben zu Hause am Tag.</translation>
    </message>
    <message>
        <source>Start: %1.</source>
        <translation>Beginn: %1.</translation>
    </message>
    <message>
        <source>Retest, same camera place and same set: %1.</source>
        <translation>Nachtest, gleicher Kameraplatz und gleicher Satz: %1.</translation>
    </message>
    <message>
        <source>Retention test without practice in between: %1.</source>
        <translation>Behaltenstest ohne Üben dazwischen: %1.</translation>
    </message>
    <message>
        <source>%1: %2. No technique changes from %3 on.</source>
        <translation>%1: %2. Keine Änderung der Technik ab %3.</translation>
    </message>
    <message>
        <source>%1 repetitions, %2, %3 view</source>
        <translation>%1 Wiederholungen, %2, Ansicht: %3</translation>
    </message>
    <message>
        <source>all conditions</source>
        <translation>alle Bedingungen</translation>
    </message>
    <message>
        <source>ranges of the skill pack</source>
        <translation>Bereichen des Fertigkeitspakets</translation>
    </message>
    <message>
        <source>%1, %2 repetitions</source>
        <translation>%1, %2 Wiederholungen</translation>
    </message>
    <message>
        <source> and </source>
        <translation> und </translation>
    </message>
    <message>
        <source>Follows from &quot;%1&quot;: %2</source>
        <translation>Folgt aus „%1“: %2</translation>
    </message>
    <message>
        <source>a partner</source>
        <translation>ein Partner</translation>
    </message>
    <message>
        <source>Stop on pain and ask a licensed professional. The rules of the sport&apos;s body and of the venue come first.</source>
        <translation>Bei Schmerz aufhören und medizinisches Fachpersonal fragen. Die Regeln des Verbands und der Sportstätte gehen vor.</translation>
    </message>
    <message>
        <source>%1 min: %2</source>
        <translation>%1 min: %2</translation>
    </message>
    <message>
        <source>the analyst&apos;s first guess</source>
        <translation>erste Einschätzung der Analyse</translation>
    </message>
    <message>
        <source>believed</source>
        <translation>angenommen</translation>
    </message>
    <message>
        <source>, about %1</source>
        <translation>, etwa %1</translation>
    </message>
    <message>
        <source>; measured %1</source>
        <translation>; gemessen %1</translation>
    </message>
    <message>
        <source>Numbers are medians ± expanded uncertainty (2u). School of ranking: %1. Low-pass cutoff %2 Hz%3.</source>
        <translation>Zahlen sind Mediane ± erweiterte Unsicherheit (2u). Schule der Reihung: %1. Grenzfrequenz des Tiefpasses %2 Hz%3.</translation>
    </message>
    <message>
        <source> (by default: no run was long enough)</source>
        <translation> (Vorgabe: keine Folge war lang genug)</translation>
    </message>
    <message>
        <source>Skill pack %1, edition %2.</source>
        <translation>Fertigkeitspaket %1, Ausgabe %2.</translation>
    </message>
    <message>
        <source>day %1</source>
        <translation>Tag %1</translation>
    </message>
    <message>
        <source>for you</source>
        <translation>für dich</translation>
    </message>
    <message>
        <source>You do this well</source>
        <translation>Das machst du gut</translation>
    </message>
    <message>
        <source>One thing to work on</source>
        <translation>Daran arbeitest du</translation>
    </message>
    <message>
        <source>It is good when: %1</source>
        <translation>Es ist gut, wenn: %1</translation>
    </message>
    <message>
        <source>You will feel: %1</source>
        <translation>Das spürst du: %1</translation>
    </message>
    <message>
        <source>We film again on %1.</source>
        <translation>Am %1 filmen wir wieder.</translation>
    </message>
    <message>
        <source>at home</source>
        <translation>zu Hause</translation>
    </message>
    <message>
        <source>No rung of the ladder can be done alone yet: nothing to take home.</source>
        <translation>Noch lässt sich keine Stufe allein üben: nichts für zu Hause.</translation>
    </message>
    <message>
        <source>&lt;p style=&apos;font-size:%1pt&apos;&gt;It is good when: %2&lt;/p&gt;</source>
        <translation>&lt;p style=&apos;font-size:%1pt&apos;&gt;Es ist gut, wenn: %2&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p style=&apos;font-size:%1pt&apos;&gt;Stop and think when: %2&lt;/p&gt;</source>
        <translation>&lt;p style=&apos;font-size:%1pt&apos;&gt;Aufhören und nachdenken, wenn: %2&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;p style=&apos;font-size:%1pt&apos;&gt;You need: %2.&lt;/p&gt;</source>
        <translation>&lt;p style=&apos;font-size:%1pt&apos;&gt;Du brauchst: %2.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>&lt;td align=&apos;right&apos;&gt;%1&lt;br&gt;&lt;span style=&apos;font-size:9pt; color:#17748A&apos;&gt;This is good: %2&lt;/span&gt;&lt;/td&gt;</source>
        <translation>&lt;td align=&apos;right&apos;&gt;%1&lt;br&gt;&lt;span style=&apos;font-size:9pt; color:#17748A&apos;&gt;So ist es gut: %2&lt;/span&gt;&lt;/td&gt;</translation>
    </message>
    <message>
        <source>Target: %1 good ones a day (%2). A box for each good one.</source>
        <translation>Ziel: %1 gute am Tag (%2). Für jede gute ein Kästchen.</translation>
    </message>
    <message>
        <source>Target: %1 a day. A box when it is done.</source>
        <translation>Ziel: %1 am Tag. Ein Kästchen, wenn es getan ist.</translation>
    </message>
    <message>
        <source>Count only the good ones. Stop when it gets worse, and on pain: then ask.</source>
        <translation>Nur die guten zählen. Aufhören, wenn es schlechter wird, und bei Schmerz: dann fragen.</translation>
    </message>
    <message>
        <source>Bring this sheet on %1, when we film again.</source>
        <translation>Bring dieses Blatt am %1 mit, wenn wir wieder filmen.</translation>
    </message>
    <message>
        <source>%1 · %2 · compared with %3</source>
        <translation>%1 · %2 · verglichen mit %3</translation>
    </message>
    <message>
        <source>Values in pictures are that repetition&apos;s; beside them the median of the set ± its expanded uncertainty.</source>
        <translation>Werte in Bildern gehören zu dieser Wiederholung; daneben der Median des Satzes ± seine erweiterte Unsicherheit.</translation>
    </message>
    <message>
        <source>&lt;p style=&apos;font-size:8.5pt; color:#55656B&apos;&gt;Timing only: nothing is measured in this position.&lt;/p&gt;</source>
        <translation>&lt;p style=&apos;font-size:8.5pt; color:#55656B&apos;&gt;Nur der Zeitpunkt: in dieser Position wird nichts gemessen.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Nothing new now. What you have is enough.</source>
        <translation>Jetzt nichts Neues. Was du hast, reicht.</translation>
    </message>
    <message>
        <source>Think of one thing:</source>
        <translation>Denk an eins:</translation>
    </message>
    <message>
        <source>You can rely on</source>
        <translation>Darauf ist Verlass</translation>
    </message>
    <message>
        <source>thigh</source>
        <translation>Schenkel</translation>
    </message>
    <message>
        <source>shank</source>
        <translation>Wade</translation>
    </message>
    <message>
        <source>trunk</source>
        <translation>Rumpf</translation>
    </message>
    <message>
        <source>upper arm</source>
        <translation>Oberarm</translation>
    </message>
    <message>
        <source>body</source>
        <translation>Körper</translation>
    </message>
    <message>
        <source>model %1</source>
        <translation>Vorbild %1</translation>
    </message>
    <message>
        <source>at least %1</source>
        <translation>mindestens %1</translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation>höchstens %1</translation>
    </message>
    <message>
        <source>no reference</source>
        <translation>keine Referenz</translation>
    </message>
    <message>
        <source>Time from &quot;%1&quot; to &quot;%2&quot;; negative when the second comes first.</source>
        <translation>Zeit von „%1“ bis „%2“; negativ, wenn das zweite zuerst kommt.</translation>
    </message>
    <message>
        <source>%1 of the %2</source>
        <translation>%1 von: %2</translation>
    </message>
    <message>
        <source> against the </source>
        <translation> gegen </translation>
    </message>
    <message>
        <source>, along </source>
        <translation>, entlang </translation>
    </message>
    <message>
        <source>, straight through %1</source>
        <translation>, als gerade Linie durch %1</translation>
    </message>
    <message>
        <source>, over %1 (low-pass filtered)</source>
        <translation>, über %1 (tiefpassgefiltert)</translation>
    </message>
    <message>
        <source>root first</source>
        <translation>Ursache zuerst</translation>
    </message>
    <message>
        <source>ground up</source>
        <translation>von unten nach oben</translation>
    </message>
    <message>
        <source>effect first</source>
        <translation>Wirkung zuerst</translation>
    </message>
    <message>
        <source>earliest first</source>
        <translation>Frühestes zuerst</translation>
    </message>
    <message>
        <source>position and feel</source>
        <translation>Position und Gefühl</translation>
    </message>
    <message>
        <source>slow shadow</source>
        <translation>langsam ohne Gerät</translation>
    </message>
    <message>
        <source>with an aid</source>
        <translation>mit Hilfsmittel</translation>
    </message>
    <message>
        <source>single feed</source>
        <translation>einzeln zugespielt</translation>
    </message>
    <message>
        <source>varied feed</source>
        <translation>wechselnd zugespielt</translation>
    </message>
    <message>
        <source>live routine</source>
        <translation>ganzer Ablauf</translation>
    </message>
    <message>
        <source>scored</source>
        <translation>mit Wertung</translation>
    </message>
    <message>
        <source>competition</source>
        <translation>Wettkampf</translation>
    </message>
    <message>
        <source>calm</source>
        <translation>ruhig</translation>
    </message>
    <message>
        <source>fed by hand</source>
        <translation>von Hand zugespielt</translation>
    </message>
    <message>
        <source>fed by machine</source>
        <translation>von der Maschine zugespielt</translation>
    </message>
    <message>
        <source>reacting</source>
        <translation>auf Reaktion</translation>
    </message>
    <message>
        <source>live</source>
        <translation>im Spiel</translation>
    </message>
    <message>
        <source>, about </source>
        <translation>, etwa </translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Chosen where coaches disagree</source>
        <translation>Gewählt, wo Trainer uneins sind</translation>
    </message>
    <message>
        <source>One fault at a time</source>
        <translation>Ein Fehler nach dem anderen</translation>
    </message>
    <message>
        <source>One main, one minor</source>
        <translation>Ein Hauptpunkt, ein Nebenpunkt</translation>
    </message>
    <message>
        <source>match tempo first</source>
        <translation>Wettkampftempo zuerst</translation>
    </message>
    <message>
        <source>slow first</source>
        <translation>langsam zuerst</translation>
    </message>
    <message>
        <source> Because: %1.</source>
        <translation> Denn: %1.</translation>
    </message>
    <message>
        <source>forecast</source>
        <translation>Vorhersage</translation>
    </message>
    <message>
        <source>Foot</source>
        <translation>Fuß</translation>
    </message>
    <message>
        <source>Ankle</source>
        <translation>Sprunggelenk</translation>
    </message>
    <message>
        <source>Knee</source>
        <translation>Knie</translation>
    </message>
    <message>
        <source>Hip</source>
        <translation>Hüfte</translation>
    </message>
    <message>
        <source>Trunk</source>
        <translation>Rumpf</translation>
    </message>
    <message>
        <source>Shoulder</source>
        <translation>Schulter</translation>
    </message>
    <message>
        <source>Arm</source>
        <translation>Arm</translation>
    </message>
    <message>
        <source>Elbow</source>
        <translation>Ellbogen</translation>
    </message>
    <message>
        <source>Wrist</source>
        <translation>Handgelenk</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>Head</source>
        <translation>Kopf</translation>
    </message>
    <message>
        <source>Implement</source>
        <translation>Gerät</translation>
    </message>
    <message>
        <source>Whole body</source>
        <translation>Ganzer Körper</translation>
    </message>
    <message>
        <source>better half</source>
        <translation>bessere Hälfte</translation>
    </message>
    <message>
        <source>other half</source>
        <translation>andere Hälfte</translation>
    </message>
    <message>
        <source>first third</source>
        <translation>erstes Drittel</translation>
    </message>
    <message>
        <source>last third</source>
        <translation>letztes Drittel</translation>
    </message>
    <message>
        <source>by condition</source>
        <translation>nach Bedingung</translation>
    </message>
    <message>
        <source>by session</source>
        <translation>nach Sitzung</translation>
    </message>
    <message>
        <source>by variant</source>
        <translation>nach Form</translation>
    </message>
    <message>
        <source>by result</source>
        <translation>nach Ergebnis</translation>
    </message>
    <message>
        <source>by how it felt</source>
        <translation>nach Gefühl</translation>
    </message>
    <message>
        <source>first and last third</source>
        <translation>erstes und letztes Drittel</translation>
    </message>
    <message>
        <source>felt right</source>
        <translation>fühlte sich richtig an</translation>
    </message>
    <message>
        <source>felt off</source>
        <translation>fühlte sich falsch an</translation>
    </message>
    <message>
        <source>: %1 to go.</source>
        <translation>: %1 noch.</translation>
    </message>
    <message>
        <source>Pain or the like was said in practice. Nothing is practised until a licensed professional has been asked and it is written down who advised what.</source>
        <translation>Beim Üben wurde von Schmerz oder Ähnlichem gesprochen. Nichts wird geübt, bis medizinisches Fachpersonal gefragt und aufgeschrieben ist, wer was geraten hat.</translation>
    </message>
    <message>
        <source>Own target for &quot;%1&quot;: %2.</source>
        <translation>Eigener Zielwert für „%1“: %2.</translation>
    </message>
    <message>
        <source>own target %1</source>
        <translation>eigener Zielwert %1</translation>
    </message>
    <message>
        <source>By your position &quot;%1&quot; another range holds: %2.</source>
        <translation>Nach Ihrer Haltung „%1“ gilt ein anderer Bereich: %2.</translation>
    </message>
    <message>
        <source>By your position &quot;%1&quot; this is no fault: %2.</source>
        <translation>Nach Ihrer Haltung „%1“ ist dies kein Fehler: %2.</translation>
    </message>
    <message>
        <source>By your position &quot;%1&quot; another ladder holds: %2.</source>
        <translation>Nach Ihrer Haltung „%1“ gilt eine andere Leiter: %2.</translation>
    </message>
    <message>
        <source>Camera assumed square on: nobody said where it stood, and every ± allows for %1° to either side.</source>
        <translation>Kamera als rechtwinklig angenommen: Niemand hat gesagt, wo sie stand, und jedes ± rechnet mit %1° nach jeder Seite.</translation>
    </message>
    <message>
        <source>%1, filmed at an easier level</source>
        <translation>%1, unter leichteren Bedingungen gefilmt</translation>
    </message>
    <message>
        <source>%1; corrected, camera %2° off</source>
        <translation>%1; berichtigt, Kamera um %2° verdreht</translation>
    </message>
    <message>
        <source>page of progress</source>
        <translation>Blatt zum Fortschritt</translation>
    </message>
    <message>
        <source>nothing told</source>
        <translation>nichts gesagt</translation>
    </message>
    <message>
        <source>cue said</source>
        <translation>Hinweis gesagt</translation>
    </message>
    <message>
        <source>shown</source>
        <translation>gezeigt</translation>
    </message>
    <message>
        <source>measured value told</source>
        <translation>Messwert gesagt</translation>
    </message>
    <message>
        <source>asked for</source>
        <translation>auf Nachfrage</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>go on</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>stay</source>
        <translation>bleiben</translation>
    </message>
    <message>
        <source>make it easier</source>
        <translation>leichter machen</translation>
    </message>
    <message>
        <source>so far: %1</source>
        <translation>bisher: %1</translation>
    </message>
    <message>
        <source>%1, confirm with one more block</source>
        <translation>%1, mit noch einem Block bestätigen</translation>
    </message>
    <message>
        <source>%1: too few to say</source>
        <translation>%1: zu wenige für eine Aussage</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Block</translation>
    </message>
    <message>
        <source>blocks</source>
        <translation>Blöcke</translation>
    </message>
    <message>
        <source>a relapse</source>
        <translation>ein Rückfall</translation>
    </message>
    <message>
        <source>learning</source>
        <translation>lernt</translation>
    </message>
    <message>
        <source>learning, in one step</source>
        <translation>lernt, in einem Sprung</translation>
    </message>
    <message>
        <source>no clear change in %1 repetitions</source>
        <translation>keine klare Änderung in %1 Wiederholungen</translation>
    </message>
    <message>
        <source>A verdict wants 8 blocks of 12 on 3 days.</source>
        <translation>Ein Urteil braucht 8 Blöcke zu 12 an 3 Tagen.</translation>
    </message>
    <message>
        <source>%1 now, %2 before: %3 to %4 points of a hundred (95 % interval).</source>
        <translation>%1 jetzt, %2 vorher: %3 bis %4 Punkte von hundert (95-%-Intervall).</translation>
    </message>
    <message>
        <source>learned</source>
        <translation>gelernt</translation>
    </message>
    <message>
        <source>shown, not learned</source>
        <translation>gezeigt, nicht gelernt</translation>
    </message>
    <message>
        <source>not shown before</source>
        <translation>vorher nicht gezeigt</translation>
    </message>
    <message>
        <source>unclear</source>
        <translation>unklar</translation>
    </message>
    <message>
        <source>%1 after %2 with nothing told</source>
        <translation>%1 nach %2, ohne dass etwas gesagt wurde</translation>
    </message>
    <message>
        <source>%1 under %2 with nothing told</source>
        <translation>%1 unter %2, ohne dass etwas gesagt wurde</translation>
    </message>
    <message>
        <source>; at first %1</source>
        <translation>; am Anfang %1</translation>
    </message>
    <message>
        <source>; a test wants 24</source>
        <translation>; ein Test braucht 24</translation>
    </message>
    <message>
        <source>; it wants 7 days without practice</source>
        <translation>; er braucht 7 Tage ohne Üben</translation>
    </message>
    <message>
        <source>; something was told in it</source>
        <translation>; darin wurde etwas gesagt</translation>
    </message>
    <message>
        <source>; too few at first without feedback to compare with</source>
        <translation>; am Anfang zu wenige ohne Rückmeldung zum Vergleich</translation>
    </message>
    <message>
        <source>; no more than chance allows</source>
        <translation>; nicht mehr, als der Zufall zulässt</translation>
    </message>
    <message>
        <source>; neither clearly there nor clearly gone</source>
        <translation>; weder klar da noch klar fort</translation>
    </message>
    <message>
        <source>Go on from &quot;%1&quot;</source>
        <translation>Weiter von „%1“</translation>
    </message>
    <message>
        <source>Begin with &quot;%1&quot;</source>
        <translation>Beginnen mit „%1“</translation>
    </message>
    <message>
        <source>Stay with &quot;%1&quot;</source>
        <translation>Bleiben bei „%1“</translation>
    </message>
    <message>
        <source>Make &quot;%1&quot; easier</source>
        <translation>„%1“ leichter machen</translation>
    </message>
    <message>
        <source>&quot;%1&quot;, but %2</source>
        <translation>„%1“, aber %2</translation>
    </message>
    <message>
        <source>Back to the cause: &quot;%1&quot;</source>
        <translation>Zurück zur Ursache: „%1“</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is done</source>
        <translation>„%1“ ist geschafft</translation>
    </message>
    <message>
        <source>Open the next finding</source>
        <translation>Den nächsten Befund angehen</translation>
    </message>
    <message>
        <source>%1 good in the last block</source>
        <translation>%1 gut im letzten Block</translation>
    </message>
    <message>
        <source>%1 good: one more block to be sure</source>
        <translation>%1 gut: noch ein Block, um sicher zu sein</translation>
    </message>
    <message>
        <source>%1 good: more than half, fewer than three of four</source>
        <translation>%1 gut: mehr als die Hälfte, weniger als drei von vier</translation>
    </message>
    <message>
        <source>the last block has %1 of 12 repetitions</source>
        <translation>im letzten Block sind %1 von 12 Wiederholungen</translation>
    </message>
    <message>
        <source>no clear change over 8 blocks or more, %1 good: the condition before the drill</source>
        <translation>keine klare Änderung über 8 Blöcke oder mehr, %1 gut: die Bedingung vor der Übung</translation>
    </message>
    <message>
        <source>no clear change under two conditions: &quot;%1&quot; follows from something else</source>
        <translation>keine klare Änderung unter zwei Bedingungen: „%1“ folgt aus etwas anderem</translation>
    </message>
    <message>
        <source>a relapse, %1 good in the last two blocks</source>
        <translation>ein Rückfall, %1 gut in den letzten zwei Blöcken</translation>
    </message>
    <message>
        <source>it holds under the easier condition and breaks there, %1 good</source>
        <translation>es hält unter der leichteren Bedingung und bricht dort, %1 gut</translation>
    </message>
    <message>
        <source>the last step of the ladder is passed</source>
        <translation>die letzte Stufe der Leiter ist geschafft</translation>
    </message>
    <message>
        <source>it held at match condition twice, a week later without feedback, and on film</source>
        <translation>es hielt zweimal unter Wettkampfbedingung, eine Woche später ohne Rückmeldung, und im Film</translation>
    </message>
    <message>
        <source>this focus is done</source>
        <translation>dieser Punkt ist geschafft</translation>
    </message>
    <message>
        <source>who advised what, since %1</source>
        <translation>wer was geraten hat, seit %1</translation>
    </message>
    <message>
        <source>the retest, due %1</source>
        <translation>den Nachtest, fällig am %1</translation>
    </message>
    <message>
        <source>the retention test, due %1</source>
        <translation>den Behaltenstest, fällig am %1</translation>
    </message>
    <message>
        <source>&quot;%1&quot; to be asked about again, since %2</source>
        <translation>„%1“ ist neu zu fragen, seit %2</translation>
    </message>
    <message>
        <source>%1, %2: %3, then %4; now %5</source>
        <translation>%1, %2: %3, dann %4; jetzt %5</translation>
    </message>
    <message>
        <source>better</source>
        <translation>besser</translation>
    </message>
    <message>
        <source>worse</source>
        <translation>schlechter</translation>
    </message>
    <message>
        <source>Nothing changed by more than chance between the first and the last film.</source>
        <translation>Zwischen dem ersten und dem letzten Film hat sich nichts über den Zufall hinaus geändert.</translation>
    </message>
    <message>
        <source>%1, %2: %3 good; %4</source>
        <translation>%1, %2: %3 gut; %4</translation>
    </message>
    <message>
        <source>At home on %1.</source>
        <translation>Zu Hause: %1.</translation>
    </message>
    <message>
        <source>%1: %2. %3</source>
        <translation>%1: %2. %3</translation>
    </message>
    <message>
        <source>then and now</source>
        <translation>damals und jetzt</translation>
    </message>
    <message>
        <source>What changed by more than chance</source>
        <translation>Was sich über den Zufall hinaus geändert hat</translation>
    </message>
    <message>
        <source>What was practised</source>
        <translation>Was geübt wurde</translation>
    </message>
    <message>
        <source>Does it stay?</source>
        <translation>Bleibt es?</translation>
    </message>
    <message>
        <source>What next</source>
        <translation>Wie weiter</translation>
    </message>
    <message>
        <source>A good block of a drill is not yet the technique: that is on the film. Stop on pain and ask a licensed professional.</source>
        <translation>Ein guter Block einer Übung ist noch nicht die Technik: die zeigt der Film. Bei Schmerz aufhören und medizinisches Fachpersonal fragen.</translation>
    </message>
    <message>
        <source>Change of %1 from &quot;%2&quot; to &quot;%3&quot;.</source>
        <translation>Änderung von %1 von „%2“ bis „%3“.</translation>
    </message>
    <message>
        <source>The measure %1 over %2.</source>
        <translation>Die Messgröße %1 geteilt durch %2.</translation>
    </message>
    <message>
        <source>The measure %1 less %2.</source>
        <translation>Die Messgröße %1 weniger %2.</translation>
    </message>
    <message>
        <source> of %1</source>
        <translation> von %1</translation>
    </message>
    <message>
        <source>, %1 less %2</source>
        <translation>, %1 weniger %2</translation>
    </message>
    <message>
        <source>Begin again with &quot;%1&quot;</source>
        <translation>Neu beginnen mit „%1“</translation>
    </message>
    <message>
        <source>Back to &quot;%1&quot;</source>
        <translation>Zurück zu „%1“</translation>
    </message>
    <message>
        <source>made easier: a block of it before anything else is decided</source>
        <translation>leichter gemacht: davon ein Block, bevor etwas anderes entschieden wird</translation>
    </message>
    <message>
        <source>the step before it is passed again</source>
        <translation>die Stufe davor ist wieder geschafft</translation>
    </message>
    <message>
        <source>Take care: %1.</source>
        <translation>Vorsicht: %1.</translation>
    </message>
    <message>
        <source>this drill was not practised yet</source>
        <translation>diese Übung wurde noch nicht geübt</translation>
    </message>
    <message>
        <source>%1 is largest</source>
        <translation>%1 ist am größten</translation>
    </message>
    <message>
        <source>%1 is smallest</source>
        <translation>%1 ist am kleinsten</translation>
    </message>
    <message>
        <source>%1 rises through %2 %3</source>
        <translation>%1 steigt durch %2 %3</translation>
    </message>
    <message>
        <source>%1 falls through %2 %3</source>
        <translation>%1 fällt durch %2 %3</translation>
    </message>
    <message>
        <source>%1 starts to change (%2 % of its fastest)</source>
        <translation>%1 beginnt sich zu ändern (%2 % des Schnellsten)</translation>
    </message>
    <message>
        <source>%1 comes to rest (%2 % of its fastest)</source>
        <translation>%1 kommt zur Ruhe (%2 % des Schnellsten)</translation>
    </message>
    <message>
        <source>, after &quot;%1&quot;</source>
        <translation>, nach „%1“</translation>
    </message>
    <message>
        <source>, before &quot;%1&quot;</source>
        <translation>, vor „%1“</translation>
    </message>
    <message>
        <source>&lt;tr style=&apos;background-color:%1&apos;&gt;&lt;td width=&apos;26&apos;&gt;&lt;b&gt;%2&lt;/b&gt;&lt;/td&gt;&lt;td&gt;&lt;b&gt;%3&lt;/b&gt; &lt;span style=&apos;color:#55656B; font-size:8.5pt&apos;&gt;%4 · %5%6&lt;/span&gt;&lt;br&gt;&quot;%7&quot;&lt;br&gt;&lt;span style=&apos;font-size:8.5pt&apos;&gt;%8&lt;/span&gt;%9&lt;/td&gt;&lt;/tr&gt;</source>
        <translation>&lt;tr style=&apos;background-color:%1&apos;&gt;&lt;td width=&apos;26&apos;&gt;&lt;b&gt;%2&lt;/b&gt;&lt;/td&gt;&lt;td&gt;&lt;b&gt;%3&lt;/b&gt; &lt;span style=&apos;color:#55656B; font-size:8.5pt&apos;&gt;%4 · %5%6&lt;/span&gt;&lt;br&gt;„%7“&lt;br&gt;&lt;span style=&apos;font-size:8.5pt&apos;&gt;%8&lt;/span&gt;%9&lt;/td&gt;&lt;/tr&gt;</translation>
    </message>
    <message>
        <source>Good: %1</source>
        <translation>Gut: %1</translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source> of </source>
        <translation> von </translation>
    </message>
    <message>
        <source> to </source>
        <translation> zu </translation>
    </message>
    <message>
        <source>, at &quot;%1&quot;</source>
        <translation>, bei „%1“</translation>
    </message>
    <message>
        <source> of %1 in %2</source>
        <translation> von %1 in %2</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Proposed by the program and confirmed by nobody yet: %1 marks, %2 key events.</source>
        <translation>Vom Programm vorgeschlagen und noch von niemandem bestätigt: %1 Marken, %2 Schlüsselereignisse.</translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation>„%1“</translation>
    </message>
    <message>
        <source> seen from </source>
        <translation> gesehen von </translation>
    </message>
    <message>
        <source>somebody else not sure: picture left out</source>
        <translation>anderer nicht sicher: Bild weggelassen</translation>
    </message>
    <message>
        <source>face not sure: picture left out</source>
        <translation>Gesicht nicht sicher: Bild weggelassen</translation>
    </message>
    <message>
        <source>Skill sheet, edition %1</source>
        <translation>Blatt zur Fertigkeit, Ausgabe %1</translation>
    </message>
    <message>
        <source>Said for a left-hander.</source>
        <translation>Für Linkshänder gesagt.</translation>
    </message>
    <message>
        <source>Said for a right-hander.</source>
        <translation>Für Rechtshänder gesagt.</translation>
    </message>
    <message>
        <source>Key positions</source>
        <translation>Schlüsselpositionen</translation>
    </message>
    <message>
        <source>In this order: %1.</source>
        <translation>In dieser Reihenfolge: %1.</translation>
    </message>
    <message>
        <source>What to look for</source>
        <translation>Worauf zu achten ist</translation>
    </message>
    <message>
        <source>What is measured</source>
        <translation>Was gemessen wird</translation>
    </message>
    <message>
        <source>Usual faults</source>
        <translation>Übliche Fehler</translation>
    </message>
    <message>
        <source>To see it: %1</source>
        <translation>So zu sehen: %1</translation>
    </message>
    <message>
        <source>Not this: %1</source>
        <translation>Nicht dies: %1</translation>
    </message>
    <message>
        <source>Drill: %1.</source>
        <translation>Übung: %1.</translation>
    </message>
    <message>
        <source>Drills: %1</source>
        <translation>Übungen: %1</translation>
    </message>
    <message>
        <source>Care</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>The figure is a model&apos;s repetition as it was marked.</source>
        <translation>Die Figur ist eine Wiederholung eines Vorbilds, wie sie markiert wurde.</translation>
    </message>
    <message>
        <source>The figure is drawn from the skill&apos;s own postures; nobody was filmed for it.</source>
        <translation>Die Figur ist nach den Haltungen der Fertigkeit gezeichnet; niemand wurde dafür gefilmt.</translation>
    </message>
    <message>
        <source>Where the ranges come from</source>
        <translation>Woher die Bereiche kommen</translation>
    </message>
    <message>
        <source>skill sheet</source>
        <translation>Blatt zur Fertigkeit</translation>
    </message>
    <message>
        <source>full speed</source>
        <translation>volle Geschwindigkeit</translation>
    </message>
    <message>
        <source>%1 times slower</source>
        <translation>%1-mal langsamer</translation>
    </message>
    <message>
        <source>drawn from the skill, not filmed</source>
        <translation>nach der Fertigkeit gezeichnet, nicht gefilmt</translation>
    </message>
    <message>
        <source>this is good</source>
        <translation>das ist gut</translation>
    </message>
    <message>
        <source>Title</source>
        <translation>Titel</translation>
    </message>
    <message>
        <source>What is strong</source>
        <translation>Was stark ist</translation>
    </message>
    <message>
        <source>Nothing new before %1.</source>
        <translation>Nichts Neues vor %1.</translation>
    </message>
    <message>
        <source>What comes next</source>
        <translation>Was als Nächstes kommt</translation>
    </message>
    <message>
        <source>Repetition %1</source>
        <translation>Wiederholung %1</translation>
    </message>
    <message>
        <source>First ask</source>
        <translation>Zuerst fragen</translation>
    </message>
    <message>
        <source>Then and now</source>
        <translation>Damals und jetzt</translation>
    </message>
    <message>
        <source>What changed</source>
        <translation>Was sich geändert hat</translation>
    </message>
    <message>
        <source>All at the same phase</source>
        <translation>Alle in derselben Phase</translation>
    </message>
    <message>
        <source>captions</source>
        <translation>Untertitel</translation>
    </message>
    <message>
        <source>dates of the plan, for any calendar</source>
        <translation>Termine des Plans, für jeden Kalender</translation>
    </message>
    <message>
        <source>the whole case, for this program on another machine</source>
        <translation>der ganze Fall, für dieses Programm auf einem anderen Rechner</translation>
    </message>
    <message>
        <source>On paper</source>
        <translation>Auf Papier</translation>
    </message>
    <message>
        <source>Besides</source>
        <translation>Außerdem</translation>
    </message>
    <message>
        <source>Step by step</source>
        <translation>Schritt für Schritt</translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>not seen from the side</source>
        <translation>von der Seite nicht zu sehen</translation>
    </message>
    <message>
        <source>not seen from the front</source>
        <translation>von vorn nicht zu sehen</translation>
    </message>
    <message>
        <source>not seen from behind</source>
        <translation>von hinten nicht zu sehen</translation>
    </message>
    <message>
        <source>not seen from above</source>
        <translation>von oben nicht zu sehen</translation>
    </message>
    <message>
        <source>Film from the side, the same repetitions if two cameras are at hand.</source>
        <translation>Von der Seite filmen, dieselben Wiederholungen, wenn zwei Kameras da sind.</translation>
    </message>
    <message>
        <source>Film from the front, the same repetitions if two cameras are at hand.</source>
        <translation>Von vorn filmen, dieselben Wiederholungen, wenn zwei Kameras da sind.</translation>
    </message>
    <message>
        <source>Film from behind, the same repetitions if two cameras are at hand.</source>
        <translation>Von hinten filmen, dieselben Wiederholungen, wenn zwei Kameras da sind.</translation>
    </message>
    <message>
        <source>Film from above, the same repetitions if two cameras are at hand.</source>
        <translation>Von oben filmen, dieselben Wiederholungen, wenn zwei Kameras da sind.</translation>
    </message>
    <message>
        <source>filmed %1 degrees off the plane of movement</source>
        <translation>%1 Grad neben der Bewegungsebene gefilmt</translation>
    </message>
    <message>
        <source>Film square to the plane of movement, within 10 degrees.</source>
        <translation>Rechtwinklig zur Bewegungsebene filmen, bis auf 10 Grad.</translation>
    </message>
    <message>
        <source>too few frames a second for this movement</source>
        <translation>zu wenige Bilder je Sekunde für diese Bewegung</translation>
    </message>
    <message>
        <source>Film at 120 frames a second or more, with a short exposure.</source>
        <translation>Mit 120 Bildern je Sekunde oder mehr filmen, kurz belichtet.</translation>
    </message>
    <message>
        <source>Film closer, or with a longer lens: the athlete over most of the picture&apos;s height.</source>
        <translation>Näher filmen oder mit längerer Brennweite: der Athlet über den größten Teil der Bildhöhe.</translation>
    </message>
    <message>
        <source>no known length in the picture</source>
        <translation>keine bekannte Länge im Bild</translation>
    </message>
    <message>
        <source>Lay something of known length into the plane of movement and film it from the same place.</source>
        <translation>Etwas bekannter Länge in die Bewegungsebene legen und von derselben Stelle filmen.</translation>
    </message>
    <message>
        <source>Film %1 repetitions under one condition.</source>
        <translation>%1 Wiederholungen unter einer Bedingung filmen.</translation>
    </message>
    <message>
        <source>Watch each repetition and answer.</source>
        <translation>Jede Wiederholung ansehen und antworten.</translation>
    </message>
    <message>
        <source>No new clip: %1.</source>
        <translation>Kein neuer Clip: %1.</translation>
    </message>
    <message>
        <source>its ± is wider than the tolerance</source>
        <translation>sein ± ist weiter als die Toleranz</translation>
    </message>
    <message>
        <source>not answered in most repetitions</source>
        <translation>in den meisten Wiederholungen nicht beantwortet</translation>
    </message>
    <message>
        <source>seen once in %1 repetitions</source>
        <translation>einmal gesehen in %1 Wiederholungen</translation>
    </message>
    <message>
        <source>filmed calm only</source>
        <translation>nur ruhig gefilmt</translation>
    </message>
    <message>
        <source>Film the same movement fed, surprised or scored: does it hold there?</source>
        <translation>Dieselbe Bewegung zugespielt, überraschend oder mit Wertung filmen: Hält sie dort?</translation>
    </message>
    <message>
        <source>the event &quot;%1&quot; is not set</source>
        <translation>das Ereignis „%1“ ist nicht gesetzt</translation>
    </message>
    <message>
        <source>fewer than two &quot;%1&quot; are set</source>
        <translation>weniger als zwei „%1“ sind gesetzt</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is set twice in this cycle</source>
        <translation>„%1“ ist in diesem Zyklus zweimal gesetzt</translation>
    </message>
    <message>
        <source>order reversed: a phase ends before it starts</source>
        <translation>Reihenfolge verkehrt: eine Phase endet, bevor sie beginnt</translation>
    </message>
    <message>
        <source>order reversed: %1 ends before it starts</source>
        <translation>Reihenfolge verkehrt: %1 endet, bevor es beginnt</translation>
    </message>
    <message>
        <source>%1 is not marked</source>
        <translation>nicht markiert: %1</translation>
    </message>
    <message>
        <source>%1 is not marked at &quot;%2&quot;</source>
        <translation>nicht markiert bei „%2“: %1</translation>
    </message>
    <message>
        <source>%1 is not marked from frame %2</source>
        <translation>nicht markiert ab Bild %2: %1</translation>
    </message>
    <message>
        <source>%1 is not marked throughout frames %2 to %3</source>
        <translation>nicht durchgehend markiert in Bild %2 bis %3: %1</translation>
    </message>
    <message>
        <source>%1 is not marked at the first and last %2</source>
        <translation>nicht markiert beim ersten und letzten %2: %1</translation>
    </message>
    <message>
        <source>only %1 frames in a row are marked, 10 are needed</source>
        <translation>nur %1 Bilder hintereinander sind markiert, 10 sind nötig</translation>
    </message>
    <message>
        <source>too few frames in a row are marked, 10 are needed</source>
        <translation>zu wenige Bilder hintereinander sind markiert, 10 sind nötig</translation>
    </message>
    <message>
        <source>its points are not marked together in one frame</source>
        <translation>seine Punkte sind in keinem Bild zusammen markiert</translation>
    </message>
    <message>
        <source>the line is not marked in one frame together</source>
        <translation>die Linie ist in keinem Bild ganz markiert</translation>
    </message>
    <message>
        <source>the centre of mass needs the %1</source>
        <translation>der Körperschwerpunkt braucht: %1</translation>
    </message>
    <message>
        <source>which side is %1 could not be told from the marks</source>
        <translation>welche Seite %1 ist, war aus den Marken nicht zu erkennen</translation>
    </message>
    <message>
        <source>more than %1 landmarks in one measure</source>
        <translation>mehr als %1 Messpunkte in einer Messgröße</translation>
    </message>
    <message>
        <source>its extreme lies in or beside a gap in the marks</source>
        <translation>sein Extremwert liegt in oder neben einer Lücke der Marken</translation>
    </message>
    <message>
        <source>the path is too short for these marks</source>
        <translation>der Weg ist zu kurz für diese Marken</translation>
    </message>
    <message>
        <source>the marks are too rough: their noise outweighs the jerk of the movement</source>
        <translation>die Marken sind zu rau: ihr Rauschen überwiegt den Ruck der Bewegung</translation>
    </message>
    <message>
        <source>the speed below which it counts is not above what a still point shows with these marks</source>
        <translation>die Geschwindigkeit, unter der es zählt, liegt nicht über dem, was ein ruhender Punkt mit diesen Marken zeigt</translation>
    </message>
    <message>
        <source>not valid in a %1 view: film from the %2</source>
        <translation>in der Ansicht %1 nicht gültig: filmen aus Ansicht %2</translation>
    </message>
    <message>
        <source>the line &quot;ahead&quot; is not marked in this top view</source>
        <translation>die Linie „ahead“ ist in dieser Ansicht von oben nicht markiert</translation>
    </message>
    <message>
        <source>the axis %1 is not seen in a %2 view</source>
        <translation>die Achse %1 ist in der Ansicht %2 nicht zu sehen</translation>
    </message>
    <message>
        <source>no plumb line in a %1 view</source>
        <translation>keine Lotlinie in der Ansicht %1</translation>
    </message>
    <message>
        <source>no vertical in a %1 view</source>
        <translation>keine Senkrechte in der Ansicht %1</translation>
    </message>
    <message>
        <source>this joint&apos;s bend has no sign in a %1 view: film from the side</source>
        <translation>die Beugung dieses Gelenks hat in der Ansicht %1 kein Vorzeichen: von der Seite filmen</translation>
    </message>
    <message>
        <source>the way forward is not seen in a %1 view</source>
        <translation>die Richtung nach vorn ist in der Ansicht %1 nicht zu sehen</translation>
    </message>
    <message>
        <source>the camera moves: take its movement out on the Film page, or film from a stand</source>
        <translation>die Kamera bewegt sich: ihre Bewegung auf der Seite Film herausrechnen, oder vom Stativ filmen</translation>
    </message>
    <message>
        <source>filmed %1 degrees off the plane of movement: film square to it</source>
        <translation>%1 Grad neben der Bewegungsebene gefilmt: rechtwinklig dazu filmen</translation>
    </message>
    <message>
        <source>lengths in metres need a scale: set a known length in Film, or give --scale</source>
        <translation>Längen in Metern brauchen einen Maßstab: eine bekannte Länge in Film setzen, oder --scale angeben</translation>
    </message>
    <message>
        <source>too short in this view</source>
        <translation>in dieser Ansicht zu kurz</translation>
    </message>
    <message>
        <source>the body unit %1 is too short in this view</source>
        <translation>die Körpereinheit %1 ist in dieser Ansicht zu kurz</translation>
    </message>
    <message>
        <source>the body unit %1 is not marked</source>
        <translation>die Körpereinheit ist nicht markiert: %1</translation>
    </message>
    <message>
        <source>the body unit %1 is not marked in one frame together</source>
        <translation>die Körpereinheit ist in keinem Bild ganz markiert: %1</translation>
    </message>
    <message>
        <source>the times of the frames are not known</source>
        <translation>die Zeiten der Bilder sind nicht bekannt</translation>
    </message>
    <message>
        <source>a cutoff of %1 Hz is too high for %2 frames a second (0.45 of it at most)</source>
        <translation>eine Grenzfrequenz von %1 Hz ist zu hoch für %2 Bilder je Sekunde (höchstens das 0,45-Fache)</translation>
    </message>
    <message>
        <source>fewer than 3 frames in %1</source>
        <translation>weniger als 3 Bilder in %1</translation>
    </message>
    <message>
        <source>fastest at the edge of %1: no peak inside</source>
        <translation>am schnellsten am Rand von %1: kein Höchstwert im Innern</translation>
    </message>
    <message>
        <source>a peak of speed lies at the edge of %1</source>
        <translation>ein Höchstwert der Geschwindigkeit liegt am Rand von %1</translation>
    </message>
    <message>
        <source>nothing moves in %1</source>
        <translation>in %1 bewegt sich nichts</translation>
    </message>
    <message>
        <source>no value in every frame</source>
        <translation>nicht in jedem Bild ein Wert</translation>
    </message>
    <message>
        <source>not observed in this repetition</source>
        <translation>in dieser Wiederholung nicht beobachtet</translation>
    </message>
    <message>
        <source>a choice has no number</source>
        <translation>eine Antwort hat keine Zahl</translation>
    </message>
    <message>
        <source>needs %1 repetitions, has %2</source>
        <translation>braucht %1 Wiederholungen, hat %2</translation>
    </message>
    <message>
        <source>all repetitions have the same number</source>
        <translation>alle Wiederholungen haben dieselbe Nummer</translation>
    </message>
    <message>
        <source>no valid value on the left</source>
        <translation>links kein gültiger Wert</translation>
    </message>
    <message>
        <source>no valid value on the right</source>
        <translation>rechts kein gültiger Wert</translation>
    </message>
    <message>
        <source>both sides are too small against their uncertainty for a share</source>
        <translation>beide Seiten sind gegen ihre Unsicherheit zu klein für einen Anteil</translation>
    </message>
    <message>
        <source>no repetition under the condition &quot;%1&quot;</source>
        <translation>keine Wiederholung unter der Bedingung „%1“</translation>
    </message>
    <message>
        <source>two conditions are needed</source>
        <translation>zwei Bedingungen sind nötig</translation>
    </message>
    <message>
        <source>no reference for it</source>
        <translation>keine Referenz dafür</translation>
    </message>
    <message>
        <source>%1 bridged</source>
        <translation>%1 überbrückt</translation>
    </message>
    <message>
        <source>short segment: uncertainty by simulation</source>
        <translation>kurzes Segment: Unsicherheit durch Simulation</translation>
    </message>
    <message>
        <source>near square: in steps of 30 degrees only</source>
        <translation>nahe dem rechten Winkel: nur in Schritten von 30 Grad</translation>
    </message>
    <message>
        <source>true width: the widest seen in this set</source>
        <translation>wahre Breite: die größte, die in diesem Satz zu sehen ist</translation>
    </message>
    <message>
        <source>uncertainty of the event&apos;s time is not in it: mark the frames beside it</source>
        <translation>die Unsicherheit der Zeit des Ereignisses ist nicht darin: die Bilder daneben markieren</translation>
    </message>
    <message>
        <source>at the edge of the phase</source>
        <translation>am Rand der Phase</translation>
    </message>
    <message>
        <source>near the end of the marks: mark more frames outside the phase</source>
        <translation>nahe dem Ende der Marken: außerhalb der Phase mehr Bilder markieren</translation>
    </message>
    <message>
        <source>frame rate too low</source>
        <translation>Bildrate zu niedrig</translation>
    </message>
    <message>
        <source>within noise</source>
        <translation>im Rauschen</translation>
    </message>
    <message>
        <source>one cycle from %1 to the next %1</source>
        <translation>ein Zyklus von %1 bis zum nächsten %1</translation>
    </message>
    <message>
        <source>the camera is taken to stand still</source>
        <translation>die Kamera gilt als stillstehend</translation>
    </message>
    <message>
        <source>in the plane of the floor</source>
        <translation>in der Ebene des Bodens</translation>
    </message>
    <message>
        <source>unit foreshortened</source>
        <translation>Einheit verkürzt</translation>
    </message>
    <message>
        <source>mixed %1</source>
        <translation>gemischt: %1</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>stress levels</source>
        <translation>Belastungsstufen</translation>
    </message>
    <message>
        <source>views</source>
        <translation>Ansichten</translation>
    </message>
    <message>
        <source>bearings</source>
        <translation>Kamerarichtungen</translation>
    </message>
    <message>
        <source>variants</source>
        <translation>Formen</translation>
    </message>
    <message>
        <source>model too variable here</source>
        <translation>Vorbild hier zu schwankend</translation>
    </message>
    <message>
        <source>cannot be judged with this set-up</source>
        <translation>mit diesem Aufbau nicht zu beurteilen</translation>
    </message>
    <message>
        <source>filmed from another side</source>
        <translation>von einer anderen Seite gefilmt</translation>
    </message>
    <message>
        <source>another condition</source>
        <translation>andere Bedingung</translation>
    </message>
    <message>
        <source>another skill pack, or another edition of it</source>
        <translation>anderes Fertigkeitspaket oder andere Ausgabe davon</translation>
    </message>
    <message>
        <source>another unit</source>
        <translation>andere Einheit</translation>
    </message>
    <message>
        <source>another low-pass cutoff</source>
        <translation>andere Grenzfrequenz des Tiefpasses</translation>
    </message>
    <message>
        <source>no reference</source>
        <translation>keine Referenz</translation>
    </message>
    <message>
        <source>too few repetitions</source>
        <translation>zu wenige Wiederholungen</translation>
    </message>
    <message>
        <source>%1</source>
        <translation>%1</translation>
    </message>
    <message>
        <source>time of %1</source>
        <translation>Zeit von %1</translation>
    </message>
    <message>
        <source>time of the start of %1</source>
        <translation>Zeit des Beginns von %1</translation>
    </message>
    <message>
        <source>time of the end of %1</source>
        <translation>Zeit des Endes von %1</translation>
    </message>
    <message>
        <source>times of the first and last %1</source>
        <translation>Zeiten des ersten und letzten %1</translation>
    </message>
    <message>
        <source>length unit</source>
        <translation>Längeneinheit</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>marks, filtered</source>
        <translation>Marken, gefiltert</translation>
    </message>
    <message>
        <source>marks, by simulation</source>
        <translation>Marken, durch Simulation</translation>
    </message>
    <message>
        <source>marks, event times and unit, by simulation</source>
        <translation>Marken, Zeiten der Ereignisse und Einheit, durch Simulation</translation>
    </message>
    <message>
        <source>the repetitions&apos; spread</source>
        <translation>die Streuung der Wiederholungen</translation>
    </message>
    <message>
        <source>marking again, blind</source>
        <translation>nochmals markiert, blind</translation>
    </message>
    <message>
        <source>%1: not with %2</source>
        <translation>%1: nicht bei %2</translation>
    </message>
    <message>
        <source>%1: needs %2</source>
        <translation>%1: braucht %2</translation>
    </message>
    <message>
        <source>%1: held back until somebody says what &quot;%2&quot; means</source>
        <translation>%1: zurückgehalten, bis jemand sagt, was „%2“ bedeutet</translation>
    </message>
    <message>
        <source>%1; %2 instead</source>
        <translation>%1; stattdessen %2</translation>
    </message>
    <message>
        <source>no ladder in the pack for &quot;%1&quot;</source>
        <translation>keine Leiter im Paket für „%1“</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no drill that these limits and this equipment allow</source>
        <translation>„%1“ hat keine Übung, die diese Einschränkungen und diese Ausrüstung zulassen</translation>
    </message>
    <message>
        <source>pain was said in practice: the plan waits until it is written down who advised what</source>
        <translation>beim Üben wurde von Schmerz gesprochen: der Plan wartet, bis aufgeschrieben ist, wer was geraten hat</translation>
    </message>
    <message>
        <source>corrected for a camera %1 degrees off square</source>
        <translation>berichtigt für eine um %1 Grad verdrehte Kamera</translation>
    </message>
    <message>
        <source>the cameras stood in different places</source>
        <translation>die Kameras standen an verschiedenen Stellen</translation>
    </message>
    <message>
        <source>camera %1 degrees off square</source>
        <translation>Kamera um %1 Grad verdreht</translation>
    </message>
    <message>
        <source>camera assumed square on</source>
        <translation>Kamera als rechtwinklig angenommen</translation>
    </message>
    <message>
        <source>what is divided by cannot be told from 0: mark more exactly, or film closer</source>
        <translation>der Teiler ist von 0 nicht zu unterscheiden: genauer markieren oder näher filmen</translation>
    </message>
    <message>
        <source>nobody said where the camera stood, so some of the change may be its place</source>
        <translation>niemand hat gesagt, wo die Kamera stand; ein Teil der Änderung kann also ihr Platz sein</translation>
    </message>
    <message>
        <source>the camera stood %1 m high, then %2 m</source>
        <translation>die Kamera stand %1 m hoch, dann %2 m</translation>
    </message>
    <message>
        <source>the camera stood %1 m away, then %2 m</source>
        <translation>die Kamera stand %1 m entfernt, dann %2 m</translation>
    </message>
    <message>
        <source>nobody was seen in the picture</source>
        <translation>niemand war im Bild zu sehen</translation>
    </message>
    <message>
        <source>marks that it rests on are doubtful</source>
        <translation>Marken, auf denen es beruht, sind zweifelhaft</translation>
    </message>
    <message>
        <source>the %1 days without technique changes before %2 (%3)</source>
        <translation>die %1 Tage ohne Änderung der Technik vor %2 (%3)</translation>
    </message>
    <message>
        <source>The start of the plan falls into %1.</source>
        <translation>Der Beginn des Plans fällt in %1.</translation>
    </message>
    <message>
        <source>Start after the competition, or accept it knowingly.</source>
        <translation>Nach dem Wettkampf beginnen, oder es bewusst hinnehmen.</translation>
    </message>
    <message>
        <source>The retest falls into %1.</source>
        <translation>Der Nachtest fällt in %1.</translation>
    </message>
    <message>
        <source>Retest before %1, or after the competition.</source>
        <translation>Den Nachtest vor %1 machen, oder nach dem Wettkampf.</translation>
    </message>
    <message>
        <source>%1 lies between start and retest.</source>
        <translation>%1 liegt zwischen Beginn und Nachtest.</translation>
    </message>
    <message>
        <source>Practice pauses for it; expect old habits under pressure.</source>
        <translation>Dafür ruht das Üben; unter Druck kommen alte Gewohnheiten.</translation>
    </message>
    <message>
        <source>The retest comes before the plan has begun.</source>
        <translation>Der Nachtest kommt, bevor der Plan begonnen hat.</translation>
    </message>
    <message>
        <source>Put the retest after the start.</source>
        <translation>Den Nachtest nach den Beginn legen.</translation>
    </message>
    <message>
        <source>The retention test comes before the retest.</source>
        <translation>Der Behaltenstest kommt vor dem Nachtest.</translation>
    </message>
    <message>
        <source>Put it a week or more after the retest.</source>
        <translation>Ihn eine Woche oder mehr nach dem Nachtest ansetzen.</translation>
    </message>
    <message>
        <source>The retention test comes less than a week after the retest.</source>
        <translation>Der Behaltenstest kommt weniger als eine Woche nach dem Nachtest.</translation>
    </message>
    <message>
        <source>What was practised last week still shows: wait a week or more.</source>
        <translation>Was letzte Woche geübt wurde, ist noch zu sehen: eine Woche oder mehr warten.</translation>
    </message>
    <message>
        <source>No technique session is left between start and retest.</source>
        <translation>Zwischen Beginn und Nachtest bleibt keine Technikeinheit.</translation>
    </message>
    <message>
        <source>Move the retest, or plan more.</source>
        <translation>Den Nachtest verschieben, oder mehr einplanen.</translation>
    </message>
    <message>
        <source>The starting drills ask for %1 minutes a day, the plan gives %2.</source>
        <translation>Die ersten Übungen verlangen %1 Minuten am Tag, der Plan gibt %2.</translation>
    </message>
    <message>
        <source>Give more minutes, or only the main focus.</source>
        <translation>Mehr Minuten geben, oder nur den Hauptpunkt.</translation>
    </message>
    <message>
        <source>The athlete is little willing to change, and the plan asks for much.</source>
        <translation>Der Athlet will wenig ändern, und der Plan verlangt viel.</translation>
    </message>
    <message>
        <source>One fault and at most 5 minutes a day; or talk first.</source>
        <translation>Ein Fehler und höchstens 5 Minuten am Tag; oder zuerst reden.</translation>
    </message>
    <message>
        <source>The athlete says the cue and shows it once.</source>
        <translation>Der Athlet sagt den Hinweis und zeigt ihn einmal.</translation>
    </message>
    <message>
        <source>Warm up for the load to come, easy repetitions of the whole skill.</source>
        <translation>Für die kommende Belastung aufwärmen, leichte Wiederholungen der ganzen Fertigkeit.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 repetitions, counted: 9 good and the next rung is near, 6 or fewer and it gets easier. Good: %2</source>
        <translation>%1 Wiederholungen, gezählt: bei 9 guten ist die nächste Stufe nah, bei 6 oder weniger wird es leichter. Gut: %2</translation>
    </message>
    <message>
        <source>One sentence from the athlete: what felt different. Homework named.</source>
        <translation>Ein Satz vom Athleten: was sich anders anfühlte. Das Üben zu Hause nennen.</translation>
    </message>
    <message>
        <source>the point hardly moves there: these marks do not tell in which direction</source>
        <translation>der Punkt bewegt sich dort kaum: diese Marken sagen nicht, in welche Richtung</translation>
    </message>
    <message>
        <source>its ± comes mostly from marks that were proposed</source>
        <translation>sein ± kommt vor allem von vorgeschlagenen Marken</translation>
    </message>
    <message>
        <source>No new clip: set its points by hand at &quot;%1&quot; (repetitions still to do: %2).</source>
        <translation>Kein neuer Clip: die Punkte bei „%1“ von Hand setzen (noch zu bearbeitende Wiederholungen: %2).</translation>
    </message>
</context>
<context>
    <name>Word</name>
    <message>
        <source>side</source>
        <translation>von der Seite</translation>
    </message>
    <message>
        <source>front</source>
        <translation>von vorn</translation>
    </message>
    <message>
        <source>rear</source>
        <translation>von hinten</translation>
    </message>
    <message>
        <source>top</source>
        <translation>von oben</translation>
    </message>
    <message>
        <source>forward</source>
        <translation>vorwärts</translation>
    </message>
    <message>
        <source>up</source>
        <translation>aufwärts</translation>
    </message>
    <message>
        <source>angle</source>
        <translation>Winkel</translation>
    </message>
    <message>
        <source>flexion</source>
        <translation>Beugung</translation>
    </message>
    <message>
        <source>segment angle</source>
        <translation>Winkel des Segments</translation>
    </message>
    <message>
        <source>line angle</source>
        <translation>Winkel zweier Linien</translation>
    </message>
    <message>
        <source>clock</source>
        <translation>Richtung auf der Uhr</translation>
    </message>
    <message>
        <source>distance</source>
        <translation>Abstand</translation>
    </message>
    <message>
        <source>offset</source>
        <translation>Versatz</translation>
    </message>
    <message>
        <source>ratio</source>
        <translation>Verhältnis</translation>
    </message>
    <message>
        <source>stack</source>
        <translation>Lotabstand</translation>
    </message>
    <message>
        <source>turn</source>
        <translation>Drehung</translation>
    </message>
    <message>
        <source>speed</source>
        <translation>Geschwindigkeit</translation>
    </message>
    <message>
        <source>angular speed</source>
        <translation>Winkelgeschwindigkeit</translation>
    </message>
    <message>
        <source>interval</source>
        <translation>Dauer</translation>
    </message>
    <message>
        <source>phase share</source>
        <translation>Anteil der Phase</translation>
    </message>
    <message>
        <source>tempo ratio</source>
        <translation>Tempoverhältnis</translation>
    </message>
    <message>
        <source>rate</source>
        <translation>Frequenz</translation>
    </message>
    <message>
        <source>cycle length</source>
        <translation>Zykluslänge</translation>
    </message>
    <message>
        <source>cycle speed</source>
        <translation>Zyklusgeschwindigkeit</translation>
    </message>
    <message>
        <source>dwell</source>
        <translation>Verweilzeit</translation>
    </message>
    <message>
        <source>overlap</source>
        <translation>Überdeckung</translation>
    </message>
    <message>
        <source>peak order</source>
        <translation>Reihenfolge der Spitzen</translation>
    </message>
    <message>
        <source>path length</source>
        <translation>Weglänge</translation>
    </message>
    <message>
        <source>straightness</source>
        <translation>Geradheit</translation>
    </message>
    <message>
        <source>reversals</source>
        <translation>Umkehrungen</translation>
    </message>
    <message>
        <source>steadiness</source>
        <translation>Ruhe</translation>
    </message>
    <message>
        <source>smoothness</source>
        <translation>Glätte</translation>
    </message>
    <message>
        <source>brake</source>
        <translation>Bremsung</translation>
    </message>
    <message>
        <source>symmetry</source>
        <translation>Symmetrie</translation>
    </message>
    <message>
        <source>drift</source>
        <translation>Drift</translation>
    </message>
    <message>
        <source>variability</source>
        <translation>Streuung</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>Unterschied</translation>
    </message>
    <message>
        <source>observed</source>
        <translation>beobachtet</translation>
    </message>
    <message>
        <source>maximum</source>
        <translation>größter Wert</translation>
    </message>
    <message>
        <source>minimum</source>
        <translation>kleinster Wert</translation>
    </message>
    <message>
        <source>range</source>
        <translation>Spanne</translation>
    </message>
    <message>
        <source>mean</source>
        <translation>Mittel</translation>
    </message>
    <message>
        <source>horizontal</source>
        <translation>Waagrechte</translation>
    </message>
    <message>
        <source>vertical</source>
        <translation>Senkrechte</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>klar</translation>
    </message>
    <message>
        <source>possible</source>
        <translation>möglich</translation>
    </message>
    <message>
        <source>within</source>
        <translation>im Bereich</translation>
    </message>
    <message>
        <source>capacity</source>
        <translation>Kraft und Beweglichkeit</translation>
    </message>
    <message>
        <source>equipment</source>
        <translation>Ausrüstung</translation>
    </message>
    <message>
        <source>habit</source>
        <translation>Gewohnheit</translation>
    </message>
    <message>
        <source>earlier advice</source>
        <translation>früherer Rat</translation>
    </message>
    <message>
        <source>leverage</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>frequency</source>
        <translation>Häufigkeit</translation>
    </message>
    <message>
        <source>certainty</source>
        <translation>Sicherheit</translation>
    </message>
    <message>
        <source>effect</source>
        <translation>Wirkung</translation>
    </message>
    <message>
        <source>readiness</source>
        <translation>Bereitschaft</translation>
    </message>
    <message>
        <source>dominant</source>
        <translation>dominante Seite</translation>
    </message>
    <message>
        <source>other</source>
        <translation>andere Seite</translation>
    </message>
    <message>
        <source>shoulder</source>
        <translation>Schulter</translation>
    </message>
    <message>
        <source>elbow</source>
        <translation>Ellbogen</translation>
    </message>
    <message>
        <source>wrist</source>
        <translation>Handgelenk</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>hip</source>
        <translation>Hüfte</translation>
    </message>
    <message>
        <source>knee</source>
        <translation>Knie</translation>
    </message>
    <message>
        <source>ankle</source>
        <translation>Sprunggelenk</translation>
    </message>
    <message>
        <source>heel</source>
        <translation>Ferse</translation>
    </message>
    <message>
        <source>toe</source>
        <translation>Zehe</translation>
    </message>
    <message>
        <source>eye</source>
        <translation>Auge</translation>
    </message>
    <message>
        <source>ear</source>
        <translation>Ohr</translation>
    </message>
    <message>
        <source>nose</source>
        <translation>Nase</translation>
    </message>
    <message>
        <source>mid shoulder</source>
        <translation>Mitte der Schultern</translation>
    </message>
    <message>
        <source>mid hip</source>
        <translation>Mitte der Hüften</translation>
    </message>
    <message>
        <source>mid ankle</source>
        <translation>Mitte der Sprunggelenke</translation>
    </message>
    <message>
        <source>com</source>
        <translation>Körperschwerpunkt</translation>
    </message>
    <message>
        <source>arm</source>
        <translation>Arm</translation>
    </message>
    <message>
        <source>lead</source>
        <translation>vorn</translation>
    </message>
    <message>
        <source>rear leg</source>
        <translation>hinteres Bein</translation>
    </message>
    <message>
        <source>near</source>
        <translation>nahe Seite</translation>
    </message>
    <message>
        <source>bow</source>
        <translation>Bogen</translation>
    </message>
    <message>
        <source>string</source>
        <translation>Sehne</translation>
    </message>
    <message>
        <source>strength</source>
        <translation>Stärke</translation>
    </message>
    <message>
        <source>safety</source>
        <translation>Sicherheit</translation>
    </message>
    <message>
        <source>heading</source>
        <translation>Bewegungsrichtung</translation>
    </message>
</context>
<context>
    <name>riflesso</name>
    <message>
        <source>Looking whether it is %1</source>
        <translation>Wird geprüft: %1</translation>
    </message>
    <message>
        <source>Find moved clips</source>
        <translation>Verschobene Clips suchen</translation>
    </message>
    <message>
        <source>Found again: %1.</source>
        <translation>Wiedergefunden: %1.</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>clips</source>
        <translation>Clips</translation>
    </message>
    <message>
        <source>%1 good: %2 % of %3 with it, %4 % of %5 without. Lost: %6 points (%7 to %8).</source>
        <translation>%1 gut: %2 % von %3 damit, %4 % von %5 ohne. Verloren: %6 Punkte (%7 bis %8).</translation>
    </message>
    <message>
        <source>%1: %2 %3 with it (%4), %5 %3 without (%6). Lost: %7 %3 (%8 to %9).</source>
        <translation>%1: %2 %3 damit (%4), %5 %3 ohne (%6). Verloren: %7 %3 (%8 bis %9).</translation>
    </message>
    <message>
        <source>Felt right: %1 of %2; of these the film shows it in %3.</source>
        <translation>Fühlte sich richtig an: %1 von %2; davon zeigt es der Film in %3.</translation>
    </message>
    <message>
        <source>Felt and seen agree in %1 of %2 (kappa %3).</source>
        <translation>Gefühl und Film stimmen überein in %1 von %2 (Kappa %3).</translation>
    </message>
    <message>
        <source>Were it gone, no fault would be left.</source>
        <translation>Wäre er fort, bliebe kein Fehler.</translation>
    </message>
    <message>
        <source>Were it gone: %1.</source>
        <translation>Wäre er fort: %1.</translation>
    </message>
    <message>
        <source>Its place in the other orders: %1.</source>
        <translation>Sein Platz in den anderen Reihungen: %1.</translation>
    </message>
    <message>
        <source>WHAT WOULD SETTLE MORE</source>
        <translation>WAS MEHR KLÄREN WÜRDE</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Vorbild</translation>
    </message>
    <message>
        <source>Own best: %1</source>
        <translation>Eigenes Bestes: %1</translation>
    </message>
    <message>
        <source>%1 at best</source>
        <translation>%1 beim Besten</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>The course</source>
        <translation>Der Weg</translation>
    </message>
    <message>
        <source>Work goes down this bar: who the athlete is, the film, the marks, the comparison, what was found, the plan, practice, what came of it, and the paper to hand over. Each step says where it stands. This is the demo, your own copy: nothing you do here can do harm.</source>
        <translation>Die Arbeit geht diese Leiste entlang: wer der Athlet ist, der Film, die Marken, der Vergleich, was gefunden wurde, der Plan, das Üben, was daraus wurde, und das Papier zum Übergeben. Jeder Schritt sagt, wo er steht. Dies ist das Beispiel, Ihre eigene Kopie: nichts, was Sie hier tun, kann schaden.</translation>
    </message>
    <message>
        <source>What she believes</source>
        <translation>Was sie annimmt</translation>
    </message>
    <message>
        <source>Ilka, 17, left-handed, lunges at a pad on the wall. Before anything is shown she says what she thinks: her arm is &quot;a little late&quot;. It is locked, so that nobody can have known it all along.</source>
        <translation>Ilka, 17, Linkshänderin, macht Ausfälle gegen ein Kissen an der Wand. Bevor etwas gezeigt wird, sagt sie, was sie denkt: ihr Arm ist „ein bisschen spät“. Das wird festgeschrieben, damit es niemand schon immer gewusst haben kann.</translation>
    </message>
    <message>
        <source>Film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>Two clips: lunges on a call, and lunges when a lamp lights up. The boxes on the line below are her repetitions, cut with C at the start and at the end of each; 1, 2, 3 keep the result.</source>
        <translation>Zwei Clips: Ausfälle auf Zuruf, und Ausfälle, wenn eine Lampe aufleuchtet. Die Kästen auf der Linie unten sind ihre Wiederholungen, mit C am Anfang und am Ende jeder geschnitten; 1, 2, 3 halten das Ergebnis fest.</translation>
    </message>
    <message>
        <source>Press Space: the clip plays.</source>
        <translation>Leertaste drücken: der Clip läuft.</translation>
    </message>
    <message>
        <source>Mark</source>
        <translation>Markieren</translation>
    </message>
    <message>
        <source>A repetition has key events, in order, and landmarks that are clicked on the picture. The program can propose them (P) and follow them (T); every time has its ±, because a frame is not an instant.</source>
        <translation>Eine Wiederholung hat Schlüsselereignisse, der Reihe nach, und Messpunkte, die im Bild angeklickt werden. Das Programm kann sie vorschlagen (P) und verfolgen (T); jede Zeit hat ihr ±, denn ein Bild ist kein Augenblick.</translation>
    </message>
    <message>
        <source>Press ↓: the next key event.</source>
        <translation>↓ drücken: das nächste Schlüsselereignis.</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>Athlete above, model below, at the same phase. The line between them is the waterline: a tie that leans is an event that comes early or late. Each ruler on the right has the model&apos;s band, every repetition a dot, and a shape for how sure the deviation is. The chosen measure is drawn on both pictures.</source>
        <translation>Oben der Athlet, unten das Vorbild, in derselben Phase. Die Linie dazwischen ist die Wasserlinie: eine schräge Verbindung ist ein Ereignis, das zu früh oder zu spät kommt. Jedes Lineal rechts hat das Band des Vorbilds, für jede Wiederholung einen Punkt und ein Zeichen dafür, wie sicher die Abweichung ist. Die gewählte Messgröße ist in beide Bilder gezeichnet.</translation>
    </message>
    <message>
        <source>Press ↓ to walk through the measures.</source>
        <translation>Mit ↓ durch die Messgrößen gehen.</translation>
    </message>
    <message>
        <source>The wall</source>
        <translation>Die Wand</translation>
    </message>
    <message>
        <source>All repetitions at once, with the model among them, moving together. Is it always so, or only once?</source>
        <translation>Alle Wiederholungen auf einmal, das Vorbild darunter, gemeinsam in Bewegung. Ist es immer so, oder nur einmal?</translation>
    </message>
    <message>
        <source>Press W, then Space to play.</source>
        <translation>W drücken, dann die Leertaste zum Abspielen.</translation>
    </message>
    <message>
        <source>Why this number?</source>
        <translation>Warum diese Zahl?</translation>
    </message>
    <message>
        <source>Nothing has to be believed. Every number says how it is defined, from which marks and frames it comes, and what makes it unsure.</source>
        <translation>Nichts muss geglaubt werden. Jede Zahl sagt, wie sie definiert ist, aus welchen Marken und Bildern sie kommt und was sie unsicher macht.</translation>
    </message>
    <message>
        <source>Click a number at the right end of a ruler.</source>
        <translation>Eine Zahl am rechten Ende eines Lineals anklicken.</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Deviations come together to faults, and faults cause each other: the late arm pulls the trunk forward, and that sends the knee past the ankle. The list puts the root first. You decide, and say why; the program only proposes.</source>
        <translation>Abweichungen fügen sich zu Fehlern, und Fehler verursachen einander: der späte Arm zieht den Rumpf nach vorn, und das schickt das Knie über das Sprunggelenk hinaus. Die Liste stellt die Ursache zuerst. Sie entscheiden und sagen warum; das Programm schlägt nur vor.</translation>
    </message>
    <message>
        <source>Choose &quot;work on this&quot; (W) for the first finding.</source>
        <translation>Beim ersten Befund „Angehen“ (W) wählen.</translation>
    </message>
    <message>
        <source>Not everything at once</source>
        <translation>Nicht alles auf einmal</translation>
    </message>
    <message>
        <source>A follow-up of the root often goes by itself. Parking it is a decision too, and is kept with its reason.</source>
        <translation>Eine Folge der Ursache geht oft von selbst. Sie zurückzustellen ist auch eine Entscheidung und wird mit ihrem Grund behalten.</translation>
    </message>
    <message>
        <source>Click another finding, write a reason, and park it.</source>
        <translation>Einen anderen Befund anklicken, einen Grund schreiben und ihn zurückstellen.</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
    </message>
    <message>
        <source>The way back is a ladder: from a position one can feel to the full movement when surprised. Each rung has its cue, its dose, what counts as good, and its cautions. The weeks leave the last days before a competition without change, and say when to film again.</source>
        <translation>Der Weg zurück ist eine Leiter: von einer Position, die man spüren kann, bis zur ganzen Bewegung auf Überraschung. Jede Stufe hat ihren Hinweis, ihre Dosis, was als gut zählt, und ihre Vorsicht. Die Wochen lassen die letzten Tage vor einem Wettkampf ohne Änderung und sagen, wann wieder zu filmen ist.</translation>
    </message>
    <message>
        <source>Practice</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>At the side of the hall: one key for good, one for not. The share decides whether to go up a rung, stay, or go back one, and says when it is too early to tell.</source>
        <translation>Am Rand der Halle: eine Taste für gut, eine für nicht. Der Anteil entscheidet, ob es eine Stufe höher geht, man bleibt oder eine zurückgeht, und sagt, wann es für ein Urteil zu früh ist.</translation>
    </message>
    <message>
        <source>Press G for a good repetition.</source>
        <translation>G drücken für eine gute Wiederholung.</translation>
    </message>
    <message>
        <source>Hand-over</source>
        <translation>Übergabe</translation>
    </message>
    <message>
        <source>Your own first case</source>
        <translation>Ihr eigener erster Fall</translation>
    </message>
    <message>
        <source>That was the whole way. For your own: a name, a skill, and a clip filmed square from the side the skill asks for. &quot;Back to my library&quot; leaves the demo; it stays as you leave it.</source>
        <translation>Das war der ganze Weg. Für Ihren eigenen: ein Name, eine Fertigkeit und ein Clip, rechtwinklig von der Seite gefilmt, die die Fertigkeit verlangt. „Zurück zu meiner Bibliothek“ verlässt das Beispiel; es bleibt, wie Sie es verlassen.</translation>
    </message>
    <message>
        <source>The demo is being put together; it opens by itself.</source>
        <translation>Das Beispiel wird zusammengestellt; es öffnet sich von selbst.</translation>
    </message>
    <message>
        <source>Putting the demo together</source>
        <translation>Beispiel wird zusammengestellt</translation>
    </message>
    <message>
        <source>at the rear foot</source>
        <translation>am hinteren Fuß</translation>
    </message>
    <message>
        <source>at the hip</source>
        <translation>an der Hüfte</translation>
    </message>
    <message>
        <source>at the shoulder</source>
        <translation>an der Schulter</translation>
    </message>
    <message>
        <source>at the knee</source>
        <translation>am Knie</translation>
    </message>
    <message>
        <source>at the ankle</source>
        <translation>am Sprunggelenk</translation>
    </message>
    <message>
        <source>at the elbow</source>
        <translation>am Ellbogen</translation>
    </message>
    <message>
        <source>at the wrist</source>
        <translation>am Handgelenk</translation>
    </message>
    <message>
        <source>no ghost: filmed from another view</source>
        <translation>kein Geisterbild: aus einer anderen Ansicht gefilmt</translation>
    </message>
    <message>
        <source>no ghost: the cameras stood at unlike bearings</source>
        <translation>kein Geisterbild: die Kameras standen in ungleichen Richtungen</translation>
    </message>
    <message>
        <source>no ghost: %1 is not marked in both here</source>
        <translation>kein Geisterbild: nicht in beiden markiert: %1</translation>
    </message>
    <message>
        <source>Mean of the model</source>
        <translation>Mittel des Vorbilds</translation>
    </message>
    <message>
        <source>Mean of %1</source>
        <translation>Mittel von %1</translation>
    </message>
    <message>
        <source>pain</source>
        <translation>Schmerz</translation>
    </message>
    <message>
        <source>dizziness</source>
        <translation>Schwindel</translation>
    </message>
    <message>
        <source>breathlessness</source>
        <translation>Atemnot</translation>
    </message>
    <message>
        <source>a blow to the head</source>
        <translation>ein Schlag auf den Kopf</translation>
    </message>
    <message>
        <source>Back to the pack&apos;s word for the effect</source>
        <translation>Zurück zur Wirkung nach dem Paket</translation>
    </message>
    <message>
        <source>Let this stand in for the pack&apos;s word</source>
        <translation>Dies anstelle der Wirkung nach dem Paket nehmen</translation>
    </message>
    <message>
        <source>What is ticked on the right is written into one folder: papers, a film to take home, pictures. Faces can be covered and names left out. With a paper the assessment is frozen: it prints the same in years.</source>
        <translation>Was rechts angehakt ist, wird in einen Ordner geschrieben: Papiere, ein Film für zu Hause, Bilder. Gesichter lassen sich verdecken und Namen weglassen. Mit einem Papier wird die Auswertung eingefroren: sie druckt noch in Jahren dasselbe.</translation>
    </message>
    <message>
        <source>Press P: write the folder.</source>
        <translation>P drücken: den Ordner schreiben.</translation>
    </message>
</context>
<context>
    <name>riflesso::ApproachBox</name>
    <message>
        <source>%1: from &quot;%2&quot;, %3, %4 min of a lesson</source>
        <translation>%1: ab „%2“, %3, %4 min einer Stunde</translation>
    </message>
    <message>
        <source>Main</source>
        <translation>Haupt</translation>
    </message>
    <message>
        <source>Minor</source>
        <translation>Neben</translation>
    </message>
    <message>
        <source>step</source>
        <translation>Stufe</translation>
    </message>
    <message>
        <source>steps</source>
        <translation>Stufen</translation>
    </message>
    <message>
        <source>%1 for each step until the retest%2</source>
        <translation>%1 für jede Stufe bis zum Nachtest%2</translation>
    </message>
    <message>
        <source>%1 technique sessions</source>
        <translation>%1 Technikeinheiten</translation>
    </message>
    <message>
        <source> · to settle: %1</source>
        <translation> · zu klären: %1</translation>
    </message>
    <message>
        <source>HOW TO GO ABOUT IT</source>
        <translation>WIE ES ANGEHEN</translation>
    </message>
    <message>
        <source>why this way, in this case</source>
        <translation>warum so, in diesem Fall</translation>
    </message>
    <message>
        <source>Reason for this way</source>
        <translation>Grund für diesen Weg</translation>
    </message>
    <message>
        <source>How to go about it: %1</source>
        <translation>Wie es angehen: %1</translation>
    </message>
    <message>
        <source>Why the plan goes about it so</source>
        <translation>Warum der Plan es so angeht</translation>
    </message>
</context>
<context>
    <name>riflesso::AskBar</name>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
</context>
<context>
    <name>riflesso::AthletePage</name>
    <message>
        <source>WHO</source>
        <translation>WER</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation>rechtshändig</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>linkshändig</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source>Born</source>
        <translation>Geboren</translation>
    </message>
    <message>
        <source>Level</source>
        <translation>Niveau</translation>
    </message>
    <message>
        <source>Goal</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>How much the athlete wants to change the technique. Hard re-learning is for those who do.</source>
        <translation>Wie sehr der Athlet die Technik ändern will. Schweres Umlernen ist etwas für die, die es wollen.</translation>
    </message>
    <message>
        <source>Willing to change</source>
        <translation>Bereit zu ändern</translation>
    </message>
    <message>
        <source>NOTES</source>
        <translation>NOTIZEN</translation>
    </message>
    <message>
        <source>COMPETITIONS</source>
        <translation>WETTKÄMPFE</translation>
    </message>
    <message>
        <source>Date of the competition</source>
        <translation>Tag des Wettkampfs</translation>
    </message>
    <message>
        <source>Name of the competition</source>
        <translation>Name des Wettkampfs</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>A competition needs a name.</source>
        <translation>Ein Wettkampf braucht einen Namen.</translation>
    </message>
    <message>
        <source>Add a competition</source>
        <translation>Wettkampf hinzufügen</translation>
    </message>
    <message>
        <source>CONSENT TO FILM</source>
        <translation>EINWILLIGUNG ZUM FILMEN</translation>
    </message>
    <message>
        <source>SESSIONS</source>
        <translation>SITZUNGEN</translation>
    </message>
    <message>
        <source>NEW SESSION</source>
        <translation>NEUE SITZUNG</translation>
    </message>
    <message>
        <source>Date of the new session</source>
        <translation>Tag der neuen Sitzung</translation>
    </message>
    <message>
        <source>Such as: retest</source>
        <translation>Etwa: Nachtest</translation>
    </message>
    <message>
        <source>Title of the new session</source>
        <translation>Titel der neuen Sitzung</translation>
    </message>
    <message>
        <source>Add for the athlete</source>
        <translation>Für den Athleten</translation>
    </message>
    <message>
        <source>Add for a model</source>
        <translation>Für ein Vorbild</translation>
    </message>
    <message>
        <source>Model</source>
        <translation>Vorbild</translation>
    </message>
    <message>
        <source>Session</source>
        <translation>Sitzung</translation>
    </message>
    <message>
        <source>Add a session</source>
        <translation>Sitzung hinzufügen</translation>
    </message>
    <message>
        <source>a goal</source>
        <translation>ein Ziel</translation>
    </message>
    <message>
        <source>a competition date</source>
        <translation>ein Wettkampftag</translation>
    </message>
    <message>
        <source>film a session</source>
        <translation>eine Sitzung filmen</translation>
    </message>
    <message>
        <source>lock the beliefs before results are shown</source>
        <translation>die Annahmen festschreiben, bevor Ergebnisse gezeigt werden</translation>
    </message>
    <message>
        <source>see Mirror and Findings</source>
        <translation>Spiegel und Befunde ansehen</translation>
    </message>
    <message>
        <source>%1, %2. %3&lt;b&gt;Next: %4.&lt;/b&gt;</source>
        <translation>%1, %2. %3&lt;b&gt;Weiter: %4.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Missing: %1. </source>
        <translation>Es fehlt: %1. </translation>
    </message>
    <message>
        <source>ask belief</source>
        <translation>Annahme erfragen</translation>
    </message>
    <message>
        <source>lock beliefs</source>
        <translation>Annahmen festschreiben</translation>
    </message>
    <message>
        <source>ready</source>
        <translation>bereit</translation>
    </message>
    <message>
        <source>The athlete needs a name; the old one is kept.</source>
        <translation>Der Athlet braucht einen Namen; der alte bleibt.</translation>
    </message>
    <message>
        <source>Change the goal</source>
        <translation>Ziel ändern</translation>
    </message>
    <message>
        <source>Change the name</source>
        <translation>Namen ändern</translation>
    </message>
    <message>
        <source>Change the hand</source>
        <translation>Hand ändern</translation>
    </message>
    <message>
        <source>Change the consent</source>
        <translation>Einwilligung ändern</translation>
    </message>
    <message>
        <source>Change the athlete</source>
        <translation>Athleten ändern</translation>
    </message>
    <message>
        <source>, in %1 days</source>
        <translation>, in %1 Tagen</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove a competition</source>
        <translation>Wettkampf entfernen</translation>
    </message>
    <message>
        <source>, model</source>
        <translation>, Vorbild</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>clips</source>
        <translation>Clips</translation>
    </message>
    <message>
        <source>Chosen</source>
        <translation>Gewählt</translation>
    </message>
    <message>
        <source>Choose</source>
        <translation>Wählen</translation>
    </message>
    <message>
        <source>Performers need to have agreed to be shown.</source>
        <translation>Wer vorgeführt wird, muss damit einverstanden sein.</translation>
    </message>
    <message>
        <source>Delete…</source>
        <translation>Löschen…</translation>
    </message>
    <message>
        <source>Delete %1 for good</source>
        <translation>%1 endgültig löschen</translation>
    </message>
    <message>
        <source>No fault found.</source>
        <translation>Kein Fehler gefunden.</translation>
    </message>
    <message>
        <source>Found: %1</source>
        <translation>Gefunden: %1</translation>
    </message>
    <message>
        <source> and %1 more</source>
        <translation> und %1 mehr</translation>
    </message>
    <message>
        <source>What each session shows</source>
        <translation>Was jede Sitzung zeigt</translation>
    </message>
    <message>
        <source>&lt;b&gt;Delete %1 for good?&lt;/b&gt; %2 and %3 with their marks and frozen plans go with it, and all undo steps. Clips that lie in the library and no other case uses are deleted. This cannot be undone.</source>
        <translation>&lt;b&gt;%1 endgültig löschen?&lt;/b&gt; %2 und %3 mit ihren Marken und eingefrorenen Plänen gehen mit, und alle Schritte zum Rückgängigmachen. Clips, die in der Bibliothek liegen und in keinem anderen Fall vorkommen, werden gelöscht. Das lässt sich nicht rückgängig machen.</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Delete for good</source>
        <translation>Endgültig löschen</translation>
    </message>
    <message>
        <source>%1 is deleted.</source>
        <translation>%1 ist gelöscht.</translation>
    </message>
    <message>
        <source>ask what the athlete believes, write down your first guess, or say that nobody was asked</source>
        <translation>fragen, was der Athlet annimmt, die eigene erste Einschätzung aufschreiben, oder sagen, dass niemand gefragt wurde</translation>
    </message>
</context>
<context>
    <name>riflesso::BeliefBox</name>
    <message>
        <source>First guess</source>
        <translation>Einschätzung</translation>
    </message>
    <message>
        <source>Believed</source>
        <translation>Angenommen</translation>
    </message>
    <message>
        <source>BELIEVED AND GUESSED BEFORE ANY RESULT</source>
        <translation>ANGENOMMEN UND GESCHÄTZT VOR JEDEM ERGEBNIS</translation>
    </message>
    <message>
        <source>Whose guess it is</source>
        <translation>Wessen Schätzung es ist</translation>
    </message>
    <message>
        <source>The athlete&apos;s</source>
        <translation>Des Athleten</translation>
    </message>
    <message>
        <source>My first guess</source>
        <translation>Meine</translation>
    </message>
    <message>
        <source>Measure the belief is about</source>
        <translation>Messgröße, um die es geht</translation>
    </message>
    <message>
        <source>Believed value</source>
        <translation>Angenommener Wert</translation>
    </message>
    <message>
        <source>The belief in words</source>
        <translation>Die Annahme in Worten</translation>
    </message>
    <message>
        <source>Write down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>Lock what was written down</source>
        <translation>Festschreiben</translation>
    </message>
    <message>
        <source>After this they cannot be changed: what was believed before the results stays as it was.</source>
        <translation>Danach lässt sich nichts mehr ändern: was vor den Ergebnissen angenommen wurde, bleibt, wie es war.</translation>
    </message>
    <message>
        <source>In the athlete&apos;s own words</source>
        <translation>In den Worten des Athleten</translation>
    </message>
    <message>
        <source>In a few words: what you expect to find</source>
        <translation>In wenigen Worten: was Sie zu finden erwarten</translation>
    </message>
    <message>
        <source>locked</source>
        <translation>fest</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove a belief</source>
        <translation>Annahme entfernen</translation>
    </message>
    <message>
        <source>Write the belief down in words.</source>
        <translation>Die Annahme in Worten aufschreiben.</translation>
    </message>
    <message>
        <source>Write down a belief</source>
        <translation>Annahme aufschreiben</translation>
    </message>
    <message>
        <source>Write down a first guess</source>
        <translation>Erste Einschätzung aufschreiben</translation>
    </message>
    <message>
        <source>Forecast</source>
        <translation>Vorhersage</translation>
    </message>
    <message>
        <source>, about %1</source>
        <translation>, etwa %1</translation>
    </message>
    <message>
        <source>Ask the athlete before anything is shown, and write down your own first guess. Results are shown once both are locked, for good; then they stand beside the measured value.</source>
        <translation>Den Athleten fragen, bevor etwas gezeigt wird, und die eigene erste Einschätzung aufschreiben. Ergebnisse werden gezeigt, sobald beide endgültig festgeschrieben sind; dann stehen sie neben dem Messwert.</translation>
    </message>
    <message>
        <source>Said with today&apos;s date, for good: results are shown then without it.</source>
        <translation>Mit dem heutigen Tag gesagt, endgültig: Ergebnisse werden dann ohne sie gezeigt.</translation>
    </message>
    <message>
        <source>The athlete is not asked</source>
        <translation>Der Athlet wird nicht gefragt</translation>
    </message>
    <message>
        <source>No first guess</source>
        <translation>Keine erste Einschätzung</translation>
    </message>
    <message>
        <source>The athlete was not asked (%1).</source>
        <translation>Der Athlet wurde nicht gefragt (%1).</translation>
    </message>
    <message>
        <source>No first guess (%1).</source>
        <translation>Keine erste Einschätzung (%1).</translation>
    </message>
</context>
<context>
    <name>riflesso::BenchPage</name>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Open a clip…</source>
        <translation>Clip öffnen…</translation>
    </message>
    <message>
        <source>Another beside it…</source>
        <translation>Noch einen daneben…</translation>
    </message>
    <message>
        <source>Span from here (I)</source>
        <translation>Spanne von hier (I)</translation>
    </message>
    <message>
        <source>to here (O)</source>
        <translation>bis hier (O)</translation>
    </message>
    <message>
        <source>POINTS</source>
        <translation>PUNKTE</translation>
    </message>
    <message>
        <source>This line is the unit (U)</source>
        <translation>Diese Linie ist die Einheit (U)</translation>
    </message>
    <message>
        <source>Two points make the line that is to be the unit.</source>
        <translation>Zwei Punkte ergeben die Linie, die Einheit sein soll.</translation>
    </message>
    <message>
        <source>Follow the last point (F)</source>
        <translation>Den letzten Punkt verfolgen (F)</translation>
    </message>
    <message>
        <source>COUNT</source>
        <translation>ZÄHLEN</translation>
    </message>
    <message>
        <source>whole cycles</source>
        <translation>ganze Zyklen</translation>
    </message>
    <message>
        <source>every side</source>
        <translation>jede Seite</translation>
    </message>
    <message>
        <source>A beat is</source>
        <translation>Ein Schlag ist</translation>
    </message>
    <message>
        <source>Filmed at 240 pictures a second and stored at 30: 8.</source>
        <translation>Mit 240 Bildern je Sekunde gefilmt und mit 30 gespeichert: 8.</translation>
    </message>
    <message>
        <source>Slow motion ×</source>
        <translation>Zeitlupe ×</translation>
    </message>
    <message>
        <source>Beat (B)</source>
        <translation>Schlag (B)</translation>
    </message>
    <message>
        <source>Count anew</source>
        <translation>Neu zählen</translation>
    </message>
    <message>
        <source>KEEP</source>
        <translation>BEHALTEN</translation>
    </message>
    <message>
        <source>Note to keep with the clip</source>
        <translation>Notiz zum Clip</translation>
    </message>
    <message>
        <source>Note: becomes the clip&apos;s title</source>
        <translation>Notiz: wird der Titel des Clips</translation>
    </message>
    <message>
        <source>Keep into the open case (K)</source>
        <translation>In den offenen Fall übernehmen (K)</translation>
    </message>
    <message>
        <source>The Bench needs no case. &lt;b&gt;Next: open a clip, or drop one here.&lt;/b&gt;</source>
        <translation>Die Werkbank braucht keinen Fall. &lt;b&gt;Weiter: einen Clip öffnen, oder einen hier fallen lassen.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>%1. &lt;b&gt;Next: play, click points on the picture, or press B at every beat.&lt;/b&gt;</source>
        <translation>%1. &lt;b&gt;Weiter: abspielen, Punkte im Bild anklicken, oder bei jedem Schlag B drücken.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>play</source>
        <translation>abspielen</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>click</source>
        <translation>Klick</translation>
    </message>
    <message>
        <source>point</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>beat</source>
        <translation>Schlag</translation>
    </message>
    <message>
        <source>follow</source>
        <translation>verfolgen</translation>
    </message>
    <message>
        <source>keep</source>
        <translation>behalten</translation>
    </message>
    <message>
        <source>other clip</source>
        <translation>anderer Clip</translation>
    </message>
    <message>
        <source>Open or start a case first, on the Cases page.</source>
        <translation>Zuerst einen Fall öffnen oder beginnen, auf der Seite Fälle.</translation>
    </message>
    <message>
        <source>Open a clip</source>
        <translation>Clip öffnen</translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation>%1 wird geöffnet</translation>
    </message>
    <message>
        <source> of the unit</source>
        <translation> der Einheit</translation>
    </message>
    <message>
        <source> px</source>
        <translation> px</translation>
    </message>
    <message>
        <source>One point. Another makes a line; &lt;b&gt;F&lt;/b&gt; follows this one.</source>
        <translation>Ein Punkt. Ein weiterer ergibt eine Linie; &lt;b&gt;F&lt;/b&gt; verfolgt diesen.</translation>
    </message>
    <message>
        <source>Line: &lt;b&gt;%1&lt;/b&gt; from the upright</source>
        <translation>Linie: &lt;b&gt;%1&lt;/b&gt; von der Senkrechten</translation>
    </message>
    <message>
        <source>Length: &lt;b&gt;%1&lt;/b&gt;</source>
        <translation>Länge: &lt;b&gt;%1&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Angle: &lt;b&gt;%1&lt;/b&gt; as seen</source>
        <translation>Winkel: &lt;b&gt;%1&lt;/b&gt;, wie gesehen</translation>
    </message>
    <message>
        <source>Path: &lt;b&gt;%1&lt;/b&gt; in %2 pictures, %3 at most from its start</source>
        <translation>Weg: &lt;b&gt;%1&lt;/b&gt; in %2 Bildern, höchstens %3 von seinem Anfang</translation>
    </message>
    <message>
        <source>Press &lt;b&gt;B&lt;/b&gt; at every beat while it plays; three give a rate.</source>
        <translation>&lt;b&gt;B&lt;/b&gt; bei jedem Schlag drücken, während es läuft; drei ergeben eine Frequenz.</translation>
    </message>
    <message>
        <source>%1. Three give a rate.</source>
        <translation>%1. Drei ergeben eine Frequenz.</translation>
    </message>
    <message>
        <source>beats</source>
        <translation>Schläge</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; %2 a minute, %3 beats&lt;br&gt;%4 %5 a minute&lt;br&gt;intervals differ by %6 %</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; %2 je Minute, %3 Schläge&lt;br&gt;%4 %5 je Minute&lt;br&gt;Abstände unterscheiden sich um %6 %</translation>
    </message>
    <message>
        <source>sides</source>
        <translation>Seiten</translation>
    </message>
    <message>
        <source>cycles</source>
        <translation>Zyklen</translation>
    </message>
    <message>
        <source>Open a case on the Cases page and a clip here first.</source>
        <translation>Zuerst einen Fall auf der Seite Fälle und hier einen Clip öffnen.</translation>
    </message>
    <message>
        <source>Keeping the clip</source>
        <translation>Clip wird übernommen</translation>
    </message>
    <message>
        <source>Keep from the Bench</source>
        <translation>Von der Werkbank übernehmen</translation>
    </message>
    <message>
        <source>Bench, %1: %2</source>
        <translation>Werkbank, %1: %2</translation>
    </message>
    <message>
        <source>Kept: &quot;%1&quot; is in the session, on the Film page.</source>
        <translation>Behalten: „%1“ ist in der Sitzung, auf der Seite Film.</translation>
    </message>
    <message>
        <source>A camera…</source>
        <translation>Eine Kamera…</translation>
    </message>
    <message>
        <source>The camera live, or as it was some seconds ago. &lt;b&gt;Next: Space records, Done shows what was recorded.&lt;/b&gt;</source>
        <translation>Die Kamera live, oder wie es vor einigen Sekunden war. &lt;b&gt;Weiter: die Leertaste nimmt auf, Fertig zeigt das Aufgenommene.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>First picture of %1</source>
        <translation>Erstes Bild von %1</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Anhören</translation>
    </message>
    <message>
        <source>There is nothing to hear it with: no loudspeaker or headphones are there.</source>
        <translation>Es gibt nichts zum Hören: weder Lautsprecher noch Kopfhörer sind da.</translation>
    </message>
    <message>
        <source>Discard</source>
        <translation>Verwerfen</translation>
    </message>
    <message>
        <source>Said: %1</source>
        <translation>Gesagt: %1</translation>
    </message>
    <message>
        <source>speak a note</source>
        <translation>eine Notiz sprechen</translation>
    </message>
    <message>
        <source>No library is open: what is recorded would have no place. Choose one in Settings.</source>
        <translation>Keine Bibliothek ist offen: Aufgenommenes hätte keinen Platz. Eine in den Einstellungen wählen.</translation>
    </message>
    <message>
        <source>The session is not there any more; nothing was kept.</source>
        <translation>Die Sitzung ist nicht mehr da; nichts wurde behalten.</translation>
    </message>
    <message>
        <source>record, stop</source>
        <translation>aufnehmen, anhalten</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>frame; Shift: ten</source>
        <translation>Bild; Umschalt: zehn</translation>
    </message>
    <message>
        <source>span from</source>
        <translation>Spanne von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>span to</source>
        <translation>Spanne bis</translation>
    </message>
    <message>
        <source>points: a length, an angle</source>
        <translation>Punkte: eine Länge, ein Winkel</translation>
    </message>
    <message>
        <source>follow the point</source>
        <translation>den Punkt verfolgen</translation>
    </message>
    <message>
        <source>a known length: the unit</source>
        <translation>eine bekannte Länge: die Einheit</translation>
    </message>
    <message>
        <source>keep it in the session</source>
        <translation>in der Sitzung behalten</translation>
    </message>
    <message>
        <source>clear the points</source>
        <translation>die Punkte wegnehmen</translation>
    </message>
    <message>
        <source>As a circle (C)</source>
        <translation>Als Kreis (C)</translation>
    </message>
    <message>
        <source>Plumb line (V)</source>
        <translation>Lotlinie (V)</translation>
    </message>
    <message>
        <source>Keep the strokes (S)</source>
        <translation>Striche behalten (S)</translation>
    </message>
    <message>
        <source>Take all away (Esc)</source>
        <translation>Alles wegnehmen (Esc)</translation>
    </message>
    <message>
        <source>TIME</source>
        <translation>ZEIT</translation>
    </message>
    <message>
        <source>From here, to here (T)</source>
        <translation>Von hier, bis hier (T)</translation>
    </message>
    <message>
        <source>The same moment in both (Y)</source>
        <translation>Derselbe Augenblick in beiden (Y)</translation>
    </message>
    <message>
        <source>The clip goes into the session that is chosen, what was said beside it, the marked span as a repetition, what is drawn with its picture, what points, times, count and laps gave as a line in the case&apos;s journal.</source>
        <translation>Der Clip kommt in die gewählte Sitzung, daneben das Gesagte, die markierte Spanne als Wiederholung, Gezeichnetes mit seinem Bild, und was Punkte, Zeiten, Zählung und Bahnen ergaben, als Zeile im Journal des Falls.</translation>
    </message>
    <message>
        <source>two points as a circle</source>
        <translation>zwei Punkte als Kreis</translation>
    </message>
    <message>
        <source>a plumb line</source>
        <translation>eine Lotlinie</translation>
    </message>
    <message>
        <source>drag</source>
        <translation>ziehen</translation>
    </message>
    <message>
        <source>a stroke, that fades</source>
        <translation>ein Strich, der verblasst</translation>
    </message>
    <message>
        <source>keep the strokes of this picture</source>
        <translation>die Striche dieses Bildes behalten</translation>
    </message>
    <message>
        <source>time</source>
        <translation>Zeit</translation>
    </message>
    <message>
        <source>time from here, to here</source>
        <translation>Zeit von hier, bis hier</translation>
    </message>
    <message>
        <source>the same moment in both clips</source>
        <translation>derselbe Augenblick in beiden Clips</translation>
    </message>
    <message>
        <source>Click the picture: two points make a line or a circle, three an angle at the second, four the angle between two lines. Drag to draw.</source>
        <translation>Ins Bild klicken: zwei Punkte ergeben eine Linie oder einen Kreis, drei einen Winkel am zweiten, vier den Winkel zwischen zwei Linien. Ziehen zeichnet.</translation>
    </message>
    <message>
        <source>Circle: radius &lt;b&gt;%1&lt;/b&gt;</source>
        <translation>Kreis: Radius &lt;b&gt;%1&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Round it: &lt;b&gt;%1&lt;/b&gt;</source>
        <translation>Rundherum: &lt;b&gt;%1&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Between the lines: &lt;b&gt;%1&lt;/b&gt; as seen</source>
        <translation>Zwischen den Linien: &lt;b&gt;%1&lt;/b&gt;, wie gesehen</translation>
    </message>
    <message>
        <source>&lt;b&gt;T&lt;/b&gt; at one picture, &lt;b&gt;T&lt;/b&gt; at another: the time between.</source>
        <translation>&lt;b&gt;T&lt;/b&gt; bei einem Bild, &lt;b&gt;T&lt;/b&gt; bei einem anderen: die Zeit dazwischen.</translation>
    </message>
    <message>
        <source>From frame %1 to %2: &lt;b&gt;%3&lt;/b&gt;</source>
        <translation>Von Bild %1 bis %2: &lt;b&gt;%3&lt;/b&gt;</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>Two clips beside each other are held together.</source>
        <translation>Zwei Clips nebeneinander werden zusammengehalten.</translation>
    </message>
    <message>
        <source>Each clip by itself again.</source>
        <translation>Jeder Clip wieder für sich.</translation>
    </message>
    <message>
        <source>Held together: frame %1 and frame %2 are the same moment.</source>
        <translation>Zusammengehalten: Bild %1 und Bild %2 sind derselbe Augenblick.</translation>
    </message>
</context>
<context>
    <name>riflesso::BenchView</name>
    <message>
        <source>Click the point to follow first.</source>
        <translation>Zuerst den Punkt anklicken, der verfolgt werden soll.</translation>
    </message>
    <message>
        <source>The picture shown lies outside the marked span.</source>
        <translation>Das gezeigte Bild liegt außerhalb der markierten Spanne.</translation>
    </message>
    <message>
        <source>Following the point</source>
        <translation>Punkt wird verfolgt</translation>
    </message>
    <message>
        <source>Lost in %1 of %2 pictures: the path has a gap there.</source>
        <translation>Verloren in %1 von %2 Bildern: der Weg hat dort eine Lücke.</translation>
    </message>
    <message>
        <source>Open a clip, or drop one here</source>
        <translation>Clip öffnen, oder einen hier fallen lassen</translation>
    </message>
    <message>
        <source>keys act here</source>
        <translation>Tasten wirken hier</translation>
    </message>
    <message>
        <source>frame %1 of %2 · %3 s%4</source>
        <translation>Bild %1 von %2 · %3 s%4</translation>
    </message>
    <message>
        <source> · span %1 to %2</source>
        <translation> · Spanne %1 bis %2</translation>
    </message>
    <message>
        <source>reading the clip …</source>
        <translation>Clip wird gelesen …</translation>
    </message>
    <message>
        <source>Two points make a circle: its middle, and a point on it.</source>
        <translation>Zwei Punkte ergeben einen Kreis: seine Mitte und ein Punkt darauf.</translation>
    </message>
    <message>
        <source>Kept with this picture.</source>
        <translation>Mit diesem Bild behalten.</translation>
    </message>
    <message>
        <source>No stroke on this picture that is not kept already.</source>
        <translation>Kein Strich auf diesem Bild, der nicht schon behalten ist.</translation>
    </message>
</context>
<context>
    <name>riflesso::BlockView</name>
    <message>
        <source>The repetitions of this block</source>
        <translation>Die Wiederholungen dieses Blocks</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>off</source>
        <translation>daneben</translation>
    </message>
</context>
<context>
    <name>riflesso::CalendarImport</name>
    <message>
        <source>Entries of the calendar file that lie ahead</source>
        <translation>Einträge der Kalenderdatei, die bevorstehen</translation>
    </message>
    <message>
        <source>From a calendar file…</source>
        <translation>Aus einer Kalenderdatei…</translation>
    </message>
    <message>
        <source>An .ics file, as calendars write it: choose which of its entries are competitions.</source>
        <translation>Eine .ics-Datei, wie Kalender sie schreiben: wählen, welche ihrer Einträge Wettkämpfe sind.</translation>
    </message>
    <message>
        <source>Add the ticked</source>
        <translation>Angehakte hinzufügen</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>A calendar file</source>
        <translation>Eine Kalenderdatei</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>%1 could not be read: %2</source>
        <translation>%1 konnte nicht gelesen werden: %2</translation>
    </message>
    <message>
        <source>Nothing in %1 lies ahead.</source>
        <translation>Nichts in %1 steht bevor.</translation>
    </message>
    <message>
        <source>Tick what is a competition.</source>
        <translation>Anhaken, was ein Wettkampf ist.</translation>
    </message>
    <message>
        <source>Competitions from a calendar</source>
        <translation>Wettkämpfe aus einem Kalender</translation>
    </message>
</context>
<context>
    <name>riflesso::CapturePlanner</name>
    <message>
        <source>THE CAMERA</source>
        <translation>DIE KAMERA</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source>How wide the lens sees, left to right: a phone&apos;s main camera about 65°, twice zoomed about 35° (common practice, no source). Measure it: width of the scene at a known distance.</source>
        <translation>Wie breit das Objektiv von links nach rechts sieht: die Hauptkamera eines Telefons etwa 65°, zweifach gezoomt etwa 35° (übliche Praxis, keine Quelle). Messen: Breite der Szene in bekannter Entfernung.</translation>
    </message>
    <message>
        <source> a second</source>
        <translation> je Sekunde</translation>
    </message>
    <message>
        <source>1/</source>
        <translation>1/</translation>
    </message>
    <message>
        <source> s</source>
        <translation> s</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Entfernung</translation>
    </message>
    <message>
        <source>Lens sees</source>
        <translation>Objektiv sieht</translation>
    </message>
    <message>
        <source>Off square by</source>
        <translation>Verdreht um</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>Exposure</source>
        <translation>Belichtung</translation>
    </message>
    <message>
        <source>THE MOVEMENT</source>
        <translation>DIE BEWEGUNG</translation>
    </message>
    <message>
        <source> m/s</source>
        <translation> m/s</translation>
    </message>
    <message>
        <source>Of the fastest point that matters: a fast hand about 8, a club or racket head 20 to 50 (common practice, no source).</source>
        <translation>Des schnellsten Punkts, auf den es ankommt: eine schnelle Hand etwa 8, ein Schlägerkopf 20 bis 50 (übliche Praxis, keine Quelle).</translation>
    </message>
    <message>
        <source>The shortest segment of an angle: a forearm about 0.25.</source>
        <translation>Das kürzeste Segment eines Winkels: ein Unterarm etwa 0,25.</translation>
    </message>
    <message>
        <source>Fastest point</source>
        <translation>Schnellster Punkt</translation>
    </message>
    <message>
        <source>Shortest segment</source>
        <translation>Kürzestes Segment</translation>
    </message>
    <message>
        <source>Tightest angle</source>
        <translation>Engster Winkel</translation>
    </message>
    <message>
        <source>Tightest time</source>
        <translation>Engste Zeit</translation>
    </message>
    <message>
        <source>Back to the clip (Esc)</source>
        <translation>Zurück zum Clip (Esc)</translation>
    </message>
    <message>
        <source>FROM ABOVE, TO SCALE</source>
        <translation>VON OBEN, MASSSTÄBLICH</translation>
    </message>
    <message>
        <source>WHAT IT CAN TELL APART</source>
        <translation>WAS SICH UNTERSCHEIDEN LÄSST</translation>
    </message>
    <message>
        <source>WHAT TO CHANGE</source>
        <translation>WAS ZU ÄNDERN IST</translation>
    </message>
    <message>
        <source>%1 × %2, as the clip</source>
        <translation>%1 × %2, wie der Clip</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; pixels a metre: an athlete of 1.7 m is %2 px tall</source>
        <translation>&lt;b&gt;%1&lt;/b&gt; Pixel je Meter: ein Athlet von 1,7 m ist %2 px hoch</translation>
    </message>
    <message>
        <source>an angle: &lt;b&gt;± %1°&lt;/b&gt;; 120° seen from there reads %2 to %3°</source>
        <translation>ein Winkel: &lt;b&gt;± %1°&lt;/b&gt;; 120° liest sich von dort als %2 bis %3°</translation>
    </message>
    <message>
        <source>an event: &lt;b&gt;± %1 s&lt;/b&gt;; an interval ± %2 s</source>
        <translation>ein Ereignis: &lt;b&gt;± %1 s&lt;/b&gt;; eine Dauer ± %2 s</translation>
    </message>
    <message>
        <source>the fastest point smears over &lt;b&gt;%1 px&lt;/b&gt;</source>
        <translation>der schnellste Punkt verwischt über &lt;b&gt;%1 px&lt;/b&gt;</translation>
    </message>
    <message>
        <source>lengths in the plane appear at %1 % of what they are</source>
        <translation>Längen in der Ebene erscheinen mit %1 % ihrer Größe</translation>
    </message>
    <message>
        <source>Nothing: this is good enough for the tightest tolerances.</source>
        <translation>Nichts: das reicht für die engsten Toleranzen.</translation>
    </message>
    <message>
        <source>Camera %1 m away, %2° off square, sees %3 m</source>
        <translation>Kamera %1 m entfernt, %2° verdreht, sieht %3 m</translation>
    </message>
</context>
<context>
    <name>riflesso::CaseShelf</name>
    <message>
        <source>%1, %2, %3</source>
        <translation>%1, %2, %3</translation>
    </message>
    <message>
        <source>session</source>
        <translation>Sitzung</translation>
    </message>
    <message>
        <source>sessions</source>
        <translation>Sitzungen</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>clips</source>
        <translation>Clips</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Part of a name or a skill</source>
        <translation>Teil eines Namens oder einer Fertigkeit</translation>
    </message>
    <message>
        <source>Find a case</source>
        <translation>Fall suchen</translation>
    </message>
    <message>
        <source>Cases, the last opened first</source>
        <translation>Fälle, der zuletzt geöffnete zuerst</translation>
    </message>
    <message>
        <source>Write the open case…</source>
        <translation>Offenen Fall schreiben…</translation>
    </message>
    <message>
        <source>One file with everything of the open case and its clips, for another machine or for keeping.</source>
        <translation>Eine Datei mit allem, was der offene Fall hat, und seinen Clips, für eine andere Maschine oder zum Aufheben.</translation>
    </message>
    <message>
        <source>Bring in a case…</source>
        <translation>Fall hereinholen…</translation>
    </message>
    <message>
        <source>From an archive that this program wrote.</source>
        <translation>Aus einem Archiv, das dieses Programm geschrieben hat.</translation>
    </message>
    <message>
        <source>Delete the athlete…</source>
        <translation>Athleten löschen…</translation>
    </message>
    <message>
        <source>Everything of the open case&apos;s athlete, clips included, for good.</source>
        <translation>Alles über den Athleten des offenen Falls, auch die Clips, endgültig.</translation>
    </message>
    <message>
        <source>Write the open case</source>
        <translation>Offenen Fall schreiben</translation>
    </message>
    <message>
        <source>Write it all the same</source>
        <translation>Trotzdem schreiben</translation>
    </message>
    <message>
        <source>Bring in a case</source>
        <translation>Fall hereinholen</translation>
    </message>
    <message>
        <source>Cases in this library</source>
        <translation>Fälle in dieser Bibliothek</translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation>%1 · %2</translation>
    </message>
    <message>
        <source>open</source>
        <translation>offen</translation>
    </message>
    <message>
        <source>last opened %1</source>
        <translation>zuletzt geöffnet am %1</translation>
    </message>
    <message>
        <source>No case is called &quot;%1&quot;.</source>
        <translation>Kein Fall heißt „%1“.</translation>
    </message>
    <message>
        <source>Writing the case</source>
        <translation>Fall wird geschrieben</translation>
    </message>
    <message>
        <source>Written to %1; %2 could not be found and stayed behind.</source>
        <translation>Geschrieben nach %1; nicht gefunden und daher nicht dabei: %2.</translation>
    </message>
    <message>
        <source>Written to %1. Film of people is in it: hand it on only to those whom they agreed to.</source>
        <translation>Geschrieben nach %1. Darin ist Film von Menschen: nur an die weitergeben, denen sie zugestimmt haben.</translation>
    </message>
    <message>
        <source>Reading the archive</source>
        <translation>Archiv wird gelesen</translation>
    </message>
    <message>
        <source>Nothing was brought in. %1</source>
        <translation>Nichts wurde hereingeholt. %1</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1, %2&lt;/b&gt;: %3.</source>
        <translation>&lt;b&gt;%1, %2&lt;/b&gt;: %3.</translation>
    </message>
    <message>
        <source>The athlete and a case of this skill are here already: that case stays as it is, this one comes beside it.</source>
        <translation>Der Athlet und ein Fall dieser Fertigkeit sind schon hier: jener bleibt, wie er ist, dieser kommt daneben.</translation>
    </message>
    <message>
        <source>The athlete is known here: the case comes beside the others, and what is known of the athlete stays as it is.</source>
        <translation>Der Athlet ist hier bekannt: der Fall kommt neben die anderen, und was über den Athleten bekannt ist, bleibt, wie es ist.</translation>
    </message>
    <message>
        <source>The athlete is new here.</source>
        <translation>Der Athlet ist hier neu.</translation>
    </message>
    <message>
        <source>Bring it in</source>
        <translation>Hereinholen</translation>
    </message>
    <message>
        <source>&lt;b&gt;Delete %1 for good?&lt;/b&gt; %2; of the open one: %3, with marks, frozen plans and the practice log. Clips that no other case uses are deleted from the library&apos;s folder. This cannot be undone, and it clears all undo steps.</source>
        <translation>&lt;b&gt;%1 endgültig löschen?&lt;/b&gt; %2; im offenen: %3, mit Marken, eingefrorenen Plänen und dem Übungsbuch. Clips, die in keinem anderen Fall vorkommen, werden aus dem Ordner der Bibliothek gelöscht. Das lässt sich nicht rückgängig machen, und alle Schritte zum Rückgängigmachen gehen verloren.</translation>
    </message>
    <message>
        <source>case</source>
        <translation>Fall</translation>
    </message>
    <message>
        <source>cases</source>
        <translation>Fälle</translation>
    </message>
    <message>
        <source>Delete for good</source>
        <translation>Endgültig löschen</translation>
    </message>
    <message>
        <source>%1 is deleted.</source>
        <translation>%1 ist gelöscht.</translation>
    </message>
    <message>
        <source>Case archive (*.riflesso *.zip)</source>
        <translation>Fallarchiv (*.riflesso *.zip)</translation>
    </message>
    <message>
        <source>Two copies of one case</source>
        <translation>Zwei Kopien eines Falls</translation>
    </message>
    <message>
        <source>Brought together. %1 left as here: sections and repetitions would not fit.</source>
        <translation>Zusammengeführt. %1 geblieben wie hier: Abschnitte und Wiederholungen passten nicht.</translation>
    </message>
    <message>
        <source>entry was</source>
        <translation>Eintrag ist</translation>
    </message>
    <message>
        <source>entries were</source>
        <translation>Einträge sind</translation>
    </message>
    <message>
        <source>Brought together: %1 came from there.</source>
        <translation>Zusammengeführt: %1 von dort.</translation>
    </message>
    <message>
        <source>entry</source>
        <translation>Eintrag</translation>
    </message>
    <message>
        <source>entries</source>
        <translation>Einträge</translation>
    </message>
</context>
<context>
    <name>riflesso::CauseDrawing</name>
    <message>
        <source>Faults and their causes: drag from a cause to what follows from it</source>
        <translation>Fehler und ihre Ursachen: von einer Ursache zu dem ziehen, was aus ihr folgt</translation>
    </message>
    <message>
        <source>No fault yet. Choose a measure and say what too much or too little of it is called.</source>
        <translation>Noch kein Fehler. Eine Messgröße wählen und sagen, wie zu viel oder zu wenig davon heißt.</translation>
    </message>
</context>
<context>
    <name>riflesso::CauseMap</name>
    <message>
        <source>Cause map: causes left, consequences right</source>
        <translation>Ursachenkarte: Ursachen links, Folgen rechts</translation>
    </message>
    <message>
        <source>%1 leads to %2</source>
        <translation>%1 führt zu %2</translation>
    </message>
</context>
<context>
    <name>riflesso::ChangesBox</name>
    <message>
        <source>ON EVERY CASE THAT USES IT</source>
        <translation>FÜR JEDEN FALL, DER SIE VERWENDET</translation>
    </message>
    <message>
        <source>See what would change</source>
        <translation>Ansehen, was sich ändern würde</translation>
    </message>
    <message>
        <source>Bring the ticked ones over</source>
        <translation>Angehakte umstellen</translation>
    </message>
    <message>
        <source>Cases and what would change in them</source>
        <translation>Fälle und was sich darin ändern würde</translation>
    </message>
    <message>
        <source>Case</source>
        <translation>Fall</translation>
    </message>
    <message>
        <source>Has</source>
        <translation>Hat</translation>
    </message>
    <message>
        <source>Values</source>
        <translation>Werte</translation>
    </message>
    <message>
        <source>States</source>
        <translation>Zustände</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>First rungs</source>
        <translation>Erste Stufen</translation>
    </message>
    <message>
        <source>A case keeps the edition that it was judged with. Its latest set is judged by both, and the differences are listed before anything is brought over.</source>
        <translation>Ein Fall behält die Ausgabe, nach der er beurteilt wurde. Sein letzter Satz wird nach beiden beurteilt, und die Unterschiede werden aufgelistet, bevor etwas umgestellt wird.</translation>
    </message>
    <message>
        <source>Keep it as an edition first</source>
        <translation>Zuerst als Ausgabe behalten</translation>
    </message>
    <message>
        <source>Judging every case by the skill</source>
        <translation>Jeder Fall wird nach der Fertigkeit beurteilt</translation>
    </message>
    <message>
        <source>No case uses it yet.</source>
        <translation>Noch verwendet sie kein Fall.</translation>
    </message>
    <message>
        <source>%1 of %2 would change, each by its latest set. Marks, decisions and frozen assessments stay.</source>
        <translation>%1 von %2 würden sich ändern, jeder nach seinem letzten Satz. Marken, Entscheidungen und eingefrorene Auswertungen bleiben.</translation>
    </message>
    <message>
        <source>case</source>
        <translation>Fall</translation>
    </message>
    <message>
        <source>cases</source>
        <translation>Fälle</translation>
    </message>
    <message>
        <source>%1 brought to edition %2.</source>
        <translation>%1 auf Ausgabe %2 umgestellt.</translation>
    </message>
    <message>
        <source>Take the chosen parts from there</source>
        <translation>Gewählte Teile von dort nehmen</translation>
    </message>
    <message>
        <source>What the skill that it began as has otherwise</source>
        <translation>Was die Fertigkeit, als die sie begann, anders hat</translation>
    </message>
    <message>
        <source>Part</source>
        <translation>Teil</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Hier</translation>
    </message>
    <message>
        <source>There</source>
        <translation>Dort</translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht da</translation>
    </message>
    <message>
        <source>AS %1 THAT SHIPS NOW, EDITION %2</source>
        <translation>WIE %1, DIE JETZT MITKOMMT, AUSGABE %2</translation>
    </message>
    <message>
        <source>AGAINST %1 THAT SHIPS NOW, EDITION %2: %3</source>
        <translation>GEGEN %1, DIE JETZT MITKOMMT, AUSGABE %2: %3</translation>
    </message>
    <message>
        <source>DIFFERENCE</source>
        <translation>UNTERSCHIED</translation>
    </message>
    <message>
        <source>DIFFERENCES</source>
        <translation>UNTERSCHIEDE</translation>
    </message>
    <message>
        <source>Parts of the skill that ships</source>
        <translation>Teile der mitgelieferten Fertigkeit</translation>
    </message>
</context>
<context>
    <name>riflesso::ClipCheckBox</name>
    <message>
        <source>%1 × %2 pixels, %3 frames, %4 a second</source>
        <translation>%1 × %2 Pixel, %3 Bilder, %4 je Sekunde</translation>
    </message>
    <message>
        <source>%1 gaps between frames: events beside them are less sure</source>
        <translation>%1 Lücken zwischen Bildern: Ereignisse daneben sind weniger sicher</translation>
    </message>
    <message>
        <source>no gaps between frames</source>
        <translation>keine Lücken zwischen Bildern</translation>
    </message>
    <message>
        <source>wrong view: this skill is judged from the %1</source>
        <translation>falsche Ansicht: diese Fertigkeit wird beurteilt %1</translation>
    </message>
    <message>
        <source>an event can be placed to about ± %1 s</source>
        <translation>ein Ereignis lässt sich auf etwa ± %1 s setzen</translation>
    </message>
    <message>
        <source>CHECKS OF THE CLIP</source>
        <translation>PRÜFUNG DES CLIPS</translation>
    </message>
    <message>
        <source>Look through the clip</source>
        <translation>Clip durchsehen</translation>
    </message>
    <message>
        <source>For repeated frames, cuts between takes and black bars: every frame is read once.</source>
        <translation>Nach doppelten Bildern, Schnitten zwischen Aufnahmen und schwarzen Balken: jedes Bild wird einmal gelesen.</translation>
    </message>
    <message>
        <source>Find the clip…</source>
        <translation>Clip suchen…</translation>
    </message>
    <message>
        <source>It was moved: show where it is. It is known by its content; others beside it are found too.</source>
        <translation>Er wurde verschoben: zeigen, wo er ist. Er wird an seinem Inhalt erkannt; andere daneben werden auch gefunden.</translation>
    </message>
    <message>
        <source>Where is the clip now?</source>
        <translation>Wo ist der Clip jetzt?</translation>
    </message>
    <message>
        <source>no repeated frames</source>
        <translation>keine doppelten Bilder</translation>
    </message>
    <message>
        <source>%1, the first is %2</source>
        <translation>%1, das erste ist %2</translation>
    </message>
    <message>
        <source>repeated frame</source>
        <translation>doppeltes Bild</translation>
    </message>
    <message>
        <source>repeated frames</source>
        <translation>doppelte Bilder</translation>
    </message>
    <message>
        <source>no cuts</source>
        <translation>keine Schnitte</translation>
    </message>
    <message>
        <source>it looks cut at frame %1</source>
        <translation>bei Bild %1 sieht es geschnitten aus</translation>
    </message>
    <message>
        <source>black bars: the picture is %1 × %2 at %3, %4</source>
        <translation>schwarze Balken: das Bild ist %1 × %2 bei %3, %4</translation>
    </message>
    <message>
        <source>Split into %1 sections there</source>
        <translation>Dort in %1 Abschnitte teilen</translation>
    </message>
    <message>
        <source>Looking through %1</source>
        <translation>%1 wird durchgesehen</translation>
    </message>
    <message>
        <source>Split %1 at its cuts</source>
        <translation>%1 an seinen Schnitten teilen</translation>
    </message>
    <message>
        <source>too few pixels on the athlete: %1 px tall, the direction of a forearm is sure to ± %2°</source>
        <translation>zu wenige Pixel auf dem Athleten: %1 px hoch, die Richtung eines Unterarms ist auf ± %2° sicher</translation>
    </message>
    <message>
        <source>the athlete is %1 px tall: the direction of a forearm is sure to ± %2°</source>
        <translation>der Athlet ist %1 px hoch: die Richtung eines Unterarms ist auf ± %2° sicher</translation>
    </message>
    <message>
        <source>%1 goes up to %2 px in a frame: blurred by as much at a full frame&apos;s exposure, by %3 px at 1/1000 s</source>
        <translation>%1 bewegt sich bis %2 px je Bild: so viel verwischt bei voller Belichtung, %3 px bei 1/1000 s</translation>
    </message>
</context>
<context>
    <name>riflesso::ClipKeeping</name>
    <message>
        <source>WHERE THE CLIP LIES</source>
        <translation>WO DER CLIP LIEGT</translation>
    </message>
    <message>
        <source>Copy into the library</source>
        <translation>In die Bibliothek kopieren</translation>
    </message>
    <message>
        <source>A copy beside the library&apos;s own clips: it no longer matters what becomes of the file.</source>
        <translation>Eine Kopie neben den anderen Clips der Bibliothek: was aus der Datei wird, ist dann gleich.</translation>
    </message>
    <message>
        <source>Remove this clip</source>
        <translation>Diesen Clip entfernen</translation>
    </message>
    <message>
        <source>From the session, with its repetitions and marks; Ctrl Z brings it back. The file stays.</source>
        <translation>Aus der Sitzung, mit seinen Wiederholungen und Marken; Strg Z holt ihn zurück. Die Datei bleibt.</translation>
    </message>
    <message>
        <source>Delete for good…</source>
        <translation>Endgültig löschen…</translation>
    </message>
    <message>
        <source>With its repetitions, marks and undo steps; its file too, where it lies in the library.</source>
        <translation>Mit seinen Wiederholungen, Marken und Schritten; auch seine Datei, wenn sie in der Bibliothek liegt.</translation>
    </message>
    <message>
        <source>In the library.</source>
        <translation>In der Bibliothek.</translation>
    </message>
    <message>
        <source>Copying %1</source>
        <translation>%1 wird kopiert</translation>
    </message>
    <message>
        <source>Copy a clip into the library</source>
        <translation>Clip in die Bibliothek kopieren</translation>
    </message>
    <message>
        <source>The clip lies in the library now.</source>
        <translation>Der Clip liegt jetzt in der Bibliothek.</translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation>%1 entfernen</translation>
    </message>
    <message>
        <source>&lt;b&gt;Delete %1 for good?&lt;/b&gt; %2 with their marks go with it, and all undo steps. This cannot be undone.</source>
        <translation>&lt;b&gt;%1 endgültig löschen?&lt;/b&gt; %2 mit ihren Marken gehen mit, und alle Schritte zum Rückgängigmachen. Das lässt sich nicht rückgängig machen.</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Delete for good</source>
        <translation>Endgültig löschen</translation>
    </message>
    <message>
        <source>%1 is deleted.</source>
        <translation>%1 ist gelöscht.</translation>
    </message>
</context>
<context>
    <name>riflesso::ClipTimeline</name>
    <message>
        <source>The whole clip with its repetitions</source>
        <translation>Der ganze Clip mit seinen Wiederholungen</translation>
    </message>
    <message>
        <source>%1 view, %2</source>
        <translation>%1, %2</translation>
    </message>
</context>
<context>
    <name>riflesso::ColumnDialog</name>
    <message>
        <source>left out</source>
        <translation>weggelassen</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>frame, from 0</source>
        <translation>Bild, ab 0</translation>
    </message>
    <message>
        <source>time in the clip, s</source>
        <translation>Zeit im Clip, s</translation>
    </message>
    <message>
        <source>name of the landmark</source>
        <translation>Name des Messpunkts</translation>
    </message>
    <message>
        <source>x, px</source>
        <translation>x, px</translation>
    </message>
    <message>
        <source>y, px</source>
        <translation>y, px</translation>
    </message>
    <message>
        <source>uncertainty, px</source>
        <translation>Unsicherheit, px</translation>
    </message>
    <message>
        <source>key event</source>
        <translation>Schlüsselereignis</translation>
    </message>
    <message>
        <source>%1: x, px</source>
        <translation>%1: x, px</translation>
    </message>
    <message>
        <source>%1: y, px</source>
        <translation>%1: y, px</translation>
    </message>
    <message>
        <source>What the columns of %1 mean</source>
        <translation>Was die Spalten von %1 bedeuten</translation>
    </message>
    <message>
        <source>Guessed from the names of the columns; change what is wrong. Pixels count from the middle of the top left pixel of the upright picture.</source>
        <translation>Aus den Namen der Spalten geraten; Falsches ändern. Pixel zählen ab der Mitte des oberen linken Pixels des aufrechten Bildes.</translation>
    </message>
    <message>
        <source>Column</source>
        <translation>Spalte</translation>
    </message>
    <message>
        <source>Its first cells</source>
        <translation>Ihre ersten Zellen</translation>
    </message>
    <message>
        <source>Means</source>
        <translation>Bedeutet</translation>
    </message>
    <message>
        <source>Meaning of %1</source>
        <translation>Bedeutung von %1</translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation>Hereinholen</translation>
    </message>
    <message>
        <source>Ready.</source>
        <translation>Bereit.</translation>
    </message>
    <message>
        <source>Not yet: %1.</source>
        <translation>Noch nicht: %1.</translation>
    </message>
</context>
<context>
    <name>riflesso::ConsentBox</name>
    <message>
        <source>No consent to film is written down: nothing of this athlete should leave this machine.</source>
        <translation>Keine Einwilligung zum Filmen ist aufgeschrieben: nichts von diesem Athleten soll diese Maschine verlassen.</translation>
    </message>
    <message>
        <source>The consent to film ended on %1: nothing more should leave this machine.</source>
        <translation>Die Einwilligung zum Filmen endete am %1: nichts mehr soll diese Maschine verlassen.</translation>
    </message>
    <message>
        <source>Consent holds until %1.</source>
        <translation>Die Einwilligung gilt bis %1.</translation>
    </message>
    <message>
        <source>Consent holds, without an end date.</source>
        <translation>Die Einwilligung gilt, ohne Ende.</translation>
    </message>
    <message>
        <source>Given on</source>
        <translation>Am</translation>
    </message>
    <message>
        <source>Consent given on</source>
        <translation>Einwilligung gegeben am</translation>
    </message>
    <message>
        <source>until</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Consent ends on</source>
        <translation>Einwilligung endet am</translation>
    </message>
    <message>
        <source>What the consent covers</source>
        <translation>Was die Einwilligung umfasst</translation>
    </message>
    <message>
        <source>papers and pictures</source>
        <translation>Papiere und Bilder</translation>
    </message>
    <message>
        <source>films</source>
        <translation>Filme</translation>
    </message>
    <message>
        <source>voices</source>
        <translation>Stimmen</translation>
    </message>
    <message>
        <source>Not for: %1.</source>
        <translation>Nicht für: %1.</translation>
    </message>
    <message>
        <source>Given by %1.</source>
        <translation>Gegeben von %1.</translation>
    </message>
    <message>
        <source>The athlete may be a minor: write down which parent or guardian gave it.</source>
        <translation>Der Athlet ist vielleicht minderjährig: aufschreiben, welcher Elternteil oder Vormund sie gegeben hat.</translation>
    </message>
    <message>
        <source>For what: training, teaching, publication</source>
        <translation>Wofür: Training, Lehre, Veröffentlichung</translation>
    </message>
    <message>
        <source>Who gave the consent</source>
        <translation>Wer die Einwilligung gab</translation>
    </message>
    <message>
        <source>Given by: the athlete, or a child&apos;s parent or guardian</source>
        <translation>Gegeben von: dem Athleten, bei Kindern von einem Elternteil oder Vormund</translation>
    </message>
    <message>
        <source>To hand on</source>
        <translation>Erlaubt</translation>
    </message>
    <message>
        <source>papers, pictures</source>
        <translation>Papiere</translation>
    </message>
</context>
<context>
    <name>riflesso::CourtPanel</name>
    <message>
        <source>In the band</source>
        <translation>Im Band</translation>
    </message>
    <message>
        <source>Below the band</source>
        <translation>Unter dem Band</translation>
    </message>
    <message>
        <source>Above the band</source>
        <translation>Über dem Band</translation>
    </message>
    <message>
        <source>Not sure</source>
        <translation>Nicht sicher</translation>
    </message>
    <message>
        <source>The repetition that was just filmed</source>
        <translation>Die eben gefilmte Wiederholung</translation>
    </message>
    <message>
        <source>The model</source>
        <translation>Das Vorbild</translation>
    </message>
    <message>
        <source>Camera, or folder into which clips arrive</source>
        <translation>Kamera, oder Ordner, in den Clips kommen</translation>
    </message>
    <message>
        <source>What is measured</source>
        <translation>Was gemessen wird</translation>
    </message>
    <message>
        <source>The camera stands where it stood then: its side, scale and lens hold</source>
        <translation>Die Kamera steht, wo sie damals stand: ihre Seite, ihr Maßstab und ihr Objektiv gelten</translation>
    </message>
    <message>
        <source>After which repetitions the number is shown</source>
        <translation>Nach welchen Wiederholungen die Zahl gezeigt wird</translation>
    </message>
    <message>
        <source>number after each</source>
        <translation>Zahl nach jeder</translation>
    </message>
    <message>
        <source>number after every 2nd</source>
        <translation>Zahl nach jeder 2.</translation>
    </message>
    <message>
        <source>number after every 3rd</source>
        <translation>Zahl nach jeder 3.</translation>
    </message>
    <message>
        <source>number after every 6th</source>
        <translation>Zahl nach jeder 6.</translation>
    </message>
    <message>
        <source>number only when asked</source>
        <translation>Zahl nur auf Nachfrage</translation>
    </message>
    <message>
        <source>Keep the films</source>
        <translation>Filme behalten</translation>
    </message>
    <message>
        <source>In the library&apos;s folder, recordings. Otherwise only the number is kept. Clips of a watched folder stay where they are.</source>
        <translation>Im Ordner der Bibliothek, recordings. Sonst wird nur die Zahl behalten. Clips eines beobachteten Ordners bleiben, wo sie sind.</translation>
    </message>
    <message>
        <source>It is over (Space)</source>
        <translation>Sie ist vorbei (Leertaste)</translation>
    </message>
    <message>
        <source>Show the number (V)</source>
        <translation>Zahl zeigen (V)</translation>
    </message>
    <message>
        <source>Stop filming (Esc)</source>
        <translation>Filmen beenden (Esc)</translation>
    </message>
    <message>
        <source>choose a camera or a folder</source>
        <translation>eine Kamera oder einen Ordner wählen</translation>
    </message>
    <message>
        <source>clips that arrive in a folder…</source>
        <translation>Clips, die in einen Ordner kommen…</translation>
    </message>
    <message>
        <source>as in %1, %2</source>
        <translation>wie in %1, %2</translation>
    </message>
    <message>
        <source>No consent to be filmed holds today. Write it down on the Athlete page first.</source>
        <translation>Heute gilt keine Einwilligung zum Filmen. Zuerst auf der Seite Athlet aufschreiben.</translation>
    </message>
    <message>
        <source>Folder into which clips arrive</source>
        <translation>Ordner, in den Clips kommen</translation>
    </message>
    <message>
        <source>Getting ready to measure</source>
        <translation>Messen wird vorbereitet</translation>
    </message>
    <message>
        <source>Measuring a repetition</source>
        <translation>Wiederholung wird gemessen</translation>
    </message>
    <message>
        <source>Nothing can be measured: %1</source>
        <translation>Nichts kann gemessen werden: %1</translation>
    </message>
    <message>
        <source>%1 was not measured: %2</source>
        <translation>%1 wurde nicht gemessen: %2</translation>
    </message>
    <message>
        <source>No repetition was found in %1.</source>
        <translation>In %1 wurde keine Wiederholung gefunden.</translation>
    </message>
    <message>
        <source>Nothing of this set can be measured so.</source>
        <translation>Nichts aus diesem Satz lässt sich so messen.</translation>
    </message>
    <message>
        <source>Measuring…</source>
        <translation>Wird gemessen…</translation>
    </message>
    <message>
        <source>Choose a camera or a folder: nothing is filmed before.</source>
        <translation>Eine Kamera oder einen Ordner wählen: vorher wird nichts gefilmt.</translation>
    </message>
    <message>
        <source> · %1 measured</source>
        <translation> · %1 gemessen</translation>
    </message>
    <message>
        <source>, %1 not sure</source>
        <translation>, %1 nicht sicher</translation>
    </message>
    <message>
        <source> · %1 wait</source>
        <translation> · %1 warten</translation>
    </message>
    <message>
        <source>Measured</source>
        <translation>Gemessen</translation>
    </message>
    <message>
        <source>Your eye first: G or N</source>
        <translation>Erst das eigene Auge: G oder N</translation>
    </message>
    <message>
        <source>V shows the number now.</source>
        <translation>V zeigt die Zahl jetzt.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1. Band: %2. Stood here %3 s after the movement.</source>
        <translation>%1. Band: %2. Stand hier %3 s nach der Bewegung.</translation>
    </message>
</context>
<context>
    <name>riflesso::CourtSource</name>
    <message>
        <source>The folder %1 is gone.</source>
        <translation>Der Ordner %1 ist fort.</translation>
    </message>
    <message>
        <source>A clip is being written</source>
        <translation>Ein Clip wird geschrieben</translation>
    </message>
    <message>
        <source>Waiting for a clip in %1</source>
        <translation>Wartet auf einen Clip in %1</translation>
    </message>
    <message>
        <source>Not filming</source>
        <translation>Filmt nicht</translation>
    </message>
    <message>
        <source>Somebody moves</source>
        <translation>Jemand bewegt sich</translation>
    </message>
    <message>
        <source>Waiting for a movement</source>
        <translation>Wartet auf eine Bewegung</translation>
    </message>
</context>
<context>
    <name>riflesso::CurvePlot</name>
    <message>
        <source>Curve over phase</source>
        <translation>Kurve über die Phase</translation>
    </message>
    <message>
        <source>phase, %</source>
        <translation>Phase, %</translation>
    </message>
    <message>
        <source>%1 over phase, %</source>
        <translation>%1 über die Phase, %</translation>
    </message>
    <message>
        <source>dashed: mean of the first %1, dotted: of the last %1</source>
        <translation>gestrichelt: Mittel der ersten %1, gepunktet: der letzten %1</translation>
    </message>
    <message>
        <source>of its largest</source>
        <translation>ihres Größten</translation>
    </message>
    <message>
        <source>, %1 ± %2 s earlier</source>
        <translation>, %1 ± %2 s früher</translation>
    </message>
    <message>
        <source>, %1 ± %2 s later</source>
        <translation>, %1 ± %2 s später</translation>
    </message>
</context>
<context>
    <name>riflesso::DeskList</name>
    <message>
        <source>Retest was due on %1</source>
        <translation>Nachtest war fällig am %1</translation>
    </message>
    <message>
        <source>Retest due on %1</source>
        <translation>Nachtest fällig am %1</translation>
    </message>
    <message>
        <source>Retention test was due on %1</source>
        <translation>Behaltenstest war fällig am %1</translation>
    </message>
    <message>
        <source>Retention test due on %1</source>
        <translation>Behaltenstest fällig am %1</translation>
    </message>
    <message>
        <source>No consent to film is on record</source>
        <translation>Keine Einwilligung zum Filmen ist vermerkt</translation>
    </message>
    <message>
        <source>Consent to film ended on %1</source>
        <translation>Einwilligung zum Filmen endete am %1</translation>
    </message>
    <message>
        <source>Consent to film ends on %1</source>
        <translation>Einwilligung zum Filmen endet am %1</translation>
    </message>
    <message>
        <source>No changes now: %1 on %2</source>
        <translation>Jetzt keine Änderungen: %1 am %2</translation>
    </message>
    <message>
        <source>%1 on %2; no changes from %3</source>
        <translation>%1 am %2; keine Änderungen ab %3</translation>
    </message>
    <message>
        <source>On the desk</source>
        <translation>Auf dem Tisch</translation>
    </message>
    <message>
        <source>What is due in all cases, the most urgent first</source>
        <translation>Was in allen Fällen ansteht, das Dringendste zuerst</translation>
    </message>
    <message>
        <source>Stopped since %1, waits for professional advice: %2</source>
        <translation>Angehalten seit %1, wartet auf fachlichen Rat: %2</translation>
    </message>
    <message>
        <source>Stopped, waits for professional advice: %1</source>
        <translation>Angehalten, wartet auf fachlichen Rat: %1</translation>
    </message>
    <message>
        <source>Decide again: %1 was set aside until %2</source>
        <translation>Neu entscheiden: %1 war zurückgestellt bis %2</translation>
    </message>
</context>
<context>
    <name>riflesso::DeviationRuler</name>
    <message>
        <source>%1 in this repetition, %2. Click to see it.</source>
        <translation>%1 in dieser Wiederholung, %2. Klick zeigt sie.</translation>
    </message>
</context>
<context>
    <name>riflesso::DisputeBox</name>
    <message>
        <source>Take no position</source>
        <translation>Keine Haltung einnehmen</translation>
    </message>
    <message>
        <source>Take a position</source>
        <translation>Haltung einnehmen</translation>
    </message>
    <message>
        <source>WHERE COACHES DISAGREE</source>
        <translation>WO TRAINER UNEINS SIND</translation>
    </message>
    <message>
        <source>no position</source>
        <translation>keine Haltung</translation>
    </message>
    <message>
        <source>why, in this case</source>
        <translation>warum, in diesem Fall</translation>
    </message>
    <message>
        <source>Reason</source>
        <translation>Grund</translation>
    </message>
</context>
<context>
    <name>riflesso::DoubtReview</name>
    <message>
        <source>All of it is right (Shift D)</source>
        <translation>Alles davon stimmt (Umschalt D)</translation>
    </message>
    <message>
        <source>Next (D)</source>
        <translation>Weiter (D)</translation>
    </message>
    <message>
        <source>Done (Esc)</source>
        <translation>Fertig (Esc)</translation>
    </message>
    <message>
        <source>&lt;b&gt;Doubtful %1 of %2&lt;/b&gt;, worst first. Repetition %3, frames %4 to %5.</source>
        <translation>&lt;b&gt;Zweifelhaft, %1 von %2&lt;/b&gt;, das Schlimmste zuerst. Wiederholung %3, Bilder %4 bis %5.</translation>
    </message>
    <message>
        <source>Widest: %1, ± %2 px in frame %3, which is shown above.</source>
        <translation>Am weitesten: %1, ± %2 px in Bild %3, das oben gezeigt ist.</translation>
    </message>
    <message>
        <source>A key event is doubtful here.</source>
        <translation>Ein Schlüsselereignis ist hier zweifelhaft.</translation>
    </message>
    <message>
        <source>A key position lies in it: findings rest on it.</source>
        <translation>Eine Schlüsselposition liegt darin: Befunde beruhen darauf.</translation>
    </message>
    <message>
        <source>before</source>
        <translation>davor</translation>
    </message>
    <message>
        <source>after</source>
        <translation>danach</translation>
    </message>
    <message>
        <source>%1, frame %2</source>
        <translation>%1, Bild %2</translation>
    </message>
</context>
<context>
    <name>riflesso::EquipmentBox</name>
    <message>
        <source>EQUIPMENT AT HAND</source>
        <translation>VORHANDENE AUSRÜSTUNG</translation>
    </message>
    <message>
        <source>Something else that is at hand</source>
        <translation>Etwas anderes, das vorhanden ist</translation>
    </message>
    <message>
        <source>Something else</source>
        <translation>Etwas anderes</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Add the equipment</source>
        <translation>Ausrüstung hinzufügen</translation>
    </message>
    <message>
        <source>Nothing is ticked: everything is taken as at hand.</source>
        <translation>Nichts ist angehakt: alles gilt als vorhanden.</translation>
    </message>
    <message>
        <source>Change the equipment</source>
        <translation>Ausrüstung ändern</translation>
    </message>
</context>
<context>
    <name>riflesso::FigureCard</name>
    <message>
        <source>Figure card: which landmark is next</source>
        <translation>Figurenkarte: welcher Messpunkt an der Reihe ist</translation>
    </message>
    <message>
        <source>next: %1</source>
        <translation>als Nächstes: %1</translation>
    </message>
</context>
<context>
    <name>riflesso::FilmPage</name>
    <message>
        <source>Play</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>CLIPS</source>
        <translation>CLIPS</translation>
    </message>
    <message>
        <source>Clips of the session</source>
        <translation>Clips der Sitzung</translation>
    </message>
    <message>
        <source>Add a clip…</source>
        <translation>Clip hinzufügen…</translation>
    </message>
    <message>
        <source>Or drop files anywhere in the window.</source>
        <translation>Oder Dateien irgendwo ins Fenster fallen lassen.</translation>
    </message>
    <message>
        <source>Add a clip</source>
        <translation>Clip hinzufügen</translation>
    </message>
    <message>
        <source>Start of a repetition</source>
        <translation>Anfang setzen</translation>
    </message>
    <message>
        <source>No session is chosen. &lt;b&gt;Next: add one on the Athlete page.&lt;/b&gt;</source>
        <translation>Keine Sitzung ist gewählt. &lt;b&gt;Weiter: auf der Seite Athlet eine hinzufügen.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>%1 has no clip. &lt;b&gt;Next: add a clip, filmed from the side the skill asks for.&lt;/b&gt;</source>
        <translation>%1 hat keinen Clip. &lt;b&gt;Weiter: einen hinzufügen, von der Seite gefilmt, die die Fertigkeit verlangt.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Scale of this section: click both ends of something of known length, in the plane of movement. &lt;b&gt;Next: type its length and keep it.&lt;/b&gt;</source>
        <translation>Maßstab dieses Abschnitts: beide Enden von etwas bekannter Länge anklicken, in der Bewegungsebene. &lt;b&gt;Weiter: seine Länge eingeben und behalten.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>A repetition starts at frame %1. &lt;b&gt;Next: go to its end and press C again.&lt;/b&gt;</source>
        <translation>Eine Wiederholung beginnt bei Bild %1. &lt;b&gt;Weiter: zu ihrem Ende gehen und wieder C drücken.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>%1, no repetition cut. &lt;b&gt;Next: play, press C at the start and again at the end of each repetition.&lt;/b&gt;</source>
        <translation>%1, keine Wiederholung geschnitten. &lt;b&gt;Weiter: abspielen, C am Anfang und wieder am Ende jeder Wiederholung drücken.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>clips</source>
        <translation>Clips</translation>
    </message>
    <message>
        <source>Missing: fewer than four repetitions prove little. </source>
        <translation>Es fehlt: weniger als vier Wiederholungen beweisen wenig. </translation>
    </message>
    <message>
        <source>Missing: the result of %1. </source>
        <translation>Es fehlt: das Ergebnis von %1. </translation>
    </message>
    <message>
        <source>clip not found</source>
        <translation>Clip nicht gefunden</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>play</source>
        <translation>abspielen</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>cut</source>
        <translation>schneiden</translation>
    </message>
    <message>
        <source>split section</source>
        <translation>Abschnitt teilen</translation>
    </message>
    <message>
        <source>length</source>
        <translation>Länge</translation>
    </message>
    <message>
        <source>result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>felt right, off</source>
        <translation>fühlte sich richtig an, falsch</translation>
    </message>
    <message>
        <source>Del</source>
        <translation>Entf</translation>
    </message>
    <message>
        <source>remove repetition</source>
        <translation>Wiederholung entfernen</translation>
    </message>
    <message>
        <source>&lt;br&gt;&lt;span style=&apos;color:%1&apos;&gt;model&lt;/span&gt;</source>
        <translation>&lt;br&gt;&lt;span style=&apos;color:%1&apos;&gt;Vorbild&lt;/span&gt;</translation>
    </message>
    <message>
        <source>&lt;br&gt;not found: %1</source>
        <translation>&lt;br&gt;nicht gefunden: %1</translation>
    </message>
    <message>
        <source>Add a clip to begin</source>
        <translation>Zum Anfangen einen Clip hinzufügen</translation>
    </message>
    <message>
        <source>frame %1 of %2 · %3 s</source>
        <translation>Bild %1 von %2 · %3 s</translation>
    </message>
    <message>
        <source>The clip is not at %1. Put it back there, or find it (on the right).</source>
        <translation>Der Clip ist nicht in %1. Ihn dorthin zurücklegen, oder suchen (rechts).</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>End of the repetition</source>
        <translation>Ende setzen</translation>
    </message>
    <message>
        <source>A repetition needs at least three frames; nothing was cut.</source>
        <translation>Eine Wiederholung braucht mindestens drei Bilder; nichts wurde geschnitten.</translation>
    </message>
    <message>
        <source>Cut repetition %1</source>
        <translation>Wiederholung %1 schneiden</translation>
    </message>
    <message>
        <source>Choose or add a session on the Athlete page first.</source>
        <translation>Zuerst auf der Seite Athlet eine Sitzung wählen oder hinzufügen.</translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation>%1 wird gelesen</translation>
    </message>
    <message>
        <source>Add the clip %1</source>
        <translation>Clip %1 hinzufügen</translation>
    </message>
    <message>
        <source>Find them (R)</source>
        <translation>Suchen (R)</translation>
    </message>
    <message>
        <source>Looks for repetitions in this section: like the first marked one, or a model&apos;s, else movement between rests.</source>
        <translation>Sucht Wiederholungen in diesem Abschnitt: wie die erste markierte oder die eines Vorbilds, sonst Bewegung zwischen Ruhe.</translation>
    </message>
    <message>
        <source>The camera live. &lt;b&gt;Next: record with Space; what is recorded becomes a clip of this session.&lt;/b&gt;</source>
        <translation>Die Kamera live. &lt;b&gt;Weiter: mit der Leertaste aufnehmen; das Aufgenommene wird ein Clip dieser Sitzung.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Before filming: what a set-up can tell apart. &lt;b&gt;Next: change it until nothing is left under &quot;what to change&quot;.&lt;/b&gt;</source>
        <translation>Vor dem Filmen: was ein Aufbau unterscheiden kann. &lt;b&gt;Weiter: ändern, bis unter „Was zu ändern ist“ nichts mehr steht.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>The picture of this section. &lt;b&gt;Next: %1.&lt;/b&gt;</source>
        <translation>Das Bild dieses Abschnitts. &lt;b&gt;Weiter: %1.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>record, stop</source>
        <translation>aufnehmen, anhalten</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>done</source>
        <translation>fertig</translation>
    </message>
    <message>
        <source>back to the clip</source>
        <translation>zurück zum Clip</translation>
    </message>
    <message>
        <source>click</source>
        <translation>Klick</translation>
    </message>
    <message>
        <source>set a point</source>
        <translation>Punkt setzen</translation>
    </message>
    <message>
        <source>drag</source>
        <translation>ziehen</translation>
    </message>
    <message>
        <source>move it</source>
        <translation>ihn bewegen</translation>
    </message>
    <message>
        <source>find</source>
        <translation>suchen</translation>
    </message>
    <message>
        <source>No sudden sound further that way.</source>
        <translation>Kein plötzlicher Ton mehr in dieser Richtung.</translation>
    </message>
    <message>
        <source>Listen for contacts first (Picture, lens, camera, on the right).</source>
        <translation>Zuerst nach Berührungen horchen (Bild, Objektiv, Kamera, rechts).</translation>
    </message>
    <message>
        <source>Record…</source>
        <translation>Aufnehmen…</translation>
    </message>
    <message>
        <source>From a camera of this computer, with a look at what was some seconds ago.</source>
        <translation>Von einer Kamera dieses Rechners, mit Blick auf das, was vor einigen Sekunden war.</translation>
    </message>
    <message>
        <source>Plan the camera…</source>
        <translation>Kamera planen…</translation>
    </message>
    <message>
        <source>Where to stand and how to set the camera, before filming.</source>
        <translation>Wo stehen und wie die Kamera einstellen, vor dem Filmen.</translation>
    </message>
    <message>
        <source>&lt;b&gt;TO FILM NEXT&lt;/b&gt;</source>
        <translation>&lt;b&gt;ALS NÄCHSTES ZU FILMEN&lt;/b&gt;</translation>
    </message>
    <message>
        <source>&lt;br&gt;&lt;i&gt;and %1 more&lt;/i&gt;</source>
        <translation>&lt;br&gt;&lt;i&gt;und %1 mehr&lt;/i&gt;</translation>
    </message>
    <message>
        <source>First picture of %1</source>
        <translation>Erstes Bild von %1</translation>
    </message>
    <message>
        <source>reading the clip …</source>
        <translation>Clip wird gelesen …</translation>
    </message>
    <message>
        <source>The session is not there any more; its clips were not added.</source>
        <translation>Die Sitzung ist nicht mehr da; ihre Clips wurden nicht hinzugefügt.</translation>
    </message>
    <message>
        <source>frame; Shift: ten</source>
        <translation>Bild; Umschalt: zehn</translation>
    </message>
    <message>
        <source>the sound before, the next one</source>
        <translation>der Ton davor, der nächste</translation>
    </message>
    <message>
        <source>cut: first frame of a repetition, then its last</source>
        <translation>schneiden: erstes Bild einer Wiederholung, dann ihr letztes</translation>
    </message>
    <message>
        <source>find repetitions</source>
        <translation>Wiederholungen suchen</translation>
    </message>
    <message>
        <source>split the section here</source>
        <translation>den Abschnitt hier teilen</translation>
    </message>
    <message>
        <source>a known length: the scale</source>
        <translation>eine bekannte Länge: der Maßstab</translation>
    </message>
    <message>
        <source>something upright</source>
        <translation>etwas Senkrechtes</translation>
    </message>
    <message>
        <source>known points</source>
        <translation>bekannte Punkte</translation>
    </message>
    <message>
        <source>result of the repetition</source>
        <translation>Ergebnis der Wiederholung</translation>
    </message>
    <message>
        <source>the athlete felt it right, off</source>
        <translation>dem Athleten fühlte sie sich richtig an, falsch</translation>
    </message>
    <message>
        <source>next form of the movement</source>
        <translation>nächste Form der Bewegung</translation>
    </message>
    <message>
        <source>leave what was begun</source>
        <translation>Begonnenes lassen</translation>
    </message>
    <message>
        <source>Page Up, Page Down</source>
        <translation>Bild auf, Bild ab</translation>
    </message>
    <message>
        <source>the repetition before, the next one</source>
        <translation>die Wiederholung davor, die nächste</translation>
    </message>
    <message>
        <source>the line nearer, further, whole; the wheel too, with Shift along it</source>
        <translation>die Linie näher, weiter, ganz; auch das Rad, mit Umschalt entlang</translation>
    </message>
    <message>
        <source>No repetition further that way.</source>
        <translation>Keine Wiederholung mehr in dieser Richtung.</translation>
    </message>
    <message>
        <source>%1, %2, %3 with a result. %4&lt;b&gt;Next: mark the key positions.&lt;/b&gt;</source>
        <translation>%1, %2, %3 mit Ergebnis. %4&lt;b&gt;Weiter: die Schlüsselpositionen markieren.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>repetition</source>
        <comment>beside Film, little room</comment>
        <translation>Wdh.</translation>
    </message>
    <message>
        <source>repetitions</source>
        <comment>beside Film, little room</comment>
        <translation>Wdh.</translation>
    </message>
    <message>
        <source>The recording stays with the session it was made for; it is taken in on that Film page.</source>
        <translation>Die Aufnahme bleibt bei der Sitzung, für die sie gemacht wurde; dort wird sie auf der Seite Film übernommen.</translation>
    </message>
</context>
<context>
    <name>riflesso::FilmPanel</name>
    <message>
        <source>The film</source>
        <translation>Der Film</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>Place in the film</source>
        <translation>Stelle im Film</translation>
    </message>
    <message>
        <source>PARTS</source>
        <translation>TEILE</translation>
    </message>
    <message>
        <source>Parts of the film</source>
        <translation>Teile des Films</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>What is said in this part</source>
        <translation>Was in diesem Teil gesagt wird</translation>
    </message>
    <message>
        <source>This part has no sentence of its own.</source>
        <translation>Dieser Teil hat keinen eigenen Satz.</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>A picture of the film</source>
        <translation>Ein Bild des Films</translation>
    </message>
    <message>
        <source>Remove…</source>
        <translation>Entfernen…</translation>
    </message>
    <message>
        <source>For good?</source>
        <translation>Endgültig?</translation>
    </message>
    <message>
        <source>Cover somebody else</source>
        <translation>Jemand anderen verdecken</translation>
    </message>
    <message>
        <source>Then drag a box over their head on the picture: it is followed, and covers them wherever others are covered.</source>
        <translation>Dann im Bild einen Kasten über den Kopf ziehen: er wird verfolgt und verdeckt die Person überall, wo andere verdeckt werden.</translation>
    </message>
    <message>
        <source>Gone here</source>
        <translation>Hier fort</translation>
    </message>
    <message>
        <source>From this picture on nobody else is there any more.</source>
        <translation>Ab diesem Bild ist niemand anderes mehr da.</translation>
    </message>
    <message>
        <source>Name of this part</source>
        <translation>Name dieses Teils</translation>
    </message>
    <message>
        <source>Cut here (C)</source>
        <translation>Hier schneiden (C)</translation>
    </message>
    <message>
        <source>Say again…</source>
        <translation>Noch einmal sagen…</translation>
    </message>
    <message>
        <source>As first said</source>
        <translation>Wie zuerst gesagt</translation>
    </message>
    <message>
        <source>Words that stand below the pictures of this part.</source>
        <translation>Worte, die unter den Bildern dieses Teils stehen.</translation>
    </message>
    <message>
        <source>Draw the box on a filmed picture.</source>
        <translation>Den Kasten in ein gefilmtes Bild zeichnen.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Stop at %1</source>
        <translation>Stopp bei %1</translation>
    </message>
    <message>
        <source>Look there (L)</source>
        <translation>Dort ansehen (L)</translation>
    </message>
    <message>
        <source>Opens this frame on Mark. Coming back the film goes on where it is.</source>
        <translation>Öffnet dieses Bild in Markieren. Danach läuft der Film dort weiter, wo er ist.</translation>
    </message>
</context>
<context>
    <name>riflesso::FindingsPage</name>
    <message>
        <source>STRENGTHS</source>
        <translation>STÄRKEN</translation>
    </message>
    <message>
        <source>TO DECIDE</source>
        <translation>ZU ENTSCHEIDEN</translation>
    </message>
    <message>
        <source>School of ranking</source>
        <translation>Schule der Reihung</translation>
    </message>
    <message>
        <source>Findings in order</source>
        <translation>Befunde der Reihe nach</translation>
    </message>
    <message>
        <source>Change the school of ranking</source>
        <translation>Schule der Reihung ändern</translation>
    </message>
    <message>
        <source>Work on this (W)</source>
        <translation>Angehen (W)</translation>
    </message>
    <message>
        <source>Park (P)</source>
        <translation>Zurückstellen (P)</translation>
    </message>
    <message>
        <source>Not a fault here (X)</source>
        <translation>Kein Fehler (X)</translation>
    </message>
    <message>
        <source>Open again</source>
        <translation>Wieder offen</translation>
    </message>
    <message>
        <source>Reason, kept with the case</source>
        <translation>Grund, mit dem Fall behalten</translation>
    </message>
    <message>
        <source>Reason of the decision</source>
        <translation>Grund der Entscheidung</translation>
    </message>
    <message>
        <source>Open a decision again</source>
        <translation>Entscheidung wieder öffnen</translation>
    </message>
    <message>
        <source>CAUSE MAP · causes left, consequences right</source>
        <translation>URSACHENKARTE · Ursachen links, Folgen rechts</translation>
    </message>
    <message>
        <source>WHY IT STANDS HERE</source>
        <translation>WARUM ER HIER STEHT</translation>
    </message>
    <message>
        <source>Compute a term again</source>
        <translation>Wert wieder berechnen</translation>
    </message>
    <message>
        <source>Measuring…</source>
        <translation>Wird gemessen…</translation>
    </message>
    <message>
        <source>%1 strengths, %2 findings%3. %4&lt;b&gt;Next: %5.&lt;/b&gt;</source>
        <translation>%1 Stärken, %2 Befunde%3. %4&lt;b&gt;Weiter: %5.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>, %1 with a caution</source>
        <translation>, %1 mit Vorsicht</translation>
    </message>
    <message>
        <source>Beliefs are not locked yet. </source>
        <translation>Annahmen sind noch nicht festgeschrieben. </translation>
    </message>
    <message>
        <source>see the ladder in Plan</source>
        <translation>die Leiter in Plan ansehen</translation>
    </message>
    <message>
        <source>choose one main focus and at most one minor one; %1 to decide</source>
        <translation>einen Hauptpunkt und höchstens einen Nebenpunkt wählen; %1 zu entscheiden</translation>
    </message>
    <message>
        <source>decided</source>
        <translation>entschieden</translation>
    </message>
    <message>
        <source>%1 to decide</source>
        <translation>%1 zu entscheiden</translation>
    </message>
    <message>
        <source>finding</source>
        <translation>Befund</translation>
    </message>
    <message>
        <source>work on this</source>
        <translation>daran arbeiten</translation>
    </message>
    <message>
        <source>park</source>
        <translation>zurückstellen</translation>
    </message>
    <message>
        <source>not a fault</source>
        <translation>kein Fehler</translation>
    </message>
    <message>
        <source>No findings yet</source>
        <translation>Noch keine Befunde</translation>
    </message>
    <message>
        <source>None is sure yet: a strength needs four repetitions, three of four within.</source>
        <translation>Noch ist keine sicher: eine Stärke braucht vier Wiederholungen, drei von vieren im Bereich.</translation>
    </message>
    <message>
        <source>caution, whatever the order</source>
        <translation>Vorsicht, wie auch immer gereiht</translation>
    </message>
    <message>
        <source>follows from &quot;%1&quot;</source>
        <translation>folgt aus „%1“</translation>
    </message>
    <message>
        <source>leads to %1</source>
        <translation>führt zu %1</translation>
    </message>
    <message>
        <source>other</source>
        <translation>anderes</translation>
    </message>
    <message>
        <source>others</source>
        <translation>weiteren</translation>
    </message>
    <message>
        <source>seen, but seldom</source>
        <translation>gesehen, aber selten</translation>
    </message>
    <message>
        <source>limited: change the target</source>
        <translation>eingeschränkt: Zielwert ändern</translation>
    </message>
    <message>
        <source>main focus</source>
        <translation>Hauptpunkt</translation>
    </message>
    <message>
        <source>minor focus</source>
        <translation>Nebenpunkt</translation>
    </message>
    <message>
        <source>decided: %1</source>
        <translation>entschieden: %1</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
    <message>
        <source>Pattern: &lt;b&gt;%1&lt;/b&gt;, match %2.</source>
        <translation>Muster: &lt;b&gt;%1&lt;/b&gt;, Übereinstimmung %2.</translation>
    </message>
    <message>
        <source>Seen once: %1.</source>
        <translation>Einmal gesehen: %1.</translation>
    </message>
    <message>
        <source>Not judged: %1.</source>
        <translation>Nicht beurteilt: %1.</translation>
    </message>
    <message>
        <source>shown in %1</source>
        <translation>gezeigt in %1</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>not judged</source>
        <translation>nicht beurteilt</translation>
    </message>
    <message>
        <source>%1: &quot;%2&quot;</source>
        <translation>%1: „%2“</translation>
    </message>
    <message>
        <source>. Measured: &lt;b&gt;%1&lt;/b&gt;.</source>
        <translation>. Gemessen: &lt;b&gt;%1&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>Decided on %1: %2%3</source>
        <translation>Entschieden am %1: %2%3</translation>
    </message>
    <message>
        <source>Not decided yet. The program ranks; you decide.</source>
        <translation>Noch nicht entschieden. Das Programm reiht; Sie entscheiden.</translation>
    </message>
    <message>
        <source>Say why: a value set by hand is kept with its reason.</source>
        <translation>Sagen, warum: ein von Hand gesetzter Wert wird mit seinem Grund behalten.</translation>
    </message>
    <message>
        <source>Set %1 by hand</source>
        <translation>%1 von Hand setzen</translation>
    </message>
    <message>
        <source>Say why &quot;%1&quot; is not worked on: the reason is kept with the case.</source>
        <translation>Sagen, warum an „%1“ nicht gearbeitet wird: der Grund wird mit dem Fall behalten.</translation>
    </message>
    <message>
        <source>Decide &quot;%1&quot;: %2</source>
        <translation>„%1“ entscheiden: %2</translation>
    </message>
    <message>
        <source>work round it</source>
        <translation>umgehen</translation>
    </message>
    <message>
        <source>whole case</source>
        <translation>ganzer Fall</translation>
    </message>
    <message>
        <source>Say until when it is worked round: a day or an occasion.</source>
        <translation>Sagen, bis wann er umgangen wird: ein Tag oder ein Anlass.</translation>
    </message>
    <message>
        <source>One main and one minor focus are chosen already: correcting everything at once corrects nothing. Open one of them again, or insist and say why.</source>
        <translation>Ein Hauptpunkt und ein Nebenpunkt sind schon gewählt: wer alles auf einmal berichtigt, berichtigt nichts. Einen davon wieder öffnen, oder darauf bestehen und sagen, warum.</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>Only looks like it: %1</source>
        <translation>Sieht nur so aus: %1</translation>
    </message>
    <message>
        <source>BY CONDITION</source>
        <translation>NACH BEDINGUNG</translation>
    </message>
    <message>
        <source>Work round it (A)</source>
        <translation>Umgehen (A)</translation>
    </message>
    <message>
        <source>Left as it is for now: the rest of the technique is arranged so that it harms least.</source>
        <translation>Vorerst gelassen, wie er ist: die übrige Technik wird so eingerichtet, dass er am wenigsten schadet.</translation>
    </message>
    <message>
        <source>until when</source>
        <translation>bis wann</translation>
    </message>
    <message>
        <source>Until when it is worked round</source>
        <translation>Bis wann er umgangen wird</translation>
    </message>
    <message>
        <source>THE WHOLE CASE · causes left, consequences right, broken outline: outside the movement</source>
        <translation>DER GANZE FALL · Ursachen links, Folgen rechts, gestrichelter Rand: außerhalb der Bewegung</translation>
    </message>
    <message>
        <source>Whole case (M)</source>
        <translation>Ganzer Fall (M)</translation>
    </message>
    <message>
        <source>, about %1</source>
        <translation>, etwa %1</translation>
    </message>
    <message>
        <source>work on</source>
        <translation>daran arbeiten</translation>
    </message>
    <message>
        <source>work round</source>
        <translation>umgehen</translation>
    </message>
    <message>
        <source>no drill is left with these limits</source>
        <translation>keine Übung bleibt mit diesen Einschränkungen</translation>
    </message>
    <message>
        <source>none found</source>
        <translation>nichts gefunden</translation>
    </message>
    <message>
        <source>A limit of the athlete stands against drilling this: change the target, work round it for now, or say until when and ask again.</source>
        <translation>Eine Einschränkung des Athleten spricht dagegen, das zu üben: den Zielwert ändern, ihn vorerst umgehen, oder sagen, bis wann, und neu fragen.</translation>
    </message>
    <message>
        <source>The athlete is hardly willing to change the technique: change the target, work round it for now, or say until when and ask again.</source>
        <translation>Der Athlet will die Technik kaum ändern: den Zielwert ändern, ihn vorerst umgehen, oder sagen, bis wann, und neu fragen.</translation>
    </message>
    <message>
        <source>Change the target…</source>
        <translation>Zielwert ändern…</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, %2: %3.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;, %2: %3.</translation>
    </message>
    <message>
        <source>form not noted</source>
        <translation>Form nicht vermerkt</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>no finding</source>
        <translation>kein Befund</translation>
    </message>
    <message>
        <source>Say it on Film</source>
        <translation>Auf der Seite Film sagen</translation>
    </message>
    <message>
        <source>The pack&apos;s word for the effect</source>
        <translation>Die Wirkung nach dem Paket</translation>
    </message>
    <message>
        <source>The effect that the results show</source>
        <translation>Die Wirkung, die die Ergebnisse zeigen</translation>
    </message>
    <message>
        <source>%1 to be asked about again: the day has come. </source>
        <translation>%1 neu zu fragen: der Tag ist da. </translation>
    </message>
    <message>
        <source>%1 until %2, which has come: decide anew</source>
        <translation>%1 bis %2, und das ist da: neu entscheiden</translation>
    </message>
    <message>
        <source>Of &quot;work round it&quot; and &quot;park&quot;: a day or an occasion. On a day such as 2026-12-05 it is asked again.</source>
        <translation>Zu „umgehen“ und „zurückstellen“: ein Tag oder ein Anlass. An einem Tag wie 2026-12-05 wird neu gefragt.</translation>
    </message>
</context>
<context>
    <name>riflesso::ForecastBox</name>
    <message>
        <source>WHAT THE RETEST WILL SHOW</source>
        <translation>WAS DER NACHTEST ZEIGEN WIRD</translation>
    </message>
    <message>
        <source>Measure of the forecast</source>
        <translation>Messgröße der Vorhersage</translation>
    </message>
    <message>
        <source>Value expected at the retest</source>
        <translation>Beim Nachtest erwarteter Wert</translation>
    </message>
    <message>
        <source>Write down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>It is locked at once: a forecast is made before, and scored after.</source>
        <translation>Sie wird gleich festgeschrieben: eine Vorhersage wird vorher gemacht und nachher bewertet.</translation>
    </message>
    <message>
        <source>Written down on %1 for the retest on %2, from %3</source>
        <translation>Aufgeschrieben am %1 für den Nachtest am %2, ausgehend von %3</translation>
    </message>
    <message>
        <source>Written down on %1 for the retest, from %2</source>
        <translation>Aufgeschrieben am %1 für den Nachtest, ausgehend von %2</translation>
    </message>
    <message>
        <source>Write down a forecast</source>
        <translation>Vorhersage aufschreiben</translation>
    </message>
    <message>
        <source>%1: &lt;b&gt;%2&lt;/b&gt;. %3</source>
        <translation>%1: &lt;b&gt;%2&lt;/b&gt;. %3</translation>
    </message>
    <message>
        <source>%1 % good</source>
        <translation>%1 % gut</translation>
    </message>
    <message>
        <source> % good</source>
        <translation> % gut</translation>
    </message>
    <message>
        <source>Result: %1</source>
        <translation>Ergebnis: %1</translation>
    </message>
</context>
<context>
    <name>riflesso::GhostFit</name>
    <message>
        <source>trunk, %1</source>
        <translation>Rumpf, %1</translation>
    </message>
    <message>
        <source>thigh, %1</source>
        <translation>Oberschenkel, %1</translation>
    </message>
    <message>
        <source>shank, %1</source>
        <translation>Unterschenkel, %1</translation>
    </message>
    <message>
        <source>upper arm, %1</source>
        <translation>Oberarm, %1</translation>
    </message>
    <message>
        <source>forearm, %1</source>
        <translation>Unterarm, %1</translation>
    </message>
</context>
<context>
    <name>riflesso::GoalBox</name>
    <message>
        <source>THE GOAL AS A NUMBER</source>
        <translation>DAS ZIEL ALS ZAHL</translation>
    </message>
    <message>
        <source>Measure of the goal</source>
        <translation>Messgröße des Ziels</translation>
    </message>
    <message>
        <source>Value of the goal</source>
        <translation>Wert des Ziels</translation>
    </message>
    <message>
        <source>by</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Day of the goal</source>
        <translation>Tag des Ziels</translation>
    </message>
    <message>
        <source>none</source>
        <translation>keine</translation>
    </message>
    <message>
        <source>A measure and a value make the goal checkable: Progress then says how far it is.</source>
        <translation>Eine Messgröße und ein Wert machen das Ziel prüfbar: Fortschritt sagt dann, wie weit es ist.</translation>
    </message>
    <message>
        <source>The goal as a number</source>
        <translation>Das Ziel als Zahl</translation>
    </message>
    <message>
        <source>No goal as a number</source>
        <translation>Kein Ziel als Zahl</translation>
    </message>
</context>
<context>
    <name>riflesso::GroupRulers</name>
    <message>
        <source>%1 less than %2</source>
        <translation>%1 weniger als %2</translation>
    </message>
    <message>
        <source>%1 more than %2</source>
        <translation>%1 mehr als %2</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: better</source>
        <translation>%1: besser</translation>
    </message>
    <message>
        <source>%1: worse</source>
        <translation>%1: schlechter</translation>
    </message>
    <message>
        <source>%1: neither nearer nor further</source>
        <translation>%1: weder näher noch weiter</translation>
    </message>
    <message>
        <source>%1: could be chance</source>
        <translation>%1: könnte Zufall sein</translation>
    </message>
    <message>
        <source>value</source>
        <translation>Wert</translation>
    </message>
    <message>
        <source>values</source>
        <translation>Werte</translation>
    </message>
</context>
<context>
    <name>riflesso::GuideWindow</name>
    <message>
        <source>The guide</source>
        <translation>Die Anleitung</translation>
    </message>
    <message>
        <source>Find in the guide</source>
        <translation>In der Anleitung suchen</translation>
    </message>
    <message>
        <source>Find in the guide; Enter goes on, Shift Enter back</source>
        <translation>In der Anleitung suchen; Eingabe geht weiter, mit Umschalt zurück</translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation>Kapitel</translation>
    </message>
    <message>
        <source>%1 is not there: the guide is not installed.</source>
        <translation>%1 ist nicht da: die Anleitung ist nicht installiert.</translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht da</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
</context>
<context>
    <name>riflesso::HandoverPage</name>
    <message>
        <source>WHAT LEAVES THIS MACHINE</source>
        <translation>WAS DIESE MASCHINE VERLÄSST</translation>
    </message>
    <message>
        <source>FROZEN ASSESSMENTS</source>
        <translation>EINGEFRORENE AUSWERTUNGEN</translation>
    </message>
    <message>
        <source>Nothing to hand over yet. &lt;b&gt;Next: mark key positions.&lt;/b&gt;</source>
        <translation>Noch nichts zu übergeben. &lt;b&gt;Weiter: Schlüsselpositionen markieren.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>%1 frozen so far. </source>
        <translation>%1 bisher eingefroren. </translation>
    </message>
    <message>
        <source>%1 frozen</source>
        <translation>%1 eingefroren</translation>
    </message>
    <message>
        <source>Print again</source>
        <translation>Noch einmal drucken</translation>
    </message>
    <message>
        <source>None yet.</source>
        <translation>Noch keine.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Freeze the assessment</source>
        <translation>Auswertung einfrieren</translation>
    </message>
    <message>
        <source>Printed to %1</source>
        <translation>Gedruckt nach %1</translation>
    </message>
    <message>
        <source>TO TAKE HOME</source>
        <translation>FÜR ZU HAUSE</translation>
    </message>
    <message>
        <source>What is taken home: ticked is written, the chosen one is shown</source>
        <translation>Was mitgenommen wird: Angehaktes wird geschrieben, das Gewählte gezeigt</translation>
    </message>
    <message>
        <source>FACES AND NAMES</source>
        <translation>GESICHTER UND NAMEN</translation>
    </message>
    <message>
        <source>Cover the athlete&apos;s face</source>
        <translation>Gesicht des Athleten verdecken</translation>
    </message>
    <message>
        <source>Cover the model&apos;s face</source>
        <translation>Gesicht des Vorbilds verdecken</translation>
    </message>
    <message>
        <source>Leave out the names</source>
        <translation>Namen weglassen</translation>
    </message>
    <message>
        <source>Films as</source>
        <translation>Filme als</translation>
    </message>
    <message>
        <source>Films as %1, %2 × %3</source>
        <translation>Filme als %1, %2 × %3</translation>
    </message>
    <message>
        <source>Folder</source>
        <translation>Ordner</translation>
    </message>
    <message>
        <source>Folder that is written</source>
        <translation>Ordner, der geschrieben wird</translation>
    </message>
    <message>
        <source>Write the folder (P)</source>
        <translation>Ordner schreiben (P)</translation>
    </message>
    <message>
        <source>With a paper in it the assessment is frozen: its numbers, the order and the reasons stay as they are now, and print the same in years.</source>
        <translation>Mit einem Papier darin wird die Auswertung eingefroren: ihre Zahlen, die Reihung und die Gründe bleiben, wie sie jetzt sind, und drucken noch in Jahren dasselbe.</translation>
    </message>
    <message>
        <source>Shown: %1. %2&lt;b&gt;Next: write the folder.&lt;/b&gt;</source>
        <translation>Gezeigt: %1. %2&lt;b&gt;Weiter: den Ordner schreiben.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>write the folder</source>
        <translation>den Ordner schreiben</translation>
    </message>
    <message>
        <source>play</source>
        <translation>abspielen</translation>
    </message>
    <message>
        <source>play the film that is shown</source>
        <translation>den gezeigten Film abspielen</translation>
    </message>
    <message>
        <source>by pictures</source>
        <translation>nach Bildern</translation>
    </message>
    <message>
        <source>go by pictures of the film, with Shift by seconds</source>
        <translation>nach Bildern des Films gehen, mit Umschalt nach Sekunden</translation>
    </message>
    <message>
        <source>Take-home film</source>
        <translation>Film für zu Hause</translation>
    </message>
    <message>
        <source>Then and now, a film</source>
        <translation>Damals und jetzt, ein Film</translation>
    </message>
    <message>
        <source>A repetition, a film</source>
        <translation>Eine Wiederholung, ein Film</translation>
    </message>
    <message>
        <source>Key positions as pictures</source>
        <translation>Schlüsselpositionen als Bilder</translation>
    </message>
    <message>
        <source>Dates for a calendar</source>
        <translation>Termine für einen Kalender</translation>
    </message>
    <message>
        <source>The whole case</source>
        <translation>Der ganze Fall</translation>
    </message>
    <message>
        <source>PDF, %1</source>
        <translation>PDF, %1</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>PDF</source>
        <translation>PDF</translation>
    </message>
    <message>
        <source>no consent</source>
        <translation>nicht erlaubt</translation>
    </message>
    <message>
        <source>is being made</source>
        <translation>wird erstellt</translation>
    </message>
    <message>
        <source>after a retest</source>
        <translation>nach einem Nachtest</translation>
    </message>
    <message>
        <source>none is chosen</source>
        <translation>keine ist gewählt</translation>
    </message>
    <message>
        <source>Repetition %1, a film</source>
        <translation>Wiederholung %1, ein Film</translation>
    </message>
    <message>
        <source>%1, PNG</source>
        <translation>%1, PNG</translation>
    </message>
    <message>
        <source>iCalendar</source>
        <translation>iCalendar</translation>
    </message>
    <message>
        <source>holds faces and names</source>
        <translation>enthält Gesichter und Namen</translation>
    </message>
    <message>
        <source>with all clips</source>
        <translation>mit allen Clips</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>skill</source>
        <translation>Fertigkeit</translation>
    </message>
    <message>
        <source>film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>films</source>
        <translation>Filme</translation>
    </message>
    <message>
        <source>still picture</source>
        <translation>Standbild</translation>
    </message>
    <message>
        <source>still pictures</source>
        <translation>Standbilder</translation>
    </message>
    <message>
        <source>measured values</source>
        <translation>Messwerte</translation>
    </message>
    <message>
        <source>the plan</source>
        <translation>der Plan</translation>
    </message>
    <message>
        <source>Faces of athlete and model covered.</source>
        <translation>Gesichter von Athlet und Vorbild verdeckt.</translation>
    </message>
    <message>
        <source>The athlete&apos;s face covered, the model&apos;s seen.</source>
        <translation>Gesicht des Athleten verdeckt, das des Vorbilds zu sehen.</translation>
    </message>
    <message>
        <source>The model&apos;s face covered, the athlete&apos;s seen.</source>
        <translation>Gesicht des Vorbilds verdeckt, das des Athleten zu sehen.</translation>
    </message>
    <message>
        <source>Faces are seen.</source>
        <translation>Gesichter sind zu sehen.</translation>
    </message>
    <message>
        <source>With the case all clips and the journal leave as well.</source>
        <translation>Mit dem Fall gehen auch alle Clips und das Journal hinaus.</translation>
    </message>
    <message>
        <source>No place, no device, no sound.</source>
        <translation>Kein Ort, kein Gerät, kein Ton.</translation>
    </message>
    <message>
        <source>Others in a picture are not covered: look before it leaves this machine.</source>
        <translation>Andere in einem Bild sind nicht verdeckt: ansehen, bevor es diese Maschine verlässt.</translation>
    </message>
    <message>
        <source>Hand it on only to those whom the athlete, or the parents of a child, agreed to.</source>
        <translation>Nur an die weitergeben, denen der Athlet oder die Eltern eines Kindes zugestimmt haben.</translation>
    </message>
    <message>
        <source>Looking for the faces…</source>
        <translation>Gesichter werden gesucht…</translation>
    </message>
    <message>
        <source>Making the films</source>
        <translation>Filme werden erstellt</translation>
    </message>
    <message>
        <source>Looking for the faces</source>
        <translation>Gesichter werden gesucht</translation>
    </message>
    <message>
        <source>The film is being put together.</source>
        <translation>Der Film wird zusammengestellt.</translation>
    </message>
    <message>
        <source>A film of then and now can be made once there are two sessions with the same key event marked.</source>
        <translation>Ein Film von damals und jetzt ist möglich, sobald zwei Sitzungen mit demselben markierten Schlüsselereignis da sind.</translation>
    </message>
    <message>
        <source>Each key position as a picture of its own, 1280 × 960, athlete and model, with what is measured drawn on it: as on the paper of key positions.</source>
        <translation>Jede Schlüsselposition als eigenes Bild, 1280 × 960, Athlet und Vorbild, mit dem Gemessenen eingezeichnet: wie auf dem Papier der Schlüsselpositionen.</translation>
    </message>
    <message>
        <source>The dates of the plan as one file for any calendar: sessions with their cue, the days without changes, tests, competitions.</source>
        <translation>Die Termine des Plans als eine Datei für jeden Kalender: Einheiten mit ihrem Hinweis, die Tage ohne Änderung, Tests, Wettkämpfe.</translation>
    </message>
    <message>
        <source>Everything of this case in one file, with its clips, for this program on another machine. Faces and names are in it as they are.</source>
        <translation>Alles aus diesem Fall in einer Datei, mit seinen Clips, für dieses Programm auf einer anderen Maschine. Gesichter und Namen sind darin, wie sie sind.</translation>
    </message>
    <message>
        <source>Laying out the paper</source>
        <translation>Papier wird gesetzt</translation>
    </message>
    <message>
        <source>Page of the paper</source>
        <translation>Seite des Papiers</translation>
    </message>
    <message>
        <source>The faces are still being looked for: write the folder when it is known where they are not sure.</source>
        <translation>Die Gesichter werden noch gesucht: den Ordner schreiben, wenn bekannt ist, wo sie nicht sicher sind.</translation>
    </message>
    <message>
        <source>Writing the folder</source>
        <translation>Ordner wird geschrieben</translation>
    </message>
    <message>
        <source>Written to %1: %2, %3 MB. index.html shows it in any browser.</source>
        <translation>Geschrieben nach %1: %2, %3 MB. index.html zeigt ihn in jedem Browser.</translation>
    </message>
    <message>
        <source>file</source>
        <translation>Datei</translation>
    </message>
    <message>
        <source>files</source>
        <translation>Dateien</translation>
    </message>
    <message>
        <source>Printing the paper</source>
        <translation>Papier wird gedruckt</translation>
    </message>
    <message>
        <source>nothing is in it</source>
        <translation>nichts ist darin</translation>
    </message>
    <message>
        <source>A voice: names that are spoken stay in it.</source>
        <translation>Eine Stimme: gesprochene Namen bleiben darin.</translation>
    </message>
    <message>
        <source>No place, no device, no sound of the clips.</source>
        <translation>Kein Ort, kein Gerät, kein Ton der Clips.</translation>
    </message>
    <message>
        <source>The walk-through is removed.</source>
        <translation>Der besprochene Durchgang ist entfernt.</translation>
    </message>
    <message>
        <source>about %1 MB</source>
        <translation>etwa %1 MB</translation>
    </message>
    <message>
        <source>Cover others, where a box is drawn over them</source>
        <translation>Andere verdecken, wo ein Kasten sie umgibt</translation>
    </message>
    <message>
        <source>cut here</source>
        <translation>hier schneiden</translation>
    </message>
    <message>
        <source>cut the walk-through&apos;s part in two at the picture that is seen</source>
        <translation>den Teil des Durchgangs am gezeigten Bild in zwei schneiden</translation>
    </message>
    <message>
        <source>All repetitions, a film</source>
        <translation>Alle Wiederholungen, ein Film</translation>
    </message>
    <message>
        <source>A repetition as pictures</source>
        <translation>Eine Wiederholung als Bilder</translation>
    </message>
    <message>
        <source>no consent to the voice</source>
        <translation>keine Einwilligung für die Stimme</translation>
    </message>
    <message>
        <source>none is marked</source>
        <translation>keine ist markiert</translation>
    </message>
    <message>
        <source>Repetition %1 as pictures</source>
        <translation>Wiederholung %1 als Bilder</translation>
    </message>
    <message>
        <source>Others are covered where boxes were drawn: look before it leaves this machine.</source>
        <translation>Andere sind verdeckt, wo Kästen gezogen wurden: ansehen, bevor es diese Maschine verlässt.</translation>
    </message>
    <message>
        <source>%1: in %2 it is not sure where to cover; they are shown without the clip (%3).</source>
        <translation>%1: in %2 ist nicht sicher, wo zu verdecken ist; sie werden ohne den Clip gezeigt (%3).</translation>
    </message>
    <message>
        <source>Walk-through, %1</source>
        <translation>Durchgang, %1</translation>
    </message>
    <message>
        <source>Show a part of the walk-through</source>
        <translation>Teil des Durchgangs zeigen</translation>
    </message>
    <message>
        <source>Leave out a part of the walk-through</source>
        <translation>Teil des Durchgangs weglassen</translation>
    </message>
    <message>
        <source>Move a part of the walk-through</source>
        <translation>Teil des Durchgangs verschieben</translation>
    </message>
    <message>
        <source>Words below a part of the walk-through</source>
        <translation>Worte unter einem Teil des Durchgangs</translation>
    </message>
    <message>
        <source>Name a part of the walk-through</source>
        <translation>Teil des Durchgangs benennen</translation>
    </message>
    <message>
        <source>Cut the walk-through</source>
        <translation>Durchgang schneiden</translation>
    </message>
    <message>
        <source>A part of the walk-through as first said</source>
        <translation>Teil des Durchgangs wie zuerst gesagt</translation>
    </message>
    <message>
        <source>Say a part of the walk-through again</source>
        <translation>Teil des Durchgangs noch einmal sagen</translation>
    </message>
    <message>
        <source>Nobody else there any more</source>
        <translation>Niemand anderes mehr da</translation>
    </message>
    <message>
        <source>Cover somebody else</source>
        <translation>Jemand anderen verdecken</translation>
    </message>
    <message>
        <source>look there</source>
        <translation>dort ansehen</translation>
    </message>
    <message>
        <source>open the frame that is seen on Mark; the film stays where it is</source>
        <translation>das gezeigte Bild in Markieren öffnen; der Film bleibt, wo er ist</translation>
    </message>
    <message>
        <source>Side by side, a film</source>
        <translation>Nebeneinander, ein Film</translation>
    </message>
    <message>
        <source>needs two repetitions</source>
        <translation>braucht zwei Wiederholungen</translation>
    </message>
    <message>
        <source>This frame is in no repetition that is marked.</source>
        <translation>Dieses Bild liegt in keiner markierten Wiederholung.</translation>
    </message>
</context>
<context>
    <name>riflesso::HomeGrid</name>
    <message>
        <source>THE HOME SHEET, TYPED BACK</source>
        <translation>DAS BLATT VON ZU HAUSE, EINGETIPPT</translation>
    </message>
    <message>
        <source>How many were ticked off, day by day. Tab goes on; an empty cell is nothing known, 0 a day without.</source>
        <translation>Wie viele abgehakt wurden, Tag für Tag. Tab geht weiter; eine leere Zelle heißt nicht bekannt, 0 ein Tag ohne.</translation>
    </message>
    <message>
        <source>Home practice: days down, drills across</source>
        <translation>Üben zu Hause: Tage nach unten, Übungen nach rechts</translation>
    </message>
    <message>
        <source>Back to the block (H)</source>
        <translation>Zurück zum Block (H)</translation>
    </message>
    <message>
        <source>The log as a table…</source>
        <translation>Das Buch als Tabelle…</translation>
    </message>
    <message>
        <source>The practice log as a table</source>
        <translation>Das Übungsbuch als Tabelle</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>A table into the log…</source>
        <translation>Eine Tabelle ins Buch…</translation>
    </message>
    <message>
        <source>A practice log as a table</source>
        <translation>Ein Übungsbuch als Tabelle</translation>
    </message>
    <message>
        <source>Day</source>
        <translation>Tag</translation>
    </message>
    <message>
        <source>Planned on %1 days so far, kept on %2.</source>
        <translation>Bisher an %1 Tagen geplant, an %2 eingehalten.</translation>
    </message>
    <message>
        <source>No home practice is planned yet.</source>
        <translation>Noch ist kein Üben zu Hause geplant.</translation>
    </message>
    <message>
        <source>A number from 0 to 10000 is expected here, not &quot;%1&quot;.</source>
        <translation>Hier gehört eine Zahl von 0 bis 10000 hin, nicht „%1“.</translation>
    </message>
    <message>
        <source>Home practice of %1</source>
        <translation>Üben zu Hause am %1</translation>
    </message>
    <message>
        <source>%1 cannot be written: %2</source>
        <translation>%1 lässt sich nicht schreiben: %2</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>%1 cannot be read, or is larger than 64 MiB.</source>
        <translation>%1 lässt sich nicht lesen oder ist größer als 64 MiB.</translation>
    </message>
    <message>
        <source>A table into the practice log</source>
        <translation>Eine Tabelle ins Übungsbuch</translation>
    </message>
    <message>
        <source>%1 of %2 blocks are new.</source>
        <translation>%1 von %2 Blöcken sind neu.</translation>
    </message>
    <message>
        <source>Photograph of the sheet; a click turns it</source>
        <translation>Foto des Blatts; ein Klick dreht es</translation>
    </message>
    <message>
        <source>A click turns it by a quarter</source>
        <translation>Ein Klick dreht es um ein Viertel</translation>
    </message>
    <message>
        <source>A photograph of the home sheet</source>
        <translation>Ein Foto des Blatts von zu Hause</translation>
    </message>
    <message>
        <source>Pictures (*.jpg *.jpeg *.png *.webp)</source>
        <translation>Bilder (*.jpg *.jpeg *.png *.webp)</translation>
    </message>
    <message>
        <source>%1 is no picture that can be read: %2</source>
        <translation>%1 ist kein lesbares Bild: %2</translation>
    </message>
    <message>
        <source>A photograph…</source>
        <translation>Ein Foto…</translation>
    </message>
</context>
<context>
    <name>riflesso::JournalList</name>
    <message>
        <source>JOURNAL OF DECISIONS</source>
        <translation>JOURNAL DER ENTSCHEIDUNGEN</translation>
    </message>
    <message>
        <source>Nothing decided yet. What is decided in Findings stands here with its reason.</source>
        <translation>Noch nichts entschieden. Was in Befunde entschieden wird, steht hier mit seinem Grund.</translation>
    </message>
</context>
<context>
    <name>riflesso::KeyList</name>
    <message>
        <source>Keys</source>
        <translation>Tasten</translation>
    </message>
    <message>
        <source>Ctrl K</source>
        <translation>Strg K</translation>
    </message>
    <message>
        <source>find an athlete, a measure, a drill, a page</source>
        <translation>einen Athleten, eine Messgröße, eine Übung, eine Seite finden</translation>
    </message>
    <message>
        <source>Ctrl Z</source>
        <translation>Strg Z</translation>
    </message>
    <message>
        <source>undo; Shift: redo</source>
        <translation>rückgängig; Umschalt: wiederholen</translation>
    </message>
    <message>
        <source>Alt 1…9</source>
        <translation>Alt 1…9</translation>
    </message>
    <message>
        <source>the steps of the course</source>
        <translation>die Schritte des Wegs</translation>
    </message>
    <message>
        <source>this list</source>
        <translation>diese Liste</translation>
    </message>
    <message>
        <source>EVERYWHERE</source>
        <translation>ÜBERALL</translation>
    </message>
    <message>
        <source>Ctrl Shift C</source>
        <translation>Strg Umschalt C</translation>
    </message>
    <message>
        <source>the view under the pointer as a picture; a right click: more</source>
        <translation>die Ansicht unter dem Zeiger als Bild; ein Rechtsklick: mehr</translation>
    </message>
    <message>
        <source>Ctrl Shift R</source>
        <translation>Strg Umschalt R</translation>
    </message>
    <message>
        <source>talk it through: record what is shown and said; again: end</source>
        <translation>besprechen: aufnehmen, was gezeigt und gesagt wird; nochmals: Ende</translation>
    </message>
    <message>
        <source>Ctrl Shift P</source>
        <translation>Strg Umschalt P</translation>
    </message>
    <message>
        <source>pause the recording, and go on</source>
        <translation>die Aufnahme anhalten und fortsetzen</translation>
    </message>
    <message>
        <source>Ctrl Shift B</source>
        <translation>Strg Umschalt B</translation>
    </message>
    <message>
        <source>leave the last ten seconds of the recording out, to say them again</source>
        <translation>die letzten zehn Sekunden der Aufnahme weglassen, um sie neu zu sagen</translation>
    </message>
    <message>
        <source>Ctrl and drag</source>
        <translation>Strg und ziehen</translation>
    </message>
    <message>
        <source>draw on a picture; it goes after four seconds</source>
        <translation>in ein Bild zeichnen; nach vier Sekunden ist es fort</translation>
    </message>
    <message>
        <source>?</source>
        <translation>?</translation>
    </message>
    <message>
        <source>F1</source>
        <translation>F1</translation>
    </message>
    <message>
        <source>the guide, at this page</source>
        <translation>die Anleitung, bei dieser Seite</translation>
    </message>
</context>
<context>
    <name>riflesso::LadderBox</name>
    <message>
        <source>LADDER OF</source>
        <translation>LEITER FÜR</translation>
    </message>
    <message>
        <source>Fault</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Rungs, from easy to hard</source>
        <translation>Stufen, von leicht bis schwer</translation>
    </message>
    <message>
        <source>Up</source>
        <translation>Hinauf</translation>
    </message>
    <message>
        <source>Down</source>
        <translation>Hinunter</translation>
    </message>
    <message>
        <source>Take out</source>
        <translation>Herausnehmen</translation>
    </message>
    <message>
        <source>DRILLS OF ALL SKILLS</source>
        <translation>ÜBUNGEN ALLER FERTIGKEITEN</translation>
    </message>
    <message>
        <source>a fault, a stage, a part of the body, equipment</source>
        <translation>ein Fehler, eine Lernphase, ein Körperteil, Ausrüstung</translation>
    </message>
    <message>
        <source>Search drills</source>
        <translation>Übungen suchen</translation>
    </message>
    <message>
        <source>Drills found</source>
        <translation>Gefundene Übungen</translation>
    </message>
    <message>
        <source>a drill of your own: its name, then Enter</source>
        <translation>eine eigene Übung: ihr Name, dann Eingabe</translation>
    </message>
    <message>
        <source>Name of a drill of your own</source>
        <translation>Name einer eigenen Übung</translation>
    </message>
    <message>
        <source>Order of the ladder</source>
        <translation>Reihenfolge der Leiter</translation>
    </message>
    <message>
        <source>A rung taken out</source>
        <translation>Eine Stufe herausgenommen</translation>
    </message>
    <message>
        <source>Drill: %1</source>
        <translation>Übung: %1</translation>
    </message>
    <message>
        <source>Rung: %1</source>
        <translation>Stufe: %1</translation>
    </message>
</context>
<context>
    <name>riflesso::LapPanel</name>
    <message>
        <source>LAPS</source>
        <translation>BAHNEN</translation>
    </message>
    <message>
        <source>What is counted in the laps</source>
        <translation>Was auf den Bahnen gezählt wird</translation>
    </message>
    <message>
        <source>counted: whole cycles</source>
        <translation>gezählt: ganze Zyklen</translation>
    </message>
    <message>
        <source>counted: every side</source>
        <translation>gezählt: jede Seite</translation>
    </message>
    <message>
        <source>Laps: distance, time, count</source>
        <translation>Bahnen: Strecke, Zeit, Anzahl</translation>
    </message>
    <message>
        <source>m</source>
        <translation>m</translation>
    </message>
    <message>
        <source>s</source>
        <translation>s</translation>
    </message>
    <message>
        <source>count</source>
        <translation>Anzahl</translation>
    </message>
    <message>
        <source>%1: %2 a minute · %3 m each · %4 m/s</source>
        <translation>%1: %2 je Minute · je %3 m · %4 m/s</translation>
    </message>
    <message>
        <source>Lap %1</source>
        <translation>Bahn %1</translation>
    </message>
    <message>
        <source>All</source>
        <translation>Alle</translation>
    </message>
    <message>
        <source>up</source>
        <translation>aufwärts</translation>
    </message>
    <message>
        <source>down</source>
        <translation>hinunter</translation>
    </message>
    <message>
        <source>as before</source>
        <translation>wie zuvor</translation>
    </message>
    <message>
        <source>From the first lap to the last: rate %1, length %2, speed %3.</source>
        <translation>Von der ersten zur letzten Bahn: Frequenz %1, Länge %2, Geschwindigkeit %3.</translation>
    </message>
    <message>
        <source>Rate was bought with length.</source>
        <translation>Frequenz wurde mit Länge bezahlt.</translation>
    </message>
    <message>
        <source>Length was bought with rate.</source>
        <translation>Länge wurde mit Frequenz bezahlt.</translation>
    </message>
    <message>
        <source>Type metres, seconds and the count of a lap.</source>
        <translation>Meter, Sekunden und die Anzahl einer Bahn eingeben.</translation>
    </message>
</context>
<context>
    <name>riflesso::LearningView</name>
    <message>
        <source>three of four</source>
        <translation>drei von vier</translation>
    </message>
</context>
<context>
    <name>riflesso::LeftRecordingsBox</name>
    <message>
        <source>&lt;b&gt;Cut off&lt;/b&gt;&lt;br&gt;A recording of %1, %2, is not yet a clip: the program was ended.</source>
        <translation>&lt;b&gt;Abgebrochen&lt;/b&gt;&lt;br&gt;Eine Aufnahme vom %1, %2, ist noch kein Clip: das Programm wurde beendet.</translation>
    </message>
    <message>
        <source>Take it in</source>
        <translation>Übernehmen</translation>
    </message>
    <message>
        <source>Delete…</source>
        <translation>Löschen…</translation>
    </message>
    <message>
        <source>For good?</source>
        <translation>Endgültig?</translation>
    </message>
</context>
<context>
    <name>riflesso::LengthBar</name>
    <message>
        <source>%1 mm/px ± %2 %</source>
        <translation>%1 mm/px ± %2 %</translation>
    </message>
    <message>
        <source>, %1 lengths differ by %2 %</source>
        <translation>, %1 Längen weichen um %2 % ab</translation>
    </message>
    <message>
        <source>, from one length: no check possible</source>
        <translation>, aus einer Länge: keine Prüfung möglich</translation>
    </message>
    <message>
        <source>Length in metres</source>
        <translation>Länge in Metern</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Forget all</source>
        <translation>Alle vergessen</translation>
    </message>
    <message>
        <source>Done (L)</source>
        <translation>Fertig (L)</translation>
    </message>
    <message>
        <source>How long is it? Ends can be dragged.</source>
        <translation>Wie lang ist es? Enden lassen sich ziehen.</translation>
    </message>
    <message>
        <source>Click its other end.</source>
        <translation>Sein anderes Ende anklicken.</translation>
    </message>
    <message>
        <source>Click one end of something whose length you know, as far from the camera as the athlete is.</source>
        <translation>Ein Ende von etwas anklicken, dessen Länge bekannt ist, so weit von der Kamera wie der Athlet.</translation>
    </message>
    <message>
        <source>%1. Click another to check it.</source>
        <translation>%1. Noch eines anklicken, um es zu prüfen.</translation>
    </message>
</context>
<context>
    <name>riflesso::LibraryPanel</name>
    <message>
        <source>LIBRARY</source>
        <translation>BIBLIOTHEK</translation>
    </message>
    <message>
        <source>Another folder…</source>
        <translation>Anderer Ordner…</translation>
    </message>
    <message>
        <source>Check it</source>
        <translation>Prüfen</translation>
    </message>
    <message>
        <source>Reads the database and every clip once: what is damaged, gone or another file now is named.</source>
        <translation>Liest die Datenbank und jeden Clip einmal: genannt wird, was beschädigt, verschwunden oder jetzt eine andere Datei ist.</translation>
    </message>
    <message>
        <source>A SECOND COPY</source>
        <translation>EINE ZWEITE KOPIE</translation>
    </message>
    <message>
        <source>Copy to a folder…</source>
        <translation>In einen Ordner kopieren…</translation>
    </message>
    <message>
        <source>Bring the copy up to date</source>
        <translation>Kopie auf den neuen Stand bringen</translation>
    </message>
    <message>
        <source>DEMO</source>
        <translation>BEISPIEL</translation>
    </message>
    <message>
        <source>Put the demo back to its first state</source>
        <translation>Beispiel in den ersten Zustand zurückversetzen</translation>
    </message>
    <message>
        <source>The demo is back in its first state.</source>
        <translation>Das Beispiel ist wieder in seinem ersten Zustand.</translation>
    </message>
    <message>
        <source>WHAT STAYS HERE</source>
        <translation>WAS HIER BLEIBT</translation>
    </message>
    <message>
        <source>Nothing leaves this machine; the program never uses a network. What is written for others lies where you say, and nowhere else.</source>
        <translation>Nichts verlässt diese Maschine; das Programm benutzt nie ein Netz. Was für andere geschrieben wird, liegt dort, wo Sie es sagen, und nirgends sonst.</translation>
    </message>
    <message>
        <source>%1, %2, %3. %4 are free on this disk.</source>
        <translation>%1, %2, %3. Auf dieser Platte sind %4 frei.</translation>
    </message>
    <message>
        <source>athlete</source>
        <translation>Athlet</translation>
    </message>
    <message>
        <source>athletes</source>
        <translation>Athleten</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>clips</source>
        <translation>Clips</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Only the demo library can be put back.</source>
        <translation>Nur das Beispiel lässt sich zurückversetzen.</translation>
    </message>
    <message>
        <source>There is none yet.</source>
        <translation>Es gibt noch keine.</translation>
    </message>
    <message>
        <source>Made %1 in %2.</source>
        <translation>Zuletzt geschrieben am %1, in %2.</translation>
    </message>
    <message>
        <source>The copy in %1 is not there now: its disk may not be plugged in.</source>
        <translation>Die Kopie in %1 ist gerade nicht da: Vielleicht ist ihre Platte nicht angeschlossen.</translation>
    </message>
    <message>
        <source>Checking…</source>
        <translation>Wird geprüft…</translation>
    </message>
    <message>
        <source>Checking the library</source>
        <translation>Die Bibliothek wird geprüft</translation>
    </message>
    <message>
        <source>The check was stopped.</source>
        <translation>Die Prüfung wurde angehalten.</translation>
    </message>
    <message>
        <source>It is sound: the database is whole, and every clip is the file that was taken in.</source>
        <translation>Alles in Ordnung: Die Datenbank ist ganz, und jeder Clip ist die Datei, die aufgenommen wurde.</translation>
    </message>
    <message>
        <source>The database is damaged: %1. Open a copy, and keep this folder as it is.</source>
        <translation>Die Datenbank ist beschädigt: %1. Öffnen Sie eine Kopie, und lassen Sie diesen Ordner, wie er ist.</translation>
    </message>
    <message>
        <source>%1, clip %2: another file lies at %3.</source>
        <translation>%1, Clip %2: Bei %3 liegt eine andere Datei.</translation>
    </message>
    <message>
        <source>%1, clip %2: nothing at %3.</source>
        <translation>%1, Clip %2: Bei %3 liegt nichts.</translation>
    </message>
    <message>
        <source>On Film, Find it… shows the program where such a clip lies now.</source>
        <translation>Auf der Seite Film sagt „Suchen…“ dem Programm, wo ein solcher Clip jetzt liegt.</translation>
    </message>
    <message>
        <source>Folder of the copy: an empty one, or that of an earlier copy</source>
        <translation>Ordner der Kopie: ein leerer, oder der einer früheren Kopie</translation>
    </message>
    <message>
        <source>Copying…</source>
        <translation>Wird kopiert…</translation>
    </message>
    <message>
        <source>Copying the library</source>
        <translation>Die Bibliothek wird kopiert</translation>
    </message>
    <message>
        <source>Copying was stopped; an earlier copy is as it was, and the next time goes on from here.</source>
        <translation>Das Kopieren wurde angehalten; eine frühere Kopie ist, wie sie war, und das nächste Mal geht es hier weiter.</translation>
    </message>
    <message>
        <source>The copy in %1 is whole: %2, of them %3 new.</source>
        <translation>Die Kopie in %1 ist vollständig: %2, davon %3 neu.</translation>
    </message>
    <message>
        <source>What the library does not have any more is gone from it.</source>
        <translation>Was die Bibliothek nicht mehr hat, ist auch aus ihr verschwunden.</translation>
    </message>
    <message>
        <source>Not in it, since the file is not there: %1.</source>
        <translation>Nicht in ihr, weil die Datei nicht da ist: %1.</translation>
    </message>
    <message>
        <source>Disks fail. A copy on another disk holds everything, the clips too, and is a library like this one: if this one is lost, open the copy with Another folder. The next time only what is new is written, and people you deleted here go from the copy too.</source>
        <translation>Platten gehen kaputt. Eine Kopie auf einer anderen Platte enthält alles, auch die Clips, und ist eine Bibliothek wie diese: Geht diese verloren, öffnen Sie die Kopie mit „Anderer Ordner“. Beim nächsten Mal wird nur geschrieben, was neu ist, und wen Sie hier gelöscht haben, der verschwindet auch aus der Kopie.</translation>
    </message>
</context>
<context>
    <name>riflesso::LimitChoice</name>
    <message>
        <source>Part of the body</source>
        <translation>Körperteil</translation>
    </message>
    <message>
        <source>Side</source>
        <translation>Seite</translation>
    </message>
    <message>
        <source>Kind of limit</source>
        <translation>Art der Einschränkung</translation>
    </message>
    <message>
        <source>no side</source>
        <translation>keine Seite</translation>
    </message>
</context>
<context>
    <name>riflesso::LimitsBox</name>
    <message>
        <source>LIMITS AND INJURIES</source>
        <translation>EINSCHRÄNKUNGEN UND VERLETZUNGEN</translation>
    </message>
    <message>
        <source>Since when</source>
        <translation>Seit wann</translation>
    </message>
    <message>
        <source>The limit in words</source>
        <translation>Die Einschränkung in Worten</translation>
    </message>
    <message>
        <source>Add</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>Add the limit</source>
        <translation>Einschränkung hinzufügen</translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation>%1 bis %2</translation>
    </message>
    <message>
        <source>None known. A limit changes the target, not the athlete.</source>
        <translation>Keine bekannt. Eine Einschränkung ändert den Zielwert, nicht den Athleten.</translation>
    </message>
    <message>
        <source>Earlier: %1.</source>
        <translation>Früher: %1.</translation>
    </message>
    <message>
        <source>since %1</source>
        <translation>seit %1</translation>
    </message>
    <message>
        <source>advised on %1: %2</source>
        <translation>geraten am %1: %2</translation>
    </message>
    <message>
        <source>Over</source>
        <translation>Vorbei</translation>
    </message>
    <message>
        <source>It does not hold from today on; it stays in the history.</source>
        <translation>Ab heute gilt sie nicht mehr; im Verlauf bleibt sie.</translation>
    </message>
    <message>
        <source>%1 is over</source>
        <translation>%1 ist vorbei</translation>
    </message>
    <message>
        <source>A limit is over</source>
        <translation>Eine Einschränkung ist vorbei</translation>
    </message>
    <message>
        <source>Not so</source>
        <translation>Doch nicht</translation>
    </message>
    <message>
        <source>It was written down by mistake.</source>
        <translation>Sie wurde irrtümlich aufgeschrieben.</translation>
    </message>
    <message>
        <source>Take away: %1</source>
        <translation>Wegnehmen: %1</translation>
    </message>
    <message>
        <source>%1 is read as: %2. Is that what is meant?</source>
        <translation>%1 wird gelesen als: %2. Ist das gemeint?</translation>
    </message>
    <message>
        <source>%1 is read as: no limit. Is that so?</source>
        <translation>%1 wird gelesen als: keine Einschränkung. Ist das so?</translation>
    </message>
    <message>
        <source>%1: which part is meant? Until somebody says so, every drill that is not for all is held back.</source>
        <translation>%1: welcher Körperteil ist gemeint? Bis jemand es sagt, wird jede Übung zurückgehalten, die nicht für alle ist.</translation>
    </message>
    <message>
        <source>That is meant</source>
        <translation>Das ist gemeint</translation>
    </message>
    <message>
        <source>What a limit means</source>
        <translation>Was eine Einschränkung bedeutet</translation>
    </message>
    <message>
        <source>No limit</source>
        <translation>Keine Einschränkung</translation>
    </message>
    <message>
        <source>Stopped in practice%1: %2. The plan waits until it is written down who advised what.</source>
        <translation>Beim Üben angehalten%1: %2. Der Plan wartet, bis aufgeschrieben ist, wer was geraten hat.</translation>
    </message>
    <message>
        <source> on %1</source>
        <translation> am %1</translation>
    </message>
    <message>
        <source>Who advised what</source>
        <translation>Wer was geraten hat</translation>
    </message>
    <message>
        <source>Day of the advice</source>
        <translation>Tag des Rats</translation>
    </message>
    <message>
        <source>Write down</source>
        <translation>Aufschreiben</translation>
    </message>
    <message>
        <source>Write down who advised what; a licensed professional decides.</source>
        <translation>Aufschreiben, wer was geraten hat; medizinisches Fachpersonal entscheidet.</translation>
    </message>
    <message>
        <source>What was advised</source>
        <translation>Was geraten wurde</translation>
    </message>
    <message>
        <source>Choose a part of the body, or write the limit in words.</source>
        <translation>Einen Körperteil wählen oder die Einschränkung in Worten schreiben.</translation>
    </message>
    <message>
        <source>Add a limit</source>
        <translation>Einschränkung hinzufügen</translation>
    </message>
    <message>
        <source>Take a limit away</source>
        <translation>Einschränkung wegnehmen</translation>
    </message>
    <message>
        <source>by the words</source>
        <translation>nach den Worten</translation>
    </message>
    <message>
        <source>Such as: sore left knee</source>
        <translation>Etwa: linkes Knie gereizt</translation>
    </message>
    <message>
        <source>which part?</source>
        <translation>welcher Teil?</translation>
    </message>
</context>
<context>
    <name>riflesso::LivePanel</name>
    <message>
        <source>Camera</source>
        <translation>Kamera</translation>
    </message>
    <message>
        <source>now</source>
        <translation>jetzt</translation>
    </message>
    <message>
        <source> s ago</source>
        <translation> s zuvor</translation>
    </message>
    <message>
        <source>How long ago</source>
        <translation>Wie lange her</translation>
    </message>
    <message>
        <source>The athlete sees the last repetition on walking back. Recording goes on meanwhile.</source>
        <translation>Der Athlet sieht beim Zurückgehen die letzte Wiederholung. Die Aufnahme läuft weiter.</translation>
    </message>
    <message>
        <source>Record (Space)</source>
        <translation>Aufnehmen (Leertaste)</translation>
    </message>
    <message>
        <source>Done (Esc)</source>
        <translation>Fertig (Esc)</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>No camera is connected to this computer.</source>
        <translation>An diesem Rechner ist keine Kamera angeschlossen.</translation>
    </message>
    <message>
        <source>no picture</source>
        <translation>kein Bild</translation>
    </message>
    <message>
        <source>Stop (Space)</source>
        <translation>Stopp (Leertaste)</translation>
    </message>
    <message>
        <source>Recorded %1.</source>
        <translation>Aufgenommen: %1.</translation>
    </message>
    <message>
        <source>picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>pictures</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>%1 s ago</source>
        <translation>vor %1 s</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Jetzt</translation>
    </message>
    <message>
        <source>not recording</source>
        <translation>nimmt nicht auf</translation>
    </message>
    <message>
        <source>&lt;b&gt;recording&lt;/b&gt;, %1 s, %2</source>
        <translation>&lt;b&gt;nimmt auf&lt;/b&gt;, %1 s, %2</translation>
    </message>
</context>
<context>
    <name>riflesso::MainWindow</name>
    <message>
        <source>Find athlete, measure, drill, command   Ctrl K</source>
        <translation>Athlet, Messgröße, Übung, Befehl finden   Strg K</translation>
    </message>
    <message>
        <source>Find</source>
        <translation>Suchen</translation>
    </message>
    <message>
        <source>Athlete</source>
        <translation>Athlet</translation>
    </message>
    <message>
        <source>Film</source>
        <translation>Film</translation>
    </message>
    <message>
        <source>Mark</source>
        <translation>Markieren</translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation>Spiegel</translation>
    </message>
    <message>
        <source>Findings</source>
        <translation>Befunde</translation>
    </message>
    <message>
        <source>Plan</source>
        <translation>Plan</translation>
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
        <source>Hand-over</source>
        <translation>Übergabe</translation>
    </message>
    <message>
        <source>Bench</source>
        <translation>Werkbank</translation>
    </message>
    <message>
        <source>Cases</source>
        <translation>Fälle</translation>
    </message>
    <message>
        <source>Skill packs</source>
        <translation>Fertigkeiten</translation>
    </message>
    <message>
        <source>Settings</source>
        <translation>Einstellungen</translation>
    </message>
    <message>
        <source>&lt;b&gt;No case yet&lt;/b&gt;</source>
        <translation>&lt;b&gt;Noch kein Fall&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Go to Athlete</source>
        <translation>Zur Seite Athlet</translation>
    </message>
    <message>
        <source>Go to Film</source>
        <translation>Zur Seite Film</translation>
    </message>
    <message>
        <source>Go to Mark</source>
        <translation>Zur Seite Markieren</translation>
    </message>
    <message>
        <source>Go to Mirror</source>
        <translation>Zur Seite Spiegel</translation>
    </message>
    <message>
        <source>Go to Findings</source>
        <translation>Zur Seite Befunde</translation>
    </message>
    <message>
        <source>Go to Plan</source>
        <translation>Zur Seite Plan</translation>
    </message>
    <message>
        <source>Go to Practice</source>
        <translation>Zur Seite Üben</translation>
    </message>
    <message>
        <source>Go to Progress</source>
        <translation>Zur Seite Fortschritt</translation>
    </message>
    <message>
        <source>Go to Hand-over</source>
        <translation>Zur Seite Übergabe</translation>
    </message>
    <message>
        <source>Go to the Bench</source>
        <translation>Zur Werkbank</translation>
    </message>
    <message>
        <source>Go to Cases</source>
        <translation>Zur Seite Fälle</translation>
    </message>
    <message>
        <source>Go to Skill packs</source>
        <translation>Zur Seite Fertigkeiten</translation>
    </message>
    <message>
        <source>Go to Settings</source>
        <translation>Zu den Einstellungen</translation>
    </message>
    <message>
        <source>Take the ten-minute tour</source>
        <translation>Rundgang in zehn Minuten</translation>
    </message>
    <message>
        <source>Undo</source>
        <translation>Rückgängig</translation>
    </message>
    <message>
        <source>Redo</source>
        <translation>Wiederholen</translation>
    </message>
    <message>
        <source>Athlete: %1, %2</source>
        <translation>Athlet: %1, %2</translation>
    </message>
    <message>
        <source>Measure: %1</source>
        <translation>Messgröße: %1</translation>
    </message>
    <message>
        <source>Drill: %1</source>
        <translation>Übung: %1</translation>
    </message>
    <message>
        <source>Session: %1, %2</source>
        <translation>Sitzung: %1, %2</translation>
    </message>
    <message>
        <source>Nothing is called &quot;%1&quot; here.</source>
        <translation>Nichts heißt hier „%1“.</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Paused at %1</source>
        <translation>Angehalten bei %1</translation>
    </message>
    <message>
        <source>Recording %1</source>
        <translation>Nimmt auf: %1</translation>
    </message>
</context>
<context>
    <name>riflesso::MarkPage</name>
    <message>
        <source>Cut a repetition on the Film page first</source>
        <translation>Zuerst auf der Seite Film eine Wiederholung schneiden</translation>
    </message>
    <message>
        <source>%1, repetition %2</source>
        <translation>%1, Wiederholung %2</translation>
    </message>
    <message>
        <source>Repetition %1</source>
        <translation>Wiederholung %1</translation>
    </message>
    <message>
        <source>Proposed here: %1 of %2. In the repetition: %3 and %4 to confirm, %5 doubtful.</source>
        <translation>Hier vorgeschlagen: %1 von %2. In der Wiederholung: %3 und %4 zu bestätigen, %5 zweifelhaft.</translation>
    </message>
    <message>
        <source>mark</source>
        <translation>Marke</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>key event</source>
        <translation>Schlüsselereignis</translation>
    </message>
    <message>
        <source>key events</source>
        <translation>Schlüsselereignisse</translation>
    </message>
    <message>
        <source>Set &quot;%1&quot;</source>
        <translation>„%1“ setzen</translation>
    </message>
    <message>
        <source>All landmarks of this frame are set. Drag one to move it, or go to another frame.</source>
        <translation>Alle Messpunkte dieses Bildes sind gesetzt. Einen ziehen, um ihn zu verschieben, oder zu einem anderen Bild gehen.</translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation>%1 markieren</translation>
    </message>
    <message>
        <source>%1 is hidden</source>
        <translation>%1 ist verdeckt</translation>
    </message>
    <message>
        <source>Remove the mark of %1</source>
        <translation>Marke entfernen: %1</translation>
    </message>
    <message>
        <source>Every key event of this set is set and marked.</source>
        <translation>Jedes Schlüsselereignis dieses Satzes ist gesetzt und markiert.</translation>
    </message>
    <message>
        <source>Nothing doubtful is left in this set.</source>
        <translation>In diesem Satz ist nichts Zweifelhaftes mehr.</translation>
    </message>
    <message>
        <source>KEY EVENTS</source>
        <translation>SCHLÜSSELEREIGNISSE</translation>
    </message>
    <message>
        <source>Key events of the repetition</source>
        <translation>Schlüsselereignisse der Wiederholung</translation>
    </message>
    <message>
        <source>Set here (E)</source>
        <translation>Setzen (E)</translation>
    </message>
    <message>
        <source>Next open (N)</source>
        <translation>Nächstes (N)</translation>
    </message>
    <message>
        <source>Hidden (H)</source>
        <translation>Verdeckt (H)</translation>
    </message>
    <message>
        <source>The next landmark cannot be seen in this frame.</source>
        <translation>Der nächste Messpunkt ist in diesem Bild nicht zu sehen.</translation>
    </message>
    <message>
        <source>LET THE PROGRAM MARK</source>
        <translation>DAS PROGRAMM MARKIEREN LASSEN</translation>
    </message>
    <message>
        <source>Propose (P)</source>
        <translation>Vorschlag (P)</translation>
    </message>
    <message>
        <source>Finds the athlete&apos;s landmarks and key events in this repetition. Shift P: in all repetitions of the set.</source>
        <translation>Findet Messpunkte und Schlüsselereignisse des Athleten in dieser Wiederholung. Umschalt P: in allen Wiederholungen des Satzes.</translation>
    </message>
    <message>
        <source>Track (T)</source>
        <translation>Folgen (T)</translation>
    </message>
    <message>
        <source>Carries the marks you set or confirmed to the other frames of the repetition.</source>
        <translation>Trägt die gesetzten oder bestätigten Marken in die anderen Bilder der Wiederholung.</translation>
    </message>
    <message>
        <source>Confirm (C)</source>
        <translation>Stimmt (C)</translation>
    </message>
    <message>
        <source>Confirms what is proposed in this frame. Shift C: all of the repetition that is not doubtful.</source>
        <translation>Bestätigt, was in diesem Bild vorgeschlagen ist. Umschalt C: alles in der Wiederholung, was nicht zweifelhaft ist.</translation>
    </message>
    <message>
        <source>MEASURED HERE</source>
        <translation>HIER GEMESSEN</translation>
    </message>
    <message>
        <source>SEEN, NOT MEASURED</source>
        <translation>GESEHEN, NICHT GEMESSEN</translation>
    </message>
    <message>
        <source>No repetition is chosen. &lt;b&gt;Next: cut one on the Film page.&lt;/b&gt;</source>
        <translation>Keine Wiederholung ist gewählt. &lt;b&gt;Weiter: auf der Seite Film eine schneiden.&lt;/b&gt;</translation>
    </message>
    <message>
        <source> at &lt;b&gt;%1&lt;/b&gt;</source>
        <translation> bei &lt;b&gt;%1&lt;/b&gt;</translation>
    </message>
    <message>
        <source> in frame %1</source>
        <translation> in Bild %1</translation>
    </message>
    <message>
        <source>nudge %1 with the arrows, Esc to go on</source>
        <translation>%1 mit den Pfeiltasten rücken, Esc zum Weitergehen</translation>
    </message>
    <message>
        <source>go to &quot;%1&quot; and press E</source>
        <translation>zu „%1“ gehen und E drücken</translation>
    </message>
    <message>
        <source>look at what is doubtful with D, drag what is off, confirm with C</source>
        <translation>mit D ansehen, was zweifelhaft ist, ziehen, was daneben liegt, mit C bestätigen</translation>
    </message>
    <message>
        <source>confirm with Shift C</source>
        <translation>mit Umschalt C bestätigen</translation>
    </message>
    <message>
        <source>click the %1</source>
        <translation>anklicken: %1</translation>
    </message>
    <message>
        <source>set the other key events</source>
        <translation>die anderen Schlüsselereignisse setzen</translation>
    </message>
    <message>
        <source>see the next repetition, or Mirror</source>
        <translation>die nächste Wiederholung ansehen, oder den Spiegel</translation>
    </message>
    <message>
        <source>Repetition %1: %2 of %3 marks set%4. %5&lt;b&gt;Next: %6.&lt;/b&gt;</source>
        <translation>Wiederholung %1: %2 von %3 Marken gesetzt%4. %5&lt;b&gt;Weiter: %6.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Missing: %1. </source>
        <translation>Es fehlt: %1. </translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>click</source>
        <translation>Klick</translation>
    </message>
    <message>
        <source>set</source>
        <translation>gesetzt</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>event</source>
        <translation>Ereignis</translation>
    </message>
    <message>
        <source>set event</source>
        <translation>Ereignis setzen</translation>
    </message>
    <message>
        <source>hidden</source>
        <translation>verdeckt</translation>
    </message>
    <message>
        <source>next open</source>
        <translation>nächstes offene</translation>
    </message>
    <message>
        <source>doubtful</source>
        <translation>zweifelhaft</translation>
    </message>
    <message>
        <source>Del</source>
        <translation>Entf</translation>
    </message>
    <message>
        <source>remove</source>
        <translation>entfernen</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>go on</source>
        <translation>weiter</translation>
    </message>
    <message>
        <source>to set</source>
        <translation>zu setzen</translation>
    </message>
    <message>
        <source>, doubtful</source>
        <translation>, zweifelhaft</translation>
    </message>
    <message>
        <source>, proposed</source>
        <translation>, vorgeschlagen</translation>
    </message>
    <message>
        <source>, %1 open</source>
        <translation>, %1 offen</translation>
    </message>
    <message>
        <source>KEY POSITION · %1 MARKS, %2 OPEN</source>
        <translation>SCHLÜSSELPOSITION · %1 MARKEN, %2 OFFEN</translation>
    </message>
    <message>
        <source>All landmarks of this frame are set.</source>
        <translation>Alle Messpunkte dieses Bildes sind gesetzt.</translation>
    </message>
    <message>
        <source>Next: &lt;b&gt;%1&lt;/b&gt;</source>
        <translation>Weiter: &lt;b&gt;%1&lt;/b&gt;</translation>
    </message>
    <message>
        <source>No measure is taken at this event.</source>
        <translation>Bei diesem Ereignis wird nichts gemessen.</translation>
    </message>
    <message>
        <source>Click a measure to see why it has this value.</source>
        <translation>Eine Messgröße anklicken, um zu sehen, warum sie diesen Wert hat.</translation>
    </message>
    <message>
        <source>Not set by sound. %1</source>
        <translation>Nicht nach Ton gesetzt. %1</translation>
    </message>
    <message>
        <source>Set &quot;%1&quot; at the sound</source>
        <translation>„%1“ beim Ton setzen</translation>
    </message>
    <message>
        <source>Set at the sound, ± %1 s.</source>
        <translation>Beim Ton gesetzt, ± %1 s.</translation>
    </message>
    <message>
        <source>Set at the sound, ± %1 s: how far away the microphone was is not known (Film).</source>
        <translation>Beim Ton gesetzt, ± %1 s: wie weit das Mikrofon entfernt war, ist nicht bekannt (Film).</translation>
    </message>
    <message>
        <source>The picture as filmed.</source>
        <translation>Das Bild, wie gefilmt.</translation>
    </message>
    <message>
        <source>Shown brighter. Nothing that is measured changes.</source>
        <translation>Heller gezeigt. Am Gemessenen ändert sich nichts.</translation>
    </message>
    <message>
        <source>Shown sharper. Nothing that is measured changes.</source>
        <translation>Schärfer gezeigt. Am Gemessenen ändert sich nichts.</translation>
    </message>
    <message>
        <source>Shown brighter and sharper. Nothing that is measured changes.</source>
        <translation>Heller und schärfer gezeigt. Am Gemessenen ändert sich nichts.</translation>
    </message>
    <message>
        <source>Zoom follows the marks, and there are none yet. The wheel zooms where the cursor is.</source>
        <translation>Der Zoom folgt den Marken, und noch sind keine da. Das Rad zoomt, wo der Zeiger ist.</translation>
    </message>
    <message>
        <source>Draw a box round the athlete: marks are proposed from there.</source>
        <translation>Einen Kasten um den Athleten ziehen: von dort aus werden Marken vorgeschlagen.</translation>
    </message>
    <message>
        <source>The next landmark is not a hand that holds something.</source>
        <translation>Der nächste Messpunkt ist keine Hand, die etwas hält.</translation>
    </message>
    <message>
        <source>Click the tip of the implement, then any point further down.</source>
        <translation>Die Spitze des Geräts anklicken, dann irgendeinen Punkt weiter unten.</translation>
    </message>
    <message>
        <source>Click any point of the implement, away from its tip.</source>
        <translation>Irgendeinen Punkt des Geräts anklicken, von der Spitze entfernt.</translation>
    </message>
    <message>
        <source>Tip and hand have to be marked in three other frames first, so that it is known how far apart they are; and the two points have to lie apart.</source>
        <translation>Spitze und Hand müssen zuerst in drei anderen Bildern markiert sein, damit bekannt ist, wie weit sie auseinander liegen; und die beiden Punkte müssen auseinander liegen.</translation>
    </message>
    <message>
        <source>Mark %1 by the implement</source>
        <translation>Nach dem Gerät markieren: %1</translation>
    </message>
    <message>
        <source>Set along the implement, ± %1 px.</source>
        <translation>Entlang des Geräts gesetzt, ± %1 px.</translation>
    </message>
    <message>
        <source>Why a landmark is hidden</source>
        <translation>Warum ein Messpunkt verdeckt ist</translation>
    </message>
    <message>
        <source>The reason kept with a landmark that is hidden (H).</source>
        <translation>Der Grund, der mit einem verdeckten Messpunkt behalten wird (H).</translation>
    </message>
    <message>
        <source>hidden: cannot be seen</source>
        <translation>verdeckt: nicht zu sehen</translation>
    </message>
    <message>
        <source>hidden: behind the body</source>
        <translation>verdeckt: hinter dem Körper</translation>
    </message>
    <message>
        <source>hidden: behind something</source>
        <translation>verdeckt: hinter etwas</translation>
    </message>
    <message>
        <source>hidden: out of the picture</source>
        <translation>verdeckt: außerhalb des Bildes</translation>
    </message>
    <message>
        <source>hidden: too blurred</source>
        <translation>verdeckt: zu verwischt</translation>
    </message>
    <message>
        <source>YOUR OWN HAND</source>
        <translation>IHRE EIGENE HAND</translation>
    </message>
    <message>
        <source>Mark again, blind (R)</source>
        <translation>Noch einmal markieren, blind (R)</translation>
    </message>
    <message>
        <source>A few frames and key events once more, without seeing the first marks. From ten pairs on, what lies between them is the uncertainty of your marks.</source>
        <translation>Einige Bilder und Schlüsselereignisse noch einmal, ohne die ersten Marken zu sehen. Ab zehn Paaren ist das, was zwischen ihnen liegt, die Unsicherheit Ihrer Marken.</translation>
    </message>
    <message>
        <source>AS TABLES</source>
        <translation>ALS TABELLEN</translation>
    </message>
    <message>
        <source>The first marks are hidden. &lt;b&gt;Next: mark what is asked for below as carefully as ever.&lt;/b&gt;</source>
        <translation>Die ersten Marken sind verborgen. &lt;b&gt;Weiter: das unten Verlangte so sorgfältig wie immer markieren.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Nothing was marked twice yet: marks count as ±&#xa0;%1&#xa0;px.</source>
        <translation>Noch wurde nichts zweimal markiert: Marken gelten als ± %1 px.</translation>
    </message>
    <message>
        <source>Go to &quot;%1&quot; and press E.</source>
        <translation>Zu „%1“ gehen und E drücken.</translation>
    </message>
    <message>
        <source>Go back to frame %1.</source>
        <translation>Zurück zu Bild %1.</translation>
    </message>
    <message>
        <source>Click the %1.</source>
        <translation>Anklicken: %1.</translation>
    </message>
    <message>
        <source>observe</source>
        <translation>beobachten</translation>
    </message>
    <message>
        <source>set the next landmark</source>
        <translation>den nächsten Messpunkt setzen</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>set it by keyboard, then nudge</source>
        <translation>mit der Tastatur setzen, dann rücken</translation>
    </message>
    <message>
        <source>Page ↑ ↓</source>
        <translation>Bild ↑ ↓</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>play the repetition, round and round</source>
        <translation>die Wiederholung abspielen, immer wieder</translation>
    </message>
    <message>
        <source>set the key event here</source>
        <translation>das Schlüsselereignis hier setzen</translation>
    </message>
    <message>
        <source>set it at the nearest sound</source>
        <translation>es beim nächstgelegenen Ton setzen</translation>
    </message>
    <message>
        <source>the next landmark is hidden</source>
        <translation>der nächste Messpunkt ist verdeckt</translation>
    </message>
    <message>
        <source>a hidden hand by its implement</source>
        <translation>eine verdeckte Hand nach ihrem Gerät</translation>
    </message>
    <message>
        <source>remove the chosen mark</source>
        <translation>die gewählte Marke entfernen</translation>
    </message>
    <message>
        <source>next open landmark</source>
        <translation>nächster offene Messpunkt</translation>
    </message>
    <message>
        <source>propose; Shift: the whole set</source>
        <translation>vorschlagen; Umschalt: der ganze Satz</translation>
    </message>
    <message>
        <source>propose in a box drawn by hand</source>
        <translation>in einem von Hand gezogenen Kasten vorschlagen</translation>
    </message>
    <message>
        <source>track</source>
        <translation>verfolgen</translation>
    </message>
    <message>
        <source>observe: asked one after the other</source>
        <translation>beobachten: eins nach dem anderen gefragt</translation>
    </message>
    <message>
        <source>mark again, blind</source>
        <translation>noch einmal markieren, blind</translation>
    </message>
    <message>
        <source>draw the chosen measure</source>
        <translation>die gewählte Messgröße zeichnen</translation>
    </message>
    <message>
        <source>zoom to the athlete, or all</source>
        <translation>auf den Athleten zoomen, oder alles</translation>
    </message>
    <message>
        <source>view: brighter, sharper</source>
        <translation>Ansicht: heller, schärfer</translation>
    </message>
    <message>
        <source>leave what was begun</source>
        <translation>Begonnenes lassen</translation>
    </message>
    <message>
        <source>frame %1 of %2 · %3 s from its start</source>
        <translation>Bild %1 von %2 · %3 s von ihrem Anfang</translation>
    </message>
    <message>
        <source>Listening for &quot;%1&quot;</source>
        <translation>Horcht nach „%1“</translation>
    </message>
    <message>
        <source>nudge 0.1 px, Shift: 1 px</source>
        <translation>um 0,1 px rücken, Umschalt: 1 px</translation>
    </message>
    <message>
        <source>a chosen mark: 0.1 px; Shift: 1 px</source>
        <translation>eine gewählte Marke: 0,1 px; Umschalt: 1 px</translation>
    </message>
    <message>
        <source>frame; Shift: ten</source>
        <translation>Bild; Umschalt: zehn</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>propose</source>
        <translation>vorschlagen</translation>
    </message>
    <message>
        <source>confirm</source>
        <translation>bestätigen</translation>
    </message>
    <message>
        <source>Values are shown once what is believed is locked, or it is said that nobody was asked (Athlete).</source>
        <translation>Werte werden gezeigt, sobald das Angenommene festgeschrieben oder gesagt ist, dass niemand gefragt wurde (Athlet).</translation>
    </message>
    <message>
        <source>Watch again, blind</source>
        <translation>Noch einmal ansehen, blind</translation>
    </message>
    <message>
        <source>What was answered is asked once more, repetition after repetition in another order, the first answers unseen. From four on there is an agreement (kappa); below 0.4 an observation counts for half and never makes a finding clear.</source>
        <translation>Was beantwortet wurde, wird noch einmal gefragt, Wiederholung für Wiederholung in anderer Reihenfolge, die ersten Antworten verborgen. Ab vier gibt es eine Übereinstimmung (Kappa); unter 0,4 zählt eine Beobachtung halb und macht nie einen Befund klar.</translation>
    </message>
    <message>
        <source>not of this form</source>
        <translation>nicht von dieser Form</translation>
    </message>
    <message>
        <source>Watched twice: %1.</source>
        <translation>Zweimal angesehen: %1.</translation>
    </message>
    <message>
        <source>to set, if it happens</source>
        <translation>zu setzen, falls es vorkommt</translation>
    </message>
    <message>
        <source>Repetition %1 is watched, not marked. %2&lt;b&gt;Next: %3.&lt;/b&gt;</source>
        <translation>Wiederholung %1 wird angesehen, nicht markiert. %2&lt;b&gt;Weiter: %3.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>WATCHED, NOT MARKED</source>
        <translation>ANGESEHEN, NICHT MARKIERT</translation>
    </message>
    <message>
        <source>Of this skill nothing is marked: set the key events, and answer what is asked.</source>
        <translation>Bei dieser Fertigkeit wird nichts markiert: die Schlüsselereignisse setzen und beantworten, was gefragt wird.</translation>
    </message>
    <message>
        <source>confirm this frame; Shift: all that is sure, again: of the set</source>
        <translation>dieses Bild bestätigen; Umschalt: alles Sichere, nochmals: im ganzen Satz</translation>
    </message>
    <message>
        <source>the worst that is doubtful; Shift: all of it is right, and the next</source>
        <translation>das Zweifelhafteste; Umschalt: alles davon stimmt, und weiter</translation>
    </message>
    <message>
        <source>track; Shift: in every repetition of the set</source>
        <translation>verfolgen; Umschalt: in jeder Wiederholung des Satzes</translation>
    </message>
</context>
<context>
    <name>riflesso::MarkProposals</name>
    <message>
        <source>Proposed and not confirmed: %1, %2. </source>
        <translation>Vorgeschlagen und nicht bestätigt: %1, %2. </translation>
    </message>
    <message>
        <source>mark</source>
        <translation>Marke</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>key event</source>
        <translation>Schlüsselereignis</translation>
    </message>
    <message>
        <source>key events</source>
        <translation>Schlüsselereignisse</translation>
    </message>
    <message>
        <source>Proposing marks of repetition %1</source>
        <translation>Marken von Wiederholung %1 werden vorgeschlagen</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation>Angehalten. Nichts wurde geändert.</translation>
    </message>
    <message>
        <source>No marks proposed. %1</source>
        <translation>Keine Marken vorgeschlagen. %1</translation>
    </message>
    <message>
        <source>Propose marks</source>
        <translation>Marken vorschlagen</translation>
    </message>
    <message>
        <source>No person was found in these frames. Mark three landmarks of one frame, so that it is known where to look.</source>
        <translation>In diesen Bildern wurde niemand gefunden. Drei Messpunkte eines Bildes markieren, damit bekannt ist, wo zu suchen ist.</translation>
    </message>
    <message>
        <source>Set or confirm marks in one or more frames first: tracking carries them to the others.</source>
        <translation>Zuerst Marken in einem oder mehreren Bildern setzen oder bestätigen: Verfolgen trägt sie in die anderen.</translation>
    </message>
    <message>
        <source>Tracking repetition %1</source>
        <translation>Wiederholung %1 wird verfolgt</translation>
    </message>
    <message>
        <source>Not tracked. %1</source>
        <translation>Nicht verfolgt. %1</translation>
    </message>
    <message>
        <source>Track marks</source>
        <translation>Marken verfolgen</translation>
    </message>
    <message>
        <source>Tracked: %1%2.</source>
        <translation>Verfolgt: %1%2.</translation>
    </message>
    <message>
        <source>; lost in %1</source>
        <translation>; verloren an %1</translation>
    </message>
    <message>
        <source>place</source>
        <translation>Stelle</translation>
    </message>
    <message>
        <source>places</source>
        <translation>Stellen</translation>
    </message>
    <message>
        <source>Confirm frame %1</source>
        <translation>Bild %1 bestätigen</translation>
    </message>
    <message>
        <source>Confirm what is sure</source>
        <translation>Sicheres bestätigen</translation>
    </message>
    <message>
        <source>Proposed: %1 and %2%3. Look at the doubtful ones first (D).</source>
        <translation>Vorgeschlagen: %1 und %2%3. Zuerst die zweifelhaften ansehen (D).</translation>
    </message>
    <message>
        <source>, placed as you place yours</source>
        <translation>, gesetzt, wie Sie Ihre setzen</translation>
    </message>
    <message>
        <source>The repetitions were changed meanwhile: nothing was proposed.</source>
        <translation>Die Wiederholungen wurden inzwischen geändert: nichts wurde vorgeschlagen.</translation>
    </message>
    <message>
        <source>The repetition was changed meanwhile: nothing was tracked.</source>
        <translation>Die Wiederholung wurde inzwischen geändert: nichts wurde verfolgt.</translation>
    </message>
    <message>
        <source>Proposing marks of repetition %1 (%2 of %3)</source>
        <translation>Marken von Wiederholung %1 werden vorgeschlagen (%2 von %3)</translation>
    </message>
    <message>
        <source>%1 of %2 repetitions have proposed marks.</source>
        <translation>%1 von %2 Wiederholungen haben vorgeschlagene Marken.</translation>
    </message>
    <message>
        <source>Stopped. %1</source>
        <translation>Angehalten. %1</translation>
    </message>
    <message>
        <source>%1 Then: %2</source>
        <translation>%1 Dann: %2</translation>
    </message>
    <message>
        <source>What is sure here is confirmed. Shift C again: in the other %1 of the set.</source>
        <translation>Was hier sicher ist, ist bestätigt. Nochmals Umschalt C: in den anderen %1 des Satzes.</translation>
    </message>
    <message>
        <source>What is sure in the other %1 of the set is confirmed. D goes to what is doubtful.</source>
        <translation>Was in den anderen %1 des Satzes sicher ist, ist bestätigt. D geht zum Zweifelhaften.</translation>
    </message>
    <message>
        <source>Confirm frames %1 to %2</source>
        <translation>Bilder %1 bis %2 bestätigen</translation>
    </message>
    <message>
        <source>Repetition %1: what is held was not found as it is held in the others. Mark its tip in one frame, then T.</source>
        <translation>Wiederholung %1: Das Gerät wurde nicht so gefunden, wie es in den anderen gehalten wird. Seine Spitze in einem Bild markieren, dann T.</translation>
    </message>
</context>
<context>
    <name>riflesso::MarkStrip</name>
    <message>
        <source>Repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Traces</source>
        <translation>Verläufe</translation>
    </message>
    <message>
        <source>Measure of trace %1</source>
        <translation>Messgröße von Verlauf %1</translation>
    </message>
    <message>
        <source>Draw (M)</source>
        <translation>Zeichnen (M)</translation>
    </message>
    <message>
        <source>Draws the measure of the first trace on the picture, with its value in this frame.</source>
        <translation>Zeichnet die Messgröße des ersten Verlaufs ins Bild, mit ihrem Wert in diesem Bild.</translation>
    </message>
    <message>
        <source>Repetition %1</source>
        <translation>Wiederholung %1</translation>
    </message>
    <message>
        <source>Repetition %1, %2 view</source>
        <translation>Wiederholung %1, %2</translation>
    </message>
    <message>
        <source>Measuring</source>
        <translation>Wird gemessen</translation>
    </message>
</context>
<context>
    <name>riflesso::MarksTable</name>
    <message>
        <source>Export…</source>
        <translation>Ausgeben…</translation>
    </message>
    <message>
        <source>Marks and key events of the set shown, as two CSV files.</source>
        <translation>Marken und Schlüsselereignisse des gezeigten Satzes, als zwei CSV-Dateien.</translation>
    </message>
    <message>
        <source>Import…</source>
        <translation>Hereinholen…</translation>
    </message>
    <message>
        <source>Marks or key events from a CSV file, whatever its columns are called.</source>
        <translation>Marken oder Schlüsselereignisse aus einer CSV-Datei, wie auch immer ihre Spalten heißen.</translation>
    </message>
    <message>
        <source>Marks as a table</source>
        <translation>Marken als Tabelle</translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation>Tabellen (*.csv)</translation>
    </message>
    <message>
        <source>A table of marks or key events</source>
        <translation>Eine Tabelle mit Marken oder Schlüsselereignissen</translation>
    </message>
    <message>
        <source>Tables (*.csv *.tsv *.txt)</source>
        <translation>Tabellen (*.csv *.tsv *.txt)</translation>
    </message>
    <message>
        <source>Written: %1 and %2.</source>
        <translation>Geschrieben: %1 und %2.</translation>
    </message>
    <message>
        <source>Import %1</source>
        <translation>%1 hereinholen</translation>
    </message>
    <message>
        <source>%1 brought in.</source>
        <translation>%1 hereingeholt.</translation>
    </message>
    <message>
        <source>key event</source>
        <translation>Schlüsselereignis</translation>
    </message>
    <message>
        <source>key events</source>
        <translation>Schlüsselereignisse</translation>
    </message>
    <message>
        <source>mark</source>
        <translation>Marke</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source> %1 lie in no repetition of this set.</source>
        <translation> %1 liegen in keiner Wiederholung dieses Satzes.</translation>
    </message>
    <message>
        <source> Not known in this skill: %1.</source>
        <translation> In dieser Fertigkeit nicht bekannt: %1.</translation>
    </message>
</context>
<context>
    <name>riflesso::MergeWords</name>
    <message>
        <source>entry about the athlete</source>
        <translation>Eintrag über den Athleten</translation>
    </message>
    <message>
        <source>entries about the athlete</source>
        <translation>Einträge über den Athleten</translation>
    </message>
    <message>
        <source>setting of the case</source>
        <translation>Einstellung des Falls</translation>
    </message>
    <message>
        <source>settings of the case</source>
        <translation>Einstellungen des Falls</translation>
    </message>
    <message>
        <source>belief</source>
        <translation>Annahme</translation>
    </message>
    <message>
        <source>beliefs</source>
        <translation>Annahmen</translation>
    </message>
    <message>
        <source>decision</source>
        <translation>Entscheidung</translation>
    </message>
    <message>
        <source>decisions</source>
        <translation>Entscheidungen</translation>
    </message>
    <message>
        <source>entry of the plan</source>
        <translation>Eintrag im Plan</translation>
    </message>
    <message>
        <source>entries of the plan</source>
        <translation>Einträge im Plan</translation>
    </message>
    <message>
        <source>block of practice</source>
        <translation>Übungsblock</translation>
    </message>
    <message>
        <source>blocks of practice</source>
        <translation>Übungsblöcke</translation>
    </message>
    <message>
        <source>frozen assessment</source>
        <translation>eingefrorene Auswertung</translation>
    </message>
    <message>
        <source>frozen assessments</source>
        <translation>eingefrorene Auswertungen</translation>
    </message>
    <message>
        <source>entry about sessions and clips</source>
        <translation>Eintrag über Sitzungen und Clips</translation>
    </message>
    <message>
        <source>entries about sessions and clips</source>
        <translation>Einträge über Sitzungen und Clips</translation>
    </message>
    <message>
        <source>entry about sections</source>
        <translation>Eintrag über Abschnitte</translation>
    </message>
    <message>
        <source>entries about sections</source>
        <translation>Einträge über Abschnitte</translation>
    </message>
    <message>
        <source>entry about repetitions</source>
        <translation>Eintrag über Wiederholungen</translation>
    </message>
    <message>
        <source>entries about repetitions</source>
        <translation>Einträge über Wiederholungen</translation>
    </message>
    <message>
        <source>key event</source>
        <translation>Schlüsselereignis</translation>
    </message>
    <message>
        <source>key events</source>
        <translation>Schlüsselereignisse</translation>
    </message>
    <message>
        <source>mark</source>
        <translation>Marke</translation>
    </message>
    <message>
        <source>marks</source>
        <translation>Marken</translation>
    </message>
    <message>
        <source>mark of a second sitting</source>
        <translation>Marke einer zweiten Sichtung</translation>
    </message>
    <message>
        <source>marks of a second sitting</source>
        <translation>Marken einer zweiten Sichtung</translation>
    </message>
    <message>
        <source>name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>year of birth</source>
        <translation>Geburtsjahr</translation>
    </message>
    <message>
        <source>hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>level</source>
        <translation>Niveau</translation>
    </message>
    <message>
        <source>goal</source>
        <translation>Ziel</translation>
    </message>
    <message>
        <source>notes</source>
        <translation>Notizen</translation>
    </message>
    <message>
        <source>willingness to change</source>
        <translation>Bereitschaft zu ändern</translation>
    </message>
    <message>
        <source>equipment</source>
        <translation>Ausrüstung</translation>
    </message>
    <message>
        <source>consent given on</source>
        <translation>Einwilligung gegeben am</translation>
    </message>
    <message>
        <source>consent holds until</source>
        <translation>Einwilligung gilt bis</translation>
    </message>
    <message>
        <source>what the consent covers</source>
        <translation>was die Einwilligung umfasst</translation>
    </message>
    <message>
        <source>who gave the consent</source>
        <translation>wer die Einwilligung gab</translation>
    </message>
    <message>
        <source>what may be handed on</source>
        <translation>was weitergegeben werden darf</translation>
    </message>
    <message>
        <source>school</source>
        <translation>Schule</translation>
    </message>
    <message>
        <source>the skill</source>
        <translation>die Fertigkeit</translation>
    </message>
    <message>
        <source>age</source>
        <translation>Alter</translation>
    </message>
    <message>
        <source>format</source>
        <translation>Format</translation>
    </message>
    <message>
        <source>measured effects</source>
        <translation>gemessene Wirkungen</translation>
    </message>
    <message>
        <source>model of a file</source>
        <translation>Vorbild aus einer Datei</translation>
    </message>
    <message>
        <source>other observers</source>
        <translation>andere Beobachter</translation>
    </message>
    <message>
        <source>sessions a week</source>
        <translation>Einheiten je Woche</translation>
    </message>
    <message>
        <source>minutes of homework a day</source>
        <translation>Minuten Üben zu Hause am Tag</translation>
    </message>
    <message>
        <source>days without a change before a competition</source>
        <translation>Tage ohne Änderung vor einem Wettkampf</translation>
    </message>
    <message>
        <source>start</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>retest</source>
        <translation>Nachtest</translation>
    </message>
    <message>
        <source>retention test</source>
        <translation>Behaltenstest</translation>
    </message>
    <message>
        <source>one change at a time</source>
        <translation>eine Änderung nach der anderen</translation>
    </message>
    <message>
        <source>tempo first</source>
        <translation>Tempo zuerst</translation>
    </message>
    <message>
        <source>reason of the approach</source>
        <translation>Grund für den Weg</translation>
    </message>
    <message>
        <source>how feedback is spread</source>
        <translation>wie Rückmeldung verteilt wird</translation>
    </message>
    <message>
        <source>reason for it</source>
        <translation>Grund dafür</translation>
    </message>
    <message>
        <source>view</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>facing</source>
        <translation>Blickrichtung</translation>
    </message>
    <message>
        <source>performer</source>
        <translation>Vorführender</translation>
    </message>
    <message>
        <source>slow motion</source>
        <translation>Zeitlupe</translation>
    </message>
    <message>
        <source>stress</source>
        <translation>Belastung</translation>
    </message>
    <message>
        <source>conditions</source>
        <translation>Bedingungen</translation>
    </message>
    <message>
        <source>scale, m per pixel</source>
        <translation>Maßstab, m je Pixel</translation>
    </message>
    <message>
        <source>uncertainty of the scale</source>
        <translation>Unsicherheit des Maßstabs</translation>
    </message>
    <message>
        <source>bearing of the camera, degrees</source>
        <translation>Verdrehung der Kamera, Grad</translation>
    </message>
    <message>
        <source>height of the camera, m</source>
        <translation>Höhe der Kamera, m</translation>
    </message>
    <message>
        <source>distance of the camera, m</source>
        <translation>Entfernung der Kamera, m</translation>
    </message>
    <message>
        <source>known lengths</source>
        <translation>bekannte Längen</translation>
    </message>
    <message>
        <source>the picture: lens, plane, area</source>
        <translation>das Bild: Objektiv, Ebene, Ausschnitt</translation>
    </message>
    <message>
        <source>result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>variant</source>
        <translation>Form</translation>
    </message>
    <message>
        <source>whether the variant was right</source>
        <translation>ob die Form die richtige war</translation>
    </message>
    <message>
        <source>how it felt</source>
        <translation>wie es sich anfühlte</translation>
    </message>
    <message>
        <source>other results</source>
        <translation>andere Ergebnisse</translation>
    </message>
    <message>
        <source>one of the best</source>
        <translation>eine der besten</translation>
    </message>
    <message>
        <source>Clip &quot;%1&quot;</source>
        <translation>Clip „%1“</translation>
    </message>
    <message>
        <source>A session</source>
        <translation>Eine Sitzung</translation>
    </message>
    <message>
        <source>Section of &quot;%1&quot;: %2</source>
        <translation>Abschnitt von „%1“: %2</translation>
    </message>
    <message>
        <source>How &quot;%1&quot; is divided into sections</source>
        <translation>Wie „%1“ in Abschnitte geteilt ist</translation>
    </message>
    <message>
        <source>Notes on &quot;%1&quot;</source>
        <translation>Notizen zu „%1“</translation>
    </message>
    <message>
        <source>Repetition %1 of &quot;%2&quot;</source>
        <translation>Wiederholung %1 von „%2“</translation>
    </message>
    <message>
        <source>%1: the same frames marked on both sides</source>
        <translation>%1: dieselben Bilder auf beiden Seiten markiert</translation>
    </message>
    <message>
        <source>%1: first and last frame</source>
        <translation>%1: erstes und letztes Bild</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: second sitting</source>
        <translation>%1: zweite Sichtung</translation>
    </message>
    <message>
        <source>%1: the same movement in another clip</source>
        <translation>%1: dieselbe Bewegung in einem anderen Clip</translation>
    </message>
    <message>
        <source>nothing</source>
        <translation>nichts</translation>
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
        <source>frame %1</source>
        <translation>Bild %1</translation>
    </message>
    <message>
        <source>Athlete: %1</source>
        <translation>Athlet: %1</translation>
    </message>
    <message>
        <source>Plan: %1</source>
        <translation>Plan: %1</translation>
    </message>
    <message>
        <source>Case: %1</source>
        <translation>Fall: %1</translation>
    </message>
    <message>
        <source>Decision: %1</source>
        <translation>Entscheidung: %1</translation>
    </message>
    <message>
        <source>Value set by hand: %1</source>
        <translation>Von Hand gesetzter Wert: %1</translation>
    </message>
    <message>
        <source>Own target: %1</source>
        <translation>Eigener Zielwert: %1</translation>
    </message>
    <message>
        <source>Position: %1</source>
        <translation>Haltung: %1</translation>
    </message>
    <message>
        <source>Cue: %1</source>
        <translation>Hinweis: %1</translation>
    </message>
    <message>
        <source>Practice: %1</source>
        <translation>Üben: %1</translation>
    </message>
    <message>
        <source>A limit or an injury</source>
        <translation>Eine Einschränkung oder Verletzung</translation>
    </message>
    <message>
        <source>A belief</source>
        <translation>Eine Annahme</translation>
    </message>
    <message>
        <source>A frozen assessment</source>
        <translation>Eine eingefrorene Auswertung</translation>
    </message>
    <message>
        <source>The cut of a walk-through</source>
        <translation>Der Schnitt eines Durchgangs</translation>
    </message>
    <message>
        <source>removed</source>
        <translation>entfernt</translation>
    </message>
    <message>
        <source>kept and worked on</source>
        <translation>behalten und bearbeitet</translation>
    </message>
    <message>
        <source>not there</source>
        <translation>nicht da</translation>
    </message>
    <message>
        <source>frames %1 to %2</source>
        <translation>Bilder %1 bis %2</translation>
    </message>
    <message>
        <source>as marked there</source>
        <translation>wie dort markiert</translation>
    </message>
    <message>
        <source>as marked here</source>
        <translation>wie hier markiert</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>the edition there</source>
        <translation>die Ausgabe dort</translation>
    </message>
    <message>
        <source>the edition here</source>
        <translation>die Ausgabe hier</translation>
    </message>
</context>
<context>
    <name>riflesso::MirrorPage</name>
    <message>
        <source>The athlete at this phase</source>
        <translation>Der Athlet in dieser Phase</translation>
    </message>
    <message>
        <source>The model at this phase</source>
        <translation>Das Vorbild in dieser Phase</translation>
    </message>
    <message>
        <source>Play</source>
        <translation>Start</translation>
    </message>
    <message>
        <source>What both sides share while moving</source>
        <translation>Was beide Seiten in der Bewegung gemeinsam haben</translation>
    </message>
    <message>
        <source>equal phase</source>
        <translation>gleiche Phase</translation>
    </message>
    <message>
        <source>equal time</source>
        <translation>gleiche Zeit</translation>
    </message>
    <message>
        <source>Equal phase: both at the same share of the movement, key events laid on each other. Equal time: both started together, each at its own pace.</source>
        <translation>Gleiche Phase: beide beim selben Anteil der Bewegung, Schlüsselereignisse aufeinandergelegt. Gleiche Zeit: beide gemeinsam begonnen, jede in ihrem Tempo.</translation>
    </message>
    <message>
        <source>Ghost (G)</source>
        <translation>Geisterbild (G)</translation>
    </message>
    <message>
        <source>Order of the wall</source>
        <translation>Reihenfolge der Wand</translation>
    </message>
    <message>
        <source>as filmed</source>
        <translation>wie gefilmt</translation>
    </message>
    <message>
        <source>by the chosen measure</source>
        <translation>nach der gewählten Messgröße</translation>
    </message>
    <message>
        <source>by result</source>
        <translation>nach Ergebnis</translation>
    </message>
    <message>
        <source>all conditions</source>
        <translation>alle Bedingungen</translation>
    </message>
    <message>
        <source>Blind (B)</source>
        <translation>Blind (B)</translation>
    </message>
    <message>
        <source>Hides results and values and asks of each repetition how it felt. Then: in how many that agrees with the film on the first finding.</source>
        <translation>Verbirgt Ergebnisse und Werte und fragt bei jeder Wiederholung, wie sie sich anfühlte. Dann: in wie vielen das mit dem Film beim ersten Befund übereinstimmt.</translation>
    </message>
    <message>
        <source>Waterline</source>
        <translation>Wasserlinie</translation>
    </message>
    <message>
        <source>Wall (W)</source>
        <translation>Wand (W)</translation>
    </message>
    <message>
        <source>Repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>Below</source>
        <translation>Unten</translation>
    </message>
    <message>
        <source>Who stands below the waterline: model, own best or another session</source>
        <translation>Wer unter der Wasserlinie steht: Vorbild, eigenes Bestes oder eine andere Sitzung</translation>
    </message>
    <message>
        <source>Results and values are hidden. &lt;b&gt;Next: click each repetition: felt right, felt off; then leave blind (B).&lt;/b&gt;</source>
        <translation>Ergebnisse und Werte sind verborgen. &lt;b&gt;Weiter: jede Wiederholung anklicken: fühlte sich richtig an, falsch; dann blind verlassen (B).&lt;/b&gt;</translation>
    </message>
    <message>
        <source>the pack&apos;s ranges</source>
        <translation>die Bereiche des Pakets</translation>
    </message>
    <message>
        <source>%1 of the model</source>
        <translation>%1 des Vorbilds</translation>
    </message>
    <message>
        <source>Missing: %1 without a value. </source>
        <translation>Es fehlt: %1 ohne Wert. </translation>
    </message>
    <message>
        <source>measure</source>
        <translation>Messgröße</translation>
    </message>
    <message>
        <source>measures</source>
        <translation>Messgrößen</translation>
    </message>
    <message>
        <source>%1 clear</source>
        <translation>%1 klar</translation>
    </message>
    <message>
        <source>play</source>
        <translation>abspielen</translation>
    </message>
    <message>
        <source>frame</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>next key event</source>
        <translation>nächstes Schlüsselereignis</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>waterline</source>
        <translation>Wasserlinie</translation>
    </message>
    <message>
        <source>blind</source>
        <translation>blind</translation>
    </message>
    <message>
        <source>wall</source>
        <translation>Wand</translation>
    </message>
    <message>
        <source>ghost</source>
        <translation>Geisterbild</translation>
    </message>
    <message>
        <source>No model is filmed: the pack&apos;s ranges are the reference</source>
        <translation>Kein Vorbild ist gefilmt: die Bereiche des Pakets sind die Referenz</translation>
    </message>
    <message>
        <source>Set the first and the last key event of this repetition</source>
        <translation>Erstes und letztes Schlüsselereignis dieser Wiederholung setzen</translation>
    </message>
    <message>
        <source>at &quot;%1&quot;</source>
        <translation>bei „%1“</translation>
    </message>
    <message>
        <source>shown mirrored</source>
        <translation>gespiegelt gezeigt</translation>
    </message>
    <message>
        <source>%1 · repetition %2 · %3 s</source>
        <translation>%1 · Wiederholung %2 · %3 s</translation>
    </message>
    <message>
        <source>How repetition %1 felt</source>
        <translation>Wie sich Wiederholung %1 anfühlte</translation>
    </message>
    <message>
        <source> · out of order here: %1</source>
        <translation> · hier nicht in der Reihenfolge: %1</translation>
    </message>
    <message>
        <source>phase %1 %</source>
        <translation>Phase %1 %</translation>
    </message>
    <message>
        <source>fetching pictures, %1 %</source>
        <translation>Bilder werden geholt, %1 %</translation>
    </message>
    <message>
        <source>asked: %1</source>
        <translation>gefragt: %1</translation>
    </message>
    <message>
        <source>felt agrees with film in %1</source>
        <translation>Gefühl und Film stimmen überein in %1</translation>
    </message>
    <message>
        <source>Pause</source>
        <translation>Pause</translation>
    </message>
    <message>
        <source>Repetition %1, %2 view</source>
        <translation>Wiederholung %1, %2</translation>
    </message>
    <message>
        <source>What the ghost is scaled on and placed at</source>
        <translation>Woran das Geisterbild bemessen und angelegt wird</translation>
    </message>
    <message>
        <source>by what suits</source>
        <translation>was passt</translation>
    </message>
    <message>
        <source>The segment that both are scaled to, and the point at which they are laid on each other.</source>
        <translation>Das Segment, auf das beide bemessen werden, und der Punkt, an dem sie aufeinandergelegt werden.</translation>
    </message>
    <message>
        <source>The ghost is drawn at %1 %.</source>
        <translation>Das Geisterbild wird mit %1 % gezeichnet.</translation>
    </message>
    <message>
        <source>Band: model mean ± tolerance. Thin: every repetition. Bold: the chosen one. L: the first against the last repetitions.</source>
        <translation>Band: Mittel des Vorbilds ± Toleranz. Dünn: jede Wiederholung. Dick: die gewählte. L: die ersten gegen die letzten Wiederholungen.</translation>
    </message>
    <message>
        <source>Over the curve: the mean of the first third of the repetitions, dashed, and of the last, dotted.</source>
        <translation>Über der Kurve: das Mittel des ersten Drittels der Wiederholungen, gestrichelt, und des letzten, gepunktet.</translation>
    </message>
    <message>
        <source>Without the first and the last repetitions.</source>
        <translation>Ohne die ersten und letzten Wiederholungen.</translation>
    </message>
    <message>
        <source>The one below drawn on the athlete, then the athlete on the one below, then none. Shift G: fainter.</source>
        <translation>Die untere über den Athleten gezeichnet, dann der Athlet über die untere, dann keine. Umschalt G: schwächer.</translation>
    </message>
    <message>
        <source>COMPARED</source>
        <translation>VERGLICHEN</translation>
    </message>
    <message>
        <source>What tells the compared repetitions apart</source>
        <translation>Was die verglichenen Wiederholungen unterscheidet</translation>
    </message>
    <message>
        <source>Ghost below (G)</source>
        <translation>Geisterbild unten (G)</translation>
    </message>
    <message>
        <source>%1 · %2 s</source>
        <translation>%1 · %2 s</translation>
    </message>
    <message>
        <source>a figure, not a film: lengths in trunks</source>
        <translation>eine Figur, kein Film: Längen in Rumpflängen</translation>
    </message>
    <message>
        <source>choose a measure above</source>
        <translation>oben eine Messgröße wählen</translation>
    </message>
    <message>
        <source>%1: only one group here</source>
        <translation>%1: hier nur eine Gruppe</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>the wall of all repetitions, and back</source>
        <translation>die Wand aller Wiederholungen, und zurück</translation>
    </message>
    <message>
        <source>on the wall: without names</source>
        <translation>auf der Wand: ohne Namen</translation>
    </message>
    <message>
        <source>ghost of the model; Shift: fainter</source>
        <translation>Geisterbild des Vorbilds; Umschalt: schwächer</translation>
    </message>
    <message>
        <source>over the curve: first and last third of the repetitions</source>
        <translation>über der Kurve: erstes und letztes Drittel der Wiederholungen</translation>
    </message>
    <message>
        <source>by %1</source>
        <translation>von %1</translation>
    </message>
    <message>
        <source>%1 against %2, at %3: %4 clear deviations, %5 possible, %6 strengths. %7&lt;b&gt;Next: decide in Findings.&lt;/b&gt;</source>
        <translation>%1 gegen %2 (%3): %4 klare Abweichungen, %5 mögliche, %6 Stärken. %7&lt;b&gt;Weiter: in Befunde entscheiden.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>drawn from the skill&apos;s ranges, not filmed</source>
        <translation>aus den Bereichen der Fertigkeit gezeichnet, nicht gefilmt</translation>
    </message>
    <message>
        <source>Drawn from the skill</source>
        <translation>Aus der Fertigkeit gezeichnet</translation>
    </message>
    <message>
        <source>The skill&apos;s figure</source>
        <translation>Die Figur der Fertigkeit</translation>
    </message>
</context>
<context>
    <name>riflesso::ModelStage</name>
    <message>
        <source>Repetition shown</source>
        <translation>Gezeigte Wiederholung</translation>
    </message>
    <message>
        <source>This case has no repetition that shows how it should be: add a model&apos;s session on the Film page, or mark the athlete&apos;s best repetitions as best. Words can be written without one.</source>
        <translation>Dieser Fall hat keine Wiederholung, die zeigt, wie es sein soll: auf der Seite Film eine Sitzung eines Vorbilds hinzufügen, oder die besten Wiederholungen des Athleten als beste kennzeichnen. Worte lassen sich ohne eine schreiben.</translation>
    </message>
    <message>
        <source>Open a case with a model to point at. Words can be written without one.</source>
        <translation>Einen Fall mit einem Vorbild öffnen, um darauf zu zeigen. Worte lassen sich ohne einen schreiben.</translation>
    </message>
    <message>
        <source>Model, repetition %1</source>
        <translation>Vorbild, Wiederholung %1</translation>
    </message>
    <message>
        <source>Own best, repetition %1</source>
        <translation>Eigenes Bestes, Wiederholung %1</translation>
    </message>
    <message>
        <source>frame %1%2</source>
        <translation>Bild %1%2</translation>
    </message>
    <message>
        <source>click points: to measure between them, or whose moment a new position is</source>
        <translation>Punkte anklicken: um zwischen ihnen zu messen, oder deren Augenblick eine neue Position ist</translation>
    </message>
</context>
<context>
    <name>riflesso::MovingFigure</name>
    <message>
        <source>The skill&apos;s figure in motion</source>
        <translation>Die Figur der Fertigkeit in Bewegung</translation>
    </message>
</context>
<context>
    <name>riflesso::NotedBox</name>
    <message>
        <source>One of the athlete&apos;s best</source>
        <translation>Eine der besten des Athleten</translation>
    </message>
    <message>
        <source>The yardstick of the others in this session, and left out of the set.</source>
        <translation>Der Maßstab der anderen in dieser Sitzung, und aus dem Satz genommen.</translation>
    </message>
    <message>
        <source>No longer one of the best</source>
        <translation>Nicht mehr eine der besten</translation>
    </message>
    <message>
        <source>not noted</source>
        <translation>nicht vermerkt</translation>
    </message>
    <message>
        <source>Condition of the section</source>
        <translation>Bedingung des Abschnitts</translation>
    </message>
    <message>
        <source>Result of repetition %1: %2</source>
        <translation>Ergebnis von Wiederholung %1: %2</translation>
    </message>
</context>
<context>
    <name>riflesso::ObservationForm</name>
    <message>
        <source>not judged</source>
        <translation>nicht beurteilt</translation>
    </message>
    <message>
        <source>Observe: %1</source>
        <translation>Beobachten: %1</translation>
    </message>
    <message>
        <source>yes</source>
        <translation>ja</translation>
    </message>
    <message>
        <source>partly</source>
        <translation>teilweise</translation>
    </message>
    <message>
        <source>no</source>
        <translation>nein</translation>
    </message>
    <message>
        <source>Right variant: %1</source>
        <translation>Richtige Form: %1</translation>
    </message>
    <message>
        <source>Was it the right one here? %1</source>
        <translation>War es hier die richtige? %1</translation>
    </message>
    <message>
        <source>how many</source>
        <translation>wie viele</translation>
    </message>
    <message>
        <source>A number is expected here, not &quot;%1&quot;.</source>
        <translation>Hier gehört eine Zahl hin, nicht „%1“.</translation>
    </message>
    <message>
        <source>0 to 9, or in the field on the right</source>
        <translation>0 bis 9, oder im Feld rechts</translation>
    </message>
    <message>
        <source>Enter passes over</source>
        <translation>Eingabe übergeht es</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>%1 κ %2, too weak: it counts for half and is never clear</source>
        <translation>%1 κ %2, zu schwach: sie zählt halb und ist nie klar</translation>
    </message>
    <message>
        <source>%1 κ %2</source>
        <translation>%1 κ %2</translation>
    </message>
    <message>
        <source>Observe again: %1</source>
        <translation>Noch einmal beobachten: %1</translation>
    </message>
    <message>
        <source>Nothing in this set was watched that is not watched again already.</source>
        <translation>In diesem Satz wurde nichts angesehen, das nicht schon ein zweites Mal angesehen ist.</translation>
    </message>
    <message>
        <source>Kept. Four repetitions watched twice give an agreement.</source>
        <translation>Behalten. Vier zweimal angesehene Wiederholungen ergeben eine Übereinstimmung.</translation>
    </message>
    <message>
        <source>Your own eye: %1.</source>
        <translation>Ihr eigenes Auge: %1.</translation>
    </message>
</context>
<context>
    <name>riflesso::OtherObserver</name>
    <message>
        <source>ANOTHER OBSERVER</source>
        <translation>ANDERE BEOBACHTER</translation>
    </message>
    <message>
        <source>Their case file…</source>
        <translation>Ihre Falldatei…</translation>
    </message>
    <message>
        <source>A case archive in which somebody else marked and watched the same clips. Nothing of it is brought in but how well the two of you agree.</source>
        <translation>Ein Fallarchiv, in dem jemand anderes dieselben Clips markiert und angesehen hat. Daraus wird nichts hereingeholt als die Übereinstimmung zwischen Ihnen beiden.</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Another observer&apos;s case</source>
        <translation>Der Fall eines anderen Beobachters</translation>
    </message>
    <message>
        <source>Forget other observers</source>
        <translation>Andere Beobachter vergessen</translation>
    </message>
    <message>
        <source>Reading the archive</source>
        <translation>Archiv wird gelesen</translation>
    </message>
    <message>
        <source>%1 has no repetition in a clip of this case: clips are known by their content.</source>
        <translation>%1 hat keine Wiederholung in einem Clip dieses Falls: Clips werden an ihrem Inhalt erkannt.</translation>
    </message>
    <message>
        <source>%1: theirs less yours %2, one repetition ± %3 (%4)</source>
        <translation>%1: ihre weniger Ihre %2, eine Wiederholung ± %3 (%4)</translation>
    </message>
    <message>
        <source>%1, %2 that both have. Furthest apart:</source>
        <translation>%1, %2, die beide haben. Am weitesten auseinander:</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>Agreement with %1</source>
        <translation>Übereinstimmung mit %1</translation>
    </message>
    <message>
        <source>%1 κ %2, too weak: it counts for half and is never clear</source>
        <translation>%1 κ %2, zu schwach: sie zählt halb und ist nie klar</translation>
    </message>
    <message>
        <source>%1 κ %2</source>
        <translation>%1 κ %2</translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation>%1: %2.</translation>
    </message>
    <message>
        <source>fewer than four answers in common, no kappa</source>
        <translation>weniger als vier gemeinsame Antworten, kein Kappa</translation>
    </message>
    <message>
        <source>Case archives (*.riflesso *.zip)</source>
        <translation>Fallarchive (*.riflesso *.zip)</translation>
    </message>
</context>
<context>
    <name>riflesso::PacksPage</name>
    <message>
        <source>The pack: events, measures, faults, drills</source>
        <translation>Das Paket: Ereignisse, Messgrößen, Fehler, Übungen</translation>
    </message>
    <message>
        <source>What</source>
        <translation>Was</translation>
    </message>
    <message>
        <source>How</source>
        <translation>Wie</translation>
    </message>
    <message>
        <source>Reference and source</source>
        <translation>Referenz und Quelle</translation>
    </message>
    <message>
        <source>A case brings its skill pack. &lt;b&gt;Next: start a case.&lt;/b&gt;</source>
        <translation>Ein Fall bringt sein Fertigkeitspaket mit. &lt;b&gt;Weiter: einen Fall beginnen.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>%1: %2 measures, %3 faults, %4 drills. The pack is kept with the case, so that its numbers stay the same.</source>
        <translation>%1: %2 Messgrößen, %3 Fehler, %4 Übungen. Das Paket wird mit dem Fall behalten, damit seine Zahlen dieselben bleiben.</translation>
    </message>
    <message>
        <source>%1 entries</source>
        <translation>%1 Einträge</translation>
    </message>
    <message>
        <source>Key events</source>
        <translation>Schlüsselereignisse</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Messgrößen</translation>
    </message>
    <message>
        <source>Observations</source>
        <translation>Beobachtungen</translation>
    </message>
    <message>
        <source>Faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>follows from: %1</source>
        <translation>folgt aus: %1</translation>
    </message>
    <message>
        <source>weight %1</source>
        <translation>Gewicht %1</translation>
    </message>
    <message>
        <source>Drills</source>
        <translation>Übungen</translation>
    </message>
    <message>
        <source>Good: %1</source>
        <translation>Gut: %1</translation>
    </message>
    <message>
        <source>What is in it</source>
        <translation>Was darin ist</translation>
    </message>
    <message>
        <source>Sheet, one page</source>
        <translation>Blatt, eine Seite</translation>
    </message>
    <message>
        <source>Sheet, all of it</source>
        <translation>Blatt, alles</translation>
    </message>
    <message>
        <source>Print the sheet</source>
        <translation>Blatt drucken</translation>
    </message>
    <message>
        <source>Laying out the sheet</source>
        <translation>Blatt wird gesetzt</translation>
    </message>
    <message>
        <source>Page of the skill sheet</source>
        <translation>Seite des Fertigkeitsblatts</translation>
    </message>
    <message>
        <source>%1, whole skill sheet</source>
        <translation>%1, ganzes Fertigkeitsblatt</translation>
    </message>
    <message>
        <source>%1, skill sheet</source>
        <translation>%1, Fertigkeitsblatt</translation>
    </message>
    <message>
        <source>Printing the sheet</source>
        <translation>Blatt wird gedruckt</translation>
    </message>
    <message>
        <source>Printed to %1</source>
        <translation>Gedruckt nach %1</translation>
    </message>
    <message>
        <source>Otherwise in the skill that ships now</source>
        <translation>Anders in der Fertigkeit, die jetzt mitkommt</translation>
    </message>
    <message>
        <source>%1; this case keeps its own</source>
        <translation>%1; dieser Fall behält seine eigene</translation>
    </message>
    <message>
        <source>difference</source>
        <translation>Unterschied</translation>
    </message>
    <message>
        <source>differences</source>
        <translation>Unterschiede</translation>
    </message>
    <message>
        <source>edition %1</source>
        <translation>Ausgabe %1</translation>
    </message>
    <message>
        <source>words</source>
        <translation>Worte</translation>
    </message>
    <message>
        <source>ranges</source>
        <translation>Bereiche</translation>
    </message>
    <message>
        <source>structure</source>
        <translation>Aufbau</translation>
    </message>
    <message>
        <source>added: %1</source>
        <translation>hinzugefügt: %1</translation>
    </message>
    <message>
        <source>removed: %1</source>
        <translation>entfernt: %1</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>Workshop: a skill of one&apos;s own</source>
        <translation>Werkstatt: eine eigene Fertigkeit</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1 is no skill: %2: expected %3, got %4</source>
        <translation>%1 ist keine Fertigkeit: %2: erwartet %3, gefunden %4</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, edition %2: %3, %4, %5, %6.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;, Ausgabe %2: %3, %4, %5, %6.</translation>
    </message>
    <message>
        <source>position</source>
        <translation>Position</translation>
    </message>
    <message>
        <source>positions</source>
        <translation>Positionen</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>Messgröße</translation>
    </message>
    <message>
        <source>measures</source>
        <translation>Messgrößen</translation>
    </message>
    <message>
        <source>fault</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>drills</source>
        <translation>Übungen</translation>
    </message>
    <message>
        <source>It has %1; the first: %2: expected %3, got %4. It can be mended here.</source>
        <translation>Sie hat %1; der erste: %2: erwartet %3, gefunden %4. Hier lässt es sich beheben.</translation>
    </message>
    <message>
        <source>Take it into this library</source>
        <translation>In diese Bibliothek nehmen</translation>
    </message>
    <message>
        <source>a tenth of the speed</source>
        <translation>ein Zehntel der Geschwindigkeit</translation>
    </message>
    <message>
        <source>with pictures of the model, head covered</source>
        <translation>mit Bildern des Vorbilds, Kopf verdeckt</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, edition %2. %3</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;, Ausgabe %2. %3</translation>
    </message>
    <message>
        <source>%1, tolerance %2 (%3)</source>
        <translation>%1, Toleranz %2 (%3)</translation>
    </message>
</context>
<context>
    <name>riflesso::Page</name>
    <message>
        <source>undo &quot;%1&quot;</source>
        <translation>„%1“ rückgängig</translation>
    </message>
    <message>
        <source>Nothing of this set is marked yet, so there are no results. &lt;b&gt;Next: mark key positions.&lt;/b&gt;</source>
        <translation>Aus diesem Satz ist noch nichts markiert, also gibt es keine Ergebnisse. &lt;b&gt;Weiter: Schlüsselpositionen markieren.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>nothing marked</source>
        <translation>nichts markiert</translation>
    </message>
</context>
<context>
    <name>riflesso::PartForm</name>
    <message>
        <source>at: %1</source>
        <translation>bei: %1</translation>
    </message>
    <message>
        <source>over: %1</source>
        <translation>über: %1</translation>
    </message>
    <message>
        <source>largest over: %1</source>
        <translation>größter Wert über: %1</translation>
    </message>
    <message>
        <source>smallest over: %1</source>
        <translation>kleinster Wert über: %1</translation>
    </message>
    <message>
        <source>mean over: %1</source>
        <translation>Mittel über: %1</translation>
    </message>
    <message>
        <source>range over: %1</source>
        <translation>Spanne über: %1</translation>
    </message>
    <message>
        <source>Name</source>
        <translation>Name</translation>
    </message>
    <message>
        <source>When</source>
        <translation>Wann</translation>
    </message>
    <message>
        <source>Too much is called</source>
        <translation>Zu viel heißt</translation>
    </message>
    <message>
        <source>nothing: it is not a fault</source>
        <translation>nichts: es ist kein Fehler</translation>
    </message>
    <message>
        <source>Too little is called</source>
        <translation>Zu wenig heißt</translation>
    </message>
    <message>
        <source>Range from</source>
        <translation>Bereich von</translation>
    </message>
    <message>
        <source>Range to</source>
        <translation>Bereich bis</translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation>Toleranz</translation>
    </message>
    <message>
        <source>Source</source>
        <translation>Quelle</translation>
    </message>
    <message>
        <source>where the numbers come from</source>
        <translation>woher die Zahlen kommen</translation>
    </message>
    <message>
        <source>About</source>
        <translation>Dazu</translation>
    </message>
    <message>
        <source>what it tells and why it matters</source>
        <translation>was es sagt und warum es wichtig ist</translation>
    </message>
    <message>
        <source>Part of the body</source>
        <translation>Körperteil</translation>
    </message>
    <message>
        <source>no phase</source>
        <translation>keine Phase</translation>
    </message>
    <message>
        <source>no caution</source>
        <translation>keine Vorsicht</translation>
    </message>
    <message>
        <source>note</source>
        <translation>Hinweis</translation>
    </message>
    <message>
        <source>caution: lifted to the top</source>
        <translation>Vorsicht: nach oben gehoben</translation>
    </message>
    <message>
        <source>stop: before all else</source>
        <translation>Halt: vor allem anderen</translation>
    </message>
    <message>
        <source>What happens</source>
        <translation>Was geschieht</translation>
    </message>
    <message>
        <source>in a sentence or two</source>
        <translation>in ein, zwei Sätzen</translation>
    </message>
    <message>
        <source>How to see it</source>
        <translation>Woran es zu sehen ist</translation>
    </message>
    <message>
        <source>What only looks like it</source>
        <translation>Was nur so aussieht</translation>
    </message>
    <message>
        <source>How much it costs, 0 to 1</source>
        <translation>Wie viel es kostet, 0 bis 1</translation>
    </message>
    <message>
        <source>Phase</source>
        <translation>Phase</translation>
    </message>
    <message>
        <source>Caution</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>Caution in words</source>
        <translation>Vorsicht in Worten</translation>
    </message>
    <message>
        <source>shown wherever the fault is</source>
        <translation>gezeigt, wo immer der Fehler steht</translation>
    </message>
    <message>
        <source>Cue, as it is said</source>
        <translation>Hinweis, wie er gesagt wird</translation>
    </message>
    <message>
        <source>Good when</source>
        <translation>Gut, wenn</translation>
    </message>
    <message>
        <source>Stage</source>
        <translation>Lernphase</translation>
    </message>
    <message>
        <source>Under</source>
        <translation>Unter</translation>
    </message>
    <message>
        <source>Sets</source>
        <translation>Sätze</translation>
    </message>
    <message>
        <source>Repetitions a set</source>
        <translation>Wiederholungen je Satz</translation>
    </message>
    <message>
        <source>Minutes</source>
        <translation>Minuten</translation>
    </message>
    <message>
        <source>Needs</source>
        <translation>Braucht</translation>
    </message>
    <message>
        <source>equipment, separated by commas</source>
        <translation>Ausrüstung, durch Kommas getrennt</translation>
    </message>
    <message>
        <source>Why</source>
        <translation>Warum</translation>
    </message>
    <message>
        <source>How it looks when done wrong</source>
        <translation>Wie es falsch aussieht</translation>
    </message>
    <message>
        <source>What it feels like</source>
        <translation>Wie es sich anfühlt</translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation>Vorsicht</translation>
    </message>
    <message>
        <source>separated by commas</source>
        <translation>durch Kommas getrennt</translation>
    </message>
    <message>
        <source>Not for</source>
        <translation>Nicht für</translation>
    </message>
    <message>
        <source>such as: knee pain</source>
        <translation>etwa: Schmerz im Knie</translation>
    </message>
    <message>
        <source>what stands out in this picture</source>
        <translation>was in diesem Bild auffällt</translation>
    </message>
    <message>
        <source>Moment of the points</source>
        <translation>Augenblick der Punkte</translation>
    </message>
    <message>
        <source>none: of all that are marked</source>
        <translation>keine: aus allen markierten</translation>
    </message>
    <message>
        <source>A repetition without it is whole</source>
        <translation>Eine Wiederholung ohne es ist ganz</translation>
    </message>
    <message>
        <source>Question</source>
        <translation>Frage</translation>
    </message>
    <message>
        <source>Name of the skill</source>
        <translation>Name der Fertigkeit</translation>
    </message>
    <message>
        <source>Kind of movement</source>
        <translation>Art der Bewegung</translation>
    </message>
    <message>
        <source>once, with an end</source>
        <translation>einmal, mit einem Ende</translation>
    </message>
    <message>
        <source>over and over, cycle by cycle</source>
        <translation>immer wieder, Zyklus um Zyklus</translation>
    </message>
    <message>
        <source>held still</source>
        <translation>still gehalten</translation>
    </message>
    <message>
        <source>Group</source>
        <translation>Gruppe</translation>
    </message>
    <message>
        <source>under which it stands among many</source>
        <translation>unter der sie unter vielen steht</translation>
    </message>
    <message>
        <source>Found by</source>
        <translation>Gefunden mit</translation>
    </message>
    <message>
        <source>words, separated by commas</source>
        <translation>Wörter, durch Kommas getrennt</translation>
    </message>
    <message>
        <source>Filmed from</source>
        <translation>Gefilmt</translation>
    </message>
    <message>
        <source>side, front, rear, top</source>
        <translation>von der Seite, von vorn, von hinten, von oben</translation>
    </message>
    <message>
        <source>a group of conditions</source>
        <translation>eine Gruppe von Bedingungen</translation>
    </message>
    <message>
        <source>Made of: %1</source>
        <translation>Besteht aus: %1</translation>
    </message>
    <message>
        <source>Finds itself where: %1</source>
        <translation>Findet sich selbst, wo: %1</translation>
    </message>
    <message>
        <source>No rule: it is carried over from marked repetitions.</source>
        <translation>Keine Regel: sie wird aus markierten Wiederholungen übertragen.</translation>
    </message>
    <message>
        <source>%1: a number, such as 12.5; not &quot;%2&quot;.</source>
        <translation>%1: eine Zahl wie 12.5; nicht „%2“.</translation>
    </message>
    <message>
        <source>%1: when</source>
        <translation>%1: wann</translation>
    </message>
    <message>
        <source>%1: range</source>
        <translation>%1: Bereich</translation>
    </message>
    <message>
        <source>set by hand</source>
        <translation>von Hand gesetzt</translation>
    </message>
    <message>
        <source>No fault any more</source>
        <translation>Kein Fehler mehr</translation>
    </message>
    <message>
        <source>Fault: %1</source>
        <translation>Fehler: %1</translation>
    </message>
</context>
<context>
    <name>riflesso::PictureBar</name>
    <message>
        <source>does not fit: expected %1, got %2</source>
        <translation>passt nicht: erwartet %1, gefunden %2</translation>
    </message>
    <message>
        <source>%1 points fit within %2 mm (RMS)</source>
        <translation>%1 Punkte passen auf %2 mm (RMS)</translation>
    </message>
    <message>
        <source>from four points: no check possible</source>
        <translation>aus vier Punkten: keine Prüfung möglich</translation>
    </message>
    <message>
        <source>lies closer to level than to upright</source>
        <translation>liegt näher an der Waagrechten als an der Senkrechten</translation>
    </message>
    <message>
        <source>rolled by %1° ± %2°</source>
        <translation>um %1° ± %2° gekippt</translation>
    </message>
    <message>
        <source>What lies there</source>
        <translation>Was dort liegt</translation>
    </message>
    <message>
        <source>A rectangle I measured</source>
        <translation>Ein Rechteck, das ich gemessen habe</translation>
    </message>
    <message>
        <source>Which plane</source>
        <translation>Welche Ebene</translation>
    </message>
    <message>
        <source>on the floor</source>
        <translation>auf dem Boden</translation>
    </message>
    <message>
        <source>in the plane of movement</source>
        <translation>in der Bewegungsebene</translation>
    </message>
    <message>
        <source>On the floor it serves only points that touch the floor. In the plane of movement it serves all angles and lengths.</source>
        <translation>Auf dem Boden dient es nur Punkten, die den Boden berühren. In der Bewegungsebene dient es allen Winkeln und Längen.</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source>Across the picture, left to right</source>
        <translation>Quer durchs Bild, von links nach rechts</translation>
    </message>
    <message>
        <source>Away from the camera, or up</source>
        <translation>Von der Kamera weg, oder hinauf</translation>
    </message>
    <message>
        <source>short side to the camera</source>
        <translation>kurze Seite zur Kamera</translation>
    </message>
    <message>
        <source>Cannot be seen</source>
        <translation>Nicht zu sehen</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Done (Esc)</source>
        <translation>Fertig (Esc)</translation>
    </message>
    <message>
        <source>click the %1</source>
        <translation>anklicken: %1</translation>
    </message>
    <message>
        <source>keep it, or drag a point</source>
        <translation>es behalten, oder einen Punkt ziehen</translation>
    </message>
    <message>
        <source>the camera is %1</source>
        <translation>die Kamera ist %1</translation>
    </message>
    <message>
        <source>%1 × %2 pixels</source>
        <translation>%1 × %2 Pixel</translation>
    </message>
    <message>
        <source>that is too small</source>
        <translation>das ist zu klein</translation>
    </message>
    <message>
        <source>Click the %1 (%2 of %3).</source>
        <translation>Anklicken: %1 (%2 von %3).</translation>
    </message>
    <message>
        <source>Points can be dragged.</source>
        <translation>Punkte lassen sich ziehen.</translation>
    </message>
</context>
<context>
    <name>riflesso::PictureMenu</name>
    <message>
        <source>Copy this view as a picture</source>
        <translation>Diese Ansicht als Bild kopieren</translation>
    </message>
    <message>
        <source>Save this view as a picture…</source>
        <translation>Diese Ansicht als Bild speichern…</translation>
    </message>
    <message>
        <source>Copy the page as a picture</source>
        <translation>Die Seite als Bild kopieren</translation>
    </message>
    <message>
        <source>Save the page as a picture…</source>
        <translation>Die Seite als Bild speichern…</translation>
    </message>
    <message>
        <source>The picture is in the clipboard: %1 × %2 pixels.</source>
        <translation>Das Bild ist in der Zwischenablage: %1 × %2 Pixel.</translation>
    </message>
    <message>
        <source>Picture</source>
        <translation>Bild</translation>
    </message>
    <message>
        <source>Width in pixels</source>
        <translation>Breite in Pixeln</translation>
    </message>
    <message>
        <source>Save the picture</source>
        <translation>Bild speichern</translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg)</source>
        <translation>Bilder (*.png *.svg)</translation>
    </message>
    <message>
        <source> without names and faces…</source>
        <translation> ohne Namen und Gesichter…</translation>
    </message>
    <message>
        <source>Copy this view without names and faces</source>
        <translation>Diese Ansicht ohne Namen und Gesichter kopieren</translation>
    </message>
    <message>
        <source>Copy the page without names and faces</source>
        <translation>Die Seite ohne Namen und Gesichter kopieren</translation>
    </message>
    <message>
        <source>The face of who is marked is hidden: see whether others are in it.</source>
        <translation>Das Gesicht der markierten Person ist verdeckt: ansehen, ob andere darin sind.</translation>
    </message>
    <message>
        <source>Written: %1.</source>
        <translation>Geschrieben: %1.</translation>
    </message>
</context>
<context>
    <name>riflesso::PlanPage</name>
    <message>
        <source>DATES AND DOSE</source>
        <translation>TERMINE UND DOSIS</translation>
    </message>
    <message>
        <source>Technique sessions a week</source>
        <translation>Technikeinheiten je Woche</translation>
    </message>
    <message>
        <source>Homework a day</source>
        <translation>Üben zu Hause am Tag</translation>
    </message>
    <message>
        <source> min</source>
        <translation> min</translation>
    </message>
    <message>
        <source>No changes before a competition</source>
        <translation>Keine Änderung vor einem Wettkampf</translation>
    </message>
    <message>
        <source> days</source>
        <translation> Tage</translation>
    </message>
    <message>
        <source>Start</source>
        <translation>Beginn</translation>
    </message>
    <message>
        <source>Retest</source>
        <translation>Nachtest</translation>
    </message>
    <message>
        <source>Retention test</source>
        <translation>Behaltenstest</translation>
    </message>
    <message>
        <source>WEEKS</source>
        <translation>WOCHEN</translation>
    </message>
    <message>
        <source>Square: technique session. Dot: homework. Ring: test, drag it to another day. Hatched: no technique changes. Filled: competition.</source>
        <translation>Quadrat: Technikeinheit. Punkt: Üben zu Hause. Ring: Test, auf einen anderen Tag ziehen. Schraffiert: keine Änderung der Technik. Gefüllt: Wettkampf.</translation>
    </message>
    <message>
        <source>Write a calendar file…</source>
        <translation>Kalenderdatei schreiben…</translation>
    </message>
    <message>
        <source>The dates of the plan as an .ics file for any calendar.</source>
        <translation>Die Termine des Plans als .ics-Datei für jeden Kalender.</translation>
    </message>
    <message>
        <source>Write a calendar file</source>
        <translation>Kalenderdatei schreiben</translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation>Kalender (*.ics)</translation>
    </message>
    <message>
        <source>%1 could not be written: %2</source>
        <translation>%1 konnte nicht geschrieben werden: %2</translation>
    </message>
    <message>
        <source>%1 written to %2.</source>
        <translation>%1 geschrieben nach %2.</translation>
    </message>
    <message>
        <source>date</source>
        <translation>Termin</translation>
    </message>
    <message>
        <source>dates</source>
        <translation>Termine</translation>
    </message>
    <message>
        <source>No focus yet. &lt;b&gt;Next: decide in Findings.&lt;/b&gt;</source>
        <translation>Noch kein Schwerpunkt. &lt;b&gt;Weiter: in Befunde entscheiden.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Focus: %1%2. %3&lt;b&gt;Next: %4.&lt;/b&gt;</source>
        <translation>Schwerpunkt: %1%2. %3&lt;b&gt;Weiter: %4.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>; minor: </source>
        <translation>; Nebenpunkt: </translation>
    </message>
    <message>
        <source> (proposed, not decided)</source>
        <translation> (vorgeschlagen, nicht entschieden)</translation>
    </message>
    <message>
        <source>To settle on the right: %1. </source>
        <translation>Rechts zu klären: %1. </translation>
    </message>
    <message>
        <source>practise on the rung marked, or hand the plan over</source>
        <translation>auf der gekennzeichneten Stufe üben, oder den Plan übergeben</translation>
    </message>
    <message>
        <source>decide in Findings</source>
        <translation>in Befunde entscheiden</translation>
    </message>
    <message>
        <source>to settle</source>
        <translation>zu klären</translation>
    </message>
    <message>
        <source>dated</source>
        <translation>mit Terminen</translation>
    </message>
    <message>
        <source>draft</source>
        <translation>Entwurf</translation>
    </message>
    <message>
        <source>When a fault is chosen in Findings, its ladder of drills stands here.</source>
        <translation>Wenn in Befunde ein Fehler gewählt ist, steht hier seine Übungsleiter.</translation>
    </message>
    <message>
        <source>MAIN FOCUS</source>
        <translation>HAUPTPUNKT</translation>
    </message>
    <message>
        <source>MINOR FOCUS</source>
        <translation>NEBENPUNKT</translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation>Weggelassen: %1.</translation>
    </message>
    <message>
        <source>Stop on pain and ask a licensed professional. The rules of the sport&apos;s body and of the venue come first.</source>
        <translation>Bei Schmerz aufhören und medizinisches Fachpersonal fragen. Die Regeln des Verbands und der Sportstätte gehen vor.</translation>
    </message>
    <message>
        <source>THE NEXT LESSON · %1 minutes</source>
        <translation>DIE NÄCHSTE STUNDE · %1 Minuten</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>Change the plan</source>
        <translation>Plan ändern</translation>
    </message>
    <message>
        <source>The pack&apos;s cue again</source>
        <translation>Wieder der Hinweis des Pakets</translation>
    </message>
    <message>
        <source>A cue in own words</source>
        <translation>Ein Hinweis in eigenen Worten</translation>
    </message>
    <message>
        <source>The plan waits: pain was said in practice. &lt;b&gt;Next: write down who advised what.&lt;/b&gt;</source>
        <translation>Der Plan wartet: beim Üben wurde von Schmerz gesprochen. &lt;b&gt;Weiter: aufschreiben, wer was geraten hat.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>waits</source>
        <translation>wartet</translation>
    </message>
    <message>
        <source>&quot;%1&quot;: nobody has said which part this limit means, so every drill that is not for all is held back. Say it on the Athlete page.</source>
        <translation>„%1“: niemand hat gesagt, welchen Körperteil diese Einschränkung meint; jede Übung, die nicht für alle ist, wird zurückgehalten. Auf der Seite Athlet sagen.</translation>
    </message>
    <message>
        <source>Pain or the like was said in practice: the plan, the lesson and the sheets wait until it is written down who advised what, and when. A licensed professional decides.</source>
        <translation>Beim Üben wurde von Schmerz oder Ähnlichem gesprochen: Plan, Stunde und Blätter warten, bis aufgeschrieben ist, wer wann was geraten hat. Medizinisches Fachpersonal entscheidet.</translation>
    </message>
    <message>
        <source>Write down who advised what</source>
        <translation>Aufschreiben, wer was geraten hat</translation>
    </message>
    <message>
        <source>A limit is not understood. &lt;b&gt;Next: say which part it means, on the Athlete page.&lt;/b&gt;</source>
        <translation>Eine Einschränkung wird nicht verstanden. &lt;b&gt;Weiter: auf der Seite Athlet sagen, welchen Körperteil sie meint.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>These limits leave no drill. &lt;b&gt;Next: choose another fault in Findings, or ask what is allowed.&lt;/b&gt;</source>
        <translation>Diese Einschränkungen lassen keine Übung. &lt;b&gt;Weiter: in Befunde einen anderen Fehler wählen, oder fragen, was erlaubt ist.&lt;/b&gt;</translation>
    </message>
</context>
<context>
    <name>riflesso::Player</name>
    <message>
        <source>Speed of play</source>
        <translation>Geschwindigkeit</translation>
    </message>
    <message>
        <source>full speed</source>
        <translation>volle Geschwindigkeit</translation>
    </message>
    <message>
        <source>half speed</source>
        <translation>halbe Geschwindigkeit</translation>
    </message>
    <message>
        <source>quarter speed</source>
        <translation>ein Viertel der Geschwindigkeit</translation>
    </message>
</context>
<context>
    <name>riflesso::PracticeOverTime</name>
    <message>
        <source>SHARE OF GOOD REPETITIONS, BLOCK BY BLOCK</source>
        <translation>ANTEIL GUTER WIEDERHOLUNGEN, BLOCK FÜR BLOCK</translation>
    </message>
    <message>
        <source>WEEKS</source>
        <translation>WOCHEN</translation>
    </message>
    <message>
        <source>full: session · light: homework kept · a good block of a drill is not yet the technique: that is on the film</source>
        <translation>voll: Einheit · hell: zu Hause eingehalten · ein guter Block einer Übung ist noch nicht die Technik: die zeigt der Film</translation>
    </message>
    <message>
        <source>Nothing is logged yet. Practice counts, block by block; here it is seen over weeks.</source>
        <translation>Noch ist nichts eingetragen. Üben zählt, Block für Block; hier ist es über Wochen zu sehen.</translation>
    </message>
    <message>
        <source>Longest run %1 (chance: up to %2), %3 crossings of the median (chance: %4 or more)%5.</source>
        <translation>Längste Folge %1 (Zufall: bis %2), %3 Wechsel über den Median (Zufall: %4 oder mehr)%5.</translation>
    </message>
    <message>
        <source>: more than chance</source>
        <translation>: mehr als Zufall</translation>
    </message>
    <message>
        <source>WHAT NEXT</source>
        <translation>WIE WEITER</translation>
    </message>
    <message>
        <source>Nothing is worked on: decide in Findings.</source>
        <translation>An nichts wird gearbeitet: in Befunde entscheiden.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Take this on (W)</source>
        <translation>Das angehen (W)</translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation>Als Nächstes: %1</translation>
    </message>
    <message>
        <source>WAITS FOR</source>
        <translation>WARTET AUF</translation>
    </message>
    <message>
        <source>DOES IT HOLD?</source>
        <translation>HÄLT ES?</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1: %2&lt;/b&gt;&lt;br&gt;%3</source>
        <translation>&lt;b&gt;%1: %2&lt;/b&gt;&lt;br&gt;%3</translation>
    </message>
    <message>
        <source>No test yet: 24 repetitions with nothing told, a week or more after the last practice.</source>
        <translation>Noch kein Test: 24 Wiederholungen, ohne dass etwas gesagt wird, eine Woche oder mehr nach dem letzten Üben.</translation>
    </message>
    <message>
        <source>CUE AGAINST CUE</source>
        <translation>HINWEIS GEGEN HINWEIS</translation>
    </message>
    <message>
        <source>&quot;%1&quot; less &quot;%2&quot;: %3 points of a hundred, %4 to %5. %6</source>
        <translation>„%1“ weniger „%2“: %3 Punkte von hundert, %4 bis %5. %6</translation>
    </message>
    <message>
        <source>No winner yet.</source>
        <translation>Noch kein Sieger.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is better.</source>
        <translation>„%1“ ist besser.</translation>
    </message>
    <message>
        <source>COUNTED LIVE, FILMED THAT DAY</source>
        <translation>LIVE GEZÄHLT, AM SELBEN TAG GEFILMT</translation>
    </message>
    <message>
        <source>%1, %2: counted %3 good, on film %4 without it. %5</source>
        <translation>%1, %2: %3 gut gezählt, im Film %4 ohne ihn. %5</translation>
    </message>
    <message>
        <source>The counting is too kind.</source>
        <translation>Die Zählung ist zu milde.</translation>
    </message>
    <message>
        <source>The counting is too strict.</source>
        <translation>Die Zählung ist zu streng.</translation>
    </message>
    <message>
        <source>No more apart than chance.</source>
        <translation>Nicht weiter auseinander als der Zufall.</translation>
    </message>
    <message>
        <source>FELT AGAINST SEEN</source>
        <translation>GEFÜHLT GEGEN GESEHEN</translation>
    </message>
    <message>
        <source>Nobody was asked yet.</source>
        <translation>Noch wurde niemand gefragt.</translation>
    </message>
    <message>
        <source>%1 off ones called, %2 calls right.</source>
        <translation>%1 schlechte benannt, %2 Benennungen richtig.</translation>
    </message>
    <message>
        <source>Four in five are called, and rightly: home practice may be filmed less often.</source>
        <translation>Vier von fünf werden benannt, und zu Recht: zu Hause kann seltener gefilmt werden.</translation>
    </message>
    <message>
        <source>From ten off ones on, four in five called and called rightly, film at home less.</source>
        <translation>Ab zehn schlechten, vier von fünf benannt und zu Recht benannt, zu Hause seltener filmen.</translation>
    </message>
    <message>
        <source>FEEDBACK AND HOME</source>
        <translation>RÜCKMELDUNG UND ZU HAUSE</translation>
    </message>
    <message>
        <source>%1 repetitions were followed by feedback%2.</source>
        <translation>Auf %1 Wiederholungen folgte Rückmeldung%2.</translation>
    </message>
    <message>
        <source>; every one of a block in %1: what is told each time may not last, the evidence is mixed</source>
        <translation>; auf jede eines Blocks in %1: was jedes Mal gesagt wird, hält vielleicht nicht, die Belege sind gemischt</translation>
    </message>
    <message>
        <source>block</source>
        <translation>Block</translation>
    </message>
    <message>
        <source>blocks</source>
        <translation>Blöcke</translation>
    </message>
    <message>
        <source>Homework planned on %1 days so far, kept on %2.</source>
        <translation>Üben zu Hause bisher an %1 Tagen geplant, an %2 eingehalten.</translation>
    </message>
    <message>
        <source>%1, %2: %3.</source>
        <translation>%1, %2: %3.</translation>
    </message>
    <message>
        <source> &lt;b&gt;Next: %1.&lt;/b&gt;</source>
        <translation> &lt;b&gt;Weiter: %1.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>&lt;b&gt;It breaks first here: %1&lt;/b&gt;&lt;br&gt;%2 good under it, %3 under %4: practise there next.</source>
        <translation>&lt;b&gt;Hier bricht es zuerst: %1&lt;/b&gt;&lt;br&gt;%2 gut darunter, %3 unter %4: als Nächstes dort üben.</translation>
    </message>
    <message>
        <source>It breaks first here: %1.</source>
        <translation>Hier bricht es zuerst: %1.</translation>
    </message>
</context>
<context>
    <name>riflesso::PracticePage</name>
    <message>
        <source>Good (G)</source>
        <translation>Gut (G)</translation>
    </message>
    <message>
        <source>Not (N)</source>
        <translation>Nicht (N)</translation>
    </message>
    <message>
        <source>LADDER SO FAR</source>
        <translation>LEITER BISHER</translation>
    </message>
    <message>
        <source>No ladder yet. &lt;b&gt;Next: decide in Findings what to work on.&lt;/b&gt;</source>
        <translation>Noch keine Leiter. &lt;b&gt;Weiter: in Befunde entscheiden, woran zu arbeiten ist.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>%1 logged</source>
        <translation>%1 eingetragen</translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation>Rücktaste</translation>
    </message>
    <message>
        <source>take back</source>
        <translation>zurücknehmen</translation>
    </message>
    <message>
        <source>Choose a focus in Findings first</source>
        <translation>Zuerst in Befunde einen Schwerpunkt wählen</translation>
    </message>
    <message>
        <source>Good: %1</source>
        <translation>Gut: %1</translation>
    </message>
    <message>
        <source>not begun</source>
        <translation>nicht begonnen</translation>
    </message>
    <message>
        <source>%1 good; the true share lies between %2 and %3 % (80 % interval)%4</source>
        <translation>%1 gut; der wahre Anteil liegt zwischen %2 und %3 % (80-%-Intervall)%4</translation>
    </message>
    <message>
        <source>; %1 more for a verdict</source>
        <translation>; noch %1 für ein Urteil</translation>
    </message>
    <message>
        <source>Log a good repetition</source>
        <translation>Gute Wiederholung eintragen</translation>
    </message>
    <message>
        <source>Log a repetition that was not good</source>
        <translation>Wiederholung eintragen, die nicht gut war</translation>
    </message>
    <message>
        <source>Take a repetition back</source>
        <translation>Wiederholung zurücknehmen</translation>
    </message>
    <message>
        <source>Stop: pain or dizzy (P)</source>
        <translation>Schmerz (P)</translation>
    </message>
    <message>
        <source>Write down who advised what</source>
        <translation>Aufschreiben, wer was geraten hat</translation>
    </message>
    <message>
        <source>Stopped in practice. &lt;b&gt;Next: write down who advised what, on the Athlete page.&lt;/b&gt;</source>
        <translation>Beim Üben angehalten. &lt;b&gt;Weiter: auf der Seite Athlet aufschreiben, wer was geraten hat.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>stop: pain or dizzy</source>
        <translation>Halt: Schmerz oder Schwindel</translation>
    </message>
    <message>
        <source>Stopped</source>
        <translation>Angehalten</translation>
    </message>
    <message>
        <source>Pain or the like was said in practice. Ask a licensed professional; the plan waits until it is written down who advised what, and when.</source>
        <translation>Beim Üben wurde von Schmerz oder Ähnlichem gesprochen. Medizinisches Fachpersonal fragen; der Plan wartet, bis aufgeschrieben ist, wer wann was geraten hat.</translation>
    </message>
    <message>
        <source>TODAY&apos;S SESSION</source>
        <translation>DIE EINHEIT VON HEUTE</translation>
    </message>
    <message>
        <source>Drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>Under what it is practised</source>
        <translation>Worunter geübt wird</translation>
    </message>
    <message>
        <source>Practice or a test</source>
        <translation>Üben oder ein Test</translation>
    </message>
    <message>
        <source>practice</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>test: does it stay?</source>
        <translation>Test: bleibt es?</translation>
    </message>
    <message>
        <source>test: does it carry over?</source>
        <translation>Test: überträgt es sich?</translation>
    </message>
    <message>
        <source>A test is 24 repetitions of which nothing is told: a week or more after the last practice of the drill, or under another condition.</source>
        <translation>Ein Test sind 24 Wiederholungen, zu denen nichts gesagt wird: eine Woche oder mehr nach dem letzten Üben, oder unter einer anderen Bedingung.</translation>
    </message>
    <message>
        <source>Felt right (F)</source>
        <translation>Richtig (F)</translation>
    </message>
    <message>
        <source>Felt off (O)</source>
        <translation>Falsch (O)</translation>
    </message>
    <message>
        <source>Cue (T)</source>
        <translation>Hinweis (T)</translation>
    </message>
    <message>
        <source>Shown (S)</source>
        <translation>Gezeigt (S)</translation>
    </message>
    <message>
        <source>Asked (A)</source>
        <translation>Gefragt (A)</translation>
    </message>
    <message>
        <source>Take back (⌫)</source>
        <translation>Zurück (⌫)</translation>
    </message>
    <message>
        <source>Finish the block (Enter)</source>
        <translation>Fertig (Eingabe)</translation>
    </message>
    <message>
        <source>Home sheet (H)</source>
        <translation>Zu Hause (H)</translation>
    </message>
    <message>
        <source>Judged in blocks of 12. Three of four good: go on. Half or fewer: make it easier. The plan moves up after 11 of 12, or 9 of 12 twice running. Improvement is not steady; a flat week is no verdict.</source>
        <translation>Beurteilt wird in Blöcken zu 12. Drei von vier gut: weiter. Die Hälfte oder weniger: leichter machen. Der Plan rückt vor nach 11 von 12, oder zweimal hintereinander 9 von 12. Fortschritt ist nicht stetig; eine flache Woche ist kein Urteil.</translation>
    </message>
    <message>
        <source>Step %1 of %2. </source>
        <translation>Stufe %1 von %2. </translation>
    </message>
    <message>
        <source>%1%2 logged in this block. &lt;b&gt;Next: ask what was felt, then G or N.&lt;/b&gt;</source>
        <translation>%1%2 in diesem Block eingetragen. &lt;b&gt;Weiter: fragen, was gefühlt wurde, dann G oder N.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>%1&lt;b&gt;Next: G for a good repetition, N for one that is not.&lt;/b&gt;</source>
        <translation>%1&lt;b&gt;Weiter: G für eine gute Wiederholung, N für eine, die es nicht ist.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>good, not</source>
        <translation>gut, nicht</translation>
    </message>
    <message>
        <source>good (also Page Down)</source>
        <translation>gut (auch Bild ab)</translation>
    </message>
    <message>
        <source>not good (also Page Up)</source>
        <translation>nicht gut (auch Bild auf)</translation>
    </message>
    <message>
        <source>felt</source>
        <translation>gefühlt</translation>
    </message>
    <message>
        <source>felt right, before it is judged</source>
        <translation>fühlte sich richtig an, bevor beurteilt wird</translation>
    </message>
    <message>
        <source>felt off, before it is judged</source>
        <translation>fühlte sich falsch an, bevor beurteilt wird</translation>
    </message>
    <message>
        <source>told</source>
        <translation>gesagt</translation>
    </message>
    <message>
        <source>the cue was said after it (also B)</source>
        <translation>der Hinweis wurde danach gesagt (auch B)</translation>
    </message>
    <message>
        <source>it was shown after it</source>
        <translation>es wurde danach gezeigt</translation>
    </message>
    <message>
        <source>the athlete asked for feedback</source>
        <translation>der Athlet fragte nach Rückmeldung</translation>
    </message>
    <message>
        <source>a measured value was told</source>
        <translation>ein Messwert wurde gesagt</translation>
    </message>
    <message>
        <source>result</source>
        <translation>Ergebnis</translation>
    </message>
    <message>
        <source>its result</source>
        <translation>ihr Ergebnis</translation>
    </message>
    <message>
        <source>Enter</source>
        <translation>Eingabe</translation>
    </message>
    <message>
        <source>finish</source>
        <translation>abschließen</translation>
    </message>
    <message>
        <source>the home sheet, typed back</source>
        <translation>das Blatt von zu Hause, eingetippt</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>%1 (not in the plan)</source>
        <translation>%1 (nicht im Plan)</translation>
    </message>
    <message>
        <source>not noted</source>
        <translation>nicht vermerkt</translation>
    </message>
    <message>
        <source>test done: see Progress</source>
        <translation>Test getan: siehe Fortschritt</translation>
    </message>
    <message>
        <source>A verdict stands after %1 repetitions.</source>
        <translation>Ein Urteil steht nach %1 Wiederholungen.</translation>
    </message>
    <message>
        <source>%1 (not in this edition of the pack)</source>
        <translation>%1 (nicht in dieser Ausgabe des Pakets)</translation>
    </message>
    <message>
        <source>The clock of this machine was set back: the log goes on after what it holds.</source>
        <translation>Die Uhr dieser Maschine wurde zurückgestellt: das Buch geht nach dem weiter, was es enthält.</translation>
    </message>
    <message>
        <source>Feedback: %1</source>
        <translation>Rückmeldung: %1</translation>
    </message>
    <message>
        <source>Result: %1</source>
        <translation>Ergebnis: %1</translation>
    </message>
    <message>
        <source>Finish a block</source>
        <translation>Block abschließen</translation>
    </message>
    <message>
        <source>The session is finished.</source>
        <translation>Die Einheit ist abgeschlossen.</translation>
    </message>
    <message>
        <source>The session is finished. Left out: %1.</source>
        <translation>Die Einheit ist abgeschlossen. Weggelassen: %1.</translation>
    </message>
    <message>
        <source>Film and measure (C)</source>
        <translation>Filmen (C)</translation>
    </message>
    <message>
        <source>%1
Enter</source>
        <translation>%1
Eingabe</translation>
    </message>
    <message>
        <source>Finish the block</source>
        <translation>Block abschließen</translation>
    </message>
    <message>
        <source>what the number says; without one finish the block, go on to the next step</source>
        <translation>was die Zahl sagt; ohne eine den Block abschließen, zum nächsten Schritt gehen</translation>
    </message>
    <message>
        <source>film and measure</source>
        <translation>filmen und messen</translation>
    </message>
    <message>
        <source>Space</source>
        <translation>Leertaste</translation>
    </message>
    <message>
        <source>the movement is over, while a camera films</source>
        <translation>die Bewegung ist vorbei, während eine Kamera filmt</translation>
    </message>
    <message>
        <source>show the number of what was filmed</source>
        <translation>die Zahl des Gefilmten zeigen</translation>
    </message>
    <message>
        <source>Esc</source>
        <translation>Esc</translation>
    </message>
    <message>
        <source>stop filming</source>
        <translation>Filmen beenden</translation>
    </message>
</context>
<context>
    <name>riflesso::ProgressPage</name>
    <message>
        <source>better</source>
        <translation>besser</translation>
    </message>
    <message>
        <source>worse</source>
        <translation>schlechter</translation>
    </message>
    <message>
        <source>no clear change</source>
        <translation>keine klare Änderung</translation>
    </message>
    <message>
        <source>not comparable</source>
        <translation>nicht vergleichbar</translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation>Früher</translation>
    </message>
    <message>
        <source>Later</source>
        <translation>Später</translation>
    </message>
    <message>
        <source>Condition</source>
        <translation>Bedingung</translation>
    </message>
    <message>
        <source>What changed, measure by measure</source>
        <translation>Was sich geändert hat, Messgröße für Messgröße</translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation>Urteil</translation>
    </message>
    <message>
        <source>Measure</source>
        <translation>Messgröße</translation>
    </message>
    <message>
        <source>Then</source>
        <translation>Damals</translation>
    </message>
    <message>
        <source>Now</source>
        <translation>Jetzt</translation>
    </message>
    <message>
        <source>Change</source>
        <translation>Änderung</translation>
    </message>
    <message>
        <source>From the model</source>
        <translation>Vom Vorbild</translation>
    </message>
    <message>
        <source>With the smallest change that these two sets can tell from chance, 95 of 100 times.</source>
        <translation>Mit der kleinsten Änderung, die diese zwei Sätze 95 von 100 Mal vom Zufall unterscheiden können.</translation>
    </message>
    <message>
        <source>From the reference at the left: its tolerance as a band, open where the athlete stood, filled where the athlete stands.</source>
        <translation>Links von der Referenz aus: ihre Toleranz als Band, offen, wo der Athlet stand, gefüllt, wo der Athlet steht.</translation>
    </message>
    <message>
        <source>There is one session. &lt;b&gt;Next: film a retest from the same camera place, and add its session on the Athlete page.&lt;/b&gt;</source>
        <translation>Es gibt eine Sitzung. &lt;b&gt;Weiter: einen Nachtest vom selben Kameraplatz filmen und seine Sitzung auf der Seite Athlet hinzufügen.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Comparing the sessions.</source>
        <translation>Die Sitzungen werden verglichen.</translation>
    </message>
    <message>
        <source>The two sessions have no marked set in common. &lt;b&gt;Next: mark the later one.&lt;/b&gt;</source>
        <translation>Die zwei Sitzungen haben keinen markierten Satz gemeinsam. &lt;b&gt;Weiter: die spätere markieren.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is back at %2</source>
        <translation>„%1“ ist zurück bei %2</translation>
    </message>
    <message>
        <source>%1 better, %2 worse by more than chance%3. &lt;b&gt;Next: %4.&lt;/b&gt;</source>
        <translation>%1 besser, %2 schlechter über den Zufall hinaus%3. &lt;b&gt;Weiter: %4.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>Messgröße</translation>
    </message>
    <message>
        <source>measures</source>
        <translation>Messgrößen</translation>
    </message>
    <message>
        <source>, %1 not comparable</source>
        <translation>, %1 nicht vergleichbar</translation>
    </message>
    <message>
        <source>go on with the plan, or choose the next focus</source>
        <translation>mit dem Plan weitermachen, oder den nächsten Schwerpunkt wählen</translation>
    </message>
    <message>
        <source>%1: practise there</source>
        <translation>%1: dort üben</translation>
    </message>
    <message>
        <source>session</source>
        <translation>Sitzung</translation>
    </message>
    <message>
        <source>sessions</source>
        <translation>Sitzungen</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>Comparing sessions</source>
        <translation>Sitzungen werden verglichen</translation>
    </message>
    <message>
        <source>%1 % of the gap closed</source>
        <translation>%1 % der Lücke geschlossen</translation>
    </message>
    <message>
        <source>It lay within the tolerance then.</source>
        <translation>Damals lag es in der Toleranz.</translation>
    </message>
    <message>
        <source> · moved: the last two sessions lie outside the band on the same side</source>
        <translation> · bewegt: die letzten zwei Sitzungen liegen auf derselben Seite außerhalb des Bandes</translation>
    </message>
    <message>
        <source> · the band is what chance alone would do</source>
        <translation> · das Band ist, was der Zufall allein täte</translation>
    </message>
    <message>
        <source>Film the retest as the first session was filmed: same camera place, same set, same conditions. What was filmed otherwise is not compared, and says why.</source>
        <translation>Den Nachtest filmen wie die erste Sitzung: selber Kameraplatz, selber Satz, selbe Bedingungen. Was anders gefilmt wurde, wird nicht verglichen und sagt, warum.</translation>
    </message>
    <message>
        <source>FAULTS, THEN AND NOW</source>
        <translation>FEHLER, DAMALS UND JETZT</translation>
    </message>
    <message>
        <source>gone</source>
        <translation>fort</translation>
    </message>
    <message>
        <source>still there</source>
        <translation>noch da</translation>
    </message>
    <message>
        <source>new</source>
        <translation>neu</translation>
    </message>
    <message>
        <source>back again</source>
        <translation>wieder da</translation>
    </message>
    <message>
        <source>%1: &lt;b&gt;%2&lt;/b&gt;</source>
        <translation>%1: &lt;b&gt;%2&lt;/b&gt;</translation>
    </message>
    <message>
        <source>None in either.</source>
        <translation>In keiner von beiden.</translation>
    </message>
    <message>
        <source>FROM EASY TO HARD</source>
        <translation>VON LEICHT BIS SCHWER</translation>
    </message>
    <message>
        <source>Repetitions without the fault, then and now.</source>
        <translation>Wiederholungen ohne den Fehler, damals und jetzt.</translation>
    </message>
    <message>
        <source>%1: %2, now %3</source>
        <translation>%1: %2, jetzt %3</translation>
    </message>
    <message>
        <source>not filmed</source>
        <translation>nicht gefilmt</translation>
    </message>
    <message>
        <source>&lt;b&gt;Back again at %1.&lt;/b&gt;</source>
        <translation>&lt;b&gt;Wieder da bei %1.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Mastered up to %1.</source>
        <translation>Beherrscht bis %1.</translation>
    </message>
    <message>
        <source>THE GOAL</source>
        <translation>DAS ZIEL</translation>
    </message>
    <message>
        <source> by %1</source>
        <translation> bis %1</translation>
    </message>
    <message>
        <source> %1, now %2.</source>
        <translation> %1, jetzt %2.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Further away than before.&lt;/b&gt;</source>
        <translation>&lt;b&gt;Weiter entfernt als zuvor.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Not measured in both sets.</source>
        <translation>Nicht in beiden Sätzen gemessen.</translation>
    </message>
    <message>
        <source>The deviation is %1 times what was guessed.</source>
        <translation>Die Abweichung ist das %1-Fache des Geschätzten.</translation>
    </message>
    <message>
        <source>The deviation is %1 times what was believed.</source>
        <translation>Die Abweichung ist das %1-Fache des Angenommenen.</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&amp;nbsp;% of the way.&lt;/b&gt;</source>
        <translation>&lt;b&gt;%1&amp;nbsp;% des Wegs.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>BELIEVED, GUESSED, FORECAST AND MEASURED</source>
        <translation>ANGENOMMEN, GESCHÄTZT, VORHERGESAGT UND GEMESSEN</translation>
    </message>
    <message>
        <source>It came as forecast.</source>
        <translation>Es kam wie vorhergesagt.</translation>
    </message>
    <message>
        <source>It came otherwise.</source>
        <translation>Es kam anders.</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>%1: forecast %2, measured later %3.</source>
        <translation>%1: vorhergesagt %2, später gemessen %3.</translation>
    </message>
    <message>
        <source>%1: first guess %2, measured %3.</source>
        <translation>%1: erste Einschätzung %2, gemessen %3.</translation>
    </message>
    <message>
        <source>%1: believed %2, measured %3.</source>
        <translation>%1: angenommen %2, gemessen %3.</translation>
    </message>
    <message>
        <source>%1 % good</source>
        <translation>%1 % gut</translation>
    </message>
    <message>
        <source>%1: forecast %2, it became %3 (%4 to %5, %6 repetitions). %7</source>
        <translation>%1: vorhergesagt %2, es wurde %3 (%4 bis %5, %6 Wiederholungen). %7</translation>
    </message>
    <message>
        <source>WHO GUESSES HOW WELL, OVER TIME</source>
        <translation>WER WIE GUT SCHÄTZT, ÜBER DIE ZEIT</translation>
    </message>
    <message>
        <source>The athlete</source>
        <translation>Der Athlet</translation>
    </message>
    <message>
        <source>You, at first sight</source>
        <translation>Sie, auf den ersten Blick</translation>
    </message>
    <message>
        <source>Your forecasts</source>
        <translation>Ihre Vorhersagen</translation>
    </message>
    <message>
        <source>mostly said too low</source>
        <translation>meist zu niedrig</translation>
    </message>
    <message>
        <source>mostly said too high</source>
        <translation>meist zu hoch</translation>
    </message>
    <message>
        <source>to neither side</source>
        <translation>nach keiner Seite</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: %2 right; off by %3 tolerances, %4.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;: %2 richtig; um %3 Toleranzen daneben, %4.</translation>
    </message>
    <message>
        <source>Practice (P)</source>
        <translation>Üben (P)</translation>
    </message>
    <message>
        <source>Film (F)</source>
        <translation>Film (F)</translation>
    </message>
    <message>
        <source>practice over weeks</source>
        <translation>Üben über Wochen</translation>
    </message>
    <message>
        <source>the film of two sessions</source>
        <translation>der Film zweier Sitzungen</translation>
    </message>
    <message>
        <source>what next</source>
        <translation>wie weiter</translation>
    </message>
    <message>
        <source>take on</source>
        <translation>angehen</translation>
    </message>
    <message>
        <source>take the next step on</source>
        <translation>den nächsten Schritt angehen</translation>
    </message>
    <message>
        <source>FILMED FROM ELSEWHERE</source>
        <translation>VON ANDERSWO GEFILMT</translation>
    </message>
</context>
<context>
    <name>riflesso::RepetitionFinder</name>
    <message>
        <source>Finding repetitions in %1</source>
        <translation>Wiederholungen in %1 werden gesucht</translation>
    </message>
    <message>
        <source>No repetitions proposed. %1</source>
        <translation>Keine Wiederholungen vorgeschlagen. %1</translation>
    </message>
    <message>
        <source>No repetition was found. Cut one by hand (C): it is then sought in the others.</source>
        <translation>Keine Wiederholung wurde gefunden. Eine von Hand schneiden (C): dann wird sie in den anderen gesucht.</translation>
    </message>
    <message>
        <source>What was found is cut already.</source>
        <translation>Was gefunden wurde, ist schon geschnitten.</translation>
    </message>
    <message>
        <source>Find %1</source>
        <translation>%1 suchen</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
    <message>
        <source>%1 found. What is none is removed with Del; all are taken back with Ctrl Z.</source>
        <translation>%1 gefunden. Was keine ist, wird mit Entf entfernt; alle werden mit Strg Z zurückgenommen.</translation>
    </message>
    <message>
        <source>The section was changed meanwhile: find the repetitions again.</source>
        <translation>Der Abschnitt wurde inzwischen geändert: die Wiederholungen noch einmal suchen.</translation>
    </message>
</context>
<context>
    <name>riflesso::RuleBox</name>
    <message>
        <source>Find rules (R)</source>
        <translation>Regeln suchen (R)</translation>
    </message>
    <message>
        <source>No rule</source>
        <translation>Keine Regel</translation>
    </message>
    <message>
        <source>Rules found</source>
        <translation>Gefundene Regeln</translation>
    </message>
    <message>
        <source>HOW &quot;%1&quot; FINDS ITSELF</source>
        <translation>WIE „%1“ SICH FINDET</translation>
    </message>
    <message>
        <source>HOW A POSITION FINDS ITSELF</source>
        <translation>WIE EINE POSITION SICH FINDET</translation>
    </message>
    <message>
        <source>Where %1. </source>
        <translation>Wo %1. </translation>
    </message>
    <message>
        <source>Set in %1 of %2 repetitions.</source>
        <translation>Gesetzt in %1 von %2 Wiederholungen.</translation>
    </message>
    <message>
        <source>Trying every signal of the body …</source>
        <translation>Jedes Signal des Körpers wird versucht …</translation>
    </message>
    <message>
        <source>Finding rules</source>
        <translation>Regeln werden gesucht</translation>
    </message>
    <message>
        <source>%1
%2 frames in %3 of %4 repetitions left out%5%6</source>
        <translation>%1
%2 Bilder in %3 von %4 ausgelassenen Wiederholungen%5%6</translation>
    </message>
    <message>
        <source>; agrees in %1 of %2 of the athlete&apos;s</source>
        <translation>; stimmt in %1 von %2 des Athleten</translation>
    </message>
    <message>
        <source>; needs a marked repetition near by</source>
        <translation>; braucht eine markierte Wiederholung in der Nähe</translation>
    </message>
    <message>
        <source>: not good enough to take</source>
        <translation>: nicht gut genug</translation>
    </message>
    <message>
        <source>Set it in two repetitions at least: one proves nothing.</source>
        <translation>In mindestens zwei Wiederholungen setzen: eine beweist nichts.</translation>
    </message>
    <message>
        <source>No rule places it within %1 frames in every repetition left out (%2 signals tried). It will be carried over from marked repetitions.</source>
        <translation>Keine Regel setzt sie in jeder ausgelassenen Wiederholung auf %1 Bilder genau (%2 Signale versucht). Sie wird aus markierten Wiederholungen übertragen.</translation>
    </message>
    <message>
        <source>Best of %1 signals; a click takes one. A level or a bound may not hold for another athlete: try it.</source>
        <translation>Die besten von %1 Signalen; ein Klick nimmt eine. Eine Höhe oder Grenze gilt vielleicht nicht für einen anderen Athleten: ausprobieren.</translation>
    </message>
    <message>
        <source>This one misses by more than %1 frames, or is not found in every repetition.</source>
        <translation>Diese verfehlt um mehr als %1 Bilder, oder wird nicht in jeder Wiederholung gefunden.</translation>
    </message>
    <message>
        <source>Rule of a position</source>
        <translation>Regel einer Position</translation>
    </message>
    <message>
        <source>Carrying the position over</source>
        <translation>Position wird übertragen</translation>
    </message>
    <message>
        <source>Carried over to the other repetitions</source>
        <translation>In die anderen Wiederholungen übertragen</translation>
    </message>
    <message>
        <source>Step to a frame and press P to name a position there.</source>
        <translation>Zu einem Bild gehen und P drücken, um dort eine Position zu benennen.</translation>
    </message>
    <message>
        <source>The start once more, which ends the cycle: it is found by the rule of the start. </source>
        <translation>Der Anfang noch einmal, der den Zyklus beendet: er wird nach der Regel des Anfangs gefunden. </translation>
    </message>
</context>
<context>
    <name>riflesso::RulerList</name>
    <message>
        <source>Timing</source>
        <translation>Zeiten</translation>
    </message>
    <message>
        <source>At &quot;%1&quot;</source>
        <translation>Bei „%1“</translation>
    </message>
    <message>
        <source>Over the %1</source>
        <translation>Über %1</translation>
    </message>
    <message>
        <source>Observed</source>
        <translation>Beobachtet</translation>
    </message>
    <message>
        <source>Over the set</source>
        <translation>Über den Satz</translation>
    </message>
    <message>
        <source>No values yet.</source>
        <translation>Noch keine Werte.</translation>
    </message>
    <message>
        <source>%1. Click: drawn on the pictures.</source>
        <translation>%1. Klick: in die Bilder gezeichnet.</translation>
    </message>
    <message>
        <source>not available: %1</source>
        <translation>nicht verfügbar: %1</translation>
    </message>
    <message>
        <source>Why this number: %1</source>
        <translation>Warum diese Zahl: %1</translation>
    </message>
    <message>
        <source>Click: why this number.</source>
        <translation>Klick: warum diese Zahl.</translation>
    </message>
    <message>
        <source>Order of the measures</source>
        <translation>Reihenfolge der Messgrößen</translation>
    </message>
    <message>
        <source>by moment</source>
        <translation>nach Augenblick</translation>
    </message>
    <message>
        <source>by part of the body</source>
        <translation>nach Körperteil</translation>
    </message>
    <message>
        <source>Which measures are shown</source>
        <translation>Welche Messgrößen gezeigt werden</translation>
    </message>
    <message>
        <source>all measures</source>
        <translation>alle Messgrößen</translation>
    </message>
    <message>
        <source>deviating</source>
        <translation>abweichende</translation>
    </message>
    <message>
        <source>clear</source>
        <translation>klare</translation>
    </message>
    <message>
        <source>strengths</source>
        <translation>Stärken</translation>
    </message>
    <message>
        <source>without a value</source>
        <translation>ohne Wert</translation>
    </message>
    <message>
        <source>None of the measures is so.</source>
        <translation>Keine der Messgrößen ist so.</translation>
    </message>
    <message>
        <source>trades with %1, %2</source>
        <translation>tauscht sich mit %1, %2</translation>
    </message>
    <message>
        <source>trades with %1</source>
        <translation>tauscht sich mit %1</translation>
    </message>
    <message>
        <source>To get it: %1</source>
        <translation>Um ihn zu bekommen: %1</translation>
    </message>
</context>
<context>
    <name>riflesso::RunChartView</name>
    <message>
        <source>Chosen measure over the sessions</source>
        <translation>Gewählte Messgröße über die Sitzungen</translation>
    </message>
    <message>
        <source>No session has a value of it.</source>
        <translation>Keine Sitzung hat einen Wert davon.</translation>
    </message>
</context>
<context>
    <name>riflesso::RungCard</name>
    <message>
        <source>Begun where it is: %1 is mastered (shown in a quarter or fewer), so this is the last step under it.</source>
        <translation>Dort begonnen, wo er ist: %1 ist beherrscht (in einem Viertel oder weniger gezeigt), also ist dies die letzte Stufe darunter.</translation>
    </message>
    <message>
        <source>Begun where it is: this plan practises at match tempo from the first day; the steps before are to fall back on.</source>
        <translation>Dort begonnen, wo er ist: dieser Plan übt vom ersten Tag an im Wettkampftempo; die Stufen davor sind zum Zurückgehen da.</translation>
    </message>
    <message>
        <source>Begun on the first step: no condition is known in which the fault is mastered.</source>
        <translation>Auf der ersten Stufe begonnen: keine Bedingung ist bekannt, in der der Fehler beherrscht wird.</translation>
    </message>
    <message>
        <source> &lt;b&gt;· start here&lt;/b&gt;</source>
        <translation> &lt;b&gt;· hier beginnen&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Less</source>
        <translation>Weniger</translation>
    </message>
    <message>
        <source>More</source>
        <translation>Mehr</translation>
    </message>
    <message>
        <source>All about %1</source>
        <translation>Alles über %1</translation>
    </message>
    <message>
        <source>Practise · %1 good</source>
        <translation>Üben · %1 gut</translation>
    </message>
    <message>
        <source>Practise</source>
        <translation>Üben</translation>
    </message>
    <message>
        <source>in own words</source>
        <translation>in eigenen Worten</translation>
    </message>
    <message>
        <source>Good:</source>
        <translation>Gut:</translation>
    </message>
    <message>
        <source>Cue in the athlete&apos;s own words</source>
        <translation>Hinweis in den Worten des Athleten</translation>
    </message>
    <message>
        <source>As the athlete would say it. Empty: the pack&apos;s own again.</source>
        <translation>Wie der Athlet es sagen würde. Leer: wieder der des Pakets.</translation>
    </message>
    <message>
        <source>The athlete&apos;s own words; the pack says: &quot;%1&quot;</source>
        <translation>Die Worte des Athleten; das Paket sagt: „%1“</translation>
    </message>
    <message>
        <source>Why:</source>
        <translation>Warum:</translation>
    </message>
    <message>
        <source>Feels:</source>
        <translation>Gefühl:</translation>
    </message>
    <message>
        <source>Gone wrong:</source>
        <translation>Falsch gemacht:</translation>
    </message>
    <message>
        <source>Feeding:</source>
        <translation>Zuspiel:</translation>
    </message>
    <message>
        <source>Easier:</source>
        <translation>Leichter:</translation>
    </message>
    <message>
        <source>Harder:</source>
        <translation>Schwerer:</translation>
    </message>
    <message>
        <source>with a partner</source>
        <translation>mit Partner</translation>
    </message>
    <message>
        <source>alone</source>
        <translation>allein</translation>
    </message>
    <message>
        <source>Condition:</source>
        <translation>Bedingung:</translation>
    </message>
    <message>
        <source>Not with limits of:</source>
        <translation>Nicht bei Einschränkungen von:</translation>
    </message>
    <message>
        <source>in place of %1</source>
        <translation>anstelle von %1</translation>
    </message>
    <message>
        <source>Begun where practice has come to: &quot;%1&quot; is passed, %2 good.</source>
        <translation>Dort begonnen, wohin das Üben gekommen ist: „%1“ ist geschafft, %2 gut.</translation>
    </message>
    <message>
        <source>One step easier: &quot;%1&quot; went badly in the last block, %2 good.</source>
        <translation>Eine Stufe leichter: „%1“ ging im letzten Block schlecht, %2 gut.</translation>
    </message>
</context>
<context>
    <name>riflesso::SameMovementBox</name>
    <message>
        <source>Another camera&apos;s picture of</source>
        <translation>Bild einer anderen Kamera von</translation>
    </message>
    <message>
        <source>The repetition this is another camera&apos;s picture of</source>
        <translation>Die Wiederholung, deren Bild durch eine andere Kamera dies ist</translation>
    </message>
    <message>
        <source>All of this clip by their numbers</source>
        <translation>Alle dieses Clips nach ihren Nummern</translation>
    </message>
    <message>
        <source>a movement of its own</source>
        <translation>eine eigene Bewegung</translation>
    </message>
    <message>
        <source>repetition %1, %2</source>
        <translation>Wiederholung %1, %2</translation>
    </message>
    <message>
        <source>Another camera&apos;s repetition belongs to this one.</source>
        <translation>Die Wiederholung einer anderen Kamera gehört zu dieser.</translation>
    </message>
    <message>
        <source>No key event is marked in both yet: mark one, and each takes over the other&apos;s.</source>
        <translation>Noch ist kein Schlüsselereignis in beiden markiert: eines markieren, und jede übernimmt die der anderen.</translation>
    </message>
    <message>
        <source>Set against each other by: %1.</source>
        <translation>Gegeneinander gesetzt durch: %1.</translation>
    </message>
    <message>
        <source>Two cameras on one repetition</source>
        <translation>Zwei Kameras auf einer Wiederholung</translation>
    </message>
    <message>
        <source>A movement of its own</source>
        <translation>Eine eigene Bewegung</translation>
    </message>
    <message>
        <source>No repetition of another view has the same number.</source>
        <translation>Keine Wiederholung einer anderen Ansicht hat dieselbe Nummer.</translation>
    </message>
    <message>
        <source>Two cameras on %1</source>
        <translation>Zwei Kameras auf %1</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation>Wiederholungen</translation>
    </message>
</context>
<context>
    <name>riflesso::ScoreTerms</name>
    <message>
        <source>Own value of the term</source>
        <translation>Eigener Wert</translation>
    </message>
    <message>
        <source>Reason, kept with the case</source>
        <translation>Grund, mit dem Fall behalten</translation>
    </message>
    <message>
        <source>Reason of the own value</source>
        <translation>Grund des eigenen Werts</translation>
    </message>
    <message>
        <source>Keep</source>
        <translation>Behalten</translation>
    </message>
    <message>
        <source>Computed again</source>
        <translation>Wieder berechnet</translation>
    </message>
    <message>
        <source>Leave</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>Your own value for &quot;%1&quot; of this finding:</source>
        <translation>Ihr eigener Wert für „%1“ bei diesem Befund:</translation>
    </message>
    <message>
        <source>%1, set an own value</source>
        <translation>%1, eigenen Wert setzen</translation>
    </message>
    <message>
        <source>Click: set your own value, with the reason.</source>
        <translation>Klick: eigenen Wert setzen, mit dem Grund.</translation>
    </message>
    <message>
        <source>set by you: %1 (computed %2)</source>
        <translation>von Ihnen gesetzt: %1 (berechnet %2)</translation>
    </message>
    <message>
        <source>leverage</source>
        <translation>Hebel</translation>
    </message>
    <message>
        <source>own %1 + explains %2</source>
        <translation>eigen %1 + erklärt %2</translation>
    </message>
    <message>
        <source>frequency</source>
        <translation>Häufigkeit</translation>
    </message>
    <message>
        <source>shown in %1</source>
        <translation>gezeigt in %1</translation>
    </message>
    <message>
        <source>certainty</source>
        <translation>Sicherheit</translation>
    </message>
    <message>
        <source>mean chance that it is real</source>
        <translation>mittlere Wahrscheinlichkeit, dass er echt ist</translation>
    </message>
    <message>
        <source>effect</source>
        <translation>Wirkung</translation>
    </message>
    <message>
        <source>on the result, from the pack</source>
        <translation>auf das Ergebnis, aus dem Paket</translation>
    </message>
    <message>
        <source>readiness</source>
        <translation>Bereitschaft</translation>
    </message>
    <message>
        <source>limited: change the target</source>
        <translation>eingeschränkt: Zielwert ändern</translation>
    </message>
    <message>
        <source>no limit named</source>
        <translation>keine Einschränkung genannt</translation>
    </message>
    <message>
        <source>score</source>
        <translation>Punktzahl</translation>
    </message>
    <message>
        <source>the product</source>
        <translation>das Produkt</translation>
    </message>
    <message>
        <source>Order: %1. Safety stands above every order.</source>
        <translation>Reihung: %1. Sicherheit steht über jeder Reihung.</translation>
    </message>
    <message>
        <source>on the result, as yours show it</source>
        <translation>auf das Ergebnis, wie Ihre es zeigen</translation>
    </message>
</context>
<context>
    <name>riflesso::SecondLook</name>
    <message>
        <source>%1 ± %2 %3 (%4 pairs)</source>
        <translation>%1 ± %2 %3 (%4 Paare)</translation>
    </message>
    <message>
        <source>px</source>
        <translation>px</translation>
    </message>
    <message>
        <source>frames</source>
        <translation>Bilder</translation>
    </message>
    <message>
        <source>%1 with fewer than %2 pairs yet</source>
        <translation>%1 mit noch weniger als %2 Paaren</translation>
    </message>
    <message>
        <source>Proposed key events were corrected by %1 frames (median of %2).</source>
        <translation>Vorgeschlagene Schlüsselereignisse wurden um %1 Bilder berichtigt (Median von %2).</translation>
    </message>
    <message>
        <source>Pass over</source>
        <translation>Übergehen</translation>
    </message>
    <message>
        <source>Done (Esc)</source>
        <translation>Fertig (Esc)</translation>
    </message>
    <message>
        <source>Nothing in this set was marked by hand that is not marked again already. Three landmarks of a frame, or a key event, set by hand are needed.</source>
        <translation>In diesem Satz wurde nichts von Hand markiert, das nicht schon noch einmal markiert ist. Drei von Hand gesetzte Messpunkte eines Bildes oder ein Schlüsselereignis sind nötig.</translation>
    </message>
    <message>
        <source>Your own hand: %1.</source>
        <translation>Ihre eigene Hand: %1.</translation>
    </message>
    <message>
        <source>Mark %1 again</source>
        <translation>%1 noch einmal markieren</translation>
    </message>
    <message>
        <source>Set &quot;%1&quot; again</source>
        <translation>„%1“ noch einmal setzen</translation>
    </message>
    <message>
        <source>&lt;b&gt;Again, blind, %1 of %2.&lt;/b&gt; %3</source>
        <translation>&lt;b&gt;Noch einmal, blind, %1 von %2.&lt;/b&gt; %3</translation>
    </message>
</context>
<context>
    <name>riflesso::SectionPanel</name>
    <message>
        <source>THIS SECTION</source>
        <translation>DIESER ABSCHNITT</translation>
    </message>
    <message>
        <source>Split here (S)</source>
        <translation>Teilen (S)</translation>
    </message>
    <message>
        <source>Another take begins at this frame: it gets its own view, conditions and slow motion.</source>
        <translation>Bei diesem Bild beginnt eine andere Aufnahme: mit eigener Ansicht, eigenen Bedingungen und eigener Zeitlupe.</translation>
    </message>
    <message>
        <source>Join</source>
        <translation>Verbinden</translation>
    </message>
    <message>
        <source>Makes one section of this and the one before; what is said of that one holds.</source>
        <translation>Macht aus diesem und dem davor einen Abschnitt; was von jenem gesagt ist, gilt.</translation>
    </message>
    <message>
        <source>REPETITION</source>
        <translation>WIEDERHOLUNG</translation>
    </message>
    <message>
        <source>F Felt right</source>
        <translation>F Richtig</translation>
    </message>
    <message>
        <source>O Felt off</source>
        <translation>O Falsch</translation>
    </message>
    <message>
        <source>What the athlete says of it, asked before anything is shown.</source>
        <translation>Was der Athlet davon sagt, gefragt, bevor etwas gezeigt wird.</translation>
    </message>
    <message>
        <source>Remove this repetition</source>
        <translation>Diese Wiederholung entfernen</translation>
    </message>
    <message>
        <source>View</source>
        <translation>Ansicht</translation>
    </message>
    <message>
        <source>Facing</source>
        <translation>Blickrichtung</translation>
    </message>
    <message>
        <source>left in the picture</source>
        <translation>links im Bild</translation>
    </message>
    <message>
        <source>right in the picture</source>
        <translation>rechts im Bild</translation>
    </message>
    <message>
        <source>Conditions</source>
        <translation>Bedingungen</translation>
    </message>
    <message>
        <source>Capture rate divided by stored rate: filmed at 240 and stored at 30 is 8. Times are divided by it once.</source>
        <translation>Aufnahmerate geteilt durch gespeicherte Rate: mit 240 gefilmt und mit 30 gespeichert ist 8. Zeiten werden einmal dadurch geteilt.</translation>
    </message>
    <message>
        <source>Slow motion ×</source>
        <translation>Zeitlupe ×</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source> mm/px</source>
        <translation> mm/px</translation>
    </message>
    <message>
        <source>Millimetres a pixel in the plane of movement. Without it lengths are given in body units.</source>
        <translation>Millimeter je Pixel in der Bewegungsebene. Ohne ihn werden Längen in Körpereinheiten angegeben.</translation>
    </message>
    <message>
        <source>Scale</source>
        <translation>Maßstab</translation>
    </message>
    <message>
        <source>Known length (L)</source>
        <translation>Bekannte Länge (L)</translation>
    </message>
    <message>
        <source>Click both ends of something of known length on the picture: the scale follows.</source>
        <translation>Im Bild beide Enden von etwas bekannter Länge anklicken: der Maßstab folgt.</translation>
    </message>
    <message>
        <source>Camera off by</source>
        <translation>Verdreht um</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>the athlete&apos;s</source>
        <translation>die des Athleten</translation>
    </message>
    <message>
        <source>left</source>
        <translation>links</translation>
    </message>
    <message>
        <source>right</source>
        <translation>rechts</translation>
    </message>
    <message>
        <source>the athlete</source>
        <translation>der Athlet</translation>
    </message>
    <message>
        <source>Who</source>
        <translation>Wer</translation>
    </message>
    <message>
        <source>Result of repetition %1: %2</source>
        <translation>Ergebnis von Wiederholung %1: %2</translation>
    </message>
    <message>
        <source>Repetition %1 felt right</source>
        <translation>Wiederholung %1 fühlte sich richtig an</translation>
    </message>
    <message>
        <source>Repetition %1 felt off</source>
        <translation>Wiederholung %1 fühlte sich falsch an</translation>
    </message>
    <message>
        <source>Remove repetition %1</source>
        <translation>Wiederholung %1 entfernen</translation>
    </message>
    <message>
        <source>Change the section</source>
        <translation>Abschnitt ändern</translation>
    </message>
    <message>
        <source>SECTION %1 OF %2</source>
        <translation>ABSCHNITT %1 VON %2</translation>
    </message>
    <message>
        <source>Split the section at frame %1</source>
        <translation>Abschnitt bei Bild %1 teilen</translation>
    </message>
    <message>
        <source>Join two sections</source>
        <translation>Zwei Abschnitte verbinden</translation>
    </message>
    <message>
        <source>Known length of %1 m</source>
        <translation>Bekannte Länge von %1 m</translation>
    </message>
    <message>
        <source>Forget the known lengths</source>
        <translation>Bekannte Längen vergessen</translation>
    </message>
    <message>
        <source>&lt;b&gt;Repetition %1&lt;/b&gt;, frames %2 to %3%4</source>
        <translation>&lt;b&gt;Wiederholung %1&lt;/b&gt;, Bilder %2 bis %3%4</translation>
    </message>
    <message>
        <source>, no result yet</source>
        <translation>, noch kein Ergebnis</translation>
    </message>
    <message>
        <source>None chosen in this clip.</source>
        <translation>In diesem Clip ist keine gewählt.</translation>
    </message>
    <message>
        <source>Repetition %1: %2</source>
        <translation>Wiederholung %1: %2</translation>
    </message>
    <message>
        <source>T Which variant?</source>
        <translation>T Welche Form?</translation>
    </message>
    <message>
        <source>T %1</source>
        <translation>T %1</translation>
    </message>
    <message>
        <source>assumed square on</source>
        <translation>wie rechtwinklig</translation>
    </message>
    <message>
        <source>How far the camera stands off square to the movement. What is seen is corrected for it, with a wider ±; beyond %1° nothing is measured. Until somebody says it, every ± allows for %2°.</source>
        <translation>Wie weit die Kamera gegen die Bewegung verdreht steht. Das Gesehene wird dafür berichtigt, mit weiterem ±; über %1° hinaus wird nichts gemessen. Bis jemand es sagt, rechnet jedes ± mit %2°.</translation>
    </message>
    <message>
        <source>It stood square on</source>
        <translation>Sie stand rechtwinklig</translation>
    </message>
    <message>
        <source>Within some 5°: the numbers of this section allow for no more.</source>
        <translation>Auf etwa 5° genau: die Zahlen dieses Abschnitts rechnen mit nicht mehr.</translation>
    </message>
    <message>
        <source>not said</source>
        <translation>nicht gesagt</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source>Camera height</source>
        <translation>Kamerahöhe</translation>
    </message>
    <message>
        <source>Of the lens above the floor. A retest from another height says so.</source>
        <translation>Des Objektivs über dem Boden. Ein Nachtest aus anderer Höhe sagt es.</translation>
    </message>
    <message>
        <source>Distance</source>
        <translation>Entfernung</translation>
    </message>
    <message>
        <source>Of the lens from the plane of movement. A retest from elsewhere says so.</source>
        <translation>Des Objektivs von der Bewegungsebene. Ein Nachtest von anderswo sagt es.</translation>
    </message>
    <message>
        <source>T %1…</source>
        <translation>T %1…</translation>
    </message>
</context>
<context>
    <name>riflesso::SectionPicture</name>
    <message>
        <source>Paths, speeds and lengths over time are refused until its movement is taken out.</source>
        <translation>Wege, Geschwindigkeiten und Längen über die Zeit werden verweigert, bis ihre Bewegung herausgerechnet ist.</translation>
    </message>
    <message>
        <source>Taken out in %1 % of the frames; the background meets within %2 px.</source>
        <translation>Herausgerechnet in %1 % der Bilder; der Hintergrund deckt sich auf %2 px.</translation>
    </message>
    <message>
        <source>Picture, lens, camera…</source>
        <translation>Bild, Objektiv, Kamera…</translation>
    </message>
    <message>
        <source>Mirrored clips, black bars, a tilted camera, known points, the lens, a camera that moves, sound.</source>
        <translation>Gespiegelte Clips, schwarze Balken, eine gekippte Kamera, bekannte Punkte, das Objektiv, eine bewegte Kamera, Ton.</translation>
    </message>
    <message>
        <source>The file is mirrored: turn it</source>
        <translation>Die Datei ist gespiegelt: umdrehen</translation>
    </message>
    <message>
        <source>Left stands for right in the file, as front cameras leave it. Marks turn over with it.</source>
        <translation>In der Datei steht links für rechts, wie Frontkameras es hinterlassen. Marken drehen sich mit.</translation>
    </message>
    <message>
        <source>Part in use…</source>
        <translation>Genutzter Teil…</translation>
    </message>
    <message>
        <source>Two corners on the picture: bars outside are left out.</source>
        <translation>Zwei Ecken im Bild: Balken außerhalb werden weggelassen.</translation>
    </message>
    <message>
        <source>Whole</source>
        <translation>Ganz</translation>
    </message>
    <message>
        <source>The whole picture is in use.</source>
        <translation>Das ganze Bild wird genutzt.</translation>
    </message>
    <message>
        <source>Something upright (V)</source>
        <translation>Etwas Senkrechtes (V)</translation>
    </message>
    <message>
        <source>Both ends of a post or a wall&apos;s edge: takes the camera&apos;s roll out.</source>
        <translation>Beide Enden eines Pfostens oder einer Wandkante: nimmt die Kippung der Kamera heraus.</translation>
    </message>
    <message>
        <source>Forget</source>
        <translation>Vergessen</translation>
    </message>
    <message>
        <source>Known points (K)</source>
        <translation>Bekannte Punkte (K)</translation>
    </message>
    <message>
        <source>Four corners of a rectangle of known size, or six points, which can be checked.</source>
        <translation>Vier Ecken eines Rechtecks bekannter Größe, oder sechs Punkte, die sich prüfen lassen.</translation>
    </message>
    <message>
        <source>From the lines of the floor: how far the camera stands off square.</source>
        <translation>Aus den Linien des Bodens: wie weit die Kamera verdreht steht.</translation>
    </message>
    <message>
        <source>Lens…</source>
        <translation>Objektiv…</translation>
    </message>
    <message>
        <source>From a clip of the same camera and zoom in which a chessboard is shown from many sides.</source>
        <translation>Aus einem Clip derselben Kamera und desselben Zooms, in dem ein Schachbrett von vielen Seiten gezeigt wird.</translation>
    </message>
    <message>
        <source>Inner corners across</source>
        <translation>Innere Ecken quer</translation>
    </message>
    <message>
        <source>Inner corners down</source>
        <translation>Innere Ecken hinunter</translation>
    </message>
    <message>
        <source>inner corners</source>
        <translation>innere Ecken</translation>
    </message>
    <message>
        <source>Does the camera move?</source>
        <translation>Bewegt sich die Kamera?</translation>
    </message>
    <message>
        <source>camera: not looked at</source>
        <translation>Kamera: nicht geprüft</translation>
    </message>
    <message>
        <source>camera stands</source>
        <translation>Kamera steht</translation>
    </message>
    <message>
        <source>camera moves</source>
        <translation>Kamera bewegt sich</translation>
    </message>
    <message>
        <source>Follow it</source>
        <translation>Ihr folgen</translation>
    </message>
    <message>
        <source>Finds how the camera moved from what stands still behind the athlete.</source>
        <translation>Findet aus dem, was hinter dem Athleten stillsteht, wie sich die Kamera bewegte.</translation>
    </message>
    <message>
        <source>Its sound is not of this scene</source>
        <translation>Ihr Ton ist nicht von dieser Szene</translation>
    </message>
    <message>
        <source>Music or a comment: no contact is looked for in it.</source>
        <translation>Musik oder ein Kommentar: darin wird nach keiner Berührung gesucht.</translation>
    </message>
    <message>
        <source>not known</source>
        <translation>nicht bekannt</translation>
    </message>
    <message>
        <source> m</source>
        <translation> m</translation>
    </message>
    <message>
        <source>From the athlete to the microphone: sound needs 3 ms a metre.</source>
        <translation>Vom Athleten zum Mikrofon: Schall braucht 3 ms je Meter.</translation>
    </message>
    <message>
        <source>Microphone away</source>
        <translation>Mikrofon entfernt</translation>
    </message>
    <message>
        <source>Listen for contacts</source>
        <translation>Nach Berührungen horchen</translation>
    </message>
    <message>
        <source>Marks sudden sounds on the line under the picture; , and . go from one to the next. On Mark, K sets a key event at the sound.</source>
        <translation>Markiert plötzliche Töne auf der Linie unter dem Bild; , und . gehen von einem zum nächsten. In Markieren setzt K ein Schlüsselereignis beim Ton.</translation>
    </message>
    <message>
        <source>Turn the picture left for right</source>
        <translation>Bild links für rechts drehen</translation>
    </message>
    <message>
        <source>The whole picture is in use</source>
        <translation>Das ganze Bild wird genutzt</translation>
    </message>
    <message>
        <source>Forget what stood upright</source>
        <translation>Senkrechtes vergessen</translation>
    </message>
    <message>
        <source>Forget the known points</source>
        <translation>Bekannte Punkte vergessen</translation>
    </message>
    <message>
        <source>Forget the lens</source>
        <translation>Objektiv vergessen</translation>
    </message>
    <message>
        <source>Camera off by %1°</source>
        <translation>Kamera um %1° verdreht</translation>
    </message>
    <message>
        <source>Whether the camera moves</source>
        <translation>Ob die Kamera sich bewegt</translation>
    </message>
    <message>
        <source>Whose sound it is</source>
        <translation>Wessen Ton es ist</translation>
    </message>
    <message>
        <source>Distance of the microphone</source>
        <translation>Entfernung des Mikrofons</translation>
    </message>
    <message>
        <source>Clip of a chessboard</source>
        <translation>Clip eines Schachbretts</translation>
    </message>
    <message>
        <source>Something upright</source>
        <translation>Etwas Senkrechtes</translation>
    </message>
    <message>
        <source>Known points</source>
        <translation>Bekannte Punkte</translation>
    </message>
    <message>
        <source>Part of the picture in use</source>
        <translation>Genutzter Teil des Bildes</translation>
    </message>
    <message>
        <source>%1 × %2 pixels at %3, %4</source>
        <translation>%1 × %2 Pixel bei %3, %4</translation>
    </message>
    <message>
        <source>The camera is %1.</source>
        <translation>Die Kamera ist %1.</translation>
    </message>
    <message>
        <source>Floor: %1.</source>
        <translation>Boden: %1.</translation>
    </message>
    <message>
        <source>Plane of movement: %1.</source>
        <translation>Bewegungsebene: %1.</translation>
    </message>
    <message>
        <source>Camera is %1° off: take it</source>
        <translation>Kamera ist um %1° verdreht: übernehmen</translation>
    </message>
    <message>
        <source>The lens is taken out; its chessboards meet within %1 px (RMS).</source>
        <translation>Das Objektiv ist herausgerechnet; seine Schachbretter decken sich auf %1 px (RMS).</translation>
    </message>
    <message>
        <source>mirrored</source>
        <translation>gespiegelt</translation>
    </message>
    <message>
        <source>part in use</source>
        <translation>genutzter Teil</translation>
    </message>
    <message>
        <source>upright</source>
        <translation>senkrecht</translation>
    </message>
    <message>
        <source>known points</source>
        <translation>bekannte Punkte</translation>
    </message>
    <message>
        <source>lens</source>
        <translation>Objektiv</translation>
    </message>
    <message>
        <source>camera followed</source>
        <translation>Kamera verfolgt</translation>
    </message>
    <message>
        <source>Picture: %1</source>
        <translation>Bild: %1</translation>
    </message>
    <message>
        <source>Finding the lens</source>
        <translation>Objektiv wird bestimmt</translation>
    </message>
    <message>
        <source>No lens was found. %1</source>
        <translation>Kein Objektiv wurde gefunden. %1</translation>
    </message>
    <message>
        <source>Lens of the camera</source>
        <translation>Objektiv der Kamera</translation>
    </message>
    <message>
        <source>Lens found from %1: focal length %2 px, within %3 px (RMS).</source>
        <translation>Objektiv gefunden aus %1: Brennweite %2 px, auf %3 px genau (RMS).</translation>
    </message>
    <message>
        <source>chessboard</source>
        <translation>Schachbrett</translation>
    </message>
    <message>
        <source>chessboards</source>
        <translation>Schachbrettern</translation>
    </message>
    <message>
        <source>Listening to %1</source>
        <translation>Horcht in %1</translation>
    </message>
    <message>
        <source>No sudden sound was found.</source>
        <translation>Kein plötzlicher Ton wurde gefunden.</translation>
    </message>
    <message>
        <source>%1 found; , and . go from one to the next.</source>
        <translation>%1 gefunden; , und . gehen von einem zum nächsten.</translation>
    </message>
    <message>
        <source>sudden sound</source>
        <translation>plötzlicher Ton</translation>
    </message>
    <message>
        <source>sudden sounds</source>
        <translation>plötzliche Töne</translation>
    </message>
    <message>
        <source>Following the camera of %1</source>
        <translation>Der Kamera von %1 wird gefolgt</translation>
    </message>
    <message>
        <source>The camera stands</source>
        <translation>Die Kamera steht</translation>
    </message>
    <message>
        <source>The camera stands: the background wanders by %1 px at most.</source>
        <translation>Die Kamera steht: der Hintergrund wandert um höchstens %1 px.</translation>
    </message>
    <message>
        <source>The camera moves</source>
        <translation>Die Kamera bewegt sich</translation>
    </message>
    <message>
        <source>The camera moves, and too little of the background could be followed (%1 % of the frames). Film from a stand, or with more to see behind the athlete.</source>
        <translation>Die Kamera bewegt sich, und zu wenig vom Hintergrund ließ sich verfolgen (%1 % der Bilder). Vom Stativ filmen, oder mit mehr hinter dem Athleten zu sehen.</translation>
    </message>
    <message>
        <source>Take the camera&apos;s movement out</source>
        <translation>Bewegung der Kamera herausrechnen</translation>
    </message>
    <message>
        <source>The camera&apos;s movement, up to %1 px, is taken out: the background meets within %2 px.</source>
        <translation>Die Bewegung der Kamera, bis %1 px, ist herausgerechnet: der Hintergrund deckt sich auf %2 px.</translation>
    </message>
    <message>
        <source>The section was changed meanwhile: follow its camera again.</source>
        <translation>Der Abschnitt wurde inzwischen geändert: seiner Kamera noch einmal folgen.</translation>
    </message>
</context>
<context>
    <name>riflesso::SessionList</name>
    <message>
        <source>Counted block</source>
        <translation>Gezählter Block</translation>
    </message>
    <message>
        <source>Cue recalled</source>
        <translation>Hinweis erinnert</translation>
    </message>
    <message>
        <source>Warm up</source>
        <translation>Aufwärmen</translation>
    </message>
    <message>
        <source>Main focus</source>
        <translation>Hauptpunkt</translation>
    </message>
    <message>
        <source>Minor focus</source>
        <translation>Nebenpunkt</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Abschluss</translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation>%1 min</translation>
    </message>
    <message>
        <source>12, nothing told</source>
        <translation>12, nichts gesagt</translation>
    </message>
    <message>
        <source>%1 good</source>
        <translation>%1 gut</translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation>%1  %2</translation>
    </message>
</context>
<context>
    <name>riflesso::SettingsPage</name>
    <message>
        <source>light</source>
        <translation>hell</translation>
    </message>
    <message>
        <source>dark</source>
        <translation>dunkel</translation>
    </message>
    <message>
        <source>as the system</source>
        <translation>wie das System</translation>
    </message>
    <message>
        <source>Theme</source>
        <translation>Farben</translation>
    </message>
    <message>
        <source>usual</source>
        <translation>üblich</translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation>%1 %</translation>
    </message>
    <message>
        <source>Size of text and controls</source>
        <translation>Größe von Text und Bedienung</translation>
    </message>
    <message>
        <source>From the next start on. Files are always written with a decimal point.</source>
        <translation>Ab dem nächsten Start. Dateien werden immer mit Dezimalpunkt geschrieben.</translation>
    </message>
    <message>
        <source>Language of dates and numbers</source>
        <translation>Sprache von Daten und Zahlen</translation>
    </message>
    <message>
        <source>What to fix first, in this case</source>
        <translation>Was zuerst zu beheben ist, in diesem Fall</translation>
    </message>
    <message>
        <source>What to fix first, in new cases</source>
        <translation>Was zuerst zu beheben ist, in neuen Fällen</translation>
    </message>
    <message>
        <source> MiB</source>
        <translation> MiB</translation>
    </message>
    <message>
        <source>Pictures kept of a clip</source>
        <translation>Behaltene Bilder eines Clips</translation>
    </message>
    <message>
        <source> px at 1080 lines</source>
        <translation> px bei 1080 Zeilen</translation>
    </message>
    <message>
        <source>How sure a mark is</source>
        <translation>Wie sicher eine Marke ist</translation>
    </message>
    <message>
        <source>Change the school of ranking</source>
        <translation>Schule der Reihung ändern</translation>
    </message>
    <message>
        <source>Text and controls have the new size from the next start on.</source>
        <translation>Text und Bedienung haben ab dem nächsten Start die neue Größe.</translation>
    </message>
    <message>
        <source>Dates and numbers are in this language from the next start on.</source>
        <translation>Daten und Zahlen sind ab dem nächsten Start in dieser Sprache.</translation>
    </message>
    <message>
        <source>Marks set from now on: %1 px at 1080 lines.</source>
        <translation>Ab jetzt gesetzte Marken: %1 px bei 1080 Zeilen.</translation>
    </message>
    <message>
        <source>Folder of the library</source>
        <translation>Ordner der Bibliothek</translation>
    </message>
    <message>
        <source>Open is the library in %1.</source>
        <translation>Offen ist die Bibliothek in %1.</translation>
    </message>
    <message>
        <source>Open is the library in %1. The one in %2 stays as it is.</source>
        <translation>Offen ist die Bibliothek in %1. Die in %2 bleibt, wie sie ist.</translation>
    </message>
    <message>
        <source>Settings hold for this machine; the school of ranking for this case.</source>
        <translation>Einstellungen gelten für diese Maschine; die Schule der Reihung für diesen Fall.</translation>
    </message>
    <message>
        <source>The clips keep %1 MiB of pictures together.</source>
        <translation>Die Clips behalten zusammen %1 MiB an Bildern.</translation>
    </message>
    <message>
        <source>Of the window, the papers and the skills that have their words in it, from the next start on. What is missing stays English.</source>
        <translation>Des Fensters, der Papiere und der Fertigkeiten, die ihre Worte darin haben, ab dem nächsten Start. Was fehlt, bleibt englisch.</translation>
    </message>
    <message>
        <source>Language</source>
        <translation>Sprache</translation>
    </message>
    <message>
        <source>as the words</source>
        <translation>wie die Worte</translation>
    </message>
    <message>
        <source>Window, papers and skills are in this language from the next start on.</source>
        <translation>Fenster, Papiere und Fertigkeiten sind ab dem nächsten Start in dieser Sprache.</translation>
    </message>
    <message>
        <source>LOOK</source>
        <translation>AUSSEHEN</translation>
    </message>
    <message>
        <source>From the next start on. A screen of 1920 × 1080 has room for 130&#xa0;%.</source>
        <translation>Ab dem nächsten Start. Ein Bildschirm von 1920 × 1080 hat Platz für 130&#xa0;%.</translation>
    </message>
    <message>
        <source>LANGUAGE</source>
        <translation>SPRACHE</translation>
    </message>
    <message>
        <source>MARKING AND JUDGING</source>
        <translation>MARKIEREN UND BEURTEILEN</translation>
    </message>
    <message>
        <source>Standard uncertainty of a mark set from now on, where no repeatability was measured; marks that are there keep theirs. It scales with the height of the picture: 2 px at 1080 lines are 1 px at 540.</source>
        <translation>Standardunsicherheit einer Marke, die ab jetzt gesetzt wird, wo keine Wiederholbarkeit gemessen ist; vorhandene Marken behalten ihre. Sie richtet sich nach der Höhe des Bildes: 2 px bei 1080 Zeilen sind 1 px bei 540.</translation>
    </message>
    <message>
        <source>MEMORY</source>
        <translation>SPEICHER</translation>
    </message>
    <message>
        <source>Of all clips together. More makes going back and forth quicker.</source>
        <translation>Aller Clips zusammen. Mehr macht das Vor- und Zurückgehen schneller.</translation>
    </message>
</context>
<context>
    <name>riflesso::SetupDrawing</name>
    <message>
        <source>The set-up from above</source>
        <translation>Der Aufbau von oben</translation>
    </message>
    <message>
        <source>plane of movement</source>
        <translation>Bewegungsebene</translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation>%1 m</translation>
    </message>
    <message>
        <source>%1 m seen</source>
        <translation>%1 m zu sehen</translation>
    </message>
    <message>
        <source>%1° off square</source>
        <translation>%1° verdreht</translation>
    </message>
</context>
<context>
    <name>riflesso::ShareBar</name>
    <message>
        <source>Share of good repetitions in this block</source>
        <translation>Anteil guter Wiederholungen in diesem Block</translation>
    </message>
    <message>
        <source>easier</source>
        <translation>leichter</translation>
    </message>
    <message>
        <source>stay</source>
        <translation>bleiben</translation>
    </message>
    <message>
        <source>go on</source>
        <translation>weiter</translation>
    </message>
</context>
<context>
    <name>riflesso::SkillBox</name>
    <message>
        <source>Skill</source>
        <translation>Fertigkeit</translation>
    </message>
    <message>
        <source>Type a sport, a movement, a part of the body</source>
        <translation>Eine Sportart, eine Bewegung, einen Körperteil eintippen</translation>
    </message>
    <message>
        <source>Your own</source>
        <translation>Ihre eigenen</translation>
    </message>
</context>
<context>
    <name>riflesso::SkillDesk</name>
    <message>
        <source>A skill begins as a case: open one, with a model or the athlete&apos;s best repetitions.</source>
        <translation>Eine Fertigkeit beginnt als Fall: einen öffnen, mit einem Vorbild oder den besten Wiederholungen des Athleten.</translation>
    </message>
    <message>
        <source>A skill of one&apos;s own</source>
        <translation>Eine eigene Fertigkeit</translation>
    </message>
    <message>
        <source>A skill from a file</source>
        <translation>Fertigkeit aus einer Datei</translation>
    </message>
    <message>
        <source>The skill still has %1: it is kept as a draft, not as an edition.</source>
        <translation>Die Fertigkeit hat noch %1: sie wird als Entwurf behalten, nicht als Ausgabe.</translation>
    </message>
    <message>
        <source>fault</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Edition %1 of the skill</source>
        <translation>Ausgabe %1 der Fertigkeit</translation>
    </message>
    <message>
        <source>Kept as edition %1. Cases keep the edition that they have until they are brought over.</source>
        <translation>Als Ausgabe %1 behalten. Fälle behalten die Ausgabe, die sie haben, bis sie umgestellt werden.</translation>
    </message>
    <message>
        <source>Brought to edition %1</source>
        <translation>Auf Ausgabe %1 umgestellt</translation>
    </message>
    <message>
        <source>A skill with a fault cannot be tried: see what is still wrong.</source>
        <translation>Eine Fertigkeit mit einem Mangel lässt sich nicht ausprobieren: ansehen, was noch falsch ist.</translation>
    </message>
    <message>
        <source>Try the skill on this case</source>
        <translation>Fertigkeit an diesem Fall ausprobieren</translation>
    </message>
    <message>
        <source>The case keeps the skill as it is</source>
        <translation>Der Fall behält die Fertigkeit, wie sie ist</translation>
    </message>
    <message>
        <source>The skill removed</source>
        <translation>Fertigkeit entfernt</translation>
    </message>
</context>
<context>
    <name>riflesso::SkillsBox</name>
    <message>
        <source>not decided there</source>
        <translation>dort nicht entschieden</translation>
    </message>
    <message>
        <source>worked on there</source>
        <translation>dort wird daran gearbeitet</translation>
    </message>
    <message>
        <source>parked there</source>
        <translation>dort zurückgestellt</translation>
    </message>
    <message>
        <source>not a fault there</source>
        <translation>dort kein Fehler</translation>
    </message>
    <message>
        <source>SKILLS</source>
        <translation>FERTIGKEITEN</translation>
    </message>
    <message>
        <source>Another skill of this athlete</source>
        <translation>Eine weitere Fertigkeit dieses Athleten</translation>
    </message>
    <message>
        <source>Add this skill</source>
        <translation>Hinzufügen</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, open here</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;, hier offen</translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation>%1 (%2)</translation>
    </message>
    <message>
        <source>No fault in common.</source>
        <translation>Kein Fehler gemeinsam.</translation>
    </message>
    <message>
        <source>In common: %1.</source>
        <translation>Gemeinsam: %1.</translation>
    </message>
    <message>
        <source>Open</source>
        <translation>Öffnen</translation>
    </message>
    <message>
        <source>Open %1</source>
        <translation>%1 öffnen</translation>
    </message>
    <message>
        <source>Add a skill</source>
        <translation>Fertigkeit hinzufügen</translation>
    </message>
    <message>
        <source>Baseline</source>
        <translation>Ausgangsstand</translation>
    </message>
</context>
<context>
    <name>riflesso::SpokenNotesBox</name>
    <message>
        <source>Note %1, %2</source>
        <translation>Notiz %1, %2</translation>
    </message>
    <message>
        <source>Listen</source>
        <translation>Anhören</translation>
    </message>
    <message>
        <source>Listen to note %1</source>
        <translation>Notiz %1 anhören</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>Remove note %1</source>
        <translation>Notiz %1 entfernen</translation>
    </message>
    <message>
        <source>Remove a spoken note</source>
        <translation>Gesprochene Notiz entfernen</translation>
    </message>
    <message>
        <source>Speak a note</source>
        <translation>Notiz sprechen</translation>
    </message>
    <message>
        <source>There is nothing to hear it with: no loudspeaker or headphones are there.</source>
        <translation>Es gibt nichts zum Hören: weder Lautsprecher noch Kopfhörer sind da.</translation>
    </message>
    <message>
        <source>SAID OF THE CLIP, AND DRAWN</source>
        <translation>ZUM CLIP GESAGT UND GEZEICHNET</translation>
    </message>
    <message>
        <source>Drawn on frame %1</source>
        <translation>Gezeichnet auf Bild %1</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Show what is drawn on frame %1</source>
        <translation>Zeigen, was auf Bild %1 gezeichnet ist</translation>
    </message>
    <message>
        <source>Remove what is drawn on frame %1</source>
        <translation>Entfernen, was auf Bild %1 gezeichnet ist</translation>
    </message>
    <message>
        <source>Remove a drawing</source>
        <translation>Zeichnung entfernen</translation>
    </message>
</context>
<context>
    <name>riflesso::StageView</name>
    <message>
        <source>Stage: the picture of the clip</source>
        <translation>Bühne: das Bild des Clips</translation>
    </message>
    <message>
        <source>No picture yet</source>
        <translation>Noch kein Bild</translation>
    </message>
</context>
<context>
    <name>riflesso::StartPage</name>
    <message>
        <source>Start a case</source>
        <translation>Einen Fall beginnen</translation>
    </message>
    <message>
        <source>One athlete, one skill. Clips, marks, findings and the plan are kept together.</source>
        <translation>Ein Athlet, eine Fertigkeit. Clips, Marken, Befunde und der Plan bleiben beisammen.</translation>
    </message>
    <message>
        <source>Name of the athlete</source>
        <translation>Name des Athleten</translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation>rechtshändig</translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation>linkshändig</translation>
    </message>
    <message>
        <source>Athlete</source>
        <translation>Athlet</translation>
    </message>
    <message>
        <source>Hand</source>
        <translation>Hand</translation>
    </message>
    <message>
        <source>Skill</source>
        <translation>Fertigkeit</translation>
    </message>
    <message>
        <source>Start the case</source>
        <translation>Fall beginnen</translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation>Beispiel öffnen</translation>
    </message>
    <message>
        <source>Take the ten-minute tour</source>
        <translation>Rundgang in zehn Minuten</translation>
    </message>
    <message>
        <source>From the athlete to the printed plan, in the demo. It can be left at any step.</source>
        <translation>Vom Athleten zum gedruckten Plan, im Beispiel. Bei jedem Schritt lässt er sich verlassen.</translation>
    </message>
    <message>
        <source>Back to my library</source>
        <translation>Zurück zu meiner Bibliothek</translation>
    </message>
    <message>
        <source>Filming people, often children, needs their consent or that of their parents. Everything stays on this machine.</source>
        <translation>Menschen zu filmen, oft Kinder, braucht ihre Einwilligung oder die ihrer Eltern. Alles bleibt auf dieser Maschine.</translation>
    </message>
    <message>
        <source>Open is the case of %1. &lt;b&gt;Next: open another, start one, or bring one in.&lt;/b&gt;</source>
        <translation>Offen ist der Fall von %1. &lt;b&gt;Weiter: einen anderen öffnen, einen beginnen, oder einen hereinholen.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>This library has no case yet. &lt;b&gt;Next: start one, open the demo, or take the tour.&lt;/b&gt;</source>
        <translation>Diese Bibliothek hat noch keinen Fall. &lt;b&gt;Weiter: einen beginnen, das Beispiel öffnen, oder den Rundgang machen.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Waiting for the case: %1.</source>
        <translation>Wartet auf den Fall: %1.</translation>
    </message>
    <message>
        <source>clip</source>
        <translation>Clip</translation>
    </message>
    <message>
        <source>clips</source>
        <translation>Clips</translation>
    </message>
    <message>
        <source>A case needs the athlete&apos;s name and a skill.</source>
        <translation>Ein Fall braucht den Namen des Athleten und eine Fertigkeit.</translation>
    </message>
    <message>
        <source>Baseline</source>
        <translation>Ausgangsstand</translation>
    </message>
    <message>
        <source>Six cases of an invented hall. Ilka Sandrey fences left-handed: her lunges are filmed, marked and compared with two instructors. Davor Quillane rows on the machine, stroke by stroke against three club rowers. Mirelle Ostrand comes back to the bow, filmed from two sides, against her own best shots. Joris Halvane plays overhead strokes, known and by surprise; Nerea Valcourt swims before a window under water; Anselm Rusk plays with the cue. Walk along the course from Athlete to Hand-over and change what you like: the demo is your own copy and can be put back to its first state in Settings.</source>
        <translation>Sechs Fälle einer erfundenen Halle. Ilka Sandrey ficht mit links: ihre Ausfälle sind gefilmt, markiert und mit zwei Lehrenden verglichen. Davor Quillane rudert an der Maschine, Schlag für Schlag gegen drei Vereinsruderer. Mirelle Ostrand kehrt zum Bogen zurück, von zwei Seiten gefilmt, gegen ihre eigenen besten Schüsse. Joris Halvane spielt Überkopfschläge, angesagt und überraschend; Nerea Valcourt schwimmt vor einem Fenster unter Wasser; Anselm Rusk spielt mit dem Queue. Den Weg von Athlet bis Übergabe entlanggehen und nach Belieben ändern: das Beispiel ist Ihre eigene Kopie und lässt sich in den Einstellungen in seinen ersten Zustand zurückversetzen.</translation>
    </message>
    <message>
        <source>This version of the program has another demo. The one you have stays beside it, with all that you changed.</source>
        <translation>Diese Fassung des Programms hat ein anderes Beispiel. Das vorhandene bleibt daneben, mit allem, was Sie geändert haben.</translation>
    </message>
    <message>
        <source>Open the newer demo</source>
        <translation>Neueres Beispiel öffnen</translation>
    </message>
    <message>
        <source>Open the demo of before</source>
        <translation>Früheres Beispiel öffnen</translation>
    </message>
</context>
<context>
    <name>riflesso::StatusLine</name>
    <message>
        <source>Every step is saved when it is done</source>
        <translation>Jeder Schritt ist gespeichert, wenn er getan ist</translation>
    </message>
    <message>
        <source>stop</source>
        <translation>Halt</translation>
    </message>
    <message>
        <source>Only shown, not to be changed here</source>
        <translation>Nur gezeigt, hier nicht zu ändern</translation>
    </message>
    <message>
        <source>Saved %1</source>
        <translation>Gespeichert %1</translation>
    </message>
    <message>
        <source>%1 · %2 %</source>
        <translation>%1 · %2 %</translation>
    </message>
    <message>
        <source>all keys</source>
        <translation>alle Tasten</translation>
    </message>
    <message>
        <source>Stops what is named beside it</source>
        <translation>Hält an, was daneben steht</translation>
    </message>
    <message>
        <source>Lists what else runs, each with its own stop</source>
        <translation>Listet, was sonst läuft, jedes mit eigenem Stopp</translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation>%1 mehr</translation>
    </message>
    <message>
        <source>Stop: %1</source>
        <translation>Stopp: %1</translation>
    </message>
</context>
<context>
    <name>riflesso::StopBox</name>
    <message>
        <source>Stop the exercise now. What was said is kept with the athlete, and the plan waits until a licensed professional has been asked and it is written down who advised what.</source>
        <translation>Die Übung jetzt beenden. Das Gesagte wird beim Athleten behalten, und der Plan wartet, bis medizinisches Fachpersonal gefragt und aufgeschrieben ist, wer was geraten hat.</translation>
    </message>
    <message>
        <source>What happened</source>
        <translation>Was geschah</translation>
    </message>
    <message>
        <source>In the athlete&apos;s words</source>
        <translation>In den Worten des Athleten</translation>
    </message>
    <message>
        <source>Keep and stop</source>
        <translation>Behalten und anhalten</translation>
    </message>
    <message>
        <source>Nothing of the kind</source>
        <translation>Nichts dergleichen</translation>
    </message>
    <message>
        <source>Stop: %1</source>
        <translation>Stopp: %1</translation>
    </message>
    <message>
        <source>where?</source>
        <translation>wo?</translation>
    </message>
</context>
<context>
    <name>riflesso::TargetEditor</name>
    <message>
        <source>YOUR OWN TARGET</source>
        <translation>IHR EIGENER ZIELWERT</translation>
    </message>
    <message>
        <source>AN OWN TARGET</source>
        <translation>EIN EIGENER ZIELWERT</translation>
    </message>
    <message>
        <source>from</source>
        <translation>von</translation>
    </message>
    <message>
        <source>to</source>
        <translation>bis</translation>
    </message>
    <message>
        <source>Reason of the target</source>
        <translation>Grund des Zielwerts</translation>
    </message>
    <message>
        <source>Reason, kept with the case</source>
        <translation>Grund, mit dem Fall behalten</translation>
    </message>
    <message>
        <source>Judge by it</source>
        <translation>Danach beurteilen</translation>
    </message>
    <message>
        <source>The reference again</source>
        <translation>Wieder die Referenz</translation>
    </message>
    <message>
        <source>Own target: %1</source>
        <translation>Eigener Zielwert: %1</translation>
    </message>
    <message>
        <source>The reference again: %1</source>
        <translation>Wieder die Referenz: %1</translation>
    </message>
</context>
<context>
    <name>riflesso::TimeStrip</name>
    <message>
        <source>Time strip of the repetition</source>
        <translation>Zeitstreifen der Wiederholung</translation>
    </message>
    <message>
        <source>Phases</source>
        <translation>Phasen</translation>
    </message>
    <message>
        <source>Marks</source>
        <translation>Marken</translation>
    </message>
</context>
<context>
    <name>riflesso::TogetherBox</name>
    <message>
        <source>What both copies have changed; a tick takes it as it is there</source>
        <translation>Was beide Kopien geändert haben; ein Haken übernimmt es, wie es dort ist</translation>
    </message>
    <message>
        <source>Changed on both sides</source>
        <translation>Auf beiden Seiten geändert</translation>
    </message>
    <message>
        <source>Here</source>
        <translation>Hier</translation>
    </message>
    <message>
        <source>There (tick: take it)</source>
        <translation>Dort (Haken: übernehmen)</translation>
    </message>
    <message>
        <source>Bring together</source>
        <translation>Zusammenführen</translation>
    </message>
    <message>
        <source>Beside it, as its own case</source>
        <translation>Daneben, als eigener Fall</translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation>Lassen</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1, %2&lt;/b&gt; is here already, and this is another copy of it. From there comes: %3. Changed only here, and kept: %4. Both journals are kept.</source>
        <translation>&lt;b&gt;%1, %2&lt;/b&gt; ist schon hier, und dies ist eine andere Kopie davon. Von dort kommt: %3. Nur hier geändert und behalten: %4. Beide Journale bleiben.</translation>
    </message>
    <message>
        <source>No state that both come from is known: what only one copy has is kept, and whatever differs is asked.</source>
        <translation>Kein Stand ist bekannt, von dem beide kommen: was nur eine Kopie hat, bleibt, und was sich unterscheidet, wird gefragt.</translation>
    </message>
    <message>
        <source>%1 changed on both sides: the newer is proposed.</source>
        <translation>Auf beiden Seiten geändert: %1. Das Neuere ist vorgeschlagen.</translation>
    </message>
    <message>
        <source>thing has</source>
        <translation>Sache</translation>
    </message>
    <message>
        <source>things have</source>
        <translation>Sachen</translation>
    </message>
</context>
<context>
    <name>riflesso::ToldPanel</name>
    <message>
        <source>faded</source>
        <translation>abnehmend</translation>
    </message>
    <message>
        <source>outside the band only</source>
        <translation>nur außerhalb des Bandes</translation>
    </message>
    <message>
        <source>a summary after six</source>
        <translation>eine Zusammenfassung nach sechs</translation>
    </message>
    <message>
        <source>when the athlete asks</source>
        <translation>wenn der Athlet fragt</translation>
    </message>
    <message>
        <source>HOW OFTEN TOLD</source>
        <translation>WIE OFT ETWAS GESAGT WIRD</translation>
    </message>
    <message>
        <source>How feedback is spread</source>
        <translation>Wie Rückmeldung verteilt wird</translation>
    </message>
    <message>
        <source>Faded: often at first, then less as more is good (Winstein and Schmidt 1990). Outside the band only: after one that was not good (Lee and Carnahan 1990). A summary after several (Salmoni, Schmidt and Walter 1984). When the athlete asks (Janelle and others 1997). How hard the task is matters (Guadagnoli and Lee 2004). The evidence is mixed: against a general rule for complex skills Wulf and Shea 2002, and small or no effects in the meta-analyses of McKay and others 2022. Sources from memory. The coach chooses.</source>
        <translation>Abnehmend: anfangs oft, dann weniger, wenn mehr gut sind (Winstein und Schmidt 1990). Nur außerhalb des Bandes: nach einer, die nicht gut war (Lee und Carnahan 1990). Eine Zusammenfassung nach mehreren (Salmoni, Schmidt und Walter 1984). Wenn der Athlet fragt (Janelle und andere 1997). Wie schwer die Aufgabe ist, zählt (Guadagnoli und Lee 2004). Die Belege sind gemischt: gegen eine allgemeine Regel für verwickelte Fertigkeiten Wulf und Shea 2002, und kleine oder keine Wirkungen in den Metaanalysen von McKay und anderen 2022. Quellen aus dem Gedächtnis. Der Trainer wählt.</translation>
    </message>
    <message>
        <source>why this way</source>
        <translation>warum so</translation>
    </message>
    <message>
        <source>Why feedback is spread this way</source>
        <translation>Warum Rückmeldung so verteilt wird</translation>
    </message>
    <message>
        <source>FELT AGAINST SEEN</source>
        <translation>GEFÜHLT GEGEN GESEHEN</translation>
    </message>
    <message>
        <source>Feedback: %1</source>
        <translation>Rückmeldung: %1</translation>
    </message>
    <message>
        <source>Nothing yet in this block.</source>
        <translation>In diesem Block noch nichts.</translation>
    </message>
    <message>
        <source>%1 told</source>
        <translation>%1 gesagt</translation>
    </message>
    <message>
        <source>A test in which something was told is no test.</source>
        <translation>Ein Test, in dem etwas gesagt wurde, ist kein Test.</translation>
    </message>
    <message>
        <source>A test: nothing is told.</source>
        <translation>Ein Test: nichts wird gesagt.</translation>
    </message>
    <message>
        <source>&lt;b&gt;Now&lt;/b&gt;: T cue said, S shown, A asked for</source>
        <translation>&lt;b&gt;Jetzt&lt;/b&gt;: T Hinweis gesagt, S gezeigt, A gefragt</translation>
    </message>
    <message>
        <source>Next after number %1, or when asked</source>
        <translation>Das nächste Mal nach Nummer %1, oder auf Nachfrage</translation>
    </message>
    <message>
        <source>Only when the athlete asks</source>
        <translation>Nur wenn der Athlet fragt</translation>
    </message>
    <message>
        <source>After the next one that is not good</source>
        <translation>Nach der nächsten, die nicht gut ist</translation>
    </message>
    <message>
        <source>Every repetition was commented: what is told each time may not last. The evidence is mixed.</source>
        <translation>Zu jeder Wiederholung wurde etwas gesagt: was jedes Mal gesagt wird, hält vielleicht nicht. Die Belege sind gemischt.</translation>
    </message>
    <message>
        <source>asked %1, agrees %2</source>
        <translation>gefragt %1, stimmt überein %2</translation>
    </message>
    <message>
        <source>all sessions: %1 off ones called</source>
        <translation>alle Einheiten: %1 schlechte benannt</translation>
    </message>
    <message>
        <source>F felt right, O felt off, before you judge.</source>
        <translation>F fühlte sich richtig an, O falsch, bevor Sie urteilen.</translation>
    </message>
    <message>
        <source>Something was told: it counts as practice.</source>
        <translation>Etwas wurde gesagt: es zählt als Üben.</translation>
    </message>
    <message>
        <source>Counted: nothing is told.</source>
        <translation>Gezählt: nichts wird gesagt.</translation>
    </message>
    <message>
        <source>eye and number agree in %1 (kappa %2)</source>
        <translation>Auge und Zahl stimmen überein in %1 (Kappa %2)</translation>
    </message>
    <message>
        <source>eye and number agree in %1</source>
        <translation>Auge und Zahl stimmen überein in %1</translation>
    </message>
</context>
<context>
    <name>riflesso::Tour</name>
    <message>
        <source>Tour</source>
        <translation>Rundgang</translation>
    </message>
    <message>
        <source>Leave the tour</source>
        <translation>Rundgang verlassen</translation>
    </message>
    <message>
        <source>Back</source>
        <translation>Zurück</translation>
    </message>
    <message>
        <source>Go on</source>
        <translation>Weiter</translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation>%1 von %2</translation>
    </message>
    <message>
        <source>End</source>
        <translation>Ende</translation>
    </message>
    <message>
        <source>Skip</source>
        <translation>Überspringen</translation>
    </message>
    <message>
        <source>Done. Look around, then go on.</source>
        <translation>Fertig. Umsehen, dann weiter.</translation>
    </message>
</context>
<context>
    <name>riflesso::VoiceRecorder</name>
    <message>
        <source>Nothing was heard: is the microphone switched on?</source>
        <translation>Nichts war zu hören: ist das Mikrofon eingeschaltet?</translation>
    </message>
    <message>
        <source>No microphone is there: plug one in, or type the note.</source>
        <translation>Kein Mikrofon ist da: eines anstecken, oder die Notiz tippen.</translation>
    </message>
    <message>
        <source>The microphone &quot;%1&quot; gives no sound that can be recorded.</source>
        <translation>Das Mikrofon „%1“ liefert keinen Ton, der sich aufnehmen lässt.</translation>
    </message>
    <message>
        <source>Stop</source>
        <translation>Stopp</translation>
    </message>
    <message>
        <source>Speak a note</source>
        <translation>Notiz sprechen</translation>
    </message>
    <message>
        <source>%1 of at most %2 %3</source>
        <translation>%1 von höchstens %2 %3</translation>
    </message>
</context>
<context>
    <name>riflesso::WalkList</name>
    <message>
        <source>TALKED THROUGH</source>
        <translation>BESPROCHEN</translation>
    </message>
    <message>
        <source>What was talked through</source>
        <translation>Was besprochen wurde</translation>
    </message>
    <message>
        <source>Show</source>
        <translation>Zeigen</translation>
    </message>
    <message>
        <source>Show the walk-through of %1</source>
        <translation>Durchgang vom %1 zeigen</translation>
    </message>
</context>
<context>
    <name>riflesso::WalkRecorder</name>
    <message>
        <source>A walk-through belongs to a session of an athlete: open a case first.</source>
        <translation>Ein Durchgang gehört zu einer Sitzung eines Athleten: zuerst einen Fall öffnen.</translation>
    </message>
    <message>
        <source>This library is only shown: nothing can be recorded in it.</source>
        <translation>Diese Bibliothek wird nur gezeigt: in ihr lässt sich nichts aufnehmen.</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>It is recorded without a voice.</source>
        <translation>Aufgenommen wird ohne Stimme.</translation>
    </message>
    <message>
        <source>Kept: a walk-through of %1. Hand-over shows it and writes it as a film.</source>
        <translation>Behalten: ein Durchgang von %1. Übergabe zeigt ihn und schreibt ihn als Film.</translation>
    </message>
    <message>
        <source>The last %1 seconds are left out: say them again.</source>
        <translation>Die letzten %1 Sekunden sind weggelassen: noch einmal sagen.</translation>
    </message>
</context>
<context>
    <name>riflesso::Wall</name>
    <message>
        <source>Wall: all repetitions at the same phase</source>
        <translation>Wand: alle Wiederholungen in derselben Phase</translation>
    </message>
    <message>
        <source>%1 pictures</source>
        <translation>%1 Bilder</translation>
    </message>
    <message>
        <source>felt right</source>
        <translation>fühlte sich richtig an</translation>
    </message>
    <message>
        <source>felt off</source>
        <translation>fühlte sich falsch an</translation>
    </message>
    <message>
        <source>how did it feel?</source>
        <translation>wie fühlte es sich an?</translation>
    </message>
    <message>
        <source>No repetition has its first and last key event yet: set them in Mark.</source>
        <translation>Noch hat keine Wiederholung ihr erstes und letztes Schlüsselereignis: in Markieren setzen.</translation>
    </message>
</context>
<context>
    <name>riflesso::Waterline</name>
    <message>
        <source>%1 ± %2 s too soon</source>
        <translation>%1 ± %2 s zu früh</translation>
    </message>
    <message>
        <source>%1 ± %2 s late</source>
        <translation>%1 ± %2 s zu spät</translation>
    </message>
    <message>
        <source>Waterline: phase of athlete and model</source>
        <translation>Wasserlinie: Phase von Athlet und Vorbild</translation>
    </message>
</context>
<context>
    <name>riflesso::WeekView</name>
    <message>
        <source>Weeks of the plan</source>
        <translation>Wochen des Plans</translation>
    </message>
    <message>
        <source>retest</source>
        <translation>Nachtest</translation>
    </message>
    <message>
        <source>retention test</source>
        <translation>Behaltenstest</translation>
    </message>
</context>
<context>
    <name>riflesso::WeeksView</name>
    <message>
        <source>Days of practice, week by week</source>
        <translation>Tage des Übens, Woche für Woche</translation>
    </message>
</context>
<context>
    <name>riflesso::WhyPanel</name>
    <message>
        <source>Why this number</source>
        <translation>Warum diese Zahl</translation>
    </message>
    <message>
        <source>WHY THIS NUMBER</source>
        <translation>WARUM DIESE ZAHL</translation>
    </message>
    <message>
        <source>Close</source>
        <translation>Abschluss</translation>
    </message>
    <message>
        <source>Reference: %1%2</source>
        <translation>Referenz: %1%2</translation>
    </message>
    <message>
        <source>± is twice the standard uncertainty of the median: √(π/2 · max(s², mean u²)/n + shared²), s = %1.</source>
        <translation>± ist das Doppelte der Standardunsicherheit des Medians: √(π/2 · max(s², Mittel von u²)/n + gemeinsam²), s = %1.</translation>
    </message>
    <message>
        <source>Repetition %1</source>
        <translation>Wiederholung %1</translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: not available: %2.</source>
        <translation>&lt;b&gt;%1&lt;/b&gt;: nicht verfügbar: %2.</translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation>Bild %1</translation>
    </message>
    <message>
        <source>Show this frame and its marks</source>
        <translation>Dieses Bild und seine Marken zeigen</translation>
    </message>
    <message>
        <source>Set of %1: median &lt;b&gt;%2&lt;/b&gt;, %3 from the reference, tolerance %4; state &lt;b&gt;%5&lt;/b&gt;.</source>
        <translation>Satz von %1: Median &lt;b&gt;%2&lt;/b&gt;, %3 von der Referenz, Toleranz %4; Zustand &lt;b&gt;%5&lt;/b&gt;.</translation>
    </message>
    <message>
        <source>%1: ± %2, %3 % of the variance</source>
        <translation>%1: ± %2, %3 % der Varianz</translation>
    </message>
</context>
<context>
    <name>riflesso::Workshop</name>
    <message>
        <source>Skills of your own</source>
        <translation>Ihre eigenen Fertigkeiten</translation>
    </message>
    <message>
        <source>Give it out…</source>
        <translation>Hinausgeben…</translation>
    </message>
    <message>
        <source>Remove</source>
        <translation>Entfernen</translation>
    </message>
    <message>
        <source>name of a new skill</source>
        <translation>Name einer neuen Fertigkeit</translation>
    </message>
    <message>
        <source>Name of a new skill</source>
        <translation>Name einer neuen Fertigkeit</translation>
    </message>
    <message>
        <source>Make a skill of this case</source>
        <translation>Aus diesem Fall eine Fertigkeit machen</translation>
    </message>
    <message>
        <source>Take one from a file…</source>
        <translation>Eine aus einer Datei nehmen…</translation>
    </message>
    <message>
        <source>Write the name of the new skill first.</source>
        <translation>Zuerst den Namen der neuen Fertigkeit schreiben.</translation>
    </message>
    <message>
        <source>The skill is removed; cases that use it keep it. Undo brings it back.</source>
        <translation>Die Fertigkeit ist entfernt; Fälle, die sie verwenden, behalten sie. Rückgängig holt sie zurück.</translation>
    </message>
    <message>
        <source>Parts of the skill</source>
        <translation>Teile der Fertigkeit</translation>
    </message>
    <message>
        <source>Positions</source>
        <translation>Positionen</translation>
    </message>
    <message>
        <source>Points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>Measures</source>
        <translation>Messgrößen</translation>
    </message>
    <message>
        <source>Faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Ladders</source>
        <translation>Leitern</translation>
    </message>
    <message>
        <source>Words</source>
        <translation>Worte</translation>
    </message>
    <message>
        <source>Cases</source>
        <translation>Fälle</translation>
    </message>
    <message>
        <source>STILL MISSING</source>
        <translation>FEHLT NOCH</translation>
    </message>
    <message>
        <source>What is wrong, or still missing</source>
        <translation>Was falsch ist oder noch fehlt</translation>
    </message>
    <message>
        <source>Try it on this case</source>
        <translation>An diesem Fall ausprobieren</translation>
    </message>
    <message>
        <source>WHAT CAN BE MEASURED</source>
        <translation>WAS SICH MESSEN LÄSST</translation>
    </message>
    <message>
        <source>When it is measured</source>
        <translation>Wann gemessen wird</translation>
    </message>
    <message>
        <source>Measure all ranges</source>
        <translation>Alle Bereiche messen</translation>
    </message>
    <message>
        <source>Measures offered</source>
        <translation>Angebotene Messgrößen</translation>
    </message>
    <message>
        <source>a reference line through the two points clicked: its name, then Enter</source>
        <translation>eine Bezugslinie durch die zwei angeklickten Punkte: ihr Name, dann Eingabe</translation>
    </message>
    <message>
        <source>Name of a reference line</source>
        <translation>Name einer Bezugslinie</translation>
    </message>
    <message>
        <source>WHAT CAUSES WHAT: DRAG FROM A CAUSE TO WHAT FOLLOWS FROM IT</source>
        <translation>WAS WAS VERURSACHT: VON EINER URSACHE ZU DEM ZIEHEN, WAS AUS IHR FOLGT</translation>
    </message>
    <message>
        <source>How often it is the cause</source>
        <translation>Wie oft es die Ursache ist</translation>
    </message>
    <message>
        <source>seldom</source>
        <translation>selten</translation>
    </message>
    <message>
        <source>often</source>
        <translation>oft</translation>
    </message>
    <message>
        <source>nearly always</source>
        <translation>fast immer</translation>
    </message>
    <message>
        <source>because …</source>
        <translation>weil …</translation>
    </message>
    <message>
        <source>Why it is the cause</source>
        <translation>Warum es die Ursache ist</translation>
    </message>
    <message>
        <source>Remove the arrow</source>
        <translation>Pfeil entfernen</translation>
    </message>
    <message>
        <source>An arrow removed</source>
        <translation>Pfeil entfernt</translation>
    </message>
    <message>
        <source>Take out (Del)</source>
        <translation>Herausnehmen (Entf)</translation>
    </message>
    <message>
        <source>Parts</source>
        <translation>Teile</translation>
    </message>
    <message>
        <source>a point of your own: its name, then Enter</source>
        <translation>ein eigener Punkt: sein Name, dann Eingabe</translation>
    </message>
    <message>
        <source>Name of a point of your own</source>
        <translation>Name eines eigenen Punkts</translation>
    </message>
    <message>
        <source>without a name</source>
        <translation>ohne Namen</translation>
    </message>
    <message>
        <source>&lt;p&gt;&lt;b&gt;No skill of your own yet.&lt;/b&gt;&lt;/p&gt;&lt;p&gt;Open a case with a model, or with the athlete&apos;s best repetitions marked as best: one begun with &lt;i&gt;Any movement&lt;/i&gt;, or with a skill that comes near. Write a name above and press &lt;i&gt;Make a skill of this case&lt;/i&gt;. Its marks stay; then&lt;/p&gt;&lt;ol&gt;&lt;li&gt;name the positions on the picture,&lt;/li&gt;&lt;li&gt;click points to measure between them,&lt;/li&gt;&lt;li&gt;let the ranges be measured on the model,&lt;/li&gt;&lt;li&gt;say what too much and too little is called,&lt;/li&gt;&lt;li&gt;draw what causes what,&lt;/li&gt;&lt;li&gt;choose drills.&lt;/li&gt;&lt;/ol&gt;&lt;p&gt;At every step the case is judged by it as far as it goes. A skill from somebody else is data: it is checked and shown before it is taken.&lt;/p&gt;</source>
        <translation>&lt;p&gt;&lt;b&gt;Noch keine eigene Fertigkeit.&lt;/b&gt;&lt;/p&gt;&lt;p&gt;Einen Fall mit einem Vorbild öffnen, oder einen, in dem die besten Wiederholungen des Athleten als beste gekennzeichnet sind: einen mit &lt;i&gt;Any movement&lt;/i&gt; begonnenen, oder einen mit einer Fertigkeit, die nahe kommt. Oben einen Namen schreiben und &lt;i&gt;Aus diesem Fall eine Fertigkeit machen&lt;/i&gt; drücken. Seine Marken bleiben; dann&lt;/p&gt;&lt;ol&gt;&lt;li&gt;die Positionen im Bild benennen,&lt;/li&gt;&lt;li&gt;Punkte anklicken, um zwischen ihnen zu messen,&lt;/li&gt;&lt;li&gt;die Bereiche am Vorbild messen lassen,&lt;/li&gt;&lt;li&gt;sagen, wie zu viel und zu wenig heißt,&lt;/li&gt;&lt;li&gt;zeichnen, was was verursacht,&lt;/li&gt;&lt;li&gt;Übungen wählen.&lt;/li&gt;&lt;/ol&gt;&lt;p&gt;Bei jedem Schritt wird der Fall danach beurteilt, so weit sie reicht. Eine Fertigkeit von jemand anderem sind Daten: sie wird geprüft und gezeigt, bevor sie genommen wird.&lt;/p&gt;</translation>
    </message>
    <message>
        <source>Keep as edition %1</source>
        <translation>Als Ausgabe %1 behalten</translation>
    </message>
    <message>
        <source>Kept as edition %1</source>
        <translation>Als Ausgabe %1 behalten</translation>
    </message>
    <message>
        <source>Not yet whole: the case is judged by what was last sound.</source>
        <translation>Noch nicht ganz: der Fall wird nach dem beurteilt, was zuletzt in Ordnung war.</translation>
    </message>
    <message>
        <source>A draft; no edition kept yet.</source>
        <translation>Ein Entwurf; noch keine Ausgabe behalten.</translation>
    </message>
    <message>
        <source>edition kept</source>
        <translation>behaltene Ausgabe</translation>
    </message>
    <message>
        <source>editions kept</source>
        <translation>behaltene Ausgaben</translation>
    </message>
    <message>
        <source>Skills of your own are made here. &lt;b&gt;Next: open a case with a model, and make a skill of it.&lt;/b&gt;</source>
        <translation>Eigene Fertigkeiten werden hier gemacht. &lt;b&gt;Weiter: einen Fall mit einem Vorbild öffnen und daraus eine Fertigkeit machen.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>%1: %2, %3, %4.</source>
        <translation>%1: %2, %3, %4.</translation>
    </message>
    <message>
        <source>position</source>
        <translation>Position</translation>
    </message>
    <message>
        <source>positions</source>
        <translation>Positionen</translation>
    </message>
    <message>
        <source>measure</source>
        <translation>Messgröße</translation>
    </message>
    <message>
        <source>measures</source>
        <translation>Messgrößen</translation>
    </message>
    <message>
        <source>fault</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>faults</source>
        <translation>Fehler</translation>
    </message>
    <message>
        <source>Next: mend what is wrong, at the left.</source>
        <translation>Weiter: beheben, was falsch ist, links.</translation>
    </message>
    <message>
        <source>Next: click two or three points to measure something.</source>
        <translation>Weiter: zwei oder drei Punkte anklicken, um etwas zu messen.</translation>
    </message>
    <message>
        <source>Next: say what too much or too little of a measure is called.</source>
        <translation>Weiter: sagen, wie zu viel oder zu wenig einer Messgröße heißt.</translation>
    </message>
    <message>
        <source>Next: choose drills for a fault.</source>
        <translation>Weiter: Übungen für einen Fehler wählen.</translation>
    </message>
    <message>
        <source>Next: keep it as an edition.</source>
        <translation>Weiter: als Ausgabe behalten.</translation>
    </message>
    <message>
        <source>POSITIONS</source>
        <translation>POSITIONEN</translation>
    </message>
    <message>
        <source>POINTS THAT ARE MARKED</source>
        <translation>PUNKTE, DIE MARKIERT WERDEN</translation>
    </message>
    <message>
        <source>MEASURES</source>
        <translation>MESSGRÖSSEN</translation>
    </message>
    <message>
        <source>FAULTS</source>
        <translation>FEHLER</translation>
    </message>
    <message>
        <source>DRILLS</source>
        <translation>ÜBUNGEN</translation>
    </message>
    <message>
        <source>WORDS</source>
        <translation>WORTE</translation>
    </message>
    <message>
        <source>%1, %2 found by rule</source>
        <translation>%1, %2 durch Regel gefunden</translation>
    </message>
    <message>
        <source>point</source>
        <translation>Punkt</translation>
    </message>
    <message>
        <source>points</source>
        <translation>Punkte</translation>
    </message>
    <message>
        <source>none yet</source>
        <translation>noch keine</translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation>%1, %2</translation>
    </message>
    <message>
        <source>drill</source>
        <translation>Übung</translation>
    </message>
    <message>
        <source>drills</source>
        <translation>Übungen</translation>
    </message>
    <message>
        <source>what would change</source>
        <translation>was sich ändern würde</translation>
    </message>
    <message>
        <source>Wrong: %1
expected %2, got %3</source>
        <translation>Falsch: %1
erwartet %2, gefunden %3</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no rule</source>
        <translation>„%1“ hat keine Regel</translation>
    </message>
    <message>
        <source>no fault uses &quot;%1&quot;</source>
        <translation>kein Fehler benutzt „%1“</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no range</source>
        <translation>„%1“ hat keinen Bereich</translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no ladder</source>
        <translation>„%1“ hat keine Leiter</translation>
    </message>
    <message>
        <source>
finds itself</source>
        <translation>
findet sich selbst</translation>
    </message>
    <message>
        <source>
no rule</source>
        <translation>
keine Regel</translation>
    </message>
    <message>
        <source>A point more</source>
        <translation>Ein Punkt mehr</translation>
    </message>
    <message>
        <source>A point less</source>
        <translation>Ein Punkt weniger</translation>
    </message>
    <message>
        <source>A point: %1</source>
        <translation>Ein Punkt: %1</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is marked on the Mark page from now on, in this case and in all that use the skill.</source>
        <translation>„%1“ wird von nun an auf der Seite Markieren markiert, in diesem Fall und in allen, die die Fertigkeit verwenden.</translation>
    </message>
    <message>
        <source>Click two points on the picture, then write the name of the line.</source>
        <translation>Zwei Punkte im Bild anklicken, dann den Namen der Linie schreiben.</translation>
    </message>
    <message>
        <source>A line: %1</source>
        <translation>Eine Linie: %1</translation>
    </message>
    <message>
        <source>at: %1</source>
        <translation>bei: %1</translation>
    </message>
    <message>
        <source>over: %1</source>
        <translation>über: %1</translation>
    </message>
    <message>
        <source>  (is there)</source>
        <translation>  (ist da)</translation>
    </message>
    <message>
        <source>Click one, two, three or four points on the picture; with none the times between positions are offered.</source>
        <translation>Einen, zwei, drei oder vier Punkte im Bild anklicken; mit keinem werden die Zeiten zwischen Positionen angeboten.</translation>
    </message>
    <message>
        <source>Nothing can be measured so from this view.</source>
        <translation>Nichts lässt sich aus dieser Ansicht so messen.</translation>
    </message>
    <message>
        <source>&quot;%1&quot; is there already.</source>
        <translation>„%1“ ist schon da.</translation>
    </message>
    <message>
        <source>Measure: %1</source>
        <translation>Messgröße: %1</translation>
    </message>
    <message>
        <source>not measured yet</source>
        <translation>noch nicht gemessen</translation>
    </message>
    <message>
        <source>Measuring the model</source>
        <translation>Vorbild wird gemessen</translation>
    </message>
    <message>
        <source>Ranges of the model</source>
        <translation>Bereiche des Vorbilds</translation>
    </message>
    <message>
        <source>Position %1</source>
        <translation>Position %1</translation>
    </message>
    <message>
        <source>A position: %1</source>
        <translation>Eine Position: %1</translation>
    </message>
    <message>
        <source>Set: %1</source>
        <translation>Gesetzt: %1</translation>
    </message>
    <message>
        <source>Taken as it stands</source>
        <translation>Genommen, wie es steht</translation>
    </message>
    <message>
        <source>part taken out</source>
        <translation>Teil herausgenommen</translation>
    </message>
    <message>
        <source>parts taken out</source>
        <translation>Teile herausgenommen</translation>
    </message>
    <message>
        <source>Went with it, since it stood on it: %1. Undo brings all back.</source>
        <translation>Ging mit, weil es darauf stand: %1. Rückgängig holt alles zurück.</translation>
    </message>
    <message>
        <source>That would close a circle: &quot;%1&quot; follows from &quot;%2&quot; already.</source>
        <translation>Das schlösse einen Kreis: „%1“ folgt schon aus „%2“.</translation>
    </message>
    <message>
        <source>An arrow</source>
        <translation>Ein Pfeil</translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation>%1 → %2</translation>
    </message>
    <message>
        <source>A skill from a file</source>
        <translation>Fertigkeit aus einer Datei</translation>
    </message>
    <message>
        <source>The skill as a file</source>
        <translation>Die Fertigkeit als Datei</translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation>%1: %2</translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation>Geschrieben nach %1.</translation>
    </message>
    <message>
        <source>a frame</source>
        <translation>ein Bild</translation>
    </message>
    <message>
        <source>A frame back or on; with Shift ten</source>
        <translation>Ein Bild zurück oder weiter; mit Umschalt zehn</translation>
    </message>
    <message>
        <source>repetition</source>
        <translation>Wiederholung</translation>
    </message>
    <message>
        <source>The next repetition, what was carried over taken as it stands; the one before</source>
        <translation>Die nächste Wiederholung, Übertragenes genommen, wie es steht; die davor</translation>
    </message>
    <message>
        <source>new position here</source>
        <translation>hier neue Position</translation>
    </message>
    <message>
        <source>set the position here</source>
        <translation>die Position hier setzen</translation>
    </message>
    <message>
        <source>Set the position here; with Shift the next repetition comes</source>
        <translation>Die Position hier setzen; mit Umschalt kommt die nächste Wiederholung</translation>
    </message>
    <message>
        <source>next position</source>
        <translation>nächste Position</translation>
    </message>
    <message>
        <source>The next position, and what is measured there</source>
        <translation>Die nächste Position, und was dort gemessen wird</translation>
    </message>
    <message>
        <source>find rules</source>
        <translation>Regeln suchen</translation>
    </message>
    <message>
        <source>Rules by which the position finds itself; with Shift the best is taken</source>
        <translation>Regeln, nach denen die Position sich findet; mit Umschalt wird die beste genommen</translation>
    </message>
    <message>
        <source>take out</source>
        <translation>herausnehmen</translation>
    </message>
    <message>
        <source>The chosen part, and what stands on it</source>
        <translation>Der gewählte Teil, und was darauf steht</translation>
    </message>
    <message>
        <source>section</source>
        <translation>Abschnitt</translation>
    </message>
    <message>
        <source>Positions, points, measures, faults, ladders, words, cases</source>
        <translation>Positionen, Punkte, Messgrößen, Fehler, Leitern, Worte, Fälle</translation>
    </message>
    <message>
        <source>range</source>
        <translation>Bereich</translation>
    </message>
    <message>
        <source>ranges</source>
        <translation>Bereiche</translation>
    </message>
    <message>
        <source>&quot;%1&quot;: words to be written</source>
        <translation>„%1“: Worte zu schreiben</translation>
    </message>
    <message>
        <source>%1
ends the cycle</source>
        <translation>%1
beendet den Zyklus</translation>
    </message>
    <message>
        <source>%1
a phase</source>
        <translation>%1
eine Phase</translation>
    </message>
    <message>
        <source>Skill (*.riflesso-skill *.json)</source>
        <translation>Fertigkeit (*.riflesso-skill *.json)</translation>
    </message>
</context>
<context>
    <name>riflesso::Workspace</name>
    <message>
        <source>There is nothing to undo.</source>
        <translation>Es gibt nichts rückgängig zu machen.</translation>
    </message>
    <message>
        <source>Undone: %1</source>
        <translation>Rückgängig: %1</translation>
    </message>
    <message>
        <source>There is nothing to redo.</source>
        <translation>Es gibt nichts zu wiederholen.</translation>
    </message>
    <message>
        <source>Done again: %1</source>
        <translation>Wieder getan: %1</translation>
    </message>
    <message>
        <source>Assessing</source>
        <translation>Wird ausgewertet</translation>
    </message>
    <message>
        <source>Stopped, with nothing changed, as what it was for is not open any more: %1.</source>
        <translation>Angehalten, ohne dass etwas geändert wurde, weil das, wofür es war, nicht mehr offen ist: %1.</translation>
    </message>
    <message>
        <source>Measuring…</source>
        <translation>Wird gemessen…</translation>
    </message>
    <message>
        <source>Not measured: %1 &lt;b&gt;Next: change something, or open the case again.&lt;/b&gt;</source>
        <translation>Nicht gemessen: %1 &lt;b&gt;Weiter: etwas ändern, oder den Fall noch einmal öffnen.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Nothing is marked in this set. &lt;b&gt;Next: mark key positions.&lt;/b&gt;</source>
        <translation>In diesem Satz ist nichts markiert. &lt;b&gt;Weiter: Schlüsselpositionen markieren.&lt;/b&gt;</translation>
    </message>
    <message>
        <source>Results are shown once what is believed is locked. &lt;b&gt;Next: ask on the Athlete page, or say there that nobody was asked.&lt;/b&gt;</source>
        <translation>Ergebnisse werden gezeigt, sobald das Angenommene festgeschrieben ist. &lt;b&gt;Weiter: auf der Seite Athlet fragen, oder dort sagen, dass niemand gefragt wurde.&lt;/b&gt;</translation>
    </message>
</context>
<context>
    <name>riflesso::YardstickBox</name>
    <message>
        <source>HELD AGAINST</source>
        <translation>VERGLICHEN MIT</translation>
    </message>
    <message>
        <source>Ranges for level</source>
        <translation>Für das Niveau</translation>
    </message>
    <message>
        <source>Ranges for age</source>
        <translation>Für das Alter</translation>
    </message>
    <message>
        <source>Ranges for format</source>
        <translation>Für das Format</translation>
    </message>
    <message>
        <source>Ranges for this athlete</source>
        <translation>Bereiche für diesen Athleten</translation>
    </message>
    <message>
        <source>The pack has one set of ranges for everybody.</source>
        <translation>Das Paket hat einen Satz Bereiche für alle.</translation>
    </message>
    <message>
        <source>Model or ranges of a file…</source>
        <translation>Vorbild oder Bereiche einer Datei…</translation>
    </message>
    <message>
        <source>A model that the command line wrote (model), or ranges in the form of a skill pack&apos;s own.</source>
        <translation>Ein Vorbild, das die Befehlszeile geschrieben hat (model), oder Bereiche in der Form eines Fertigkeitspakets.</translation>
    </message>
    <message>
        <source>Without it</source>
        <translation>Ohne sie</translation>
    </message>
    <message>
        <source>Without a model of a file</source>
        <translation>Ohne Vorbild einer Datei</translation>
    </message>
    <message>
        <source>the general ones</source>
        <translation>die allgemeinen</translation>
    </message>
    <message>
        <source>Of a file: &lt;b&gt;%1&lt;/b&gt;</source>
        <translation>Aus einer Datei: &lt;b&gt;%1&lt;/b&gt;</translation>
    </message>
    <message>
        <source>A model, or ranges, of a file</source>
        <translation>Ein Vorbild, oder Bereiche, aus einer Datei</translation>
    </message>
    <message>
        <source>Models and ranges (*.json)</source>
        <translation>Vorbilder und Bereiche (*.json)</translation>
    </message>
    <message>
        <source>%1 cannot be read, or is larger than 8 MiB.</source>
        <translation>%1 lässt sich nicht lesen oder ist größer als 8 MiB.</translation>
    </message>
</context>
</TS>

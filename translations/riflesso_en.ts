<?xml version="1.0" encoding="utf-8"?>
<!DOCTYPE TS>
<TS version="2.1" language="en" sourcelanguage="en">
<context>
    <name>Body</name>
    <message>
        <source>head</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>neck</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>elbow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forearm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finger</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lower back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>groin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thigh</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hamstring</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calf</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Achilles tendon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>toe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heart and breath</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>arm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leg</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trunk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whole body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>healing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stiff</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>operated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>illness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>both sides</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Landmark</name>
    <message>
        <source>left eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left ear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right ear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left elbow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right elbow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left wrist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right wrist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left heel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right heel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left toe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right toe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>head top</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>neck</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>LandmarkAfterArticle</name>
    <message>
        <source>left eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left ear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right ear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left elbow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right elbow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left wrist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right wrist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left heel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right heel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left toe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right toe</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Report</name>
    <message>
        <source>Model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, mirrored</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, repetition %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, repetition %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, repetition %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> by %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, today</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, which is past</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Not measured in this set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Measured %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>: reached.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clip not found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page %1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the whole plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one page for the athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>home sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key positions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>competition card</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop on pain and ask a licensed professional.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no technique changes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete only performs.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>technique session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>retest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film from the same place, under the same conditions as before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>retention test</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film again without a reminder: what has stayed?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filmed %1 · %2 · compared with %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goal: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Strengths</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No measure stands clearly inside its reference in at least three of four repetitions yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to work on, and why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing that stands out from the reference was found in this set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · main focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · minor focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p style=&apos;margin-top:8px; margin-bottom:1px&apos;&gt;%1&lt;b&gt;%2&lt;/b&gt; &lt;span style=&apos;color:#55656B&apos;&gt;shown in %3%4&lt;/span&gt;&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decided: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Main focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Minor focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stay on a rung while about three of four repetitions are good; below half, go one back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (start here)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · needs </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not possible as it stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next lesson</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Believed and measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Made with %1 on %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 technique session%2 a week beside normal training, %3 minutes of homework a day.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retest, same camera place and same set: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retention test without practice in between: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2. No technique changes from %3 on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 repetitions, %2, %3 view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all conditions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ranges of the skill pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> and </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Follows from &quot;%1&quot;: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a partner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop on pain and ask a licensed professional. The rules of the sport&apos;s body and of the venue come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 min: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the analyst&apos;s first guess</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>believed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, about %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; measured %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Numbers are medians ± expanded uncertainty (2u). School of ranking: %1. Low-pass cutoff %2 Hz%3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (by default: no run was long enough)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skill pack %1, edition %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>day %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>for you</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You do this well</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One thing to work on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is good when: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You will feel: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>We film again on %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at home</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No rung of the ladder can be done alone yet: nothing to take home.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p style=&apos;font-size:%1pt&apos;&gt;It is good when: %2&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p style=&apos;font-size:%1pt&apos;&gt;Stop and think when: %2&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p style=&apos;font-size:%1pt&apos;&gt;You need: %2.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;td align=&apos;right&apos;&gt;%1&lt;br&gt;&lt;span style=&apos;font-size:9pt; color:#17748A&apos;&gt;This is good: %2&lt;/span&gt;&lt;/td&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Target: %1 good ones a day (%2). A box for each good one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Target: %1 a day. A box when it is done.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count only the good ones. Stop when it gets worse, and on pain: then ask.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring this sheet on %1, when we film again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 · compared with %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values in pictures are that repetition&apos;s; beside them the median of the set ± its expanded uncertainty.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p style=&apos;font-size:8.5pt; color:#55656B&apos;&gt;Timing only: nothing is measured in this position.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing new now. What you have is enough.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Think of one thing:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You can rely on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thigh</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shank</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trunk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper arm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>model %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at least %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at most %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no reference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Time from &quot;%1&quot; to &quot;%2&quot;; negative when the second comes first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of the %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> against the </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, along </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, straight through %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, over %1 (low-pass filtered)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>root first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ground up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>effect first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>earliest first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>position and feel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow shadow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with an aid</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>single feed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>varied feed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>live routine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>scored</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>competition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>calm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fed by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fed by machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reacting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>live</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, about </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chosen where coaches disagree</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One fault at a time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One main, one minor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>match tempo first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Because: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forecast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Trunk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Arm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Elbow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wrist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Head</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Implement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>better half</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other half</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first third</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>last third</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by result</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by how it felt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>first and last third</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>: %1 to go.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pain or the like was said in practice. Nothing is practised until a licensed professional has been asked and it is written down who advised what.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own target for &quot;%1&quot;: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>own target %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By your position &quot;%1&quot; another range holds: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By your position &quot;%1&quot; this is no fault: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>By your position &quot;%1&quot; another ladder holds: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Camera assumed square on: nobody said where it stood, and every ± allows for %1° to either side.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, filmed at an easier level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; corrected, camera %2° off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>page of progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cue said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measured value told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>asked for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not begun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stay</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>make it easier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>so far: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, confirm with one more block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: too few to say</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blocks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a relapse</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>learning</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>learning, in one step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no clear change in %1 repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A verdict wants 8 blocks of 12 on 3 days.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 now, %2 before: %3 to %4 points of a hundred (95 % interval).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>learned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shown, not learned</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not shown before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unclear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 after %2 with nothing told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 under %2 with nothing told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; at first %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; a test wants 24</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; it wants 7 days without practice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; something was told in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; too few at first without feedback to compare with</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; no more than chance allows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; neither clearly there nor clearly gone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on from &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin with &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stay with &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make &quot;%1&quot; easier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot;, but %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to the cause: &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the next finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 good in the last block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 good: one more block to be sure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 good: more than half, fewer than three of four</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the last block has %1 of 12 repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no clear change over 8 blocks or more, %1 good: the condition before the drill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no clear change under two conditions: &quot;%1&quot; follows from something else</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a relapse, %1 good in the last two blocks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it holds under the easier condition and breaks there, %1 good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the last step of the ladder is passed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it held at match condition twice, a week later without feedback, and on film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this focus is done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>who advised what, since %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the retest, due %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the retention test, due %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; to be asked about again, since %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: %3, then %4; now %5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>better</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worse</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing changed by more than chance between the first and the last film.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: %3 good; %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At home on %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2. %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>then and now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What changed by more than chance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was practised</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Does it stay?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A good block of a drill is not yet the technique: that is on the film. Stop on pain and ask a licensed professional.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change of %1 from &quot;%2&quot; to &quot;%3&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The measure %1 over %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The measure %1 less %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 less %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begin again with &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>made easier: a block of it before anything else is decided</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the step before it is passed again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take care: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this drill was not practised yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is largest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is smallest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 rises through %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 falls through %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 starts to change (%2 % of its fastest)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 comes to rest (%2 % of its fastest)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, after &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, before &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;tr style=&apos;background-color:%1&apos;&gt;&lt;td width=&apos;26&apos;&gt;&lt;b&gt;%2&lt;/b&gt;&lt;/td&gt;&lt;td&gt;&lt;b&gt;%3&lt;/b&gt; &lt;span style=&apos;color:#55656B; font-size:8.5pt&apos;&gt;%4 · %5%6&lt;/span&gt;&lt;br&gt;&quot;%7&quot;&lt;br&gt;&lt;span style=&apos;font-size:8.5pt&apos;&gt;%8&lt;/span&gt;%9&lt;/td&gt;&lt;/tr&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Good: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> of </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> to </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, at &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> of %1 in %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proposed by the program and confirmed by nobody yet: %1 marks, %2 key events.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>“%1”</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> seen from </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>somebody else not sure: picture left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>face not sure: picture left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skill sheet, edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Said for a left-hander.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Said for a right-hander.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Key positions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In this order: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to look for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Usual faults</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To see it: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not this: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drill: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drills: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Care</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is a model&apos;s repetition as it was marked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The figure is drawn from the skill&apos;s own postures; nobody was filmed for it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where the ranges come from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skill sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>full speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 times slower</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drawn from the skill, not filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this is good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is strong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing new before %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What comes next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First ask</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then and now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What changed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All at the same phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>captions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dates of the plan, for any calendar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the whole case, for this program on another machine</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Besides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step by step</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Sentence</name>
    <message>
        <source>not seen from the side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not seen from the front</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not seen from behind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not seen from above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film from the side, the same repetitions if two cameras are at hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film from the front, the same repetitions if two cameras are at hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film from behind, the same repetitions if two cameras are at hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film from above, the same repetitions if two cameras are at hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filmed %1 degrees off the plane of movement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film square to the plane of movement, within 10 degrees.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too few frames a second for this movement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film at 120 frames a second or more, with a short exposure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film closer, or with a longer lens: the athlete over most of the picture&apos;s height.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no known length in the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lay something of known length into the plane of movement and film it from the same place.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film %1 repetitions under one condition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Watch each repetition and answer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No new clip: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its ± is wider than the tolerance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not answered in most repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seen once in %1 repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filmed calm only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film the same movement fed, surprised or scored: does it hold there?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the event &quot;%1&quot; is not set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fewer than two &quot;%1&quot; are set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is set twice in this cycle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order reversed: a phase ends before it starts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>order reversed: %1 ends before it starts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not marked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not marked at &quot;%2&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not marked from frame %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not marked throughout frames %2 to %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not marked at the first and last %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>only %1 frames in a row are marked, 10 are needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too few frames in a row are marked, 10 are needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its points are not marked together in one frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the line is not marked in one frame together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the centre of mass needs the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which side is %1 could not be told from the marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>more than %1 landmarks in one measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its extreme lies in or beside a gap in the marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the path is too short for these marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the marks are too rough: their noise outweighs the jerk of the movement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the speed below which it counts is not above what a still point shows with these marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not valid in a %1 view: film from the %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the line &quot;ahead&quot; is not marked in this top view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the axis %1 is not seen in a %2 view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no plumb line in a %1 view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no vertical in a %1 view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this joint&apos;s bend has no sign in a %1 view: film from the side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the way forward is not seen in a %1 view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the camera moves: take its movement out on the Film page, or film from a stand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filmed %1 degrees off the plane of movement: film square to it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lengths in metres need a scale: set a known length in Film, or give --scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too short in this view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the body unit %1 is too short in this view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the body unit %1 is not marked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the body unit %1 is not marked in one frame together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the times of the frames are not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a cutoff of %1 Hz is too high for %2 frames a second (0.45 of it at most)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fewer than 3 frames in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fastest at the edge of %1: no peak inside</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a peak of speed lies at the edge of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing moves in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no value in every frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not observed in this repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a choice has no number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs %1 repetitions, has %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all repetitions have the same number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no valid value on the left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no valid value on the right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>both sides are too small against their uncertainty for a share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no repetition under the condition &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two conditions are needed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no reference for it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 bridged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>short segment: uncertainty by simulation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>near square: in steps of 30 degrees only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>true width: the widest seen in this set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>uncertainty of the event&apos;s time is not in it: mark the frames beside it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the edge of the phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>near the end of the marks: mark more frames outside the phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame rate too low</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within noise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one cycle from %1 to the next %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the camera is taken to stand still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the plane of the floor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>unit foreshortened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mixed %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stress levels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>views</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bearings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variants</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>model too variable here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cannot be judged with this set-up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>filmed from another side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another skill pack, or another edition of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>another low-pass cutoff</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no reference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too few repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time of the start of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time of the end of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>times of the first and last %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>length unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks, filtered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks, by simulation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks, event times and unit, by simulation</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the repetitions&apos; spread</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marking again, blind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: not with %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: needs %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: held back until somebody says what &quot;%2&quot; means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; %2 instead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no ladder in the pack for &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no drill that these limits and this equipment allow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pain was said in practice: the plan waits until it is written down who advised what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>corrected for a camera %1 degrees off square</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the cameras stood in different places</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>camera %1 degrees off square</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>camera assumed square on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what is divided by cannot be told from 0: mark more exactly, or film closer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody said where the camera stood, so some of the change may be its place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the camera stood %1 m high, then %2 m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the camera stood %1 m away, then %2 m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nobody was seen in the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks that it rests on are doubtful</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the %1 days without technique changes before %2 (%3)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The start of the plan falls into %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start after the competition, or accept it knowingly.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The retest falls into %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retest before %1, or after the competition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 lies between start and retest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Practice pauses for it; expect old habits under pressure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The retest comes before the plan has begun.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the retest after the start.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The retention test comes before the retest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put it a week or more after the retest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The retention test comes less than a week after the retest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was practised last week still shows: wait a week or more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No technique session is left between start and retest.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move the retest, or plan more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The starting drills ask for %1 minutes a day, the plan gives %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give more minutes, or only the main focus.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete is little willing to change, and the plan asks for much.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One fault and at most 5 minutes a day; or talk first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete says the cue and shows it once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warm up for the load to come, easy repetitions of the whole skill.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 repetitions, counted: 9 good and the next rung is near, 6 or fewer and it gets easier. Good: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One sentence from the athlete: what felt different. Homework named.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the point hardly moves there: these marks do not tell in which direction</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its ± comes mostly from marks that were proposed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No new clip: set its points by hand at &quot;%1&quot; (repetitions still to do: %2).</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>Word</name>
    <message>
        <source>side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>front</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>top</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forward</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>flexion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>segment angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>line angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clock</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>offset</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ratio</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>turn</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>angular speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>interval</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>phase share</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tempo ratio</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rate</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cycle length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cycle speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dwell</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>overlap</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>peak order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>path length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>straightness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reversals</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steadiness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>smoothness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>brake</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>symmetry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drift</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variability</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>observed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>maximum</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>minimum</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>horizontal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>vertical</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>possible</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>within</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>capacity</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>equipment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>habit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>earlier advice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leverage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frequency</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>certainty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>effect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>readiness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dominant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>elbow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>toe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>eye</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mid shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mid hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mid ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>com</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>arm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rear leg</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>near</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>string</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>strength</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>safety</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>heading</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso</name>
    <message>
        <source>Looking whether it is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find moved clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found again: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 good: %2 % of %3 with it, %4 % of %5 without. Lost: %6 points (%7 to %8).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 %3 with it (%4), %5 %3 without (%6). Lost: %7 %3 (%8 to %9).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Felt right: %1 of %2; of these the film shows it in %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Felt and seen agree in %1 of %2 (kappa %3).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Were it gone, no fault would be left.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Were it gone: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its place in the other orders: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHAT WOULD SETTLE MORE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own best: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 at best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The course</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Work goes down this bar: who the athlete is, the film, the marks, the comparison, what was found, the plan, practice, what came of it, and the paper to hand over. Each step says where it stands. This is the demo, your own copy: nothing you do here can do harm.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What she believes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ilka, 17, left-handed, lunges at a pad on the wall. Before anything is shown she says what she thinks: her arm is &quot;a little late&quot;. It is locked, so that nobody can have known it all along.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two clips: lunges on a call, and lunges when a lamp lights up. The boxes on the line below are her repetitions, cut with C at the start and at the end of each; 1, 2, 3 keep the result.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press Space: the clip plays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A repetition has key events, in order, and landmarks that are clicked on the picture. The program can propose them (P) and follow them (T); every time has its ±, because a frame is not an instant.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press ↓: the next key event.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Athlete above, model below, at the same phase. The line between them is the waterline: a tie that leans is an event that comes early or late. Each ruler on the right has the model&apos;s band, every repetition a dot, and a shape for how sure the deviation is. The chosen measure is drawn on both pictures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press ↓ to walk through the measures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All repetitions at once, with the model among them, moving together. Is it always so, or only once?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press W, then Space to play.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why this number?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing has to be believed. Every number says how it is defined, from which marks and frames it comes, and what makes it unsure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click a number at the right end of a ruler.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Deviations come together to faults, and faults cause each other: the late arm pulls the trunk forward, and that sends the knee past the ankle. The list puts the root first. You decide, and say why; the program only proposes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose &quot;work on this&quot; (W) for the first finding.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not everything at once</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A follow-up of the root often goes by itself. Parking it is a decision too, and is kept with its reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click another finding, write a reason, and park it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The way back is a ladder: from a position one can feel to the full movement when surprised. Each rung has its cue, its dose, what counts as good, and its cautions. The weeks leave the last days before a competition without change, and say when to film again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Practice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At the side of the hall: one key for good, one for not. The share decides whether to go up a rung, stay, or go back one, and says when it is too early to tell.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press G for a good repetition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand-over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your own first case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That was the whole way. For your own: a name, a skill, and a clip filmed square from the side the skill asks for. &quot;Back to my library&quot; leaves the demo; it stays as you leave it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The demo is being put together; it opens by itself.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Putting the demo together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the rear foot</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the hip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the shoulder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the ankle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the elbow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at the wrist</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no ghost: filmed from another view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no ghost: the cameras stood at unlike bearings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no ghost: %1 is not marked in both here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean of the model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mean of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dizziness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>breathlessness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a blow to the head</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to the pack&apos;s word for the effect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Let this stand in for the pack&apos;s word</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is ticked on the right is written into one folder: papers, a film to take home, pictures. Faces can be covered and names left out. With a paper the assessment is frozen: it prints the same in years.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press P: write the folder.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ApproachBox</name>
    <message>
        <source>%1: from &quot;%2&quot;, %3, %4 min of a lesson</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Main</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Minor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>steps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 for each step until the retest%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 technique sessions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · to settle: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>HOW TO GO ABOUT IT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why this way, in this case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason for this way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How to go about it: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why the plan goes about it so</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::AskBar</name>
    <message>
        <source>Leave it</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::AthletePage</name>
    <message>
        <source>WHO</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Born</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Goal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much the athlete wants to change the technique. Hard re-learning is for those who do.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Willing to change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>NOTES</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>COMPETITIONS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Date of the competition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the competition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A competition needs a name.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a competition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CONSENT TO FILM</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SESSIONS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>NEW SESSION</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Date of the new session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Such as: retest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Title of the new session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add for the athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add for a model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a goal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a competition date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>film a session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lock the beliefs before results are shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>see Mirror and Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2. %3&lt;b&gt;Next: %4.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Missing: %1. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ask belief</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lock beliefs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ready</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete needs a name; the old one is kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the goal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the consent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, in %1 days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a competition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Performers need to have agreed to be shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete %1 for good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No fault found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> and %1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What each session shows</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Delete %1 for good?&lt;/b&gt; %2 and %3 with their marks and frozen plans go with it, and all undo steps. Clips that lie in the library and no other case uses are deleted. This cannot be undone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete for good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is deleted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ask what the athlete believes, write down your first guess, or say that nobody was asked</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::BeliefBox</name>
    <message>
        <source>First guess</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Believed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>BELIEVED AND GUESSED BEFORE ANY RESULT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whose guess it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete&apos;s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>My first guess</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure the belief is about</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Believed value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The belief in words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lock what was written down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After this they cannot be changed: what was believed before the results stays as it was.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the athlete&apos;s own words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In a few words: what you expect to find</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>locked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a belief</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the belief down in words.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down a belief</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down a first guess</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forecast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, about %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ask the athlete before anything is shown, and write down your own first guess. Results are shown once both are locked, for good; then they stand beside the measured value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Said with today&apos;s date, for good: results are shown then without it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete is not asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No first guess</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete was not asked (%1).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No first guess (%1).</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::BenchPage</name>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a clip…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another beside it…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Span from here (I)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to here (O)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>POINTS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This line is the unit (U)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two points make the line that is to be the unit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Follow the last point (F)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>COUNT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whole cycles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>every side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A beat is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filmed at 240 pictures a second and stored at 30: 8.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slow motion ×</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beat (B)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Count anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>KEEP</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note to keep with the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Note: becomes the clip&apos;s title</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep into the open case (K)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The Bench needs no case. &lt;b&gt;Next: open a clip, or drop one here.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. &lt;b&gt;Next: play, click points on the picture, or press B at every beat.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Space</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>click</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beat</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>follow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open or start a case first, on the Cases page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opening %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> of the unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One point. Another makes a line; &lt;b&gt;F&lt;/b&gt; follows this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Line: &lt;b&gt;%1&lt;/b&gt; from the upright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Length: &lt;b&gt;%1&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Angle: &lt;b&gt;%1&lt;/b&gt; as seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Path: &lt;b&gt;%1&lt;/b&gt; in %2 pictures, %3 at most from its start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Press &lt;b&gt;B&lt;/b&gt; at every beat while it plays; three give a rate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. Three give a rate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beats</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; %2 a minute, %3 beats&lt;br&gt;%4 %5 a minute&lt;br&gt;intervals differ by %6 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cycles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a case on the Cases page and a clip here first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keeping the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep from the Bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bench, %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept: &quot;%1&quot; is in the session, on the Film page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A camera…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera live, or as it was some seconds ago. &lt;b&gt;Next: Space records, Done shows what was recorded.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First picture of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to hear it with: no loudspeaker or headphones are there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Discard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Said: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>speak a note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No library is open: what is recorded would have no place. Choose one in Settings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The session is not there any more; nothing was kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>record, stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Esc</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame; Shift: ten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>span from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>span to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>points: a length, an angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>follow the point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a known length: the unit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep it in the session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clear the points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As a circle (C)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plumb line (V)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the strokes (S)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take all away (Esc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>TIME</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From here, to here (T)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The same moment in both (Y)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The clip goes into the session that is chosen, what was said beside it, the marked span as a repetition, what is drawn with its picture, what points, times, count and laps gave as a line in the case&apos;s journal.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>two points as a circle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a plumb line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a stroke, that fades</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep the strokes of this picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time from here, to here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the same moment in both clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click the picture: two points make a line or a circle, three an angle at the second, four the angle between two lines. Drag to draw.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Circle: radius &lt;b&gt;%1&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Round it: &lt;b&gt;%1&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Between the lines: &lt;b&gt;%1&lt;/b&gt; as seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;T&lt;/b&gt; at one picture, &lt;b&gt;T&lt;/b&gt; at another: the time between.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From frame %1 to %2: &lt;b&gt;%3&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two clips beside each other are held together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each clip by itself again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Held together: frame %1 and frame %2 are the same moment.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::BenchView</name>
    <message>
        <source>Click the point to follow first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture shown lies outside the marked span.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Following the point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lost in %1 of %2 pictures: the path has a gap there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a clip, or drop one here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keys act here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame %1 of %2 · %3 s%4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · span %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading the clip …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two points make a circle: its middle, and a point on it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept with this picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No stroke on this picture that is not kept already.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::BlockView</name>
    <message>
        <source>The repetitions of this block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>off</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::CalendarImport</name>
    <message>
        <source>Entries of the calendar file that lie ahead</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a calendar file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An .ics file, as calendars write it: choose which of its entries are competitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add the ticked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A calendar file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing in %1 lies ahead.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tick what is a competition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Competitions from a calendar</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::CapturePlanner</name>
    <message>
        <source>THE CAMERA</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How wide the lens sees, left to right: a phone&apos;s main camera about 65°, twice zoomed about 35° (common practice, no source). Measure it: width of the scene at a known distance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> a second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>1/</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lens sees</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Off square by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Frames</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Exposure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>THE MOVEMENT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> m/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the fastest point that matters: a fast hand about 8, a club or racket head 20 to 50 (common practice, no source).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The shortest segment of an angle: a forearm about 0.25.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fastest point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shortest segment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tightest angle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tightest time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to the clip (Esc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FROM ABOVE, TO SCALE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHAT IT CAN TELL APART</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHAT TO CHANGE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2, as the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt; pixels a metre: an athlete of 1.7 m is %2 px tall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an angle: &lt;b&gt;± %1°&lt;/b&gt;; 120° seen from there reads %2 to %3°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an event: &lt;b&gt;± %1 s&lt;/b&gt;; an interval ± %2 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the fastest point smears over &lt;b&gt;%1 px&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lengths in the plane appear at %1 % of what they are</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing: this is good enough for the tightest tolerances.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Camera %1 m away, %2° off square, sees %3 m</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::CaseShelf</name>
    <message>
        <source>%1, %2, %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sessions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part of a name or a skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find a case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cases, the last opened first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the open case…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One file with everything of the open case and its clips, for another machine or for keeping.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring in a case…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From an archive that this program wrote.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete the athlete…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything of the open case&apos;s athlete, clips included, for good.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the open case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write it all the same</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring in a case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cases in this library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>last opened %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No case is called &quot;%1&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing the case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written to %1; %2 could not be found and stayed behind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written to %1. Film of people is in it: hand it on only to those whom they agreed to.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the archive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was brought in. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1, %2&lt;/b&gt;: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete and a case of this skill are here already: that case stays as it is, this one comes beside it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete is known here: the case comes beside the others, and what is known of the athlete stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete is new here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring it in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Delete %1 for good?&lt;/b&gt; %2; of the open one: %3, with marks, frozen plans and the practice log. Clips that no other case uses are deleted from the library&apos;s folder. This cannot be undone, and it clears all undo steps.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete for good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is deleted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Case archive (*.riflesso *.zip)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two copies of one case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brought together. %1 left as here: sections and repetitions would not fit.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entry was</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entries were</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brought together: %1 came from there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entry</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entries</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::CauseDrawing</name>
    <message>
        <source>Faults and their causes: drag from a cause to what follows from it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No fault yet. Choose a measure and say what too much or too little of it is called.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::CauseMap</name>
    <message>
        <source>Cause map: causes left, consequences right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 leads to %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ChangesBox</name>
    <message>
        <source>ON EVERY CASE THAT USES IT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>See what would change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring the ticked ones over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cases and what would change in them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Has</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>States</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First rungs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A case keeps the edition that it was judged with. Its latest set is judged by both, and the differences are listed before anything is brought over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep it as an edition first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Judging every case by the skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No case uses it yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 would change, each by its latest set. Marks, decisions and frozen assessments stay.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 brought to edition %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the chosen parts from there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the skill that it began as has otherwise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>AS %1 THAT SHIPS NOW, EDITION %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>AGAINST %1 THAT SHIPS NOW, EDITION %2: %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>DIFFERENCE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>DIFFERENCES</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts of the skill that ships</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ClipCheckBox</name>
    <message>
        <source>%1 × %2 pixels, %3 frames, %4 a second</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 gaps between frames: events beside them are less sure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no gaps between frames</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wrong view: this skill is judged from the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>an event can be placed to about ± %1 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CHECKS OF THE CLIP</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look through the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For repeated frames, cuts between takes and black bars: every frame is read once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find the clip…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was moved: show where it is. It is known by its content; others beside it are found too.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where is the clip now?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no repeated frames</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, the first is %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repeated frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repeated frames</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no cuts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it looks cut at frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>black bars: the picture is %1 × %2 at %3, %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split into %1 sections there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking through %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split %1 at its cuts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>too few pixels on the athlete: %1 px tall, the direction of a forearm is sure to ± %2°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the athlete is %1 px tall: the direction of a forearm is sure to ± %2°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 goes up to %2 px in a frame: blurred by as much at a full frame&apos;s exposure, by %3 px at 1/1000 s</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ClipKeeping</name>
    <message>
        <source>WHERE THE CLIP LIES</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy into the library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A copy beside the library&apos;s own clips: it no longer matters what becomes of the file.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove this clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the session, with its repetitions and marks; Ctrl Z brings it back. The file stays.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete for good…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With its repetitions, marks and undo steps; its file too, where it lies in the library.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the library.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copying %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy a clip into the library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The clip lies in the library now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Delete %1 for good?&lt;/b&gt; %2 with their marks go with it, and all undo steps. This cannot be undone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete for good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is deleted.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ClipTimeline</name>
    <message>
        <source>The whole clip with its repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 view, %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ColumnDialog</name>
    <message>
        <source>left out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame, from 0</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>time in the clip, s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name of the landmark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>x, px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>y, px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>uncertainty, px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: x, px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: y, px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the columns of %1 mean</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Guessed from the names of the columns; change what is wrong. Pixels count from the middle of the top left pixel of the upright picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Column</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its first cells</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Meaning of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ready.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not yet: %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ConsentBox</name>
    <message>
        <source>No consent to film is written down: nothing of this athlete should leave this machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The consent to film ended on %1: nothing more should leave this machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Consent holds until %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Consent holds, without an end date.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Given on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Consent given on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>until</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Consent ends on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the consent covers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>papers and pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>voices</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not for: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Given by %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete may be a minor: write down which parent or guardian gave it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For what: training, teaching, publication</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who gave the consent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Given by: the athlete, or a child&apos;s parent or guardian</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To hand on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>papers, pictures</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::CourtPanel</name>
    <message>
        <source>In the band</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Below the band</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Above the band</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not sure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The repetition that was just filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Camera, or folder into which clips arrive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera stands where it stood then: its side, scale and lens hold</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After which repetitions the number is shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number after each</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number after every 2nd</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number after every 3rd</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number after every 6th</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>number only when asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep the films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the library&apos;s folder, recordings. Otherwise only the number is kept. Clips of a watched folder stay where they are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is over (Space)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show the number (V)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop filming (Esc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose a camera or a folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clips that arrive in a folder…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as in %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No consent to be filmed holds today. Write it down on the Athlete page first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder into which clips arrive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Getting ready to measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measuring a repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing can be measured: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 was not measured: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No repetition was found in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing of this set can be measured so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measuring…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a camera or a folder: nothing is filmed before.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · %1 measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 not sure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · %1 wait</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your eye first: G or N</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>V shows the number now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. Band: %2. Stood here %3 s after the movement.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::CourtSource</name>
    <message>
        <source>The folder %1 is gone.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A clip is being written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waiting for a clip in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not filming</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Somebody moves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waiting for a movement</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::CurvePlot</name>
    <message>
        <source>Curve over phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>phase, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 over phase, %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dashed: mean of the first %1, dotted: of the last %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>of its largest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 ± %2 s earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 ± %2 s later</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::DeskList</name>
    <message>
        <source>Retest was due on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retest due on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retention test was due on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retention test due on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No consent to film is on record</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Consent to film ended on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Consent to film ends on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No changes now: %1 on %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 on %2; no changes from %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the desk</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is due in all cases, the most urgent first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped since %1, waits for professional advice: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped, waits for professional advice: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decide again: %1 was set aside until %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::DeviationRuler</name>
    <message>
        <source>%1 in this repetition, %2. Click to see it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::DisputeBox</name>
    <message>
        <source>Take no position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHERE COACHES DISAGREE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why, in this case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::DoubtReview</name>
    <message>
        <source>All of it is right (Shift D)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next (D)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done (Esc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Doubtful %1 of %2&lt;/b&gt;, worst first. Repetition %3, frames %4 to %5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Widest: %1, ± %2 px in frame %3, which is shown above.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A key event is doubtful here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A key position lies in it: findings rest on it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, frame %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::EquipmentBox</name>
    <message>
        <source>EQUIPMENT AT HAND</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something else that is at hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something else</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add the equipment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is ticked: everything is taken as at hand.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the equipment</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::FigureCard</name>
    <message>
        <source>Figure card: which landmark is next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::FilmPage</name>
    <message>
        <source>Play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CLIPS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clips of the session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a clip…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Or drop files anywhere in the window.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start of a repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No session is chosen. &lt;b&gt;Next: add one on the Athlete page.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no clip. &lt;b&gt;Next: add a clip, filmed from the side the skill asks for.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Scale of this section: click both ends of something of known length, in the plane of movement. &lt;b&gt;Next: type its length and keep it.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A repetition starts at frame %1. &lt;b&gt;Next: go to its end and press C again.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, no repetition cut. &lt;b&gt;Next: play, press C at the start and again at the end of each repetition.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Missing: fewer than four repetitions prove little. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Missing: the result of %1. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clip not found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Space</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cut</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>split section</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>length</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>result</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt right, off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Del</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;br&gt;&lt;span style=&apos;color:%1&apos;&gt;model&lt;/span&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;br&gt;not found: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a clip to begin</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame %1 of %2 · %3 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The clip is not at %1. Put it back there, or find it (on the right).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End of the repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A repetition needs at least three frames; nothing was cut.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose or add a session on the Athlete page first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add the clip %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find them (R)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looks for repetitions in this section: like the first marked one, or a model&apos;s, else movement between rests.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera live. &lt;b&gt;Next: record with Space; what is recorded becomes a clip of this session.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Before filming: what a set-up can tell apart. &lt;b&gt;Next: change it until nothing is left under &quot;what to change&quot;.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture of this section. &lt;b&gt;Next: %1.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>record, stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Esc</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>back to the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>click</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set a point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>move it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>find</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No sudden sound further that way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listen for contacts first (Picture, lens, camera, on the right).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Record…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a camera of this computer, with a look at what was some seconds ago.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan the camera…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where to stand and how to set the camera, before filming.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;TO FILM NEXT&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;br&gt;&lt;i&gt;and %1 more&lt;/i&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>First picture of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reading the clip …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The session is not there any more; its clips were not added.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame; Shift: ten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the sound before, the next one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cut: first frame of a repetition, then its last</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>find repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>split the section here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a known length: the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>something upright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>known points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>result of the repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the athlete felt it right, off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next form of the movement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave what was begun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page Up, Page Down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the repetition before, the next one</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the line nearer, further, whole; the wheel too, with Shift along it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No repetition further that way.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2, %3 with a result. %4&lt;b&gt;Next: mark the key positions.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <comment>beside Film, little room</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <comment>beside Film, little room</comment>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The recording stays with the session it was made for; it is taken in on that Film page.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::FilmPanel</name>
    <message>
        <source>The film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Place in the film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PARTS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts of the film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is said in this part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This part has no sentence of its own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A picture of the film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For good?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cover somebody else</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then drag a box over their head on the picture: it is followed, and covers them wherever others are covered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gone here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From this picture on nobody else is there any more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of this part</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut here (C)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say again…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As first said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words that stand below the pictures of this part.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw the box on a filmed picture.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Look there (L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Opens this frame on Mark. Coming back the film goes on where it is.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::FindingsPage</name>
    <message>
        <source>STRENGTHS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>TO DECIDE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>School of ranking</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Findings in order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the school of ranking</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Work on this (W)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Park (P)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not a fault here (X)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason, kept with the case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason of the decision</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a decision again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CAUSE MAP · causes left, consequences right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHY IT STANDS HERE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Compute a term again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measuring…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 strengths, %2 findings%3. %4&lt;b&gt;Next: %5.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 with a caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beliefs are not locked yet. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>see the ladder in Plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose one main focus and at most one minor one; %1 to decide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>decided</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to decide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>work on this</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>park</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not a fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No findings yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None is sure yet: a strength needs four repetitions, three of four within.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>caution, whatever the order</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>follows from &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leads to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>others</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seen, but seldom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limited: change the target</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>main focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>minor focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>decided: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pattern: &lt;b&gt;%1&lt;/b&gt;, match %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Seen once: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not judged: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shown in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not judged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: &quot;%2&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>. Measured: &lt;b&gt;%1&lt;/b&gt;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decided on %1: %2%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not decided yet. The program ranks; you decide.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why: a value set by hand is kept with its reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set %1 by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say why &quot;%1&quot; is not worked on: the reason is kept with the case.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decide &quot;%1&quot;: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>work round it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whole case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say until when it is worked round: a day or an occasion.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One main and one minor focus are chosen already: correcting everything at once corrects nothing. Open one of them again, or insist and say why.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only looks like it: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>BY CONDITION</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Work round it (A)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left as it is for now: the rest of the technique is arranged so that it harms least.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>until when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Until when it is worked round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>THE WHOLE CASE · causes left, consequences right, broken outline: outside the movement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole case (M)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, about %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>work on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>work round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no drill is left with these limits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A limit of the athlete stands against drilling this: change the target, work round it for now, or say until when and ask again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete is hardly willing to change the technique: change the target, work round it for now, or say until when and ask again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the target…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, %2: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>form not noted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no finding</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say it on Film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pack&apos;s word for the effect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The effect that the results show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 to be asked about again: the day has come. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 until %2, which has come: decide anew</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of &quot;work round it&quot; and &quot;park&quot;: a day or an occasion. On a day such as 2026-12-05 it is asked again.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ForecastBox</name>
    <message>
        <source>WHAT THE RETEST WILL SHOW</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure of the forecast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Value expected at the retest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is locked at once: a forecast is made before, and scored after.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written down on %1 for the retest on %2, from %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written down on %1 for the retest, from %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down a forecast</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: &lt;b&gt;%2&lt;/b&gt;. %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> % good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Result: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::GhostFit</name>
    <message>
        <source>trunk, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thigh, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shank, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upper arm, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>forearm, %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::GoalBox</name>
    <message>
        <source>THE GOAL AS A NUMBER</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure of the goal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Value of the goal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Day of the goal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A measure and a value make the goal checkable: Progress then says how far it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The goal as a number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No goal as a number</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::GroupRulers</name>
    <message>
        <source>%1 less than %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 more than %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: better</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: worse</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: neither nearer nor further</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: could be chance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>values</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::GuideWindow</name>
    <message>
        <source>The guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find in the guide</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find in the guide; Enter goes on, Shift Enter back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Chapters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is not there: the guide is not installed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::HandoverPage</name>
    <message>
        <source>WHAT LEAVES THIS MACHINE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FROZEN ASSESSMENTS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing to hand over yet. &lt;b&gt;Next: mark key positions.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 frozen so far. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 frozen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Freeze the assessment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>TO TAKE HOME</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is taken home: ticked is written, the chosen one is shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FACES AND NAMES</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cover the athlete&apos;s face</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cover the model&apos;s face</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave out the names</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films as</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Films as %1, %2 × %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder that is written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the folder (P)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With a paper in it the assessment is frozen: its numbers, the order and the reasons stay as they are now, and print the same in years.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shown: %1. %2&lt;b&gt;Next: write the folder.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>write the folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>play the film that is shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>go by pictures of the film, with Shift by seconds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take-home film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then and now, a film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A repetition, a film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Key positions as pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates for a calendar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>PDF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no consent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>is being made</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>after a retest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none is chosen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1, a film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, PNG</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>iCalendar</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>holds faces and names</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with all clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>still picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>still pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measured values</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faces of athlete and model covered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete&apos;s face covered, the model&apos;s seen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The model&apos;s face covered, the athlete&apos;s seen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faces are seen.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With the case all clips and the journal leave as well.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No place, no device, no sound.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Others in a picture are not covered: look before it leaves this machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand it on only to those whom the athlete, or the parents of a child, agreed to.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for the faces…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Making the films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Looking for the faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The film is being put together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A film of then and now can be made once there are two sessions with the same key event marked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Each key position as a picture of its own, 1280 × 960, athlete and model, with what is measured drawn on it: as on the paper of key positions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dates of the plan as one file for any calendar: sessions with their cue, the days without changes, tests, competitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Everything of this case in one file, with its clips, for this program on another machine. Faces and names are in it as they are.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Laying out the paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page of the paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The faces are still being looked for: write the folder when it is known where they are not sure.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Writing the folder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written to %1: %2, %3 MB. index.html shows it in any browser.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>files</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printing the paper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing is in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A voice: names that are spoken stay in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No place, no device, no sound of the clips.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The walk-through is removed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>about %1 MB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cover others, where a box is drawn over them</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cut here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>cut the walk-through&apos;s part in two at the picture that is seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All repetitions, a film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A repetition as pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no consent to the voice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none is marked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1 as pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Others are covered where boxes were drawn: look before it leaves this machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: in %2 it is not sure where to cover; they are shown without the clip (%3).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Walk-through, %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show a part of the walk-through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave out a part of the walk-through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Move a part of the walk-through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words below a part of the walk-through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name a part of the walk-through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cut the walk-through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A part of the walk-through as first said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Say a part of the walk-through again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody else there any more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cover somebody else</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>open the frame that is seen on Mark; the film stays where it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side by side, a film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>needs two repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This frame is in no repetition that is marked.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::HomeGrid</name>
    <message>
        <source>THE HOME SHEET, TYPED BACK</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How many were ticked off, day by day. Tab goes on; an empty cell is nothing known, 0 a day without.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Home practice: days down, drills across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to the block (H)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The log as a table…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The practice log as a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table into the log…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A practice log as a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Planned on %1 days so far, kept on %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No home practice is planned yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number from 0 to 10000 is expected here, not &quot;%1&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Home practice of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be written: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read, or is larger than 64 MiB.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table into the practice log</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 blocks are new.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Photograph of the sheet; a click turns it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A click turns it by a quarter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A photograph of the home sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.jpg *.jpeg *.png *.webp)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is no picture that can be read: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A photograph…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::JournalList</name>
    <message>
        <source>JOURNAL OF DECISIONS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing decided yet. What is decided in Findings stands here with its reason.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::KeyList</name>
    <message>
        <source>Keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>find an athlete, a measure, a drill, a page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl Z</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>undo; Shift: redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Alt 1…9</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the steps of the course</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>this list</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>EVERYWHERE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl Shift C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the view under the pointer as a picture; a right click: more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl Shift R</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>talk it through: record what is shown and said; again: end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl Shift P</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pause the recording, and go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl Shift B</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave the last ten seconds of the recording out, to say them again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ctrl and drag</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>draw on a picture; it goes after four seconds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the guide, at this page</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LadderBox</name>
    <message>
        <source>LADDER OF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rungs, from easy to hard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>DRILLS OF ALL SKILLS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a fault, a stage, a part of the body, equipment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Search drills</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drills found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a drill of your own: its name, then Enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of a drill of your own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order of the ladder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A rung taken out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drill: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rung: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LapPanel</name>
    <message>
        <source>LAPS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is counted in the laps</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counted: whole cycles</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>counted: every side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Laps: distance, time, count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>count</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 a minute · %3 m each · %4 m/s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lap %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the first lap to the last: rate %1, length %2, speed %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rate was bought with length.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Length was bought with rate.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type metres, seconds and the count of a lap.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LearningView</name>
    <message>
        <source>three of four</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LeftRecordingsBox</name>
    <message>
        <source>&lt;b&gt;Cut off&lt;/b&gt;&lt;br&gt;A recording of %1, %2, is not yet a clip: the program was ended.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it in</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Delete…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>For good?</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LengthBar</name>
    <message>
        <source>%1 mm/px ± %2 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 lengths differ by %2 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, from one length: no check possible</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Length in metres</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done (L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long is it? Ends can be dragged.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click its other end.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click one end of something whose length you know, as far from the camera as the athlete is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. Click another to check it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LibraryPanel</name>
    <message>
        <source>LIBRARY</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another folder…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Check it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reads the database and every clip once: what is damaged, gone or another file now is named.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A SECOND COPY</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy to a folder…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring the copy up to date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>DEMO</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Put the demo back to its first state</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The demo is back in its first state.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHAT STAYS HERE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing leaves this machine; the program never uses a network. What is written for others lies where you say, and nowhere else.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2, %3. %4 are free on this disk.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>athletes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only the demo library can be put back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is none yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Made %1 in %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The copy in %1 is not there now: its disk may not be plugged in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checking…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Checking the library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The check was stopped.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is sound: the database is whole, and every clip is the file that was taken in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The database is damaged: %1. Open a copy, and keep this folder as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, clip %2: another file lies at %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, clip %2: nothing at %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On Film, Find it… shows the program where such a clip lies now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder of the copy: an empty one, or that of an earlier copy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copying…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copying the library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copying was stopped; an earlier copy is as it was, and the next time goes on from here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The copy in %1 is whole: %2, of them %3 new.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the library does not have any more is gone from it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not in it, since the file is not there: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Disks fail. A copy on another disk holds everything, the clips too, and is a library like this one: if this one is lost, open the copy with Another folder. The next time only what is new is written, and people you deleted here go from the copy too.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LimitChoice</name>
    <message>
        <source>Part of the body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kind of limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no side</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LimitsBox</name>
    <message>
        <source>LIMITS AND INJURIES</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Since when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The limit in words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add the limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 until %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None known. A limit changes the target, not the athlete.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>since %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>advised on %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It does not hold from today on; it stays in the history.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A limit is over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not so</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It was written down by mistake.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take away: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is read as: %2. Is that what is meant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is read as: no limit. Is that so?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: which part is meant? Until somebody says so, every drill that is not for all is held back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That is meant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What a limit means</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped in practice%1: %2. The plan waits until it is written down who advised what.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who advised what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Day of the advice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down who advised what; a licensed professional decides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was advised</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a part of the body, or write the limit in words.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a limit</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a limit away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Such as: sore left knee</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>which part?</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::LivePanel</name>
    <message>
        <source>Camera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> s ago</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How long ago</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete sees the last repetition on walking back. Recording goes on meanwhile.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Record (Space)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done (Esc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No camera is connected to this computer.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop (Space)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recorded %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 s ago</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not recording</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;recording&lt;/b&gt;, %1 s, %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::MainWindow</name>
    <message>
        <source>Find athlete, measure, drill, command   Ctrl K</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mirror</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Practice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand-over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skill packs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;No case yet&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Mirror</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Practice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Hand-over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to the Bench</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Cases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Skill packs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to Settings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the ten-minute tour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Undo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Redo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Athlete: %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drill: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Session: %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is called &quot;%1&quot; here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Paused at %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Recording %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::MarkPage</name>
    <message>
        <source>Cut a repetition on the Film page first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, repetition %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proposed here: %1 of %2. In the repetition: %3 and %4 to confirm, %5 doubtful.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key events</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All landmarks of this frame are set. Drag one to move it, or go to another frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is hidden</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the mark of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every key event of this set is set and marked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing doubtful is left in this set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>KEY EVENTS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Key events of the repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set here (E)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next open (N)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hidden (H)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next landmark cannot be seen in this frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>LET THE PROGRAM MARK</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Propose (P)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finds the athlete&apos;s landmarks and key events in this repetition. Shift P: in all repetitions of the set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Track (T)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Carries the marks you set or confirmed to the other frames of the repetition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirm (C)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirms what is proposed in this frame. Shift C: all of the repetition that is not doubtful.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MEASURED HERE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SEEN, NOT MEASURED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No repetition is chosen. &lt;b&gt;Next: cut one on the Film page.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> at &lt;b&gt;%1&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> in frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nudge %1 with the arrows, Esc to go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>go to &quot;%1&quot; and press E</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>look at what is doubtful with D, drag what is off, confirm with C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>confirm with Shift C</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>click the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set the other key events</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>see the next repetition, or Mirror</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1: %2 of %3 marks set%4. %5&lt;b&gt;Next: %6.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Missing: %1. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>click</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hidden</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>doubtful</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Del</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Esc</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, doubtful</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, proposed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>KEY POSITION · %1 MARKS, %2 OPEN</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All landmarks of this frame are set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next: &lt;b&gt;%1&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No measure is taken at this event.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click a measure to see why it has this value.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not set by sound. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set &quot;%1&quot; at the sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set at the sound, ± %1 s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set at the sound, ± %1 s: how far away the microphone was is not known (Film).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture as filmed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shown brighter. Nothing that is measured changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shown sharper. Nothing that is measured changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shown brighter and sharper. Nothing that is measured changes.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Zoom follows the marks, and there are none yet. The wheel zooms where the cursor is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw a box round the athlete: marks are proposed from there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next landmark is not a hand that holds something.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click the tip of the implement, then any point further down.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click any point of the implement, away from its tip.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tip and hand have to be marked in three other frames first, so that it is known how far apart they are; and the two points have to lie apart.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark %1 by the implement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set along the implement, ± %1 px.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why a landmark is hidden</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reason kept with a landmark that is hidden (H).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hidden: cannot be seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hidden: behind the body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hidden: behind something</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hidden: out of the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hidden: too blurred</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>YOUR OWN HAND</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark again, blind (R)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A few frames and key events once more, without seeing the first marks. From ten pairs on, what lies between them is the uncertainty of your marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>AS TABLES</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The first marks are hidden. &lt;b&gt;Next: mark what is asked for below as carefully as ever.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing was marked twice yet: marks count as ±&#xa0;%1&#xa0;px.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go to &quot;%1&quot; and press E.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go back to frame %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click the %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>observe</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set the next landmark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set it by keyboard, then nudge</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page ↑ ↓</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>play the repetition, round and round</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set the key event here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set it at the nearest sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the next landmark is hidden</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a hidden hand by its implement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>remove the chosen mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next open landmark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>propose; Shift: the whole set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>propose in a box drawn by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>track</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>observe: asked one after the other</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark again, blind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>draw the chosen measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>zoom to the athlete, or all</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>view: brighter, sharper</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leave what was begun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame %1 of %2 · %3 s from its start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listening for &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nudge 0.1 px, Shift: 1 px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a chosen mark: 0.1 px; Shift: 1 px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame; Shift: ten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Space</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>propose</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>confirm</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Values are shown once what is believed is locked, or it is said that nobody was asked (Athlete).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Watch again, blind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was answered is asked once more, repetition after repetition in another order, the first answers unseen. From four on there is an agreement (kappa); below 0.4 an observation counts for half and never makes a finding clear.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not of this form</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Watched twice: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to set, if it happens</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1 is watched, not marked. %2&lt;b&gt;Next: %3.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WATCHED, NOT MARKED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of this skill nothing is marked: set the key events, and answer what is asked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>confirm this frame; Shift: all that is sure, again: of the set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the worst that is doubtful; Shift: all of it is right, and the next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>track; Shift: in every repetition of the set</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::MarkProposals</name>
    <message>
        <source>Proposed and not confirmed: %1, %2. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key events</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proposing marks of repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped. Nothing was changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No marks proposed. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Propose marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No person was found in these frames. Mark three landmarks of one frame, so that it is known where to look.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set or confirm marks in one or more frames first: tracking carries them to the others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tracking repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not tracked. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Track marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tracked: %1%2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; lost in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>place</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>places</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirm frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirm what is sure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proposed: %1 and %2%3. Look at the doubtful ones first (D).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, placed as you place yours</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The repetitions were changed meanwhile: nothing was proposed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The repetition was changed meanwhile: nothing was tracked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proposing marks of repetition %1 (%2 of %3)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2 repetitions have proposed marks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 Then: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is sure here is confirmed. Shift C again: in the other %1 of the set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is sure in the other %1 of the set is confirmed. D goes to what is doubtful.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Confirm frames %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1: what is held was not found as it is held in the others. Mark its tip in one frame, then T.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::MarkStrip</name>
    <message>
        <source>Repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Traces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure of trace %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draw (M)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Draws the measure of the first trace on the picture, with its value in this frame.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1, %2 view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measuring</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::MarksTable</name>
    <message>
        <source>Export…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Marks and key events of the set shown, as two CSV files.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Marks or key events from a CSV file, whatever its columns are called.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Marks as a table</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables (*.csv)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A table of marks or key events</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tables (*.csv *.tsv *.txt)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written: %1 and %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Import %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 brought in.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key events</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> %1 lie in no repetition of this set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> Not known in this skill: %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::MergeWords</name>
    <message>
        <source>entry about the athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entries about the athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>setting of the case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>settings of the case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>belief</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>beliefs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>decision</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>decisions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entry of the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entries of the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>block of practice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blocks of practice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frozen assessment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frozen assessments</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entry about sessions and clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entries about sessions and clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entry about sections</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entries about sections</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entry about repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>entries about repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>key events</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mark of a second sitting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>marks of a second sitting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>year of birth</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>goal</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>notes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>willingness to change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>equipment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>consent given on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>consent holds until</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the consent covers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>who gave the consent</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what may be handed on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>school</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>age</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measured effects</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>model of a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other observers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sessions a week</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>minutes of homework a day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>days without a change before a competition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>retest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>retention test</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one change at a time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>tempo first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reason of the approach</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how feedback is spread</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>reason for it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>facing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>performer</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>slow motion</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>conditions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>scale, m per pixel</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>uncertainty of the scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>bearing of the camera, degrees</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>height of the camera, m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>distance of the camera, m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>known lengths</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the picture: lens, plane, area</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>result</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>variant</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>whether the variant was right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how it felt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>other results</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>one of the best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clip &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Section of &quot;%1&quot;: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How &quot;%1&quot; is divided into sections</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Notes on &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1 of &quot;%2&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: the same frames marked on both sides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: first and last frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: second sitting</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: the same movement in another clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Athlete: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plan: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Case: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Decision: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Value set by hand: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own target: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Position: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cue: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Practice: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A limit or an injury</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A belief</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A frozen assessment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The cut of a walk-through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>kept and worked on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frames %1 to %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as marked there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as marked here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the edition there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the edition here</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::MirrorPage</name>
    <message>
        <source>The athlete at this phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The model at this phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What both sides share while moving</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>equal phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>equal time</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Equal phase: both at the same share of the movement, key events laid on each other. Equal time: both started together, each at its own pace.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ghost (G)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order of the wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by the chosen measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by result</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all conditions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Blind (B)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hides results and values and asks of each repetition how it felt. Then: in how many that agrees with the film on the first finding.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waterline</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wall (W)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Below</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who stands below the waterline: model, own best or another session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Results and values are hidden. &lt;b&gt;Next: click each repetition: felt right, felt off; then leave blind (B).&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the pack&apos;s ranges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of the model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Missing: %1 without a value. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next key event</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waterline</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>wall</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ghost</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No model is filmed: the pack&apos;s ranges are the reference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the first and the last key event of this repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shown mirrored</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · repetition %2 · %3 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How repetition %1 felt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · out of order here: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>phase %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fetching pictures, %1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>asked: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt agrees with film in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1, %2 view</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the ghost is scaled on and placed at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by what suits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The segment that both are scaled to, and the point at which they are laid on each other.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The ghost is drawn at %1 %.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Band: model mean ± tolerance. Thin: every repetition. Bold: the chosen one. L: the first against the last repetitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over the curve: the mean of the first third of the repetitions, dashed, and of the last, dotted.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without the first and the last repetitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The one below drawn on the athlete, then the athlete on the one below, then none. Shift G: fainter.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>COMPARED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What tells the compared repetitions apart</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ghost below (G)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a figure, not a film: lengths in trunks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>choose a measure above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: only one group here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Space</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the wall of all repetitions, and back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the wall: without names</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ghost of the model; Shift: fainter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over the curve: first and last third of the repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 against %2, at %3: %4 clear deviations, %5 possible, %6 strengths. %7&lt;b&gt;Next: decide in Findings.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drawn from the skill&apos;s ranges, not filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drawn from the skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skill&apos;s figure</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ModelStage</name>
    <message>
        <source>Repetition shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This case has no repetition that shows how it should be: add a model&apos;s session on the Film page, or mark the athlete&apos;s best repetitions as best. Words can be written without one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open a case with a model to point at. Words can be written without one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Model, repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own best, repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame %1%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>click points: to measure between them, or whose moment a new position is</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::MovingFigure</name>
    <message>
        <source>The skill&apos;s figure in motion</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::NotedBox</name>
    <message>
        <source>One of the athlete&apos;s best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The yardstick of the others in this session, and left out of the set.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No longer one of the best</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not noted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Condition of the section</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Result of repetition %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ObservationForm</name>
    <message>
        <source>not judged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Observe: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>yes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>partly</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Right variant: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Was it the right one here? %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how many</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A number is expected here, not &quot;%1&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>0 to 9, or in the field on the right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter passes over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 κ %2, too weak: it counts for half and is never clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 κ %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Observe again: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing in this set was watched that is not watched again already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept. Four repetitions watched twice give an agreement.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your own eye: %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::OtherObserver</name>
    <message>
        <source>ANOTHER OBSERVER</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Their case file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A case archive in which somebody else marked and watched the same clips. Nothing of it is brought in but how well the two of you agree.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another observer&apos;s case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget other observers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reading the archive</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 has no repetition in a clip of this case: clips are known by their content.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: theirs less yours %2, one repetition ± %3 (%4)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 that both have. Furthest apart:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Agreement with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 κ %2, too weak: it counts for half and is never clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 κ %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fewer than four answers in common, no kappa</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Case archives (*.riflesso *.zip)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::PacksPage</name>
    <message>
        <source>The pack: events, measures, faults, drills</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reference and source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A case brings its skill pack. &lt;b&gt;Next: start a case.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2 measures, %3 faults, %4 drills. The pack is kept with the case, so that its numbers stay the same.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 entries</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Key events</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Observations</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faults</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>follows from: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>weight %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drills</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Good: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is in it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sheet, one page</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sheet, all of it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Print the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Laying out the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Page of the skill sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, whole skill sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, skill sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printing the sheet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Printed to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Otherwise in the skill that ships now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1; this case keeps its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>difference</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>differences</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ranges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>structure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>added: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>removed: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Workshop: a skill of one&apos;s own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 is no skill: %2: expected %3, got %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, edition %2: %3, %4, %5, %6.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>positions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>faults</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drills</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It has %1; the first: %2: expected %3, got %4. It can be mended here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take it into this library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a tenth of the speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with pictures of the model, head covered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, edition %2. %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, tolerance %2 (%3)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::Page</name>
    <message>
        <source>undo &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing of this set is marked yet, so there are no results. &lt;b&gt;Next: mark key positions.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing marked</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::PartForm</name>
    <message>
        <source>at: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>largest over: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>smallest over: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean over: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>range over: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Too much is called</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nothing: it is not a fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Too little is called</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Range from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Range to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Tolerance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Source</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where the numbers come from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>About</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what it tells and why it matters</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part of the body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>caution: lifted to the top</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop: before all else</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What happens</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in a sentence or two</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How to see it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What only looks like it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How much it costs, 0 to 1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Caution</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Caution in words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shown wherever the fault is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cue, as it is said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Good when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Under</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Sets</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetitions a set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Minutes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Needs</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>equipment, separated by commas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How it looks when done wrong</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What it feels like</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cautions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>separated by commas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>such as: knee pain</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what stands out in this picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Moment of the points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none: of all that are marked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A repetition without it is whole</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Question</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kind of movement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>once, with an end</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over and over, cycle by cycle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>held still</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Group</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>under which it stands among many</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Found by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>words, separated by commas</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filmed from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>side, front, rear, top</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a group of conditions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Made of: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finds itself where: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No rule: it is carried over from marked repetitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: a number, such as 12.5; not &quot;%2&quot;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: when</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set by hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No fault any more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Fault: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::PictureBar</name>
    <message>
        <source>does not fit: expected %1, got %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 points fit within %2 mm (RMS)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from four points: no check possible</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lies closer to level than to upright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>rolled by %1° ± %2°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What lies there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A rectangle I measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which plane</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the floor</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in the plane of movement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>On the floor it serves only points that touch the floor. In the plane of movement it serves all angles and lengths.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Across the picture, left to right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Away from the camera, or up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>short side to the camera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cannot be seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done (Esc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>click the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>keep it, or drag a point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the camera is %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2 pixels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>that is too small</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click the %1 (%2 of %3).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Points can be dragged.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::PictureMenu</name>
    <message>
        <source>Copy this view as a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save this view as a picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy the page as a picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the page as a picture…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The picture is in the clipboard: %1 × %2 pixels.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Width in pixels</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Save the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures (*.png *.svg)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> without names and faces…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy this view without names and faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Copy the page without names and faces</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The face of who is marked is hidden: see whether others are in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written: %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::PlanPage</name>
    <message>
        <source>DATES AND DOSE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Technique sessions a week</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Homework a day</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No changes before a competition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> days</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Retention test</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WEEKS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Square: technique session. Dot: homework. Ring: test, drag it to another day. Hatched: no technique changes. Filled: competition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a calendar file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The dates of the plan as an .ics file for any calendar.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write a calendar file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Calendar (*.ics)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 could not be written: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 written to %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>date</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dates</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No focus yet. &lt;b&gt;Next: decide in Findings.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Focus: %1%2. %3&lt;b&gt;Next: %4.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; minor: </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> (proposed, not decided)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To settle on the right: %1. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>practise on the rung marked, or hand the plan over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>decide in Findings</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to settle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dated</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>draft</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When a fault is chosen in Findings, its ladder of drills stands here.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MAIN FOCUS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MINOR FOCUS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left out: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop on pain and ask a licensed professional. The rules of the sport&apos;s body and of the venue come first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>THE NEXT LESSON · %1 minutes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pack&apos;s cue again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A cue in own words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The plan waits: pain was said in practice. &lt;b&gt;Next: write down who advised what.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>waits</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot;: nobody has said which part this limit means, so every drill that is not for all is held back. Say it on the Athlete page.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pain or the like was said in practice: the plan, the lesson and the sheets wait until it is written down who advised what, and when. A licensed professional decides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down who advised what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A limit is not understood. &lt;b&gt;Next: say which part it means, on the Athlete page.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>These limits leave no drill. &lt;b&gt;Next: choose another fault in Findings, or ask what is allowed.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::Player</name>
    <message>
        <source>Speed of play</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>full speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>half speed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>quarter speed</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::PracticeOverTime</name>
    <message>
        <source>SHARE OF GOOD REPETITIONS, BLOCK BY BLOCK</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WEEKS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>full: session · light: homework kept · a good block of a drill is not yet the technique: that is on the film</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is logged yet. Practice counts, block by block; here it is seen over weeks.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Longest run %1 (chance: up to %2), %3 crossings of the median (chance: %4 or more)%5.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>: more than chance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHAT NEXT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is worked on: decide in Findings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take this on (W)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WAITS FOR</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>DOES IT HOLD?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1: %2&lt;/b&gt;&lt;br&gt;%3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No test yet: 24 repetitions with nothing told, a week or more after the last practice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>CUE AGAINST CUE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; less &quot;%2&quot;: %3 points of a hundred, %4 to %5. %6</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No winner yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is better.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>COUNTED LIVE, FILMED THAT DAY</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: counted %3 good, on film %4 without it. %5</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The counting is too kind.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The counting is too strict.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No more apart than chance.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FELT AGAINST SEEN</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nobody was asked yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 off ones called, %2 calls right.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four in five are called, and rightly: home practice may be filmed less often.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From ten off ones on, four in five called and called rightly, film at home less.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FEEDBACK AND HOME</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 repetitions were followed by feedback%2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; every one of a block in %1: what is told each time may not last, the evidence is mixed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>blocks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Homework planned on %1 days so far, kept on %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2: %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> &lt;b&gt;Next: %1.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;It breaks first here: %1&lt;/b&gt;&lt;br&gt;%2 good under it, %3 under %4: practise there next.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It breaks first here: %1.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::PracticePage</name>
    <message>
        <source>Good (G)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not (N)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>LADDER SO FAR</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No ladder yet. &lt;b&gt;Next: decide in Findings what to work on.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 logged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Backspace</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Choose a focus in Findings first</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Good: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not begun</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 good; the true share lies between %2 and %3 % (80 % interval)%4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; %1 more for a verdict</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Log a good repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Log a repetition that was not good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take a repetition back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop: pain or dizzy (P)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write down who advised what</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped in practice. &lt;b&gt;Next: write down who advised what, on the Athlete page.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop: pain or dizzy</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pain or the like was said in practice. Ask a licensed professional; the plan waits until it is written down who advised what, and when.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>TODAY&apos;S SESSION</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Under what it is practised</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Practice or a test</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>practice</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>test: does it stay?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>test: does it carry over?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A test is 24 repetitions of which nothing is told: a week or more after the last practice of the drill, or under another condition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Felt right (F)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Felt off (O)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cue (T)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Shown (S)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Asked (A)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take back (⌫)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finish the block (Enter)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Home sheet (H)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Judged in blocks of 12. Three of four good: go on. Half or fewer: make it easier. The plan moves up after 11 of 12, or 9 of 12 twice running. Improvement is not steady; a flat week is no verdict.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step %1 of %2. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1%2 logged in this block. &lt;b&gt;Next: ask what was felt, then G or N.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1&lt;b&gt;Next: G for a good repetition, N for one that is not.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>good, not</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>good (also Page Down)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not good (also Page Up)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt right, before it is judged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt off, before it is judged</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the cue was said after it (also B)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>it was shown after it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the athlete asked for feedback</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a measured value was told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>result</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>its result</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>finish</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the home sheet, typed back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (not in the plan)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not noted</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>test done: see Progress</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A verdict stands after %1 repetitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (not in this edition of the pack)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The clock of this machine was set back: the log goes on after what it holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feedback: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Result: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finish a block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The session is finished.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The session is finished. Left out: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film and measure (C)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1
Enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finish the block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what the number says; without one finish the block, go on to the next step</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>film and measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Space</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the movement is over, while a camera films</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>show the number of what was filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Esc</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop filming</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ProgressPage</name>
    <message>
        <source>better</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worse</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no clear change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not comparable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Earlier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Later</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Condition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What changed, measure by measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Verdict</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Then</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Now</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>With the smallest change that these two sets can tell from chance, 95 of 100 times.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the reference at the left: its tolerance as a band, open where the athlete stood, filled where the athlete stands.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is one session. &lt;b&gt;Next: film a retest from the same camera place, and add its session on the Athlete page.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comparing the sessions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The two sessions have no marked set in common. &lt;b&gt;Next: mark the later one.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is back at %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 better, %2 worse by more than chance%3. &lt;b&gt;Next: %4.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, %1 not comparable</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>go on with the plan, or choose the next focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: practise there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>session</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sessions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Comparing sessions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % of the gap closed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It lay within the tolerance then.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · moved: the last two sessions lie outside the band on the same side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> · the band is what chance alone would do</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film the retest as the first session was filmed: same camera place, same set, same conditions. What was filmed otherwise is not compared, and says why.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FAULTS, THEN AND NOW</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>gone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>still there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>back again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: &lt;b&gt;%2&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None in either.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FROM EASY TO HARD</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetitions without the fault, then and now.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, now %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not filmed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Back again at %1.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mastered up to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>THE GOAL</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> by %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> %1, now %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Further away than before.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not measured in both sets.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The deviation is %1 times what was guessed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The deviation is %1 times what was believed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&amp;nbsp;% of the way.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>BELIEVED, GUESSED, FORECAST AND MEASURED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It came as forecast.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It came otherwise.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: forecast %2, measured later %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: first guess %2, measured %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: believed %2, measured %3.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 % good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: forecast %2, it became %3 (%4 to %5, %6 repetitions). %7</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHO GUESSES HOW WELL, OVER TIME</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>You, at first sight</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your forecasts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mostly said too low</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mostly said too high</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to neither side</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: %2 right; off by %3 tolerances, %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Practice (P)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Film (F)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>practice over weeks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the film of two sessions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what next</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take the next step on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FILMED FROM ELSEWHERE</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::RepetitionFinder</name>
    <message>
        <source>Finding repetitions in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No repetitions proposed. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No repetition was found. Cut one by hand (C): it is then sought in the others.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was found is cut already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Find %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 found. What is none is removed with Del; all are taken back with Ctrl Z.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The section was changed meanwhile: find the repetitions again.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::RuleBox</name>
    <message>
        <source>Find rules (R)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rules found</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>HOW &quot;%1&quot; FINDS ITSELF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>HOW A POSITION FINDS ITSELF</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Where %1. </source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set in %1 of %2 repetitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Trying every signal of the body …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finding rules</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1
%2 frames in %3 of %4 repetitions left out%5%6</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; agrees in %1 of %2 of the athlete&apos;s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>; needs a marked repetition near by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>: not good enough to take</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set it in two repetitions at least: one proves nothing.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No rule places it within %1 frames in every repetition left out (%2 signals tried). It will be carried over from marked repetitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Best of %1 signals; a click takes one. A level or a bound may not hold for another athlete: try it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This one misses by more than %1 frames, or is not found in every repetition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rule of a position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Carrying the position over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Carried over to the other repetitions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Step to a frame and press P to name a position there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The start once more, which ends the cycle: it is found by the rule of the start. </source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::RulerList</name>
    <message>
        <source>Timing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>At &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over the %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Observed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Over the set</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No values yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1. Click: drawn on the pictures.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not available: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why this number: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click: why this number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order of the measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by moment</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>by part of the body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Which measures are shown</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>deviating</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clear</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>strengths</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without a value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None of the measures is so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trades with %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>trades with %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>To get it: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::RunChartView</name>
    <message>
        <source>Chosen measure over the sessions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No session has a value of it.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::RungCard</name>
    <message>
        <source>Begun where it is: %1 is mastered (shown in a quarter or fewer), so this is the last step under it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begun where it is: this plan practises at match tempo from the first day; the steps before are to fall back on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begun on the first step: no condition is known in which the fault is mastered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> &lt;b&gt;· start here&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>More</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All about %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Practise · %1 good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Practise</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in own words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Good:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cue in the athlete&apos;s own words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>As the athlete would say it. Empty: the pack&apos;s own again.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The athlete&apos;s own words; the pack says: &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feels:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Gone wrong:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feeding:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Easier:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Harder:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>with a partner</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>alone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Condition:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not with limits of:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>in place of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Begun where practice has come to: &quot;%1&quot; is passed, %2 good.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One step easier: &quot;%1&quot; went badly in the last block, %2 good.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SameMovementBox</name>
    <message>
        <source>Another camera&apos;s picture of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The repetition this is another camera&apos;s picture of</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>All of this clip by their numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a movement of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another camera&apos;s repetition belongs to this one.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No key event is marked in both yet: mark one, and each takes over the other&apos;s.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set against each other by: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two cameras on one repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A movement of its own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No repetition of another view has the same number.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two cameras on %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetitions</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ScoreTerms</name>
    <message>
        <source>Own value of the term</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason, kept with the case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason of the own value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Computed again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your own value for &quot;%1&quot; of this finding:</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, set an own value</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click: set your own value, with the reason.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set by you: %1 (computed %2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>leverage</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>own %1 + explains %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frequency</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>shown in %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>certainty</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mean chance that it is real</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>effect</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the result, from the pack</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>readiness</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>limited: change the target</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no limit named</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>score</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the product</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Order: %1. Safety stands above every order.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>on the result, as yours show it</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SecondLook</name>
    <message>
        <source>%1 ± %2 %3 (%4 pairs)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frames</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 with fewer than %2 pairs yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Proposed key events were corrected by %1 frames (median of %2).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pass over</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done (Esc)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing in this set was marked by hand that is not marked again already. Three landmarks of a frame, or a key event, set by hand are needed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your own hand: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mark %1 again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set &quot;%1&quot; again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Again, blind, %1 of %2.&lt;/b&gt; %3</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SectionPanel</name>
    <message>
        <source>THIS SECTION</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split here (S)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another take begins at this frame: it gets its own view, conditions and slow motion.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Join</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Makes one section of this and the one before; what is said of that one holds.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>REPETITION</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F Felt right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>O Felt off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What the athlete says of it, asked before anything is shown.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove this repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>View</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Facing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left in the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right in the picture</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Conditions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Capture rate divided by stored rate: filmed at 240 and stored at 30 is 8. Times are divided by it once.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Slow motion ×</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> mm/px</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Millimetres a pixel in the plane of movement. Without it lengths are given in body units.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Scale</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known length (L)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click both ends of something of known length on the picture: the scale follows.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Camera off by</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the athlete&apos;s</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Who</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Result of repetition %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1 felt right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1 felt off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the section</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SECTION %1 OF %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Split the section at frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Join two sections</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known length of %1 m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget the known lengths</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Repetition %1&lt;/b&gt;, frames %2 to %3%4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>, no result yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>None chosen in this clip.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>T Which variant?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>T %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>assumed square on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How far the camera stands off square to the movement. What is seen is corrected for it, with a wider ±; beyond %1° nothing is measured. Until somebody says it, every ± allows for %2°.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It stood square on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Within some 5°: the numbers of this section allow for no more.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not said</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Camera height</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the lens above the floor. A retest from another height says so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distance</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the lens from the plane of movement. A retest from elsewhere says so.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>T %1…</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SectionPicture</name>
    <message>
        <source>Paths, speeds and lengths over time are refused until its movement is taken out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Taken out in %1 % of the frames; the background meets within %2 px.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture, lens, camera…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Mirrored clips, black bars, a tilted camera, known points, the lens, a camera that moves, sound.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The file is mirrored: turn it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Left stands for right in the file, as front cameras leave it. Marks turn over with it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part in use…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Two corners on the picture: bars outside are left out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whole</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole picture is in use.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something upright (V)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Both ends of a post or a wall&apos;s edge: takes the camera&apos;s roll out.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known points (K)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Four corners of a rectangle of known size, or six points, which can be checked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the lines of the floor: how far the camera stands off square.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lens…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From a clip of the same camera and zoom in which a chessboard is shown from many sides.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Inner corners across</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Inner corners down</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>inner corners</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Does the camera move?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>camera: not looked at</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>camera stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>camera moves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Follow it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finds how the camera moved from what stands still behind the athlete.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Its sound is not of this scene</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Music or a comment: no contact is looked for in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not known</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the athlete to the microphone: sound needs 3 ms a metre.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Microphone away</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listen for contacts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Marks sudden sounds on the line under the picture; , and . go from one to the next. On Mark, K sets a key event at the sound.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Turn the picture left for right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The whole picture is in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget what stood upright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget the known points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Forget the lens</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Camera off by %1°</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whether the camera moves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Whose sound it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Distance of the microphone</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Clip of a chessboard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something upright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Known points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Part of the picture in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 × %2 pixels at %3, %4</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera is %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Floor: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Plane of movement: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Camera is %1° off: take it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The lens is taken out; its chessboards meet within %1 px (RMS).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>mirrored</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part in use</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>upright</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>known points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>lens</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>camera followed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Picture: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Finding the lens</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No lens was found. %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lens of the camera</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lens found from %1: focal length %2 px, within %3 px (RMS).</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chessboard</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>chessboards</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listening to %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No sudden sound was found.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 found; , and . go from one to the next.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sudden sound</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>sudden sounds</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Following the camera of %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera stands: the background wanders by %1 px at most.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera moves</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera moves, and too little of the background could be followed (%1 % of the frames). Film from a stand, or with more to see behind the athlete.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the camera&apos;s movement out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The camera&apos;s movement, up to %1 px, is taken out: the background meets within %2 px.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The section was changed meanwhile: follow its camera again.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SessionList</name>
    <message>
        <source>Counted block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cue recalled</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Warm up</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Main focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Minor focus</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 min</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>12, nothing told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1  %2</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SettingsPage</name>
    <message>
        <source>light</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>dark</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the system</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Theme</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>usual</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Size of text and controls</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the next start on. Files are always written with a decimal point.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language of dates and numbers</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to fix first, in this case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What to fix first, in new cases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> MiB</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Pictures kept of a clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source> px at 1080 lines</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How sure a mark is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Change the school of ranking</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Text and controls have the new size from the next start on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Dates and numbers are in this language from the next start on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Marks set from now on: %1 px at 1080 lines.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Folder of the library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open is the library in %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open is the library in %1. The one in %2 stays as it is.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Settings hold for this machine; the school of ranking for this case.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The clips keep %1 MiB of pictures together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of the window, the papers and the skills that have their words in it, from the next start on. What is missing stays English.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Language</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>as the words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Window, papers and skills are in this language from the next start on.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>LOOK</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the next start on. A screen of 1920 × 1080 has room for 130&#xa0;%.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>LANGUAGE</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MARKING AND JUDGING</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Standard uncertainty of a mark set from now on, where no repeatability was measured; marks that are there keep theirs. It scales with the height of the picture: 2 px at 1080 lines are 1 px at 540.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MEMORY</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of all clips together. More makes going back and forth quicker.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SetupDrawing</name>
    <message>
        <source>The set-up from above</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>plane of movement</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 m</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 m seen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1° off square</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ShareBar</name>
    <message>
        <source>Share of good repetitions in this block</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>easier</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stay</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>go on</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SkillBox</name>
    <message>
        <source>Skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Type a sport, a movement, a part of the body</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Your own</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SkillDesk</name>
    <message>
        <source>A skill begins as a case: open one, with a model or the athlete&apos;s best repetitions.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A skill of one&apos;s own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A skill from a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skill still has %1: it is kept as a draft, not as an edition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>faults</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Edition %1 of the skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept as edition %1. Cases keep the edition that they have until they are brought over.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Brought to edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A skill with a fault cannot be tried: see what is still wrong.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try the skill on this case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The case keeps the skill as it is</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skill removed</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SkillsBox</name>
    <message>
        <source>not decided there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>worked on there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>parked there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not a fault there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SKILLS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Another skill of this athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add this skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;, open here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 (%2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No fault in common.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In common: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Add a skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Baseline</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::SpokenNotesBox</name>
    <message>
        <source>Note %1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listen</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Listen to note %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove note %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a spoken note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Speak a note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to hear it with: no loudspeaker or headphones are there.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>SAID OF THE CLIP, AND DRAWN</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Drawn on frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show what is drawn on frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove what is drawn on frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove a drawing</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::StageView</name>
    <message>
        <source>Stage: the picture of the clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No picture yet</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::StartPage</name>
    <message>
        <source>Start a case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>One athlete, one skill. Clips, marks, findings and the plan are kept together.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of the athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>right-handed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>left-handed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Hand</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Start the case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the demo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take the ten-minute tour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>From the athlete to the printed plan, in the demo. It can be left at any step.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back to my library</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Filming people, often children, needs their consent or that of their parents. Everything stays on this machine.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open is the case of %1. &lt;b&gt;Next: open another, start one, or bring one in.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This library has no case yet. &lt;b&gt;Next: start one, open the demo, or take the tour.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waiting for the case: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>clips</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A case needs the athlete&apos;s name and a skill.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Baseline</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Six cases of an invented hall. Ilka Sandrey fences left-handed: her lunges are filmed, marked and compared with two instructors. Davor Quillane rows on the machine, stroke by stroke against three club rowers. Mirelle Ostrand comes back to the bow, filmed from two sides, against her own best shots. Joris Halvane plays overhead strokes, known and by surprise; Nerea Valcourt swims before a window under water; Anselm Rusk plays with the cue. Walk along the course from Athlete to Hand-over and change what you like: the demo is your own copy and can be put back to its first state in Settings.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This version of the program has another demo. The one you have stays beside it, with all that you changed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the newer demo</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Open the demo of before</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::StatusLine</name>
    <message>
        <source>Every step is saved when it is done</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only shown, not to be changed here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Saved %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 · %2 %</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all keys</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stops what is named beside it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Lists what else runs, each with its own stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::StopBox</name>
    <message>
        <source>Stop the exercise now. What was said is kept with the athlete, and the plan waits until a licensed professional has been asked and it is written down who advised what.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What happened</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>In the athlete&apos;s words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep and stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing of the kind</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>where?</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::TargetEditor</name>
    <message>
        <source>YOUR OWN TARGET</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>AN OWN TARGET</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>from</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>to</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason of the target</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reason, kept with the case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Judge by it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reference again</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Own target: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The reference again: %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::TimeStrip</name>
    <message>
        <source>Time strip of the repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Phases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Marks</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::TogetherBox</name>
    <message>
        <source>What both copies have changed; a tick takes it as it is there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Changed on both sides</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There (tick: take it)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Bring together</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Beside it, as its own case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1, %2&lt;/b&gt; is here already, and this is another copy of it. From there comes: %3. Changed only here, and kept: %4. Both journals are kept.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No state that both come from is known: what only one copy has is kept, and whatever differs is asked.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 changed on both sides: the newer is proposed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>thing has</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>things have</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::ToldPanel</name>
    <message>
        <source>faded</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>outside the band only</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a summary after six</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>when the athlete asks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>HOW OFTEN TOLD</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How feedback is spread</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faded: often at first, then less as more is good (Winstein and Schmidt 1990). Outside the band only: after one that was not good (Lee and Carnahan 1990). A summary after several (Salmoni, Schmidt and Walter 1984). When the athlete asks (Janelle and others 1997). How hard the task is matters (Guadagnoli and Lee 2004). The evidence is mixed: against a general rule for complex skills Wulf and Shea 2002, and small or no effects in the meta-analyses of McKay and others 2022. Sources from memory. The coach chooses.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>why this way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why feedback is spread this way</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FELT AGAINST SEEN</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Feedback: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing yet in this block.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 told</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A test in which something was told is no test.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A test: nothing is told.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;Now&lt;/b&gt;: T cue said, S shown, A asked for</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next after number %1, or when asked</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Only when the athlete asks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>After the next one that is not good</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Every repetition was commented: what is told each time may not last. The evidence is mixed.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>asked %1, agrees %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>all sessions: %1 off ones called</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>F felt right, O felt off, before you judge.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Something was told: it counts as practice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Counted: nothing is told.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>eye and number agree in %1 (kappa %2)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>eye and number agree in %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::Tour</name>
    <message>
        <source>Tour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Leave the tour</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Back</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Go on</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>End</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skip</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done. Look around, then go on.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::VoiceRecorder</name>
    <message>
        <source>Nothing was heard: is the microphone switched on?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No microphone is there: plug one in, or type the note.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The microphone &quot;%1&quot; gives no sound that can be recorded.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stop</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Speak a note</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 of at most %2 %3</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::WalkList</name>
    <message>
        <source>TALKED THROUGH</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What was talked through</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show the walk-through of %1</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::WalkRecorder</name>
    <message>
        <source>A walk-through belongs to a session of an athlete: open a case first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>This library is only shown: nothing can be recorded in it.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>It is recorded without a voice.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept: a walk-through of %1. Hand-over shows it and writes it as a film.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The last %1 seconds are left out: say them again.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::Wall</name>
    <message>
        <source>Wall: all repetitions at the same phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 pictures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt right</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>felt off</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>how did it feel?</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>No repetition has its first and last key event yet: set them in Mark.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::Waterline</name>
    <message>
        <source>%1 ± %2 s too soon</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 ± %2 s late</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Waterline: phase of athlete and model</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::WeekView</name>
    <message>
        <source>Weeks of the plan</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>retest</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>retention test</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::WeeksView</name>
    <message>
        <source>Days of practice, week by week</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::WhyPanel</name>
    <message>
        <source>Why this number</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHY THIS NUMBER</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Close</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Reference: %1%2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>± is twice the standard uncertainty of the median: √(π/2 · max(s², mean u²)/n + shared²), s = %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Repetition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;b&gt;%1&lt;/b&gt;: not available: %2.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>frame %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Show this frame and its marks</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set of %1: median &lt;b&gt;%2&lt;/b&gt;, %3 from the reference, tolerance %4; state &lt;b&gt;%5&lt;/b&gt;.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: ± %2, %3 % of the variance</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::Workshop</name>
    <message>
        <source>Skills of your own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Give it out…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>name of a new skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of a new skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Make a skill of this case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take one from a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Write the name of the new skill first.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skill is removed; cases that use it keep it. Undo brings it back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts of the skill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Positions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Faults</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ladders</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Words</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Cases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>STILL MISSING</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>What is wrong, or still missing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Try it on this case</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHAT CAN BE MEASURED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>When it is measured</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure all ranges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measures offered</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a reference line through the two points clicked: its name, then Enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of a reference line</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WHAT CAUSES WHAT: DRAG FROM A CAUSE TO WHAT FOLLOWS FROM IT</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>How often it is the cause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>seldom</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>often</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>nearly always</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>because …</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Why it is the cause</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Remove the arrow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An arrow removed</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Take out (Del)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Parts</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a point of your own: its name, then Enter</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Name of a point of your own</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>without a name</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&lt;p&gt;&lt;b&gt;No skill of your own yet.&lt;/b&gt;&lt;/p&gt;&lt;p&gt;Open a case with a model, or with the athlete&apos;s best repetitions marked as best: one begun with &lt;i&gt;Any movement&lt;/i&gt;, or with a skill that comes near. Write a name above and press &lt;i&gt;Make a skill of this case&lt;/i&gt;. Its marks stay; then&lt;/p&gt;&lt;ol&gt;&lt;li&gt;name the positions on the picture,&lt;/li&gt;&lt;li&gt;click points to measure between them,&lt;/li&gt;&lt;li&gt;let the ranges be measured on the model,&lt;/li&gt;&lt;li&gt;say what too much and too little is called,&lt;/li&gt;&lt;li&gt;draw what causes what,&lt;/li&gt;&lt;li&gt;choose drills.&lt;/li&gt;&lt;/ol&gt;&lt;p&gt;At every step the case is judged by it as far as it goes. A skill from somebody else is data: it is checked and shown before it is taken.&lt;/p&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Keep as edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Kept as edition %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not yet whole: the case is judged by what was last sound.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A draft; no edition kept yet.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>edition kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>editions kept</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skills of your own are made here. &lt;b&gt;Next: open a case with a model, and make a skill of it.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2, %3, %4.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>positions</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measure</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>measures</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>fault</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>faults</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next: mend what is wrong, at the left.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next: click two or three points to measure something.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next: say what too much or too little of a measure is called.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next: choose drills for a fault.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Next: keep it as an edition.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>POSITIONS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>POINTS THAT ARE MARKED</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>MEASURES</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>FAULTS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>DRILLS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>WORDS</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2 found by rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>point</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>points</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>none yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1, %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drill</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>drills</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>what would change</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Wrong: %1
expected %2, got %3</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>no fault uses &quot;%1&quot;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; has no ladder</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
finds itself</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>
no rule</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A point more</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A point less</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A point: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is marked on the Mark page from now on, in this case and in all that use the skill.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click two points on the picture, then write the name of the line.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A line: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>at: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>over: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>  (is there)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Click one, two, three or four points on the picture; with none the times between positions are offered.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing can be measured so from this view.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot; is there already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measure: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>not measured yet</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measuring the model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ranges of the model</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Position %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A position: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Taken as it stands</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>part taken out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>parts taken out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Went with it, since it stood on it: %1. Undo brings all back.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>That would close a circle: &quot;%1&quot; follows from &quot;%2&quot; already.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>An arrow</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 → %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A skill from a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The skill as a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1: %2</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Written to %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>a frame</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A frame back or on; with Shift ten</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>repetition</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next repetition, what was carried over taken as it stands; the one before</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>new position here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>set the position here</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Set the position here; with Shift the next repetition comes</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>next position</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The next position, and what is measured there</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>find rules</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Rules by which the position finds itself; with Shift the best is taken</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>take out</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The chosen part, and what stands on it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>section</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Positions, points, measures, faults, ladders, words, cases</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>range</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>ranges</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>&quot;%1&quot;: words to be written</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1
ends the cycle</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1
a phase</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Skill (*.riflesso-skill *.json)</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::Workspace</name>
    <message>
        <source>There is nothing to undo.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Undone: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>There is nothing to redo.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Done again: %1</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Assessing</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Stopped, with nothing changed, as what it was for is not open any more: %1.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Measuring…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Not measured: %1 &lt;b&gt;Next: change something, or open the case again.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Nothing is marked in this set. &lt;b&gt;Next: mark key positions.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Results are shown once what is believed is locked. &lt;b&gt;Next: ask on the Athlete page, or say there that nobody was asked.&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
</context>
<context>
    <name>riflesso::YardstickBox</name>
    <message>
        <source>HELD AGAINST</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ranges for level</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ranges for age</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ranges for format</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Ranges for this athlete</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>The pack has one set of ranges for everybody.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Model or ranges of a file…</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A model that the command line wrote (model), or ranges in the form of a skill pack&apos;s own.</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without it</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Without a model of a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>the general ones</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Of a file: &lt;b&gt;%1&lt;/b&gt;</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>A model, or ranges, of a file</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>Models and ranges (*.json)</source>
        <translation type="unfinished"></translation>
    </message>
    <message>
        <source>%1 cannot be read, or is larger than 8 MiB.</source>
        <translation type="unfinished"></translation>
    </message>
</context>
</TS>

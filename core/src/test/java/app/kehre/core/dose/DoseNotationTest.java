package app.kehre.core.dose;

import java.time.Duration;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.music.Bpm;
import app.kehre.core.testing.Draws;
import app.kehre.core.value.Reading;

import static org.assertj.core.api.Assertions.assertThat;

class DoseNotationTest {

    @Property
    void readingWhatWasPrintedGivesTheSameDose(@ForAll("doses") Dose dose) {
        assertThat(DoseNotation.parse(DoseNotation.print(dose)).value()).contains(dose);
    }

    @Provide
    Arbitrary<Dose> doses() {
        return Draws.doses();
    }

    @Property(tries = 2000)
    void noTextAtAllMakesTheReaderStumble(@ForAll String text) {
        Reading<Dose> reading = DoseNotation.parse(text);

        assertThat(reading.value().isPresent()).isEqualTo(reading.problem().isEmpty());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"3 x 12 reps 2-0-2 counts, rest 25 s, each side|",
            "45 s on, 15 s off, x5|", "2 x hold 25 s, rest 10 s|", "5 eights, half time|",
            "hold 25 s each side|hold 25 s, each side", "3X12 Reps,REST 25s|3 x 12 reps, rest 25 s",
            "3 \u00d7 12 reps|3 x 12 reps", "1:30 on|90 s on", "2 min on, 20 s off|2 min on, 20 s off",
            "40 counts|5 eights", "1 rep|", "30 counts|", "4 eights, double time, alternating|",
            "10 reps each side, left first|10 reps, each side, left first",
            "40 s on, no last rest, 20 s off, x3|40 s on, 20 s off, x3, no last rest",
            "6 reps, hold 6 s, 6 reps|", "10 > 10 > 10 reps|", "10 > 10 > 8 reps 2-0-2 s, rest 20 s|",
            "8 reps > 8 pulses at the bottom > hold 10 s|", "3 x (10 > 10 reps), each side|",
            "2 x (6 reps 4-0-4 s, 8 pulses at the bottom, hold 10 s), rest 15 s|", "12 pairs|",
            "5 breaths|", "hold 5 breaths|5 breaths", "2 x 5 breaths, rest 10 s, each side|",
            "stretch 25 s, each side|", "hold 8 counts|", "hold 20 s (low or half way)|",
            "8 reps 2-0-2 s with 5 s stretch|", "as many as possible in 3 min|",
            "as many as possible in 60 s, beat 20 reps|as many as possible in 60 s, beat 20",
            "about 2 min, give or take 30 s|", "2 x [singles 16, repeater 8, travel there and back 16]|",
            "[singles 16, doubles 16], half time|", "10 reps, right side|", "10 reps, one side a round|",
            "6 reps one side a round left first|6 reps, one side a round, left first"})
    void whatAnInstructorWritesIsReadAndPrintedInOneWay(String written, String printed) {
        assertThat(DoseNotation.parse(written).map(DoseNotation::print).value())
                .contains(printed == null ? written : printed);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "30 s|\"30 s\" can be a hold or an interval: write hold 30 s, or 30 s on.",
            "12|12 has no unit: write 12 reps, 12 counts or hold 12 s.",
            "3 x 12|After \"3 x 12\" the unit is missing: write 3 x 12 reps.",
            "hold 20|20 has no unit: write 20 s or 20 min.",
            "12 reps 2-0-2|The tempo 2-0-2 has no unit: write 2-0-2 s or 2-0-2 counts.",
            "12 reps 0-0-0 s|A tempo must have at least one part that is not 0.",
            "0 reps|Reps must be from 1 to 300, not 0.", "10000 reps|Reps must be from 1 to 300, not 10000.",
            "hold 3:00:00|\"hold 3:00:00\" does not fit",
            "12 reps, rest 5 s, rest 6 s|\"12 reps, rest 5 s, rest 6 s\" says the rest twice.",
            "12 reps,|\"12 reps,\" ends with a comma: something is missing.",
            "2 x 6 reps, hold 6 s|It can be read in two ways: write 2 x (6 reps, hold 6 s) when all of it is"
                    + " done 2 times, or 6 reps, 6 reps, hold 6 s.",
            "12 pairs, each side|Pairs are done on both sides in turn: leave out \"each side\", or write"
                    + " reps.",
            "hold 11 min|A hold must be from 1 to 600 s, not 660.",
            "as many as possible in 40|40 has no unit: write 40 s or 40 min.",
            "[singles]|Expected the counts of a part as a number, found \"]\".",
            "[16 singles]|A part of a pattern is a few words and its counts, such as singles 16, not \"\".",
            "8 reps 2-0-2 s with 0 s stretch|A stretch inside a rep must be from 1 to 60 s, not 0.",
            "-3 reps|\"-3 reps\" is not a dose: write it like 3 x 12 reps, hold 25 s each side,"
                    + " 45 s on, 15 s off, x5 or 5 eights.",
            "99999999 reps|99999999 is far too large for a dose.",
            "5 eights, rest 5 s|\"rest\" does not fit in \"5 eights, rest 5 s\": write it like 3 x 12 reps,"
                    + " hold 25 s each side, 45 s on, 15 s off, x5 or 5 eights."})
    void whatCannotBeADoseIsRefusedWithTheWayOut(String written, String sentence) {
        Reading<Dose> reading = DoseNotation.parse(written);

        assertThat(reading.value()).isEmpty();
        if (sentence.endsWith("fit")) {
            assertThat(reading.problem()).isNotEmpty();
        } else {
            assertThat(reading.problem()).isEqualTo(sentence);
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "3 x 12 reps 2-0-2 s, rest 25 s, each side|3 sets of 12 reps of 4 s with 25 s rest, right then left",
            "2 x hold 25 s|2 times hold for 25 s", "45 s on, 15 s off, x5|5 rounds of 45 s with 15 s rest",
            "5 eights, half time|40 counts at half time",
            "10 > 8 reps|2 rungs, stay on any: 10 reps, harder 8 reps",
            "6 reps, hold 6 s|6 reps, then a hold of 6 s",
            "about 2 min, give or take 30 s|until you say stop, planned for 2 min, 30 s more or less",
            "2 x [singles 16, doubles 8]|2 times 16 counts of singles, 8 counts of doubles",
            "as many as possible in 60 s, beat 20|as many as possible in 60 s, more than 20",
            "stretch 5 breaths, left side|stretch for 5 breaths, left side only",
            "8 reps, one side a round|8 reps, right in odd rounds, left in even ones",
            "8 counts, alternating|8 counts, sides in turn"})
    void aDoseCanBeSaidAsASentence(String written, String sentence) {
        assertThat(DoseNotation.parse(written).map(DoseWords::of).value()).contains(sentence);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"10 each side|10 reps, each side",
            "10 reps each leg|10 reps, each side",
            "15 each|15 reps, each side", "3 x 12 per arm, left first|3 x 12 reps, each side, left first",
            "12 reps both sides|12 reps, each side", "8 slow reps|", "2 x 8 quick reps, rest 5 s|",
            "8 reps 2 down 2 up|8 reps 2-0-2 counts", "8 reps 2 down 1 hold 3 up|8 reps 2-1-3 counts",
            "12 reps 2-2|12 reps 2-0-2 counts", "12 reps 2/2|12 reps 2-0-2 counts",
            "12 reps 3-1 s|12 reps 3-0-1 s", "5 reps + hold 5 s + 5 reps|5 reps, hold 5 s, 5 reps",
            "2 x 12 reps, rest 4 counts|2 x 12 reps, rest 2 s", "hold about 10 s|hold 10 s",
            "20 to 30 s on|25 s on", "8 to 12 reps|10 reps",
            "as long as you can, about 40 s|about 40 s", "10 forward, 10 back|10 reps forward, 10 reps back",
            "[step-touch 16, knee-lift 16]|", "hold 8 counts of music|", "6 deep breaths|"})
    void whatIsWrittenAsInstructorsWriteIsRead(String written, String printed) {
        assertThat(DoseNotation.parse(written).value().map(DoseNotation::print))
                .contains(printed == null ? written : printed);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "hold 12 s right, 24 s left|\"hold 12 s right, 24 s left\" is not the same on both sides: write hold 12 s, right side here and hold 24 s, left side on a line of its own.|hold 12 s, right side; hold 24 s, left side",
            "hold 12 s right, 12 s left|Both sides are alike: write hold 12 s, each side.|hold 12 s, each side",
            "12 reps, last 8 counted|\"last 8 counted\" is a cue and takes no time: write it as the line's note.|12 reps",
            "8-8-8|\"8-8-8\" can be rungs or sets: write 8 > 8 > 8 reps, or 3 x 8 reps.|8 > 8 > 8 reps; 3 x 8 reps",
            "12 reps gladly|\"gladly\" does not fit in \"12 reps gladly\": write it like 3 x 12 reps, hold 25 s each side, 45 s on, 15 s off, x5 or 5 eights.|12 reps",
            "squat 12 reps|\"squat 12 reps\" is not a dose: write it like 3 x 12 reps, hold 25 s each side, 45 s on, 15 s off, x5 or 5 eights.|12 reps"})
    void whatCannotBeReadOffersTheNearestReadings(String written, String sentence, String choices) {
        assertThat(DoseNotation.parse(written).problem()).isEqualTo(sentence);
        assertThat(String.join("; ", DoseNotation.parse(written).choices())).isEqualTo(choices);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"30 s|hold 30 s; 30 s on", "3 x 12|3 x 12 reps",
            "2 x 6 reps, hold 6 s|2 x (6 reps, hold 6 s); 6 reps, 6 reps, hold 6 s",
            "2 x 10 > 8 reps|2 x (10 > 8 reps); 10 > 8 reps"})
    void aTextThatCanBeReadInTwoWaysOffersBoth(String written, String choices) {
        assertThat(String.join("; ", DoseNotation.parse(written).choices())).isEqualTo(choices);
        assertThat(DoseNotation.parse(written).choices())
                .allMatch(each -> DoseNotation.parse(each).value().isPresent());
    }

    @Property
    void whateverIsOfferedAsACompletionIsUnderstood(@ForAll("doses") Dose dose) {
        String text = DoseNotation.print(dose);
        for (String typed : java.util.List.of("", text, text.substring(0, text.length() / 2))) {
            assertThat(DoseCompletions.of(typed))
                    .allMatch(each -> DoseNotation.parse(each).value().isPresent());
        }
    }

    @Property
    void everyCountStartsWhereTheExactFractionRounds(@ForAll("bpms") int bpm, @ForAll("halves") long half) {
        java.math.BigDecimal exact = java.math.BigDecimal.valueOf(half)
                .multiply(java.math.BigDecimal.valueOf(30_000_000_000L))
                .divide(java.math.BigDecimal.valueOf(bpm), 0, java.math.RoundingMode.HALF_UP);

        assertThat(new Bpm(bpm).at(half)).isEqualTo(Duration.ofNanos(exact.longValueExact()));
    }

    @Provide
    Arbitrary<Integer> bpms() {
        return net.jqwik.api.Arbitraries.integers().between(60, 200);
    }

    @Provide
    Arbitrary<Long> halves() {
        return net.jqwik.api.Arbitraries.longs().between(0, 60_000);
    }
}

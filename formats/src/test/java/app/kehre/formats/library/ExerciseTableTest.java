package app.kehre.formats.library;

import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.testing.Exercises;
import app.kehre.formats.json.UnreadableFile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class ExerciseTableTest {

    private static final String HEADER = "name,family,roles,pattern,muscles,impact,METs,position,facing,usual dose,set"
            + " up,do,easier,harder,colour\n";
    private static final String GOOD = "Platform squat,legs and hips,toning,squat,buttocks 1,none,\"5.0, Kehre's"
            + " estimate\",standing,front,12 reps,Stand tall.,Sit back.,half: half way,low: lower,green\n";

    private final Library library = BuiltInLibrary.load();

    private ImportedExercises read(String text) {
        return ExerciseTable.read(text.getBytes(StandardCharsets.UTF_8), library);
    }

    @Test
    void theWholeLibraryComesBackFromItsTable() {
        ImportedExercises outcome = ExerciseTable.read(
                ExerciseTable.write(library.all()).getBytes(StandardCharsets.UTF_8), Library.of(List.of()));

        assertThat(outcome.bad()).isEmpty();
        assertThat(outcome.good()).hasSameSizeAs(library.all());
        for (int i = 0; i < outcome.good().size(); i++) {
            Exercise original = library.all().get(i);
            assertThat(outcome.good().get(i).withId(original.id())).isEqualTo(original);
        }
    }

    @Test
    void everyBadLineIsNamedAndTheGoodOnesAreKept() {
        ImportedExercises outcome = read(
                HEADER + GOOD + GOOD.replace("12 reps", "12").replace("none", "loud")
                        + "just two,columns\n" + GOOD.replace("Platform squat", ""));

        assertThat(outcome.good()).extracting(Exercise::id).containsExactly("platform-squat");
        assertThat(outcome.sentences()).containsExactly(
                "Line 3: impact: found \"loud\", expected one of: none, low, high. usual dose: 12 has no unit:"
                        + " write 12 reps, 12 counts or hold 12 s.",
                "Line 4: found 2 columns, expected 15 as in the header.",
                "Line 5: name: must not be empty: write it like \"Squat with a towel\".");
    }

    @Test
    void anOwnSquatDoesNotTakeTheIdOfTheShippedOne() {
        assertThat(read(
                HEADER + GOOD.replace("Platform squat", "Squat") + GOOD.replace("Platform squat", "Squat"))
                .good()).extracting(Exercise::id).containsExactly("squat-2", "squat-3");
    }

    @Test
    void ownExercisesThatComeBackFromTheirOwnTableChangeNothing() {
        Library mine = library.with(OwnExercises.NONE.withAll(read(HEADER + GOOD).good()));
        ImportedExercises again = ExerciseTable.read(
                ExerciseTable.write(mine.all()).getBytes(StandardCharsets.UTF_8), mine);

        assertThat(again.words()).isEqualTo("527 understood, 527 of them as you have them already, 0 not.");
        assertThat(again.good()).isEmpty();
        ImportedExercises changed = ExerciseTable.read(ExerciseTable.write(mine.own().exercises())
                .replace("Stand tall.", "Stand.").getBytes(StandardCharsets.UTF_8), mine);
        assertThat(changed.good()).extracting(Exercise::id).containsExactly("platform-squat");
    }

    @Test
    void aTableIsReadInTheLettersAndWithTheSeparatorOfTheProgramThatWroteIt() {
        String text = HEADER + GOOD.replace("Platform squat", "Plattform-Kniebeuge f\u00fcr \u00c4ltere");
        String semicolons = text.replace(",", "\u0000").replace("\u0000 Kehre", ", Kehre").replace('\u0000',
                ';');
        for (byte[] table : List.of(text.getBytes(StandardCharsets.UTF_8),
                ("\uFEFF" + text).getBytes(StandardCharsets.UTF_8),
                ("\uFEFF" + text).getBytes(StandardCharsets.UTF_16LE),
                text.getBytes(StandardCharsets.UTF_16), text.getBytes(Charset.forName("windows-1252")),
                semicolons.getBytes(StandardCharsets.UTF_8),
                semicolons.replace(';', '\t').getBytes(StandardCharsets.UTF_8))) {
            assertThat(ExerciseTable.read(table, library).good()).extracting(Exercise::name)
                    .containsExactly("Plattform-Kniebeuge f\u00fcr \u00c4ltere");
        }
        assertThat(ExerciseTable.read(text.getBytes(Charset.forName("windows-1252")), library).words())
                .isEqualTo("1 understood, 0 not. Read as Windows-1252.");
        String twice = HEADER + GOOD + GOOD.replace("tall", "t\u00e4ll \u00e4");
        byte[] broken = (twice + "?").getBytes(StandardCharsets.UTF_8);
        broken[new String(broken, StandardCharsets.ISO_8859_1).lastIndexOf('\u00c3') + 1] = 'x';
        assertThat(ExerciseTable.read(broken, library).sentences()).containsExactly(
                "Line 3: what stands there is no text in UTF-8. Save the table as UTF-8.");
    }

    @Test
    void whatIsNoLetterAndWhatIsFarTooLongIsRefusedWithItsLine() {
        assertThat(read(HEADER + GOOD.replace("Platform", "Pl\u001batform") + GOOD.replace("Stand tall.",
                "x".repeat(2001))).sentences()).containsExactly(
                        "Line 2: name: found a control character (001B), expected letters.",
                        "Line 3: set up: found a text of 2001 characters, expected at most 2000.");
        assertThat(read(HEADER + GOOD.replace("half way,low", "half way > nowhere,low")).sentences())
                .containsExactly("Line 2: it leads to \"nowhere\", which is the id of no exercise.");
    }

    @Test
    void noCellOfATableIsRunByASpreadsheetAndEachComesBackAsItWas() {
        List<String> names = List.of("=1+1", "+one", "-2", "@SUM(1)", "'=quoted", "'plain");
        List<Exercise> all = names.stream()
                .map(name -> Exercises.SQUAT.withName(name).withId(Library.idOf(name)))
                .toList();

        String table = ExerciseTable.write(all);

        assertThat(table).contains(",'=1+1,", ",'+one,", ",'-2,", ",'@SUM(1),", ",''=quoted,", ",'plain,");
        assertThat(ExerciseTable.read(table.getBytes(StandardCharsets.UTF_8), library).good())
                .extracting(Exercise::name).containsExactlyElementsOf(names);
    }

    @Test
    void aTableWithoutANameIsRefused() {
        assertThat(read("title,dose\nSquat,12 reps\n").sentences()).singleElement().asString()
                .startsWith("Line 1: found no column \"name\"; expected a header with some of: id, name, ");
        assertThat(read(HEADER + "\"open quote").sentences()).singleElement().asString()
                .startsWith("Line 2: ");
    }

    @Test
    void ownExercisesAndHiddenOnesSurviveBeingWrittenAndRead() throws UnreadableFile {
        OwnExercises own = OwnExercises.NONE.with(read(HEADER + GOOD).good().getFirst()).withHidden("jack",
                true);

        assertThat(OwnExercisesJson.read("exercises.json", OwnExercisesJson.write(own))).isEqualTo(own);
    }

    @Test
    void ownExercisesOfTheFirstVersionSayWordsWhereKeysAreNow() throws UnreadableFile {
        OwnExercises own = new OwnExercises(
                List.of(BuiltInLibrary.load().find("squat").orElseThrow().withId("my-squat")),
                Set.of());
        String now = new String(OwnExercisesJson.write(own), StandardCharsets.UTF_8);
        String first = now.replace("\"version\" : 3", "\"version\" : 1")
                .replace("front-thigh", "front of the thigh").replace("low-back", "low back")
                .replace(", estimate", ", Kehre's estimate").replace("\"legs\"", "\"legs and hips\"");

        assertThat(first).isNotEqualTo(now);
        assertThat(OwnExercisesJson.read("exercises.json", first.getBytes(StandardCharsets.UTF_8)))
                .isEqualTo(own);
    }

    @Test
    void ownExercisesOfTheSecondVersionWorkAgainstWhatTheirKitSuggests() throws UnreadableFile {
        for (String id : List.of("bent-row", "squat", "towel-row", "upright-squeeze-row")) {
            Exercise now = library.find(id).orElseThrow().withId("my-" + id);
            String second = new String(OwnExercisesJson.write(new OwnExercises(List.of(now), Set.of())),
                    StandardCharsets.UTF_8).replace("\"version\" : 3", "\"version\" : 2")
                    .replaceAll("\"resistance\":\"\\w+\",?", "").replaceAll("\"effort\":[\\d.]+,?", "");

            Exercise read = OwnExercisesJson.read("exercises.json", second.getBytes(StandardCharsets.UTF_8))
                    .exercises().getFirst();

            assertThat(second).doesNotContain("resistance");
            assertThat(read.work().effort()).isEmpty();
            assertThat(read.work().resistance()).as(id).isEqualTo(switch (id) {
                case "bent-row" -> Resistance.HELD;
                case "squat" -> Resistance.BODY;
                case "towel-row" -> Resistance.SELF;
                default -> Resistance.NONE;
            });
        }
    }

    @Test
    void aTableOfTheTimeWhenCalfAndShinWereOneGroupMeansTheCalf() {
        ImportedExercises read = read(HEADER + GOOD.replace("buttocks 1", "calf and shin 1"));

        assertThat(read.bad()).isEmpty();
        assertThat(read.good().getFirst().main()).containsExactly(Muscle.CALF);
    }

    @Test
    void aFaultyFileOfOwnExercisesIsRefusedWhole() {
        assertThatThrownBy(() -> OwnExercisesJson.read("exercises.json",
                "{\"format\": \"kehre-exercises\", \"version\": 4, \"exercises\": [{}]}"
                        .getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableFile.class)
                .hasMessageStartingWith(
                        "exercises.json was not opened. Line 1, column 31: version: this Kehre reads own exercises up"
                                + " to version 3. Open them with a newer Kehre. Line 1, column 59: exercises[0].family:"
                                + " found nothing");
    }
}

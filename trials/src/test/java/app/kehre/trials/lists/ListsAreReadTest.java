package app.kehre.trials.lists;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.written.ClassText;
import app.kehre.core.written.LineText;
import app.kehre.core.written.ReadLine;
import app.kehre.formats.library.BuiltInLibrary;

import static org.assertj.core.api.Assertions.assertThat;

/** Lists as instructors write them are read as they were meant; how many of the lines is printed. */
class ListsAreReadTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    /** What the reader reaches now; the aim is 0.95 read, 0.04 offered, 0.01 wrong. */
    private static final double LEAST_RIGHT = 0.93;
    private static final double MOST_WRONG = 0.03;

    private static ClassText.Read read(WrittenLists.WrittenList list) {
        ClassPlan plan = new ClassPlan(list.brief(), List.of());
        return ClassText.read(list.text(), plan, LIBRARY, LineText.of(LIBRARY, plan), Map.of());
    }

    @Test
    void mostLinesAreReadAtOnceAndFewAreReadWrongly() {
        Map<Verdict, Integer> counts = new EnumMap<>(Verdict.class);
        StringBuilder wrong = new StringBuilder();
        for (WrittenLists.WrittenList list : WrittenLists.all()) {
            ClassText.Read read = read(list);
            LineText text = LineText.of(LIBRARY, read.plan());
            for (int at = 0; at < list.lines().size(); at++) {
                WrittenLists.Line line = list.lines().get(at);
                ReadLine as = line(read, at + 1, line.written());
                Verdict verdict = Verdict.of(as, line.meaning(), text);
                counts.merge(verdict, 1, Integer::sum);
                wrong.append(verdict == Verdict.WRONG
                        ? "%s: %s was read as %s%n".formatted(list.name(), line.written(), as.words())
                        : "");
            }
        }
        double all = counts.values().stream().mapToInt(Integer::intValue).sum();
        System.out.printf("%d lists, %.0f lines: %s%n", WrittenLists.all().size(), all, counts);

        assertThat(counts.getOrDefault(Verdict.RIGHT, 0) / all).as("read at once").isGreaterThan(LEAST_RIGHT);
        assertThat(counts.getOrDefault(Verdict.WRONG, 0) / all).as(wrong.toString()).isLessThan(MOST_WRONG);
    }

    private static ReadLine line(ClassText.Read read, int number, String written) {
        return read.lines().stream().filter(each -> each.number() == number).findFirst()
                .orElse(new ReadLine(number, written, ReadLine.How.NOTHING, "", List.of(), List.of()));
    }

    @Test
    void noWrittenLineIsLostAndWhatWasReadComesBackFromItsPrintedForm() {
        for (WrittenLists.WrittenList list : WrittenLists.all()) {
            ClassText.Read read = read(list);
            assertThat(read.lines()).as(list.name()).hasSameSizeAs(
                    list.lines().stream().filter(each -> !each.written().isBlank()).toList());

            boolean combined = read.plan().buildUps().findAny().isPresent();
            if (!combined) {
                String printed = ClassText.print(read.plan(), LIBRARY);
                ClassText.Read again = ClassText.read(printed, new ClassPlan(list.brief(), List.of()),
                        LIBRARY);
                assertThat(ClassText.print(again.plan(), LIBRARY)).as(list.name()).isEqualTo(printed);
            }
        }
    }

    @Test
    void whatIsNoClassIsKeptLineByLineAndNoNumberIsTakenForAnother() {
        String novel = "It was a dark evening in the valley, and nobody had come to the hall yet. "
                .repeat(80);
        String text = String.join("\n", novel, "\ud83d\ude00\ud83d\udcaa", "1 2 3 4 5", "12\t13\t14",
                "0 squats", "squat 1000 kg",
                "squat 99999999999 x 3", "((((squat 12", "a".repeat(5_000),
                "Die Halle ist heute bis acht Uhr offen");
        ClassPlan plan = new ClassPlan(WrittenLists.all().getFirst().brief(), List.of());

        ClassText.Read read = ClassText.read(text, plan, LIBRARY);

        assertThat(read.lines()).extracting(ReadLine::text)
                .containsExactly(text.lines().map(String::strip).toArray(String[]::new));
        assertThat(read.plan().items().map(item -> LineText.of(LIBRARY, plan).print(item)))
                .containsExactly("Squat 12 reps");
    }

    @Test
    void fortyLinesAreReadInAFewMilliseconds() {
        WrittenLists.WrittenList any = WrittenLists.all().getFirst();
        String forty = IntStream.range(0, 40)
                .mapToObj(at -> any.lines().get(at % any.lines().size()).written())
                .collect(Collectors.joining("\n"));
        ClassPlan plan = new ClassPlan(any.brief(), List.of());
        LineText lines = LineText.of(LIBRARY, plan);
        List<Double> millis = IntStream.range(0, 30).mapToObj(_ -> {
            long start = System.nanoTime();
            ClassText.read(forty, plan, LIBRARY, lines, Map.of());
            return (System.nanoTime() - start) / 1e6;
        }).sorted().toList();

        System.out.printf("40 lines: median %.1f ms, first %.0f ms%n", millis.get(15), millis.getLast());
        assertThat(ClassText.read(forty, plan, LIBRARY, lines, Map.of()).lines()).hasSize(40);
    }
}

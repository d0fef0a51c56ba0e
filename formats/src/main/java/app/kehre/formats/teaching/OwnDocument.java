package app.kehre.formats.teaching;

import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.brief.School;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.pace.Quantity;
import app.kehre.core.studio.FitnessChecks.Result;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.Notation;
import app.kehre.formats.json.UnreadableFile;

/**
 * What an instructor keeps beside plans and records, as an open document: the results of the checks that groups do, as
 * numbers without names, and what is wanted of the pace. JSON, UTF-8.
 *
 * @param results in any order
 * @param wishes values that stay, and from when on a quantity is learned anew
 */
public record OwnDocument(List<Result> results, PaceWishes wishes) {

    /** What stands in the field "format". */
    public static final String FORMAT = "kehre-own";
    private static final int VERSION = 1;
    private static final int MOST_VALUES = 5_000_000;
    private static final Range MANY = Range.of("the entries", 0, 1_000_000);
    private static final Notation<LocalDate> DAY = Notation.time(LocalDate::parse, "a day like 2026-11-24");
    private static final Notation<LocalDateTime> SINCE = Notation.time(LocalDateTime::parse,
            "a day and a time such as 2026-11-24T18:31");

    /** A wish. */
    private record Wish(PaceWishes.Key key, Optional<Double> pinned, Optional<LocalDateTime> since) {}

    public OwnDocument {
        results = List.copyOf(results);
    }

    /** Returns it as it is written. */
    public byte[] bytes() {
        ObjectNode node = JsonText.object();
        var _ = of(Form.writing(this, node));
        return JsonText.print(node);
    }

    /**
     * Reads what was written.
     *
     * @throws UnreadableFile when something of it cannot be understood; it is refused whole then
     */
    public static OwnDocument read(String file, byte[] bytes) throws UnreadableFile {
        return JsonText.parse(file, bytes, MOST_VALUES).read(fields -> of(Form.reading(fields)))
                .orElseThrow(() -> new IllegalStateException("nothing was read and nothing was wrong"));
    }

    private static Optional<OwnDocument> of(Form<OwnDocument> form) {
        form.head(FORMAT, VERSION, "checks and wishes");
        List<Result> results = form.list("checks", MANY, OwnDocument::results, OwnDocument::result);
        List<Wish> wishes = form.list("pace", MANY, own -> wishes(own.wishes()), OwnDocument::wish);
        return form.built("checks", () -> new OwnDocument(results, wished(wishes)));
    }

    private static Optional<Result> result(Form<Result> form) {
        String check = form.text("check", Result::check);
        String unit = form.text("unit", Result::unit);
        String group = form.textIfAny("group", Result::group);
        LocalDate day = form.parsed("day", DAY, LocalDate.EPOCH, Result::day);
        List<Double> values = form.numbers("values", Result::values);
        return form.built("values", () -> new Result(check, unit, group, day, values));
    }

    private static List<Wish> wishes(PaceWishes wishes) {
        Map<PaceWishes.Key, Wish> all = new TreeMap<>();
        wishes.since()
                .forEach((key, since) -> all.put(key, new Wish(key, wishes.pinned(key), Optional.of(since))));
        wishes.pinned().forEach(
                (key, value) -> all.putIfAbsent(key, new Wish(key, Optional.of(value), Optional.empty())));
        return List.copyOf(all.values());
    }

    private static Optional<Wish> wish(Form<Wish> form) {
        Quantity quantity = form.term("quantity", Quantity.class, each -> each.key().quantity());
        School.Teaching style = form.term("style", School.Teaching.class, each -> each.key().style());
        Optional<Double> pinned = form.number("pinned", Wish::pinned);
        pinned.flatMap(quantity::problem).ifPresent(sentence -> form.report("pinned", sentence));
        Optional<LocalDateTime> since = form.parsedIfAny("since", SINCE, LocalDateTime.MIN, Wish::since);
        return form.built("pinned", () -> new Wish(new PaceWishes.Key(quantity, style), pinned, since));
    }

    private static PaceWishes wished(List<Wish> wishes) {
        PaceWishes all = PaceWishes.NONE;
        for (Wish each : wishes) {
            PaceWishes before = all;
            all = each.since().map(since -> before.withReset(each.key(), since)).orElse(before)
                    .withPinned(each.key(), each.pinned());
        }
        return all;
    }
}

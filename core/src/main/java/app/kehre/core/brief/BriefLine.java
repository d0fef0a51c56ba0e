package app.kehre.core.brief;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.format.TextStyle;
import java.time.temporal.TemporalAdjusters;
import java.util.Arrays;
import java.util.Comparator;
import java.util.EnumMap;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import java.util.OptionalInt;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

import app.kehre.core.kit.Equipment;
import app.kehre.core.value.Reading;

/**
 * What a new class shall be, in one line and in any order: "step, 60 min, 18 people, steps and mats, Tuesday 18:30". What
 * is not said stays as usual.
 */
public final class BriefLine {

    private static final Pattern TITLE = Pattern.compile("[\"\u201c]([^\"\u201d]+)[\"\u201d]");
    private static final Pattern SLOT = Pattern.compile("\\b(\\d{1,4}) ?(?:min(?:utes?)?\\b|')");
    private static final Pattern PEOPLE = Pattern.compile(
            "\\b(\\d{1,4}) ?(?:people|person|persons|participants|women|ladies|seniors|of us)\\b"
                    + "|\\bfor (\\d{1,4})\\b(?! ?(?:min|'|:))");
    private static final Pattern TIME = Pattern
            .compile("\\b(\\d{1,2}):(\\d{2})\\b|\\b(\\d{1,2}) ?(am|pm)\\b");
    private static final Pattern DAY = Pattern
            .compile(
                    "\\b\\d{4}-\\d{1,2}-\\d{1,2}\\b|\\b\\d{1,2}[./]\\d{1,2}[./]\\d{4}\\b|\\b\\d{1,2} [a-z]{3} \\d{4}\\b");
    private static final String WITH_LIMIT = "\\b(%s)(?: (?:people|of them))?(?: (?:is|are|has|have))?(?: with)?"
            + "(?: an?)?(?: (?:bad|sore|weak|stiff|unsure|problem|poor))?(?: (?:%s))(?: (?:problems?|pain|trouble|issues?))?\\b";
    private static final Pattern NO_KIT = Pattern.compile("\\b(?:no|without) (?:kit|equipment)\\b");
    private static final Pattern BETWEEN = Pattern
            .compile("\\b(?:and|with|for|on|at|the|class|a)\\b|[,;\u00b7+&]");
    /** Short words for kinds of class, beside their own. */
    private static final Map<String, Format> SHORT = Map.ofEntries(Map.entry("step", Format.STEP),
            Map.entry("low impact", Format.LOW_IMPACT), Map.entry("aerobic", Format.LOW_IMPACT),
            Map.entry("circuit", Format.CIRCUIT), Map.entry("conditioning", Format.CONDITIONING),
            Map.entry("strength", Format.CONDITIONING), Map.entry("toning", Format.CONDITIONING),
            Map.entry("stretch and tone", Format.STRETCH_AND_TONE),
            Map.entry("flow", Format.STRETCH_AND_TONE),
            Map.entry("core and stretch", Format.FLOOR), Map.entry("floor", Format.FLOOR),
            Map.entry("chair", Format.CHAIR), Map.entry("older people", Format.CHAIR),
            Map.entry("expecting", Format.EXPECTING), Map.entry("after birth", Format.EXPECTING),
            Map.entry("express", Format.EXPRESS), Map.entry("mixed", Format.MIXED),
            Map.entry("mixture", Format.MIXED));

    private final LocalDate today;
    private final Format before;
    private String left;
    private Brief brief;
    private String problem = "";

    private BriefLine(String text, Brief usual, LocalDate today) {
        this.today = today;
        this.before = usual.format();
        left = text.strip();
        brief = usual;
    }

    /** Returns the line of a brief, to be read or to be changed. */
    public static String print(Brief brief) {
        return "%s, %s, %s, %s %s".formatted(brief.format().words(), BriefText.slot(brief),
                BriefText.people(brief), BriefText.date(brief), BriefText.start(brief));
    }

    /** Returns all that a line said: as {@link #print}, with the kit and the limits. */
    public static String echo(Brief brief) {
        String more = BriefWords.echo(brief);
        return more.isEmpty() ? print(brief) : print(brief) + " \u00b7 " + more;
    }

    /**
     * Reads a line.
     *
     * @param usual what holds where the line says nothing; a day of the week is the next one from its date
     */
    public static Reading<Brief> read(String text, Brief usual) {
        return read(text, usual, usual.date());
    }

    /**
     * Reads a line.
     *
     * @param usual what holds where the line says nothing
     * @param today from which on the next such day of the week is meant
     */
    public static Reading<Brief> read(String text, Brief usual, LocalDate today) {
        return new BriefLine(text, usual, today).read();
    }

    private Reading<Brief> read() {
        take(TITLE, found -> BriefText.withTitle(brief, found.group(1)));
        left = left.toLowerCase(Locale.ROOT).replaceAll("\\s+", " ");
        take(SLOT, found -> BriefText.withSlot(brief, found.group(1)));
        take(PEOPLE, found -> BriefText.withPeople(brief,
                found.group(1) == null ? found.group(2) : found.group(1)));
        take(DAY, found -> BriefText.withDate(brief, found.group()));
        take(TIME, found -> BriefText.withStart(brief, time(found)));
        takeLimits();
        takeDay();
        takeFormat();
        takeKit();
        String rest = BETWEEN.matcher(left).replaceAll(" ").strip().replaceAll("\\s+", " ");
        if (!problem.isEmpty()) {
            return Reading.refused(problem);
        }
        return rest.isEmpty()
                ? Reading.of(brief)
                : Reading.refused(("\"%s\" is no kind of class, length, number of people, kit, day or time:"
                        + " write it like \"step, 60 min, 18 people, steps and mats, Tuesday 18:30\".")
                        .formatted(rest));
    }

    /** "6 pm" is 18:00. */
    private static String time(Matcher found) {
        if (found.group(3) == null) {
            return found.group();
        }
        int hour = Integer.parseInt(found.group(3)) % 12 + (found.group(4).equals("pm") ? 12 : 0);
        return hour + ":00";
    }

    /** "two with bad knees", "one pregnant". */
    private void takeLimits() {
        BriefWords.limits().forEach((limit, words) -> take(
                Pattern.compile(WITH_LIMIT.formatted(BriefWords.numbers(), words)),
                found -> GroupText.withLimit(brief, limit,
                        String.valueOf(BriefWords.number(found.group(1))))));
    }

    private interface Change {
        Reading<Brief> of(Matcher found);
    }

    private void take(Pattern pattern, Change change) {
        Matcher found = pattern.matcher(left);
        if (found.find()) {
            Reading<Brief> reading = change.of(found);
            problem = problem.isEmpty() ? reading.problem() : problem;
            brief = reading.value().orElse(brief);
            left = left.substring(0, found.start()) + " " + left.substring(found.end());
        }
    }

    /** Takes a word; returns whether it was there. */
    private boolean takeWord(String word) {
        Matcher found = Pattern.compile("\\b" + Pattern.quote(word) + "\\b").matcher(left);
        if (!found.find()) {
            return false;
        }
        left = left.substring(0, found.start()) + " " + left.substring(found.end());
        return true;
    }

    /** A day of the week is the next one, today among them. */
    private void takeDay() {
        for (DayOfWeek day : DayOfWeek.values()) {
            String whole = day.getDisplayName(TextStyle.FULL, Locale.ENGLISH).toLowerCase(Locale.ROOT);
            if (takeWord(whole + "s") || takeWord(whole) || takeWord(whole.substring(0, 3))) {
                takeWord("every");
                LocalDate next = today.with(TemporalAdjusters.nextOrSame(day));
                brief = brief.withDate(next);
            }
        }
    }

    /** Kit that is named is there for everybody, or as much as was counted, and then nothing else is. */
    private void takeKit() {
        Map<Equipment, Integer> named = new EnumMap<>(Equipment.class);
        boolean none = NO_KIT.matcher(left).find();
        left = NO_KIT.matcher(left).replaceAll(" ");
        for (Equipment kind : Equipment.values()) {
            if (counted(kind)) {
                takeKit(kind).ifPresent(pieces -> named.put(kind, pieces));
            }
        }
        if (!none && named.isEmpty()) {
            return;
        }
        for (Equipment kind : Equipment.values()) {
            if (counted(kind)) {
                brief = brief.with(brief.room().withCount(kind,
                        OptionalInt.of(named.getOrDefault(kind, 0))));
            }
        }
    }

    private OptionalInt takeKit(Equipment kind) {
        for (String word : BriefWords.of(kind)) {
            Matcher found = Pattern.compile("(?:\\b(\\d{1,3}) )?\\b" + Pattern.quote(word) + "\\b")
                    .matcher(left);
            if (found.find()) {
                int pieces = found.group(1) == null
                        ? brief.people() * BriefWords.aPerson(kind)
                        : Integer.parseInt(found.group(1));
                left = left.substring(0, found.start()) + " " + left.substring(found.end());
                return OptionalInt.of((int) Math.min(Room.PIECES.most(), pieces));
            }
        }
        return OptionalInt.empty();
    }

    private static boolean counted(Equipment kind) {
        return kind != Equipment.WALL && kind != Equipment.BARE_FEET;
    }

    private void takeFormat() {
        Map<String, Format> words = new LinkedHashMap<>(SHORT);
        Arrays.stream(Format.values()).forEach(format -> words.put(format.words(), format));
        words.entrySet().stream().sorted(Comparator.comparing(each -> -each.getKey().length()))
                .filter(each -> takeWord(each.getKey())).findFirst()
                .ifPresent(each -> kind(each.getValue()));
    }

    /** Another kind of class promises other things, and has no kit counted for it yet. */
    private void kind(Format format) {
        brief = brief.with(format);
        if (format != before) {
            brief = brief.with(BriefWords.goal(format)).with(Schools.USUAL);
            for (Equipment each : Equipment.values()) {
                brief = brief.with(brief.room().withCount(each, OptionalInt.empty()));
            }
        }
    }
}

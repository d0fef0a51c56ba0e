package app.kehre.core.written;

import java.util.Arrays;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.typing.SegmentText;
import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;

/** The first line of a segment: "## Toning 1 (toning, 120 BPM, 8:00)"; a role alone, or a name with a colon, is one as well. */
public final class Heading {

    static final String MARK = "## ";
    private static final String LEFT_OUT = "left out";
    private static final Pattern WITH_FACTS = Pattern.compile("(.*?)\\s*\\(([^()]*)\\)\\s*:?");

    /** A name with a length behind it and no brackets: "toning 20 min:". */
    private static final Pattern LASTING = Pattern
            .compile("(.*?[^\\s,])[\\s,]+(\\d+ ?min|\\d{1,2}:\\d{2}):?");

    private Heading() {}

    static String print(Segment segment) {
        String target = segment.target().isZero() ? "" : ", " + SegmentText.target(segment);
        return "%s%s (%s, %s%s%s)".formatted(MARK, segment.name(), segment.role().words(),
                SegmentText.bpm(segment),
                target, segment.leftOut() ? ", " + LEFT_OUT : "");
    }

    /** Returns whether a line begins a segment: it is marked so, or it names a part and nothing else. */
    public static boolean is(String line) {
        String text = line.strip();
        return text.startsWith("##") || role(text.replaceFirst(":$", "")).isPresent()
                || text.endsWith(":") && !text.contains(";") && !text.contains(": ")
                        && !text.matches("\\d+ rounds?.*");
    }

    /** Reads a heading as a segment without lines. */
    public static Reading<Segment> read(String line, SegmentId id) {
        String text = line.strip().replaceFirst("^#+\\s*", "");
        Matcher parts = WITH_FACTS.matcher(text);
        boolean facts = parts.matches() && parts.group(2).matches(".*(,|BPM|\\d).*|" + roles());
        Matcher lasting = LASTING.matcher(text);
        if (!facts && lasting.matches()) {
            return read("%s (%s)".formatted(lasting.group(1), lasting.group(2)), id);
        }
        String name = named((facts ? parts.group(1) : text.replaceFirst(":$", "")).strip());
        if (name.isEmpty()) {
            return Reading
                    .refused("A heading needs a name: write it like ## Toning (toning, 120 BPM, 8:00).");
        }
        Role role = role(name).orElse(Role.TONING);
        Reading<Segment> read = SegmentText.withName(Skeleton.segment(id, role), name);
        for (String fact : facts ? parts.group(2).split("\\s*,\\s*") : new String[0]) {
            read = read.flatMap(segment -> with(segment, fact.strip()));
        }
        return read;
    }

    /** A part that is called by its role alone begins with a capital, as segments do. */
    private static String named(String name) {
        return role(name).isPresent()
                ? name.substring(0, 1).toUpperCase(Locale.ROOT) + name.substring(1)
                : name;
    }

    private static Reading<Segment> with(Segment segment, String fact) {
        Optional<Role> role = Named.find(Role.class, fact);
        if (role.isPresent()) {
            return Reading.of(
                    segment.withRole(role.get()).withBpm(Skeleton.segment(segment.id(), role.get()).bpm()));
        }
        if (fact.equalsIgnoreCase(LEFT_OUT)) {
            return Reading.of(segment.withLeftOut(true));
        }
        return fact.toUpperCase(Locale.ROOT).endsWith("BPM")
                ? SegmentText.withBpm(segment, fact)
                : SegmentText.withTarget(segment, fact);
    }

    private static String roles() {
        return Arrays.stream(Role.values()).map(Role::words).collect(Collectors.joining("|"));
    }

    /** "Warm-up", "cool-down", "Core 2": the role that a name says. */
    private static Optional<Role> role(String name) {
        String words = name.toLowerCase(Locale.ROOT).replaceFirst(" \\d+$", "");
        return Arrays.stream(Role.values()).filter(role -> role != Role.PAUSE && role != Role.TALK)
                .filter(role -> words.equals(role.words()) || words.equals(role.words().replace("-", " ")))
                .findFirst();
    }
}

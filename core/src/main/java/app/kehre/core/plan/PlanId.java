package app.kehre.core.plan;

import java.util.UUID;
import java.util.regex.Pattern;

import app.kehre.core.value.Reading;

/**
 * What tells a plan from all others, on this computer and on others.
 *
 * @param value never changed, whatever becomes of the plan
 */
public record PlanId(UUID value) {

    private static final Pattern WRITTEN = Pattern.compile("[0-9a-f]{8}(-[0-9a-f]{4}){3}-[0-9a-f]{12}");
    /** So much of an id that is refused is quoted, in characters. */
    private static final int QUOTED = 80;

    /** Returns an id that no other plan has. */
    public static PlanId random() {
        return new PlanId(UUID.randomUUID());
    }

    /** Returns the id of a plan that was written before plans had one: the same for the same bytes. */
    public static PlanId of(byte[] document) {
        return new PlanId(UUID.nameUUIDFromBytes(document));
    }

    /** Reads an id as {@link #toString} writes it. */
    public static Reading<PlanId> parse(String text) {
        return WRITTEN.matcher(text).matches()
                ? Reading.of(new PlanId(UUID.fromString(text)))
                : Reading.refused("found \"%s\", expected an id such as 1b4e28ba-2fa1-41d2-883f-0016d3cca427."
                        .formatted(text.length() <= QUOTED ? text : text.substring(0, QUOTED) + "..."));
    }

    @Override
    public String toString() {
        return value.toString();
    }
}

package app.kehre.desk.teach;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.function.BiConsumer;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

import app.kehre.core.dose.AsMany;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.Press;
import app.kehre.core.timeline.Phase;

/** How many were done of as many as possible: two digits, while it runs and for a minute after it. */
final class Counts {

    private static final Duration AFTER = Duration.ofMinutes(1);
    private static final int DIGITS = 2;

    private final TeachViewModel model;
    private final ReadOnlyStringWrapper words = new ReadOnlyStringWrapper("");
    private BiConsumer<EntryId, Integer> told = (_, _) -> {};
    private Optional<Item> challenge = Optional.empty();
    private Instant lastSeen = Instant.EPOCH;
    private String typed = "";

    Counts(TeachViewModel model) {
        this.model = model;
    }

    void onCount(BiConsumer<EntryId, Integer> other) {
        told = other;
    }

    /** Returns what is asked for or was typed: "beat 20", "how many? 2_", "24 done, 20 last time". */
    ReadOnlyStringProperty words() {
        return words.getReadOnlyProperty();
    }

    /** Looks whether a challenge runs. */
    void tick(Moment moment, Instant now) {
        Optional<Item> here = moment.entry().flatMap(entry -> entry.item())
                .filter(item -> item.dose() instanceof AsMany)
                .filter(_ -> moment.span().filter(span -> span.phase() == Phase.WORK).isPresent());
        if (here.isPresent()) {
            if (challenge.filter(item -> item.id().equals(here.get().id())).isEmpty()) {
                typed = "";
            }
            challenge = here;
            lastSeen = now;
        } else if (Duration.between(lastSeen, now).compareTo(AFTER) > 0) {
            challenge = Optional.empty();
            typed = "";
        }
        words.set(challenge.map(item -> words(item, here.isPresent())).orElse(""));
    }

    private String words(Item item, boolean running) {
        int beat = ((AsMany) item.dose()).toBeat();
        Integer done = model.teaching().get().counts().get(item.id());
        String last = beat == 0 ? "" : ", %d last time".formatted(beat);
        if (done != null && typed.isEmpty()) {
            return "%d done%s".formatted(done, last);
        }
        if (!typed.isEmpty()) {
            return "how many? %s_".formatted(typed);
        }
        return running ? beat == 0 ? "count them" : "beat " + beat : "how many? two digits";
    }

    /** Types a digit. Returns whether a number is asked for. */
    boolean digit(int digit) {
        if (challenge.isEmpty()) {
            return false;
        }
        typed += digit;
        if (typed.length() == DIGITS) {
            int number = Integer.parseInt(typed);
            EntryId line = challenge.get().id();
            typed = "";
            model.press(new Press.Count(line, number));
            told.accept(line, number);
        }
        model.tick();
        return true;
    }
}

package app.kehre.desk.teach;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleBooleanProperty;

import app.kehre.core.catching.InWords;
import app.kehre.core.teaching.Press;

/** What is done so that the class ends on time: proposals that are taken, passed over or left, or taken by themselves. */
final class OnTime {

    private final TeachViewModel model;
    private final Offers offers;
    private final BooleanProperty kept = new SimpleBooleanProperty();

    OnTime(TeachViewModel model, Offers.Beside beside) {
        this.model = model;
        this.offers = new Offers(beside);
        offers.offer().addListener((_, _, offer) -> offer.filter(_ -> kept.get()).ifPresent(this::keep));
    }

    /** Returns what stands ready. */
    ReadOnlyObjectProperty<Optional<Offer>> offer() {
        return offers.offer();
    }

    /** Returns whether proposals are taken by themselves while the class is late. */
    BooleanProperty kept() {
        return kept;
    }

    Duration threshold() {
        return offers.threshold();
    }

    void setThreshold(Duration other) {
        offers.setThreshold(other);
    }

    /** Looks whether a proposal is needed. */
    void look(Instant now, Instant wall) {
        offers.look(model.run(), now, wall, kept.get());
    }

    /** Drops what stands there: the class has changed. */
    void clear() {
        offers.clear();
    }

    /** Takes the way that is shown. */
    void take() {
        offers.offer().get().filter(Offer::canBeTaken).ifPresent(offer -> {
            String words = InWords.text(offer.way(), offer.rest());
            model.press(new Press.Take(words, offer.way().after(), false));
            model.say("Changed: " + words);
        });
    }

    /** Says what it does, since nobody pressed it. */
    private void keep(Offer offer) {
        if (offer.kept() && offer.canBeTaken() && offer.rest().course() == model.run().course()) {
            String words = offer.words().stream().map(InWords.Line::text).collect(Collectors.joining("; "));
            model.press(new Press.Take(words, offer.way().after(), true));
            model.say("Kept on time: " + words);
        }
    }

    void otherWay() {
        if (offers.offer().get().isEmpty()) {
            model.say("The class is on time: there is nothing to propose.");
        }
        offers.next();
    }

    void turn() {
        kept.set(!kept.get());
        model.say(kept.get()
                ? "Kept on time from now on: what Kehre changes is said here."
                : "No longer kept on time: proposals wait for you.");
    }

    /** Leaves the class as it is; says whether a proposal stood. */
    boolean leave() {
        boolean stood = offers.offer().get().isPresent();
        offers.leave();
        return stood;
    }
}

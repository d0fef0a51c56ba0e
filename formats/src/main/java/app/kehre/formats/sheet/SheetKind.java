package app.kehre.formats.sheet;

import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.core.sheet.CribSheet;
import app.kehre.core.sheet.FloorSheet;
import app.kehre.core.sheet.HandOut;
import app.kehre.core.sheet.StationCard;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** What can be printed of a class. */
public enum SheetKind implements Named {
    /** What lies on the floor and is read standing. */
    FLOOR("floor", "Floor"),
    /** The same as cards of A5, a block each. */
    CARDS("cards", "Floor cards"),
    /** What is read the evening before: everything. */
    PREPARATION("preparation", "Preparation"),
    /** What lies at the stations of circuits. */
    STATIONS("stations", "Stations"),
    /** What participants take home. */
    HAND_OUT("handout", "Hand-out"),
    /** What came of judging, on one page. */
    CHECK("check", "Check");

    private final Term term;

    SheetKind(String key, String words) {
        this.term = new Term(key, words);
    }

    @Override
    public Term term() {
        return term;
    }

    /**
     * Returns the sheet of a class as PDF.
     *
     * @param library what may be used to mend the class
     * @throws Unprintable when a character cannot be printed, or there is nothing of the kind
     */
    public byte[] pdf(Timeline timeline, Library library) throws Unprintable {
        return switch (this) {
            case FLOOR -> FloorPdf.of(FloorSheet.of(timeline));
            case CARDS -> FloorPdf.cards(FloorSheet.of(timeline));
            case PREPARATION -> SheetPdf.of(CribSheet.of(timeline),
                    Assessment.orUnjudged(timeline, library));
            case STATIONS -> StationPdf.of(StationCard.of(timeline.plan()));
            case HAND_OUT -> HandOutPdf.of(HandOut.of(timeline));
            case CHECK -> CheckPdf.of(Assessment.orUnjudged(timeline, library));
        };
    }

    /** Returns the paper that it is made for. */
    public String paper() {
        return this == CARDS ? "A5" : "A4";
    }

    @Override
    public String toString() {
        return key();
    }
}

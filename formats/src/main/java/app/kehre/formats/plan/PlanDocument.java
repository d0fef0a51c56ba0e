package app.kehre.formats.plan;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.PlanId;
import app.kehre.formats.json.Cut;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.Unread;
import app.kehre.formats.json.UnreadableFile;

/**
 * A plan as a document. It remembers what it was read from, so that fields which this Kehre does not know, and
 * exercises that no line uses now, survive being opened and saved.
 */
public final class PlanDocument {

    /** The value of the document's "format" field. */
    public static final String FORMAT = "kehre-plan";
    /** How file names of plans end. */
    public static final String ENDING = ".kehre.json";
    /** A class of 2,000 lines has some 50,000 values. */
    private static final int MOST_VALUES = 300_000;

    private final ClassPlan plan;
    private final Library library;
    private final Unread unread;
    private final List<Exercise> held;
    private final Optional<Duration> lengthBefore;

    PlanDocument(ClassPlan plan, Library library, Unread unread, List<Exercise> held,
            Optional<Duration> lengthBefore) {
        this.plan = plan;
        this.library = library;
        this.unread = unread;
        this.held = held;
        this.lengthBefore = lengthBefore;
    }

    /** Returns a document of a new plan. */
    public static PlanDocument of(ClassPlan plan, Library library) {
        return new PlanDocument(plan, library, Unread.nothing(), List.of(), Optional.empty());
    }

    /**
     * Reads a document.
     *
     * @param file the name to use in sentences
     * @throws UnreadableFile with a sentence for every fault; nothing is half read
     */
    public static PlanDocument read(String file, byte[] bytes, Library library) throws UnreadableFile {
        JsonText text = JsonText.parse(file, bytes, MOST_VALUES);
        requireFormat(file, text.top());
        Fields fields = Fields.of(Upgrades.PLAN.apply(file, text.top(), library));
        PlanForm form = new PlanForm(library, PlanId.of(bytes));
        PlanForm.Held held = text.read(fields, each -> form.of(Form.reading(each))).orElseThrow();
        return new PlanDocument(held.plan(), library, fields.unread(), held.own(),
                EarlierPace.length(text.top(), held.plan()));
    }

    private static void requireFormat(String file, ObjectNode document) throws UnreadableFile {
        JsonNode format = document.get("format");
        if (format == null || !format.isString() || !format.stringValue().equals(FORMAT)) {
            throw new UnreadableFile(file,
                    List.of("It is no class plan of Kehre's: format: found %s, expected \"%s\"."
                            .formatted(format == null ? "nothing" : Cut.text(format.toString()), FORMAT)));
        }
    }

    /** Returns whether bytes are a plan of any version, readable or not. */
    public static boolean isPlan(byte[] bytes) {
        try {
            requireFormat("", JsonText.parse("", bytes, MOST_VALUES).top());
            return true;
        } catch (UnreadableFile other) {
            return false;
        }
    }

    /** Returns the plan. */
    public ClassPlan plan() {
        return plan;
    }

    /** Returns about how long the class was in the file, if that was written before plans carried their pace. */
    public Optional<Duration> lengthBefore() {
        return lengthBefore;
    }

    /** Returns the document with another plan in it. */
    public PlanDocument with(ClassPlan other) {
        return new PlanDocument(other, library, unread, held, lengthBefore);
    }

    /** Returns the document as UTF-8 JSON. */
    public byte[] bytes() {
        ObjectNode written = JsonText.object();
        List<Exercise> own = List.copyOf(new OwnInPlan(library, held).of(plan));
        new PlanForm(library, plan.identity().plan())
                .of(Form.writing(new PlanForm.Held(plan, own), written, unread.document()));
        JsonNode exercises = written.remove("exercises");
        if (exercises != null) {
            written.set("exercises", exercises);
        }
        unread.into(EmptyNames.removed(written, library));
        return JsonText.print(written);
    }
}

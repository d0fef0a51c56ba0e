package app.kehre.formats.plan;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.UnreadableFile;

/**
 * A plan as a document. It remembers the text that it was read from, so that fields which this Kehre does
 * not know survive being opened and saved.
 */
public final class PlanDocument {

    /** The value of the document's "format" field. */
    public static final String FORMAT = "kehre-plan";
    /** How file names of plans end. */
    public static final String ENDING = ".kehre.json";

    private final ClassPlan plan;
    private final Library library;
    private final ObjectNode original;

    private PlanDocument(ClassPlan plan, Library library, ObjectNode original) {
        this.plan = plan;
        this.library = library;
        this.original = original;
    }

    /** Returns a document of a new plan. */
    public static PlanDocument of(ClassPlan plan, Library library) {
        return new PlanDocument(plan, library, JsonText.object());
    }

    /**
     * Reads a document.
     *
     * @param file the name to use in sentences
     * @throws UnreadableFile with a sentence for every fault; nothing is half read
     */
    public static PlanDocument read(String file, byte[] bytes, Library library) throws UnreadableFile {
        ObjectNode document = JsonText.parse(file, bytes);
        PlanReader.requireFormat(file, document);
        ObjectNode upgraded = Upgrades.PLAN.apply(file, document);
        return new PlanDocument(PlanReader.read(file, upgraded, library), library, upgraded);
    }

    /** Returns the plan. */
    public ClassPlan plan() {
        return plan;
    }

    /** Returns the document with another plan in it. */
    public PlanDocument with(ClassPlan other) {
        return new PlanDocument(other, library, original);
    }

    /** Returns the document as UTF-8 JSON. */
    public byte[] bytes() {
        ObjectNode written = PlanWriter.write(plan, library, Upgrades.PLAN.current());
        Shape.PLAN.carry(original, written);
        return JsonText.print(written);
    }
}

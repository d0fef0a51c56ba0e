package app.kehre.formats.plan;

import java.util.List;
import java.util.Map;
import java.util.Objects;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.exercise.Library;
import app.kehre.formats.json.Cut;
import app.kehre.formats.json.UnreadableFile;

/**
 * The way up from older documents: one step a version, each turning a document of its version into one of
 * the next.
 *
 * @param current the version that this Kehre writes, 1 or more
 * @param steps by the version that they start from
 */
record Upgrades(int current, Map<Integer, Step> steps) {

    /** The way from one version to the next. */
    interface Step {
        /** Changes a document, with the library that it is read with. */
        ObjectNode apply(ObjectNode document, Library library);
    }

    /**
     * Version 2 added circuits, screens, cuts, how an item is taught, and more ways to write a dose; a
     * document of version 1 needs nothing but its number. Version 3 says more of the group and of the
     * exercises that a plan brings along. Version 4 added build-ups and the footwork of moves. Version 5 names
     * nothing that is not there. Version 6 says which plan it is, which numbers
     * it has given, and what a reason is about; it stores the keys of terms in the place of their words. Version 7 carries the
     * pace of its class. Version 8 knows more kinds of classes and of kit, and parts of a class; one of version 7 needs nothing
     * but its number.
     */
    static final Upgrades PLAN = new Upgrades(8, Map.of(1, (document, _) -> document, 2,
            (document, _) -> ToVersion3.apply(document), 3, (document, _) -> document, 4,
            EmptyNames::removed, 5, (document, _) -> ToVersion6.apply(document), 6,
            (document, _) -> ToVersion7.apply(document), 7, (document, _) -> document));

    Upgrades {
        steps = Map.copyOf(steps);
        for (int version = 1; version < current; version++) {
            if (!steps.containsKey(version)) {
                throw new IllegalArgumentException("There is no step up from version " + version + ".");
            }
        }
    }

    /**
     * Brings a document up to the current version.
     *
     * @throws UnreadableFile when its version is none of ours
     */
    ObjectNode apply(String file, ObjectNode document, Library library) throws UnreadableFile {
        JsonNode version = document.get("version");
        if (version == null || !version.isIntegralNumber() || !version.canConvertToInt()
                || version.intValue() < 1) {
            throw new UnreadableFile(file, List.of("version: found %s, expected a whole number from 1 to %d."
                    .formatted(version == null ? "nothing" : Cut.text(version.toString()), current)));
        }
        if (version.intValue() > current) {
            throw new UnreadableFile(file,
                    List.of(("version: found %d, but this Kehre reads plans up to version %d."
                            + " Open it with a newer Kehre.").formatted(version.intValue(), current)));
        }
        ObjectNode upgraded = document.deepCopy();
        for (int from = version.intValue(); from < current; from++) {
            Step step = Objects.requireNonNull(steps.get(from), "step");
            upgraded = step.apply(upgraded, library).put("version", from + 1);
        }
        return upgraded;
    }
}

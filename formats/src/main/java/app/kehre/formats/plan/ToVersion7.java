package app.kehre.formats.plan;

import tools.jackson.databind.node.ObjectNode;

/**
 * The step up to version 7. Before it, a plan carried ten times for explaining and changing over, or none; now it carries its
 * whole pace. Plans from before are taught at today's.
 */
final class ToVersion7 {

    private ToVersion7() {}

    static ObjectNode apply(ObjectNode document) {
        document.remove("times");
        return document;
    }
}

package app.kehre.formats.plan;

import java.util.Optional;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.plan.Identity;
import app.kehre.core.plan.PlanId;
import app.kehre.formats.json.Fields;

/** Which plan a document is, and the greatest numbers that it has given. */
final class IdentityJson {

    private IdentityJson() {}

    static void write(Identity identity, ObjectNode document) {
        document.put("id", identity.plan().toString());
        document.putObject("given").put("segments", identity.segments()).put("items", identity.entries());
    }

    /** Reads it; a plan without an id has the one that it is given here. */
    static Identity read(Fields fields, PlanId unnamed) {
        PlanId plan = fields.has("id") ? fields.parsed("id", PlanId::parse, unnamed) : unnamed;
        Optional<Fields> given = fields.has("given") ? fields.object("given") : Optional.empty();
        return new Identity(plan, given.map(each -> each.whole("segments", Identity.GIVEN)).orElse(0),
                given.map(each -> each.whole("items", Identity.GIVEN)).orElse(0));
    }
}

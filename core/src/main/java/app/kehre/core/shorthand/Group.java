package app.kehre.core.shorthand;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.Sides;

/** One exercise of a line and what is said of it. */
final class Group {

    final Part.Name name;
    final List<Fact> facts = new ArrayList<>();

    Group(Part.Name name) {
        this.name = name;
    }

    boolean dosed() {
        return facts.stream()
                .anyMatch(each -> !(each instanceof Fact.With) && !(each instanceof Fact.Side)
                        && !(each instanceof Fact.Pace));
    }

    boolean saysEach() {
        return facts.stream().anyMatch(each -> each instanceof Fact.Side(Sides _, boolean bare) && bare);
    }
}

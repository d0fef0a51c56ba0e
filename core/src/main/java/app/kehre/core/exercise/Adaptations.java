package app.kehre.core.exercise;

import java.util.List;

/**
 * What people do otherwise for whom an exercise as it is does not fit.
 *
 * @param easier the easier option (regression)
 * @param harder the harder option (progression)
 * @param cautions what to watch, and for whom; each limit once
 */
public record Adaptations(Option easier, Option harder, List<Caution> cautions) {
    public Adaptations {
        cautions = List.copyOf(cautions);
    }
}

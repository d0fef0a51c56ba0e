package app.kehre.core.log;

import java.time.LocalDateTime;
import java.util.List;

/**
 * What a class says of the pace.
 *
 * @param began when it was begun
 * @param all what was seen
 */
public record Observed(LocalDateTime began, List<Observation> all) {

    public Observed {
        all = List.copyOf(all);
    }
}

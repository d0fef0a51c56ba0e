package app.kehre.core.dose;

import java.time.Duration;

/**
 * Until the instructor says stop.
 *
 * @param planned the length that is planned for it, 1 to 1800 s
 * @param tolerance by how much it may be shorter or longer, 0 to 600 s
 * @param sides how the sides share the work
 */
public record Open(Duration planned, Duration tolerance, Sides sides) implements Dose {
    public Open {
        Limits.WORK.check(planned);
        Limits.TOLERANCE.check(tolerance);
    }

    @Override
    public Open withSides(Sides other) {
        return new Open(planned, tolerance, other);
    }
}

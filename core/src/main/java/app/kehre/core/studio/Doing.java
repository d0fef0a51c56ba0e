package app.kehre.core.studio;

import java.time.Duration;
import java.time.LocalDateTime;

/**
 * A time that an exercise was done.
 *
 * @param began when its class was begun
 * @param title what the class was called
 * @param planned how long its line was planned
 * @param taught how long it took
 * @param note what was said of it; may be empty
 */
public record Doing(LocalDateTime began, String title, Duration planned, Duration taught, String note) {}

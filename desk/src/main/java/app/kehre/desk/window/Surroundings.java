package app.kehre.desk.window;

import java.nio.file.Path;
import java.time.Clock;
import java.time.InstantSource;

import app.kehre.desk.session.OpenStudio;
import app.kehre.formats.disk.Disk;

/**
 * What lies outside the program, passed in so that a test can stand in for it.
 *
 * @param disk files
 * @param data the user's data folder
 * @param studio what is kept between classes
 * @param clock the time of day and its zone
 * @param steady a clock that goes on evenly and that nobody sets
 * @param screens the screens that there are
 * @param files the person's choice of a file
 */
public record Surroundings(Disk disk, Path data, OpenStudio studio, Clock clock, InstantSource steady,
        Screens screens, FileChoice files) {

    /** Returns surroundings in which nobody sets the clock. */
    public Surroundings(Disk disk, Path data, OpenStudio studio, Clock clock, FileChoice files) {
        this(disk, data, studio, clock, clock, Screens.ofComputer(), files);
    }
}

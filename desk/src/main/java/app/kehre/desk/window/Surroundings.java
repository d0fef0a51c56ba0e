package app.kehre.desk.window;

import java.nio.file.Path;
import java.time.Clock;
import java.time.InstantSource;

import app.kehre.formats.disk.Disk;

/**
 * What lies outside the program, passed in so that a test can stand in for it.
 *
 * @param disk files
 * @param data the user's data folder
 * @param clock the time of day and its zone
 * @param steady a clock that goes on evenly and that nobody sets
 * @param files the person's choice of a file
 */
public record Surroundings(Disk disk, Path data, Clock clock, InstantSource steady, FileChoice files) {

    /** Returns surroundings in which nobody sets the clock. */
    public Surroundings(Disk disk, Path data, Clock clock, FileChoice files) {
        this(disk, data, clock, clock, files);
    }
}

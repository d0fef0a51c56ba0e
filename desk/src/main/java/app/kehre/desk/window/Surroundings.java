package app.kehre.desk.window;

import java.nio.file.Path;
import java.time.Clock;

import app.kehre.formats.disk.Disk;

/**
 * What lies outside the program, passed in so that a test can stand in for it.
 *
 * @param disk files
 * @param data the user's data folder
 * @param clock the time of day and its zone
 * @param files the person's choice of a file
 */
public record Surroundings(Disk disk, Path data, Clock clock, FileChoice files) {}

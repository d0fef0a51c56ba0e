/**
 * The window around the places: {@link app.kehre.desk.window.MainWindow} shows one {@link app.kehre.desk.window.Page} at
 * a time, each made when it is first gone to ({@link app.kehre.desk.window.Pages}), the rail, the foot and the notices;
 * {@link app.kehre.desk.window.Backstage} is what all places share.
 *
 * <p>What happens to files is here as well: nothing unsaved goes away without being asked about ({@link
 * app.kehre.desk.window.PlanFiles}), nothing of anybody else's is written over ({@link
 * app.kehre.desk.window.Elsewhere}), and what a crash left is offered ({@link app.kehre.desk.window.Rescue}, {@link
 * app.kehre.desk.window.TeachingRescue}). May know all places; no place knows it. Nothing is null.
 */
@NullMarked
package app.kehre.desk.window;

import org.jspecify.annotations.NullMarked;

/**
 * Exercises as files: the library that ships, one file a family, edited by hand ({@link
 * app.kehre.formats.library.BuiltInLibrary}); the instructor's own ones ({@link
 * app.kehre.formats.library.OwnExercisesJson}); a table of them for a spreadsheet ({@link
 * app.kehre.formats.library.ExerciseTable}).
 *
 * <p>{@code BuiltInLibrary.load()} reads what ships with Kehre and fails if it has a fault; {@code
 * ExerciseTable.read(bytes, library)} gives what could be read and one sentence for each bad line. The fields are
 * described in docs/library-format.md.
 *
 * <p>{@link app.kehre.formats.library.WordsBeforeKeys} holds the words that older files stored, and never changes.
 * Nothing is null.
 */
@NullMarked
package app.kehre.formats.library;

import org.jspecify.annotations.NullMarked;

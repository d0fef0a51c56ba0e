/**
 * The Sheet place: the printed pages as they will be, on screen, to be saved or printed. The pages are made beside the
 * JavaFX thread by {@link app.kehre.desk.sheet.SheetViewModel} from the very PDF that is saved, so that paper and screen
 * cannot differ. Nothing is null.
 */
@NullMarked
package app.kehre.desk.sheet;

import org.jspecify.annotations.NullMarked;

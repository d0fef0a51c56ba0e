/**
 * Tables as other programs write and read them. {@link app.kehre.formats.table.TableText} finds out in which letters and
 * with which separator a table was written, {@link app.kehre.formats.table.Cells} sees to it that no cell is run.
 */
@NullMarked
package app.kehre.formats.table;

import org.jspecify.annotations.NullMarked;

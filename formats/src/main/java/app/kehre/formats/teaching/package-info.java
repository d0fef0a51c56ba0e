/**
 * A class that is being taught, written down so that nothing of it is lost when the program breaks off: {@link
 * app.kehre.formats.teaching.RunDocument}. The plan that it began with, and the plan as it stands now, lie beside it as plan
 * documents. What was taught goes out as {@link app.kehre.formats.teaching.RecordsDocument} and as tables, what an
 * instructor keeps beside it as {@link app.kehre.formats.teaching.OwnDocument}; each field is said once, in a form. Lengths
 * of records are whole milliseconds. Nothing is null.
 */
@NullMarked
package app.kehre.formats.teaching;

import org.jspecify.annotations.NullMarked;

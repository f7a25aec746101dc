/**
 * What is asked, what is taken for an answer, and what is said of one that is not? Start at {@link Field}.
 *
 * <p>A form is a table of fields: each has a {@link Kind}, which knows how its answers are written, and {@link Form}
 * reads them all, so that a knife, a lot, a mill sheet and a recipe refuse alike.
 */
@NullMarked
package hiltboard.core.field;

import org.jspecify.annotations.NullMarked;

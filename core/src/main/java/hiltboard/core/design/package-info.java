/**
 * What was asked for, and what was agreed? Start at {@link Specification}.
 *
 * <p>A specification is read from entries in shop notation, field by field; every finding is collected before the
 * answer.
 */
@NullMarked
package hiltboard.core.design;

import org.jspecify.annotations.NullMarked;

/** What can be said of a piece besides its numbers? Start at {@link CareCard}. */
@NullMarked
package hiltboard.core.job;

import org.jspecify.annotations.NullMarked;

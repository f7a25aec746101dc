/**
 * How long does the adhesive take in this shop today? Start at {@link Adhesive}. Usual times of the trade, from memory;
 * what the package says comes first.
 */
@NullMarked
package hiltboard.core.glue;

import org.jspecify.annotations.NullMarked;

/** How do a sheath's parts lie on a side of leather? Start at {@link Nesting}. */
@NullMarked
package hiltboard.core.sheath.nesting;

import org.jspecify.annotations.NullMarked;

/** Which drill makes this hole? Start at {@link PinHole}. Drill sizes after ASME B94.11M. */
@NullMarked
package hiltboard.core.machine;

import org.jspecify.annotations.NullMarked;

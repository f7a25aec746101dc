/** How is the guard cut for the tang as it was measured? Start at {@link GuardSlot}. Common practice of the trade. */
@NullMarked
package hiltboard.core.fit;

import org.jspecify.annotations.NullMarked;

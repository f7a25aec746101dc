/** Which copies of a shop's data are kept, and for how long? Start at {@link hiltboard.core.backup.Keeping}. */
@NullMarked
package hiltboard.core.backup;

import org.jspecify.annotations.NullMarked;

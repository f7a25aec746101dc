/** How large is the leather cut? Start at {@link SheathTemplate}. Common practice of the trade. */
@NullMarked
package hiltboard.core.sheath;

import org.jspecify.annotations.NullMarked;

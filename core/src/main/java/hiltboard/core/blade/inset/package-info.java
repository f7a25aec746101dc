/** What is left of an outline inside a rim? Start at {@link Inset}. The geometry library is touched here. */
@NullMarked
package hiltboard.core.blade.inset;

import org.jspecify.annotations.NullMarked;

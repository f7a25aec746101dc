/**
 * How thick, how deep, how far apart in a folding knife? Start at {@link BearingStack}, {@link NailNick} and
 * {@link PivotRelief}. Common practice of the trade.
 */
@NullMarked
package hiltboard.core.folder;

import org.jspecify.annotations.NullMarked;

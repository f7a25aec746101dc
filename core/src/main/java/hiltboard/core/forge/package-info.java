/**
 * What does a billet become, and may a flawed one go on? Start at {@link LaminateFlaw}. Common practice of the trade.
 */
@NullMarked
package hiltboard.core.forge;

import org.jspecify.annotations.NullMarked;

/**
 * What happens in the tank: baths with their strength and their age, recipes of an etch, the clock of a blade, tones by
 * mask, marks by current, and how a solution is made and made harmless.
 */
@NullMarked
package hiltboard.core.etch;

import org.jspecify.annotations.NullMarked;

/**
 * What does the knife look like from the side? Start at {@link KnifeOutline}. Millimetres; the heel of the blade at
 * the spine is the origin, x grows towards the tip, y grows away from the edge.
 */
@NullMarked
package hiltboard.core.blade;

import org.jspecify.annotations.NullMarked;

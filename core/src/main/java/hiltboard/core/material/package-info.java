/**
 * What is it made of, and what does that ask of the maker? Start at {@link Steel} and {@link HandleMaterial}.
 *
 * <p>Hardening numbers are usual starting values of the trade, from memory; the steel's own data sheet comes first.
 */
@NullMarked
package hiltboard.core.material;

import org.jspecify.annotations.NullMarked;

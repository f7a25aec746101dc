/**
 * What does a maker's entry mean, and how is a quantity said back? Start at {@link ShopNotation}.
 *
 * <p>A {@link Length} is a whole number of nanometres, so that every fraction down to 1/64 in and every decimal inch
 * down to 0.00001 in is held exactly. Factors: 1 in = 25.4 mm exactly (NIST SP 811, appendix B.8); t/°F = 9/5 · t/°C +
 * 32 (NIST SP 811, appendix B.8).
 */
@NullMarked
package hiltboard.core.measure;

import org.jspecify.annotations.NullMarked;

/**
 * How does a drawing leave the program and come in again? Start at {@link Sheet}: what is drawn at 1:1, which
 * {@link SvgSheet} and {@link DxfSheet} write. Millimetres, y upwards, the lower left corner of the sheet is the
 * origin.
 */
@NullMarked
package hiltboard.core.exchange;

import org.jspecify.annotations.NullMarked;

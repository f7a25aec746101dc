/** placeholder */
@NullMarked
package hiltboard.core.stock;

import org.jspecify.annotations.NullMarked;

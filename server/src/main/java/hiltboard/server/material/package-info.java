/** The shop's own steels beside the known grades. Start at {@link hiltboard.server.material.Steels}. */
@NullMarked
package hiltboard.server.material;

import org.jspecify.annotations.NullMarked;

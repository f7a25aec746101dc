/** What the shop pays and what work costs. Start at {@link hiltboard.server.money.PriceController}. */
@NullMarked
package hiltboard.server.money;

import org.jspecify.annotations.NullMarked;

/**
 * The rack: what lies there, what is promised to whom, what to buy, and how bars are cut. Start at
 * {@link hiltboard.server.stock.StockService}, {@link hiltboard.server.stock.PromiseService} and
 * {@link hiltboard.server.stock.Rack}.
 */
@NullMarked
package hiltboard.server.stock;

import org.jspecify.annotations.NullMarked;

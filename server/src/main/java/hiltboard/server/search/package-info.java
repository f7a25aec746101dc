/**
 * Long searches, one after another so that the shop's other work goes on. Start at
 * {@link hiltboard.server.search.Runs}.
 */
@NullMarked
package hiltboard.server.search;

import org.jspecify.annotations.NullMarked;

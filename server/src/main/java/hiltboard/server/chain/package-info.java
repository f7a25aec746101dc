/** Where are readings and made-to values kept? Start at {@link hiltboard.server.chain.ReadingRepository}. */
@NullMarked
package hiltboard.server.chain;

import org.jspecify.annotations.NullMarked;

/** Open formats out of the program and into it. Start at {@link hiltboard.server.exchange.TemplateController}. */
@NullMarked
package hiltboard.server.exchange;

import org.jspecify.annotations.NullMarked;

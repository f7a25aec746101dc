/** How is a specification asked and read? Start at {@link hiltboard.server.design.DesignController}. */
@NullMarked
package hiltboard.server.design;

import org.jspecify.annotations.NullMarked;

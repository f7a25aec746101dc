/** Which route has this piece? Start at {@link hiltboard.server.route.Routes}. */
@NullMarked
package hiltboard.server.route;

import org.jspecify.annotations.NullMarked;

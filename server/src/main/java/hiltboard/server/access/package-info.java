/** Who is there, and what may they do? Start at {@link hiltboard.server.access.AccessService}. */
@NullMarked
package hiltboard.server.access;

import org.jspecify.annotations.NullMarked;

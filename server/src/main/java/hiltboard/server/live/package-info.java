/**
 * What changed, and who is told? Start at {@link hiltboard.server.live.Changes}, the one place that every change goes
 * through.
 */
@NullMarked
package hiltboard.server.live;

import org.jspecify.annotations.NullMarked;

/**
 * The fire: kilns and what they showed, loads that pieces share, alarms, hardness and warp, blades at an outside
 * treater, the shop's own steels.
 */
@NullMarked
package hiltboard.server.fire;

import org.jspecify.annotations.NullMarked;

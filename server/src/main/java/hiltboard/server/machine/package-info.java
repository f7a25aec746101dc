/**
 * Drill press and mill over HTTP: holes and what they were measured at, the readout's moves, cutters and their wear.
 */
@NullMarked
package hiltboard.server.machine;

import org.jspecify.annotations.NullMarked;

/** Which pieces are there and how do they stand? Start at {@link hiltboard.server.job.PieceFiles}. */
@NullMarked
package hiltboard.server.job;

import org.jspecify.annotations.NullMarked;

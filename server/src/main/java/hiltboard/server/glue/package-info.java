/**
 * The gluing bench: data sheets, dry runs, what is weighed, and the clock of every mix. Start at
 * {@link hiltboard.server.glue.GlueController}.
 */
@NullMarked
package hiltboard.server.glue;

import org.jspecify.annotations.NullMarked;

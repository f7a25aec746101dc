/**
 * Where does the shop's data lie, and can it be trusted? One folder, one file, one program. Start at
 * {@link hiltboard.server.data.DataFolder}.
 */
@NullMarked
package hiltboard.server.data;

import org.jspecify.annotations.NullMarked;

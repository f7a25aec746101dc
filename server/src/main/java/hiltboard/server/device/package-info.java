/**
 * What stands outside the program: a mail server, for now. Each is behind an interface that a real one takes by configuration, and has
 * a stand-in that ships with the program. Start at {@link hiltboard.server.device.Post}.
 */
@NullMarked
package hiltboard.server.device;

import org.jspecify.annotations.NullMarked;

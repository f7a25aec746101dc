/**
 * What stands outside the program: a mail server, kilns, a hardness tester. Each is behind an interface that a real one
 * takes by configuration, and has a stand-in that ships with the program. Start at {@link hiltboard.server.device.Post}
 * and {@link hiltboard.server.device.KilnConnector}.
 */
@NullMarked
package hiltboard.server.device;

import org.jspecify.annotations.NullMarked;

/**
 * The program as it runs: wiring of the data file, security, errors and the page. Start at
 * {@link hiltboard.server.HiltBoard}.
 */
@NullMarked
package hiltboard.server;

import org.jspecify.annotations.NullMarked;

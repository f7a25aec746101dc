/**
 * What if the machine is gone tomorrow? Copies of the whole shop, taken by themselves, checked, kept by rule, and
 * brought back. Start at {@link hiltboard.server.backup.Backups}.
 */
@NullMarked
package hiltboard.server.backup;

import org.jspecify.annotations.NullMarked;

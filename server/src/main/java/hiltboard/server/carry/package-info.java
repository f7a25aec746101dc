/**
 * How does a shop, or a part of it, leave in files that any program can read, and come in again?
 *
 * <p>{@link hiltboard.server.carry.Things} says what a shop's data is made of; writer, reader and published schema
 * follow it.
 */
@NullMarked
package hiltboard.server.carry;

import org.jspecify.annotations.NullMarked;

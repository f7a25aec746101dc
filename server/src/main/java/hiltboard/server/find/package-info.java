/**
 * Where is what somebody remembers a word of? Start at {@link hiltboard.server.find.Findable}: a feature says what is
 * written of its things, triggers of the data file say which of them has changed, and
 * {@link hiltboard.server.find.FoundIndex} keeps SQLite's full-text index of all of it.
 */
@NullMarked
package hiltboard.server.find;

import org.jspecify.annotations.NullMarked;

/** What is done at a bench? Start at {@link hiltboard.server.bench.BenchService}. */
@NullMarked
package hiltboard.server.bench;

import org.jspecify.annotations.NullMarked;

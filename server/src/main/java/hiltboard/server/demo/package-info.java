/** What does a busy shop look like? Start at {@link hiltboard.server.demo.DemoShop}. All names are invented. */
@NullMarked
package hiltboard.server.demo;

import org.jspecify.annotations.NullMarked;

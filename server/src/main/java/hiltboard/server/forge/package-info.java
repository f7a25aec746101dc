/**
 * Billets on paper and in the fire, the machines they go through, and days at borrowed ones. Start at
 * {@link hiltboard.server.forge.ForgeService} and {@link hiltboard.server.forge.BilletReader}.
 */
@NullMarked
package hiltboard.server.forge;

import org.jspecify.annotations.NullMarked;

/**
 * Who does what when, and does it fit before the promised day? {@link ShopPass} is a simple forward pass over the whole
 * shop; {@link Urgency} says what is done before what, {@link PutOn} whose work it is, and {@link NextUp} the one thing
 * to do now.
 */
@NullMarked
package hiltboard.core.plan;

import org.jspecify.annotations.NullMarked;

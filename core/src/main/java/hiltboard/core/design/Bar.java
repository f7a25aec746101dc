package hiltboard.core.design;

import hiltboard.core.measure.Length;
import hiltboard.core.measure.Mass;

/**
 * The stock that one piece takes, with room for the saw: sawn from a bar, or the forging's own size before it is
 * trimmed.
 */
public record Bar(Length thickness, Length width, Length length, Mass mass) {}

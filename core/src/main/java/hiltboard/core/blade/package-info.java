/**
 * What does the knife look like from the side and in section, and where does its weight lie? Start at
 * {@link BladeProfile} and {@link HandleProfile} for outlines, {@link BladeSection} for thickness, {@link Area} for
 * what they enclose.
 *
 * <p>Millimetres; the spine at the heel's plane (guard, shoulders or scales' fronts) is the origin, x grows towards the
 * point, y grows away from the edge. Plain numbers here are such coordinates; everything that somebody typed is a
 * length.
 */
@NullMarked
package hiltboard.core.blade;

import org.jspecify.annotations.NullMarked;

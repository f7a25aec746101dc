package hiltboard.core.fit;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.inset.Inset;
import hiltboard.core.design.HandleForm;
import hiltboard.core.design.KnifeShape;
import hiltboard.core.design.ScaleRelief;
import hiltboard.core.design.Specification;
import hiltboard.core.glue.AdhesiveNeeded;
import hiltboard.core.measure.Volume;
import java.util.Optional;

/** What of a handle is coated and filled when it is glued. */
public final class GluedFaces {
    private GluedFaces() {}

    /**
     * Both scales on their tang or on their liners, or covers on their liners; around a hidden tang the cavity and
     * every face that closes on another.
     *
     * @param cavity what the adhesive fills around a hidden tang; empty for other handles
     */
    public static AdhesiveNeeded of(Specification spec, GlueUp what, Optional<Volume> cavity) {
        if (spec.hasBlock()) {
            HandleForm handle = HandleForm.of(spec).orElseThrow();
            double front = handle.at(handle.front()).orElseThrow().border().area();
            return new AdhesiveNeeded(cavity.orElse(new Volume(0)), front * (1 + spec.spacers()));
        }
        Outline scale = KnifeShape.scale(spec);
        double face = Area.of(scale).squareMillimetres();
        if (!spec.hasScaleRelief() || what == GlueUp.LINES) {
            return new AdhesiveNeeded(new Volume(0), 2 * face);
        }
        double pocket = Inset.of(scale, ScaleRelief.RIM).inside();
        return new AdhesiveNeeded(new Volume(2 * pocket * ScaleRelief.DEPTH.millimetres()), 2 * (face - pocket));
    }
}

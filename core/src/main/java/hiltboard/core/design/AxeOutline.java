package hiltboard.core.design;

import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.Outline;
import java.util.List;

/**
 * A head on its haft, lying like a knife: the haft towards the butt at the left, the edge hanging down at the right.
 * What the specification does not say (the sweep of the cheeks, the swell of the haft) is plain.
 */
final class AxeOutline {
    private static final double SAW_ROOM = 3;
    private static final double HAFT_WIDTH = 32;
    private static final double OVER_THE_EYE = 12;

    private AxeOutline() {}

    static KnifeOutline of(Specification spec) {
        double head = mm(spec, SpecificationField.HEAD_LENGTH);
        double edge = mm(spec, SpecificationField.EDGE_LENGTH);
        double eye = mm(spec, SpecificationField.EYE_LENGTH);
        double haft = mm(spec, SpecificationField.HAFT_LENGTH);
        double poll = eye * 1.15;
        double top = Math.min(head * 0.35, eye);
        double eyeTop = top - eye * 0.15;
        double middle = edge / 2;
        Outline blade = Outline.from(middle - poll / 2, top)
                .to(middle + poll / 2, top)
                .curve(middle + poll / 2, top - head * 0.55, edge, top - head + 4)
                .curve(middle, top - head - 2, 0, top - head + 4)
                .curve(middle - poll / 2, top - head * 0.6, middle - poll / 2, top);
        double bevel = mm(spec, SpecificationField.BEVEL_HEIGHT);
        double inset = Math.min(middle, bevel * (edge - poll) / 2 / head * 1.6);
        Outline bevelLine = Outline.from(inset, top - head + 4 + bevel)
                .curve(middle, top - head - 2 + bevel, edge - inset, top - head + 4 + bevel);
        double right = middle + poll / 2 + OVER_THE_EYE;
        double width = Math.min(HAFT_WIDTH, eye);
        double butt = right - haft;
        double eyeMiddle = eyeTop - eye / 2;
        Outline handle = Outline.from(right, eyeTop)
                .to(butt + 8, eyeMiddle + width / 2)
                .to(butt, eyeMiddle)
                .to(butt + 4, eyeMiddle - width / 2 - 4)
                .to(right, eyeTop - eye);
        double left = Math.min(0, middle - poll / 2) - SAW_ROOM;
        double back = Math.max(edge, middle + poll / 2) + SAW_ROOM;
        Outline bar = Outline.from(left, top + SAW_ROOM)
                .to(back, top + SAW_ROOM)
                .to(back, top - head - SAW_ROOM)
                .to(left, top - head - SAW_ROOM);
        Outline tang = Outline.from(middle - eye / 2, eyeTop)
                .to(middle + eye / 2, eyeTop)
                .to(middle + eye / 2, eyeTop - eye)
                .to(middle - eye / 2, eyeTop - eye);
        return new KnifeOutline(
                bar, blade, tang, bevelLine, List.of(), Outline.none(), Outline.none(), handle, List.of());
    }

    private static double mm(Specification spec, SpecificationField field) {
        return spec.length(field).millimetres();
    }
}

package hiltboard.core.design;

import static hiltboard.core.design.SpecificationField.*;

import hiltboard.core.blade.Area;
import hiltboard.core.blade.KnifeOutline;
import hiltboard.core.blade.KnifeOutline.Hole;
import hiltboard.core.blade.KnifeOutline.Use;
import hiltboard.core.blade.Lump;
import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.design.Weighed.Part;
import hiltboard.core.material.Density;
import hiltboard.core.material.FittingMaterial;
import hiltboard.core.measure.Mass;
import java.util.ArrayList;
import java.util.List;

/**
 * Weighs a knife part by part: areas of the drawing times the thickness at each place, less what is drilled. Pins,
 * fasteners and tubes count as brass; end caps, nuts, screws' heads and adhesive are not counted.
 */
final class KnifeWeight {
    /** Wall of a lanyard tube, in millimetres; usual, from memory. */
    private static final double TUBE_WALL = 0.8;
    /** Height of a slip joint's spring and of a back spacer, in millimetres; usual, from memory. */
    private static final double SPRING_HEIGHT = 5;

    private final Specification spec;
    private final KnifeShape shape;
    private final KnifeOutline outline;
    private final Area handle;
    private final double stock;
    private final List<Part> parts = new ArrayList<>();

    private KnifeWeight(Specification spec) {
        this.spec = spec;
        this.shape = KnifeShape.of(spec);
        this.outline = KnifeShape.outline(spec);
        this.handle = Area.of(outline.handle());
        this.stock = mm(STOCK_THICKNESS);
    }

    static Weighed of(Specification spec) {
        return new KnifeWeight(spec).weighed();
    }

    /** The steel alone as it goes into the fire: blade and tang, its bevels ground as far as the school says. */
    static Mass steelInFire(Specification spec) {
        KnifeWeight knife = new KnifeWeight(spec);
        double slab = Area.of(knife.outline.blade()).lump(knife.stock).amount();
        double ground = knife.shape.section().volume().amount();
        double blade = switch (spec.bevels()) {
            case BEFORE_HARDENING -> ground;
            case ROUGH_THEN_FINISH -> (ground + slab) / 2;
            case AFTER_HARDENING -> slab;
        };
        return Mass.ofGrams(
                (blade + knife.tang().amount()) / 1000 * spec.steel().density().gramsPerCubicCentimetre());
    }

    private Weighed weighed() {
        Density steel = spec.steel().density();
        part("Blade", shape.section().volume(), steel);
        part("Tang", tang(), steel);
        if (spec.hasScales()) {
            onTang();
            part(
                    "Pins",
                    outline.holes(Use.PIN).stream()
                            .map(hole -> Lump.round(hole.centre(), hole.diameter(), through(hole)))
                            .toList(),
                    FittingMaterial.BRASS.density());
            part(
                    "Lanyard tube",
                    outline.holes(Use.TUBE).stream().map(this::tube).toList(),
                    FittingMaterial.BRASS.density());
        } else if (spec.hasBlock()) {
            blockParts(steel);
        } else {
            folderParts(steel);
        }
        return Weighed.of(parts);
    }

    /** The steel behind the blade, less its holes. */
    private Lump tang() {
        List<Lump> lumps = new ArrayList<>();
        lumps.add(Area.of(outline.tang()).lump((x, border) -> tangCut(x)));
        outline.holes()
                .forEach(hole -> lumps.add(Lump.round(
                                hole.centre(),
                                hole.diameter(),
                                tangThickness(hole.centre().x()))
                        .times(-1)));
        return Lump.sum(lumps);
    }

    private Area.Cut tangCut(double x) {
        double thickness = tangThickness(x);
        return new Area.Cut(new double[0], y -> thickness);
    }

    private double tangThickness(double x) {
        return spec.hasTaperedTang()
                ? stock + (mm(BUTT_THICKNESS) - stock) * Math.min(1, -x / mm(HANDLE_LENGTH))
                : stock;
    }

    /** Scales, and what lies under and before them. */
    private void onTang() {
        Area scale = Area.of(KnifeShape.scale(spec));
        double liners = spec.hasLinedScales() ? 2 * mm(SCALE_LINER_THICKNESS) : 0;
        List<Hole> holes = outline.holes().stream()
                .filter(hole -> hole.use() == Use.PIN || hole.use() == Use.TUBE)
                .toList();
        List<Lump> scales = new ArrayList<>();
        scales.add(scale.lump((x, border) -> rounded(border, 2 * onTang(x))));
        scales.add(scale.lump(liners).times(-1));
        holes.forEach(hole ->
                scales.add(cut(hole, 2 * onTang(hole.centre().x()) - liners).times(-1)));
        if (spec.hasScaleRelief()) {
            scales.add(scale.lump(this::pocket).times(-1));
        }
        part("Scales", scales, spec.handleMaterial().density());
        if (spec.hasLinedScales()) {
            List<Lump> sheets = new ArrayList<>(List.of(scale.lump(liners)));
            holes.forEach(hole -> sheets.add(cut(hole, liners).times(-1)));
            part("Liners", sheets, fitting(SCALE_LINER_MATERIAL));
        }
        if (spec.hasScaleBolsters()) {
            List<Lump> bolsters = new ArrayList<>();
            bolsters.add(Area.of(outline.guard()).lump((x, border) -> rounded(border, 2 * onTang(x))));
            outline.holes(Use.BOLSTER)
                    .forEach(pin ->
                            bolsters.add(cut(pin, tangThickness(pin.centre().x()))));
            part("Bolsters", bolsters, fitting(SCALE_BOLSTER_MATERIAL));
        }
    }

    private static Lump cut(Hole hole, double depth) {
        return Lump.round(hole.centre(), hole.diameter(), depth);
    }

    /** The pockets inside both scales, within their rims. */
    private Area.Cut pocket(double x, double[] border) {
        double rim = ScaleRelief.RIM.millimetres();
        boolean isEnd = x > -KnifeShape.scaleBegins(spec) - rim || x < -mm(HANDLE_LENGTH) + rim;
        if (isEnd || border.length < 2 || border[border.length - 1] - border[0] <= 2 * rim) {
            return new Area.Cut(new double[0], y -> 0);
        }
        double low = border[0] + rim;
        double high = border[border.length - 1] - rim;
        double depth = 2 * ScaleRelief.DEPTH.millimetres();
        return new Area.Cut(new double[] {low, high}, y -> y > low && y < high ? depth : 0);
    }

    /** What is not counted, since nobody has said how big it is. */
    static List<String> leavesOut(Specification spec) {
        List<String> out = new ArrayList<>();
        if (spec.isGlued()) {
            out.add("adhesive");
        }
        if (spec.hasAlignmentPins()) {
            out.add("alignment pins");
        }
        if (spec.isPeened()) {
            out.add("end cap");
        }
        if (spec.isTakeDown()) {
            out.add("pommel nut");
        }
        if (spec.isFolder() || spec.hasCounterbores()) {
            out.add("screws’ heads");
        }
        return out;
    }

    /** Across the handle: this thick in the middle, its four corners rounded. */
    private Area.Cut rounded(double[] border, double thickness) {
        if (border.length < 2) {
            return new Area.Cut(new double[0], y -> thickness);
        }
        double low = border[0];
        double high = border[border.length - 1];
        double radius = Math.min(mm(HANDLE_ROUNDING), (high - low) / 2);
        return new Area.Cut(new double[] {low + radius, high - radius}, y -> {
            double inside = radius - Math.min(y - low, high - y);
            return inside <= 0 ? thickness : thickness - 2 * (radius - Math.sqrt(radius * radius - inside * inside));
        });
    }

    /** So far one side stands off the tang. */
    private double onTang(double x) {
        return HandleThickness.of(spec, shape.handle()).ofScale(-x);
    }

    private double blockThickness(double x) {
        return HandleThickness.of(spec, shape.handle()).ofBlock(-x);
    }

    private double through(Hole hole) {
        return tangThickness(hole.centre().x()) + 2 * onTang(hole.centre().x());
    }

    private Lump tube(Hole hole) {
        return Lump.round(hole.centre(), hole.diameter(), through(hole))
                .minus(Lump.round(hole.centre(), Math.max(0, hole.diameter() - 2 * TUBE_WALL), through(hole)));
    }

    private void blockParts(Density steel) {
        Area tang = Area.of(outline.tang());
        double handleFront = -shape.handle().front().millimetres();
        Lump inHandle = tang.behind(handleFront).lump(stock);
        double spacerFront = spec.hasSpacer() ? handleFront + mm(SPACER_THICKNESS) : handleFront;
        Lump inSpacer = tang.behind(spacerFront).lump(stock).minus(inHandle);
        Lump inFitting = tang.lump(stock).minus(tang.behind(spacerFront).lump(stock));
        if (spec.isHiddenTang()) {
            part("Guard", plate(outline.guard(), mm(GUARD_WIDTH)).minus(inFitting), fitting(GUARD_MATERIAL));
        } else {
            part("Bolster", plate(outline.guard(), blockThickness(handleFront)).minus(inFitting), steel);
        }
        if (spec.hasSpacer()) {
            part(
                    "Spacer",
                    plate(outline.spacer(), blockThickness(handleFront)).minus(inSpacer),
                    fitting(SPACER_MATERIAL));
        }
        part(
                "Handle",
                handle.lump((x, border) -> rounded(border, blockThickness(x))).minus(inHandle),
                spec.handleMaterial().density());
    }

    /** A plate across the knife whose front has half-round ends: height × width − (1 − π/4) × width². */
    private static Lump plate(Outline side, double width) {
        Lump square = Area.of(side).lump(width);
        double depth = side.points().get(0).distanceTo(side.points().get(1));
        double height = side.points().get(1).distanceTo(side.points().get(2));
        double round = Math.min(width, height);
        return new Lump(square.amount() - (1 - Math.PI / 4) * round * round * depth, square.centre());
    }

    private void folderParts(Density steel) {
        Point pivot = outline.holes().get(0).centre();
        if (spec.isFrameLock()) {
            part(
                    "Plates",
                    handle.lump(2 * mm(PLATE_THICKNESS)),
                    spec.handleMaterial().density());
            part(
                    "Back spacer",
                    spring(mm(HANDLE_LENGTH) / 2, stock + 2 * mm(ACTION_CLEARANCE)),
                    spec.handleMaterial().density());
            part("Pivot", Lump.round(pivot, mm(PIVOT_DIAMETER), stock + 2 * mm(PLATE_THICKNESS)), steel);
            return;
        }
        part(
                "Sides",
                handle.lump(2 * mm(SCALE_THICKNESS)),
                spec.handleMaterial().density());
        double liners = spec.hasLiners() ? 2 * mm(LINER_THICKNESS) : 0;
        if (spec.hasLiners()) {
            part("Liners", handle.lump(liners), FittingMaterial.NICKEL_SILVER.density());
        }
        part("Spring", spring(mm(HANDLE_LENGTH), stock), steel);
        part("Pivot", Lump.round(pivot, mm(PIVOT_DIAMETER), stock + liners), steel);
    }

    /** A strip along the back of the handle, from the butt forward. */
    private Lump spring(double length, double thickness) {
        double middle = -mm(HANDLE_LENGTH) + length / 2;
        return new Lump(
                length * SPRING_HEIGHT * thickness,
                new Point(middle, shape.handle().backAt(-middle) - SPRING_HEIGHT / 2));
    }

    private Density fitting(SpecificationField material) {
        return spec.fitting(material).density();
    }

    private void part(String name, Lump volume, Density density) {
        part(name, List.of(volume), density);
    }

    private void part(String name, List<Lump> volumes, Density density) {
        if (!volumes.isEmpty()) {
            parts.add(new Part(name, Lump.sum(volumes).grams(density.gramsPerCubicCentimetre())));
        }
    }

    private double mm(SpecificationField field) {
        return spec.length(field).millimetres();
    }
}

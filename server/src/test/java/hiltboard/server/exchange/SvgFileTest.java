package hiltboard.server.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import hiltboard.core.exchange.ReadDrawing;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.DisplayName;
import org.junit.jupiter.api.Test;

/** Drawings as other programs write them; where a thing lies is worked out by SVG 1.1, sections 7.6 and 8.3. */
class SvgFileTest {
    private static final String TRIANGLE = "<path d='M0 0L10 0L10 4Z'/>";

    private static List<Outline> closed(String inside) {
        ReadDrawing read = SvgFile.read("<svg xmlns='http://www.w3.org/2000/svg'>" + inside + "</svg>");
        assertThat(read).as(inside).isInstanceOf(ReadDrawing.Outlines.class);
        return ((ReadDrawing.Outlines) read).closed();
    }

    /** Corners in the drawing's own coordinates, y downwards. */
    private static void assertCorners(String inside, double... expected) {
        List<Point> points = new ArrayList<>();
        Outline outline = closed(inside).get(0);
        points.add(outline.start());
        outline.segments().forEach(segment -> points.add(segment.end()));
        for (int i = 0; i < expected.length / 2; i++) {
            assertThat(points.get(i).x()).as(inside).isCloseTo(expected[2 * i], within(1e-9));
            assertThat(-points.get(i).y()).as(inside).isCloseTo(expected[2 * i + 1], within(1e-9));
        }
    }

    @Test
    @DisplayName("SVG 1.1, 7.6: each transformation, alone and around another, the outer one last")
    void transformations() {
        assertCorners("<g transform='translate(5)'>" + TRIANGLE + "</g>", 5, 0, 15, 0, 15, 4);
        assertCorners("<g transform='translate(5,-2)'>" + TRIANGLE + "</g>", 5, -2, 15, -2, 15, 2);
        assertCorners("<g transform='scale(2)'>" + TRIANGLE + "</g>", 0, 0, 20, 0, 20, 8);
        assertCorners("<g transform='scale(2 -1)'>" + TRIANGLE + "</g>", 0, 0, 20, 0, 20, -4);
        assertCorners("<g transform='rotate(90)'>" + TRIANGLE + "</g>", 0, 0, 0, 10, -4, 10);
        assertCorners("<g transform='rotate(90 10 0)'>" + TRIANGLE + "</g>", 10, -10, 10, 0, 6, 0);
        assertCorners("<g transform='skewX(45)'>" + TRIANGLE + "</g>", 0, 0, 10, 0, 14, 4);
        assertCorners("<g transform='skewY(45)'>" + TRIANGLE + "</g>", 0, 0, 10, 10, 10, 14);
        assertCorners("<g transform='matrix(0 1 -1 0 3 4)'>" + TRIANGLE + "</g>", 3, 4, 3, 14, -1, 14);
        // translate(100) scale(2): scaled first, then moved.
        assertCorners("<g transform='translate(100) scale(2)'>" + TRIANGLE + "</g>", 100, 0, 120, 0, 120, 8);
        assertCorners(
                "<g transform='translate(100)'><g transform='scale(2)'><path transform='translate(1,1)' d='M0 0L10 0L10 4Z'/></g></g>",
                102,
                2,
                122,
                2,
                122,
                10);
        assertCorners("<g transform='scale(2)'/>" + TRIANGLE, 0, 0, 10, 0, 10, 4);
    }

    @Test
    @DisplayName(
            "SVG 1.1, 8.3.8 and 8.3.9: flags of an arc need nothing between them, numbers only what keeps them apart")
    void compact_numbers() {
        String spread = "<path d='M 0 0 a 25 26 -30 0 1 50 -25 l -5 60 z'/>";
        String compact = "<path d='M0 0a25 26-30 0150-25l-5 60z'/>";
        assertThat(closed(compact)).isEqualTo(closed(spread));
        assertThat(closed("<path d='M0 0a8 8 0 018.0-8l.5.5z'/>"))
                .isEqualTo(closed("<path d='M0,0 a8,8 0 0,1 8.0,-8 l0.5,0.5 z'/>"));
    }

    @Test
    void a_line_that_comes_back_to_its_beginning_is_closed_whether_it_says_so_or_not() {
        assertThat(closed("<polyline points='0,0 10,0 10,4 0,0'/>")).hasSize(1);
        assertThat(closed("<path d='M0 0L10 0L10 4L0 0'/>")).hasSize(1);
        assertThat(closed("<path d='M0 0L10 0L10 4L0 0M50 0L60 0L60 4Z'/>")).hasSize(2);
        assertThat(SvgFile.read("<svg><polyline points='0,0 10,0 10,4'/></svg>"))
                .isInstanceOf(ReadDrawing.Refused.class);
    }

    @Test
    void the_head_that_other_programs_write_is_no_reason_to_refuse() {
        assertThat(SvgFile.read("<?xml version='1.0'?><!DOCTYPE svg PUBLIC '-//W3C//DTD SVG 1.1//EN' "
                        + "'http://www.w3.org/Graphics/SVG/1.1/DTD/svg11.dtd'><svg>" + TRIANGLE + "</svg>"))
                .isInstanceOf(ReadDrawing.Outlines.class);
        assertThat(SvgFile.read("<!DOCTYPE svg [<!ENTITY a 'M0 0L10 0L10 4Z'>]><svg><path d='&a;'/></svg>"))
                .isInstanceOf(ReadDrawing.Refused.class);
    }

    @Test
    void what_is_only_kept_to_be_drawn_elsewhere_is_no_outline() {
        assertThat(closed("<defs><clipPath>" + TRIANGLE + "</clipPath></defs><path d='M0 0L5 0L5 5Z'/>"))
                .hasSize(1);
    }
}

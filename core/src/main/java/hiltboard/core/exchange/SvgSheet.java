package hiltboard.core.exchange;

import hiltboard.core.blade.Outline;
import hiltboard.core.blade.Point;
import java.util.Locale;
import java.util.stream.Collectors;

/** Writes a sheet as SVG 1.1 (W3C) whose user unit is a millimetre, so that it opens at its true size. */
public final class SvgSheet {
    private final Sheet sheet;

    private SvgSheet(Sheet sheet) {
        this.sheet = sheet;
    }

    public static String write(Sheet sheet) {
        return new SvgSheet(sheet).svg();
    }

    private String svg() {
        StringBuilder svg = new StringBuilder("<?xml version=\"1.0\" encoding=\"UTF-8\"?>\n");
        svg.append(String.format(
                Locale.ROOT,
                "<svg xmlns=\"http://www.w3.org/2000/svg\" width=\"%smm\" height=\"%smm\" viewBox=\"0 0 %s %s\">%n",
                number(sheet.width()),
                number(sheet.height()),
                number(sheet.width()),
                number(sheet.height())));
        svg.append("<title>").append(escaped(sheet.title())).append("</title>\n<desc>Units: millimetres, 1:1</desc>\n");
        svg.append("<g id=\"cut\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.2\">\n");
        sheet.closed()
                .forEach(line -> svg.append("<path d=\"").append(path(line)).append("Z\"/>\n"));
        sheet.circles()
                .forEach(circle -> svg.append(String.format(
                        Locale.ROOT,
                        "<circle cx=\"%s\" cy=\"%s\" r=\"%s\"/>%n",
                        number(circle.centre().x()),
                        number(sheet.height() - circle.centre().y()),
                        number(circle.diameter() / 2))));
        svg.append("</g>\n<g id=\"mock-up\" fill=\"none\" stroke=\"#000\" stroke-width=\"0.2\">\n");
        sheet.mockUp()
                .forEach(line -> svg.append("<path d=\"").append(path(line)).append("Z\"/>\n"));
        svg.append("</g>\n<g id=\"marks\" fill=\"none\" stroke=\"#666\" stroke-width=\"0.15\">\n");
        sheet.open().forEach(line -> svg.append("<path d=\"").append(path(line)).append("\"/>\n"));
        svg.append("</g>\n<g id=\"words\" font-family=\"sans-serif\" fill=\"#000\">\n");
        sheet.labels()
                .forEach(label -> svg.append(String.format(
                                Locale.ROOT,
                                "<text x=\"%s\" y=\"%s\" font-size=\"%s\">",
                                number(label.at().x()),
                                number(sheet.height() - label.at().y()),
                                number(label.height())))
                        .append(escaped(label.words()))
                        .append("</text>\n"));
        return svg.append("</g>\n</svg>\n").toString();
    }

    private String path(Outline outline) {
        return outline.segments().stream()
                .map(segment -> segment.handles()
                                .map(handles -> "C" + at(handles.leaving()) + " " + at(handles.arriving()) + " ")
                                .orElse("L")
                        + at(segment.end()))
                .collect(Collectors.joining("", "M" + at(outline.start()), ""));
    }

    private String at(Point point) {
        return number(point.x()) + " " + number(sheet.height() - point.y());
    }

    /** To the micrometre. */
    private static String number(double millimetres) {
        return String.valueOf(Math.round(millimetres * 1000) / 1000d + 0.0);
    }

    private static String escaped(String words) {
        return words.replace("&", "&amp;")
                .replace("<", "&lt;")
                .replace(">", "&gt;")
                .replace("\"", "&quot;");
    }
}

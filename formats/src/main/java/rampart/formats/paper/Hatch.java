package rampart.formats.paper;

import static rampart.formats.paper.Sheet.points;

import java.awt.Color;
import java.io.IOException;
import org.apache.pdfbox.pdmodel.PDPageContentStream;
import rampart.formats.view.Hatching;

/** The hatches of materials as the screen draws them: a ground, a line colour and a tile that repeats. */
enum Hatch {
    ITEM(0xf6f4ee, 0xb4ad9d, 3.2, 3.2, t -> t.path(0, 3.2, 3.2, 0)),
    SHEET(0xefe3e6, 0xa67f89, 1.6, 1.6, t -> t.path(0, .8, 1.6, .8)),
    DOTS(0xdfe9df, 0x6f927b, 2.4, 2.4, t -> {
        t.dot(.5, .5, .26);
        t.dot(1.7, 1.7, .26);
    }),
    GRAIN(0xdfe9df, 0x6f927b, 3.7, 3.7, t -> {
        t.path(.5, .8, 1, .4, 1.6, .8);
        t.path(2.4, 2.1, 2.9, 1.7, 3.4, 2.1);
        t.path(.8, 2.9, 1.2, 3.2, 1.6, 2.9);
    }),
    CHEVRON(0xdfe9df, 0x6f927b, 3.2, 2.1, t -> t.path(0, 1.6, .8, .8, 1.6, 1.6, 2.4, .8, 3.2, 1.6)),
    BEADS(0xf1f0ea, 0x9a9484, 3.2, 2.6, t -> {
        t.path(.8, 0, 1.6, .65, .8, 1.3, 0, .65, .8, 0);
        t.path(2.4, 1.3, 3.2, 1.95, 2.4, 2.6, 1.6, 1.95, 2.4, 1.3);
    }),
    WAVE(0xdfe9df, 0x6f927b, 4.2, 2.1, t -> t.path(0, 1, 1, .4, 2.1, 1, 3.2, 1.6, 4.2, 1)),
    RINGS(0xedf3f5, 0x7f9aa4, 2.6, 2.6, t -> t.ring(1.3, 1.3, .9)),
    CELLS(0xedf3f5, 0x7f9aa4, 5.3, 5.3, t -> t.ring(2.65, 2.65, 2.2)),
    CRUMBS(0xf1f0ea, 0x9a9484, 3.2, 3.2, t -> {
        t.ring(.9, .8, .5);
        t.ring(2.4, 2.3, .6);
    }),
    CREASES(0xefe6d6, 0xa3906b, 3.7, 3.2, t -> {
        t.path(0, .5, 1.3, 1.2, 2.1, .4, 3.7, 1.1);
        t.path(0, 2.7, .9, 2, 2.4, 2.8, 3.7, 2.1);
    }),
    FLUTE(0xe6c890, 0x7d531f, 1.3, 1.6, t -> t.path(0, 1.3, .65, .3, 1.3, 1.3));

    /** Draws one tile; lengths in mm from its upper left corner. */
    private interface Motif {
        void draw(Tile tile) throws IOException;
    }

    private final int ground;
    private final int ink;
    private final double widthMm;
    private final double heightMm;
    private final Motif motif;

    Hatch(int ground, int ink, double widthMm, double heightMm, Motif motif) {
        this.ground = ground;
        this.ink = ink;
        this.widthMm = widthMm;
        this.heightMm = heightMm;
        this.motif = motif;
    }

    static Hatch of(Hatching hatching) {
        return valueOf(hatching.name());
    }

    /** Fills a rectangle, in mm from the upper left corner of the paper. */
    void fill(Sheet sheet, double x, double top, double width, double height) throws IOException {
        PDPageContentStream stream = sheet.stream();
        stream.saveGraphicsState();
        stream.addRect(points(x), sheet.up(top + height), points(width), points(height));
        stream.clip();
        stream.setNonStrokingColor(colour(ground));
        stream.addRect(points(x), sheet.up(top + height), points(width), points(height));
        stream.fill();
        stream.setStrokingColor(colour(ink));
        stream.setNonStrokingColor(colour(ink));
        stream.setLineWidth(points(0.18));
        // Tiles begin at multiples of their size on the paper, so that pieces of one material run on.
        for (double ty = Math.floor(top / heightMm) * heightMm; ty < top + height; ty += heightMm) {
            for (double tx = Math.floor(x / widthMm) * widthMm; tx < x + width; tx += widthMm) {
                motif.draw(new Tile(sheet, tx, ty));
            }
        }
        stream.restoreGraphicsState();
    }

    void edge(Sheet sheet, double x, double top, double width, double height, double lineMm) throws IOException {
        PDPageContentStream stream = sheet.stream();
        stream.setStrokingColor(this == ITEM ? colour(0x1d2430) : colour(ink));
        stream.setLineWidth(points(lineMm));
        stream.addRect(points(x), sheet.up(top + height), points(width), points(height));
        stream.stroke();
    }

    private static Color colour(int rgb) {
        return new Color(rgb);
    }

    /** Where one repeat of a motif is drawn. */
    private record Tile(Sheet sheet, double x, double y) {
        void path(double... places) throws IOException {
            PDPageContentStream stream = sheet.stream();
            stream.moveTo(points(x + places[0]), sheet.up(y + places[1]));
            for (int i = 2; i < places.length; i += 2) {
                stream.lineTo(points(x + places[i]), sheet.up(y + places[i + 1]));
            }
            stream.stroke();
        }

        void dot(double cx, double cy, double r) throws IOException {
            circle(cx, cy, r);
            sheet.stream().fill();
        }

        void ring(double cx, double cy, double r) throws IOException {
            circle(cx, cy, r);
            sheet.stream().stroke();
        }

        /** Four cubic curves; 0.5523 of the radius is where their handles stand for a circle. */
        private void circle(double cx, double cy, double r) throws IOException {
            PDPageContentStream s = sheet.stream();
            float px = points(x + cx);
            float py = sheet.up(y + cy);
            float pr = points(r);
            float k = pr * 0.5523f;
            s.moveTo(px - pr, py);
            s.curveTo(px - pr, py + k, px - k, py + pr, px, py + pr);
            s.curveTo(px + k, py + pr, px + pr, py + k, px + pr, py);
            s.curveTo(px + pr, py - k, px + k, py - pr, px, py - pr);
            s.curveTo(px - k, py - pr, px - pr, py - k, px - pr, py);
        }
    }
}

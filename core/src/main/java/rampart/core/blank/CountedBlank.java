package rampart.core.blank;

import rampart.core.geometry.Bounds;

/** Equal blanks. */
public record CountedBlank(Blank blank, int count) {
    /** Area of all of them, mm2. */
    public double areaMm2() {
        return count * blank.areaMm2();
    }

    /** Area of the rectangles that all of them are cut from, mm2. */
    public double sheetMm2() {
        Bounds b = blank.bounds();
        return count * b.widthMm() * b.heightMm();
    }
}

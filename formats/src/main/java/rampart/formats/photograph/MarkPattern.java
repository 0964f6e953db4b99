package rampart.formats.photograph;

import boofcv.factory.fiducial.ConfigHammingMarker;
import boofcv.factory.fiducial.HammingDictionary;

/** What a mark looks like: a black edge of one cell round five by five cells, of a public dictionary of marks far from each other. */
final class MarkPattern {
    static final int CELLS = 7;

    static final ConfigHammingMarker DICTIONARY = ConfigHammingMarker.loadDictionary(HammingDictionary.ARUCO_MIP_25h7);

    private MarkPattern() {}

    /** True where the cell is black; rows counted from the top, columns from the left. */
    static boolean black(int number, int row, int column) {
        if (row == 0 || column == 0 || row == CELLS - 1 || column == CELLS - 1) {
            return true;
        }
        int cell = (row - 1) * (CELLS - 2) + column - 1;
        return DICTIONARY.encoding.get(number).pattern.get(cell) == 0;
    }
}

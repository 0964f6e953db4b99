package rampart.formats.photograph;

/**
 * Goes through a JPEG file's segments without decoding it, and counts its scans: a file of some hundred kilobytes may ask for hundreds,
 * each of which passes over the whole picture (ITU-T T.81, annex B: markers and segments; annex G: progression).
 */
public final class JpegScans {
    private static final int MARKER = 0xFF;
    private static final int START_OF_IMAGE = 0xD8;
    private static final int END_OF_IMAGE = 0xD9;
    private static final int START_OF_SCAN = 0xDA;
    private static final int FIRST_RESTART = 0xD0;
    private static final int TEMPORARY = 0x01;

    private JpegScans() {}

    public static boolean isJpeg(byte[] file) {
        return file.length > 2 && (file[0] & 0xFF) == MARKER && (file[1] & 0xFF) == START_OF_IMAGE;
    }

    /** How many scans it has up to its end, or to where it is cut off or no segment stands where one should. */
    public static int count(byte[] file) {
        int scans = 0;
        int at = 2;
        while (at + 3 < file.length && (file[at] & 0xFF) == MARKER) {
            int marker = file[at + 1] & 0xFF;
            if (marker == END_OF_IMAGE) {
                return scans;
            }
            if (marker == MARKER) {
                at++;
            } else if (alone(marker)) {
                at += 2;
            } else {
                int length = ((file[at + 2] & 0xFF) << 8) | (file[at + 3] & 0xFF);
                at += 2 + Math.max(2, length);
                if (marker == START_OF_SCAN) {
                    scans++;
                    at = afterData(file, at);
                }
            }
        }
        return scans;
    }

    /** Restarts and fillers have no length. */
    private static boolean alone(int marker) {
        return marker == TEMPORARY || marker == 0 || (marker >= FIRST_RESTART && marker <= START_OF_IMAGE);
    }

    /** Where the next segment begins: in the data of a scan 0xFF is followed by 0, or a restart stands there. */
    private static int afterData(byte[] file, int from) {
        int at = from;
        while (at + 1 < file.length && ((file[at] & 0xFF) != MARKER || alone(file[at + 1] & 0xFF))) {
            at++;
        }
        return at;
    }
}

package rampart.formats.outline;

import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;

/** The groups of a DXF text file: a code and a value on two lines each (published format). */
final class DxfGroups {
    private final List<Group> all;

    private DxfGroups(List<Group> all) {
        this.all = all;
    }

    /** One of them, with the line on which its value stands. */
    record Group(int code, String value, int line) {
        double number() {
            try {
                double number = Double.parseDouble(value.strip());
                if (Double.isFinite(number)) {
                    return number;
                }
            } catch (NumberFormatException e) {
                // Told below, with the line.
            }
            throw new RefusedDrawingException("line " + line + " of the DXF file must be a number, not '"
                    + (value.length() > 40 ? value.substring(0, 40) + "..." : value) + "'");
        }

        boolean is(String entity) {
            return code == 0 && entity.equals(value);
        }
    }

    /** @throws RefusedDrawingException if a code is none, or the file ends within a group */
    static DxfGroups of(byte[] file) {
        String text = new String(file, StandardCharsets.ISO_8859_1);
        List<Group> groups = new ArrayList<>();
        String[] lines = text.split("\r\n|\r|\n", -1);
        for (int i = 0; i + 1 < lines.length; i += 2) {
            String code = lines[i].strip();
            if (code.isEmpty() && i + 2 >= lines.length) {
                break;
            }
            if (i + 2 == lines.length && lines[i + 1].isEmpty()) {
                throw cutOff();
            }
            try {
                groups.add(new Group(Integer.parseInt(code), lines[i + 1].strip(), i + 2));
            } catch (NumberFormatException e) {
                throw new RefusedDrawingException(
                        "line " + (i + 1) + " of the DXF file must be a group code, a whole number", e);
            }
        }
        return new DxfGroups(groups);
    }

    int size() {
        return all.size();
    }

    Group get(int i) {
        return all.get(i);
    }

    List<Group> between(int from, int to) {
        return all.subList(from, to);
    }

    static RefusedDrawingException cutOff() {
        return new RefusedDrawingException(
                "the DXF file ends in the middle, so that a shape in it may be cut off; save it anew");
    }

    /** Where a section's entries begin; empty where there is none. */
    OptionalInt section(String name) {
        for (int i = 0; i + 1 < all.size(); i++) {
            if (all.get(i).is("SECTION") && all.get(i + 1).code == 2 && name.equals(all.get(i + 1).value)) {
                return OptionalInt.of(i + 2);
            }
        }
        return OptionalInt.empty();
    }

    /** The end of what begins here: the next group 0. */
    int end(int start) {
        int end = start + 1;
        while (end < all.size() && all.get(end).code != 0) {
            end++;
        }
        if (end == all.size()) {
            throw cutOff();
        }
        return end;
    }

    /** The first value of a code in these; what is given otherwise where it is not there. */
    static double value(List<Group> of, int code, double otherwise) {
        for (Group group : of) {
            if (group.code == code) {
                return group.number();
            }
        }
        return otherwise;
    }

    static double[] values(List<Group> of, int code) {
        return of.stream()
                .filter(g -> g.code == code)
                .mapToDouble(Group::number)
                .toArray();
    }
}

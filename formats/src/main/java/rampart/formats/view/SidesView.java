package rampart.formats.view;

import java.util.List;
import java.util.function.IntToDoubleFunction;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;

/** One value a face; null where a face has none. */
public record SidesView(
        @Nullable Double top,
        @Nullable Double right,
        @Nullable Double bottom,
        @Nullable Double left,
        @Nullable Double front,
        @Nullable Double back) {
    static SidesView of(SixSided sides) {
        return of(Face.ALL, i -> sides.on(Face.ALL.get(i)));
    }

    /** Values for some faces, by their place in the list; infinite ones are null. */
    static SidesView of(List<Face> faces, IntToDoubleFunction value) {
        Double[] all = new Double[Face.ALL.size()];
        for (int i = 0; i < faces.size(); i++) {
            double v = value.applyAsDouble(i);
            all[faces.get(i).number() - 1] = Double.isFinite(v) ? v : null;
        }
        return new SidesView(all[0], all[1], all[2], all[3], all[4], all[5]);
    }
}

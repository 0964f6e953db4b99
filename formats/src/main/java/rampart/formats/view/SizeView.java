package rampart.formats.view;

import rampart.core.quantity.Size;

/** Edge lengths, mm. */
public record SizeView(double length, double width, double height) {
    public static SizeView of(Size size) {
        return new SizeView(size.lengthMm(), size.widthMm(), size.heightMm());
    }
}

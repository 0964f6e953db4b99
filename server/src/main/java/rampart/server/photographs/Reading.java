package rampart.server.photographs;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.time.Duration;
import java.util.Locale;
import java.util.function.BooleanSupplier;
import javax.imageio.ImageReadParam;
import javax.imageio.ImageReader;
import javax.imageio.event.IIOReadProgressListener;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;

/**
 * One picture while it is decoded. A small file can ask for long work: time and whether anybody waits are looked at wherever the decoder
 * asks for bytes, which it does in each scan, and at each share of the lines that it gives out.
 */
final class Reading {
    private final Duration longest;
    private final BooleanSupplier gone;
    private final long began = System.nanoTime();
    private boolean endsEarly;

    Reading(Duration longest, BooleanSupplier gone) {
        this.longest = longest;
        this.gone = gone;
    }

    /** The file, as the decoder reads it. */
    ImageInputStream watched(byte[] file) {
        return new MemoryCacheImageInputStream(new ByteArrayInputStream(file)) {
            @Override
            public int read() throws IOException {
                look();
                return super.read();
            }

            @Override
            public int read(byte[] buffer, int offset, int count) throws IOException {
                look();
                return super.read(buffer, offset, Math.min(count, PIECE));
            }
        };
    }

    /** So little is given to the decoder at a time that it asks often. */
    private static final int PIECE = 2048;

    private void look() {
        if (System.nanoTime() - began > longest.toNanos()) {
            throw new RefusedPictureException(
                    "it takes longer than " + longest.toSeconds() + " seconds to read the picture");
        }
        if (gone.getAsBoolean()) {
            throw new RefusedPictureException("nobody waits for the picture any more");
        }
    }

    /** @throws RefusedPictureException if it takes too long, nobody waits, or the file has less than its header says */
    BufferedImage read(ImageReader reader, ImageReadParam how) throws IOException {
        reader.addIIOReadProgressListener(new Lines());
        reader.addIIOReadWarningListener((source, warning) ->
                // The words of the JPEG decoder, which then fills what is missing with grey.
                endsEarly |= warning.toLowerCase(Locale.ROOT).contains("premature end"));
        BufferedImage image = reader.read(0, how);
        look();
        if (endsEarly) {
            throw new RefusedPictureException("the file ends before the picture does");
        }
        return image;
    }

    private final class Lines implements IIOReadProgressListener {
        @Override
        public void imageProgress(ImageReader source, float percent) {
            look();
        }

        @Override
        public void sequenceStarted(ImageReader source, int least) {}

        @Override
        public void sequenceComplete(ImageReader source) {}

        @Override
        public void imageStarted(ImageReader source, int index) {}

        @Override
        public void imageComplete(ImageReader source) {}

        @Override
        public void thumbnailStarted(ImageReader source, int index, int thumbnail) {}

        @Override
        public void thumbnailProgress(ImageReader source, float percent) {}

        @Override
        public void thumbnailComplete(ImageReader source) {}

        @Override
        public void readAborted(ImageReader source) {}
    }
}

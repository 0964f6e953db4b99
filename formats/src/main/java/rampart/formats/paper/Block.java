package rampart.formats.paper;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import rampart.formats.view.StatusView;

/** One thing that stands on a page, beneath what came before it. */
public sealed interface Block {
    /** Puts it there. */
    void on(Medium medium) throws IOException;

    /**
     * Head of the page.
     *
     * @param standing what state it shows
     */
    record Title(String words, String standing) implements Block {
        @Override
        public void on(Medium medium) throws IOException {
            medium.title(this);
        }
    }

    /**
     * A paragraph.
     *
     * @param status what it says of the pack, to be marked beside it
     */
    record Text(Weight weight, String words, Optional<StatusView> status) implements Block {
        /** How much a paragraph should catch the eye. */
        public enum Weight {
            STRONG,
            PLAIN,
            SMALL
        }

        static Text of(Weight weight, String words) {
            return new Text(weight, words, Optional.empty());
        }

        @Override
        public void on(Medium medium) throws IOException {
            medium.text(this);
        }
    }

    /**
     * Drawings side by side, all to one scale.
     *
     * @param ratio how many times larger the thing is than its drawing
     * @param barMm length of the bar that shows the scale, mm on paper
     * @param note stands beside the bar
     */
    record Drawings(List<Drawing> drawings, double ratio, double barMm, String note) implements Block {
        @Override
        public void on(Medium medium) throws IOException {
            medium.drawings(this);
        }
    }

    /**
     * A table.
     *
     * @param narrow true where it may stand beside another on a wide page
     */
    record Table(String caption, List<Column> columns, List<List<String>> rows, boolean narrow) implements Block {
        /**
         * One column.
         *
         * @param head empty where the column speaks for itself
         * @param widthMm on paper
         * @param number true where figures stand under one another
         */
        public record Column(String head, double widthMm, boolean number) {}

        @Override
        public void on(Medium medium) throws IOException {
            medium.table(this);
        }
    }

    /**
     * One thing to do, with a drawing of what stands there then.
     *
     * @param number as it is counted
     * @param sign what it asks for, such as a box to tick; empty where nothing is asked
     * @param details beneath the words, each a line
     */
    record Step(String number, String words, String sign, List<String> details, Optional<Drawing> drawing)
            implements Block {
        /** Room for the drawing, mm on paper. */
        public static final double DRAWING_MM = 34;

        @Override
        public void on(Medium medium) throws IOException {
            medium.step(this);
        }
    }

    /**
     * Things to cut out, each at its true size, side by side as far as they go.
     *
     * @param drawings all of one size
     */
    record CutOuts(List<Drawing> drawings) implements Block {
        @Override
        public void on(Medium medium) throws IOException {
            medium.cutOuts(this);
        }
    }

    /**
     * A photograph.
     *
     * @param address where the server has it
     * @param image JPEG or PNG
     */
    record Picture(String address, byte[] image, String caption) implements Block {
        /** How high it stands, mm on paper. */
        public static final double HEIGHT_MM = 30;

        @Override
        public void on(Medium medium) throws IOException {
            medium.picture(this);
        }
    }
}

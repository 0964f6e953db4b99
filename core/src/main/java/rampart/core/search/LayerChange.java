package rampart.core.search;

import java.util.Optional;
import java.util.function.Function;
import rampart.core.layout.CushionForm;
import rampart.core.layout.Layer;
import rampart.core.quantity.Face;
import rampart.core.quantity.SixSided;

/** One change to one layer; everything that it does not speak of stays. */
public sealed interface LayerChange {
    /** The layer so changed; a layer of a kind that cannot be changed so stays as it is. */
    Layer on(Layer layer);

    /** What of the layer it changes: of two changes of one part the second would undo the first. */
    Part part();

    /** The one face that it changes; empty where all change alike. */
    Optional<Face> face();

    /** What one of these gives, by what kind of change this is. */
    <R> R match(
            Function<Thickness, R> thickness,
            Function<Form, R> form,
            Function<OtherFoam, R> otherFoam,
            Function<OtherBoard, R> otherBoard);

    /** Parts of a layer that can be changed one by one. */
    enum Part {
        THICKNESS,
        FORM,
        MATERIAL
    }

    /** A cushion of other thicknesses, mm. */
    record Thickness(SixSided mm, Optional<Face> face) implements LayerChange {
        @Override
        public Layer on(Layer layer) {
            return layer.match(wrap -> wrap, cushion -> cushion.with(mm), box -> box, boards -> boards);
        }

        @Override
        public Part part() {
            return Part.THICKNESS;
        }

        @Override
        public <R> R match(
                Function<Thickness, R> thickness,
                Function<Form, R> form,
                Function<OtherFoam, R> otherFoam,
                Function<OtherBoard, R> otherBoard) {
            return thickness.apply(this);
        }
    }

    /** A cushion in another form: bearing area, number of pads, blocks. */
    record Form(CushionForm form, Optional<Face> face) implements LayerChange {
        @Override
        public Layer on(Layer layer) {
            return layer.match(wrap -> wrap, cushion -> cushion.with(form), box -> box, boards -> boards);
        }

        @Override
        public Part part() {
            return Part.FORM;
        }

        @Override
        public <R> R match(
                Function<Thickness, R> thickness,
                Function<Form, R> ofForm,
                Function<OtherFoam, R> otherFoam,
                Function<OtherBoard, R> otherBoard) {
            return ofForm.apply(this);
        }
    }

    /** A cushion of another foam, by its id. */
    record OtherFoam(String foam) implements LayerChange {
        @Override
        public Layer on(Layer layer) {
            return layer.match(wrap -> wrap, cushion -> cushion.of(foam), box -> box, boards -> boards);
        }

        @Override
        public Part part() {
            return Part.MATERIAL;
        }

        @Override
        public Optional<Face> face() {
            return Optional.empty();
        }

        @Override
        public <R> R match(
                Function<Thickness, R> thickness,
                Function<Form, R> form,
                Function<OtherFoam, R> otherFoam,
                Function<OtherBoard, R> otherBoard) {
            return otherFoam.apply(this);
        }
    }

    /** A box of another board, by its id. */
    record OtherBoard(String board) implements LayerChange {
        @Override
        public Layer on(Layer layer) {
            return layer.match(wrap -> wrap, cushion -> cushion, box -> box.of(board), boards -> boards);
        }

        @Override
        public Part part() {
            return Part.MATERIAL;
        }

        @Override
        public Optional<Face> face() {
            return Optional.empty();
        }

        @Override
        public <R> R match(
                Function<Thickness, R> thickness,
                Function<Form, R> form,
                Function<OtherFoam, R> otherFoam,
                Function<OtherBoard, R> otherBoard) {
            return otherBoard.apply(this);
        }
    }
}

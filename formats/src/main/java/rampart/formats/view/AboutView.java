package rampart.formats.view;

import rampart.core.verdict.CheckKind;

/** What a page tells a check with, so that no page knows ids; the names are the words in JSON. */
@SuppressWarnings("java:S115")
public enum AboutView {
    faceDrop,
    edgeDrop,
    cornerDrop,
    insert,
    boardGrade,
    harm,
    other;

    public static AboutView of(CheckKind kind) {
        return switch (kind) {
            case FACE_DROP -> faceDrop;
            case EDGE_DROP -> edgeDrop;
            case CORNER_DROP -> cornerDrop;
            case BOARD_LIMITS -> boardGrade;
            case MATERIAL -> harm;
            default -> kind.ofInsert() ? insert : other;
        };
    }
}

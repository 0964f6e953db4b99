package rampart.server.persistence;

import org.springframework.jdbc.UncategorizedSQLException;

/** Ids are columns of plain letters, and the database does not compare them with others. */
public final class OtherLetters {
    /** What MariaDB calls such a comparison (ER_CANT_AGGREGATE_2COLLATIONS). */
    private static final int CODE = 1267;

    private OtherLetters() {}

    /** True where that is all that went wrong: nothing in the house can be called so. */
    public static boolean in(UncategorizedSQLException e) {
        return e.getSQLException() != null && e.getSQLException().getErrorCode() == CODE;
    }
}

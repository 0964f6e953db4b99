package rampart.server.access;

import com.nulabinc.zxcvbn.Zxcvbn;
import jakarta.validation.Constraint;
import jakarta.validation.ConstraintValidator;
import jakarta.validation.ConstraintValidatorContext;
import jakarta.validation.Payload;
import java.lang.annotation.ElementType;
import java.lang.annotation.Retention;
import java.lang.annotation.RetentionPolicy;
import java.lang.annotation.Target;
import java.util.List;

/** A password that somebody may choose: long enough, and not among those that are tried first. */
@Target({ElementType.FIELD, ElementType.PARAMETER, ElementType.RECORD_COMPONENT})
@Retention(RetentionPolicy.RUNTIME)
@Constraint(validatedBy = GoodPassword.Judge.class)
public @interface GoodPassword {
    /** NIST SP 800-63B asks for 8 where there is more than a password and 15 where there is nothing else (from memory); this lies between. */
    int LEAST = 12;

    int MOST = 200;

    String message() default "a password has 12 to 200 characters";

    Class<?>[] groups() default {};

    Class<? extends Payload>[] payload() default {};

    /** Counts characters, and how many guesses a list of the commonest passwords and their variations needs. */
    final class Judge implements ConstraintValidator<GoodPassword, String> {
        /** Eight guesses at once, each after four seconds, are 170,000 a day: more than that takes a guesser who knows the lists. */
        private static final double LEAST_GUESSES = 1e6;

        /** Judging takes longer than in proportion; what follows makes no password worse. */
        private static final int MOST_JUDGED = 40;

        private static final Zxcvbn LISTS = new Zxcvbn();

        @Override
        public boolean isValid(String password, ConstraintValidatorContext context) {
            if (password == null) {
                return true;
            }
            int length = password.codePointCount(0, password.length());
            if (length < LEAST || length > MOST) {
                return false;
            }
            String judged = password.substring(0, Math.min(password.length(), MOST_JUDGED));
            if (LISTS.measure(judged, List.of("rampart", "packing", "foam")).getGuesses() < LEAST_GUESSES) {
                context.disableDefaultConstraintViolation();
                context.buildConstraintViolationWithTemplate(
                                "this is among the first that are tried: take several words that do not belong together")
                        .addConstraintViolation();
                return false;
            }
            return true;
        }
    }
}

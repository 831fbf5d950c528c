package baylantern.app.platform;

import baylantern.core.rules.Finding;
import java.util.Collection;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** Something the grower must know instead of getting an answer; told as problem details. */
public class FarmProblem extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final @Nullable String field;
    private final @Nullable String value;
    private final @Nullable String valid;

    private FarmProblem(
            HttpStatus status,
            String sentence,
            @Nullable String field,
            @Nullable Object value,
            @Nullable String valid) {
        super(sentence);
        this.status = status;
        this.field = field;
        this.value = value == null ? null : value.toString();
        this.valid = valid;
    }

    /** An entry that cannot be. */
    public static FarmProblem wrong(String field, @Nullable Object value, String valid, String sentence) {
        return new FarmProblem(HttpStatus.UNPROCESSABLE_CONTENT, sentence, field, value, valid);
    }

    /** Throws the first of these findings that refuses; returns where none does. */
    public static void ifRefused(Collection<Finding> found) {
        for (Finding finding : found) {
            if (finding.weight() == Finding.Weight.REFUSES) {
                String said = finding.message();
                throw wrong(
                        Objects.toString(finding.field(), ""),
                        finding.value(),
                        Objects.toString(finding.threshold(), ""),
                        said.endsWith(".") ? said : said + ".");
            }
        }
    }

    /** Nothing of that name. */
    public static FarmProblem unknown(String what, Object value) {
        return new FarmProblem(HttpStatus.NOT_FOUND, "There is no " + what + " " + value + ".", null, value, null);
    }

    /** Somebody else was first, or the state does not allow it. */
    public static FarmProblem conflict(String sentence) {
        return new FarmProblem(HttpStatus.CONFLICT, sentence, null, null, null);
    }

    /** Too much. */
    public static FarmProblem tooLarge(String sentence) {
        return new FarmProblem(HttpStatus.CONTENT_TOO_LARGE, sentence, null, null, null);
    }

    HttpStatus status() {
        return status;
    }

    /** The entry at fault, as the form names it. */
    public @Nullable String field() {
        return field;
    }

    @Nullable
    String value() {
        return value;
    }

    @Nullable
    String valid() {
        return valid;
    }
}

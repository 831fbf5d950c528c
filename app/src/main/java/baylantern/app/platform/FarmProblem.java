package baylantern.app.platform;

import baylantern.core.rules.Finding;
import baylantern.core.rules.Quantity;
import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Objects;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpStatus;

/** Something the grower must know instead of getting an answer; told as problem details. */
public class FarmProblem extends RuntimeException {

    private static final long serialVersionUID = 1L;

    private final HttpStatus status;
    private final transient List<Fault> faults;

    /** An entry at fault: its field as it was sent, what it held, what it may hold, and why it cannot be. */
    record Fault(String field, String value, String valid, String sentence) {}

    private FarmProblem(HttpStatus status, String sentence, List<Fault> faults) {
        super(sentence);
        this.status = status;
        this.faults = List.copyOf(faults);
    }

    /** An entry that cannot be. */
    public static FarmProblem wrong(String field, @Nullable Object value, String valid, String sentence) {
        Fault fault = new Fault(field, Objects.toString(value, ""), valid, sentence);
        return new FarmProblem(HttpStatus.UNPROCESSABLE_CONTENT, sentence, List.of(fault));
    }

    /** An entry that cannot even be read. */
    static FarmProblem unread(String field, @Nullable Object value, String valid, String sentence) {
        Fault fault = new Fault(field, Objects.toString(value, ""), valid, sentence);
        return new FarmProblem(HttpStatus.BAD_REQUEST, sentence, field.isEmpty() ? List.of() : List.of(fault));
    }

    /** What is wrong in several entries, to be said in one answer. */
    public static final class Gathered {

        private final List<FarmProblem> problems = new ArrayList<>();

        /** Does something; where it is refused that is kept, and null comes back. */
        public <T> @Nullable T tried(Supplier<T> work) {
            try {
                return work.get();
            } catch (FarmProblem problem) {
                problems.add(problem);
                return null;
            }
        }

        /** The same of a part of what was sent; "lines" at "grown[0].stocks" is "grown[0].stocks.lines". */
        public <T> @Nullable T tried(String part, Supplier<T> work) {
            return tried(() -> {
                try {
                    return work.get();
                } catch (FarmProblem problem) {
                    throw problem.at(part);
                }
            });
        }

        /** Throws all that was kept as one problem; returns where nothing was. */
        public void ifAny() {
            if (problems.isEmpty()) {
                return;
            }
            String sentence =
                    problems.stream().map(Throwable::getMessage).distinct().collect(Collectors.joining(" "));
            List<Fault> faults =
                    problems.stream().flatMap(p -> p.faults.stream()).toList();
            throw new FarmProblem(HttpStatus.UNPROCESSABLE_CONTENT, sentence, faults);
        }
    }

    // The same of an entry that was sent as a part of another.
    private FarmProblem at(String part) {
        List<Fault> there = faults.stream()
                .map(f -> new Fault(part + "." + f.field, f.value, f.valid, f.sentence))
                .toList();
        return new FarmProblem(status, Objects.toString(getMessage(), ""), there);
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
        return new FarmProblem(HttpStatus.NOT_FOUND, "There is no " + what + " " + value + ".", List.of());
    }

    /** Somebody else was first, or the state does not allow it. */
    public static FarmProblem conflict(String sentence) {
        return new FarmProblem(HttpStatus.CONFLICT, sentence, List.of());
    }

    /** Too much. */
    public static FarmProblem tooLarge(String sentence) {
        return new FarmProblem(HttpStatus.CONTENT_TOO_LARGE, sentence, List.of());
    }

    /** Nobody who is signed in. */
    public static FarmProblem notSignedIn(String sentence) {
        return new FarmProblem(HttpStatus.UNAUTHORIZED, sentence, List.of());
    }

    /** More than one's role may do. */
    public static FarmProblem notAllowed(String sentence) {
        return new FarmProblem(HttpStatus.FORBIDDEN, sentence, List.of());
    }

    /** This machine does not go by that name. */
    public static FarmProblem notHere(String sentence) {
        return new FarmProblem(HttpStatus.MISDIRECTED_REQUEST, sentence, List.of());
    }

    /** Tried too often; again after so long. */
    public static FarmProblem tooOften(Duration wait) {
        long seconds = Math.max(1, wait.toSeconds() + (wait.toNanosPart() > 0 ? 1 : 0));
        return new FarmProblem(
                HttpStatus.TOO_MANY_REQUESTS,
                "Too many wrong tries. Try again in " + Quantity.fixed(seconds + " s") + ".",
                List.of());
    }

    HttpStatus status() {
        return status;
    }

    List<Fault> faults() {
        return faults;
    }

    /** The entry at fault, as the form names it; the first of several. */
    public @Nullable String field() {
        return faults.isEmpty() ? null : faults.get(0).field;
    }
}

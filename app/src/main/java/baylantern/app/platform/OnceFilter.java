package baylantern.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.time.Clock;
import java.time.Instant;
import java.util.EnumSet;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.dao.DuplicateKeyException;
import org.springframework.stereotype.Component;
import org.springframework.transaction.PlatformTransactionManager;
import org.springframework.transaction.support.TransactionTemplate;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.util.ContentCachingResponseWrapper;

/**
 * Serves each write in one transaction, as the person chosen on the device, as of when it was done, and once: a request that carries an id and is
 * sent again is answered as the first time. The answer is kept in the transaction of the write and under its pen, so that neither
 * can be without the other, also when the plug is pulled, and two of one id come one after the other. Where somebody else changed the farm while it was served, and so where it
 * was refused on ground that moved, it is served once more, holding the {@link Pen} from the start.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 10)
class OnceFilter extends OncePerRequestFilter {

    static final String REQUEST = "Lantern-Request";
    static final String PERSON = "Lantern-Person";
    static final String CHANGED = "Lantern-Changed";
    /** The newest change there was before an answer was read. */
    static final String MARK = "Lantern-Mark";

    private static final Pattern ID = Pattern.compile("[A-Za-z0-9-]{8,64}");
    private static final Pattern NUMBER = Pattern.compile("[0-9]{1,18}");
    private static final int REFUSED_FROM = 400;

    private final RequestMapper requests;
    private final Doer doer;
    private final Changes changes;
    private final Clock machine;
    private final Pen pen;
    private final FarmClock clock;
    private final FarmMark farm;
    private final ChangeFeed feed;
    private final TransactionTemplate transaction;
    private final ObjectProvider<HandlerExceptionResolver> problems;

    OnceFilter(
            RequestMapper requests,
            Doer doer,
            Changes changes,
            Clock machine,
            Pen pen,
            FarmClock clock,
            FarmMark farm,
            ChangeFeed feed,
            PlatformTransactionManager transactions,
            @Qualifier("handlerExceptionResolver") ObjectProvider<HandlerExceptionResolver> problems) {
        this.requests = requests;
        this.doer = doer;
        this.changes = changes;
        this.machine = machine;
        this.pen = pen;
        this.clock = clock;
        this.farm = farm;
        this.feed = feed;
        this.transaction = new TransactionTemplate(transactions);
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        String address = request.getRequestURI();
        // Who signs in writes nothing of the farm.
        return !address.startsWith("/api/") || address.startsWith("/api/share");
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        changes.noteReading();
        try {
            if (Reading.is(request)) {
                read(request, response, chain);
            } else {
                write(request, response, chain);
            }
        } finally {
            changes.stopNoting();
        }
    }

    // Whose reading it is matters for what is one's own; a heading that cannot be read stops writes only.
    private void read(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        Visitor signedIn = Visitor.of(request);
        String person = request.getHeader(PERSON);
        boolean told = person != null && NUMBER.matcher(person).matches();
        Visitor visitor = signedIn != null ? signedIn : Visitor.atHome(told ? Long.valueOf(person) : null);
        changes.seeEachOnce();
        response.setHeader(MARK, feed.mark());
        try {
            doer.as(visitor, () -> chain.doFilter(request, response));
        } catch (ServletException | IOException | RuntimeException e) {
            throw e;
        } catch (Exception e) {
            throw new ServletException(e);
        }
    }

    private void write(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        ContentCachingResponseWrapper answer = new ContentCachingResponseWrapper(response);
        try {
            serve(HeldRequest.of(request), answer, chain);
        } catch (Exception e) {
            answer.resetBuffer();
            if (problems.getObject().resolveException(request, answer, null, e) == null) {
                throw new ServletException(e);
            }
        }
        if (answer.getStatus() >= REFUSED_FROM && !request.getInputStream().isFinished()) {
            // Refused before all of it was read: the line is shut after this answer, and nothing more is to be sent on
            // it.
            answer.setHeader("Connection", "close");
        }
        answer.copyBodyToResponse();
    }

    private void serve(HeldRequest request, ContentCachingResponseWrapper answer, FilterChain chain) throws Exception {
        String id = header(request, REQUEST, ID, "8 to 64 letters, digits and dashes");
        String person = header(request, PERSON, NUMBER, "the number of a person");
        Visitor signedIn = Visitor.of(request);
        Visitor visitor = signedIn != null ? signedIn : Visitor.atHome(person == null ? null : Long.valueOf(person));
        try {
            DoneAway then = DoneAway.of(request);
            Doer.Work work = () -> {
                if (then != null) {
                    then.check(farm.here(), clock.today());
                }
                clock.asOf(then, () -> doer.as(visitor, () -> chain.doFilter(request, answer)));
            };
            if (!attempt(id, request, answer, work, Grip.WATCHING)) {
                answer.resetBuffer();
                answer.setStatus(HttpServletResponse.SC_OK);
                attempt(id, request, answer, work, Grip.HOLDING);
            }
        } catch (DuplicateKeyException e) {
            if (id == null || !repeated(id, request, answer)) {
                throw e;
            }
        } catch (Failed e) {
            throw e.why();
        }
    }

    /** How a request goes at the pen: it sees whether it is overtaken, or holds it from the start and cannot be. */
    private enum Grip {
        WATCHING,
        HOLDING
    }

    /** Serves once; false where it was overtaken, so that nothing it did may stand. */
    private boolean attempt(
            @Nullable String id, HeldRequest request, ContentCachingResponseWrapper answer, Doer.Work work, Grip grip) {
        return Boolean.TRUE.equals(transaction.execute(status -> {
            if (grip == Grip.HOLDING) {
                pen.take();
            } else if (request.again()) {
                pen.watch();
            }
            if (id != null && repeated(id, request, answer)) {
                status.setRollbackOnly();
                return true;
            }
            try {
                work.done();
            } catch (Exception e) {
                if (!pen.groundMoved()) {
                    throw new Failed(e);
                }
                status.setRollbackOnly();
                return false;
            }
            if (answer.getStatus() >= REFUSED_FROM) {
                status.setRollbackOnly();
                // A file cannot be served again: it may have been refused because it came in meanwhile.
                return (id != null && !request.again() && repeated(id, request, answer)) || !pen.groundMoved();
            }
            if (pen.overtaken()) {
                status.setRollbackOnly();
                return false;
            }
            changes.settle();
            OpenChange made = changes.open();
            if (made == null || status.isRollbackOnly()) {
                // Nothing was changed, or only to see what it would do: to ask again does no harm and need not be
                // remembered.
                status.setRollbackOnly();
                return true;
            }
            answer.setHeader(CHANGED, FactsAdvice.words(made.facts()));
            made.by(id);
            if (id != null) {
                Rows.one(requests.insert(
                        id,
                        Instant.now(machine),
                        request.asked(),
                        answer.getStatus(),
                        answer.getContentType(),
                        text(answer)));
            }
            return true;
        }));
    }

    private static @Nullable String header(HttpServletRequest request, String name, Pattern form, String valid) {
        String told = request.getHeader(name);
        if (told == null || form.matcher(told).matches()) {
            return told;
        }
        throw FarmProblem.wrong(name, told, valid, "The heading " + name + " cannot be read.");
    }

    private static String text(ContentCachingResponseWrapper answer) {
        return new String(answer.getContentAsByteArray(), StandardCharsets.UTF_8);
    }

    /** Answers as the first time; false where there was none. */
    private boolean repeated(String id, HeldRequest request, ContentCachingResponseWrapper answer) {
        RequestMapper.Answered first = requests.find(id);
        if (first == null) {
            return false;
        }
        if (!first.asked().equals(request.asked())) {
            throw FarmProblem.wrong(REQUEST, id, "an id of its own", "This request id was used for something else.");
        }
        answer.resetBuffer();
        answer.setStatus(first.status());
        answer.setHeader("Lantern-Repeated", "true");
        answer.setHeader(CHANGED, FactsAdvice.words(EnumSet.allOf(Fact.class)));
        if (first.contentType() != null) {
            answer.setContentType(first.contentType());
        }
        try {
            answer.getOutputStream().write(first.body().getBytes(StandardCharsets.UTF_8));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
        return true;
    }

    /** Carries what went wrong out of the transaction, which is rolled back. */
    private static final class Failed extends RuntimeException {
        private static final long serialVersionUID = 1L;
        private final Exception why;

        Failed(Exception why) {
            super(why);
            this.why = why;
        }

        Exception why() {
            return why;
        }
    }
}

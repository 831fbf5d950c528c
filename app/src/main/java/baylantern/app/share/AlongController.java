package baylantern.app.share;

import baylantern.app.platform.Changes;
import baylantern.app.platform.ClosedWays;
import baylantern.app.platform.Fact;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import com.fasterxml.jackson.annotation.JsonRawValue;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExceptionResolver;
import org.springframework.web.servlet.mvc.method.annotation.RequestMappingHandlerAdapter;

/**
 * Readings asked for together, as a device does that takes along what a day away needs: one line there and back for many, all
 * read of the farm at one moment.
 */
@RestController
class AlongController {

    private static final int MOST = 60;

    private final EndpointRoles roles;
    private final Changes changes;
    private final ObjectProvider<RequestMappingHandlerAdapter> adapter;
    private final ObjectProvider<HandlerExceptionResolver> problems;

    AlongController(
            EndpointRoles roles,
            Changes changes,
            ObjectProvider<RequestMappingHandlerAdapter> adapter,
            @Qualifier("handlerExceptionResolver") ObjectProvider<HandlerExceptionResolver> problems) {
        this.roles = roles;
        this.changes = changes;
        this.adapter = adapter;
        this.problems = problems;
    }

    /**
     * One reading.
     *
     * @param path as it was asked for
     * @param status as it would have been by itself; 406 for what is no words to be read
     * @param facts what it was read from, by name; none where it was not read
     * @param body what it said; null where it was not read
     */
    record OneRead(
            String path,
            int status,
            List<Fact> facts,
            @JsonRawValue @Nullable Object body) {}

    /** Reads these; a comma within an address stands there as {@code %2C}. */
    @GetMapping("/api/along")
    @Needs(Role.GUEST)
    List<OneRead> along(@RequestParam List<String> of, HttpServletRequest request, HttpServletResponse response) {
        if (of.size() > MOST) {
            throw FarmProblem.wrong("of", of.size(), "at most " + MOST, "So much is not read together.");
        }
        return of.stream().map(path -> one(path, request, response)).toList();
    }

    private OneRead one(String path, HttpServletRequest together, HttpServletResponse answer) {
        OneTold told = new OneTold(answer);
        OneAsked asked = new OneAsked(together, path);
        Set<Fact> facts = changes.notingApart(() -> read(asked, told));
        if (told.getStatus() != HttpServletResponse.SC_OK) {
            return new OneRead(path, told.getStatus(), List.of(), null);
        }
        return told.isJson()
                ? new OneRead(path, told.getStatus(), List.copyOf(new TreeSet<>(facts)), told.text())
                : new OneRead(path, HttpServletResponse.SC_NOT_ACCEPTABLE, List.of(), null);
    }

    private void read(OneAsked asked, OneTold told) {
        Object handler = null;
        try {
            handler = roles.serves(asked);
            // Only what whoever looks on may read; and not this again.
            if (!(handler instanceof HandlerMethod method)
                    || method.getBeanType() == AlongController.class
                    || ClosedWays.needed(method) != Role.GUEST) {
                throw FarmProblem.unknown("reading", asked.getRequestURI());
            }
            adapter.getObject().handle(asked, told, method);
        } catch (Exception e) {
            told.reset();
            if (problems.getObject().resolveException(asked, told, handler, e) == null) {
                throw new IllegalStateException(e);
            }
        }
    }
}

package baylantern.app.share;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Reading;
import baylantern.app.platform.Role;
import baylantern.app.platform.Visitor;
import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.Cookie;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.InetAddress;
import java.util.Locale;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import org.springframework.web.servlet.HandlerExceptionResolver;

/**
 * Stands at the shared door, before anything of a request is read: it must come from the farm's network, ask for this machine
 * by a name it has, and whoever sends it must be signed in and may do what is asked. The farm's own screen, which is another
 * door and on this machine only, is not asked.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 15)
class GateFilter extends OncePerRequestFilter {

    static final String COOKIE = "__Host-lantern";

    /** No form of somebody who is not signed in is longer. */
    private static final int LONGEST_UNSIGNED = 4096;

    private final DeviceService devices;
    private final EndpointRoles roles;
    private final ObjectProvider<SharedDoorDesk> door;
    private final ObjectProvider<HandlerExceptionResolver> problems;

    GateFilter(
            DeviceService devices,
            EndpointRoles roles,
            ObjectProvider<SharedDoorDesk> door,
            @Qualifier("handlerExceptionResolver") ObjectProvider<HandlerExceptionResolver> problems) {
        this.devices = devices;
        this.roles = roles;
        this.door = door;
        this.problems = problems;
    }

    @Override
    protected boolean shouldNotFilter(HttpServletRequest request) {
        return !request.isSecure();
    }

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        try {
            comesFromTheFarm(request);
            Visitor visitor = letIn(request);
            if (visitor != null) {
                visitor.signedIn(request);
            }
        } catch (Exception e) {
            // Nothing of what was sent is read: the line is shut after this answer.
            response.setHeader("Connection", "close");
            if (problems.getObject().resolveException(request, response, null, e) == null) {
                throw new ServletException(e);
            }
            return;
        }
        if (request.getRequestURI().startsWith("/api/")) {
            response.setHeader("Cache-Control", "no-store");
        }
        chain.doFilter(request, response);
    }

    private void comesFromTheFarm(HttpServletRequest request) throws IOException {
        if (!FarmNet.isOwn(InetAddress.getByName(request.getRemoteAddr()))) {
            throw FarmProblem.notAllowed("This farm is shared in its own network only.");
        }
        String host = request.getServerName().toLowerCase(Locale.ROOT).replaceAll("[\\[\\]]", "");
        FarmNet.Here here = door.getObject().here();
        boolean known = here.names().contains(host)
                || (isAddress(host) && here.addresses().contains(FarmNet.plain(InetAddress.getByName(host))));
        if (!known) {
            throw FarmProblem.notHere("This machine does not go by that name.");
        }
    }

    // Only what is written as an address is looked at as one: no name is asked for anywhere.
    private static boolean isAddress(String host) {
        return host.matches("[0-9.]+") || host.contains(":");
    }

    /** Who is let in with this, null where nobody in particular needs to be. */
    private @Nullable Visitor letIn(HttpServletRequest request) throws Exception {
        Role needed = roles.needed(request);
        if (needed == null) {
            throw FarmProblem.unknown("page", "of that name over the shared door");
        }
        if (needed == Role.NOBODY) {
            if (!Reading.is(request)
                    && (request.getContentLengthLong() < 0 || request.getContentLengthLong() > LONGEST_UNSIGNED)) {
                throw FarmProblem.tooLarge("Nothing that long is needed to sign in.");
            }
            return null;
        }
        DeviceMapper.SignedIn who = devices.who(token(request));
        if (who == null) {
            throw FarmProblem.notSignedIn("This device is not signed in.");
        }
        if (!who.role().may(needed)) {
            throw FarmProblem.notAllowed(
                    who.role() == Role.GUEST
                            ? who.personName() + " looks on here and changes nothing."
                            : "Only an owner may do this.");
        }
        return new Visitor(who.role(), who.personId(), who.device());
    }

    static @Nullable String token(HttpServletRequest request) {
        Cookie[] cookies = request.getCookies();
        if (cookies != null) {
            for (Cookie cookie : cookies) {
                if (cookie.getName().equals(COOKIE)) {
                    return cookie.getValue();
                }
            }
        }
        return null;
    }
}

package baylantern.app.share;

import baylantern.app.platform.ClosedWays;
import baylantern.app.platform.Role;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Component;
import org.springframework.web.method.HandlerMethod;
import org.springframework.web.servlet.HandlerExecutionChain;
import org.springframework.web.servlet.HandlerMapping;
import org.springframework.web.servlet.mvc.ParameterizableViewController;
import org.springframework.web.servlet.resource.ResourceHttpRequestHandler;
import org.springframework.web.util.ServletRequestPathUtils;

/** Which role a request needs: as whoever serves it says, found in the way in which it will be found when it is served. */
@Component
class EndpointRoles {

    private final ObjectProvider<HandlerMapping> mappings;

    EndpointRoles(ObjectProvider<HandlerMapping> mappings) {
        this.mappings = mappings;
    }

    /** The least role; null where nothing is served over the shared door. */
    @Nullable
    Role needed(HttpServletRequest request) throws Exception {
        Object handler;
        try {
            handler = serves(request);
            // Whoever is turned away is told in words, whatever was asked for.
            request.removeAttribute(HandlerMapping.PRODUCIBLE_MEDIA_TYPES_ATTRIBUTE);
        } catch (ServletException e) {
            // Whoever may look is told that it cannot be asked for, or sent, in this way.
            return Role.GUEST;
        }
        if (handler instanceof HandlerMethod method) {
            return ClosedWays.needed(method);
        }
        // The page itself, its script and its letters hold nothing of the farm.
        boolean shell =
                handler instanceof ResourceHttpRequestHandler || handler instanceof ParameterizableViewController;
        return shell && !request.getRequestURI().startsWith("/api/") ? Role.NOBODY : null;
    }

    /** Who will serve a request; null where nobody does. */
    @Nullable
    Object serves(HttpServletRequest request) throws Exception {
        ServletRequestPathUtils.parseAndCache(request);
        for (HandlerMapping mapping : mappings.orderedStream().toList()) {
            HandlerExecutionChain chain = mapping.getHandler(request);
            if (chain != null) {
                return chain.getHandler();
            }
        }
        return null;
    }
}

package baylantern.app.platform;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ServletException;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.URI;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;

/** Strict headers on every answer, and no writes from pages of another origin. */
@Component
@Order(Ordered.LOWEST_PRECEDENCE - 20)
class DoorFilter extends OncePerRequestFilter {

    private static final String POLICY = "default-src 'none'; script-src 'self'; style-src 'self' 'unsafe-inline'; "
            + "img-src 'self' data:; font-src 'self'; connect-src 'self'; manifest-src 'self'; base-uri 'none'; "
            + "form-action 'self'; frame-ancestors 'none'";
    private static final Pattern HERE = Pattern.compile(
            "(.*\\.)?localhost\\.?|127(\\.\\d+){3}|\\[?(::1|0:0:0:0:0:0:0:1)]?", Pattern.CASE_INSENSITIVE);
    private static final int MISDIRECTED = 421;

    @Override
    protected void doFilterInternal(HttpServletRequest request, HttpServletResponse response, FilterChain chain)
            throws ServletException, IOException {
        response.setHeader("Content-Security-Policy", POLICY);
        response.setHeader("X-Content-Type-Options", "nosniff");
        response.setHeader("Referrer-Policy", "no-referrer");
        response.setHeader("Cross-Origin-Opener-Policy", "same-origin");
        response.setHeader("Cross-Origin-Resource-Policy", "same-origin");
        if (!request.isSecure() && !isHere(request.getServerName())) {
            // A page from elsewhere whose name was made to lead here would count as ours.
            refuse(response, MISDIRECTED, "This machine does not go by that name.");
        } else if (Reading.is(request) || sameOrigin(request)) {
            chain.doFilter(request, response);
        } else {
            refuse(response, HttpServletResponse.SC_FORBIDDEN, "Only this farm's own pages may change it.");
        }
    }

    private static void refuse(HttpServletResponse response, int status, String sentence) throws IOException {
        response.setStatus(status);
        response.setContentType("application/problem+json");
        response.setHeader("Connection", "close");
        response.getWriter().write("{\"status\":" + status + ",\"detail\":\"" + sentence + "\"}");
    }

    // The farm's own screen is on this machine; the shared door has its own names.
    private static boolean isHere(String host) {
        return HERE.matcher(host).matches();
    }

    // Browsers always send one of the two on a write; programs send neither, and only those on this machine may.
    private static boolean sameOrigin(HttpServletRequest request) {
        String site = request.getHeader("Sec-Fetch-Site");
        if (site != null && !site.equals("same-origin") && !site.equals("none")) {
            return false;
        }
        String origin = request.getHeader("Origin");
        if (origin == null) {
            return site != null || !request.isSecure();
        }
        return host(origin).equals(request.getHeader("Host"));
    }

    private static String host(String origin) {
        try {
            @Nullable String authority = URI.create(origin).getAuthority();
            return authority == null ? "" : authority;
        } catch (IllegalArgumentException e) {
            return "";
        }
    }
}

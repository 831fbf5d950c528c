package baylantern.app.platform;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Set;

/** Which requests only read. */
public final class Reading {

    private static final Set<String> WAYS = Set.of("GET", "HEAD", "OPTIONS");

    private Reading() {}

    /** True for one that can change nothing. */
    public static boolean is(HttpServletRequest request) {
        return WAYS.contains(request.getMethod());
    }
}

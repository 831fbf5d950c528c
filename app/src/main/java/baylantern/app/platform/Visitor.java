package baylantern.app.platform;

import jakarta.servlet.http.HttpServletRequest;
import org.jspecify.annotations.Nullable;

/**
 * Whose request it is.
 *
 * @param personId who is signed in, or was chosen on the device; null for nobody in particular
 * @param device the name of the device that is signed in; null at the farm's own screen
 */
public record Visitor(
        Role role, @Nullable Long personId, @Nullable String device) {

    private static final String SIGNED_IN = Visitor.class.getName();

    /** At the farm's own screen: whoever sits there may do everything. */
    static Visitor atHome(@Nullable Long personId) {
        return new Visitor(Role.OWNER, personId, null);
    }

    /** Says once, at the door, whose request it is; nothing in the request itself can say otherwise. */
    public void signedIn(HttpServletRequest request) {
        request.setAttribute(SIGNED_IN, this);
    }

    /** Who is signed in, null at the farm's own screen. */
    static @Nullable Visitor of(HttpServletRequest request) {
        return (Visitor) request.getAttribute(SIGNED_IN);
    }
}

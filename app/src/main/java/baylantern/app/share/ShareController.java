package baylantern.app.share;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Needs;
import baylantern.app.platform.Role;
import baylantern.app.platform.SquareCode;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.validation.Valid;
import jakarta.validation.constraints.NotBlank;
import jakarta.validation.constraints.NotNull;
import jakarta.validation.constraints.Size;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Objects;
import org.jspecify.annotations.Nullable;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.http.ResponseCookie;
import org.springframework.http.ResponseEntity;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;

/** The farm shared with other devices: who is let in, on what, and what was let in or turned away. */
@RestController
@RequestMapping("/api/share")
class ShareController {

    private static final int EVENTS_SHOWN = 40;
    private static final Duration COOKIE_LASTS = Duration.ofDays(400);

    private final DeviceService devices;
    private final SignInService signIn;
    private final SharedDoorDesk door;
    private final LeftService left;
    private final Authority authority;

    ShareController(
            DeviceService devices, SignInService signIn, SharedDoorDesk door, LeftService left, Authority authority) {
        this.left = left;
        this.devices = devices;
        this.signIn = signIn;
        this.door = door;
        this.authority = authority;
    }

    /**
     * How the farm is shared.
     *
     * @param addresses where other devices find it, the best first; none where it is not shared
     * @param mark what a person compares on a phone; null where it is not shared
     */
    record Shared(
            List<String> addresses,
            @Nullable String mark,
            List<Rights> people,
            List<Device> devices,
            List<ShareEvent> events) {}

    /** What somebody may do, null where nothing was said, and whether they have a passphrase. */
    record Rights(long personId, String name, @Nullable Role role, boolean passphrase) {}

    @GetMapping
    @Needs(Role.OWNER)
    Shared shared() {
        return new Shared(
                door.addresses(),
                door.isOpen() ? authority.fingerprint() : null,
                devices.people().stream()
                        .map(one -> new Rights(one.id(), one.name(), one.role(), one.passphrase() != null))
                        .toList(),
                devices.all(),
                devices.events(EVENTS_SHOWN));
    }

    /** For whom a code is laid open, and what they may do. */
    record NewCode(
            long personId,
            @NotNull(message = "needs a role") Role role) {}

    /**
     * A code that lies open.
     *
     * @param address where it is typed; the square code leads there with it
     * @param side how many dots a side of the square code has
     * @param dots its dark dots as a path, a dot 1 by 1
     */
    record Code(String code, Instant until, String address, int side, String dots) {}

    @PostMapping("/codes")
    @Needs(Role.OWNER)
    Code code(@Valid @RequestBody NewCode asked) {
        isShared();
        named(asked.role());
        PairingDesk.Open open = signIn.lay(asked.personId(), asked.role());
        String address = door.addresses().get(0);
        SquareCode square = SquareCode.of(address + "/#" + open.code());
        return new Code(open.code(), open.until(), address, square.side(), square.path());
    }

    private void isShared() {
        if (!door.isOpen()) {
            throw FarmProblem.conflict("The farm is not shared. Start it with --share first.");
        }
    }

    /** The code that lies open for somebody is void. */
    @DeleteMapping("/codes/{personId}")
    @Needs(Role.OWNER)
    void withdraw(@PathVariable long personId) {
        signIn.withdraw(devices.person(personId).id());
    }

    /** What somebody may do from now on. */
    record NewRole(@NotNull(message = "needs a role") Role role) {}

    @PutMapping("/people/{personId}/role")
    @Needs(Role.OWNER)
    void rights(@PathVariable long personId, @Valid @RequestBody NewRole asked) {
        named(asked.role());
        signIn.rights(personId, asked.role());
    }

    private static void named(Role role) {
        if (role == Role.NOBODY) {
            throw FarmProblem.wrong("role", role, "GUEST, HAND or OWNER", "Nobody is no role to be given.");
        }
    }

    /** Somebody's passphrase from now on; null for none. */
    record NewPassphrase(
            @Nullable @Size(min = 12, max = 100, message = "has 12 to 100 letters")
            String passphrase) {}

    @PutMapping("/people/{personId}/passphrase")
    @Needs(Role.OWNER)
    void passphrase(@PathVariable long personId, @Valid @RequestBody NewPassphrase asked) {
        signIn.passphrase(devices.person(personId).id(), asked.passphrase());
    }

    @DeleteMapping("/devices/{id}")
    @Needs(Role.OWNER)
    void takeAway(@PathVariable long id) {
        signIn.end(id, ShareEvent.Kind.TAKEN_AWAY);
    }

    /** Who wants in: with a code, or with a name and a passphrase. */
    record SignIn(
            @Nullable @Size(max = 20, message = "has at most 20 letters")
            String code,

            @Nullable @Size(max = 120, message = "has at most 120 letters")
            String name,

            @Nullable @Size(max = 100, message = "has at most 100 letters")
            String passphrase,

            @NotBlank(message = "needs a name") @Size(max = 40, message = "has at most 40 letters")
            String device) {}

    /** Whether somebody is signed in on the device now. */
    record Here(boolean signedIn) {}

    @PostMapping("/sign-in")
    @Needs(Role.NOBODY)
    ResponseEntity<Here> signIn(@Valid @RequestBody SignIn asked, HttpServletRequest request) {
        if (!request.isSecure()) {
            throw FarmProblem.conflict("At the farm's own screen nobody needs to sign in.");
        }
        var from = new SignInService.From(
                request.getRemoteAddr(), Objects.toString(request.getHeader("Lantern-Request"), ""));
        String device = asked.device().strip();
        String token = asked.code() != null
                ? signIn.byCode(asked.code(), device, from)
                : signIn.byPassphrase(
                        Objects.toString(asked.name(), ""), Objects.toString(asked.passphrase(), ""), device, from);
        return ResponseEntity.ok()
                .header(HttpHeaders.SET_COOKIE, cookie(token, COOKIE_LASTS))
                .body(new Here(true));
    }

    @PostMapping("/sign-out")
    @Needs(Role.GUEST)
    ResponseEntity<Here> signOut(HttpServletRequest request) {
        DeviceMapper.SignedIn who = request.isSecure() ? devices.who(GateFilter.token(request)) : null;
        if (who == null) {
            throw FarmProblem.conflict("Nobody is signed in here.");
        }
        signIn.end(who.deviceId(), ShareEvent.Kind.SIGNED_OUT);
        return ResponseEntity.ok()
                .header(HttpHeaders.SET_COOKIE, cookie("", Duration.ZERO))
                .body(new Here(false));
    }

    private static String cookie(String token, Duration lasts) {
        return ResponseCookie.from(GateFilter.COOKIE, token)
                .httpOnly(true)
                .secure(true)
                .sameSite("Strict")
                .path("/")
                .maxAge(lasts)
                .build()
                .toString();
    }

    /** What devices still held when they were taken away, for an owner to decide on. */
    @GetMapping("/left")
    @Needs(Role.OWNER)
    List<Left> left() {
        return left.all();
    }

    /** A device that was taken away hands in what it kept without contact. */
    @PostMapping("/left")
    @Needs(Role.NOBODY)
    Here handIn(@Valid @RequestBody LeftService.Kept kept, HttpServletRequest request) {
        left.handIn(request.isSecure() ? GateFilter.token(request) : null, kept);
        return new Here(false);
    }

    @DeleteMapping("/left/{id}")
    @Needs(Role.OWNER)
    void decided(@PathVariable long id) {
        left.decided(id);
    }

    /** The farm's authority as a phone takes it; it is no secret. */
    @GetMapping(path = "/authority.crt", produces = "application/x-x509-ca-cert")
    @Needs(Role.NOBODY)
    ResponseEntity<byte[]> authority() {
        isShared();
        return ResponseEntity.ok()
                .contentType(MediaType.parseMediaType("application/x-x509-ca-cert"))
                .header(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"bay-lantern-farm.crt\"")
                .body(authority.file());
    }
}

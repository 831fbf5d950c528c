package baylantern.app.share;

import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** Codes that lie open, each for ten minutes and for one device. They are in nobody's file: a start begins without any. */
@Component
class PairingDesk {

    static final Duration OPEN = Duration.ofMinutes(10);

    /** So many wrong ones, from anywhere, and no open code is worth anything any more. */
    static final int MOST_WRONG = 20;

    private static final int MOST_OPEN = 20;

    private final Clock machine;
    private final Secrets secrets;
    private final List<Open> open = new ArrayList<>();
    private int wrong;

    PairingDesk(Clock machine, Secrets secrets) {
        this.machine = machine;
        this.secrets = secrets;
    }

    /**
     * A code that lies open.
     *
     * @param usedBy the request that used it: sent again, it is served again; null while it is unused
     */
    record Open(
            String code,
            long personId,
            Instant until,
            @Nullable String usedBy) {}

    /** Lays a new code open for somebody; what lay open for them before is void. */
    synchronized Open lay(long personId) {
        tidy();
        open.removeIf(one -> one.personId == personId);
        if (open.size() >= MOST_OPEN) {
            open.remove(0);
        }
        Open one = new Open(secrets.code(), personId, Instant.now(machine).plus(OPEN), null);
        open.add(one);
        return one;
    }

    /**
     * Uses a code.
     *
     * @param request the id of the request; the same may use the code again while it is open, since its answer may be lost
     * @return null where it is none, or used
     */
    synchronized @Nullable Open use(String typed, String request) {
        tidy();
        String meant = Secrets.meant(typed);
        for (int i = 0; i < open.size(); i++) {
            Open one = open.get(i);
            if (same(one.code, meant) && (one.usedBy == null || (!request.isBlank() && one.usedBy.equals(request)))) {
                Open used = new Open(one.code, one.personId, one.until, request);
                open.set(i, used);
                return used;
            }
        }
        wrong++;
        return null;
    }

    /** True once, when so many codes were wrong that all that lay open are void now. */
    synchronized boolean voided() {
        if (wrong < MOST_WRONG || open.isEmpty()) {
            return false;
        }
        open.clear();
        wrong = 0;
        return true;
    }

    /** What lies open for somebody is void. */
    synchronized void withdraw(long personId) {
        open.removeIf(one -> one.personId == personId);
    }

    private void tidy() {
        Instant now = Instant.now(machine);
        open.removeIf(one -> !one.until.isAfter(now));
        if (open.isEmpty()) {
            wrong = 0;
        }
    }

    // Takes as long for every code.
    private static boolean same(String code, String typed) {
        return MessageDigest.isEqual(code.getBytes(StandardCharsets.UTF_8), typed.getBytes(StandardCharsets.UTF_8));
    }
}

package baylantern.app.share;

import baylantern.app.platform.ChangeFeed;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Role;
import java.util.Locale;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** Lets people in and out: in with a code shown on an owner's screen, or with their name and passphrase. */
@Service
class SignInService {

    private final DeviceService devices;
    private final PairingDesk codes;
    private final WaitDesk waits;
    private final Secrets secrets;
    private final ChangeFeed feed;
    /** One after the other: a crowd that tries at once gets no more tries than one who waits. */
    private final ReentrantLock line = new ReentrantLock(true);

    SignInService(DeviceService devices, PairingDesk codes, WaitDesk waits, Secrets secrets, ChangeFeed feed) {
        this.feed = feed;
        this.devices = devices;
        this.codes = codes;
        this.waits = waits;
        this.secrets = secrets;
    }

    /** From where, and by which request. */
    record From(String address, String request) {

        private String key() {
            return "address " + address;
        }
    }

    /** Lays a code open with which one device is signed in for somebody, who may do so much from now on. */
    PairingDesk.Open lay(long personId, Role role) {
        devices.rights(personId, role);
        devices.note(ShareEvent.Kind.CODE_MADE, devices.person(personId).name(), null, null);
        return codes.lay(personId);
    }

    /** Lets a device in by a code; returns what it shows from now on. */
    String byCode(String code, String device, From from) {
        return inLine(from, () -> {
            PairingDesk.Open open = codes.use(code, from.request());
            if (open == null) {
                waits.wrong(from.key());
                devices.note(ShareEvent.Kind.WRONG_CODE, null, device, from.address());
                if (codes.voided()) {
                    devices.note(ShareEvent.Kind.CODES_VOID, null, null, null);
                }
                throw FarmProblem.notAllowed(
                        "This code lets nobody in: it was mistyped, used, or is over ten minutes old. Ask for a new one at the farm's own screen.");
            }
            return admit(devices.person(open.personId()), device, ShareEvent.Kind.PAIRED, from);
        });
    }

    /** Lets a device in by name and passphrase. */
    String byPassphrase(String name, String passphrase, String device, From from) {
        String known = "name " + name.strip().toLowerCase(Locale.ROOT);
        return inLine(from, () -> {
            waits.pass(known);
            DeviceMapper.Held person = named(name.strip());
            if (!secrets.is(passphrase, person == null ? null : person.passphrase()) || person == null) {
                waits.wrong(from.key(), known);
                devices.note(
                        ShareEvent.Kind.WRONG_PASSPHRASE,
                        person == null ? null : person.name(),
                        device,
                        from.address());
                throw FarmProblem.notAllowed("Name and passphrase do not go together.");
            }
            waits.right(known);
            return admit(person, device, ShareEvent.Kind.SIGNED_IN, from);
        });
    }

    private DeviceMapper.@Nullable Held named(String name) {
        return devices.people().stream()
                .filter(person -> person.name().equalsIgnoreCase(name) && person.role() != null)
                .findFirst()
                .orElse(null);
    }

    private String admit(DeviceMapper.Held person, String device, ShareEvent.Kind how, From from) {
        waits.right(from.key());
        String token = secrets.token();
        devices.admit(person.id(), person.name(), device, token, how, from.address());
        return token;
    }

    private String inLine(From from, Supplier<String> work) {
        waits.pass(from.key());
        line.lock();
        try {
            waits.pass(from.key());
            return work.get();
        } finally {
            line.unlock();
        }
    }

    /** Signs a device out; its line is hung up once it can take up no other. */
    void end(long device, ShareEvent.Kind how) {
        feed.hangUp(devices.end(device, how).name());
    }

    /** What somebody may do from now on; their devices take up their lines anew and ask who is there. */
    void rights(long personId, Role role) {
        devices.rights(personId, role);
        devices.all().stream().filter(one -> one.personId() == personId).forEach(one -> feed.hangUp(one.name()));
    }

    /** Somebody's passphrase from now on; null for none. Devices that are signed in stay so. */
    void passphrase(long personId, @Nullable String passphrase) {
        devices.passphrase(personId, passphrase == null ? null : secrets.kept(passphrase));
    }

    /** What lies open for somebody is void. */
    void withdraw(long personId) {
        codes.withdraw(personId);
    }
}

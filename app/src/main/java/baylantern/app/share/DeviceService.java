package baylantern.app.share;

import baylantern.app.platform.DayListener;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Role;
import baylantern.app.platform.Rows;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.temporal.ChronoUnit;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** The devices that are signed in, what their people may do, and what happened at the shared door. */
@Service
class DeviceService implements DayListener {

    /** A device nobody has seen for so long must sign in anew. */
    static final Duration UNSEEN = Duration.ofDays(90);

    private static final int EVENTS_KEPT = 1000;
    private static final long KEPT_AFTER_MS = 300_000;
    private static final int LONGEST_NAME = 40;

    private final DeviceMapper devices;
    private final Clock machine;
    private final SeenDesk desk;
    private final LeftMapper left;

    DeviceService(DeviceMapper devices, Clock machine, SeenDesk desk, LeftMapper left) {
        this.left = left;
        this.desk = desk;
        this.devices = devices;
        this.machine = machine;
    }

    /** Who shows this token, null where nobody does. */
    DeviceMapper.@Nullable SignedIn who(@Nullable String token) {
        if (token == null) {
            return null;
        }
        DeviceMapper.SignedIn who = devices.signedIn(Secrets.mark(token));
        Instant now = Instant.now(machine).truncatedTo(ChronoUnit.MINUTES);
        if (who == null || desk.last(who.deviceId(), who.seenAt()).plus(UNSEEN).isBefore(now)) {
            return null;
        }
        desk.note(who.deviceId(), now);
        return who;
    }

    /** What was seen is kept; after a pulled plug a device was seen some minutes earlier than it was. */
    @Scheduled(initialDelay = KEPT_AFTER_MS, fixedDelay = KEPT_AFTER_MS)
    @Transactional
    public void keepSeen() {
        // None where it was taken away meanwhile.
        desk.taken().forEach((device, at) -> Rows.any(devices.seen(device, at)));
    }

    /** Lets a device in for somebody. Its name is its own: a second "phone" is "phone 2". */
    @Transactional
    void admit(long personId, String personName, String name, String token, ShareEvent.Kind how, String address) {
        String own = ownName(name);
        Instant now = Instant.now(machine);
        Rows.made(devices.insert(personId, personName, own, Secrets.mark(token), now.truncatedTo(ChronoUnit.MINUTES)));
        note(how, personName, own, address);
    }

    private String ownName(String name) {
        Set<String> taken = devices.all().stream().map(Device::name).collect(Collectors.toSet());
        String own = name;
        for (int n = 2; taken.contains(own); n++) {
            String end = " " + n;
            own = name.substring(0, Math.min(name.length(), LONGEST_NAME - end.length())) + end;
        }
        return own;
    }

    /** Signs a device out, and answers which it was. */
    @Transactional
    Device end(long id, ShareEvent.Kind how) {
        Device device = devices.find(id);
        String mark = devices.mark(id);
        if (device == null || mark == null) {
            throw FarmProblem.unknown("device", id);
        }
        Rows.oneOr(devices.delete(id), FarmProblem.conflict(device.name() + " was taken away already."));
        // What it kept without contact it may hand in later: it is known by the mark it had.
        Rows.one(left.insertGone(mark, device, Instant.now(machine)));
        note(how, device.personName(), device.name(), null);
        return device;
    }

    @Override
    @Transactional
    public void dayTurned() {
        keepSeen();
        Rows.any(devices.deleteUnseen(Instant.now(machine).minus(UNSEEN)));
    }

    List<Device> all() {
        return devices.all().stream()
                .map(one -> one.seen(desk.last(one.id(), one.seenAt())))
                .sorted(Comparator.comparing(Device::seenAt).reversed())
                .toList();
    }

    /** The farm's people who are not put away, with what each may do. */
    List<DeviceMapper.Held> people() {
        return devices.people();
    }

    DeviceMapper.Held person(long id) {
        return devices.people().stream()
                .filter(one -> one.id() == id)
                .findFirst()
                .orElseThrow(() -> FarmProblem.unknown("person", id));
    }

    /** Says what somebody may do; it holds from their next request on. */
    @Transactional
    void rights(long personId, Role role) {
        DeviceMapper.Held person = person(personId);
        if (person.role() != role) {
            Rows.one(devices.saveRole(personId, person.name(), role));
            note(ShareEvent.Kind.RIGHTS_SET, person.name(), null, null);
        }
    }

    /** Keeps what a passphrase leaves, null for none any more. */
    @Transactional
    void passphrase(long personId, @Nullable String kept) {
        DeviceMapper.Held person = person(personId);
        Rows.oneOr(
                devices.savePassphrase(personId, kept),
                FarmProblem.conflict("Say first what " + person.name() + " may do."));
        note(ShareEvent.Kind.PASSPHRASE_SET, person.name(), null, null);
    }

    /** Notes what happened; of very much only the newest stays. */
    @Transactional
    void note(ShareEvent.Kind kind, @Nullable String personName, @Nullable String device, @Nullable String address) {
        Rows.one(devices.insertEvent(Instant.now(machine), kind, personName, device, address));
        Rows.any(devices.deleteEvents(EVENTS_KEPT));
    }

    List<ShareEvent> events(int limit) {
        return devices.events(limit);
    }
}

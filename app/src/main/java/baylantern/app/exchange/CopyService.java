package baylantern.app.exchange;

import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.LanternSettings;
import baylantern.app.platform.Pen;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneId;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/**
 * A dated copy of the farm for each day it changed, beside the store and in a second folder where one was named at the start;
 * and the way back to one. Days are the computer's: the farm's own may be stepped.
 */
@Service
public class CopyService {

    private static final Logger LOG = LoggerFactory.getLogger(CopyService.class);
    private static final long LOOK_EVERY_MS = 5 * 60 * 1000;
    private static final Duration AGAIN_AFTER = Duration.ofHours(1);

    private final FarmZip zip;
    private final Pen pen;
    private final Clock machine;
    private final boolean demo;
    private final CopyFolder copies;
    private final Path turnFile;
    private final @Nullable CopyFolder second;

    CopyService(FarmZip zip, Pen pen, Clock machine, LanternSettings settings) {
        this.zip = zip;
        this.pen = pen;
        this.machine = machine;
        this.demo = settings.demo();
        Path folder = Path.of(settings.data()).resolve("copies");
        this.copies = new CopyFolder(folder);
        this.turnFile = folder.resolve("turn");
        this.second = settings.copies().isEmpty() ? null : new CopyFolder(Path.of(settings.copies()));
    }

    /** The second folder, and why it has not all copies; null where it has. */
    record SecondView(String folder, @Nullable String amiss) {}

    /** What is kept where. */
    record CopiesView(
            List<CopyFolder.Copy> copies,
            String folder,
            @Nullable SecondView second) {}

    /** Every copy, newest first. */
    CopiesView all() {
        try {
            return new CopiesView(
                    copies.all(),
                    copies.folder().toString(),
                    second == null ? null : new SecondView(second.folder().toString(), amiss(second)));
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    // Looked at each time: a stick is taken out when somebody likes.
    private @Nullable String amiss(CopyFolder other) throws IOException {
        if (!Files.isDirectory(other.folder())) {
            return "it is not there";
        }
        long lacks = copies.lackedBy(other);
        return lacks == 0 ? null : lacks + (lacks == 1 ? " copy is" : " copies are") + " not there yet";
    }

    /** Makes today's copy, in the place of an earlier one of today. */
    synchronized CopiesView keepNow() {
        LocalDate today = today();
        long turn = pen.turns();
        put(CopyFolder.dated(today));
        try {
            Files.writeString(turnFile, Long.toString(turn));
            copies.prune(today);
        } catch (IOException e) {
            throw notKept(e);
        }
        bringOut(today);
        return all();
    }

    private void put(String name) {
        try {
            copies.put(name, zip::snapshot);
        } catch (IOException | UncheckedIOException e) {
            throw notKept(e);
        }
    }

    private FarmProblem notKept(Exception e) {
        LOG.warn("no copy of the farm could be kept", e);
        return FarmProblem.conflict("No copy could be kept in " + copies.folder() + ": " + e.getMessage());
    }

    // A stick that is not in, or a share that is away, is told and tried again.
    private void bringOut(LocalDate today) {
        try {
            if (second != null && Files.isDirectory(second.folder())) {
                copies.bringTo(second, today);
            }
        } catch (IOException e) {
            LOG.warn("the copies could not be brought to the second folder", e);
        }
    }

    /** Keeps a copy where the farm has changed since the last; of one day not oftener than each hour. */
    @Scheduled(initialDelay = LOOK_EVERY_MS, fixedDelay = LOOK_EVERY_MS)
    void whereChanged() {
        if (demo) {
            return;
        }
        try {
            if (isDue()) {
                keepNow();
            } else if (second != null && amiss(second) != null) {
                bringOut(today());
            }
        } catch (RuntimeException | IOException e) {
            LOG.warn("no copy of the farm could be kept", e);
        }
    }

    /** True where the farm was changed since its last copy and that is no copy of the last hour. */
    boolean isDue() throws IOException {
        boolean changed = !Files.exists(turnFile) || !Files.readString(turnFile).equals(Long.toString(pen.turns()));
        Path last = copies.folder().resolve(CopyFolder.dated(today()));
        return changed
                && (!Files.exists(last)
                        || Files.getLastModifiedTime(last)
                                .toInstant()
                                .isBefore(Instant.now(machine).minus(AGAIN_AFTER)));
    }

    private synchronized String keptBefore() {
        LocalDateTime at = LocalDateTime.now(machine.withZone(ZoneId.systemDefault()));
        while (Files.exists(copies.folder().resolve(CopyFolder.before(at)))) {
            at = at.plusSeconds(1);
        }
        put(CopyFolder.before(at));
        return CopyFolder.before(at);
    }

    private LocalDate today() {
        return LocalDate.now(machine.withZone(ZoneId.systemDefault()));
    }

    /** What came back, row by row of each table, and what the farm was kept as before. */
    record Back(String keptAs, Map<String, Integer> rows) {}

    /** Goes back to a copy, all or nothing; the farm as it is now is kept as a copy of its own first. */
    @Transactional
    public Back goBackTo(String name) {
        try {
            Path copy = copies.find(name).orElseThrow(() -> FarmProblem.unknown("copy", name));
            return goBackTo(copy);
        } catch (IOException e) {
            throw notKept(e);
        }
    }

    /** The same from any zip of a farm. */
    @Transactional
    public Back goBackTo(Path file) {
        // Nobody writes between the copy of what is here and what comes in its place. Whoever makes a copy holds no
        // pen, so
        // the pen may wait for that.
        pen.take();
        String before = keptBefore();
        try (InputStream in = new BufferedInputStream(Files.newInputStream(file))) {
            return new Back(before, zip.replace(in));
        } catch (IOException e) {
            throw FarmProblem.wrong("file", file, "a whole zip", "The copy cannot be read; nothing was changed.");
        }
    }
}

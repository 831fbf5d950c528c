package baylantern.app.exchange;

import baylantern.core.copies.CopyDays;
import java.io.BufferedOutputStream;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.nio.file.StandardOpenOption;
import java.time.DateTimeException;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.ZipFile;
import java.util.zip.ZipInputStream;

/**
 * Copies of a farm in a folder, each a zip. One is written under another name, looked through to its end and named last, so
 * that what was interrupted is never taken for a copy.
 */
final class CopyFolder {

    private static final Pattern DATED = Pattern.compile("farm-(\\d{4}-\\d\\d-\\d\\d)\\.zip");
    private static final Pattern BEFORE = Pattern.compile("before-(\\d{4}-\\d\\d-\\d\\d)T\\d{6}\\.zip");

    private static final DateTimeFormatter MOMENT = DateTimeFormatter.ofPattern("yyyy-MM-dd'T'HHmmss");

    /** Copies made before another was gone back to; older ones are thrown away. */
    private static final int MOST_BEFORE = 3;

    private static final String UNDER_WAY = ".part";

    private final Path folder;

    CopyFolder(Path folder) {
        this.folder = folder;
    }

    /** Writes what a copy holds. */
    @FunctionalInterface
    interface Writer {
        void to(OutputStream out) throws IOException;
    }

    /**
     * A copy.
     *
     * @param day the day it is of
     * @param before true where it was made before another was gone back to
     */
    record Copy(String name, LocalDate day, boolean before, long bytes) {}

    /** What it is called on a day. */
    static String dated(LocalDate day) {
        return "farm-" + day + ".zip";
    }

    /** What one is called that is made before another is gone back to. */
    static String before(LocalDateTime at) {
        return "before-" + MOMENT.format(at) + ".zip";
    }

    Path folder() {
        return folder;
    }

    /** All copies, newest first. */
    List<Copy> all() throws IOException {
        if (!Files.isDirectory(folder)) {
            return List.of();
        }
        try (Stream<Path> files = Files.list(folder)) {
            return files.flatMap(file -> copy(file).stream())
                    .sorted(Comparator.comparing(Copy::day)
                            .thenComparing(Copy::name)
                            .reversed())
                    .toList();
        }
    }

    private static Optional<Copy> copy(Path file) {
        String name = file.getFileName().toString();
        return Stream.of(DATED, BEFORE)
                .map(pattern -> pattern.matcher(name))
                .filter(Matcher::matches)
                .findFirst()
                .flatMap(found -> {
                    try {
                        LocalDate day = LocalDate.parse(found.group(1));
                        return Optional.of(new Copy(name, day, found.pattern() == BEFORE, Files.size(file)));
                    } catch (DateTimeException | IOException e) {
                        return Optional.empty();
                    }
                });
    }

    /** Where a copy of this name lies; empty where there is none. */
    Optional<Path> find(String name) throws IOException {
        return all().stream()
                .filter(copy -> copy.name().equals(name))
                .findFirst()
                .map(copy -> folder.resolve(copy.name()));
    }

    /** Writes a copy in the place of one of the same name. */
    void put(String name, Writer content) throws IOException {
        Files.createDirectories(folder);
        Path part = Files.createTempFile(folder, name, UNDER_WAY);
        try {
            try (OutputStream out = new BufferedOutputStream(Files.newOutputStream(part))) {
                content.to(out);
            }
            lookThrough(part);
            try (FileChannel file = FileChannel.open(part, StandardOpenOption.WRITE)) {
                file.force(true);
            }
            Files.move(part, folder.resolve(name), StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
        } finally {
            Files.deleteIfExists(part);
        }
    }

    // A zip carries a sum of each of its files, which reading it compares, and a list of them at its end.
    private static void lookThrough(Path zip) throws IOException {
        int listed;
        try (ZipFile whole = new ZipFile(zip.toFile())) {
            listed = whole.size();
        }
        try (InputStream file = Files.newInputStream(zip);
                ZipInputStream in = new ZipInputStream(file)) {
            int entries = 0;
            while (in.getNextEntry() != null) {
                in.transferTo(OutputStream.nullOutputStream());
                entries++;
            }
            if (entries == 0 || entries != listed) {
                throw new IOException(zip + " is not whole");
            }
        }
    }

    /** Throws away what is not kept on a day, and what was left under way. */
    void prune(LocalDate today) throws IOException {
        List<Copy> all = all();
        Set<LocalDate> kept = CopyDays.kept(
                all.stream().filter(copy -> !copy.before()).map(Copy::day).collect(Collectors.toSet()), today);
        for (Copy copy : all) {
            if (!copy.before() && !kept.contains(copy.day())) {
                Files.deleteIfExists(folder.resolve(copy.name()));
            }
        }
        for (Copy copy : all.stream().filter(Copy::before).skip(MOST_BEFORE).toList()) {
            Files.deleteIfExists(folder.resolve(copy.name()));
        }
        try (Stream<Path> files = Files.list(folder)) {
            for (Path left :
                    files.filter(file -> file.toString().endsWith(UNDER_WAY)).toList()) {
                Files.deleteIfExists(left);
            }
        }
    }

    /** How many copies another folder lacks, or has otherwise. */
    long lackedBy(CopyFolder other) throws IOException {
        List<Copy> there = other.all();
        return all().stream().filter(copy -> !there.contains(copy)).count();
    }

    /** Brings to another folder what it lacks or has older, and throws away there what is not kept. */
    void bringTo(CopyFolder other, LocalDate today) throws IOException {
        List<Copy> there = other.all();
        for (Copy copy : all()) {
            if (!there.contains(copy)) {
                other.put(copy.name(), out -> Files.copy(folder.resolve(copy.name()), out));
            }
        }
        other.prune(today);
    }
}

package baylantern.app.platform;

import baylantern.core.rules.Mark;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import java.util.zip.CRC32;
import java.util.zip.ZipEntry;
import java.util.zip.ZipFile;

/** Which program this is. */
public final class Program {

    private static final String CLASS = ".class";

    private Program() {}

    /** Changes whenever a class of the core does, and with it what it may reckon: a hash, as hexadecimal digits. */
    public static String mark() {
        try {
            return of(Path.of(Mark.class
                    .getProtectionDomain()
                    .getCodeSource()
                    .getLocation()
                    .toURI()));
        } catch (URISyntaxException e) {
            throw new IllegalStateException(e);
        }
    }

    /** The mark of the classes in a jar or a folder: the same for the same classes. */
    static String of(Path classes) {
        try {
            Map<String, Long> sums = Files.isDirectory(classes) ? inFolder(classes) : inJar(classes);
            return Mark.of(sums.toString());
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    // A jar tells the sum of each file without its being read.
    private static Map<String, Long> inJar(Path jar) throws IOException {
        try (ZipFile zip = new ZipFile(jar.toFile())) {
            return zip.stream()
                    .filter(entry -> entry.getName().endsWith(CLASS))
                    .collect(Collectors.toMap(ZipEntry::getName, ZipEntry::getCrc, (one, same) -> one, TreeMap::new));
        }
    }

    private static Map<String, Long> inFolder(Path folder) throws IOException {
        Map<String, Long> sums = new TreeMap<>();
        try (Stream<Path> files = Files.walk(folder)) {
            for (Path file : files.filter(one -> one.toString().endsWith(CLASS)).toList()) {
                CRC32 sum = new CRC32();
                sum.update(Files.readAllBytes(file));
                sums.put(folder.relativize(file).toString().replace('\\', '/'), sum.getValue());
            }
        }
        return sums;
    }
}

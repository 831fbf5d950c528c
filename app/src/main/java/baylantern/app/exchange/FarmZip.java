package baylantern.app.exchange;

import baylantern.app.care.PictureService;
import baylantern.app.care.PictureShelf;
import baylantern.app.place.NumberService;
import baylantern.app.platform.CsvTable;
import baylantern.app.platform.DayTurn;
import baylantern.app.platform.FarmClock;
import baylantern.app.platform.FarmMark;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Pen;
import baylantern.app.platform.TableVault;
import baylantern.app.platform.TableVault.Content;
import baylantern.app.sound.Fault;
import baylantern.app.sound.SoundFarm;
import baylantern.core.rules.Known;
import baylantern.core.table.SafeCell;
import java.io.IOException;
import java.io.InputStream;
import java.io.InputStreamReader;
import java.io.OutputStream;
import java.io.OutputStreamWriter;
import java.io.UncheckedIOException;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.zip.ZipEntry;
import java.util.zip.ZipInputStream;
import java.util.zip.ZipOutputStream;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.apache.commons.csv.QuoteMode;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Isolation;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import tools.jackson.core.JacksonException;
import tools.jackson.databind.json.JsonMapper;

/** The whole farm as a zip of CSV files with a JSON manifest, out and in. */
@Service
class FarmZip {

    static final String FORMAT = "bay-lantern-farm";
    static final int FORMAT_VERSION = 15;

    /** From this version on, texts a spreadsheet would reckon out are marked. */
    private static final int MARKED_FROM = 8;

    /** The oldest version still read: it lacks the tables that came later. */
    static final int OLDEST_READ = 1;

    /** Tables that had another name once. */
    private static final Map<String, String> ONCE_NAMED = Map.of("bench_day", "day_plan");

    private static final String MANIFEST = "manifest.json";
    private static final long MOST_BYTES = 1L << 32;

    private static final String PICTURES = "pictures/";

    private static final int MOST_MANIFEST = 1 << 16;

    /** What a zip may grow to: twice a farm of 80 000 grafts with a dozen looks each. */
    private static final long MOST_UNPACKED = 1L << 29;

    /** Nulls and empty texts are told apart: a null is written bare as \\N. */
    private static final CSVFormat CSV = CSVFormat.RFC4180
            .builder()
            .setNullString("\\N")
            .setQuoteMode(QuoteMode.ALL_NON_NULL)
            .get();

    private final TableVault vault;
    private final FarmClock clock;
    private final DayTurn dayTurn;
    private final JsonMapper json;
    private final Pen pen;
    private final SoundFarm sound;
    private final NumberService numbers;
    private final PictureService pictures;
    private final PictureShelf shelf;
    private final FarmMark mark;

    FarmZip(
            TableVault vault,
            FarmClock clock,
            DayTurn dayTurn,
            JsonMapper json,
            Pen pen,
            SoundFarm sound,
            NumberService numbers,
            PictureService pictures,
            PictureShelf shelf,
            FarmMark mark) {
        this.mark = mark;
        this.pictures = pictures;
        this.shelf = shelf;
        this.numbers = numbers;
        this.sound = sound;
        this.pen = pen;
        this.vault = vault;
        this.clock = clock;
        this.dayTurn = dayTurn;
        this.json = json;
    }

    /** What the zip says of itself. */
    record Manifest(String format, int version, String exportedOn, Map<String, Integer> rows) {

        Manifest {
            Map<String, Integer> byNewName = new LinkedHashMap<>();
            if (rows != null) {
                rows.forEach((table, count) -> byNewName.put(named(table), count));
            }
            rows = byNewName;
        }
    }

    private static String named(String table) {
        return ONCE_NAMED.getOrDefault(table, table);
    }

    /** The same in a moment of its own, whatever its caller is about to change. */
    @Transactional(readOnly = true, isolation = Isolation.SERIALIZABLE, propagation = Propagation.REQUIRES_NEW)
    void snapshot(OutputStream out) throws IOException {
        write(out);
    }

    /** Takes the farm out as it stands at one moment, whoever writes meanwhile. */
    @Transactional(readOnly = true, isolation = Isolation.SERIALIZABLE)
    void write(OutputStream out) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out, StandardCharsets.UTF_8)) {
            zip.putNextEntry(new ZipEntry(MANIFEST));
            Manifest manifest =
                    new Manifest(FORMAT, FORMAT_VERSION, clock.today().toString(), vault.counts());
            zip.write(json.writerWithDefaultPrettyPrinter().writeValueAsBytes(manifest));
            for (String table : TableVault.TABLES) {
                zip.putNextEntry(new ZipEntry(table + ".csv"));
                writeTable(zip, vault.read(table));
            }
            for (String name : pictures.files()) {
                if (shelf.has(name)) {
                    zip.putNextEntry(new ZipEntry(PICTURES + name + ".jpg"));
                    zip.write(shelf.whole(name));
                }
            }
        }
    }

    private static void writeTable(OutputStream out, Content content) throws IOException {
        Writer text = new OutputStreamWriter(out, StandardCharsets.UTF_8);
        CsvTable csv = new CsvTable(text, CSV);
        csv.row(content.columns());
        for (List<@Nullable String> row : content.rows()) {
            csv.row(row);
        }
        csv.flush();
    }

    /** Brings a farm in, all or nothing; only into an empty one. */
    @Transactional
    Map<String, Integer> read(InputStream in) {
        intoEmpty();
        Map<String, Content> tables = new LinkedHashMap<>();
        Manifest manifest = opened(in, tables);
        // Somebody may have begun while it was sent.
        pen.take();
        intoEmpty();
        return fill(manifest, tables);
    }

    /** Puts a farm in the place of the one that is here, all or nothing. */
    @Transactional
    Map<String, Integer> replace(InputStream in) {
        Map<String, Content> tables = new LinkedHashMap<>();
        Manifest manifest = opened(in, tables);
        pen.take();
        vault.clear();
        return fill(manifest, tables);
    }

    private Map<String, Integer> fill(Manifest manifest, Map<String, Content> tables) {
        check(manifest, tables);
        if (manifest.version() >= MARKED_FROM) {
            tables.replaceAll((table, content) -> unmarked(content));
        }
        OlderFarm.jobsTellNoGraft(tables);
        judge(tables);
        TableVault.TABLES.stream()
                .filter(t -> !TableVault.BY_ITSELF.contains(t))
                .forEach(t -> vault.fill(t, Known.in(tables, t)));
        numbers.goOn();
        mark.another();
        dayTurn.tell();
        return vault.counts();
    }

    private static Content unmarked(Content content) {
        List<List<@Nullable String>> rows = new ArrayList<>();
        for (List<@Nullable String> row : content.rows()) {
            List<@Nullable String> cells = new ArrayList<>();
            for (String cell : row) {
                cells.add(cell == null ? null : SafeCell.read(cell));
            }
            rows.add(cells);
        }
        return new Content(content.columns(), rows);
    }

    private void judge(Map<String, Content> tables) {
        List<Fault> faults = sound.faults(table -> tables.getOrDefault(table, Content.EMPTY));
        if (!faults.isEmpty()) {
            Fault first = faults.get(0);
            String more = faults.size() == 1 ? "" : " " + (faults.size() - 1) + " more are wrong.";
            throw FarmProblem.wrong(
                    first.table() + ".csv",
                    first.value(),
                    "what a farm can hold",
                    "Nothing was brought in. " + first.words() + more);
        }
    }

    private void intoEmpty() {
        if (!vault.empty()) {
            throw FarmProblem.conflict(
                    "This farm holds records already. A whole farm can only be brought into an empty one: start with a new data folder.");
        }
    }

    private Manifest opened(InputStream in, Map<String, Content> tables) {
        try {
            return unzip(in, tables);
        } catch (IOException | JacksonException | UncheckedIOException e) {
            throw FarmProblem.wrong(
                    "file", e.getMessage(), "a whole zip", "The zip is cut short or damaged; nothing was brought in.");
        }
    }

    private Manifest unzip(InputStream in, Map<String, Content> tables) throws IOException {
        Manifest manifest = null;
        try (ZipInputStream zip = new ZipInputStream(new CountedStream(in, MOST_BYTES), StandardCharsets.UTF_8)) {
            InputStream unpacked = new CountedStream(zip, MOST_UNPACKED);
            Set<String> seen = new HashSet<>();
            for (ZipEntry entry = zip.getNextEntry(); entry != null; entry = zip.getNextEntry()) {
                String name = entry.getName();
                if (!seen.add(named(name.replace(".csv", "")))) {
                    throw FarmProblem.wrong("file", name, "each file once", name + " stands in the zip twice.");
                }
                if (name.equals(MANIFEST)) {
                    manifest = json.readValue(unpacked.readNBytes(MOST_MANIFEST), Manifest.class);
                } else if (name.startsWith(PICTURES)) {
                    keepPicture(name, zip, tables);
                } else if (name.endsWith(".csv") && TableVault.TABLES.contains(named(name.replace(".csv", "")))) {
                    tables.put(named(name.replace(".csv", "")), table(unpacked));
                }
            }
        }
        if (manifest == null) {
            throw FarmProblem.wrong("file", "no manifest", FORMAT, "This is not a farm taken out of Bay Lantern.");
        }
        return manifest;
    }

    // Pictures follow the tables. One lies under a hash of what it holds, so where the farm is refused after all it
    // does no
    // harm and is swept away.
    private void keepPicture(String name, InputStream zip, Map<String, Content> tables) throws IOException {
        Content spokenOf = tables.getOrDefault("care_picture", Content.EMPTY);
        String file = name.substring(PICTURES.length()).replace(".jpg", "");
        int column = spokenOf.columns().indexOf("file");
        if (column < 0 || spokenOf.rows().stream().noneMatch(row -> file.equals(row.get(column)))) {
            throw FarmProblem.wrong("file", name, "a picture of this farm", "No graft of this farm has " + name + ".");
        }
        byte[] jpeg = zip.readNBytes(PictureShelf.MOST_BYTES + 1);
        if (jpeg.length > PictureShelf.MOST_BYTES || !shelf.keep(jpeg).equals(file)) {
            throw FarmProblem.wrong(
                    "file", name, "the picture it was", "The picture " + name + " is damaged; nothing was brought in.");
        }
    }

    private static void check(Manifest manifest, Map<String, Content> tables) {
        if (!FORMAT.equals(manifest.format())
                || manifest.version() < OLDEST_READ
                || manifest.version() > FORMAT_VERSION) {
            throw FarmProblem.wrong(
                    "version",
                    manifest.version(),
                    OLDEST_READ + " to " + FORMAT_VERSION,
                    "This farm was written in another version of the format.");
        }
        for (String table : TableVault.TABLES) {
            if (manifest.version() < FORMAT_VERSION && !manifest.rows().containsKey(table)) {
                tables.put(table, Content.EMPTY);
                continue;
            }
            Content content = tables.get(table);
            int told = manifest.rows().getOrDefault(table, -1);
            if (content == null || content.rows().size() != told) {
                throw FarmProblem.wrong(
                        table,
                        content == null ? 0 : content.rows().size(),
                        told + " rows",
                        table + ".csv is missing or cut short.");
            }
        }
    }

    // The zip goes on after this entry, so the reader is left open.
    private static Content table(InputStream in) throws IOException {
        CSVParser csv = CSVParser.builder()
                .setReader(new CellReader(new InputStreamReader(in, StandardCharsets.UTF_8)))
                .setFormat(CSV)
                .get();
        List<CSVRecord> records = csv.getRecords();
        List<List<@Nullable String>> rows = new ArrayList<>();
        for (CSVRecord record : records.subList(Math.min(1, records.size()), records.size())) {
            rows.add(Arrays.asList(record.values()));
        }
        return new Content(records.isEmpty() ? List.of() : records.get(0).toList(), rows);
    }
}

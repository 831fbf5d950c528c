package baylantern.app.exchange;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.zip.ZipEntry;
import java.util.zip.ZipOutputStream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Copies as files: whole or not there, kept as long as they should be, in two folders alike. */
class CopyFolderTest {

    private static final LocalDate TODAY = LocalDate.of(2026, 11, 28);

    @TempDir
    private Path folder;

    private static void zip(OutputStream out, String content) throws IOException {
        try (ZipOutputStream zip = new ZipOutputStream(out)) {
            zip.putNextEntry(new ZipEntry("house_act.csv"));
            zip.write(content.getBytes(StandardCharsets.UTF_8));
        }
    }

    private static List<String> names(CopyFolder copies) throws IOException {
        return copies.all().stream().map(CopyFolder.Copy::name).toList();
    }

    @Test
    void whatBreaksOffOrIsNoZipIsNoCopyAndLeavesTheOneBefore() throws IOException {
        CopyFolder copies = new CopyFolder(folder.resolve("copies"));
        copies.put("farm-2026-11-28.zip", out -> zip(out, "first"));
        byte[] first = Files.readAllBytes(folder.resolve("copies/farm-2026-11-28.zip"));
        assertThatThrownBy(() -> copies.put("farm-2026-11-28.zip", out -> {
                    out.write(first, 0, first.length / 2);
                    throw new IOException("the disk is full");
                }))
                .hasMessage("the disk is full");
        assertThatThrownBy(() -> copies.put("farm-2026-11-28.zip", out -> out.write(first, 0, first.length / 2)))
                .isInstanceOf(IOException.class);
        assertThatThrownBy(() -> copies.put("farm-2026-11-28.zip", out -> out.write(7)))
                .isInstanceOf(IOException.class);
        assertThat(Files.readAllBytes(folder.resolve("copies/farm-2026-11-28.zip")))
                .isEqualTo(first);
        assertThat(names(copies)).containsExactly("farm-2026-11-28.zip");
        try (var files = Files.list(folder.resolve("copies"))) {
            assertThat(files).hasSize(1);
        }
    }

    @Test
    void aSecondFolderCatchesUpWhenItIsThereAgainAndIsPrunedAlike() throws IOException {
        CopyFolder here = new CopyFolder(folder.resolve("here"));
        CopyFolder stick = new CopyFolder(folder.resolve("stick"));
        for (LocalDate day = TODAY.minusDays(60); !day.isAfter(TODAY); day = day.plusDays(1)) {
            LocalDate of = day;
            here.put(CopyFolder.dated(of), out -> zip(out, "of " + of));
            here.prune(of);
            if (day.equals(TODAY.minusDays(40))) {
                here.bringTo(stick, day);
                assertThat(names(stick)).isEqualTo(names(here));
            }
        }
        assertThat(here.lackedBy(stick)).isPositive();
        here.bringTo(stick, TODAY);
        assertThat(here.lackedBy(stick)).isZero();
        assertThat(names(stick)).isEqualTo(names(here)).hasSizeBetween(10, 13);
        // Of those made before another was gone back to, three stay.
        for (int second = 10; second < 16; second++) {
            here.put("before-2026-11-28T1010" + second + ".zip", out -> zip(out, "before"));
        }
        here.prune(TODAY);
        assertThat(names(here))
                .filteredOn(name -> name.startsWith("before"))
                .containsExactly(
                        "before-2026-11-28T101015.zip", "before-2026-11-28T101014.zip", "before-2026-11-28T101013.zip");
        assertThat(here.find("../farm.mv.db")).isEmpty();
    }
}

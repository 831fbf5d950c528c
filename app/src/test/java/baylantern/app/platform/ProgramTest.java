package baylantern.app.platform;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.nio.file.FileSystem;
import java.nio.file.FileSystems;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Whatever was reckoned ahead is reckoned anew by a program that may reckon otherwise, and by no other. */
class ProgramTest {

    @TempDir
    Path folder;

    private static void write(Path root, String name, String content) throws IOException {
        Path file = root.resolve(name);
        Files.createDirectories(file.getParent());
        Files.writeString(file, content);
    }

    private Path jar(String name, String planner) throws IOException {
        Path jar = folder.resolve(name);
        try (FileSystem zip = FileSystems.newFileSystem(jar, Map.of("create", "true"))) {
            write(zip.getPath("/"), "care/Planner.class", planner);
            write(zip.getPath("/"), "Rules.class", "rules");
            write(zip.getPath("/"), "META-INF/made.properties", name);
        }
        return jar;
    }

    @Test
    void theSameClassesAreTheSameProgramWhereverTheyLieAndOneThatDiffersMakesAnother() throws IOException {
        Path classes = folder.resolve("classes");
        write(classes, "Rules.class", "rules");
        write(classes, "care/Planner.class", "planner");
        write(classes, "notes.txt", "not of the program");
        String mark = Program.of(classes);
        assertThat(Program.of(jar("one.jar", "planner"))).isEqualTo(mark);
        assertThat(Program.of(jar("other.jar", "planner, put right"))).isNotEqualTo(mark);
        write(classes, "care/Other.class", "one more");
        assertThat(Program.of(classes)).isNotEqualTo(mark);
        assertThat(Program.mark()).hasSize(64).isEqualTo(Program.mark());
    }
}

package baylantern.e2e;

import org.jspecify.annotations.Nullable;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;

/**
 * Screens of the demo farm. One farm serves the classes after one another: what a class did is taken back act by act, and
 * where something stays the next class begins on a farm of its own.
 */
abstract class DemoScreenTest extends ScreenTest {

    static Lantern lantern;

    private static @Nullable Lantern lit;
    private static PutBack before = new PutBack("", 0);

    @BeforeAll
    static void light() {
        if (lit == null) {
            lit = Lantern.demo();
            before = PutBack.on(lit);
            Runtime.getRuntime().addShutdownHook(new Thread(lit::close));
        }
        lantern = lit;
    }

    @AfterAll
    static void putBack() {
        if (!before.reached(lantern)) {
            lantern.close();
            lit = null;
        }
    }
}

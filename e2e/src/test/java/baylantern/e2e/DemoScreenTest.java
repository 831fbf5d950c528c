package baylantern.e2e;

import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;

/** Screens of the demo farm, grown anew for each class. */
abstract class DemoScreenTest extends ScreenTest {

    static Lantern lantern;

    @BeforeAll
    static void light() {
        lantern = Lantern.demo();
    }

    @AfterAll
    static void putOut() {
        lantern.close();
    }
}

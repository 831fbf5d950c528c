package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.google.gson.JsonObject;
import com.microsoft.playwright.Page;
import java.util.Locale;
import java.util.Random;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledIfSystemProperty;

/** What a phone kept is sent while the farm's plug is pulled, again and again: each is there once, the last one last. */
@EnabledIfSystemProperty(named = "lantern.hostile", matches = ".+")
class KeptRuns extends ScreenTest {

    private static final int ROUNDS = Integer.getInteger("lantern.rounds", 50);
    private static final int EACH = 5;

    @Test
    void theFarmIsPulledInTheMiddleOfTakingThem() throws Exception {
        Random random = new Random(19);
        try (Lantern lantern = Lantern.shared();
                Handset handset = Handset.trusting(true, lantern.sharedAddress())) {
            Page phone = letIn(handset, lantern, "Bram", "phone");
            phone.navigate("/rounds");
            String code =
                    phone.locator("section[aria-label^='Now: '] h2").first().textContent();
            int first = lantern.graft(code).get("version").getAsInt();
            int wrong = 0;
            for (int round = 1; round <= ROUNDS; round++) {
                phone.navigate("/graft/" + code);
                assertThat(phone.getByLabel("Notes")).isVisible();
                handset.cut();
                String told = "";
                for (int i = 1; i <= EACH; i++) {
                    told = "round " + round + ", line " + i;
                    phone.getByLabel("Notes").fill(told);
                    button(phone, "Save").click();
                    assertThat(phone.getByText("kept on this phone · " + i)).isVisible();
                }
                handset.joined();
                Thread.sleep(random.nextInt(500));
                lantern.pullThePlug();
                lantern.start();
                assertThat(phone.getByText("kept on this phone")).hasCount(0);
                JsonObject now = lantern.graft(code);
                boolean whole = now.get("version").getAsInt() == first + round * EACH
                        && now.get("notes").getAsString().equals(told);
                wrong += whole ? 0 : 1;
            }
            System.out.printf(
                    Locale.ROOT,
                    "hostile: %d rounds of %d kept on a phone, %d with one lost or twice%n",
                    ROUNDS,
                    EACH,
                    wrong);
            Assertions.assertThat(wrong).isZero();
        }
    }
}

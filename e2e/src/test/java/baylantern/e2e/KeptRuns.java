package baylantern.e2e;

import static com.microsoft.playwright.assertions.PlaywrightAssertions.assertThat;

import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.Page;
import java.io.IOException;
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

    private static JsonObject graft(Lantern lantern, String code) throws IOException {
        return JsonParser.parseString(lantern.get("/api/grafts/" + code).body())
                .getAsJsonObject()
                .getAsJsonObject("stop")
                .getAsJsonObject("graft");
    }

    @Test
    void theFarmIsPulledInTheMiddleOfTakingThem() throws Exception {
        Random random = new Random(19);
        try (Lantern lantern = Lantern.shared();
                Handset handset = Handset.trusting(true, lantern.sharedAddress())) {
            Page owner = desk(lantern);
            owner.navigate("/farm/phones");
            Page phone = handset.page();
            phone.navigate("/");
            SharingTest.comeIn(phone, SharingTest.layOpen(owner, "Bram"), "phone");
            owner.close();
            handset.hasTakenAlong();
            phone.navigate("/rounds");
            String code =
                    phone.locator("section[aria-label^='Now: '] h2").first().textContent();
            int first = graft(lantern, code).get("version").getAsInt();
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
                JsonObject now = graft(lantern, code);
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

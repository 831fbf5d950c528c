package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.google.gson.JsonArray;
import com.google.gson.JsonElement;
import com.google.gson.JsonObject;
import com.google.gson.JsonParser;
import com.microsoft.playwright.APIResponse;
import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.Route;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.time.Instant;
import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.assertj.core.api.Assertions;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

/** A phone under the trees: what it took along, what is done on it without contact, and what becomes of that. */
class OfflineTest extends ScreenTest {

    private static final String DAY = "2026-05-16";
    private static final long DAY_MS = 86_400_000;
    private static final int LOOKS = 12;
    private static final Pattern CODE = Pattern.compile("^([A-Z]{2}-\\d+-\\d+): ");

    private static Lantern lantern;

    private Handset handset;
    private int since;

    @BeforeAll
    static void share() {
        lantern = Lantern.shared();
    }

    @AfterAll
    static void shut() {
        lantern.close();
    }

    @BeforeEach
    void begin() throws IOException {
        handset = Handset.trusting(true, lantern.sharedAddress());
        since = 0;
        since = acts().get(0).getAsJsonObject().get("id").getAsInt();
    }

    @Override
    Stream<Page> pages() {
        return Stream.concat(handset.pages(), super.pages());
    }

    @AfterEach
    void end() throws IOException {
        handset.close();
        for (JsonElement device : asked("/api/share").getAsJsonArray("devices")) {
            lantern.delete("/api/share/devices/" + told(device, "id"));
        }
    }

    private JsonObject asked(String path) throws IOException {
        return JsonParser.parseString(lantern.get(path).body()).getAsJsonObject();
    }

    /** What was done since the test began, the newest first. */
    private JsonArray acts() throws IOException {
        JsonArray acts = new JsonArray();
        for (JsonElement act :
                JsonParser.parseString(lantern.get("/api/acts").body()).getAsJsonArray()) {
            if (act.getAsJsonObject().get("id").getAsInt() > since) {
                acts.add(act);
            }
        }
        return acts;
    }

    private static String post(String path, String body) {
        try {
            return lantern.post(path, body).body();
        } catch (IOException e) {
            throw new UncheckedIOException(e);
        }
    }

    private static String told(JsonElement act, String what) {
        return act.getAsJsonObject().get(what).getAsString();
    }

    private Page comeIn(String person) throws IOException {
        return letIn(handset, lantern, person, "phone");
    }

    // On the rounds, and then out of reach.
    private Page outOnTheRounds() throws IOException {
        Page phone = comeIn("Bram");
        phone.navigate("/rounds");
        assertThat(now(phone)).isVisible();
        handset.cut();
        return phone;
    }

    private static Locator now(Page page) {
        return page.locator("section[aria-label^='Now: '] h2");
    }

    static String answered(Page phone) {
        String code = now(phone).textContent();
        phone.keyboard().press(HandsTest.firstKey(phone));
        assertThat(now(phone)).not().hasText(code);
        return code;
    }

    static void somebodyElseLooks(Lantern lantern, String code) throws IOException {
        JsonObject graft = lantern.graft(code);
        var written = lantern.post(
                "/api/looks",
                "{\"personId\":3,\"sign\":\"NOTHING\",\"sure\":true,\"grafts\":[{\"graftId\":" + graft.get("id")
                        + ",\"version\":" + graft.get("version") + "}]}");
        Assertions.assertThat(written.statusCode()).as(written.body()).isEqualTo(200);
    }

    private static Locator kept(Page page, int count) {
        return page.getByText("kept on this phone · " + count);
    }

    /** Codes of the newest acts of a kind, the oldest of them first. */
    private List<String> acts(Pattern sentence) throws IOException {
        List<String> codes = new ArrayList<>();
        for (JsonElement act : acts()) {
            var found = sentence.matcher(told(act, "sentence"));
            if (found.find()) {
                codes.add(0, found.group(1));
            }
        }
        return codes;
    }

    /** The grade of a stick that shows the last of each look, and what to do first. */
    private String graded(Page phone) throws IOException {
        JsonObject lot = asked("/api/lots").getAsJsonArray("lots").get(0).getAsJsonObject();
        phone.navigate("/wood/check?lot=" + lot.get("code").getAsString());
        Locator looks = phone.locator("fieldset");
        assertThat(looks.first()).isVisible();
        for (int i = 0; i < 2; i++) {
            looks.nth(i).getByRole(AriaRole.BUTTON).last().click();
        }
        Locator told = phone.locator("[aria-label='Its grade'][aria-busy='false'] p");
        assertThat(told.first()).isVisible();
        return String.join("; ", told.allTextContents());
    }

    @Test
    void aRoundWithoutContactOutlivesAReloadAKilledBrowserAndAPulledPlug() throws IOException {
        Page phone = outOnTheRounds();
        List<String> codes = new ArrayList<>();
        for (int i = 0; i < LOOKS; i++) {
            codes.add(answered(phone));
            if (i == 5) {
                assertThat(kept(phone, i + 1)).isVisible();
                phone.reload();
                assertThat(now(phone)).isVisible();
            }
        }
        assertThat(kept(phone, LOOKS)).isVisible();
        assertThat(phone.getByText("No contact since")).isVisible();
        axeClean(phone);
        // The sheet of a graft, the buds, the shelf, a stick and a code are there too.
        phone.navigate("/graft/" + now(phone).textContent());
        assertThat(phone.getByRole(AriaRole.HEADING)).not().hasCount(0);
        for (String page : List.of("/today", "/flush", "/wood", "/trees")) {
            phone.navigate(page);
            assertThat(phone.getByText("Fetching")).hasCount(0);
            assertThat(phone.getByText("Cannot be reckoned")).hasCount(0);
            assertThat(phone.getByText("was not taken along")).hasCount(0);
        }
        String graded = graded(phone);
        phone.keyboard().press(",");
        phone.getByLabel("What to find").fill(codes.get(0));
        assertThat(phone.getByText("as it was when there was contact").first()).isVisible();
        handset.kill();
        // The farm itself is pulled in the middle of taking them.
        phone = handset.again();
        phone.navigate("/done/kept");
        assertThat(kept(phone, LOOKS)).isVisible();
        axeClean(phone);
        assertThat(phone.locator("main li")).hasCount(LOOKS);
        handset.joined();
        lantern.pullThePlug();
        lantern.start();
        assertThat(heading(phone, "Everything is on the farm")).isVisible();
        Assertions.assertThat(acts(CODE)).containsExactlyElementsOf(codes);
        Assertions.assertThat(told(acts().get(0), "device")).isEqualTo("phone");
        Assertions.assertThat(graded(phone)).as("as the farm grades it").isEqualTo(graded);
    }

    @Test
    void graftsOfTheDayAreMadeWithoutContactAndOneIsTakenBack() throws IOException {
        lantern.post("/api/demo-clock", "{\"days\":2}");
        lantern.post("/api/bench-days/" + DAY + "/begin", "{}");
        Page phone = comeIn("Bram");
        phone.navigate("/bench/run/" + DAY);
        assertThat(heading(phone, "The day begins with a clean blade")).isVisible();
        handset.cut();
        phone.reload();
        assertThat(heading(phone, "The day begins with a clean blade")).isVisible();
        assertThat(phone.getByText("No contact since").last()).isVisible();
        // Another comes first: no blade has cut anything yet all the same.
        phone.keyboard().press("l");
        assertThat(phone.getByText("kept on this phone · 1").last()).isVisible();
        assertThat(button(phone, "Made")).hasCount(0);
        phone.keyboard().press("u");
        assertThat(phone.getByText("kept on this phone ·")).hasCount(0);
        phone.keyboard().press("Enter");
        for (int made = 0; made < 4; made++) {
            assertThat(phone.getByText(made + " of 35 made")).isVisible();
            if (phone.getByText("clean your blade").first().isVisible()) {
                phone.keyboard().press("Enter");
            }
            assertThat(button(phone, "Made")).isEnabled();
            phone.keyboard().press("Enter");
        }
        assertThat(phone.getByText("4 of 35 made")).isVisible();
        phone.keyboard().press("u");
        assertThat(phone.getByText("3 of 35 made")).isVisible();
        phone.reload();
        assertThat(phone.getByText("3 of 35 made")).isVisible();
        // Meanwhile somebody threw the wood away: it is asked, and once that was put right they are made.
        String lot = phone.locator(".code", new Page.LocatorOptions().setHasText(Pattern.compile("-W\\d+$")))
                .first()
                .textContent();
        JsonObject wood = asked("/api/lots/" + lot).getAsJsonObject("lot");
        JsonObject out = JsonParser.parseString(lantern.post(
                                "/api/lots/" + wood.get("id") + "/out",
                                "{\"kind\":\"DISCARD\",\"sticks\":" + wood.get("sticksLeft") + "}")
                        .body())
                .getAsJsonObject();
        handset.joined();
        phone.getByText(Pattern.compile("^kept on this phone · 3, to be decided on"))
                .last()
                .click();
        assertThat(phone.getByText("Somebody may just have taken them").first()).isVisible();
        assertThat(phone.getByText("Of which wood").first()).isVisible();
        axeClean(phone);
        lantern.post("/api/acts/" + out.get("actId") + "/undo", "{}");
        for (int left = 3; left > 0; left--) {
            assertThat(phone.getByRole(AriaRole.ARTICLE)).hasCount(left);
            button(phone, "Send it again").first().click();
        }
        assertThat(phone.getByText("kept on this phone")).hasCount(0);
        Assertions.assertThat(asked("/api/bench-days/" + DAY)
                        .getAsJsonObject("progress")
                        .get("made")
                        .getAsInt())
                .isEqualTo(3);
    }

    @Test
    void whatIsOnItsWayIsNotTakenBackUnseenAndIsThereOnce() throws IOException {
        Page phone = outOnTheRounds();
        String code = answered(phone);
        assertThat(kept(phone, 1)).isVisible();
        HeldBack onTheWay = new HeldBack(phone, "/api/looks");
        handset.joined();
        onTheWay.hasSome();
        phone.keyboard().press("u");
        assertThat(phone.getByText("It is just being sent")).isVisible();
        onTheWay.letThrough();
        assertThat(phone.getByText("kept on this phone")).hasCount(0);
        Assertions.assertThat(acts(CODE)).containsExactly(code);
        phone.keyboard().press("u");
        assertThat(phone.getByText("Taken back: " + code)).isVisible();
    }

    @Test
    void whoComesSecondSeesBothSidesAndDecides() throws IOException {
        Page phone = outOnTheRounds();
        String code = answered(phone);
        String other = answered(phone);
        assertThat(kept(phone, 2)).isVisible();
        for (String one : List.of(code, other)) {
            somebodyElseLooks(lantern, one);
        }
        int before = acts().size();
        handset.joined();
        assertThat(phone.getByText("kept on this phone · 2, to be decided on")).isVisible();
        Assertions.assertThat(acts().size()).isEqualTo(before);
        phone.getByText("kept on this phone · 2").click();
        Locator first =
                phone.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(Pattern.compile("^" + code)));
        assertThat(first.getByText(Pattern.compile("answered " + code + " already: nothing yet")))
                .isVisible();
        axeClean(phone);
        first.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Write mine as one look more"))
                .click();
        assertThat(first).hasCount(0);
        Locator second =
                phone.getByRole(AriaRole.ARTICLE, new Page.GetByRoleOptions().setName(Pattern.compile("^" + other)));
        second.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Let mine go"))
                .click();
        second.getByRole(AriaRole.BUTTON, new Locator.GetByRoleOptions().setName("Yes, let mine go"))
                .click();
        assertThat(heading(phone, "Everything is on the farm")).isVisible();
        Assertions.assertThat(acts().size()).isEqualTo(before + 1);
        Assertions.assertThat(told(acts().get(0), "sentence")).startsWith(code);
    }

    @Test
    void aWrongClockDoesNoHarmAndOneThatWasSetIsAskedAbout() throws IOException {
        Page phone = handset.page();
        phone.clock().setSystemTime(System.currentTimeMillis() + DAY_MS);
        comeIn("Bram");
        go(phone, "/rounds");
        assertThat(now(phone)).isVisible();
        handset.cut();
        phone.reload();
        String first = answered(phone);
        assertThat(kept(phone, 1)).isVisible();
        handset.joined();
        assertThat(phone.getByText("kept on this phone ·")).hasCount(0);
        String today = asked("/api/farm").get("today").getAsString();
        Assertions.assertThat(told(acts().get(0), "farmDay")).isEqualTo(today);
        Instant written = Instant.parse(told(acts().get(0), "doneAt"));
        lantern.post("/api/people", "{\"name\":\"Somebody\"}");
        Assertions.assertThat(written)
                .as("by the farm's clock")
                .isBetween(
                        Instant.parse(told(acts().get(0), "doneAt")).minusSeconds(300),
                        Instant.parse(told(acts().get(0), "doneAt")));
        handset.cut();
        String second = answered(phone);
        Assertions.assertThat(second).isNotEqualTo(first);
        assertThat(kept(phone, 1)).isVisible();
        phone.clock().setSystemTime(System.currentTimeMillis() + 3 * DAY_MS);
        handset.joined();
        phone.getByText("kept on this phone · 1, to be decided on").click();
        assertThat(phone.getByText("The clock of this device was set meanwhile"))
                .isVisible();
        Assertions.assertThat(told(acts().get(0), "sentence")).contains("Somebody");
        LocalDate before = LocalDate.parse(today).minusDays(2);
        phone.getByLabel("Which day it was")
                .fill(before.format(DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH)));
        button(phone, "It was then").click();
        assertThat(heading(phone, "Everything is on the farm")).isVisible();
        Assertions.assertThat(told(acts().get(0), "sentence")).startsWith(second);
        Assertions.assertThat(told(acts().get(0), "farmDay")).isEqualTo("" + before);
    }

    @Test
    void whatChangesWhileItIsOnItsWayIsTakenAnew() throws IOException {
        Page phone = handset.page();
        List<String> late = new ArrayList<>();
        phone.route(url -> url.contains("/api/along") && url.contains("spots"), route -> {
            APIResponse before = route.fetch();
            if (late.isEmpty()) {
                late.add(post("/api/spots", "{\"name\":\"Lower Gate\"}"));
                // Long enough for the phone to hear of it.
                phone.waitForTimeout(1_000);
            }
            route.fulfill(new Route.FulfillOptions().setResponse(before));
        });
        comeIn("Bram");
        Assertions.assertThat(late).hasSize(1);
        phone.waitForCondition(() -> handset.holds("/api/spots").contains("Lower Gate"));
    }

    @Test
    void aPhoneThatWasAwayTakesAlongWhatChangedMeanwhileAndNothingElse() throws IOException {
        Page phone = comeIn("Bram");
        List<String> read = new ArrayList<>();
        phone.onRequest(request -> {
            if (request.url().contains("/api/along")) {
                read.addAll(List.of(request.url().split("of=")));
            }
        });
        phone.reload();
        handset.hasTakenAlong();
        Assertions.assertThat(read).as("where nothing changed").hasSizeLessThan(12);
        read.clear();
        phone.navigate("about:blank");
        post("/api/cleaning", "{\"personId\":3,\"occasion\":\"SUSPECT\"}");
        handset.cut();
        phone.navigate("/rounds");
        assertThat(now(phone)).isVisible();
        Assertions.assertThat(handset.holds("/api/cleaning")).doesNotContain("SUSPECT");
        handset.joined();
        handset.hasTakenAlong();
        Assertions.assertThat(handset.holds("/api/cleaning")).contains("SUSPECT");
        Assertions.assertThat(read).as("where a blade was cleaned").hasSizeLessThan(12);
        // What was read in other units meanwhile says so no more once they are as they were.
        go(phone, "/farm");
        choose(list(phone, "Lengths"), "inch");
        choose(list(phone, "Lengths"), "mm");
        read.clear();
        phone.reload();
        handset.hasTakenAlong();
        Assertions.assertThat(read).as("where it was read in inches").hasSizeGreaterThan(100);
    }

    // Whoever waits for a quiet moment only would go out with what was so in the morning.
    @Test
    void whereSomethingChangesAllTheTimeItIsTakenAlongAllTheSame() throws IOException {
        Page phone = handset.page();
        comeIn("Bram");
        go(phone, "/done");
        List<String> taken = new ArrayList<>();
        phone.onRequest(request -> {
            if (request.url().contains("/api/along")) {
                taken.add(request.url());
            }
        });
        for (int turn = 0; turn < 30 && taken.isEmpty(); turn++) {
            lantern.post("/api/people", "{\"name\":\"Hand " + turn + "\"}");
            assertThat(phone.getByText("Hand " + turn + " added")).not().hasCount(0);
            // Less than it waits for a quiet moment; a clock that jumps would make every line too slow.
            phone.waitForTimeout(4_000);
        }
        Assertions.assertThat(taken).isNotEmpty();
        handset.cut();
        go(phone, "/rounds");
        assertThat(now(phone)).isVisible();
    }

    // Without trust there is nobody to stand in for the line: what is loaded works while the page is open.
    @Test
    void aPhoneThatDoesNotTrustTheFarmKeepsWhatIsDoneWhileThePageIsOpen() throws IOException {
        handset.close();
        handset = Handset.trusting(false, lantern.sharedAddress());
        Page phone = comeIn("Bram");
        go(phone, "/rounds");
        assertThat(now(phone)).isVisible();
        handset.cut();
        List<String> codes = List.of(answered(phone), answered(phone), answered(phone));
        assertThat(kept(phone, 3)).isVisible();
        go(phone, "/today");
        assertThat(heading(phone, "Walk, in order")).isVisible();
        // Nobody has been there on this phone yet.
        go(phone, "/wood");
        assertThat(phone.getByRole(AriaRole.HEADING).first()).isVisible();
        assertThat(phone.getByText("cannot be shown now")).hasCount(0);
        handset.joined();
        assertThat(phone.getByText("No contact since")).hasCount(0);
        assertThat(phone.getByText("kept on this phone ·")).hasCount(0);
        Assertions.assertThat(acts(CODE)).containsExactlyElementsOf(codes);
    }

    @Test
    void whatAPhoneStillHeldWhenItWasTakenAwayIsOfferedToAnOwner() throws IOException {
        Page phone = outOnTheRounds();
        String code = answered(phone);
        Page owner = desk(lantern);
        owner.navigate("/farm/phones");
        button(owner, "Take phone away").click();
        assertThat(owner.getByText("None yet.")).isVisible();
        handset.joined();
        assertThat(heading(phone, "Who is at work?")).isVisible();
        owner.reload();
        assertThat(owner.getByText("Bram on phone")).not().hasCount(0);
        axeClean(owner);
        owner.getByRole(AriaRole.BUTTON, new Page.GetByRoleOptions().setName(Pattern.compile("^Write: " + code)))
                .click();
        assertThat(owner.getByText("Done on devices that were taken away")).hasCount(0);
        Assertions.assertThat(told(acts().get(0), "sentence")).startsWith(code);
        Assertions.assertThat(handset.holds()).isEmpty();
    }
}

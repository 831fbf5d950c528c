package baylantern.e2e;

import static baylantern.e2e.Seen.assertThat;

import com.microsoft.playwright.Locator;
import com.microsoft.playwright.Page;
import com.microsoft.playwright.options.AriaRole;
import java.io.IOException;
import java.util.Locale;
import org.junit.jupiter.api.AfterAll;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

/** The farm shared: an owner at its own screen lets devices in and takes them away; they work as their people may. */
class SharingTest extends ScreenTest {

    private static Lantern lantern;

    @BeforeAll
    static void share() {
        lantern = Lantern.shared();
    }

    @AfterAll
    static void end() {
        lantern.close();
    }

    private Page device(int width, int height) throws IOException {
        return open(lantern.sharedAddress(), width, height, "day");
    }

    private static Locator box(Page page, String label) {
        return page.getByLabel(label, new Page.GetByLabelOptions().setExact(true));
    }

    private static Locator told(Page page) {
        return page.getByRole(AriaRole.ALERT);
    }

    static String layOpen(Page owner, String person) {
        button(owner, "Let a device in for " + person).click();
        Locator code = owner.getByRole(AriaRole.DIALOG).locator("p.code");
        assertThat(code).isVisible();
        return code.textContent();
    }

    static void comeIn(Page device, String code, String name) {
        box(device, "The code").fill(code);
        box(device, "What this device is called").fill(name);
        button(device, "Come in").click();
    }

    @Test
    void aPhoneIsLetInWorksAsItsPersonAndIsTakenAway() throws IOException {
        Page owner = desk(lantern);
        owner.navigate("/farm");
        owner.getByText("Who is let in on which device").click();
        assertThat(heading(owner, "Shared in the farm’s own network")).isVisible();
        axeClean(owner);
        Page phone = device(390, 844);
        phone.navigate("/rounds");
        assertThat(heading(phone, "Who is at work?")).isVisible();
        assertThat(phone.getByText("Lantern Bay Terraces")).hasCount(0);
        axeClean(phone);
        String code = layOpen(owner, "Bram");
        axeClean(owner);
        comeIn(phone, "AAAA 3333", "phone");
        assertThat(told(phone)).containsText("This code lets nobody in");
        comeIn(phone, code.toLowerCase(Locale.ROOT), "Bram’s phone");
        assertThat(phone.getByText("Bram, Lantern Bay Terraces")).isVisible();
        assertThat(owner.getByText("Bram’s phone is in, as Bram: works.")).isVisible();
        button(owner, "Good").click();
        // A look on the phone is Bram's, whatever was chosen, and is seen at the farm's own screen with the device.
        go(phone, "/rounds");
        assertThat(phone.getByLabel("Who is looking").first()).isDisabled();
        assertThat(phone.getByLabel("Who is looking").first()).containsText("Bram");
        Locator now = phone.locator("section[aria-label^='Now: '] h2");
        String first = now.textContent();
        phone.keyboard().press(HandsTest.firstKey(phone));
        assertThat(now).not().hasText(first);
        // A hand works, and is offered nothing that only an owner may do.
        go(phone, "/wood/stores");
        assertThat(phone.getByText("Bring a thermometer’s log").first()).isVisible();
        assertThat(heading(phone, "Add a store")).hasCount(0);
        Page done = desk(lantern);
        done.navigate("/done");
        assertThat(done.getByText("Bram on Bram’s phone").first()).isVisible();
        // Taken away, it is asked who is at work, at once, and holds nothing of the farm any more.
        button(owner, "Take Bram’s phone away").click();
        assertThat(heading(phone, "Who is at work?")).isVisible();
        assertThat(phone.getByText(first)).hasCount(0);
        org.assertj.core.api.Assertions.assertThat(phone.evaluate("() => Object.keys(localStorage).join()"))
                .isEqualTo("bay-lantern-choices");
        phone.reload();
        assertThat(heading(phone, "Who is at work?")).isVisible();
        assertThat(owner.getByText("taken away from Bram on Bram’s phone")).isVisible();
    }

    @Test
    void aGuestLooksOnAndACodeThatIsWithdrawnLetsNobodyIn() throws IOException {
        Page owner = desk(lantern);
        owner.navigate("/farm/phones");
        String withdrawn = layOpen(owner, "Teo");
        owner.keyboard().press("Escape");
        assertThat(owner.getByRole(AriaRole.DIALOG)).hasCount(0);
        Page tablet = device(1024, 768);
        tablet.navigate("/");
        comeIn(tablet, withdrawn, "tablet");
        assertThat(told(tablet)).containsText("This code lets nobody in");
        choose(list(owner, "What Teo may do"), "GUEST");
        comeIn(tablet, layOpen(owner, "Teo"), "tablet");
        assertThat(tablet.getByText("Teo looks on, Lantern Bay Terraces")).isVisible();
        button(owner, "Good").click();
        go(tablet, "/rounds");
        Locator now = tablet.locator("section[aria-label^='Now: '] h2");
        String first = now.textContent();
        String answer = HandsTest.firstKey(tablet);
        // A key is what its button is: none, and not among the keys.
        tablet.keyboard().press(answer);
        tablet.keyboard().press("?");
        Locator keys = tablet.getByRole(AriaRole.DIALOG).locator("tbody").first();
        assertThat(keys.getByText("next graft on the walk")).isVisible();
        assertThat(keys.getByText("mark all of the same errand")).hasCount(0);
        assertThat(keys.getByText("I saw something")).hasCount(0);
        tablet.keyboard().press("Escape");
        assertThat(now).hasText(first);
        // What they may not do is not offered; what there is to read stands.
        assertThat(tablet.locator("fieldset button").first()).isHidden();
        assertThat(tablet.getByLabel("How long its longest shoot is, mm")).isHidden();
        assertThat(button(tablet, "Print the round")).isVisible();
        // Whoever may do more from now on is offered it where they stand.
        choose(list(owner, "What Teo may do"), "HAND");
        assertThat(tablet.locator("fieldset button").first()).isVisible();
        tablet.keyboard().press("y");
        assertThat(tablet.getByRole(AriaRole.DIALOG)).isVisible();
        tablet.keyboard().press("Escape");
        choose(list(owner, "What Teo may do"), "GUEST");
        assertThat(tablet.locator("fieldset button").first()).isHidden();
        // By keys only: the way out.
        go(tablet, "/farm");
        assertThat(tablet.locator("span")
                        .filter(new Locator.FilterOptions().setHasText("Nerea"))
                        .first())
                .isVisible();
        assertThat(button(tablet, "Rename Nerea")).hasCount(0);
        assertThat(button(tablet, "Save the place")).hasCount(0);
        assertThat(tablet.getByText("Who is let in on which device")).isHidden();
        button(tablet, "Sign out and wipe this device").focus();
        tablet.keyboard().press("Enter");
        assertThat(heading(tablet, "Who is at work?")).isVisible();
    }

    @Test
    void aPassphraseIsGivenAndLetsIn() throws IOException {
        Page owner = desk(lantern);
        owner.navigate("/farm/phones");
        choose(list(owner, "What Odile may do"), "HAND");
        owner.getByText("Give a passphrase").first().click();
        owner.keyboard().type("short");
        owner.keyboard().press("Enter");
        assertThat(told(owner).or(owner.getByText("12 to 100 letters")).first()).isVisible();
        owner.keyboard().type(" but longer now");
        owner.keyboard().press("Enter");
        assertThat(owner.getByText("Another passphrase, or none")).isVisible();
        Page phone = device(390, 844);
        phone.navigate("/");
        button(phone, "By name and passphrase").click();
        box(phone, "Name").fill("odile");
        box(phone, "Passphrase").fill("short but longer then");
        button(phone, "Come in").click();
        assertThat(told(phone)).containsText("do not go together");
        box(phone, "Passphrase").fill("short but longer now");
        button(phone, "Come in").click();
        assertThat(phone.getByText("Odile, Lantern Bay Terraces")).isVisible();
    }
}

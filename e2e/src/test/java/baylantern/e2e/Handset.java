package baylantern.e2e;

import com.microsoft.playwright.BrowserContext;
import com.microsoft.playwright.BrowserType;
import com.microsoft.playwright.Page;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

/** A phone with a browser and a memory of its own, which can be carried out of reach of the farm and have its battery run out. */
final class Handset implements AutoCloseable {

    private static final int LOOKED_AGAIN_MS = 200;

    /** Its store, opened. */
    private static final String OPENED = """
            const made = await new Promise((done) => {
              const asked = indexedDB.open("bay-lantern");
              asked.onsuccess = () => done(asked.result);
            });
            """;

    private final boolean trusts;
    private final String farm;
    private final Path memory;
    private BrowserContext context;
    private boolean out;

    private Handset(boolean trusts, String farm, Path memory) {
        this.trusts = trusts;
        this.farm = farm;
        this.memory = memory;
    }

    /** A new one, whose browser trusts the farm's certificate, or goes on without. */
    static Handset trusting(boolean trusts, String farm) throws IOException {
        Handset handset = new Handset(trusts, farm, Files.createTempDirectory("bay-lantern-handset"));
        handset.again();
        return handset;
    }

    /** Switched on; out of reach if it was so before. */
    Page again() {
        context = ScreenTest.browserType()
                .launchPersistentContext(
                        memory,
                        new BrowserType.LaunchPersistentContextOptions()
                                .setExecutablePath(ScreenTest.chromium())
                                .setArgs(
                                        trusts
                                                ? ScreenTest.quietly("--ignore-certificate-errors")
                                                : ScreenTest.quietly())
                                .setIgnoreHTTPSErrors(true)
                                .setViewportSize(390, 844)
                                .setHasTouch(true)
                                .setIsMobile(true)
                                .setOffline(out)
                                .setBaseURL(farm));
        return page();
    }

    Page page() {
        Page page = context.pages().get(0);
        page.setDefaultTimeout(ScreenTest.PATIENCE_MS);
        return page;
    }

    /** Every page on it; none where it is switched off. */
    Stream<Page> pages() {
        return context.pages().stream();
    }

    /** Waits until it has what a day away from the farm needs. */
    void hasTakenAlong() {
        page().waitForFunction(
                        "(trusts) => document.documentElement.dataset.along && (!trusts || navigator.serviceWorker.ready.then(() => true))",
                        trusts,
                        new Page.WaitForFunctionOptions().setTimeout(3 * ScreenTest.PATIENCE_MS));
    }

    /** Carried out of reach. */
    void cut() {
        out = true;
        context.setOffline(true);
    }

    /** Carried back. */
    void joined() {
        out = false;
        context.setOffline(false);
    }

    /** What it holds of the farm's answer at an address, as text. */
    String holds(String path) {
        return (String) page().evaluate("async (path) => {" + OPENED + """
                  return new Promise((done) => {
                    const asked = made.transaction("answers").objectStore("answers").get(path);
                    asked.onsuccess = () => done(JSON.stringify(asked.result?.body ?? null));
                  });
                }
                """, path);
    }

    /** What it holds of the farm, by the names of its stores. */
    List<?> holds() {
        return (List<?>) page().evaluate("async () => {" + OPENED + """
                  const held = [];
                  for (const name of made.objectStoreNames) {
                    const count = await new Promise((done) => {
                      const asked = made.transaction(name).objectStore(name).count();
                      asked.onsuccess = () => done(asked.result);
                    });
                    if (count) held.push(name);
                  }
                  return held;
                }
                """);
    }

    /**
     * The battery is empty: nothing of it is asked whether it is ready. It has come to know by heart who is signed in, which
     * a browser takes up to half a minute for.
     */
    void kill() throws IOException {
        for (int waited = 0; !knowsWhoIsSignedIn(); waited += LOOKED_AGAIN_MS) {
            if (waited > ScreenTest.PATIENCE_MS) {
                throw new IllegalStateException("the browser does not keep who is signed in");
            }
            page().waitForTimeout(LOOKED_AGAIN_MS);
        }
        ProcessHandle.allProcesses()
                .filter(one -> one.info()
                        .arguments()
                        .filter(words -> List.of(words).contains("--user-data-dir=" + memory))
                        .isPresent())
                .forEach(ProcessHandle::destroyForcibly);
    }

    private boolean knowsWhoIsSignedIn() throws IOException {
        return new String(Files.readAllBytes(memory.resolve("Default/Cookies")), StandardCharsets.ISO_8859_1)
                .contains("__Host-lantern");
    }

    @Override
    public void close() {
        context.close();
    }
}

package baylantern.app.bench;

import java.util.Map;

/** What is not told of grafts while a trial of it runs, so that neither looks nor counts of that way come before their time. */
public interface HiddenArms {

    /** By graft what is tried in it, as the facts name it. */
    Map<Long, String> hidden();
}

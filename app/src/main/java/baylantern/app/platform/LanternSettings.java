package baylantern.app.platform;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How the application was started.
 *
 * @param demo true for the demo farm
 * @param data the farm's folder; its store and its log lie there
 * @param weatherRuns how many runs of the weather to come a forecast draws; 0 as the rulebook says, fewer for a small machine
 * @param pastLooks how many past looks of a species are gone through at most; 0 as the rulebook says
 * @param sealed true where nobody but this program has written to the store since it closed it
 * @param copies a second folder for copies of the farm; empty for none
 * @param demoTimes how many times as many grafts as usual the demo farm is grown with; 0 grows none
 */
@ConfigurationProperties("lantern")
public record LanternSettings(
        @DefaultValue("false") boolean demo,
        @DefaultValue("") String data,
        @DefaultValue("0") int weatherRuns,
        @DefaultValue("0") int pastLooks,
        @DefaultValue("false") boolean sealed,
        @DefaultValue("") String copies,
        @DefaultValue("1") int demoTimes) {}

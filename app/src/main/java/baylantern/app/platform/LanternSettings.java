package baylantern.app.platform;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * How the application was started; how finely it reckons is said to {@link SaidAtStart}.
 *
 * @param demo true for the demo farm
 * @param data the farm's folder; its store and its log lie there
 * @param sealed true where nobody but this program has written to the store since it closed it
 * @param copies a second folder for copies of the farm; empty for none
 * @param demoTimes how many times as many grafts as usual the demo farm is grown with; 0 grows none
 */
@ConfigurationProperties("lantern")
public record LanternSettings(
        @DefaultValue("false") boolean demo,
        @DefaultValue("") String data,
        @DefaultValue("false") boolean sealed,
        @DefaultValue("") String copies,
        @DefaultValue("1") int demoTimes) {}

package baylantern.app.share;

import org.springframework.boot.context.properties.ConfigurationProperties;
import org.springframework.boot.context.properties.bind.DefaultValue;

/**
 * Whether the farm is shared.
 *
 * @param share true where other devices of the farm's network are let in
 * @param sharePort where they come in; 0 for any port that is free
 */
@ConfigurationProperties("lantern")
record ShareSettings(
        @DefaultValue("false") boolean share,
        @DefaultValue("0") int sharePort) {}

package baylantern.app.share;

import baylantern.app.platform.StartOptions;
import java.io.IOException;
import java.security.GeneralSecurityException;
import java.security.cert.X509Certificate;
import java.util.ArrayList;
import java.util.List;
import org.eclipse.jetty.http.HttpVersion;
import org.eclipse.jetty.server.HttpConfiguration;
import org.eclipse.jetty.server.HttpConnectionFactory;
import org.eclipse.jetty.server.SecureRequestCustomizer;
import org.eclipse.jetty.server.Server;
import org.eclipse.jetty.server.ServerConnector;
import org.eclipse.jetty.server.SslConnectionFactory;
import org.eclipse.jetty.util.ssl.SslContextFactory;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import org.springframework.scheduling.annotation.Scheduled;
import org.springframework.stereotype.Component;

/** The server's second door, into the farm's network over TLS; it is there only where the farm is shared. */
@Component
class SharedDoorDesk {

    private static final Logger LOG = LoggerFactory.getLogger(SharedDoorDesk.class);
    private static final long LOOKED_AT_MS = 30_000;
    private static final int SILENT_MS = 30_000;
    private static final int HEADING_BYTES = 64 << 10;

    private final ShareSettings settings;
    private final Authority authority;
    private final SslContextFactory.Server keys = new SslContextFactory.Server();
    private @Nullable ServerConnector door;
    private FarmNet.@Nullable Here shown;
    private @Nullable X509Certificate certificate;

    SharedDoorDesk(ShareSettings settings, Authority authority) {
        this.settings = settings;
        this.authority = authority;
    }

    /** Opens it; ends the program with a sentence where the farm's authority cannot be used. */
    synchronized void openIn(Server server) {
        try {
            show(FarmNet.here());
        } catch (Authority.Unusable e) {
            throw StartOptions.stop(String.valueOf(e.getMessage()));
        }
        keys.setIncludeProtocols("TLSv1.3", "TLSv1.2");
        HttpConfiguration how = new HttpConfiguration();
        how.setSendServerVersion(false);
        how.setRequestHeaderSize(HEADING_BYTES);
        // Names are looked at at the gate, and a phone asks by address, which says no name here.
        how.addCustomizer(new SecureRequestCustomizer(false));
        ServerConnector made = new ServerConnector(
                server,
                new SslConnectionFactory(keys, HttpVersion.HTTP_1_1.asString()),
                new HttpConnectionFactory(how));
        made.setPort(settings.sharePort());
        made.setIdleTimeout(SILENT_MS);
        server.addConnector(made);
        door = made;
    }

    private void show(FarmNet.Here here) {
        KeyFile.Held held = authority.server(here);
        try {
            keys.setKeyStore(KeyFile.store(held));
            keys.setKeyStorePassword(new String(KeyFile.WORD));
            certificate = held.certificate();
            shown = here;
        } catch (GeneralSecurityException | IOException e) {
            throw new Authority.Unusable("The certificate of this machine cannot be used.", e);
        }
    }

    /** The machine may have got another address meanwhile, and a certificate ends some day: whoever comes then is shown a new one. */
    @Scheduled(initialDelay = LOOKED_AT_MS, fixedDelay = LOOKED_AT_MS)
    synchronized void keepUp() {
        if (!keys.isStarted()) {
            return;
        }
        FarmNet.Here now = FarmNet.here();
        try {
            if (!authority.server(now).certificate().equals(certificate)) {
                keys.reload(same -> show(now));
                LOG.info("Shared now at {}", addresses());
            }
        } catch (Exception e) {
            LOG.warn("The shared door keeps the certificate it has", e);
        }
    }

    /** What the machine goes by, as it was looked at last: to ask its network each time would take too long. */
    synchronized FarmNet.Here here() {
        return shown == null ? FarmNet.here() : shown;
    }

    /** True where the farm is shared. */
    synchronized boolean isOpen() {
        return door != null;
    }

    /** Where other devices find the farm, the best first. */
    synchronized List<String> addresses() {
        if (door == null) {
            return List.of();
        }
        FarmNet.Here here = here();
        String port = ":" + door.getLocalPort();
        List<String> all = new ArrayList<>();
        all.add("https://" + here.best() + port);
        here.names().stream()
                .filter(name -> name.endsWith(".local"))
                .forEach(name -> all.add("https://" + name + port));
        return all;
    }
}

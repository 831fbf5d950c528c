package baylantern.app.care;

import java.util.Collection;
import java.util.HashSet;
import java.util.Set;
import org.springframework.stereotype.Component;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;
import org.springframework.transaction.support.TransactionSynchronization;
import org.springframework.transaction.support.TransactionSynchronizationManager;

/** Grafts whose story ended long before it was written down here: no visits are planned for them as they come in. */
@Component
public class ClosedBooks {

    /** Closes them within the caller's transaction. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void close(Collection<Long> graftIds) {
        Closed closed = (Closed) TransactionSynchronizationManager.getResource(this);
        if (closed == null) {
            closed = new Closed(new HashSet<>());
            TransactionSynchronizationManager.bindResource(this, closed);
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    TransactionSynchronizationManager.unbindResource(ClosedBooks.this);
                }
            });
        }
        closed.ids().addAll(graftIds);
    }

    /** Whether a graft was closed in this transaction. */
    boolean closed(long graftId) {
        return TransactionSynchronizationManager.getResource(this) instanceof Closed closed
                && closed.ids().contains(graftId);
    }

    /** What one transaction closed. */
    private record Closed(Set<Long> ids) {}
}

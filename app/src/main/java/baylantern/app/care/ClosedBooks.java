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
        if (!(TransactionSynchronizationManager.getResource(this) instanceof Set<?>)) {
            TransactionSynchronizationManager.bindResource(this, new HashSet<Long>());
            TransactionSynchronizationManager.registerSynchronization(new TransactionSynchronization() {
                @Override
                public void afterCompletion(int status) {
                    TransactionSynchronizationManager.unbindResource(ClosedBooks.this);
                }
            });
        }
        if (TransactionSynchronizationManager.getResource(this) instanceof HashSet<?> closed) {
            @SuppressWarnings("unchecked")
            HashSet<Long> ids = (HashSet<Long>) closed;
            ids.addAll(graftIds);
        }
    }

    /** Whether a graft was closed in this transaction. */
    boolean closed(long graftId) {
        return TransactionSynchronizationManager.getResource(this) instanceof Set<?> closed && closed.contains(graftId);
    }
}

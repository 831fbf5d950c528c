package baylantern.app.platform;

import java.util.UUID;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Propagation;
import org.springframework.transaction.annotation.Transactional;

/** Which farm this is. What a device kept for another is not written here unseen. */
@Service
public class FarmMark {

    private final RequestMapper requests;

    FarmMark(RequestMapper requests) {
        this.requests = requests;
    }

    /** Its mark. */
    public String here() {
        return requests.farmMark();
    }

    /** From now on another: one was brought in, or this one goes back to a copy. */
    @Transactional(propagation = Propagation.MANDATORY)
    public void another() {
        Rows.one(requests.saveFarmMark(UUID.randomUUID().toString()));
    }
}

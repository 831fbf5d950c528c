package baylantern.app.wood;

import java.util.List;
import org.springframework.stereotype.Service;

/** The ledger of a lot, oldest first. */
@Service
class LedgerBook {

    private final LotMapper mapper;

    LedgerBook(LotMapper mapper) {
        this.mapper = mapper;
    }

    List<LedgerRow> of(long lotId) {
        return mapper.ledger(lotId);
    }
}

package baylantern.core.fit.contact;

import baylantern.core.rules.FitRules;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** The model of every technique. */
public final class ContactModels {

    private final Map<String, ContactModel> models = new LinkedHashMap<>();

    /** All models under these figures. */
    public ContactModels(FitRules rules) {
        List.of(
                        new CleftContact(rules),
                        new OffsetCleftContact(rules),
                        new WhipContact(rules),
                        new TongueContact(rules),
                        new SteppedContact(rules),
                        new VToolContact(rules),
                        new VeneerContact(rules),
                        new SideSpliceContact(rules),
                        new BarkContact(rules),
                        new TBudContact(rules),
                        new InvertedTContact(rules),
                        new ChipContact(rules),
                        new ApproachContact(rules))
                .forEach(model -> models.put(model.key(), model));
    }

    /** The model of a technique, empty where there is none. */
    public Optional<ContactModel> model(String techniqueKey) {
        return Optional.ofNullable(models.get(techniqueKey));
    }
}

package baylantern.app.fit;

import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.bench.TakeRow;
import baylantern.app.place.PlaceService;
import baylantern.app.place.Site;
import baylantern.app.platform.FarmProblem;
import baylantern.app.platform.Rows;
import baylantern.app.platform.TrailService;
import baylantern.core.care.GraftState;
import baylantern.core.fit.FitRefused;
import baylantern.core.fit.Round;
import baylantern.core.fit.choice.BenchCase;
import baylantern.core.fit.choice.BenchCase.Growth;
import baylantern.core.fit.choice.BenchCase.Slips;
import baylantern.core.rules.FitRules.Needs;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.take.Belief;
import baylantern.core.take.KinPooling;
import baylantern.core.take.KinPrior;
import baylantern.core.take.TakeCount;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;
import org.springframework.transaction.annotation.Transactional;

/** Makes bench cases: the farm's own takes with each technique on a species, and the maker's hand. */
@Service
class CaseService {

    private static final int PRACTISED = 2;
    private static final int USUAL_BUDS = 3;

    private static final List<String> HANDS = List.of("a beginner's", "practised", "steady");

    private final Rulebook rules;
    private final GraftService grafts;
    private final FitMapper fits;

    private final TrailService trail;
    private final PlaceService places;

    CaseService(Rulebook rules, GraftService grafts, FitMapper fits, TrailService trail, PlaceService places) {
        this.places = places;
        this.trail = trail;
        this.rules = rules;
        this.grafts = grafts;
        this.fits = fits;
    }

    /** Own takes by technique: what is believed and how many grafts are decided. */
    record Takes(Map<String, Belief> beliefs, Map<String, Integer> tried) {

        /** Nothing tried here. */
        static final Takes NONE = new Takes(Map.of(), Map.of());
    }

    /** Takes of a species by technique, pooled among techniques. */
    Takes takes(String speciesKey) {
        GraftFilter filter = new GraftFilter(null, speciesKey, null, null, null, null, null, null, null, null);
        Map<List<String>, TakeCount> leaves = new LinkedHashMap<>();
        for (TakeRow row : grafts.takes("variety-technique", filter)) {
            if (row.techniqueKey() != null) {
                leaves.merge(List.of(row.techniqueKey()), count(row), TakeCount::plus);
            }
        }
        KinPooling pooling = new KinPooling(leaves, KinPrior.lasting(rules));
        Map<String, Belief> beliefs = new HashMap<>();
        Map<String, Integer> tried = new HashMap<>();
        leaves.forEach((path, count) -> {
            if (count.decided() > 0) {
                beliefs.put(path.get(0), pooling.belief(path));
                tried.put(path.get(0), count.decided());
            }
        });
        return new Takes(beliefs, tried);
    }

    private static TakeCount count(TakeRow row) {
        boolean taken = row.outcome() == GraftState.Outcome.TAKEN;
        boolean failed = row.outcome() == GraftState.Outcome.FAILED;
        return new TakeCount(taken ? row.grafts() : 0, failed ? row.grafts() : 0, 0, 0);
    }

    /** A case under what the grower said; takes are read once for a batch. */
    BenchCase of(CaseEntry entry, Takes takes, Round scion, Round stock) {
        return of(entry, takes, skill(entry.makerId()), scion, stock);
    }

    private BenchCase of(CaseEntry entry, Takes takes, int skill, Round scion, Round stock) {
        return new BenchCase(
                new BenchCase.Pieces(
                        species("scionSpecies", entry.scionSpecies()),
                        species("stockSpecies", entry.stockSpecies()),
                        scion,
                        stock),
                entry.slips(),
                entry.wood(),
                entry.growth(),
                entry.keepTop(),
                new BenchCase.Hand(skill, entry.buds(), tool()),
                takes.beliefs(),
                takes.tried());
    }

    private boolean tool() {
        return places.site().map(Site::handTool).orElse(false);
    }

    /** A case of which only the species, the hand and the sizes are known. */
    BenchCase logged(String scion, String stock, Takes takes, int skill, Round scionRound, Round stockRound) {
        CaseEntry entry =
                new CaseEntry(scion, stock, Slips.UNKNOWN, Needs.STICK, Growth.UNKNOWN, false, null, USUAL_BUDS);
        return of(entry, takes, skill, scionRound, stockRound);
    }

    /** The species with this key; throws {@link FitRefused} naming the field where there is none. */
    Species species(String field, String key) {
        return rules.species(key)
                .orElseThrow(() ->
                        new FitRefused(field, key, "a species of the rulebook", "There is no species " + key + "."));
    }

    /** Skill of a person, practised where nobody said. */
    int skill(@Nullable Long personId) {
        return personId == null
                ? PRACTISED
                : hands().stream()
                        .filter(h -> h.personId() == personId)
                        .map(FitMapper.Hand::skill)
                        .findFirst()
                        .orElse(PRACTISED);
    }

    /** Says how practised a hand is, 1 to 3. */
    @Transactional
    public void setSkill(long personId, int skill) {
        if (skill < 1 || skill > 3) {
            throw FarmProblem.wrong(
                    "skill", skill, "1 to 3", "A hand is a beginner's (1), practised (2) or steady (3).");
        }
        trail.follow("A hand told as " + HANDS.get(skill - 1));
        Rows.one(fits.setHand(personId, skill));
    }

    List<FitMapper.Hand> hands() {
        return fits.hands();
    }
}

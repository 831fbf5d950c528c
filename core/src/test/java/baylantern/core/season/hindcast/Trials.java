package baylantern.core.season.hindcast;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.Species;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Rhythm;
import baylantern.core.season.account.Skies;
import baylantern.core.season.account.SkyDays;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.farms.Kind;
import baylantern.core.season.farms.MadeUpFarm;
import baylantern.core.season.farms.Watch;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

/**
 * Forecasts on farms whose truth is known, told on the days people look, beside the plain ways to tell: the species
 * prior, last year's date, the tree's median interval, and warmth alone.
 */
final class Trials {

    static final Rulebook RULES = Rulebook.shipped();
    static final int LEARNED_DAYS = 400;
    private static final int PAST_LOOKS = (int) RULES.flush().value(FigureName.PAST_LOOKS);

    /** One range told, whether or not anybody saw what came; the days to the true swell, and what the plain ways told. */
    record Trial(Hindcast.Foretold told, int truth, double prior, double lastYear, double median, double warmthOnly) {

        boolean held() {
            return told.range().low() - 0.5 <= truth && truth <= told.range().high() + 0.5;
        }
    }

    private final Species species;
    private final Kind kind;
    private final int trees;
    private final int days;
    private int farms;
    final List<Trial> trials = new ArrayList<>();
    private final List<Double> reckoned = new ArrayList<>();

    Trials(Kind kind, int farms, int trees, int days) {
        this.kind = kind;
        this.species = RULES.species(kind.species).orElseThrow();
        this.trees = trees;
        this.days = days;
        more(farms);
    }

    /** Tries as many farms more. */
    void more(int count) {
        for (int last = farms + count; farms < last; ) {
            farms++;
            farm(kind.farm(trees, days, farms));
        }
    }

    private void farm(MadeUpFarm farm) {
        List<TreeRecord> records = Watch.records(farm);
        LocalDate last = MadeUpFarm.START.plusDays(farm.days() - 1L);
        Watch watch = new Watch(species, farm.weather, kind.latitudeDeg, MadeUpFarm.START.minusDays(200), last);
        Skies skies = watch.skies;
        List<Hindcast.Foretold> everyLook = new ArrayList<>();
        Hindcast hindcast =
                new Hindcast(watch.grounds, records, skies, (int) last.toEpochDay(), PAST_LOOKS, everyLook::add);
        hindcast.told().stream()
                .filter(told -> learned(told.said().day()))
                .mapToDouble(Hindcast.Told::held)
                .forEach(reckoned::add);
        Plain plain = new Plain(records, watch);
        for (Hindcast.Foretold told : everyLook) {
            int day = told.day();
            int truth = farm.trees.get((int) told.plant() - 1).swells().stream()
                    .mapToInt(swell -> (int) swell.toEpochDay() - day)
                    .filter(ahead -> ahead > 0)
                    .findFirst()
                    .orElse(-1);
            if (truth > 0 && learned(day)) {
                TreeRecord then = records.get((int) told.plant() - 1).until(day);
                trials.add(new Trial(
                        told,
                        truth,
                        told.prior(),
                        plain.lastYear(then, day),
                        plain.median(then, day),
                        plain.warmth(then, day, skies.from(day).get(0))));
            }
        }
    }

    private static boolean learned(int day) {
        return day - MadeUpFarm.START.toEpochDay() >= LEARNED_DAYS;
    }

    /** The plain ways. */
    private static final class Plain {
        private static final int SPECIES_DAYS = 120;
        private final List<TreeRecord> records;
        private final Watch watch;
        private final Map<Integer, Accounts> accounts = new HashMap<>();

        Plain(List<TreeRecord> records, Watch watch) {
            this.records = records;
            this.watch = watch;
        }

        double lastYear(TreeRecord then, int day) {
            return then.swells().stream()
                    .mapToInt(swell -> swell.day() + 365 - day)
                    .filter(ahead -> ahead > 0)
                    .min()
                    .orElse(SPECIES_DAYS);
        }

        double median(TreeRecord then, int day) {
            List<TreeRecord.Seen> swells = then.swells();
            int[] gaps = new int[Math.max(0, swells.size() - 1)];
            for (int i = 0; i < gaps.length; i++) {
                gaps[i] = swells.get(i + 1).day() - swells.get(i).day();
            }
            Arrays.sort(gaps);
            int usual = gaps.length == 0 ? SPECIES_DAYS : gaps[gaps.length / 2];
            return swells.isEmpty()
                    ? usual / 2.0
                    : Math.max(1, swells.get(swells.size() - 1).day() + usual - day);
        }

        // Two-level warmth from swell to swell, given that it has not come yet.
        double warmth(TreeRecord then, int day, SkyDays sky) {
            if (then.swells().isEmpty()) {
                return SPECIES_DAYS / 2.0;
            }
            Rhythm next = accounts.computeIfAbsent(day / 60 * 60, this::learned).rhythm(then.plant());
            double begun =
                    sky.warmth(then.swells().get(then.swells().size() - 1).day());
            double gone = sky.warmth(day) - begun;
            double share = 0;
            while (share < 0.999 && next.warmthAt(Math.max(1e-9, share)) < gone) {
                share += 0.002;
            }
            double left = next.warmthAt(Math.min(0.999_999, share + (1 - share) / 2));
            return Math.min(430, sky.reaching(begun + left, day) - day);
        }

        private Accounts learned(int until) {
            return Accounts.learn(
                    watch.grounds,
                    records.stream().map(tree -> tree.until(until)).toList(),
                    watch.skies.past());
        }
    }

    double held() {
        return trials.stream().filter(Trial::held).count() / (double) trials.size();
    }

    /** How often it held as the farm itself reckons it, not knowing the truth. */
    double reckonedHeld() {
        return reckoned.stream().mapToDouble(Double::doubleValue).average().orElse(0);
    }

    double error() {
        return mean(t -> t.told.range().mid());
    }

    private double mean(java.util.function.ToDoubleFunction<Trial> told) {
        return trials.stream()
                .mapToDouble(t -> Math.abs(told.applyAsDouble(t) - t.truth))
                .average()
                .orElse(0);
    }

    double priorError() {
        return mean(Trial::prior);
    }

    double warmthError() {
        return mean(Trial::warmthOnly);
    }

    /** The error of the best plain way. */
    double plainError() {
        return Math.min(
                Math.min(mean(Trial::prior), mean(Trial::lastYear)),
                Math.min(mean(Trial::median), mean(Trial::warmthOnly)));
    }

    List<Trial> at(int lead) {
        return trials.stream()
                .filter(t -> Widths.lead(t.told.range().mid()) == lead)
                .toList();
    }

    @Override
    public String toString() {
        StringBuilder said = new StringBuilder(String.format(
                "%s %.0f°: %d looks, held %.2f (reckoned %.2f), error %.1f d; prior %.1f, last year %.1f, median %.1f,"
                        + " warmth %.1f; by lead",
                kind.species,
                kind.latitudeDeg,
                trials.size(),
                held(),
                reckonedHeld(),
                error(),
                mean(Trial::prior),
                mean(Trial::lastYear),
                mean(Trial::median),
                mean(Trial::warmthOnly)));
        for (int lead = 0; lead < Widths.LEADS.size(); lead++) {
            List<Trial> own = at(lead);
            said.append(String.format(
                    " %.2f of %d",
                    own.stream().filter(Trial::held).count() / (double) Math.max(1, own.size()), own.size()));
        }
        return said.toString();
    }
}

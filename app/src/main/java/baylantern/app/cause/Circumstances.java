package baylantern.app.cause;

import baylantern.app.bench.Graft;
import baylantern.app.care.CareRecord;
import baylantern.app.season.FirstWeeks;
import baylantern.core.rules.CauseRules;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Kinship;
import baylantern.core.rules.Rulebook;
import baylantern.core.season.warmth.Hazard;
import baylantern.core.season.weather.WeatherDay;
import java.time.LocalDate;
import java.time.temporal.ChronoUnit;
import java.util.Collections;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;
import org.springframework.stereotype.Component;

/** Reads from the record what speaks for or against a cause. */
@Component
class Circumstances {

    private static final int FIRST_DAYS = 3;

    private final FirstWeeks weather;
    private final Rulebook rules;
    private final CauseRules causes;

    Circumstances(FirstWeeks weather, Rulebook rules) {
        this.weather = weather;
        this.rules = rules;
        this.causes = rules.causes();
    }

    /** What all grafts of a species made on a day share: the weather after it. */
    Set<String> shared(String speciesKey, LocalDate day) {
        Set<String> found = new TreeSet<>();
        FirstWeeks.Weeks weeks = weather.after(speciesKey, day);
        for (Hazard hazard : weeks.hazards()) {
            switch (hazard.kind()) {
                case FROST -> found.add("FROST");
                case HEAT -> found.add("HOT_DAYS");
                case HOT_DRY_WIND -> found.add("HOT_WIND");
                default -> {}
            }
        }
        List<WeatherDay> days = weeks.days();
        if (weeks.healing() / days.size() < causes.value(FigureName.CAUSE_COOL)) {
            found.add("COOL");
        }
        List<WeatherDay> first = days.subList(0, Math.min(FIRST_DAYS, days.size()));
        double most = first.stream().mapToDouble(WeatherDay::rainMm).max().orElse(0);
        if (most >= causes.value(FigureName.CAUSE_RAIN_WET)) {
            found.add("WET_START");
        } else if (most < causes.value(FigureName.CAUSE_RAIN_DRY)) {
            found.add("DRY_START");
        }
        return found;
    }

    /** What is on record of one graft alone. */
    Set<String> own(Graft graft, CareRecord.Told care) {
        Set<String> found = new TreeSet<>();
        contact(graft, found);
        wood(graft, found);
        kin(graft, found);
        causes.circumstances().forEach((key, rule) -> {
            if (!Collections.disjoint(rule.late(), care.late())) {
                found.add(key);
            }
        });
        found.add(care.pushed() ? "DIED_LATE" : "DIED_SOON");
        return found;
    }

    private void contact(Graft graft, Set<String> found) {
        Double met = graft.fit().fitMet();
        Double whole = graft.fit().fitWhole();
        if (met != null && whole != null && whole > 0) {
            double share = met / whole;
            if (share < causes.value(FigureName.CAUSE_CONTACT_LOW)) {
                found.add("CONTACT_LOW");
            } else if (share >= causes.value(FigureName.CAUSE_CONTACT_GOOD)) {
                found.add("CONTACT_GOOD");
            }
        }
    }

    private void wood(Graft graft, Set<String> found) {
        if (graft.woodCutOn() != null) {
            long days = ChronoUnit.DAYS.between(graft.woodCutOn(), graft.madeOn());
            if (days > causes.value(FigureName.CAUSE_WOOD_OLD)) {
                found.add("WOOD_OLD");
            } else if (days <= causes.value(FigureName.CAUSE_WOOD_FRESH)) {
                found.add("WOOD_FRESH");
            }
        }
    }

    private void kin(Graft graft, Set<String> found) {
        Kinship kinship = rules.kinship(
                rules.species(graft.speciesKey()).orElseThrow(),
                rules.species(graft.on().plantSpeciesKey()).orElseThrow());
        found.add(
                switch (kinship.verdict()) {
                    case GOOD, USUAL -> "NEAR_KIN";
                    case TRIAL, REFUSED -> "FAR_KIN";
                });
    }
}

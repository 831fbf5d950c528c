package baylantern.core.bench;

import baylantern.core.rules.Figure;
import baylantern.core.rules.Finding;
import baylantern.core.rules.Kinship;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What stops a graft from being logged, and what only warns. */
public final class BenchChecks {

    /** Diameters outside this are a slip of the finger, not a stem. */
    public static final double LEAST_MM = 0.5;

    public static final double MOST_MM = 500;

    private final Rulebook rules;

    public BenchChecks(Rulebook rules) {
        this.rules = rules;
    }

    /** All findings, refusals first. */
    public List<Finding> check(Bench bench, LocalDate today) {
        List<Finding> found = new ArrayList<>();
        kinship(bench, found);
        dates(bench, today, found);
        technique(bench, found);
        diameter("scionMm", "scion", bench.scionMm(), found);
        diameter("stockMm", "stock", bench.stockMm(), found);
        sizes(bench, found);
        stem(bench, found);
        rights(bench, found);
        found.sort((a, b) -> a.weight().compareTo(b.weight()));
        return List.copyOf(found);
    }

    private void kinship(Bench bench, List<Finding> found) {
        Kinship kinship = rules.kinship(bench.scion(), bench.stock());
        String pair = bench.scion().name() + " on " + bench.stock().name();
        if (kinship.verdict() == Kinship.Verdict.REFUSED) {
            found.add(Finding.refuses(
                    "kinship",
                    "plantId",
                    pair + " cannot join: " + bench.scion().family() + " on "
                            + bench.stock().family() + ", " + kinship.why(),
                    pair,
                    bench.scion().family()));
        } else if (kinship.verdict() == Kinship.Verdict.TRIAL) {
            found.add(Finding.warns("kinship", "plantId", pair + " is a trial: " + kinship.why(), pair, "same genus"));
        }
    }

    private void dates(Bench bench, LocalDate today, List<Finding> found) {
        if (bench.madeOn().isAfter(today)) {
            found.add(Finding.refuses(
                    "future", "madeOn", "The day it was made lies ahead of today", bench.madeOn(), "up to " + today));
        }
        if (bench.woodCutOn() != null && bench.woodCutOn().isAfter(bench.madeOn())) {
            found.add(Finding.refuses(
                    "wood-after",
                    "woodCutOn",
                    "The wood was cut after the graft was made",
                    bench.woodCutOn(),
                    "up to " + bench.madeOn()));
        }
    }

    private void technique(Bench bench, List<Finding> found) {
        String key = bench.technique().key();
        String reason = bench.scion().refusedTechniques().get(key);
        if (reason == null) {
            reason = bench.stock().refusedTechniques().get(key);
        }
        if (reason != null) {
            found.add(Finding.refuses(
                    "technique",
                    "techniqueKey",
                    "A " + bench.technique().name() + " does not work here: " + reason,
                    bench.technique().name(),
                    null));
        }
    }

    private void diameter(String field, String what, @Nullable Double mm, List<Finding> found) {
        if (mm != null && !(mm >= LEAST_MM && mm <= MOST_MM)) {
            found.add(Finding.refuses(
                    "diameter",
                    field,
                    "The " + what + " diameter is not one a stem can have",
                    Quantity.mm(mm),
                    Quantity.mm(LEAST_MM, MOST_MM)));
        }
    }

    private void sizes(Bench bench, List<Finding> found) {
        if (bench.stockMm() != null) {
            warnOutside(
                    "stock-size",
                    "stockMm",
                    "stock",
                    bench.stockMm(),
                    bench.technique().stockMm(),
                    "mm",
                    bench,
                    found);
        }
        if (bench.stockMm() != null && bench.scionMm() != null && bench.stockMm() > 0) {
            double ratio = bench.scionMm() / bench.stockMm();
            warnOutside(
                    "ratio",
                    "scionMm",
                    "ratio of scion to stock",
                    ratio,
                    bench.technique().ratio(),
                    "",
                    bench,
                    found);
        }
    }

    private void warnOutside(
            String rule,
            String field,
            String what,
            double x,
            Figure range,
            String unit,
            Bench bench,
            List<Finding> found) {
        if (!range.spans(x)) {
            String valid = Quantity.of(range.low(), range.high(), unit);
            found.add(Finding.warns(
                    rule,
                    field,
                    "The " + what + " of " + Quantity.of(x, unit) + " is outside what a "
                            + bench.technique().name() + " likes, " + valid + ": " + range.why(),
                    Quantity.of(x, unit),
                    valid));
        }
    }

    private void stem(Bench bench, List<Finding> found) {
        if (bench.liveGraftOnStem() != null) {
            found.add(Finding.refuses(
                    "stem-taken",
                    "stemId",
                    "This stem already carries " + bench.liveGraftOnStem() + ", which is still alive or waiting",
                    bench.liveGraftOnStem(),
                    "a free stem"));
        }
    }

    private void rights(Bench bench, List<Finding> found) {
        if (bench.protectedVariety()) {
            found.add(Finding.warns(
                    "protected",
                    "varietyId",
                    "This variety is protected: it may not be propagated without a licence; ask the holder or the authority",
                    null,
                    null));
        }
    }
}

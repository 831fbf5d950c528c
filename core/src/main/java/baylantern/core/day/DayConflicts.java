package baylantern.core.day;

import baylantern.core.rules.FigureName;
import baylantern.core.rules.Finding;
import baylantern.core.rules.FlushRules;
import baylantern.core.season.window.Wick;
import baylantern.core.season.window.WindowDay;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;

/** What speaks against a graft day: each in a sentence with its figures. Nothing here refuses; the grower decides. */
public final class DayConflicts {

    private static final double PCT = 100;

    private final FlushRules rules;

    public DayConflicts(FlushRules rules) {
        this.rules = rules;
    }

    /**
     * Reads the conflicts of a day.
     *
     * @param scored the day as the window sees it
     * @param pinch the pinching that leads to it
     * @param wood name of the wood, {@code stocks} of the stocks
     * @param floweredInYears years in which the parent was seen in flower about this time
     */
    public List<Finding> of(
            WindowDay scored,
            GraftDay.StepDay pinch,
            String wood,
            String stocks,
            List<Integer> floweredInYears,
            LocalDate today) {
        List<Finding> found = new ArrayList<>();
        boolean tooLateToPinch = today.isAfter(pinch.latest());
        wick(found, "stock", scored.stock(), stocks + " will hardly be active");
        if (scored.wood() < rules.value(FigureName.LIT_FROM)) {
            String why = tooLateToPinch
                    ? wood + " will not be ready, and pinching comes too late: it should have been done by "
                            + pinch.latest()
                    : wood + " will not be ready: its buds will have opened, or be too soft or tight";
            wick(found, "wood", scored.wood(), why);
        } else if (scored.pinched() && tooLateToPinch) {
            found.add(Finding.warns(
                    "pinchPast",
                    "day",
                    wood + " counts as ready only if its tips were pinched between " + pinch.earliest() + " and "
                            + pinch.latest() + ".",
                    pinch.latest(),
                    "by " + pinch.latest()));
        }
        if (scored.healing() > 0 && scored.weather() < rules.value(FigureName.LIT_FROM)) {
            wick(
                    found,
                    "weather",
                    scored.weather(),
                    "A cool or dangerous spell is likely: healing at " + Math.round(scored.healing() * PCT)
                            + " % of the best rate, safety " + Math.round(scored.risk() * PCT) + " %");
        }
        if (!floweredInYears.isEmpty()) {
            found.add(Finding.warns(
                    "flowering",
                    "varietyId",
                    wood + " was in flower about this time in " + floweredInYears + "; look before you cut wood.",
                    floweredInYears,
                    "not in flower"));
        }
        return List.copyOf(found);
    }

    private void wick(List<Finding> found, String wick, double score, String why) {
        Wick.Level level = Wick.level(score, rules.value(FigureName.LIT_FROM), rules.value(FigureName.LOW_FROM));
        if (level != Wick.Level.LIT) {
            found.add(Finding.warns(
                    wick,
                    "day",
                    why + " (" + Math.round(score * PCT) + " of 100; lit from "
                            + Math.round(rules.value(FigureName.LIT_FROM) * PCT) + ").",
                    Math.round(score * PCT),
                    "from " + Math.round(rules.value(FigureName.LIT_FROM) * PCT)));
        }
    }
}

package baylantern.app.wood;

import baylantern.app.place.PlaceService;
import baylantern.app.place.Variety;
import baylantern.app.platform.FarmClock;
import baylantern.app.season.WarmthService;
import baylantern.core.rules.Figure;
import baylantern.core.rules.FigureName;
import baylantern.core.rules.Rulebook;
import baylantern.core.rules.WoodRules.Grade;
import baylantern.core.season.warmth.HealingClock;
import baylantern.core.wood.LotBalance;
import baylantern.core.wood.Supply;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import org.springframework.beans.factory.ObjectProvider;
import org.springframework.stereotype.Service;

/** Sticks needed by the plans against sticks on the shelf and shoots on their way. */
@Service
class SupplyService {

    private final LotDesk desk;
    private final ShootService shoots;
    private final PlaceService places;
    private final WarmthService warmth;
    private final ObjectProvider<WoodNeed> needs;
    private final Rulebook rules;
    private final FarmClock clock;

    SupplyService(
            LotDesk desk,
            ShootService shoots,
            PlaceService places,
            WarmthService warmth,
            ObjectProvider<WoodNeed> needs,
            Rulebook rules,
            FarmClock clock) {
        this.desk = desk;
        this.shoots = shoots;
        this.places = places;
        this.warmth = warmth;
        this.needs = needs;
        this.rules = rules;
        this.clock = clock;
    }

    /** A need, what serves it, and what to do about the rest. */
    record SupplyLine(
            long varietyId,
            String varietyName,
            String name,
            LocalDate day,
            int sticks,
            List<Supply.Share> shares,
            int missing,
            String advice) {}

    /** Needs by variety in the order of their days, and usable sticks no plan asks for. */
    record SupplyView(List<SupplyLine> lines, int spareSticks) {}

    SupplyView supply() {
        List<WoodNeed.Planned> planned =
                needs.stream().flatMap(n -> n.planned().stream()).toList();
        List<LotView> lots = desk.shelf().stream()
                .filter(l -> l.refusal() == null && l.grade() != Grade.X)
                .toList();
        List<SupplyLine> lines = new ArrayList<>();
        for (Variety variety : places.varieties()) {
            List<WoodNeed.Planned> own =
                    planned.stream().filter(p -> p.varietyId() == variety.id()).toList();
            if (!own.isEmpty()) {
                Supply.serve(own.stream().map(this::need).toList(), offers(variety, lots))
                        .forEach(served -> lines.add(line(variety, served)));
            }
        }
        lines.sort(java.util.Comparator.comparing(SupplyLine::day).thenComparing(SupplyLine::varietyName));
        int given = lines.stream()
                .flatMap(l -> l.shares().stream())
                .filter(Supply.Share::sure)
                .mapToInt(Supply.Share::sticks)
                .sum();
        return new SupplyView(lines, lots.stream().mapToInt(LotView::sticksLeft).sum() - given);
    }

    // A stick for each graft; of single buds a usual stick gives as many as it carries.
    private Supply.Need need(WoodNeed.Planned planned) {
        double perStick = planned.unit() == LotBalance.Unit.BUD ? rules.wood().value(FigureName.BUDS_PER_STICK) : 1;
        int sticks = (int) Math.ceil(planned.grafts() / perStick);
        return new Supply.Need(planned.name(), planned.day(), sticks);
    }

    private List<Supply.Offer> offers(Variety variety, List<LotView> lots) {
        List<Supply.Offer> offers = new ArrayList<>();
        lots.stream()
                .filter(l -> l.varietyId() == variety.id())
                .forEach(l -> offers.add(new Supply.Offer(l.code(), l.sticksLeft(), l.cutOn(), l.goodMid(), true)));
        shoots.shoots().stream()
                .filter(s -> Objects.equals(s.varietyId(), variety.id()) && s.refusal() == null)
                .forEach(s -> offers.add(new Supply.Offer(
                        s.plantCode(),
                        s.sticksExpected(),
                        s.conditioning().earliest(),
                        s.conditioning().latest(),
                        false)));
        return offers;
    }

    private SupplyLine line(Variety variety, Supply.Served served) {
        return new SupplyLine(
                variety.id(),
                variety.name(),
                served.need().name(),
                served.need().day(),
                served.need().sticks(),
                served.shares(),
                served.missing(),
                served.missing() == 0 ? firm(served) : advice(variety, served));
    }

    private static String firm(Supply.Served served) {
        int shoots = served.shares().stream()
                .filter(s -> !s.sure())
                .mapToInt(Supply.Share::sticks)
                .sum();
        return shoots == 0
                ? "On the shelf."
                : "Look at the pinched shoots: " + shoots + " of these sticks are still on the tree.";
    }

    private String advice(Variety variety, Supply.Served served) {
        Figure pinch = rules.flush().figure(FigureName.PINCH);
        HealingClock healing = warmth.healing(variety.speciesKey());
        LocalDate day = served.need().day();
        LocalDate last = healing.before(day, pinch.low());
        int missing = served.missing();
        if (!last.isBefore(clock.today())) {
            int count = (int) Math.ceil(missing * rules.flush().value(FigureName.SPARE));
            LocalDate best = healing.before(day, pinch.value());
            LocalDate from = best.isBefore(clock.today()) ? clock.today() : best;
            return "Pinch " + count + (count == 1 ? " shoot" : " shoots") + " from " + from + ", by " + last
                    + " at the latest.";
        }
        return "Too late to pinch: cut " + missing + " that swell by themselves by " + day + ", or ask a neighbour.";
    }
}

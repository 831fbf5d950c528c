package baylantern.app.exchange;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftService;
import baylantern.app.care.CareService;
import baylantern.app.care.VisitRow;
import baylantern.app.day.DayService;
import baylantern.app.platform.FarmClock;
import baylantern.core.day.GraftDay;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Method;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Date;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.springframework.stereotype.Service;

/**
 * The visits to come as an iCalendar (RFC 5545): one whole-day event for each day, place and kind of visit; and the steps
 * of every planned graft day.
 */
@Service
class VisitCalendar {

    private static final int DAYS_BACK = 14;
    private static final int DAYS_AHEAD = 400;
    private static final int CODES_SHOWN = 40;

    private final CareService care;
    private final GraftService grafts;
    private final Rulebook rules;
    private final FarmClock clock;
    private final DayService days;

    VisitCalendar(CareService care, GraftService grafts, Rulebook rules, FarmClock clock, DayService days) {
        this.care = care;
        this.grafts = grafts;
        this.rules = rules;
        this.clock = clock;
        this.days = days;
    }

    private record Slot(LocalDate day, String place, String kind) {}

    String text() {
        LocalDate today = clock.today();
        List<VisitRow> visits = care.between(today.minusDays(DAYS_BACK), today.plusDays(DAYS_AHEAD));
        Map<Long, Graft> byId = grafts
                .byIds(visits.stream().map(VisitRow::graftId).distinct().toList())
                .stream()
                .collect(Collectors.toMap(Graft::id, Function.identity()));
        Map<Slot, List<String>> slots = new LinkedHashMap<>();
        for (VisitRow visit : visits) {
            Graft graft = Objects.requireNonNull(byId.get(visit.graftId()));
            slots.computeIfAbsent(new Slot(visit.target(), graft.spotName(), visit.kind()), k -> new ArrayList<>())
                    .add(graft.code());
        }
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Bay Lantern//visits//EN");
        calendar.setMethod(Method.publish());
        slots.forEach((slot, codes) -> calendar.addEvent(event(slot, codes)));
        days.plans().forEach(plan -> plan.around().tasks().forEach(task -> calendar.addEvent(step(plan, task))));
        return Quantity.plain(Biweekly.write(calendar).go());
    }

    private VEvent step(DayService.Planned plan, GraftDay.StepDay task) {
        VEvent event = new VEvent();
        event.setUid(
                "plan-" + plan.planNo() + "-" + task.step().name().toLowerCase(java.util.Locale.ROOT) + "@bay-lantern");
        event.setDateTimeStamp(Date.from(clock.now()));
        event.setDateStart(
                Date.from(task.target().atStartOfDay(ZoneId.systemDefault()).toInstant()), false);
        event.setSummary(plan.varietyName() + " for " + plan.around().day() + ": " + task.ask());
        event.setLocation(plan.spotName());
        event.setDescription(task.why() + " From " + task.earliest() + " to " + task.latest() + ". " + task.caution());
        event.setTransparency(true);
        return event;
    }

    private VEvent event(Slot slot, List<String> codes) {
        var kind = rules.visit(slot.kind());
        VEvent event = new VEvent();
        event.setUid(slot.day() + "-" + slot.kind().toLowerCase(java.util.Locale.ROOT) + "-"
                + Integer.toHexString(slot.place().hashCode()) + "@bay-lantern");
        event.setDateTimeStamp(Date.from(clock.now()));
        event.setDateStart(
                Date.from(slot.day().atStartOfDay(ZoneId.systemDefault()).toInstant()), false);
        event.setSummary(
                slot.place() + ": " + kind.name() + ", " + codes.size() + (codes.size() == 1 ? " graft" : " grafts"));
        event.setLocation(slot.place());
        String shown = String.join(", ", codes.stream().limit(CODES_SHOWN).toList());
        String more = codes.size() > CODES_SHOWN ? " and " + (codes.size() - CODES_SHOWN) + " more" : "";
        event.setDescription("Then: " + kind.ask() + ". " + shown + more);
        event.setTransparency(true);
        return event;
    }
}

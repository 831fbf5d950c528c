package baylantern.app.exchange;

import baylantern.app.bench.Graft;
import baylantern.app.bench.GraftFilter;
import baylantern.app.bench.GraftService;
import baylantern.app.care.CareService;
import baylantern.app.care.VisitRow;
import baylantern.app.care.WalksAhead;
import baylantern.app.day.DayService;
import baylantern.app.platform.FarmClock;
import baylantern.core.day.GraftDay;
import baylantern.core.rules.Quantity;
import baylantern.core.rules.Rulebook;
import biweekly.Biweekly;
import biweekly.ICalendar;
import biweekly.component.VEvent;
import biweekly.property.Method;
import biweekly.property.Status;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Date;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Objects;
import java.util.StringJoiner;
import java.util.TreeMap;
import java.util.function.Function;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * The visits to come as an iCalendar (RFC 5545): one whole-day event for each batch and visit of it, the walks of two
 * weeks, and the steps of every planned graft day. A batch is what was grafted on one day in one way at one place; its event keeps its name when the
 * day moves, so that a calendar that has it already moves it too.
 */
@Service
class VisitCalendar {

    private static final int DAYS_BACK = 14;
    private static final int DAYS_AHEAD = 400;
    private static final int CODES_SHOWN = 40;
    private static final Instant NUMBERED_FROM = Instant.parse("2020-01-01T00:00:00Z");

    private final CareService care;
    private final GraftService grafts;
    private final Rulebook rules;
    private final FarmClock clock;
    private final DayService days;
    private final WalksAhead walks;

    VisitCalendar(
            CareService care, GraftService grafts, Rulebook rules, FarmClock clock, DayService days, WalksAhead walks) {
        this.walks = walks;
        this.care = care;
        this.grafts = grafts;
        this.rules = rules;
        this.clock = clock;
        this.days = days;
    }

    private record Batch(
            long spotId,
            LocalDate madeOn,
            String species,
            @Nullable String technique) {

        static Batch of(Graft graft) {
            return new Batch(graft.on().spotId(), graft.madeOn(), graft.speciesKey(), graft.techniqueKey());
        }
    }

    private record Slot(long firstOfBatch, String kind, int round) {

        String uid() {
            return "graft-" + firstOfBatch + "-" + kind.toLowerCase(Locale.ROOT) + "-" + round + "@bay-lantern";
        }
    }

    private record Due(LocalDate day, Graft graft) {}

    String text() {
        LocalDate today = clock.today();
        List<VisitRow> visits = care.between(today.minusDays(DAYS_BACK), today.plusDays(DAYS_AHEAD));
        List<Graft> all = grafts.list(GraftFilter.ALL, Integer.MAX_VALUE);
        Map<Long, Graft> byId = all.stream().collect(Collectors.toMap(Graft::id, Function.identity()));
        // The first of a batch names it, whatever became of that one.
        Map<Batch, Long> first = all.stream().collect(Collectors.toMap(Batch::of, Graft::id, Math::min));
        Map<Slot, List<Due>> slots = new LinkedHashMap<>();
        for (VisitRow visit : visits) {
            Graft graft = Objects.requireNonNull(byId.get(visit.graftId()));
            Slot slot = new Slot(Objects.requireNonNull(first.get(Batch.of(graft))), visit.kind(), visit.repeatNo());
            slots.computeIfAbsent(slot, k -> new ArrayList<>()).add(new Due(visit.target(), graft));
        }
        ICalendar calendar = new ICalendar();
        calendar.setProductId("-//Bay Lantern//visits//EN");
        calendar.setMethod(Method.publish());
        slots.forEach((slot, due) -> calendar.addEvent(event(slot, due)));
        List<WalksAhead.Walk> ahead = walks.ahead();
        for (int i = 0; i < ahead.size(); i++) {
            calendar.addEvent(walk(i + 1, ahead.get(i)));
        }
        for (int i = ahead.size(); i < WalksAhead.DAYS; i++) {
            calendar.addEvent(noWalk(i + 1));
        }
        days.plans().forEach(plan -> plan.around().tasks().forEach(task -> calendar.addEvent(step(plan, task))));
        return FoldedLines.of(Quantity.plain(Biweekly.write(calendar).go()));
    }

    // A reader takes the event with the higher number for the later one.
    private VEvent wholeDay(String uid, LocalDate day) {
        VEvent event = new VEvent();
        event.setUid(uid);
        event.setDateTimeStamp(Date.from(clock.now()));
        event.setSequence((int) Duration.between(NUMBERED_FROM, clock.now()).toMinutes());
        event.setDateStart(Date.from(day.atStartOfDay(ZoneId.systemDefault()).toInstant()), false);
        event.setTransparency(true);
        return event;
    }

    // The next walk is always the first: once it is walked, its event is that of the one after.
    private VEvent walk(int number, WalksAhead.Walk walk) {
        VEvent event = wholeDay("walk-" + number + "@bay-lantern", walk.day());
        String where = walk.places().stream().map(WalksAhead.AtPlace::spotName).collect(Collectors.joining(", "));
        event.setSummary("Walk, about " + walk.minutes() + " min: " + where);
        event.setLocation(where);
        event.setDescription(walk.places().stream()
                .map(place -> place.spotName() + ": "
                        + place.work().stream()
                                .map(work -> work.grafts() + " " + work.name())
                                .collect(Collectors.joining(", ")))
                .collect(Collectors.joining(". ")));
        return event;
    }

    // A calendar that had more walks drops those that are no longer needed.
    private VEvent noWalk(int number) {
        VEvent event = wholeDay("walk-" + number + "@bay-lantern", clock.today());
        event.setSummary("No walk needed");
        event.setStatus(Status.cancelled());
        return event;
    }

    private VEvent step(DayService.Planned plan, GraftDay.StepDay task) {
        VEvent event = wholeDay(
                "plan-" + plan.planNo() + "-" + task.step().name().toLowerCase(Locale.ROOT) + "@bay-lantern",
                task.target());
        event.setSummary(plan.varietyName() + " for " + plan.around().day() + ": " + task.ask());
        event.setLocation(plan.spotName());
        event.setDescription(task.why() + " From " + task.earliest() + " to " + task.latest() + ". " + task.caution());
        return event;
    }

    private VEvent event(Slot slot, List<Due> due) {
        var kind = rules.visit(slot.kind());
        String place = due.get(0).graft().spotName();
        LocalDate day = due.stream().map(Due::day).min(LocalDate::compareTo).orElseThrow();
        VEvent event = wholeDay(slot.uid(), day);
        event.setSummary(place + ": " + kind.name() + ", " + due.size() + (due.size() == 1 ? " graft" : " grafts"));
        event.setLocation(place);
        StringJoiner then = new StringJoiner(". ", "", "");
        then.add("Then: " + kind.ask());
        due.stream()
                .collect(Collectors.groupingBy(Due::day, TreeMap::new, Collectors.toList()))
                .forEach((on, those) -> then.add((on.equals(day) ? "" : "Not before " + on + ": ") + codes(those)));
        event.setDescription(then.toString());
        return event;
    }

    private static String codes(List<Due> due) {
        String shown =
                due.stream().limit(CODES_SHOWN).map(one -> one.graft().code()).collect(Collectors.joining(", "));
        return due.size() > CODES_SHOWN ? shown + " and " + (due.size() - CODES_SHOWN) + " more" : shown;
    }
}

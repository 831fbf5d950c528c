package baylantern.core.season.account;

import baylantern.core.season.flush.BudNote;
import baylantern.core.season.flush.CanopyShares;
import baylantern.core.season.flush.Swell;
import baylantern.core.season.flush.Swells;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

/**
 * What was seen on one tree, oldest first.
 *
 * @param plant its id
 * @param looks what was seen on which day
 * @param swells the swells found in the looks
 */
public record TreeRecord(long plant, List<Look> looks, List<Seen> swells) {

    /** One look; the day counts from the epoch. */
    public record Look(int day, CanopyShares canopy) {}

    /**
     * A swell between two looks.
     *
     * @param day the likeliest day
     * @param after the swell came after this day
     * @param by and by this day, on which it was seen
     */
    public record Seen(int day, int after, int by) {}

    /** Reads the notes of a tree; of several on one day the last counts. */
    public static TreeRecord of(long plant, List<BudNote> notes, double threshold) {
        List<Look> looks = new ArrayList<>();
        List<BudNote> byDay =
                notes.stream().sorted(Comparator.comparing(BudNote::day)).toList();
        for (BudNote note : byDay) {
            int day = (int) note.day().toEpochDay();
            if (!looks.isEmpty() && looks.get(looks.size() - 1).day == day) {
                looks.remove(looks.size() - 1);
            }
            looks.add(new Look(day, note.canopy()));
        }
        List<Seen> seen = new ArrayList<>();
        int at = 0;
        for (Swell swell : Swells.in(byDay, threshold)) {
            int day = (int) swell.day().toEpochDay();
            while (at + 1 < looks.size() && looks.get(at + 1).day < day) {
                at++;
            }
            int by = at + 1 < looks.size() ? looks.get(at + 1).day : day;
            seen.add(new Seen(day, Math.min(looks.get(at).day, day - 1), by));
        }
        return new TreeRecord(plant, List.copyOf(looks), List.copyOf(seen));
    }

    /** What was known of it on the evening of a day. */
    public TreeRecord until(int day) {
        return new TreeRecord(
                plant,
                looks.stream().filter(look -> look.day <= day).toList(),
                swells.stream().filter(swell -> swell.by <= day).toList());
    }

    /** The first swell that came after a day, as it was seen later. */
    public Optional<Seen> next(int day) {
        return swells.stream()
                .filter(swell -> swell.by > day && swell.after >= day)
                .findFirst();
    }
}

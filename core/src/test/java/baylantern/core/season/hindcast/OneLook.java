package baylantern.core.season.hindcast;

import baylantern.core.season.account.Account;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Foretelling;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.farms.Kind;
import baylantern.core.season.farms.MadeUpFarm;
import baylantern.core.season.farms.Watch;
import java.time.LocalDate;
import java.util.List;

/** A farm on which every tree was looked at once: how far off all accounts together are, and the prior alone. */
final class OneLook {

    private static final int LOOKED_DAYS = 500;

    double error;
    double prior;
    int count;

    OneLook(Kind kind, long seed) {
        MadeUpFarm farm = kind.farm(10, 900, seed);
        LocalDate last = MadeUpFarm.START.plusDays(LOOKED_DAYS + 30L);
        Watch watch = new Watch(
                Trials.RULES.species(kind.species).orElseThrow(),
                farm.weather,
                kind.latitudeDeg,
                MadeUpFarm.START.minusDays(200),
                last);
        Accounts nothing = Accounts.learn(watch.grounds, List.of(), watch.skies.past());
        Foretelling foretelling = new Foretelling(nothing);
        Lessons none = new Lessons(List.of(), Tails.wanted(), 0);
        for (MadeUpFarm.Tree tree : farm.trees) {
            TreeRecord.Look look = Watch.record(tree.id(), tree.notes()).looks().stream()
                    .filter(one -> one.day() >= MadeUpFarm.START.toEpochDay() + LOOKED_DAYS)
                    .findFirst()
                    .orElseThrow();
            int truth = tree.swells().stream()
                    .mapToInt(swell -> (int) swell.toEpochDay() - look.day())
                    .filter(ahead -> ahead > 0)
                    .findFirst()
                    .orElse(-1);
            if (truth > 0) {
                TreeRecord once = new TreeRecord(tree.id(), List.of(look), List.of());
                var lines = foretelling.lines(watch.skies.from(look.day()));
                error += Math.abs(none.widths().at(none.together(tree.id(), foretelling.of(once, lines)), 0.5) - truth);
                prior += Math.abs(new Days(foretelling.of(Account.WARMTH, once, lines)).at(0.5) - truth);
                count++;
            }
        }
    }
}

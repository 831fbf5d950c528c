package baylantern.core.season.foresight;

import baylantern.core.rules.FigureName;
import baylantern.core.season.account.Account;
import baylantern.core.season.account.Accounts;
import baylantern.core.season.account.Skies;
import baylantern.core.season.account.TreeRecord;
import baylantern.core.season.hindcast.Hindcast;
import baylantern.core.season.hindcast.Lessons;
import java.util.List;
import java.util.Map;

/**
 * What a farm has learned of one species up to a day: the accounts, what past forecasts taught, and those forecasts.
 *
 * @param told ranges told on past looks and what came, in the order of the looks
 */
public record Learned(Accounts accounts, Lessons lessons, List<Hindcast.Told> told) {

    /**
     * Learns from trees of one species.
     *
     * @param until evening up to which looks are read, counted from the epoch
     */
    public static Learned of(Accounts.Grounds grounds, List<TreeRecord> trees, Skies skies, int until) {
        int most = (int) grounds.rules().value(FigureName.PAST_LOOKS);
        Hindcast hindcast = new Hindcast(grounds, trees, skies, until, most);
        Accounts accounts = Accounts.learn(
                grounds, trees.stream().map(tree -> tree.until(until)).toList(), skies.past());
        return new Learned(accounts, hindcast.lessons(), hindcast.told());
    }

    /** How much each account that has something to say is worth for a plant, summing to 1. */
    public Map<Account, Double> weights(long plant) {
        return lessons.weights(plant, accounts.speaking());
    }

    /** The ranges told on one plant. */
    public List<Hindcast.Told> told(long plant) {
        return told.stream().filter(one -> one.said().plant() == plant).toList();
    }
}

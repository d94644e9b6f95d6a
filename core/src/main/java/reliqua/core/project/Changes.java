package reliqua.core.project;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import reliqua.core.measure.Sum;
import reliqua.core.stock.Lot;

/** What differs between a project as it was and as it is now, in a few lines. */
public final class Changes {
    private Changes() {}

    /** From the earlier to the later; empty when they are the same. */
    public static List<Sum> between(Project then, Project now) {
        List<Sum> changes = new ArrayList<>();
        Set<Lot> before = new HashSet<>(then.heap().lots());
        Set<Lot> after = new HashSet<>(now.heap().lots());
        long added = after.stream().filter(l -> !before.contains(l)).count();
        long gone = before.stream().filter(l -> !after.contains(l)).count();
        if (added > 0 || gone > 0) {
            changes.add(Sum.of("changes.heap", added, gone));
        }
        number(changes, "changes.cuts", then.cuts().size(), now.cuts().size());
        number(changes, "changes.done", then.done().size(), now.done().size());
        number(changes, "changes.log", then.book().log().size(), now.book().log().size());
        say(changes, !then.flock().equals(now.flock()), "changes.flock");
        say(changes, !then.site().equals(now.site()), "changes.site");
        say(changes, !then.keeper().equals(now.keeper()), "changes.keeper");
        say(changes, !then.prices().equals(now.prices()), "changes.prices");
        boolean design =
                !then.chosen().equals(now.chosen())
                        || !then.family().equals(now.family())
                        || !then.addOns().equals(now.addOns())
                        || !then.held().equals(now.held())
                        || !then.variants().equals(now.variants());
        say(changes, design, "changes.design");
        if (changes.isEmpty() && !then.equals(now)) {
            changes.add(Sum.of("changes.other"));
        }
        return changes;
    }

    private static void number(List<Sum> changes, String key, int then, int now) {
        if (then != now) {
            changes.add(Sum.of(key, then, now));
        }
    }

    private static void say(List<Sum> changes, boolean differs, String key) {
        if (differs) {
            changes.add(Sum.of(key));
        }
    }
}

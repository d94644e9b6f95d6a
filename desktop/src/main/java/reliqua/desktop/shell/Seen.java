package reliqua.desktop.shell;

import java.util.List;

/**
 * What a view was made of when it was last made, so that it is made anew only when some of that has
 * become another: most edits are about something else.
 */
public final class Seen {
    private List<Object> last = List.of();

    /** Whether all is as it was when this was asked last. */
    public boolean isAll(Object... now) {
        List<Object> all = List.of(now);
        boolean same = all.equals(last);
        last = all;
        return same;
    }
}

package reliqua.core.coop.madeup;

import java.util.List;
import java.util.Optional;
import reliqua.core.coop.Part;

/** One way to make parts up of several pieces. */
interface Maker {
    /** Where a part could be joined; empty for parts that are never made up in this way. */
    List<Seam> options(Part part);

    /** The pieces; nothing where the seam does not suit the part. */
    Optional<MadeUp> make(Part part, Seam seam);
}

package reliqua.core.keep;

import java.time.LocalDate;
import java.util.List;
import reliqua.core.stock.Photo;

/**
 * One line of the logbook.
 *
 * @param day it is about
 * @param what it says
 * @param said the words it was said in
 * @param photos of it
 */
public record Entry(LocalDate day, Happening what, String said, List<Photo> photos) {
    /** Copies the list. */
    public Entry {
        photos = List.copyOf(photos);
    }

    /** Without pictures. */
    public Entry(LocalDate day, Happening what, String said) {
        this(day, what, said, List.of());
    }

    /** With other pictures. */
    public Entry showing(List<Photo> other) {
        return new Entry(day, what, said, other);
    }
}

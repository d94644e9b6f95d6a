package reliqua.core.keep;

import java.time.LocalDate;

/**
 * One line of the logbook.
 *
 * @param day it is about
 * @param what it says
 * @param said the words it was said in
 */
public record Entry(LocalDate day, Happening what, String said) {}

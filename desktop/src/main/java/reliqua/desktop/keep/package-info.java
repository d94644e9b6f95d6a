/** The coop in use: what is due, how long feed and water last, eggs and costs, the logbook. */
@org.jspecify.annotations.NullMarked
package reliqua.desktop.keep;

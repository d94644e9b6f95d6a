package reliqua.core.coop.family;

/**
 * Which of two houses side by side a layout is of. The wall between them is the left one of both:
 * the second is drawn as in a mirror.
 */
enum Half {
    /** A house by itself. */
    WHOLE,
    /** The one that could stand by itself, with the birds' way out. */
    FIRST,
    /** The one built on to it, under a roof that is tucked below the other's. */
    SECOND;

    /** Whether another stands at its left. */
    boolean joined() {
        return this != WHOLE;
    }

    /** Whether birds go out by its front. */
    boolean hasPopDoor() {
        return this != SECOND;
    }
}

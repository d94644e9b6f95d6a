package reliqua.core.coop;

/** A direction of space. */
public enum Axis {
    X,
    Y,
    Z
}

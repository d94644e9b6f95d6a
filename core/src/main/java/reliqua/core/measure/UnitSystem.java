package reliqua.core.measure;

/** The tape in the keeper's hand. */
public enum UnitSystem {
    /** Feet, inches and fractions of an inch. */
    INCHES,
    /** Millimetres; metres and centimetres are read too. */
    MILLIMETRES
}

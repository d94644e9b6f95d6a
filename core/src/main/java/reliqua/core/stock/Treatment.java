package reliqua.core.stock;

/** What has been done to the wood against rot. */
public enum Treatment {
    UNTREATED,
    /** Modern pressure treatment, fit for ground contact. */
    PRESSURE_TREATED,
    PAINTED
}

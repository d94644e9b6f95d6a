package reliqua.files;

/** Where faults of the program are written that nobody foresaw; the logging reads it from here. */
public final class LogFile {
    private static final String PROPERTY = "reliqua.log";

    private LogFile() {}

    /** Tells the logging; call it before anything is logged. */
    public static void announce() {
        System.setProperty(PROPERTY, UserFolders.data().resolve("reliqua.log").toString());
    }

    /** The file, as a keeper can find it. */
    public static String place() {
        return System.getProperty(PROPERTY, "reliqua.log");
    }
}

package reliqua.core.stock;

import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.util.HexFormat;

/** A picture of a lot, as a JPEG. Two are equal when they show the same bytes. */
public final class Photo {
    private final byte[] jpeg;
    private final String name;

    /** From the bytes of a JPEG file, which are copied. */
    public Photo(byte[] jpeg) {
        this.jpeg = jpeg.clone();
        this.name = digest(jpeg);
    }

    private static String digest(byte[] bytes) {
        try {
            byte[] all = MessageDigest.getInstance("SHA-256").digest(bytes);
            return HexFormat.of().formatHex(all, 0, 10);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException("every Java has SHA-256", e);
        }
    }

    /** A name made of what it shows: the same picture has the same name. */
    public String name() {
        return name;
    }

    /** The JPEG file. */
    public byte[] jpeg() {
        return jpeg.clone();
    }

    @Override
    public boolean equals(Object other) {
        return other instanceof Photo photo && photo.name.equals(name);
    }

    @Override
    public int hashCode() {
        return name.hashCode();
    }

    @Override
    public String toString() {
        return "photo " + name;
    }
}

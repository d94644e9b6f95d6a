package reliqua.desktop.photo;

import static org.assertj.core.api.Assertions.assertThat;

import java.awt.image.BufferedImage;
import java.io.ByteArrayInputStream;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.File;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

class PicturesTest {
    @TempDir Path folder;

    private File picture(String name, int width, int height) throws IOException {
        File file = folder.resolve(name).toFile();
        ImageIO.write(new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB), "png", file);
        return file;
    }

    private static Pictures.Taken read(File... files) {
        return Pictures.read(new Pictures.Source(List.of(files), Optional.empty()));
    }

    @Test
    void aLargePictureIsScaledDown() throws IOException {
        Pictures.Taken taken =
                read(picture("wide.png", 6_000, 3_000), picture("small.png", 40, 30));
        assertThat(taken.refused()).isEmpty();
        BufferedImage wide =
                ImageIO.read(new ByteArrayInputStream(taken.photos().getFirst().jpeg()));
        assertThat(wide.getWidth()).isEqualTo(800);
        assertThat(wide.getHeight()).isEqualTo(400);
        BufferedImage small =
                ImageIO.read(new ByteArrayInputStream(taken.photos().getLast().jpeg()));
        assertThat(small.getWidth()).isEqualTo(40);
    }

    @Test
    void whatCannotBeReadIsNamedAndTheRestIsTaken() throws IOException {
        Path torn = folder.resolve("torn.png");
        byte[] whole = Files.readAllBytes(picture("whole.png", 300, 300).toPath());
        Files.write(torn, java.util.Arrays.copyOf(whole, 40));
        Path text = Files.writeString(folder.resolve("list.txt"), "no picture");
        Pictures.Taken taken =
                read(
                        torn.toFile(),
                        text.toFile(),
                        folder.toFile(),
                        folder.resolve("gone.jpg").toFile(),
                        folder.resolve("whole.png").toFile());
        assertThat(taken.photos()).hasSize(1);
        assertThat(taken.refused())
                .hasSize(4)
                .allSatisfy(line -> assertThat(line).contains("was left out"))
                .anySatisfy(line -> assertThat(line).contains("torn.png"));
    }

    @Test
    void oneThatWouldFillTheMemoryIsRefusedByItsSize() throws IOException {
        Path bomb = folder.resolve("bomb.png");
        Files.write(bomb, header(60_000, 60_000));
        Pictures.Taken taken = read(bomb.toFile());
        assertThat(taken.photos()).isEmpty();
        assertThat(taken.refused().getFirst()).contains("bomb.png").contains("too large");
    }

    /** A PNG that says how large it is, and no more. */
    private static byte[] header(int width, int height) throws IOException {
        ByteArrayOutputStream chunk = new ByteArrayOutputStream();
        DataOutputStream data = new DataOutputStream(chunk);
        data.write("IHDR".getBytes(StandardCharsets.US_ASCII));
        data.writeInt(width);
        data.writeInt(height);
        data.write(new byte[] {8, 2, 0, 0, 0});
        CRC32 sum = new CRC32();
        sum.update(chunk.toByteArray());
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        DataOutputStream png = new DataOutputStream(out);
        png.writeLong(0x89504E470D0A1A0AL);
        png.writeInt(13);
        png.write(chunk.toByteArray());
        png.writeInt((int) sum.getValue());
        png.writeInt(0);
        return out.toByteArray();
    }

    @Test
    void somethingIsTriedOnlyWhereThereMayBeAPicture() {
        File picture = folder.resolve("A.JPG").toFile();
        File text = folder.resolve("a.txt").toFile();
        assertThat(new Pictures.Source(List.of(text, picture), Optional.empty()).mayHold())
                .isTrue();
        assertThat(new Pictures.Source(List.of(text), Optional.empty()).mayHold()).isFalse();
        assertThat(new Pictures.Source(List.of(), Optional.empty()).mayHold()).isFalse();
    }
}

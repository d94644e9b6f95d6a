package reliqua.bench;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is said in the yard is understood as it is meant. */
class YardTalkTest {
    @Test
    void nearlyEveryLineIsUnderstoodAsItIsMeant() throws IOException {
        List<YardTalk.Line> lines = YardTalk.lines();
        List<String> wrong =
                lines.stream()
                        .filter(l -> !l.right())
                        .map(l -> l.said() + " => " + l.understood())
                        .toList();
        assertThat(lines).hasSizeGreaterThanOrEqualTo(150);
        assertThat(wrong).hasSizeLessThan(lines.size() / 50);
    }
}

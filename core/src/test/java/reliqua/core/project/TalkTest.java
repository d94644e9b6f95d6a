package reliqua.core.project;

import static org.assertj.core.api.Assertions.assertThat;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.LocalDate;
import java.util.Objects;
import java.util.Properties;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import reliqua.core.fit.Yards;
import reliqua.core.keep.LogReaderTest;
import reliqua.core.measure.Language;
import reliqua.core.measure.Talk;
import reliqua.core.measure.Words;

/** What is said in Spanish does what the same line in English does. */
class TalkTest {
    private static final LocalDate DAY = LocalDate.of(2026, 5, 4);

    private final Project project = Yards.project(6);

    private static String told(SayEdit.Said said) {
        return switch (said) {
            case SayEdit.Said.Change change -> change.echo() + " / " + change.detail();
            case SayEdit.Said.Unclear unclear -> "unclear: " + unclear.message();
        };
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    6 de 47x100 a 2400 arqueo 6 | 6 of 47x100 at 2400 bow 6
                    2 tableros de contrachapado 12 x 1220 x 2440 | 2 sheets of plywood 12 x 1220 x 2440
                    3 palés 1200x1000 HT | 3 pallets 1200x1000 HT
                    seis tablas 22x100x1800 tratadas | six boards 22x100x1800 treated
                    4 de 38x89 a 2400 podredumbre 0 a 90 | 4 of 38x89 at 2400 rot 0 to 90
                    malla soldada 12.7 x 900 x 6000 | welded mesh 12.7 x 900 x 6000
                    2 ventanas 600 x 400 | 2 windows 600 x 400
                    5 chapas 840 x 2400 oxidadas | 5 tin 840 x 2400 rusty
                    tornillos 200 | screws 200
                    12 bloques 400x200x100 | 12 blocks 400x200x100
                    2 puertas de armario 500 x 700 x 18 | 2 cabinet doors 500 x 700 x 18
                    gallinas 12 | hens 12
                    6 gallinas | 6 hens
                    3 patos, 1 gallo | 3 ducks, 1 cock
                    4 gallinas enanas | 4 bantams
                    en un corral | in a run
                    fuera todo el día | out all day
                    para huevos | for eggs
                    crecimiento 30 % | growth 30 %
                    zorros | foxes
                    no hay ratas | no rats
                    mapaches | raccoons
                    12 tiras de cinturón viejo | 12 strips of belt
                    6 tiras de neumático | 6 strips of belt
                    búhos | owls
                    presupuesto 80 | budget 80
                    con ayudante | with a helper
                    sierra circular | circular saw
                    ancho 1640 | width 1640
                    patas 500 | legs 500
                    soltar ancho | free width
                    no más ancho que 2000 | no wider than 2000
                    con corral | with run
                    sin corral | without run
                    con bandeja de excrementos | with droppings board
                    con criadora | with brooder
                    con barra de la puerta | with door bar
                    gallinero de palés | pallet house
                    gallinero con ruedas | wheeled house
                    recinto de arcos | hoop pen
                    viento de oeste | wind from west
                    terreno llano | level ground
                    """)
    void aLineAboutHeapBirdsOrCoopDoesTheSame(String spanish, String english) {
        assertThat(told(SayEdit.read(spanish, project)))
                .isEqualTo(told(SayEdit.read(english, project)))
                .doesNotStartWith("unclear");
    }

    @ParameterizedTest
    @CsvSource(
            delimiter = '|',
            textBlock =
                    """
                    12 huevos, 2 rotos | 12 eggs, 2 broken
                    ayer 7 huevos | yesterday 7 eggs
                    pienso 20 kg 14.50 | feed 20 kg 14.50
                    zorro cavó en el portón | fox dug at gate
                    perdida 1 gallina por halcón | lost 1 hen to hawk
                    3 pollitas entran 45.00 | 3 pullets in 45.00
                    -8 anoche | -8 last night
                    volteada la cama | turned litter
                    reparada la trampilla 15 min | mended pop door 15 min
                    entraron | moved in
                    huevo cuesta 0.40 | egg price 0.40
                    barril 200 l | barrel 200 l
                    """)
    void aLineOfTheLogbookDoesTheSame(String spanish, String english) {
        assertThat(told(SayLog.read(spanish, project, DAY)))
                .isEqualTo(told(SayLog.read(english, project, DAY)));
    }

    @Test
    void aNoteIsKeptInTheWordsItWasSaidIn() {
        SayEdit.Said said = SayLog.read("las gallinas cantan mucho", project, DAY);
        assertThat(said).isInstanceOf(SayEdit.Said.Change.class);
        Project noted = ((SayEdit.Said.Change) said).edit().change().apply(project);
        assertThat(noted.book().log().getLast().said()).isEqualTo("las gallinas cantan mucho");
    }

    @Test
    void noEnglishLineIsTouched() throws IOException {
        try (InputStream in = LogReaderTest.class.getResourceAsStream("lines.txt")) {
            String lines =
                    new String(Objects.requireNonNull(in).readAllBytes(), StandardCharsets.UTF_8);
            assertThat(lines.lines()).allMatch(l -> Talk.english(l).equals(l));
        }
        assertThat(sentences()).isNotEmpty().allMatch(l -> Talk.english(l).equals(l));
    }

    /** All the program says in English, but for what is measured or named alike. */
    private static Stream<String> sentences() throws IOException {
        Properties english = new Properties();
        try (InputStream in = Words.class.getResourceAsStream("/reliqua/core/words.properties")) {
            english.load(in);
        }
        return english.stringPropertyNames().stream()
                .map(k -> Words.in(Language.ENGLISH, k, 2, 3, 4, 5, 6))
                .toList()
                .stream();
    }
}

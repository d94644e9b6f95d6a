package reliqua.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.util.List;
import org.junit.jupiter.api.Test;
import reliqua.core.measure.Length;
import reliqua.core.measure.Money;
import reliqua.core.measure.Tape;
import reliqua.core.stock.Lot;
import reliqua.core.stock.Pallet;
import reliqua.core.stock.Section;
import reliqua.core.stock.Sheet;
import reliqua.core.stock.Stick;

class TableImportTest {
    private static final String TABLE =
            """
            Item;Qty;Thickness;Width;Length (mm);Damage;Where kept;Came from;Cost
            board;6;38;89;2400;rot 0 to 120;by the gate;old barn;0
            plywood;2;12;1220;2440;;in the loft;;4.50
            pallets 1200x1000 HT;3;;;;;by the gate;feed store;
            mystery;1;;;;;;;
            """;

    private static List<TableImport.Line> lines(TableImport table) {
        return table.lines(table.guess(), Tape.METRIC);
    }

    @Test
    void columnsAreGuessedFromTheirNames() throws InputException {
        TableImport table = TableImport.read(TABLE, "list.csv");
        assertThat(table.guess())
                .containsExactly(
                        TableImport.Column.WHAT,
                        TableImport.Column.QUANTITY,
                        TableImport.Column.THICKNESS,
                        TableImport.Column.WIDTH,
                        TableImport.Column.LENGTH,
                        TableImport.Column.FLAWS,
                        TableImport.Column.PLACE,
                        TableImport.Column.SOURCE,
                        TableImport.Column.PAID);
    }

    @Test
    void everyLineIsUnderstoodOrItsFaultIsNamed() throws InputException {
        List<TableImport.Line> lines = lines(TableImport.read(TABLE, "list.csv"));
        Lot boards = lines.get(0).lot().orElseThrow();
        assertThat(boards.quantity()).isEqualTo(6);
        assertThat(((Stick) boards.material()).section()).isEqualTo(Section.mm(38, 89));
        assertThat(((Stick) boards.material()).flaws()).hasSize(1);
        assertThat(boards.provenance().place()).isEqualTo("by the gate");
        assertThat(boards.provenance().source()).isEqualTo("old barn");
        Lot sheets = lines.get(1).lot().orElseThrow();
        assertThat(((Sheet) sheets.material()).length()).isEqualTo(Length.mm(2440));
        assertThat(sheets.provenance().paid()).isEqualTo(Money.of(4.5));
        assertThat(lines.get(2).lot().orElseThrow().material()).isInstanceOf(Pallet.class);
        assertThat(lines.get(3).lot()).isEmpty();
        assertThat(lines.get(3).fault()).isNotBlank();
        assertThat(lines.get(3).number()).isEqualTo(5);
    }

    @Test
    void aColumnCanBeNamedOtherwise() throws InputException {
        TableImport table = TableImport.read("a,b\n2x4 at 96,by the gate\n", "t");
        assertThat(table.guess()).containsOnly(TableImport.Column.NONE);
        List<TableImport.Line> named =
                table.lines(List.of(TableImport.Column.WHAT, TableImport.Column.PLACE), Tape.INCH);
        assertThat(named.getFirst().lot().orElseThrow().provenance().place())
                .isEqualTo("by the gate");
        assertThat(lines(table).getFirst().lot()).isEmpty();
    }

    @Test
    void whatIsNoTableIsRefusedWithWhatItNeeds() {
        assertThatThrownBy(() -> TableImport.read("", "empty.csv"))
                .hasMessageContaining("empty.csv")
                .hasMessageContaining("column names");
    }

    @Test
    void whatStandsInNoColumnAndWhatNoColumnTakesIsTold() throws InputException {
        TableImport table =
                TableImport.read("item,qty,hue\n2x4 at 96,2,red\n2x4 at 96,1,,rot\n", "t");
        assertThat(table.leftOut(table.guess())).containsExactly("hue");
        List<TableImport.Line> lines = table.lines(table.guess(), Tape.INCH);
        assertThat(lines.getFirst().lot()).isPresent();
        assertThat(lines.getLast().lot()).isEmpty();
        assertThat(lines.getLast().fault()).contains("rot").contains("no column");
    }
}

package reliqua.desktop.guide;

import javafx.scene.Node;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;
import javafx.scene.text.TextFlow;
import org.commonmark.ext.gfm.tables.TableCell;
import org.commonmark.ext.gfm.tables.TableRow;
import org.commonmark.node.AbstractVisitor;
import org.commonmark.node.BulletList;
import org.commonmark.node.Code;
import org.commonmark.node.CustomBlock;
import org.commonmark.node.CustomNode;
import org.commonmark.node.Emphasis;
import org.commonmark.node.Heading;
import org.commonmark.node.Image;
import org.commonmark.node.ListItem;
import org.commonmark.node.OrderedList;
import org.commonmark.node.Paragraph;
import org.commonmark.node.SoftLineBreak;
import org.commonmark.node.StrongEmphasis;
import org.jspecify.annotations.Nullable;

/** A page of the guide as text on the screen. Pictures are left out: what they show is here. */
final class PageView extends AbstractVisitor {
    private static final double GAP = 9;

    private final VBox page = new VBox(GAP);
    private TextFlow flow = new TextFlow();
    private VBox into = page;
    private String style = "guide-text";
    private String before = "\u00b7";
    private @Nullable GridPane table;
    private int number;
    private int row;
    private int column;

    private PageView() {}

    static VBox of(org.commonmark.node.Node document) {
        PageView view = new PageView();
        document.accept(view);
        return view.page;
    }

    private void text(String words) {
        Text text = new Text(words);
        text.getStyleClass().add(style);
        flow.getChildren().add(text);
    }

    private void styled(String with, org.commonmark.node.Node node) {
        String outer = style;
        style = with;
        visitChildren(node);
        style = outer;
    }

    private void block(org.commonmark.node.Node node) {
        flow = new TextFlow();
        TextFlow mine = flow;
        visitChildren(node);
        if (!mine.getChildren().isEmpty()) {
            into.getChildren().add(mine);
        }
    }

    @Override
    public void visit(Heading heading) {
        String outer = style;
        style = heading.getLevel() == 1 ? "guide-title" : "guide-head";
        block(heading);
        style = outer;
    }

    @Override
    public void visit(Paragraph paragraph) {
        block(paragraph);
    }

    @Override
    public void visit(BulletList list) {
        String outer = before;
        before = "\u00b7";
        visitChildren(list);
        before = outer;
    }

    @Override
    public void visit(OrderedList list) {
        number = 0;
        String outer = before;
        before = "";
        visitChildren(list);
        before = outer;
    }

    @Override
    public void visit(ListItem item) {
        VBox outer = into;
        VBox body = new VBox(GAP);
        String mark = before.isEmpty() ? ++number + "." : before;
        Text point = new Text(mark);
        point.getStyleClass().add("guide-strong");
        TextFlow left = new TextFlow(point);
        left.setMinWidth(22);
        HBox.setHgrow(body, Priority.ALWAYS);
        HBox line = new HBox(4, left, body);
        outer.getChildren().add(line);
        into = body;
        visitChildren(item);
        into = outer;
    }

    @Override
    public void visit(StrongEmphasis strong) {
        styled("guide-strong", strong);
    }

    @Override
    public void visit(Emphasis emphasis) {
        styled("guide-strong", emphasis);
    }

    @Override
    public void visit(Code code) {
        String outer = style;
        style = "guide-code";
        text(code.getLiteral());
        style = outer;
    }

    @Override
    public void visit(org.commonmark.node.Text text) {
        text(text.getLiteral());
    }

    @Override
    public void visit(SoftLineBreak softLineBreak) {
        text(" ");
    }

    @Override
    public void visit(Image image) {
        // What it shows is on the screen already.
    }

    @Override
    public void visit(CustomBlock block) {
        GridPane grid = new GridPane();
        grid.setHgap(18);
        grid.setVgap(6);
        ColumnConstraints first = new ColumnConstraints();
        first.setPercentWidth(44);
        ColumnConstraints second = new ColumnConstraints();
        second.setPercentWidth(56);
        grid.getColumnConstraints().addAll(first, second);
        into.getChildren().add(grid);
        table = grid;
        row = 0;
        visitChildren(block);
        table = null;
    }

    @Override
    public void visit(CustomNode node) {
        if (node instanceof TableRow) {
            column = 0;
            visitChildren(node);
            row++;
        } else if (node instanceof TableCell && table != null) {
            flow = new TextFlow();
            Node cell = flow;
            visitChildren(node);
            table.add(cell, column++, row);
        } else {
            visitChildren(node);
        }
    }
}

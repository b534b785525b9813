package promedio.desktop.window.parts;

import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ProgressBar;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Part;
import promedio.core.assignment.Selection;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.practice.Practice;
import promedio.core.rules.StatedRules;
import promedio.desktop.projection.PartSheet;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.ViewState;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/** The assignment as its sheet: parts (a), (b), (c) … with what is asked and answered. */
public final class PartsView extends ScrollPane {

  private final Workspace workspace;
  private final Label progress = new Label();
  private final ProgressBar bar = new ProgressBar();
  private final VBox parts = new VBox(10);
  private final List<PartCard> cards = new ArrayList<>();
  private final Button add = new Button(Texts.of("parts.add"));
  private final Label empty = new Label(Texts.of("parts.empty"));
  private final TextField size = new TextField("12");
  private final ChoiceBox<Practice.Kind> kind = new ChoiceBox<>();
  private final CheckBox nice = new CheckBox(Texts.of("practice.nice"));
  private final Label problem = new Label();

  public PartsView(Workspace workspace) {
    this.workspace = workspace;
    setId("parts");
    getStyleClass().add("sheet-scroll");
    setFitToWidth(true);
    Label title = new Label(Texts.of("parts.heading"));
    title.getStyleClass().add("serif-heading");
    Button back = new Button(Texts.of("parts.back"));
    back.setId("parts-back");
    back.setOnAction(event -> workspace.showParts(false));
    progress.setId("parts-progress");
    bar.setAccessibleText(Texts.of("parts.progress-bar"));
    FlowPane head = Controls.wrapping(new FlowPane(12, 6, title, progress, bar, back));
    head.setAlignment(Pos.CENTER_LEFT);
    add.setId("parts-add");
    add.setOnAction(event -> addPart());
    empty.setWrapText(true);
    empty.getStyleClass().add("quiet");
    VBox content = new VBox(14, head, empty, parts, add, buildPractice());
    content.getStyleClass().add("sheet-content");
    setContent(content);
    FollowFocus.in(this);
    workspace.show((before, now) -> show(now));
  }

  /** Puts the caret into the first answer that is missing. */
  public void focusFirst() {
    cards.stream().findFirst().ifPresentOrElse(PartCard::focusAnswer, add::requestFocus);
  }

  private FlowPane buildPractice() {
    kind.getItems().addAll(Practice.Kind.values());
    kind.setValue(Practice.Kind.SAMPLE);
    kind.setId("practice-kind");
    kind.setAccessibleText(Texts.of("practice.kind"));
    Controls.inWords(kind, each -> Texts.of("practice." + each));
    kind.getSelectionModel()
        .selectedItemProperty()
        .subscribe((old, now) -> size.setText(now == Practice.Kind.SAMPLE ? "12" : "6"));
    size.setId("practice-size");
    size.setPrefColumnCount(3);
    size.setAccessibleText(Texts.of("practice.size"));
    nice.setId("practice-nice");
    nice.setSelected(true);
    Button make = new Button(Texts.of("practice.make"));
    make.setId("practice-make");
    make.setOnAction(event -> practise());
    problem.getStyleClass().add("problem-text");
    Label title = new Label(Texts.of("practice.heading"));
    title.getStyleClass().add("family-heading");
    FlowPane line =
        Controls.wrapping(
            new FlowPane(
                10,
                6,
                title,
                kind,
                size,
                new Label(Texts.of("practice.size")),
                nice,
                make,
                problem));
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  /** A sample to practise on comes with a part that asks the usual measures of it. */
  private void practise() {
    String typed = size.getText().strip();
    int wanted = typed.matches("\\d{1,4}") ? Integer.parseInt(typed) : 0;
    if (wanted < Practice.FEWEST || wanted > Practice.MOST) {
      problem.setText(
          Texts.of("practice.bad-size", size.getText(), Practice.FEWEST, Practice.MOST));
      return;
    }
    Assignment before = workspace.assignment();
    Practice practice = new Practice(new Random(), before.rules());
    int id = before.ids().item();
    Item item =
        Item.of(
            id,
            Texts.of("practice.name", id),
            "",
            practice.draw(kind.getValue(), wanted, nice.isSelected()));
    Part part =
        Part.of(
            before.ids().part(), Texts.of("practice.text"), Selection.of(item), StatedRules.NONE);
    List<Request> asked =
        Stream.of(
                Measures.MEAN,
                Measures.MEDIAN,
                Measures.Q1,
                Measures.Q3,
                Measures.VARIANCE,
                Measures.SD)
            .map(Request::of)
            .toList();
    workspace.editParts("", now -> now.with(item).asking(part, asked));
    problem.setText("");
  }

  private void addPart() {
    Assignment now = workspace.assignment();
    Item chosen = workspace.item();
    Optional<Item> about = Optional.ofNullable(chosen).or(() -> now.items().stream().findFirst());
    about.ifPresent(item -> workspace.editParts("", before -> PartSheet.withPart(before, item)));
  }

  private void show(Projection all) {
    if (all.choice().page() != ViewState.Page.PARTS) {
      return;
    }
    Assignment now = all.assignment();
    boolean same =
        cards.size() == now.parts().size()
            && IntStream.range(0, cards.size())
                .allMatch(i -> cards.get(i).shows(now.parts().get(i), now));
    if (!same) {
      cards.clear();
      for (int i = 0; i < now.parts().size(); i++) {
        cards.add(new PartCard(workspace, i, now.parts().get(i)));
      }
      parts.getChildren().setAll(cards);
    }
    for (int i = 0; i < cards.size(); i++) {
      cards.get(i).show(now.parts().get(i));
    }
    Nodes.setShown(empty, cards.isEmpty());
    add.setDisable(now.items().isEmpty());
    PartSheet.Progress so = PartSheet.progress(all);
    progress.setText(Texts.of("parts.progress", so.agreed(), so.asked(), so.answered()));
    bar.setProgress(so.asked() == 0 ? 0 : (double) so.agreed() / so.asked());
    bar.setVisible(so.asked() > 0);
  }

  /** {@return the links that move a part and take it away} */
  static FlowPane tools(Workspace workspace, Part part) {
    return new FlowPane(
        8,
        0,
        tool("parts.up", part, () -> move(workspace, part, -1)),
        tool("parts.down", part, () -> move(workspace, part, 1)),
        tool(
            "parts.remove",
            part,
            () ->
                workspace.editParts(
                    "",
                    now ->
                        now.withParts(
                            now.parts().stream().filter(p -> p.id() != part.id()).toList()))));
  }

  private static Hyperlink tool(String key, Part part, Runnable action) {
    return Controls.link(key, key.replace('.', '-') + "-" + part.id(), action);
  }

  private static void move(Workspace workspace, Part part, int by) {
    workspace.editParts(
        "",
        now -> {
          List<Part> changed = new ArrayList<>(now.parts());
          int from =
              IntStream.range(0, changed.size())
                  .filter(i -> changed.get(i).id() == part.id())
                  .findFirst()
                  .orElse(0);
          int to = Math.max(0, Math.min(changed.size() - 1, from + by));
          Collections.swap(changed, from, to);
          return now.withParts(changed);
        });
  }
}

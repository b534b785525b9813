package promedio.desktop.window.parts;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.HandInChoice.Section;
import promedio.core.message.Texts;
import promedio.desktop.projection.Projection;
import promedio.desktop.projection.ViewState;
import promedio.desktop.projection.handin.HandIn;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FileChoice;
import promedio.desktop.work.Workspace;
import promedio.document.DocumentFormat;
import promedio.document.PrintedPages;

/** The document to hand in: what goes into it, a preview, and the ways it leaves the program. */
public final class HandInView extends StackPane {

  private static final Logger LOG = LoggerFactory.getLogger(HandInView.class);
  private static final double CHOICE_WIDTH = 300;

  private final Workspace workspace;
  private final FileChoice fileChoice;
  private final VBox sections = new VBox(2);
  private final VBox contents = new VBox(4);
  private final Label told = Controls.wrapped("", "quiet");
  private final PagesView preview;
  private final CopyMenu copy;
  private final Button save = new Button(Texts.of("handin.save"));
  private final FlowPane ways;
  private HandInChoice choice = HandInChoice.usual(Assignment.empty(""));
  private @Nullable Assignment shown;
  private @Nullable PrintedPages pages;

  /** Makes the view. */
  public HandInView(Workspace workspace, FileChoice fileChoice) {
    this.workspace = workspace;
    this.fileChoice = fileChoice;
    this.preview = new PagesView(workspace.background());
    this.copy = new CopyMenu(workspace.background(), told::setText, this::fail);
    getStyleClass().add("sheet");
    Label heading = new Label(Texts.of("handin.heading"));
    heading.getStyleClass().add("serif-heading");
    Button back = new Button(Texts.of("handin.back"));
    back.setId("handin-back");
    back.getStyleClass().add("link");
    back.setOnAction(event -> workspace.showParts(false));
    told.setId("handin-told");
    ways = buildWays();
    ScrollPane list =
        new ScrollPane(
            new VBox(
                14,
                group("handin.sections", sections),
                group("handin.contents", contents),
                new ExercisesBox(workspace, fileChoice, told::setText)));
    list.setFitToWidth(true);
    list.getStyleClass().add("sheet-scroll");
    list.setId("handin-choice");
    VBox left = new VBox(10, list, told);
    left.setPrefWidth(CHOICE_WIDTH);
    left.setMinWidth(Region.USE_PREF_SIZE);
    VBox.setVgrow(list, Priority.ALWAYS);
    HBox both = new HBox(18, left, preview);
    HBox.setHgrow(preview, Priority.ALWAYS);
    VBox.setVgrow(both, Priority.ALWAYS);
    HBox top = new HBox(12, heading, back);
    top.setAlignment(Pos.BASELINE_LEFT);
    VBox content = new VBox(12, top, ways, both);
    content.getStyleClass().add("sheet-content");
    getChildren().add(content);
    workspace.show((before, now) -> show(now));
  }

  private static VBox group(String key, Node content) {
    Label heading = new Label(Texts.of(key));
    heading.getStyleClass().add("family-heading");
    return new VBox(4, heading, content);
  }

  private FlowPane buildWays() {
    save.setId("handin-save");
    save.setOnAction(event -> save(DocumentFormat.PDF));
    MenuButton others = Controls.literal(new MenuButton(Texts.of("handin.save-as")));
    others.setId("handin-save-as");
    for (DocumentFormat format : DocumentFormat.values()) {
      if (format != DocumentFormat.PDF) {
        String code = format.ending().substring(1);
        MenuItem item = Controls.literal(new MenuItem(Texts.of("handin.save-as." + code)));
        item.setId("handin-save-as-" + code);
        item.setOnAction(event -> save(format));
        others.getItems().add(item);
      }
    }
    Button print = new Button(Texts.of("handin.print"));
    print.setId("handin-print");
    print.setOnAction(event -> print());
    FlowPane line = new FlowPane(10, 6, save, others, copy, print);
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  /** Puts the focus on what saves the document. */
  public void focusSave() {
    save.requestFocus();
  }

  private void show(Projection all) {
    if (all.choice().page() != ViewState.Page.HAND_IN) {
      return;
    }
    if (all.assignment().equals(shown)) {
      return;
    }
    shown = all.assignment();
    choice = shown.toHandIn();
    build(shown);
    make(shown);
  }

  private void change(HandInChoice changed) {
    if (!changed.equals(choice)) {
      workspace.setHandIn(changed);
    }
  }

  private void build(Assignment now) {
    copy.offer(now, choice);
    Node focus = getScene() == null ? null : getScene().getFocusOwner();
    String focused = focus == null ? null : focus.getId();
    sections.getChildren().setAll(choice.sections().stream().map(each -> line(now, each)).toList());
    contents.getChildren().clear();
    for (Content content : Content.values()) {
      CheckBox box = Controls.literal(new CheckBox(Texts.of("handin.content." + content.code())));
      box.setId("handin-content-" + content.code());
      box.setSelected(choice.contents().contains(content));
      box.setOnAction(event -> change(choice.with(content, box.isSelected())));
      contents.getChildren().add(box);
    }
    // What was pressed is made anew; whoever goes on by keyboard stays there.
    if (focused != null && focused.startsWith("handin-") && lookup("#" + focused) != null) {
      lookup("#" + focused).requestFocus();
    }
  }

  private Node line(Assignment now, Section section) {
    String name = HandIn.name(now, section);
    String id = (section.isPart() ? "part-" : "item-") + section.id();
    CheckBox box = Controls.literal(new CheckBox(name));
    box.setId("handin-" + id);
    box.setWrapText(true);
    box.setMaxWidth(Double.MAX_VALUE);
    box.setSelected(!choice.leftOut().contains(section));
    box.setOnAction(event -> change(choice.with(section, box.isSelected())));
    HBox.setHgrow(box, Priority.ALWAYS);
    HBox line =
        new HBox(
            2,
            box,
            mover("↑", "handin.up", name, "handin-up-" + id, section, -1),
            mover("↓", "handin.down", name, "handin-down-" + id, section, 1));
    line.setAlignment(Pos.CENTER_LEFT);
    return line;
  }

  private Button mover(String sign, String key, String name, String id, Section section, int by) {
    Button button = new Button(sign);
    button.setId(id);
    button.getStyleClass().add("link");
    button.setMinWidth(Region.USE_PREF_SIZE);
    button.setAccessibleText(Texts.of(key, name));
    button.setOnAction(event -> change(choice.moved(section, by)));
    return button;
  }

  private void make(Assignment now) {
    HandInChoice wanted = choice;
    boolean any = !wanted.taken().isEmpty();
    ways.setDisable(!any);
    if (!any) {
      told.setText(Texts.of("handin.nothing"));
      preview.show(null);
      return;
    }
    told.setText(Texts.of("handin.making"));
    workspace
        .background()
        .watch(
            Background.Lane.HAND_IN,
            Texts.of("handin.making"),
            progress -> PrintedPages.of(HandIn.of(now, wanted)),
            this::take,
            this::fail);
  }

  private void take(PrintedPages made) {
    close();
    pages = made;
    preview.show(made);
    told.setText(Texts.of("handin.pages", made.count()));
  }

  private void close() {
    PrintedPages before = pages;
    pages = null;
    if (before != null) {
      try {
        before.close();
      } catch (IOException e) {
        LOG.warn("cannot close a preview", e);
      }
    }
  }

  private void fail(Exception failure) {
    if (failure instanceof CancellationException) {
      told.setText(Texts.of("handin.stopped"));
      return;
    }
    LOG.error("cannot make the document", failure);
    // What was made before is not what would be handed in now.
    close();
    preview.show(null);
    told.setText(Texts.of("handin.unmade"));
  }

  private void save(DocumentFormat wanted) {
    Assignment now = shown;
    if (now == null) {
      return;
    }
    String name = now.title().isBlank() ? Texts.of("handin.file") : now.title();
    Optional<Path> chosen = fileChoice.toExport(name + wanted.ending());
    if (chosen.isPresent()) {
      DocumentFormat format = DocumentFormat.of(chosen.get()).orElse(wanted);
      HandInChoice what = choice;
      Path file = chosen.get();
      workspace
          .background()
          .run(
              Background.Lane.EXPORT,
              Texts.of("work.exporting", file.getFileName()),
              () -> {
                format.write(HandIn.of(now, what), file).into(file);
                return file;
              },
              done -> told.setText(Texts.of("handin.saved", done)),
              failure -> {
                LOG.warn("cannot save the document", failure);
                told.setText(Texts.of("handin.save-failed", String.valueOf(failure.getMessage())));
              });
    }
  }

  private void print() {
    PrintedPages now = pages;
    if (now != null) {
      new Printing(workspace.background(), told::setText).print(now, getScene().getWindow());
    }
  }
}

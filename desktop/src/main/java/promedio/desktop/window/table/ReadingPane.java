package promedio.desktop.window.table;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.IntStream;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.message.Texts;
import promedio.core.table.Aspect;
import promedio.core.table.Column;
import promedio.core.table.NumberColumn;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Fields;
import promedio.desktop.window.control.StyleNames;
import promedio.desktop.work.ImportSession;
import promedio.desktop.work.Workspace;
import promedio.files.table.RawRow;
import promedio.files.table.ReadTable;
import promedio.files.table.Recognised;

/** What was recognised of a table that is imported, in words that can be changed. */
public final class ReadingPane extends ScrollPane {

  private static final int MOST_LISTED = 40;

  /** What an aspect can be, where that is a short list. */
  private static final Map<Aspect, List<String>> CHOICES =
      Map.of(
          Aspect.ENCODING, List.of("UTF-8", "UTF-16", "UTF-16BE", "Windows-1252"),
          Aspect.SEPARATOR, List.of(",", ";", "tab", "|", "blanks", "list", "none"),
          Aspect.QUOTE, List.of("\"", "'", "none"),
          Aspect.DECIMAL, List.of(".", ","),
          Aspect.GROUPING, List.of("none", ",", ".", " ", "'"),
          Aspect.FOOT_ROWS, List.of("0", "1", "2", "3"));

  private final VBox lines = new VBox(8);
  private final VBox unreadable = new VBox(3);
  private final TextField missing = new TextField();
  private @Nullable ImportSession importing;

  public ReadingPane(Workspace workspace) {
    getStyleClass().add("margin-scroll");
    setFitToWidth(true);
    setPrefWidth(StyleNames.MARGIN_WIDTH);
    setHbarPolicy(ScrollBarPolicy.NEVER);
    Label heading = new Label(Texts.of("reading.heading"));
    heading.getStyleClass().add("serif-heading");
    missing.setId("reading-missing");
    missing.setPromptText(Texts.of("reading.missing.prompt"));
    missing.setAccessibleText(Texts.of("reading.missing"));
    missing.setOnAction(event -> decideMissing());
    Fields.whenLeft(missing, this::decideMissing);
    Label missingLabel = new Label(Texts.of("reading.missing"));
    missingLabel.setWrapText(true);
    missingLabel.setLabelFor(missing);
    unreadable.setId("reading-unreadable");
    VBox content = new VBox(heading, lines, missingLabel, missing, unreadable);
    content.getStyleClass().add("margin-band");
    setContent(content);
    workspace.whileViewed(workspace.imports().property().subscribe(this::show));
  }

  /** Shows a session that nobody sees, unless one that somebody sees begins meanwhile. */
  public void rehearse(ImportSession unseen) {
    show(unseen);
    unseen
        .readProperty()
        .subscribe(
            read -> {
              if (read != null && importing == unseen) {
                applyCss();
                show(null);
              }
            });
  }

  private void show(@Nullable ImportSession now) {
    importing = now;
    lines.getChildren().clear();
    if (now != null) {
      now.headProperty().subscribe(head -> showOf(now, this::showAspects));
      now.readProperty().subscribe(read -> showOf(now, () -> showUnreadable(read)));
    }
  }

  /** A session that another took the place of tells nothing. */
  private void showOf(ImportSession session, Runnable what) {
    if (importing == session) {
      what.run();
    }
  }

  private void decideMissing() {
    ImportSession now = importing;
    String typed = missing.getText().strip();
    if (now != null && !typed.equals(now.choices().of(Aspect.MISSING).orElse(""))) {
      now.decide(Aspect.MISSING, typed.isEmpty() ? Optional.empty() : Optional.of(typed));
    }
  }

  private void showAspects() {
    ImportSession now = importing;
    ReadTable head = now == null ? null : now.headProperty().get();
    if (now == null || head == null) {
      return;
    }
    Recognised recognised = head.recognised();
    Fields.show(missing, now.choices().of(Aspect.MISSING).orElse(""));
    lines.getChildren().clear();
    for (Aspect aspect : Aspect.values()) {
      Map<String, String> choices = choices(aspect, recognised);
      if (!recognised.of(aspect).isEmpty() && !choices.isEmpty()) {
        lines.getChildren().add(line(aspect, recognised.of(aspect), choices, now));
      }
    }
  }

  private static Map<String, String> choices(Aspect aspect, Recognised recognised) {
    Map<String, String> choices = new LinkedHashMap<>();
    List<String> codes = CHOICES.getOrDefault(aspect, List.of());
    if (aspect == Aspect.SHEET) {
      codes = recognised.sheets();
    } else if (aspect == Aspect.HEADER_LINE) {
      codes = new ArrayList<>(List.of("0"));
      recognised.head().stream()
          .limit(12)
          .map(RawRow::line)
          .map(String::valueOf)
          .forEach(codes::add);
    } else if (aspect == Aspect.PASS_OVER && recognised.headerLine() == 0) {
      codes = IntStream.rangeClosed(0, 9).mapToObj(String::valueOf).toList();
    }
    codes.forEach(code -> choices.put(code, inWords(aspect, code)));
    return choices;
  }

  private static String inWords(Aspect aspect, String code) {
    return switch (aspect) {
      case ENCODING, SHEET, PASS_OVER, MISSING -> code;
      case FOOT_ROWS -> Texts.of("reading.foot-rows.n", Integer.parseInt(code));
      case HEADER_LINE ->
          code.equals("0")
              ? Texts.of("reading.header-none")
              : Texts.of("reading.header-line.n", code);
      case SEPARATOR, QUOTE, DECIMAL, GROUPING -> mark(code);
    };
  }

  private static String mark(String code) {
    return switch (code) {
      case "," -> Texts.of("mark.comma");
      case "." -> Texts.of("mark.point");
      case ";" -> Texts.of("mark.semicolon");
      case "|" -> Texts.of("mark.bar");
      case " " -> Texts.of("mark.space");
      case "\"" -> Texts.of("mark.double-quote");
      case "'" -> Texts.of("mark.apostrophe");
      case "tab", "blanks", "list", "none" -> Texts.of("mark." + code);
      default -> code;
    };
  }

  private static FlowPane line(
      Aspect aspect, String now, Map<String, String> choices, ImportSession importing) {
    Label words = new Label(Texts.of("reading." + aspect.code()));
    MenuButton choice =
        Controls.literal(new MenuButton(choices.getOrDefault(now, inWords(aspect, now))));
    choice.getStyleClass().add("rule");
    choice.setId("reading-" + aspect.code());
    choice.setAccessibleText(
        Texts.of("reading.choice", Texts.of("reading." + aspect.code()), choice.getText()));
    boolean decided = importing.choices().of(aspect).isPresent();
    choices.forEach(
        (code, text) -> {
          MenuItem item = Controls.literal(new MenuItem(text));
          item.setOnAction(event -> importing.decide(aspect, Optional.of(code)));
          choice.getItems().add(item);
        });
    FlowPane line = new FlowPane(6, 2, words, choice);
    line.getStyleClass().add("reading-line");
    if (decided) {
      MenuItem again = new MenuItem(Texts.of("reading.recognise"));
      again.setOnAction(event -> importing.decide(aspect, Optional.empty()));
      choice.getItems().add(again);
      Label yours = new Label(Texts.of("reading.decided"));
      yours.getStyleClass().add("quiet");
      line.getChildren().add(yours);
    }
    return line;
  }

  private void showUnreadable(@Nullable ReadTable read) {
    unreadable.getChildren().clear();
    if (read == null) {
      return;
    }
    read.notices()
        .forEach(notice -> unreadable.getChildren().add(Controls.wrapped(notice, "quiet")));
    List<String> found = new ArrayList<>();
    int all = 0;
    for (Column column : read.table().columns()) {
      if (column instanceof NumberColumn numbers) {
        all += numbers.unreadable();
        numbers.toMend().entrySet().stream()
            .limit(Math.max(0, MOST_LISTED - found.size()))
            .map(
                entry ->
                    Texts.of(
                        numbers.unit().isEmpty() ? "reading.unreadable" : "reading.other-unit",
                        read.line(entry.getKey()),
                        column.name(),
                        entry.getValue(),
                        numbers.unit()))
            .forEach(found::add);
      }
    }
    if (all > 0) {
      unreadable
          .getChildren()
          .add(Controls.wrapped(Texts.of("reading.unreadable-head", all), "problem-text"));
      found.forEach(text -> unreadable.getChildren().add(Controls.wrapped(text, "quiet")));
      if (all > found.size()) {
        unreadable
            .getChildren()
            .add(
                Controls.wrapped(Texts.of("reading.unreadable-more", all - found.size()), "quiet"));
      }
    }
  }
}

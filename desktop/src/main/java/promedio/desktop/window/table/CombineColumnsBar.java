package promedio.desktop.window.table;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.Workspace;

/** The line above a table by which several columns of it are put on the shelf together. */
final class CombineColumnsBar extends FlowPane {

  /** More groups are no groups any more, but single values. */
  private static final int MOST_GROUPS = 200;

  /** What columns can make together. */
  private enum Make {
    GROUPS("by", true, false),
    PAIRS("and", true, true),
    COUNTS("by", false, false);

    private final String between;
    private final boolean firstIsNumbers;
    private final boolean secondIsNumbers;

    Make(String between, boolean firstIsNumbers, boolean secondIsNumbers) {
      this.between = between;
      this.firstIsNumbers = firstIsNumbers;
      this.secondIsNumbers = secondIsNumbers;
    }
  }

  private final Workspace workspace;
  private final ChoiceBox<Make> make = new ChoiceBox<>();
  private final ComboBox<String> first = new ComboBox<>();
  private final ComboBox<String> second = new ComboBox<>();
  private final ComboBox<String> third = new ComboBox<>();
  private final Label between = new Label();
  private final Label and = new Label(Texts.of("together.and"));
  private Optional<Table> table = Optional.empty();

  CombineColumnsBar(Workspace workspace) {
    super(8, 4);
    Controls.wrapping(this);
    this.workspace = workspace;
    make.getItems().setAll(Make.values());
    Controls.inWords(make, each -> Texts.of("together." + each.name().toLowerCase(Locale.ROOT)));
    make.setId("together-make");
    make.setAccessibleText(Texts.of("together.make"));
    make.setValue(Make.GROUPS);
    make.setOnAction(event -> offer());
    name(first, "together-first", "together.first");
    name(second, "together-second", "together.second");
    name(third, "together-third", "together.third");
    Button put = new Button(Texts.of("together.put"));
    put.setId("together-put");
    put.setOnAction(event -> put());
    getChildren()
        .addAll(
            new Label(Texts.of("together.make")), make, first, between, second, and, third, put);
    setAlignment(Pos.CENTER_LEFT);
  }

  private static void name(ComboBox<String> box, String id, String key) {
    box.setId(id);
    box.setAccessibleText(Texts.of(key));
  }

  /** Offers the columns of a table; what was chosen stays as far as it is there. */
  void show(Table shown) {
    table = Optional.of(shown);
    offer();
  }

  private void offer() {
    Make now = make.getValue();
    between.setText(Texts.of("together." + now.between));
    table.ifPresent(
        from -> {
          List<String> factors = names(from, now.secondIsNumbers);
          List<String> firsts = names(from, now.firstIsNumbers);
          if (now == Make.COUNTS && of(from, false).size() > 1 && !isWord(from, first.getValue())) {
            // What was chosen for its numbers is hardly what is counted.
            first.setValue(null);
          }
          offer(first, firsts, 0);
          if (Objects.equals(second.getValue(), first.getValue())) {
            second.setValue(null);
          }
          offer(
              second,
              factors,
              first.getValue() != null && factors.indexOf(first.getValue()) == 0 ? 1 : 0);
          List<String> more = new ArrayList<>(List.of(Texts.of("together.none")));
          more.addAll(factors);
          offer(third, more, 0);
        });
    Nodes.setShown(and, now == Make.GROUPS);
    Nodes.setShown(third, now == Make.GROUPS);
  }

  private static void offer(ComboBox<String> box, List<String> names, int usual) {
    String before = box.getValue();
    box.getItems().setAll(names);
    box.setValue(
        names.contains(before)
            ? before
            : names.stream()
                .skip(Math.min(usual, Math.max(0, names.size() - 1)))
                .findFirst()
                .orElse(null));
  }

  /** Categories first where no numbers are wanted: codes can be numbers too. */
  private static List<String> names(Table from, boolean numbers) {
    List<String> names = new ArrayList<>(of(from, numbers));
    if (!numbers) {
      names.addAll(of(from, true));
    }
    return names;
  }

  private static boolean isWord(Table from, @Nullable String name) {
    return of(from, false).stream().anyMatch(each -> each.equals(name));
  }

  private static List<String> of(Table from, boolean numbers) {
    return from.columns().stream()
        .filter(column -> (column.kind() == Kind.NUMBER) == numbers)
        .map(Column::name)
        .toList();
  }

  private void put() {
    ImportedTable from = workspace.table();
    if (from == null || first.getValue() == null || second.getValue() == null) {
      workspace.tell(Texts.of("together.no-columns"));
      return;
    }
    workspace.tables().addTogether(name(), link(from.id()), CombineColumnsBar::tooMany);
  }

  private static Optional<String> tooMany(Source.Linked made) {
    int groups = made.data().groups().map(each -> each.samples().size()).orElse(0);
    return groups > MOST_GROUPS
        ? Optional.of(Texts.of("together.many", groups, MOST_GROUPS))
        : Optional.empty();
  }

  private Link link(int id) {
    return switch (make.getValue()) {
      case GROUPS -> new Link.OfGroups(id, first.getValue(), factors());
      case PAIRS -> new Link.OfPairs(id, first.getValue(), second.getValue());
      case COUNTS -> new Link.OfCounts(id, first.getValue(), second.getValue());
    };
  }

  private List<String> factors() {
    return third.getSelectionModel().getSelectedIndex() > 0
        ? List.of(second.getValue(), third.getValue())
        : List.of(second.getValue());
  }

  private String name() {
    return switch (make.getValue()) {
      case GROUPS ->
          Texts.of("describe.columns-by", first.getValue(), String.join(", ", factors()));
      case PAIRS -> Texts.of("describe.columns-pairs", first.getValue(), second.getValue());
      case COUNTS -> Texts.of("describe.columns-by", first.getValue(), second.getValue());
    };
  }
}

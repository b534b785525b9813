package promedio.desktop.window.table;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import promedio.core.assignment.ImportedTable;
import promedio.core.assignment.Link;
import promedio.core.assignment.Source;
import promedio.core.message.Texts;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.work.ClassRows;
import promedio.desktop.work.Workspace;

/** The line above a table by which columns of it, whole or in groups, are put on the shelf. */
final class AddSamplesBar extends FlowPane {

  private static final int MOST_GROUPS = 40;

  private final Workspace workspace;
  private final Consumer<String> told;
  private final ComboBox<String> values = new ComboBox<>();
  private final ComboBox<String> groups = new ComboBox<>();
  private final ComboBox<String> frequencies = new ComboBox<>();

  /** Shown where the columns are classes with their frequencies. */
  private final Button putClasses = new Button(Texts.of("table.put-classes"));

  /**
   * Makes the line.
   *
   * @param told takes what came of it, for the person
   */
  AddSamplesBar(Workspace workspace, Consumer<String> told) {
    super(8, 4);
    Controls.wrapping(this);
    this.workspace = workspace;
    this.told = told;
    values.setId("table-values");
    values.setAccessibleText(Texts.of("table.values"));
    groups.setId("table-groups");
    groups.setAccessibleText(Texts.of("table.groups"));
    frequencies.setId("table-frequencies");
    frequencies.setAccessibleText(Texts.of("table.frequencies"));
    Button put = new Button(Texts.of("table.put"));
    put.setId("table-put");
    put.setOnAction(event -> putOnShelf());
    putClasses.setId("table-put-classes");
    putClasses.setOnAction(event -> putClasses());
    getChildren()
        .addAll(
            new Label(Texts.of("table.values")),
            values,
            new Label(Texts.of("table.groups")),
            groups,
            new Label(Texts.of("table.frequencies")),
            frequencies,
            put,
            putClasses);
    setAlignment(Pos.CENTER_LEFT);
  }

  /** Offers the columns of a table; what was chosen stays as far as it is there. */
  void show(Table table) {
    Nodes.setShown(putClasses, ClassRows.of(table, workspace.assignment().sign()).isPresent());
    String value = values.getValue();
    String group = groups.getValue();
    values.getItems().setAll(names(table, true));
    values.getItems().addAll(words(table));
    groups.getItems().setAll(Texts.of("table.all-rows"));
    groups.getItems().addAll(names(table, false));
    String frequency = frequencies.getValue();
    frequencies.getItems().setAll(Texts.of("table.no-frequencies"));
    frequencies.getItems().addAll(names(table, true));
    frequencies.setValue(
        frequencies.getItems().contains(frequency) ? frequency : frequencies.getItems().get(0));
    values.setValue(
        values.getItems().contains(value)
            ? value
            : values.getItems().stream().findFirst().orElse(null));
    groups.setValue(groups.getItems().contains(group) ? group : groups.getItems().get(0));
  }

  private void putClasses() {
    ImportedTable from = workspace.table();
    if (from != null) {
      ClassRows.of(from.table(), workspace.assignment().sign())
          .ifPresent(
              lines -> workspace.shelf().addNamed(from.name(), new Source.ClassesText(lines)));
    }
  }

  private void putOnShelf() {
    ImportedTable from = workspace.table();
    String value = values.getValue();
    if (from == null || value == null) {
      told.accept(Texts.of("table.no-numbers"));
      return;
    }
    if (frequencies.getSelectionModel().getSelectedIndex() > 0) {
      putWithFrequencies(from.table(), value, frequencies.getValue());
      return;
    }
    Map<String, Link> links = new LinkedHashMap<>();
    if (groups.getSelectionModel().getSelectedIndex() <= 0) {
      links.put(value, Link.of(from.id(), value));
    } else {
      String by = groups.getValue();
      WordColumn parted = (WordColumn) from.table().column(by).orElseThrow();
      int[] sizes = parted.counts();
      for (int i = 0; i < sizes.length && links.size() < MOST_GROUPS; i++) {
        if (sizes[i] > 0) {
          String group = parted.words().get(i);
          links.put(
              Texts.of("table.group-name", value, group),
              new Link.OfColumn(from.id(), value, by, group));
        }
      }
    }
    workspace.tables().addLinked(links);
    told.accept(Texts.of("table.put-done", links.size()));
  }

  /** A table of values and frequencies is typed on; it does not follow this one. */
  private void putWithFrequencies(Table table, String value, String frequency) {
    Column x = table.column(value).orElseThrow();
    Column f = table.column(frequency).orElseThrow();
    boolean words = x instanceof WordColumn;
    String lines =
        IntStream.range(0, table.rows())
            .filter(row -> !x.isMissing(row) && !f.isMissing(row))
            .mapToObj(row -> written(x.text(row), words) + "\t" + written(f.text(row), false))
            .collect(Collectors.joining("\n"));
    workspace
        .shelf()
        .addNamed(value, words ? new Source.CategoriesText(lines) : new Source.TableText(lines));
  }

  private String written(String text, boolean word) {
    return word ? text : text.replace('.', workspace.assignment().sign().sign());
  }

  private static List<String> names(Table table, boolean numbers) {
    return table.columns().stream()
        .filter(column -> numbers ? column.kind() == Kind.NUMBER : column.kind() == Kind.CATEGORY)
        .map(Column::name)
        .toList();
  }

  /** What can be counted, since it cannot be measured. */
  private static List<String> words(Table table) {
    return table.columns().stream()
        .filter(column -> column.kind() != Kind.NUMBER)
        .map(Column::name)
        .toList();
  }
}

package promedio.core.tidy;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.entry.MissingSigns;
import promedio.core.measure.Measure;
import promedio.core.measure.Result;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.PlainText;
import promedio.core.number.Reading;
import promedio.core.rules.ClassEnd;
import promedio.core.rules.CourseRules;
import promedio.core.sample.ValuesBuilder;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** The steps that change the entries of one column. */
final class Entries {

  private Entries() {}

  static Outcome apply(Step step, Table table) throws MisfitException {
    if (step instanceof Step.Recode s) {
      return recode(s, table);
    } else if (step instanceof Step.Cut s) {
      return cut(s, table);
    } else if (step instanceof Step.Fill s) {
      return fill(s, table);
    } else if (step instanceof Step.ChangeKind s) {
      Column column = Tidying.column(table, s.column());
      return Outcome.of(table.with(as(column, s.kind())), Sentences.done(step, column.size()));
    }
    return mend((Step.Mend) step, table);
  }

  /** {@return the number that the text says, if it says one} */
  static Optional<Exact> number(String text) {
    return NumberText.read(text, DecimalSign.POINT) instanceof Reading.Numeral numeral
        ? Optional.of(numeral.value())
        : Optional.empty();
  }

  /** {@return the entries as a column of numbers; what is no number stays as its text} */
  static NumberColumn numbers(String name, List<String> entries) {
    return numbers(name, entries, "");
  }

  /** {@return the entries in place of those of a column, which may stand with its unit} */
  private static NumberColumn numbers(Column column, List<String> entries) {
    String unit = column instanceof NumberColumn numbers ? numbers.unit() : "";
    return numbers(column.name(), entries, unit);
  }

  private static NumberColumn numbers(String name, List<String> entries, String unit) {
    ValuesBuilder values = new ValuesBuilder();
    Map<Integer, String> unreadable = new TreeMap<>();
    for (int row = 0; row < entries.size(); row++) {
      String entry = entries.get(row);
      Optional<Exact> number = number(entry).or(() -> number(without(unit, entry)));
      if (number.isPresent()) {
        values.add(number.get());
      } else {
        if (!MissingSigns.matches(entry)) {
          unreadable.put(row, entry);
        }
        values.addMissing();
      }
    }
    return new NumberColumn(name, values.build(), unreadable, unit);
  }

  private static String without(String unit, String entry) {
    if (unit.isEmpty()) {
      return entry;
    }
    return entry.startsWith(unit)
        ? entry.substring(unit.length()).strip()
        : entry.endsWith(unit) ? entry.substring(0, entry.length() - unit.length()).strip() : entry;
  }

  private static List<String> texts(Column column) {
    return IntStream.range(0, column.size())
        .mapToObj(column::text)
        .collect(Collectors.toCollection(ArrayList::new));
  }

  private static Column as(Column column, Kind kind) {
    if (column.kind() == kind) {
      return column;
    }
    if (kind == Kind.NUMBER) {
      return numbers(column, texts(column));
    }
    return column instanceof WordColumn words
        ? words.as(kind)
        : WordColumn.of(column.name(), kind, texts(column));
  }

  /** Entries are compared as numbers in a column of numbers, so that 1 stands for 1.0 too. */
  private static Outcome recode(Step.Recode step, Table table) throws MisfitException {
    Column column = Tidying.column(table, step.column());
    if (step.changes().isEmpty()) {
      throw new MisfitException("misfit.no-changes");
    }
    Map<String, String> changes = new HashMap<>();
    for (Step.Change change : step.changes()) {
      String to = MissingSigns.matches(change.to().strip()) ? "" : change.to().strip();
      changes.put(key(column, change.from().strip()), to);
    }
    boolean ofMissing = step.changes().stream().anyMatch(c -> MissingSigns.matches(c.from()));
    List<String> entries = texts(column);
    long touched = 0;
    for (int row = 0; row < entries.size(); row++) {
      String text = entries.get(row);
      String found = text.isEmpty() && !ofMissing ? null : changes.get(text);
      if (found != null) {
        entries.set(row, found);
        touched++;
      }
    }
    boolean allNumbers =
        changes.values().stream().allMatch(to -> to.isEmpty() || number(to).isPresent());
    Column changed =
        column.kind() == Kind.NUMBER && allNumbers
            ? numbers(column, entries)
            : WordColumn.ordered(column.name(), order(step, column), entries).as(kind(column));
    return Outcome.of(table.with(changed), Sentences.done(step, touched));
  }

  private static String key(Column column, String from) {
    if (MissingSigns.matches(from)) {
      return "";
    }
    return column.kind() == Kind.NUMBER ? number(from).map(PlainText::of).orElse(from) : from;
  }

  private static Kind kind(Column column) {
    return column.kind() == Kind.NUMBER ? Kind.CATEGORY : column.kind();
  }

  /** The new words stand where the old ones stood; those of codes come in the order of the list. */
  private static List<String> order(Step.Recode step, Column column) {
    Set<String> order = new LinkedHashSet<>();
    if (column instanceof WordColumn words) {
      Map<String, String> to = new HashMap<>();
      step.changes().forEach(change -> to.put(change.from().strip(), change.to().strip()));
      words.words().forEach(word -> order.add(to.getOrDefault(word, word)));
    }
    step.changes().forEach(change -> order.add(change.to().strip()));
    order.removeIf(MissingSigns::matches);
    return List.copyOf(order);
  }

  private static Outcome cut(Step.Cut step, Table table) throws MisfitException {
    if (!(Tidying.column(table, step.column()) instanceof NumberColumn column)) {
      throw new MisfitException("misfit.no-numbers", step.column());
    }
    if (!step.into().equals(step.column())) {
      Tidying.requireFree(table, step.into());
    }
    List<Exact> boundaries = new ArrayList<>();
    for (String text : step.boundaries()) {
      Exact boundary = number(text).orElseThrow(() -> new MisfitException("misfit.boundary", text));
      if (!boundaries.isEmpty() && boundary.compareTo(boundaries.get(boundaries.size() - 1)) <= 0) {
        throw new MisfitException("misfit.boundaries-order", text);
      }
      boundaries.add(boundary);
    }
    int classes = boundaries.size() - 1 + (step.beyond() ? 2 : 0);
    if (classes < 1) {
      throw new MisfitException("misfit.boundaries");
    }
    if (!step.labels().isEmpty() && step.labels().size() != classes) {
      throw new MisfitException(
          "misfit.labels", String.valueOf(classes), String.valueOf(step.labels().size()));
    }
    List<String> labels = step.labels().isEmpty() ? labels(step) : step.labels();
    List<String> entries = new ArrayList<>();
    long cut = 0;
    for (int row = 0; row < column.size(); row++) {
      int place = column.isMissing(row) ? -1 : place(column.values().get(row), boundaries, step);
      entries.add(place < 0 ? "" : labels.get(place));
      cut += place < 0 ? 0 : 1;
    }
    WordColumn classed = WordColumn.ordered(step.into(), labels, entries);
    return Outcome.of(table.with(classed), Sentences.done(step, cut));
  }

  /** The place of the class that the value falls into, −1 where it falls beyond. */
  private static int place(Exact value, List<Exact> boundaries, Step.Cut step) {
    int below = 0;
    for (Exact boundary : boundaries) {
      int order = value.compareTo(boundary);
      below += order > 0 || (order == 0 && step.end() == ClassEnd.LOWER) ? 1 : 0;
    }
    if (step.beyond()) {
      return below;
    }
    return below == 0 || below == boundaries.size() ? -1 : below - 1;
  }

  private static List<String> labels(Step.Cut step) {
    List<String> labels = new ArrayList<>();
    List<String> at = step.boundaries();
    boolean lower = step.end() == ClassEnd.LOWER;
    if (step.beyond()) {
      labels.add((lower ? "< " : "≤ ") + at.get(0));
    }
    for (int i = 1; i < at.size(); i++) {
      labels.add(at.get(i - 1) + "–" + at.get(i));
    }
    if (step.beyond()) {
      labels.add((lower ? "≥ " : "> ") + at.get(at.size() - 1));
    }
    return labels;
  }

  private static Outcome fill(Step.Fill step, Table table) throws MisfitException {
    Column column = Tidying.column(table, step.column());
    List<String> entries = texts(column);
    String value =
        switch (step.with()) {
          case VALUE -> step.value().strip();
          case MEAN -> measure(column, Measures.MEAN);
          case MEDIAN -> measure(column, Measures.MEDIAN);
          case BEFORE -> "";
        };
    boolean before = step.with() == Step.Filling.BEFORE;
    if (!before && MissingSigns.matches(value)) {
      throw new MisfitException("misfit.no-filling");
    }
    if (column.kind() == Kind.NUMBER && !before && number(value).isEmpty()) {
      throw new MisfitException("misfit.filling-no-number", value, column.name());
    }
    long filled = 0;
    for (int row = 0; row < entries.size(); row++) {
      // An entry that cannot be read is there; it waits to be mended.
      String with = before ? (row == 0 ? "" : entries.get(row - 1)) : value;
      if (entries.get(row).isEmpty() && !with.isEmpty()) {
        entries.set(row, with);
        filled++;
      }
    }
    Column full =
        column instanceof WordColumn words
            ? WordColumn.ordered(column.name(), words.words(), entries).as(column.kind())
            : numbers(column, entries);
    return Outcome.of(table.with(full), Sentences.done(step, filled));
  }

  private static String measure(Column column, Measure measure) throws MisfitException {
    if (!(column instanceof NumberColumn numbers)) {
      throw new MisfitException("misfit.no-numbers", column.name());
    }
    Result result = Computation.of(numbers.sample(), CourseRules.DEFAULTS).result(measure);
    if (result instanceof Result.Found found) {
      return PlainText.of(found.value());
    }
    throw new MisfitException("misfit.no-filling");
  }

  private static Outcome mend(Step.Mend step, Table table) throws MisfitException {
    Column column = Tidying.column(table, step.column());
    int row =
        IntStream.range(0, table.rows())
            .filter(i -> table.origin(i) == step.row())
            .findFirst()
            .orElse(-1);
    if (row < 0) {
      throw new MisfitException("misfit.row", String.valueOf(step.row()));
    }
    List<String> entries = texts(column);
    String text = step.text().strip();
    entries.set(row, MissingSigns.matches(text) ? "" : text);
    Column mended =
        column instanceof WordColumn words
            ? WordColumn.ordered(column.name(), words.words(), entries).as(column.kind())
            : numbers(column, entries);
    return Outcome.of(table.with(mended), Sentences.done(step, 1));
  }
}

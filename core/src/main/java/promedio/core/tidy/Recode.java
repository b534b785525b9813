package promedio.core.tidy;

import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Collectors;
import promedio.core.entry.MissingSigns;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.number.PlainText;
import promedio.core.table.Column;
import promedio.core.table.Kind;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/** Puts other entries in the place of some; also gives codes their names. */
public record Recode(String column, List<Change> changes) implements Step {

  static final StepKind KIND =
      new StepKind(
          "recode",
          Recode.class,
          List.of(StepField.COLUMN, StepField.CHANGES),
          answers ->
              new Recode(answers.of(StepField.COLUMN), changes(answers.list(StepField.CHANGES))));

  public Recode {
    changes = List.copyOf(changes);
  }

  /** Puts one entry in the place of another; an empty one is missing. */
  public record Change(String from, String to) {}

  /** Changes are typed as {@code 1 → early, 2 → late}, with = or -> for the arrow as well. */
  private static List<Change> changes(List<String> pieces) {
    return pieces.stream()
        .map(piece -> piece.split("\\s*(?:→|->|=)\\s*", 2))
        .filter(sides -> sides.length == 2)
        .map(sides -> new Change(sides[0], sides[1]))
        .toList();
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    return Message.of(
        "step.recode",
        column,
        Outcome.names(
            changes.stream()
                .map(change -> change.from() + " → " + (change.to().isEmpty() ? "—" : change.to()))
                .toList()));
  }

  @Override
  public String answer(StepField ask) {
    return ask == StepField.COLUMN
        ? column
        : changes.stream()
            .map(change -> change.from() + " → " + change.to())
            .collect(Collectors.joining(", "));
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    Column old = ColumnLookup.column(table, column);
    if (changes.isEmpty()) {
      throw BadInputException.of("misfit.no-changes");
    }
    Map<String, String> by = new HashMap<>();
    for (Change change : changes) {
      String to = MissingSigns.matches(change.to().strip()) ? "" : change.to().strip();
      by.put(key(old, change.from().strip()), to);
    }
    boolean ofMissing = changes.stream().anyMatch(c -> MissingSigns.matches(c.from()));
    List<String> entries = Entries.texts(old);
    long touched = 0;
    for (int row = 0; row < entries.size(); row++) {
      Cancellation.check(row);
      String text = entries.get(row);
      String found = text.isEmpty() && !ofMissing ? null : by.get(text);
      if (found != null) {
        entries.set(row, found);
        touched++;
      }
    }
    boolean allNumbers =
        by.values().stream().allMatch(to -> to.isEmpty() || Entries.number(to).isPresent());
    Column changed =
        old.kind() == Kind.NUMBER && allNumbers
            ? Entries.numbers(old, entries)
            : WordColumn.ordered(old.name(), order(old), entries).as(kindOf(old));
    return Outcome.entries(table.with(changed), this, touched);
  }

  /** Entries are compared as numbers in a column of numbers, so that 1 stands for 1.0 too. */
  private static String key(Column column, String from) {
    if (MissingSigns.matches(from)) {
      return "";
    }
    return column.kind() == Kind.NUMBER
        ? Entries.number(from).map(PlainText::of).orElse(from)
        : from;
  }

  private static Kind kindOf(Column column) {
    return column.kind() == Kind.NUMBER ? Kind.CATEGORY : column.kind();
  }

  /** The new words stand where the old ones stood; those of codes come in the order of the list. */
  private List<String> order(Column old) {
    Set<String> order = new LinkedHashSet<>();
    if (old instanceof WordColumn words) {
      Map<String, String> to = new HashMap<>();
      changes.forEach(change -> to.put(change.from().strip(), change.to().strip()));
      words.words().forEach(word -> order.add(to.getOrDefault(word, word)));
    }
    changes.forEach(change -> order.add(change.to().strip()));
    order.removeIf(MissingSigns::matches);
    return List.copyOf(order);
  }
}

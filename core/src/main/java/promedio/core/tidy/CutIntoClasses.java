package promedio.core.tidy;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import promedio.core.message.BadInputException;
import promedio.core.message.Cancellation;
import promedio.core.message.Message;
import promedio.core.number.Exact;
import promedio.core.rules.ClassEnd;
import promedio.core.table.NumberColumn;
import promedio.core.table.Table;
import promedio.core.table.WordColumn;

/**
 * Cuts numbers into labelled classes.
 *
 * @param column the numbers
 * @param into the name of the new column
 * @param boundaries where the classes meet, ascending, as decimal texts
 * @param end which end a class keeps
 * @param beyond whether what lies beyond the ends has classes of its own, or is missing
 * @param labels what the classes are called, in their order; none for their boundaries
 */
public record CutIntoClasses(
    String column,
    String into,
    List<String> boundaries,
    ClassEnd end,
    boolean beyond,
    List<String> labels)
    implements Step {

  static final StepKind KIND =
      new StepKind(
          "cut",
          CutIntoClasses.class,
          List.of(
              StepField.COLUMN,
              StepField.NEW_NAME,
              StepField.BOUNDARIES,
              StepField.END,
              StepField.BEYOND,
              StepField.LABELS),
          answers ->
              new CutIntoClasses(
                  answers.of(StepField.COLUMN),
                  answers.of(StepField.NEW_NAME),
                  answers.words(StepField.BOUNDARIES),
                  answers.choice(ClassEnd.class, StepField.END),
                  answers.of(StepField.BEYOND).equals("yes"),
                  answers.list(StepField.LABELS)));

  public CutIntoClasses {
    boundaries = List.copyOf(boundaries);
    labels = List.copyOf(labels);
  }

  @Override
  public StepKind stepKind() {
    return KIND;
  }

  @Override
  public Message intention() {
    String key = end == ClassEnd.LOWER ? "step.cut-lower" : "step.cut-upper";
    return Message.of(key, column, into, String.join(", ", boundaries));
  }

  @Override
  public String answer(StepField ask) {
    Map<StepField, String> answers =
        Map.of(
            StepField.COLUMN,
            column,
            StepField.NEW_NAME,
            into,
            StepField.BOUNDARIES,
            String.join(" ", boundaries),
            StepField.END,
            StepField.code(end),
            StepField.BEYOND,
            beyond ? "yes" : "no",
            StepField.LABELS,
            String.join(", ", labels));
    return answers.getOrDefault(ask, "");
  }

  @Override
  public Outcome done(Table table) throws BadInputException {
    if (!(ColumnLookup.column(table, column) instanceof NumberColumn numbers)) {
      throw BadInputException.of("misfit.no-numbers", column);
    }
    if (!into.equals(column)) {
      ColumnLookup.requireFree(table, into);
    }
    List<Exact> at = new ArrayList<>();
    for (String text : boundaries) {
      Exact boundary =
          Entries.number(text).orElseThrow(() -> BadInputException.of("misfit.boundary", text));
      if (!at.isEmpty() && boundary.compareTo(at.get(at.size() - 1)) <= 0) {
        throw BadInputException.of("misfit.boundaries-order", text);
      }
      at.add(boundary);
    }
    int classes = at.size() - 1 + (beyond ? 2 : 0);
    if (classes < 1) {
      throw BadInputException.of("misfit.boundaries");
    }
    if (!labels.isEmpty() && labels.size() != classes) {
      throw BadInputException.of(
          "misfit.labels", String.valueOf(classes), String.valueOf(labels.size()));
    }
    List<String> names = labels.isEmpty() ? ofBoundaries() : labels;
    List<String> entries = new ArrayList<>();
    long cut = 0;
    for (int row = 0; row < numbers.size(); row++) {
      Cancellation.check(row);
      int place = numbers.isMissing(row) ? -1 : place(numbers.values().get(row), at);
      entries.add(place < 0 ? "" : names.get(place));
      cut += place < 0 ? 0 : 1;
    }
    WordColumn classed = WordColumn.ordered(into, names, entries);
    return Outcome.entries(table.with(classed), this, cut);
  }

  /** The place of the class that the value falls into, −1 where it falls beyond. */
  private int place(Exact value, List<Exact> at) {
    int below = 0;
    for (Exact boundary : at) {
      int order = value.compareTo(boundary);
      below += order > 0 || (order == 0 && end == ClassEnd.LOWER) ? 1 : 0;
    }
    if (beyond) {
      return below;
    }
    return below == 0 || below == at.size() ? -1 : below - 1;
  }

  private List<String> ofBoundaries() {
    List<String> made = new ArrayList<>();
    boolean lower = end == ClassEnd.LOWER;
    if (beyond) {
      made.add((lower ? "< " : "≤ ") + boundaries.get(0));
    }
    for (int i = 1; i < boundaries.size(); i++) {
      made.add(boundaries.get(i - 1) + "–" + boundaries.get(i));
    }
    if (beyond) {
      made.add((lower ? "≥ " : "> ") + boundaries.get(boundaries.size() - 1));
    }
    return made;
  }
}

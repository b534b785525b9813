package promedio.core.tidy;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import promedio.core.rules.ClassEnd;
import promedio.core.table.Kind;

/** What the form of a step can ask; each is worded by its code. */
public enum StepField {
  COLUMN,
  GROUPS,
  COLUMNS,
  NEW_NAME,
  GROUP_NAME,
  FORMULA,
  CONDITION,
  VALUE,
  ROW,
  SIZE,
  SEED,
  CHANGES,
  BOUNDARIES,
  LABELS,
  ORDER(List.of("up", "down")),
  FILLING(codes(FillMissing.Filling.values())),
  KIND(codes(Kind.values())),
  TOTAL(codes(Total.values())),
  END(codes(ClassEnd.values())),
  BEYOND(List.of("no", "yes"));

  @SuppressWarnings("ImmutableEnumChecker") // an unmodifiable list
  private final List<String> choices;

  StepField() {
    this(List.of());
  }

  StepField(List<String> choices) {
    this.choices = choices;
  }

  private static List<String> codes(Enum<?>[] values) {
    return Arrays.stream(values).map(StepField::code).toList();
  }

  /** {@return the code of a choice} */
  static String code(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }

  /** {@return the codes to choose from; none where text is typed or columns are chosen} */
  public List<String> choices() {
    return choices;
  }

  /** {@return whether one of the columns of the table is chosen} */
  public boolean isColumn() {
    return this == COLUMN || this == GROUPS;
  }

  /** {@return its name in texts and ids} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }
}

package promedio.desktop.window;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.rules.ClassEnd;
import promedio.core.table.Kind;
import promedio.core.tidy.Step;

/** The kinds of steps that can be added by a form, with what the form asks. */
enum StepKind {
  COMPUTE(Ask.NEW_NAME, Ask.FORMULA),
  LEAVE_OUT(Ask.CONDITION),
  DROP_MISSING(Ask.COLUMNS),
  FILL(Ask.COLUMN, Ask.FILLING, Ask.VALUE),
  RECODE(Ask.COLUMN, Ask.CHANGES),
  CUT(Ask.COLUMN, Ask.NEW_NAME, Ask.BOUNDARIES, Ask.END, Ask.BEYOND, Ask.LABELS),
  SORT(Ask.COLUMN, Ask.ORDER),
  CHOOSE(Ask.COLUMNS),
  RENAME(Ask.COLUMN, Ask.NEW_NAME),
  CHANGE_KIND(Ask.COLUMN, Ask.KIND),
  ACROSS(Ask.COLUMNS, Ask.TOTAL, Ask.NEW_NAME),
  TOTALS_ROW(Ask.TOTAL),
  STACK(Ask.COLUMNS, Ask.NEW_NAME, Ask.GROUP_NAME),
  UNSTACK(Ask.COLUMN, Ask.GROUPS),
  MEND(Ask.COLUMN, Ask.ROW, Ask.VALUE);

  /** What a form can ask; each has a label in the bundle. */
  enum Ask {
    COLUMN,
    GROUPS,
    COLUMNS,
    NEW_NAME,
    GROUP_NAME,
    FORMULA,
    CONDITION,
    VALUE,
    ROW,
    CHANGES,
    BOUNDARIES,
    LABELS,
    ORDER(List.of("up", "down")),
    FILLING(codes(Step.Filling.values())),
    KIND(codes(Kind.values())),
    TOTAL(codes(Step.Total.values())),
    END(List.of("lower", "upper")),
    BEYOND(List.of("no", "yes"));

    @SuppressWarnings("ImmutableEnumChecker") // an unmodifiable list
    private final List<String> choices;

    Ask() {
      this(List.of());
    }

    Ask(List<String> choices) {
      this.choices = choices;
    }

    private static List<String> codes(Enum<?>[] values) {
      return Arrays.stream(values).map(v -> v.name().toLowerCase(Locale.ROOT)).toList();
    }

    /** {@return the codes to choose from; none where text is typed or columns are chosen} */
    List<String> choices() {
      return choices;
    }

    /** {@return whether one of the columns of the table is chosen} */
    boolean isColumn() {
      return this == COLUMN || this == GROUPS;
    }

    /** {@return its name in the bundle and in ids} */
    String code() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }
  }

  @SuppressWarnings("ImmutableEnumChecker") // an unmodifiable list
  private final List<Ask> asks;

  StepKind(Ask... asks) {
    this.asks = List.of(asks);
  }

  List<Ask> asks() {
    return asks;
  }

  /** {@return its name in the bundle and in ids} */
  String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** What was filled in. */
  interface Answers {
    String of(Ask ask);
  }

  /** {@return the step that the answers describe} */
  Step step(Answers answers) {
    String column = answers.of(Ask.COLUMN);
    return switch (this) {
      case COMPUTE -> new Step.Compute(answers.of(Ask.NEW_NAME), answers.of(Ask.FORMULA));
      case LEAVE_OUT -> new Step.LeaveOut(answers.of(Ask.CONDITION));
      case DROP_MISSING -> new Step.DropMissing(list(answers.of(Ask.COLUMNS)));
      case FILL ->
          new Step.Fill(
              column, choice(Step.Filling.class, answers.of(Ask.FILLING)), answers.of(Ask.VALUE));
      case RECODE -> new Step.Recode(column, changes(answers.of(Ask.CHANGES)));
      case CUT ->
          new Step.Cut(
              column,
              answers.of(Ask.NEW_NAME),
              pieces(answers.of(Ask.BOUNDARIES), "[\\s;]+"),
              choice(ClassEnd.class, answers.of(Ask.END)),
              answers.of(Ask.BEYOND).equals("yes"),
              list(answers.of(Ask.LABELS)));
      case SORT -> new Step.Sort(column, answers.of(Ask.ORDER).equals("down"));
      case CHOOSE -> new Step.Choose(list(answers.of(Ask.COLUMNS)));
      case RENAME -> new Step.Rename(column, answers.of(Ask.NEW_NAME));
      case CHANGE_KIND -> new Step.ChangeKind(column, choice(Kind.class, answers.of(Ask.KIND)));
      case ACROSS ->
          new Step.Across(
              list(answers.of(Ask.COLUMNS)),
              choice(Step.Total.class, answers.of(Ask.TOTAL)),
              answers.of(Ask.NEW_NAME));
      case TOTALS_ROW -> new Step.TotalsRow(choice(Step.Total.class, answers.of(Ask.TOTAL)));
      case STACK ->
          new Step.Stack(
              list(answers.of(Ask.COLUMNS)), answers.of(Ask.NEW_NAME), answers.of(Ask.GROUP_NAME));
      case UNSTACK -> new Step.Unstack(column, answers.of(Ask.GROUPS));
      case MEND -> new Step.Mend(column, number(answers.of(Ask.ROW)), answers.of(Ask.VALUE));
    };
  }

  private static <E extends Enum<E>> E choice(Class<E> type, String code) {
    return Enum.valueOf(type, code.toUpperCase(Locale.ROOT));
  }

  private static int number(String text) {
    return text.matches("\\d{1,9}") ? Integer.parseInt(text) : 0;
  }

  private static List<String> list(String text) {
    return pieces(text, "\\s*[,;]\\s*");
  }

  private static List<String> pieces(String text, String parting) {
    return Stream.of(text.strip().split(parting)).filter(piece -> !piece.isEmpty()).toList();
  }

  /** Changes are typed as {@code 1 → early, 2 → late}, with = or -> for the arrow as well. */
  private static List<Step.Change> changes(String text) {
    return list(text).stream()
        .map(piece -> piece.split("\\s*(?:→|->|=)\\s*", 2))
        .filter(sides -> sides.length == 2)
        .map(sides -> new Step.Change(sides[0], sides[1]))
        .toList();
  }

  /** {@return the kind whose form makes such a step, if there is one} */
  static Optional<StepKind> of(Step step) {
    String name = step.getClass().getSimpleName();
    return Arrays.stream(values())
        .filter(kind -> kind.name().replace("_", "").equalsIgnoreCase(name))
        .findFirst();
  }

  /** {@return what would have to be filled in for this step} */
  static String answer(Step step, Ask ask) {
    if (step instanceof Step.Compute s) {
      return ask == Ask.NEW_NAME ? s.into() : s.formula();
    } else if (step instanceof Step.LeaveOut s) {
      return s.where();
    } else if (step instanceof Step.DropMissing s) {
      return String.join(", ", s.columns());
    } else if (step instanceof Step.Choose s) {
      return String.join(", ", s.columns());
    } else if (step instanceof Step.Fill s) {
      return ask == Ask.COLUMN ? s.column() : ask == Ask.VALUE ? s.value() : code(s.with());
    } else if (step instanceof Step.Recode s) {
      return ask == Ask.COLUMN
          ? s.column()
          : s.changes().stream()
              .map(change -> change.from() + " → " + change.to())
              .collect(Collectors.joining(", "));
    } else if (step instanceof Step.Cut s) {
      return answer(s, ask);
    } else if (step instanceof Step.Sort s) {
      return ask == Ask.COLUMN ? s.column() : s.descending() ? "down" : "up";
    } else if (step instanceof Step.Rename s) {
      return ask == Ask.COLUMN ? s.from() : s.to();
    } else if (step instanceof Step.ChangeKind s) {
      return ask == Ask.COLUMN ? s.column() : code(s.kind());
    } else if (step instanceof Step.Across s) {
      return ask == Ask.COLUMNS
          ? String.join(", ", s.columns())
          : ask == Ask.TOTAL ? code(s.total()) : s.into();
    } else if (step instanceof Step.TotalsRow s) {
      return code(s.total());
    } else if (step instanceof Step.Stack s) {
      return ask == Ask.COLUMNS
          ? String.join(", ", s.columns())
          : ask == Ask.NEW_NAME ? s.value() : s.group();
    } else if (step instanceof Step.Unstack s) {
      return ask == Ask.COLUMN ? s.value() : s.group();
    } else if (step instanceof Step.Mend s) {
      return ask == Ask.COLUMN ? s.column() : ask == Ask.ROW ? String.valueOf(s.row()) : s.text();
    }
    return "";
  }

  private static String answer(Step.Cut step, Ask ask) {
    return switch (ask) {
      case COLUMN -> step.column();
      case NEW_NAME -> step.into();
      case BOUNDARIES -> String.join(" ", step.boundaries());
      case END -> code(step.end());
      case BEYOND -> step.beyond() ? "yes" : "no";
      default -> String.join(", ", step.labels());
    };
  }

  private static String code(Enum<?> value) {
    return value.name().toLowerCase(Locale.ROOT);
  }
}

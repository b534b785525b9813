package promedio.core.sample;

import java.util.List;
import java.util.Optional;
import promedio.core.message.BadInputException;
import promedio.core.number.Exact;
import promedio.core.number.PlainText;
import promedio.core.sample.Groups.Group;

/**
 * Which part of some data is meant: all of them, one of several groups, one number of each pair,
 * categories beside what is expected of them.
 *
 * @param kind which kind of part
 * @param groups the groups that are meant, where the kind names some; of a fit the expected
 *     numbers, as exact texts
 */
public record DataSubset(Kind kind, List<String> groups) {

  /** The kinds of parts. */
  public enum Kind {
    WHOLE("whole", 0),
    /** The first number of each pair. */
    X("x", 0),
    /** The second number of each pair. */
    Y("y", 0),
    /** One of several groups. */
    GROUP("group", 1),
    /** The values of all groups as one sample. */
    TOGETHER("together", 0),
    /** Two of several groups, in this order. */
    TWO("two", 2),
    /** Categories beside expected proportions: equal ones, or one number for each category. */
    FIT("fit", Kind.ANY);

    private static final int ANY = -1;

    private final String code;
    private final int names;

    Kind(String code, int names) {
      this.code = code;
      this.names = names;
    }

    /** {@return its name in files} */
    public String code() {
      return code;
    }

    /** {@return whether it can name these groups, or expect these numbers} */
    public boolean takes(List<String> groups) {
      return names == ANY
          ? groups.stream().allMatch(each -> PlainText.read(each).isPresent())
          : groups.size() == names;
    }
  }

  /** All of the data. */
  public static final DataSubset WHOLE = new DataSubset(Kind.WHOLE, List.of());

  /** The first number of each pair. */
  public static final DataSubset X = new DataSubset(Kind.X, List.of());

  /** The second number of each pair. */
  public static final DataSubset Y = new DataSubset(Kind.Y, List.of());

  /** The values of all groups as one sample. */
  public static final DataSubset TOGETHER = new DataSubset(Kind.TOGETHER, List.of());

  public DataSubset {
    groups = List.copyOf(groups);
    if (!kind.takes(groups)) {
      throw new IllegalArgumentException(kind.code() + " of " + groups);
    }
  }

  /** {@return one of several groups} */
  public static DataSubset group(String name) {
    return new DataSubset(Kind.GROUP, List.of(name));
  }

  /** {@return each of the groups of some data, in order; none where they have no groups} */
  public static List<DataSubset> eachGroup(Data whole) {
    return whole.groups().stream()
        .flatMap(all -> all.samples().stream())
        .map(each -> group(each.name()))
        .toList();
  }

  /**
   * {@return categories beside what is expected of them}
   *
   * @param expected a number for each category, scaled by their sum; none for equal proportions
   */
  public static DataSubset fit(List<Exact> expected) {
    return new DataSubset(Kind.FIT, expected.stream().map(Exact::toString).toList());
  }

  /** {@return two of several groups, in this order} */
  public static DataSubset two(String first, String second) {
    return new DataSubset(Kind.TWO, List.of(first, second));
  }

  /** {@return whether data about this have such a portion, as far as that can be told} */
  public boolean fits(Subject whole) {
    return switch (kind) {
      case WHOLE -> true;
      case X, Y -> whole == Subject.PAIRS;
      case GROUP, TOGETHER, TWO -> whole == Subject.GROUPS;
      case FIT -> whole == Subject.ONE;
    };
  }

  /** {@return what the data are about that are part of such data} */
  public Subject subject(Subject whole) {
    return switch (kind) {
      case WHOLE -> whole;
      case TWO -> Subject.GROUPS;
      case FIT -> Subject.FIT;
      case X, Y, GROUP, TOGETHER -> Subject.ONE;
    };
  }

  /** {@return this part of the data; none where they have no such part} */
  public Optional<Data> of(Data whole) {
    return switch (kind) {
      case WHOLE -> Optional.of(whole);
      case X -> whole.pairs().map(pairs -> new Sample(pairs.x()));
      case Y -> whole.pairs().map(pairs -> new Sample(pairs.y()));
      case TOGETHER -> whole.groups().map(Groups::all);
      case GROUP -> whole.groups().flatMap(all -> find(all, 0)).map(Group::sample);
      case FIT -> whole.categories().flatMap(this::fit);
      case TWO ->
          whole
              .groups()
              .flatMap(
                  all ->
                      find(all, 0)
                          .flatMap(
                              first ->
                                  find(all, 1)
                                      .map(
                                          other ->
                                              new Groups(
                                                  List.of(first, other), Optional.of(all)))));
    };
  }

  private Optional<Data> fit(Categories counted) {
    try {
      return Optional.of(
          groups.isEmpty()
              ? GoodnessOfFitData.equal(counted)
              : GoodnessOfFitData.read(
                  counted,
                  groups.stream().flatMap(each -> PlainText.read(each).stream()).toList()));
    } catch (BadInputException e) {
      // Categories were added or taken out since the numbers were given.
      return Optional.empty();
    }
  }

  private Optional<Group> find(Groups all, int name) {
    return all.samples().stream()
        .filter(group -> group.name().equals(groups.get(name)))
        .findFirst();
  }
}

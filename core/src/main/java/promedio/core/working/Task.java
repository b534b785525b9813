package promedio.core.working;

import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import promedio.core.measure.Measure;
import promedio.core.number.Exact;

/** What is worked by hand: a measure, or one of the things that are about a number besides. */
public sealed interface Task {

  /** {@return the key by which files and the command line know it} */
  String key();

  /** {@return what the visitor makes of this task} */
  <R> R accept(Visitor<R> visitor);

  /**
   * Something that can be made of every kind of task.
   *
   * @param <R> what is made
   */
  interface Visitor<R> {
    R measured(Measure measure);

    R percentile(Exact percent);

    /** What is made of a decile: the same as of the percentile that it is. */
    default R decile(Exact tenth) {
      return percentile(tenth.times(10));
    }

    R trimmedMean(Exact proportion);

    R moment(Exact order);

    R score(Exact value);

    R valueOfScore(Exact score);

    R rank(Exact value);

    R fiveNumbers();
  }

  /** {@return the number that it is about, besides the data} */
  default Optional<Exact> number() {
    return Optional.empty();
  }

  /** A measure that has one result. */
  record Measured(Measure measure) implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.measured(measure);
    }

    @Override
    public String key() {
      return measure.key();
    }
  }

  /**
   * The value that so many percent of the values do not exceed.
   *
   * @param percent from 0 to 100
   */
  record Percentile(Exact percent) implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.percentile(percent);
    }

    @Override
    public String key() {
      return "percentile";
    }

    @Override
    public Optional<Exact> number() {
      return Optional.of(percent);
    }
  }

  /**
   * The value that so many tenths of the values do not exceed.
   *
   * @param tenth from 0 to 10
   */
  record Decile(Exact tenth) implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.decile(tenth);
    }

    @Override
    public String key() {
      return "decile";
    }

    @Override
    public Optional<Exact> number() {
      return Optional.of(tenth);
    }
  }

  /**
   * The mean after ⌊n·proportion⌋ values are left out at each end.
   *
   * @param proportion from 0 to below 1/2
   */
  record TrimmedMean(Exact proportion) implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.trimmedMean(proportion);
    }

    @Override
    public String key() {
      return "trimmed_mean";
    }

    @Override
    public Optional<Exact> number() {
      return Optional.of(proportion);
    }
  }

  /**
   * A central moment.
   *
   * @param order 2, 3 or 4
   */
  record Moment(Exact order) implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.moment(order);
    }

    @Override
    public String key() {
      return "moment";
    }

    @Override
    public Optional<Exact> number() {
      return Optional.of(order);
    }
  }

  /**
   * How many standard deviations a value lies above the mean.
   *
   * @param value any value
   */
  record Score(Exact value) implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.score(value);
    }

    @Override
    public String key() {
      return "z_score";
    }

    @Override
    public Optional<Exact> number() {
      return Optional.of(value);
    }
  }

  /**
   * The value that lies so many standard deviations above the mean.
   *
   * @param score any fraction
   */
  record ValueOfScore(Exact score) implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.valueOfScore(score);
    }

    @Override
    public String key() {
      return "value_of_z";
    }

    @Override
    public Optional<Exact> number() {
      return Optional.of(score);
    }
  }

  /**
   * How many percent of the values lie below a value, those equal to it counted half.
   *
   * @param value any value
   */
  record Rank(Exact value) implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.rank(value);
    }

    @Override
    public String key() {
      return "percentile_rank";
    }

    @Override
    public Optional<Exact> number() {
      return Optional.of(value);
    }
  }

  /** Smallest value, quartiles, median and largest value. */
  record FiveNumbers() implements Task {
    @Override
    public <R> R accept(Visitor<R> visitor) {
      return visitor.fiveNumbers();
    }

    @Override
    public String key() {
      return "five_numbers";
    }
  }

  /** {@return the keys of the tasks that are no measures} */
  static List<String> otherKeys() {
    return List.of(
        "five_numbers",
        "decile",
        "percentile",
        "percentile_rank",
        "trimmed_mean",
        "moment",
        "z_score",
        "value_of_z");
  }

  /** {@return whether the task of this key is about a number besides the data} */
  static boolean needsNumber(String key) {
    return otherKeys().contains(key) && !key.equals("five_numbers");
  }

  /**
   * {@return the task of this key}
   *
   * @param number what it is about; only for those that need one
   */
  static Optional<Task> of(String key, Optional<Exact> number) {
    return switch (key) {
      case "five_numbers" -> Optional.of(new FiveNumbers());
      case "decile" -> about(number, Decile::new);
      case "percentile" -> about(number, Percentile::new);
      case "percentile_rank" -> about(number, Rank::new);
      case "trimmed_mean" -> about(number, TrimmedMean::new);
      case "moment" -> about(number, Moment::new);
      case "z_score" -> about(number, Score::new);
      case "value_of_z" -> about(number, ValueOfScore::new);
      default -> Measure.ofKey(key).map(Measured::new);
    };
  }

  private static Optional<Task> about(Optional<Exact> number, Function<Exact, Task> task) {
    return number.map(task);
  }
}

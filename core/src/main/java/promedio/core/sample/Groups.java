package promedio.core.sample;

import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.number.Exact;

/**
 * Two or more named samples, in a given order. Missing entries are left out of each and counted.
 *
 * @param samples the samples, each with its name
 * @param among the groups that these are two of, where they are: a p-value of them may be corrected
 *     for the number of all comparisons
 */
public record Groups(List<Group> samples, Optional<Groups> among) implements Data {

  /**
   * One of the samples.
   *
   * @param name what it is called, other than the others
   * @param sample its values, at least one
   */
  public record Group(String name, Sample sample) {}

  /** Makes groups that are all there are. */
  public Groups(List<Group> samples) {
    this(samples, Optional.empty());
  }

  public Groups {
    samples = List.copyOf(samples);
    if (samples.size() < 2) {
      throw new IllegalArgumentException("groups are two or more");
    }
  }

  /**
   * {@return the groups as somebody else gives them}
   *
   * @throws BadInputException if there are fewer than two, two of one name, or one without values
   */
  public static Groups read(List<Group> groups) throws BadInputException {
    if (groups.size() < 2) {
      throw refused("groups.too-few", String.valueOf(groups.size()));
    }
    Set<String> names = new HashSet<>();
    for (Group group : groups) {
      if (!names.add(group.name())) {
        throw refused("groups.twice", group.name());
      }
      if (group.sample().tally().isEmpty()) {
        throw refused("groups.empty", group.name());
      }
    }
    return new Groups(groups);
  }

  private static BadInputException refused(String key, String what) {
    return new BadInputException(Message.of(key, what));
  }

  /** {@return all values together, without those that are missing} */
  public Sample all() {
    return new Sample(
        Values.join(samples.stream().map(group -> group.sample().values().present()).toList()));
  }

  /** {@return two of the groups by themselves} */
  public Groups two(int first, int second) {
    return new Groups(List.of(samples.get(first), samples.get(second)), Optional.of(this));
  }

  @Override
  public Subject subject() {
    return Subject.GROUPS;
  }

  @Override
  public Exact total() {
    return samples.stream().map(g -> g.sample().total()).reduce(Exact.ZERO, Exact::plus);
  }

  @Override
  public List<Entry> entries() {
    return IntStream.range(0, samples.size())
        .boxed()
        .flatMap(
            group ->
                samples.get(group).sample().entries().stream()
                    .map(entry -> entry.within(data -> with(group, (Sample) data))))
        .toList();
  }

  private Groups with(int group, Sample sample) {
    return new Groups(
        Entry.with(samples, group, new Group(samples.get(group).name(), sample)), among);
  }

  @Override
  public int missing() {
    return samples.stream().mapToInt(group -> group.sample().missing()).sum();
  }

  @Override
  public Optional<Groups> groups() {
    return Optional.of(this);
  }

  @Override
  public <R> R accept(Visitor<R> visitor) {
    return visitor.groups(this);
  }
}

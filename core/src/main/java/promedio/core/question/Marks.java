package promedio.core.question;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import promedio.core.question.AskedFinder.Seen;

/** Gathers where in a text what was understood. */
final class Marks {

  private final List<Mark> marks = new ArrayList<>();

  /** Each column of a table may be data of its own; then all of them stand in its place. */
  void data(int index, FoundData data) {
    Mark last = marks.isEmpty() ? null : marks.get(marks.size() - 1);
    boolean same = last != null && data.end() <= last.end();
    int start = same ? last.start() : data.start();
    int end = same ? last.end() : data.end();
    marks.add(new Mark(start, end, new Mark.OfData(index)));
  }

  /** {@return what gathers for one part, by its index} */
  OfPart of(int part) {
    return new OfPart(part);
  }

  /** {@return the marks as they stand in the text} */
  List<Mark> inOrder() {
    return marks.stream()
        .sorted(Comparator.comparingInt(Mark::start).thenComparingInt(Mark::end))
        .toList();
  }

  /** What is understood of one part. */
  final class OfPart {

    private final int part;

    private OfPart(int part) {
      this.part = part;
    }

    /** Words before all parts may ask the same in each. */
    void asked(List<Seen> seen, int from) {
      for (Seen each : seen) {
        int start = from + each.start();
        int end = from + each.end();
        List<Integer> parts =
            withPart(taken(start, end, Mark.OfAsked.class).map(Mark.OfAsked::parts));
        marks.add(new Mark(start, end, new Mark.OfAsked(parts, each.asked())));
      }
    }

    /** What is said of all answers is said once. */
    void places(Limits limits) {
      if (!limits.isNone()) {
        Optional<Mark.OfPlaces> before = taken(limits.start(), limits.end(), Mark.OfPlaces.class);
        List<Integer> parts = withPart(before.map(Mark.OfPlaces::parts));
        marks.add(new Mark(limits.start(), limits.end(), new Mark.OfPlaces(parts)));
      }
    }

    void rule(String code, int start, int end) {
      marks.add(new Mark(start, end, new Mark.OfRule(part, code)));
    }

    private List<Integer> withPart(Optional<List<Integer>> before) {
      List<Integer> all = new ArrayList<>(before.orElse(List.of()));
      all.add(part);
      return all;
    }
  }

  /** Takes away, and returns, what these words were understood as before. */
  private <T extends Mark.Meaning> Optional<T> taken(int start, int end, Class<T> kind) {
    for (Mark mark : marks) {
      if (mark.start() == start && mark.end() == end && kind.isInstance(mark.meaning())) {
        marks.remove(mark);
        return Optional.of(kind.cast(mark.meaning()));
      }
    }
    return Optional.empty();
  }
}

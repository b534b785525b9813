package promedio.desktop.projection;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import java.util.concurrent.ConcurrentHashMap;
import promedio.core.assignment.Question;
import promedio.core.computation.Computation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.marking.Verdict;
import promedio.core.measure.Request;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.rules.StatedRules;
import promedio.core.sample.Data;

/**
 * What answers to questions about the same data are worth; each is marked once. Safe for several
 * threads.
 */
public final class MarkCache {

  private final Computation computation;
  private final StatedRules said;
  private final DecimalSign sign;
  private final Map<Asked, Problem> problems = new ConcurrentHashMap<>();
  private final Map<Asked, Marker> markers = new HashMap<>();
  private final Map<Map.Entry<Asked, String>, Mark> known = new ConcurrentHashMap<>();

  /** What an answer is marked by, whoever asks it. */
  private record Asked(Request request, StatedRules stated) {}

  /**
   * Makes them for what is known of some data.
   *
   * @param said what is said of how any question about the data is answered
   * @param sign the decimal sign that the student writes
   */
  public MarkCache(Computation computation, StatedRules said, DecimalSign sign) {
    this.computation = computation;
    this.said = said;
    this.sign = sign;
  }

  /**
   * {@return what the answer to the question is worth}; where it does not agree, that looks for
   * what explains it, which takes a while
   */
  public Mark of(Question question) {
    return of(question, question.answer());
  }

  /** {@return what this would be worth as the answer to the question} */
  public Mark of(Question question, String answer) {
    Map.Entry<Asked, String> key = Map.entry(asked(question), answer);
    Mark mark = known.get(key);
    if (mark == null) {
      // One at a time: a marker is not for several threads.
      synchronized (markers) {
        mark = marker(question).mark(answer, sign);
      }
      known.put(key, mark);
    }
    return mark;
  }

  /**
   * {@return what the answer is worth as far as that is known at once; none before it is explained}
   */
  public Optional<Mark> atOnce(Question question) {
    Map.Entry<Asked, String> key = Map.entry(asked(question), question.answer());
    Mark explained = known.get(key);
    if (explained != null) {
      return Optional.of(explained);
    }
    Mark compared = compare(question);
    boolean open =
        compared.verdict() == Verdict.UNEXPLAINED && computation.context().categories().isEmpty();
    return open ? Optional.empty() : Optional.of(compared);
  }

  /** {@return whether the answer to the question agrees, found without asking why it may not} */
  public boolean agrees(Question question) {
    return compare(question).agrees();
  }

  private Asked asked(Question question) {
    return new Asked(question.request(), said.and(question.stated()));
  }

  private Mark compare(Question question) {
    return Marker.of(problem(question)).compare(question.answer(), sign);
  }

  /** {@return what is to be solved to answer the question} */
  public Problem problem(Question question) {
    return problems.computeIfAbsent(
        asked(question), asked -> Problem.of(computation, asked.request()).stating(asked.stated()));
  }

  private Marker marker(Question question) {
    return markers.computeIfAbsent(asked(question), asked -> Marker.of(problem(question)));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof MarkCache that
        && data() == that.data()
        && rules().equals(that.rules())
        && said.equals(that.said)
        && sign == that.sign;
  }

  private Data data() {
    return computation.context().data();
  }

  private CourseRules rules() {
    return computation.context().rules();
  }

  @Override
  public int hashCode() {
    return rules().hashCode();
  }
}

package promedio.desktop.work;

import java.util.HashMap;
import java.util.Map;
import java.util.Optional;
import promedio.core.assignment.Question;
import promedio.core.computation.Computation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.measure.Task;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;

/**
 * What answers to questions about the same data are worth; each is marked once. Safe for several
 * threads.
 */
public final class Marks {

  private final Computation computation;
  private final DecimalSign sign;
  private final Map<Asked, Marker> markers = new HashMap<>();
  private final Map<Map.Entry<Asked, String>, Mark> known = new HashMap<>();

  /** What an answer is marked by, whoever asks it. */
  private record Asked(Task task, Optional<Integer> places) {
    Asked(Question question) {
      this(question.task(), question.places());
    }
  }

  /** Makes them for what is known of some data, of a student who writes this decimal sign. */
  public Marks(Computation computation, DecimalSign sign) {
    this.computation = computation;
    this.sign = sign;
  }

  /** {@return what the answer to the question is worth} */
  public Mark of(Question question) {
    return of(question, question.answer());
  }

  /** {@return what this would be worth as the answer to the question} */
  public synchronized Mark of(Question question, String answer) {
    Map.Entry<Asked, String> key = Map.entry(new Asked(question), answer);
    Mark mark = known.get(key);
    if (mark == null) {
      mark = marker(question).mark(answer, sign);
      known.put(key, mark);
    }
    return mark;
  }

  /** {@return whether the answer to the question agrees, found without asking why it may not} */
  public synchronized boolean agrees(Question question) {
    return marker(question).compare(question.answer(), sign).agrees();
  }

  /** {@return what is to be solved to answer the question} */
  public synchronized Problem problem(Question question) {
    return marker(question).problem();
  }

  private Marker marker(Question question) {
    return markers.computeIfAbsent(
        new Asked(question),
        asked -> Marker.of(Problem.of(computation.under(question.rules(rules())), asked.task())));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Marks that
        && data() == that.data()
        && rules().equals(that.rules())
        && sign == that.sign;
  }

  private Data data() {
    return computation.setting().data();
  }

  private CourseRules rules() {
    return computation.setting().rules();
  }

  @Override
  public int hashCode() {
    return rules().hashCode();
  }
}

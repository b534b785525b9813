package promedio.desktop.work;

import java.util.HashMap;
import java.util.Map;
import promedio.core.computation.Computation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Question;
import promedio.core.measure.Task;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;

/** What answers are worth; each is marked once. Safe for several threads. */
public final class Marks {

  private final Computation computation;
  private final DecimalSign sign;
  private final Map<Task, Marker> markers = new HashMap<>();
  private final Map<Map.Entry<Task, String>, Mark> known = new HashMap<>();

  /** Makes them for what is known of some data, of a student who writes this decimal sign. */
  public Marks(Computation computation, DecimalSign sign) {
    this.computation = computation;
    this.sign = sign;
  }

  /** {@return what the answer to the measure is worth} */
  public synchronized Mark of(Task task, String answer) {
    Map.Entry<Task, String> key = Map.entry(task, answer);
    Mark mark = known.get(key);
    if (mark == null) {
      mark = marker(task).mark(answer, sign);
      known.put(key, mark);
    }
    return mark;
  }

  /** {@return whether the answer to the measure agrees, found without asking why it may not} */
  public synchronized boolean agrees(Task task, String answer) {
    return marker(task).compare(answer, sign).agrees();
  }

  /** {@return the question for the measure} */
  public synchronized Question question(Task task) {
    return marker(task).question();
  }

  private Marker marker(Task task) {
    return markers.computeIfAbsent(task, asked -> Marker.of(Question.of(computation, asked)));
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

package promedio.desktop.work;

import java.util.EnumMap;
import java.util.HashMap;
import java.util.Map;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Question;
import promedio.core.measure.Measure;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;

/** What answers are worth; each is marked once. Safe for several threads. */
public final class Marks {

  private final Data data;
  private final CourseRules rules;
  private final DecimalSign sign;
  private final Map<Measure, Marker> markers = new EnumMap<>(Measure.class);
  private final Map<Map.Entry<Measure, String>, Mark> known = new HashMap<>();

  /** Makes them for some data by the rules, of a student who writes this decimal sign. */
  public Marks(Data data, CourseRules rules, DecimalSign sign) {
    this.data = data;
    this.rules = rules;
    this.sign = sign;
  }

  /** {@return what the answer to the measure is worth} */
  public synchronized Mark of(Measure measure, String answer) {
    Map.Entry<Measure, String> key = Map.entry(measure, answer);
    Mark mark = known.get(key);
    if (mark == null) {
      mark = marker(measure).mark(answer, sign);
      known.put(key, mark);
    }
    return mark;
  }

  /** {@return whether the answer to the measure agrees, found without asking why it may not} */
  public synchronized boolean agrees(Measure measure, String answer) {
    return marker(measure).compare(answer, sign).agrees();
  }

  /** {@return the question for the measure} */
  public synchronized Question question(Measure measure) {
    return marker(measure).question();
  }

  private Marker marker(Measure measure) {
    return markers.computeIfAbsent(measure, m -> Marker.of(Question.of(data, rules, m)));
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Marks that
        && data == that.data
        && rules.equals(that.rules)
        && sign == that.sign;
  }

  @Override
  public int hashCode() {
    return rules.hashCode();
  }
}

package promedio.core.assignment;

import java.util.HashMap;
import java.util.Map;
import promedio.core.measure.Measure;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Subject;
import promedio.core.working.Methods;

/**
 * How a course wants its assignments worked and judged.
 *
 * @param name the name of this set of rules, empty for none
 * @param rules the course rules in force
 * @param methods the methods that it works measures by, where they are not the usual ones
 */
public record Course(String name, CourseRules rules, Map<Measure, Method> methods) {

  /** The usual rules and methods. */
  public static final Course USUAL = new Course("", CourseRules.DEFAULTS, Map.of());

  public Course {
    methods = Map.copyOf(methods);
  }

  /** {@return this under other rules, which are no named set} */
  Course with(CourseRules changed) {
    return changed.equals(rules) ? this : new Course("", changed, methods);
  }

  /** {@return this with another method for the measure} */
  Course with(Measure measure, Method method) {
    Map<Measure, Method> changed = new HashMap<>();
    changed.putAll(methods);
    changed.put(measure, method);
    return new Course(name, rules, changed);
  }

  /** {@return the method that the measure is worked by, if the rules allow for it} */
  public Method method(Measure measure) {
    Method chosen = methods.getOrDefault(measure, Method.DEFINITION);
    // What more than one variable may be worked by depends on the data.
    boolean allowed =
        measure.subject() != Subject.ONE || Methods.of(Request.of(measure), rules).contains(chosen);
    return allowed ? chosen : Method.DEFINITION;
  }
}

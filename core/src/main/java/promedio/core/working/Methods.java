package promedio.core.working;

import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import promedio.core.catalogue.Measures;
import promedio.core.computation.Computation;
import promedio.core.computation.Dependencies;
import promedio.core.measure.Inspection;
import promedio.core.measure.Measure;
import promedio.core.measure.MeasureContext;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;

/** The methods that something may be worked by: those of what it is made of. */
public final class Methods {

  private static final Data ANY = new Sample(Values.of(List.of(Exact.ONE)));

  private Methods() {}

  /**
   * {@return the methods that there are for what is asked of single values, the usual one first}
   */
  public static List<Method> of(Request request, CourseRules rules) {
    return of(request, rules, ANY);
  }

  /** {@return the methods that there are for what is asked of such data, the usual one first} */
  public static List<Method> of(Request request, CourseRules rules, Data data) {
    return of(request, Computation.of(data, rules));
  }

  static List<Method> of(Request request, Computation computation) {
    // Such as those of a table of counts that cannot be read, in whose place there is nothing.
    if (computation.context().data().subject() != request.measure().subject()) {
      return List.of(Method.DEFINITION);
    }
    List<Set<Method>> ways = ways(request, computation);
    Method.Goal goal =
        ways.stream()
            .flatMap(Set::stream)
            .map(Method::goal)
            .max(Method.Goal::compareTo)
            .orElse(Method.Goal.CENTRE);
    Set<Method> methods = EnumSet.of(Method.DEFINITION);
    ways.stream()
        .filter(some -> some.stream().anyMatch(way -> way.goal() == goal))
        .forEach(methods::addAll);
    return List.copyOf(methods);
  }

  /** The methods of each thing that the request is made of. */
  private static List<Set<Method>> ways(Request request, Computation computation) {
    MeasureContext context = computation.context();
    Dependencies made = computation.dependencies(request);
    // Sums of single values would not fit into a table of values with frequencies.
    boolean sums = !made.sums().isEmpty();
    Stream<Set<Method>> looked =
        made.inspections().stream()
            .map(Inspection::methods)
            .map(ways -> sums ? without(Method.CUMULATIVE, ways) : ways);
    Stream<Set<Method>> found =
        Stream.concat(
                Stream.of(request.meant(context.rules())),
                made.quantities().stream()
                    .flatMap(quantity -> Measures.finding(quantity, context).stream()))
            .map(each -> ways(each.measure(), context.with(each.arguments())));
    return Stream.concat(looked, found).toList();
  }

  private static Set<Method> ways(Measure measure, MeasureContext context) {
    Set<Method> ways = EnumSet.noneOf(Method.class);
    for (Method method : Method.values()) {
      if (measure.way(method, context).isPresent()) {
        ways.add(method);
      }
    }
    return ways;
  }

  private static Set<Method> without(Method method, Set<Method> ways) {
    return ways.stream().filter(way -> way != method).collect(Collectors.toUnmodifiableSet());
  }
}

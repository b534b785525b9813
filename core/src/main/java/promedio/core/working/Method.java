package promedio.core.working;

import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import promedio.core.catalogue.several.Several;
import promedio.core.computation.Computation;
import promedio.core.formula.Quantity;
import promedio.core.measure.Inspection;
import promedio.core.measure.OrderedPlace;
import promedio.core.measure.Request;
import promedio.core.measure.Trimming;
import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.Sample;
import promedio.core.sample.Subject;
import promedio.core.sample.Values;

/** A way of working something by hand. */
public enum Method {
  /** By the formulas that define it; variance and sd by the deviations. */
  DEFINITION,
  /** Variance and sd by Σx² − (Σx)²/n, which needs no deviations. */
  SHORTCUT,
  /** Mean, variance and sd by the distances from an assumed mean. */
  ASSUMED_MEAN,
  /** The same with the distances counted in steps. */
  STEP,
  /** Median and quartiles by the ordered list, crossed off from its ends. */
  CROSSING_OFF,
  /** Median and quartiles by cumulative frequencies. */
  CUMULATIVE,
  /** Central moments, skewness and kurtosis from the moments about 0. */
  RAW_MOMENTS;

  private static final Set<Method> SPREAD = EnumSet.of(DEFINITION, SHORTCUT, ASSUMED_MEAN, STEP);
  private static final Set<Method> CENTER = EnumSet.of(DEFINITION, ASSUMED_MEAN, STEP);
  private static final Set<Method> ORDERED = EnumSet.of(DEFINITION, CROSSING_OFF, CUMULATIVE);
  private static final Set<Method> IN_LIST = EnumSet.of(DEFINITION, CROSSING_OFF);
  private static final Set<Method> MOMENTS = EnumSet.of(DEFINITION, RAW_MOMENTS);

  /** Those that data of more than one variable may have. */
  public static final Set<Method> OF_SEVERAL =
      Collections.unmodifiableSet(EnumSet.of(DEFINITION, SHORTCUT));

  private static final Set<Method> ONLY = EnumSet.of(DEFINITION);

  private static final Set<Quantity> MOMENT_QUANTITIES =
      Set.of(Quantity.SECOND_MOMENT, Quantity.THIRD_MOMENT, Quantity.FOURTH_MOMENT);
  private static final Set<Quantity> SPREAD_QUANTITIES =
      Set.of(
          Quantity.VARIANCE,
          Quantity.POPULATION_VARIANCE,
          Quantity.STANDARD_DEVIATION,
          Quantity.POPULATION_DEVIATION);

  private static final Data ANY = new Sample(Values.of(List.of(Exact.ONE)));

  /** {@return its name in files and on the command line} */
  public String code() {
    return name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  /** {@return the method of this code} */
  public static Optional<Method> ofCode(String code) {
    return Arrays.stream(values()).filter(method -> method.code().equals(code)).findFirst();
  }

  /** {@return the methods that there are for the task of single values, the usual one first} */
  public static List<Method> of(Request request, CourseRules rules) {
    return of(request, rules, ANY);
  }

  /** {@return the methods that there are for the task and such data, the usual one first} */
  public static List<Method> of(Request request, CourseRules rules, Data data) {
    return of(request, Computation.of(data, rules));
  }

  /** What is made of moments is worked by them, even where a standard deviation goes in too. */
  static List<Method> of(Request request, Computation computation) {
    Set<Quantity> made = new HashSet<>(computation.dependencies(request).quantities());
    made.add(computation.symbol(request));
    if (computation.context().data().subject() != Subject.ONE) {
      boolean shortcut =
          made.stream().anyMatch(each -> Several.shortcut(each, computation.context()).isPresent());
      return List.copyOf(shortcut ? OF_SEVERAL : ONLY);
    }
    if (reaches(made, MOMENT_QUANTITIES)) {
      return List.copyOf(MOMENTS);
    }
    if (reaches(made, SPREAD_QUANTITIES)) {
      return List.copyOf(SPREAD);
    }
    Set<Inspection> looked = computation.dependencies(request).inspections();
    if (looked.stream().anyMatch(OrderedPlace.class::isInstance)) {
      // Sums of single values would not fit into a table of values with frequencies.
      boolean sums = !computation.dependencies(request).sums().isEmpty();
      return List.copyOf(sums ? IN_LIST : ORDERED);
    }
    boolean trimmed = looked.stream().anyMatch(Trimming.class::isInstance);
    return List.copyOf(trimmed || made.contains(computation.context().mean()) ? CENTER : ONLY);
  }

  private static boolean reaches(Set<Quantity> made, Set<Quantity> any) {
    return made.stream().anyMatch(any::contains);
  }
}

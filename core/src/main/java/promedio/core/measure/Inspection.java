package promedio.core.measure;

import java.util.List;
import java.util.Set;
import promedio.core.message.Message;

/** Something that is found by looking, before anything is calculated. */
public sealed interface Inspection
    permits OrderedPlace,
        ReachedClass,
        MostFrequent,
        ModalClasses,
        Trimming,
        RankOfValue,
        RankInClasses {

  /** {@return what is seen in the values of the setting} */
  Seen look(MeasureContext context);

  /** {@return the methods by which a hand looks, beside the usual one} */
  default Set<Method> methods() {
    return Set.of();
  }

  /** {@return what the visitor makes of this way of looking} */
  <R> R accept(Visitor<R> visitor);

  /** What comes of looking. */
  sealed interface Seen {}

  /** Numbers, and the formulas that they go into: one, or one for each mode. */
  record Numbers(List<InspectionResult> sightings) implements Seen {

    public Numbers {
      sightings = List.copyOf(sightings);
    }
  }

  /** Names, in the order of their categories. */
  record Names(List<String> names) implements Seen {

    public Names {
      names = List.copyOf(names);
    }
  }

  /** Nothing, and why. */
  record Nothing(Message why) implements Seen {}

  /** {@return nothing, for the reason of this key of the messages} */
  static Seen nothing(String key) {
    return new Nothing(Message.of("absent." + key));
  }

  /**
   * Something that can be made of every way of looking.
   *
   * @param <R> what is made
   */
  interface Visitor<R> {
    R orderedPlace(OrderedPlace how);

    R reachedClass(ReachedClass how);

    R mostFrequent(MostFrequent how);

    R modalClasses(ModalClasses how);

    R trimming(Trimming how);

    R rankOfValue(RankOfValue how);

    R rankInClasses(RankInClasses how);
  }
}

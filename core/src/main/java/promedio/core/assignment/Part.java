package promedio.core.assignment;

import java.util.List;
import java.util.Optional;
import promedio.core.measure.Task;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;

/**
 * One part of an assignment as its sheet asks it: (a), (b), (c) …
 *
 * @param id tells it from the others of its assignment
 * @param text what is asked, in the words of the sheet
 * @param item the id of the sample or table that it is about
 * @param tasks what is asked
 * @param places the places asked, where they are others than those of the course
 */
public record Part(int id, String text, int item, List<Task> tasks, Optional<Integer> places) {

  public Part {
    tasks = List.copyOf(tasks);
  }

  /** {@return this part with other words} */
  public Part withText(String changed) {
    return new Part(id, changed, item, tasks, places);
  }

  /** {@return this part about another sample or table} */
  public Part about(int otherItem) {
    return new Part(id, text, otherItem, tasks, places);
  }

  /** {@return this part with something else asked} */
  public Part asking(List<Task> others) {
    return new Part(id, text, item, others, places);
  }

  /** {@return this part with other places asked} */
  public Part withPlaces(Optional<Integer> others) {
    return new Part(id, text, item, tasks, others);
  }

  /** {@return the rules that answers are marked by} */
  public CourseRules rules(CourseRules course) {
    return places.map(asked -> course.with(Rule.PLACES, asked)).orElse(course);
  }
}

package promedio.core.assignment;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;
import promedio.core.measure.Request;

/**
 * Finds the questions of a part. What is asked already is not asked twice; a question that another
 * part asks under other words about how it is answered stays as it is, and this part gets one of
 * its own, with the same work.
 */
final class Asking {

  private final Part part;
  private final List<Part> others;
  private final List<Question> questions;
  private int nextId;

  private Asking(Assignment assignment, Part part) {
    this.part = part;
    this.others = assignment.parts().stream().filter(each -> each.id() != part.id()).toList();
    this.questions = new ArrayList<>(assignment.questions());
    this.nextId = assignment.ids().question();
  }

  /** {@return the assignment with the part, asking these tasks} */
  static Assignment in(Assignment assignment, Part part, List<Request> requests) {
    Asking asking = new Asking(assignment, part);
    List<Integer> asked = requests.stream().distinct().map(asking::question).toList();
    return assignment.with(part.with(asked), asking.questions);
  }

  private int question(Request request) {
    Predicate<Question> same = each -> each.asks(request, part.about());
    Predicate<Question> asIs = same.and(each -> each.stated().equals(part.stated()));
    Predicate<Question> own = same.and(each -> part.questions().contains(each.id()));
    Optional<Question> found =
        first(asIs.and(own))
            .or(() -> first(asIs))
            .or(() -> first(own.and(this::isFree)).map(this::stating))
            .or(() -> first(same.and(this::isFree)).map(this::stating))
            .or(() -> first(own).map(this::copy))
            .or(() -> first(same).map(this::copy));
    return found.orElseGet(() -> copy(Question.of(nextId, request, part.about()))).id();
  }

  private Optional<Question> first(Predicate<Question> wanted) {
    return questions.stream().filter(wanted).findFirst();
  }

  private boolean isFree(Question question) {
    return others.stream().noneMatch(other -> other.questions().contains(question.id()));
  }

  private Question stating(Question free) {
    Question changed = free.with(part.stated());
    questions.set(questions.indexOf(free), changed);
    return changed;
  }

  private Question copy(Question question) {
    Question made = question.withId(nextId++).with(part.stated());
    questions.add(made);
    return made;
  }
}

package promedio.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A printed question that a person looks through: its text, and what is understood of it with the
 * person’s changes. Immutable.
 */
public final class QuestionDraft {

  private final String text;
  private final PrintedQuestion question;
  private final List<Changed> changes;

  /** A change, and by which words it finds its mark when the text is read anew. */
  private record Changed(Mark.Kind kind, String words, int before, Change change) {}

  private QuestionDraft(String text, PrintedQuestion question, List<Changed> changes) {
    this.text = text;
    this.question = question;
    this.changes = List.copyOf(changes);
  }

  /** {@return the text as it is read by itself} */
  public static QuestionDraft of(String text) {
    String plain = text.replace("\r", "");
    return new QuestionDraft(plain, PrintedQuestion.read(plain), List.of());
  }

  /** {@return another text, with the changes of those words that still stand in it} */
  public QuestionDraft typed(String other) {
    return of(other).again(changes);
  }

  /** {@return this with one mark changed} */
  public QuestionDraft changed(Mark mark, Change change) {
    List<Mark> alike = alike(mark.meaning().kind(), words(mark));
    return with(new Changed(mark.meaning().kind(), words(mark), alike.indexOf(mark), change), mark);
  }

  /** {@return whether anything was changed} */
  public boolean isChanged() {
    return !changes.isEmpty();
  }

  /** {@return this without the last change} */
  public QuestionDraft undone() {
    return isChanged() ? of(text).again(changes.subList(0, changes.size() - 1)) : this;
  }

  /** {@return the text, its returns taken out} */
  public String text() {
    return text;
  }

  /** {@return what is understood} */
  public PrintedQuestion question() {
    return question;
  }

  /** {@return the words of a mark} */
  public String words(Mark mark) {
    return text.substring(mark.start(), mark.end());
  }

  private QuestionDraft with(Changed changed, Mark mark) {
    List<Changed> more = new ArrayList<>(changes);
    more.add(changed);
    return new QuestionDraft(text, changed.change().of(question, mark), more);
  }

  private QuestionDraft again(List<Changed> all) {
    QuestionDraft draft = this;
    for (Changed each : all) {
      List<Mark> alike = draft.alike(each.kind(), each.words());
      Optional<Mark> mark =
          each.before() < alike.size() ? Optional.of(alike.get(each.before())) : Optional.empty();
      draft = mark.isPresent() ? draft.with(each, mark.get()) : draft;
    }
    return draft;
  }

  private List<Mark> alike(Mark.Kind kind, String words) {
    return question.marks().stream()
        .filter(mark -> mark.meaning().kind() == kind && words(mark).equals(words))
        .toList();
  }
}

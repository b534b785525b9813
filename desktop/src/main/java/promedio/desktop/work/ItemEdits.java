package promedio.desktop.work;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HypothesisText;
import promedio.core.assignment.Item;
import promedio.core.assignment.Question;
import promedio.core.assignment.Selection;
import promedio.core.assignment.Source;
import promedio.core.assignment.TestChoice;
import promedio.core.assignment.Work;
import promedio.core.entry.TypedCategories;
import promedio.core.graph.GraphChoice;
import promedio.core.graph.GraphText;
import promedio.core.grouping.ClassChoice;
import promedio.core.measure.Request;
import promedio.core.message.Texts;
import promedio.core.rules.Rule;
import promedio.core.sample.DataSubset;
import promedio.desktop.projection.WhatIf;

/** What is changed about the chosen item; each change can be undone. */
public final class ItemEdits {

  private final Workspace workspace;

  ItemEdits(Workspace workspace) {
    this.workspace = workspace;
  }

  /** Takes what is typed as the values of the chosen item; makes a sample where there is none. */
  public void type(String text) {
    Item item = workspace.item();
    if (item == null) {
      if (!text.isBlank()) {
        addFirst(text);
      }
      return;
    }
    Source source = item.source().withText(text);
    workspace.edit("edit.values", "values " + item.id(), now -> now.with(item.withSource(source)));
  }

  /** The first letters make the sample, and are undone together with those that follow. */
  private void addFirst(String text) {
    int id = workspace.assignment().ids().item();
    Item first = Item.of(id, Texts.of("item.sample", id), "", new Source.ValuesText(text));
    workspace.edit("edit.values", "values " + id, now -> now.with(first));
  }

  /** Takes what is typed as the student's answer to what is asked of the chosen item. */
  public void answer(Request asked, String text) {
    Item item = workspace.item();
    if (item != null) {
      answer(workspace.assignment().question(asked, Selection.of(item)), text);
    }
  }

  /** Takes what is typed as the answer to a question. */
  public void answer(Question question, String text) {
    if (!question.answer().equals(text)) {
      workspace.edit(
          "edit.answer",
          "answer " + asked(question),
          now -> now.with(question.with(question.work().withAnswer(text))));
    }
  }

  /** Keeps the answer to a question as a try, so that it stands beside the next one. */
  public void keepTry(Question question) {
    workspace.completeAct(
        "edit.answer",
        "answer " + asked(question),
        now -> now.with(question.with(question.work().withTry())));
  }

  /** Changes what was done about what is asked of the chosen portion of the chosen item. */
  void editWork(String nameKey, String key, Request asked, UnaryOperator<Work> change) {
    Item item = workspace.item();
    if (item != null) {
      Selection about = new Selection(item.id(), workspace.projection().choice().subset());
      Question question = workspace.assignment().question(asked, about);
      String runningKey = key.isEmpty() ? "" : key + " " + asked(question);
      workspace.edit(
          nameKey, runningKey, now -> now.with(question.with(change.apply(question.work()))));
    }
  }

  /** A question that nothing is done about any more is gone, and has another id when it is back. */
  private static String asked(Question question) {
    return question.request() + " " + question.about() + " " + question.stated();
  }

  /** Asks something more of the chosen item; what is asked already is not asked twice. */
  public void ask(Request request) {
    editChosenSheet((now, about) -> now.with(now.question(request, about)));
  }

  /** Uncovers the result of what is asked of a portion of the chosen item. */
  public void uncover(DataSubset subset, Request request) {
    Item item = workspace.item();
    if (item != null) {
      workspace.edit(
          "edit.uncover", "", now -> now.uncovering(request, new Selection(item.id(), subset)));
    }
  }

  /** Covers results until they are found or uncovered, or shows them all. */
  public void setCovered(boolean covered) {
    workspace.edit(covered ? "edit.cover" : "edit.uncover", "", now -> now.withCovered(covered));
  }

  /** Asks something of the chosen item nowhere any longer; undo brings it and its work back. */
  public void stopAsking(Request request) {
    editChosenSheet((now, about) -> now.withoutQuestions(request, about));
  }

  private void editChosenSheet(BiFunction<Assignment, Selection, Assignment> change) {
    Item item = workspace.item();
    if (item != null) {
      workspace.edit("edit.asked", "", now -> change.apply(now, Selection.of(item)));
    }
  }

  /** Makes the chosen comparison one of these samples. */
  public void pick(List<Integer> samples) {
    editChosen("edit.picked", "", item -> item.withSource(Source.Picked.of(samples)));
  }

  /** Renames the chosen item. */
  public void rename(String name) {
    editChosen("edit.name", "name", item -> item.withName(name));
  }

  /** Changes the unit of the chosen item. */
  public void setUnit(String unit) {
    editChosen("edit.unit", "unit", item -> item.withUnit(unit));
  }

  /** Changes the note of the chosen item. */
  public void setNote(String note) {
    editChosen("edit.note", "note", item -> item.withNote(note));
  }

  /** Puts the values of the chosen item into other classes. */
  public void setClasses(ClassChoice classes) {
    editChosen("edit.classes", "", item -> item.withClasses(classes));
  }

  /** Takes what is typed as the numbers by which the values are put into classes. */
  public void typeClasses(String numbers) {
    editChosen(
        "edit.classes",
        "classes",
        item -> item.withClasses(new ClassChoice(item.classes().by(), numbers)));
  }

  /** Draws the chosen item otherwise. */
  public void setGraph(UnaryOperator<GraphChoice> change) {
    editChosen("edit.graph", "", item -> item.withGraph(change.apply(item.graph())));
  }

  /** Takes what is typed about the graph of the chosen item. */
  public void typeGraph(GraphText which, String text) {
    editChosen(
        "edit.graph",
        "graph " + which.code(),
        item -> item.withGraph(item.graph().with(which, text)));
  }

  /** Works another test of the chosen item, or the same one of something else. */
  public void setTest(UnaryOperator<TestChoice> change) {
    editChosen("edit.test", "", item -> item.withTest(change.apply(item.test())));
  }

  /** Takes what is said from now on of how a question is answered; nothing: the course tells. */
  public <T> void state(Question asked, Rule<T> rule, Optional<T> value) {
    workspace.edit("edit.test", "", now -> now.stating(asked, rule, value));
  }

  /** Takes what is typed about the test of the chosen item. */
  public void typeTest(HypothesisText which, String text) {
    editChosen(
        "edit.test", "test " + which.code(), item -> item.withTest(item.test().with(which, text)));
  }

  /** Counts the words that were typed as the values of the chosen item. */
  public void countWords() {
    editChosen(
        "edit.count-words",
        "",
        item ->
            item.source() instanceof Source.ValuesText words
                ? item.withSource(new Source.CategoriesText(TypedCategories.ofWords(words.text())))
                : item);
  }

  /** Appends the values of another item to the chosen one; both must be typed the same way. */
  public void append(Item other) {
    editChosen(
        "edit.append",
        "",
        item -> item.source().append(other.source()).map(item::withSource).orElse(item));
  }

  /** Makes the change that is tried out. */
  public void keepWhatIf() {
    WhatIf trial = workspace.projection().trial();
    if (trial != null) {
      editChosen("edit.what-if", "", item -> item.withSource(item.source().withText(trial.text())));
    }
  }

  /** Changes the chosen item; edits of the same key that follow each other are one. */
  void editChosen(String nameKey, String key, UnaryOperator<Item> change) {
    Item item = workspace.item();
    if (item != null) {
      String runningKey = key.isEmpty() ? "" : key + " " + item.id();
      workspace.edit(nameKey, runningKey, now -> now.with(change.apply(item)));
    }
  }
}

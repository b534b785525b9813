package promedio.core.assignment;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;

/**
 * What of an assignment is handed in.
 *
 * @param sections all that could be, in the order of the document
 * @param leftOut those of them that are not
 * @param contents what is told in each
 */
public record HandInChoice(List<Section> sections, Set<Section> leftOut, Set<Content> contents) {

  /** What can be told in a document. */
  public enum Content {
    /** The course rules, in words. */
    RULES,
    /** The data, as they were given. */
    DATA,
    /** Graphs of the data. */
    GRAPHS,
    /** What is found; without, a sheet of exercises is left. */
    RESULTS,
    /** The steps that lead to the results. */
    WORKINGS,
    /** What the student answered. */
    ANSWERS,
    /** What the student wrote beside the steps. */
    OWN_WORKING;

    /** {@return its name in keys of texts, ids and on the command line} */
    public String code() {
      return name().toLowerCase(Locale.ROOT).replace('_', '-');
    }

    /** {@return the content of the code} */
    public static Optional<Content> ofCode(String code) {
      return Arrays.stream(values()).filter(each -> each.code().equals(code)).findFirst();
    }
  }

  /**
   * A part of the assignment, or an item of the shelf that no part asks about.
   *
   * @param isPart whether it is a part
   * @param id of the part or of the item
   */
  public record Section(boolean isPart, int id) {}

  public HandInChoice {
    sections = List.copyOf(sections);
    leftOut = Set.copyOf(leftOut);
    contents =
        contents.isEmpty() ? Set.of() : Collections.unmodifiableSet(EnumSet.copyOf(contents));
  }

  /** {@return the parts of the assignment with their workings; the items where it has no parts} */
  public static HandInChoice usual(Assignment assignment) {
    List<Section> sections = sections(assignment);
    boolean parts = !assignment.parts().isEmpty();
    return new HandInChoice(
        sections,
        Set.copyOf(sections.stream().filter(each -> parts && !each.isPart()).toList()),
        EnumSet.of(Content.RULES, Content.DATA, Content.GRAPHS, Content.RESULTS, Content.WORKINGS));
  }

  private static List<Section> sections(Assignment assignment) {
    List<Section> sections = new ArrayList<>();
    assignment.parts().forEach(part -> sections.add(new Section(true, part.id())));
    List<Integer> asked =
        assignment.parts().stream().map(part -> part.about().item()).distinct().toList();
    assignment.items().stream()
        .filter(item -> !asked.contains(item.id()))
        .forEach(item -> sections.add(new Section(false, item.id())));
    return sections;
  }

  /** {@return this as far as the assignment has it; what is new comes as it usually does} */
  public HandInChoice within(Assignment assignment) {
    List<Section> there = sections(assignment);
    List<Section> kept = new ArrayList<>(sections);
    kept.retainAll(there);
    Set<Section> out = new HashSet<>(leftOut);
    out.retainAll(kept);
    HandInChoice usual = usual(assignment);
    for (Section each : there) {
      if (!kept.contains(each)) {
        kept.add(each);
        if (usual.leftOut.contains(each)) {
          out.add(each);
        }
      }
    }
    return new HandInChoice(kept, out, contents);
  }

  /** {@return this with a section in it, or left out} */
  public HandInChoice with(Section section, boolean in) {
    Set<Section> out = new HashSet<>(leftOut);
    if (in) {
      out.remove(section);
    } else {
      out.add(section);
    }
    return new HandInChoice(sections, out, contents);
  }

  /** {@return this telling something, or not} */
  public HandInChoice with(Content content, boolean in) {
    Set<Content> told = EnumSet.noneOf(Content.class);
    told.addAll(contents);
    if (in) {
      told.add(content);
    } else {
      told.remove(content);
    }
    return new HandInChoice(sections, leftOut, told);
  }

  /** {@return this with a section moved by so many places, held within the document} */
  public HandInChoice moved(Section section, int by) {
    List<Section> order = new ArrayList<>(sections);
    int from = order.indexOf(section);
    int to = Math.max(0, Math.min(order.size() - 1, from + by));
    if (from >= 0) {
      order.remove(from);
      order.add(to, section);
    }
    return new HandInChoice(order, leftOut, contents);
  }

  /** {@return this with one section alone, and no rules before it} */
  public HandInChoice only(Section section) {
    return new HandInChoice(List.of(section), Set.of(), contents).with(Content.RULES, false);
  }

  /** {@return the sections that are handed in, in order} */
  public List<Section> taken() {
    return sections.stream().filter(each -> !leftOut.contains(each)).toList();
  }
}

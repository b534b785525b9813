package promedio.desktop.howto;

import java.util.List;
import java.util.Set;

/**
 * A topic of the how-to in one language.
 *
 * @param id its name in every language
 * @param title what it is called
 * @param words other words and symbols that it is found by
 * @param what what it is, in a sentence or two
 * @param hand how it is done by hand
 * @param window where in the window
 * @param place where to show it
 * @param about what leads to it: a measure, a rule, a slip or a graph, such as {@code measure.mean}
 */
public record Topic(
    String id,
    String title,
    List<String> words,
    String what,
    String hand,
    String window,
    Place place,
    Set<String> about) {

  public Topic {
    words = List.copyOf(words);
    about = Set.copyOf(about);
  }
}

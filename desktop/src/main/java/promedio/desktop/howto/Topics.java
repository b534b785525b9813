package promedio.desktop.howto;

import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.desktop.howto.Place.Needed;
import promedio.desktop.howto.Place.Opened;

/** All topics of the how-to in one language, in the order in which they are listed. */
public final class Topics {

  private final List<Topic> all = new ArrayList<>();
  private final Map<String, Topic> byAbout = new LinkedHashMap<>();

  private Topics(Language language) {
    Map<String, String> places = Texts.file("topics");
    Map<String, String> texts = Texts.file(language, "how-to");
    for (String id : words(places.getOrDefault("topics", ""))) {
      Topic topic = topic(id, places, texts);
      all.add(topic);
      topic.about().forEach(about -> byAbout.put(about, topic));
    }
  }

  /** {@return the topics in this language} */
  public static Topics in(Language language) {
    return new Topics(language);
  }

  /** {@return every topic} */
  public List<Topic> all() {
    return List.copyOf(all);
  }

  /** {@return the topic that something leads to, such as {@code slip.not-sorted}} */
  public Optional<Topic> about(String what) {
    return Optional.ofNullable(byAbout.get(what));
  }

  private static Topic topic(String id, Map<String, String> places, Map<String, String> texts) {
    Place place =
        new Place(
            named(places, id + ".on").map(Needed::valueOf),
            Optional.ofNullable(places.get(id + ".measure")),
            Optional.ofNullable(places.get(id + ".focus")),
            named(places, id + ".open").map(Opened::valueOf));
    return new Topic(
        id,
        texts.getOrDefault(id + ".title", id),
        Stream.of(texts.getOrDefault(id + ".words", "").split("\\s*;\\s*"))
            .filter(word -> !word.isEmpty())
            .toList(),
        texts.getOrDefault(id + ".what", ""),
        texts.getOrDefault(id + ".hand", ""),
        texts.getOrDefault(id + ".window", ""),
        place,
        Set.copyOf(words(places.getOrDefault(id + ".about", ""))));
  }

  /** The name of a constant, as files write it. */
  private static Optional<String> named(Map<String, String> places, String key) {
    return Optional.ofNullable(places.get(key))
        .map(name -> name.toUpperCase(Locale.ROOT).replace('-', '_'));
  }

  private static List<String> words(String text) {
    return Stream.of(text.split("\\s+")).filter(word -> !word.isEmpty()).toList();
  }
}

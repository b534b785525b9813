package promedio.files.assignment;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.HandInChoice.Section;
import promedio.core.message.BadInputException;

/** What of an assignment is handed in, in its file. */
final class HandInJson {

  private static final Set<String> FIELDS = Set.of("sections", "contents");
  private static final Set<String> SECTION = Set.of("part", "item", "left-out");
  private static final String LEFT_OUT = "left-out";

  private HandInJson() {}

  static void write(HandInChoice choice, ObjectNode node) {
    node.putArray("contents");
    node.putArray("sections");
    choice.contents().forEach(content -> node.withArrayProperty("contents").add(content.code()));
    for (Section section : choice.sections()) {
      ObjectNode written = node.withArrayProperty("sections").addObject();
      written.put(section.isPart() ? "part" : "item", section.id());
      if (choice.leftOut().contains(section)) {
        written.put(LEFT_OUT, true);
      }
    }
  }

  /**
   * {@return what is handed in}
   *
   * @throws BadInputException if something is not as it must be; the message says what
   */
  static Optional<HandInChoice> read(JsonNode document) throws BadInputException {
    if (!document.has("hand-in")) {
      return Optional.empty();
    }
    JsonNode node = document.path("hand-in");
    JsonFields.requireOnly(node, FIELDS);
    Set<Content> contents = EnumSet.noneOf(Content.class);
    for (String code : JsonFields.texts(node, "contents")) {
      contents.add(JsonFields.known(Content.ofCode(code), "contents"));
    }
    List<Section> sections = new ArrayList<>();
    Set<Section> leftOut = new HashSet<>();
    for (JsonNode written : JsonFields.list(node, "sections")) {
      JsonFields.requireOnly(written, SECTION);
      boolean part = written.has("part");
      JsonFields.require(part != written.has("item"), "sections");
      Section section =
          new Section(
              part,
              JsonFields.whole(written, part ? "part" : "item", 0, AssignmentJson.LARGEST_ID));
      JsonFields.require(!sections.contains(section), "sections");
      sections.add(section);
      if (JsonFields.isSet(written, LEFT_OUT)) {
        leftOut.add(section);
      }
    }
    return Optional.of(new HandInChoice(sections, leftOut, contents));
  }
}

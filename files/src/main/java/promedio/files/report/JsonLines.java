package promedio.files.report;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.files.ByteLines;
import promedio.files.Guarded;

/**
 * Questions of which each is a line of JSON, answered each on its own by a line of JSON: whatever
 * is wrong with one is said in its place, and costs no other.
 */
public final class JsonLines {

  private JsonLines() {}

  /**
   * The answer to a line.
   *
   * @param text the answer as one line of JSON
   * @param isRefused whether the question could not be used
   */
  public record Answer(String text, boolean isRefused) {}

  /** Answers one question. */
  @FunctionalInterface
  public interface Work {

    /**
     * Writes the answer.
     *
     * @throws BadInputException if the question cannot be used; the message says why
     */
    void answer(JsonNode question, ObjectNode into) throws BadInputException;
  }

  /** Says that a question cannot be used. */
  @FunctionalInterface
  public interface Refusal {

    /** What it is but for lines of answers to mark. */
    Refusal USUAL = (why, into) -> into.put("refused", why.text()).put("code", why.key());

    /** Writes why a question cannot be used. */
    void write(Message why, ObjectNode into);
  }

  /** {@return the answer to a line, with the id of its question where it has one} */
  public static Answer answer(ByteLines.Line line, Work work, Refusal refusal) {
    ObjectNode id = MarkRequestJson.JSON.createObjectNode();
    try {
      ObjectNode answer =
          Guarded.of(
              () -> {
                JsonNode question = read(line);
                if (question.has("id")) {
                  // The id comes back as it was written, a number or a word.
                  id.set("id", question.get("id"));
                }
                ObjectNode into = id.deepCopy();
                work.answer(question, into);
                return into;
              });
      return new Answer(answer.toString(), false);
    } catch (BadInputException e) {
      refusal.write(e.why(), id);
      return new Answer(id.toString(), true);
    }
  }

  private static JsonNode read(ByteLines.Line line) throws BadInputException {
    if (line.problem().isPresent()) {
      throw Texts.refusal("plain", line.problem().get());
    }
    return MarkRequestJson.read(line.text());
  }
}

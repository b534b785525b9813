package promedio.files.answers;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import promedio.core.marking.Explanation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.measure.Task;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.files.ByteLines;
import promedio.files.Guarded;
import promedio.files.report.JsonLines;
import promedio.files.report.MarkTexts;
import promedio.files.report.QuestionJson;

/** One answer a line, JSON in and its mark out; a line that cannot be read says why. */
public final class MarkLines {

  private MarkLines() {}

  /**
   * {@return the line that marks a line}
   *
   * @param line one answer as a JSON object
   * @param defaults the rules where the line names none
   */
  public static JsonLines.Answer mark(ByteLines.Line line, CourseRules defaults) {
    return JsonLines.answer(
        line,
        (question, into) -> {
          if (!question.has("id")) {
            into.putNull("id");
          }
          write(asked(question, defaults, DecimalSign.POINT), into);
        },
        (why, into) -> {
          if (!into.has("id")) {
            into.putNull("id");
          }
          write(unreadable(into, why), into);
        });
  }

  /** {@return the answer of the line, marked; where it cannot be read, with the reason} */
  static MarkedAnswer row(String line, CourseRules defaults, DecimalSign sign) {
    JsonNode[] read = {QuestionJson.JSON.createObjectNode()};
    try {
      return Guarded.of(
          () -> {
            read[0] = QuestionJson.read(line);
            return asked(read[0], defaults, sign);
          });
    } catch (BadInputException e) {
      return unreadable(read[0], e.why());
    }
  }

  private static MarkedAnswer asked(JsonNode in, CourseRules defaults, DecimalSign sign)
      throws BadInputException {
    Task task = QuestionJson.task(in);
    Problem problem =
        Problem.of(
                QuestionJson.data(in, task), QuestionJson.rules(in.path("rules"), defaults), task)
            .stating(QuestionJson.stated(in.path("stated")));
    return row(in, Optional.of(problem), Marker.of(problem).mark(text(in, "answer"), sign));
  }

  private static MarkedAnswer unreadable(JsonNode in, Message why) {
    return row(in, Optional.empty(), Mark.unreadable(Message.of("mark.question", why.text())));
  }

  private static MarkedAnswer row(JsonNode in, Optional<Problem> problem, Mark mark) {
    return new MarkedAnswer(
        in.path("id").asText(),
        in.path("part").asText(),
        in.path("measure").asText(),
        in.path("answer").asText(),
        problem,
        mark);
  }

  /** {@return the line for an answer of a class} */
  public static String json(MarkedAnswer row) {
    ObjectNode out = QuestionJson.JSON.createObjectNode().put("id", row.id());
    if (!row.part().isEmpty()) {
      out.put("part", row.part());
    }
    write(row, out);
    return out.toString();
  }

  private static void write(MarkedAnswer row, ObjectNode out) {
    if (row.problem().isPresent()) {
      write(row.mark(), new MarkTexts(row.problem().get(), DecimalSign.POINT), out);
    } else {
      out.put("verdict", row.mark().verdict().code());
      row.mark().reason().ifPresent(reason -> out.put("reason", reason.text()));
    }
  }

  private static void write(Mark mark, MarkTexts texts, ObjectNode out) {
    out.put("verdict", mark.verdict().code());
    mark.reason().map(Message::text).ifPresent(reason -> out.put("reason", reason));
    out.putArray("explanations");
    for (Explanation explanation : mark.explanations()) {
      ObjectNode node = json(explanation);
      explanation.with().ifPresent(other -> node.set("with", json(other)));
      out.withArrayProperty("explanations").add(node.put("text", texts.text(explanation, mark)));
    }
  }

  private static ObjectNode json(Explanation explanation) {
    ObjectNode node = QuestionJson.JSON.createObjectNode();
    node.put("kind", explanation.kind().code());
    node.put("code", explanation.cause().code());
    ObjectNode params = node.putObject("params");
    explanation.params().forEach(params::put);
    return node;
  }

  /** Answers may be written as numbers too. */
  private static String text(JsonNode in, String name) throws BadInputException {
    JsonNode node = in.path(name);
    if (!node.isValueNode() || node.isNull()) {
      throw Texts.refusal("mark.need", name);
    }
    return node.asText();
  }
}

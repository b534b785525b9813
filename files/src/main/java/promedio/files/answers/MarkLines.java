package promedio.files.answers;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.node.ArrayNode;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.util.Optional;
import promedio.core.marking.Explanation;
import promedio.core.marking.Mark;
import promedio.core.marking.Marker;
import promedio.core.marking.Problem;
import promedio.core.measure.Request;
import promedio.core.message.BadInputException;
import promedio.core.message.Message;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.core.working.Methods;
import promedio.core.working.Working;
import promedio.files.ByteLines;
import promedio.files.Guarded;
import promedio.files.report.JsonLines;
import promedio.files.report.MarkRequestJson;
import promedio.files.report.MarkTexts;
import promedio.files.report.ShownNumbers;
import promedio.files.report.TaskTexts;
import promedio.files.report.WorkingFormat;

/**
 * One answer a line, JSON in and its mark out; a line that cannot be read says why. A mark never
 * gives the result away unless that is asked for.
 */
public final class MarkLines {

  private final boolean withResults;

  /**
   * Makes one who marks lines.
   *
   * @param withResults whether a mark comes with the right result and its working
   */
  public MarkLines(boolean withResults) {
    this.withResults = withResults;
  }

  /**
   * {@return the line that marks a line}
   *
   * @param line one answer as a JSON object
   * @param defaults the rules where the line names none
   */
  public JsonLines.Answer mark(ByteLines.Line line, CourseRules defaults) {
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
    JsonNode[] read = {MarkRequestJson.JSON.createObjectNode()};
    try {
      return Guarded.of(
          () -> {
            read[0] = MarkRequestJson.read(line);
            return asked(read[0], defaults, sign);
          });
    } catch (BadInputException e) {
      return unreadable(read[0], e.why());
    }
  }

  private static MarkedAnswer asked(JsonNode in, CourseRules defaults, DecimalSign sign)
      throws BadInputException {
    Request request = MarkRequestJson.request(in);
    Problem problem =
        Problem.of(
                MarkRequestJson.data(in, request),
                MarkRequestJson.rules(in.path("rules"), defaults),
                request)
            .stating(MarkRequestJson.stated(in.path("stated")));
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
  public String json(MarkedAnswer row) {
    ObjectNode out = MarkRequestJson.JSON.createObjectNode().put("id", row.id());
    if (!row.part().isEmpty()) {
      out.put("part", row.part());
    }
    write(row, out);
    return out.toString();
  }

  private void write(MarkedAnswer row, ObjectNode out) {
    Mark mark = row.mark();
    out.put("verdict", mark.verdict().code());
    mark.reason().map(Message::text).ifPresent(reason -> out.put("reason", reason));
    row.problem().ifPresent(problem -> write(mark, problem, out));
  }

  private void write(Mark mark, Problem problem, ObjectNode out) {
    MarkTexts texts = new MarkTexts(problem, DecimalSign.POINT);
    ArrayNode explanations = out.putArray("explanations");
    for (Explanation explanation : mark.explanations()) {
      ObjectNode node = json(explanation);
      explanation.with().ifPresent(other -> node.set("with", json(other)));
      node.put("hint", texts.hint(explanation));
      explanations.add(node.put("text", texts.text(explanation, mark)));
    }
    if (withResults) {
      out.put("result", texts.result());
      working(problem).ifPresent(lines -> out.put("working", lines));
    }
  }

  /** The working as lines to read, where there is one. */
  private static Optional<String> working(Problem problem) {
    ShownNumbers numbers = new ShownNumbers(problem.rules(), DecimalSign.POINT);
    return Methods.of(problem.request(), problem.rules(), problem.data()).stream()
        .findFirst()
        .flatMap(method -> Working.of(problem.data(), problem.rules(), problem.request(), method))
        .map(
            working ->
                WorkingFormat.TEXT.write(
                    TaskTexts.name(problem.request(), numbers), working, numbers))
        .map(lines -> String.join("\n", lines));
  }

  private static ObjectNode json(Explanation explanation) {
    ObjectNode node = MarkRequestJson.JSON.createObjectNode();
    node.put("kind", explanation.kind().code());
    node.setAll(coded(explanation));
    ObjectNode params = (ObjectNode) node.path("params");
    if (!explanation.also().isEmpty()) {
      ArrayNode also = params.putArray("also");
      explanation.also().forEach(other -> also.add(coded(other)));
    }
    return node;
  }

  private static ObjectNode coded(Explanation explanation) {
    ObjectNode node = MarkRequestJson.JSON.createObjectNode();
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

package promedio.files.report;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.stream.Stream;
import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import promedio.core.catalogue.Measures;
import promedio.core.catalogue.several.Several;
import promedio.core.measure.Task;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;
import promedio.core.sample.Subject;
import promedio.core.working.Method;
import promedio.core.working.Working;

/** Every working of every measure, by every method, in every format and language. */
class WorkingsWalkTest {

  @Test
  void dump() throws Exception {
    StringBuilder out = new StringBuilder();
    for (String line : java.nio.file.Files.readAllLines(java.nio.file.Path.of("/tmp/walk.jsonl"))) {
      com.fasterxml.jackson.databind.JsonNode node = QuestionJson.read(line);
      CourseRules rules = QuestionJson.rules(node.path("rules"), CourseRules.DEFAULTS);
      Data data = QuestionJson.data(node);
      ShownNumbers numbers = new ShownNumbers(rules, promedio.core.number.DecimalSign.POINT);
      out.append("######## ").append(line).append("\n");
      for (Task task : tasks(data)) {
        for (Method method : Method.of(task, rules, data)) {
          Data asked = data;
          Optional<Working> working = Working.of(asked, rules, task, method);
          if (working.isEmpty()) { out.append("-- none " + task + " " + method + "\n"); continue; }
          out.append("== " + task.key() + " by " + method.code() + "\n");
          WorkingFormat.TEXT.write(TaskTexts.title(task, numbers), working.get(), numbers).forEach(l -> out.append(l).append("\n"));
        }
      }
    }
    java.nio.file.Files.writeString(java.nio.file.Path.of("/tmp/walk.txt"), out.toString());
  }

  private static List<Task> tasks(Data data) {
    List<Task> all = new ArrayList<>();
    if (data.subject() == Subject.ONE) {
      Stream.concat(Measures.all().stream(), Measures.others().stream()).forEach(m -> add(all, m));
      Stream.of(Several.tOfOne(), Several.zOfOne(), Several.interval(), Several.intervalBySigma()).flatMap(List::stream).forEach(m -> add(all, m));
    } else {
      Several.of(data.subject()).forEach(m -> add(all, m));
      if (data.subject() == Subject.GROUPS && data.groups().get().samples().size() == 2) Several.ofTwoGroups().forEach(m -> add(all, m));
      if (data.subject() == Subject.CROSS) Several.ofCell().forEach(m -> add(all, m));
      if (data.subject() == Subject.PAIRS) add(all, Several.PREDICTION);
    }
    return all;
  }

  private static void add(List<Task> all, promedio.core.measure.Measure m) {
    List<promedio.core.number.Exact> args = new ArrayList<>();
    for (promedio.core.measure.Parameter p : m.parameters()) {
      for (String s : List.of("10", "0.1", "2", "1", "95", "3")) {
        promedio.core.number.Exact e = promedio.core.number.Exact.of(new java.math.BigDecimal(s));
        if (p.refusal(e).isEmpty()) { args.add(e); break; }
      }
    }
    all.add(new Task(m, args));
  }
}

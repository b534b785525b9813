package promedio.files.report;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import promedio.core.marking.Explanation;
import promedio.core.marking.Mark;
import promedio.core.marking.Problem;
import promedio.core.measure.Dimension;
import promedio.core.measure.Result;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Rounding;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Subject;
import promedio.core.slip.Cause;
import promedio.core.slip.Kind;

/** What explains an answer, in a teacher's words. */
public final class MarkTexts {

  /** From this share on, what fits is called possible only. */
  private static final Exact POSSIBLE = Exact.of(1, 50);

  /** From this share on, anything would be explained by something. */
  private static final Exact PERHAPS = Exact.of(1, 5);

  private final Problem problem;
  private final DecimalSign sign;
  private final ShownNumbers numbers;

  /** Makes the words for marks of answers to the problem. */
  public MarkTexts(Problem problem, DecimalSign sign) {
    this.problem = problem;
    this.sign = sign;
    this.numbers = new ShownNumbers(problem.rules(), sign);
  }

  /**
   * {@return what was probably done and what is done instead, without the result; the more reserved
   * the more of it could be chance}
   */
  public String text(Explanation explanation, Mark mark) {
    Exact chance = mark.chance().orElse(POSSIBLE);
    String lead =
        chance.compareTo(PERHAPS) >= 0
            ? "mark.perhaps"
            : chance.compareTo(POSSIBLE) >= 0 ? "mark.possible" : "mark.likely";
    String told =
        explanation
            .with()
            .map(other -> Texts.of("mark.and", clause(explanation), clause(other)))
            .orElseGet(() -> clause(explanation));
    return Texts.of(lead, told);
  }

  /** {@return the right result, by the rules of the course} */
  public String result() {
    return shown(problem.right());
  }

  /** {@return a question or a word that points at the step, without saying what was done} */
  public String hint(Explanation explanation) {
    boolean rule = explanation.kind() == Kind.RULE;
    return Texts.of(own("mark.hint." + (rule ? "rule" : explanation.cause().code())));
  }

  /** What goes wrong in the same way in another measure is told in the words of that measure. */
  private String own(String key) {
    String ofMeasure = key + "." + problem.request().key();
    if (Texts.has(ofMeasure)) {
      return ofMeasure;
    }
    String ofSeveral = key + ".several";
    boolean several = problem.data().subject() != Subject.ONE;
    return several && Texts.has(ofSeveral) ? ofSeveral : key;
  }

  /** {@return how much that is explained could be chance; nothing where that cannot be said} */
  public Optional<String> chance(Mark mark) {
    return mark.chance()
        .map(
            share -> {
              String percent =
                  NumberText.write(share.times(100).rounded(0, Rounding.HALF_UP), sign);
              return percent.equals("0")
                  ? Texts.of("mark.chance.none")
                  : Texts.of("mark.chance", percent);
            });
  }

  private String clause(Explanation explanation) {
    Cause cause = explanation.cause();
    List<String> arguments = new ArrayList<>();
    if (cause.kind() == Kind.RULE) {
      return clauseOfRule(explanation, Rule.find(cause.code()).orElseThrow());
    }
    explanation.params().forEach((name, value) -> arguments.add(words(name, value)));
    return Texts.of(own("mark." + cause.code()), arguments.toArray());
  }

  /** What the question itself says, and what holds in any course, is of no other course. */
  private <T> String clauseOfRule(Explanation explanation, Rule<T> rule) {
    String value = explanation.params().getOrDefault("value", "");
    String done = rule(rule, value);
    String right = rule(rule, problem.rules());
    if (explanation.kind() == Kind.RULE) {
      return Texts.of("mark.rule", done, right);
    }
    if (problem.stated().get(rule).isPresent()) {
      return Texts.of("mark.rule.stated", done, right);
    }
    String always =
        rule.values().stream()
            .map(rule::codeOf)
            .filter(code -> !code.equals(value))
            .findFirst()
            .orElse(value);
    return Texts.of("mark.rule.always", done, rule(rule, always));
  }

  private static <T> String rule(Rule<T> rule, CourseRules rules) {
    return rule(rule, rules.code(rule));
  }

  private static String rule(Rule<?> rule, String values) {
    return rules("mark.rule." + rule.code() + ".", values);
  }

  private String words(String name, String value) {
    return switch (name) {
      case "step" -> named(value, "mark.step.", "measure.");
      case "measure" -> named(value, "mark.measure.", "measure.");
      case "quantity", "instead", "operation", "of" ->
          named(value, "mark.operation.", "mark.quantity.", "mark.step.", "measure.");
      case "places" ->
          or(parts(value).stream().map(places -> Texts.of("mark.places." + places)).toList());
      default -> or(parts(value).stream().map(this::number).toList());
    };
  }

  /** Codes by the first name that there is for each; what has none, as it is. */
  private String named(String codes, String... prefixes) {
    return or(parts(codes).stream().map(code -> named(code, List.of(prefixes))).toList());
  }

  private String named(String code, List<String> prefixes) {
    return prefixes.stream()
        .map(prefix -> prefix + code)
        .filter(Texts::has)
        .findFirst()
        .map(Texts::of)
        .orElseGet(() -> number(code));
  }

  /** Decimals in the student's way of writing them; fractions as they are. */
  private String number(String text) {
    return sign == DecimalSign.COMMA ? text.replace('.', ',') : text;
  }

  private static List<String> parts(String joined) {
    return List.of(joined.split(",", -1));
  }

  /** Of several rules that fit, one is spelled out. */
  private static String rules(String prefix, String values) {
    List<String> all = parts(values);
    String first = Texts.of(prefix + all.get(0));
    int others = all.size() - 1;
    return others == 0 ? first : Texts.of("mark.other-rules", first, others);
  }

  private static String or(List<String> words) {
    List<String> different = words.stream().distinct().toList();
    return different.stream().reduce((a, b) -> Texts.of("mark.or", a, b)).orElse("");
  }

  private String shown(Result result) {
    if (result instanceof Result.Several several) {
      return String.join("; ", several.values().stream().map(numbers::result).toList());
    }
    if (result instanceof Result.Row row) {
      return String.join("; ", row.values().stream().map(numbers::result).toList());
    }
    if (result instanceof Result.Estimated estimated) {
      boolean probability = problem.request().dimension() == Dimension.PROBABILITY;
      return probability
          ? PValueText.told(estimated.value(), problem.rules(), sign)
          : numbers.result(estimated.value().decimal());
    }
    if (result instanceof Result.Named named) {
      return String.join("; ", named.names());
    }
    return result.number().map(numbers::result).orElseGet(() -> Texts.of("mark.no-result"));
  }
}

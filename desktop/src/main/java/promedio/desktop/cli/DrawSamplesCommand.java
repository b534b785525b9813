package promedio.desktop.cli;

import java.io.IOException;
import java.io.PrintWriter;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Callable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.computation.Computation;
import promedio.core.measure.Measure;
import promedio.core.message.Texts;
import promedio.core.practice.RandomSamples;
import promedio.core.rules.CourseRules;
import promedio.core.rules.Rule;
import promedio.core.sample.Sample;
import promedio.files.RefusedFileException;
import promedio.files.table.ColumnChoiceException;

/** Samples drawn from a sample by chance, and what their measures are. */
@Command(name = "draw-samples", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class DrawSamplesCommand implements Callable<Integer> {

  private static final int MOST_TIMES = 1_000_000;

  @Spec private CommandSpec spec;

  @Mixin private SampleInput input;

  @Option(
      names = "--size",
      required = true,
      paramLabel = "${bundle:label.n}",
      descriptionKey = "option.draw-samples.size")
  private int size;

  @Option(
      names = "--times",
      defaultValue = "1",
      paramLabel = "${bundle:label.n}",
      descriptionKey = "option.draw-samples.times")
  private int times = 1;

  @Option(
      names = "--seed",
      required = true,
      paramLabel = "${bundle:label.number}",
      descriptionKey = "option.draw-samples.seed")
  private long seed;

  @Option(names = "--with-replacement", descriptionKey = "option.draw-samples.with-replacement")
  private boolean replacing;

  @Option(
      names = "--measures",
      split = ",",
      paramLabel = "${bundle:label.key}",
      descriptionKey = "option.draw-samples.measures")
  private List<String> measures = List.of("mean", "sd");

  private DrawSamplesCommand() {}

  @Override
  public Integer call() throws RefusedFileException, ColumnChoiceException, IOException {
    CourseRules rules = input.rules(spec);
    Sample from =
        input
            .readOne(spec)
            .data()
            .sample()
            .orElseThrow(() -> wrong(Texts.of("draw-samples.values")));
    int n = from.total().numerator().intValueExact();
    check(n);
    List<Measure> chosen = SampleMeasures.of(measures, spec);
    PrintWriter out = spec.commandLine().getOut();
    out.println("sample," + String.join(",", measures));
    RandomSamples samples = new RandomSamples(from, seed, replacing);
    for (int i = 1; i <= times; i++) {
      out.println(i + "," + row(samples.draw(size), chosen, rules));
    }
    out.flush();
    return 0;
  }

  private void check(int values) {
    if (values == 0) {
      throw wrong(Texts.of("draw-samples.none"));
    }
    if (size < 1) {
      throw wrong(Texts.of("draw-samples.size", size));
    }
    if (times < 1 || times > MOST_TIMES) {
      throw wrong(Texts.of("draw-samples.times", times, MOST_TIMES));
    }
    if (!replacing && size > values) {
      throw wrong(Texts.of("draw-samples.too-many", size, values));
    }
  }

  private static String row(Sample sample, List<Measure> measures, CourseRules rules) {
    Computation computation = Computation.of(sample, rules);
    List<String> cells = new ArrayList<>();
    for (Measure measure : measures) {
      cells.add(
          computation
              .result(measure)
              .number()
              .map(
                  number ->
                      number
                          .rounded(rules.get(Rule.PLACES), rules.get(Rule.ROUNDING))
                          .toPlainString())
              .orElse(""));
    }
    return String.join(",", cells);
  }

  private ParameterException wrong(String message) {
    return new ParameterException(spec.commandLine(), message);
  }
}

package promedio.desktop.cli;

import java.util.ArrayList;
import java.util.List;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.ParameterException;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.message.Texts;
import promedio.core.sample.Subject;

/** Measures of one sample that are named on the command line. */
final class SampleMeasures {

  private SampleMeasures() {}

  /**
   * {@return the measures of these keys, in their order}
   *
   * @throws ParameterException if one is none of one sample, or needs a number besides
   */
  static List<Measure> of(List<String> keys, CommandSpec spec) {
    List<Measure> measures = new ArrayList<>();
    for (String key : keys) {
      measures.add(
          Measures.ofKey(key)
              .filter(found -> found.subject() == Subject.ONE && found.parameters().isEmpty())
              .orElseThrow(
                  () ->
                      new ParameterException(
                          spec.commandLine(), Texts.of("summary.measure", key))));
    }
    return measures;
  }
}

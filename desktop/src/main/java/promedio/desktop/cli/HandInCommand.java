package promedio.desktop.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.Callable;
import java.util.stream.Collectors;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.ParameterException;
import picocli.CommandLine.Spec;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Content;
import promedio.core.assignment.HandInChoice.Section;
import promedio.core.assignment.Part;
import promedio.core.message.Texts;
import promedio.desktop.projection.PartSheet;
import promedio.desktop.projection.handin.HandIn;
import promedio.document.DocumentFormat;
import promedio.files.RefusedFileException;

/** The document of an assignment. */
@Command(name = "hand-in", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class HandInCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Mixin private AssignmentInput input;

  @Option(
      names = "--into",
      required = true,
      paramLabel = "${bundle:label.file}",
      descriptionKey = "option.hand-in.into")
  private Path into = Path.of("");

  @Option(
      names = "--contents",
      split = ",",
      paramLabel = "${bundle:label.content}",
      descriptionKey = "option.hand-in.contents")
  private List<String> contents = List.of();

  @Option(
      names = "--parts",
      split = ",",
      paramLabel = "${bundle:label.letter}",
      descriptionKey = "option.hand-in.parts")
  private List<String> parts = List.of();

  @Mixin private OverwriteOption overwrite;

  private HandInCommand() {}

  @Override
  public Integer call() throws RefusedFileException, IOException {
    DocumentFormat format =
        DocumentFormat.of(into)
            .orElseThrow(
                () ->
                    wrong(
                        Texts.of(
                            "handin.ending", into, String.join(", ", DocumentFormat.endings()))));
    overwrite.check(into, spec);
    Assignment assignment = input.read(spec);
    HandInChoice choice = choice(assignment);
    format.write(HandIn.of(assignment, choice), into).into(into);
    spec.commandLine().getOut().println(into);
    return 0;
  }

  private HandInChoice choice(Assignment assignment) {
    HandInChoice chosen = assignment.toHandIn();
    Set<Content> told = contents.isEmpty() ? chosen.contents() : contents();
    Set<Section> out = chosen.leftOut();
    if (!parts.isEmpty()) {
      Set<Section> wanted = wanted(assignment);
      out = new HashSet<>(chosen.sections());
      out.removeAll(wanted);
    }
    return new HandInChoice(chosen.sections(), out, told);
  }

  private Set<Content> contents() {
    Set<Content> told = EnumSet.noneOf(Content.class);
    for (String code : contents) {
      told.add(
          Content.ofCode(code.strip())
              .orElseThrow(() -> wrong(Texts.of("handin.content", code, codes()))));
    }
    return told;
  }

  private static String codes() {
    return Arrays.stream(Content.values()).map(Content::code).collect(Collectors.joining(", "));
  }

  private Set<Section> wanted(Assignment assignment) {
    Set<Section> wanted = new HashSet<>();
    List<Part> all = assignment.parts();
    for (String letter : parts) {
      int index = 0;
      while (index < all.size() && !PartSheet.letter(index).equals("(" + letter.strip() + ")")) {
        index++;
      }
      if (index == all.size()) {
        throw wrong(Texts.of("handin.no-part", letter, all.size()));
      }
      wanted.add(new Section(true, all.get(index).id()));
    }
    return wanted;
  }

  private ParameterException wrong(String why) {
    return new ParameterException(spec.commandLine(), why);
  }
}

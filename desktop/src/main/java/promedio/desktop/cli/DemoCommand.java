package promedio.desktop.cli;

import java.io.IOException;
import java.nio.file.Path;
import java.util.concurrent.Callable;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;
import promedio.core.assignment.Assignment;
import promedio.core.message.Texts;
import promedio.desktop.demo.DemoAssignment;
import promedio.desktop.offscreen.Headless;
import promedio.desktop.offscreen.OffscreenDemo;
import promedio.desktop.window.shell.PromedioApplication;

/** Opens the demo assignment, or runs it through where there is no display. */
@Command(name = "demo", mixinStandardHelpOptions = true, addMethodSubcommands = false)
final class DemoCommand implements Callable<Integer> {

  @Spec private CommandSpec spec;

  @Option(names = "--offscreen", descriptionKey = "option.demo.offscreen")
  private boolean offscreen;

  @Option(
      names = "--into",
      paramLabel = "${bundle:label.folder}",
      descriptionKey = "option.demo.into")
  private @Nullable Path folder;

  @Option(names = "--without-pictures", descriptionKey = "option.demo.without-pictures")
  private boolean withoutPictures;

  private DemoCommand() {}

  @Override
  public Integer call() throws IOException, InterruptedException {
    if (!offscreen && folder == null && Headless.hasDisplay()) {
      PromedioApplication.openDemo();
      return 0;
    }
    Assignment demo = DemoAssignment.create();
    Path target = (folder == null ? Path.of("promedio-demo") : folder).toAbsolutePath();
    for (Path written : OffscreenDemo.run(demo, target, !withoutPictures)) {
      spec.commandLine().getOut().println(written);
    }
    spec.commandLine().getOut().println(Texts.of("demo.left", target));
    return 0;
  }
}

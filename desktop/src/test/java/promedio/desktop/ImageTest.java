package promedio.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.fail;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.stream.Stream;
import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Tag;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.files.assignment.AssignmentFile;

/** The program with a Java of its own, as a student without any gets it. */
@Tag("image")
class ImageTest {

  private static final Path PROJECT = Path.of("").toAbsolutePath().getParent();
  private static final long MOST_BYTES = 120L << 20;

  @TempDir private static Path folder;

  private static Path program() {
    return folder.resolve("package/promedio/bin/promedio");
  }

  @BeforeAll
  static void makeTheImage() throws Exception {
    Path app = Files.createDirectory(folder.resolve("app"));
    Path target = PROJECT.resolve("desktop/target");
    for (Path jars : List.of(target.resolve("app"), target)) {
      try (Stream<Path> files = Files.list(jars)) {
        for (Path jar : files.filter(path -> path.toString().endsWith(".jar")).toList()) {
          Files.copy(jar, app.resolve(jar.getFileName()), StandardCopyOption.REPLACE_EXISTING);
        }
      }
    }
    Process made =
        new ProcessBuilder(
                PROJECT.resolve("tools/package.sh").toString(),
                app.toString(),
                classesOfAStart(app).toString(),
                folder.resolve("package").toString())
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("package.txt").toFile())
            .start();
    assertThat(made.waitFor(5, TimeUnit.MINUTES)).isTrue();
    assertThat(made.exitValue()).as(Files.readString(folder.resolve("package.txt"))).isZero();
    run("--version");
    waitForTheArchiveOfItsClasses();
  }

  private static Path classesOfAStart(Path app) throws Exception {
    Path list = folder.resolve("classes.list");
    Process start =
        new ProcessBuilder(
                Path.of(System.getProperty("java.home"), "bin", "java").toString(),
                "-XX:DumpLoadedClassList=" + list,
                "-cp",
                app + "/*",
                "promedio.desktop.Main",
                "--version")
            .redirectErrorStream(true)
            .redirectOutput(folder.resolve("start.txt").toFile())
            .start();
    assertThat(start.waitFor(1, TimeUnit.MINUTES)).isTrue();
    return list;
  }

  /** The first start leaves a program behind that makes it. */
  private static void waitForTheArchiveOfItsClasses() throws Exception {
    String archived = "promedio.desktop.Main source: shared objects file";
    Path output = folder.resolve("archived.txt");
    for (int i = 0; i < 120; i++) {
      ProcessBuilder told = builder("--version").redirectOutput(output.toFile());
      told.environment().put("JAVA_TOOL_OPTIONS", "-Xlog:class+load");
      assertThat(told.start().waitFor(60, TimeUnit.SECONDS)).isTrue();
      if (Files.readString(output).contains(archived)) {
        return;
      }
      TimeUnit.MILLISECONDS.sleep(500);
    }
    fail("no archive of the classes was made");
  }

  /** Starts the program where there is no Java and no home but a folder of its own. */
  private static Process start(Path output, String... words) throws IOException {
    return builder(words).redirectOutput(output.toFile()).start();
  }

  private static ProcessBuilder builder(String... words) {
    List<String> line = Stream.concat(Stream.of(program().toString()), Stream.of(words)).toList();
    ProcessBuilder builder = new ProcessBuilder(line).redirectErrorStream(true);
    String display = System.getenv("DISPLAY");
    builder.environment().clear();
    builder.environment().put("PATH", "/nowhere");
    builder.environment().put("LC_ALL", "C.UTF-8");
    builder.environment().put("XDG_STATE_HOME", folder.resolve("state").toString());
    builder.environment().put("XDG_CONFIG_HOME", folder.resolve("config").toString());
    Optional.ofNullable(display).ifPresent(name -> builder.environment().put("DISPLAY", name));
    return builder;
  }

  private static String run(String... words) throws Exception {
    Path output = Files.createTempFile(folder, "out", ".txt");
    Process process = start(output, words);
    assertThat(process.waitFor(60, TimeUnit.SECONDS)).isTrue();
    assertThat(process.exitValue()).as(Files.readString(output)).isZero();
    return Files.readString(output);
  }

  @Test
  void itMeasuresAndDrawsWithoutAnyJavaOnTheMachine() throws Exception {
    Path picture = folder.resolve("box.png");

    assertThat(run("measures", "--values", "8 10 11 11", "--format", "json"))
        .contains("\"mean\":{\"exact\":\"10\"");
    run("draw", "--values", "8 10 11 11", "--graph", "box", "--into", picture.toString());
    assertThat(picture).isNotEmptyFile();
  }

  @Test
  void itWritesTheDocumentToHandIn() throws Exception {
    Path document = folder.resolve("pears.pdf");
    run("hand-in", pears().toString(), "--into", document.toString());

    assertThat(document).isNotEmptyFile();
  }

  private static Path pears() throws IOException {
    Path file = folder.resolve("my pears.promedio");
    AssignmentFile.write(
        Assignment.empty("Pears").with(Item.of(1, "upper", "g", new Source.ValuesText("8 10 12"))),
        file);
    return file;
  }

  @Test
  void itsWindowOpensOnAnAssignmentThatIsClicked() throws Exception {
    assumeTrue(System.getenv("DISPLAY") != null, "there is no display for a window");
    Path output = folder.resolve("window.txt");
    Process window = start(output, pears().toString());
    try {
      Path claims = folder.resolve("state/promedio/claims");
      for (int i = 0; i < 300 && window.isAlive() && !hasFile(claims); i++) {
        TimeUnit.MILLISECONDS.sleep(100);
      }
      assertThat(window.isAlive()).as(Files.readString(output)).isTrue();
      assertThat(hasFile(claims)).as("the file is marked as open").isTrue();
    } finally {
      window.destroy();
      assertThat(window.waitFor(20, TimeUnit.SECONDS)).isTrue();
    }
  }

  private static boolean hasFile(Path directory) throws IOException {
    if (!Files.isDirectory(directory)) {
      return false;
    }
    try (Stream<Path> files = Files.list(directory)) {
      return files.findAny().isPresent();
    }
  }

  @Test
  void itIsSmallAndHoldsTheLicencesOfAllThatShips() throws Exception {
    long size = 0;
    List<Path> files;
    try (Stream<Path> all = Files.walk(folder.resolve("package/promedio"))) {
      files = all.filter(Files::isRegularFile).toList();
    }
    for (Path file : files) {
      size += Files.size(file);
    }

    assertThat(size).isLessThan(MOST_BYTES);
    assertThat(files.stream().map(file -> file.getFileName().toString()))
        .noneMatch(name -> name.startsWith("junit") || name.contains("monocle"))
        .contains("THIRD-PARTY.txt", "promedio.txt", "fonts-OFL.txt");
  }
}

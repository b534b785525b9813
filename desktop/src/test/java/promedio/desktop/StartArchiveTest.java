package promedio.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** The launcher is a script here that writes down how it was called. */
class StartArchiveTest {

  @TempDir private Path folder;

  private Path launcher;

  @BeforeEach
  void makeTheLauncher() throws IOException {
    assumeTrue(Files.exists(Path.of("/bin/sh")), "there is no shell to run the launcher");
    launcher = folder.resolve("launcher");
    Path calls = folder.resolve("calls");
    Files.writeString(launcher, "#!/bin/sh\necho \"$JAVA_TOOL_OPTIONS\" >>'" + calls + "'\n");
    assertThat(launcher.toFile().setExecutable(true)).isTrue();
  }

  private void start(Path app) throws IOException {
    new StartArchive(app, launcher.toString()).renewIfElsewhere();
  }

  /** What the launcher wrote, once there are so many lines. */
  private String calls(int count) throws Exception {
    Path calls = folder.resolve("calls");
    for (int i = 0; i < 200; i++) {
      if (Files.exists(calls) && Files.readAllLines(calls).size() >= count) {
        break;
      }
      TimeUnit.MILLISECONDS.sleep(50);
    }
    assertThat(Files.readAllLines(calls)).hasSize(count);
    return Files.readString(calls);
  }

  @Test
  void theFirstStartHasTheArchiveMadeOfTheListBesideTheJars() throws Exception {
    Path app = Files.createDirectory(folder.resolve("my app"));
    start(app);

    assertThat(calls(1))
        .contains("-Xshare:dump")
        .contains("\"-XX:SharedClassListFile=" + app.resolve("classes.list") + "\"");
  }

  @Test
  void itIsMadeOnceAndAgainOnlyWhereTheProgramWasMoved() throws Exception {
    Path app = Files.createDirectory(folder.resolve("app"));
    start(app);
    calls(1);
    start(app);
    Path moved = Files.move(app, folder.resolve("moved"));
    start(moved);

    assertThat(calls(2)).contains(app.toString()).contains(moved.toString());
  }
}

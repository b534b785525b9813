package promedio.files;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.FileTime;
import java.nio.file.attribute.PosixFilePermission;
import java.nio.file.attribute.PosixFilePermissions;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.condition.EnabledOnOs;
import org.junit.jupiter.api.condition.OS;
import org.junit.jupiter.api.io.TempDir;
import promedio.files.assignment.FileClaim;

class SafeWriteTest {

  @TempDir private Path folder;

  private static byte[] bytes(String text) {
    return text.getBytes(StandardCharsets.UTF_8);
  }

  @Test
  void makesTheFoldersAndReplacesWhatIsThere() throws IOException {
    Path file = folder.resolve("a").resolve("b.txt");

    SafeWrite.write(file, bytes("first, which is longer"));
    SafeWrite.write(file, bytes("second"));

    assertThat(file).hasContent("second");
    assertThat(file.getParent()).isDirectoryNotContaining("glob:**.part");
  }

  @Test
  void whatCannotBeWrittenLeavesTheOldAndNoTrace() throws IOException {
    Path target = Files.createDirectories(folder.resolve("folder").resolve("full"));
    Files.writeString(target.resolve("file"), "kept");

    assertThatThrownBy(() -> SafeWrite.write(target, bytes("new"))).isInstanceOf(IOException.class);

    assertThat(target.resolve("file")).hasContent("kept");
    assertThat(target.getParent()).isDirectoryNotContaining("glob:**.part");
  }

  @Test
  @EnabledOnOs({OS.LINUX, OS.MAC})
  void aLinkStaysOneAndSoDoesWhoMayReadAndWrite() throws IOException {
    Path real = Files.writeString(folder.resolve("real.txt"), "old");
    Set<PosixFilePermission> shared = PosixFilePermissions.fromString("rw-rw-r--");
    Files.setPosixFilePermissions(real, shared);
    Path link = Files.createSymbolicLink(folder.resolve("link.txt"), Path.of("real.txt"));
    Path second = Files.createSymbolicLink(folder.resolve("second.txt"), link);

    SafeWrite.write(second, bytes("new"));

    assertThat(Files.isSymbolicLink(link)).isTrue();
    assertThat(Files.isSymbolicLink(second)).isTrue();
    assertThat(real).hasContent("new");
    assertThat(Files.getPosixFilePermissions(real)).isEqualTo(shared);

    Path untouched = Files.writeString(folder.resolve("usual.txt"), "x");
    Path made = folder.resolve("made.txt");
    SafeWrite.write(made, bytes("y"));
    assertThat(Files.getPosixFilePermissions(made))
        .isEqualTo(Files.getPosixFilePermissions(untouched));
  }

  @Test
  void linksInACircleAreRefusedInWords() throws IOException {
    Path first = folder.resolve("a");
    Path second = Files.createSymbolicLink(folder.resolve("b"), first);
    Files.createSymbolicLink(first, second);

    assertThatThrownBy(() -> SafeWrite.write(first, bytes("x")))
        .hasMessageContaining("lead nowhere");
  }

  @Test
  void aNameMayBeAsLongAsNamesCanBe() throws IOException {
    Path file = folder.resolve("ñ".repeat(120) + ".promedio");

    SafeWrite.write(file, bytes("x"));

    assertThat(file).hasContent("x");
  }

  @Test
  void whatAKilledProgramLeftIsClearedAndWhatALivingOneWritesIsNot() throws Exception {
    Path file = folder.resolve("pears.promedio");
    String mark = SafeWrite.mark(file);
    Path dead = Files.writeString(folder.resolve(mark + "999999999-1.part"), "half");
    Path living =
        Files.writeString(
            folder.resolve(mark + ProcessHandle.current().parent().orElseThrow().pid() + "-1.part"),
            "half");
    Path others = Files.writeString(folder.resolve(".promedio-other-1-1.part"), "half");

    SafeWrite.write(file, bytes("x"));

    assertThat(dead).doesNotExist();
    assertThat(living).exists();
    assertThat(others).exists();
  }

  @Test
  void aFileThatMayNotBeWrittenSaysSoWithItsOwnName() throws IOException {
    Path there = Files.writeString(folder.resolve("file"), "x");

    assertThatThrownBy(() -> SafeWrite.write(there.resolve("below"), bytes("x")))
        .isInstanceOf(IOException.class)
        .hasMessageContaining("below")
        .hasMessageContaining("cannot be written")
        .hasMessageNotContaining(".part");
  }

  @Test
  void aFileIsClaimedByOneWindowAtATime() throws IOException {
    Path claims = folder.resolve("claims");
    Path file = Files.writeString(folder.resolve("pears.promedio"), "x");
    Optional<FileClaim> first = FileClaim.take(claims, file);

    assertThat(first).isPresent();
    assertThat(FileClaim.take(claims, folder.resolve(".").resolve("pears.promedio"))).isEmpty();
    assertThat(FileClaim.take(claims, folder.resolve("other.promedio"))).isPresent();

    first.get().close();
    assertThat(FileClaim.take(claims, file)).isPresent();
  }

  @Test
  void whatKilledProgramsLeftOfOtherFilesGoesAfterADay() throws Exception {
    String gone = "999999999";
    Path old = Files.writeString(folder.resolve(".promedio-0a1b2c3d-" + gone + "-1.part"), "half");
    Path fresh =
        Files.writeString(folder.resolve(".promedio-0a1b2c3e-" + gone + "-1.part"), "half");
    Path others = Files.writeString(folder.resolve("notes.part"), "mine");
    FileTime yesterday = FileTime.from(Instant.now().minus(Duration.ofHours(25)));
    Files.setLastModifiedTime(old, yesterday);
    Files.setLastModifiedTime(others, yesterday);

    SafeWrite.write(folder.resolve("pears.txt"), new byte[] {1});

    assertThat(old).doesNotExist();
    assertThat(fresh).exists();
    assertThat(others).exists();
  }

  @Test
  void aPrivateFolderIsNobodyElses() throws Exception {
    Path own = folder.resolve("own");

    SafeWrite.makePrivateFolder(own);

    assertThat(PosixFilePermissions.toString(Files.getPosixFilePermissions(own)))
        .isEqualTo("rwx------");
  }
}

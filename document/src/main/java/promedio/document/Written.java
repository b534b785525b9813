package promedio.document;

import static java.nio.charset.StandardCharsets.UTF_8;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;
import java.util.UUID;
import promedio.files.SafeWrite;

/** A document that is written: one file, and pictures that belong to it. */
public final class Written {

  private final byte[] main;
  private final Map<String, byte[]> pictures;

  Written(byte[] main, Map<String, byte[]> pictures) {
    this.main = main;
    this.pictures = new TreeMap<>(pictures);
  }

  /** {@return a document that needs no file beside it} */
  static Written alone(byte[] main) {
    return new Written(main, Map.of());
  }

  /** {@return what its file holds} */
  public byte[] bytes() {
    return main.clone();
  }

  /** {@return what its pictures are called, in order} */
  public List<String> pictures() {
    return List.copyOf(pictures.keySet());
  }

  /**
   * Writes the file, and its pictures into a folder beside it that is made where it is needed.
   *
   * @throws IOException if it cannot be written; the message is for a person
   */
  public void into(Path file) throws IOException {
    if (!pictures.isEmpty()) {
      Path folder = file.resolveSibling(folderOf(file));
      Files.createDirectories(folder);
      for (Map.Entry<String, byte[]> picture : pictures.entrySet()) {
        SafeWrite.write(folder.resolve(picture.getKey()), picture.getValue());
      }
    }
    SafeWrite.write(file, main);
  }

  /** {@return the name of the folder of pictures beside a file; it has no sign that LaTeX minds} */
  public static String folderOf(Path file) {
    String name = String.valueOf(file.getFileName());
    int dot = name.lastIndexOf('.');
    String stem = dot > 0 ? name.substring(0, dot) : name;
    String plain = stem.replaceAll("[^A-Za-z0-9-]", "-");
    // What is written with other signs must not share the folder of another document.
    String told =
        plain.equals(stem)
            ? plain
            : plain + "-" + UUID.nameUUIDFromBytes(stem.getBytes(UTF_8)).toString().substring(0, 8);
    return told + "-graphs";
  }
}

package promedio.files.settings;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Map;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.files.SafeWrite;

/** Keeps settings in a file. A damaged one never stops the program: what it says is forgotten. */
public final class SettingsFile {

  private static final Logger LOG = LoggerFactory.getLogger(SettingsFile.class);
  private static final ObjectMapper JSON = new ObjectMapper();

  private final Path file;

  /** Keeps settings in this file. */
  public SettingsFile(Path file) {
    this.file = file;
  }

  /** {@return what was kept, or the initial settings} */
  public Settings read() {
    if (!Files.exists(file)) {
      return Settings.INITIAL;
    }
    try {
      return read(JSON.readTree(Files.readAllBytes(file)));
    } catch (IOException | IllegalArgumentException e) {
      LOG.warn("the settings in {} are damaged", file, e);
      return Settings.INITIAL;
    }
  }

  /** Keeps the settings; a failure is logged, for no work depends on them. */
  public void write(Settings settings) {
    try {
      SafeWrite.write(file, json(settings).toPrettyString().getBytes(StandardCharsets.UTF_8));
    } catch (IOException e) {
      LOG.warn("cannot keep the settings in {}", file, e);
    }
  }

  private static ObjectNode json(Settings settings) {
    ObjectNode node = JSON.createObjectNode();
    node.put("dark", settings.dark());
    node.put("text", settings.textPercent());
    node.put("decimal", String.valueOf(settings.sign().sign()));
    settings
        .window()
        .ifPresent(
            place ->
                node.putObject("window")
                    .put("x", place.x())
                    .put("y", place.y())
                    .put("width", place.width())
                    .put("height", place.height()));
    settings.recent().forEach(path -> node.withArray("recent").add(path.toString()));
    settings
        .courses()
        .forEach(
            (name, rules) -> {
              ObjectNode codes = node.withObjectProperty("courses").putObject(name);
              rules.codes().forEach(codes::put);
            });
    return node;
  }

  private static Settings read(JsonNode node) {
    Settings settings =
        Settings.INITIAL
            .withDark(node.path("dark").asBoolean())
            .withTextPercent(node.path("text").asInt(100))
            .withSign(
                node.path("decimal").asText().equals(",") ? DecimalSign.COMMA : DecimalSign.POINT);
    JsonNode window = node.path("window");
    if (window.isObject()) {
      settings =
          settings.withWindow(
              new Settings.Place(
                  window.path("x").asDouble(),
                  window.path("y").asDouble(),
                  window.path("width").asDouble(),
                  window.path("height").asDouble()));
    }
    for (int i = node.path("recent").size() - 1; i >= 0; i--) {
      settings = settings.withRecent(Path.of(node.get("recent").get(i).asText()));
    }
    for (Map.Entry<String, JsonNode> course : node.path("courses").properties()) {
      CourseRules rules = CourseRules.DEFAULTS;
      for (Map.Entry<String, JsonNode> code : course.getValue().properties()) {
        rules = rules.with(code.getKey(), code.getValue().asText());
      }
      settings = settings.withCourse(course.getKey(), rules);
    }
    return settings;
  }
}

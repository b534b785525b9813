package promedio.files.settings;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import com.fasterxml.jackson.databind.node.ObjectNode;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.InvalidPathException;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.util.Map;
import java.util.Optional;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.message.BadInputException;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;
import promedio.files.SafeWrite;

/** Keeps settings in a file. A damaged one never stops the program: what it says is forgotten. */
public final class SettingsFile {

  private static final Logger LOG = LoggerFactory.getLogger(SettingsFile.class);
  private static final ObjectMapper JSON = new ObjectMapper();

  /** The file is small; what is not was put there by something else. */
  private static final long MOST_BYTES = 1 << 22;

  private static final String ASIDE = "settings-unreadable.json";

  private final Path file;
  private volatile @Nullable String problem;

  /** Keeps settings in this file. */
  public SettingsFile(Path file) {
    this.file = file;
  }

  /** {@return what was kept; what cannot be read of it is as it is initially} */
  public Settings read() {
    if (!Files.isRegularFile(file)) {
      return Settings.INITIAL.withSign(DecimalSign.spoken());
    }
    try {
      if (Files.size(file) > MOST_BYTES) {
        throw new IOException("no settings are as long as " + file);
      }
      return read(JSON.readTree(Files.readAllBytes(file)));
    } catch (IOException e) {
      LOG.warn("the settings in {} are damaged", file, e);
      putAside();
      return Settings.INITIAL;
    }
  }

  /**
   * {@return what became of settings that could not be read, for the person; none where all were}
   */
  public Optional<String> problem() {
    return Optional.ofNullable(problem);
  }

  /** Somebody may have written them by hand: they are not written over. */
  private void putAside() {
    Path aside = file.resolveSibling(ASIDE);
    try {
      Files.move(file, aside, StandardCopyOption.REPLACE_EXISTING);
      problem = Texts.of("settings.aside", file, aside);
    } catch (IOException e) {
      LOG.warn("cannot put {} aside", file, e);
      problem = Texts.of("settings.damaged", file);
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
    settings.language().ifPresent(code -> node.put("language", code));
    settings.dismissed().stream().sorted().forEach(hint -> node.withArray("hints").add(hint));
    settings.recent().forEach(path -> node.withArray("recent").add(path.toString()));
    settings
        .bands()
        .forEach(
            (name, band) ->
                node.withObjectProperty("bands")
                    .putObject(name)
                    .put("width", band.width())
                    .put("folded", band.folded()));
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
            .withTextPercent(node.path("text").asInt(100));
    Optional<Language> language = Language.of(node.path("language").asText());
    settings = language.isPresent() ? settings.withLanguage(language.get()) : settings;
    settings =
        settings.withSign(
            node.path("decimal").asText().equals(",") ? DecimalSign.COMMA : DecimalSign.POINT);
    for (JsonNode hint : node.path("hints")) {
      settings = settings.withoutHint(hint.asText());
    }
    JsonNode window = node.path("window");
    if (window.isObject()) {
      Settings.Place place =
          new Settings.Place(
              window.path("x").asDouble(),
              window.path("y").asDouble(),
              window.path("width").asDouble(),
              window.path("height").asDouble());
      settings = place.isSensible() ? settings.withWindow(place) : settings;
    }
    for (int i = node.path("recent").size() - 1; i >= 0; i--) {
      settings = withRecent(settings, node.get("recent").get(i).asText());
    }
    for (Map.Entry<String, JsonNode> band : node.path("bands").properties()) {
      Settings.Band read =
          new Settings.Band(
              band.getValue().path("width").asDouble(), band.getValue().path("folded").asBoolean());
      settings = read.isSensible() ? settings.withBand(band.getKey(), read) : settings;
    }
    for (Map.Entry<String, JsonNode> course : node.path("courses").properties()) {
      settings = withCourse(settings, course.getKey(), course.getValue());
    }
    return settings;
  }

  /** One bad entry costs no other. */
  private static Settings withRecent(Settings settings, String path) {
    try {
      return settings.withRecent(Path.of(path));
    } catch (InvalidPathException e) {
      LOG.warn("no path among the recent files", e);
      return settings;
    }
  }

  private static Settings withCourse(Settings settings, String name, JsonNode codes) {
    CourseRules rules = CourseRules.DEFAULTS;
    try {
      for (Map.Entry<String, JsonNode> code : codes.properties()) {
        rules = rules.with(code.getKey(), code.getValue().asText());
      }
      return settings.withCourse(name, rules);
    } catch (BadInputException e) {
      LOG.warn("the course rules {} cannot be read", name, e);
      return settings;
    }
  }
}

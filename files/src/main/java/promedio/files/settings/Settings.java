package promedio.files.settings;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.Collections;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import promedio.core.message.Language;
import promedio.core.number.DecimalSign;
import promedio.core.rules.CourseRules;

/**
 * What is remembered for the person.
 *
 * @param dark whether the dark theme is on
 * @param textPercent the size of text, 100 for the usual
 * @param sign the decimal sign of new assignments
 * @param window where the window was
 * @param recent the assignments that were open last, the latest first
 * @param courses named sets of course rules, by name
 * @param language the code of the language that was chosen, if one was
 * @param dismissed the hints that are not to come back, by name
 * @param bands the bands of the window that the person made wider or folded, by name
 */
public record Settings(
    boolean dark,
    int textPercent,
    DecimalSign sign,
    Optional<Place> window,
    List<Path> recent,
    Map<String, CourseRules> courses,
    Optional<String> language,
    Set<String> dismissed,
    Map<String, Band> bands) {

  /** Text is at least and at most so large, in percent. */
  public static final int SMALLEST_TEXT = 80;

  public static final int LARGEST_TEXT = 200;

  /** What holds before anything is remembered. */
  public static final Settings INITIAL =
      new Settings(
          false,
          100,
          DecimalSign.POINT,
          Optional.empty(),
          List.of(),
          Map.of(),
          Optional.empty(),
          Set.of(),
          Map.of());

  private static final int MOST_RECENT = 8;

  public Settings {
    recent = List.copyOf(recent);
    courses = Collections.unmodifiableMap(new LinkedHashMap<>(courses));
    dismissed = Set.copyOf(dismissed);
    bands = Map.copyOf(bands);
    textPercent = Math.max(SMALLEST_TEXT, Math.min(LARGEST_TEXT, textPercent));
  }

  /**
   * Where a window is on the screen.
   *
   * @param x its left edge in pixels
   * @param y its upper edge
   * @param width its width
   * @param height its height
   */
  public record Place(double x, double y, double width, double height) {

    private static final double FARTHEST = 100_000;

    /** {@return whether a window can be there} */
    public boolean isSensible() {
      return Math.abs(x) < FARTHEST
          && Math.abs(y) < FARTHEST
          && width >= 1
          && width < FARTHEST
          && height >= 1
          && height < FARTHEST;
    }
  }

  /**
   * How a band of the window stands.
   *
   * @param width its width in pixels, where it is not folded
   * @param folded whether it is folded away
   */
  public record Band(double width, boolean folded) {

    private static final double WIDEST = 10_000;

    /** {@return whether a band can be so wide} */
    public boolean isSensible() {
      return width >= 1 && width <= WIDEST;
    }
  }

  /** {@return these settings with a band of the window} */
  public Settings withBand(String name, Band band) {
    Map<String, Band> changed = new LinkedHashMap<>(bands);
    changed.put(name, band);
    return new Settings(
        dark, textPercent, sign, window, recent, courses, language, dismissed, changed);
  }

  /** {@return these settings with the theme} */
  public Settings withDark(boolean on) {
    return new Settings(on, textPercent, sign, window, recent, courses, language, dismissed, bands);
  }

  /** {@return these settings with text of another size, held within what is readable} */
  public Settings withTextPercent(int percent) {
    return new Settings(dark, percent, sign, window, recent, courses, language, dismissed, bands);
  }

  /** {@return these settings with the language, and with the decimal sign of those who speak it} */
  public Settings withLanguage(Language chosen) {
    return new Settings(
        dark,
        textPercent,
        DecimalSign.of(chosen),
        window,
        recent,
        courses,
        Optional.of(chosen.code()),
        dismissed,
        bands);
  }

  /** {@return these settings without a hint that is known by now} */
  public Settings withoutHint(String name) {
    Set<String> known = new HashSet<>(dismissed);
    known.add(name);
    return new Settings(dark, textPercent, sign, window, recent, courses, language, known, bands);
  }

  /** {@return these settings with the decimal sign} */
  public Settings withSign(DecimalSign other) {
    return new Settings(
        dark, textPercent, other, window, recent, courses, language, dismissed, bands);
  }

  /** {@return these settings with the place of the window} */
  public Settings withWindow(Place place) {
    return new Settings(
        dark, textPercent, sign, Optional.of(place), recent, courses, language, dismissed, bands);
  }

  /** {@return these settings with the file as the latest} */
  public Settings withRecent(Path file) {
    List<Path> changed = new ArrayList<>(recent);
    changed.remove(file);
    changed.add(0, file);
    return new Settings(
        dark,
        textPercent,
        sign,
        window,
        changed.subList(0, Math.min(MOST_RECENT, changed.size())),
        courses,
        language,
        dismissed,
        bands);
  }

  /** {@return these settings with the rules kept under the name} */
  public Settings withCourse(String name, CourseRules rules) {
    Map<String, CourseRules> changed = new LinkedHashMap<>(courses);
    changed.put(name, rules);
    return new Settings(
        dark, textPercent, sign, window, recent, changed, language, dismissed, bands);
  }

  /** {@return these settings without the rules of the name} */
  public Settings withoutCourse(String name) {
    Map<String, CourseRules> changed = new LinkedHashMap<>(courses);
    changed.remove(name);
    return new Settings(
        dark, textPercent, sign, window, recent, changed, language, dismissed, bands);
  }
}

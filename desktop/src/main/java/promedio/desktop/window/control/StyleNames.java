package promedio.desktop.window.control;

import java.io.IOException;
import java.io.InputStream;
import java.util.Arrays;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.stream.Collectors;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.text.Font;
import promedio.core.marking.Verdict;
import promedio.core.measure.Family;

/** The type and colours that ship with the program, and the names the style sheet knows. */
public final class StyleNames {

  /** How wide the band on the right is, in points of the usual text. */
  public static final double MARGIN_WIDTH = 312;

  /** The chosen item, measure or choice. */
  public static final PseudoClass CHOSEN = PseudoClass.getPseudoClass("chosen");

  private static final Map<Family, PseudoClass> LIT =
      Map.of(
          Family.POSITION, PseudoClass.getPseudoClass("lit-position"),
          Family.SPREAD, PseudoClass.getPseudoClass("lit-spread"),
          Family.SHAPE, PseudoClass.getPseudoClass("lit-shape"));

  private static final Map<Verdict, PseudoClass> VERDICTS =
      Arrays.stream(Verdict.values())
          .collect(
              Collectors.toUnmodifiableMap(
                  verdict -> verdict, verdict -> PseudoClass.getPseudoClass(verdict.code())));

  /** The cell that keys move. */
  public static final PseudoClass LEAD = PseudoClass.getPseudoClass("lead");

  /** A value beyond a fence. */
  public static final PseudoClass BEYOND = PseudoClass.getPseudoClass("beyond");

  /** What a trial would take away. */
  public static final PseudoClass GHOST = PseudoClass.getPseudoClass("ghost");

  /** Something typed that cannot be used as it stands. */
  public static final PseudoClass WRONG = PseudoClass.getPseudoClass("wrong");

  /** A value of the class that is chosen. */
  public static final PseudoClass OF_CLASS = PseudoClass.getPseudoClass("of-class");

  /** A result that was just moved. */
  public static final PseudoClass MOVED = PseudoClass.getPseudoClass("moved");

  private static final String FOLDER = "/promedio/desktop/";
  private static final List<String> FONTS =
      List.of(
          "PromedioSans-Regular.otf",
          "PromedioSans-Bold.otf",
          "PromedioSerif-Regular.ttf",
          "PromedioSerif-Italic.ttf",
          "PromedioSerif-Bold.ttf");

  private static boolean loaded;

  private StyleNames() {}

  /** Makes the shipped type known to the toolkit; again does nothing. */
  public static synchronized void loadFonts() {
    if (loaded) {
      return;
    }
    loaded = true;
    for (String name : FONTS) {
      try (InputStream in = StyleNames.class.getResourceAsStream("/promedio/graph/fonts/" + name)) {
        Objects.requireNonNull(Font.loadFont(in, 14), name);
      } catch (IOException e) {
        throw new IllegalStateException("the type " + name + " is damaged", e);
      }
    }
  }

  /** {@return the state of a value that the chosen measure, of this family, is made of} */
  public static PseudoClass lit(Family family) {
    return Objects.requireNonNull(LIT.get(family));
  }

  /** Has the node look as an answer that is worth this, or as one of which nothing is known. */
  public static void judge(Node node, Optional<Verdict> found) {
    VERDICTS.forEach(
        (verdict, state) ->
            node.pseudoClassStateChanged(state, found.filter(verdict::equals).isPresent()));
  }

  /** {@return where the style sheet is} */
  public static String stylesheet() {
    return Objects.requireNonNull(StyleNames.class.getResource(FOLDER + "paper.css"))
        .toExternalForm();
  }
}

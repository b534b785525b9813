package promedio.desktop.window.control;

import java.util.function.Function;
import java.util.function.Supplier;
import javafx.beans.binding.Bindings;
import javafx.collections.ListChangeListener;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;
import javafx.util.StringConverter;
import promedio.core.message.Texts;

/** Small controls as all views make them. */
public final class Controls {

  /** No text is made narrower than this, in points. */
  private static final double NARROWEST = 60;

  private Controls() {}

  /** {@return a link with the words of the key} */
  public static Hyperlink link(String key, String id, Runnable action) {
    Hyperlink link = new Hyperlink(Texts.of(key));
    link.setId(id);
    link.getStyleClass().add("link");
    link.setOnAction(event -> action.run());
    return link;
  }

  /** {@return a pane in which what is too wide for its place is moved sideways} */
  public static ScrollPane sideways(Node wide) {
    ScrollPane pane = new Sideways(wide);
    pane.setVbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    pane.setMinWidth(0);
    pane.getStyleClass().add("sideways");
    return pane;
  }

  /** As high as what is in it, and its bar where it has one. */
  private static final class Sideways extends ScrollPane {

    private static final double BAR = 12;

    Sideways(Node wide) {
      super(wide);
    }

    @Override
    protected double computePrefHeight(double width) {
      double wide = getContent().prefWidth(-1);
      boolean moves = width > 0 && wide > width;
      return Math.ceil(getContent().prefHeight(wide)) + (moves ? BAR : 0) + 2;
    }

    @Override
    protected double computeMinHeight(double width) {
      return computePrefHeight(getWidth());
    }
  }

  /** {@return the control, showing every sign of its text: names and entries have underscores} */
  public static <T extends Labeled> T literal(T control) {
    control.setMnemonicParsing(false);
    return control;
  }

  /** {@return the item, showing every sign of its text} */
  public static <T extends MenuItem> T literal(T item) {
    item.setMnemonicParsing(false);
    return item;
  }

  /** {@return the flow, in which a text that is wider than it takes more lines} */
  public static FlowPane wrapping(FlowPane flow) {
    flow.setMinWidth(0);
    flow.getChildren().forEach(child -> wrap(flow, child));
    flow.getChildren()
        .addListener(
            (ListChangeListener<Node>)
                change -> change.getList().forEach(child -> wrap(flow, child)));
    return flow;
  }

  private static void wrap(FlowPane flow, Node child) {
    if (child instanceof Labeled labeled && !labeled.maxWidthProperty().isBound()) {
      labeled.setWrapText(true);
      labeled
          .maxWidthProperty()
          .bind(
              Bindings.max(NARROWEST, flow.widthProperty().subtract(flow.getPadding().getRight())));
    }
  }

  /** {@return a label that takes as many lines as its text needs} */
  public static Label wrapped(String text, String... styleClasses) {
    Label label = new Label(text);
    label.setWrapText(true);
    label.setMinHeight(Region.USE_PREF_SIZE);
    label.getStyleClass().addAll(styleClasses);
    return label;
  }

  /** {@return a field with its name before it; the key names both, and is the id with dashes} */
  public static HBox named(String key, TextField field, int columns) {
    field.setId(key.replace('.', '-'));
    field.setPrefColumnCount(columns);
    field.setAccessibleText(Texts.of(key));
    HBox named = new HBox(6, new Label(Texts.of(key)), field);
    named.setAlignment(Pos.CENTER_LEFT);
    return named;
  }

  /** Shows each choice in words; choices are taken by hand, never typed. */
  public static <T> void inWords(ChoiceBox<T> box, Function<T, String> words) {
    box.setConverter(converter(box::getValue, words));
  }

  /** Shows each choice in words; choices are taken by hand, never typed. */
  public static <T> void inWords(ComboBox<T> box, Function<T, String> words) {
    box.setConverter(converter(box::getValue, words));
  }

  private static <T> StringConverter<T> converter(Supplier<T> chosen, Function<T, String> words) {
    return new StringConverter<>() {
      @Override
      public String toString(T choice) {
        return choice == null ? "" : words.apply(choice);
      }

      @Override
      public T fromString(String text) {
        return chosen.get();
      }
    };
  }

  /** Puts a text on the clipboard. */
  public static void copy(String text) {
    ClipboardContent content = new ClipboardContent();
    content.putString(text);
    Clipboard.getSystemClipboard().setContent(content);
  }
}

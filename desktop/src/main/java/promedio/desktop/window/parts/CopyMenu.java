package promedio.desktop.window.parts;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;
import java.util.function.Consumer;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.SeparatorMenuItem;
import javafx.scene.input.Clipboard;
import javafx.scene.input.ClipboardContent;
import promedio.core.assignment.Assignment;
import promedio.core.assignment.HandInChoice;
import promedio.core.assignment.HandInChoice.Section;
import promedio.core.message.Texts;
import promedio.desktop.projection.handin.HandIn;
import promedio.desktop.projection.handin.HandInPiece;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.document.Document;
import promedio.document.DocumentFormat;

/**
 * Copies the document to hand in, a part of it, or a table, a formula or a graph by itself, so that
 * it can be pasted into a word processor.
 */
final class CopyMenu extends MenuButton {

  /** Graphs are pasted as sharp as they are printed. */
  private static final double PICTURE_SCALE = 3;

  private final Background background;
  private final Consumer<String> told;
  private final Consumer<Exception> failed;

  /** What goes onto the clipboard. */
  private record Copied(String html, String plain, Optional<BufferedImage> picture) {}

  CopyMenu(Background background, Consumer<String> told, Consumer<Exception> failed) {
    super(Texts.of("handin.copy"));
    this.background = background;
    this.told = told;
    this.failed = failed;
    setId("handin-copy");
    setMnemonicParsing(false);
  }

  /** Offers what is handed in now. */
  void offer(Assignment now, HandInChoice what) {
    MenuItem all = item(Texts.of("handin.copy-all"), "handin-copy-all");
    all.setOnAction(event -> copy("handin.copied", () -> of(HandIn.of(now, what))));
    getItems().setAll(all, new SeparatorMenuItem());
    what.taken().forEach(section -> getItems().add(menu(now, what.only(section), section)));
  }

  /** Its pieces are looked for once somebody opens it. */
  private Menu menu(Assignment now, HandInChoice only, Section section) {
    Menu menu = Controls.literal(new Menu(HandIn.name(now, section)));
    menu.setId("handin-copy-" + (section.isPart() ? "part-" : "item-") + section.id());
    MenuItem all = item(Texts.of("handin.copy-section"), menu.getId() + "-all");
    all.setOnAction(event -> copy("handin.copied-piece", () -> of(HandIn.of(now, only))));
    menu.getItems().setAll(all, new SeparatorMenuItem());
    menu.setOnShowing(
        event -> {
          if (menu.getItems().size() == 2) {
            fill(menu, HandInPiece.of(HandIn.of(now, only)));
          }
        });
    return menu;
  }

  private void fill(Menu menu, List<HandInPiece> pieces) {
    for (int i = 0; i < pieces.size(); i++) {
      HandInPiece piece = pieces.get(i);
      MenuItem one = item(piece.name(), menu.getId() + "-" + i);
      one.setOnAction(event -> copy("handin.copied-piece", () -> of(piece)));
      menu.getItems().add(one);
    }
  }

  private static MenuItem item(String name, String id) {
    MenuItem item = Controls.literal(new MenuItem(name));
    item.setId(id);
    return item;
  }

  private void copy(String done, Callable<Copied> work) {
    background.run(
        Background.Lane.EXPORT,
        Texts.of("handin.making"),
        work,
        copied -> {
          ClipboardContent content = new ClipboardContent();
          content.putHtml(copied.html());
          content.putString(copied.plain());
          copied
              .picture()
              .ifPresent(picture -> content.putImage(SwingFXUtils.toFXImage(picture, null)));
          Clipboard.getSystemClipboard().setContent(content);
          told.accept(Texts.of(done));
        },
        failed);
  }

  private static Copied of(Document document) throws IOException {
    return new Copied(
        text(document, DocumentFormat.HTML),
        text(document, DocumentFormat.MARKDOWN),
        Optional.empty());
  }

  private static Copied of(HandInPiece piece) throws IOException {
    return new Copied(
        text(piece.document(), DocumentFormat.HTML),
        piece.plain(),
        piece.picture().map(graph -> graph.drawn(PICTURE_SCALE).image()));
  }

  private static String text(Document document, DocumentFormat format) throws IOException {
    return new String(format.write(document, Path.of("copy")).bytes(), StandardCharsets.UTF_8);
  }
}

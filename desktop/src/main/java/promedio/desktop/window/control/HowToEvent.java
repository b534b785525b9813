package promedio.desktop.window.control;

import java.io.Serial;
import java.util.function.Supplier;
import javafx.event.Event;
import javafx.event.EventType;
import javafx.scene.Node;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.MenuItem;
import promedio.core.message.Texts;

/** Somebody asks how something is done; the window answers with the topic about it. */
public final class HowToEvent extends Event {

  /** Fired where it is asked; it rises to the window. */
  public static final EventType<HowToEvent> ASKED = new EventType<>(Event.ANY, "HOW_TO_ASKED");

  @Serial private static final long serialVersionUID = 1;

  private final String about;

  private HowToEvent(String about) {
    super(ASKED);
    this.about = about;
  }

  /** {@return what it is asked about, such as {@code rule.divisor}} */
  public String about() {
    return about;
  }

  /** Asks in the place of the node. */
  public static void ask(Node where, String about) {
    where.fireEvent(new HowToEvent(about));
  }

  /** {@return a link that asks about what is looked at then} */
  public static Hyperlink link(String id, Supplier<String> about) {
    Hyperlink link = new Hyperlink(Texts.of("howto.link"));
    link.setId(id);
    link.setOnAction(event -> ask(link, about.get()));
    return link;
  }

  /** {@return an entry of a menu that asks in the place of the node} */
  public static MenuItem entry(Node where, String about) {
    MenuItem entry = Controls.literal(new MenuItem(Texts.of("menu.how-to")));
    entry.setOnAction(event -> ask(where, about));
    return entry;
  }
}

package promedio.desktop.window.howto;

import java.util.List;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.message.Language;
import promedio.core.message.Texts;
import promedio.desktop.howto.Place;
import promedio.desktop.howto.Topic;
import promedio.desktop.howto.TopicSearch;
import promedio.desktop.howto.Topics;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Nodes;

/** A field to search in, the topics that are found, and the one that is chosen. */
public final class HowToView extends VBox {

  private final Topics topics = Topics.in(Language.current());
  private final TopicSearch search = new TopicSearch(topics);
  private final TextField typed = new TextField();
  private final Label told = Controls.wrapped("", "quiet");
  private final ListView<Topic> list = new ListView<>();
  private final VBox page = new VBox(8);
  private final Actions actions;

  /** What the how-to asks the window to do. */
  public interface Actions {

    /** Goes to a place, with the data of the assignment. */
    void show(Place place);

    /** Goes to a place in the demo. */
    void showInDemo(Place place);

    /** {@return whether the assignment has data for the place} */
    boolean canShow(Place place);

    /** Lists the keys. */
    void showKeys();

    /** Closes the how-to. */
    void close();
  }

  /** Makes the how-to in the language that is spoken. */
  public HowToView(Actions actions) {
    super(10);
    this.actions = actions;
    setId("how-to");
    getStyleClass().add("how-to");
    setMaxSize(USE_PREF_SIZE, USE_PREF_SIZE);
    typed.setId("how-to-search");
    typed.setPromptText(Texts.of("howto.search"));
    typed.setAccessibleText(Texts.of("howto.search"));
    typed.textProperty().subscribe((old, text) -> find(text));
    typed.addEventFilter(KeyEvent.KEY_PRESSED, this::moveInList);
    told.setId("how-to-told");
    list.setId("how-to-list");
    list.setAccessibleText(Texts.of("howto.topics"));
    list.setCellFactory(view -> new TitleCell());
    list.getSelectionModel()
        .selectedItemProperty()
        .subscribe((old, topic) -> showPage(Optional.ofNullable(topic)));
    list.addEventHandler(
        KeyEvent.KEY_PRESSED,
        event -> {
          if (event.getCode() == KeyCode.ENTER) {
            event.consume();
            showChosen();
          }
        });
    page.getStyleClass().add("how-to-page");
    ScrollPane read = new ScrollPane(page);
    read.setFitToWidth(true);
    read.setHbarPolicy(ScrollPane.ScrollBarPolicy.NEVER);
    FollowFocus.in(read);
    HBox.setHgrow(read, Priority.ALWAYS);
    HBox both = new HBox(12, list, read);
    VBox.setVgrow(both, Priority.ALWAYS);
    getChildren().addAll(head(), typed, told, both);
    find("");
  }

  private HBox head() {
    Label heading = new Label(Texts.of("howto.heading"));
    heading.getStyleClass().add("serif-heading");
    heading.setMaxWidth(Double.MAX_VALUE);
    HBox.setHgrow(heading, Priority.ALWAYS);
    Hyperlink keys = Controls.link("howto.keys", "how-to-keys", actions::showKeys);
    Button away = new Button(Texts.of("notice.dismiss"));
    away.setId("how-to-away");
    away.setOnAction(event -> actions.close());
    HBox head = new HBox(12, heading, keys, away);
    head.setAlignment(Pos.CENTER_LEFT);
    return head;
  }

  /**
   * Opens the topic about something; all topics where there is none.
   *
   * @param about such as {@code measure.mean}
   */
  public void open(@Nullable String about) {
    typed.clear();
    find("");
    Optional.ofNullable(about)
        .flatMap(topics::about)
        .ifPresent(
            topic -> {
              list.getSelectionModel().select(topic);
              list.scrollTo(topic);
            });
    typed.requestFocus();
  }

  private void find(String text) {
    List<Topic> found = search.find(text);
    boolean nothing = found.isEmpty();
    told.setText(nothing ? Texts.of("howto.nothing", text.strip()) : "");
    Nodes.setShown(told, nothing);
    list.getItems().setAll(nothing ? topics.all() : found);
    list.getSelectionModel().selectFirst();
    list.scrollTo(0);
  }

  /** The arrows move in the list while the caret stays where it is typed. */
  private void moveInList(KeyEvent event) {
    switch (event.getCode()) {
      case UP -> list.getSelectionModel().selectPrevious();
      case DOWN -> list.getSelectionModel().selectNext();
      case ENTER -> showChosen();
      default -> {
        return;
      }
    }
    list.scrollTo(Math.max(0, list.getSelectionModel().getSelectedIndex() - 3));
    event.consume();
  }

  private void showChosen() {
    Topic topic = list.getSelectionModel().getSelectedItem();
    if (topic != null) {
      show(topic.place());
    }
  }

  private void show(Place place) {
    actions.close();
    if (actions.canShow(place)) {
      actions.show(place);
    } else {
      actions.showInDemo(place);
    }
  }

  private void showPage(Optional<Topic> chosen) {
    page.getChildren().clear();
    if (chosen.isEmpty()) {
      return;
    }
    Topic topic = chosen.get();
    Label title = Controls.wrapped(topic.title(), "serif-heading");
    title.setId("how-to-title");
    page.getChildren()
        .addAll(
            title,
            Controls.wrapped(topic.what(), "how-to-text"),
            Controls.wrapped(Texts.of("howto.by-hand"), "family-heading"),
            Controls.wrapped(topic.hand(), "how-to-text"),
            Controls.wrapped(Texts.of("howto.in-window"), "family-heading"),
            Controls.wrapped(topic.window(), "how-to-text"));
    boolean can = actions.canShow(topic.place());
    Button show = new Button(Texts.of(can ? "howto.show-me" : "howto.show-demo"));
    show.setId("how-to-show");
    show.setOnAction(event -> show(topic.place()));
    if (!can) {
      page.getChildren().add(Controls.wrapped(Texts.of("howto.lacking"), "quiet"));
    }
    page.getChildren().add(show);
  }

  /** A title in the list. */
  private static final class TitleCell extends ListCell<Topic> {
    @Override
    protected void updateItem(Topic topic, boolean empty) {
      super.updateItem(topic, empty);
      Controls.literal(this);
      setText(empty || topic == null ? "" : topic.title());
    }
  }
}

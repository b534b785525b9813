package promedio.desktop.window.distribution;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import javafx.application.Platform;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import promedio.core.assignment.Assignment;
import promedio.core.distribution.Distribution;
import promedio.core.message.Texts;
import promedio.core.number.DecimalSign;
import promedio.core.number.Exact;
import promedio.core.number.NumberText;
import promedio.core.number.Reading;
import promedio.desktop.projection.ViewState;
import promedio.desktop.projection.distribution.Lookup;
import promedio.desktop.projection.distribution.Lookup.Given;
import promedio.desktop.projection.distribution.TablePage;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.FollowFocus;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.graph.GraphPicture;
import promedio.desktop.work.Workspace;

/** A value or an area is looked up in a distribution, as in the tables at the end of a book. */
public final class DistributionView extends StackPane {

  private final Workspace workspace;
  private final List<ToggleButton> curves = new ArrayList<>();
  private final TextField first = new TextField("10");
  private final TextField second = new TextField("20");
  private final Node firstNamed = Controls.named("lookup.df", first, 4);
  private final Node secondNamed = Controls.named("lookup.df-second", second, 4);
  private final ChoiceBox<Given> given = new ChoiceBox<>();
  private final TextField number = new TextField(firstArea());
  private final Label problem = Controls.wrapped("", "problem-text");
  private final Label told = Controls.wrapped("", "test-sentence");
  private final GraphPicture picture = GraphPicture.ofCurve();
  private final Label caption = Controls.wrapped("", "quiet");
  private final Label between = Controls.wrapped("", "test-text");
  private final PageView page = new PageView();
  private Distribution curve = Distribution.T;
  private @Nullable Lookup shown;
  private boolean showing;

  /** What two-sided tests at 5 % look up, as those write it who speak the language. */
  private static String firstArea() {
    return DecimalSign.spoken().in("0.025");
  }

  /** Makes the view, on the 97.5 % point of t with 10 degrees of freedom. */
  public DistributionView(Workspace workspace) {
    this.workspace = workspace;
    getStyleClass().add("sheet");
    Label heading = new Label(Texts.of("lookup.heading"));
    heading.getStyleClass().add("serif-heading");
    Button back = new Button(Texts.of("lookup.back"));
    back.setId("distribution-back");
    back.setOnAction(event -> workspace.showParts(false));
    HBox head = new HBox(14, heading, back);
    head.setAlignment(Pos.BASELINE_LEFT);
    told.setId("lookup-told");
    problem.setId("lookup-problem");
    between.setId("lookup-between");
    VBox paper =
        new VBox(
            8, buildChoice(), problem, told, picture, between, caption, Controls.sideways(page));
    paper.getStyleClass().add("graph-card");
    VBox content = new VBox(14, head, paper);
    content.getStyleClass().add("sheet-content");
    ScrollPane scroll = new ScrollPane(content);
    scroll.setFitToWidth(true);
    scroll.getStyleClass().add("sheet-scroll");
    FollowFocus.in(scroll);
    getChildren().add(scroll);
    workspace.show((before, now) -> show(now.choice()));
  }

  private FlowPane buildChoice() {
    FlowPane line = new FlowPane(10, 4);
    line.setAlignment(Pos.CENTER_LEFT);
    for (Distribution each : Distribution.values()) {
      ToggleButton button =
          Controls.literal(new ToggleButton(Texts.of("lookup.curve." + each.code())));
      button.setId("lookup-" + each.code());
      button.getStyleClass().add("link");
      button.setUserData(each);
      button.setOnAction(
          event -> {
            curve = each;
            lookUp();
          });
      curves.add(button);
    }
    given.setId("lookup-given");
    given.setAccessibleText(Texts.of("lookup.given"));
    Controls.inWords(given, each -> Texts.of("lookup." + each.name().toLowerCase(Locale.ROOT)));
    given.setOnAction(event -> lookUp());
    number.setId("lookup-number");
    number.setPrefColumnCount(7);
    number.setAccessibleText(Texts.of("lookup.number"));
    List.of(first, second, number)
        .forEach(field -> field.textProperty().subscribe((old, text) -> lookUp()));
    line.getChildren().addAll(curves);
    line.getChildren().addAll(firstNamed, secondNamed, given, number);
    offerGiven();
    given.setValue(Given.ABOVE);
    return line;
  }

  private void offerGiven() {
    List<Given> fitting = Arrays.stream(Given.values()).filter(each -> each.fits(curve)).toList();
    if (!given.getItems().equals(fitting)) {
      Given before = given.getValue();
      given.getItems().setAll(fitting);
      given.setValue(fitting.contains(before) ? before : Given.ABOVE);
    }
  }

  /** Puts the focus on the number that is looked up. */
  public void focusNumber() {
    // What was just made takes the focus once it is laid out.
    Platform.runLater(
        () -> {
          number.requestFocus();
          number.selectAll();
        });
  }

  private void show(ViewState choice) {
    if (choice.page() == ViewState.Page.DISTRIBUTIONS) {
      lookUp();
    }
  }

  private void lookUp() {
    if (showing) {
      return;
    }
    showing = true;
    curves.forEach(button -> button.setSelected(button.getUserData() == curve));
    Nodes.setShown(firstNamed, curve.degrees() > 0);
    Nodes.setShown(secondNamed, curve.degrees() > 1);
    offerGiven();
    showing = false;
    Optional<Lookup> wanted = wanted();
    String why = wanted.isEmpty() ? Texts.of("lookup.numbers") : wanted.get().problem().orElse("");
    problem.setText(why);
    Nodes.setShown(problem, !why.isEmpty());
    boolean found = why.isEmpty();
    for (Node node : List.of(told, picture, caption, page)) {
      Nodes.setShown(node, found);
    }
    Nodes.setShown(between, false);
    if (found) {
      show(wanted.orElseThrow());
    }
  }

  private Optional<Lookup> wanted() {
    List<Exact> numbers = new ArrayList<>();
    List<TextField> fields = new ArrayList<>(List.of(first, second).subList(0, curve.degrees()));
    fields.add(number);
    for (TextField field : fields) {
      if (NumberText.read(field.getText(), workspace.assignment().sign())
          instanceof Reading.Numeral numeral) {
        numbers.add(numeral.value());
      }
    }
    return numbers.size() == fields.size() && given.getValue() != null
        ? Optional.of(
            new Lookup(
                curve,
                numbers.subList(0, curve.degrees()),
                given.getValue(),
                numbers.get(curve.degrees())))
        : Optional.empty();
  }

  private void show(Lookup wanted) {
    Assignment now = workspace.assignment();
    shown = wanted;
    told.setText(wanted.told(now.sign()));
    Optional<String> way = TablePage.between(wanted, now.sign());
    between.setText(way.orElse(""));
    Nodes.setShown(between, way.isPresent());
    picture.draw(Optional.of(wanted.graph(now.rules(), now.sign())), List.of());
    workspace
        .background()
        .run(
            Background.Lane.LOOKING_UP,
            "",
            () -> TablePage.of(wanted, now.sign()),
            made -> showPage(wanted, made),
            failure -> {
              throw new IllegalStateException(failure);
            });
  }

  private void showPage(Lookup of, TablePage made) {
    if (of.equals(shown)) {
      caption.setText(made.caption());
      page.show(made);
    }
  }
}

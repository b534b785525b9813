package promedio.desktop.window.sample;

import java.util.List;
import java.util.Optional;
import java.util.concurrent.CancellationException;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.ChoiceBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.VBox;
import org.jspecify.annotations.Nullable;
import org.slf4j.Logger;
import org.slf4j.LoggerFactory;
import promedio.core.assignment.Source;
import promedio.core.message.BadInputException;
import promedio.core.message.Texts;
import promedio.core.number.PlainText;
import promedio.core.practice.SamplingDistribution;
import promedio.core.practice.SamplingDistribution.Draws;
import promedio.core.sample.Sample;
import promedio.core.sample.Values;
import promedio.desktop.projection.Analysis;
import promedio.desktop.projection.ChanceText;
import promedio.desktop.session.Background;
import promedio.desktop.window.control.Controls;
import promedio.desktop.window.control.MeasuredBox;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.control.OnlyShown;
import promedio.desktop.window.graph.GraphPicture;
import promedio.desktop.work.Workspace;

/** Samples are drawn from the chosen one by chance, again and again, and their means pile up. */
final class SamplingCard extends MeasuredBox {

  private static final Logger LOG = LoggerFactory.getLogger(SamplingCard.class);
  private static final int MOST = 1_000_000;

  private final Workspace workspace;
  private final ToggleButton open = Controls.literal(new ToggleButton(Texts.of("chance.open")));
  private final VBox body = new VBox(8);
  private final TextField size = new TextField("5");
  private final TextField seed = new TextField("1");
  private final CheckBox replacing = new CheckBox(Texts.of("chance.replacing"));
  private final ChoiceBox<SamplingDistribution.Of> of = new ChoiceBox<>();
  private final Label problem = Controls.wrapped("", "problem-text");
  private final Label told = Controls.wrapped("", "test-text");
  private final GraphPicture picture = GraphPicture.ofGroups("chance-graph");
  private final Hyperlink keep = Controls.link("chance.keep", "chance-keep", this::keep);
  private int times;
  private @Nullable Analysis shown;
  private @Nullable SamplingDistribution drawn;

  SamplingCard(Workspace workspace) {
    super(8);
    this.workspace = workspace;
    getStyleClass().add("graph-card");
    setId("chance");
    Label heading = new Label(Texts.of("chance.heading"));
    heading.getStyleClass().add("family-heading");
    open.setId("chance-open");
    open.getStyleClass().add("link");
    open.setOnAction(event -> Nodes.setShown(body, open.isSelected()));
    replacing.setId("chance-replacing");
    replacing.setSelected(true);
    of.setId("chance-of");
    of.setAccessibleText(Texts.of("chance.of"));
    of.getItems().setAll(SamplingDistribution.Of.values());
    of.setValue(SamplingDistribution.Of.MEANS);
    Controls.inWords(
        of,
        each ->
            Texts.of(
                each == SamplingDistribution.Of.MEANS ? "chance.pile-means" : "chance.pile-sds"));
    problem.setId("chance-problem");
    told.setId("chance-told");
    FlowPane how = new FlowPane(10, 4);
    how.setAlignment(Pos.CENTER_LEFT);
    how.getChildren()
        .addAll(
            Controls.named("chance.size", size, 4),
            replacing,
            Controls.named("chance.seed", seed, 6),
            of);
    FlowPane draw = new FlowPane(10, 4);
    draw.setAlignment(Pos.CENTER_LEFT);
    for (int count : List.of(1, 10, 1000)) {
      Button button = new Button(Texts.of("chance.draw", count));
      button.setId("chance-draw-" + count);
      button.setOnAction(event -> draw(times + count));
      draw.getChildren().add(button);
    }
    draw.getChildren().addAll(Controls.link("chance.again", "chance-again", this::clear), keep);
    List.of(size, seed).forEach(field -> field.textProperty().subscribe((old, text) -> clear()));
    replacing.selectedProperty().subscribe(chosen -> clear());
    of.setOnAction(event -> draw(times));
    body.getChildren().addAll(how, draw, problem, told, picture);
    Nodes.setShown(body, false);
    new OnlyShown(this, heading, open, body);
    clear();
  }

  /** Shows the card where there is something to draw from. */
  void show(Analysis now) {
    Optional<Sample> sample = sample(now);
    Nodes.setShown(this, sample.isPresent());
    boolean same = shown != null && sample.isPresent() && sample.equals(sample(shown));
    shown = now;
    if (!same) {
      clear();
    }
  }

  private static Optional<Sample> sample(Analysis now) {
    return now.typed().data().sample().filter(each -> each.values().present().size() > 0);
  }

  /** What was drawn otherwise does not belong to what is drawn next. */
  private void clear() {
    times = 0;
    drawn = null;
    told.setText("");
    problem.setText("");
    Nodes.setShown(problem, false);
    Nodes.setShown(keep, false);
    picture.draw(Optional.empty(), List.of());
    Nodes.setShown(picture, false);
  }

  private void draw(int count) {
    Analysis now = shown;
    Optional<Sample> from = Optional.ofNullable(now).flatMap(SamplingCard::sample);
    if (now == null || from.isEmpty() || count == 0) {
      return;
    }
    Optional<Draws> draws = draws(from.get(), count);
    if (draws.isEmpty()) {
      problem.setText(Texts.of("chance.problem", from.get().values().present().size()));
      Nodes.setShown(problem, true);
      return;
    }
    Nodes.setShown(problem, false);
    times = count;
    workspace
        .background()
        .run(
            Background.Lane.DRAWING,
            Texts.of("work.chance"),
            () -> SamplingDistribution.of(draws.get()),
            made -> show(made, now),
            failure -> {
              if (!(failure instanceof CancellationException)) {
                LOG.error("cannot draw samples", failure);
                problem.setText(Texts.of("notice.unexpected"));
                Nodes.setShown(problem, true);
              }
            });
  }

  private Optional<Draws> draws(Sample from, int count) {
    try {
      int each = Integer.parseInt(size.getText().strip());
      long begins = Long.parseLong(seed.getText().strip());
      int there = from.values().present().size();
      int least = of.getValue() == SamplingDistribution.Of.MEANS ? 1 : 2;
      boolean allowed =
          each >= least && count <= MOST && each <= (replacing.isSelected() ? MOST : there);
      return allowed
          ? Optional.of(new Draws(from, each, count, begins, replacing.isSelected(), of.getValue()))
          : Optional.empty();
    } catch (NumberFormatException e) {
      LOG.debug("no number of values, or no seed", e);
      return Optional.empty();
    }
  }

  private void show(SamplingDistribution made, Analysis now) {
    if (shown == null || !now.item().equals(shown.item()) || made.draws().times() != times) {
      return;
    }
    drawn = made;
    told.setText(ChanceText.told(made, now));
    Nodes.setShown(keep, true);
    Nodes.setShown(picture, true);
    try {
      picture.draw(Optional.of(ChanceText.graph(made, now)), List.of());
    } catch (BadInputException e) {
      problem.setText(e.getMessage());
      Nodes.setShown(problem, true);
    }
  }

  /** The sample that was drawn last becomes one of the shelf. */
  private void keep() {
    SamplingDistribution made = drawn;
    Analysis now = shown;
    if (made != null && now != null) {
      Values values = made.last().values();
      StringBuilder text = new StringBuilder();
      for (int i = 0; i < values.size(); i++) {
        text.append(PlainText.of(values.get(i)).replace('.', now.sign().sign())).append(' ');
      }
      workspace
          .shelf()
          .addNamed(
              Texts.of("chance.kept", now.item().name(), made.draws().times()),
              now.item().unit(),
              new Source.ValuesText(text.toString().strip()));
    }
  }
}

package promedio.desktop.window.shell;

import java.util.Optional;
import javafx.animation.PauseTransition;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.MenuButton;
import javafx.util.Duration;
import promedio.core.assignment.Item;
import promedio.core.assignment.Source;
import promedio.core.catalogue.Measures;
import promedio.core.measure.Measure;
import promedio.core.measure.Request;
import promedio.desktop.howto.Place;
import promedio.desktop.howto.Place.Needed;
import promedio.desktop.projection.ViewState;
import promedio.desktop.window.control.Nodes;
import promedio.desktop.window.sample.RulesStrip;
import promedio.desktop.work.Workspace;

/** Goes to the places that the how-to speaks of. */
final class ShowMe {

  private static final String RULE = "rule-";
  private static final int MOST_TRIES = 20;
  private static final Duration BETWEEN_TRIES = Duration.millis(50);

  private final Workspace workspace;
  private final AssignmentView view;
  private final PageHost bands;
  private final RulesStrip strip;

  ShowMe(Workspace workspace, AssignmentView view, PageHost bands, RulesStrip strip) {
    this.workspace = workspace;
    this.view = view;
    this.bands = bands;
    this.strip = strip;
  }

  /** {@return whether the assignment has the data that the place needs} */
  boolean can(Place place) {
    return place.on().map(this::has).orElse(true);
  }

  private boolean has(Needed needed) {
    return needed == Needed.TABLE
        ? !workspace.assignment().tables().isEmpty()
        : item(needed).isPresent();
  }

  /** {@return the chosen item if it will do, otherwise the first one that does} */
  private Optional<Item> item(Needed needed) {
    return Optional.ofNullable(workspace.item())
        .filter(item -> suits(item, needed))
        .or(
            () ->
                workspace.assignment().items().stream()
                    .filter(item -> suits(item, needed))
                    .findFirst());
  }

  private static boolean suits(Item item, Needed needed) {
    Source.Shape shape = item.source().shape();
    return switch (needed) {
      case SAMPLE -> shape == Source.Shape.VALUES;
      case FREQUENCIES -> shape == Source.Shape.FREQUENCIES;
      case CLASSES -> shape == Source.Shape.CLASSES;
      case CATEGORIES -> shape == Source.Shape.CATEGORIES;
      case PAIRS -> shape == Source.Shape.PAIRS;
      case GROUPS -> shape == Source.Shape.GROUPS;
      case COUNTS -> shape == Source.Shape.COUNTS;
      case TABLE -> false;
    };
  }

  /** Goes there as far as the assignment allows. */
  void go(Place place) {
    if (workspace.projection().choice().page() != ViewState.Page.NOTHING) {
      workspace.showParts(false);
    }
    workspace.workOnSheet(null);
    place.on().ifPresent(this::choose);
    place
        .measure()
        .flatMap(Measures::ofKey)
        .filter(ShowMe::needsNoNumber)
        .ifPresent(measure -> workspace.chooseTask(Request.of(measure)));
    place.open().ifPresent(this::open);
    // What was just made takes the focus only once it is laid out.
    Platform.runLater(() -> focus(place, MOST_TRIES));
  }

  private static boolean needsNoNumber(Measure measure) {
    return measure.parameters().isEmpty();
  }

  private void choose(Needed needed) {
    if (needed == Needed.TABLE) {
      workspace.chooseTable(workspace.assignment().tables().get(0).id());
    } else {
      item(needed).ifPresent(item -> workspace.choose(item.id()));
    }
  }

  private void open(Place.Opened opened) {
    switch (opened) {
      case GRAPHS -> bands.sheet().openGraphs();
      case WORKING -> workspace.workOnSheet(workspace.request());
      case DISTRIBUTIONS -> workspace.showDistributions();
      case PARTS -> workspace.showParts(true);
      case QUESTION -> workspace.showQuestion();
      case HAND_IN -> workspace.showHandIn(true);
      case MENU -> {}
    }
  }

  /** What is computed apart from the window comes later than what leads to it. */
  private void focus(Place place, int tries) {
    boolean there =
        place
            .focus()
            .filter(id -> !id.startsWith(RULE))
            .map(id -> shown(id).isPresent())
            .orElse(true);
    if (there || tries == 0) {
      focus(place);
      return;
    }
    PauseTransition soon = new PauseTransition(BETWEEN_TRIES);
    soon.setOnFinished(event -> focus(place, tries - 1));
    soon.play();
  }

  private void focus(Place place) {
    Optional<String> rule = place.focus().filter(id -> id.startsWith(RULE));
    if (rule.isPresent()) {
      strip.focusRule(rule.get().substring(RULE.length()));
      return;
    }
    Optional<Node> wanted =
        place
            .focus()
            .or(() -> place.measure().map(key -> "answer-" + key))
            .flatMap(this::shown)
            // A cell of a table is answered below it, where no measure has a row of its own.
            .or(() -> shown("several-scroll"))
            .or(() -> shown("measures-scroll"));
    if (wanted.isEmpty()) {
      bands.focusAnswers();
      return;
    }
    Node node = taking(wanted.get());
    node.requestFocus();
    if (place.open().equals(Optional.of(Place.Opened.MENU)) && node instanceof MenuButton menu) {
      menu.show();
    }
  }

  /** {@return what has the name and can be seen}; a name may stand in more than one band */
  private Optional<Node> shown(String id) {
    return view.lookupAll("#" + id).stream().filter(ShowMe::isShown).findFirst();
  }

  private static boolean isShown(Node node) {
    for (Node each = node; each != null; each = each.getParent()) {
      if (!each.isVisible()) {
        return false;
      }
    }
    return true;
  }

  /** {@return what takes the focus: the node, or the first one in it that does} */
  private static Node taking(Node node) {
    if (node.isFocusTraversable() || !(node instanceof Parent parent)) {
      return node;
    }
    return Nodes.focusable(parent).orElse(node);
  }
}

package promedio.desktop.window.control;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.control.Menu;
import javafx.scene.control.MenuButton;
import javafx.scene.control.RadioMenuItem;
import javafx.scene.control.ToggleGroup;
import promedio.core.message.Texts;
import promedio.core.rules.Rule;
import promedio.core.rules.StatedRules;
import promedio.files.report.RuleText;

/** Where it is chosen what a question says itself; what it does not say, the course tells. */
public final class StatedMenu extends MenuButton {

  private final Change change;
  private List<Rule<?>> rules = List.of();
  private StatedRules shown = StatedRules.NONE;

  /** Takes what is said of a rule from now on; nothing where the course tells it. */
  public interface Change {
    /** Takes the value. */
    <T> void state(Rule<T> rule, Optional<T> value);
  }

  /**
   * Makes one.
   *
   * @param change takes what is chosen
   */
  public StatedMenu(String id, Change change) {
    this.change = change;
    setId(id);
    setMnemonicParsing(false);
    getStyleClass().add("quiet-menu");
  }

  /**
   * Shows what the question says.
   *
   * @param offered the rules that it may say here, each in a menu of its own
   */
  public void show(List<Rule<?>> offered, StatedRules stated) {
    if (!stated.equals(shown) || !offered.equals(rules)) {
      rules = offered;
      shown = stated;
      fill();
    }
  }

  private void fill() {
    // Those of p-values follow the places.
    String words = RuleText.of(shown.with(Rule.P_PLACES, Optional.empty()));
    setText(words.isEmpty() ? Texts.of("stated.none") : Texts.of("stated.said", words));
    setAccessibleText(Texts.of("stated.name") + ": " + getText());
    getItems().setAll(rules.stream().map(this::menu).toList());
  }

  private <T> Menu menu(Rule<T> rule) {
    Optional<T> said = shown.get(rule);
    List<T> values = new ArrayList<>(rule.values());
    said.filter(value -> !values.contains(value)).ifPresent(values::add);
    Menu menu = Controls.literal(new Menu(Texts.of("rule." + rule.code())));
    menu.setId(getId() + "-" + rule.code());
    ToggleGroup group = new ToggleGroup();
    menu.getItems().add(item(rule, Optional.empty(), group));
    values.forEach(value -> menu.getItems().add(item(rule, Optional.of(value), group)));
    return menu;
  }

  private <T> RadioMenuItem item(Rule<T> rule, Optional<T> value, ToggleGroup group) {
    String words =
        value.map(each -> RuleText.of(rule, each)).orElseGet(() -> Texts.of("stated.course"));
    RadioMenuItem item = Controls.literal(new RadioMenuItem(words));
    item.setId(getId() + "-" + rule.code() + value.map(each -> "-" + rule.codeOf(each)).orElse(""));
    item.setToggleGroup(group);
    item.setSelected(shown.get(rule).equals(value));
    item.setOnAction(event -> change.state(rule, value));
    return item;
  }
}

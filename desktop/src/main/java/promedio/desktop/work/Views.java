package promedio.desktop.work;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CopyOnWriteArrayList;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.util.Subscription;
import org.jspecify.annotations.Nullable;
import promedio.desktop.projection.Projection;

/** Those who are shown each projection, one whole round after the other. */
final class Views {

  private final List<BiConsumer<@Nullable Projection, Projection>> views =
      new CopyOnWriteArrayList<>();
  private final List<Consumer<String>> telling = new CopyOnWriteArrayList<>();
  private final List<Subscription> besides = new ArrayList<>();

  /** What the views show already, or are just shown. */
  private Projection shown;

  private boolean showing;

  Views(Projection first) {
    this.shown = first;
  }

  /** Adds a view, which is shown the projection at once. */
  Subscription add(BiConsumer<@Nullable Projection, Projection> view, Projection now) {
    view.accept(null, now);
    views.add(view);
    return () -> views.remove(view);
  }

  /** Keeps what else a view follows, as long as the views live. */
  void keep(Subscription subscription) {
    besides.add(subscription);
  }

  /** Has a view tell the person what is said. */
  void whenTold(Consumer<String> view) {
    telling.add(view);
  }

  /** Tells the person something. */
  void tell(String text) {
    telling.forEach(view -> view.accept(text));
  }

  /** Ends all views. */
  void end() {
    views.clear();
    telling.clear();
    besides.forEach(Subscription::unsubscribe);
    besides.clear();
  }

  /**
   * Shows the newest projection to every view: what a view causes to change while it is shown
   * something is shown after that, to all.
   */
  @SuppressWarnings("ReferenceEquality") // two projections are never compared: each is shown
  void show(Supplier<Projection> newest) {
    if (showing) {
      return;
    }
    showing = true;
    try {
      while (shown != newest.get()) {
        Projection before = shown;
        shown = newest.get();
        for (BiConsumer<@Nullable Projection, Projection> view : views) {
          view.accept(before, shown);
        }
      }
    } finally {
      showing = false;
    }
  }
}

package promedio.desktop.window.working;

import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Supplier;
import promedio.core.marking.FollowThrough;
import promedio.core.marking.OwnMark;
import promedio.core.measure.Method;
import promedio.core.measure.Request;
import promedio.core.working.OwnWorking;
import promedio.core.working.WorkTable;
import promedio.core.working.Working;
import promedio.desktop.work.WorkingService;

/** What the student writes beside the working that is shown, and what it is worth. */
final class OwnFields {

  private final WorkingService byHand;
  private final Supplier<Request> request;
  private final Supplier<Method> method;
  private final Supplier<Optional<Working>> working;
  private final Supplier<Optional<FollowThrough>> marks;

  /**
   * Makes them for what is shown, which changes.
   *
   * @param request what is worked
   * @param method by which method
   * @param working the working, where there is one
   * @param marks what all that is written is worth
   */
  OwnFields(
      WorkingService byHand,
      Supplier<Request> request,
      Supplier<Method> method,
      Supplier<Optional<Working>> working,
      Supplier<Optional<FollowThrough>> marks) {
    this.byHand = byHand;
    this.request = request;
    this.method = method;
    this.working = working;
    this.marks = marks;
  }

  StepRow.Own step(int index) {
    return new OwnStep(index);
  }

  WorkTableView.Own table(WorkTable table) {
    return new OwnTable(table);
  }

  /** The student's own value of a step. */
  private final class OwnStep implements StepRow.Own {
    private final int index;

    OwnStep(int index) {
      this.index = index;
    }

    private String key() {
      return working.get().map(w -> w.key(index)).orElse("");
    }

    @Override
    public String text() {
      return byHand.own(request.get(), method.get()).entry(key());
    }

    @Override
    public Optional<OwnMark> mark() {
      return marks.get().flatMap(judged -> judged.step(index));
    }

    @Override
    public void write(String text) {
      byHand.write(request.get(), method.get(), key(), text);
    }
  }

  /** The student's own table. */
  private final class OwnTable implements WorkTableView.Own {
    private final WorkTable table;

    OwnTable(WorkTable table) {
      this.table = table;
    }

    @Override
    public String text(int column, int row) {
      return byHand.own(request.get(), method.get()).entry(OwnWorking.cell(table, column, row));
    }

    @Override
    public Optional<OwnMark> mark(int column, int row) {
      return marks.get().flatMap(judged -> judged.cell(column, row));
    }

    @Override
    public void paste(int column, int row, List<List<String>> block) {
      Map<String, String> cells = new HashMap<>();
      for (int down = 0; down < block.size() && row + down < table.rows().size(); down++) {
        List<String> line = block.get(down);
        for (int across = 0;
            across < line.size() && column + across < table.columns().size();
            across++) {
          cells.put(OwnWorking.cell(table, column + across, row + down), line.get(across).strip());
        }
      }
      byHand.write(request.get(), method.get(), cells);
    }

    @Override
    public void write(int column, int row, String text) {
      byHand.write(request.get(), method.get(), OwnWorking.cell(table, column, row), text);
    }
  }
}

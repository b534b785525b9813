package promedio.files.table;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.mockito.Mockito.mock;
import static org.mockito.Mockito.when;

import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.CancellationException;
import java.util.concurrent.CountDownLatch;
import org.junit.jupiter.api.Test;

class RowRelayTest {

  /** Writes down what it is given, each row as a text. */
  private static final class Written implements RowSink {

    private final List<String> rows = new ArrayList<>();
    private String row = "";

    @Override
    public void begin(long line) {
      row = line + ":";
    }

    @Override
    public void cell(char[] text, int start, int length) {
      row += "[" + new String(text, start, length) + "]";
    }

    @Override
    public boolean end() {
      rows.add(row);
      return true;
    }
  }

  private static void give(RowSink sink, long line, String... cells) {
    sink.begin(line);
    for (String cell : cells) {
      RowFeed.cell(sink, cell);
    }
    sink.end();
  }

  /** Many blocks, and cells that are longer than one. */
  @Test
  void rowsArriveAsTheyWereGivenAndInTheirOrder() {
    Written straight = new Written();
    Written relayed = new Written();
    try (RowRelay relay = new RowRelay(relayed)) {
      for (RowSink sink : List.of(straight, relay)) {
        for (int row = 1; row <= 30_000; row++) {
          String longer = row % 9_000 == 0 ? "x".repeat(200_000) : "";
          give(sink, 2L * row, "pear " + row, "", longer, "1" + row);
        }
      }
      relay.finish();
    }
    assertThat(relayed.rows).isEqualTo(straight.rows);
  }

  @Test
  void noRowsAtAllArriveAsNone() {
    Written relayed = new Written();
    try (RowRelay relay = new RowRelay(relayed)) {
      relay.finish();
    }
    assertThat(relayed.rows).isEmpty();
  }

  /** Lines without cells begin no row. */
  @Test
  void aRowThatDoesNotEndLeavesNothingBehind() {
    Written relayed = new Written();
    try (RowRelay relay = new RowRelay(relayed)) {
      give(relay, 1, "8", "10");
      relay.begin(2);
      RowFeed.cell(relay, "11");
      give(relay, 3, "12");
      relay.finish();
    }
    assertThat(relayed.rows).containsExactly("1:[8][10]", "3:[12]");
  }

  @Test
  void whatGoesWrongWhereRowsAreTakenIsToldToWhoGivesThem() {
    RowSink full = mock(RowSink.class);
    when(full.end()).thenThrow(new OutOfMemoryError("made up"));
    try (RowRelay relay = new RowRelay(full)) {
      give(relay, 1, "8");
      assertThatThrownBy(relay::finish).isInstanceOf(OutOfMemoryError.class);
    }
  }

  @Test
  void aReaderThatIsStoppedWaitsNoLonger() {
    CountDownLatch never = new CountDownLatch(1);
    RowSink slow = mock(RowSink.class);
    when(slow.end())
        .then(
            call -> {
              never.await();
              return true;
            });
    try (RowRelay relay = new RowRelay(slow)) {
      give(relay, 1, "8");
      Thread.currentThread().interrupt();
      assertThatThrownBy(relay::finish).isInstanceOf(CancellationException.class);
    } finally {
      assertThat(Thread.interrupted()).isTrue();
    }
  }
}

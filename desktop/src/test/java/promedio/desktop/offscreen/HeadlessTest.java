package promedio.desktop.offscreen;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.Map;
import org.junit.jupiter.api.Test;

class HeadlessTest {

  @Test
  void onlySystemsThatDrawThroughADisplayVariableCanLackOne() {
    assertThat(Headless.hasDisplay("Linux", Map.of())).isFalse();
    assertThat(Headless.hasDisplay("Linux", Map.of("DISPLAY", " "))).isFalse();
    assertThat(Headless.hasDisplay("Linux", Map.of("DISPLAY", ":0"))).isTrue();
    assertThat(Headless.hasDisplay("Windows 11", Map.of())).isTrue();
    assertThat(Headless.hasDisplay("Mac OS X", Map.of())).isTrue();
  }
}

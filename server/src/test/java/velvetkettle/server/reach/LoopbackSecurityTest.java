package velvetkettle.server.reach;

import static org.assertj.core.api.Assertions.assertThat;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.header;
import static org.springframework.test.web.servlet.result.MockMvcResultMatchers.status;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;
import velvetkettle.server.ServerTest;

class LoopbackSecurityTest extends ServerTest {
  @ParameterizedTest
  @ValueSource(strings = {"127.0.0.1", "localhost"})
  void thisMachineIsServed(String host) throws Exception {
    http.perform(MockMvcRequestBuilders.get("/api/today").with(from(host)))
        .andExpect(status().isOk());
  }

  @ParameterizedTest
  @ValueSource(strings = {"kettle.example", "127.0.0.1.example", "10.0.0.7", "localhost.example"})
  void aForeignHostIsRefused(String host) throws Exception {
    http.perform(MockMvcRequestBuilders.get("/api/today").with(from(host)))
        .andExpect(status().isBadRequest());
  }

  @ParameterizedTest
  @ValueSource(strings = {"http://elsewhere.example", "http://127.0.0.1:9", "null"})
  void aForeignOriginIsRefused(String origin) throws Exception {
    http.perform(
            MockMvcRequestBuilders.get("/api/today")
                .with(from("127.0.0.1"))
                .header("Origin", origin))
        .andExpect(status().isForbidden());
  }

  @Test
  void nothingMayBeFetchedFromElsewhere() throws Exception {
    String policy =
        get("/api/today")
            .andExpect(header().exists("Content-Security-Policy"))
            .andReturn()
            .getResponse()
            .getHeader("Content-Security-Policy");
    assertThat(policy)
        .contains(
            "default-src 'none'",
            "script-src 'self';",
            "connect-src 'self'",
            "frame-ancestors 'none'")
        .doesNotContain("http", "unsafe-eval", "*");
  }

  @Test
  void onlyHealthIsShownOfTheInside() throws Exception {
    get("/actuator/health").andExpect(status().isOk());
    get("/actuator/env").andExpect(status().isNotFound());
  }

  private static org.springframework.test.web.servlet.request.RequestPostProcessor from(
      String host) {
    return request -> {
      request.setServerName(host);
      return request;
    };
  }
}

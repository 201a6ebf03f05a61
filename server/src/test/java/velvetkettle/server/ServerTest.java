package velvetkettle.server;

import com.fasterxml.jackson.databind.JsonNode;
import com.fasterxml.jackson.databind.ObjectMapper;
import java.io.IOException;
import java.util.Map;
import org.springframework.beans.factory.annotation.Autowired;
import org.springframework.boot.test.autoconfigure.web.servlet.AutoConfigureMockMvc;
import org.springframework.boot.test.context.SpringBootTest;
import org.springframework.http.MediaType;
import org.springframework.jdbc.core.JdbcTemplate;
import org.springframework.mock.web.MockHttpServletRequest;
import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The whole server over HTTP requests, against the real PostgreSQL. */
@SpringBootTest
@AutoConfigureMockMvc
public abstract class ServerTest {
  protected static final String PRESS = "00000000-0000-4000-8000-000000000001";
  protected static final ObjectMapper JSON = new ObjectMapper();

  @Autowired protected MockMvc http;
  @Autowired protected JdbcTemplate database;

  @DynamicPropertySource
  static void properties(DynamicPropertyRegistry registry) {
    registry.add("spring.datasource.url", PrivatePostgres::url);
  }

  protected ResultActions get(String path) throws Exception {
    return http.perform(MockMvcRequestBuilders.get(path).with(ServerTest::fromHere));
  }

  protected ResultActions put(String path, Object body) throws Exception {
    return send(MockMvcRequestBuilders.put(path), body);
  }

  protected ResultActions post(String path, Object body) throws Exception {
    return send(MockMvcRequestBuilders.post(path), body);
  }

  protected static JsonNode json(ResultActions result) throws IOException {
    return JSON.readTree(result.andReturn().getResponse().getContentAsByteArray());
  }

  private ResultActions send(MockHttpServletRequestBuilder request, Object body) throws Exception {
    String text = body instanceof String raw ? raw : JSON.writeValueAsString(body);
    return http.perform(
        request.contentType(MediaType.APPLICATION_JSON).content(text).with(ServerTest::fromHere));
  }

  private static MockHttpServletRequest fromHere(MockHttpServletRequest request) {
    request.setServerName("127.0.0.1");
    return request;
  }

  /** A ticket for white lettering on a navy rowing top, to be changed by a test. */
  protected static Map<String, Object> ticket() {
    return TicketForms.navyRowingTop(PRESS);
  }
}

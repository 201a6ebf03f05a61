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
import org.springframework.test.web.servlet.MockMvc;
import org.springframework.test.web.servlet.ResultActions;
import org.springframework.test.web.servlet.request.MockHttpServletRequestBuilder;
import org.springframework.test.web.servlet.request.MockMvcRequestBuilders;

/** The whole server over HTTP requests; which database it stands on is for the test to say. */
@SpringBootTest
@AutoConfigureMockMvc
public abstract class HttpTest {
  protected static final String PRESS = "00000000-0000-4000-8000-000000000001";
  protected static final ObjectMapper JSON = new ObjectMapper();

  @Autowired protected MockMvc http;
  @Autowired protected JdbcTemplate database;

  protected ResultActions get(String path) throws Exception {
    return http.perform(MockMvcRequestBuilders.get(path).with(HttpTest::fromHere));
  }

  protected ResultActions put(String path, Object body) throws Exception {
    return send(MockMvcRequestBuilders.put(path), body);
  }

  protected ResultActions post(String path, Object body) throws Exception {
    return send(MockMvcRequestBuilders.post(path), body);
  }

  protected ResultActions delete(String path) throws Exception {
    return http.perform(MockMvcRequestBuilders.delete(path).with(HttpTest::fromHere));
  }

  protected static JsonNode json(ResultActions result) throws IOException {
    return JSON.readTree(result.andReturn().getResponse().getContentAsByteArray());
  }

  private ResultActions send(MockHttpServletRequestBuilder request, Object body) throws Exception {
    String text = body instanceof String raw ? raw : JSON.writeValueAsString(body);
    return http.perform(
        request.contentType(MediaType.APPLICATION_JSON).content(text).with(HttpTest::fromHere));
  }

  protected static MockHttpServletRequest fromHere(MockHttpServletRequest request) {
    request.setServerName("127.0.0.1");
    return request;
  }

  /** A ticket for white lettering on a navy rowing top, to be changed by a test. */
  protected static Map<String, Object> ticket() {
    return TicketForms.navyRowingTop(PRESS);
  }

  protected long count(String table) {
    Long count = database.queryForObject("select count(*) from " + table, Long.class);
    return count == null ? 0 : count;
  }
}

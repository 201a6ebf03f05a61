package velvetkettle.server;

import org.springframework.test.context.DynamicPropertyRegistry;
import org.springframework.test.context.DynamicPropertySource;

/** The whole server against one real PostgreSQL that all of these tests share, opened empty. */
public abstract class ServerTest extends HttpTest {
  @DynamicPropertySource
  static void properties(DynamicPropertyRegistry registry) {
    registry.add("spring.datasource.url", PrivatePostgres::url);
  }
}

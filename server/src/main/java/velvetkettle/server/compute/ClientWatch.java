package velvetkettle.server.compute;

import jakarta.servlet.ServletException;
import java.io.IOException;
import java.util.function.BooleanSupplier;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.valves.ValveBase;
import org.apache.coyote.ActionCode;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;
import org.springframework.web.context.request.RequestAttributes;
import org.springframework.web.context.request.RequestContextHolder;

/**
 * Knows whether who asked is still there. A servlet cannot ask that before it answers; the
 * connector below can: once the body is read to its end, nothing but the end of the connection
 * makes more of it available.
 */
@Component
class ClientWatch implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final String GONE = ClientWatch.class.getName();

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addEngineValves(new Watching());
  }

  private static final class Watching extends ValveBase {
    Watching() {
      super(true);
    }

    @Override
    public void invoke(Request request, Response response) throws IOException, ServletException {
      BooleanSupplier gone = () -> isGone(request.getCoyoteRequest());
      request.setAttribute(GONE, gone);
      getNext().invoke(request, response);
    }

    private static boolean isGone(org.apache.coyote.Request request) {
      request.action(ActionCode.AVAILABLE, Boolean.TRUE);
      return request.getAvailable() > 0;
    }
  }

  /** Of the request of this thread; false where it serves none. Only while its body is read. */
  static boolean clientIsGone() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    return request != null
        && request.getAttribute(GONE, RequestAttributes.SCOPE_REQUEST)
            instanceof BooleanSupplier gone
        && gone.getAsBoolean();
  }
}

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
 * makes more of it available. A body that the address does without is read here.
 */
@Component
class ClientWatch implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  /** Read at once of a body that nobody asked for, bytes. */
  private static final int UNASKED = 8192;

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
      BooleanSupplier gone = () -> isGone(request);
      request.setAttribute(GONE, gone);
      getNext().invoke(request, response);
    }

    private static boolean isGone(Request request) {
      return isMoreThere(request) && !readOn(request) && isMoreThere(request);
    }

    private static boolean isMoreThere(Request request) {
      request.getCoyoteRequest().action(ActionCode.AVAILABLE, Boolean.TRUE);
      return request.getCoyoteRequest().getAvailable() > 0;
    }

    /** Reads what nobody asked for: a body that the address does without. False at its end. */
    private static boolean readOn(Request request) {
      try {
        return request.getInputStream().read(new byte[UNASKED]) > 0;
      } catch (IOException | IllegalStateException e) {
        return false;
      }
    }
  }

  /** Of the request of this thread; false where it serves none. */
  static boolean clientIsGone() {
    RequestAttributes request = RequestContextHolder.getRequestAttributes();
    return request != null
        && request.getAttribute(GONE, RequestAttributes.SCOPE_REQUEST)
            instanceof BooleanSupplier gone
        && gone.getAsBoolean();
  }
}

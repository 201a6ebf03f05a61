package velvetkettle.server.reach;

import jakarta.servlet.RequestDispatcher;
import jakarta.servlet.http.HttpServletRequest;
import java.io.IOException;
import java.net.URI;
import java.nio.charset.StandardCharsets;
import org.apache.catalina.Container;
import org.apache.catalina.connector.Request;
import org.apache.catalina.connector.Response;
import org.apache.catalina.core.StandardHost;
import org.apache.catalina.valves.ErrorReportValve;
import org.jspecify.annotations.Nullable;
import org.springframework.boot.web.embedded.tomcat.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.boot.web.servlet.error.ErrorController;
import org.springframework.http.HttpStatus;
import org.springframework.http.MediaType;
import org.springframework.http.ProblemDetail;
import org.springframework.http.ResponseEntity;
import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.RequestMapping;

/** What goes wrong before or beside our own code is a problem detail as well, and never a page. */
@Controller
class PlainErrors
    implements ErrorController, WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
  private static final String DETAIL =
      "The request cannot be answered as it was sent. Open the page anew and try again.";

  @RequestMapping("/error")
  ResponseEntity<ProblemDetail> error(HttpServletRequest request) {
    Object code = request.getAttribute(RequestDispatcher.ERROR_STATUS_CODE);
    HttpStatus status = code instanceof Integer number ? HttpStatus.resolve(number) : null;
    HttpStatus told = status == null ? HttpStatus.NOT_FOUND : status;
    ProblemDetail problem = ProblemDetail.forStatusAndDetail(told, DETAIL);
    problem.setType(URI.create(type(told.value())));
    return ResponseEntity.status(told)
        .contentType(MediaType.APPLICATION_PROBLEM_JSON)
        .body(problem);
  }

  private static String type(int status) {
    return "urn:velvet-kettle:problem:" + status;
  }

  @Override
  public void customize(TomcatServletWebServerFactory factory) {
    factory.addContextCustomizers(
        context -> {
          Container host = context.getParent();
          if (host instanceof StandardHost ours) {
            ours.setErrorReportValveClass(Report.class.getName());
          }
        });
  }

  /** For requests that never reach us: broken lines, impossible addresses. */
  public static final class Report extends ErrorReportValve {
    @Override
    protected void report(Request request, Response response, @Nullable Throwable thrown) {
      int status = response.getStatus();
      if (status < 400 || response.getContentWritten() > 0 || !response.setErrorReported()) {
        return;
      }
      String body =
          "{\"type\":\"%s\",\"title\":\"Not understood\",\"status\":%d,\"detail\":\"%s\"}"
              .formatted(type(status), status, DETAIL);
      try {
        response.setContentType(MediaType.APPLICATION_PROBLEM_JSON_VALUE);
        response.getOutputStream().write(body.getBytes(StandardCharsets.UTF_8));
        response.finishResponse();
      } catch (IOException | IllegalStateException e) {
        // Who asked is gone, or has been answered.
      }
    }
  }
}

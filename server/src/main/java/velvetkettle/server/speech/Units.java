package velvetkettle.server.speech;

import jakarta.servlet.http.HttpServletRequest;
import java.util.Locale;
import org.springframework.web.context.request.RequestContextHolder;
import org.springframework.web.context.request.ServletRequestAttributes;

/**
 * The units that sentences are said in, as the browser asks for them in the header {@value
 * #HEADER}.
 */
public record Units(boolean fahrenheit, boolean inches) {
  public static final String HEADER = "Velvet-Units";
  public static final Units METRIC = new Units(false, false);

  /** Of the request in hand; metric outside one. */
  public static Units asked() {
    if (RequestContextHolder.getRequestAttributes()
        instanceof ServletRequestAttributes attributes) {
      return of(attributes.getRequest());
    }
    return METRIC;
  }

  private static Units of(HttpServletRequest request) {
    String header = request.getHeader(HEADER);
    String asked = header == null ? "" : header.toLowerCase(Locale.ROOT);
    return new Units(asked.contains("fahrenheit"), asked.contains("inch"));
  }
}

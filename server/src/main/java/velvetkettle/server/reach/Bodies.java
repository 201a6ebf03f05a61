package velvetkettle.server.reach;

import jakarta.servlet.FilterChain;
import jakarta.servlet.ReadListener;
import jakarta.servlet.ServletException;
import jakarta.servlet.ServletInputStream;
import jakarta.servlet.http.HttpServletRequest;
import jakarta.servlet.http.HttpServletRequestWrapper;
import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.net.SocketTimeoutException;
import java.util.concurrent.Semaphore;
import org.springframework.core.Ordered;
import org.springframework.core.annotation.Order;
import org.springframework.stereotype.Component;
import org.springframework.web.filter.OncePerRequestFilter;
import velvetkettle.server.compute.BusyException;
import velvetkettle.server.problem.SlowBodyException;

/**
 * Bodies come in time, and not too many at once: who sends half of one holds a thread no longer
 * than that, and never all of them.
 */
@Component
@Order(Ordered.LOWEST_PRECEDENCE)
class Bodies extends OncePerRequestFilter {
  /** Bodies that are being received; the server has several times as many threads. */
  private static final int AT_ONCE = 40;

  private static final long GRACE_NANOS = 5_000_000_000L;

  /** Bytes in a second that any line and any tablet can send. */
  private static final double LEAST_RATE = 20_000;

  private final Semaphore receiving = new Semaphore(AT_ONCE);

  @Override
  protected void doFilterInternal(
      HttpServletRequest request, HttpServletResponse response, FilterChain chain)
      throws ServletException, IOException {
    boolean empty =
        request.getContentLengthLong() <= 0 && request.getHeader("Transfer-Encoding") == null;
    if (empty) {
      chain.doFilter(request, response);
      return;
    }
    Received received = new Received(request);
    try {
      chain.doFilter(received, response);
    } finally {
      received.end();
    }
  }

  private final class Received extends HttpServletRequestWrapper {
    private boolean held;
    private boolean ended;

    Received(HttpServletRequest request) {
      super(request);
    }

    @Override
    public ServletInputStream getInputStream() throws IOException {
      return new InTime(super.getInputStream(), this);
    }

    /**
     * @throws BusyException where too many are being received
     */
    void begin() {
      if (!held && !ended) {
        if (!receiving.tryAcquire()) {
          throw new BusyException();
        }
        held = true;
      }
    }

    void end() {
      ended = true;
      if (held) {
        held = false;
        receiving.release();
      }
    }
  }

  private static final class InTime extends ServletInputStream {
    private final ServletInputStream in;
    private final Received request;
    private final long begun = System.nanoTime();
    private long bytes;

    InTime(ServletInputStream in, Received request) {
      this.in = in;
      this.request = request;
    }

    @Override
    public int read() throws IOException {
      byte[] one = new byte[1];
      return read(one, 0, 1) < 0 ? -1 : one[0] & 0xff;
    }

    @Override
    public int read(byte[] into, int from, int length) throws IOException {
      request.begin();
      int read;
      try {
        read = in.read(into, from, length);
      } catch (SocketTimeoutException e) {
        throw new SlowBodyException();
      }
      if (read < 0) {
        request.end();
        return read;
      }
      bytes += read;
      long late = System.nanoTime() - begun - GRACE_NANOS;
      if (late > 0 && bytes < LEAST_RATE * late / 1e9) {
        throw new SlowBodyException();
      }
      return read;
    }

    @Override
    public boolean isFinished() {
      return in.isFinished();
    }

    @Override
    public boolean isReady() {
      return in.isReady();
    }

    @Override
    public void setReadListener(ReadListener listener) {
      in.setReadListener(listener);
    }
  }
}

package velvetkettle.server.exchange;

import jakarta.servlet.http.HttpServletResponse;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStreamWriter;
import java.io.Writer;
import java.nio.charset.StandardCharsets;
import java.time.DateTimeException;
import java.time.ZoneId;
import java.util.UUID;
import org.springframework.http.HttpHeaders;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.DeleteMapping;
import org.springframework.web.bind.annotation.GetMapping;
import org.springframework.web.bind.annotation.PathVariable;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.PutMapping;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RequestParam;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.quantity.Sentence;
import velvetkettle.server.problem.RefusedException;
import velvetkettle.server.table.FileBody;

/** Orders that come and go as tables. */
@RestController
@RequestMapping("/api/orders")
public class OrderController {
  private static final String BYTES = MediaType.APPLICATION_OCTET_STREAM_VALUE;

  private final OrderService orders;
  private final OrderImports imports;
  private final OrderExport export;

  OrderController(OrderService orders, OrderImports imports, OrderExport export) {
    this.orders = orders;
    this.imports = imports;
    this.export = export;
  }

  /**
   * Says line by line what a file holds. Nothing is kept.
   *
   * @param zone of its dates
   */
  @FileBody
  @PostMapping(path = "/reading", consumes = BYTES)
  public OrderReading read(InputStream file, @RequestParam(defaultValue = "UTC") String zone)
      throws IOException {
    return orders.reading(limited(file), zone(zone));
  }

  /** Makes a ticket of every good line. The same id twice is one import. */
  @FileBody
  @PutMapping(path = "/imports/{id}", consumes = BYTES)
  public OrderImports.ImportProgress start(
      @PathVariable UUID id, InputStream file, @RequestParam(defaultValue = "UTC") String zone)
      throws IOException {
    return imports.start(id, limited(file), zone(zone));
  }

  @GetMapping("/imports/{id}")
  public OrderImports.ImportProgress progress(@PathVariable UUID id) {
    return imports.progress(id);
  }

  @DeleteMapping("/imports/{id}")
  public OrderImports.ImportProgress cancel(@PathVariable UUID id) {
    return imports.cancel(id);
  }

  /** All orders, or those that are not done, as a table. */
  @GetMapping(path = "/orders.csv", produces = "text/csv")
  public void write(
      @RequestParam(defaultValue = "false") boolean open,
      @RequestParam(defaultValue = "UTC") String zone,
      HttpServletResponse response)
      throws IOException {
    ZoneId at = zone(zone);
    response.setContentType("text/csv; charset=utf-8");
    response.setHeader(HttpHeaders.CONTENT_DISPOSITION, "attachment; filename=\"orders.csv\"");
    Writer out = new OutputStreamWriter(response.getOutputStream(), StandardCharsets.UTF_8);
    export.write(out, open, at);
  }

  /** Never more into memory than is allowed, however much is sent. */
  private static byte[] limited(InputStream file) throws IOException {
    return file.readNBytes(OrderTable.LARGEST + 1);
  }

  private static ZoneId zone(String name) {
    try {
      return ZoneId.of(name);
    } catch (DateTimeException e) {
      throw new RefusedException("zone", Sentence.of("orders.zone", name));
    }
  }
}

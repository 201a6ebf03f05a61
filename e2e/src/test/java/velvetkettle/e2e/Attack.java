package velvetkettle.e2e;

import java.net.http.HttpRequest;

/**
 * One hostile request.
 *
 * @param about what it tries, for the report
 */
record Attack(String about, String method, String path, String type, byte[] body) {
  HttpRequest.BodyPublisher publisher() {
    return body.length == 0
        ? HttpRequest.BodyPublishers.noBody()
        : HttpRequest.BodyPublishers.ofByteArray(body);
  }
}

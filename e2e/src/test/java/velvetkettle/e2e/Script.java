package velvetkettle.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.concurrent.TimeUnit;

/** {@code ./kettle} as it is typed: what it said, and how it ended. */
final class Script {
  static final Path ROOT = Path.of(System.getProperty("kettle.root"));

  record Said(int code, String words) {}

  private Script() {}

  static Said kettle(String... arguments) throws IOException {
    return kettle(Map.of(), arguments);
  }

  static Said kettle(Map<String, String> environment, String... arguments) throws IOException {
    List<String> command = new ArrayList<>(List.of("./kettle"));
    command.addAll(List.of(arguments));
    return said(environment, command);
  }

  static Said said(Map<String, String> environment, List<String> command) throws IOException {
    Path words = Files.createTempFile("kettle", ".out");
    ProcessBuilder builder =
        new ProcessBuilder(command)
            .directory(ROOT.toFile())
            .redirectErrorStream(true)
            .redirectOutput(words.toFile());
    builder.environment().putAll(environment);
    Process process = builder.start();
    try {
      if (!process.waitFor(4, TimeUnit.MINUTES)) {
        process.destroyForcibly();
        throw new IllegalStateException(command + " did not end: " + Files.readString(words));
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw new IOException(e);
    }
    String said = Files.readString(words);
    Files.delete(words);
    return new Said(process.exitValue(), said);
  }
}

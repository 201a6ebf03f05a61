package velvetkettle.server.roster;

import jakarta.validation.Valid;
import jakarta.validation.constraints.Size;
import java.io.IOException;
import java.io.InputStream;
import java.util.List;
import org.springframework.http.MediaType;
import org.springframework.web.bind.annotation.PostMapping;
import org.springframework.web.bind.annotation.RequestBody;
import org.springframework.web.bind.annotation.RequestMapping;
import org.springframework.web.bind.annotation.RestController;
import velvetkettle.core.roster.Roster;
import velvetkettle.server.table.FileBody;

/** Rosters that come as files. */
@RestController
@RequestMapping("/api/rosters")
public class RosterController {
  /** What a roster that is being typed comes to. */
  @PostMapping("/counts")
  public RosterCounts counts(
      @RequestBody @Valid @Size(max = Roster.MOST) List<@Valid RosterEntryForm> roster) {
    return RosterCounts.of(roster);
  }

  /** Reads a file and says line by line what it holds. Nothing is kept. */
  @FileBody
  @PostMapping(path = "/reading", consumes = MediaType.APPLICATION_OCTET_STREAM_VALUE)
  public RosterReading read(InputStream file) throws IOException {
    // Never more into memory than is allowed, however much is sent.
    return RosterFile.read(file.readNBytes(RosterFile.LARGEST + 1));
  }
}

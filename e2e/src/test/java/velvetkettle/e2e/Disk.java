package velvetkettle.e2e;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.attribute.PosixFilePermissions;
import java.util.List;
import java.util.Map;

/**
 * A small disk of memory that can be filled to its last byte, where this machine lets one be made.
 */
final class Disk {
  private static final String MEGABYTES = "500";

  private final Path folder;
  private final boolean small;

  private Disk(Path folder, boolean small) {
    this.folder = folder;
    this.small = small;
  }

  /** The same one again where an earlier one was left there. */
  static Disk at(Path folder) throws IOException {
    Files.createDirectories(folder);
    boolean mounted = Script.said(Map.of(), List.of("mountpoint", "-q", "" + folder)).code() == 0;
    boolean small = mounted || mount(folder);
    Files.setPosixFilePermissions(folder, PosixFilePermissions.fromString("rwx--x--x"));
    Disk disk = new Disk(folder, small);
    disk.free();
    return disk;
  }

  private static boolean mount(Path folder) throws IOException {
    return Script.said(
                Map.of(),
                List.of(
                    "mount", "-t", "tmpfs", "-o", "size=" + MEGABYTES + "m", "tmpfs", "" + folder))
            .code()
        == 0;
  }

  /** False on an ordinary disk, which nobody wants to be filled. */
  boolean isSmall() {
    return small;
  }

  Path folder() {
    return folder;
  }

  /** Until nothing more goes onto it. */
  void fill() throws IOException {
    Script.said(Map.of(), List.of("dd", "if=/dev/zero", "of=" + filling(), "bs=64k"));
  }

  void free() throws IOException {
    Files.deleteIfExists(filling());
  }

  private Path filling() {
    return folder.resolve("filling");
  }

  void remove() throws IOException {
    if (small) {
      Script.said(Map.of(), List.of("umount", "-l", "" + folder));
    }
    Script.said(Map.of(), List.of("rm", "-rf", "" + folder));
  }
}

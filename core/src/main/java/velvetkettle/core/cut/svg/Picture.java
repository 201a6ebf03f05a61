package velvetkettle.core.cut.svg;

import java.awt.geom.AffineTransform;
import java.io.ByteArrayInputStream;
import java.io.IOException;
import java.util.Base64;
import java.util.Iterator;
import javax.imageio.ImageIO;
import javax.imageio.ImageReader;
import javax.imageio.stream.ImageInputStream;
import javax.imageio.stream.MemoryCacheImageInputStream;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.quantity.Millimetres;
import velvetkettle.core.quantity.Sentence;

/**
 * A picture of dots in a drawing: it can be printed, never cut.
 *
 * @param pixelsWide dots that it has
 * @param width as it is drawn, mm
 * @param height as it is drawn, mm
 */
public record Picture(String name, int pixelsWide, int pixelsHigh, double width, double height) {
  private static final double INCH = 25.4;

  /** With fewer dots on an inch a print looks coarse [common practice, no source]. */
  private static final int COARSE = 150;

  /**
   * How many dots there are on an inch where they are fewest.
   *
   * @param factor how many times as large as it is drawn
   */
  public double dotsPerInch(double factor) {
    return Math.min(pixelsWide / width, pixelsHigh / height) * INCH / factor;
  }

  /**
   * How it would be printed.
   *
   * @param factor how many times as large as it is drawn
   */
  public Sentence at(double factor) {
    int dots = (int) Math.round(dotsPerInch(factor));
    Millimetres wide = Millimetres.of(Math.round(width * factor));
    return dots < COARSE
        ? Sentence.of("picture.coarse", name, wide, dots, COARSE)
        : Sentence.of("picture.print-only", name, wide, dots);
  }

  /**
   * @param toMillimetres from the units that the element is in
   * @return null where it lies in another file, is no picture, or is of no size that is printed
   */
  static @Nullable Picture of(
      SvgElement element, String name, Viewport in, AffineTransform toMillimetres) {
    int[] pixels = pixels(element.attribute("href", ""));
    if (pixels == null) {
      return null;
    }
    double width = size(element, "width", in.width(), pixels[0]);
    double height = size(element, "height", in.height(), pixels[1]);
    if (!(width > 0 && height > 0)) {
      return null;
    }
    Viewport page =
        Viewport.of(
            0,
            0,
            width,
            height,
            new double[] {0, 0, pixels[0], pixels[1]},
            element.attribute("preserveAspectRatio"));
    AffineTransform ofDot = new AffineTransform(toMillimetres);
    ofDot.concatenate(page.inside());
    double wide = pixels[0] * Math.hypot(ofDot.getScaleX(), ofDot.getShearY());
    double high = pixels[1] * Math.hypot(ofDot.getShearX(), ofDot.getScaleY());
    return wide > 0 && high > 0 && Math.max(wide, high) <= Limits.FARTHEST
        ? new Picture(name, pixels[0], pixels[1], wide, high)
        : null;
  }

  /** What is not said is as large as its dots, one unit each. */
  private static double size(SvgElement element, String key, double whole, double otherwise) {
    return Lengths.read(element.attribute(key), whole, otherwise);
  }

  /** Width and height as the head of the file says; nothing of the picture itself is read. */
  private static int @Nullable [] pixels(String href) {
    int comma = href.indexOf(',');
    if (comma < 0 || !href.substring(0, Math.min(comma, 80)).matches("(?is)\\s*data:image/.*")) {
      return null;
    }
    try {
      byte[] file = Base64.getMimeDecoder().decode(href.substring(comma + 1));
      ImageInputStream in = new MemoryCacheImageInputStream(new ByteArrayInputStream(file));
      Iterator<ImageReader> readers = ImageIO.getImageReaders(in);
      if (!readers.hasNext()) {
        return null;
      }
      ImageReader reader = readers.next();
      try {
        reader.setInput(in, true, true);
        int[] pixels = {reader.getWidth(0), reader.getHeight(0)};
        return pixels[0] > 0 && pixels[1] > 0 ? pixels : null;
      } finally {
        reader.dispose();
      }
    } catch (IOException | RuntimeException e) {
      // A damaged picture makes no difference to what is cut.
      return null;
    }
  }
}

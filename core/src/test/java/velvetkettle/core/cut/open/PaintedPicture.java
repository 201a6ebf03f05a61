package velvetkettle.core.cut.open;

import com.github.weisj.jsvg.SVGDocument;
import com.github.weisj.jsvg.parser.LoaderContext;
import com.github.weisj.jsvg.parser.SVGLoader;
import com.github.weisj.jsvg.view.ViewBox;
import java.awt.Graphics2D;
import java.awt.RenderingHints;
import java.awt.image.BufferedImage;
import java.awt.image.DataBufferInt;
import java.io.ByteArrayInputStream;
import java.util.Arrays;
import java.util.HashMap;
import java.util.Map;
import java.util.Objects;

/**
 * A drawing as a renderer of its own paints it, on white.
 *
 * @param pixels how many have each colour, as rrggbb; those that nothing is painted on are left out
 * @param proportion its width by its height
 */
public record PaintedPicture(Map<Integer, Integer> pixels, double proportion) {
  /** Of a part that is painted at once. */
  private static final int PART = 2000;

  /**
   * Without soft edges, so that every pixel has the colour of one place.
   *
   * @param parts of 2000 pixels along each side of the picture, which is square whatever the
   *     drawing is
   */
  public static PaintedPicture of(byte[] file, int parts) {
    SVGDocument drawing =
        Objects.requireNonNull(
            new SVGLoader()
                .load(new ByteArrayInputStream(file), null, LoaderContext.createDefault()));
    double width = drawing.size().width;
    double height = drawing.size().height;
    BufferedImage picture = new BufferedImage(PART, PART, BufferedImage.TYPE_INT_ARGB);
    int[] all = ((DataBufferInt) picture.getRaster().getDataBuffer()).getData();
    Map<Integer, Integer> counted = new HashMap<>();
    for (int part = 0; part < parts * parts; part++) {
      Arrays.fill(all, 0);
      Graphics2D graphics = picture.createGraphics();
      graphics.setRenderingHint(
          RenderingHints.KEY_ANTIALIASING, RenderingHints.VALUE_ANTIALIAS_OFF);
      graphics.setRenderingHint(
          RenderingHints.KEY_STROKE_CONTROL, RenderingHints.VALUE_STROKE_PURE);
      graphics.translate(-PART * (part % parts), -PART * (part / parts));
      graphics.scale(PART * parts / width, PART * parts / height);
      drawing.render(null, graphics, new ViewBox(0, 0, (float) width, (float) height));
      graphics.dispose();
      count(all, counted);
    }
    return new PaintedPicture(counted, width / height);
  }

  /** Pixels of the side. */
  public static int side(int parts) {
    return PART * parts;
  }

  /** Neighbours are mostly alike, so that runs of them are counted. */
  private static void count(int[] all, Map<Integer, Integer> counted) {
    int from = 0;
    for (int i = 1; i <= all.length; i++) {
      if (i == all.length || all[i] != all[from]) {
        if (all[from] >>> 24 > 0) {
          counted.merge(onWhite(all[from]), i - from, Integer::sum);
        }
        from = i;
      }
    }
  }

  private static int onWhite(int pixel) {
    int alpha = pixel >>> 24;
    int colour = 0;
    for (int shift = 16; shift >= 0; shift -= 8) {
      int part = pixel >> shift & 255;
      colour = colour << 8 | Math.round((part * alpha + 255 * (255 - alpha)) / 255f);
    }
    return colour;
  }
}

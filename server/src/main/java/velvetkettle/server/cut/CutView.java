package velvetkettle.server.cut;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a ticket is cut.
 *
 * @param layout null before it was laid, and after anything was changed
 * @param arts the drawings of its designs
 */
public record CutView(CutForm form, @Nullable LayoutView layout, List<ArtView> arts) {}

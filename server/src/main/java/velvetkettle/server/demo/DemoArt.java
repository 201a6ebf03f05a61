package velvetkettle.server.demo;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.UUID;
import org.jspecify.annotations.Nullable;
import org.springframework.core.io.ClassPathResource;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.Progress;
import velvetkettle.core.cut.art.Overlap;
import velvetkettle.server.cut.ArtService;
import velvetkettle.server.cut.ArtView;
import velvetkettle.server.cut.CutForm;
import velvetkettle.server.cut.CutService;
import velvetkettle.server.cut.Drawings;

/** The drawings of the demo shop, and the tickets that are cut from them. */
@Component
class DemoArt {
  /** The drawing of a ticket by its title; the others lie in the shop for whoever needs them. */
  private static final Map<String, String> OF_TICKET =
      Map.of("Half-zips, stage left", "lantern", "Crew tees, one word", "worn-prompt");

  private static final List<String> ALL =
      List.of("lantern", "worn-prompt", "cap-badge", "harbour-flag");

  private final ArtService art;
  private final Drawings drawings;
  private final CutService cuts;

  DemoArt(ArtService art, Drawings drawings, CutService cuts) {
    this.art = art;
    this.drawings = drawings;
    this.cuts = cuts;
  }

  /** Brings the drawings in; each by its name. */
  Map<String, UUID> bring(Random random) {
    Map<String, UUID> ids = new HashMap<>();
    for (String name : ALL) {
      UUID id = DemoShop.uuid(random);
      drawings.bring(id, name, file(name), Progress.NONE);
      ids.put(name, id);
    }
    return ids;
  }

  /** Chooses how the first thing of a ticket is cut; does nothing where it has no drawing. */
  void choose(
      UUID ticket, DemoScript.Order order, @Nullable UUID material, Map<String, UUID> drawings) {
    String name = OF_TICKET.get(order.title());
    UUID drawing = name == null ? null : drawings.get(name);
    String medium = order.on().medium();
    if (drawing == null || medium == null) {
      return;
    }
    List<CutForm.ColourChoice> colours = new ArrayList<>();
    for (ArtView.FoundColour found : art.view(drawing).colours()) {
      colours.add(new CutForm.ColourChoice(found.colour(), null, true, material));
    }
    CutForm.Design design =
        new CutForm.Design(
            order.on().first().id(),
            drawing,
            medium,
            order.on().first().width(),
            Overlap.SIDE_BY_SIDE,
            false,
            0,
            colours,
            List.of(),
            new CutForm.Print(2, 210, 297, 10));
    cuts.save(ticket, new CutForm(List.of(design), CutForm.Lay.USUAL, 0));
  }

  private static byte[] file(String name) {
    try (InputStream in = new ClassPathResource("demo/art/" + name + ".svg").getInputStream()) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }
}

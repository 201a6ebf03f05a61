package velvetkettle.server.cut;

import java.util.UUID;
import org.springframework.stereotype.Component;
import velvetkettle.core.cut.letter.LetterSetting;
import velvetkettle.core.cut.out.SvgPath;
import velvetkettle.server.compute.Computing;
import velvetkettle.server.speech.Units;

/** What is short enough to be waited for: designs that are checked, letters, files. */
@Component
class CutComputing {
  private static final int DRAWN = 2;

  private final CutService cuts;
  private final Designs designs;
  private final Faces faces;
  private final CutFiles files;
  private final Computing computing;

  CutComputing(CutService cuts, Designs designs, Faces faces, CutFiles files, Computing computing) {
    this.cuts = cuts;
    this.designs = designs;
    this.faces = faces;
    this.files = files;
    this.computing = computing;
  }

  private record Checked(CutForm.Design design) {}

  private record FileOf(UUID ticket, String name, Units units) {}

  /** Keeps what was chosen, where it can be cut. */
  CutView save(UUID ticketId, CutForm form) {
    cuts.refuseImpossible(ticketId, form);
    for (CutForm.Design design : form.designs()) {
      computing.compute(new Checked(design), () -> designs.art(design));
    }
    return cuts.save(ticketId, form);
  }

  LetterForm.Letters letters(LetterForm form) {
    return computing.compute(
        form,
        () -> {
          LetterSetting.Set set =
              LetterSetting.into(form.box(), faces.outline(form.text(), form.face()));
          return new LetterForm.Letters(SvgPath.of(set.letters(), DRAWN), set.stretched());
        });
  }

  CutFiles.CutFile file(UUID ticketId, String name) {
    Units units = Units.asked();
    return computing.compute(
        new FileOf(ticketId, name, units), () -> files.file(ticketId, name, units));
  }
}

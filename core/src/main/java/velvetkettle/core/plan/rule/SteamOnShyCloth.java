package velvetkettle.core.plan.rule;

import java.util.Optional;
import velvetkettle.core.cloth.FibreShare;
import velvetkettle.core.heat.Question;
import velvetkettle.core.media.trait.SteamUse;

/** Cloth that steam shrinks, hardens or spots takes it for sheets of stones alone. */
public final class SteamOnShyCloth extends Rule {
  public SteamOnShyCloth() {
    super("steam-on-shy-cloth", Question.MARK);
  }

  @Override
  public Optional<Finding> judge(Weighing weighing) {
    boolean steams =
        weighing.needsSteam() && weighing.medium().atPress().steam() != SteamUse.BY_SCHOOL;
    return weighing
        .garment()
        .blend()
        .steamShy()
        .map(FibreShare::fibre)
        .filter(fibre -> steams)
        .flatMap(this::veto);
  }
}

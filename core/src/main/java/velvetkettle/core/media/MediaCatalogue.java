package velvetkettle.core.media;

import java.util.List;
import java.util.Optional;

/** Every medium the planner weighs, in the order in which equals are listed. */
public final class MediaCatalogue {
  public static final NoHeat NO_HEAT = new NoHeat();

  private static final List<PressMedium> PRESSED =
      List.of(
          new EverydayFilm(),
          new StretchFilm(),
          new NylonFilm(),
          new LowHeatFilm(),
          new BlockerFilm(),
          new GlitterFilm(),
          new FlockFilm(),
          new MetallicFilm(),
          new ReflectiveFilm(),
          new RaisedFilm(),
          new PrintableFilm(),
          new DigitalTransfer(),
          new ScreenTransfer(),
          new LightTransferPaper(),
          new DarkTransferPaper(),
          new DirectSublimation(),
          new PrimedSublimation(),
          new StoneSheet(),
          new StoneStencil(),
          new StoneWand(),
          new LightWeb(),
          new StrongWeb(),
          new StretchWeb(),
          new DoubleWeb(),
          new StrongWebPatch());

  private MediaCatalogue() {}

  public static List<PressMedium> pressed() {
    return PRESSED;
  }

  public static Optional<PressMedium> pressed(String key) {
    return PRESSED.stream().filter(medium -> medium.key().equals(key)).findFirst();
  }

  public static boolean knows(String key) {
    return key.equals(NO_HEAT.key()) || pressed(key).isPresent();
  }
}

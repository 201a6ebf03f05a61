package velvetkettle.core.plan.trial;

import java.util.List;
import org.jspecify.annotations.Nullable;
import velvetkettle.core.heat.HeatModel;
import velvetkettle.core.heat.Margins;
import velvetkettle.core.heat.band.SamplingPlan;
import velvetkettle.core.heat.band.Unknowns;
import velvetkettle.core.heat.phase.Pressing;
import velvetkettle.core.heat.story.StoryTeller;
import velvetkettle.core.heat.window.MostForgiving;
import velvetkettle.core.heat.window.WindowMap;
import velvetkettle.core.heat.window.WindowMaps;
import velvetkettle.core.media.MediaCatalogue;
import velvetkettle.core.plan.SettingSelection;
import velvetkettle.core.plan.job.Candidate;
import velvetkettle.core.plan.job.JobRequest;
import velvetkettle.core.plan.job.OwnSetting;
import velvetkettle.core.plan.recipe.PlatenWriter;
import velvetkettle.core.plan.recipe.Recipe;
import velvetkettle.core.plan.recipe.Setting;
import velvetkettle.core.press.Press;
import velvetkettle.core.press.Stack;
import velvetkettle.core.quantity.Celsius;
import velvetkettle.core.quantity.CelsiusRange;
import velvetkettle.core.quantity.Kelvin;
import velvetkettle.core.quantity.SecondsRange;
import velvetkettle.core.quantity.Sentence;

/**
 * Settings tried on one decoration before they are kept: its whole window, one point of it, and
 * what would be if something were otherwise.
 */
public final class Trials {
  private final HeatModel heat;
  private final WindowMaps maps;
  private final MediaCatalogue media;
  private final SettingSelection settling;

  public Trials(HeatModel heat, WindowMaps maps, MediaCatalogue media) {
    this.media = media;
    this.heat = heat;
    this.maps = maps;
    settling = new SettingSelection(heat, maps);
  }

  /**
   * The window of a medium on a press.
   *
   * @param map true platen temperatures; null where heat does not speak of the tool
   * @param readsHigh what the display shows more than that
   * @param temperatures what the material's sheet or the trade allows, true platen
   * @param bySheet whether the material's sheet says so
   * @param now the setting as it is tried or settled
   * @param best the one that forgives most
   * @param dots what an iron can be set to; empty for what is set in degrees
   * @param strays how far nine of ten such platens are off at most, either way
   * @param reliefs where no setting of the window will do: what would
   */
  public record PressWindow(
      @Nullable WindowMap map,
      Kelvin readsHigh,
      CelsiusRange temperatures,
      SecondsRange times,
      boolean bySheet,
      Setting now,
      Setting best,
      List<Celsius> dots,
      Kelvin strays,
      List<Relief> reliefs) {
    public PressWindow {
      dots = List.copyOf(dots);
      reliefs = List.copyOf(reliefs);
    }
  }

  /**
   * What would make a window that is empty do.
   *
   * @param own the setting to try; null where it is something else to do
   */
  public record Relief(Sentence say, @Nullable OwnSetting own) {}

  /**
   * One setting, tried.
   *
   * @param stack with the peak of each layer
   * @param told its heat story, or why there is none
   */
  public record TriedSetting(Recipe recipe, Margins margins, Stack stack, HeatStories.Told told) {}

  /**
   * @param decoration the id of one of the job's
   * @param medium the key of one that is pressed; {@link IllegalArgumentException} for another
   */
  public PressWindow window(JobRequest job, String decoration, String medium) {
    Candidate candidate = Candidate.of(job, job.decoration(decoration), media.get(medium));
    SettingSelection.Settled settled = settling.mostForgiving(candidate);
    Press tool = candidate.tool();
    Pressing pressing = settled.pressing();
    Kelvin readsHigh = tool.calibration().readsHigh();
    Setting now = settled.recipe().setting().plain();
    if (!pressing.isComputed()) {
      return new PressWindow(
          null,
          readsHigh,
          pressing.allowed().temperature(),
          pressing.allowed().time(),
          pressing.allowed().bySheet(),
          now,
          now,
          dots(tool),
          Kelvin.of(0),
          List.of());
    }
    OwnSetting left = candidate.own().at(null, null);
    Pressing usual = settling.usual(candidate.with(left)).pressing();
    WindowMap map = maps.of(usual);
    MostForgiving.Point best = settling.best(usual);
    return new PressWindow(
        map,
        readsHigh,
        pressing.allowed().temperature(),
        pressing.allowed().time(),
        pressing.allowed().bySheet(),
        now,
        new Setting(
            PlatenWriter.shown(best.platen(), tool), best.platen(), best.time(), now.pressure()),
        dots(tool),
        Kelvin.of(
            Math.round(SamplingPlan.OFF * Unknowns.of(tool.calibration()).platen() * 10) / 10.0),
        isEmpty(map, best)
            ? new Reliefs(new WhatIfs(heat, settling, candidate, settled), settled, left, map, best)
                .all()
            : List.of());
  }

  private static List<Celsius> dots(Press tool) {
    return tool.kind().setInDegrees() ? List.of() : PlatenWriter.IRON_DOTS;
  }

  private static boolean isEmpty(WindowMap map, MostForgiving.Point best) {
    return map.worstBeforeNo(best.platen().degrees(), best.time().count()) < 0;
  }

  /**
   * How a medium is pressed: as the maker settled it, and where that is left to heat, at the
   * setting that forgives most.
   *
   * @param pressing as heat meets it
   */
  public record SettledPress(Recipe recipe, Stack stack, Pressing pressing) {}

  /**
   * How it lies under the platen, before any heat: the same at every setting, so none is sought.
   */
  public Stack laid(JobRequest job, String decoration, String medium) {
    Candidate candidate = Candidate.of(job, job.decoration(decoration), media.get(medium));
    return settling.usual(candidate).stack().cold();
  }

  /** As it is settled, whatever comes of it. */
  public SettledPress settled(JobRequest job, String decoration, String medium) {
    Candidate candidate = Candidate.of(job, job.decoration(decoration), media.get(medium));
    SettingSelection.Settled found = settling.mostForgiving(candidate);
    return new SettledPress(found.recipe(), found.stack(), found.pressing());
  }

  /** As the maker settled it, whatever comes of it. */
  public TriedSetting tried(JobRequest job, String decoration, String medium) {
    Candidate candidate = Candidate.of(job, job.decoration(decoration), media.get(medium));
    SettingSelection.Settled settled = settling.mostForgiving(candidate);
    return new TriedSetting(
        settled.recipe(),
        settled.judgement().margins(),
        settled.stack(),
        settled.pressing().isComputed()
            ? new HeatStories.Told(StoryTeller.tell(settled.pressing()), null)
            : HeatStories.Told.not("story.untold.tool", candidate.tool().name()));
  }

  /** What would be if one thing were otherwise, each beside the setting as it is. */
  public List<WhatIf> whatIfs(JobRequest job, String decoration, String medium) {
    Candidate candidate = Candidate.of(job, job.decoration(decoration), media.get(medium));
    SettingSelection.Settled settled = settling.mostForgiving(candidate);
    return settled.pressing().isComputed()
        ? new WhatIfs(heat, settling, candidate, settled).all()
        : List.of();
  }
}

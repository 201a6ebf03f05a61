package velvetkettle.core.media.trait;

import velvetkettle.core.school.School;

/** What steam does to it. */
public enum SteamUse {
  /** Moisture is its enemy. */
  NEVER,
  /** Can be set with steam, where the shop keeps to that. */
  BY_SCHOOL,
  /** Is pressed with steam. */
  WANTED;

  /** Whether an iron steams for this work. */
  public boolean on(Work work) {
    return this == WANTED || (this == BY_SCHOOL && work.schools().keepTo(School.STONES_STEAM));
  }
}

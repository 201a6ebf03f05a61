package velvetkettle.server.plan;

import velvetkettle.server.json.Json;

/** The schools that a shop keeps to. */
public record SchoolsRow(String owner, Json kept, int version) {}

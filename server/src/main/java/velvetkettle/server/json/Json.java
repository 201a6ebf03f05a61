package velvetkettle.server.json;

/** The text of a jsonb column. */
public record Json(String text) {}

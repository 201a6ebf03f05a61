package velvetkettle.server.problem;

/** A field and what is wrong with it. */
record FieldProblem(String field, String message) {}

package promedio.core.marking;

import java.util.Map;
import promedio.core.measure.Measure;
import promedio.core.rules.CourseRules;
import promedio.core.sample.Data;

/**
 * An answer with one slip in it.
 *
 * @param kind what data: raw, table or classes
 * @param data the data
 * @param rules the course rules
 * @param measure what was asked
 * @param code the slip that was made
 * @param params with what it was made
 * @param answer what came of it, with two places
 */
record Slipped(
    String kind,
    Data data,
    CourseRules rules,
    Measure measure,
    String code,
    Map<String, String> params,
    String answer) {}

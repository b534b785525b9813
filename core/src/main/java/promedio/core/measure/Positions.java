package promedio.core.measure;

import promedio.core.number.Exact;
import promedio.core.rules.CourseRules;

/** The measures that hang on the order of the values, by some course rules. */
interface Positions {

  /** {@return the median} */
  Result median(CourseRules rules);

  /** {@return the lower quartile} */
  Result lowerQuartile(CourseRules rules);

  /** {@return the upper quartile} */
  Result upperQuartile(CourseRules rules);

  /** {@return the value that a share of the values does not exceed} */
  Result percentile(CourseRules rules, Exact share);

  /** {@return the smallest value} */
  Result smallest();

  /** {@return the largest value} */
  Result largest();
}

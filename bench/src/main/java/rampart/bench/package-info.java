/** Speed, measured with JMH and reported in docs/performance.md; never asserted. */
package rampart.bench;

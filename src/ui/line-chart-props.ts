export type LineChartProps = {
  points: readonly { label: string; value: number }[];
  /** A level to hold the points against: a budget. */
  line?: number;
  /** A second line over the same days. */
  against?: readonly number[];
  /** The same facts in words, for a screen reader. */
  spoken: string;
};

import type { Box } from './surface';

export type SheetRules = {
  /** Sheet lengths on sale, in ticks. */
  lengths: readonly number[];
  /** Sheet width: the height of a row. */
  width: number;
  /** Framing the sheets are hung across: butt joints land on it. */
  spacing: number;
  /** Layouts looked at for fewer sheets; as many as a page can wait for when left out. */
  looks?: number;
};

/** One piece as it hangs. `sheet` counts from 0 within the whole layout. */
type SheetPiece = Box & { row: number; sheet: number };

export type SheetLayout = {
  pieces: SheetPiece[];
  /** The sheets bought: length, and the pieces cut from each in a row. */
  sheets: { length: number; pieces: number[] }[];
  /** Butt joints and seams between rows, in ticks. */
  buttLength: number;
  seamLength: number;
  /** Share of the bought board that is not on the surface. */
  waste: number;
};

/** A piece that still has no sheet. */
export type Uncut = Omit<SheetPiece, 'sheet'>;

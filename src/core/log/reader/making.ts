import type { Entry, JobId, PersonId, PlaceId } from '../../house';
import type { LogJob } from './context';
import type { Label, QuestionCode, QuestionSlot } from './reading';

/** A statement's reading before it is written down: entries, or what to choose between. */
export type Made = {
  entries: Entry[];
  ask?: {
    code: QuestionCode;
    slot: QuestionSlot;
    options: { label: Label; value: string; entries: Entry[] }[];
  };
  jobs?: readonly JobId[];
  job?: LogJob | null;
  place?: PlaceId | null;
  /** Tokens whose words the entries hold. */
  wordsKept?: boolean;
};

/** What was answered of a statement, by slot. */
export type Told = ReadonlyMap<QuestionSlot, string>;

/** What the statements behind this one say of the work: a job told how far without a time of its own, or merely named. */
export type Ahead = { told: LogJob | null; named: LogJob | null };
export const NOTHING_AHEAD: Ahead = { told: null, named: null };

export const MOST_CHOICES = 6;

/** Who worked how long. */
export type Rows = { personId: PersonId; minutes: number }[];

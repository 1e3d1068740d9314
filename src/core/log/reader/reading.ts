import type { Answer, Entry, JobId, PersonId, PlaceId, SurfaceRef } from '../../house';
import type { PlainDate } from '../../units';
import type { Kind } from './kinds';
import type { Span } from '../../language/tokens';

/** What of a statement can be answered or changed by itself. */
export type QuestionSlot =
  | 'kind'
  | 'who'
  | 'minutes'
  | 'job'
  | 'room'
  | 'wall'
  | 'day'
  | 'amount'
  | 'rooms'
  | 'share'
  | 'shop'
  | 'spend'
  | 'paid-from'
  | 'sure';

/** A choice in words the screens can render: what it is about, never a sentence. */
export type Label =
  | { is: 'job'; jobId: JobId }
  | { is: 'person'; personId: PersonId }
  | { is: 'people'; personIds: readonly PersonId[] }
  | { is: 'new-person'; name: string }
  | { is: 'place'; placeId: PlaceId | null }
  | { is: 'surface'; at: SurfaceRef }
  | { is: 'share'; share: number }
  | { is: 'total' | 'added'; share: number }
  | { is: 'kind'; kind: Kind }
  | { is: 'amount'; cents: number }
  | { is: 'minutes'; minutes: number }
  | { is: 'day'; date: PlainDate }
  | { is: 'no-job' | 'half-each' | 'as-said' | 'leave-out' };

type Choice = { label: Label; entries: Entry[]; answer: Answer };

/** Why something is asked. */
export type QuestionCode =
  | 'which-job'
  | 'which-room'
  | 'which-wall'
  | 'not-on-wall'
  | 'wall-changed'
  | 'who'
  | 'whose-time'
  | 'how-far'
  | 'total-or-added'
  | 'what-is-this'
  | 'currency'
  | 'long-day'
  | 'large-sum'
  | 'goes-back'
  | 'before-start'
  | 'future'
  | 'which-day'
  | 'odd-figure';

export type Question = {
  /** Stable while the rest of the line is typed. */
  id: string;
  code: QuestionCode;
  slot: QuestionSlot;
  /** The words it is about. */
  about: string;
  span: Span;
  choices: Choice[];
};

/** One statement of the line and what it comes to: entries that are clear, or a question. */
export type Part = {
  about: string;
  span: Span;
  kind: Kind;
  date: PlainDate;
  entries: Entry[];
  question: Question | null;
  /** Jobs that its words may speak of, best first: the chips beside the one taken. */
  jobs: readonly JobId[];
  /** A name nobody in the house has. */
  stranger: string | null;
  /** Words that no step, room or cue knows. */
  strangeWords: readonly string[];
  /** Answers that were taken into account. */
  answered: readonly QuestionSlot[];
};

type LogFault =
  | { code: 'empty' }
  | { code: 'before-start'; date: PlainDate; firstDay: PlainDate }
  | { code: 'future'; date: PlainDate; today: PlainDate };

export type Reading = {
  /** The day the line is of; entries of another day carry their own. */
  date: PlainDate;
  parts: Part[];
  /** Words that carry no fact: joining words, "well", signs. */
  ignored: Span[];
  fault: LogFault | null;
};

/** What a statement shares with those behind it. */
export type Memory = {
  place: PlaceId | null;
  jobId: JobId | null;
  afterFind: boolean;
  /** The wall that was spoken of last. */
  at: { placeId: PlaceId; at: SurfaceRef } | null;
};

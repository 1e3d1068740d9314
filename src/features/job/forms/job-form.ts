import { z } from 'zod';
import {
  planningInputOf,
  jobIdSchema,
  personIdSchema,
  type JobFigures,
  type OwnJob,
  type Project,
} from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { circleIn } from '@/core/estimating/jobs';
import { withChanges } from '@/core/planning/input';
import { cents, formatMinutes, minutes, plainMoney, type PlainDate } from '@/core/units';
import {
  NO_SUCH_PLACE,
  WHOLE_HOUSE,
  areThere,
  placeChosen,
  countField,
  dayField,
  moneyField,
  noteField,
  waitField,
  wordsField,
  workField,
  type Fault,
  type Written,
} from '@/features/kit/form';

/** Nobody in particular, or a trade; else it is a person's id. */
export const ANYBODY = 'any';
export const TRADE = 'trade';

export const jobFormSchema = (today: PlainDate, written: Written) =>
  z.object({
    title: wordsField('Say what is to be done.', 120),
    placeId: z.string(),
    hours: workField(false),
    hands: z.enum(['1', '2']),
    who: z.string(),
    trade: z.string().trim().max(120),
    price: moneyField(written, null),
    days: countField(1, 240, false),
    from: dayField(today, written),
    stage: z.string().transform(Number),
    after: z.array(z.string()),
    before: z.array(z.string()),
    inOneGo: z.boolean(),
    shuts: z.enum(['no', 'dusty', 'wet']),
    outdoors: z.boolean(),
    wait: waitField,
    cost: moneyField(written, cents(0)),
    note: noteField,
  });
type JobSchema = ReturnType<typeof jobFormSchema>;
export type JobTyped = z.input<JobSchema>;
export type JobRead = z.output<JobSchema>;

/** Most jobs of one's own come out of opening up. */
const USUAL_STAGE = 5;

export const emptyJob = (over: Partial<JobTyped> = {}): JobTyped => ({
  title: '',
  placeId: WHOLE_HOUSE,
  hours: '',
  hands: '1',
  who: ANYBODY,
  trade: '',
  price: '',
  days: '',
  from: '',
  stage: String(USUAL_STAGE),
  after: [],
  before: [],
  inOneGo: false,
  shuts: 'no',
  outdoors: false,
  wait: '',
  cost: '',
  note: '',
  ...over,
});

const HOURS_A_DAY = 24;

/** `36h`, `3 days`. */
export const waitText = (hours: number): string =>
  hours > 0 && hours % HOURS_A_DAY === 0
    ? `${hours / HOURS_A_DAY} ${hours === HOURS_A_DAY ? 'day' : 'days'}`
    : `${hours}h`;

/** A job of one's own as it stands, in the form's fields. */
export function typedJob(job: OwnJob, project: Project): JobTyped {
  const figures: JobFigures = project.jobFigures[job.id] ?? {};
  const hire = project.hired[job.id];
  const sum = (value: OwnJob['cents']) => (value ? plainMoney(value, project.currency, true) : '');
  return emptyJob({
    title: job.title,
    placeId: job.placeId ?? WHOLE_HOUSE,
    hours: formatMinutes(job.minutes),
    hands: String(job.hands) as '1' | '2',
    who: hire ? TRADE : (figures.by ?? ANYBODY),
    trade: hire?.trade ?? '',
    price: sum(hire?.cents),
    days: hire ? String(hire.workdays) : '',
    from: project.bookings[job.id] ?? '',
    stage: String(job.stage),
    after: [...(job.after ?? [])],
    before: [...job.before],
    inOneGo: job.inOneGo === true,
    shuts: job.shuts ?? 'no',
    outdoors: job.outdoors === true,
    wait: job.waitHours ? waitText(job.waitHours) : '',
    cost: sum(job.cents),
    note: figures.note ?? '',
  });
}

/** What a trade needs said, and whose hours it is otherwise. */
function faultIn(read: JobRead, project: Project): Fault<JobTyped> | undefined {
  const { placeId, who } = read;
  if (!areThere(project, [placeChosen(placeId)])) {
    return { field: 'placeId', message: NO_SUCH_PLACE };
  }
  if (who !== ANYBODY && who !== TRADE && project.people.every(({ id }) => id !== who)) {
    return { field: 'who', message: 'They no longer work on the house. Choose somebody else.' };
  }
  if (read.who === TRADE) {
    if (read.trade === '') return { field: 'trade', message: 'Say which trade, such as plumber.' };
    if (read.price === null) return { field: 'price', message: 'Give what they ask for it.' };
    if (read.days === null) return { field: 'days', message: 'Give how many workdays they need.' };
    return undefined;
  }
  return read.hours === null || read.hours === 0
    ? { field: 'hours', message: 'Give the hours of one person, such as 4h.' }
    : undefined;
}

function ownJobFrom(read: JobRead, id: string, over: Pick<OwnJob, 'because' | 'changeId'>): OwnJob {
  const ids = (from: readonly string[]) => from.map((each) => jobIdSchema.parse(each));
  return {
    id: jobIdSchema.parse(id),
    placeId: placeChosen(read.placeId),
    title: read.title,
    stage: read.stage,
    minutes: read.hours ?? minutes(0),
    hands: read.hands === '2' ? 2 : 1,
    before: ids(read.before),
    ...(read.after.length > 0 ? { after: ids(read.after) } : {}),
    ...(read.inOneGo ? { inOneGo: true } : {}),
    ...(read.shuts === 'no' ? {} : { shuts: read.shuts }),
    ...(read.outdoors ? { outdoors: true } : {}),
    ...(read.wait ? { waitHours: read.wait } : {}),
    ...(read.cost ? { cents: read.cost } : {}),
    ...over,
  };
}

/** Who does it and what is noted beside it, as far as that changed. */
function besideJob(read: JobRead, jobId: OwnJob['id'], project: Project): EventBodyOf[] {
  const isTrade = read.who === TRADE;
  const by = isTrade || read.who === ANYBODY ? undefined : personIdSchema.parse(read.who);
  const before: JobFigures = project.jobFigures[jobId] ?? {};
  const { by: _by, note: _note, ...rest } = before;
  const figures: JobFigures = {
    ...rest,
    ...(by ? { by } : {}),
    ...(read.note ? { note: read.note } : {}),
  };
  const isSame = JSON.stringify(figures) === JSON.stringify(before);
  const booked = project.bookings[jobId];
  return [
    ...(isSame ? [] : [{ type: 'jobFiguresAgreed' as const, payload: { jobId, figures } }]),
    ...(isTrade
      ? [
          {
            type: 'jobHired' as const,
            payload: {
              jobId,
              trade: read.trade,
              workdays: read.days ?? 1,
              cents: read.price ?? cents(0),
            },
          },
        ]
      : project.hired[jobId]
        ? [{ type: 'jobTakenBack' as const, payload: { jobId } }]
        : []),
    ...(isTrade && read.from && read.from !== booked
      ? [{ type: 'visitBooked' as const, payload: { jobId, on: read.from } }]
      : booked && !read.from
        ? [{ type: 'visitCancelled' as const, payload: { jobId } }]
        : []),
  ] as EventBodyOf[];
}

/** The circle a change would make, in words; undefined where there is none. */
export function circleWords(project: Project, events: readonly EventBodyOf[]): string | undefined {
  const circle = circleIn(withChanges(planningInputOf(project), events));
  if (!circle) return undefined;
  const titles = circle.map(({ title }) => `“${title}”`);
  return `It would wait for itself: ${[...titles, titles[0]].join(', then ')}.`;
}

/** The events of a job as it was typed, or the fault that keeps it from making sense. */
export function eventsOfJob(
  read: JobRead,
  project: Project,
  { id, isNew, ...over }: { id: string; isNew: boolean } & Pick<OwnJob, 'because' | 'changeId'>,
): EventBodyOf[] | Fault<JobTyped> {
  const fault = faultIn(read, project);
  if (fault) return fault;
  const job = ownJobFrom(read, id, over);
  const events: EventBodyOf[] = [
    { type: isNew ? 'jobAdded' : 'jobCorrected', payload: job },
    ...besideJob(read, job.id, project),
  ];
  const circle = circleWords(project, events);
  return circle ? { field: 'after', message: circle } : events;
}

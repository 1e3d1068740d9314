import { z } from 'zod';
import { readSm, solve, type InstanceError } from '../bench/instances';
import {
  answerTakeoff,
  contextOf,
  drawForecast,
  labelText,
  logJobs,
  momentAt,
  plainDateSchema,
  planCuts,
  planHouse,
  plainEntry,
  readLine,
  readProjectFile,
  sayRequestError,
  settle,
  toIsoMinute,
  type CutError,
  type FileError,
  type Moment,
  type PlanError,
  type Project,
} from '../src/core';

/** What a verb answers. A fault is one line naming the field and the reason; `check` gives both. */
export type Answer = { value: unknown } | { fault: string } | { value: unknown; fault: string };
type Flags = ReadonlyMap<string, string>;

export function fileFault(error: FileError): string {
  switch (error.code) {
    case 'not-json':
      return 'file: not JSON';
    case 'truncated':
      return 'file: cut off before its end';
    case 'not-ours':
      return 'format: not a Fresh Porch project file';
    case 'newer-version':
      return `version: ${error.version} is newer than this program reads`;
    case 'broken':
      return `${error.path}: ${error.reason}`;
    case 'no-house':
      return 'events: no house is started in them';
  }
}

const EVENING = 17 * 60;

/** `--today`, else the file's own clock, else the day of its last log line or first day: never the machine's. */
function nowOf(project: Project, clock: Moment | null, flags: Flags): Moment | { fault: string } {
  const today = flags.get('today');
  if (today !== undefined) {
    const parsed = plainDateSchema.safeParse(today);
    return parsed.success
      ? momentAt(parsed.data, EVENING)
      : { fault: 'today: not a YYYY-MM-DD date' };
  }
  if (clock !== null) return clock;
  const days = Object.values(project.days).map(({ date }) => date);
  return momentAt(days.toSorted().at(-1) ?? project.house.firstDay, EVENING);
}

export function planVerb(text: string, flags: Flags): Answer {
  const file = readProjectFile(text);
  if (!file.ok) return { fault: fileFault(file.error) };
  const now = nowOf(file.value.project, file.value.clock, flags);
  if (typeof now === 'object') return now;
  const plan = planHouse(file.value.project, now);
  if (!plan.ok) return { fault: planFault(plan.error) };
  const gate = ({
    date,
    jobsLeft,
    checksLeft,
    minutesLeft,
  }: (typeof plan.value.gates)['sleep']) => ({
    date,
    jobsLeft,
    checksLeft,
    hoursLeft: minutesLeft / 60,
  });
  return {
    value: {
      now: toIsoMinute(plan.value.now),
      jobs: plan.value.jobs.map((job) => ({
        id: job.id,
        place: job.placeId,
        title: job.title,
        stage: job.stage,
        state: job.state,
        start: toIsoMinute(job.start),
        finish: toIsoMinute(job.finish),
        hoursLeft: job.left / 60,
        waitsFor: job.predecessors.map(({ jobId, why, waitMinutes }) => ({
          job: jobId,
          why,
          waitHours: waitMinutes / 60,
        })),
        slackDays: job.slackDays,
      })),
      gates: {
        sleep: gate(plan.value.gates.sleep),
        live: gate(plan.value.gates.live),
        done: gate(plan.value.gates.done),
      },
      orders: plan.value.orders.map(({ what, units, unit, jobId, orderBy, neededBy, state }) => ({
        item: what,
        quantity: units,
        unit,
        job: jobId,
        orderBy,
        neededBy,
        state,
      })),
    },
  };
}

/** Whether a file opens, by the same gate; what of it would be set aside is counted and named. */
export function checkVerb(text: string): Answer {
  const file = readProjectFile(text);
  if (!file.ok) return { fault: fileFault(file.error) };
  const { unread, setAside } = file.value;
  const named = setAside.map(({ path, reason }) => ({ path, reason }));
  return {
    value:
      unread.length + named.length === 0
        ? { ok: true }
        : { ok: true, unread: unread.length, setAside: named },
  };
}

const requestSchema = z.object({
  project: z.unknown(),
  line: z.string({ error: 'not a text' }).max(10_000, 'over 10,000 letters'),
  today: plainDateSchema,
});

export function logVerb(text: string): Answer {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { fault: 'input: not JSON' };
  }
  const request = requestSchema.safeParse(json);
  if (!request.success) {
    const issue = request.error.issues[0];
    return { fault: `${issue?.path.join('.') || 'input'}: ${issue?.message ?? 'unreadable'}` };
  }
  const file = readProjectFile(JSON.stringify(request.data.project));
  if (!file.ok) return { fault: `project.${fileFault(file.error)}` };
  const { project } = file.value;
  const jobs = logJobs(project);
  const reading = readLine(request.data.line, contextOf(project, jobs, request.data.today));
  const { entries, open } = settle(reading);
  const titles = new Map(jobs.map(({ id, title }) => [id, title]));
  return {
    value: {
      date: reading.date,
      entries: entries.map((entry) => plainEntry(entry, reading.date, project.units)),
      questions: open.map(({ id, code, slot, about, choices }) => ({
        id,
        code,
        about,
        slot,
        choices: choices.map((choice) => ({
          label: labelText(choice.label, project, titles),
          entries: choice.entries.map((entry) => plainEntry(entry, reading.date, project.units)),
        })),
      })),
      ignored: reading.ignored.map(({ from, to }) => request.data.line.slice(from, to)),
    },
  };
}

export function takeoffVerb(text: string): Answer {
  const answer = answerTakeoff(text);
  if (answer.ok) return { value: answer.value };
  const { error, areas, units } = answer.error;
  const { path, reason } = sayRequestError(error, units);
  const fault = `${path}: ${reason}`;
  return areas ? { value: { areas, lines: [], cautions: [] }, fault } : { fault };
}

const missing = (what: string) => z.number({ error: `${what} is missing or not a number` });
const cutsSchema = z.object({
  kerf: z.number({ error: 'not a number' }).default(0),
  stock: z.array(
    z.object({
      length: missing('the length'),
      price: missing('the price'),
      available: z.number().optional(),
    }),
    { error: 'not a list of lengths on sale' },
  ),
  pieces: z.array(z.object({ length: missing('the length'), qty: z.number().default(1) }), {
    error: 'not a list of pieces',
  }),
});

export function cutsVerb(text: string): Answer {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return { fault: 'input: not JSON' };
  }
  const request = cutsSchema.safeParse(json);
  if (!request.success) {
    const issue = request.error.issues[0];
    return { fault: `${issue?.path.join('.') || 'input'}: ${issue?.message ?? 'unreadable'}` };
  }
  const plan = planCuts(request.data);
  return plan.ok ? { value: plan.value } : { fault: cutFaultWords(plan.error) };
}

function cutFaultWords(error: CutError): string {
  switch (error.code) {
    case 'no-pieces':
      return 'pieces: none given';
    case 'no-stock':
      return 'stock: no length on sale given';
    case 'negative-kerf':
      return 'kerf: must be a whole number, nought or more';
    case 'bad-piece':
      return `pieces.${error.index}: length and qty must be whole numbers, the length more than nought`;
    case 'bad-stock':
      return `stock.${error.index}: length must be a whole number of more than nought, available a whole number`;
    case 'no-price':
      return `stock.${error.index}.price: must be a whole number of cents, nought or more`;
    case 'stock-twice':
      return `stock.${error.index}.length: ${error.length} is listed twice`;
    case 'too-long':
      return `pieces.${error.index}.length: ${error.length} is longer than every stock; the longest is ${error.longest}`;
    case 'not-enough-stock':
      return 'stock: the lengths available do not hold all pieces';
  }
}

function instanceFault(error: InstanceError): string {
  switch (error.code) {
    case 'missing':
      return `file: the section "${error.section}" is missing`;
    case 'bad-line':
      return `line ${error.line}: ${error.reason}`;
    case 'loop':
      return `precedence: jobs wait for each other: ${error.jobs.join(' -> ')}`;
  }
}

const MOST_SCHEDULES = 10_000_000;

/** A whole number given by a flag, or its standard. */
function countFlag(
  flags: Flags,
  name: string,
  standard: number,
  least: number,
): number | { fault: string } {
  const given = flags.get(name);
  if (given === undefined) return standard;
  const value = Number(given);
  return Number.isInteger(value) && value >= least && value <= MOST_SCHEDULES
    ? value
    : { fault: `${name}: must be a whole number from ${least} to ${MOST_SCHEDULES}` };
}

export function rcpspVerb(text: string, flags: Flags): Answer {
  const schedules = countFlag(flags, 'schedules', 5_000, 1);
  if (typeof schedules === 'object') return schedules;
  const seed = countFlag(flags, 'seed', 1, 0);
  if (typeof seed === 'object') return seed;
  const instance = readSm(text);
  if (!instance.ok) return { fault: instanceFault(instance.error) };
  return { value: solve(instance.value, { schedules, seed }) };
}

const MOST_RUNS = 100_000;

export function forecastVerb(text: string, flags: Flags): Answer {
  const runs = countFlag(flags, 'runs', 2_000, 1);
  if (typeof runs === 'object') return runs;
  if (runs > MOST_RUNS) return { fault: `runs: must be a whole number from 1 to ${MOST_RUNS}` };
  const seed = countFlag(flags, 'seed', 1, 0);
  if (typeof seed === 'object') return seed;
  const file = readProjectFile(text);
  if (!file.ok) return { fault: fileFault(file.error) };
  const now = nowOf(file.value.project, file.value.clock, flags);
  if (typeof now === 'object') return now;
  const drawn = drawForecast(file.value.project, now, { runs, seed });
  if (!drawn.ok) return { fault: planFault(drawn.error) };
  const { gates, cost, decides } = drawn.value;
  return { value: { now: toIsoMinute(now), runs, seed, gates, cost, decides } };
}

const planFault = (error: PlanError): string =>
  error.code === 'loop'
    ? `events: own jobs wait for each other: ${error.jobIds.join(' -> ')}`
    : `people: nobody has an hour for ${error.jobId}`;

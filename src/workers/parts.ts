import type { WorkerReply } from './protocol';

/** Read in a few milliseconds: the page never stands still while the answer for a whole house comes in. */
const JOBS_IN_A_PART = 40;

/** A reply as it is sent: the jobs of a plan in parts ahead of the rest. */
export function inParts(reply: WorkerReply): WorkerReply[] {
  if (reply.kind !== 'forecast' && reply.kind !== 'progress') return [reply];
  const { id, forecast } = reply;
  const { jobs } = forecast.plan;
  const parts: WorkerReply[] = [];
  for (let at = 0; at < jobs.length; at += JOBS_IN_A_PART) {
    parts.push({ id, kind: 'jobs', jobs: jobs.slice(at, at + JOBS_IN_A_PART) });
  }
  return [...parts, { ...reply, forecast: { ...forecast, plan: { ...forecast.plan, jobs: [] } } }];
}

/** Puts the replies of one request together again; undefined while more is to come. */
export function joiner(): (part: WorkerReply) => WorkerReply | undefined {
  let jobs: Extract<WorkerReply, { kind: 'jobs' }>['jobs'] = [];
  return (part) => {
    if (part.kind === 'jobs') {
      jobs.push(...part.jobs);
      return undefined;
    }
    if (part.kind !== 'forecast' && part.kind !== 'progress') return part;
    const { forecast } = part;
    const whole = { ...part, forecast: { ...forecast, plan: { ...forecast.plan, jobs } } };
    jobs = [];
    return whole;
  };
}

/** A house as it lies there after thirteen years: 5,000 days of log, 2,000 receipts, 400 jobs, 300 photos. */
import { idOf } from '../src/core/testing/ids';
import { writeProjectFile } from '../src/core/files';
import { planningInputOf, type Entry } from '../src/core/house';
import type { EventBodyOf } from '../src/core/journal';
import { seededRandom } from '../src/core/random';
import { expandJobs } from '../src/core/estimating/jobs';
import { STARTED, houseOf, stamped } from '../src/core/testing/houses';
import {
  addDays,
  cents,
  minutes,
  momentAt,
  plainDate,
  type Moment,
  type PlainDate,
} from '../src/core/units';
import { roomsOf } from './planning';

const FIRST_DAY = plainDate('2013-01-05');
const ROOMS = 12;
const THINGS = ['screws', 'two sheets of board', 'compound', 'paint', 'pipe and fittings', 'trim'];
const PICTURE_BYTES = 150_000;
/** The first bytes of a small picture; what follows its end is only weight. */
const JPEG =
  '/9j/4AAQSkZJRgABAQEASABIAAD/2wBDAP//////////////////////////////////////////////////////////////////////////////////////2wBDAf//////////////////////////////////////////////////////////////////////////////////////wAARCAABAAEDASIAAhEBAxEB/8QAFQABAQAAAAAAAAAAAAAAAAAAAAb/xAAUEAEAAAAAAAAAAAAAAAAAAAAA/8QAFAEBAAAAAAAAAAAAAAAAAAAAAP/EABQRAQAAAAAAAAAAAAAAAAAAAAD/2gAMAwEAAhEDEQA/AL+AAf/Z';

type Size = { days: number; receipts: number; photos: number };
export const AS_LIVED: Size = { days: 5_000, receipts: 2_000, photos: 300 };

/** The day it stands at: the one after its last. */
export const standsAt = ({ days }: Size): Moment => momentAt(addDays(FIRST_DAY, days), 9 * 60);

/** Evenings one after another through the jobs of the house, receipts among them, some put right later. */
function evenings({ days, receipts }: Size): EventBodyOf[] {
  const jobs = expandJobs(planningInputOf(houseOf(...roomsOf(ROOMS))));
  const drawn = seededRandom(7);
  const pick = <T>(list: readonly T[]): T | undefined => list[Math.floor(drawn() * list.length)];
  const everyNth = Math.max(1, Math.floor(days / receipts));
  return Array.from({ length: days }, (_, at): EventBodyOf[] => {
    const date = addDays(FIRST_DAY, at);
    const job = jobs[Math.floor((at / days) * jobs.length * 0.8)] ?? jobs[0];
    if (!job) throw new Error('no job');
    const { id: jobId, placeId } = job;
    const spent = minutes(60 + Math.floor(drawn() * 180));
    const entries: Entry[] = [
      { kind: 'hours', personId: idOf('me'), minutes: spent, jobId, placeId },
      { kind: 'progress', jobId, share: 20 + Math.floor(drawn() * 60) },
    ];
    if (at % everyNth === 0) {
      const shares = [{ placeId, cents: cents(500 + Math.floor(drawn() * 20_000)) }];
      const what = pick(THINGS) ?? '';
      entries.push({
        kind: 'money',
        what,
        spend: 'materials',
        shares,
        shop: 'Quarry Lane',
        drawsOn: 'budget',
      });
    }
    if (at % 9 === 0) entries.push({ kind: 'note', text: `rain again, ${job.title}`, placeId });
    const day = {
      id: `day-${at}` as never,
      date,
      line: `2h me ${job.title.toLowerCase()}`,
      entries,
    };
    const corrected = at % 25 === 0 ? [{ type: 'dayCorrected' as const, payload: day }] : [];
    return [{ type: 'dayLogged', payload: day }, ...corrected];
  }).flat();
}

function photosOf(count: number): { bodies: EventBodyOf[]; pictures: Record<string, string> } {
  const ids = Array.from({ length: count }, (_, at) => `photo-${at}`);
  const weight = 'A'.repeat(PICTURE_BYTES);
  return {
    bodies: ids.map((id, at) => ({
      type: 'photoTaken',
      payload: {
        id,
        placeId: `r${at % ROOMS}` as never,
        element: null,
        on: addDays(FIRST_DAY, at * 3),
      },
    })),
    pictures: Object.fromEntries(ids.map((id) => [id, `data:image/jpeg;base64,${JPEG}${weight}`])),
  };
}

/** The exported file of such a house. */
export function oldHouseFile(size: Size = AS_LIVED, projectId = 'old-house'): string {
  const started = structuredClone(STARTED);
  if (started.type === 'houseStarted') {
    started.payload.house = {
      ...started.payload.house,
      name: 'Old house',
      firstDay: FIRST_DAY as PlainDate,
      wishedMoveIn: null,
    };
  }
  const { bodies, pictures } = photosOf(size.photos);
  const events = stamped([started, ...roomsOf(ROOMS), ...evenings(size), ...bodies], 'bench');
  return writeProjectFile({ projectId, clock: standsAt(size), events, photos: pictures });
}

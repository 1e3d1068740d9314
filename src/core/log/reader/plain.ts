import type { Entry } from '../../house';
import { addCents, formatLength, type PlainDate, type UnitSystem } from '../../units';

/** An entry in plain names, as the command line tells it: see `log` in docs/interfaces.md. */
export type PlainEntry = { kind: string; date: PlainDate } & Record<string, unknown>;

const some = <T extends object>(fields: T): Partial<T> =>
  Object.fromEntries(
    Object.entries(fields).filter(([, value]) => value !== null && value !== undefined),
  ) as Partial<T>;

const counted = (thousandths: number | null, unit: string | null) =>
  some({ quantity: thousandths === null ? null : thousandths / 1000, unit });

const roomOfJob = (jobId: string): string | null => {
  const place = jobId.split('/')[0] ?? '';
  return place === 'house' || /^floor-?\d+$/.test(place) ? null : place;
};

/** One entry as the command line says it; `date` is the day of its line unless it carries its own. */
export function plainEntry(
  entry: Entry,
  lineDate: PlainDate,
  units: UnitSystem = 'imperial',
): PlainEntry {
  const date = entry.on ?? lineDate;
  switch (entry.kind) {
    case 'hours':
      return {
        kind: 'work',
        who: entry.personId,
        minutes: entry.minutes,
        ...some({ job: entry.jobId, room: entry.placeId, what: entry.what }),
        date,
      };
    case 'progress':
      return {
        kind: 'progress',
        job: entry.jobId,
        ...some({
          room: roomOfJob(entry.jobId),
          share: entry.share,
          quantity: entry.quantity && {
            value: entry.quantity.thousandths / 1000,
            unit: entry.quantity.unit,
          },
        }),
        date,
      };
    case 'money': {
      const rooms = entry.shares.flatMap(({ placeId, cents }) =>
        placeId === null ? [] : [{ room: placeId, share: cents }],
      );
      return {
        kind: 'spend',
        cents: addCents(entry.shares.map(({ cents }) => cents)),
        what: entry.what,
        spendKind: entry.spend,
        rooms,
        ...some({ vendor: entry.shop, committed: entry.committed }),
        date,
      };
    }
    case 'quote':
      return {
        kind: 'quote',
        cents: entry.cents,
        what: entry.what,
        ...some({ from: entry.from, room: entry.placeId }),
        date,
      };
    case 'material':
      return {
        kind: 'used',
        what: entry.what,
        ...counted(entry.thousandths, entry.unit),
        ...some({ room: entry.placeId }),
        date,
      };
    case 'leftover':
      return {
        kind: 'leftover',
        what: entry.what,
        ...counted(entry.thousandths, entry.unit),
        ...some({ room: entry.placeId }),
        date,
      };
    case 'ordered':
      return {
        kind: 'ordered',
        what: entry.what,
        ...counted(entry.thousandths, entry.unit),
        ...some({ due: entry.due, from: entry.shop, room: entry.placeId }),
        date,
      };
    case 'delivered':
      return {
        kind: 'delivered',
        what: entry.what,
        ...counted(entry.thousandths, entry.unit),
        state: entry.state,
        ...some({
          missing: entry.missing === null ? null : entry.missing / 1000,
          room: entry.placeId,
        }),
        date,
      };
    case 'find':
      return {
        kind: 'found',
        text: entry.text,
        ...some({
          room: entry.placeId,
          element: entry.element,
          suspicion: entry.suspicion,
          minutes: entry.minutes,
          cents: entry.cents,
        }),
        date,
      };
    case 'decision':
      return {
        kind: 'decided',
        text: entry.text,
        ...some({ room: entry.placeId, works: entry.works }),
        date,
      };
    case 'next':
      // The day meant is the day it is for.
      return {
        kind: 'next',
        text: entry.text,
        ...some({ room: entry.placeId }),
        ...(entry.day ? { date: entry.day } : { date }),
      };
    case 'wait':
      return {
        kind: 'wait',
        what: entry.what,
        hours: Math.round((entry.minutes / 60) * 100) / 100,
        ...some({ room: entry.placeId, job: entry.jobId }),
        date,
      };
    case 'inspection':
      return {
        kind: 'inspection',
        which: entry.which,
        ...some({
          job: entry.jobId,
          result: entry.result,
          note: entry.note,
          bookedFor: entry.bookedFor,
        }),
        date,
      };
    case 'measured':
      return {
        kind: 'measured',
        what: entry.what,
        size: entry.size,
        ...some({ room: entry.placeId }),
        date,
      };
    case 'favour':
      return {
        kind: 'favour',
        who: entry.personId ?? entry.who,
        minutes: entry.minutes,
        owed: entry.owed,
        date,
      };
    case 'behind':
      return {
        kind: 'behind',
        what: entry.what,
        room: entry.placeId,
        surface: entry.at.kind === 'wall' ? `wall ${entry.at.wall + 1}` : entry.at.kind,
        offset: formatLength(entry.offset, units),
        height: formatLength(entry.height, units),
        ...some({ hangsOn: entry.hangsOn, later: entry.later }),
        date,
      };
    case 'punch':
      return { kind: 'punch', what: entry.what, ...some({ room: entry.placeId }), date };
    case 'weather':
      return { kind: 'weather', text: entry.text, date };
    case 'note':
      return { kind: 'note', text: entry.text, ...some({ room: entry.placeId }), date };
  }
}

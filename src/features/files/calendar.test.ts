import { planningInputOf } from '@/core/house';
import { readFileSync } from 'node:fs';
import { readProjectFile } from '@/core/files';
import { planHouse } from '@/core/planning/plan-house';
import { calendarEntries } from '@/core/files/tables/calendar';
import { momentAt, plainDate } from '@/core/units';
import { calendarText } from './calendar';

const file = readProjectFile(readFileSync('demo/house.json', 'utf8'));
if (!file.ok) throw new Error(file.error.code);
const { project } = file.value;
const planned = planHouse(planningInputOf(project), momentAt(plainDate('2026-03-14'), 8 * 60 + 30));
if (!planned.ok) throw new Error(planned.error.code);

describe('the calendar file', () => {
  const entries = calendarEntries(project, planned.value);

  it('holds days of work, visits, trades, deliveries and waits that end, each once', () => {
    expect(new Set(entries.map(({ kind }) => kind))).toEqual(
      new Set(['work', 'visit', 'trade', 'delivery', 'wait']),
    );
    expect(new Set(entries.map(({ uid }) => uid)).size).toBe(entries.length);
    const late = entries.find(({ title }) => title.includes('Wood sash window'));
    // Promised for 2 March and not come.
    expect(late).toMatchObject({
      kind: 'delivery',
      days: { from: '2026-03-02' },
      note: expect.stringContaining('late'),
    });
  });

  it('ends after it begins, and never lies before today but for what is late', () => {
    for (const entry of entries) {
      if ('days' in entry) expect(entry.days.until > entry.days.from).toBe(true);
      else {
        expect(entry.times.to).toBeGreaterThan(entry.times.from);
        expect(entry.times.from).toBeGreaterThanOrEqual(planned.value.now - 24 * 60);
      }
    }
  });

  it('is an iCalendar text with one event for each, in local time', () => {
    const text = calendarText(project, planned.value, 'h1');
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(entries.length);
    expect(text).toContain('DTSTART;VALUE=DATE:20260302');
    expect(text).toMatch(/DTSTART:2026\d{4}T\d{6}\r\n/);
  });

  it('keeps the entries of two houses apart', () => {
    const idsOf = (house: string) =>
      calendarText(project, planned.value, house).match(/^UID:.*(?:\r\n .*)*/gm) ?? [];
    const both = [...idsOf('h1'), ...idsOf('h2')];
    expect(both).toHaveLength(2 * entries.length);
    expect(new Set(both).size).toBe(both.length);
  });

  it('escapes what a calendar would take for its own marks, and folds long lines', () => {
    const name = 'Hall; left, "back" \\ front\nupstairs';
    const [id = ''] = project.placeOrder;
    const place = project.places[id];
    if (!place) throw new Error('no place');
    const renamed = { ...project, places: { ...project.places, [id]: { ...place, name } } };
    const text = calendarText(renamed, planned.value, 'h1')
      .replaceAll('\r\n\t', '')
      .replaceAll('\r\n ', '');
    expect(text).toContain('Hall\\; left\\, "back" \\\\ front\\nupstairs');
    for (const line of calendarText(renamed, planned.value, 'h1').split('\r\n')) {
      expect(Buffer.byteLength(line)).toBeLessThanOrEqual(77);
    }
  });
});

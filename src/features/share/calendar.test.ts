import { readFileSync } from 'node:fs';
import { readProjectFile } from '@/core/files';
import { planHouse } from '@/core/schedule';
import { calendarEntries } from '@/core/tables/calendar';
import { momentAt, plainDate } from '@/core/units';
import { calendarText } from './calendar';

const file = readProjectFile(readFileSync('demo/house.json', 'utf8'));
if (!file.ok) throw new Error(file.error.code);
const { project } = file.value;
const planned = planHouse(project, momentAt(plainDate('2026-03-14'), 8 * 60 + 30));
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
    const text = calendarText(project, planned.value);
    expect(text).toMatch(/^BEGIN:VCALENDAR\r\n/);
    expect(text.match(/BEGIN:VEVENT/g)).toHaveLength(entries.length);
    expect(text).toContain('DTSTART;VALUE=DATE:20260302');
    expect(text).toMatch(/DTSTART:2026\d{4}T\d{6}\r\n/);
  });
});

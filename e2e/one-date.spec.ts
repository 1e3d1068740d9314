import type { Page } from '@playwright/test';
import { PHONE, WIDE, expect, test } from './porch';

const likelyIn = async (page: Page, where: RegExp): Promise<string> => {
  const text = (await page.getByText(where).first().textContent()) ?? '';
  return /likely ([A-Z][a-z]{2} \d{1,2} [A-Z][a-z]{2})/.exec(text)?.[1] ?? `no date in "${text}"`;
};

test('Today, Keys, a comparison and a what-if speak of the same likely day; what changes nothing says so', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(WIDE);
  await porch.openDemo();
  const today = await likelyIn(page, /^Living here: likely/);
  expect(today).toMatch(/\d/);
  await porch.go('Keys');
  const live = page.getByRole('region', { name: 'Live here' });
  await expect(live.getByText(/^likely/)).toContainText(`likely ${today}`);

  await porch.visit('/compare/one?id=path');
  const asIs = page.getByRole('region', { name: 'Trade by trade' });
  await expect(asIs.getByText(today, { exact: true })).toBeVisible();

  await porch.visit('/whatif');
  // Two evenings a year after the keys: nobody's day can move for them.
  await porch.fill('From', '2027-12-01');
  await porch.fill('To', '2027-12-02');
  await porch.fill('Hours a day', '1h');
  await porch.fill('Because', 'a visit');
  await porch.press('Think of it');
  const answer = page.getByRole('status').filter({ hasText: 'The plan repairs itself' });
  await expect(answer).toContainText('no difference at a gate that can be told; no job moves');
  await expect(page.getByText(`likely ${today}`).first()).toBeVisible();

  // The plan that stands is there on the next visit too.
  await page.goto('/today');
  await porch.settle();
  expect(await likelyIn(page, /^Living here: likely/)).toBe(today);
});

type HouseFile = {
  events: { id: string; counter: number; device: string; type: string; payload: { id?: string } }[];
};

/** The same file after ten evenings on the other phone, each of which finished a job in half its estimate or so. */
function afterTenEvenings(text: string): string {
  const file = JSON.parse(text) as HouseFile;
  const room = file.events.find(({ type }) => type === 'placeAdded')?.payload.id ?? '';
  const from = Math.max(...file.events.map(({ counter }) => counter));
  const steps = [
    'survey.walk',
    'survey.measure',
    'decide.finishes',
    'safe.protect',
    'safe.isolate',
    'safe.dust-wall',
    'demo.ceiling',
    'demo.walls',
    'demo.haul',
    'insulate.seal',
  ];
  const more = steps.map((step, at) => ({
    id: `other-${at}`,
    device: 'other',
    counter: from + at + 1,
    at: '2026-03-13T21:00:00',
    type: 'dayLogged',
    v: 3,
    payload: {
      id: `evening-${at}`,
      date: `2026-03-${String(at + 2).padStart(2, '0')}`,
      line: `evening ${at}`,
      entries: [
        { kind: 'hours', personId: 'me', minutes: 45, jobId: `${room}/${step}`, placeId: null },
        { kind: 'progress', jobId: `${room}/${step}`, share: 100 },
      ],
    },
  }));
  return JSON.stringify({ ...file, events: [...file.events, ...more] });
}

test('before any evening the day is told as a wide one; after ten the pace stands as a chart, and on the job', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(PHONE);
  await porch.startHouse();
  await porch.addRoom({ kind: 'Bedroom', name: 'Back bedroom', length: `12'`, width: `10'` });
  await porch.finishRooms(1);
  await porch.chooseWorks('Back bedroom', ['Strip and re-line walls and ceiling']);
  await porch.go('Today');
  await expect(page.getByText(/Nothing finished and logged yet: between/)).toBeVisible();
  await porch.visit('/pace');
  await expect(page.getByText(/^Nothing finished with hours yet/)).toBeVisible();

  const file = afterTenEvenings(await porch.exportHouse());
  await porch.importHouse(file);
  await porch.press('Bring in what is new');
  await expect(page.getByText('Brought in: 10 changes.')).toBeVisible();
  await porch.visit('/pace');
  await expect(
    page.getByText(/^At the guesses you would be planned to live there on /),
  ).toBeVisible();
  await expect(page.getByText(/^Tearing out: at 0\.\d+ of the guess, from 3 days/)).toBeVisible();
  await expect(
    page.getByRole('img', { name: /^Percent of the guess, job by job/ }).first(),
  ).toBeVisible();
  await expect(
    page.getByText(/of 100 hours meant were kept|nothing known yet/).first(),
  ).toBeVisible();
  await porch.expectAccessible('pace');
  await porch.go('Today');
  await expect(page.getByText(/Nothing finished and logged yet/)).toBeHidden();
});

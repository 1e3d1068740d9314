import { PHONE, WIDE, expect, test } from './porch';

test('a school is tried before it is kept, and says what moves and why', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(PHONE);
  await porch.openDemo();
  await porch.go('Order');
  await page.getByRole('link', { name: 'Where builders disagree' }).click();
  await page.getByRole('radio', { name: 'First coats, floors, then the walls' }).click();
  await expect(
    page.getByRole('status').filter({ hasText: 'The plan repairs itself' }),
  ).toBeVisible();
  await expect(page.getByRole('table')).toContainText('Days rooms stand finished');
  await expect(page.getByRole('heading', { name: 'What moves, and why' })).toBeVisible();
  await porch.press('Keep it so');
  await expect(
    page.getByRole('radio', { name: /^First coats, floors, then the walls.*your way now/ }),
  ).toBeVisible();
  await porch.press('Undo');
  await expect(
    page.getByRole('radio', { name: /^Paint, then floors.*your way now/ }),
  ).toBeVisible();
});

test('what if: thoughts add up side by side, and dropping them leaves the house as it was', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(WIDE);
  await porch.openDemo();
  await porch.go('What if');
  await porch.fill('Find a change', 'evening');
  await page
    .getByRole('radio', { name: /^An evening more a week, Me/ })
    .first()
    .click();
  const answer = page.getByRole('status').filter({ hasText: 'The plan repairs itself' });
  await expect(answer).toContainText('An evening more a week, Me');
  await porch.fill('From', '4 Apr');
  await porch.fill('Hours a day', 'lots');
  await porch.press('Think of it');
  await expect(page.getByText(/“lots” is not hours/)).toBeVisible();
  await porch.fill('Hours a day', '0');
  await porch.press('Think of it');
  await expect(answer).toContainText('Me: Sat 4 Apr, away');
  await porch.press('Drop it');
  await expect(page.getByText('Nothing is changed yet')).toBeVisible();
  await porch.expectAccessible('what if');
});

test('days away and a season of rest are kept in Settings, and dropped again', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(PHONE);
  await porch.openDemo();
  await porch.go('Settings');
  await porch.fill('From', '2026-04-04');
  await porch.fill('To', '2026-04-12');
  await porch.fill('Hours a day', '0');
  await porch.fill('Because', 'holiday');
  await page.getByRole('checkbox', { name: 'Every year' }).click();
  await porch.press('Keep these days');
  const kept = page.getByText('Me: Sat 4 Apr to Sun 12 Apr, every year, away (holiday)', {
    exact: true,
  });
  await expect(kept).toBeVisible();
  await porch.press(/^Drop: Me: Sat 4 Apr/);
  await expect(kept).toHaveCount(0);
  await porch.fill('Rests from', 'winter');
  await porch.press('Keep the rest');
  await expect(page.getByText(/Write month and day of both ends/)).toBeVisible();
  await porch.fill('Rests from', '12-01');
  await porch.fill('Rests to', '03-15');
  await porch.press('Keep the rest');
  await expect(page.getByRole('button', { name: 'Outside all year' })).toBeVisible();
});

test('the board: a bar moves by the keyboard and by dragging, and shows its cost', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(WIDE);
  await porch.openDemo();
  await porch.go('Order');
  const bar = page.getByRole('button', { name: /^Prime, Living/ });
  await bar.focus();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('ArrowRight');
  const answer = page.getByRole('status').filter({ hasText: 'The plan repairs itself' });
  await expect(answer).toContainText(/Prime: not before/);
  const first = await answer.textContent();
  await porch.press('Drop it');
  await expect(answer).toHaveCount(0);
  const box = await bar.boundingBox();
  if (!box) throw new Error('the bar is not on the board');
  await page.mouse.move(box.x + 6, box.y + 8);
  await page.mouse.down();
  await page.mouse.move(box.x + 40, box.y + 8, { steps: 5 });
  await page.mouse.move(box.x + 6 + 14 * 7, box.y + 8, { steps: 5 });
  await page.mouse.up();
  await expect(answer).toContainText(/Prime: not before/);
  await expect(answer).not.toHaveText(first ?? '');
  await porch.press('Keep it so');
  await expect(page.getByText(/You said: not before/)).toBeVisible();
});

test('tonight: tired and with fewer hours, only light jobs that fit are offered', async ({
  porch,
  page,
}) => {
  await page.setViewportSize(PHONE);
  await porch.openDemo();
  await porch.press('Fewer hours, tired, or a helper?');
  await page.getByRole('radio', { name: 'Tired' }).click();
  await expect(page.getByText(/nothing heavy|Nothing light is ready/)).toBeVisible();
  await expect(page.getByText(/fits today: .* of 14h/)).toBeVisible();
  for (let press = 0; press < 4; press += 1) await porch.press('Half an hour less of help');
  await expect(page.getByText(/fits today: .* of 12h/)).toBeVisible();
  await porch.press('As the calendar has it');
  await expect(page.getByText(/nothing heavy/)).toHaveCount(0);
});

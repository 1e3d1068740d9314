import type { Page } from '@playwright/test';
import { MADE } from './events-made';
import { PHONE, expect, test, type Porch } from './porch';

test.use({ viewport: PHONE });
test.slow();

type Row = { id: string; type: string; payload: { eventId?: string } };
type Act = () => Promise<unknown>;

/** What one does by hand and takes back by hand. */
class Hand {
  constructor(
    readonly porch: Porch,
    readonly page: Page,
  ) {}

  private undo = (says: string) =>
    this.page.getByRole('button', { name: new RegExp(`^Undo: .*${says}`) });

  /** Does it and leaves it; the bar says what was kept. */
  async does(says: string, act: Act): Promise<void> {
    await act();
    await expect(this.undo(says)).toBeVisible();
  }

  /** Does it, and takes it back. */
  async undoes(says: string, act: Act): Promise<void> {
    await this.does(says, act);
    await this.undo(says).click();
    await expect(this.undo(says)).toBeHidden();
    // The plan that comes of it moves what stands under it: a finger on its way would miss.
    await this.porch.settle();
  }

  /** Every kind of these stands in the journal, and was taken back once at least. */
  async hasMade(kinds: readonly string[]): Promise<void> {
    const file = JSON.parse(await this.porch.exportHouse()) as { events: Row[] };
    const undone = new Set(file.events.map(({ payload }) => payload.eventId));
    const takenBack = new Set(
      file.events.filter(({ id }) => undone.has(id)).map(({ type }) => type),
    );
    expect(kinds.filter((kind) => !takenBack.has(kind))).toEqual([]);
  }

  button = (name: string | RegExp) => this.page.getByRole('button', { name });
  link = (name: string | RegExp) => this.page.getByRole('link', { name });
}

async function startRooms(porch: Porch, livedIn?: true): Promise<void> {
  await porch.startHouse(livedIn ? { livedIn } : {});
  await porch.addRoom({ kind: 'Bedroom', length: `12'`, width: `10'` });
  await porch.addRoom({ kind: 'Bathroom', length: `8'`, width: `6'` });
  await porch.addRoom({ kind: 'Outside face', name: 'North face', length: `30'`, width: `1'` });
  await porch.finishRooms(3);
}

const RELINE = 'Strip and re-line walls and ceiling';

async function openJob(porch: Porch, room: string, title: string): Promise<void> {
  await porch.openRoom(room);
  await porch.page
    .getByRole('main')
    .getByRole('link', { name: new RegExp(`, ${title}, `) })
    .first()
    .click();
  await expect(porch.heading()).toHaveText(title);
}

test('what is said of the house, its places and its people is made and taken back', async ({
  porch,
  page,
}) => {
  const hand = new Hand(porch, page);
  await startRooms(porch, true);
  await porch.openRoom('Bathroom');
  await hand.undoes('', () => porch.press('Choose: New bathroom'));
  await hand.does('', () => porch.press('Choose: New bathroom'));
  await hand.undoes('', () => porch.press(/^Drop: New bathroom/));
  await hand.undoes('without', async () => {
    await porch.press('Set the limit: without bath or shower');
    await porch.fill('Days we can do without', '300');
    await porch.press('Keep the limit');
  });
  await hand.undoes('', async () => {
    await porch.press('Say what it is today');
    await porch.choose('What it is today', 'Bare shell');
    await porch.press('Keep what it is');
  });
  await hand.undoes('', async () => {
    await porch.press('Change name or sizes');
    await porch.fill('Name', 'Bath');
    await porch.press('Keep the change');
  });
  await hand.undoes('Removed', async () => {
    await porch.press('Change name or sizes');
    await porch.press('Remove this place');
    await porch.press('Yes, remove Bathroom');
  });
  await porch.go('House');
  await hand.undoes('', async () => {
    await porch.press(/^Put right: North face/);
    await page.getByRole('checkbox', { name: 'Bedroom' }).click();
    await porch.press('Keep it so');
  });
  await hand.undoes('Attic', async () => {
    await hand.link('Add a place').click();
    await porch.choose('What is it', 'Attic');
    await porch.fill('Name', 'Attic');
    await porch.fill('Length', `20'`);
    await porch.fill('Width', `10'`);
    await porch.press('Add it');
  });
  await porch.go('Settings');
  await hand.undoes('', () => porch.choose('Show sizes in', 'metres'));
  await hand.undoes('CAD', () => porch.choose('Currency', 'CAD'));
  await hand.undoes('Hours of Ana', async () => {
    await porch.press('Change: Ana');
    await porch.choose('What they do', 'some work only');
    await porch.press('Name a kind: their work');
    await page.getByRole('checkbox', { name: 'Electrics' }).click();
    await porch.press('Keep the hours');
  });
  await hand.undoes('Budget', async () => {
    await porch.fill('For planned work', '20,000');
    await porch.fill('Contingency beside it', '3,000');
    await porch.press('Share it out by kind');
    await porch.fill('materials', '9,000');
    await porch.press('Keep the budget');
  });
  await hand.undoes('Outside rests', async () => {
    await porch.fill('Rests from', '12-01');
    await porch.fill('Rests to', '03-15');
    await porch.press('Keep the rest');
  });
  await hand.undoes('Put the house right', async () => {
    await porch.fill('Year built', '1930');
    await porch.press('Keep the house facts');
  });
  // A name for a room is offered once, and can be forgotten.
  for (const end of ['undoes', 'does'] as const) {
    await porch.keep('we call the bedroom the nest');
    await hand[end]('nest', () => porch.press('Yes, “nest” always'));
  }
  await hand.undoes('Forgot', () => porch.press('Forget “nest”'));
  await porch.go('Spend');
  await porch.choose('Show', 'Receipts');
  const addKind = async () => {
    await porch.press('Add a kind of spending');
    await porch.fill('It is called', 'storage');
    await porch.press('Add the kind');
  };
  await hand.undoes('storage', addKind);
  await hand.does('storage', addKind);
  await hand.undoes('storage is offered no more', () => porch.press('Drop the kind: storage'));
  await porch.choose('Show', 'Now');
  await hand.undoes('price of an hour', async () => {
    await porch.press('Count them in money');
    await porch.fill('For one hour', '25');
    await porch.press('Keep the price');
  });
  await hand.hasMade(MADE.house);
});

test('what is changed about jobs, their order and their questions is made and taken back', async ({
  porch,
  page,
}) => {
  const hand = new Hand(porch, page);
  await startRooms(porch);
  await porch.chooseWorks('Bedroom', [RELINE]);
  await porch.openRoom('Bedroom');
  const add = async () => {
    await hand.link('Add a job here').click();
    await porch.fill('What is to be done', 'Sister the joist');
    await porch.fill('Hours of one person', '4h');
    await porch.press('Add the job');
  };
  await hand.undoes('Added: Sister', add);
  await hand.does('Added: Sister', add);
  await openJob(porch, 'Bedroom', 'Sister the joist');
  await hand.undoes('Put right: Sister', async () => {
    await porch.press('Put the job right');
    await porch.fill('Hours of one person', '6h');
    await porch.press('Keep the job');
  });
  await hand.undoes('your figures', async () => {
    await porch.press('Change its figures');
    await porch.fill('Hours of one person', '5h');
    await porch.press('Keep these figures');
  });
  const drop = async () => {
    await porch.press('Leave it out');
    await porch.fill('Why it is left out', 'not worth it');
    await porch.press('Leave it out');
  };
  await hand.undoes('Left out', drop);
  await hand.does('Left out', drop);
  await porch.openRoom('Bedroom');
  await hand.undoes('back in the plan', () => porch.press(/^Bring it back: Sister/));
  await openJob(porch, 'Bedroom', 'Hang board on the walls');
  const split = () => porch.press('Split it');
  await hand.undoes('in two parts', async () => {
    await split();
    await split();
  });
  await split();
  await split();
  await expect(porch.heading()).toContainText('the first 50%');
  await hand.undoes('one job again', () => porch.press('Make it one job again'));
  await hand.does('one job again', () => porch.press('Make it one job again'));
  const hire = async () => {
    await porch.press('A trade does it');
    await porch.fill('Which trade', 'board crew');
    await porch.fill('Price, things included', '700');
    await porch.press('Give it to them');
  };
  await hand.undoes('for the board crew', hire);
  await hand.does('for the board crew', hire);
  const book = async () => {
    await porch.press('Book a day');
    await porch.fill('Which day', '20 Apr');
    await porch.press('Book it');
  };
  await hand.undoes('booked for', book);
  await hand.does('booked for', book);
  await hand.undoes('called off', () => porch.press('Call the visit off'));
  await hand.undoes('ours again', () => porch.press('Do it ourselves after all'));
  await openJob(porch, 'Bedroom', 'Tape and bedding coat');
  const notBefore = async () => {
    await page.getByRole('radio', { name: 'Not before a day' }).click();
    await porch.fill('Not before', '2026-09-14');
    await porch.press('Try that day');
    await porch.press('Keep it so');
  };
  await hand.undoes('', notBefore);
  await hand.does('', notBefore);
  await hand.undoes('Let go', () => porch.press(/^Let it go: You said: not before/));
  const rule = async () => {
    await page.getByRole('radio', { name: 'After another job' }).click();
    await porch.fill('After which job', 'choose finishes');
    await porch.fill('Because', 'the board depends on it');
    await page
      .getByRole('radiogroup', { name: 'After', exact: true })
      .getByRole('radio')
      .first()
      .click();
    await porch.press('Keep it so');
  };
  await hand.undoes('', rule);
  await hand.does('', rule);
  await hand.undoes('Took a rule back', () => porch.press(/^Take your rule back/));
  // What closes a wall is not ticked before what it covers: another job is.
  await expect(page.getByRole('note', { name: 'Not yet' })).toContainText('Insulation inspection');
  await openJob(porch, 'Bedroom', 'First coat on the walls');
  const tick = async () => {
    await porch.press(/^Mark done/);
    await porch.press(/^Today, /);
  };
  await hand.undoes('done on', tick);
  await hand.does('done on', tick);
  await hand.undoes('open again', () => porch.press('It is not done after all'));
  const setAside = () =>
    hand
      .button(/^Set aside: /)
      .first()
      .click();
  await hand.undoes('Set aside', setAside);
  await hand.does('Set aside', setAside);
  await hand.undoes('The rule holds', () =>
    hand
      .button(/^Follow it again/)
      .first()
      .click(),
  );
  await porch.visit('/compare');
  const ask = async () => {
    await porch.press('Ask a question');
    await porch.fill('What is to be decided', 'Paper or paint?');
    await porch.press('Keep the question');
  };
  await hand.undoes('Asked', ask);
  await hand.does('Asked', ask);
  const answer = async () => {
    await porch.press(/^Answer it/);
    await porch.fill('What was decided', 'Paint');
    await porch.press('Keep the answer');
  };
  await hand.undoes('Decided', answer);
  await hand.does('Decided', answer);
  await hand.undoes('open again', () => porch.press(/^Open it again/));
  await hand.undoes('Dropped', () => porch.press(/^Drop: Paper or paint/));
  // How the work goes through the house, and where builders disagree.
  await porch.visit('/schools');
  for (const other of [/Room by room/, /floor/i]) {
    await page.getByRole('radio', { name: other, checked: false }).first().click();
    await hand.undoes('', () => porch.press('Keep it so'));
  }
  // A visit is held, and a condition nothing in the plan meets is checked by eye.
  await porch.chooseWorks('Bathroom', ['New bathroom']);
  await porch.visit('/compare');
  await hand
    .link(/before or after moving in/)
    .first()
    .click();
  await hand.undoes('Decided: after moving in', () => porch.press('Choose: after moving in'));
  await porch.go('Order');
  await porch.choose('Show the order', 'By stage');
  await porch.press('Show stage Rough inspections');
  await hand
    .link(/inspection/i)
    .first()
    .click();
  await hand.undoes('passed on', async () => {
    await porch.press('It passed');
    await porch.press(/^Today, /);
  });
  await porch.go('Keys');
  await hand.undoes('Checked', async () => {
    await porch.press('Sleep here: what it asks');
    await hand
      .button(/^Check off/)
      .first()
      .click();
    await porch.press(/^Today, /);
  });
  const phase = async () => {
    await porch.press('Make a phase');
    await porch.fill('What it is called', 'Bedroom first');
    await porch.press(/^Name a room/);
    await page.getByRole('checkbox', { name: 'Bedroom' }).click();
    await porch.press('Keep the phase');
  };
  await hand.undoes('Phase kept', phase);
  await hand.does('Phase kept', phase);
  await hand.undoes('No phase any more', () => porch.press('Drop: Bedroom first'));
  await porch.visit('/keys');
  await porch.press('Sleep here: what it asks');
  await hand.undoes('Not asked', async () => {
    await hand
      .button(/^Not asked of this house/)
      .first()
      .click();
    await porch.fill('Why not', 'all on one floor');
    await porch.press('Keep the reason');
  });
  await porch.visit('/punch');
  const noted = async () => {
    await porch.press('Add to the punch list');
    await porch.fill('What', 'paint chipped beside the door');
    await porch.press('Add it');
  };
  await hand.undoes('punch list', noted);
  await hand.does('punch list', noted);
  await hand.undoes('Put right', () => porch.press(/^It is right: paint chipped/));
  await porch.visit('/compare/one?id=rebuild');
  await hand.undoes('building new', async () => {
    await porch.press('Change these figures');
    await porch.fill('Larger than now', '20');
    await porch.press('Keep the figures');
  });
  await hand.hasMade(MADE.jobs);
});

test('what is bought, asked, agreed and paid is made and taken back', async ({ porch, page }) => {
  const hand = new Hand(porch, page);
  await startRooms(porch);
  await porch.chooseWorks('Bedroom', ['New floor']);
  await porch.go('Spend');
  await porch.choose('Show', 'Quotes');
  const quote = async () => {
    await porch.press('Add a quote');
    await porch.fill('Who asks it', 'Plumb and True');
    await porch.fill('What for', 'The floor');
    await porch.fill('What they ask', '900');
    await porch.press('Keep the quote');
  };
  await hand.undoes('Kept the quote', quote);
  await hand.does('Kept the quote', quote);
  const agree = async () => {
    await porch.press(/^Agree to it/);
    await porch.press(/^Agree$/);
  };
  await hand.undoes('Agreed with', agree);
  await hand.does('Agreed with', agree);
  await hand.undoes('Not agreed', () => porch.press(/^Not agreed after all/));
  await hand.does('Not agreed', () => porch.press(/^Not agreed after all/));
  await hand.undoes('Dropped the quote', () => porch.press(/^Drop: The floor/));
  await porch.choose('Show', 'Receipts');
  const receipt = async () => {
    await porch.press('Add a receipt');
    await porch.fill('What', 'underlay');
    await porch.fill('Sum', '40');
    await porch.press('Keep the receipt');
  };
  await hand.undoes('Kept the receipt', receipt);
  await hand.does('Kept the receipt', receipt);
  await hand.undoes('Kept the receipt of Plank Yard', async () => {
    await porch.press(/^Put right: underlay/);
    await porch.fill('Shop', 'Plank Yard');
    await porch.press('Keep the receipt');
  });
  await hand.undoes('Took back', () => porch.press(/^Take back: underlay/));
  await porch.choose('Show', 'Changes');
  const change = async () => {
    await porch.press('Add a change order');
    await porch.fill('What changes', 'A warmer floor');
    await porch.fill('Why', 'cold feet');
    await porch.press('Keep the change');
  };
  await hand.undoes('Change order', change);
  await hand.does('Change order', change);
  await hand.undoes('Called off', () => porch.press(/^Call off/));
  await porch.go('Stores');
  const line = async () => {
    await porch.press('Add what is missing');
    await porch.fill('What is missing', 'A long level');
    await porch.press('Add the line');
  };
  await hand.undoes('Added A long level', line);
  await hand.does('Added A long level', line);
  await hand.undoes('Took out', () => porch.press('Take the line out: A long level'));
  const order = async () => {
    await porch.press('Ordered, with shop and price: A long level');
    await porch.fill('Shop', 'Tallow Hardware');
    await porch.fill('For all of it', '60');
    await porch.press('Keep the order');
  };
  await hand.undoes('A long level ordered', order);
  await hand.does('A long level ordered', order);
  await hand.undoes('now expected', async () => {
    await porch.press('Another day from the shop: A long level');
    await porch.fill('The shop now says', '20 Apr');
    await porch.press('Keep the day');
  });
  await hand.undoes('came whole', async () => {
    await porch.press('It came: A long level');
    await page.getByRole('radio', { name: 'all of it' }).click();
  });
  await hand.undoes('not ordered', () => porch.press('Not ordered after all: A long level'));
  const length = async () => {
    await porch.press('Keep a length of trim');
    await porch.fill('Length', `6' 2"`);
    await porch.press('Keep it');
  };
  await hand.undoes('Kept', length);
  await hand.does('Kept', length);
  await hand.undoes('went back to the shop', () =>
    hand
      .button(/^Took it back/)
      .first()
      .click(),
  );
  // A sum that may be for two things of the plan is asked about.
  await porch.keep('$60 floor boards');
  await porch.go('Spend');
  const match = () =>
    page
      .getByRole('radiogroup', { name: /^What .*boards.* pays for$/ })
      .getByRole('radio')
      .first()
      .click();
  await hand.undoes('pays for', match);
  await hand.does('pays for', match);
  await porch.press(/^Said so far/);
  await hand.undoes('asked again', () => porch.press(/^Ask again/));
  await porch.openRoom('Bedroom');
  await hand.link(/^Finishes$/).click();
  const choose = () =>
    hand
      .button(/^Choose: /)
      .first()
      .click();
  await hand.undoes('', choose);
  await hand.does('', choose);
  await hand.undoes('to choose', () =>
    hand
      .button(/^Choose nothing yet/)
      .first()
      .click(),
  );
  await hand.undoes('Added Own paint', async () => {
    await porch.press('Add a product');
    await porch.fill('Product name', 'Own paint');
    await page.getByLabel(/^Price of one/).fill('30');
    await porch.press('Add this product');
  });
  await hand.hasMade(MADE.money);
});

/** One grey dot as a PNG. */
const DOT = Buffer.from(
  'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mNkYPhfDwAChwGA60e6kgAAAABJRU5ErkJggg==',
  'base64',
);

test('what the log and the walk tell is made and taken back', async ({ porch, page }) => {
  const hand = new Hand(porch, page);
  await startRooms(porch);
  await porch.chooseWorks('Bedroom', ['Repaint']);
  const say = (line: string) => async () => {
    await porch.say(line);
    await expect(page.getByRole('button', { name: 'Keep', exact: true })).toBeEnabled();
    await page.getByLabel('Say your evening').press('Enter');
    await expect(page.getByLabel('Say your evening')).toHaveValue('');
  };
  await hand.undoes('', say('30 min measuring bedroom, done'));
  await hand.does('', say('30 min measuring bedroom, done'));
  await porch.go('Journal');
  await hand.undoes('Put the line right', async () => {
    await porch.press(/^Correct: 30 min/);
    await page.getByLabel('The line').fill('40 min measuring bedroom, done');
    await porch.press('Keep the change');
  });
  await hand.undoes('Took back', () => porch.press(/^Take back: 30 min/));
  await hand.does('', say('need to call the office; we owe Ana 3 hours'));
  await porch.go('Today');
  await hand.undoes('Done', () => porch.press(/^Done: need to call/));
  await hand.undoes('settled', () => porch.press('Paid back: Ana'));
  await porch.go('Walk');
  await hand.undoes('walking order', async () => {
    await page.getByRole('button', { name: 'Move Bedroom' }).focus();
    await page.keyboard.press('ArrowDown');
  });
  const demand = async () => {
    await porch.press('Add a date from outside');
    await porch.fill('What is asked for', 'Siding closed');
    await porch.fill('By which day', '2026-12-20');
    await porch.press('Keep the date');
  };
  await hand.undoes('Date kept', demand);
  await hand.does('Date kept', demand);
  await hand.undoes('Lifted', () => porch.press('Lift: Siding closed'));
  await porch.visit('/walls');
  await hand.link('Bedroom').click();
  const record = async () => {
    await porch.press('Record a thing');
    await porch.fill('From the left corner', '22"');
    await porch.fill('Up from the floor', '36"');
    await porch.press('Record it');
  };
  await hand.undoes('Recorded', record);
  await hand.does('Recorded', record);
  await hand.undoes('Taken out', () => porch.press(/^Take it out/));
  await porch.go('Walk');
  await page
    .getByRole('list', { name: 'Places in walking order' })
    .getByRole('link', { name: /^Bedroom,/ })
    .click();
  const windows = page.getByRole('group', { name: 'Windows', exact: true });
  await hand.undoes('', () => windows.getByRole('radio', { name: 'undecided' }).click());
  const take = async () => {
    const chooser = page.waitForEvent('filechooser');
    await hand.button(/^Photo of windows/i).click();
    await (await chooser).setFiles({ name: 'dot.png', mimeType: 'image/png', buffer: DOT });
  };
  await windows.getByRole('button', { name: 'Say more of windows' }).click();
  await porch.choose('Suspicion', 'rot');
  await hand.does('', () => porch.press('Note it'));
  await hand.undoes('Kept the photo', take);
  await hand.does('Kept the photo', take);
  await hand.button(/^Larger: /).click();
  await hand.undoes('Took the photo off', () => porch.press('Take it off'));
  await hand.undoes('Opened up', async () => {
    await porch.choose('What was there', 'Nothing there');
    await porch.press(/^Today, /);
  });
  await porch.openRoom('Bedroom');
  await hand.link('Measure with the tape').click();
  await hand.undoes('', async () => {
    await porch.fill('Height', `8' 2"`);
    await porch.press('Keep these sizes');
  });
  await hand.hasMade(MADE.diary);
});

import type { EventBodyOf, EventType } from '..';
import type { PlaceId } from '../../house';
import { formatDate, type Cents, type PlainDate } from '../../units';

/** The payload of one kind of event. */
export type PayloadOf<T extends EventType> = Extract<EventBodyOf, { type: T }>['payload'];

/** How the things of this house are called. */
export type Names = {
  job(jobId: string): string;
  place(placeId: PlaceId | null): string;
  work(workId: string): string;
  money(cents: Cents): string;
  /** What an earlier event of the journal called the thing of this id; a plain word where none did. */
  thing(id: string): string;
  today: PlainDate;
};

type Kind<T extends EventType> = {
  /** One short line of what somebody did. */
  says: (payload: PayloadOf<T>, names: Names) => string;
  /** The one thing it settles: of two such events the later stands. Null for what only adds. */
  about: ((payload: PayloadOf<T>) => string) | null;
};

const toJob = <P extends { jobId: string }>(what: string) => ({
  about: ({ jobId }: P) => `${what}/${jobId}`,
});
const only = (what: string) => ({ about: () => what });
const adds = { about: null };

/** Every kind of event, in people's words, and what it is about. */
export const KINDS: { readonly [T in EventType]: Kind<T> } = {
  houseStarted: { says: ({ house }) => `Started ${house.name}`, about: null },
  houseCorrected: { says: ({ name }) => `House facts of ${name}`, ...only('house') },
  unitsChosen: {
    says: ({ units }) => `Sizes shown in ${units === 'metric' ? 'metres' : 'feet and inches'}`,
    ...only('units'),
  },
  waysAgreed: { says: () => 'Currency, dates and numbers', ...only('ways') },
  peopleAgreed: {
    says: ({ people }) => `People: ${people.map(({ name }) => name).join(', ')}`,
    ...only('people'),
  },
  budgetAgreed: { says: ({ total }, { money }) => `Budget: ${money(total)}`, ...only('budget') },
  outsideRestAgreed: {
    says: ({ rest }) => (rest ? `Outside rest: ${rest.from} to ${rest.to}` : 'No outside rest'),
    ...only('outside rest'),
  },
  ownHourPriced: {
    says: ({ cents }, { money }) =>
      cents === null ? 'Own hours without a price' : `Own hours at ${money(cents)}`,
    ...only('own hour'),
  },
  phaseAgreed: { says: ({ title }) => `Phase: ${title}`, about: ({ id }) => `phase/${id}` },
  phaseDropped: {
    says: ({ phaseId }, { thing }) => `Phase dropped: ${thing(phaseId)}`,
    about: ({ phaseId }) => `phase/${phaseId}`,
  },
  rebuildPriced: { says: () => 'What building new would cost', ...only('rebuild') },
  pathChosen: { says: ({ path }) => `Way through the house: ${path}`, ...only('path') },
  schoolChosen: {
    says: ({ school, option }) => `Order of ${school}: ${option.replaceAll('-', ' ')}`,
    about: ({ school }) => `school/${school}`,
  },
  daysWithoutAgreed: {
    says: ({ of, days }) => `At most ${days} days without a ${of}`,
    about: ({ of }) => `without/${of}`,
  },
  walkOrdered: { says: () => 'Walking order', ...only('walking order') },

  placeAdded: { says: ({ name }) => `Added ${name}`, ...adds },
  placeCorrected: {
    says: ({ name }) => `Name, kind or sizes of ${name}`,
    about: ({ id }) => `place/${id}`,
  },
  placeRemoved: {
    says: ({ placeId }, { place }) => `Removed ${place(placeId)}`,
    about: ({ placeId }) => `place/${placeId}`,
  },
  placeStateSaid: {
    says: ({ placeId }, { place }) => `What ${place(placeId)} is today`,
    about: ({ placeId }) => `state/${placeId}`,
  },
  placesRelated: {
    says: () => 'How places belong together',
    about: ({ kind, placeId }) => `relation/${kind}/${placeId}`,
  },
  roomMeasured: {
    says: ({ placeId }, { place }) => `Measured ${place(placeId)}`,
    about: ({ placeId }) => `place/${placeId}`,
  },
  workChosen: {
    says: ({ workId, placeId, count }, { place, work }) =>
      `${work(workId)}${count > 1 ? `, ${count} times` : ''}: ${place(placeId)}`,
    ...adds,
  },
  workDropped: {
    says: ({ workChoiceId }, { thing }) => `Dropped: ${thing(workChoiceId)}`,
    about: ({ workChoiceId }) => `work/${workChoiceId}`,
  },
  workDeferred: {
    says: ({ placeId, workId, deferred }, { place, work }) =>
      `${deferred ? 'Put off' : 'No longer put off'}: ${work(workId)}, ${place(placeId)}`,
    about: ({ placeId, workId }) => `deferral/${placeId}/${workId}`,
  },

  dayLogged: { says: ({ line }) => `“${line}”`, ...adds },
  dayCorrected: { says: ({ line }) => `Put right: “${line}”`, about: ({ id }) => `line/${id}` },
  dayWithdrawn: {
    says: ({ logId }, { thing }) => `Took back the line ${thing(logId)}`,
    about: ({ logId }) => `line/${logId}`,
  },
  nextDone: { says: ({ id }, { thing }) => `Done: ${thing(id)}`, about: ({ id }) => `next/${id}` },
  favourSettled: { says: ({ who }) => `Settled with ${who}`, about: ({ who }) => `favour/${who}` },
  wordTaught: { says: ({ word }) => `Learned “${word}”`, about: ({ word }) => `word/${word}` },
  wordForgotten: { says: ({ word }) => `Forgot “${word}”`, about: ({ word }) => `word/${word}` },

  jobTicked: {
    says: ({ jobId, on }, { job, today }) => `Done on ${formatDate(on, today)}: ${job(jobId)}`,
    ...toJob('done'),
  },
  jobUnticked: {
    says: ({ jobId }, { job }) => `Not done after all: ${job(jobId)}`,
    ...toJob('done'),
  },
  jobAdded: { says: ({ title }) => `Own job: ${title}`, ...adds },
  jobCorrected: {
    says: ({ title }) => `Own job changed: ${title}`,
    about: ({ id }) => `job/${id}`,
  },
  jobFiguresAgreed: {
    says: ({ jobId }, { job }) => `Own figures: ${job(jobId)}`,
    ...toJob('figures'),
  },
  jobSplit: { says: ({ jobId }, { job }) => `In two parts: ${job(jobId)}`, ...toJob('split') },
  jobJoined: { says: ({ jobId }, { job }) => `One part again: ${job(jobId)}`, ...toJob('split') },
  jobDropped: { says: ({ jobId }, { job }) => `Left out: ${job(jobId)}`, ...toJob('left out') },
  jobBroughtBack: {
    says: ({ jobId }, { job }) => `Brought back: ${job(jobId)}`,
    ...toJob('left out'),
  },
  jobHired: {
    says: ({ jobId, trade }, { job }) => `Given to ${trade}: ${job(jobId)}`,
    ...toJob('hire'),
  },
  jobTakenBack: { says: ({ jobId }, { job }) => `Own work again: ${job(jobId)}`, ...toJob('hire') },
  jobHeldUntil: {
    says: ({ jobId, on }, { job, today }) => `Not before ${formatDate(on, today)}: ${job(jobId)}`,
    ...toJob('held'),
  },
  jobLetGo: {
    says: ({ jobId }, { job }) => `May begin when it can: ${job(jobId)}`,
    ...toJob('held'),
  },
  ruleAdded: {
    says: ({ before, after }, { job }) => `Own rule: ${job(before)} before ${job(after)}`,
    ...adds,
  },
  ruleTakenBack: { says: () => 'Own rule taken back', about: ({ id }) => `rule/${id}` },
  ruleOverruled: {
    says: ({ before, after }, { job }) => `Set aside: ${job(before)} before ${job(after)}`,
    about: ({ before, after }) => `rule/${before}>${after}`,
  },
  ruleRestored: {
    says: ({ before, after }, { job }) => `Followed again: ${job(before)} before ${job(after)}`,
    about: ({ before, after }) => `rule/${before}>${after}`,
  },
  visitBooked: {
    says: ({ jobId, on }, { job, today }) => `Booked for ${formatDate(on, today)}: ${job(jobId)}`,
    ...toJob('visit'),
  },
  visitCancelled: { says: ({ jobId }, { job }) => `Called off: ${job(jobId)}`, ...toJob('visit') },
  inspectionHeld: {
    says: ({ jobId, result }, { job }) =>
      `${result === 'passed' ? 'Passed' : 'Did not pass'}: ${job(jobId)}`,
    ...toJob('inspection'),
  },
  conditionChecked: {
    says: ({ on }, { today }) => `Checked off by hand on ${formatDate(on, today)}`,
    about: ({ conditionId }) => `check/${conditionId}`,
  },

  conditionWaived: {
    says: ({ because }) => `Does not apply here: ${because}`,
    about: ({ conditionId }) => `check/${conditionId}`,
  },
  punchNoted: { says: ({ what }) => `To put right: ${what}`, about: ({ id }) => `punch/${id}` },
  punchClosed: {
    says: ({ id }, { thing }) => `Put right: ${thing(id)}`,
    about: ({ id }) => `punch/${id}`,
  },

  elementSurveyed: {
    says: ({ placeId, element, decision }, { place }) =>
      `${place(placeId)}, ${element}: ${decision}`,
    about: ({ placeId, element }) => `element/${placeId}/${element}`,
  },
  suspicionSettled: {
    says: ({ found }) => (found ? `Found: ${found.words}` : 'Opened up: nothing there'),
    about: ({ surveyId }) => `suspicion/${surveyId}`,
  },
  demandMade: { says: ({ what, by }, { today }) => `${what} by ${formatDate(by, today)}`, ...adds },
  demandLifted: {
    says: ({ demandId }, { thing }) => `Lifted: ${thing(demandId)}`,
    about: ({ demandId }) => `demand/${demandId}`,
  },
  photoTaken: { says: ({ placeId }, { place }) => `Photo: ${place(placeId)}`, ...adds },
  photoDropped: { says: () => 'Took a photo off', about: ({ photoId }) => `photo/${photoId}` },
  wallRecorded: {
    says: ({ wall, placeId }, { place }) => `Behind ${wall}: ${place(placeId)}`,
    about: ({ id }) => `wall/${id}`,
  },
  wallRecordDropped: {
    says: ({ id }, { thing }) => `No record any more: ${thing(id)}`,
    about: ({ id }) => `wall/${id}`,
  },
  decisionWritten: {
    says: ({ question }) => `Decided: ${question}`,
    ...adds,
  },
  questionAsked: { says: ({ question }) => `Asked: ${question}`, ...adds },
  questionAnswered: {
    says: ({ questionId, answer }, { thing }) => `${thing(questionId)} ${answer.text}`,
    about: ({ questionId }) => `question/${questionId}`,
  },
  questionReopened: {
    says: ({ questionId }, { thing }) => `Open again: ${thing(questionId)}`,
    about: ({ questionId }) => `question/${questionId}`,
  },
  questionWithdrawn: {
    says: ({ questionId }, { thing }) => `No longer asked: ${thing(questionId)}`,
    about: ({ questionId }) => `question/${questionId}`,
  },

  finishChosen: {
    says: ({ placeId, slot }, { place }) => `Finish of the ${slot}: ${place(placeId)}`,
    about: ({ placeId, slot }) => `finish/${placeId}/${slot}`,
  },
  finishDropped: {
    says: ({ placeId, slot }, { place }) => `No finish for the ${slot}: ${place(placeId)}`,
    about: ({ placeId, slot }) => `finish/${placeId}/${slot}`,
  },
  productAdded: { says: ({ name }) => `Product: ${name}`, ...adds },
  lineAdded: { says: ({ what }) => `To buy: ${what}`, ...adds },
  lineDropped: {
    says: ({ id }, { thing }) => `No longer to buy: ${thing(id)}`,
    about: ({ id }) => `buy/${id}`,
  },
  leftoverKept: { says: ({ what }) => `In the stores: ${what}`, ...adds },
  leftoverReturned: {
    says: ({ leftoverId }, { thing }) => `Went back to the shop: ${thing(leftoverId)}`,
    about: ({ leftoverId }) => `leftover/${leftoverId}`,
  },
  orderPlaced: {
    says: ({ lineId, shop }, { job }) =>
      `Ordered${shop ? ` at ${shop}` : ''} for ${job(lineId.split('+')[0] ?? lineId)}`,
    ...adds,
  },
  orderArrived: {
    says: ({ orderId, arrival }, { thing }) => `Came ${arrival.state}: ${thing(orderId)}`,
    about: ({ orderId }) => `order/${orderId}`,
  },
  orderCancelled: {
    says: ({ orderId }, { thing }) => `Cancelled: ${thing(orderId)}`,
    about: ({ orderId }) => `order/${orderId}`,
  },
  orderDelayed: {
    says: ({ orderId, expectedOn }, { thing, today }) =>
      `Comes on ${formatDate(expectedOn, today)}: ${thing(orderId)}`,
    about: ({ orderId }) => `order/${orderId}`,
  },

  receiptKept: { says: ({ shop }) => `Receipt${shop ? ` of ${shop}` : ''}`, ...adds },
  receiptCorrected: {
    says: ({ shop }) => `Receipt put right${shop ? `: ${shop}` : ''}`,
    about: ({ id }) => `receipt/${id}`,
  },
  receiptTakenBack: {
    says: ({ receiptId }, { thing }) => `Taken back: ${thing(receiptId)}`,
    about: ({ receiptId }) => `receipt/${receiptId}`,
  },
  purchaseMatched: {
    says: () => 'What a purchase pays for',
    about: ({ paymentId }) => `match/${paymentId}`,
  },
  purchaseUnmatched: {
    says: () => 'What a purchase pays for, open again',
    about: ({ paymentId }) => `match/${paymentId}`,
  },
  quoteKept: { says: ({ what, from }) => `Quote of ${from}: ${what}`, ...adds },
  quoteAccepted: {
    says: ({ from, cents }, { money }) => `Agreed with ${from}: ${money(cents)}`,
    about: ({ quoteId }) => `quote/${quoteId}`,
  },
  quoteReleased: {
    says: ({ quoteId }, { thing }) => `No longer agreed: ${thing(quoteId)}`,
    about: ({ quoteId }) => `quote/${quoteId}`,
  },
  quoteDropped: {
    says: ({ quoteId }, { thing }) => `Dropped: ${thing(quoteId)}`,
    about: ({ quoteId }) => `quote/${quoteId}`,
  },
  changeOrdered: { says: ({ title }) => `Change order: ${title}`, ...adds },
  changeWithdrawn: {
    says: ({ changeId }, { thing }) => `Withdrawn: ${thing(changeId)}`,
    about: ({ changeId }) => `change/${changeId}`,
  },
  kindAdded: { says: ({ title }) => `Kind of spending: ${title}`, ...adds },
  kindDropped: {
    says: ({ id }, { thing }) => `No longer offered: ${thing(id)}`,
    about: ({ id }) => `kind/${id}`,
  },

  undone: {
    says: ({ eventId }, { thing }) => `Took back: ${thing(eventId)}`,
    about: ({ eventId }) => `undo/${eventId}`,
  },
};

/** One event in people's words. */
export function sayEvent<T extends EventType>(
  { type, payload }: { type: T; payload: PayloadOf<T> },
  names: Names,
): string {
  return KINDS[type].says(payload, names);
}

/** What an event settles; null for what only adds. */
export function subjectOf<T extends EventType>({
  type,
  payload,
}: {
  type: T;
  payload: PayloadOf<T>;
}): string | null {
  return KINDS[type].about?.(payload) ?? null;
}

import { daysInOrder, type PlaceId, type Project } from '@/core/house';
import { paymentsOf } from '@/core/ledger';
import { addCents, countWords, formatDate, formatLength, formatMoney } from '@/core/units';
import { selectProject, selectToday, useAppSelector } from '@/store';
import { Folded, Section, Slip } from '@/ui';

/** What was found, decided, recorded and spent in a place. */
export function PlaceRecords({ placeId }: { placeId: PlaceId | null }) {
  return (
    <>
      <Told placeId={placeId} />
      <BehindTheWall placeId={placeId} />
      <Spent placeId={placeId} />
    </>
  );
}

const TOLD = { find: 'found', decision: 'decided', note: 'noted' } as const;

function toldIn(project: Project, placeId: PlaceId | null) {
  return daysInOrder(project).flatMap((day) =>
    day.entries.flatMap((entry) =>
      (entry.kind === 'find' || entry.kind === 'decision' || entry.kind === 'note') &&
      entry.placeId === placeId
        ? [{ date: day.date, kind: entry.kind, text: entry.text, key: `${day.id}${entry.text}` }]
        : [],
    ),
  );
}

function Told({ placeId }: { placeId: PlaceId | null }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const told = toldIn(project, placeId);
  const questions = Object.values(project.questions).filter(
    (question) => question.placeId === placeId,
  );
  if (told.length + questions.length === 0) return null;
  return (
    <Section title="Found and decided">
      {questions.map((question) => (
        <Slip
          key={question.id}
          state={question.answer ? 'done' : 'held'}
          title={question.question}
          note={question.answer ? question.answer.text : 'undecided'}
          figure={formatDate(question.answer?.on ?? question.askedOn, today)}
        />
      ))}
      <Folded
        more={`Show all ${told.length}`}
        rows={told.toReversed().map(({ key, date, kind, text }) => (
          <Slip key={key} title={text} note={TOLD[kind]} figure={formatDate(date, today)} />
        ))}
      />
    </Section>
  );
}

function BehindTheWall({ placeId }: { placeId: PlaceId | null }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const records = Object.values(project.wallRecords).filter((record) => record.placeId === placeId);
  if (records.length === 0) return null;
  return (
    <Section title="Behind the wall" sum="recorded before cover-up">
      {records.map((record) => (
        <Slip
          key={record.id}
          title={record.wall}
          note={record.holds
            .map(
              ({ what, offset, height, note }) =>
                `${what}${note ? ` (${note})` : ''} ${formatLength(offset, project.units)} from the left, ${formatLength(height, project.units)} up`,
            )
            .join(' · ')}
          figure={formatDate(record.on, today)}
        />
      ))}
    </Section>
  );
}

function Spent({ placeId }: { placeId: PlaceId | null }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const payments = paymentsOf(project).filter((payment) => payment.placeId === placeId);
  if (payments.length === 0) return null;
  const total = addCents(payments.map(({ cents }) => cents));
  return (
    <Section title="Spent here" sum={formatMoney(total, project.currency)}>
      <Folded
        more={`Show all ${countWords(payments.length, 'payment')}`}
        rows={payments.toReversed().map((payment, at) => (
          <Slip
            key={at}
            title={payment.what}
            note={`${payment.spend}${payment.shop ? ` · ${payment.shop}` : ''}`}
            figure={formatMoney(payment.cents, project.currency)}
            figureNote={formatDate(payment.date, today)}
          />
        ))}
      />
    </Section>
  );
}

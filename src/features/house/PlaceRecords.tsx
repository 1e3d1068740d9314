import { isOutside, kindTitle, toldOf, type PlaceId, type Project } from '@/core/house';
import { findsOpen, paymentsOf } from '@/core/money';
import { addCents, countWords, formatDate, formatPaid } from '@/core/units';
import { Questions } from '@/features/house/questions';
import { selectProject, selectToday, useAppSelector } from '@/store';
import { ButtonLink, Folded, Section, Slip } from '@/ui';

/** What was found, decided, recorded and spent in a place. */
export function PlaceRecords({ placeId }: { placeId: PlaceId | null }) {
  return (
    <>
      <Questions placeId={placeId} />
      <Told placeId={placeId} />
      <BehindTheWall placeId={placeId} />
      <Spent placeId={placeId} />
    </>
  );
}

const TOLD = { find: 'found', decision: 'decided', note: 'noted' } as const;

function toldIn(project: Project, placeId: PlaceId | null) {
  return (['find', 'decision', 'note'] as const)
    .flatMap((kind) => toldOf(project, kind))
    .filter(({ entry }) => entry.placeId === placeId)
    .map(({ id, date, entry }) => ({ id, date, kind: entry.kind, text: entry.text }))
    .toSorted((a, b) => a.date.localeCompare(b.date));
}

function Told({ placeId }: { placeId: PlaceId | null }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const told = toldIn(project, placeId);
  const open = new Set(findsOpen(project).map(({ id }) => id));
  if (told.length === 0) return null;
  return (
    <Section title="Found and decided">
      <Folded
        more={`Show all ${told.length}`}
        rows={told.toReversed().map(({ id, date, kind, text }) => (
          <Slip key={id} title={text} note={TOLD[kind]} figure={formatDate(date, today)}>
            {kind === 'find' && open.has(id) ? (
              <ButtonLink
                look="quiet"
                className="self-start"
                href={{ pathname: '/job/new', params: { find: id } }}
                label="Make a job of it"
                hint={`Make a job of it: ${text}`}
              />
            ) : null}
          </Slip>
        ))}
      />
    </Section>
  );
}

function BehindTheWall({ placeId }: { placeId: PlaceId | null }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const records = Object.values(project.wallRecords).filter((record) => record.placeId === placeId);
  const place = placeId === null ? undefined : project.places[placeId];
  const hasWalls = place !== undefined && !isOutside(place.kind);
  if (records.length === 0 && !hasWalls) return null;
  return (
    <Section title="Behind the walls">
      {records.map((record) => (
        <Slip
          key={record.id}
          title={record.wall}
          note={
            record.clear
              ? 'nothing in it'
              : record.holds.map(({ what, note }) => note ?? what).join(', ')
          }
          figure={formatDate(record.on, today)}
        />
      ))}
      {hasWalls ? (
        <ButtonLink
          className="self-start"
          href={{ pathname: '/walls/[placeId]', params: { placeId: place.id } }}
          label={records.length === 0 ? 'Record what is behind them' : 'See the walls, or ask them'}
        />
      ) : null}
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
    <Section title="Spent here" sum={formatPaid(total, project.currency)}>
      <Folded
        more={`Show all ${countWords(payments.length, 'payment')}`}
        rows={payments.toReversed().map((payment, at) => (
          <Slip
            key={at}
            title={payment.what}
            note={`${kindTitle(project.ownKinds, payment.spend)}${payment.shop ? ` · ${payment.shop}` : ''}`}
            figure={formatPaid(payment.cents, project.currency)}
            figureNote={formatDate(payment.date, today)}
          />
        ))}
      />
    </Section>
  );
}

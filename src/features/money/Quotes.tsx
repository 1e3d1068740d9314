import { useState } from 'react';
import { View } from 'react-native';
import { quoteStandings, type QuoteStanding } from '@/core/money/quotes';
import { countWords, formatAbout, formatDate, formatMinutes, formatMoney } from '@/core/units';
import {
  keep,
  placeNameIn,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Empty, Note, Section, Slip } from '@/ui';
import { AcceptForm } from './AcceptForm';
import { QuoteForm } from './QuoteForm';

type Open = { id: string; as: 'change' | 'accept' } | 'new' | null;

/** What trades ask: compared, agreed to, or kept against doing it oneself. */
export function Quotes() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const [open, setOpen] = useState<Open>(null);
  const close = () => setOpen(null);
  const standings = quoteStandings(project, plan);
  const saved = standings.filter(({ isAccepted, against }) => !isAccepted && against?.isDone);
  return (
    <View className="gap-5">
      {open === 'new' ? (
        <QuoteForm quote={null} onDone={close} />
      ) : (
        <Button
          look="main"
          className="self-start"
          label="Add a quote"
          onPress={() => setOpen('new')}
        />
      )}
      {standings.length === 0 ? (
        <Empty
          title="Quotes will stand here"
          note="Several for the same jobs are compared. One you do not take still says what your own work saved. By the strip: “quote $1,480 bath floor, Quarry Lane”."
        />
      ) : (
        <Section
          title="Quotes"
          sum={
            saved.length > 0
              ? `${countWords(saved.length, 'quote')} outdone by your own work`
              : undefined
          }
        >
          {standings.map((standing) => {
            const { quote } = standing;
            const as = open !== 'new' && open?.id === quote.id ? open.as : null;
            if (as === 'change') {
              return <QuoteForm key={quote.id} quote={quote} onDone={close} />;
            }
            return (
              <QuoteSlip
                key={quote.id}
                standing={standing}
                accepting={as === 'accept'}
                onOpen={(next) => setOpen(next && { id: quote.id, as: next })}
              />
            );
          })}
        </Section>
      )}
    </View>
  );
}

/** What one's own work saves against it, in words. */
function savedWords({ against, isAccepted }: QuoteStanding, currency: string): string {
  if (!against || isAccepted) return '';
  const { saved, savedPerHour, ownMinutes, ownCents, isDone } = against;
  const about = formatAbout(Math.abs(saved) as typeof saved, currency);
  const perHour =
    savedPerHour === null
      ? ''
      : `, ${formatAbout(Math.abs(savedPerHour) as typeof saved, currency)} an hour over ${formatMinutes(ownMinutes)}`;
  const own = `about ${formatAbout(ownCents, currency)} of your own money`;
  if (saved < 0) return `${isDone ? 'It cost' : 'It would cost'} you ${about} more: ${own}.`;
  return `${isDone ? 'You saved' : 'You would save'} about ${about}${perHour}; ${own} against it.`;
}

function QuoteSlip({
  standing,
  accepting,
  onOpen,
}: {
  standing: QuoteStanding;
  accepting: boolean;
  onOpen: (as: 'change' | 'accept' | null) => void;
}) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { quote, isAccepted, rank, of, leaves } = standing;
  const accepted = project.accepted[quote.id];
  const words = savedWords(standing, project.currency);
  const isOurs = Object.hasOwn(project.quotes, quote.id);
  return (
    <Slip
      title={quote.what}
      note={[
        quote.from,
        placeNameIn(project, quote.placeId),
        quote.jobIds ? countWords(quote.jobIds.length, 'job') : '',
        of > 1 ? (rank === 1 ? `cheapest of ${of}` : `${rank} of ${of} by price`) : '',
      ]
        .filter(Boolean)
        .join(' · ')}
      figure={formatMoney(quote.cents, project.currency)}
      figureNote={accepted ? `agreed ${formatDate(accepted.on, today)}` : undefined}
    >
      {words ? <Note className="text-ink">{words}</Note> : null}
      {leaves.jobs > 0 ? (
        <Note>{`Leaves you ${countWords(leaves.jobs, 'job')} in the same ${quote.jobIds?.length === 1 ? 'room' : 'rooms'}, ${formatMinutes(leaves.minutes)}.`}</Note>
      ) : null}
      {accepted?.bookedFrom ? (
        <Note>{`They come from ${formatDate(accepted.bookedFrom, today)}.`}</Note>
      ) : null}
      {accepting ? <AcceptForm quote={quote} onDone={() => onOpen(null)} /> : null}
      <View className="flex-row flex-wrap gap-3">
        {isAccepted ? (
          <Button
            look="quiet"
            label="Not agreed after all"
            hint={`Not agreed after all: ${quote.from}`}
            onPress={() =>
              void dispatch(
                keep(
                  [{ type: 'quoteReleased', payload: { quoteId: quote.id } }],
                  `Not agreed with ${quote.from}.`,
                ),
              )
            }
          />
        ) : accepting || standing.against?.isDone ? null : (
          <Button
            look="quiet"
            label="Agree to it"
            hint={`Agree to it: ${quote.from}`}
            onPress={() => onOpen('accept')}
          />
        )}
        {isOurs && !isAccepted ? (
          <>
            <Button
              look="quiet"
              label="Put right"
              hint={`Put right: ${quote.what}`}
              onPress={() => onOpen('change')}
            />
            <Button
              look="quiet"
              label="Drop it"
              hint={`Drop: ${quote.what}`}
              onPress={() =>
                void dispatch(
                  keep(
                    [{ type: 'quoteDropped', payload: { quoteId: quote.id } }],
                    `Dropped the quote of ${quote.from}.`,
                  ),
                )
              }
            />
          </>
        ) : null}
        {isOurs ? null : <Note>said in the log; put it right in the Journal</Note>}
      </View>
    </Slip>
  );
}

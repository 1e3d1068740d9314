import type { OrderLine } from '@/core/estimating/purchasing/order-line';
import { countWords, formatAbout } from '@/core/units';
import {
  keep,
  placeNameIn,
  selectJobsById,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, ButtonLink, Note, Slip } from '@/ui';
import { OrderActions } from './OrderActions';
import { Received } from './Received';
import { TakeBack } from '@/features/history';
import { BOARDS, figures } from './words';

/** A line written by hand may be taken out again. */
function ByHandActions({ line }: { line: OrderLine }) {
  const dispatch = useAppDispatch();
  const { ownLines } = useAppSelector(selectProject);
  const id = line.lineId.split('+own-')[1] ?? '';
  if (!ownLines[id]) return null;
  return (
    <Button
      look="quiet"
      className="self-start"
      label="Take the line out"
      hint={`Take the line out: ${line.what}`}
      onPress={() =>
        void dispatch(keep([{ type: 'lineDropped', payload: { id } }], `Took out: ${line.what}.`))
      }
    />
  );
}

/** A line of Stores: how much for which job and why so much, what it costs, by when; ordered and received with a tap. */
export function OrderSlip({ line }: { line: OrderLine }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const job = useAppSelector(selectJobsById).get(line.jobId);
  const cost = `about ${formatAbout(line.price, project.currency)}`;
  const { orderedUnits, units, unit, state, placeId } = line;
  const isOut = state === 'on-the-way' || state === 'late' || state === 'here';
  const differs = isOut && orderedUnits !== null && orderedUnits !== units;
  return (
    <Slip
      state={BOARDS[state]}
      title={`${countWords(units, unit)} · ${line.what}`}
      note={`${placeNameIn(project, placeId)} · ${job?.title ?? ''} · ${cost}`}
      {...figures(line, today)}
    >
      {state === 'fitted' ? null : <Note>{line.working}</Note>}
      {differs ? (
        <Note role="alert" className="text-brick">
          {`Ordered ${countWords(orderedUnits, unit)}, reckoned now ${units}. The order stays; ${orderedUnits < units ? `order ${units - orderedUnits} more` : 'take the rest back or keep it'}.`}
        </Note>
      ) : null}
      {state === 'to-measure' && placeId ? (
        <ButtonLink
          look="quiet"
          className="self-start"
          href={`/measure/${placeId}`}
          label="Measure it"
          hint={`Measure it: ${line.what}`}
        />
      ) : null}
      {state === 'to-choose' && placeId ? (
        <ButtonLink
          look="quiet"
          className="self-start"
          href={`/finishes/${placeId}`}
          label="Choose it"
          hint={`Choose it: ${line.what}`}
        />
      ) : null}
      <OrderActions line={line} />
      <ByHandActions line={line} />
      {state === 'on-the-way' || state === 'late' ? <Received line={line} /> : null}
      {line.orderId !== null && project.orders[line.orderId]?.arrival ? (
        <TakeBack
          about={`order/${line.orderId}`}
          what={`that ${line.what} came`}
          label="It did not come after all"
        />
      ) : null}
    </Slip>
  );
}

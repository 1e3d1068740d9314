import { useState } from 'react';
import { View } from 'react-native';
import { z } from 'zod';
import { demandSchema, isOutside, type Demand, type PlaceId, type Project } from '@/core/house';
import { GATE_NAMES } from '@/core/planning/explanation';
import type { Forecast } from '@/core/planning/report';
import { formatDate, plainDateSchema, type PlainDate } from '@/core/units';
import { ChoiceField, FormCard, TextField, useKeptForm, wordsField } from '@/features/kit/form';
import { DEMAND_FROM } from '@/features/survey/names';
import {
  freshId,
  keep,
  placeNameIn,
  selectForecast,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Section, Slip } from '@/ui';
import { WhatSaves } from './WhatSaves';

function coversWords({ covers }: Demand, project: Project): string {
  switch (covers.kind) {
    case 'outside':
      return 'everything outside';
    case 'place':
      return placeNameIn(project, covers.placeId);
    case 'gate':
      return GATE_NAMES[covers.gate];
    case 'job':
      return 'one job done';
    case 'jobs':
      return `${covers.jobIds.length} jobs done`;
    case 'closed-in':
      return 'closed in: roof, walls, windows and doors';
    case 'outside-of':
      return `the outside of ${placeNameIn(project, covers.placeId)}`;
  }
}

const endWords = (end: Forecast['ends'][number] | undefined, today: PlainDate): string[] =>
  end
    ? [`likely ${formatDate(end.likely, today)}, fairly safe ${formatDate(end.fairlySafe, today)}`]
    : [];

/** Dates that somebody outside the house sets; the plan keeps them as hard dates and says when it cannot. */
export function Demands() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const today = useAppSelector(selectToday);
  const [adding, setAdding] = useState(false);
  const forecast = useAppSelector(selectForecast);
  const ends = new Map(forecast?.ends.map((end) => [end.id, end]));
  const states = new Map(plan?.demands.map((state) => [state.id, state]));
  return (
    <Section title="Dates from outside">
      {Object.values(project.demands).map((demand) => {
        const state = states.get(demand.id);
        const late = (state?.daysLate ?? 0) > 0;
        return (
          <Slip
            key={demand.id}
            state={late ? 'held' : state?.jobsLeft === 0 ? 'done' : 'ready'}
            title={demand.what}
            note={[
              `${DEMAND_FROM[demand.from]} · ${coversWords(demand, project)} by ${formatDate(demand.by, today)}`,
              ...endWords(ends.get(demand.id), today),
            ].join(' · ')}
            figure={state?.finish ? formatDate(state.finish, today) : undefined}
            figureNote={
              state === undefined
                ? undefined
                : late
                  ? `${state.daysLate} days late`
                  : state.jobsLeft === 0
                    ? 'met'
                    : 'planned, in time'
            }
          >
            {late && state?.lastJobId ? <WhatSaves lastJobId={state.lastJobId} /> : null}
            <Button
              look="quiet"
              className="self-start"
              label="Lift it"
              hint={`Lift: ${demand.what}`}
              onPress={() =>
                void dispatch(
                  keep(
                    [{ type: 'demandLifted', payload: { demandId: demand.id } }],
                    `Lifted: ${demand.what}.`,
                  ),
                )
              }
            />
          </Slip>
        );
      })}
      {adding ? (
        <DemandForm onClose={() => setAdding(false)} />
      ) : (
        <View className="flex-row">
          <Button label="Add a date from outside" onPress={() => setAdding(true)} />
        </View>
      )}
    </Section>
  );
}

/** Wishes of one's own are made at the job itself. */
const WHO = demandSchema.shape.from.options
  .filter((value) => value !== 'you')
  .map((value) => ({ value, label: DEMAND_FROM[value] }));

const OUTSIDE_OF = 'outside-of:';

const demandForm = (firstDay: PlainDate, today: PlainDate) =>
  z.object({
    from: demandSchema.shape.from,
    what: wordsField('Say what is asked for, such as “outside finished”.'),
    by: z.string().transform((text, context): PlainDate => {
      const read = plainDateSchema.safeParse(text.trim());
      if (read.success && read.data >= firstDay) return read.data;
      context.addIssue({
        code: 'custom',
        message: read.success
          ? `That is before the first day, ${formatDate(firstDay, today)}. Give a later day.`
          : `“${text}” is not a day. Write it as 2026-10-31.`,
      });
      return z.NEVER;
    }),
    covers: z.string(),
  });

/** What a choice of the form stands for. */
function coversOf(covers: string, project: Project): Demand['covers'] {
  if (covers.startsWith(OUTSIDE_OF)) {
    return { kind: 'outside-of', placeId: covers.slice(OUTSIDE_OF.length) as PlaceId };
  }
  if (covers === 'closed-in') return { kind: 'closed-in' };
  if (covers === 'live') return { kind: 'gate', gate: 'live' };
  const place = project.places[covers];
  return place ? { kind: 'place', placeId: place.id } : { kind: 'outside' };
}

function DemandForm({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const places = Object.values(project.places);
  const of = useKeptForm({
    name: 'demand',
    schema: demandForm(project.house.firstDay, today),
    initial: { from: 'insurer' as Demand['from'], what: '', by: '', covers: 'outside' },
    onDone: onClose,
    onKeep: ({ from, what, by, covers }) =>
      dispatch(
        keep(
          [
            {
              type: 'demandMade',
              payload: {
                id: dispatch(freshId()),
                from,
                what,
                by,
                covers: coversOf(covers, project),
              },
            },
          ],
          `Date kept: ${what}.`,
        ),
      ),
  });
  return (
    <FormCard of={of} title="A date from outside" action="Keep the date">
      <ChoiceField name="from" label="Who sets it" options={WHO} />
      <TextField name="what" label="What is asked for" placeholder="Outside finished" />
      <TextField name="by" label="By which day" placeholder="2026-10-31" />
      <ChoiceField
        name="covers"
        label="What it covers"
        options={[
          { value: 'outside', label: 'everything outside' },
          { value: 'closed-in', label: 'closed in' },
          { value: 'live', label: 'living here' },
          ...places
            .filter(({ kind }) => !isOutside(kind))
            .map(({ id, name }) => ({ value: `${OUTSIDE_OF}${id}`, label: `outside of ${name}` })),
          ...places.map(({ id, name }) => ({ value: id as string, label: name })),
        ]}
      />
    </FormCard>
  );
}

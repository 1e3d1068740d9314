import { useState } from 'react';
import { View } from 'react-native';
import { demandSchema, isOutside, type Demand, type PlaceId, type Project } from '@/core/house';
import { formatDate, plainDateSchema } from '@/core/units';
import { DEMAND_FROM } from '@/features/survey';
import {
  freshId,
  keep,
  placeNameIn,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Choice, Field, Section, Slip, useKeeping } from '@/ui';
import { WhatSaves } from './WhatSaves';

const GATES = { sleep: 'Sleep here', live: 'Live here', done: 'Call it done' } as const;

function coversWords({ covers }: Demand, project: Project): string {
  switch (covers.kind) {
    case 'outside':
      return 'everything outside';
    case 'place':
      return placeNameIn(project, covers.placeId);
    case 'gate':
      return GATES[covers.gate];
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

/** Dates that somebody outside the house sets; the plan keeps them as hard dates and says when it cannot. */
export function Demands() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const today = useAppSelector(selectToday);
  const [adding, setAdding] = useState(false);
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
            note={`${DEMAND_FROM[demand.from]} · ${coversWords(demand, project)} by ${formatDate(demand.by, today)}`}
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

function DemandForm({ onClose }: { onClose: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [from, setFrom] = useState<Demand['from']>('insurer');
  const [what, setWhat] = useState('');
  const [by, setBy] = useState('');
  const [covers, setCovers] = useState('outside');
  const [errors, setErrors] = useState<{ what?: string; by?: string }>({});
  const { firstDay } = project.house;
  const keeping = useKeeping({ from, what, by, covers });
  const save = async () => {
    const date = plainDateSchema.safeParse(by.trim());
    const wrong = {
      ...(what.trim() === '' ? { what: 'Say what is asked for, such as “outside finished”.' } : {}),
      ...(!date.success
        ? { by: `“${by}” is not a day. Write it as 2026-10-31.` }
        : date.data < firstDay
          ? {
              by: `That is before the first day, ${formatDate(firstDay, today)}. Give a later day.`,
            }
          : {}),
    };
    setErrors(wrong);
    if (!date.success || Object.keys(wrong).length > 0) return;
    const place = Object.values(project.places).find(({ id }) => id === covers);
    const payload: Demand = {
      id: dispatch(freshId()),
      from,
      what: what.trim(),
      by: date.data,
      covers: covers.startsWith(OUTSIDE_OF)
        ? { kind: 'outside-of', placeId: covers.slice(OUTSIDE_OF.length) as PlaceId }
        : covers === 'closed-in'
          ? { kind: 'closed-in' }
          : place
            ? { kind: 'place', placeId: place.id }
            : covers === 'live'
              ? { kind: 'gate', gate: 'live' }
              : { kind: 'outside' },
    };
    await keeping(
      () => dispatch(keep([{ type: 'demandMade', payload }], `Date kept: ${payload.what}.`)),
      onClose,
    );
  };
  return (
    <View className="gap-3 rounded-board border border-spruce p-3">
      <Choice label="Who sets it" value={from} options={WHO} onChange={setFrom} />
      <Field
        label="What is asked for"
        placeholder="Outside finished"
        value={what}
        error={errors.what}
        onChangeText={setWhat}
      />
      <Field
        label="By which day"
        placeholder="2026-10-31"
        value={by}
        error={errors.by}
        onChangeText={setBy}
      />
      <Choice
        label="What it covers"
        value={covers}
        options={[
          { value: 'outside', label: 'everything outside' },
          { value: 'closed-in', label: 'closed in' },
          { value: 'live', label: 'living here' },
          ...Object.values(project.places)
            .filter(({ kind }) => !isOutside(kind))
            .map(({ id, name }) => ({ value: `${OUTSIDE_OF}${id}`, label: `outside of ${name}` })),
          ...Object.values(project.places).map(({ id, name }) => ({
            value: id as string,
            label: name,
          })),
        ]}
        onChange={setCovers}
      />
      <View className="flex-row gap-2">
        <Button look="main" label="Keep the date" onPress={() => void save()} />
        <Button label="Leave it" onPress={onClose} />
      </View>
    </View>
  );
}

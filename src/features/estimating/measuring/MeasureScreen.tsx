import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { shapeOf, areasOf, type Place, type RoomShape } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { countWords, formatArea, formatLength, type UnitSystem } from '@/core/units';
import { RoomPlan } from '@/features/kit/drawing';
import { Page } from '@/features/shell';
import {
  keep,
  selectIsDemo,
  selectPlaces,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, ButtonLink, Columns, Empty, Fact, Note, Section } from '@/ui';
import { CeilingRows } from './CeilingRows';
import { Diagonals } from './Diagonals';
import { readMeasure, typedFrom, type Measured, type MeasureTyped } from './form';
import { ImpactCard } from './ImpactCard';
import { useMeasureDraft } from './useMeasureDraft';
import { Laser } from './Laser';
import { OpeningRows } from './OpeningRows';
import { roomFaultWords } from './words';
import { WallRows } from './WallRows';

/** One room with the tape: walls, height, ceiling, openings; drawn while it is typed. */
export function MeasureScreen({ placeId }: { placeId: string }) {
  const place = useAppSelector(selectPlaces).find(({ id }) => id === placeId);
  if (!place) {
    return (
      <Page title="No such place">
        <Empty title="This place is not in the house" note="It may have been removed.">
          <ButtonLink href="/measure" label="Back to the measuring pass" />
        </Empty>
      </Page>
    );
  }
  return <Measuring key={place.id} place={place} />;
}

function Measuring({ place }: { place: Place }) {
  const { units } = useAppSelector(selectProject);
  const isDemo = useAppSelector(selectIsDemo);
  const { control, setValue, reset } = useForm<MeasureTyped>({
    defaultValues: typedFrom(place, units),
  });
  const typed = useWatch({ control }) as MeasureTyped;
  const draft = useMeasureDraft(place, typed, reset);
  const measured = useMemo(() => readMeasure(typed, place, units), [typed, place, units]);
  const rows = { control, faults: measured.faults };
  return (
    <Page title={`Measure ${place.name}`}>
      <Columns>
        <View className="gap-5">
          <RoomPlan
            walls={measured.drawn}
            openings={measured.openings}
            units={units}
            spoken={planWords(measured, units)}
          />
          <State measured={measured} units={units} />
          {draft.restored ? (
            <View role="status" className="flex-row flex-wrap items-center gap-3">
              <Note>You left this half measured; it is as you typed it.</Note>
              <Button label="Back to the kept sizes" onPress={draft.forget} />
            </View>
          ) : null}
          <WallRows {...rows} onTurn={(wall, turn) => setValue(`walls.${wall}.turn`, turn)} />
          {isDemo ? (
            <Laser typed={typed} place={place} onRead={(path, text) => setValue(path, text)} />
          ) : null}
          <CeilingRows {...rows} />
          <OpeningRows {...rows} />
          <Diagonals {...rows} />
        </View>
        <View className="gap-5">
          {measured.shape && !measured.fault ? (
            <Result
              onKept={draft.clear}
              key={JSON.stringify(measured.shape)}
              place={place}
              shape={measured.shape}
              units={units}
            />
          ) : (
            <Note>
              The areas and what the change does stand here once the room reads and closes.
            </Note>
          )}
        </View>
      </Columns>
    </Page>
  );
}

function planWords({ drawn, openings }: Measured, units: UnitSystem): string {
  const walls = drawn.map(
    ({ length, turn }, at) =>
      `wall ${at + 1}, ${formatLength(length, units)}, then ${turn >= 0 ? 'right' : 'left'} ${Math.abs(turn)} degrees`,
  );
  return `Floor plan to scale: ${walls.join('; ')}; ${countWords(openings.length, 'opening')}`;
}

/** Whether the room closes, is square, and can be; said once, under the drawing. */
function State({ measured, units }: { measured: Measured; units: UnitSystem }) {
  const { closing, fault, offSquare, drawn } = measured;
  if (!closing) {
    return (
      <Note>{`${countWords(drawn.length, 'wall')} drawn. Type the next one; go round clockwise.`}</Note>
    );
  }
  if (fault ?? closing.suspects.length > 0) {
    const said = fault ?? { code: 'not-closed' as const, closing };
    return (
      <View role="alert" className="rounded-board border border-brick bg-brick-pale p-3">
        <Note className="text-ink">{roomFaultWords(said, units)}</Note>
      </View>
    );
  }
  return (
    <View role="status">
      <Note>
        {closing.error === 0
          ? 'The walls close.'
          : `The walls close to ${formatLength(closing.error, units)}.`}
        {offSquare !== undefined && offSquare > 0
          ? ` Off square by ${formatLength(offSquare, units)}.`
          : ''}
      </Note>
    </View>
  );
}

function Result({
  place,
  shape,
  units,
  onKept,
}: {
  place: Place;
  shape: RoomShape;
  units: UnitSystem;
  onKept: () => void;
}) {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const today = useAppSelector(selectToday);
  const [change] = useState<EventBodyOf>(() => ({
    type: 'roomMeasured',
    payload: { placeId: place.id, on: today, ...copied(shape) },
  }));
  const areas = areasOf(shape);
  const before = areasOf(shapeOf(place));
  const fact = (
    name: string,
    key: 'floor' | 'ceiling' | 'wallsGross' | 'wallsNet',
    working: string,
  ) => (
    <Fact
      name={name}
      figure={formatArea(areas[key], units)}
      working={
        areas[key] === before[key] ? working : `${working}; was ${formatArea(before[key], units)}`
      }
    />
  );
  const save = async () => {
    if (!(await dispatch(keep([change], `Measured ${place.name}.`)))) return;
    onKept();
    router.push(`/house/${place.id}`);
  };
  return (
    <>
      <Section title="It comes to">
        <View>
          {fact('Floor', 'floor', 'shoelace formula over the corners')}
          {fact('Ceiling', 'ceiling', ceilingWords(shape))}
          {fact(
            'Walls, whole',
            'wallsGross',
            `${formatLength(areas.perimeter, units)} round, by height`,
          )}
          {fact(
            'Walls, openings off',
            'wallsNet',
            `${countWords(shape.openings.length, 'opening')} taken off`,
          )}
        </View>
      </Section>
      <ImpactCard change={change} />
      <Button look="main" label="Keep these sizes" onPress={() => void save()} />
    </>
  );
}

const ceilingWords = ({ ceiling }: RoomShape): string =>
  ceiling.kind === 'flat'
    ? 'as the floor'
    : ceiling.kind === 'vaulted'
      ? `floor drawn out along ${Math.round(ceiling.pitch * 10) / 10} in 12`
      : 'floor and the upright faces of the tray';

const copied = ({ walls, height, ceiling, openings }: RoomShape) => ({
  walls: [...walls],
  height,
  ceiling,
  openings: [...openings],
});

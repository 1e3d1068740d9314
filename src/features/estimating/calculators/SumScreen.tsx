import { useState } from 'react';
import { View } from 'react-native';
import { isOutside } from '@/core/house';
import { findCalculator, type Calculator } from '@/core/estimating/calculators';
import { Page } from '@/features/shell';
import { selectPlaces, selectProject, useAppSelector } from '@/store';
import { ButtonLink, Choice, Columns, Empty, Note, Section } from '@/ui';
import { Answer } from './Answer';
import { CarryIn } from './CarryIn';
import { FieldsForm, rawOf, standardsOf } from './FieldsForm';
import { useWorked } from './useWorked';

const TYPED_SIZES = 'typed';

/** One calculator: its fields, the room it may draw on, and its answer with the working while one types. */
export function SumScreen({ kind }: { kind: string }) {
  const sum = findCalculator(kind);
  if (!sum) {
    return (
      <Page title="No such sum">
        <Empty title="There is no sum of that name" note="All of them stand in one list.">
          <ButtonLink href="/sums" label="All sums" />
        </Empty>
      </Page>
    );
  }
  return <OneSum key={kind} sum={sum} />;
}

function OneSum({ sum }: { sum: Calculator }) {
  const { units, currency } = useAppSelector(selectProject);
  const places = useAppSelector(selectPlaces).filter(({ kind }) => !isOutside(kind));
  const [typed, setTyped] = useState(() => standardsOf(sum.fields, { units, currency }));
  const [placeId, setPlaceId] = useState<string>(places[0]?.id ?? TYPED_SIZES);
  const place = sum.usesRoom ? places.find(({ id }) => id === placeId) : undefined;
  const worked = useWorked(sum, rawOf(sum.fields, typed, currency), place, units);
  return (
    <Page title={sum.title}>
      <Note>{sum.asks}</Note>
      <Columns>
        <View className="gap-5">
          {sum.usesRoom && places.length > 0 ? (
            <Section title="Sizes from">
              <Choice
                label="Sizes from"
                value={placeId}
                options={[
                  ...places.map(({ id, name }) => ({ value: id as string, label: name })),
                  { value: TYPED_SIZES, label: 'sizes I type' },
                ]}
                onChange={setPlaceId}
              />
            </Section>
          ) : null}
          <FieldsForm
            fields={sum.fields}
            typed={typed}
            onType={(name, value) => setTyped({ ...typed, [name]: value })}
          />
          <Note>{'Lengths in any usual writing: 12\' 3 1/2", 147.5", 3.74 m, 374 cm.'}</Note>
        </View>
        <View className="gap-5">
          <Worked {...worked} />
          {sum.kind === 'fit' && worked.result ? <CarryIn result={worked.result} /> : null}
        </View>
      </Columns>
      <ButtonLink look="quiet" className="self-start" href="/sums" label="All sums" />
    </Page>
  );
}

/** The answer as it stands; it says so while another one is on its way, and when none came. */
function Worked({ result, isOld, broke }: ReturnType<typeof useWorked>) {
  if (broke) {
    return (
      <Note role="alert" className="text-brick">
        This could not be worked out. Change a figure, or load the page anew, to try again.
      </Note>
    );
  }
  if (!result) {
    return (
      <View role="status">
        <Note>Working it out…</Note>
      </View>
    );
  }
  return (
    <View aria-busy={isOld} className="gap-5">
      <Answer result={result} />
    </View>
  );
}

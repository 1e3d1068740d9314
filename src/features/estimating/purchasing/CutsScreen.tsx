import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { cutLists } from '@/core/estimating/purchasing';
import { Page } from '@/features/shell';
import { selectProject, selectWays, useAppSelector } from '@/store';
import { Button, ButtonLink, Choice, Empty, Field, Note, Section } from '@/ui';
import { readCuts, type CutTyped } from './cut-form';
import { CutPlanView } from './CutPlanView';

const TYPED = 'typed';

/** Cut plans: of the trim of all rooms, and of any list one types. */
export function CutsScreen() {
  const project = useAppSelector(selectProject);
  const lists = useMemo(() => cutLists(project), [project]);
  const [id, setId] = useState<string>(lists[0]?.id ?? TYPED);
  const list = lists.find((each) => each.id === id);
  return (
    <Page title="Cut plans">
      <View className="flex-row flex-wrap gap-2 print:hidden">
        <Button label="Print this page" onPress={() => window.print()} />
        <ButtonLink href="/stores" label="Back to Stores" />
      </View>
      <View className="print:hidden">
        <Choice
          label="Which cut plan"
          value={id}
          options={[
            ...lists.map((each) => ({ value: each.id, label: each.title })),
            { value: TYPED, label: 'a list I type' },
          ]}
          onChange={setId}
        />
      </View>
      {list ? <CutPlanView key={list.id} title={list.title} list={list} /> : null}
      {id === TYPED ? <TypedList /> : null}
      {lists.length === 0 ? (
        <Empty
          title="The trim of your rooms will be cut here"
          note="Choose a trim under a room’s finishes; all rooms are cut from the same boards."
        />
      ) : null}
    </Page>
  );
}

const FIRST: CutTyped = {
  pieces: '4 x 3\' 2"\n6 x 28 1/2"\n1 x 7\' 8"',
  stock: "8' at 9.60\n12' at 13.40\n16' at 19.20",
  kerf: '1/8"',
};

function TypedList() {
  const [typed, setTyped] = useState(FIRST);
  const { numberStyle } = useAppSelector(selectWays);
  const { list, faults } = useMemo(() => readCuts(typed, numberStyle), [typed, numberStyle]);
  const faultOf = (field: keyof CutTyped) => {
    const fault = faults.find((each) => each.field === field);
    if (!fault) return undefined;
    return field === 'kerf'
      ? `“${fault.text}” is not a length.`
      : `Line ${fault.line + 1}, “${fault.text}”, cannot be read.`;
  };
  return (
    <View className="gap-4">
      <View className="gap-3 print:hidden">
        <Field
          label="Pieces, one kind a line"
          multiline
          numberOfLines={5}
          value={typed.pieces}
          hint={'How many x how long, such as 4 x 3\' 2" or 6 x 72 cm.'}
          error={faultOf('pieces')}
          onChangeText={(pieces) => setTyped({ ...typed, pieces })}
        />
        <Field
          label="Lengths on sale, one a line"
          multiline
          numberOfLines={4}
          value={typed.stock}
          hint="Such as 12' at 13.40; what lies in the stores as 2 x 5' at 0."
          error={faultOf('stock')}
          onChangeText={(stock) => setTyped({ ...typed, stock })}
        />
        <Field
          className="w-[140px]"
          label="Saw cut"
          value={typed.kerf}
          error={faultOf('kerf')}
          onChangeText={(kerf) => setTyped({ ...typed, kerf })}
        />
      </View>
      {list ? (
        <CutPlanView title="Your list" list={list} />
      ) : (
        <Section title="The plan">
          <Note>It stands here once every line reads.</Note>
        </Section>
      )}
    </View>
  );
}

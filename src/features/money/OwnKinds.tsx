import { useState } from 'react';
import { z } from 'zod';
import { kindKeys, kindTitle, offeredKinds } from '@/core/house';
import { FormCard, TextField, useKeptForm, wordsField } from '@/features/kit/form';
import { freshId, keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Section, Slip } from '@/ui';

/** Kinds of spending of one's own, beside the seven that every house has. */
export function OwnKinds() {
  const dispatch = useAppDispatch();
  const { ownKinds } = useAppSelector(selectProject);
  const [adding, setAdding] = useState(false);
  const kinds = offeredKinds(ownKinds);
  return (
    <Section title="Kinds of your own" sum={kinds.length > 0 ? String(kinds.length) : undefined}>
      {kinds.map(({ id, title }) => (
        <Slip key={id} title={title}>
          <Button
            look="quiet"
            className="self-start"
            label="Drop it"
            hint={`Drop the kind: ${title}`}
            onPress={() =>
              void dispatch(
                keep([{ type: 'kindDropped', payload: { id } }], `${title} is offered no more.`),
              )
            }
          />
        </Slip>
      ))}
      {adding ? (
        <KindForm onDone={() => setAdding(false)} />
      ) : (
        <Button
          look="quiet"
          className="self-start"
          label="Add a kind of spending"
          onPress={() => setAdding(true)}
        />
      )}
    </Section>
  );
}

function KindForm({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const { ownKinds } = useAppSelector(selectProject);
  const of = useKeptForm({
    name: 'kind',
    schema: z.object({ title: wordsField('Say what it is called.', 40) }),
    initial: { title: '' },
    onDone,
    onKeep: ({ title }) => {
      const name = title.toLowerCase();
      const known = kindKeys(ownKinds).map((key) => kindTitle(ownKinds, key).toLowerCase());
      if (known.includes(name)) {
        return { field: 'title' as const, message: 'There is a kind of that name already.' };
      }
      const id = `own-${dispatch(freshId())}`;
      return dispatch(
        keep([{ type: 'kindAdded', payload: { id, title } }], `${title} is a kind of spending.`),
      );
    },
  });
  return (
    <FormCard of={of} title="A kind of your own" action="Add the kind">
      <TextField name="title" label="It is called" placeholder="storage" />
    </FormCard>
  );
}

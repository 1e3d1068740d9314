import { useWatch } from 'react-hook-form';
import { z } from 'zod';
import type { ChangeCause, ChangeOrder } from '@/core/house';
import { cents, plainMoney } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  NO_SUCH_PLACE,
  WHOLE_HOUSE,
  WhereField,
  areThere,
  placeChosen,
  PickField,
  TextField,
  moneyField,
  useKeptForm,
  useWritten,
  wordsField,
  type Written,
} from '@/features/kit/form';
import { freshId, keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';

const changeSchema = (written: Written) =>
  z.object({
    title: wordsField('Say what changes.', 120),
    kind: z.enum(['find', 'wish', 'office', 'change']),
    text: wordsField('Say why.'),
    changeId: z.string(),
    placeId: z.string(),
    cost: moneyField(written, cents(0)),
    drawsOn: z.enum(['budget', 'contingency']),
  });
type Read = z.output<ReturnType<typeof changeSchema>>;

const causeOf = ({ kind, text, changeId }: Read, before: ChangeCause | undefined): ChangeCause => {
  if (kind === 'change') return { kind, text, changeId };
  const entryId = before?.kind === 'find' && kind === 'find' ? before.entryId : undefined;
  return { kind, text, ...(entryId ? { entryId } : {}) };
};

/** More than was planned, and why: a find, a wish, an office's word, or another change that led to it. */
export function ChangeForm({ change, onDone }: { change: ChangeOrder | null; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const written = useWritten();
  const others = Object.values(project.changes).filter(({ id }) => id !== change?.id);
  const of = useKeptForm({
    name: `change/${change?.id ?? 'new'}`,
    schema: changeSchema(written),
    initial: {
      title: change?.title ?? '',
      kind: change?.cause.kind ?? 'find',
      text: change?.cause.text ?? '',
      changeId: change?.cause.kind === 'change' ? change.cause.changeId : '',
      placeId: change?.placeId ?? WHOLE_HOUSE,
      cost: change && change.cents > 0 ? plainMoney(change.cents, project.currency, true) : '',
      drawsOn: change?.drawsOn ?? 'contingency',
    },
    onDone,
    onKeep: (read) => {
      if (!areThere(project, [placeChosen(read.placeId)])) {
        return { field: 'placeId' as const, message: NO_SUCH_PLACE };
      }
      if (read.kind === 'change' && !project.changes[read.changeId]) {
        return { field: 'changeId' as const, message: 'Choose the change that led to it.' };
      }
      const payload: ChangeOrder = {
        id: change?.id ?? dispatch(freshId()),
        on: change?.on ?? today,
        title: read.title,
        placeId: placeChosen(read.placeId),
        cause: causeOf(read, change?.cause),
        cents: cents(read.cost ?? 0),
        drawsOn: read.drawsOn,
      };
      return dispatch(keep([{ type: 'changeOrdered', payload }], `Change order: ${read.title}.`));
    },
  });
  const kind = useWatch({ control: of.form.control, name: 'kind' });
  return (
    <FormCard
      of={of}
      title={change ? 'Put the change right' : 'A change order'}
      action="Keep the change"
    >
      <TextField name="title" label="What changes" placeholder="New sill under the window" />
      <ChoiceField
        name="kind"
        label="It comes from"
        options={[
          { value: 'find', label: 'a find' },
          { value: 'wish', label: 'a wish' },
          { value: 'office', label: 'an office' },
          ...(others.length > 0 ? [{ value: 'change', label: 'another change' }] : []),
        ]}
      />
      {kind === 'change' ? (
        <PickField
          name="changeId"
          label="Which one led to it"
          options={others.map(({ id, title }) => ({ value: id, label: title }))}
        />
      ) : null}
      <TextField name="text" label="Why" placeholder="rot found behind the boards" />
      <WhereField />
      <TextField
        name="cost"
        label="Money beside its jobs"
        hint="its jobs are added to it next"
        className="max-w-[220px]"
        numeric
      />
      <ChoiceField
        name="drawsOn"
        label="Paid from"
        options={[
          { value: 'contingency', label: 'the contingency' },
          { value: 'budget', label: 'the budget' },
        ]}
      />
    </FormCard>
  );
}

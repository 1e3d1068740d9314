import { useState } from 'react';
import { useFieldArray, useFormContext, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { kindTitle, placesInOrder, kindKeys, type Project, type Receipt } from '@/core/house';
import type { CostLine } from '@/core/planning/report';
import { formatAbout } from '@/core/units';
import {
  ChoiceField,
  FormCard,
  ManyField,
  PickField,
  TextField,
  useKeptForm,
  useWritten,
} from '@/features/kit/form';
import { pickFile } from '@/features/kit/photo';
import {
  freshId,
  keep,
  placeNameIn,
  selectPlan,
  selectProject,
  selectToday,
  storePhoto,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Note, Small, Strong } from '@/ui';
import { lineField } from './line-field';
import { emptyLine, emptyReceipt, receiptFormSchema, receiptFrom, typedReceipt } from './receipt';

const NO_LINES: CostLine[] = [];

/** A shop's paper: its lines with their kinds and rooms, tax, and a photo of it. */
export function ReceiptForm({ receipt, onDone }: { receipt: Receipt | null; onDone: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const written = useWritten();
  const [photo, setPhoto] = useState<File | null>(null);
  const [photoFault, setPhotoFault] = useState<string>();
  const of = useKeptForm({
    name: `receipt/${receipt?.id ?? 'new'}`,
    schema: receiptFormSchema(today, written),
    initial: receipt ? typedReceipt(receipt, project.currency) : emptyReceipt(),
    onDone,
    onKeep: async (read) => {
      setPhotoFault(undefined);
      const made = receiptFrom(read, {
        id: receipt?.id ?? dispatch(freshId()),
        photoId: receipt?.photoId ?? null,
        currency: project.currency,
        places: project.places,
      });
      if ('field' in made) return made;
      // The picture first: a receipt whose photo finds no room is not kept in part.
      const stored = photo ? await dispatch(storePhoto(photo, null, null)) : null;
      if (stored && !stored.ok) {
        setPhotoFault(stored.message);
        return false;
      }
      const type = receipt ? 'receiptCorrected' : 'receiptKept';
      const payload = stored ? { ...made, photoId: stored.id } : made;
      const kept = await dispatch(
        keep(
          [...(stored ? [stored.event] : []), { type, payload }],
          `Kept the receipt${made.shop ? ` of ${made.shop}` : ''}.`,
        ),
      );
      if (!kept) await stored?.forget();
      return kept;
    },
  });
  return (
    <FormCard
      of={of}
      title={receipt ? 'Put the receipt right' : 'A receipt'}
      action="Keep the receipt"
    >
      <ChoiceField
        name="is"
        label="It is"
        options={[
          { value: 'purchase', label: 'a purchase' },
          { value: 'deposit', label: 'a deposit' },
          { value: 'refund', label: 'money back' },
        ]}
      />
      <View className="flex-row flex-wrap gap-3">
        <TextField name="shop" label="Shop" className="min-w-[150px] flex-1" />
        <TextField name="on" label="Day" className="min-w-[130px] flex-1" />
      </View>
      <Lines project={project} />
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name="tax"
          label="Tax on top"
          hint="spread over the lines by their sums"
          className="min-w-[150px] flex-1"
          numeric
        />
        <TextField
          name="total"
          label="Total on the paper"
          hint="checked against the lines"
          className="min-w-[150px] flex-1"
          numeric
        />
      </View>
      <ChoiceField
        name="drawsOn"
        label="Paid from"
        options={[
          { value: 'budget', label: 'the budget' },
          { value: 'contingency', label: 'the contingency' },
        ]}
      />
      <View className="items-start gap-1">
        <Button
          label={photo ? `Photo: ${photo.name}` : 'Add a photo of it'}
          onPress={() => void pickFile('image/*').then((file) => setPhoto(file ?? null))}
        />
        {photoFault ? (
          <Small role="alert" className="text-brick">
            {photoFault}
          </Small>
        ) : null}
      </View>
      <TextField name="note" label="Note" />
    </FormCard>
  );
}

function Lines({ project }: { project: Project }) {
  const { control } = useFormContext<ReturnType<typeof emptyReceipt>>();
  const { fields, append, remove } = useFieldArray({ control, name: 'lines' });
  return (
    <View className="gap-3">
      {fields.map((field, at) => (
        <View
          key={field.id}
          role="group"
          aria-label={`Line ${at + 1}`}
          className="gap-2 border-l-4 border-line pl-3"
        >
          <Strong>{`Line ${at + 1}`}</Strong>
          <OneLine at={at} project={project} />
          {fields.length > 1 ? (
            <Button
              look="quiet"
              className="self-start"
              label="Take the line out"
              hint={`Take line ${at + 1} out`}
              onPress={() => remove(at)}
            />
          ) : null}
        </View>
      ))}
      <Button
        className="self-start"
        label="Another line"
        onPress={() => append(emptyLine({ rooms: [] }))}
      />
    </View>
  );
}

function OneLine({ at, project }: { at: number; project: Project }) {
  const name = lineField(at);
  const { control } = useFormContext<ReturnType<typeof emptyReceipt>>();
  const rooms = useWatch({ control, name: `lines.${at}.rooms` });
  const lines = (useAppSelector(selectPlan)?.costs.lines ?? NO_LINES).filter(
    ({ open }) => open > 0,
  );
  return (
    <>
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name={name('what')}
          label="What"
          placeholder="wall tile"
          className="min-w-[150px] flex-1"
        />
        <TextField name={name('sum')} label="Sum" className="min-w-[100px] flex-1" numeric />
      </View>
      <PickField
        name={name('kind')}
        label="Kind"
        options={kindKeys(project.ownKinds).map((kind) => ({
          value: kind,
          label: kindTitle(project.ownKinds, kind),
        }))}
      />
      <ManyField
        name={name('rooms')}
        label="For which rooms"
        add="Name a room"
        hint={rooms.length === 0 ? 'none: the house as a whole' : undefined}
        options={placesInOrder(project).map(({ id, name: label }) => ({ value: id, label }))}
      />
      {rooms.length > 1 ? (
        <TextField
          name={name('split')}
          label="Split, in percent"
          placeholder="equal"
          hint="in turn, such as 50 30 20"
        />
      ) : null}
      <ManyField
        name={name('covers')}
        label="Pays for what was planned"
        add="Name a line of the plan"
        options={lines.map((line) => ({
          value: line.id,
          label: `${line.what}, ${placeNameIn(project, line.placeId)}, about ${formatAbout(line.open, project.currency)}`,
        }))}
      />
      {lines.length === 0 ? <Note>Nothing is planned to buy yet.</Note> : null}
    </>
  );
}

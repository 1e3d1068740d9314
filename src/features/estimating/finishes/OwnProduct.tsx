import { useState } from 'react';
import { useController, useWatch } from 'react-hook-form';
import { View } from 'react-native';
import { z } from 'zod';
import { productSchema, type Product } from '@/core/house';
import type { Currency, UnitSystem } from '@/core/units';
import { findCalculator, saySumError } from '@/core/estimating/calculators';
import {
  ChoiceField,
  FormCard,
  TextField,
  countField,
  noteField,
  sumField,
  useKeptForm,
  useWritten,
  wordsField,
  type Written,
} from '@/features/kit/form';
import { FieldsForm, rawOf, standardsOf } from '@/features/estimating/calculators';
import { freshId, keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Note, Section } from '@/ui';

type Kind = {
  value: string;
  label: string;
  suits: Product['suits'];
  line: string;
  unit: string;
  /** What one buys in a house measured in metres, where that is another measure. */
  metricUnit?: string;
  /** The fields its label settles. */
  fields: readonly string[];
};

const KINDS = [
  {
    value: 'paint',
    label: 'paint',
    suits: ['walls', 'ceiling'],
    line: 'paint.gallons',
    unit: 'gallon',
    metricUnit: 'litre',
    fields: ['spread', 'spreadMetric'],
  },
  {
    value: 'wallpaper',
    label: 'wallpaper',
    suits: ['walls'],
    line: 'wallpaper.rolls',
    unit: 'roll',
    fields: ['rollWidth', 'rollLength', 'repeat'],
  },
  {
    value: 'flooring',
    label: 'floor by the carton',
    suits: ['floor'],
    line: 'flooring.cartons',
    unit: 'carton',
    fields: ['carton', 'cartonMetric', 'waste'],
  },
  {
    value: 'planks',
    label: 'floor boards',
    suits: ['floor'],
    line: 'planks.boards',
    unit: 'board',
    fields: ['face', 'boardLength'],
  },
  {
    value: 'tile',
    label: 'tile',
    suits: ['floor'],
    line: 'tile.count',
    unit: 'tile',
    fields: ['tileWidth', 'tileHeight', 'joint', 'thickness'],
  },
  {
    value: 'drywall',
    label: 'board',
    suits: ['board'],
    line: 'drywall.sheets',
    unit: 'sheet',
    fields: ['lengths', 'sheetWidth'],
  },
  {
    value: 'trim',
    label: 'trim',
    suits: ['trim'],
    line: 'trim.bought',
    unit: 'ft',
    metricUnit: 'm',
    fields: ['face', 'lengths'],
  },
  {
    value: 'opening',
    label: 'window or door',
    suits: ['opening'],
    line: 'opening.ro.width',
    unit: 'unit',
    fields: ['unit'],
  },
] as const satisfies readonly Kind[];

const kindOf = (value: string): Kind => KINDS.find((kind) => kind.value === value) ?? KINDS[0];
const unitOf = ({ unit, metricUnit }: Kind, units: UnitSystem): string =>
  units === 'metric' ? (metricUnit ?? unit) : unit;
/** How the house writes lengths and money. */
type House = { units: UnitSystem; currency: Currency };

/** A product of one's own, by what its label says: the label wins over any starting figure. */
export function OwnProduct() {
  const [open, setOpen] = useState(false);
  return (
    <Section title="A product of your own">
      <Note>Its label wins over the figures we start with.</Note>
      {open ? (
        <Form onDone={() => setOpen(false)} />
      ) : (
        <Button className="self-start" label="Add a product" onPress={() => setOpen(true)} />
      )}
    </Section>
  );
}

const productFormSchema = (written: Written) =>
  z.object({
    kind: z.string(),
    name: wordsField('Give it the name on its label.', 120),
    price: sumField(written),
    lead: countField(0, 400, true, 'whole days'),
    shop: noteField,
    label: z.record(z.string(), z.union([z.string(), z.boolean()])),
  });
type ProductTyped = z.input<ReturnType<typeof productFormSchema>>;

const typedFor = (kind: string, written: House): Pick<ProductTyped, 'kind' | 'label'> => ({
  kind,
  label: { ...standardsOf(findCalculator(kind)?.fields ?? {}, written) },
});

function Form({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const { currency, units } = useAppSelector(selectProject);
  const house = { currency, units };
  const of = useKeptForm({
    name: 'own-product',
    schema: productFormSchema(useWritten()),
    initial: { ...typedFor(KINDS[0].value, house), name: '', price: '', lead: '0', shop: '' },
    onDone,
    onKeep: ({ kind: value, name, price, lead, shop = null, label: typed }) => {
      const kind = kindOf(value);
      const label = Object.fromEntries(
        Object.entries(rawOf(findCalculator(kind.value)?.fields ?? {}, typed, currency)).filter(
          ([field]) => kind.fields.includes(field),
        ),
      );
      const trial = findCalculator(kind.value)?.work(label, { room: null, units });
      if (trial && !trial.ok && trial.error.code === 'bad-field') {
        const unread = saySumError(trial.error);
        return { field: 'label', message: `${unread.path}: ${unread.reason}.` };
      }
      const { suits, line } = kind;
      const product = productSchema.parse({
        id: dispatch(freshId()),
        name,
        suits,
        sum: kind.value,
        fields: label,
        line,
        unit: unitOf(kind, units),
        price,
        leadDays: lead ?? 0,
        shop,
      });
      return dispatch(keep([{ type: 'productAdded', payload: product }], `Added ${product.name}.`));
    },
  });
  const kind = kindOf(useWatch({ control: of.form.control, name: 'kind' }));
  return (
    <FormCard of={of} title="A product of your own" action="Add this product">
      <ChoiceField
        name="kind"
        label="What is it"
        options={KINDS}
        onChosen={(value) => of.form.setValue('label', typedFor(value, house).label)}
      />
      <TextField name="name" label="Product name" />
      <View className="flex-row flex-wrap gap-3">
        <TextField
          name="price"
          className="min-w-[130px] flex-1"
          label={`Price of one ${unitOf(kind, units)}, ${currency}`}
        />
        <TextField name="lead" className="w-[110px]" label="Days on the way" numeric />
        <TextField name="shop" className="min-w-[130px] flex-1" label="Shop" />
      </View>
      <Label kind={kind} />
    </FormCard>
  );
}

/** What its label says: the fields of the sum it goes into. */
function Label({ kind }: { kind: Kind }) {
  const { field, fieldState } = useController<ProductTyped, 'label'>({ name: 'label' });
  return (
    <>
      <FieldsForm
        fields={findCalculator(kind.value)?.fields ?? {}}
        typed={field.value}
        only={kind.fields}
        onType={(name, value) => field.onChange({ ...field.value, [name]: value })}
      />
      {fieldState.error ? (
        <Note role="alert" className="text-brick">
          {fieldState.error.message}
        </Note>
      ) : null}
    </>
  );
}

import { useState } from 'react';
import { View } from 'react-native';
import { productSchema, type Product } from '@/core/house';
import { findSum, saySumError } from '@/core/takeoff';
import { parseMoney } from '@/core/units';
import { FieldsForm, rawOf, standardsOf, type Typed } from '@/features/sums';
import { freshId, keep, selectProject, selectWays, useAppDispatch, useAppSelector } from '@/store';
import { Button, Choice, Field, Note, Section, Strong, useKeeping } from '@/ui';

type Kind = {
  value: string;
  label: string;
  suits: Product['suits'];
  line: string;
  unit: string;
  /** The fields its label settles. */
  fields: readonly string[];
};

const KINDS: readonly Kind[] = [
  {
    value: 'paint',
    label: 'paint',
    suits: ['walls', 'ceiling'],
    line: 'paint.gallons',
    unit: 'gallon',
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
    fields: ['carton', 'waste'],
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
    fields: ['face', 'lengths'],
  },
  {
    value: 'opening',
    label: 'window or door',
    suits: ['opening'],
    line: 'opening.ro.width',
    unit: 'unit',
    fields: [],
  },
];

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

function Form({ onDone }: { onDone: () => void }) {
  const dispatch = useAppDispatch();
  const { currency } = useAppSelector(selectProject);
  const { numberStyle } = useAppSelector(selectWays);
  const [kind, setKind] = useState<Kind | undefined>(KINDS[0]);
  const [typed, setTyped] = useState<Typed>(() => standardsOf(findSum('paint')?.fields ?? {}));
  const [name, setName] = useState('');
  const [price, setPrice] = useState('');
  const [lead, setLead] = useState('0');
  const [shop, setShop] = useState('');
  const [faults, setFaults] = useState<Record<string, string>>({});
  const fields = findSum(kind?.value ?? '')?.fields ?? {};
  const choose = (value: string) => {
    setKind(KINDS.find((each) => each.value === value));
    setTyped(standardsOf(findSum(value)?.fields ?? {}));
  };
  const keeping = useKeeping({ kind, typed, name, price, lead, shop });
  const save = async () => {
    if (!kind) return;
    const cents = parseMoney(price, numberStyle);
    const days = Number(lead);
    const label = Object.fromEntries(
      Object.entries(rawOf(typed)).filter(([field]) => kind.fields.includes(field)),
    );
    const trial = findSum(kind.value)?.work(label, { room: null, units: 'imperial' });
    const unread =
      trial && !trial.ok && trial.error.code === 'bad-field' ? saySumError(trial.error) : null;
    const found = {
      ...(name.trim() === '' ? { name: 'Give it the name on its label.' } : {}),
      ...(cents.ok && cents.value >= 0
        ? {}
        : { price: `Give the price of one ${kind.unit}, such as 38.50.` }),
      ...(Number.isInteger(days) && days >= 0 && days <= 400
        ? {}
        : { lead: 'Give whole days from 0 to 400.' }),
      ...(unread ? { label: `${unread.path}: ${unread.reason}.` } : {}),
    };
    setFaults(found);
    if (Object.keys(found).length > 0 || !cents.ok) return;
    const product = productSchema.parse({
      id: dispatch(freshId()),
      name,
      suits: kind.suits,
      sum: kind.value,
      fields: label,
      line: kind.line,
      unit: kind.unit,
      price: cents.value,
      leadDays: days,
      shop: shop.trim() === '' ? null : shop,
    });
    await keeping(
      () => dispatch(keep([{ type: 'productAdded', payload: product }], `Added ${product.name}.`)),
      onDone,
    );
  };
  return (
    <View className="gap-3 rounded-board border border-spruce p-3">
      <Strong>What is it</Strong>
      <Choice label="What is it" value={kind?.value ?? ''} options={KINDS} onChange={choose} />
      <Field label="Product name" value={name} error={faults.name} onChangeText={setName} />
      <View className="flex-row flex-wrap gap-3">
        <Field
          className="min-w-[130px] flex-1"
          label={`Price of one ${kind?.unit ?? 'unit'}, ${currency}`}
          value={price}
          error={faults.price}
          onChangeText={setPrice}
        />
        <Field
          className="w-[110px]"
          label="Days on the way"
          inputMode="numeric"
          value={lead}
          error={faults.lead}
          onChangeText={setLead}
        />
        <Field className="min-w-[130px] flex-1" label="Shop" value={shop} onChangeText={setShop} />
      </View>
      <FieldsForm
        fields={fields}
        typed={typed}
        only={kind?.fields ?? []}
        onType={(field, value) => setTyped({ ...typed, [field]: value })}
      />
      {faults.label ? (
        <Note role="alert" className="text-brick">
          {faults.label}
        </Note>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button look="main" label="Add this product" onPress={() => void save()} />
        <Button label="Leave it" onPress={onDone} />
      </View>
    </View>
  );
}

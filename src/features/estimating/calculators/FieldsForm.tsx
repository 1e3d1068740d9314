import { View } from 'react-native';
import {
  askedFields,
  offeredIn,
  readField,
  sayFieldError,
  standardOf,
  type Field as SumField,
  type Fields,
} from '@/core/estimating/calculators';
import { cents, parseMoney, plainMoney, type Currency, type UnitSystem } from '@/core/units';
import { selectProject, useAppSelector } from '@/store';
import { Button, Choice, Field, Strong } from '@/ui';

export type Typed = Readonly<Record<string, string | boolean>>;

type Written = { units: UnitSystem; currency: Currency };

const isPrice = (field: SumField | undefined): boolean => field?.type === 'number' && !!field.money;

function standardText(field: SumField, { units, currency }: Written): string | boolean {
  const standard = standardOf(field, units);
  if (typeof standard === 'boolean') return standard;
  if (standard === undefined) return '';
  return isPrice(field) ? plainMoney(cents(Number(standard)), currency, true) : String(standard);
}

/** What stands in the form before anything is typed. */
export const standardsOf = (fields: Fields, written: Written): Typed =>
  Object.fromEntries(
    askedFields(fields, written.units).flatMap((name) => {
      const field = fields[name];
      return field ? [[name, standardText(field, written)]] : [];
    }),
  );

/** What a sum takes: an untouched empty text counts as left out, money is in its smallest coin. */
export const rawOf = (fields: Fields, typed: Typed, currency: Currency): Record<string, unknown> =>
  Object.fromEntries(
    Object.entries(typed)
      .filter(([, value]) => value !== '')
      .map(([name, value]) => [
        name,
        isPrice(fields[name]) ? inCoins(String(value), currency) : value,
      ]),
  );

/** What cannot be read stays as it was typed: the sum says so. */
function inCoins(text: string, currency: Currency): number | string {
  const read = parseMoney(text, 'point', currency);
  return read.ok ? read.value : text;
}

/** The fields of any sum, each by its kind; what cannot be read says so beside it. */
export function FieldsForm({
  fields,
  typed,
  only,
  onType,
}: {
  fields: Fields;
  typed: Typed;
  /** Only these, in this order; all when left out. */
  only?: readonly string[];
  onType: (name: string, value: string | boolean) => void;
}) {
  const { units, currency } = useAppSelector(selectProject);
  const asked = askedFields(fields, units);
  const names = only?.filter((name) => asked.includes(name)) ?? asked;
  return (
    <View className="flex-row flex-wrap gap-3">
      {names.map((name) => {
        const field = fields[name];
        return field ? (
          <One
            key={name}
            field={field}
            value={typed[name] ?? ''}
            written={{ units, currency }}
            onValue={(value) => onType(name, value)}
          />
        ) : null;
      })}
    </View>
  );
}

function One({
  field,
  value,
  written: { units, currency },
  onValue,
}: {
  field: SumField;
  value: string | boolean;
  written: Written;
  onValue: (value: string | boolean) => void;
}) {
  if (field.type === 'flag') {
    return (
      <Button
        look={value === true ? 'main' : 'plain'}
        label={field.label}
        hint={`${field.label}: ${value === true ? 'yes' : 'no'}`}
        onPress={() => onValue(value !== true)}
      />
    );
  }
  if (field.type === 'choice') {
    return (
      <View className="w-full gap-1">
        <Strong>{field.label}</Strong>
        <Choice
          label={field.label}
          value={String(value)}
          options={offeredIn(field, units).map((option) => ({ value: option, label: option }))}
          onChange={onValue}
        />
      </View>
    );
  }
  const read = readField(field, isPrice(field) ? inCoins(String(value), currency) : value, units);
  const called = (units === 'metric' && field.metricLabel) || field.label;
  const unit = isPrice(field) ? currency : 'unit' in field ? field.unit : '';
  return (
    <Field
      className={field.type === 'lengths' ? 'w-full' : 'min-w-[150px] flex-1'}
      label={unit ? `${called}, ${unit}` : called}
      value={String(value)}
      hint={field.hint}
      error={'error' in read ? `This ${sayFieldError(read.error)}.` : undefined}
      onChangeText={onValue}
    />
  );
}

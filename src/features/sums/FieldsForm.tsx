import { View } from 'react-native';
import { readField, sayFieldError, type Field as SumField, type Fields } from '@/core/takeoff';
import { Button, Choice, Field, Strong } from '@/ui';

export type Typed = Readonly<Record<string, string | boolean>>;

const standardText = (field: SumField): string =>
  field.type === 'flag' || field.default === undefined ? '' : String(field.default);

/** What stands in the form before anything is typed. */
export const standardsOf = (fields: Fields): Typed =>
  Object.fromEntries(
    Object.entries(fields).map(([name, field]) => [
      name,
      field.type === 'flag' ? false : standardText(field),
    ]),
  );

/** What a sum takes: an untouched empty text counts as left out. */
export const rawOf = (typed: Typed): Record<string, unknown> =>
  Object.fromEntries(Object.entries(typed).filter(([, value]) => value !== ''));

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
  const names = only ?? Object.keys(fields);
  return (
    <View className="flex-row flex-wrap gap-3">
      {names.map((name) => {
        const field = fields[name];
        return field ? (
          <One
            key={name}
            field={field}
            value={typed[name] ?? ''}
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
  onValue,
}: {
  field: SumField;
  value: string | boolean;
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
          options={field.options.map((option) => ({ value: option, label: option }))}
          onChange={onValue}
        />
      </View>
    );
  }
  const read = readField(field, value);
  const unit = field.type === 'number' && field.unit ? `, ${field.unit}` : '';
  return (
    <Field
      className={field.type === 'lengths' ? 'w-full' : 'min-w-[150px] flex-1'}
      label={`${field.label}${unit}`}
      value={String(value)}
      hint={field.hint}
      error={'error' in read ? `This ${sayFieldError(read.error)}.` : undefined}
      onChangeText={onValue}
    />
  );
}

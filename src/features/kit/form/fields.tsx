import { useContext, useState, type ReactNode } from 'react';
import { useController, useFormContext } from 'react-hook-form';
import { View } from 'react-native';
import { Button, Choice, Field, Small, Strong, Tick } from '@/ui';
import { SubmitContext } from './context';

type Common = { name: string; label: string; hint?: string };

/** A fault of what is not typed; that of a line of text stands under the line itself. */
function Fault({ text }: { text: string | undefined }) {
  return text ? (
    <Small role="alert" className="text-brick">
      {text}
    </Small>
  ) : null;
}

/** A line to type in. */
export function TextField({
  name,
  label,
  hint,
  placeholder,
  className = '',
  numeric = false,
}: Common & { placeholder?: string; className?: string; numeric?: boolean }) {
  const { control } = useFormContext();
  const { submit } = useContext(SubmitContext);
  const {
    field: { ref, value, onChange, onBlur },
    fieldState,
  } = useController({ control, name });
  return (
    <Field
      ref={ref}
      className={className}
      label={label}
      hint={hint}
      placeholder={placeholder}
      inputMode={numeric ? 'decimal' : undefined}
      value={String(value ?? '')}
      error={fieldState.error?.message}
      onChangeText={onChange}
      onBlur={onBlur}
      onSubmitEditing={submit}
    />
  );
}

type Option = { value: string; label: string; note?: string };

/** One of a few. */
export function ChoiceField({
  name,
  label,
  hint,
  options,
  tight,
  onChosen,
}: Common & {
  options: readonly Option[];
  tight?: boolean;
  /** What else the choice changes in the form. */
  onChosen?: (value: string) => void;
}) {
  const { control } = useFormContext();
  const { field, fieldState } = useController({ control, name });
  return (
    <View className="gap-1">
      <Strong>{label}</Strong>
      <Choice
        label={label}
        tight={tight}
        value={field.value as string}
        options={options}
        onChange={(value) => {
          field.onChange(value);
          onChosen?.(value);
        }}
      />
      {hint ? <Small>{hint}</Small> : null}
      <Fault text={fieldState.error?.message} />
    </View>
  );
}

/** Something that holds or does not. */
export function TickField({ name, label, hint }: Common) {
  const { control } = useFormContext();
  const { field } = useController({ control, name });
  return (
    <View className="items-start gap-1">
      <Tick label={label} on={field.value === true} onChange={field.onChange} />
      {hint ? <Small>{hint}</Small> : null}
    </View>
  );
}

/** So many are offered at once; a few letters more bring others. */
const OFFERED = 8;
const SEARCHED_FROM = 12;

function Finder({
  label,
  options,
  children,
}: {
  label: string;
  options: readonly Option[];
  children: (found: readonly Option[]) => ReactNode;
}) {
  const [search, setSearch] = useState('');
  const wanted = search.trim().toLowerCase();
  const isLong = options.length > SEARCHED_FROM;
  const found = isLong
    ? options.filter((option) => option.label.toLowerCase().includes(wanted)).slice(0, OFFERED)
    : options;
  return (
    <>
      {isLong ? (
        <Field
          label={`Find: ${label.toLowerCase()}`}
          placeholder="type to find it"
          value={search}
          onChangeText={setSearch}
        />
      ) : null}
      {children(found)}
      {found.length === 0 ? <Small>Nothing is called that.</Small> : null}
    </>
  );
}

/** One of many: what is chosen stands there, and the others open behind it. */
export function PickField({ name, label, hint, options }: Common & { options: readonly Option[] }) {
  const { control } = useFormContext();
  const { field, fieldState } = useController({ control, name });
  const [open, setOpen] = useState(false);
  const chosen = options.find(({ value }) => value === field.value);
  return (
    <View className="gap-1">
      <Strong>{label}</Strong>
      {open ? (
        <Finder label={label} options={options}>
          {(found) => (
            <Choice
              label={label}
              value={field.value as string}
              options={found}
              onChange={(value) => {
                field.onChange(value);
                setOpen(false);
              }}
            />
          )}
        </Finder>
      ) : (
        <Button
          className="self-start"
          label={chosen?.label ?? 'Choose'}
          hint={`${label}: ${chosen?.label ?? 'nothing chosen'}, change it`}
          onPress={() => setOpen(true)}
        />
      )}
      {hint ? <Small>{hint}</Small> : null}
      <Fault text={fieldState.error?.message} />
    </View>
  );
}

/** Any number of many: the chosen ones stand first, each taken out by a tap. */
export function ManyField({
  name,
  label,
  hint,
  options,
  add = 'Add one',
}: Common & { options: readonly Option[]; add?: string }) {
  const { control } = useFormContext();
  const { field, fieldState } = useController({ control, name });
  const [open, setOpen] = useState(false);
  const chosen = Array.isArray(field.value) ? (field.value as string[]) : [];
  const set = (value: string, on: boolean) =>
    field.onChange(on ? [...chosen, value] : chosen.filter((each) => each !== value));
  const labelOf = (value: string) =>
    options.find((option) => option.value === value)?.label ?? value;
  return (
    <View role="group" aria-label={label} className="gap-1">
      <Strong>{label}</Strong>
      <View className="flex-row flex-wrap gap-2">
        {chosen.map((value) => (
          <Tick key={value} label={labelOf(value)} on onChange={() => set(value, false)} />
        ))}
        {open ? null : (
          <Button
            label={add}
            hint={`${add}: ${label.toLowerCase()}`}
            onPress={() => setOpen(true)}
          />
        )}
      </View>
      {open ? (
        <Finder label={label} options={options.filter(({ value }) => !chosen.includes(value))}>
          {(found) => (
            <View className="flex-row flex-wrap gap-2">
              {found.map(({ value, label: words }) => (
                <Tick key={value} label={words} on={false} onChange={() => set(value, true)} />
              ))}
            </View>
          )}
        </Finder>
      ) : null}
      {hint ? <Small>{hint}</Small> : null}
      <Fault text={fieldState.error?.message} />
    </View>
  );
}

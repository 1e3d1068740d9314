import { useController, type Control, type FieldPath } from 'react-hook-form';
import { Field } from '@/ui';
import type { FieldFault, MeasureTyped } from './form';
import { faultWords } from './words';

/** A text of the measuring form with what is wrong with it. */
export function TypedField({
  control,
  faults,
  name,
  label,
  placeholder,
  className,
}: {
  control: Control<MeasureTyped>;
  faults: readonly FieldFault[];
  name: FieldPath<MeasureTyped>;
  label: string;
  placeholder?: string;
  className?: string;
}) {
  const { field } = useController({ control, name });
  return (
    <Field
      className={className}
      label={label}
      placeholder={placeholder}
      value={String(field.value ?? '')}
      onChangeText={field.onChange}
      error={faultWords(faults.find(({ path }) => path === name))}
    />
  );
}

import { forwardRef, useId } from 'react';
import { TextInput, View, type TextInputProps } from 'react-native';
import { Small, Strong } from './text';

type Props = Omit<TextInputProps, 'className'> & {
  label: string;
  /** What was understood, or how to write it. */
  hint?: string;
  error?: string;
  className?: string;
};

/** A labelled line to type in. The error stands under it; what was typed stays. */
export const Field = forwardRef<TextInput, Props>(function Field(
  { label, hint, error, className = '', ...input },
  ref,
) {
  const id = useId();
  const note = error ?? hint;
  return (
    <View className={`gap-1 ${className}`}>
      <Strong nativeID={`${id}-label`}>{label}</Strong>
      <TextInput
        ref={ref}
        aria-label={label}
        aria-invalid={error !== undefined}
        aria-describedby={note ? `${id}-note` : undefined}
        className={`min-h-target rounded-board border bg-paper px-3 py-2 font-sans text-body text-ink ${error ? 'border-brick' : 'border-soft'}`}
        {...input}
      />
      {note ? (
        <Small
          nativeID={`${id}-note`}
          role={error ? 'alert' : undefined}
          className={error ? 'text-brick' : ''}
        >
          {note}
        </Small>
      ) : null}
    </View>
  );
});

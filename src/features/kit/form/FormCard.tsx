import { useEffect, useRef, type ReactNode } from 'react';
import { FormProvider, type FieldValues } from 'react-hook-form';
import { View } from 'react-native';
import { Button, Note, Strong } from '@/ui';
import { SubmitContext } from './context';
import type { KeptForm } from './useKeptForm';

/** A form on its paper: Enter in a line keeps it, Escape leaves it, the first fault is brought into sight. */
export function FormCard<Typed extends FieldValues>({
  of: { form, submit, leave, isBack },
  title,
  action,
  plain = false,
  closing,
  children,
}: {
  of: KeptForm<Typed>;
  title: string;
  /** What keeps it; left out where `closing` stands in its place. */
  action?: string;
  /** Without a frame, where the section around it is one. */
  plain?: boolean;
  closing?: ReactNode;
  children?: ReactNode;
}) {
  const paper = useRef<View>(null);
  const { submitCount, isValid, errors } = form.formState;
  const faults = Object.keys(errors).length;
  useEffect(() => {
    if (submitCount === 0 || faults === 0) return;
    const here = paper.current as unknown as HTMLElement | null;
    here?.querySelector('[role="alert"]')?.scrollIntoView({ block: 'center' });
  }, [submitCount, faults, isValid]);
  useEffect(() => {
    const here = paper.current as unknown as HTMLElement | null;
    const keyed = (event: KeyboardEvent) => {
      if (event.key !== 'Escape' || !leave) return;
      event.stopPropagation();
      leave();
    };
    // React Native's fields keep their keys to themselves: they are heard on their way down.
    here?.addEventListener('keydown', keyed, true);
    return () => here?.removeEventListener('keydown', keyed, true);
  }, [leave]);
  return (
    <FormProvider {...form}>
      <SubmitContext.Provider value={{ submit, leave }}>
        <View
          ref={paper}
          role="form"
          aria-label={title}
          className={plain ? 'gap-3' : 'gap-3 rounded-board border border-spruce bg-paper p-3'}
        >
          {plain ? null : <Strong>{title}</Strong>}
          {isBack ? <Note>You left this half typed; it is as you typed it.</Note> : null}
          {children}
          {closing ?? (
            <View className="flex-row flex-wrap gap-2">
              <Button look="main" label={action ?? 'Keep it'} onPress={submit} />
              {leave ? (
                <Button label="Leave it" hint={`Leave it: ${title}`} onPress={leave} />
              ) : null}
            </View>
          )}
        </View>
      </SubmitContext.Provider>
    </FormProvider>
  );
}

import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { ScrollView, TextInput, View } from 'react-native';
import { loadDraft, saveDraft, useAppDispatch } from '@/store';
import { Button, Small } from '@/ui';
import { afterKeeping } from './after-keeping';

/** A line that survives a reload while it is typed. */
export function useDraftLine(draft: string) {
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  useEffect(() => {
    let unmounted = false;
    void dispatch(loadDraft(draft)).then((saved) => {
      if (!unmounted) setText((now) => (now === '' ? saved : now));
    });
    return () => {
      unmounted = true;
    };
  }, [dispatch, draft]);
  // What stands in the field now, for whoever waited and knows only what stood there before.
  const latest = useRef('');
  useLayoutEffect(() => {
    latest.current = text;
  });
  const type = (next: string) => {
    latest.current = next;
    setText(next);
    dispatch(saveDraft(draft, next));
  };
  /** Takes a kept line out of the field, and leaves what was typed meanwhile. True when nothing is left. */
  const takeOut = (kept: string): boolean => {
    const rest = afterKeeping(latest.current, kept);
    type(rest);
    return rest === '';
  };
  return { text, type, takeOut };
}

/** The docked strip: what the line will keep rises above it, and why it was not kept yet. */
export function Strip({
  label,
  placeholder,
  text,
  refusal,
  onType,
  onKeep,
  onFocus,
  children,
}: {
  label: string;
  placeholder: string;
  text: string;
  refusal: string | null;
  onType: (text: string) => void;
  onKeep: () => void;
  onFocus?: () => void;
  children: ReactNode;
}) {
  const typed = text.trim() !== '';
  return (
    <View role="region" aria-label="Log strip" className="print:hidden">
      {typed ? (
        <ScrollView
          className="max-h-[46vh] border-t border-line bg-ground"
          contentContainerClassName="p-4 gap-2"
        >
          {children}
          {refusal ? (
            <Small role="alert" className="text-brick">
              {refusal}
            </Small>
          ) : null}
        </ScrollView>
      ) : null}
      <View className="flex-row gap-2 bg-strip p-2 wide:px-6">
        <TextInput
          aria-label={label}
          placeholder={placeholder}
          value={text}
          onChangeText={onType}
          onSubmitEditing={onKeep}
          onFocus={onFocus}
          submitBehavior="submit"
          autoComplete="off"
          className="min-h-target flex-1 rounded-board bg-paper px-3 font-sans text-body text-ink"
        />
        <Button
          label="Keep"
          className="border-strip-line bg-paper"
          disabled={!typed}
          onPress={onKeep}
        />
      </View>
    </View>
  );
}

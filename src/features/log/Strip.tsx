import { useEffect, useState, type ReactNode } from 'react';
import { ScrollView, TextInput, View } from 'react-native';
import { loadDraft, saveDraft, useAppDispatch } from '@/store';
import { Button, Small } from '@/ui';

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
  const type = (next: string) => {
    setText(next);
    dispatch(saveDraft(draft, next));
  };
  return { text, type };
}

/** The docked strip: what the line will keep rises above it, and why it was not kept yet. */
export function Strip({
  label,
  placeholder,
  text,
  busy,
  refusal,
  onType,
  onKeep,
  children,
}: {
  label: string;
  placeholder: string;
  text: string;
  busy: boolean;
  refusal: string | null;
  onType: (text: string) => void;
  onKeep: () => void;
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
          submitBehavior="submit"
          autoComplete="off"
          className="min-h-target flex-1 rounded-board bg-paper px-3 font-sans text-body text-ink"
        />
        <Button
          label="Keep"
          className="border-strip-line bg-paper"
          disabled={!typed || busy}
          onPress={onKeep}
        />
      </View>
    </View>
  );
}

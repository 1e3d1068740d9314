import { useEffect, useLayoutEffect, useRef, useState, type ReactNode } from 'react';
import { ScrollView, Text, TextInput, View } from 'react-native';
import { loadDraft, saveDraft, useAppDispatch } from '@/store';
import { Button, Small } from '@/ui';
import { afterKeeping } from './after-keeping';
import type { Piece } from './marks';

/** A line that survives a reload while it is typed. */
export function useDraftLine(draft: string) {
  const dispatch = useAppDispatch();
  const [text, setText] = useState('');
  const [isLoading, setLoading] = useState(true);
  useEffect(() => {
    let unmounted = false;
    void dispatch(loadDraft(draft)).then((saved) => {
      if (unmounted) return;
      setText((now) => (now === '' ? saved : now));
      setLoading(false);
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
  return { text, isLoading, type, takeOut };
}

/** The docked strip: what the line will keep rises above it, and why it was not kept yet. */
export function Strip({
  label,
  placeholder,
  text,
  pieces = null,
  refusal,
  beside,
  onType,
  onKeep,
  onFocus,
  offers,
  children,
}: {
  label: string;
  placeholder: string;
  text: string;
  /** The same text with its words marked; null while it was not read yet. */
  pieces?: readonly Piece[] | null;
  refusal: string | null;
  /** Stands between the field and Keep: the camera. */
  beside?: ReactNode;
  onType: (text: string) => void;
  onKeep: () => void;
  onFocus?: () => void;
  /** What to begin with, while nothing is typed. */
  offers?: ReactNode;
  children: ReactNode;
}) {
  const typed = text.trim() !== '';
  return (
    <View role="region" aria-label="Log strip" className="print:hidden">
      {typed ? (
        <ScrollView
          className="max-h-[42vh] border-t border-line bg-ground"
          contentContainerClassName="px-3 py-2 gap-2"
        >
          {children}
          {refusal ? (
            <Small role="alert" className="text-brick">
              {refusal}
            </Small>
          ) : null}
        </ScrollView>
      ) : (
        offers
      )}
      <View className="flex-row items-end gap-2 bg-strip p-2 wide:px-6">
        <LineField
          label={label}
          placeholder={placeholder}
          text={text}
          pieces={pieces}
          onType={onType}
          onKeep={onKeep}
          onFocus={onFocus}
        />
        {beside}
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

/** Of the field and of the words that show behind it: they must break their lines alike. */
const WORDS = 'px-3 py-3 font-sans text-body leading-6';

/**
 * Grows with its text to five lines. Its own letters are clear: what shows are the same words behind it, marked. Enter
 * keeps, Shift and Enter break the line.
 */
function LineField({
  label,
  placeholder,
  text,
  pieces,
  onType,
  onKeep,
  onFocus,
}: {
  label: string;
  placeholder: string;
  text: string;
  pieces: readonly Piece[] | null;
  onType: (text: string) => void;
  onKeep: () => void;
  onFocus?: () => void;
}) {
  const isMarked = pieces !== null && pieces.map((piece) => piece.text).join('') === text;
  return (
    <View className="max-h-[144px] min-h-target min-w-0 flex-1 overflow-y-auto rounded-board bg-paper">
      <Text
        aria-hidden
        className={`${WORDS} whitespace-pre-wrap break-words text-ink ${text === '' ? 'opacity-0' : ''}`}
      >
        {isMarked
          ? pieces.map((piece, at) => (
              <Text key={at} className={piece.mark}>
                {piece.text}
              </Text>
            ))
          : text || ' '}
        {text.endsWith('\n') ? ' ' : ''}
      </Text>
      <TextInput
        aria-label={label}
        placeholder={placeholder}
        value={text}
        multiline
        onChangeText={onType}
        onKeyPress={(event) => {
          const { key, shiftKey } = event.nativeEvent as { key: string; shiftKey?: boolean };
          if (key !== 'Enter' || shiftKey) return;
          event.preventDefault();
          onKeep();
        }}
        onFocus={onFocus}
        submitBehavior="submit"
        autoComplete="off"
        className={`${WORDS} absolute inset-0 resize-none overflow-hidden text-transparent caret-ink placeholder:text-soft`}
      />
    </View>
  );
}

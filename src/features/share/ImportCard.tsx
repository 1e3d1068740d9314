import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { importHouse, useAppDispatch, type ImportError } from '@/store';
import { Body, Button, Note, Section } from '@/ui';
import { pickFile } from '@/features/photo';
import { importWords } from './words';

/** Opens a house from a file; one that is here already is replaced only after a second yes. */
export function ImportCard() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [error, setError] = useState<ImportError | 'unreadable' | null>(null);
  const [text, setText] = useState('');
  const take = async (file: string, replace: boolean) => {
    try {
      const result = await dispatch(importHouse(file, { replace }));
      if (result.ok) router.replace('/house');
      else setError(result.error);
    } catch {
      setError('unreadable');
    }
  };
  const choose = async () => {
    const file = await pickFile('.json,application/json');
    if (!file) return;
    setError(null);
    const content = await file.text();
    setText(content);
    await take(content, false);
  };
  const here = error !== null && error !== 'unreadable' && error.code === 'already-here';
  return (
    <Section title="Open a house from a file">
      <Note>It comes in beside the houses on this device; none is overwritten without a yes.</Note>
      <View className="flex-row">
        <Button label="Choose a file" onPress={() => void choose()} />
      </View>
      {error ? (
        <Body role="alert" className="text-brick">
          {error === 'unreadable'
            ? 'The house could not be kept: this device has no room left or refuses to write. Nothing changed.'
            : importWords(error)}
        </Body>
      ) : null}
      {here ? (
        <Button
          look="danger"
          label="Replace what is here with the file"
          onPress={() => void take(text, true)}
        />
      ) : null}
    </Section>
  );
}

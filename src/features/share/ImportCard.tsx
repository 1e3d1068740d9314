import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { countWords } from '@/core/units';
import { pickFile } from '@/features/photo';
import { importHouse, noticed, useAppDispatch, type ImportError } from '@/store';
import { Body, Button, Note, Section } from '@/ui';
import { importWords } from './words';

/** Opens a house from a file; one that is here already is replaced only after a second yes. */
export function ImportCard() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [error, setError] = useState<ImportError | null>(null);
  const [file, setFile] = useState<File | null>(null);
  const [share, setShare] = useState<number | null>(null);
  const take = async (chosen: File, replace: boolean) => {
    setError(null);
    setShare(0);
    const result = await dispatch(importHouse(chosen, { replace, onProgress: setShare })).catch(
      () => ({ ok: false as const, error: { code: 'refused' as const } }),
    );
    setShare(null);
    if (!result.ok) {
      setError(result.error);
      return;
    }
    const aside = result.value.setAside.length;
    if (aside > 0) {
      const many = countWords(aside, 'row');
      dispatch(
        noticed(
          `${many} of the file could not be read and went aside; the Journal shows what they say.`,
        ),
      );
    }
    router.replace('/house');
  };
  const choose = async () => {
    const chosen = await pickFile('.json,application/json');
    if (!chosen) return;
    setFile(chosen);
    await take(chosen, false);
  };
  return (
    <Section title="Open a house from a file">
      <Note>It comes in beside the houses on this device; none is overwritten without a yes.</Note>
      <View className="flex-row">
        <Button label="Choose a file" disabled={share !== null} onPress={() => void choose()} />
      </View>
      {share === null ? null : (
        <Note role="status">
          {share === 0 ? 'Reading the file…' : `Bringing it in: ${Math.round(share * 100)}%`}
        </Note>
      )}
      {error ? (
        <Body role="alert" className="text-brick">
          {importWords(error)}
        </Body>
      ) : null}
      {error?.code === 'already-here' && file ? (
        <Button
          look="danger"
          label="Replace what is here with the file"
          onPress={() => void take(file, true)}
        />
      ) : null}
    </Section>
  );
}

import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { countWords } from '@/core/units';
import { pickFile } from '@/features/kit/photo';
import { importHouse, noticed, toldOf, useAppDispatch, type ImportError } from '@/store';
import { bringInNew, compareFile, type Comparison } from '@/store/bring-in';
import { Body, Button, Note, Section } from '@/ui';
import { HereAlready } from './HereAlready';
import { importWords } from './words';

type Here = { file: File; comparison: Comparison };
type Way = Parameters<Parameters<typeof HereAlready>[0]['onChoose']>[0];
const REFUSED = { ok: false as const, error: { code: 'refused' as const } };

/** Opens a house from a file; where it is here already, one chooses what becomes of the two. */
export function ImportCard() {
  const dispatch = useAppDispatch();
  const router = useRouter();
  const [error, setError] = useState<ImportError | null>(null);
  const [here, setHere] = useState<Here | null>(null);
  const [share, setShare] = useState<number | null>(null);

  /** Says that it is on its way, and what came of it; the answer where it was taken. */
  const during = async <T,>(
    work: Promise<{ ok: true; value: T } | { ok: false; error: ImportError }>,
  ) => {
    setError(null);
    setShare(0);
    const result = await work.catch(() => REFUSED);
    setShare(null);
    if (result.ok) return result;
    setError(result.error);
    return undefined;
  };
  const open = async (file: File, how: { replace?: boolean; beside?: boolean }) => {
    const taken = await during(dispatch(importHouse(file, { ...how, onProgress: setShare })));
    if (!taken) return;
    const aside = taken.value.setAside.length;
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
  const bringIn = async (file: File) => {
    const brought = await during(dispatch(bringInNew(file)));
    if (!brought) return;
    const { acts, photos, unsettled } = brought.value;
    setHere(null);
    dispatch(
      toldOf(
        acts + photos === 0
          ? 'There was nothing new in the file.'
          : `Brought in: ${countWords(acts, 'change')}${photos > 0 ? ` and ${countWords(photos, 'photo')}` : ''}.`,
      ),
    );
    if (unsettled === 0) router.replace('/house');
  };
  const choose = async () => {
    const file = await pickFile('.zip,.json,application/json,application/zip');
    if (!file) return;
    setHere(null);
    const compared = await during(dispatch(compareFile(file)));
    if (!compared) return;
    if (compared.value) setHere({ file, comparison: compared.value });
    else await open(file, {});
  };
  const go = (file: File, way: Way) =>
    way === 'bring in' ? bringIn(file) : open(file, { [way]: true });
  return (
    <Section title="Open a house from a file">
      <Note>
        A file of this house brings in what is new on the other phone. Another house comes in beside
        it. Nothing is overwritten without a yes.
      </Note>
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
      {here ? (
        <HereAlready
          comparison={here.comparison}
          onChoose={(way) => void go(here.file, way)}
          onLeave={() => setHere(null)}
        />
      ) : null}
    </Section>
  );
}

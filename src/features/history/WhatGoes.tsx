import { View } from 'react-native';
import { sayEvent, type Names, type TakenBack } from '@/core/journal/history';
import type { JournalEvent } from '@/core/journal';
import { countWords } from '@/core/units';
import { Button, Note } from '@/ui';

const SHOWN = 6;

/** Some events as one sentence: "Measured Bath; Hang board: Bath; and 3 more". */
function listed(events: readonly JournalEvent[], names: Names): string {
  const said = events.slice(0, SHOWN).map((event) => sayEvent(event, names));
  const more = events.length - said.length;
  return [...said, ...(more > 0 ? [`and ${more} more`] : [])].join('; ');
}

/** What taking something back would change, before it is done. */
export function WhatGoes({
  taken,
  names,
  label,
  onYes,
  onNo,
}: {
  taken: TakenBack;
  names: Names;
  label: string;
  onYes: () => void;
  onNo: () => void;
}) {
  const { goes, comesBack, changes } = taken;
  return (
    <View role="group" aria-label="What taking it back does" className="gap-2">
      {changes ? null : (
        <Note className="text-ink">
          Nothing would change: something later says it anew, and that stands.
        </Note>
      )}
      {goes.length > 0 ? (
        <Note className="text-ink">
          {`With it goes what stands on it (${countWords(goes.length, 'change')}): ${listed(goes, names)}.`}
        </Note>
      ) : null}
      {comesBack.length > 0 ? (
        <Note className="text-ink">{`It counts again: ${listed(comesBack, names)}.`}</Note>
      ) : null}
      {changes && goes.length + comesBack.length === 0 ? (
        <Note className="text-ink">Nothing else hangs on it.</Note>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        {changes ? <Button look="main" label={label} onPress={onYes} /> : null}
        <Button label="Let it stand" onPress={onNo} />
      </View>
    </View>
  );
}

import { View } from 'react-native';
import type { BeforeClosing } from '@/core/records/walls';
import { Missing } from '@/features/records/walls';
import { Note, Strong } from '@/ui';

/** Why a job that closes walls cannot be ticked: what would be covered up, each with its way there. */
export function NotYet({ missing }: { missing: BeforeClosing }) {
  return (
    <View role="note" aria-label="Not yet" className="gap-2 rounded-board border border-brick p-3">
      <Strong>Not yet: it would cover up what nobody has recorded or passed.</Strong>
      <Missing {...missing} />
      <Note>
        Closed already? Say it in your evening’s line: it is kept, and told here as it is.
      </Note>
    </View>
  );
}

import { View } from 'react-native';
import { sayLoop } from '@/core/planning/explanation/loop';
import { selectPlanning, useAppSelector } from '@/store';
import { ButtonLink, Note, Strong } from '@/ui';
import type { PlanningError } from '@/workers/protocol';

function sentence(error: PlanningError): string {
  switch (error.code) {
    case 'loop':
      return `Some jobs wait for each other in a ring. ${sayLoop(error)} Take back one of the rules or jobs that are your own.`;
    case 'no-hours':
      return 'Nobody in this house has an hour a week for it yet. Give somebody hours under Settings.';
    case 'cuts':
    case 'broke-down':
      return 'Working out the order broke down. What you log is still kept; reload to try again.';
  }
}

/** Stands where a plan is missing or older than the last edit. Null when all is well. */
export function PlanState() {
  const { forecast, working, error } = useAppSelector(selectPlanning);
  if (error) {
    return (
      <View role="alert" className="gap-2 rounded-board border border-brick bg-brick-pale p-3">
        <Strong>
          {forecast ? 'The order below is the one before your last change' : 'No build order'}
        </Strong>
        <Note className="text-ink">{sentence(error)}</Note>
        {error.code === 'no-hours' ? <ButtonLink href="/settings" label="Set the hours" /> : null}
      </View>
    );
  }
  if (!forecast && working) {
    return (
      <View role="status">
        <Note>Working out the order…</Note>
      </View>
    );
  }
  return null;
}

import { useState } from 'react';
import {
  officeAnswers,
  type OfficeAnswer,
  type InspectionStatus,
} from '@/core/records/inspections';
import { formatDate } from '@/core/units';
import { selectToday, useAppSelector } from '@/store';
import { Button, Note, Section, Slip } from '@/ui';

/** The made-up building office of the demo: what it would say. It writes nothing down. */
export function Office({ rungs }: { rungs: readonly InspectionStatus[] }) {
  const today = useAppSelector(selectToday);
  const [answers, setAnswers] = useState<readonly OfficeAnswer[] | null>(null);
  return (
    <Section title="Ask the building office (simulated)">
      <Note>
        Made up, to show how it would be. Yours answers by telephone; write down here what it says.
      </Note>
      {answers === null ? (
        <Button
          className="self-start"
          label="Ask which it wants, and when it could come"
          onPress={() => setAnswers(officeAnswers(rungs, today))}
        />
      ) : (
        answers.map(({ jobId, title, isAsked, firstDay }) => (
          <Slip
            key={jobId}
            title={title}
            note={isAsked ? 'It wants to see this.' : 'It does not ask for this one.'}
            figure={isAsked ? formatDate(firstDay, today) : undefined}
            figureNote={isAsked ? 'first free day' : undefined}
          />
        ))
      )}
    </Section>
  );
}

import { z } from 'zod';
import type { PlainDate } from '@/core/units';
import { DayRow, FormCard, useDoneDay, useKeptForm } from '@/features/kit/form';
import { Note } from '@/ui';

/** Asks on which day something was done. */
export function DateAsk({
  name,
  question,
  onDate,
  onCancel,
}: {
  /** Of its draft: what is asked about. */
  name: string;
  question: string;
  /** Answers whether it was kept; `onCancel` follows then. */
  onDate: (date: PlainDate) => Promise<boolean>;
  onCancel: () => void;
}) {
  const of = useKeptForm({
    name: `day/${name}`,
    schema: z.object({ on: useDoneDay() }),
    initial: { on: '' },
    onDone: onCancel,
    onKeep: ({ on }) => onDate(on),
  });
  return (
    <FormCard plain of={of} title={question} closing={<DayRow />}>
      <Note className="text-ink">{question}</Note>
    </FormCard>
  );
}

import { useState } from 'react';
import type { PlannedJob } from '@/core/planning/report';
import type { Result } from '@/core/result';
import type { CalculatorError, Takeoff } from '@/core/estimating/calculators';
import { FindJob, after } from '@/features/job/story';
import { TryOut } from '@/features/planning/scenarios/whatif';
import { freshId, useAppDispatch } from '@/store';
import { Note, Section } from '@/ui';

/**
 * What does not go through is carried in before the way is closed: the answer of "Will it fit" becomes a rule between
 * the job it is for and the one that would shut it out.
 */
export function CarryIn({ result }: { result: Result<Takeoff, CalculatorError> }) {
  const dispatch = useAppDispatch();
  const [piece, setPiece] = useState<PlannedJob | null>(null);
  const [wish, setWish] = useState<ReturnType<typeof after> | null>(null);
  const stuck = result.ok ? result.value.lines.find(({ quantity }) => quantity === 0) : undefined;
  if (!stuck) return null;
  const close = (closing: PlannedJob) => {
    if (!piece) return;
    const because = `What “${piece.title}” needs does not go through: ${stuck.working}`;
    setWish(after(closing, piece, because.slice(0, MOST), dispatch(freshId())));
  };
  return (
    <Section title="Carry it in before the way is closed">
      <Note>
        It has to come in while there is still a way. Say which job it is for and which one closes
        the way, and the order keeps to it.
      </Note>
      <FindJob
        label="The job it is for"
        choiceLabel="It is for"
        value={piece?.id ?? null}
        onChoose={(job) => {
          setPiece(job);
          setWish(null);
        }}
      />
      {piece ? (
        <FindJob
          label="What would shut it out"
          choiceLabel="It would be shut out by"
          except={piece.id}
          onChoose={close}
        />
      ) : null}
      {wish ? (
        <TryOut
          key={wish.said}
          changes={wish.changes}
          said={wish.said}
          onDone={() => {
            setWish(null);
            setPiece(null);
          }}
        />
      ) : null}
    </Section>
  );
}

/** A reason holds so many letters. */
const MOST = 200;

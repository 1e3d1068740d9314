import type { Laid } from '@/core/estimating/finishes';
import { selectProject, useAppSelector } from '@/store';
import { Button, Section, Slip } from '@/ui';
import { laidWords } from './words';

export type Alternative = { id: string; title: string; laid: Laid | undefined };

/** The same surface done another way, each with what it takes, to choose by. */
export function Alternatives({
  options,
  chosen,
  what,
  onChoose,
}: {
  options: readonly Alternative[];
  chosen: string;
  what: string;
  onChoose: (id: string) => void;
}) {
  const { units } = useAppSelector(selectProject);
  return (
    <Section title="Another way" sum="compared">
      {options.map(({ id, title, laid }) => (
        <Slip
          key={id}
          state={id === chosen ? 'done' : 'ready'}
          title={title}
          note={laid ? laidWords(laid, what, units) : 'cannot be laid: no joint finds a place'}
        >
          {id === chosen || !laid ? null : (
            <Button
              look="quiet"
              className="self-start"
              label="Show it"
              hint={`Show it: ${title}`}
              onPress={() => onChoose(id)}
            />
          )}
        </Slip>
      ))}
    </Section>
  );
}

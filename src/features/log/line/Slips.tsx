import { useState, type ReactNode } from 'react';
import { Text, View } from 'react-native';
import { beforeClosing } from '@/core/records/walls';
import { effectOf, type Part, type Question } from '@/core/log/reader';
import type { Entry } from '@/core/house';
import { formatDate } from '@/core/units';
import {
  placeNameIn,
  selectJobsById,
  selectLedger,
  selectPlan,
  selectProject,
  selectToday,
  useAppSelector,
} from '@/store';
import { Button, Small, Strong } from '@/ui';
import { chipsOf } from './chips-of';
import { Chip, markOf, type Line } from '@/features/log/strip';
import { SlotChips } from './SlotChips';
import { choiceWords, effectWords, entryWords, jobPlace, jobTitle, questionWords } from './words';

/** What a line will make, as slips, with its open questions. Nothing is kept yet. */
export function Slips({ line }: { line: Line }) {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { reading } = line;
  if (!reading || reading.parts.length === 0) return null;
  return (
    <View className="gap-2" role="list" aria-label="What this line will keep">
      <Small>
        {reading.date === today
          ? 'For today'
          : `For ${formatDate(reading.date, project.house.firstDay)}`}
      </Small>
      {reading.parts.map((part, nth) =>
        part.question ? (
          <QuestionSlip key={part.question.id} question={part.question} line={line} nth={nth} />
        ) : part.entries.length > 0 ? (
          <PartSlip key={`${nth} ${part.about}`} part={part} line={line} nth={nth} />
        ) : (
          <LeftOut key={`${nth} ${part.about}`} part={part} line={line} />
        ),
      )}
    </View>
  );
}

/** One statement: a row for each entry, what it changes, and its slots to put right. */
function PartSlip({ part, line, nth }: { part: Part; line: Line; nth: number }) {
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const today = useAppSelector(selectToday);
  const [isOpen, setOpen] = useState(false);
  if (!line.context) return null;
  const known = { project, jobs };
  const chips = chipsOf(part, {
    context: line.context,
    today,
    currency: project.currency,
    ownKinds: project.ownKinds,
    jobLabel: (jobId) =>
      [jobTitle(jobId, known), jobPlace(jobId, known)].filter(Boolean).join(', '),
    placeLabel: (placeId) => placeNameIn(project, placeId as never),
  });
  const pick = (slot: string, value: string) => line.answer({ slot, about: part.about, value });
  return (
    <View className="gap-1 rounded-board border border-line bg-paper px-3 py-2">
      {rowsOf(part.entries).map((entries, at) => (
        <EntryRow
          key={at}
          entries={entries}
          mark={markOf(nth)}
          change={
            at > 0 || isOpen ? null : (
              <Button
                look="quiet"
                label="Change"
                hint={`Change: ${part.about}`}
                onPress={() => setOpen(true)}
              />
            )
          }
        />
      ))}
      {isOpen ? (
        <>
          <SlotChips chips={chips} onPick={pick} />
          <View className="flex-row flex-wrap gap-1">
            {part.kind === 'note' ? null : (
              <Chip label="Only a note" onPress={() => pick('kind', 'note')} />
            )}
            <Chip label="Leave it out" onPress={() => pick('kind', 'leave-out')} />
            <Chip label="Close" onPress={() => setOpen(false)} />
            {part.answered.map((slot) => (
              <Chip
                key={slot}
                label="Ask again"
                hint={`Ask again: ${slot}`}
                onPress={() => line.reopen(part.about, slot)}
              />
            ))}
          </View>
        </>
      ) : null}
    </View>
  );
}

/** Hours of several people on one thing share a row. */
function rowsOf(entries: readonly Entry[]): Entry[][] {
  const rows: Entry[][] = [];
  for (const entry of entries) {
    const last = rows.at(-1);
    const [first] = last ?? [];
    const isSame =
      first?.kind === 'hours' &&
      entry.kind === 'hours' &&
      first.jobId === entry.jobId &&
      first.placeId === entry.placeId &&
      first.on === entry.on;
    if (last && isSame) last.push(entry);
    else rows.push([entry]);
  }
  return rows;
}

/** The figures of a row: "2h each", or one after the other. */
function figuresOf(figures: readonly string[]): string {
  const [first = ''] = figures;
  if (figures.length < 2) return first;
  return figures.every((figure) => figure === first) ? `${first} each` : figures.join(' + ');
}

function EntryRow({
  entries,
  mark,
  change,
}: {
  entries: readonly Entry[];
  mark: string;
  change: ReactNode;
}) {
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const plan = useAppSelector(selectPlan);
  const ledger = useAppSelector(selectLedger);
  const today = useAppSelector(selectToday);
  const known = { project, jobs };
  const words = entries.map((entry) => entryWords(entry, known));
  const [first] = entries;
  if (!first) return null;
  const effect = effectOf(first, {
    plan,
    jobs,
    budgetLeft: ledger.budget?.left ?? null,
    unrecorded: (job) => (plan ? beforeClosing(project, plan, job).surfaces.length : 0),
  });
  const changed = entries.length > 1 ? null : effectWords(effect, known, today);
  const day = first.on ? formatDate(first.on, today) : null;
  // Names first, then where: of several people on one thing the room is the same.
  const parts = words.map(({ note }) => note.split(' · '));
  const names = entries.length > 1 ? parts.map(([name]) => name).join(' and ') : parts[0]?.[0];
  const notes = [day, names, ...(parts[0]?.slice(1) ?? []), changed];
  return (
    <View role="listitem">
      <View className="flex-row items-baseline gap-3">
        <Text className={`min-w-0 flex-1 font-strong text-body text-ink ${mark}`}>
          {words[0]?.title}
        </Text>
        <Strong className="text-right">{figuresOf(words.map(({ figure }) => figure))}</Strong>
      </View>
      <View className="flex-row items-center gap-3">
        <Small className="min-w-0 flex-1">{notes.filter(Boolean).join(' · ')}</Small>
        {change}
      </View>
    </View>
  );
}

function QuestionSlip({ question, line, nth }: { question: Question; line: Line; nth: number }) {
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  return (
    <View
      role="listitem"
      className="gap-2 rounded-board border border-straw-deep bg-straw-pale p-3"
    >
      <Text className={`font-strong text-body text-ink ${markOf(nth)}`}>
        {questionWords(question)}
      </Text>
      <View className="flex-row flex-wrap gap-2">
        {question.choices.map((choice, at) => (
          <Button
            key={at}
            label={choiceWords(choice.label, { project, jobs })}
            onPress={() => line.answer(choice.answer)}
          />
        ))}
      </View>
    </View>
  );
}

/** What the owner left out stays in sight, and may come back. */
function LeftOut({ part, line }: { part: Part; line: Line }) {
  return (
    <View className="flex-row flex-wrap items-center gap-2">
      <Small>{`Left out: “${part.about}”`}</Small>
      <Chip
        label="Take it in again"
        hint={`Take in again: ${part.about}`}
        onPress={() => line.reopen(part.about, 'kind')}
      />
    </View>
  );
}

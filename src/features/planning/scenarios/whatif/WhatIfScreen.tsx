import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { everyChange } from '@/core/planning/scenarios/compare/forward';
import { planningInputOf, type Project } from '@/core/house';
import { applyEvent, type EventBodyOf } from '@/core/journal';
import { DatedDaysForm } from '@/features/kit/dated';
import { Page, PlanState } from '@/features/shell';
import { selectPlan, selectProject, useAppSelector } from '@/store';
import { Button, ButtonLink, Choice, Empty, Field, Note, Section } from '@/ui';
import { TryOut } from './TryOut';

type Thought = { id: string; title: string; changes: readonly EventBodyOf[] };

const OFFERED = 8;

/** Change something, see the difference side by side, keep or drop it. Nothing is kept before you say so. */
export function WhatIfScreen() {
  const plan = useAppSelector(selectPlan);
  const project = useAppSelector(selectProject);
  const [thoughts, setThoughts] = useState<readonly Thought[]>([]);
  const changes = useMemo(() => thoughts.flatMap((thought) => thought.changes), [thoughts]);
  // Later thoughts stand on earlier ones: two evenings more are two, not one.
  const house = useMemo(
    () => changes.reduce<Project>((each, change) => applyEvent(each, change) ?? each, project),
    [project, changes],
  );
  const think = (thought: Thought) => setThoughts((before) => [...before, thought]);
  const thoughtOf = useMemo(() => new Set(thoughts.map(({ id }) => id)), [thoughts]);
  return (
    <Page title="What if">
      <PlanState />
      {thoughts.length > 0 ? (
        <Section title="What you are thinking of">
          {thoughts.map((thought, at) => (
            <View key={`${at} ${thought.id}`} className="flex-row flex-wrap items-center gap-3">
              <Note className="flex-1 text-ink">{thought.title}</Note>
              {at === thoughts.length - 1 ? (
                <Button
                  look="quiet"
                  label="Take it out"
                  hint={`Take it out: ${thought.title}`}
                  onPress={() => setThoughts((before) => before.slice(0, -1))}
                />
              ) : null}
            </View>
          ))}
          <TryOut
            changes={changes}
            said={thoughts.map(({ title }) => title).join('; ')}
            onDone={() => setThoughts([])}
          />
        </Section>
      ) : (
        <Empty
          title="Nothing is changed yet"
          note="Choose what you are thinking of; the house is planned with it beside the house as it stands."
        />
      )}
      <ButtonLink
        look="quiet"
        className="self-start"
        href="/schools"
        label="Where builders disagree: the schools, one by one"
      />
      {plan ? <Changes house={house} thoughtOf={thoughtOf} onThink={think} /> : null}
      <Section title="Days that differ from your week">
        <DatedDaysForm
          people={house.people}
          label="Think of it"
          onDays={(changed, title) => {
            think({ id: 'days', title, changes: [changed] });
            return Promise.resolve(true);
          }}
        />
      </Section>
    </Page>
  );
}

/** An evening more can be thought of twice; a job is hired out, or a thing ordered, once. */
const REPEATS = /^evening:/;

function Changes({
  house,
  thoughtOf,
  onThink,
}: {
  house: Project;
  thoughtOf: ReadonlySet<string>;
  onThink: (thought: Thought) => void;
}) {
  const plan = useAppSelector(selectPlan);
  const [search, setSearch] = useState('');
  const offered = useMemo(
    () =>
      (plan ? everyChange(planningInputOf(house), plan) : []).filter(
        ({ id }) => REPEATS.test(id) || !thoughtOf.has(id),
      ),
    [house, plan, thoughtOf],
  );
  const words = search.trim().toLowerCase();
  const found = offered.filter(({ title }) => title.toLowerCase().includes(words));
  return (
    <Section title="What would you change" sum={`${offered.length} to choose from`}>
      <Field
        label="Find a change"
        placeholder="evening, hire, after moving in, order, floors"
        value={search}
        onChangeText={setSearch}
      />
      <Choice
        label="Change"
        value={null}
        options={found
          .slice(0, OFFERED)
          .map(({ id, title, givesUp }) => ({ value: id, label: title, note: givesUp }))}
        onChange={(id) => {
          const chosen = offered.find((option) => option.id === id);
          if (chosen) onThink({ id, title: chosen.title, changes: chosen.changes });
        }}
      />
      {found.length > OFFERED ? (
        <Note>{`And ${found.length - OFFERED} more: type a word to find them.`}</Note>
      ) : null}
      {found.length === 0 ? <Note>No change is called that.</Note> : null}
    </Section>
  );
}

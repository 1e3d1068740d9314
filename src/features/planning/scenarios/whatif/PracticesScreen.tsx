import { useMemo, useState } from 'react';
import { View } from 'react-native';
import {
  PRACTICES,
  answerEvent,
  answerOf,
  type PracticeAnswer,
  type Practice,
} from '@/core/trade/practices';
import { Page, PlanState } from '@/features/shell';
import { selectProject, useAppSelector } from '@/store';
import { ButtonLink, Choice, Note, Section, Small } from '@/ui';
import { TryOut } from './TryOut';

/** Where good builders disagree: each question with its answers, and what moves when another one is chosen. */
export function PracticesScreen() {
  return (
    <Page title="Where builders disagree">
      <PlanState />
      <Note>
        Each of these can be done either way by people who know their trade. Choose another way and
        see what moves before you keep it.
      </Note>
      {PRACTICES.map((practice) => (
        <OneSchool key={practice.id} practice={practice} />
      ))}
      <Section title="One thing at a time">
        <Note>
          Brace or replace what fails, cover or strip what is dated but sound, renovate on or build
          new: these are weighed for one thing at a time, by all they cost, take and give up.
        </Note>
        <ButtonLink className="self-start" href="/compare" label="Weigh it up" />
      </Section>
    </Page>
  );
}

function OneSchool({ practice }: { practice: Practice }) {
  const project = useAppSelector(selectProject);
  const current = answerOf(project, practice.id);
  const [thought, setThought] = useState<PracticeAnswer | null>(null);
  const changes = useMemo(
    () => (thought === null ? [] : [answerEvent(practice.id, thought)]),
    [practice.id, thought],
  );
  const shown = practice.answers.find(({ id }) => id === (thought ?? current));
  const usual = practice.answers.find(({ id }) => id === practice.usual(project));
  return (
    <Section title={practice.question}>
      <Choice
        label={practice.question}
        value={thought ?? current}
        options={practice.answers.map(({ id, title }) => ({
          value: id,
          label: title,
          ...(id === current ? { note: 'your way now' } : {}),
        }))}
        onChange={(next) => setThought(next === current ? null : next)}
      />
      {shown ? <Note className="text-ink">{shown.because}</Note> : null}
      {usual ? (
        <Small>{`Usual here: ${usual.title.toLowerCase()}. ${practice.usualBecause}`}</Small>
      ) : null}
      {thought !== null && shown ? (
        <View>
          <TryOut
            key={thought}
            changes={changes}
            said={shown.title}
            onDone={() => setThought(null)}
          />
        </View>
      ) : null}
    </Section>
  );
}

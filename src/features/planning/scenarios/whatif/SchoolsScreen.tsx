import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { SCHOOLS, answerEvent, answerOf, type Answer, type School } from '@/core/trade/practices';
import { Page, PlanState } from '@/features/shell';
import { selectProject, useAppSelector } from '@/store';
import { ButtonLink, Choice, Note, Section, Small } from '@/ui';
import { TryOut } from './TryOut';

/** Where good builders disagree: each question with its answers, and what moves when another one is chosen. */
export function SchoolsScreen() {
  return (
    <Page title="Where builders disagree">
      <PlanState />
      <Note>
        Each of these can be done either way by people who know their trade. Choose another way and
        see what moves before you keep it.
      </Note>
      {SCHOOLS.map((school) => (
        <OneSchool key={school.id} school={school} />
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

function OneSchool({ school }: { school: School }) {
  const project = useAppSelector(selectProject);
  const current = answerOf(project, school.id);
  const [thought, setThought] = useState<Answer | null>(null);
  const changes = useMemo(
    () => (thought === null ? [] : [answerEvent(school.id, thought)]),
    [school.id, thought],
  );
  const shown = school.answers.find(({ id }) => id === (thought ?? current));
  const usual = school.answers.find(({ id }) => id === school.usual(project));
  return (
    <Section title={school.question}>
      <Choice
        label={school.question}
        value={thought ?? current}
        options={school.answers.map(({ id, title }) => ({
          value: id,
          label: title,
          ...(id === current ? { note: 'your way now' } : {}),
        }))}
        onChange={(next) => setThought(next === current ? null : next)}
      />
      {shown ? <Note className="text-ink">{shown.because}</Note> : null}
      {usual ? (
        <Small>{`Usual here: ${usual.title.toLowerCase()}. ${school.usualBecause}`}</Small>
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

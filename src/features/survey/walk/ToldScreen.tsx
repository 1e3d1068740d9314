import { View } from 'react-native';
import type { Survey } from '@/core/house';
import { salvageOf, walkThrough, type PlaceWalk } from '@/core/survey/walk/summary';
import { Photos } from '@/features/kit/photo';
import { Page } from '@/features/shell';
import { ELEMENT_NAMES, SUSPICION_NAMES, surveyWords } from '@/features/survey/names';
import { placeNameIn, selectProject, useAppSelector } from '@/store';
import { Button, ButtonLink, Empty, Note, Section, Slip, Strong } from '@/ui';
import { ThenAndNow } from './ThenAndNow';
import { walkWords } from './words';

/** The walk read back, place by place; made to be printed too. */
export function ToldScreen() {
  const project = useAppSelector(selectProject);
  const walks = walkThrough(project).filter(({ left, elements }) => left.length < elements.length);
  const salvage = salvageOf(project);
  const count = (of: (walk: PlaceWalk) => number) => walks.reduce((sum, walk) => sum + of(walk), 0);
  return (
    <Page title="What the walk told">
      {walks.length === 0 ? (
        <Empty
          title="Nothing is walked yet"
          note="What stays, what goes, what is undecided and what to open first will stand here."
        >
          <ButtonLink look="main" href="/walk" label="Walk the house" />
        </Empty>
      ) : (
        <>
          <Strong>
            {`${count(({ stays }) => stays.length)} things stay, ${count(({ goes }) => goes.length)} go, ${count(({ undecided }) => undecided.length)} undecided, ${count(({ openFirst }) => openFirst.length)} to open up first.`}
          </Strong>
          <View className="flex-row flex-wrap gap-2 print:hidden">
            <Button label="Print it" onPress={() => window.print()} />
            <ButtonLink href="/walk" label="Back to the walk" />
          </View>
          {walks.map((walk) => (
            <Section key={walk.place.id} title={walk.place.name} sum={walkWords(walk)}>
              <Told
                title="Open up first"
                surveys={walk.openFirst.map(({ survey }) => survey)}
                frightening
              />
              <Told title="Undecided" surveys={walk.undecided} />
              <Told title="Goes, moves or is replaced" surveys={walk.goes} />
              <Told title="Stays" surveys={walk.stays} />
            </Section>
          ))}
          <ThenAndNow />
          {salvage.length > 0 ? (
            <Section title="Kept to use again">
              {salvage.map(({ surveyId, what, size, placeId }) => (
                <Slip
                  key={surveyId}
                  title={what}
                  note={`from ${placeNameIn(project, placeId)}`}
                  figure={size ?? 'size not taken'}
                />
              ))}
            </Section>
          ) : null}
        </>
      )}
    </Page>
  );
}

function Told({
  title,
  surveys,
  frightening = false,
}: {
  title: string;
  surveys: readonly Survey[];
  frightening?: boolean;
}) {
  if (surveys.length === 0) return null;
  return (
    <View>
      <Note>{title}</Note>
      {surveys.map((survey) => (
        <View key={survey.element} className="border-b border-line py-1">
          <Strong>{ELEMENT_NAMES[survey.element]}</Strong>
          <Photos
            placeId={survey.placeId}
            element={survey.element}
            about={ELEMENT_NAMES[survey.element].toLowerCase()}
            take={false}
          />
          <Note className="text-ink">
            {frightening && survey.suspicion
              ? `suspected: ${SUSPICION_NAMES[survey.suspicion]}`
              : surveyWords(survey)}
          </Note>
        </View>
      ))}
    </View>
  );
}

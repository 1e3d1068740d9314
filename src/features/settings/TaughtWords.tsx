import { View } from 'react-native';
import type { Meaning, Project } from '@/core/house';
import { keep, selectJobs, useAppDispatch, useAppSelector } from '@/store';
import { Button, Note, Section, Slip } from '@/ui';

/** What the log was taught: nicknames and own words, each to be forgotten again. */
export function TaughtWords({ project }: { project: Project }) {
  const dispatch = useAppDispatch();
  const jobs = useAppSelector(selectJobs);
  const words = Object.entries(project.taught);
  const stands = ({ is, of }: Meaning): string => {
    if (is === 'nothing') return 'not to be learned';
    if (is === 'person') return project.people.find(({ id }) => id === of)?.name ?? 'somebody gone';
    if (is === 'place') return project.places[of]?.name ?? 'a room since removed';
    if (is === 'job') return jobs.find(({ stepId }) => stepId === of)?.title ?? of;
    return of;
  };
  return (
    <Section title="Words the log learned" sum={words.length === 0 ? '' : `${words.length}`}>
      {words.length === 0 ? (
        <Note>None yet. Say “the bakehouse is the kitchen” in the strip, and it is offered.</Note>
      ) : null}
      <View className="gap-2">
        {words.map(([word, means]) => (
          <Slip key={word} title={`“${word}”`} note={stands(means)}>
            <Button
              look="quiet"
              className="self-start"
              label="Forget it"
              hint={`Forget “${word}”`}
              onPress={() =>
                void dispatch(
                  keep([{ type: 'wordForgotten', payload: { word } }], `Forgot “${word}”.`),
                )
              }
            />
          </Slip>
        ))}
      </View>
    </Section>
  );
}

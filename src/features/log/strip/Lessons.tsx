import { View } from 'react-native';
import type { Lesson } from '@/core/log/reader';
import { keep, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Small } from '@/ui';

/** What a kept line may teach, offered once: to be learned, or never asked again. */
export function Lessons({
  lessons,
  onSettled,
}: {
  lessons: readonly Lesson[];
  onSettled: (word: string) => void;
}) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const stands = ({ is, of }: Lesson['means']): string => {
    if (is === 'person') return project.people.find(({ id }) => id === of)?.name ?? of;
    return is === 'place' ? (project.places[of]?.name ?? of) : 'that job';
  };
  const teach = async ({ word, means }: Lesson, isWanted: boolean) => {
    const learned = isWanted ? means : { is: 'nothing' as const, of: 'nothing' };
    const kept = await dispatch(
      keep(
        [{ type: 'wordTaught', payload: { word, means: learned } }],
        isWanted ? `“${word}” is ${stands(means)} from now on.` : `“${word}” is not learned.`,
      ),
    );
    if (kept) onSettled(word);
  };
  return (
    <View
      role="group"
      aria-label="To be learned"
      className="gap-2 border-t border-line bg-ground p-3"
    >
      {lessons.map((lesson) => (
        <View key={lesson.word} className="flex-row flex-wrap items-center gap-2">
          <Small className="min-w-0 flex-1">{`From now on, is “${lesson.word}” ${stands(lesson.means)}?`}</Small>
          <Button
            label="Yes, always"
            hint={`Yes, “${lesson.word}” always`}
            onPress={() => void teach(lesson, true)}
          />
          <Button
            look="quiet"
            label="No"
            hint={`No, not “${lesson.word}”`}
            onPress={() => void teach(lesson, false)}
          />
        </View>
      ))}
    </View>
  );
}

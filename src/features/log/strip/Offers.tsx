import { ScrollView, View } from 'react-native';
import { placeOf, selectJobs, selectProject, useAppSelector } from '@/store';
import { Chip } from './Chip';

const MOST = 4;

/** What an evening usually begins with: the jobs under way, and the same once more. One tap and a time. */
export function Offers({ onPick }: { onPick: (line: string) => void }) {
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobs);
  const underWay = jobs.filter(({ state }) => state === 'in-hand').slice(0, MOST);
  const hasDays = Object.keys(project.days).length > 0;
  if (underWay.length === 0 && !hasDays) return null;
  return (
    <ScrollView
      horizontal
      keyboardShouldPersistTaps="handled"
      className="border-t border-line bg-ground"
      contentContainerClassName="gap-1 p-2"
    >
      <View role="group" aria-label="Begin with" className="flex-row gap-1">
        {underWay.map((job) => {
          const said = `${job.title.toLowerCase()} ${placeOf(project, job).toLowerCase()}`;
          return <Chip key={job.id} label={`2h ${said}`} onPress={() => onPick(`2h ${said}`)} />;
        })}
        {hasDays ? (
          <Chip label="Same as yesterday" onPress={() => onPick('same as yesterday')} />
        ) : null}
      </View>
    </ScrollView>
  );
}

import { View } from 'react-native';
import { placeIdSchema } from '@/core/house';
import { conflictsOf } from '@/core/survey/scope';
import { walkThrough, type PlaceWalk } from '@/core/survey/walk/summary';
import { findWork } from '@/core/trade/steps/works';
import { Page, PlanState } from '@/features/shell';
import { ELEMENT_NAMES } from '@/features/survey/names';
import { keep, placeNameIn, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { ButtonLink, Columns, Empty, Section, Slip } from '@/ui';
import { Sortable } from '@/ui/drag/lazy';
import { Demands } from './Demands';
import { DroppedWork } from './DroppedWork';
import { OpenFirst } from './OpenFirst';
import { Undecided } from './Undecided';
import { walkWords } from './words';

/** The walk through all places, in an order of one's own, and what it has told so far. */
export function WalkScreen() {
  const project = useAppSelector(selectProject);
  const walks = walkThrough(project);
  const left = walks.filter(({ left: unseen }) => unseen.length > 0);
  const next = left[0];
  if (walks.length === 0) {
    return (
      <Page title="Walk the house">
        <Empty title="The walk goes through your places" note="Add the first one; then walk it.">
          <ButtonLink look="main" href="/house/new" label="Add a room" />
        </Empty>
      </Page>
    );
  }
  return (
    <Page title={left.length === 0 ? 'Every place is walked' : 'Walk the house'}>
      <PlanState />
      <View className="flex-row flex-wrap gap-2">
        {next ? (
          <ButtonLink
            look="main"
            href={`/walk/${next.place.id}`}
            label={`${next.left.length === next.elements.length ? 'Walk' : 'Go on in'} ${next.place.name}`}
          />
        ) : null}
        <ButtonLink href="/walk/told" label="Read the walk back" />
        <ButtonLink href="/compare" label="Weigh it up" />
      </View>
      <Columns>
        <View className="gap-5">
          <Route walks={walks} />
          <Demands />
        </View>
        <View className="gap-5">
          <Exclusions />
          <OpenFirst />
          <Undecided />
          <DroppedWork />
        </View>
      </Columns>
    </Page>
  );
}

function Route({ walks }: { walks: readonly PlaceWalk[] }) {
  const dispatch = useAppDispatch();
  const seen = walks.filter(({ left }) => left.length === 0).length;
  return (
    <Section title="In walking order" sum={`${seen} of ${walks.length} places done`}>
      <Sortable
        label="Places in walking order"
        items={walks.map((walk) => ({ id: walk.place.id, name: walk.place.name, walk }))}
        onOrder={(ids) =>
          void dispatch(
            keep(
              [
                {
                  type: 'walkOrdered',
                  payload: { order: ids.map((id) => placeIdSchema.parse(id)) },
                },
              ],
              'Changed the walking order.',
            ),
          )
        }
      >
        {({ walk }) => (
          <Slip
            title={walk.place.name}
            note={walkWords(walk)}
            figure={`${walk.elements.length - walk.left.length}/${walk.elements.length}`}
            href={`/walk/${walk.place.id}`}
          />
        )}
      </Sortable>
    </Section>
  );
}

/** Two decisions of which one takes away what the other makes good, with the ways out. */
function Exclusions() {
  const project = useAppSelector(selectProject);
  const conflicts = conflictsOf(project);
  if (conflicts.length === 0) return null;
  return (
    <Section title="These exclude each other" sum={`${conflicts.length}`}>
      {conflicts.map(({ placeId, element, takes, relies }) => (
        <Slip
          key={`${placeId}${takes.workId}${relies.workId}`}
          state="held"
          title={`${placeNameIn(project, placeId)}, ${ELEMENT_NAMES[element].toLowerCase()}`}
          note={`“${findWork(takes.workId)?.title}” takes away what “${findWork(relies.workId)?.title}” makes good. Change the decision, or drop one of the two works in the room.`}
          href={`/walk/${placeId}`}
        />
      ))}
    </Section>
  );
}

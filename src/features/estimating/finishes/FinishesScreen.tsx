import { View } from 'react-native';
import { openingsOf, slotsAsked } from '@/core/estimating/finishes';
import { openingSlot, type Place } from '@/core/house';
import { Page, PlanState } from '@/features/shell';
import { selectJobs, selectPlaces, selectProject, useAppSelector } from '@/store';
import { ButtonLink, Columns, Empty, Note } from '@/ui';
import { OwnProduct } from './OwnProduct';
import { SlotChooser } from './SlotChooser';
import { openingName, slotName } from './words';

/** What each surface and opening of a room gets: chosen once, it becomes quantities, orders and dates. */
export function FinishesScreen({ placeId }: { placeId: string }) {
  const place = useAppSelector(selectPlaces).find(({ id }) => id === placeId);
  if (!place) {
    return (
      <Page title="No such place">
        <Empty title="This place is not in the house" note="It may have been removed.">
          <ButtonLink href="/house" label="Back to the house" />
        </Empty>
      </Page>
    );
  }
  return <Choosing place={place} />;
}

function Choosing({ place }: { place: Place }) {
  const project = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobs).filter(({ placeId }) => placeId === place.id);
  const slots = slotsAsked(jobs.flatMap(({ stepId }) => stepId ?? []));
  const openings = (['window', 'door'] as const).flatMap((kind) =>
    openingsOf(project, place, kind),
  );
  const measured = project.measured[place.id] !== undefined;
  return (
    <Page title={`Finishes, ${place.name}`}>
      <PlanState />
      {measured ? null : (
        <View className="flex-row flex-wrap items-center gap-3">
          <Note className="flex-1">
            This room stands at quick sizes: quantities are as good as those. Walk it with the tape
            before you order.
          </Note>
          <ButtonLink href={`/measure/${place.id}`} label="Measure it" />
        </View>
      )}
      {slots.length + openings.length === 0 ? (
        <Empty
          title="No finish is asked for here"
          note="Choose works for the room, such as a new floor or a repaint; their finishes are chosen here."
        >
          <ButtonLink look="main" href={`/house/${place.id}`} label="To the room" />
        </Empty>
      ) : null}
      <Columns>
        <View className="gap-6">
          {slots.map((slot) => (
            <SlotChooser key={slot} place={place} slot={slot} title={slotName(slot)} />
          ))}
        </View>
        <View className="gap-6">
          {openings.map(({ index, opening }) => (
            <SlotChooser
              key={index}
              place={place}
              slot={openingSlot(index)}
              title={openingName(opening, index, project.units)}
            />
          ))}
          <OwnProduct />
        </View>
      </Columns>
      <ButtonLink
        look="quiet"
        className="self-start"
        href={`/house/${place.id}`}
        label={`Back to ${place.name}`}
      />
    </Page>
  );
}

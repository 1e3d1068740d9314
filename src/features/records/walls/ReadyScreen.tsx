import { useState } from 'react';
import { View } from 'react-native';
import { closedUnrecorded, readiness, type Closing, type Readiness } from '@/core/records/walls';
import { surfaceTitle } from '@/core/house';
import { countWords } from '@/core/units';
import { whenWords } from '@/features/job';
import { Page, PlanState } from '@/features/shell';
import { selectPlan, selectProject, selectToday, useAppSelector } from '@/store';
import { ButtonLink, Choice, Empty, Note, Section, Slip, Strong } from '@/ui';
import { Missing } from './Missing';

const WHATS: { value: Closing; label: string }[] = [
  { value: 'insulates', label: 'The insulators' },
  { value: 'board', label: 'The board' },
];

/** Room by room, what is missing before walls may be closed. */
export function ReadyScreen() {
  const [what, setWhat] = useState<Closing>('insulates');
  return (
    <Page title="Ready to close the walls?">
      <PlanState />
      <View className="gap-4">
        <Choice label="Ready for" tight value={what} options={WHATS} onChange={setWhat} />
        <Rooms what={what} />
        <ButtonLink
          look="quiet"
          className="self-start"
          href="/walls"
          label="Behind the walls, room by room"
        />
      </View>
    </Page>
  );
}

function Rooms({ what }: { what: Closing }) {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  if (!plan) return null;
  const rooms = readiness(project, plan, what);
  const closed = closedUnrecorded(project, plan);
  const ready = rooms.filter(isReady);
  return (
    <>
      {rooms.length === 0 ? (
        <Empty
          title="No room is left to be closed"
          note="Rooms stand here while insulation or board is still to come in them."
        />
      ) : (
        <Strong>{`${ready.length} of ${countWords(rooms.length, 'room')} ready`}</Strong>
      )}
      {rooms.map((room) => (
        <Room key={room.place.id} room={room} />
      ))}
      {closed.length > 0 ? (
        <Section title="Closed unrecorded">
          {closed.map(({ place, surfaces }) => (
            <Slip
              key={place.id}
              state="held"
              title={place.name}
              note={`Nobody said what is behind ${surfaces.map((at) => surfaceTitle(at).toLowerCase()).join(', ')}.`}
            >
              <ButtonLink
                look="quiet"
                className="self-start"
                href={{ pathname: '/walls/[placeId]', params: { placeId: place.id } }}
                label="Say it wall by wall"
                hint={`Say it wall by wall: ${place.name}`}
              />
            </Slip>
          ))}
        </Section>
      ) : null}
    </>
  );
}

const isReady = ({ surfaces, jobs }: Readiness): boolean => surfaces.length + jobs.length === 0;

function Room({ room }: { room: Readiness }) {
  const today = useAppSelector(selectToday);
  const { place, job, surfaces, jobs } = room;
  return (
    <Slip
      state={isReady(room) ? 'ready' : 'held'}
      title={place.name}
      note={`${job.title}, planned for ${whenWords(job, today)}`}
      figure={isReady(room) ? 'ready' : countWords(surfaces.length + jobs.length, 'thing')}
      figureNote={isReady(room) ? undefined : 'missing'}
    >
      {isReady(room) ? (
        <Note>Nothing is missing: what is in it is recorded, and its visits have passed.</Note>
      ) : (
        <Missing surfaces={surfaces.map((at) => ({ place, at }))} jobs={jobs} />
      )}
    </Slip>
  );
}

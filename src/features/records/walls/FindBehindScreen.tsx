import { useState } from 'react';
import { View } from 'react-native';
import { findBehind, leftForLater, type Found } from '@/core/records/walls';
import { isOutside } from '@/core/house';
import { PictureOf } from '@/features/kit/photo';
import { Page } from '@/features/shell';
import { selectPlaces, selectProject, useAppSelector } from '@/store';
import { ButtonLink, Empty, Field, Note, Section, Slip } from '@/ui';
import { heldTitle, heldWords } from './words';

/** Everything behind every wall: found by a word, and what was left for later. */
export function FindBehindScreen() {
  const project = useAppSelector(selectProject);
  const rooms = useAppSelector(selectPlaces).filter(({ kind }) => !isOutside(kind));
  const [words, setWords] = useState('');
  const found = findBehind(project, words);
  const later = leftForLater(project);
  return (
    <Page title="Behind the walls">
      {rooms.length === 0 ? (
        <Empty title="No room yet" note="Add a room, then record what is behind its walls.">
          <ButtonLink look="main" href="/house/new" label="Add a room" />
        </Empty>
      ) : (
        <View className="gap-4">
          <Field
            label="Find by a word"
            placeholder="garden tap"
            value={words}
            onChangeText={setWords}
          />
          {words.trim() !== '' && found.length === 0 ? (
            <Note role="status">{`Nothing recorded says “${words.trim()}”.`}</Note>
          ) : null}
          <Things found={found} />
          {later.length > 0 ? (
            <Section title="Left for later">
              <Things found={later} />
            </Section>
          ) : null}
          <ButtonLink
            className="self-start"
            href="/ready"
            label="Ready for the insulators, the board?"
          />
          <Section title="Record or ask in a room">
            <View className="flex-row flex-wrap gap-2">
              {rooms.map(({ id, name }) => (
                <ButtonLink
                  key={id}
                  href={{ pathname: '/walls/[placeId]', params: { placeId: id } }}
                  label={name}
                />
              ))}
            </View>
          </Section>
        </View>
      )}
    </Page>
  );
}

function Things({ found }: { found: readonly Found[] }) {
  const { units } = useAppSelector(selectProject);
  return (
    <>
      {found.map(({ place, record, held }) => (
        <Slip
          key={`${record.id} ${record.holds.indexOf(held)}`}
          title={heldTitle(held)}
          note={`${place.name}, ${record.wall} · ${heldWords(held, record.at, units)}`}
        >
          {record.photoId ? (
            <PictureOf id={record.photoId} about={`${place.name}, ${record.wall}`} />
          ) : null}
          <ButtonLink
            look="quiet"
            className="self-start"
            href={{ pathname: '/walls/[placeId]', params: { placeId: place.id } }}
            label="Show the wall"
            hint={`Show the wall: ${heldTitle(held)}`}
          />
        </Slip>
      ))}
    </>
  );
}

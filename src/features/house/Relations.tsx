import { useState } from 'react';
import { View } from 'react-native';
import {
  RELATIONS,
  isOutside,
  relatedTo,
  relationsToAsk,
  type Place,
  type PlaceId,
  type RelationKind,
} from '@/core/house';
import { keep, selectPlaces, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Folded, Note, Section, Slip, Tick } from '@/ui';

const FIRST = 4;

type Row = { place: Place; kind: RelationKind; says: string };

/** How places belong together: guessed where nobody said, and the order follows it. */
export function Relations() {
  const places = useAppSelector(selectPlaces);
  const project = useAppSelector(selectProject);
  const rows = places.flatMap((place) =>
    relationsToAsk(place.kind).map((kind): Row & { known: boolean } => {
      const { to, told } = relatedTo(project, kind, place);
      const says = RELATIONS.find(({ id }) => id === kind)?.says ?? kind;
      return { place, kind, says, known: told || to.length > 0 };
    }),
  );
  // What is known first, the outside before the inside; the rest can be said where it matters.
  const rank = ({ known, kind }: (typeof rows)[number]) =>
    (known ? 0 : RELATIONS.length) + RELATIONS.findIndex(({ id }) => id === kind);
  const ordered = rows.toSorted((one, other) => rank(one) - rank(other));
  if (rows.length === 0) return null;
  return (
    <Section title="How places belong together">
      <Note>
        A face waits for the walls behind it, a ceiling for the pipes over it. Guesses are marked;
        put right what is not so.
      </Note>
      <Folded
        first={FIRST}
        more={`Show all ${rows.length} ways`}
        rows={ordered.map((row) => (
          <RelationRow key={`${row.kind} ${row.place.id}`} {...row} />
        ))}
      />
    </Section>
  );
}

function RelationRow({ place, kind, says }: Row) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const places = useAppSelector(selectPlaces);
  const [chosen, setChosen] = useState<ReadonlySet<PlaceId> | null>(null);
  const { to, told } = relatedTo(project, kind, place);
  const others = places.filter(
    (other) =>
      other.id !== place.id &&
      (kind === 'carries'
        ? other.kind === 'roof'
        : !isOutside(other.kind) || (kind === 'over' && other.kind === 'porch')),
  );
  const save = async () => {
    const payload = { kind, placeId: place.id, to: [...(chosen ?? [])] };
    const kept = await dispatch(
      keep([{ type: 'placesRelated', payload }], `${place.name} ${says}: kept.`),
    );
    if (kept) setChosen(null);
  };
  const names = to.map(({ name }) => name).join(', ');
  return (
    <Slip
      title={`${place.name} ${says}`}
      note={names || (told ? 'nothing' : 'not said')}
      figureNote={told ? 'told' : names ? 'a guess' : undefined}
    >
      {chosen ? (
        <View className="gap-2 pt-2">
          <View className="flex-row flex-wrap gap-2">
            {others.map(({ id, name }) => (
              <Tick
                key={id}
                label={name}
                on={chosen.has(id)}
                onChange={(on) => {
                  const next = new Set(chosen);
                  if (on) next.add(id);
                  else next.delete(id);
                  setChosen(next);
                }}
              />
            ))}
          </View>
          <View className="flex-row flex-wrap gap-2">
            <Button look="main" label="Keep it so" onPress={() => void save()} />
            <Button label="Leave it" onPress={() => setChosen(null)} />
          </View>
        </View>
      ) : (
        <Button
          look="quiet"
          className="self-start"
          label="Put it right"
          hint={`Put right: ${place.name} ${says}`}
          onPress={() => setChosen(new Set(to.map(({ id }) => id)))}
        />
      )}
    </Slip>
  );
}

import { useState } from 'react';
import { View } from 'react-native';
import {
  OPENING_CHANGES,
  openingChangeSchema,
  type OpeningChange,
  type OpeningSize,
} from '@/core/house';
import { needsHeader } from '@/core/steps/works';
import { formatLength, parseLength, type UnitSystem } from '@/core/units';
import { Button, Choice, Field, Note, Small, Strong, useKeeping } from '@/ui';

type Typed = { width: string; height: string; sill: string };
const EMPTY: Typed = { width: '', height: '', sill: '' };

const sizeWords = ({ width, height, sill }: OpeningSize, units: UnitSystem): string =>
  `${formatLength(width, units)} × ${formatLength(height, units)}${sill > 0 ? `, sill ${formatLength(sill, units)}` : ', to the floor'}`;

/** "Window to door: 3' × 4', sill 3' → 3' × 6' 9", to the floor". */
export function changeWords({ change, now, then }: OpeningChange, units: UnitSystem): string {
  const title = OPENING_CHANGES.find(({ id }) => id === change)?.title ?? change;
  const sizes = [now, then].flatMap((size) => (size ? [sizeWords(size, units)] : []));
  return sizes.length > 0 ? `${title}: ${sizes.join(' → ')}` : title;
}

type Read = { size: OpeningSize | null } | { error: string };

/** Nothing typed is "not known yet"; something typed must be a whole size. */
function readSize(typed: Typed, what: string): Read {
  if (Object.values(typed).every((text) => text.trim() === '')) return { size: null };
  const [width, height] = [parseLength(typed.width), parseLength(typed.height)];
  const isToFloor = typed.sill.trim() === '' || typed.sill.trim() === '0';
  const sill = isToFloor ? null : parseLength(typed.sill);
  if (!width.ok) return { error: `${what}: write the width as 3' or 36".` };
  if (!height.ok) return { error: `${what}: write the height as 6' 8" or 80".` };
  if (sill && !sill.ok) return { error: `${what}: write the sill as 36", or 0 to the floor.` };
  const size = { width: width.value, height: height.value, sill: sill?.ok ? sill.value : 0 };
  return { size: size as OpeningSize };
}

const HAS_NOW = (change: OpeningChange['change']) => change !== 'new';
const HAS_THEN = (change: OpeningChange['change']) => change !== 'closed';

/** One opening that changes: what to what, both sizes, and what is met in the wall. */
export function ChangeOpening({
  onKeep,
  onClose,
}: {
  onKeep: (opening: OpeningChange) => Promise<boolean>;
  onClose: () => void;
}) {
  const [change, setChange] = useState<OpeningChange['change']>('window-to-door');
  const [wall, setWall] = useState<OpeningChange['wall']>('frame');
  const [header, setHeader] = useState<'yes' | 'no'>('no');
  const [lines, setLines] = useState<'yes' | 'no'>('yes');
  const [now, setNow] = useState(EMPTY);
  const [then, setThen] = useState(EMPTY);
  const [error, setError] = useState<string>();
  const keeping = useKeeping({ change, wall, header, lines, now, then });
  const read = (): OpeningChange | undefined => {
    const [old, fresh] = [readSize(now, 'Now'), readSize(then, 'Then')];
    const wrong = 'error' in old ? old.error : 'error' in fresh ? fresh.error : undefined;
    setError(wrong);
    if ('error' in old || 'error' in fresh) return undefined;
    const parsed = openingChangeSchema.safeParse({
      change,
      wall,
      header: header === 'yes',
      linesInTheWay: lines === 'yes',
      now: HAS_NOW(change) ? old.size : null,
      then: HAS_THEN(change) ? fresh.size : null,
    });
    if (!parsed.success) {
      setError('A size is larger than any wall. Check the units.');
      return undefined;
    }
    return parsed.data;
  };
  const save = async () => {
    const opening = read();
    if (opening) await keeping(() => onKeep(opening), onClose);
  };
  const isLarge =
    change !== 'closed' &&
    (wall === 'masonry' ||
      needsHeader({
        change,
        wall,
        header: header === 'yes',
        linesInTheWay: lines === 'yes',
        now: null,
        then: null,
      }));
  return (
    <View className="gap-3 rounded-board border border-spruce p-3">
      <Strong>Change an opening</Strong>
      <Choice
        label="How it changes"
        value={change}
        options={OPENING_CHANGES.map(({ id, title }) => ({ value: id, label: title }))}
        onChange={setChange}
      />
      {HAS_NOW(change) ? <SizeFields title="Now" typed={now} onChange={setNow} /> : null}
      {HAS_THEN(change) ? <SizeFields title="Then" typed={then} onChange={setThen} /> : null}
      <Choice
        label="The wall"
        value={wall}
        options={[
          { value: 'frame', label: 'Frame wall' },
          { value: 'masonry', label: 'Masonry' },
        ]}
        onChange={setWall}
      />
      {HAS_THEN(change) ? (
        <>
          <Small>A header or lintel that carries the new width is there</Small>
          <Choice label="Header there" value={header} options={YES_NO} onChange={setHeader} />
        </>
      ) : null}
      <Small>Cable or pipe runs where the hole will be</Small>
      <Choice label="Lines in the way" value={lines} options={YES_NO} onChange={setLines} />
      <Note className="text-ink">
        {isLarge
          ? 'Two to four days, sheeted and locked each night. An engineer sizes what carries.'
          : 'One day: the hole is closed again before dusk. It never starts before the unit is here.'}
      </Note>
      {error ? (
        <Note role="alert" className="text-brick">
          {error}
        </Note>
      ) : null}
      <View className="flex-row flex-wrap gap-2">
        <Button look="main" label="Keep this opening" onPress={() => void save()} />
        <Button label="Leave it" onPress={onClose} />
      </View>
    </View>
  );
}

const YES_NO = [
  { value: 'yes' as const, label: 'Yes' },
  { value: 'no' as const, label: 'No, or not known' },
];

function SizeFields({
  title,
  typed,
  onChange,
}: {
  title: string;
  typed: Typed;
  onChange: (typed: Typed) => void;
}) {
  const field = (name: keyof Typed, label: string, placeholder: string) => (
    <Field
      className="min-w-[96px] flex-1"
      label={`${title}: ${label}`}
      placeholder={placeholder}
      value={typed[name]}
      onChangeText={(text) => onChange({ ...typed, [name]: text })}
    />
  );
  return (
    <View className="flex-row flex-wrap gap-2">
      {field('width', 'width', "3'")}
      {field('height', 'height', '6\' 8"')}
      {field('sill', 'sill', '0')}
    </View>
  );
}

import Camera from 'lucide-react-native/icons/camera';
import { useEffect, useState } from 'react';
import { Pressable } from 'react-native';
import { dayLogSchema, logIdSchema } from '@/core/house';
import { formatDate } from '@/core/units';
import { pickFile } from '@/features/kit/photo';
import {
  freshId,
  keep,
  limitWords,
  selectPlanIsBehind,
  selectProject,
  selectToday,
  takePhoto,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Small, usePalette } from '@/ui';
import { piecesOf } from './marks';
import { Lessons } from './Lessons';
import { Offers } from './Offers';
import type { Lesson } from '@/core/log/reader';
import type { LineReader } from './reader';
import { Strip, useDraftLine } from './Strip';
import { useLine } from './useLine';
import { useWhenRead } from './useWhenRead';

/** The reader of lines, once it came; it is sent for when somebody is about to type. */
function useReader(load: () => Promise<LineReader>, isWanted: boolean): LineReader | null {
  const [reader, setReader] = useState<LineReader | null>(null);
  useEffect(() => {
    let unmounted = false;
    if (isWanted && !reader) {
      void load().then(
        (found) => {
          if (!unmounted) setReader(() => found);
        },
        () => undefined,
      );
    }
    return () => {
      unmounted = true;
    };
  }, [load, isWanted, reader]);
  return reader;
}

/** One line, docked on every screen: say the evening in one breath, see its slips, keep them. */
export function LogStrip({ loadReader }: { loadReader: () => Promise<LineReader> }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { text, isLoading, type, takeOut } = useDraftLine('log strip');
  const [isAbout, setAbout] = useState(false);
  const reader = useReader(loadReader, isAbout || text !== '');
  const [asked, setAsked] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const [limit, setLimit] = useState<string | null>(null);
  const [photo, setPhoto] = useState<File | null>(null);
  const [lessons, setLessons] = useState<readonly Lesson[]>([]);
  const line = useLine(text, reader);

  const keepLine = async () => {
    if (text.trim() === '' || !reader || !line.reading) return;
    if (line.reading.fault || line.open.length > 0 || line.entries.length === 0) {
      setAsked(true);
      return;
    }
    const { date } = line.reading;
    const id = logIdSchema.parse(dispatch(freshId()));
    const newId = () => dispatch(freshId());
    const brought = reader.eventsOf(line.entries, line.answers, project, newId, date);
    const { entries } = brought;
    const answers = brought.answers.length > 0 ? { answers: [...brought.answers] } : {};
    const saidOn = date === today ? {} : { saidOn: today };
    const day = { id, date, line: text.trim(), entries, ...saidOn, ...answers };
    const read = dayLogSchema.safeParse(day);
    if (!read.success) {
      setLimit(`Not kept. ${limitWords(read.error.issues[0]?.path.join('.') ?? '')}`);
      return;
    }
    setKeeping(true);
    const when = date === today ? 'today' : formatDate(date, today);
    const kept = await dispatch(
      keep([...brought.events, { type: 'dayLogged', payload: day }], `Kept for ${when}.`),
    );
    const room = entries.flatMap((entry) => ('placeId' in entry ? (entry.placeId ?? []) : []))[0];
    if (kept && line.context) {
      setLessons(reader.lessonsOf(line.reading, line.answers, line.context));
    }
    if (kept && photo && room) await dispatch(takePhoto(photo, room, null));
    if (kept && takeOut(text)) {
      line.reset();
      setPhoto(null);
    }
    setKeeping(false);
  };
  // Read by the jobs of a moment ago, a line would be asked about what is clear now.
  const isBehind = useAppSelector(selectPlanIsBehind) || line.isBehind;
  const keepWhenRead = useWhenRead(keeping || isLoading || isBehind, keepLine);
  const hasRoom = line.entries.some((entry) => 'placeId' in entry && entry.placeId !== null);

  return (
    <Strip
      label="Say your evening"
      placeholder="Say your evening…"
      text={text}
      pieces={
        line.reading && line.said === text
          ? piecesOf(
              text,
              line.reading.parts.map(({ span }) => span),
              line.reading.ignored,
            )
          : null
      }
      refusal={limit ?? (asked ? whyNotKept(line) : null)}
      beside={<PhotoButton photo={photo} onTake={setPhoto} />}
      offers={
        lessons.length > 0 ? (
          <Lessons
            lessons={lessons}
            onSettled={(word) => setLessons(lessons.filter((one) => one.word !== word))}
          />
        ) : isAbout ? (
          <Offers onPick={type} />
        ) : null
      }
      onType={(next) => {
        type(next);
        setAsked(false);
        setLimit(null);
      }}
      onKeep={keepWhenRead}
      onFocus={() => setAbout(true)}
    >
      {reader ? <reader.Slips line={line} /> : <Small role="status">Reading…</Small>}
      {photo ? (
        <Small>
          {hasRoom
            ? 'The photo goes to the room and day of this line.'
            : 'Name a room in the line: the photo is kept there.'}
        </Small>
      ) : null}
    </Strip>
  );
}

function PhotoButton({
  photo,
  onTake,
}: {
  photo: File | null;
  onTake: (photo: File | null) => void;
}) {
  const palette = usePalette();
  const take = async () => onTake(photo ? null : ((await pickFile('image/*')) ?? null));
  return (
    <Pressable
      role="button"
      aria-label={photo ? 'Take the photo off this line' : 'Add a photo to this line'}
      aria-pressed={photo !== null}
      onPress={() => void take()}
      className={`min-h-target min-w-target items-center justify-center rounded-board border border-strip-line ${photo ? 'bg-straw' : 'bg-paper'}`}
    >
      <Camera aria-hidden size={22} color={palette.ink} />
    </Pressable>
  );
}

function whyNotKept({ reading, open, entries }: ReturnType<typeof useLine>): string | null {
  if (reading?.fault) return 'Not kept yet: say what was done.';
  if (open.length > 0) return 'Not kept yet: answer the question, or leave that part out.';
  return entries.length === 0 ? 'Not kept: nothing is left of the line.' : null;
}

import { useDeferredValue, useMemo, useState } from 'react';
import { View } from 'react-native';
import { logIdSchema, surveyIdOf, type PlaceId } from '@/core/house';
import type { EventBodyOf } from '@/core/journal';
import { readWalk, type WalkQuestion } from '@/core/log/walk/read';
import { DECISION_NAMES, ELEMENT_NAMES, surveyWords } from '@/features/survey/names';
import {
  freshId,
  keep,
  placeNameIn,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, Slip, Strong } from '@/ui';
import { Strip, useDraftLine } from './Strip';
import { useWhenRead } from './useWhenRead';

const QUESTIONS: Record<WalkQuestion['code'], (about: string) => string> = {
  'which-place': (about) => `Which place is “${about}” in?`,
  'which-decision': (about) => `What is to become of “${about}”?`,
  'no-such-element': (about) => `“${about}”: this place has no such thing. Where is it?`,
};

/** On the walk the strip takes what one sees: "window replace, sill rotten, floor keep and sand". */
export function WalkStrip({ placeId }: { placeId: PlaceId | null }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { text, type, takeOut } = useDraftLine('walk strip');
  const [answers, setAnswers] = useState<Record<string, number>>({});
  const [asked, setAsked] = useState(false);
  const [keeping, setKeeping] = useState(false);
  const said = useDeferredValue(text);
  const reading = useMemo(
    () => readWalk(said, project, placeId, today),
    [said, project, placeId, today],
  );
  const open = reading.questions.filter(({ id }) => answers[id] === undefined);
  const surveys = [
    ...reading.surveys,
    ...reading.questions.flatMap(({ id, choices }) => choices[answers[id] ?? -1]?.surveys ?? []),
  ];
  const keepLine = async () => {
    if (text.trim() === '') return;
    if (open.length > 0 || surveys.length + reading.notes.length === 0) {
      setAsked(true);
      return;
    }
    setKeeping(true);
    const count = surveys.length + reading.notes.length;
    const what = count === 1 ? 'one thing' : `${count} things`;
    const kept = await dispatch(
      keep(
        [
          ...surveys.map((payload): EventBodyOf => ({ type: 'elementSurveyed', payload })),
          ...notesKept(),
        ],
        `Noted ${what} on the walk.`,
      ),
    );
    setKeeping(false);
    if (kept && takeOut(text)) setAnswers({});
  };
  /** What names no element stays as a note of its place, in the journal of the day. */
  const notesKept = (): EventBodyOf[] =>
    reading.notes.length === 0
      ? []
      : [
          {
            type: 'dayLogged',
            payload: {
              id: logIdSchema.parse(dispatch(freshId())),
              date: today,
              line: text.trim(),
              entries: reading.notes.map((note) => ({ kind: 'note', ...note })),
            },
          },
        ];
  const keepWhenRead = useWhenRead(keeping || said !== text, keepLine);
  return (
    <Strip
      label="Say what you see"
      placeholder="Say what you see…"
      text={text}
      refusal={
        asked
          ? open.length > 0
            ? 'Not kept yet: answer the question, or leave that part out.'
            : 'Not kept: nothing is left of the line.'
          : null
      }
      onType={(next) => {
        type(next);
        setAsked(false);
      }}
      onKeep={keepWhenRead}
    >
      <View role="list" aria-label="What this line will note" className="gap-2">
        {surveys.map((survey) => (
          <View key={surveyIdOf(survey)} role="listitem">
            <Slip
              title={`${ELEMENT_NAMES[survey.element]}, ${placeNameIn(project, survey.placeId)}`}
              note={surveyWords(survey)}
            />
          </View>
        ))}
        {reading.notes.map((note) => (
          <View key={note.text} role="listitem">
            <Slip title={note.text} note={`a note of ${placeNameIn(project, note.placeId)}`} />
          </View>
        ))}
        {open.map((question) => (
          <View
            key={question.id}
            role="listitem"
            className="gap-2 rounded-board border border-straw-deep bg-straw-pale p-3"
          >
            <Strong>{QUESTIONS[question.code](question.about)}</Strong>
            <View className="flex-row flex-wrap gap-2">
              {question.choices.map(({ label }, at) => (
                <Button
                  key={at}
                  label={
                    label.kind === 'decision'
                      ? DECISION_NAMES[label.decision]
                      : label.kind === 'place'
                        ? placeNameIn(project, label.placeId)
                        : 'Leave it out'
                  }
                  onPress={() => setAnswers({ ...answers, [question.id]: at })}
                />
              ))}
            </View>
          </View>
        ))}
      </View>
    </Strip>
  );
}

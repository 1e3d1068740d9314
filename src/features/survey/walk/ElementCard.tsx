import { useState } from 'react';
import { View } from 'react-native';
import { surveyIdOf, type Decision, type Element, type Place, type Survey } from '@/core/house';
import { freshSurvey } from '@/core/survey/walk';
import { TakeBack } from '@/features/history';
import { Photos } from '@/features/kit/photo';
import { DECISION_NAMES, ELEMENT_NAMES, surveyWords } from '@/features/survey/names';
import { keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Board, Button, Choice, Note, Strong, type BoardState } from '@/ui';
import { ElementEditor } from './ElementEditor';
import { Settle } from './Settle';

/** The four decisions under the thumb; the rest, and everything else to say, opens behind them. */
const QUICK: readonly Decision[] = ['keep', 'repair', 'replace', 'undecided'];

const BOARDS: Record<Decision, BoardState> = {
  keep: 'done',
  clean: 'ready',
  repair: 'ready',
  replace: 'ready',
  remove: 'ready',
  move: 'ready',
  add: 'ready',
  undecided: 'held',
};

/** One element of a place: one tap decides, a second opens what else there is to say. */
export function ElementCard({ place, element }: { place: Place; element: Element }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const [open, setOpen] = useState(false);
  const id = surveyIdOf({ placeId: place.id, element });
  const survey = project.surveys[id];
  const note = (next: Survey) =>
    dispatch(
      keep(
        [{ type: 'elementSurveyed', payload: next }],
        `${place.name}, ${ELEMENT_NAMES[element].toLowerCase()}: ${DECISION_NAMES[next.decision]}.`,
      ),
    );
  const decide = (decision: Decision) =>
    note(
      survey
        ? { ...survey, decision, how: null, on: today }
        : freshSurvey(project, place.id, element, decision, today),
    );
  const shown = survey && !QUICK.includes(survey.decision) ? [...QUICK, survey.decision] : QUICK;
  return (
    <View
      role="group"
      aria-label={ELEMENT_NAMES[element]}
      className="gap-2 rounded-board border border-line bg-paper px-3 py-2"
    >
      <View className="flex-row items-center gap-2">
        <Board state={survey ? BOARDS[survey.decision] : 'later'} height={24} />
        <View className="min-w-0 flex-1">
          <Strong>{ELEMENT_NAMES[element]}</Strong>
          <Note>{survey ? surveyWords(survey) : 'not looked at yet'}</Note>
        </View>
        <Button
          look="quiet"
          label={open ? 'Close' : 'Say more'}
          hint={`${open ? 'Close' : 'Say more of'} ${ELEMENT_NAMES[element].toLowerCase()}`}
          onPress={() => setOpen(!open)}
        />
      </View>
      <Choice
        label={`What becomes of the ${ELEMENT_NAMES[element].toLowerCase()}`}
        tight
        value={survey?.decision ?? null}
        options={shown.map((value) => ({ value, label: DECISION_NAMES[value] }))}
        onChange={(decision) => void decide(decision)}
      />
      <Photos
        placeId={place.id}
        element={element}
        about={ELEMENT_NAMES[element].toLowerCase()}
        take={open || survey !== undefined}
      />
      {open ? (
        <ElementEditor
          place={place}
          survey={survey ?? freshSurvey(project, place.id, element, 'undecided', today)}
          onSurvey={note}
          onDone={() => setOpen(false)}
        />
      ) : null}
      {survey?.suspicion && !project.settlements[id] ? <Settle survey={survey} /> : null}
      {open && survey ? (
        <TakeBack
          about={`element/${id}`}
          what={`${place.name}, ${ELEMENT_NAMES[element].toLowerCase()}`}
        />
      ) : null}
      {project.settlements[id] ? (
        <TakeBack
          about={`suspicion/${id}`}
          what={`what opening up the ${ELEMENT_NAMES[element].toLowerCase()} showed`}
          label="Take back what it showed"
        />
      ) : null}
    </View>
  );
}

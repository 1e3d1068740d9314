import { useState } from 'react';
import { View } from 'react-native';
import { inspectionStatuses, visitsLeftOut } from '@/core/records/inspections';
import { countWords } from '@/core/units';
import { Page, PlanState } from '@/features/shell';
import {
  keep,
  placeOf,
  selectIsDemo,
  selectPlan,
  selectProject,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Body, Button, ButtonLink, Caution, Empty, Folded, Note, Section, Slip } from '@/ui';
import { Office } from './Office';
import { InspectionSlip } from './InspectionSlip';
import { VisitForm } from './VisitForm';

/** Every inspector's visit in the order of its days, with what each looks at, holds and would move. */
export function VisitsScreen() {
  return (
    <Page title="Inspections">
      <PlanState />
      <Ladder />
    </Page>
  );
}

function Ladder() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const isDemo = useAppSelector(selectIsDemo);
  const [adding, setAdding] = useState(false);
  if (!plan) return null;
  const rungs = inspectionStatuses(project, plan);
  const passed = rungs.filter(({ state }) => state === 'passed');
  const open = rungs.filter(({ state }) => state !== 'passed');
  return (
    <View className="gap-4">
      {rungs.length === 0 && !adding ? (
        <Empty
          title="No inspection is planned"
          note="Works with pipes, cables or structure bring theirs. Your building office may ask for others."
        >
          <ButtonLink href="/house" label="Choose works in a room" />
        </Empty>
      ) : (
        <Caution>
          <Body>
            These are the usual ones for your works. Which apply is your building office’s word: ask
            it, then take off what it does not want and add what it does.
          </Body>
        </Caution>
      )}
      {open.map((status) => (
        <InspectionSlip key={status.job.id} status={status} />
      ))}
      {passed.length > 0 ? (
        <Folded
          first={0}
          more={`${countWords(passed.length, 'inspection')} passed`}
          rows={passed.map((status) => (
            <InspectionSlip key={status.job.id} status={status} />
          ))}
        />
      ) : null}
      {adding ? (
        <VisitForm onDone={() => setAdding(false)} />
      ) : (
        <Button
          className="self-start"
          label="Add one the office asks for"
          onPress={() => setAdding(true)}
        />
      )}
      <LeftOut />
      {isDemo ? <Office rungs={open} /> : null}
    </View>
  );
}

/** Those that the office does not ask for here. */
function LeftOut() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const dropped = plan ? visitsLeftOut(project, plan) : [];
  if (dropped.length === 0) return null;
  return (
    <Section title="Not asked for here">
      {dropped.map((visit) => (
        <Slip
          key={visit.id}
          title={visit.title}
          note={`${placeOf(project, visit)} · ${project.droppedJobs[visit.id]?.because ?? ''}`}
        >
          <Button
            look="quiet"
            className="self-start"
            label="It applies after all"
            hint={`It applies after all: ${visit.title}`}
            onPress={() =>
              void dispatch(
                keep(
                  [{ type: 'jobBroughtBack', payload: { jobId: visit.id } }],
                  `Applies after all: ${visit.title}.`,
                ),
              )
            }
          />
        </Slip>
      ))}
      <Note>A gate that needs one of them asks for your own check instead.</Note>
    </Section>
  );
}

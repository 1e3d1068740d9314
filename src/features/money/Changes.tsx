import { useState } from 'react';
import { View } from 'react-native';
import type { ChangeOrder } from '@/core/house';
import { cascadeOf, changeTree, findsOpen, type ChangeStanding } from '@/core/money';
import { countWords, formatAbout, formatDate, formatMinutes } from '@/core/units';
import { JobSlip } from '@/features/job';
import {
  keep,
  placeNameIn,
  selectPlan,
  selectProject,
  selectToday,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Button, ButtonLink, Empty, Folded, Note, Section, Slip, Strong } from '@/ui';
import { ChangeForm } from './ChangeForm';

const CAUSES = { find: 'found', wish: 'wished', office: 'asked by an office', change: 'led to by' };

/** Change orders with their causes: what each find led to, and the hours and money at every step of it. */
export function Changes() {
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const [open, setOpen] = useState<ChangeOrder | 'new' | null>(null);
  const close = () => setOpen(null);
  const tree = changeTree(project, plan);
  return (
    <View className="gap-5">
      {open === 'new' ? (
        <ChangeForm change={null} onDone={close} />
      ) : (
        <Button
          look="main"
          className="self-start"
          label="Add a change order"
          onPress={() => setOpen('new')}
        />
      )}
      {open !== null && open !== 'new' ? <ChangeForm change={open} onDone={close} /> : null}
      {tree.length === 0 ? (
        <Empty
          title="Change orders will stand here"
          note="A find or a wish that becomes jobs and money, with its cause. What one leads to hangs under it."
        />
      ) : (
        <Section
          title="Change orders"
          sum={countWords(Object.keys(project.changes).length, 'change')}
        >
          {tree.map((standing) => (
            <Cascade key={standing.change.id} standing={standing} depth={0} onChange={setOpen} />
          ))}
        </Section>
      )}
      <Finds />
      <ButtonLink className="self-start" href="/walk/told" label="Scope then and now" />
    </View>
  );
}

/** How far a step of a cascade stands in, up to which depth. */
const STEP = 14;
const DEEPEST = 5;

/** One change and, hanging under it by a line, what it led to; with what all of it comes to. */
function Cascade({
  standing,
  depth,
  onChange,
}: {
  standing: ChangeStanding;
  depth: number;
  onChange: (change: ChangeOrder) => void;
}) {
  const project = useAppSelector(selectProject);
  const { currency } = project;
  const { change, jobs, ledTo } = standing;
  const all = cascadeOf(standing);
  return (
    <View
      className={depth > 0 ? 'gap-2 border-l-2 border-brick pl-2' : 'gap-2'}
      style={{ marginLeft: depth > 0 && depth <= DEEPEST ? STEP : 0 }}
    >
      <ChangeSlip standing={standing} onChange={() => onChange(change)} />
      {jobs.map((job) => (
        <View key={job.id} style={{ marginLeft: STEP }}>
          <JobSlip job={job} />
        </View>
      ))}
      {ledTo.map((next) => (
        <Cascade key={next.change.id} standing={next} depth={depth + 1} onChange={onChange} />
      ))}
      {depth === 0 && ledTo.length > 0 ? (
        <Strong>{`In all ${formatMinutes(all.minutes)}, about ${formatAbout(all.cents, currency)}, ${countWords(all.jobs, 'job')}.`}</Strong>
      ) : null}
    </View>
  );
}

function ChangeSlip({ standing, onChange }: { standing: ChangeStanding; onChange: () => void }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const { change, minutes, cents, jobs } = standing;
  const led = change.cause.kind === 'change' ? project.changes[change.cause.changeId]?.title : '';
  return (
    <Slip
      title={change.title}
      note={`${placeNameIn(project, change.placeId)} · ${CAUSES[change.cause.kind]} ${led ?? ''}${led ? ': ' : ''}${change.cause.text} · ${formatDate(change.on, today)}`}
      figure={`about ${formatAbout(cents, project.currency)}`}
      figureNote={`${formatMinutes(minutes)} · from the ${change.drawsOn}`}
    >
      {jobs.length === 0 ? <Note>No job of it yet.</Note> : null}
      <View className="flex-row flex-wrap gap-3">
        <ButtonLink
          look="quiet"
          href={{ pathname: '/job/new', params: { change: change.id } }}
          label="Add a job to it"
          hint={`Add a job to: ${change.title}`}
        />
        <Button
          look="quiet"
          label="Put right"
          hint={`Put right: ${change.title}`}
          onPress={onChange}
        />
        <Button
          look="quiet"
          label="Call it off"
          hint={`Call off: ${change.title}`}
          onPress={() =>
            void dispatch(
              keep(
                [{ type: 'changeWithdrawn', payload: { changeId: change.id } }],
                `Called off: ${change.title}, with its jobs.`,
              ),
            )
          }
        />
      </View>
    </Slip>
  );
}

/** Finds of the log that no change answers yet. */
function Finds() {
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const finds = findsOpen(project);
  if (finds.length === 0) return null;
  return (
    <Section title="Finds without a change" sum={String(finds.length)}>
      <Folded
        first={3}
        more={`Show all ${finds.length}`}
        rows={finds.map(({ id, date, entry }) => (
          <Slip
            key={id}
            title={entry.text}
            note={placeNameIn(project, entry.placeId)}
            figure={formatDate(date, today)}
          >
            <ButtonLink
              look="quiet"
              className="self-start"
              href={{ pathname: '/job/new', params: { find: id } }}
              label="Make a job of it"
              hint={`Make a job of it: ${entry.text}`}
            />
          </Slip>
        ))}
      />
    </Section>
  );
}

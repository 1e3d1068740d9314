import { View } from 'react-native';
import type { JobId } from '@/core/house';
import type { PlannedJob } from '@/core/planning/report';
import { keep, selectJobsById, selectProject, useAppDispatch, useAppSelector } from '@/store';
import { Button, Note, Small, SubHeading } from '@/ui';

type Waits = PlannedJob['predecessors'][number];

/** What may be done about a rule: usual practice can be set aside, one's own taken back, the others stay. */
export function RuleActions({ link, after }: { link: Waits; after: PlannedJob }) {
  const dispatch = useAppDispatch();
  const { ownRules } = useAppSelector(selectProject);
  const pair = { before: link.jobId, after: after.id };
  const own = Object.values(ownRules).find(
    (rule) => rule.before === pair.before && rule.after === pair.after,
  );
  if (own) {
    return (
      <Button
        look="quiet"
        className="self-start"
        label="Take your rule back"
        hint={`Take your rule back: ${own.because}`}
        onPress={() =>
          void dispatch(
            keep([{ type: 'ruleTakenBack', payload: { id: own.id } }], 'Took a rule back.'),
          )
        }
      />
    );
  }
  if (link.strength === 'own') return null;
  if (link.strength !== 'practice') {
    return <Small>{`A rule of ${RULE_KINDS[link.strength]}: it stays.`}</Small>;
  }
  return (
    <Button
      look="quiet"
      className="self-start"
      label="Set this rule aside"
      hint={`Set aside: ${link.why}`}
      onPress={() =>
        void dispatch(
          keep(
            [{ type: 'ruleOverruled', payload: { ...pair, because: 'Set aside by the owner.' } }],
            `Set aside: ${link.why}`,
          ),
        )
      }
    />
  );
}

const RULE_KINDS: Record<Exclude<Waits['strength'], 'practice' | 'own'>, string> = {
  safety: 'safety',
  inspection: 'inspection',
  'cover-up': 'what must be seen before it is covered',
  physics: 'how things stand and dry',
};

/**
 * Own rules that say what follows anyway stand in no list of what a job waits for: here they are, to be taken back.
 */
export function RulesAnyway({ job }: { job: PlannedJob }) {
  const dispatch = useAppDispatch();
  const { ownRules } = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const shown = new Set(job.predecessors.map(({ jobId }) => jobId));
  const rules = Object.values(ownRules).filter(
    ({ before, after }) => after === job.id && !shown.has(before) && jobs.has(before),
  );
  return rules.map((rule) => (
    <View key={rule.id} className="flex-row flex-wrap items-center gap-x-3">
      <Note className="flex-1 text-ink">
        {`Yours: after “${jobs.get(rule.before)?.title ?? ''}”, ${rule.because}. It follows anyway.`}
      </Note>
      <Button
        look="quiet"
        label="Take your rule back"
        hint={`Take your rule back: ${rule.because}`}
        onPress={() =>
          void dispatch(
            keep([{ type: 'ruleTakenBack', payload: { id: rule.id } }], 'Took a rule back.'),
          )
        }
      />
    </View>
  ));
}

/** Rules between this job and another that were set aside, with the way back. */
export function SetAside({ job }: { job: PlannedJob }) {
  const dispatch = useAppDispatch();
  const { overruled } = useAppSelector(selectProject);
  const jobs = useAppSelector(selectJobsById);
  const pairs = Object.keys(overruled).flatMap((key) => {
    const [before = '', after = ''] = key.split('>');
    const other = before === job.id ? after : after === job.id ? before : undefined;
    const named = [...jobs.values()].find(({ id }) => id === other);
    return named ? [{ key, before: before as JobId, after: after as JobId, named }] : [];
  });
  if (pairs.length === 0) return null;
  return (
    <View className="gap-1">
      <SubHeading>Rules you set aside</SubHeading>
      {pairs.map(({ key, before, after, named }) => (
        <View key={key} className="flex-row flex-wrap items-center gap-x-3">
          <Note className="flex-1 text-ink">
            {before === job.id
              ? `This need not come before “${named.title}”.`
              : `“${named.title}” need not come before this.`}
          </Note>
          <Button
            look="quiet"
            label="Follow it again"
            hint={`Follow it again: ${named.title}`}
            onPress={() =>
              void dispatch(
                keep(
                  [{ type: 'ruleRestored', payload: { before, after } }],
                  'The rule holds again.',
                ),
              )
            }
          />
        </View>
      ))}
    </View>
  );
}

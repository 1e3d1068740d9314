import { useState } from 'react';
import { View } from 'react-native';
import { forwardOptions, waysToKeep } from '@/core/planning/scenarios/compare/forward';
import { planningInputOf, type JobId } from '@/core/house';
import { chainBack } from '@/core/planning/explanation';
import { countWords } from '@/core/units';
import { keep, selectPlan, selectProject, useAppDispatch, useAppSelector, weigh } from '@/store';
import { Button, Note } from '@/ui';

type Ways = ReturnType<typeof waysToKeep>;

/** A hard date that cannot be kept: what would save it, each way measured by planning the house with it. */
export function WhatSaves({ lastJobId }: { lastJobId: JobId }) {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const plan = useAppSelector(selectPlan);
  const [ways, setWays] = useState<Ways | null>(null);
  const [working, setWorking] = useState(false);
  if (!plan) return null;
  const ask = async () => {
    setWorking(true);
    const chain = chainBack(plan, lastJobId).map(({ jobId }) => jobId);
    const options = forwardOptions(planningInputOf(project), plan, chain);
    const result = await dispatch(weigh(options, new AbortController().signal));
    setWorking(false);
    if (result?.ok) setWays(waysToKeep(options, result.value));
  };
  const take = async ({ title, changes }: Ways[number]['option']) => {
    // What was measured held for the house before.
    if (await dispatch(keep(changes, `${title}.`))) setWays(null);
  };
  if (!ways) {
    return (
      <View className="gap-2">
        <Note className="text-brick">The plan puts it first already.</Note>
        <Button
          className="self-start"
          disabled={working}
          label={working ? 'Planning each way…' : 'What would save it?'}
          onPress={() => void ask()}
        />
      </View>
    );
  }
  return (
    <View className="gap-2">
      {ways.length === 0 ? (
        <Note className="text-ink">
          None of the ways tried saves a day: fewer works, or a later date, are what is left.
        </Note>
      ) : null}
      {ways.map(({ option, daysSaved, daysLate }) => (
        <View key={option.id} className="flex-row flex-wrap items-center gap-3">
          <Note className="flex-1 text-ink">
            {`${option.title}: saves ${countWords(daysSaved, 'day')}, ${daysLate === 0 ? 'in time' : `${countWords(daysLate, 'day')} late still`}.`}
          </Note>
          <Button
            look="quiet"
            label="Do it"
            hint={`Do it: ${option.title}`}
            onPress={() => void take(option)}
          />
        </View>
      ))}
    </View>
  );
}

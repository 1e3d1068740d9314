import { View } from 'react-native';
import { favoursOpen, nextsOpen } from '@/core/house';
import { formatDate, formatMinutes } from '@/core/units';
import { keep, selectProject, selectToday, useAppDispatch, useAppSelector } from '@/store';
import { Button, ButtonLink, Section, Slip } from '@/ui';

/** What was put off in the log, until it is done. What has its day ahead waits for it. */
export function PutOff() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const due = nextsOpen(project).filter(({ day, saidOn }) => (day ?? saidOn) <= today);
  if (due.length === 0) return null;
  return (
    <Section title="Put off till now" sum="from the log">
      <View className="gap-2">
        {due.map(({ id, text, saidOn }) => (
          <Slip key={id} title={text} note={`said ${formatDate(saidOn, today)}`}>
            <View className="flex-row flex-wrap gap-4">
              <Button
                look="quiet"
                label="Done"
                hint={`Done: ${text}`}
                onPress={() =>
                  void dispatch(
                    keep([{ type: 'nextDone', payload: { id, on: today } }], `Done: ${text}.`),
                  )
                }
              />
              <ButtonLink
                look="quiet"
                href={{ pathname: '/job/new', params: { next: id } }}
                label="Make a job of it"
                hint={`Make a job of it: ${text}`}
              />
            </View>
          </Slip>
        ))}
      </View>
    </Section>
  );
}

/** Help that is owed, ours and theirs, until it is paid back. */
export function HelpOwed() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const today = useAppSelector(selectToday);
  const owed = favoursOpen(project);
  if (owed.length === 0) return null;
  return (
    <Section title="Help owed" sum="from the log">
      <View className="gap-2">
        {owed.map(({ who, minutes }) => (
          <Slip
            key={who}
            title={minutes > 0 ? `We owe ${who}` : `${who} owes us`}
            figure={formatMinutes(Math.abs(minutes))}
          >
            <Button
              look="quiet"
              className="self-start"
              label="Paid back"
              hint={`Paid back: ${who}`}
              onPress={() =>
                void dispatch(
                  keep(
                    [{ type: 'favourSettled', payload: { who, on: today } }],
                    `Help of ${who} is settled.`,
                  ),
                )
              }
            />
          </Slip>
        ))}
      </View>
    </Section>
  );
}

import { Page } from '@/features/shell';
import {
  chooseTheme,
  keep,
  selectProject,
  selectSession,
  useAppDispatch,
  useAppSelector,
} from '@/store';
import { Choice, Note, Section } from '@/ui';
import { BudgetForm } from './BudgetForm';
import { CalendarForm } from './CalendarForm';
import { HouseForm } from './HouseForm';
import { PeopleForm } from './PeopleForm';
import { TaughtWords } from './TaughtWords';
import { ThisDevice } from './ThisDevice';
import { WaysForm } from './WaysForm';

export function SettingsScreen() {
  const dispatch = useAppDispatch();
  const project = useAppSelector(selectProject);
  const { settings } = useAppSelector(selectSession);
  return (
    <Page title="Settings">
      <Section title="Theme">
        <Choice
          label="Theme"
          value={settings.theme}
          options={[
            { value: 'system', label: 'as the device' },
            { value: 'day', label: 'day' },
            { value: 'night', label: 'night' },
          ]}
          onChange={(theme) => void dispatch(chooseTheme(theme))}
        />
      </Section>
      <Section title="Show sizes in">
        <Choice
          label="Show sizes in"
          value={project.units}
          options={[
            { value: 'imperial', label: 'feet and inches' },
            { value: 'metric', label: 'metres' },
          ]}
          onChange={(units) =>
            void dispatch(
              keep([{ type: 'unitsChosen', payload: { units } }], 'Sizes show in the other units.'),
            )
          }
        />
        <Note>Typed sizes may be in either at any time; nothing is rounded by changing this.</Note>
      </Section>
      <WaysForm project={project} />
      <TaughtWords project={project} />
      <PeopleForm people={project.people} />
      <CalendarForm people={project.people} rest={project.outsideRest} />
      <BudgetForm project={project} />
      <HouseForm house={project.house} />
      <ThisDevice />
    </Page>
  );
}

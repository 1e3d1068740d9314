import { Section, Slip } from '@/ui';
import { Page } from './Page';
import { BEHIND, FURTHER } from './places';

/** On a phone, the places that do not hang on the rail. */
export function MoreScreen() {
  return (
    <Page title="Further places">
      <Section title="Also in this house">
        {[...FURTHER, ...BEHIND].map(({ href, label, note }) => (
          <Slip key={href} title={label} note={note} href={href} />
        ))}
      </Section>
    </Page>
  );
}
